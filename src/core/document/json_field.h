#pragma once

// Reading JSON with the place of each mistake. Private to the readers of files: it needs nlohmann-json.

#include "core/base/ids.h"
#include "core/base/json_text.h"
#include "core/base/tick.h"

#include <cmath>
#include <cstdint>
#include <initializer_list>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace lc {

struct BadField {
    std::string path; ///< empty: the whole file
    Text why;         ///< what follows the path in a sentence
};

/// A JSON value with the path that leads to it, so that each mistake is named by its place.
class Field {
public:
    Field(const Json& json, std::string path) : m_json(json), m_path(std::move(path)) {}

    [[noreturn]] void bad(Text why) const { throw BadField{m_path, std::move(why)}; }

    /// Refuses keys outside `known`: a misspelt key would otherwise be lost at the next save.
    void onlyKeys(std::initializer_list<const char*> known) const {
        onlyKeys(std::vector<std::string_view>(known.begin(), known.end()));
    }
    void onlyKeys(const std::vector<std::string_view>& known) const {
        if (!m_json.is_object()) bad(Core::sentence("should be an object"));
        for (const auto& [key, value] : m_json.items()) {
            bool found = false;
            for (const std::string_view k : known) found = found || key == k;
            if (!found) bad(Core::sentence("has an unknown field “%1”", key));
        }
    }
    [[nodiscard]] Field operator[](const char* key) const {
        if (!m_json.is_object()) bad(Core::sentence("should be an object"));
        const auto found = m_json.find(key);
        if (found == m_json.end()) bad(Core::sentence("has no field “%1”", std::string(key)));
        return {*found, m_path.empty() ? key : m_path + "." + key};
    }
    [[nodiscard]] std::optional<Field> maybe(const char* key) const {
        if (!m_json.is_object() || m_json.find(key) == m_json.end()) return std::nullopt;
        return (*this)[key];
    }
    [[nodiscard]] std::vector<Field> items() const {
        if (!m_json.is_array()) bad(Core::sentence("should be a list"));
        std::vector<Field> all;
        for (std::size_t i = 0; i < m_json.size(); ++i)
            all.emplace_back(m_json[i], m_path + "[" + std::to_string(i) + "]");
        return all;
    }
    [[nodiscard]] std::string text() const {
        if (!m_json.is_string()) bad(Core::sentence("should be a text"));
        return m_json.get<std::string>();
    }
    [[nodiscard]] double number() const {
        if (!m_json.is_number()) bad(Core::sentence("should be a number"));
        const double value = m_json.get<double>();
        if (!std::isfinite(value)) bad(Core::sentence("should be a finite number"));
        return value;
    }
    [[nodiscard]] double seconds() const {
        const double value = number();
        if (std::abs(value) > 1e6) bad(Core::sentence("should lie within a million seconds"));
        return value;
    }
    template <typename Int>
    [[nodiscard]] Int whole(std::int64_t least, std::int64_t most) const {
        if (!m_json.is_number_integer()) bad(Core::sentence("should be a whole number"));
        if (m_json.is_number_unsigned() && m_json.get<std::uint64_t>() > static_cast<std::uint64_t>(INT64_MAX))
            bad(Core::sentence("is too large"));
        const auto value = m_json.get<std::int64_t>();
        if (value < least || value > most) bad(Core::sentence("should lie between %1 and %2", least, most));
        return static_cast<Int>(value);
    }
    [[nodiscard]] bool yes() const {
        if (!m_json.is_boolean()) bad(Core::sentence("should be true or false"));
        return m_json.get<bool>();
    }
    [[nodiscard]] Tick count() const { return valueOf(parseCount(text())); }
    template <typename T>
    [[nodiscard]] T valueOf(Result<T> result) const {
        if (!result) bad(result.error().message);
        return *result;
    }
    [[nodiscard]] std::vector<std::string> texts() const {
        std::vector<std::string> all;
        for (const Field& item : items()) all.push_back(item.text());
        return all;
    }
    template <typename IdType>
    [[nodiscard]] IdType id() const {
        return IdType{whole<std::uint32_t>(1, UINT32_MAX)};
    }

private:
    const Json& m_json;
    std::string m_path;
};

/// Reads `text` as JSON and hands it to `read`, which may throw BadField; what is thrown on the way becomes an error
/// made by `damaged(where, why)`.
template <typename T, typename Read, typename Damaged>
[[nodiscard]] Result<T> readJson(std::string_view text, Read read, Damaged damaged) {
    if (const JsonExcess excess = beyondBounds(text); !excess.why.empty())
        return damaged(Core::sentence("the text"), Core::sentence("%1 (byte %2)", excess.why, excess.byte));
    try {
        const Json json = Json::parse(text);
        return read(json);
    } catch (const Json::parse_error& e) {
        return damaged(Core::sentence("at byte %1", e.byte), Core::sentence("the text breaks off or is not JSON"));
    } catch (const Json::exception&) {
        return damaged(Core::sentence("one of its fields"), Core::sentence("has a value of the wrong kind"));
    } catch (const BadField& bad) {
        return damaged(bad.path.empty() ? Core::sentence("the file") : Sentence::verbatim(bad.path), bad.why);
    }
}

} // namespace lc
