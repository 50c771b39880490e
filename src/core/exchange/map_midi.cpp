#include "core/base/clock_text.h"
#include "core/exchange/map_export.h"

#include <smf.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <memory>
#include <unistd.h>

namespace lc {

namespace {

constexpr int pulsesPerQuarter = 960;                     // common in MIDI files, and divisible by all that a count is
constexpr double longestQuarterMicroseconds = 16'777'215; // 24 bits in the tempo event (Standard MIDI File 1.0)

/// Writes meta events of one track at ascending pulses.
class MetaTrack {
public:
    explicit MetaTrack(smf_t* file) : m_track(smf_track_new()) { smf_add_track(file, m_track); }

    void tempo(int pulse, long microsecondsPerQuarter) {
        const auto byte = [&](int shift) {
            return static_cast<unsigned char>((microsecondsPerQuarter >> shift) & 0xFF);
        };
        add(pulse, {0xFF, 0x51, 3, byte(16), byte(8), byte(0)});
    }
    void metre(int pulse, int beats, int unit) {
        const auto power = static_cast<unsigned char>(std::lround(std::log2(unit)));
        add(pulse, {0xFF, 0x58, 4, static_cast<unsigned char>(beats), power, 24, 8});
    }
    void marker(int pulse, const std::string& text) { words(0x06, pulse, text); }
    void text(int pulse, const std::string& text) { words(0x01, pulse, text); }
    bool end(int pulse) { return smf_track_add_eot_pulses(m_track, pulse) == 0; }

private:
    void words(unsigned char kind, int pulse, const std::string& text) {
        const std::size_t length = std::min<std::size_t>(text.size(), 127);
        std::vector<unsigned char> bytes{0xFF, kind, static_cast<unsigned char>(length)};
        bytes.insert(bytes.end(), text.begin(), text.begin() + static_cast<std::ptrdiff_t>(length));
        add(pulse, std::move(bytes));
    }
    void add(int pulse, std::vector<unsigned char> bytes) {
        smf_event_t* event = smf_event_new_from_pointer(bytes.data(), static_cast<int>(bytes.size()));
        if (event) smf_track_add_event_pulses(m_track, event, pulse);
    }
    smf_track_t* m_track;
};

Result<std::vector<std::uint8_t>> bytesOf(smf_t* file) {
    const auto failed = [] {
        return fail(ErrorCode::Unwritable,
                    Core::sentence("The MIDI file could not be made: no room in the folder for temporary files."));
    };
    std::string path = (std::filesystem::temp_directory_path() / "lift-count-XXXXXX").string();
    const int descriptor = ::mkstemp(path.data());
    if (descriptor < 0) return failed();
    ::close(descriptor);
    const bool saved = smf_save(file, path.c_str()) == 0;
    std::ifstream in(path, std::ios::binary);
    std::vector<std::uint8_t> bytes{std::istreambuf_iterator<char>(in), std::istreambuf_iterator<char>()};
    ::unlink(path.c_str());
    if (!saved || bytes.empty()) return failed();
    return bytes;
}

} // namespace

Result<std::vector<std::uint8_t>> mapToMidi(const SongMap& map) {
    if (map.beats.empty())
        return fail(ErrorCode::BadValue, Core::sentence("A song without beats has no tempo to write as MIDI."));
    if (map.beats.front().time < 0)
        return fail(ErrorCode::BadValue,
                    Core::sentence("The first beat lies before the recording; MIDI has no time before 0."));
    const std::unique_ptr<smf_t, decltype(&smf_delete)> file(smf_new(), &smf_delete);
    if (smf_set_ppqn(file.get(), pulsesPerQuarter) != 0)
        return fail(ErrorCode::Unwritable, Core::sentence("The MIDI file could not be made."));
    MetaTrack track(file.get());
    const int pulsesPerBeat = pulsesPerQuarter * 4 / map.metre.unit;
    const double quartersPerBeat = 4.0 / map.metre.unit;

    // Silence before the first beat: as many quarters as its length needs. Each tempo is rounded to a microsecond; the
    // next one makes good what rounding lost, so no beat is ever off by more than that.
    const double lead = map.beats.front().time * 1e6;
    const int leadQuarters = lead > 0 ? static_cast<int>(std::ceil(lead / longestQuarterMicroseconds)) : 0;
    double written = 0;
    int pulse = 0;
    for (int q = 0; q < leadQuarters; ++q) {
        const long tempo = std::lround((lead - written) / (leadQuarters - q));
        track.tempo(pulse, std::max(1L, tempo));
        written += static_cast<double>(std::max(1L, tempo));
        pulse += pulsesPerQuarter;
    }
    const int firstBeatPulse = pulse;
    // What MIDI has no event for, in the words of a facts file; others' programs leave texts alone. The song's own
    // metre is one of these: in a short song a pick-up and an odd bar of the same length would outvote it.
    track.text(pulse, "metre " + toString(map.metre));
    for (const Stop& stop : map.stops)
        track.text(pulse,
                   "stop " + numberText(stop.start) + " " + numberText(stop.end) + " " + std::to_string(stop.beats));
    for (const Fermata& held : map.fermatas)
        track.text(pulse, "fermata " + numberText(held.start) + " " + numberText(held.end));
    std::size_t bar = 0;
    std::size_t phrase = 0;
    int shownBeats = 0;
    for (std::size_t i = 0; i < map.beats.size(); ++i) {
        if (phrase < map.phrases.size() && firstBeatOf(map, map.phrases[phrase]) == i)
            track.marker(pulse, map.phrases[phrase++].label);
        if (i == 0 && map.pickupBeats > 0)
            track.metre(pulse, shownBeats = static_cast<int>(map.pickupBeats), map.metre.unit);
        if (bar < map.bars.size() && map.bars[bar].firstBeat == i) {
            if (map.bars[bar].beats != shownBeats) track.metre(pulse, shownBeats = map.bars[bar].beats, map.metre.unit);
            ++bar;
        }
        const Seconds next = i + 1 < map.beats.size() ? map.beats[i + 1].time : map.end;
        const long tempo = std::lround((next * 1e6 - written) / quartersPerBeat);
        if (tempo < 1 || static_cast<double>(tempo) > longestQuarterMicroseconds)
            return fail(ErrorCode::BadValue,
                        Core::sentence("A beat longer than 16 seconds cannot be written as MIDI."));
        track.tempo(pulse, tempo);
        written += static_cast<double>(tempo) * quartersPerBeat;
        pulse = firstBeatPulse + static_cast<int>(i + 1) * pulsesPerBeat;
    }
    if (!track.end(pulse)) return fail(ErrorCode::BadValue, Core::sentence("The MIDI track could not be closed."));
    return bytesOf(file.get());
}

} // namespace lc
