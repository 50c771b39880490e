#pragma once

#include <QString>

#include <string>

namespace lc::app {

/// Names of files between Qt and the core. A name is bytes; Qt has it as UTF-16. Bytes that are not UTF-8 live in a
/// QString as the single surrogates U+DC80 to U+DCFF (the way of Unicode Technical Report 36, section 3.7.3), so that
/// every file can be named, opened and saved.
[[nodiscard]] std::string fileName(const QString& path);
[[nodiscard]] QString pathOf(const std::string& fileName);
/// A name to be read by a person: the bytes that are not UTF-8 as U+FFFD.
[[nodiscard]] QString readable(const QString& path);

/// The folder of data that ships with the program ("demo", "manual"): in the folder that LIFTCOUNT_DATA names, or in
/// share/lift-count beside the program or up to two folders above it. Empty where there is none.
[[nodiscard]] QString shippedFolder(const QString& name);

} // namespace lc::app
