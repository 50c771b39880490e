#pragma once

#include "audio/sound/audio_buffer.h"
#include "core/base/result.h"

#include <map>
#include <memory>
#include <string>

namespace lc {

/// A voice that speaks counts and cues (espeak-ng, with its own data; no network). The library has one state for the
/// whole process, so all voices share a lock; each word is made once and kept. Slow for the first word (the data is
/// read), then under a millisecond for kept words.
class Voice {
public:
    /// `language` as ISO 639-1 has it: "en", "de", "fr", "es"; another that espeak-ng knows says numbers in it and the
    /// rest in English; one that it does not know is English.
    explicit Voice(std::string language = "en");
    ~Voice();
    Voice(const Voice&) = delete;
    Voice& operator=(const Voice&) = delete;

    /// One word or cue, mono at 44.1 kHz, without silence before it, so that it begins on its count. Error: NotFound
    /// where espeak-ng has no data here.
    [[nodiscard]] Result<std::shared_ptr<const AudioBuffer>> say(const std::string& text);

private:
    std::string m_language;
    std::map<std::string, std::shared_ptr<const AudioBuffer>> m_kept;
};

/// How a count is pronounced: "1" stays, "&" is "and", "a" and "e" are their sounds, "S" and "Q" are slow and quick; in
/// English, German, French or Spanish, otherwise English.
[[nodiscard]] std::string spokenWord(const std::string& said, const std::string& language = "en");

} // namespace lc
