// The four sessions of a window, each alone: a document without sound, a transport without a window, a song without a
// player's device.
#include "support/test_program.h"

#include "app/base/session.h"
#include "audio/playing/silent_output.h"
#include "core/song/structure_text.h"

#include <QSignalSpy>
#include <QTemporaryDir>
#include <QtTest>

using namespace lc;
using namespace lc::app;

namespace {

Document onSong(const char* structure) {
    return *applyEdits(
        newDocument(),
        {SetMap{std::make_shared<const SongMap>(*mapFromStructure(structure, 120, {})), MapOrigin::Typed, {}},
         SetTitle{"Kerb"}});
}

} // namespace

class SessionsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aDocumentAlone() {
        Messages messages;
        QSignalSpy told(&messages, &Messages::told);
        DocumentSession doc(messages, Worker::Mode::AtOnce);
        QSignalSpy changed(&doc, &DocumentSession::documentChanged), grids(&doc, &DocumentSession::gridChanged);
        const int before = doc.revision();
        QVERIFY(doc.edit(SetTitle{"Lantern Row"}));
        QCOMPARE(changed.count(), 1);
        QCOMPARE(grids.count(), 0); // counts stay as they are
        QVERIFY(doc.revision() > before && !doc.isSaved());
        QVERIFY(!doc.edit(RemovePart{PartId{99}}));
        QCOMPARE(told.count(), 1);
        QTemporaryDir folder;
        const QString path = folder.filePath("a.liftcount");
        QVERIFY(doc.save(path));
        QVERIFY(doc.isSaved());
        doc.undo();
        QCOMPARE(QString::fromStdString(doc.document().title), "");
        QVERIFY(!doc.isSaved());
        doc.startWith(onSong("verse 32"));
        QCOMPARE(grids.count(), 1);
        QVERIFY(!doc.canUndo() && doc.path().isEmpty());
        doc.open(path);
        QCOMPARE(QString::fromStdString(doc.document().title), "Lantern Row");
        QCOMPARE(doc.path(), path);
        QVERIFY(doc.isSaved() && !doc.reading());
        doc.open(folder.filePath("nothing.liftcount"));
        QCOMPARE(told.count(), 2);
        QCOMPARE(QString::fromStdString(doc.document().title), "Lantern Row");
    }
    void whatIsTriedOn() {
        Messages messages;
        DocumentSession doc(messages, Worker::Mode::AtOnce);
        doc.startWith(onSong("verse 32"));
        doc.preview({SetTitle{"Other"}}, "a title");
        QVERIFY(doc.previewLanding() && doc.previewTitle() == "a title");
        QCOMPARE(QString::fromStdString(doc.document().title), "Kerb");
        doc.edit(SetLevel{"improver"});
        QVERIFY(!doc.previewLanding()); // it was of another dance
    }
    /// 120 beats a minute: two counts a second.
    void aTransportAlone() {
        Messages messages;
        DocumentSession doc(messages, Worker::Mode::AtOnce);
        double now = 10;
        auto silent = std::make_unique<SilentOutput>([&now] { return now; });
        SilentOutput* output = silent.get();
        Transport transport(doc, messages, std::move(silent), Player::Filling::OnPull);
        doc.startWith(onSong("verse 32"));
        transport.setCaret(counts(8));
        QCOMPARE(transport.now(), counts(8));
        transport.setCaret(counts(500)); // stays in the song
        QCOMPARE(transport.now(), counts(32) - Tick{1});
        transport.setCaret(counts(4));
        QSignalSpy moved(&transport, &Transport::nowMoved);
        transport.togglePlay();
        QVERIFY(transport.player().playing());
        for (int k = 0; k < 40; ++k) {
            now += 0.05;
            output->pump();
            transport.followClock();
        }
        QVERIFY(moved.count() > 20);
        QVERIFY2(std::abs((transport.now() - counts(8)).value) < counts(1).value / 2, "two seconds are four counts");
        transport.togglePlay();
        QVERIFY(!transport.player().playing());
        transport.setLoop(std::pair{counts(8), counts(16)});
        QVERIFY(transport.loop().has_value());
        doc.edit(SetMap{std::make_shared<const SongMap>(*mapFromStructure("verse 64", 100, {})), MapOrigin::Typed, {}});
        QVERIFY(!transport.loop()); // of other counts
        transport.setTempoPercent(20);
        QCOMPARE(transport.tempoPercent(), 40);
        doc.startNew();
        QCOMPARE(transport.now(), Tick{});
    }
    /// A song that was not heard takes statements into its map, and says what it cannot do.
    void aSongWithoutARecording() {
        Messages messages;
        QSignalSpy told(&messages, &Messages::told);
        DocumentSession doc(messages, Worker::Mode::AtOnce);
        Transport transport(doc, messages, std::make_unique<SilentOutput>([] { return 0.0; }), Player::Filling::OnPull);
        SongSession song(doc, transport, messages, Worker::Mode::AtOnce);
        QVERIFY(!song.hasSong());
        QVERIFY(!song.setStructure({"verse nonsense nonsense", 120, {}, 0}));
        QCOMPARE(told.count(), 1);
        QVERIFY(song.setStructure({"verse 32 | chorus 16", 120, {}, 0}));
        QVERIFY(song.hasSong() && !song.heardSong() && !song.solvesAnew() && !song.loading());
        QCOMPARE(doc.landing().grid.phrases().size(), std::size_t{2});
        song.state({PhraseFact{doc.landing().grid.secondsAt(counts(16)).value_or(0), {}}}, "a phrase");
        QCOMPARE(doc.landing().grid.phrases().size(), std::size_t{3});
        QVERIFY(!song.solving());
        song.carryTo("/nowhere.wav");
        QVERIFY(told.last()[0].toString().contains("has not been heard"));
        doc.undo();
        QCOMPARE(doc.landing().grid.phrases().size(), std::size_t{2});
    }
};

LIFTCOUNT_TEST(SessionsTest)
#include "tst_sessions.moc"
