#pragma once

#include "app/base/command.h"
#include "app/base/theme.h"

#include <QDialog>

class QListWidget;
class QTextBrowser;

namespace lc::app {

/// The manual, in a window of its own: its pages at the left, what they say at the right. It lies as Markdown beside
/// the program's other data; nothing is fetched.
class Help : public QDialog {
    Q_OBJECT
public:
    Help(const Theme& theme, QWidget* window);
    /// A page of the manual, such as "arrange.md", or "arrange.md#make-it-land" at a heading of it.
    void showPage(const QString& page);
    [[nodiscard]] QString shownPage() const;
    [[nodiscard]] QString text() const; ///< of the page that is shown

    /// Where the manual lies; empty where it is not there.
    [[nodiscard]] static QString folder();
    /// A heading of the manual and where it stands.
    struct Heading {
        QString text, page; ///< "Make it land", "arrange.md#make-it-land"
    };
    /// Every heading of every page, in the order of the pages.
    [[nodiscard]] static const QList<Heading>& headings();

private:
    void showList();

    QListWidget* m_pages;
    QTextBrowser* m_browser;
};

/// Which program this is, and under which licences it and what ships with it stand.
void showAbout(const Theme& theme, QWidget* window);

} // namespace lc::app
