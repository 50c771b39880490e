#include "piece.h"

#include "audio/listening/features_file.h"
#include "audio/sound/audio_file.h"
#include "audio/sound/resample.h"

#include <nlohmann/json.hpp>

#include <array>
#include <fstream>

namespace lc::bench {

namespace {

/// What a net that never learned from the piece says of it, instead of the program's own: PIECE.heard, three floats a
/// frame.
void hearAsAStranger(std::filesystem::path piece, SongFeatures& song) {
    std::ifstream file(piece.replace_extension(".heard"), std::ios::binary);
    std::array<float, 3> said{};
    HeardPlaces heard;
    heard.step = song.heard.step;
    while (file.read(reinterpret_cast<char*>(said.data()), sizeof said)) {
        heard.beat.push_back(said[0]);
        heard.one.push_back(said[1]);
        heard.phrase.push_back(said[2]);
    }
    if (heard.beat.size() == song.heard.beat.size()) song.heard = std::move(heard);
}

} // namespace

std::optional<SongFeatures> featuresOf(std::filesystem::path piece) {
    std::filesystem::path kept = piece;
    if (auto features = loadFeatures(kept.replace_extension(".feat").string())) {
        hearAsAStranger(piece, *features);
        return std::move(*features);
    }
    std::ifstream file(piece);
    std::filesystem::path sound = nlohmann::json::parse(file).value("sound", std::string{});
    if (sound.empty()) sound = piece.replace_extension(".flac");
    if (!std::filesystem::exists(sound)) sound.replace_extension(".mp3");
    const auto song = decodeSong(sound.string());
    if (!song) return std::nullopt;
    SongFeatures features = songFeatures(resampled(mono(song->sound), 44100));
    (void)saveFeatures(features, kept.string());
    hearAsAStranger(piece, features);
    return features;
}

} // namespace lc::bench
