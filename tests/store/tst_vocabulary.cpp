// The vocabulary's file: damaged, newer, read-only, in use elsewhere, full; and everything a person does with it.
#include "support/core_support.h"

#include "core/exchange/figure_file.h"
#include "store/starter_figures.h"
#include "store/vocabulary.h"

#include <QFile>
#include <QScopeGuard>
#include <QTemporaryDir>

#include <chrono>
#include <csignal>
#include <sqlite3.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace lc;

namespace {

FigureCard card(const std::string& name, const std::string& line = "1 side R 2 close L") {
    FigureCard out;
    out.name = name;
    out.lines = {{"everyone", line}};
    return out;
}

QByteArray bytesOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

void writeBytes(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
}

} // namespace

class VocabularyTest : public QObject {
    Q_OBJECT

    QTemporaryDir m_folder;
    int m_files = 0;
    QString fresh() { return m_folder.filePath(QString("v%1.sqlite").arg(++m_files)); }
    static std::unique_ptr<Vocabulary> opened(const QString& path) {
        return test::must(Vocabulary::open(path.toStdString()));
    }

private Q_SLOTS:
    void figuresAreKept() {
        const QString path = fresh();
        VocabularyFigure kept;
        {
            const auto vocabulary = opened(path);
            QVERIFY(vocabulary->isNew());
            FigureCard full = card("Lantern step");
            full.facts = {{"lamp"},   "walks",          "one line",
                          "improver", "step and close", "mind the lamp",
                          "mine",     {"hall", "é"},    NotationChoices{.feel = Feel::Swing},
                          counts(1),  counts(1),        {{"6 + 2", "advanced", {{"everyone", "1 side R 2 close L"}}}}};
            full.claimed = counts(2);
            kept = test::must(vocabulary->add(full));
        }
        const auto again = opened(path);
        QVERIFY(!again->isNew());
        const auto all = test::must(again->all());
        QCOMPARE(all.size(), std::size_t{1});
        QVERIFY(all[0] == kept);
        QVERIFY(test::must(again->find(kept.id)) == kept);
    }
    void wordsAreKept() {
        const QString path = fresh();
        {
            const auto vocabulary = opened(path);
            QVERIFY(vocabulary->keepWord({"Zwirl Step", "", "1 step & step 2 step"}).has_value());
            QVERIFY(vocabulary->keepWord({"zwirl step", "Hofkreis", "1 touch"}).has_value());
            QVERIFY(vocabulary->keepWord({"zwirl step", "Hofkreis", "1 step"}).has_value()); // the one before gives way
            QVERIFY(!vocabulary->keepWord({"left", "", "1 step"}).has_value());
            QVERIFY(vocabulary->keepWord({"bogen", "", ""}).has_value());
            QVERIFY(vocabulary->forgetWord("bogen", "").has_value());
            QVERIFY(vocabulary->forgetWord("bogen", "").error().code == ErrorCode::NotFound);
        }
        const OwnWords words = test::must(opened(path)->words());
        QCOMPARE(words.all().size(), std::size_t{2});
        QVERIFY(words.all()[0] == (OwnWord{"zwirl step", "", "1 step & step 2 step"}));
        QVERIFY(words.all()[1] == (OwnWord{"zwirl step", "Hofkreis", "1 step"}));
    }
    /// A file of format 1, as it was written before words: it keeps its figures and can take words; where it may only
    /// be read it has none.
    void aFileFromBeforeWordsIsRaised() {
        const QString path = fresh();
        const auto kept = test::must(opened(path)->add(card("Alpha")));
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(path.toUtf8().constData(), &db), SQLITE_OK);
        QCOMPARE(sqlite3_exec(db, "DROP TABLE words; PRAGMA user_version = 1;", nullptr, nullptr, nullptr), SQLITE_OK);
        sqlite3_close(db);
        const QByteArray before = bytesOf(path);
        QVERIFY(QFile::setPermissions(path, QFileDevice::ReadOwner));
        if (const auto readOnly = opened(path); readOnly->isReadOnly()) { // not so for the superuser
            QVERIFY(test::must(readOnly->words()).empty());
            QCOMPARE(bytesOf(path), before);
        }
        QVERIFY(QFile::setPermissions(path, QFileDevice::ReadOwner | QFileDevice::WriteOwner));
        const auto raised = opened(path);
        QVERIFY(raised->keepWord({"zwirl", "", "1 step"}).has_value());
        QCOMPARE(test::must(raised->words()).all().size(), std::size_t{1});
        QVERIFY(test::must(raised->find(kept.id)) == kept);
    }
    void changesRemovalsAndMergersAreKept() {
        const auto vocabulary = opened(fresh());
        const auto a = test::must(vocabulary->add(card("Alpha")));
        auto other = card("Alfa", "1 side L 2 close R");
        other.facts.tags = {"old"};
        other.facts.notes = "from the harvest night";
        const auto b = test::must(vocabulary->add(other));
        const auto changed = test::must(vocabulary->change(a, card("Alpha", "1 step")));
        QCOMPARE(changed.revision, a.revision + 1);
        const auto merged = test::must(vocabulary->merge(a.id, b.id));
        QCOMPARE(test::q(merged.card.name), "Alpha");
        QCOMPARE(merged.card.facts.otherNames, std::vector<std::string>{"Alfa"});
        QCOMPARE(merged.card.facts.tags, std::vector<std::string>{"old"});
        QCOMPARE(test::q(merged.card.lines[0].text), "1 step");
        QCOMPARE(test::must(vocabulary->all()).size(), std::size_t{1});
        QVERIFY(vocabulary->remove(a.id).has_value());
        QVERIFY(test::must(vocabulary->all()).empty());
        QVERIFY(vocabulary->remove(a.id).error().code == ErrorCode::NotFound);
        QVERIFY(test::must(vocabulary->restore(merged)).card == merged.card);
        QVERIFY(!vocabulary->restore(merged));
        QVERIFY(!vocabulary->merge(a.id, a.id));
        QVERIFY(!vocabulary->add(FigureCard{}));
    }
    void aDamagedFileIsLeftAsItIs() {
        const QString path = fresh();
        {
            const auto made = opened(path);
            QVERIFY(made->addAll(starterFigures()).has_value());
        }
        QByteArray bytes = bytesOf(path);
        for (int i = 100; i < 4096; ++i) bytes[i] = 'x'; // the first page, behind its header
        writeBytes(path, bytes);
        const auto result = Vocabulary::open(path.toStdString());
        QVERIFY(!result);
        QVERIFY(result.error().code == ErrorCode::Unreadable);
        QVERIFY(test::q(result.error().message).contains("damaged"));
        QCOMPARE(bytesOf(path), bytes);

        const QString text = fresh();
        writeBytes(text, "these are my figures, honestly, but not in a database at all");
        QVERIFY(Vocabulary::open(text.toStdString()).error().code == ErrorCode::Unreadable);
    }
    void aTornFigureIsNamed() {
        const QString path = fresh();
        {
            const auto made = opened(path);
            QVERIFY(made->add(card("Torn")).has_value());
        }
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(path.toUtf8().constData(), &db), SQLITE_OK);
        QCOMPARE(sqlite3_exec(db, "UPDATE figures SET card = '{\"name\":'", nullptr, nullptr, nullptr), SQLITE_OK);
        sqlite3_close(db);
        const auto vocabulary = opened(path);
        QVERIFY(vocabulary->add(card("Whole")).has_value());
        std::vector<Text> unreadable;
        const auto all = test::must(vocabulary->all(&unreadable));
        QCOMPARE(all.size(), std::size_t{1}); // the others are shown
        QCOMPARE(test::q(all[0].card.name), "Whole");
        QCOMPARE(unreadable.size(), std::size_t{1});
        QVERIFY2(test::q(unreadable[0]).contains("“Torn”"), unreadable[0].english().c_str());
    }
    /// Killed at random moments of its first start: the file is either not made yet or has all its starters.
    void aFirstStartThatEndsLeavesAllOrNothing() {
        std::srand(7);
        const std::size_t whole = starterFigures().size();
        int made = 0;
        for (int i = 0; i < (test::sanitized ? 15 : 60); ++i) {
            const QString path = fresh();
            const pid_t child = fork();
            if (child == 0) {
                (void)Vocabulary::open(path.toStdString(), starterFigures());
                _exit(0);
            }
            std::this_thread::sleep_for(
                std::chrono::microseconds(std::rand() % 12'000)); // when it is hit is the point, not how long it takes
            kill(child, SIGKILL);
            waitpid(child, nullptr, 0);
            const auto again = test::must(Vocabulary::open(path.toStdString(), starterFigures()));
            QCOMPARE(test::must(again->all()).size(), whole);
            made += again->isNew() ? 0 : 1;
        }
        qInfo("%d of the files had been made before the kill", made);
    }
    void aNewerFileIsLeftAsItIs() {
        const QString path = fresh();
        { const auto made = opened(path); }
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(path.toUtf8().constData(), &db), SQLITE_OK);
        QCOMPARE(sqlite3_exec(db, "PRAGMA user_version = 7", nullptr, nullptr, nullptr), SQLITE_OK);
        sqlite3_close(db);
        const QByteArray before = bytesOf(path);
        const auto result = Vocabulary::open(path.toStdString());
        QVERIFY(result.error().code == ErrorCode::NewerVersion);
        QVERIFY(test::q(result.error().message).contains("format 7"));
        QCOMPARE(bytesOf(path), before);
    }
    void somebodyElsesDatabaseIsLeftAsItIs() {
        const QString path = fresh();
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(path.toUtf8().constData(), &db), SQLITE_OK);
        QCOMPARE(sqlite3_exec(db, "CREATE TABLE recipes (name TEXT)", nullptr, nullptr, nullptr), SQLITE_OK);
        sqlite3_close(db);
        const auto result = Vocabulary::open(path.toStdString());
        QVERIFY(result.error().code == ErrorCode::Unreadable);
        QVERIFY(test::q(result.error().message).contains("something else"));
    }
    void aReadOnlyFileIsReadAndNothingMore() {
        const QString path = fresh();
        {
            const auto made = opened(path);
            QVERIFY(made->add(card("Kept")).has_value());
        }
        QFile::setPermissions(path, QFileDevice::ReadOwner | QFileDevice::ReadGroup | QFileDevice::ReadOther);
        // The superuser may write everywhere, so the test becomes nobody for a while.
        const bool super = geteuid() == 0;
        if (super) {
            QFile::setPermissions(m_folder.path(), QFileDevice::Permissions(0x7755));
            QCOMPARE(seteuid(65534), 0);
        }
        const auto asBefore = qScopeGuard([super] {
            if (super && seteuid(0) != 0) qFatal("cannot be the superuser again");
        });
        const auto vocabulary = opened(path);
        QVERIFY(vocabulary->isReadOnly());
        QCOMPARE(test::must(vocabulary->all()).size(), std::size_t{1});
        const auto refused = vocabulary->add(card("New"));
        QVERIFY(refused.error().code == ErrorCode::Unwritable);
        QVERIFY(test::q(refused.error().message).contains("may only be read"));
    }
    void aFolderThatIsNoneIsSaid() {
        const QString file = fresh();
        writeBytes(file, "x");
        const auto result = Vocabulary::open((file + "/below/v.sqlite").toStdString());
        QVERIFY(result.error().code == ErrorCode::Unwritable);
    }
    void aPipeIsNotWaitedFor() {
        const QString path = fresh();
        QCOMPARE(::mkfifo(path.toUtf8().constData(), 0600), 0);
        alarm(20);
        const auto result = Vocabulary::open(path.toStdString());
        alarm(0);
        QVERIFY(!result && test::q(result.error().message).contains("is a pipe"));
        QVERIFY(!Vocabulary::open("/dev/null"));
    }
    void twoWindowsDoNotOverwriteEachOther() {
        const QString path = fresh();
        const auto first = opened(path), second = opened(path);
        const auto seen = second->othersChanges();
        const auto figure = test::must(first->add(card("Shared")));
        QVERIFY(second->othersChanges() != seen);
        const auto there = test::must(second->find(figure.id));
        QVERIFY(first->change(figure, card("Shared", "1 step L")).has_value());
        const auto refused = second->change(there, card("Shared", "1 step R"));
        QVERIFY(refused.error().code == ErrorCode::ChangedOnDisk);
        QVERIFY(test::q(refused.error().message).contains("another window"));
        QCOMPARE(test::q(test::must(second->find(figure.id)).card.lines[0].text), "1 step L");
    }
    void whileAnotherWindowWritesOneIsAskedToWait() {
        const QString path = fresh();
        const auto vocabulary = opened(path);
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(path.toUtf8().constData(), &db), SQLITE_OK);
        QCOMPARE(sqlite3_exec(db, "BEGIN EXCLUSIVE", nullptr, nullptr, nullptr), SQLITE_OK);
        const auto refused = vocabulary->add(card("Late"));
        QVERIFY(refused.error().code == ErrorCode::ChangedOnDisk);
        QVERIFY(test::q(refused.error().message).contains("being written by another window"));
        sqlite3_exec(db, "ROLLBACK", nullptr, nullptr, nullptr);
        sqlite3_close(db);
        QVERIFY(vocabulary->add(card("Late")).has_value());
    }
    /// The system refuses bytes beyond a limit, as a full disk does.
    void aFullDiskLosesNothing() {
        const QString path = fresh();
        const auto vocabulary = opened(path);
        QVERIFY(vocabulary->add(card("Before")).has_value());
        rlimit old{};
        QCOMPARE(getrlimit(RLIMIT_FSIZE, &old), 0);
        const auto oldSignal = std::signal(SIGXFSZ, SIG_IGN);
        rlimit small = old;
        small.rlim_cur = 64 * 1024;
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &small), 0);
        std::vector<FigureCard> many;
        for (int i = 0; i < 400; ++i)
            many.push_back(card("Figure " + std::to_string(i), std::string(500, ' ') + "1 step"));
        const auto refused = vocabulary->addAll(many);
        setrlimit(RLIMIT_FSIZE, &old);
        std::signal(SIGXFSZ, oldSignal);
        QVERIFY(!refused);
        QVERIFY2(refused.error().code == ErrorCode::Unwritable, refused.error().message.english().c_str());
        QVERIFY2(test::q(refused.error().message).contains("disk is full"), refused.error().message.english().c_str());
        QCOMPARE(test::must(vocabulary->all()).size(), std::size_t{1});
        QVERIFY(vocabulary->add(card("After")).has_value());
        QCOMPARE(test::must(opened(path)->all()).size(), std::size_t{2});
    }
    void theStarterGoesInAndOutWhole() {
        const auto vocabulary = opened(fresh());
        QVERIFY(vocabulary->addAll(starterFigures()).has_value());
        std::vector<FigureCard> cards;
        for (const auto& figure : test::must(vocabulary->all())) cards.push_back(figure.card);
        QCOMPARE(cards.size(), starterFigures().size());
        QVERIFY(test::must(figuresFromText(figuresToJson(cards))) == cards);
        QVERIFY(test::must(figuresFromText(figuresToCsv(cards))) == cards);
    }
};

LIFTCOUNT_TEST(VocabularyTest)
#include "tst_vocabulary.moc"
