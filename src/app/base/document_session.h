#pragma once

#include "app/base/messages.h"
#include "app/base/qtext.h"
#include "app/base/worker.h"
#include "core/document/document_file.h"
#include "core/document/history.h"
#include "core/edits/edits.h"
#include "core/exchange/handout_settling.h"
#include "core/landing/findings.h"

#include <QObject>
#include <QString>

#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace lc::app {

/// The open routine: its document with undo, what is derived from it, and its file. Widgets read from it and ask it for
/// edits; they hold view state only.
class DocumentSession : public QObject {
    Q_OBJECT
public:
    DocumentSession(Messages& messages, Worker::Mode working);

    [[nodiscard]] const Document& document() const { return m_history.current(); }
    /// Grid, performance and findings of the current revision.
    [[nodiscard]] const Landing& landing() const { return *m_landing; }
    /// The same to be taken along by long work: it stays as it is.
    [[nodiscard]] std::shared_ptr<const Landing> sharedLanding() const { return m_landing; }
    [[nodiscard]] int revision() const {
        return m_revision;
    } ///< counts every change of the document; never the same again, whatever routine is open

    /// Applies edits as one undo step. On an error nothing changes and the sentence is told.
    /// `made` gets the identities of what came in.
    bool edit(const std::vector<Edit>& edits, const QString& name = {}, Made* made = nullptr);
    bool edit(const Edit& one) { return edit(std::vector<Edit>{one}); }
    void undo();
    void redo();
    [[nodiscard]] bool canUndo() const { return m_history.canUndo(); }
    [[nodiscard]] bool canRedo() const { return m_history.canRedo(); }
    [[nodiscard]] QString undoName() const { return q(m_history.undoName()); }
    [[nodiscard]] QString redoName() const { return q(m_history.redoName()); }
    void closeTyping() { m_history.closeMerge(); }

    // Files
    [[nodiscard]] QString path() const { return m_path; } ///< empty until saved
    [[nodiscard]] bool isSaved() const { return m_history.isSaved(); }
    void startNew() { startWith(newDocument()); }
    void startWith(
        Document document,
        std::vector<HandoutLine> handout = {}); ///< unsaved, with nothing to undo; `handout` where it came from one
    /// A routine that was not saved when the program ended, or an earlier version of a file that is not open: unsaved.
    /// `file` is the file that it is of, and is saved over when the person saves; empty for none.
    void bringBack(Document document, const QString& file);
    /// A dance for the song that is here and has none yet; a step of undo.
    void takeDance(Document dance, std::vector<HandoutLine> handout);
    /// An earlier version of the routine at hand; a step of undo. Its file stays as it is until the person saves.
    void takeVersion(Document earlier);
    /// The lines of the hand-out from which the routine came, where it was read in this window; else those of it that
    /// wait to be settled.
    [[nodiscard]] std::vector<HandoutLine> handout() const {
        return m_handout.empty() ? unsettledLines(document().routine) : m_handout;
    }
    /// Reads a routine file, or a routine as plain text, in the background; it then takes the place of the routine at
    /// hand, and opened() tells. Errors are told. `mayReplace` is asked when the file has been read and before anything
    /// is lost.
    void open(const QString& path, std::function<bool()> mayReplace = {});
    [[nodiscard]] bool reading() const { return m_reader.busy(); }
    bool cancelReading(); ///< false where nothing was being read
    Result<void> save(const QString& path, bool evenIfChanged = false);

    /// The person's words: those that a line says come into the routine with it.
    void setWords(const OwnWords& words) { m_words = words; }
    [[nodiscard]] const OwnWords& words() const { return m_words; }
    /// The person's own limits, with which findings are worked out.
    void setLimits(const BodyLimits& limits);

    // A remedy tried on, not applied
    void preview(const std::vector<Edit>& edits, const QString& title);
    void endPreview();
    [[nodiscard]] const Landing* previewLanding() const { return m_preview ? &*m_preview : nullptr; }
    /// The routine that is tried on, on its song; null for none.
    [[nodiscard]] const Document* previewDocument() const { return m_preview ? &m_previewDocument : nullptr; }
    [[nodiscard]] QString previewTitle() const { return m_previewTitle; }

    /// When something is sung or counted; nothing for a place outside the song.
    [[nodiscard]] std::optional<double> secondsOf(Tick at) const;

Q_SIGNALS:
    void gridChanged();     ///< other counts: before documentChanged(), for what plays them
    void revised();         ///< before documentChanged(), at every one: for what is known of the song
    void documentChanged(); ///< also after undo, redo, open, new
    void replacing();       ///< the routine at hand is about to be left
    void routineReplaced(); ///< before documentChanged(), after open and new: identities mean other things now
    void routineReady(bool fromFile); ///< after it
    void fileChanged();               ///< path or saved state
    void previewChanged();
    void opened(const QString& path); ///< a file took the place of the routine
    void readingEnded();
    void wordKept(const OwnWord& word); ///< a word was given a meaning in the routine

private:
    void refresh();
    void replaceRoutine(Document document);
    void takeWhole(Document document, const QString& name); ///< in one step of undo

    Messages& m_messages;
    History<Document> m_history{newDocument()};
    std::shared_ptr<const Landing> m_landing;
    std::shared_ptr<const SongMap> m_gridOf; // map and scheme of m_landing->grid
    CountingScheme m_gridScheme;
    int m_revision = 0;
    Worker m_reader;
    QString m_path;
    std::optional<FileFingerprint> m_onDisk;
    BodyLimits m_limits;
    OwnWords m_words;
    std::vector<HandoutLine> m_handout;
    std::optional<Landing> m_preview;
    Document m_previewDocument;
    QString m_previewTitle;
};

} // namespace lc::app
