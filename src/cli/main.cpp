#include "cli/command_line.h"
#include "core/base/plain_text.h"
#include "sheets/faces.h"

#include <QGuiApplication>

#include <cerrno>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <filesystem>

namespace {

/// Everything on its way to a person or a program; a full disk or a closed pipe is a fault like any other.
int finish(const lc::Result<lc::cli::Output>& result) {
    if (!result) {
        std::fprintf(stderr, "%s\n", lc::shown(result.error().message.english()).c_str());
        return 1;
    }
    std::fputs(lc::shown(result->notes).c_str(), stderr);
    const std::string text = result->data ? result->text : lc::shown(result->text);
    if (std::fwrite(text.data(), 1, text.size(), stdout) == text.size() && std::fflush(stdout) == 0) return 0;
    std::fprintf(stderr, "The result could not be written to the standard output: %s.\n", std::strerror(errno));
    return 1;
}

/// Words among the arguments must be text; names of files are bytes.
std::optional<std::string> noTextAmong(int argc, char** argv) {
    for (int i = 1; i < argc; ++i) {
        std::error_code error;
        if (lc::isUtf8(argv[i]) || std::filesystem::exists(argv[i], error) || std::string_view(argv[i - 1]) == "-o")
            continue;
        return "“" + lc::shown(argv[i]) + "” is neither text in UTF-8 nor a file that is there.";
    }
    return std::nullopt;
}

int run(int argc, char** argv) {
    std::signal(SIGXFSZ, SIG_IGN); // a file beyond the system's limit is an error that is told, not an end
    if (const auto none = noTextAmong(argc, argv)) {
        std::fprintf(stderr, "%s\n", none->c_str());
        return 1;
    }
    lc::cli::CommandLine line;
    try {
        line.app().parse(argc, argv);
    } catch (const CLI::ParseError& e) { return line.app().exit(e) == 0 ? 0 : 2; }
    if (!line.needsFonts()) return finish(line.run());
    qputenv("QT_QPA_PLATFORM", "offscreen"); // only for fonts and pages; never a window
    qInstallMessageHandler(
        [](QtMsgType, const QMessageLogContext&, const QString&) {}); // standard error is for our own sentences
    int none = 1;
    const QGuiApplication gui(none, argv);
    lc::loadFaces();
    return finish(line.run());
}

} // namespace

int main(int argc, char** argv) {
    try { // the one place for what nothing else could catch
        return run(argc, argv);
    } catch (const std::bad_alloc&) {
        std::fputs("There is not enough memory for this. Close other programs, or take a smaller file.\n", stderr);
    } catch (const std::exception& e) {
        std::fprintf(stderr, "Something went wrong that should not: %s. Nothing was written.\n",
                     lc::shown(e.what()).c_str());
    }
    return 1;
}
