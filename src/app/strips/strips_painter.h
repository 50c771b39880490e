#pragma once

#include "app/base/theme.h"
#include "app/strips/strip_layout.h"
#include "audio/sound/loudness.h"
#include "core/document/document.h"
#include "core/landing/findings.h"
#include "core/song/song_doubt.h"

#include <QRect>

class QPainter;

namespace lc::app {

class MarkStamps;

/// Everything that is seen on the strips, prepared; painting reads it and computes nothing.
struct StripScene {
    const Theme* theme = nullptr;
    const Document* document = nullptr;
    const Landing* landing = nullptr;
    const Landing* preview = nullptr; ///< a remedy tried on
    const LoudnessCurve* loudness = nullptr;
    StripContent content = StripContent::Arrange;
    std::optional<Tick> now;
    std::optional<PassId> selectedPass;
    std::optional<int> hoveredCount;
    int role = 0; ///< the lane that the caret is in; seen in Eight
    bool focused = false;
    const std::vector<SongDoubt>* doubts = nullptr; ///< framed where they are; Listen only
    MarkStamps* stamps = nullptr;                   ///< marks drawn before; kept by the view
    [[nodiscard]] const Landing& shown() const { return preview ? *preview : *landing; }
};

/// Gives a line a row more where a name of a figure has no room on its ribbon; moves those below down.
void giveNamesRoom(StripLayout& layout, const StripScene& scene);

/// Paints the lines of the layout that meet `area` (in page coordinates).
void paintStrips(QPainter& painter, const StripLayout& layout, const StripScene& scene, const QRect& area);

/// What stays in view at the top of the window while the page is turned: the section of the first line seen whole or in
/// part, and the names of the sets over their columns. `top` is the page's y at the window's upper edge; nothing is
/// painted while the first line can be seen from its top.
void paintHeading(QPainter& painter, const StripLayout& layout, const StripScene& scene, double top);

/// "passes 12–40 alike, Verse 4 to Chorus 9": the words of folded phrases.
[[nodiscard]] QString foldInWords(const FoldedPhrases& fold, const Landing& landing);

/// A figure as it is danced in a pass: name, version, bars, side.
[[nodiscard]] QString figureInWords(const Routine& routine, const FigureSpan& span, const PassPerformance& pass);

/// What else makes a pass differ, in few words: canon, other side, pinned.
[[nodiscard]] QStringList passMarks(const PassPerformance& pass);

/// The verdict of a line in words: "lands", "16 over, pass 4"; empty when no pass begins in it.
struct LineVerdict {
    enum class Kind { None, Lands, Over, Short } kind = Kind::None;
    QString amount; ///< "16 over"
    QString who;    ///< "pass 4"
};
[[nodiscard]] LineVerdict lineVerdict(const StripLine& line, const Landing& landing);

} // namespace lc::app
