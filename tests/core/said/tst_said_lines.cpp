// Lines as people say and write them, against a table worked by hand before there was a reader.
#include "support/core_support.h"

#include "core/notation/notation_print.h"
#include "core/said/steps_reader.h"

#include <QFile>

using namespace lc;

namespace {

/// What a table says of a line, or what a reading is.
struct Meaning {
    std::vector<double> onsets;
    double length = 0;
    int changes = 0;
    std::string feet;
    int degrees = 0;
    bool operator==(const Meaning&) const = default;
};

Meaning meaningOf(const NotationReading& reading) {
    Meaning out;
    const auto feet = followFeet(reading.actions, footNeeded(reading.actions).value_or(Foot::Right));
    for (std::size_t i = 0; i < feet.size(); ++i) {
        const Action& a = reading.actions[i];
        out.degrees += a.turn.value * 45;
        if (!a.usesFoot()) continue;
        out.onsets.push_back(static_cast<double>(a.at.value) / ticksPerCount + 1);
        out.feet += feet[i].foot == Foot::Left ? 'L' : 'R';
    }
    out.length = static_cast<double>(reading.length.value) / ticksPerCount;
    out.changes = weightChanges(reading.actions);
    return out;
}

QByteArray shown(const Meaning& m) {
    QByteArray out;
    for (double o : m.onsets) out += QByteArray::number(o) + ' ';
    return out + "| " + QByteArray::number(m.length) + " | " + QByteArray::number(m.changes) + " | " + QByteArray::fromStdString(m.feet) + " | " + QByteArray::number(m.degrees);
}

bool asks(const NotationReading& reading) {
    return reading.error || !reading.questions.empty() ||
           std::any_of(reading.notes.begin(), reading.notes.end(), [](const NotationRemark& n) { return n.kind == RemarkKind::FootNotFree; });
}

struct Row {
    QByteArray line;
    Meaning meant;
    QByteArray want; ///< "read", "asks", "either"
};

std::vector<Row> table(const char* name) {
    QFile file(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/tests/data/") + QString::fromLatin1(name));
    if (!file.open(QIODevice::ReadOnly)) return {};
    std::vector<Row> out;
    while (!file.atEnd()) {
        const QByteArray line = file.readLine().chopped(1);
        if (line.startsWith('#')) continue;
        const auto cells = line.split('\t');
        if (cells.size() != 7) return {};
        Row row{cells[0], {{}, cells[2].toDouble(), cells[3].toInt(), cells[4].toStdString(), cells[5].toInt()}, cells[6]};
        for (const QByteArray& onset : cells[1].split(' ')) row.meant.onsets.push_back(onset.toDouble());
        out.push_back(std::move(row));
    }
    return out;
}

} // namespace

class SaidLinesTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// At least 95 of 100 lines are read right, the others asked about, and none read otherwise in silence.
    void theTableIsReadAsItIsMeant() {
        const auto rows = table("said-lines.tsv");
        QVERIFY(rows.size() >= 140);
        int right = 0, wanted = 0;
        QByteArrayList silent, missed;
        for (const Row& row : rows) {
            const StepsReading read = readSteps(row.line.toStdString());
            const bool same = !read.reading.error && meaningOf(read.reading) == row.meant, asked = asks(read.reading);
            const QByteArray told = row.line + "\n      read " + (read.reading.error ? QByteArray::fromStdString(read.reading.error->text) : shown(meaningOf(read.reading))) + "\n      meant " + shown(row.meant) +
                                    "\n      as " + QByteArray::fromStdString(read.line) + (read.reading.questions.empty() ? "" : "\n      ? " + QByteArray::fromStdString(read.reading.questions.front().text));
            if (!same && !asked) silent += told;
            if (row.want == "asks") continue;
            ++wanted;
            if (same && (row.want == "either" || !asked)) ++right;
            else missed += told;
        }
        QVERIFY2(silent.isEmpty(), ("read otherwise in silence:\n" + silent.join("\n")).constData());
        QVERIFY2(right >= wanted * 95 / 100, (QByteArray::number(right) + " of " + QByteArray::number(wanted) + " read right; not:\n" + missed.join("\n")).constData());
    }
};

QTEST_APPLESS_MAIN(SaidLinesTest)
#include "tst_said_lines.moc"
