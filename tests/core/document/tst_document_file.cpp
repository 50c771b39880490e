#include "support/core_support.h"

#include "core/base/content_hash.h"
#include "core/base/plain_text.h"
#include "core/document/document_file.h"
#include "core/document/document_json.h"

#include <QDir>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>

#include <csignal>
#include <functional>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace lc;

namespace {

/// Everything that Arrange can say.
Document arranged(Document d) {
    d = test::must(applyEdit(d, AddFigure{{"Sway", {{"everyone", "1 L 2 R"}}, std::nullopt, {}}, "abc"}));
    const FigureId sway = d.routine.figures.back().id;
    const PartId b = findPartNamed(d.routine, "B")->id;
    d = test::must(applyEdit(d, PlaceFigure{b, sway}));
    d = test::must(applyEdit(
        d, PlaceFigure{findPartNamed(d.routine, "A")->id, sway, findPartNamed(d.routine, "A")->figures[0].id}));
    d = test::must(applyEdit(d, PlacePart{findPartNamed(d.routine, "A")->id, b}));
    Placement changed = findPartNamed(d.routine, "A")->figures[0];
    changed.mirrored = changed.exchanged = true;
    changed.version = "slow";
    changed.bars = {4, 3};
    d = test::must(applyEdit(d, ChangePlacement{changed}));
    PassExceptions e = test::pass(d, 4);
    e.restart = Restart{counts(2), true};
    e.tag = Tag{counts(2), false, sway};
    e.bridges = {{{}, counts(1), counts(2), sway}, {{}, counts(2), countFraction(1, 2)}};
    using Kind = FigureChange::Kind;
    e.changes = {{Kind::Add, {}, Placement{{}, sway, {}, {}, true}},
                 {Kind::Drop, changed.id},
                 {Kind::Version, changed.id, {}, "fast", {}},
                 {Kind::Bars, changed.id, {}, {}, Rebar{4, 5}},
                 {Kind::Mirror, changed.id},
                 {Kind::Exchange, changed.id}};
    e.mirrored = e.exchanged = true;
    e.wait = counts(2);
    e.ending = Ending{counts(3), b, false};
    e.canon = Canon{counts(2), true, {d.routine.roles[1].id, d.routine.roles[0].id}, counts(1), counts(5)};
    d = test::must(applyEdit(d, SetExceptions{test::pass(d, 4).id, e, {}}));
    d = test::must(applyEdit(d, SetMark{test::pass(d, 4).id, "the one after the quiet verse"}));
    d = test::must(applyEdit(d, PinPass{test::pass(d, 3).id, MusicPlace{"Verse", counts(16), 12.5}}));
    PassExceptions restart;
    restart.restart = Restart{};
    d = test::must(applyEdit(d, AddMusicException{{"Chorus", counts(16), 20}, restart, "drums"}));
    d = test::must(applyEdit(d, AddMoment{12.5, MomentKind::Hit, "the hit"}));
    d = test::must(applyEdit(d, BindAccent{test::pass(d, 1).id, changed.id, counts(1), d.moments[0].id}));
    d = test::must(applyEdit(d, SetOpening{{{{d.routine.roles[0].id, Foot::Right, Eighths{6}},
                                             {d.routine.roles[1].id, std::nullopt, std::nullopt}},
                                            *parseCouple("closed, L-R")}}));
    d = test::must(applyEdit(d, SetFormation{Formation::Couples}));
    d = test::must(applyEdit(d, SetLevel{"improver"}));
    return test::must(applyEdit(d, MuteFinding{{"wrong-foot", {}, {}, {}, changed.id}, "meant so"}));
}

Document rich() {
    Document d = test::documentOn("pickup 2 | intro 16 | verse 32 | stop 4 | fermata 1 3s | chorus 32");
    d.title = "Élan “quoted” \\ and a tab\t";
    d.song = {};
    d = test::must(applyEdit(d, AddRole{"follower"}));
    d = test::withLine(test::withLine(d, "A", "1 side R 2 behind L 3 side R 4 touch 1/4 R"), "A", "1 # oops", 1);
    d = test::withLine(d, "B", "S Q Q");
    d = test::withOrder(d, "A A B A");
    d = test::tagged(test::cut(d, 2, 3), 3, 2);
    d = test::must(applyEdit(d, SetTag{test::pass(d, 3).id, Tag{countFraction(3, 2), true}}));
    d = test::must(applyEdit(d, SetLastChangeIsTouch{test::pass(d, 2).id, true}));
    d = test::must(applyEdit(d, StateFact{BarFact{5, 2, {}}}));
    d = test::must(applyEdit(d, StateFact{PhraseFact{9, 16}}));
    d = test::must(applyEdit(d, StateFact{NameFact{1, "Opening"}}));
    d = test::must(applyEdit(d, StateFact{BeatFact{3}}));
    d = test::must(applyEdit(d, StateFact{TempoFact{119.5}}));
    d = test::must(applyEdit(d, StateFact{TempoFact{122, SongSpan{8, 12}}}));
    d = test::must(applyEdit(d, StateFact{MetreFact{{3, 4}, SongSpan{12, 18}}}));
    d = test::must(applyEdit(d, StateFact{StopFact{20, 22, 4}}));
    d = test::must(applyEdit(d, StateFact{FermataFact{12, 12.5}}));
    d = test::must(applyEdit(d, SetStart{9.25}));
    d = test::must(applyEdit(d, SetChoices{{Feel::Swing, counts(2), counts(1)}}));
    d = test::must(applyEdit(d, MuteFinding{{"off-phrase", test::pass(d, 2).id, {}, {}, {}}, "on purpose"}));
    return arranged(std::move(d));
}

void write(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(bytes);
}

QByteArray read(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

/// Every value of a JSON tree replaced by something else, one at a time.
void mutations(const QJsonValue& value, const std::function<void(QJsonValue)>& use) {
    static const QJsonValue others[] = {
        QJsonValue(),    QJsonValue(true), QJsonValue(-1),           QJsonValue(1e300),
        QJsonValue(0.5), QJsonValue("x"),  QJsonValue(QJsonArray{}), QJsonValue(QJsonObject{})};
    for (const QJsonValue& other : others) use(other);
    if (value.isObject())
        for (const QString& key : value.toObject().keys()) {
            QJsonObject without = value.toObject();
            without.remove(key);
            use(without);
            QJsonObject more = value.toObject();
            more["surplus"] = 1;
            use(more);
            mutations(value.toObject()[key], [&](const QJsonValue& v) {
                QJsonObject o = value.toObject();
                o[key] = v;
                use(o);
            });
        }
    if (value.isArray())
        for (int i = 0; i < std::min<qsizetype>(value.toArray().size(), 3); ++i)
            mutations(value.toArray()[i], [&](const QJsonValue& v) {
                QJsonArray a = value.toArray();
                a[i] = v;
                use(a);
            });
}

} // namespace

class DocumentFileTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    std::string path(const char* name) const { return m_folder.filePath(name).toStdString(); }

private Q_SLOTS:
    void everythingComesBack() {
        const Document d = rich();
        const auto back = documentFromJson(toJson(d));
        QVERIFY2(back, back ? "" : back.error().message.english().c_str());
        QVERIFY(*back == d);
        QVERIFY(*back->map == *d.map);
        QVERIFY(saveDocument(d, path("a.liftcount")));
        QVERIFY(loadDocument(path("a.liftcount"))->document == d);
    }
    /// The published schema, checked by python3-jsonschema.
    void theFileFollowsItsSchema() {
        if (QProcess::execute(test::systemPython(), {"-c", "import jsonschema"}) != 0)
            QSKIP("python3-jsonschema is not here");
        QVERIFY(saveDocument(rich(), path("schema.liftcount")));
        QProcess python;
        python.start(
            test::systemPython(),
            {"-c",
             "import json,sys,jsonschema\njsonschema.Draft7Validator.check_schema(json.load(open(sys.argv[2])))\n"
             "jsonschema.validate(json.load(open(sys.argv[1])), json.load(open(sys.argv[2])))\nprint('valid')",
             m_folder.filePath("schema.liftcount"), LIFTCOUNT_SOURCE_DIR "/docs/liftcount.schema.json"});
        QVERIFY(python.waitForFinished());
        QVERIFY2(python.readAllStandardOutput().contains("valid"), python.readAllStandardError().constData());
    }
    void everyDamagedFieldIsAnErrorOrASoundDocument() {
        const QJsonDocument json = QJsonDocument::fromJson(QByteArray::fromStdString(toJson(rich())));
        int errors = 0;
        int tried = 0;
        mutations(json.object(), [&](const QJsonValue& mutant) {
            if (!mutant.isObject()) return;
            const auto document = documentFromJson(QJsonDocument(mutant.toObject()).toJson().toStdString());
            ++tried;
            if (!document) {
                ++errors;
                QVERIFY(!document.error().message.empty());
            } else {
                QVERIFY(validate(*document->map));
                (void)land(*document); // nothing in it can break the program
            }
        });
        QVERIFY2(tried > 1000, qPrintable(QString::number(tried)));
        QVERIFY2(errors > tried / 2, qPrintable(QString::number(errors)));
    }
    void aPartInsideItselfIsRefused() {
        Document d = test::documentOn("song 32");
        d = test::withLine(d, "B", "1 2");
        d = test::must(applyEdit(d, PlacePart{findPartNamed(d.routine, "B")->id, findPartNamed(d.routine, "A")->id}));
        const std::string a = std::to_string(findPartNamed(d.routine, "A")->id.value),
                          b = std::to_string(findPartNamed(d.routine, "B")->id.value);
        QString text = test::q(toJson(d));
        text.replace(QRegularExpression("\"part\": " + test::q(a) + "\\b"), "\"part\": " + test::q(b));
        const auto loaded = documentFromJson(text.toStdString());
        QVERIFY(!loaded);
        QVERIFY2(test::q(loaded.error().message).contains("inside itself"), loaded.error().message.english().c_str());
    }
    void theFirstVersionIsReadToo() {
        const Document d = test::withOrder(test::withLine(test::documentOn("song 32"), "A", "1 2"), "A A");
        const auto loaded =
            documentFromJson(test::q(toJson(d)).replace("\"version\": 3", "\"version\": 1").toStdString());
        QVERIFY(loaded);
        QVERIFY(*loaded == d);
    }
    void damageIsNamedByItsPlace_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("says");
        const QByteArray good = QByteArray::fromStdString(toJson(rich()));
        QTest::newRow("empty") << QByteArray() << "at byte";
        QTest::newRow("cut off") << good.left(good.size() / 2) << "at byte";
        QTest::newRow("other json") << QByteArray("{\"a\":1}") << "not a Lift Count routine";
        QTest::newRow("a list") << QByteArray("[]") << "not a Lift Count routine";
        QTest::newRow("newer") << QByteArray(good).replace("\"version\": 4", "\"version\": 5") << "newer Lift Count";
        QTest::newRow("feel") << QByteArray(good).replace("\"swing\"", "\"swang\"") << "routine.feel";
        QTest::newRow("pass") << QByteArray(good).replace("\"restart_after\": \"3\"", "\"restart_after\": \"-3\"")
                              << "routine.passes[1].restart_after";
        QTest::newRow("map") << QByteArray(good).replace("\"pickup_beats\": 2", "\"pickup_beats\": 3")
                             << "bars do not cover";
        QTest::newRow("placement") << QByteArray(good).replace("\"written\": 4", "\"written\": 0")
                                   << "figures[0].bars.written";
        QTest::newRow("change") << QByteArray(good).replace("\"kind\": \"drop\"", "\"kind\": \"drip\"")
                                << "changes[1].kind";
        QTest::newRow("canon") << QByteArray(good).replace("\"apart\": \"2\"", "\"apart\": \"0\"") << "canon.apart";
        QTest::newRow("facing") << QByteArray(good).replace("\"facing\": \"9\"", "\"facing\": \"13\"")
                                << "opening.roles[0].facing";
        QTest::newRow("binary") << QByteArray("\x00\xff\xfe", 3) << "at byte";
    }
    void damageIsNamedByItsPlace() {
        QFETCH(QByteArray, text);
        QFETCH(QString, says);
        write(m_folder.filePath("bad.liftcount"), text);
        const auto loaded = loadDocument(path("bad.liftcount"));
        QVERIFY(!loaded);
        QVERIFY2(test::q(loaded.error().message).contains(says), loaded.error().message.english().c_str());
        QCOMPARE(read(m_folder.filePath("bad.liftcount")), text); // untouched
    }
    /// Format 2 had a plain number for what a muted finding speaks of.
    void numbersOfFormatTwoAreUnderstood() {
        Document d = test::must(applyEdit(rich(), UnmuteFinding{rich().routine.muted.front().key}));
        d.routine.muted.clear();
        const FigureId figure = d.routine.figures.front().id;
        const PlacementId placement = d.routine.parts.front().figures.front().id;
        const auto number = [](auto id) { return QByteArray::number(id.value); };
        QByteArray text = QByteArray::fromStdString(toJson(d)).replace("\"version\": 3", "\"version\": 2");
        const QByteArray entries =
            "[{\"code\": \"figure\", \"reason\": \"a\", \"thing\": " + number(figure) +
            "}, {\"code\": \"bars-elsewhere\", \"reason\": \"b\", \"thing\": " + number(placement) +
            "}, {\"code\": \"turned-round\", \"reason\": \"c\", \"thing\": 4}, {\"code\": \"over-stop\", \"reason\": \"d\", \"thing\": 124}, {\"code\": \"accent\", \"reason\": \"e\", \"thing\": " +
            number(d.routine.accents.front().id) +
            "}, {\"code\": \"exception-unmet\", \"reason\": \"f\", \"thing\": " + number(d.routine.atMusic.front().id) +
            "}]";
        QVERIFY(text.contains("\"muted\": []"));
        text.replace("\"muted\": []", "\"muted\": " + entries);
        const auto read = documentFromJson(text.toStdString());
        QVERIFY2(read, read ? "" : read.error().message.english().c_str());
        const auto& muted = read->routine.muted;
        QCOMPARE(muted.size(), std::size_t(6));
        QVERIFY(muted[0].key.thing == FindingThing(figure));
        QVERIFY(muted[1].key.thing == FindingThing(placement));
        QVERIFY(muted[2].key.thing == FindingThing(CountsAhead{counts(4)}));
        QVERIFY(muted[3].key.thing == FindingThing(SongTime{12.3}));
        QVERIFY(muted[4].key.thing == FindingThing(d.routine.accents.front().id));
        QVERIFY(muted[5].key.thing == FindingThing(d.routine.atMusic.front().id));
        QVERIFY(*documentFromJson(toJson(*read)) == *read); // and written as what they are
    }
    void whatIsNotThereIsSaid() {
        QVERIFY(loadDocument(path("nowhere.liftcount")).error().code == ErrorCode::NotFound);
        QVERIFY(loadDocument(m_folder.path().toStdString()).error().code == ErrorCode::Unreadable);
        QVERIFY(saveDocument(rich(), path("no/such/folder.liftcount")).error().code == ErrorCode::Unwritable);
        QVERIFY(saveDocument(rich(), m_folder.path().toStdString()).error().code == ErrorCode::Unwritable);
    }
    void aReadOnlyFolderIsSaid() {
        if (geteuid() == 0) { // root may write anywhere: the kernel's own read-only file system stands in
            const auto saved = saveDocument(rich(), "/proc/lift.liftcount");
            QVERIFY(!saved);
            QVERIFY(saved.error().code == ErrorCode::Unwritable);
            return;
        }
        QDir(m_folder.path()).mkdir("closed");
        QFile::setPermissions(m_folder.filePath("closed"), QFileDevice::ReadOwner | QFileDevice::ExeOwner);
        const auto saved = saveDocument(rich(), path("closed/a.liftcount"));
        QVERIFY(!saved);
        QVERIFY(test::q(saved.error().message).contains("may not write"));
    }
    /// A full disk, by the limit on the size of files in a child process: the old file stays, no scrap is left.
    void aFullDiskLosesNothing() {
        QVERIFY(saveDocument(newDocument(), path("full.liftcount")));
        const QByteArray before = read(m_folder.filePath("full.liftcount"));
        const pid_t child = fork();
        if (child == 0) {
            signal(SIGXFSZ, SIG_IGN);
            const rlimit limit{512, 512};
            setrlimit(RLIMIT_FSIZE, &limit);
            const auto saved = saveDocument(rich(), path("full.liftcount"));
            _exit(!saved && test::q(saved.error().message).contains("larger than the system allows") ? 0 : 1);
        }
        int status = -1;
        waitpid(child, &status, 0);
        QVERIFY(WIFEXITED(status));
        QCOMPARE(WEXITSTATUS(status), 0);
        QCOMPARE(read(m_folder.filePath("full.liftcount")), before);
        QVERIFY(QDir(m_folder.path()).entryList({"*.part"}, QDir::Files | QDir::Hidden).isEmpty());
    }
    void twoWindowsOnOneFileDoNotOverwriteEachOther() {
        QVERIFY(saveDocument(newDocument(), path("two.liftcount")));
        const auto first = loadDocument(path("two.liftcount"));
        const auto second = loadDocument(path("two.liftcount"));
        QVERIFY(saveDocument(rich(), path("two.liftcount"), &first->onDisk));
        const auto refused = saveDocument(newDocument(), path("two.liftcount"), &second->onDisk);
        QVERIFY(!refused);
        QVERIFY(refused.error().code == ErrorCode::ChangedOnDisk);
        QVERIFY(loadDocument(path("two.liftcount"))->document == rich());
        QVERIFY(saveDocument(newDocument(), path("two.liftcount"))); // overwriting on purpose
    }
    void aLinkIsWrittenThrough() {
        QVERIFY(saveDocument(newDocument(), path("real.liftcount")));
        QVERIFY(QFile::link(m_folder.filePath("real.liftcount"), m_folder.filePath("link.liftcount")));
        QVERIFY(saveDocument(rich(), path("link.liftcount")));
        QVERIFY(loadDocument(path("real.liftcount"))->document == rich());
        QVERIFY(QFileInfo(m_folder.filePath("link.liftcount")).isSymLink());
    }
    void theSongIsReferredToFromTheFileAndFoundAgain() {
        QDir(m_folder.path()).mkpath("dances/songs");
        write(m_folder.filePath("dances/songs/one.wav"), "not really sound");
        Document d = rich();
        const auto print = *fingerprintFile(path("dances/songs/one.wav"));
        d.song = {path("dances/songs/one.wav"), print.bytes, print.hash, 12.5, "One", "The Hall Band"};
        QVERIFY(saveDocument(d, path("dances/r.liftcount")));
        QVERIFY(read(m_folder.filePath("dances/r.liftcount")).contains("\"path\": \"songs/one.wav\""));
        QVERIFY(loadDocument(path("dances/r.liftcount"))->document == d);
        QVERIFY(songState(d.song) == SongState::There);
        // moved beside the routine under another name: found by its content
        QVERIFY(QFile::rename(m_folder.filePath("dances/songs/one.wav"), m_folder.filePath("dances/renamed.wav")));
        const auto found = loadDocument(path("dances/r.liftcount"));
        QCOMPARE(test::q(found->document.song.path), m_folder.filePath("dances/renamed.wav"));
        write(m_folder.filePath("dances/renamed.wav"), "other sound here");
        QVERIFY(songState(found->document.song) == SongState::Changed);
        QVERIFY(songState(loadDocument(path("dances/r.liftcount"))->document.song) == SongState::Missing);
    }
    /// A name that is no text stands in the file as it is shown; the song itself is found by its content.
    void aSongWhoseNameIsNotUtf8IsFoundAgain() {
        QDir(m_folder.path()).mkpath("western");
        const std::string song = path("western/") + "gr\xFC\xDF.wav";
        QVERIFY(writeFileAtomically(song, "sound of its own"));
        const auto print = *fingerprintFile(song);
        Document d = rich();
        d.song = {song, print.bytes, print.hash, 12.5, "Grüß", ""};
        QVERIFY(saveDocument(d, path("western/r.liftcount")));
        QVERIFY(isUtf8(read(m_folder.filePath("western/r.liftcount")).toStdString()));
        const Document back = test::must(loadDocument(path("western/r.liftcount"))).document;
        QCOMPARE(QByteArray::fromStdString(back.song.path), QByteArray::fromStdString(song));
        QVERIFY(songState(back.song) == SongState::There);
    }
    /// XXH3-128 of the empty input, from the xxHash project's published test values (from memory:
    /// 99AA06D3014798D86001C324468D497F).
    void theHashIsThePublishedOne() {
        QCOMPARE(test::q(fingerprintBytes("").hash), "99aa06d3014798d86001c324468d497f");
    }
};

LIFTCOUNT_TEST(DocumentFileTest)
#include "tst_document_file.moc"
