#pragma once

// Private to the readers of the plain-text form: words of its lines, and what is wrong with them.

#include "core/base/tick.h"
#include "core/exchange/text_tree.h"
#include "core/notation/feel.h"

#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace lc::text_tree {

/// What stands wrong in the text; thrown inside the readers only, and made an error at their way out, see
/// withLineNamed().
struct BadLine {
    int number; ///< 0 = of no line
    Text why;
};

[[noreturn]] void bad(const Line& line, const Text& why);

template <typename T>
T need(const Line& line, Result<T> result) {
    if (!result) bad(line, result.error().message);
    return std::move(*result);
}

/// What `read` gives; what it throws becomes an error that names the line.
template <typename Read>
auto withLineNamed(Read read) -> Result<decltype(read())> {
    try {
        return read();
    } catch (const BadLine& wrong) {
        if (wrong.number == 0) return fail(ErrorCode::BadNotation, wrong.why);
        return fail(ErrorCode::BadNotation, Core::sentence("Line %1: %2", wrong.number, wrong.why),
                    "line " + std::to_string(wrong.number));
    }
}

/// The lines of a text; a wrong indentation is thrown.
[[nodiscard]] std::vector<Line> linesOf(std::string_view text);
/// "key: rest" with the key outside quotation marks.
[[nodiscard]] std::pair<std::string, std::string> keyed(const Line& line);
/// What follows a word that the text begins with; nothing where it does not.
[[nodiscard]] std::optional<std::string> behind(std::string_view text, std::string_view word);
[[nodiscard]] Tick countIn(const Line& line, std::string_view text);
[[nodiscard]] double secondsIn(const Line& line, std::string_view text);
[[nodiscard]] int wholeIn(const Line& line, std::string_view text, int least, int most);
/// "swing, slow 2, quick 1": the choices of a school.
[[nodiscard]] NotationChoices choicesIn(const Line& line, const std::string& text);
/// "zwirl step, Hofkreis = 1 step & step 2 step": a word of one's own, with its school or without, not checked.
[[nodiscard]] OwnWord wordIn(const Line& line, const std::string& text);

} // namespace lc::text_tree
