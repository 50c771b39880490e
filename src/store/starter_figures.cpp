// Made of plain rows: a figure a line. Common step words and dance families; the wording and the choice are our own.
// Common practice, no source.
#include "store/starter_figures.h"

#include "core/figures/figure_reading.h"

#include <iterator>

namespace lc {

namespace {

struct Row {
    const char* name;
    const char* family;
    const char* level;
    const char* description;
    const char* first;  ///< the line of everyone, or of the leader
    const char* second; ///< the line of the follower; null for a figure for everyone
    const char* otherName;
    const char* tags; ///< divided by spaces
    bool rolling;     ///< always rolled by thirds
};

constexpr Row rows[] = {
    {"Walk four", "walks", "first steps", "Four plain walks forward, one on each count.", "1-4 walk forward", nullptr,
     "", "line", false},
    {"Walk back four", "walks", "first steps", "Four plain walks backward.", "1-4 walk back", nullptr, "", "line",
     false},
    {"Slow walks", "walks", "first steps", "Two walks that take two counts each: time to show the leg.",
     "S walk forward S walk forward", nullptr, "", "slow", false},
    {"Walk and touch", "walks", "first steps", "Three walks and a touch that keeps the foot free for the way back.",
     "1 forward R 2 forward L 3 forward R 4 touch L", nullptr, "", "line", false},
    {"Toe strut", "walks", "improver", "Toe down without weight, then the heel: two counts for each foot.",
     "1 touch forward R 2 drop R 3 touch forward L 4 drop L", nullptr, "heel strut", "line", false},
    {"March in place", "walks", "first steps", "Eight steps on the spot; a rest for the head.", "1-8 march place",
     nullptr, "", "warm-up", false},
    {"Cross walks", "walks", "improver", "Walks that pass across the line of travel.",
     "1 across R 2 across L 3 across R 4 across L", nullptr, "", "stage", false},
    {"Triple in place", "triples", "first steps", "Three changes of weight in two counts, on the spot.",
     "1 place L & place R 2 place L", nullptr, "", "", false},
    {"Chassé to the side", "triples", "first steps", "Side, close, side in two counts.", "1 side R & close L 2 side R",
     nullptr, "side triple", "line", false},
    {"Shuffle forward", "triples", "first steps", "Forward, close, forward in two counts.",
     "1 forward R & close L 2 forward R", nullptr, "", "line", false},
    {"Back, close, forward", "triples", "improver", "A triple that turns the travel round without turning the body.",
     "1 back R & close L 2 forward R", nullptr, "", "line", false},
    {"Behind, side, side", "triples", "improver", "A triple that begins behind and sways to the side.",
     "1 behind R & side L 2 side R", nullptr, "", "line", false},
    {"Locked triple", "triples", "improver", "The second step locks behind the first.",
     "1 forward R & behind L 2 forward R", nullptr, "", "line", false},
    {"Polka step", "triples", "improver", "A hop before the count leads into a triple forward.",
     "& hop L 1 forward R & close L 2 forward R", nullptr, "", "folk", false},
    {"Rolling triple", "triples", "experienced",
     "A triple that is always rolled: its second step comes on the third third.", "1 side R a close L 2 side R",
     nullptr, "", "", true},
    {"Rock and replace", "rocks", "first steps", "Weight forward, and back again where it was.",
     "1 rock forward L 2 replace R", nullptr, "", "", false},
    {"Back rock", "rocks", "first steps", "Weight back, and forward again where it was.", "1 rock back L 2 replace R",
     nullptr, "", "", false},
    {"Rocking chair", "rocks", "first steps", "Rock forward and back with one foot, four counts.",
     "1 rock forward R 2 replace L 3 rock back R 4 replace L", nullptr, "", "line", false},
    {"Side rock, cross", "rocks", "improver", "Rock to the side, then cross over and wait.",
     "1 rock side R 2 replace L 3 across R 4 wait", nullptr, "", "line", false},
    {"Cross rock, side", "rocks", "improver", "Rock across, replace, side: the free foot changes.",
     "1 rock across R 2 replace L 3 side R 4 wait", nullptr, "", "line", false},
    {"Break and close", "rocks", "first steps", "Break forward, replace, close, and a count that is waited.",
     "1 break forward L 2 replace R 3 close L 4 wait", nullptr, "half basic", "break", false},
    {"Crossed box", "boxes", "first steps", "Across, back, side, forward: a small box on the spot.",
     "1 across R 2 back L 3 side R 4 forward L", nullptr, "", "line", false},
    {"Crossed box with a quarter", "boxes", "improver", "The box, with a quarter turn on its third step.",
     "1 across R 2 back L 3 side R 1/4 R 4 forward L", nullptr, "", "line turn", false},
    {"Slow box", "boxes", "first steps", "Slow forward, quick side, quick close, and the same back.",
     "[closed] S forward L Q side R Q close L S back R Q side L Q close R",
     "[closed] S back R Q side L Q close R S forward L Q side R Q close L", "", "couple", false},
    {"Box in three", "waltz", "first steps", "The box in bars of three.",
     "[closed] 1 forward L 2 side R 3 close L 4 back R 5 side L 6 close R",
     "[closed] 1 back R 2 side L 3 close R 4 forward L 5 side R 6 close L", "", "couple three", false},
    {"Six with two triples", "six-count", "first steps", "Triple, triple, back rock: the basic of six.",
     "[open, L-R low] 1 side L & close R 2 side L 3 side R & close L 4 side R 5 rock back L 6 replace R",
     "[open, L-R low] 1 side R & close L 2 side R 3 side L & close R 4 side L 5 rock back R 6 replace L",
     "six-count basic", "couple", false},
    {"Six in single time", "six-count", "first steps", "Two slow sways and a back rock: six counts, four changes.",
     "[open, L-R low] 1:2 side L 3:2 side R 5 rock back L 6 replace R",
     "[open, L-R low] 1:2 side R 3:2 side L 5 rock back R 6 replace L", "", "couple", false},
    {"Six that passes", "six-count", "improver", "The partner passes down the slot and both end turned round.",
     "[open, L-R low] 1 back L 2 side R 3 place L 1/4 L & place R 4 place L 1/4 L 5 place R & place L 6 place R",
     "[open, L-R low] 1 forward R 2 forward L 3 forward R & close L 4 forward R 1/2 L 5 place L & place R 6 place L",
     "", "couple slot turn", false},
    {"Six to the open side", "six-count", "improver", "Triple into promenade, triple back, back rock.",
     "[closed] 1 side L & close R 2 side L [promenade] 3 side R & close L 4 side R [closed] 5 rock back L 6 replace R",
     "[closed] 1 side R & close L 2 side R [promenade] 3 side L & close R 4 side L [closed] 5 rock back R 6 replace L",
     "", "couple", false},
    {"Eight that circles", "eight-count", "experienced",
     "Rock, triple, two walks and a triple; both circle round once.",
     "[open, L-R low] 1 rock back L 2 replace R 3 forward L 1/4 R & close R 4 forward L 1/4 R 5 forward R 1/4 R 6 forward L 1/4 R 7 place R & place L 8 place R",
     "[open, L-R low] 1 rock back R 2 replace L 3 forward R 1/4 R & close L 4 forward R 1/4 R 5 back L 1/4 R 6 back R 1/4 R 7 place L & place R 8 place L",
     "", "couple turn", false},
    {"Break on 1", "eight-count", "first steps", "Forward and back breaks; counts 4 and 8 are waited.",
     "[closed] 1 break forward L 2 replace R 3 close L 4 wait 5 break back R 6 replace L 7 close R 8 wait",
     "[closed] 1 break back R 2 replace L 3 close R 4 wait 5 break forward L 6 replace R 7 close L 8 wait", "",
     "couple break", false},
    {"Break on 2", "eight-count", "improver", "The same walk begun in place, so that the breaks fall on 2 and 6.",
     "[closed] 1 place L 2 break back R 3 replace L 4 wait 5 place R 6 break forward L 7 replace R 8 wait",
     "[closed] 1 place R 2 break forward L 3 replace R 4 wait 5 place L 6 break back R 7 replace L 8 wait", "",
     "couple break", false},
    {"Lead across", "eight-count", "improver", "The partner is led across; both face the other way after it.",
     "[closed] 1 break forward L 2 replace R 3 side L 1/4 L 4 wait 5 back R 6 replace L 7 forward R 1/4 L 8 wait",
     "[closed] 1 break back R 2 replace L 3 forward R 4 wait 5 forward L 6 forward R 1/2 L 7 back L 8 wait", "",
     "couple break turn", false},
    {"Side and touch, both sides", "eight-count", "first steps", "Side, close, side, touch; and back again.",
     "1 side L 2 close R 3 side L 4 touch R 5 side R 6 close L 7 side R 8 touch L", nullptr, "side basic", "", false},
    {"Break and chassé", "eight-count", "improver", "Two breaks with a chassé after each; it begins to the side.",
     "1 side R 2 break forward L 3 replace R 4 side L & close R 5 side L 6 break back R 7 replace L 8 side R & close L",
     nullptr, "", "break", false},
    {"Balance in three", "waltz", "first steps", "Forward and back, with two light steps on the spot.",
     "1 forward L 2 close R 3 place L 4 back R 5 close L 6 place R", nullptr, "waltz balance", "three", false},
    {"Travelling in three", "waltz", "first steps", "Six steps along the line of dance.",
     "[closed] 1 forward L @line 2 side R 3 close L 4 forward R @line 5 side L 6 close R",
     "[closed] 1 back R @line 2 side L 3 close R 4 back L @line 5 side R 6 close L", "", "couple three", false},
    {"Half turn in three", "waltz", "improver", "A left half turn in six counts.",
     "[closed] 1 forward L 1/4 L 2 side R 1/4 L 3 close L 4 back R 5 side L 6 close R",
     "[closed] 1 back R 1/4 L 2 side L 1/4 L 3 close R 4 forward L 5 side R 6 close L", "", "couple three turn", false},
    {"Twinkle", "waltz", "improver", "Across, side, close, to each side.",
     "1 across L 2 side R 3 close L 4 across R 5 side L 6 close R", nullptr, "", "three", false},
    {"Hesitation", "waltz", "first steps", "One step in three counts; the other foot draws near.",
     "1 forward L 2 touch R 3 wait 4 back R 5 touch L 6 wait", nullptr, "", "three", false},
    {"Mazurka step", "waltz", "improver", "Glide, close, hop: the accent is on the second.",
     "1 forward L 2 close R! 3 hop R", nullptr, "", "three folk", false},
    {"Step, half turn", "turns", "first steps", "Step forward and turn on it.", "1 forward R 2 place L 1/2 L", nullptr,
     "pivot half", "line turn", false},
    {"Three-step turn", "turns", "improver", "A whole turn to the side in three steps, then a touch.",
     "1 side R 1/4 R 2 back L 1/2 R 3 side R 1/4 R 4 touch L", nullptr, "", "line turn", false},
    {"Spot turn", "turns", "improver", "A whole turn left on the spot.",
     "1 forward L 1/4 L 2 forward R 1/2 L 3 close L 1/4 L 4 wait", nullptr, "", "turn", false},
    {"Paddle", "turns", "first steps", "Four touches that push the body an eighth each time.",
     "1 touch side R 1/8 L 2 touch side R 1/8 L 3 touch side R 1/8 L 4 touch side R 1/8 L", nullptr, "", "line turn",
     false},
    {"Cross behind and unwind", "turns", "improver",
     "Toe behind, then the body unwinds on both balls; weight ends on the toe that was behind.",
     "1 touch behind R 2:2 unwind R 1/2 R 4 wait", nullptr, "", "turn", false},
    {"Chain of halves", "turns", "experienced", "Four half turns along a line: eyes first.",
     "1 forward R 1/2 R 2 back L 1/2 R 3 forward R 1/2 R 4 back L 1/2 R", nullptr, "", "stage turn", false},
    {"Turn under the arm", "turns", "improver", "Back rock, then the follower turns once under the raised hand.",
     "[open, L-R high] 1 rock back L 2 replace R 3 side L & close R 4 side L",
     "[open, L-R high] 1 rock back R 2 replace L 3 side R 1/2 R & close L 4 side R 1/2 R", "", "couple turn", false},
    {"Turn in four steps", "turns", "first steps", "The follower walks round once in four counts; the leader stays.",
     "[open, L-R high] 1-4 place",
     "[open, L-R high] 1 forward R 1/4 R 2 forward L 1/4 R 3 forward R 1/4 R 4 forward L 1/4 R", "", "couple turn",
     false},
    {"Vine and touch", "vines", "first steps", "Side, behind, side, touch.", "1 side R 2 behind L 3 side R 4 touch L",
     nullptr, "", "line", false},
    {"Long vine", "vines", "improver", "Eight counts to the side, behind and across in turn.",
     "1 side R 2 behind L 3 side R 4 across L 5 side R 6 behind L 7 side R 8 touch L", nullptr, "weave", "line", false},
    {"Ring vine", "vines", "first steps", "Across, side, behind, side: for an open ring.",
     "1 across R 2 side L 3 behind R 4 side L", nullptr, "", "folk", false},
    {"Vine with a quarter", "vines", "first steps", "The third step turns a quarter; the free foot brushes.",
     "1 side R 2 behind L 3 forward R 1/4 R 4 brush L", nullptr, "", "line turn", false},
    {"Scissor", "vines", "improver", "Side, close, across, and a wait.", "1 side R 2 close L 3 across R 4 wait",
     nullptr, "", "line", false},
    {"Kick-ball-change", "kicks", "improver", "A low kick, then two quick changes.", "1 kick low R & ball R 2 step L",
     nullptr, "", "line", false},
    {"Kick twice and behind", "kicks", "improver", "Kick forward and to the side, then behind, side, side.",
     "1 kick forward low R 2 kick side low R 3 behind R & side L 4 side R", nullptr, "", "line", false},
    {"Heel switches", "kicks", "improver", "Heel, close, heel, close: two heels in two counts.",
     "1 dig forward R & close R 2 dig forward L & close L", nullptr, "", "line", false},
    {"Side points", "kicks", "first steps", "Point to each side; each foot closes on the &.",
     "1 point side R & close R 2 point side L & close L", nullptr, "", "line", false},
    {"Swinging kick", "kicks", "improver", "Forward, kick, back, touch: the leg swings through.",
     "1 forward L 2 kick forward low R 3 back R 4 touch back L", nullptr, "", "", false},
    {"Hitch and hook", "kicks", "improver", "Forward with the knee up, back with the shin across.",
     "1 forward L 2 hitch R 3 back R 4 hook L", nullptr, "", "line", false},
    {"Stamp three", "stamps", "first steps", "Three stamps with weight, and a silent count.",
     "1 stamp R 2 stamp L 3 stamp R 4 wait", nullptr, "", "folk", false},
    {"Stamp and clap", "stamps", "first steps", "A stamp without weight, a clap, twice.",
     "1 stamp-up R 2 clap 3 stamp-up R 4 clap", nullptr, "", "folk", false},
    {"Stomp, kick, back", "stamps", "improver", "A stomp without weight, a low kick, and two steps home.",
     "1 stomp-up R 2 kick low R 3 back R 4 close L", nullptr, "", "line", false},
    {"Heel drum", "stamps", "experienced", "Five beats of the heels in two counts, divided as the ear likes it.",
     "1{stamp R, stamp L, stamp R} 2 stamp L & stamp R", nullptr, "", "stage", false},
    {"Ring six", "folk", "first steps", "Three steps to the right, a lifted foot, one step back, a lifted foot.",
     "1 side R 2 behind L 3 side R 4 lift L 5 side L 6 lift R", nullptr, "", "folk", false},
    {"Long, short, short", "folk", "improver", "One bar of seven, counted by its groups: 3 + 2 + 2.",
     "1 side R 2 lift L 3 across L", nullptr, "", "folk seven", false},
    {"Step-hop", "folk", "first steps", "A step and a hop on it, to each side.",
     "1 forward R & hop R 2 forward L & hop L", nullptr, "", "folk", false},
    {"Three and hop", "folk", "first steps", "Three walks and a hop on the last foot.",
     "1 forward R 2 forward L 3 forward R 4 hop R", nullptr, "schottische", "folk", false},
    {"Setting step", "folk", "first steps", "Side, a light cross, and place: three changes in two counts.",
     "1 side R & across L 2 place R", nullptr, "", "folk", false},
    {"Buzz step", "folk", "improver", "One foot stays in front and the other pushes round.",
     "1 across R & side L 2 across R & side L", nullptr, "", "folk", false},
    {"Two-step along the line", "walks", "first steps", "Quick, quick, slow, slow.",
     "[closed] Q forward L Q forward R S forward L S forward R", "[closed] Q back R Q back L S back R S back L", "",
     "couple", false},
    {"Long walks and a close", "walks", "improver", "Slow, slow, quick, quick, and a slow touch: eight counts.",
     "[closed] S forward L S forward R Q forward L Q side R S touch L",
     "[closed] S back R S back L Q back R Q side L S touch R", "", "couple", false},
    {"Slow, quick, quick, slow", "walks", "improver", "Six counts: a dance in eights asks for an extension.",
     "[closed] S forward L Q side R Q close L S back R", "[closed] S back R Q side L Q close R S forward L", "",
     "couple", false},
    {"Ball change", "stage", "first steps", "Two changes of weight in one count.", "1 ball R & step L", nullptr, "",
     "stage", false},
    {"Behind, side, front", "stage", "improver", "A linking triple that leaves the body where it faces.",
     "1 behind R & side L 2 across R", nullptr, "", "stage", false},
    {"Step, touch and clap", "stage", "first steps", "Side and touch, with a clap that can be taught later.",
     "1 side R 2 touch L + clap 3 side L 4 touch R + clap", nullptr, "", "stage warm-up", false},
    {"Lunge and recover", "stage", "improver", "Two counts down to the side, two counts home.",
     "1:2 lunge side large R 3:2 recover L", nullptr, "", "stage", false},
    {"Pose, look, breathe", "stage", "first steps", "Four counts without a step.", "1-2 pose 3 look 4 breathe", nullptr,
     "", "stage", false},
    {"Triplet run", "stage", "experienced", "Three even runs in each count.",
     "1{run forward R, run forward L, run forward R} 2{run forward L, run forward R, run forward L}", nullptr, "",
     "stage", false},
    {"Jump out and in", "stage", "improver",
     "Feet apart, feet together, and two counts to stand; the next foot is said by what follows.",
     "1 jump apart 2 jump together 3-4 wait", nullptr, "", "stage", false},
    {"Long slide", "stage", "improver", "One long step to the side, and the other foot closes.",
     "1:3 slide side large R 4 close L", nullptr, "", "stage", false},
    {"Eight of your own", "stage", "first steps",
     "Eight counts to dance as you like; they end with the right foot free.", "1-8 free R", nullptr, "", "free", false},
};

std::vector<std::string> wordsOf(std::string_view text) {
    std::vector<std::string> out;
    while (!text.empty()) {
        const auto at = text.find(' ');
        if (at != 0) out.emplace_back(text.substr(0, at));
        text.remove_prefix(at == std::string_view::npos ? text.size() : at + 1);
    }
    return out;
}

} // namespace

std::vector<FigureCard> starterFigures() {
    std::vector<FigureCard> figures;
    figures.reserve(std::size(rows));
    for (const Row& row : rows) {
        FigureCard card;
        card.name = row.name;
        card.facts.family = row.family;
        card.facts.level = row.level;
        card.facts.description = row.description;
        if (*row.otherName) card.facts.otherNames.emplace_back(row.otherName);
        card.facts.tags = wordsOf(row.tags);
        if (row.rolling) card.facts.choices = NotationChoices{.feel = Feel::RollingThirds};
        card.lines.push_back({row.second ? "leader" : "everyone", row.first});
        if (row.second) card.lines.push_back({"follower", row.second});
        card.claimed = readFigure(card).length;
        figures.push_back(std::move(card));
    }
    return figures;
}

} // namespace lc
