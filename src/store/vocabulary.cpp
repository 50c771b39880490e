#include "store/vocabulary.h"

#include "core/base/files.h"
#include "core/base/plain_text.h"
#include "core/exchange/figure_file.h"
#include "core/said/word_meaning.h"
#include "store/identity.h"

#include <sqlite3.h>

#include <filesystem>

namespace lc {

namespace {

constexpr int vocabularyVersion = 2; // 1 had no words
constexpr const char* wordsTable =
    "CREATE TABLE words (name TEXT NOT NULL, school TEXT NOT NULL, line TEXT NOT NULL, PRIMARY KEY (name, school)) WITHOUT ROWID;";
constexpr int applicationId = 0x4C434631; // "LCF1": tells our files from other SQLite files

std::string fileName(const std::string& path) { return shown(std::filesystem::path(path).filename().string()); }

Error errorOf(int code, const std::string& path) {
    const std::string file = fileName(path);
    switch (code & 0xFF) {
    case SQLITE_NOTADB:
    case SQLITE_CORRUPT:
        return {
            ErrorCode::Unreadable,
            Core::sentence(
                "The vocabulary %1 is damaged and cannot be read. It was left as it is: put a copy from before in its place, or move it away to begin a new one.",
                file),
            path};
    case SQLITE_READONLY:
    case SQLITE_PERM:
    case SQLITE_AUTH:
        return {
            ErrorCode::Unwritable,
            Core::sentence(
                "The vocabulary %1 may only be read here. Nothing was changed; figures can still be taken into a routine.",
                file),
            path};
    case SQLITE_CANTOPEN:
        return {ErrorCode::Unwritable,
                Core::sentence(
                    "The vocabulary %1 cannot be opened. Look whether its folder is there and may be written.", file),
                path};
    case SQLITE_FULL:
        return {
            ErrorCode::Unwritable,
            Core::sentence(
                "The vocabulary %1 could not be written: the disk is full. Nothing was changed; make room and try again.",
                file),
            path};
    case SQLITE_IOERR:
        return {ErrorCode::Unwritable,
                Core::sentence("The vocabulary %1 could not be written: the disk is full or gone. Nothing was changed.",
                               file),
                path};
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
        return {ErrorCode::ChangedOnDisk,
                Core::sentence(
                    "The vocabulary %1 is being written by another window. Nothing was changed; try again in a moment.",
                    file),
                path};
    default:
        return {ErrorCode::Unwritable,
                Core::sentence("The vocabulary %1 could not be used (%2). Nothing was changed.", file,
                               std::string(sqlite3_errstr(code))),
                path};
    }
}

/// A statement with its values bound; finalised at the end of its life.
class Statement {
public:
    Statement(sqlite3* db, const char* sql) { m_code = sqlite3_prepare_v2(db, sql, -1, &m_statement, nullptr); }
    ~Statement() { sqlite3_finalize(m_statement); }
    Statement(const Statement&) = delete;
    Statement& operator=(const Statement&) = delete;

    Statement& bind(int at, const std::string& text) {
        if (m_code == SQLITE_OK)
            m_code = sqlite3_bind_text(m_statement, at, text.data(), static_cast<int>(text.size()), SQLITE_TRANSIENT);
        return *this;
    }
    Statement& bind(int at, std::int64_t value) {
        if (m_code == SQLITE_OK) m_code = sqlite3_bind_int64(m_statement, at, value);
        return *this;
    }
    /// SQLITE_ROW, SQLITE_DONE or an error.
    int step() { return m_code != SQLITE_OK ? m_code : sqlite3_step(m_statement); }
    [[nodiscard]] std::string text(int column) const {
        const unsigned char* bytes = sqlite3_column_text(m_statement, column);
        if (!bytes) return {};
        std::string out;
        for (int i = 0; i < sqlite3_column_bytes(m_statement, column); ++i) out += static_cast<char>(bytes[i]);
        return out;
    }
    [[nodiscard]] std::int64_t number(int column) const { return sqlite3_column_int64(m_statement, column); }

private:
    sqlite3_stmt* m_statement = nullptr;
    int m_code = SQLITE_OK;
};

/// Writes between BEGIN and COMMIT; rolled back unless commit() was reached.
class Transaction {
public:
    explicit Transaction(sqlite3* db)
        : m_db(db), m_code(sqlite3_exec(db, "BEGIN IMMEDIATE", nullptr, nullptr, nullptr)) {}
    ~Transaction() {
        if (m_code == SQLITE_OK && !m_done) sqlite3_exec(m_db, "ROLLBACK", nullptr, nullptr, nullptr);
    }
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    [[nodiscard]] int code() const { return m_code; }
    int commit() {
        const int code = sqlite3_exec(m_db, "COMMIT", nullptr, nullptr, nullptr);
        m_done = code == SQLITE_OK;
        return code;
    }

private:
    sqlite3* m_db;
    int m_code;
    bool m_done = false;
};

Result<int> pragma(sqlite3* db, const char* name, const std::string& path) {
    Statement statement(db, (std::string("PRAGMA ") + name).c_str());
    const int code = statement.step();
    if (code != SQLITE_ROW) return tl::unexpected(errorOf(code, path));
    return static_cast<int>(statement.number(0));
}

Result<VocabularyFigure> figureFrom(const Statement& row, const std::string& path) {
    auto card = cardFromJson(row.text(2));
    if (!card)
        return tl::unexpected(Error{ErrorCode::Unreadable,
                                    Core::sentence("The vocabulary %1 holds a figure “%2” that cannot be read: %3",
                                                   fileName(path), shown(row.text(3)), card.error().message),
                                    path});
    return VocabularyFigure{row.text(0), row.number(1), std::move(*card)};
}

tl::unexpected<Error> noName() {
    return fail(ErrorCode::BadValue, Core::sentence("A figure needs a name before it goes into the vocabulary."));
}

} // namespace

Vocabulary::Vocabulary(sqlite3* db, std::string path, bool isNew) : m_db(db), m_path(std::move(path)), m_new(isNew) {}

Vocabulary::~Vocabulary() { sqlite3_close(m_db); }

Result<std::unique_ptr<Vocabulary>> Vocabulary::open(const std::string& path, const std::vector<FigureCard>& starters) {
    std::error_code none;
    if (std::filesystem::exists(path, none) &&
        !std::filesystem::is_regular_file(path, none)) // SQLite would wait at a pipe for good
        if (auto regular = checkRegularFile(path); !regular) return tl::unexpected(regular.error());
    const bool there = std::filesystem::exists(path, none) && std::filesystem::file_size(path, none) > 0;
    if (!there) std::filesystem::create_directories(std::filesystem::path(path).parent_path(), none);
    sqlite3* db = nullptr;
    const int code = sqlite3_open_v2(path.c_str(), &db, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE, nullptr);
    std::unique_ptr<Vocabulary> vocabulary(new Vocabulary(db, path, !there));
    if (code != SQLITE_OK) return tl::unexpected(errorOf(code, path));
    sqlite3_busy_timeout(db, 1500);
    if (auto ready = vocabulary->prepareFile(starters); !ready) return tl::unexpected(ready.error());
    return vocabulary;
}

Result<void> Vocabulary::prepareFile(const std::vector<FigureCard>& starters) {
    const auto somethingElse = [this] {
        return fail(
            ErrorCode::Unreadable,
            Core::sentence(
                "The file %1 is a database of something else, no vocabulary of Lift Count. It was left as it is.",
                fileName(m_path)),
            m_path);
    };
    const auto id = pragma(m_db, "application_id", m_path);
    if (!id) return tl::unexpected(id.error());
    const auto version = pragma(m_db, "user_version", m_path);
    if (!version) return tl::unexpected(version.error());
    if (*id == 0 && *version == 0) {
        const auto pages = pragma(m_db, "page_count", m_path);
        if (!pages) return tl::unexpected(pages.error());
        if (*pages > 0) return somethingElse();
        Transaction transaction(m_db);
        if (transaction.code() != SQLITE_OK) return tl::unexpected(errorOf(transaction.code(), m_path));
        const std::string sql =
            std::string(
                "CREATE TABLE figures (id TEXT PRIMARY KEY, revision INTEGER NOT NULL, name TEXT NOT NULL, card TEXT NOT NULL) WITHOUT ROWID;") +
            wordsTable + "PRAGMA application_id = " + std::to_string(applicationId) +
            "; PRAGMA user_version = " + std::to_string(vocabularyVersion) + ";";
        if (const int code = sqlite3_exec(m_db, sql.c_str(), nullptr, nullptr, nullptr); code != SQLITE_OK)
            return tl::unexpected(errorOf(code, m_path));
        for (const FigureCard& card : starters)
            if (const auto added = insert(card); !added) return tl::unexpected(added.error());
        if (const int code = transaction.commit(); code != SQLITE_OK) return tl::unexpected(errorOf(code, m_path));
        return {};
    }
    if (*id != applicationId) return somethingElse();
    if (*version > vocabularyVersion)
        return fail(
            ErrorCode::NewerVersion,
            Core::sentence(
                "The vocabulary %1 was written by a newer Lift Count (format %2; this one reads up to %3). It was left as it is. Update Lift Count to use it.",
                fileName(m_path), *version, vocabularyVersion),
            m_path);
    Statement check(m_db, "SELECT count(*) FROM figures");
    if (const int code = check.step(); code != SQLITE_ROW)
        return tl::unexpected(errorOf(code == SQLITE_ERROR ? SQLITE_CORRUPT : code, m_path));
    return *version < vocabularyVersion && !isReadOnly() ? raiseVersion() : Result<void>{};
}

Result<void> Vocabulary::raiseVersion() {
    Transaction transaction(m_db);
    if (transaction.code() != SQLITE_OK) return tl::unexpected(errorOf(transaction.code(), m_path));
    const auto version = pragma(m_db, "user_version", m_path); // another window may have been first
    if (!version) return tl::unexpected(version.error());
    if (*version >= vocabularyVersion) return {};
    const std::string sql = wordsTable + ("PRAGMA user_version = " + std::to_string(vocabularyVersion) + ";");
    if (const int code = sqlite3_exec(m_db, sql.c_str(), nullptr, nullptr, nullptr); code != SQLITE_OK)
        return tl::unexpected(errorOf(code, m_path));
    if (const int code = transaction.commit(); code != SQLITE_OK) return tl::unexpected(errorOf(code, m_path));
    return {};
}

bool Vocabulary::isReadOnly() const { return sqlite3_db_readonly(m_db, "main") == 1; }

std::int64_t Vocabulary::othersChanges() const {
    Statement statement(m_db, "PRAGMA data_version");
    return statement.step() == SQLITE_ROW ? statement.number(0) : 0;
}

Result<std::vector<VocabularyFigure>> Vocabulary::all(std::vector<Text>* unreadable) const {
    Statement statement(m_db, "SELECT id, revision, card, name FROM figures ORDER BY name COLLATE NOCASE, id");
    std::vector<VocabularyFigure> figures;
    int code = 0;
    while ((code = statement.step()) == SQLITE_ROW) {
        auto figure = figureFrom(statement, m_path);
        if (figure)
            figures.push_back(std::move(*figure));
        else if (unreadable)
            unreadable->push_back(figure.error().message);
    }
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    return figures;
}

Result<VocabularyFigure> Vocabulary::find(const std::string& id) const {
    Statement statement(m_db, "SELECT id, revision, card, name FROM figures WHERE id = ?1");
    const int code = statement.bind(1, id).step();
    if (code == SQLITE_DONE)
        return fail(ErrorCode::NotFound, Core::sentence("This figure is no longer in the vocabulary."), m_path);
    if (code != SQLITE_ROW) return tl::unexpected(errorOf(code, m_path));
    return figureFrom(statement, m_path);
}

Result<VocabularyFigure> Vocabulary::add(const FigureCard& card) {
    auto added = addAll({card});
    if (!added) return tl::unexpected(added.error());
    return std::move(added->front());
}

Result<VocabularyFigure> Vocabulary::insert(const FigureCard& card) {
    if (card.name.empty()) return noName();
    VocabularyFigure figure{newIdentity(), 1, card};
    Statement statement(m_db, "INSERT INTO figures (id, revision, name, card) VALUES (?1, 1, ?2, ?3)");
    const int code = statement.bind(1, figure.id).bind(2, card.name).bind(3, cardToJson(card)).step();
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    return figure;
}

Result<std::vector<VocabularyFigure>> Vocabulary::addAll(const std::vector<FigureCard>& cards) {
    std::vector<VocabularyFigure> figures;
    Transaction transaction(m_db);
    if (transaction.code() != SQLITE_OK) return tl::unexpected(errorOf(transaction.code(), m_path));
    for (const FigureCard& card : cards) {
        auto figure = insert(card);
        if (!figure) return tl::unexpected(figure.error());
        figures.push_back(std::move(*figure));
    }
    if (const int code = transaction.commit(); code != SQLITE_OK) return tl::unexpected(errorOf(code, m_path));
    return figures;
}

Result<VocabularyFigure> Vocabulary::change(const VocabularyFigure& known, const FigureCard& to) {
    if (to.name.empty()) return noName();
    Statement statement(
        m_db, "UPDATE figures SET revision = revision + 1, name = ?3, card = ?4 WHERE id = ?1 AND revision = ?2");
    const int code =
        statement.bind(1, known.id).bind(2, known.revision).bind(3, to.name).bind(4, cardToJson(to)).step();
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    if (sqlite3_changes(m_db) == 0) {
        const auto now = find(known.id);
        if (!now) return tl::unexpected(now.error());
        return fail(
            ErrorCode::ChangedOnDisk,
            Core::sentence(
                "“%1” was changed by another window in the meantime. Nothing was changed here; look at it as it is now and change it again.",
                known.card.name),
            m_path);
    }
    return VocabularyFigure{known.id, known.revision + 1, to};
}

Result<void> Vocabulary::remove(const std::string& id) {
    Statement statement(m_db, "DELETE FROM figures WHERE id = ?1");
    const int code = statement.bind(1, id).step();
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    if (sqlite3_changes(m_db) == 0)
        return fail(ErrorCode::NotFound, Core::sentence("This figure is no longer in the vocabulary."), m_path);
    return {};
}

Result<VocabularyFigure> Vocabulary::restore(const VocabularyFigure& figure) {
    Statement statement(m_db, "INSERT INTO figures (id, revision, name, card) VALUES (?1, ?2, ?3, ?4)");
    const int code = statement.bind(1, figure.id)
                         .bind(2, figure.revision + 1)
                         .bind(3, figure.card.name)
                         .bind(4, cardToJson(figure.card))
                         .step();
    if ((code & 0xFF) == SQLITE_CONSTRAINT)
        return fail(ErrorCode::ChangedOnDisk, Core::sentence("“%1” is in the vocabulary already.", figure.card.name),
                    m_path);
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    return VocabularyFigure{figure.id, figure.revision + 1, figure.card};
}

Result<VocabularyFigure> Vocabulary::merge(const std::string& kept, const std::string& other) {
    if (kept == other)
        return fail(ErrorCode::BadValue, Core::sentence("A figure cannot be merged with itself. Choose two."));
    Transaction transaction(m_db);
    if (transaction.code() != SQLITE_OK) return tl::unexpected(errorOf(transaction.code(), m_path));
    const auto first = find(kept);
    if (!first) return first;
    const auto second = find(other);
    if (!second) return second;
    auto merged = change(*first, mergeCards(first->card, second->card));
    if (!merged) return merged;
    if (auto removed = remove(other); !removed) return tl::unexpected(removed.error());
    if (const int code = transaction.commit(); code != SQLITE_OK) return tl::unexpected(errorOf(code, m_path));
    return merged;
}

Result<OwnWords> Vocabulary::words() const {
    const auto version = pragma(m_db, "user_version", m_path);
    if (!version) return tl::unexpected(version.error());
    OwnWords words;
    if (*version < 2) return words; // of a file that may only be read
    Statement statement(m_db, "SELECT name, school, line FROM words");
    int code = 0;
    while ((code = statement.step()) == SQLITE_ROW)
        if (auto word = checkedWord({statement.text(0), statement.text(1), statement.text(2)}))
            words.keep(std::move(*word));
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    return words;
}

Result<void> Vocabulary::keepWord(const OwnWord& word) {
    const auto checked = checkedWord(word);
    if (!checked) return tl::unexpected(checked.error());
    Statement statement(
        m_db,
        "INSERT INTO words (name, school, line) VALUES (?1, ?2, ?3) ON CONFLICT (name, school) DO UPDATE SET line = ?3");
    const int code = statement.bind(1, checked->name).bind(2, checked->school).bind(3, checked->line).step();
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    return {};
}

Result<void> Vocabulary::forgetWord(const std::string& name, const std::string& school) {
    Statement statement(m_db, "DELETE FROM words WHERE name = ?1 AND school = ?2");
    const int code = statement.bind(1, name).bind(2, school).step();
    if (code != SQLITE_DONE) return tl::unexpected(errorOf(code, m_path));
    if (sqlite3_changes(m_db) == 0)
        return fail(ErrorCode::NotFound, Core::sentence("This word is no longer in the vocabulary."), m_path);
    return {};
}

} // namespace lc
