#pragma once

#include "support/test_program.h"

#include "core/edits/edits.h"
#include "core/landing/findings.h"
#include "core/routine/order_text.h"
#include "core/song/structure_text.h"

#include <QFile>
#include <QString>
#include <QtTest>

#include <string>

namespace lc::test {

#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
inline constexpr bool sanitized = true;
#else
inline constexpr bool sanitized = false;
#endif
/// How many of the random cases of a long test are run: all, or a third under sanitizers, which take nine times as long
/// and look for other things than wrong answers.
constexpr int cases(int all) { return sanitized ? all / 3 : all; }

inline QString q(const std::string& text) { return QString::fromStdString(text); }
inline QString q(const Sentence& sentence) { return q(sentence.english()); }
inline QString q(const Text& text) { return q(text.english()); }
inline QStringList q(const std::vector<Sentence>& sentences) {
    QStringList all;
    for (const Sentence& sentence : sentences) all << q(sentence);
    return all;
}

/// The value of a result that must be there; the error's sentence is printed otherwise.
template <typename T>
T must(Result<T> result) {
    if (!result) qFatal("%s", result.error().message.english().c_str());
    return std::move(*result);
}

inline void must(const Result<void>& result) {
    if (!result) qFatal("%s", result.error().message.english().c_str());
}

/// A song typed as structure, in 4/4 unless said otherwise.
inline SongMap song(const std::string& structure, double bpm = 120, const std::string& metre = "4/4",
                    double offset = 0) {
    return must(mapFromStructure(structure, bpm, must(parseMetre(metre)), offset));
}

/// A document on a typed song.
inline Document documentOn(const std::string& structure, double bpm = 120, const std::string& metre = "4/4") {
    return must(applyEdit(newDocument(), SetSong{{}, std::make_shared<const SongMap>(song(structure, bpm, metre))}));
}

/// The document with the line of a part's role set; parts that are not there are added.
inline Document withLine(Document document, const std::string& part, const std::string& text, std::size_t role = 0) {
    if (!findPartNamed(document.routine, part)) document = must(applyEdit(document, AddPart{part}));
    return must(
        applyEdit(document, SetLine{findPartNamed(document.routine, part)->id, document.routine.roles[role].id, text}));
}

inline Document withOrder(const Document& document, const std::string& order) {
    return must(applyEdit(document, SetOrder{must(readOrder(document.routine, order))}));
}

/// The dance as it comes out on the document's song.
inline Performance danced(const Document& d) { return unroll(d.routine, CountGrid(*d.map, d.scheme)); }

/// 1-based pass.
inline const Pass& pass(const Document& document, std::size_t number) { return document.routine.passes.at(number - 1); }

inline Document cut(const Document& document, std::size_t number, int after) {
    return must(applyEdit(document, SetRestart{pass(document, number).id, Restart{counts(after)}}));
}

inline Document tagged(const Document& document, std::size_t number, int tag) {
    return must(applyEdit(document, SetTag{pass(document, number).id, Tag{counts(tag), false}}));
}

/// A named figure taken into the routine: one line for everyone, or one for each role.
inline FigureId addFigure(Document& document, const std::string& name, const std::vector<std::string>& lines) {
    FigureCard card{name, {}, std::nullopt, {}};
    for (std::size_t i = 0; i < lines.size(); ++i)
        card.lines.push_back({lines.size() == 1 ? "everyone" : document.routine.roles[i].name, lines[i]});
    document = must(applyEdit(document, AddFigure{card, {}}));
    return document.routine.figures.back().id;
}

/// Places it at the end of a part, which is added where it is not there.
inline void placeFigure(Document& document, const std::string& part, FigureId figure, int times = 1) {
    if (!findPartNamed(document.routine, part)) document = must(applyEdit(document, AddPart{part}));
    for (int i = 0; i < times; ++i)
        document = must(applyEdit(document, PlaceFigure{findPartNamed(document.routine, part)->id, figure}));
}

/// What makes a pass differ; 1-based.
inline void except(Document& document, std::size_t number, const PassExceptions& exceptions) {
    document = must(applyEdit(document, SetExceptions{pass(document, number).id, exceptions, {}}));
}

/// A plain walk of n counts with turns: {{28, 2}} turns a quarter right on count 28.
inline std::string walk(int n, const std::vector<std::pair<int, std::string>>& turns = {}) {
    std::string text;
    for (int i = 1; i <= n; ++i) {
        text += (i == 1 ? "" : " ") + std::to_string(i);
        for (const auto& [count, turn] : turns)
            if (count == i) text += " " + turn;
    }
    return text;
}

/// The system's Python, which has Debian's modules whatever else is on the path.
inline QString systemPython() { return QFile::exists("/usr/bin/python3") ? "/usr/bin/python3" : "python3"; }

inline QStringList facings(const Performance& performance) {
    QStringList all;
    for (const PassPerformance& p : performance.passes) all << q(toClock(p.roles.front().facingIn));
    return all;
}

/// 1-based start counts of the passes.
inline QStringList starts(const Performance& performance) {
    QStringList all;
    for (const PassPerformance& p : performance.passes) all << q(toCountString(p.start + counts(1)));
    return all;
}

inline std::optional<Finding> findingWith(const std::vector<Finding>& findings, const std::string& code,
                                          int passNumber = -1) {
    for (const Finding& f : findings)
        if (f.key.code == code && (passNumber < 0 || f.passNumber == passNumber)) return f;
    return std::nullopt;
}

} // namespace lc::test
