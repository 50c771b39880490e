#pragma once

namespace lc {

/// The faces that ship with the program, by their family: for words, and for numbers that are counted or danced.
inline constexpr char wordsFamily[] = "Count Words";
inline constexpr char figuresFamily[] = "Count Figures";

/// Loads them from the program's resources. False when one is missing there.
bool loadFaces();

} // namespace lc
