#pragma once

#include "app/base/theme.h"

#include <QScrollArea>

class QLineEdit;
class QVBoxLayout;

namespace lc::app {

class DoubtsList;
class HandStatements;
class Session;

/// Beside the song: where the analysis is unsure, what the song is, what a person said about it, what is marked in it.
class SongColumn : public QScrollArea {
    Q_OBJECT
public:
    SongColumn(Session& session, const Theme& theme, HandStatements& hand, QWidget* parent = nullptr);
    void rebuild();
    void nameThePhrase(); ///< the keyboard to the field for the name of the phrase at the caret
    [[nodiscard]] DoubtsList* doubts() const { return m_doubts; } ///< null while nothing can be doubted

private:
    void addMoments(QVBoxLayout* column, QWidget* page);

    Session& m_session;
    const Theme& m_theme;
    HandStatements& m_hand;
    DoubtsList* m_doubts = nullptr;
    QLineEdit* m_phraseName = nullptr; ///< null while there are no phrases
};

} // namespace lc::app
