#include "app/window/preferences.h"

#include "app/base/figure_desk.h"
#include "app/base/journal_keeper.h"
#include "app/base/languages.h"
#include "app/base/qt_audio_output.h"
#include "app/base/session.h"
#include "app/base/settings.h"
#include "app/base/wording.h"
#include "app/widgets/page_parts.h"
#include "app/widgets/plain_table.h"
#include "app/window/command_table.h"

#include <QComboBox>
#include <QDesktopServices>
#include <QDir>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <QSpinBox>
#include <QUrl>

namespace lc::app {

Preferences::Preferences(Session& session, FigureDesk& desk, CommandTable& commands, const Theme& theme,
                         QWidget* window)
    : QDialog(window), m_session(session), m_desk(desk), m_commands(commands), m_theme(theme) {
    setObjectName(QStringLiteral("preferences"));
    setWindowTitle(tr("Preferences"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto* all = new QVBoxLayout(this);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    m_page = new QWidget;
    m_column = new QVBoxLayout(m_page);
    m_column->setSpacing(theme.px(8));
    addLook();
    addSound();
    addSheets();
    addBody();
    addPlaces();
    addKeys();
    for (auto* form : m_page->findChildren<QFormLayout*>())
        for (int row = 0; row < form->rowCount(); ++row) // the fields of all sections stand under each other
            if (auto* label = form->itemAt(row, QFormLayout::LabelRole))
                label->widget()->setMinimumWidth(theme.px(210));
    scroll->setWidget(m_page);
    all->addWidget(scroll, 1);
    auto* close = new QPushButton(tr("Close"), this);
    close->setAutoDefault(false);
    connect(close, &QPushButton::clicked, this, &QDialog::close);
    all->addWidget(close, 0, Qt::AlignRight);
    resize(theme.px(620), theme.px(680));
}

QFormLayout& Preferences::section(const QString& title) {
    if (m_column->count() > 0) m_column->addSpacing(m_theme.px(8));
    m_column->addWidget(paragraph(title, m_theme.words(15, Weight::Heavy), Tone::Ink, m_page));
    m_column->addWidget(divider(m_page));
    auto* form = new QFormLayout;
    form->setHorizontalSpacing(m_theme.px(14));
    form->setVerticalSpacing(m_theme.px(6));
    form->setFieldGrowthPolicy(QFormLayout::FieldsStayAtSizeHint);
    m_column->addLayout(form);
    return *form;
}

QComboBox* Preferences::choice(QFormLayout& form, const QString& label, const char* object) {
    auto* box = new QComboBox(m_page);
    box->setObjectName(QString::fromLatin1(object));
    box->setAccessibleName(label);
    box->setMinimumWidth(m_theme.px(220));
    form.addRow(label, box);
    return box;
}

void Preferences::addLook() {
    QFormLayout& form = section(tr("Look and words"));
    using settings::LookWanted;
    auto* look = choice(form, tr("Theme"), "prefTheme");
    for (const QString& name : {tr("As the system"), tr("Bright"), tr("Dark")}) look->addItem(name);
    look->setCurrentIndex(static_cast<int>(settings::look()));
    connect(look, &QComboBox::activated, this, [this](int index) {
        settings::setLook(static_cast<LookWanted>(index));
        Q_EMIT lookWanted();
    });
    auto* size = choice(form, tr("Size of text"), "prefText");
    for (const int percent : settings::textSizes) {
        size->addItem(tr("%1 %").arg(percent), percent);
        if (percent == settings::textPercent()) size->setCurrentIndex(size->count() - 1);
    }
    connect(size, &QComboBox::activated, this, [this, size] {
        settings::setTextPercent(size->currentData().toInt());
        Q_EMIT anewWanted();
    });
    auto* language = choice(form, tr("Language"), "prefLanguage");
    language->addItem(tr("As the system"), QString());
    for (const QString& one : languages()) language->addItem(languageName(one), one);
    language->setCurrentIndex(std::max(0, language->findData(settings::language())));
    connect(language, &QComboBox::activated, this, [this, language] {
        settings::setLanguage(language->currentData().toString());
        Q_EMIT anewWanted();
    });
}

void Preferences::addSound() {
    QFormLayout& form = section(tr("Sound"));
    auto* device = choice(form, tr("Played by"), "prefDevice");
    device->addItem(tr("The system's own output"), QByteArray());
    for (const SoundDevice& one : soundDevices()) device->addItem(one.name, one.id);
    device->setCurrentIndex(std::max(0, device->findData(settings::soundDevice())));
    device->setToolTip(tr("From the next time that it plays"));
    connect(device, &QComboBox::activated, this,
            [device] { settings::setSoundDevice(device->currentData().toByteArray()); });
    auto* volume = new QSlider(Qt::Horizontal, m_page);
    volume->setObjectName(QStringLiteral("prefVolume"));
    volume->setAccessibleName(tr("Volume"));
    volume->setRange(0, 100);
    volume->setValue(settings::volume());
    volume->setFixedWidth(m_theme.px(220));
    connect(volume, &QSlider::valueChanged, this, [this](int percent) {
        settings::setVolume(percent);
        m_session.transport.setVolume(percent / 100.0);
    });
    form.addRow(tr("Volume"), volume);
    const auto milliseconds = [&](const QString& label, const QString& tip, const char* object, int value, auto set) {
        auto* field = numberField(object, label, -500, 500, m_theme, m_page);
        field->setSuffix(tr(" ms"));
        field->setFixedWidth(m_theme.px(90));
        field->setValue(value);
        field->setToolTip(tip);
        connect(field, &QSpinBox::valueChanged, this, set);
        form.addRow(label, field);
    };
    milliseconds(tr("The sound comes late by"),
                 tr("More than the device says: loudspeakers without a cable take a fifth of a second and more"),
                 "prefSoundLate", settings::soundLate(), [](int ms) { settings::setSoundLate(ms); });
    milliseconds(
        tr("Taps come late by"),
        tr("What the sound's way to the ear and the hand's to the key take together; learned from taps that agree with a song"),
        "prefTapsLate", settings::tapsLate(), [](int ms) { settings::setTapsLate(ms); });
    m_column->addWidget(
        paragraph(tr("Keep the music at a comfortable volume."), m_theme.words(12), Tone::Ink2, m_page));
}

void Preferences::addSheets() {
    QFormLayout& form = section(tr("Sheets"));
    auto* paper = choice(form, tr("Paper"), "prefPaper");
    for (const auto& [id, name] :
         {std::pair{QPageSize::A4, tr("A4")}, {QPageSize::A5, tr("A5")}, {QPageSize::Letter, tr("Letter")}}) {
        paper->addItem(name, static_cast<int>(id));
        if (id == settings::paper()) paper->setCurrentIndex(paper->count() - 1);
    }
    connect(paper, &QComboBox::activated, this, [this, paper] {
        settings::setPaper(static_cast<QPageSize::PageSizeId>(paper->currentData().toInt()));
        Q_EMIT changed();
    });
}

void Preferences::addBody() {
    QFormLayout& form = section(tr("Your own limits"));
    const auto limit = [&](const QString& label, const char* object, std::optional<double> BodyLimits::*which) {
        QLineEdit* field = limitField(object, m_desk, which, m_theme, m_page);
        field->setAccessibleName(label);
        form.addRow(label, field);
    };
    limit(tr("Quickest step, in seconds"), "prefStep", &BodyLimits::shortestStepSeconds);
    limit(tr("Fastest turn, in degrees a second"), "prefTurn", &BodyLimits::turnDegreesPerSecond);
    m_column->addWidget(paragraph(tr("They only warn. A qualified teacher and the rules of the house come first."),
                                  m_theme.words(12), Tone::Ink2, m_page));
}

void Preferences::addPlaces() {
    QFormLayout& form = section(tr("Where things are"));
    auto* row = new QHBoxLayout;
    const QString folder = QFileInfo(JournalKeeper::usualFolder()).path();
    auto* where = paragraph(QDir::toNativeSeparators(folder), m_theme.words(13), Tone::Ink2, m_page);
    where->setTextInteractionFlags(Qt::TextSelectableByMouse);
    where->setMinimumWidth(m_theme.px(300));
    row->addWidget(where, 1);
    auto* open = new QPushButton(tr("Open"), m_page);
    open->setAutoDefault(false);
    open->setToolTip(tr("The folder of the vocabulary, of unsaved work and of earlier versions"));
    connect(open, &QPushButton::clicked, this, [folder] { QDesktopServices::openUrl(QUrl::fromLocalFile(folder)); });
    row->addWidget(open);
    form.addRow(tr("Vocabulary, unsaved work, versions"), row);
}

void Preferences::addKeys() {
    (void)section(tr("Keys"));
    m_search = new QLineEdit(m_page);
    m_search->setObjectName(QStringLiteral("prefKeySearch"));
    m_search->setAccessibleName(tr("Search the keys"));
    m_search->setPlaceholderText(tr("a command or a key, such as restart or Ctrl+K"));
    m_column->addWidget(m_search);
    m_keys = new PlainTable({tr("key"), tr("command"), tr("menu")}, m_theme, m_page);
    m_keys->setObjectName(QStringLiteral("prefKeys"));
    m_keys->setAccessibleName(tr("Commands and their keys"));
    m_keys->setMinimumHeight(m_theme.px(260));
    m_column->addWidget(m_keys);
    auto* row = new QHBoxLayout;
    m_key = new QKeySequenceEdit(m_page);
    m_key->setObjectName(QStringLiteral("prefKey"));
    m_key->setAccessibleName(tr("Another key for the chosen command"));
    m_key->setToolTip(tr("Press the key that it is to have"));
    row->addWidget(m_key, 1);
    const auto button = [&](const QString& text, const QString& tip, const char* object) {
        auto* made = new QPushButton(text, m_page);
        made->setAutoDefault(false);
        made->setToolTip(tip);
        made->setObjectName(QString::fromLatin1(object));
        row->addWidget(made);
        return made;
    };
    m_give = button(tr("Use this key"), tr("The chosen command has it from now on"), "prefGiveKey");
    m_usual = button(tr("The usual one"), tr("The key that the program gives it"), "prefUsualKey");
    m_none = button(tr("None"), tr("It stays in the menu and in the box"), "prefNoKey");
    m_column->addLayout(row);
    m_says = paragraph({}, m_theme.words(13, Weight::Bold), Tone::Ink, m_page);
    m_column->addWidget(m_says);
    connect(m_search, &QLineEdit::textEdited, this, &Preferences::listKeys);
    connect(m_keys, &QTableWidget::itemSelectionChanged, this, &Preferences::showKey);
    connect(m_key, &QKeySequenceEdit::keySequenceChanged, this, [this](const QKeySequence& key) {
        const int at = m_keys->currentRow();
        const auto* holder = at < 0 ? nullptr : m_commands.holderOf(key, m_shown[at]);
        m_give->setText(holder ? tr("Take it from there") : tr("Use this key"));
        m_says->setText(holder ? tr("%1 is the key of “%2”, which has none then.")
                                     .arg(key.toString(QKeySequence::NativeText), holder->name)
                               : QString());
    });
    connect(m_give, &QPushButton::clicked, this, [this] { (void)giveKey(m_key->keySequence(), true); });
    connect(m_none, &QPushButton::clicked, this, [this] { (void)giveKey({}, false); });
    connect(m_usual, &QPushButton::clicked, this, [this] {
        for (const CommandTable::Key& one : m_commands.keys())
            if (m_keys->currentRow() >= 0 && one.id == m_shown[m_keys->currentRow()])
                return (void)giveKey(one.usual, false);
    });
    listKeys();
}

void Preferences::findKey(const QString& words) {
    m_search->setText(words);
    listKeys();
}

void Preferences::listKeys() {
    const QByteArray chosen = m_keys->currentRow() >= 0 ? m_shown.value(m_keys->currentRow()) : QByteArray();
    const QStringList words = m_search->text().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    m_keys->clearRows();
    m_shown.clear();
    int row = 0;
    for (const CommandTable::Key& one : m_commands.keys()) {
        const QString key = one.key.toString(QKeySequence::NativeText);
        const QString all = key + QLatin1Char(' ') + one.name + QLatin1Char(' ') + one.menu;
        if (!std::all_of(words.begin(), words.end(),
                         [&](const QString& word) { return all.contains(word, Qt::CaseInsensitive); }))
            continue;
        if (one.id == chosen) row = static_cast<int>(m_shown.size());
        m_shown << one.id;
        m_keys->addRow({key + (one.key == one.usual ? QString() : QStringLiteral(" *")), one.name, one.menu});
    }
    if (!m_shown.isEmpty()) m_keys->selectRow(row);
    showKey();
}

void Preferences::showKey() {
    const bool any = m_keys->currentRow() >= 0;
    for (QWidget* needs : std::initializer_list<QWidget*>{m_key, m_give, m_usual, m_none}) needs->setEnabled(any);
    for (const CommandTable::Key& one : m_commands.keys())
        if (any && one.id == m_shown[m_keys->currentRow()]) m_key->setKeySequence(one.key);
}

bool Preferences::giveKey(const QKeySequence& key, bool takeIt) {
    if (m_keys->currentRow() < 0) return false;
    const QByteArray id = m_shown[m_keys->currentRow()];
    if (const auto* holder = m_commands.holderOf(key, id)) {
        if (!takeIt) {
            m_says->setText(tr("%1 is the key of “%2”. Give that one another key first.")
                                .arg(key.toString(QKeySequence::NativeText), holder->name));
            return false;
        }
        m_commands.setKey(QByteArray(holder->id), {});
    }
    m_commands.setKey(id, key);
    m_says->clear();
    listKeys();
    return true;
}

QString Preferences::saysOfKeys() const { return m_says->text(); }

} // namespace lc::app
