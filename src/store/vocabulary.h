#pragma once

#include "core/base/result.h"
#include "core/figures/figure_card.h"

#include <cstdint>
#include <memory>
#include <string>
#include <vector>

struct sqlite3;

namespace lc {

/// A figure in the vocabulary.
struct VocabularyFigure {
    std::string id;            ///< 32 hexadecimal digits, for ever
    std::int64_t revision = 0; ///< grows with each change
    FigureCard card;
    bool operator==(const VocabularyFigure&) const = default;
};

/// A person's figures and words in an SQLite file. Every change is one transaction: it is in the file whole, or not at
/// all. Several windows may have it open; a change to a figure that another window changed in between is refused. Not
/// for several threads at once.
///
/// Errors of all functions: Unreadable (damaged), NewerVersion, Unwritable (read-only, disk full), ChangedOnDisk
/// (another window is writing, or was first), NotFound, BadValue.
class Vocabulary {
public:
    /// Opens the file, or makes it, with its folder, where there is none. A file that cannot be written opens for
    /// reading alone. A file that is made gets `starters` in the same transaction: it is there with them, or not at
    /// all.
    [[nodiscard]] static Result<std::unique_ptr<Vocabulary>> open(const std::string& path,
                                                                  const std::vector<FigureCard>& starters = {});
    ~Vocabulary();
    Vocabulary(const Vocabulary&) = delete;
    Vocabulary& operator=(const Vocabulary&) = delete;

    [[nodiscard]] bool isReadOnly() const;
    /// Whether open() made the file.
    [[nodiscard]] bool isNew() const { return m_new; }
    /// Changes when another window has written; compare with an earlier value.
    [[nodiscard]] std::int64_t othersChanges() const;

    /// All figures by name. Those that cannot be read are left out and stay in the file; a sentence that names each is
    /// put into `unreadable`.
    [[nodiscard]] Result<std::vector<VocabularyFigure>> all(std::vector<Text>* unreadable = nullptr) const;
    [[nodiscard]] Result<VocabularyFigure> find(const std::string& id) const;

    [[nodiscard]] Result<VocabularyFigure> add(const FigureCard& card);
    /// Adds all or none.
    [[nodiscard]] Result<std::vector<VocabularyFigure>> addAll(const std::vector<FigureCard>& cards);
    /// `known` as it was read last.
    [[nodiscard]] Result<VocabularyFigure> change(const VocabularyFigure& known, const FigureCard& to);
    [[nodiscard]] Result<void> remove(const std::string& id);
    /// Puts a figure that was removed back with its id.
    [[nodiscard]] Result<VocabularyFigure> restore(const VocabularyFigure& figure);
    /// `kept` takes what only `other` knows, and `other` goes; see mergeCards().
    [[nodiscard]] Result<VocabularyFigure> merge(const std::string& kept, const std::string& other);

    /// The words that were given a meaning. Those that cannot be read are left out and stay in the file.
    [[nodiscard]] Result<OwnWords> words() const;
    /// One of the same name and school gives way.
    [[nodiscard]] Result<void> keepWord(const OwnWord& word);
    [[nodiscard]] Result<void> forgetWord(const std::string& name, const std::string& school);

private:
    Vocabulary(sqlite3* db, std::string path, bool isNew);
    [[nodiscard]] Result<void> prepareFile(const std::vector<FigureCard>& starters);
    [[nodiscard]] Result<void> raiseVersion();
    [[nodiscard]] Result<VocabularyFigure> insert(const FigureCard& card);

    sqlite3* m_db;
    std::string m_path;
    bool m_new;
};

} // namespace lc
