#include "audio/playing/voice.h"

#include "audio/sound/resample.h"

#include <espeak-ng/speak_lib.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdlib>
#include <mutex>
#include <utility>

namespace lc {

namespace {

std::mutex& espeakLock() {
    static std::mutex lock;
    return lock;
}

int takeSamples(short* wav, int samples, espeak_EVENT* events) {
    if (wav && samples > 0 && events && events->user_data) {
        auto* into = static_cast<AudioBuffer*>(events->user_data);
        for (int i = 0; i < samples; ++i) into->samples.push_back(static_cast<float>(wav[i]) / 32768.0F);
    }
    return 0;
}

/// The sample rate of espeak-ng, set up once; −1 without its data.
int espeakRate() {
    static const int rate = [] {
        const int hertz = espeak_Initialize(AUDIO_OUTPUT_SYNCHRONOUS, 0, nullptr, espeakINITIALIZE_DONT_EXIT);
        if (hertz <= 0) return -1;
        espeak_SetSynthCallback(takeSamples);
        return hertz;
    }();
    return rate;
}

/// The voice of the process speaks this language from now on.
void speakLanguage(const std::string& language) {
    static std::string spoken;
    if (spoken == language) return;
    if (espeak_SetVoiceByName(language.c_str()) != EE_OK) espeak_SetVoiceByName("en");
    espeak_SetParameter(espeakRATE, 220, 0); // words a minute: a count is over before the next at 150 bpm
    spoken = language;
}

/// Without what is quieter than a fiftieth of its loudest at both ends.
void trim(AudioBuffer& sound) {
    float loudest = 0;
    for (float s : sound.samples) loudest = std::max(loudest, std::abs(s));
    const auto heard = [&](float s) { return std::abs(s) > loudest / 50; };
    const auto first = std::find_if(sound.samples.begin(), sound.samples.end(), heard);
    const auto last = std::find_if(sound.samples.rbegin(), sound.samples.rend(), heard).base();
    if (first >= last) return sound.samples.clear();
    sound.samples = std::vector<float>(first, last);
}

} // namespace

Voice::Voice(std::string language) : m_language(std::move(language)) {}
Voice::~Voice() = default;

Result<std::shared_ptr<const AudioBuffer>> Voice::say(const std::string& text) {
    if (const auto kept = m_kept.find(text); kept != m_kept.end()) return kept->second;
    const std::lock_guard lock(espeakLock());
    const int rate = espeakRate();
    if (rate <= 0)
        return fail(ErrorCode::NotFound,
                    Core::sentence(
                        "The voice is not here: the package espeak-ng-data is missing. Counts are clicked instead."));
    speakLanguage(m_language);
    AudioBuffer sound{rate, 1, {}};
    const std::string word = spokenWord(text, m_language);
    if (espeak_Synth(word.c_str(), word.size() + 1, 0, POS_CHARACTER, 0, espeakCHARS_UTF8, nullptr, &sound) != EE_OK ||
        espeak_Synchronize() != EE_OK)
        return fail(ErrorCode::NotFound,
                    Core::sentence("The voice could not say “%1”. Counts are clicked instead.", text));
    trim(sound);
    auto kept = std::make_shared<const AudioBuffer>(resampled(std::move(sound), usualRate));
    m_kept.emplace(text, kept);
    return kept;
}

std::string spokenWord(const std::string& said, const std::string& language) {
    static const std::map<std::string, std::array<const char*, 5>> words{
        // &, a, e, slow, quick: as dancers say them, no source
        {"en", {"and", "uh", "ee", "slow", "quick"}},
        {"de", {"und", "a", "e", "langsam", "schnell"}},
        {"fr", {"et", "a", "é", "lent", "vite"}},
        {"es", {"y", "a", "e", "lento", "rápido"}}};
    const auto known = words.find(language);
    const auto& in = known == words.end() ? words.at("en") : known->second;
    if (said == "&" || said == "·") return in[0];
    if (said == "a") return in[1];
    if (said == "e") return in[2];
    if (said == "S") return in[3];
    if (said == "Q") return in[4];
    return said;
}

} // namespace lc
