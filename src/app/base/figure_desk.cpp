#include "app/base/figure_desk.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/settings.h"
#include "core/base/files.h"
#include "core/exchange/figure_file.h"
#include "core/figures/figure_word.h"
#include "core/routine/routine_figures.h"
#include "core/said/said_words.h"
#include "core/said/word_meaning.h"
#include "store/starter_figures.h"

#include <QFileInfo>
#include <QTimer>

#include <algorithm>

namespace lc::app {

FigureDesk::FigureDesk(Session& session, const QString& vocabularyPath, QObject* parent)
    : QObject(parent), m_session(session), m_path(vocabularyPath), m_words(session), m_history(m_words) {
    m_keep = new QTimer(this);
    m_keep->setSingleShot(true);
    m_keep->setInterval(900);
    connect(&m_importer, &Worker::failed, this, &FigureDesk::told);
    connect(m_keep, &QTimer::timeout, this, &FigureDesk::keepNow);
    connect(&session.doc, &DocumentSession::documentChanged, this, [this] {
        if (!m_opened) return;
        reload();
        read();
        Q_EMIT cardChanged();
    });
    connect(&m_words, &WordDesk::told, this, &FigureDesk::told);
    connect(&m_history, &VocabularyUndo::told, this, &FigureDesk::told);
    connect(&m_words, &WordDesk::changed, this, [this] { // lines are read with other words
        if (!m_opened) return;
        reload();
        read();
        Q_EMIT cardChanged();
    });
    m_limits = settings::limits();
}

FigureDesk::~FigureDesk() { keepNow(); }

void FigureDesk::tellProblem(const Error& error) { Q_EMIT told(q(error.message)); }

void FigureDesk::open() {
    if (m_opened) return;
    m_opened = true;
    auto opened = Vocabulary::open(fileName(m_path), starterFigures(windowLanguage()));
    if (opened) {
        m_vocabulary = std::move(*opened);
        m_words.setVocabulary(m_vocabulary.get());
        m_history.setVocabulary(m_vocabulary.get());
        if (m_vocabulary->isReadOnly())
            Q_EMIT told(tr(
                "The vocabulary may only be read here: figures can be taken into a routine, and what you change in them stays in the routine."));
    } else {
        m_problem = q(opened.error().message);
        Q_EMIT told(m_problem);
    }
    m_words.read(); // before the figures, which are read with them
    readVocabulary();
    reload();
    if (!m_found.empty()) choose(m_figures[m_found.front()].key());
}

void FigureDesk::lookAgain() {
    if (!m_vocabulary || m_dirty || m_vocabulary->othersChanges() == m_othersChanges) return;
    readVocabulary();
    m_words.read();
}

void FigureDesk::readVocabulary() {
    m_kept.clear();
    m_figuresChanged = true;
    if (!m_vocabulary) return;
    m_othersChanges = m_vocabulary->othersChanges();
    std::vector<Text> unreadable;
    auto all = m_vocabulary->all(&unreadable);
    if (!all) {
        m_problem = q(all.error().message);
        return;
    }
    for (VocabularyFigure& figure : *all) {
        auto word = figureAsWord(figure.card);
        m_kept.push_back({std::move(figure), {}, std::move(word)});
    }
    passFigures(); // the digests are made with them
    m_keptWith = choicesAround(false);
    for (Kept& kept : m_kept) kept.digest = digestOf(kept.figure.card, m_keptWith);
    if (!unreadable.empty()) {
        Text sentence = unreadable.front();
        if (const auto more = static_cast<std::int64_t>(unreadable.size()) - 1; more > 0)
            sentence += Core::plural("One more cannot be read either.|%n more cannot be read either.", nullptr, more);
        Q_EMIT told(q(sentence));
    }
}

void FigureDesk::put(const VocabularyFigure& figure) {
    drop(figure.id);
    m_kept.push_back({figure, digestOf(figure.card, m_keptWith), figureAsWord(figure.card)});
}

void FigureDesk::drop(const std::string& id) {
    m_figuresChanged = true;
    std::erase_if(m_kept, [&](const Kept& kept) { return kept.figure.id == id; });
}

void FigureDesk::reload() {
    const Routine& routine = m_session.doc.document().routine;
    passFigures();
    if (NotationChoices now = choicesAround(false); now != m_keptWith) {
        m_keptWith = std::move(now);
        for (Kept& kept : m_kept) kept.digest = digestOf(kept.figure.card, m_keptWith);
    }
    m_figures.clear();
    for (const Figure& figure : routine.figures) {
        if (figure.name.empty()) continue; // what is typed into a part without a name belongs to Arrange
        ShownFigure shown;
        shown.figure = figure.id;
        shown.card = cardOf(routine, figure);
        shown.digest = digestOf(shown.card, routine.choices);
        shown.used = timesDanced(routine, figure.id);
        const auto origin = std::find_if(m_kept.begin(), m_kept.end(),
                                         [&](const Kept& kept) { return kept.figure.id == figure.vocabularyId; });
        if (origin != m_kept.end()) {
            FigureCard as = origin->figure.card; // as it would be taken into this routine
            as.lines.clear();
            for (const RoleLine& line : linesForRoles(origin->figure.card, routine.roles))
                as.lines.push_back({findRole(routine, line.role)->name, line.text});
            for (const Sentence& what : differencesOf(as, shown.card)) shown.differs << q(what);
            shown.likeKept = shown.differs.isEmpty();
        }
        m_figures.push_back(std::move(shown));
    }
    for (const Kept& kept : m_kept) {
        ShownFigure shown;
        shown.kept = kept.figure;
        shown.card = kept.figure.card;
        shown.digest = kept.digest;
        m_figures.push_back(std::move(shown));
    }
    std::stable_sort(m_figures.begin(), m_figures.end(),
                     [](const ShownFigure& a, const ShownFigure& b) { return a.digest.name < b.digest.name; });
    search(m_searchText);
}

void FigureDesk::search(const QString& text) {
    m_searchText = text;
    m_query = parseFigureQuery(text.toStdString());
    std::vector<const FigureDigest*> digests;
    digests.reserve(m_figures.size());
    for (const ShownFigure& figure : m_figures) digests.push_back(&figure.digest);
    m_found = searchFigures(digests, m_query);
    Q_EMIT listChanged();
}

QString FigureDesk::understood() const {
    QStringList all;
    for (const Sentence& text : m_query.understood) all << q(text);
    return all.join(QStringLiteral(", "));
}

const ShownFigure* FigureDesk::chosen() const { return figureWith(m_chosen); }

const ShownFigure* FigureDesk::figureWith(const QString& key) const {
    const auto found =
        std::find_if(m_figures.begin(), m_figures.end(), [&](const ShownFigure& f) { return f.key() == key; });
    return found == m_figures.end() ? nullptr : &*found;
}

void FigureDesk::choose(const QString& key) {
    if (key == m_chosen && chosen()) return;
    keepNow();
    if (m_dirty) { // it could not be kept: it stays before one's eyes
        Q_EMIT chosenChanged();
        return;
    }
    m_chosen = key;
    m_musicStart = counts(1);
    read();
    Q_EMIT chosenChanged();
    Q_EMIT cardChanged();
}

void FigureDesk::read() {
    const ShownFigure* now = chosen();
    if (!m_dirty) m_card = now ? now->card : FigureCard{};
    m_reading = readFigure(m_card, choicesAround(now && now->inRoutine()));
    m_findings = inspectFigure(m_card, m_reading, around());
    if (!m_dirty || !now) return;
    auto& shown = *std::find_if(m_figures.begin(), m_figures.end(), [&](const ShownFigure& f) {
        return f.key() == m_chosen;
    }); // the list shows what is typed
    shown.card = m_card;
    shown.digest = digestOf(m_card, choicesAround(shown.inRoutine()));
}

void FigureDesk::change(const FigureCard& asked, const QString& what) {
    const ShownFigure* now = chosen();
    FigureCard card = asked;
    if (card.facts.choices) card.facts.choices->words = {}; // they are the routine's
    if (!now || card == m_card) return;
    if (now->inRoutine()) {
        m_session.doc.edit({ChangeFigure{now->figure, card}}, what);
        return;
    }
    if (readOnly())
        return Q_EMIT told(tr(
            "The vocabulary may only be read here, so this figure stays as it is. Take it into the routine and change it there."));
    m_card = card;
    m_dirty = true;
    read();
    Q_EMIT cardChanged();
    if (what.isEmpty())
        m_keep->start();
    else
        keepNow();
}

void FigureDesk::keepNow() {
    m_keep->stop();
    if (!m_dirty) return;
    const ShownFigure* now = chosen();
    m_dirty = false;
    if (!now || !m_vocabulary || now->inRoutine()) return;
    const VocabularyFigure before = now->kept;
    FigureCard card = m_card;
    if (card.name.empty()) card.name = before.card.name; // a figure keeps a name
    auto after = m_vocabulary->change(before, card);
    if (after)
        record({{{before, *after}}});
    else if (!keepBesides(before, card, after.error()))
        return;
    reload();
    read();
    Q_EMIT cardChanged();
}

std::optional<TypedFigure> FigureDesk::typed() const {
    const ShownFigure* now = chosen();
    if (!m_dirty || !now || now->inRoutine()) return std::nullopt;
    return TypedFigure{now->kept.id, m_card};
}

bool FigureDesk::bringBack(const TypedFigure& figure) {
    open();
    if (!m_vocabulary) {
        Q_EMIT told(m_problem);
        return false;
    }
    if (!figureWith(q(figure.id))) return addCards({figure.card});
    choose(q(figure.id));
    change(figure.card);
    keepNow(); // where it cannot be kept it stays as it is typed
    return true;
}

/// What is typed could not be kept. Where another window was first it becomes a figure of its own; else it stays as it
/// is typed, and is tried again. False when it stays.
bool FigureDesk::keepBesides(const VocabularyFigure& before, FigureCard typed, const Error& why) {
    const auto there = m_vocabulary->find(before.id);
    const bool gone = !there && there.error().code == ErrorCode::NotFound;
    if (gone || (there && there->revision != before.revision)) {
        readVocabulary();
        typed.name = tr("%1, as typed here").arg(q(typed.name)).toStdString();
        if (auto added = m_vocabulary->add(typed)) {
            record({{{std::nullopt, *added}}});
            m_chosen = q(added->id);
            Q_EMIT told(
                tr("“%1” was changed by another window in the meantime. What you typed is kept beside it as “%2”.")
                    .arg(q(before.card.name), q(typed.name)));
            return true;
        }
    }
    tellProblem(why);
    m_dirty = true;
    if (why.code == ErrorCode::ChangedOnDisk) m_keep->start(); // the other window is writing just now
    return false;
}

void FigureDesk::keep(const VocabularyStep& step) {
    for (const FigureChange& change : step.figures) {
        if (change.after)
            put(*change.after);
        else if (change.before)
            drop(change.before->id);
    }
}

void FigureDesk::record(VocabularyStep step) {
    keep(step);
    m_history.record(std::move(step));
}

void FigureDesk::newFigure() {
    FigureCard card;
    card.name = "New figure";
    for (const Role& role : m_session.doc.document().routine.roles) card.lines.push_back({role.name, ""});
    duplicate(card);
}

void FigureDesk::duplicate(const FigureCard& as) {
    keepNow();
    if (!m_vocabulary || readOnly()) { // the routine can have it all the same
        if (!m_session.doc.edit(AddFigure{as, {}})) return;
        Q_EMIT told(tr("“%1” is in the routine alone: the vocabulary cannot be written.").arg(q(as.name)));
        m_searchText.clear();
        reload();
        return choose(QStringLiteral("r%1").arg(m_session.doc.document().routine.figures.back().id.value));
    }
    auto added = m_vocabulary->add(as);
    if (!added) return tellProblem(added.error());
    record({{{std::nullopt, *added}}});
    m_searchText.clear();
    reload();
    choose(q(added->id));
}

void FigureDesk::removeChosen() {
    const ShownFigure* now = chosen();
    if (!now) return;
    keepNow();
    now = chosen();
    if (now->inRoutine()) {
        m_session.doc.edit(RemoveFigure{now->figure});
    } else {
        const VocabularyFigure before = now->kept;
        if (auto removed = m_vocabulary->remove(before.id); !removed) return tellProblem(removed.error());
        record({{{before, std::nullopt}}});
        reload();
    }
    choose(m_found.empty() ? QString() : m_figures[m_found.front()].key());
}

void FigureDesk::mergeWith(const QString& otherKey) {
    keepNow();
    const ShownFigure* now = chosen();
    if (!now || now->inRoutine() || !m_vocabulary) return;
    const auto other =
        std::find_if(m_figures.begin(), m_figures.end(), [&](const ShownFigure& f) { return f.key() == otherKey; });
    if (other == m_figures.end() || other->inRoutine()) return;
    const VocabularyFigure kept = now->kept, gone = other->kept;
    auto merged = m_vocabulary->merge(kept.id, gone.id);
    if (!merged) return tellProblem(merged.error());
    record({{{kept, *merged}, {gone, std::nullopt}}});
    reload();
    read();
    Q_EMIT cardChanged();
    Q_EMIT told(tr("“%1” and “%2” are one figure now: “%1”. Undo takes them apart again.")
                    .arg(q(kept.card.name), q(gone.card.name)));
}

void FigureDesk::takeIntoRoutine() {
    keepNow();
    const ShownFigure* now = chosen();
    if (!now || now->inRoutine()) return;
    Made made;
    if (m_session.doc.edit({AddFigure{now->card, now->kept.id}}, {}, &made) && !made.figures.empty())
        choose(QStringLiteral("r%1").arg(made.figures.back().value));
}

void FigureDesk::placeInPart(PartId part) {
    keepNow();
    const ShownFigure* now = chosen();
    if (!now) return;
    m_session.doc.edit({PlaceFigures{part, {now->toPlace()}}}, tr("place %1").arg(q(now->card.name)));
}

void FigureDesk::takeFromVocabulary() {
    const ShownFigure* now = chosen();
    if (!now || !now->inRoutine()) return;
    const Figure* figure = findFigure(m_session.doc.document().routine, now->figure);
    for (const Kept& kept : m_kept)
        if (kept.figure.id == figure->vocabularyId) {
            m_session.doc.edit({ChangeFigure{now->figure, kept.figure.card}}, tr("as in the vocabulary"));
            return;
        }
}

void FigureDesk::giveToVocabulary() {
    const ShownFigure* now = chosen();
    if (!now || !now->inRoutine()) return;
    if (!m_vocabulary) return Q_EMIT told(m_problem);
    const Figure* figure = findFigure(m_session.doc.document().routine, now->figure);
    for (const Kept& kept : m_kept)
        if (kept.figure.id == figure->vocabularyId) {
            const VocabularyFigure before = kept.figure;
            auto after = m_vocabulary->change(before, now->card);
            if (!after) return tellProblem(after.error());
            record({{{before, *after}}});
            reload();
            read();
            Q_EMIT cardChanged();
            return;
        }
    auto added = m_vocabulary->add(now->card); // it was the routine's alone
    if (!added) return tellProblem(added.error());
    record({{{std::nullopt, *added}}});
    reload();
    Q_EMIT told(tr("“%1” is in the vocabulary now.").arg(q(added->card.name)));
}

const ShownFigure* FigureDesk::twin() const {
    const ShownFigure* now = chosen();
    if (!now || now->inRoutine()) return nullptr;
    const auto found = std::find_if(m_figures.begin(), m_figures.end(), [&](const ShownFigure& other) {
        return &other != now && !other.inRoutine() && likelySame(other.card, m_card);
    });
    return found == m_figures.end() ? nullptr : &*found;
}

void FigureDesk::undo() {
    keepNow();
    show(m_history.undo());
}

void FigureDesk::redo() { show(m_history.redo()); }

/// What undo or redo did: the figure that was changed last is chosen.
void FigureDesk::show(const std::optional<VocabularyStep>& done) {
    if (!done) return;
    keep(*done);
    reload();
    if (!done->figures.empty()) {
        const FigureChange& last = done->figures.back();
        const QString key = q((last.after ? *last.after : *last.before).id);
        if (last.after)
            m_chosen = key;
        else if (m_chosen == key)
            m_chosen = m_found.empty() ? QString() : m_figures[m_found.front()].key();
    }
    read();
    Q_EMIT chosenChanged();
    Q_EMIT cardChanged();
}

NotationChoices FigureDesk::choicesAround(bool inRoutine) const {
    NotationChoices choices = m_session.doc.document().routine.choices;
    if (!inRoutine) choices.words = m_words.all();
    return choices;
}

NotationChoices FigureDesk::choices() const {
    const ShownFigure* now = chosen();
    return choicesFor(m_card.facts.choices, choicesAround(now && now->inRoutine()));
}

void FigureDesk::passFigures() {
    if (std::exchange(m_figuresChanged, false)) {
        std::vector<OwnWord> figures;
        for (const Kept& kept : m_kept)
            if (kept.word) figures.push_back(*kept.word);
        m_words.setFigures(std::move(figures));
    } else
        m_words.pass();
}

bool FigureDesk::keepWord(const OwnWord& word) {
    const auto checked = checkedWord(word);
    if (!checked) return tellProblem(checked.error()), false;
    const ShownFigure* now = chosen();
    const bool vocabulary = m_vocabulary && !readOnly();
    if ((now && now->inRoutine()) || !vocabulary ||
        !m_session.doc.document().routine.choices.words.meanings(checked->name).empty())
        return m_session.doc.edit(KeepWord{*checked}); // wordKept() brings it into the vocabulary
    keepNow();
    const WordChange change{m_words.kept(*checked), *checked};
    if (!m_words.make(change)) return false;
    record({{}, change});
    Q_EMIT cardChanged();
    return true;
}

void FigureDesk::forgetWord(const OwnWord& word) {
    const bool ofRoutine = m_words.isOfRoutine(word);
    if (ofRoutine) m_session.doc.edit(ForgetWord{word.name, word.school});
    const auto kept = m_words.kept(word);
    if (!kept || readOnly()) return;
    const WordChange change{kept, std::nullopt};
    if (!m_words.make(change) || ofRoutine) return;
    record({{}, change});
    Q_EMIT cardChanged();
}

double FigureDesk::secondsPerCount() const {
    const CountGrid& grid = m_session.doc.landing().grid;
    double seconds = 60.0 / 112;
    if (!grid.empty() && grid.countsInSong() > 1) {
        const auto first = grid.secondsAt(counts(0)), last = grid.secondsAt(counts(grid.countsInSong() - 1));
        if (first && last && *last > *first) seconds = (*last - *first) / (grid.countsInSong() - 1);
    }
    return seconds * 100 / m_session.transport.tempoPercent();
}

std::int64_t FigureDesk::set() const {
    const CountGrid& grid = m_session.doc.landing().grid;
    return grid.empty() ? 8 : std::clamp<std::int64_t>(grid.regularSet(), 2, 32);
}

std::vector<double> FigureDesk::countWeights() const {
    const Document& document = m_session.doc.document();
    const std::vector<int>& grouping = document.map->metre.grouping;
    if (m_session.doc.landing().grid.empty() || document.scheme.unit != CountUnit::BarGroup || grouping.empty())
        return {};
    if (std::all_of(grouping.begin(), grouping.end(), [&](int g) { return g == grouping.front(); })) return {};
    double beats = 0;
    for (const int group : grouping) beats += group;
    std::vector<double> weights;
    for (std::int64_t c = 0; c < set(); ++c)
        weights.push_back(grouping[static_cast<std::size_t>(c) % grouping.size()] *
                          static_cast<double>(grouping.size()) / beats);
    return weights;
}

FigureSurroundings FigureDesk::around() const {
    FigureSurroundings around;
    const ShownFigure* now = chosen();
    around.choices = choicesAround(now && now->inRoutine());
    const CountGrid& grid = m_session.doc.landing().grid;
    around.bar =
        grid.empty()
            ? counts(4)
            : counts(std::max<std::int64_t>(1, set() / std::max(1, m_session.doc.document().scheme.barsPerSet)));
    around.tempo = tempo();
    around.limits = m_limits;
    return around;
}

void FigureDesk::setLimits(const BodyLimits& limits) {
    m_limits = limits;
    settings::setLimits(limits);
    read();
    Q_EMIT cardChanged();
}

void FigureDesk::setSayAs(SayAs say) {
    m_say = say;
    Q_EMIT cardChanged();
}

void FigureDesk::setMusicStart(Tick start) {
    m_musicStart = start;
    read();
    Q_EMIT cardChanged();
}

void FigureDesk::setMirrored(bool mirrored) {
    m_mirrored = mirrored;
    Q_EMIT cardChanged();
}

} // namespace lc::app
