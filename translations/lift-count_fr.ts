<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
<context>
    <name>Announcements</name>
    <message>
        <source>Everything lands.</source>
        <translation>Tout tombe juste.</translation>
    </message>
    <message>
        <source>Findings: %1. %2</source>
        <translation>Constats&#xa0;: %1. %2</translation>
    </message>
</context>
<context>
    <name>Core</name>
    <message>
        <source>No mend of the music costs less than %1.</source>
        <translation>Aucune retouche de la musique ne coûte moins de %1.</translation>
    </message>
    <message>
        <source>It costs %1, %2 more than the best.</source>
        <translation>Cela coûte %1, soit %2 de plus que le meilleur.</translation>
    </message>
    <message>
        <source>The song is %1 then; %2.</source>
        <translation>Le morceau dure alors %1&#xa0;; %2.</translation>
    </message>
    <message>
        <source>Last pass: %1.</source>
        <translation>Dernier passage&#xa0;: %1.</translation>
    </message>
    <message>
        <source>That routine has no song.</source>
        <translation>Cette chorégraphie n&apos;a pas de morceau.</translation>
    </message>
    <message numerus="yes">
        <source>One more cannot be read either.|%n more cannot be read either.</source>
        <translation>
            <numerusform>Un autre ne peut pas être lu non plus.</numerusform>
            <numerusform>%n autres ne peuvent pas être lus non plus.</numerusform>
        </translation>
    </message>
    <message>
        <source>The analysis was stopped.</source>
        <translation>L&apos;analyse a été arrêtée.</translation>
    </message>
    <message numerus="yes">
        <source>One place could not be matched: see the doubts.|%n places could not be matched: see the doubts.</source>
        <translation>
            <numerusform>Un endroit n&apos;a pas trouvé de correspondance&#xa0;: voir les doutes.</numerusform>
            <numerusform>%n endroits n&apos;ont pas trouvé de correspondance&#xa0;: voir les doutes.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One statement about music that is not there was left behind.|%n statements about music that is not there were left behind.</source>
        <translation>
            <numerusform>Une indication sur une musique absente ici a été laissée.</numerusform>
            <numerusform>%n indications sur une musique absente ici ont été laissées.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tap|%n taps</source>
        <translation>
            <numerusform>%n frappe</numerusform>
            <numerusform>%n frappes</numerusform>
        </translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording: it is shorter than four seconds. It can still be played.</source>
        <translation>Aucune pulsation régulière n&apos;a été trouvée dans cet enregistrement&#xa0;: il dure moins de quatre secondes. On peut tout de même l&apos;écouter.</translation>
    </message>
    <message>
        <source>There are no kept features.</source>
        <translation>Il n&apos;y a pas de caractéristiques conservées.</translation>
    </message>
    <message>
        <source>The kept features cannot be used.</source>
        <translation>Les caractéristiques conservées sont inutilisables.</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>pareil</translation>
    </message>
    <message>
        <source>twice as fast</source>
        <translation>deux fois plus vite</translation>
    </message>
    <message>
        <source>half as fast</source>
        <translation>deux fois moins vite</translation>
    </message>
    <message>
        <source>three times as fast</source>
        <translation>trois fois plus vite</translation>
    </message>
    <message>
        <source>a third as fast</source>
        <translation>trois fois moins vite</translation>
    </message>
    <message>
        <source>one and a half times as fast</source>
        <translation>une fois et demie plus vite</translation>
    </message>
    <message>
        <source>two thirds as fast</source>
        <translation>aux deux tiers de la vitesse</translation>
    </message>
    <message>
        <source>four times as fast</source>
        <translation>quatre fois plus vite</translation>
    </message>
    <message>
        <source>a quarter as fast</source>
        <translation>quatre fois moins vite</translation>
    </message>
    <message>
        <source>a third faster</source>
        <translation>un tiers plus vite</translation>
    </message>
    <message>
        <source>a quarter slower</source>
        <translation>un quart plus lent</translation>
    </message>
    <message>
        <source>%1, beside these beats</source>
        <translation>%1, à côté de ces temps</translation>
    </message>
    <message>
        <source>a quarter of a beat later</source>
        <translation>un quart de temps plus tard</translation>
    </message>
    <message>
        <source>a third of a beat later</source>
        <translation>un tiers de temps plus tard</translation>
    </message>
    <message>
        <source>half a beat later</source>
        <translation>un demi-temps plus tard</translation>
    </message>
    <message>
        <source>two thirds of a beat later</source>
        <translation>deux tiers de temps plus tard</translation>
    </message>
    <message>
        <source>a quarter of a beat earlier</source>
        <translation>un quart de temps plus tôt</translation>
    </message>
    <message>
        <source>the beat falls elsewhere</source>
        <translation>le temps tombe ailleurs</translation>
    </message>
    <message numerus="yes">
        <source>every bar has %n beat|every bar has %n beats</source>
        <translation>
            <numerusform>chaque mesure a %n temps</numerusform>
            <numerusform>chaque mesure a %n temps</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, beginning a beat later|%1, beginning %n beats later</source>
        <translation>
            <numerusform>%1, en commençant un temps plus tard</numerusform>
            <numerusform>%1, en commençant %n temps plus tard</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the 1 is a beat later|the 1 is %n beats later</source>
        <translation>
            <numerusform>le 1 est un temps plus tard</numerusform>
            <numerusform>le 1 est %n temps plus tard</numerusform>
        </translation>
    </message>
    <message>
        <source>bars of %1, %2</source>
        <translation>mesures de %1, %2</translation>
    </message>
    <message>
        <source>bars of %1 in threes, %2</source>
        <translation>mesures de %1 par trois, %2</translation>
    </message>
    <message>
        <source>how fast the beat is, and where it falls</source>
        <translation>la vitesse du temps, et où il tombe</translation>
    </message>
    <message>
        <source>%1 bpm in threes, as it is counted here</source>
        <translation>%1 bpm par trois, comme on compte ici</translation>
    </message>
    <message>
        <source>%1 bpm, as it is counted here</source>
        <translation>%1 bpm, comme on compte ici</translation>
    </message>
    <message>
        <source>how long a bar is, and where the 1 is</source>
        <translation>la longueur d&apos;une mesure, et où est le 1</translation>
    </message>
    <message>
        <source>%1, the 1 is here</source>
        <translation>%1, le 1 est ici</translation>
    </message>
    <message>
        <source>every beat in three: %1</source>
        <translation>chaque temps en trois&#xa0;: %1</translation>
    </message>
    <message>
        <source>every beat in two: %1</source>
        <translation>chaque temps en deux&#xa0;: %1</translation>
    </message>
    <message>
        <source>what a beat is made of</source>
        <translation>de quoi un temps est fait</translation>
    </message>
    <message>
        <source>the metre of bars %1 to %2</source>
        <translation>le mètre des mesures %1 à %2</translation>
    </message>
    <message>
        <source>here %1</source>
        <translation>ici %1</translation>
    </message>
    <message>
        <source>here too %1</source>
        <translation>ici aussi %1</translation>
    </message>
    <message>
        <source>the length of bar %1</source>
        <translation>la longueur de la mesure %1</translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat|bar %1 has %n beats</source>
        <translation>
            <numerusform>la mesure %1 a %n temps</numerusform>
            <numerusform>la mesure %1 a %n temps</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat like the others|bar %1 has %n beats like the others</source>
        <translation>
            <numerusform>la mesure %1 a %n temps comme les autres</numerusform>
            <numerusform>la mesure %1 a %n temps comme les autres</numerusform>
        </translation>
    </message>
    <message>
        <source>a stop of %1, the pulse goes on</source>
        <translation>un arrêt de %1, la pulsation continue</translation>
    </message>
    <message>
        <source>a stop of %1</source>
        <translation>un arrêt de %1</translation>
    </message>
    <message>
        <source>how long the silence is</source>
        <translation>la durée du silence</translation>
    </message>
    <message>
        <source>it starts a bar earlier</source>
        <translation>elle commence une mesure plus tôt</translation>
    </message>
    <message>
        <source>it starts a bar later</source>
        <translation>elle commence une mesure plus tard</translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation>aucune phrase ne commence ici</translation>
    </message>
    <message>
        <source>where a phrase starts</source>
        <translation>où commence une phrase</translation>
    </message>
    <message>
        <source>a phrase starts here, at bar %1</source>
        <translation>une phrase commence ici, à la mesure %1</translation>
    </message>
    <message>
        <source>a phrase starts at bar %1</source>
        <translation>une phrase commence à la mesure %1</translation>
    </message>
    <message>
        <source>how long a phrase is</source>
        <translation>la longueur d&apos;une phrase</translation>
    </message>
    <message numerus="yes">
        <source>one phrase of %n beat, from bar %1|one phrase of %n beats, from bar %1</source>
        <translation>
            <numerusform>une phrase de %n temps, dès la mesure %1</numerusform>
            <numerusform>une phrase de %n temps, dès la mesure %1</numerusform>
        </translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. It can still be played; tap along, or type its structure.</source>
        <translation>Aucune pulsation régulière n&apos;a été trouvée dans cet enregistrement. On peut tout de même l&apos;écouter&#xa0;; frappez les temps ou écrivez sa structure.</translation>
    </message>
    <message>
        <source>A fact lies outside the song, which ends after %1 seconds.</source>
        <translation>Une indication se trouve hors du morceau, qui finit après %1 secondes.</translation>
    </message>
    <message>
        <source>The stated bars exclude each other. Forget one of them.</source>
        <translation>Les mesures indiquées s&apos;excluent. Oubliez-en une.</translation>
    </message>
    <message>
        <source>There are no taps to count by.</source>
        <translation>Il n&apos;y a pas de frappes pour compter.</translation>
    </message>
    <message>
        <source>The two recordings have too little in common to carry the map over. Open the other one as a song of its own.</source>
        <translation>Les deux enregistrements ont trop peu en commun pour transporter la carte. Ouvrez l&apos;autre comme un morceau à part.</translation>
    </message>
    <message>
        <source>The voice is not here: the package espeak-ng-data is missing. Counts are clicked instead.</source>
        <translation>La voix n&apos;est pas là&#xa0;: il manque le paquet espeak-ng-data. Les comptes sont frappés à la place.</translation>
    </message>
    <message>
        <source>The voice could not say “%1”. Counts are clicked instead.</source>
        <translation>La voix n&apos;a pas pu dire «&#xa0;%1&#xa0;». Les comptes sont frappés à la place.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>La lecture a été arrêtée.</translation>
    </message>
    <message>
        <source>%1 could not be written. Choose another folder or make room. The file from before is untouched.</source>
        <translation>%1 n&apos;a pas pu être écrit. Choisissez un autre dossier ou faites de la place. Le fichier d&apos;avant est intact.</translation>
    </message>
    <message>
        <source>%1 is empty.</source>
        <translation>%1 est vide.</translation>
    </message>
    <message>
        <source>%1 is not a sound file that can be read. Try WAV, FLAC, OGG, MP3, M4A or a video with sound.</source>
        <translation>%1 n&apos;est pas un fichier son lisible. Essayez WAV, FLAC, OGG, MP3, M4A ou une vidéo avec du son.</translation>
    </message>
    <message>
        <source>%1 has %2 channels at %3 Hz, which cannot be played.</source>
        <translation>%1 a %2 canaux à %3 Hz, ce qui ne peut pas être joué.</translation>
    </message>
    <message>
        <source>%2 is longer than %1 minutes. Cut the piece you dance to out of it first.</source>
        <translation>%2 dure plus de %1 minutes. Découpez d&apos;abord le morceau sur lequel on danse.</translation>
    </message>
    <message>
        <source>%1 holds no sound.</source>
        <translation>%1 ne contient pas de son.</translation>
    </message>
    <message numerus="yes">
        <source>%1 has %n sample that is not a number; it is played as silence.|%1 has %n samples that are not numbers; they are played as silence.</source>
        <translation>
            <numerusform>%1 a %n échantillon qui n&apos;est pas un nombre&#xa0;; il est joué comme du silence.</numerusform>
            <numerusform>%1 a %n échantillons qui ne sont pas des nombres&#xa0;; ils sont joués comme du silence.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 breaks off: %2 of %3 seconds could be read.</source>
        <translation>%1 s&apos;interrompt&#xa0;: %2 secondes sur %3 ont pu être lues.</translation>
    </message>
    <message>
        <source>%1 breaks off after %2 seconds: its end is missing.</source>
        <translation>%1 s&apos;interrompt après %2 secondes&#xa0;: la fin manque.</translation>
    </message>
    <message>
        <source>The routine has no figure “%1”.</source>
        <translation>La chorégraphie n&apos;a pas de figure «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>Counts of the music begin with 1.</source>
        <translation>Les comptes de la musique commencent à 1.</translation>
    </message>
    <message>
        <source>A set has at least one count.</source>
        <translation>Une série a au moins un compte.</translation>
    </message>
    <message>
        <source>There is no pass “%1”. Passes are numbered from 1; the routine has %2.</source>
        <translation>Il n&apos;y a pas de passage «&#xa0;%1&#xa0;». Les passages sont numérotés à partir de 1&#xa0;; la chorégraphie en a %2.</translation>
    </message>
    <message>
        <source>The routine has no part “%1”.</source>
        <translation>La chorégraphie n&apos;a pas de partie «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” says no count. Write 3@65: pass 3 begins on count 65.</source>
        <translation>«&#xa0;%1&#xa0;» ne dit pas de compte. Écrivez 3@65&#xa0;: le passage 3 commence au compte 65.</translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation>Ce qui est gardé coûte %1.</translation>
    </message>
    <message>
        <source>“%1” is not a dance family that has a tempo here. There are: %2.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une famille de danse dont le tempo est connu ici. Il y a&#xa0;: %2.</translation>
    </message>
    <message>
        <source>The routine has no recording, so no sound can be written. Without -o the cuts are listed.</source>
        <translation>La chorégraphie n&apos;a pas d&apos;enregistrement, aucun son ne peut donc être écrit. Sans -o, les coupes sont listées.</translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Give another name with -o.</source>
        <translation>C&apos;est l&apos;enregistrement lui-même, qui reste tel quel. Donnez un autre nom avec -o.</translation>
    </message>
    <message>
        <source>%1 is there already, and the map of the mended song would take its place. Give another name with -o, or add --overwrite.</source>
        <translation>%1 existe déjà, et la carte du morceau retouché prendrait sa place. Donnez un autre nom avec -o, ou ajoutez --overwrite.</translation>
    </message>
    <message>
        <source>“%1” is not a tempo. Write --tempo auto, or beats a minute from 10 to 600.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un tempo. Écrivez --tempo auto, ou des temps par minute de 10 à 600.</translation>
    </message>
    <message>
        <source>A typed structure needs its tempo: add --bpm, for example --bpm 112.</source>
        <translation>Une structure écrite a besoin de son tempo&#xa0;: ajoutez --bpm, par exemple --bpm 112.</translation>
    </message>
    <message>
        <source>Slow and quick last longer than nothing.</source>
        <translation>Lent et vite durent plus que rien.</translation>
    </message>
    <message>
        <source>“%1” is not a format of a map.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un format de carte.</translation>
    </message>
    <message>
        <source>A figure is longer than nothing.</source>
        <translation>Une figure dure plus que rien.</translation>
    </message>
    <message>
        <source>A bar has at least a part of a count.</source>
        <translation>Une mesure a au moins une fraction de compte.</translation>
    </message>
    <message>
        <source>What is filled is longer than nothing.</source>
        <translation>Ce qu&apos;on remplit dure plus que rien.</translation>
    </message>
    <message>
        <source>The file %1 could not be read to its end.</source>
        <translation>Le fichier %1 n&apos;a pas pu être lu jusqu&apos;au bout.</translation>
    </message>
    <message>
        <source>Row %1 of the table has text after a closed quotation mark. Put the whole cell into quotes.</source>
        <translation>La ligne %1 du tableau a du texte après un guillemet fermant. Mettez toute la cellule entre guillemets.</translation>
    </message>
    <message>
        <source>Row %1 of the table has a quotation mark that is not closed.</source>
        <translation>La ligne %1 du tableau a un guillemet qui n&apos;est pas fermé.</translation>
    </message>
    <message>
        <source>“%1” is not a facing. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une orientation. Dites 12, 1:30, 3, 4:30, 6, 7:30, 9 ou 10:30 heures.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
    <message>
        <source>%1 R</source>
        <translation>%1 D</translation>
    </message>
    <message>
        <source>%1 L</source>
        <translation>%1 G</translation>
    </message>
    <message>
        <source>left</source>
        <translation>gauche</translation>
    </message>
    <message>
        <source>right</source>
        <translation>droite</translation>
    </message>
    <message>
        <source>either</source>
        <translation>l&apos;un ou l&apos;autre</translation>
    </message>
    <message>
        <source>%1 is a folder.</source>
        <translation>%1 est un dossier.</translation>
    </message>
    <message>
        <source>%1 is a pipe, not a file.</source>
        <translation>%1 est un tube, pas un fichier.</translation>
    </message>
    <message>
        <source>%1 is a device, not a file.</source>
        <translation>%1 est un périphérique, pas un fichier.</translation>
    </message>
    <message>
        <source>There is no file %1.</source>
        <translation>Il n&apos;y a pas de fichier %1.</translation>
    </message>
    <message>
        <source>%1 may not be read by you. Change its permissions, or copy it to a folder of yours.</source>
        <translation>Vous n&apos;avez pas le droit de lire %1. Changez ses permissions, ou copiez-le dans un dossier à vous.</translation>
    </message>
    <message>
        <source>%1 could not be read to its end: the disk or stick reports a fault. Try to copy it, or take another copy.</source>
        <translation>%1 n&apos;a pas pu être lu jusqu&apos;au bout&#xa0;: le disque ou la clé signale un défaut. Essayez de le copier, ou prenez une autre copie.</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 ne peut pas être lu&#xa0;: %2.</translation>
    </message>
    <message>
        <source>you may not write there. Choose another folder.</source>
        <translation>vous n&apos;avez pas le droit d&apos;y écrire. Choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>the disk is full. Make room or choose another folder.</source>
        <translation>le disque est plein. Faites de la place ou choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>it is larger than the system allows here. Choose another folder.</source>
        <translation>il est plus grand que ce que le système permet ici. Choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>the folder does not exist. Choose another folder.</source>
        <translation>le dossier n&apos;existe pas. Choisissez un autre dossier.</translation>
    </message>
    <message>
        <source>a folder has that name. Choose another name.</source>
        <translation>un dossier porte ce nom. Choisissez un autre nom.</translation>
    </message>
    <message>
        <source>nothing reads from that pipe.</source>
        <translation>rien ne lit ce tube.</translation>
    </message>
    <message>
        <source>that is a disk, not a file. Choose another name.</source>
        <translation>c&apos;est un disque, pas un fichier. Choisissez un autre nom.</translation>
    </message>
    <message>
        <source>the name is too long. Choose a shorter one.</source>
        <translation>le nom est trop long. Choisissez-en un plus court.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1 could not be written: %2 The file from before is untouched.</source>
        <translation>%1 n&apos;a pas pu être écrit&#xa0;: %2 Le fichier d&apos;avant est intact.</translation>
    </message>
    <message>
        <source>%1 is far too large: more than %2 MB. Is it the right file?</source>
        <translation>%1 est bien trop grand&#xa0;: plus de %2 Mo. Est-ce le bon fichier&#xa0;?</translation>
    </message>
    <message>
        <source>%1 Choose another name.</source>
        <translation>%1 Choisissez un autre nom.</translation>
    </message>
    <message>
        <source>is larger than %1 MB</source>
        <translation>dépasse %1 Mo</translation>
    </message>
    <message>
        <source>is nested more than %1 deep</source>
        <translation>est imbriqué sur plus de %1 niveaux</translation>
    </message>
    <message>
        <source>has more than %1 fields in one object</source>
        <translation>a plus de %1 champs dans un objet</translation>
    </message>
    <message>
        <source>has more than %1 values</source>
        <translation>a plus de %1 valeurs</translation>
    </message>
    <message numerus="yes">
        <source>pass %1|passes %1</source>
        <translation>
            <numerusform>passage %1</numerusform>
            <numerusform>passages %1</numerusform>
        </translation>
    </message>
    <message>
        <source>no</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>one</source>
        <translation>un</translation>
    </message>
    <message>
        <source>two</source>
        <translation>deux</translation>
    </message>
    <message>
        <source>three</source>
        <translation>trois</translation>
    </message>
    <message>
        <source>four</source>
        <translation>quatre</translation>
    </message>
    <message>
        <source>five</source>
        <translation>cinq</translation>
    </message>
    <message>
        <source>six</source>
        <translation>six</translation>
    </message>
    <message>
        <source>seven</source>
        <translation>sept</translation>
    </message>
    <message>
        <source>eight</source>
        <translation>huit</translation>
    </message>
    <message>
        <source>%1 is not text (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 n&apos;est pas du texte (ligne %2). Enregistrez-le comme texte brut en UTF-8.</translation>
    </message>
    <message>
        <source>%1 is damaged UTF-16 (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 est de l&apos;UTF-16 abîmé (ligne %2). Enregistrez-le comme texte brut en UTF-8.</translation>
    </message>
    <message>
        <source>%1 is not UTF-8; it was read as Western European (windows-1252).</source>
        <translation>%1 n&apos;est pas en UTF-8&#xa0;; il a été lu comme de l&apos;européen occidental (windows-1252).</translation>
    </message>
    <message>
        <source>If letters are wrong, save it as UTF-8 first.</source>
        <translation>Si des lettres sont fausses, enregistrez-le d&apos;abord en UTF-8.</translation>
    </message>
    <message>
        <source>%1 has bytes that are not UTF-8 (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 contient des octets qui ne sont pas de l&apos;UTF-8 (ligne %2). Enregistrez-le comme texte brut en UTF-8.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 et %2</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1&#xa0;; %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%n count|%n counts</source>
        <translation>
            <numerusform>%n compte</numerusform>
            <numerusform>%n comptes</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 comptes</translation>
    </message>
    <message>
        <source>“%1” is not a count. Write a number such as 12 or 3/4.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un compte. Écrivez un nombre comme 12 ou 3/4.</translation>
    </message>
    <message>
        <source>“%1” is too large for a count.</source>
        <translation>«&#xa0;%1&#xa0;» est trop grand pour un compte.</translation>
    </message>
    <message>
        <source>“%1” does not divide evenly: a count has 20160 parts. Use halves, thirds, … up to tenths, 12ths, 16ths or 32nds.</source>
        <translation>«&#xa0;%1&#xa0;» ne se divise pas exactement&#xa0;: un compte a 20160 parts. Prenez des demis, des tiers, … jusqu&apos;aux dixièmes, des 12es, 16es ou 32es.</translation>
    </message>
    <message>
        <source>typed</source>
        <translation>écrit</translation>
    </message>
    <message>
        <source>tapped</source>
        <translation>frappé</translation>
    </message>
    <message>
        <source>imported</source>
        <translation>importé</translation>
    </message>
    <message>
        <source>carried</source>
        <translation>transporté</translation>
    </message>
    <message>
        <source>heard</source>
        <translation>entendu</translation>
    </message>
    <message>
        <source>“%1” is not an origin of a song map.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une origine de carte de morceau.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>“%1” was changed by another window or program since it was opened here. Save under another name, or overwrite it if you are sure.</source>
        <translation>«&#xa0;%1&#xa0;» a été changé par une autre fenêtre ou un autre programme depuis son ouverture ici. Enregistrez sous un autre nom, ou écrasez-le si vous êtes sûr.</translation>
    </message>
    <message>
        <source>should be 10 to 600</source>
        <translation>devrait être de 10 à 600</translation>
    </message>
    <message>
        <source>This routine file is damaged: %1 %2. The file was left as it is; take a copy of it from before.</source>
        <translation>Ce fichier de chorégraphie est abîmé&#xa0;: %1 %2. Le fichier est resté tel quel&#xa0;; prenez une copie antérieure.</translation>
    </message>
    <message>
        <source>This is not a Lift Count routine.</source>
        <translation>Ce n&apos;est pas une chorégraphie de Lift Count.</translation>
    </message>
    <message>
        <source>This routine was written by a newer Lift Count (format %1; this one reads up to %2). It was left as it is. Update Lift Count to open it.</source>
        <translation>Cette chorégraphie a été écrite par un Lift Count plus récent (format %1&#xa0;; celui-ci lit jusqu&apos;à %2). Elle est restée telle quelle. Mettez Lift Count à jour pour l&apos;ouvrir.</translation>
    </message>
    <message>
        <source>should be above 0</source>
        <translation>devrait être au-dessus de 0</translation>
    </message>
    <message>
        <source>should not be below 0</source>
        <translation>ne devrait pas être sous 0</translation>
    </message>
    <message>
        <source>should have either a figure or a part</source>
        <translation>devrait avoir soit une figure, soit une partie</translation>
    </message>
    <message>
        <source>stands without a restart</source>
        <translation>est sans restart</translation>
    </message>
    <message>
        <source>stands without a tag</source>
        <translation>est sans tag</translation>
    </message>
    <message>
        <source>is no change of a figure</source>
        <translation>n&apos;est pas un changement de figure</translation>
    </message>
    <message>
        <source>has no field “at”</source>
        <translation>n&apos;a pas de champ «&#xa0;at&#xa0;»</translation>
    </message>
    <message>
        <source>should be after its beginning</source>
        <translation>devrait être après son début</translation>
    </message>
    <message>
        <source>is empty</source>
        <translation>est vide</translation>
    </message>
    <message>
        <source>stands twice in one figure</source>
        <translation>est deux fois dans une figure</translation>
    </message>
    <message>
        <source>should have 8 roles at most</source>
        <translation>devrait avoir 8 rôles au plus</translation>
    </message>
    <message>
        <source>should lie between %1 and 4096 counts</source>
        <translation>devrait être entre %1 et 4096 comptes</translation>
    </message>
    <message>
        <source>should lie above 0 and at most at 64 counts</source>
        <translation>devrait être au-dessus de 0 et au plus à 64 comptes</translation>
    </message>
    <message>
        <source>should have own_and before own_a, both inside the count</source>
        <translation>devrait avoir own_and avant own_a, tous deux dans le compte</translation>
    </message>
    <message>
        <source>should be an object</source>
        <translation>devrait être un objet</translation>
    </message>
    <message>
        <source>has an unknown field “%1”</source>
        <translation>a un champ inconnu «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>has no field “%1”</source>
        <translation>n&apos;a pas de champ «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>should be a list</source>
        <translation>devrait être une liste</translation>
    </message>
    <message>
        <source>should be a text</source>
        <translation>devrait être un texte</translation>
    </message>
    <message>
        <source>should be a number</source>
        <translation>devrait être un nombre</translation>
    </message>
    <message>
        <source>should be a finite number</source>
        <translation>devrait être un nombre fini</translation>
    </message>
    <message>
        <source>should lie within a million seconds</source>
        <translation>devrait être dans le million de secondes</translation>
    </message>
    <message>
        <source>should be a whole number</source>
        <translation>devrait être un nombre entier</translation>
    </message>
    <message>
        <source>is too large</source>
        <translation>est trop grand</translation>
    </message>
    <message>
        <source>should lie between %1 and %2</source>
        <translation>devrait être entre %1 et %2</translation>
    </message>
    <message>
        <source>should be true or false</source>
        <translation>devrait être true ou false</translation>
    </message>
    <message>
        <source>the text</source>
        <translation>le texte</translation>
    </message>
    <message>
        <source>%1 (byte %2)</source>
        <translation>%1 (octet %2)</translation>
    </message>
    <message>
        <source>at byte %1</source>
        <translation>à l&apos;octet %1</translation>
    </message>
    <message>
        <source>the text breaks off or is not JSON</source>
        <translation>le texte s&apos;interrompt ou n&apos;est pas du JSON</translation>
    </message>
    <message>
        <source>one of its fields</source>
        <translation>un de ses champs</translation>
    </message>
    <message>
        <source>has a value of the wrong kind</source>
        <translation>a une valeur du mauvais type</translation>
    </message>
    <message>
        <source>the file</source>
        <translation>le fichier</translation>
    </message>
    <message>
        <source>should have one entry for each beat</source>
        <translation>devrait avoir une entrée pour chaque temps</translation>
    </message>
    <message>
        <source>should lie between 0 and 1</source>
        <translation>devrait être entre 0 et 1</translation>
    </message>
    <message>
        <source>should lie between 0.4 and 0.8</source>
        <translation>devrait être entre 0,4 et 0,8</translation>
    </message>
    <message>
        <source>does not hold together: %1</source>
        <translation>ne se tient pas&#xa0;: %1</translation>
    </message>
    <message>
        <source>should be after from_s</source>
        <translation>devrait être après from_s</translation>
    </message>
    <message>
        <source>should be 2 or -2</source>
        <translation>devrait être 2 ou -2</translation>
    </message>
    <message>
        <source>should be at most a tenth of a second</source>
        <translation>devrait être d&apos;un dixième de seconde au plus</translation>
    </message>
    <message>
        <source>should be later than at_s</source>
        <translation>devrait être après at_s</translation>
    </message>
    <message>
        <source>is no kind of fact that this version knows</source>
        <translation>n&apos;est pas une sorte d&apos;indication que cette version connaît</translation>
    </message>
    <message>
        <source>stands twice with one school</source>
        <translation>est deux fois avec une école</translation>
    </message>
    <message>
        <source>should have 1 to 8 roles</source>
        <translation>devrait avoir de 1 à 8 rôles</translation>
    </message>
    <message>
        <source>should have at least one part</source>
        <translation>devrait avoir au moins une partie</translation>
    </message>
    <message>
        <source>puts the part inside itself</source>
        <translation>met la partie dans elle-même</translation>
    </message>
    <message>
        <source>should have at most 5000 passes</source>
        <translation>devrait avoir 5000 passages au plus</translation>
    </message>
    <message>
        <source>should be L, R or B</source>
        <translation>devrait être L, R ou B</translation>
    </message>
    <message>
        <source>is no figure of this routine</source>
        <translation>n&apos;est pas une figure de cette chorégraphie</translation>
    </message>
    <message>
        <source>is no role of this routine</source>
        <translation>n&apos;est pas un rôle de cette chorégraphie</translation>
    </message>
    <message>
        <source>is above last_id</source>
        <translation>est au-dessus de last_id</translation>
    </message>
    <message>
        <source>is used twice</source>
        <translation>est utilisé deux fois</translation>
    </message>
    <message>
        <source>points to nothing in the file</source>
        <translation>ne désigne rien dans le fichier</translation>
    </message>
    <message>
        <source>A part is named by one word, such as A or Ending.</source>
        <translation>Une partie est nommée par un seul mot, comme A ou Fin.</translation>
    </message>
    <message>
        <source>There is a part “%1” already. Take another name.</source>
        <translation>Il y a déjà une partie «&#xa0;%1&#xa0;». Prenez un autre nom.</translation>
    </message>
    <message>
        <source>That role is no longer there; nothing was changed.</source>
        <translation>Ce rôle n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>A role needs a name, such as leader or row 1.</source>
        <translation>Un rôle a besoin d&apos;un nom, comme leader ou rang 1.</translation>
    </message>
    <message>
        <source>A routine has at most 8 roles.</source>
        <translation>Une chorégraphie a 8 rôles au plus.</translation>
    </message>
    <message>
        <source>A role needs a name, such as follower or row 2.</source>
        <translation>Un rôle a besoin d&apos;un nom, comme follower ou rang 2.</translation>
    </message>
    <message>
        <source>A routine needs at least one role.</source>
        <translation>Une chorégraphie a besoin d&apos;au moins un rôle.</translation>
    </message>
    <message>
        <source>A figure needs a name.</source>
        <translation>Une figure a besoin d&apos;un nom.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 figures.</source>
        <translation>Une chorégraphie a 2000 figures au plus.</translation>
    </message>
    <message>
        <source>That figure is no longer there; nothing was changed.</source>
        <translation>Cette figure n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>That line is no longer there; nothing was changed.</source>
        <translation>Cette ligne n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>This line stands in no figure&apos;s section, so it cannot be a remark of one. Take it out, or write what it says where it belongs.</source>
        <translation>Cette ligne n&apos;est dans la section d&apos;aucune figure et ne peut donc pas en être une note. Retirez-la, ou écrivez ce qu&apos;elle dit là où c&apos;est sa place.</translation>
    </message>
    <message>
        <source>The figure of this line is no longer there.</source>
        <translation>La figure de cette ligne n&apos;est plus là.</translation>
    </message>
    <message>
        <source>That part is no longer there; nothing was changed.</source>
        <translation>Cette partie n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>A routine needs at least one part.</source>
        <translation>Une chorégraphie a besoin d&apos;au moins une partie.</translation>
    </message>
    <message>
        <source>A place holds one figure or one part.</source>
        <translation>Une place contient une figure ou une partie.</translation>
    </message>
    <message>
        <source>Part %1 cannot be put there: it would lie inside itself.</source>
        <translation>La partie %1 ne peut pas aller là&#xa0;: elle serait dans elle-même.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 counts.</source>
        <translation>Une mesure a de 1 à 24 comptes.</translation>
    </message>
    <message>
        <source>A part has at most 2000 figures.</source>
        <translation>Une partie a 2000 figures au plus.</translation>
    </message>
    <message>
        <source>Figures cannot be moved before one of themselves.</source>
        <translation>Des figures ne peuvent pas être déplacées devant l&apos;une d&apos;elles.</translation>
    </message>
    <message>
        <source>A routine has at most %1 passes.</source>
        <translation>Une chorégraphie a %1 passages au plus.</translation>
    </message>
    <message>
        <source>That pass is no longer there; nothing was changed.</source>
        <translation>Ce passage n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>A restart comes after at least a part of a count.</source>
        <translation>Un restart vient après au moins une fraction de compte.</translation>
    </message>
    <message>
        <source>A tag is longer than nothing.</source>
        <translation>Un tag dure plus que rien.</translation>
    </message>
    <message>
        <source>A bridge is longer than nothing, and stands in the pass.</source>
        <translation>Un pont dure plus que rien et se trouve dans le passage.</translation>
    </message>
    <message>
        <source>A wait is not shorter than nothing.</source>
        <translation>Une attente ne dure pas moins que rien.</translation>
    </message>
    <message>
        <source>An ending begins in the pass.</source>
        <translation>Une fin commence dans le passage.</translation>
    </message>
    <message>
        <source>In a canon the entries are apart by more than nothing.</source>
        <translation>Dans un canon, les entrées sont espacées de plus que rien.</translation>
    </message>
    <message>
        <source>A canon ends after it begins.</source>
        <translation>Un canon finit après avoir commencé.</translation>
    </message>
    <message>
        <source>A role enters a canon once.</source>
        <translation>Un rôle entre une seule fois dans un canon.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 exceptions bound to the music.</source>
        <translation>Une chorégraphie a 2000 exceptions liées à la musique au plus.</translation>
    </message>
    <message>
        <source>Nothing is to be done at this place of the music. Say a restart, a tag or another exception.</source>
        <translation>Rien n&apos;est à faire à cet endroit de la musique. Dites un restart, un tag ou une autre exception.</translation>
    </message>
    <message>
        <source>That exception is no longer there; nothing was changed.</source>
        <translation>Cette exception n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>That moment is no longer there; nothing was changed.</source>
        <translation>Ce moment n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>An accent lies in its figure.</source>
        <translation>Un accent se trouve dans sa figure.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 accents.</source>
        <translation>Une chorégraphie a 2000 accents au plus.</translation>
    </message>
    <message>
        <source>That accent is no longer there; nothing was changed.</source>
        <translation>Cet accent n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>That fact is no longer there; nothing was changed.</source>
        <translation>Cette indication n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>A set has 1 to 16 bars.</source>
        <translation>Une série a de 1 à 16 mesures.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 words of its own.</source>
        <translation>Une chorégraphie a 2000 mots propres au plus.</translation>
    </message>
    <message>
        <source>That word is no longer there; nothing was changed.</source>
        <translation>Ce mot n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>A moment needs a name in your own words, such as “the big stop”.</source>
        <translation>Un moment a besoin d&apos;un nom à vous, comme «&#xa0;le grand arrêt&#xa0;».</translation>
    </message>
    <message>
        <source>A song has at most 2000 moments.</source>
        <translation>Un morceau a 2000 moments au plus.</translation>
    </message>
    <message>
        <source>A moment lies in the song.</source>
        <translation>Un moment se trouve dans le morceau.</translation>
    </message>
    <message>
        <source>title</source>
        <translation>titre</translation>
    </message>
    <message>
        <source>song</source>
        <translation>morceau</translation>
    </message>
    <message>
        <source>song map, %1</source>
        <translation>carte du morceau, %1</translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation>autre enregistrement du morceau</translation>
    </message>
    <message>
        <source>moment “%1”</source>
        <translation>moment «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>change the moment “%1”</source>
        <translation>changer le moment «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>remove a moment</source>
        <translation>enlever un moment</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>lignes de paroles</translation>
    </message>
    <message>
        <source>place of the song file</source>
        <translation>emplacement du fichier du morceau</translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation>oublier une indication</translation>
    </message>
    <message>
        <source>forget all facts</source>
        <translation>oublier toutes les indications</translation>
    </message>
    <message>
        <source>way of counting</source>
        <translation>façon de compter</translation>
    </message>
    <message>
        <source>feel</source>
        <translation>subdivision</translation>
    </message>
    <message>
        <source>what “%1” means</source>
        <translation>ce que «&#xa0;%1&#xa0;» veut dire</translation>
    </message>
    <message>
        <source>forget what “%1” means</source>
        <translation>oublier ce que «&#xa0;%1&#xa0;» veut dire</translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation>nom d&apos;un rôle</translation>
    </message>
    <message>
        <source>role %1</source>
        <translation>rôle %1</translation>
    </message>
    <message>
        <source>remove a role</source>
        <translation>enlever un rôle</translation>
    </message>
    <message>
        <source>new part</source>
        <translation>nouvelle partie</translation>
    </message>
    <message>
        <source>name of a part</source>
        <translation>nom d&apos;une partie</translation>
    </message>
    <message>
        <source>remove a part</source>
        <translation>enlever une partie</translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation>figure %1</translation>
    </message>
    <message>
        <source>change %1</source>
        <translation>changer %1</translation>
    </message>
    <message>
        <source>take a figure out</source>
        <translation>retirer une figure</translation>
    </message>
    <message>
        <source>place a figure</source>
        <translation>placer une figure</translation>
    </message>
    <message>
        <source>place figures</source>
        <translation>placer des figures</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>copy of a part</source>
        <translation>copie d&apos;une partie</translation>
    </message>
    <message>
        <source>place a part</source>
        <translation>placer une partie</translation>
    </message>
    <message>
        <source>how a figure is danced</source>
        <translation>façon de danser une figure</translation>
    </message>
    <message>
        <source>take a figure out of its part</source>
        <translation>retirer une figure de sa partie</translation>
    </message>
    <message>
        <source>take figures out of their part</source>
        <translation>retirer des figures de leur partie</translation>
    </message>
    <message>
        <source>insert a figure</source>
        <translation>insérer une figure</translation>
    </message>
    <message>
        <source>insert figures</source>
        <translation>insérer des figures</translation>
    </message>
    <message>
        <source>repeat figures</source>
        <translation>répéter des figures</translation>
    </message>
    <message>
        <source>move figures</source>
        <translation>déplacer des figures</translation>
    </message>
    <message>
        <source>figures in reverse order</source>
        <translation>figures en ordre inverse</translation>
    </message>
    <message>
        <source>insert a pass</source>
        <translation>insérer un passage</translation>
    </message>
    <message>
        <source>insert passes</source>
        <translation>insérer des passages</translation>
    </message>
    <message>
        <source>move a pass</source>
        <translation>déplacer un passage</translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation>ce qui distingue un passage</translation>
    </message>
    <message>
        <source>pin the start of a pass</source>
        <translation>fixer le début d&apos;un passage</translation>
    </message>
    <message>
        <source>unpin the start of a pass</source>
        <translation>libérer le début d&apos;un passage</translation>
    </message>
    <message>
        <source>what a pass is remembered by</source>
        <translation>ce qui rappelle un passage</translation>
    </message>
    <message>
        <source>exception bound to the music</source>
        <translation>exception liée à la musique</translation>
    </message>
    <message>
        <source>take an exception of the music out</source>
        <translation>retirer une exception de la musique</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>accent</translation>
    </message>
    <message>
        <source>take an accent out</source>
        <translation>retirer un accent</translation>
    </message>
    <message>
        <source>opening stance</source>
        <translation>position de départ</translation>
    </message>
    <message>
        <source>formation: %1</source>
        <translation>formation&#xa0;: %1</translation>
    </message>
    <message>
        <source>level</source>
        <translation>niveau</translation>
    </message>
    <message>
        <source>order of passes</source>
        <translation>ordre des passages</translation>
    </message>
    <message>
        <source>remove a pass</source>
        <translation>enlever un passage</translation>
    </message>
    <message>
        <source>remove passes</source>
        <translation>enlever des passages</translation>
    </message>
    <message>
        <source>restart after %1</source>
        <translation>restart après %1</translation>
    </message>
    <message>
        <source>take the restart out</source>
        <translation>retirer le restart</translation>
    </message>
    <message>
        <source>tag of %1</source>
        <translation>tag de %1</translation>
    </message>
    <message>
        <source>take the tag out</source>
        <translation>retirer le tag</translation>
    </message>
    <message>
        <source>touch in place of a step</source>
        <translation>touch à la place d&apos;un pas</translation>
    </message>
    <message>
        <source>step in place of a touch</source>
        <translation>pas à la place d&apos;un touch</translation>
    </message>
    <message>
        <source>where the dance starts</source>
        <translation>où la danse commence</translation>
    </message>
    <message>
        <source>leave a finding as it is</source>
        <translation>laisser un constat tel quel</translation>
    </message>
    <message>
        <source>look at a finding again</source>
        <translation>revoir un constat</translation>
    </message>
    <message>
        <source>steps of a line of the hand-out</source>
        <translation>pas d&apos;une ligne de la fiche</translation>
    </message>
    <message>
        <source>a line of the hand-out as a remark</source>
        <translation>une ligne de la fiche comme note</translation>
    </message>
    <message>
        <source>take a line of the hand-out out</source>
        <translation>retirer une ligne de la fiche</translation>
    </message>
    <message>
        <source>Put its steps back into %1, to be mended there</source>
        <translation>Remettre ses pas dans %1, pour les y corriger</translation>
    </message>
    <message>
        <source>Keep it as a remark of %1</source>
        <translation>La garder comme note de %1</translation>
    </message>
    <message>
        <source>It is settled: take it out</source>
        <translation>C&apos;est réglé&#xa0;: la retirer</translation>
    </message>
    <message>
        <source>there is no role “%1”. The roles are %2.</source>
        <translation>il n&apos;y a pas de rôle «&#xa0;%1&#xa0;». Les rôles sont %2.</translation>
    </message>
    <message>
        <source>which steps? Those typed in parts are numbered as they stand there: steps 1.</source>
        <translation>quels pas&#xa0;? Ceux qui sont écrits dans des parties sont numérotés comme ils y sont&#xa0;: steps 1.</translation>
    </message>
    <message>
        <source>there are no steps “%1” before this line.</source>
        <translation>il n&apos;y a pas de pas «&#xa0;%1&#xa0;» avant cette ligne.</translation>
    </message>
    <message>
        <source>there is no figure “%1” in this text. Add “figure: %2” with its lines.</source>
        <translation>il n&apos;y a pas de figure «&#xa0;%1&#xa0;» dans ce texte. Ajoutez «&#xa0;figure: %2&#xa0;» avec ses lignes.</translation>
    </message>
    <message>
        <source>there is no part “%1”.</source>
        <translation>il n&apos;y a pas de partie «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” cannot be done to a placed figure. Known are mirrored, exchanged, version …, in bars of 3 for 4.</source>
        <translation>«&#xa0;%1&#xa0;» ne peut pas être fait à une figure placée. Sont connus mirrored, exchanged, version …, in bars of 3 for 4.</translation>
    </message>
    <message>
        <source>write the bars as danced and as written: “in bars of 3 for 4”.</source>
        <translation>écrivez les mesures dansées et écrites&#xa0;: «&#xa0;in bars of 3 for 4&#xa0;».</translation>
    </message>
    <message>
        <source>“figure %1” leads into no part.</source>
        <translation>«&#xa0;figure %1&#xa0;» ne mène dans aucune partie.</translation>
    </message>
    <message>
        <source>part %1 has no figure %2; it has %3.</source>
        <translation>la partie %1 n&apos;a pas de figure %2&#xa0;; elle en a %3.</translation>
    </message>
    <message>
        <source>“%1” is not a place in a part. Write for example A 3.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une place dans une partie. Écrivez par exemple A 3.</translation>
    </message>
    <message>
        <source>“%1” says no place. Write “Bridge, after 16”.</source>
        <translation>«&#xa0;%1&#xa0;» ne dit aucun endroit. Écrivez «&#xa0;Bridge, after 16&#xa0;».</translation>
    </message>
    <message>
        <source>name the section of the song: “Bridge, after 16”.</source>
        <translation>nommez la section du morceau&#xa0;: «&#xa0;Bridge, after 16&#xa0;».</translation>
    </message>
    <message>
        <source>after how many counts? Write for example “after 16”.</source>
        <translation>après combien de comptes&#xa0;? Écrivez par exemple «&#xa0;after 16&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” has no meaning here.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de sens ici.</translation>
    </message>
    <message>
        <source>what of this figure? Write for example “figure 3 mirrored”.</source>
        <translation>quoi de cette figure&#xa0;? Écrivez par exemple «&#xa0;figure 3 mirrored&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” cannot be done to a figure. Known are mirrored, exchanged, in version …, in bars of 3 for 4.</source>
        <translation>«&#xa0;%1&#xa0;» ne peut pas être fait à une figure. Sont connus mirrored, exchanged, in version …, in bars of 3 for 4.</translation>
    </message>
    <message>
        <source>“%1” is not an exception. Known are restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une exception. Sont connus restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.</translation>
    </message>
    <message>
        <source>there is no part “%1” to end with.</source>
        <translation>il n&apos;y a pas de partie «&#xa0;%1&#xa0;» pour finir.</translation>
    </message>
    <message>
        <source>where is it added? Write “add after figure 2: Sway” or “add at the head: Sway”.</source>
        <translation>où est-elle ajoutée&#xa0;? Écrivez «&#xa0;add after figure 2: Sway&#xa0;» ou «&#xa0;add at the head: Sway&#xa0;».</translation>
    </message>
    <message>
        <source>how far apart do they enter? Write “canon 2 apart”.</source>
        <translation>à quel écart entrent-ils&#xa0;? Écrivez «&#xa0;canon 2 apart&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” has no meaning in a canon. Known are ripple, together, from, to, enters.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de sens dans un canon. Sont connus ripple, together, from, to, enters.</translation>
    </message>
    <message>
        <source>so many figures are not added to that pass.</source>
        <translation>on n&apos;ajoute pas autant de figures à ce passage.</translation>
    </message>
    <message>
        <source>“%1” is not a stance. Write “leader: left free, facing 12”.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une position. Écrivez «&#xa0;leader: left free, facing 12&#xa0;».</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2 %3. Nothing was changed.</source>
        <translation>%1 ne peut pas être lu&#xa0;: %2 %3. Rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>A figure</source>
        <translation>Une figure</translation>
    </message>
    <message>
        <source>The file of figures</source>
        <translation>Le fichier de figures</translation>
    </message>
    <message>
        <source>This is not a file of figures.</source>
        <translation>Ce n&apos;est pas un fichier de figures.</translation>
    </message>
    <message>
        <source>These figures were written by a newer Lift Count (format %1; this one reads up to %2). Update Lift Count to read them.</source>
        <translation>Ces figures ont été écrites par un Lift Count plus récent (format %1&#xa0;; celui-ci lit jusqu&apos;à %2). Mettez Lift Count à jour pour les lire.</translation>
    </message>
    <message>
        <source>The table is empty. Its first row names the columns: name, line of everyone, …</source>
        <translation>Le tableau est vide. Sa première ligne nomme les colonnes&#xa0;: name, line of everyone, …</translation>
    </message>
    <message>
        <source>Column %1 of the table is called “%2”, which means nothing here. Take it out, or name it as the export does.</source>
        <translation>La colonne %1 du tableau s&apos;appelle «&#xa0;%2&#xa0;», ce qui ne veut rien dire ici. Retirez-la, ou nommez-la comme l&apos;export le fait.</translation>
    </message>
    <message>
        <source>The column “%1” stands twice in the table.</source>
        <translation>La colonne «&#xa0;%1&#xa0;» est deux fois dans le tableau.</translation>
    </message>
    <message>
        <source>The table has no column “name”.</source>
        <translation>Le tableau n&apos;a pas de colonne «&#xa0;name&#xa0;».</translation>
    </message>
    <message>
        <source>Row %1 of the table has %2 cells, the header has %3.</source>
        <translation>La ligne %1 du tableau a %2 cellules, l&apos;en-tête en a %3.</translation>
    </message>
    <message>
        <source>%1the versions are no JSON text.</source>
        <translation>%1les versions ne sont pas du texte JSON.</translation>
    </message>
    <message>
        <source>Row %1 of the table: %2 %3.</source>
        <translation>Ligne %1 du tableau&#xa0;: %2 %3.</translation>
    </message>
    <message>
        <source>Row %1 of the table has a value of the wrong kind.</source>
        <translation>La ligne %1 du tableau a une valeur du mauvais type.</translation>
    </message>
    <message>
        <source>%1a figure needs a name.</source>
        <translation>%1une figure a besoin d&apos;un nom.</translation>
    </message>
    <message>
        <source>This hand-out has more than %1 lines. Paste the dance alone.</source>
        <translation>Cette fiche a plus de %1 lignes. Collez seulement la danse.</translation>
    </message>
    <message>
        <source>the number of a page</source>
        <translation>le numéro d&apos;une page</translation>
    </message>
    <message>
        <source>No line of this text could be read as steps. Steps are written with their counts, as in “1-2 rock back L, recover R”, or as a list, as in “walk, walk, triple step”.</source>
        <translation>Aucune ligne de ce texte n&apos;a pu être lue comme des pas. Les pas s&apos;écrivent avec leurs comptes, comme «&#xa0;1-2 rock back L, recover R&#xa0;», ou en liste, comme «&#xa0;walk, walk, triple step&#xa0;».</translation>
    </message>
    <message>
        <source>for people to read</source>
        <translation>à lire par des gens</translation>
    </message>
    <message>
        <source>danced several times: write how often in the order, for example “Order: A A A”</source>
        <translation>dansé plusieurs fois&#xa0;: écrivez combien dans l&apos;ordre, par exemple «&#xa0;Order: A A A&#xa0;»</translation>
    </message>
    <message>
        <source>the order of the parts: %1</source>
        <translation>l&apos;ordre des parties&#xa0;: %1</translation>
    </message>
    <message>
        <source>a column for each role</source>
        <translation>une colonne pour chaque rôle</translation>
    </message>
    <message numerus="yes">
        <source>%n wall|%n walls</source>
        <translation>
            <numerusform>%n mur</numerusform>
            <numerusform>%n murs</numerusform>
        </translation>
    </message>
    <message>
        <source>level %1</source>
        <translation>niveau %1</translation>
    </message>
    <message>
        <source>an intro of %1</source>
        <translation>une intro de %1</translation>
    </message>
    <message>
        <source>%1 beats a minute</source>
        <translation>%1 temps par minute</translation>
    </message>
    <message>
        <source>the figure “%1”</source>
        <translation>la figure «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation>partie %1 sur %2</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>partie %1</translation>
    </message>
    <message>
        <source>a restart, but not in which pass: write “restart in wall 3 after 16”</source>
        <translation>un restart, mais pas dans quel passage&#xa0;: écrivez «&#xa0;restart in wall 3 after 16&#xa0;»</translation>
    </message>
    <message>
        <source>a restart, but not after how many counts: write “after 16”</source>
        <translation>un restart, mais pas après combien de comptes&#xa0;: écrivez «&#xa0;after 16&#xa0;»</translation>
    </message>
    <message>
        <source>restart after %1 in %2</source>
        <translation>restart après %1 dans %2</translation>
    </message>
    <message>
        <source>its steps take %1</source>
        <translation>ses pas prennent %1</translation>
    </message>
    <message>
        <source>a tag, but not after which pass: write “4-count tag after wall 3”</source>
        <translation>un tag, mais pas après quel passage&#xa0;: écrivez «&#xa0;4-count tag after wall 3&#xa0;»</translation>
    </message>
    <message>
        <source>a tag, but not of how many counts: write “4-count tag”</source>
        <translation>un tag, mais pas de combien de comptes&#xa0;: écrivez «&#xa0;4-count tag&#xa0;»</translation>
    </message>
    <message>
        <source>a tag of %1 after %2</source>
        <translation>un tag de %1 après %2</translation>
    </message>
    <message>
        <source>a tag of %1 after %2, danced as written</source>
        <translation>un tag de %1 après %2, dansé comme écrit</translation>
    </message>
    <message>
        <source>its steps could not be read</source>
        <translation>ses pas n&apos;ont pas pu être lus</translation>
    </message>
    <message>
        <source>the title</source>
        <translation>le titre</translation>
    </message>
    <message>
        <source>not understood: are these steps, or a remark?</source>
        <translation>pas compris&#xa0;: sont-ce des pas ou une note&#xa0;?</translation>
    </message>
    <message>
        <source>a heading with no steps below it</source>
        <translation>un titre sans pas en dessous</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>continue</translation>
    </message>
    <message>
        <source>steps, %1</source>
        <translation>pas, %1</translation>
    </message>
    <message>
        <source>steps: %1, %2</source>
        <translation>pas&#xa0;: %1, %2</translation>
    </message>
    <message>
        <source>at %1 beats a minute while no song is chosen</source>
        <translation>à %1 temps par minute tant qu&apos;aucun morceau n&apos;est choisi</translation>
    </message>
    <message numerus="yes">
        <source>danced in %n pass until an order is written|danced in %n passes until an order is written</source>
        <translation>
            <numerusform>dansé en %n passage tant qu&apos;aucun ordre n&apos;est écrit</numerusform>
            <numerusform>dansé en %n passages tant qu&apos;aucun ordre n&apos;est écrit</numerusform>
        </translation>
    </message>
    <message>
        <source>but part %1 is not written</source>
        <translation>mais la partie %1 n&apos;est pas écrite</translation>
    </message>
    <message numerus="yes">
        <source>but there is %n pass|but there are %n passes</source>
        <translation>
            <numerusform>mais il y a %n passage</numerusform>
            <numerusform>mais il y a %n passages</numerusform>
        </translation>
    </message>
    <message>
        <source>Line %1, “%2”: %3</source>
        <translation>Ligne %1, «&#xa0;%2&#xa0;»&#xa0;: %3</translation>
    </message>
    <message numerus="yes">
        <source>… and %n line more|… and %n lines more</source>
        <translation>
            <numerusform>… et %n autre ligne</numerusform>
            <numerusform>… et %n autres lignes</numerusform>
        </translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>«&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%1 again, to the other side</source>
        <translation>%1 encore, de l&apos;autre côté</translation>
    </message>
    <message>
        <source>%1 again</source>
        <translation>%1 encore</translation>
    </message>
    <message>
        <source>not read, since too much before it could not be</source>
        <translation>pas lu, car trop de choses avant n&apos;ont pas pu l&apos;être</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation>%1&#xa0;: %2, puis %3 libre</translation>
    </message>
    <message>
        <source>Lyrics, line %1: the offset is a number of milliseconds.</source>
        <translation>Paroles, ligne %1&#xa0;: le décalage est un nombre de millisecondes.</translation>
    </message>
    <message>
        <source>That is more than %1 lines of words.</source>
        <translation>Cela fait plus de %1 lignes de paroles.</translation>
    </message>
    <message>
        <source>The file has no line that begins with a time such as [1:05.30].</source>
        <translation>Le fichier n&apos;a pas de ligne qui commence par un temps comme [1:05.30].</translation>
    </message>
    <message>
        <source>No line of words is marked in the song. Mark a moment (M) of the kind words, or import an LRC file.</source>
        <translation>Aucune ligne de paroles n&apos;est marquée dans le morceau. Marquez un moment (M) de la sorte paroles, ou importez un fichier LRC.</translation>
    </message>
    <message>
        <source>text</source>
        <translation>texte</translation>
    </message>
    <message>
        <source>CSV</source>
        <translation>CSV</translation>
    </message>
    <message>
        <source>Export the map as CSV …</source>
        <translation>Exporter la carte en CSV …</translation>
    </message>
    <message>
        <source>CSV with the columns time_s,bar_index,beat_in_bar,phrase_index</source>
        <translation>CSV avec les colonnes time_s,bar_index,beat_in_bar,phrase_index</translation>
    </message>
    <message>
        <source>JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>Export the map as JSON …</source>
        <translation>Exporter la carte en JSON …</translation>
    </message>
    <message>
        <source>the JSON that is exported here</source>
        <translation>le JSON exporté ici</translation>
    </message>
    <message>
        <source>MIDI</source>
        <translation>MIDI</translation>
    </message>
    <message>
        <source>Export the map as MIDI …</source>
        <translation>Exporter la carte en MIDI …</translation>
    </message>
    <message>
        <source>MIDI files</source>
        <translation>fichiers MIDI</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>temps</translation>
    </message>
    <message>
        <source>Export the beats as a list …</source>
        <translation>Exporter les temps en liste …</translation>
    </message>
    <message>
        <source>lists of beats (a time on each line, and the number of the beat in its bar)</source>
        <translation>listes de temps (un instant par ligne, et le numéro du temps dans sa mesure)</translation>
    </message>
    <message>
        <source>labels</source>
        <translation>étiquettes</translation>
    </message>
    <message>
        <source>Export the map as labels …</source>
        <translation>Exporter la carte en étiquettes …</translation>
    </message>
    <message>
        <source>label files (start, end, label, with tabs)</source>
        <translation>fichiers d&apos;étiquettes (début, fin, étiquette, avec tabulations)</translation>
    </message>
    <message>
        <source>WebVTT</source>
        <translation>WebVTT</translation>
    </message>
    <message>
        <source>Export the phrases as WebVTT …</source>
        <translation>Exporter les phrases en WebVTT …</translation>
    </message>
    <message>
        <source>LRC</source>
        <translation>LRC</translation>
    </message>
    <message>
        <source>Export the lines of words as LRC …</source>
        <translation>Exporter les paroles en LRC …</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>Temps</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds, alone or with the number of the beat in its bar.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un instant en secondes, seul ou avec le numéro du temps dans sa mesure.</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un instant en secondes.</translation>
    </message>
    <message>
        <source>its time does not come after the row before.</source>
        <translation>son instant ne vient pas après la ligne d&apos;avant.</translation>
    </message>
    <message>
        <source>that is more than %1 beats.</source>
        <translation>cela fait plus de %1 temps.</translation>
    </message>
    <message>
        <source>some rows say the beat in the bar and some do not.</source>
        <translation>certaines lignes disent le temps dans la mesure, d&apos;autres non.</translation>
    </message>
    <message>
        <source>The list has no beats. It needs at least two times.</source>
        <translation>La liste n&apos;a pas de temps. Il lui faut au moins deux instants.</translation>
    </message>
    <message>
        <source>No row of the list is the 1 of a bar.</source>
        <translation>Aucune ligne de la liste n&apos;est le 1 d&apos;une mesure.</translation>
    </message>
    <message>
        <source>The list says no bars: bars of %1 were drawn from its first beat.</source>
        <translation>La liste ne dit pas de mesures&#xa0;: des mesures de %1 ont été tracées dès son premier temps.</translation>
    </message>
    <message>
        <source>It says no phrases: phrases of %1 bars were drawn.</source>
        <translation>Elle ne dit pas de phrases&#xa0;: des phrases de %1 mesures ont été tracées.</translation>
    </message>
    <message>
        <source>State where they start.</source>
        <translation>Indiquez où elles commencent.</translation>
    </message>
    <message>
        <source>has more than %1 beats</source>
        <translation>a plus de %1 temps</translation>
    </message>
    <message>
        <source>This song map cannot be read: %1 %2.</source>
        <translation>Cette carte de morceau ne peut pas être lue&#xa0;: %1 %2.</translation>
    </message>
    <message>
        <source>The MIDI file has more than %1 beats.</source>
        <translation>Le fichier MIDI a plus de %1 temps.</translation>
    </message>
    <message>
        <source>The MIDI file is over before its second beat.</source>
        <translation>Le fichier MIDI finit avant son deuxième temps.</translation>
    </message>
    <message>
        <source>The MIDI file has no markers: phrases of %1 bars were drawn.</source>
        <translation>Le fichier MIDI n&apos;a pas de repères&#xa0;: des phrases de %1 mesures ont été tracées.</translation>
    </message>
    <message>
        <source>These labels are points in time; a phrase needs a start and an end. If the points are beats, save them as a list: a time on each line, and after it the number of the beat in its bar.</source>
        <translation>Ces étiquettes sont des points dans le temps&#xa0;; une phrase a besoin d&apos;un début et d&apos;une fin. Si les points sont des temps, enregistrez-les en liste&#xa0;: un instant par ligne, suivi du numéro du temps dans sa mesure.</translation>
    </message>
    <message>
        <source>the first line should read “%1”.</source>
        <translation>la première ligne devrait être «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>a row has four columns: time, bar, beat in the bar, phrase.</source>
        <translation>une ligne a quatre colonnes&#xa0;: instant, mesure, temps dans la mesure, phrase.</translation>
    </message>
    <message>
        <source>bar, beat and phrase are whole numbers.</source>
        <translation>mesure, temps et phrase sont des nombres entiers.</translation>
    </message>
    <message>
        <source>bar %1 begins with beat %2, not with 1.</source>
        <translation>la mesure %1 commence par le temps %2, pas par 1.</translation>
    </message>
    <message>
        <source>bar %1 does not follow bar %2.</source>
        <translation>la mesure %1 ne suit pas la mesure %2.</translation>
    </message>
    <message>
        <source>beat %1 does not follow beat %2.</source>
        <translation>le temps %1 ne suit pas le temps %2.</translation>
    </message>
    <message>
        <source>phrase %1 does not begin on a bar after phrase %2.</source>
        <translation>la phrase %1 ne commence pas sur une mesure après la phrase %2.</translation>
    </message>
    <message>
        <source>The CSV has no beats. It needs one row for each beat.</source>
        <translation>Le CSV n&apos;a pas de temps. Il lui faut une ligne par temps.</translation>
    </message>
    <message>
        <source>The CSV has no bars: every row is a pick-up (bar −1). Number the bars from 0.</source>
        <translation>Le CSV n&apos;a pas de mesures&#xa0;: chaque ligne est une levée (mesure −1). Numérotez les mesures à partir de 0.</translation>
    </message>
    <message>
        <source>Labels</source>
        <translation>Étiquettes</translation>
    </message>
    <message>
        <source>a line has a start, an end and a label, with tabs between them.</source>
        <translation>une ligne a un début, une fin et une étiquette, séparés par des tabulations.</translation>
    </message>
    <message>
        <source>start and end are seconds, such as 12.345.</source>
        <translation>début et fin sont des secondes, comme 12.345.</translation>
    </message>
    <message>
        <source>it ends before it starts.</source>
        <translation>elle finit avant de commencer.</translation>
    </message>
    <message>
        <source>a stop says its beats, such as “stop 4”, and has a length.</source>
        <translation>un arrêt dit ses temps, comme «&#xa0;stop 4&#xa0;», et a une durée.</translation>
    </message>
    <message>
        <source>The label file names no phrases.</source>
        <translation>Le fichier d&apos;étiquettes ne nomme pas de phrases.</translation>
    </message>
    <message>
        <source>The labels reach over more than %1 beats at this tempo.</source>
        <translation>Les étiquettes s&apos;étendent sur plus de %1 temps à ce tempo.</translation>
    </message>
    <message>
        <source>The labels are over before a second beat.</source>
        <translation>Les étiquettes finissent avant un deuxième temps.</translation>
    </message>
    <message numerus="yes">
        <source>One label that is a point in time is left out.|%n labels that are points in time are left out.</source>
        <translation>
            <numerusform>Une étiquette qui est un point dans le temps est laissée de côté.</numerusform>
            <numerusform>%n étiquettes qui sont des points dans le temps sont laissées de côté.</numerusform>
        </translation>
    </message>
    <message>
        <source>A label file has no beats: %1 bpm in bars of %2 fit its phrases best.</source>
        <translation>Un fichier d&apos;étiquettes n&apos;a pas de temps&#xa0;: %1 bpm en mesures de %2 conviennent le mieux à ses phrases.</translation>
    </message>
    <message>
        <source>State the tempo if they should be counted otherwise.</source>
        <translation>Indiquez le tempo s&apos;il faut les compter autrement.</translation>
    </message>
    <message>
        <source>%1 is not a song map. Known are %2.</source>
        <translation>%1 n&apos;est pas une carte de morceau. Sont connus %2.</translation>
    </message>
    <message>
        <source>The MIDI file could not be made: no room in the folder for temporary files.</source>
        <translation>Le fichier MIDI n&apos;a pas pu être fait&#xa0;: pas de place dans le dossier des fichiers temporaires.</translation>
    </message>
    <message>
        <source>A song without beats has no tempo to write as MIDI.</source>
        <translation>Un morceau sans temps n&apos;a pas de tempo à écrire en MIDI.</translation>
    </message>
    <message>
        <source>The first beat lies before the recording; MIDI has no time before 0.</source>
        <translation>Le premier temps est avant l&apos;enregistrement&#xa0;; MIDI n&apos;a pas d&apos;instant avant 0.</translation>
    </message>
    <message>
        <source>The MIDI file could not be made.</source>
        <translation>Le fichier MIDI n&apos;a pas pu être fait.</translation>
    </message>
    <message>
        <source>A beat longer than 16 seconds cannot be written as MIDI.</source>
        <translation>Un temps de plus de 16 secondes ne peut pas être écrit en MIDI.</translation>
    </message>
    <message>
        <source>The MIDI track could not be closed.</source>
        <translation>La piste MIDI n&apos;a pas pu être fermée.</translation>
    </message>
    <message>
        <source>%1, line %2: %3</source>
        <translation>%1, ligne %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>it does not begin like a MIDI file</source>
        <translation>il ne commence pas comme un fichier MIDI</translation>
    </message>
    <message>
        <source>its header breaks off</source>
        <translation>son en-tête s&apos;interrompt</translation>
    </message>
    <message>
        <source>it holds several songs (format 2); save them one by one</source>
        <translation>il contient plusieurs morceaux (format 2)&#xa0;; enregistrez-les un par un</translation>
    </message>
    <message>
        <source>its clock is film frames, which have no beats</source>
        <translation>son horloge compte des images de film, qui n&apos;ont pas de temps</translation>
    </message>
    <message>
        <source>a track breaks off</source>
        <translation>une piste s&apos;interrompt</translation>
    </message>
    <message>
        <source>an event cannot be read</source>
        <translation>un événement ne peut pas être lu</translation>
    </message>
    <message>
        <source>The MIDI file cannot be read at byte %1: %2.</source>
        <translation>Le fichier MIDI ne peut pas être lu à l&apos;octet %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>There are no passes to paste. Copy some first: choose them in the list of passes.</source>
        <translation>Il n&apos;y a pas de passages à coller. Copiez-en d&apos;abord&#xa0;: choisissez-les dans la liste des passages.</translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy some first: choose them in a part.</source>
        <translation>Il n&apos;y a pas de figures à coller. Copiez-en d&apos;abord&#xa0;: choisissez-les dans une partie.</translation>
    </message>
    <message>
        <source>this routine has no part “%1”.</source>
        <translation>cette chorégraphie n&apos;a pas de partie «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>the text begins with the line “%1”.</source>
        <translation>le texte commence par la ligne «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>the part would lie inside itself.</source>
        <translation>la partie serait dans elle-même.</translation>
    </message>
    <message>
        <source>“%1” is not known here. Lines begin with title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled, or left as it is.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas connu ici. Les lignes commencent par title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled ou left as it is.</translation>
    </message>
    <message>
        <source>this is said already in line %1.</source>
        <translation>c&apos;est déjà dit à la ligne %1.</translation>
    </message>
    <message>
        <source>there is no song to which it belongs. Add a line such as “song: intro 16 | verse 32”.</source>
        <translation>il n&apos;y a pas de morceau auquel cela appartient. Ajoutez une ligne comme «&#xa0;song: intro 16 | verse 32&#xa0;».</translation>
    </message>
    <message>
        <source>the tempo is a number of beats a minute, such as 112.</source>
        <translation>le tempo est un nombre de temps par minute, comme 112.</translation>
    </message>
    <message>
        <source>a moment is a time, a kind and a name: “moment: 13 s, hit, the big stop”.</source>
        <translation>un moment est un instant, une sorte et un nom&#xa0;: «&#xa0;moment: 13 s, hit, the big stop&#xa0;».</translation>
    </message>
    <message>
        <source>the counting is a unit and the bars of a set: “counting: beat, 2 bars”.</source>
        <translation>la façon de compter est une unité et les mesures d&apos;une série&#xa0;: «&#xa0;counting: beat, 2 bars&#xa0;».</translation>
    </message>
    <message>
        <source>a routine has at most 8 roles.</source>
        <translation>une chorégraphie a 8 rôles au plus.</translation>
    </message>
    <message>
        <source>a role needs a name.</source>
        <translation>un rôle a besoin d&apos;un nom.</translation>
    </message>
    <message>
        <source>two roles are called “%1”.</source>
        <translation>deux rôles s&apos;appellent «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>a frame is “entry 2, close 2”.</source>
        <translation>un cadre est «&#xa0;entry 2, close 2&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” is not known of a figure. Known are %2.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas connu d&apos;une figure. Sont connus %2.</translation>
    </message>
    <message>
        <source>a figure needs a name: “figure: Vane vine”.</source>
        <translation>une figure a besoin d&apos;un nom&#xa0;: «&#xa0;figure: Vane vine&#xa0;».</translation>
    </message>
    <message>
        <source>a part is named by one word, such as A or Ending.</source>
        <translation>une partie est nommée par un seul mot, comme A ou Fin.</translation>
    </message>
    <message>
        <source>there is a part “%1” already.</source>
        <translation>il y a déjà une partie «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>there are no passes yet. Say the order of the parts first: “order: A A B”.</source>
        <translation>il n&apos;y a pas encore de passages. Dites d&apos;abord l&apos;ordre des parties&#xa0;: «&#xa0;order: A A B&#xa0;».</translation>
    </message>
    <message>
        <source>this pass has been told already.</source>
        <translation>ce passage a déjà été dit.</translation>
    </message>
    <message>
        <source>write “accent: pass 2, figure 1, count 9, moment 1”.</source>
        <translation>écrivez «&#xa0;accent: pass 2, figure 1, count 9, moment 1&#xa0;».</translation>
    </message>
    <message>
        <source>the song has no moments. Add “moment: 13 s, hit, the big stop”.</source>
        <translation>le morceau n&apos;a pas de moments. Ajoutez «&#xa0;moment: 13 s, hit, the big stop&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” does not say where the line of the hand-out stands.</source>
        <translation>«&#xa0;%1&#xa0;» ne dit pas où est la ligne de la fiche.</translation>
    </message>
    <message>
        <source>“%1” is not known here. A line that is not settled has text and why.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas connu ici. Une ligne non réglée a text et why.</translation>
    </message>
    <message>
        <source>“%1” does not say which finding is left as it is.</source>
        <translation>«&#xa0;%1&#xa0;» ne dit pas quel constat est laissé tel quel.</translation>
    </message>
    <message>
        <source>there is nothing of this kind above it.</source>
        <translation>il n&apos;y a rien de cette sorte au-dessus.</translation>
    </message>
    <message>
        <source>Line %1 is indented, but stands under nothing. Begin it at the margin.</source>
        <translation>La ligne %1 est en retrait, mais n&apos;est sous rien. Commencez-la à la marge.</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds. Write for example 12.5 s.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un instant en secondes. Écrivez par exemple 12.5 s.</translation>
    </message>
    <message>
        <source>a whole number from %1 to %2 is missing after “%3”.</source>
        <translation>il manque un nombre entier de %1 à %2 après «&#xa0;%3&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” should be a whole number from %2 to %3.</source>
        <translation>«&#xa0;%1&#xa0;» devrait être un nombre entier de %2 à %3.</translation>
    </message>
    <message>
        <source>“%1” says nothing about the feel. Known are slow, quick, &amp;, a, stomp without weight.</source>
        <translation>«&#xa0;%1&#xa0;» ne dit rien de la subdivision. Sont connus slow, quick, &amp;, a, stomp without weight.</translation>
    </message>
    <message>
        <source>slow and quick last longer than nothing, and &amp; comes before a inside a count.</source>
        <translation>lent et vite durent plus que rien, et &amp; vient avant a dans un compte.</translation>
    </message>
    <message>
        <source>a word is its name, the school that means it so, if any, and its steps: “word: zwirl step, Hofkreis = 1 step &amp; step 2 step”.</source>
        <translation>un mot est son nom, l&apos;école qui l&apos;entend ainsi, s&apos;il y en a une, et ses pas&#xa0;: «&#xa0;word: zwirl step, Hofkreis = 1 step &amp; step 2 step&#xa0;».</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Ligne %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>twice %1</source>
        <translation>deux fois %1</translation>
    </message>
    <message numerus="yes">
        <source>once %1|%2 times %1</source>
        <translation>
            <numerusform>une fois %1</numerusform>
            <numerusform>%2 fois %1</numerusform>
        </translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation>à %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>it ends on the other foot than it begins</source>
        <translation>elle finit sur l&apos;autre pied que celui du début</translation>
    </message>
    <message>
        <source>it ends in the middle of an eight, after %1</source>
        <translation>elle finit au milieu d&apos;un huit, après %1</translation>
    </message>
    <message>
        <source>it ends in the middle of a set, after %1</source>
        <translation>elle finit au milieu d&apos;une série, après %1</translation>
    </message>
    <message>
        <source>it has no repetition %1, in which the turn belongs</source>
        <translation>elle n&apos;a pas de répétition %1, où va le tour</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nom</translation>
    </message>
    <message>
        <source>line of %1</source>
        <translation>ligne de %1</translation>
    </message>
    <message>
        <source>length</source>
        <translation>durée</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>cadre</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>versions</translation>
    </message>
    <message>
        <source>order of its lines</source>
        <translation>ordre de ses lignes</translation>
    </message>
    <message>
        <source>other names</source>
        <translation>autres noms</translation>
    </message>
    <message>
        <source>family</source>
        <translation>famille</translation>
    </message>
    <message>
        <source>description</source>
        <translation>description</translation>
    </message>
    <message>
        <source>in one line</source>
        <translation>en une ligne</translation>
    </message>
    <message>
        <source>words</source>
        <translation>mots</translation>
    </message>
    <message>
        <source>taught with</source>
        <translation>enseigné avec</translation>
    </message>
    <message>
        <source>cautions</source>
        <translation>précautions</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>notes</translation>
    </message>
    <message>
        <source>tags</source>
        <translation>mots-clés</translation>
    </message>
    <message>
        <source>The line cannot be read to its end</source>
        <translation>La ligne ne peut pas être lue jusqu&apos;au bout</translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation>Au caractère %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>A foot is not free</source>
        <translation>Un pied n&apos;est pas libre</translation>
    </message>
    <message>
        <source>It may mean: %1.</source>
        <translation>Cela peut vouloir dire&#xa0;: %1.</translation>
    </message>
    <message>
        <source>It is %1</source>
        <translation>C&apos;est %1</translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free; read so now</source>
        <translation>%1, puis le pied %2 est libre&#xa0;; lu ainsi maintenant</translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free</source>
        <translation>%1, puis le pied %2 est libre</translation>
    </message>
    <message>
        <source>Called %1, adds up to %2</source>
        <translation>Annoncé %1, fait %2 en tout</translation>
    </message>
    <message>
        <source>Its steps fill %1 more than it is said to have.</source>
        <translation>Ses pas remplissent %1 de plus qu&apos;annoncé.</translation>
    </message>
    <message>
        <source>Its steps fill %1, %2 short.</source>
        <translation>Ses pas remplissent %1, il manque %2.</translation>
    </message>
    <message>
        <source>Let step %1 last %2</source>
        <translation>Faire durer le pas %1 %2</translation>
    </message>
    <message>
        <source>The feet stay as they are.</source>
        <translation>Les pieds restent comme ils sont.</translation>
    </message>
    <message>
        <source>Call it a figure of %1</source>
        <translation>L&apos;appeler une figure de %1</translation>
    </message>
    <message>
        <source>Add a wait of %1 at its end</source>
        <translation>Ajouter une attente de %1 à la fin</translation>
    </message>
    <message>
        <source>%1 has %2, %3 %4: +%5, %1 misses the meet point at %4.</source>
        <translation>%1 a %2, %3 %4&#xa0;: +%5, %1 manque le point de rencontre à %4.</translation>
    </message>
    <message numerus="yes">
        <source>Both make %n weight change, so the feet agree all the same.|Both make %n weight changes, so the feet agree all the same.</source>
        <translation>
            <numerusform>Les deux font %n changement d&apos;appui, les pieds concordent donc quand même.</numerusform>
            <numerusform>Les deux font %n changements d&apos;appui, les pieds concordent donc quand même.</numerusform>
        </translation>
    </message>
    <message>
        <source>The roles do not end together</source>
        <translation>Les rôles ne finissent pas ensemble</translation>
    </message>
    <message>
        <source>%1 waits %2 at the end</source>
        <translation>%1 attend %2 à la fin</translation>
    </message>
    <message>
        <source>The roles miss each other at the end</source>
        <translation>Les rôles se manquent à la fin</translation>
    </message>
    <message>
        <source>The roles miss each other at %1</source>
        <translation>Les rôles se manquent à %1</translation>
    </message>
    <message>
        <source>At this meet point %1.</source>
        <translation>À ce point de rencontre, %1.</translation>
    </message>
    <message>
        <source>Two lines say different holds</source>
        <translation>Deux lignes disent des prises différentes</translation>
    </message>
    <message>
        <source>On %1 %2 says “%3”, %4 “%5”.</source>
        <translation>Au compte %1, %2 dit «&#xa0;%3&#xa0;», %4 «&#xa0;%5&#xa0;».</translation>
    </message>
    <message>
        <source>No room for a body</source>
        <translation>Pas de place pour un corps</translation>
    </message>
    <message>
        <source>Entry %1 and close %2 fill all of its %3.</source>
        <translation>L&apos;entrée %1 et la clôture %2 remplissent tous ses %3.</translation>
    </message>
    <message>
        <source>A version cannot be read</source>
        <translation>Une version ne peut pas être lue</translation>
    </message>
    <message>
        <source>The version “%1” has a line that cannot be read to its end.</source>
        <translation>La version «&#xa0;%1&#xa0;» a une ligne qui ne peut pas être lue jusqu&apos;au bout.</translation>
    </message>
    <message>
        <source>A version has another length</source>
        <translation>Une version a une autre durée</translation>
    </message>
    <message>
        <source>The version “%1” has %2, the figure %3. What follows it moves.</source>
        <translation>La version «&#xa0;%1&#xa0;» a %2, la figure %3. Ce qui suit se décale.</translation>
    </message>
    <message>
        <source>A version leaves another foot</source>
        <translation>Une version laisse un autre pied</translation>
    </message>
    <message>
        <source>The version “%1” leaves the %2 foot free, the figure the %3. Versions that share a place must leave the same foot.</source>
        <translation>La version «&#xa0;%1&#xa0;» laisse le pied %2 libre, la figure le pied %3. Des versions à la même place doivent laisser le même pied.</translation>
    </message>
    <message>
        <source>half a bar is left over.</source>
        <translation>il reste une demi-mesure.</translation>
    </message>
    <message>
        <source>%1 to the next bar.</source>
        <translation>%1 jusqu&apos;à la mesure suivante.</translation>
    </message>
    <message>
        <source>No whole number of bars</source>
        <translation>Pas un nombre entier de mesures</translation>
    </message>
    <message>
        <source>%1 = %2 bars of %3; %4</source>
        <translation>%1 = %2 mesures de %3&#xa0;; %4</translation>
    </message>
    <message>
        <source>A step is quicker than your limit</source>
        <translation>Un pas est plus rapide que votre limite</translation>
    </message>
    <message>
        <source>The step on %1 has %2 s at this tempo; your own limit is %3 s.</source>
        <translation>Le pas sur %1 a %2 s à ce tempo&#xa0;; votre limite est de %3 s.</translation>
    </message>
    <message>
        <source>A turn is faster than your limit</source>
        <translation>Un tour est plus rapide que votre limite</translation>
    </message>
    <message>
        <source>The turn on %1 runs at %2°/s at this tempo; your own limit is %3°/s.</source>
        <translation>Le tour sur %1 va à %2°/s à ce tempo&#xa0;; votre limite est de %3°/s.</translation>
    </message>
    <message>
        <source>The tail is not written yet</source>
        <translation>La suite n&apos;est pas encore écrite</translation>
    </message>
    <message>
        <source>After %1 the line goes on with “…”.</source>
        <translation>Après %1, la ligne continue par «&#xa0;…&#xa0;».</translation>
    </message>
    <message>
        <source>Not timed yet</source>
        <translation>Pas encore placé dans le temps</translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an even number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation>Ce qui se passe dans %1 dès %2 n&apos;a pas encore de temps. Il y a un nombre pair de changements d&apos;appui, car on arrive avec le pied %3 libre et on laisse le pied %4.</translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an odd number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation>Ce qui se passe dans %1 dès %2 n&apos;a pas encore de temps. Il y a un nombre impair de changements d&apos;appui, car on arrive avec le pied %3 libre et on laisse le pied %4.</translation>
    </message>
    <message>
        <source>they should be on the same foot, but %1 has the %2 free and %3 the %4</source>
        <translation>ils devraient être sur le même pied, mais %1 a le pied %2 libre et %3 le pied %4</translation>
    </message>
    <message>
        <source>they should be on opposite feet, but both have the %1 free</source>
        <translation>ils devraient être sur des pieds opposés, mais les deux ont le pied %1 libre</translation>
    </message>
    <message>
        <source>%1 goes on for %2 more</source>
        <translation>%1 continue encore %2</translation>
    </message>
    <message>
        <source>then the %1 foot free</source>
        <translation>puis le pied %1 est libre</translation>
    </message>
    <message>
        <source>%1 foot free before</source>
        <translation>pied %1 libre avant</translation>
    </message>
    <message>
        <source>ends %1</source>
        <translation>finit %1</translation>
    </message>
    <message>
        <source>starts %1</source>
        <translation>commence %1</translation>
    </message>
    <message>
        <source>with a turn</source>
        <translation>avec un tour</translation>
    </message>
    <message>
        <source>without a turn</source>
        <translation>sans tour</translation>
    </message>
    <message>
        <source>Say the lengths of the figures that may fill the counts, such as 6 and 8.</source>
        <translation>Dites les durées des figures qui peuvent remplir les comptes, comme 6 et 8.</translation>
    </message>
    <message>
        <source>A figure is at least a quarter of a count long.</source>
        <translation>Une figure dure au moins un quart de compte.</translation>
    </message>
    <message>
        <source>Between one and 4096 counts can be filled.</source>
        <translation>On peut remplir de un à 4096 comptes.</translation>
    </message>
    <message>
        <source>There are more than 100,000 ways to fill %1 with these lengths. Take fewer of them.</source>
        <translation>Il y a plus de 100 000 façons de remplir %1 avec ces durées. Prenez-en moins.</translation>
    </message>
    <message>
        <source>Fillers are made for 1 to 64 whole counts.</source>
        <translation>Des remplissages se font pour 1 à 64 comptes entiers.</translation>
    </message>
    <message>
        <source>the figure has no frame: say how many counts are its entry and close</source>
        <translation>la figure n&apos;a pas de cadre&#xa0;: dites combien de comptes sont son entrée et sa clôture</translation>
    </message>
    <message>
        <source>entry and close leave no room for a body</source>
        <translation>l&apos;entrée et la clôture ne laissent pas de place à un corps</translation>
    </message>
    <message>
        <source>its line cannot be read to the end</source>
        <translation>sa ligne ne peut pas être lue jusqu&apos;au bout</translation>
    </message>
    <message>
        <source>%1, %2 are needed</source>
        <translation>%1, il faut %2</translation>
    </message>
    <message>
        <source>it has no line for %1</source>
        <translation>elle n&apos;a pas de ligne pour %1</translation>
    </message>
    <message>
        <source>a step of the figure reaches over the end of its entry or body</source>
        <translation>un pas de la figure dépasse la fin de son entrée ou de son corps</translation>
    </message>
    <message>
        <source>begins with the %1 foot, the %2 is free</source>
        <translation>commence du pied %1, le pied %2 est libre</translation>
    </message>
    <message>
        <source>leaves the %1 foot free, the close needs the %2</source>
        <translation>laisse le pied %1 libre, la clôture demande le %2</translation>
    </message>
    <message>
        <source>begins with %1, here it is %2</source>
        <translation>commence par %1, ici c&apos;est %2</translation>
    </message>
    <message>
        <source>begins %1, here it is %2</source>
        <translation>commence %1, ici c&apos;est %2</translation>
    </message>
    <message>
        <source>ends with %1, the close has %2</source>
        <translation>finit par %1, la clôture a %2</translation>
    </message>
    <message>
        <source>ends %1, the close is %2</source>
        <translation>finit %1, la clôture est %2</translation>
    </message>
    <message>
        <source>%1 needs the %2 foot; the %3 is free</source>
        <translation>%1 demande le pied %2&#xa0;; le pied %3 est libre</translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3</source>
        <translation>%1 commence par %2&#xa0;; ici c&apos;est %3</translation>
    </message>
    <message>
        <source>%1 begins %2; here it is %3</source>
        <translation>%1 commence %2&#xa0;; ici c&apos;est %3</translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3: one role alone changes feet</source>
        <translation>%1 commence par %2&#xa0;; ici c&apos;est %3&#xa0;: un seul rôle change de pied</translation>
    </message>
    <message>
        <source>in %1, at %2: %3</source>
        <translation>dans %1, à %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>not known: a part is free</source>
        <translation>inconnu&#xa0;: une partie est libre</translation>
    </message>
    <message>
        <source>%1 to the right</source>
        <translation>%1 vers la droite</translation>
    </message>
    <message>
        <source>%1 to the left</source>
        <translation>%1 vers la gauche</translation>
    </message>
    <message>
        <source>%1 forward</source>
        <translation>%1 en avant</translation>
    </message>
    <message>
        <source>%1 back</source>
        <translation>%1 en arrière</translation>
    </message>
    <message>
        <source>on the spot</source>
        <translation>sur place</translation>
    </message>
    <message>
        <source>%1 &amp;</source>
        <translation>%1 &amp;</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first; its versions stand here.</source>
        <translation>Écrivez d&apos;abord les comptes de la figure&#xa0;; ses versions sont ici.</translation>
    </message>
    <message>
        <source>the other foot first</source>
        <translation>l&apos;autre pied d&apos;abord</translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation>de l&apos;autre côté</translation>
    </message>
    <message>
        <source>last step on %1</source>
        <translation>dernier pas sur %1</translation>
    </message>
    <message>
        <source>There are %1 versions. Change fewer steps to see them side by side.</source>
        <translation>Il y a %1 versions. Changez moins de pas pour les voir côte à côte.</translation>
    </message>
    <message>
        <source>%1 stretched</source>
        <translation>%1 étirés</translation>
    </message>
    <message>
        <source>%1 in one</source>
        <translation>%1 en un</translation>
    </message>
    <message>
        <source>The roles have no version in common: their steps fall differently.</source>
        <translation>Les rôles n&apos;ont pas de version commune&#xa0;: leurs pas tombent différemment.</translation>
    </message>
    <message numerus="yes">
        <source>one step stretched to two counts|%n steps stretched to two counts</source>
        <translation>
            <numerusform>un pas étiré sur deux comptes</numerusform>
            <numerusform>%n pas étirés sur deux comptes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>one pair in one count|%n pairs in one count</source>
        <translation>
            <numerusform>une paire en un compte</numerusform>
            <numerusform>%n paires en un compte</numerusform>
        </translation>
    </message>
    <message>
        <source>no count left</source>
        <translation>aucun compte restant</translation>
    </message>
    <message>
        <source>%1 left to the 1</source>
        <translation>%1 restants jusqu&apos;au 1</translation>
    </message>
    <message numerus="yes">
        <source>%1: %n version of %2, %3 foot free, %4|%1: %n versions of %2, %3 foot free, %4</source>
        <comment>%1: one pair in one count; %4: 2 counts left to the 1</comment>
        <translation>
            <numerusform>%1&#xa0;: %n version de %2, pied %3 libre, %4</numerusform>
            <numerusform>%1&#xa0;: %n versions de %2, pied %3 libre, %4</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; %n ends with a step on %2|%1; %n end with a step on %2</source>
        <comment>%1: all that is said before</comment>
        <translation>
            <numerusform>%1&#xa0;; %n finit par un pas sur %2</numerusform>
            <numerusform>%1&#xa0;; %n finissent par un pas sur %2</numerusform>
        </translation>
    </message>
    <message>
        <source>said %1</source>
        <translation>dit %1</translation>
    </message>
    <message>
        <source>the same line in the other feels that it can be said in</source>
        <translation>la même ligne dans les autres subdivisions où elle peut se dire</translation>
    </message>
    <message>
        <source>The line can be said in its own feel only.</source>
        <translation>La ligne ne peut se dire que dans sa propre subdivision.</translation>
    </message>
    <message>
        <source>leaves the %1 foot free</source>
        <translation>laisse le pied %1 libre</translation>
    </message>
    <message>
        <source>begun on %1</source>
        <translation>commencé sur %1</translation>
    </message>
    <message>
        <source>ends before %1</source>
        <translation>finit avant %1</translation>
    </message>
    <message>
        <source>breaks on %1</source>
        <translation>break sur %1</translation>
    </message>
    <message>
        <source>the same figure begun on another count of the music</source>
        <translation>la même figure commencée sur un autre compte de la musique</translation>
    </message>
    <message>
        <source>Step %1 of %2 is not a step with weight. Choose another.</source>
        <translation>Le pas %1 sur %2 n&apos;est pas un pas avec appui. Choisissez-en un autre.</translation>
    </message>
    <message>
        <source>%1 changes</source>
        <translation>%1 changements</translation>
    </message>
    <message>
        <source>ornament of %1, step %2</source>
        <translation>ornement de %1, pas %2</translation>
    </message>
    <message>
        <source>%1 s each, wrong foot</source>
        <translation>%1 s chacun, mauvais pied</translation>
    </message>
    <message>
        <source>%1 s each, over your limit</source>
        <translation>%1 s chacun, au-delà de votre limite</translation>
    </message>
    <message>
        <source>%1 s each, fits</source>
        <translation>%1 s chacun, convient</translation>
    </message>
    <message>
        <source>in the time of step %1 of %2: an odd number of changes leaves the foot as it is</source>
        <translation>dans le temps du pas %1 sur %2&#xa0;: un nombre impair de changements laisse le pied tel quel</translation>
    </message>
    <message>
        <source>in the time of step %1: an odd number of changes leaves the foot as it is</source>
        <translation>dans le temps du pas %1&#xa0;: un nombre impair de changements laisse le pied tel quel</translation>
    </message>
    <message>
        <source>There are more than 20,000 versions of this line. Change fewer steps, or a shorter line.</source>
        <translation>Il y a plus de 20 000 versions de cette ligne. Changez moins de pas, ou prenez une ligne plus courte.</translation>
    </message>
    <message>
        <source>No step of this line lasts exactly one count; only such steps are stretched or doubled.</source>
        <translation>Aucun pas de cette ligne ne dure exactement un compte&#xa0;; seuls de tels pas sont étirés ou doublés.</translation>
    </message>
    <message>
        <source>No two steps of one count follow each other in this line, so none can share a count.</source>
        <translation>Deux pas d&apos;un compte ne se suivent jamais dans cette ligne, aucun ne peut donc partager un compte.</translation>
    </message>
    <message numerus="yes">
        <source>At most one pair of this line can share a count. Ask for no more than that.|At most %n pairs of this line can share a count. Ask for no more than that.</source>
        <translation>
            <numerusform>Une paire de cette ligne au plus peut partager un compte. N&apos;en demandez pas plus.</numerusform>
            <numerusform>%n paires de cette ligne au plus peuvent partager un compte. N&apos;en demandez pas plus.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The steps of this line can be stretched by one count at most. Ask for no more than that.|The steps of this line can be stretched by %n counts at most. Ask for no more than that.</source>
        <translation>
            <numerusform>Les pas de cette ligne peuvent être étirés d&apos;un compte au plus. N&apos;en demandez pas plus.</numerusform>
            <numerusform>Les pas de cette ligne peuvent être étirés de %n comptes au plus. N&apos;en demandez pas plus.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 + %2, %3</source>
        <translation>%1 + %2, %3</translation>
    </message>
    <message numerus="yes">
        <source>step %1|steps %1</source>
        <translation>
            <numerusform>pas %1</numerusform>
            <numerusform>pas %1</numerusform>
        </translation>
    </message>
    <message>
        <source>A version changes one step or more, stretches it to two counts or more, and fills more than nothing.</source>
        <translation>Une version change un pas ou plus, l&apos;étire sur deux comptes ou plus, et remplit plus que rien.</translation>
    </message>
    <message>
        <source>That bridge is no longer there; nothing was changed.</source>
        <translation>Ce pont n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>That change is no longer there; nothing was changed.</source>
        <translation>Ce changement n&apos;est plus là&#xa0;; rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>There is no music at that place to bind it to.</source>
        <translation>Il n&apos;y a pas de musique à cet endroit pour l&apos;y lier.</translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation>lier à la musique</translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation>garder avec le passage</translation>
    </message>
    <message>
        <source>No pass is danced there that could keep it.</source>
        <translation>Aucun passage n&apos;y est dansé qui pourrait le garder.</translation>
    </message>
    <message>
        <source>Pass %1</source>
        <translation>Passage %1</translation>
    </message>
    <message>
        <source>Passes %1 and %2</source>
        <translation>Passages %1 et %2</translation>
    </message>
    <message>
        <source>Passes %1 to %2</source>
        <translation>Passages %1 à %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>passage %1</translation>
    </message>
    <message>
        <source>passes %1</source>
        <translation>passages %1</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>environ %1</translation>
    </message>
    <message>
        <source>Count %1 of %2 in pass %3</source>
        <translation>Compte %1 de %2 au passage %3</translation>
    </message>
    <message>
        <source>%1 waits for a moment that is not there</source>
        <translation>%1 attend un moment qui n&apos;est pas là</translation>
    </message>
    <message>
        <source>The song has no such moment any more.</source>
        <translation>Le morceau n&apos;a plus ce moment.</translation>
    </message>
    <message>
        <source>“%1” lies outside the counted song.</source>
        <translation>«&#xa0;%1&#xa0;» est hors du morceau compté.</translation>
    </message>
    <message>
        <source>“%1” has lost its accent</source>
        <translation>«&#xa0;%1&#xa0;» a perdu son accent</translation>
    </message>
    <message>
        <source>%1 is not danced: it is left out or cut off.</source>
        <translation>%1 n&apos;est pas dansé&#xa0;: laissé de côté ou coupé.</translation>
    </message>
    <message>
        <source>%1 is %2 late for “%3”</source>
        <translation>%1 est %2 en retard sur «&#xa0;%3&#xa0;»</translation>
    </message>
    <message>
        <source>%1 is %2 early for “%3”</source>
        <translation>%1 est %2 en avance sur «&#xa0;%3&#xa0;»</translation>
    </message>
    <message>
        <source>It falls %1 ms after the moment at %2.</source>
        <translation>Cela tombe %1 ms après le moment à %2.</translation>
    </message>
    <message>
        <source>It falls %1 ms before the moment at %2.</source>
        <translation>Cela tombe %1 ms avant le moment à %2.</translation>
    </message>
    <message>
        <source>In pass %1 on count %2 %3</source>
        <translation>Au passage %1 sur le compte %2, %3</translation>
    </message>
    <message>
        <source>it has %1 s at the song&apos;s tempo; your own limit is %2 s.</source>
        <translation>il a %1 s au tempo du morceau&#xa0;; votre limite est de %2 s.</translation>
    </message>
    <message>
        <source>it runs at %1°/s at the song&apos;s tempo; your own limit is %2°/s.</source>
        <translation>il va à %1°/s au tempo du morceau&#xa0;; votre limite est de %2°/s.</translation>
    </message>
    <message>
        <source>A large step in a fast turn</source>
        <translation>Un grand pas dans un tour rapide</translation>
    </message>
    <message>
        <source>a large step is taken while turning at %1°/s. Make it smaller, or turn less.</source>
        <translation>un grand pas est fait en tournant à %1°/s. Faites-le plus petit, ou tournez moins.</translation>
    </message>
    <message>
        <source>Nothing calm follows %1</source>
        <translation>Rien de calme ne suit %1</translation>
    </message>
    <message>
        <source>It is demanding, and no wait, touch or balance comes within four counts after it. A breath there helps to stay on balance.</source>
        <translation>C&apos;est exigeant, et aucune attente, aucun touch, aucun équilibre ne vient dans les quatre comptes qui suivent. Une respiration à cet endroit aide à garder l&apos;équilibre.</translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation>passage %1 compte %2</translation>
    </message>
    <message>
        <source>Take care: %1</source>
        <translation>Attention&#xa0;: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n more place|%n more places</source>
        <translation>
            <numerusform>%n autre endroit</numerusform>
            <numerusform>%n autres endroits</numerusform>
        </translation>
    </message>
    <message>
        <source>A figure needs a corner of the room</source>
        <translation>Une figure demande un coin de la salle</translation>
    </message>
    <message>
        <source>It is danced in %1. See on the floor that the couple is in a corner there.</source>
        <translation>Elle est dansée dans %1. Vérifiez sur la piste que le couple y est dans un coin.</translation>
    </message>
    <message>
        <source>The restart after pass %1 cuts a turn</source>
        <translation>Le restart après le passage %1 coupe un tour</translation>
    </message>
    <message>
        <source>The ending after pass %1 cuts a turn</source>
        <translation>La fin après le passage %1 coupe un tour</translation>
    </message>
    <message>
        <source>The %1 turn from count %2 is done at the end of count %3; the cut after %4 leaves it out.</source>
        <translation>Le tour %1 dès le compte %2 est fini à la fin du compte %3&#xa0;; la coupe après %4 le laisse de côté.</translation>
    </message>
    <message>
        <source>The next pass faces %1.</source>
        <translation>Le passage suivant est face à %1.</translation>
    </message>
    <message>
        <source>The restart in pass %1 does nothing</source>
        <translation>Le restart du passage %1 ne fait rien</translation>
    </message>
    <message>
        <source>It stands after %1, but the part has only %2.</source>
        <translation>Il est après %1, mais la partie n&apos;a que %2.</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation>%1 dès %2</translation>
    </message>
    <message>
        <source>The cut after %1 comes before the last are done, so that counts are taken: %2.</source>
        <translation>La coupe après %1 vient avant que les derniers aient fini, des comptes sont donc ôtés&#xa0;: %2.</translation>
    </message>
    <message>
        <source>All end together, so that counts are taken: %1.</source>
        <translation>Tous finissent ensemble, des comptes sont donc ôtés&#xa0;: %1.</translation>
    </message>
    <message>
        <source>They then do not all face the same way.</source>
        <translation>Ils ne sont alors pas tous tournés du même côté.</translation>
    </message>
    <message>
        <source>The canon of pass %1 trims those who enter later</source>
        <translation>Le canon du passage %1 raccourcit ceux qui entrent plus tard</translation>
    </message>
    <message>
        <source>The tag in pass %1 cuts %2</source>
        <translation>Le tag du passage %1 coupe %2</translation>
    </message>
    <message>
        <source>The tag in pass %1 is longer than %2</source>
        <translation>Le tag du passage %1 dure plus que %2</translation>
    </message>
    <message>
        <source>The bridge in pass %1 cuts %2</source>
        <translation>Le pont du passage %1 coupe %2</translation>
    </message>
    <message>
        <source>The bridge in pass %1 is longer than %2</source>
        <translation>Le pont du passage %1 dure plus que %2</translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: the last %4 of it are not danced.</source>
        <translation>Il dure %1 et %2 a %3&#xa0;: les derniers %4 n&apos;en sont pas dansés.</translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: after it everyone waits %4.</source>
        <translation>Il dure %1 et %2 a %3&#xa0;: après, tous attendent %4.</translation>
    </message>
    <message>
        <source>What is bound %1 does nothing</source>
        <translation>Ce qui est lié %1 ne fait rien</translation>
    </message>
    <message>
        <source>This song has no such place.</source>
        <translation>Ce morceau n&apos;a pas d&apos;endroit pareil.</translation>
    </message>
    <message>
        <source>No pass is danced there, or it begins or ends just there.</source>
        <translation>Aucun passage n&apos;y est dansé, ou il commence ou finit juste là.</translation>
    </message>
    <message>
        <source>The cut of pass %1 after %2</source>
        <translation>La coupe du passage %1 après %2</translation>
    </message>
    <message>
        <source>The tag after pass %1</source>
        <translation>Le tag après le passage %1</translation>
    </message>
    <message>
        <source>Wrong foot into pass %1</source>
        <translation>Mauvais pied vers le passage %1</translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; count 1 needs the %3.</source>
        <translation>%1 laisse le pied %2 libre&#xa0;; le compte 1 demande le %3.</translation>
    </message>
    <message>
        <source>The same into %1.</source>
        <translation>De même vers %1.</translation>
    </message>
    <message>
        <source>Wrong foot into %1</source>
        <translation>Mauvais pied vers %1</translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; %3 needs the %4, on count %5 of the pass.</source>
        <translation>%1 laisse le pied %2 libre&#xa0;; %3 demande le %4, au compte %5 du passage.</translation>
    </message>
    <message>
        <source>Hold or position does not fit into %1</source>
        <translation>La prise ou la position ne convient pas à %1</translation>
    </message>
    <message>
        <source>%1, after %2.</source>
        <translation>%1, après %2.</translation>
    </message>
    <message>
        <source>Partners do not come to their places in pass %1</source>
        <translation>Les partenaires n&apos;arrivent pas à leurs places au passage %1</translation>
    </message>
    <message>
        <source>%1 is %2, %3 %4: one of them lacks the counts to walk there.</source>
        <translation>%1 est %2, %3 %4&#xa0;: il manque à l&apos;un d&apos;eux les comptes pour y aller.</translation>
    </message>
    <message>
        <source>The feet do not answer each other after %1</source>
        <translation>Les pieds ne se répondent pas après %1</translation>
    </message>
    <message>
        <source>They should be on the same foot; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation>Ils devraient être sur le même pied&#xa0;; %1 a le %2 libre, %3 le %4. Un seul des deux change de pied.</translation>
    </message>
    <message>
        <source>They should be on opposite feet; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation>Ils devraient être sur des pieds opposés&#xa0;; %1 a le %2 libre, %3 le %4. Un seul des deux change de pied.</translation>
    </message>
    <message>
        <source>Part %1</source>
        <translation>Partie %1</translation>
    </message>
    <message>
        <source>%1 cannot be read to its end</source>
        <translation>%1 ne peut pas être lu jusqu&apos;au bout</translation>
    </message>
    <message>
        <source>%1 says a foot that is not free</source>
        <translation>%1 dit un pied qui n&apos;est pas libre</translation>
    </message>
    <message>
        <source>At %1, character %2: %3</source>
        <translation>À %1, caractère %2&#xa0;: %3</translation>
    </message>
    <message>
        <source>%1 has %2, %3 has %4.</source>
        <translation>%1 a %2, %3 a %4.</translation>
    </message>
    <message>
        <source>They do not meet at the end of the figure.</source>
        <translation>Ils ne se rencontrent pas à la fin de la figure.</translation>
    </message>
    <message>
        <source>They do not meet at the end of the part.</source>
        <translation>Ils ne se rencontrent pas à la fin de la partie.</translation>
    </message>
    <message>
        <source>In the whole part %1 is %2 short.</source>
        <translation>Dans toute la partie, il manque %2 à %1.</translation>
    </message>
    <message>
        <source>In %1 %2 is %3 short</source>
        <translation>Dans %1, il manque %3 à %2</translation>
    </message>
    <message>
        <source>Line %1 of the hand-out: “%2”</source>
        <translation>Ligne %1 de la fiche&#xa0;: «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>Part %1 has no steps yet</source>
        <translation>La partie %1 n&apos;a pas encore de pas</translation>
    </message>
    <message>
        <source>It is in the order but takes no counts. Place figures in it, or type its counts, for example %1.</source>
        <translation>Elle est dans l&apos;ordre mais ne prend aucun compte. Placez-y des figures, ou écrivez ses comptes, par exemple %1.</translation>
    </message>
    <message>
        <source>Steps of %1 have no count</source>
        <translation>Des pas de %1 n&apos;ont pas de compte</translation>
    </message>
    <message>
        <source>Danced in bars of another length it loses %1: they stand on counts that these bars do not have.</source>
        <translation>Dansée en mesures d&apos;une autre longueur, elle perd %1&#xa0;: ils sont sur des comptes que ces mesures n&apos;ont pas.</translation>
    </message>
    <message numerus="yes">
        <source>%n step|%n steps</source>
        <translation>
            <numerusform>%n pas</numerusform>
            <numerusform>%n pas</numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 starts %2 into %3</source>
        <translation>Le passage %1 commence %2 après le début de %3</translation>
    </message>
    <message>
        <source>Pass %1 starts %2 before %3</source>
        <translation>Le passage %1 commence %2 avant %3</translation>
    </message>
    <message>
        <source>%1 has %2; this pass begins on its %3.</source>
        <translation>%1 a %2&#xa0;; ce passage commence sur son compte %3.</translation>
    </message>
    <message>
        <source>Its count 1 falls on the music&apos;s %1.</source>
        <translation>Son compte 1 tombe sur le %1 de la musique.</translation>
    </message>
    <message>
        <source>%1 follows, off by as much.</source>
        <translation>%1 suit, décalé d&apos;autant.</translation>
    </message>
    <message>
        <source>%1 follow, off by as much.</source>
        <translation>%1 suivent, décalés d&apos;autant.</translation>
    </message>
    <message>
        <source>no step</source>
        <translation>aucun pas</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>At %1 the dancers say %2 where the music says %3, for %4.</source>
        <translation>À %1, les danseurs disent %2 là où la musique dit %3, pendant %4.</translation>
    </message>
    <message>
        <source>On the music&apos;s 1: %1.</source>
        <translation>Sur le 1 de la musique&#xa0;: %1.</translation>
    </message>
    <message>
        <source>The breaks fall on %1 of the music.</source>
        <translation>Les breaks tombent sur %1 de la musique.</translation>
    </message>
    <message>
        <source>The breaks fall on %1 instead of %2 of the music.</source>
        <translation>Les breaks tombent sur %1 au lieu de %2 de la musique.</translation>
    </message>
    <message>
        <source>Within them the difference changes more often than once a set.</source>
        <translation>La différence y change plus d&apos;une fois par série.</translation>
    </message>
    <message>
        <source>At %1 they agree again.</source>
        <translation>À %1 ils s&apos;accordent de nouveau.</translation>
    </message>
    <message>
        <source>After that it goes on so.</source>
        <translation>Après, cela continue ainsi.</translation>
    </message>
    <message>
        <source>Then it differs by another amount.</source>
        <translation>Puis l&apos;écart est autre.</translation>
    </message>
    <message>
        <source>It stays so to the end.</source>
        <translation>Cela reste ainsi jusqu&apos;à la fin.</translation>
    </message>
    <message>
        <source>Turned round from %1 on</source>
        <translation>Décalé à partir de %1</translation>
    </message>
    <message>
        <source>Pass %1 is pinned to a place that this song does not have</source>
        <translation>Le passage %1 est fixé à un endroit que ce morceau n&apos;a pas</translation>
    </message>
    <message>
        <source>It should start %1; it starts where the pass before it ends.</source>
        <translation>Il devrait commencer %1&#xa0;; il commence où finit le passage d&apos;avant.</translation>
    </message>
    <message>
        <source>Pass %1 cannot start where it is pinned</source>
        <translation>Le passage %1 ne peut pas commencer où il est fixé</translation>
    </message>
    <message>
        <source>It should start %1, %2 earlier: the passes before it are over only here.</source>
        <translation>Il devrait commencer %1, %2 plus tôt&#xa0;: les passages d&apos;avant ne finissent qu&apos;ici.</translation>
    </message>
    <message>
        <source>The song ends %1 into pass %2.</source>
        <translation>Le morceau finit %1 après le début du passage %2.</translation>
    </message>
    <message>
        <source>Pass %1 would start after the song.</source>
        <translation>Le passage %1 commencerait après le morceau.</translation>
    </message>
    <message>
        <source>%1 would have no music.</source>
        <translation>%1 n&apos;auraient pas de musique.</translation>
    </message>
    <message>
        <source>The dance is %1 longer than the song</source>
        <translation>La danse dure %1 de plus que le morceau</translation>
    </message>
    <message>
        <source>%1 of music are left</source>
        <translation>Il reste %1 de musique</translation>
    </message>
    <message>
        <source>The dance ends at %1, facing %2.</source>
        <translation>La danse finit à %1, face à %2.</translation>
    </message>
    <message>
        <source>%1 is danced in bars of %2; the music has no such bars there.</source>
        <translation>%1 est dansé en mesures de %2&#xa0;; la musique n&apos;a pas de telles mesures à cet endroit.</translation>
    </message>
    <message>
        <source>The pass ends %1 early.</source>
        <translation>Le passage finit %1 trop tôt.</translation>
    </message>
    <message>
        <source>The pass ends %1 late.</source>
        <translation>Le passage finit %1 trop tard.</translation>
    </message>
    <message>
        <source>Pass %1 counts bars that the music does not have</source>
        <translation>Le passage %1 compte des mesures que la musique n&apos;a pas</translation>
    </message>
    <message>
        <source>Steps go on through the stop at %1</source>
        <translation>Des pas continuent pendant l&apos;arrêt à %1</translation>
    </message>
    <message numerus="yes">
        <source>The music stands still for %1; %n step is danced in it. Count it aloud, or let everyone wait.|The music stands still for %1; %n steps are danced in it. Count it aloud, or let everyone wait.</source>
        <translation>
            <numerusform>La musique s&apos;arrête pendant %1&#xa0;; %n pas y est dansé. Comptez à voix haute, ou faites attendre tout le monde.</numerusform>
            <numerusform>La musique s&apos;arrête pendant %1&#xa0;; %n pas y sont dansés. Comptez à voix haute, ou faites attendre tout le monde.</numerusform>
        </translation>
    </message>
    <message>
        <source>No pass then starts a phrase.</source>
        <translation>Aucun passage ne commence alors une phrase.</translation>
    </message>
    <message>
        <source>No pass then lands.</source>
        <translation>Aucun passage ne tombe alors juste.</translation>
    </message>
    <message>
        <source>The one pass then starts a phrase.</source>
        <translation>L&apos;unique passage commence alors une phrase.</translation>
    </message>
    <message>
        <source>The one pass then lands.</source>
        <translation>L&apos;unique passage tombe alors juste.</translation>
    </message>
    <message>
        <source>Not even the one pass then starts a phrase.</source>
        <translation>Même l&apos;unique passage ne commence alors pas une phrase.</translation>
    </message>
    <message>
        <source>Not even the one pass then lands.</source>
        <translation>Même l&apos;unique passage ne tombe alors pas juste.</translation>
    </message>
    <message>
        <source>Every pass then starts a phrase.</source>
        <translation>Chaque passage commence alors une phrase.</translation>
    </message>
    <message>
        <source>Every pass then lands.</source>
        <translation>Chaque passage tombe alors juste.</translation>
    </message>
    <message>
        <source>None of %1 passes then starts a phrase.</source>
        <translation>Aucun des %1 passages ne commence alors une phrase.</translation>
    </message>
    <message>
        <source>None of %1 passes then lands.</source>
        <translation>Aucun des %1 passages ne tombe alors juste.</translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then starts a phrase.|%n of %1 passes then start a phrase.</source>
        <translation>
            <numerusform>Un des %1 passages commence alors une phrase.</numerusform>
            <numerusform>%n des %1 passages commencent alors une phrase.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then lands.|%n of %1 passes then land.</source>
        <translation>
            <numerusform>Un des %1 passages tombe alors juste.</numerusform>
            <numerusform>%n des %1 passages tombent alors juste.</numerusform>
        </translation>
    </message>
    <message>
        <source>Then: %1.</source>
        <translation>Alors&#xa0;: %1.</translation>
    </message>
    <message numerus="yes">
        <source>And %n more finding.|And %n more findings.</source>
        <translation>
            <numerusform>Et %n autre constat.</numerusform>
            <numerusform>Et %n autres constats.</numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 then begins facing %2 instead of %3.</source>
        <translation>Le passage %1 commence alors face à %2 au lieu de %3.</translation>
    </message>
    <message>
        <source>It is turned round for %1 only.</source>
        <translation>Il n&apos;est décalé que pendant %1.</translation>
    </message>
    <message>
        <source>On the music&apos;s 1 then: %1.</source>
        <translation>Sur le 1 de la musique alors&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Step instead of the last touch of part %1.</source>
        <translation>Faire un pas au lieu du dernier touch de la partie %1.</translation>
    </message>
    <message>
        <source>Step instead of the last touch of %1.</source>
        <translation>Faire un pas au lieu du dernier touch de %1.</translation>
    </message>
    <message>
        <source>End these passes with a touch in place of the last step.</source>
        <translation>Finir ces passages par un touch au lieu du dernier pas.</translation>
    </message>
    <message>
        <source>Step again on the last change of pass %1.</source>
        <translation>Refaire un pas du dernier changement du passage %1.</translation>
    </message>
    <message>
        <source>Make the last change of pass %1 a touch.</source>
        <translation>Faire un touch du dernier changement du passage %1.</translation>
    </message>
    <message>
        <source>Cut pass %1 after %2 instead.</source>
        <translation>Couper plutôt le passage %1 après %2.</translation>
    </message>
    <message>
        <source>Finish the turn: cut pass %1 after %2.</source>
        <translation>Finir le tour&#xa0;: couper le passage %1 après %2.</translation>
    </message>
    <message>
        <source>Cut before the turn, after %1.</source>
        <translation>Couper avant le tour, après %1.</translation>
    </message>
    <message>
        <source>Turn on into the next pass.</source>
        <translation>Continuer le tour dans le passage suivant.</translation>
    </message>
    <message>
        <source>turn on</source>
        <translation>continuer le tour</translation>
    </message>
    <message>
        <source>Leave the turn out.</source>
        <translation>Laisser le tour.</translation>
    </message>
    <message>
        <source>Take the restart out.</source>
        <translation>Retirer le restart.</translation>
    </message>
    <message>
        <source>the typed steps</source>
        <translation>les pas écrits</translation>
    </message>
    <message>
        <source>Make the last step of %1 a touch.</source>
        <translation>Faire un touch du dernier pas de %1.</translation>
    </message>
    <message>
        <source>Dance %1 in the version “%2”.</source>
        <translation>Danser %1 dans la version «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>Dance %1 to the other side.</source>
        <translation>Danser %1 de l&apos;autre côté.</translation>
    </message>
    <message>
        <source>Dance it to the other side.</source>
        <translation>La danser de l&apos;autre côté.</translation>
    </message>
    <message>
        <source>Let %1 end it with a touch.</source>
        <translation>Que %1 finisse par un touch.</translation>
    </message>
    <message>
        <source>Let %1 step instead of the last touch.</source>
        <translation>Que %1 fasse un pas au lieu du dernier touch.</translation>
    </message>
    <message>
        <source>Let pass %1 be danced whole.</source>
        <translation>Danser le passage %1 en entier.</translation>
    </message>
    <message>
        <source>Let every role finish; the next pass starts when the last is done.</source>
        <translation>Laisser chaque rôle finir&#xa0;; le passage suivant commence quand le dernier a fini.</translation>
    </message>
    <message>
        <source>canon as a ripple</source>
        <translation>canon en vague</translation>
    </message>
    <message>
        <source>Make the tag %1 long.</source>
        <translation>Faire durer le tag %1.</translation>
    </message>
    <message>
        <source>Let everyone wait in it instead.</source>
        <translation>Y faire plutôt attendre tout le monde.</translation>
    </message>
    <message>
        <source>Make the bridge %1 long.</source>
        <translation>Faire durer le pont %1.</translation>
    </message>
    <message>
        <source>bridge as long as its figure</source>
        <translation>pont aussi long que sa figure</translation>
    </message>
    <message>
        <source>Take it out.</source>
        <translation>Le retirer.</translation>
    </message>
    <message>
        <source>Let %1 wait for the last %2.</source>
        <translation>Que %1 attende pendant les derniers %2.</translation>
    </message>
    <message>
        <source>Dance its bars as they are written in pass %1.</source>
        <translation>Danser ses mesures comme elles sont écrites au passage %1.</translation>
    </message>
    <message>
        <source>bars as written</source>
        <translation>mesures comme écrites</translation>
    </message>
    <message>
        <source>Dance its bars as they are written.</source>
        <translation>Danser ses mesures comme elles sont écrites.</translation>
    </message>
    <message>
        <source>Start on the 1 of %1.</source>
        <translation>Commencer sur le 1 de %1.</translation>
    </message>
    <message>
        <source>Take the tag after pass %1 out.</source>
        <translation>Retirer le tag après le passage %1.</translation>
    </message>
    <message>
        <source>Dance pass %1 whole.</source>
        <translation>Danser le passage %1 en entier.</translation>
    </message>
    <message>
        <source>Make the tag after pass %1 %2.</source>
        <translation>Porter le tag après le passage %1 à %2.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2.</source>
        <translation>Ajouter un tag de %1 après le passage %2.</translation>
    </message>
    <message>
        <source>Cut pass %1 after %2.</source>
        <translation>Couper le passage %1 après %2.</translation>
    </message>
    <message numerus="yes">
        <source>the last pass|the last %n passes</source>
        <translation>
            <numerusform>le dernier passage</numerusform>
            <numerusform>les %n derniers passages</numerusform>
        </translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2.</source>
        <translation>Finir le passage %1 avec le morceau, après %2.</translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2, and take out %3.</source>
        <translation>Finir le passage %1 avec le morceau, après %2, et retirer %3.</translation>
    </message>
    <message>
        <source>Take out %1.</source>
        <translation>Retirer %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n more pass of %1|%n more passes of %1</source>
        <translation>
            <numerusform>%n passage de plus de %1</numerusform>
            <numerusform>%n passages de plus de %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Add %1.</source>
        <translation>Ajouter %1.</translation>
    </message>
    <message>
        <source>Add %1; the song ends inside the last one.</source>
        <translation>Ajouter %1&#xa0;; le morceau finit dans le dernier.</translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2, the last change a touch.</source>
        <translation>Recommencer sur le 1 de la musique, après %1 du passage %2, le dernier changement en touch.</translation>
    </message>
    <message>
        <source>begin again on the 1, with a touch</source>
        <translation>recommencer sur le 1, avec un touch</translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2.</source>
        <translation>Recommencer sur le 1 de la musique, après %1 du passage %2.</translation>
    </message>
    <message>
        <source>Count from 1 again after the tag of pass %1.</source>
        <translation>Recompter à partir de 1 après le tag du passage %1.</translation>
    </message>
    <message>
        <source>Dance %1 (%2) after pass %3.</source>
        <translation>Danser %1 (%2) après le passage %3.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1.</source>
        <translation>Ajouter un tag de %1 après le passage %2 et compter à partir de 1.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1, the last change a touch.</source>
        <translation>Ajouter un tag de %1 après le passage %2 et compter à partir de 1, le dernier changement en touch.</translation>
    </message>
    <message>
        <source>Leave it: at %1 it comes right by itself.</source>
        <translation>Laisser&#xa0;: à %1 cela revient de soi-même.</translation>
    </message>
    <message>
        <source>it comes right at %1</source>
        <translation>cela revient à %1</translation>
    </message>
    <message>
        <source>Unpin it.</source>
        <translation>Le libérer.</translation>
    </message>
    <message>
        <source>Dance the bars as they are written.</source>
        <translation>Danser les mesures comme elles sont écrites.</translation>
    </message>
    <message>
        <source>Dance the bars of the part as they are written.</source>
        <translation>Danser les mesures de la partie comme elles sont écrites.</translation>
    </message>
    <message>
        <source>Let everyone wait through the stop; what follows comes %1 later.</source>
        <translation>Faire attendre tout le monde pendant l&apos;arrêt&#xa0;; la suite vient %1 plus tard.</translation>
    </message>
    <message>
        <source>Wait %1 before pass %2.</source>
        <translation>Attendre %1 avant le passage %2.</translation>
    </message>
    <message>
        <source>a wait</source>
        <translation>une attente</translation>
    </message>
    <message>
        <source>Wait %1 less before pass %2.</source>
        <translation>Attendre %1 de moins avant le passage %2.</translation>
    </message>
    <message>
        <source>a shorter wait</source>
        <translation>une attente plus courte</translation>
    </message>
    <message>
        <source>Let the accent go.</source>
        <translation>Abandonner l&apos;accent.</translation>
    </message>
    <message numerus="yes">
        <source>%n step a minute|%n steps a minute</source>
        <translation>
            <numerusform>%n pas par minute</numerusform>
            <numerusform>%n pas par minute</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is stepped yet.</source>
        <translation>Aucun pas n&apos;est encore fait.</translation>
    </message>
    <message>
        <source>the quickest %1 s (%2)</source>
        <translation>le plus rapide %1 s (%2)</translation>
    </message>
    <message>
        <source>the fastest turn %1° a second (%2)</source>
        <translation>le tour le plus rapide %1° par seconde (%2)</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps and turns.</source>
        <translation>%1&#xa0;; au-delà de votre limite pour les pas et les tours.</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps.</source>
        <translation>%1&#xa0;; au-delà de votre limite pour les pas.</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for turns.</source>
        <translation>%1&#xa0;; au-delà de votre limite pour les tours.</translation>
    </message>
    <message>
        <source>Kicks and sweeping legs need room: look behind you, keep them low where others stand near.</source>
        <translation>Les kicks et les jambes qui balaient demandent de la place&#xa0;: regardez derrière vous, restez bas près des autres.</translation>
    </message>
    <message>
        <source>Fast turns want a small base: feet close, weight over one foot, eyes early to the front.</source>
        <translation>Les tours rapides veulent une petite base&#xa0;: pieds proches, poids sur un pied, regard tôt vers l&apos;avant.</translation>
    </message>
    <message>
        <source>A large step into a turn throws you off: make it smaller, or turn less.</source>
        <translation>Un grand pas dans un tour déséquilibre&#xa0;: faites-le plus petit, ou tournez moins.</translation>
    </message>
    <message>
        <source>Joined hands show the turn and do not pull: no force through the arms, let go when it hurts.</source>
        <translation>Les mains jointes montrent le tour et ne tirent pas&#xa0;: aucune force par les bras, lâchez si cela fait mal.</translation>
    </message>
    <message>
        <source>Jumps, stomps and slides want a dry, even floor that gives a little.</source>
        <translation>Sauts, stomps et glissés veulent un sol sec et plat qui cède un peu.</translation>
    </message>
    <message>
        <source>Shoes that let the foot turn, and hold the heel.</source>
        <translation>Des chaussures qui laissent tourner le pied et tiennent le talon.</translation>
    </message>
    <message>
        <source>Warm up before this one, and begin it slowly.</source>
        <translation>Échauffez-vous avant, et commencez lentement.</translation>
    </message>
    <message>
        <source>Rest between full runs; stop when you are tired.</source>
        <translation>Reposez-vous entre deux danses entières&#xa0;; arrêtez quand vous êtes fatigué.</translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation>Gardez la musique à un volume confortable.</translation>
    </message>
    <message>
        <source>Nothing stands in these brackets. Write a position or a hold, such as [open] or [L-R].</source>
        <translation>Il n&apos;y a rien entre ces crochets. Écrivez une position ou une prise, comme [open] ou [L-R].</translation>
    </message>
    <message>
        <source>A height needs the hands that are held, as in [L-R low].</source>
        <translation>Une hauteur a besoin des mains qui sont tenues, comme [L-R low].</translation>
    </message>
    <message>
        <source>“%1” is not a position or hold. Known are closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R and the like, both hands, crossed hands, no hands.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une position ou une prise. Sont connus closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R et semblables, both hands, crossed hands, no hands.</translation>
    </message>
    <message>
        <source>A hand is held twice here. Each hand holds one other.</source>
        <translation>Une main est tenue deux fois ici. Chaque main en tient une autre.</translation>
    </message>
    <message>
        <source>“%1” is not a feel. Known are straight, swing, rolling-thirds, rolling-quarters and own.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une subdivision. Sont connus straight, swing, rolling-thirds, rolling-quarters et own.</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>droit</translation>
    </message>
    <message>
        <source>swung</source>
        <translation>swingué</translation>
    </message>
    <message>
        <source>rolling by thirds</source>
        <translation>roulé par tiers</translation>
    </message>
    <message>
        <source>rolling by quarters</source>
        <translation>roulé par quarts</translation>
    </message>
    <message>
        <source>in fractions of its own</source>
        <translation>en fractions à soi</translation>
    </message>
    <message>
        <source>%1: &amp; and a are %2</source>
        <translation>%1&#xa0;: &amp; et a valent %2</translation>
    </message>
    <message>
        <source>%1: &amp; is %2, a is %3</source>
        <translation>%1&#xa0;: &amp; vaut %2, a vaut %3</translation>
    </message>
    <message>
        <source>“%1” lasts %2, but the next step comes before that is over.</source>
        <translation>«&#xa0;%1&#xa0;» dure %2, mais le pas suivant vient avant la fin.</translation>
    </message>
    <message>
        <source>Called %1, adds up to %2.</source>
        <translation>Annoncé %1, fait %2 en tout.</translation>
    </message>
    <message>
        <source>Count %1 says the %2 foot, but the %2 foot carries the weight.</source>
        <translation>Le compte %1 dit le pied %2, mais c&apos;est le pied %2 qui porte le poids.</translation>
    </message>
    <message>
        <source>If the stomp on %1 takes no weight, write stomp-up there.</source>
        <translation>Si le stomp sur %1 ne prend pas d&apos;appui, écrivez-y stomp-up.</translation>
    </message>
    <message>
        <source>“%1” stands beside a silent %2. Which is meant?</source>
        <translation>«&#xa0;%1&#xa0;» est à côté d&apos;un %2 muet. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>the end of a silent %1</source>
        <translation>la fin d&apos;un %1 muet</translation>
    </message>
    <message>
        <source>a part of count %1</source>
        <translation>une part du compte %1</translation>
    </message>
    <message>
        <source>a filler word, no step</source>
        <translation>un mot de remplissage, pas un pas</translation>
    </message>
    <message>
        <source>Counts, character %1: %2</source>
        <translation>Comptes, caractère %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4.</source>
        <translation>Un tiret est entre deux comptes, comme 1-4.</translation>
    </message>
    <message>
        <source>“%1” closes nothing here. Parts of a count stand in braces, as in 2{side, close, side}.</source>
        <translation>«&#xa0;%1&#xa0;» ne ferme rien ici. Les parts d&apos;un compte sont entre accolades, comme 2{side, close, side}.</translation>
    </message>
    <message>
        <source>“…” says that the rest is not written yet; nothing follows it.</source>
        <translation>«&#xa0;…&#xa0;» dit que la suite n&apos;est pas encore écrite&#xa0;; rien ne vient après.</translation>
    </message>
    <message>
        <source>“%1” is opened here and not closed. Write %2 at its end.</source>
        <translation>«&#xa0;%1&#xa0;» est ouvert ici et pas fermé. Écrivez %2 à la fin.</translation>
    </message>
    <message>
        <source>“%1” means nothing here. Write counts, words, L or R.</source>
        <translation>«&#xa0;%1&#xa0;» ne veut rien dire ici. Écrivez des comptes, des mots, L ou R.</translation>
    </message>
    <message>
        <source>After 7 a silent 8 was put before this 1. Write “8 wait” to say so.</source>
        <translation>Après 7, un 8 muet a été mis avant ce 1. Écrivez «&#xa0;8 wait&#xa0;» pour le dire.</translation>
    </message>
    <message>
        <source>This line is said in slow and quick. Keep to one way of counting in a line.</source>
        <translation>Cette ligne se dit en lent et vite. Gardez une seule façon de compter par ligne.</translation>
    </message>
    <message>
        <source>The line is longer than %1 counts.</source>
        <translation>La ligne dépasse %1 comptes.</translation>
    </message>
    <message>
        <source>A range needs its last count, as in 1-4.</source>
        <translation>Une suite a besoin de son dernier compte, comme 1-4.</translation>
    </message>
    <message>
        <source>A range goes up: %1-%2 or later.</source>
        <translation>Une suite monte&#xa0;: %1-%2 ou plus.</translation>
    </message>
    <message>
        <source>“e” has no place in a swung count: &amp; and a both fall at 2/3. Say the line straight, or use &amp;.</source>
        <translation>«&#xa0;e&#xa0;» n&apos;a pas de place dans un compte swingué&#xa0;: &amp; et a tombent tous deux à 2/3. Dites la ligne droite, ou prenez &amp;.</translation>
    </message>
    <message>
        <source>“e” has no place in a count of your own: &amp; falls at %1, a at %2. Use one of these.</source>
        <translation>«&#xa0;e&#xa0;» n&apos;a pas de place dans un compte à vous&#xa0;: &amp; tombe à %1, a à %2. Prenez l&apos;un d&apos;eux.</translation>
    </message>
    <message>
        <source>“e” has no place in a count of thirds: &amp; falls at 1/3, a at 2/3. Say the line straight or by quarters.</source>
        <translation>«&#xa0;e&#xa0;» n&apos;a pas de place dans un compte en tiers&#xa0;: &amp; tombe à 1/3, a à 2/3. Dites la ligne droite ou par quarts.</translation>
    </message>
    <message>
        <source>This line is said in slow and quick; give the step its own length, as in Q:1/2.</source>
        <translation>Cette ligne se dit en lent et vite&#xa0;; donnez au pas sa propre durée, comme Q:1/2.</translation>
    </message>
    <message>
        <source>“%1” is read as the end of a silent %2. If it belongs to %3, write it next to the number: %4%5.</source>
        <translation>«&#xa0;%1&#xa0;» est lu comme la fin d&apos;un %2 muet. S&apos;il va avec %3, écrivez-le à côté du nombre&#xa0;: %4%5.</translation>
    </message>
    <message>
        <source>&amp; and a fall on the same moment in a swung count (2/3). Take one of them, or say the line by thirds.</source>
        <translation>&amp; et a tombent au même moment dans un compte swingué (2/3). Prenez l&apos;un d&apos;eux, ou dites la ligne par tiers.</translation>
    </message>
    <message>
        <source>“%1” is in this count already.</source>
        <translation>«&#xa0;%1&#xa0;» est déjà dans ce compte.</translation>
    </message>
    <message>
        <source>“%1” comes before what was said last. In a count the order is e &amp; a.</source>
        <translation>«&#xa0;%1&#xa0;» vient avant ce qui a été dit en dernier. Dans un compte, l&apos;ordre est e &amp; a.</translation>
    </message>
    <message>
        <source>This line is said in counts. Keep to one way of counting in a line.</source>
        <translation>Cette ligne se dit en comptes. Gardez une seule façon de compter par ligne.</translation>
    </message>
    <message>
        <source>A letter needs a count, not slow or quick.</source>
        <translation>Une lettre a besoin d&apos;un compte, pas de lent ou vite.</translation>
    </message>
    <message>
        <source>A length follows its count, as in 1:2.</source>
        <translation>Une durée suit son compte, comme 1:2.</translation>
    </message>
    <message>
        <source>A length stands before the brace, as in 2:2{side, close, side}.</source>
        <translation>Une durée est devant l&apos;accolade, comme 2:2{side, close, side}.</translation>
    </message>
    <message>
        <source>A length is a number of counts such as 2, 3/2 or 1/2 that divides a count evenly.</source>
        <translation>Une durée est un nombre de comptes comme 2, 3/2 ou 1/2 qui divise exactement un compte.</translation>
    </message>
    <message>
        <source>“%1” needs its count before it, as in “1 %2”.</source>
        <translation>«&#xa0;%1&#xa0;» a besoin de son compte devant, comme «&#xa0;1 %2&#xa0;».</translation>
    </message>
    <message>
        <source>A turn is counted in eighths: 1/8, 1/4, 3/8, 1/2 … up to 8 whole turns.</source>
        <translation>Un tour se compte en huitièmes&#xa0;: 1/8, 1/4, 3/8, 1/2 … jusqu&apos;à 8 tours entiers.</translation>
    </message>
    <message>
        <source>Which way? Write %1 R or %2 L.</source>
        <translation>De quel côté&#xa0;? Écrivez %1 R ou %2 L.</translation>
    </message>
    <message>
        <source>Two feet on one count. Say one of them, or “both”.</source>
        <translation>Deux pieds sur un compte. Dites l&apos;un d&apos;eux, ou «&#xa0;both&#xa0;».</translation>
    </message>
    <message>
        <source>A brace follows its count, as in 2{side, close, side}.</source>
        <translation>Une accolade suit son compte, comme 2{side, close, side}.</translation>
    </message>
    <message>
        <source>“{” is opened here and not closed. Write } at its end.</source>
        <translation>«&#xa0;{&#xa0;» est ouverte ici et pas fermée. Écrivez } à la fin.</translation>
    </message>
    <message>
        <source>Braces divide a count into 2 to 32 parts, as in 2{side, close, side} or 2{3}.</source>
        <translation>Les accolades divisent un compte en 2 à 32 parts, comme 2{side, close, side} ou 2{3}.</translation>
    </message>
    <message>
        <source>One count does not divide evenly into %1 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation>Un compte ne se divise pas exactement en %1 parts. 1 à 10, 12, 14, 15, 16, 18, 20, 21, 24 et 32 divisent un compte.</translation>
    </message>
    <message>
        <source>%1 counts do not divide evenly into %2 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation>%1 comptes ne se divisent pas exactement en %2 parts. 1 à 10, 12, 14, 15, 16, 18, 20, 21, 24 et 32 divisent un compte.</translation>
    </message>
    <message>
        <source>“%1” has no place inside braces: they hold the parts of one span, divided by commas.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de place entre accolades&#xa0;: elles contiennent les parts d&apos;un seul espace, séparées par des virgules.</translation>
    </message>
    <message>
        <source>Nothing stands between these quotation marks. Write what is called out here.</source>
        <translation>Il n&apos;y a rien entre ces guillemets. Écrivez ce qu&apos;on annonce ici.</translation>
    </message>
    <message>
        <source>A cue is called here already: “%1”. Put both into one.</source>
        <translation>On annonce déjà quelque chose ici&#xa0;: «&#xa0;%1&#xa0;». Mettez les deux en un.</translation>
    </message>
    <message>
        <source>After + stands what goes on beside the feet, as in “4 touch + clap”.</source>
        <translation>Après + vient ce qui se fait à côté des pieds, comme «&#xa0;4 touch + clap&#xa0;».</translation>
    </message>
    <message>
        <source>“@%1” is not a direction. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock, or a word such as @line or @window.</source>
        <translation>«&#xa0;@%1&#xa0;» n&apos;est pas une direction. Dites 12, 1:30, 3, 4:30, 6, 7:30, 9 ou 10:30 heures, ou un mot comme @line ou @window.</translation>
    </message>
    <message>
        <source>“#%1” is not a care mark. Known are %2.</source>
        <translation>«&#xa0;#%1&#xa0;» n&apos;est pas une marque de précaution. Sont connus %2.</translation>
    </message>
    <message>
        <source>music numbers</source>
        <translation>nombres de la musique</translation>
    </message>
    <message>
        <source>number of the eight on its 1</source>
        <translation>numéro du huit sur son 1</translation>
    </message>
    <message>
        <source>the figure&apos;s own numbers</source>
        <translation>les nombres propres de la figure</translation>
    </message>
    <message>
        <source>stepped counts only</source>
        <translation>seulement les comptes dansés</translation>
    </message>
    <message>
        <source>slow and quick</source>
        <translation>lent et vite</translation>
    </message>
    <message>
        <source>%1 is there already. Use &amp; for the half, or go on to %2.</source>
        <translation>%1 est déjà là. Prenez &amp; pour le demi, ou continuez à %2.</translation>
    </message>
    <message>
        <source>%1 comes after %2. Counts go up, or begin again at 1.</source>
        <translation>%1 vient après %2. Les comptes montent, ou recommencent à 1.</translation>
    </message>
    <message>
        <source>A count is a number from 1 to %1.</source>
        <translation>Un compte est un nombre de 1 à %1.</translation>
    </message>
    <message>
        <source>The page %1 is empty or damaged: there is no text in it.</source>
        <translation>La page %1 est vide ou abîmée&#xa0;: elle n&apos;a pas de texte.</translation>
    </message>
    <message>
        <source>The page %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation>La page %1 a plus de 20 Mo de texte. Copiez-en la danse et collez-la.</translation>
    </message>
    <message>
        <source>The document %1 is damaged, has a password or is too large, and cannot be read. Save it anew without a password, or copy its text and paste that.</source>
        <translation>Le document %1 est abîmé, a un mot de passe ou est trop grand, et ne peut pas être lu. Enregistrez-le à nouveau sans mot de passe, ou copiez son texte et collez-le.</translation>
    </message>
    <message>
        <source>The print %1 is damaged and cannot be read. Save it anew, or copy its text and paste that.</source>
        <translation>L&apos;imprimé %1 est abîmé et ne peut pas être lu. Enregistrez-le à nouveau, ou copiez son texte et collez-le.</translation>
    </message>
    <message>
        <source>The print %1 has a password. Save it without one, or copy its text and paste that.</source>
        <translation>L&apos;imprimé %1 a un mot de passe. Enregistrez-le sans, ou copiez son texte et collez-le.</translation>
    </message>
    <message>
        <source>The print %1 has %2 pages. Copy the dance out of it and paste that.</source>
        <translation>L&apos;imprimé %1 a %2 pages. Copiez-en la danse et collez-la.</translation>
    </message>
    <message>
        <source>The print %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation>L&apos;imprimé %1 a plus de 20 Mo de texte. Copiez-en la danse et collez-la.</translation>
    </message>
    <message>
        <source>The print %1 has no text in it, only pictures of text. Type the dance, or have the text recognised by another program and paste it.</source>
        <translation>L&apos;imprimé %1 n&apos;a pas de texte, seulement des images de texte. Saisissez la danse, ou faites reconnaître le texte par un autre programme et collez-le.</translation>
    </message>
    <message>
        <source>whenever you start %1 %2</source>
        <translation>à chaque départ %1 %2</translation>
    </message>
    <message>
        <source>whenever you start %1</source>
        <translation>à chaque départ %1</translation>
    </message>
    <message>
        <source>in %1, if you start %2</source>
        <translation>dans %1, au départ %2</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>dans %1</translation>
    </message>
    <message>
        <source>in an %1</source>
        <translation>dans «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>in a %1</source>
        <translation>dans «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>after an %1</source>
        <translation>après «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>after a %1</source>
        <translation>après «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>every second pass</source>
        <translation>un passage sur deux</translation>
    </message>
    <message>
        <source>every third pass</source>
        <translation>un passage sur trois</translation>
    </message>
    <message>
        <source>every fourth pass</source>
        <translation>un passage sur quatre</translation>
    </message>
    <message>
        <source>the first pass</source>
        <translation>le premier passage</translation>
    </message>
    <message>
        <source>the last pass</source>
        <translation>le dernier passage</translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation>face à %1</translation>
    </message>
    <message>
        <source>on a phrase of %1</source>
        <translation>sur une phrase de %1</translation>
    </message>
    <message>
        <source>a tag of %1</source>
        <translation>un tag de %1</translation>
    </message>
    <message>
        <source>%1 %2.</source>
        <translation>%1 %2.</translation>
    </message>
    <message>
        <source>%1 in %2; there is no short rule for it.</source>
        <translation>%1 dans %2&#xa0;; il n&apos;y a pas de règle courte pour cela.</translation>
    </message>
    <message>
        <source>a figure</source>
        <translation>une figure</translation>
    </message>
    <message>
        <source>%1 left out</source>
        <translation>%1 laissée de côté</translation>
    </message>
    <message>
        <source>%1 at the head</source>
        <translation>%1 en tête</translation>
    </message>
    <message>
        <source>%1 danced twice</source>
        <translation>%1 dansée deux fois</translation>
    </message>
    <message>
        <source>%1 after %2</source>
        <translation>%1 après %2</translation>
    </message>
    <message>
        <source>%1 as written</source>
        <translation>%1 comme écrite</translation>
    </message>
    <message>
        <source>%1 as “%2”</source>
        <translation>%1 en «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>%1 to the other side</source>
        <translation>%1 de l&apos;autre côté</translation>
    </message>
    <message>
        <source>partners exchanged in %1</source>
        <translation>partenaires échangés dans %1</translation>
    </message>
    <message>
        <source>wait of %1 before count 1</source>
        <translation>attente de %1 avant le compte 1</translation>
    </message>
    <message>
        <source>bridge of %1 after %2, %3</source>
        <translation>pont de %1 après %2, %3</translation>
    </message>
    <message>
        <source>bridge of %1 after %2</source>
        <translation>pont de %1 après %2</translation>
    </message>
    <message>
        <source>shorter bars as the music has them</source>
        <translation>mesures plus courtes, comme la musique les a</translation>
    </message>
    <message>
        <source>%1 as a tag</source>
        <translation>%1 comme tag</translation>
    </message>
    <message>
        <source>ending %1 after %2</source>
        <translation>fin %1 après %2</translation>
    </message>
    <message>
        <source>No cuts and repeats that cost less than %1 put it right, and there are too many dearer ones to compare. Plan the dance instead.</source>
        <translation>Aucune coupe ni répétition coûtant moins de %1 ne l&apos;arrange, et il y en a trop de plus chères à comparer. Planifiez plutôt la danse.</translation>
    </message>
    <message>
        <source>There are too many cuts to compare them all. Allow shorter ones.</source>
        <translation>Il y a trop de coupes pour toutes les comparer. Permettez-en de plus courtes.</translation>
    </message>
    <message>
        <source>The cost of a %1 is %2. Costs are whole numbers from 0 on.</source>
        <translation>Le coût de «&#xa0;%1&#xa0;» est %2. Les coûts sont des nombres entiers à partir de 0.</translation>
    </message>
    <message>
        <source>The song has no bars yet. Open a song or type its structure first.</source>
        <translation>Le morceau n&apos;a pas encore de mesures. Ouvrez un morceau ou écrivez d&apos;abord sa structure.</translation>
    </message>
    <message>
        <source>The routine has no passes yet. Give the order of the parts first.</source>
        <translation>La chorégraphie n&apos;a pas encore de passages. Donnez d&apos;abord l&apos;ordre des parties.</translation>
    </message>
    <message>
        <source>Counts of this song are longer than its bars, so that whole bars cannot be cut. Count it by beats for this.</source>
        <translation>Les comptes de ce morceau sont plus longs que ses mesures, on ne peut donc pas couper de mesures entières. Comptez-le par temps pour cela.</translation>
    </message>
    <message>
        <source>The dance does not begin with a bar of the music, so that whole bars cannot put it right. Change where it starts.</source>
        <translation>La danse ne commence pas avec une mesure de la musique, des mesures entières ne peuvent donc pas l&apos;arranger. Changez son début.</translation>
    </message>
    <message>
        <source>Comparing cuts was stopped.</source>
        <translation>La comparaison des coupes a été arrêtée.</translation>
    </message>
    <message>
        <source>No cut and no repeat</source>
        <translation>Aucune coupe ni répétition</translation>
    </message>
    <message numerus="yes">
        <source>One change: %1|%n changes: %1</source>
        <comment>%1: without bar 33</comment>
        <translation>
            <numerusform>Un changement&#xa0;: %1</numerusform>
            <numerusform>%n changements&#xa0;: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1; every pass then starts a phrase.</source>
        <translation>%1&#xa0;; chaque passage commence alors une phrase.</translation>
    </message>
    <message numerus="yes">
        <source>%1; %n pass does not.|%1; %n passes do not.</source>
        <comment>do not start a phrase; %1: a change of the music</comment>
        <translation>
            <numerusform>%1&#xa0;; %n passage non.</numerusform>
            <numerusform>%1&#xa0;; %n passages non.</numerusform>
        </translation>
    </message>
    <message>
        <source>The music ends %1 before the dance.</source>
        <translation>La musique finit %1 avant la danse.</translation>
    </message>
    <message>
        <source>The song has no phrases yet. Open a song or type its structure first.</source>
        <translation>Le morceau n&apos;a pas encore de phrases. Ouvrez un morceau ou écrivez d&apos;abord sa structure.</translation>
    </message>
    <message>
        <source>A %1 of %2 is none. It has to be above 0 counts.</source>
        <translation>%1 de %2 n&apos;existe pas. Il faut plus de 0 compte.</translation>
    </message>
    <message>
        <source>A cut after %1 leaves nothing of a pass. Cuts are above 0 counts.</source>
        <translation>Une coupe après %1 ne laisse rien d&apos;un passage. Les coupes sont au-dessus de 0 compte.</translation>
    </message>
    <message>
        <source>The part for the opening or the ending is not in the routine any more.</source>
        <translation>La partie de l&apos;ouverture ou de la fin n&apos;est plus dans la chorégraphie.</translation>
    </message>
    <message>
        <source>Part %1 has no counts yet, so that passes of it cannot be planned.</source>
        <translation>La partie %1 n&apos;a pas encore de comptes, ses passages ne peuvent donc pas être planifiés.</translation>
    </message>
    <message>
        <source>More than %1 different exceptions are possible: more than dancers can tell apart. Allow fewer cuts, tags or changes.</source>
        <translation>Plus de %1 exceptions différentes sont possibles&#xa0;: plus que des danseurs n&apos;en distinguent. Permettez moins de coupes, de tags ou de changements.</translation>
    </message>
    <message>
        <source>No figure at hand may be used. Allow other lengths or levels.</source>
        <translation>Aucune figure disponible ne peut servir. Permettez d&apos;autres durées ou niveaux.</translation>
    </message>
    <message>
        <source>There are too many ways to compare. Ask for fewer counts, or allow fewer figures.</source>
        <translation>Il y a trop de façons à comparer. Demandez moins de comptes, ou permettez moins de figures.</translation>
    </message>
    <message>
        <source>Between one and 256 counts can be filled, not %1.</source>
        <translation>On peut remplir de un à 256 comptes, pas %1.</translation>
    </message>
    <message>
        <source>Each figure may come at least once.</source>
        <translation>Chaque figure peut venir au moins une fois.</translation>
    </message>
    <message>
        <source>Filling was stopped.</source>
        <translation>Le remplissage a été arrêté.</translation>
    </message>
    <message>
        <source>The song has no phrases. Give their lengths in counts, for example 32,32,16,32.</source>
        <translation>Le morceau n&apos;a pas de phrases. Donnez leurs durées en comptes, par exemple 32,32,16,32.</translation>
    </message>
    <message>
        <source>A phrase has %1. Every phrase needs a length above 0.</source>
        <translation>Une phrase a %1. Chaque phrase doit durer plus de 0.</translation>
    </message>
    <message>
        <source>The song is longer than %1 counts. Plan it in pieces.</source>
        <translation>Le morceau dépasse %1 comptes. Planifiez-le par morceaux.</translation>
    </message>
    <message>
        <source>The dance has %1. It needs a length above 0.</source>
        <translation>La danse a %1. Elle doit durer plus de 0.</translation>
    </message>
    <message>
        <source>The dance is longer than %1 counts.</source>
        <translation>La danse dépasse %1 comptes.</translation>
    </message>
    <message>
        <source>A cut after %1 does not lie inside the dance of %2. Cuts are above 0 and below the dance&apos;s length.</source>
        <translation>Une coupe après %1 n&apos;est pas dans la danse de %2. Les coupes sont au-dessus de 0 et en dessous de la durée de la danse.</translation>
    </message>
    <message>
        <source>A tag of %1 is none. Tags are above 0 counts.</source>
        <translation>Un tag de %1 n&apos;existe pas. Les tags sont au-dessus de 0 compte.</translation>
    </message>
    <message>
        <source>A tag of %1 is longer than any song.</source>
        <translation>Un tag de %1 dépasse n&apos;importe quel morceau.</translation>
    </message>
    <message>
        <source>%1 different cuts and %2 different tags are allowed: more than dancers can tell apart. Allow at most %3 together.</source>
        <translation>%1 coupes et %2 tags différents sont permis&#xa0;: plus que des danseurs n&apos;en distinguent. Permettez-en au plus %3 ensemble.</translation>
    </message>
    <message>
        <source>A turn done with count %1 does not lie in the dance of %2.</source>
        <translation>Un tour fini au compte %1 n&apos;est pas dans la danse de %2.</translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags, or such in whole counts.</source>
        <translation>Il y a trop d&apos;endroits où un passage pourrait commencer. Permettez moins de coupes et de tags, ou en comptes entiers.</translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer cuts and tags.</source>
        <translation>Il y a trop de façons pour toutes les comparer. Permettez moins de coupes et de tags.</translation>
    </message>
    <message>
        <source>“%1” is not a turn. Write the part of a turn, right positive, and the count it is done with: -1/4@28.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un tour. Écrivez la part d&apos;un tour, positive à droite, et le compte où il finit&#xa0;: -1/4@28.</translation>
    </message>
    <message>
        <source>A turn of %1 leaves the eighths of the clock. Use eighths of a turn, such as 1/4 or -3/8.</source>
        <translation>Un tour de %1 quitte les huitièmes de l&apos;horloge. Prenez des huitièmes de tour, comme 1/4 ou -3/8.</translation>
    </message>
    <message>
        <source>The cost of %1 is %2. Costs are whole numbers from 0 to %3; the higher, the more is done to avoid it.</source>
        <translation>Le coût de %1 est %2. Les coûts sont des nombres entiers de 0 à %3&#xa0;; plus c&apos;est haut, plus on l&apos;évite.</translation>
    </message>
    <message>
        <source>“%1” is not a cost. Write for example miss=10,restart=3; the costs are %2.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un coût. Écrivez par exemple miss=10,restart=3&#xa0;; les coûts sont %2.</translation>
    </message>
    <message>
        <source>The cost “%1” is not a whole number.</source>
        <translation>Le coût «&#xa0;%1&#xa0;» n&apos;est pas un nombre entier.</translation>
    </message>
    <message>
        <source>a pass that misses</source>
        <translation>un passage qui ne tombe pas juste</translation>
    </message>
    <message>
        <source>a restart</source>
        <translation>un restart</translation>
    </message>
    <message>
        <source>a tag</source>
        <translation>un tag</translation>
    </message>
    <message>
        <source>each different kind</source>
        <translation>chaque sorte différente</translation>
    </message>
    <message>
        <source>each count it misses by</source>
        <translation>chaque compte d&apos;écart</translation>
    </message>
    <message>
        <source>a wait at the start</source>
        <translation>une attente au début</translation>
    </message>
    <message>
        <source>a bridge</source>
        <translation>un pont</translation>
    </message>
    <message>
        <source>a figure as a tag</source>
        <translation>une figure en tag</translation>
    </message>
    <message>
        <source>a figure changed</source>
        <translation>une figure changée</translation>
    </message>
    <message>
        <source>a pass in shorter bars</source>
        <translation>un passage en mesures plus courtes</translation>
    </message>
    <message>
        <source>an opening</source>
        <translation>une ouverture</translation>
    </message>
    <message>
        <source>an ending</source>
        <translation>une fin</translation>
    </message>
    <message>
        <source>a change in the first quarter</source>
        <translation>un changement dans le premier quart</translation>
    </message>
    <message>
        <source>a change in the last quarter</source>
        <translation>un changement dans le dernier quart</translation>
    </message>
    <message>
        <source>each different place of a change</source>
        <translation>chaque endroit différent d&apos;un changement</translation>
    </message>
    <message>
        <source>a cut inside a figure</source>
        <translation>une coupe dans une figure</translation>
    </message>
    <message>
        <source>a cut inside a turn</source>
        <translation>une coupe dans un tour</translation>
    </message>
    <message>
        <source>a step made a touch</source>
        <translation>un pas changé en touch</translation>
    </message>
    <message>
        <source>an accent that misses</source>
        <translation>un accent manqué</translation>
    </message>
    <message>
        <source>the wrong facing at the end</source>
        <translation>la mauvaise orientation à la fin</translation>
    </message>
    <message>
        <source>the music ends inside a pass</source>
        <translation>la musique finit dans un passage</translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation>le mauvais pied</translation>
    </message>
    <message>
        <source>The first pass begins off a phrase: change where the dance starts.</source>
        <translation>Le premier passage commence hors d&apos;une phrase&#xa0;: changez où la danse commence.</translation>
    </message>
    <message>
        <source>After pass %1 no phrase begins any more.</source>
        <translation>Après le passage %1, aucune phrase ne commence plus.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on.</source>
        <translation>Par exemple, le passage %1 commence %2 après le passage %3 (%4), où les phrases suivantes commencent %5 comptes plus loin.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 more would land it.</source>
        <translation>Par exemple, le passage %1 commence %2 après le passage %3 (%4), où les phrases suivantes commencent %5 comptes plus loin&#xa0;: avec %6 de plus, il tomberait juste.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 fewer would land it.</source>
        <translation>Par exemple, le passage %1 commence %2 après le passage %3 (%4), où les phrases suivantes commencent %5 comptes plus loin&#xa0;: avec %6 de moins, il tomberait juste.</translation>
    </message>
    <message>
        <source>Everything could land for %1, but as it is priced a miss is the lesser evil.</source>
        <translation>Tout pourrait tomber juste pour %1, mais à ces coûts un passage manqué est un moindre mal.</translation>
    </message>
    <message>
        <source>Make a miss dearer to have it.</source>
        <translation>Rendez un passage manqué plus cher pour l&apos;avoir.</translation>
    </message>
    <message numerus="yes">
        <source>With all that is allowed, at least one pass misses.|With all that is allowed, at least %n passes miss.</source>
        <translation>
            <numerusform>Avec tout ce qui est permis, au moins un passage ne tombe pas juste.</numerusform>
            <numerusform>Avec tout ce qui est permis, au moins %n passages ne tombent pas juste.</numerusform>
        </translation>
    </message>
    <message>
        <source>This plan misses more, since that is cheaper.</source>
        <translation>Ce plan manque davantage, car c&apos;est moins cher.</translation>
    </message>
    <message>
        <source>Allow other tags, bridges or changes.</source>
        <translation>Permettez d&apos;autres tags, ponts ou changements.</translation>
    </message>
    <message>
        <source>opening %1 first</source>
        <translation>ouverture %1 d&apos;abord</translation>
    </message>
    <message numerus="yes">
        <source>one restart, %1|%2 restarts, %1</source>
        <comment>%1: after 16 of pass 3</comment>
        <translation>
            <numerusform>un restart, %1</numerusform>
            <numerusform>%2 restarts, %1</numerusform>
        </translation>
    </message>
    <message>
        <source>after %1 of %2 with a touch at the end</source>
        <translation>après %1, un touch à la fin&#xa0;: %2</translation>
    </message>
    <message>
        <source>after %1 of %2</source>
        <translation>après %1&#xa0;: %2</translation>
    </message>
    <message numerus="yes">
        <source>one tag, %1|%2 tags, %1</source>
        <comment>%1: of 4 after pass 3</comment>
        <translation>
            <numerusform>un tag, %1</numerusform>
            <numerusform>%2 tags, %1</numerusform>
        </translation>
    </message>
    <message>
        <source>of %1 after %2</source>
        <translation>de %1 après&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>no restart and no tag</source>
        <translation>ni restart ni tag</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message numerus="yes">
        <source>one more pass|%1 more passes</source>
        <translation>
            <numerusform>un passage de plus</numerusform>
            <numerusform>%1 passages de plus</numerusform>
        </translation>
    </message>
    <message>
        <source>every pass then lands</source>
        <translation>chaque passage tombe alors juste</translation>
    </message>
    <message numerus="yes">
        <source>one pass does not land|%1 passes do not land</source>
        <translation>
            <numerusform>un passage ne tombe pas juste</numerusform>
            <numerusform>%1 passages ne tombent pas juste</numerusform>
        </translation>
    </message>
    <message>
        <source>No plan costs less than %1.</source>
        <translation>Aucun plan ne coûte moins de %1.</translation>
    </message>
    <message>
        <source>There is no other.</source>
        <translation>Il n&apos;y en a pas d&apos;autre.</translation>
    </message>
    <message>
        <source>The next costs the same.</source>
        <translation>Le suivant coûte autant.</translation>
    </message>
    <message>
        <source>The next best costs %1.</source>
        <translation>Le suivant coûte %1.</translation>
    </message>
    <message>
        <source>whole, facing %1</source>
        <translation>en entier, face à %1</translation>
    </message>
    <message>
        <source>after %1 of %2, facing %3</source>
        <translation>après %1 sur %2, face à %3</translation>
    </message>
    <message>
        <source>a line of dancers</source>
        <translation>une ligne de danseurs</translation>
    </message>
    <message>
        <source>A restart is as bad as a tag and a half, and every new kind as bad as a tag.</source>
        <translation>Un restart vaut un tag et demi, et chaque nouvelle sorte vaut un tag.</translation>
    </message>
    <message>
        <source>a line of beginners</source>
        <translation>une ligne de débutants</translation>
    </message>
    <message>
        <source>Few kinds, and rather a tag than a restart: everyone must remember them. Nothing in the first quarter, where they still learn it.</source>
        <translation>Peu de sortes, et plutôt un tag qu&apos;un restart&#xa0;: tous doivent s&apos;en souvenir. Rien dans le premier quart, où ils apprennent encore.</translation>
    </message>
    <message>
        <source>a couple at a social</source>
        <translation>un couple en soirée</translation>
    </message>
    <message>
        <source>A wait of two or four is easily led, a restart is not, and a figure may always come twice.</source>
        <translation>Une attente de deux ou quatre se guide facilement, un restart non, et une figure peut toujours venir deux fois.</translation>
    </message>
    <message>
        <source>a stage group</source>
        <translation>un groupe de scène</translation>
    </message>
    <message>
        <source>It is rehearsed: what matters is that all lands, with the accents.</source>
        <translation>C&apos;est répété&#xa0;: l&apos;important est que tout tombe juste, avec les accents.</translation>
    </message>
    <message>
        <source>a competition</source>
        <translation>une compétition</translation>
    </message>
    <message>
        <source>Nothing may miss, waits are seen, and the end is seen most.</source>
        <translation>Rien ne doit manquer, les attentes se voient, et la fin se voit le plus.</translation>
    </message>
    <message>
        <source>Nothing is possible: a pinned start cannot be kept whatever is done. Take the pin away, or allow more.</source>
        <translation>Rien n&apos;est possible&#xa0;: un début fixé ne peut pas être tenu, quoi qu&apos;on fasse. Libérez-le, ou permettez davantage.</translation>
    </message>
    <message>
        <source>Exceptions could stand at more different places than can be told apart. Let places cost nothing, or allow fewer exceptions.</source>
        <translation>Des exceptions pourraient être à plus d&apos;endroits différents qu&apos;on n&apos;en distingue. Rendez les endroits gratuits, ou permettez moins d&apos;exceptions.</translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags.</source>
        <translation>Il y a trop d&apos;endroits où un passage pourrait commencer. Permettez moins de coupes et de tags.</translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer exceptions.</source>
        <translation>Il y a trop de façons pour toutes les comparer. Permettez moins d&apos;exceptions.</translation>
    </message>
    <message>
        <source>what makes the pass differ</source>
        <translation>ce qui distingue le passage</translation>
    </message>
    <message>
        <source>Planning was stopped.</source>
        <translation>La planification a été arrêtée.</translation>
    </message>
    <message>
        <source>It has no beats yet.</source>
        <translation>Il n&apos;a pas encore de temps.</translation>
    </message>
    <message>
        <source>The place where the dance starts is not there; it is planned from the first phrase.</source>
        <translation>L&apos;endroit où la danse commence n&apos;est pas là&#xa0;; on planifie dès la première phrase.</translation>
    </message>
    <message>
        <source>At once: %1.</source>
        <translation>Tout de suite&#xa0;: %1.</translation>
    </message>
    <message>
        <source>At once: nothing that can be done within the first set helps.</source>
        <translation>Tout de suite&#xa0;: rien de ce qu&apos;on peut faire dans la première série n&apos;aide.</translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: %1.|Within %n sets: %1.</source>
        <translation>
            <numerusform>En %n série&#xa0;: %1.</numerusform>
            <numerusform>En %n séries&#xa0;: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: nothing that can be done there helps.|Within %n sets: nothing that can be done there helps.</source>
        <translation>
            <numerusform>En %n série&#xa0;: rien de ce qu&apos;on peut y faire n&apos;aide.</numerusform>
            <numerusform>En %n séries&#xa0;: rien de ce qu&apos;on peut y faire n&apos;aide.</numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it: at %1 the music undoes it.</source>
        <translation>Laisser&#xa0;: à %1 la musique l&apos;annule.</translation>
    </message>
    <message>
        <source>Leave it: then it differs by another amount.</source>
        <translation>Laisser&#xa0;: l&apos;écart est alors autre.</translation>
    </message>
    <message>
        <source>Leave it: it stays so to the end.</source>
        <translation>Laisser&#xa0;: cela reste ainsi jusqu&apos;à la fin.</translation>
    </message>
    <message>
        <source>Meanwhile the breaks are %1.</source>
        <translation>Pendant ce temps, les breaks sont %1.</translation>
    </message>
    <message>
        <source>the last change a touch</source>
        <translation>le dernier changement en touch</translation>
    </message>
    <message>
        <source>its tag left out</source>
        <translation>son tag laissé de côté</translation>
    </message>
    <message>
        <source>begin again on the 1</source>
        <translation>recommencer sur le 1</translation>
    </message>
    <message>
        <source>begin again on the music&apos;s 1, %1</source>
        <translation>recommencer sur le 1 de la musique, %1</translation>
    </message>
    <message>
        <source>wait for the 1</source>
        <translation>attendre le 1</translation>
    </message>
    <message>
        <source>wait %1 after pass %2 and count from 1 on %3</source>
        <translation>attendre %1 après le passage %2 et compter à partir de 1 sur %3</translation>
    </message>
    <message>
        <source>Never turned round.</source>
        <translation>Jamais décalé.</translation>
    </message>
    <message>
        <source>%1 danced turned round in all.</source>
        <translation>%1 dansés décalés en tout.</translation>
    </message>
    <message>
        <source>The partner notices: a foot or a hold does not fit.</source>
        <translation>Le partenaire le remarque&#xa0;: un pied ou une prise ne convient pas.</translation>
    </message>
    <message>
        <source>A foot does not fit.</source>
        <translation>Un pied ne convient pas.</translation>
    </message>
    <message>
        <source>Both make a touch of their last change; feet and holds fit.</source>
        <translation>Les deux font un touch de leur dernier changement&#xa0;; pieds et prises conviennent.</translation>
    </message>
    <message>
        <source>The feet fit.</source>
        <translation>Les pieds conviennent.</translation>
    </message>
    <message>
        <source>The partner need not notice: feet and holds fit.</source>
        <translation>Le partenaire n&apos;a pas à le remarquer&#xa0;: pieds et prises conviennent.</translation>
    </message>
    <message>
        <source>The breaks are again %1.</source>
        <translation>Les breaks sont de nouveau %1.</translation>
    </message>
    <message>
        <source>The breaks are then %1.</source>
        <translation>Les breaks sont alors %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n new finding.|%n new findings.</source>
        <translation>
            <numerusform>%n nouveau constat.</numerusform>
            <numerusform>%n nouveaux constats.</numerusform>
        </translation>
    </message>
    <message>
        <source>with both feet on %1</source>
        <translation>des deux pieds sur %1</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>%1 %2 longer</source>
        <translation>%1 %2 de plus</translation>
    </message>
    <message>
        <source>without %1</source>
        <translation>sans %1</translation>
    </message>
    <message>
        <source>%1 twice</source>
        <translation>%1 deux fois</translation>
    </message>
    <message>
        <source>Best plan there, for %1: %2</source>
        <translation>Meilleur plan là, pour %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>after the song</source>
        <translation>après le morceau</translation>
    </message>
    <message>
        <source>lands on %1</source>
        <translation>tombe sur %1</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>tombe juste</translation>
    </message>
    <message>
        <source>no music</source>
        <translation>pas de musique</translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation>%1 de trop</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 de moins</translation>
    </message>
    <message>
        <source>no pass lands</source>
        <translation>aucun passage ne tombe juste</translation>
    </message>
    <message>
        <source>the one pass lands</source>
        <translation>l&apos;unique passage tombe juste</translation>
    </message>
    <message>
        <source>not even the one pass lands</source>
        <translation>même l&apos;unique passage ne tombe pas juste</translation>
    </message>
    <message>
        <source>every pass lands</source>
        <translation>chaque passage tombe juste</translation>
    </message>
    <message>
        <source>none of %1 passes lands</source>
        <translation>aucun des %1 passages ne tombe juste</translation>
    </message>
    <message numerus="yes">
        <source>one of %1 passes lands|%n of %1 passes land</source>
        <translation>
            <numerusform>un des %1 passages tombe juste</numerusform>
            <numerusform>%n des %1 passages tombent juste</numerusform>
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
            <numerusform>%1 après %2 (commence face à %3, finit face à %4)</numerusform>
            <numerusform>%1 après %2 (commencent face à %3, finissent face à %4)</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, cut by the start of the next</source>
        <translation>%1, coupé par le début du suivant</translation>
    </message>
    <message>
        <source>%1, the turn danced to its end</source>
        <translation>%1, le tour dansé jusqu&apos;au bout</translation>
    </message>
    <message>
        <source>Added</source>
        <translation>Ajouté</translation>
    </message>
    <message>
        <source>%1 in %2 after %3</source>
        <translation>%1 dans %2 après %3</translation>
    </message>
    <message>
        <source>%1 in %2 at its head</source>
        <translation>%1 dans %2 en tête</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Laissé de côté</translation>
    </message>
    <message>
        <source>Another version</source>
        <translation>Autre version</translation>
    </message>
    <message>
        <source>%1 as written in %2</source>
        <translation>%1 comme écrite dans %2</translation>
    </message>
    <message>
        <source>%1 as “%2” in %3</source>
        <translation>%1 en «&#xa0;%2&#xa0;» dans %3</translation>
    </message>
    <message>
        <source>In bars of %1</source>
        <translation>En mesures de %1</translation>
    </message>
    <message>
        <source>To the other side</source>
        <translation>De l&apos;autre côté</translation>
    </message>
    <message>
        <source>Places exchanged</source>
        <translation>Places échangées</translation>
    </message>
    <message>
        <source>%1, then count from 1</source>
        <translation>%1, puis compter à partir de 1</translation>
    </message>
    <message>
        <source>Tag</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Last step a touch</source>
        <translation>Dernier pas en touch</translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation>Pont</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Attente</translation>
    </message>
    <message>
        <source>%1 before %2, which starts %3</source>
        <translation>%1 avant %2, qui commence %3</translation>
    </message>
    <message>
        <source>%1 before %2</source>
        <translation>%1 avant %2</translation>
    </message>
    <message>
        <source>Ending</source>
        <translation>Fin</translation>
    </message>
    <message>
        <source>Optional ending, not danced</source>
        <translation>Fin facultative, pas dansée</translation>
    </message>
    <message>
        <source>%1 after %2, part %3</source>
        <translation>%1 après %2, partie %3</translation>
    </message>
    <message>
        <source>Canon</source>
        <translation>Canon</translation>
    </message>
    <message>
        <source>%1, entering %2 apart, every role finishes</source>
        <translation>%1, entrées à %2 d&apos;écart, chaque rôle finit</translation>
    </message>
    <message>
        <source>%1, entering %2 apart, all end together</source>
        <translation>%1, entrées à %2 d&apos;écart, tous finissent ensemble</translation>
    </message>
    <message>
        <source>Pinned</source>
        <translation>Fixé</translation>
    </message>
    <message>
        <source>%1 starts %2</source>
        <translation>%1 commence %2</translation>
    </message>
    <message numerus="yes">
        <source>one wall|%n walls</source>
        <translation>
            <numerusform>un mur</numerusform>
            <numerusform>%n murs</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>intro %1 (%2)</source>
        <translation>intro %1 (%2)</translation>
    </message>
    <message>
        <source>intro %1</source>
        <translation>intro %1</translation>
    </message>
    <message>
        <source>the one in %1</source>
        <translation>celui dans %1</translation>
    </message>
    <message>
        <source>the one after the stop</source>
        <translation>celui après l&apos;arrêt</translation>
    </message>
    <message>
        <source>the one with the stop in it</source>
        <translation>celui avec l&apos;arrêt dedans</translation>
    </message>
    <message>
        <source>by “%1”</source>
        <translation>celui près de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>the one after %1</source>
        <translation>celui après %1</translation>
    </message>
    <message>
        <source>the only one that begins facing %1</source>
        <translation>le seul qui commence face à %1</translation>
    </message>
    <message>
        <source>the last one</source>
        <translation>le dernier</translation>
    </message>
    <message>
        <source>the first %1</source>
        <translation>le premier&#xa0;: %1</translation>
    </message>
    <message>
        <source>the second %1</source>
        <translation>le deuxième&#xa0;: %1</translation>
    </message>
    <message>
        <source>the third %1</source>
        <translation>le troisième&#xa0;: %1</translation>
    </message>
    <message>
        <source>the fourth %1</source>
        <translation>le quatrième&#xa0;: %1</translation>
    </message>
    <message>
        <source>the fifth %1</source>
        <translation>le cinquième&#xa0;: %1</translation>
    </message>
    <message>
        <source>the sixth %1</source>
        <translation>le sixième&#xa0;: %1</translation>
    </message>
    <message>
        <source>the seventh %1</source>
        <translation>le septième&#xa0;: %1</translation>
    </message>
    <message>
        <source>the eighth %1</source>
        <translation>le huitième&#xa0;: %1</translation>
    </message>
    <message numerus="yes">
        <source>There %1, here %2; %n finding there, %3 here.|There %1, here %2; %n findings there, %3 here.</source>
        <comment>%1 and %2: 6 of 7 passes land</comment>
        <translation>
            <numerusform>Là %1, ici %2&#xa0;; %n constat là, %3 ici.</numerusform>
            <numerusform>Là %1, ici %2&#xa0;; %n constats là, %3 ici.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of music would be left.</source>
        <translation>Il resterait %1 de musique.</translation>
    </message>
    <message>
        <source>The dance would be %1 too long.</source>
        <translation>La danse serait trop longue de %1.</translation>
    </message>
    <message>
        <source>Dance and song would end together.</source>
        <translation>La danse et le morceau finiraient ensemble.</translation>
    </message>
    <message>
        <source>The place where the dance starts is not there: it would start on the first phrase.</source>
        <translation>L&apos;endroit où la danse commence n&apos;est pas là&#xa0;: elle commencerait sur la première phrase.</translation>
    </message>
    <message>
        <source>solo</source>
        <translation>solo</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>rangs</translation>
    </message>
    <message>
        <source>couples in the line of dance</source>
        <translation>couples dans la ligne de danse</translation>
    </message>
    <message>
        <source>couples in a slot</source>
        <translation>couples dans un couloir</translation>
    </message>
    <message>
        <source>an open chain</source>
        <translation>une chaîne ouverte</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>une ronde</translation>
    </message>
    <message>
        <source>pairs facing each other</source>
        <translation>paires face à face</translation>
    </message>
    <message>
        <source>“%1” is not a formation. Known are %2.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une formation. Sont connus %2.</translation>
    </message>
    <message>
        <source>the line of dance</source>
        <translation>la ligne de danse</translation>
    </message>
    <message>
        <source>diagonally to the wall</source>
        <translation>en diagonale vers le mur</translation>
    </message>
    <message>
        <source>the wall</source>
        <translation>le mur</translation>
    </message>
    <message>
        <source>diagonally to the wall, against the line</source>
        <translation>en diagonale vers le mur, contre la ligne</translation>
    </message>
    <message>
        <source>against the line of dance</source>
        <translation>contre la ligne de danse</translation>
    </message>
    <message>
        <source>diagonally to the centre, against the line</source>
        <translation>en diagonale vers le centre, contre la ligne</translation>
    </message>
    <message>
        <source>the centre</source>
        <translation>le centre</translation>
    </message>
    <message>
        <source>diagonally to the centre</source>
        <translation>en diagonale vers le centre</translation>
    </message>
    <message>
        <source>home</source>
        <translation>à sa place</translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation>échangés</translation>
    </message>
    <message>
        <source>%1 round</source>
        <translation>%1 autour</translation>
    </message>
    <message>
        <source>%1 is written</source>
        <translation>%1 est écrit</translation>
    </message>
    <message>
        <source>%1 are written</source>
        <translation>%1 sont écrits</translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1|%n counts are said, but %1</source>
        <comment>%1: 30 counts are written</comment>
        <translation>
            <numerusform>%n compte est dit, mais %1</numerusform>
            <numerusform>%n comptes sont dits, mais %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wall is said, but the turns that are written make %1|%n walls are said, but the turns that are written make %1</source>
        <translation>
            <numerusform>%n mur est dit, mais les tours écrits en font %1</numerusform>
            <numerusform>%n murs sont dits, mais les tours écrits en font %1</numerusform>
        </translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>à %1</translation>
    </message>
    <message>
        <source>on the 1 of %1</source>
        <translation>sur le 1 de %1</translation>
    </message>
    <message>
        <source>in %1, after %2</source>
        <translation>dans %1, après %2</translation>
    </message>
    <message>
        <source>Order, character %1: %2</source>
        <translation>Ordre, caractère %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>“%1” repeats the part before it; name the part first, as in “A x4”.</source>
        <translation>«&#xa0;%1&#xa0;» répète la partie d&apos;avant&#xa0;; nommez d&apos;abord la partie, comme «&#xa0;A x4&#xa0;».</translation>
    </message>
    <message>
        <source>a part is repeated 1 to %1 times.</source>
        <translation>une partie se répète de 1 à %1 fois.</translation>
    </message>
    <message>
        <source>there is no part “%1”. The parts are %2.</source>
        <translation>il n&apos;y a pas de partie «&#xa0;%1&#xa0;». Les parties sont %2.</translation>
    </message>
    <message>
        <source>more than %1 passes.</source>
        <translation>plus de %1 passages.</translation>
    </message>
    <message>
        <source>Part %1 lies inside itself.</source>
        <translation>La partie %1 est dans elle-même.</translation>
    </message>
    <message>
        <source>Parts lie in parts, %1 deep and deeper, from part %2 on. Nobody keeps count of that; place the figures themselves.</source>
        <translation>Des parties sont dans des parties, sur %1 niveaux et plus, dès la partie %2. Personne ne s&apos;y retrouve&#xa0;; placez les figures elles-mêmes.</translation>
    </message>
    <message>
        <source>Part %1 comes to more than %2 figures with the parts that lie in it. That is more than anybody dances; place fewer parts in parts.</source>
        <translation>La partie %1 fait plus de %2 figures avec les parties qu&apos;elle contient. C&apos;est plus que personne ne danse&#xa0;; mettez moins de parties dans des parties.</translation>
    </message>
    <message>
        <source>The passes come to more than %1 figures in all. That is more than anybody dances; take passes out.</source>
        <translation>Les passages font plus de %1 figures en tout. C&apos;est plus que personne ne danse&#xa0;; retirez des passages.</translation>
    </message>
    <message>
        <source>The passes come to more than %1 steps in all. That is more than anybody dances; take passes out.</source>
        <translation>Les passages font plus de %1 pas en tout. C&apos;est plus que personne ne danse&#xa0;; retirez des passages.</translation>
    </message>
    <message>
        <source>How far is this turn?</source>
        <translation>De combien est ce tour&#xa0;?</translation>
    </message>
    <message>
        <source>half</source>
        <translation>un demi</translation>
    </message>
    <message>
        <source>a quarter</source>
        <translation>un quart</translation>
    </message>
    <message>
        <source>once round</source>
        <translation>un tour entier</translation>
    </message>
    <message>
        <source>three quarters</source>
        <translation>trois quarts</translation>
    </message>
    <message>
        <source>Which way is this turn?</source>
        <translation>De quel côté est ce tour&#xa0;?</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>vers la gauche</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>vers la droite</translation>
    </message>
    <message>
        <source>%1 feet are said for %2 steps. Say the first foot alone, or all of them.</source>
        <translation>%1 pieds sont dits pour %2 pas. Dites seulement le premier pied, ou tous.</translation>
    </message>
    <message>
        <source>The turn is read on step %1.</source>
        <translation>Le tour est lu sur le pas %1.</translation>
    </message>
    <message>
        <source>“%1” says how something is danced, not what. Is it a touch or a step?</source>
        <translation>«&#xa0;%1&#xa0;» dit comment quelque chose se danse, pas quoi. Est-ce un touch ou un pas&#xa0;?</translation>
    </message>
    <message>
        <source>a touch, without weight</source>
        <translation>un touch, sans appui</translation>
    </message>
    <message>
        <source>a step, with weight</source>
        <translation>un pas, avec appui</translation>
    </message>
    <message>
        <source>“%1 %2” can be one step or two. Which is meant?</source>
        <translation>«&#xa0;%1 %2&#xa0;» peut être un pas ou deux. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>one: %1 %2</source>
        <translation>un&#xa0;: %1 %2</translation>
    </message>
    <message>
        <source>two: %1, then %2</source>
        <translation>deux&#xa0;: %1, puis %2</translation>
    </message>
    <message>
        <source>A foot and “%1” can be one step or two. Which is meant?</source>
        <translation>Un pied et «&#xa0;%1&#xa0;» peuvent être un pas ou deux. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>one: a %1 of that foot</source>
        <translation>un&#xa0;: %1 de ce pied</translation>
    </message>
    <message>
        <source>two: a step, then a %1</source>
        <translation>deux&#xa0;: un pas, puis %1</translation>
    </message>
    <message>
        <source>Where does “%1” belong?</source>
        <translation>Où va «&#xa0;%1&#xa0;»&#xa0;?</translation>
    </message>
    <message>
        <source>it is a step of its own</source>
        <translation>c&apos;est un pas à part</translation>
    </message>
    <message>
        <source>it goes with what follows it</source>
        <translation>cela va avec ce qui suit</translation>
    </message>
    <message>
        <source>“cross %1” can be one step or two. Which is meant?</source>
        <translation>«&#xa0;cross %1&#xa0;» peut être un pas ou deux. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>two: a cross, then %1</source>
        <translation>deux&#xa0;: un cross, puis %1</translation>
    </message>
    <message>
        <source>one: a cross %1</source>
        <translation>un&#xa0;: un cross %1</translation>
    </message>
    <message>
        <source>two: a step to the %1, then %2</source>
        <translation>deux&#xa0;: un pas de côté (%1), puis %2</translation>
    </message>
    <message>
        <source>one: the %1 foot closes</source>
        <translation>un&#xa0;: le pied %1 ferme</translation>
    </message>
    <message>
        <source>one: a %1 %2</source>
        <translation>un&#xa0;: %1 %2</translation>
    </message>
    <message>
        <source>two: a %1, then %2</source>
        <translation>deux&#xa0;: %1, puis %2</translation>
    </message>
    <message>
        <source>“step %1” can be one step or two. Which is meant?</source>
        <translation>«&#xa0;step %1&#xa0;» peut être un pas ou deux. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>two: a step, then %1</source>
        <translation>deux&#xa0;: un pas, puis %1</translation>
    </message>
    <message>
        <source>one: the step that closes</source>
        <translation>un&#xa0;: le pas qui ferme</translation>
    </message>
    <message>
        <source>Does “and” join two steps, or is it a half count?</source>
        <translation>«&#xa0;and&#xa0;» joint-il deux pas, ou est-ce un demi-compte&#xa0;?</translation>
    </message>
    <message>
        <source>it only joins them</source>
        <translation>il les joint seulement</translation>
    </message>
    <message>
        <source>the step after it is danced on the half count</source>
        <translation>le pas d&apos;après se danse sur le demi-compte</translation>
    </message>
    <message>
        <source>Is this another %1, or a step?</source>
        <translation>Est-ce encore %1, ou un pas&#xa0;?</translation>
    </message>
    <message>
        <source>a %1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>a step %1</source>
        <translation>un pas %1</translation>
    </message>
    <message>
        <source>These counts lead in; the line begins with the 1 after them.</source>
        <translation>Ces comptes mènent au début&#xa0;; la ligne commence au 1 qui suit.</translation>
    </message>
    <message>
        <source>danced on %1 to %2</source>
        <translation>dansé de %1 à %2</translation>
    </message>
    <message>
        <source>Is something danced on these counts, or do they lead in?</source>
        <translation>Danse-t-on sur ces comptes, ou mènent-ils au début&#xa0;?</translation>
    </message>
    <message>
        <source>danced on 1 to %1</source>
        <translation>dansé de 1 à %1</translation>
    </message>
    <message>
        <source>Do these counts lead in, or is something danced on them?</source>
        <translation>Ces comptes mènent-ils au début, ou y danse-t-on&#xa0;?</translation>
    </message>
    <message>
        <source>they lead in</source>
        <translation>ils mènent au début</translation>
    </message>
    <message>
        <source>“%1” has no place in a count that is %2.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas de place dans un compte %2.</translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4, or for a silent count after others.</source>
        <translation>Un tiret est entre deux comptes, comme 1-4, ou tient lieu d&apos;un compte muet après d&apos;autres.</translation>
    </message>
    <message>
        <source>Is this the count after %1, or %2 itself?</source>
        <translation>Est-ce le compte après %1, ou %2 lui-même&#xa0;?</translation>
    </message>
    <message>
        <source>a silent %1</source>
        <translation>un %1 muet</translation>
    </message>
    <message>
        <source>nothing is danced on %1</source>
        <translation>rien n&apos;est dansé sur %1</translation>
    </message>
    <message>
        <source>the feet of its steps</source>
        <translation>les pieds de ses pas</translation>
    </message>
    <message>
        <source>the figure again, on the other foot</source>
        <translation>la figure encore, sur l&apos;autre pied</translation>
    </message>
    <message>
        <source>the figure again, on each of them</source>
        <translation>la figure encore, sur chacun d&apos;eux</translation>
    </message>
    <message>
        <source>a step of its own</source>
        <translation>un pas à part</translation>
    </message>
    <message>
        <source>steps of their own</source>
        <translation>des pas à part</translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after it say?|What do the feet after it say?</source>
        <translation>
            <numerusform>Que dit le pied d&apos;après&#xa0;?</numerusform>
            <numerusform>Que disent les pieds d&apos;après&#xa0;?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after “%1” say?|What do the feet after “%1” say?</source>
        <translation>
            <numerusform>Que dit le pied après «&#xa0;%1&#xa0;»&#xa0;?</numerusform>
            <numerusform>Que disent les pieds après «&#xa0;%1&#xa0;»&#xa0;?</numerusform>
        </translation>
    </message>
    <message>
        <source>Is this danced for %1 counts, or on count %2?</source>
        <translation>Est-ce dansé pendant %1 comptes, ou sur le compte %2&#xa0;?</translation>
    </message>
    <message>
        <source>for %1 counts</source>
        <translation>pendant %1 comptes</translation>
    </message>
    <message>
        <source>on count %1</source>
        <translation>sur le compte %1</translation>
    </message>
    <message>
        <source>Say one step before count 2, or say count 1.</source>
        <translation>Dites un pas avant le compte 2, ou dites le compte 1.</translation>
    </message>
    <message>
        <source>Is this danced on count %1 or after it?</source>
        <translation>Est-ce dansé sur le compte %1 ou après&#xa0;?</translation>
    </message>
    <message>
        <source>after it, on count %1</source>
        <translation>après, sur le compte %1</translation>
    </message>
    <message>
        <source>Are these %1 steps, or is it a step on count %2?</source>
        <translation>Est-ce %1 pas, ou un pas sur le compte %2&#xa0;?</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 pas</translation>
    </message>
    <message>
        <source>a step on count %1</source>
        <translation>un pas sur le compte %1</translation>
    </message>
    <message>
        <source>“%1” stands before the first count. Say on which count it is danced, or say the line without counts.</source>
        <translation>«&#xa0;%1&#xa0;» est avant le premier compte. Dites sur quel compte c&apos;est dansé, ou dites la ligne sans comptes.</translation>
    </message>
    <message>
        <source>Is “and” the half count here, or does it join two words?</source>
        <translation>«&#xa0;and&#xa0;» est-il ici le demi-compte, ou joint-il deux mots&#xa0;?</translation>
    </message>
    <message>
        <source>the half count</source>
        <translation>le demi-compte</translation>
    </message>
    <message>
        <source>it joins them</source>
        <translation>il les joint</translation>
    </message>
    <message>
        <source>What is danced %1 times?</source>
        <translation>Qu&apos;est-ce qui est dansé %1 fois&#xa0;?</translation>
    </message>
    <message>
        <source>all that stands before it</source>
        <translation>tout ce qui est avant</translation>
    </message>
    <message>
        <source>the step: %1 steps of %2 counts each</source>
        <translation>le pas&#xa0;: %1 pas de %2 comptes chacun</translation>
    </message>
    <message>
        <source>Nothing of that length is said before it that could be repeated.</source>
        <translation>Rien de cette durée n&apos;est dit avant qui puisse être répété.</translation>
    </message>
    <message>
        <source>%1 counts are said for it, but what is repeated has %2.</source>
        <translation>%1 comptes sont dits, mais ce qui est répété en a %2.</translation>
    </message>
    <message>
        <source>Is it danced on the other foot?</source>
        <translation>Est-ce dansé sur l&apos;autre pied&#xa0;?</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>oui</translation>
    </message>
    <message>
        <source>no: on the same</source>
        <translation>non&#xa0;: sur le même</translation>
    </message>
    <message>
        <source>Nothing is said before it that could be repeated.</source>
        <translation>Rien n&apos;est dit avant qui puisse être répété.</translation>
    </message>
    <message>
        <source>A line is repeated 2 to 64 times.</source>
        <translation>Une ligne se répète de 2 à 64 fois.</translation>
    </message>
    <message>
        <source>only what follows the last comma</source>
        <translation>seulement ce qui suit la dernière virgule</translation>
    </message>
    <message>
        <source>Is this turn a step, or does only the body turn?</source>
        <translation>Ce tour est-il un pas, ou le corps seul tourne-t-il&#xa0;?</translation>
    </message>
    <message>
        <source>a step: weight goes to the other foot</source>
        <translation>un pas&#xa0;: le poids passe sur l&apos;autre pied</translation>
    </message>
    <message>
        <source>only the body turns</source>
        <translation>le corps seul tourne</translation>
    </message>
    <message>
        <source>Does this turn take a count of its own?</source>
        <translation>Ce tour prend-il un compte à lui&#xa0;?</translation>
    </message>
    <message>
        <source>yes: weight goes to the other foot</source>
        <translation>oui&#xa0;: le poids passe sur l&apos;autre pied</translation>
    </message>
    <message>
        <source>no: it is danced with the step %1</source>
        <translation>non&#xa0;: il se danse avec le pas %1</translation>
    </message>
    <message>
        <source>Say slow or quick before each step of this line, or counts instead.</source>
        <translation>Dites slow ou quick avant chaque pas de cette ligne, ou bien des comptes.</translation>
    </message>
    <message>
        <source>Two steps are said on one slow or quick. Say slow or quick before each.</source>
        <translation>Deux pas sont dits sur un seul slow ou quick. Dites-le avant chacun.</translation>
    </message>
    <message>
        <source>How long is this?</source>
        <translation>Combien cela dure-t-il&#xa0;?</translation>
    </message>
    <message>
        <source>quick</source>
        <translation>vite</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>lent</translation>
    </message>
    <message>
        <source>it says where the figure goes</source>
        <translation>cela dit où va la figure</translation>
    </message>
    <message>
        <source>“%1” is not a word that is known here. What does it say?</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un mot connu ici. Que dit-il&#xa0;?</translation>
    </message>
    <message>
        <source>your own: %1</source>
        <translation>le vôtre&#xa0;: %1</translation>
    </message>
    <message>
        <source>as %1 has it: %2</source>
        <translation>comme l&apos;a %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>as it is usual</source>
        <translation>comme d&apos;habitude</translation>
    </message>
    <message>
        <source>“%1” has several meanings. Which is meant?</source>
        <translation>«&#xa0;%1&#xa0;» a plusieurs sens. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>Something is said here on a count that is silent.</source>
        <translation>Quelque chose est dit ici sur un compte muet.</translation>
    </message>
    <message>
        <source>on the count after them</source>
        <translation>sur le compte qui les suit</translation>
    </message>
    <message>
        <source>on the last of them</source>
        <translation>sur le dernier d&apos;entre eux</translation>
    </message>
    <message>
        <source>on each of them</source>
        <translation>sur chacun d&apos;eux</translation>
    </message>
    <message>
        <source>One step is named for %1 counts. On which is it danced?</source>
        <translation>Un pas est nommé pour %1 comptes. Sur lequel est-il dansé&#xa0;?</translation>
    </message>
    <message>
        <source>on these counts</source>
        <translation>sur ces comptes</translation>
    </message>
    <message>
        <source>a step on each count, then this</source>
        <translation>un pas sur chaque compte, puis ceci</translation>
    </message>
    <message>
        <source>Is this danced on these counts or after them?</source>
        <translation>Est-ce dansé sur ces comptes ou après&#xa0;?</translation>
    </message>
    <message>
        <source>This figure has %1 steps, and the counts leave room for one. Which is meant?</source>
        <translation>Cette figure a %1 pas, et les comptes laissent de la place pour un seul. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>one step of that name</source>
        <translation>un pas de ce nom</translation>
    </message>
    <message>
        <source>its own rhythm, over what follows</source>
        <translation>son propre rythme, par-dessus la suite</translation>
    </message>
    <message>
        <source>The counts say another rhythm than the words. Which is meant?</source>
        <translation>Les comptes disent un autre rythme que les mots. Lequel est voulu&#xa0;?</translation>
    </message>
    <message>
        <source>the counts</source>
        <translation>les comptes</translation>
    </message>
    <message>
        <source>the words, from count %1</source>
        <translation>les mots, dès le compte %1</translation>
    </message>
    <message>
        <source>the words, in their own rhythm from count %1</source>
        <translation>les mots, dans leur propre rythme dès le compte %1</translation>
    </message>
    <message>
        <source>a step on each count as far as they go</source>
        <translation>un pas sur chaque compte tant qu&apos;il y en a</translation>
    </message>
    <message>
        <source>as many as there are counts</source>
        <translation>autant qu&apos;il y a de comptes</translation>
    </message>
    <message>
        <source>a step on each count, then the words</source>
        <translation>un pas sur chaque compte, puis les mots</translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1. Which is meant?|%n counts are said, but %1. Which is meant?</source>
        <translation>
            <numerusform>%n compte est dit, mais %1. Lequel est voulu&#xa0;?</numerusform>
            <numerusform>%n comptes sont dits, mais %1. Lequel est voulu&#xa0;?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step is named|%n steps are named</source>
        <translation>
            <numerusform>%n pas est nommé</numerusform>
            <numerusform>%n pas sont nommés</numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how the step is danced</source>
        <translation>cela dit seulement comment le pas se danse</translation>
    </message>
    <message>
        <source>a step of its own, with weight</source>
        <translation>un pas à part, avec appui</translation>
    </message>
    <message>
        <source>a step of its own, without weight</source>
        <translation>un pas à part, sans appui</translation>
    </message>
    <message>
        <source>without weight</source>
        <translation>sans appui</translation>
    </message>
    <message>
        <source>The line says that the weight is on the %1 foot, but by its steps that foot is free.</source>
        <translation>La ligne dit que le poids est sur le pied %1, mais d&apos;après ses pas ce pied est libre.</translation>
    </message>
    <message>
        <source>A word and the name of its school have at most 80 letters each.</source>
        <translation>Un mot et le nom de son école ont chacun 80 lettres au plus.</translation>
    </message>
    <message>
        <source>Give %1 as one to four words.</source>
        <translation>Donnez %1 en un à quatre mots.</translation>
    </message>
    <message>
        <source>%1 is not a word: a name has letters alone.</source>
        <translation>%1 n&apos;est pas un mot&#xa0;: un nom n&apos;a que des lettres.</translation>
    </message>
    <message>
        <source>%1 always means the same (a count, a foot, a side, …) and cannot be given another meaning.</source>
        <translation>%1 veut toujours dire la même chose (un compte, un pied, un côté, …) et ne peut pas recevoir un autre sens.</translation>
    </message>
    <message>
        <source>The meaning of %1 has at most 400 letters.</source>
        <translation>Le sens de %1 a 400 lettres au plus.</translation>
    </message>
    <message>
        <source>The meaning of %1 cannot be read: %2</source>
        <translation>Le sens de %1 ne peut pas être lu&#xa0;: %2</translation>
    </message>
    <message>
        <source>The meaning of %1 can be meant in several ways: %2</source>
        <translation>Le sens de %1 peut s&apos;entendre de plusieurs façons&#xa0;: %2</translation>
    </message>
    <message>
        <source>The meaning of %1 has counts, steps and turns alone, from count 1 and over at most 64 counts: 1 behind &amp; side 2 side.</source>
        <translation>Le sens de %1 n&apos;a que des comptes, des pas et des tours, dès le compte 1 et sur 64 comptes au plus&#xa0;: 1 behind &amp; side 2 side.</translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1|%n steps as %1</source>
        <translation>
            <numerusform>%n pas comme %1</numerusform>
            <numerusform>%n pas comme %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, without weight|%n steps as %1, the last without weight</source>
        <translation>
            <numerusform>%n pas comme %1, sans appui</numerusform>
            <numerusform>%n pas comme %1, le dernier sans appui</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, %2 with weight|%n steps as %1, %2 with weight</source>
        <translation>
            <numerusform>%n pas comme %1, %2 avec appui</numerusform>
            <numerusform>%n pas comme %1, %2 avec appui</numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how a step is danced</source>
        <translation>cela dit seulement comment un pas se danse</translation>
    </message>
    <message>
        <source>something beside the feet</source>
        <translation>quelque chose à côté des pieds</translation>
    </message>
    <message>
        <source>Count %1 lies outside the song.</source>
        <translation>Le compte %1 est hors du morceau.</translation>
    </message>
    <message>
        <source>That moment lies before the first beat or after the last.</source>
        <translation>Ce moment est avant le premier temps ou après le dernier.</translation>
    </message>
    <message>
        <source>the pick-up</source>
        <translation>la levée</translation>
    </message>
    <message>
        <source>count %1 of %2</source>
        <translation>compte %1 de %2</translation>
    </message>
    <message>
        <source>set of %1</source>
        <translation>série de %1</translation>
    </message>
    <message>
        <source>sets of %1</source>
        <translation>séries de %1</translation>
    </message>
    <message>
        <source>set %1</source>
        <translation>série %1</translation>
    </message>
    <message>
        <source>“%1” is not a way of counting. Known are beat, half-beat, two-beats, bar and bar-group.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une façon de compter. Sont connus beat, half-beat, two-beats, bar et bar-group.</translation>
    </message>
    <message>
        <source>“%1” is not a kind of moment. Known are hit, stop, entry, change, lyric and other.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une sorte de moment. Sont connus hit, stop, entry, change, lyric et other.</translation>
    </message>
    <message>
        <source>bar %1 (%2)</source>
        <translation>mesure %1 (%2)</translation>
    </message>
    <message>
        <source>bars %1 to %2 (%3)</source>
        <translation>mesures %1 à %2 (%3)</translation>
    </message>
    <message>
        <source>Bars %1 to %2 are not in the song, which has %3.</source>
        <translation>Les mesures %1 à %2 ne sont pas dans le morceau, qui en a %3.</translation>
    </message>
    <message>
        <source>Nothing would be left of the song.</source>
        <translation>Il ne resterait rien du morceau.</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>tel quel</translation>
    </message>
    <message>
        <source>There are no beats yet for: %1.</source>
        <translation>Il n&apos;y a pas encore de temps pour&#xa0;: %1.</translation>
    </message>
    <message>
        <source>This lies outside the song&apos;s beats: %1.</source>
        <translation>Ceci est hors des temps du morceau&#xa0;: %1.</translation>
    </message>
    <message>
        <source>These exclude each other, since there is one beat for both: %1, and %2. Forget one of them.</source>
        <translation>Ceux-ci s&apos;excluent, car il n&apos;y a qu&apos;un temps pour les deux&#xa0;: %1, et %2. Oubliez-en un.</translation>
    </message>
    <message>
        <source>These exclude each other: %1, and %2. Forget one of them.</source>
        <translation>Ceux-ci s&apos;excluent&#xa0;: %1, et %2. Oubliez-en un.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, not %1.</source>
        <translation>Une mesure a de 1 à 24 temps, pas %1.</translation>
    </message>
    <message>
        <source>Here a tempo in beats a minute is missing.</source>
        <translation>Il manque ici un tempo en temps par minute.</translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 beats a minute.</source>
        <translation>Un tempo est entre 10 et 600 temps par minute.</translation>
    </message>
    <message>
        <source>A held beat ends after it begins.</source>
        <translation>Un temps tenu finit après avoir commencé.</translation>
    </message>
    <message>
        <source>“%1” is not a fact. Known are one, bar, beat, tempo, metre, phrase, stop and fermata.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une indication. Sont connus one, bar, beat, tempo, metre, phrase, stop et fermata.</translation>
    </message>
    <message>
        <source>“%1” is more than a %2 needs.</source>
        <translation>«&#xa0;%1&#xa0;» est plus que %2 ne demande.</translation>
    </message>
    <message>
        <source>Facts, line %1: %2</source>
        <translation>Indications, ligne %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Here a time in seconds, such as 12.345, is missing.</source>
        <translation>Il manque ici un instant en secondes, comme 12.345.</translation>
    </message>
    <message>
        <source>A time is not negative.</source>
        <translation>Un instant n&apos;est pas négatif.</translation>
    </message>
    <message>
        <source>A part of the song ends after it begins.</source>
        <translation>Une partie du morceau finit après avoir commencé.</translation>
    </message>
    <message>
        <source>Here a number of beats is missing.</source>
        <translation>Il manque ici un nombre de temps.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, with groups such as 7:3+2+2.</source>
        <translation>Une mesure a de 1 à 24 temps, avec des groupes comme 7:3+2+2.</translation>
    </message>
    <message>
        <source>A stop ends after it begins.</source>
        <translation>Un arrêt finit après avoir commencé.</translation>
    </message>
    <message>
        <source>%1 from %2 to %3</source>
        <translation>%1 de %2 à %3</translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation>deux fois plus de temps</translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation>deux fois moins de temps</translation>
    </message>
    <message>
        <source>the metre is %1</source>
        <translation>le mètre est %1</translation>
    </message>
    <message>
        <source>a 1 at %1</source>
        <translation>un 1 à %1</translation>
    </message>
    <message numerus="yes">
        <source>the bar at %1 has %n beat|the bar at %1 has %n beats</source>
        <translation>
            <numerusform>la mesure à %1 a %n temps</numerusform>
            <numerusform>la mesure à %1 a %n temps</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>a phrase starts at %1 and has %n beat|a phrase starts at %1 and has %n beats</source>
        <translation>
            <numerusform>une phrase commence à %1 et a %n temps</numerusform>
            <numerusform>une phrase commence à %1 et a %n temps</numerusform>
        </translation>
    </message>
    <message>
        <source>a phrase starts at %1</source>
        <translation>une phrase commence à %1</translation>
    </message>
    <message>
        <source>the phrase at %1 is called “%2”</source>
        <translation>la phrase à %1 s&apos;appelle «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>a beat at %1</source>
        <translation>un temps à %1</translation>
    </message>
    <message>
        <source>the tempo is %1 bpm</source>
        <translation>le tempo est de %1 bpm</translation>
    </message>
    <message>
        <source>a stop of %1 from %2 to %3</source>
        <translation>un arrêt de %1 de %2 à %3</translation>
    </message>
    <message>
        <source>every beat %1 ms earlier</source>
        <translation>chaque temps %1 ms plus tôt</translation>
    </message>
    <message>
        <source>every beat %1 ms later</source>
        <translation>chaque temps %1 ms plus tard</translation>
    </message>
    <message>
        <source>a beat held from %1 to %2</source>
        <translation>un temps tenu de %1 à %2</translation>
    </message>
    <message>
        <source>“%1” is not a metre: %2</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un mètre&#xa0;: %2</translation>
    </message>
    <message>
        <source>write it like 4/4, 3/4, 6/8 or 7/8:3+2+2.</source>
        <translation>écrivez-le comme 4/4, 3/4, 6/8 ou 7/8:3+2+2.</translation>
    </message>
    <message>
        <source>a bar has 1 to 24 beats.</source>
        <translation>une mesure a de 1 à 24 temps.</translation>
    </message>
    <message>
        <source>a beat is a 2, 4, 8 or 16.</source>
        <translation>un temps est un 2, 4, 8 ou 16.</translation>
    </message>
    <message>
        <source>groups are written like 3+2+2.</source>
        <translation>les groupes s&apos;écrivent comme 3+2+2.</translation>
    </message>
    <message>
        <source>a group is missing after the last +.</source>
        <translation>il manque un groupe après le dernier +.</translation>
    </message>
    <message>
        <source>its groups must add up to %1.</source>
        <translation>ses groupes doivent faire %1 en tout.</translation>
    </message>
    <message>
        <source>Beat %1 has no time.</source>
        <translation>Le temps %1 n&apos;a pas d&apos;instant.</translation>
    </message>
    <message>
        <source>Beat %1 is not later than the beat before it.</source>
        <translation>Le temps %1 n&apos;est pas après le temps d&apos;avant.</translation>
    </message>
    <message>
        <source>The pick-up is longer than the song.</source>
        <translation>La levée dépasse le morceau.</translation>
    </message>
    <message>
        <source>Bar %1 does not follow the bar before it.</source>
        <translation>La mesure %1 ne suit pas la mesure d&apos;avant.</translation>
    </message>
    <message>
        <source>Bar %1 has no beats.</source>
        <translation>La mesure %1 n&apos;a pas de temps.</translation>
    </message>
    <message>
        <source>The groups of bar %1 do not add up to its beats.</source>
        <translation>Les groupes de la mesure %1 ne font pas ses temps.</translation>
    </message>
    <message>
        <source>The bars do not cover all beats of the song.</source>
        <translation>Les mesures ne couvrent pas tous les temps du morceau.</translation>
    </message>
    <message>
        <source>Phrase %1 does not follow the phrase before it.</source>
        <translation>La phrase %1 ne suit pas la phrase d&apos;avant.</translation>
    </message>
    <message>
        <source>The phrases do not cover all bars of the song.</source>
        <translation>Les phrases ne couvrent pas toutes les mesures du morceau.</translation>
    </message>
    <message>
        <source>A stop ends before it starts.</source>
        <translation>Un arrêt finit avant de commencer.</translation>
    </message>
    <message>
        <source>The song ends before its last beat.</source>
        <translation>Le morceau finit avant son dernier temps.</translation>
    </message>
    <message numerus="yes">
        <source>%n beat|%n beats</source>
        <translation>
            <numerusform>%n temps</numerusform>
            <numerusform>%n temps</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n bar|%n bars</source>
        <translation>
            <numerusform>%n mesure</numerusform>
            <numerusform>%n mesures</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n phrase|%n phrases</source>
        <translation>
            <numerusform>%n phrase</numerusform>
            <numerusform>%n phrases</numerusform>
        </translation>
    </message>
    <message>
        <source>Structure, character %1: %2</source>
        <translation>Structure, caractère %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>after @ comes a tempo such as @112 or @112&gt;90.</source>
        <translation>après @ vient un tempo comme @112 ou @112&gt;90.</translation>
    </message>
    <message>
        <source>a tempo lies between 10 and 600 bpm.</source>
        <translation>un tempo est entre 10 et 600 bpm.</translation>
    </message>
    <message>
        <source>there is nothing between two bars. Write a section, for example “verse 32”.</source>
        <translation>il n&apos;y a rien entre deux barres. Écrivez une section, par exemple «&#xa0;verse 32&#xa0;».</translation>
    </message>
    <message>
        <source>a fermata lasts longer than no time.</source>
        <translation>un point d&apos;orgue dure plus que rien.</translation>
    </message>
    <message>
        <source>how many beats? Write a number after the name, for example “verse 32”.</source>
        <translation>combien de temps&#xa0;? Écrivez un nombre après le nom, par exemple «&#xa0;verse 32&#xa0;».</translation>
    </message>
    <message>
        <source>a section has 1 to %1 beats.</source>
        <translation>une section a de 1 à %1 temps.</translation>
    </message>
    <message>
        <source>a number needs a name before it, for example “verse 32”.</source>
        <translation>un nombre a besoin d&apos;un nom devant, par exemple «&#xa0;verse 32&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” is one word too many. Part the sections with |.</source>
        <translation>«&#xa0;%1&#xa0;» est un mot de trop. Séparez les sections par |.</translation>
    </message>
    <message>
        <source>how long is it held? Write for example “fermata 1 3.2s”.</source>
        <translation>combien est-il tenu&#xa0;? Écrivez par exemple «&#xa0;fermata 1 3.2s&#xa0;».</translation>
    </message>
    <message>
        <source>only a fermata has seconds; a section has beats.</source>
        <translation>seul un point d&apos;orgue a des secondes&#xa0;; une section a des temps.</translation>
    </message>
    <message>
        <source>the pick-up comes before everything else.</source>
        <translation>la levée vient avant tout le reste.</translation>
    </message>
    <message>
        <source>“%1” belongs to a section: name the section first, for example “verse 16 | stop 4”.</source>
        <translation>«&#xa0;%1&#xa0;» appartient à une section&#xa0;: nommez d&apos;abord la section, par exemple «&#xa0;verse 16 | stop 4&#xa0;».</translation>
    </message>
    <message>
        <source>the song has more than %1 beats.</source>
        <translation>le morceau a plus de %1 temps.</translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 bpm, not %1.</source>
        <translation>Un tempo est entre 10 et 600 bpm, pas %1.</translation>
    </message>
    <message>
        <source>The first beat needs a time in seconds.</source>
        <translation>Le premier temps a besoin d&apos;un instant en secondes.</translation>
    </message>
    <message>
        <source>Too few taps agree with each other. Tap at least four, better sixteen, one on each beat.</source>
        <translation>Trop peu de frappes s&apos;accordent. Frappez au moins quatre fois, mieux seize, une sur chaque temps.</translation>
    </message>
    <message>
        <source>The taps lie before the song.</source>
        <translation>Les frappes sont avant le morceau.</translation>
    </message>
    <message>
        <source>steady within %1</source>
        <translation>régulier à %1 près</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>de %1 à %2</translation>
    </message>
    <message>
        <source>World DanceSport Federation rules; from memory</source>
        <translation>règles de la World DanceSport Federation&#xa0;; de mémoire</translation>
    </message>
    <message>
        <source>common practice, no source</source>
        <translation>pratique courante, sans source</translation>
    </message>
    <message>
        <source>waltz</source>
        <translation>valse lente</translation>
    </message>
    <message>
        <source>tango</source>
        <translation>tango</translation>
    </message>
    <message>
        <source>viennese waltz</source>
        <translation>valse viennoise</translation>
    </message>
    <message>
        <source>slow foxtrot</source>
        <translation>slow-fox</translation>
    </message>
    <message>
        <source>quickstep</source>
        <translation>quickstep</translation>
    </message>
    <message>
        <source>samba</source>
        <translation>samba</translation>
    </message>
    <message>
        <source>cha-cha</source>
        <translation>cha-cha-cha</translation>
    </message>
    <message>
        <source>rumba</source>
        <translation>rumba</translation>
    </message>
    <message>
        <source>paso doble</source>
        <translation>paso doble</translation>
    </message>
    <message>
        <source>jive</source>
        <translation>jive</translation>
    </message>
    <message>
        <source>bachata</source>
        <translation>bachata</translation>
    </message>
    <message>
        <source>hustle</source>
        <translation>hustle</translation>
    </message>
    <message>
        <source>jig</source>
        <translation>gigue</translation>
    </message>
    <message>
        <source>lindy hop</source>
        <translation>lindy hop</translation>
    </message>
    <message>
        <source>line dance, easy</source>
        <translation>danse en ligne, facile</translation>
    </message>
    <message>
        <source>line dance, quick</source>
        <translation>danse en ligne, rapide</translation>
    </message>
    <message>
        <source>ländler</source>
        <translation>ländler</translation>
    </message>
    <message>
        <source>mazurka</source>
        <translation>mazurka</translation>
    </message>
    <message>
        <source>merengue</source>
        <translation>merengue</translation>
    </message>
    <message>
        <source>musette waltz</source>
        <translation>valse musette</translation>
    </message>
    <message>
        <source>polka</source>
        <translation>polka</translation>
    </message>
    <message>
        <source>reel</source>
        <translation>reel</translation>
    </message>
    <message>
        <source>rotary hambo</source>
        <translation>hambo</translation>
    </message>
    <message>
        <source>salsa</source>
        <translation>salsa</translation>
    </message>
    <message>
        <source>schottische</source>
        <translation>scottish</translation>
    </message>
    <message>
        <source>square and contra</source>
        <translation>square et contra</translation>
    </message>
    <message>
        <source>two-step</source>
        <translation>two-step</translation>
    </message>
    <message>
        <source>music that the other recording did not have, or a cut</source>
        <translation>de la musique que l&apos;autre enregistrement n&apos;avait pas, ou une coupe</translation>
    </message>
    <message>
        <source>it belongs to the phrase before</source>
        <translation>cela appartient à la phrase d&apos;avant</translation>
    </message>
    <message>
        <source>every 1 is a beat later</source>
        <translation>chaque 1 est un temps plus tard</translation>
    </message>
    <message>
        <source>Routine without a name</source>
        <translation>Chorégraphie sans nom</translation>
    </message>
    <message>
        <source>To remember: %1</source>
        <translation>À retenir&#xa0;: %1</translation>
    </message>
    <message>
        <source>Part %1, %2</source>
        <translation>Partie %1, %2</translation>
    </message>
    <message>
        <source>Order of passes</source>
        <translation>Ordre des passages</translation>
    </message>
    <message>
        <source>No passes yet.</source>
        <translation>Pas encore de passages.</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>sur «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%1, counted in %2</source>
        <translation>%1, compté par %2</translation>
    </message>
    <message>
        <source>WAIT %1</source>
        <translation>ATTENTE %1</translation>
    </message>
    <message>
        <source>RESTART after %1</source>
        <translation>RESTART après %1</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>attente</translation>
    </message>
    <message>
        <source>TAG of %1, %2</source>
        <translation>TAG de %1, %2</translation>
    </message>
    <message>
        <source>BRIDGE</source>
        <translation>PONT</translation>
    </message>
    <message>
        <source>OTHER SIDE</source>
        <translation>AUTRE CÔTÉ</translation>
    </message>
    <message>
        <source>PLACES EXCHANGED</source>
        <translation>PLACES ÉCHANGÉES</translation>
    </message>
    <message>
        <source>CANON</source>
        <translation>CANON</translation>
    </message>
    <message>
        <source>CHANGED, see above</source>
        <translation>CHANGÉ, voir plus haut</translation>
    </message>
    <message>
        <source>%1, then %2</source>
        <translation>%1, puis %2</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>passage</translation>
    </message>
    <message>
        <source>part</source>
        <translation>partie</translation>
    </message>
    <message>
        <source>where</source>
        <translation>où</translation>
    </message>
    <message>
        <source>face</source>
        <translation>face</translation>
    </message>
    <message>
        <source>time</source>
        <translation>instant</translation>
    </message>
    <message>
        <source>count</source>
        <translation>compte</translation>
    </message>
    <message>
        <source>music</source>
        <translation>musique</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>pied libre</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>comptes</translation>
    </message>
    <message>
        <source>%1, count %2</source>
        <translation>%1, compte %2</translation>
    </message>
    <message>
        <source>touch</source>
        <translation>touch</translation>
    </message>
    <message>
        <source>step</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>both feet</source>
        <translation>les deux pieds</translation>
    </message>
    <message>
        <source>Warm up first.</source>
        <translation>Échauffez-vous d&apos;abord.</translation>
    </message>
    <message>
        <source>Dry floor, shoes that let the foot turn, room around kicks.</source>
        <translation>Sol sec, chaussures qui laissent tourner le pied, place autour des kicks.</translation>
    </message>
    <message>
        <source>Rest between full runs.</source>
        <translation>Reposez-vous entre deux danses entières.</translation>
    </message>
    <message>
        <source>Music at a comfortable volume.</source>
        <translation>Musique à un volume confortable.</translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation>Un professeur qualifié et le règlement de la salle passent avant tout.</translation>
    </message>
    <message>
        <source>What is not saved cannot be kept in “%1”: %2.</source>
        <translation>Ce qui n&apos;est pas enregistré ne peut pas être gardé dans «&#xa0;%1&#xa0;»&#xa0;: %2.</translation>
    </message>
    <message>
        <source>Unsaved work in “%1” cannot be read: %2</source>
        <translation>Le travail non enregistré dans «&#xa0;%1&#xa0;» ne peut pas être lu&#xa0;: %2</translation>
    </message>
    <message>
        <source>It is damaged: %1.</source>
        <translation>Il est abîmé&#xa0;: %1.</translation>
    </message>
    <message>
        <source>its first line does not end</source>
        <translation>sa première ligne ne finit pas</translation>
    </message>
    <message>
        <source>it is not a journal</source>
        <translation>ce n&apos;est pas un journal</translation>
    </message>
    <message>
        <source>A newer Lift Count wrote it.</source>
        <translation>Un Lift Count plus récent l&apos;a écrit.</translation>
    </message>
    <message>
        <source>Walk four</source>
        <translation>Marcher quatre</translation>
    </message>
    <message>
        <source>walks</source>
        <translation>marches</translation>
    </message>
    <message>
        <source>first steps</source>
        <translation>premiers pas</translation>
    </message>
    <message>
        <source>Four plain walks forward, one on each count.</source>
        <translation>Quatre pas simples en avant, un sur chaque compte.</translation>
    </message>
    <message>
        <source>line</source>
        <translation>ligne</translation>
    </message>
    <message>
        <source>Walk back four</source>
        <translation>Reculer quatre</translation>
    </message>
    <message>
        <source>Four plain walks backward.</source>
        <translation>Quatre pas simples en arrière.</translation>
    </message>
    <message>
        <source>Slow walks</source>
        <translation>Marches lentes</translation>
    </message>
    <message>
        <source>Two walks that take two counts each: time to show the leg.</source>
        <translation>Deux pas de deux comptes chacun&#xa0;: le temps de montrer la jambe.</translation>
    </message>
    <message>
        <source>Walk and touch</source>
        <translation>Marcher et touch</translation>
    </message>
    <message>
        <source>Three walks and a touch that keeps the foot free for the way back.</source>
        <translation>Trois pas et un touch qui garde le pied libre pour le retour.</translation>
    </message>
    <message>
        <source>Toe strut</source>
        <translation>Toe strut</translation>
    </message>
    <message>
        <source>heel strut</source>
        <translation>heel strut</translation>
    </message>
    <message>
        <source>improver</source>
        <translation>intermédiaire</translation>
    </message>
    <message>
        <source>Toe down without weight, then the heel: two counts for each foot.</source>
        <translation>La pointe sans appui, puis le talon&#xa0;: deux comptes par pied.</translation>
    </message>
    <message>
        <source>March in place</source>
        <translation>Marche sur place</translation>
    </message>
    <message>
        <source>Eight steps on the spot; a rest for the head.</source>
        <translation>Huit pas sur place&#xa0;; un repos pour la tête.</translation>
    </message>
    <message>
        <source>warm-up</source>
        <translation>échauffement</translation>
    </message>
    <message>
        <source>Cross walks</source>
        <translation>Marches croisées</translation>
    </message>
    <message>
        <source>Walks that pass across the line of travel.</source>
        <translation>Des pas qui croisent la ligne de marche.</translation>
    </message>
    <message>
        <source>stage</source>
        <translation>scène</translation>
    </message>
    <message>
        <source>Triple in place</source>
        <translation>Triple sur place</translation>
    </message>
    <message>
        <source>triples</source>
        <translation>triples</translation>
    </message>
    <message>
        <source>Three changes of weight in two counts, on the spot.</source>
        <translation>Trois changements d&apos;appui en deux comptes, sur place.</translation>
    </message>
    <message>
        <source>Chassé to the side</source>
        <translation>Chassé de côté</translation>
    </message>
    <message>
        <source>side triple</source>
        <translation>triple de côté</translation>
    </message>
    <message>
        <source>Side, close, side in two counts.</source>
        <translation>Côté, ferme, côté en deux comptes.</translation>
    </message>
    <message>
        <source>Shuffle forward</source>
        <translation>Shuffle en avant</translation>
    </message>
    <message>
        <source>Forward, close, forward in two counts.</source>
        <translation>Avant, ferme, avant en deux comptes.</translation>
    </message>
    <message>
        <source>Back, close, forward</source>
        <translation>Arrière, ferme, avant</translation>
    </message>
    <message>
        <source>A triple that turns the travel round without turning the body.</source>
        <translation>Un triple qui retourne la marche sans tourner le corps.</translation>
    </message>
    <message>
        <source>Behind, side, side</source>
        <translation>Derrière, côté, côté</translation>
    </message>
    <message>
        <source>A triple that begins behind and sways to the side.</source>
        <translation>Un triple qui commence derrière et balance de côté.</translation>
    </message>
    <message>
        <source>Locked triple</source>
        <translation>Triple verrouillé</translation>
    </message>
    <message>
        <source>The second step locks behind the first.</source>
        <translation>Le deuxième pas se verrouille derrière le premier.</translation>
    </message>
    <message>
        <source>Polka step</source>
        <translation>Pas de polka</translation>
    </message>
    <message>
        <source>A hop before the count leads into a triple forward.</source>
        <translation>Un sautillé avant le compte mène à un triple en avant.</translation>
    </message>
    <message>
        <source>folk</source>
        <translation>folk</translation>
    </message>
    <message>
        <source>Rolling triple</source>
        <translation>Triple roulé</translation>
    </message>
    <message>
        <source>experienced</source>
        <translation>confirmé</translation>
    </message>
    <message>
        <source>A triple that is always rolled: its second step comes on the third third.</source>
        <translation>Un triple toujours roulé&#xa0;: son deuxième pas vient sur le troisième tiers.</translation>
    </message>
    <message>
        <source>Rock and replace</source>
        <translation>Rock et retour</translation>
    </message>
    <message>
        <source>rocks</source>
        <translation>rocks</translation>
    </message>
    <message>
        <source>Weight forward, and back again where it was.</source>
        <translation>Le poids en avant, puis de retour où il était.</translation>
    </message>
    <message>
        <source>Back rock</source>
        <translation>Rock arrière</translation>
    </message>
    <message>
        <source>Weight back, and forward again where it was.</source>
        <translation>Le poids en arrière, puis de retour où il était.</translation>
    </message>
    <message>
        <source>Rocking chair</source>
        <translation>Rocking chair</translation>
    </message>
    <message>
        <source>Rock forward and back with one foot, four counts.</source>
        <translation>Rock avant et arrière d&apos;un pied, quatre comptes.</translation>
    </message>
    <message>
        <source>Side rock, cross</source>
        <translation>Rock de côté, croise</translation>
    </message>
    <message>
        <source>Rock to the side, then cross over and wait.</source>
        <translation>Rock de côté, puis croise devant et attends.</translation>
    </message>
    <message>
        <source>Cross rock, side</source>
        <translation>Rock croisé, côté</translation>
    </message>
    <message>
        <source>Rock across, replace, side: the free foot changes.</source>
        <translation>Rock croisé, retour, côté&#xa0;: le pied libre change.</translation>
    </message>
    <message>
        <source>Break and close</source>
        <translation>Break et ferme</translation>
    </message>
    <message>
        <source>half basic</source>
        <translation>demi-base</translation>
    </message>
    <message>
        <source>Break forward, replace, close, and a count that is waited.</source>
        <translation>Break avant, retour, ferme, et un compte d&apos;attente.</translation>
    </message>
    <message>
        <source>break</source>
        <translation>break</translation>
    </message>
    <message>
        <source>Crossed box</source>
        <translation>Carré croisé</translation>
    </message>
    <message>
        <source>boxes</source>
        <translation>carrés</translation>
    </message>
    <message>
        <source>Across, back, side, forward: a small box on the spot.</source>
        <translation>Croise, arrière, côté, avant&#xa0;: un petit carré sur place.</translation>
    </message>
    <message>
        <source>Crossed box with a quarter</source>
        <translation>Carré croisé avec quart</translation>
    </message>
    <message>
        <source>The box, with a quarter turn on its third step.</source>
        <translation>Le carré, avec un quart de tour sur son troisième pas.</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>tour</translation>
    </message>
    <message>
        <source>Slow box</source>
        <translation>Carré lent</translation>
    </message>
    <message>
        <source>Slow forward, quick side, quick close, and the same back.</source>
        <translation>Lent avant, vite côté, vite ferme, et de même en arrière.</translation>
    </message>
    <message>
        <source>couple</source>
        <translation>couple</translation>
    </message>
    <message>
        <source>Box in three</source>
        <translation>Carré à trois</translation>
    </message>
    <message>
        <source>The box in bars of three.</source>
        <translation>Le carré en mesures à trois.</translation>
    </message>
    <message>
        <source>Six with two triples</source>
        <translation>Six avec deux triples</translation>
    </message>
    <message>
        <source>six-count basic</source>
        <translation>base en six</translation>
    </message>
    <message>
        <source>six-count</source>
        <translation>six comptes</translation>
    </message>
    <message>
        <source>Triple, triple, back rock: the basic of six.</source>
        <translation>Triple, triple, rock arrière&#xa0;: la base en six.</translation>
    </message>
    <message>
        <source>Six in single time</source>
        <translation>Six en temps simple</translation>
    </message>
    <message>
        <source>Two slow sways and a back rock: six counts, four changes.</source>
        <translation>Deux balancés lents et un rock arrière&#xa0;: six comptes, quatre changements.</translation>
    </message>
    <message>
        <source>Six that passes</source>
        <translation>Six qui passe</translation>
    </message>
    <message>
        <source>The partner passes down the slot and both end turned round.</source>
        <translation>Le partenaire passe dans le couloir et les deux finissent retournés.</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>couloir</translation>
    </message>
    <message>
        <source>Six to the open side</source>
        <translation>Six vers le côté ouvert</translation>
    </message>
    <message>
        <source>Triple into promenade, triple back, back rock.</source>
        <translation>Triple en promenade, triple retour, rock arrière.</translation>
    </message>
    <message>
        <source>Eight that circles</source>
        <translation>Huit qui tourne</translation>
    </message>
    <message>
        <source>eight-count</source>
        <translation>huit comptes</translation>
    </message>
    <message>
        <source>Rock, triple, two walks and a triple; both circle round once.</source>
        <translation>Rock, triple, deux marches et un triple&#xa0;; les deux font un tour l&apos;un autour de l&apos;autre.</translation>
    </message>
    <message>
        <source>Break on 1</source>
        <translation>Break sur 1</translation>
    </message>
    <message>
        <source>Forward and back breaks; counts 4 and 8 are waited.</source>
        <translation>Breaks avant et arrière&#xa0;; on attend sur 4 et 8.</translation>
    </message>
    <message>
        <source>Break on 2</source>
        <translation>Break sur 2</translation>
    </message>
    <message>
        <source>The same walk begun in place, so that the breaks fall on 2 and 6.</source>
        <translation>La même marche commencée sur place, pour que les breaks tombent sur 2 et 6.</translation>
    </message>
    <message>
        <source>Lead across</source>
        <translation>Mener de l&apos;autre côté</translation>
    </message>
    <message>
        <source>The partner is led across; both face the other way after it.</source>
        <translation>Le partenaire est mené de l&apos;autre côté&#xa0;; après, les deux sont tournés à l&apos;inverse.</translation>
    </message>
    <message>
        <source>Side and touch, both sides</source>
        <translation>Côté et touch, des deux côtés</translation>
    </message>
    <message>
        <source>side basic</source>
        <translation>base de côté</translation>
    </message>
    <message>
        <source>Side, close, side, touch; and back again.</source>
        <translation>Côté, ferme, côté, touch&#xa0;; et retour.</translation>
    </message>
    <message>
        <source>Break and chassé</source>
        <translation>Break et chassé</translation>
    </message>
    <message>
        <source>Two breaks with a chassé after each; it begins to the side.</source>
        <translation>Deux breaks suivis chacun d&apos;un chassé&#xa0;; commence de côté.</translation>
    </message>
    <message>
        <source>Balance in three</source>
        <translation>Balancé à trois</translation>
    </message>
    <message>
        <source>waltz balance</source>
        <translation>balancé de valse</translation>
    </message>
    <message>
        <source>Forward and back, with two light steps on the spot.</source>
        <translation>Avant et arrière, avec deux pas légers sur place.</translation>
    </message>
    <message>
        <source>Travelling in three</source>
        <translation>Voyager à trois</translation>
    </message>
    <message>
        <source>Six steps along the line of dance.</source>
        <translation>Six pas dans la ligne de danse.</translation>
    </message>
    <message>
        <source>Half turn in three</source>
        <translation>Demi-tour à trois</translation>
    </message>
    <message>
        <source>A left half turn in six counts.</source>
        <translation>Un demi-tour à gauche en six comptes.</translation>
    </message>
    <message>
        <source>Twinkle</source>
        <translation>Twinkle</translation>
    </message>
    <message>
        <source>Across, side, close, to each side.</source>
        <translation>Croise, côté, ferme, de chaque côté.</translation>
    </message>
    <message>
        <source>Hesitation</source>
        <translation>Hésitation</translation>
    </message>
    <message>
        <source>One step in three counts; the other foot draws near.</source>
        <translation>Un pas en trois comptes&#xa0;; l&apos;autre pied se rapproche.</translation>
    </message>
    <message>
        <source>Mazurka step</source>
        <translation>Pas de mazurka</translation>
    </message>
    <message>
        <source>Glide, close, hop: the accent is on the second.</source>
        <translation>Glisse, ferme, sautille&#xa0;: l&apos;accent est sur le deuxième.</translation>
    </message>
    <message>
        <source>Step, half turn</source>
        <translation>Pas, demi-tour</translation>
    </message>
    <message>
        <source>pivot half</source>
        <translation>demi-pivot</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>tours</translation>
    </message>
    <message>
        <source>Step forward and turn on it.</source>
        <translation>Pas avant et tourner dessus.</translation>
    </message>
    <message>
        <source>Three-step turn</source>
        <translation>Tour en trois pas</translation>
    </message>
    <message>
        <source>A whole turn to the side in three steps, then a touch.</source>
        <translation>Un tour entier de côté en trois pas, puis un touch.</translation>
    </message>
    <message>
        <source>Spot turn</source>
        <translation>Tour sur place</translation>
    </message>
    <message>
        <source>A whole turn left on the spot.</source>
        <translation>Un tour entier à gauche sur place.</translation>
    </message>
    <message>
        <source>Paddle</source>
        <translation>Paddle</translation>
    </message>
    <message>
        <source>Four touches that push the body an eighth each time.</source>
        <translation>Quatre touchs qui poussent le corps d&apos;un huitième chaque fois.</translation>
    </message>
    <message>
        <source>Cross behind and unwind</source>
        <translation>Croiser derrière et dérouler</translation>
    </message>
    <message>
        <source>Toe behind, then the body unwinds on both balls; weight ends on the toe that was behind.</source>
        <translation>Pointe derrière, puis le corps se déroule sur les deux avant-pieds&#xa0;; le poids finit sur la pointe qui était derrière.</translation>
    </message>
    <message>
        <source>Chain of halves</source>
        <translation>Chaîne de demis</translation>
    </message>
    <message>
        <source>Four half turns along a line: eyes first.</source>
        <translation>Quatre demi-tours le long d&apos;une ligne&#xa0;: le regard d&apos;abord.</translation>
    </message>
    <message>
        <source>Turn under the arm</source>
        <translation>Tour sous le bras</translation>
    </message>
    <message>
        <source>Back rock, then the follower turns once under the raised hand.</source>
        <translation>Rock arrière, puis le follower tourne une fois sous la main levée.</translation>
    </message>
    <message>
        <source>Turn in four steps</source>
        <translation>Tour en quatre pas</translation>
    </message>
    <message>
        <source>The follower walks round once in four counts; the leader stays.</source>
        <translation>Le follower fait un tour en quatre comptes&#xa0;; le leader reste.</translation>
    </message>
    <message>
        <source>Vine and touch</source>
        <translation>Vine et touch</translation>
    </message>
    <message>
        <source>vines</source>
        <translation>vines</translation>
    </message>
    <message>
        <source>Side, behind, side, touch.</source>
        <translation>Côté, derrière, côté, touch.</translation>
    </message>
    <message>
        <source>Long vine</source>
        <translation>Longue vine</translation>
    </message>
    <message>
        <source>weave</source>
        <translation>weave</translation>
    </message>
    <message>
        <source>Eight counts to the side, behind and across in turn.</source>
        <translation>Huit comptes de côté, tour à tour derrière et devant.</translation>
    </message>
    <message>
        <source>Ring vine</source>
        <translation>Vine de ronde</translation>
    </message>
    <message>
        <source>Across, side, behind, side: for an open ring.</source>
        <translation>Croise, côté, derrière, côté&#xa0;: pour une ronde ouverte.</translation>
    </message>
    <message>
        <source>Vine with a quarter</source>
        <translation>Vine avec quart</translation>
    </message>
    <message>
        <source>The third step turns a quarter; the free foot brushes.</source>
        <translation>Le troisième pas tourne d&apos;un quart&#xa0;; le pied libre brosse.</translation>
    </message>
    <message>
        <source>Scissor</source>
        <translation>Ciseau</translation>
    </message>
    <message>
        <source>Side, close, across, and a wait.</source>
        <translation>Côté, ferme, croise, et une attente.</translation>
    </message>
    <message>
        <source>Kick-ball-change</source>
        <translation>Kick-ball-change</translation>
    </message>
    <message>
        <source>kicks</source>
        <translation>kicks</translation>
    </message>
    <message>
        <source>A low kick, then two quick changes.</source>
        <translation>Un kick bas, puis deux changements rapides.</translation>
    </message>
    <message>
        <source>Kick twice and behind</source>
        <translation>Deux kicks et derrière</translation>
    </message>
    <message>
        <source>Kick forward and to the side, then behind, side, side.</source>
        <translation>Kick en avant et de côté, puis derrière, côté, côté.</translation>
    </message>
    <message>
        <source>Heel switches</source>
        <translation>Échanges de talons</translation>
    </message>
    <message>
        <source>Heel, close, heel, close: two heels in two counts.</source>
        <translation>Talon, ferme, talon, ferme&#xa0;: deux talons en deux comptes.</translation>
    </message>
    <message>
        <source>Side points</source>
        <translation>Pointes de côté</translation>
    </message>
    <message>
        <source>Point to each side; each foot closes on the &amp;.</source>
        <translation>Pointe de chaque côté&#xa0;; chaque pied ferme sur le &amp;.</translation>
    </message>
    <message>
        <source>Swinging kick</source>
        <translation>Kick balancé</translation>
    </message>
    <message>
        <source>Forward, kick, back, touch: the leg swings through.</source>
        <translation>Avant, kick, arrière, touch&#xa0;: la jambe balance.</translation>
    </message>
    <message>
        <source>Hitch and hook</source>
        <translation>Hitch et hook</translation>
    </message>
    <message>
        <source>Forward with the knee up, back with the shin across.</source>
        <translation>En avant genou levé, en arrière tibia croisé.</translation>
    </message>
    <message>
        <source>Stamp three</source>
        <translation>Frapper trois</translation>
    </message>
    <message>
        <source>stamps</source>
        <translation>frappés</translation>
    </message>
    <message>
        <source>Three stamps with weight, and a silent count.</source>
        <translation>Trois frappés avec appui, et un compte muet.</translation>
    </message>
    <message>
        <source>Stamp and clap</source>
        <translation>Frapper et clap</translation>
    </message>
    <message>
        <source>A stamp without weight, a clap, twice.</source>
        <translation>Un frappé sans appui, un clap, deux fois.</translation>
    </message>
    <message>
        <source>Stomp, kick, back</source>
        <translation>Stomp, kick, arrière</translation>
    </message>
    <message>
        <source>A stomp without weight, a low kick, and two steps home.</source>
        <translation>Un stomp sans appui, un kick bas, et deux pas pour revenir.</translation>
    </message>
    <message>
        <source>Heel drum</source>
        <translation>Tambour de talons</translation>
    </message>
    <message>
        <source>Five beats of the heels in two counts, divided as the ear likes it.</source>
        <translation>Cinq coups de talon en deux comptes, divisés comme l&apos;oreille l&apos;aime.</translation>
    </message>
    <message>
        <source>Ring six</source>
        <translation>Ronde six</translation>
    </message>
    <message>
        <source>Three steps to the right, a lifted foot, one step back, a lifted foot.</source>
        <translation>Trois pas à droite, un pied levé, un pas de retour, un pied levé.</translation>
    </message>
    <message>
        <source>Long, short, short</source>
        <translation>Long, court, court</translation>
    </message>
    <message>
        <source>One bar of seven, counted by its groups: 3 + 2 + 2.</source>
        <translation>Une mesure de sept, comptée par ses groupes&#xa0;: 3 + 2 + 2.</translation>
    </message>
    <message>
        <source>Step-hop</source>
        <translation>Pas sautillé</translation>
    </message>
    <message>
        <source>A step and a hop on it, to each side.</source>
        <translation>Un pas et un sautillé dessus, de chaque côté.</translation>
    </message>
    <message>
        <source>Three and hop</source>
        <translation>Trois et sautille</translation>
    </message>
    <message>
        <source>Three walks and a hop on the last foot.</source>
        <translation>Trois marches et un sautillé sur le dernier pied.</translation>
    </message>
    <message>
        <source>Setting step</source>
        <translation>Pas posé</translation>
    </message>
    <message>
        <source>Side, a light cross, and place: three changes in two counts.</source>
        <translation>Côté, croisé léger et place&#xa0;: trois changements en deux comptes.</translation>
    </message>
    <message>
        <source>Buzz step</source>
        <translation>Pas tournoyant</translation>
    </message>
    <message>
        <source>One foot stays in front and the other pushes round.</source>
        <translation>Un pied reste devant et l&apos;autre pousse autour.</translation>
    </message>
    <message>
        <source>Two-step along the line</source>
        <translation>Two-step dans la ligne</translation>
    </message>
    <message>
        <source>Quick, quick, slow, slow.</source>
        <translation>Vite, vite, lent, lent.</translation>
    </message>
    <message>
        <source>Long walks and a close</source>
        <translation>Longs pas et ferme</translation>
    </message>
    <message>
        <source>Slow, slow, quick, quick, and a slow touch: eight counts.</source>
        <translation>Lent, lent, vite, vite, et un touch lent&#xa0;: huit comptes.</translation>
    </message>
    <message>
        <source>Slow, quick, quick, slow</source>
        <translation>Lent, vite, vite, lent</translation>
    </message>
    <message>
        <source>Six counts: a dance in eights asks for an extension.</source>
        <translation>Six comptes&#xa0;: une danse en huit demande une extension.</translation>
    </message>
    <message>
        <source>Ball change</source>
        <translation>Ball change</translation>
    </message>
    <message>
        <source>Two changes of weight in one count.</source>
        <translation>Deux changements d&apos;appui en un compte.</translation>
    </message>
    <message>
        <source>Behind, side, front</source>
        <translation>Derrière, côté, devant</translation>
    </message>
    <message>
        <source>A linking triple that leaves the body where it faces.</source>
        <translation>Un triple de liaison qui laisse le corps où il regarde.</translation>
    </message>
    <message>
        <source>Step, touch and clap</source>
        <translation>Pas, touch et clap</translation>
    </message>
    <message>
        <source>Side and touch, with a clap that can be taught later.</source>
        <translation>Côté et touch, avec un clap qui peut s&apos;apprendre plus tard.</translation>
    </message>
    <message>
        <source>Lunge and recover</source>
        <translation>Fente et retour</translation>
    </message>
    <message>
        <source>Two counts down to the side, two counts home.</source>
        <translation>Deux comptes en bas de côté, deux comptes pour revenir.</translation>
    </message>
    <message>
        <source>Pose, look, breathe</source>
        <translation>Pose, regard, souffle</translation>
    </message>
    <message>
        <source>Four counts without a step.</source>
        <translation>Quatre comptes sans pas.</translation>
    </message>
    <message>
        <source>Triplet run</source>
        <translation>Course en triolets</translation>
    </message>
    <message>
        <source>Three even runs in each count.</source>
        <translation>Trois pas courus égaux dans chaque compte.</translation>
    </message>
    <message>
        <source>Jump out and in</source>
        <translation>Saut ouvert et fermé</translation>
    </message>
    <message>
        <source>Feet apart, feet together, and two counts to stand; the next foot is said by what follows.</source>
        <translation>Pieds écartés, pieds joints, et deux comptes debout&#xa0;; le pied suivant est dit par la suite.</translation>
    </message>
    <message>
        <source>Long slide</source>
        <translation>Long glissé</translation>
    </message>
    <message>
        <source>One long step to the side, and the other foot closes.</source>
        <translation>Un long pas de côté, et l&apos;autre pied ferme.</translation>
    </message>
    <message>
        <source>Eight of your own</source>
        <translation>Huit à vous</translation>
    </message>
    <message>
        <source>Eight counts to dance as you like; they end with the right foot free.</source>
        <translation>Huit comptes à danser comme on veut&#xa0;; ils finissent le pied droit libre.</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>The vocabulary %1 is damaged and cannot be read. It was left as it is: put a copy from before in its place, or move it away to begin a new one.</source>
        <translation>Le répertoire %1 est abîmé et ne peut pas être lu. Il est resté tel quel&#xa0;: mettez une copie antérieure à sa place, ou déplacez-le pour en commencer un nouveau.</translation>
    </message>
    <message>
        <source>The vocabulary %1 may only be read here. Nothing was changed; figures can still be taken into a routine.</source>
        <translation>Le répertoire %1 ne peut être que lu ici. Rien n&apos;a été changé&#xa0;; on peut tout de même prendre des figures dans une chorégraphie.</translation>
    </message>
    <message>
        <source>The vocabulary %1 cannot be opened. Look whether its folder is there and may be written.</source>
        <translation>Le répertoire %1 ne peut pas être ouvert. Vérifiez que son dossier est là et qu&apos;on peut y écrire.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full. Nothing was changed; make room and try again.</source>
        <translation>Le répertoire %1 n&apos;a pas pu être écrit&#xa0;: le disque est plein. Rien n&apos;a été changé&#xa0;; faites de la place et réessayez.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full or gone. Nothing was changed.</source>
        <translation>Le répertoire %1 n&apos;a pas pu être écrit&#xa0;: le disque est plein ou absent. Rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>The vocabulary %1 is being written by another window. Nothing was changed; try again in a moment.</source>
        <translation>Le répertoire %1 est en train d&apos;être écrit par une autre fenêtre. Rien n&apos;a été changé&#xa0;; réessayez dans un instant.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be used (%2). Nothing was changed.</source>
        <translation>Le répertoire %1 n&apos;a pas pu servir (%2). Rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>The vocabulary %1 holds a figure “%2” that cannot be read: %3</source>
        <translation>Le répertoire %1 contient une figure «&#xa0;%2&#xa0;» qui ne peut pas être lue&#xa0;: %3</translation>
    </message>
    <message>
        <source>A figure needs a name before it goes into the vocabulary.</source>
        <translation>Une figure a besoin d&apos;un nom avant d&apos;entrer dans le répertoire.</translation>
    </message>
    <message>
        <source>The file %1 is a database of something else, no vocabulary of Lift Count. It was left as it is.</source>
        <translation>Le fichier %1 est une base de données d&apos;autre chose, pas un répertoire de Lift Count. Il est resté tel quel.</translation>
    </message>
    <message>
        <source>The vocabulary %1 was written by a newer Lift Count (format %2; this one reads up to %3). It was left as it is. Update Lift Count to use it.</source>
        <translation>Le répertoire %1 a été écrit par un Lift Count plus récent (format %2&#xa0;; celui-ci lit jusqu&apos;à %3). Il est resté tel quel. Mettez Lift Count à jour pour l&apos;utiliser.</translation>
    </message>
    <message>
        <source>This figure is no longer in the vocabulary.</source>
        <translation>Cette figure n&apos;est plus dans le répertoire.</translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. Nothing was changed here; look at it as it is now and change it again.</source>
        <translation>«&#xa0;%1&#xa0;» a été changé entre-temps par une autre fenêtre. Rien n&apos;a été changé ici&#xa0;; regardez-le tel qu&apos;il est et changez-le à nouveau.</translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary already.</source>
        <translation>«&#xa0;%1&#xa0;» est déjà dans le répertoire.</translation>
    </message>
    <message>
        <source>A figure cannot be merged with itself. Choose two.</source>
        <translation>Une figure ne peut pas être fusionnée avec elle-même. Choisissez-en deux.</translation>
    </message>
    <message>
        <source>This word is no longer in the vocabulary.</source>
        <translation>Ce mot n&apos;est plus dans le répertoire.</translation>
    </message>
    <message numerus="yes">
        <source>two|twos</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>deux</numerusform>
            <numerusform>deux</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>three|threes</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>trois</numerusform>
            <numerusform>trois</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>four|fours</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>quatre</numerusform>
            <numerusform>quatre</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>five|fives</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>cinq</numerusform>
            <numerusform>cinq</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>six|sixes</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>six</numerusform>
            <numerusform>six</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>seven|sevens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>sept</numerusform>
            <numerusform>sept</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eight|eights</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>huit</numerusform>
            <numerusform>huit</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>nine|nines</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>neuf</numerusform>
            <numerusform>neuf</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>ten|tens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>dix</numerusform>
            <numerusform>dix</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eleven|elevens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>onze</numerusform>
            <numerusform>onze</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>twelve|twelves</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>douze</numerusform>
            <numerusform>douze</numerusform>
        </translation>
    </message>
    <message>
        <source>The song ends there: nothing follows.</source>
        <translation>La chanson finit là : rien ne suit.</translation>
    </message>
    <message>
        <source>A count-in has 0 to %1 counts, not %2.</source>
        <translation>Un décompte a de 0 à %1 comptes, pas %2.</translation>
    </message>
    <message>
        <source>“%1” is no ladder of tempi. Write from, to and step in percent with colons, for example 60:100:5, or 60:100:5x2 for each twice.</source>
        <translation>« %1 » n&apos;est pas une échelle de tempos. Écrivez de, à et pas en pour cent avec des deux-points, par exemple 60:100:5, ou 60:100:5x2 pour chacun deux fois.</translation>
    </message>
    <message>
        <source>A tempo of practice lies between %1 and %2 percent of the song&apos;s.</source>
        <translation>Un tempo de répétition est compris entre %1 et %2 pour cent de celui de la chanson.</translation>
    </message>
    <message>
        <source>There is nothing to tap to: choose a place with two counts and more.</source>
        <translation>Il n&apos;y a rien sur quoi taper : choisissez un passage d&apos;au moins deux comptes.</translation>
    </message>
    <message>
        <source>Four taps and more are needed to say how you tap; there were %1.</source>
        <translation>Il faut au moins quatre frappes pour dire comment vous tapez ; il y en a eu %1.</translation>
    </message>
    <message>
        <source>There is nothing to practise between these two places.</source>
        <translation>Il n&apos;y a rien à répéter entre ces deux endroits.</translation>
    </message>
</context>
<context>
    <name>Files</name>
    <message>
        <source>“%1” is there already.</source>
        <translation>«&#xa0;%1&#xa0;» existe déjà.</translation>
    </message>
    <message>
        <source>Writing would put the new file in its place.</source>
        <translation>L&apos;écriture mettrait le nouveau fichier à sa place.</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Le remplacer</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Retour</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Écrit&#xa0;: %1</translation>
    </message>
</context>
<context>
    <name>Legend</name>
    <message>
        <source>stop</source>
        <translation>arrêt</translation>
    </message>
    <message>
        <source>phrase</source>
        <translation>phrase</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>mesure</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>temps</translation>
    </message>
    <message>
        <source>doubt</source>
        <translation>doute</translation>
    </message>
    <message>
        <source>moment</source>
        <translation>moment</translation>
    </message>
    <message>
        <source>stated</source>
        <translation>indiqué</translation>
    </message>
    <message>
        <source>left</source>
        <translation>gauche</translation>
    </message>
    <message>
        <source>right</source>
        <translation>droite</translation>
    </message>
    <message>
        <source>both</source>
        <translation>les deux</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>sans appui</translation>
    </message>
    <message>
        <source>on the &amp;</source>
        <translation>sur le &amp;</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>attente</translation>
    </message>
    <message>
        <source>no foot</source>
        <translation>aucun pied</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>tour</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>they say</source>
        <translation>ils disent</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>accent</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>tombe juste</translation>
    </message>
    <message>
        <source>finding</source>
        <translation>constat</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>wait</source>
        <translation>attente</translation>
    </message>
    <message>
        <source>step</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>left foot</source>
        <translation>pied gauche</translation>
    </message>
    <message>
        <source>right foot</source>
        <translation>pied droit</translation>
    </message>
    <message>
        <source>both feet</source>
        <translation>les deux pieds</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>sans appui</translation>
    </message>
    <message>
        <source>turn %1, done at the end of %2</source>
        <translation>tour %1, fini à la fin de %2</translation>
    </message>
    <message>
        <source>towards %1</source>
        <translation>vers %1</translation>
    </message>
    <message>
        <source>beside the feet: %1</source>
        <translation>à côté des pieds&#xa0;: %1</translation>
    </message>
    <message>
        <source>called: “%1”</source>
        <translation>annoncé&#xa0;: «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>accent</translation>
    </message>
    <message>
        <source>%1, %L2 s</source>
        <translation>%1, %L2 s</translation>
    </message>
    <message>
        <source>nothing written yet</source>
        <translation>rien d&apos;écrit encore</translation>
    </message>
    <message>
        <source>either to either</source>
        <translation>l&apos;un ou l&apos;autre vers l&apos;un ou l&apos;autre</translation>
    </message>
    <message>
        <source>either, then the other</source>
        <translation>l&apos;un ou l&apos;autre, puis l&apos;autre</translation>
    </message>
    <message>
        <source>either, the same</source>
        <translation>l&apos;un ou l&apos;autre, le même</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>end</source>
        <translation>fin</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>convient</translation>
    </message>
    <message>
        <source>begins</source>
        <translation>commence</translation>
    </message>
    <message>
        <source>at count</source>
        <translation>au compte</translation>
    </message>
    <message>
        <source>music</source>
        <translation>musique</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>pied libre</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>prise</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>face</translation>
    </message>
    <message>
        <source>joint</source>
        <translation>jonction</translation>
    </message>
</context>
<context>
    <name>Strips</name>
    <message>
        <source>touch</source>
        <translation>touch</translation>
    </message>
    <message>
        <source>%1, a touch</source>
        <translation>%1, un touch</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>attente</translation>
    </message>
    <message>
        <source>hop</source>
        <translation>sautillé</translation>
    </message>
    <message>
        <source>jump</source>
        <translation>saut</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>not timed</source>
        <translation>sans temps</translation>
    </message>
    <message>
        <source>gesture</source>
        <translation>geste</translation>
    </message>
    <message>
        <source>step</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>L</source>
        <translation>G</translation>
    </message>
    <message>
        <source>R</source>
        <translation>D</translation>
    </message>
    <message>
        <source>both</source>
        <translation>les deux</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>sans appui</translation>
    </message>
    <message>
        <source>%1 faces %2</source>
        <translation>%1 face à %2</translation>
    </message>
    <message>
        <source>round %1, %2</source>
        <translation>autour de %1, %2</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>de %1</translation>
    </message>
    <message>
        <source>held %L1 s</source>
        <translation>tenu %L1 s</translation>
    </message>
    <message>
        <source>before the dance</source>
        <translation>avant la danse</translation>
    </message>
    <message>
        <source>tag %1</source>
        <translation>tag %1</translation>
    </message>
    <message>
        <source>restart</source>
        <translation>restart</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation>%1 dès %2</translation>
    </message>
    <message>
        <source>cut after %1</source>
        <translation>coupé après %1</translation>
    </message>
    <message>
        <source>the other %1</source>
        <translation>l&apos;autre %1</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>wait %1</source>
        <translation>attente %1</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>partie %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation>%1, dans %2</translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation>%1, autre côté</translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation>%1, échangé</translation>
    </message>
    <message>
        <source>canon, ripple</source>
        <translation>canon, vague</translation>
    </message>
    <message>
        <source>canon</source>
        <translation>canon</translation>
    </message>
    <message>
        <source>other side</source>
        <translation>autre côté</translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation>échangés</translation>
    </message>
    <message>
        <source>pinned</source>
        <translation>fixé</translation>
    </message>
    <message>
        <source>by the music</source>
        <translation>par la musique</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>mesure %1</translation>
    </message>
    <message>
        <source>bars %1–%2</source>
        <translation>mesures %1–%2</translation>
    </message>
    <message>
        <source>pass %1, %2–%3</source>
        <translation>passage %1, %2–%3</translation>
    </message>
    <message>
        <source>stated</source>
        <translation>indiqué</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>dans %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>passes %1–%2 alike, %3 each, %4 · click or Enter unfolds them</source>
        <translation>passages %1–%2 pareils, %3 chacun, %4 · clic ou Entrée les déplie</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>tombe juste</translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation>%1 de trop</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 de moins</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>passage %1</translation>
    </message>
</context>
<context>
    <name>lc::app::ArrangeStage</name>
    <message>
        <source>Type the counts</source>
        <translation>Écrire les comptes</translation>
    </message>
    <message>
        <source>Go to the line of the first role: of the figure in Steps, else of the part</source>
        <translation>Aller à la ligne du premier rôle&#xa0;: de la figure dans Pas, sinon de la partie</translation>
    </message>
    <message>
        <source>Type the order of the parts</source>
        <translation>Écrire l&apos;ordre des parties</translation>
    </message>
    <message>
        <source>Go to the order</source>
        <translation>Aller à l&apos;ordre</translation>
    </message>
    <message>
        <source>Type a figure at the caret</source>
        <translation>Écrire une figure au curseur</translation>
    </message>
    <message>
        <source>Its name puts it into the part, after the figure at the caret</source>
        <translation>Son nom la met dans la partie, après la figure au curseur</translation>
    </message>
    <message>
        <source>Figures at hand</source>
        <translation>Figures disponibles</translation>
    </message>
    <message>
        <source>The vocabulary beside the strips, to drag from; again to put it away</source>
        <translation>Le répertoire à côté des bandes, pour en tirer&#xa0;; encore une fois pour le ranger</translation>
    </message>
    <message>
        <source>Repeat the chosen figures</source>
        <translation>Répéter les figures choisies</translation>
    </message>
    <message>
        <source>A copy after them (Ctrl+D)</source>
        <translation>Une copie après elles (Ctrl+D)</translation>
    </message>
    <message>
        <source>Dance the chosen figures to the other side</source>
        <translation>Danser les figures choisies de l&apos;autre côté</translation>
    </message>
    <message>
        <source>Left and right change places; again to undo it</source>
        <translation>Gauche et droite s&apos;échangent&#xa0;; encore une fois pour annuler</translation>
    </message>
    <message>
        <source>Partners exchange lines in the chosen figures</source>
        <translation>Les partenaires échangent leurs lignes dans les figures choisies</translation>
    </message>
    <message>
        <source>The first role dances the second&apos;s line</source>
        <translation>Le premier rôle danse la ligne du second</translation>
    </message>
    <message>
        <source>Reverse the order of the figures</source>
        <translation>Inverser l&apos;ordre des figures</translation>
    </message>
    <message>
        <source>Of those chosen, or of the whole part</source>
        <translation>De celles choisies, ou de toute la partie</translation>
    </message>
    <message>
        <source>Dance the chosen figures in threes</source>
        <translation>Danser les figures choisies par trois</translation>
    </message>
    <message>
        <source>Bars of three: what falls on the fourth count of each bar is left out</source>
        <translation>Mesures de trois&#xa0;: ce qui tombe sur le quatrième compte de chaque mesure est laissé</translation>
    </message>
    <message>
        <source>Take the chosen figures out</source>
        <translation>Retirer les figures choisies</translation>
    </message>
    <message>
        <source>Out of the part; they stay in the routine</source>
        <translation>De la partie&#xa0;; elles restent dans la chorégraphie</translation>
    </message>
    <message>
        <source>Restart after the count at the caret</source>
        <translation>Restart après le compte au curseur</translation>
    </message>
    <message>
        <source>Cut the pass at the caret after that count</source>
        <translation>Couper le passage au curseur après ce compte</translation>
    </message>
    <message>
        <source>Tag after the pass at the caret …</source>
        <translation>Tag après le passage au curseur …</translation>
    </message>
    <message>
        <source>Extra counts after the pass at the caret</source>
        <translation>Des comptes de plus après le passage au curseur</translation>
    </message>
    <message>
        <source>Remove the pass at the caret</source>
        <translation>Enlever le passage au curseur</translation>
    </message>
    <message>
        <source>Take the pass out of the order</source>
        <translation>Retirer le passage de l&apos;ordre</translation>
    </message>
    <message>
        <source>What makes this pass differ</source>
        <translation>Ce qui distingue ce passage</translation>
    </message>
    <message>
        <source>Type it: restart after 16, tag of 4, mirrored …</source>
        <translation>Écrivez-le&#xa0;: restart after 16, tag of 4, mirrored …</translation>
    </message>
    <message>
        <source>This pass to the other side</source>
        <translation>Ce passage de l&apos;autre côté</translation>
    </message>
    <message>
        <source>Left and right change places in the whole pass</source>
        <translation>Gauche et droite s&apos;échangent dans tout le passage</translation>
    </message>
    <message>
        <source>pass to the other side</source>
        <translation>passage de l&apos;autre côté</translation>
    </message>
    <message>
        <source>Places exchanged in this pass</source>
        <translation>Places échangées dans ce passage</translation>
    </message>
    <message>
        <source>Partners dance each other&apos;s lines</source>
        <translation>Chacun danse la ligne de l&apos;autre</translation>
    </message>
    <message>
        <source>places exchanged</source>
        <translation>places échangées</translation>
    </message>
    <message>
        <source>Last change of this pass a touch</source>
        <translation>Dernier changement de ce passage en touch</translation>
    </message>
    <message>
        <source>So that the other foot stays free</source>
        <translation>Pour que l&apos;autre pied reste libre</translation>
    </message>
    <message>
        <source>touch in place of the last step</source>
        <translation>touch au lieu du dernier pas</translation>
    </message>
    <message>
        <source>Pin the start of this pass</source>
        <translation>Fixer le début de ce passage</translation>
    </message>
    <message>
        <source>It starts there whatever comes before; again to unpin</source>
        <translation>Il commence là quoi qu&apos;il vienne avant&#xa0;; encore une fois pour le libérer</translation>
    </message>
    <message>
        <source>Bind what differs to the music</source>
        <translation>Lier ce qui diffère à la musique</translation>
    </message>
    <message>
        <source>The line at the cursor of the pass panel then stays with its place in the song</source>
        <translation>La ligne au curseur du panneau du passage reste alors à son endroit du morceau</translation>
    </message>
    <message>
        <source>Canon in this pass</source>
        <translation>Canon dans ce passage</translation>
    </message>
    <message>
        <source>The count at the caret meets</source>
        <translation>Le compte au curseur rencontre</translation>
    </message>
    <message>
        <source>Next pass</source>
        <translation>Passage suivant</translation>
    </message>
    <message>
        <source>Go to its count 1</source>
        <translation>Aller à son compte 1</translation>
    </message>
    <message>
        <source>Pass before</source>
        <translation>Passage d&apos;avant</translation>
    </message>
    <message>
        <source>Make it land …</source>
        <translation>Faire tomber juste …</translation>
    </message>
    <message>
        <source>Plans: the fewest changes that make every pass land, with what they cost</source>
        <translation>Plans&#xa0;: le moins de changements pour que chaque passage tombe juste, et leur coût</translation>
    </message>
    <message>
        <source>plan plans fix solve restart propose</source>
        <translation>plan plans résoudre restart proposer</translation>
    </message>
    <message>
        <source>Edits of the music …</source>
        <translation>Retouches de la musique …</translation>
    </message>
    <message>
        <source>The fewest cuts and repeats of whole bars on which the unchanged dance lands</source>
        <translation>Le moins de coupes et de répétitions de mesures entières sur lesquelles la danse inchangée tombe juste</translation>
    </message>
    <message>
        <source>mend the music cut repeat edit song shorten</source>
        <translation>musique couper répéter retoucher raccourcir morceau</translation>
    </message>
    <message>
        <source>Get back on the 1 …</source>
        <translation>Revenir sur le 1 …</translation>
    </message>
    <message>
        <source>At once, within some sets, or left until the music undoes it</source>
        <translation>Tout de suite, en quelques séries, ou laissé jusqu&apos;à ce que la musique l&apos;annule</translation>
    </message>
    <message>
        <source>put a turned-round dance right count one off</source>
        <translation>remettre une danse décalée compte d&apos;un</translation>
    </message>
    <message>
        <source>Settle the hand-out …</source>
        <translation>Régler la fiche …</translation>
    </message>
    <message>
        <source>Its lines, what each was read as, and what is open</source>
        <translation>Ses lignes, comment chacune a été lue, et ce qui reste ouvert</translation>
    </message>
    <message>
        <source>Fill the phrase …</source>
        <translation>Remplir la phrase …</translation>
    </message>
    <message>
        <source>Every way to go on with figures at hand so that the phrase is full and the feet fit</source>
        <translation>Toutes les façons de continuer avec les figures disponibles pour que la phrase soit pleine et les pieds justes</translation>
    </message>
    <message>
        <source>Plans keep this pass as it is</source>
        <translation>Les plans gardent ce passage tel quel</translation>
    </message>
    <message>
        <source>Its restart and tag stay; again to free it</source>
        <translation>Son restart et son tag restent&#xa0;; encore une fois pour le libérer</translation>
    </message>
    <message>
        <source>Try the routine on another song</source>
        <translation>Essayer la chorégraphie sur un autre morceau</translation>
    </message>
    <message>
        <source>Or another edit of this one, or another tempo: which passes land here and which there, before anything is changed</source>
        <translation>Ou une autre version de celui-ci, ou un autre tempo&#xa0;: quels passages tombent juste ici et lesquels là, avant de rien changer</translation>
    </message>
    <message>
        <source>Find a matching song or dance …</source>
        <translation>Trouver un morceau ou une danse qui va …</translation>
    </message>
    <message>
        <source>The files of a folder, the best fit first</source>
        <translation>Les fichiers d&apos;un dossier, le plus adapté d&apos;abord</translation>
    </message>
    <message>
        <source>which song for this dance rank suits fits</source>
        <translation>quel morceau pour cette danse classement convient</translation>
    </message>
    <message>
        <source>Tempi of dances …</source>
        <translation>Tempos des danses …</translation>
    </message>
    <message>
        <source>What is usual, with its source; at what per cent this song would fit, and how fast the routine is there</source>
        <translation>Ce qui est d&apos;usage, avec la source&#xa0;; à quel pour cent ce morceau conviendrait, et la vitesse de la chorégraphie alors</translation>
    </message>
    <message>
        <source>tempo speed bpm</source>
        <translation>tempo vitesse bpm</translation>
    </message>
    <message>
        <source>Formation</source>
        <translation>Formation</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Constat suivant</translation>
    </message>
    <message>
        <source>Open it and go to its place</source>
        <translation>L&apos;ouvrir et aller à son endroit</translation>
    </message>
    <message>
        <source>Next remedy</source>
        <translation>Remède suivant</translation>
    </message>
    <message>
        <source>Choose the next remedy of the open finding</source>
        <translation>Choisir le remède suivant du constat ouvert</translation>
    </message>
    <message>
        <source>Preview what is chosen</source>
        <translation>Aperçu de ce qui est choisi</translation>
    </message>
    <message>
        <source>A remedy or proposal on the strips, again to take it off</source>
        <translation>Un remède ou une proposition sur les bandes, encore une fois pour l&apos;ôter</translation>
    </message>
    <message>
        <source>Apply what is chosen</source>
        <translation>Appliquer ce qui est choisi</translation>
    </message>
    <message>
        <source>The remedy or proposal; Undo takes it back</source>
        <translation>Le remède ou la proposition&#xa0;; Annuler revient en arrière</translation>
    </message>
    <message>
        <source>Leave the finding as it is</source>
        <translation>Laisser le constat tel quel</translation>
    </message>
    <message>
        <source>Say why, and put it aside</source>
        <translation>Dire pourquoi, et le mettre de côté</translation>
    </message>
    <message>
        <source>Fold the findings</source>
        <translation>Replier les constats</translation>
    </message>
    <message>
        <source>Or unfold them</source>
        <translation>Ou les déplier</translation>
    </message>
    <message>
        <source>Eight</source>
        <translation>Huit</translation>
    </message>
    <message>
        <source>A set a line, with the words of each step</source>
        <translation>Une série par ligne, avec les mots de chaque pas</translation>
    </message>
    <message>
        <source>List of passes</source>
        <translation>Liste des passages</translation>
    </message>
    <message>
        <source>The passes as a table, in the place of the strips; again for the strips</source>
        <translation>Les passages en tableau, à la place des bandes&#xa0;; encore une fois pour les bandes</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Passages</translation>
    </message>
    <message>
        <source>Fold like passes</source>
        <translation>Replier les passages pareils</translation>
    </message>
    <message>
        <source>In long routines those danced alike share a line; again to fold anew, once more to see all</source>
        <translation>Dans les longues chorégraphies, ceux qui se dansent pareil partagent une ligne&#xa0;; encore une fois pour replier, une fois de plus pour tout voir</translation>
    </message>
    <message>
        <source>%1 apart, every role finishes</source>
        <translation>%1 d&apos;écart, chaque rôle finit</translation>
    </message>
    <message>
        <source>%1 apart, all end together</source>
        <translation>%1 d&apos;écart, tous finissent ensemble</translation>
    </message>
    <message>
        <source>canon</source>
        <translation>canon</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Aucun</translation>
    </message>
    <message>
        <source>no canon</source>
        <translation>pas de canon</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>No moments yet: mark them in Listen</source>
        <translation>Pas encore de moments&#xa0;: marquez-en dans Écouter</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>passage %1</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>partie %1</translation>
    </message>
    <message>
        <source>type its counts</source>
        <translation>écrire ses comptes</translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation>Arranger</translation>
    </message>
    <message>
        <source>The routine on the song</source>
        <translation>La chorégraphie sur le morceau</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>&amp;Arranger</translation>
    </message>
    <message>
        <source>In a routine of more than thirty passes, those danced alike share a line.</source>
        <translation>Dans une chorégraphie de plus de trente passages, ceux qui se dansent pareil partagent une ligne.</translation>
    </message>
    <message>
        <source>Every pass has its strips.</source>
        <translation>Chaque passage a ses bandes.</translation>
    </message>
    <message>
        <source>Every line of the hand-out was understood.</source>
        <translation>Chaque ligne de la fiche a été comprise.</translation>
    </message>
    <message>
        <source>Preview (not applied): %1</source>
        <translation>Aperçu (pas appliqué)&#xa0;: %1</translation>
    </message>
    <message>
        <source>%1 Ctrl+Enter applies it, Esc takes it off.</source>
        <translation>%1 Ctrl+Entrée l&apos;applique, Échap l&apos;ôte.</translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation>Il n&apos;y a pas de passage au curseur. Cliquez sur un compte dansé.</translation>
    </message>
    <message>
        <source>No figure is danced there. Put the caret on the count that is to meet the moment.</source>
        <translation>Aucune figure n&apos;y est dansée. Mettez le curseur sur le compte qui doit rencontrer le moment.</translation>
    </message>
    <message>
        <source>Choose passes in the list, or put the caret into one, and try again.</source>
        <translation>Choisissez des passages dans la liste, ou mettez le curseur dans l&apos;un d&apos;eux, et réessayez.</translation>
    </message>
    <message>
        <source>One pass copied.</source>
        <translation>Un passage copié.</translation>
    </message>
    <message>
        <source>%1 passes copied.</source>
        <translation>%1 passages copiés.</translation>
    </message>
    <message>
        <source>One pass cut.</source>
        <translation>Un passage coupé.</translation>
    </message>
    <message>
        <source>%1 passes cut.</source>
        <translation>%1 passages coupés.</translation>
    </message>
    <message>
        <source>One pass taken out. Undo brings it back.</source>
        <translation>Un passage retiré. Annuler le rétablit.</translation>
    </message>
    <message>
        <source>%1 passes taken out. Undo brings them back.</source>
        <translation>%1 passages retirés. Annuler les rétablit.</translation>
    </message>
    <message>
        <source>Put the caret into the pass that is to be cut, on the last count that is danced.</source>
        <translation>Mettez le curseur dans le passage à couper, sur le dernier compte dansé.</translation>
    </message>
    <message>
        <source>Everyone still waits there. Put the caret on the last count that is danced.</source>
        <translation>Tout le monde y attend encore. Mettez le curseur sur le dernier compte dansé.</translation>
    </message>
    <message>
        <source>That is the last count of the pass; there is nothing left to cut.</source>
        <translation>C&apos;est le dernier compte du passage&#xa0;; il n&apos;y a plus rien à couper.</translation>
    </message>
    <message>
        <source>Put the caret into the pass after which the tag is to come.</source>
        <translation>Mettez le curseur dans le passage après lequel le tag doit venir.</translation>
    </message>
    <message>
        <source>There is no pass at the caret.</source>
        <translation>Il n&apos;y a pas de passage au curseur.</translation>
    </message>
    <message>
        <source>To the count 1 of this pass, then of the one before</source>
        <translation>Au compte 1 de ce passage, puis du précédent</translation>
    </message>
</context>
<context>
    <name>lc::app::CardPage</name>
    <message>
        <source>card of the figure</source>
        <translation>fiche de la figure</translation>
    </message>
    <message>
        <source>Own fraction of %1</source>
        <translation>Fraction propre de %1</translation>
    </message>
    <message>
        <source>“%1” does not do: &amp; lies inside the count and before a, as in 3/5 and 4/5.</source>
        <translation>«&#xa0;%1&#xa0;» ne va pas&#xa0;: &amp; est dans le compte et avant a, comme 3/5 et 4/5.</translation>
    </message>
    <message>
        <source>own fractions</source>
        <translation>fractions propres</translation>
    </message>
    <message>
        <source>Own notes</source>
        <translation>Notes personnelles</translation>
    </message>
    <message>
        <source>own notes</source>
        <translation>notes personnelles</translation>
    </message>
    <message>
        <source>No versions are kept yet; the bench makes them.</source>
        <translation>Aucune version n&apos;est encore gardée&#xa0;; l&apos;établi en fait.</translation>
    </message>
    <message>
        <source>Versions that are kept</source>
        <translation>Versions gardées</translation>
    </message>
    <message>
        <source>Name of a version</source>
        <translation>Nom d&apos;une version</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Retirer</translation>
    </message>
    <message>
        <source>name of a version</source>
        <translation>nom d&apos;une version</translation>
    </message>
    <message>
        <source>take a version out</source>
        <translation>retirer une version</translation>
    </message>
</context>
<context>
    <name>lc::app::ChainPage</name>
    <message>
        <source>Figures one after another</source>
        <translation>Figures à la suite</translation>
    </message>
    <message>
        <source>names with / between, such as: Vine and touch / Step, half turn / Vine and touch</source>
        <translation>des noms séparés par /, comme&#xa0;: Vine et touch / Pas, demi-tour / Vine et touch</translation>
    </message>
    <message>
        <source>Names of figures with / between; “this” is the chosen one</source>
        <translation>Noms de figures séparés par /&#xa0;; «&#xa0;this&#xa0;» est celle choisie</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Jonctions</translation>
    </message>
    <message>
        <source>this</source>
        <translation>celle-ci</translation>
    </message>
    <message>
        <source>There is no figure “%1”. Write names as they stand in the list, with / between.</source>
        <translation>Il n&apos;y a pas de figure «&#xa0;%1&#xa0;». Écrivez les noms comme dans la liste, séparés par /.</translation>
    </message>
    <message>
        <source>Write which figures follow one another.</source>
        <translation>Écrivez quelles figures se suivent.</translation>
    </message>
    <message>
        <source>%1 in all, %2; %3.</source>
        <translation>%1 en tout, %2&#xa0;; %3.</translation>
    </message>
    <message>
        <source>then a 1 again</source>
        <translation>puis de nouveau un 1</translation>
    </message>
    <message>
        <source>%1 to the next 1</source>
        <translation>%1 jusqu&apos;au 1 suivant</translation>
    </message>
    <message>
        <source>every joint fits</source>
        <translation>chaque jonction convient</translation>
    </message>
    <message>
        <source>one joint breaks</source>
        <translation>une jonction casse</translation>
    </message>
    <message>
        <source>%1 joints break</source>
        <translation>%1 jonctions cassent</translation>
    </message>
</context>
<context>
    <name>lc::app::CommandBox</name>
    <message>
        <source>Do anything: “pass 6”   Ctrl+K</source>
        <translation>Tout faire&#xa0;: «&#xa0;passage 6&#xa0;»   Ctrl+K</translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation>Tout faire</translation>
    </message>
    <message>
        <source>Commands and places: type “restart”, “pass 4”, “chorus 2”, “count 97” (Ctrl+K)</source>
        <translation>Commandes et endroits&#xa0;: écrivez «&#xa0;restart&#xa0;», «&#xa0;passage 4&#xa0;», «&#xa0;refrain 2&#xa0;», «&#xa0;compte 97&#xa0;» (Ctrl+K)</translation>
    </message>
    <message>
        <source>Nothing is called that.</source>
        <translation>Rien ne s&apos;appelle ainsi.</translation>
    </message>
</context>
<context>
    <name>lc::app::CommandTable</name>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>now</source>
        <translation>maintenant</translation>
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
        <translation>de %1</translation>
    </message>
    <message>
        <source>not counted yet</source>
        <translation>pas encore compté</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>pas encore de morceau</translation>
    </message>
    <message>
        <source>before count 1</source>
        <translation>avant le compte 1</translation>
    </message>
    <message>
        <source>after the song</source>
        <translation>après le morceau</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>pick-up</source>
        <translation>levée</translation>
    </message>
    <message>
        <source>bar %1, beat %2</source>
        <translation>mesure %1, temps %2</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>passage %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation>face à %1</translation>
    </message>
    <message>
        <source>%1, dancers say %2</source>
        <translation>%1, les danseurs disent %2</translation>
    </message>
    <message>
        <source>tag, %1 left</source>
        <translation>tag, encore %1</translation>
    </message>
    <message>
        <source>Pass %1, face %2</source>
        <translation>Passage %1, face %2</translation>
    </message>
    <message>
        <source>in %1, %2 foot free</source>
        <translation>dans %1, pied %2 libre</translation>
    </message>
    <message>
        <source>restart, in %1</source>
        <translation>restart, dans %1</translation>
    </message>
    <message>
        <source>The end</source>
        <translation>La fin</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>dans %1</translation>
    </message>
    <message>
        <source>Count bar</source>
        <translation>Barre de comptes</translation>
    </message>
    <message>
        <source>next</source>
        <translation>suite</translation>
    </message>
    <message>
        <source>off</source>
        <translation>non</translation>
    </message>
    <message>
        <source>on</source>
        <translation>oui</translation>
    </message>
    <message>
        <source>Loop</source>
        <translation>Boucle</translation>
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
        <translation>− et +</translation>
    </message>
    <message>
        <source>Voice</source>
        <translation>Voix</translation>
    </message>
    <message>
        <source>Clicks</source>
        <translation>Clics</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
    <message>
        <source>Play or pause (Space)</source>
        <translation>Jouer ou pause (Espace)</translation>
    </message>
    <message>
        <source>Loop this pass, or stop looping (O)</source>
        <translation>Boucler ce passage, ou arrêter (O)</translation>
    </message>
    <message>
        <source>Slower by 5 % (−)</source>
        <translation>Plus lent de 5 % (−)</translation>
    </message>
    <message>
        <source>Faster by 5 % (+)</source>
        <translation>Plus vite de 5 % (+)</translation>
    </message>
    <message>
        <source>Clicks on the counts, on or off (V)</source>
        <translation>Clics sur les comptes, oui ou non (V)</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Jouer</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Plus lent</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>Plus vite</translation>
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
        <translation>Le morceau joue</translation>
    </message>
</context>
<context>
    <name>lc::app::DocumentSession</name>
    <message>
        <source>take the dance of the hand-out</source>
        <translation>prendre la danse de la fiche</translation>
    </message>
    <message>
        <source>bring back an earlier version</source>
        <translation>reprendre une version antérieure</translation>
    </message>
</context>
<context>
    <name>lc::app::DoubtsList</name>
    <message>
        <source>Doubts</source>
        <translation>Doutes</translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation>%1 ouverts</translation>
    </message>
    <message>
        <source>None. The song is clear, or you have said what was not.</source>
        <translation>Aucun. Le morceau est clair, ou vous avez dit ce qui ne l&apos;était pas.</translation>
    </message>
    <message>
        <source>The whole song</source>
        <translation>Tout le morceau</translation>
    </message>
    <message>
        <source>At %1</source>
        <translation>À %1</translation>
    </message>
    <message>
        <source>%1  %2: %3</source>
        <translation>%1  %2&#xa0;: %3</translation>
    </message>
    <message numerus="yes">
        <source>%n less likely</source>
        <translation>
            <numerusform>%n moins probable</numerusform>
            <numerusform>%n moins probables</numerusform>
        </translation>
    </message>
    <message>
        <source>Hear it</source>
        <translation>L&apos;entendre</translation>
    </message>
    <message>
        <source>Four bars of the chosen reading, with clicks; Space stops</source>
        <translation>Quatre mesures de la lecture choisie, avec des clics&#xa0;; Espace arrête</translation>
    </message>
    <message>
        <source>Accept</source>
        <translation>Accepter</translation>
    </message>
    <message>
        <source>State the chosen reading; the rest is worked out again around it</source>
        <translation>Indiquer la lecture choisie&#xa0;; le reste est recalculé autour</translation>
    </message>
</context>
<context>
    <name>lc::app::DrillPage</name>
    <message>
        <source>Both sides</source>
        <translation>Des deux côtés</translation>
    </message>
    <message>
        <source>Adds the other side, so that both feet begin as often</source>
        <translation>Ajoute l&apos;autre côté, pour que chaque pied commence autant de fois</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Entendre</translation>
    </message>
    <message>
        <source>All of it with clicks, steps and spoken counts</source>
        <translation>Le tout avec des clics, les pas et les comptes parlés</translation>
    </message>
    <message>
        <source>Repetitions</source>
        <translation>Répétitions</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>comme écrit</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation>Écrivez d&apos;abord les comptes de la figure.</translation>
    </message>
    <message>
        <source>Say how often what is danced.</source>
        <translation>Dites combien de fois on danse quoi.</translation>
    </message>
    <message>
        <source>Begins %1× left, %2× right</source>
        <translation>Commence %1× à gauche, %2× à droite</translation>
    </message>
    <message>
        <source>%1: %2 at %3 s.</source>
        <translation>%1&#xa0;: %2 à %3 s.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1: the %2 is less used, “Both sides” adds it.</source>
        <translation>%1&#xa0;: le %2 sert moins, «&#xa0;Des deux côtés&#xa0;» l&apos;ajoute.</translation>
    </message>
    <message>
        <source>Keep versions on the bench to drill them here.</source>
        <translation>Gardez des versions sur l&apos;établi pour les travailler ici.</translation>
    </message>
    <message>
        <source>%1×: %2, %3 changes, %4</source>
        <translation>%1×&#xa0;: %2, %3 changements, %4</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>convient</translation>
    </message>
    <message>
        <source>In sets: %1.</source>
        <translation>En séries&#xa0;: %1.</translation>
    </message>
    <message>
        <source>How often, in row %1</source>
        <translation>Combien de fois, à la ligne %1</translation>
    </message>
    <message>
        <source>What is danced, in row %1</source>
        <translation>Ce qui est dansé, à la ligne %1</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureColumn</name>
    <message>
        <source>Findings of the figure</source>
        <translation>Constats de la figure</translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation>Rien à constater encore.</translation>
    </message>
    <message>
        <source>Choose a figure at the left, or begin a new one.</source>
        <translation>Choisissez une figure à gauche, ou commencez-en une.</translation>
    </message>
    <message>
        <source>Everything fits.</source>
        <translation>Tout convient.</translation>
    </message>
    <message>
        <source>Type its counts as you say them: 1 side R 2 close L 3 side R 4 touch L.</source>
        <translation>Écrivez ses comptes comme vous les dites&#xa0;: 1 side R 2 close L 3 side R 4 touch L.</translation>
    </message>
    <message>
        <source>Feet, counts and roles agree.</source>
        <translation>Pieds, comptes et rôles s&apos;accordent.</translation>
    </message>
    <message>
        <source>The answers stand under the line.</source>
        <translation>Les réponses sont sous la ligne.</translation>
    </message>
    <message>
        <source>Do it; undo takes it back</source>
        <translation>Le faire&#xa0;; Annuler revient en arrière</translation>
    </message>
    <message>
        <source>Where it would fit</source>
        <translation>Où elle conviendrait</translation>
    </message>
    <message>
        <source>yes: %1 free</source>
        <translation>oui&#xa0;: %1 libre</translation>
    </message>
    <message>
        <source>no: %1</source>
        <translation>non&#xa0;: %1</translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation>deux fois de suite</translation>
    </message>
    <message>
        <source>before %1</source>
        <translation>avant %1</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Limites</translation>
    </message>
    <message>
        <source>yours, at %1 bpm</source>
        <translation>les vôtres, à %1 bpm</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>limite</translation>
    </message>
    <message>
        <source>own limit</source>
        <translation>limite propre</translation>
    </message>
    <message>
        <source>quickest step %L1 s</source>
        <translation>pas le plus rapide %L1 s</translation>
    </message>
    <message>
        <source>fastest turn %1°/s</source>
        <translation>tour le plus rapide %1°/s</translation>
    </message>
    <message>
        <source>Counting</source>
        <translation>Compter</translation>
    </message>
    <message>
        <source>of the routine</source>
        <translation>de la chorégraphie</translation>
    </message>
    <message>
        <source>A count for</source>
        <translation>Un compte pour</translation>
    </message>
    <message>
        <source>each beat</source>
        <translation>chaque temps</translation>
    </message>
    <message>
        <source>each half beat</source>
        <translation>chaque demi-temps</translation>
    </message>
    <message>
        <source>two beats</source>
        <translation>deux temps</translation>
    </message>
    <message>
        <source>each bar</source>
        <translation>chaque mesure</translation>
    </message>
    <message>
        <source>each group of a bar</source>
        <translation>chaque groupe d&apos;une mesure</translation>
    </message>
    <message>
        <source>What of the music one count stands for: 7/8 as 3+2+2 is counted long, short, short by its groups</source>
        <translation>Ce qu&apos;un compte vaut dans la musique&#xa0;: 7/8 en 3+2+2 se compte long, court, court par ses groupes</translation>
    </message>
    <message>
        <source>Bars to a set</source>
        <translation>Mesures par série</translation>
    </message>
    <message>
        <source>After how many bars dancers say 1 again</source>
        <translation>Après combien de mesures les danseurs redisent 1</translation>
    </message>
    <message>
        <source>a count for</source>
        <translation>un compte pour</translation>
    </message>
    <message>
        <source>bars to a set</source>
        <translation>mesures par série</translation>
    </message>
    <message>
        <source>Feel of the routine</source>
        <translation>Subdivision de la chorégraphie</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>droit</translation>
    </message>
    <message>
        <source>swung</source>
        <translation>swingué</translation>
    </message>
    <message>
        <source>rolling, thirds</source>
        <translation>roulé, tiers</translation>
    </message>
    <message>
        <source>rolling, quarters</source>
        <translation>roulé, quarts</translation>
    </message>
    <message>
        <source>&amp; and a</source>
        <translation>&amp; et a</translation>
    </message>
    <message>
        <source>“%1” is not a length of a step. Write 2, 1 or 1/2.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une durée de pas. Écrivez 2, 1 ou 1/2.</translation>
    </message>
    <message>
        <source>slow, quick</source>
        <translation>lent, vite</translation>
    </message>
    <message>
        <source>Counts of a slow step</source>
        <translation>Comptes d&apos;un pas lent</translation>
    </message>
    <message>
        <source>Counts of a quick step</source>
        <translation>Comptes d&apos;un pas vite</translation>
    </message>
    <message>
        <source>with weight</source>
        <translation>avec appui</translation>
    </message>
    <message>
        <source>without weight</source>
        <translation>sans appui</translation>
    </message>
    <message>
        <source>A choice of your school; “stomp-up” never takes weight</source>
        <translation>Un choix de votre école&#xa0;; «&#xa0;stomp-up&#xa0;» ne prend jamais d&apos;appui</translation>
    </message>
    <message>
        <source>stomp and stamp</source>
        <translation>stomp et stamp</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Précautions</translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation>Un professeur qualifié et le règlement de la salle passent avant tout.</translation>
    </message>
    <message>
        <source>In the routine</source>
        <translation>Dans la chorégraphie</translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation>dansée %1×</translation>
    </message>
    <message>
        <source>not danced yet</source>
        <translation>pas encore dansée</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Partie</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>partie %1</translation>
    </message>
    <message>
        <source>Add to</source>
        <translation>Ajouter à</translation>
    </message>
    <message>
        <source>At the end of the part</source>
        <translation>À la fin de la partie</translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation>Pas comme dans le répertoire&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Give it to the vocabulary</source>
        <translation>La donner au répertoire</translation>
    </message>
    <message>
        <source>The vocabulary has it as it is here</source>
        <translation>Le répertoire l&apos;a alors comme ici</translation>
    </message>
    <message>
        <source>Take it from the vocabulary</source>
        <translation>La prendre du répertoire</translation>
    </message>
    <message>
        <source>The routine has it as the vocabulary does</source>
        <translation>La chorégraphie l&apos;a alors comme le répertoire</translation>
    </message>
    <message>
        <source>Twice in the vocabulary</source>
        <translation>Deux fois dans le répertoire</translation>
    </message>
    <message>
        <source>“%1” has the same name or the same lines.</source>
        <translation>«&#xa0;%1&#xa0;» a le même nom ou les mêmes lignes.</translation>
    </message>
    <message>
        <source>Make them one</source>
        <translation>N&apos;en faire qu&apos;une</translation>
    </message>
    <message>
        <source>This one stays and takes the other&apos;s names, tags, notes and versions</source>
        <translation>Celle-ci reste et prend les noms, mots-clés, notes et versions de l&apos;autre</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureDesk</name>
    <message>
        <source>The vocabulary may only be read here: figures can be taken into a routine, and what you change in them stays in the routine.</source>
        <translation>Le répertoire ne peut être que lu ici&#xa0;: on peut prendre des figures dans une chorégraphie, et ce que vous y changez reste dans la chorégraphie.</translation>
    </message>
    <message>
        <source>The vocabulary may only be read here, so this figure stays as it is. Take it into the routine and change it there.</source>
        <translation>Le répertoire ne peut être que lu ici, cette figure reste donc telle quelle. Prenez-la dans la chorégraphie et changez-la là.</translation>
    </message>
    <message>
        <source>%1, as typed here</source>
        <translation>%1, comme écrit ici</translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. What you typed is kept beside it as “%2”.</source>
        <translation>«&#xa0;%1&#xa0;» a été changé entre-temps par une autre fenêtre. Ce que vous avez écrit est gardé à côté sous «&#xa0;%2&#xa0;».</translation>
    </message>
    <message>
        <source>“%1” is in the routine alone: the vocabulary cannot be written.</source>
        <translation>«&#xa0;%1&#xa0;» est dans la chorégraphie seule&#xa0;: le répertoire ne peut pas être écrit.</translation>
    </message>
    <message>
        <source>“%1” and “%2” are one figure now: “%1”. Undo takes them apart again.</source>
        <translation>«&#xa0;%1&#xa0;» et «&#xa0;%2&#xa0;» sont maintenant une seule figure&#xa0;: «&#xa0;%1&#xa0;». Annuler les sépare.</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>placer %1</translation>
    </message>
    <message>
        <source>as in the vocabulary</source>
        <translation>comme dans le répertoire</translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary now.</source>
        <translation>«&#xa0;%1&#xa0;» est maintenant dans le répertoire.</translation>
    </message>
    <message>
        <source>Figures that came in from %1: %2.</source>
        <translation>Figures venues de %1&#xa0;: %2.</translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy one first: choose it in the list.</source>
        <translation>Il n&apos;y a pas de figures à coller. Copiez-en d&apos;abord une&#xa0;: choisissez-la dans la liste.</translation>
    </message>
    <message>
        <source>Figures pasted: %1.</source>
        <translation>Figures collées&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Figures written to %1: %2.</source>
        <translation>Figures écrites dans %1&#xa0;: %2.</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureEditor</name>
    <message>
        <source>straight: &amp; is ½</source>
        <translation>droit&#xa0;: &amp; vaut ½</translation>
    </message>
    <message>
        <source>swung: &amp; and a are ⅔</source>
        <translation>swingué&#xa0;: &amp; et a valent ⅔</translation>
    </message>
    <message>
        <source>rolling by thirds: &amp; ⅓, a ⅔</source>
        <translation>roulé par tiers&#xa0;: &amp; ⅓, a ⅔</translation>
    </message>
    <message>
        <source>rolling by quarters: &amp; ½, a ¾</source>
        <translation>roulé par quarts&#xa0;: &amp; ½, a ¾</translation>
    </message>
    <message>
        <source>own fractions …</source>
        <translation>fractions propres …</translation>
    </message>
    <message>
        <source>Name of the figure</source>
        <translation>Nom de la figure</translation>
    </message>
    <message>
        <source>What the figure is called; click to change it</source>
        <translation>Comment s&apos;appelle la figure&#xa0;; clic pour changer</translation>
    </message>
    <message>
        <source>Counts it is said to have</source>
        <translation>Comptes annoncés</translation>
    </message>
    <message>
        <source>How many counts it is said to have; empty for as many as it has</source>
        <translation>Combien de comptes elle est dite avoir&#xa0;; vide pour autant qu&apos;elle en a</translation>
    </message>
    <message>
        <source>“%1” is not a number of counts. Write 6, 12 or 13/2, or leave it empty.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas un nombre de comptes. Écrivez 6, 12 ou 13/2, ou laissez vide.</translation>
    </message>
    <message>
        <source>length of the figure</source>
        <translation>durée de la figure</translation>
    </message>
    <message>
        <source>Feel</source>
        <translation>Subdivision</translation>
    </message>
    <message>
        <source>What &amp; and a are worth in this figure</source>
        <translation>Ce que valent &amp; et a dans cette figure</translation>
    </message>
    <message>
        <source>feel of the routine</source>
        <translation>subdivision de la chorégraphie</translation>
    </message>
    <message>
        <source>Say it as</source>
        <translation>La dire en</translation>
    </message>
    <message>
        <source>How its counts are said and spoken</source>
        <translation>Comment ses comptes sont dits et parlés</translation>
    </message>
    <message>
        <source>Begins on</source>
        <translation>Commence sur</translation>
    </message>
    <message>
        <source>The music count on which its count 1 falls</source>
        <translation>Le compte de la musique sur lequel tombe son compte 1</translation>
    </message>
    <message>
        <source>Seen from the front</source>
        <translation>Vu de face</translation>
    </message>
    <message>
        <source>Left and right as a viewer sees them</source>
        <translation>Gauche et droite comme un spectateur les voit</translation>
    </message>
    <message>
        <source>Claps and arms</source>
        <translation>Claps et bras</translation>
    </message>
    <message>
        <source>What goes on beside the feet: shown, or kept for later</source>
        <translation>Ce qui se fait à côté des pieds&#xa0;: montré, ou gardé pour plus tard</translation>
    </message>
    <message>
        <source>feel of the figure</source>
        <translation>subdivision de la figure</translation>
    </message>
    <message>
        <source>A figure has at most 8 roles.</source>
        <translation>Une figure a 8 rôles au plus.</translation>
    </message>
    <message>
        <source>another role</source>
        <translation>un autre rôle</translation>
    </message>
    <message>
        <source>This line cannot be read to its end yet; mend it first.</source>
        <translation>Cette ligne ne peut pas encore être lue jusqu&apos;au bout&#xa0;; corrigez-la d&apos;abord.</translation>
    </message>
    <message>
        <source>copy to the partner</source>
        <translation>copier vers le partenaire</translation>
    </message>
    <message>
        <source>Name of a role</source>
        <translation>Nom d&apos;un rôle</translation>
    </message>
    <message>
        <source>Who dances this line; delete the name to take the line out</source>
        <translation>Qui danse cette ligne&#xa0;; effacez le nom pour retirer la ligne</translation>
    </message>
    <message>
        <source>1 side R 2 close L 3 side R 4 touch L</source>
        <translation>1 side R 2 close L 3 side R 4 touch L</translation>
    </message>
    <message>
        <source>A figure keeps at least one line.</source>
        <translation>Une figure garde au moins une ligne.</translation>
    </message>
    <message>
        <source>“%1” has a line already.</source>
        <translation>«&#xa0;%1&#xa0;» a déjà une ligne.</translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation>nom d&apos;un rôle</translation>
    </message>
    <message>
        <source>From the front: %1</source>
        <translation>De face&#xa0;: %1</translation>
    </message>
    <message>
        <source>Read as: %1</source>
        <translation>Lu comme&#xa0;: %1</translation>
    </message>
    <message>
        <source>Write it so: F12</source>
        <translation>L&apos;écrire ainsi&#xa0;: F12</translation>
    </message>
    <message>
        <source>Puts what was read, in the notation, in the place of the line</source>
        <translation>Met ce qui a été lu, en notation, à la place de la ligne</translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation>Au caractère %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free  (read so now)</source>
        <translation>%1&#xa0;: %2, puis %3 libre  (lu ainsi)</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation>%1&#xa0;: %2, puis %3 libre</translation>
    </message>
    <message>
        <source>Keeps the word with this meaning: here and from now on the line is read as %1</source>
        <translation>Garde le mot dans ce sens&#xa0;: ici et désormais la ligne se lit comme %1</translation>
    </message>
    <message>
        <source>Writes it so that only this is meant: %1</source>
        <translation>L&apos;écrit pour que seul ceci soit voulu&#xa0;: %1</translation>
    </message>
    <message>
        <source>answer a question</source>
        <translation>répondre à une question</translation>
    </message>
    <message>
        <source>nothing written yet, said to have</source>
        <translation>rien d&apos;écrit encore, dite avoir</translation>
    </message>
    <message>
        <source>%1, said to have</source>
        <translation>%1, dite avoir</translation>
    </message>
    <message>
        <source>No figure is chosen. Choose one at the left, or begin a new one with Ctrl+Shift+N.</source>
        <translation>Aucune figure n&apos;est choisie. Choisissez-en une à gauche, ou commencez-en une avec Ctrl+Maj+N.</translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation>Pas comme dans le répertoire&#xa0;: %1.</translation>
    </message>
    <message>
        <source>Line of %1</source>
        <translation>Ligne de %1</translation>
    </message>
    <message>
        <source>read to %1</source>
        <translation>lu jusqu&apos;à %1</translation>
    </message>
    <message>
        <source>read: 1 step</source>
        <translation>lu&#xa0;: 1 pas</translation>
    </message>
    <message>
        <source>read: %1 steps</source>
        <translation>lu&#xa0;: %1 pas</translation>
    </message>
    <message>
        <source>a question</source>
        <translation>une question</translation>
    </message>
    <message>
        <source>as the routine</source>
        <translation>comme la chorégraphie</translation>
    </message>
    <message>
        <source>begins on %1</source>
        <translation>commence sur %1</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>comptes</translation>
    </message>
    <message>
        <source>weight changes</source>
        <translation>changements d&apos;appui</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>commence sur</translation>
    </message>
    <message>
        <source>free at the end</source>
        <translation>libre après</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>tour</translation>
    </message>
    <message>
        <source>travels</source>
        <translation>voyage</translation>
    </message>
    <message>
        <source>breaks on</source>
        <translation>break sur</translation>
    </message>
    <message>
        <source>ends</source>
        <translation>finit</translation>
    </message>
    <message>
        <source>meets</source>
        <translation>rencontre</translation>
    </message>
    <message>
        <source>either</source>
        <translation>l&apos;un ou l&apos;autre</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>pareil</translation>
    </message>
    <message>
        <source>the other</source>
        <translation>l&apos;autre</translation>
    </message>
    <message>
        <source>■ end</source>
        <translation>■ fin</translation>
    </message>
    <message>
        <source>□ misses</source>
        <translation>□ manque</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureList</name>
    <message>
        <source>Figures</source>
        <translation>Figures</translation>
    </message>
    <message>
        <source>6 counts, left foot free, ends open</source>
        <translation>6 comptes, pied gauche libre, finit ouvert</translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation>Chercher parmi les figures</translation>
    </message>
    <message>
        <source>Counts, feet, positions, turns, or words of any field (Ctrl+F)</source>
        <translation>Comptes, pieds, positions, tours, ou mots de n&apos;importe quel champ (Ctrl+F)</translation>
    </message>
    <message>
        <source>No figures yet. Begin with a new one, or bring figures in from a file.</source>
        <translation>Pas encore de figures. Commencez-en une, ou faites venir des figures d&apos;un fichier.</translation>
    </message>
    <message>
        <source>No figure is like that. Take a word out of the search.</source>
        <translation>Aucune figure n&apos;est ainsi. Retirez un mot de la recherche.</translation>
    </message>
    <message>
        <source>%1, by name   Ctrl+F</source>
        <translation>%1, par nom   Ctrl+F</translation>
    </message>
    <message>
        <source>%1 of %2   Ctrl+F</source>
        <translation>%1 sur %2   Ctrl+F</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureListModel</name>
    <message>
        <source>in the routine</source>
        <translation>dans la chorégraphie</translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation>dansée %1×</translation>
    </message>
    <message>
        <source>other than the vocabulary</source>
        <translation>autre que le répertoire</translation>
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
        <translation>un passage</translation>
    </message>
    <message>
        <source>%1 passes</source>
        <translation>%1 passages</translation>
    </message>
    <message>
        <source>New routine</source>
        <translation>Nouvelle chorégraphie</translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation>Ouvrir une chorégraphie</translation>
    </message>
    <message>
        <source>Routines and hand-outs (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)</source>
        <translation>Chorégraphies et fiches (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>«&#xa0;%1&#xa0;» a des changements qui ne sont pas enregistrés.</translation>
    </message>
    <message>
        <source>Save them before going on?</source>
        <translation>Les enregistrer avant de continuer&#xa0;?</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Throw them away</source>
        <translation>Les jeter</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Retour</translation>
    </message>
    <message>
        <source>The file was changed by another window or program since it was opened here.</source>
        <translation>Le fichier a été changé par une autre fenêtre ou un autre programme depuis son ouverture ici.</translation>
    </message>
    <message>
        <source>Saving here would put this version over the other.</source>
        <translation>Enregistrer ici mettrait cette version par-dessus l&apos;autre.</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Enregistrer sous un autre nom</translation>
    </message>
    <message>
        <source>Overwrite</source>
        <translation>Écraser</translation>
    </message>
    <message>
        <source>Save the routine</source>
        <translation>Enregistrer la chorégraphie</translation>
    </message>
    <message>
        <source>routine</source>
        <translation>chorégraphie</translation>
    </message>
    <message>
        <source>Routines (*.liftcount)</source>
        <translation>Chorégraphies (*.liftcount)</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>pas encore de morceau</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>sur «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>d MMM, hh:mm</source>
        <comment>day and time</comment>
        <translation>d MMM, HH:mm</translation>
    </message>
</context>
<context>
    <name>lc::app::FillPanel</name>
    <message>
        <source>%1 more</source>
        <translation>%1 de plus</translation>
    </message>
    <message>
        <source>%1, or %2</source>
        <translation>%1, ou %2</translation>
    </message>
    <message>
        <source>Fill the phrase</source>
        <translation>Remplir la phrase</translation>
    </message>
    <message>
        <source>fill</source>
        <translation>remplir</translation>
    </message>
    <message>
        <source>Counts to fill after the part</source>
        <translation>Comptes à remplir après la partie</translation>
    </message>
    <message>
        <source>counts after the part</source>
        <translation>comptes après la partie</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Options</translation>
    </message>
    <message>
        <source>Which figures may be used, and how they are to end</source>
        <translation>Quelles figures peuvent servir, et comment elles doivent finir</translation>
    </message>
    <message>
        <source>and leave</source>
        <translation>et laissent</translation>
    </message>
    <message>
        <source>The foot that is free afterwards</source>
        <translation>Le pied libre ensuite</translation>
    </message>
    <message>
        <source>the foot its count 1 needs</source>
        <translation>le pied que son compte 1 demande</translation>
    </message>
    <message>
        <source>the left foot free</source>
        <translation>le pied gauche libre</translation>
    </message>
    <message>
        <source>the right foot free</source>
        <translation>le pied droit libre</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>l&apos;un ou l&apos;autre pied</translation>
    </message>
    <message>
        <source>turning</source>
        <translation>en tournant</translation>
    </message>
    <message>
        <source>How much is turned in all</source>
        <translation>Combien on tourne en tout</translation>
    </message>
    <message>
        <source>as it comes</source>
        <translation>comme cela vient</translation>
    </message>
    <message>
        <source>not</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>figures of</source>
        <translation>figures de</translation>
    </message>
    <message>
        <source>Lengths of figures that may be used</source>
        <translation>Durées des figures qui peuvent servir</translation>
    </message>
    <message>
        <source>Counts with commas, such as 6, 8; empty = any</source>
        <translation>Comptes séparés par des virgules, comme 6, 8&#xa0;; vide = toutes</translation>
    </message>
    <message>
        <source>any</source>
        <translation>toutes</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>comptes</translation>
    </message>
    <message>
        <source>each at most</source>
        <translation>chacune au plus</translation>
    </message>
    <message>
        <source>How often a figure may come</source>
        <translation>Combien de fois une figure peut venir</translation>
    </message>
    <message>
        <source>times</source>
        <translation>fois</translation>
    </message>
    <message>
        <source>Levels of figures that may be used</source>
        <translation>Niveaux des figures qui peuvent servir</translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation>deux fois de suite</translation>
    </message>
    <message>
        <source>May a figure follow itself?</source>
        <translation>Une figure peut-elle se suivre&#xa0;?</translation>
    </message>
    <message>
        <source>of this routine only</source>
        <translation>de cette chorégraphie seule</translation>
    </message>
    <message>
        <source>Leave the vocabulary&apos;s other figures out</source>
        <translation>Laisser les autres figures du répertoire</translation>
    </message>
    <message>
        <source>any level</source>
        <translation>tout niveau</translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation>%1 seulement</translation>
    </message>
    <message>
        <source>Different figures: %1. Lengths: %2. They start on: %3.</source>
        <translation>Figures différentes&#xa0;: %1. Durées&#xa0;: %2. Elles commencent sur&#xa0;: %3.</translation>
    </message>
    <message>
        <source>%1 from these lengths: %2.</source>
        <translation>%1 avec ces durées&#xa0;: %2.</translation>
    </message>
    <message>
        <source>No figures at hand have lengths that make %1.</source>
        <translation>Aucune figure disponible n&apos;a des durées qui font %1.</translation>
    </message>
    <message>
        <source>None fits the feet, the holds and the turn wanted: ask for either foot, or another turn.</source>
        <translation>Aucune ne convient aux pieds, aux prises et au tour voulu&#xa0;: demandez l&apos;un ou l&apos;autre pied, ou un autre tour.</translation>
    </message>
    <message>
        <source>None keeps the limits of variety: allow figures more often.</source>
        <translation>Aucune ne tient les limites de variété&#xa0;: permettez les figures plus souvent.</translation>
    </message>
    <message>
        <source>%L1 in all fit the feet and holds</source>
        <translation>%L1 en tout conviennent aux pieds et aux prises</translation>
    </message>
    <message>
        <source>More than can be counted fit the feet and holds</source>
        <translation>Plus qu&apos;on n&apos;en peut compter conviennent aux pieds et aux prises</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1; %2 of them are shown, of every number of figures.</source>
        <translation>%1&#xa0;; %2 d&apos;entre elles sont montrées, pour chaque nombre de figures.</translation>
    </message>
    <message>
        <source>count %1 on the %2 of figure %3</source>
        <translation>compte %1 sur le %2 de la figure %3</translation>
    </message>
    <message>
        <source>The 1s of the music: %1.</source>
        <translation>Les 1 de la musique&#xa0;: %1.</translation>
    </message>
    <message>
        <source>only where it begins</source>
        <translation>seulement où elle commence</translation>
    </message>
    <message>
        <source>None in figure %1.</source>
        <translation>Aucun dans la figure %1.</translation>
    </message>
    <message>
        <source>fill the phrase</source>
        <translation>remplir la phrase</translation>
    </message>
</context>
<context>
    <name>lc::app::FillersPage</name>
    <message>
        <source>Fill</source>
        <translation>Remplir</translation>
    </message>
    <message>
        <source>Counts to fill</source>
        <translation>Comptes à remplir</translation>
    </message>
    <message>
        <source>Up to</source>
        <translation>Jusqu&apos;à</translation>
    </message>
    <message>
        <source>Back to a 1, or to the count on which the figure began, so that it breaks on the same count again</source>
        <translation>Retour à un 1, ou au compte où la figure a commencé, pour que le break retombe sur le même compte</translation>
    </message>
    <message>
        <source>to the 1</source>
        <translation>au 1</translation>
    </message>
    <message>
        <source>to its start count</source>
        <translation>à son compte de départ</translation>
    </message>
    <message>
        <source>and leave free</source>
        <translation>et laisser libre</translation>
    </message>
    <message>
        <source>Foot that is free after it</source>
        <translation>Pied libre ensuite</translation>
    </message>
    <message>
        <source>the foot it begins with</source>
        <translation>le pied par lequel elle commence</translation>
    </message>
    <message>
        <source>the left foot</source>
        <translation>le pied gauche</translation>
    </message>
    <message>
        <source>the right foot</source>
        <translation>le pied droit</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>l&apos;un ou l&apos;autre pied</translation>
    </message>
    <message>
        <source>Write it after the figure</source>
        <translation>L&apos;écrire après la figure</translation>
    </message>
    <message>
        <source>The figure ends with this filler (Enter)</source>
        <translation>La figure finit par ce remplissage (Entrée)</translation>
    </message>
    <message>
        <source>filler</source>
        <translation>remplissage</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>morceaux</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>changements</translation>
    </message>
    <message>
        <source>leaves free</source>
        <translation>laisse libre</translation>
    </message>
    <message>
        <source>made of</source>
        <translation>fait de</translation>
    </message>
    <message>
        <source>Fillers, cheapest first</source>
        <translation>Remplissages, les moins chers d&apos;abord</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation>Écrivez d&apos;abord les comptes de la figure.</translation>
    </message>
    <message>
        <source>The figure ends before a 1: nothing is left to fill. </source>
        <translation>La figure finit avant un 1&#xa0;: il n&apos;y a rien à remplir. </translation>
    </message>
    <message>
        <source>%L1 in all</source>
        <translation>%L1 en tout</translation>
    </message>
    <message>
        <source>more than can be counted</source>
        <translation>plus qu&apos;on n&apos;en peut compter</translation>
    </message>
    <message>
        <source>Nothing here fills %1 from the %2 foot. Ask for the other foot.</source>
        <translation>Rien ici ne remplit %1 depuis le pied %2. Demandez l&apos;autre pied.</translation>
    </message>
    <message>
        <source>From the %1 foot free: %2, the fewest pieces first.</source>
        <translation>Avec le pied %1 libre&#xa0;: %2, le moins de morceaux d&apos;abord.</translation>
    </message>
    <message>
        <source>bare steps</source>
        <translation>pas simples</translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation>répertoire</translation>
    </message>
    <message>
        <source>add a filler</source>
        <translation>ajouter un remplissage</translation>
    </message>
</context>
<context>
    <name>lc::app::FindingsColumn</name>
    <message>
        <source>Findings</source>
        <translation>Constats</translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation>Rien à constater encore.</translation>
    </message>
    <message>
        <source>Everything lands.</source>
        <translation>Tout tombe juste.</translation>
    </message>
    <message>
        <source>Place figures in a part or type its counts, and give the order of the passes; what does not land will stand here, with ways to mend it.</source>
        <translation>Placez des figures dans une partie ou écrivez ses comptes, et donnez l&apos;ordre des passages&#xa0;; ce qui ne tombe pas juste sera ici, avec des remèdes.</translation>
    </message>
    <message>
        <source>Every pass starts a phrase, on the foot it needs.</source>
        <translation>Chaque passage commence une phrase, sur le pied qu&apos;il lui faut.</translation>
    </message>
    <message>
        <source>Open this finding and go to its place (F8 for the next)</source>
        <translation>Ouvrir ce constat et aller à son endroit (F8 pour le suivant)</translation>
    </message>
    <message>
        <source>Remedy</source>
        <translation>Remède</translation>
    </message>
    <message>
        <source>Remedies</source>
        <translation>Remèdes</translation>
    </message>
    <message>
        <source>Try it on the strips; Esc takes it off</source>
        <translation>L&apos;essayer sur les bandes&#xa0;; Échap l&apos;ôte</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Appliquer</translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation>Le faire (Ctrl+Entrée)&#xa0;; Annuler revient en arrière</translation>
    </message>
    <message>
        <source>Or leave it, because …</source>
        <translation>Ou laisser, parce que …</translation>
    </message>
    <message>
        <source>Reason for leaving this finding as it is</source>
        <translation>Raison de laisser ce constat tel quel</translation>
    </message>
    <message>
        <source>Type why and press Enter: the finding is put aside and kept in the file</source>
        <translation>Écrivez pourquoi et appuyez sur Entrée&#xa0;: le constat est mis de côté et gardé dans le fichier</translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation>%1 laissés tels quels</translation>
    </message>
    <message>
        <source>Look at it again</source>
        <translation>Le revoir</translation>
    </message>
</context>
<context>
    <name>lc::app::FoldingColumn</name>
    <message>
        <source>Findings</source>
        <translation>Constats</translation>
    </message>
    <message>
        <source>%1 open   F6 folds</source>
        <translation>%1 ouverts   F6 replie</translation>
    </message>
</context>
<context>
    <name>lc::app::FramePage</name>
    <message>
        <source>Entry</source>
        <translation>Entrée</translation>
    </message>
    <message>
        <source>Counts of the entry</source>
        <translation>Comptes de l&apos;entrée</translation>
    </message>
    <message>
        <source>close</source>
        <translation>clôture</translation>
    </message>
    <message>
        <source>Counts of the close</source>
        <translation>Comptes de la clôture</translation>
    </message>
    <message>
        <source>New figure with this body</source>
        <translation>Nouvelle figure avec ce corps</translation>
    </message>
    <message>
        <source>body</source>
        <translation>corps</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>comptes</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>convient</translation>
    </message>
    <message>
        <source>Bodies</source>
        <translation>Corps</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>cadre</translation>
    </message>
    <message>
        <source>Say how many counts at its head and end stay; what is between can be exchanged.</source>
        <translation>Dites combien de comptes restent en tête et à la fin&#xa0;; ce qui est entre peut être échangé.</translation>
    </message>
    <message>
        <source>Entry and close leave no room for a body.</source>
        <translation>L&apos;entrée et la clôture ne laissent pas de place à un corps.</translation>
    </message>
    <message>
        <source>The body has %1; figures that fit: %2.</source>
        <translation>Le corps a %1&#xa0;; figures qui conviennent&#xa0;: %2.</translation>
    </message>
</context>
<context>
    <name>lc::app::HandPanel</name>
    <message>
        <source>close</source>
        <translation>clôture</translation>
    </message>
    <message>
        <source>Close this strip (Escape)</source>
        <translation>Fermer cette bande (Échap)</translation>
    </message>
</context>
<context>
    <name>lc::app::HandStatements</name>
    <message>
        <source>Put the caret on a count of the song first.</source>
        <translation>Mettez d&apos;abord le curseur sur un compte du morceau.</translation>
    </message>
    <message>
        <source>Put the caret into a bar of the song first.</source>
        <translation>Mettez d&apos;abord le curseur dans une mesure du morceau.</translation>
    </message>
    <message>
        <source>every 1 a beat later</source>
        <translation>chaque 1 un temps plus tard</translation>
    </message>
    <message>
        <source>every 1 a beat earlier</source>
        <translation>chaque 1 un temps plus tôt</translation>
    </message>
    <message>
        <source>The first phrase has none before it to belong to.</source>
        <translation>La première phrase n&apos;en a pas avant elle à qui appartenir.</translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation>aucune phrase ne commence ici</translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation>deux fois plus de temps</translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation>deux fois moins de temps</translation>
    </message>
    <message>
        <source>nudge</source>
        <translation>décaler</translation>
    </message>
    <message>
        <source>forget everything that was said</source>
        <translation>oublier tout ce qui a été dit</translation>
    </message>
</context>
<context>
    <name>lc::app::HandoutPanel</name>
    <message>
        <source>The hand-out, line by line</source>
        <translation>La fiche, ligne par ligne</translation>
    </message>
    <message>
        <source>Hand-out</source>
        <translation>Fiche</translation>
    </message>
    <message>
        <source>Next open line</source>
        <translation>Ligne ouverte suivante</translation>
    </message>
    <message>
        <source>The next line that waits to be settled</source>
        <translation>La prochaine ligne à régler</translation>
    </message>
    <message>
        <source>The rest are remarks</source>
        <translation>Le reste sont des notes</translation>
    </message>
    <message>
        <source>Keeps each open line that says no steps as a remark of its figure</source>
        <translation>Garde chaque ligne ouverte sans pas comme note de sa figure</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>line</source>
        <translation>ligne</translation>
    </message>
    <message>
        <source>state</source>
        <translation>état</translation>
    </message>
    <message>
        <source>in the hand-out</source>
        <translation>dans la fiche</translation>
    </message>
    <message>
        <source>read as</source>
        <translation>lu comme</translation>
    </message>
    <message>
        <source>Lines of the hand-out</source>
        <translation>Lignes de la fiche</translation>
    </message>
    <message>
        <source>This routine came from no hand-out. Paste one with Ctrl+Shift+V.</source>
        <translation>Cette chorégraphie ne vient d&apos;aucune fiche. Collez-en une avec Ctrl+Maj+V.</translation>
    </message>
    <message>
        <source>1 line</source>
        <translation>1 ligne</translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation>%1 lignes</translation>
    </message>
    <message>
        <source>%1, all settled.</source>
        <translation>%1, toutes réglées.</translation>
    </message>
    <message>
        <source>%1, 1 to be settled.</source>
        <translation>%1, 1 à régler.</translation>
    </message>
    <message>
        <source>%1, %2 to be settled.</source>
        <translation>%1, %2 à régler.</translation>
    </message>
    <message>
        <source>? open</source>
        <translation>? ouverte</translation>
    </message>
    <message>
        <source>■ settled</source>
        <translation>■ réglée</translation>
    </message>
    <message>
        <source>agrees with the steps now</source>
        <translation>s&apos;accorde maintenant avec les pas</translation>
    </message>
    <message>
        <source>as you said</source>
        <translation>comme vous l&apos;avez dit</translation>
    </message>
    <message>
        <source>Nothing is open at this line.</source>
        <translation>Rien n&apos;est ouvert à cette ligne.</translation>
    </message>
    <message>
        <source>Nothing is open any more: the dance is on the strips above.</source>
        <translation>Plus rien n&apos;est ouvert&#xa0;: la danse est sur les bandes au-dessus.</translation>
    </message>
    <message>
        <source>settle line %1 of the hand-out</source>
        <translation>régler la ligne %1 de la fiche</translation>
    </message>
    <message>
        <source>keep the rest of the hand-out as remarks</source>
        <translation>garder le reste de la fiche comme notes</translation>
    </message>
</context>
<context>
    <name>lc::app::Heading</name>
    <message>
        <source>New routine</source>
        <translation>Nouvelle chorégraphie</translation>
    </message>
    <message>
        <source>Title of the routine</source>
        <translation>Titre de la chorégraphie</translation>
    </message>
    <message>
        <source>What the routine is called; click to change it (Ctrl+T)</source>
        <translation>Comment s&apos;appelle la chorégraphie&#xa0;; clic pour changer (Ctrl+T)</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>sur «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>counted in %1</source>
        <translation>compté par %1</translation>
    </message>
</context>
<context>
    <name>lc::app::Help</name>
    <message>
        <source>Help</source>
        <translation>Aide</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Pages du manuel</translation>
    </message>
    <message>
        <source>The manual</source>
        <translation>Le manuel</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Retour</translation>
    </message>
    <message>
        <source>Forward</source>
        <translation>Suivant</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>The manual is not here. It lies in the folder docs/manual of the program&apos;s sources.</source>
        <translation>Le manuel n&apos;est pas là. Il est dans le dossier docs/manual des sources du programme.</translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation>À propos de Lift Count</translation>
    </message>
    <message>
        <source>Lift Count %1</source>
        <translation>Lift Count %1</translation>
    </message>
    <message>
        <source>Times counted step sequences against a song.</source>
        <translation>Mesure des suites de pas comptées sur un morceau.</translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation>Échauffez-vous, gardez de la place autour des kicks, reposez-vous entre deux danses entières. Un professeur qualifié et le règlement de la salle passent avant tout.</translation>
    </message>
    <message>
        <source>Licences of the program and of what ships with it</source>
        <translation>Licences du programme et de ce qui est livré avec</translation>
    </message>
    <message>
        <source>About Qt</source>
        <translation>À propos de Qt</translation>
    </message>
</context>
<context>
    <name>lc::app::JournalKeeper</name>
    <message>
        <source>What is not saved cannot be kept for the case that the program ends: %1 Work can go on; save it now and then.</source>
        <translation>Ce qui n&apos;est pas enregistré ne peut pas être gardé pour le cas où le programme s&apos;arrête&#xa0;: %1 On peut continuer&#xa0;; enregistrez de temps en temps.</translation>
    </message>
</context>
<context>
    <name>lc::app::KeptList</name>
    <message>
        <source>Bring back</source>
        <translation>Reprendre</translation>
    </message>
    <message>
        <source>Bring back: %1, %2</source>
        <translation>Reprendre&#xa0;: %1, %2</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Jeter</translation>
    </message>
    <message>
        <source>Throw away: %1, %2</source>
        <translation>Jeter&#xa0;: %1, %2</translation>
    </message>
</context>
<context>
    <name>lc::app::KeptWork</name>
    <message>
        <source>A routine without a title</source>
        <translation>Une chorégraphie sans titre</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Figure “%1”</source>
        <translation>Figure «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>%1, changes to “%2”</source>
        <translation>%1, changements de «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>“%1” was not saved when Lift Count ended: Routine, Unsaved work brings it back.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;était pas enregistré quand Lift Count s&apos;est arrêté&#xa0;: Chorégraphie, Travail non enregistré le reprend.</translation>
    </message>
    <message>
        <source>“%1” was saved again after this: save it under another name, to have both.</source>
        <translation>«&#xa0;%1&#xa0;» a été enregistré à nouveau depuis&#xa0;: enregistrez sous un autre nom pour avoir les deux.</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Travail non enregistré</translation>
    </message>
    <message>
        <source>Nothing was left unsaved.</source>
        <translation>Rien n&apos;est resté non enregistré.</translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended. Saved files are as they were.</source>
        <translation>Ce qui n&apos;était pas enregistré quand Lift Count s&apos;est arrêté. Les fichiers enregistrés sont comme ils étaient.</translation>
    </message>
    <message>
        <source>The routine has not been saved yet.</source>
        <translation>La chorégraphie n&apos;a pas encore été enregistrée.</translation>
    </message>
    <message>
        <source>No earlier version of “%1” is kept.</source>
        <translation>Aucune version antérieure de «&#xa0;%1&#xa0;» n&apos;est gardée.</translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation>Versions antérieures</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Bringing one back leaves the file as it is until you save; Undo takes it away again.</source>
        <translation>En reprendre une laisse le fichier tel quel jusqu&apos;à ce que vous enregistriez ; Annuler revient en arrière.</translation>
    </message>
</context>
<context>
    <name>lc::app::ListenStage</name>
    <message>
        <source>Open a song …</source>
        <translation>Ouvrir un morceau …</translation>
    </message>
    <message>
        <source>Choose a sound file, or a video with sound, and count it</source>
        <translation>Choisir un fichier son, ou une vidéo avec du son, et le compter</translation>
    </message>
    <message>
        <source>Find the song file …</source>
        <translation>Retrouver le fichier du morceau …</translation>
    </message>
    <message>
        <source>The same recording in another place</source>
        <translation>Le même enregistrement à un autre endroit</translation>
    </message>
    <message>
        <source>Carry the map to another recording …</source>
        <translation>Transporter la carte sur un autre enregistrement …</translation>
    </message>
    <message>
        <source>Another edit of the same song, or another recording: all that was said goes with it</source>
        <translation>Une autre version du même morceau, ou un autre enregistrement&#xa0;: tout ce qui a été dit suit</translation>
    </message>
    <message>
        <source>Tap along</source>
        <translation>Frapper les temps</translation>
    </message>
    <message>
        <source>Opens the strip for tapping; then each press is a tap</source>
        <translation>Ouvre la bande pour frapper&#xa0;; ensuite chaque appui est une frappe</translation>
    </message>
    <message>
        <source>This is a 1</source>
        <translation>Ceci est un 1</translation>
    </message>
    <message>
        <source>A bar and a set start at the caret</source>
        <translation>Une mesure et une série commencent au curseur</translation>
    </message>
    <message>
        <source>This bar has … beats</source>
        <translation>Cette mesure a … temps</translation>
    </message>
    <message>
        <source>Beats of the bar at the caret</source>
        <translation>Temps de la mesure au curseur</translation>
    </message>
    <message>
        <source>A phrase starts here</source>
        <translation>Une phrase commence ici</translation>
    </message>
    <message>
        <source>At the caret</source>
        <translation>Au curseur</translation>
    </message>
    <message>
        <source>Stop from here to …</source>
        <translation>Arrêt d&apos;ici à …</translation>
    </message>
    <message>
        <source>Silence, its counts going on; press again at its end</source>
        <translation>Silence, les comptes continuent&#xa0;; appuyez encore à la fin</translation>
    </message>
    <message>
        <source>Type the structure</source>
        <translation>Écrire la structure</translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place</source>
        <translation>Le morceau en texte, sans enregistrement ou à sa place</translation>
    </message>
    <message>
        <source>Mark a moment</source>
        <translation>Marquer un moment</translation>
    </message>
    <message>
        <source>A place with a name of your own, such as the big stop</source>
        <translation>Un endroit avec un nom à vous, comme le grand arrêt</translation>
    </message>
    <message>
        <source>Name this phrase</source>
        <translation>Nommer cette phrase</translation>
    </message>
    <message>
        <source>Type its name</source>
        <translation>Écrire son nom</translation>
    </message>
    <message>
        <source>More by hand</source>
        <translation>Plus à la main</translation>
    </message>
    <message>
        <source>No phrase starts here</source>
        <translation>Aucune phrase ne commence ici</translation>
    </message>
    <message>
        <source>It belongs to the phrase before</source>
        <translation>Cela appartient à la phrase d&apos;avant</translation>
    </message>
    <message>
        <source>A beat is here</source>
        <translation>Un temps est ici</translation>
    </message>
    <message>
        <source>Where the sound plays now, or at the caret</source>
        <translation>Où le son joue maintenant, ou au curseur</translation>
    </message>
    <message>
        <source>Every 1 a beat earlier</source>
        <translation>Chaque 1 un temps plus tôt</translation>
    </message>
    <message>
        <source>Shift the 1 of the whole song</source>
        <translation>Décaler le 1 de tout le morceau</translation>
    </message>
    <message>
        <source>Every 1 a beat later</source>
        <translation>Chaque 1 un temps plus tard</translation>
    </message>
    <message>
        <source>Half as many beats</source>
        <translation>Deux fois moins de temps</translation>
    </message>
    <message>
        <source>The pulse is half as fast</source>
        <translation>La pulsation est deux fois moins rapide</translation>
    </message>
    <message>
        <source>Twice as many beats</source>
        <translation>Deux fois plus de temps</translation>
    </message>
    <message>
        <source>The pulse is twice as fast</source>
        <translation>La pulsation est deux fois plus rapide</translation>
    </message>
    <message>
        <source>A held beat from here to …</source>
        <translation>Un temps tenu d&apos;ici à …</translation>
    </message>
    <message>
        <source>One beat that lasts longer than the tempo says</source>
        <translation>Un temps qui dure plus que ne dit le tempo</translation>
    </message>
    <message>
        <source>Another metre from here to …</source>
        <translation>Un autre mètre d&apos;ici à …</translation>
    </message>
    <message>
        <source>A part with bars of its own</source>
        <translation>Une partie avec ses propres mesures</translation>
    </message>
    <message>
        <source>Another tempo from here to …</source>
        <translation>Un autre tempo d&apos;ici à …</translation>
    </message>
    <message>
        <source>A part with a tempo of its own</source>
        <translation>Une partie avec son propre tempo</translation>
    </message>
    <message>
        <source>Every beat 5 ms earlier</source>
        <translation>Chaque temps 5 ms plus tôt</translation>
    </message>
    <message>
        <source>Where the clicks come a little late</source>
        <translation>Où les clics viennent un peu tard</translation>
    </message>
    <message>
        <source>Every beat 5 ms later</source>
        <translation>Chaque temps 5 ms plus tard</translation>
    </message>
    <message>
        <source>Where the clicks come a little early</source>
        <translation>Où les clics viennent un peu tôt</translation>
    </message>
    <message>
        <source>Forget everything that was said</source>
        <translation>Oublier tout ce qui a été dit</translation>
    </message>
    <message>
        <source>The song as it was heard; undo brings it back</source>
        <translation>Le morceau comme il a été entendu&#xa0;; Annuler le rétablit</translation>
    </message>
    <message>
        <source>Doubts</source>
        <translation>Doutes</translation>
    </message>
    <message>
        <source>The song has no doubts.</source>
        <translation>Le morceau n&apos;a pas de doutes.</translation>
    </message>
    <message>
        <source>Next doubt</source>
        <translation>Doute suivant</translation>
    </message>
    <message>
        <source>Go to its place</source>
        <translation>Aller à son endroit</translation>
    </message>
    <message>
        <source>Next reading</source>
        <translation>Lecture suivante</translation>
    </message>
    <message>
        <source>Of the doubt at hand</source>
        <translation>Du doute en cours</translation>
    </message>
    <message>
        <source>Hear the reading</source>
        <translation>Entendre la lecture</translation>
    </message>
    <message>
        <source>Four bars with clicks</source>
        <translation>Quatre mesures avec des clics</translation>
    </message>
    <message>
        <source>Accept the reading</source>
        <translation>Accepter la lecture</translation>
    </message>
    <message>
        <source>State it; the rest is worked out again around it</source>
        <translation>L&apos;indiquer&#xa0;; le reste est recalculé autour</translation>
    </message>
    <message>
        <source>Import a map …</source>
        <translation>Importer une carte …</translation>
    </message>
    <message>
        <source>MIDI, CSV or labels</source>
        <translation>MIDI, CSV ou étiquettes</translation>
    </message>
    <message>
        <source>Import lines of words …</source>
        <translation>Importer des paroles …</translation>
    </message>
    <message>
        <source>An LRC file; each line is a moment</source>
        <translation>Un fichier LRC&#xa0;; chaque ligne est un moment</translation>
    </message>
    <message>
        <source>For other programs</source>
        <translation>Pour d&apos;autres programmes</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exporter</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Écouter</translation>
    </message>
    <message>
        <source>The song</source>
        <translation>Le morceau</translation>
    </message>
    <message>
        <source>&amp;Song</source>
        <translation>&amp;Morceau</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Ouvrir un morceau</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>À la main</translation>
    </message>
    <message>
        <source>Tap the beats or the 1s while the song plays (T)</source>
        <translation>Frapper les temps ou les 1 pendant que le morceau joue (T)</translation>
    </message>
    <message>
        <source>A bar and a set start at the caret; the bars after it follow (1)</source>
        <translation>Une mesure et une série commencent au curseur&#xa0;; les mesures d&apos;après suivent (1)</translation>
    </message>
    <message>
        <source>The bar at the caret has this many beats (B)</source>
        <translation>La mesure au curseur a autant de temps (B)</translation>
    </message>
    <message>
        <source>This bar has …</source>
        <translation>Cette mesure a …</translation>
    </message>
    <message>
        <source>1 beat</source>
        <translation>1 temps</translation>
    </message>
    <message>
        <source>%1 beats</source>
        <translation>%1 temps</translation>
    </message>
    <message>
        <source>A phrase begins with the bar at the caret (H)</source>
        <translation>Une phrase commence avec la mesure au curseur (H)</translation>
    </message>
    <message>
        <source>Stop from, to</source>
        <translation>Arrêt de, à</translation>
    </message>
    <message>
        <source>A stop, a held beat, or a part with its own metre or tempo (S)</source>
        <translation>Un arrêt, un temps tenu, ou une partie avec son mètre ou son tempo (S)</translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place (Y)</source>
        <translation>Le morceau en texte, sans enregistrement ou à sa place (Y)</translation>
    </message>
    <message>
        <source>More …</source>
        <translation>Plus …</translation>
    </message>
    <message>
        <source>Everything else that can be said about the song</source>
        <translation>Tout le reste qu&apos;on peut dire du morceau</translation>
    </message>
    <message>
        <source>Metre</source>
        <translation>Mètre</translation>
    </message>
    <message>
        <source>Beats in a bar, for the whole song</source>
        <translation>Temps dans une mesure, pour tout le morceau</translation>
    </message>
    <message>
        <source>Counting the song …</source>
        <translation>Comptage du morceau …</translation>
    </message>
    <message>
        <source>Not counted yet</source>
        <translation>Pas encore compté</translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation>Pas encore de morceau</translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. Tap four beats or more while it plays, and it is counted from them; or type its phrases and their counts. It can be played as it is.</source>
        <translation>Aucune pulsation régulière n&apos;a été trouvée dans cet enregistrement. Frappez quatre temps ou plus pendant qu&apos;il joue, et il est compté d&apos;après eux&#xa0;; ou écrivez ses phrases et leurs comptes. On peut l&apos;écouter tel quel.</translation>
    </message>
    <message>
        <source>Drop a sound file on the window, or a video: it is counted into beats, bars and phrases. Or type the song&apos;s phrases and their counts.</source>
        <translation>Déposez un fichier son ou une vidéo sur la fenêtre&#xa0;: il est compté en temps, mesures et phrases. Ou écrivez les phrases du morceau et leurs comptes.</translation>
    </message>
    <message>
        <source>Phrase here</source>
        <translation>Phrase ici</translation>
    </message>
    <message>
        <source>Structure</source>
        <translation>Structure</translation>
    </message>
</context>
<context>
    <name>lc::app::MainWindow</name>
    <message>
        <source>Undo: %1</source>
        <translation>Annuler&#xa0;: %1</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Rétablir&#xa0;: %1</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Nothing here can be cut, copied or pasted. Choose passes, figures or text first.</source>
        <translation>Rien ici ne peut être coupé, copié ou collé. Choisissez d&apos;abord des passages, des figures ou du texte.</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>pas encore enregistré</translation>
    </message>
    <message>
        <source>The demo is not here. It lies in the folder demo of the program&apos;s sources.</source>
        <translation>La démonstration n&apos;est pas là. Elle est dans le dossier demo des sources du programme.</translation>
    </message>
    <message>
        <source>“%1” could not be kept in the vocabulary. Make room, or copy its line; close once more to leave without it.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;a pas pu être gardé dans le répertoire. Faites de la place, ou copiez sa ligne&#xa0;; fermez encore une fois pour partir sans.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. What is not saved is kept, and offered when you start Lift Count again.</source>
        <translation>Quelque chose a mal tourné qui ne devrait pas&#xa0;: %1. Ce qui n&apos;est pas enregistré est gardé, et proposé quand vous relancez Lift Count.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Save your work under another name and start Lift Count again.</source>
        <translation>Quelque chose a mal tourné qui ne devrait pas&#xa0;: %1. Enregistrez votre travail sous un autre nom et relancez Lift Count.</translation>
    </message>
    <message>
        <source>One file of a kind is opened at a time. Not opened: %1.</source>
        <translation>Un seul fichier de chaque sorte s&apos;ouvre à la fois. Pas ouverts&#xa0;: %1.</translation>
    </message>
    <message>
        <source>&amp;Routine</source>
        <translation>&amp;Chorégraphie</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Édition</translation>
    </message>
    <message>
        <source>&amp;Play</source>
        <translation>&amp;Jouer</translation>
    </message>
    <message>
        <source>F&amp;indings</source>
        <translation>C&amp;onstats</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>Affichag&amp;e</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>Ai&amp;de</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nouvelle</translation>
    </message>
    <message>
        <source>An empty routine</source>
        <translation>Une chorégraphie vide</translation>
    </message>
    <message>
        <source>Open a routine …</source>
        <translation>Ouvrir une chorégraphie …</translation>
    </message>
    <message>
        <source>A saved routine</source>
        <translation>Une chorégraphie enregistrée</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Récentes</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Ouvrir la démonstration</translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation>Une danse en ligne de la salle Quarry Bank sur son propre morceau</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Write the routine to its file</source>
        <translation>Écrire la chorégraphie dans son fichier</translation>
    </message>
    <message>
        <source>Save as …</source>
        <translation>Enregistrer sous …</translation>
    </message>
    <message>
        <source>Write the routine to another file</source>
        <translation>Écrire la chorégraphie dans un autre fichier</translation>
    </message>
    <message>
        <source>Title …</source>
        <translation>Titre …</translation>
    </message>
    <message>
        <source>What the routine is called</source>
        <translation>Comment s&apos;appelle la chorégraphie</translation>
    </message>
    <message>
        <source>Earlier versions …</source>
        <translation>Versions antérieures …</translation>
    </message>
    <message>
        <source>How the file was at its last saves</source>
        <translation>Comment était le fichier lors des derniers enregistrements</translation>
    </message>
    <message>
        <source>Unsaved work …</source>
        <translation>Travail non enregistré …</translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended</source>
        <translation>Ce qui n&apos;était pas enregistré quand Lift Count s&apos;est arrêté</translation>
    </message>
    <message>
        <source>Copy as text</source>
        <translation>Copier en texte</translation>
    </message>
    <message>
        <source>The whole routine as text, to be sent or kept</source>
        <translation>Toute la chorégraphie en texte, à envoyer ou garder</translation>
    </message>
    <message>
        <source>Paste a routine or a hand-out</source>
        <translation>Coller une chorégraphie ou une fiche</translation>
    </message>
    <message>
        <source>A routine or a hand-out that was copied as text, in the place of this one</source>
        <translation>Une chorégraphie ou une fiche copiée en texte, à la place de celle-ci</translation>
    </message>
    <message>
        <source>With counts together: 1-4 side, behind, side, touch</source>
        <translation>Avec les comptes réunis&#xa0;: 1-4 side, behind, side, touch</translation>
    </message>
    <message>
        <source>In words: side, behind, side, touch</source>
        <translation>En mots&#xa0;: side, behind, side, touch</translation>
    </message>
    <message>
        <source>In the notation: 1 side 2 behind 3 side 4 touch</source>
        <translation>En notation&#xa0;: 1 side 2 behind 3 side 4 touch</translation>
    </message>
    <message>
        <source>Title, sections, order, restarts and tags as text, for a mail or a page</source>
        <translation>Titre, sections, ordre, restarts et tags en texte, pour un courriel ou une page</translation>
    </message>
    <message>
        <source>Copy as a hand-out</source>
        <translation>Copier en fiche</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Close the window</source>
        <translation>Fermer la fenêtre</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Quitter</translation>
    </message>
    <message>
        <source>Close the window and end</source>
        <translation>Fermer la fenêtre et quitter</translation>
    </message>
    <message>
        <source>Take the last change back</source>
        <translation>Revenir sur le dernier changement</translation>
    </message>
    <message>
        <source>Make the change again</source>
        <translation>Refaire le changement</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Passes, figures or text, to be pasted</source>
        <translation>Des passages, des figures ou du texte, à coller</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copier</translation>
    </message>
    <message>
        <source>Passes, figures or text</source>
        <translation>Des passages, des figures ou du texte</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Coller</translation>
    </message>
    <message>
        <source>After what is chosen, or the pass at the caret</source>
        <translation>Après ce qui est choisi, ou le passage au curseur</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>What is chosen, or the pass at the caret</source>
        <translation>Ce qui est choisi, ou le passage au curseur</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Tout sélectionner</translation>
    </message>
    <message>
        <source>All passes, all figures of the part, all text</source>
        <translation>Tous les passages, toutes les figures de la partie, tout le texte</translation>
    </message>
    <message>
        <source>Write the line as it was read</source>
        <translation>Écrire la ligne comme elle a été lue</translation>
    </message>
    <message>
        <source>A line that is said in words, in the notation</source>
        <translation>Une ligne dite en mots, en notation</translation>
    </message>
    <message>
        <source>Go to a line of counts first (Ctrl+E).</source>
        <translation>Allez d&apos;abord à une ligne de comptes (Ctrl+E).</translation>
    </message>
    <message>
        <source>Preferences …</source>
        <translation>Préférences …</translation>
    </message>
    <message>
        <source>Theme, size of text, language, sound, paper, limits, keys</source>
        <translation>Thème, taille du texte, langue, son, papier, limites, touches</translation>
    </message>
    <message>
        <source>settings options configure keys shortcuts sound device volume latency paper language theme</source>
        <translation>réglages options touches raccourcis son périphérique volume latence papier langue thème settings</translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation>Tout faire</translation>
    </message>
    <message>
        <source>Find a command or a place</source>
        <translation>Trouver une commande ou un endroit</translation>
    </message>
    <message>
        <source>Play or pause</source>
        <translation>Jouer ou pause</translation>
    </message>
    <message>
        <source>From the caret</source>
        <translation>Depuis le curseur</translation>
    </message>
    <message>
        <source>Loop this pass</source>
        <translation>Boucler ce passage</translation>
    </message>
    <message>
        <source>The pass at the caret, or the phrase where there is no pass; again to stop</source>
        <translation>Le passage au curseur, ou la phrase où il n&apos;y a pas de passage&#xa0;; encore une fois pour arrêter</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Plus lent</translation>
    </message>
    <message>
        <source>By 5 %</source>
        <translation>De 5 %</translation>
    </message>
    <message>
        <source>speed tempo bpm</source>
        <translation>vitesse tempo bpm</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>Plus vite</translation>
    </message>
    <message>
        <source>Song&apos;s own tempo</source>
        <translation>Tempo propre du morceau</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
    <message>
        <source>Clicks on the counts</source>
        <translation>Clics sur les comptes</translation>
    </message>
    <message>
        <source>On or off</source>
        <translation>Oui ou non</translation>
    </message>
    <message>
        <source>metronome voice beat tick mute</source>
        <translation>métronome voix temps tic muet</translation>
    </message>
    <message>
        <source>Go to …</source>
        <translation>Aller à …</translation>
    </message>
    <message>
        <source>A pass, a phrase or a count</source>
        <translation>Un passage, une phrase ou un compte</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Page</translation>
    </message>
    <message>
        <source>A phrase a line, parts only</source>
        <translation>Une phrase par ligne, les parties seules</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Bande</translation>
    </message>
    <message>
        <source>Steps as marks</source>
        <translation>Les pas en marques</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Plein écran</translation>
    </message>
    <message>
        <source>Again to leave it</source>
        <translation>Encore une fois pour en sortir</translation>
    </message>
    <message>
        <source>Legend of the step marks</source>
        <translation>Légende des marques de pas</translation>
    </message>
    <message>
        <source>Show it or not</source>
        <translation>La montrer ou non</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Thème</translation>
    </message>
    <message>
        <source>dark bright light night colours look</source>
        <translation>sombre clair lumière nuit couleurs aspect dark</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Taille du texte</translation>
    </message>
    <message>
        <source>larger smaller zoom big letters font</source>
        <translation>plus grand petit zoom grosses lettres police</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>translation words English Deutsch français español</source>
        <translation>traduction mots English Deutsch français español language</translation>
    </message>
    <message>
        <source>Help for this stage</source>
        <translation>Aide de cet écran</translation>
    </message>
    <message>
        <source>The manual, at the page of the stage</source>
        <translation>Le manuel, à la page de l&apos;écran</translation>
    </message>
    <message>
        <source>manual documentation how</source>
        <translation>manuel documentation comment</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Premiers pas</translation>
    </message>
    <message>
        <source>From a song to a sheet in ten minutes</source>
        <translation>D&apos;un morceau à une feuille en dix minutes</translation>
    </message>
    <message>
        <source>begin start tutorial</source>
        <translation>début commencer tutoriel</translation>
    </message>
    <message>
        <source>Keys of the program</source>
        <translation>Touches du programme</translation>
    </message>
    <message>
        <source>Every command that has one</source>
        <translation>Chaque commande qui en a une</translation>
    </message>
    <message>
        <source>shortcuts</source>
        <translation>raccourcis</translation>
    </message>
    <message>
        <source>What the words mean</source>
        <translation>Ce que les mots veulent dire</translation>
    </message>
    <message>
        <source>Pass, set, restart, tag, landing and the others</source>
        <translation>Passage, série, restart, tag, tomber juste et les autres</translation>
    </message>
    <message>
        <source>glossary dictionary terms</source>
        <translation>glossaire dictionnaire termes</translation>
    </message>
    <message>
        <source>When something does not work</source>
        <translation>Quand quelque chose ne va pas</translation>
    </message>
    <message>
        <source>No sound, no map, slow, lost</source>
        <translation>Pas de son, pas de carte, lent, perdu</translation>
    </message>
    <message>
        <source>trouble problem error broken</source>
        <translation>panne problème erreur cassé</translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation>À propos de Lift Count</translation>
    </message>
    <message>
        <source>Its version, and the licences</source>
        <translation>Sa version, et les licences</translation>
    </message>
    <message>
        <source>version licence</source>
        <translation>version licence</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Nothing was saved or opened yet</source>
        <translation>Rien n&apos;a encore été enregistré ou ouvert</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Comme le système</translation>
    </message>
    <message>
        <source>Bright</source>
        <translation>Clair</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Sombre</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>count</source>
        <translation>compte</translation>
    </message>
    <message>
        <source>count %1</source>
        <translation>compte %1</translation>
    </message>
    <message>
        <source>Help: %1</source>
        <translation>Aide&#xa0;: %1</translation>
    </message>
    <message>
        <source>“%1” is open in another window, which has come to the front.</source>
        <translation>«&#xa0;%1&#xa0;» est ouvert dans une autre fenêtre, qui est passée devant.</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>passage</translation>
    </message>
</context>
<context>
    <name>lc::app::MendPanel</name>
    <message>
        <source>Edits of the music</source>
        <translation>Retouches de la musique</translation>
    </message>
    <message>
        <source>at most, in bars</source>
        <translation>au plus, en mesures</translation>
    </message>
    <message>
        <source>Bars that one cut or repeat takes at most</source>
        <translation>Mesures qu&apos;une coupe ou répétition prend au plus</translation>
    </message>
    <message>
        <source>a joint costs</source>
        <translation>une jonction coûte</translation>
    </message>
    <message>
        <source>Cost of a joint</source>
        <translation>Coût d&apos;une jonction</translation>
    </message>
    <message>
        <source>each bar costs</source>
        <translation>chaque mesure coûte</translation>
    </message>
    <message>
        <source>Cost of each bar left out or played again</source>
        <translation>Coût de chaque mesure laissée ou rejouée</translation>
    </message>
    <message>
        <source>I may change this recording</source>
        <translation>J&apos;ai le droit de changer cet enregistrement</translation>
    </message>
    <message>
        <source>Whoever has the rights in a recording says what may be done with it. You say that you may; the recording itself stays as it is.</source>
        <translation>Qui a les droits d&apos;un enregistrement dit ce qu&apos;on peut en faire. Vous dites que vous le pouvez&#xa0;; l&apos;enregistrement lui-même reste tel quel.</translation>
    </message>
    <message>
        <source>Hear the joint</source>
        <translation>Entendre la jonction</translation>
    </message>
    <message>
        <source>Some seconds before and after it; again the next joint</source>
        <translation>Quelques secondes avant et après&#xa0;; encore une fois pour la suivante</translation>
    </message>
    <message>
        <source>mend the music</source>
        <translation>retoucher la musique</translation>
    </message>
    <message>
        <source>The dance lands as it is: the music need not be mended.</source>
        <translation>La danse tombe juste telle quelle&#xa0;: il n&apos;y a rien à retoucher dans la musique.</translation>
    </message>
    <message>
        <source>The recording is not read yet, or not where it was: its joints can be heard and written when it is.</source>
        <translation>L&apos;enregistrement n&apos;est pas encore lu, ou pas où il était&#xa0;: ses jonctions pourront être entendues et écrites quand il le sera.</translation>
    </message>
    <message>
        <source>The dance stays as it is. Listen to every joint before you decide: the arithmetic does not hear the singer.</source>
        <translation>La danse reste telle quelle. Écoutez chaque jonction avant de décider&#xa0;: le calcul n&apos;entend pas le chant.</translation>
    </message>
    <message>
        <source>The dance stays as it is. There is no recording: only the song&apos;s structure is changed.</source>
        <translation>La danse reste telle quelle. Il n&apos;y a pas d&apos;enregistrement&#xa0;: seule la structure du morceau est changée.</translation>
    </message>
    <message>
        <source>Write the new song …</source>
        <translation>Écrire le nouveau morceau …</translation>
    </message>
    <message>
        <source>Take the new structure</source>
        <translation>Prendre la nouvelle structure</translation>
    </message>
    <message>
        <source>Say first that you may change this recording</source>
        <translation>Dites d&apos;abord que vous avez le droit de changer cet enregistrement</translation>
    </message>
    <message>
        <source>A new file with the joints faded on the beat, and its map beside it; it becomes the routine&apos;s song. The recording stays as it is.</source>
        <translation>Un nouveau fichier aux jonctions fondues sur le temps, et sa carte à côté&#xa0;; il devient le morceau de la chorégraphie. L&apos;enregistrement reste tel quel.</translation>
    </message>
    <message>
        <source>Joint %1 of %2.</source>
        <translation>Jonction %1 sur %2.</translation>
    </message>
    <message>
        <source>Write the mended song</source>
        <translation>Écrire le morceau retouché</translation>
    </message>
    <message>
        <source>%1 mended</source>
        <translation>%1 retouché</translation>
    </message>
    <message>
        <source>Sound (*.flac *.wav *.ogg)</source>
        <translation>Son (*.flac *.wav *.ogg)</translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Choose another name.</source>
        <translation>C&apos;est l&apos;enregistrement lui-même, qui reste tel quel. Choisissez un autre nom.</translation>
    </message>
    <message>
        <source>%1 is written, with its map in %2.</source>
        <translation>%1 est écrit, avec sa carte dans %2.</translation>
    </message>
    <message>
        <source>The routine was changed meanwhile, so its song stays. Open the new one from the Song menu.</source>
        <translation>La chorégraphie a changé entre-temps, son morceau reste donc. Ouvrez le nouveau depuis le menu Morceau.</translation>
    </message>
    <message>
        <source>%1, mended</source>
        <translation>%1, retouché</translation>
    </message>
</context>
<context>
    <name>lc::app::MessageLine</name>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>OK</source>
        <translation>OK</translation>
    </message>
    <message>
        <source>Working the song out again around what you said …</source>
        <translation>Le morceau est recalculé autour de ce que vous avez dit …</translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPage</name>
    <message>
        <source>The routine on its song, in miniature</source>
        <translation>La chorégraphie sur son morceau, en miniature</translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPages</name>
    <message>
        <source>Before and after, in miniature</source>
        <translation>Avant et après, en miniature</translation>
    </message>
    <message>
        <source>now: %1</source>
        <translation>maintenant&#xa0;: %1</translation>
    </message>
    <message>
        <source>then: %1</source>
        <translation>ensuite&#xa0;: %1</translation>
    </message>
</context>
<context>
    <name>lc::app::MomentPanel</name>
    <message>
        <source>A moment</source>
        <translation>Un moment</translation>
    </message>
    <message>
        <source>its name, such as “the big stop”</source>
        <translation>son nom, comme «&#xa0;le grand arrêt&#xa0;»</translation>
    </message>
    <message>
        <source>Name of the moment at the caret</source>
        <translation>Nom du moment au curseur</translation>
    </message>
    <message>
        <source>Kind of moment</source>
        <translation>Sorte de moment</translation>
    </message>
    <message>
        <source>Mark it</source>
        <translation>Le marquer</translation>
    </message>
    <message>
        <source>Accents of the routine can be bound to it (Enter)</source>
        <translation>Des accents de la chorégraphie peuvent y être liés (Entrée)</translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>à %1</translation>
    </message>
    <message>
        <source>Where the caret is, in your own words. Whole lines of words come from an LRC file: Song, Import lines of words.</source>
        <translation>Où est le curseur, avec vos mots. Des paroles entières viennent d&apos;un fichier LRC&#xa0;: Morceau, Importer des paroles.</translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation>Écrivez d&apos;abord un nom.</translation>
    </message>
</context>
<context>
    <name>lc::app::NotationEdit</name>
    <message>
        <source>%1, L free</source>
        <translation>%1, G libre</translation>
    </message>
    <message>
        <source>%1, R free</source>
        <translation>%1, D libre</translation>
    </message>
    <message>
        <source>%1; Tab goes on with “%2”</source>
        <translation>%1&#xa0;; Tab continue par «&#xa0;%2&#xa0;»</translation>
    </message>
    <message>
        <source>%1   ↓ %2 more</source>
        <translation>%1   ↓ %2 de plus</translation>
    </message>
</context>
<context>
    <name>lc::app::PartChain</name>
    <message>
        <source>part %1</source>
        <translation>partie %1</translation>
    </message>
    <message>
        <source>A figure to put at the caret</source>
        <translation>Une figure à mettre au curseur</translation>
    </message>
    <message>
        <source>type a figure</source>
        <translation>écrire une figure</translation>
    </message>
    <message>
        <source>Type a figure&apos;s name and press Enter: it comes after the chosen figure. Names of the routine and the vocabulary are offered; a new name makes a new figure (Ctrl+I)</source>
        <translation>Écrivez le nom d&apos;une figure et appuyez sur Entrée&#xa0;: elle vient après celle choisie. Les noms de la chorégraphie et du répertoire sont proposés&#xa0;; un nouveau nom fait une nouvelle figure (Ctrl+I)</translation>
    </message>
    <message>
        <source>typed steps</source>
        <translation>pas écrits</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation>%1, autre côté</translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation>%1, échangé</translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation>%1, dans %2</translation>
    </message>
    <message>
        <source>%1, %2, from count %3 of part %4</source>
        <translation>%1, %2, dès le compte %3 de la partie %4</translation>
    </message>
    <message>
        <source>
Arrows go on, Shift chooses several, Ctrl+arrows move, Delete takes out; the other ways of dancing it are in the menu of the right button</source>
        <translation>
Les flèches avancent, Maj en choisit plusieurs, Ctrl+flèches déplacent, Suppr retire&#xa0;; les autres façons de la danser sont dans le menu du bouton droit</translation>
    </message>
    <message>
        <source>%1 is a new figure: type its steps below. If another was meant, undo and choose it from those offered.</source>
        <translation>%1 est une nouvelle figure&#xa0;: écrivez ses pas en dessous. Si une autre était voulue, annulez et choisissez-la parmi celles proposées.</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>placer %1</translation>
    </message>
    <message>
        <source>Choose a figure of the part first: click it, or go to it with Tab and the arrows.</source>
        <translation>Choisissez d&apos;abord une figure de la partie&#xa0;: cliquez dessus, ou allez-y avec Tab et les flèches.</translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation>de l&apos;autre côté</translation>
    </message>
    <message>
        <source>exchange roles</source>
        <translation>échanger les rôles</translation>
    </message>
    <message>
        <source>in bars of %1</source>
        <translation>en mesures de %1</translation>
    </message>
    <message>
        <source>Repeat it</source>
        <translation>La répéter</translation>
    </message>
    <message>
        <source>Dance it to the other side</source>
        <translation>La danser de l&apos;autre côté</translation>
    </message>
    <message>
        <source>Partners exchange lines</source>
        <translation>Les partenaires échangent leurs lignes</translation>
    </message>
    <message>
        <source>Reverse the order of those chosen</source>
        <translation>Inverser l&apos;ordre de celles choisies</translation>
    </message>
    <message>
        <source>Reverse the order of the part</source>
        <translation>Inverser l&apos;ordre de la partie</translation>
    </message>
    <message>
        <source>Version</source>
        <translation>Version</translation>
    </message>
    <message>
        <source>another version</source>
        <translation>une autre version</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>comme écrit</translation>
    </message>
    <message>
        <source>In bars of</source>
        <translation>En mesures de</translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 comptes</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>La retirer</translation>
    </message>
</context>
<context>
    <name>lc::app::PartEditor</name>
    <message>
        <source>%1, %2 weight changes, starts %3, then %4 free</source>
        <translation>%1, %2 changements d&apos;appui, commence %3, puis %4 libre</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>l&apos;un ou l&apos;autre pied</translation>
    </message>
    <message>
        <source>%1, turns %2</source>
        <translation>%1, tourne %2</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Figures</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Ordre</translation>
    </message>
    <message>
        <source>Order of the parts</source>
        <translation>Ordre des parties</translation>
    </message>
    <message>
        <source>the parts in the order they are danced, for example A A B A or A x8</source>
        <translation>les parties dans l&apos;ordre dansé, par exemple A A B A ou A x8</translation>
    </message>
    <message>
        <source>The order of the parts, one pass each; A x4 repeats (Ctrl+R)</source>
        <translation>L&apos;ordre des parties, un passage chacune&#xa0;; A x4 répète (Ctrl+R)</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>commence sur</translation>
    </message>
    <message>
        <source>Where the dance starts</source>
        <translation>Où la danse commence</translation>
    </message>
    <message>
        <source>%1, danced once. Its lines are changed wherever it stands.</source>
        <translation>%1, dansée une fois. Ses lignes changent partout où elle est.</translation>
    </message>
    <message>
        <source>%1, danced %2 times. Its lines are changed wherever it stands.</source>
        <translation>%1, dansée %2 fois. Ses lignes changent partout où elle est.</translation>
    </message>
    <message>
        <source>Part %1: %2. Choose a figure to see and change its lines.</source>
        <translation>Partie %1&#xa0;: %2. Choisissez une figure pour voir et changer ses lignes.</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Partie</translation>
    </message>
    <message>
        <source>Show part %1 to type its counts</source>
        <translation>Montrer la partie %1 pour écrire ses comptes</translation>
    </message>
    <message>
        <source>New part</source>
        <translation>Nouvelle partie</translation>
    </message>
    <message>
        <source>Add a part with the next free letter</source>
        <translation>Ajouter une partie avec la prochaine lettre libre</translation>
    </message>
    <message>
        <source>Copy part</source>
        <translation>Copier la partie</translation>
    </message>
    <message>
        <source>A part with the same figures, to be changed</source>
        <translation>Une partie avec les mêmes figures, à changer</translation>
    </message>
    <message>
        <source>Remove part</source>
        <translation>Enlever la partie</translation>
    </message>
    <message>
        <source>Take this part and its passes out; Undo brings them back</source>
        <translation>Retirer cette partie et ses passages&#xa0;; Annuler les rétablit</translation>
    </message>
    <message>
        <source>Add a role</source>
        <translation>Ajouter un rôle</translation>
    </message>
    <message>
        <source>Another line: leader and follower, or rows</source>
        <translation>Une autre ligne&#xa0;: leader et follower, ou rangs</translation>
    </message>
    <message>
        <source>role follower</source>
        <translation>rôle follower</translation>
    </message>
    <message>
        <source>Remove the last role</source>
        <translation>Enlever le dernier rôle</translation>
    </message>
    <message>
        <source>Take the last line out; Undo brings it back</source>
        <translation>Retirer la dernière ligne&#xa0;; Annuler la rétablit</translation>
    </message>
    <message>
        <source>Name of this role; click to change it</source>
        <translation>Nom de ce rôle&#xa0;; clic pour changer</translation>
    </message>
    <message>
        <source>Name of role %1</source>
        <translation>Nom du rôle %1</translation>
    </message>
    <message>
        <source>Counts of %1</source>
        <translation>Comptes de %1</translation>
    </message>
    <message>
        <source>the counts as you say them, for example 1 side R 2 behind L 3 side R 4 touch</source>
        <translation>les comptes comme vous les dites, par exemple 1 side R 2 behind L 3 side R 4 touch</translation>
    </message>
    <message>
        <source>Counts with words, L or R, touch, wait, &amp; and a, turns such as 1/4 R (Ctrl+E)</source>
        <translation>Des comptes avec des mots, L ou R, touch, wait, &amp; et a, des tours comme 1/4 R (Ctrl+E)</translation>
    </message>
    <message>
        <source>◆ character %1: %2</source>
        <translation>◆ caractère %1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Type what you say while you dance. Numbers that are left out are waits.</source>
        <translation>Écrivez ce que vous dites en dansant. Les nombres omis sont des attentes.</translation>
    </message>
    <message>
        <source>%1. Read as: %2 (F12 writes it so)</source>
        <translation>%1. Lu comme&#xa0;: %2 (F12 l&apos;écrit ainsi)</translation>
    </message>
    <message>
        <source>? %1 %2</source>
        <translation>? %1 %2</translation>
    </message>
    <message>
        <source>the first phrase</source>
        <translation>la première phrase</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>the count at the caret</source>
        <translation>le compte au curseur</translation>
    </message>
</context>
<context>
    <name>lc::app::PassList</name>
    <message>
        <source>Passes</source>
        <translation>Passages</translation>
    </message>
</context>
<context>
    <name>lc::app::PassModel</name>
    <message>
        <source>by the music</source>
        <translation>par la musique</translation>
    </message>
    <message>
        <source>Counts after which this pass is cut; empty = danced whole. Double-click or F2 in the list to type.</source>
        <translation>Comptes après lesquels ce passage est coupé&#xa0;; vide = dansé en entier. Double-clic ou F2 dans la liste pour écrire.</translation>
    </message>
    <message>
        <source>Extra counts after this pass; empty = none. Double-click or F2 in the list to type.</source>
        <translation>Comptes de plus après ce passage&#xa0;; vide = aucun. Double-clic ou F2 dans la liste pour écrire.</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>passage</translation>
    </message>
    <message>
        <source>part</source>
        <translation>partie</translation>
    </message>
    <message>
        <source>starts</source>
        <translation>commence</translation>
    </message>
    <message>
        <source>count</source>
        <translation>compte</translation>
    </message>
    <message>
        <source>music</source>
        <translation>musique</translation>
    </message>
    <message>
        <source>running</source>
        <translation>compte qui court</translation>
    </message>
    <message>
        <source>phrase</source>
        <translation>phrase</translation>
    </message>
    <message>
        <source>counts in</source>
        <translation>comptes dedans</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>face</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>pied libre</translation>
    </message>
    <message>
        <source>danced</source>
        <translation>dansé</translation>
    </message>
    <message>
        <source>restart after</source>
        <translation>restart après</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>differs</source>
        <translation>diffère</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>tombe</translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation>ce qui distingue un passage</translation>
    </message>
</context>
<context>
    <name>lc::app::PassPanel</name>
    <message>
        <source>This pass</source>
        <translation>Ce passage</translation>
    </message>
    <message>
        <source>What makes this pass differ, a line each</source>
        <translation>Ce qui distingue ce passage, une ligne chacun</translation>
    </message>
    <message>
        <source>as written. What differs: restart after 16, tag of 4, mirrored …</source>
        <translation>comme écrit. Ce qui diffère&#xa0;: restart after 16, tag of 4, mirrored …</translation>
    </message>
    <message>
        <source>A line each: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Ctrl+J)</source>
        <translation>Une ligne chacun&#xa0;: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Ctrl+J)</translation>
    </message>
    <message>
        <source>Bind to the music</source>
        <translation>Lier à la musique</translation>
    </message>
    <message>
        <source>The line at the text cursor then stays with its place in the song, whichever pass is danced there</source>
        <translation>La ligne au curseur de texte reste alors à son endroit du morceau, quel que soit le passage qu&apos;on y danse</translation>
    </message>
    <message>
        <source>Opening stance</source>
        <translation>Position de départ</translation>
    </message>
    <message>
        <source>opening: leader: left free, facing 12</source>
        <translation>départ&#xa0;: leader: left free, facing 12</translation>
    </message>
    <message>
        <source>How the first pass begins, a role each with semicolons between: leader: right free, facing 3; couple: closed, L-R</source>
        <translation>Comment commence le premier passage, un rôle chacun, séparés par des points-virgules&#xa0;: leader: right free, facing 3; couple: closed, L-R</translation>
    </message>
    <message>
        <source>What dancers remember it by</source>
        <translation>Ce qui le rappelle aux danseurs</translation>
    </message>
    <message>
        <source>remembered by …</source>
        <translation>rappelé par …</translation>
    </message>
    <message>
        <source>What dancers remember it by; it stands on the sheet. Marks of this place are offered</source>
        <translation>Ce qui le rappelle aux danseurs&#xa0;; c&apos;est sur la feuille. Les repères de cet endroit sont proposés</translation>
    </message>
    <message>
        <source>No pass yet</source>
        <translation>Pas encore de passage</translation>
    </message>
    <message>
        <source>Place a figure in a part, or type the order of the parts.</source>
        <translation>Placez une figure dans une partie, ou écrivez l&apos;ordre des parties.</translation>
    </message>
    <message>
        <source>Pass %1, part %2</source>
        <translation>Passage %1, partie %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, facing %2, %3 foot free</source>
        <translation>%1, face à %2, pied %3 libre</translation>
    </message>
    <message>
        <source>%1, places %2</source>
        <translation>%1, places %2</translation>
    </message>
    <message>
        <source>%1; the music says %2, the dancers who count on %3</source>
        <translation>%1&#xa0;; la musique dit %2, les danseurs qui continuent disent %3</translation>
    </message>
    <message>
        <source>This pass has nothing that could be bound. Type what differs first.</source>
        <translation>Ce passage n&apos;a rien qui puisse être lié. Écrivez d&apos;abord ce qui diffère.</translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation>lier à la musique</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>Bind to this pass</source>
        <translation>Lier à ce passage</translation>
    </message>
    <message>
        <source>It then stays with this pass wherever it is danced</source>
        <translation>Cela reste alors avec ce passage où qu&apos;il soit dansé</translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation>garder avec le passage</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Retirer</translation>
    </message>
    <message>
        <source>Takes it out of the music; Undo brings it back</source>
        <translation>Le retire de la musique&#xa0;; Annuler le rétablit</translation>
    </message>
</context>
<context>
    <name>lc::app::PlainTable</name>
    <message>
        <source>Your own limit; empty for none. The program knows none of its own.</source>
        <translation>Votre limite&#xa0;; vide pour aucune. Le programme n&apos;en connaît pas de lui-même.</translation>
    </message>
    <message>
        <source>“%1” is not a limit. Write a number above 0, or leave it empty.</source>
        <translation>«&#xa0;%1&#xa0;» n&apos;est pas une limite. Écrivez un nombre au-dessus de 0, ou laissez vide.</translation>
    </message>
</context>
<context>
    <name>lc::app::PlanSettings</name>
    <message>
        <source>What plans may do, and what it costs</source>
        <translation>Ce que les plans peuvent faire, et ce que cela coûte</translation>
    </message>
    <message>
        <source>Allowed</source>
        <translation>Permis</translation>
    </message>
    <message>
        <source>restarts</source>
        <translation>restarts</translation>
    </message>
    <message>
        <source>May passes be cut, after each figure and each set?</source>
        <translation>Les passages peuvent-ils être coupés, après chaque figure et chaque série&#xa0;?</translation>
    </message>
    <message>
        <source>tags of</source>
        <translation>tags de</translation>
    </message>
    <message>
        <source>Waits after a pass: counts with commas; empty = none</source>
        <translation>Attentes après un passage&#xa0;: comptes séparés par des virgules&#xa0;; vide = aucune</translation>
    </message>
    <message>
        <source>bridges of</source>
        <translation>ponts de</translation>
    </message>
    <message>
        <source>Waits after a figure inside a pass: counts with commas; empty = none</source>
        <translation>Attentes après une figure dans un passage&#xa0;: comptes séparés par des virgules&#xa0;; vide = aucune</translation>
    </message>
    <message>
        <source>wait at the start</source>
        <translation>attente au début</translation>
    </message>
    <message>
        <source>Before the dance begins: counts with commas; empty = none</source>
        <translation>Avant que la danse commence&#xa0;: comptes séparés par des virgules&#xa0;; vide = aucune</translation>
    </message>
    <message>
        <source>a figure left out or twice</source>
        <translation>une figure laissée ou dansée deux fois</translation>
    </message>
    <message>
        <source>One figure of a whole pass</source>
        <translation>Une figure d&apos;un passage entier</translation>
    </message>
    <message>
        <source>a figure in a version</source>
        <translation>une figure dans une version</translation>
    </message>
    <message>
        <source>One figure of a whole pass danced in a version that it has</source>
        <translation>Une figure d&apos;un passage entier dansée dans une version qu&apos;elle a</translation>
    </message>
    <message>
        <source>bars as the music has them</source>
        <translation>mesures comme la musique les a</translation>
    </message>
    <message>
        <source>Where bars of the music are shorter than usual, figures may follow them</source>
        <translation>Où des mesures sont plus courtes que d&apos;habitude, des figures peuvent les suivre</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
    <message>
        <source>Figures that may be danced after a pass</source>
        <translation>Figures qui peuvent être dansées après un passage</translation>
    </message>
    <message>
        <source>Figures of the routine that may be danced after a pass, as a tag</source>
        <translation>Figures de la chorégraphie qui peuvent être dansées après un passage, en tag</translation>
    </message>
    <message>
        <source>figures as tags</source>
        <translation>figures en tags</translation>
    </message>
    <message>
        <source>an opening</source>
        <translation>une ouverture</translation>
    </message>
    <message>
        <source>A part that may be danced before the first pass</source>
        <translation>Une partie qui peut être dansée avant le premier passage</translation>
    </message>
    <message>
        <source>an ending</source>
        <translation>une fin</translation>
    </message>
    <message>
        <source>A part that may be danced at the end of the music</source>
        <translation>Une partie qui peut être dansée à la fin de la musique</translation>
    </message>
    <message>
        <source>facing at the end</source>
        <translation>orientation à la fin</translation>
    </message>
    <message>
        <source>The facing that is wanted when the music ends; what another one costs stands below</source>
        <translation>L&apos;orientation voulue quand la musique finit&#xa0;; le coût d&apos;une autre est en dessous</translation>
    </message>
    <message>
        <source>Costs</source>
        <translation>Coûts</translation>
    </message>
    <message>
        <source>the wrong foot is allowed</source>
        <translation>le mauvais pied est permis</translation>
    </message>
    <message>
        <source>Otherwise no plan leaves the weight on the foot that the next pass needs</source>
        <translation>Sinon aucun plan ne laisse le poids sur le pied que le passage suivant demande</translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation>le mauvais pied</translation>
    </message>
    <message>
        <source>Cost: %1</source>
        <translation>Coût&#xa0;: %1</translation>
    </message>
    <message>
        <source>0 = it costs nothing; the higher, the more is done to avoid it</source>
        <translation>0 = cela ne coûte rien&#xa0;; plus c&apos;est haut, plus on l&apos;évite</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>partie %1</translation>
    </message>
    <message>
        <source>any</source>
        <translation>toutes</translation>
    </message>
</context>
<context>
    <name>lc::app::PlansPanel</name>
    <message>
        <source>Make it land</source>
        <translation>Faire tomber juste</translation>
    </message>
    <message>
        <source>for</source>
        <translation>pour</translation>
    </message>
    <message>
        <source>For whom the plans are</source>
        <translation>Pour qui sont les plans</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Options</translation>
    </message>
    <message>
        <source>What plans may do, what is wanted at the end, and what everything costs</source>
        <translation>Ce que les plans peuvent faire, ce qui est voulu à la fin, et ce que tout coûte</translation>
    </message>
    <message>
        <source>Start here</source>
        <translation>Commencer ici</translation>
    </message>
    <message>
        <source>The pass whose start lies nearest to the caret begins there in every plan; again frees it</source>
        <translation>Le passage dont le début est le plus près du curseur y commence dans chaque plan&#xa0;; encore une fois le libère</translation>
    </message>
    <message>
        <source>Hold the pass</source>
        <translation>Garder le passage</translation>
    </message>
    <message>
        <source>The pass at the caret stays as the chosen plan has it, and the rest is planned anew; again frees it</source>
        <translation>Le passage au curseur reste comme le plan choisi l&apos;a, et le reste est replanifié&#xa0;; encore une fois le libère</translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation>Il n&apos;y a pas de passage au curseur. Cliquez sur un compte dansé.</translation>
    </message>
    <message>
        <source>a plan that lands</source>
        <translation>un plan qui tombe juste</translation>
    </message>
    <message>
        <source>(gone)</source>
        <translation>(disparu)</translation>
    </message>
    <message>
        <source>Free it again</source>
        <translation>Le libérer</translation>
    </message>
    <message>
        <source>pass %1 held as planned</source>
        <translation>passage %1 gardé comme planifié</translation>
    </message>
    <message>
        <source>pass %1 as it is</source>
        <translation>passage %1 tel quel</translation>
    </message>
    <message>
        <source>pass %1 starts on %2</source>
        <translation>passage %1 commence sur %2</translation>
    </message>
    <message>
        <source>Every pass lands as it is.</source>
        <translation>Chaque passage tombe juste tel quel.</translation>
    </message>
    <message>
        <source>What is kept costs nothing.</source>
        <translation>Ce qui est gardé ne coûte rien.</translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation>Ce qui est gardé coûte %1.</translation>
    </message>
    <message>
        <source>The chosen plan does not dance that pass.</source>
        <translation>Le plan choisi ne danse pas ce passage.</translation>
    </message>
</context>
<context>
    <name>lc::app::Preferences</name>
    <message>
        <source>Preferences</source>
        <translation>Préférences</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Look and words</source>
        <translation>Aspect et mots</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Thème</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Comme le système</translation>
    </message>
    <message>
        <source>Bright</source>
        <translation>Clair</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Sombre</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Taille du texte</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Son</translation>
    </message>
    <message>
        <source>Played by</source>
        <translation>Joué par</translation>
    </message>
    <message>
        <source>The system&apos;s own output</source>
        <translation>La sortie du système</translation>
    </message>
    <message>
        <source>From the next time that it plays</source>
        <translation>Dès la prochaine lecture</translation>
    </message>
    <message>
        <source>Volume</source>
        <translation>Volume</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>The sound comes late by</source>
        <translation>Le son vient en retard de</translation>
    </message>
    <message>
        <source>More than the device says: loudspeakers without a cable take a fifth of a second and more</source>
        <translation>Plus que ne dit l&apos;appareil&#xa0;: des haut-parleurs sans fil prennent un cinquième de seconde et plus</translation>
    </message>
    <message>
        <source>Taps come late by</source>
        <translation>Les frappes viennent en retard de</translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation>Ce que prennent le son jusqu&apos;à l&apos;oreille et la main jusqu&apos;à la touche ensemble&#xa0;; appris de frappes qui s&apos;accordent à un morceau</translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation>Gardez la musique à un volume confortable.</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Feuilles</translation>
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
        <translation>Vos propres limites</translation>
    </message>
    <message>
        <source>Quickest step, in seconds</source>
        <translation>Pas le plus rapide, en secondes</translation>
    </message>
    <message>
        <source>Fastest turn, in degrees a second</source>
        <translation>Tour le plus rapide, en degrés par seconde</translation>
    </message>
    <message>
        <source>They only warn. A qualified teacher and the rules of the house come first.</source>
        <translation>Elles avertissent seulement. Un professeur qualifié et le règlement de la salle passent avant tout.</translation>
    </message>
    <message>
        <source>Where things are</source>
        <translation>Où sont les choses</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>The folder of the vocabulary, of unsaved work and of earlier versions</source>
        <translation>Le dossier du répertoire, du travail non enregistré et des versions antérieures</translation>
    </message>
    <message>
        <source>Vocabulary, unsaved work, versions</source>
        <translation>Répertoire, travail non enregistré, versions</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Touches</translation>
    </message>
    <message>
        <source>Search the keys</source>
        <translation>Chercher parmi les touches</translation>
    </message>
    <message>
        <source>a command or a key, such as restart or Ctrl+K</source>
        <translation>une commande ou une touche, comme restart ou Ctrl+K</translation>
    </message>
    <message>
        <source>key</source>
        <translation>touche</translation>
    </message>
    <message>
        <source>command</source>
        <translation>commande</translation>
    </message>
    <message>
        <source>menu</source>
        <translation>menu</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Commandes et leurs touches</translation>
    </message>
    <message>
        <source>Another key for the chosen command</source>
        <translation>Une autre touche pour la commande choisie</translation>
    </message>
    <message>
        <source>Press the key that it is to have</source>
        <translation>Appuyez sur la touche qu&apos;elle doit avoir</translation>
    </message>
    <message>
        <source>Use this key</source>
        <translation>Prendre cette touche</translation>
    </message>
    <message>
        <source>The chosen command has it from now on</source>
        <translation>La commande choisie l&apos;a désormais</translation>
    </message>
    <message>
        <source>The usual one</source>
        <translation>L&apos;habituelle</translation>
    </message>
    <message>
        <source>The key that the program gives it</source>
        <translation>La touche que le programme lui donne</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Aucun</translation>
    </message>
    <message>
        <source>It stays in the menu and in the box</source>
        <translation>Elle reste dans le menu et dans le champ de recherche</translation>
    </message>
    <message>
        <source>Take it from there</source>
        <translation>La prendre de là</translation>
    </message>
    <message>
        <source>%1 is the key of “%2”, which has none then.</source>
        <translation>%1 est la touche de «&#xa0;%2&#xa0;», qui n&apos;en a alors plus.</translation>
    </message>
    <message>
        <source>%1 is the key of “%2”. Give that one another key first.</source>
        <translation>%1 est la touche de «&#xa0;%2&#xa0;». Donnez-lui d&apos;abord une autre touche.</translation>
    </message>
</context>
<context>
    <name>lc::app::Program</name>
    <message>
        <source>there is not enough memory</source>
        <translation>il n&apos;y a pas assez de mémoire</translation>
    </message>
</context>
<context>
    <name>lc::app::ProposalsPage</name>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Back to the findings; nothing is changed (Esc)</source>
        <translation>Retour aux constats&#xa0;; rien n&apos;est changé (Échap)</translation>
    </message>
    <message>
        <source>Proposals, the best first</source>
        <translation>Propositions, la meilleure d&apos;abord</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Appliquer</translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation>Le faire (Ctrl+Entrée)&#xa0;; Annuler revient en arrière</translation>
    </message>
    <message>
        <source>This is how the routine is already.</source>
        <translation>La chorégraphie est déjà ainsi.</translation>
    </message>
</context>
<context>
    <name>lc::app::Rail</name>
    <message>
        <source>Stages</source>
        <translation>Écrans</translation>
    </message>
    <message>
        <source>Legend</source>
        <translation>Légende</translation>
    </message>
    <message>
        <source>Legend  ?</source>
        <translation>Légende  ?</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation>%1 ouverts</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>commencé</translation>
    </message>
</context>
<context>
    <name>lc::app::RankPanel</name>
    <message>
        <source>Which song for this dance, which dance for this song</source>
        <translation>Quel morceau pour cette danse, quelle danse pour ce morceau</translation>
    </message>
    <message>
        <source>Songs of a folder …</source>
        <translation>Morceaux d&apos;un dossier …</translation>
    </message>
    <message>
        <source>Which of them suits this dance best: recordings, routines with a song, MIDI files, structures as text</source>
        <translation>Lequel convient le mieux à cette danse&#xa0;: enregistrements, chorégraphies avec un morceau, fichiers MIDI, structures en texte</translation>
    </message>
    <message>
        <source>Dances of a folder …</source>
        <translation>Danses d&apos;un dossier …</translation>
    </message>
    <message>
        <source>Which of these routines suits this song best</source>
        <translation>Laquelle de ces chorégraphies convient le mieux à ce morceau</translation>
    </message>
    <message>
        <source>danced as</source>
        <translation>dansé comme</translation>
    </message>
    <message>
        <source>Dance family whose tempo is wanted</source>
        <translation>Famille de danse dont on veut le tempo</translation>
    </message>
    <message>
        <source>any tempo</source>
        <translation>tout tempo</translation>
    </message>
    <message>
        <source>%1, %2 to %3 bpm</source>
        <translation>%1, %2 à %3 bpm</translation>
    </message>
    <message>
        <source>Try it</source>
        <translation>L&apos;essayer</translation>
    </message>
    <message>
        <source>The chosen song is opened for this dance, or the chosen dance is opened</source>
        <translation>Le morceau choisi est ouvert pour cette danse, ou la danse choisie est ouverte</translation>
    </message>
    <message>
        <source>Save the table …</source>
        <translation>Enregistrer le tableau …</translation>
    </message>
    <message>
        <source>As CSV</source>
        <translation>En CSV</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>What was read so far stays</source>
        <translation>Ce qui est déjà lu reste</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation>Où cela en est</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nom</translation>
    </message>
    <message>
        <source>bpm</source>
        <translation>bpm</translation>
    </message>
    <message>
        <source>metre</source>
        <translation>mètre</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>tempo</translation>
    </message>
    <message>
        <source>exceptions</source>
        <translation>exceptions</translation>
    </message>
    <message>
        <source>misses</source>
        <translation>manqués</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>coût</translation>
    </message>
    <message>
        <source>stops</source>
        <translation>arrêts</translation>
    </message>
    <message>
        <source>last pass</source>
        <translation>dernier passage</translation>
    </message>
    <message>
        <source>note</source>
        <translation>note</translation>
    </message>
    <message>
        <source>The best fit first</source>
        <translation>Le plus adapté d&apos;abord</translation>
    </message>
    <message>
        <source>A folder of songs</source>
        <translation>Un dossier de morceaux</translation>
    </message>
    <message>
        <source>A folder of routines</source>
        <translation>Un dossier de chorégraphies</translation>
    </message>
    <message>
        <source>Choose a folder: each song is planned for this dance with what the plans may do, and the tempo counts too. Recordings are heard once and remembered.</source>
        <translation>Choisissez un dossier&#xa0;: chaque morceau est planifié pour cette danse avec ce que les plans peuvent faire, et le tempo compte aussi. Les enregistrements sont entendus une fois et retenus.</translation>
    </message>
    <message>
        <source>There is no song in %1: no recording, routine, MIDI file or text.</source>
        <translation>Il n&apos;y a pas de morceau dans %1&#xa0;: ni enregistrement, ni chorégraphie, ni fichier MIDI, ni texte.</translation>
    </message>
    <message>
        <source>There is no routine in %1.</source>
        <translation>Il n&apos;y a pas de chorégraphie dans %1.</translation>
    </message>
    <message>
        <source>The dance was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation>La danse a changé depuis&#xa0;: voici comment ils lui allaient avant. Choisissez le dossier à nouveau.</translation>
    </message>
    <message>
        <source>The song was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation>Le morceau a changé depuis&#xa0;: voici comment elles lui allaient avant. Choisissez le dossier à nouveau.</translation>
    </message>
    <message>
        <source>%1 of %2 read.</source>
        <translation>%1 sur %2 lus.</translation>
    </message>
    <message>
        <source>Stopped: %1 of %2 read.</source>
        <translation>Arrêté&#xa0;: %1 sur %2 lus.</translation>
    </message>
    <message numerus="yes">
        <source>%n in all, the best fit first: by what has to be changed, and each per cent of tempo.</source>
        <translation>
            <numerusform>%n en tout, le plus adapté d&apos;abord&#xa0;: selon ce qu&apos;il faut changer, et chaque pour cent de tempo.</numerusform>
            <numerusform>%n en tout, le plus adapté d&apos;abord&#xa0;: selon ce qu&apos;il faut changer, et chaque pour cent de tempo.</numerusform>
        </translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>tel quel</translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation>%L1 %</translation>
    </message>
    <message>
        <source>%1, other bars</source>
        <translation>%1, autres mesures</translation>
    </message>
    <message>
        <source>Save the table</source>
        <translation>Enregistrer le tableau</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tableaux (*.csv)</translation>
    </message>
    <message>
        <source>The table is in %1.</source>
        <translation>Le tableau est dans %1.</translation>
    </message>
</context>
<context>
    <name>lc::app::ReadingChoice</name>
    <message>
        <source>Hear four bars of this reading, with clicks</source>
        <translation>Entendre quatre mesures de cette lecture, avec des clics</translation>
    </message>
</context>
<context>
    <name>lc::app::RemedyChoice</name>
    <message>
        <source>hit</source>
        <translation>coup</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>arrêt</translation>
    </message>
    <message>
        <source>comes in</source>
        <translation>entrée</translation>
    </message>
    <message>
        <source>change</source>
        <translation>changement</translation>
    </message>
    <message>
        <source>words</source>
        <translation>mots</translation>
    </message>
    <message>
        <source>other</source>
        <translation>autre</translation>
    </message>
</context>
<context>
    <name>lc::app::RoutineClipboard</name>
    <message>
        <source>The routine is copied as text. Paste it into a mail, or here with Ctrl+Shift+V.</source>
        <translation>La chorégraphie est copiée en texte. Collez-la dans un courriel, ou ici avec Ctrl+Maj+V.</translation>
    </message>
    <message>
        <source>There is no dance yet: a hand-out needs parts with steps and their order.</source>
        <translation>Il n&apos;y a pas encore de danse&#xa0;: une fiche a besoin de parties avec des pas et de leur ordre.</translation>
    </message>
    <message>
        <source>The dance is copied as a hand-out. Paste it into a mail or a page.</source>
        <translation>La danse est copiée en fiche. Collez-la dans un courriel ou une page.</translation>
    </message>
</context>
<context>
    <name>lc::app::RulerView</name>
    <message>
        <source>Picture of the figure</source>
        <translation>Image de la figure</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1&#xa0;: %2</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>changements</translation>
    </message>
    <message>
        <source>said, not written yet</source>
        <translation>dit, pas encore écrit</translation>
    </message>
</context>
<context>
    <name>lc::app::SheetsStage</name>
    <message>
        <source>Sheets</source>
        <translation>Feuilles</translation>
    </message>
    <message>
        <source>What is printed</source>
        <translation>Ce qui est imprimé</translation>
    </message>
    <message>
        <source>Floor card</source>
        <translation>Carte de piste</translation>
    </message>
    <message>
        <source>One page in large letters, to read while dancing</source>
        <translation>Une page en grandes lettres, à lire en dansant</translation>
    </message>
    <message>
        <source>Step sheet</source>
        <translation>Feuille de pas</translation>
    </message>
    <message>
        <source>Every step with its count, and every pass</source>
        <translation>Chaque pas avec son compte, et chaque passage</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimer</translation>
    </message>
    <message>
        <source>Print what is shown (Ctrl+P)</source>
        <translation>Imprimer ce qui est montré (Ctrl+P)</translation>
    </message>
    <message>
        <source>Save as HTML</source>
        <translation>Enregistrer en HTML</translation>
    </message>
    <message>
        <source>One page that any browser opens</source>
        <translation>Une page que tout navigateur ouvre</translation>
    </message>
    <message>
        <source>Save as PDF</source>
        <translation>Enregistrer en PDF</translation>
    </message>
    <message>
        <source>As it is shown (Ctrl+Shift+E)</source>
        <translation>Comme montré (Ctrl+Maj+E)</translation>
    </message>
    <message>
        <source>The sheet as it will be printed</source>
        <translation>La feuille comme elle sera imprimée</translation>
    </message>
    <message>
        <source>sheet</source>
        <translation>feuille</translation>
    </message>
    <message>
        <source>-floor</source>
        <translation>-piste</translation>
    </message>
    <message>
        <source>-steps</source>
        <translation>-pas</translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation>Enregistrer la feuille</translation>
    </message>
    <message>
        <source>What the Sheets stage shows</source>
        <translation>Ce que montre l&apos;écran Feuilles</translation>
    </message>
    <message>
        <source>Print the sheet …</source>
        <translation>Imprimer la feuille …</translation>
    </message>
    <message>
        <source>Save the sheet as PDF …</source>
        <translation>Enregistrer la feuille en PDF …</translation>
    </message>
    <message>
        <source>Save the sheet as HTML …</source>
        <translation>Enregistrer la feuille en HTML …</translation>
    </message>
</context>
<context>
    <name>lc::app::SongColumn</name>
    <message>
        <source>“%1” at %2</source>
        <translation>«&#xa0;%1&#xa0;» à %2</translation>
    </message>
    <message>
        <source>Typed as structure, not heard.</source>
        <translation>Écrit comme structure, pas entendu.</translation>
    </message>
    <message>
        <source>Counted by your taps.</source>
        <translation>Compté par vos frappes.</translation>
    </message>
    <message>
        <source>The map was read from a file.</source>
        <translation>La carte a été lue d&apos;un fichier.</translation>
    </message>
    <message>
        <source>The map was carried over from another recording.</source>
        <translation>La carte a été transportée d&apos;un autre enregistrement.</translation>
    </message>
    <message>
        <source>The song</source>
        <translation>Le morceau</translation>
    </message>
    <message>
        <source>Not counted yet.</source>
        <translation>Pas encore compté.</translation>
    </message>
    <message>
        <source>No beats yet.</source>
        <translation>Pas encore de temps.</translation>
    </message>
    <message>
        <source>%1 bpm, %2</source>
        <translation>%1 bpm, %2</translation>
    </message>
    <message>
        <source>“%1” by %2</source>
        <translation>«&#xa0;%1&#xa0;» de %2</translation>
    </message>
    <message>
        <source>%1 in %2; the first 1 is at %3.</source>
        <translation>%1 en %2&#xa0;; le premier 1 est à %3.</translation>
    </message>
    <message>
        <source>Bar %1 has one beat, at %2.</source>
        <translation>La mesure %1 a un temps, à %2.</translation>
    </message>
    <message>
        <source>Bar %1 has %2 beats, at %3.</source>
        <translation>La mesure %1 a %2 temps, à %3.</translation>
    </message>
    <message>
        <source>Bars %1 to %2 have %3 beats each, from %4.</source>
        <translation>Les mesures %1 à %2 ont %3 temps chacune, dès %4.</translation>
    </message>
    <message>
        <source>A pick-up of one beat before it.</source>
        <translation>Une levée d&apos;un temps avant.</translation>
    </message>
    <message>
        <source>A pick-up of %1 beats before it.</source>
        <translation>Une levée de %1 temps avant.</translation>
    </message>
    <message>
        <source>Swung: the &amp; falls at %1 % of the beat.</source>
        <translation>Swingué&#xa0;: le &amp; tombe à %1 % du temps.</translation>
    </message>
    <message>
        <source>A beat held for %1 s at %2.</source>
        <translation>Un temps tenu %1 s à %2.</translation>
    </message>
    <message>
        <source>A stop of %1 at %2.</source>
        <translation>Un arrêt de %1 à %2.</translation>
    </message>
    <message>
        <source>Where a 1 or a phrase is wrong, put the caret there and say it by hand; the rest is worked out again around it.</source>
        <translation>Où un 1 ou une phrase est faux, mettez-y le curseur et dites-le à la main&#xa0;; le reste est recalculé autour.</translation>
    </message>
    <message>
        <source>Name of the phrase at the caret</source>
        <translation>Nom de la phrase au curseur</translation>
    </message>
    <message>
        <source>Type a name such as Verse 1 and press Enter (N)</source>
        <translation>Écrivez un nom comme Couplet 1 et appuyez sur Entrée (N)</translation>
    </message>
    <message>
        <source>What you said</source>
        <translation>Ce que vous avez dit</translation>
    </message>
    <message>
        <source>forget all</source>
        <translation>tout oublier</translation>
    </message>
    <message>
        <source>Take every statement back; undo brings them again</source>
        <translation>Retirer chaque indication&#xa0;; Annuler les rétablit</translation>
    </message>
    <message>
        <source>forget</source>
        <translation>oublier</translation>
    </message>
    <message>
        <source>Take this statement back</source>
        <translation>Retirer cette indication</translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation>oublier une indication</translation>
    </message>
    <message>
        <source>Moments</source>
        <translation>Moments</translation>
    </message>
    <message>
        <source>%1  %2, %3</source>
        <translation>%1  %2, %3</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>enlever</translation>
    </message>
    <message>
        <source>Take this moment out</source>
        <translation>Retirer ce moment</translation>
    </message>
    <message>
        <source>… and %1 more on the strips.</source>
        <translation>… et %1 de plus sur les bandes.</translation>
    </message>
</context>
<context>
    <name>lc::app::SongFiles</name>
    <message>
        <source>Sound and video (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;All files (*)</source>
        <translation>Son et vidéo (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Ouvrir un morceau</translation>
    </message>
    <message>
        <source>Where is “%1” now?</source>
        <translation>Où est «&#xa0;%1&#xa0;» maintenant&#xa0;?</translation>
    </message>
    <message>
        <source>That is another recording: its content differs from the one this routine was made for. Use Open a song to count it anew.</source>
        <translation>C&apos;est un autre enregistrement&#xa0;: son contenu diffère de celui pour lequel cette chorégraphie a été faite. Prenez Ouvrir un morceau pour le compter à nouveau.</translation>
    </message>
    <message>
        <source>First open the song whose map is to be carried over, and let it be heard.</source>
        <translation>Ouvrez d&apos;abord le morceau dont la carte doit être transportée, et laissez-le entendre.</translation>
    </message>
    <message>
        <source>Another recording of “%1”</source>
        <translation>Autre enregistrement de «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>Import a map</source>
        <translation>Importer une carte</translation>
    </message>
    <message>
        <source>Maps</source>
        <translation>Cartes</translation>
    </message>
    <message>
        <source>Import lines of words</source>
        <translation>Importer des paroles</translation>
    </message>
    <message>
        <source>Lines of words</source>
        <translation>Paroles</translation>
    </message>
    <message>
        <source>There are no beats to export yet. Open a song first.</source>
        <translation>Il n&apos;y a pas encore de temps à exporter. Ouvrez d&apos;abord un morceau.</translation>
    </message>
    <message>
        <source>Export the map</source>
        <translation>Exporter la carte</translation>
    </message>
    <message>
        <source>map</source>
        <translation>carte</translation>
    </message>
</context>
<context>
    <name>lc::app::SongLoader</name>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Arrêté. Rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>Listening for beats, bars and phrases</source>
        <translation>Écoute des temps, mesures et phrases</translation>
    </message>
    <message>
        <source>Reading the song</source>
        <translation>Lecture du morceau</translation>
    </message>
</context>
<context>
    <name>lc::app::SongSession</name>
    <message>
        <source>The song “%1” is not where it was. The counts are all here; use Song, Find the song file to hear it again.</source>
        <translation>Le morceau «&#xa0;%1&#xa0;» n&apos;est pas où il était. Les comptes sont tous là&#xa0;; prenez Morceau, Retrouver le fichier du morceau pour l&apos;entendre à nouveau.</translation>
    </message>
    <message>
        <source>The song file “%1” was changed since this routine was saved, so counts may no longer fit. Open it again from the Song menu to count it anew.</source>
        <translation>Le fichier du morceau «&#xa0;%1&#xa0;» a changé depuis l&apos;enregistrement de cette chorégraphie, les comptes peuvent donc ne plus convenir. Ouvrez-le à nouveau depuis le menu Morceau pour le recompter.</translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Arrêté. Rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>song “%1”</source>
        <translation>morceau «&#xa0;%1&#xa0;»</translation>
    </message>
    <message>
        <source>typed structure</source>
        <translation>structure écrite</translation>
    </message>
    <message>
        <source>imported map</source>
        <translation>carte importée</translation>
    </message>
    <message>
        <source>%1 beats in %2 were read from “%3”.</source>
        <translation>%1 temps en %2 ont été lus de «&#xa0;%3&#xa0;».</translation>
    </message>
    <message>
        <source>one phrase</source>
        <translation>une phrase</translation>
    </message>
    <message>
        <source>%1 phrases</source>
        <translation>%1 phrases</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>lignes de paroles</translation>
    </message>
    <message>
        <source>One line of words is marked in the song.</source>
        <translation>Une ligne de paroles est marquée dans le morceau.</translation>
    </message>
    <message>
        <source>%1 lines of words are marked in the song.</source>
        <translation>%1 lignes de paroles sont marquées dans le morceau.</translation>
    </message>
    <message>
        <source>%1 bpm tapped</source>
        <translation>%1 bpm frappés</translation>
    </message>
    <message>
        <source>Your taps agree with what was heard (%1).</source>
        <translation>Vos frappes s&apos;accordent avec ce qui a été entendu (%1).</translation>
    </message>
    <message>
        <source>taps</source>
        <translation>frappes</translation>
    </message>
    <message>
        <source>One statement made the song agree with your taps (%1).</source>
        <translation>Une indication a accordé le morceau à vos frappes (%1).</translation>
    </message>
    <message>
        <source>%1 statements made the song agree with your taps (%2).</source>
        <translation>%1 indications ont accordé le morceau à vos frappes (%2).</translation>
    </message>
    <message>
        <source>The song is counted by your taps (%1), %2 counts in all.</source>
        <translation>Le morceau est compté par vos frappes (%1), %2 comptes en tout.</translation>
    </message>
    <message>
        <source>The recording at hand has not been heard, so nothing can be matched with it. Find its file first (Song, Find the song file).</source>
        <translation>L&apos;enregistrement présent n&apos;a pas été entendu, rien ne peut donc lui être comparé. Retrouvez d&apos;abord son fichier (Morceau, Retrouver le fichier du morceau).</translation>
    </message>
    <message>
        <source>The map was carried over to “%1”.</source>
        <translation>La carte a été transportée sur «&#xa0;%1&#xa0;».</translation>
    </message>
    <message>
        <source>It lacks %1 s of the other recording.</source>
        <translation>Il lui manque %1 s de l&apos;autre enregistrement.</translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation>autre enregistrement du morceau</translation>
    </message>
</context>
<context>
    <name>lc::app::SongTrialPanel</name>
    <message>
        <source>The routine tried on another song</source>
        <translation>La chorégraphie essayée sur un autre morceau</translation>
    </message>
    <message>
        <source>Try it on</source>
        <translation>L&apos;essayer sur</translation>
    </message>
    <message>
        <source>Another song as structure</source>
        <translation>Un autre morceau comme structure</translation>
    </message>
    <message>
        <source>a song as structure: intro 16 | verse 32 | chorus 32 …</source>
        <translation>un morceau comme structure&#xa0;: intro 16 | verse 32 | chorus 32 …</translation>
    </message>
    <message>
        <source>Type the sections of another song or edit with their beats, and press Enter</source>
        <translation>Écrivez les sections d&apos;un autre morceau ou d&apos;une autre version avec leurs temps, et appuyez sur Entrée</translation>
    </message>
    <message>
        <source>A routine&apos;s song …</source>
        <translation>Le morceau d&apos;une chorégraphie …</translation>
    </message>
    <message>
        <source>The song of another saved routine, with its map</source>
        <translation>Le morceau d&apos;une autre chorégraphie enregistrée, avec sa carte</translation>
    </message>
    <message>
        <source>A routine on the other song</source>
        <translation>Une chorégraphie sur l&apos;autre morceau</translation>
    </message>
    <message>
        <source>Routines and maps (*.liftcount *.txt *.mid *.midi *.csv)</source>
        <translation>Chorégraphies et cartes (*.liftcount *.txt *.mid *.midi *.csv)</translation>
    </message>
    <message>
        <source>Another edit of this song</source>
        <translation>Autre version de ce morceau</translation>
    </message>
    <message>
        <source>What if the intro were longer, a section left out, or heard twice</source>
        <translation>Et si l&apos;intro était plus longue, une section laissée, ou entendue deux fois</translation>
    </message>
    <message>
        <source>or at</source>
        <translation>ou à</translation>
    </message>
    <message>
        <source> % tempo</source>
        <translation> % du tempo</translation>
    </message>
    <message>
        <source>Tempo of the song in percent</source>
        <translation>Tempo du morceau en pour cent</translation>
    </message>
    <message>
        <source>The same song slower or faster: what your own limits say then</source>
        <translation>Le même morceau plus lent ou plus vite&#xa0;: ce que disent alors vos limites</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Nothing is changed</source>
        <translation>Rien n&apos;est changé</translation>
    </message>
    <message>
        <source>Take this song</source>
        <translation>Prendre ce morceau</translation>
    </message>
    <message>
        <source>It becomes the routine&apos;s song; Undo brings this one back</source>
        <translation>Il devient le morceau de la chorégraphie&#xa0;; Annuler rétablit celui-ci</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>passage</translation>
    </message>
    <message>
        <source>part</source>
        <translation>partie</translation>
    </message>
    <message>
        <source>here</source>
        <translation>ici</translation>
    </message>
    <message>
        <source>there</source>
        <translation>là</translation>
    </message>
    <message>
        <source>Reading “%1” …</source>
        <translation>Lecture de «&#xa0;%1&#xa0;» …</translation>
    </message>
    <message>
        <source>the song of %1</source>
        <translation>le morceau de %1</translation>
    </message>
    <message>
        <source>another song</source>
        <translation>un autre morceau</translation>
    </message>
    <message>
        <source>the song at %1 %</source>
        <translation>le morceau à %1 %</translation>
    </message>
    <message>
        <source>what if …</source>
        <translation>et si …</translation>
    </message>
    <message>
        <source>the song %1</source>
        <translation>le morceau %1</translation>
    </message>
    <message>
        <source>Which passes land here, and which there: type a song&apos;s structure, take the song of another routine, or another tempo.</source>
        <translation>Quels passages tombent juste ici, et lesquels là&#xa0;: écrivez la structure d&apos;un morceau, prenez celui d&apos;une autre chorégraphie, ou un autre tempo.</translation>
    </message>
    <message>
        <source>The recording stays as it is; what is shown is what would be.</source>
        <translation>L&apos;enregistrement reste tel quel&#xa0;; ce qui est montré est ce qui serait.</translation>
    </message>
    <message>
        <source>The passes here and there</source>
        <translation>Les passages ici et là</translation>
    </message>
</context>
<context>
    <name>lc::app::SpanPanel</name>
    <message>
        <source>From here to the caret:</source>
        <translation>D&apos;ici au curseur&#xa0;:</translation>
    </message>
    <message>
        <source>What is from here to the caret</source>
        <translation>Ce qui est d&apos;ici au curseur</translation>
    </message>
    <message>
        <source>a stop</source>
        <translation>un arrêt</translation>
    </message>
    <message>
        <source>one held beat</source>
        <translation>un temps tenu</translation>
    </message>
    <message>
        <source>its own metre</source>
        <translation>son propre mètre</translation>
    </message>
    <message>
        <source>its own tempo</source>
        <translation>son propre tempo</translation>
    </message>
    <message>
        <source> beat</source>
        <translation> temps</translation>
    </message>
    <message>
        <source> beats</source>
        <translation> temps</translation>
    </message>
    <message>
        <source> bpm</source>
        <translation> bpm</translation>
    </message>
    <message>
        <source>State it</source>
        <translation>L&apos;indiquer</translation>
    </message>
    <message>
        <source>The rest is worked out again around it (S)</source>
        <translation>Le reste est recalculé autour (S)</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>de %1 à %2</translation>
    </message>
    <message>
        <source>Put the caret where it ends, then press S again or State it.</source>
        <translation>Mettez le curseur où cela finit, puis appuyez encore sur S ou L&apos;indiquer.</translation>
    </message>
    <message>
        <source>%1 of the map as it is now.</source>
        <translation>%1 de la carte telle qu&apos;elle est.</translation>
    </message>
    <message>
        <source>The end has to come after the start: put the caret there first.</source>
        <translation>La fin doit venir après le début&#xa0;: mettez-y d&apos;abord le curseur.</translation>
    </message>
    <message>
        <source>Beats from here to the caret</source>
        <translation>Temps d&apos;ici au curseur</translation>
    </message>
    <message>
        <source>Metre from here to the caret</source>
        <translation>Mètre d&apos;ici au curseur</translation>
    </message>
    <message>
        <source>Tempo from here to the caret</source>
        <translation>Tempo d&apos;ici au curseur</translation>
    </message>
</context>
<context>
    <name>lc::app::StartPage</name>
    <message>
        <source>Drop a song here</source>
        <translation>Déposez un morceau ici</translation>
    </message>
    <message>
        <source>Any usual sound file, or the sound of a video. It is counted into beats, bars and phrases, a phrase a line. Then type the counts of your dance, say in which order its parts are danced, and see where every pass lands.</source>
        <translation>N&apos;importe quel fichier son courant, ou le son d&apos;une vidéo. Il est compté en temps, mesures et phrases, une phrase par ligne. Ensuite écrivez les comptes de votre danse, dites dans quel ordre ses parties se dansent, et voyez où tombe chaque passage.</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Ouvrir un morceau</translation>
    </message>
    <message>
        <source>Choose a sound file (Ctrl+Shift+O)</source>
        <translation>Choisir un fichier son (Ctrl+Maj+O)</translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation>Ouvrir une chorégraphie</translation>
    </message>
    <message>
        <source>Choose a saved routine (Ctrl+O)</source>
        <translation>Choisir une chorégraphie enregistrée (Ctrl+O)</translation>
    </message>
    <message>
        <source>Type a structure</source>
        <translation>Écrire une structure</translation>
    </message>
    <message>
        <source>A song as text, without a recording</source>
        <translation>Un morceau en texte, sans enregistrement</translation>
    </message>
    <message>
        <source>Look at the demo</source>
        <translation>Regarder la démonstration</translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation>Une danse en ligne de la salle Quarry Bank sur son propre morceau</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Récentes</translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation>Échauffez-vous, gardez de la place autour des kicks, reposez-vous entre deux danses entières. Un professeur qualifié et le règlement de la salle passent avant tout.</translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended</source>
        <translation>Pas enregistré quand Lift Count s&apos;est arrêté</translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended: %1; all are in Routine, Unsaved work</source>
        <translation>Pas enregistrés quand Lift Count s&apos;est arrêté&#xa0;: %1&#xa0;; tous sont dans Chorégraphie, Travail non enregistré</translation>
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
        <translation>Le pas au curseur, comme sa ligne le dit</translation>
    </message>
    <message>
        <source>No step is danced there. Put the caret on a count of a pass.</source>
        <translation>Aucun pas n&apos;y est dansé. Mettez le curseur sur un compte d&apos;un passage.</translation>
    </message>
    <message>
        <source>Everyone waits there; there is no line to change.</source>
        <translation>Tout le monde y attend&#xa0;; il n&apos;y a pas de ligne à changer.</translation>
    </message>
    <message>
        <source>This figure is danced in another way here. Change its line in Steps, or choose it in the chain of its part.</source>
        <translation>Cette figure est dansée autrement ici. Changez sa ligne dans Pas, ou choisissez-la dans la chaîne de sa partie.</translation>
    </message>
    <message>
        <source>Nothing is written for this count. Type it in the line of the figure (Ctrl+E).</source>
        <translation>Rien n&apos;est écrit pour ce compte. Écrivez-le dans la ligne de la figure (Ctrl+E).</translation>
    </message>
</context>
<context>
    <name>lc::app::StepsStage</name>
    <message>
        <source>New figure</source>
        <translation>Nouvelle figure</translation>
    </message>
    <message>
        <source>Into the vocabulary</source>
        <translation>Dans le répertoire</translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation>Chercher parmi les figures</translation>
    </message>
    <message>
        <source>By counts, feet, positions, turns, or words of any field</source>
        <translation>Par comptes, pieds, positions, tours, ou mots de n&apos;importe quel champ</translation>
    </message>
    <message>
        <source>Another figure like this</source>
        <translation>Une autre figure comme celle-ci</translation>
    </message>
    <message>
        <source>A copy in the vocabulary; in Arrange the chosen figures are repeated</source>
        <translation>Une copie dans le répertoire&#xa0;; dans Arranger, les figures choisies sont répétées</translation>
    </message>
    <message>
        <source>Another role</source>
        <translation>Un autre rôle</translation>
    </message>
    <message>
        <source>A line for a partner or a row</source>
        <translation>Une ligne pour un partenaire ou un rang</translation>
    </message>
    <message>
        <source>Copy the line to the partner</source>
        <translation>Copier la ligne vers le partenaire</translation>
    </message>
    <message>
        <source>The same steps on the other foot, to change what differs</source>
        <translation>Les mêmes pas sur l&apos;autre pied, pour changer ce qui diffère</translation>
    </message>
    <message>
        <source>Remove the figure</source>
        <translation>Enlever la figure</translation>
    </message>
    <message>
        <source>From the vocabulary, or from the routine; undo brings it back</source>
        <translation>Du répertoire, ou de la chorégraphie&#xa0;; Annuler la rétablit</translation>
    </message>
    <message>
        <source>Hear the figure</source>
        <translation>Entendre la figure</translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts; again to stop</source>
        <translation>Avec des clics, les pas et les comptes parlés&#xa0;; encore une fois pour arrêter</translation>
    </message>
    <message>
        <source>Keep the version</source>
        <translation>Garder la version</translation>
    </message>
    <message>
        <source>The one chosen on the bench stays with the figure</source>
        <translation>Celle choisie sur l&apos;établi reste avec la figure</translation>
    </message>
    <message>
        <source>Take the figure into the routine</source>
        <translation>Prendre la figure dans la chorégraphie</translation>
    </message>
    <message>
        <source>A copy that the routine file holds</source>
        <translation>Une copie que le fichier de la chorégraphie contient</translation>
    </message>
    <message>
        <source>Bench of versions</source>
        <translation>Établi des versions</translation>
    </message>
    <message>
        <source>Fillers</source>
        <translation>Remplissages</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Jonctions</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Cadre</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Travailler</translation>
    </message>
    <message>
        <source>Card of the figure</source>
        <translation>Fiche de la figure</translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation>Mots avec un sens</translation>
    </message>
    <message>
        <source>Under the picture of the figure</source>
        <translation>Sous l&apos;image de la figure</translation>
    </message>
    <message>
        <source>Bring figures in …</source>
        <translation>Faire venir des figures …</translation>
    </message>
    <message>
        <source>From a JSON file or a table (CSV)</source>
        <translation>D&apos;un fichier JSON ou d&apos;un tableau (CSV)</translation>
    </message>
    <message>
        <source>Write the figures to a file …</source>
        <translation>Écrire les figures dans un fichier …</translation>
    </message>
    <message>
        <source>Those that the search finds, as JSON or a table (CSV)</source>
        <translation>Celles que la recherche trouve, en JSON ou tableau (CSV)</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <translation>%1, copie</translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation>figure %1</translation>
    </message>
    <message>
        <source>Undo in the vocabulary</source>
        <translation>Annuler dans le répertoire</translation>
    </message>
    <message>
        <source>Redo in the vocabulary</source>
        <translation>Rétablir dans le répertoire</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Pas</translation>
    </message>
    <message>
        <source>Figures and their versions</source>
        <translation>Les figures et leurs versions</translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation>Fi&amp;gures</translation>
    </message>
    <message>
        <source>Card</source>
        <translation>Fiche</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>%1 (Alt+Shift+%2)</source>
        <translation>%1 (Alt+Maj+%2)</translation>
    </message>
    <message>
        <source>There is nothing to hear yet: write the figure&apos;s counts.</source>
        <translation>Il n&apos;y a encore rien à entendre&#xa0;: écrivez les comptes de la figure.</translation>
    </message>
    <message>
        <source>Bring figures in</source>
        <translation>Faire venir des figures</translation>
    </message>
    <message>
        <source>Figures (*.json *.csv)</source>
        <translation>Figures (*.json *.csv)</translation>
    </message>
    <message>
        <source>Write the figures that the search finds</source>
        <translation>Écrire les figures que la recherche trouve</translation>
    </message>
</context>
<context>
    <name>lc::app::StripsView</name>
    <message>
        <source>%1, at %2, %3 counts</source>
        <translation>%1, à %2, %3 comptes</translation>
    </message>
    <message>
        <source>The song, a phrase a line</source>
        <translation>Le morceau, une phrase par ligne</translation>
    </message>
    <message>
        <source>The routine on the song, a phrase a line</source>
        <translation>La chorégraphie sur le morceau, une phrase par ligne</translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation>Pas encore de morceau</translation>
    </message>
    <message>
        <source>Go to Listen (Alt+1) to open a recording, or to type the song&apos;s structure. </source>
        <translation>Allez à Écouter (Alt+1) pour ouvrir un enregistrement, ou écrire la structure du morceau. </translation>
    </message>
    <message>
        <source>Until then the passes stand in their list (F5), counted without music.</source>
        <translation>D&apos;ici là, les passages sont dans leur liste (F5), comptés sans musique.</translation>
    </message>
    <message>
        <source>Parts can be built without it: type a figure&apos;s name above, or its counts.</source>
        <translation>Des parties peuvent se faire sans lui&#xa0;: écrivez au-dessus le nom d&apos;une figure, ou ses comptes.</translation>
    </message>
    <message>
        <source>music count %1</source>
        <translation>compte de la musique %1</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>mesure %1</translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation>passage %1 compte %2</translation>
    </message>
    <message>
        <source>the dancers say %1</source>
        <translation>les danseurs disent %1</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>wait before the pass</source>
        <translation>attente avant le passage</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>attente</translation>
    </message>
    <message>
        <source>touch</source>
        <translation>touch</translation>
    </message>
    <message>
        <source>step</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>%1 gauche</translation>
    </message>
    <message>
        <source>%1 right</source>
        <translation>%1 droite</translation>
    </message>
    <message>
        <source>%1 both feet</source>
        <translation>%1 les deux pieds</translation>
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
        <translation>accent, rencontre son moment</translation>
    </message>
    <message>
        <source>accent, misses its moment</source>
        <translation>accent, manque son moment</translation>
    </message>
</context>
<context>
    <name>lc::app::StructurePanel</name>
    <message>
        <source>Structure</source>
        <translation>Structure</translation>
    </message>
    <message>
        <source>The song as structure</source>
        <translation>Le morceau comme structure</translation>
    </message>
    <message>
        <source>intro 16 | verse 32 | chorus 32 | stop 4 | ending 16</source>
        <translation>intro 16 | verse 32 | chorus 32 | stop 4 | ending 16</translation>
    </message>
    <message>
        <source>Beats of each section. Also: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 for a tempo, @112&gt;90 for a change</source>
        <translation>Temps de chaque section. Aussi&#xa0;: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 pour un tempo, @112&gt;90 pour un changement</translation>
    </message>
    <message>
        <source> bpm</source>
        <translation> bpm</translation>
    </message>
    <message>
        <source>first beat at</source>
        <translation>premier temps à</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>L&apos;utiliser</translation>
    </message>
    <message>
        <source>The song is counted like this (Enter)</source>
        <translation>Le morceau est compté ainsi (Entrée)</translation>
    </message>
    <message>
        <source>Sections and their beats, with | between them. No recording is needed.</source>
        <translation>Des sections et leurs temps, séparés par |. Aucun enregistrement n&apos;est nécessaire.</translation>
    </message>
    <message>
        <source>%1, %2 in %3, %4 long.</source>
        <translation>%1, %2 en %3, durée %4.</translation>
    </message>
    <message>
        <source>Tempo of the structure</source>
        <translation>Tempo de la structure</translation>
    </message>
    <message>
        <source>Metre of the structure</source>
        <translation>Mètre de la structure</translation>
    </message>
    <message>
        <source>Second of the first beat</source>
        <translation>Seconde du premier temps</translation>
    </message>
</context>
<context>
    <name>lc::app::TapPanel</name>
    <message>
        <source>Tap along</source>
        <translation>Frapper les temps</translation>
    </message>
    <message>
        <source>Tap  T</source>
        <translation>Frapper  T</translation>
    </message>
    <message>
        <source>On each beat, with the key T or this button</source>
        <translation>Sur chaque temps, avec la touche T ou ce bouton</translation>
    </message>
    <message>
        <source>What is tapped</source>
        <translation>Ce qui est frappé</translation>
    </message>
    <message>
        <source>every beat</source>
        <translation>chaque temps</translation>
    </message>
    <message>
        <source>only the 1s</source>
        <translation>seulement les 1</translation>
    </message>
    <message>
        <source>taps come late by</source>
        <translation>les frappes viennent en retard de</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation>Ce que prennent le son jusqu&apos;à l&apos;oreille et la main jusqu&apos;à la touche ensemble&#xa0;; appris de frappes qui s&apos;accordent à un morceau</translation>
    </message>
    <message>
        <source>Use the taps</source>
        <translation>Utiliser les frappes</translation>
    </message>
    <message>
        <source>State what they say; the rest is worked out again around it</source>
        <translation>Indiquer ce qu&apos;elles disent&#xa0;; le reste est recalculé autour</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Encore</translation>
    </message>
    <message>
        <source>Forget these taps</source>
        <translation>Oublier ces frappes</translation>
    </message>
    <message>
        <source>Tap T on each beat, at least eight times; wrong and missing taps are outvoted.</source>
        <translation>Frappez T sur chaque temps, au moins huit fois&#xa0;; les frappes fausses ou absentes sont mises en minorité.</translation>
    </message>
    <message>
        <source>Play the song (Space), then tap T on each beat. Without a recording the taps give a tempo.</source>
        <translation>Jouez le morceau (Espace), puis frappez T sur chaque temps. Sans enregistrement, les frappes donnent un tempo.</translation>
    </message>
    <message>
        <source>1 tap.</source>
        <translation>1 frappe.</translation>
    </message>
    <message>
        <source>%1 taps. Go on.</source>
        <translation>%1 frappes. Continuez.</translation>
    </message>
    <message>
        <source>%1: %2 bpm, scattered by %3 ms</source>
        <translation>%1&#xa0;: %2 bpm, dispersées de %3 ms</translation>
    </message>
    <message>
        <source>%1, %2 outvoted</source>
        <translation>%1, %2 en minorité</translation>
    </message>
    <message>
        <source>%1, %2 came twice</source>
        <translation>%1, %2 venues deux fois</translation>
    </message>
    <message>
        <source>%1, %2 filled in</source>
        <translation>%1, %2 complétées</translation>
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
        <translation>Tempo de chaque mesure, en comptes par minute&#xa0;; clic pour y aller</translation>
    </message>
    <message>
        <source>%1 counts a minute, %2.</source>
        <translation>%1 comptes par minute, %2.</translation>
    </message>
    <message>
        <source>The routine needs %1 to %2.</source>
        <translation>La chorégraphie demande %1 à %2.</translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>danced at %1 to %2</source>
        <translation>dansé à %1 jusqu&apos;à %2</translation>
    </message>
</context>
<context>
    <name>lc::app::TempoPanel</name>
    <message>
        <source>Tempi of dance families</source>
        <translation>Tempos des familles de danse</translation>
    </message>
    <message>
        <source>Play at that tempo</source>
        <translation>Jouer à ce tempo</translation>
    </message>
    <message>
        <source>The tempo below becomes the one at which the chosen family would fit</source>
        <translation>Le tempo en dessous devient celui où la famille choisie conviendrait</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>danced as</source>
        <translation>dansé comme</translation>
    </message>
    <message>
        <source>bars of</source>
        <translation>mesures de</translation>
    </message>
    <message>
        <source>bpm</source>
        <translation>bpm</translation>
    </message>
    <message>
        <source>bars a minute</source>
        <translation>mesures par minute</translation>
    </message>
    <message>
        <source>this song fits at</source>
        <translation>ce morceau convient à</translation>
    </message>
    <message>
        <source>felt</source>
        <translation>ressenti</translation>
    </message>
    <message>
        <source>source</source>
        <translation>source</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>%L1 to %L2</source>
        <translation>%L1 à %L2</translation>
    </message>
    <message>
        <source>100 %, as it is</source>
        <translation>100 %, tel quel</translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation>%L1 %</translation>
    </message>
    <message>
        <source>every other beat</source>
        <translation>un temps sur deux</translation>
    </message>
    <message>
        <source>twice as many</source>
        <translation>deux fois plus</translation>
    </message>
    <message>
        <source>There is no song yet. These are the tempi usual for dances; none is a rule for your floor.</source>
        <translation>Il n&apos;y a pas encore de morceau. Voici les tempos d&apos;usage pour les danses&#xa0;; aucun n&apos;est une règle pour votre piste.</translation>
    </message>
    <message>
        <source>This song has %L1 bpm, %2.</source>
        <translation>Ce morceau a %L1 bpm, %2.</translation>
    </message>
    <message>
        <source>No routine yet: nothing is said of steps and turns.</source>
        <translation>Pas encore de chorégraphie&#xa0;: rien n&apos;est dit des pas et des tours.</translation>
    </message>
    <message>
        <source>At %1 % the routine has %2 Warm up, and mind your own limits and your teacher&apos;s word.</source>
        <translation>À %1 %, la chorégraphie a %2 Échauffez-vous, et tenez compte de vos limites et de l&apos;avis de votre professeur.</translation>
    </message>
    <message>
        <source>It plays at %1 %.</source>
        <translation>Cela joue à %1 %.</translation>
    </message>
</context>
<context>
    <name>lc::app::TurnsPanel</name>
    <message>
        <source>Get back on the 1</source>
        <translation>Revenir sur le 1</translation>
    </message>
    <message>
        <source>turned round</source>
        <translation>décalé</translation>
    </message>
    <message>
        <source>Where the dance is turned round</source>
        <translation>Où la danse est décalée</translation>
    </message>
    <message>
        <source>at once, within</source>
        <translation>tout de suite, en</translation>
    </message>
    <message>
        <source>Sets within which it is put right</source>
        <translation>Séries dans lesquelles c&apos;est remis en ordre</translation>
    </message>
    <message>
        <source>sets, or left</source>
        <translation>séries, ou laissé</translation>
    </message>
    <message>
        <source>from %1 on, %2</source>
        <translation>dès %1, %2</translation>
    </message>
    <message>
        <source>The dancers&apos; count and the music&apos;s agree all through: nothing is turned round.</source>
        <translation>Le compte des danseurs et celui de la musique s&apos;accordent tout du long&#xa0;: rien n&apos;est décalé.</translation>
    </message>
    <message>
        <source>The dancers who count on say %1 where the music says %2.</source>
        <translation>Les danseurs qui continuent disent %1 là où la musique dit %2.</translation>
    </message>
    <message>
        <source>put right what is turned round</source>
        <translation>remettre en ordre ce qui est décalé</translation>
    </message>
</context>
<context>
    <name>lc::app::VersionCells</name>
    <message>
        <source>Versions</source>
        <translation>Versions</translation>
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
        <translation>étirer ou doubler</translation>
    </message>
    <message>
        <source>stretch steps</source>
        <translation>étirer des pas</translation>
    </message>
    <message>
        <source>two steps in a count</source>
        <translation>deux pas en un compte</translation>
    </message>
    <message>
        <source>other feel</source>
        <translation>autre subdivision</translation>
    </message>
    <message>
        <source>other start count</source>
        <translation>autre compte de départ</translation>
    </message>
    <message>
        <source>other foot</source>
        <translation>autre pied</translation>
    </message>
    <message>
        <source>other side</source>
        <translation>autre côté</translation>
    </message>
    <message>
        <source>ornament in step</source>
        <translation>ornement au pas</translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation>Ce qui est changé</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Combien</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Entendre</translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts</source>
        <translation>Avec des clics, les pas et les comptes parlés</translation>
    </message>
    <message>
        <source>As a new figure</source>
        <translation>Comme nouvelle figure</translation>
    </message>
    <message>
        <source>Into the vocabulary, beside this one</source>
        <translation>Dans le répertoire, à côté de celle-ci</translation>
    </message>
    <message>
        <source>Change the figure</source>
        <translation>Changer la figure</translation>
    </message>
    <message>
        <source>The figure is danced so from now on (Enter)</source>
        <translation>La figure se danse ainsi désormais (Entrée)</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Garder</translation>
    </message>
    <message>
        <source>Bound to the figure as another way to dance it (K)</source>
        <translation>Liée à la figure comme autre façon de la danser (K)</translation>
    </message>
    <message>
        <source>To have a</source>
        <translation>Pour avoir un</translation>
    </message>
    <message>
        <source>Which step is wanted</source>
        <translation>Quel pas est voulu</translation>
    </message>
    <message>
        <source>slow step</source>
        <translation>pas lent</translation>
    </message>
    <message>
        <source>quick step</source>
        <translation>pas vite</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>accent</translation>
    </message>
    <message>
        <source>break step</source>
        <translation>pas de break</translation>
    </message>
    <message>
        <source>on count</source>
        <translation>sur le compte</translation>
    </message>
    <message>
        <source>Count of the song</source>
        <translation>Compte du morceau</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>comme écrit</translation>
    </message>
    <message>
        <source>%1 from count %2 (on %3)</source>
        <translation>%1 dès le compte %2 (sur %3)</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 de plus</translation>
    </message>
    <message>
        <source>no version here has one there</source>
        <translation>aucune version ici n&apos;en a un là</translation>
    </message>
    <message>
        <source>Which version, begun on which count of the song</source>
        <translation>Quelle version, commencée sur quel compte du morceau</translation>
    </message>
    <message>
        <source>“%1” is kept with the figure already.</source>
        <translation>«&#xa0;%1&#xa0;» est déjà gardée avec la figure.</translation>
    </message>
    <message>
        <source>keep a version</source>
        <translation>garder une version</translation>
    </message>
    <message>
        <source>“%1” is kept with the figure. It stands on its card.</source>
        <translation>«&#xa0;%1&#xa0;» est gardée avec la figure. Elle est sur sa fiche.</translation>
    </message>
    <message>
        <source>another version</source>
        <translation>une autre version</translation>
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
        <translation>«&#xa0;%1&#xa0;» a reçu un autre sens entre-temps et le garde.</translation>
    </message>
    <message>
        <source>“%1” was changed elsewhere in the meantime and stays as it is.</source>
        <translation>«&#xa0;%1&#xa0;» a été changé ailleurs entre-temps et reste tel quel.</translation>
    </message>
</context>
<context>
    <name>lc::app::WordsPage</name>
    <message>
        <source>Word</source>
        <translation>Mot</translation>
    </message>
    <message>
        <source>word</source>
        <translation>mot</translation>
    </message>
    <message>
        <source>The word as it is said, one to four words</source>
        <translation>Le mot comme on le dit, un à quatre mots</translation>
    </message>
    <message>
        <source>School</source>
        <translation>École</translation>
    </message>
    <message>
        <source>school, if it is not your own</source>
        <translation>école, si ce n&apos;est pas la vôtre</translation>
    </message>
    <message>
        <source>Whose meaning it is; a word can have one meaning for each school, and is then asked about</source>
        <translation>De qui est ce sens&#xa0;; un mot peut en avoir un par école, et la question est alors posée</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Pas</translation>
    </message>
    <message>
        <source>1 behind &amp; side 2 side</source>
        <translation>1 behind &amp; side 2 side</translation>
    </message>
    <message>
        <source>Its steps from count 1; empty where it only says how a step is danced</source>
        <translation>Ses pas dès le compte 1&#xa0;; vide s&apos;il dit seulement comment un pas se danse</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Garder</translation>
    </message>
    <message>
        <source>Gives the word this meaning</source>
        <translation>Donne ce sens au mot</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Oublier</translation>
    </message>
    <message>
        <source>The word has this meaning no longer; lines that say it are asked about</source>
        <translation>Le mot n&apos;a plus ce sens&#xa0;; pour les lignes qui le disent, la question est posée</translation>
    </message>
    <message>
        <source>school</source>
        <translation>école</translation>
    </message>
    <message>
        <source>means</source>
        <translation>veut dire</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>known in</source>
        <translation>connu dans</translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation>Mots avec un sens</translation>
    </message>
    <message>
        <source>routine and vocabulary</source>
        <translation>chorégraphie et répertoire</translation>
    </message>
    <message>
        <source>routine</source>
        <translation>chorégraphie</translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation>répertoire</translation>
    </message>
    <message>
        <source>one&apos;s own</source>
        <translation>la sienne</translation>
    </message>
    <message>
        <source>No word has a meaning of its own yet.</source>
        <translation>Aucun mot n&apos;a encore de sens à lui.</translation>
    </message>
</context>
<context>
    <name>lc::app::Worker</name>
    <message>
        <source>There is not enough memory for this. Close other programs, or take less at a time. Nothing was changed.</source>
        <translation>Il n&apos;y a pas assez de mémoire pour cela. Fermez d&apos;autres programmes, ou prenez-en moins à la fois. Rien n&apos;a été changé.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Nothing was changed.</source>
        <translation>Quelque chose a mal tourné qui ne devrait pas&#xa0;: %1. Rien n&apos;a été changé.</translation>
    </message>
</context>
</TS>
