#include "piece.h"

#include "audio/audio_file.h"
#include "audio/features_file.h"
#include "audio/resample.h"

#include <nlohmann/json.hpp>

#include <fstream>

namespace lc::bench {

std::optional<SongFeatures> featuresOf(std::filesystem::path piece) {
    std::filesystem::path kept = piece;
    if (auto features = loadFeatures(kept.replace_extension(".feat").string())) return std::move(*features);
    std::ifstream file(piece);
    std::filesystem::path sound = nlohmann::json::parse(file).value("sound", std::string{});
    if (sound.empty()) sound = piece.replace_extension(".ogg");
    if (!std::filesystem::exists(sound)) sound.replace_extension(".mp3");
    const auto song = decodeSong(sound.string());
    if (!song) return std::nullopt;
    SongFeatures features = songFeatures(resampled(mono(song->sound), 44100));
    (void)saveFeatures(features, kept.string());
    return features;
}

} // namespace lc::bench
