// Figures that come into the vocabulary from files and the clipboard, and go out.
#include "app/base/figure_desk.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "core/base/files.h"
#include "core/exchange/figure_file.h"

#include <QFileInfo>

namespace lc::app {

void FigureDesk::importFile(const QString& path) {
    if (!m_vocabulary) return Q_EMIT told(m_problem);
    m_importer.start(
        [file = fileName(path)](const Task&) -> Result<std::pair<std::vector<FigureCard>, Text>> {
            const auto text = readTextFile(file);
            if (!text) return tl::unexpected(text.error());
            auto cards = figuresFromText(text->text);
            if (!cards) return tl::unexpected(cards.error());
            return std::pair{std::move(*cards), text->note(shownName(file))};
        },
        [this, path](const Result<std::pair<std::vector<FigureCard>, Text>>& read) {
            if (!read) return tellProblem(read.error());
            const auto& [cards, warning] = *read;
            if (!addCards(cards)) return;
            Q_EMIT told(
                tr("Figures that came in from %1: %2.").arg(readable(QFileInfo(path).fileName())).arg(cards.size()) +
                (warning.empty() ? QString() : QLatin1Char(' ') + q(warning)));
        });
}

bool FigureDesk::addCards(const std::vector<FigureCard>& cards) {
    auto added = m_vocabulary->addAll(cards);
    if (!added) {
        tellProblem(added.error());
        return false;
    }
    VocabularyStep step;
    for (const VocabularyFigure& figure : *added) step.figures.push_back({std::nullopt, figure});
    record(std::move(step));
    reload();
    if (!added->empty()) choose(q(added->front().id));
    return true;
}

QString FigureDesk::chosenAsText() const { return chosen() ? q(figuresToJson({m_card})) : QString(); }

void FigureDesk::addFromText(const QString& text) {
    if (!m_vocabulary) return Q_EMIT told(m_problem);
    const auto cards = figuresFromText(text.toStdString());
    if (!cards || cards->empty())
        return Q_EMIT told(tr("There are no figures to paste. Copy one first: choose it in the list."));
    if (addCards(*cards)) Q_EMIT told(tr("Figures pasted: %1.").arg(cards->size()));
}

void FigureDesk::exportFile(const QString& path) {
    keepNow();
    std::vector<FigureCard> cards;
    for (const std::size_t i : m_found)
        if (!m_figures[i].likeKept) cards.push_back(m_figures[i].card); // once, though the routine has it too
    const std::string text =
        path.endsWith(QStringLiteral(".csv"), Qt::CaseInsensitive) ? figuresToCsv(cards) : figuresToJson(cards);
    if (const auto written = writeFileAtomically(fileName(path), text); !written) return tellProblem(written.error());
    Q_EMIT told(tr("Figures written to %1: %2.").arg(readable(QFileInfo(path).fileName())).arg(cards.size()));
}

} // namespace lc::app
