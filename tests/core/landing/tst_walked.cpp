// An independent reference for unrolling: walkers that count by themselves, on two thousand random routines with
// lead-ins, restarts, tags and bridges with figures of any length, waits, canons and pins. They know nothing of
// readings, grids or performances: a dance is a list of steps at half counts, walked one after another.
#include "support/core_support.h"

#include "core/landing/remedies.h"
#include "core/routine/music_place.h"

#include <QRegularExpression>
#include <random>

using namespace lc;
using test::must;

namespace {

/// A figure as it was made up: for each count what is done, perhaps a step on the "&" before its 1.
struct WalkedFigure {
    QString name;
    bool leadIn = false;
    std::vector<int> what; ///< 0 wait, 1 step, 2 touch
    std::vector<int> turn; ///< eighths right, done within the count

    [[nodiscard]] int length() const { return static_cast<int>(what.size()); }
    [[nodiscard]] std::string line() const {
        static const char* const words[] = {"wait", "step", "touch"};
        std::string out = leadIn ? "& close" : "";
        for (std::size_t c = 0; c < what.size(); ++c)
            out += (out.empty() ? "" : " ") + std::to_string(c + 1) + " " + words[what[c]] +
                   (turn[c] == 2    ? " 1/4 R"
                    : turn[c] == -2 ? " 1/4 L"
                    : turn[c] == 4  ? " 1/2 R"
                                    : "");
        return out;
    }
};

struct Event {
    int at = 0;     ///< half counts from the pass's count 1
    int anchor = 0; ///< half counts: the count by which it belongs to a figure
    int what = 0;
    int turn = 0;
};

struct WalkedBridge {
    int after, counts, figure;
};
struct WalkedPass {
    int part = 0, restart = -1, tag = 0, tagFigure = -1, wait = 0, apart = 0, pinned = -1;
    bool ripple = false, countFromOne = false;
    std::vector<WalkedBridge> bridges;
};

struct WalkedRole {
    int entersAfter = 0, counts = 0, parityIn = 0, parityOut = 0, facingIn = 0, facingOut = 0, trimmed = 0;
};
struct WalkedEnd {
    int begin = 0, start = 0, counts = 0, tag = 0, runningFrom = 0, late = 0;
    std::vector<WalkedRole> roles;
};

/// Everything about a made-up routine, and the same as a document.
class Walker {
public:
    explicit Walker(std::uint32_t seed) : m_random(seed) {
        m_roles = 1 + upTo(3);
        for (int n = 3 + upTo(3), f = 0; f < n; ++f) {
            WalkedFigure figure{QString("Figure ") + QChar('A' + f), chance(35), {}, {}};
            for (int c = 1 + upTo(8); c > 0; --c) {
                figure.what.push_back(chance(70) ? 1 : upTo(3));
                figure.turn.push_back(figure.what.back() != 0 && chance(20)
                                          ? std::vector<int>{2, -2, 4}[static_cast<std::size_t>(upTo(3))]
                                          : 0);
            }
            m_figures.push_back(figure);
        }
        for (int p = 0; p < 2; ++p) {
            m_parts.emplace_back();
            for (int n = 1 + upTo(4); n > 0; --n) m_parts.back().push_back(upTo(static_cast<int>(m_figures.size())));
        }
        m_phrases = {8 * (1 + upTo(6)) + (chance(30) ? 4 : 0), 8 * (1 + upTo(6)),
                     8 * (2 + upTo(8)) + (chance(30) ? 4 : 0), 64};
        for (int n = 1 + upTo(7); n > 0; --n) {
            WalkedPass pass;
            pass.part = upTo(2);
            const int length = lengthOf(pass.part);
            if (chance(35)) pass.restart = 1 + upTo(length);
            if (chance(25)) {
                pass.tag = 1 + upTo(8);
                if (chance(50)) pass.tagFigure = upTo(static_cast<int>(m_figures.size()));
                pass.countFromOne = chance(40);
            }
            if (chance(10)) pass.wait = 1 + upTo(4);
            if (m_roles > 1 && chance(25)) {
                pass.apart = 1 + upTo(3);
                pass.ripple = chance(50);
            } else if (chance(25))
                for (int b = 1 + upTo(2), after = 0; b > 0; --b) {
                    after = after + upTo(length - after + 1);
                    pass.bridges.push_back(
                        {after, 1 + upTo(5), chance(50) ? upTo(static_cast<int>(m_figures.size())) : -1});
                }
            if (chance(20)) pass.pinned = pass.wait + upTo(songCounts() / 2);
            m_passes.push_back(pass);
        }
    }

    Document document() const {
        std::string structure;
        for (std::size_t i = 0; i < m_phrases.size(); ++i)
            structure +=
                (i ? " | " : "") + std::string(1, static_cast<char>('p' + i)) + "hrase " + std::to_string(m_phrases[i]);
        Document d = test::documentOn(structure);
        for (int r = 1; r < m_roles; ++r) d = must(applyEdit(d, AddRole{"row " + std::to_string(r + 1)}));
        std::vector<FigureId> figures;
        for (const WalkedFigure& f : m_figures) {
            d = must(applyEdit(d, AddFigure{{f.name.toStdString(), {{"everyone", f.line()}}, std::nullopt, {}}, {}}));
            figures.push_back(d.routine.figures.back().id);
        }
        d = must(applyEdit(d, AddPart{"B"}));
        for (std::size_t p = 0; p < m_parts.size(); ++p)
            for (const int f : m_parts[p])
                d = must(applyEdit(d, PlaceFigure{d.routine.parts[p].id, figures[static_cast<std::size_t>(f)]}));
        OpeningStance opening;
        for (const Role& role : d.routine.roles) opening.roles.push_back({role.id, Foot::Left, Eighths{0}});
        d = must(applyEdit(d, SetOpening{opening}));
        for (const WalkedPass& pass : m_passes) {
            d = must(applyEdit(
                d, InsertPass{d.routine.passes.size(), d.routine.parts[static_cast<std::size_t>(pass.part)].id}));
            PassExceptions e;
            if (pass.restart >= 0) e.restart = Restart{counts(pass.restart)};
            if (pass.tag > 0)
                e.tag = Tag{counts(pass.tag), pass.countFromOne,
                            pass.tagFigure >= 0 ? figures[static_cast<std::size_t>(pass.tagFigure)] : FigureId{}};
            e.wait = counts(pass.wait);
            if (pass.apart > 0) e.canon = Canon{counts(pass.apart), pass.ripple, {}, {}, {}};
            for (const WalkedBridge& b : pass.bridges)
                e.bridges.push_back({{},
                                     counts(b.after),
                                     counts(b.counts),
                                     b.figure >= 0 ? figures[static_cast<std::size_t>(b.figure)] : FigureId{}});
            d = must(applyEdit(d, SetExceptions{d.routine.passes.back().id, e, {}}));
            if (pass.pinned >= 0)
                d = must(applyEdit(d, PinPass{d.routine.passes.back().id,
                                              musicPlaceAt(CountGrid(*d.map, d.scheme), counts(pass.pinned))}));
        }
        return d;
    }

    std::vector<WalkedEnd> walk() const {
        std::vector<WalkedEnd> out;
        std::vector<int> parity(static_cast<std::size_t>(m_roles), 0), facing = parity;
        int at = 0, runningFrom = 0;
        for (std::size_t i = 0; i < m_passes.size(); ++i) {
            const WalkedPass& pass = m_passes[i];
            WalkedEnd end;
            if (i == 0 && pass.pinned >= 0) at = pass.pinned - pass.wait;
            end.begin = at;
            end.start = std::max(at + pass.wait, pass.pinned); // who is early waits; who is late begins at once
            end.late = pass.pinned >= 0 ? end.start - pass.pinned : 0;
            if (i == 0) runningFrom = end.start;
            end.runningFrom = runningFrom;
            std::vector<Event> events;
            int length = 0; // counts
            for (const int f : m_parts[static_cast<std::size_t>(pass.part)])
                append(events, m_figures[static_cast<std::size_t>(f)], length),
                    length += m_figures[static_cast<std::size_t>(f)].length();
            int shift = 0;
            for (const WalkedBridge& b : pass.bridges) { // in the order of the part; each moves what comes behind it
                const int place = 2 * (std::min(b.after, length - shift) + shift);
                for (Event& e : events)
                    if (e.anchor >= place) e.at += 2 * b.counts, e.anchor += 2 * b.counts;
                if (b.figure >= 0) {
                    std::vector<Event> inside;
                    append(inside, m_figures[static_cast<std::size_t>(b.figure)], 0);
                    for (Event e : inside)
                        if (e.anchor < 2 * b.counts) events.push_back({e.at + place, e.anchor + place, e.what, e.turn});
                }
                shift += b.counts;
                length += b.counts;
            }
            const int tail = pass.ripple ? pass.apart * (m_roles - 1) : 0;
            const int whole = length + tail;
            bool cut = pass.restart >= 0 && pass.restart < whole;
            end.counts = cut ? pass.restart : whole;
            end.tag = pass.tag;
            if (i + 1 < m_passes.size() && m_passes[i + 1].pinned >= 0) { // the next one wants to begin its wait here
                const int room = m_passes[i + 1].pinned - m_passes[i + 1].wait - end.start;
                if (room > 0 && end.counts > room) {
                    end.counts = room;
                    end.tag = 0;
                    cut = true;
                } else if (room > 0)
                    end.tag = std::min(end.tag, room - end.counts);
            }
            for (int r = 0; r < m_roles; ++r) {
                WalkedRole role;
                role.parityIn = parity[static_cast<std::size_t>(r)];
                role.facingIn = facing[static_cast<std::size_t>(r)];
                const int late = pass.apart * r;
                role.entersAfter = late;
                std::vector<Event> mine = events;
                for (Event& e : mine) e.at += 2 * late, e.anchor += 2 * late;
                std::stable_sort(mine.begin(), mine.end(), [](const Event& a, const Event& b) { return a.at < b.at; });
                for (const Event& e : mine) dance(e, 2 * end.counts, role);
                role.counts = std::clamp(end.counts - late, 0, length);
                const int first = std::clamp(end.counts, 0, length);
                role.trimmed = pass.apart == 0
                                   ? 0
                                   : first - role.counts; // what the first to enter has danced and this one has not
                if (pass.tagFigure >= 0) {
                    std::vector<Event> inside;
                    append(inside, m_figures[static_cast<std::size_t>(pass.tagFigure)], 0);
                    std::stable_sort(inside.begin(), inside.end(),
                                     [](const Event& a, const Event& b) { return a.at < b.at; });
                    for (const Event& e : inside) dance(e, 2 * end.tag, role);
                }
                role.parityOut = (role.parityIn + role.parityOut) % 2;
                role.facingOut += role.facingIn;
                parity[static_cast<std::size_t>(r)] = role.parityOut;
                facing[static_cast<std::size_t>(r)] = role.facingOut;
                end.roles.push_back(role);
            }
            at = end.start + end.counts + end.tag;
            if (cut || (pass.tag > 0 && pass.countFromOne)) runningFrom = at;
            out.push_back(std::move(end));
        }
        return out;
    }

    /// The number of a count of the song: eights, begun anew with each phrase; 0 outside.
    int musicNumber(int count) const {
        if (count < 0) return 0;
        for (const int phrase : m_phrases) {
            if (count < phrase) return count % 8 + 1;
            count -= phrase;
        }
        return 0;
    }
    /// How far the dancers are ahead at a count of the song; −1 where nothing is danced or the music is over.
    int aheadAt(const std::vector<WalkedEnd>& ends, int count) const {
        for (const WalkedEnd& end : ends)
            if (count >= end.start && count < end.start + end.counts + end.tag && musicNumber(count) > 0) {
                const int running = ((count - end.runningFrom) % 8 + 8) % 8 + 1;
                return ((running - musicNumber(count)) % 8 + 8) % 8;
            }
        return -1;
    }
    int songCounts() const { return m_phrases[0] + m_phrases[1] + m_phrases[2] + m_phrases[3]; }

private:
    static void append(std::vector<Event>& events, const WalkedFigure& figure, int at) {
        if (figure.leadIn) events.push_back({2 * at - 1, 2 * at, 1, 0});
        for (int c = 0; c < figure.length(); ++c)
            events.push_back({2 * (at + c), 2 * (at + c), figure.what[static_cast<std::size_t>(c)],
                              figure.turn[static_cast<std::size_t>(c)]});
    }
    /// parityOut and facingOut are gathered as changes here.
    static void dance(const Event& e, int end, WalkedRole& role) {
        if (e.anchor >= end || e.at >= end) return;
        if (e.what == 1) role.parityOut ^= 1;
        role.facingOut += e.turn; // within its count, which is danced whole or not at all
    }
    int lengthOf(int part) const {
        int n = 0;
        for (const int f : m_parts[static_cast<std::size_t>(part)])
            n += m_figures[static_cast<std::size_t>(f)].length();
        return n;
    }
    int upTo(int n) { return n <= 0 ? 0 : static_cast<int>(m_random() % static_cast<std::uint32_t>(n)); }
    bool chance(int percent) { return upTo(100) < percent; }

    std::mt19937 m_random;
    int m_roles = 1;
    std::vector<WalkedFigure> m_figures;
    std::vector<std::vector<int>> m_parts;
    std::vector<WalkedPass> m_passes;
    std::vector<int> m_phrases;
};

} // namespace

class WalkedTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyPassIsWhereTheWalkerIs() {
        int canons = 0, cuts = 0, extras = 0, pins = 0, late = 0;
        for (int seed = 1; seed <= test::cases(2000); ++seed) {
            const Walker walker(static_cast<std::uint32_t>(seed));
            const Document d = walker.document();
            const Performance p = test::danced(d);
            const std::vector<WalkedEnd> ends = walker.walk();
            QCOMPARE(p.passes.size(), ends.size());
            for (std::size_t i = 0; i < ends.size(); ++i) {
                const PassPerformance& pass = p.passes[i];
                const WalkedEnd& end = ends[i];
                const auto where = [&](const char* what, auto is, auto should) {
                    return QString("seed %1, pass %2, %3: %4 instead of %5")
                        .arg(seed)
                        .arg(i + 1)
                        .arg(what)
                        .arg(is)
                        .arg(should);
                };
                const auto same = [&](const char* what, Tick is, int should) {
                    if (is != counts(should)) qWarning() << where(what, test::q(toCountString(is)), should);
                    return is == counts(should);
                };
                QVERIFY(same("begin", pass.begin(), end.begin) && same("start", pass.start, end.start) &&
                        same("counts", pass.counts, end.counts) && same("tag", pass.tag, end.tag) &&
                        same("counting from", pass.runningFrom, end.runningFrom) &&
                        same("late", pass.lateBy, end.late));
                pins += pass.pinned;
                late += end.late > 0;
                for (std::size_t r = 0; r < end.roles.size(); ++r) {
                    const RoleInPass& role = pass.roles[r];
                    const WalkedRole& walked = end.roles[r];
                    QVERIFY(same("role's counts", role.counts, walked.counts) &&
                            same("trimmed", role.trimmed, walked.trimmed));
                    const Foot in = walked.parityIn ? Foot::Right : Foot::Left,
                               out = walked.parityOut ? Foot::Right : Foot::Left;
                    QVERIFY2(role.freeIn == in && role.freeOut == out,
                             qPrintable(where("foot", footLetter(role.freeOut).c_str(), footLetter(out).c_str())));
                    QVERIFY2(role.facingIn.value == walked.facingIn && role.facingOut.value == walked.facingOut,
                             qPrintable(where("facing", role.facingOut.value, walked.facingOut)));
                    for (std::size_t a = role.firstAction; a < role.endAction; ++a)
                        QVERIFY(!p.roles[r][a].conflict); // no foot was said, so none can be wrong
                }
                canons += pass.exceptions.canon.has_value();
                cuts += pass.cut;
                extras += pass.tag > Tick{} || !pass.exceptions.bridges.empty();
            }
        }
        QVERIFY2(pins > test::cases(1000) && late > test::cases(200),
                 qPrintable(QString("%1 pins, %2 late").arg(pins).arg(late)));
        QVERIFY(canons > test::cases(300) && cuts > test::cases(1000) && extras > test::cases(1000));
    }
    /// Where the two counts differ, walked count by count; and every sentence that says they agree again is true.
    void turnedRoundIsWhereTheWalkerSaysSo() {
        int turned = 0, again = 0, leave = 0;
        for (int seed = 1; seed <= test::cases(2000); ++seed) {
            const Walker walker(static_cast<std::uint32_t>(seed));
            const Document d = walker.document();
            const Landing landing = land(d);
            const std::vector<WalkedEnd> ends = walker.walk();
            std::vector<int> said(static_cast<std::size_t>(walker.songCounts()), 0);
            for (const TurnedSpan& span : landing.turned)
                for (std::int64_t c = wholeCounts(span.from); c < wholeCounts(span.to); ++c)
                    said[static_cast<std::size_t>(c)] = static_cast<int>(wholeCounts(span.ahead));
            for (int c = 0; c < walker.songCounts(); ++c)
                QVERIFY2(said[static_cast<std::size_t>(c)] == std::max(0, walker.aheadAt(ends, c)),
                         qPrintable(QString("seed %1, count %2").arg(seed).arg(c + 1)));
            turned += static_cast<int>(landing.turned.size());
            const auto agrees = [&](const TurnedSpan& span) { // the next count that is danced to music
                for (int c = static_cast<int>(wholeCounts(span.to)); c < walker.songCounts(); ++c)
                    if (const int ahead = walker.aheadAt(ends, c); ahead >= 0) return ahead == 0;
                return false;
            };
            for (const Finding& f : landing.findings) {
                if (f.key.code != finding::turnedRound) continue;
                const auto span = std::find_if(landing.turned.begin(), landing.turned.end(),
                                               [&](const TurnedSpan& s) { return s.from == f.at; });
                QVERIFY(span != landing.turned.end());
                const bool says = test::q(f.text).contains("they agree again");
                const auto last =
                    landing.turned.begin() +
                    static_cast<std::ptrdiff_t>(lastOfTrouble(landing.performance, landing.grid, landing.turned,
                                                              static_cast<std::size_t>(span - landing.turned.begin())));
                QCOMPARE(says, agrees(*last));
                if (says) {
                    int there = static_cast<int>(wholeCounts(last->to));
                    while (walker.aheadAt(ends, there) < 0) ++there;
                    QVERIFY2(test::q(f.text).contains("At " + test::q(landing.grid.placeInWords(counts(there))) +
                                                      " they agree again"),
                             f.text.english().c_str());
                }
                again += says;
                if (seed % 20 != 0) continue; // remedies are tried one by one, which takes its time
                const auto remedies = remediesFor(d, landing, f);
                const bool offered = std::any_of(remedies.begin(), remedies.end(), [](const Remedy& r) {
                    return test::q(r.title).contains("comes right by itself");
                });
                QVERIFY2(!offered || says, qPrintable(QString("seed %1").arg(seed)));
                leave += offered;
            }
        }
        QVERIFY2(turned > test::cases(2000) && again > test::cases(20),
                 qPrintable(QString("%1 %2 %3").arg(turned).arg(again).arg(leave)));
    }
};

LIFTCOUNT_TEST(WalkedTest)
#include "tst_walked.moc"
