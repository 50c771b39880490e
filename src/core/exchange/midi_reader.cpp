#include "core/exchange/midi_reader.h"

#include <algorithm>
#include <string_view>

namespace lc {

namespace {

constexpr std::int64_t mostTicks = std::int64_t{1} << 40;

class Reader {
public:
    explicit Reader(const std::vector<std::uint8_t>& bytes) : m_bytes(bytes) {}

    Result<MidiTiming> run() {
        if (!tagIs("MThd")) return wrong(Core::sentence("it does not begin like a MIDI file"));
        m_at = 4;
        const std::uint32_t headerLength = number(4);
        const std::size_t headerEnd = m_at + headerLength;
        if (headerLength < 6 || headerEnd > m_bytes.size()) return wrong(Core::sentence("its header breaks off"));
        const std::uint32_t format = number(2);
        number(2); // tracks: those that are there are read
        const std::uint32_t division = number(2);
        if (format > 1) return wrong(Core::sentence("it holds several songs (format 2); save them one by one"));
        if ((division & 0x8000) != 0 || division == 0)
            return wrong(Core::sentence("its clock is film frames, which have no beats"));
        m_out.ticksPerQuarter = static_cast<int>(division);
        m_at = headerEnd;
        while (m_at + 8 <= m_bytes.size()) {
            const bool track = tagIs("MTrk");
            m_at += 4;
            const std::uint32_t length = number(4);
            if (length > m_bytes.size() - m_at) return wrong(Core::sentence("a track breaks off"));
            const std::size_t end = m_at + length;
            if (track && !readTrack(end)) return wrong(Core::sentence("an event cannot be read"));
            m_at = end;
        }
        const auto byTick = [](const auto& a, const auto& b) { return a.tick < b.tick; };
        std::stable_sort(m_out.tempos.begin(), m_out.tempos.end(), byTick);
        std::stable_sort(m_out.metres.begin(), m_out.metres.end(), byTick);
        std::stable_sort(m_out.markers.begin(), m_out.markers.end(), byTick);
        std::stable_sort(m_out.texts.begin(), m_out.texts.end(), byTick);
        return std::move(m_out);
    }

private:
    tl::unexpected<Error> wrong(const Text& why) const {
        return fail(ErrorCode::Unreadable, Core::sentence("The MIDI file cannot be read at byte %1: %2.", m_at, why),
                    "byte " + std::to_string(m_at));
    }

    bool tagIs(std::string_view tag) const {
        return m_at + 4 <= m_bytes.size() &&
               std::equal(tag.begin(), tag.end(), m_bytes.begin() + static_cast<std::ptrdiff_t>(m_at),
                          [](char a, std::uint8_t b) { return static_cast<std::uint8_t>(a) == b; });
    }

    /// Big-endian; 0 past the end, where the caller has checked the room.
    std::uint32_t number(int bytes) {
        std::uint32_t value = 0;
        for (int i = 0; i < bytes; ++i) value = (value << 8) | (m_at < m_bytes.size() ? m_bytes[m_at] : 0U), ++m_at;
        return value;
    }

    /// Seven bits a byte, at most four bytes; negative when there is none before `end`.
    std::int64_t variableLength(std::size_t end) {
        std::int64_t value = 0;
        for (int i = 0; i < 4 && m_at < end; ++i) {
            const std::uint8_t byte = m_bytes[m_at++];
            value = (value << 7) | (byte & 0x7F);
            if ((byte & 0x80) == 0) return value;
        }
        return -1;
    }

    bool readTrack(std::size_t end) {
        std::int64_t tick = 0;
        std::uint8_t running = 0;
        while (m_at < end) {
            const std::int64_t wait = variableLength(end);
            if (wait < 0 || m_at >= end) return false;
            tick += wait;
            if (tick > mostTicks) return false;
            m_out.end = std::max(m_out.end, tick);
            std::uint8_t status = m_bytes[m_at];
            if (status >= 0x80)
                ++m_at;
            else
                status = running;
            if (status < 0x80) return false; // running status without a status before
            if (status == 0xFF) {
                if (m_at >= end) return false;
                const std::uint8_t kind = m_bytes[m_at++];
                const std::int64_t length = variableLength(end);
                if (length < 0 || static_cast<std::size_t>(length) > end - m_at) return false;
                meta(kind, tick, static_cast<std::size_t>(length));
                m_at += static_cast<std::size_t>(length);
                if (kind == 0x2F) return true;
            } else if (status == 0xF0 || status == 0xF7) {
                const std::int64_t length = variableLength(end);
                if (length < 0 || static_cast<std::size_t>(length) > end - m_at) return false;
                m_at += static_cast<std::size_t>(length);
            } else if (status < 0xF0) {
                running = status;
                const std::size_t data = (status & 0xF0) == 0xC0 || (status & 0xF0) == 0xD0 ? 1 : 2;
                if (data > end - m_at) return false;
                if ((status & 0xF0) == 0x90 && m_bytes[m_at + 1] > 0 && (m_out.firstNote < 0 || tick < m_out.firstNote))
                    m_out.firstNote = tick;
                m_at += data;
            } else {
                return false; // messages that a file does not hold
            }
        }
        return true;
    }

    void meta(std::uint8_t kind, std::int64_t tick, std::size_t length) {
        const std::uint8_t* data = m_bytes.data() + m_at;
        if (kind == 0x51 && length == 3) {
            const int microseconds = (data[0] << 16) | (data[1] << 8) | data[2];
            if (microseconds > 0) m_out.tempos.push_back({tick, microseconds / 1e6});
        }
        if (kind == 0x58 && length >= 2 && data[0] >= 1 && data[0] <= 24 && data[1] >= 1 && data[1] <= 4)
            m_out.metres.push_back({tick, data[0], 1 << data[1]});
        if (kind == 0x06 || kind == 0x01)
            (kind == 0x06 ? m_out.markers : m_out.texts).push_back({tick, std::string(data, data + length)});
    }

    const std::vector<std::uint8_t>& m_bytes;
    std::size_t m_at = 0;
    MidiTiming m_out;
};

} // namespace

Result<MidiTiming> readMidiTiming(const std::vector<std::uint8_t>& bytes) { return Reader(bytes).run(); }

} // namespace lc
