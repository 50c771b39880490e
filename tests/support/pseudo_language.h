#pragma once

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QString>
#include <QXmlStreamReader>
#include <QXmlStreamWriter>

namespace lc::test {

/// A message in the language that is made for tests: the same in accented letters, a third longer, in brackets; places
/// of values, keys of menus and what stands between them stay.
inline QString pseudo(const QString& english) {
    static const QString plain = QStringLiteral("abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ");
    static const QString other = QStringLiteral("áßçđéƒĝĥíĵķłµñöþøřšťüýŵ×ýžÁßÇĐÉŦĜĤÍĴĶŁŅÑÖÞØŘŠŤÜÝŴ×ÝŽ");
    QString out;
    qsizetype letters = 0;
    for (qsizetype i = 0; i < english.size(); ++i) {
        if (english[i] == QLatin1Char('%') && i + 1 < english.size()) { // %1, %L1, %n
            out += english[i++];
            if (english[i] == QLatin1Char('L') && i + 1 < english.size()) out += english[i++];
            out += english[i];
            continue;
        }
        const qsizetype at = plain.indexOf(english[i]);
        letters += at >= 0;
        out += at >= 0 ? other[at] : english[i];
    }
    return QStringLiteral("[") + out + QString(letters / 3, QChar(0x00E9)) + QStringLiteral("]"); // é
}

/// Writes lift-count_<language>.qm into a folder from a .ts file, with the tool that makes those of the program.
inline bool releaseLanguage(const QString& messages, const QString& folder, const QString& language) {
    QString tool = QStringLiteral("/usr/lib/qt6/bin/lrelease");
    if (!QFile::exists(tool)) tool = QStringLiteral("lrelease");
    return QProcess::execute(tool, {QStringLiteral("-silent"), messages, QStringLiteral("-qm"),
                                    folder + QStringLiteral("/lift-count_") + language + QStringLiteral(".qm")}) == 0;
}

/// Writes lift-count_<language>.qm into a folder, from every message that translations/lift-count.ts has: a .ts file as
/// a person would make one, made a .qm by the tool that makes those of the program.
inline bool writePseudoLanguage(const QString& folder, const QString& language) {
    QFile messages(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/translations/lift-count.ts"));
    QFile made(folder + QStringLiteral("/lift-count_") + language + QStringLiteral(".ts"));
    if (!messages.open(QIODevice::ReadOnly) || !made.open(QIODevice::WriteOnly)) return false;
    QXmlStreamReader in(&messages);
    QXmlStreamWriter out(&made);
    out.writeStartDocument();
    out.writeStartElement(QStringLiteral("TS"));
    out.writeAttribute(QStringLiteral("version"), QStringLiteral("2.1"));
    out.writeAttribute(QStringLiteral("language"), language);
    QString source;
    bool plural = false;
    while (!in.atEnd()) {
        const auto token = in.readNext();
        const auto name = in.name();
        if (token == QXmlStreamReader::EndElement &&
            (name == QLatin1String("context") || name == QLatin1String("message")))
            out.writeEndElement();
        if (token != QXmlStreamReader::StartElement) continue;
        if (name == QLatin1String("context") || name == QLatin1String("message")) {
            out.writeStartElement(name.toString());
            plural = in.attributes().value(QLatin1String("numerus")) == QLatin1String("yes");
            if (plural) out.writeAttribute(QStringLiteral("numerus"), QStringLiteral("yes"));
        } else if (name == QLatin1String("name") || name == QLatin1String("source") ||
                   name == QLatin1String("comment")) {
            const QString element = name.toString(), text = in.readElementText();
            if (element == QLatin1String("source")) source = text;
            out.writeTextElement(element, text);
        } else if (name == QLatin1String("translation")) {
            out.writeStartElement(QStringLiteral("translation"));
            if (plural) { // those of the core have both forms in the message
                out.writeTextElement(QStringLiteral("numerusform"), pseudo(source.section(QLatin1Char('|'), 0, 0)));
                out.writeTextElement(QStringLiteral("numerusform"), pseudo(source.section(QLatin1Char('|'), -1)));
            } else
                out.writeCharacters(pseudo(source));
            out.writeEndElement();
        }
    }
    out.writeEndElement();
    out.writeEndDocument();
    made.close();
    return !in.hasError() && releaseLanguage(made.fileName(), folder, language);
}

} // namespace lc::test
