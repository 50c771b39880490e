#include "core/said/said_words.h"

#include "core/notation/step_words.h"
#include "core/said/said_figures.h"

#include <algorithm>
#include <array>
#include <unordered_map>
#include <vector>

namespace lc::said {

namespace {

/// Words of one sense, divided by |; `own` is what the notation says for all of them, or empty where it is the word
/// itself.
struct Row {
    Sense sense;
    std::string_view own;
    std::string_view words;
};

constexpr std::array rows{
    Row{Sense::And, "&", "and|n|und|et|y|'n'|+"},
    Row{Sense::Letter, "a", "ah|uh"},
    Row{Sense::Letter, "e", "ee|eh"},
    Row{Sense::Slow, "S", "slow|slowly|lang|langsam|lent|lente|lento|lenta"},
    Row{Sense::Quick, "Q", "quick|quickly|kurz|schnell|vite|rapide|rápido|rápida|rapido|rapida"},
    Row{Sense::Hold, "wait",
        "hold|pause|wait|rest|freeze|halten|halt|warten|warte|pausa|espera|attendre|attends|tiens|tenir"},
    Row{Sense::Foot, "L",
        "l|left|lf|left foot|links|li|linker fuß|linken fuß|linker|linken|gauche|pied gauche|à gauche|pg|g|izquierda|izquierdo|pie izquierdo"},
    Row{Sense::Foot, "R",
        "r|right|rf|right foot|rechts|re|rechter fuß|rechten fuß|rechter|rechten|droite|droit|pied droit|à droite|pd|d|derecha|derecho|pie derecho"},
    Row{Sense::Side, "L",
        "to the left|to left|to left side|to the left side|to l|to l side|to the l|nach links|zur linken seite|vers la gauche|à la gauche|a la izquierda"},
    Row{Sense::Side, "R",
        "to the right|to right|to right side|to the right side|to r|to r side|to the r|nach rechts|zur rechten seite|vers la droite|à la droite|a la derecha"},
    Row{Sense::Turning, "",
        "turn|turning|turned|turns|drehung|drehen|dreh|gedreht|tour|tourne|tournant|vuelta|giro|gira|girando"},
    Row{Sense::Step, "",
        "step|walk|rock|recover|replace|check|stomp|stamp|run|lock|ball|spring|leap|hop|jump|stomp-up|stamp-up|touch|tap|point|kick|flick|hook|hitch|brush|swivel|scuff|dig|drag|lift|fan|sweep|ronde|low-kick|sway|change|cut|"
        "slide|lunge|press|march|chug|shift|drop|dip|prance|skate|pivot|spin|unwind"},
    Row{Sense::Step, "step", "steps|stepping|schritt|schritte|tritt|pas|paso|pasos|pisa"},
    Row{Sense::Step, "walk", "walks|walking|geh|gehen|geht|gehe|lauf|marche|camina|caminar"},
    Row{Sense::Step, "rock", "rocks|rocking|wiege"},
    Row{Sense::Step, "replace", "recovers|platz|belasten|retour|reviens|regresa|recupera"},
    Row{Sense::Step, "touch", "touches|touching|tipp|tippen|touche|toca|toque"},
    Row{Sense::Step, "tap", "taps|tipp-tap"},
    Row{Sense::Step, "point", "points|pointing|pointe|punta"},
    Row{Sense::Step, "kick", "kicks|kicking|patada"},
    Row{Sense::Step, "stomp", "stomps|stampf|stampfen|stampfer|frappe du pied|zapatea"},
    Row{Sense::Step, "stomp-up", "stomp up"},
    Row{Sense::Step, "brush", "brushes|bürste|brosse|cepilla"},
    Row{Sense::Step, "sway", "sways|swaying|wiegen|balancé"},
    Row{Sense::Direction, "cross", "crosses|crossing|kreuz|kreuzen|kreuzt|kreuzschritt|croise|croisé|cruza|cruzado"},
    Row{Sense::Step, "hop", "hops|hüpf|hüpfen|hüpfer|sautille|salta"},
    Row{Sense::Step, "jump", "jumps|sprung|spring mit beiden|saute|saut|salto"},
    Row{Sense::Direction, "",
        "side|forward|back|behind|across|together|close|front|diagonal|in place|place|cross|out|in"},
    Row{Sense::Direction, "side",
        "sideways|seit|seite|seitwärts|seitschritt|côté|cote|de côté|sur le côté|lado|al lado"},
    Row{Sense::Direction, "forward", "fwd|forwards|vor|vorwärts|vorn|avant|en avant|devant|adelante|delante|al frente"},
    Row{Sense::Direction, "back", "backward|backwards|rück|rückwärts|zurück|arrière|en arrière|recule|atrás|atras"},
    Row{Sense::Direction, "behind", "hinter|hinten|derrière|détrás|detrás|detras"},
    Row{Sense::Direction, "close",
        "closing|closes|ran|schluss|schließ|schließen|schließt|assemble|assemblé|rassemble|ferme|ensemble|junta|juntos|cierra|beside"},
    Row{Sense::Direction, "in",
        "to the middle|to the centre|to the center|to centre|to center|to middle|into the middle|into the centre|into the center|zur mitte|in die mitte|au centre|vers le centre|al centro"},
    Row{Sense::Direction, "out", "from the middle|from the centre|out of the centre|aus der mitte|vom kreis weg"},
    Row{Sense::Direction, "in place", "on the spot|am platz|auf der stelle|sur place|en el sitio|en su sitio"},
    Row{Sense::Manner, "",
        "small|little|tiny|large|big|long|wide|heel|toe|toes|flat|led|own|break|slightly|low|high|inside|outside|up|down|over|round|around|quickly|hips|hip|knee|knees|diagonally"},
    Row{Sense::Manner, "over", "über"},
    Row{Sense::Manner, "heel", "ferse|talon|talón|talon"},
    Row{Sense::Manner, "toe", "spitze|ballen|orteil"},
    Row{Sense::Manner, "small", "klein|kleiner|petit|petits|pequeño"},
    Row{Sense::Manner, "large", "groß|großer|grand|grands|grande"},
    Row{Sense::Gesture, "clap",
        "claps|clap hands|clap your hands|klatsch|klatschen|in die hände klatschen|palmada|tape des mains|tape dans les mains"},
    Row{Sense::Gesture, "", "clap|slap|snap|arms|arm|head|look|breath|breathe|nod|shrug|pose|settle|reach|smile"},
    Row{Sense::Gesture, "snap", "snaps|schnipp|schnippen|click fingers|snap fingers"},
    Row{Sense::Reference, "", "next to|beside the|in front of|over the|past|neben|vor dem|à côté de|junto a"},
    Row{Sense::Repeat, "",
        "repeat|repeats|again|repeat all|repeat that|same again|the same again|the same|wiederholen|noch einmal|nochmal|répète|répéter|encore|repite|repetir|otra vez|dasselbe|das gleiche|das gleiche noch einmal|la même chose|lo mismo"},
    Row{Sense::OtherFoot, "",
        "on the other foot|on other foot|other foot|opposite foot|on the opposite foot|on opposite foot|on the opposite side|mirrored|gegengleich|spiegelbildlich|with the other foot|on the other side|to the other side|other side|mit dem anderen fuß|auf der anderen seite|zur anderen seite|anderer fuß|de l'autre pied|de l'autre côté|con el otro pie|al otro lado"},
    Row{Sense::Filler, "",
        "the|to|with|on|your|foot|feet|of|make|making|then|it|count|counts|through|bis|à|hasta|for|onto|into|do|der|die|das|den|dem|nach|zum|zur|zählzeiten|schläge|temps|tiempos|mit|auf|am|im|ein|eine|einen|dann|le|la|les|au|du|de|avec|sur|puis|en|el|los|las|con|hacia|pie|pied|fuß|das|luego|weight|gewicht|poids|peso|herum|an|hands|your hands|al"},
};

struct Numbers {
    std::string_view words; ///< from 1, divided by |
};
constexpr std::array numbers{
    Numbers{"one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen"},
    Numbers{"eins|zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|elf|zwölf"},
    Numbers{"un|deux|trois|quatre|cinq|six|sept|huit|neuf|dix|onze|douze"},
    Numbers{"uno|dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|once|doce"},
};

struct Part {
    std::string_view words;
    std::int64_t value, over;
};
constexpr std::array fractions{
    Part{"half|a half|one half|halbe|halb|halber|halben|demi|un demi|media|medio", 1, 2},
    Part{"quarter|a quarter|one quarter|viertel|ein viertel|eine viertel|quart|un quart|cuarto|un cuarto", 1, 4},
    Part{"three quarter|three quarters|dreiviertel|drei viertel|trois quarts|tres cuartos", 3, 4},
    Part{"full|a full|whole|ganze|ganzer|complet|entier|completa|completo", 1, 1},
    Part{"eighth|an eighth|achtel|huitième|octavo", 1, 8},
};
constexpr std::array fractionTurns{
    // words that are fraction and turn in one
    Part{"halbdrehung|halbe drehung|demi-tour|demi tour|media vuelta", 1, 2},
    Part{"vierteldrehung|viertel drehung|quart de tour|cuarto de vuelta", 1, 4},
};
constexpr std::array times{Part{"twice|two times|zweimal|deux fois|dos veces", 2, 1},
                           Part{"three times|dreimal|trois fois|tres veces", 3, 1},
                           Part{"four times|viermal|quatre fois|cuatro veces", 4, 1}};

template <typename Found>
void each(std::string_view words, Found found) {
    for (std::size_t at = 0; at <= words.size();) {
        const std::size_t end = std::min(words.find('|', at), words.size());
        if (end > at) found(std::string(words.substr(at, end - at)));
        at = end + 1;
    }
}

using Table = std::unordered_map<std::string, SaidWord>;

Table makeTable() {
    Table table;
    const auto put = [&](const std::string& word, SaidWord said) {
        table.try_emplace(word, std::move(said));
    }; // the first row that names a word has it
    for (const Numbers& row : numbers) {
        std::int64_t n = 0;
        each(row.words, [&](const std::string& word) {
            put(word, {Sense::Count, std::to_string(n + 1), n + 1, 1});
            ++n;
        });
    }
    for (const Part& row : fractions)
        each(row.words, [&](const std::string& word) { put(word, {Sense::Fraction, {}, row.value, row.over}); });
    for (const Part& row : fractionTurns)
        each(row.words, [&](const std::string& word) { put(word, {Sense::Fraction, {}, row.value, row.over}); });
    for (const Part& row : times)
        each(row.words, [&](const std::string& word) { put(word, {Sense::Times, {}, row.value, 1}); });
    for (const Row& row : rows)
        each(row.words, [&](const std::string& word) {
            put(word, {row.sense, row.own.empty() ? word : std::string(row.own), 0, 1});
        });
    for (const StepWord& word : stepWords()) { // also those that nobody says otherwise
        const std::string text(word.word);
        if (word.kind == ActionKind::NoWeight || word.kind == ActionKind::Hop || word.kind == ActionKind::Jump ||
            word.kind == ActionKind::Step)
            put(text, {Sense::Step, text, 0, 1});
        else if (word.kind == ActionKind::Wait)
            put(text, {Sense::Hold, "wait", 0, 1});
        else if (word.kind == ActionKind::Gesture)
            put(text, {Sense::Gesture, text, 0, 1});
    }
    std::int64_t place = 0;
    for (const KnownFigure& figure : knownFigures()) {
        each(figure.names, [&](const std::string& word) { put(word, {Sense::Figure, word, place, 1}); });
        ++place;
    }
    return table;
}

const Table& table() {
    static const Table made = makeTable();
    return made;
}

/// Letters to change, put in or leave out to make one word of another; two that changed places are one. Beyond `most`
/// it is `most` + 1.
std::size_t lettersApart(std::string_view a, std::string_view b, std::size_t most) {
    if (a.size() > b.size() + most || b.size() > a.size() + most) return most + 1;
    constexpr std::size_t longest = 32; // no word of the table is longer
    if (a.size() > longest || b.size() > longest) return most + 1;
    std::array<std::array<std::size_t, longest + 1>, longest + 1> d;
    for (std::size_t i = 0; i <= a.size(); ++i)
        for (std::size_t j = 0; j <= b.size(); ++j) {
            if (i == 0 || j == 0) {
                d[i][j] = i + j;
                continue;
            }
            d[i][j] = std::min({d[i - 1][j] + 1, d[i][j - 1] + 1, d[i - 1][j - 1] + (a[i - 1] == b[j - 1] ? 0U : 1U)});
            if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                d[i][j] = std::min(d[i][j], d[i - 2][j - 2] + 1);
        }
    return d[a.size()][b.size()];
}

} // namespace

const SaidWord* saidWord(const std::string& phrase) {
    const auto found = table().find(phrase);
    return found == table().end() ? nullptr : &found->second;
}

std::string small(std::string_view text) {
    std::string out(text);
    for (std::size_t i = 0; i < out.size(); ++i) {
        if (out[i] >= 'A' && out[i] <= 'Z') out[i] = static_cast<char>(out[i] - 'A' + 'a');
        const auto next = i + 1 < out.size() ? static_cast<unsigned char>(out[i + 1]) : 0U;
        if (static_cast<unsigned char>(out[i]) == 0xC3 && next >= 0x80 && next <= 0x9E && next != 0x97)
            out[i + 1] = static_cast<char>(next + 0x20); // À … Þ
    }
    return out;
}

std::vector<std::string> dancedWords() {
    std::vector<std::string> out;
    for (const auto& [word, said] : table())
        if (word.size() > 2 &&
            (said.sense == Sense::Step || said.sense == Sense::Direction || said.sense == Sense::Figure ||
             said.sense == Sense::Gesture || said.sense == Sense::Hold || said.sense == Sense::Manner))
            out.push_back(word);
    std::sort(out.begin(), out.end());
    return out;
}

std::string nearestWord(const std::string& word) {
    const std::size_t most = word.size() < 6 ? 1 : 2;
    std::string best;
    std::size_t least = most + 1;
    for (const auto& [known, said] : table()) {
        if (said.sense == Sense::Filler || known.size() < 3 || word.size() < 3) continue;
        const std::size_t apart = lettersApart(word, known, most);
        if (apart < least || (apart == least && apart <= most && known < best)) {
            least = apart;
            best = known;
        }
    }
    return best;
}

} // namespace lc::said
