// Writes the manual page of lift-count-cli and what bash completes of it and of lift-count, from the table of verbs
// that the program itself reads: write_cli_pages FOLDER "Month D, YYYY".
#include "cli/command_line.h"

#include <cstdio>
#include <fstream>
#include <string>

namespace {

/// Text as roff takes it: no line begins with a dot or a quote, backslashes stay, other letters than ASCII by number.
std::string roff(const std::string& text) {
    std::string out;
    for (std::size_t i = 0; i < text.size();) {
        const auto byte = static_cast<unsigned char>(text[i]);
        if (byte == '\\') out += "\\e";
        if (byte == '-') out += "\\-";
        if (byte < 0x80) {
            if (byte != '\\' && byte != '-') out += text[i];
            ++i;
            continue;
        }
        const int length = byte >= 0xF0 ? 4 : byte >= 0xE0 ? 3 : 2;
        unsigned point = byte & (0xFFu >> (length + 1));
        for (int k = 1; k < length; ++k)
            point = point << 6 | (static_cast<unsigned char>(text.at(i + static_cast<std::size_t>(k))) & 0x3Fu);
        char name[16];
        std::snprintf(name, sizeof name, "\\[u%04X]", point);
        out += name;
        i += static_cast<std::size_t>(length);
    }
    return (out.empty() || (out.front() != '.' && out.front() != '\'') ? "" : "\\&") + out;
}

/// "--bpm" of an option with a long name, otherwise "-o".
std::string nameOf(const CLI::Option& option) {
    const auto& longNames = option.get_lnames();
    return longNames.empty() ? "-" + option.get_snames().front() : "--" + longNames.front();
}

std::string manualPage(CLI::App& app, const std::string& date) {
    std::string out = ".Dd " + date + "\n.Dt LIFT-COUNT-CLI 1\n.Os\n.Sh NAME\n.Nm lift-count-cli\n" +
                      ".Nd map songs, read counts, land routines, write sheets\n.Sh SYNOPSIS\n.Nm\n.Ar verb\n" +
                      ".Op Ar options\n.Nm\n.Fl -help\n.Sh DESCRIPTION\n" + roff(app.get_description()) +
                      "\nEach verb tells its options with\n.Fl -help .\n.Sh VERBS\n.Bl -tag -width Ds\n";
    for (const CLI::App* verb : app.get_subcommands({})) {
        out += ".It Cm " + verb->get_name();
        for (const CLI::Option* option : verb->get_options())
            if (option->get_positional()) out += " Ar " + option->get_name(true);
        out += "\n" + roff(verb->get_description()) + ".\n.Bl -tag -width Ds\n";
        for (const CLI::Option* option : verb->get_options()) {
            if (option->get_positional())
                out += ".It Ar " + option->get_name(true) + "\n";
            else
                out += ".It Fl " + roff(nameOf(*option).substr(1)) +
                       (option->get_items_expected_max() > 0 ? " Ar value\n" : "\n");
            out += roff(option->get_description()) + ".\n";
        }
        out += ".El\n";
    }
    return out + ".El\n.Sh EXIT STATUS\n0 where the verb was done, 1 where a file or a value cannot be used, 2 where " +
           "the command line is not understood.\n.Sh EXAMPLES\n.Dl lift-count-cli map song.ogg\n.Dl lift-count-cli " +
           "land dance.liftcount\n.Dl lift-count-cli sheet dance.liftcount -o dance.pdf\n.Sh SEE ALSO\n" +
           ".Xr lift-count 1\n";
}

std::string completion(CLI::App& app) {
    std::string verbs, cases;
    for (const CLI::App* verb : app.get_subcommands({})) {
        verbs += (verbs.empty() ? "" : " ") + verb->get_name();
        std::string options;
        for (const CLI::Option* option : verb->get_options())
            if (!option->get_positional()) options += (options.empty() ? "" : " ") + nameOf(*option);
        cases += "        " + verb->get_name() + ") words=\"" + options + "\" ;;\n";
    }
    return "# bash completion of lift-count and lift-count-cli: verbs and options, and files everywhere else.\n"
           "_lift_count_cli() {\n"
           "    local word=${COMP_WORDS[COMP_CWORD]} words=\"\"\n"
           "    if [ \"$COMP_CWORD\" -eq 1 ]; then\n"
           "        mapfile -t COMPREPLY < <(compgen -W \"" +
           verbs +
           " --help --version\" -- \"$word\")\n"
           "        return\n"
           "    fi\n"
           "    case ${COMP_WORDS[1]} in\n" +
           cases +
           "    esac\n"
           "    case $word in\n"
           "        -*) mapfile -t COMPREPLY < <(compgen -W \"$words\" -- \"$word\") ;;\n"
           "        *) compopt -o default ;;\n"
           "    esac\n"
           "}\n"
           "complete -F _lift_count_cli lift-count-cli\n"
           "complete -o default -W \"--silent --demo --vocabulary --help --version\" lift-count\n";
}

} // namespace

int main(int argc, char** argv) {
    if (argc != 3) {
        std::fputs("write_cli_pages FOLDER DATE\n", stderr);
        return 2;
    }
    lc::cli::CommandLine line;
    const std::string folder = argv[1];
    std::ofstream page(folder + "/lift-count-cli.1"), words(folder + "/lift-count.bash");
    page << manualPage(line.app(), argv[2]);
    words << completion(line.app());
    page.close();
    words.close();
    return page && words ? 0 : 1;
}
