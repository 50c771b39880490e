<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1">
<context>
    <name>Announcements</name>
    <message>
        <source>Everything lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Findings: %1. %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Core</name>
    <message>
        <source>No mend of the music costs less than %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It costs %1, %2 more than the best.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song is %1 then; %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last pass: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That routine has no song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>One more cannot be read either.|%n more cannot be read either.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>The analysis was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>One place could not be matched: see the doubts.|%n places could not be matched: see the doubts.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One statement about music that is not there was left behind.|%n statements about music that is not there were left behind.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tap|%n taps</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording: it is shorter than four seconds. It can still be played.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no kept features.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The kept features cannot be used.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>three times as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a third as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one and a half times as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two thirds as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>four times as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quarter as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a third faster</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quarter slower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, beside these beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quarter of a beat later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a third of a beat later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half a beat later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two thirds of a beat later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quarter of a beat earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the beat falls elsewhere</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>every bar has %n beat|every bar has %n beats</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, beginning a beat later|%1, beginning %n beats later</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the 1 is a beat later|the 1 is %n beats later</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>bars of %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars of %1 in threes, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how fast the beat is, and where it falls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bpm in threes, as it is counted here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bpm, as it is counted here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how long a bar is, and where the 1 is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, the 1 is here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every beat in three: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every beat in two: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what a beat is made of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the metre of bars %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>here %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>here too %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the length of bar %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat|bar %1 has %n beats</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat like the others|bar %1 has %n beats like the others</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>a stop of %1, the pulse goes on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a stop of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how long the silence is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it starts a bar earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it starts a bar later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where a phrase starts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a phrase starts here, at bar %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a phrase starts at bar %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how long a phrase is</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one phrase of %n beat, from bar %1|one phrase of %n beats, from bar %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. It can still be played; tap along, or type its structure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A fact lies outside the song, which ends after %1 seconds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The stated bars exclude each other. Forget one of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no taps to count by.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The two recordings have too little in common to carry the map over. Open the other one as a song of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The voice is not here: the package espeak-ng-data is missing. Counts are clicked instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The voice could not say “%1”. Counts are clicked instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be written. Choose another folder or make room. The file from before is untouched.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is empty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a sound file that can be read. Try WAV, FLAC, OGG, MP3, M4A or a video with sound.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has %2 channels at %3 Hz, which cannot be played.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%2 is longer than %1 minutes. Cut the piece you dance to out of it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 holds no sound.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 has %n sample that is not a number; it is played as silence.|%1 has %n samples that are not numbers; they are played as silence.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 breaks off: %2 of %3 seconds could be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 breaks off after %2 seconds: its end is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine has no figure “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts of the music begin with 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A set has at least one count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no pass “%1”. Passes are numbered from 1; the routine has %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine has no part “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” says no count. Write 3@65: pass 3 begins on count 65.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a dance family that has a tempo here. There are: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine has no recording, so no sound can be written. Without -o the cuts are listed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Give another name with -o.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is there already, and the map of the mended song would take its place. Give another name with -o, or add --overwrite.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a tempo. Write --tempo auto, or beats a minute from 10 to 600.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A typed structure needs its tempo: add --bpm, for example --bpm 112.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow and quick last longer than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a format of a map.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure is longer than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A bar has at least a part of a count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is filled is longer than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file %1 could not be read to its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of the table has text after a closed quotation mark. Put the whole cell into quotes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of the table has a quotation mark that is not closed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a facing. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 R</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 L</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a pipe, not a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a device, not a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no file %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 may not be read by you. Change its permissions, or copy it to a folder of yours.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be read to its end: the disk or stick reports a fault. Try to copy it, or take another copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>you may not write there. Choose another folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the disk is full. Make room or choose another folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is larger than the system allows here. Choose another folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the folder does not exist. Choose another folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a folder has that name. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing reads from that pipe.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>that is a disk, not a file. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the name is too long. Choose a shorter one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be written: %2 The file from before is untouched.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is far too large: more than %2 MB. Is it the right file?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is larger than %1 MB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is nested more than %1 deep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has more than %1 fields in one object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has more than %1 values</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>pass %1|passes %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>three</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>four</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>five</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>six</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seven</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>eight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not text (line %2). Save it as plain text in UTF-8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is damaged UTF-16 (line %2). Save it as plain text in UTF-8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not UTF-8; it was read as Western European (windows-1252).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>If letters are wrong, save it as UTF-8 first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has bytes that are not UTF-8 (line %2). Save it as plain text in UTF-8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n count|%n counts</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a count. Write a number such as 12 or 3/4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is too large for a count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” does not divide evenly: a count has 20160 parts. Use halves, thirds, … up to tenths, 12ths, 16ths or 32nds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tapped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>imported</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>carried</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not an origin of a song map.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was changed by another window or program since it was opened here. Save under another name, or overwrite it if you are sure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be 10 to 600</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This routine file is damaged: %1 %2. The file was left as it is; take a copy of it from before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not a Lift Count routine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This routine was written by a newer Lift Count (format %1; this one reads up to %2). It was left as it is. Update Lift Count to open it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should not be below 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should have either a figure or a part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stands without a restart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stands without a tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no change of a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has no field “at”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be after its beginning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stands twice in one figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should have 8 roles at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should lie between %1 and 4096 counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should lie above 0 and at most at 64 counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should have own_and before own_a, both inside the count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be an object</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has an unknown field “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has no field “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be a list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be a text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be a number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be a finite number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should lie within a million seconds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be a whole number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is too large</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should lie between %1 and %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be true or false</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (byte %2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at byte %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the text breaks off or is not JSON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one of its fields</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has a value of the wrong kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should have one entry for each beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should lie between 0 and 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should lie between 0.4 and 0.8</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not hold together: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be after from_s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be 2 or -2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be at most a tenth of a second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be later than at_s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no kind of fact that this version knows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stands twice with one school</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should have 1 to 8 roles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should have at least one part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>puts the part inside itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should have at most 5000 passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>should be L, R or B</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no figure of this routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is no role of this routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is above last_id</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is used twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>points to nothing in the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part is named by one word, such as A or Ending.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is a part “%1” already. Take another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That role is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A role needs a name, such as leader or row 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine has at most 8 roles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A role needs a name, such as follower or row 2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine needs at least one role.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure needs a name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine has at most 2000 figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That figure is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That line is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line stands in no figure&apos;s section, so it cannot be a remark of one. Take it out, or write what it says where it belongs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure of this line is no longer there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That part is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine needs at least one part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A place holds one figure or one part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1 cannot be put there: it would lie inside itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A bar has 1 to 24 counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part has at most 2000 figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures cannot be moved before one of themselves.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine has at most %1 passes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That pass is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A restart comes after at least a part of a count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tag is longer than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A bridge is longer than nothing, and stands in the pass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A wait is not shorter than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An ending begins in the pass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In a canon the entries are apart by more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A canon ends after it begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A role enters a canon once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine has at most 2000 exceptions bound to the music.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is to be done at this place of the music. Say a restart, a tag or another exception.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That exception is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That moment is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An accent lies in its figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine has at most 2000 accents.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That accent is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That fact is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A set has 1 to 16 bars.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine has at most 2000 words of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That word is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A moment needs a name in your own words, such as “the big stop”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A song has at most 2000 moments.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A moment lies in the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>song map, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moment “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change the moment “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place of the song file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forget all facts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>way of counting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what “%1” means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forget what “%1” means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>role %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name of a part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a figure out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>copy of a part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place a part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how a figure is danced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a figure out of its part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take figures out of their part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>insert a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>insert figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repeat figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>figures in reverse order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>insert a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>insert passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pin the start of a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unpin the start of a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what a pass is remembered by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exception bound to the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take an exception of the music out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take an accent out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opening stance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>formation: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order of passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restart after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take the restart out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tag of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take the tag out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>touch in place of a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step in place of a touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where the dance starts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave a finding as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look at a finding again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps of a line of the hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line of the hand-out as a remark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a line of the hand-out out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put its steps back into %1, to be mended there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it as a remark of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is settled: take it out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no role “%1”. The roles are %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which steps? Those typed in parts are numbered as they stand there: steps 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there are no steps “%1” before this line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no figure “%1” in this text. Add “figure: %2” with its lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no part “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” cannot be done to a placed figure. Known are mirrored, exchanged, version …, in bars of 3 for 4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write the bars as danced and as written: “in bars of 3 for 4”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“figure %1” leads into no part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1 has no figure %2; it has %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a place in a part. Write for example A 3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” says no place. Write “Bridge, after 16”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name the section of the song: “Bridge, after 16”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after how many counts? Write for example “after 16”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has no meaning here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what of this figure? Write for example “figure 3 mirrored”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” cannot be done to a figure. Known are mirrored, exchanged, in version …, in bars of 3 for 4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not an exception. Known are restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no part “%1” to end with.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where is it added? Write “add after figure 2: Sway” or “add at the head: Sway”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how far apart do they enter? Write “canon 2 apart”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has no meaning in a canon. Known are ripple, together, from, to, enters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>so many figures are not added to that pass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a stance. Write “leader: left free, facing 12”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read: %2 %3. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file of figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not a file of figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These figures were written by a newer Lift Count (format %1; this one reads up to %2). Update Lift Count to read them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The table is empty. Its first row names the columns: name, line of everyone, …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Column %1 of the table is called “%2”, which means nothing here. Take it out, or name it as the export does.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The column “%1” stands twice in the table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The table has no column “name”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of the table has %2 cells, the header has %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1the versions are no JSON text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of the table: %2 %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of the table has a value of the wrong kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1a figure needs a name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This hand-out has more than %1 lines. Paste the dance alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the number of a page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No line of this text could be read as steps. Steps are written with their counts, as in “1-2 rock back L, recover R”, or as a list, as in “walk, walk, triple step”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for people to read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced several times: write how often in the order, for example “Order: A A A”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the order of the parts: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a column for each role</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n wall|%n walls</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>level %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an intro of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 beats a minute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the figure “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a restart, but not in which pass: write “restart in wall 3 after 16”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a restart, but not after how many counts: write “after 16”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restart after %1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its steps take %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tag, but not after which pass: write “4-count tag after wall 3”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tag, but not of how many counts: write “4-count tag”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tag of %1 after %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tag of %1 after %2, danced as written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its steps could not be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not understood: are these steps, or a remark?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a heading with no steps below it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>goes on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps: %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at %1 beats a minute while no song is chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>danced in %n pass until an order is written|danced in %n passes until an order is written</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>but part %1 is not written</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>but there is %n pass|but there are %n passes</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Line %1, “%2”: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>… and %n line more|… and %n lines more</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 again, to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not read, since too much before it could not be</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lyrics, line %1: the offset is a number of milliseconds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is more than %1 lines of words.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has no line that begins with a time such as [1:05.30].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No line of words is marked in the song. Mark a moment (M) of the kind words, or import an LRC file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CSV</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the map as CSV …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CSV with the columns time_s,bar_index,beat_in_bar,phrase_index</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>JSON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the map as JSON …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the JSON that is exported here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MIDI</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the map as MIDI …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MIDI files</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the beats as a list …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lists of beats (a time on each line, and the number of the beat in its bar)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>labels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the map as labels …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>label files (start, end, label, with tabs)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WebVTT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the phrases as WebVTT …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>LRC</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the lines of words as LRC …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds, alone or with the number of the beat in its bar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its time does not come after the row before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>that is more than %1 beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>some rows say the beat in the bar and some do not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The list has no beats. It needs at least two times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No row of the list is the 1 of a bar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The list says no bars: bars of %1 were drawn from its first beat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It says no phrases: phrases of %1 bars were drawn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State where they start.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>has more than %1 beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This song map cannot be read: %1 %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The MIDI file has more than %1 beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The MIDI file is over before its second beat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The MIDI file has no markers: phrases of %1 bars were drawn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These labels are points in time; a phrase needs a start and an end. If the points are beats, save them as a list: a time on each line, and after it the number of the beat in its bar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the first line should read “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row has four columns: time, bar, beat in the bar, phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar, beat and phrase are whole numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar %1 begins with beat %2, not with 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar %1 does not follow bar %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beat %1 does not follow beat %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>phrase %1 does not begin on a bar after phrase %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The CSV has no beats. It needs one row for each beat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The CSV has no bars: every row is a pick-up (bar −1). Number the bars from 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Labels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line has a start, an end and a label, with tabs between them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>start and end are seconds, such as 12.345.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it ends before it starts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a stop says its beats, such as “stop 4”, and has a length.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The label file names no phrases.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The labels reach over more than %1 beats at this tempo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The labels are over before a second beat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>One label that is a point in time is left out.|%n labels that are points in time are left out.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>A label file has no beats: %1 bpm in bars of %2 fit its phrases best.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State the tempo if they should be counted otherwise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a song map. Known are %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The MIDI file could not be made: no room in the folder for temporary files.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A song without beats has no tempo to write as MIDI.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first beat lies before the recording; MIDI has no time before 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The MIDI file could not be made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A beat longer than 16 seconds cannot be written as MIDI.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The MIDI track could not be closed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, line %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it does not begin like a MIDI file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its header breaks off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it holds several songs (format 2); save them one by one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its clock is film frames, which have no beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a track breaks off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an event cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The MIDI file cannot be read at byte %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no passes to paste. Copy some first: choose them in the list of passes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy some first: choose them in a part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this routine has no part “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the text begins with the line “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the part would lie inside itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not known here. Lines begin with title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled, or left as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is said already in line %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no song to which it belongs. Add a line such as “song: intro 16 | verse 32”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the tempo is a number of beats a minute, such as 112.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a moment is a time, a kind and a name: “moment: 13 s, hit, the big stop”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the counting is a unit and the bars of a set: “counting: beat, 2 bars”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a routine has at most 8 roles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a role needs a name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two roles are called “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a frame is “entry 2, close 2”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not known of a figure. Known are %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a figure needs a name: “figure: Vane vine”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a part is named by one word, such as A or Ending.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is a part “%1” already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there are no passes yet. Say the order of the parts first: “order: A A B”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this pass has been told already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write “accent: pass 2, figure 1, count 9, moment 1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the song has no moments. Add “moment: 13 s, hit, the big stop”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” does not say where the line of the hand-out stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not known here. A line that is not settled has text and why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” does not say which finding is left as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is nothing of this kind above it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line %1 is indented, but stands under nothing. Begin it at the margin.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds. Write for example 12.5 s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a whole number from %1 to %2 is missing after “%3”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” should be a whole number from %2 to %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” says nothing about the feel. Known are slow, quick, &amp;, a, stomp without weight.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow and quick last longer than nothing, and &amp; comes before a inside a count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a word is its name, the school that means it so, if any, and its steps: “word: zwirl step, Hofkreis = 1 step &amp; step 2 step”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>once %1|%2 times %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it ends on the other foot than it begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it ends in the middle of an eight, after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it ends in the middle of a set, after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has no repetition %1, in which the turn belongs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order of its lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other names</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>family</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>description</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in one line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taught with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cautions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tags</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line cannot be read to its end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A foot is not free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It may mean: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free; read so now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Called %1, adds up to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its steps fill %1 more than it is said to have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its steps fill %1, %2 short.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let step %1 last %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The feet stay as they are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Call it a figure of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a wait of %1 at its end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has %2, %3 %4: +%5, %1 misses the meet point at %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Both make %n weight change, so the feet agree all the same.|Both make %n weight changes, so the feet agree all the same.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>The roles do not end together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 waits %2 at the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The roles miss each other at the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The roles miss each other at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At this meet point %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two lines say different holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On %1 %2 says “%3”, %4 “%5”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No room for a body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entry %1 and close %2 fill all of its %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A version cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The version “%1” has a line that cannot be read to its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A version has another length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The version “%1” has %2, the figure %3. What follows it moves.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A version leaves another foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The version “%1” leaves the %2 foot free, the figure the %3. Versions that share a place must leave the same foot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half a bar is left over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to the next bar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No whole number of bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 = %2 bars of %3; %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step is quicker than your limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step on %1 has %2 s at this tempo; your own limit is %3 s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A turn is faster than your limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The turn on %1 runs at %2°/s at this tempo; your own limit is %3°/s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tail is not written yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After %1 the line goes on with “…”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not timed yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an even number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an odd number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they should be on the same foot, but %1 has the %2 free and %3 the %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they should be on opposite feet, but both have the %1 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 goes on for %2 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>then the %1 foot free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 foot free before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>starts %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with a turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without a turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say the lengths of the figures that may fill the counts, such as 6 and 8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure is at least a quarter of a count long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between one and 4096 counts can be filled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are more than 100,000 ways to fill %1 with these lengths. Take fewer of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fillers are made for 1 to 64 whole counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the figure has no frame: say how many counts are its entry and close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry and close leave no room for a body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its line cannot be read to the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 are needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has no line for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step of the figure reaches over the end of its entry or body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begins with the %1 foot, the %2 is free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leaves the %1 foot free, the close needs the %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begins with %1, here it is %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begins %1, here it is %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends with %1, the close has %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends %1, the close is %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs the %2 foot; the %3 is free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 begins %2; here it is %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3: one role alone changes feet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1, at %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known: a part is free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to the right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to the left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 forward</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the spot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 &amp;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first; its versions stand here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the other foot first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last step on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are %1 versions. Change fewer steps to see them side by side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stretched</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The roles have no version in common: their steps fall differently.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one step stretched to two counts|%n steps stretched to two counts</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>one pair in one count|%n pairs in one count</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>no count left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 left to the 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1: %n version of %2, %3 foot free, %4|%1: %n versions of %2, %3 foot free, %4</source>
        <comment>%1: one pair in one count; %4: 2 counts left to the 1</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; %n ends with a step on %2|%1; %n end with a step on %2</source>
        <comment>%1: all that is said before</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>said %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the same line in the other feels that it can be said in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line can be said in its own feel only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leaves the %1 foot free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begun on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends before %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>breaks on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the same figure begun on another count of the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 of %2 is not a step with weight. Choose another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ornament of %1, step %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 s each, wrong foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 s each, over your limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 s each, fits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the time of step %1 of %2: an odd number of changes leaves the foot as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the time of step %1: an odd number of changes leaves the foot as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are more than 20,000 versions of this line. Change fewer steps, or a shorter line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step of this line lasts exactly one count; only such steps are stretched or doubled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No two steps of one count follow each other in this line, so none can share a count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>At most one pair of this line can share a count. Ask for no more than that.|At most %n pairs of this line can share a count. Ask for no more than that.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The steps of this line can be stretched by one count at most. Ask for no more than that.|The steps of this line can be stretched by %n counts at most. Ask for no more than that.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 + %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>step %1|steps %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>A version changes one step or more, stretches it to two counts or more, and fills more than nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That bridge is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That change is no longer there; nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no music at that place to bind it to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No pass is danced there that could keep it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Passes %1 and %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Passes %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>passes %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count %1 of %2 in pass %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 waits for a moment that is not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song has no such moment any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” lies outside the counted song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has lost its accent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not danced: it is left out or cut off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is %2 late for “%3”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is %2 early for “%3”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It falls %1 ms after the moment at %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It falls %1 ms before the moment at %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In pass %1 on count %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has %1 s at the song&apos;s tempo; your own limit is %2 s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it runs at %1°/s at the song&apos;s tempo; your own limit is %2°/s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A large step in a fast turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a large step is taken while turning at %1°/s. Make it smaller, or turn less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing calm follows %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is demanding, and no wait, touch or balance comes within four counts after it. A breath there helps to stay on balance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take care: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n more place|%n more places</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>A figure needs a corner of the room</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is danced in %1. See on the floor that the couple is in a corner there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The restart after pass %1 cuts a turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ending after pass %1 cuts a turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The %1 turn from count %2 is done at the end of count %3; the cut after %4 leaves it out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next pass faces %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The restart in pass %1 does nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stands after %1, but the part has only %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cut after %1 comes before the last are done, so that counts are taken: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All end together, so that counts are taken: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They then do not all face the same way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The canon of pass %1 trims those who enter later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tag in pass %1 cuts %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tag in pass %1 is longer than %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bridge in pass %1 cuts %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bridge in pass %1 is longer than %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: the last %4 of it are not danced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: after it everyone waits %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is bound %1 does nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This song has no such place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No pass is danced there, or it begins or ends just there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cut of pass %1 after %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tag after pass %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wrong foot into pass %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; count 1 needs the %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same into %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wrong foot into %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; %3 needs the %4, on count %5 of the pass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold or position does not fit into %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, after %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Partners do not come to their places in pass %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is %2, %3 %4: one of them lacks the counts to walk there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The feet do not answer each other after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They should be on the same foot; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They should be on opposite feet; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read to its end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 says a foot that is not free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At %1, character %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has %2, %3 has %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They do not meet at the end of the figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They do not meet at the end of the part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the whole part %1 is %2 short.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In %1 %2 is %3 short</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line %1 of the hand-out: “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1 has no steps yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is in the order but takes no counts. Place figures in it, or type its counts, for example %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps of %1 have no count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Danced in bars of another length it loses %1: they stand on counts that these bars do not have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n step|%n steps</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 starts %2 into %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1 starts %2 before %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has %2; this pass begins on its %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its count 1 falls on the music&apos;s %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 follows, off by as much.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 follow, off by as much.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At %1 the dancers say %2 where the music says %3, for %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the music&apos;s 1: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The breaks fall on %1 of the music.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The breaks fall on %1 instead of %2 of the music.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Within them the difference changes more often than once a set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At %1 they agree again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After that it goes on so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then it differs by another amount.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stays so to the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned round from %1 on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1 is pinned to a place that this song does not have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It should start %1; it starts where the pass before it ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1 cannot start where it is pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It should start %1, %2 earlier: the passes before it are over only here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song ends %1 into pass %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1 would start after the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 would have no music.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance is %1 longer than the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of music are left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance ends at %1, facing %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is danced in bars of %2; the music has no such bars there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pass ends %1 early.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pass ends %1 late.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1 counts bars that the music does not have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps go on through the stop at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>The music stands still for %1; %n step is danced in it. Count it aloud, or let everyone wait.|The music stands still for %1; %n steps are danced in it. Count it aloud, or let everyone wait.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>No pass then starts a phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No pass then lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one pass then starts a phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one pass then lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not even the one pass then starts a phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not even the one pass then lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every pass then starts a phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every pass then lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None of %1 passes then starts a phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None of %1 passes then lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then starts a phrase.|%n of %1 passes then start a phrase.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then lands.|%n of %1 passes then land.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Then: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>And %n more finding.|And %n more findings.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 then begins facing %2 instead of %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is turned round for %1 only.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the music&apos;s 1 then: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step instead of the last touch of part %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step instead of the last touch of %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End these passes with a touch in place of the last step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step again on the last change of pass %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the last change of pass %1 a touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut pass %1 after %2 instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finish the turn: cut pass %1 after %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut before the turn, after %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn on into the next pass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave the turn out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the restart out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the typed steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the last step of %1 a touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance %1 in the version “%2”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance %1 to the other side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance it to the other side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let %1 end it with a touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let %1 step instead of the last touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let pass %1 be danced whole.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let every role finish; the next pass starts when the last is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>canon as a ripple</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the tag %1 long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let everyone wait in it instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the bridge %1 long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bridge as long as its figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let %1 wait for the last %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance its bars as they are written in pass %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars as written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance its bars as they are written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start on the 1 of %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the tag after pass %1 out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance pass %1 whole.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the tag after pass %1 %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut pass %1 after %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>the last pass|the last %n passes</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2, and take out %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take out %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n more pass of %1|%n more passes of %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Add %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add %1; the song ends inside the last one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2, the last change a touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin again on the 1, with a touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count from 1 again after the tag of pass %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance %1 (%2) after pass %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1, the last change a touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave it: at %1 it comes right by itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it comes right at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unpin it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance the bars as they are written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance the bars of the part as they are written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let everyone wait through the stop; what follows comes %1 later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait %1 before pass %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait %1 less before pass %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a shorter wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let the accent go.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n step a minute|%n steps a minute</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is stepped yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the quickest %1 s (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the fastest turn %1° a second (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps and turns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; beyond your own limit for turns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kicks and sweeping legs need room: look behind you, keep them low where others stand near.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fast turns want a small base: feet close, weight over one foot, eyes early to the front.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A large step into a turn throws you off: make it smaller, or turn less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Joined hands show the turn and do not pull: no force through the arms, let go when it hurts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Jumps, stomps and slides want a dry, even floor that gives a little.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shoes that let the foot turn, and hold the heel.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warm up before this one, and begin it slowly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rest between full runs; stop when you are tired.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing stands in these brackets. Write a position or a hold, such as [open] or [L-R].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A height needs the hands that are held, as in [L-R low].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a position or hold. Known are closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R and the like, both hands, crossed hands, no hands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A hand is held twice here. Each hand holds one other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a feel. Known are straight, swing, rolling-thirds, rolling-quarters and own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>straight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swung</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rolling by thirds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rolling by quarters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in fractions of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: &amp; and a are %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: &amp; is %2, a is %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” lasts %2, but the next step comes before that is over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Called %1, adds up to %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count %1 says the %2 foot, but the %2 foot carries the weight.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>If the stomp on %1 takes no weight, write stomp-up there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” stands beside a silent %2. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the end of a silent %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a part of count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a filler word, no step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts, character %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” closes nothing here. Parts of a count stand in braces, as in 2{side, close, side}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“…” says that the rest is not written yet; nothing follows it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is opened here and not closed. Write %2 at its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” means nothing here. Write counts, words, L or R.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After 7 a silent 8 was put before this 1. Write “8 wait” to say so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line is said in slow and quick. Keep to one way of counting in a line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line is longer than %1 counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range needs its last count, as in 1-4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range goes up: %1-%2 or later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“e” has no place in a swung count: &amp; and a both fall at 2/3. Say the line straight, or use &amp;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“e” has no place in a count of your own: &amp; falls at %1, a at %2. Use one of these.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“e” has no place in a count of thirds: &amp; falls at 1/3, a at 2/3. Say the line straight or by quarters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line is said in slow and quick; give the step its own length, as in Q:1/2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is read as the end of a silent %2. If it belongs to %3, write it next to the number: %4%5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp; and a fall on the same moment in a swung count (2/3). Take one of them, or say the line by thirds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is in this count already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” comes before what was said last. In a count the order is e &amp; a.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line is said in counts. Keep to one way of counting in a line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A letter needs a count, not slow or quick.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A length follows its count, as in 1:2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A length stands before the brace, as in 2:2{side, close, side}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A length is a number of counts such as 2, 3/2 or 1/2 that divides a count evenly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” needs its count before it, as in “1 %2”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A turn is counted in eighths: 1/8, 1/4, 3/8, 1/2 … up to 8 whole turns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which way? Write %1 R or %2 L.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two feet on one count. Say one of them, or “both”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A brace follows its count, as in 2{side, close, side}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“{” is opened here and not closed. Write } at its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Braces divide a count into 2 to 32 parts, as in 2{side, close, side} or 2{3}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One count does not divide evenly into %1 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 counts do not divide evenly into %2 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has no place inside braces: they hold the parts of one span, divided by commas.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing stands between these quotation marks. Write what is called out here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A cue is called here already: “%1”. Put both into one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After + stands what goes on beside the feet, as in “4 touch + clap”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“@%1” is not a direction. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock, or a word such as @line or @window.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“#%1” is not a care mark. Known are %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>music numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of the eight on its 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the figure&apos;s own numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stepped counts only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow and quick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is there already. Use &amp; for the half, or go on to %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 comes after %2. Counts go up, or begin again at 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A count is a number from 1 to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page %1 is empty or damaged: there is no text in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The page %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The document %1 is damaged, has a password or is too large, and cannot be read. Save it anew without a password, or copy its text and paste that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print %1 is damaged and cannot be read. Save it anew, or copy its text and paste that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print %1 has a password. Save it without one, or copy its text and paste that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print %1 has %2 pages. Copy the dance out of it and paste that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The print %1 has no text in it, only pictures of text. Type the dance, or have the text recognised by another program and paste it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whenever you start %1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whenever you start %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1, if you start %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in an %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in a %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after an %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after a %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every second pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every third pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every fourth pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the first pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the last pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on a phrase of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tag of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2; there is no short rule for it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at the head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 danced twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 after %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>partners exchanged in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait of %1 before count 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bridge of %1 after %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bridge of %1 after %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shorter bars as the music has them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as a tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ending %1 after %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No cuts and repeats that cost less than %1 put it right, and there are too many dearer ones to compare. Plan the dance instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are too many cuts to compare them all. Allow shorter ones.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cost of a %1 is %2. Costs are whole numbers from 0 on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song has no bars yet. Open a song or type its structure first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine has no passes yet. Give the order of the parts first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts of this song are longer than its bars, so that whole bars cannot be cut. Count it by beats for this.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance does not begin with a bar of the music, so that whole bars cannot put it right. Change where it starts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comparing cuts was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No cut and no repeat</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>One change: %1|%n changes: %1</source>
        <comment>%1: without bar 33</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1; every pass then starts a phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1; %n pass does not.|%1; %n passes do not.</source>
        <comment>do not start a phrase; %1: a change of the music</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>The music ends %1 before the dance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song has no phrases yet. Open a song or type its structure first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A %1 of %2 is none. It has to be above 0 counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A cut after %1 leaves nothing of a pass. Cuts are above 0 counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The part for the opening or the ending is not in the routine any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1 has no counts yet, so that passes of it cannot be planned.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More than %1 different exceptions are possible: more than dancers can tell apart. Allow fewer cuts, tags or changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figure at hand may be used. Allow other lengths or levels.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are too many ways to compare. Ask for fewer counts, or allow fewer figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between one and 256 counts can be filled, not %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each figure may come at least once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filling was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song has no phrases. Give their lengths in counts, for example 32,32,16,32.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A phrase has %1. Every phrase needs a length above 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song is longer than %1 counts. Plan it in pieces.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance has %1. It needs a length above 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance is longer than %1 counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A cut after %1 does not lie inside the dance of %2. Cuts are above 0 and below the dance&apos;s length.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tag of %1 is none. Tags are above 0 counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tag of %1 is longer than any song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 different cuts and %2 different tags are allowed: more than dancers can tell apart. Allow at most %3 together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A turn done with count %1 does not lie in the dance of %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags, or such in whole counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer cuts and tags.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a turn. Write the part of a turn, right positive, and the count it is done with: -1/4@28.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A turn of %1 leaves the eighths of the clock. Use eighths of a turn, such as 1/4 or -3/8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cost of %1 is %2. Costs are whole numbers from 0 to %3; the higher, the more is done to avoid it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a cost. Write for example miss=10,restart=3; the costs are %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cost “%1” is not a whole number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a pass that misses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a restart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each different kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each count it misses by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a wait at the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a bridge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a figure as a tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a figure changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a pass in shorter bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an opening</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an ending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a change in the first quarter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a change in the last quarter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each different place of a change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a cut inside a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a cut inside a turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step made a touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an accent that misses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the wrong facing at the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the music ends inside a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first pass begins off a phrase: change where the dance starts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After pass %1 no phrase begins any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 more would land it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 fewer would land it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything could land for %1, but as it is priced a miss is the lesser evil.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a miss dearer to have it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>With all that is allowed, at least one pass misses.|With all that is allowed, at least %n passes miss.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>This plan misses more, since that is cheaper.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Allow other tags, bridges or changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opening %1 first</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one restart, %1|%2 restarts, %1</source>
        <comment>%1: after 16 of pass 3</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>after %1 of %2 with a touch at the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one tag, %1|%2 tags, %1</source>
        <comment>%1: of 4 after pass 3</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>of %1 after %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no restart and no tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one more pass|%1 more passes</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>every pass then lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one pass does not land|%1 passes do not land</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>No plan costs less than %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next costs the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next best costs %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole, facing %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after %1 of %2, facing %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line of dancers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A restart is as bad as a tag and a half, and every new kind as bad as a tag.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line of beginners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Few kinds, and rather a tag than a restart: everyone must remember them. Nothing in the first quarter, where they still learn it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a couple at a social</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A wait of two or four is easily led, a restart is not, and a figure may always come twice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a stage group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is rehearsed: what matters is that all lands, with the accents.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing may miss, waits are seen, and the end is seen most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is possible: a pinned start cannot be kept whatever is done. Take the pin away, or allow more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exceptions could stand at more different places than can be told apart. Let places cost nothing, or allow fewer exceptions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer exceptions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what makes the pass differ</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Planning was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has no beats yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The place where the dance starts is not there; it is planned from the first phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At once: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At once: nothing that can be done within the first set helps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: %1.|Within %n sets: %1.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: nothing that can be done there helps.|Within %n sets: nothing that can be done there helps.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it: at %1 the music undoes it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave it: then it differs by another amount.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave it: it stays so to the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meanwhile the breaks are %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the last change a touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its tag left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin again on the 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin again on the music&apos;s 1, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait for the 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait %1 after pass %2 and count from 1 on %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Never turned round.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 danced turned round in all.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The partner notices: a foot or a hold does not fit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A foot does not fit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both make a touch of their last change; feet and holds fit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The feet fit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The partner need not notice: feet and holds fit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The breaks are again %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The breaks are then %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n new finding.|%n new findings.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>with both feet on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2 longer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Best plan there, for %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song ends there: nothing follows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A count-in has 0 to %1 counts, not %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tempo of practice lies between %1 and %2 percent of the song&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no ladder of tempi. Write from, to and step in percent with colons, for example 60:100:5, or 60:100:5x2 for each twice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to practise between these two places.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to tap to: choose a place with two counts and more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four taps and more are needed to say how you tap; there were %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lands on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no pass lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the one pass lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not even the one pass lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every pass lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none of %1 passes lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one of %1 passes lands|%n of %1 passes land</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Restart</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%1 after %2 (begins facing %3, leaves facing %4)|%1 after %2 (begin facing %3, leave facing %4)</source>
        <comment>%1: pass 2, passes 2 and 7</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1, cut by the start of the next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, the turn danced to its end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Added</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2 after %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2 at its head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as written in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 as “%2” in %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In bars of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Places exchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, then count from 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last step a touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 before %2, which starts %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 before %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Optional ending, not danced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 after %2, part %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Canon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, entering %2 apart, every role finishes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, entering %2 apart, all end together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 starts %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>one wall|%n walls</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intro %1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intro %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the one in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the one after the stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the one with the stop in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the one after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the only one that begins facing %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the last one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the first %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the second %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the third %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the fourth %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the fifth %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the sixth %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the seventh %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the eighth %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>There %1, here %2; %n finding there, %3 here.|There %1, here %2; %n findings there, %3 here.</source>
        <comment>%1 and %2: 6 of 7 passes land</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of music would be left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance would be %1 too long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance and song would end together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The place where the dance starts is not there: it would start on the first phrase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>solo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>couples in the line of dance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>couples in a slot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an open chain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a ring</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pairs facing each other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a formation. Known are %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the line of dance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>diagonally to the wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>diagonally to the wall, against the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>against the line of dance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>diagonally to the centre, against the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the centre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>diagonally to the centre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>home</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 are written</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1|%n counts are said, but %1</source>
        <comment>%1: 30 counts are written</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wall is said, but the turns that are written make %1|%n walls are said, but the turns that are written make %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the 1 of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1, after %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order, character %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” repeats the part before it; name the part first, as in “A x4”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a part is repeated 1 to %1 times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no part “%1”. The parts are %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more than %1 passes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1 lies inside itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts lie in parts, %1 deep and deeper, from part %2 on. Nobody keeps count of that; place the figures themselves.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1 comes to more than %2 figures with the parts that lie in it. That is more than anybody dances; place fewer parts in parts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The passes come to more than %1 figures in all. That is more than anybody dances; take passes out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The passes come to more than %1 steps in all. That is more than anybody dances; take passes out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far is this turn?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a quarter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>once round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>three quarters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which way is this turn?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to the left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to the right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 feet are said for %2 steps. Say the first foot alone, or all of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The turn is read on step %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” says how something is danced, not what. Is it a touch or a step?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a touch, without weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step, with weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1 %2” can be one step or two. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one: %1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two: %1, then %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A foot and “%1” can be one step or two. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one: a %1 of that foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two: a step, then a %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where does “%1” belong?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is a step of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it goes with what follows it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“cross %1” can be one step or two. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two: a cross, then %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one: a cross %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two: a step to the %1, then %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one: the %1 foot closes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one: a %1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two: a %1, then %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“step %1” can be one step or two. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two: a step, then %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one: the step that closes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does “and” join two steps, or is it a half count?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it only joins them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the step after it is danced on the half count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is this another %1, or a step?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a %1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These counts lead in; the line begins with the 1 after them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced on %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is something danced on these counts, or do they lead in?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced on 1 to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do these counts lead in, or is something danced on them?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they lead in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has no place in a count that is %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4, or for a silent count after others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is this the count after %1, or %2 itself?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a silent %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is danced on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the feet of its steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the figure again, on the other foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the figure again, on each of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps of their own</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after it say?|What do the feet after it say?</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after “%1” say?|What do the feet after “%1” say?</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Is this danced for %1 counts, or on count %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for %1 counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say one step before count 2, or say count 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is this danced on count %1 or after it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after it, on count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Are these %1 steps, or is it a step on count %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step on count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” stands before the first count. Say on which count it is danced, or say the line without counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is “and” the half count here, or does it join two words?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the half count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it joins them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is danced %1 times?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all that stands before it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the step: %1 steps of %2 counts each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of that length is said before it that could be repeated.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 counts are said for it, but what is repeated has %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is it danced on the other foot?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no: on the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is said before it that could be repeated.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line is repeated 2 to 64 times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only what follows the last comma</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is this turn a step, or does only the body turn?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step: weight goes to the other foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only the body turns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does this turn take a count of its own?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes: weight goes to the other foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no: it is danced with the step %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say slow or quick before each step of this line, or counts instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two steps are said on one slow or quick. Say slow or quick before each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long is this?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it says where the figure goes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a word that is known here. What does it say?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>your own: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as %1 has it: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it is usual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has several meanings. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something is said here on a count that is silent.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the count after them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the last of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on each of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One step is named for %1 counts. On which is it danced?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on these counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step on each count, then this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Is this danced on these counts or after them?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This figure has %1 steps, and the counts leave room for one. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one step of that name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its own rhythm, over what follows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The counts say another rhythm than the words. Which is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the words, from count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the words, in their own rhythm from count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step on each count as far as they go</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as many as there are counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step on each count, then the words</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1. Which is meant?|%n counts are said, but %1. Which is meant?</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step is named|%n steps are named</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how the step is danced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step of its own, with weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a step of its own, without weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line says that the weight is on the %1 foot, but by its steps that foot is free.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A word and the name of its school have at most 80 letters each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give %1 as one to four words.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a word: a name has letters alone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 always means the same (a count, a foot, a side, …) and cannot be given another meaning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meaning of %1 has at most 400 letters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meaning of %1 cannot be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meaning of %1 can be meant in several ways: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The meaning of %1 has counts, steps and turns alone, from count 1 and over at most 64 counts: 1 behind &amp; side 2 side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1|%n steps as %1</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, without weight|%n steps as %1, the last without weight</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, %2 with weight|%n steps as %1, %2 with weight</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how a step is danced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>something beside the feet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count %1 lies outside the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That moment lies before the first beat or after the last.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the pick-up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>two|twos</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>three|threes</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>four|fours</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>five|fives</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>six|sixes</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>seven|sevens</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eight|eights</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>nine|nines</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>ten|tens</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eleven|elevens</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>twelve|twelves</source>
        <comment>a set of counts</comment>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>set of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sets of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a way of counting. Known are beat, half-beat, two-beats, bar and bar-group.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a kind of moment. Known are hit, stop, entry, change, lyric and other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar %1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars %1 to %2 (%3)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars %1 to %2 are not in the song, which has %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing would be left of the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no beats yet for: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This lies outside the song&apos;s beats: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These exclude each other, since there is one beat for both: %1, and %2. Forget one of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These exclude each other: %1, and %2. Forget one of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, not %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here a tempo in beats a minute is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 beats a minute.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A held beat ends after it begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a fact. Known are one, bar, beat, tempo, metre, phrase, stop and fermata.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is more than a %2 needs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Facts, line %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here a time in seconds, such as 12.345, is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A time is not negative.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part of the song ends after it begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here a number of beats is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, with groups such as 7:3+2+2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A stop ends after it begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 from %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the metre is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a 1 at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>the bar at %1 has %n beat|the bar at %1 has %n beats</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>a phrase starts at %1 and has %n beat|a phrase starts at %1 and has %n beats</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>a phrase starts at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the phrase at %1 is called “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a beat at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the tempo is %1 bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a stop of %1 from %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every beat %1 ms earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every beat %1 ms later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a beat held from %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a metre: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write it like 4/4, 3/4, 6/8 or 7/8:3+2+2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a bar has 1 to 24 beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a beat is a 2, 4, 8 or 16.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>groups are written like 3+2+2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a group is missing after the last +.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its groups must add up to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beat %1 has no time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beat %1 is not later than the beat before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pick-up is longer than the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bar %1 does not follow the bar before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bar %1 has no beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The groups of bar %1 do not add up to its beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bars do not cover all beats of the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Phrase %1 does not follow the phrase before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The phrases do not cover all bars of the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A stop ends before it starts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song ends before its last beat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n beat|%n beats</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n bar|%n bars</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n phrase|%n phrases</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Structure, character %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after @ comes a tempo such as @112 or @112&gt;90.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tempo lies between 10 and 600 bpm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is nothing between two bars. Write a section, for example “verse 32”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a fermata lasts longer than no time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many beats? Write a number after the name, for example “verse 32”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a section has 1 to %1 beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number needs a name before it, for example “verse 32”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is one word too many. Part the sections with |.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how long is it held? Write for example “fermata 1 3.2s”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only a fermata has seconds; a section has beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the pick-up comes before everything else.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” belongs to a section: name the section first, for example “verse 16 | stop 4”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the song has more than %1 beats.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 bpm, not %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first beat needs a time in seconds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too few taps agree with each other. Tap at least four, better sixteen, one on each beat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The taps lie before the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steady within %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>World DanceSport Federation rules; from memory</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>common practice, no source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waltz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tango</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>viennese waltz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow foxtrot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quickstep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>samba</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cha-cha</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rumba</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>paso doble</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>jive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bachata</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hustle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>jig</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lindy hop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line dance, easy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line dance, quick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ländler</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mazurka</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>merengue</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>musette waltz</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>polka</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rotary hambo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>salsa</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>schottische</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>square and contra</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two-step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>music that the other recording did not have, or a cut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it belongs to the phrase before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every 1 is a beat later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Routine without a name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To remember: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order of passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No passes yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, counted in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WAIT %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>RESTART after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>TAG of %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>BRIDGE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>OTHER SIDE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PLACES EXCHANGED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CANON</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CHANGED, see above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, then %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>face</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, count %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both feet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warm up first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dry floor, shoes that let the foot turn, room around kicks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rest between full runs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Music at a comfortable volume.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is not saved cannot be kept in “%1”: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unsaved work in “%1” cannot be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is damaged: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its first line does not end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is not a journal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A newer Lift Count wrote it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walk four</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>walks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four plain walks forward, one on each count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walk back four</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four plain walks backward.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow walks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two walks that take two counts each: time to show the leg.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walk and touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three walks and a touch that keeps the foot free for the way back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toe strut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heel strut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>improver</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toe down without weight, then the heel: two counts for each foot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>March in place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eight steps on the spot; a rest for the head.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>warm-up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cross walks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walks that pass across the line of travel.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Triple in place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>triples</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three changes of weight in two counts, on the spot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chassé to the side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>side triple</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side, close, side in two counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shuffle forward</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forward, close, forward in two counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back, close, forward</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A triple that turns the travel round without turning the body.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Behind, side, side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A triple that begins behind and sways to the side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Locked triple</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The second step locks behind the first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Polka step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A hop before the count leads into a triple forward.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>folk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rolling triple</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>experienced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A triple that is always rolled: its second step comes on the third third.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rock and replace</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rocks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Weight forward, and back again where it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back rock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Weight back, and forward again where it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rocking chair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rock forward and back with one foot, four counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side rock, cross</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rock to the side, then cross over and wait.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cross rock, side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rock across, replace, side: the free foot changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Break and close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half basic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Break forward, replace, close, and a count that is waited.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>break</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Crossed box</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>boxes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Across, back, side, forward: a small box on the spot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Crossed box with a quarter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The box, with a quarter turn on its third step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow box</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow forward, quick side, quick close, and the same back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>couple</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Box in three</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The box in bars of three.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Six with two triples</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>six-count basic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>six-count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Triple, triple, back rock: the basic of six.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Six in single time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two slow sways and a back rock: six counts, four changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Six that passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The partner passes down the slot and both end turned round.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Six to the open side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Triple into promenade, triple back, back rock.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eight that circles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>eight-count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rock, triple, two walks and a triple; both circle round once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Break on 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forward and back breaks; counts 4 and 8 are waited.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Break on 2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same walk begun in place, so that the breaks fall on 2 and 6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lead across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The partner is led across; both face the other way after it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side and touch, both sides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>side basic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side, close, side, touch; and back again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Break and chassé</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two breaks with a chassé after each; it begins to the side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Balance in three</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waltz balance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forward and back, with two light steps on the spot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Travelling in three</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Six steps along the line of dance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Half turn in three</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A left half turn in six counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Twinkle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Across, side, close, to each side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hesitation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One step in three counts; the other foot draws near.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mazurka step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Glide, close, hop: the accent is on the second.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step, half turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pivot half</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step forward and turn on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three-step turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A whole turn to the side in three steps, then a touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spot turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A whole turn left on the spot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paddle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four touches that push the body an eighth each time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cross behind and unwind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toe behind, then the body unwinds on both balls; weight ends on the toe that was behind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chain of halves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four half turns along a line: eyes first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn under the arm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back rock, then the follower turns once under the raised hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn in four steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The follower walks round once in four counts; the leader stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vine and touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side, behind, side, touch.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Long vine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>weave</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eight counts to the side, behind and across in turn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ring vine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Across, side, behind, side: for an open ring.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vine with a quarter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The third step turns a quarter; the free foot brushes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scissor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side, close, across, and a wait.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kick-ball-change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kicks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A low kick, then two quick changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kick twice and behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kick forward and to the side, then behind, side, side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heel switches</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heel, close, heel, close: two heels in two counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Point to each side; each foot closes on the &amp;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swinging kick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forward, kick, back, touch: the leg swings through.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hitch and hook</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forward with the knee up, back with the shin across.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stamp three</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stamps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three stamps with weight, and a silent count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stamp and clap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A stamp without weight, a clap, twice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stomp, kick, back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A stomp without weight, a low kick, and two steps home.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heel drum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Five beats of the heels in two counts, divided as the ear likes it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ring six</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three steps to the right, a lifted foot, one step back, a lifted foot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Long, short, short</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One bar of seven, counted by its groups: 3 + 2 + 2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step-hop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A step and a hop on it, to each side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three and hop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three walks and a hop on the last foot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Setting step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side, a light cross, and place: three changes in two counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Buzz step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One foot stays in front and the other pushes round.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two-step along the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Quick, quick, slow, slow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Long walks and a close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow, slow, quick, quick, and a slow touch: eight counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow, quick, quick, slow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Six counts: a dance in eights asks for an extension.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ball change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two changes of weight in one count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Behind, side, front</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A linking triple that leaves the body where it faces.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step, touch and clap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side and touch, with a clap that can be taught later.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lunge and recover</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two counts down to the side, two counts home.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pose, look, breathe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four counts without a step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Triplet run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three even runs in each count.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Jump out and in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feet apart, feet together, and two counts to stand; the next foot is said by what follows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Long slide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One long step to the side, and the other foot closes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eight of your own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eight counts to dance as you like; they end with the right foot free.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 is damaged and cannot be read. It was left as it is: put a copy from before in its place, or move it away to begin a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 may only be read here. Nothing was changed; figures can still be taken into a routine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 cannot be opened. Look whether its folder is there and may be written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full. Nothing was changed; make room and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full or gone. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 is being written by another window. Nothing was changed; try again in a moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be used (%2). Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 holds a figure “%2” that cannot be read: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure needs a name before it goes into the vocabulary.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file %1 is a database of something else, no vocabulary of Lift Count. It was left as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary %1 was written by a newer Lift Count (format %2; this one reads up to %3). It was left as it is. Update Lift Count to use it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This figure is no longer in the vocabulary.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. Nothing was changed here; look at it as it is now and change it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure cannot be merged with itself. Choose two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This word is no longer in the vocabulary.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Files</name>
    <message>
        <source>“%1” is there already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing would put the new file in its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Legend</name>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>phrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>doubt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the &amp;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>they say</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finding</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both feet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn %1, done at the end of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>towards %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beside the feet: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>called: “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %L2 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing written yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either to either</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either, then the other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either, the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>facing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>joint</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Strips</name>
    <message>
        <source>touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, a touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>jump</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not timed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gesture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>L</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>R</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 faces %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>round %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held %L1 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the other %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before the dance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tag %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>canon, ripple</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>canon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pinned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars %1–%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1, %2–%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>passes %1–%2 alike, %3 each, %4 · click or Enter unfolds them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::ArrangeStage</name>
    <message>
        <source>Type the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to the line of the first role: of the figure in Steps, else of the part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type the order of the parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a figure at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its name puts it into the part, after the figure at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures at hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary beside the strips, to drag from; again to put it away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repeat the chosen figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A copy after them (Ctrl+D)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance the chosen figures to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left and right change places; again to undo it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Partners exchange lines in the chosen figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first role dances the second&apos;s line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reverse the order of the figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of those chosen, or of the whole part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance the chosen figures in threes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars of three: what falls on the fourth count of each bar is left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the chosen figures out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Out of the part; they stay in the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restart after the count at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut the pass at the caret after that count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tag after the pass at the caret …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Extra counts after the pass at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the pass at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the pass out of the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What makes this pass differ</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type it: restart after 16, tag of 4, mirrored …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This pass to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left and right change places in the whole pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Places exchanged in this pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Partners dance each other&apos;s lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>places exchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Last change of this pass a touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>So that the other foot stays free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>touch in place of the last step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pin the start of this pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It starts there whatever comes before; again to unpin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bind what differs to the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line at the cursor of the pass panel then stays with its place in the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Canon in this pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The count at the caret meets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to its count 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To the count 1 of this pass, then of the one before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make it land …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plans: the fewest changes that make every pass land, with what they cost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plan plans fix solve restart propose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edits of the music …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The fewest cuts and repeats of whole bars on which the unchanged dance lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mend the music cut repeat edit song shorten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Get back on the 1 …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At once, within some sets, or left until the music undoes it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put a turned-round dance right count one off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settle the hand-out …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its lines, what each was read as, and what is open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill the phrase …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every way to go on with figures at hand so that the phrase is full and the feet fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plans keep this pass as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its restart and tag stay; again to free it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try the routine on another song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or another edit of this one, or another tempo: which passes land here and which there, before anything is changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find a matching song or dance …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The files of a folder, the best fit first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which song for this dance rank suits fits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tempi of dances …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is usual, with its source; at what per cent this song would fit, and how fast the routine is there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tempo speed bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Formation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open it and go to its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next remedy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the next remedy of the open finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Preview what is chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A remedy or proposal on the strips, again to take it off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Apply what is chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The remedy or proposal; Undo takes it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave the finding as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why, and put it aside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fold the findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or unfold them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Eight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A set a line, with the words of each step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>List of passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The passes as a table, in the place of the strips; again for the strips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fold like passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In long routines those danced alike share a line; again to fold anew, once more to see all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 apart, every role finishes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 apart, all end together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>canon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no canon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No moments yet: mark them in Listen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>type its counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine on the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In a routine of more than thirty passes, those danced alike share a line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every pass has its strips.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every line of the hand-out was understood.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Preview (not applied): %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 Ctrl+Enter applies it, Esc takes it off.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figure is danced there. Put the caret on the count that is to meet the moment.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose passes in the list, or put the caret into one, and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One pass copied.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 passes copied.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One pass cut.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 passes cut.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One pass taken out. Undo brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 passes taken out. Undo brings them back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the caret into the pass that is to be cut, on the last count that is danced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everyone still waits there. Put the caret on the last count that is danced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is the last count of the pass; there is nothing left to cut.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the caret into the pass after which the tag is to come.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no pass at the caret.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::CardPage</name>
    <message>
        <source>card of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own fraction of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” does not do: &amp; lies inside the count and before a, as in 3/5 and 4/5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own fractions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No versions are kept yet; the bench makes them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Versions that are kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of a version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name of a version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take a version out</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::ChainPage</name>
    <message>
        <source>Figures one after another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>names with / between, such as: Vine and touch / Step, half turn / Vine and touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Names of figures with / between; “this” is the chosen one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Joints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no figure “%1”. Write names as they stand in the list, with / between.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write which figures follow one another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in all, %2; %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>then a 1 again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to the next 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every joint fits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one joint breaks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 joints break</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::CommandBox</name>
    <message>
        <source>Do anything: “pass 6”   Ctrl+K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Commands and places: type “restart”, “pass 4”, “chorus 2”, “count 97” (Ctrl+K)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is called that.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::CommandTable</name>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::CountBar</name>
    <message>
        <source>of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not counted yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before count 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pick-up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar %1, beat %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, dancers say %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tag, %1 left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1, face %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1, %2 foot free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restart, in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play or pause (Space)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loop this pass, or stop looping (O)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slower by 5 % (−)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faster</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faster by 5 % (+)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Voice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clicks on the counts, on or off (V)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clicks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>− and +</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::DesktopLink</name>
    <message>
        <source>The song plays</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::DocumentSession</name>
    <message>
        <source>take the dance of the hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bring back an earlier version</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::DoubtsList</name>
    <message>
        <source>Doubts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None. The song is clear, or you have said what was not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n less likely</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>Hear it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four bars of the chosen reading, with clicks; Space stops</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Accept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State the chosen reading; the rest is worked out again around it</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::DrillPage</name>
    <message>
        <source>How often, in row %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is danced, in row %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both sides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Adds the other side, so that both feet begin as often</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of it with clicks, steps and spoken counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how often what is danced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begins %1× left, %2× right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 at %3 s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: the %2 is less used, “Both sides” adds it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep versions on the bench to drill them here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1×: %2, %3 changes, %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In sets: %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FigureColumn</name>
    <message>
        <source>Findings of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a figure at the left, or begin a new one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything fits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type its counts as you say them: 1 side R 2 close L 3 side R 4 touch L.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feet, counts and roles agree.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The answers stand under the line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do it; undo takes it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where it would fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes: %1 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yours, at %1 bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quickest step %L1 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fastest turn %1°/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A count for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each half beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each group of a bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What of the music one count stands for: 7/8 as 3+2+2 is counted long, short, short by its groups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars to a set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After how many bars dancers say 1 again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a count for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars to a set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feel of the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>straight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swung</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rolling, thirds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rolling, quarters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp; and a</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a length of a step. Write 2, 1 or 1/2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow, quick</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts of a slow step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts of a quick step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A choice of your school; “stomp-up” never takes weight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stomp and stamp</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Care</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not danced yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the end of the part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give it to the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary has it as it is here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it from the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine has it as the vocabulary does</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Twice in the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has the same name or the same lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make them one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This one stays and takes the other&apos;s names, tags, notes and versions</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FigureDesk</name>
    <message>
        <source>The vocabulary may only be read here: figures can be taken into a routine, and what you change in them stays in the routine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary may only be read here, so this figure stays as it is. Take it into the routine and change it there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, as typed here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. What you typed is kept beside it as “%2”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is in the routine alone: the vocabulary cannot be written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” and “%2” are one figure now: “%1”. Undo takes them apart again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as in the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures that came in from %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy one first: choose it in the list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures pasted: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures written to %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FigureEditor</name>
    <message>
        <source>straight: &amp; is ½</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swung: &amp; and a are ⅔</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rolling by thirds: &amp; ⅓, a ⅔</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rolling by quarters: &amp; ½, a ¾</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own fractions …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the figure is called; click to change it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts it is said to have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many counts it is said to have; empty for as many as it has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a number of counts. Write 6, 12 or 13/2, or leave it empty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>length of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What &amp; and a are worth in this figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feel of the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say it as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How its counts are said and spoken</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begins on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The music count on which its count 1 falls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Seen from the front</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left and right as a viewer sees them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Claps and arms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What goes on beside the feet: shown, or kept for later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>feel of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure has at most 8 roles.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line cannot be read to its end yet; mend it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>copy to the partner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of a role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who dances this line; delete the name to take the line out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 side R 2 close L 3 side R 4 touch L</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure keeps at least one line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has a line already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the front: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read as: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write it so: F12</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Puts what was read, in the notation, in the place of the line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, then %3 free  (read so now)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keeps the word with this meaning: here and from now on the line is read as %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writes it so that only this is meant: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer a question</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing written yet, said to have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, said to have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figure is chosen. Choose one at the left, or begin a new one with Ctrl+Shift+N.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read: 1 step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read: %1 steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a question</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begins on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>weight changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>starts on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free at the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>travels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>breaks on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ends</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>meets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>■ end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>□ misses</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FigureList</name>
    <message>
        <source>Figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>6 counts, left foot free, ends open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts, feet, positions, turns, or words of any field (Ctrl+F)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figures yet. Begin with a new one, or bring figures in from a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figure is like that. Take a word out of the search.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, by name   Ctrl+F</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2   Ctrl+F</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FigureListModel</name>
    <message>
        <source>in the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other than the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, %3 %4</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FileDesk</name>
    <message>
        <source>one pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Routines and hand-outs (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save them before going on?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Throw them away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file was changed by another window or program since it was opened here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Saving here would put this version over the other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Overwrite</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Routines (*.liftcount)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>d MMM, hh:mm</source>
        <comment>day and time</comment>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FillPanel</name>
    <message>
        <source>%1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, or %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill the phrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts to fill after the part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts after the part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Options</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which figures may be used, and how they are to end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and leave</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The foot that is free afterwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the foot its count 1 needs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the left foot free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the right foot free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much is turned in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it comes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>figures of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lengths of figures that may be used</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts with commas, such as 6, 8; empty = any</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How often a figure may come</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Levels of figures that may be used</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>May a figure follow itself?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of this routine only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave the vocabulary&apos;s other figures out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Different figures: %1. Lengths: %2. They start on: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 from these lengths: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figures at hand have lengths that make %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None fits the feet, the holds and the turn wanted: ask for either foot, or another turn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None keeps the limits of variety: allow figures more often.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%L1 in all fit the feet and holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More than can be counted fit the feet and holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; %2 of them are shown, of every number of figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count %1 on the %2 of figure %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The 1s of the music: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only where it begins</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None in figure %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fill the phrase</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FillersPage</name>
    <message>
        <source>Fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts to fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Up to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to a 1, or to the count on which the figure began, so that it breaks on the same count again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to the 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to its start count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and leave free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Foot that is free after it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the foot it begins with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the left foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the right foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write it after the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure ends with this filler (Enter)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filler</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pieces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leaves free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>made of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fillers, cheapest first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure ends before a 1: nothing is left to fill. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%L1 in all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more than can be counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing here fills %1 from the %2 foot. Ask for the other foot.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the %1 foot free: %2, the fewest pieces first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bare steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a filler</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FindingsColumn</name>
    <message>
        <source>Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Place figures in a part or type its counts, and give the order of the passes; what does not land will stand here, with ways to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every pass starts a phrase, on the foot it needs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open this finding and go to its place (F8 for the next)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remedy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remedies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try it on the strips; Esc takes it off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Apply</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or leave it, because …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason for leaving this finding as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type why and press Enter: the finding is put aside and kept in the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look at it again</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FoldingColumn</name>
    <message>
        <source>Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 open   F6 folds</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FramePage</name>
    <message>
        <source>Entry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts of the entry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts of the close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New figure with this body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bodies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say how many counts at its head and end stay; what is between can be exchanged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entry and close leave no room for a body.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The body has %1; figures that fit: %2.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::HandPanel</name>
    <message>
        <source>close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close this strip (Escape)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::HandStatements</name>
    <message>
        <source>Put the caret on a count of the song first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the caret into a bar of the song first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every 1 a beat later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every 1 a beat earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first phrase has none before it to belong to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nudge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forget everything that was said</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::HandoutPanel</name>
    <message>
        <source>The hand-out, line by line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next open line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next line that waits to be settled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rest are remarks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keeps each open line that says no steps as a remark of its figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines of the hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This routine came from no hand-out. Paste one with Ctrl+Shift+V.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, all settled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, 1 to be settled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 to be settled.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>? open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>■ settled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>agrees with the steps now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as you said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is open at this line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is open any more: the dance is on the strips above.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>settle line %1 of the hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep the rest of the hand-out as remarks</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::Heading</name>
    <message>
        <source>New routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title of the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the routine is called; click to change it (Ctrl+T)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counted in %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::Help</name>
    <message>
        <source>Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The manual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forward</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The manual is not here. It lies in the folder docs/manual of the program&apos;s sources.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lift Count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Times counted step sequences against a song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Licences of the program and of what ships with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About Qt</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::JournalKeeper</name>
    <message>
        <source>What is not saved cannot be kept for the case that the program ends: %1 Work can go on; save it now and then.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::KeptList</name>
    <message>
        <source>Bring back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring back: %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Throw away: %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::KeptWork</name>
    <message>
        <source>A routine without a title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figure “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, changes to “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was not saved when Lift Count ended: Routine, Unsaved work brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was saved again after this: save it under another name, to have both.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was left unsaved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended. Saved files are as they were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine has not been saved yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No earlier version of “%1” is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bringing one back leaves the file as it is until you save; Undo takes it away again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::ListenStage</name>
    <message>
        <source>Open a song …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a sound file, or a video with sound, and count it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find the song file …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same recording in another place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Carry the map to another recording …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another edit of the same song, or another recording: all that was said goes with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tap along</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opens the strip for tapping; then each press is a tap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is a 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A bar and a set start at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This bar has … beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beats of the bar at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A phrase starts here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop from here to …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Silence, its counts going on; press again at its end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type the structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark a moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A place with a name of your own, such as the big stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name this phrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type its name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No phrase starts here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It belongs to the phrase before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A beat is here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the sound plays now, or at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every 1 a beat earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shift the 1 of the whole song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every 1 a beat later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Half as many beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pulse is half as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Twice as many beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pulse is twice as fast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A held beat from here to …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One beat that lasts longer than the tempo says</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another metre from here to …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part with bars of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another tempo from here to …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part with a tempo of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every beat 5 ms earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the clicks come a little late</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every beat 5 ms later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the clicks come a little early</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget everything that was said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song as it was heard; undo brings it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Doubts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song has no doubts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next doubt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the doubt at hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear the reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four bars with clicks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Accept the reading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State it; the rest is worked out again around it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import a map …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MIDI, CSV or labels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import lines of words …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An LRC file; each line is a moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For other programs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tap the beats or the 1s while the song plays (T)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A bar and a set start at the caret; the bars after it follow (1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The bar at the caret has this many beats (B)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This bar has …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A phrase begins with the bar at the caret (H)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop from, to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A stop, a held beat, or a part with its own metre or tempo (S)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place (Y)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything else that can be said about the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beats in a bar, for the whole song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counting the song …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not counted yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. Tap four beats or more while it plays, and it is counted from them; or type its phrases and their counts. It can be played as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drop a sound file on the window, or a video: it is counted into beats, bars and phrases. Or type the song&apos;s phrases and their counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Phrase here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Structure</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::MainWindow</name>
    <message>
        <source>Undo: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing here can be cut, copied or pasted. Choose passes, figures or text first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The demo is not here. It lies in the folder demo of the program&apos;s sources.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is open in another window, which has come to the front.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” could not be kept in the vocabulary. Make room, or copy its line; close once more to leave without it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. What is not saved is kept, and offered when you start Lift Count again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Save your work under another name and start Lift Count again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One file of a kind is opened at a time. Not opened: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F&amp;indings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An empty routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a routine …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A saved routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the routine to its file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the routine to another file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the routine is called</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier versions …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How the file was at its last saves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unsaved work …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy as text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole routine as text, to be sent or kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paste a routine or a hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine or a hand-out that was copied as text, in the place of this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With counts together: 1-4 side, behind, side, touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In words: side, behind, side, touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the notation: 1 side 2 behind 3 side 4 touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title, sections, order, restarts and tags as text, for a mail or a page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy as a hand-out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close the window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Quit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close the window and end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the last change back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the change again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Passes, figures or text, to be pasted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Passes, figures or text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After what is chosen, or the pass at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is chosen, or the pass at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All passes, all figures of the part, all text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the line as it was read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line that is said in words, in the notation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to a line of counts first (Ctrl+E).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Preferences …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Theme, size of text, language, sound, paper, limits, keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>settings options configure keys shortcuts sound device volume latency paper language theme</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find a command or a place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play or pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loop this pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pass at the caret, or the phrase where there is no pass; again to stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By 5 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>speed tempo bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faster</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Song&apos;s own tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clicks on the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On or off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metronome voice beat tick mute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pass, a phrase or a count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A phrase a line, parts only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Strip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps as marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Again to leave it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legend of the step marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show it or not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Theme</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark bright light night colours look</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>larger smaller zoom big letters font</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>translation words English Deutsch français español</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help for this stage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The manual, at the page of the stage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>manual documentation how</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a song to a sheet in ten minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin start tutorial</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keys of the program</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every command that has one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shortcuts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the words mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass, set, restart, tag, landing and the others</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>glossary dictionary terms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When something does not work</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No sound, no map, slow, lost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trouble problem error broken</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its version, and the licences</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>version licence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was saved or opened yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the system</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::MendPanel</name>
    <message>
        <source>Edits of the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at most, in bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars that one cut or repeat takes at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a joint costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cost of a joint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each bar costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cost of each bar left out or played again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>I may change this recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whoever has the rights in a recording says what may be done with it. You say that you may; the recording itself stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear the joint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some seconds before and after it; again the next joint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mend the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance lands as it is: the music need not be mended.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording is not read yet, or not where it was: its joints can be heard and written when it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance stays as it is. Listen to every joint before you decide: the arithmetic does not hear the singer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance stays as it is. There is no recording: only the song&apos;s structure is changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the new song …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the new structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say first that you may change this recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A new file with the joints faded on the beat, and its map beside it; it becomes the routine&apos;s song. The recording stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Joint %1 of %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the mended song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 mended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sound (*.flac *.wav *.ogg)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is written, with its map in %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine was changed meanwhile, so its song stays. Open the new one from the Song menu.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, mended</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::MessageLine</name>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>OK</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Working the song out again around what you said …</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPage</name>
    <message>
        <source>The routine on its song, in miniature</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPages</name>
    <message>
        <source>Before and after, in miniature</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>then: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::MomentPanel</name>
    <message>
        <source>A moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its name, such as “the big stop”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the moment at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kind of moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Accents of the routine can be bound to it (Enter)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the caret is, in your own words. Whole lines of words come from an LRC file: Song, Import lines of words.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::NotationEdit</name>
    <message>
        <source>%1, L free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, R free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; Tab goes on with “%2”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1   ↓ %2 more</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PartChain</name>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A figure to put at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>type a figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a figure&apos;s name and press Enter: it comes after the chosen figure. Names of the routine and the vocabulary are offered; a new name makes a new figure (Ctrl+I)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, from count %3 of part %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
Arrows go on, Shift chooses several, Ctrl+arrows move, Delete takes out; the other ways of dancing it are in the menu of the right button</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a new figure: type its steps below. If another was meant, undo and choose it from those offered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a figure of the part first: click it, or go to it with Tab and the arrows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exchange roles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in bars of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repeat it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance it to the other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Partners exchange lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reverse the order of those chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reverse the order of the part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In bars of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PartEditor</name>
    <message>
        <source>%1, %2 weight changes, starts %3, then %4 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, turns %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order of the parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the parts in the order they are danced, for example A A B A or A x8</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The order of the parts, one pass each; A x4 repeats (Ctrl+R)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>starts on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the dance starts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, danced once. Its lines are changed wherever it stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, danced %2 times. Its lines are changed wherever it stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part %1: %2. Choose a figure to see and change its lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show part %1 to type its counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a part with the next free letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part with the same figures, to be changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this part and its passes out; Undo brings them back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another line: leader and follower, or rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>role follower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the last role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the last line out; Undo brings it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of this role; click to change it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of role %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the counts as you say them, for example 1 side R 2 behind L 3 side R 4 touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts with words, L or R, touch, wait, &amp; and a, turns such as 1/4 R (Ctrl+E)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>◆ character %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type what you say while you dance. Numbers that are left out are waits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. Read as: %2 (F12 writes it so)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>? %1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the first phrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the count at the caret</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PassList</name>
    <message>
        <source>Passes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PassModel</name>
    <message>
        <source>by the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts after which this pass is cut; empty = danced whole. Double-click or F2 in the list to type.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Extra counts after this pass; empty = none. Double-click or F2 in the list to type.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>starts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>running</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>phrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>facing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>free foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restart after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>differs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>landing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PassPanel</name>
    <message>
        <source>This pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What makes this pass differ, a line each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as written. What differs: restart after 16, tag of 4, mirrored …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line each: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Ctrl+J)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bind to the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The line at the text cursor then stays with its place in the song, whichever pass is danced there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opening stance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>opening: leader: left free, facing 12</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How the first pass begins, a role each with semicolons between: leader: right free, facing 3; couple: closed, L-R</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What dancers remember it by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remembered by …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What dancers remember it by; it stands on the sheet. Marks of this place are offered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No pass yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Place a figure in a part, or type the order of the parts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass %1, part %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, facing %2, %3 foot free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, places %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; the music says %2, the dancers who count on %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This pass has nothing that could be bound. Type what differs first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bind to this pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It then stays with this pass wherever it is danced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Takes it out of the music; Undo brings it back</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PlainTable</name>
    <message>
        <source>Your own limit; empty for none. The program knows none of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a limit. Write a number above 0, or leave it empty.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PlanSettings</name>
    <message>
        <source>What plans may do, and what it costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Allowed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restarts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>May passes be cut, after each figure and each set?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tags of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waits after a pass: counts with commas; empty = none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bridges of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waits after a figure inside a pass: counts with commas; empty = none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait at the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before the dance begins: counts with commas; empty = none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a figure left out or twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One figure of a whole pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a figure in a version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One figure of a whole pass danced in a version that it has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars as the music has them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where bars of the music are shorter than usual, figures may follow them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures that may be danced after a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures of the routine that may be danced after a pass, as a tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>figures as tags</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an opening</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part that may be danced before the first pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an ending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part that may be danced at the end of the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>facing at the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The facing that is wanted when the music ends; what another one costs stands below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the wrong foot is allowed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Otherwise no plan leaves the weight on the foot that the next pass needs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cost: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>0 = it costs nothing; the higher, the more is done to avoid it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::PlansPanel</name>
    <message>
        <source>Make it land</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For whom the plans are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Options</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What plans may do, what is wanted at the end, and what everything costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pass whose start lies nearest to the caret begins there in every plan; again frees it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pass at the caret stays as the chosen plan has it, and the rest is planned anew; again frees it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a plan that lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(gone)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Free it again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1 held as planned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1 as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1 starts on %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every pass lands as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is kept costs nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen plan does not dance that pass.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::Preferences</name>
    <message>
        <source>Preferences</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look and words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Theme</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the system</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Played by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The system&apos;s own output</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the next time that it plays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Volume</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> ms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sound comes late by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More than the device says: loudspeakers without a cable take a fifth of a second and more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taps come late by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your own limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Quickest step, in seconds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fastest turn, in degrees a second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They only warn. A qualified teacher and the rules of the house come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where things are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The folder of the vocabulary, of unsaved work and of earlier versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vocabulary, unsaved work, versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search the keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a command or a key, such as restart or Ctrl+K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>command</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>menu</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another key for the chosen command</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press the key that it is to have</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use this key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen command has it from now on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The usual one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The key that the program gives it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stays in the menu and in the box</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it from there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is the key of “%2”, which has none then.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is the key of “%2”. Give that one another key first.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::Program</name>
    <message>
        <source>there is not enough memory</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::ProposalsPage</name>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to the findings; nothing is changed (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposals, the best first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Apply</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is how the routine is already.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::Rail</name>
    <message>
        <source>Stages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legend  ?</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::RankPanel</name>
    <message>
        <source>Which song for this dance, which dance for this song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Songs of a folder …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which of them suits this dance best: recordings, routines with a song, MIDI files, structures as text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dances of a folder …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which of these routines suits this song best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dance family whose tempo is wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 to %3 bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen song is opened for this dance, or the chosen dance is opened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the table …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As CSV</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was read so far stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exceptions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>misses</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stops</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The best fit first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder of songs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder of routines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a folder: each song is planned for this dance with what the plans may do, and the tempo counts too. Recordings are heard once and remembered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no song in %1: no recording, routine, MIDI file or text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no routine in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped: %1 of %2 read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message numerus="yes">
        <source>%n in all, the best fit first: by what has to be changed, and each per cent of tempo.</source>
        <translation type="unfinished">
            <numerusform></numerusform>
        </translation>
    </message>
    <message>
        <source>as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, other bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The table is in %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::ReadingChoice</name>
    <message>
        <source>Hear four bars of this reading, with clicks</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::RemedyChoice</name>
    <message>
        <source>hit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comes in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::RoutineClipboard</name>
    <message>
        <source>The routine is copied as text. Paste it into a mail, or here with Ctrl+Shift+V.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no dance yet: a hand-out needs parts with steps and their order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dance is copied as a hand-out. Paste it into a mail or a page.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::RulerView</name>
    <message>
        <source>Picture of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>said, not written yet</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::SheetsStage</name>
    <message>
        <source>Sheets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Floor card</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One page in large letters, to read while dancing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every step with its count, and every pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print what is shown (Ctrl+P)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as HTML</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One page that any browser opens</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as PDF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As it is shown (Ctrl+Shift+E)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sheet as it will be printed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>-floor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>-steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the Sheets stage shows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the sheet …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the sheet as PDF …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the sheet as HTML …</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::SongColumn</name>
    <message>
        <source>“%1” at %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Typed as structure, not heard.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counted by your taps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The map was read from a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The map was carried over from another recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not counted yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No beats yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bpm, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” by %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in %2; the first 1 is at %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bar %1 has one beat, at %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bar %1 has %2 beats, at %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars %1 to %2 have %3 beats each, from %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pick-up of one beat before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pick-up of %1 beats before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swung: the &amp; falls at %1 % of the beat.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A beat held for %1 s at %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A stop of %1 at %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where a 1 or a phrase is wrong, put the caret there and say it by hand; the rest is worked out again around it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the phrase at the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a name such as Verse 1 and press Enter (N)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What you said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forget all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take every statement back; undo brings them again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forget</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this statement back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this moment out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>… and %1 more on the strips.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::SongFiles</name>
    <message>
        <source>Sound and video (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where is “%1” now?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is another recording: its content differs from the one this routine was made for. Use Open a song to count it anew.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First open the song whose map is to be carried over, and let it be heard.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another recording of “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import a map</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Maps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import lines of words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines of words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no beats to export yet. Open a song first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the map</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>map</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::SongLoader</name>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listening for beats, bars and phrases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the song</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::SongSession</name>
    <message>
        <source>The song “%1” is not where it was. The counts are all here; use Song, Find the song file to hear it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song file “%1” was changed since this routine was saved, so counts may no longer fit. Open it again from the Song menu to count it anew.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>song “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>imported map</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 beats in %2 were read from “%3”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one phrase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 phrases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One line of words is marked in the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 lines of words are marked in the song.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bpm tapped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your taps agree with what was heard (%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One statement made the song agree with your taps (%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 statements made the song agree with your taps (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song is counted by your taps (%1), %2 counts in all.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording at hand has not been heard, so nothing can be matched with it. Find its file first (Song, Find the song file).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The map was carried over to “%1”.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It lacks %1 s of the other recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::SongTrialPanel</name>
    <message>
        <source>The routine tried on another song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try it on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another song as structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a song as structure: intro 16 | verse 32 | chorus 32 …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type the sections of another song or edit with their beats, and press Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine&apos;s song …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song of another saved routine, with its map</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A routine on the other song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Routines and maps (*.liftcount *.txt *.mid *.midi *.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another edit of this song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What if the intro were longer, a section left out, or heard twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>or at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> % tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tempo of the song in percent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same song slower or faster: what your own limits say then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It becomes the routine&apos;s song; Undo brings this one back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The passes here and there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading “%1” …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the song of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the song at %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what if …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the song %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which passes land here, and which there: type a song&apos;s structure, take the song of another routine, or another tempo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording stays as it is; what is shown is what would be.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::SpanPanel</name>
    <message>
        <source>From here to the caret:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is from here to the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one held beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its own metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its own tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beats from here to the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Metre from here to the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tempo from here to the caret</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rest is worked out again around it (S)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the caret where it ends, then press S again or State it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of the map as it is now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The end has to come after the start: put the caret there first.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::StartPage</name>
    <message>
        <source>Drop a song here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Any usual sound file, or the sound of a video. It is counted into beats, bars and phrases, a phrase a line. Then type the counts of your dance, say in which order its parts are danced, and see where every pass lands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a sound file (Ctrl+Shift+O)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a saved routine (Ctrl+O)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A song as text, without a recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look at the demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended: %1; all are in Routine, Unsaved work</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::StepEdit</name>
    <message>
        <source>The step at the caret, as its line says it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No step is danced there. Put the caret on a count of a pass.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everyone waits there; there is no line to change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This figure is danced in another way here. Change its line in Steps, or choose it in the chain of its part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is written for this count. Type it in the line of the figure (Ctrl+E).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::StepsStage</name>
    <message>
        <source>New figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Into the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By counts, feet, positions, turns, or words of any field</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another figure like this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A copy in the vocabulary; in Arrange the chosen figures are repeated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another role</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line for a partner or a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy the line to the partner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same steps on the other foot, to change what differs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the vocabulary, or from the routine; undo brings it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts; again to stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one chosen on the bench stays with the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the figure into the routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A copy that the routine file holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bench of versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fillers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Joints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Card of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Under the picture of the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring figures in …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a JSON file or a table (CSV)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the figures to a file …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Those that the search finds, as JSON or a table (CSV)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undo in the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Redo in the vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures and their versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Card</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (Alt+Shift+%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to hear yet: write the figure&apos;s counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring figures in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures (*.json *.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the figures that the search finds</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::StripsView</name>
    <message>
        <source>%1, at %2, %3 counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song, a phrase a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine on the song, a phrase a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Listen (Alt+1) to open a recording, or to type the song&apos;s structure. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Until then the passes stand in their list (F5), counted without music.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts can be built without it: type a figure&apos;s name above, or its counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>music count %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the dancers say %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait before the pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 both feet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>role and step</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accent, meets its moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accent, misses its moment</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::StructurePanel</name>
    <message>
        <source>Structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song as structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>intro 16 | verse 32 | chorus 32 | stop 4 | ending 16</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beats of each section. Also: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 for a tempo, @112&gt;90 for a change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tempo of the structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Metre of the structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first beat at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Second of the first beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The song is counted like this (Enter)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sections and their beats, with | between them. No recording is needed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 in %3, %4 long.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::TapPanel</name>
    <message>
        <source>Tap along</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tap  T</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On each beat, with the key T or this button</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is tapped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only the 1s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taps come late by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> ms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use the taps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>State what they say; the rest is worked out again around it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget these taps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tap T on each beat, at least eight times; wrong and missing taps are outvoted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play the song (Space), then tap T on each beat. Without a recording the taps give a tempo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 tap.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 taps. Go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 bpm, scattered by %3 ms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 outvoted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 came twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 filled in</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::TempoCurveView</name>
    <message>
        <source>Tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tempo of each bar, in counts a minute; click to go there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 counts a minute, %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The routine needs %1 to %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced at %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::TempoPanel</name>
    <message>
        <source>Tempi of dance families</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play at that tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tempo below becomes the one at which the chosen family would fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>danced as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars a minute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this song fits at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%L1 to %L2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>100 %, as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every other beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>twice as many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no song yet. These are the tempi usual for dances; none is a rule for your floor.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This song has %L1 bpm, %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No routine yet: nothing is said of steps and turns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At %1 % the routine has %2 Warm up, and mind your own limits and your teacher&apos;s word.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It plays at %1 %.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::TurnsPanel</name>
    <message>
        <source>Get back on the 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turned round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the dance is turned round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at once, within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sets within which it is put right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sets, or left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 on, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dancers&apos; count and the music&apos;s agree all through: nothing is turned round.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dancers who count on say %1 where the music says %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put right what is turned round</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::VersionCells</name>
    <message>
        <source>Versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::VersionsPage</name>
    <message>
        <source>stretch or double</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stretch steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two steps in a count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other feel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other start count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ornament in step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As a new figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Into the vocabulary, beside this one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the figure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is danced so from now on (Enter)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bound to the figure as another way to dance it (K)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To have a</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which step is wanted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quick step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>accent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>break step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count of the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 from count %2 (on %3)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no version here has one there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which version, begun on which count of the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is kept with the figure already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep a version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is kept with the figure. It stands on its card.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::VocabularyUndo</name>
    <message>
        <source>“%1” was given another meaning in the meantime and keeps it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was changed elsewhere in the meantime and stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::WordsPage</name>
    <message>
        <source>Word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The word as it is said, one to four words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>School</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>school, if it is not your own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whose meaning it is; a word can have one meaning for each school, and is then asked about</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 behind &amp; side 2 side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its steps from count 1; empty where it only says how a step is danced</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gives the word this meaning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The word has this meaning no longer; lines that say it are asked about</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>school</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>known in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>routine and vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one&apos;s own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No word has a meaning of its own yet.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::Worker</name>
    <message>
        <source>There is not enough memory for this. Close other programs, or take less at a time. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>
