#include "support/core_support.h"

#include "core/figures/figure_search.h"

using namespace lc;

namespace {

std::vector<FigureCard> cards() {
    const auto card = [](const char* name, std::vector<FigureLine> lines, const char* family = "",
                         std::vector<std::string> tags = {}) {
        FigureCard out;
        out.name = name;
        out.lines = std::move(lines);
        out.facts.family = family;
        out.facts.tags = std::move(tags);
        return out;
    };
    return {
        card("Lamp six",
             {{"leader", "[closed] 1 side L 2 3 4 5 6 step [open]"}, {"follower", "[closed] 1 side R 2 3 4 5 6 step"}},
             "six-count", {"hall"}),
        card("Vine", {{"everyone", "1 side R 2 behind L 3 side R 4 touch L"}}, "vines"),
        card("Turning vine", {{"everyone", "1 side R 1/4 R 2 step 3 step"}}, "vines", {"turn"}),
        card("Any six", {{"everyone", "1-6 walk"}}, "walks"), card("Lamp", {{"everyone", "1 step"}}, "walks")};
}

QString found(const char* query) {
    static const std::vector<FigureCard> all = cards();
    std::vector<FigureDigest> digests;
    for (const FigureCard& card : all) digests.push_back(digestOf(card));
    QStringList names;
    std::vector<const FigureDigest*> looked;
    for (const FigureDigest& digest : digests) looked.push_back(&digest);
    for (const std::size_t i : searchFigures(looked, parseFigureQuery(query))) names << test::q(all[i].name);
    return names.join(", ");
}

} // namespace

class FigureSearchTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void searchesAnyField_data() {
        QTest::addColumn<QString>("query");
        QTest::addColumn<QString>("names");
        const auto row = [](const char* query, const char* names) { QTest::newRow(query) << query << names; };
        row("", "Lamp six, Vine, Turning vine, Any six, Lamp");
        row("lamp", "Lamp six, Lamp");
        row("vine", "Vine, Turning vine"); // a name that begins so comes first
        row("LAMP", "Lamp six, Lamp");
        row("6 counts", "Lamp six, Any six");
        row("6 counts, left foot free, ends open", "Lamp six");
        row("6 counts right foot free", "Any six");
        row("left foot free", "Lamp six, Any six, Lamp");
        row("starts right", "Vine, Turning vine, Any six, Lamp");
        row("starts closed", "Lamp six");
        row("ends open", "Lamp six");
        row("ends promenade", "");
        row("turns", "Turning vine");
        row("no turn vine", "Vine");
        row("1/4 R", "Turning vine");
        row("1/4 L", "");
        row("behind", "Vine");
        row("#hall", "Lamp six");
        row("follower", "Lamp six");
        row("leaves left free 4 counts", "Vine");
        row("walks 6 counts", "Any six");
        row("left", "");
        row("3 bananas", "");
    }
    void searchesAnyField() {
        QFETCH(QString, query);
        QFETCH(QString, names);
        QCOMPARE(found(query.toUtf8().constData()), names);
    }
    void tellsWhatItUnderstood() {
        const FigureQuery query = parseFigureQuery("6 counts, left foot free, ends back to back, ¼ R walk");
        QStringList words;
        for (const auto& text : query.understood) words << test::q(text);
        QCOMPARE(words.join("; "), "6 counts; left foot free before; ends back to back; ¼ R");
        QCOMPARE(query.words, std::vector<std::string>{"walk"});
    }
};

LIFTCOUNT_TEST(FigureSearchTest)
#include "tst_figure_search.moc"
