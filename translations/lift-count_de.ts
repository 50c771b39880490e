<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Announcements</name>
    <message>
        <source>Everything lands.</source>
        <translation>Alles landet.</translation>
    </message>
    <message>
        <source>Findings: %1. %2</source>
        <translation>Hinweise: %1. %2</translation>
    </message>
</context>
<context>
    <name>Core</name>
    <message>
        <source>No mend of the music costs less than %1.</source>
        <translation>Keine Bearbeitung der Musik kostet weniger als %1.</translation>
    </message>
    <message>
        <source>It costs %1, %2 more than the best.</source>
        <translation>Das kostet %1, %2 mehr als das Beste.</translation>
    </message>
    <message>
        <source>The song is %1 then; %2.</source>
        <translation>Das Stück ist dann %1; %2.</translation>
    </message>
    <message>
        <source>Last pass: %1.</source>
        <translation>Letzter Durchgang: %1.</translation>
    </message>
    <message>
        <source>That routine has no song.</source>
        <translation>Diese Choreografie hat keine Musik.</translation>
    </message>
    <message numerus="yes">
        <source>One more cannot be read either.|%n more cannot be read either.</source>
        <translation>
            <numerusform>Noch eines kann nicht gelesen werden.</numerusform>
            <numerusform>%n weitere können nicht gelesen werden.</numerusform>
        </translation>
    </message>
    <message>
        <source>The analysis was stopped.</source>
        <translation>Das Anhören wurde abgebrochen.</translation>
    </message>
    <message numerus="yes">
        <source>One place could not be matched: see the doubts.|%n places could not be matched: see the doubts.</source>
        <translation>
            <numerusform>Eine Stelle ließ sich nicht zuordnen: siehe Zweifel.</numerusform>
            <numerusform>%n Stellen ließen sich nicht zuordnen: siehe Zweifel.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One statement about music that is not there was left behind.|%n statements about music that is not there were left behind.</source>
        <translation>
            <numerusform>Eine Angabe über Musik, die es hier nicht gibt, blieb zurück.</numerusform>
            <numerusform>%n Angaben über Musik, die es hier nicht gibt, blieben zurück.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tap|%n taps</source>
        <translation>
            <numerusform>%n-mal getippt</numerusform>
            <numerusform>%n-mal getippt</numerusform>
        </translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording: it is shorter than four seconds. It can still be played.</source>
        <translation>In dieser Aufnahme wurde kein gleichmäßiger Puls gefunden: Sie ist kürzer als vier Sekunden. Abspielen lässt sie sich trotzdem.</translation>
    </message>
    <message>
        <source>There are no kept features.</source>
        <translation>Es gibt keine aufbewahrten Merkmale.</translation>
    </message>
    <message>
        <source>The kept features cannot be used.</source>
        <translation>Die aufbewahrten Merkmale sind nicht brauchbar.</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>twice as fast</source>
        <translation>doppelt so schnell</translation>
    </message>
    <message>
        <source>half as fast</source>
        <translation>halb so schnell</translation>
    </message>
    <message>
        <source>three times as fast</source>
        <translation>dreimal so schnell</translation>
    </message>
    <message>
        <source>a third as fast</source>
        <translation>ein Drittel so schnell</translation>
    </message>
    <message>
        <source>one and a half times as fast</source>
        <translation>anderthalbmal so schnell</translation>
    </message>
    <message>
        <source>two thirds as fast</source>
        <translation>zwei Drittel so schnell</translation>
    </message>
    <message>
        <source>four times as fast</source>
        <translation>viermal so schnell</translation>
    </message>
    <message>
        <source>a quarter as fast</source>
        <translation>ein Viertel so schnell</translation>
    </message>
    <message>
        <source>a third faster</source>
        <translation>ein Drittel schneller</translation>
    </message>
    <message>
        <source>a quarter slower</source>
        <translation>ein Viertel langsamer</translation>
    </message>
    <message>
        <source>%1, beside these beats</source>
        <translation>%1, neben diesen Schlägen</translation>
    </message>
    <message>
        <source>a quarter of a beat later</source>
        <translation>einen Viertelschlag später</translation>
    </message>
    <message>
        <source>a third of a beat later</source>
        <translation>einen Drittelschlag später</translation>
    </message>
    <message>
        <source>half a beat later</source>
        <translation>einen halben Schlag später</translation>
    </message>
    <message>
        <source>two thirds of a beat later</source>
        <translation>zwei Drittel eines Schlags später</translation>
    </message>
    <message>
        <source>a quarter of a beat earlier</source>
        <translation>einen Viertelschlag früher</translation>
    </message>
    <message>
        <source>the beat falls elsewhere</source>
        <translation>der Schlag liegt woanders</translation>
    </message>
    <message numerus="yes">
        <source>every bar has %n beat|every bar has %n beats</source>
        <translation>
            <numerusform>jeder Takt hat %n Schlag</numerusform>
            <numerusform>jeder Takt hat %n Schläge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, beginning a beat later|%1, beginning %n beats later</source>
        <translation>
            <numerusform>%1, Beginn einen Schlag später</numerusform>
            <numerusform>%1, Beginn %n Schläge später</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the 1 is a beat later|the 1 is %n beats later</source>
        <translation>
            <numerusform>die 1 liegt einen Schlag später</numerusform>
            <numerusform>die 1 liegt %n Schläge später</numerusform>
        </translation>
    </message>
    <message>
        <source>bars of %1, %2</source>
        <translation>%1er-Takte, %2</translation>
    </message>
    <message>
        <source>bars of %1 in threes, %2</source>
        <translation>%1er-Takte in Dreiern, %2</translation>
    </message>
    <message>
        <source>how fast the beat is, and where it falls</source>
        <translation>wie schnell der Schlag ist und wo er liegt</translation>
    </message>
    <message>
        <source>%1 bpm in threes, as it is counted here</source>
        <translation>%1 bpm in Dreiern, wie hier gezählt wird</translation>
    </message>
    <message>
        <source>%1 bpm, as it is counted here</source>
        <translation>%1 bpm, wie hier gezählt wird</translation>
    </message>
    <message>
        <source>how long a bar is, and where the 1 is</source>
        <translation>wie lang ein Takt ist und wo die 1 liegt</translation>
    </message>
    <message>
        <source>%1, the 1 is here</source>
        <translation>%1, die 1 ist hier</translation>
    </message>
    <message>
        <source>every beat in three: %1</source>
        <translation>jeder Schlag in drei: %1</translation>
    </message>
    <message>
        <source>every beat in two: %1</source>
        <translation>jeder Schlag in zwei: %1</translation>
    </message>
    <message>
        <source>what a beat is made of</source>
        <translation>woraus ein Schlag besteht</translation>
    </message>
    <message>
        <source>the metre of bars %1 to %2</source>
        <translation>die Taktart der Takte %1 bis %2</translation>
    </message>
    <message>
        <source>here %1</source>
        <translation>hier %1</translation>
    </message>
    <message>
        <source>here too %1</source>
        <translation>auch hier %1</translation>
    </message>
    <message>
        <source>the length of bar %1</source>
        <translation>die Länge von Takt %1</translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat|bar %1 has %n beats</source>
        <translation>
            <numerusform>Takt %1 hat %n Schlag</numerusform>
            <numerusform>Takt %1 hat %n Schläge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat like the others|bar %1 has %n beats like the others</source>
        <translation>
            <numerusform>Takt %1 hat %n Schlag wie die anderen</numerusform>
            <numerusform>Takt %1 hat %n Schläge wie die anderen</numerusform>
        </translation>
    </message>
    <message>
        <source>a stop of %1, the pulse goes on</source>
        <translation>ein Stopp von %1, der Puls läuft weiter</translation>
    </message>
    <message>
        <source>a stop of %1</source>
        <translation>ein Stopp von %1</translation>
    </message>
    <message>
        <source>how long the silence is</source>
        <translation>wie lang die Stille ist</translation>
    </message>
    <message>
        <source>it starts a bar earlier</source>
        <translation>sie beginnt einen Takt früher</translation>
    </message>
    <message>
        <source>it starts a bar later</source>
        <translation>sie beginnt einen Takt später</translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation>hier beginnt keine Phrase</translation>
    </message>
    <message>
        <source>where a phrase starts</source>
        <translation>wo eine Phrase beginnt</translation>
    </message>
    <message>
        <source>a phrase starts here, at bar %1</source>
        <translation>hier beginnt eine Phrase, bei Takt %1</translation>
    </message>
    <message>
        <source>a phrase starts at bar %1</source>
        <translation>eine Phrase beginnt bei Takt %1</translation>
    </message>
    <message>
        <source>how long a phrase is</source>
        <translation>wie lang eine Phrase ist</translation>
    </message>
    <message numerus="yes">
        <source>one phrase of %n beat, from bar %1|one phrase of %n beats, from bar %1</source>
        <translation>
            <numerusform>eine Phrase von %n Schlag, ab Takt %1</numerusform>
            <numerusform>eine Phrase von %n Schlägen, ab Takt %1</numerusform>
        </translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. It can still be played; tap along, or type its structure.</source>
        <translation>In dieser Aufnahme wurde kein gleichmäßiger Puls gefunden. Abspielen lässt sie sich trotzdem; tippen Sie mit oder schreiben Sie ihren Aufbau.</translation>
    </message>
    <message>
        <source>A fact lies outside the song, which ends after %1 seconds.</source>
        <translation>Eine Angabe liegt außerhalb des Stücks, das nach %1 Sekunden endet.</translation>
    </message>
    <message>
        <source>The stated bars exclude each other. Forget one of them.</source>
        <translation>Die angegebenen Takte schließen einander aus. Vergessen Sie einen davon.</translation>
    </message>
    <message>
        <source>There are no taps to count by.</source>
        <translation>Es wurde nichts getippt, wonach gezählt werden kann.</translation>
    </message>
    <message>
        <source>The two recordings have too little in common to carry the map over. Open the other one as a song of its own.</source>
        <translation>Die beiden Aufnahmen haben zu wenig gemeinsam, um die Karte zu übertragen. Öffnen Sie die andere als eigenes Stück.</translation>
    </message>
    <message>
        <source>The voice is not here: the package espeak-ng-data is missing. Counts are clicked instead.</source>
        <translation>Die Stimme ist nicht da: Das Paket espeak-ng-data fehlt. Gezählt wird stattdessen mit Klicks.</translation>
    </message>
    <message>
        <source>The voice could not say “%1”. Counts are clicked instead.</source>
        <translation>Die Stimme konnte „%1“ nicht sagen. Gezählt wird stattdessen mit Klicks.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>Das Lesen wurde abgebrochen.</translation>
    </message>
    <message>
        <source>%1 could not be written. Choose another folder or make room. The file from before is untouched.</source>
        <translation>%1 konnte nicht geschrieben werden. Wählen Sie einen anderen Ordner oder schaffen Sie Platz. Die bisherige Datei ist unberührt.</translation>
    </message>
    <message>
        <source>%1 is empty.</source>
        <translation>%1 ist leer.</translation>
    </message>
    <message>
        <source>%1 is not a sound file that can be read. Try WAV, FLAC, OGG, MP3, M4A or a video with sound.</source>
        <translation>%1 ist keine Tondatei, die gelesen werden kann. Versuchen Sie WAV, FLAC, OGG, MP3, M4A oder ein Video mit Ton.</translation>
    </message>
    <message>
        <source>%1 has %2 channels at %3 Hz, which cannot be played.</source>
        <translation>%1 hat %2 Kanäle mit %3 Hz; das lässt sich nicht abspielen.</translation>
    </message>
    <message>
        <source>%2 is longer than %1 minutes. Cut the piece you dance to out of it first.</source>
        <translation>%2 ist länger als %1 Minuten. Schneiden Sie zuerst das Stück heraus, zu dem getanzt wird.</translation>
    </message>
    <message>
        <source>%1 holds no sound.</source>
        <translation>%1 enthält keinen Ton.</translation>
    </message>
    <message numerus="yes">
        <source>%1 has %n sample that is not a number; it is played as silence.|%1 has %n samples that are not numbers; they are played as silence.</source>
        <translation>
            <numerusform>%1 hat %n Abtastwert, der keine Zahl ist; er wird als Stille gespielt.</numerusform>
            <numerusform>%1 hat %n Abtastwerte, die keine Zahlen sind; sie werden als Stille gespielt.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 breaks off: %2 of %3 seconds could be read.</source>
        <translation>%1 bricht ab: %2 von %3 Sekunden waren lesbar.</translation>
    </message>
    <message>
        <source>%1 breaks off after %2 seconds: its end is missing.</source>
        <translation>%1 bricht nach %2 Sekunden ab: Das Ende fehlt.</translation>
    </message>
    <message>
        <source>The routine has no figure “%1”.</source>
        <translation>Die Choreografie hat keine Figur „%1“.</translation>
    </message>
    <message>
        <source>Counts of the music begin with 1.</source>
        <translation>Counts der Musik beginnen mit 1.</translation>
    </message>
    <message>
        <source>A set has at least one count.</source>
        <translation>Eine Zählreihe hat mindestens einen Count.</translation>
    </message>
    <message>
        <source>There is no pass “%1”. Passes are numbered from 1; the routine has %2.</source>
        <translation>Es gibt keinen Durchgang „%1“. Durchgänge werden ab 1 gezählt; die Choreografie hat %2.</translation>
    </message>
    <message>
        <source>The routine has no part “%1”.</source>
        <translation>Die Choreografie hat keinen Teil „%1“.</translation>
    </message>
    <message>
        <source>“%1” says no count. Write 3@65: pass 3 begins on count 65.</source>
        <translation>„%1“ nennt keinen Count. Schreiben Sie 3@65: Durchgang 3 beginnt auf Count 65.</translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation>Was bleibt, kostet %1.</translation>
    </message>
    <message>
        <source>“%1” is not a dance family that has a tempo here. There are: %2.</source>
        <translation>„%1“ ist keine Tanzart, deren Tempo hier bekannt ist. Es gibt: %2.</translation>
    </message>
    <message>
        <source>The routine has no recording, so no sound can be written. Without -o the cuts are listed.</source>
        <translation>Die Choreografie hat keine Aufnahme, also kann kein Ton geschrieben werden. Ohne -o werden die Schnitte aufgelistet.</translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Give another name with -o.</source>
        <translation>Das ist die Aufnahme selbst, die bleibt, wie sie ist. Geben Sie mit -o einen anderen Namen an.</translation>
    </message>
    <message>
        <source>%1 is there already, and the map of the mended song would take its place. Give another name with -o, or add --overwrite.</source>
        <translation>%1 ist schon da, und die Karte der bearbeiteten Musik würde seinen Platz einnehmen. Geben Sie mit -o einen anderen Namen an oder fügen Sie --overwrite hinzu.</translation>
    </message>
    <message>
        <source>“%1” is not a tempo. Write --tempo auto, or beats a minute from 10 to 600.</source>
        <translation>„%1“ ist kein Tempo. Schreiben Sie --tempo auto oder Schläge pro Minute von 10 bis 600.</translation>
    </message>
    <message>
        <source>A typed structure needs its tempo: add --bpm, for example --bpm 112.</source>
        <translation>Ein geschriebener Aufbau braucht sein Tempo: Fügen Sie --bpm hinzu, zum Beispiel --bpm 112.</translation>
    </message>
    <message>
        <source>Slow and quick last longer than nothing.</source>
        <translation>Langsam und schnell dauern länger als nichts.</translation>
    </message>
    <message>
        <source>“%1” is not a format of a map.</source>
        <translation>„%1“ ist kein Format einer Karte.</translation>
    </message>
    <message>
        <source>A figure is longer than nothing.</source>
        <translation>Eine Figur ist länger als nichts.</translation>
    </message>
    <message>
        <source>A bar has at least a part of a count.</source>
        <translation>Ein Takt hat mindestens einen Bruchteil eines Counts.</translation>
    </message>
    <message>
        <source>What is filled is longer than nothing.</source>
        <translation>Was gefüllt wird, ist länger als nichts.</translation>
    </message>
    <message>
        <source>The file %1 could not be read to its end.</source>
        <translation>Die Datei %1 konnte nicht bis zum Ende gelesen werden.</translation>
    </message>
    <message>
        <source>Row %1 of the table has text after a closed quotation mark. Put the whole cell into quotes.</source>
        <translation>Zeile %1 der Tabelle hat Text nach einem schließenden Anführungszeichen. Setzen Sie die ganze Zelle in Anführungszeichen.</translation>
    </message>
    <message>
        <source>Row %1 of the table has a quotation mark that is not closed.</source>
        <translation>Zeile %1 der Tabelle hat ein Anführungszeichen, das nicht geschlossen wird.</translation>
    </message>
    <message>
        <source>“%1” is not a facing. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock.</source>
        <translation>„%1“ ist keine Blickrichtung. Sagen Sie 12, 1:30, 3, 4:30, 6, 7:30, 9 oder 10:30 Uhr.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>%1 R</source>
        <translation>%1 R</translation>
    </message>
    <message>
        <source>%1 L</source>
        <translation>%1 L</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>either</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>%1 is a folder.</source>
        <translation>%1 ist ein Ordner.</translation>
    </message>
    <message>
        <source>%1 is a pipe, not a file.</source>
        <translation>%1 ist eine Pipe, keine Datei.</translation>
    </message>
    <message>
        <source>%1 is a device, not a file.</source>
        <translation>%1 ist ein Gerät, keine Datei.</translation>
    </message>
    <message>
        <source>There is no file %1.</source>
        <translation>Es gibt keine Datei %1.</translation>
    </message>
    <message>
        <source>%1 may not be read by you. Change its permissions, or copy it to a folder of yours.</source>
        <translation>%1 darf von Ihnen nicht gelesen werden. Ändern Sie die Rechte oder kopieren Sie die Datei in einen eigenen Ordner.</translation>
    </message>
    <message>
        <source>%1 could not be read to its end: the disk or stick reports a fault. Try to copy it, or take another copy.</source>
        <translation>%1 konnte nicht bis zum Ende gelesen werden: Der Datenträger meldet einen Fehler. Versuchen Sie zu kopieren oder nehmen Sie eine andere Kopie.</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 kann nicht gelesen werden: %2.</translation>
    </message>
    <message>
        <source>you may not write there. Choose another folder.</source>
        <translation>dort dürfen Sie nicht schreiben. Wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>the disk is full. Make room or choose another folder.</source>
        <translation>der Datenträger ist voll. Schaffen Sie Platz oder wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>it is larger than the system allows here. Choose another folder.</source>
        <translation>sie ist größer, als das System hier erlaubt. Wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>the folder does not exist. Choose another folder.</source>
        <translation>den Ordner gibt es nicht. Wählen Sie einen anderen.</translation>
    </message>
    <message>
        <source>a folder has that name. Choose another name.</source>
        <translation>ein Ordner trägt diesen Namen. Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>nothing reads from that pipe.</source>
        <translation>aus dieser Pipe liest niemand.</translation>
    </message>
    <message>
        <source>that is a disk, not a file. Choose another name.</source>
        <translation>das ist ein Datenträger, keine Datei. Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>the name is too long. Choose a shorter one.</source>
        <translation>der Name ist zu lang. Wählen Sie einen kürzeren.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1 could not be written: %2 The file from before is untouched.</source>
        <translation>%1 konnte nicht geschrieben werden: %2 Die bisherige Datei ist unberührt.</translation>
    </message>
    <message>
        <source>%1 is far too large: more than %2 MB. Is it the right file?</source>
        <translation>%1 ist viel zu groß: mehr als %2 MB. Ist es die richtige Datei?</translation>
    </message>
    <message>
        <source>%1 Choose another name.</source>
        <translation>%1 Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>is larger than %1 MB</source>
        <translation>ist größer als %1 MB</translation>
    </message>
    <message>
        <source>is nested more than %1 deep</source>
        <translation>ist mehr als %1-fach verschachtelt</translation>
    </message>
    <message>
        <source>has more than %1 fields in one object</source>
        <translation>hat mehr als %1 Felder in einem Objekt</translation>
    </message>
    <message>
        <source>has more than %1 values</source>
        <translation>hat mehr als %1 Werte</translation>
    </message>
    <message numerus="yes">
        <source>pass %1|passes %1</source>
        <translation>
            <numerusform>Durchgang %1</numerusform>
            <numerusform>Durchgänge %1</numerusform>
        </translation>
    </message>
    <message>
        <source>no</source>
        <translation>kein</translation>
    </message>
    <message>
        <source>one</source>
        <translation>ein</translation>
    </message>
    <message>
        <source>two</source>
        <translation>zwei</translation>
    </message>
    <message>
        <source>three</source>
        <translation>drei</translation>
    </message>
    <message>
        <source>four</source>
        <translation>vier</translation>
    </message>
    <message>
        <source>five</source>
        <translation>fünf</translation>
    </message>
    <message>
        <source>six</source>
        <translation>sechs</translation>
    </message>
    <message>
        <source>seven</source>
        <translation>sieben</translation>
    </message>
    <message>
        <source>eight</source>
        <translation>acht</translation>
    </message>
    <message>
        <source>%1 is not text (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 ist kein Text (Zeile %2). Speichern Sie ihn als reinen Text in UTF-8.</translation>
    </message>
    <message>
        <source>%1 is damaged UTF-16 (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 ist beschädigtes UTF-16 (Zeile %2). Speichern Sie es als reinen Text in UTF-8.</translation>
    </message>
    <message>
        <source>%1 is not UTF-8; it was read as Western European (windows-1252).</source>
        <translation>%1 ist nicht UTF-8; es wurde als Westeuropäisch (windows-1252) gelesen.</translation>
    </message>
    <message>
        <source>If letters are wrong, save it as UTF-8 first.</source>
        <translation>Wenn Buchstaben falsch sind, speichern Sie es zuerst als UTF-8.</translation>
    </message>
    <message>
        <source>%1 has bytes that are not UTF-8 (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 enthält Bytes, die nicht UTF-8 sind (Zeile %2). Speichern Sie es als reinen Text in UTF-8.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%n count|%n counts</source>
        <translation>
            <numerusform>%n Count</numerusform>
            <numerusform>%n Counts</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 Counts</translation>
    </message>
    <message>
        <source>“%1” is not a count. Write a number such as 12 or 3/4.</source>
        <translation>„%1“ ist kein Count. Schreiben Sie eine Zahl wie 12 oder 3/4.</translation>
    </message>
    <message>
        <source>“%1” is too large for a count.</source>
        <translation>„%1“ ist zu groß für einen Count.</translation>
    </message>
    <message>
        <source>“%1” does not divide evenly: a count has 20160 parts. Use halves, thirds, … up to tenths, 12ths, 16ths or 32nds.</source>
        <translation>„%1“ geht nicht auf: Ein Count hat 20160 Teile. Nehmen Sie Halbe, Drittel, … bis Zehntel, Zwölftel, Sechzehntel oder Zweiunddreißigstel.</translation>
    </message>
    <message>
        <source>typed</source>
        <translation>geschrieben</translation>
    </message>
    <message>
        <source>tapped</source>
        <translation>getippt</translation>
    </message>
    <message>
        <source>imported</source>
        <translation>importiert</translation>
    </message>
    <message>
        <source>carried</source>
        <translation>übertragen</translation>
    </message>
    <message>
        <source>heard</source>
        <translation>gehört</translation>
    </message>
    <message>
        <source>“%1” is not an origin of a song map.</source>
        <translation>„%1“ ist keine Herkunft einer Musikkarte.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>“%1” was changed by another window or program since it was opened here. Save under another name, or overwrite it if you are sure.</source>
        <translation>„%1“ wurde von einem anderen Fenster oder Programm geändert, seit es hier geöffnet wurde. Speichern Sie unter anderem Namen oder überschreiben Sie es, wenn Sie sicher sind.</translation>
    </message>
    <message>
        <source>should be 10 to 600</source>
        <translation>sollte 10 bis 600 sein</translation>
    </message>
    <message>
        <source>This routine file is damaged: %1 %2. The file was left as it is; take a copy of it from before.</source>
        <translation>Diese Choreografiedatei ist beschädigt: %1 %2. Die Datei blieb, wie sie ist; nehmen Sie eine frühere Kopie.</translation>
    </message>
    <message>
        <source>This is not a Lift Count routine.</source>
        <translation>Das ist keine Lift-Count-Choreografie.</translation>
    </message>
    <message>
        <source>This routine was written by a newer Lift Count (format %1; this one reads up to %2). It was left as it is. Update Lift Count to open it.</source>
        <translation>Diese Choreografie wurde von einem neueren Lift Count geschrieben (Format %1; dieses liest bis %2). Sie blieb, wie sie ist. Aktualisieren Sie Lift Count, um sie zu öffnen.</translation>
    </message>
    <message>
        <source>should be above 0</source>
        <translation>sollte über 0 sein</translation>
    </message>
    <message>
        <source>should not be below 0</source>
        <translation>sollte nicht unter 0 sein</translation>
    </message>
    <message>
        <source>should have either a figure or a part</source>
        <translation>sollte entweder eine Figur oder einen Teil haben</translation>
    </message>
    <message>
        <source>stands without a restart</source>
        <translation>steht ohne Restart</translation>
    </message>
    <message>
        <source>stands without a tag</source>
        <translation>steht ohne Tag</translation>
    </message>
    <message>
        <source>is no change of a figure</source>
        <translation>ist keine Änderung einer Figur</translation>
    </message>
    <message>
        <source>has no field “at”</source>
        <translation>hat kein Feld „at“</translation>
    </message>
    <message>
        <source>should be after its beginning</source>
        <translation>sollte nach seinem Anfang liegen</translation>
    </message>
    <message>
        <source>is empty</source>
        <translation>ist leer</translation>
    </message>
    <message>
        <source>stands twice in one figure</source>
        <translation>steht zweimal in einer Figur</translation>
    </message>
    <message>
        <source>should have 8 roles at most</source>
        <translation>sollte höchstens 8 Rollen haben</translation>
    </message>
    <message>
        <source>should lie between %1 and 4096 counts</source>
        <translation>sollte zwischen %1 und 4096 Counts liegen</translation>
    </message>
    <message>
        <source>should lie above 0 and at most at 64 counts</source>
        <translation>sollte über 0 und höchstens bei 64 Counts liegen</translation>
    </message>
    <message>
        <source>should have own_and before own_a, both inside the count</source>
        <translation>sollte own_and vor own_a haben, beide innerhalb des Counts</translation>
    </message>
    <message>
        <source>should be an object</source>
        <translation>sollte ein Objekt sein</translation>
    </message>
    <message>
        <source>has an unknown field “%1”</source>
        <translation>hat ein unbekanntes Feld „%1“</translation>
    </message>
    <message>
        <source>has no field “%1”</source>
        <translation>hat kein Feld „%1“</translation>
    </message>
    <message>
        <source>should be a list</source>
        <translation>sollte eine Liste sein</translation>
    </message>
    <message>
        <source>should be a text</source>
        <translation>sollte ein Text sein</translation>
    </message>
    <message>
        <source>should be a number</source>
        <translation>sollte eine Zahl sein</translation>
    </message>
    <message>
        <source>should be a finite number</source>
        <translation>sollte eine endliche Zahl sein</translation>
    </message>
    <message>
        <source>should lie within a million seconds</source>
        <translation>sollte innerhalb einer Million Sekunden liegen</translation>
    </message>
    <message>
        <source>should be a whole number</source>
        <translation>sollte eine ganze Zahl sein</translation>
    </message>
    <message>
        <source>is too large</source>
        <translation>ist zu groß</translation>
    </message>
    <message>
        <source>should lie between %1 and %2</source>
        <translation>sollte zwischen %1 und %2 liegen</translation>
    </message>
    <message>
        <source>should be true or false</source>
        <translation>sollte true oder false sein</translation>
    </message>
    <message>
        <source>the text</source>
        <translation>der Text</translation>
    </message>
    <message>
        <source>%1 (byte %2)</source>
        <translation>%1 (Byte %2)</translation>
    </message>
    <message>
        <source>at byte %1</source>
        <translation>bei Byte %1</translation>
    </message>
    <message>
        <source>the text breaks off or is not JSON</source>
        <translation>der Text bricht ab oder ist kein JSON</translation>
    </message>
    <message>
        <source>one of its fields</source>
        <translation>eines seiner Felder</translation>
    </message>
    <message>
        <source>has a value of the wrong kind</source>
        <translation>hat einen Wert der falschen Art</translation>
    </message>
    <message>
        <source>the file</source>
        <translation>die Datei</translation>
    </message>
    <message>
        <source>should have one entry for each beat</source>
        <translation>sollte einen Eintrag für jeden Schlag haben</translation>
    </message>
    <message>
        <source>should lie between 0 and 1</source>
        <translation>sollte zwischen 0 und 1 liegen</translation>
    </message>
    <message>
        <source>should lie between 0.4 and 0.8</source>
        <translation>sollte zwischen 0,4 und 0,8 liegen</translation>
    </message>
    <message>
        <source>does not hold together: %1</source>
        <translation>passt nicht zusammen: %1</translation>
    </message>
    <message>
        <source>should be after from_s</source>
        <translation>sollte nach from_s liegen</translation>
    </message>
    <message>
        <source>should be 2 or -2</source>
        <translation>sollte 2 oder -2 sein</translation>
    </message>
    <message>
        <source>should be at most a tenth of a second</source>
        <translation>sollte höchstens eine Zehntelsekunde sein</translation>
    </message>
    <message>
        <source>should be later than at_s</source>
        <translation>sollte nach at_s liegen</translation>
    </message>
    <message>
        <source>is no kind of fact that this version knows</source>
        <translation>ist keine Art von Angabe, die diese Version kennt</translation>
    </message>
    <message>
        <source>stands twice with one school</source>
        <translation>steht zweimal mit einer Schule</translation>
    </message>
    <message>
        <source>should have 1 to 8 roles</source>
        <translation>sollte 1 bis 8 Rollen haben</translation>
    </message>
    <message>
        <source>should have at least one part</source>
        <translation>sollte mindestens einen Teil haben</translation>
    </message>
    <message>
        <source>puts the part inside itself</source>
        <translation>steckt den Teil in sich selbst</translation>
    </message>
    <message>
        <source>should have at most 5000 passes</source>
        <translation>sollte höchstens 5000 Durchgänge haben</translation>
    </message>
    <message>
        <source>should be L, R or B</source>
        <translation>sollte L, R oder B sein</translation>
    </message>
    <message>
        <source>is no figure of this routine</source>
        <translation>ist keine Figur dieser Choreografie</translation>
    </message>
    <message>
        <source>is no role of this routine</source>
        <translation>ist keine Rolle dieser Choreografie</translation>
    </message>
    <message>
        <source>is above last_id</source>
        <translation>liegt über last_id</translation>
    </message>
    <message>
        <source>is used twice</source>
        <translation>wird zweimal benutzt</translation>
    </message>
    <message>
        <source>points to nothing in the file</source>
        <translation>zeigt auf nichts in der Datei</translation>
    </message>
    <message>
        <source>A part is named by one word, such as A or Ending.</source>
        <translation>Ein Teil heißt mit einem Wort, etwa A oder Ende.</translation>
    </message>
    <message>
        <source>There is a part “%1” already. Take another name.</source>
        <translation>Es gibt schon einen Teil „%1“. Nehmen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>That role is no longer there; nothing was changed.</source>
        <translation>Diese Rolle gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>A role needs a name, such as leader or row 1.</source>
        <translation>Eine Rolle braucht einen Namen, etwa Leader oder Reihe 1.</translation>
    </message>
    <message>
        <source>A routine has at most 8 roles.</source>
        <translation>Eine Choreografie hat höchstens 8 Rollen.</translation>
    </message>
    <message>
        <source>A role needs a name, such as follower or row 2.</source>
        <translation>Eine Rolle braucht einen Namen, etwa Follower oder Reihe 2.</translation>
    </message>
    <message>
        <source>A routine needs at least one role.</source>
        <translation>Eine Choreografie braucht mindestens eine Rolle.</translation>
    </message>
    <message>
        <source>A figure needs a name.</source>
        <translation>Eine Figur braucht einen Namen.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 figures.</source>
        <translation>Eine Choreografie hat höchstens 2000 Figuren.</translation>
    </message>
    <message>
        <source>That figure is no longer there; nothing was changed.</source>
        <translation>Diese Figur gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>That line is no longer there; nothing was changed.</source>
        <translation>Diese Zeile gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>This line stands in no figure&apos;s section, so it cannot be a remark of one. Take it out, or write what it says where it belongs.</source>
        <translation>Diese Zeile steht im Abschnitt keiner Figur und kann also keine Bemerkung zu einer sein. Nehmen Sie sie heraus oder schreiben Sie, was sie sagt, dorthin, wo es hingehört.</translation>
    </message>
    <message>
        <source>The figure of this line is no longer there.</source>
        <translation>Die Figur dieser Zeile gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That part is no longer there; nothing was changed.</source>
        <translation>Diesen Teil gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>A routine needs at least one part.</source>
        <translation>Eine Choreografie braucht mindestens einen Teil.</translation>
    </message>
    <message>
        <source>A place holds one figure or one part.</source>
        <translation>Ein Platz enthält eine Figur oder einen Teil.</translation>
    </message>
    <message>
        <source>Part %1 cannot be put there: it would lie inside itself.</source>
        <translation>Teil %1 kann dort nicht stehen: Er läge in sich selbst.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 counts.</source>
        <translation>Ein Takt hat 1 bis 24 Counts.</translation>
    </message>
    <message>
        <source>A part has at most 2000 figures.</source>
        <translation>Ein Teil hat höchstens 2000 Figuren.</translation>
    </message>
    <message>
        <source>Figures cannot be moved before one of themselves.</source>
        <translation>Figuren können nicht vor eine von sich selbst gerückt werden.</translation>
    </message>
    <message>
        <source>A routine has at most %1 passes.</source>
        <translation>Eine Choreografie hat höchstens %1 Durchgänge.</translation>
    </message>
    <message>
        <source>That pass is no longer there; nothing was changed.</source>
        <translation>Diesen Durchgang gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>A restart comes after at least a part of a count.</source>
        <translation>Ein Restart kommt nach mindestens einem Bruchteil eines Counts.</translation>
    </message>
    <message>
        <source>A tag is longer than nothing.</source>
        <translation>Ein Tag ist länger als nichts.</translation>
    </message>
    <message>
        <source>A bridge is longer than nothing, and stands in the pass.</source>
        <translation>Eine Brücke ist länger als nichts und steht im Durchgang.</translation>
    </message>
    <message>
        <source>A wait is not shorter than nothing.</source>
        <translation>Eine Wartezeit ist nicht kürzer als nichts.</translation>
    </message>
    <message>
        <source>An ending begins in the pass.</source>
        <translation>Ein Schluss beginnt im Durchgang.</translation>
    </message>
    <message>
        <source>In a canon the entries are apart by more than nothing.</source>
        <translation>In einem Kanon liegt zwischen den Einsätzen mehr als nichts.</translation>
    </message>
    <message>
        <source>A canon ends after it begins.</source>
        <translation>Ein Kanon endet nach seinem Anfang.</translation>
    </message>
    <message>
        <source>A role enters a canon once.</source>
        <translation>Eine Rolle setzt in einem Kanon einmal ein.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 exceptions bound to the music.</source>
        <translation>Eine Choreografie hat höchstens 2000 Ausnahmen, die an der Musik hängen.</translation>
    </message>
    <message>
        <source>Nothing is to be done at this place of the music. Say a restart, a tag or another exception.</source>
        <translation>An dieser Stelle der Musik ist nichts zu tun. Nennen Sie einen Restart, ein Tag oder eine andere Ausnahme.</translation>
    </message>
    <message>
        <source>That exception is no longer there; nothing was changed.</source>
        <translation>Diese Ausnahme gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>That moment is no longer there; nothing was changed.</source>
        <translation>Diesen Moment gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>An accent lies in its figure.</source>
        <translation>Ein Akzent liegt in seiner Figur.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 accents.</source>
        <translation>Eine Choreografie hat höchstens 2000 Akzente.</translation>
    </message>
    <message>
        <source>That accent is no longer there; nothing was changed.</source>
        <translation>Diesen Akzent gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>That fact is no longer there; nothing was changed.</source>
        <translation>Diese Angabe gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>A set has 1 to 16 bars.</source>
        <translation>Eine Zählreihe hat 1 bis 16 Takte.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 words of its own.</source>
        <translation>Eine Choreografie hat höchstens 2000 eigene Wörter.</translation>
    </message>
    <message>
        <source>That word is no longer there; nothing was changed.</source>
        <translation>Dieses Wort gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>A moment needs a name in your own words, such as “the big stop”.</source>
        <translation>Ein Moment braucht einen Namen in Ihren Worten, etwa „der große Stopp“.</translation>
    </message>
    <message>
        <source>A song has at most 2000 moments.</source>
        <translation>Ein Stück hat höchstens 2000 Momente.</translation>
    </message>
    <message>
        <source>A moment lies in the song.</source>
        <translation>Ein Moment liegt im Stück.</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>song</source>
        <translation>Musik</translation>
    </message>
    <message>
        <source>song map, %1</source>
        <translation>Musikkarte, %1</translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation>andere Aufnahme des Stücks</translation>
    </message>
    <message>
        <source>moment “%1”</source>
        <translation>Moment „%1“</translation>
    </message>
    <message>
        <source>change the moment “%1”</source>
        <translation>den Moment „%1“ ändern</translation>
    </message>
    <message>
        <source>remove a moment</source>
        <translation>Moment entfernen</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>Textzeilen</translation>
    </message>
    <message>
        <source>place of the song file</source>
        <translation>Ort der Musikdatei</translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation>eine Angabe vergessen</translation>
    </message>
    <message>
        <source>forget all facts</source>
        <translation>alle Angaben vergessen</translation>
    </message>
    <message>
        <source>way of counting</source>
        <translation>Zählweise</translation>
    </message>
    <message>
        <source>feel</source>
        <translation>Unterteilung</translation>
    </message>
    <message>
        <source>what “%1” means</source>
        <translation>was „%1“ heißt</translation>
    </message>
    <message>
        <source>forget what “%1” means</source>
        <translation>vergessen, was „%1“ heißt</translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation>Name einer Rolle</translation>
    </message>
    <message>
        <source>role %1</source>
        <translation>Rolle %1</translation>
    </message>
    <message>
        <source>remove a role</source>
        <translation>Rolle entfernen</translation>
    </message>
    <message>
        <source>new part</source>
        <translation>neuer Teil</translation>
    </message>
    <message>
        <source>name of a part</source>
        <translation>Name eines Teils</translation>
    </message>
    <message>
        <source>remove a part</source>
        <translation>Teil entfernen</translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation>Figur %1</translation>
    </message>
    <message>
        <source>change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>take a figure out</source>
        <translation>Figur herausnehmen</translation>
    </message>
    <message>
        <source>place a figure</source>
        <translation>Figur einsetzen</translation>
    </message>
    <message>
        <source>place figures</source>
        <translation>Figuren einsetzen</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>copy of a part</source>
        <translation>Kopie eines Teils</translation>
    </message>
    <message>
        <source>place a part</source>
        <translation>Teil einsetzen</translation>
    </message>
    <message>
        <source>how a figure is danced</source>
        <translation>wie eine Figur getanzt wird</translation>
    </message>
    <message>
        <source>take a figure out of its part</source>
        <translation>Figur aus ihrem Teil nehmen</translation>
    </message>
    <message>
        <source>take figures out of their part</source>
        <translation>Figuren aus ihrem Teil nehmen</translation>
    </message>
    <message>
        <source>insert a figure</source>
        <translation>Figur einfügen</translation>
    </message>
    <message>
        <source>insert figures</source>
        <translation>Figuren einfügen</translation>
    </message>
    <message>
        <source>repeat figures</source>
        <translation>Figuren wiederholen</translation>
    </message>
    <message>
        <source>move figures</source>
        <translation>Figuren verschieben</translation>
    </message>
    <message>
        <source>figures in reverse order</source>
        <translation>Figuren in umgekehrter Folge</translation>
    </message>
    <message>
        <source>insert a pass</source>
        <translation>Durchgang einfügen</translation>
    </message>
    <message>
        <source>insert passes</source>
        <translation>Durchgänge einfügen</translation>
    </message>
    <message>
        <source>move a pass</source>
        <translation>Durchgang verschieben</translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation>was einen Durchgang anders macht</translation>
    </message>
    <message>
        <source>pin the start of a pass</source>
        <translation>Beginn eines Durchgangs festmachen</translation>
    </message>
    <message>
        <source>unpin the start of a pass</source>
        <translation>Beginn eines Durchgangs lösen</translation>
    </message>
    <message>
        <source>what a pass is remembered by</source>
        <translation>woran man sich einen Durchgang merkt</translation>
    </message>
    <message>
        <source>exception bound to the music</source>
        <translation>Ausnahme, die an der Musik hängt</translation>
    </message>
    <message>
        <source>take an exception of the music out</source>
        <translation>Ausnahme der Musik herausnehmen</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>Akzent</translation>
    </message>
    <message>
        <source>take an accent out</source>
        <translation>Akzent herausnehmen</translation>
    </message>
    <message>
        <source>opening stance</source>
        <translation>Anfangsstellung</translation>
    </message>
    <message>
        <source>formation: %1</source>
        <translation>Aufstellung: %1</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Niveau</translation>
    </message>
    <message>
        <source>order of passes</source>
        <translation>Folge der Durchgänge</translation>
    </message>
    <message>
        <source>remove a pass</source>
        <translation>Durchgang entfernen</translation>
    </message>
    <message>
        <source>remove passes</source>
        <translation>Durchgänge entfernen</translation>
    </message>
    <message>
        <source>restart after %1</source>
        <translation>Restart nach %1</translation>
    </message>
    <message>
        <source>take the restart out</source>
        <translation>den Restart herausnehmen</translation>
    </message>
    <message>
        <source>tag of %1</source>
        <translation>Tag von %1</translation>
    </message>
    <message>
        <source>take the tag out</source>
        <translation>das Tag herausnehmen</translation>
    </message>
    <message>
        <source>touch in place of a step</source>
        <translation>Touch statt Schritt</translation>
    </message>
    <message>
        <source>step in place of a touch</source>
        <translation>Schritt statt Touch</translation>
    </message>
    <message>
        <source>where the dance starts</source>
        <translation>wo der Tanz beginnt</translation>
    </message>
    <message>
        <source>leave a finding as it is</source>
        <translation>einen Hinweis so lassen</translation>
    </message>
    <message>
        <source>look at a finding again</source>
        <translation>einen Hinweis wieder ansehen</translation>
    </message>
    <message>
        <source>steps of a line of the hand-out</source>
        <translation>Schritte einer Zeile der Tanzbeschreibung</translation>
    </message>
    <message>
        <source>a line of the hand-out as a remark</source>
        <translation>eine Zeile der Tanzbeschreibung als Bemerkung</translation>
    </message>
    <message>
        <source>take a line of the hand-out out</source>
        <translation>eine Zeile der Tanzbeschreibung herausnehmen</translation>
    </message>
    <message>
        <source>Put its steps back into %1, to be mended there</source>
        <translation>Ihre Schritte zurück in %1 setzen, um sie dort zu berichtigen</translation>
    </message>
    <message>
        <source>Keep it as a remark of %1</source>
        <translation>Als Bemerkung zu %1 behalten</translation>
    </message>
    <message>
        <source>It is settled: take it out</source>
        <translation>Erledigt: herausnehmen</translation>
    </message>
    <message>
        <source>there is no role “%1”. The roles are %2.</source>
        <translation>es gibt keine Rolle „%1“. Die Rollen sind %2.</translation>
    </message>
    <message>
        <source>which steps? Those typed in parts are numbered as they stand there: steps 1.</source>
        <translation>welche Schritte? In Teilen geschriebene sind nummeriert, wie sie dort stehen: steps 1.</translation>
    </message>
    <message>
        <source>there are no steps “%1” before this line.</source>
        <translation>vor dieser Zeile gibt es keine Schritte „%1“.</translation>
    </message>
    <message>
        <source>there is no figure “%1” in this text. Add “figure: %2” with its lines.</source>
        <translation>in diesem Text gibt es keine Figur „%1“. Fügen Sie „figure: %2“ mit ihren Zeilen hinzu.</translation>
    </message>
    <message>
        <source>there is no part “%1”.</source>
        <translation>es gibt keinen Teil „%1“.</translation>
    </message>
    <message>
        <source>“%1” cannot be done to a placed figure. Known are mirrored, exchanged, version …, in bars of 3 for 4.</source>
        <translation>„%1“ kann mit einer eingesetzten Figur nicht gemacht werden. Bekannt sind mirrored, exchanged, version …, in bars of 3 for 4.</translation>
    </message>
    <message>
        <source>write the bars as danced and as written: “in bars of 3 for 4”.</source>
        <translation>schreiben Sie die Takte, wie getanzt und wie geschrieben: „in bars of 3 for 4“.</translation>
    </message>
    <message>
        <source>“figure %1” leads into no part.</source>
        <translation>„figure %1“ führt in keinen Teil.</translation>
    </message>
    <message>
        <source>part %1 has no figure %2; it has %3.</source>
        <translation>Teil %1 hat keine Figur %2; er hat %3.</translation>
    </message>
    <message>
        <source>“%1” is not a place in a part. Write for example A 3.</source>
        <translation>„%1“ ist keine Stelle in einem Teil. Schreiben Sie zum Beispiel A 3.</translation>
    </message>
    <message>
        <source>“%1” says no place. Write “Bridge, after 16”.</source>
        <translation>„%1“ nennt keine Stelle. Schreiben Sie „Bridge, after 16“.</translation>
    </message>
    <message>
        <source>name the section of the song: “Bridge, after 16”.</source>
        <translation>nennen Sie den Abschnitt des Stücks: „Bridge, after 16“.</translation>
    </message>
    <message>
        <source>after how many counts? Write for example “after 16”.</source>
        <translation>nach wie vielen Counts? Schreiben Sie zum Beispiel „after 16“.</translation>
    </message>
    <message>
        <source>“%1” has no meaning here.</source>
        <translation>„%1“ hat hier keine Bedeutung.</translation>
    </message>
    <message>
        <source>what of this figure? Write for example “figure 3 mirrored”.</source>
        <translation>was von dieser Figur? Schreiben Sie zum Beispiel „figure 3 mirrored“.</translation>
    </message>
    <message>
        <source>“%1” cannot be done to a figure. Known are mirrored, exchanged, in version …, in bars of 3 for 4.</source>
        <translation>„%1“ kann mit einer Figur nicht gemacht werden. Bekannt sind mirrored, exchanged, in version …, in bars of 3 for 4.</translation>
    </message>
    <message>
        <source>“%1” is not an exception. Known are restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.</source>
        <translation>„%1“ ist keine Ausnahme. Bekannt sind restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.</translation>
    </message>
    <message>
        <source>there is no part “%1” to end with.</source>
        <translation>es gibt keinen Teil „%1“ als Schluss.</translation>
    </message>
    <message>
        <source>where is it added? Write “add after figure 2: Sway” or “add at the head: Sway”.</source>
        <translation>wo wird sie hinzugefügt? Schreiben Sie „add after figure 2: Sway“ oder „add at the head: Sway“.</translation>
    </message>
    <message>
        <source>how far apart do they enter? Write “canon 2 apart”.</source>
        <translation>in welchem Abstand setzen sie ein? Schreiben Sie „canon 2 apart“.</translation>
    </message>
    <message>
        <source>“%1” has no meaning in a canon. Known are ripple, together, from, to, enters.</source>
        <translation>„%1“ hat in einem Kanon keine Bedeutung. Bekannt sind ripple, together, from, to, enters.</translation>
    </message>
    <message>
        <source>so many figures are not added to that pass.</source>
        <translation>so viele Figuren werden diesem Durchgang nicht hinzugefügt.</translation>
    </message>
    <message>
        <source>“%1” is not a stance. Write “leader: left free, facing 12”.</source>
        <translation>„%1“ ist keine Stellung. Schreiben Sie „leader: left free, facing 12“.</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2 %3. Nothing was changed.</source>
        <translation>%1 kann nicht gelesen werden: %2 %3. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>A figure</source>
        <translation>Eine Figur</translation>
    </message>
    <message>
        <source>The file of figures</source>
        <translation>Die Figurendatei</translation>
    </message>
    <message>
        <source>This is not a file of figures.</source>
        <translation>Das ist keine Figurendatei.</translation>
    </message>
    <message>
        <source>These figures were written by a newer Lift Count (format %1; this one reads up to %2). Update Lift Count to read them.</source>
        <translation>Diese Figuren wurden von einem neueren Lift Count geschrieben (Format %1; dieses liest bis %2). Aktualisieren Sie Lift Count, um sie zu lesen.</translation>
    </message>
    <message>
        <source>The table is empty. Its first row names the columns: name, line of everyone, …</source>
        <translation>Die Tabelle ist leer. Ihre erste Zeile nennt die Spalten: name, line of everyone, …</translation>
    </message>
    <message>
        <source>Column %1 of the table is called “%2”, which means nothing here. Take it out, or name it as the export does.</source>
        <translation>Spalte %1 der Tabelle heißt „%2“; das bedeutet hier nichts. Nehmen Sie sie heraus oder benennen Sie sie wie beim Exportieren.</translation>
    </message>
    <message>
        <source>The column “%1” stands twice in the table.</source>
        <translation>Die Spalte „%1“ steht zweimal in der Tabelle.</translation>
    </message>
    <message>
        <source>The table has no column “name”.</source>
        <translation>Die Tabelle hat keine Spalte „name“.</translation>
    </message>
    <message>
        <source>Row %1 of the table has %2 cells, the header has %3.</source>
        <translation>Zeile %1 der Tabelle hat %2 Zellen, der Kopf hat %3.</translation>
    </message>
    <message>
        <source>%1the versions are no JSON text.</source>
        <translation>%1die Versionen sind kein JSON-Text.</translation>
    </message>
    <message>
        <source>Row %1 of the table: %2 %3.</source>
        <translation>Zeile %1 der Tabelle: %2 %3.</translation>
    </message>
    <message>
        <source>Row %1 of the table has a value of the wrong kind.</source>
        <translation>Zeile %1 der Tabelle hat einen Wert der falschen Art.</translation>
    </message>
    <message>
        <source>%1a figure needs a name.</source>
        <translation>%1eine Figur braucht einen Namen.</translation>
    </message>
    <message>
        <source>This hand-out has more than %1 lines. Paste the dance alone.</source>
        <translation>Diese Tanzbeschreibung hat mehr als %1 Zeilen. Fügen Sie nur den Tanz ein.</translation>
    </message>
    <message>
        <source>the number of a page</source>
        <translation>die Nummer einer Seite</translation>
    </message>
    <message>
        <source>No line of this text could be read as steps. Steps are written with their counts, as in “1-2 rock back L, recover R”, or as a list, as in “walk, walk, triple step”.</source>
        <translation>Keine Zeile dieses Textes konnte als Schritte gelesen werden. Schritte stehen mit ihren Counts wie in „1-2 rock back L, recover R“ oder als Liste wie in „walk, walk, triple step“.</translation>
    </message>
    <message>
        <source>for people to read</source>
        <translation>für Leute zum Lesen</translation>
    </message>
    <message>
        <source>danced several times: write how often in the order, for example “Order: A A A”</source>
        <translation>mehrmals getanzt: Schreiben Sie in der Folge, wie oft, zum Beispiel „Order: A A A“</translation>
    </message>
    <message>
        <source>the order of the parts: %1</source>
        <translation>die Folge der Teile: %1</translation>
    </message>
    <message>
        <source>a column for each role</source>
        <translation>eine Spalte für jede Rolle</translation>
    </message>
    <message numerus="yes">
        <source>%n wall|%n walls</source>
        <translation>
            <numerusform>%n Wand</numerusform>
            <numerusform>%n Wände</numerusform>
        </translation>
    </message>
    <message>
        <source>level %1</source>
        <translation>Niveau %1</translation>
    </message>
    <message>
        <source>an intro of %1</source>
        <translation>ein Intro von %1</translation>
    </message>
    <message>
        <source>%1 beats a minute</source>
        <translation>%1 Schläge pro Minute</translation>
    </message>
    <message>
        <source>the figure “%1”</source>
        <translation>die Figur „%1“</translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation>Teil %1 von %2</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>a restart, but not in which pass: write “restart in wall 3 after 16”</source>
        <translation>ein Restart, aber nicht, in welchem Durchgang: Schreiben Sie „restart in wall 3 after 16“</translation>
    </message>
    <message>
        <source>a restart, but not after how many counts: write “after 16”</source>
        <translation>ein Restart, aber nicht, nach wie vielen Counts: Schreiben Sie „after 16“</translation>
    </message>
    <message>
        <source>restart after %1 in %2</source>
        <translation>Restart nach %1 in %2</translation>
    </message>
    <message>
        <source>its steps take %1</source>
        <translation>seine Schritte dauern %1</translation>
    </message>
    <message>
        <source>a tag, but not after which pass: write “4-count tag after wall 3”</source>
        <translation>ein Tag, aber nicht, nach welchem Durchgang: Schreiben Sie „4-count tag after wall 3“</translation>
    </message>
    <message>
        <source>a tag, but not of how many counts: write “4-count tag”</source>
        <translation>ein Tag, aber nicht von wie vielen Counts: Schreiben Sie „4-count tag“</translation>
    </message>
    <message>
        <source>a tag of %1 after %2</source>
        <translation>ein Tag von %1 nach %2</translation>
    </message>
    <message>
        <source>a tag of %1 after %2, danced as written</source>
        <translation>ein Tag von %1 nach %2, getanzt wie geschrieben</translation>
    </message>
    <message>
        <source>its steps could not be read</source>
        <translation>seine Schritte konnten nicht gelesen werden</translation>
    </message>
    <message>
        <source>the title</source>
        <translation>der Titel</translation>
    </message>
    <message>
        <source>not understood: are these steps, or a remark?</source>
        <translation>nicht verstanden: Sind das Schritte oder eine Bemerkung?</translation>
    </message>
    <message>
        <source>a heading with no steps below it</source>
        <translation>eine Überschrift ohne Schritte darunter</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>geht weiter</translation>
    </message>
    <message>
        <source>steps, %1</source>
        <translation>Schritte, %1</translation>
    </message>
    <message>
        <source>steps: %1, %2</source>
        <translation>Schritte: %1, %2</translation>
    </message>
    <message>
        <source>at %1 beats a minute while no song is chosen</source>
        <translation>mit %1 Schlägen pro Minute, solange keine Musik gewählt ist</translation>
    </message>
    <message numerus="yes">
        <source>danced in %n pass until an order is written|danced in %n passes until an order is written</source>
        <translation>
            <numerusform>in %n Durchgang getanzt, bis eine Folge geschrieben ist</numerusform>
            <numerusform>in %n Durchgängen getanzt, bis eine Folge geschrieben ist</numerusform>
        </translation>
    </message>
    <message>
        <source>but part %1 is not written</source>
        <translation>aber Teil %1 ist nicht geschrieben</translation>
    </message>
    <message numerus="yes">
        <source>but there is %n pass|but there are %n passes</source>
        <translation>
            <numerusform>aber es gibt %n Durchgang</numerusform>
            <numerusform>aber es gibt %n Durchgänge</numerusform>
        </translation>
    </message>
    <message>
        <source>Line %1, “%2”: %3</source>
        <translation>Zeile %1, „%2“: %3</translation>
    </message>
    <message numerus="yes">
        <source>… and %n line more|… and %n lines more</source>
        <translation>
            <numerusform>… und %n weitere Zeile</numerusform>
            <numerusform>… und %n weitere Zeilen</numerusform>
        </translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>%1 again, to the other side</source>
        <translation>%1 noch einmal, zur anderen Seite</translation>
    </message>
    <message>
        <source>%1 again</source>
        <translation>%1 noch einmal</translation>
    </message>
    <message>
        <source>not read, since too much before it could not be</source>
        <translation>nicht gelesen, da davor zu viel nicht lesbar war</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation>%1: %2, dann %3 frei</translation>
    </message>
    <message>
        <source>Lyrics, line %1: the offset is a number of milliseconds.</source>
        <translation>Liedtext, Zeile %1: Der Versatz ist eine Zahl in Millisekunden.</translation>
    </message>
    <message>
        <source>That is more than %1 lines of words.</source>
        <translation>Das sind mehr als %1 Textzeilen.</translation>
    </message>
    <message>
        <source>The file has no line that begins with a time such as [1:05.30].</source>
        <translation>Die Datei hat keine Zeile, die mit einer Zeit wie [1:05.30] beginnt.</translation>
    </message>
    <message>
        <source>No line of words is marked in the song. Mark a moment (M) of the kind words, or import an LRC file.</source>
        <translation>Im Stück ist keine Textzeile markiert. Markieren Sie einen Moment (M) der Art Text oder importieren Sie eine LRC-Datei.</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>CSV</source>
        <translation>CSV</translation>
    </message>
    <message>
        <source>Export the map as CSV …</source>
        <translation>Karte als CSV exportieren …</translation>
    </message>
    <message>
        <source>CSV with the columns time_s,bar_index,beat_in_bar,phrase_index</source>
        <translation>CSV mit den Spalten time_s,bar_index,beat_in_bar,phrase_index</translation>
    </message>
    <message>
        <source>JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>Export the map as JSON …</source>
        <translation>Karte als JSON exportieren …</translation>
    </message>
    <message>
        <source>the JSON that is exported here</source>
        <translation>das JSON, das hier exportiert wird</translation>
    </message>
    <message>
        <source>MIDI</source>
        <translation>MIDI</translation>
    </message>
    <message>
        <source>Export the map as MIDI …</source>
        <translation>Karte als MIDI exportieren …</translation>
    </message>
    <message>
        <source>MIDI files</source>
        <translation>MIDI-Dateien</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Schläge</translation>
    </message>
    <message>
        <source>Export the beats as a list …</source>
        <translation>Schläge als Liste exportieren …</translation>
    </message>
    <message>
        <source>lists of beats (a time on each line, and the number of the beat in its bar)</source>
        <translation>Listen von Schlägen (eine Zeit in jeder Zeile und die Nummer des Schlags im Takt)</translation>
    </message>
    <message>
        <source>labels</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>Export the map as labels …</source>
        <translation>Karte als Marken exportieren …</translation>
    </message>
    <message>
        <source>label files (start, end, label, with tabs)</source>
        <translation>Markendateien (Anfang, Ende, Marke, mit Tabulatoren)</translation>
    </message>
    <message>
        <source>WebVTT</source>
        <translation>WebVTT</translation>
    </message>
    <message>
        <source>Export the phrases as WebVTT …</source>
        <translation>Phrasen als WebVTT exportieren …</translation>
    </message>
    <message>
        <source>LRC</source>
        <translation>LRC</translation>
    </message>
    <message>
        <source>Export the lines of words as LRC …</source>
        <translation>Textzeilen als LRC exportieren …</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>Schläge</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds, alone or with the number of the beat in its bar.</source>
        <translation>„%1“ ist keine Zeit in Sekunden, allein oder mit der Nummer des Schlags in seinem Takt.</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds.</source>
        <translation>„%1“ ist keine Zeit in Sekunden.</translation>
    </message>
    <message>
        <source>its time does not come after the row before.</source>
        <translation>ihre Zeit liegt nicht nach der vorigen Zeile.</translation>
    </message>
    <message>
        <source>that is more than %1 beats.</source>
        <translation>das sind mehr als %1 Schläge.</translation>
    </message>
    <message>
        <source>some rows say the beat in the bar and some do not.</source>
        <translation>manche Zeilen nennen den Schlag im Takt, andere nicht.</translation>
    </message>
    <message>
        <source>The list has no beats. It needs at least two times.</source>
        <translation>Die Liste hat keine Schläge. Sie braucht mindestens zwei Zeiten.</translation>
    </message>
    <message>
        <source>No row of the list is the 1 of a bar.</source>
        <translation>Keine Zeile der Liste ist die 1 eines Taktes.</translation>
    </message>
    <message>
        <source>The list says no bars: bars of %1 were drawn from its first beat.</source>
        <translation>Die Liste nennt keine Takte: Takte von %1 wurden ab dem ersten Schlag gezogen.</translation>
    </message>
    <message>
        <source>It says no phrases: phrases of %1 bars were drawn.</source>
        <translation>Sie nennt keine Phrasen: Phrasen von %1 Takten wurden gezogen.</translation>
    </message>
    <message>
        <source>State where they start.</source>
        <translation>Geben Sie an, wo sie beginnen.</translation>
    </message>
    <message>
        <source>has more than %1 beats</source>
        <translation>hat mehr als %1 Schläge</translation>
    </message>
    <message>
        <source>This song map cannot be read: %1 %2.</source>
        <translation>Diese Musikkarte kann nicht gelesen werden: %1 %2.</translation>
    </message>
    <message>
        <source>The MIDI file has more than %1 beats.</source>
        <translation>Die MIDI-Datei hat mehr als %1 Schläge.</translation>
    </message>
    <message>
        <source>The MIDI file is over before its second beat.</source>
        <translation>Die MIDI-Datei ist vor ihrem zweiten Schlag zu Ende.</translation>
    </message>
    <message>
        <source>The MIDI file has no markers: phrases of %1 bars were drawn.</source>
        <translation>Die MIDI-Datei hat keine Markierungen: Phrasen von %1 Takten wurden gezogen.</translation>
    </message>
    <message>
        <source>These labels are points in time; a phrase needs a start and an end. If the points are beats, save them as a list: a time on each line, and after it the number of the beat in its bar.</source>
        <translation>Diese Marken sind Zeitpunkte; eine Phrase braucht Anfang und Ende. Sind die Punkte Schläge, speichern Sie sie als Liste: eine Zeit in jeder Zeile und danach die Nummer des Schlags im Takt.</translation>
    </message>
    <message>
        <source>the first line should read “%1”.</source>
        <translation>die erste Zeile sollte „%1“ lauten.</translation>
    </message>
    <message>
        <source>a row has four columns: time, bar, beat in the bar, phrase.</source>
        <translation>eine Zeile hat vier Spalten: Zeit, Takt, Schlag im Takt, Phrase.</translation>
    </message>
    <message>
        <source>bar, beat and phrase are whole numbers.</source>
        <translation>Takt, Schlag und Phrase sind ganze Zahlen.</translation>
    </message>
    <message>
        <source>bar %1 begins with beat %2, not with 1.</source>
        <translation>Takt %1 beginnt mit Schlag %2, nicht mit 1.</translation>
    </message>
    <message>
        <source>bar %1 does not follow bar %2.</source>
        <translation>Takt %1 folgt nicht auf Takt %2.</translation>
    </message>
    <message>
        <source>beat %1 does not follow beat %2.</source>
        <translation>Schlag %1 folgt nicht auf Schlag %2.</translation>
    </message>
    <message>
        <source>phrase %1 does not begin on a bar after phrase %2.</source>
        <translation>Phrase %1 beginnt nicht an einem Takt nach Phrase %2.</translation>
    </message>
    <message>
        <source>The CSV has no beats. It needs one row for each beat.</source>
        <translation>Die CSV-Datei hat keine Schläge. Sie braucht eine Zeile für jeden Schlag.</translation>
    </message>
    <message>
        <source>The CSV has no bars: every row is a pick-up (bar −1). Number the bars from 0.</source>
        <translation>Die CSV-Datei hat keine Takte: Jede Zeile ist Auftakt (Takt −1). Nummerieren Sie die Takte ab 0.</translation>
    </message>
    <message>
        <source>Labels</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>a line has a start, an end and a label, with tabs between them.</source>
        <translation>eine Zeile hat Anfang, Ende und Marke, mit Tabulatoren dazwischen.</translation>
    </message>
    <message>
        <source>start and end are seconds, such as 12.345.</source>
        <translation>Anfang und Ende sind Sekunden, etwa 12.345.</translation>
    </message>
    <message>
        <source>it ends before it starts.</source>
        <translation>sie endet, bevor sie beginnt.</translation>
    </message>
    <message>
        <source>a stop says its beats, such as “stop 4”, and has a length.</source>
        <translation>ein Stopp nennt seine Schläge, etwa „stop 4“, und hat eine Länge.</translation>
    </message>
    <message>
        <source>The label file names no phrases.</source>
        <translation>Die Markendatei nennt keine Phrasen.</translation>
    </message>
    <message>
        <source>The labels reach over more than %1 beats at this tempo.</source>
        <translation>Die Marken reichen bei diesem Tempo über mehr als %1 Schläge.</translation>
    </message>
    <message>
        <source>The labels are over before a second beat.</source>
        <translation>Die Marken sind vor einem zweiten Schlag zu Ende.</translation>
    </message>
    <message numerus="yes">
        <source>One label that is a point in time is left out.|%n labels that are points in time are left out.</source>
        <translation>
            <numerusform>Eine Marke, die ein Zeitpunkt ist, wurde weggelassen.</numerusform>
            <numerusform>%n Marken, die Zeitpunkte sind, wurden weggelassen.</numerusform>
        </translation>
    </message>
    <message>
        <source>A label file has no beats: %1 bpm in bars of %2 fit its phrases best.</source>
        <translation>Eine Markendatei hat keine Schläge: %1 bpm in Takten von %2 passen am besten zu ihren Phrasen.</translation>
    </message>
    <message>
        <source>State the tempo if they should be counted otherwise.</source>
        <translation>Geben Sie das Tempo an, wenn anders gezählt werden soll.</translation>
    </message>
    <message>
        <source>%1 is not a song map. Known are %2.</source>
        <translation>%1 ist keine Musikkarte. Bekannt sind %2.</translation>
    </message>
    <message>
        <source>The MIDI file could not be made: no room in the folder for temporary files.</source>
        <translation>Die MIDI-Datei konnte nicht erstellt werden: kein Platz im Ordner für vorübergehende Dateien.</translation>
    </message>
    <message>
        <source>A song without beats has no tempo to write as MIDI.</source>
        <translation>Ein Stück ohne Schläge hat kein Tempo, das als MIDI geschrieben werden könnte.</translation>
    </message>
    <message>
        <source>The first beat lies before the recording; MIDI has no time before 0.</source>
        <translation>Der erste Schlag liegt vor der Aufnahme; MIDI kennt keine Zeit vor 0.</translation>
    </message>
    <message>
        <source>The MIDI file could not be made.</source>
        <translation>Die MIDI-Datei konnte nicht erstellt werden.</translation>
    </message>
    <message>
        <source>A beat longer than 16 seconds cannot be written as MIDI.</source>
        <translation>Ein Schlag, der länger als 16 Sekunden ist, kann nicht als MIDI geschrieben werden.</translation>
    </message>
    <message>
        <source>The MIDI track could not be closed.</source>
        <translation>Die MIDI-Spur konnte nicht geschlossen werden.</translation>
    </message>
    <message>
        <source>%1, line %2: %3</source>
        <translation>%1, Zeile %2: %3</translation>
    </message>
    <message>
        <source>it does not begin like a MIDI file</source>
        <translation>sie beginnt nicht wie eine MIDI-Datei</translation>
    </message>
    <message>
        <source>its header breaks off</source>
        <translation>ihr Kopf bricht ab</translation>
    </message>
    <message>
        <source>it holds several songs (format 2); save them one by one</source>
        <translation>sie enthält mehrere Stücke (Format 2); speichern Sie sie einzeln</translation>
    </message>
    <message>
        <source>its clock is film frames, which have no beats</source>
        <translation>ihre Uhr zählt Filmbilder, die keine Schläge haben</translation>
    </message>
    <message>
        <source>a track breaks off</source>
        <translation>eine Spur bricht ab</translation>
    </message>
    <message>
        <source>an event cannot be read</source>
        <translation>ein Ereignis kann nicht gelesen werden</translation>
    </message>
    <message>
        <source>The MIDI file cannot be read at byte %1: %2.</source>
        <translation>Die MIDI-Datei kann bei Byte %1 nicht gelesen werden: %2.</translation>
    </message>
    <message>
        <source>There are no passes to paste. Copy some first: choose them in the list of passes.</source>
        <translation>Es gibt keine Durchgänge zum Einfügen. Kopieren Sie zuerst welche: Wählen Sie sie in der Liste der Durchgänge.</translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy some first: choose them in a part.</source>
        <translation>Es gibt keine Figuren zum Einfügen. Kopieren Sie zuerst welche: Wählen Sie sie in einem Teil.</translation>
    </message>
    <message>
        <source>this routine has no part “%1”.</source>
        <translation>diese Choreografie hat keinen Teil „%1“.</translation>
    </message>
    <message>
        <source>the text begins with the line “%1”.</source>
        <translation>der Text beginnt mit der Zeile „%1“.</translation>
    </message>
    <message>
        <source>the part would lie inside itself.</source>
        <translation>der Teil läge in sich selbst.</translation>
    </message>
    <message>
        <source>“%1” is not known here. Lines begin with title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled, or left as it is.</source>
        <translation>„%1“ ist hier nicht bekannt. Zeilen beginnen mit title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled oder left as it is.</translation>
    </message>
    <message>
        <source>this is said already in line %1.</source>
        <translation>das ist schon in Zeile %1 gesagt.</translation>
    </message>
    <message>
        <source>there is no song to which it belongs. Add a line such as “song: intro 16 | verse 32”.</source>
        <translation>es gibt keine Musik, zu der es gehört. Fügen Sie eine Zeile wie „song: intro 16 | verse 32“ hinzu.</translation>
    </message>
    <message>
        <source>the tempo is a number of beats a minute, such as 112.</source>
        <translation>das Tempo ist eine Zahl von Schlägen pro Minute, etwa 112.</translation>
    </message>
    <message>
        <source>a moment is a time, a kind and a name: “moment: 13 s, hit, the big stop”.</source>
        <translation>ein Moment ist eine Zeit, eine Art und ein Name: „moment: 13 s, hit, the big stop“.</translation>
    </message>
    <message>
        <source>the counting is a unit and the bars of a set: “counting: beat, 2 bars”.</source>
        <translation>die Zählweise ist eine Einheit und die Takte einer Zählreihe: „counting: beat, 2 bars“.</translation>
    </message>
    <message>
        <source>a routine has at most 8 roles.</source>
        <translation>eine Choreografie hat höchstens 8 Rollen.</translation>
    </message>
    <message>
        <source>a role needs a name.</source>
        <translation>eine Rolle braucht einen Namen.</translation>
    </message>
    <message>
        <source>two roles are called “%1”.</source>
        <translation>zwei Rollen heißen „%1“.</translation>
    </message>
    <message>
        <source>a frame is “entry 2, close 2”.</source>
        <translation>ein Rahmen ist „entry 2, close 2“.</translation>
    </message>
    <message>
        <source>“%1” is not known of a figure. Known are %2.</source>
        <translation>„%1“ ist von einer Figur nicht bekannt. Bekannt sind %2.</translation>
    </message>
    <message>
        <source>a figure needs a name: “figure: Vane vine”.</source>
        <translation>eine Figur braucht einen Namen: „figure: Vane vine“.</translation>
    </message>
    <message>
        <source>a part is named by one word, such as A or Ending.</source>
        <translation>ein Teil heißt mit einem Wort, etwa A oder Ende.</translation>
    </message>
    <message>
        <source>there is a part “%1” already.</source>
        <translation>es gibt schon einen Teil „%1“.</translation>
    </message>
    <message>
        <source>there are no passes yet. Say the order of the parts first: “order: A A B”.</source>
        <translation>es gibt noch keine Durchgänge. Nennen Sie zuerst die Folge der Teile: „order: A A B“.</translation>
    </message>
    <message>
        <source>this pass has been told already.</source>
        <translation>dieser Durchgang ist schon beschrieben.</translation>
    </message>
    <message>
        <source>write “accent: pass 2, figure 1, count 9, moment 1”.</source>
        <translation>schreiben Sie „accent: pass 2, figure 1, count 9, moment 1“.</translation>
    </message>
    <message>
        <source>the song has no moments. Add “moment: 13 s, hit, the big stop”.</source>
        <translation>die Musik hat keine Momente. Fügen Sie „moment: 13 s, hit, the big stop“ hinzu.</translation>
    </message>
    <message>
        <source>“%1” does not say where the line of the hand-out stands.</source>
        <translation>„%1“ sagt nicht, wo die Zeile der Tanzbeschreibung steht.</translation>
    </message>
    <message>
        <source>“%1” is not known here. A line that is not settled has text and why.</source>
        <translation>„%1“ ist hier nicht bekannt. Eine offene Zeile hat text und why.</translation>
    </message>
    <message>
        <source>“%1” does not say which finding is left as it is.</source>
        <translation>„%1“ sagt nicht, welcher Hinweis so bleibt.</translation>
    </message>
    <message>
        <source>there is nothing of this kind above it.</source>
        <translation>darüber steht nichts dieser Art.</translation>
    </message>
    <message>
        <source>Line %1 is indented, but stands under nothing. Begin it at the margin.</source>
        <translation>Zeile %1 ist eingerückt, steht aber unter nichts. Beginnen Sie sie am Rand.</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds. Write for example 12.5 s.</source>
        <translation>„%1“ ist keine Zeit in Sekunden. Schreiben Sie zum Beispiel 12.5 s.</translation>
    </message>
    <message>
        <source>a whole number from %1 to %2 is missing after “%3”.</source>
        <translation>nach „%3“ fehlt eine ganze Zahl von %1 bis %2.</translation>
    </message>
    <message>
        <source>“%1” should be a whole number from %2 to %3.</source>
        <translation>„%1“ sollte eine ganze Zahl von %2 bis %3 sein.</translation>
    </message>
    <message>
        <source>“%1” says nothing about the feel. Known are slow, quick, &amp;, a, stomp without weight.</source>
        <translation>„%1“ sagt nichts über die Unterteilung. Bekannt sind slow, quick, &amp;, a, stomp without weight.</translation>
    </message>
    <message>
        <source>slow and quick last longer than nothing, and &amp; comes before a inside a count.</source>
        <translation>langsam und schnell dauern länger als nichts, und &amp; kommt in einem Count vor a.</translation>
    </message>
    <message>
        <source>a word is its name, the school that means it so, if any, and its steps: “word: zwirl step, Hofkreis = 1 step &amp; step 2 step”.</source>
        <translation>ein Wort ist sein Name, die Schule, die es so meint, falls es eine gibt, und seine Schritte: „word: zwirl step, Hofkreis = 1 step &amp; step 2 step“.</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>twice %1</source>
        <translation>zweimal %1</translation>
    </message>
    <message numerus="yes">
        <source>once %1|%2 times %1</source>
        <translation>
            <numerusform>einmal %1</numerusform>
            <numerusform>%2-mal %1</numerusform>
        </translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation>bei %1: %2</translation>
    </message>
    <message>
        <source>it ends on the other foot than it begins</source>
        <translation>sie endet auf dem anderen Fuß, als sie beginnt</translation>
    </message>
    <message>
        <source>it ends in the middle of an eight, after %1</source>
        <translation>sie endet mitten in einem Achter, nach %1</translation>
    </message>
    <message>
        <source>it ends in the middle of a set, after %1</source>
        <translation>sie endet mitten in einer Zählreihe, nach %1</translation>
    </message>
    <message>
        <source>it has no repetition %1, in which the turn belongs</source>
        <translation>sie hat keine Wiederholung %1, in die die Drehung gehört</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>line of %1</source>
        <translation>Zeile von %1</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>Versionen</translation>
    </message>
    <message>
        <source>order of its lines</source>
        <translation>Folge ihrer Zeilen</translation>
    </message>
    <message>
        <source>other names</source>
        <translation>andere Namen</translation>
    </message>
    <message>
        <source>family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>description</source>
        <translation>Beschreibung</translation>
    </message>
    <message>
        <source>in one line</source>
        <translation>in einer Zeile</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Worte</translation>
    </message>
    <message>
        <source>taught with</source>
        <translation>gelehrt mit</translation>
    </message>
    <message>
        <source>cautions</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>tags</source>
        <translation>Stichwörter</translation>
    </message>
    <message>
        <source>The line cannot be read to its end</source>
        <translation>Die Zeile kann nicht bis zum Ende gelesen werden</translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation>Bei Zeichen %1: %2</translation>
    </message>
    <message>
        <source>A foot is not free</source>
        <translation>Ein Fuß ist nicht frei</translation>
    </message>
    <message>
        <source>It may mean: %1.</source>
        <translation>Es kann heißen: %1.</translation>
    </message>
    <message>
        <source>It is %1</source>
        <translation>Es ist %1</translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free; read so now</source>
        <translation>%1, dann ist der Fuß %2 frei; so wird es jetzt gelesen</translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free</source>
        <translation>%1, dann ist der Fuß %2 frei</translation>
    </message>
    <message>
        <source>Called %1, adds up to %2</source>
        <translation>%1 genannt, ergibt %2</translation>
    </message>
    <message>
        <source>Its steps fill %1 more than it is said to have.</source>
        <translation>Ihre Schritte füllen %1 mehr als angegeben.</translation>
    </message>
    <message>
        <source>Its steps fill %1, %2 short.</source>
        <translation>Ihre Schritte füllen %1, %2 zu wenig.</translation>
    </message>
    <message>
        <source>Let step %1 last %2</source>
        <translation>Schritt %1 %2 dauern lassen</translation>
    </message>
    <message>
        <source>The feet stay as they are.</source>
        <translation>Die Füße bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>Call it a figure of %1</source>
        <translation>Sie eine Figur von %1 nennen</translation>
    </message>
    <message>
        <source>Add a wait of %1 at its end</source>
        <translation>Am Ende %1 Warten hinzufügen</translation>
    </message>
    <message>
        <source>%1 has %2, %3 %4: +%5, %1 misses the meet point at %4.</source>
        <translation>%1 hat %2, %3 %4: +%5, %1 verfehlt den Treffpunkt bei %4.</translation>
    </message>
    <message numerus="yes">
        <source>Both make %n weight change, so the feet agree all the same.|Both make %n weight changes, so the feet agree all the same.</source>
        <translation>
            <numerusform>Beide wechseln %n-mal das Gewicht, die Füße stimmen also trotzdem.</numerusform>
            <numerusform>Beide wechseln %n-mal das Gewicht, die Füße stimmen also trotzdem.</numerusform>
        </translation>
    </message>
    <message>
        <source>The roles do not end together</source>
        <translation>Die Rollen enden nicht zusammen</translation>
    </message>
    <message>
        <source>%1 waits %2 at the end</source>
        <translation>%1 wartet am Ende %2</translation>
    </message>
    <message>
        <source>The roles miss each other at the end</source>
        <translation>Die Rollen verfehlen einander am Ende</translation>
    </message>
    <message>
        <source>The roles miss each other at %1</source>
        <translation>Die Rollen verfehlen einander bei %1</translation>
    </message>
    <message>
        <source>At this meet point %1.</source>
        <translation>An diesem Treffpunkt: %1.</translation>
    </message>
    <message>
        <source>Two lines say different holds</source>
        <translation>Zwei Zeilen nennen verschiedene Fassungen</translation>
    </message>
    <message>
        <source>On %1 %2 says “%3”, %4 “%5”.</source>
        <translation>Auf %1 sagt %2 „%3“, %4 „%5“.</translation>
    </message>
    <message>
        <source>No room for a body</source>
        <translation>Kein Raum für einen Hauptteil</translation>
    </message>
    <message>
        <source>Entry %1 and close %2 fill all of its %3.</source>
        <translation>Einstieg %1 und Schluss %2 füllen alle %3.</translation>
    </message>
    <message>
        <source>A version cannot be read</source>
        <translation>Eine Version kann nicht gelesen werden</translation>
    </message>
    <message>
        <source>The version “%1” has a line that cannot be read to its end.</source>
        <translation>Die Version „%1“ hat eine Zeile, die nicht bis zum Ende gelesen werden kann.</translation>
    </message>
    <message>
        <source>A version has another length</source>
        <translation>Eine Version hat eine andere Länge</translation>
    </message>
    <message>
        <source>The version “%1” has %2, the figure %3. What follows it moves.</source>
        <translation>Die Version „%1“ hat %2, die Figur %3. Was folgt, verschiebt sich.</translation>
    </message>
    <message>
        <source>A version leaves another foot</source>
        <translation>Eine Version lässt einen anderen Fuß frei</translation>
    </message>
    <message>
        <source>The version “%1” leaves the %2 foot free, the figure the %3. Versions that share a place must leave the same foot.</source>
        <translation>Die Version „%1“ lässt den Fuß %2 frei, die Figur den Fuß %3. Versionen am selben Platz müssen denselben Fuß frei lassen.</translation>
    </message>
    <message>
        <source>half a bar is left over.</source>
        <translation>ein halber Takt bleibt übrig.</translation>
    </message>
    <message>
        <source>%1 to the next bar.</source>
        <translation>%1 bis zum nächsten Takt.</translation>
    </message>
    <message>
        <source>No whole number of bars</source>
        <translation>Keine ganze Zahl von Takten</translation>
    </message>
    <message>
        <source>%1 = %2 bars of %3; %4</source>
        <translation>%1 = %2 Takte von %3; %4</translation>
    </message>
    <message>
        <source>A step is quicker than your limit</source>
        <translation>Ein Schritt ist schneller als Ihre Grenze</translation>
    </message>
    <message>
        <source>The step on %1 has %2 s at this tempo; your own limit is %3 s.</source>
        <translation>Der Schritt auf %1 hat bei diesem Tempo %2 s; Ihre eigene Grenze ist %3 s.</translation>
    </message>
    <message>
        <source>A turn is faster than your limit</source>
        <translation>Eine Drehung ist schneller als Ihre Grenze</translation>
    </message>
    <message>
        <source>The turn on %1 runs at %2°/s at this tempo; your own limit is %3°/s.</source>
        <translation>Die Drehung auf %1 läuft bei diesem Tempo mit %2°/s; Ihre eigene Grenze ist %3°/s.</translation>
    </message>
    <message>
        <source>The tail is not written yet</source>
        <translation>Der Rest ist noch nicht geschrieben</translation>
    </message>
    <message>
        <source>After %1 the line goes on with “…”.</source>
        <translation>Nach %1 geht die Zeile mit „…“ weiter.</translation>
    </message>
    <message>
        <source>Not timed yet</source>
        <translation>Noch ohne Zeiten</translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an even number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation>Was in %1 ab %2 geschieht, hat noch keine Zeiten. Es macht eine gerade Zahl von Gewichtswechseln, denn es kommt mit freiem Fuß %3 und lässt den Fuß %4 frei.</translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an odd number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation>Was in %1 ab %2 geschieht, hat noch keine Zeiten. Es macht eine ungerade Zahl von Gewichtswechseln, denn es kommt mit freiem Fuß %3 und lässt den Fuß %4 frei.</translation>
    </message>
    <message>
        <source>they should be on the same foot, but %1 has the %2 free and %3 the %4</source>
        <translation>sie sollten auf demselben Fuß sein, aber %1 hat %2 frei und %3 %4</translation>
    </message>
    <message>
        <source>they should be on opposite feet, but both have the %1 free</source>
        <translation>sie sollten auf entgegengesetzten Füßen sein, aber beide haben %1 frei</translation>
    </message>
    <message>
        <source>%1 goes on for %2 more</source>
        <translation>%1 geht noch %2 weiter</translation>
    </message>
    <message>
        <source>then the %1 foot free</source>
        <translation>dann ist der Fuß %1 frei</translation>
    </message>
    <message>
        <source>%1 foot free before</source>
        <translation>davor der Fuß %1 frei</translation>
    </message>
    <message>
        <source>ends %1</source>
        <translation>endet %1</translation>
    </message>
    <message>
        <source>starts %1</source>
        <translation>beginnt %1</translation>
    </message>
    <message>
        <source>with a turn</source>
        <translation>mit einer Drehung</translation>
    </message>
    <message>
        <source>without a turn</source>
        <translation>ohne Drehung</translation>
    </message>
    <message>
        <source>Say the lengths of the figures that may fill the counts, such as 6 and 8.</source>
        <translation>Nennen Sie die Längen der Figuren, die die Counts füllen dürfen, etwa 6 und 8.</translation>
    </message>
    <message>
        <source>A figure is at least a quarter of a count long.</source>
        <translation>Eine Figur ist mindestens einen Viertelcount lang.</translation>
    </message>
    <message>
        <source>Between one and 4096 counts can be filled.</source>
        <translation>Zwischen einem und 4096 Counts können gefüllt werden.</translation>
    </message>
    <message>
        <source>There are more than 100,000 ways to fill %1 with these lengths. Take fewer of them.</source>
        <translation>Es gibt mehr als 100.000 Arten, %1 mit diesen Längen zu füllen. Nehmen Sie weniger davon.</translation>
    </message>
    <message>
        <source>Fillers are made for 1 to 64 whole counts.</source>
        <translation>Füllfiguren werden für 1 bis 64 ganze Counts gemacht.</translation>
    </message>
    <message>
        <source>the figure has no frame: say how many counts are its entry and close</source>
        <translation>die Figur hat keinen Rahmen: Sagen Sie, wie viele Counts Einstieg und Schluss sind</translation>
    </message>
    <message>
        <source>entry and close leave no room for a body</source>
        <translation>Einstieg und Schluss lassen keinen Raum für einen Hauptteil</translation>
    </message>
    <message>
        <source>its line cannot be read to the end</source>
        <translation>ihre Zeile kann nicht bis zum Ende gelesen werden</translation>
    </message>
    <message>
        <source>%1, %2 are needed</source>
        <translation>%1, %2 werden gebraucht</translation>
    </message>
    <message>
        <source>it has no line for %1</source>
        <translation>sie hat keine Zeile für %1</translation>
    </message>
    <message>
        <source>a step of the figure reaches over the end of its entry or body</source>
        <translation>ein Schritt der Figur reicht über das Ende des Einstiegs oder Hauptteils</translation>
    </message>
    <message>
        <source>begins with the %1 foot, the %2 is free</source>
        <translation>beginnt mit dem Fuß %1, frei ist %2</translation>
    </message>
    <message>
        <source>leaves the %1 foot free, the close needs the %2</source>
        <translation>lässt den Fuß %1 frei, der Schluss braucht %2</translation>
    </message>
    <message>
        <source>begins with %1, here it is %2</source>
        <translation>beginnt mit %1, hier ist es %2</translation>
    </message>
    <message>
        <source>begins %1, here it is %2</source>
        <translation>beginnt %1, hier ist es %2</translation>
    </message>
    <message>
        <source>ends with %1, the close has %2</source>
        <translation>endet mit %1, der Schluss hat %2</translation>
    </message>
    <message>
        <source>ends %1, the close is %2</source>
        <translation>endet %1, der Schluss ist %2</translation>
    </message>
    <message>
        <source>%1 needs the %2 foot; the %3 is free</source>
        <translation>%1 braucht den Fuß %2; frei ist %3</translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3</source>
        <translation>%1 beginnt mit %2; hier ist es %3</translation>
    </message>
    <message>
        <source>%1 begins %2; here it is %3</source>
        <translation>%1 beginnt %2; hier ist es %3</translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3: one role alone changes feet</source>
        <translation>%1 beginnt mit %2; hier ist es %3: Eine Rolle allein wechselt die Füße</translation>
    </message>
    <message>
        <source>in %1, at %2: %3</source>
        <translation>in %1, bei %2: %3</translation>
    </message>
    <message>
        <source>not known: a part is free</source>
        <translation>nicht bekannt: Ein Stück ist frei</translation>
    </message>
    <message>
        <source>%1 to the right</source>
        <translation>%1 nach rechts</translation>
    </message>
    <message>
        <source>%1 to the left</source>
        <translation>%1 nach links</translation>
    </message>
    <message>
        <source>%1 forward</source>
        <translation>%1 vorwärts</translation>
    </message>
    <message>
        <source>%1 back</source>
        <translation>%1 rückwärts</translation>
    </message>
    <message>
        <source>on the spot</source>
        <translation>am Platz</translation>
    </message>
    <message>
        <source>%1 &amp;</source>
        <translation>%1 &amp;</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first; its versions stand here.</source>
        <translation>Schreiben Sie zuerst die Counts der Figur; ihre Versionen stehen hier.</translation>
    </message>
    <message>
        <source>the other foot first</source>
        <translation>der andere Fuß zuerst</translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation>zur anderen Seite</translation>
    </message>
    <message>
        <source>last step on %1</source>
        <translation>letzter Schritt auf %1</translation>
    </message>
    <message>
        <source>There are %1 versions. Change fewer steps to see them side by side.</source>
        <translation>Es gibt %1 Versionen. Ändern Sie weniger Schritte, um sie nebeneinander zu sehen.</translation>
    </message>
    <message>
        <source>%1 stretched</source>
        <translation>%1 gedehnt</translation>
    </message>
    <message>
        <source>%1 in one</source>
        <translation>%1 in einem</translation>
    </message>
    <message>
        <source>The roles have no version in common: their steps fall differently.</source>
        <translation>Die Rollen haben keine gemeinsame Version: Ihre Schritte liegen verschieden.</translation>
    </message>
    <message numerus="yes">
        <source>one step stretched to two counts|%n steps stretched to two counts</source>
        <translation>
            <numerusform>ein Schritt auf zwei Counts gedehnt</numerusform>
            <numerusform>%n Schritte auf zwei Counts gedehnt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>one pair in one count|%n pairs in one count</source>
        <translation>
            <numerusform>ein Paar in einem Count</numerusform>
            <numerusform>%n Paare in einem Count</numerusform>
        </translation>
    </message>
    <message>
        <source>no count left</source>
        <translation>kein Count übrig</translation>
    </message>
    <message>
        <source>%1 left to the 1</source>
        <translation>%1 bis zur 1</translation>
    </message>
    <message numerus="yes">
        <source>%1: %n version of %2, %3 foot free, %4|%1: %n versions of %2, %3 foot free, %4</source>
        <comment>%1: one pair in one count; %4: 2 counts left to the 1</comment>
        <translation>
            <numerusform>%1: %n Version von %2, Fuß %3 frei, %4</numerusform>
            <numerusform>%1: %n Versionen von %2, Fuß %3 frei, %4</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; %n ends with a step on %2|%1; %n end with a step on %2</source>
        <comment>%1: all that is said before</comment>
        <translation>
            <numerusform>%1; %n endet mit einem Schritt auf %2</numerusform>
            <numerusform>%1; %n enden mit einem Schritt auf %2</numerusform>
        </translation>
    </message>
    <message>
        <source>said %1</source>
        <translation>gesagt %1</translation>
    </message>
    <message>
        <source>the same line in the other feels that it can be said in</source>
        <translation>dieselbe Zeile in den anderen Unterteilungen, in denen sie gesagt werden kann</translation>
    </message>
    <message>
        <source>The line can be said in its own feel only.</source>
        <translation>Die Zeile kann nur in ihrer eigenen Unterteilung gesagt werden.</translation>
    </message>
    <message>
        <source>leaves the %1 foot free</source>
        <translation>lässt den Fuß %1 frei</translation>
    </message>
    <message>
        <source>begun on %1</source>
        <translation>begonnen auf %1</translation>
    </message>
    <message>
        <source>ends before %1</source>
        <translation>endet vor %1</translation>
    </message>
    <message>
        <source>breaks on %1</source>
        <translation>Break auf %1</translation>
    </message>
    <message>
        <source>the same figure begun on another count of the music</source>
        <translation>dieselbe Figur, auf einem anderen Count der Musik begonnen</translation>
    </message>
    <message>
        <source>Step %1 of %2 is not a step with weight. Choose another.</source>
        <translation>Schritt %1 von %2 ist kein Schritt mit Gewicht. Wählen Sie einen anderen.</translation>
    </message>
    <message>
        <source>%1 changes</source>
        <translation>%1 Wechsel</translation>
    </message>
    <message>
        <source>ornament of %1, step %2</source>
        <translation>Verzierung von %1, Schritt %2</translation>
    </message>
    <message>
        <source>%1 s each, wrong foot</source>
        <translation>je %1 s, falscher Fuß</translation>
    </message>
    <message>
        <source>%1 s each, over your limit</source>
        <translation>je %1 s, über Ihrer Grenze</translation>
    </message>
    <message>
        <source>%1 s each, fits</source>
        <translation>je %1 s, passt</translation>
    </message>
    <message>
        <source>in the time of step %1 of %2: an odd number of changes leaves the foot as it is</source>
        <translation>in der Zeit von Schritt %1 von %2: Eine ungerade Zahl von Wechseln lässt den Fuß, wie er ist</translation>
    </message>
    <message>
        <source>in the time of step %1: an odd number of changes leaves the foot as it is</source>
        <translation>in der Zeit von Schritt %1: Eine ungerade Zahl von Wechseln lässt den Fuß, wie er ist</translation>
    </message>
    <message>
        <source>There are more than 20,000 versions of this line. Change fewer steps, or a shorter line.</source>
        <translation>Es gibt mehr als 20.000 Versionen dieser Zeile. Ändern Sie weniger Schritte oder nehmen Sie eine kürzere Zeile.</translation>
    </message>
    <message>
        <source>No step of this line lasts exactly one count; only such steps are stretched or doubled.</source>
        <translation>Kein Schritt dieser Zeile dauert genau einen Count; nur solche Schritte werden gedehnt oder verdoppelt.</translation>
    </message>
    <message>
        <source>No two steps of one count follow each other in this line, so none can share a count.</source>
        <translation>In dieser Zeile folgen nie zwei Schritte von einem Count aufeinander, also können keine einen Count teilen.</translation>
    </message>
    <message numerus="yes">
        <source>At most one pair of this line can share a count. Ask for no more than that.|At most %n pairs of this line can share a count. Ask for no more than that.</source>
        <translation>
            <numerusform>Höchstens ein Paar dieser Zeile kann einen Count teilen. Verlangen Sie nicht mehr.</numerusform>
            <numerusform>Höchstens %n Paare dieser Zeile können einen Count teilen. Verlangen Sie nicht mehr.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The steps of this line can be stretched by one count at most. Ask for no more than that.|The steps of this line can be stretched by %n counts at most. Ask for no more than that.</source>
        <translation>
            <numerusform>Die Schritte dieser Zeile können um höchstens einen Count gedehnt werden. Verlangen Sie nicht mehr.</numerusform>
            <numerusform>Die Schritte dieser Zeile können um höchstens %n Counts gedehnt werden. Verlangen Sie nicht mehr.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 + %2, %3</source>
        <translation>%1 + %2, %3</translation>
    </message>
    <message numerus="yes">
        <source>step %1|steps %1</source>
        <translation>
            <numerusform>Schritt %1</numerusform>
            <numerusform>Schritte %1</numerusform>
        </translation>
    </message>
    <message>
        <source>A version changes one step or more, stretches it to two counts or more, and fills more than nothing.</source>
        <translation>Eine Version ändert einen Schritt oder mehr, dehnt ihn auf zwei Counts oder mehr und füllt mehr als nichts.</translation>
    </message>
    <message>
        <source>That bridge is no longer there; nothing was changed.</source>
        <translation>Diese Brücke gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>That change is no longer there; nothing was changed.</source>
        <translation>Diese Änderung gibt es nicht mehr; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>There is no music at that place to bind it to.</source>
        <translation>An dieser Stelle gibt es keine Musik, an die es gehängt werden könnte.</translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation>an die Musik hängen</translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation>beim Durchgang behalten</translation>
    </message>
    <message>
        <source>No pass is danced there that could keep it.</source>
        <translation>Dort wird kein Durchgang getanzt, der es behalten könnte.</translation>
    </message>
    <message>
        <source>Pass %1</source>
        <translation>Durchgang %1</translation>
    </message>
    <message>
        <source>Passes %1 and %2</source>
        <translation>Durchgänge %1 und %2</translation>
    </message>
    <message>
        <source>Passes %1 to %2</source>
        <translation>Durchgänge %1 bis %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>Durchgang %1</translation>
    </message>
    <message>
        <source>passes %1</source>
        <translation>Durchgänge %1</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>Count %1 of %2 in pass %3</source>
        <translation>Count %1 von %2 in Durchgang %3</translation>
    </message>
    <message>
        <source>%1 waits for a moment that is not there</source>
        <translation>%1 wartet auf einen Moment, den es nicht gibt</translation>
    </message>
    <message>
        <source>The song has no such moment any more.</source>
        <translation>Die Musik hat diesen Moment nicht mehr.</translation>
    </message>
    <message>
        <source>“%1” lies outside the counted song.</source>
        <translation>„%1“ liegt außerhalb der gezählten Musik.</translation>
    </message>
    <message>
        <source>“%1” has lost its accent</source>
        <translation>„%1“ hat seinen Akzent verloren</translation>
    </message>
    <message>
        <source>%1 is not danced: it is left out or cut off.</source>
        <translation>%1 wird nicht getanzt: ausgelassen oder abgeschnitten.</translation>
    </message>
    <message>
        <source>%1 is %2 late for “%3”</source>
        <translation>%1 kommt %2 zu spät für „%3“</translation>
    </message>
    <message>
        <source>%1 is %2 early for “%3”</source>
        <translation>%1 kommt %2 zu früh für „%3“</translation>
    </message>
    <message>
        <source>It falls %1 ms after the moment at %2.</source>
        <translation>Es liegt %1 ms nach dem Moment bei %2.</translation>
    </message>
    <message>
        <source>It falls %1 ms before the moment at %2.</source>
        <translation>Es liegt %1 ms vor dem Moment bei %2.</translation>
    </message>
    <message>
        <source>In pass %1 on count %2 %3</source>
        <translation>In Durchgang %1 auf Count %2: %3</translation>
    </message>
    <message>
        <source>it has %1 s at the song&apos;s tempo; your own limit is %2 s.</source>
        <translation>er hat beim Tempo der Musik %1 s; Ihre eigene Grenze ist %2 s.</translation>
    </message>
    <message>
        <source>it runs at %1°/s at the song&apos;s tempo; your own limit is %2°/s.</source>
        <translation>sie läuft beim Tempo der Musik mit %1°/s; Ihre eigene Grenze ist %2°/s.</translation>
    </message>
    <message>
        <source>A large step in a fast turn</source>
        <translation>Ein großer Schritt in einer schnellen Drehung</translation>
    </message>
    <message>
        <source>a large step is taken while turning at %1°/s. Make it smaller, or turn less.</source>
        <translation>ein großer Schritt wird bei einer Drehung mit %1°/s gemacht. Machen Sie ihn kleiner oder drehen Sie weniger.</translation>
    </message>
    <message>
        <source>Nothing calm follows %1</source>
        <translation>Nach %1 folgt nichts Ruhiges</translation>
    </message>
    <message>
        <source>It is demanding, and no wait, touch or balance comes within four counts after it. A breath there helps to stay on balance.</source>
        <translation>Das fordert, und in den vier Counts danach kommt kein Warten, kein Touch, keine Balance. Ein Atemzug dort hilft, das Gleichgewicht zu halten.</translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation>Durchgang %1 Count %2</translation>
    </message>
    <message>
        <source>Take care: %1</source>
        <translation>Vorsicht: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n more place|%n more places</source>
        <translation>
            <numerusform>%n weitere Stelle</numerusform>
            <numerusform>%n weitere Stellen</numerusform>
        </translation>
    </message>
    <message>
        <source>A figure needs a corner of the room</source>
        <translation>Eine Figur braucht eine Ecke des Raums</translation>
    </message>
    <message>
        <source>It is danced in %1. See on the floor that the couple is in a corner there.</source>
        <translation>Sie wird in %1 getanzt. Achten Sie auf der Fläche darauf, dass das Paar dort in einer Ecke ist.</translation>
    </message>
    <message>
        <source>The restart after pass %1 cuts a turn</source>
        <translation>Der Restart nach Durchgang %1 schneidet eine Drehung ab</translation>
    </message>
    <message>
        <source>The ending after pass %1 cuts a turn</source>
        <translation>Der Schluss nach Durchgang %1 schneidet eine Drehung ab</translation>
    </message>
    <message>
        <source>The %1 turn from count %2 is done at the end of count %3; the cut after %4 leaves it out.</source>
        <translation>Die Drehung %1 ab Count %2 ist am Ende von Count %3 fertig; der Schnitt nach %4 lässt sie weg.</translation>
    </message>
    <message>
        <source>The next pass faces %1.</source>
        <translation>Der nächste Durchgang blickt nach %1.</translation>
    </message>
    <message>
        <source>The restart in pass %1 does nothing</source>
        <translation>Der Restart in Durchgang %1 bewirkt nichts</translation>
    </message>
    <message>
        <source>It stands after %1, but the part has only %2.</source>
        <translation>Er steht nach %1, aber der Teil hat nur %2.</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation>%1 ab %2</translation>
    </message>
    <message>
        <source>The cut after %1 comes before the last are done, so that counts are taken: %2.</source>
        <translation>Der Schnitt nach %1 kommt, bevor die Letzten fertig sind, sodass Counts wegfallen: %2.</translation>
    </message>
    <message>
        <source>All end together, so that counts are taken: %1.</source>
        <translation>Alle enden zusammen, sodass Counts wegfallen: %1.</translation>
    </message>
    <message>
        <source>They then do not all face the same way.</source>
        <translation>Dann blicken nicht alle in dieselbe Richtung.</translation>
    </message>
    <message>
        <source>The canon of pass %1 trims those who enter later</source>
        <translation>Der Kanon von Durchgang %1 kürzt die, die später einsetzen</translation>
    </message>
    <message>
        <source>The tag in pass %1 cuts %2</source>
        <translation>Das Tag in Durchgang %1 schneidet %2 ab</translation>
    </message>
    <message>
        <source>The tag in pass %1 is longer than %2</source>
        <translation>Das Tag in Durchgang %1 ist länger als %2</translation>
    </message>
    <message>
        <source>The bridge in pass %1 cuts %2</source>
        <translation>Die Brücke in Durchgang %1 schneidet %2 ab</translation>
    </message>
    <message>
        <source>The bridge in pass %1 is longer than %2</source>
        <translation>Die Brücke in Durchgang %1 ist länger als %2</translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: the last %4 of it are not danced.</source>
        <translation>Länge %1, und %2 hat %3: Die letzten %4 davon werden nicht getanzt.</translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: after it everyone waits %4.</source>
        <translation>Länge %1, und %2 hat %3: Danach warten alle %4.</translation>
    </message>
    <message>
        <source>What is bound %1 does nothing</source>
        <translation>Was %1 an der Musik hängt, bewirkt nichts</translation>
    </message>
    <message>
        <source>This song has no such place.</source>
        <translation>Diese Musik hat keine solche Stelle.</translation>
    </message>
    <message>
        <source>No pass is danced there, or it begins or ends just there.</source>
        <translation>Dort wird kein Durchgang getanzt, oder er beginnt oder endet genau da.</translation>
    </message>
    <message>
        <source>The cut of pass %1 after %2</source>
        <translation>Der Schnitt von Durchgang %1 nach %2</translation>
    </message>
    <message>
        <source>The tag after pass %1</source>
        <translation>Das Tag nach Durchgang %1</translation>
    </message>
    <message>
        <source>Wrong foot into pass %1</source>
        <translation>Falscher Fuß in Durchgang %1</translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; count 1 needs the %3.</source>
        <translation>%1 lässt den Fuß %2 frei; Count 1 braucht %3.</translation>
    </message>
    <message>
        <source>The same into %1.</source>
        <translation>Dasselbe in %1.</translation>
    </message>
    <message>
        <source>Wrong foot into %1</source>
        <translation>Falscher Fuß in %1</translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; %3 needs the %4, on count %5 of the pass.</source>
        <translation>%1 lässt den Fuß %2 frei; %3 braucht %4, auf Count %5 des Durchgangs.</translation>
    </message>
    <message>
        <source>Hold or position does not fit into %1</source>
        <translation>Fassung oder Haltung passt nicht zu %1</translation>
    </message>
    <message>
        <source>%1, after %2.</source>
        <translation>%1, nach %2.</translation>
    </message>
    <message>
        <source>Partners do not come to their places in pass %1</source>
        <translation>Die Partner kommen in Durchgang %1 nicht an ihre Plätze</translation>
    </message>
    <message>
        <source>%1 is %2, %3 %4: one of them lacks the counts to walk there.</source>
        <translation>%1 ist %2, %3 %4: Einem fehlen die Counts, um dorthin zu gehen.</translation>
    </message>
    <message>
        <source>The feet do not answer each other after %1</source>
        <translation>Die Füße antworten einander nach %1 nicht</translation>
    </message>
    <message>
        <source>They should be on the same foot; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation>Sie sollten auf demselben Fuß sein; %1 hat %2 frei, %3 %4. Nur einer von beiden wechselt den Fuß.</translation>
    </message>
    <message>
        <source>They should be on opposite feet; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation>Sie sollten auf entgegengesetzten Füßen sein; %1 hat %2 frei, %3 %4. Nur einer von beiden wechselt den Fuß.</translation>
    </message>
    <message>
        <source>Part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>%1 cannot be read to its end</source>
        <translation>%1 kann nicht bis zum Ende gelesen werden</translation>
    </message>
    <message>
        <source>%1 says a foot that is not free</source>
        <translation>%1 nennt einen Fuß, der nicht frei ist</translation>
    </message>
    <message>
        <source>At %1, character %2: %3</source>
        <translation>Bei %1, Zeichen %2: %3</translation>
    </message>
    <message>
        <source>%1 has %2, %3 has %4.</source>
        <translation>%1 hat %2, %3 hat %4.</translation>
    </message>
    <message>
        <source>They do not meet at the end of the figure.</source>
        <translation>Am Ende der Figur treffen sie sich nicht.</translation>
    </message>
    <message>
        <source>They do not meet at the end of the part.</source>
        <translation>Am Ende des Teils treffen sie sich nicht.</translation>
    </message>
    <message>
        <source>In the whole part %1 is %2 short.</source>
        <translation>Im ganzen Teil fehlen %1 %2.</translation>
    </message>
    <message>
        <source>In %1 %2 is %3 short</source>
        <translation>In %1 fehlen %2 %3</translation>
    </message>
    <message>
        <source>Line %1 of the hand-out: “%2”</source>
        <translation>Zeile %1 der Tanzbeschreibung: „%2“</translation>
    </message>
    <message>
        <source>Part %1 has no steps yet</source>
        <translation>Teil %1 hat noch keine Schritte</translation>
    </message>
    <message>
        <source>It is in the order but takes no counts. Place figures in it, or type its counts, for example %1.</source>
        <translation>Er steht in der Folge, dauert aber keine Counts. Setzen Sie Figuren ein oder schreiben Sie seine Counts, zum Beispiel %1.</translation>
    </message>
    <message>
        <source>Steps of %1 have no count</source>
        <translation>Schritte von %1 haben keinen Count</translation>
    </message>
    <message>
        <source>Danced in bars of another length it loses %1: they stand on counts that these bars do not have.</source>
        <translation>In Takten anderer Länge getanzt, verliert sie %1: Sie stehen auf Counts, die diese Takte nicht haben.</translation>
    </message>
    <message numerus="yes">
        <source>%n step|%n steps</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 starts %2 into %3</source>
        <translation>Durchgang %1 beginnt %2 nach Anfang von %3</translation>
    </message>
    <message>
        <source>Pass %1 starts %2 before %3</source>
        <translation>Durchgang %1 beginnt %2 vor %3</translation>
    </message>
    <message>
        <source>%1 has %2; this pass begins on its %3.</source>
        <translation>%1 hat %2; dieser Durchgang beginnt auf Count %3.</translation>
    </message>
    <message>
        <source>Its count 1 falls on the music&apos;s %1.</source>
        <translation>Sein Count 1 fällt auf die %1 der Musik.</translation>
    </message>
    <message>
        <source>%1 follows, off by as much.</source>
        <translation>%1 folgt, ebenso verschoben.</translation>
    </message>
    <message>
        <source>%1 follow, off by as much.</source>
        <translation>%1 folgen, ebenso verschoben.</translation>
    </message>
    <message>
        <source>no step</source>
        <translation>kein Schritt</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>At %1 the dancers say %2 where the music says %3, for %4.</source>
        <translation>Bei %1 sagen die Tanzenden %2, wo die Musik %3 sagt, %4 lang.</translation>
    </message>
    <message>
        <source>On the music&apos;s 1: %1.</source>
        <translation>Auf der 1 der Musik: %1.</translation>
    </message>
    <message>
        <source>The breaks fall on %1 of the music.</source>
        <translation>Die Breaks fallen auf %1 der Musik.</translation>
    </message>
    <message>
        <source>The breaks fall on %1 instead of %2 of the music.</source>
        <translation>Die Breaks fallen auf %1 statt auf %2 der Musik.</translation>
    </message>
    <message>
        <source>Within them the difference changes more often than once a set.</source>
        <translation>Darin wechselt der Unterschied öfter als einmal je Zählreihe.</translation>
    </message>
    <message>
        <source>At %1 they agree again.</source>
        <translation>Bei %1 stimmen sie wieder überein.</translation>
    </message>
    <message>
        <source>After that it goes on so.</source>
        <translation>Danach bleibt es so.</translation>
    </message>
    <message>
        <source>Then it differs by another amount.</source>
        <translation>Dann weichen sie um einen anderen Betrag ab.</translation>
    </message>
    <message>
        <source>It stays so to the end.</source>
        <translation>So bleibt es bis zum Ende.</translation>
    </message>
    <message>
        <source>Turned round from %1 on</source>
        <translation>Verdreht ab %1</translation>
    </message>
    <message>
        <source>Pass %1 is pinned to a place that this song does not have</source>
        <translation>Durchgang %1 ist an einer Stelle festgemacht, die diese Musik nicht hat</translation>
    </message>
    <message>
        <source>It should start %1; it starts where the pass before it ends.</source>
        <translation>Er sollte %1 beginnen; er beginnt, wo der vorige endet.</translation>
    </message>
    <message>
        <source>Pass %1 cannot start where it is pinned</source>
        <translation>Durchgang %1 kann nicht beginnen, wo er festgemacht ist</translation>
    </message>
    <message>
        <source>It should start %1, %2 earlier: the passes before it are over only here.</source>
        <translation>Er sollte %1 beginnen, %2 früher: Die Durchgänge davor sind erst hier zu Ende.</translation>
    </message>
    <message>
        <source>The song ends %1 into pass %2.</source>
        <translation>Die Musik endet %1 nach Beginn von Durchgang %2.</translation>
    </message>
    <message>
        <source>Pass %1 would start after the song.</source>
        <translation>Durchgang %1 würde nach der Musik beginnen.</translation>
    </message>
    <message>
        <source>%1 would have no music.</source>
        <translation>%1 hätten keine Musik.</translation>
    </message>
    <message>
        <source>The dance is %1 longer than the song</source>
        <translation>Der Tanz ist %1 länger als die Musik</translation>
    </message>
    <message>
        <source>%1 of music are left</source>
        <translation>%1 Musik bleiben übrig</translation>
    </message>
    <message>
        <source>The dance ends at %1, facing %2.</source>
        <translation>Der Tanz endet bei %1, Blick nach %2.</translation>
    </message>
    <message>
        <source>%1 is danced in bars of %2; the music has no such bars there.</source>
        <translation>%1 wird in Takten von %2 getanzt; die Musik hat dort keine solchen Takte.</translation>
    </message>
    <message>
        <source>The pass ends %1 early.</source>
        <translation>Der Durchgang endet %1 zu früh.</translation>
    </message>
    <message>
        <source>The pass ends %1 late.</source>
        <translation>Der Durchgang endet %1 zu spät.</translation>
    </message>
    <message>
        <source>Pass %1 counts bars that the music does not have</source>
        <translation>Durchgang %1 zählt Takte, die die Musik nicht hat</translation>
    </message>
    <message>
        <source>Steps go on through the stop at %1</source>
        <translation>Im Stopp bei %1 gehen Schritte weiter</translation>
    </message>
    <message numerus="yes">
        <source>The music stands still for %1; %n step is danced in it. Count it aloud, or let everyone wait.|The music stands still for %1; %n steps are danced in it. Count it aloud, or let everyone wait.</source>
        <translation>
            <numerusform>Die Musik steht %1 lang still; %n Schritt wird darin getanzt. Zählen Sie laut oder lassen Sie alle warten.</numerusform>
            <numerusform>Die Musik steht %1 lang still; %n Schritte werden darin getanzt. Zählen Sie laut oder lassen Sie alle warten.</numerusform>
        </translation>
    </message>
    <message>
        <source>No pass then starts a phrase.</source>
        <translation>Dann beginnt kein Durchgang eine Phrase.</translation>
    </message>
    <message>
        <source>No pass then lands.</source>
        <translation>Dann landet kein Durchgang.</translation>
    </message>
    <message>
        <source>The one pass then starts a phrase.</source>
        <translation>Dann beginnt der eine Durchgang eine Phrase.</translation>
    </message>
    <message>
        <source>The one pass then lands.</source>
        <translation>Dann landet der eine Durchgang.</translation>
    </message>
    <message>
        <source>Not even the one pass then starts a phrase.</source>
        <translation>Dann beginnt nicht einmal der eine Durchgang eine Phrase.</translation>
    </message>
    <message>
        <source>Not even the one pass then lands.</source>
        <translation>Dann landet nicht einmal der eine Durchgang.</translation>
    </message>
    <message>
        <source>Every pass then starts a phrase.</source>
        <translation>Dann beginnt jeder Durchgang eine Phrase.</translation>
    </message>
    <message>
        <source>Every pass then lands.</source>
        <translation>Dann landet jeder Durchgang.</translation>
    </message>
    <message>
        <source>None of %1 passes then starts a phrase.</source>
        <translation>Dann beginnt keiner von %1 Durchgängen eine Phrase.</translation>
    </message>
    <message>
        <source>None of %1 passes then lands.</source>
        <translation>Dann landet keiner von %1 Durchgängen.</translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then starts a phrase.|%n of %1 passes then start a phrase.</source>
        <translation>
            <numerusform>Dann beginnt einer von %1 Durchgängen eine Phrase.</numerusform>
            <numerusform>Dann beginnen %n von %1 Durchgängen eine Phrase.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then lands.|%n of %1 passes then land.</source>
        <translation>
            <numerusform>Dann landet einer von %1 Durchgängen.</numerusform>
            <numerusform>Dann landen %n von %1 Durchgängen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Then: %1.</source>
        <translation>Dann: %1.</translation>
    </message>
    <message numerus="yes">
        <source>And %n more finding.|And %n more findings.</source>
        <translation>
            <numerusform>Und %n weiterer Hinweis.</numerusform>
            <numerusform>Und %n weitere Hinweise.</numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 then begins facing %2 instead of %3.</source>
        <translation>Durchgang %1 beginnt dann mit Blick nach %2 statt %3.</translation>
    </message>
    <message>
        <source>It is turned round for %1 only.</source>
        <translation>Er ist nur %1 lang verdreht.</translation>
    </message>
    <message>
        <source>On the music&apos;s 1 then: %1.</source>
        <translation>Auf der 1 der Musik dann: %1.</translation>
    </message>
    <message>
        <source>Step instead of the last touch of part %1.</source>
        <translation>Schritt statt des letzten Touch von Teil %1.</translation>
    </message>
    <message>
        <source>Step instead of the last touch of %1.</source>
        <translation>Schritt statt des letzten Touch von %1.</translation>
    </message>
    <message>
        <source>End these passes with a touch in place of the last step.</source>
        <translation>Diese Durchgänge mit einem Touch statt des letzten Schritts enden lassen.</translation>
    </message>
    <message>
        <source>Step again on the last change of pass %1.</source>
        <translation>Den letzten Wechsel von Durchgang %1 wieder als Schritt.</translation>
    </message>
    <message>
        <source>Make the last change of pass %1 a touch.</source>
        <translation>Den letzten Wechsel von Durchgang %1 zum Touch machen.</translation>
    </message>
    <message>
        <source>Cut pass %1 after %2 instead.</source>
        <translation>Durchgang %1 stattdessen nach %2 schneiden.</translation>
    </message>
    <message>
        <source>Finish the turn: cut pass %1 after %2.</source>
        <translation>Die Drehung beenden: Durchgang %1 nach %2 schneiden.</translation>
    </message>
    <message>
        <source>Cut before the turn, after %1.</source>
        <translation>Vor der Drehung schneiden, nach %1.</translation>
    </message>
    <message>
        <source>Turn on into the next pass.</source>
        <translation>In den nächsten Durchgang hineindrehen.</translation>
    </message>
    <message>
        <source>turn on</source>
        <translation>weiterdrehen</translation>
    </message>
    <message>
        <source>Leave the turn out.</source>
        <translation>Die Drehung weglassen.</translation>
    </message>
    <message>
        <source>Take the restart out.</source>
        <translation>Den Restart herausnehmen.</translation>
    </message>
    <message>
        <source>the typed steps</source>
        <translation>die geschriebenen Schritte</translation>
    </message>
    <message>
        <source>Make the last step of %1 a touch.</source>
        <translation>Den letzten Schritt von %1 zum Touch machen.</translation>
    </message>
    <message>
        <source>Dance %1 in the version “%2”.</source>
        <translation>%1 in der Version „%2“ tanzen.</translation>
    </message>
    <message>
        <source>Dance %1 to the other side.</source>
        <translation>%1 zur anderen Seite tanzen.</translation>
    </message>
    <message>
        <source>Dance it to the other side.</source>
        <translation>Zur anderen Seite tanzen.</translation>
    </message>
    <message>
        <source>Let %1 end it with a touch.</source>
        <translation>%1 mit einem Touch enden lassen.</translation>
    </message>
    <message>
        <source>Let %1 step instead of the last touch.</source>
        <translation>%1 statt des letzten Touch einen Schritt machen lassen.</translation>
    </message>
    <message>
        <source>Let pass %1 be danced whole.</source>
        <translation>Durchgang %1 ganz tanzen lassen.</translation>
    </message>
    <message>
        <source>Let every role finish; the next pass starts when the last is done.</source>
        <translation>Jede Rolle zu Ende tanzen lassen; der nächste Durchgang beginnt, wenn die letzte fertig ist.</translation>
    </message>
    <message>
        <source>canon as a ripple</source>
        <translation>Kanon als Welle</translation>
    </message>
    <message>
        <source>Make the tag %1 long.</source>
        <translation>Das Tag %1 lang machen.</translation>
    </message>
    <message>
        <source>Let everyone wait in it instead.</source>
        <translation>Stattdessen alle darin warten lassen.</translation>
    </message>
    <message>
        <source>Make the bridge %1 long.</source>
        <translation>Die Brücke %1 lang machen.</translation>
    </message>
    <message>
        <source>bridge as long as its figure</source>
        <translation>Brücke so lang wie ihre Figur</translation>
    </message>
    <message>
        <source>Take it out.</source>
        <translation>Herausnehmen.</translation>
    </message>
    <message>
        <source>Let %1 wait for the last %2.</source>
        <translation>%1 die letzten %2 warten lassen.</translation>
    </message>
    <message>
        <source>Dance its bars as they are written in pass %1.</source>
        <translation>Ihre Takte in Durchgang %1 tanzen, wie sie geschrieben sind.</translation>
    </message>
    <message>
        <source>bars as written</source>
        <translation>Takte wie geschrieben</translation>
    </message>
    <message>
        <source>Dance its bars as they are written.</source>
        <translation>Ihre Takte tanzen, wie sie geschrieben sind.</translation>
    </message>
    <message>
        <source>Start on the 1 of %1.</source>
        <translation>Auf der 1 von %1 beginnen.</translation>
    </message>
    <message>
        <source>Take the tag after pass %1 out.</source>
        <translation>Das Tag nach Durchgang %1 herausnehmen.</translation>
    </message>
    <message>
        <source>Dance pass %1 whole.</source>
        <translation>Durchgang %1 ganz tanzen.</translation>
    </message>
    <message>
        <source>Make the tag after pass %1 %2.</source>
        <translation>Das Tag nach Durchgang %1 auf %2 bringen.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2.</source>
        <translation>Ein Tag von %1 nach Durchgang %2 hinzufügen.</translation>
    </message>
    <message>
        <source>Cut pass %1 after %2.</source>
        <translation>Durchgang %1 nach %2 schneiden.</translation>
    </message>
    <message numerus="yes">
        <source>the last pass|the last %n passes</source>
        <translation>
            <numerusform>den letzten Durchgang</numerusform>
            <numerusform>die letzten %n Durchgänge</numerusform>
        </translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2.</source>
        <translation>Durchgang %1 mit der Musik enden lassen, nach %2.</translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2, and take out %3.</source>
        <translation>Durchgang %1 mit der Musik enden lassen, nach %2, und %3 herausnehmen.</translation>
    </message>
    <message>
        <source>Take out %1.</source>
        <translation>Herausnehmen: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n more pass of %1|%n more passes of %1</source>
        <translation>
            <numerusform>%n weiteren Durchgang von %1</numerusform>
            <numerusform>%n weitere Durchgänge von %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Add %1.</source>
        <translation>Hinzufügen: %1.</translation>
    </message>
    <message>
        <source>Add %1; the song ends inside the last one.</source>
        <translation>Hinzufügen: %1; die Musik endet im letzten.</translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2, the last change a touch.</source>
        <translation>Neu auf der 1 der Musik beginnen, nach %1 von Durchgang %2, der letzte Wechsel ein Touch.</translation>
    </message>
    <message>
        <source>begin again on the 1, with a touch</source>
        <translation>neu auf der 1 beginnen, mit einem Touch</translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2.</source>
        <translation>Neu auf der 1 der Musik beginnen, nach %1 von Durchgang %2.</translation>
    </message>
    <message>
        <source>Count from 1 again after the tag of pass %1.</source>
        <translation>Nach dem Tag von Durchgang %1 wieder ab 1 zählen.</translation>
    </message>
    <message>
        <source>Dance %1 (%2) after pass %3.</source>
        <translation>%1 (%2) nach Durchgang %3 tanzen.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1.</source>
        <translation>Ein Tag von %1 nach Durchgang %2 hinzufügen und ab 1 zählen.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1, the last change a touch.</source>
        <translation>Ein Tag von %1 nach Durchgang %2 hinzufügen und ab 1 zählen, der letzte Wechsel ein Touch.</translation>
    </message>
    <message>
        <source>Leave it: at %1 it comes right by itself.</source>
        <translation>So lassen: Bei %1 stimmt es von selbst wieder.</translation>
    </message>
    <message>
        <source>it comes right at %1</source>
        <translation>bei %1 stimmt es wieder</translation>
    </message>
    <message>
        <source>Unpin it.</source>
        <translation>Lösen.</translation>
    </message>
    <message>
        <source>Dance the bars as they are written.</source>
        <translation>Die Takte tanzen, wie sie geschrieben sind.</translation>
    </message>
    <message>
        <source>Dance the bars of the part as they are written.</source>
        <translation>Die Takte des Teils tanzen, wie sie geschrieben sind.</translation>
    </message>
    <message>
        <source>Let everyone wait through the stop; what follows comes %1 later.</source>
        <translation>Alle im Stopp warten lassen; was folgt, kommt %1 später.</translation>
    </message>
    <message>
        <source>Wait %1 before pass %2.</source>
        <translation>Vor Durchgang %2 %1 warten.</translation>
    </message>
    <message>
        <source>a wait</source>
        <translation>Warten</translation>
    </message>
    <message>
        <source>Wait %1 less before pass %2.</source>
        <translation>Vor Durchgang %2 %1 weniger warten.</translation>
    </message>
    <message>
        <source>a shorter wait</source>
        <translation>kürzeres Warten</translation>
    </message>
    <message>
        <source>Let the accent go.</source>
        <translation>Den Akzent aufgeben.</translation>
    </message>
    <message numerus="yes">
        <source>%n step a minute|%n steps a minute</source>
        <translation>
            <numerusform>%n Schritt pro Minute</numerusform>
            <numerusform>%n Schritte pro Minute</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is stepped yet.</source>
        <translation>Noch wird nichts getreten.</translation>
    </message>
    <message>
        <source>the quickest %1 s (%2)</source>
        <translation>der schnellste %1 s (%2)</translation>
    </message>
    <message>
        <source>the fastest turn %1° a second (%2)</source>
        <translation>die schnellste Drehung %1° pro Sekunde (%2)</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps and turns.</source>
        <translation>%1; über Ihrer eigenen Grenze für Schritte und Drehungen.</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps.</source>
        <translation>%1; über Ihrer eigenen Grenze für Schritte.</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for turns.</source>
        <translation>%1; über Ihrer eigenen Grenze für Drehungen.</translation>
    </message>
    <message>
        <source>Kicks and sweeping legs need room: look behind you, keep them low where others stand near.</source>
        <translation>Kicks und schwingende Beine brauchen Platz: Sehen Sie hinter sich, bleiben Sie tief, wo andere nahe stehen.</translation>
    </message>
    <message>
        <source>Fast turns want a small base: feet close, weight over one foot, eyes early to the front.</source>
        <translation>Schnelle Drehungen wollen eine kleine Basis: Füße nah, Gewicht über einem Fuß, Augen früh nach vorn.</translation>
    </message>
    <message>
        <source>A large step into a turn throws you off: make it smaller, or turn less.</source>
        <translation>Ein großer Schritt in eine Drehung wirft Sie aus der Achse: Machen Sie ihn kleiner oder drehen Sie weniger.</translation>
    </message>
    <message>
        <source>Joined hands show the turn and do not pull: no force through the arms, let go when it hurts.</source>
        <translation>Gefasste Hände zeigen die Drehung und ziehen nicht: keine Kraft durch die Arme, loslassen, wenn es weh tut.</translation>
    </message>
    <message>
        <source>Jumps, stomps and slides want a dry, even floor that gives a little.</source>
        <translation>Sprünge, Stampfer und Slides wollen einen trockenen, ebenen Boden, der etwas nachgibt.</translation>
    </message>
    <message>
        <source>Shoes that let the foot turn, and hold the heel.</source>
        <translation>Schuhe, in denen der Fuß drehen kann und die Ferse hält.</translation>
    </message>
    <message>
        <source>Warm up before this one, and begin it slowly.</source>
        <translation>Wärmen Sie sich dafür auf und beginnen Sie langsam.</translation>
    </message>
    <message>
        <source>Rest between full runs; stop when you are tired.</source>
        <translation>Ruhen Sie zwischen ganzen Durchläufen; hören Sie auf, wenn Sie müde sind.</translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation>Lassen Sie die Musik in angenehmer Lautstärke laufen.</translation>
    </message>
    <message>
        <source>Nothing stands in these brackets. Write a position or a hold, such as [open] or [L-R].</source>
        <translation>In diesen Klammern steht nichts. Schreiben Sie eine Haltung oder Fassung wie [open] oder [L-R].</translation>
    </message>
    <message>
        <source>A height needs the hands that are held, as in [L-R low].</source>
        <translation>Eine Höhe braucht die Hände, die gehalten werden, wie in [L-R low].</translation>
    </message>
    <message>
        <source>“%1” is not a position or hold. Known are closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R and the like, both hands, crossed hands, no hands.</source>
        <translation>„%1“ ist keine Haltung oder Fassung. Bekannt sind closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R und Ähnliches, both hands, crossed hands, no hands.</translation>
    </message>
    <message>
        <source>A hand is held twice here. Each hand holds one other.</source>
        <translation>Eine Hand wird hier zweimal gehalten. Jede Hand hält eine andere.</translation>
    </message>
    <message>
        <source>“%1” is not a feel. Known are straight, swing, rolling-thirds, rolling-quarters and own.</source>
        <translation>„%1“ ist keine Unterteilung. Bekannt sind straight, swing, rolling-thirds, rolling-quarters und own.</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>swung</source>
        <translation>geswingt</translation>
    </message>
    <message>
        <source>rolling by thirds</source>
        <translation>rollend in Dritteln</translation>
    </message>
    <message>
        <source>rolling by quarters</source>
        <translation>rollend in Vierteln</translation>
    </message>
    <message>
        <source>in fractions of its own</source>
        <translation>in eigenen Bruchteilen</translation>
    </message>
    <message>
        <source>%1: &amp; and a are %2</source>
        <translation>%1: &amp; und a sind %2</translation>
    </message>
    <message>
        <source>%1: &amp; is %2, a is %3</source>
        <translation>%1: &amp; ist %2, a ist %3</translation>
    </message>
    <message>
        <source>“%1” lasts %2, but the next step comes before that is over.</source>
        <translation>„%1“ dauert %2, aber der nächste Schritt kommt, bevor das vorbei ist.</translation>
    </message>
    <message>
        <source>Called %1, adds up to %2.</source>
        <translation>%1 genannt, ergibt %2.</translation>
    </message>
    <message>
        <source>Count %1 says the %2 foot, but the %2 foot carries the weight.</source>
        <translation>Count %1 nennt den Fuß %2, aber auf dem Fuß %2 steht das Gewicht.</translation>
    </message>
    <message>
        <source>If the stomp on %1 takes no weight, write stomp-up there.</source>
        <translation>Wenn der Stomp auf %1 kein Gewicht nimmt, schreiben Sie dort stomp-up.</translation>
    </message>
    <message>
        <source>“%1” stands beside a silent %2. Which is meant?</source>
        <translation>„%1“ steht neben einer stummen %2. Was ist gemeint?</translation>
    </message>
    <message>
        <source>the end of a silent %1</source>
        <translation>das Ende einer stummen %1</translation>
    </message>
    <message>
        <source>a part of count %1</source>
        <translation>ein Teil von Count %1</translation>
    </message>
    <message>
        <source>a filler word, no step</source>
        <translation>ein Füllwort, kein Schritt</translation>
    </message>
    <message>
        <source>Counts, character %1: %2</source>
        <translation>Counts, Zeichen %1: %2</translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4.</source>
        <translation>Ein Strich steht zwischen zwei Counts, wie in 1-4.</translation>
    </message>
    <message>
        <source>“%1” closes nothing here. Parts of a count stand in braces, as in 2{side, close, side}.</source>
        <translation>„%1“ schließt hier nichts. Teile eines Counts stehen in geschweiften Klammern, wie in 2{side, close, side}.</translation>
    </message>
    <message>
        <source>“…” says that the rest is not written yet; nothing follows it.</source>
        <translation>„…“ sagt, dass der Rest noch nicht geschrieben ist; danach folgt nichts.</translation>
    </message>
    <message>
        <source>“%1” is opened here and not closed. Write %2 at its end.</source>
        <translation>„%1“ wird hier geöffnet und nicht geschlossen. Schreiben Sie %2 ans Ende.</translation>
    </message>
    <message>
        <source>“%1” means nothing here. Write counts, words, L or R.</source>
        <translation>„%1“ bedeutet hier nichts. Schreiben Sie Counts, Wörter, L oder R.</translation>
    </message>
    <message>
        <source>After 7 a silent 8 was put before this 1. Write “8 wait” to say so.</source>
        <translation>Nach 7 wurde vor dieser 1 eine stumme 8 gesetzt. Schreiben Sie „8 wait“, um es zu sagen.</translation>
    </message>
    <message>
        <source>This line is said in slow and quick. Keep to one way of counting in a line.</source>
        <translation>Diese Zeile wird in langsam und schnell gesagt. Bleiben Sie in einer Zeile bei einer Zählweise.</translation>
    </message>
    <message>
        <source>The line is longer than %1 counts.</source>
        <translation>Die Zeile ist länger als %1 Counts.</translation>
    </message>
    <message>
        <source>A range needs its last count, as in 1-4.</source>
        <translation>Ein Bereich braucht seinen letzten Count, wie in 1-4.</translation>
    </message>
    <message>
        <source>A range goes up: %1-%2 or later.</source>
        <translation>Ein Bereich geht aufwärts: %1-%2 oder später.</translation>
    </message>
    <message>
        <source>“e” has no place in a swung count: &amp; and a both fall at 2/3. Say the line straight, or use &amp;.</source>
        <translation>„e“ hat in einem geswingten Count keinen Platz: &amp; und a fallen beide auf 2/3. Sagen Sie die Zeile gerade oder nehmen Sie &amp;.</translation>
    </message>
    <message>
        <source>“e” has no place in a count of your own: &amp; falls at %1, a at %2. Use one of these.</source>
        <translation>„e“ hat in einem eigenen Count keinen Platz: &amp; fällt auf %1, a auf %2. Nehmen Sie eines davon.</translation>
    </message>
    <message>
        <source>“e” has no place in a count of thirds: &amp; falls at 1/3, a at 2/3. Say the line straight or by quarters.</source>
        <translation>„e“ hat in einem Count aus Dritteln keinen Platz: &amp; fällt auf 1/3, a auf 2/3. Sagen Sie die Zeile gerade oder in Vierteln.</translation>
    </message>
    <message>
        <source>This line is said in slow and quick; give the step its own length, as in Q:1/2.</source>
        <translation>Diese Zeile wird in langsam und schnell gesagt; geben Sie dem Schritt eine eigene Länge, wie in Q:1/2.</translation>
    </message>
    <message>
        <source>“%1” is read as the end of a silent %2. If it belongs to %3, write it next to the number: %4%5.</source>
        <translation>„%1“ wird als Ende einer stummen %2 gelesen. Gehört es zu %3, schreiben Sie es neben die Zahl: %4%5.</translation>
    </message>
    <message>
        <source>&amp; and a fall on the same moment in a swung count (2/3). Take one of them, or say the line by thirds.</source>
        <translation>&amp; und a fallen in einem geswingten Count auf denselben Moment (2/3). Nehmen Sie eines davon oder sagen Sie die Zeile in Dritteln.</translation>
    </message>
    <message>
        <source>“%1” is in this count already.</source>
        <translation>„%1“ steht schon in diesem Count.</translation>
    </message>
    <message>
        <source>“%1” comes before what was said last. In a count the order is e &amp; a.</source>
        <translation>„%1“ kommt vor dem zuletzt Gesagten. In einem Count ist die Folge e &amp; a.</translation>
    </message>
    <message>
        <source>This line is said in counts. Keep to one way of counting in a line.</source>
        <translation>Diese Zeile wird in Counts gesagt. Bleiben Sie in einer Zeile bei einer Zählweise.</translation>
    </message>
    <message>
        <source>A letter needs a count, not slow or quick.</source>
        <translation>Ein Buchstabe braucht einen Count, nicht langsam oder schnell.</translation>
    </message>
    <message>
        <source>A length follows its count, as in 1:2.</source>
        <translation>Eine Länge folgt auf ihren Count, wie in 1:2.</translation>
    </message>
    <message>
        <source>A length stands before the brace, as in 2:2{side, close, side}.</source>
        <translation>Eine Länge steht vor der Klammer, wie in 2:2{side, close, side}.</translation>
    </message>
    <message>
        <source>A length is a number of counts such as 2, 3/2 or 1/2 that divides a count evenly.</source>
        <translation>Eine Länge ist eine Zahl von Counts wie 2, 3/2 oder 1/2, die einen Count genau teilt.</translation>
    </message>
    <message>
        <source>“%1” needs its count before it, as in “1 %2”.</source>
        <translation>„%1“ braucht davor seinen Count, wie in „1 %2“.</translation>
    </message>
    <message>
        <source>A turn is counted in eighths: 1/8, 1/4, 3/8, 1/2 … up to 8 whole turns.</source>
        <translation>Eine Drehung zählt in Achteln: 1/8, 1/4, 3/8, 1/2 … bis zu 8 ganzen Drehungen.</translation>
    </message>
    <message>
        <source>Which way? Write %1 R or %2 L.</source>
        <translation>Wohin? Schreiben Sie %1 R oder %2 L.</translation>
    </message>
    <message>
        <source>Two feet on one count. Say one of them, or “both”.</source>
        <translation>Zwei Füße auf einem Count. Nennen Sie einen davon oder „both“.</translation>
    </message>
    <message>
        <source>A brace follows its count, as in 2{side, close, side}.</source>
        <translation>Eine Klammer folgt auf ihren Count, wie in 2{side, close, side}.</translation>
    </message>
    <message>
        <source>“{” is opened here and not closed. Write } at its end.</source>
        <translation>„{“ wird hier geöffnet und nicht geschlossen. Schreiben Sie } ans Ende.</translation>
    </message>
    <message>
        <source>Braces divide a count into 2 to 32 parts, as in 2{side, close, side} or 2{3}.</source>
        <translation>Klammern teilen einen Count in 2 bis 32 Teile, wie in 2{side, close, side} oder 2{3}.</translation>
    </message>
    <message>
        <source>One count does not divide evenly into %1 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation>Ein Count lässt sich nicht genau in %1 Teile teilen. 1 bis 10, 12, 14, 15, 16, 18, 20, 21, 24 und 32 teilen einen Count.</translation>
    </message>
    <message>
        <source>%1 counts do not divide evenly into %2 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation>%1 Counts lassen sich nicht genau in %2 Teile teilen. 1 bis 10, 12, 14, 15, 16, 18, 20, 21, 24 und 32 teilen einen Count.</translation>
    </message>
    <message>
        <source>“%1” has no place inside braces: they hold the parts of one span, divided by commas.</source>
        <translation>„%1“ hat in Klammern keinen Platz: Sie enthalten die Teile einer Spanne, durch Kommas getrennt.</translation>
    </message>
    <message>
        <source>Nothing stands between these quotation marks. Write what is called out here.</source>
        <translation>Zwischen diesen Anführungszeichen steht nichts. Schreiben Sie, was hier gerufen wird.</translation>
    </message>
    <message>
        <source>A cue is called here already: “%1”. Put both into one.</source>
        <translation>Hier wird schon etwas gerufen: „%1“. Fassen Sie beides zusammen.</translation>
    </message>
    <message>
        <source>After + stands what goes on beside the feet, as in “4 touch + clap”.</source>
        <translation>Nach + steht, was neben den Füßen geschieht, wie in „4 touch + clap“.</translation>
    </message>
    <message>
        <source>“@%1” is not a direction. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock, or a word such as @line or @window.</source>
        <translation>„@%1“ ist keine Richtung. Sagen Sie 12, 1:30, 3, 4:30, 6, 7:30, 9 oder 10:30 Uhr oder ein Wort wie @line oder @window.</translation>
    </message>
    <message>
        <source>“#%1” is not a care mark. Known are %2.</source>
        <translation>„#%1“ ist kein Vorsichtszeichen. Bekannt sind %2.</translation>
    </message>
    <message>
        <source>music numbers</source>
        <translation>Zahlen der Musik</translation>
    </message>
    <message>
        <source>number of the eight on its 1</source>
        <translation>Nummer des Achters auf seiner 1</translation>
    </message>
    <message>
        <source>the figure&apos;s own numbers</source>
        <translation>eigene Zahlen der Figur</translation>
    </message>
    <message>
        <source>stepped counts only</source>
        <translation>nur getretene Counts</translation>
    </message>
    <message>
        <source>slow and quick</source>
        <translation>langsam und schnell</translation>
    </message>
    <message>
        <source>%1 is there already. Use &amp; for the half, or go on to %2.</source>
        <translation>%1 gibt es schon. Nehmen Sie &amp; für die Hälfte oder gehen Sie weiter zu %2.</translation>
    </message>
    <message>
        <source>%1 comes after %2. Counts go up, or begin again at 1.</source>
        <translation>%1 kommt nach %2. Counts gehen aufwärts oder beginnen wieder bei 1.</translation>
    </message>
    <message>
        <source>A count is a number from 1 to %1.</source>
        <translation>Ein Count ist eine Zahl von 1 bis %1.</translation>
    </message>
    <message>
        <source>The page %1 is empty or damaged: there is no text in it.</source>
        <translation>Die Seite %1 ist leer oder beschädigt: Sie enthält keinen Text.</translation>
    </message>
    <message>
        <source>The page %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation>Die Seite %1 hat mehr als 20 MB Text. Kopieren Sie den Tanz heraus und fügen Sie ihn ein.</translation>
    </message>
    <message>
        <source>The document %1 is damaged, has a password or is too large, and cannot be read. Save it anew without a password, or copy its text and paste that.</source>
        <translation>Das Dokument %1 ist beschädigt, hat ein Passwort oder ist zu groß und kann nicht gelesen werden. Speichern Sie es neu ohne Passwort oder kopieren Sie seinen Text und fügen Sie ihn ein.</translation>
    </message>
    <message>
        <source>The print %1 is damaged and cannot be read. Save it anew, or copy its text and paste that.</source>
        <translation>Das Druckblatt %1 ist beschädigt und kann nicht gelesen werden. Speichern Sie es neu oder kopieren Sie seinen Text und fügen Sie ihn ein.</translation>
    </message>
    <message>
        <source>The print %1 has a password. Save it without one, or copy its text and paste that.</source>
        <translation>Das Druckblatt %1 hat ein Passwort. Speichern Sie es ohne oder kopieren Sie seinen Text und fügen Sie ihn ein.</translation>
    </message>
    <message>
        <source>The print %1 has %2 pages. Copy the dance out of it and paste that.</source>
        <translation>Das Druckblatt %1 hat %2 Seiten. Kopieren Sie den Tanz heraus und fügen Sie ihn ein.</translation>
    </message>
    <message>
        <source>The print %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation>Das Druckblatt %1 hat mehr als 20 MB Text. Kopieren Sie den Tanz heraus und fügen Sie ihn ein.</translation>
    </message>
    <message>
        <source>The print %1 has no text in it, only pictures of text. Type the dance, or have the text recognised by another program and paste it.</source>
        <translation>Das Druckblatt %1 enthält keinen Text, nur Bilder von Text. Schreiben Sie den Tanz ab oder lassen Sie den Text von einem anderen Programm erkennen und fügen Sie ihn ein.</translation>
    </message>
    <message>
        <source>whenever you start %1 %2</source>
        <translation>immer beim Start %1 %2</translation>
    </message>
    <message>
        <source>whenever you start %1</source>
        <translation>immer beim Start %1</translation>
    </message>
    <message>
        <source>in %1, if you start %2</source>
        <translation>in %1, beim Start %2</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>in an %1</source>
        <translation>in „%1“</translation>
    </message>
    <message>
        <source>in a %1</source>
        <translation>in „%1“</translation>
    </message>
    <message>
        <source>after an %1</source>
        <translation>nach „%1“</translation>
    </message>
    <message>
        <source>after a %1</source>
        <translation>nach „%1“</translation>
    </message>
    <message>
        <source>every second pass</source>
        <translation>jeder zweite Durchgang</translation>
    </message>
    <message>
        <source>every third pass</source>
        <translation>jeder dritte Durchgang</translation>
    </message>
    <message>
        <source>every fourth pass</source>
        <translation>jeder vierte Durchgang</translation>
    </message>
    <message>
        <source>the first pass</source>
        <translation>der erste Durchgang</translation>
    </message>
    <message>
        <source>the last pass</source>
        <translation>der letzte Durchgang</translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation>mit Blick nach %1</translation>
    </message>
    <message>
        <source>on a phrase of %1</source>
        <translation>auf einer Phrase von %1</translation>
    </message>
    <message>
        <source>a tag of %1</source>
        <translation>ein Tag von %1</translation>
    </message>
    <message>
        <source>%1 %2.</source>
        <translation>%1 %2.</translation>
    </message>
    <message>
        <source>%1 in %2; there is no short rule for it.</source>
        <translation>%1 in %2; dafür gibt es keine kurze Regel.</translation>
    </message>
    <message>
        <source>a figure</source>
        <translation>eine Figur</translation>
    </message>
    <message>
        <source>%1 left out</source>
        <translation>%1 ausgelassen</translation>
    </message>
    <message>
        <source>%1 at the head</source>
        <translation>%1 am Anfang</translation>
    </message>
    <message>
        <source>%1 danced twice</source>
        <translation>%1 zweimal getanzt</translation>
    </message>
    <message>
        <source>%1 after %2</source>
        <translation>%1 nach %2</translation>
    </message>
    <message>
        <source>%1 as written</source>
        <translation>%1 wie geschrieben</translation>
    </message>
    <message>
        <source>%1 as “%2”</source>
        <translation>%1 als „%2“</translation>
    </message>
    <message>
        <source>%1 to the other side</source>
        <translation>%1 zur anderen Seite</translation>
    </message>
    <message>
        <source>partners exchanged in %1</source>
        <translation>Partner vertauscht in %1</translation>
    </message>
    <message>
        <source>wait of %1 before count 1</source>
        <translation>%1 Warten vor Count 1</translation>
    </message>
    <message>
        <source>bridge of %1 after %2, %3</source>
        <translation>Brücke von %1 nach %2, %3</translation>
    </message>
    <message>
        <source>bridge of %1 after %2</source>
        <translation>Brücke von %1 nach %2</translation>
    </message>
    <message>
        <source>shorter bars as the music has them</source>
        <translation>kürzere Takte, wie die Musik sie hat</translation>
    </message>
    <message>
        <source>%1 as a tag</source>
        <translation>%1 als Tag</translation>
    </message>
    <message>
        <source>ending %1 after %2</source>
        <translation>Schluss %1 nach %2</translation>
    </message>
    <message>
        <source>No cuts and repeats that cost less than %1 put it right, and there are too many dearer ones to compare. Plan the dance instead.</source>
        <translation>Keine Schnitte und Wiederholungen für weniger als %1 bringen es in Ordnung, und teurere gibt es zu viele zum Vergleichen. Planen Sie stattdessen den Tanz.</translation>
    </message>
    <message>
        <source>There are too many cuts to compare them all. Allow shorter ones.</source>
        <translation>Es gibt zu viele Schnitte, um alle zu vergleichen. Erlauben Sie kürzere.</translation>
    </message>
    <message>
        <source>The cost of a %1 is %2. Costs are whole numbers from 0 on.</source>
        <translation>Die Kosten für %1 sind %2. Kosten sind ganze Zahlen ab 0.</translation>
    </message>
    <message>
        <source>The song has no bars yet. Open a song or type its structure first.</source>
        <translation>Die Musik hat noch keine Takte. Öffnen Sie ein Stück oder schreiben Sie zuerst seinen Aufbau.</translation>
    </message>
    <message>
        <source>The routine has no passes yet. Give the order of the parts first.</source>
        <translation>Die Choreografie hat noch keine Durchgänge. Geben Sie zuerst die Folge der Teile an.</translation>
    </message>
    <message>
        <source>Counts of this song are longer than its bars, so that whole bars cannot be cut. Count it by beats for this.</source>
        <translation>Counts dieser Musik sind länger als ihre Takte, ganze Takte können also nicht geschnitten werden. Zählen Sie dafür nach Schlägen.</translation>
    </message>
    <message>
        <source>The dance does not begin with a bar of the music, so that whole bars cannot put it right. Change where it starts.</source>
        <translation>Der Tanz beginnt nicht mit einem Takt der Musik, ganze Takte können es also nicht in Ordnung bringen. Ändern Sie seinen Anfang.</translation>
    </message>
    <message>
        <source>Comparing cuts was stopped.</source>
        <translation>Der Vergleich der Schnitte wurde abgebrochen.</translation>
    </message>
    <message>
        <source>No cut and no repeat</source>
        <translation>Kein Schnitt und keine Wiederholung</translation>
    </message>
    <message numerus="yes">
        <source>One change: %1|%n changes: %1</source>
        <comment>%1: without bar 33</comment>
        <translation>
            <numerusform>Eine Änderung: %1</numerusform>
            <numerusform>%n Änderungen: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1; every pass then starts a phrase.</source>
        <translation>%1; jeder Durchgang beginnt dann eine Phrase.</translation>
    </message>
    <message numerus="yes">
        <source>%1; %n pass does not.|%1; %n passes do not.</source>
        <comment>do not start a phrase; %1: a change of the music</comment>
        <translation>
            <numerusform>%1; %n Durchgang nicht.</numerusform>
            <numerusform>%1; %n Durchgänge nicht.</numerusform>
        </translation>
    </message>
    <message>
        <source>The music ends %1 before the dance.</source>
        <translation>Die Musik endet %1 vor dem Tanz.</translation>
    </message>
    <message>
        <source>The song has no phrases yet. Open a song or type its structure first.</source>
        <translation>Die Musik hat noch keine Phrasen. Öffnen Sie ein Stück oder schreiben Sie zuerst seinen Aufbau.</translation>
    </message>
    <message>
        <source>A %1 of %2 is none. It has to be above 0 counts.</source>
        <translation>%1 von %2 gibt es nicht. Es müssen mehr als 0 Counts sein.</translation>
    </message>
    <message>
        <source>A cut after %1 leaves nothing of a pass. Cuts are above 0 counts.</source>
        <translation>Ein Schnitt nach %1 lässt nichts vom Durchgang übrig. Schnitte liegen über 0 Counts.</translation>
    </message>
    <message>
        <source>The part for the opening or the ending is not in the routine any more.</source>
        <translation>Der Teil für den Anfang oder den Schluss ist nicht mehr in der Choreografie.</translation>
    </message>
    <message>
        <source>Part %1 has no counts yet, so that passes of it cannot be planned.</source>
        <translation>Teil %1 hat noch keine Counts, seine Durchgänge können also nicht geplant werden.</translation>
    </message>
    <message>
        <source>More than %1 different exceptions are possible: more than dancers can tell apart. Allow fewer cuts, tags or changes.</source>
        <translation>Mehr als %1 verschiedene Ausnahmen sind möglich: mehr, als Tanzende auseinanderhalten können. Erlauben Sie weniger Schnitte, Tags oder Änderungen.</translation>
    </message>
    <message>
        <source>No figure at hand may be used. Allow other lengths or levels.</source>
        <translation>Keine vorhandene Figur darf verwendet werden. Erlauben Sie andere Längen oder Niveaus.</translation>
    </message>
    <message>
        <source>There are too many ways to compare. Ask for fewer counts, or allow fewer figures.</source>
        <translation>Es gibt zu viele Möglichkeiten zum Vergleichen. Verlangen Sie weniger Counts oder erlauben Sie weniger Figuren.</translation>
    </message>
    <message>
        <source>Between one and 256 counts can be filled, not %1.</source>
        <translation>Zwischen einem und 256 Counts können gefüllt werden, nicht %1.</translation>
    </message>
    <message>
        <source>Each figure may come at least once.</source>
        <translation>Jede Figur darf mindestens einmal vorkommen.</translation>
    </message>
    <message>
        <source>Filling was stopped.</source>
        <translation>Das Füllen wurde abgebrochen.</translation>
    </message>
    <message>
        <source>The song has no phrases. Give their lengths in counts, for example 32,32,16,32.</source>
        <translation>Die Musik hat keine Phrasen. Geben Sie ihre Längen in Counts an, zum Beispiel 32,32,16,32.</translation>
    </message>
    <message>
        <source>A phrase has %1. Every phrase needs a length above 0.</source>
        <translation>Eine Phrase hat %1. Jede Phrase braucht eine Länge über 0.</translation>
    </message>
    <message>
        <source>The song is longer than %1 counts. Plan it in pieces.</source>
        <translation>Die Musik ist länger als %1 Counts. Planen Sie sie in Stücken.</translation>
    </message>
    <message>
        <source>The dance has %1. It needs a length above 0.</source>
        <translation>Der Tanz hat %1. Er braucht eine Länge über 0.</translation>
    </message>
    <message>
        <source>The dance is longer than %1 counts.</source>
        <translation>Der Tanz ist länger als %1 Counts.</translation>
    </message>
    <message>
        <source>A cut after %1 does not lie inside the dance of %2. Cuts are above 0 and below the dance&apos;s length.</source>
        <translation>Ein Schnitt nach %1 liegt nicht im Tanz von %2. Schnitte liegen über 0 und unter der Länge des Tanzes.</translation>
    </message>
    <message>
        <source>A tag of %1 is none. Tags are above 0 counts.</source>
        <translation>Ein Tag von %1 gibt es nicht. Tags liegen über 0 Counts.</translation>
    </message>
    <message>
        <source>A tag of %1 is longer than any song.</source>
        <translation>Ein Tag von %1 ist länger als jedes Stück.</translation>
    </message>
    <message>
        <source>%1 different cuts and %2 different tags are allowed: more than dancers can tell apart. Allow at most %3 together.</source>
        <translation>%1 verschiedene Schnitte und %2 verschiedene Tags sind erlaubt: mehr, als Tanzende auseinanderhalten können. Erlauben Sie höchstens %3 zusammen.</translation>
    </message>
    <message>
        <source>A turn done with count %1 does not lie in the dance of %2.</source>
        <translation>Eine Drehung, die mit Count %1 fertig ist, liegt nicht im Tanz von %2.</translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags, or such in whole counts.</source>
        <translation>Es gibt zu viele Stellen, an denen ein Durchgang beginnen könnte. Erlauben Sie weniger Schnitte und Tags oder solche in ganzen Counts.</translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer cuts and tags.</source>
        <translation>Es gibt zu viele Möglichkeiten, um alle zu vergleichen. Erlauben Sie weniger Schnitte und Tags.</translation>
    </message>
    <message>
        <source>“%1” is not a turn. Write the part of a turn, right positive, and the count it is done with: -1/4@28.</source>
        <translation>„%1“ ist keine Drehung. Schreiben Sie den Teil einer Drehung, rechts positiv, und den Count, mit dem sie fertig ist: -1/4@28.</translation>
    </message>
    <message>
        <source>A turn of %1 leaves the eighths of the clock. Use eighths of a turn, such as 1/4 or -3/8.</source>
        <translation>Eine Drehung von %1 verlässt die Achtel der Uhr. Nehmen Sie Achteldrehungen, etwa 1/4 oder -3/8.</translation>
    </message>
    <message>
        <source>The cost of %1 is %2. Costs are whole numbers from 0 to %3; the higher, the more is done to avoid it.</source>
        <translation>Die Kosten für %1 sind %2. Kosten sind ganze Zahlen von 0 bis %3; je höher, desto mehr wird es vermieden.</translation>
    </message>
    <message>
        <source>“%1” is not a cost. Write for example miss=10,restart=3; the costs are %2.</source>
        <translation>„%1“ ist keine Kostenangabe. Schreiben Sie zum Beispiel miss=10,restart=3; die Kosten sind %2.</translation>
    </message>
    <message>
        <source>The cost “%1” is not a whole number.</source>
        <translation>Die Kosten „%1“ sind keine ganze Zahl.</translation>
    </message>
    <message>
        <source>a pass that misses</source>
        <translation>ein Durchgang, der nicht landet</translation>
    </message>
    <message>
        <source>a restart</source>
        <translation>ein Restart</translation>
    </message>
    <message>
        <source>a tag</source>
        <translation>ein Tag</translation>
    </message>
    <message>
        <source>each different kind</source>
        <translation>jede andere Art</translation>
    </message>
    <message>
        <source>each count it misses by</source>
        <translation>jeder Count daneben</translation>
    </message>
    <message>
        <source>a wait at the start</source>
        <translation>Warten am Anfang</translation>
    </message>
    <message>
        <source>a bridge</source>
        <translation>eine Brücke</translation>
    </message>
    <message>
        <source>a figure as a tag</source>
        <translation>eine Figur als Tag</translation>
    </message>
    <message>
        <source>a figure changed</source>
        <translation>eine geänderte Figur</translation>
    </message>
    <message>
        <source>a pass in shorter bars</source>
        <translation>ein Durchgang in kürzeren Takten</translation>
    </message>
    <message>
        <source>an opening</source>
        <translation>ein Anfang</translation>
    </message>
    <message>
        <source>an ending</source>
        <translation>ein Schluss</translation>
    </message>
    <message>
        <source>a change in the first quarter</source>
        <translation>eine Änderung im ersten Viertel</translation>
    </message>
    <message>
        <source>a change in the last quarter</source>
        <translation>eine Änderung im letzten Viertel</translation>
    </message>
    <message>
        <source>each different place of a change</source>
        <translation>jede andere Stelle einer Änderung</translation>
    </message>
    <message>
        <source>a cut inside a figure</source>
        <translation>ein Schnitt in einer Figur</translation>
    </message>
    <message>
        <source>a cut inside a turn</source>
        <translation>ein Schnitt in einer Drehung</translation>
    </message>
    <message>
        <source>a step made a touch</source>
        <translation>ein Schritt als Touch</translation>
    </message>
    <message>
        <source>an accent that misses</source>
        <translation>ein verfehlter Akzent</translation>
    </message>
    <message>
        <source>the wrong facing at the end</source>
        <translation>die falsche Blickrichtung am Ende</translation>
    </message>
    <message>
        <source>the music ends inside a pass</source>
        <translation>die Musik endet in einem Durchgang</translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation>der falsche Fuß</translation>
    </message>
    <message>
        <source>The first pass begins off a phrase: change where the dance starts.</source>
        <translation>Der erste Durchgang beginnt neben einer Phrase: Ändern Sie, wo der Tanz beginnt.</translation>
    </message>
    <message>
        <source>After pass %1 no phrase begins any more.</source>
        <translation>Nach Durchgang %1 beginnt keine Phrase mehr.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on.</source>
        <translation>Etwa beginnt Durchgang %1 %2 nach Durchgang %3 (%4), wo die nächsten Phrasen %5 Counts weiter beginnen.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 more would land it.</source>
        <translation>Etwa beginnt Durchgang %1 %2 nach Durchgang %3 (%4), wo die nächsten Phrasen %5 Counts weiter beginnen: %6 mehr würden passen.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 fewer would land it.</source>
        <translation>Etwa beginnt Durchgang %1 %2 nach Durchgang %3 (%4), wo die nächsten Phrasen %5 Counts weiter beginnen: %6 weniger würden passen.</translation>
    </message>
    <message>
        <source>Everything could land for %1, but as it is priced a miss is the lesser evil.</source>
        <translation>Für %1 könnte alles landen, aber bei diesen Kosten ist ein Durchgang daneben das kleinere Übel.</translation>
    </message>
    <message>
        <source>Make a miss dearer to have it.</source>
        <translation>Machen Sie das Verfehlen teurer, um es zu bekommen.</translation>
    </message>
    <message numerus="yes">
        <source>With all that is allowed, at least one pass misses.|With all that is allowed, at least %n passes miss.</source>
        <translation>
            <numerusform>Mit allem, was erlaubt ist, landet mindestens ein Durchgang nicht.</numerusform>
            <numerusform>Mit allem, was erlaubt ist, landen mindestens %n Durchgänge nicht.</numerusform>
        </translation>
    </message>
    <message>
        <source>This plan misses more, since that is cheaper.</source>
        <translation>Dieser Plan verfehlt mehr, weil das billiger ist.</translation>
    </message>
    <message>
        <source>Allow other tags, bridges or changes.</source>
        <translation>Erlauben Sie andere Tags, Brücken oder Änderungen.</translation>
    </message>
    <message>
        <source>opening %1 first</source>
        <translation>Anfang %1 zuerst</translation>
    </message>
    <message numerus="yes">
        <source>one restart, %1|%2 restarts, %1</source>
        <comment>%1: after 16 of pass 3</comment>
        <translation>
            <numerusform>ein Restart, %1</numerusform>
            <numerusform>%2 Restarts, %1</numerusform>
        </translation>
    </message>
    <message>
        <source>after %1 of %2 with a touch at the end</source>
        <translation>nach %1, ein Touch am Ende: %2</translation>
    </message>
    <message>
        <source>after %1 of %2</source>
        <translation>nach %1: %2</translation>
    </message>
    <message numerus="yes">
        <source>one tag, %1|%2 tags, %1</source>
        <comment>%1: of 4 after pass 3</comment>
        <translation>
            <numerusform>ein Tag, %1</numerusform>
            <numerusform>%2 Tags, %1</numerusform>
        </translation>
    </message>
    <message>
        <source>of %1 after %2</source>
        <translation>von %1 nach: %2</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>no restart and no tag</source>
        <translation>kein Restart und kein Tag</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message numerus="yes">
        <source>one more pass|%1 more passes</source>
        <translation>
            <numerusform>noch ein Durchgang</numerusform>
            <numerusform>%1 weitere Durchgänge</numerusform>
        </translation>
    </message>
    <message>
        <source>every pass then lands</source>
        <translation>dann landet jeder Durchgang</translation>
    </message>
    <message numerus="yes">
        <source>one pass does not land|%1 passes do not land</source>
        <translation>
            <numerusform>ein Durchgang landet nicht</numerusform>
            <numerusform>%1 Durchgänge landen nicht</numerusform>
        </translation>
    </message>
    <message>
        <source>No plan costs less than %1.</source>
        <translation>Kein Plan kostet weniger als %1.</translation>
    </message>
    <message>
        <source>There is no other.</source>
        <translation>Einen anderen gibt es nicht.</translation>
    </message>
    <message>
        <source>The next costs the same.</source>
        <translation>Der nächste kostet dasselbe.</translation>
    </message>
    <message>
        <source>The next best costs %1.</source>
        <translation>Der nächstbeste kostet %1.</translation>
    </message>
    <message>
        <source>whole, facing %1</source>
        <translation>ganz, Blick nach %1</translation>
    </message>
    <message>
        <source>after %1 of %2, facing %3</source>
        <translation>nach %1 von %2, Blick nach %3</translation>
    </message>
    <message>
        <source>a line of dancers</source>
        <translation>eine Reihe von Tanzenden</translation>
    </message>
    <message>
        <source>A restart is as bad as a tag and a half, and every new kind as bad as a tag.</source>
        <translation>Ein Restart ist so schlimm wie anderthalb Tags und jede neue Art so schlimm wie ein Tag.</translation>
    </message>
    <message>
        <source>a line of beginners</source>
        <translation>eine Reihe von Anfängern</translation>
    </message>
    <message>
        <source>Few kinds, and rather a tag than a restart: everyone must remember them. Nothing in the first quarter, where they still learn it.</source>
        <translation>Wenige Arten, und lieber ein Tag als ein Restart: Alle müssen sie sich merken. Nichts im ersten Viertel, wo sie noch lernen.</translation>
    </message>
    <message>
        <source>a couple at a social</source>
        <translation>ein Paar auf dem Parkett</translation>
    </message>
    <message>
        <source>A wait of two or four is easily led, a restart is not, and a figure may always come twice.</source>
        <translation>Zwei oder vier Counts Warten lassen sich leicht führen, ein Restart nicht, und eine Figur darf immer zweimal kommen.</translation>
    </message>
    <message>
        <source>a stage group</source>
        <translation>eine Bühnengruppe</translation>
    </message>
    <message>
        <source>It is rehearsed: what matters is that all lands, with the accents.</source>
        <translation>Es ist geprobt: Wichtig ist, dass alles landet, mit den Akzenten.</translation>
    </message>
    <message>
        <source>a competition</source>
        <translation>ein Turnier</translation>
    </message>
    <message>
        <source>Nothing may miss, waits are seen, and the end is seen most.</source>
        <translation>Nichts darf daneben liegen, Warten wird gesehen, und am meisten wird der Schluss gesehen.</translation>
    </message>
    <message>
        <source>Nothing is possible: a pinned start cannot be kept whatever is done. Take the pin away, or allow more.</source>
        <translation>Nichts ist möglich: Ein festgemachter Beginn kann nicht gehalten werden, was auch geschieht. Lösen Sie ihn oder erlauben Sie mehr.</translation>
    </message>
    <message>
        <source>Exceptions could stand at more different places than can be told apart. Let places cost nothing, or allow fewer exceptions.</source>
        <translation>Ausnahmen könnten an mehr verschiedenen Stellen stehen, als man auseinanderhalten kann. Lassen Sie Stellen nichts kosten oder erlauben Sie weniger Ausnahmen.</translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags.</source>
        <translation>Es gibt zu viele Stellen, an denen ein Durchgang beginnen könnte. Erlauben Sie weniger Schnitte und Tags.</translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer exceptions.</source>
        <translation>Es gibt zu viele Möglichkeiten, um alle zu vergleichen. Erlauben Sie weniger Ausnahmen.</translation>
    </message>
    <message>
        <source>what makes the pass differ</source>
        <translation>was den Durchgang anders macht</translation>
    </message>
    <message>
        <source>Planning was stopped.</source>
        <translation>Das Planen wurde abgebrochen.</translation>
    </message>
    <message>
        <source>It has no beats yet.</source>
        <translation>Es hat noch keine Schläge.</translation>
    </message>
    <message>
        <source>The place where the dance starts is not there; it is planned from the first phrase.</source>
        <translation>Die Stelle, an der der Tanz beginnt, gibt es nicht; geplant wird ab der ersten Phrase.</translation>
    </message>
    <message>
        <source>At once: %1.</source>
        <translation>Sofort: %1.</translation>
    </message>
    <message>
        <source>At once: nothing that can be done within the first set helps.</source>
        <translation>Sofort: Nichts, was in der ersten Zählreihe getan werden kann, hilft.</translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: %1.|Within %n sets: %1.</source>
        <translation>
            <numerusform>In %n Zählreihe: %1.</numerusform>
            <numerusform>In %n Zählreihen: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: nothing that can be done there helps.|Within %n sets: nothing that can be done there helps.</source>
        <translation>
            <numerusform>In %n Zählreihe: Nichts, was dort getan werden kann, hilft.</numerusform>
            <numerusform>In %n Zählreihen: Nichts, was dort getan werden kann, hilft.</numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it: at %1 the music undoes it.</source>
        <translation>So lassen: Bei %1 hebt die Musik es auf.</translation>
    </message>
    <message>
        <source>Leave it: then it differs by another amount.</source>
        <translation>So lassen: Dann weicht es um einen anderen Betrag ab.</translation>
    </message>
    <message>
        <source>Leave it: it stays so to the end.</source>
        <translation>So lassen: Es bleibt so bis zum Ende.</translation>
    </message>
    <message>
        <source>Meanwhile the breaks are %1.</source>
        <translation>Unterdessen sind die Breaks %1.</translation>
    </message>
    <message>
        <source>the last change a touch</source>
        <translation>der letzte Wechsel ein Touch</translation>
    </message>
    <message>
        <source>its tag left out</source>
        <translation>ihr Tag ausgelassen</translation>
    </message>
    <message>
        <source>begin again on the 1</source>
        <translation>neu auf der 1 beginnen</translation>
    </message>
    <message>
        <source>begin again on the music&apos;s 1, %1</source>
        <translation>neu auf der 1 der Musik beginnen, %1</translation>
    </message>
    <message>
        <source>wait for the 1</source>
        <translation>auf die 1 warten</translation>
    </message>
    <message>
        <source>wait %1 after pass %2 and count from 1 on %3</source>
        <translation>nach Durchgang %2 %1 warten und auf %3 ab 1 zählen</translation>
    </message>
    <message>
        <source>Never turned round.</source>
        <translation>Nie verdreht.</translation>
    </message>
    <message>
        <source>%1 danced turned round in all.</source>
        <translation>%1 insgesamt verdreht getanzt.</translation>
    </message>
    <message>
        <source>The partner notices: a foot or a hold does not fit.</source>
        <translation>Der Partner merkt es: Ein Fuß oder eine Fassung passt nicht.</translation>
    </message>
    <message>
        <source>A foot does not fit.</source>
        <translation>Ein Fuß passt nicht.</translation>
    </message>
    <message>
        <source>Both make a touch of their last change; feet and holds fit.</source>
        <translation>Beide machen aus ihrem letzten Wechsel einen Touch; Füße und Fassungen passen.</translation>
    </message>
    <message>
        <source>The feet fit.</source>
        <translation>Die Füße passen.</translation>
    </message>
    <message>
        <source>The partner need not notice: feet and holds fit.</source>
        <translation>Der Partner muss es nicht merken: Füße und Fassungen passen.</translation>
    </message>
    <message>
        <source>The breaks are again %1.</source>
        <translation>Die Breaks sind wieder %1.</translation>
    </message>
    <message>
        <source>The breaks are then %1.</source>
        <translation>Die Breaks sind dann %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n new finding.|%n new findings.</source>
        <translation>
            <numerusform>%n neuer Hinweis.</numerusform>
            <numerusform>%n neue Hinweise.</numerusform>
        </translation>
    </message>
    <message>
        <source>with both feet on %1</source>
        <translation>mit beiden Füßen auf %1</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>%1 %2 longer</source>
        <translation>%1 %2 länger</translation>
    </message>
    <message>
        <source>without %1</source>
        <translation>ohne %1</translation>
    </message>
    <message>
        <source>%1 twice</source>
        <translation>%1 zweimal</translation>
    </message>
    <message>
        <source>Best plan there, for %1: %2</source>
        <translation>Bester Plan dafür, für %1: %2</translation>
    </message>
    <message>
        <source>after the song</source>
        <translation>nach der Musik</translation>
    </message>
    <message>
        <source>lands on %1</source>
        <translation>landet auf %1</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>landet</translation>
    </message>
    <message>
        <source>no music</source>
        <translation>keine Musik</translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation>%1 zu lang</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 zu kurz</translation>
    </message>
    <message>
        <source>no pass lands</source>
        <translation>kein Durchgang landet</translation>
    </message>
    <message>
        <source>the one pass lands</source>
        <translation>der eine Durchgang landet</translation>
    </message>
    <message>
        <source>not even the one pass lands</source>
        <translation>nicht einmal der eine Durchgang landet</translation>
    </message>
    <message>
        <source>every pass lands</source>
        <translation>jeder Durchgang landet</translation>
    </message>
    <message>
        <source>none of %1 passes lands</source>
        <translation>keiner von %1 Durchgängen landet</translation>
    </message>
    <message numerus="yes">
        <source>one of %1 passes lands|%n of %1 passes land</source>
        <translation>
            <numerusform>einer von %1 Durchgängen landet</numerusform>
            <numerusform>%n von %1 Durchgängen landen</numerusform>
        </translation>
    </message>
    <message>
        <source>Restart</source>
        <translation>Restart</translation>
    </message>
    <message numerus="yes">
        <source>%1 after %2 (begins facing %3, leaves facing %4)|%1 after %2 (begin facing %3, leave facing %4)</source>
        <comment>%1: pass 2, passes 2 and 7</comment>
        <translation>
            <numerusform>%1 nach %2 (beginnt mit Blick nach %3, endet mit Blick nach %4)</numerusform>
            <numerusform>%1 nach %2 (beginnen mit Blick nach %3, enden mit Blick nach %4)</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, cut by the start of the next</source>
        <translation>%1, geschnitten vom Beginn des nächsten</translation>
    </message>
    <message>
        <source>%1, the turn danced to its end</source>
        <translation>%1, die Drehung zu Ende getanzt</translation>
    </message>
    <message>
        <source>Added</source>
        <translation>Hinzugefügt</translation>
    </message>
    <message>
        <source>%1 in %2 after %3</source>
        <translation>%1 in %2 nach %3</translation>
    </message>
    <message>
        <source>%1 in %2 at its head</source>
        <translation>%1 in %2 am Anfang</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Ausgelassen</translation>
    </message>
    <message>
        <source>Another version</source>
        <translation>Andere Version</translation>
    </message>
    <message>
        <source>%1 as written in %2</source>
        <translation>%1 wie geschrieben in %2</translation>
    </message>
    <message>
        <source>%1 as “%2” in %3</source>
        <translation>%1 als „%2“ in %3</translation>
    </message>
    <message>
        <source>In bars of %1</source>
        <translation>In Takten von %1</translation>
    </message>
    <message>
        <source>To the other side</source>
        <translation>Zur anderen Seite</translation>
    </message>
    <message>
        <source>Places exchanged</source>
        <translation>Plätze getauscht</translation>
    </message>
    <message>
        <source>%1, then count from 1</source>
        <translation>%1, dann ab 1 zählen</translation>
    </message>
    <message>
        <source>Tag</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Last step a touch</source>
        <translation>Letzter Schritt ein Touch</translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation>Brücke</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Warten</translation>
    </message>
    <message>
        <source>%1 before %2, which starts %3</source>
        <translation>%1 vor %2, beginnt dann %3</translation>
    </message>
    <message>
        <source>%1 before %2</source>
        <translation>%1 vor %2</translation>
    </message>
    <message>
        <source>Ending</source>
        <translation>Schluss</translation>
    </message>
    <message>
        <source>Optional ending, not danced</source>
        <translation>Möglicher Schluss, nicht getanzt</translation>
    </message>
    <message>
        <source>%1 after %2, part %3</source>
        <translation>%1 nach %2, Teil %3</translation>
    </message>
    <message>
        <source>Canon</source>
        <translation>Kanon</translation>
    </message>
    <message>
        <source>%1, entering %2 apart, every role finishes</source>
        <translation>%1, Einsatz je %2 später, jede Rolle tanzt zu Ende</translation>
    </message>
    <message>
        <source>%1, entering %2 apart, all end together</source>
        <translation>%1, Einsatz je %2 später, alle enden zusammen</translation>
    </message>
    <message>
        <source>Pinned</source>
        <translation>Festgemacht</translation>
    </message>
    <message>
        <source>%1 starts %2</source>
        <translation>%1 beginnt %2</translation>
    </message>
    <message numerus="yes">
        <source>one wall|%n walls</source>
        <translation>
            <numerusform>eine Wand</numerusform>
            <numerusform>%n Wände</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>intro %1 (%2)</source>
        <translation>Intro %1 (%2)</translation>
    </message>
    <message>
        <source>intro %1</source>
        <translation>Intro %1</translation>
    </message>
    <message>
        <source>the one in %1</source>
        <translation>der in %1</translation>
    </message>
    <message>
        <source>the one after the stop</source>
        <translation>der nach dem Stopp</translation>
    </message>
    <message>
        <source>the one with the stop in it</source>
        <translation>der mit dem Stopp darin</translation>
    </message>
    <message>
        <source>by “%1”</source>
        <translation>der bei „%1“</translation>
    </message>
    <message>
        <source>the one after %1</source>
        <translation>der nach %1</translation>
    </message>
    <message>
        <source>the only one that begins facing %1</source>
        <translation>der einzige, der mit Blick nach %1 beginnt</translation>
    </message>
    <message>
        <source>the last one</source>
        <translation>der letzte</translation>
    </message>
    <message>
        <source>the first %1</source>
        <translation>der erste: %1</translation>
    </message>
    <message>
        <source>the second %1</source>
        <translation>der zweite: %1</translation>
    </message>
    <message>
        <source>the third %1</source>
        <translation>der dritte: %1</translation>
    </message>
    <message>
        <source>the fourth %1</source>
        <translation>der vierte: %1</translation>
    </message>
    <message>
        <source>the fifth %1</source>
        <translation>der fünfte: %1</translation>
    </message>
    <message>
        <source>the sixth %1</source>
        <translation>der sechste: %1</translation>
    </message>
    <message>
        <source>the seventh %1</source>
        <translation>der siebte: %1</translation>
    </message>
    <message>
        <source>the eighth %1</source>
        <translation>der achte: %1</translation>
    </message>
    <message numerus="yes">
        <source>There %1, here %2; %n finding there, %3 here.|There %1, here %2; %n findings there, %3 here.</source>
        <comment>%1 and %2: 6 of 7 passes land</comment>
        <translation>
            <numerusform>Dort %1, hier %2; %n Hinweis dort, %3 hier.</numerusform>
            <numerusform>Dort %1, hier %2; %n Hinweise dort, %3 hier.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of music would be left.</source>
        <translation>%1 Musik blieben übrig.</translation>
    </message>
    <message>
        <source>The dance would be %1 too long.</source>
        <translation>Der Tanz wäre %1 zu lang.</translation>
    </message>
    <message>
        <source>Dance and song would end together.</source>
        <translation>Tanz und Musik würden zusammen enden.</translation>
    </message>
    <message>
        <source>The place where the dance starts is not there: it would start on the first phrase.</source>
        <translation>Die Stelle, an der der Tanz beginnt, gibt es nicht: Er würde auf der ersten Phrase beginnen.</translation>
    </message>
    <message>
        <source>solo</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>Reihen</translation>
    </message>
    <message>
        <source>couples in the line of dance</source>
        <translation>Paare in Tanzrichtung</translation>
    </message>
    <message>
        <source>couples in a slot</source>
        <translation>Paare in einer Bahn</translation>
    </message>
    <message>
        <source>an open chain</source>
        <translation>eine offene Kette</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>ein Kreis</translation>
    </message>
    <message>
        <source>pairs facing each other</source>
        <translation>Paare, die sich ansehen</translation>
    </message>
    <message>
        <source>“%1” is not a formation. Known are %2.</source>
        <translation>„%1“ ist keine Aufstellung. Bekannt sind %2.</translation>
    </message>
    <message>
        <source>the line of dance</source>
        <translation>die Tanzrichtung</translation>
    </message>
    <message>
        <source>diagonally to the wall</source>
        <translation>diagonal zur Wand</translation>
    </message>
    <message>
        <source>the wall</source>
        <translation>die Wand</translation>
    </message>
    <message>
        <source>diagonally to the wall, against the line</source>
        <translation>diagonal zur Wand, gegen die Tanzrichtung</translation>
    </message>
    <message>
        <source>against the line of dance</source>
        <translation>gegen die Tanzrichtung</translation>
    </message>
    <message>
        <source>diagonally to the centre, against the line</source>
        <translation>diagonal zur Mitte, gegen die Tanzrichtung</translation>
    </message>
    <message>
        <source>the centre</source>
        <translation>die Mitte</translation>
    </message>
    <message>
        <source>diagonally to the centre</source>
        <translation>diagonal zur Mitte</translation>
    </message>
    <message>
        <source>home</source>
        <translation>am eigenen Platz</translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation>getauscht</translation>
    </message>
    <message>
        <source>%1 round</source>
        <translation>%1 herum</translation>
    </message>
    <message>
        <source>%1 is written</source>
        <translation>%1 ist geschrieben</translation>
    </message>
    <message>
        <source>%1 are written</source>
        <translation>%1 sind geschrieben</translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1|%n counts are said, but %1</source>
        <comment>%1: 30 counts are written</comment>
        <translation>
            <numerusform>%n Count ist angegeben, aber %1</numerusform>
            <numerusform>%n Counts sind angegeben, aber %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wall is said, but the turns that are written make %1|%n walls are said, but the turns that are written make %1</source>
        <translation>
            <numerusform>%n Wand ist angegeben, aber die geschriebenen Drehungen ergeben %1</numerusform>
            <numerusform>%n Wände sind angegeben, aber die geschriebenen Drehungen ergeben %1</numerusform>
        </translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>bei %1</translation>
    </message>
    <message>
        <source>on the 1 of %1</source>
        <translation>auf der 1 von %1</translation>
    </message>
    <message>
        <source>in %1, after %2</source>
        <translation>in %1, nach %2</translation>
    </message>
    <message>
        <source>Order, character %1: %2</source>
        <translation>Folge, Zeichen %1: %2</translation>
    </message>
    <message>
        <source>“%1” repeats the part before it; name the part first, as in “A x4”.</source>
        <translation>„%1“ wiederholt den Teil davor; nennen Sie zuerst den Teil, wie in „A x4“.</translation>
    </message>
    <message>
        <source>a part is repeated 1 to %1 times.</source>
        <translation>ein Teil wird 1- bis %1-mal wiederholt.</translation>
    </message>
    <message>
        <source>there is no part “%1”. The parts are %2.</source>
        <translation>es gibt keinen Teil „%1“. Die Teile sind %2.</translation>
    </message>
    <message>
        <source>more than %1 passes.</source>
        <translation>mehr als %1 Durchgänge.</translation>
    </message>
    <message>
        <source>Part %1 lies inside itself.</source>
        <translation>Teil %1 liegt in sich selbst.</translation>
    </message>
    <message>
        <source>Parts lie in parts, %1 deep and deeper, from part %2 on. Nobody keeps count of that; place the figures themselves.</source>
        <translation>Teile liegen in Teilen, %1 tief und tiefer, ab Teil %2. Da behält niemand die Übersicht; setzen Sie die Figuren selbst ein.</translation>
    </message>
    <message>
        <source>Part %1 comes to more than %2 figures with the parts that lie in it. That is more than anybody dances; place fewer parts in parts.</source>
        <translation>Teil %1 kommt mit den Teilen darin auf mehr als %2 Figuren. Das ist mehr, als jemand tanzt; setzen Sie weniger Teile in Teile.</translation>
    </message>
    <message>
        <source>The passes come to more than %1 figures in all. That is more than anybody dances; take passes out.</source>
        <translation>Die Durchgänge kommen auf mehr als %1 Figuren. Das ist mehr, als jemand tanzt; nehmen Sie Durchgänge heraus.</translation>
    </message>
    <message>
        <source>The passes come to more than %1 steps in all. That is more than anybody dances; take passes out.</source>
        <translation>Die Durchgänge kommen auf mehr als %1 Schritte. Das ist mehr, als jemand tanzt; nehmen Sie Durchgänge heraus.</translation>
    </message>
    <message>
        <source>How far is this turn?</source>
        <translation>Wie weit ist diese Drehung?</translation>
    </message>
    <message>
        <source>half</source>
        <translation>halb</translation>
    </message>
    <message>
        <source>a quarter</source>
        <translation>ein Viertel</translation>
    </message>
    <message>
        <source>once round</source>
        <translation>einmal herum</translation>
    </message>
    <message>
        <source>three quarters</source>
        <translation>drei Viertel</translation>
    </message>
    <message>
        <source>Which way is this turn?</source>
        <translation>Wohin geht diese Drehung?</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>%1 feet are said for %2 steps. Say the first foot alone, or all of them.</source>
        <translation>%1 Füße sind für %2 Schritte genannt. Nennen Sie nur den ersten Fuß oder alle.</translation>
    </message>
    <message>
        <source>The turn is read on step %1.</source>
        <translation>Die Drehung wird auf Schritt %1 gelesen.</translation>
    </message>
    <message>
        <source>“%1” says how something is danced, not what. Is it a touch or a step?</source>
        <translation>„%1“ sagt, wie etwas getanzt wird, nicht was. Ist es ein Touch oder ein Schritt?</translation>
    </message>
    <message>
        <source>a touch, without weight</source>
        <translation>ein Touch, ohne Gewicht</translation>
    </message>
    <message>
        <source>a step, with weight</source>
        <translation>ein Schritt, mit Gewicht</translation>
    </message>
    <message>
        <source>“%1 %2” can be one step or two. Which is meant?</source>
        <translation>„%1 %2“ kann ein Schritt oder zwei sein. Was ist gemeint?</translation>
    </message>
    <message>
        <source>one: %1 %2</source>
        <translation>einer: %1 %2</translation>
    </message>
    <message>
        <source>two: %1, then %2</source>
        <translation>zwei: %1, dann %2</translation>
    </message>
    <message>
        <source>A foot and “%1” can be one step or two. Which is meant?</source>
        <translation>Ein Fuß und „%1“ kann ein Schritt oder zwei sein. Was ist gemeint?</translation>
    </message>
    <message>
        <source>one: a %1 of that foot</source>
        <translation>einer: %1 mit diesem Fuß</translation>
    </message>
    <message>
        <source>two: a step, then a %1</source>
        <translation>zwei: ein Schritt, dann %1</translation>
    </message>
    <message>
        <source>Where does “%1” belong?</source>
        <translation>Wohin gehört „%1“?</translation>
    </message>
    <message>
        <source>it is a step of its own</source>
        <translation>es ist ein eigener Schritt</translation>
    </message>
    <message>
        <source>it goes with what follows it</source>
        <translation>es gehört zu dem, was folgt</translation>
    </message>
    <message>
        <source>“cross %1” can be one step or two. Which is meant?</source>
        <translation>„cross %1“ kann ein Schritt oder zwei sein. Was ist gemeint?</translation>
    </message>
    <message>
        <source>two: a cross, then %1</source>
        <translation>zwei: ein cross, dann %1</translation>
    </message>
    <message>
        <source>one: a cross %1</source>
        <translation>einer: ein cross %1</translation>
    </message>
    <message>
        <source>two: a step to the %1, then %2</source>
        <translation>zwei: ein Schritt zur Seite (%1), dann %2</translation>
    </message>
    <message>
        <source>one: the %1 foot closes</source>
        <translation>einer: der Fuß %1 schließt</translation>
    </message>
    <message>
        <source>one: a %1 %2</source>
        <translation>einer: %1 %2</translation>
    </message>
    <message>
        <source>two: a %1, then %2</source>
        <translation>zwei: %1, dann %2</translation>
    </message>
    <message>
        <source>“step %1” can be one step or two. Which is meant?</source>
        <translation>„step %1“ kann ein Schritt oder zwei sein. Was ist gemeint?</translation>
    </message>
    <message>
        <source>two: a step, then %1</source>
        <translation>zwei: ein Schritt, dann %1</translation>
    </message>
    <message>
        <source>one: the step that closes</source>
        <translation>einer: der Schritt, der schließt</translation>
    </message>
    <message>
        <source>Does “and” join two steps, or is it a half count?</source>
        <translation>Verbindet „and“ zwei Schritte, oder ist es ein halber Count?</translation>
    </message>
    <message>
        <source>it only joins them</source>
        <translation>es verbindet sie nur</translation>
    </message>
    <message>
        <source>the step after it is danced on the half count</source>
        <translation>der Schritt danach wird auf dem halben Count getanzt</translation>
    </message>
    <message>
        <source>Is this another %1, or a step?</source>
        <translation>Ist das wieder %1 oder ein Schritt?</translation>
    </message>
    <message>
        <source>a %1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>a step %1</source>
        <translation>ein Schritt %1</translation>
    </message>
    <message>
        <source>These counts lead in; the line begins with the 1 after them.</source>
        <translation>Diese Counts führen hin; die Zeile beginnt mit der 1 danach.</translation>
    </message>
    <message>
        <source>danced on %1 to %2</source>
        <translation>getanzt auf %1 bis %2</translation>
    </message>
    <message>
        <source>Is something danced on these counts, or do they lead in?</source>
        <translation>Wird auf diesen Counts etwas getanzt, oder führen sie hin?</translation>
    </message>
    <message>
        <source>danced on 1 to %1</source>
        <translation>getanzt auf 1 bis %1</translation>
    </message>
    <message>
        <source>Do these counts lead in, or is something danced on them?</source>
        <translation>Führen diese Counts hin, oder wird darauf etwas getanzt?</translation>
    </message>
    <message>
        <source>they lead in</source>
        <translation>sie führen hin</translation>
    </message>
    <message>
        <source>“%1” has no place in a count that is %2.</source>
        <translation>„%1“ hat in einem Count, der %2 ist, keinen Platz.</translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4, or for a silent count after others.</source>
        <translation>Ein Strich steht zwischen zwei Counts, wie in 1-4, oder für einen stummen Count nach anderen.</translation>
    </message>
    <message>
        <source>Is this the count after %1, or %2 itself?</source>
        <translation>Ist das der Count nach %1 oder %2 selbst?</translation>
    </message>
    <message>
        <source>a silent %1</source>
        <translation>eine stumme %1</translation>
    </message>
    <message>
        <source>nothing is danced on %1</source>
        <translation>auf %1 wird nichts getanzt</translation>
    </message>
    <message>
        <source>the feet of its steps</source>
        <translation>die Füße ihrer Schritte</translation>
    </message>
    <message>
        <source>the figure again, on the other foot</source>
        <translation>die Figur noch einmal, auf dem anderen Fuß</translation>
    </message>
    <message>
        <source>the figure again, on each of them</source>
        <translation>die Figur noch einmal, auf jedem davon</translation>
    </message>
    <message>
        <source>a step of its own</source>
        <translation>ein eigener Schritt</translation>
    </message>
    <message>
        <source>steps of their own</source>
        <translation>eigene Schritte</translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after it say?|What do the feet after it say?</source>
        <translation>
            <numerusform>Was sagt der Fuß danach?</numerusform>
            <numerusform>Was sagen die Füße danach?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after “%1” say?|What do the feet after “%1” say?</source>
        <translation>
            <numerusform>Was sagt der Fuß nach „%1“?</numerusform>
            <numerusform>Was sagen die Füße nach „%1“?</numerusform>
        </translation>
    </message>
    <message>
        <source>Is this danced for %1 counts, or on count %2?</source>
        <translation>Wird das %1 Counts lang getanzt oder auf Count %2?</translation>
    </message>
    <message>
        <source>for %1 counts</source>
        <translation>%1 Counts lang</translation>
    </message>
    <message>
        <source>on count %1</source>
        <translation>auf Count %1</translation>
    </message>
    <message>
        <source>Say one step before count 2, or say count 1.</source>
        <translation>Sagen Sie vor Count 2 einen Schritt oder sagen Sie Count 1.</translation>
    </message>
    <message>
        <source>Is this danced on count %1 or after it?</source>
        <translation>Wird das auf Count %1 getanzt oder danach?</translation>
    </message>
    <message>
        <source>after it, on count %1</source>
        <translation>danach, auf Count %1</translation>
    </message>
    <message>
        <source>Are these %1 steps, or is it a step on count %2?</source>
        <translation>Sind das %1 Schritte oder ein Schritt auf Count %2?</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 Schritte</translation>
    </message>
    <message>
        <source>a step on count %1</source>
        <translation>ein Schritt auf Count %1</translation>
    </message>
    <message>
        <source>“%1” stands before the first count. Say on which count it is danced, or say the line without counts.</source>
        <translation>„%1“ steht vor dem ersten Count. Sagen Sie, auf welchem Count es getanzt wird, oder sagen Sie die Zeile ohne Counts.</translation>
    </message>
    <message>
        <source>Is “and” the half count here, or does it join two words?</source>
        <translation>Ist „and“ hier der halbe Count, oder verbindet es zwei Wörter?</translation>
    </message>
    <message>
        <source>the half count</source>
        <translation>der halbe Count</translation>
    </message>
    <message>
        <source>it joins them</source>
        <translation>es verbindet sie</translation>
    </message>
    <message>
        <source>What is danced %1 times?</source>
        <translation>Was wird %1-mal getanzt?</translation>
    </message>
    <message>
        <source>all that stands before it</source>
        <translation>alles, was davor steht</translation>
    </message>
    <message>
        <source>the step: %1 steps of %2 counts each</source>
        <translation>der Schritt: %1 Schritte zu je %2 Counts</translation>
    </message>
    <message>
        <source>Nothing of that length is said before it that could be repeated.</source>
        <translation>Davor ist nichts von dieser Länge gesagt, das wiederholt werden könnte.</translation>
    </message>
    <message>
        <source>%1 counts are said for it, but what is repeated has %2.</source>
        <translation>%1 Counts sind dafür angegeben, aber was wiederholt wird, hat %2.</translation>
    </message>
    <message>
        <source>Is it danced on the other foot?</source>
        <translation>Wird es auf dem anderen Fuß getanzt?</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no: on the same</source>
        <translation>nein, auf demselben</translation>
    </message>
    <message>
        <source>Nothing is said before it that could be repeated.</source>
        <translation>Davor ist nichts gesagt, das wiederholt werden könnte.</translation>
    </message>
    <message>
        <source>A line is repeated 2 to 64 times.</source>
        <translation>Eine Zeile wird 2- bis 64-mal wiederholt.</translation>
    </message>
    <message>
        <source>only what follows the last comma</source>
        <translation>nur, was nach dem letzten Komma steht</translation>
    </message>
    <message>
        <source>Is this turn a step, or does only the body turn?</source>
        <translation>Ist diese Drehung ein Schritt, oder dreht nur der Körper?</translation>
    </message>
    <message>
        <source>a step: weight goes to the other foot</source>
        <translation>ein Schritt: Das Gewicht geht auf den anderen Fuß</translation>
    </message>
    <message>
        <source>only the body turns</source>
        <translation>nur der Körper dreht</translation>
    </message>
    <message>
        <source>Does this turn take a count of its own?</source>
        <translation>Braucht diese Drehung einen eigenen Count?</translation>
    </message>
    <message>
        <source>yes: weight goes to the other foot</source>
        <translation>ja: Das Gewicht geht auf den anderen Fuß</translation>
    </message>
    <message>
        <source>no: it is danced with the step %1</source>
        <translation>nein: Sie wird mit dem Schritt %1 getanzt</translation>
    </message>
    <message>
        <source>Say slow or quick before each step of this line, or counts instead.</source>
        <translation>Sagen Sie vor jedem Schritt dieser Zeile langsam oder schnell oder stattdessen Counts.</translation>
    </message>
    <message>
        <source>Two steps are said on one slow or quick. Say slow or quick before each.</source>
        <translation>Zwei Schritte stehen auf einem Langsam oder Schnell. Sagen Sie es vor jedem.</translation>
    </message>
    <message>
        <source>How long is this?</source>
        <translation>Wie lang ist das?</translation>
    </message>
    <message>
        <source>quick</source>
        <translation>schnell</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>langsam</translation>
    </message>
    <message>
        <source>it says where the figure goes</source>
        <translation>es sagt, wohin die Figur geht</translation>
    </message>
    <message>
        <source>“%1” is not a word that is known here. What does it say?</source>
        <translation>„%1“ ist hier kein bekanntes Wort. Was sagt es?</translation>
    </message>
    <message>
        <source>your own: %1</source>
        <translation>eigenes: %1</translation>
    </message>
    <message>
        <source>as %1 has it: %2</source>
        <translation>wie %1 es hat: %2</translation>
    </message>
    <message>
        <source>as it is usual</source>
        <translation>wie üblich</translation>
    </message>
    <message>
        <source>“%1” has several meanings. Which is meant?</source>
        <translation>„%1“ hat mehrere Bedeutungen. Was ist gemeint?</translation>
    </message>
    <message>
        <source>Something is said here on a count that is silent.</source>
        <translation>Auf einem stummen Count wird hier etwas gesagt.</translation>
    </message>
    <message>
        <source>on the count after them</source>
        <translation>auf dem Count danach</translation>
    </message>
    <message>
        <source>on the last of them</source>
        <translation>auf dem letzten davon</translation>
    </message>
    <message>
        <source>on each of them</source>
        <translation>auf jedem davon</translation>
    </message>
    <message>
        <source>One step is named for %1 counts. On which is it danced?</source>
        <translation>Für %1 Counts ist ein Schritt genannt. Auf welchem wird er getanzt?</translation>
    </message>
    <message>
        <source>on these counts</source>
        <translation>auf diesen Counts</translation>
    </message>
    <message>
        <source>a step on each count, then this</source>
        <translation>ein Schritt auf jedem Count, dann dies</translation>
    </message>
    <message>
        <source>Is this danced on these counts or after them?</source>
        <translation>Wird das auf diesen Counts getanzt oder danach?</translation>
    </message>
    <message>
        <source>This figure has %1 steps, and the counts leave room for one. Which is meant?</source>
        <translation>Diese Figur hat %1 Schritte, und die Counts lassen Platz für einen. Was ist gemeint?</translation>
    </message>
    <message>
        <source>one step of that name</source>
        <translation>ein Schritt dieses Namens</translation>
    </message>
    <message>
        <source>its own rhythm, over what follows</source>
        <translation>ihr eigener Rhythmus, über das Folgende hinweg</translation>
    </message>
    <message>
        <source>The counts say another rhythm than the words. Which is meant?</source>
        <translation>Die Counts nennen einen anderen Rhythmus als die Wörter. Was gilt?</translation>
    </message>
    <message>
        <source>the counts</source>
        <translation>die Counts</translation>
    </message>
    <message>
        <source>the words, from count %1</source>
        <translation>die Wörter, ab Count %1</translation>
    </message>
    <message>
        <source>the words, in their own rhythm from count %1</source>
        <translation>die Wörter, in ihrem eigenen Rhythmus ab Count %1</translation>
    </message>
    <message>
        <source>a step on each count as far as they go</source>
        <translation>ein Schritt auf jedem Count, so weit sie reichen</translation>
    </message>
    <message>
        <source>as many as there are counts</source>
        <translation>so viele, wie Counts da sind</translation>
    </message>
    <message>
        <source>a step on each count, then the words</source>
        <translation>ein Schritt auf jedem Count, dann die Wörter</translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1. Which is meant?|%n counts are said, but %1. Which is meant?</source>
        <translation>
            <numerusform>%n Count ist genannt, aber %1. Was gilt?</numerusform>
            <numerusform>%n Counts sind genannt, aber %1. Was gilt?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step is named|%n steps are named</source>
        <translation>
            <numerusform>%n Schritt ist genannt</numerusform>
            <numerusform>%n Schritte sind genannt</numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how the step is danced</source>
        <translation>es sagt nur, wie der Schritt getanzt wird</translation>
    </message>
    <message>
        <source>a step of its own, with weight</source>
        <translation>ein eigener Schritt, mit Gewicht</translation>
    </message>
    <message>
        <source>a step of its own, without weight</source>
        <translation>ein eigener Schritt, ohne Gewicht</translation>
    </message>
    <message>
        <source>without weight</source>
        <translation>ohne Gewicht</translation>
    </message>
    <message>
        <source>The line says that the weight is on the %1 foot, but by its steps that foot is free.</source>
        <translation>Die Zeile sagt, das Gewicht sei auf dem Fuß %1, aber nach ihren Schritten ist dieser Fuß frei.</translation>
    </message>
    <message>
        <source>A word and the name of its school have at most 80 letters each.</source>
        <translation>Ein Wort und der Name seiner Schule haben je höchstens 80 Buchstaben.</translation>
    </message>
    <message>
        <source>Give %1 as one to four words.</source>
        <translation>Geben Sie %1 als ein bis vier Wörter an.</translation>
    </message>
    <message>
        <source>%1 is not a word: a name has letters alone.</source>
        <translation>%1 ist kein Wort: Ein Name hat nur Buchstaben.</translation>
    </message>
    <message>
        <source>%1 always means the same (a count, a foot, a side, …) and cannot be given another meaning.</source>
        <translation>%1 bedeutet immer dasselbe (einen Count, einen Fuß, eine Seite, …) und kann keine andere Bedeutung bekommen.</translation>
    </message>
    <message>
        <source>The meaning of %1 has at most 400 letters.</source>
        <translation>Die Bedeutung von %1 hat höchstens 400 Buchstaben.</translation>
    </message>
    <message>
        <source>The meaning of %1 cannot be read: %2</source>
        <translation>Die Bedeutung von %1 kann nicht gelesen werden: %2</translation>
    </message>
    <message>
        <source>The meaning of %1 can be meant in several ways: %2</source>
        <translation>Die Bedeutung von %1 kann mehreres heißen: %2</translation>
    </message>
    <message>
        <source>The meaning of %1 has counts, steps and turns alone, from count 1 and over at most 64 counts: 1 behind &amp; side 2 side.</source>
        <translation>Die Bedeutung von %1 hat nur Counts, Schritte und Drehungen, ab Count 1 und über höchstens 64 Counts: 1 behind &amp; side 2 side.</translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1|%n steps as %1</source>
        <translation>
            <numerusform>%n Schritt als %1</numerusform>
            <numerusform>%n Schritte als %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, without weight|%n steps as %1, the last without weight</source>
        <translation>
            <numerusform>%n Schritt als %1, ohne Gewicht</numerusform>
            <numerusform>%n Schritte als %1, der letzte ohne Gewicht</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, %2 with weight|%n steps as %1, %2 with weight</source>
        <translation>
            <numerusform>%n Schritt als %1, %2 mit Gewicht</numerusform>
            <numerusform>%n Schritte als %1, %2 mit Gewicht</numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how a step is danced</source>
        <translation>es sagt nur, wie ein Schritt getanzt wird</translation>
    </message>
    <message>
        <source>something beside the feet</source>
        <translation>etwas neben den Füßen</translation>
    </message>
    <message>
        <source>Count %1 lies outside the song.</source>
        <translation>Count %1 liegt außerhalb der Musik.</translation>
    </message>
    <message>
        <source>That moment lies before the first beat or after the last.</source>
        <translation>Dieser Moment liegt vor dem ersten oder nach dem letzten Schlag.</translation>
    </message>
    <message>
        <source>the pick-up</source>
        <translation>der Auftakt</translation>
    </message>
    <message>
        <source>count %1 of %2</source>
        <translation>Count %1 von %2</translation>
    </message>
    <message>
        <source>set of %1</source>
        <translation>Zählreihe von %1</translation>
    </message>
    <message>
        <source>sets of %1</source>
        <translation>Zählreihen von %1</translation>
    </message>
    <message>
        <source>set %1</source>
        <translation>Zählreihe %1</translation>
    </message>
    <message>
        <source>“%1” is not a way of counting. Known are beat, half-beat, two-beats, bar and bar-group.</source>
        <translation>„%1“ ist keine Zählweise. Bekannt sind beat, half-beat, two-beats, bar und bar-group.</translation>
    </message>
    <message>
        <source>“%1” is not a kind of moment. Known are hit, stop, entry, change, lyric and other.</source>
        <translation>„%1“ ist keine Art von Moment. Bekannt sind hit, stop, entry, change, lyric und other.</translation>
    </message>
    <message>
        <source>bar %1 (%2)</source>
        <translation>Takt %1 (%2)</translation>
    </message>
    <message>
        <source>bars %1 to %2 (%3)</source>
        <translation>Takte %1 bis %2 (%3)</translation>
    </message>
    <message>
        <source>Bars %1 to %2 are not in the song, which has %3.</source>
        <translation>Takte %1 bis %2 sind nicht in der Musik, die %3 hat.</translation>
    </message>
    <message>
        <source>Nothing would be left of the song.</source>
        <translation>Von der Musik bliebe nichts übrig.</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>There are no beats yet for: %1.</source>
        <translation>Dafür gibt es noch keine Schläge: %1.</translation>
    </message>
    <message>
        <source>This lies outside the song&apos;s beats: %1.</source>
        <translation>Das liegt außerhalb der Schläge der Musik: %1.</translation>
    </message>
    <message>
        <source>These exclude each other, since there is one beat for both: %1, and %2. Forget one of them.</source>
        <translation>Diese schließen einander aus, weil beide denselben Schlag meinen: %1, und %2. Vergessen Sie eines davon.</translation>
    </message>
    <message>
        <source>These exclude each other: %1, and %2. Forget one of them.</source>
        <translation>Diese schließen einander aus: %1, und %2. Vergessen Sie eines davon.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, not %1.</source>
        <translation>Ein Takt hat 1 bis 24 Schläge, nicht %1.</translation>
    </message>
    <message>
        <source>Here a tempo in beats a minute is missing.</source>
        <translation>Hier fehlt ein Tempo in Schlägen pro Minute.</translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 beats a minute.</source>
        <translation>Ein Tempo liegt zwischen 10 und 600 Schlägen pro Minute.</translation>
    </message>
    <message>
        <source>A held beat ends after it begins.</source>
        <translation>Ein gehaltener Schlag endet nach seinem Anfang.</translation>
    </message>
    <message>
        <source>“%1” is not a fact. Known are one, bar, beat, tempo, metre, phrase, stop and fermata.</source>
        <translation>„%1“ ist keine Angabe. Bekannt sind one, bar, beat, tempo, metre, phrase, stop und fermata.</translation>
    </message>
    <message>
        <source>“%1” is more than a %2 needs.</source>
        <translation>„%1“ ist mehr, als %2 braucht.</translation>
    </message>
    <message>
        <source>Facts, line %1: %2</source>
        <translation>Angaben, Zeile %1: %2</translation>
    </message>
    <message>
        <source>Here a time in seconds, such as 12.345, is missing.</source>
        <translation>Hier fehlt eine Zeit in Sekunden, etwa 12.345.</translation>
    </message>
    <message>
        <source>A time is not negative.</source>
        <translation>Eine Zeit ist nicht negativ.</translation>
    </message>
    <message>
        <source>A part of the song ends after it begins.</source>
        <translation>Ein Teil der Musik endet nach seinem Anfang.</translation>
    </message>
    <message>
        <source>Here a number of beats is missing.</source>
        <translation>Hier fehlt eine Zahl von Schlägen.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, with groups such as 7:3+2+2.</source>
        <translation>Ein Takt hat 1 bis 24 Schläge, mit Gruppen wie 7:3+2+2.</translation>
    </message>
    <message>
        <source>A stop ends after it begins.</source>
        <translation>Ein Stopp endet nach seinem Anfang.</translation>
    </message>
    <message>
        <source>%1 from %2 to %3</source>
        <translation>%1 von %2 bis %3</translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation>doppelt so viele Schläge</translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation>halb so viele Schläge</translation>
    </message>
    <message>
        <source>the metre is %1</source>
        <translation>die Taktart ist %1</translation>
    </message>
    <message>
        <source>a 1 at %1</source>
        <translation>eine 1 bei %1</translation>
    </message>
    <message numerus="yes">
        <source>the bar at %1 has %n beat|the bar at %1 has %n beats</source>
        <translation>
            <numerusform>der Takt bei %1 hat %n Schlag</numerusform>
            <numerusform>der Takt bei %1 hat %n Schläge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>a phrase starts at %1 and has %n beat|a phrase starts at %1 and has %n beats</source>
        <translation>
            <numerusform>eine Phrase beginnt bei %1 und hat %n Schlag</numerusform>
            <numerusform>eine Phrase beginnt bei %1 und hat %n Schläge</numerusform>
        </translation>
    </message>
    <message>
        <source>a phrase starts at %1</source>
        <translation>eine Phrase beginnt bei %1</translation>
    </message>
    <message>
        <source>the phrase at %1 is called “%2”</source>
        <translation>die Phrase bei %1 heißt „%2“</translation>
    </message>
    <message>
        <source>a beat at %1</source>
        <translation>ein Schlag bei %1</translation>
    </message>
    <message>
        <source>the tempo is %1 bpm</source>
        <translation>das Tempo ist %1 bpm</translation>
    </message>
    <message>
        <source>a stop of %1 from %2 to %3</source>
        <translation>ein Stopp von %1 von %2 bis %3</translation>
    </message>
    <message>
        <source>every beat %1 ms earlier</source>
        <translation>jeder Schlag %1 ms früher</translation>
    </message>
    <message>
        <source>every beat %1 ms later</source>
        <translation>jeder Schlag %1 ms später</translation>
    </message>
    <message>
        <source>a beat held from %1 to %2</source>
        <translation>ein Schlag, gehalten von %1 bis %2</translation>
    </message>
    <message>
        <source>“%1” is not a metre: %2</source>
        <translation>„%1“ ist keine Taktart: %2</translation>
    </message>
    <message>
        <source>write it like 4/4, 3/4, 6/8 or 7/8:3+2+2.</source>
        <translation>schreiben Sie sie wie 4/4, 3/4, 6/8 oder 7/8:3+2+2.</translation>
    </message>
    <message>
        <source>a bar has 1 to 24 beats.</source>
        <translation>ein Takt hat 1 bis 24 Schläge.</translation>
    </message>
    <message>
        <source>a beat is a 2, 4, 8 or 16.</source>
        <translation>ein Schlag ist ein 2, 4, 8 oder 16.</translation>
    </message>
    <message>
        <source>groups are written like 3+2+2.</source>
        <translation>Gruppen werden wie 3+2+2 geschrieben.</translation>
    </message>
    <message>
        <source>a group is missing after the last +.</source>
        <translation>nach dem letzten + fehlt eine Gruppe.</translation>
    </message>
    <message>
        <source>its groups must add up to %1.</source>
        <translation>ihre Gruppen müssen zusammen %1 ergeben.</translation>
    </message>
    <message>
        <source>Beat %1 has no time.</source>
        <translation>Schlag %1 hat keine Zeit.</translation>
    </message>
    <message>
        <source>Beat %1 is not later than the beat before it.</source>
        <translation>Schlag %1 liegt nicht nach dem Schlag davor.</translation>
    </message>
    <message>
        <source>The pick-up is longer than the song.</source>
        <translation>Der Auftakt ist länger als die Musik.</translation>
    </message>
    <message>
        <source>Bar %1 does not follow the bar before it.</source>
        <translation>Takt %1 folgt nicht auf den Takt davor.</translation>
    </message>
    <message>
        <source>Bar %1 has no beats.</source>
        <translation>Takt %1 hat keine Schläge.</translation>
    </message>
    <message>
        <source>The groups of bar %1 do not add up to its beats.</source>
        <translation>Die Gruppen von Takt %1 ergeben nicht seine Schläge.</translation>
    </message>
    <message>
        <source>The bars do not cover all beats of the song.</source>
        <translation>Die Takte decken nicht alle Schläge der Musik ab.</translation>
    </message>
    <message>
        <source>Phrase %1 does not follow the phrase before it.</source>
        <translation>Phrase %1 folgt nicht auf die Phrase davor.</translation>
    </message>
    <message>
        <source>The phrases do not cover all bars of the song.</source>
        <translation>Die Phrasen decken nicht alle Takte der Musik ab.</translation>
    </message>
    <message>
        <source>A stop ends before it starts.</source>
        <translation>Ein Stopp endet vor seinem Anfang.</translation>
    </message>
    <message>
        <source>The song ends before its last beat.</source>
        <translation>Die Musik endet vor ihrem letzten Schlag.</translation>
    </message>
    <message numerus="yes">
        <source>%n beat|%n beats</source>
        <translation>
            <numerusform>%n Schlag</numerusform>
            <numerusform>%n Schläge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n bar|%n bars</source>
        <translation>
            <numerusform>%n Takt</numerusform>
            <numerusform>%n Takte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n phrase|%n phrases</source>
        <translation>
            <numerusform>%n Phrase</numerusform>
            <numerusform>%n Phrasen</numerusform>
        </translation>
    </message>
    <message>
        <source>Structure, character %1: %2</source>
        <translation>Aufbau, Zeichen %1: %2</translation>
    </message>
    <message>
        <source>after @ comes a tempo such as @112 or @112&gt;90.</source>
        <translation>nach @ kommt ein Tempo wie @112 oder @112&gt;90.</translation>
    </message>
    <message>
        <source>a tempo lies between 10 and 600 bpm.</source>
        <translation>ein Tempo liegt zwischen 10 und 600 bpm.</translation>
    </message>
    <message>
        <source>there is nothing between two bars. Write a section, for example “verse 32”.</source>
        <translation>zwischen zwei Strichen steht nichts. Schreiben Sie einen Abschnitt, zum Beispiel „verse 32“.</translation>
    </message>
    <message>
        <source>a fermata lasts longer than no time.</source>
        <translation>eine Fermate dauert länger als keine Zeit.</translation>
    </message>
    <message>
        <source>how many beats? Write a number after the name, for example “verse 32”.</source>
        <translation>wie viele Schläge? Schreiben Sie eine Zahl nach dem Namen, zum Beispiel „verse 32“.</translation>
    </message>
    <message>
        <source>a section has 1 to %1 beats.</source>
        <translation>ein Abschnitt hat 1 bis %1 Schläge.</translation>
    </message>
    <message>
        <source>a number needs a name before it, for example “verse 32”.</source>
        <translation>eine Zahl braucht davor einen Namen, zum Beispiel „verse 32“.</translation>
    </message>
    <message>
        <source>“%1” is one word too many. Part the sections with |.</source>
        <translation>„%1“ ist ein Wort zu viel. Trennen Sie die Abschnitte mit |.</translation>
    </message>
    <message>
        <source>how long is it held? Write for example “fermata 1 3.2s”.</source>
        <translation>wie lange wird sie gehalten? Schreiben Sie zum Beispiel „fermata 1 3.2s“.</translation>
    </message>
    <message>
        <source>only a fermata has seconds; a section has beats.</source>
        <translation>nur eine Fermate hat Sekunden; ein Abschnitt hat Schläge.</translation>
    </message>
    <message>
        <source>the pick-up comes before everything else.</source>
        <translation>der Auftakt kommt vor allem anderen.</translation>
    </message>
    <message>
        <source>“%1” belongs to a section: name the section first, for example “verse 16 | stop 4”.</source>
        <translation>„%1“ gehört zu einem Abschnitt: Nennen Sie zuerst den Abschnitt, zum Beispiel „verse 16 | stop 4“.</translation>
    </message>
    <message>
        <source>the song has more than %1 beats.</source>
        <translation>die Musik hat mehr als %1 Schläge.</translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 bpm, not %1.</source>
        <translation>Ein Tempo liegt zwischen 10 und 600 bpm, nicht %1.</translation>
    </message>
    <message>
        <source>The first beat needs a time in seconds.</source>
        <translation>Der erste Schlag braucht eine Zeit in Sekunden.</translation>
    </message>
    <message>
        <source>Too few taps agree with each other. Tap at least four, better sixteen, one on each beat.</source>
        <translation>Zu wenig vom Getippten stimmt überein. Tippen Sie mindestens viermal, besser sechzehnmal, einmal auf jeden Schlag.</translation>
    </message>
    <message>
        <source>The taps lie before the song.</source>
        <translation>Das Getippte liegt vor der Musik.</translation>
    </message>
    <message>
        <source>steady within %1</source>
        <translation>gleichmäßig auf %1</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>World DanceSport Federation rules; from memory</source>
        <translation>Regeln der World DanceSport Federation; aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>common practice, no source</source>
        <translation>üblich, ohne Quelle</translation>
    </message>
    <message>
        <source>waltz</source>
        <translation>Langsamer Walzer</translation>
    </message>
    <message>
        <source>tango</source>
        <translation>Tango</translation>
    </message>
    <message>
        <source>viennese waltz</source>
        <translation>Wiener Walzer</translation>
    </message>
    <message>
        <source>slow foxtrot</source>
        <translation>Slowfox</translation>
    </message>
    <message>
        <source>quickstep</source>
        <translation>Quickstep</translation>
    </message>
    <message>
        <source>samba</source>
        <translation>Samba</translation>
    </message>
    <message>
        <source>cha-cha</source>
        <translation>Cha-Cha-Cha</translation>
    </message>
    <message>
        <source>rumba</source>
        <translation>Rumba</translation>
    </message>
    <message>
        <source>paso doble</source>
        <translation>Paso doble</translation>
    </message>
    <message>
        <source>jive</source>
        <translation>Jive</translation>
    </message>
    <message>
        <source>bachata</source>
        <translation>Bachata</translation>
    </message>
    <message>
        <source>hustle</source>
        <translation>Hustle</translation>
    </message>
    <message>
        <source>jig</source>
        <translation>Jig</translation>
    </message>
    <message>
        <source>lindy hop</source>
        <translation>Lindy Hop</translation>
    </message>
    <message>
        <source>line dance, easy</source>
        <translation>Line Dance, leicht</translation>
    </message>
    <message>
        <source>line dance, quick</source>
        <translation>Line Dance, schnell</translation>
    </message>
    <message>
        <source>ländler</source>
        <translation>Ländler</translation>
    </message>
    <message>
        <source>mazurka</source>
        <translation>Mazurka</translation>
    </message>
    <message>
        <source>merengue</source>
        <translation>Merengue</translation>
    </message>
    <message>
        <source>musette waltz</source>
        <translation>Musette-Walzer</translation>
    </message>
    <message>
        <source>polka</source>
        <translation>Polka</translation>
    </message>
    <message>
        <source>reel</source>
        <translation>Reel</translation>
    </message>
    <message>
        <source>rotary hambo</source>
        <translation>Hambo</translation>
    </message>
    <message>
        <source>salsa</source>
        <translation>Salsa</translation>
    </message>
    <message>
        <source>schottische</source>
        <translation>Schottisch</translation>
    </message>
    <message>
        <source>square and contra</source>
        <translation>Square und Contra</translation>
    </message>
    <message>
        <source>two-step</source>
        <translation>Two-Step</translation>
    </message>
    <message>
        <source>music that the other recording did not have, or a cut</source>
        <translation>Musik, die die andere Aufnahme nicht hatte, oder ein Schnitt</translation>
    </message>
    <message>
        <source>it belongs to the phrase before</source>
        <translation>es gehört zur Phrase davor</translation>
    </message>
    <message>
        <source>every 1 is a beat later</source>
        <translation>jede 1 liegt einen Schlag später</translation>
    </message>
    <message>
        <source>Routine without a name</source>
        <translation>Choreografie ohne Namen</translation>
    </message>
    <message>
        <source>To remember: %1</source>
        <translation>Zu merken: %1</translation>
    </message>
    <message>
        <source>Part %1, %2</source>
        <translation>Teil %1, %2</translation>
    </message>
    <message>
        <source>Order of passes</source>
        <translation>Folge der Durchgänge</translation>
    </message>
    <message>
        <source>No passes yet.</source>
        <translation>Noch keine Durchgänge.</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>zu „%1“</translation>
    </message>
    <message>
        <source>%1, counted in %2</source>
        <translation>%1, Zählung: %2</translation>
    </message>
    <message>
        <source>WAIT %1</source>
        <translation>WARTEN %1</translation>
    </message>
    <message>
        <source>RESTART after %1</source>
        <translation>RESTART nach %1</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>TAG of %1, %2</source>
        <translation>TAG von %1, %2</translation>
    </message>
    <message>
        <source>BRIDGE</source>
        <translation>BRÜCKE</translation>
    </message>
    <message>
        <source>OTHER SIDE</source>
        <translation>ANDERE SEITE</translation>
    </message>
    <message>
        <source>PLACES EXCHANGED</source>
        <translation>PLÄTZE GETAUSCHT</translation>
    </message>
    <message>
        <source>CANON</source>
        <translation>KANON</translation>
    </message>
    <message>
        <source>CHANGED, see above</source>
        <translation>GEÄNDERT, siehe oben</translation>
    </message>
    <message>
        <source>%1, then %2</source>
        <translation>%1, dann %2</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>Durchgang</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Blick</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Count</translation>
    </message>
    <message>
        <source>music</source>
        <translation>Musik</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>freier Fuß</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>Counts</translation>
    </message>
    <message>
        <source>%1, count %2</source>
        <translation>%1, Count %2</translation>
    </message>
    <message>
        <source>touch</source>
        <translation>Touch</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>both feet</source>
        <translation>beide Füße</translation>
    </message>
    <message>
        <source>Warm up first.</source>
        <translation>Zuerst aufwärmen.</translation>
    </message>
    <message>
        <source>Dry floor, shoes that let the foot turn, room around kicks.</source>
        <translation>Trockener Boden, Schuhe, in denen der Fuß dreht, Platz um Kicks.</translation>
    </message>
    <message>
        <source>Rest between full runs.</source>
        <translation>Zwischen ganzen Durchläufen ruhen.</translation>
    </message>
    <message>
        <source>Music at a comfortable volume.</source>
        <translation>Musik in angenehmer Lautstärke.</translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation>Qualifizierte Lehrkräfte und die Hausregeln gehen vor.</translation>
    </message>
    <message>
        <source>What is not saved cannot be kept in “%1”: %2.</source>
        <translation>Was nicht gespeichert ist, kann in „%1“ nicht aufbewahrt werden: %2.</translation>
    </message>
    <message>
        <source>Unsaved work in “%1” cannot be read: %2</source>
        <translation>Nicht gespeicherte Arbeit in „%1“ kann nicht gelesen werden: %2</translation>
    </message>
    <message>
        <source>It is damaged: %1.</source>
        <translation>Es ist beschädigt: %1.</translation>
    </message>
    <message>
        <source>its first line does not end</source>
        <translation>seine erste Zeile endet nicht</translation>
    </message>
    <message>
        <source>it is not a journal</source>
        <translation>es ist kein Journal</translation>
    </message>
    <message>
        <source>A newer Lift Count wrote it.</source>
        <translation>Ein neueres Lift Count hat es geschrieben.</translation>
    </message>
    <message>
        <source>Walk four</source>
        <translation>Vier gehen</translation>
    </message>
    <message>
        <source>walks</source>
        <translation>Gehen</translation>
    </message>
    <message>
        <source>first steps</source>
        <translation>erste Schritte</translation>
    </message>
    <message>
        <source>Four plain walks forward, one on each count.</source>
        <translation>Vier einfache Schritte vorwärts, einer auf jedem Count.</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Line</translation>
    </message>
    <message>
        <source>Walk back four</source>
        <translation>Vier zurück gehen</translation>
    </message>
    <message>
        <source>Four plain walks backward.</source>
        <translation>Vier einfache Schritte rückwärts.</translation>
    </message>
    <message>
        <source>Slow walks</source>
        <translation>Langsames Gehen</translation>
    </message>
    <message>
        <source>Two walks that take two counts each: time to show the leg.</source>
        <translation>Zwei Schritte zu je zwei Counts: Zeit, das Bein zu zeigen.</translation>
    </message>
    <message>
        <source>Walk and touch</source>
        <translation>Gehen und Touch</translation>
    </message>
    <message>
        <source>Three walks and a touch that keeps the foot free for the way back.</source>
        <translation>Drei Schritte und ein Touch, der den Fuß für den Rückweg frei hält.</translation>
    </message>
    <message>
        <source>Toe strut</source>
        <translation>Toe Strut</translation>
    </message>
    <message>
        <source>heel strut</source>
        <translation>Heel Strut</translation>
    </message>
    <message>
        <source>improver</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>Toe down without weight, then the heel: two counts for each foot.</source>
        <translation>Zehe ohne Gewicht auf, dann die Ferse: zwei Counts für jeden Fuß.</translation>
    </message>
    <message>
        <source>March in place</source>
        <translation>Marsch am Platz</translation>
    </message>
    <message>
        <source>Eight steps on the spot; a rest for the head.</source>
        <translation>Acht Schritte am Platz; eine Pause für den Kopf.</translation>
    </message>
    <message>
        <source>warm-up</source>
        <translation>Aufwärmen</translation>
    </message>
    <message>
        <source>Cross walks</source>
        <translation>Kreuzgehen</translation>
    </message>
    <message>
        <source>Walks that pass across the line of travel.</source>
        <translation>Schritte, die über die Laufrichtung kreuzen.</translation>
    </message>
    <message>
        <source>stage</source>
        <translation>Bühne</translation>
    </message>
    <message>
        <source>Triple in place</source>
        <translation>Triple am Platz</translation>
    </message>
    <message>
        <source>triples</source>
        <translation>Triples</translation>
    </message>
    <message>
        <source>Three changes of weight in two counts, on the spot.</source>
        <translation>Drei Gewichtswechsel in zwei Counts, am Platz.</translation>
    </message>
    <message>
        <source>Chassé to the side</source>
        <translation>Chassé zur Seite</translation>
    </message>
    <message>
        <source>side triple</source>
        <translation>Seit-Triple</translation>
    </message>
    <message>
        <source>Side, close, side in two counts.</source>
        <translation>Seit, schließen, seit in zwei Counts.</translation>
    </message>
    <message>
        <source>Shuffle forward</source>
        <translation>Shuffle vorwärts</translation>
    </message>
    <message>
        <source>Forward, close, forward in two counts.</source>
        <translation>Vor, schließen, vor in zwei Counts.</translation>
    </message>
    <message>
        <source>Back, close, forward</source>
        <translation>Zurück, schließen, vor</translation>
    </message>
    <message>
        <source>A triple that turns the travel round without turning the body.</source>
        <translation>Ein Triple, der die Richtung umkehrt, ohne den Körper zu drehen.</translation>
    </message>
    <message>
        <source>Behind, side, side</source>
        <translation>Hinter, seit, seit</translation>
    </message>
    <message>
        <source>A triple that begins behind and sways to the side.</source>
        <translation>Ein Triple, der hinten beginnt und zur Seite schwingt.</translation>
    </message>
    <message>
        <source>Locked triple</source>
        <translation>Gekreuzter Triple</translation>
    </message>
    <message>
        <source>The second step locks behind the first.</source>
        <translation>Der zweite Schritt kreuzt eng hinter den ersten.</translation>
    </message>
    <message>
        <source>Polka step</source>
        <translation>Polkaschritt</translation>
    </message>
    <message>
        <source>A hop before the count leads into a triple forward.</source>
        <translation>Ein Hüpfer vor dem Count führt in einen Triple vorwärts.</translation>
    </message>
    <message>
        <source>folk</source>
        <translation>Folklore</translation>
    </message>
    <message>
        <source>Rolling triple</source>
        <translation>Rollender Triple</translation>
    </message>
    <message>
        <source>experienced</source>
        <translation>erfahren</translation>
    </message>
    <message>
        <source>A triple that is always rolled: its second step comes on the third third.</source>
        <translation>Ein Triple, der immer rollt: Sein zweiter Schritt kommt auf dem dritten Drittel.</translation>
    </message>
    <message>
        <source>Rock and replace</source>
        <translation>Rock und zurück</translation>
    </message>
    <message>
        <source>rocks</source>
        <translation>Rocks</translation>
    </message>
    <message>
        <source>Weight forward, and back again where it was.</source>
        <translation>Gewicht nach vorn und wieder dorthin zurück, wo es war.</translation>
    </message>
    <message>
        <source>Back rock</source>
        <translation>Rock rückwärts</translation>
    </message>
    <message>
        <source>Weight back, and forward again where it was.</source>
        <translation>Gewicht nach hinten und wieder dorthin zurück, wo es war.</translation>
    </message>
    <message>
        <source>Rocking chair</source>
        <translation>Schaukelstuhl</translation>
    </message>
    <message>
        <source>Rock forward and back with one foot, four counts.</source>
        <translation>Rock vor und zurück mit einem Fuß, vier Counts.</translation>
    </message>
    <message>
        <source>Side rock, cross</source>
        <translation>Seit-Rock, kreuzen</translation>
    </message>
    <message>
        <source>Rock to the side, then cross over and wait.</source>
        <translation>Rock zur Seite, dann darüber kreuzen und warten.</translation>
    </message>
    <message>
        <source>Cross rock, side</source>
        <translation>Kreuz-Rock, seit</translation>
    </message>
    <message>
        <source>Rock across, replace, side: the free foot changes.</source>
        <translation>Rock über Kreuz, zurück, seit: Der freie Fuß wechselt.</translation>
    </message>
    <message>
        <source>Break and close</source>
        <translation>Break und schließen</translation>
    </message>
    <message>
        <source>half basic</source>
        <translation>halber Grundschritt</translation>
    </message>
    <message>
        <source>Break forward, replace, close, and a count that is waited.</source>
        <translation>Break vor, zurück, schließen und ein Count Warten.</translation>
    </message>
    <message>
        <source>break</source>
        <translation>Break</translation>
    </message>
    <message>
        <source>Crossed box</source>
        <translation>Gekreuzte Box</translation>
    </message>
    <message>
        <source>boxes</source>
        <translation>Boxen</translation>
    </message>
    <message>
        <source>Across, back, side, forward: a small box on the spot.</source>
        <translation>Kreuz, zurück, seit, vor: eine kleine Box am Platz.</translation>
    </message>
    <message>
        <source>Crossed box with a quarter</source>
        <translation>Gekreuzte Box mit Viertel</translation>
    </message>
    <message>
        <source>The box, with a quarter turn on its third step.</source>
        <translation>Die Box, mit einer Vierteldrehung auf ihrem dritten Schritt.</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Slow box</source>
        <translation>Langsame Box</translation>
    </message>
    <message>
        <source>Slow forward, quick side, quick close, and the same back.</source>
        <translation>Langsam vor, schnell seit, schnell schließen, und dasselbe zurück.</translation>
    </message>
    <message>
        <source>couple</source>
        <translation>Paar</translation>
    </message>
    <message>
        <source>Box in three</source>
        <translation>Box in drei</translation>
    </message>
    <message>
        <source>The box in bars of three.</source>
        <translation>Die Box in Dreiertakten.</translation>
    </message>
    <message>
        <source>Six with two triples</source>
        <translation>Sechs mit zwei Triples</translation>
    </message>
    <message>
        <source>six-count basic</source>
        <translation>Sechser-Grundschritt</translation>
    </message>
    <message>
        <source>six-count</source>
        <translation>Sechser</translation>
    </message>
    <message>
        <source>Triple, triple, back rock: the basic of six.</source>
        <translation>Triple, Triple, Rock rückwärts: der Grundschritt auf sechs.</translation>
    </message>
    <message>
        <source>Six in single time</source>
        <translation>Sechs in einfacher Zeit</translation>
    </message>
    <message>
        <source>Two slow sways and a back rock: six counts, four changes.</source>
        <translation>Zwei langsame Wiegeschritte und ein Rock rückwärts: sechs Counts, vier Wechsel.</translation>
    </message>
    <message>
        <source>Six that passes</source>
        <translation>Sechs, die passieren</translation>
    </message>
    <message>
        <source>The partner passes down the slot and both end turned round.</source>
        <translation>Der Partner geht die Bahn hinunter, und beide enden umgedreht.</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Bahn</translation>
    </message>
    <message>
        <source>Six to the open side</source>
        <translation>Sechs zur offenen Seite</translation>
    </message>
    <message>
        <source>Triple into promenade, triple back, back rock.</source>
        <translation>Triple in die Promenade, Triple zurück, Rock rückwärts.</translation>
    </message>
    <message>
        <source>Eight that circles</source>
        <translation>Acht im Kreis</translation>
    </message>
    <message>
        <source>eight-count</source>
        <translation>Achter</translation>
    </message>
    <message>
        <source>Rock, triple, two walks and a triple; both circle round once.</source>
        <translation>Rock, Triple, zwei Schritte und ein Triple; beide umkreisen einander einmal.</translation>
    </message>
    <message>
        <source>Break on 1</source>
        <translation>Break auf 1</translation>
    </message>
    <message>
        <source>Forward and back breaks; counts 4 and 8 are waited.</source>
        <translation>Breaks vor und zurück; auf 4 und 8 wird gewartet.</translation>
    </message>
    <message>
        <source>Break on 2</source>
        <translation>Break auf 2</translation>
    </message>
    <message>
        <source>The same walk begun in place, so that the breaks fall on 2 and 6.</source>
        <translation>Derselbe Gang, am Platz begonnen, sodass die Breaks auf 2 und 6 fallen.</translation>
    </message>
    <message>
        <source>Lead across</source>
        <translation>Hinüberführen</translation>
    </message>
    <message>
        <source>The partner is led across; both face the other way after it.</source>
        <translation>Der Partner wird hinübergeführt; danach blicken beide andersherum.</translation>
    </message>
    <message>
        <source>Side and touch, both sides</source>
        <translation>Seit und Touch, beide Seiten</translation>
    </message>
    <message>
        <source>side basic</source>
        <translation>Seit-Grundschritt</translation>
    </message>
    <message>
        <source>Side, close, side, touch; and back again.</source>
        <translation>Seit, schließen, seit, Touch; und wieder zurück.</translation>
    </message>
    <message>
        <source>Break and chassé</source>
        <translation>Break und Chassé</translation>
    </message>
    <message>
        <source>Two breaks with a chassé after each; it begins to the side.</source>
        <translation>Zwei Breaks mit je einem Chassé danach; Beginn zur Seite.</translation>
    </message>
    <message>
        <source>Balance in three</source>
        <translation>Balance in drei</translation>
    </message>
    <message>
        <source>waltz balance</source>
        <translation>Walzer-Balance</translation>
    </message>
    <message>
        <source>Forward and back, with two light steps on the spot.</source>
        <translation>Vor und zurück, mit zwei leichten Schritten am Platz.</translation>
    </message>
    <message>
        <source>Travelling in three</source>
        <translation>Reisen in drei</translation>
    </message>
    <message>
        <source>Six steps along the line of dance.</source>
        <translation>Sechs Schritte in Tanzrichtung.</translation>
    </message>
    <message>
        <source>Half turn in three</source>
        <translation>Halbe Drehung in drei</translation>
    </message>
    <message>
        <source>A left half turn in six counts.</source>
        <translation>Eine halbe Linksdrehung in sechs Counts.</translation>
    </message>
    <message>
        <source>Twinkle</source>
        <translation>Twinkle</translation>
    </message>
    <message>
        <source>Across, side, close, to each side.</source>
        <translation>Kreuz, seit, schließen, zu jeder Seite.</translation>
    </message>
    <message>
        <source>Hesitation</source>
        <translation>Zögern</translation>
    </message>
    <message>
        <source>One step in three counts; the other foot draws near.</source>
        <translation>Ein Schritt in drei Counts; der andere Fuß zieht heran.</translation>
    </message>
    <message>
        <source>Mazurka step</source>
        <translation>Mazurkaschritt</translation>
    </message>
    <message>
        <source>Glide, close, hop: the accent is on the second.</source>
        <translation>Gleiten, schließen, hüpfen: Der Akzent liegt auf dem zweiten.</translation>
    </message>
    <message>
        <source>Step, half turn</source>
        <translation>Schritt, halbe Drehung</translation>
    </message>
    <message>
        <source>pivot half</source>
        <translation>halber Pivot</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Drehungen</translation>
    </message>
    <message>
        <source>Step forward and turn on it.</source>
        <translation>Schritt vor und darauf drehen.</translation>
    </message>
    <message>
        <source>Three-step turn</source>
        <translation>Drehung in drei Schritten</translation>
    </message>
    <message>
        <source>A whole turn to the side in three steps, then a touch.</source>
        <translation>Eine ganze Drehung zur Seite in drei Schritten, dann ein Touch.</translation>
    </message>
    <message>
        <source>Spot turn</source>
        <translation>Drehung am Platz</translation>
    </message>
    <message>
        <source>A whole turn left on the spot.</source>
        <translation>Eine ganze Linksdrehung am Platz.</translation>
    </message>
    <message>
        <source>Paddle</source>
        <translation>Paddle</translation>
    </message>
    <message>
        <source>Four touches that push the body an eighth each time.</source>
        <translation>Vier Touches, die den Körper jedes Mal um ein Achtel weiterdrücken.</translation>
    </message>
    <message>
        <source>Cross behind and unwind</source>
        <translation>Hinten kreuzen und auflösen</translation>
    </message>
    <message>
        <source>Toe behind, then the body unwinds on both balls; weight ends on the toe that was behind.</source>
        <translation>Zehe hinten, dann löst sich der Körper auf beiden Ballen; das Gewicht endet auf der Zehe, die hinten war.</translation>
    </message>
    <message>
        <source>Chain of halves</source>
        <translation>Kette von Halben</translation>
    </message>
    <message>
        <source>Four half turns along a line: eyes first.</source>
        <translation>Vier halbe Drehungen auf einer Linie: Augen zuerst.</translation>
    </message>
    <message>
        <source>Turn under the arm</source>
        <translation>Drehung unter dem Arm</translation>
    </message>
    <message>
        <source>Back rock, then the follower turns once under the raised hand.</source>
        <translation>Rock rückwärts, dann dreht der Follower einmal unter der erhobenen Hand.</translation>
    </message>
    <message>
        <source>Turn in four steps</source>
        <translation>Drehung in vier Schritten</translation>
    </message>
    <message>
        <source>The follower walks round once in four counts; the leader stays.</source>
        <translation>Der Follower geht in vier Counts einmal herum; der Leader bleibt.</translation>
    </message>
    <message>
        <source>Vine and touch</source>
        <translation>Vine und Touch</translation>
    </message>
    <message>
        <source>vines</source>
        <translation>Vines</translation>
    </message>
    <message>
        <source>Side, behind, side, touch.</source>
        <translation>Seit, hinter, seit, Touch.</translation>
    </message>
    <message>
        <source>Long vine</source>
        <translation>Lange Vine</translation>
    </message>
    <message>
        <source>weave</source>
        <translation>Weave</translation>
    </message>
    <message>
        <source>Eight counts to the side, behind and across in turn.</source>
        <translation>Acht Counts zur Seite, abwechselnd hinten und vorn gekreuzt.</translation>
    </message>
    <message>
        <source>Ring vine</source>
        <translation>Kreis-Vine</translation>
    </message>
    <message>
        <source>Across, side, behind, side: for an open ring.</source>
        <translation>Kreuz, seit, hinter, seit: für einen offenen Kreis.</translation>
    </message>
    <message>
        <source>Vine with a quarter</source>
        <translation>Vine mit Viertel</translation>
    </message>
    <message>
        <source>The third step turns a quarter; the free foot brushes.</source>
        <translation>Der dritte Schritt dreht ein Viertel; der freie Fuß streift.</translation>
    </message>
    <message>
        <source>Scissor</source>
        <translation>Schere</translation>
    </message>
    <message>
        <source>Side, close, across, and a wait.</source>
        <translation>Seit, schließen, kreuz und warten.</translation>
    </message>
    <message>
        <source>Kick-ball-change</source>
        <translation>Kick-Ball-Change</translation>
    </message>
    <message>
        <source>kicks</source>
        <translation>Kicks</translation>
    </message>
    <message>
        <source>A low kick, then two quick changes.</source>
        <translation>Ein tiefer Kick, dann zwei schnelle Wechsel.</translation>
    </message>
    <message>
        <source>Kick twice and behind</source>
        <translation>Zweimal Kick und hinter</translation>
    </message>
    <message>
        <source>Kick forward and to the side, then behind, side, side.</source>
        <translation>Kick nach vorn und zur Seite, dann hinter, seit, seit.</translation>
    </message>
    <message>
        <source>Heel switches</source>
        <translation>Fersenwechsel</translation>
    </message>
    <message>
        <source>Heel, close, heel, close: two heels in two counts.</source>
        <translation>Ferse, schließen, Ferse, schließen: zwei Fersen in zwei Counts.</translation>
    </message>
    <message>
        <source>Side points</source>
        <translation>Seitliche Spitzen</translation>
    </message>
    <message>
        <source>Point to each side; each foot closes on the &amp;.</source>
        <translation>Spitze zu jeder Seite; jeder Fuß schließt auf dem &amp;.</translation>
    </message>
    <message>
        <source>Swinging kick</source>
        <translation>Schwingender Kick</translation>
    </message>
    <message>
        <source>Forward, kick, back, touch: the leg swings through.</source>
        <translation>Vor, Kick, zurück, Touch: Das Bein schwingt durch.</translation>
    </message>
    <message>
        <source>Hitch and hook</source>
        <translation>Hitch und Hook</translation>
    </message>
    <message>
        <source>Forward with the knee up, back with the shin across.</source>
        <translation>Vorwärts mit Knie hoch, zurück mit Schienbein über Kreuz.</translation>
    </message>
    <message>
        <source>Stamp three</source>
        <translation>Dreimal stampfen</translation>
    </message>
    <message>
        <source>stamps</source>
        <translation>Stampfer</translation>
    </message>
    <message>
        <source>Three stamps with weight, and a silent count.</source>
        <translation>Drei Stampfer mit Gewicht und ein stummer Count.</translation>
    </message>
    <message>
        <source>Stamp and clap</source>
        <translation>Stampfen und klatschen</translation>
    </message>
    <message>
        <source>A stamp without weight, a clap, twice.</source>
        <translation>Ein Stampfer ohne Gewicht, ein Klatscher, zweimal.</translation>
    </message>
    <message>
        <source>Stomp, kick, back</source>
        <translation>Stomp, Kick, zurück</translation>
    </message>
    <message>
        <source>A stomp without weight, a low kick, and two steps home.</source>
        <translation>Ein Stomp ohne Gewicht, ein tiefer Kick und zwei Schritte nach Hause.</translation>
    </message>
    <message>
        <source>Heel drum</source>
        <translation>Fersentrommel</translation>
    </message>
    <message>
        <source>Five beats of the heels in two counts, divided as the ear likes it.</source>
        <translation>Fünf Fersenschläge in zwei Counts, geteilt, wie es dem Ohr gefällt.</translation>
    </message>
    <message>
        <source>Ring six</source>
        <translation>Kreis sechs</translation>
    </message>
    <message>
        <source>Three steps to the right, a lifted foot, one step back, a lifted foot.</source>
        <translation>Drei Schritte nach rechts, ein gehobener Fuß, ein Schritt zurück, ein gehobener Fuß.</translation>
    </message>
    <message>
        <source>Long, short, short</source>
        <translation>Lang, kurz, kurz</translation>
    </message>
    <message>
        <source>One bar of seven, counted by its groups: 3 + 2 + 2.</source>
        <translation>Ein Siebenertakt, nach seinen Gruppen gezählt: 3 + 2 + 2.</translation>
    </message>
    <message>
        <source>Step-hop</source>
        <translation>Schritt-Hüpf</translation>
    </message>
    <message>
        <source>A step and a hop on it, to each side.</source>
        <translation>Ein Schritt und ein Hüpfer darauf, zu jeder Seite.</translation>
    </message>
    <message>
        <source>Three and hop</source>
        <translation>Drei und Hüpf</translation>
    </message>
    <message>
        <source>Three walks and a hop on the last foot.</source>
        <translation>Drei Schritte und ein Hüpfer auf dem letzten Fuß.</translation>
    </message>
    <message>
        <source>Setting step</source>
        <translation>Setzschritt</translation>
    </message>
    <message>
        <source>Side, a light cross, and place: three changes in two counts.</source>
        <translation>Seit, leichtes Kreuz und Platz: drei Wechsel in zwei Counts.</translation>
    </message>
    <message>
        <source>Buzz step</source>
        <translation>Surrschritt</translation>
    </message>
    <message>
        <source>One foot stays in front and the other pushes round.</source>
        <translation>Ein Fuß bleibt vorn, und der andere schiebt herum.</translation>
    </message>
    <message>
        <source>Two-step along the line</source>
        <translation>Two-Step in Tanzrichtung</translation>
    </message>
    <message>
        <source>Quick, quick, slow, slow.</source>
        <translation>Schnell, schnell, langsam, langsam.</translation>
    </message>
    <message>
        <source>Long walks and a close</source>
        <translation>Lange Schritte und schließen</translation>
    </message>
    <message>
        <source>Slow, slow, quick, quick, and a slow touch: eight counts.</source>
        <translation>Langsam, langsam, schnell, schnell und ein langsamer Touch: acht Counts.</translation>
    </message>
    <message>
        <source>Slow, quick, quick, slow</source>
        <translation>Langsam, schnell, schnell, langsam</translation>
    </message>
    <message>
        <source>Six counts: a dance in eights asks for an extension.</source>
        <translation>Sechs Counts: Ein Tanz in Achtern verlangt eine Verlängerung.</translation>
    </message>
    <message>
        <source>Ball change</source>
        <translation>Ball-Change</translation>
    </message>
    <message>
        <source>Two changes of weight in one count.</source>
        <translation>Zwei Gewichtswechsel in einem Count.</translation>
    </message>
    <message>
        <source>Behind, side, front</source>
        <translation>Hinter, seit, vor</translation>
    </message>
    <message>
        <source>A linking triple that leaves the body where it faces.</source>
        <translation>Ein verbindender Triple, der den Körper lässt, wohin er blickt.</translation>
    </message>
    <message>
        <source>Step, touch and clap</source>
        <translation>Schritt, Touch und klatschen</translation>
    </message>
    <message>
        <source>Side and touch, with a clap that can be taught later.</source>
        <translation>Seit und Touch, mit einem Klatscher, der später gelehrt werden kann.</translation>
    </message>
    <message>
        <source>Lunge and recover</source>
        <translation>Ausfallschritt und zurück</translation>
    </message>
    <message>
        <source>Two counts down to the side, two counts home.</source>
        <translation>Zwei Counts tief zur Seite, zwei Counts nach Hause.</translation>
    </message>
    <message>
        <source>Pose, look, breathe</source>
        <translation>Pose, Blick, Atem</translation>
    </message>
    <message>
        <source>Four counts without a step.</source>
        <translation>Vier Counts ohne Schritt.</translation>
    </message>
    <message>
        <source>Triplet run</source>
        <translation>Triolenlauf</translation>
    </message>
    <message>
        <source>Three even runs in each count.</source>
        <translation>Drei gleiche Laufschritte in jedem Count.</translation>
    </message>
    <message>
        <source>Jump out and in</source>
        <translation>Sprung auseinander und zusammen</translation>
    </message>
    <message>
        <source>Feet apart, feet together, and two counts to stand; the next foot is said by what follows.</source>
        <translation>Füße auseinander, Füße zusammen und zwei Counts stehen; den nächsten Fuß sagt, was folgt.</translation>
    </message>
    <message>
        <source>Long slide</source>
        <translation>Langer Slide</translation>
    </message>
    <message>
        <source>One long step to the side, and the other foot closes.</source>
        <translation>Ein langer Schritt zur Seite, und der andere Fuß schließt.</translation>
    </message>
    <message>
        <source>Eight of your own</source>
        <translation>Eigene Acht</translation>
    </message>
    <message>
        <source>Eight counts to dance as you like; they end with the right foot free.</source>
        <translation>Acht Counts zum freien Tanzen; sie enden mit freiem rechtem Fuß.</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>The vocabulary %1 is damaged and cannot be read. It was left as it is: put a copy from before in its place, or move it away to begin a new one.</source>
        <translation>Die Figurensammlung %1 ist beschädigt und kann nicht gelesen werden. Sie blieb, wie sie ist: Legen Sie eine frühere Kopie an ihren Platz oder räumen Sie sie weg, um eine neue zu beginnen.</translation>
    </message>
    <message>
        <source>The vocabulary %1 may only be read here. Nothing was changed; figures can still be taken into a routine.</source>
        <translation>Die Figurensammlung %1 darf hier nur gelesen werden. Nichts wurde geändert; Figuren können trotzdem in eine Choreografie übernommen werden.</translation>
    </message>
    <message>
        <source>The vocabulary %1 cannot be opened. Look whether its folder is there and may be written.</source>
        <translation>Die Figurensammlung %1 kann nicht geöffnet werden. Sehen Sie nach, ob ihr Ordner da ist und beschrieben werden darf.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full. Nothing was changed; make room and try again.</source>
        <translation>Die Figurensammlung %1 konnte nicht geschrieben werden: Der Datenträger ist voll. Nichts wurde geändert; schaffen Sie Platz und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full or gone. Nothing was changed.</source>
        <translation>Die Figurensammlung %1 konnte nicht geschrieben werden: Der Datenträger ist voll oder weg. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>The vocabulary %1 is being written by another window. Nothing was changed; try again in a moment.</source>
        <translation>Die Figurensammlung %1 wird gerade von einem anderen Fenster geschrieben. Nichts wurde geändert; versuchen Sie es gleich noch einmal.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be used (%2). Nothing was changed.</source>
        <translation>Die Figurensammlung %1 konnte nicht benutzt werden (%2). Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>The vocabulary %1 holds a figure “%2” that cannot be read: %3</source>
        <translation>Die Figurensammlung %1 enthält eine Figur „%2“, die nicht gelesen werden kann: %3</translation>
    </message>
    <message>
        <source>A figure needs a name before it goes into the vocabulary.</source>
        <translation>Eine Figur braucht einen Namen, bevor sie in die Figurensammlung kommt.</translation>
    </message>
    <message>
        <source>The file %1 is a database of something else, no vocabulary of Lift Count. It was left as it is.</source>
        <translation>Die Datei %1 ist eine Datenbank von etwas anderem, keine Figurensammlung von Lift Count. Sie blieb, wie sie ist.</translation>
    </message>
    <message>
        <source>The vocabulary %1 was written by a newer Lift Count (format %2; this one reads up to %3). It was left as it is. Update Lift Count to use it.</source>
        <translation>Die Figurensammlung %1 wurde von einem neueren Lift Count geschrieben (Format %2; dieses liest bis %3). Sie blieb, wie sie ist. Aktualisieren Sie Lift Count, um sie zu benutzen.</translation>
    </message>
    <message>
        <source>This figure is no longer in the vocabulary.</source>
        <translation>Diese Figur ist nicht mehr in der Figurensammlung.</translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. Nothing was changed here; look at it as it is now and change it again.</source>
        <translation>„%1“ wurde inzwischen von einem anderen Fenster geändert. Hier wurde nichts geändert; sehen Sie es an, wie es jetzt ist, und ändern Sie es noch einmal.</translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary already.</source>
        <translation>„%1“ ist schon in der Figurensammlung.</translation>
    </message>
    <message>
        <source>A figure cannot be merged with itself. Choose two.</source>
        <translation>Eine Figur kann nicht mit sich selbst vereint werden. Wählen Sie zwei.</translation>
    </message>
    <message>
        <source>This word is no longer in the vocabulary.</source>
        <translation>Dieses Wort ist nicht mehr in der Figurensammlung.</translation>
    </message>
    <message numerus="yes">
        <source>two|twos</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Zweier</numerusform>
            <numerusform>Zweier</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>three|threes</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Dreier</numerusform>
            <numerusform>Dreier</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>four|fours</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Vierer</numerusform>
            <numerusform>Vierer</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>five|fives</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Fünfer</numerusform>
            <numerusform>Fünfer</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>six|sixes</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Sechser</numerusform>
            <numerusform>Sechser</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>seven|sevens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Siebener</numerusform>
            <numerusform>Siebener</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eight|eights</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Achter</numerusform>
            <numerusform>Achter</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>nine|nines</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Neuner</numerusform>
            <numerusform>Neuner</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>ten|tens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Zehner</numerusform>
            <numerusform>Zehner</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eleven|elevens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Elfer</numerusform>
            <numerusform>Elfer</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>twelve|twelves</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>Zwölfer</numerusform>
            <numerusform>Zwölfer</numerusform>
        </translation>
    </message>
    <message>
        <source>The song ends there: nothing follows.</source>
        <translation>Dort endet das Lied: Es folgt nichts.</translation>
    </message>
    <message>
        <source>A count-in has 0 to %1 counts, not %2.</source>
        <translation>Ein Einzähler hat 0 bis %1 Counts, nicht %2.</translation>
    </message>
    <message>
        <source>“%1” is no ladder of tempi. Write from, to and step in percent with colons, for example 60:100:5, or 60:100:5x2 for each twice.</source>
        <translation>„%1“ ist keine Tempoleiter. Schreiben Sie von, bis und Schritt in Prozent mit Doppelpunkten, zum Beispiel 60:100:5, oder 60:100:5x2 für jedes zweimal.</translation>
    </message>
    <message>
        <source>A tempo of practice lies between %1 and %2 percent of the song&apos;s.</source>
        <translation>Ein Übungstempo liegt zwischen %1 und %2 Prozent von dem des Liedes.</translation>
    </message>
    <message>
        <source>There is nothing to tap to: choose a place with two counts and more.</source>
        <translation>Es gibt nichts, wozu geklopft werden könnte: Wählen Sie eine Stelle mit zwei Counts und mehr.</translation>
    </message>
    <message>
        <source>Four taps and more are needed to say how you tap; there were %1.</source>
        <translation>Um zu sagen, wie Sie klopfen, braucht es vier Schläge und mehr; es waren %1.</translation>
    </message>
    <message>
        <source>There is nothing to practise between these two places.</source>
        <translation>Zwischen diesen beiden Stellen gibt es nichts zu üben.</translation>
    </message>
</context>
<context>
    <name>Files</name>
    <message>
        <source>“%1” is there already.</source>
        <translation>„%1“ gibt es schon.</translation>
    </message>
    <message>
        <source>Writing would put the new file in its place.</source>
        <translation>Beim Schreiben würde die neue Datei ihren Platz einnehmen.</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
</context>
<context>
    <name>Legend</name>
    <message>
        <source>stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>phrase</source>
        <translation>Phrase</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>Takt</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>doubt</source>
        <translation>Zweifel</translation>
    </message>
    <message>
        <source>moment</source>
        <translation>Moment</translation>
    </message>
    <message>
        <source>stated</source>
        <translation>angegeben</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>unbelastet</translation>
    </message>
    <message>
        <source>on the &amp;</source>
        <translation>auf dem &amp;</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>no foot</source>
        <translation>kein Fuß</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>they say</source>
        <translation>sie sagen</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>Akzent</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>landet</translation>
    </message>
    <message>
        <source>finding</source>
        <translation>Hinweis</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>left foot</source>
        <translation>linker Fuß</translation>
    </message>
    <message>
        <source>right foot</source>
        <translation>rechter Fuß</translation>
    </message>
    <message>
        <source>both feet</source>
        <translation>beide Füße</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>unbelastet</translation>
    </message>
    <message>
        <source>turn %1, done at the end of %2</source>
        <translation>Drehung %1, fertig am Ende von %2</translation>
    </message>
    <message>
        <source>towards %1</source>
        <translation>Richtung %1</translation>
    </message>
    <message>
        <source>beside the feet: %1</source>
        <translation>neben den Füßen: %1</translation>
    </message>
    <message>
        <source>called: “%1”</source>
        <translation>gerufen: „%1“</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>Akzent</translation>
    </message>
    <message>
        <source>%1, %L2 s</source>
        <translation>%1, %L2 s</translation>
    </message>
    <message>
        <source>nothing written yet</source>
        <translation>noch nichts geschrieben</translation>
    </message>
    <message>
        <source>either to either</source>
        <translation>beliebig zu beliebig</translation>
    </message>
    <message>
        <source>either, then the other</source>
        <translation>beliebig, dann der andere</translation>
    </message>
    <message>
        <source>either, the same</source>
        <translation>beliebig, derselbe</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>passt</translation>
    </message>
    <message>
        <source>begins</source>
        <translation>beginnt</translation>
    </message>
    <message>
        <source>at count</source>
        <translation>bei Count</translation>
    </message>
    <message>
        <source>music</source>
        <translation>Musik</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>freier Fuß</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>Fassung</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>Blick</translation>
    </message>
    <message>
        <source>joint</source>
        <translation>Naht</translation>
    </message>
</context>
<context>
    <name>Strips</name>
    <message>
        <source>touch</source>
        <translation>Touch</translation>
    </message>
    <message>
        <source>%1, a touch</source>
        <translation>%1, ein Touch</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>hop</source>
        <translation>Hüpf</translation>
    </message>
    <message>
        <source>jump</source>
        <translation>Sprung</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>not timed</source>
        <translation>ohne Zeit</translation>
    </message>
    <message>
        <source>gesture</source>
        <translation>Geste</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>L</source>
        <translation>L</translation>
    </message>
    <message>
        <source>R</source>
        <translation>R</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>unbelastet</translation>
    </message>
    <message>
        <source>%1 faces %2</source>
        <translation>%1 blickt nach %2</translation>
    </message>
    <message>
        <source>round %1, %2</source>
        <translation>um %1, %2</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>held %L1 s</source>
        <translation>gehalten %L1 s</translation>
    </message>
    <message>
        <source>before the dance</source>
        <translation>vor dem Tanz</translation>
    </message>
    <message>
        <source>tag %1</source>
        <translation>Tag %1</translation>
    </message>
    <message>
        <source>restart</source>
        <translation>Restart</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation>%1 ab %2</translation>
    </message>
    <message>
        <source>cut after %1</source>
        <translation>geschnitten nach %1</translation>
    </message>
    <message>
        <source>the other %1</source>
        <translation>der andere %1</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>wait %1</source>
        <translation>warten %1</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation>%1, in %2</translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation>%1, andere Seite</translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation>%1, getauscht</translation>
    </message>
    <message>
        <source>canon, ripple</source>
        <translation>Kanon, Welle</translation>
    </message>
    <message>
        <source>canon</source>
        <translation>Kanon</translation>
    </message>
    <message>
        <source>other side</source>
        <translation>andere Seite</translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation>getauscht</translation>
    </message>
    <message>
        <source>pinned</source>
        <translation>festgemacht</translation>
    </message>
    <message>
        <source>by the music</source>
        <translation>durch die Musik</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>Takt %1</translation>
    </message>
    <message>
        <source>bars %1–%2</source>
        <translation>Takte %1–%2</translation>
    </message>
    <message>
        <source>pass %1, %2–%3</source>
        <translation>Durchgang %1, %2–%3</translation>
    </message>
    <message>
        <source>stated</source>
        <translation>angegeben</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>passes %1–%2 alike, %3 each, %4 · click or Enter unfolds them</source>
        <translation>Durchgänge %1–%2 gleich, je %3, %4 · Klick oder Eingabe klappt sie auf</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>landet</translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation>%1 zu lang</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 zu kurz</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>Durchgang %1</translation>
    </message>
</context>
<context>
    <name>lc::app::ArrangeStage</name>
    <message>
        <source>Type the counts</source>
        <translation>Die Counts schreiben</translation>
    </message>
    <message>
        <source>Go to the line of the first role: of the figure in Steps, else of the part</source>
        <translation>Zur Zeile der ersten Rolle: der Figur in Schritte, sonst des Teils</translation>
    </message>
    <message>
        <source>Type the order of the parts</source>
        <translation>Die Folge der Teile schreiben</translation>
    </message>
    <message>
        <source>Go to the order</source>
        <translation>Zur Folge gehen</translation>
    </message>
    <message>
        <source>Type a figure at the caret</source>
        <translation>Eine Figur an der Marke schreiben</translation>
    </message>
    <message>
        <source>Its name puts it into the part, after the figure at the caret</source>
        <translation>Ihr Name setzt sie in den Teil, nach der Figur an der Marke</translation>
    </message>
    <message>
        <source>Figures at hand</source>
        <translation>Vorhandene Figuren</translation>
    </message>
    <message>
        <source>The vocabulary beside the strips, to drag from; again to put it away</source>
        <translation>Die Figurensammlung neben den Streifen, zum Ziehen; noch einmal räumt sie weg</translation>
    </message>
    <message>
        <source>Repeat the chosen figures</source>
        <translation>Die gewählten Figuren wiederholen</translation>
    </message>
    <message>
        <source>A copy after them (Ctrl+D)</source>
        <translation>Eine Kopie danach (Strg+D)</translation>
    </message>
    <message>
        <source>Dance the chosen figures to the other side</source>
        <translation>Die gewählten Figuren zur anderen Seite tanzen</translation>
    </message>
    <message>
        <source>Left and right change places; again to undo it</source>
        <translation>Links und rechts tauschen; noch einmal macht es rückgängig</translation>
    </message>
    <message>
        <source>Partners exchange lines in the chosen figures</source>
        <translation>Partner tauschen in den gewählten Figuren die Zeilen</translation>
    </message>
    <message>
        <source>The first role dances the second&apos;s line</source>
        <translation>Die erste Rolle tanzt die Zeile der zweiten</translation>
    </message>
    <message>
        <source>Reverse the order of the figures</source>
        <translation>Die Folge der Figuren umkehren</translation>
    </message>
    <message>
        <source>Of those chosen, or of the whole part</source>
        <translation>Der gewählten oder des ganzen Teils</translation>
    </message>
    <message>
        <source>Dance the chosen figures in threes</source>
        <translation>Die gewählten Figuren in Dreiern tanzen</translation>
    </message>
    <message>
        <source>Bars of three: what falls on the fourth count of each bar is left out</source>
        <translation>Dreiertakte: Was auf den vierten Count jedes Taktes fällt, wird ausgelassen</translation>
    </message>
    <message>
        <source>Take the chosen figures out</source>
        <translation>Die gewählten Figuren herausnehmen</translation>
    </message>
    <message>
        <source>Out of the part; they stay in the routine</source>
        <translation>Aus dem Teil; in der Choreografie bleiben sie</translation>
    </message>
    <message>
        <source>Restart after the count at the caret</source>
        <translation>Restart nach dem Count an der Marke</translation>
    </message>
    <message>
        <source>Cut the pass at the caret after that count</source>
        <translation>Den Durchgang an der Marke nach diesem Count schneiden</translation>
    </message>
    <message>
        <source>Tag after the pass at the caret …</source>
        <translation>Tag nach dem Durchgang an der Marke …</translation>
    </message>
    <message>
        <source>Extra counts after the pass at the caret</source>
        <translation>Zusätzliche Counts nach dem Durchgang an der Marke</translation>
    </message>
    <message>
        <source>Remove the pass at the caret</source>
        <translation>Den Durchgang an der Marke entfernen</translation>
    </message>
    <message>
        <source>Take the pass out of the order</source>
        <translation>Den Durchgang aus der Folge nehmen</translation>
    </message>
    <message>
        <source>What makes this pass differ</source>
        <translation>Was diesen Durchgang anders macht</translation>
    </message>
    <message>
        <source>Type it: restart after 16, tag of 4, mirrored …</source>
        <translation>Schreiben Sie es: restart after 16, tag of 4, mirrored …</translation>
    </message>
    <message>
        <source>This pass to the other side</source>
        <translation>Diesen Durchgang zur anderen Seite</translation>
    </message>
    <message>
        <source>Left and right change places in the whole pass</source>
        <translation>Links und rechts tauschen im ganzen Durchgang</translation>
    </message>
    <message>
        <source>pass to the other side</source>
        <translation>Durchgang zur anderen Seite</translation>
    </message>
    <message>
        <source>Places exchanged in this pass</source>
        <translation>Plätze tauschen in diesem Durchgang</translation>
    </message>
    <message>
        <source>Partners dance each other&apos;s lines</source>
        <translation>Partner tanzen die Zeilen des anderen</translation>
    </message>
    <message>
        <source>places exchanged</source>
        <translation>Plätze getauscht</translation>
    </message>
    <message>
        <source>Last change of this pass a touch</source>
        <translation>Letzter Wechsel dieses Durchgangs ein Touch</translation>
    </message>
    <message>
        <source>So that the other foot stays free</source>
        <translation>Damit der andere Fuß frei bleibt</translation>
    </message>
    <message>
        <source>touch in place of the last step</source>
        <translation>Touch statt des letzten Schritts</translation>
    </message>
    <message>
        <source>Pin the start of this pass</source>
        <translation>Beginn dieses Durchgangs festmachen</translation>
    </message>
    <message>
        <source>It starts there whatever comes before; again to unpin</source>
        <translation>Er beginnt dort, was auch davor kommt; noch einmal löst ihn</translation>
    </message>
    <message>
        <source>Bind what differs to the music</source>
        <translation>Was anders ist, an die Musik hängen</translation>
    </message>
    <message>
        <source>The line at the cursor of the pass panel then stays with its place in the song</source>
        <translation>Die Zeile am Cursor der Durchgangstafel bleibt dann bei ihrer Stelle in der Musik</translation>
    </message>
    <message>
        <source>Canon in this pass</source>
        <translation>Kanon in diesem Durchgang</translation>
    </message>
    <message>
        <source>The count at the caret meets</source>
        <translation>Der Count an der Marke trifft auf</translation>
    </message>
    <message>
        <source>Next pass</source>
        <translation>Nächster Durchgang</translation>
    </message>
    <message>
        <source>Go to its count 1</source>
        <translation>Zu seinem Count 1 gehen</translation>
    </message>
    <message>
        <source>Pass before</source>
        <translation>Durchgang davor</translation>
    </message>
    <message>
        <source>Make it land …</source>
        <translation>Passend machen …</translation>
    </message>
    <message>
        <source>Plans: the fewest changes that make every pass land, with what they cost</source>
        <translation>Pläne: die wenigsten Änderungen, mit denen jeder Durchgang landet, und was sie kosten</translation>
    </message>
    <message>
        <source>plan plans fix solve restart propose</source>
        <translation>plan pläne lösen restart vorschlagen reparieren</translation>
    </message>
    <message>
        <source>Edits of the music …</source>
        <translation>Bearbeitungen der Musik …</translation>
    </message>
    <message>
        <source>The fewest cuts and repeats of whole bars on which the unchanged dance lands</source>
        <translation>Die wenigsten Schnitte und Wiederholungen ganzer Takte, auf denen der unveränderte Tanz landet</translation>
    </message>
    <message>
        <source>mend the music cut repeat edit song shorten</source>
        <translation>musik schneiden wiederholen kürzen bearbeiten lied</translation>
    </message>
    <message>
        <source>Get back on the 1 …</source>
        <translation>Zurück auf die 1 …</translation>
    </message>
    <message>
        <source>At once, within some sets, or left until the music undoes it</source>
        <translation>Sofort, in einigen Zählreihen oder so gelassen, bis die Musik es aufhebt</translation>
    </message>
    <message>
        <source>put a turned-round dance right count one off</source>
        <translation>verdrehten tanz richtigstellen zählen um eins daneben</translation>
    </message>
    <message>
        <source>Settle the hand-out …</source>
        <translation>Die Tanzbeschreibung klären …</translation>
    </message>
    <message>
        <source>Its lines, what each was read as, and what is open</source>
        <translation>Ihre Zeilen, wie jede gelesen wurde und was offen ist</translation>
    </message>
    <message>
        <source>Fill the phrase …</source>
        <translation>Die Phrase füllen …</translation>
    </message>
    <message>
        <source>Every way to go on with figures at hand so that the phrase is full and the feet fit</source>
        <translation>Jede Art, mit vorhandenen Figuren weiterzugehen, sodass die Phrase voll ist und die Füße passen</translation>
    </message>
    <message>
        <source>Plans keep this pass as it is</source>
        <translation>Pläne lassen diesen Durchgang, wie er ist</translation>
    </message>
    <message>
        <source>Its restart and tag stay; again to free it</source>
        <translation>Sein Restart und Tag bleiben; noch einmal gibt ihn frei</translation>
    </message>
    <message>
        <source>Try the routine on another song</source>
        <translation>Die Choreografie auf anderer Musik versuchen</translation>
    </message>
    <message>
        <source>Or another edit of this one, or another tempo: which passes land here and which there, before anything is changed</source>
        <translation>Oder eine andere Bearbeitung dieser Musik oder ein anderes Tempo: welche Durchgänge hier landen und welche dort, bevor etwas geändert wird</translation>
    </message>
    <message>
        <source>Find a matching song or dance …</source>
        <translation>Passende Musik oder passenden Tanz finden …</translation>
    </message>
    <message>
        <source>The files of a folder, the best fit first</source>
        <translation>Die Dateien eines Ordners, das Passendste zuerst</translation>
    </message>
    <message>
        <source>which song for this dance rank suits fits</source>
        <translation>welche musik passt zu diesem tanz rang passend</translation>
    </message>
    <message>
        <source>Tempi of dances …</source>
        <translation>Tempi der Tänze …</translation>
    </message>
    <message>
        <source>What is usual, with its source; at what per cent this song would fit, and how fast the routine is there</source>
        <translation>Was üblich ist, mit Quelle; bei wie viel Prozent diese Musik passen würde und wie schnell die Choreografie dann ist</translation>
    </message>
    <message>
        <source>tempo speed bpm</source>
        <translation>tempo geschwindigkeit bpm</translation>
    </message>
    <message>
        <source>Formation</source>
        <translation>Aufstellung</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Hinweis</translation>
    </message>
    <message>
        <source>Open it and go to its place</source>
        <translation>Öffnen und zu seiner Stelle gehen</translation>
    </message>
    <message>
        <source>Next remedy</source>
        <translation>Nächste Abhilfe</translation>
    </message>
    <message>
        <source>Choose the next remedy of the open finding</source>
        <translation>Die nächste Abhilfe des offenen Hinweises wählen</translation>
    </message>
    <message>
        <source>Preview what is chosen</source>
        <translation>Vorschau des Gewählten</translation>
    </message>
    <message>
        <source>A remedy or proposal on the strips, again to take it off</source>
        <translation>Eine Abhilfe oder ein Vorschlag auf den Streifen, noch einmal nimmt sie weg</translation>
    </message>
    <message>
        <source>Apply what is chosen</source>
        <translation>Das Gewählte anwenden</translation>
    </message>
    <message>
        <source>The remedy or proposal; Undo takes it back</source>
        <translation>Die Abhilfe oder der Vorschlag; Rückgängig nimmt es zurück</translation>
    </message>
    <message>
        <source>Leave the finding as it is</source>
        <translation>Den Hinweis so lassen</translation>
    </message>
    <message>
        <source>Say why, and put it aside</source>
        <translation>Sagen, warum, und ihn beiseitelegen</translation>
    </message>
    <message>
        <source>Fold the findings</source>
        <translation>Die Hinweise zuklappen</translation>
    </message>
    <message>
        <source>Or unfold them</source>
        <translation>Oder aufklappen</translation>
    </message>
    <message>
        <source>Eight</source>
        <translation>Achter</translation>
    </message>
    <message>
        <source>A set a line, with the words of each step</source>
        <translation>Eine Zählreihe je Zeile, mit den Worten jedes Schritts</translation>
    </message>
    <message>
        <source>List of passes</source>
        <translation>Liste der Durchgänge</translation>
    </message>
    <message>
        <source>The passes as a table, in the place of the strips; again for the strips</source>
        <translation>Die Durchgänge als Tabelle anstelle der Streifen; noch einmal bringt die Streifen zurück</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Durchgänge</translation>
    </message>
    <message>
        <source>Fold like passes</source>
        <translation>Gleiche Durchgänge falten</translation>
    </message>
    <message>
        <source>In long routines those danced alike share a line; again to fold anew, once more to see all</source>
        <translation>In langen Choreografien teilen sich gleich getanzte eine Zeile; noch einmal faltet neu, ein drittes Mal zeigt alle</translation>
    </message>
    <message>
        <source>%1 apart, every role finishes</source>
        <translation>%1 Abstand, jede Rolle tanzt zu Ende</translation>
    </message>
    <message>
        <source>%1 apart, all end together</source>
        <translation>%1 Abstand, alle enden zusammen</translation>
    </message>
    <message>
        <source>canon</source>
        <translation>Kanon</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keiner</translation>
    </message>
    <message>
        <source>no canon</source>
        <translation>kein Kanon</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>No moments yet: mark them in Listen</source>
        <translation>Noch keine Momente: Markieren Sie welche in Hören</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>Durchgang %1</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>type its counts</source>
        <translation>ihre Counts schreiben</translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation>Anordnen</translation>
    </message>
    <message>
        <source>The routine on the song</source>
        <translation>Die Choreografie auf der Musik</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>&amp;Anordnen</translation>
    </message>
    <message>
        <source>In a routine of more than thirty passes, those danced alike share a line.</source>
        <translation>In einer Choreografie von mehr als dreißig Durchgängen teilen sich gleich getanzte eine Zeile.</translation>
    </message>
    <message>
        <source>Every pass has its strips.</source>
        <translation>Jeder Durchgang hat seine Streifen.</translation>
    </message>
    <message>
        <source>Every line of the hand-out was understood.</source>
        <translation>Jede Zeile der Tanzbeschreibung wurde verstanden.</translation>
    </message>
    <message>
        <source>Preview (not applied): %1</source>
        <translation>Vorschau (nicht angewendet): %1</translation>
    </message>
    <message>
        <source>%1 Ctrl+Enter applies it, Esc takes it off.</source>
        <translation>%1 Strg+Eingabe wendet es an, Esc nimmt es weg.</translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation>An der Marke ist kein Durchgang. Klicken Sie auf einen Count, der getanzt wird.</translation>
    </message>
    <message>
        <source>No figure is danced there. Put the caret on the count that is to meet the moment.</source>
        <translation>Dort wird keine Figur getanzt. Setzen Sie die Marke auf den Count, der auf den Moment treffen soll.</translation>
    </message>
    <message>
        <source>Choose passes in the list, or put the caret into one, and try again.</source>
        <translation>Wählen Sie Durchgänge in der Liste oder setzen Sie die Marke in einen und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>One pass copied.</source>
        <translation>Ein Durchgang kopiert.</translation>
    </message>
    <message>
        <source>%1 passes copied.</source>
        <translation>%1 Durchgänge kopiert.</translation>
    </message>
    <message>
        <source>One pass cut.</source>
        <translation>Ein Durchgang ausgeschnitten.</translation>
    </message>
    <message>
        <source>%1 passes cut.</source>
        <translation>%1 Durchgänge ausgeschnitten.</translation>
    </message>
    <message>
        <source>One pass taken out. Undo brings it back.</source>
        <translation>Ein Durchgang herausgenommen. Rückgängig bringt ihn zurück.</translation>
    </message>
    <message>
        <source>%1 passes taken out. Undo brings them back.</source>
        <translation>%1 Durchgänge herausgenommen. Rückgängig bringt sie zurück.</translation>
    </message>
    <message>
        <source>Put the caret into the pass that is to be cut, on the last count that is danced.</source>
        <translation>Setzen Sie die Marke in den Durchgang, der geschnitten werden soll, auf den letzten Count, der getanzt wird.</translation>
    </message>
    <message>
        <source>Everyone still waits there. Put the caret on the last count that is danced.</source>
        <translation>Dort warten noch alle. Setzen Sie die Marke auf den letzten Count, der getanzt wird.</translation>
    </message>
    <message>
        <source>That is the last count of the pass; there is nothing left to cut.</source>
        <translation>Das ist der letzte Count des Durchgangs; da ist nichts mehr zu schneiden.</translation>
    </message>
    <message>
        <source>Put the caret into the pass after which the tag is to come.</source>
        <translation>Setzen Sie die Marke in den Durchgang, nach dem das Tag kommen soll.</translation>
    </message>
    <message>
        <source>There is no pass at the caret.</source>
        <translation>An der Marke ist kein Durchgang.</translation>
    </message>
    <message>
        <source>To the count 1 of this pass, then of the one before</source>
        <translation>Zum Count 1 dieses Durchgangs, dann des vorigen</translation>
    </message>
</context>
<context>
    <name>lc::app::CardPage</name>
    <message>
        <source>card of the figure</source>
        <translation>Karte der Figur</translation>
    </message>
    <message>
        <source>Own fraction of %1</source>
        <translation>Eigener Bruchteil von %1</translation>
    </message>
    <message>
        <source>“%1” does not do: &amp; lies inside the count and before a, as in 3/5 and 4/5.</source>
        <translation>„%1“ geht nicht: &amp; liegt im Count und vor a, wie in 3/5 und 4/5.</translation>
    </message>
    <message>
        <source>own fractions</source>
        <translation>eigene Bruchteile</translation>
    </message>
    <message>
        <source>Own notes</source>
        <translation>Eigene Notizen</translation>
    </message>
    <message>
        <source>own notes</source>
        <translation>eigene Notizen</translation>
    </message>
    <message>
        <source>No versions are kept yet; the bench makes them.</source>
        <translation>Noch sind keine Versionen aufbewahrt; die Werkbank macht sie.</translation>
    </message>
    <message>
        <source>Versions that are kept</source>
        <translation>Aufbewahrte Versionen</translation>
    </message>
    <message>
        <source>Name of a version</source>
        <translation>Name einer Version</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>name of a version</source>
        <translation>Name einer Version</translation>
    </message>
    <message>
        <source>take a version out</source>
        <translation>Version herausnehmen</translation>
    </message>
</context>
<context>
    <name>lc::app::ChainPage</name>
    <message>
        <source>Figures one after another</source>
        <translation>Figuren hintereinander</translation>
    </message>
    <message>
        <source>names with / between, such as: Vine and touch / Step, half turn / Vine and touch</source>
        <translation>Namen mit / dazwischen, etwa: Vine und Touch / Schritt, halbe Drehung / Vine und Touch</translation>
    </message>
    <message>
        <source>Names of figures with / between; “this” is the chosen one</source>
        <translation>Namen von Figuren mit / dazwischen; „this“ ist die gewählte</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Nahtstellen</translation>
    </message>
    <message>
        <source>this</source>
        <translation>diese</translation>
    </message>
    <message>
        <source>There is no figure “%1”. Write names as they stand in the list, with / between.</source>
        <translation>Es gibt keine Figur „%1“. Schreiben Sie Namen, wie sie in der Liste stehen, mit / dazwischen.</translation>
    </message>
    <message>
        <source>Write which figures follow one another.</source>
        <translation>Schreiben Sie, welche Figuren aufeinander folgen.</translation>
    </message>
    <message>
        <source>%1 in all, %2; %3.</source>
        <translation>%1 insgesamt, %2; %3.</translation>
    </message>
    <message>
        <source>then a 1 again</source>
        <translation>dann wieder eine 1</translation>
    </message>
    <message>
        <source>%1 to the next 1</source>
        <translation>%1 bis zur nächsten 1</translation>
    </message>
    <message>
        <source>every joint fits</source>
        <translation>jede Naht passt</translation>
    </message>
    <message>
        <source>one joint breaks</source>
        <translation>eine Naht bricht</translation>
    </message>
    <message>
        <source>%1 joints break</source>
        <translation>%1 Nähte brechen</translation>
    </message>
</context>
<context>
    <name>lc::app::CommandBox</name>
    <message>
        <source>Do anything: “pass 6”   Ctrl+K</source>
        <translation>Irgendetwas tun: „Durchgang 6“   Strg+K</translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation>Irgendetwas tun</translation>
    </message>
    <message>
        <source>Commands and places: type “restart”, “pass 4”, “chorus 2”, “count 97” (Ctrl+K)</source>
        <translation>Befehle und Stellen: Schreiben Sie „restart“, „Durchgang 4“, „Refrain 2“, „Count 97“ (Strg+K)</translation>
    </message>
    <message>
        <source>Nothing is called that.</source>
        <translation>So heißt nichts.</translation>
    </message>
</context>
<context>
    <name>lc::app::CommandTable</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
</context>
<context>
    <name>lc::app::CountBar</name>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>not counted yet</source>
        <translation>noch nicht gezählt</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>noch keine Musik</translation>
    </message>
    <message>
        <source>before count 1</source>
        <translation>vor Count 1</translation>
    </message>
    <message>
        <source>after the song</source>
        <translation>nach der Musik</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>pick-up</source>
        <translation>Auftakt</translation>
    </message>
    <message>
        <source>bar %1, beat %2</source>
        <translation>Takt %1, Schlag %2</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>Durchgang %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation>mit Blick nach %1</translation>
    </message>
    <message>
        <source>%1, dancers say %2</source>
        <translation>%1, die Tanzenden sagen %2</translation>
    </message>
    <message>
        <source>tag, %1 left</source>
        <translation>Tag, noch %1</translation>
    </message>
    <message>
        <source>Pass %1, face %2</source>
        <translation>Durchg. %1, nach %2</translation>
    </message>
    <message>
        <source>in %1, %2 foot free</source>
        <translation>in %1, Fuß %2 frei</translation>
    </message>
    <message>
        <source>restart, in %1</source>
        <translation>Restart, in %1</translation>
    </message>
    <message>
        <source>The end</source>
        <translation>Das Ende</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>Count bar</source>
        <translation>Zählleiste</translation>
    </message>
    <message>
        <source>next</source>
        <translation>danach</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>Loop</source>
        <translation>Schleife</translation>
    </message>
    <message>
        <source>Tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>− and +</source>
        <translation>− und +</translation>
    </message>
    <message>
        <source>Voice</source>
        <translation>Stimme</translation>
    </message>
    <message>
        <source>Clicks</source>
        <translation>Klicks</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Play or pause (Space)</source>
        <translation>Abspielen oder Pause (Leertaste)</translation>
    </message>
    <message>
        <source>Loop this pass, or stop looping (O)</source>
        <translation>Diesen Durchgang wiederholen oder aufhören (O)</translation>
    </message>
    <message>
        <source>Slower by 5 % (−)</source>
        <translation>5 % langsamer (−)</translation>
    </message>
    <message>
        <source>Faster by 5 % (+)</source>
        <translation>5 % schneller (+)</translation>
    </message>
    <message>
        <source>Clicks on the counts, on or off (V)</source>
        <translation>Klicks auf den Counts, an oder aus (V)</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Langsamer</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>Schneller</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
</context>
<context>
    <name>lc::app::DesktopLink</name>
    <message>
        <source>The song plays</source>
        <translation>Die Musik spielt</translation>
    </message>
</context>
<context>
    <name>lc::app::DocumentSession</name>
    <message>
        <source>take the dance of the hand-out</source>
        <translation>den Tanz der Tanzbeschreibung nehmen</translation>
    </message>
    <message>
        <source>bring back an earlier version</source>
        <translation>frühere Version zurückholen</translation>
    </message>
</context>
<context>
    <name>lc::app::DoubtsList</name>
    <message>
        <source>Doubts</source>
        <translation>Zweifel</translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation>%1 offen</translation>
    </message>
    <message>
        <source>None. The song is clear, or you have said what was not.</source>
        <translation>Keine. Die Musik ist klar, oder Sie haben gesagt, was es nicht war.</translation>
    </message>
    <message>
        <source>The whole song</source>
        <translation>Das ganze Stück</translation>
    </message>
    <message>
        <source>At %1</source>
        <translation>Bei %1</translation>
    </message>
    <message>
        <source>%1  %2: %3</source>
        <translation>%1  %2: %3</translation>
    </message>
    <message numerus="yes">
        <source>%n less likely</source>
        <translation>
            <numerusform>%n weniger wahrscheinlich</numerusform>
            <numerusform>%n weniger wahrscheinlich</numerusform>
        </translation>
    </message>
    <message>
        <source>Hear it</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>Four bars of the chosen reading, with clicks; Space stops</source>
        <translation>Vier Takte der gewählten Lesart, mit Klicks; Leertaste hält an</translation>
    </message>
    <message>
        <source>Accept</source>
        <translation>Annehmen</translation>
    </message>
    <message>
        <source>State the chosen reading; the rest is worked out again around it</source>
        <translation>Die gewählte Lesart angeben; der Rest wird darum herum neu ausgerechnet</translation>
    </message>
</context>
<context>
    <name>lc::app::DrillPage</name>
    <message>
        <source>Both sides</source>
        <translation>Beide Seiten</translation>
    </message>
    <message>
        <source>Adds the other side, so that both feet begin as often</source>
        <translation>Fügt die andere Seite hinzu, sodass beide Füße gleich oft beginnen</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>All of it with clicks, steps and spoken counts</source>
        <translation>Alles mit Klicks, Schritten und gesprochenen Counts</translation>
    </message>
    <message>
        <source>Repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>wie geschrieben</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation>Schreiben Sie zuerst die Counts der Figur.</translation>
    </message>
    <message>
        <source>Say how often what is danced.</source>
        <translation>Sagen Sie, wie oft was getanzt wird.</translation>
    </message>
    <message>
        <source>Begins %1× left, %2× right</source>
        <translation>Beginnt %1× links, %2× rechts</translation>
    </message>
    <message>
        <source>%1: %2 at %3 s.</source>
        <translation>%1: %2 bei %3 s.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1: the %2 is less used, “Both sides” adds it.</source>
        <translation>%1: Der Fuß %2 wird seltener benutzt, „Beide Seiten“ fügt ihn hinzu.</translation>
    </message>
    <message>
        <source>Keep versions on the bench to drill them here.</source>
        <translation>Bewahren Sie auf der Werkbank Versionen auf, um sie hier zu üben.</translation>
    </message>
    <message>
        <source>%1×: %2, %3 changes, %4</source>
        <translation>%1×: %2, %3 Wechsel, %4</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>passt</translation>
    </message>
    <message>
        <source>In sets: %1.</source>
        <translation>In Zählreihen: %1.</translation>
    </message>
    <message>
        <source>How often, in row %1</source>
        <translation>Wie oft, in Zeile %1</translation>
    </message>
    <message>
        <source>What is danced, in row %1</source>
        <translation>Was getanzt wird, in Zeile %1</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureColumn</name>
    <message>
        <source>Findings of the figure</source>
        <translation>Hinweise zur Figur</translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation>Noch nichts zu finden.</translation>
    </message>
    <message>
        <source>Choose a figure at the left, or begin a new one.</source>
        <translation>Wählen Sie links eine Figur oder beginnen Sie eine neue.</translation>
    </message>
    <message>
        <source>Everything fits.</source>
        <translation>Alles passt.</translation>
    </message>
    <message>
        <source>Type its counts as you say them: 1 side R 2 close L 3 side R 4 touch L.</source>
        <translation>Schreiben Sie ihre Counts, wie Sie sie sagen: 1 side R 2 close L 3 side R 4 touch L.</translation>
    </message>
    <message>
        <source>Feet, counts and roles agree.</source>
        <translation>Füße, Counts und Rollen stimmen überein.</translation>
    </message>
    <message>
        <source>The answers stand under the line.</source>
        <translation>Die Antworten stehen unter der Zeile.</translation>
    </message>
    <message>
        <source>Do it; undo takes it back</source>
        <translation>Tun; Rückgängig nimmt es zurück</translation>
    </message>
    <message>
        <source>Where it would fit</source>
        <translation>Wohin sie passen würde</translation>
    </message>
    <message>
        <source>yes: %1 free</source>
        <translation>ja: %1 frei</translation>
    </message>
    <message>
        <source>no: %1</source>
        <translation>nein: %1</translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation>zweimal nacheinander</translation>
    </message>
    <message>
        <source>before %1</source>
        <translation>vor %1</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>yours, at %1 bpm</source>
        <translation>Ihre, bei %1 bpm</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>own limit</source>
        <translation>eigene Grenze</translation>
    </message>
    <message>
        <source>quickest step %L1 s</source>
        <translation>schnellster Schritt %L1 s</translation>
    </message>
    <message>
        <source>fastest turn %1°/s</source>
        <translation>schnellste Drehung %1°/s</translation>
    </message>
    <message>
        <source>Counting</source>
        <translation>Zählen</translation>
    </message>
    <message>
        <source>of the routine</source>
        <translation>der Choreografie</translation>
    </message>
    <message>
        <source>A count for</source>
        <translation>Ein Count für</translation>
    </message>
    <message>
        <source>each beat</source>
        <translation>jeden Schlag</translation>
    </message>
    <message>
        <source>each half beat</source>
        <translation>jeden halben Schlag</translation>
    </message>
    <message>
        <source>two beats</source>
        <translation>zwei Schläge</translation>
    </message>
    <message>
        <source>each bar</source>
        <translation>jeden Takt</translation>
    </message>
    <message>
        <source>each group of a bar</source>
        <translation>jede Gruppe eines Taktes</translation>
    </message>
    <message>
        <source>What of the music one count stands for: 7/8 as 3+2+2 is counted long, short, short by its groups</source>
        <translation>Wofür in der Musik ein Count steht: 7/8 als 3+2+2 wird lang, kurz, kurz nach seinen Gruppen gezählt</translation>
    </message>
    <message>
        <source>Bars to a set</source>
        <translation>Takte je Zählreihe</translation>
    </message>
    <message>
        <source>After how many bars dancers say 1 again</source>
        <translation>Nach wie vielen Takten die Tanzenden wieder 1 sagen</translation>
    </message>
    <message>
        <source>a count for</source>
        <translation>ein Count für</translation>
    </message>
    <message>
        <source>bars to a set</source>
        <translation>Takte je Zählreihe</translation>
    </message>
    <message>
        <source>Feel of the routine</source>
        <translation>Unterteilung der Choreografie</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>swung</source>
        <translation>geswingt</translation>
    </message>
    <message>
        <source>rolling, thirds</source>
        <translation>rollend, Drittel</translation>
    </message>
    <message>
        <source>rolling, quarters</source>
        <translation>rollend, Viertel</translation>
    </message>
    <message>
        <source>&amp; and a</source>
        <translation>&amp; und a</translation>
    </message>
    <message>
        <source>“%1” is not a length of a step. Write 2, 1 or 1/2.</source>
        <translation>„%1“ ist keine Länge eines Schritts. Schreiben Sie 2, 1 oder 1/2.</translation>
    </message>
    <message>
        <source>slow, quick</source>
        <translation>langsam, schnell</translation>
    </message>
    <message>
        <source>Counts of a slow step</source>
        <translation>Counts eines langsamen Schritts</translation>
    </message>
    <message>
        <source>Counts of a quick step</source>
        <translation>Counts eines schnellen Schritts</translation>
    </message>
    <message>
        <source>with weight</source>
        <translation>mit Gewicht</translation>
    </message>
    <message>
        <source>without weight</source>
        <translation>ohne Gewicht</translation>
    </message>
    <message>
        <source>A choice of your school; “stomp-up” never takes weight</source>
        <translation>Eine Wahl Ihrer Schule; „stomp-up“ nimmt nie Gewicht</translation>
    </message>
    <message>
        <source>stomp and stamp</source>
        <translation>Stomp und Stamp</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation>Qualifizierte Lehrkräfte und die Hausregeln gehen vor.</translation>
    </message>
    <message>
        <source>In the routine</source>
        <translation>In der Choreografie</translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation>%1× getanzt</translation>
    </message>
    <message>
        <source>not danced yet</source>
        <translation>noch nicht getanzt</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>Add to</source>
        <translation>Hinzufügen zu</translation>
    </message>
    <message>
        <source>At the end of the part</source>
        <translation>Ans Ende des Teils</translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation>Anders als in der Figurensammlung: %1.</translation>
    </message>
    <message>
        <source>Give it to the vocabulary</source>
        <translation>Der Figurensammlung geben</translation>
    </message>
    <message>
        <source>The vocabulary has it as it is here</source>
        <translation>Die Figurensammlung hat sie dann wie hier</translation>
    </message>
    <message>
        <source>Take it from the vocabulary</source>
        <translation>Aus der Figurensammlung nehmen</translation>
    </message>
    <message>
        <source>The routine has it as the vocabulary does</source>
        <translation>Die Choreografie hat sie dann wie die Figurensammlung</translation>
    </message>
    <message>
        <source>Twice in the vocabulary</source>
        <translation>Zweimal in der Figurensammlung</translation>
    </message>
    <message>
        <source>“%1” has the same name or the same lines.</source>
        <translation>„%1“ hat denselben Namen oder dieselben Zeilen.</translation>
    </message>
    <message>
        <source>Make them one</source>
        <translation>Zu einer machen</translation>
    </message>
    <message>
        <source>This one stays and takes the other&apos;s names, tags, notes and versions</source>
        <translation>Diese bleibt und übernimmt Namen, Stichwörter, Notizen und Versionen der anderen</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureDesk</name>
    <message>
        <source>The vocabulary may only be read here: figures can be taken into a routine, and what you change in them stays in the routine.</source>
        <translation>Die Figurensammlung darf hier nur gelesen werden: Figuren lassen sich in eine Choreografie übernehmen, und was Sie daran ändern, bleibt in der Choreografie.</translation>
    </message>
    <message>
        <source>The vocabulary may only be read here, so this figure stays as it is. Take it into the routine and change it there.</source>
        <translation>Die Figurensammlung darf hier nur gelesen werden, also bleibt diese Figur, wie sie ist. Übernehmen Sie sie in die Choreografie und ändern Sie sie dort.</translation>
    </message>
    <message>
        <source>%1, as typed here</source>
        <translation>%1, wie hier geschrieben</translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. What you typed is kept beside it as “%2”.</source>
        <translation>„%1“ wurde inzwischen von einem anderen Fenster geändert. Was Sie geschrieben haben, steht daneben als „%2“.</translation>
    </message>
    <message>
        <source>“%1” is in the routine alone: the vocabulary cannot be written.</source>
        <translation>„%1“ ist nur in der Choreografie: Die Figurensammlung kann nicht geschrieben werden.</translation>
    </message>
    <message>
        <source>“%1” and “%2” are one figure now: “%1”. Undo takes them apart again.</source>
        <translation>„%1“ und „%2“ sind jetzt eine Figur: „%1“. Rückgängig trennt sie wieder.</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>%1 einsetzen</translation>
    </message>
    <message>
        <source>as in the vocabulary</source>
        <translation>wie in der Figurensammlung</translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary now.</source>
        <translation>„%1“ ist jetzt in der Figurensammlung.</translation>
    </message>
    <message>
        <source>Figures that came in from %1: %2.</source>
        <translation>Figuren, die aus %1 hereinkamen: %2.</translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy one first: choose it in the list.</source>
        <translation>Es gibt keine Figuren zum Einfügen. Kopieren Sie zuerst eine: Wählen Sie sie in der Liste.</translation>
    </message>
    <message>
        <source>Figures pasted: %1.</source>
        <translation>Eingefügte Figuren: %1.</translation>
    </message>
    <message>
        <source>Figures written to %1: %2.</source>
        <translation>Figuren nach %1 geschrieben: %2.</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureEditor</name>
    <message>
        <source>straight: &amp; is ½</source>
        <translation>gerade: &amp; ist ½</translation>
    </message>
    <message>
        <source>swung: &amp; and a are ⅔</source>
        <translation>geswingt: &amp; und a sind ⅔</translation>
    </message>
    <message>
        <source>rolling by thirds: &amp; ⅓, a ⅔</source>
        <translation>rollend in Dritteln: &amp; ⅓, a ⅔</translation>
    </message>
    <message>
        <source>rolling by quarters: &amp; ½, a ¾</source>
        <translation>rollend in Vierteln: &amp; ½, a ¾</translation>
    </message>
    <message>
        <source>own fractions …</source>
        <translation>eigene Bruchteile …</translation>
    </message>
    <message>
        <source>Name of the figure</source>
        <translation>Name der Figur</translation>
    </message>
    <message>
        <source>What the figure is called; click to change it</source>
        <translation>Wie die Figur heißt; Klick zum Ändern</translation>
    </message>
    <message>
        <source>Counts it is said to have</source>
        <translation>Angegebene Counts</translation>
    </message>
    <message>
        <source>How many counts it is said to have; empty for as many as it has</source>
        <translation>Wie viele Counts sie haben soll; leer für so viele, wie sie hat</translation>
    </message>
    <message>
        <source>“%1” is not a number of counts. Write 6, 12 or 13/2, or leave it empty.</source>
        <translation>„%1“ ist keine Zahl von Counts. Schreiben Sie 6, 12 oder 13/2 oder lassen Sie es leer.</translation>
    </message>
    <message>
        <source>length of the figure</source>
        <translation>Länge der Figur</translation>
    </message>
    <message>
        <source>Feel</source>
        <translation>Unterteilung</translation>
    </message>
    <message>
        <source>What &amp; and a are worth in this figure</source>
        <translation>Was &amp; und a in dieser Figur wert sind</translation>
    </message>
    <message>
        <source>feel of the routine</source>
        <translation>Unterteilung der Choreografie</translation>
    </message>
    <message>
        <source>Say it as</source>
        <translation>Sagen als</translation>
    </message>
    <message>
        <source>How its counts are said and spoken</source>
        <translation>Wie ihre Counts gesagt und gesprochen werden</translation>
    </message>
    <message>
        <source>Begins on</source>
        <translation>Beginnt auf</translation>
    </message>
    <message>
        <source>The music count on which its count 1 falls</source>
        <translation>Der Count der Musik, auf den ihr Count 1 fällt</translation>
    </message>
    <message>
        <source>Seen from the front</source>
        <translation>Von vorn</translation>
    </message>
    <message>
        <source>Left and right as a viewer sees them</source>
        <translation>Links und rechts, wie Zuschauer sie sehen</translation>
    </message>
    <message>
        <source>Claps and arms</source>
        <translation>Arme, Klatschen</translation>
    </message>
    <message>
        <source>What goes on beside the feet: shown, or kept for later</source>
        <translation>Was neben den Füßen geschieht: gezeigt oder für später aufgehoben</translation>
    </message>
    <message>
        <source>feel of the figure</source>
        <translation>Unterteilung der Figur</translation>
    </message>
    <message>
        <source>A figure has at most 8 roles.</source>
        <translation>Eine Figur hat höchstens 8 Rollen.</translation>
    </message>
    <message>
        <source>another role</source>
        <translation>noch eine Rolle</translation>
    </message>
    <message>
        <source>This line cannot be read to its end yet; mend it first.</source>
        <translation>Diese Zeile kann noch nicht bis zum Ende gelesen werden; berichtigen Sie sie zuerst.</translation>
    </message>
    <message>
        <source>copy to the partner</source>
        <translation>zum Partner kopieren</translation>
    </message>
    <message>
        <source>Name of a role</source>
        <translation>Name einer Rolle</translation>
    </message>
    <message>
        <source>Who dances this line; delete the name to take the line out</source>
        <translation>Wer diese Zeile tanzt; löschen Sie den Namen, um die Zeile herauszunehmen</translation>
    </message>
    <message>
        <source>1 side R 2 close L 3 side R 4 touch L</source>
        <translation>1 side R 2 close L 3 side R 4 touch L</translation>
    </message>
    <message>
        <source>A figure keeps at least one line.</source>
        <translation>Eine Figur behält mindestens eine Zeile.</translation>
    </message>
    <message>
        <source>“%1” has a line already.</source>
        <translation>„%1“ hat schon eine Zeile.</translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation>Name einer Rolle</translation>
    </message>
    <message>
        <source>From the front: %1</source>
        <translation>Von vorn: %1</translation>
    </message>
    <message>
        <source>Read as: %1</source>
        <translation>Gelesen als: %1</translation>
    </message>
    <message>
        <source>Write it so: F12</source>
        <translation>So schreiben: F12</translation>
    </message>
    <message>
        <source>Puts what was read, in the notation, in the place of the line</source>
        <translation>Setzt das Gelesene in der Notation an die Stelle der Zeile</translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation>Bei Zeichen %1: %2</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free  (read so now)</source>
        <translation>%1: %2, dann %3 frei  (so gelesen)</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation>%1: %2, dann %3 frei</translation>
    </message>
    <message>
        <source>Keeps the word with this meaning: here and from now on the line is read as %1</source>
        <translation>Behält das Wort in dieser Bedeutung: Hier und von nun an wird die Zeile als %1 gelesen</translation>
    </message>
    <message>
        <source>Writes it so that only this is meant: %1</source>
        <translation>Schreibt es so, dass nur dies gemeint ist: %1</translation>
    </message>
    <message>
        <source>answer a question</source>
        <translation>eine Frage beantworten</translation>
    </message>
    <message>
        <source>nothing written yet, said to have</source>
        <translation>noch nichts geschrieben, angegeben</translation>
    </message>
    <message>
        <source>%1, said to have</source>
        <translation>%1, angegeben</translation>
    </message>
    <message>
        <source>No figure is chosen. Choose one at the left, or begin a new one with Ctrl+Shift+N.</source>
        <translation>Keine Figur ist gewählt. Wählen Sie links eine oder beginnen Sie mit Strg+Umschalt+N eine neue.</translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation>Anders als in der Figurensammlung: %1.</translation>
    </message>
    <message>
        <source>Line of %1</source>
        <translation>Zeile von %1</translation>
    </message>
    <message>
        <source>read to %1</source>
        <translation>gelesen bis %1</translation>
    </message>
    <message>
        <source>read: 1 step</source>
        <translation>gelesen: 1 Schritt</translation>
    </message>
    <message>
        <source>read: %1 steps</source>
        <translation>gelesen: %1 Schritte</translation>
    </message>
    <message>
        <source>a question</source>
        <translation>eine Frage</translation>
    </message>
    <message>
        <source>as the routine</source>
        <translation>wie die Choreografie</translation>
    </message>
    <message>
        <source>begins on %1</source>
        <translation>beginnt auf %1</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>Counts</translation>
    </message>
    <message>
        <source>weight changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>beginnt mit</translation>
    </message>
    <message>
        <source>free at the end</source>
        <translation>dann frei</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>travels</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>breaks on</source>
        <translation>Break auf</translation>
    </message>
    <message>
        <source>ends</source>
        <translation>endet</translation>
    </message>
    <message>
        <source>meets</source>
        <translation>trifft sich</translation>
    </message>
    <message>
        <source>either</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>the other</source>
        <translation>der andere</translation>
    </message>
    <message>
        <source>■ end</source>
        <translation>■ Ende</translation>
    </message>
    <message>
        <source>□ misses</source>
        <translation>□ verfehlt</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureList</name>
    <message>
        <source>Figures</source>
        <translation>Figuren</translation>
    </message>
    <message>
        <source>6 counts, left foot free, ends open</source>
        <translation>6 Counts, linker Fuß frei, endet offen</translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation>Die Figuren durchsuchen</translation>
    </message>
    <message>
        <source>Counts, feet, positions, turns, or words of any field (Ctrl+F)</source>
        <translation>Counts, Füße, Haltungen, Drehungen oder Wörter jedes Feldes (Strg+F)</translation>
    </message>
    <message>
        <source>No figures yet. Begin with a new one, or bring figures in from a file.</source>
        <translation>Noch keine Figuren. Beginnen Sie mit einer neuen oder holen Sie Figuren aus einer Datei.</translation>
    </message>
    <message>
        <source>No figure is like that. Take a word out of the search.</source>
        <translation>Keine Figur ist so. Nehmen Sie ein Wort aus der Suche.</translation>
    </message>
    <message>
        <source>%1, by name   Ctrl+F</source>
        <translation>%1, nach Namen   Strg+F</translation>
    </message>
    <message>
        <source>%1 of %2   Ctrl+F</source>
        <translation>%1 von %2   Strg+F</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureListModel</name>
    <message>
        <source>in the routine</source>
        <translation>in der Choreografie</translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation>%1× getanzt</translation>
    </message>
    <message>
        <source>other than the vocabulary</source>
        <translation>anders als in der Sammlung</translation>
    </message>
    <message>
        <source>%1, %2, %3 %4</source>
        <translation>%1, %2, %3 %4</translation>
    </message>
</context>
<context>
    <name>lc::app::FileDesk</name>
    <message>
        <source>one pass</source>
        <translation>ein Durchgang</translation>
    </message>
    <message>
        <source>%1 passes</source>
        <translation>%1 Durchgänge</translation>
    </message>
    <message>
        <source>New routine</source>
        <translation>Neue Choreografie</translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation>Choreografie öffnen</translation>
    </message>
    <message>
        <source>Routines and hand-outs (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)</source>
        <translation>Choreografien und Tanzbeschreibungen (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>„%1“ hat Änderungen, die nicht gespeichert sind.</translation>
    </message>
    <message>
        <source>Save them before going on?</source>
        <translation>Vor dem Weitermachen speichern?</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Throw them away</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>The file was changed by another window or program since it was opened here.</source>
        <translation>Die Datei wurde von einem anderen Fenster oder Programm geändert, seit sie hier geöffnet wurde.</translation>
    </message>
    <message>
        <source>Saving here would put this version over the other.</source>
        <translation>Speichern würde hier diese Version über die andere schreiben.</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>Overwrite</source>
        <translation>Überschreiben</translation>
    </message>
    <message>
        <source>Save the routine</source>
        <translation>Choreografie speichern</translation>
    </message>
    <message>
        <source>routine</source>
        <translation>Choreografie</translation>
    </message>
    <message>
        <source>Routines (*.liftcount)</source>
        <translation>Choreografien (*.liftcount)</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>noch keine Musik</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>zu „%1“</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>d MMM, hh:mm</source>
        <comment>day and time</comment>
        <translation>d. MMM, HH:mm</translation>
    </message>
</context>
<context>
    <name>lc::app::FillPanel</name>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>%1, or %2</source>
        <translation>%1 oder %2</translation>
    </message>
    <message>
        <source>Fill the phrase</source>
        <translation>Die Phrase füllen</translation>
    </message>
    <message>
        <source>fill</source>
        <translation>füllen</translation>
    </message>
    <message>
        <source>Counts to fill after the part</source>
        <translation>Counts, die nach dem Teil gefüllt werden</translation>
    </message>
    <message>
        <source>counts after the part</source>
        <translation>Counts nach dem Teil</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>Which figures may be used, and how they are to end</source>
        <translation>Welche Figuren verwendet werden dürfen und wie sie enden sollen</translation>
    </message>
    <message>
        <source>and leave</source>
        <translation>und lassen</translation>
    </message>
    <message>
        <source>The foot that is free afterwards</source>
        <translation>Der Fuß, der danach frei ist</translation>
    </message>
    <message>
        <source>the foot its count 1 needs</source>
        <translation>den Fuß, den ihr Count 1 braucht</translation>
    </message>
    <message>
        <source>the left foot free</source>
        <translation>den linken Fuß frei</translation>
    </message>
    <message>
        <source>the right foot free</source>
        <translation>den rechten Fuß frei</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>einen beliebigen Fuß</translation>
    </message>
    <message>
        <source>turning</source>
        <translation>drehend</translation>
    </message>
    <message>
        <source>How much is turned in all</source>
        <translation>Wie viel insgesamt gedreht wird</translation>
    </message>
    <message>
        <source>as it comes</source>
        <translation>wie es kommt</translation>
    </message>
    <message>
        <source>not</source>
        <translation>nicht</translation>
    </message>
    <message>
        <source>figures of</source>
        <translation>Figuren von</translation>
    </message>
    <message>
        <source>Lengths of figures that may be used</source>
        <translation>Längen der Figuren, die verwendet werden dürfen</translation>
    </message>
    <message>
        <source>Counts with commas, such as 6, 8; empty = any</source>
        <translation>Counts mit Kommas, etwa 6, 8; leer = beliebig</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>Counts</translation>
    </message>
    <message>
        <source>each at most</source>
        <translation>jede höchstens</translation>
    </message>
    <message>
        <source>How often a figure may come</source>
        <translation>Wie oft eine Figur vorkommen darf</translation>
    </message>
    <message>
        <source>times</source>
        <translation>Mal</translation>
    </message>
    <message>
        <source>Levels of figures that may be used</source>
        <translation>Niveaus der Figuren, die verwendet werden dürfen</translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation>zweimal nacheinander</translation>
    </message>
    <message>
        <source>May a figure follow itself?</source>
        <translation>Darf eine Figur auf sich selbst folgen?</translation>
    </message>
    <message>
        <source>of this routine only</source>
        <translation>nur dieser Choreografie</translation>
    </message>
    <message>
        <source>Leave the vocabulary&apos;s other figures out</source>
        <translation>Die anderen Figuren der Sammlung weglassen</translation>
    </message>
    <message>
        <source>any level</source>
        <translation>jedes Niveau</translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation>nur %1</translation>
    </message>
    <message>
        <source>Different figures: %1. Lengths: %2. They start on: %3.</source>
        <translation>Verschiedene Figuren: %1. Längen: %2. Sie beginnen auf: %3.</translation>
    </message>
    <message>
        <source>%1 from these lengths: %2.</source>
        <translation>%1 aus diesen Längen: %2.</translation>
    </message>
    <message>
        <source>No figures at hand have lengths that make %1.</source>
        <translation>Keine vorhandenen Figuren haben Längen, die %1 ergeben.</translation>
    </message>
    <message>
        <source>None fits the feet, the holds and the turn wanted: ask for either foot, or another turn.</source>
        <translation>Keine passt zu Füßen, Fassungen und gewünschter Drehung: Verlangen Sie einen beliebigen Fuß oder eine andere Drehung.</translation>
    </message>
    <message>
        <source>None keeps the limits of variety: allow figures more often.</source>
        <translation>Keine hält die Grenzen der Abwechslung: Erlauben Sie Figuren öfter.</translation>
    </message>
    <message>
        <source>%L1 in all fit the feet and holds</source>
        <translation>%L1 insgesamt passen zu Füßen und Fassungen</translation>
    </message>
    <message>
        <source>More than can be counted fit the feet and holds</source>
        <translation>Mehr, als zu zählen ist, passen zu Füßen und Fassungen</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1; %2 of them are shown, of every number of figures.</source>
        <translation>%1; %2 davon werden gezeigt, von jeder Zahl von Figuren.</translation>
    </message>
    <message>
        <source>count %1 on the %2 of figure %3</source>
        <translation>Count %1 auf %2 von Figur %3</translation>
    </message>
    <message>
        <source>The 1s of the music: %1.</source>
        <translation>Die 1en der Musik: %1.</translation>
    </message>
    <message>
        <source>only where it begins</source>
        <translation>nur, wo sie beginnt</translation>
    </message>
    <message>
        <source>None in figure %1.</source>
        <translation>Keine in Figur %1.</translation>
    </message>
    <message>
        <source>fill the phrase</source>
        <translation>die Phrase füllen</translation>
    </message>
</context>
<context>
    <name>lc::app::FillersPage</name>
    <message>
        <source>Fill</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Counts to fill</source>
        <translation>Zu füllende Counts</translation>
    </message>
    <message>
        <source>Up to</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>Back to a 1, or to the count on which the figure began, so that it breaks on the same count again</source>
        <translation>Zurück zu einer 1 oder zu dem Count, auf dem die Figur begann, sodass der Break wieder auf denselben Count fällt</translation>
    </message>
    <message>
        <source>to the 1</source>
        <translation>zur 1</translation>
    </message>
    <message>
        <source>to its start count</source>
        <translation>zu ihrem Anfangscount</translation>
    </message>
    <message>
        <source>and leave free</source>
        <translation>und lassen frei</translation>
    </message>
    <message>
        <source>Foot that is free after it</source>
        <translation>Fuß, der danach frei ist</translation>
    </message>
    <message>
        <source>the foot it begins with</source>
        <translation>den Fuß, mit dem sie beginnt</translation>
    </message>
    <message>
        <source>the left foot</source>
        <translation>den linken Fuß</translation>
    </message>
    <message>
        <source>the right foot</source>
        <translation>den rechten Fuß</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>einen beliebigen Fuß</translation>
    </message>
    <message>
        <source>Write it after the figure</source>
        <translation>Nach der Figur schreiben</translation>
    </message>
    <message>
        <source>The figure ends with this filler (Enter)</source>
        <translation>Die Figur endet mit dieser Füllfigur (Eingabe)</translation>
    </message>
    <message>
        <source>filler</source>
        <translation>Füllfigur</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>leaves free</source>
        <translation>lässt frei</translation>
    </message>
    <message>
        <source>made of</source>
        <translation>besteht aus</translation>
    </message>
    <message>
        <source>Fillers, cheapest first</source>
        <translation>Füllfiguren, billigste zuerst</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation>Schreiben Sie zuerst die Counts der Figur.</translation>
    </message>
    <message>
        <source>The figure ends before a 1: nothing is left to fill. </source>
        <translation>Die Figur endet vor einer 1: Es ist nichts zu füllen. </translation>
    </message>
    <message>
        <source>%L1 in all</source>
        <translation>%L1 insgesamt</translation>
    </message>
    <message>
        <source>more than can be counted</source>
        <translation>mehr, als zu zählen ist</translation>
    </message>
    <message>
        <source>Nothing here fills %1 from the %2 foot. Ask for the other foot.</source>
        <translation>Nichts hier füllt %1 vom Fuß %2 aus. Verlangen Sie den anderen Fuß.</translation>
    </message>
    <message>
        <source>From the %1 foot free: %2, the fewest pieces first.</source>
        <translation>Mit freiem Fuß %1: %2, die wenigsten Stücke zuerst.</translation>
    </message>
    <message>
        <source>bare steps</source>
        <translation>bloße Schritte</translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation>Figurensammlung</translation>
    </message>
    <message>
        <source>add a filler</source>
        <translation>Füllfigur hinzufügen</translation>
    </message>
</context>
<context>
    <name>lc::app::FindingsColumn</name>
    <message>
        <source>Findings</source>
        <translation>Hinweise</translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation>Noch nichts zu finden.</translation>
    </message>
    <message>
        <source>Everything lands.</source>
        <translation>Alles landet.</translation>
    </message>
    <message>
        <source>Place figures in a part or type its counts, and give the order of the passes; what does not land will stand here, with ways to mend it.</source>
        <translation>Setzen Sie Figuren in einen Teil oder schreiben Sie seine Counts, und geben Sie die Folge der Durchgänge an; was nicht landet, steht hier, mit Abhilfen.</translation>
    </message>
    <message>
        <source>Every pass starts a phrase, on the foot it needs.</source>
        <translation>Jeder Durchgang beginnt eine Phrase, auf dem Fuß, den er braucht.</translation>
    </message>
    <message>
        <source>Open this finding and go to its place (F8 for the next)</source>
        <translation>Diesen Hinweis öffnen und zu seiner Stelle gehen (F8 für den nächsten)</translation>
    </message>
    <message>
        <source>Remedy</source>
        <translation>Abhilfe</translation>
    </message>
    <message>
        <source>Remedies</source>
        <translation>Abhilfen</translation>
    </message>
    <message>
        <source>Try it on the strips; Esc takes it off</source>
        <translation>Auf den Streifen versuchen; Esc nimmt es weg</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation>Tun (Strg+Eingabe); Rückgängig nimmt es zurück</translation>
    </message>
    <message>
        <source>Or leave it, because …</source>
        <translation>Oder lassen, weil …</translation>
    </message>
    <message>
        <source>Reason for leaving this finding as it is</source>
        <translation>Grund, diesen Hinweis so zu lassen</translation>
    </message>
    <message>
        <source>Type why and press Enter: the finding is put aside and kept in the file</source>
        <translation>Schreiben Sie, warum, und drücken Sie Eingabe: Der Hinweis wird beiseitegelegt und in der Datei behalten</translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation>%1 so gelassen</translation>
    </message>
    <message>
        <source>Look at it again</source>
        <translation>Wieder ansehen</translation>
    </message>
</context>
<context>
    <name>lc::app::FoldingColumn</name>
    <message>
        <source>Findings</source>
        <translation>Hinweise</translation>
    </message>
    <message>
        <source>%1 open   F6 folds</source>
        <translation>%1 offen   F6 faltet</translation>
    </message>
</context>
<context>
    <name>lc::app::FramePage</name>
    <message>
        <source>Entry</source>
        <translation>Einstieg</translation>
    </message>
    <message>
        <source>Counts of the entry</source>
        <translation>Counts des Einstiegs</translation>
    </message>
    <message>
        <source>close</source>
        <translation>Schluss</translation>
    </message>
    <message>
        <source>Counts of the close</source>
        <translation>Counts des Schlusses</translation>
    </message>
    <message>
        <source>New figure with this body</source>
        <translation>Neue Figur mit diesem Hauptteil</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Hauptteil</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>Counts</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>passt</translation>
    </message>
    <message>
        <source>Bodies</source>
        <translation>Hauptteile</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>Say how many counts at its head and end stay; what is between can be exchanged.</source>
        <translation>Sagen Sie, wie viele Counts am Anfang und Ende bleiben; was dazwischen ist, kann getauscht werden.</translation>
    </message>
    <message>
        <source>Entry and close leave no room for a body.</source>
        <translation>Einstieg und Schluss lassen keinen Raum für einen Hauptteil.</translation>
    </message>
    <message>
        <source>The body has %1; figures that fit: %2.</source>
        <translation>Der Hauptteil hat %1; passende Figuren: %2.</translation>
    </message>
</context>
<context>
    <name>lc::app::HandPanel</name>
    <message>
        <source>close</source>
        <translation>Schluss</translation>
    </message>
    <message>
        <source>Close this strip (Escape)</source>
        <translation>Diesen Streifen schließen (Esc)</translation>
    </message>
</context>
<context>
    <name>lc::app::HandStatements</name>
    <message>
        <source>Put the caret on a count of the song first.</source>
        <translation>Setzen Sie zuerst die Marke auf einen Count der Musik.</translation>
    </message>
    <message>
        <source>Put the caret into a bar of the song first.</source>
        <translation>Setzen Sie zuerst die Marke in einen Takt der Musik.</translation>
    </message>
    <message>
        <source>every 1 a beat later</source>
        <translation>jede 1 einen Schlag später</translation>
    </message>
    <message>
        <source>every 1 a beat earlier</source>
        <translation>jede 1 einen Schlag früher</translation>
    </message>
    <message>
        <source>The first phrase has none before it to belong to.</source>
        <translation>Die erste Phrase hat keine vor sich, zu der sie gehören könnte.</translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation>hier beginnt keine Phrase</translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation>doppelt so viele Schläge</translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation>halb so viele Schläge</translation>
    </message>
    <message>
        <source>nudge</source>
        <translation>schieben</translation>
    </message>
    <message>
        <source>forget everything that was said</source>
        <translation>alles Gesagte vergessen</translation>
    </message>
</context>
<context>
    <name>lc::app::HandoutPanel</name>
    <message>
        <source>The hand-out, line by line</source>
        <translation>Die Tanzbeschreibung, Zeile für Zeile</translation>
    </message>
    <message>
        <source>Hand-out</source>
        <translation>Tanzbeschreibung</translation>
    </message>
    <message>
        <source>Next open line</source>
        <translation>Nächste offene Zeile</translation>
    </message>
    <message>
        <source>The next line that waits to be settled</source>
        <translation>Die nächste Zeile, die geklärt werden muss</translation>
    </message>
    <message>
        <source>The rest are remarks</source>
        <translation>Der Rest sind Bemerkungen</translation>
    </message>
    <message>
        <source>Keeps each open line that says no steps as a remark of its figure</source>
        <translation>Behält jede offene Zeile, die keine Schritte nennt, als Bemerkung ihrer Figur</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Line</translation>
    </message>
    <message>
        <source>state</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>in the hand-out</source>
        <translation>in der Beschreibung</translation>
    </message>
    <message>
        <source>read as</source>
        <translation>gelesen als</translation>
    </message>
    <message>
        <source>Lines of the hand-out</source>
        <translation>Zeilen der Tanzbeschreibung</translation>
    </message>
    <message>
        <source>This routine came from no hand-out. Paste one with Ctrl+Shift+V.</source>
        <translation>Diese Choreografie kam aus keiner Tanzbeschreibung. Fügen Sie eine mit Strg+Umschalt+V ein.</translation>
    </message>
    <message>
        <source>1 line</source>
        <translation>1 Zeile</translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation>%1 Zeilen</translation>
    </message>
    <message>
        <source>%1, all settled.</source>
        <translation>%1, alle geklärt.</translation>
    </message>
    <message>
        <source>%1, 1 to be settled.</source>
        <translation>%1, 1 zu klären.</translation>
    </message>
    <message>
        <source>%1, %2 to be settled.</source>
        <translation>%1, %2 zu klären.</translation>
    </message>
    <message>
        <source>? open</source>
        <translation>? offen</translation>
    </message>
    <message>
        <source>■ settled</source>
        <translation>■ geklärt</translation>
    </message>
    <message>
        <source>agrees with the steps now</source>
        <translation>stimmt jetzt mit den Schritten überein</translation>
    </message>
    <message>
        <source>as you said</source>
        <translation>wie Sie gesagt haben</translation>
    </message>
    <message>
        <source>Nothing is open at this line.</source>
        <translation>An dieser Zeile ist nichts offen.</translation>
    </message>
    <message>
        <source>Nothing is open any more: the dance is on the strips above.</source>
        <translation>Nichts ist mehr offen: Der Tanz steht oben auf den Streifen.</translation>
    </message>
    <message>
        <source>settle line %1 of the hand-out</source>
        <translation>Zeile %1 der Tanzbeschreibung klären</translation>
    </message>
    <message>
        <source>keep the rest of the hand-out as remarks</source>
        <translation>den Rest der Tanzbeschreibung als Bemerkungen behalten</translation>
    </message>
</context>
<context>
    <name>lc::app::Heading</name>
    <message>
        <source>New routine</source>
        <translation>Neue Choreografie</translation>
    </message>
    <message>
        <source>Title of the routine</source>
        <translation>Titel der Choreografie</translation>
    </message>
    <message>
        <source>What the routine is called; click to change it (Ctrl+T)</source>
        <translation>Wie die Choreografie heißt; Klick zum Ändern (Strg+T)</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>zu „%1“</translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>counted in %1</source>
        <translation>Zählung: %1</translation>
    </message>
</context>
<context>
    <name>lc::app::Help</name>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>The manual</source>
        <translation>Das Handbuch</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Forward</source>
        <translation>Vor</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>The manual is not here. It lies in the folder docs/manual of the program&apos;s sources.</source>
        <translation>Das Handbuch ist nicht da. Es liegt im Ordner docs/manual der Programmquellen.</translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation>Über Lift Count</translation>
    </message>
    <message>
        <source>Lift Count %1</source>
        <translation>Lift Count %1</translation>
    </message>
    <message>
        <source>Times counted step sequences against a song.</source>
        <translation>Misst gezählte Schrittfolgen an einem Musikstück.</translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation>Aufwärmen, Platz um Kicks halten, zwischen ganzen Durchläufen ruhen. Qualifizierte Lehrkräfte und die Hausregeln gehen vor.</translation>
    </message>
    <message>
        <source>Licences of the program and of what ships with it</source>
        <translation>Lizenzen des Programms und dessen, was mitgeliefert wird</translation>
    </message>
    <message>
        <source>About Qt</source>
        <translation>Über Qt</translation>
    </message>
</context>
<context>
    <name>lc::app::JournalKeeper</name>
    <message>
        <source>What is not saved cannot be kept for the case that the program ends: %1 Work can go on; save it now and then.</source>
        <translation>Was nicht gespeichert ist, kann nicht aufbewahrt werden für den Fall, dass das Programm endet: %1 Die Arbeit kann weitergehen; speichern Sie sie ab und zu.</translation>
    </message>
</context>
<context>
    <name>lc::app::KeptList</name>
    <message>
        <source>Bring back</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>Bring back: %1, %2</source>
        <translation>Zurückholen: %1, %2</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Throw away: %1, %2</source>
        <translation>Wegwerfen: %1, %2</translation>
    </message>
</context>
<context>
    <name>lc::app::KeptWork</name>
    <message>
        <source>A routine without a title</source>
        <translation>Eine Choreografie ohne Titel</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Figure “%1”</source>
        <translation>Figur „%1“</translation>
    </message>
    <message>
        <source>%1, changes to “%2”</source>
        <translation>%1, Änderungen an „%2“</translation>
    </message>
    <message>
        <source>“%1” was not saved when Lift Count ended: Routine, Unsaved work brings it back.</source>
        <translation>„%1“ war nicht gespeichert, als Lift Count endete: Choreografie, Nicht gespeicherte Arbeit holt sie zurück.</translation>
    </message>
    <message>
        <source>“%1” was saved again after this: save it under another name, to have both.</source>
        <translation>„%1“ wurde danach wieder gespeichert: Speichern Sie unter anderem Namen, um beides zu haben.</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Nicht gespeicherte Arbeit</translation>
    </message>
    <message>
        <source>Nothing was left unsaved.</source>
        <translation>Nichts blieb ungespeichert.</translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended. Saved files are as they were.</source>
        <translation>Was nicht gespeichert war, als Lift Count endete. Gespeicherte Dateien sind, wie sie waren.</translation>
    </message>
    <message>
        <source>The routine has not been saved yet.</source>
        <translation>Die Choreografie wurde noch nicht gespeichert.</translation>
    </message>
    <message>
        <source>No earlier version of “%1” is kept.</source>
        <translation>Von „%1“ ist keine frühere Version aufbewahrt.</translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation>Frühere Versionen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Bringing one back leaves the file as it is until you save; Undo takes it away again.</source>
        <translation>Eine zurückzuholen lässt die Datei, wie sie ist, bis Sie speichern; Rückgängig nimmt sie wieder weg.</translation>
    </message>
</context>
<context>
    <name>lc::app::ListenStage</name>
    <message>
        <source>Open a song …</source>
        <translation>Musik öffnen …</translation>
    </message>
    <message>
        <source>Choose a sound file, or a video with sound, and count it</source>
        <translation>Eine Tondatei oder ein Video mit Ton wählen und zählen</translation>
    </message>
    <message>
        <source>Find the song file …</source>
        <translation>Musikdatei suchen …</translation>
    </message>
    <message>
        <source>The same recording in another place</source>
        <translation>Dieselbe Aufnahme an einem anderen Ort</translation>
    </message>
    <message>
        <source>Carry the map to another recording …</source>
        <translation>Karte auf andere Aufnahme übertragen …</translation>
    </message>
    <message>
        <source>Another edit of the same song, or another recording: all that was said goes with it</source>
        <translation>Eine andere Bearbeitung desselben Stücks oder eine andere Aufnahme: Alles Gesagte geht mit</translation>
    </message>
    <message>
        <source>Tap along</source>
        <translation>Mittippen</translation>
    </message>
    <message>
        <source>Opens the strip for tapping; then each press is a tap</source>
        <translation>Öffnet den Streifen zum Tippen; dann zählt jeder Druck</translation>
    </message>
    <message>
        <source>This is a 1</source>
        <translation>Das ist eine 1</translation>
    </message>
    <message>
        <source>A bar and a set start at the caret</source>
        <translation>An der Marke beginnen ein Takt und eine Zählreihe</translation>
    </message>
    <message>
        <source>This bar has … beats</source>
        <translation>Dieser Takt hat … Schläge</translation>
    </message>
    <message>
        <source>Beats of the bar at the caret</source>
        <translation>Schläge des Taktes an der Marke</translation>
    </message>
    <message>
        <source>A phrase starts here</source>
        <translation>Hier beginnt eine Phrase</translation>
    </message>
    <message>
        <source>At the caret</source>
        <translation>An der Marke</translation>
    </message>
    <message>
        <source>Stop from here to …</source>
        <translation>Stopp von hier bis …</translation>
    </message>
    <message>
        <source>Silence, its counts going on; press again at its end</source>
        <translation>Stille, die Counts laufen weiter; am Ende noch einmal drücken</translation>
    </message>
    <message>
        <source>Type the structure</source>
        <translation>Den Aufbau schreiben</translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place</source>
        <translation>Die Musik als Text, ohne Aufnahme oder an ihrer Stelle</translation>
    </message>
    <message>
        <source>Mark a moment</source>
        <translation>Einen Moment markieren</translation>
    </message>
    <message>
        <source>A place with a name of your own, such as the big stop</source>
        <translation>Eine Stelle mit eigenem Namen, etwa der große Stopp</translation>
    </message>
    <message>
        <source>Name this phrase</source>
        <translation>Diese Phrase benennen</translation>
    </message>
    <message>
        <source>Type its name</source>
        <translation>Ihren Namen schreiben</translation>
    </message>
    <message>
        <source>More by hand</source>
        <translation>Mehr von Hand</translation>
    </message>
    <message>
        <source>No phrase starts here</source>
        <translation>Hier beginnt keine Phrase</translation>
    </message>
    <message>
        <source>It belongs to the phrase before</source>
        <translation>Es gehört zur Phrase davor</translation>
    </message>
    <message>
        <source>A beat is here</source>
        <translation>Hier ist ein Schlag</translation>
    </message>
    <message>
        <source>Where the sound plays now, or at the caret</source>
        <translation>Wo der Ton gerade spielt oder an der Marke</translation>
    </message>
    <message>
        <source>Every 1 a beat earlier</source>
        <translation>Jede 1 einen Schlag früher</translation>
    </message>
    <message>
        <source>Shift the 1 of the whole song</source>
        <translation>Die 1 der ganzen Musik verschieben</translation>
    </message>
    <message>
        <source>Every 1 a beat later</source>
        <translation>Jede 1 einen Schlag später</translation>
    </message>
    <message>
        <source>Half as many beats</source>
        <translation>Halb so viele Schläge</translation>
    </message>
    <message>
        <source>The pulse is half as fast</source>
        <translation>Der Puls ist halb so schnell</translation>
    </message>
    <message>
        <source>Twice as many beats</source>
        <translation>Doppelt so viele Schläge</translation>
    </message>
    <message>
        <source>The pulse is twice as fast</source>
        <translation>Der Puls ist doppelt so schnell</translation>
    </message>
    <message>
        <source>A held beat from here to …</source>
        <translation>Ein gehaltener Schlag von hier bis …</translation>
    </message>
    <message>
        <source>One beat that lasts longer than the tempo says</source>
        <translation>Ein Schlag, der länger dauert, als das Tempo sagt</translation>
    </message>
    <message>
        <source>Another metre from here to …</source>
        <translation>Andere Taktart von hier bis …</translation>
    </message>
    <message>
        <source>A part with bars of its own</source>
        <translation>Ein Stück mit eigenen Takten</translation>
    </message>
    <message>
        <source>Another tempo from here to …</source>
        <translation>Anderes Tempo von hier bis …</translation>
    </message>
    <message>
        <source>A part with a tempo of its own</source>
        <translation>Ein Stück mit eigenem Tempo</translation>
    </message>
    <message>
        <source>Every beat 5 ms earlier</source>
        <translation>Jeder Schlag 5 ms früher</translation>
    </message>
    <message>
        <source>Where the clicks come a little late</source>
        <translation>Wo die Klicks etwas spät kommen</translation>
    </message>
    <message>
        <source>Every beat 5 ms later</source>
        <translation>Jeder Schlag 5 ms später</translation>
    </message>
    <message>
        <source>Where the clicks come a little early</source>
        <translation>Wo die Klicks etwas früh kommen</translation>
    </message>
    <message>
        <source>Forget everything that was said</source>
        <translation>Alles Gesagte vergessen</translation>
    </message>
    <message>
        <source>The song as it was heard; undo brings it back</source>
        <translation>Die Musik, wie sie gehört wurde; Rückgängig bringt es zurück</translation>
    </message>
    <message>
        <source>Doubts</source>
        <translation>Zweifel</translation>
    </message>
    <message>
        <source>The song has no doubts.</source>
        <translation>Die Musik hat keine Zweifel.</translation>
    </message>
    <message>
        <source>Next doubt</source>
        <translation>Nächster Zweifel</translation>
    </message>
    <message>
        <source>Go to its place</source>
        <translation>Zu seiner Stelle gehen</translation>
    </message>
    <message>
        <source>Next reading</source>
        <translation>Nächste Lesart</translation>
    </message>
    <message>
        <source>Of the doubt at hand</source>
        <translation>Des Zweifels, der dran ist</translation>
    </message>
    <message>
        <source>Hear the reading</source>
        <translation>Die Lesart anhören</translation>
    </message>
    <message>
        <source>Four bars with clicks</source>
        <translation>Vier Takte mit Klicks</translation>
    </message>
    <message>
        <source>Accept the reading</source>
        <translation>Die Lesart annehmen</translation>
    </message>
    <message>
        <source>State it; the rest is worked out again around it</source>
        <translation>Sie angeben; der Rest wird darum herum neu ausgerechnet</translation>
    </message>
    <message>
        <source>Import a map …</source>
        <translation>Karte importieren …</translation>
    </message>
    <message>
        <source>MIDI, CSV or labels</source>
        <translation>MIDI, CSV oder Marken</translation>
    </message>
    <message>
        <source>Import lines of words …</source>
        <translation>Textzeilen importieren …</translation>
    </message>
    <message>
        <source>An LRC file; each line is a moment</source>
        <translation>Eine LRC-Datei; jede Zeile ist ein Moment</translation>
    </message>
    <message>
        <source>For other programs</source>
        <translation>Für andere Programme</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>The song</source>
        <translation>Die Musik</translation>
    </message>
    <message>
        <source>&amp;Song</source>
        <translation>&amp;Musik</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Musik öffnen</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>Tap the beats or the 1s while the song plays (T)</source>
        <translation>Schläge oder 1en tippen, während die Musik spielt (T)</translation>
    </message>
    <message>
        <source>A bar and a set start at the caret; the bars after it follow (1)</source>
        <translation>An der Marke beginnen ein Takt und eine Zählreihe; die Takte danach folgen (1)</translation>
    </message>
    <message>
        <source>The bar at the caret has this many beats (B)</source>
        <translation>Der Takt an der Marke hat so viele Schläge (B)</translation>
    </message>
    <message>
        <source>This bar has …</source>
        <translation>Dieser Takt hat …</translation>
    </message>
    <message>
        <source>1 beat</source>
        <translation>1 Schlag</translation>
    </message>
    <message>
        <source>%1 beats</source>
        <translation>%1 Schläge</translation>
    </message>
    <message>
        <source>A phrase begins with the bar at the caret (H)</source>
        <translation>Eine Phrase beginnt mit dem Takt an der Marke (H)</translation>
    </message>
    <message>
        <source>Stop from, to</source>
        <translation>Stopp von, bis</translation>
    </message>
    <message>
        <source>A stop, a held beat, or a part with its own metre or tempo (S)</source>
        <translation>Ein Stopp, ein gehaltener Schlag oder ein Stück mit eigener Taktart oder eigenem Tempo (S)</translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place (Y)</source>
        <translation>Die Musik als Text, ohne Aufnahme oder an ihrer Stelle (Y)</translation>
    </message>
    <message>
        <source>More …</source>
        <translation>Mehr …</translation>
    </message>
    <message>
        <source>Everything else that can be said about the song</source>
        <translation>Alles Übrige, was man über die Musik sagen kann</translation>
    </message>
    <message>
        <source>Metre</source>
        <translation>Taktart</translation>
    </message>
    <message>
        <source>Beats in a bar, for the whole song</source>
        <translation>Schläge in einem Takt, für das ganze Stück</translation>
    </message>
    <message>
        <source>Counting the song …</source>
        <translation>Die Musik wird gezählt …</translation>
    </message>
    <message>
        <source>Not counted yet</source>
        <translation>Noch nicht gezählt</translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation>Noch keine Musik</translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. Tap four beats or more while it plays, and it is counted from them; or type its phrases and their counts. It can be played as it is.</source>
        <translation>In dieser Aufnahme wurde kein gleichmäßiger Puls gefunden. Tippen Sie vier Schläge oder mehr, während sie spielt, und sie wird danach gezählt; oder schreiben Sie ihre Phrasen und deren Counts. Abspielen lässt sie sich, wie sie ist.</translation>
    </message>
    <message>
        <source>Drop a sound file on the window, or a video: it is counted into beats, bars and phrases. Or type the song&apos;s phrases and their counts.</source>
        <translation>Ziehen Sie eine Tondatei oder ein Video auf das Fenster: Sie wird in Schläge, Takte und Phrasen gezählt. Oder schreiben Sie die Phrasen der Musik und ihre Counts.</translation>
    </message>
    <message>
        <source>Phrase here</source>
        <translation>Phrase hier</translation>
    </message>
    <message>
        <source>Structure</source>
        <translation>Aufbau</translation>
    </message>
</context>
<context>
    <name>lc::app::MainWindow</name>
    <message>
        <source>Undo: %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Nothing here can be cut, copied or pasted. Choose passes, figures or text first.</source>
        <translation>Hier lässt sich nichts ausschneiden, kopieren oder einfügen. Wählen Sie zuerst Durchgänge, Figuren oder Text.</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gespeichert</translation>
    </message>
    <message>
        <source>The demo is not here. It lies in the folder demo of the program&apos;s sources.</source>
        <translation>Das Beispiel ist nicht da. Es liegt im Ordner demo der Programmquellen.</translation>
    </message>
    <message>
        <source>“%1” could not be kept in the vocabulary. Make room, or copy its line; close once more to leave without it.</source>
        <translation>„%1“ konnte nicht in der Figurensammlung aufbewahrt werden. Schaffen Sie Platz oder kopieren Sie die Zeile; schließen Sie noch einmal, um ohne sie zu gehen.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. What is not saved is kept, and offered when you start Lift Count again.</source>
        <translation>Etwas ging schief, das nicht schiefgehen darf: %1. Was nicht gespeichert ist, ist aufbewahrt und wird angeboten, wenn Sie Lift Count wieder starten.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Save your work under another name and start Lift Count again.</source>
        <translation>Etwas ging schief, das nicht schiefgehen darf: %1. Speichern Sie Ihre Arbeit unter anderem Namen und starten Sie Lift Count neu.</translation>
    </message>
    <message>
        <source>One file of a kind is opened at a time. Not opened: %1.</source>
        <translation>Von jeder Art wird eine Datei auf einmal geöffnet. Nicht geöffnet: %1.</translation>
    </message>
    <message>
        <source>&amp;Routine</source>
        <translation>&amp;Choreografie</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;Play</source>
        <translation>&amp;Wiedergabe</translation>
    </message>
    <message>
        <source>F&amp;indings</source>
        <translation>&amp;Hinweise</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>A&amp;nsicht</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>Hi&amp;lfe</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>An empty routine</source>
        <translation>Eine leere Choreografie</translation>
    </message>
    <message>
        <source>Open a routine …</source>
        <translation>Choreografie öffnen …</translation>
    </message>
    <message>
        <source>A saved routine</source>
        <translation>Eine gespeicherte Choreografie</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Zuletzt benutzt</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Beispiel öffnen</translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation>Ein Line Dance der Quarry-Bank-Halle zu eigener Musik</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Write the routine to its file</source>
        <translation>Die Choreografie in ihre Datei schreiben</translation>
    </message>
    <message>
        <source>Save as …</source>
        <translation>Speichern unter …</translation>
    </message>
    <message>
        <source>Write the routine to another file</source>
        <translation>Die Choreografie in eine andere Datei schreiben</translation>
    </message>
    <message>
        <source>Title …</source>
        <translation>Titel …</translation>
    </message>
    <message>
        <source>What the routine is called</source>
        <translation>Wie die Choreografie heißt</translation>
    </message>
    <message>
        <source>Earlier versions …</source>
        <translation>Frühere Versionen …</translation>
    </message>
    <message>
        <source>How the file was at its last saves</source>
        <translation>Wie die Datei bei den letzten Speicherungen war</translation>
    </message>
    <message>
        <source>Unsaved work …</source>
        <translation>Nicht gespeicherte Arbeit …</translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended</source>
        <translation>Was nicht gespeichert war, als Lift Count endete</translation>
    </message>
    <message>
        <source>Copy as text</source>
        <translation>Als Text kopieren</translation>
    </message>
    <message>
        <source>The whole routine as text, to be sent or kept</source>
        <translation>Die ganze Choreografie als Text, zum Senden oder Aufheben</translation>
    </message>
    <message>
        <source>Paste a routine or a hand-out</source>
        <translation>Choreografie oder Tanzbeschreibung einfügen</translation>
    </message>
    <message>
        <source>A routine or a hand-out that was copied as text, in the place of this one</source>
        <translation>Eine als Text kopierte Choreografie oder Tanzbeschreibung, anstelle dieser</translation>
    </message>
    <message>
        <source>With counts together: 1-4 side, behind, side, touch</source>
        <translation>Mit Counts zusammen: 1-4 side, behind, side, touch</translation>
    </message>
    <message>
        <source>In words: side, behind, side, touch</source>
        <translation>In Worten: side, behind, side, touch</translation>
    </message>
    <message>
        <source>In the notation: 1 side 2 behind 3 side 4 touch</source>
        <translation>In der Notation: 1 side 2 behind 3 side 4 touch</translation>
    </message>
    <message>
        <source>Title, sections, order, restarts and tags as text, for a mail or a page</source>
        <translation>Titel, Abschnitte, Folge, Restarts und Tags als Text, für eine Mail oder ein Blatt</translation>
    </message>
    <message>
        <source>Copy as a hand-out</source>
        <translation>Als Tanzbeschreibung kopieren</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close the window</source>
        <translation>Das Fenster schließen</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Close the window and end</source>
        <translation>Das Fenster schließen und beenden</translation>
    </message>
    <message>
        <source>Take the last change back</source>
        <translation>Die letzte Änderung zurücknehmen</translation>
    </message>
    <message>
        <source>Make the change again</source>
        <translation>Die Änderung wieder machen</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Ausschneiden</translation>
    </message>
    <message>
        <source>Passes, figures or text, to be pasted</source>
        <translation>Durchgänge, Figuren oder Text, zum Einfügen</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Passes, figures or text</source>
        <translation>Durchgänge, Figuren oder Text</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>After what is chosen, or the pass at the caret</source>
        <translation>Nach dem Gewählten oder dem Durchgang an der Marke</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>What is chosen, or the pass at the caret</source>
        <translation>Das Gewählte oder den Durchgang an der Marke</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Alles auswählen</translation>
    </message>
    <message>
        <source>All passes, all figures of the part, all text</source>
        <translation>Alle Durchgänge, alle Figuren des Teils, allen Text</translation>
    </message>
    <message>
        <source>Write the line as it was read</source>
        <translation>Die Zeile schreiben, wie sie gelesen wurde</translation>
    </message>
    <message>
        <source>A line that is said in words, in the notation</source>
        <translation>Eine in Worten gesagte Zeile, in der Notation</translation>
    </message>
    <message>
        <source>Go to a line of counts first (Ctrl+E).</source>
        <translation>Gehen Sie zuerst zu einer Zeile mit Counts (Strg+E).</translation>
    </message>
    <message>
        <source>Preferences …</source>
        <translation>Einstellungen …</translation>
    </message>
    <message>
        <source>Theme, size of text, language, sound, paper, limits, keys</source>
        <translation>Farben, Schriftgröße, Sprache, Ton, Papier, Grenzen, Tasten</translation>
    </message>
    <message>
        <source>settings options configure keys shortcuts sound device volume latency paper language theme</source>
        <translation>einstellungen optionen tasten tastenkürzel ton gerät lautstärke verzögerung papier sprache farben settings</translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation>Irgendetwas tun</translation>
    </message>
    <message>
        <source>Find a command or a place</source>
        <translation>Befehl oder Stelle finden</translation>
    </message>
    <message>
        <source>Play or pause</source>
        <translation>Abspielen oder Pause</translation>
    </message>
    <message>
        <source>From the caret</source>
        <translation>Ab der Marke</translation>
    </message>
    <message>
        <source>Loop this pass</source>
        <translation>Diesen Durchgang wiederholen</translation>
    </message>
    <message>
        <source>The pass at the caret, or the phrase where there is no pass; again to stop</source>
        <translation>Den Durchgang an der Marke oder die Phrase, wo kein Durchgang ist; noch einmal hört auf</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Langsamer</translation>
    </message>
    <message>
        <source>By 5 %</source>
        <translation>Um 5 %</translation>
    </message>
    <message>
        <source>speed tempo bpm</source>
        <translation>geschwindigkeit tempo bpm</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>Schneller</translation>
    </message>
    <message>
        <source>Song&apos;s own tempo</source>
        <translation>Eigenes Tempo der Musik</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
    <message>
        <source>Clicks on the counts</source>
        <translation>Klicks auf den Counts</translation>
    </message>
    <message>
        <source>On or off</source>
        <translation>An oder aus</translation>
    </message>
    <message>
        <source>metronome voice beat tick mute</source>
        <translation>metronom stimme schlag tick stumm</translation>
    </message>
    <message>
        <source>Go to …</source>
        <translation>Gehe zu …</translation>
    </message>
    <message>
        <source>A pass, a phrase or a count</source>
        <translation>Ein Durchgang, eine Phrase oder ein Count</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>A phrase a line, parts only</source>
        <translation>Eine Phrase je Zeile, nur die Teile</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Streifen</translation>
    </message>
    <message>
        <source>Steps as marks</source>
        <translation>Schritte als Zeichen</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Vollbild</translation>
    </message>
    <message>
        <source>Again to leave it</source>
        <translation>Noch einmal verlässt es</translation>
    </message>
    <message>
        <source>Legend of the step marks</source>
        <translation>Legende der Schrittzeichen</translation>
    </message>
    <message>
        <source>Show it or not</source>
        <translation>Zeigen oder nicht</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>dark bright light night colours look</source>
        <translation>dunkel hell licht nacht farben aussehen dark</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Schriftgröße</translation>
    </message>
    <message>
        <source>larger smaller zoom big letters font</source>
        <translation>größer kleiner zoom große buchstaben schrift</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>translation words English Deutsch français español</source>
        <translation>übersetzung wörter English Deutsch français español language</translation>
    </message>
    <message>
        <source>Help for this stage</source>
        <translation>Hilfe zu diesem Bereich</translation>
    </message>
    <message>
        <source>The manual, at the page of the stage</source>
        <translation>Das Handbuch, auf der Seite des Bereichs</translation>
    </message>
    <message>
        <source>manual documentation how</source>
        <translation>handbuch anleitung wie</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>From a song to a sheet in ten minutes</source>
        <translation>Von der Musik zum Blatt in zehn Minuten</translation>
    </message>
    <message>
        <source>begin start tutorial</source>
        <translation>anfang start einführung</translation>
    </message>
    <message>
        <source>Keys of the program</source>
        <translation>Tasten des Programms</translation>
    </message>
    <message>
        <source>Every command that has one</source>
        <translation>Jeder Befehl, der eine hat</translation>
    </message>
    <message>
        <source>shortcuts</source>
        <translation>tastenkürzel</translation>
    </message>
    <message>
        <source>What the words mean</source>
        <translation>Was die Wörter bedeuten</translation>
    </message>
    <message>
        <source>Pass, set, restart, tag, landing and the others</source>
        <translation>Durchgang, Zählreihe, Restart, Tag, Landung und die anderen</translation>
    </message>
    <message>
        <source>glossary dictionary terms</source>
        <translation>glossar wörterbuch begriffe</translation>
    </message>
    <message>
        <source>When something does not work</source>
        <translation>Wenn etwas nicht geht</translation>
    </message>
    <message>
        <source>No sound, no map, slow, lost</source>
        <translation>Kein Ton, keine Karte, langsam, verloren</translation>
    </message>
    <message>
        <source>trouble problem error broken</source>
        <translation>störung problem fehler kaputt</translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation>Über Lift Count</translation>
    </message>
    <message>
        <source>Its version, and the licences</source>
        <translation>Seine Version und die Lizenzen</translation>
    </message>
    <message>
        <source>version licence</source>
        <translation>version lizenz</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Nothing was saved or opened yet</source>
        <translation>Noch wurde nichts gespeichert oder geöffnet</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Bright</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Count</translation>
    </message>
    <message>
        <source>count %1</source>
        <translation>Count %1</translation>
    </message>
    <message>
        <source>Help: %1</source>
        <translation>Hilfe: %1</translation>
    </message>
    <message>
        <source>“%1” is open in another window, which has come to the front.</source>
        <translation>„%1“ ist in einem anderen Fenster offen; es wurde nach vorn geholt.</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>Durchgang</translation>
    </message>
</context>
<context>
    <name>lc::app::MendPanel</name>
    <message>
        <source>Edits of the music</source>
        <translation>Bearbeitungen der Musik</translation>
    </message>
    <message>
        <source>at most, in bars</source>
        <translation>höchstens, in Takten</translation>
    </message>
    <message>
        <source>Bars that one cut or repeat takes at most</source>
        <translation>Takte, die ein Schnitt oder eine Wiederholung höchstens umfasst</translation>
    </message>
    <message>
        <source>a joint costs</source>
        <translation>eine Naht kostet</translation>
    </message>
    <message>
        <source>Cost of a joint</source>
        <translation>Kosten einer Naht</translation>
    </message>
    <message>
        <source>each bar costs</source>
        <translation>jeder Takt kostet</translation>
    </message>
    <message>
        <source>Cost of each bar left out or played again</source>
        <translation>Kosten jedes weggelassenen oder wiederholten Taktes</translation>
    </message>
    <message>
        <source>I may change this recording</source>
        <translation>Ich darf diese Aufnahme ändern</translation>
    </message>
    <message>
        <source>Whoever has the rights in a recording says what may be done with it. You say that you may; the recording itself stays as it is.</source>
        <translation>Wer die Rechte an einer Aufnahme hat, sagt, was damit geschehen darf. Sie sagen, dass Sie dürfen; die Aufnahme selbst bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Hear the joint</source>
        <translation>Die Naht anhören</translation>
    </message>
    <message>
        <source>Some seconds before and after it; again the next joint</source>
        <translation>Einige Sekunden davor und danach; noch einmal die nächste Naht</translation>
    </message>
    <message>
        <source>mend the music</source>
        <translation>die Musik bearbeiten</translation>
    </message>
    <message>
        <source>The dance lands as it is: the music need not be mended.</source>
        <translation>Der Tanz landet, wie er ist: Die Musik muss nicht bearbeitet werden.</translation>
    </message>
    <message>
        <source>The recording is not read yet, or not where it was: its joints can be heard and written when it is.</source>
        <translation>Die Aufnahme ist noch nicht gelesen oder nicht, wo sie war: Ihre Nähte lassen sich anhören und schreiben, wenn sie es ist.</translation>
    </message>
    <message>
        <source>The dance stays as it is. Listen to every joint before you decide: the arithmetic does not hear the singer.</source>
        <translation>Der Tanz bleibt, wie er ist. Hören Sie jede Naht an, bevor Sie entscheiden: Die Rechnung hört die Stimme nicht.</translation>
    </message>
    <message>
        <source>The dance stays as it is. There is no recording: only the song&apos;s structure is changed.</source>
        <translation>Der Tanz bleibt, wie er ist. Es gibt keine Aufnahme: Nur der Aufbau der Musik wird geändert.</translation>
    </message>
    <message>
        <source>Write the new song …</source>
        <translation>Die neue Musik schreiben …</translation>
    </message>
    <message>
        <source>Take the new structure</source>
        <translation>Den neuen Aufbau nehmen</translation>
    </message>
    <message>
        <source>Say first that you may change this recording</source>
        <translation>Sagen Sie zuerst, dass Sie diese Aufnahme ändern dürfen</translation>
    </message>
    <message>
        <source>A new file with the joints faded on the beat, and its map beside it; it becomes the routine&apos;s song. The recording stays as it is.</source>
        <translation>Eine neue Datei mit auf dem Schlag überblendeten Nähten, daneben ihre Karte; sie wird die Musik der Choreografie. Die Aufnahme bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Joint %1 of %2.</source>
        <translation>Naht %1 von %2.</translation>
    </message>
    <message>
        <source>Write the mended song</source>
        <translation>Bearbeitete Musik schreiben</translation>
    </message>
    <message>
        <source>%1 mended</source>
        <translation>%1 bearbeitet</translation>
    </message>
    <message>
        <source>Sound (*.flac *.wav *.ogg)</source>
        <translation>Ton (*.flac *.wav *.ogg)</translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Choose another name.</source>
        <translation>Das ist die Aufnahme selbst, die bleibt, wie sie ist. Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 is written, with its map in %2.</source>
        <translation>%1 ist geschrieben, mit seiner Karte in %2.</translation>
    </message>
    <message>
        <source>The routine was changed meanwhile, so its song stays. Open the new one from the Song menu.</source>
        <translation>Die Choreografie wurde inzwischen geändert, ihre Musik bleibt also. Öffnen Sie die neue aus dem Menü Musik.</translation>
    </message>
    <message>
        <source>%1, mended</source>
        <translation>%1, bearbeitet</translation>
    </message>
</context>
<context>
    <name>lc::app::MessageLine</name>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>OK</source>
        <translation>OK</translation>
    </message>
    <message>
        <source>Working the song out again around what you said …</source>
        <translation>Die Musik wird um das Gesagte herum neu ausgerechnet …</translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPage</name>
    <message>
        <source>The routine on its song, in miniature</source>
        <translation>Die Choreografie auf ihrer Musik, klein</translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPages</name>
    <message>
        <source>Before and after, in miniature</source>
        <translation>Vorher und nachher, klein</translation>
    </message>
    <message>
        <source>now: %1</source>
        <translation>jetzt: %1</translation>
    </message>
    <message>
        <source>then: %1</source>
        <translation>dann: %1</translation>
    </message>
</context>
<context>
    <name>lc::app::MomentPanel</name>
    <message>
        <source>A moment</source>
        <translation>Ein Moment</translation>
    </message>
    <message>
        <source>its name, such as “the big stop”</source>
        <translation>sein Name, etwa „der große Stopp“</translation>
    </message>
    <message>
        <source>Name of the moment at the caret</source>
        <translation>Name des Moments an der Marke</translation>
    </message>
    <message>
        <source>Kind of moment</source>
        <translation>Art des Moments</translation>
    </message>
    <message>
        <source>Mark it</source>
        <translation>Markieren</translation>
    </message>
    <message>
        <source>Accents of the routine can be bound to it (Enter)</source>
        <translation>Akzente der Choreografie können daran gehängt werden (Eingabe)</translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>bei %1</translation>
    </message>
    <message>
        <source>Where the caret is, in your own words. Whole lines of words come from an LRC file: Song, Import lines of words.</source>
        <translation>Wo die Marke ist, in Ihren Worten. Ganze Textzeilen kommen aus einer LRC-Datei: Musik, Textzeilen importieren.</translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation>Schreiben Sie zuerst einen Namen.</translation>
    </message>
</context>
<context>
    <name>lc::app::NotationEdit</name>
    <message>
        <source>%1, L free</source>
        <translation>%1, L frei</translation>
    </message>
    <message>
        <source>%1, R free</source>
        <translation>%1, R frei</translation>
    </message>
    <message>
        <source>%1; Tab goes on with “%2”</source>
        <translation>%1; Tab geht mit „%2“ weiter</translation>
    </message>
    <message>
        <source>%1   ↓ %2 more</source>
        <translation>%1   ↓ %2 weitere</translation>
    </message>
</context>
<context>
    <name>lc::app::PartChain</name>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>A figure to put at the caret</source>
        <translation>Eine Figur an die Marke setzen</translation>
    </message>
    <message>
        <source>type a figure</source>
        <translation>Figur schreiben</translation>
    </message>
    <message>
        <source>Type a figure&apos;s name and press Enter: it comes after the chosen figure. Names of the routine and the vocabulary are offered; a new name makes a new figure (Ctrl+I)</source>
        <translation>Schreiben Sie den Namen einer Figur und drücken Sie Eingabe: Sie kommt nach der gewählten. Namen der Choreografie und der Sammlung werden angeboten; ein neuer Name macht eine neue Figur (Strg+I)</translation>
    </message>
    <message>
        <source>typed steps</source>
        <translation>geschriebene Schritte</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation>%1, andere Seite</translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation>%1, getauscht</translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation>%1, in %2</translation>
    </message>
    <message>
        <source>%1, %2, from count %3 of part %4</source>
        <translation>%1, %2, ab Count %3 von Teil %4</translation>
    </message>
    <message>
        <source>
Arrows go on, Shift chooses several, Ctrl+arrows move, Delete takes out; the other ways of dancing it are in the menu of the right button</source>
        <translation>
Pfeile gehen weiter, Umschalt wählt mehrere, Strg+Pfeile verschieben, Entf nimmt heraus; wie sie sonst getanzt werden kann, steht im Menü der rechten Taste</translation>
    </message>
    <message>
        <source>%1 is a new figure: type its steps below. If another was meant, undo and choose it from those offered.</source>
        <translation>%1 ist eine neue Figur: Schreiben Sie unten ihre Schritte. War eine andere gemeint, machen Sie es rückgängig und wählen Sie aus den angebotenen.</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>%1 einsetzen</translation>
    </message>
    <message>
        <source>Choose a figure of the part first: click it, or go to it with Tab and the arrows.</source>
        <translation>Wählen Sie zuerst eine Figur des Teils: Klicken Sie darauf oder gehen Sie mit Tab und den Pfeilen hin.</translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation>zur anderen Seite</translation>
    </message>
    <message>
        <source>exchange roles</source>
        <translation>Rollen tauschen</translation>
    </message>
    <message>
        <source>in bars of %1</source>
        <translation>in Takten von %1</translation>
    </message>
    <message>
        <source>Repeat it</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Dance it to the other side</source>
        <translation>Zur anderen Seite tanzen</translation>
    </message>
    <message>
        <source>Partners exchange lines</source>
        <translation>Partner tauschen die Zeilen</translation>
    </message>
    <message>
        <source>Reverse the order of those chosen</source>
        <translation>Die Folge der gewählten umkehren</translation>
    </message>
    <message>
        <source>Reverse the order of the part</source>
        <translation>Die Folge des Teils umkehren</translation>
    </message>
    <message>
        <source>Version</source>
        <translation>Version</translation>
    </message>
    <message>
        <source>another version</source>
        <translation>eine andere Version</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>wie geschrieben</translation>
    </message>
    <message>
        <source>In bars of</source>
        <translation>In Takten von</translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 Counts</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Herausnehmen</translation>
    </message>
</context>
<context>
    <name>lc::app::PartEditor</name>
    <message>
        <source>%1, %2 weight changes, starts %3, then %4 free</source>
        <translation>%1, %2 Gewichtswechsel, beginnt %3, dann %4 frei</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>einen beliebigen Fuß</translation>
    </message>
    <message>
        <source>%1, turns %2</source>
        <translation>%1, dreht %2</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Figuren</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>Order of the parts</source>
        <translation>Folge der Teile</translation>
    </message>
    <message>
        <source>the parts in the order they are danced, for example A A B A or A x8</source>
        <translation>die Teile in der Folge, in der sie getanzt werden, etwa A A B A oder A x8</translation>
    </message>
    <message>
        <source>The order of the parts, one pass each; A x4 repeats (Ctrl+R)</source>
        <translation>Die Folge der Teile, je ein Durchgang; A x4 wiederholt (Strg+R)</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>beginnt mit</translation>
    </message>
    <message>
        <source>Where the dance starts</source>
        <translation>Wo der Tanz beginnt</translation>
    </message>
    <message>
        <source>%1, danced once. Its lines are changed wherever it stands.</source>
        <translation>%1, einmal getanzt. Ihre Zeilen ändern sich überall, wo sie steht.</translation>
    </message>
    <message>
        <source>%1, danced %2 times. Its lines are changed wherever it stands.</source>
        <translation>%1, %2-mal getanzt. Ihre Zeilen ändern sich überall, wo sie steht.</translation>
    </message>
    <message>
        <source>Part %1: %2. Choose a figure to see and change its lines.</source>
        <translation>Teil %1: %2. Wählen Sie eine Figur, um ihre Zeilen zu sehen und zu ändern.</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Show part %1 to type its counts</source>
        <translation>Teil %1 zeigen, um seine Counts zu schreiben</translation>
    </message>
    <message>
        <source>New part</source>
        <translation>Neuer Teil</translation>
    </message>
    <message>
        <source>Add a part with the next free letter</source>
        <translation>Einen Teil mit dem nächsten freien Buchstaben hinzufügen</translation>
    </message>
    <message>
        <source>Copy part</source>
        <translation>Teil kopieren</translation>
    </message>
    <message>
        <source>A part with the same figures, to be changed</source>
        <translation>Ein Teil mit denselben Figuren, zum Ändern</translation>
    </message>
    <message>
        <source>Remove part</source>
        <translation>Teil entfernen</translation>
    </message>
    <message>
        <source>Take this part and its passes out; Undo brings them back</source>
        <translation>Diesen Teil und seine Durchgänge herausnehmen; Rückgängig bringt sie zurück</translation>
    </message>
    <message>
        <source>Add a role</source>
        <translation>Rolle hinzufügen</translation>
    </message>
    <message>
        <source>Another line: leader and follower, or rows</source>
        <translation>Noch eine Zeile: Leader und Follower oder Reihen</translation>
    </message>
    <message>
        <source>role follower</source>
        <translation>Rolle Follower</translation>
    </message>
    <message>
        <source>Remove the last role</source>
        <translation>Die letzte Rolle entfernen</translation>
    </message>
    <message>
        <source>Take the last line out; Undo brings it back</source>
        <translation>Die letzte Zeile herausnehmen; Rückgängig bringt sie zurück</translation>
    </message>
    <message>
        <source>Name of this role; click to change it</source>
        <translation>Name dieser Rolle; Klick zum Ändern</translation>
    </message>
    <message>
        <source>Name of role %1</source>
        <translation>Name der Rolle %1</translation>
    </message>
    <message>
        <source>Counts of %1</source>
        <translation>Counts von %1</translation>
    </message>
    <message>
        <source>the counts as you say them, for example 1 side R 2 behind L 3 side R 4 touch</source>
        <translation>die Counts, wie Sie sie sagen, zum Beispiel 1 side R 2 behind L 3 side R 4 touch</translation>
    </message>
    <message>
        <source>Counts with words, L or R, touch, wait, &amp; and a, turns such as 1/4 R (Ctrl+E)</source>
        <translation>Counts mit Wörtern, L oder R, touch, wait, &amp; und a, Drehungen wie 1/4 R (Strg+E)</translation>
    </message>
    <message>
        <source>◆ character %1: %2</source>
        <translation>◆ Zeichen %1: %2</translation>
    </message>
    <message>
        <source>Type what you say while you dance. Numbers that are left out are waits.</source>
        <translation>Schreiben Sie, was Sie beim Tanzen sagen. Ausgelassene Zahlen sind Warten.</translation>
    </message>
    <message>
        <source>%1. Read as: %2 (F12 writes it so)</source>
        <translation>%1. Gelesen als: %2 (F12 schreibt es so)</translation>
    </message>
    <message>
        <source>? %1 %2</source>
        <translation>? %1 %2</translation>
    </message>
    <message>
        <source>the first phrase</source>
        <translation>die erste Phrase</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>the count at the caret</source>
        <translation>der Count an der Marke</translation>
    </message>
</context>
<context>
    <name>lc::app::PassList</name>
    <message>
        <source>Passes</source>
        <translation>Durchgänge</translation>
    </message>
</context>
<context>
    <name>lc::app::PassModel</name>
    <message>
        <source>by the music</source>
        <translation>durch die Musik</translation>
    </message>
    <message>
        <source>Counts after which this pass is cut; empty = danced whole. Double-click or F2 in the list to type.</source>
        <translation>Counts, nach denen dieser Durchgang geschnitten wird; leer = ganz getanzt. Doppelklick oder F2 in der Liste zum Schreiben.</translation>
    </message>
    <message>
        <source>Extra counts after this pass; empty = none. Double-click or F2 in the list to type.</source>
        <translation>Zusätzliche Counts nach diesem Durchgang; leer = keine. Doppelklick oder F2 in der Liste zum Schreiben.</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>Durchgang</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>starts</source>
        <translation>beginnt</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Count</translation>
    </message>
    <message>
        <source>music</source>
        <translation>Musik</translation>
    </message>
    <message>
        <source>running</source>
        <translation>laufend</translation>
    </message>
    <message>
        <source>phrase</source>
        <translation>Phrase</translation>
    </message>
    <message>
        <source>counts in</source>
        <translation>Counts darin</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>Blick</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>freier Fuß</translation>
    </message>
    <message>
        <source>danced</source>
        <translation>getanzt</translation>
    </message>
    <message>
        <source>restart after</source>
        <translation>Restart nach</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>differs</source>
        <translation>anders</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>Landung</translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation>was einen Durchgang anders macht</translation>
    </message>
</context>
<context>
    <name>lc::app::PassPanel</name>
    <message>
        <source>This pass</source>
        <translation>Dieser Durchgang</translation>
    </message>
    <message>
        <source>What makes this pass differ, a line each</source>
        <translation>Was diesen Durchgang anders macht, je eine Zeile</translation>
    </message>
    <message>
        <source>as written. What differs: restart after 16, tag of 4, mirrored …</source>
        <translation>wie geschrieben. Was anders ist: restart after 16, tag of 4, mirrored …</translation>
    </message>
    <message>
        <source>A line each: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Ctrl+J)</source>
        <translation>Je eine Zeile: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Strg+J)</translation>
    </message>
    <message>
        <source>Bind to the music</source>
        <translation>An die Musik hängen</translation>
    </message>
    <message>
        <source>The line at the text cursor then stays with its place in the song, whichever pass is danced there</source>
        <translation>Die Zeile am Textcursor bleibt dann bei ihrer Stelle in der Musik, welcher Durchgang dort auch getanzt wird</translation>
    </message>
    <message>
        <source>Opening stance</source>
        <translation>Anfangsstellung</translation>
    </message>
    <message>
        <source>opening: leader: left free, facing 12</source>
        <translation>Anfang: leader: left free, facing 12</translation>
    </message>
    <message>
        <source>How the first pass begins, a role each with semicolons between: leader: right free, facing 3; couple: closed, L-R</source>
        <translation>Wie der erste Durchgang beginnt, je eine Rolle mit Semikolons dazwischen: leader: right free, facing 3; couple: closed, L-R</translation>
    </message>
    <message>
        <source>What dancers remember it by</source>
        <translation>Woran die Tanzenden ihn sich merken</translation>
    </message>
    <message>
        <source>remembered by …</source>
        <translation>gemerkt an …</translation>
    </message>
    <message>
        <source>What dancers remember it by; it stands on the sheet. Marks of this place are offered</source>
        <translation>Woran die Tanzenden ihn sich merken; es steht auf dem Blatt. Markierungen dieser Stelle werden angeboten</translation>
    </message>
    <message>
        <source>No pass yet</source>
        <translation>Noch kein Durchgang</translation>
    </message>
    <message>
        <source>Place a figure in a part, or type the order of the parts.</source>
        <translation>Setzen Sie eine Figur in einen Teil oder schreiben Sie die Folge der Teile.</translation>
    </message>
    <message>
        <source>Pass %1, part %2</source>
        <translation>Durchgang %1, Teil %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, facing %2, %3 foot free</source>
        <translation>%1, Blick nach %2, Fuß %3 frei</translation>
    </message>
    <message>
        <source>%1, places %2</source>
        <translation>%1, Plätze %2</translation>
    </message>
    <message>
        <source>%1; the music says %2, the dancers who count on %3</source>
        <translation>%1; die Musik sagt %2, wer weiterzählt, sagt %3</translation>
    </message>
    <message>
        <source>This pass has nothing that could be bound. Type what differs first.</source>
        <translation>Dieser Durchgang hat nichts, was angehängt werden könnte. Schreiben Sie zuerst, was anders ist.</translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation>an die Musik hängen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Bind to this pass</source>
        <translation>An diesen Durchgang hängen</translation>
    </message>
    <message>
        <source>It then stays with this pass wherever it is danced</source>
        <translation>Es bleibt dann bei diesem Durchgang, wo er auch getanzt wird</translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation>beim Durchgang behalten</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Takes it out of the music; Undo brings it back</source>
        <translation>Nimmt es aus der Musik; Rückgängig bringt es zurück</translation>
    </message>
</context>
<context>
    <name>lc::app::PlainTable</name>
    <message>
        <source>Your own limit; empty for none. The program knows none of its own.</source>
        <translation>Ihre eigene Grenze; leer für keine. Das Programm kennt keine von sich aus.</translation>
    </message>
    <message>
        <source>“%1” is not a limit. Write a number above 0, or leave it empty.</source>
        <translation>„%1“ ist keine Grenze. Schreiben Sie eine Zahl über 0 oder lassen Sie es leer.</translation>
    </message>
</context>
<context>
    <name>lc::app::PlanSettings</name>
    <message>
        <source>What plans may do, and what it costs</source>
        <translation>Was Pläne dürfen und was es kostet</translation>
    </message>
    <message>
        <source>Allowed</source>
        <translation>Erlaubt</translation>
    </message>
    <message>
        <source>restarts</source>
        <translation>Restarts</translation>
    </message>
    <message>
        <source>May passes be cut, after each figure and each set?</source>
        <translation>Dürfen Durchgänge geschnitten werden, nach jeder Figur und jeder Zählreihe?</translation>
    </message>
    <message>
        <source>tags of</source>
        <translation>Tags von</translation>
    </message>
    <message>
        <source>Waits after a pass: counts with commas; empty = none</source>
        <translation>Warten nach einem Durchgang: Counts mit Kommas; leer = keine</translation>
    </message>
    <message>
        <source>bridges of</source>
        <translation>Brücken von</translation>
    </message>
    <message>
        <source>Waits after a figure inside a pass: counts with commas; empty = none</source>
        <translation>Warten nach einer Figur im Durchgang: Counts mit Kommas; leer = keine</translation>
    </message>
    <message>
        <source>wait at the start</source>
        <translation>Warten am Anfang</translation>
    </message>
    <message>
        <source>Before the dance begins: counts with commas; empty = none</source>
        <translation>Bevor der Tanz beginnt: Counts mit Kommas; leer = keine</translation>
    </message>
    <message>
        <source>a figure left out or twice</source>
        <translation>eine Figur ausgelassen oder zweimal</translation>
    </message>
    <message>
        <source>One figure of a whole pass</source>
        <translation>Eine Figur eines ganzen Durchgangs</translation>
    </message>
    <message>
        <source>a figure in a version</source>
        <translation>eine Figur in einer Version</translation>
    </message>
    <message>
        <source>One figure of a whole pass danced in a version that it has</source>
        <translation>Eine Figur eines ganzen Durchgangs in einer Version getanzt, die sie hat</translation>
    </message>
    <message>
        <source>bars as the music has them</source>
        <translation>Takte, wie die Musik sie hat</translation>
    </message>
    <message>
        <source>Where bars of the music are shorter than usual, figures may follow them</source>
        <translation>Wo Takte der Musik kürzer sind als sonst, dürfen Figuren ihnen folgen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Figures that may be danced after a pass</source>
        <translation>Figuren, die nach einem Durchgang getanzt werden dürfen</translation>
    </message>
    <message>
        <source>Figures of the routine that may be danced after a pass, as a tag</source>
        <translation>Figuren der Choreografie, die nach einem Durchgang als Tag getanzt werden dürfen</translation>
    </message>
    <message>
        <source>figures as tags</source>
        <translation>Figuren als Tags</translation>
    </message>
    <message>
        <source>an opening</source>
        <translation>ein Anfang</translation>
    </message>
    <message>
        <source>A part that may be danced before the first pass</source>
        <translation>Ein Teil, der vor dem ersten Durchgang getanzt werden darf</translation>
    </message>
    <message>
        <source>an ending</source>
        <translation>ein Schluss</translation>
    </message>
    <message>
        <source>A part that may be danced at the end of the music</source>
        <translation>Ein Teil, der am Ende der Musik getanzt werden darf</translation>
    </message>
    <message>
        <source>facing at the end</source>
        <translation>Blick am Ende</translation>
    </message>
    <message>
        <source>The facing that is wanted when the music ends; what another one costs stands below</source>
        <translation>Die Blickrichtung, die am Ende der Musik gewünscht ist; was eine andere kostet, steht unten</translation>
    </message>
    <message>
        <source>Costs</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>the wrong foot is allowed</source>
        <translation>der falsche Fuß ist erlaubt</translation>
    </message>
    <message>
        <source>Otherwise no plan leaves the weight on the foot that the next pass needs</source>
        <translation>Sonst lässt kein Plan das Gewicht auf dem Fuß, den der nächste Durchgang braucht</translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation>der falsche Fuß</translation>
    </message>
    <message>
        <source>Cost: %1</source>
        <translation>Kosten: %1</translation>
    </message>
    <message>
        <source>0 = it costs nothing; the higher, the more is done to avoid it</source>
        <translation>0 = es kostet nichts; je höher, desto mehr wird es vermieden</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
</context>
<context>
    <name>lc::app::PlansPanel</name>
    <message>
        <source>Make it land</source>
        <translation>Passend machen</translation>
    </message>
    <message>
        <source>for</source>
        <translation>für</translation>
    </message>
    <message>
        <source>For whom the plans are</source>
        <translation>Für wen die Pläne sind</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>What plans may do, what is wanted at the end, and what everything costs</source>
        <translation>Was Pläne dürfen, was am Ende gewünscht ist und was alles kostet</translation>
    </message>
    <message>
        <source>Start here</source>
        <translation>Hier beginnen</translation>
    </message>
    <message>
        <source>The pass whose start lies nearest to the caret begins there in every plan; again frees it</source>
        <translation>Der Durchgang, dessen Beginn der Marke am nächsten liegt, beginnt in jedem Plan dort; noch einmal gibt ihn frei</translation>
    </message>
    <message>
        <source>Hold the pass</source>
        <translation>Durchgang halten</translation>
    </message>
    <message>
        <source>The pass at the caret stays as the chosen plan has it, and the rest is planned anew; again frees it</source>
        <translation>Der Durchgang an der Marke bleibt, wie der gewählte Plan ihn hat, und der Rest wird neu geplant; noch einmal gibt ihn frei</translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation>An der Marke ist kein Durchgang. Klicken Sie auf einen Count, der getanzt wird.</translation>
    </message>
    <message>
        <source>a plan that lands</source>
        <translation>ein Plan, der landet</translation>
    </message>
    <message>
        <source>(gone)</source>
        <translation>(fort)</translation>
    </message>
    <message>
        <source>Free it again</source>
        <translation>Wieder freigeben</translation>
    </message>
    <message>
        <source>pass %1 held as planned</source>
        <translation>Durchgang %1 gehalten wie geplant</translation>
    </message>
    <message>
        <source>pass %1 as it is</source>
        <translation>Durchgang %1, wie er ist</translation>
    </message>
    <message>
        <source>pass %1 starts on %2</source>
        <translation>Durchgang %1 beginnt auf %2</translation>
    </message>
    <message>
        <source>Every pass lands as it is.</source>
        <translation>Jeder Durchgang landet, wie er ist.</translation>
    </message>
    <message>
        <source>What is kept costs nothing.</source>
        <translation>Was bleibt, kostet nichts.</translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation>Was bleibt, kostet %1.</translation>
    </message>
    <message>
        <source>The chosen plan does not dance that pass.</source>
        <translation>Der gewählte Plan tanzt diesen Durchgang nicht.</translation>
    </message>
</context>
<context>
    <name>lc::app::Preferences</name>
    <message>
        <source>Preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Look and words</source>
        <translation>Aussehen und Sprache</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Bright</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Schriftgröße</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Played by</source>
        <translation>Gespielt über</translation>
    </message>
    <message>
        <source>The system&apos;s own output</source>
        <translation>Die Ausgabe des Systems</translation>
    </message>
    <message>
        <source>From the next time that it plays</source>
        <translation>Ab dem nächsten Abspielen</translation>
    </message>
    <message>
        <source>Volume</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>The sound comes late by</source>
        <translation>Der Ton kommt zu spät um</translation>
    </message>
    <message>
        <source>More than the device says: loudspeakers without a cable take a fifth of a second and more</source>
        <translation>Mehr, als das Gerät angibt: Lautsprecher ohne Kabel brauchen eine Fünftelsekunde und mehr</translation>
    </message>
    <message>
        <source>Taps come late by</source>
        <translation>Getippt wird zu spät um</translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation>Was der Weg des Tons zum Ohr und der Hand zur Taste zusammen brauchen; gelernt aus Getipptem, das zu einer Musik passt</translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation>Lassen Sie die Musik in angenehmer Lautstärke laufen.</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>A5</source>
        <translation>A5</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Your own limits</source>
        <translation>Ihre eigenen Grenzen</translation>
    </message>
    <message>
        <source>Quickest step, in seconds</source>
        <translation>Schnellster Schritt, in Sekunden</translation>
    </message>
    <message>
        <source>Fastest turn, in degrees a second</source>
        <translation>Schnellste Drehung, in Grad pro Sekunde</translation>
    </message>
    <message>
        <source>They only warn. A qualified teacher and the rules of the house come first.</source>
        <translation>Sie warnen nur. Qualifizierte Lehrkräfte und die Hausregeln gehen vor.</translation>
    </message>
    <message>
        <source>Where things are</source>
        <translation>Wo die Dinge sind</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>The folder of the vocabulary, of unsaved work and of earlier versions</source>
        <translation>Der Ordner der Figurensammlung, der nicht gespeicherten Arbeit und der früheren Versionen</translation>
    </message>
    <message>
        <source>Vocabulary, unsaved work, versions</source>
        <translation>Figurensammlung, nicht gespeicherte Arbeit, Versionen</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Search the keys</source>
        <translation>Die Tasten durchsuchen</translation>
    </message>
    <message>
        <source>a command or a key, such as restart or Ctrl+K</source>
        <translation>ein Befehl oder eine Taste, etwa Restart oder Strg+K</translation>
    </message>
    <message>
        <source>key</source>
        <translation>Taste</translation>
    </message>
    <message>
        <source>command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Befehle und ihre Tasten</translation>
    </message>
    <message>
        <source>Another key for the chosen command</source>
        <translation>Eine andere Taste für den gewählten Befehl</translation>
    </message>
    <message>
        <source>Press the key that it is to have</source>
        <translation>Drücken Sie die Taste, die er haben soll</translation>
    </message>
    <message>
        <source>Use this key</source>
        <translation>Diese Taste nehmen</translation>
    </message>
    <message>
        <source>The chosen command has it from now on</source>
        <translation>Der gewählte Befehl hat sie von nun an</translation>
    </message>
    <message>
        <source>The usual one</source>
        <translation>Die übliche</translation>
    </message>
    <message>
        <source>The key that the program gives it</source>
        <translation>Die Taste, die das Programm ihm gibt</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keiner</translation>
    </message>
    <message>
        <source>It stays in the menu and in the box</source>
        <translation>Im Menü und im Suchfeld bleibt er</translation>
    </message>
    <message>
        <source>Take it from there</source>
        <translation>Von dort nehmen</translation>
    </message>
    <message>
        <source>%1 is the key of “%2”, which has none then.</source>
        <translation>%1 ist die Taste von „%2“, das dann keine hat.</translation>
    </message>
    <message>
        <source>%1 is the key of “%2”. Give that one another key first.</source>
        <translation>%1 ist die Taste von „%2“. Geben Sie diesem zuerst eine andere.</translation>
    </message>
</context>
<context>
    <name>lc::app::Program</name>
    <message>
        <source>there is not enough memory</source>
        <translation>der Speicher reicht nicht</translation>
    </message>
</context>
<context>
    <name>lc::app::ProposalsPage</name>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Back to the findings; nothing is changed (Esc)</source>
        <translation>Zurück zu den Hinweisen; nichts wird geändert (Esc)</translation>
    </message>
    <message>
        <source>Proposals, the best first</source>
        <translation>Vorschläge, der beste zuerst</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation>Tun (Strg+Eingabe); Rückgängig nimmt es zurück</translation>
    </message>
    <message>
        <source>This is how the routine is already.</source>
        <translation>So ist die Choreografie schon.</translation>
    </message>
</context>
<context>
    <name>lc::app::Rail</name>
    <message>
        <source>Stages</source>
        <translation>Bereiche</translation>
    </message>
    <message>
        <source>Legend</source>
        <translation>Legende</translation>
    </message>
    <message>
        <source>Legend  ?</source>
        <translation>Legende  ?</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation>%1 offen</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>begonnen</translation>
    </message>
</context>
<context>
    <name>lc::app::RankPanel</name>
    <message>
        <source>Which song for this dance, which dance for this song</source>
        <translation>Welche Musik zu diesem Tanz, welcher Tanz zu dieser Musik</translation>
    </message>
    <message>
        <source>Songs of a folder …</source>
        <translation>Musik eines Ordners …</translation>
    </message>
    <message>
        <source>Which of them suits this dance best: recordings, routines with a song, MIDI files, structures as text</source>
        <translation>Was davon am besten zu diesem Tanz passt: Aufnahmen, Choreografien mit Musik, MIDI-Dateien, Aufbau als Text</translation>
    </message>
    <message>
        <source>Dances of a folder …</source>
        <translation>Tänze eines Ordners …</translation>
    </message>
    <message>
        <source>Which of these routines suits this song best</source>
        <translation>Welche dieser Choreografien am besten zu dieser Musik passt</translation>
    </message>
    <message>
        <source>danced as</source>
        <translation>getanzt als</translation>
    </message>
    <message>
        <source>Dance family whose tempo is wanted</source>
        <translation>Tanzart, deren Tempo gewünscht ist</translation>
    </message>
    <message>
        <source>any tempo</source>
        <translation>jedes Tempo</translation>
    </message>
    <message>
        <source>%1, %2 to %3 bpm</source>
        <translation>%1, %2 bis %3 bpm</translation>
    </message>
    <message>
        <source>Try it</source>
        <translation>Versuchen</translation>
    </message>
    <message>
        <source>The chosen song is opened for this dance, or the chosen dance is opened</source>
        <translation>Die gewählte Musik wird für diesen Tanz geöffnet oder der gewählte Tanz wird geöffnet</translation>
    </message>
    <message>
        <source>Save the table …</source>
        <translation>Tabelle speichern …</translation>
    </message>
    <message>
        <source>As CSV</source>
        <translation>Als CSV</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>What was read so far stays</source>
        <translation>Was bisher gelesen ist, bleibt</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation>Wie weit es ist</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>bpm</source>
        <translation>bpm</translation>
    </message>
    <message>
        <source>metre</source>
        <translation>Taktart</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>exceptions</source>
        <translation>Ausnahmen</translation>
    </message>
    <message>
        <source>misses</source>
        <translation>daneben</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>stops</source>
        <translation>Stopps</translation>
    </message>
    <message>
        <source>last pass</source>
        <translation>letzter Durchgang</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>The best fit first</source>
        <translation>Das Passendste zuerst</translation>
    </message>
    <message>
        <source>A folder of songs</source>
        <translation>Ein Ordner mit Musik</translation>
    </message>
    <message>
        <source>A folder of routines</source>
        <translation>Ein Ordner mit Choreografien</translation>
    </message>
    <message>
        <source>Choose a folder: each song is planned for this dance with what the plans may do, and the tempo counts too. Recordings are heard once and remembered.</source>
        <translation>Wählen Sie einen Ordner: Jedes Stück wird für diesen Tanz geplant mit dem, was die Pläne dürfen, und auch das Tempo zählt. Aufnahmen werden einmal angehört und gemerkt.</translation>
    </message>
    <message>
        <source>There is no song in %1: no recording, routine, MIDI file or text.</source>
        <translation>In %1 ist keine Musik: keine Aufnahme, Choreografie, MIDI-Datei oder Text.</translation>
    </message>
    <message>
        <source>There is no routine in %1.</source>
        <translation>In %1 ist keine Choreografie.</translation>
    </message>
    <message>
        <source>The dance was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation>Der Tanz wurde seitdem geändert: So passte es vorher. Wählen Sie den Ordner noch einmal.</translation>
    </message>
    <message>
        <source>The song was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation>Die Musik wurde seitdem geändert: So passte es vorher. Wählen Sie den Ordner noch einmal.</translation>
    </message>
    <message>
        <source>%1 of %2 read.</source>
        <translation>%1 von %2 gelesen.</translation>
    </message>
    <message>
        <source>Stopped: %1 of %2 read.</source>
        <translation>Angehalten: %1 von %2 gelesen.</translation>
    </message>
    <message numerus="yes">
        <source>%n in all, the best fit first: by what has to be changed, and each per cent of tempo.</source>
        <translation>
            <numerusform>%n insgesamt, das Passendste zuerst: nach dem, was geändert werden muss, und jedem Prozent Tempo.</numerusform>
            <numerusform>%n insgesamt, das Passendste zuerst: nach dem, was geändert werden muss, und jedem Prozent Tempo.</numerusform>
        </translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation>%L1 %</translation>
    </message>
    <message>
        <source>%1, other bars</source>
        <translation>%1, andere Takte</translation>
    </message>
    <message>
        <source>Save the table</source>
        <translation>Tabelle speichern</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>The table is in %1.</source>
        <translation>Die Tabelle ist in %1.</translation>
    </message>
</context>
<context>
    <name>lc::app::ReadingChoice</name>
    <message>
        <source>Hear four bars of this reading, with clicks</source>
        <translation>Vier Takte dieser Lesart anhören, mit Klicks</translation>
    </message>
</context>
<context>
    <name>lc::app::RemedyChoice</name>
    <message>
        <source>hit</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>comes in</source>
        <translation>Einsatz</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Worte</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
</context>
<context>
    <name>lc::app::RoutineClipboard</name>
    <message>
        <source>The routine is copied as text. Paste it into a mail, or here with Ctrl+Shift+V.</source>
        <translation>Die Choreografie ist als Text kopiert. Fügen Sie sie in eine Mail ein oder hier mit Strg+Umschalt+V.</translation>
    </message>
    <message>
        <source>There is no dance yet: a hand-out needs parts with steps and their order.</source>
        <translation>Es gibt noch keinen Tanz: Eine Tanzbeschreibung braucht Teile mit Schritten und ihre Folge.</translation>
    </message>
    <message>
        <source>The dance is copied as a hand-out. Paste it into a mail or a page.</source>
        <translation>Der Tanz ist als Tanzbeschreibung kopiert. Fügen Sie sie in eine Mail oder ein Blatt ein.</translation>
    </message>
</context>
<context>
    <name>lc::app::RulerView</name>
    <message>
        <source>Picture of the figure</source>
        <translation>Bild der Figur</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>said, not written yet</source>
        <translation>angegeben, noch nicht geschrieben</translation>
    </message>
</context>
<context>
    <name>lc::app::SheetsStage</name>
    <message>
        <source>Sheets</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>What is printed</source>
        <translation>Was gedruckt wird</translation>
    </message>
    <message>
        <source>Floor card</source>
        <translation>Karte fürs Parkett</translation>
    </message>
    <message>
        <source>One page in large letters, to read while dancing</source>
        <translation>Eine Seite in großen Buchstaben, zum Lesen beim Tanzen</translation>
    </message>
    <message>
        <source>Step sheet</source>
        <translation>Schrittblatt</translation>
    </message>
    <message>
        <source>Every step with its count, and every pass</source>
        <translation>Jeder Schritt mit seinem Count und jeder Durchgang</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Print what is shown (Ctrl+P)</source>
        <translation>Drucken, was zu sehen ist (Strg+P)</translation>
    </message>
    <message>
        <source>Save as HTML</source>
        <translation>Als HTML speichern</translation>
    </message>
    <message>
        <source>One page that any browser opens</source>
        <translation>Eine Seite, die jeder Browser öffnet</translation>
    </message>
    <message>
        <source>Save as PDF</source>
        <translation>Als PDF speichern</translation>
    </message>
    <message>
        <source>As it is shown (Ctrl+Shift+E)</source>
        <translation>Wie zu sehen (Strg+Umschalt+E)</translation>
    </message>
    <message>
        <source>The sheet as it will be printed</source>
        <translation>Das Blatt, wie es gedruckt wird</translation>
    </message>
    <message>
        <source>sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>-floor</source>
        <translation>-parkett</translation>
    </message>
    <message>
        <source>-steps</source>
        <translation>-schritte</translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation>Das Blatt speichern</translation>
    </message>
    <message>
        <source>What the Sheets stage shows</source>
        <translation>Was der Bereich Blätter zeigt</translation>
    </message>
    <message>
        <source>Print the sheet …</source>
        <translation>Das Blatt drucken …</translation>
    </message>
    <message>
        <source>Save the sheet as PDF …</source>
        <translation>Das Blatt als PDF speichern …</translation>
    </message>
    <message>
        <source>Save the sheet as HTML …</source>
        <translation>Das Blatt als HTML speichern …</translation>
    </message>
</context>
<context>
    <name>lc::app::SongColumn</name>
    <message>
        <source>“%1” at %2</source>
        <translation>„%1“ bei %2</translation>
    </message>
    <message>
        <source>Typed as structure, not heard.</source>
        <translation>Als Aufbau geschrieben, nicht gehört.</translation>
    </message>
    <message>
        <source>Counted by your taps.</source>
        <translation>Nach Ihrem Tippen gezählt.</translation>
    </message>
    <message>
        <source>The map was read from a file.</source>
        <translation>Die Karte wurde aus einer Datei gelesen.</translation>
    </message>
    <message>
        <source>The map was carried over from another recording.</source>
        <translation>Die Karte wurde von einer anderen Aufnahme übertragen.</translation>
    </message>
    <message>
        <source>The song</source>
        <translation>Die Musik</translation>
    </message>
    <message>
        <source>Not counted yet.</source>
        <translation>Noch nicht gezählt.</translation>
    </message>
    <message>
        <source>No beats yet.</source>
        <translation>Noch keine Schläge.</translation>
    </message>
    <message>
        <source>%1 bpm, %2</source>
        <translation>%1 bpm, %2</translation>
    </message>
    <message>
        <source>“%1” by %2</source>
        <translation>„%1“ von %2</translation>
    </message>
    <message>
        <source>%1 in %2; the first 1 is at %3.</source>
        <translation>%1 in %2; die erste 1 ist bei %3.</translation>
    </message>
    <message>
        <source>Bar %1 has one beat, at %2.</source>
        <translation>Takt %1 hat einen Schlag, bei %2.</translation>
    </message>
    <message>
        <source>Bar %1 has %2 beats, at %3.</source>
        <translation>Takt %1 hat %2 Schläge, bei %3.</translation>
    </message>
    <message>
        <source>Bars %1 to %2 have %3 beats each, from %4.</source>
        <translation>Takte %1 bis %2 haben je %3 Schläge, ab %4.</translation>
    </message>
    <message>
        <source>A pick-up of one beat before it.</source>
        <translation>Davor ein Auftakt von einem Schlag.</translation>
    </message>
    <message>
        <source>A pick-up of %1 beats before it.</source>
        <translation>Davor ein Auftakt von %1 Schlägen.</translation>
    </message>
    <message>
        <source>Swung: the &amp; falls at %1 % of the beat.</source>
        <translation>Geswingt: Das &amp; fällt auf %1 % des Schlags.</translation>
    </message>
    <message>
        <source>A beat held for %1 s at %2.</source>
        <translation>Ein Schlag, %1 s gehalten, bei %2.</translation>
    </message>
    <message>
        <source>A stop of %1 at %2.</source>
        <translation>Ein Stopp von %1 bei %2.</translation>
    </message>
    <message>
        <source>Where a 1 or a phrase is wrong, put the caret there and say it by hand; the rest is worked out again around it.</source>
        <translation>Wo eine 1 oder Phrase falsch ist, setzen Sie die Marke dorthin und sagen Sie es von Hand; der Rest wird darum herum neu ausgerechnet.</translation>
    </message>
    <message>
        <source>Name of the phrase at the caret</source>
        <translation>Name der Phrase an der Marke</translation>
    </message>
    <message>
        <source>Type a name such as Verse 1 and press Enter (N)</source>
        <translation>Schreiben Sie einen Namen wie Strophe 1 und drücken Sie Eingabe (N)</translation>
    </message>
    <message>
        <source>What you said</source>
        <translation>Was Sie gesagt haben</translation>
    </message>
    <message>
        <source>forget all</source>
        <translation>alles vergessen</translation>
    </message>
    <message>
        <source>Take every statement back; undo brings them again</source>
        <translation>Jede Angabe zurücknehmen; Rückgängig bringt sie wieder</translation>
    </message>
    <message>
        <source>forget</source>
        <translation>vergessen</translation>
    </message>
    <message>
        <source>Take this statement back</source>
        <translation>Diese Angabe zurücknehmen</translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation>eine Angabe vergessen</translation>
    </message>
    <message>
        <source>Moments</source>
        <translation>Momente</translation>
    </message>
    <message>
        <source>%1  %2, %3</source>
        <translation>%1  %2, %3</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>Take this moment out</source>
        <translation>Diesen Moment herausnehmen</translation>
    </message>
    <message>
        <source>… and %1 more on the strips.</source>
        <translation>… und %1 weitere auf den Streifen.</translation>
    </message>
</context>
<context>
    <name>lc::app::SongFiles</name>
    <message>
        <source>Sound and video (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;All files (*)</source>
        <translation>Ton und Video (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Musik öffnen</translation>
    </message>
    <message>
        <source>Where is “%1” now?</source>
        <translation>Wo ist „%1“ jetzt?</translation>
    </message>
    <message>
        <source>That is another recording: its content differs from the one this routine was made for. Use Open a song to count it anew.</source>
        <translation>Das ist eine andere Aufnahme: Ihr Inhalt unterscheidet sich von der, für die diese Choreografie gemacht wurde. Nehmen Sie Musik öffnen, um sie neu zu zählen.</translation>
    </message>
    <message>
        <source>First open the song whose map is to be carried over, and let it be heard.</source>
        <translation>Öffnen Sie zuerst die Musik, deren Karte übertragen werden soll, und lassen Sie sie anhören.</translation>
    </message>
    <message>
        <source>Another recording of “%1”</source>
        <translation>Andere Aufnahme von „%1“</translation>
    </message>
    <message>
        <source>Import a map</source>
        <translation>Karte importieren</translation>
    </message>
    <message>
        <source>Maps</source>
        <translation>Karten</translation>
    </message>
    <message>
        <source>Import lines of words</source>
        <translation>Textzeilen importieren</translation>
    </message>
    <message>
        <source>Lines of words</source>
        <translation>Textzeilen</translation>
    </message>
    <message>
        <source>There are no beats to export yet. Open a song first.</source>
        <translation>Es gibt noch keine Schläge zum Exportieren. Öffnen Sie zuerst Musik.</translation>
    </message>
    <message>
        <source>Export the map</source>
        <translation>Karte exportieren</translation>
    </message>
    <message>
        <source>map</source>
        <translation>Karte</translation>
    </message>
</context>
<context>
    <name>lc::app::SongLoader</name>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Angehalten. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Listening for beats, bars and phrases</source>
        <translation>Schläge, Takte und Phrasen werden gehört</translation>
    </message>
    <message>
        <source>Reading the song</source>
        <translation>Die Musik wird gelesen</translation>
    </message>
</context>
<context>
    <name>lc::app::SongSession</name>
    <message>
        <source>The song “%1” is not where it was. The counts are all here; use Song, Find the song file to hear it again.</source>
        <translation>Die Musik „%1“ ist nicht, wo sie war. Die Counts sind alle da; nehmen Sie Musik, Musikdatei suchen, um sie wieder zu hören.</translation>
    </message>
    <message>
        <source>The song file “%1” was changed since this routine was saved, so counts may no longer fit. Open it again from the Song menu to count it anew.</source>
        <translation>Die Musikdatei „%1“ wurde geändert, seit diese Choreografie gespeichert wurde, Counts passen also vielleicht nicht mehr. Öffnen Sie sie aus dem Menü Musik neu, um sie neu zu zählen.</translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Angehalten. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>song “%1”</source>
        <translation>Musik „%1“</translation>
    </message>
    <message>
        <source>typed structure</source>
        <translation>geschriebener Aufbau</translation>
    </message>
    <message>
        <source>imported map</source>
        <translation>importierte Karte</translation>
    </message>
    <message>
        <source>%1 beats in %2 were read from “%3”.</source>
        <translation>%1 Schläge in %2 wurden aus „%3“ gelesen.</translation>
    </message>
    <message>
        <source>one phrase</source>
        <translation>einer Phrase</translation>
    </message>
    <message>
        <source>%1 phrases</source>
        <translation>%1 Phrasen</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>Textzeilen</translation>
    </message>
    <message>
        <source>One line of words is marked in the song.</source>
        <translation>Eine Textzeile ist in der Musik markiert.</translation>
    </message>
    <message>
        <source>%1 lines of words are marked in the song.</source>
        <translation>%1 Textzeilen sind in der Musik markiert.</translation>
    </message>
    <message>
        <source>%1 bpm tapped</source>
        <translation>%1 bpm getippt</translation>
    </message>
    <message>
        <source>Your taps agree with what was heard (%1).</source>
        <translation>Ihr Tippen stimmt mit dem Gehörten überein (%1).</translation>
    </message>
    <message>
        <source>taps</source>
        <translation>Getipptes</translation>
    </message>
    <message>
        <source>One statement made the song agree with your taps (%1).</source>
        <translation>Eine Angabe brachte die Musik mit Ihrem Tippen überein (%1).</translation>
    </message>
    <message>
        <source>%1 statements made the song agree with your taps (%2).</source>
        <translation>%1 Angaben brachten die Musik mit Ihrem Tippen überein (%2).</translation>
    </message>
    <message>
        <source>The song is counted by your taps (%1), %2 counts in all.</source>
        <translation>Die Musik ist nach Ihrem Tippen gezählt (%1), %2 Counts insgesamt.</translation>
    </message>
    <message>
        <source>The recording at hand has not been heard, so nothing can be matched with it. Find its file first (Song, Find the song file).</source>
        <translation>Die vorhandene Aufnahme wurde nicht angehört, es kann also nichts mit ihr verglichen werden. Suchen Sie zuerst ihre Datei (Musik, Musikdatei suchen).</translation>
    </message>
    <message>
        <source>The map was carried over to “%1”.</source>
        <translation>Die Karte wurde auf „%1“ übertragen.</translation>
    </message>
    <message>
        <source>It lacks %1 s of the other recording.</source>
        <translation>Ihr fehlen %1 s der anderen Aufnahme.</translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation>andere Aufnahme des Stücks</translation>
    </message>
</context>
<context>
    <name>lc::app::SongTrialPanel</name>
    <message>
        <source>The routine tried on another song</source>
        <translation>Die Choreografie auf anderer Musik versucht</translation>
    </message>
    <message>
        <source>Try it on</source>
        <translation>Versuchen auf</translation>
    </message>
    <message>
        <source>Another song as structure</source>
        <translation>Andere Musik als Aufbau</translation>
    </message>
    <message>
        <source>a song as structure: intro 16 | verse 32 | chorus 32 …</source>
        <translation>Musik als Aufbau: intro 16 | verse 32 | chorus 32 …</translation>
    </message>
    <message>
        <source>Type the sections of another song or edit with their beats, and press Enter</source>
        <translation>Schreiben Sie die Abschnitte einer anderen Musik oder Bearbeitung mit ihren Schlägen und drücken Sie Eingabe</translation>
    </message>
    <message>
        <source>A routine&apos;s song …</source>
        <translation>Musik einer Choreografie …</translation>
    </message>
    <message>
        <source>The song of another saved routine, with its map</source>
        <translation>Die Musik einer anderen gespeicherten Choreografie, mit ihrer Karte</translation>
    </message>
    <message>
        <source>A routine on the other song</source>
        <translation>Eine Choreografie auf der anderen Musik</translation>
    </message>
    <message>
        <source>Routines and maps (*.liftcount *.txt *.mid *.midi *.csv)</source>
        <translation>Choreografien und Karten (*.liftcount *.txt *.mid *.midi *.csv)</translation>
    </message>
    <message>
        <source>Another edit of this song</source>
        <translation>Andere Bearbeitung dieser Musik</translation>
    </message>
    <message>
        <source>What if the intro were longer, a section left out, or heard twice</source>
        <translation>Was wäre, wenn das Intro länger wäre, ein Abschnitt fehlte oder zweimal käme</translation>
    </message>
    <message>
        <source>or at</source>
        <translation>oder bei</translation>
    </message>
    <message>
        <source> % tempo</source>
        <translation> % Tempo</translation>
    </message>
    <message>
        <source>Tempo of the song in percent</source>
        <translation>Tempo der Musik in Prozent</translation>
    </message>
    <message>
        <source>The same song slower or faster: what your own limits say then</source>
        <translation>Dieselbe Musik langsamer oder schneller: was Ihre eigenen Grenzen dann sagen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Nothing is changed</source>
        <translation>Nichts wird geändert</translation>
    </message>
    <message>
        <source>Take this song</source>
        <translation>Diese Musik nehmen</translation>
    </message>
    <message>
        <source>It becomes the routine&apos;s song; Undo brings this one back</source>
        <translation>Sie wird die Musik der Choreografie; Rückgängig bringt diese zurück</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>Durchgang</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>there</source>
        <translation>dort</translation>
    </message>
    <message>
        <source>Reading “%1” …</source>
        <translation>„%1“ wird gelesen …</translation>
    </message>
    <message>
        <source>the song of %1</source>
        <translation>die Musik von %1</translation>
    </message>
    <message>
        <source>another song</source>
        <translation>andere Musik</translation>
    </message>
    <message>
        <source>the song at %1 %</source>
        <translation>die Musik mit %1 %</translation>
    </message>
    <message>
        <source>what if …</source>
        <translation>was wäre, wenn …</translation>
    </message>
    <message>
        <source>the song %1</source>
        <translation>die Musik %1</translation>
    </message>
    <message>
        <source>Which passes land here, and which there: type a song&apos;s structure, take the song of another routine, or another tempo.</source>
        <translation>Welche Durchgänge hier landen und welche dort: Schreiben Sie den Aufbau einer Musik, nehmen Sie die einer anderen Choreografie oder ein anderes Tempo.</translation>
    </message>
    <message>
        <source>The recording stays as it is; what is shown is what would be.</source>
        <translation>Die Aufnahme bleibt, wie sie ist; gezeigt wird, was wäre.</translation>
    </message>
    <message>
        <source>The passes here and there</source>
        <translation>Die Durchgänge hier und dort</translation>
    </message>
</context>
<context>
    <name>lc::app::SpanPanel</name>
    <message>
        <source>From here to the caret:</source>
        <translation>Von hier bis zur Marke:</translation>
    </message>
    <message>
        <source>What is from here to the caret</source>
        <translation>Was von hier bis zur Marke ist</translation>
    </message>
    <message>
        <source>a stop</source>
        <translation>ein Stopp</translation>
    </message>
    <message>
        <source>one held beat</source>
        <translation>ein gehaltener Schlag</translation>
    </message>
    <message>
        <source>its own metre</source>
        <translation>eigene Taktart</translation>
    </message>
    <message>
        <source>its own tempo</source>
        <translation>eigenes Tempo</translation>
    </message>
    <message>
        <source> beat</source>
        <translation> Schlag</translation>
    </message>
    <message>
        <source> beats</source>
        <translation> Schläge</translation>
    </message>
    <message>
        <source> bpm</source>
        <translation> bpm</translation>
    </message>
    <message>
        <source>State it</source>
        <translation>Angeben</translation>
    </message>
    <message>
        <source>The rest is worked out again around it (S)</source>
        <translation>Der Rest wird darum herum neu ausgerechnet (S)</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>Put the caret where it ends, then press S again or State it.</source>
        <translation>Setzen Sie die Marke ans Ende, dann drücken Sie noch einmal S oder Angeben.</translation>
    </message>
    <message>
        <source>%1 of the map as it is now.</source>
        <translation>%1 der Karte, wie sie jetzt ist.</translation>
    </message>
    <message>
        <source>The end has to come after the start: put the caret there first.</source>
        <translation>Das Ende muss nach dem Anfang kommen: Setzen Sie zuerst die Marke dorthin.</translation>
    </message>
    <message>
        <source>Beats from here to the caret</source>
        <translation>Schläge von hier bis zur Marke</translation>
    </message>
    <message>
        <source>Metre from here to the caret</source>
        <translation>Taktart von hier bis zur Marke</translation>
    </message>
    <message>
        <source>Tempo from here to the caret</source>
        <translation>Tempo von hier bis zur Marke</translation>
    </message>
</context>
<context>
    <name>lc::app::StartPage</name>
    <message>
        <source>Drop a song here</source>
        <translation>Musik hierher ziehen</translation>
    </message>
    <message>
        <source>Any usual sound file, or the sound of a video. It is counted into beats, bars and phrases, a phrase a line. Then type the counts of your dance, say in which order its parts are danced, and see where every pass lands.</source>
        <translation>Jede übliche Tondatei oder der Ton eines Videos. Sie wird in Schläge, Takte und Phrasen gezählt, eine Phrase je Zeile. Dann schreiben Sie die Counts Ihres Tanzes, sagen, in welcher Folge seine Teile getanzt werden, und sehen, wo jeder Durchgang landet.</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Musik öffnen</translation>
    </message>
    <message>
        <source>Choose a sound file (Ctrl+Shift+O)</source>
        <translation>Eine Tondatei wählen (Strg+Umschalt+O)</translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation>Choreografie öffnen</translation>
    </message>
    <message>
        <source>Choose a saved routine (Ctrl+O)</source>
        <translation>Eine gespeicherte Choreografie wählen (Strg+O)</translation>
    </message>
    <message>
        <source>Type a structure</source>
        <translation>Aufbau schreiben</translation>
    </message>
    <message>
        <source>A song as text, without a recording</source>
        <translation>Musik als Text, ohne Aufnahme</translation>
    </message>
    <message>
        <source>Look at the demo</source>
        <translation>Das Beispiel ansehen</translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation>Ein Line Dance der Quarry-Bank-Halle zu eigener Musik</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Zuletzt benutzt</translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation>Aufwärmen, Platz um Kicks halten, zwischen ganzen Durchläufen ruhen. Qualifizierte Lehrkräfte und die Hausregeln gehen vor.</translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended</source>
        <translation>Nicht gespeichert, als Lift Count endete</translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended: %1; all are in Routine, Unsaved work</source>
        <translation>Nicht gespeichert, als Lift Count endete: %1; alle stehen in Choreografie, Nicht gespeicherte Arbeit</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>lc::app::StepEdit</name>
    <message>
        <source>The step at the caret, as its line says it</source>
        <translation>Der Schritt an der Marke, wie seine Zeile ihn nennt</translation>
    </message>
    <message>
        <source>No step is danced there. Put the caret on a count of a pass.</source>
        <translation>Dort wird kein Schritt getanzt. Setzen Sie die Marke auf einen Count eines Durchgangs.</translation>
    </message>
    <message>
        <source>Everyone waits there; there is no line to change.</source>
        <translation>Dort warten alle; es gibt keine Zeile zum Ändern.</translation>
    </message>
    <message>
        <source>This figure is danced in another way here. Change its line in Steps, or choose it in the chain of its part.</source>
        <translation>Diese Figur wird hier anders getanzt. Ändern Sie ihre Zeile in Schritte oder wählen Sie sie in der Kette ihres Teils.</translation>
    </message>
    <message>
        <source>Nothing is written for this count. Type it in the line of the figure (Ctrl+E).</source>
        <translation>Für diesen Count ist nichts geschrieben. Schreiben Sie es in die Zeile der Figur (Strg+E).</translation>
    </message>
</context>
<context>
    <name>lc::app::StepsStage</name>
    <message>
        <source>New figure</source>
        <translation>Neue Figur</translation>
    </message>
    <message>
        <source>Into the vocabulary</source>
        <translation>In die Figurensammlung</translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation>Die Figuren durchsuchen</translation>
    </message>
    <message>
        <source>By counts, feet, positions, turns, or words of any field</source>
        <translation>Nach Counts, Füßen, Haltungen, Drehungen oder Wörtern jedes Feldes</translation>
    </message>
    <message>
        <source>Another figure like this</source>
        <translation>Noch eine Figur wie diese</translation>
    </message>
    <message>
        <source>A copy in the vocabulary; in Arrange the chosen figures are repeated</source>
        <translation>Eine Kopie in der Figurensammlung; in Anordnen werden die gewählten Figuren wiederholt</translation>
    </message>
    <message>
        <source>Another role</source>
        <translation>Noch eine Rolle</translation>
    </message>
    <message>
        <source>A line for a partner or a row</source>
        <translation>Eine Zeile für einen Partner oder eine Reihe</translation>
    </message>
    <message>
        <source>Copy the line to the partner</source>
        <translation>Die Zeile zum Partner kopieren</translation>
    </message>
    <message>
        <source>The same steps on the other foot, to change what differs</source>
        <translation>Dieselben Schritte auf dem anderen Fuß, um zu ändern, was anders ist</translation>
    </message>
    <message>
        <source>Remove the figure</source>
        <translation>Die Figur entfernen</translation>
    </message>
    <message>
        <source>From the vocabulary, or from the routine; undo brings it back</source>
        <translation>Aus der Figurensammlung oder aus der Choreografie; Rückgängig bringt sie zurück</translation>
    </message>
    <message>
        <source>Hear the figure</source>
        <translation>Die Figur anhören</translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts; again to stop</source>
        <translation>Mit Klicks, Schritten und gesprochenen Counts; noch einmal hält an</translation>
    </message>
    <message>
        <source>Keep the version</source>
        <translation>Die Version behalten</translation>
    </message>
    <message>
        <source>The one chosen on the bench stays with the figure</source>
        <translation>Die auf der Werkbank gewählte bleibt bei der Figur</translation>
    </message>
    <message>
        <source>Take the figure into the routine</source>
        <translation>Die Figur in die Choreografie übernehmen</translation>
    </message>
    <message>
        <source>A copy that the routine file holds</source>
        <translation>Eine Kopie, die die Datei der Choreografie enthält</translation>
    </message>
    <message>
        <source>Bench of versions</source>
        <translation>Werkbank der Versionen</translation>
    </message>
    <message>
        <source>Fillers</source>
        <translation>Füllfiguren</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Nahtstellen</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>Card of the figure</source>
        <translation>Karte der Figur</translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation>Wörter mit Bedeutung</translation>
    </message>
    <message>
        <source>Under the picture of the figure</source>
        <translation>Unter dem Bild der Figur</translation>
    </message>
    <message>
        <source>Bring figures in …</source>
        <translation>Figuren hereinholen …</translation>
    </message>
    <message>
        <source>From a JSON file or a table (CSV)</source>
        <translation>Aus einer JSON-Datei oder einer Tabelle (CSV)</translation>
    </message>
    <message>
        <source>Write the figures to a file …</source>
        <translation>Die Figuren in eine Datei schreiben …</translation>
    </message>
    <message>
        <source>Those that the search finds, as JSON or a table (CSV)</source>
        <translation>Die, die die Suche findet, als JSON oder Tabelle (CSV)</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <translation>%1, Kopie</translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation>Figur %1</translation>
    </message>
    <message>
        <source>Undo in the vocabulary</source>
        <translation>Rückgängig in der Figurensammlung</translation>
    </message>
    <message>
        <source>Redo in the vocabulary</source>
        <translation>Wiederholen in der Figurensammlung</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>Figures and their versions</source>
        <translation>Figuren und ihre Versionen</translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation>Fi&amp;guren</translation>
    </message>
    <message>
        <source>Card</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>%1 (Alt+Shift+%2)</source>
        <translation>%1 (Alt+Umschalt+%2)</translation>
    </message>
    <message>
        <source>There is nothing to hear yet: write the figure&apos;s counts.</source>
        <translation>Noch gibt es nichts zu hören: Schreiben Sie die Counts der Figur.</translation>
    </message>
    <message>
        <source>Bring figures in</source>
        <translation>Figuren hereinholen</translation>
    </message>
    <message>
        <source>Figures (*.json *.csv)</source>
        <translation>Figuren (*.json *.csv)</translation>
    </message>
    <message>
        <source>Write the figures that the search finds</source>
        <translation>Die Figuren schreiben, die die Suche findet</translation>
    </message>
</context>
<context>
    <name>lc::app::StripsView</name>
    <message>
        <source>%1, at %2, %3 counts</source>
        <translation>%1, bei %2, %3 Counts</translation>
    </message>
    <message>
        <source>The song, a phrase a line</source>
        <translation>Die Musik, eine Phrase je Zeile</translation>
    </message>
    <message>
        <source>The routine on the song, a phrase a line</source>
        <translation>Die Choreografie auf der Musik, eine Phrase je Zeile</translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation>Noch keine Musik</translation>
    </message>
    <message>
        <source>Go to Listen (Alt+1) to open a recording, or to type the song&apos;s structure. </source>
        <translation>Gehen Sie zu Hören (Alt+1), um eine Aufnahme zu öffnen oder den Aufbau der Musik zu schreiben. </translation>
    </message>
    <message>
        <source>Until then the passes stand in their list (F5), counted without music.</source>
        <translation>Bis dahin stehen die Durchgänge in ihrer Liste (F5), ohne Musik gezählt.</translation>
    </message>
    <message>
        <source>Parts can be built without it: type a figure&apos;s name above, or its counts.</source>
        <translation>Teile lassen sich ohne sie bauen: Schreiben Sie oben den Namen einer Figur oder ihre Counts.</translation>
    </message>
    <message>
        <source>music count %1</source>
        <translation>Count der Musik %1</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>Takt %1</translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation>Durchgang %1 Count %2</translation>
    </message>
    <message>
        <source>the dancers say %1</source>
        <translation>die Tanzenden sagen %1</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>wait before the pass</source>
        <translation>Warten vor dem Durchgang</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>touch</source>
        <translation>Touch</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>%1 links</translation>
    </message>
    <message>
        <source>%1 right</source>
        <translation>%1 rechts</translation>
    </message>
    <message>
        <source>%1 both feet</source>
        <translation>%1 beide Füße</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>role and step</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>accent, meets its moment</source>
        <translation>Akzent, trifft seinen Moment</translation>
    </message>
    <message>
        <source>accent, misses its moment</source>
        <translation>Akzent, verfehlt seinen Moment</translation>
    </message>
</context>
<context>
    <name>lc::app::StructurePanel</name>
    <message>
        <source>Structure</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>The song as structure</source>
        <translation>Die Musik als Aufbau</translation>
    </message>
    <message>
        <source>intro 16 | verse 32 | chorus 32 | stop 4 | ending 16</source>
        <translation>intro 16 | verse 32 | chorus 32 | stop 4 | ending 16</translation>
    </message>
    <message>
        <source>Beats of each section. Also: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 for a tempo, @112&gt;90 for a change</source>
        <translation>Schläge jedes Abschnitts. Auch: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 für ein Tempo, @112&gt;90 für einen Wechsel</translation>
    </message>
    <message>
        <source> bpm</source>
        <translation> bpm</translation>
    </message>
    <message>
        <source>first beat at</source>
        <translation>erster Schlag bei</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Verwenden</translation>
    </message>
    <message>
        <source>The song is counted like this (Enter)</source>
        <translation>Die Musik wird so gezählt (Eingabe)</translation>
    </message>
    <message>
        <source>Sections and their beats, with | between them. No recording is needed.</source>
        <translation>Abschnitte und ihre Schläge, mit | dazwischen. Eine Aufnahme ist nicht nötig.</translation>
    </message>
    <message>
        <source>%1, %2 in %3, %4 long.</source>
        <translation>%1, %2 in %3, %4 lang.</translation>
    </message>
    <message>
        <source>Tempo of the structure</source>
        <translation>Tempo des Aufbaus</translation>
    </message>
    <message>
        <source>Metre of the structure</source>
        <translation>Taktart des Aufbaus</translation>
    </message>
    <message>
        <source>Second of the first beat</source>
        <translation>Sekunde des ersten Schlags</translation>
    </message>
</context>
<context>
    <name>lc::app::TapPanel</name>
    <message>
        <source>Tap along</source>
        <translation>Mittippen</translation>
    </message>
    <message>
        <source>Tap  T</source>
        <translation>Tippen  T</translation>
    </message>
    <message>
        <source>On each beat, with the key T or this button</source>
        <translation>Auf jeden Schlag, mit der Taste T oder diesem Knopf</translation>
    </message>
    <message>
        <source>What is tapped</source>
        <translation>Was getippt wird</translation>
    </message>
    <message>
        <source>every beat</source>
        <translation>jeder Schlag</translation>
    </message>
    <message>
        <source>only the 1s</source>
        <translation>nur die 1en</translation>
    </message>
    <message>
        <source>taps come late by</source>
        <translation>Getippt wird zu spät um</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation>Was der Weg des Tons zum Ohr und der Hand zur Taste zusammen brauchen; gelernt aus Getipptem, das zu einer Musik passt</translation>
    </message>
    <message>
        <source>Use the taps</source>
        <translation>Das Getippte verwenden</translation>
    </message>
    <message>
        <source>State what they say; the rest is worked out again around it</source>
        <translation>Angeben, was sie sagen; der Rest wird darum herum neu ausgerechnet</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Forget these taps</source>
        <translation>Das Getippte vergessen</translation>
    </message>
    <message>
        <source>Tap T on each beat, at least eight times; wrong and missing taps are outvoted.</source>
        <translation>Tippen Sie T auf jeden Schlag, mindestens achtmal; falsche und fehlende werden überstimmt.</translation>
    </message>
    <message>
        <source>Play the song (Space), then tap T on each beat. Without a recording the taps give a tempo.</source>
        <translation>Spielen Sie die Musik ab (Leertaste), dann tippen Sie T auf jeden Schlag. Ohne Aufnahme ergibt das Tippen ein Tempo.</translation>
    </message>
    <message>
        <source>1 tap.</source>
        <translation>1-mal getippt.</translation>
    </message>
    <message>
        <source>%1 taps. Go on.</source>
        <translation>%1-mal getippt. Weiter so.</translation>
    </message>
    <message>
        <source>%1: %2 bpm, scattered by %3 ms</source>
        <translation>%1: %2 bpm, gestreut um %3 ms</translation>
    </message>
    <message>
        <source>%1, %2 outvoted</source>
        <translation>%1, %2 überstimmt</translation>
    </message>
    <message>
        <source>%1, %2 came twice</source>
        <translation>%1, %2 kamen zweimal</translation>
    </message>
    <message>
        <source>%1, %2 filled in</source>
        <translation>%1, %2 ergänzt</translation>
    </message>
</context>
<context>
    <name>lc::app::TempoCurveView</name>
    <message>
        <source>Tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Tempo of each bar, in counts a minute; click to go there</source>
        <translation>Tempo jedes Taktes, in Counts pro Minute; Klick geht dorthin</translation>
    </message>
    <message>
        <source>%1 counts a minute, %2.</source>
        <translation>%1 Counts pro Minute, %2.</translation>
    </message>
    <message>
        <source>The routine needs %1 to %2.</source>
        <translation>Die Choreografie braucht %1 bis %2.</translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>danced at %1 to %2</source>
        <translation>getanzt bei %1 bis %2</translation>
    </message>
</context>
<context>
    <name>lc::app::TempoPanel</name>
    <message>
        <source>Tempi of dance families</source>
        <translation>Tempi der Tanzarten</translation>
    </message>
    <message>
        <source>Play at that tempo</source>
        <translation>In diesem Tempo abspielen</translation>
    </message>
    <message>
        <source>The tempo below becomes the one at which the chosen family would fit</source>
        <translation>Das Tempo unten wird das, bei dem die gewählte Tanzart passen würde</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>danced as</source>
        <translation>getanzt als</translation>
    </message>
    <message>
        <source>bars of</source>
        <translation>Takte von</translation>
    </message>
    <message>
        <source>bpm</source>
        <translation>bpm</translation>
    </message>
    <message>
        <source>bars a minute</source>
        <translation>Takte pro Minute</translation>
    </message>
    <message>
        <source>this song fits at</source>
        <translation>diese Musik passt bei</translation>
    </message>
    <message>
        <source>felt</source>
        <translation>gefühlt</translation>
    </message>
    <message>
        <source>source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%L1 to %L2</source>
        <translation>%L1 bis %L2</translation>
    </message>
    <message>
        <source>100 %, as it is</source>
        <translation>100 %, wie sie ist</translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation>%L1 %</translation>
    </message>
    <message>
        <source>every other beat</source>
        <translation>jeder zweite Schlag</translation>
    </message>
    <message>
        <source>twice as many</source>
        <translation>doppelt so viele</translation>
    </message>
    <message>
        <source>There is no song yet. These are the tempi usual for dances; none is a rule for your floor.</source>
        <translation>Es gibt noch keine Musik. Das sind die für Tänze üblichen Tempi; keines ist eine Regel für Ihr Parkett.</translation>
    </message>
    <message>
        <source>This song has %L1 bpm, %2.</source>
        <translation>Diese Musik hat %L1 bpm, %2.</translation>
    </message>
    <message>
        <source>No routine yet: nothing is said of steps and turns.</source>
        <translation>Noch keine Choreografie: Über Schritte und Drehungen wird nichts gesagt.</translation>
    </message>
    <message>
        <source>At %1 % the routine has %2 Warm up, and mind your own limits and your teacher&apos;s word.</source>
        <translation>Bei %1 % hat die Choreografie %2 Wärmen Sie sich auf und achten Sie auf Ihre eigenen Grenzen und das Wort Ihrer Lehrkraft.</translation>
    </message>
    <message>
        <source>It plays at %1 %.</source>
        <translation>Es spielt mit %1 %.</translation>
    </message>
</context>
<context>
    <name>lc::app::TurnsPanel</name>
    <message>
        <source>Get back on the 1</source>
        <translation>Zurück auf die 1</translation>
    </message>
    <message>
        <source>turned round</source>
        <translation>verdreht</translation>
    </message>
    <message>
        <source>Where the dance is turned round</source>
        <translation>Wo der Tanz verdreht ist</translation>
    </message>
    <message>
        <source>at once, within</source>
        <translation>sofort, in</translation>
    </message>
    <message>
        <source>Sets within which it is put right</source>
        <translation>Zählreihen, in denen es in Ordnung kommt</translation>
    </message>
    <message>
        <source>sets, or left</source>
        <translation>Zählreihen, oder so gelassen</translation>
    </message>
    <message>
        <source>from %1 on, %2</source>
        <translation>ab %1, %2</translation>
    </message>
    <message>
        <source>The dancers&apos; count and the music&apos;s agree all through: nothing is turned round.</source>
        <translation>Der Count der Tanzenden und der der Musik stimmen durchgehend überein: Nichts ist verdreht.</translation>
    </message>
    <message>
        <source>The dancers who count on say %1 where the music says %2.</source>
        <translation>Wer weiterzählt, sagt %1, wo die Musik %2 sagt.</translation>
    </message>
    <message>
        <source>put right what is turned round</source>
        <translation>Verdrehtes in Ordnung bringen</translation>
    </message>
</context>
<context>
    <name>lc::app::VersionCells</name>
    <message>
        <source>Versions</source>
        <translation>Versionen</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
</context>
<context>
    <name>lc::app::VersionsPage</name>
    <message>
        <source>stretch or double</source>
        <translation>dehnen oder doppeln</translation>
    </message>
    <message>
        <source>stretch steps</source>
        <translation>Schritte dehnen</translation>
    </message>
    <message>
        <source>two steps in a count</source>
        <translation>zwei Schritte in einen Count</translation>
    </message>
    <message>
        <source>other feel</source>
        <translation>andere Unterteilung</translation>
    </message>
    <message>
        <source>other start count</source>
        <translation>anderer Anfangscount</translation>
    </message>
    <message>
        <source>other foot</source>
        <translation>anderer Fuß</translation>
    </message>
    <message>
        <source>other side</source>
        <translation>andere Seite</translation>
    </message>
    <message>
        <source>ornament in step</source>
        <translation>Verzierung in Schritt</translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation>Was geändert wird</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts</source>
        <translation>Mit Klicks, Schritten und gesprochenen Counts</translation>
    </message>
    <message>
        <source>As a new figure</source>
        <translation>Als neue Figur</translation>
    </message>
    <message>
        <source>Into the vocabulary, beside this one</source>
        <translation>In die Figurensammlung, neben diese</translation>
    </message>
    <message>
        <source>Change the figure</source>
        <translation>Die Figur ändern</translation>
    </message>
    <message>
        <source>The figure is danced so from now on (Enter)</source>
        <translation>Die Figur wird von nun an so getanzt (Eingabe)</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Bound to the figure as another way to dance it (K)</source>
        <translation>Als andere Tanzweise bei der Figur (K)</translation>
    </message>
    <message>
        <source>To have a</source>
        <translation>Gesucht:</translation>
    </message>
    <message>
        <source>Which step is wanted</source>
        <translation>Welcher Schritt gewünscht ist</translation>
    </message>
    <message>
        <source>slow step</source>
        <translation>langsamer Schritt</translation>
    </message>
    <message>
        <source>quick step</source>
        <translation>schneller Schritt</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>Akzent</translation>
    </message>
    <message>
        <source>break step</source>
        <translation>Break-Schritt</translation>
    </message>
    <message>
        <source>on count</source>
        <translation>auf Count</translation>
    </message>
    <message>
        <source>Count of the song</source>
        <translation>Count der Musik</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>wie geschrieben</translation>
    </message>
    <message>
        <source>%1 from count %2 (on %3)</source>
        <translation>%1 ab Count %2 (auf %3)</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>no version here has one there</source>
        <translation>hier hat keine Version dort einen</translation>
    </message>
    <message>
        <source>Which version, begun on which count of the song</source>
        <translation>Welche Version, auf welchem Count der Musik begonnen</translation>
    </message>
    <message>
        <source>“%1” is kept with the figure already.</source>
        <translation>„%1“ ist schon bei der Figur.</translation>
    </message>
    <message>
        <source>keep a version</source>
        <translation>Version behalten</translation>
    </message>
    <message>
        <source>“%1” is kept with the figure. It stands on its card.</source>
        <translation>„%1“ ist jetzt bei der Figur. Es steht auf ihrer Karte.</translation>
    </message>
    <message>
        <source>another version</source>
        <translation>eine andere Version</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>lc::app::VocabularyUndo</name>
    <message>
        <source>“%1” was given another meaning in the meantime and keeps it.</source>
        <translation>„%1“ bekam inzwischen eine andere Bedeutung und behält sie.</translation>
    </message>
    <message>
        <source>“%1” was changed elsewhere in the meantime and stays as it is.</source>
        <translation>„%1“ wurde inzwischen anderswo geändert und bleibt, wie es ist.</translation>
    </message>
</context>
<context>
    <name>lc::app::WordsPage</name>
    <message>
        <source>Word</source>
        <translation>Wort</translation>
    </message>
    <message>
        <source>word</source>
        <translation>Wort</translation>
    </message>
    <message>
        <source>The word as it is said, one to four words</source>
        <translation>Das Wort, wie man es sagt, ein bis vier Wörter</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>school, if it is not your own</source>
        <translation>Schule, falls nicht Ihre eigene</translation>
    </message>
    <message>
        <source>Whose meaning it is; a word can have one meaning for each school, and is then asked about</source>
        <translation>Wessen Bedeutung es ist; ein Wort kann für jede Schule eine haben, und dann wird gefragt</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>1 behind &amp; side 2 side</source>
        <translation>1 behind &amp; side 2 side</translation>
    </message>
    <message>
        <source>Its steps from count 1; empty where it only says how a step is danced</source>
        <translation>Seine Schritte ab Count 1; leer, wenn es nur sagt, wie ein Schritt getanzt wird</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Gives the word this meaning</source>
        <translation>Gibt dem Wort diese Bedeutung</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>The word has this meaning no longer; lines that say it are asked about</source>
        <translation>Das Wort hat diese Bedeutung nicht mehr; bei Zeilen, die es sagen, wird gefragt</translation>
    </message>
    <message>
        <source>school</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>means</source>
        <translation>bedeutet</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>known in</source>
        <translation>bekannt in</translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation>Wörter mit Bedeutung</translation>
    </message>
    <message>
        <source>routine and vocabulary</source>
        <translation>Choreografie und Figurensammlung</translation>
    </message>
    <message>
        <source>routine</source>
        <translation>Choreografie</translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation>Figurensammlung</translation>
    </message>
    <message>
        <source>one&apos;s own</source>
        <translation>eigene</translation>
    </message>
    <message>
        <source>No word has a meaning of its own yet.</source>
        <translation>Noch hat kein Wort eine eigene Bedeutung.</translation>
    </message>
</context>
<context>
    <name>lc::app::Worker</name>
    <message>
        <source>There is not enough memory for this. Close other programs, or take less at a time. Nothing was changed.</source>
        <translation>Dafür reicht der Speicher nicht. Schließen Sie andere Programme oder nehmen Sie weniger auf einmal. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Nothing was changed.</source>
        <translation>Etwas ging schief, das nicht schiefgehen darf: %1. Nichts wurde geändert.</translation>
    </message>
</context>
</TS>
