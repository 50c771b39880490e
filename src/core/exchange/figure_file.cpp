#include "core/exchange/figure_file.h"

#include "core/base/csv_text.h"
#include "core/base/text_rows.h"
#include "core/document/figure_json.h"
#include "core/figures/figure_fields.h"

#include <algorithm>
#include <array>
#include <map>

namespace lc {

namespace {

constexpr int figuresVersion = 1; // of the format: docs/file-format.md
constexpr std::string_view linePrefix = "line of ";
constexpr std::array<const char*, 10> furtherColumns{
    "claimed", "feel", "slow", "quick", "own_and", "own_a", "stomp_takes_weight", "entry", "close", "versions"};

/// Without those of the roles' lines.
std::vector<std::string> columns() {
    std::vector<std::string> all{"name"};
    for (const FigureField& field : figureFields()) all.emplace_back(field.key);
    all.insert(all.end(), furtherColumns.begin(), furtherColumns.end());
    return all;
}

bool isList(const std::string& column) {
    const auto fields = figureFields();
    return std::any_of(fields.begin(), fields.end(),
                       [&](const FigureField& field) { return field.list && field.key == column; });
}

/// Runs a reader of JSON and turns what it throws into an error.
template <typename T, typename Read>
Result<T> guarded(std::string_view text, const Sentence& what, Read read) {
    const auto damaged = [&](const Sentence& where, const Text& why) {
        return fail(ErrorCode::Unreadable,
                    Core::sentence("%1 cannot be read: %2 %3. Nothing was changed.", what, where, why),
                    where.english());
    };
    return readJson<T>(text, read, damaged);
}

std::string joined(const std::vector<std::string>& all) {
    std::string out;
    for (const std::string& one : all) out += (out.empty() ? "" : "; ") + one;
    return out;
}

std::vector<std::string> divided(const std::string& text) {
    std::vector<std::string> out;
    for (const std::string_view piece : pieces(text, ';'))
        if (const auto word = trimmed(piece); !word.empty()) out.emplace_back(word);
    return out;
}

} // namespace

std::string cardToJson(const FigureCard& card) { return jsonText(toJson(card), -1); }

Result<FigureCard> cardFromJson(std::string_view text) {
    return guarded<FigureCard>(text, Core::sentence("A figure"),
                               [](const Json& json) -> Result<FigureCard> { return figureCardFrom(Field(json, "")); });
}

std::string figuresToJson(const std::vector<FigureCard>& figures) {
    Json out{{"format", "liftcount-figures"}, {"version", figuresVersion}, {"figures", Json::array()}};
    for (const FigureCard& card : figures) out["figures"].push_back(toJson(card));
    return jsonText(out);
}

Result<std::vector<FigureCard>> figuresFromJson(std::string_view text) {
    return guarded<std::vector<
        FigureCard>>(text, Core::sentence("The file of figures"), [](const Json& json) -> Result<std::vector<FigureCard>> {
        if (!json.is_object() || !json.contains("format") || json["format"] != "liftcount-figures")
            return fail(ErrorCode::Unreadable, Core::sentence("This is not a file of figures."));
        const Field root(json, "");
        root.onlyKeys({"format", "version", "figures"});
        const int version = root["version"].whole<int>(1, 1'000'000);
        if (version > figuresVersion)
            return fail(
                ErrorCode::NewerVersion,
                Core::sentence(
                    "These figures were written by a newer Lift Count (format %1; this one reads up to %2). Update Lift Count to read them.",
                    version, figuresVersion));
        std::vector<FigureCard> figures;
        for (const Field& f : root["figures"].items()) figures.push_back(figureCardFrom(f));
        return figures;
    });
}

std::string figuresToCsv(const std::vector<FigureCard>& figures) {
    std::vector<std::string> roles;
    for (const FigureCard& card : figures)
        for (const FigureLine& line : card.lines)
            if (std::find(roles.begin(), roles.end(), line.role) == roles.end()) roles.push_back(line.role);
    std::vector<std::string> header = columns();
    for (const std::string& role : roles) header.push_back(std::string(linePrefix) + role);
    std::string out = csvRow(header);
    for (const FigureCard& card : figures) {
        const FigureFacts& f = card.facts;
        const auto choice = [&](auto text) { return f.choices ? text(*f.choices) : std::string(); };
        const auto length = [](Tick t) { return t == Tick{} ? std::string() : toCountString(t); };
        std::vector<std::string> row{card.name};
        for (const FigureField& field : figureFields())
            row.push_back(field.text ? f.*field.text : joined(f.*field.list));
        const std::string further[furtherColumns.size()]{
            card.claimed ? toCountString(*card.claimed) : "",
            choice([](const NotationChoices& c) { return toString(c.feel); }),
            choice([](const NotationChoices& c) { return toCountString(c.slow); }),
            choice([](const NotationChoices& c) { return toCountString(c.quick); }),
            choice([](const NotationChoices& c) { return toCountString(c.ownAnd); }),
            choice([](const NotationChoices& c) { return toCountString(c.ownA); }),
            choice([](const NotationChoices& c) { return std::string(c.stompTakesWeight ? "yes" : "no"); }),
            length(f.entry),
            length(f.close),
            f.versions.empty() ? "" : jsonText(toJson(f)["versions"], -1)};
        row.insert(row.end(), std::begin(further), std::end(further));
        for (const std::string& role : roles) {
            const auto line =
                std::find_if(card.lines.begin(), card.lines.end(), [&](const FigureLine& l) { return l.role == role; });
            row.push_back(line == card.lines.end() ? "" : line->text);
        }
        out += csvRow(row);
    }
    return out;
}

Result<std::vector<FigureCard>> figuresFromCsv(std::string_view text) {
    auto rows = parseCsv(text);
    if (!rows) return tl::unexpected(rows.error());
    if (rows->empty())
        return fail(ErrorCode::Unreadable,
                    Core::sentence("The table is empty. Its first row names the columns: name, line of everyone, …"));
    const std::vector<std::string>& header = rows->front();
    const std::vector<std::string> known = columns();
    bool named = false;
    for (std::size_t c = 0; c < header.size(); ++c) {
        const std::string& column = header[c];
        named = named || column == "name";
        const bool means = std::find(known.begin(), known.end(), column) != known.end() ||
                           (column.starts_with(linePrefix) && column.size() > linePrefix.size());
        if (!means)
            return fail(
                ErrorCode::Unreadable,
                Core::sentence(
                    "Column %1 of the table is called “%2”, which means nothing here. Take it out, or name it as the export does.",
                    c + 1, column));
        if (std::find(header.begin(), header.begin() + static_cast<std::ptrdiff_t>(c), column) !=
            header.begin() + static_cast<std::ptrdiff_t>(c))
            return fail(ErrorCode::Unreadable, Core::sentence("The column “%1” stands twice in the table.", column));
    }
    if (!named) return fail(ErrorCode::Unreadable, Core::sentence("The table has no column “name”."));
    std::vector<FigureCard> figures;
    for (std::size_t r = 1; r < rows->size(); ++r) {
        const std::vector<std::string>& row = (*rows)[r];
        const auto place = [&](const std::string& column) {
            return "Row " + std::to_string(r + 1) + ", column “" + column + "”: ";
        };
        if (row.size() != header.size())
            return fail(ErrorCode::Unreadable, Core::sentence("Row %1 of the table has %2 cells, the header has %3.",
                                                              r + 1, row.size(), header.size()));
        // The cells make a JSON card, so that one reader checks both forms.
        Json card{{"name", ""}, {"lines", Json::array()}};
        Json facts = Json::object(), choices = Json::object();
        for (std::size_t c = 0; c < header.size(); ++c) {
            const std::string& column = header[c];
            const std::string& cell = row[c];
            if (cell.empty()) continue;
            if (column == "name" || column == "claimed")
                card[column] = cell;
            else if (column.starts_with(linePrefix))
                card["lines"].push_back({{"role", column.substr(linePrefix.size())}, {"text", cell}});
            else if (isList(column))
                facts[column] = divided(cell);
            else if (column == "stomp_takes_weight")
                choices[column] = cell == "yes" || cell == "true" || cell == "1";
            else if (column == "feel" || column == "slow" || column == "quick" || column == "own_and" ||
                     column == "own_a")
                choices[column] = cell;
            else if (column == "versions") {
                Json versions = Json::parse(cell, nullptr, false);
                if (versions.is_discarded())
                    return fail(ErrorCode::Unreadable,
                                Core::sentence("%1the versions are no JSON text.", place(column)));
                facts[column] = std::move(versions);
            } else
                facts[column] = cell;
        }
        if (!choices.empty()) {
            if (!choices.contains("feel")) choices["feel"] = "straight";
            if (!choices.contains("slow")) choices["slow"] = "2";
            if (!choices.contains("quick")) choices["quick"] = "1";
            facts["choices"] = std::move(choices);
        }
        if (!facts.empty()) card["facts"] = std::move(facts);
        try {
            figures.push_back(figureCardFrom(Field(card, "")));
        } catch (const BadField& bad) {
            return fail(ErrorCode::Unreadable, Core::sentence("Row %1 of the table: %2 %3.", r + 1, bad.path, bad.why));
        } catch (const Json::exception&) {
            return fail(ErrorCode::Unreadable,
                        Core::sentence("Row %1 of the table has a value of the wrong kind.", r + 1));
        }
        if (figures.back().name.empty())
            return fail(ErrorCode::Unreadable, Core::sentence("%1a figure needs a name.", place("name")));
    }
    return figures;
}

Result<std::vector<FigureCard>> figuresFromText(std::string_view text) {
    const auto first = text.find_first_not_of(" \t\r\n");
    return first != std::string_view::npos && text[first] == '{' ? figuresFromJson(text) : figuresFromCsv(text);
}

} // namespace lc
