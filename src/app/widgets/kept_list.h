#pragma once

#include "app/base/theme.h"
#include "core/landing/findings.h"

#include <QString>
#include <QWidget>

#include <memory>
#include <vector>

class QVBoxLayout;

namespace lc::app {

/// A routine that is kept and can be brought back: work that was not saved, or how a file was before.
struct KeptRoutine {
    QString title;
    QString about;                          ///< when, of which file, how long
    QString day = {};                       ///< a heading over the first of a day; empty for no headings
    std::shared_ptr<const Landing> landing; ///< to be shown in miniature; null for none
    bool mayGo = true;                      ///< it can be thrown away
};

/// Kept routines under each other, each in miniature, with what can be done with it.
class KeptList : public QWidget {
    Q_OBJECT
public:
    explicit KeptList(const Theme& theme, QWidget* parent = nullptr);
    void show(const std::vector<KeptRoutine>& routines);
    [[nodiscard]] int size() const { return m_size; }

Q_SIGNALS:
    void broughtBack(int index);
    void thrownAway(int index);

private:
    const Theme& m_theme;
    QVBoxLayout* m_rows;
    int m_size = 0;
};

} // namespace lc::app
