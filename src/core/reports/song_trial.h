#pragma once

#include "core/edits/edits.h"
#include "core/landing/findings.h"
#include "core/song/song_edit.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// A pass on the song that is there and on another one.
struct PassOnTwoSongs {
    int number = 1;
    std::string part;
    Sentence now; ///< "count 1 of Chorus 1, lands"
    Sentence then;
    bool landsNow = false;
    bool landsThen = false;
};

/// The routine tried on another song, another edit of it, or another tempo.
struct SongTrial {
    std::vector<Edit> edits; ///< that take the other song
    std::vector<PassOnTwoSongs> passes;
    Landing then;
    int landNow = 0;
    int landThen = 0;
    int findingsNow = 0; ///< notes left out
    int findingsThen = 0;
    Tick leftNow; ///< counts of music after the dance; negative = the dance is longer
    Tick leftThen;
    bool startLost =
        false; ///< the place where the dance starts has no like on that song: it starts on the first phrase
};

/// Lands the routine on the song that `edits` take. The routine keeps its exceptions; those bound to the music look for
/// their section, and the dance starts on the section of the same name or kind, where it did not start on the song's
/// first phrase. Error: as applyEdits().
[[nodiscard]] Result<SongTrial> tryOnSong(const Document& document, const Landing& now, std::vector<Edit> edits);

/// Edits that take the song of another routine, with all that was said of it.
[[nodiscard]] std::vector<Edit> songOf(const Document& other);
/// Edits that take another edit of the routine's song: its map, with the moments that are still heard and the dance
/// starting where it did, or on the first bar behind that is kept. `file` is the recording that was made of it; nothing
/// = the song keeps the reference it has.
[[nodiscard]] std::vector<Edit> songEdited(const Document& document, const EditedSong& song,
                                           std::optional<SongReference> file = std::nullopt);
/// Edits that take a song typed as structure. Error: as mapFromStructure().
[[nodiscard]] Result<std::vector<Edit>> songTyped(const TypedStructure& typed);
/// The map played at `percent` of its tempo, 25 to 400: every time moves, no count does.
[[nodiscard]] SongMap atTempo(SongMap map, double percent);

/// "There 6 of 7 passes land, here 4 of 7 passes land; 2 findings there, 3 here. 8 counts of music would be left."
[[nodiscard]] Text trialInWords(const SongTrial& trial);

} // namespace lc
