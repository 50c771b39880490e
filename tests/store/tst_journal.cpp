// The journal of unsaved work, and earlier versions of a file.
#include "support/core_support.h"

#include "core/base/files.h"
#include "store/journal.h"
#include "store/versions.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>

#include <set>
#include <sys/stat.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace lc;

namespace {

JournalEntry entry(const std::string& title) {
    JournalEntry out;
    out.file = "/halls/Grüße \"vom\"\nTurm.liftcount";
    out.document = test::documentOn("intro 16 | verse 32");
    out.document->title = title;
    out.caret = counts(7);
    return out;
}

std::string titleOf(const LeftBehind& left) { return left.entry.document ? left.entry.document->title : ""; }

} // namespace

class JournalTest : public QObject {
    Q_OBJECT

    std::unique_ptr<QTemporaryDir> m_folder;
    [[nodiscard]] std::string folder() const { return m_folder->filePath("journal").toStdString(); }

private Q_SLOTS:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    void anEntryComesBackAsItWas() {
        JournalEntry all = entry("Turm");
        FigureCard card;
        card.name = "Wiegeschritt";
        card.lines = {{"everyone", "1 rock L 2 recover"}};
        all.figure = TypedFigure{"0123", card};
        const LeftBehind read = test::must(readJournal(journalText(all, 1'700'000'000'123)));
        QCOMPARE(read.writtenAt, std::int64_t(1'700'000'000'123));
        QVERIFY(read.entry.file == all.file);
        QVERIFY(read.entry.caret == all.caret);
        QVERIFY(read.entry.figure == all.figure);
        QVERIFY(read.entry.document == all.document);
        // the figure alone
        all.document.reset();
        const LeftBehind alone = test::must(readJournal(journalText(all, 1)));
        QVERIFY(!alone.entry.document);
        QVERIFY(alone.entry.figure == all.figure);
    }

    /// Only what a window that is gone has left is offered.
    void whatALivingWindowHoldsIsItsOwn() {
        auto journal = test::must(Journal::open(folder()));
        test::must(journal->write(entry("held"), 1));
        QVERIFY(leftBehind(folder()).empty());
        QVERIFY(!forgetLeft(journal->path()));
        const std::string path = journal->path();
        journal.reset();
        auto left = leftBehind(folder());
        QCOMPARE(left.size(), std::size_t(1));
        QCOMPARE(QString::fromStdString(titleOf(left[0])), "held");
        QCOMPARE(left[0].path, path);
        QVERIFY(forgetLeft(left[0].path));
        QVERIFY(!forgetLeft(left[0].path)); // it was another window's turn
        QVERIFY(leftBehind(folder()).empty());
        QCOMPARE(QDir(QString::fromStdString(folder())).entryList(QDir::Files | QDir::Hidden), QStringList());
    }

    /// A window that ends with everything saved leaves nothing, and what windows without a journal left is cleared up.
    void nothingIsLeftOfWhatWasSaved() {
        auto journal = test::must(Journal::open(folder()));
        test::must(journal->write(entry("then saved"), 1));
        test::must(journal->clear(2));
        journal.reset();
        QVERIFY(leftBehind(folder()).empty());
        QCOMPARE(QDir(QString::fromStdString(folder())).entryList(QDir::Files), QStringList());
        if (const pid_t child = ::fork(); child == 0) {
            auto killed = Journal::open(folder());
            ::_exit(killed ? 0 : 1); // without its end: the lock file stays
        } else {
            int status = 0;
            ::waitpid(child, &status, 0);
            QCOMPARE(status, 0);
        }
        QCOMPARE(QDir(QString::fromStdString(folder())).entryList(QDir::Files).size(), 1);
        QVERIFY(leftBehind(folder()).empty());
        QCOMPARE(QDir(QString::fromStdString(folder())).entryList(QDir::Files), QStringList());
    }

    /// The thread that writes may be late: what came after it stays.
    void anOlderEntryDoesNotReplaceANewer() {
        auto journal = test::must(Journal::open(folder()));
        test::must(journal->write(entry("second"), 2));
        test::must(journal->write(entry("first"), 1));
        journal.reset();
        QCOMPARE(QString::fromStdString(titleOf(leftBehind(folder()).at(0))), "second");
        // nor does one that was saved in the meantime come back
        auto saved = test::must(Journal::open(m_folder->filePath("other").toStdString()));
        test::must(saved->write(entry("one"), 1));
        test::must(saved->clear(3));
        test::must(saved->write(entry("two"), 2));
        saved.reset();
        QVERIFY(leftBehind(m_folder->filePath("other").toStdString()).empty());
    }

    void theNewestIsOfferedFirstAndWhatIsDamagedStays() {
        for (const char* title : {"one", "two"}) {
            auto journal = test::must(Journal::open(folder()));
            test::must(journal->write(entry(title), 1));
            std::this_thread::sleep_for(std::chrono::milliseconds(3));
        }
        const std::string whole = journalText(entry("whole"), 5);
        const QList<QByteArray> bad{"",
                                    "{}",
                                    "\n",
                                    "{\"format\":\"liftcount-journal\",\"version\":99}\n",
                                    QByteArray::fromStdString(whole.substr(0, whole.size() / 2)),
                                    QByteArray::fromStdString(whole).replace("\"caret\"", "\"cart\"")};
        for (qsizetype i = 0; i < bad.size(); ++i) {
            QFile file(QStringLiteral("%1/bad%2.journal").arg(QString::fromStdString(folder())).arg(i));
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(bad[i]);
        }
        std::vector<Text> unreadable;
        const auto left = leftBehind(folder(), &unreadable);
        QCOMPARE(left.size(), std::size_t(2));
        QCOMPARE(QString::fromStdString(titleOf(left[0])), "two");
        QCOMPARE(unreadable.size(), static_cast<std::size_t>(bad.size()));
        for (const Text& sentence : unreadable) QVERIFY(sentence.english().find(".journal") != std::string::npos);
        QCOMPARE(QDir(QString::fromStdString(folder())).entryList({"bad*"}, QDir::Files).size(), bad.size());
    }

    void aFolderThatCannotBeWrittenIsSaid() {
        if (::geteuid() == 0) { // root may write anywhere: a file in the folder's place then
            QFile file(QString::fromStdString(folder()));
            QVERIFY(file.open(QIODevice::WriteOnly));
        } else {
            QDir().mkpath(QString::fromStdString(folder()));
            ::chmod(folder().c_str(), 0500);
        }
        const auto journal = Journal::open(folder());
        QVERIFY(!journal);
        QVERIFY(journal.error().code == ErrorCode::Unwritable);
        QVERIFY(journal.error().message.english().find("cannot be kept in") != std::string::npos);
    }

    void theLastTenSavesAndDaysStay() {
        constexpr std::int64_t hour = 3'600'000;
        // 30 saves, one every 8 hours: three a day
        std::vector<std::int64_t> times;
        for (int i = 0; i < 30; ++i) times.push_back((1000 - i) * 8 * hour);
        const std::vector<bool> stays = staying(times);
        std::set<std::int64_t> days;
        for (std::size_t i = 0; i < times.size(); ++i) {
            if (i < keptSaves) QVERIFY(stays[i]);
            const bool lastOfDay = days.insert(times[i] / (24 * hour)).second;
            if (days.size() <= keptDays && lastOfDay) QVERIFY(stays[i]);
            if (i >= keptSaves && !(lastOfDay && days.size() <= keptDays)) QVERIFY(!stays[i]);
        }
        // midnight is that of the place: at UTC+2, 23:30 and 00:30 UTC are of one day
        const std::vector<std::int64_t> night{48 * hour + hour / 2, 48 * hour - hour / 2};
        std::vector<std::int64_t> many(keptSaves, night[0]);
        many.push_back(night[1]);
        QVERIFY(staying(many).back());
        QVERIFY(!staying(many, 2 * hour).back());
    }

    void versionsAreKeptOnceAndComeBack() {
        const std::string file = "/halls/evening.liftcount";
        test::must(keepVersion(folder(), file, "first", 1000));
        test::must(keepVersion(folder(), file, "first", 2000)); // the same
        test::must(keepVersion(folder(), file, "second", 3000));
        test::must(keepVersion(folder(), file, "third", 2500)); // the clock was put back
        test::must(keepVersion(folder(), "/halls/other.liftcount", "of another", 3000));
        const auto all = versionsOf(folder(), file);
        QCOMPARE(all.size(), std::size_t(3));
        QVERIFY(all[0].at > all[1].at && all[1].at == 3000 && all[2].at == 1000);
        QCOMPARE(test::must(readFile(all[0].path, 100)), std::string("third"));
        QCOMPARE(test::must(readFile(all[2].path, 100)), std::string("first"));
        for (int i = 0; i < 40; ++i) test::must(keepVersion(folder(), file, std::to_string(i), 4000 + i));
        QCOMPARE(versionsOf(folder(), file).size(), keptSaves); // all of one day
        QVERIFY(versionsOf(folder(), "/halls/unknown").empty());
    }
};

LIFTCOUNT_TEST(JournalTest)
#include "tst_journal.moc"
