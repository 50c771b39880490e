#include "audio/sound/sound_source.h"

#include <algorithm>
#include <mutex>
#include <vector>

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libswresample/swresample.h>
}

namespace lc {

namespace {

template <auto release>
struct Release {
    template <typename T>
    void operator()(T* it) const {
        release(&it);
    }
};
using Format = std::unique_ptr<AVFormatContext, Release<avformat_close_input>>;
using Decoder = std::unique_ptr<AVCodecContext, Release<avcodec_free_context>>;
using Converter = std::unique_ptr<SwrContext, Release<swr_free>>;
using Packet = std::unique_ptr<AVPacket, Release<av_packet_free>>;
using Frame = std::unique_ptr<AVFrame, Release<av_frame_free>>;

/// Delay and padding are cut by libavcodec itself, from what the container says (edit list of MP4, codec delay of
/// Matroska). Where it says nothing, the delay that the codec cannot do without is cut here: one frame of AAC (the
/// overlap of its transform, ISO/IEC 14496-3), 256 samples of AC-3 (ETSI TS 102 366). WMA has no such word either;
/// libavcodec takes two frames off, but files of its own encoder have one.
class LibavSource : public SoundSource {
public:
    LibavSource(Format format, Decoder decoder, AVStream* stream)
        : m_format(std::move(format)), m_decoder(std::move(decoder)), m_stream(stream), m_packet(av_packet_alloc()),
          m_frame(av_frame_alloc()) {
        m_oneFrameOnly = isWma() && tag("encoder").rfind("Lavf", 0) == 0;
        if (m_oneFrameOnly) m_decoder->flags2 |= AV_CODEC_FLAG2_SKIP_MANUAL;
        decodeMore(); // some formats tell their true channels and rate with the first frame only; from here on they are
                      // settled
    }
    ~LibavSource() override { av_channel_layout_uninit(&m_layout); }

    int channels() const override { return m_channels; }
    int sampleRate() const override { return m_rate; }
    std::int64_t frames() const override {
        if (m_format->duration_estimation_method == AVFMT_DURATION_FROM_BITRATE)
            return 0; // a guess from the first frames' rate
        const double seconds =
            m_stream->duration != AV_NOPTS_VALUE ? static_cast<double>(m_stream->duration) * av_q2d(m_stream->time_base)
            : m_format->duration != AV_NOPTS_VALUE ? static_cast<double>(m_format->duration) / AV_TIME_BASE
                                                   : 0;
        return seconds > 0 && seconds < 1e7 ? static_cast<std::int64_t>(seconds * m_rate) : 0;
    }
    SoundTags tags() const override { return {tag("title"), tag("artist")}; }

    std::int64_t read(float* to, std::int64_t frames) override {
        std::int64_t given = 0;
        while (given < frames && m_channels > 0) {
            const auto channels = static_cast<std::size_t>(m_channels);
            const std::size_t have = (m_ready.size() - m_used) / channels;
            if (have == 0) {
                if (!decodeMore()) break;
                continue;
            }
            const std::size_t take = std::min(have, static_cast<std::size_t>(frames - given));
            std::copy_n(m_ready.begin() + static_cast<std::ptrdiff_t>(m_used), take * channels,
                        to + given * m_channels);
            m_used += take * channels;
            given += static_cast<std::int64_t>(take);
        }
        return given;
    }

private:
    bool isWma() const { return m_decoder->codec_id == AV_CODEC_ID_WMAV1 || m_decoder->codec_id == AV_CODEC_ID_WMAV2; }

    /// Samples of delay that neither the container nor libavcodec takes care of, seen with the first packet and its
    /// frame.
    int untoldDelay() const {
        if (m_oneFrameOnly) return m_frame->nb_samples;
        if (m_delayTold) return 0;
        if (m_decoder->codec_id == AV_CODEC_ID_AAC) return m_frame->nb_samples;
        return m_decoder->codec_id == AV_CODEC_ID_AC3 || m_decoder->codec_id == AV_CODEC_ID_EAC3 ? 256 : 0;
    }

    std::string tag(const char* name) const {
        const AVDictionaryEntry* entry = av_dict_get(m_format->metadata, name, nullptr, 0);
        if (!entry) entry = av_dict_get(m_stream->metadata, name, nullptr, 0);
        return entry && entry->value ? entry->value : "";
    }

    /// One more decoded frame in m_ready; false at the end.
    bool decodeMore() {
        m_ready.clear();
        m_used = 0;
        while (!m_ended) {
            const int got = avcodec_receive_frame(m_decoder.get(), m_frame.get());
            if (got == 0) {
                if (keep()) return true;
                continue;
            }
            if (got != AVERROR(EAGAIN) && got != AVERROR_EOF && ++m_faults > mostFaults) m_ended = true;
            if (got == AVERROR_EOF || m_ended || m_drained) {
                m_ended = true;
                break;
            }
            feed();
        }
        return false;
    }

    void feed() {
        while (true) {
            if (av_read_frame(m_format.get(), m_packet.get()) < 0) {
                avcodec_send_packet(m_decoder.get(), nullptr); // what is still inside comes out
                m_drained = m_sentEnd;
                m_sentEnd = true;
                return;
            }
            const bool ours = m_packet->stream_index == m_stream->index;
            if (ours && !m_fed) {
                m_fed = true;
                m_delayTold = m_packet->pts < 0 || m_stream->codecpar->initial_padding > 0 ||
                              av_packet_get_side_data(m_packet.get(), AV_PKT_DATA_SKIP_SAMPLES, nullptr) != nullptr;
            }
            if (ours) avcodec_send_packet(m_decoder.get(), m_packet.get()); // a damaged packet leaves a gap, not an end
            av_packet_unref(m_packet.get());
            if (ours) return;
        }
    }

    /// Converts the frame at hand to interleaved floats in the channels and rate of the first one that could be
    /// converted; false when it gave none. What the frame says of itself is checked here: it comes from the file.
    bool keep() {
        const int channels = m_frame->ch_layout.nb_channels;
        if (m_frame->nb_samples <= 0 || m_frame->nb_samples > mostFrameSamples || m_frame->sample_rate <= 0 ||
            channels < 1 || channels > mostSourceChannels)
            return false;
        if ((!m_converter || m_frame->sample_rate != m_fromRate || m_frame->format != m_fromFormat ||
             channels != m_fromChannels) &&
            !convertFrom(*m_frame)) {
            m_converter.reset();
            if (++m_faults > mostFaults) m_ended = true;
            return false;
        }
        const int room = swr_get_out_samples(m_converter.get(), m_frame->nb_samples);
        if (room <= 0) return false;
        const auto each = static_cast<std::size_t>(m_channels);
        m_ready.resize(static_cast<std::size_t>(room) * each);
        auto* out = reinterpret_cast<std::uint8_t*>(m_ready.data());
        const int made =
            std::clamp(swr_convert(m_converter.get(), &out, room,
                                   const_cast<const std::uint8_t**>(m_frame->extended_data), m_frame->nb_samples),
                       0, room);
        m_faults = 0;
        const int dropped = std::clamp(m_drop, 0, made);
        m_drop -= dropped;
        m_ready.resize(static_cast<std::size_t>(made) * each);
        m_used = static_cast<std::size_t>(dropped) * each;
        return made > dropped;
    }

    /// A converter from what this frame is; the first one settles what all are converted to. False where there is no
    /// way.
    bool convertFrom(AVFrame& frame) {
        const bool first = m_channels == 0;
        if (first) {
            // The head of the file knows better than a first frame, which may be damaged.
            const AVChannelLayout& said = m_stream->codecpar->ch_layout;
            const bool sound = said.order == AV_CHANNEL_ORDER_NATIVE && said.nb_channels >= 1 &&
                               said.nb_channels <= mostSourceChannels;
            if (av_channel_layout_copy(&m_layout, sound ? &said : &frame.ch_layout) < 0) return false;
        }
        const int rate = first ? frame.sample_rate : m_rate;
        if (!convertBetween(frame.ch_layout, m_layout, frame, rate)) {
            // Channels without places, or in places that no loudspeakers have: the usual places for so many.
            AVChannelLayout from{}, to{};
            av_channel_layout_default(&from, frame.ch_layout.nb_channels);
            av_channel_layout_default(&to, m_layout.nb_channels);
            const bool done = convertBetween(from, to, frame, rate);
            av_channel_layout_uninit(&from);
            av_channel_layout_uninit(&to);
            if (!done) return false;
        }
        if (first) {
            m_channels = m_layout.nb_channels;
            m_rate = rate;
            m_drop = untoldDelay();
        }
        m_fromRate = frame.sample_rate;
        m_fromFormat = frame.format;
        m_fromChannels = frame.ch_layout.nb_channels;
        return true;
    }

    bool convertBetween(AVChannelLayout& from, AVChannelLayout& to, const AVFrame& frame, int rate) {
        SwrContext* made = nullptr;
        const int set = swr_alloc_set_opts2(&made, &to, AV_SAMPLE_FMT_FLT, rate, &from,
                                            static_cast<AVSampleFormat>(frame.format), frame.sample_rate, 0, nullptr);
        m_converter.reset(made);
        return set >= 0 && made && swr_init(made) >= 0;
    }

    static constexpr int mostFrameSamples = 1 << 22; // lossless codecs have the longest frames: below 2^17
    static constexpr int mostFaults =
        1000; // in a row of frames and packets; a damaged second of sound has fewer than a hundred

    Format m_format;
    Decoder m_decoder;
    AVStream* m_stream;
    Packet m_packet;
    Frame m_frame;
    Converter m_converter;
    AVChannelLayout m_layout{};
    int m_channels = 0;
    int m_rate = 0;
    int m_fromRate = 0;
    int m_fromFormat = -1;
    int m_fromChannels = 0;
    int m_faults = 0;
    int m_drop = 0;
    bool m_fed = false;
    bool m_delayTold = false;
    bool m_oneFrameOnly = false;
    bool m_sentEnd = false;
    bool m_drained = false;
    bool m_ended = false;
    std::vector<float> m_ready;
    std::size_t m_used = 0;
};

} // namespace

namespace {
/// Kinds of files that are opened: those that hold sound themselves. Lists of other files, of addresses and of devices
/// are none of them.
constexpr const char* containers =
    "mov,matroska,webm,asf,avi,flv,mpeg,mpegts,mp3,aac,ac3,eac3,ogg,flac,wav,w64,aiff,au,caf,wv,ape,tta,tak,amr,dsf,dts,mpc,mpc8,rm,shn,spdif,truehd,voc";
} // namespace

std::unique_ptr<SoundSource> openWithLibav(const std::string& path) {
    static std::once_flag quiet;
    std::call_once(quiet, [] { av_log_set_level(AV_LOG_QUIET); }); // what went wrong is said by us, in a sentence
    AVFormatContext* opened = nullptr;
    AVDictionary* options = nullptr;
    av_dict_set(&options, "format_whitelist", containers, 0);
    av_dict_set(&options, "protocol_whitelist", "file", 0);
    const int failed = avformat_open_input(&opened, ("file:" + path).c_str(), nullptr, &options);
    av_dict_free(&options);
    if (failed < 0) return nullptr;
    Format format(opened);
    if (avformat_find_stream_info(format.get(), nullptr) < 0) return nullptr;
    const AVCodec* codec = nullptr;
    const int index = av_find_best_stream(format.get(), AVMEDIA_TYPE_AUDIO, -1, -1, &codec, 0);
    if (index < 0 || !codec) return nullptr;
    AVStream* stream = format->streams[index];
    Decoder decoder(avcodec_alloc_context3(codec));
    if (!decoder || avcodec_parameters_to_context(decoder.get(), stream->codecpar) < 0) return nullptr;
    decoder->pkt_timebase = stream->time_base;
    if (avcodec_open2(decoder.get(), codec, nullptr) < 0) return nullptr;
    for (unsigned i = 0; i < format->nb_streams; ++i)
        if (format->streams[i] != stream) format->streams[i]->discard = AVDISCARD_ALL;
    return std::make_unique<LibavSource>(std::move(format), std::move(decoder), stream);
}

} // namespace lc
