#include "store/identity.h"

#include <array>
#include <random>

namespace lc {

std::string newIdentity() {
    std::random_device random;
    std::string id;
    for (int i = 0; i < 8; ++i) {
        static constexpr std::array<char, 16> digits{'0', '1', '2', '3', '4', '5', '6', '7',
                                                     '8', '9', 'a', 'b', 'c', 'd', 'e', 'f'};
        for (unsigned value = random(), d = 0; d < 4; ++d, value >>= 4) id += digits[value & 15U];
    }
    return id;
}

} // namespace lc
