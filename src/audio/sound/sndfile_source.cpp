#include "audio/sound/sound_source.h"

#include <sndfile.h>

namespace lc {

namespace {

class SndfileSource : public SoundSource {
public:
    SndfileSource(SNDFILE* file, const SF_INFO& info) : m_file(file, &sf_close), m_info(info) {}

    int channels() const override { return m_info.channels; }
    int sampleRate() const override { return m_info.samplerate; }
    std::int64_t frames() const override {
        return m_info.frames > 0 && m_info.frames < SF_COUNT_MAX ? m_info.frames : 0;
    }
    SoundTags tags() const override { return {tag(SF_STR_TITLE), tag(SF_STR_ARTIST)}; }
    std::int64_t read(float* to, std::int64_t frames) override {
        return std::max<sf_count_t>(0, sf_readf_float(m_file.get(), to, frames));
    }

private:
    std::string tag(int which) const {
        const char* text = sf_get_string(m_file.get(), which);
        return text ? text : "";
    }

    std::unique_ptr<SNDFILE, decltype(&sf_close)> m_file;
    SF_INFO m_info;
};

} // namespace

std::unique_ptr<SoundSource> openWithSndfile(const std::string& path) {
    SF_INFO info{};
    SNDFILE* file = sf_open(path.c_str(), SFM_READ, &info);
    return file ? std::make_unique<SndfileSource>(file, info) : nullptr;
}

} // namespace lc
