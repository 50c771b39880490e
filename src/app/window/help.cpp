#include "app/window/help.h"

#include "app/base/paths.h"

#include "app/base/wording.h"

#include <QApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QImage>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextCursor>
#include <QUrl>
#include <QVBoxLayout>

#include <algorithm>

namespace lc::app {

namespace {

/// The pages, in the order in which they are read.
const char* const pages[] = {"index.md",     "listen.md",       "steps.md", "arrange.md",  "notation.md",
                             "hand-outs.md", "command-line.md", "keys.md",  "glossary.md", "trouble.md"};

QString textOf(const QString& page) {
    QFile file(Help::folder() + QLatin1Char('/') + page);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

/// Pictures are no wider than the page.
class Browser : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;

protected:
    QVariant loadResource(int type, const QUrl& name) override {
        const QVariant loaded = QTextBrowser::loadResource(type, name);
        if (type != QTextDocument::ImageResource) return loaded;
        QImage image = loaded.value<QImage>();
        if (image.isNull() && !image.loadFromData(loaded.toByteArray())) return loaded;
        const int room = std::max(200, viewport()->width() - 24);
        return image.width() > room ? image.scaledToWidth(room, Qt::SmoothTransformation) : image;
    }
};

QString anchorOf(const QString& heading) {
    QString out;
    for (const QChar c : heading.toLower())
        if (c.isLetterOrNumber())
            out += c;
        else if ((c.isSpace() || c == QLatin1Char('-')) && !out.endsWith(QLatin1Char('-')))
            out += QLatin1Char('-');
    return out;
}

} // namespace

QString Help::folder() { return shippedFolder(QStringLiteral("manual")); }

const QList<Help::Heading>& Help::headings() {
    static const QList<Heading> all = [] {
        QList<Heading> found;
        for (const char* page : pages)
            for (const QString& line : textOf(QString::fromLatin1(page)).split(QLatin1Char('\n')))
                if (line.startsWith(QLatin1String("# ")) || line.startsWith(QLatin1String("## "))) {
                    const QString text = line.section(QLatin1Char(' '), 1).remove(QLatin1Char('`'));
                    found.push_back({text, QString::fromLatin1(page) + QLatin1Char('#') + anchorOf(text)});
                }
        return found;
    }();
    return all;
}

Help::Help(const Theme& theme, QWidget* window) : QDialog(window) {
    setObjectName(QStringLiteral("help"));
    setWindowTitle(tr("Help"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto* all = new QVBoxLayout(this);
    auto* sides = new QHBoxLayout;
    m_pages = new QListWidget(this);
    m_pages->setAccessibleName(tr("Pages of the manual"));
    m_pages->setFixedWidth(theme.px(230));
    sides->addWidget(m_pages);
    m_browser = new Browser(this);
    m_browser->setAccessibleName(tr("The manual"));
    m_browser->setOpenExternalLinks(true);
    m_browser->setSearchPaths({folder()});
    sides->addWidget(m_browser, 1);
    all->addLayout(sides, 1);
    auto* row = new QHBoxLayout;
    const auto button = [&](const QString& text, auto what) {
        auto* made = new QPushButton(text, this);
        made->setAutoDefault(false);
        connect(made, &QPushButton::clicked, this, what);
        row->addWidget(made);
    };
    button(tr("Back"), [this] { m_browser->backward(); });
    button(tr("Forward"), [this] { m_browser->forward(); });
    row->addStretch();
    button(tr("Close"), [this] { close(); });
    all->addLayout(row);
    for (const char* page : pages) {
        const QString name = QString::fromLatin1(page);
        const QString title = textOf(name).section(QLatin1Char('\n'), 0, 0).section(QLatin1Char(' '), 1);
        if (title.isEmpty()) continue;
        auto* item = new QListWidgetItem(title, m_pages);
        item->setData(Qt::UserRole, name);
    }
    connect(m_pages, &QListWidget::itemClicked, this,
            [this](const QListWidgetItem* item) { showPage(item->data(Qt::UserRole).toString()); });
    connect(m_pages, &QListWidget::itemActivated, this,
            [this](const QListWidgetItem* item) { showPage(item->data(Qt::UserRole).toString()); });
    connect(m_browser, &QTextBrowser::sourceChanged, this, &Help::showList);
    if (folder().isEmpty())
        m_browser->setPlainText(
            tr("The manual is not here. It lies in the folder docs/manual of the program's sources."));
    resize(theme.px(960), theme.px(680));
}

void Help::showPage(const QString& page) {
    if (folder().isEmpty()) return;
    const QString file = page.section(QLatin1Char('#'), 0, 0);
    if (shownPage() != file)
        m_browser->setSource(QUrl::fromLocalFile(folder() + QLatin1Char('/') + file), QTextDocument::MarkdownResource);
    showList();
    const QString anchor = page.section(QLatin1Char('#'), 1);
    for (QTextBlock block = m_browser->document()->begin(); block.isValid() && !anchor.isEmpty(); block = block.next())
        if (block.blockFormat().headingLevel() > 0 && anchorOf(block.text()) == anchor) {
            QTextCursor cursor(block);
            m_browser->moveCursor(QTextCursor::End); // so that the heading comes to the top, not to the bottom
            m_browser->setTextCursor(cursor);
            return m_browser->ensureCursorVisible();
        }
}

QString Help::shownPage() const { return m_browser->source().fileName(); }

QString Help::text() const { return m_browser->toPlainText(); }

void Help::showList() {
    for (int i = 0; i < m_pages->count(); ++i)
        if (m_pages->item(i)->data(Qt::UserRole).toString() == shownPage()) m_pages->setCurrentRow(i);
}

void showAbout(const Theme& theme, QWidget* window) {
    auto* dialog = new QDialog(window);
    dialog->setObjectName(QStringLiteral("about"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setWindowTitle(Help::tr("About Lift Count"));
    auto* column = new QVBoxLayout(dialog);
    column->setSpacing(theme.px(10));
    column->addWidget(paragraph(Help::tr("Lift Count %1").arg(QCoreApplication::applicationVersion()),
                                theme.words(20, Weight::Heavy), Tone::Ink, dialog));
    column->addWidget(
        paragraph(Help::tr("Times counted step sequences against a song."), theme.words(14), Tone::Ink2, dialog));
    column->addWidget(paragraph(
        Help::tr(
            "Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first."),
        theme.words(13), Tone::Ink2, dialog));
    auto* licences = new QPlainTextEdit(dialog);
    licences->setReadOnly(true);
    licences->setAccessibleName(Help::tr("Licences of the program and of what ships with it"));
    QString text;
    for (const char* file : {"LICENSE", "LICENSE-Lato.txt", "LICENSE-B612.txt"}) {
        QFile licence(QStringLiteral(":/licences/") + QString::fromLatin1(file));
        if (licence.open(QIODevice::ReadOnly)) text += QString::fromUtf8(licence.readAll()) + QStringLiteral("\n\n");
    }
    licences->setPlainText(text);
    column->addWidget(licences, 1);
    auto* row = new QHBoxLayout;
    auto* qt = new QPushButton(Help::tr("About Qt"), dialog);
    qt->setAutoDefault(false);
    QObject::connect(qt, &QPushButton::clicked, qApp, &QApplication::aboutQt);
    row->addWidget(qt);
    row->addStretch();
    auto* close = new QPushButton(Help::tr("Close"), dialog);
    QObject::connect(close, &QPushButton::clicked, dialog, &QDialog::close);
    row->addWidget(close);
    column->addLayout(row);
    dialog->resize(theme.px(560), theme.px(520));
    dialog->show();
}

} // namespace lc::app
