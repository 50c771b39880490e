#pragma once

#include "core/base/sentence.h"

#include <string>
#include <tl/expected.hpp>
#include <utility>

namespace lc {

/// What kind of thing went wrong.
enum class ErrorCode {
    NotFound,      ///< a file or a named thing is not there
    Unreadable,    ///< it is there but cannot be read as what it should be
    Unwritable,    ///< it cannot be written (read-only folder, full disk)
    NewerVersion,  ///< written by a newer Lift Count
    ChangedOnDisk, ///< another window or program changed the file since it was opened
    BadNotation,   ///< count notation, order or structure text that cannot be understood
    BadValue,      ///< a value outside its range
    OutsideSong,   ///< a place before or after the song
    NoPulse,       ///< sound in which no steady beat was found
    Cancelled,     ///< the person stopped it
};

/// A mistake that a person or a file can cause: what, where and what to do, in one plain sentence or two.
struct Error {
    ErrorCode code = ErrorCode::BadValue;
    Text message;        ///< whole sentences
    std::string context; ///< where, for programs: file name, field path or "character 12"; may be empty

    bool operator==(const Error&) const = default;
};

template <typename T>
using Result = tl::expected<T, Error>;

/// Shorthand for returning an error from a function of type Result<T>.
[[nodiscard]] inline tl::unexpected<Error> fail(ErrorCode code, Text message, std::string context = {}) {
    return tl::unexpected<Error>(Error{code, std::move(message), std::move(context)});
}

} // namespace lc
