#pragma once

#include "app/arrange/proposals_page.h"
#include "app/base/worker.h"
#include "core/planning/music_mend.h"

#include <optional>

class QCheckBox;
class QPushButton;
class QSpinBox;

namespace lc::app {

class WhenShown;

/// "Mend the music instead": the fewest cuts and repeats of whole bars on which the unchanged dance lands, heard at
/// each joint, and written as a new song.
class MendPanel : public ProposalsPage {
    Q_OBJECT
public:
    MendPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void apply() override; ///< writes it
    void hearJoint();      ///< some seconds around a joint of the chosen mend; again the next joint
    /// Writes the chosen mend's sound and its map beside it (path with the ending csv), and takes the new song. An
    /// empty path asks for one. Of a song without a recording the map alone is taken.
    void write(QString path = {});
    [[nodiscard]] const MusicMends* mends() const { return m_mends ? &*m_mends : nullptr; }
    [[nodiscard]] QString says() const;

protected:
    void hideEvent(QHideEvent* event) override;
    [[nodiscard]] bool may() const override;
    [[nodiscard]] QString undoName() const override;
    void chose() override;

private:
    struct Tried {
        Text title, price;
        std::vector<Edit> edits;
    };
    struct Compared {
        MusicMends mends;
        std::vector<Tried> rows; ///< of each mend
    };
    void refresh();
    static Result<Compared> compare(const Document& document, const Landing& landing, const MusicMendWishes& wishes,
                                    const Task& task);
    void showCompared(Result<Compared> compared);
    [[nodiscard]] Result<EditedSong> chosenSong() const;
    [[nodiscard]] bool recorded() const; ///< the song has a recording, read or not

    Worker m_worker; ///< compares
    Worker m_writer; ///< of the new song
    WhenShown* m_upToDate;
    QSpinBox *m_longest, *m_joint, *m_bar;
    QCheckBox* m_mayChange;
    QPushButton* m_hear;
    std::optional<MusicMends> m_mends;
    std::size_t m_nextJoint = 0;
    bool m_writing = false;
};

} // namespace lc::app
