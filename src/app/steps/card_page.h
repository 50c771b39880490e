#pragma once

#include "app/base/theme.h"

#include <QHash>
#include <QLineEdit>
#include <QWidget>

#include <vector>

class QPlainTextEdit;
class QVBoxLayout;

namespace lc::app {

class FigureDesk;

/// Everything else that is known of a figure.
class CardPage : public QWidget {
    Q_OBJECT
public:
    CardPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] QLineEdit* field(const QString& name) const { return m_fields.value(name); }

private:
    void refresh();
    void showVersions();
    FigureDesk& m_desk;
    const Theme& m_theme;
    QHash<QString, QLineEdit*> m_fields;
    QPlainTextEdit* m_notes;
    QWidget* m_own;
    QWidget* m_versions;
    QVBoxLayout* m_versionsColumn;
    bool m_showing = false;
};

} // namespace lc::app
