<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name>Announcements</name>
    <message>
        <source>Everything lands.</source>
        <translation>Todo cae bien.</translation>
    </message>
    <message>
        <source>Findings: %1. %2</source>
        <translation>Avisos: %1. %2</translation>
    </message>
</context>
<context>
    <name>Core</name>
    <message>
        <source>No mend of the music costs less than %1.</source>
        <translation>Ningún retoque de la música cuesta menos de %1.</translation>
    </message>
    <message>
        <source>It costs %1, %2 more than the best.</source>
        <translation>Cuesta %1, %2 más que lo mejor.</translation>
    </message>
    <message>
        <source>The song is %1 then; %2.</source>
        <translation>La canción queda entonces en %1; %2.</translation>
    </message>
    <message>
        <source>Last pass: %1.</source>
        <translation>Última pasada: %1.</translation>
    </message>
    <message>
        <source>That routine has no song.</source>
        <translation>Esa coreografía no tiene canción.</translation>
    </message>
    <message numerus="yes">
        <source>One more cannot be read either.|%n more cannot be read either.</source>
        <translation>
            <numerusform>Otro más tampoco se puede leer.</numerusform>
            <numerusform>Otros %n tampoco se pueden leer.</numerusform>
        </translation>
    </message>
    <message>
        <source>The analysis was stopped.</source>
        <translation>Se detuvo el análisis.</translation>
    </message>
    <message numerus="yes">
        <source>One place could not be matched: see the doubts.|%n places could not be matched: see the doubts.</source>
        <translation>
            <numerusform>No se pudo emparejar un lugar: vea las dudas.</numerusform>
            <numerusform>No se pudieron emparejar %n lugares: vea las dudas.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One statement about music that is not there was left behind.|%n statements about music that is not there were left behind.</source>
        <translation>
            <numerusform>Se dejó una indicación sobre música que no está aquí.</numerusform>
            <numerusform>Se dejaron %n indicaciones sobre música que no está aquí.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tap|%n taps</source>
        <translation>
            <numerusform>%n toque</numerusform>
            <numerusform>%n toques</numerusform>
        </translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording: it is shorter than four seconds. It can still be played.</source>
        <translation>No se encontró un pulso estable en esta grabación: dura menos de cuatro segundos. Aun así se puede reproducir.</translation>
    </message>
    <message>
        <source>There are no kept features.</source>
        <translation>No hay rasgos guardados.</translation>
    </message>
    <message>
        <source>The kept features cannot be used.</source>
        <translation>Los rasgos guardados no se pueden usar.</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>igual</translation>
    </message>
    <message>
        <source>twice as fast</source>
        <translation>el doble de rápido</translation>
    </message>
    <message>
        <source>half as fast</source>
        <translation>la mitad de rápido</translation>
    </message>
    <message>
        <source>three times as fast</source>
        <translation>el triple de rápido</translation>
    </message>
    <message>
        <source>a third as fast</source>
        <translation>un tercio de rápido</translation>
    </message>
    <message>
        <source>one and a half times as fast</source>
        <translation>una vez y media más rápido</translation>
    </message>
    <message>
        <source>two thirds as fast</source>
        <translation>a dos tercios de velocidad</translation>
    </message>
    <message>
        <source>four times as fast</source>
        <translation>cuatro veces más rápido</translation>
    </message>
    <message>
        <source>a quarter as fast</source>
        <translation>un cuarto de rápido</translation>
    </message>
    <message>
        <source>a third faster</source>
        <translation>un tercio más rápido</translation>
    </message>
    <message>
        <source>a quarter slower</source>
        <translation>un cuarto más lento</translation>
    </message>
    <message>
        <source>%1, beside these beats</source>
        <translation>%1, aparte de estos pulsos</translation>
    </message>
    <message>
        <source>a quarter of a beat later</source>
        <translation>un cuarto de pulso más tarde</translation>
    </message>
    <message>
        <source>a third of a beat later</source>
        <translation>un tercio de pulso más tarde</translation>
    </message>
    <message>
        <source>half a beat later</source>
        <translation>medio pulso más tarde</translation>
    </message>
    <message>
        <source>two thirds of a beat later</source>
        <translation>dos tercios de pulso más tarde</translation>
    </message>
    <message>
        <source>a quarter of a beat earlier</source>
        <translation>un cuarto de pulso antes</translation>
    </message>
    <message>
        <source>the beat falls elsewhere</source>
        <translation>el pulso cae en otro lugar</translation>
    </message>
    <message numerus="yes">
        <source>every bar has %n beat|every bar has %n beats</source>
        <translation>
            <numerusform>cada compás tiene %n pulso</numerusform>
            <numerusform>cada compás tiene %n pulsos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, beginning a beat later|%1, beginning %n beats later</source>
        <translation>
            <numerusform>%1, empezando un pulso más tarde</numerusform>
            <numerusform>%1, empezando %n pulsos más tarde</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the 1 is a beat later|the 1 is %n beats later</source>
        <translation>
            <numerusform>el 1 está un pulso más tarde</numerusform>
            <numerusform>el 1 está %n pulsos más tarde</numerusform>
        </translation>
    </message>
    <message>
        <source>bars of %1, %2</source>
        <translation>compases de %1, %2</translation>
    </message>
    <message>
        <source>bars of %1 in threes, %2</source>
        <translation>compases de %1 de tres en tres, %2</translation>
    </message>
    <message>
        <source>how fast the beat is, and where it falls</source>
        <translation>la velocidad del pulso y dónde cae</translation>
    </message>
    <message>
        <source>%1 bpm in threes, as it is counted here</source>
        <translation>%1 bpm de tres en tres, como se cuenta aquí</translation>
    </message>
    <message>
        <source>%1 bpm, as it is counted here</source>
        <translation>%1 bpm, como se cuenta aquí</translation>
    </message>
    <message>
        <source>how long a bar is, and where the 1 is</source>
        <translation>cuánto dura un compás y dónde está el 1</translation>
    </message>
    <message>
        <source>%1, the 1 is here</source>
        <translation>%1, el 1 está aquí</translation>
    </message>
    <message>
        <source>every beat in three: %1</source>
        <translation>cada pulso en tres: %1</translation>
    </message>
    <message>
        <source>every beat in two: %1</source>
        <translation>cada pulso en dos: %1</translation>
    </message>
    <message>
        <source>what a beat is made of</source>
        <translation>de qué se compone un pulso</translation>
    </message>
    <message>
        <source>the metre of bars %1 to %2</source>
        <translation>el metro de los compases %1 a %2</translation>
    </message>
    <message>
        <source>here %1</source>
        <translation>aquí %1</translation>
    </message>
    <message>
        <source>here too %1</source>
        <translation>aquí también %1</translation>
    </message>
    <message>
        <source>the length of bar %1</source>
        <translation>la duración del compás %1</translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat|bar %1 has %n beats</source>
        <translation>
            <numerusform>el compás %1 tiene %n pulso</numerusform>
            <numerusform>el compás %1 tiene %n pulsos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>bar %1 has %n beat like the others|bar %1 has %n beats like the others</source>
        <translation>
            <numerusform>el compás %1 tiene %n pulso como los demás</numerusform>
            <numerusform>el compás %1 tiene %n pulsos como los demás</numerusform>
        </translation>
    </message>
    <message>
        <source>a stop of %1, the pulse goes on</source>
        <translation>una parada de %1, el pulso sigue</translation>
    </message>
    <message>
        <source>a stop of %1</source>
        <translation>una parada de %1</translation>
    </message>
    <message>
        <source>how long the silence is</source>
        <translation>cuánto dura el silencio</translation>
    </message>
    <message>
        <source>it starts a bar earlier</source>
        <translation>empieza un compás antes</translation>
    </message>
    <message>
        <source>it starts a bar later</source>
        <translation>empieza un compás más tarde</translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation>aquí no empieza ninguna frase</translation>
    </message>
    <message>
        <source>where a phrase starts</source>
        <translation>dónde empieza una frase</translation>
    </message>
    <message>
        <source>a phrase starts here, at bar %1</source>
        <translation>aquí empieza una frase, en el compás %1</translation>
    </message>
    <message>
        <source>a phrase starts at bar %1</source>
        <translation>una frase empieza en el compás %1</translation>
    </message>
    <message>
        <source>how long a phrase is</source>
        <translation>cuánto dura una frase</translation>
    </message>
    <message numerus="yes">
        <source>one phrase of %n beat, from bar %1|one phrase of %n beats, from bar %1</source>
        <translation>
            <numerusform>una frase de %n pulso, desde el compás %1</numerusform>
            <numerusform>una frase de %n pulsos, desde el compás %1</numerusform>
        </translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. It can still be played; tap along, or type its structure.</source>
        <translation>No se encontró un pulso estable en esta grabación. Aun así se puede reproducir; marque los pulsos o escriba su estructura.</translation>
    </message>
    <message>
        <source>A fact lies outside the song, which ends after %1 seconds.</source>
        <translation>Un dato queda fuera de la canción, que acaba a los %1 segundos.</translation>
    </message>
    <message>
        <source>The stated bars exclude each other. Forget one of them.</source>
        <translation>Los compases indicados se excluyen entre sí. Olvide uno de ellos.</translation>
    </message>
    <message>
        <source>There are no taps to count by.</source>
        <translation>No hay toques con los que contar.</translation>
    </message>
    <message>
        <source>The two recordings have too little in common to carry the map over. Open the other one as a song of its own.</source>
        <translation>Las dos grabaciones tienen muy poco en común para trasladar el mapa. Abra la otra como una canción aparte.</translation>
    </message>
    <message>
        <source>The voice is not here: the package espeak-ng-data is missing. Counts are clicked instead.</source>
        <translation>La voz no está: falta el paquete espeak-ng-data. Las cuentas suenan como clics.</translation>
    </message>
    <message>
        <source>The voice could not say “%1”. Counts are clicked instead.</source>
        <translation>La voz no pudo decir «%1». Las cuentas suenan como clics.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>Se detuvo la lectura.</translation>
    </message>
    <message>
        <source>%1 could not be written. Choose another folder or make room. The file from before is untouched.</source>
        <translation>No se pudo escribir %1. Elija otra carpeta o haga sitio. El archivo anterior está intacto.</translation>
    </message>
    <message>
        <source>%1 is empty.</source>
        <translation>%1 está vacío.</translation>
    </message>
    <message>
        <source>%1 is not a sound file that can be read. Try WAV, FLAC, OGG, MP3, M4A or a video with sound.</source>
        <translation>%1 no es un archivo de sonido que se pueda leer. Pruebe WAV, FLAC, OGG, MP3, M4A o un vídeo con sonido.</translation>
    </message>
    <message>
        <source>%1 has %2 channels at %3 Hz, which cannot be played.</source>
        <translation>%1 tiene %2 canales a %3 Hz, y eso no se puede reproducir.</translation>
    </message>
    <message>
        <source>%2 is longer than %1 minutes. Cut the piece you dance to out of it first.</source>
        <translation>%2 dura más de %1 minutos. Recorte antes la parte que se baila.</translation>
    </message>
    <message>
        <source>%1 holds no sound.</source>
        <translation>%1 no contiene sonido.</translation>
    </message>
    <message numerus="yes">
        <source>%1 has %n sample that is not a number; it is played as silence.|%1 has %n samples that are not numbers; they are played as silence.</source>
        <translation>
            <numerusform>%1 tiene %n muestra que no es un número; suena como silencio.</numerusform>
            <numerusform>%1 tiene %n muestras que no son números; suenan como silencio.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 breaks off: %2 of %3 seconds could be read.</source>
        <translation>%1 se interrumpe: se leyeron %2 de %3 segundos.</translation>
    </message>
    <message>
        <source>%1 breaks off after %2 seconds: its end is missing.</source>
        <translation>%1 se interrumpe a los %2 segundos: falta el final.</translation>
    </message>
    <message>
        <source>The routine has no figure “%1”.</source>
        <translation>La coreografía no tiene ninguna figura «%1».</translation>
    </message>
    <message>
        <source>Counts of the music begin with 1.</source>
        <translation>Las cuentas de la música empiezan en 1.</translation>
    </message>
    <message>
        <source>A set has at least one count.</source>
        <translation>Un grupo tiene al menos una cuenta.</translation>
    </message>
    <message>
        <source>There is no pass “%1”. Passes are numbered from 1; the routine has %2.</source>
        <translation>No hay pasada «%1». Las pasadas se numeran desde 1; la coreografía tiene %2.</translation>
    </message>
    <message>
        <source>The routine has no part “%1”.</source>
        <translation>La coreografía no tiene ninguna parte «%1».</translation>
    </message>
    <message>
        <source>“%1” says no count. Write 3@65: pass 3 begins on count 65.</source>
        <translation>«%1» no dice ninguna cuenta. Escriba 3@65: la pasada 3 empieza en la cuenta 65.</translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation>Lo que se conserva cuesta %1.</translation>
    </message>
    <message>
        <source>“%1” is not a dance family that has a tempo here. There are: %2.</source>
        <translation>«%1» no es una familia de baile con tempo conocido aquí. Hay: %2.</translation>
    </message>
    <message>
        <source>The routine has no recording, so no sound can be written. Without -o the cuts are listed.</source>
        <translation>La coreografía no tiene grabación, así que no se puede escribir sonido. Sin -o se enumeran los cortes.</translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Give another name with -o.</source>
        <translation>Esa es la propia grabación, que se queda como está. Dé otro nombre con -o.</translation>
    </message>
    <message>
        <source>%1 is there already, and the map of the mended song would take its place. Give another name with -o, or add --overwrite.</source>
        <translation>%1 ya existe, y el mapa de la canción retocada ocuparía su lugar. Dé otro nombre con -o o añada --overwrite.</translation>
    </message>
    <message>
        <source>“%1” is not a tempo. Write --tempo auto, or beats a minute from 10 to 600.</source>
        <translation>«%1» no es un tempo. Escriba --tempo auto, o pulsos por minuto de 10 a 600.</translation>
    </message>
    <message>
        <source>A typed structure needs its tempo: add --bpm, for example --bpm 112.</source>
        <translation>Una estructura escrita necesita su tempo: añada --bpm, por ejemplo --bpm 112.</translation>
    </message>
    <message>
        <source>Slow and quick last longer than nothing.</source>
        <translation>Lento y rápido duran más que nada.</translation>
    </message>
    <message>
        <source>“%1” is not a format of a map.</source>
        <translation>«%1» no es un formato de mapa.</translation>
    </message>
    <message>
        <source>A figure is longer than nothing.</source>
        <translation>Una figura dura más que nada.</translation>
    </message>
    <message>
        <source>A bar has at least a part of a count.</source>
        <translation>Un compás tiene al menos una fracción de cuenta.</translation>
    </message>
    <message>
        <source>What is filled is longer than nothing.</source>
        <translation>Lo que se rellena dura más que nada.</translation>
    </message>
    <message>
        <source>The file %1 could not be read to its end.</source>
        <translation>El archivo %1 no se pudo leer hasta el final.</translation>
    </message>
    <message>
        <source>Row %1 of the table has text after a closed quotation mark. Put the whole cell into quotes.</source>
        <translation>La fila %1 de la tabla tiene texto después de unas comillas de cierre. Ponga toda la celda entre comillas.</translation>
    </message>
    <message>
        <source>Row %1 of the table has a quotation mark that is not closed.</source>
        <translation>La fila %1 de la tabla tiene unas comillas sin cerrar.</translation>
    </message>
    <message>
        <source>“%1” is not a facing. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock.</source>
        <translation>«%1» no es una orientación. Diga las 12, 1:30, 3, 4:30, 6, 7:30, 9 o 10:30.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>%1 R</source>
        <translation>%1 D</translation>
    </message>
    <message>
        <source>%1 L</source>
        <translation>%1 I</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>either</source>
        <translation>cualquiera</translation>
    </message>
    <message>
        <source>%1 is a folder.</source>
        <translation>%1 es una carpeta.</translation>
    </message>
    <message>
        <source>%1 is a pipe, not a file.</source>
        <translation>%1 es una tubería, no un archivo.</translation>
    </message>
    <message>
        <source>%1 is a device, not a file.</source>
        <translation>%1 es un dispositivo, no un archivo.</translation>
    </message>
    <message>
        <source>There is no file %1.</source>
        <translation>No existe el archivo %1.</translation>
    </message>
    <message>
        <source>%1 may not be read by you. Change its permissions, or copy it to a folder of yours.</source>
        <translation>No tiene permiso para leer %1. Cambie sus permisos o cópielo a una carpeta suya.</translation>
    </message>
    <message>
        <source>%1 could not be read to its end: the disk or stick reports a fault. Try to copy it, or take another copy.</source>
        <translation>%1 no se pudo leer hasta el final: el disco o la memoria indica un fallo. Intente copiarlo o use otra copia.</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 no se puede leer: %2.</translation>
    </message>
    <message>
        <source>you may not write there. Choose another folder.</source>
        <translation>ahí no tiene permiso para escribir. Elija otra carpeta.</translation>
    </message>
    <message>
        <source>the disk is full. Make room or choose another folder.</source>
        <translation>el disco está lleno. Haga sitio o elija otra carpeta.</translation>
    </message>
    <message>
        <source>it is larger than the system allows here. Choose another folder.</source>
        <translation>es más grande de lo que el sistema permite aquí. Elija otra carpeta.</translation>
    </message>
    <message>
        <source>the folder does not exist. Choose another folder.</source>
        <translation>la carpeta no existe. Elija otra carpeta.</translation>
    </message>
    <message>
        <source>a folder has that name. Choose another name.</source>
        <translation>una carpeta tiene ese nombre. Elija otro nombre.</translation>
    </message>
    <message>
        <source>nothing reads from that pipe.</source>
        <translation>nadie lee de esa tubería.</translation>
    </message>
    <message>
        <source>that is a disk, not a file. Choose another name.</source>
        <translation>eso es un disco, no un archivo. Elija otro nombre.</translation>
    </message>
    <message>
        <source>the name is too long. Choose a shorter one.</source>
        <translation>el nombre es demasiado largo. Elija uno más corto.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1 could not be written: %2 The file from before is untouched.</source>
        <translation>No se pudo escribir %1: %2 El archivo anterior está intacto.</translation>
    </message>
    <message>
        <source>%1 is far too large: more than %2 MB. Is it the right file?</source>
        <translation>%1 es demasiado grande: más de %2 MB. ¿Es el archivo correcto?</translation>
    </message>
    <message>
        <source>%1 Choose another name.</source>
        <translation>%1 Elija otro nombre.</translation>
    </message>
    <message>
        <source>is larger than %1 MB</source>
        <translation>ocupa más de %1 MB</translation>
    </message>
    <message>
        <source>is nested more than %1 deep</source>
        <translation>tiene más de %1 niveles anidados</translation>
    </message>
    <message>
        <source>has more than %1 fields in one object</source>
        <translation>tiene más de %1 campos en un objeto</translation>
    </message>
    <message>
        <source>has more than %1 values</source>
        <translation>tiene más de %1 valores</translation>
    </message>
    <message numerus="yes">
        <source>pass %1|passes %1</source>
        <translation>
            <numerusform>pasada %1</numerusform>
            <numerusform>pasadas %1</numerusform>
        </translation>
    </message>
    <message>
        <source>no</source>
        <translation>ningún</translation>
    </message>
    <message>
        <source>one</source>
        <translation>un</translation>
    </message>
    <message>
        <source>two</source>
        <translation>dos</translation>
    </message>
    <message>
        <source>three</source>
        <translation>tres</translation>
    </message>
    <message>
        <source>four</source>
        <translation>cuatro</translation>
    </message>
    <message>
        <source>five</source>
        <translation>cinco</translation>
    </message>
    <message>
        <source>six</source>
        <translation>seis</translation>
    </message>
    <message>
        <source>seven</source>
        <translation>siete</translation>
    </message>
    <message>
        <source>eight</source>
        <translation>ocho</translation>
    </message>
    <message>
        <source>%1 is not text (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 no es texto (línea %2). Guárdelo como texto sin formato en UTF-8.</translation>
    </message>
    <message>
        <source>%1 is damaged UTF-16 (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 es UTF-16 dañado (línea %2). Guárdelo como texto sin formato en UTF-8.</translation>
    </message>
    <message>
        <source>%1 is not UTF-8; it was read as Western European (windows-1252).</source>
        <translation>%1 no es UTF-8; se leyó como europeo occidental (windows-1252).</translation>
    </message>
    <message>
        <source>If letters are wrong, save it as UTF-8 first.</source>
        <translation>Si hay letras equivocadas, guárdelo antes como UTF-8.</translation>
    </message>
    <message>
        <source>%1 has bytes that are not UTF-8 (line %2). Save it as plain text in UTF-8.</source>
        <translation>%1 tiene bytes que no son UTF-8 (línea %2). Guárdelo como texto sin formato en UTF-8.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 y %2</translation>
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
            <numerusform>%n cuenta</numerusform>
            <numerusform>%n cuentas</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 cuentas</translation>
    </message>
    <message>
        <source>“%1” is not a count. Write a number such as 12 or 3/4.</source>
        <translation>«%1» no es una cuenta. Escriba un número como 12 o 3/4.</translation>
    </message>
    <message>
        <source>“%1” is too large for a count.</source>
        <translation>«%1» es demasiado grande para una cuenta.</translation>
    </message>
    <message>
        <source>“%1” does not divide evenly: a count has 20160 parts. Use halves, thirds, … up to tenths, 12ths, 16ths or 32nds.</source>
        <translation>«%1» no se divide con exactitud: una cuenta tiene 20160 partes. Use medios, tercios… hasta décimos, o 12, 16 o 32 avos.</translation>
    </message>
    <message>
        <source>typed</source>
        <translation>escrito</translation>
    </message>
    <message>
        <source>tapped</source>
        <translation>marcado</translation>
    </message>
    <message>
        <source>imported</source>
        <translation>importado</translation>
    </message>
    <message>
        <source>carried</source>
        <translation>trasladado</translation>
    </message>
    <message>
        <source>heard</source>
        <translation>oído</translation>
    </message>
    <message>
        <source>“%1” is not an origin of a song map.</source>
        <translation>«%1» no es un origen de mapa de canción.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>“%1” was changed by another window or program since it was opened here. Save under another name, or overwrite it if you are sure.</source>
        <translation>«%1» fue cambiado por otra ventana u otro programa desde que se abrió aquí. Guárdelo con otro nombre o sobrescríbalo si está seguro.</translation>
    </message>
    <message>
        <source>should be 10 to 600</source>
        <translation>debería ser de 10 a 600</translation>
    </message>
    <message>
        <source>This routine file is damaged: %1 %2. The file was left as it is; take a copy of it from before.</source>
        <translation>Este archivo de coreografía está dañado: %1 %2. El archivo se dejó como estaba; use una copia anterior.</translation>
    </message>
    <message>
        <source>This is not a Lift Count routine.</source>
        <translation>Esto no es una coreografía de Lift Count.</translation>
    </message>
    <message>
        <source>This routine was written by a newer Lift Count (format %1; this one reads up to %2). It was left as it is. Update Lift Count to open it.</source>
        <translation>Esta coreografía fue escrita por un Lift Count más nuevo (formato %1; este lee hasta %2). Se dejó como estaba. Actualice Lift Count para abrirla.</translation>
    </message>
    <message>
        <source>should be above 0</source>
        <translation>debería ser mayor que 0</translation>
    </message>
    <message>
        <source>should not be below 0</source>
        <translation>no debería ser menor que 0</translation>
    </message>
    <message>
        <source>should have either a figure or a part</source>
        <translation>debería tener una figura o una parte</translation>
    </message>
    <message>
        <source>stands without a restart</source>
        <translation>está sin restart</translation>
    </message>
    <message>
        <source>stands without a tag</source>
        <translation>está sin tag</translation>
    </message>
    <message>
        <source>is no change of a figure</source>
        <translation>no es un cambio de figura</translation>
    </message>
    <message>
        <source>has no field “at”</source>
        <translation>no tiene el campo «at»</translation>
    </message>
    <message>
        <source>should be after its beginning</source>
        <translation>debería estar después de su comienzo</translation>
    </message>
    <message>
        <source>is empty</source>
        <translation>está vacío</translation>
    </message>
    <message>
        <source>stands twice in one figure</source>
        <translation>está dos veces en una figura</translation>
    </message>
    <message>
        <source>should have 8 roles at most</source>
        <translation>debería tener 8 roles como máximo</translation>
    </message>
    <message>
        <source>should lie between %1 and 4096 counts</source>
        <translation>debería estar entre %1 y 4096 cuentas</translation>
    </message>
    <message>
        <source>should lie above 0 and at most at 64 counts</source>
        <translation>debería ser mayor que 0 y como máximo 64 cuentas</translation>
    </message>
    <message>
        <source>should have own_and before own_a, both inside the count</source>
        <translation>debería tener own_and antes de own_a, ambos dentro de la cuenta</translation>
    </message>
    <message>
        <source>should be an object</source>
        <translation>debería ser un objeto</translation>
    </message>
    <message>
        <source>has an unknown field “%1”</source>
        <translation>tiene un campo desconocido «%1»</translation>
    </message>
    <message>
        <source>has no field “%1”</source>
        <translation>no tiene el campo «%1»</translation>
    </message>
    <message>
        <source>should be a list</source>
        <translation>debería ser una lista</translation>
    </message>
    <message>
        <source>should be a text</source>
        <translation>debería ser un texto</translation>
    </message>
    <message>
        <source>should be a number</source>
        <translation>debería ser un número</translation>
    </message>
    <message>
        <source>should be a finite number</source>
        <translation>debería ser un número finito</translation>
    </message>
    <message>
        <source>should lie within a million seconds</source>
        <translation>debería estar dentro de un millón de segundos</translation>
    </message>
    <message>
        <source>should be a whole number</source>
        <translation>debería ser un número entero</translation>
    </message>
    <message>
        <source>is too large</source>
        <translation>es demasiado grande</translation>
    </message>
    <message>
        <source>should lie between %1 and %2</source>
        <translation>debería estar entre %1 y %2</translation>
    </message>
    <message>
        <source>should be true or false</source>
        <translation>debería ser true o false</translation>
    </message>
    <message>
        <source>the text</source>
        <translation>el texto</translation>
    </message>
    <message>
        <source>%1 (byte %2)</source>
        <translation>%1 (byte %2)</translation>
    </message>
    <message>
        <source>at byte %1</source>
        <translation>en el byte %1</translation>
    </message>
    <message>
        <source>the text breaks off or is not JSON</source>
        <translation>el texto se interrumpe o no es JSON</translation>
    </message>
    <message>
        <source>one of its fields</source>
        <translation>uno de sus campos</translation>
    </message>
    <message>
        <source>has a value of the wrong kind</source>
        <translation>tiene un valor de tipo equivocado</translation>
    </message>
    <message>
        <source>the file</source>
        <translation>el archivo</translation>
    </message>
    <message>
        <source>should have one entry for each beat</source>
        <translation>debería tener una entrada por pulso</translation>
    </message>
    <message>
        <source>should lie between 0 and 1</source>
        <translation>debería estar entre 0 y 1</translation>
    </message>
    <message>
        <source>should lie between 0.4 and 0.8</source>
        <translation>debería estar entre 0,4 y 0,8</translation>
    </message>
    <message>
        <source>does not hold together: %1</source>
        <translation>no es coherente: %1</translation>
    </message>
    <message>
        <source>should be after from_s</source>
        <translation>debería estar después de from_s</translation>
    </message>
    <message>
        <source>should be 2 or -2</source>
        <translation>debería ser 2 o -2</translation>
    </message>
    <message>
        <source>should be at most a tenth of a second</source>
        <translation>debería ser de una décima de segundo como máximo</translation>
    </message>
    <message>
        <source>should be later than at_s</source>
        <translation>debería estar después de at_s</translation>
    </message>
    <message>
        <source>is no kind of fact that this version knows</source>
        <translation>no es un tipo de dato que esta versión conozca</translation>
    </message>
    <message>
        <source>stands twice with one school</source>
        <translation>está dos veces con una escuela</translation>
    </message>
    <message>
        <source>should have 1 to 8 roles</source>
        <translation>debería tener de 1 a 8 roles</translation>
    </message>
    <message>
        <source>should have at least one part</source>
        <translation>debería tener al menos una parte</translation>
    </message>
    <message>
        <source>puts the part inside itself</source>
        <translation>mete la parte dentro de sí misma</translation>
    </message>
    <message>
        <source>should have at most 5000 passes</source>
        <translation>debería tener 5000 pasadas como máximo</translation>
    </message>
    <message>
        <source>should be L, R or B</source>
        <translation>debería ser L, R o B</translation>
    </message>
    <message>
        <source>is no figure of this routine</source>
        <translation>no es una figura de esta coreografía</translation>
    </message>
    <message>
        <source>is no role of this routine</source>
        <translation>no es un rol de esta coreografía</translation>
    </message>
    <message>
        <source>is above last_id</source>
        <translation>está por encima de last_id</translation>
    </message>
    <message>
        <source>is used twice</source>
        <translation>se usa dos veces</translation>
    </message>
    <message>
        <source>points to nothing in the file</source>
        <translation>no apunta a nada del archivo</translation>
    </message>
    <message>
        <source>A part is named by one word, such as A or Ending.</source>
        <translation>Una parte se nombra con una sola palabra, como A o Final.</translation>
    </message>
    <message>
        <source>There is a part “%1” already. Take another name.</source>
        <translation>Ya hay una parte «%1». Use otro nombre.</translation>
    </message>
    <message>
        <source>That role is no longer there; nothing was changed.</source>
        <translation>Ese rol ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>A role needs a name, such as leader or row 1.</source>
        <translation>Un rol necesita un nombre, como líder o fila 1.</translation>
    </message>
    <message>
        <source>A routine has at most 8 roles.</source>
        <translation>Una coreografía tiene 8 roles como máximo.</translation>
    </message>
    <message>
        <source>A role needs a name, such as follower or row 2.</source>
        <translation>Un rol necesita un nombre, como seguidor o fila 2.</translation>
    </message>
    <message>
        <source>A routine needs at least one role.</source>
        <translation>Una coreografía necesita al menos un rol.</translation>
    </message>
    <message>
        <source>A figure needs a name.</source>
        <translation>Una figura necesita un nombre.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 figures.</source>
        <translation>Una coreografía tiene 2000 figuras como máximo.</translation>
    </message>
    <message>
        <source>That figure is no longer there; nothing was changed.</source>
        <translation>Esa figura ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>That line is no longer there; nothing was changed.</source>
        <translation>Esa línea ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>This line stands in no figure&apos;s section, so it cannot be a remark of one. Take it out, or write what it says where it belongs.</source>
        <translation>Esta línea no está en la sección de ninguna figura, así que no puede ser una nota de ninguna. Quítela o escriba lo que dice donde corresponde.</translation>
    </message>
    <message>
        <source>The figure of this line is no longer there.</source>
        <translation>La figura de esta línea ya no está.</translation>
    </message>
    <message>
        <source>That part is no longer there; nothing was changed.</source>
        <translation>Esa parte ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>A routine needs at least one part.</source>
        <translation>Una coreografía necesita al menos una parte.</translation>
    </message>
    <message>
        <source>A place holds one figure or one part.</source>
        <translation>Un lugar contiene una figura o una parte.</translation>
    </message>
    <message>
        <source>Part %1 cannot be put there: it would lie inside itself.</source>
        <translation>La parte %1 no puede ponerse ahí: quedaría dentro de sí misma.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 counts.</source>
        <translation>Un compás tiene de 1 a 24 cuentas.</translation>
    </message>
    <message>
        <source>A part has at most 2000 figures.</source>
        <translation>Una parte tiene 2000 figuras como máximo.</translation>
    </message>
    <message>
        <source>Figures cannot be moved before one of themselves.</source>
        <translation>Las figuras no se pueden mover delante de una de ellas mismas.</translation>
    </message>
    <message>
        <source>A routine has at most %1 passes.</source>
        <translation>Una coreografía tiene %1 pasadas como máximo.</translation>
    </message>
    <message>
        <source>That pass is no longer there; nothing was changed.</source>
        <translation>Esa pasada ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>A restart comes after at least a part of a count.</source>
        <translation>Un restart llega después de al menos una fracción de cuenta.</translation>
    </message>
    <message>
        <source>A tag is longer than nothing.</source>
        <translation>Un tag dura más que nada.</translation>
    </message>
    <message>
        <source>A bridge is longer than nothing, and stands in the pass.</source>
        <translation>Un puente dura más que nada y está dentro de la pasada.</translation>
    </message>
    <message>
        <source>A wait is not shorter than nothing.</source>
        <translation>Una espera no dura menos que nada.</translation>
    </message>
    <message>
        <source>An ending begins in the pass.</source>
        <translation>Un final empieza dentro de la pasada.</translation>
    </message>
    <message>
        <source>In a canon the entries are apart by more than nothing.</source>
        <translation>En un canon las entradas se separan más que nada.</translation>
    </message>
    <message>
        <source>A canon ends after it begins.</source>
        <translation>Un canon acaba después de empezar.</translation>
    </message>
    <message>
        <source>A role enters a canon once.</source>
        <translation>Un rol entra una sola vez en un canon.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 exceptions bound to the music.</source>
        <translation>Una coreografía tiene 2000 excepciones ligadas a la música como máximo.</translation>
    </message>
    <message>
        <source>Nothing is to be done at this place of the music. Say a restart, a tag or another exception.</source>
        <translation>No hay nada que hacer en este lugar de la música. Diga un restart, un tag u otra excepción.</translation>
    </message>
    <message>
        <source>That exception is no longer there; nothing was changed.</source>
        <translation>Esa excepción ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>That moment is no longer there; nothing was changed.</source>
        <translation>Ese momento ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>An accent lies in its figure.</source>
        <translation>Un acento está dentro de su figura.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 accents.</source>
        <translation>Una coreografía tiene 2000 acentos como máximo.</translation>
    </message>
    <message>
        <source>That accent is no longer there; nothing was changed.</source>
        <translation>Ese acento ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>That fact is no longer there; nothing was changed.</source>
        <translation>Ese dato ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>A set has 1 to 16 bars.</source>
        <translation>Un grupo tiene de 1 a 16 compases.</translation>
    </message>
    <message>
        <source>A routine has at most 2000 words of its own.</source>
        <translation>Una coreografía tiene 2000 palabras propias como máximo.</translation>
    </message>
    <message>
        <source>That word is no longer there; nothing was changed.</source>
        <translation>Esa palabra ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>A moment needs a name in your own words, such as “the big stop”.</source>
        <translation>Un momento necesita un nombre con sus palabras, como «la gran parada».</translation>
    </message>
    <message>
        <source>A song has at most 2000 moments.</source>
        <translation>Una canción tiene 2000 momentos como máximo.</translation>
    </message>
    <message>
        <source>A moment lies in the song.</source>
        <translation>Un momento está dentro de la canción.</translation>
    </message>
    <message>
        <source>title</source>
        <translation>título</translation>
    </message>
    <message>
        <source>song</source>
        <translation>canción</translation>
    </message>
    <message>
        <source>song map, %1</source>
        <translation>mapa de la canción, %1</translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation>otra grabación de la canción</translation>
    </message>
    <message>
        <source>moment “%1”</source>
        <translation>momento «%1»</translation>
    </message>
    <message>
        <source>change the moment “%1”</source>
        <translation>cambiar el momento «%1»</translation>
    </message>
    <message>
        <source>remove a moment</source>
        <translation>quitar un momento</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>líneas de letra</translation>
    </message>
    <message>
        <source>place of the song file</source>
        <translation>ubicación del archivo de la canción</translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation>olvidar un dato</translation>
    </message>
    <message>
        <source>forget all facts</source>
        <translation>olvidar todos los datos</translation>
    </message>
    <message>
        <source>way of counting</source>
        <translation>forma de contar</translation>
    </message>
    <message>
        <source>feel</source>
        <translation>subdivisión</translation>
    </message>
    <message>
        <source>what “%1” means</source>
        <translation>qué significa «%1»</translation>
    </message>
    <message>
        <source>forget what “%1” means</source>
        <translation>olvidar qué significa «%1»</translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation>nombre de un rol</translation>
    </message>
    <message>
        <source>role %1</source>
        <translation>rol %1</translation>
    </message>
    <message>
        <source>remove a role</source>
        <translation>quitar un rol</translation>
    </message>
    <message>
        <source>new part</source>
        <translation>parte nueva</translation>
    </message>
    <message>
        <source>name of a part</source>
        <translation>nombre de una parte</translation>
    </message>
    <message>
        <source>remove a part</source>
        <translation>quitar una parte</translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation>figura %1</translation>
    </message>
    <message>
        <source>change %1</source>
        <translation>cambiar %1</translation>
    </message>
    <message>
        <source>take a figure out</source>
        <translation>sacar una figura</translation>
    </message>
    <message>
        <source>place a figure</source>
        <translation>colocar una figura</translation>
    </message>
    <message>
        <source>place figures</source>
        <translation>colocar figuras</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>pasos</translation>
    </message>
    <message>
        <source>copy of a part</source>
        <translation>copia de una parte</translation>
    </message>
    <message>
        <source>place a part</source>
        <translation>colocar una parte</translation>
    </message>
    <message>
        <source>how a figure is danced</source>
        <translation>cómo se baila una figura</translation>
    </message>
    <message>
        <source>take a figure out of its part</source>
        <translation>sacar una figura de su parte</translation>
    </message>
    <message>
        <source>take figures out of their part</source>
        <translation>sacar figuras de su parte</translation>
    </message>
    <message>
        <source>insert a figure</source>
        <translation>insertar una figura</translation>
    </message>
    <message>
        <source>insert figures</source>
        <translation>insertar figuras</translation>
    </message>
    <message>
        <source>repeat figures</source>
        <translation>repetir figuras</translation>
    </message>
    <message>
        <source>move figures</source>
        <translation>mover figuras</translation>
    </message>
    <message>
        <source>figures in reverse order</source>
        <translation>figuras en orden inverso</translation>
    </message>
    <message>
        <source>insert a pass</source>
        <translation>insertar una pasada</translation>
    </message>
    <message>
        <source>insert passes</source>
        <translation>insertar pasadas</translation>
    </message>
    <message>
        <source>move a pass</source>
        <translation>mover una pasada</translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation>lo que hace distinta una pasada</translation>
    </message>
    <message>
        <source>pin the start of a pass</source>
        <translation>fijar el comienzo de una pasada</translation>
    </message>
    <message>
        <source>unpin the start of a pass</source>
        <translation>soltar el comienzo de una pasada</translation>
    </message>
    <message>
        <source>what a pass is remembered by</source>
        <translation>cómo se recuerda una pasada</translation>
    </message>
    <message>
        <source>exception bound to the music</source>
        <translation>excepción ligada a la música</translation>
    </message>
    <message>
        <source>take an exception of the music out</source>
        <translation>quitar una excepción de la música</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>acento</translation>
    </message>
    <message>
        <source>take an accent out</source>
        <translation>quitar un acento</translation>
    </message>
    <message>
        <source>opening stance</source>
        <translation>posición inicial</translation>
    </message>
    <message>
        <source>formation: %1</source>
        <translation>formación: %1</translation>
    </message>
    <message>
        <source>level</source>
        <translation>nivel</translation>
    </message>
    <message>
        <source>order of passes</source>
        <translation>orden de las pasadas</translation>
    </message>
    <message>
        <source>remove a pass</source>
        <translation>quitar una pasada</translation>
    </message>
    <message>
        <source>remove passes</source>
        <translation>quitar pasadas</translation>
    </message>
    <message>
        <source>restart after %1</source>
        <translation>restart después de %1</translation>
    </message>
    <message>
        <source>take the restart out</source>
        <translation>quitar el restart</translation>
    </message>
    <message>
        <source>tag of %1</source>
        <translation>tag de %1</translation>
    </message>
    <message>
        <source>take the tag out</source>
        <translation>quitar el tag</translation>
    </message>
    <message>
        <source>touch in place of a step</source>
        <translation>touch en lugar de un paso</translation>
    </message>
    <message>
        <source>step in place of a touch</source>
        <translation>paso en lugar de un touch</translation>
    </message>
    <message>
        <source>where the dance starts</source>
        <translation>dónde empieza el baile</translation>
    </message>
    <message>
        <source>leave a finding as it is</source>
        <translation>dejar un aviso como está</translation>
    </message>
    <message>
        <source>look at a finding again</source>
        <translation>volver a mirar un aviso</translation>
    </message>
    <message>
        <source>steps of a line of the hand-out</source>
        <translation>pasos de una línea de la hoja</translation>
    </message>
    <message>
        <source>a line of the hand-out as a remark</source>
        <translation>una línea de la hoja como nota</translation>
    </message>
    <message>
        <source>take a line of the hand-out out</source>
        <translation>quitar una línea de la hoja</translation>
    </message>
    <message>
        <source>Put its steps back into %1, to be mended there</source>
        <translation>Devolver sus pasos a %1 para arreglarlos allí</translation>
    </message>
    <message>
        <source>Keep it as a remark of %1</source>
        <translation>Conservarla como nota de %1</translation>
    </message>
    <message>
        <source>It is settled: take it out</source>
        <translation>Está resuelto: quitarla</translation>
    </message>
    <message>
        <source>there is no role “%1”. The roles are %2.</source>
        <translation>no hay rol «%1». Los roles son %2.</translation>
    </message>
    <message>
        <source>which steps? Those typed in parts are numbered as they stand there: steps 1.</source>
        <translation>¿qué pasos? Los escritos en partes se numeran como están allí: steps 1.</translation>
    </message>
    <message>
        <source>there are no steps “%1” before this line.</source>
        <translation>no hay pasos «%1» antes de esta línea.</translation>
    </message>
    <message>
        <source>there is no figure “%1” in this text. Add “figure: %2” with its lines.</source>
        <translation>no hay figura «%1» en este texto. Añada «figure: %2» con sus líneas.</translation>
    </message>
    <message>
        <source>there is no part “%1”.</source>
        <translation>no hay parte «%1».</translation>
    </message>
    <message>
        <source>“%1” cannot be done to a placed figure. Known are mirrored, exchanged, version …, in bars of 3 for 4.</source>
        <translation>«%1» no se puede hacer a una figura colocada. Se conocen mirrored, exchanged, version …, in bars of 3 for 4.</translation>
    </message>
    <message>
        <source>write the bars as danced and as written: “in bars of 3 for 4”.</source>
        <translation>escriba los compases bailados y los escritos: «in bars of 3 for 4».</translation>
    </message>
    <message>
        <source>“figure %1” leads into no part.</source>
        <translation>«figure %1» no lleva a ninguna parte.</translation>
    </message>
    <message>
        <source>part %1 has no figure %2; it has %3.</source>
        <translation>la parte %1 no tiene figura %2; tiene %3.</translation>
    </message>
    <message>
        <source>“%1” is not a place in a part. Write for example A 3.</source>
        <translation>«%1» no es un lugar de una parte. Escriba por ejemplo A 3.</translation>
    </message>
    <message>
        <source>“%1” says no place. Write “Bridge, after 16”.</source>
        <translation>«%1» no dice ningún lugar. Escriba «Bridge, after 16».</translation>
    </message>
    <message>
        <source>name the section of the song: “Bridge, after 16”.</source>
        <translation>nombre la sección de la canción: «Bridge, after 16».</translation>
    </message>
    <message>
        <source>after how many counts? Write for example “after 16”.</source>
        <translation>¿después de cuántas cuentas? Escriba por ejemplo «after 16».</translation>
    </message>
    <message>
        <source>“%1” has no meaning here.</source>
        <translation>«%1» no significa nada aquí.</translation>
    </message>
    <message>
        <source>what of this figure? Write for example “figure 3 mirrored”.</source>
        <translation>¿qué de esta figura? Escriba por ejemplo «figure 3 mirrored».</translation>
    </message>
    <message>
        <source>“%1” cannot be done to a figure. Known are mirrored, exchanged, in version …, in bars of 3 for 4.</source>
        <translation>«%1» no se puede hacer a una figura. Se conocen mirrored, exchanged, in version …, in bars of 3 for 4.</translation>
    </message>
    <message>
        <source>“%1” is not an exception. Known are restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.</source>
        <translation>«%1» no es una excepción. Se conocen restart, tag of, bridge of, last change a touch, without figure, figure, add, mirrored, exchanged, wait, ending, canon, pinned to, remembered by.</translation>
    </message>
    <message>
        <source>there is no part “%1” to end with.</source>
        <translation>no hay parte «%1» con la que acabar.</translation>
    </message>
    <message>
        <source>where is it added? Write “add after figure 2: Sway” or “add at the head: Sway”.</source>
        <translation>¿dónde se añade? Escriba «add after figure 2: Sway» o «add at the head: Sway».</translation>
    </message>
    <message>
        <source>how far apart do they enter? Write “canon 2 apart”.</source>
        <translation>¿con qué separación entran? Escriba «canon 2 apart».</translation>
    </message>
    <message>
        <source>“%1” has no meaning in a canon. Known are ripple, together, from, to, enters.</source>
        <translation>«%1» no significa nada en un canon. Se conocen ripple, together, from, to, enters.</translation>
    </message>
    <message>
        <source>so many figures are not added to that pass.</source>
        <translation>no se añaden tantas figuras a esa pasada.</translation>
    </message>
    <message>
        <source>“%1” is not a stance. Write “leader: left free, facing 12”.</source>
        <translation>«%1» no es una posición. Escriba «leader: left free, facing 12».</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2 %3. Nothing was changed.</source>
        <translation>%1 no se puede leer: %2 %3. No se cambió nada.</translation>
    </message>
    <message>
        <source>A figure</source>
        <translation>Una figura</translation>
    </message>
    <message>
        <source>The file of figures</source>
        <translation>El archivo de figuras</translation>
    </message>
    <message>
        <source>This is not a file of figures.</source>
        <translation>Esto no es un archivo de figuras.</translation>
    </message>
    <message>
        <source>These figures were written by a newer Lift Count (format %1; this one reads up to %2). Update Lift Count to read them.</source>
        <translation>Estas figuras fueron escritas por un Lift Count más nuevo (formato %1; este lee hasta %2). Actualice Lift Count para leerlas.</translation>
    </message>
    <message>
        <source>The table is empty. Its first row names the columns: name, line of everyone, …</source>
        <translation>La tabla está vacía. Su primera fila nombra las columnas: name, line of everyone, …</translation>
    </message>
    <message>
        <source>Column %1 of the table is called “%2”, which means nothing here. Take it out, or name it as the export does.</source>
        <translation>La columna %1 de la tabla se llama «%2», que aquí no significa nada. Quítela o nómbrela como hace la exportación.</translation>
    </message>
    <message>
        <source>The column “%1” stands twice in the table.</source>
        <translation>La columna «%1» está dos veces en la tabla.</translation>
    </message>
    <message>
        <source>The table has no column “name”.</source>
        <translation>La tabla no tiene columna «name».</translation>
    </message>
    <message>
        <source>Row %1 of the table has %2 cells, the header has %3.</source>
        <translation>La fila %1 de la tabla tiene %2 celdas, el encabezado tiene %3.</translation>
    </message>
    <message>
        <source>%1the versions are no JSON text.</source>
        <translation>%1las versiones no son texto JSON.</translation>
    </message>
    <message>
        <source>Row %1 of the table: %2 %3.</source>
        <translation>Fila %1 de la tabla: %2 %3.</translation>
    </message>
    <message>
        <source>Row %1 of the table has a value of the wrong kind.</source>
        <translation>La fila %1 de la tabla tiene un valor de tipo equivocado.</translation>
    </message>
    <message>
        <source>%1a figure needs a name.</source>
        <translation>%1una figura necesita un nombre.</translation>
    </message>
    <message>
        <source>This hand-out has more than %1 lines. Paste the dance alone.</source>
        <translation>Esta hoja tiene más de %1 líneas. Pegue solo el baile.</translation>
    </message>
    <message>
        <source>the number of a page</source>
        <translation>el número de una página</translation>
    </message>
    <message>
        <source>No line of this text could be read as steps. Steps are written with their counts, as in “1-2 rock back L, recover R”, or as a list, as in “walk, walk, triple step”.</source>
        <translation>Ninguna línea de este texto se pudo leer como pasos. Los pasos se escriben con sus cuentas, como «1-2 rock back L, recover R», o en lista, como «walk, walk, triple step».</translation>
    </message>
    <message>
        <source>for people to read</source>
        <translation>para que lo lea la gente</translation>
    </message>
    <message>
        <source>danced several times: write how often in the order, for example “Order: A A A”</source>
        <translation>bailado varias veces: escriba cuántas en el orden, por ejemplo «Order: A A A»</translation>
    </message>
    <message>
        <source>the order of the parts: %1</source>
        <translation>el orden de las partes: %1</translation>
    </message>
    <message>
        <source>a column for each role</source>
        <translation>una columna para cada rol</translation>
    </message>
    <message numerus="yes">
        <source>%n wall|%n walls</source>
        <translation>
            <numerusform>%n pared</numerusform>
            <numerusform>%n paredes</numerusform>
        </translation>
    </message>
    <message>
        <source>level %1</source>
        <translation>nivel %1</translation>
    </message>
    <message>
        <source>an intro of %1</source>
        <translation>una introducción de %1</translation>
    </message>
    <message>
        <source>%1 beats a minute</source>
        <translation>%1 pulsos por minuto</translation>
    </message>
    <message>
        <source>the figure “%1”</source>
        <translation>la figura «%1»</translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation>parte %1 de %2</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>parte %1</translation>
    </message>
    <message>
        <source>a restart, but not in which pass: write “restart in wall 3 after 16”</source>
        <translation>un restart, pero no en qué pasada: escriba «restart in wall 3 after 16»</translation>
    </message>
    <message>
        <source>a restart, but not after how many counts: write “after 16”</source>
        <translation>un restart, pero no después de cuántas cuentas: escriba «after 16»</translation>
    </message>
    <message>
        <source>restart after %1 in %2</source>
        <translation>restart después de %1 en %2</translation>
    </message>
    <message>
        <source>its steps take %1</source>
        <translation>sus pasos duran %1</translation>
    </message>
    <message>
        <source>a tag, but not after which pass: write “4-count tag after wall 3”</source>
        <translation>un tag, pero no después de qué pasada: escriba «4-count tag after wall 3»</translation>
    </message>
    <message>
        <source>a tag, but not of how many counts: write “4-count tag”</source>
        <translation>un tag, pero no de cuántas cuentas: escriba «4-count tag»</translation>
    </message>
    <message>
        <source>a tag of %1 after %2</source>
        <translation>un tag de %1 después de %2</translation>
    </message>
    <message>
        <source>a tag of %1 after %2, danced as written</source>
        <translation>un tag de %1 después de %2, bailado como está escrito</translation>
    </message>
    <message>
        <source>its steps could not be read</source>
        <translation>sus pasos no se pudieron leer</translation>
    </message>
    <message>
        <source>the title</source>
        <translation>el título</translation>
    </message>
    <message>
        <source>not understood: are these steps, or a remark?</source>
        <translation>no se entiende: ¿son pasos o una nota?</translation>
    </message>
    <message>
        <source>a heading with no steps below it</source>
        <translation>un título sin pasos debajo</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>continúa</translation>
    </message>
    <message>
        <source>steps, %1</source>
        <translation>pasos, %1</translation>
    </message>
    <message>
        <source>steps: %1, %2</source>
        <translation>pasos: %1, %2</translation>
    </message>
    <message>
        <source>at %1 beats a minute while no song is chosen</source>
        <translation>a %1 pulsos por minuto mientras no se elija canción</translation>
    </message>
    <message numerus="yes">
        <source>danced in %n pass until an order is written|danced in %n passes until an order is written</source>
        <translation>
            <numerusform>bailado en %n pasada hasta que se escriba un orden</numerusform>
            <numerusform>bailado en %n pasadas hasta que se escriba un orden</numerusform>
        </translation>
    </message>
    <message>
        <source>but part %1 is not written</source>
        <translation>pero la parte %1 no está escrita</translation>
    </message>
    <message numerus="yes">
        <source>but there is %n pass|but there are %n passes</source>
        <translation>
            <numerusform>pero hay %n pasada</numerusform>
            <numerusform>pero hay %n pasadas</numerusform>
        </translation>
    </message>
    <message>
        <source>Line %1, “%2”: %3</source>
        <translation>Línea %1, «%2»: %3</translation>
    </message>
    <message numerus="yes">
        <source>… and %n line more|… and %n lines more</source>
        <translation>
            <numerusform>… y %n línea más</numerusform>
            <numerusform>… y %n líneas más</numerusform>
        </translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>«%1»</translation>
    </message>
    <message>
        <source>%1 again, to the other side</source>
        <translation>%1 otra vez, hacia el otro lado</translation>
    </message>
    <message>
        <source>%1 again</source>
        <translation>%1 otra vez</translation>
    </message>
    <message>
        <source>not read, since too much before it could not be</source>
        <translation>no se leyó, porque antes había demasiado ilegible</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation>%1: %2, luego %3 libre</translation>
    </message>
    <message>
        <source>Lyrics, line %1: the offset is a number of milliseconds.</source>
        <translation>Letra, línea %1: el desfase es un número de milisegundos.</translation>
    </message>
    <message>
        <source>That is more than %1 lines of words.</source>
        <translation>Son más de %1 líneas de letra.</translation>
    </message>
    <message>
        <source>The file has no line that begins with a time such as [1:05.30].</source>
        <translation>El archivo no tiene ninguna línea que empiece con un tiempo como [1:05.30].</translation>
    </message>
    <message>
        <source>No line of words is marked in the song. Mark a moment (M) of the kind words, or import an LRC file.</source>
        <translation>No hay ninguna línea de letra marcada en la canción. Marque un momento (M) del tipo letra o importe un archivo LRC.</translation>
    </message>
    <message>
        <source>text</source>
        <translation>texto</translation>
    </message>
    <message>
        <source>CSV</source>
        <translation>CSV</translation>
    </message>
    <message>
        <source>Export the map as CSV …</source>
        <translation>Exportar el mapa como CSV…</translation>
    </message>
    <message>
        <source>CSV with the columns time_s,bar_index,beat_in_bar,phrase_index</source>
        <translation>CSV con las columnas time_s,bar_index,beat_in_bar,phrase_index</translation>
    </message>
    <message>
        <source>JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>Export the map as JSON …</source>
        <translation>Exportar el mapa como JSON…</translation>
    </message>
    <message>
        <source>the JSON that is exported here</source>
        <translation>el JSON que se exporta aquí</translation>
    </message>
    <message>
        <source>MIDI</source>
        <translation>MIDI</translation>
    </message>
    <message>
        <source>Export the map as MIDI …</source>
        <translation>Exportar el mapa como MIDI…</translation>
    </message>
    <message>
        <source>MIDI files</source>
        <translation>archivos MIDI</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>pulsos</translation>
    </message>
    <message>
        <source>Export the beats as a list …</source>
        <translation>Exportar los pulsos como lista…</translation>
    </message>
    <message>
        <source>lists of beats (a time on each line, and the number of the beat in its bar)</source>
        <translation>listas de pulsos (un tiempo por línea y el número del pulso en su compás)</translation>
    </message>
    <message>
        <source>labels</source>
        <translation>etiquetas</translation>
    </message>
    <message>
        <source>Export the map as labels …</source>
        <translation>Exportar el mapa como etiquetas…</translation>
    </message>
    <message>
        <source>label files (start, end, label, with tabs)</source>
        <translation>archivos de etiquetas (inicio, fin, etiqueta, con tabuladores)</translation>
    </message>
    <message>
        <source>WebVTT</source>
        <translation>WebVTT</translation>
    </message>
    <message>
        <source>Export the phrases as WebVTT …</source>
        <translation>Exportar las frases como WebVTT…</translation>
    </message>
    <message>
        <source>LRC</source>
        <translation>LRC</translation>
    </message>
    <message>
        <source>Export the lines of words as LRC …</source>
        <translation>Exportar la letra como LRC…</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>Pulsos</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds, alone or with the number of the beat in its bar.</source>
        <translation>«%1» no es un tiempo en segundos, solo o con el número del pulso en su compás.</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds.</source>
        <translation>«%1» no es un tiempo en segundos.</translation>
    </message>
    <message>
        <source>its time does not come after the row before.</source>
        <translation>su tiempo no va después de la fila anterior.</translation>
    </message>
    <message>
        <source>that is more than %1 beats.</source>
        <translation>son más de %1 pulsos.</translation>
    </message>
    <message>
        <source>some rows say the beat in the bar and some do not.</source>
        <translation>unas filas dicen el pulso en el compás y otras no.</translation>
    </message>
    <message>
        <source>The list has no beats. It needs at least two times.</source>
        <translation>La lista no tiene pulsos. Necesita al menos dos tiempos.</translation>
    </message>
    <message>
        <source>No row of the list is the 1 of a bar.</source>
        <translation>Ninguna fila de la lista es el 1 de un compás.</translation>
    </message>
    <message>
        <source>The list says no bars: bars of %1 were drawn from its first beat.</source>
        <translation>La lista no dice compases: se trazaron compases de %1 desde su primer pulso.</translation>
    </message>
    <message>
        <source>It says no phrases: phrases of %1 bars were drawn.</source>
        <translation>No dice frases: se trazaron frases de %1 compases.</translation>
    </message>
    <message>
        <source>State where they start.</source>
        <translation>Indique dónde empiezan.</translation>
    </message>
    <message>
        <source>has more than %1 beats</source>
        <translation>tiene más de %1 pulsos</translation>
    </message>
    <message>
        <source>This song map cannot be read: %1 %2.</source>
        <translation>Este mapa de canción no se puede leer: %1 %2.</translation>
    </message>
    <message>
        <source>The MIDI file has more than %1 beats.</source>
        <translation>El archivo MIDI tiene más de %1 pulsos.</translation>
    </message>
    <message>
        <source>The MIDI file is over before its second beat.</source>
        <translation>El archivo MIDI acaba antes de su segundo pulso.</translation>
    </message>
    <message>
        <source>The MIDI file has no markers: phrases of %1 bars were drawn.</source>
        <translation>El archivo MIDI no tiene marcadores: se trazaron frases de %1 compases.</translation>
    </message>
    <message>
        <source>These labels are points in time; a phrase needs a start and an end. If the points are beats, save them as a list: a time on each line, and after it the number of the beat in its bar.</source>
        <translation>Estas etiquetas son puntos en el tiempo; una frase necesita inicio y fin. Si los puntos son pulsos, guárdelos como lista: un tiempo por línea y después el número del pulso en su compás.</translation>
    </message>
    <message>
        <source>the first line should read “%1”.</source>
        <translation>la primera línea debería ser «%1».</translation>
    </message>
    <message>
        <source>a row has four columns: time, bar, beat in the bar, phrase.</source>
        <translation>una fila tiene cuatro columnas: tiempo, compás, pulso en el compás, frase.</translation>
    </message>
    <message>
        <source>bar, beat and phrase are whole numbers.</source>
        <translation>compás, pulso y frase son números enteros.</translation>
    </message>
    <message>
        <source>bar %1 begins with beat %2, not with 1.</source>
        <translation>el compás %1 empieza con el pulso %2, no con el 1.</translation>
    </message>
    <message>
        <source>bar %1 does not follow bar %2.</source>
        <translation>el compás %1 no sigue al compás %2.</translation>
    </message>
    <message>
        <source>beat %1 does not follow beat %2.</source>
        <translation>el pulso %1 no sigue al pulso %2.</translation>
    </message>
    <message>
        <source>phrase %1 does not begin on a bar after phrase %2.</source>
        <translation>la frase %1 no empieza en un compás después de la frase %2.</translation>
    </message>
    <message>
        <source>The CSV has no beats. It needs one row for each beat.</source>
        <translation>El CSV no tiene pulsos. Necesita una fila por pulso.</translation>
    </message>
    <message>
        <source>The CSV has no bars: every row is a pick-up (bar −1). Number the bars from 0.</source>
        <translation>El CSV no tiene compases: cada fila es anacrusa (compás −1). Numere los compases desde 0.</translation>
    </message>
    <message>
        <source>Labels</source>
        <translation>Etiquetas</translation>
    </message>
    <message>
        <source>a line has a start, an end and a label, with tabs between them.</source>
        <translation>una línea tiene inicio, fin y etiqueta, separados por tabuladores.</translation>
    </message>
    <message>
        <source>start and end are seconds, such as 12.345.</source>
        <translation>inicio y fin son segundos, como 12.345.</translation>
    </message>
    <message>
        <source>it ends before it starts.</source>
        <translation>acaba antes de empezar.</translation>
    </message>
    <message>
        <source>a stop says its beats, such as “stop 4”, and has a length.</source>
        <translation>una parada dice sus pulsos, como «stop 4», y tiene duración.</translation>
    </message>
    <message>
        <source>The label file names no phrases.</source>
        <translation>El archivo de etiquetas no nombra frases.</translation>
    </message>
    <message>
        <source>The labels reach over more than %1 beats at this tempo.</source>
        <translation>Las etiquetas abarcan más de %1 pulsos a este tempo.</translation>
    </message>
    <message>
        <source>The labels are over before a second beat.</source>
        <translation>Las etiquetas acaban antes de un segundo pulso.</translation>
    </message>
    <message numerus="yes">
        <source>One label that is a point in time is left out.|%n labels that are points in time are left out.</source>
        <translation>
            <numerusform>Se omite una etiqueta que es un punto en el tiempo.</numerusform>
            <numerusform>Se omiten %n etiquetas que son puntos en el tiempo.</numerusform>
        </translation>
    </message>
    <message>
        <source>A label file has no beats: %1 bpm in bars of %2 fit its phrases best.</source>
        <translation>Un archivo de etiquetas no tiene pulsos: %1 bpm en compases de %2 encajan mejor con sus frases.</translation>
    </message>
    <message>
        <source>State the tempo if they should be counted otherwise.</source>
        <translation>Indique el tempo si deben contarse de otro modo.</translation>
    </message>
    <message>
        <source>%1 is not a song map. Known are %2.</source>
        <translation>%1 no es un mapa de canción. Se conocen %2.</translation>
    </message>
    <message>
        <source>The MIDI file could not be made: no room in the folder for temporary files.</source>
        <translation>No se pudo crear el archivo MIDI: no hay sitio en la carpeta de archivos temporales.</translation>
    </message>
    <message>
        <source>A song without beats has no tempo to write as MIDI.</source>
        <translation>Una canción sin pulsos no tiene tempo que escribir como MIDI.</translation>
    </message>
    <message>
        <source>The first beat lies before the recording; MIDI has no time before 0.</source>
        <translation>El primer pulso está antes de la grabación; MIDI no tiene tiempo antes de 0.</translation>
    </message>
    <message>
        <source>The MIDI file could not be made.</source>
        <translation>No se pudo crear el archivo MIDI.</translation>
    </message>
    <message>
        <source>A beat longer than 16 seconds cannot be written as MIDI.</source>
        <translation>Un pulso de más de 16 segundos no se puede escribir como MIDI.</translation>
    </message>
    <message>
        <source>The MIDI track could not be closed.</source>
        <translation>No se pudo cerrar la pista MIDI.</translation>
    </message>
    <message>
        <source>%1, line %2: %3</source>
        <translation>%1, línea %2: %3</translation>
    </message>
    <message>
        <source>it does not begin like a MIDI file</source>
        <translation>no empieza como un archivo MIDI</translation>
    </message>
    <message>
        <source>its header breaks off</source>
        <translation>su cabecera se interrumpe</translation>
    </message>
    <message>
        <source>it holds several songs (format 2); save them one by one</source>
        <translation>contiene varias canciones (formato 2); guárdelas una a una</translation>
    </message>
    <message>
        <source>its clock is film frames, which have no beats</source>
        <translation>su reloj cuenta fotogramas, que no tienen pulsos</translation>
    </message>
    <message>
        <source>a track breaks off</source>
        <translation>una pista se interrumpe</translation>
    </message>
    <message>
        <source>an event cannot be read</source>
        <translation>un evento no se puede leer</translation>
    </message>
    <message>
        <source>The MIDI file cannot be read at byte %1: %2.</source>
        <translation>El archivo MIDI no se puede leer en el byte %1: %2.</translation>
    </message>
    <message>
        <source>There are no passes to paste. Copy some first: choose them in the list of passes.</source>
        <translation>No hay pasadas que pegar. Copie antes algunas: elíjalas en la lista de pasadas.</translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy some first: choose them in a part.</source>
        <translation>No hay figuras que pegar. Copie antes algunas: elíjalas en una parte.</translation>
    </message>
    <message>
        <source>this routine has no part “%1”.</source>
        <translation>esta coreografía no tiene parte «%1».</translation>
    </message>
    <message>
        <source>the text begins with the line “%1”.</source>
        <translation>el texto empieza con la línea «%1».</translation>
    </message>
    <message>
        <source>the part would lie inside itself.</source>
        <translation>la parte quedaría dentro de sí misma.</translation>
    </message>
    <message>
        <source>“%1” is not known here. Lines begin with title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled, or left as it is.</source>
        <translation>«%1» no se conoce aquí. Las líneas empiezan por title, level, song, tempo, metre, first beat, fact, moment, counting, feel, word, roles, formation, start, opening, figure, part, order, pass, in the music, accent, unsettled o left as it is.</translation>
    </message>
    <message>
        <source>this is said already in line %1.</source>
        <translation>eso ya se dice en la línea %1.</translation>
    </message>
    <message>
        <source>there is no song to which it belongs. Add a line such as “song: intro 16 | verse 32”.</source>
        <translation>no hay canción a la que pertenezca. Añada una línea como «song: intro 16 | verse 32».</translation>
    </message>
    <message>
        <source>the tempo is a number of beats a minute, such as 112.</source>
        <translation>el tempo es un número de pulsos por minuto, como 112.</translation>
    </message>
    <message>
        <source>a moment is a time, a kind and a name: “moment: 13 s, hit, the big stop”.</source>
        <translation>un momento es un tiempo, un tipo y un nombre: «moment: 13 s, hit, the big stop».</translation>
    </message>
    <message>
        <source>the counting is a unit and the bars of a set: “counting: beat, 2 bars”.</source>
        <translation>la forma de contar es una unidad y los compases de un grupo: «counting: beat, 2 bars».</translation>
    </message>
    <message>
        <source>a routine has at most 8 roles.</source>
        <translation>una coreografía tiene 8 roles como máximo.</translation>
    </message>
    <message>
        <source>a role needs a name.</source>
        <translation>un rol necesita un nombre.</translation>
    </message>
    <message>
        <source>two roles are called “%1”.</source>
        <translation>dos roles se llaman «%1».</translation>
    </message>
    <message>
        <source>a frame is “entry 2, close 2”.</source>
        <translation>un marco es «entry 2, close 2».</translation>
    </message>
    <message>
        <source>“%1” is not known of a figure. Known are %2.</source>
        <translation>«%1» no se conoce de una figura. Se conocen %2.</translation>
    </message>
    <message>
        <source>a figure needs a name: “figure: Vane vine”.</source>
        <translation>una figura necesita un nombre: «figure: Vane vine».</translation>
    </message>
    <message>
        <source>a part is named by one word, such as A or Ending.</source>
        <translation>una parte se nombra con una palabra, como A o Final.</translation>
    </message>
    <message>
        <source>there is a part “%1” already.</source>
        <translation>ya hay una parte «%1».</translation>
    </message>
    <message>
        <source>there are no passes yet. Say the order of the parts first: “order: A A B”.</source>
        <translation>todavía no hay pasadas. Diga antes el orden de las partes: «order: A A B».</translation>
    </message>
    <message>
        <source>this pass has been told already.</source>
        <translation>esta pasada ya se ha dicho.</translation>
    </message>
    <message>
        <source>write “accent: pass 2, figure 1, count 9, moment 1”.</source>
        <translation>escriba «accent: pass 2, figure 1, count 9, moment 1».</translation>
    </message>
    <message>
        <source>the song has no moments. Add “moment: 13 s, hit, the big stop”.</source>
        <translation>la canción no tiene momentos. Añada «moment: 13 s, hit, the big stop».</translation>
    </message>
    <message>
        <source>“%1” does not say where the line of the hand-out stands.</source>
        <translation>«%1» no dice dónde está la línea de la hoja.</translation>
    </message>
    <message>
        <source>“%1” is not known here. A line that is not settled has text and why.</source>
        <translation>«%1» no se conoce aquí. Una línea sin resolver tiene text y why.</translation>
    </message>
    <message>
        <source>“%1” does not say which finding is left as it is.</source>
        <translation>«%1» no dice qué aviso se deja como está.</translation>
    </message>
    <message>
        <source>there is nothing of this kind above it.</source>
        <translation>no hay nada de este tipo encima.</translation>
    </message>
    <message>
        <source>Line %1 is indented, but stands under nothing. Begin it at the margin.</source>
        <translation>La línea %1 está sangrada, pero no está debajo de nada. Empiécela en el margen.</translation>
    </message>
    <message>
        <source>“%1” is not a time in seconds. Write for example 12.5 s.</source>
        <translation>«%1» no es un tiempo en segundos. Escriba por ejemplo 12.5 s.</translation>
    </message>
    <message>
        <source>a whole number from %1 to %2 is missing after “%3”.</source>
        <translation>falta un número entero de %1 a %2 después de «%3».</translation>
    </message>
    <message>
        <source>“%1” should be a whole number from %2 to %3.</source>
        <translation>«%1» debería ser un número entero de %2 a %3.</translation>
    </message>
    <message>
        <source>“%1” says nothing about the feel. Known are slow, quick, &amp;, a, stomp without weight.</source>
        <translation>«%1» no dice nada de la subdivisión. Se conocen slow, quick, &amp;, a, stomp without weight.</translation>
    </message>
    <message>
        <source>slow and quick last longer than nothing, and &amp; comes before a inside a count.</source>
        <translation>lento y rápido duran más que nada, y &amp; va antes de a dentro de una cuenta.</translation>
    </message>
    <message>
        <source>a word is its name, the school that means it so, if any, and its steps: “word: zwirl step, Hofkreis = 1 step &amp; step 2 step”.</source>
        <translation>una palabra es su nombre, la escuela que la entiende así, si la hay, y sus pasos: «word: zwirl step, Hofkreis = 1 step &amp; step 2 step».</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Línea %1: %2</translation>
    </message>
    <message>
        <source>twice %1</source>
        <translation>dos veces %1</translation>
    </message>
    <message numerus="yes">
        <source>once %1|%2 times %1</source>
        <translation>
            <numerusform>una vez %1</numerusform>
            <numerusform>%2 veces %1</numerusform>
        </translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation>en %1: %2</translation>
    </message>
    <message>
        <source>it ends on the other foot than it begins</source>
        <translation>acaba con el otro pie que al empezar</translation>
    </message>
    <message>
        <source>it ends in the middle of an eight, after %1</source>
        <translation>acaba en medio de un ocho, después de %1</translation>
    </message>
    <message>
        <source>it ends in the middle of a set, after %1</source>
        <translation>acaba en medio de un grupo, después de %1</translation>
    </message>
    <message>
        <source>it has no repetition %1, in which the turn belongs</source>
        <translation>no tiene repetición %1, en la que va el giro</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>line of %1</source>
        <translation>línea de %1</translation>
    </message>
    <message>
        <source>length</source>
        <translation>duración</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>marco</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>versiones</translation>
    </message>
    <message>
        <source>order of its lines</source>
        <translation>orden de sus líneas</translation>
    </message>
    <message>
        <source>other names</source>
        <translation>otros nombres</translation>
    </message>
    <message>
        <source>family</source>
        <translation>familia</translation>
    </message>
    <message>
        <source>description</source>
        <translation>descripción</translation>
    </message>
    <message>
        <source>in one line</source>
        <translation>en una línea</translation>
    </message>
    <message>
        <source>words</source>
        <translation>palabras</translation>
    </message>
    <message>
        <source>taught with</source>
        <translation>se enseña con</translation>
    </message>
    <message>
        <source>cautions</source>
        <translation>precauciones</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>notas</translation>
    </message>
    <message>
        <source>tags</source>
        <translation>palabras clave</translation>
    </message>
    <message>
        <source>The line cannot be read to its end</source>
        <translation>La línea no se puede leer hasta el final</translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation>En el carácter %1: %2</translation>
    </message>
    <message>
        <source>A foot is not free</source>
        <translation>Un pie no está libre</translation>
    </message>
    <message>
        <source>It may mean: %1.</source>
        <translation>Puede significar: %1.</translation>
    </message>
    <message>
        <source>It is %1</source>
        <translation>Es %1</translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free; read so now</source>
        <translation>%1, luego el pie %2 queda libre; se lee así ahora</translation>
    </message>
    <message>
        <source>%1, then the %2 foot is free</source>
        <translation>%1, luego el pie %2 queda libre</translation>
    </message>
    <message>
        <source>Called %1, adds up to %2</source>
        <translation>Dice %1, suma %2</translation>
    </message>
    <message>
        <source>Its steps fill %1 more than it is said to have.</source>
        <translation>Sus pasos llenan %1 más de lo que dice.</translation>
    </message>
    <message>
        <source>Its steps fill %1, %2 short.</source>
        <translation>Sus pasos llenan %1, faltan %2.</translation>
    </message>
    <message>
        <source>Let step %1 last %2</source>
        <translation>Hacer que el paso %1 dure %2</translation>
    </message>
    <message>
        <source>The feet stay as they are.</source>
        <translation>Los pies quedan como están.</translation>
    </message>
    <message>
        <source>Call it a figure of %1</source>
        <translation>Llamarla figura de %1</translation>
    </message>
    <message>
        <source>Add a wait of %1 at its end</source>
        <translation>Añadir una espera de %1 al final</translation>
    </message>
    <message>
        <source>%1 has %2, %3 %4: +%5, %1 misses the meet point at %4.</source>
        <translation>%1 tiene %2, %3 %4: +%5, %1 falla el punto de encuentro en %4.</translation>
    </message>
    <message numerus="yes">
        <source>Both make %n weight change, so the feet agree all the same.|Both make %n weight changes, so the feet agree all the same.</source>
        <translation>
            <numerusform>Ambos hacen %n cambio de peso, así que los pies coinciden igualmente.</numerusform>
            <numerusform>Ambos hacen %n cambios de peso, así que los pies coinciden igualmente.</numerusform>
        </translation>
    </message>
    <message>
        <source>The roles do not end together</source>
        <translation>Los roles no acaban juntos</translation>
    </message>
    <message>
        <source>%1 waits %2 at the end</source>
        <translation>%1 espera %2 al final</translation>
    </message>
    <message>
        <source>The roles miss each other at the end</source>
        <translation>Los roles no se encuentran al final</translation>
    </message>
    <message>
        <source>The roles miss each other at %1</source>
        <translation>Los roles no se encuentran en %1</translation>
    </message>
    <message>
        <source>At this meet point %1.</source>
        <translation>En este punto de encuentro, %1.</translation>
    </message>
    <message>
        <source>Two lines say different holds</source>
        <translation>Dos líneas dicen agarres distintos</translation>
    </message>
    <message>
        <source>On %1 %2 says “%3”, %4 “%5”.</source>
        <translation>En %1, %2 dice «%3», %4 «%5».</translation>
    </message>
    <message>
        <source>No room for a body</source>
        <translation>No hay sitio para un cuerpo</translation>
    </message>
    <message>
        <source>Entry %1 and close %2 fill all of its %3.</source>
        <translation>La entrada %1 y el cierre %2 llenan todas sus %3.</translation>
    </message>
    <message>
        <source>A version cannot be read</source>
        <translation>Una versión no se puede leer</translation>
    </message>
    <message>
        <source>The version “%1” has a line that cannot be read to its end.</source>
        <translation>La versión «%1» tiene una línea que no se puede leer hasta el final.</translation>
    </message>
    <message>
        <source>A version has another length</source>
        <translation>Una versión tiene otra duración</translation>
    </message>
    <message>
        <source>The version “%1” has %2, the figure %3. What follows it moves.</source>
        <translation>La versión «%1» tiene %2, la figura %3. Lo que sigue se desplaza.</translation>
    </message>
    <message>
        <source>A version leaves another foot</source>
        <translation>Una versión deja otro pie</translation>
    </message>
    <message>
        <source>The version “%1” leaves the %2 foot free, the figure the %3. Versions that share a place must leave the same foot.</source>
        <translation>La versión «%1» deja libre el pie %2, la figura el %3. Las versiones que comparten lugar deben dejar el mismo pie.</translation>
    </message>
    <message>
        <source>half a bar is left over.</source>
        <translation>sobra medio compás.</translation>
    </message>
    <message>
        <source>%1 to the next bar.</source>
        <translation>%1 hasta el próximo compás.</translation>
    </message>
    <message>
        <source>No whole number of bars</source>
        <translation>No es un número entero de compases</translation>
    </message>
    <message>
        <source>%1 = %2 bars of %3; %4</source>
        <translation>%1 = %2 compases de %3; %4</translation>
    </message>
    <message>
        <source>A step is quicker than your limit</source>
        <translation>Un paso es más rápido que su límite</translation>
    </message>
    <message>
        <source>The step on %1 has %2 s at this tempo; your own limit is %3 s.</source>
        <translation>El paso en %1 tiene %2 s a este tempo; su propio límite es %3 s.</translation>
    </message>
    <message>
        <source>A turn is faster than your limit</source>
        <translation>Un giro es más rápido que su límite</translation>
    </message>
    <message>
        <source>The turn on %1 runs at %2°/s at this tempo; your own limit is %3°/s.</source>
        <translation>El giro en %1 va a %2°/s a este tempo; su propio límite es %3°/s.</translation>
    </message>
    <message>
        <source>The tail is not written yet</source>
        <translation>El resto aún no está escrito</translation>
    </message>
    <message>
        <source>After %1 the line goes on with “…”.</source>
        <translation>Después de %1 la línea sigue con «…».</translation>
    </message>
    <message>
        <source>Not timed yet</source>
        <translation>Aún sin tiempos</translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an even number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation>Lo que pasa en %1 desde %2 aún no tiene tiempos. Hace un número par de cambios de peso, pues llega con el pie %3 libre y deja el %4.</translation>
    </message>
    <message>
        <source>What happens in %1 from %2 on has no times yet. It makes an odd number of weight changes, for it comes with the %3 foot free and leaves the %4.</source>
        <translation>Lo que pasa en %1 desde %2 aún no tiene tiempos. Hace un número impar de cambios de peso, pues llega con el pie %3 libre y deja el %4.</translation>
    </message>
    <message>
        <source>they should be on the same foot, but %1 has the %2 free and %3 the %4</source>
        <translation>deberían estar en el mismo pie, pero %1 tiene libre el %2 y %3 el %4</translation>
    </message>
    <message>
        <source>they should be on opposite feet, but both have the %1 free</source>
        <translation>deberían estar en pies opuestos, pero ambos tienen libre el %1</translation>
    </message>
    <message>
        <source>%1 goes on for %2 more</source>
        <translation>%1 sigue %2 más</translation>
    </message>
    <message>
        <source>then the %1 foot free</source>
        <translation>luego el pie %1 queda libre</translation>
    </message>
    <message>
        <source>%1 foot free before</source>
        <translation>pie %1 libre antes</translation>
    </message>
    <message>
        <source>ends %1</source>
        <translation>acaba %1</translation>
    </message>
    <message>
        <source>starts %1</source>
        <translation>empieza %1</translation>
    </message>
    <message>
        <source>with a turn</source>
        <translation>con un giro</translation>
    </message>
    <message>
        <source>without a turn</source>
        <translation>sin giro</translation>
    </message>
    <message>
        <source>Say the lengths of the figures that may fill the counts, such as 6 and 8.</source>
        <translation>Diga las duraciones de las figuras que pueden llenar las cuentas, como 6 y 8.</translation>
    </message>
    <message>
        <source>A figure is at least a quarter of a count long.</source>
        <translation>Una figura dura al menos un cuarto de cuenta.</translation>
    </message>
    <message>
        <source>Between one and 4096 counts can be filled.</source>
        <translation>Se pueden llenar de una a 4096 cuentas.</translation>
    </message>
    <message>
        <source>There are more than 100,000 ways to fill %1 with these lengths. Take fewer of them.</source>
        <translation>Hay más de 100 000 formas de llenar %1 con estas duraciones. Use menos.</translation>
    </message>
    <message>
        <source>Fillers are made for 1 to 64 whole counts.</source>
        <translation>Los rellenos se hacen para 1 a 64 cuentas enteras.</translation>
    </message>
    <message>
        <source>the figure has no frame: say how many counts are its entry and close</source>
        <translation>la figura no tiene marco: diga cuántas cuentas son su entrada y su cierre</translation>
    </message>
    <message>
        <source>entry and close leave no room for a body</source>
        <translation>la entrada y el cierre no dejan sitio para un cuerpo</translation>
    </message>
    <message>
        <source>its line cannot be read to the end</source>
        <translation>su línea no se puede leer hasta el final</translation>
    </message>
    <message>
        <source>%1, %2 are needed</source>
        <translation>%1, se necesitan %2</translation>
    </message>
    <message>
        <source>it has no line for %1</source>
        <translation>no tiene línea para %1</translation>
    </message>
    <message>
        <source>a step of the figure reaches over the end of its entry or body</source>
        <translation>un paso de la figura pasa del final de su entrada o de su cuerpo</translation>
    </message>
    <message>
        <source>begins with the %1 foot, the %2 is free</source>
        <translation>empieza con el pie %1, está libre el %2</translation>
    </message>
    <message>
        <source>leaves the %1 foot free, the close needs the %2</source>
        <translation>deja libre el pie %1, el cierre necesita el %2</translation>
    </message>
    <message>
        <source>begins with %1, here it is %2</source>
        <translation>empieza con %1, aquí es %2</translation>
    </message>
    <message>
        <source>begins %1, here it is %2</source>
        <translation>empieza %1, aquí es %2</translation>
    </message>
    <message>
        <source>ends with %1, the close has %2</source>
        <translation>acaba con %1, el cierre tiene %2</translation>
    </message>
    <message>
        <source>ends %1, the close is %2</source>
        <translation>acaba %1, el cierre es %2</translation>
    </message>
    <message>
        <source>%1 needs the %2 foot; the %3 is free</source>
        <translation>%1 necesita el pie %2; está libre el %3</translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3</source>
        <translation>%1 empieza con %2; aquí es %3</translation>
    </message>
    <message>
        <source>%1 begins %2; here it is %3</source>
        <translation>%1 empieza %2; aquí es %3</translation>
    </message>
    <message>
        <source>%1 begins with %2; here it is %3: one role alone changes feet</source>
        <translation>%1 empieza con %2; aquí es %3: un solo rol cambia de pie</translation>
    </message>
    <message>
        <source>in %1, at %2: %3</source>
        <translation>en %1, en %2: %3</translation>
    </message>
    <message>
        <source>not known: a part is free</source>
        <translation>no se sabe: una parte es libre</translation>
    </message>
    <message>
        <source>%1 to the right</source>
        <translation>%1 a la derecha</translation>
    </message>
    <message>
        <source>%1 to the left</source>
        <translation>%1 a la izquierda</translation>
    </message>
    <message>
        <source>%1 forward</source>
        <translation>%1 adelante</translation>
    </message>
    <message>
        <source>%1 back</source>
        <translation>%1 atrás</translation>
    </message>
    <message>
        <source>on the spot</source>
        <translation>en el sitio</translation>
    </message>
    <message>
        <source>%1 &amp;</source>
        <translation>%1 &amp;</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first; its versions stand here.</source>
        <translation>Escriba antes las cuentas de la figura; sus versiones están aquí.</translation>
    </message>
    <message>
        <source>the other foot first</source>
        <translation>el otro pie primero</translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation>hacia el otro lado</translation>
    </message>
    <message>
        <source>last step on %1</source>
        <translation>último paso en %1</translation>
    </message>
    <message>
        <source>There are %1 versions. Change fewer steps to see them side by side.</source>
        <translation>Hay %1 versiones. Cambie menos pasos para verlas una junto a otra.</translation>
    </message>
    <message>
        <source>%1 stretched</source>
        <translation>%1 estirados</translation>
    </message>
    <message>
        <source>%1 in one</source>
        <translation>%1 en una</translation>
    </message>
    <message>
        <source>The roles have no version in common: their steps fall differently.</source>
        <translation>Los roles no tienen versión en común: sus pasos caen de modo distinto.</translation>
    </message>
    <message numerus="yes">
        <source>one step stretched to two counts|%n steps stretched to two counts</source>
        <translation>
            <numerusform>un paso estirado a dos cuentas</numerusform>
            <numerusform>%n pasos estirados a dos cuentas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>one pair in one count|%n pairs in one count</source>
        <translation>
            <numerusform>un par en una cuenta</numerusform>
            <numerusform>%n pares en una cuenta</numerusform>
        </translation>
    </message>
    <message>
        <source>no count left</source>
        <translation>no queda ninguna cuenta</translation>
    </message>
    <message>
        <source>%1 left to the 1</source>
        <translation>quedan %1 hasta el 1</translation>
    </message>
    <message numerus="yes">
        <source>%1: %n version of %2, %3 foot free, %4|%1: %n versions of %2, %3 foot free, %4</source>
        <comment>%1: one pair in one count; %4: 2 counts left to the 1</comment>
        <translation>
            <numerusform>%1: %n versión de %2, pie %3 libre, %4</numerusform>
            <numerusform>%1: %n versiones de %2, pie %3 libre, %4</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; %n ends with a step on %2|%1; %n end with a step on %2</source>
        <comment>%1: all that is said before</comment>
        <translation>
            <numerusform>%1; %n acaba con un paso en %2</numerusform>
            <numerusform>%1; %n acaban con un paso en %2</numerusform>
        </translation>
    </message>
    <message>
        <source>said %1</source>
        <translation>dicho %1</translation>
    </message>
    <message>
        <source>the same line in the other feels that it can be said in</source>
        <translation>la misma línea en las otras subdivisiones en que puede decirse</translation>
    </message>
    <message>
        <source>The line can be said in its own feel only.</source>
        <translation>La línea solo puede decirse en su propia subdivisión.</translation>
    </message>
    <message>
        <source>leaves the %1 foot free</source>
        <translation>deja libre el pie %1</translation>
    </message>
    <message>
        <source>begun on %1</source>
        <translation>empezado en %1</translation>
    </message>
    <message>
        <source>ends before %1</source>
        <translation>acaba antes de %1</translation>
    </message>
    <message>
        <source>breaks on %1</source>
        <translation>break en %1</translation>
    </message>
    <message>
        <source>the same figure begun on another count of the music</source>
        <translation>la misma figura empezada en otra cuenta de la música</translation>
    </message>
    <message>
        <source>Step %1 of %2 is not a step with weight. Choose another.</source>
        <translation>El paso %1 de %2 no es un paso con peso. Elija otro.</translation>
    </message>
    <message>
        <source>%1 changes</source>
        <translation>%1 cambios</translation>
    </message>
    <message>
        <source>ornament of %1, step %2</source>
        <translation>adorno de %1, paso %2</translation>
    </message>
    <message>
        <source>%1 s each, wrong foot</source>
        <translation>%1 s cada uno, pie equivocado</translation>
    </message>
    <message>
        <source>%1 s each, over your limit</source>
        <translation>%1 s cada uno, sobre su límite</translation>
    </message>
    <message>
        <source>%1 s each, fits</source>
        <translation>%1 s cada uno, encaja</translation>
    </message>
    <message>
        <source>in the time of step %1 of %2: an odd number of changes leaves the foot as it is</source>
        <translation>en el tiempo del paso %1 de %2: un número impar de cambios deja el pie como está</translation>
    </message>
    <message>
        <source>in the time of step %1: an odd number of changes leaves the foot as it is</source>
        <translation>en el tiempo del paso %1: un número impar de cambios deja el pie como está</translation>
    </message>
    <message>
        <source>There are more than 20,000 versions of this line. Change fewer steps, or a shorter line.</source>
        <translation>Hay más de 20 000 versiones de esta línea. Cambie menos pasos o use una línea más corta.</translation>
    </message>
    <message>
        <source>No step of this line lasts exactly one count; only such steps are stretched or doubled.</source>
        <translation>Ningún paso de esta línea dura exactamente una cuenta; solo esos pasos se estiran o se doblan.</translation>
    </message>
    <message>
        <source>No two steps of one count follow each other in this line, so none can share a count.</source>
        <translation>En esta línea nunca se siguen dos pasos de una cuenta, así que ninguno puede compartir cuenta.</translation>
    </message>
    <message numerus="yes">
        <source>At most one pair of this line can share a count. Ask for no more than that.|At most %n pairs of this line can share a count. Ask for no more than that.</source>
        <translation>
            <numerusform>Como mucho un par de esta línea puede compartir cuenta. No pida más.</numerusform>
            <numerusform>Como mucho %n pares de esta línea pueden compartir cuenta. No pida más.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The steps of this line can be stretched by one count at most. Ask for no more than that.|The steps of this line can be stretched by %n counts at most. Ask for no more than that.</source>
        <translation>
            <numerusform>Los pasos de esta línea se pueden estirar una cuenta como máximo. No pida más.</numerusform>
            <numerusform>Los pasos de esta línea se pueden estirar %n cuentas como máximo. No pida más.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 + %2, %3</source>
        <translation>%1 + %2, %3</translation>
    </message>
    <message numerus="yes">
        <source>step %1|steps %1</source>
        <translation>
            <numerusform>paso %1</numerusform>
            <numerusform>pasos %1</numerusform>
        </translation>
    </message>
    <message>
        <source>A version changes one step or more, stretches it to two counts or more, and fills more than nothing.</source>
        <translation>Una versión cambia un paso o más, lo estira a dos cuentas o más y llena más que nada.</translation>
    </message>
    <message>
        <source>That bridge is no longer there; nothing was changed.</source>
        <translation>Ese puente ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>That change is no longer there; nothing was changed.</source>
        <translation>Ese cambio ya no está; no se cambió nada.</translation>
    </message>
    <message>
        <source>There is no music at that place to bind it to.</source>
        <translation>No hay música en ese lugar a la que ligarlo.</translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation>ligar a la música</translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation>conservar con la pasada</translation>
    </message>
    <message>
        <source>No pass is danced there that could keep it.</source>
        <translation>Ahí no se baila ninguna pasada que pueda conservarlo.</translation>
    </message>
    <message>
        <source>Pass %1</source>
        <translation>Pasada %1</translation>
    </message>
    <message>
        <source>Passes %1 and %2</source>
        <translation>Pasadas %1 y %2</translation>
    </message>
    <message>
        <source>Passes %1 to %2</source>
        <translation>Pasadas %1 a %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>pasada %1</translation>
    </message>
    <message>
        <source>passes %1</source>
        <translation>pasadas %1</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>unos %1</translation>
    </message>
    <message>
        <source>Count %1 of %2 in pass %3</source>
        <translation>Cuenta %1 de %2 en la pasada %3</translation>
    </message>
    <message>
        <source>%1 waits for a moment that is not there</source>
        <translation>%1 espera un momento que no está</translation>
    </message>
    <message>
        <source>The song has no such moment any more.</source>
        <translation>La canción ya no tiene ese momento.</translation>
    </message>
    <message>
        <source>“%1” lies outside the counted song.</source>
        <translation>«%1» queda fuera de la canción contada.</translation>
    </message>
    <message>
        <source>“%1” has lost its accent</source>
        <translation>«%1» ha perdido su acento</translation>
    </message>
    <message>
        <source>%1 is not danced: it is left out or cut off.</source>
        <translation>%1 no se baila: se omite o se corta.</translation>
    </message>
    <message>
        <source>%1 is %2 late for “%3”</source>
        <translation>%1 llega %2 tarde para «%3»</translation>
    </message>
    <message>
        <source>%1 is %2 early for “%3”</source>
        <translation>%1 llega %2 antes que «%3»</translation>
    </message>
    <message>
        <source>It falls %1 ms after the moment at %2.</source>
        <translation>Cae %1 ms después del momento en %2.</translation>
    </message>
    <message>
        <source>It falls %1 ms before the moment at %2.</source>
        <translation>Cae %1 ms antes del momento en %2.</translation>
    </message>
    <message>
        <source>In pass %1 on count %2 %3</source>
        <translation>En la pasada %1 en la cuenta %2 %3</translation>
    </message>
    <message>
        <source>it has %1 s at the song&apos;s tempo; your own limit is %2 s.</source>
        <translation>tiene %1 s al tempo de la canción; su propio límite es %2 s.</translation>
    </message>
    <message>
        <source>it runs at %1°/s at the song&apos;s tempo; your own limit is %2°/s.</source>
        <translation>va a %1°/s al tempo de la canción; su propio límite es %2°/s.</translation>
    </message>
    <message>
        <source>A large step in a fast turn</source>
        <translation>Un paso grande en un giro rápido</translation>
    </message>
    <message>
        <source>a large step is taken while turning at %1°/s. Make it smaller, or turn less.</source>
        <translation>se da un paso grande girando a %1°/s. Hágalo más pequeño o gire menos.</translation>
    </message>
    <message>
        <source>Nothing calm follows %1</source>
        <translation>Nada tranquilo sigue a %1</translation>
    </message>
    <message>
        <source>It is demanding, and no wait, touch or balance comes within four counts after it. A breath there helps to stay on balance.</source>
        <translation>Es exigente, y en las cuatro cuentas siguientes no hay espera, touch ni equilibrio. Un respiro ahí ayuda a mantener el equilibrio.</translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation>pasada %1 cuenta %2</translation>
    </message>
    <message>
        <source>Take care: %1</source>
        <translation>Cuidado: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n more place|%n more places</source>
        <translation>
            <numerusform>%n lugar más</numerusform>
            <numerusform>%n lugares más</numerusform>
        </translation>
    </message>
    <message>
        <source>A figure needs a corner of the room</source>
        <translation>Una figura necesita una esquina de la sala</translation>
    </message>
    <message>
        <source>It is danced in %1. See on the floor that the couple is in a corner there.</source>
        <translation>Se baila en %1. Compruebe en la pista que la pareja está en una esquina.</translation>
    </message>
    <message>
        <source>The restart after pass %1 cuts a turn</source>
        <translation>El restart tras la pasada %1 corta un giro</translation>
    </message>
    <message>
        <source>The ending after pass %1 cuts a turn</source>
        <translation>El final tras la pasada %1 corta un giro</translation>
    </message>
    <message>
        <source>The %1 turn from count %2 is done at the end of count %3; the cut after %4 leaves it out.</source>
        <translation>El giro %1 desde la cuenta %2 acaba al final de la cuenta %3; el corte tras %4 lo deja fuera.</translation>
    </message>
    <message>
        <source>The next pass faces %1.</source>
        <translation>La pasada siguiente mira a las %1.</translation>
    </message>
    <message>
        <source>The restart in pass %1 does nothing</source>
        <translation>El restart de la pasada %1 no hace nada</translation>
    </message>
    <message>
        <source>It stands after %1, but the part has only %2.</source>
        <translation>Está después de %1, pero la parte solo tiene %2.</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation>%1 desde %2</translation>
    </message>
    <message>
        <source>The cut after %1 comes before the last are done, so that counts are taken: %2.</source>
        <translation>El corte tras %1 llega antes de que acaben los últimos, así que se quitan cuentas: %2.</translation>
    </message>
    <message>
        <source>All end together, so that counts are taken: %1.</source>
        <translation>Todos acaban juntos, así que se quitan cuentas: %1.</translation>
    </message>
    <message>
        <source>They then do not all face the same way.</source>
        <translation>Entonces no todos miran hacia el mismo lado.</translation>
    </message>
    <message>
        <source>The canon of pass %1 trims those who enter later</source>
        <translation>El canon de la pasada %1 recorta a los que entran después</translation>
    </message>
    <message>
        <source>The tag in pass %1 cuts %2</source>
        <translation>El tag de la pasada %1 corta %2</translation>
    </message>
    <message>
        <source>The tag in pass %1 is longer than %2</source>
        <translation>El tag de la pasada %1 dura más que %2</translation>
    </message>
    <message>
        <source>The bridge in pass %1 cuts %2</source>
        <translation>El puente de la pasada %1 corta %2</translation>
    </message>
    <message>
        <source>The bridge in pass %1 is longer than %2</source>
        <translation>El puente de la pasada %1 dura más que %2</translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: the last %4 of it are not danced.</source>
        <translation>Dura %1 y %2 tiene %3: las últimas %4 no se bailan.</translation>
    </message>
    <message>
        <source>It is %1 long and %2 has %3: after it everyone waits %4.</source>
        <translation>Dura %1 y %2 tiene %3: después todos esperan %4.</translation>
    </message>
    <message>
        <source>What is bound %1 does nothing</source>
        <translation>Lo que está ligado %1 no hace nada</translation>
    </message>
    <message>
        <source>This song has no such place.</source>
        <translation>Esta canción no tiene ese lugar.</translation>
    </message>
    <message>
        <source>No pass is danced there, or it begins or ends just there.</source>
        <translation>Ahí no se baila ninguna pasada, o empieza o acaba justo ahí.</translation>
    </message>
    <message>
        <source>The cut of pass %1 after %2</source>
        <translation>El corte de la pasada %1 tras %2</translation>
    </message>
    <message>
        <source>The tag after pass %1</source>
        <translation>El tag tras la pasada %1</translation>
    </message>
    <message>
        <source>Wrong foot into pass %1</source>
        <translation>Pie equivocado hacia la pasada %1</translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; count 1 needs the %3.</source>
        <translation>%1 deja libre el pie %2; la cuenta 1 necesita el %3.</translation>
    </message>
    <message>
        <source>The same into %1.</source>
        <translation>Lo mismo hacia %1.</translation>
    </message>
    <message>
        <source>Wrong foot into %1</source>
        <translation>Pie equivocado hacia %1</translation>
    </message>
    <message>
        <source>%1 leaves the %2 foot free; %3 needs the %4, on count %5 of the pass.</source>
        <translation>%1 deja libre el pie %2; %3 necesita el %4, en la cuenta %5 de la pasada.</translation>
    </message>
    <message>
        <source>Hold or position does not fit into %1</source>
        <translation>El agarre o la posición no encaja con %1</translation>
    </message>
    <message>
        <source>%1, after %2.</source>
        <translation>%1, después de %2.</translation>
    </message>
    <message>
        <source>Partners do not come to their places in pass %1</source>
        <translation>La pareja no llega a sus lugares en la pasada %1</translation>
    </message>
    <message>
        <source>%1 is %2, %3 %4: one of them lacks the counts to walk there.</source>
        <translation>%1 está %2, %3 %4: a uno le faltan cuentas para llegar.</translation>
    </message>
    <message>
        <source>The feet do not answer each other after %1</source>
        <translation>Los pies no se corresponden después de %1</translation>
    </message>
    <message>
        <source>They should be on the same foot; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation>Deberían estar en el mismo pie; %1 tiene libre el %2, %3 el %4. Solo uno cambia de pie.</translation>
    </message>
    <message>
        <source>They should be on opposite feet; %1 has the %2 free, %3 the %4. One of them alone changes feet.</source>
        <translation>Deberían estar en pies opuestos; %1 tiene libre el %2, %3 el %4. Solo uno cambia de pie.</translation>
    </message>
    <message>
        <source>Part %1</source>
        <translation>Parte %1</translation>
    </message>
    <message>
        <source>%1 cannot be read to its end</source>
        <translation>%1 no se puede leer hasta el final</translation>
    </message>
    <message>
        <source>%1 says a foot that is not free</source>
        <translation>%1 dice un pie que no está libre</translation>
    </message>
    <message>
        <source>At %1, character %2: %3</source>
        <translation>En %1, carácter %2: %3</translation>
    </message>
    <message>
        <source>%1 has %2, %3 has %4.</source>
        <translation>%1 tiene %2, %3 tiene %4.</translation>
    </message>
    <message>
        <source>They do not meet at the end of the figure.</source>
        <translation>No se encuentran al final de la figura.</translation>
    </message>
    <message>
        <source>They do not meet at the end of the part.</source>
        <translation>No se encuentran al final de la parte.</translation>
    </message>
    <message>
        <source>In the whole part %1 is %2 short.</source>
        <translation>En toda la parte, a %1 le faltan %2.</translation>
    </message>
    <message>
        <source>In %1 %2 is %3 short</source>
        <translation>En %1, a %2 le faltan %3</translation>
    </message>
    <message>
        <source>Line %1 of the hand-out: “%2”</source>
        <translation>Línea %1 de la hoja: «%2»</translation>
    </message>
    <message>
        <source>Part %1 has no steps yet</source>
        <translation>La parte %1 aún no tiene pasos</translation>
    </message>
    <message>
        <source>It is in the order but takes no counts. Place figures in it, or type its counts, for example %1.</source>
        <translation>Está en el orden pero no ocupa cuentas. Coloque figuras en ella o escriba sus cuentas, por ejemplo %1.</translation>
    </message>
    <message>
        <source>Steps of %1 have no count</source>
        <translation>Hay pasos de %1 sin cuenta</translation>
    </message>
    <message>
        <source>Danced in bars of another length it loses %1: they stand on counts that these bars do not have.</source>
        <translation>Bailada en compases de otra duración pierde %1: están en cuentas que esos compases no tienen.</translation>
    </message>
    <message numerus="yes">
        <source>%n step|%n steps</source>
        <translation>
            <numerusform>%n paso</numerusform>
            <numerusform>%n pasos</numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 starts %2 into %3</source>
        <translation>La pasada %1 empieza %2 dentro de %3</translation>
    </message>
    <message>
        <source>Pass %1 starts %2 before %3</source>
        <translation>La pasada %1 empieza %2 antes de %3</translation>
    </message>
    <message>
        <source>%1 has %2; this pass begins on its %3.</source>
        <translation>%1 tiene %2; esta pasada empieza en su %3.</translation>
    </message>
    <message>
        <source>Its count 1 falls on the music&apos;s %1.</source>
        <translation>Su cuenta 1 cae en el %1 de la música.</translation>
    </message>
    <message>
        <source>%1 follows, off by as much.</source>
        <translation>%1 sigue, desviada lo mismo.</translation>
    </message>
    <message>
        <source>%1 follow, off by as much.</source>
        <translation>%1 siguen, desviadas lo mismo.</translation>
    </message>
    <message>
        <source>no step</source>
        <translation>ningún paso</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>At %1 the dancers say %2 where the music says %3, for %4.</source>
        <translation>En %1 los bailarines dicen %2 donde la música dice %3, durante %4.</translation>
    </message>
    <message>
        <source>On the music&apos;s 1: %1.</source>
        <translation>En el 1 de la música: %1.</translation>
    </message>
    <message>
        <source>The breaks fall on %1 of the music.</source>
        <translation>Los breaks caen en %1 de la música.</translation>
    </message>
    <message>
        <source>The breaks fall on %1 instead of %2 of the music.</source>
        <translation>Los breaks caen en %1 en vez de %2 de la música.</translation>
    </message>
    <message>
        <source>Within them the difference changes more often than once a set.</source>
        <translation>Dentro de ellos la diferencia cambia más de una vez por grupo.</translation>
    </message>
    <message>
        <source>At %1 they agree again.</source>
        <translation>En %1 vuelven a coincidir.</translation>
    </message>
    <message>
        <source>After that it goes on so.</source>
        <translation>Después sigue así.</translation>
    </message>
    <message>
        <source>Then it differs by another amount.</source>
        <translation>Luego difiere en otra cantidad.</translation>
    </message>
    <message>
        <source>It stays so to the end.</source>
        <translation>Se queda así hasta el final.</translation>
    </message>
    <message>
        <source>Turned round from %1 on</source>
        <translation>Cuenta cambiada desde %1</translation>
    </message>
    <message>
        <source>Pass %1 is pinned to a place that this song does not have</source>
        <translation>La pasada %1 está fijada a un lugar que esta canción no tiene</translation>
    </message>
    <message>
        <source>It should start %1; it starts where the pass before it ends.</source>
        <translation>Debería empezar %1; empieza donde acaba la anterior.</translation>
    </message>
    <message>
        <source>Pass %1 cannot start where it is pinned</source>
        <translation>La pasada %1 no puede empezar donde está fijada</translation>
    </message>
    <message>
        <source>It should start %1, %2 earlier: the passes before it are over only here.</source>
        <translation>Debería empezar %1, %2 antes: las pasadas anteriores no acaban hasta aquí.</translation>
    </message>
    <message>
        <source>The song ends %1 into pass %2.</source>
        <translation>La canción acaba %1 dentro de la pasada %2.</translation>
    </message>
    <message>
        <source>Pass %1 would start after the song.</source>
        <translation>La pasada %1 empezaría después de la canción.</translation>
    </message>
    <message>
        <source>%1 would have no music.</source>
        <translation>%1 no tendrían música.</translation>
    </message>
    <message>
        <source>The dance is %1 longer than the song</source>
        <translation>El baile dura %1 más que la canción</translation>
    </message>
    <message>
        <source>%1 of music are left</source>
        <translation>Sobran %1 de música</translation>
    </message>
    <message>
        <source>The dance ends at %1, facing %2.</source>
        <translation>El baile acaba en %1, mirando a las %2.</translation>
    </message>
    <message>
        <source>%1 is danced in bars of %2; the music has no such bars there.</source>
        <translation>%1 se baila en compases de %2; la música no tiene ahí esos compases.</translation>
    </message>
    <message>
        <source>The pass ends %1 early.</source>
        <translation>La pasada acaba %1 antes.</translation>
    </message>
    <message>
        <source>The pass ends %1 late.</source>
        <translation>La pasada acaba %1 tarde.</translation>
    </message>
    <message>
        <source>Pass %1 counts bars that the music does not have</source>
        <translation>La pasada %1 cuenta compases que la música no tiene</translation>
    </message>
    <message>
        <source>Steps go on through the stop at %1</source>
        <translation>Los pasos siguen durante la parada en %1</translation>
    </message>
    <message numerus="yes">
        <source>The music stands still for %1; %n step is danced in it. Count it aloud, or let everyone wait.|The music stands still for %1; %n steps are danced in it. Count it aloud, or let everyone wait.</source>
        <translation>
            <numerusform>La música se detiene %1; en ella se baila %n paso. Cuéntelo en voz alta o haga esperar a todos.</numerusform>
            <numerusform>La música se detiene %1; en ella se bailan %n pasos. Cuéntelos en voz alta o haga esperar a todos.</numerusform>
        </translation>
    </message>
    <message>
        <source>No pass then starts a phrase.</source>
        <translation>Entonces ninguna pasada empieza una frase.</translation>
    </message>
    <message>
        <source>No pass then lands.</source>
        <translation>Entonces ninguna pasada cae bien.</translation>
    </message>
    <message>
        <source>The one pass then starts a phrase.</source>
        <translation>Entonces la única pasada empieza una frase.</translation>
    </message>
    <message>
        <source>The one pass then lands.</source>
        <translation>Entonces la única pasada cae bien.</translation>
    </message>
    <message>
        <source>Not even the one pass then starts a phrase.</source>
        <translation>Entonces ni la única pasada empieza una frase.</translation>
    </message>
    <message>
        <source>Not even the one pass then lands.</source>
        <translation>Entonces ni la única pasada cae bien.</translation>
    </message>
    <message>
        <source>Every pass then starts a phrase.</source>
        <translation>Entonces todas las pasadas empiezan una frase.</translation>
    </message>
    <message>
        <source>Every pass then lands.</source>
        <translation>Entonces todas las pasadas caen bien.</translation>
    </message>
    <message>
        <source>None of %1 passes then starts a phrase.</source>
        <translation>Entonces ninguna de las %1 pasadas empieza una frase.</translation>
    </message>
    <message>
        <source>None of %1 passes then lands.</source>
        <translation>Entonces ninguna de las %1 pasadas cae bien.</translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then starts a phrase.|%n of %1 passes then start a phrase.</source>
        <translation>
            <numerusform>Entonces una de las %1 pasadas empieza una frase.</numerusform>
            <numerusform>Entonces %n de las %1 pasadas empiezan una frase.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>One of %1 passes then lands.|%n of %1 passes then land.</source>
        <translation>
            <numerusform>Entonces una de las %1 pasadas cae bien.</numerusform>
            <numerusform>Entonces %n de las %1 pasadas caen bien.</numerusform>
        </translation>
    </message>
    <message>
        <source>Then: %1.</source>
        <translation>Entonces: %1.</translation>
    </message>
    <message numerus="yes">
        <source>And %n more finding.|And %n more findings.</source>
        <translation>
            <numerusform>Y %n aviso más.</numerusform>
            <numerusform>Y %n avisos más.</numerusform>
        </translation>
    </message>
    <message>
        <source>Pass %1 then begins facing %2 instead of %3.</source>
        <translation>La pasada %1 empieza entonces mirando a las %2 en vez de las %3.</translation>
    </message>
    <message>
        <source>It is turned round for %1 only.</source>
        <translation>Solo tiene la cuenta cambiada durante %1.</translation>
    </message>
    <message>
        <source>On the music&apos;s 1 then: %1.</source>
        <translation>En el 1 de la música, entonces: %1.</translation>
    </message>
    <message>
        <source>Step instead of the last touch of part %1.</source>
        <translation>Dar un paso en lugar del último touch de la parte %1.</translation>
    </message>
    <message>
        <source>Step instead of the last touch of %1.</source>
        <translation>Dar un paso en lugar del último touch de %1.</translation>
    </message>
    <message>
        <source>End these passes with a touch in place of the last step.</source>
        <translation>Acabar estas pasadas con un touch en lugar del último paso.</translation>
    </message>
    <message>
        <source>Step again on the last change of pass %1.</source>
        <translation>Volver a dar paso en el último cambio de la pasada %1.</translation>
    </message>
    <message>
        <source>Make the last change of pass %1 a touch.</source>
        <translation>Hacer un touch del último cambio de la pasada %1.</translation>
    </message>
    <message>
        <source>Cut pass %1 after %2 instead.</source>
        <translation>Cortar la pasada %1 después de %2 en su lugar.</translation>
    </message>
    <message>
        <source>Finish the turn: cut pass %1 after %2.</source>
        <translation>Acabar el giro: cortar la pasada %1 después de %2.</translation>
    </message>
    <message>
        <source>Cut before the turn, after %1.</source>
        <translation>Cortar antes del giro, después de %1.</translation>
    </message>
    <message>
        <source>Turn on into the next pass.</source>
        <translation>Seguir girando en la pasada siguiente.</translation>
    </message>
    <message>
        <source>turn on</source>
        <translation>seguir girando</translation>
    </message>
    <message>
        <source>Leave the turn out.</source>
        <translation>Omitir el giro.</translation>
    </message>
    <message>
        <source>Take the restart out.</source>
        <translation>Quitar el restart.</translation>
    </message>
    <message>
        <source>the typed steps</source>
        <translation>los pasos escritos</translation>
    </message>
    <message>
        <source>Make the last step of %1 a touch.</source>
        <translation>Hacer un touch del último paso de %1.</translation>
    </message>
    <message>
        <source>Dance %1 in the version “%2”.</source>
        <translation>Bailar %1 en la versión «%2».</translation>
    </message>
    <message>
        <source>Dance %1 to the other side.</source>
        <translation>Bailar %1 hacia el otro lado.</translation>
    </message>
    <message>
        <source>Dance it to the other side.</source>
        <translation>Bailarla hacia el otro lado.</translation>
    </message>
    <message>
        <source>Let %1 end it with a touch.</source>
        <translation>Que %1 acabe con un touch.</translation>
    </message>
    <message>
        <source>Let %1 step instead of the last touch.</source>
        <translation>Que %1 dé un paso en lugar del último touch.</translation>
    </message>
    <message>
        <source>Let pass %1 be danced whole.</source>
        <translation>Que la pasada %1 se baile entera.</translation>
    </message>
    <message>
        <source>Let every role finish; the next pass starts when the last is done.</source>
        <translation>Que cada rol acabe; la pasada siguiente empieza cuando acaba el último.</translation>
    </message>
    <message>
        <source>canon as a ripple</source>
        <translation>canon en ola</translation>
    </message>
    <message>
        <source>Make the tag %1 long.</source>
        <translation>Hacer que el tag dure %1.</translation>
    </message>
    <message>
        <source>Let everyone wait in it instead.</source>
        <translation>Que todos esperen en él.</translation>
    </message>
    <message>
        <source>Make the bridge %1 long.</source>
        <translation>Hacer que el puente dure %1.</translation>
    </message>
    <message>
        <source>bridge as long as its figure</source>
        <translation>puente tan largo como su figura</translation>
    </message>
    <message>
        <source>Take it out.</source>
        <translation>Quitarlo.</translation>
    </message>
    <message>
        <source>Let %1 wait for the last %2.</source>
        <translation>Que %1 espere las últimas %2.</translation>
    </message>
    <message>
        <source>Dance its bars as they are written in pass %1.</source>
        <translation>Bailar sus compases como están escritos en la pasada %1.</translation>
    </message>
    <message>
        <source>bars as written</source>
        <translation>compases como están escritos</translation>
    </message>
    <message>
        <source>Dance its bars as they are written.</source>
        <translation>Bailar sus compases como están escritos.</translation>
    </message>
    <message>
        <source>Start on the 1 of %1.</source>
        <translation>Empezar en el 1 de %1.</translation>
    </message>
    <message>
        <source>Take the tag after pass %1 out.</source>
        <translation>Quitar el tag después de la pasada %1.</translation>
    </message>
    <message>
        <source>Dance pass %1 whole.</source>
        <translation>Bailar la pasada %1 entera.</translation>
    </message>
    <message>
        <source>Make the tag after pass %1 %2.</source>
        <translation>Hacer que el tag tras la pasada %1 dure %2.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2.</source>
        <translation>Añadir un tag de %1 después de la pasada %2.</translation>
    </message>
    <message>
        <source>Cut pass %1 after %2.</source>
        <translation>Cortar la pasada %1 después de %2.</translation>
    </message>
    <message numerus="yes">
        <source>the last pass|the last %n passes</source>
        <translation>
            <numerusform>la última pasada</numerusform>
            <numerusform>las últimas %n pasadas</numerusform>
        </translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2.</source>
        <translation>Acabar la pasada %1 con la canción, después de %2.</translation>
    </message>
    <message>
        <source>End pass %1 with the song, after %2, and take out %3.</source>
        <translation>Acabar la pasada %1 con la canción, después de %2, y quitar %3.</translation>
    </message>
    <message>
        <source>Take out %1.</source>
        <translation>Quitar %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n more pass of %1|%n more passes of %1</source>
        <translation>
            <numerusform>%n pasada más de %1</numerusform>
            <numerusform>%n pasadas más de %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Add %1.</source>
        <translation>Añadir %1.</translation>
    </message>
    <message>
        <source>Add %1; the song ends inside the last one.</source>
        <translation>Añadir %1; la canción acaba dentro de la última.</translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2, the last change a touch.</source>
        <translation>Volver a empezar en el 1 de la música, después de %1 de la pasada %2, con el último cambio como touch.</translation>
    </message>
    <message>
        <source>begin again on the 1, with a touch</source>
        <translation>volver a empezar en el 1, con un touch</translation>
    </message>
    <message>
        <source>Begin again on the music&apos;s 1, after %1 of pass %2.</source>
        <translation>Volver a empezar en el 1 de la música, después de %1 de la pasada %2.</translation>
    </message>
    <message>
        <source>Count from 1 again after the tag of pass %1.</source>
        <translation>Volver a contar desde 1 tras el tag de la pasada %1.</translation>
    </message>
    <message>
        <source>Dance %1 (%2) after pass %3.</source>
        <translation>Bailar %1 (%2) después de la pasada %3.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1.</source>
        <translation>Añadir un tag de %1 después de la pasada %2 y contar desde 1.</translation>
    </message>
    <message>
        <source>Add a tag of %1 after pass %2 and count from 1, the last change a touch.</source>
        <translation>Añadir un tag de %1 después de la pasada %2 y contar desde 1, con el último cambio como touch.</translation>
    </message>
    <message>
        <source>Leave it: at %1 it comes right by itself.</source>
        <translation>Dejarlo: en %1 se arregla solo.</translation>
    </message>
    <message>
        <source>it comes right at %1</source>
        <translation>se arregla en %1</translation>
    </message>
    <message>
        <source>Unpin it.</source>
        <translation>Soltarla.</translation>
    </message>
    <message>
        <source>Dance the bars as they are written.</source>
        <translation>Bailar los compases como están escritos.</translation>
    </message>
    <message>
        <source>Dance the bars of the part as they are written.</source>
        <translation>Bailar los compases de la parte como están escritos.</translation>
    </message>
    <message>
        <source>Let everyone wait through the stop; what follows comes %1 later.</source>
        <translation>Que todos esperen durante la parada; lo que sigue llega %1 más tarde.</translation>
    </message>
    <message>
        <source>Wait %1 before pass %2.</source>
        <translation>Esperar %1 antes de la pasada %2.</translation>
    </message>
    <message>
        <source>a wait</source>
        <translation>una espera</translation>
    </message>
    <message>
        <source>Wait %1 less before pass %2.</source>
        <translation>Esperar %1 menos antes de la pasada %2.</translation>
    </message>
    <message>
        <source>a shorter wait</source>
        <translation>una espera más corta</translation>
    </message>
    <message>
        <source>Let the accent go.</source>
        <translation>Renunciar al acento.</translation>
    </message>
    <message numerus="yes">
        <source>%n step a minute|%n steps a minute</source>
        <translation>
            <numerusform>%n paso por minuto</numerusform>
            <numerusform>%n pasos por minuto</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is stepped yet.</source>
        <translation>Aún no hay pasos.</translation>
    </message>
    <message>
        <source>the quickest %1 s (%2)</source>
        <translation>el más rápido %1 s (%2)</translation>
    </message>
    <message>
        <source>the fastest turn %1° a second (%2)</source>
        <translation>el giro más rápido %1° por segundo (%2)</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps and turns.</source>
        <translation>%1; por encima de su propio límite de pasos y giros.</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for steps.</source>
        <translation>%1; por encima de su propio límite de pasos.</translation>
    </message>
    <message>
        <source>%1; beyond your own limit for turns.</source>
        <translation>%1; por encima de su propio límite de giros.</translation>
    </message>
    <message>
        <source>Kicks and sweeping legs need room: look behind you, keep them low where others stand near.</source>
        <translation>Las patadas y las piernas que barren necesitan sitio: mire atrás y manténgalas bajas si hay gente cerca.</translation>
    </message>
    <message>
        <source>Fast turns want a small base: feet close, weight over one foot, eyes early to the front.</source>
        <translation>Los giros rápidos piden una base pequeña: pies juntos, peso sobre un pie, mirada pronto al frente.</translation>
    </message>
    <message>
        <source>A large step into a turn throws you off: make it smaller, or turn less.</source>
        <translation>Un paso grande al entrar en un giro desequilibra: hágalo más pequeño o gire menos.</translation>
    </message>
    <message>
        <source>Joined hands show the turn and do not pull: no force through the arms, let go when it hurts.</source>
        <translation>Las manos unidas muestran el giro y no tiran: sin fuerza en los brazos; suelte si duele.</translation>
    </message>
    <message>
        <source>Jumps, stomps and slides want a dry, even floor that gives a little.</source>
        <translation>Saltos, pisotones y deslizamientos piden un suelo seco, liso y que ceda un poco.</translation>
    </message>
    <message>
        <source>Shoes that let the foot turn, and hold the heel.</source>
        <translation>Zapatos que dejen girar el pie y sujeten el talón.</translation>
    </message>
    <message>
        <source>Warm up before this one, and begin it slowly.</source>
        <translation>Caliente antes y empiece despacio.</translation>
    </message>
    <message>
        <source>Rest between full runs; stop when you are tired.</source>
        <translation>Descanse entre bailes completos; pare cuando esté cansado.</translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation>Mantenga la música a un volumen cómodo.</translation>
    </message>
    <message>
        <source>Nothing stands in these brackets. Write a position or a hold, such as [open] or [L-R].</source>
        <translation>No hay nada entre estos corchetes. Escriba una posición o un agarre, como [open] o [L-R].</translation>
    </message>
    <message>
        <source>A height needs the hands that are held, as in [L-R low].</source>
        <translation>Una altura necesita las manos que se sujetan, como en [L-R low].</translation>
    </message>
    <message>
        <source>“%1” is not a position or hold. Known are closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R and the like, both hands, crossed hands, no hands.</source>
        <translation>«%1» no es una posición ni un agarre. Se conocen closed, open, promenade, counter-promenade, shadow, outside, back to back, L-R y similares, both hands, crossed hands, no hands.</translation>
    </message>
    <message>
        <source>A hand is held twice here. Each hand holds one other.</source>
        <translation>Aquí una mano se sujeta dos veces. Cada mano sujeta a otra.</translation>
    </message>
    <message>
        <source>“%1” is not a feel. Known are straight, swing, rolling-thirds, rolling-quarters and own.</source>
        <translation>«%1» no es una subdivisión. Se conocen straight, swing, rolling-thirds, rolling-quarters y own.</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>recto</translation>
    </message>
    <message>
        <source>swung</source>
        <translation>con swing</translation>
    </message>
    <message>
        <source>rolling by thirds</source>
        <translation>rodado por tercios</translation>
    </message>
    <message>
        <source>rolling by quarters</source>
        <translation>rodado por cuartos</translation>
    </message>
    <message>
        <source>in fractions of its own</source>
        <translation>en fracciones propias</translation>
    </message>
    <message>
        <source>%1: &amp; and a are %2</source>
        <translation>%1: &amp; y a son %2</translation>
    </message>
    <message>
        <source>%1: &amp; is %2, a is %3</source>
        <translation>%1: &amp; es %2, a es %3</translation>
    </message>
    <message>
        <source>“%1” lasts %2, but the next step comes before that is over.</source>
        <translation>«%1» dura %2, pero el paso siguiente llega antes de que acabe.</translation>
    </message>
    <message>
        <source>Called %1, adds up to %2.</source>
        <translation>Dice %1, suma %2.</translation>
    </message>
    <message>
        <source>Count %1 says the %2 foot, but the %2 foot carries the weight.</source>
        <translation>La cuenta %1 dice el pie %2, pero el pie %2 lleva el peso.</translation>
    </message>
    <message>
        <source>If the stomp on %1 takes no weight, write stomp-up there.</source>
        <translation>Si el stomp en %1 no toma peso, escriba ahí stomp-up.</translation>
    </message>
    <message>
        <source>“%1” stands beside a silent %2. Which is meant?</source>
        <translation>«%1» está junto a un %2 callado. ¿Cuál se quiere decir?</translation>
    </message>
    <message>
        <source>the end of a silent %1</source>
        <translation>el final de un %1 callado</translation>
    </message>
    <message>
        <source>a part of count %1</source>
        <translation>una parte de la cuenta %1</translation>
    </message>
    <message>
        <source>a filler word, no step</source>
        <translation>una muletilla, no un paso</translation>
    </message>
    <message>
        <source>Counts, character %1: %2</source>
        <translation>Cuentas, carácter %1: %2</translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4.</source>
        <translation>Un guion va entre dos cuentas, como en 1-4.</translation>
    </message>
    <message>
        <source>“%1” closes nothing here. Parts of a count stand in braces, as in 2{side, close, side}.</source>
        <translation>«%1» no cierra nada aquí. Las partes de una cuenta van entre llaves, como en 2{side, close, side}.</translation>
    </message>
    <message>
        <source>“…” says that the rest is not written yet; nothing follows it.</source>
        <translation>«…» dice que el resto aún no está escrito; nada lo sigue.</translation>
    </message>
    <message>
        <source>“%1” is opened here and not closed. Write %2 at its end.</source>
        <translation>«%1» se abre aquí y no se cierra. Escriba %2 al final.</translation>
    </message>
    <message>
        <source>“%1” means nothing here. Write counts, words, L or R.</source>
        <translation>«%1» no significa nada aquí. Escriba cuentas, palabras, L o R.</translation>
    </message>
    <message>
        <source>After 7 a silent 8 was put before this 1. Write “8 wait” to say so.</source>
        <translation>Después del 7 se puso un 8 callado antes de este 1. Escriba «8 wait» para decirlo.</translation>
    </message>
    <message>
        <source>This line is said in slow and quick. Keep to one way of counting in a line.</source>
        <translation>Esta línea se dice en lento y rápido. Use una sola forma de contar por línea.</translation>
    </message>
    <message>
        <source>The line is longer than %1 counts.</source>
        <translation>La línea dura más de %1 cuentas.</translation>
    </message>
    <message>
        <source>A range needs its last count, as in 1-4.</source>
        <translation>Un intervalo necesita su última cuenta, como en 1-4.</translation>
    </message>
    <message>
        <source>A range goes up: %1-%2 or later.</source>
        <translation>Un intervalo sube: %1-%2 o más.</translation>
    </message>
    <message>
        <source>“e” has no place in a swung count: &amp; and a both fall at 2/3. Say the line straight, or use &amp;.</source>
        <translation>«e» no tiene lugar en una cuenta con swing: &amp; y a caen ambos en 2/3. Diga la línea recta o use &amp;.</translation>
    </message>
    <message>
        <source>“e” has no place in a count of your own: &amp; falls at %1, a at %2. Use one of these.</source>
        <translation>«e» no tiene lugar en una cuenta propia: &amp; cae en %1, a en %2. Use una de ellas.</translation>
    </message>
    <message>
        <source>“e” has no place in a count of thirds: &amp; falls at 1/3, a at 2/3. Say the line straight or by quarters.</source>
        <translation>«e» no tiene lugar en una cuenta de tercios: &amp; cae en 1/3, a en 2/3. Diga la línea recta o por cuartos.</translation>
    </message>
    <message>
        <source>This line is said in slow and quick; give the step its own length, as in Q:1/2.</source>
        <translation>Esta línea se dice en lento y rápido; dé al paso su propia duración, como en Q:1/2.</translation>
    </message>
    <message>
        <source>“%1” is read as the end of a silent %2. If it belongs to %3, write it next to the number: %4%5.</source>
        <translation>«%1» se lee como el final de un %2 callado. Si va con %3, escríbalo junto al número: %4%5.</translation>
    </message>
    <message>
        <source>&amp; and a fall on the same moment in a swung count (2/3). Take one of them, or say the line by thirds.</source>
        <translation>&amp; y a caen en el mismo momento en una cuenta con swing (2/3). Use una o diga la línea por tercios.</translation>
    </message>
    <message>
        <source>“%1” is in this count already.</source>
        <translation>«%1» ya está en esta cuenta.</translation>
    </message>
    <message>
        <source>“%1” comes before what was said last. In a count the order is e &amp; a.</source>
        <translation>«%1» va antes de lo último dicho. En una cuenta el orden es e &amp; a.</translation>
    </message>
    <message>
        <source>This line is said in counts. Keep to one way of counting in a line.</source>
        <translation>Esta línea se dice en cuentas. Use una sola forma de contar por línea.</translation>
    </message>
    <message>
        <source>A letter needs a count, not slow or quick.</source>
        <translation>Una letra necesita una cuenta, no lento o rápido.</translation>
    </message>
    <message>
        <source>A length follows its count, as in 1:2.</source>
        <translation>Una duración sigue a su cuenta, como en 1:2.</translation>
    </message>
    <message>
        <source>A length stands before the brace, as in 2:2{side, close, side}.</source>
        <translation>Una duración va antes de la llave, como en 2:2{side, close, side}.</translation>
    </message>
    <message>
        <source>A length is a number of counts such as 2, 3/2 or 1/2 that divides a count evenly.</source>
        <translation>Una duración es un número de cuentas como 2, 3/2 o 1/2 que divide una cuenta con exactitud.</translation>
    </message>
    <message>
        <source>“%1” needs its count before it, as in “1 %2”.</source>
        <translation>«%1» necesita su cuenta delante, como en «1 %2».</translation>
    </message>
    <message>
        <source>A turn is counted in eighths: 1/8, 1/4, 3/8, 1/2 … up to 8 whole turns.</source>
        <translation>Un giro se cuenta en octavos: 1/8, 1/4, 3/8, 1/2… hasta 8 vueltas enteras.</translation>
    </message>
    <message>
        <source>Which way? Write %1 R or %2 L.</source>
        <translation>¿Hacia dónde? Escriba %1 R o %2 L.</translation>
    </message>
    <message>
        <source>Two feet on one count. Say one of them, or “both”.</source>
        <translation>Dos pies en una cuenta. Diga uno de ellos o «both».</translation>
    </message>
    <message>
        <source>A brace follows its count, as in 2{side, close, side}.</source>
        <translation>Una llave sigue a su cuenta, como en 2{side, close, side}.</translation>
    </message>
    <message>
        <source>“{” is opened here and not closed. Write } at its end.</source>
        <translation>«{» se abre aquí y no se cierra. Escriba } al final.</translation>
    </message>
    <message>
        <source>Braces divide a count into 2 to 32 parts, as in 2{side, close, side} or 2{3}.</source>
        <translation>Las llaves dividen una cuenta en 2 a 32 partes, como en 2{side, close, side} o 2{3}.</translation>
    </message>
    <message>
        <source>One count does not divide evenly into %1 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation>Una cuenta no se divide con exactitud en %1 partes. 1 a 10, 12, 14, 15, 16, 18, 20, 21, 24 y 32 dividen una cuenta.</translation>
    </message>
    <message>
        <source>%1 counts do not divide evenly into %2 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.</source>
        <translation>%1 cuentas no se dividen con exactitud en %2 partes. 1 a 10, 12, 14, 15, 16, 18, 20, 21, 24 y 32 dividen una cuenta.</translation>
    </message>
    <message>
        <source>“%1” has no place inside braces: they hold the parts of one span, divided by commas.</source>
        <translation>«%1» no tiene lugar entre llaves: contienen las partes de un tramo, separadas por comas.</translation>
    </message>
    <message>
        <source>Nothing stands between these quotation marks. Write what is called out here.</source>
        <translation>No hay nada entre estas comillas. Escriba lo que se canta aquí.</translation>
    </message>
    <message>
        <source>A cue is called here already: “%1”. Put both into one.</source>
        <translation>Aquí ya se canta una indicación: «%1». Junte las dos.</translation>
    </message>
    <message>
        <source>After + stands what goes on beside the feet, as in “4 touch + clap”.</source>
        <translation>Después de + va lo que pasa aparte de los pies, como en «4 touch + clap».</translation>
    </message>
    <message>
        <source>“@%1” is not a direction. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o&apos;clock, or a word such as @line or @window.</source>
        <translation>«@%1» no es una dirección. Diga las 12, 1:30, 3, 4:30, 6, 7:30, 9 o 10:30, o una palabra como @line o @window.</translation>
    </message>
    <message>
        <source>“#%1” is not a care mark. Known are %2.</source>
        <translation>«#%1» no es una marca de precaución. Se conocen %2.</translation>
    </message>
    <message>
        <source>music numbers</source>
        <translation>números de la música</translation>
    </message>
    <message>
        <source>number of the eight on its 1</source>
        <translation>número del ocho en su 1</translation>
    </message>
    <message>
        <source>the figure&apos;s own numbers</source>
        <translation>los números propios de la figura</translation>
    </message>
    <message>
        <source>stepped counts only</source>
        <translation>solo cuentas con paso</translation>
    </message>
    <message>
        <source>slow and quick</source>
        <translation>lento y rápido</translation>
    </message>
    <message>
        <source>%1 is there already. Use &amp; for the half, or go on to %2.</source>
        <translation>%1 ya está. Use &amp; para la mitad o siga con %2.</translation>
    </message>
    <message>
        <source>%1 comes after %2. Counts go up, or begin again at 1.</source>
        <translation>%1 va después de %2. Las cuentas suben o vuelven a empezar en 1.</translation>
    </message>
    <message>
        <source>A count is a number from 1 to %1.</source>
        <translation>Una cuenta es un número de 1 a %1.</translation>
    </message>
    <message>
        <source>The page %1 is empty or damaged: there is no text in it.</source>
        <translation>La página %1 está vacía o dañada: no tiene texto.</translation>
    </message>
    <message>
        <source>The page %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation>La página %1 tiene más de 20 MB de texto. Copie el baile y péguelo.</translation>
    </message>
    <message>
        <source>The document %1 is damaged, has a password or is too large, and cannot be read. Save it anew without a password, or copy its text and paste that.</source>
        <translation>El documento %1 está dañado, tiene contraseña o es demasiado grande, y no se puede leer. Guárdelo de nuevo sin contraseña o copie su texto y péguelo.</translation>
    </message>
    <message>
        <source>The print %1 is damaged and cannot be read. Save it anew, or copy its text and paste that.</source>
        <translation>El impreso %1 está dañado y no se puede leer. Guárdelo de nuevo o copie su texto y péguelo.</translation>
    </message>
    <message>
        <source>The print %1 has a password. Save it without one, or copy its text and paste that.</source>
        <translation>El impreso %1 tiene contraseña. Guárdelo sin ella o copie su texto y péguelo.</translation>
    </message>
    <message>
        <source>The print %1 has %2 pages. Copy the dance out of it and paste that.</source>
        <translation>El impreso %1 tiene %2 páginas. Copie el baile y péguelo.</translation>
    </message>
    <message>
        <source>The print %1 has more than 20 MB of text. Copy the dance out of it and paste that.</source>
        <translation>El impreso %1 tiene más de 20 MB de texto. Copie el baile y péguelo.</translation>
    </message>
    <message>
        <source>The print %1 has no text in it, only pictures of text. Type the dance, or have the text recognised by another program and paste it.</source>
        <translation>El impreso %1 no tiene texto, solo imágenes de texto. Escriba el baile o haga que otro programa reconozca el texto y péguelo.</translation>
    </message>
    <message>
        <source>whenever you start %1 %2</source>
        <translation>siempre al empezar %1 %2</translation>
    </message>
    <message>
        <source>whenever you start %1</source>
        <translation>siempre al empezar %1</translation>
    </message>
    <message>
        <source>in %1, if you start %2</source>
        <translation>en %1, al empezar %2</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>in an %1</source>
        <translation>en «%1»</translation>
    </message>
    <message>
        <source>in a %1</source>
        <translation>en «%1»</translation>
    </message>
    <message>
        <source>after an %1</source>
        <translation>después de «%1»</translation>
    </message>
    <message>
        <source>after a %1</source>
        <translation>después de «%1»</translation>
    </message>
    <message>
        <source>every second pass</source>
        <translation>una de cada dos pasadas</translation>
    </message>
    <message>
        <source>every third pass</source>
        <translation>una de cada tres pasadas</translation>
    </message>
    <message>
        <source>every fourth pass</source>
        <translation>una de cada cuatro pasadas</translation>
    </message>
    <message>
        <source>the first pass</source>
        <translation>la primera pasada</translation>
    </message>
    <message>
        <source>the last pass</source>
        <translation>la última pasada</translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation>mirando a las %1</translation>
    </message>
    <message>
        <source>on a phrase of %1</source>
        <translation>en una frase de %1</translation>
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
        <translation>%1 en %2; no hay una regla corta.</translation>
    </message>
    <message>
        <source>a figure</source>
        <translation>una figura</translation>
    </message>
    <message>
        <source>%1 left out</source>
        <translation>%1 omitida</translation>
    </message>
    <message>
        <source>%1 at the head</source>
        <translation>%1 al principio</translation>
    </message>
    <message>
        <source>%1 danced twice</source>
        <translation>%1 bailada dos veces</translation>
    </message>
    <message>
        <source>%1 after %2</source>
        <translation>%1 después de %2</translation>
    </message>
    <message>
        <source>%1 as written</source>
        <translation>%1 como está escrita</translation>
    </message>
    <message>
        <source>%1 as “%2”</source>
        <translation>%1 como «%2»</translation>
    </message>
    <message>
        <source>%1 to the other side</source>
        <translation>%1 hacia el otro lado</translation>
    </message>
    <message>
        <source>partners exchanged in %1</source>
        <translation>pareja intercambiada en %1</translation>
    </message>
    <message>
        <source>wait of %1 before count 1</source>
        <translation>espera de %1 antes de la cuenta 1</translation>
    </message>
    <message>
        <source>bridge of %1 after %2, %3</source>
        <translation>puente de %1 después de %2, %3</translation>
    </message>
    <message>
        <source>bridge of %1 after %2</source>
        <translation>puente de %1 después de %2</translation>
    </message>
    <message>
        <source>shorter bars as the music has them</source>
        <translation>compases más cortos, como los tiene la música</translation>
    </message>
    <message>
        <source>%1 as a tag</source>
        <translation>%1 como tag</translation>
    </message>
    <message>
        <source>ending %1 after %2</source>
        <translation>final %1 después de %2</translation>
    </message>
    <message>
        <source>No cuts and repeats that cost less than %1 put it right, and there are too many dearer ones to compare. Plan the dance instead.</source>
        <translation>Ningún corte ni repetición que cueste menos de %1 lo arregla, y hay demasiados más caros para compararlos. Planifique mejor el baile.</translation>
    </message>
    <message>
        <source>There are too many cuts to compare them all. Allow shorter ones.</source>
        <translation>Hay demasiados cortes para compararlos todos. Permita otros más cortos.</translation>
    </message>
    <message>
        <source>The cost of a %1 is %2. Costs are whole numbers from 0 on.</source>
        <translation>El coste de «%1» es %2. Los costes son números enteros desde 0.</translation>
    </message>
    <message>
        <source>The song has no bars yet. Open a song or type its structure first.</source>
        <translation>La canción aún no tiene compases. Abra una canción o escriba antes su estructura.</translation>
    </message>
    <message>
        <source>The routine has no passes yet. Give the order of the parts first.</source>
        <translation>La coreografía aún no tiene pasadas. Dé antes el orden de las partes.</translation>
    </message>
    <message>
        <source>Counts of this song are longer than its bars, so that whole bars cannot be cut. Count it by beats for this.</source>
        <translation>Las cuentas de esta canción son más largas que sus compases, así que no se pueden cortar compases enteros. Cuéntela por pulsos para esto.</translation>
    </message>
    <message>
        <source>The dance does not begin with a bar of the music, so that whole bars cannot put it right. Change where it starts.</source>
        <translation>El baile no empieza con un compás de la música, así que compases enteros no lo arreglan. Cambie dónde empieza.</translation>
    </message>
    <message>
        <source>Comparing cuts was stopped.</source>
        <translation>Se detuvo la comparación de cortes.</translation>
    </message>
    <message>
        <source>No cut and no repeat</source>
        <translation>Ningún corte ni repetición</translation>
    </message>
    <message numerus="yes">
        <source>One change: %1|%n changes: %1</source>
        <comment>%1: without bar 33</comment>
        <translation>
            <numerusform>Un cambio: %1</numerusform>
            <numerusform>%n cambios: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1; every pass then starts a phrase.</source>
        <translation>%1; entonces cada pasada empieza una frase.</translation>
    </message>
    <message numerus="yes">
        <source>%1; %n pass does not.|%1; %n passes do not.</source>
        <comment>do not start a phrase; %1: a change of the music</comment>
        <translation>
            <numerusform>%1; %n pasada no.</numerusform>
            <numerusform>%1; %n pasadas no.</numerusform>
        </translation>
    </message>
    <message>
        <source>The music ends %1 before the dance.</source>
        <translation>La música acaba %1 antes que el baile.</translation>
    </message>
    <message>
        <source>The song has no phrases yet. Open a song or type its structure first.</source>
        <translation>La canción aún no tiene frases. Abra una canción o escriba antes su estructura.</translation>
    </message>
    <message>
        <source>A %1 of %2 is none. It has to be above 0 counts.</source>
        <translation>%1 de %2 no existe. Tiene que durar más de 0 cuentas.</translation>
    </message>
    <message>
        <source>A cut after %1 leaves nothing of a pass. Cuts are above 0 counts.</source>
        <translation>Un corte después de %1 no deja nada de la pasada. Los cortes van por encima de 0 cuentas.</translation>
    </message>
    <message>
        <source>The part for the opening or the ending is not in the routine any more.</source>
        <translation>La parte de la apertura o del final ya no está en la coreografía.</translation>
    </message>
    <message>
        <source>Part %1 has no counts yet, so that passes of it cannot be planned.</source>
        <translation>La parte %1 aún no tiene cuentas, así que sus pasadas no se pueden planificar.</translation>
    </message>
    <message>
        <source>More than %1 different exceptions are possible: more than dancers can tell apart. Allow fewer cuts, tags or changes.</source>
        <translation>Son posibles más de %1 excepciones distintas: más de las que los bailarines distinguen. Permita menos cortes, tags o cambios.</translation>
    </message>
    <message>
        <source>No figure at hand may be used. Allow other lengths or levels.</source>
        <translation>No se puede usar ninguna de las figuras que hay. Permita otras duraciones o niveles.</translation>
    </message>
    <message>
        <source>There are too many ways to compare. Ask for fewer counts, or allow fewer figures.</source>
        <translation>Hay demasiadas formas que comparar. Pida menos cuentas o permita menos figuras.</translation>
    </message>
    <message>
        <source>Between one and 256 counts can be filled, not %1.</source>
        <translation>Se pueden llenar de una a 256 cuentas, no %1.</translation>
    </message>
    <message>
        <source>Each figure may come at least once.</source>
        <translation>Cada figura puede aparecer al menos una vez.</translation>
    </message>
    <message>
        <source>Filling was stopped.</source>
        <translation>Se detuvo el relleno.</translation>
    </message>
    <message>
        <source>The song has no phrases. Give their lengths in counts, for example 32,32,16,32.</source>
        <translation>La canción no tiene frases. Dé sus duraciones en cuentas, por ejemplo 32,32,16,32.</translation>
    </message>
    <message>
        <source>A phrase has %1. Every phrase needs a length above 0.</source>
        <translation>Una frase tiene %1. Cada frase necesita una duración mayor que 0.</translation>
    </message>
    <message>
        <source>The song is longer than %1 counts. Plan it in pieces.</source>
        <translation>La canción dura más de %1 cuentas. Planifíquela por trozos.</translation>
    </message>
    <message>
        <source>The dance has %1. It needs a length above 0.</source>
        <translation>El baile tiene %1. Necesita una duración mayor que 0.</translation>
    </message>
    <message>
        <source>The dance is longer than %1 counts.</source>
        <translation>El baile dura más de %1 cuentas.</translation>
    </message>
    <message>
        <source>A cut after %1 does not lie inside the dance of %2. Cuts are above 0 and below the dance&apos;s length.</source>
        <translation>Un corte después de %1 no está dentro del baile de %2. Los cortes van por encima de 0 y por debajo de la duración del baile.</translation>
    </message>
    <message>
        <source>A tag of %1 is none. Tags are above 0 counts.</source>
        <translation>Un tag de %1 no existe. Los tags duran más de 0 cuentas.</translation>
    </message>
    <message>
        <source>A tag of %1 is longer than any song.</source>
        <translation>Un tag de %1 dura más que cualquier canción.</translation>
    </message>
    <message>
        <source>%1 different cuts and %2 different tags are allowed: more than dancers can tell apart. Allow at most %3 together.</source>
        <translation>Se permiten %1 cortes y %2 tags distintos: más de los que los bailarines distinguen. Permita como mucho %3 en total.</translation>
    </message>
    <message>
        <source>A turn done with count %1 does not lie in the dance of %2.</source>
        <translation>Un giro acabado en la cuenta %1 no está dentro del baile de %2.</translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags, or such in whole counts.</source>
        <translation>Hay demasiados lugares donde podría empezar una pasada. Permita menos cortes y tags, o que sean de cuentas enteras.</translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer cuts and tags.</source>
        <translation>Hay demasiadas formas para compararlas todas. Permita menos cortes y tags.</translation>
    </message>
    <message>
        <source>“%1” is not a turn. Write the part of a turn, right positive, and the count it is done with: -1/4@28.</source>
        <translation>«%1» no es un giro. Escriba la parte de giro, positiva a la derecha, y la cuenta en que acaba: -1/4@28.</translation>
    </message>
    <message>
        <source>A turn of %1 leaves the eighths of the clock. Use eighths of a turn, such as 1/4 or -3/8.</source>
        <translation>Un giro de %1 se sale de los octavos del reloj. Use octavos de giro, como 1/4 o -3/8.</translation>
    </message>
    <message>
        <source>The cost of %1 is %2. Costs are whole numbers from 0 to %3; the higher, the more is done to avoid it.</source>
        <translation>El coste de %1 es %2. Los costes son números enteros de 0 a %3; cuanto más altos, más se evita.</translation>
    </message>
    <message>
        <source>“%1” is not a cost. Write for example miss=10,restart=3; the costs are %2.</source>
        <translation>«%1» no es un coste. Escriba por ejemplo miss=10,restart=3; los costes son %2.</translation>
    </message>
    <message>
        <source>The cost “%1” is not a whole number.</source>
        <translation>El coste «%1» no es un número entero.</translation>
    </message>
    <message>
        <source>a pass that misses</source>
        <translation>una pasada que no cae bien</translation>
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
        <translation>cada tipo distinto</translation>
    </message>
    <message>
        <source>each count it misses by</source>
        <translation>cada cuenta de diferencia</translation>
    </message>
    <message>
        <source>a wait at the start</source>
        <translation>una espera al principio</translation>
    </message>
    <message>
        <source>a bridge</source>
        <translation>un puente</translation>
    </message>
    <message>
        <source>a figure as a tag</source>
        <translation>una figura como tag</translation>
    </message>
    <message>
        <source>a figure changed</source>
        <translation>una figura cambiada</translation>
    </message>
    <message>
        <source>a pass in shorter bars</source>
        <translation>una pasada en compases más cortos</translation>
    </message>
    <message>
        <source>an opening</source>
        <translation>una apertura</translation>
    </message>
    <message>
        <source>an ending</source>
        <translation>un final</translation>
    </message>
    <message>
        <source>a change in the first quarter</source>
        <translation>un cambio en el primer cuarto</translation>
    </message>
    <message>
        <source>a change in the last quarter</source>
        <translation>un cambio en el último cuarto</translation>
    </message>
    <message>
        <source>each different place of a change</source>
        <translation>cada lugar distinto de un cambio</translation>
    </message>
    <message>
        <source>a cut inside a figure</source>
        <translation>un corte dentro de una figura</translation>
    </message>
    <message>
        <source>a cut inside a turn</source>
        <translation>un corte dentro de un giro</translation>
    </message>
    <message>
        <source>a step made a touch</source>
        <translation>un paso hecho touch</translation>
    </message>
    <message>
        <source>an accent that misses</source>
        <translation>un acento que falla</translation>
    </message>
    <message>
        <source>the wrong facing at the end</source>
        <translation>la orientación equivocada al final</translation>
    </message>
    <message>
        <source>the music ends inside a pass</source>
        <translation>la música acaba dentro de una pasada</translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation>el pie equivocado</translation>
    </message>
    <message>
        <source>The first pass begins off a phrase: change where the dance starts.</source>
        <translation>La primera pasada empieza fuera de una frase: cambie dónde empieza el baile.</translation>
    </message>
    <message>
        <source>After pass %1 no phrase begins any more.</source>
        <translation>Después de la pasada %1 ya no empieza ninguna frase.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on.</source>
        <translation>Por ejemplo, la pasada %1 empieza %2 después de la pasada %3 (%4), donde las siguientes frases empiezan %5 cuentas más adelante.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 more would land it.</source>
        <translation>Por ejemplo, la pasada %1 empieza %2 después de la pasada %3 (%4), donde las siguientes frases empiezan %5 cuentas más adelante: con %6 más caería bien.</translation>
    </message>
    <message>
        <source>For one, pass %1 begins %2 after pass %3 (%4), where the next phrases begin %5 counts on: %6 fewer would land it.</source>
        <translation>Por ejemplo, la pasada %1 empieza %2 después de la pasada %3 (%4), donde las siguientes frases empiezan %5 cuentas más adelante: con %6 menos caería bien.</translation>
    </message>
    <message>
        <source>Everything could land for %1, but as it is priced a miss is the lesser evil.</source>
        <translation>Todo podría caer bien por %1, pero con estos costes fallar es el mal menor.</translation>
    </message>
    <message>
        <source>Make a miss dearer to have it.</source>
        <translation>Encarezca el fallo para conseguirlo.</translation>
    </message>
    <message numerus="yes">
        <source>With all that is allowed, at least one pass misses.|With all that is allowed, at least %n passes miss.</source>
        <translation>
            <numerusform>Con todo lo permitido, al menos una pasada no cae bien.</numerusform>
            <numerusform>Con todo lo permitido, al menos %n pasadas no caen bien.</numerusform>
        </translation>
    </message>
    <message>
        <source>This plan misses more, since that is cheaper.</source>
        <translation>Este plan falla más, porque es más barato.</translation>
    </message>
    <message>
        <source>Allow other tags, bridges or changes.</source>
        <translation>Permita otros tags, puentes o cambios.</translation>
    </message>
    <message>
        <source>opening %1 first</source>
        <translation>apertura %1 primero</translation>
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
        <translation>después de %1, con un touch al final: %2</translation>
    </message>
    <message>
        <source>after %1 of %2</source>
        <translation>después de %1: %2</translation>
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
        <translation>de %1 después de: %2</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>no restart and no tag</source>
        <translation>ningún restart ni tag</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message numerus="yes">
        <source>one more pass|%1 more passes</source>
        <translation>
            <numerusform>una pasada más</numerusform>
            <numerusform>%1 pasadas más</numerusform>
        </translation>
    </message>
    <message>
        <source>every pass then lands</source>
        <translation>entonces todas las pasadas caen bien</translation>
    </message>
    <message numerus="yes">
        <source>one pass does not land|%1 passes do not land</source>
        <translation>
            <numerusform>una pasada no cae bien</numerusform>
            <numerusform>%1 pasadas no caen bien</numerusform>
        </translation>
    </message>
    <message>
        <source>No plan costs less than %1.</source>
        <translation>Ningún plan cuesta menos de %1.</translation>
    </message>
    <message>
        <source>There is no other.</source>
        <translation>No hay otro.</translation>
    </message>
    <message>
        <source>The next costs the same.</source>
        <translation>El siguiente cuesta lo mismo.</translation>
    </message>
    <message>
        <source>The next best costs %1.</source>
        <translation>El siguiente cuesta %1.</translation>
    </message>
    <message>
        <source>whole, facing %1</source>
        <translation>entera, mirando a las %1</translation>
    </message>
    <message>
        <source>after %1 of %2, facing %3</source>
        <translation>después de %1 de %2, mirando a las %3</translation>
    </message>
    <message>
        <source>a line of dancers</source>
        <translation>una fila de bailarines</translation>
    </message>
    <message>
        <source>A restart is as bad as a tag and a half, and every new kind as bad as a tag.</source>
        <translation>Un restart es tan malo como tag y medio, y cada tipo nuevo tan malo como un tag.</translation>
    </message>
    <message>
        <source>a line of beginners</source>
        <translation>una fila de principiantes</translation>
    </message>
    <message>
        <source>Few kinds, and rather a tag than a restart: everyone must remember them. Nothing in the first quarter, where they still learn it.</source>
        <translation>Pocos tipos, y mejor un tag que un restart: todos deben recordarlos. Nada en el primer cuarto, donde aún aprenden.</translation>
    </message>
    <message>
        <source>a couple at a social</source>
        <translation>una pareja en un baile social</translation>
    </message>
    <message>
        <source>A wait of two or four is easily led, a restart is not, and a figure may always come twice.</source>
        <translation>Una espera de dos o cuatro se lleva fácilmente, un restart no, y una figura siempre puede venir dos veces.</translation>
    </message>
    <message>
        <source>a stage group</source>
        <translation>un grupo de escenario</translation>
    </message>
    <message>
        <source>It is rehearsed: what matters is that all lands, with the accents.</source>
        <translation>Está ensayado: lo que importa es que todo caiga bien, con los acentos.</translation>
    </message>
    <message>
        <source>a competition</source>
        <translation>una competición</translation>
    </message>
    <message>
        <source>Nothing may miss, waits are seen, and the end is seen most.</source>
        <translation>Nada puede fallar, las esperas se ven, y el final es lo que más se ve.</translation>
    </message>
    <message>
        <source>Nothing is possible: a pinned start cannot be kept whatever is done. Take the pin away, or allow more.</source>
        <translation>Nada es posible: un comienzo fijado no se puede cumplir se haga lo que se haga. Suéltelo o permita más.</translation>
    </message>
    <message>
        <source>Exceptions could stand at more different places than can be told apart. Let places cost nothing, or allow fewer exceptions.</source>
        <translation>Las excepciones podrían estar en más lugares de los que se distinguen. Haga que los lugares no cuesten nada o permita menos excepciones.</translation>
    </message>
    <message>
        <source>There are too many places where a pass could begin. Allow fewer cuts and tags.</source>
        <translation>Hay demasiados lugares donde podría empezar una pasada. Permita menos cortes y tags.</translation>
    </message>
    <message>
        <source>There are too many ways to compare them all. Allow fewer exceptions.</source>
        <translation>Hay demasiadas formas para compararlas todas. Permita menos excepciones.</translation>
    </message>
    <message>
        <source>what makes the pass differ</source>
        <translation>lo que hace distinta la pasada</translation>
    </message>
    <message>
        <source>Planning was stopped.</source>
        <translation>Se detuvo la planificación.</translation>
    </message>
    <message>
        <source>It has no beats yet.</source>
        <translation>Aún no tiene pulsos.</translation>
    </message>
    <message>
        <source>The place where the dance starts is not there; it is planned from the first phrase.</source>
        <translation>El lugar donde empieza el baile no está; se planifica desde la primera frase.</translation>
    </message>
    <message>
        <source>At once: %1.</source>
        <translation>Enseguida: %1.</translation>
    </message>
    <message>
        <source>At once: nothing that can be done within the first set helps.</source>
        <translation>Enseguida: nada de lo que se puede hacer en el primer grupo ayuda.</translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: %1.|Within %n sets: %1.</source>
        <translation>
            <numerusform>En %n grupo: %1.</numerusform>
            <numerusform>En %n grupos: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Within %n set: nothing that can be done there helps.|Within %n sets: nothing that can be done there helps.</source>
        <translation>
            <numerusform>En %n grupo: nada de lo que se puede hacer ayuda.</numerusform>
            <numerusform>En %n grupos: nada de lo que se puede hacer ayuda.</numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it: at %1 the music undoes it.</source>
        <translation>Dejarlo: en %1 la música lo deshace.</translation>
    </message>
    <message>
        <source>Leave it: then it differs by another amount.</source>
        <translation>Dejarlo: luego difiere en otra cantidad.</translation>
    </message>
    <message>
        <source>Leave it: it stays so to the end.</source>
        <translation>Dejarlo: se queda así hasta el final.</translation>
    </message>
    <message>
        <source>Meanwhile the breaks are %1.</source>
        <translation>Mientras tanto los breaks van %1.</translation>
    </message>
    <message>
        <source>the last change a touch</source>
        <translation>el último cambio como touch</translation>
    </message>
    <message>
        <source>its tag left out</source>
        <translation>su tag omitido</translation>
    </message>
    <message>
        <source>begin again on the 1</source>
        <translation>volver a empezar en el 1</translation>
    </message>
    <message>
        <source>begin again on the music&apos;s 1, %1</source>
        <translation>volver a empezar en el 1 de la música, %1</translation>
    </message>
    <message>
        <source>wait for the 1</source>
        <translation>esperar el 1</translation>
    </message>
    <message>
        <source>wait %1 after pass %2 and count from 1 on %3</source>
        <translation>esperar %1 después de la pasada %2 y contar desde 1 en %3</translation>
    </message>
    <message>
        <source>Never turned round.</source>
        <translation>La cuenta nunca cambia.</translation>
    </message>
    <message>
        <source>%1 danced turned round in all.</source>
        <translation>%1 bailadas con la cuenta cambiada en total.</translation>
    </message>
    <message>
        <source>The partner notices: a foot or a hold does not fit.</source>
        <translation>La pareja lo nota: un pie o un agarre no encaja.</translation>
    </message>
    <message>
        <source>A foot does not fit.</source>
        <translation>Un pie no encaja.</translation>
    </message>
    <message>
        <source>Both make a touch of their last change; feet and holds fit.</source>
        <translation>Ambos hacen un touch de su último cambio; pies y agarres encajan.</translation>
    </message>
    <message>
        <source>The feet fit.</source>
        <translation>Los pies encajan.</translation>
    </message>
    <message>
        <source>The partner need not notice: feet and holds fit.</source>
        <translation>La pareja no tiene por qué notarlo: pies y agarres encajan.</translation>
    </message>
    <message>
        <source>The breaks are again %1.</source>
        <translation>Los breaks vuelven a ir %1.</translation>
    </message>
    <message>
        <source>The breaks are then %1.</source>
        <translation>Los breaks van entonces %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n new finding.|%n new findings.</source>
        <translation>
            <numerusform>%n aviso nuevo.</numerusform>
            <numerusform>%n avisos nuevos.</numerusform>
        </translation>
    </message>
    <message>
        <source>with both feet on %1</source>
        <translation>con ambos pies en %1</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 en %2</translation>
    </message>
    <message>
        <source>%1 %2 longer</source>
        <translation>%1 %2 más larga</translation>
    </message>
    <message>
        <source>without %1</source>
        <translation>sin %1</translation>
    </message>
    <message>
        <source>%1 twice</source>
        <translation>%1 dos veces</translation>
    </message>
    <message>
        <source>Best plan there, for %1: %2</source>
        <translation>Mejor plan ahí, por %1: %2</translation>
    </message>
    <message>
        <source>after the song</source>
        <translation>después de la canción</translation>
    </message>
    <message>
        <source>lands on %1</source>
        <translation>cae en %1</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>cae bien</translation>
    </message>
    <message>
        <source>no music</source>
        <translation>sin música</translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation>%1 de más</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 de menos</translation>
    </message>
    <message>
        <source>no pass lands</source>
        <translation>ninguna pasada cae bien</translation>
    </message>
    <message>
        <source>the one pass lands</source>
        <translation>la única pasada cae bien</translation>
    </message>
    <message>
        <source>not even the one pass lands</source>
        <translation>ni la única pasada cae bien</translation>
    </message>
    <message>
        <source>every pass lands</source>
        <translation>todas las pasadas caen bien</translation>
    </message>
    <message>
        <source>none of %1 passes lands</source>
        <translation>ninguna de las %1 pasadas cae bien</translation>
    </message>
    <message numerus="yes">
        <source>one of %1 passes lands|%n of %1 passes land</source>
        <translation>
            <numerusform>una de las %1 pasadas cae bien</numerusform>
            <numerusform>%n de las %1 pasadas caen bien</numerusform>
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
            <numerusform>%1 después de %2 (empieza mirando a las %3, acaba mirando a las %4)</numerusform>
            <numerusform>%1 después de %2 (empiezan mirando a las %3, acaban mirando a las %4)</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, cut by the start of the next</source>
        <translation>%1, cortada por el comienzo de la siguiente</translation>
    </message>
    <message>
        <source>%1, the turn danced to its end</source>
        <translation>%1, con el giro bailado hasta el final</translation>
    </message>
    <message>
        <source>Added</source>
        <translation>Añadido</translation>
    </message>
    <message>
        <source>%1 in %2 after %3</source>
        <translation>%1 en %2 después de %3</translation>
    </message>
    <message>
        <source>%1 in %2 at its head</source>
        <translation>%1 en %2 al principio</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Omitido</translation>
    </message>
    <message>
        <source>Another version</source>
        <translation>Otra versión</translation>
    </message>
    <message>
        <source>%1 as written in %2</source>
        <translation>%1 como está escrita en %2</translation>
    </message>
    <message>
        <source>%1 as “%2” in %3</source>
        <translation>%1 como «%2» en %3</translation>
    </message>
    <message>
        <source>In bars of %1</source>
        <translation>En compases de %1</translation>
    </message>
    <message>
        <source>To the other side</source>
        <translation>Hacia el otro lado</translation>
    </message>
    <message>
        <source>Places exchanged</source>
        <translation>Lugares intercambiados</translation>
    </message>
    <message>
        <source>%1, then count from 1</source>
        <translation>%1, luego contar desde 1</translation>
    </message>
    <message>
        <source>Tag</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Last step a touch</source>
        <translation>Último paso como touch</translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation>Puente</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Espera</translation>
    </message>
    <message>
        <source>%1 before %2, which starts %3</source>
        <translation>%1 antes de %2, que empieza %3</translation>
    </message>
    <message>
        <source>%1 before %2</source>
        <translation>%1 antes de %2</translation>
    </message>
    <message>
        <source>Ending</source>
        <translation>Final</translation>
    </message>
    <message>
        <source>Optional ending, not danced</source>
        <translation>Final opcional, no se baila</translation>
    </message>
    <message>
        <source>%1 after %2, part %3</source>
        <translation>%1 después de %2, parte %3</translation>
    </message>
    <message>
        <source>Canon</source>
        <translation>Canon</translation>
    </message>
    <message>
        <source>%1, entering %2 apart, every role finishes</source>
        <translation>%1, entrando cada %2, cada rol acaba</translation>
    </message>
    <message>
        <source>%1, entering %2 apart, all end together</source>
        <translation>%1, entrando cada %2, todos acaban juntos</translation>
    </message>
    <message>
        <source>Pinned</source>
        <translation>Fijada</translation>
    </message>
    <message>
        <source>%1 starts %2</source>
        <translation>%1 empieza %2</translation>
    </message>
    <message numerus="yes">
        <source>one wall|%n walls</source>
        <translation>
            <numerusform>una pared</numerusform>
            <numerusform>%n paredes</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>intro %1 (%2)</source>
        <translation>introducción %1 (%2)</translation>
    </message>
    <message>
        <source>intro %1</source>
        <translation>introducción %1</translation>
    </message>
    <message>
        <source>the one in %1</source>
        <translation>la de %1</translation>
    </message>
    <message>
        <source>the one after the stop</source>
        <translation>la de después de la parada</translation>
    </message>
    <message>
        <source>the one with the stop in it</source>
        <translation>la que lleva la parada dentro</translation>
    </message>
    <message>
        <source>by “%1”</source>
        <translation>la de «%1»</translation>
    </message>
    <message>
        <source>the one after %1</source>
        <translation>la de después de %1</translation>
    </message>
    <message>
        <source>the only one that begins facing %1</source>
        <translation>la única que empieza mirando a las %1</translation>
    </message>
    <message>
        <source>the last one</source>
        <translation>la última</translation>
    </message>
    <message>
        <source>the first %1</source>
        <translation>primera: %1</translation>
    </message>
    <message>
        <source>the second %1</source>
        <translation>segunda: %1</translation>
    </message>
    <message>
        <source>the third %1</source>
        <translation>tercera: %1</translation>
    </message>
    <message>
        <source>the fourth %1</source>
        <translation>cuarta: %1</translation>
    </message>
    <message>
        <source>the fifth %1</source>
        <translation>quinta: %1</translation>
    </message>
    <message>
        <source>the sixth %1</source>
        <translation>sexta: %1</translation>
    </message>
    <message>
        <source>the seventh %1</source>
        <translation>séptima: %1</translation>
    </message>
    <message>
        <source>the eighth %1</source>
        <translation>octava: %1</translation>
    </message>
    <message numerus="yes">
        <source>There %1, here %2; %n finding there, %3 here.|There %1, here %2; %n findings there, %3 here.</source>
        <comment>%1 and %2: 6 of 7 passes land</comment>
        <translation>
            <numerusform>Allí %1, aquí %2; %n aviso allí, %3 aquí.</numerusform>
            <numerusform>Allí %1, aquí %2; %n avisos allí, %3 aquí.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of music would be left.</source>
        <translation>Sobrarían %1 de música.</translation>
    </message>
    <message>
        <source>The dance would be %1 too long.</source>
        <translation>El baile sería %1 demasiado largo.</translation>
    </message>
    <message>
        <source>Dance and song would end together.</source>
        <translation>El baile y la canción acabarían juntos.</translation>
    </message>
    <message>
        <source>The place where the dance starts is not there: it would start on the first phrase.</source>
        <translation>El lugar donde empieza el baile no está: empezaría en la primera frase.</translation>
    </message>
    <message>
        <source>solo</source>
        <translation>solo</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>filas</translation>
    </message>
    <message>
        <source>couples in the line of dance</source>
        <translation>parejas en la línea de baile</translation>
    </message>
    <message>
        <source>couples in a slot</source>
        <translation>parejas en un carril</translation>
    </message>
    <message>
        <source>an open chain</source>
        <translation>una cadena abierta</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>un corro</translation>
    </message>
    <message>
        <source>pairs facing each other</source>
        <translation>pares frente a frente</translation>
    </message>
    <message>
        <source>“%1” is not a formation. Known are %2.</source>
        <translation>«%1» no es una formación. Se conocen %2.</translation>
    </message>
    <message>
        <source>the line of dance</source>
        <translation>la línea de baile</translation>
    </message>
    <message>
        <source>diagonally to the wall</source>
        <translation>en diagonal a la pared</translation>
    </message>
    <message>
        <source>the wall</source>
        <translation>la pared</translation>
    </message>
    <message>
        <source>diagonally to the wall, against the line</source>
        <translation>en diagonal a la pared, contra la línea</translation>
    </message>
    <message>
        <source>against the line of dance</source>
        <translation>contra la línea de baile</translation>
    </message>
    <message>
        <source>diagonally to the centre, against the line</source>
        <translation>en diagonal al centro, contra la línea</translation>
    </message>
    <message>
        <source>the centre</source>
        <translation>el centro</translation>
    </message>
    <message>
        <source>diagonally to the centre</source>
        <translation>en diagonal al centro</translation>
    </message>
    <message>
        <source>home</source>
        <translation>en su lugar</translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation>intercambiados</translation>
    </message>
    <message>
        <source>%1 round</source>
        <translation>%1 alrededor</translation>
    </message>
    <message>
        <source>%1 is written</source>
        <translation>%1 está escrita</translation>
    </message>
    <message>
        <source>%1 are written</source>
        <translation>%1 están escritas</translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1|%n counts are said, but %1</source>
        <comment>%1: 30 counts are written</comment>
        <translation>
            <numerusform>se dice %n cuenta, pero %1</numerusform>
            <numerusform>se dicen %n cuentas, pero %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wall is said, but the turns that are written make %1|%n walls are said, but the turns that are written make %1</source>
        <translation>
            <numerusform>se dice %n pared, pero los giros escritos hacen %1</numerusform>
            <numerusform>se dicen %n paredes, pero los giros escritos hacen %1</numerusform>
        </translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>on the 1 of %1</source>
        <translation>en el 1 de %1</translation>
    </message>
    <message>
        <source>in %1, after %2</source>
        <translation>en %1, después de %2</translation>
    </message>
    <message>
        <source>Order, character %1: %2</source>
        <translation>Orden, carácter %1: %2</translation>
    </message>
    <message>
        <source>“%1” repeats the part before it; name the part first, as in “A x4”.</source>
        <translation>«%1» repite la parte anterior; nombre antes la parte, como en «A x4».</translation>
    </message>
    <message>
        <source>a part is repeated 1 to %1 times.</source>
        <translation>una parte se repite de 1 a %1 veces.</translation>
    </message>
    <message>
        <source>there is no part “%1”. The parts are %2.</source>
        <translation>no hay parte «%1». Las partes son %2.</translation>
    </message>
    <message>
        <source>more than %1 passes.</source>
        <translation>más de %1 pasadas.</translation>
    </message>
    <message>
        <source>Part %1 lies inside itself.</source>
        <translation>La parte %1 está dentro de sí misma.</translation>
    </message>
    <message>
        <source>Parts lie in parts, %1 deep and deeper, from part %2 on. Nobody keeps count of that; place the figures themselves.</source>
        <translation>Hay partes dentro de partes, %1 niveles y más, desde la parte %2. Nadie lleva esa cuenta; coloque las figuras mismas.</translation>
    </message>
    <message>
        <source>Part %1 comes to more than %2 figures with the parts that lie in it. That is more than anybody dances; place fewer parts in parts.</source>
        <translation>La parte %1 llega a más de %2 figuras con las partes que contiene. Es más de lo que nadie baila; ponga menos partes dentro de partes.</translation>
    </message>
    <message>
        <source>The passes come to more than %1 figures in all. That is more than anybody dances; take passes out.</source>
        <translation>Las pasadas llegan a más de %1 figuras en total. Es más de lo que nadie baila; quite pasadas.</translation>
    </message>
    <message>
        <source>The passes come to more than %1 steps in all. That is more than anybody dances; take passes out.</source>
        <translation>Las pasadas llegan a más de %1 pasos en total. Es más de lo que nadie baila; quite pasadas.</translation>
    </message>
    <message>
        <source>How far is this turn?</source>
        <translation>¿De cuánto es este giro?</translation>
    </message>
    <message>
        <source>half</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>a quarter</source>
        <translation>un cuarto</translation>
    </message>
    <message>
        <source>once round</source>
        <translation>una vuelta entera</translation>
    </message>
    <message>
        <source>three quarters</source>
        <translation>tres cuartos</translation>
    </message>
    <message>
        <source>Which way is this turn?</source>
        <translation>¿Hacia qué lado es este giro?</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>a la izquierda</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>a la derecha</translation>
    </message>
    <message>
        <source>%1 feet are said for %2 steps. Say the first foot alone, or all of them.</source>
        <translation>Se dicen %1 pies para %2 pasos. Diga solo el primer pie o todos.</translation>
    </message>
    <message>
        <source>The turn is read on step %1.</source>
        <translation>El giro se lee en el paso %1.</translation>
    </message>
    <message>
        <source>“%1” says how something is danced, not what. Is it a touch or a step?</source>
        <translation>«%1» dice cómo se baila algo, no qué. ¿Es un touch o un paso?</translation>
    </message>
    <message>
        <source>a touch, without weight</source>
        <translation>un touch, sin peso</translation>
    </message>
    <message>
        <source>a step, with weight</source>
        <translation>un paso, con peso</translation>
    </message>
    <message>
        <source>“%1 %2” can be one step or two. Which is meant?</source>
        <translation>«%1 %2» puede ser un paso o dos. ¿Cuál se quiere decir?</translation>
    </message>
    <message>
        <source>one: %1 %2</source>
        <translation>uno: %1 %2</translation>
    </message>
    <message>
        <source>two: %1, then %2</source>
        <translation>dos: %1, luego %2</translation>
    </message>
    <message>
        <source>A foot and “%1” can be one step or two. Which is meant?</source>
        <translation>Un pie y «%1» pueden ser un paso o dos. ¿Cuál se quiere decir?</translation>
    </message>
    <message>
        <source>one: a %1 of that foot</source>
        <translation>uno: %1 con ese pie</translation>
    </message>
    <message>
        <source>two: a step, then a %1</source>
        <translation>dos: un paso, luego %1</translation>
    </message>
    <message>
        <source>Where does “%1” belong?</source>
        <translation>¿Dónde va «%1»?</translation>
    </message>
    <message>
        <source>it is a step of its own</source>
        <translation>es un paso aparte</translation>
    </message>
    <message>
        <source>it goes with what follows it</source>
        <translation>va con lo que sigue</translation>
    </message>
    <message>
        <source>“cross %1” can be one step or two. Which is meant?</source>
        <translation>«cross %1» puede ser un paso o dos. ¿Cuál se quiere decir?</translation>
    </message>
    <message>
        <source>two: a cross, then %1</source>
        <translation>dos: un cross, luego %1</translation>
    </message>
    <message>
        <source>one: a cross %1</source>
        <translation>uno: un cross %1</translation>
    </message>
    <message>
        <source>two: a step to the %1, then %2</source>
        <translation>dos: un paso a un lado (%1), luego %2</translation>
    </message>
    <message>
        <source>one: the %1 foot closes</source>
        <translation>uno: el pie %1 cierra</translation>
    </message>
    <message>
        <source>one: a %1 %2</source>
        <translation>uno: %1 %2</translation>
    </message>
    <message>
        <source>two: a %1, then %2</source>
        <translation>dos: %1, luego %2</translation>
    </message>
    <message>
        <source>“step %1” can be one step or two. Which is meant?</source>
        <translation>«step %1» puede ser un paso o dos. ¿Cuál se quiere decir?</translation>
    </message>
    <message>
        <source>two: a step, then %1</source>
        <translation>dos: un paso, luego %1</translation>
    </message>
    <message>
        <source>one: the step that closes</source>
        <translation>uno: el paso que cierra</translation>
    </message>
    <message>
        <source>Does “and” join two steps, or is it a half count?</source>
        <translation>¿«and» une dos pasos o es media cuenta?</translation>
    </message>
    <message>
        <source>it only joins them</source>
        <translation>solo los une</translation>
    </message>
    <message>
        <source>the step after it is danced on the half count</source>
        <translation>el paso siguiente se baila en la media cuenta</translation>
    </message>
    <message>
        <source>Is this another %1, or a step?</source>
        <translation>¿Es otra vez %1 o un paso?</translation>
    </message>
    <message>
        <source>a %1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>a step %1</source>
        <translation>un paso %1</translation>
    </message>
    <message>
        <source>These counts lead in; the line begins with the 1 after them.</source>
        <translation>Estas cuentas son de entrada; la línea empieza en el 1 que sigue.</translation>
    </message>
    <message>
        <source>danced on %1 to %2</source>
        <translation>bailado de %1 a %2</translation>
    </message>
    <message>
        <source>Is something danced on these counts, or do they lead in?</source>
        <translation>¿Se baila algo en estas cuentas o son de entrada?</translation>
    </message>
    <message>
        <source>danced on 1 to %1</source>
        <translation>bailado de 1 a %1</translation>
    </message>
    <message>
        <source>Do these counts lead in, or is something danced on them?</source>
        <translation>¿Son de entrada estas cuentas o se baila algo en ellas?</translation>
    </message>
    <message>
        <source>they lead in</source>
        <translation>son de entrada</translation>
    </message>
    <message>
        <source>“%1” has no place in a count that is %2.</source>
        <translation>«%1» no tiene lugar en una cuenta %2.</translation>
    </message>
    <message>
        <source>A dash stands between two counts, as in 1-4, or for a silent count after others.</source>
        <translation>Un guion va entre dos cuentas, como en 1-4, o por una cuenta callada después de otras.</translation>
    </message>
    <message>
        <source>Is this the count after %1, or %2 itself?</source>
        <translation>¿Es la cuenta después de %1 o el mismo %2?</translation>
    </message>
    <message>
        <source>a silent %1</source>
        <translation>un %1 callado</translation>
    </message>
    <message>
        <source>nothing is danced on %1</source>
        <translation>no se baila nada en %1</translation>
    </message>
    <message>
        <source>the feet of its steps</source>
        <translation>los pies de sus pasos</translation>
    </message>
    <message>
        <source>the figure again, on the other foot</source>
        <translation>la figura otra vez, con el otro pie</translation>
    </message>
    <message>
        <source>the figure again, on each of them</source>
        <translation>la figura otra vez, con cada uno</translation>
    </message>
    <message>
        <source>a step of its own</source>
        <translation>un paso aparte</translation>
    </message>
    <message>
        <source>steps of their own</source>
        <translation>pasos aparte</translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after it say?|What do the feet after it say?</source>
        <translation>
            <numerusform>¿Qué dice el pie que sigue?</numerusform>
            <numerusform>¿Qué dicen los pies que siguen?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>What does the foot after “%1” say?|What do the feet after “%1” say?</source>
        <translation>
            <numerusform>¿Qué dice el pie después de «%1»?</numerusform>
            <numerusform>¿Qué dicen los pies después de «%1»?</numerusform>
        </translation>
    </message>
    <message>
        <source>Is this danced for %1 counts, or on count %2?</source>
        <translation>¿Se baila durante %1 cuentas o en la cuenta %2?</translation>
    </message>
    <message>
        <source>for %1 counts</source>
        <translation>durante %1 cuentas</translation>
    </message>
    <message>
        <source>on count %1</source>
        <translation>en la cuenta %1</translation>
    </message>
    <message>
        <source>Say one step before count 2, or say count 1.</source>
        <translation>Diga un paso antes de la cuenta 2 o diga la cuenta 1.</translation>
    </message>
    <message>
        <source>Is this danced on count %1 or after it?</source>
        <translation>¿Se baila en la cuenta %1 o después?</translation>
    </message>
    <message>
        <source>after it, on count %1</source>
        <translation>después, en la cuenta %1</translation>
    </message>
    <message>
        <source>Are these %1 steps, or is it a step on count %2?</source>
        <translation>¿Son %1 pasos o un paso en la cuenta %2?</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 pasos</translation>
    </message>
    <message>
        <source>a step on count %1</source>
        <translation>un paso en la cuenta %1</translation>
    </message>
    <message>
        <source>“%1” stands before the first count. Say on which count it is danced, or say the line without counts.</source>
        <translation>«%1» va antes de la primera cuenta. Diga en qué cuenta se baila o diga la línea sin cuentas.</translation>
    </message>
    <message>
        <source>Is “and” the half count here, or does it join two words?</source>
        <translation>¿«and» es aquí la media cuenta o une dos palabras?</translation>
    </message>
    <message>
        <source>the half count</source>
        <translation>la media cuenta</translation>
    </message>
    <message>
        <source>it joins them</source>
        <translation>las une</translation>
    </message>
    <message>
        <source>What is danced %1 times?</source>
        <translation>¿Qué se baila %1 veces?</translation>
    </message>
    <message>
        <source>all that stands before it</source>
        <translation>todo lo que va antes</translation>
    </message>
    <message>
        <source>the step: %1 steps of %2 counts each</source>
        <translation>el paso: %1 pasos de %2 cuentas cada uno</translation>
    </message>
    <message>
        <source>Nothing of that length is said before it that could be repeated.</source>
        <translation>Antes no se dice nada de esa duración que pueda repetirse.</translation>
    </message>
    <message>
        <source>%1 counts are said for it, but what is repeated has %2.</source>
        <translation>Se dicen %1 cuentas, pero lo que se repite tiene %2.</translation>
    </message>
    <message>
        <source>Is it danced on the other foot?</source>
        <translation>¿Se baila con el otro pie?</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>sí</translation>
    </message>
    <message>
        <source>no: on the same</source>
        <translation>no: con el mismo</translation>
    </message>
    <message>
        <source>Nothing is said before it that could be repeated.</source>
        <translation>Antes no se dice nada que pueda repetirse.</translation>
    </message>
    <message>
        <source>A line is repeated 2 to 64 times.</source>
        <translation>Una línea se repite de 2 a 64 veces.</translation>
    </message>
    <message>
        <source>only what follows the last comma</source>
        <translation>solo lo que va después de la última coma</translation>
    </message>
    <message>
        <source>Is this turn a step, or does only the body turn?</source>
        <translation>¿Este giro es un paso o solo gira el cuerpo?</translation>
    </message>
    <message>
        <source>a step: weight goes to the other foot</source>
        <translation>un paso: el peso pasa al otro pie</translation>
    </message>
    <message>
        <source>only the body turns</source>
        <translation>solo gira el cuerpo</translation>
    </message>
    <message>
        <source>Does this turn take a count of its own?</source>
        <translation>¿Este giro ocupa una cuenta propia?</translation>
    </message>
    <message>
        <source>yes: weight goes to the other foot</source>
        <translation>sí: el peso pasa al otro pie</translation>
    </message>
    <message>
        <source>no: it is danced with the step %1</source>
        <translation>no: se baila con el paso %1</translation>
    </message>
    <message>
        <source>Say slow or quick before each step of this line, or counts instead.</source>
        <translation>Diga slow o quick antes de cada paso de esta línea, o bien cuentas.</translation>
    </message>
    <message>
        <source>Two steps are said on one slow or quick. Say slow or quick before each.</source>
        <translation>Se dicen dos pasos en un solo slow o quick. Dígalo antes de cada uno.</translation>
    </message>
    <message>
        <source>How long is this?</source>
        <translation>¿Cuánto dura esto?</translation>
    </message>
    <message>
        <source>quick</source>
        <translation>rápido</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>lento</translation>
    </message>
    <message>
        <source>it says where the figure goes</source>
        <translation>dice hacia dónde va la figura</translation>
    </message>
    <message>
        <source>“%1” is not a word that is known here. What does it say?</source>
        <translation>«%1» no es una palabra conocida aquí. ¿Qué dice?</translation>
    </message>
    <message>
        <source>your own: %1</source>
        <translation>la suya: %1</translation>
    </message>
    <message>
        <source>as %1 has it: %2</source>
        <translation>como la tiene %1: %2</translation>
    </message>
    <message>
        <source>as it is usual</source>
        <translation>como es habitual</translation>
    </message>
    <message>
        <source>“%1” has several meanings. Which is meant?</source>
        <translation>«%1» tiene varios significados. ¿Cuál se quiere decir?</translation>
    </message>
    <message>
        <source>Something is said here on a count that is silent.</source>
        <translation>Aquí se dice algo en una cuenta callada.</translation>
    </message>
    <message>
        <source>on the count after them</source>
        <translation>en la cuenta que sigue</translation>
    </message>
    <message>
        <source>on the last of them</source>
        <translation>en la última de ellas</translation>
    </message>
    <message>
        <source>on each of them</source>
        <translation>en cada una</translation>
    </message>
    <message>
        <source>One step is named for %1 counts. On which is it danced?</source>
        <translation>Se nombra un paso para %1 cuentas. ¿En cuál se baila?</translation>
    </message>
    <message>
        <source>on these counts</source>
        <translation>en estas cuentas</translation>
    </message>
    <message>
        <source>a step on each count, then this</source>
        <translation>un paso en cada cuenta y luego esto</translation>
    </message>
    <message>
        <source>Is this danced on these counts or after them?</source>
        <translation>¿Se baila en estas cuentas o después?</translation>
    </message>
    <message>
        <source>This figure has %1 steps, and the counts leave room for one. Which is meant?</source>
        <translation>Esta figura tiene %1 pasos, y las cuentas dejan sitio para uno. ¿Cuál se quiere decir?</translation>
    </message>
    <message>
        <source>one step of that name</source>
        <translation>un paso de ese nombre</translation>
    </message>
    <message>
        <source>its own rhythm, over what follows</source>
        <translation>su propio ritmo, sobre lo que sigue</translation>
    </message>
    <message>
        <source>The counts say another rhythm than the words. Which is meant?</source>
        <translation>Las cuentas dicen otro ritmo que las palabras. ¿Cuál vale?</translation>
    </message>
    <message>
        <source>the counts</source>
        <translation>las cuentas</translation>
    </message>
    <message>
        <source>the words, from count %1</source>
        <translation>las palabras, desde la cuenta %1</translation>
    </message>
    <message>
        <source>the words, in their own rhythm from count %1</source>
        <translation>las palabras, con su propio ritmo desde la cuenta %1</translation>
    </message>
    <message>
        <source>a step on each count as far as they go</source>
        <translation>un paso en cada cuenta mientras alcancen</translation>
    </message>
    <message>
        <source>as many as there are counts</source>
        <translation>tantos como cuentas hay</translation>
    </message>
    <message>
        <source>a step on each count, then the words</source>
        <translation>un paso en cada cuenta y luego las palabras</translation>
    </message>
    <message numerus="yes">
        <source>%n count is said, but %1. Which is meant?|%n counts are said, but %1. Which is meant?</source>
        <translation>
            <numerusform>Se dice %n cuenta, pero %1. ¿Cuál vale?</numerusform>
            <numerusform>Se dicen %n cuentas, pero %1. ¿Cuál vale?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step is named|%n steps are named</source>
        <translation>
            <numerusform>se nombra %n paso</numerusform>
            <numerusform>se nombran %n pasos</numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how the step is danced</source>
        <translation>solo dice cómo se baila el paso</translation>
    </message>
    <message>
        <source>a step of its own, with weight</source>
        <translation>un paso aparte, con peso</translation>
    </message>
    <message>
        <source>a step of its own, without weight</source>
        <translation>un paso aparte, sin peso</translation>
    </message>
    <message>
        <source>without weight</source>
        <translation>sin peso</translation>
    </message>
    <message>
        <source>The line says that the weight is on the %1 foot, but by its steps that foot is free.</source>
        <translation>La línea dice que el peso está en el pie %1, pero según sus pasos ese pie está libre.</translation>
    </message>
    <message>
        <source>A word and the name of its school have at most 80 letters each.</source>
        <translation>Una palabra y el nombre de su escuela tienen como máximo 80 letras cada uno.</translation>
    </message>
    <message>
        <source>Give %1 as one to four words.</source>
        <translation>Dé %1 en una a cuatro palabras.</translation>
    </message>
    <message>
        <source>%1 is not a word: a name has letters alone.</source>
        <translation>%1 no es una palabra: un nombre solo tiene letras.</translation>
    </message>
    <message>
        <source>%1 always means the same (a count, a foot, a side, …) and cannot be given another meaning.</source>
        <translation>%1 siempre significa lo mismo (una cuenta, un pie, un lado…) y no puede recibir otro significado.</translation>
    </message>
    <message>
        <source>The meaning of %1 has at most 400 letters.</source>
        <translation>El significado de %1 tiene como máximo 400 letras.</translation>
    </message>
    <message>
        <source>The meaning of %1 cannot be read: %2</source>
        <translation>El significado de %1 no se puede leer: %2</translation>
    </message>
    <message>
        <source>The meaning of %1 can be meant in several ways: %2</source>
        <translation>El significado de %1 puede entenderse de varias formas: %2</translation>
    </message>
    <message>
        <source>The meaning of %1 has counts, steps and turns alone, from count 1 and over at most 64 counts: 1 behind &amp; side 2 side.</source>
        <translation>El significado de %1 solo tiene cuentas, pasos y giros, desde la cuenta 1 y en 64 cuentas como máximo: 1 behind &amp; side 2 side.</translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1|%n steps as %1</source>
        <translation>
            <numerusform>%n paso como %1</numerusform>
            <numerusform>%n pasos como %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, without weight|%n steps as %1, the last without weight</source>
        <translation>
            <numerusform>%n paso como %1, sin peso</numerusform>
            <numerusform>%n pasos como %1, el último sin peso</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step as %1, %2 with weight|%n steps as %1, %2 with weight</source>
        <translation>
            <numerusform>%n paso como %1, %2 con peso</numerusform>
            <numerusform>%n pasos como %1, %2 con peso</numerusform>
        </translation>
    </message>
    <message>
        <source>it only says how a step is danced</source>
        <translation>solo dice cómo se baila un paso</translation>
    </message>
    <message>
        <source>something beside the feet</source>
        <translation>algo aparte de los pies</translation>
    </message>
    <message>
        <source>Count %1 lies outside the song.</source>
        <translation>La cuenta %1 queda fuera de la canción.</translation>
    </message>
    <message>
        <source>That moment lies before the first beat or after the last.</source>
        <translation>Ese momento está antes del primer pulso o después del último.</translation>
    </message>
    <message>
        <source>the pick-up</source>
        <translation>la anacrusa</translation>
    </message>
    <message>
        <source>count %1 of %2</source>
        <translation>cuenta %1 de %2</translation>
    </message>
    <message>
        <source>set of %1</source>
        <translation>grupo de %1</translation>
    </message>
    <message>
        <source>sets of %1</source>
        <translation>grupos de %1</translation>
    </message>
    <message>
        <source>set %1</source>
        <translation>grupo %1</translation>
    </message>
    <message>
        <source>“%1” is not a way of counting. Known are beat, half-beat, two-beats, bar and bar-group.</source>
        <translation>«%1» no es una forma de contar. Se conocen beat, half-beat, two-beats, bar y bar-group.</translation>
    </message>
    <message>
        <source>“%1” is not a kind of moment. Known are hit, stop, entry, change, lyric and other.</source>
        <translation>«%1» no es un tipo de momento. Se conocen hit, stop, entry, change, lyric y other.</translation>
    </message>
    <message>
        <source>bar %1 (%2)</source>
        <translation>compás %1 (%2)</translation>
    </message>
    <message>
        <source>bars %1 to %2 (%3)</source>
        <translation>compases %1 a %2 (%3)</translation>
    </message>
    <message>
        <source>Bars %1 to %2 are not in the song, which has %3.</source>
        <translation>Los compases %1 a %2 no están en la canción, que tiene %3.</translation>
    </message>
    <message>
        <source>Nothing would be left of the song.</source>
        <translation>No quedaría nada de la canción.</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>como está</translation>
    </message>
    <message>
        <source>There are no beats yet for: %1.</source>
        <translation>Aún no hay pulsos para: %1.</translation>
    </message>
    <message>
        <source>This lies outside the song&apos;s beats: %1.</source>
        <translation>Esto queda fuera de los pulsos de la canción: %1.</translation>
    </message>
    <message>
        <source>These exclude each other, since there is one beat for both: %1, and %2. Forget one of them.</source>
        <translation>Estos se excluyen, pues hay un solo pulso para ambos: %1, y %2. Olvide uno.</translation>
    </message>
    <message>
        <source>These exclude each other: %1, and %2. Forget one of them.</source>
        <translation>Estos se excluyen: %1, y %2. Olvide uno.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, not %1.</source>
        <translation>Un compás tiene de 1 a 24 pulsos, no %1.</translation>
    </message>
    <message>
        <source>Here a tempo in beats a minute is missing.</source>
        <translation>Aquí falta un tempo en pulsos por minuto.</translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 beats a minute.</source>
        <translation>Un tempo está entre 10 y 600 pulsos por minuto.</translation>
    </message>
    <message>
        <source>A held beat ends after it begins.</source>
        <translation>Un pulso sostenido acaba después de empezar.</translation>
    </message>
    <message>
        <source>“%1” is not a fact. Known are one, bar, beat, tempo, metre, phrase, stop and fermata.</source>
        <translation>«%1» no es un dato. Se conocen one, bar, beat, tempo, metre, phrase, stop y fermata.</translation>
    </message>
    <message>
        <source>“%1” is more than a %2 needs.</source>
        <translation>«%1» es más de lo que %2 necesita.</translation>
    </message>
    <message>
        <source>Facts, line %1: %2</source>
        <translation>Datos, línea %1: %2</translation>
    </message>
    <message>
        <source>Here a time in seconds, such as 12.345, is missing.</source>
        <translation>Aquí falta un tiempo en segundos, como 12.345.</translation>
    </message>
    <message>
        <source>A time is not negative.</source>
        <translation>Un tiempo no es negativo.</translation>
    </message>
    <message>
        <source>A part of the song ends after it begins.</source>
        <translation>Una parte de la canción acaba después de empezar.</translation>
    </message>
    <message>
        <source>Here a number of beats is missing.</source>
        <translation>Aquí falta un número de pulsos.</translation>
    </message>
    <message>
        <source>A bar has 1 to 24 beats, with groups such as 7:3+2+2.</source>
        <translation>Un compás tiene de 1 a 24 pulsos, con grupos como 7:3+2+2.</translation>
    </message>
    <message>
        <source>A stop ends after it begins.</source>
        <translation>Una parada acaba después de empezar.</translation>
    </message>
    <message>
        <source>%1 from %2 to %3</source>
        <translation>%1 de %2 a %3</translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation>el doble de pulsos</translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation>la mitad de pulsos</translation>
    </message>
    <message>
        <source>the metre is %1</source>
        <translation>el metro es %1</translation>
    </message>
    <message>
        <source>a 1 at %1</source>
        <translation>un 1 en %1</translation>
    </message>
    <message numerus="yes">
        <source>the bar at %1 has %n beat|the bar at %1 has %n beats</source>
        <translation>
            <numerusform>el compás en %1 tiene %n pulso</numerusform>
            <numerusform>el compás en %1 tiene %n pulsos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>a phrase starts at %1 and has %n beat|a phrase starts at %1 and has %n beats</source>
        <translation>
            <numerusform>una frase empieza en %1 y tiene %n pulso</numerusform>
            <numerusform>una frase empieza en %1 y tiene %n pulsos</numerusform>
        </translation>
    </message>
    <message>
        <source>a phrase starts at %1</source>
        <translation>una frase empieza en %1</translation>
    </message>
    <message>
        <source>the phrase at %1 is called “%2”</source>
        <translation>la frase en %1 se llama «%2»</translation>
    </message>
    <message>
        <source>a beat at %1</source>
        <translation>un pulso en %1</translation>
    </message>
    <message>
        <source>the tempo is %1 bpm</source>
        <translation>el tempo es de %1 bpm</translation>
    </message>
    <message>
        <source>a stop of %1 from %2 to %3</source>
        <translation>una parada de %1 de %2 a %3</translation>
    </message>
    <message>
        <source>every beat %1 ms earlier</source>
        <translation>cada pulso %1 ms antes</translation>
    </message>
    <message>
        <source>every beat %1 ms later</source>
        <translation>cada pulso %1 ms después</translation>
    </message>
    <message>
        <source>a beat held from %1 to %2</source>
        <translation>un pulso sostenido de %1 a %2</translation>
    </message>
    <message>
        <source>“%1” is not a metre: %2</source>
        <translation>«%1» no es un metro: %2</translation>
    </message>
    <message>
        <source>write it like 4/4, 3/4, 6/8 or 7/8:3+2+2.</source>
        <translation>escríbalo como 4/4, 3/4, 6/8 o 7/8:3+2+2.</translation>
    </message>
    <message>
        <source>a bar has 1 to 24 beats.</source>
        <translation>un compás tiene de 1 a 24 pulsos.</translation>
    </message>
    <message>
        <source>a beat is a 2, 4, 8 or 16.</source>
        <translation>un pulso es un 2, 4, 8 o 16.</translation>
    </message>
    <message>
        <source>groups are written like 3+2+2.</source>
        <translation>los grupos se escriben como 3+2+2.</translation>
    </message>
    <message>
        <source>a group is missing after the last +.</source>
        <translation>falta un grupo después del último +.</translation>
    </message>
    <message>
        <source>its groups must add up to %1.</source>
        <translation>sus grupos deben sumar %1.</translation>
    </message>
    <message>
        <source>Beat %1 has no time.</source>
        <translation>El pulso %1 no tiene tiempo.</translation>
    </message>
    <message>
        <source>Beat %1 is not later than the beat before it.</source>
        <translation>El pulso %1 no está después del pulso anterior.</translation>
    </message>
    <message>
        <source>The pick-up is longer than the song.</source>
        <translation>La anacrusa dura más que la canción.</translation>
    </message>
    <message>
        <source>Bar %1 does not follow the bar before it.</source>
        <translation>El compás %1 no sigue al compás anterior.</translation>
    </message>
    <message>
        <source>Bar %1 has no beats.</source>
        <translation>El compás %1 no tiene pulsos.</translation>
    </message>
    <message>
        <source>The groups of bar %1 do not add up to its beats.</source>
        <translation>Los grupos del compás %1 no suman sus pulsos.</translation>
    </message>
    <message>
        <source>The bars do not cover all beats of the song.</source>
        <translation>Los compases no cubren todos los pulsos de la canción.</translation>
    </message>
    <message>
        <source>Phrase %1 does not follow the phrase before it.</source>
        <translation>La frase %1 no sigue a la frase anterior.</translation>
    </message>
    <message>
        <source>The phrases do not cover all bars of the song.</source>
        <translation>Las frases no cubren todos los compases de la canción.</translation>
    </message>
    <message>
        <source>A stop ends before it starts.</source>
        <translation>Una parada acaba antes de empezar.</translation>
    </message>
    <message>
        <source>The song ends before its last beat.</source>
        <translation>La canción acaba antes de su último pulso.</translation>
    </message>
    <message numerus="yes">
        <source>%n beat|%n beats</source>
        <translation>
            <numerusform>%n pulso</numerusform>
            <numerusform>%n pulsos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n bar|%n bars</source>
        <translation>
            <numerusform>%n compás</numerusform>
            <numerusform>%n compases</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n phrase|%n phrases</source>
        <translation>
            <numerusform>%n frase</numerusform>
            <numerusform>%n frases</numerusform>
        </translation>
    </message>
    <message>
        <source>Structure, character %1: %2</source>
        <translation>Estructura, carácter %1: %2</translation>
    </message>
    <message>
        <source>after @ comes a tempo such as @112 or @112&gt;90.</source>
        <translation>después de @ va un tempo como @112 o @112&gt;90.</translation>
    </message>
    <message>
        <source>a tempo lies between 10 and 600 bpm.</source>
        <translation>un tempo está entre 10 y 600 bpm.</translation>
    </message>
    <message>
        <source>there is nothing between two bars. Write a section, for example “verse 32”.</source>
        <translation>no hay nada entre dos barras. Escriba una sección, por ejemplo «verse 32».</translation>
    </message>
    <message>
        <source>a fermata lasts longer than no time.</source>
        <translation>un calderón dura más que nada.</translation>
    </message>
    <message>
        <source>how many beats? Write a number after the name, for example “verse 32”.</source>
        <translation>¿cuántos pulsos? Escriba un número después del nombre, por ejemplo «verse 32».</translation>
    </message>
    <message>
        <source>a section has 1 to %1 beats.</source>
        <translation>una sección tiene de 1 a %1 pulsos.</translation>
    </message>
    <message>
        <source>a number needs a name before it, for example “verse 32”.</source>
        <translation>un número necesita un nombre delante, por ejemplo «verse 32».</translation>
    </message>
    <message>
        <source>“%1” is one word too many. Part the sections with |.</source>
        <translation>«%1» es una palabra de más. Separe las secciones con |.</translation>
    </message>
    <message>
        <source>how long is it held? Write for example “fermata 1 3.2s”.</source>
        <translation>¿cuánto se sostiene? Escriba por ejemplo «fermata 1 3.2s».</translation>
    </message>
    <message>
        <source>only a fermata has seconds; a section has beats.</source>
        <translation>solo un calderón tiene segundos; una sección tiene pulsos.</translation>
    </message>
    <message>
        <source>the pick-up comes before everything else.</source>
        <translation>la anacrusa va antes de todo lo demás.</translation>
    </message>
    <message>
        <source>“%1” belongs to a section: name the section first, for example “verse 16 | stop 4”.</source>
        <translation>«%1» pertenece a una sección: nombre antes la sección, por ejemplo «verse 16 | stop 4».</translation>
    </message>
    <message>
        <source>the song has more than %1 beats.</source>
        <translation>la canción tiene más de %1 pulsos.</translation>
    </message>
    <message>
        <source>A tempo lies between 10 and 600 bpm, not %1.</source>
        <translation>Un tempo está entre 10 y 600 bpm, no %1.</translation>
    </message>
    <message>
        <source>The first beat needs a time in seconds.</source>
        <translation>El primer pulso necesita un tiempo en segundos.</translation>
    </message>
    <message>
        <source>Too few taps agree with each other. Tap at least four, better sixteen, one on each beat.</source>
        <translation>Muy pocos toques concuerdan. Toque al menos cuatro veces, mejor dieciséis, una en cada pulso.</translation>
    </message>
    <message>
        <source>The taps lie before the song.</source>
        <translation>Los toques están antes de la canción.</translation>
    </message>
    <message>
        <source>steady within %1</source>
        <translation>estable dentro de %1</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>de %1 a %2</translation>
    </message>
    <message>
        <source>World DanceSport Federation rules; from memory</source>
        <translation>reglas de la World DanceSport Federation; de memoria</translation>
    </message>
    <message>
        <source>common practice, no source</source>
        <translation>práctica común, sin fuente</translation>
    </message>
    <message>
        <source>waltz</source>
        <translation>vals inglés</translation>
    </message>
    <message>
        <source>tango</source>
        <translation>tango</translation>
    </message>
    <message>
        <source>viennese waltz</source>
        <translation>vals vienés</translation>
    </message>
    <message>
        <source>slow foxtrot</source>
        <translation>slow foxtrot</translation>
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
        <translation>chachachá</translation>
    </message>
    <message>
        <source>rumba</source>
        <translation>rumba</translation>
    </message>
    <message>
        <source>paso doble</source>
        <translation>pasodoble</translation>
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
        <translation>jiga</translation>
    </message>
    <message>
        <source>lindy hop</source>
        <translation>lindy hop</translation>
    </message>
    <message>
        <source>line dance, easy</source>
        <translation>baile en línea, fácil</translation>
    </message>
    <message>
        <source>line dance, quick</source>
        <translation>baile en línea, rápido</translation>
    </message>
    <message>
        <source>ländler</source>
        <translation>ländler</translation>
    </message>
    <message>
        <source>mazurka</source>
        <translation>mazurca</translation>
    </message>
    <message>
        <source>merengue</source>
        <translation>merengue</translation>
    </message>
    <message>
        <source>musette waltz</source>
        <translation>vals musette</translation>
    </message>
    <message>
        <source>polka</source>
        <translation>polca</translation>
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
        <translation>chotis</translation>
    </message>
    <message>
        <source>square and contra</source>
        <translation>square y contra</translation>
    </message>
    <message>
        <source>two-step</source>
        <translation>two-step</translation>
    </message>
    <message>
        <source>music that the other recording did not have, or a cut</source>
        <translation>música que la otra grabación no tenía, o un corte</translation>
    </message>
    <message>
        <source>it belongs to the phrase before</source>
        <translation>pertenece a la frase anterior</translation>
    </message>
    <message>
        <source>every 1 is a beat later</source>
        <translation>cada 1 está un pulso más tarde</translation>
    </message>
    <message>
        <source>Routine without a name</source>
        <translation>Coreografía sin nombre</translation>
    </message>
    <message>
        <source>To remember: %1</source>
        <translation>Para recordar: %1</translation>
    </message>
    <message>
        <source>Part %1, %2</source>
        <translation>Parte %1, %2</translation>
    </message>
    <message>
        <source>Order of passes</source>
        <translation>Orden de las pasadas</translation>
    </message>
    <message>
        <source>No passes yet.</source>
        <translation>Aún no hay pasadas.</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>con «%1»</translation>
    </message>
    <message>
        <source>%1, counted in %2</source>
        <translation>%1, contado en %2</translation>
    </message>
    <message>
        <source>WAIT %1</source>
        <translation>ESPERA %1</translation>
    </message>
    <message>
        <source>RESTART after %1</source>
        <translation>RESTART después de %1</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>TAG of %1, %2</source>
        <translation>TAG de %1, %2</translation>
    </message>
    <message>
        <source>BRIDGE</source>
        <translation>PUENTE</translation>
    </message>
    <message>
        <source>OTHER SIDE</source>
        <translation>OTRO LADO</translation>
    </message>
    <message>
        <source>PLACES EXCHANGED</source>
        <translation>LUGARES INTERCAMBIADOS</translation>
    </message>
    <message>
        <source>CANON</source>
        <translation>CANON</translation>
    </message>
    <message>
        <source>CHANGED, see above</source>
        <translation>CAMBIADO, ver arriba</translation>
    </message>
    <message>
        <source>%1, then %2</source>
        <translation>%1, luego %2</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>pasada</translation>
    </message>
    <message>
        <source>part</source>
        <translation>parte</translation>
    </message>
    <message>
        <source>where</source>
        <translation>dónde</translation>
    </message>
    <message>
        <source>face</source>
        <translation>mira</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>count</source>
        <translation>cuenta</translation>
    </message>
    <message>
        <source>music</source>
        <translation>música</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>pie libre</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>cuentas</translation>
    </message>
    <message>
        <source>%1, count %2</source>
        <translation>%1, cuenta %2</translation>
    </message>
    <message>
        <source>touch</source>
        <translation>touch</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>both feet</source>
        <translation>ambos pies</translation>
    </message>
    <message>
        <source>Warm up first.</source>
        <translation>Caliente primero.</translation>
    </message>
    <message>
        <source>Dry floor, shoes that let the foot turn, room around kicks.</source>
        <translation>Suelo seco, zapatos que dejen girar el pie, sitio alrededor de las patadas.</translation>
    </message>
    <message>
        <source>Rest between full runs.</source>
        <translation>Descanse entre bailes completos.</translation>
    </message>
    <message>
        <source>Music at a comfortable volume.</source>
        <translation>Música a un volumen cómodo.</translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation>Un profesor cualificado y las normas de la sala van primero.</translation>
    </message>
    <message>
        <source>What is not saved cannot be kept in “%1”: %2.</source>
        <translation>Lo que no está guardado no se puede conservar en «%1»: %2.</translation>
    </message>
    <message>
        <source>Unsaved work in “%1” cannot be read: %2</source>
        <translation>El trabajo sin guardar en «%1» no se puede leer: %2</translation>
    </message>
    <message>
        <source>It is damaged: %1.</source>
        <translation>Está dañado: %1.</translation>
    </message>
    <message>
        <source>its first line does not end</source>
        <translation>su primera línea no termina</translation>
    </message>
    <message>
        <source>it is not a journal</source>
        <translation>no es un diario de trabajo</translation>
    </message>
    <message>
        <source>A newer Lift Count wrote it.</source>
        <translation>Lo escribió un Lift Count más nuevo.</translation>
    </message>
    <message>
        <source>Walk four</source>
        <translation>Caminar cuatro</translation>
    </message>
    <message>
        <source>walks</source>
        <translation>caminar</translation>
    </message>
    <message>
        <source>first steps</source>
        <translation>primeros pasos</translation>
    </message>
    <message>
        <source>Four plain walks forward, one on each count.</source>
        <translation>Cuatro pasos simples adelante, uno en cada cuenta.</translation>
    </message>
    <message>
        <source>line</source>
        <translation>línea</translation>
    </message>
    <message>
        <source>Walk back four</source>
        <translation>Caminar atrás cuatro</translation>
    </message>
    <message>
        <source>Four plain walks backward.</source>
        <translation>Cuatro pasos simples atrás.</translation>
    </message>
    <message>
        <source>Slow walks</source>
        <translation>Caminar lento</translation>
    </message>
    <message>
        <source>Two walks that take two counts each: time to show the leg.</source>
        <translation>Dos pasos de dos cuentas cada uno: tiempo de lucir la pierna.</translation>
    </message>
    <message>
        <source>Walk and touch</source>
        <translation>Caminar y touch</translation>
    </message>
    <message>
        <source>Three walks and a touch that keeps the foot free for the way back.</source>
        <translation>Tres pasos y un touch que deja el pie libre para la vuelta.</translation>
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
        <translation>intermedio</translation>
    </message>
    <message>
        <source>Toe down without weight, then the heel: two counts for each foot.</source>
        <translation>La punta sin peso, luego el talón: dos cuentas por pie.</translation>
    </message>
    <message>
        <source>March in place</source>
        <translation>Marcha en el sitio</translation>
    </message>
    <message>
        <source>Eight steps on the spot; a rest for the head.</source>
        <translation>Ocho pasos en el sitio; un descanso para la cabeza.</translation>
    </message>
    <message>
        <source>warm-up</source>
        <translation>calentamiento</translation>
    </message>
    <message>
        <source>Cross walks</source>
        <translation>Caminar cruzado</translation>
    </message>
    <message>
        <source>Walks that pass across the line of travel.</source>
        <translation>Pasos que cruzan la línea de avance.</translation>
    </message>
    <message>
        <source>stage</source>
        <translation>escenario</translation>
    </message>
    <message>
        <source>Triple in place</source>
        <translation>Triple en el sitio</translation>
    </message>
    <message>
        <source>triples</source>
        <translation>triples</translation>
    </message>
    <message>
        <source>Three changes of weight in two counts, on the spot.</source>
        <translation>Tres cambios de peso en dos cuentas, en el sitio.</translation>
    </message>
    <message>
        <source>Chassé to the side</source>
        <translation>Chassé al lado</translation>
    </message>
    <message>
        <source>side triple</source>
        <translation>triple lateral</translation>
    </message>
    <message>
        <source>Side, close, side in two counts.</source>
        <translation>Lado, cierra, lado en dos cuentas.</translation>
    </message>
    <message>
        <source>Shuffle forward</source>
        <translation>Shuffle adelante</translation>
    </message>
    <message>
        <source>Forward, close, forward in two counts.</source>
        <translation>Adelante, cierra, adelante en dos cuentas.</translation>
    </message>
    <message>
        <source>Back, close, forward</source>
        <translation>Atrás, cierra, adelante</translation>
    </message>
    <message>
        <source>A triple that turns the travel round without turning the body.</source>
        <translation>Un triple que invierte el avance sin girar el cuerpo.</translation>
    </message>
    <message>
        <source>Behind, side, side</source>
        <translation>Detrás, lado, lado</translation>
    </message>
    <message>
        <source>A triple that begins behind and sways to the side.</source>
        <translation>Un triple que empieza detrás y se mece al lado.</translation>
    </message>
    <message>
        <source>Locked triple</source>
        <translation>Triple cruzado</translation>
    </message>
    <message>
        <source>The second step locks behind the first.</source>
        <translation>El segundo paso se cruza detrás del primero.</translation>
    </message>
    <message>
        <source>Polka step</source>
        <translation>Paso de polca</translation>
    </message>
    <message>
        <source>A hop before the count leads into a triple forward.</source>
        <translation>Un saltito antes de la cuenta lleva a un triple adelante.</translation>
    </message>
    <message>
        <source>folk</source>
        <translation>folclore</translation>
    </message>
    <message>
        <source>Rolling triple</source>
        <translation>Triple rodado</translation>
    </message>
    <message>
        <source>experienced</source>
        <translation>avanzado</translation>
    </message>
    <message>
        <source>A triple that is always rolled: its second step comes on the third third.</source>
        <translation>Un triple siempre rodado: su segundo paso llega en el tercer tercio.</translation>
    </message>
    <message>
        <source>Rock and replace</source>
        <translation>Rock y vuelve</translation>
    </message>
    <message>
        <source>rocks</source>
        <translation>rocks</translation>
    </message>
    <message>
        <source>Weight forward, and back again where it was.</source>
        <translation>El peso adelante y de vuelta a donde estaba.</translation>
    </message>
    <message>
        <source>Back rock</source>
        <translation>Rock atrás</translation>
    </message>
    <message>
        <source>Weight back, and forward again where it was.</source>
        <translation>El peso atrás y de vuelta a donde estaba.</translation>
    </message>
    <message>
        <source>Rocking chair</source>
        <translation>Mecedora</translation>
    </message>
    <message>
        <source>Rock forward and back with one foot, four counts.</source>
        <translation>Rock adelante y atrás con un pie, cuatro cuentas.</translation>
    </message>
    <message>
        <source>Side rock, cross</source>
        <translation>Rock al lado, cruza</translation>
    </message>
    <message>
        <source>Rock to the side, then cross over and wait.</source>
        <translation>Rock al lado, luego cruza por delante y espera.</translation>
    </message>
    <message>
        <source>Cross rock, side</source>
        <translation>Rock cruzado, lado</translation>
    </message>
    <message>
        <source>Rock across, replace, side: the free foot changes.</source>
        <translation>Rock cruzado, vuelve, lado: el pie libre cambia.</translation>
    </message>
    <message>
        <source>Break and close</source>
        <translation>Break y cierra</translation>
    </message>
    <message>
        <source>half basic</source>
        <translation>medio básico</translation>
    </message>
    <message>
        <source>Break forward, replace, close, and a count that is waited.</source>
        <translation>Break adelante, vuelve, cierra y una cuenta de espera.</translation>
    </message>
    <message>
        <source>break</source>
        <translation>break</translation>
    </message>
    <message>
        <source>Crossed box</source>
        <translation>Caja cruzada</translation>
    </message>
    <message>
        <source>boxes</source>
        <translation>cajas</translation>
    </message>
    <message>
        <source>Across, back, side, forward: a small box on the spot.</source>
        <translation>Cruza, atrás, lado, adelante: una caja pequeña en el sitio.</translation>
    </message>
    <message>
        <source>Crossed box with a quarter</source>
        <translation>Caja cruzada con cuarto</translation>
    </message>
    <message>
        <source>The box, with a quarter turn on its third step.</source>
        <translation>La caja, con un cuarto de giro en su tercer paso.</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>giro</translation>
    </message>
    <message>
        <source>Slow box</source>
        <translation>Caja lenta</translation>
    </message>
    <message>
        <source>Slow forward, quick side, quick close, and the same back.</source>
        <translation>Lento adelante, rápido lado, rápido cierra, y lo mismo atrás.</translation>
    </message>
    <message>
        <source>couple</source>
        <translation>pareja</translation>
    </message>
    <message>
        <source>Box in three</source>
        <translation>Caja en tres</translation>
    </message>
    <message>
        <source>The box in bars of three.</source>
        <translation>La caja en compases de tres.</translation>
    </message>
    <message>
        <source>Six with two triples</source>
        <translation>Seis con dos triples</translation>
    </message>
    <message>
        <source>six-count basic</source>
        <translation>básico de seis</translation>
    </message>
    <message>
        <source>six-count</source>
        <translation>seis cuentas</translation>
    </message>
    <message>
        <source>Triple, triple, back rock: the basic of six.</source>
        <translation>Triple, triple, rock atrás: el básico de seis.</translation>
    </message>
    <message>
        <source>Six in single time</source>
        <translation>Seis en tiempo simple</translation>
    </message>
    <message>
        <source>Two slow sways and a back rock: six counts, four changes.</source>
        <translation>Dos balanceos lentos y un rock atrás: seis cuentas, cuatro cambios.</translation>
    </message>
    <message>
        <source>Six that passes</source>
        <translation>Seis que pasa</translation>
    </message>
    <message>
        <source>The partner passes down the slot and both end turned round.</source>
        <translation>La pareja pasa por el carril y ambos acaban girados.</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>carril</translation>
    </message>
    <message>
        <source>Six to the open side</source>
        <translation>Seis al lado abierto</translation>
    </message>
    <message>
        <source>Triple into promenade, triple back, back rock.</source>
        <translation>Triple a promenade, triple de vuelta, rock atrás.</translation>
    </message>
    <message>
        <source>Eight that circles</source>
        <translation>Ocho en círculo</translation>
    </message>
    <message>
        <source>eight-count</source>
        <translation>ocho cuentas</translation>
    </message>
    <message>
        <source>Rock, triple, two walks and a triple; both circle round once.</source>
        <translation>Rock, triple, dos pasos y un triple; ambos dan una vuelta en círculo.</translation>
    </message>
    <message>
        <source>Break on 1</source>
        <translation>Break en 1</translation>
    </message>
    <message>
        <source>Forward and back breaks; counts 4 and 8 are waited.</source>
        <translation>Breaks adelante y atrás; en 4 y 8 se espera.</translation>
    </message>
    <message>
        <source>Break on 2</source>
        <translation>Break en 2</translation>
    </message>
    <message>
        <source>The same walk begun in place, so that the breaks fall on 2 and 6.</source>
        <translation>El mismo paseo empezado en el sitio, para que los breaks caigan en 2 y 6.</translation>
    </message>
    <message>
        <source>Lead across</source>
        <translation>Llevar al otro lado</translation>
    </message>
    <message>
        <source>The partner is led across; both face the other way after it.</source>
        <translation>Se lleva a la pareja al otro lado; después ambos miran al revés.</translation>
    </message>
    <message>
        <source>Side and touch, both sides</source>
        <translation>Lado y touch, ambos lados</translation>
    </message>
    <message>
        <source>side basic</source>
        <translation>básico lateral</translation>
    </message>
    <message>
        <source>Side, close, side, touch; and back again.</source>
        <translation>Lado, cierra, lado, touch; y de vuelta.</translation>
    </message>
    <message>
        <source>Break and chassé</source>
        <translation>Break y chassé</translation>
    </message>
    <message>
        <source>Two breaks with a chassé after each; it begins to the side.</source>
        <translation>Dos breaks con un chassé después de cada uno; empieza al lado.</translation>
    </message>
    <message>
        <source>Balance in three</source>
        <translation>Balanceo en tres</translation>
    </message>
    <message>
        <source>waltz balance</source>
        <translation>balanceo de vals</translation>
    </message>
    <message>
        <source>Forward and back, with two light steps on the spot.</source>
        <translation>Adelante y atrás, con dos pasos ligeros en el sitio.</translation>
    </message>
    <message>
        <source>Travelling in three</source>
        <translation>Avanzar en tres</translation>
    </message>
    <message>
        <source>Six steps along the line of dance.</source>
        <translation>Seis pasos por la línea de baile.</translation>
    </message>
    <message>
        <source>Half turn in three</source>
        <translation>Medio giro en tres</translation>
    </message>
    <message>
        <source>A left half turn in six counts.</source>
        <translation>Medio giro a la izquierda en seis cuentas.</translation>
    </message>
    <message>
        <source>Twinkle</source>
        <translation>Twinkle</translation>
    </message>
    <message>
        <source>Across, side, close, to each side.</source>
        <translation>Cruza, lado, cierra, a cada lado.</translation>
    </message>
    <message>
        <source>Hesitation</source>
        <translation>Vacilación</translation>
    </message>
    <message>
        <source>One step in three counts; the other foot draws near.</source>
        <translation>Un paso en tres cuentas; el otro pie se acerca.</translation>
    </message>
    <message>
        <source>Mazurka step</source>
        <translation>Paso de mazurca</translation>
    </message>
    <message>
        <source>Glide, close, hop: the accent is on the second.</source>
        <translation>Desliza, cierra, salta: el acento está en el segundo.</translation>
    </message>
    <message>
        <source>Step, half turn</source>
        <translation>Paso, medio giro</translation>
    </message>
    <message>
        <source>pivot half</source>
        <translation>medio pivote</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>giros</translation>
    </message>
    <message>
        <source>Step forward and turn on it.</source>
        <translation>Paso adelante y girar sobre él.</translation>
    </message>
    <message>
        <source>Three-step turn</source>
        <translation>Giro en tres pasos</translation>
    </message>
    <message>
        <source>A whole turn to the side in three steps, then a touch.</source>
        <translation>Un giro entero al lado en tres pasos y luego un touch.</translation>
    </message>
    <message>
        <source>Spot turn</source>
        <translation>Giro en el sitio</translation>
    </message>
    <message>
        <source>A whole turn left on the spot.</source>
        <translation>Un giro entero a la izquierda en el sitio.</translation>
    </message>
    <message>
        <source>Paddle</source>
        <translation>Paddle</translation>
    </message>
    <message>
        <source>Four touches that push the body an eighth each time.</source>
        <translation>Cuatro touch que empujan el cuerpo un octavo cada vez.</translation>
    </message>
    <message>
        <source>Cross behind and unwind</source>
        <translation>Cruzar detrás y desenrollar</translation>
    </message>
    <message>
        <source>Toe behind, then the body unwinds on both balls; weight ends on the toe that was behind.</source>
        <translation>Punta detrás, luego el cuerpo se desenrolla sobre ambos metatarsos; el peso acaba en la punta que estaba detrás.</translation>
    </message>
    <message>
        <source>Chain of halves</source>
        <translation>Cadena de medios giros</translation>
    </message>
    <message>
        <source>Four half turns along a line: eyes first.</source>
        <translation>Cuatro medios giros sobre una línea: la mirada primero.</translation>
    </message>
    <message>
        <source>Turn under the arm</source>
        <translation>Giro bajo el brazo</translation>
    </message>
    <message>
        <source>Back rock, then the follower turns once under the raised hand.</source>
        <translation>Rock atrás, luego quien sigue gira una vez bajo la mano alzada.</translation>
    </message>
    <message>
        <source>Turn in four steps</source>
        <translation>Giro en cuatro pasos</translation>
    </message>
    <message>
        <source>The follower walks round once in four counts; the leader stays.</source>
        <translation>Quien sigue da una vuelta en cuatro cuentas; quien lleva se queda.</translation>
    </message>
    <message>
        <source>Vine and touch</source>
        <translation>Vine y touch</translation>
    </message>
    <message>
        <source>vines</source>
        <translation>vines</translation>
    </message>
    <message>
        <source>Side, behind, side, touch.</source>
        <translation>Lado, detrás, lado, touch.</translation>
    </message>
    <message>
        <source>Long vine</source>
        <translation>Vine larga</translation>
    </message>
    <message>
        <source>weave</source>
        <translation>weave</translation>
    </message>
    <message>
        <source>Eight counts to the side, behind and across in turn.</source>
        <translation>Ocho cuentas al lado, alternando detrás y delante.</translation>
    </message>
    <message>
        <source>Ring vine</source>
        <translation>Vine de corro</translation>
    </message>
    <message>
        <source>Across, side, behind, side: for an open ring.</source>
        <translation>Cruza, lado, detrás, lado: para un corro abierto.</translation>
    </message>
    <message>
        <source>Vine with a quarter</source>
        <translation>Vine con cuarto</translation>
    </message>
    <message>
        <source>The third step turns a quarter; the free foot brushes.</source>
        <translation>El tercer paso gira un cuarto; el pie libre roza.</translation>
    </message>
    <message>
        <source>Scissor</source>
        <translation>Tijera</translation>
    </message>
    <message>
        <source>Side, close, across, and a wait.</source>
        <translation>Lado, cierra, cruza y una espera.</translation>
    </message>
    <message>
        <source>Kick-ball-change</source>
        <translation>Kick-ball-change</translation>
    </message>
    <message>
        <source>kicks</source>
        <translation>patadas</translation>
    </message>
    <message>
        <source>A low kick, then two quick changes.</source>
        <translation>Una patada baja y dos cambios rápidos.</translation>
    </message>
    <message>
        <source>Kick twice and behind</source>
        <translation>Dos patadas y detrás</translation>
    </message>
    <message>
        <source>Kick forward and to the side, then behind, side, side.</source>
        <translation>Patada adelante y al lado, luego detrás, lado, lado.</translation>
    </message>
    <message>
        <source>Heel switches</source>
        <translation>Cambios de talón</translation>
    </message>
    <message>
        <source>Heel, close, heel, close: two heels in two counts.</source>
        <translation>Talón, cierra, talón, cierra: dos talones en dos cuentas.</translation>
    </message>
    <message>
        <source>Side points</source>
        <translation>Puntas al lado</translation>
    </message>
    <message>
        <source>Point to each side; each foot closes on the &amp;.</source>
        <translation>Punta a cada lado; cada pie cierra en el &amp;.</translation>
    </message>
    <message>
        <source>Swinging kick</source>
        <translation>Patada con vuelo</translation>
    </message>
    <message>
        <source>Forward, kick, back, touch: the leg swings through.</source>
        <translation>Adelante, patada, atrás, touch: la pierna pasa volando.</translation>
    </message>
    <message>
        <source>Hitch and hook</source>
        <translation>Hitch y hook</translation>
    </message>
    <message>
        <source>Forward with the knee up, back with the shin across.</source>
        <translation>Adelante con la rodilla arriba, atrás con la espinilla cruzada.</translation>
    </message>
    <message>
        <source>Stamp three</source>
        <translation>Tres zapatazos</translation>
    </message>
    <message>
        <source>stamps</source>
        <translation>zapatazos</translation>
    </message>
    <message>
        <source>Three stamps with weight, and a silent count.</source>
        <translation>Tres zapatazos con peso y una cuenta callada.</translation>
    </message>
    <message>
        <source>Stamp and clap</source>
        <translation>Zapatazo y palmada</translation>
    </message>
    <message>
        <source>A stamp without weight, a clap, twice.</source>
        <translation>Un zapatazo sin peso, una palmada, dos veces.</translation>
    </message>
    <message>
        <source>Stomp, kick, back</source>
        <translation>Stomp, patada, atrás</translation>
    </message>
    <message>
        <source>A stomp without weight, a low kick, and two steps home.</source>
        <translation>Un stomp sin peso, una patada baja y dos pasos de vuelta.</translation>
    </message>
    <message>
        <source>Heel drum</source>
        <translation>Tambor de tacones</translation>
    </message>
    <message>
        <source>Five beats of the heels in two counts, divided as the ear likes it.</source>
        <translation>Cinco golpes de talón en dos cuentas, divididos como guste al oído.</translation>
    </message>
    <message>
        <source>Ring six</source>
        <translation>Corro seis</translation>
    </message>
    <message>
        <source>Three steps to the right, a lifted foot, one step back, a lifted foot.</source>
        <translation>Tres pasos a la derecha, un pie alzado, un paso atrás, un pie alzado.</translation>
    </message>
    <message>
        <source>Long, short, short</source>
        <translation>Largo, corto, corto</translation>
    </message>
    <message>
        <source>One bar of seven, counted by its groups: 3 + 2 + 2.</source>
        <translation>Un compás de siete, contado por sus grupos: 3 + 2 + 2.</translation>
    </message>
    <message>
        <source>Step-hop</source>
        <translation>Paso y saltito</translation>
    </message>
    <message>
        <source>A step and a hop on it, to each side.</source>
        <translation>Un paso y un saltito sobre él, a cada lado.</translation>
    </message>
    <message>
        <source>Three and hop</source>
        <translation>Tres y saltito</translation>
    </message>
    <message>
        <source>Three walks and a hop on the last foot.</source>
        <translation>Tres pasos y un saltito sobre el último pie.</translation>
    </message>
    <message>
        <source>Setting step</source>
        <translation>Paso de saludo</translation>
    </message>
    <message>
        <source>Side, a light cross, and place: three changes in two counts.</source>
        <translation>Lado, cruce ligero y sitio: tres cambios en dos cuentas.</translation>
    </message>
    <message>
        <source>Buzz step</source>
        <translation>Paso de zumbido</translation>
    </message>
    <message>
        <source>One foot stays in front and the other pushes round.</source>
        <translation>Un pie queda delante y el otro empuja alrededor.</translation>
    </message>
    <message>
        <source>Two-step along the line</source>
        <translation>Two-step por la línea</translation>
    </message>
    <message>
        <source>Quick, quick, slow, slow.</source>
        <translation>Rápido, rápido, lento, lento.</translation>
    </message>
    <message>
        <source>Long walks and a close</source>
        <translation>Pasos largos y cierra</translation>
    </message>
    <message>
        <source>Slow, slow, quick, quick, and a slow touch: eight counts.</source>
        <translation>Lento, lento, rápido, rápido y un touch lento: ocho cuentas.</translation>
    </message>
    <message>
        <source>Slow, quick, quick, slow</source>
        <translation>Lento, rápido, rápido, lento</translation>
    </message>
    <message>
        <source>Six counts: a dance in eights asks for an extension.</source>
        <translation>Seis cuentas: un baile en ochos pide una extensión.</translation>
    </message>
    <message>
        <source>Ball change</source>
        <translation>Ball change</translation>
    </message>
    <message>
        <source>Two changes of weight in one count.</source>
        <translation>Dos cambios de peso en una cuenta.</translation>
    </message>
    <message>
        <source>Behind, side, front</source>
        <translation>Detrás, lado, delante</translation>
    </message>
    <message>
        <source>A linking triple that leaves the body where it faces.</source>
        <translation>Un triple de enlace que deja el cuerpo mirando igual.</translation>
    </message>
    <message>
        <source>Step, touch and clap</source>
        <translation>Paso, touch y palmada</translation>
    </message>
    <message>
        <source>Side and touch, with a clap that can be taught later.</source>
        <translation>Lado y touch, con una palmada que puede enseñarse después.</translation>
    </message>
    <message>
        <source>Lunge and recover</source>
        <translation>Zancada y vuelve</translation>
    </message>
    <message>
        <source>Two counts down to the side, two counts home.</source>
        <translation>Dos cuentas abajo al lado, dos de vuelta.</translation>
    </message>
    <message>
        <source>Pose, look, breathe</source>
        <translation>Pose, mirada, respiro</translation>
    </message>
    <message>
        <source>Four counts without a step.</source>
        <translation>Cuatro cuentas sin paso.</translation>
    </message>
    <message>
        <source>Triplet run</source>
        <translation>Carrera de tresillos</translation>
    </message>
    <message>
        <source>Three even runs in each count.</source>
        <translation>Tres pasos corridos iguales en cada cuenta.</translation>
    </message>
    <message>
        <source>Jump out and in</source>
        <translation>Salto abierto y cerrado</translation>
    </message>
    <message>
        <source>Feet apart, feet together, and two counts to stand; the next foot is said by what follows.</source>
        <translation>Pies separados, pies juntos y dos cuentas de pie; el pie siguiente lo dice lo que sigue.</translation>
    </message>
    <message>
        <source>Long slide</source>
        <translation>Deslizamiento largo</translation>
    </message>
    <message>
        <source>One long step to the side, and the other foot closes.</source>
        <translation>Un paso largo al lado, y el otro pie cierra.</translation>
    </message>
    <message>
        <source>Eight of your own</source>
        <translation>Ocho propios</translation>
    </message>
    <message>
        <source>Eight counts to dance as you like; they end with the right foot free.</source>
        <translation>Ocho cuentas para bailar a gusto; acaban con el pie derecho libre.</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>The vocabulary %1 is damaged and cannot be read. It was left as it is: put a copy from before in its place, or move it away to begin a new one.</source>
        <translation>El repertorio %1 está dañado y no se puede leer. Se dejó como estaba: ponga una copia anterior en su lugar o muévalo para empezar uno nuevo.</translation>
    </message>
    <message>
        <source>The vocabulary %1 may only be read here. Nothing was changed; figures can still be taken into a routine.</source>
        <translation>El repertorio %1 solo se puede leer aquí. No se cambió nada; aun así se pueden llevar figuras a una coreografía.</translation>
    </message>
    <message>
        <source>The vocabulary %1 cannot be opened. Look whether its folder is there and may be written.</source>
        <translation>No se puede abrir el repertorio %1. Compruebe que su carpeta está y que se puede escribir en ella.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full. Nothing was changed; make room and try again.</source>
        <translation>No se pudo escribir el repertorio %1: el disco está lleno. No se cambió nada; haga sitio e inténtelo de nuevo.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be written: the disk is full or gone. Nothing was changed.</source>
        <translation>No se pudo escribir el repertorio %1: el disco está lleno o no está. No se cambió nada.</translation>
    </message>
    <message>
        <source>The vocabulary %1 is being written by another window. Nothing was changed; try again in a moment.</source>
        <translation>Otra ventana está escribiendo el repertorio %1. No se cambió nada; inténtelo de nuevo en un momento.</translation>
    </message>
    <message>
        <source>The vocabulary %1 could not be used (%2). Nothing was changed.</source>
        <translation>No se pudo usar el repertorio %1 (%2). No se cambió nada.</translation>
    </message>
    <message>
        <source>The vocabulary %1 holds a figure “%2” that cannot be read: %3</source>
        <translation>El repertorio %1 contiene una figura «%2» que no se puede leer: %3</translation>
    </message>
    <message>
        <source>A figure needs a name before it goes into the vocabulary.</source>
        <translation>Una figura necesita un nombre antes de entrar en el repertorio.</translation>
    </message>
    <message>
        <source>The file %1 is a database of something else, no vocabulary of Lift Count. It was left as it is.</source>
        <translation>El archivo %1 es una base de datos de otra cosa, no un repertorio de Lift Count. Se dejó como estaba.</translation>
    </message>
    <message>
        <source>The vocabulary %1 was written by a newer Lift Count (format %2; this one reads up to %3). It was left as it is. Update Lift Count to use it.</source>
        <translation>El repertorio %1 fue escrito por un Lift Count más nuevo (formato %2; este lee hasta %3). Se dejó como estaba. Actualice Lift Count para usarlo.</translation>
    </message>
    <message>
        <source>This figure is no longer in the vocabulary.</source>
        <translation>Esta figura ya no está en el repertorio.</translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. Nothing was changed here; look at it as it is now and change it again.</source>
        <translation>Otra ventana cambió «%1» mientras tanto. Aquí no se cambió nada; mírelo como está ahora y cámbielo otra vez.</translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary already.</source>
        <translation>«%1» ya está en el repertorio.</translation>
    </message>
    <message>
        <source>A figure cannot be merged with itself. Choose two.</source>
        <translation>Una figura no se puede unir consigo misma. Elija dos.</translation>
    </message>
    <message>
        <source>This word is no longer in the vocabulary.</source>
        <translation>Esta palabra ya no está en el repertorio.</translation>
    </message>
    <message numerus="yes">
        <source>two|twos</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>dos</numerusform>
            <numerusform>doses</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>three|threes</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>tres</numerusform>
            <numerusform>treses</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>four|fours</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>cuatro</numerusform>
            <numerusform>cuatros</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>five|fives</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>cinco</numerusform>
            <numerusform>cincos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>six|sixes</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>seis</numerusform>
            <numerusform>seises</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>seven|sevens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>siete</numerusform>
            <numerusform>sietes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eight|eights</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>ocho</numerusform>
            <numerusform>ochos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>nine|nines</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>nueve</numerusform>
            <numerusform>nueves</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>ten|tens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>diez</numerusform>
            <numerusform>dieces</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>eleven|elevens</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>once</numerusform>
            <numerusform>onces</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>twelve|twelves</source>
        <comment>a set of counts</comment>
        <translation>
            <numerusform>doce</numerusform>
            <numerusform>doces</numerusform>
        </translation>
    </message>
    <message>
        <source>The song ends there: nothing follows.</source>
        <translation>La canción termina ahí: no sigue nada.</translation>
    </message>
    <message>
        <source>A count-in has 0 to %1 counts, not %2.</source>
        <translation>Una entrada contada tiene de 0 a %1 cuentas, no %2.</translation>
    </message>
    <message>
        <source>“%1” is no ladder of tempi. Write from, to and step in percent with colons, for example 60:100:5, or 60:100:5x2 for each twice.</source>
        <translation>«%1» no es una escalera de tempos. Escriba desde, hasta y paso en porcentaje con dos puntos, por ejemplo 60:100:5, o 60:100:5x2 para cada uno dos veces.</translation>
    </message>
    <message>
        <source>A tempo of practice lies between %1 and %2 percent of the song&apos;s.</source>
        <translation>Un tempo de práctica está entre el %1 y el %2 por ciento del de la canción.</translation>
    </message>
    <message>
        <source>There is nothing to tap to: choose a place with two counts and more.</source>
        <translation>No hay nada que marcar: elija un pasaje de dos cuentas o más.</translation>
    </message>
    <message>
        <source>Four taps and more are needed to say how you tap; there were %1.</source>
        <translation>Hacen falta cuatro toques o más para decir cómo marca; hubo %1.</translation>
    </message>
    <message>
        <source>There is nothing to practise between these two places.</source>
        <translation>Entre estos dos lugares no hay nada que practicar.</translation>
    </message>
</context>
<context>
    <name>Files</name>
    <message>
        <source>“%1” is there already.</source>
        <translation>«%1» ya existe.</translation>
    </message>
    <message>
        <source>Writing would put the new file in its place.</source>
        <translation>Al escribir, el archivo nuevo ocuparía su lugar.</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Reemplazarlo</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Volver</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Escrito: %1</translation>
    </message>
</context>
<context>
    <name>Legend</name>
    <message>
        <source>stop</source>
        <translation>parada</translation>
    </message>
    <message>
        <source>phrase</source>
        <translation>frase</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>compás</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>pulso</translation>
    </message>
    <message>
        <source>doubt</source>
        <translation>duda</translation>
    </message>
    <message>
        <source>moment</source>
        <translation>momento</translation>
    </message>
    <message>
        <source>stated</source>
        <translation>indicado</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>both</source>
        <translation>ambos</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>sin peso</translation>
    </message>
    <message>
        <source>on the &amp;</source>
        <translation>en el &amp;</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>no foot</source>
        <translation>sin pie</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>giro</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>they say</source>
        <translation>dicen</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>acento</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>cae bien</translation>
    </message>
    <message>
        <source>finding</source>
        <translation>aviso</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>wait</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>left foot</source>
        <translation>pie izquierdo</translation>
    </message>
    <message>
        <source>right foot</source>
        <translation>pie derecho</translation>
    </message>
    <message>
        <source>both feet</source>
        <translation>ambos pies</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>sin peso</translation>
    </message>
    <message>
        <source>turn %1, done at the end of %2</source>
        <translation>giro %1, acabado al final de %2</translation>
    </message>
    <message>
        <source>towards %1</source>
        <translation>hacia %1</translation>
    </message>
    <message>
        <source>beside the feet: %1</source>
        <translation>aparte de los pies: %1</translation>
    </message>
    <message>
        <source>called: “%1”</source>
        <translation>se canta: «%1»</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>acento</translation>
    </message>
    <message>
        <source>%1, %L2 s</source>
        <translation>%1, %L2 s</translation>
    </message>
    <message>
        <source>nothing written yet</source>
        <translation>nada escrito aún</translation>
    </message>
    <message>
        <source>either to either</source>
        <translation>cualquiera a cualquiera</translation>
    </message>
    <message>
        <source>either, then the other</source>
        <translation>cualquiera, luego el otro</translation>
    </message>
    <message>
        <source>either, the same</source>
        <translation>cualquiera, el mismo</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>end</source>
        <translation>final</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>encaja</translation>
    </message>
    <message>
        <source>begins</source>
        <translation>empieza</translation>
    </message>
    <message>
        <source>at count</source>
        <translation>en la cuenta</translation>
    </message>
    <message>
        <source>music</source>
        <translation>música</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>pie libre</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>agarre</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>mirada</translation>
    </message>
    <message>
        <source>joint</source>
        <translation>unión</translation>
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
        <translation>espera</translation>
    </message>
    <message>
        <source>hop</source>
        <translation>saltito</translation>
    </message>
    <message>
        <source>jump</source>
        <translation>salto</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>not timed</source>
        <translation>sin tiempo</translation>
    </message>
    <message>
        <source>gesture</source>
        <translation>gesto</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>L</source>
        <translation>I</translation>
    </message>
    <message>
        <source>R</source>
        <translation>D</translation>
    </message>
    <message>
        <source>both</source>
        <translation>ambos</translation>
    </message>
    <message>
        <source>no weight</source>
        <translation>sin peso</translation>
    </message>
    <message>
        <source>%1 faces %2</source>
        <translation>%1 mira a %2</translation>
    </message>
    <message>
        <source>round %1, %2</source>
        <translation>alrededor de %1, %2</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>de %1</translation>
    </message>
    <message>
        <source>held %L1 s</source>
        <translation>sostenido %L1 s</translation>
    </message>
    <message>
        <source>before the dance</source>
        <translation>antes del baile</translation>
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
        <translation>%1 desde %2</translation>
    </message>
    <message>
        <source>cut after %1</source>
        <translation>cortada después de %1</translation>
    </message>
    <message>
        <source>the other %1</source>
        <translation>el otro %1</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>wait %1</source>
        <translation>espera %1</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>parte %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation>%1, en %2</translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation>%1, otro lado</translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation>%1, intercambiado</translation>
    </message>
    <message>
        <source>canon, ripple</source>
        <translation>canon, ola</translation>
    </message>
    <message>
        <source>canon</source>
        <translation>canon</translation>
    </message>
    <message>
        <source>other side</source>
        <translation>otro lado</translation>
    </message>
    <message>
        <source>exchanged</source>
        <translation>intercambiados</translation>
    </message>
    <message>
        <source>pinned</source>
        <translation>fijada</translation>
    </message>
    <message>
        <source>by the music</source>
        <translation>por la música</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>compás %1</translation>
    </message>
    <message>
        <source>bars %1–%2</source>
        <translation>compases %1–%2</translation>
    </message>
    <message>
        <source>pass %1, %2–%3</source>
        <translation>pasada %1, %2–%3</translation>
    </message>
    <message>
        <source>stated</source>
        <translation>indicado</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>passes %1–%2 alike, %3 each, %4 · click or Enter unfolds them</source>
        <translation>pasadas %1–%2 iguales, %3 cada una, %4 · clic o Intro las despliega</translation>
    </message>
    <message>
        <source>lands</source>
        <translation>cae bien</translation>
    </message>
    <message>
        <source>%1 over</source>
        <translation>%1 de más</translation>
    </message>
    <message>
        <source>%1 short</source>
        <translation>%1 de menos</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>pasada %1</translation>
    </message>
</context>
<context>
    <name>lc::app::ArrangeStage</name>
    <message>
        <source>Type the counts</source>
        <translation>Escribir las cuentas</translation>
    </message>
    <message>
        <source>Go to the line of the first role: of the figure in Steps, else of the part</source>
        <translation>Ir a la línea del primer rol: de la figura en Pasos, si no de la parte</translation>
    </message>
    <message>
        <source>Type the order of the parts</source>
        <translation>Escribir el orden de las partes</translation>
    </message>
    <message>
        <source>Go to the order</source>
        <translation>Ir al orden</translation>
    </message>
    <message>
        <source>Type a figure at the caret</source>
        <translation>Escribir una figura en el cursor</translation>
    </message>
    <message>
        <source>Its name puts it into the part, after the figure at the caret</source>
        <translation>Su nombre la pone en la parte, después de la figura del cursor</translation>
    </message>
    <message>
        <source>Figures at hand</source>
        <translation>Figuras a mano</translation>
    </message>
    <message>
        <source>The vocabulary beside the strips, to drag from; again to put it away</source>
        <translation>El repertorio junto a las tiras, para arrastrar; otra vez para guardarlo</translation>
    </message>
    <message>
        <source>Repeat the chosen figures</source>
        <translation>Repetir las figuras elegidas</translation>
    </message>
    <message>
        <source>A copy after them (Ctrl+D)</source>
        <translation>Una copia detrás (Ctrl+D)</translation>
    </message>
    <message>
        <source>Dance the chosen figures to the other side</source>
        <translation>Bailar las figuras elegidas hacia el otro lado</translation>
    </message>
    <message>
        <source>Left and right change places; again to undo it</source>
        <translation>Izquierda y derecha se cambian; otra vez para deshacerlo</translation>
    </message>
    <message>
        <source>Partners exchange lines in the chosen figures</source>
        <translation>La pareja intercambia líneas en las figuras elegidas</translation>
    </message>
    <message>
        <source>The first role dances the second&apos;s line</source>
        <translation>El primer rol baila la línea del segundo</translation>
    </message>
    <message>
        <source>Reverse the order of the figures</source>
        <translation>Invertir el orden de las figuras</translation>
    </message>
    <message>
        <source>Of those chosen, or of the whole part</source>
        <translation>De las elegidas o de toda la parte</translation>
    </message>
    <message>
        <source>Dance the chosen figures in threes</source>
        <translation>Bailar las figuras elegidas en tres</translation>
    </message>
    <message>
        <source>Bars of three: what falls on the fourth count of each bar is left out</source>
        <translation>Compases de tres: lo que cae en la cuarta cuenta de cada compás se omite</translation>
    </message>
    <message>
        <source>Take the chosen figures out</source>
        <translation>Sacar las figuras elegidas</translation>
    </message>
    <message>
        <source>Out of the part; they stay in the routine</source>
        <translation>De la parte; siguen en la coreografía</translation>
    </message>
    <message>
        <source>Restart after the count at the caret</source>
        <translation>Restart después de la cuenta del cursor</translation>
    </message>
    <message>
        <source>Cut the pass at the caret after that count</source>
        <translation>Cortar la pasada del cursor después de esa cuenta</translation>
    </message>
    <message>
        <source>Tag after the pass at the caret …</source>
        <translation>Tag después de la pasada del cursor…</translation>
    </message>
    <message>
        <source>Extra counts after the pass at the caret</source>
        <translation>Cuentas de más después de la pasada del cursor</translation>
    </message>
    <message>
        <source>Remove the pass at the caret</source>
        <translation>Quitar la pasada del cursor</translation>
    </message>
    <message>
        <source>Take the pass out of the order</source>
        <translation>Sacar la pasada del orden</translation>
    </message>
    <message>
        <source>What makes this pass differ</source>
        <translation>Lo que hace distinta esta pasada</translation>
    </message>
    <message>
        <source>Type it: restart after 16, tag of 4, mirrored …</source>
        <translation>Escríbalo: restart after 16, tag of 4, mirrored…</translation>
    </message>
    <message>
        <source>This pass to the other side</source>
        <translation>Esta pasada hacia el otro lado</translation>
    </message>
    <message>
        <source>Left and right change places in the whole pass</source>
        <translation>Izquierda y derecha se cambian en toda la pasada</translation>
    </message>
    <message>
        <source>pass to the other side</source>
        <translation>pasada hacia el otro lado</translation>
    </message>
    <message>
        <source>Places exchanged in this pass</source>
        <translation>Lugares intercambiados en esta pasada</translation>
    </message>
    <message>
        <source>Partners dance each other&apos;s lines</source>
        <translation>Cada uno baila la línea del otro</translation>
    </message>
    <message>
        <source>places exchanged</source>
        <translation>lugares intercambiados</translation>
    </message>
    <message>
        <source>Last change of this pass a touch</source>
        <translation>Último cambio de esta pasada como touch</translation>
    </message>
    <message>
        <source>So that the other foot stays free</source>
        <translation>Para que el otro pie quede libre</translation>
    </message>
    <message>
        <source>touch in place of the last step</source>
        <translation>touch en lugar del último paso</translation>
    </message>
    <message>
        <source>Pin the start of this pass</source>
        <translation>Fijar el comienzo de esta pasada</translation>
    </message>
    <message>
        <source>It starts there whatever comes before; again to unpin</source>
        <translation>Empieza ahí venga lo que venga antes; otra vez para soltarla</translation>
    </message>
    <message>
        <source>Bind what differs to the music</source>
        <translation>Ligar lo que difiere a la música</translation>
    </message>
    <message>
        <source>The line at the cursor of the pass panel then stays with its place in the song</source>
        <translation>La línea del cursor en el panel de la pasada queda entonces en su lugar de la canción</translation>
    </message>
    <message>
        <source>Canon in this pass</source>
        <translation>Canon en esta pasada</translation>
    </message>
    <message>
        <source>The count at the caret meets</source>
        <translation>La cuenta del cursor coincide con</translation>
    </message>
    <message>
        <source>Next pass</source>
        <translation>Pasada siguiente</translation>
    </message>
    <message>
        <source>Go to its count 1</source>
        <translation>Ir a su cuenta 1</translation>
    </message>
    <message>
        <source>Pass before</source>
        <translation>Pasada anterior</translation>
    </message>
    <message>
        <source>Make it land …</source>
        <translation>Hacer que caiga bien…</translation>
    </message>
    <message>
        <source>Plans: the fewest changes that make every pass land, with what they cost</source>
        <translation>Planes: los menos cambios para que todas las pasadas caigan bien, y lo que cuestan</translation>
    </message>
    <message>
        <source>plan plans fix solve restart propose</source>
        <translation>plan planes resolver restart proponer</translation>
    </message>
    <message>
        <source>Edits of the music …</source>
        <translation>Retoques de la música…</translation>
    </message>
    <message>
        <source>The fewest cuts and repeats of whole bars on which the unchanged dance lands</source>
        <translation>Los menos cortes y repeticiones de compases enteros con los que el baile sin cambios cae bien</translation>
    </message>
    <message>
        <source>mend the music cut repeat edit song shorten</source>
        <translation>música cortar repetir retocar acortar canción</translation>
    </message>
    <message>
        <source>Get back on the 1 …</source>
        <translation>Volver al 1…</translation>
    </message>
    <message>
        <source>At once, within some sets, or left until the music undoes it</source>
        <translation>Enseguida, en unos grupos, o dejado hasta que la música lo deshaga</translation>
    </message>
    <message>
        <source>put a turned-round dance right count one off</source>
        <translation>arreglar un baile con la cuenta cambiada desfase de uno</translation>
    </message>
    <message>
        <source>Settle the hand-out …</source>
        <translation>Resolver la hoja…</translation>
    </message>
    <message>
        <source>Its lines, what each was read as, and what is open</source>
        <translation>Sus líneas, cómo se leyó cada una y qué queda abierto</translation>
    </message>
    <message>
        <source>Fill the phrase …</source>
        <translation>Llenar la frase…</translation>
    </message>
    <message>
        <source>Every way to go on with figures at hand so that the phrase is full and the feet fit</source>
        <translation>Todas las formas de seguir con las figuras a mano para que la frase quede llena y los pies encajen</translation>
    </message>
    <message>
        <source>Plans keep this pass as it is</source>
        <translation>Los planes dejan esta pasada como está</translation>
    </message>
    <message>
        <source>Its restart and tag stay; again to free it</source>
        <translation>Su restart y su tag se quedan; otra vez para liberarla</translation>
    </message>
    <message>
        <source>Try the routine on another song</source>
        <translation>Probar la coreografía con otra canción</translation>
    </message>
    <message>
        <source>Or another edit of this one, or another tempo: which passes land here and which there, before anything is changed</source>
        <translation>U otra edición de esta, u otro tempo: qué pasadas caen bien aquí y cuáles allí, antes de cambiar nada</translation>
    </message>
    <message>
        <source>Find a matching song or dance …</source>
        <translation>Buscar una canción o un baile que encaje…</translation>
    </message>
    <message>
        <source>The files of a folder, the best fit first</source>
        <translation>Los archivos de una carpeta, el que mejor encaja primero</translation>
    </message>
    <message>
        <source>which song for this dance rank suits fits</source>
        <translation>qué canción para este baile orden encaja</translation>
    </message>
    <message>
        <source>Tempi of dances …</source>
        <translation>Tempos de los bailes…</translation>
    </message>
    <message>
        <source>What is usual, with its source; at what per cent this song would fit, and how fast the routine is there</source>
        <translation>Lo habitual, con su fuente; a qué porcentaje encajaría esta canción y lo rápida que queda la coreografía</translation>
    </message>
    <message>
        <source>tempo speed bpm</source>
        <translation>tempo velocidad bpm</translation>
    </message>
    <message>
        <source>Formation</source>
        <translation>Formación</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Aviso siguiente</translation>
    </message>
    <message>
        <source>Open it and go to its place</source>
        <translation>Abrirlo e ir a su lugar</translation>
    </message>
    <message>
        <source>Next remedy</source>
        <translation>Solución siguiente</translation>
    </message>
    <message>
        <source>Choose the next remedy of the open finding</source>
        <translation>Elegir la siguiente solución del aviso abierto</translation>
    </message>
    <message>
        <source>Preview what is chosen</source>
        <translation>Vista previa de lo elegido</translation>
    </message>
    <message>
        <source>A remedy or proposal on the strips, again to take it off</source>
        <translation>Una solución o propuesta sobre las tiras; otra vez para quitarla</translation>
    </message>
    <message>
        <source>Apply what is chosen</source>
        <translation>Aplicar lo elegido</translation>
    </message>
    <message>
        <source>The remedy or proposal; Undo takes it back</source>
        <translation>La solución o propuesta; Deshacer la revierte</translation>
    </message>
    <message>
        <source>Leave the finding as it is</source>
        <translation>Dejar el aviso como está</translation>
    </message>
    <message>
        <source>Say why, and put it aside</source>
        <translation>Decir por qué y apartarlo</translation>
    </message>
    <message>
        <source>Fold the findings</source>
        <translation>Plegar los avisos</translation>
    </message>
    <message>
        <source>Or unfold them</source>
        <translation>O desplegarlos</translation>
    </message>
    <message>
        <source>Eight</source>
        <translation>Ocho</translation>
    </message>
    <message>
        <source>A set a line, with the words of each step</source>
        <translation>Un grupo por línea, con las palabras de cada paso</translation>
    </message>
    <message>
        <source>List of passes</source>
        <translation>Lista de pasadas</translation>
    </message>
    <message>
        <source>The passes as a table, in the place of the strips; again for the strips</source>
        <translation>Las pasadas como tabla, en lugar de las tiras; otra vez para las tiras</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Pasadas</translation>
    </message>
    <message>
        <source>Fold like passes</source>
        <translation>Plegar pasadas iguales</translation>
    </message>
    <message>
        <source>In long routines those danced alike share a line; again to fold anew, once more to see all</source>
        <translation>En coreografías largas las que se bailan igual comparten línea; otra vez pliega de nuevo, y otra más las muestra todas</translation>
    </message>
    <message>
        <source>%1 apart, every role finishes</source>
        <translation>%1 de separación, cada rol acaba</translation>
    </message>
    <message>
        <source>%1 apart, all end together</source>
        <translation>%1 de separación, todos acaban juntos</translation>
    </message>
    <message>
        <source>canon</source>
        <translation>canon</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Ninguno</translation>
    </message>
    <message>
        <source>no canon</source>
        <translation>sin canon</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>No moments yet: mark them in Listen</source>
        <translation>Aún no hay momentos: márquelos en Escuchar</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>pasada %1</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>parte %1</translation>
    </message>
    <message>
        <source>type its counts</source>
        <translation>escribir sus cuentas</translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation>Componer</translation>
    </message>
    <message>
        <source>The routine on the song</source>
        <translation>La coreografía sobre la canción</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>&amp;Componer</translation>
    </message>
    <message>
        <source>In a routine of more than thirty passes, those danced alike share a line.</source>
        <translation>En una coreografía de más de treinta pasadas, las que se bailan igual comparten línea.</translation>
    </message>
    <message>
        <source>Every pass has its strips.</source>
        <translation>Cada pasada tiene sus tiras.</translation>
    </message>
    <message>
        <source>Every line of the hand-out was understood.</source>
        <translation>Se entendieron todas las líneas de la hoja.</translation>
    </message>
    <message>
        <source>Preview (not applied): %1</source>
        <translation>Vista previa (sin aplicar): %1</translation>
    </message>
    <message>
        <source>%1 Ctrl+Enter applies it, Esc takes it off.</source>
        <translation>%1 Ctrl+Intro lo aplica, Esc lo quita.</translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation>No hay pasada en el cursor. Haga clic en una cuenta que se baile.</translation>
    </message>
    <message>
        <source>No figure is danced there. Put the caret on the count that is to meet the moment.</source>
        <translation>Ahí no se baila ninguna figura. Ponga el cursor en la cuenta que debe coincidir con el momento.</translation>
    </message>
    <message>
        <source>Choose passes in the list, or put the caret into one, and try again.</source>
        <translation>Elija pasadas en la lista, o ponga el cursor en una, e inténtelo de nuevo.</translation>
    </message>
    <message>
        <source>One pass copied.</source>
        <translation>Una pasada copiada.</translation>
    </message>
    <message>
        <source>%1 passes copied.</source>
        <translation>%1 pasadas copiadas.</translation>
    </message>
    <message>
        <source>One pass cut.</source>
        <translation>Una pasada cortada.</translation>
    </message>
    <message>
        <source>%1 passes cut.</source>
        <translation>%1 pasadas cortadas.</translation>
    </message>
    <message>
        <source>One pass taken out. Undo brings it back.</source>
        <translation>Una pasada quitada. Deshacer la devuelve.</translation>
    </message>
    <message>
        <source>%1 passes taken out. Undo brings them back.</source>
        <translation>%1 pasadas quitadas. Deshacer las devuelve.</translation>
    </message>
    <message>
        <source>Put the caret into the pass that is to be cut, on the last count that is danced.</source>
        <translation>Ponga el cursor en la pasada que se va a cortar, en la última cuenta que se baila.</translation>
    </message>
    <message>
        <source>Everyone still waits there. Put the caret on the last count that is danced.</source>
        <translation>Ahí todos esperan aún. Ponga el cursor en la última cuenta que se baila.</translation>
    </message>
    <message>
        <source>That is the last count of the pass; there is nothing left to cut.</source>
        <translation>Esa es la última cuenta de la pasada; no queda nada que cortar.</translation>
    </message>
    <message>
        <source>Put the caret into the pass after which the tag is to come.</source>
        <translation>Ponga el cursor en la pasada después de la cual debe ir el tag.</translation>
    </message>
    <message>
        <source>There is no pass at the caret.</source>
        <translation>No hay pasada en el cursor.</translation>
    </message>
    <message>
        <source>To the count 1 of this pass, then of the one before</source>
        <translation>A la cuenta 1 de esta pasada, luego de la anterior</translation>
    </message>
</context>
<context>
    <name>lc::app::CardPage</name>
    <message>
        <source>card of the figure</source>
        <translation>ficha de la figura</translation>
    </message>
    <message>
        <source>Own fraction of %1</source>
        <translation>Fracción propia de %1</translation>
    </message>
    <message>
        <source>“%1” does not do: &amp; lies inside the count and before a, as in 3/5 and 4/5.</source>
        <translation>«%1» no sirve: &amp; está dentro de la cuenta y antes de a, como en 3/5 y 4/5.</translation>
    </message>
    <message>
        <source>own fractions</source>
        <translation>fracciones propias</translation>
    </message>
    <message>
        <source>Own notes</source>
        <translation>Notas propias</translation>
    </message>
    <message>
        <source>own notes</source>
        <translation>notas propias</translation>
    </message>
    <message>
        <source>No versions are kept yet; the bench makes them.</source>
        <translation>Aún no hay versiones guardadas; el banco las hace.</translation>
    </message>
    <message>
        <source>Versions that are kept</source>
        <translation>Versiones guardadas</translation>
    </message>
    <message>
        <source>Name of a version</source>
        <translation>Nombre de una versión</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>name of a version</source>
        <translation>nombre de una versión</translation>
    </message>
    <message>
        <source>take a version out</source>
        <translation>quitar una versión</translation>
    </message>
</context>
<context>
    <name>lc::app::ChainPage</name>
    <message>
        <source>Figures one after another</source>
        <translation>Figuras una tras otra</translation>
    </message>
    <message>
        <source>names with / between, such as: Vine and touch / Step, half turn / Vine and touch</source>
        <translation>nombres con / en medio, como: Vine y touch / Paso, medio giro / Vine y touch</translation>
    </message>
    <message>
        <source>Names of figures with / between; “this” is the chosen one</source>
        <translation>Nombres de figuras con / en medio; «this» es la elegida</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Uniones</translation>
    </message>
    <message>
        <source>this</source>
        <translation>esta</translation>
    </message>
    <message>
        <source>There is no figure “%1”. Write names as they stand in the list, with / between.</source>
        <translation>No hay figura «%1». Escriba los nombres como están en la lista, con / en medio.</translation>
    </message>
    <message>
        <source>Write which figures follow one another.</source>
        <translation>Escriba qué figuras se siguen.</translation>
    </message>
    <message>
        <source>%1 in all, %2; %3.</source>
        <translation>%1 en total, %2; %3.</translation>
    </message>
    <message>
        <source>then a 1 again</source>
        <translation>luego otra vez un 1</translation>
    </message>
    <message>
        <source>%1 to the next 1</source>
        <translation>%1 hasta el próximo 1</translation>
    </message>
    <message>
        <source>every joint fits</source>
        <translation>todas las uniones encajan</translation>
    </message>
    <message>
        <source>one joint breaks</source>
        <translation>una unión se rompe</translation>
    </message>
    <message>
        <source>%1 joints break</source>
        <translation>%1 uniones se rompen</translation>
    </message>
</context>
<context>
    <name>lc::app::CommandBox</name>
    <message>
        <source>Do anything: “pass 6”   Ctrl+K</source>
        <translation>Haga lo que sea: «pasada 6»   Ctrl+K</translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation>Haga lo que sea</translation>
    </message>
    <message>
        <source>Commands and places: type “restart”, “pass 4”, “chorus 2”, “count 97” (Ctrl+K)</source>
        <translation>Órdenes y lugares: escriba «restart», «pasada 4», «estribillo 2», «cuenta 97» (Ctrl+K)</translation>
    </message>
    <message>
        <source>Nothing is called that.</source>
        <translation>Nada se llama así.</translation>
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
        <translation>ahora</translation>
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
        <translation>aún sin contar</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>aún sin canción</translation>
    </message>
    <message>
        <source>before count 1</source>
        <translation>antes de la cuenta 1</translation>
    </message>
    <message>
        <source>after the song</source>
        <translation>después de la canción</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>pick-up</source>
        <translation>anacrusa</translation>
    </message>
    <message>
        <source>bar %1, beat %2</source>
        <translation>compás %1, pulso %2</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>pasada %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>facing %1</source>
        <translation>mirando a las %1</translation>
    </message>
    <message>
        <source>%1, dancers say %2</source>
        <translation>%1, los bailarines dicen %2</translation>
    </message>
    <message>
        <source>tag, %1 left</source>
        <translation>tag, quedan %1</translation>
    </message>
    <message>
        <source>Pass %1, face %2</source>
        <translation>Pasada %1, mira %2</translation>
    </message>
    <message>
        <source>in %1, %2 foot free</source>
        <translation>en %1, pie %2 libre</translation>
    </message>
    <message>
        <source>restart, in %1</source>
        <translation>restart, en %1</translation>
    </message>
    <message>
        <source>The end</source>
        <translation>El final</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>Count bar</source>
        <translation>Barra de cuentas</translation>
    </message>
    <message>
        <source>next</source>
        <translation>después</translation>
    </message>
    <message>
        <source>off</source>
        <translation>no</translation>
    </message>
    <message>
        <source>on</source>
        <translation>sí</translation>
    </message>
    <message>
        <source>Loop</source>
        <translation>Bucle</translation>
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
        <translation>− y +</translation>
    </message>
    <message>
        <source>Voice</source>
        <translation>Voz</translation>
    </message>
    <message>
        <source>Clicks</source>
        <translation>Clics</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>Play or pause (Space)</source>
        <translation>Reproducir o pausar (Espacio)</translation>
    </message>
    <message>
        <source>Loop this pass, or stop looping (O)</source>
        <translation>Repetir esta pasada o dejar de repetirla (O)</translation>
    </message>
    <message>
        <source>Slower by 5 % (−)</source>
        <translation>Un 5 % más lento (−)</translation>
    </message>
    <message>
        <source>Faster by 5 % (+)</source>
        <translation>Un 5 % más rápido (+)</translation>
    </message>
    <message>
        <source>Clicks on the counts, on or off (V)</source>
        <translation>Clics en las cuentas, sí o no (V)</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Reproducir</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Más lento</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>Más rápido</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
</context>
<context>
    <name>lc::app::DesktopLink</name>
    <message>
        <source>The song plays</source>
        <translation>Suena la canción</translation>
    </message>
</context>
<context>
    <name>lc::app::DocumentSession</name>
    <message>
        <source>take the dance of the hand-out</source>
        <translation>tomar el baile de la hoja</translation>
    </message>
    <message>
        <source>bring back an earlier version</source>
        <translation>recuperar una versión anterior</translation>
    </message>
</context>
<context>
    <name>lc::app::DoubtsList</name>
    <message>
        <source>Doubts</source>
        <translation>Dudas</translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation>%1 abiertas</translation>
    </message>
    <message>
        <source>None. The song is clear, or you have said what was not.</source>
        <translation>Ninguna. La canción está clara, o usted ha dicho lo que no lo estaba.</translation>
    </message>
    <message>
        <source>The whole song</source>
        <translation>Toda la canción</translation>
    </message>
    <message>
        <source>At %1</source>
        <translation>En %1</translation>
    </message>
    <message>
        <source>%1  %2: %3</source>
        <translation>%1  %2: %3</translation>
    </message>
    <message numerus="yes">
        <source>%n less likely</source>
        <translation>
            <numerusform>%n menos probable</numerusform>
            <numerusform>%n menos probables</numerusform>
        </translation>
    </message>
    <message>
        <source>Hear it</source>
        <translation>Oírlo</translation>
    </message>
    <message>
        <source>Four bars of the chosen reading, with clicks; Space stops</source>
        <translation>Cuatro compases de la lectura elegida, con clics; Espacio para</translation>
    </message>
    <message>
        <source>Accept</source>
        <translation>Aceptar</translation>
    </message>
    <message>
        <source>State the chosen reading; the rest is worked out again around it</source>
        <translation>Indicar la lectura elegida; el resto se recalcula alrededor</translation>
    </message>
</context>
<context>
    <name>lc::app::DrillPage</name>
    <message>
        <source>Both sides</source>
        <translation>Ambos lados</translation>
    </message>
    <message>
        <source>Adds the other side, so that both feet begin as often</source>
        <translation>Añade el otro lado, para que ambos pies empiecen igual de veces</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Oír</translation>
    </message>
    <message>
        <source>All of it with clicks, steps and spoken counts</source>
        <translation>Todo con clics, pasos y cuentas habladas</translation>
    </message>
    <message>
        <source>Repetitions</source>
        <translation>Repeticiones</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>como está escrito</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation>Escriba antes las cuentas de la figura.</translation>
    </message>
    <message>
        <source>Say how often what is danced.</source>
        <translation>Diga cuántas veces se baila qué.</translation>
    </message>
    <message>
        <source>Begins %1× left, %2× right</source>
        <translation>Empieza %1× izquierda, %2× derecha</translation>
    </message>
    <message>
        <source>%1: %2 at %3 s.</source>
        <translation>%1: %2 a %3 s.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1: the %2 is less used, “Both sides” adds it.</source>
        <translation>%1: el %2 se usa menos, «Ambos lados» lo añade.</translation>
    </message>
    <message>
        <source>Keep versions on the bench to drill them here.</source>
        <translation>Guarde versiones en el banco para practicarlas aquí.</translation>
    </message>
    <message>
        <source>%1×: %2, %3 changes, %4</source>
        <translation>%1×: %2, %3 cambios, %4</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>encaja</translation>
    </message>
    <message>
        <source>In sets: %1.</source>
        <translation>En grupos: %1.</translation>
    </message>
    <message>
        <source>How often, in row %1</source>
        <translation>Cuántas veces, en la fila %1</translation>
    </message>
    <message>
        <source>What is danced, in row %1</source>
        <translation>Qué se baila, en la fila %1</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureColumn</name>
    <message>
        <source>Findings of the figure</source>
        <translation>Avisos de la figura</translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation>Nada que avisar aún.</translation>
    </message>
    <message>
        <source>Choose a figure at the left, or begin a new one.</source>
        <translation>Elija una figura a la izquierda o empiece una nueva.</translation>
    </message>
    <message>
        <source>Everything fits.</source>
        <translation>Todo encaja.</translation>
    </message>
    <message>
        <source>Type its counts as you say them: 1 side R 2 close L 3 side R 4 touch L.</source>
        <translation>Escriba sus cuentas como las dice: 1 side R 2 close L 3 side R 4 touch L.</translation>
    </message>
    <message>
        <source>Feet, counts and roles agree.</source>
        <translation>Pies, cuentas y roles concuerdan.</translation>
    </message>
    <message>
        <source>The answers stand under the line.</source>
        <translation>Las respuestas están bajo la línea.</translation>
    </message>
    <message>
        <source>Do it; undo takes it back</source>
        <translation>Hacerlo; Deshacer lo revierte</translation>
    </message>
    <message>
        <source>Where it would fit</source>
        <translation>Dónde encajaría</translation>
    </message>
    <message>
        <source>yes: %1 free</source>
        <translation>sí: %1 libre</translation>
    </message>
    <message>
        <source>no: %1</source>
        <translation>no: %1</translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation>dos veces seguidas</translation>
    </message>
    <message>
        <source>before %1</source>
        <translation>antes de %1</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Límites</translation>
    </message>
    <message>
        <source>yours, at %1 bpm</source>
        <translation>los suyos, a %1 bpm</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>límite</translation>
    </message>
    <message>
        <source>own limit</source>
        <translation>límite propio</translation>
    </message>
    <message>
        <source>quickest step %L1 s</source>
        <translation>paso más rápido %L1 s</translation>
    </message>
    <message>
        <source>fastest turn %1°/s</source>
        <translation>giro más rápido %1°/s</translation>
    </message>
    <message>
        <source>Counting</source>
        <translation>Contar</translation>
    </message>
    <message>
        <source>of the routine</source>
        <translation>de la coreografía</translation>
    </message>
    <message>
        <source>A count for</source>
        <translation>Una cuenta por</translation>
    </message>
    <message>
        <source>each beat</source>
        <translation>cada pulso</translation>
    </message>
    <message>
        <source>each half beat</source>
        <translation>cada medio pulso</translation>
    </message>
    <message>
        <source>two beats</source>
        <translation>dos pulsos</translation>
    </message>
    <message>
        <source>each bar</source>
        <translation>cada compás</translation>
    </message>
    <message>
        <source>each group of a bar</source>
        <translation>cada grupo de un compás</translation>
    </message>
    <message>
        <source>What of the music one count stands for: 7/8 as 3+2+2 is counted long, short, short by its groups</source>
        <translation>A qué equivale una cuenta en la música: 7/8 como 3+2+2 se cuenta largo, corto, corto por sus grupos</translation>
    </message>
    <message>
        <source>Bars to a set</source>
        <translation>Compases por grupo</translation>
    </message>
    <message>
        <source>After how many bars dancers say 1 again</source>
        <translation>Después de cuántos compases los bailarines vuelven a decir 1</translation>
    </message>
    <message>
        <source>a count for</source>
        <translation>una cuenta por</translation>
    </message>
    <message>
        <source>bars to a set</source>
        <translation>compases por grupo</translation>
    </message>
    <message>
        <source>Feel of the routine</source>
        <translation>Subdivisión de la coreografía</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>recto</translation>
    </message>
    <message>
        <source>swung</source>
        <translation>con swing</translation>
    </message>
    <message>
        <source>rolling, thirds</source>
        <translation>rodado, tercios</translation>
    </message>
    <message>
        <source>rolling, quarters</source>
        <translation>rodado, cuartos</translation>
    </message>
    <message>
        <source>&amp; and a</source>
        <translation>&amp; y a</translation>
    </message>
    <message>
        <source>“%1” is not a length of a step. Write 2, 1 or 1/2.</source>
        <translation>«%1» no es la duración de un paso. Escriba 2, 1 o 1/2.</translation>
    </message>
    <message>
        <source>slow, quick</source>
        <translation>lento, rápido</translation>
    </message>
    <message>
        <source>Counts of a slow step</source>
        <translation>Cuentas de un paso lento</translation>
    </message>
    <message>
        <source>Counts of a quick step</source>
        <translation>Cuentas de un paso rápido</translation>
    </message>
    <message>
        <source>with weight</source>
        <translation>con peso</translation>
    </message>
    <message>
        <source>without weight</source>
        <translation>sin peso</translation>
    </message>
    <message>
        <source>A choice of your school; “stomp-up” never takes weight</source>
        <translation>Una elección de su escuela; «stomp-up» nunca toma peso</translation>
    </message>
    <message>
        <source>stomp and stamp</source>
        <translation>stomp y stamp</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Precauciones</translation>
    </message>
    <message>
        <source>A qualified teacher and the rules of the house come first.</source>
        <translation>Un profesor cualificado y las normas de la sala van primero.</translation>
    </message>
    <message>
        <source>In the routine</source>
        <translation>En la coreografía</translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation>bailada %1×</translation>
    </message>
    <message>
        <source>not danced yet</source>
        <translation>aún sin bailar</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Parte</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>parte %1</translation>
    </message>
    <message>
        <source>Add to</source>
        <translation>Añadir a</translation>
    </message>
    <message>
        <source>At the end of the part</source>
        <translation>Al final de la parte</translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation>No es como en el repertorio: %1.</translation>
    </message>
    <message>
        <source>Give it to the vocabulary</source>
        <translation>Darla al repertorio</translation>
    </message>
    <message>
        <source>The vocabulary has it as it is here</source>
        <translation>El repertorio la tiene entonces como aquí</translation>
    </message>
    <message>
        <source>Take it from the vocabulary</source>
        <translation>Tomarla del repertorio</translation>
    </message>
    <message>
        <source>The routine has it as the vocabulary does</source>
        <translation>La coreografía la tiene entonces como el repertorio</translation>
    </message>
    <message>
        <source>Twice in the vocabulary</source>
        <translation>Dos veces en el repertorio</translation>
    </message>
    <message>
        <source>“%1” has the same name or the same lines.</source>
        <translation>«%1» tiene el mismo nombre o las mismas líneas.</translation>
    </message>
    <message>
        <source>Make them one</source>
        <translation>Hacerlas una</translation>
    </message>
    <message>
        <source>This one stays and takes the other&apos;s names, tags, notes and versions</source>
        <translation>Esta se queda y toma los nombres, palabras clave, notas y versiones de la otra</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureDesk</name>
    <message>
        <source>The vocabulary may only be read here: figures can be taken into a routine, and what you change in them stays in the routine.</source>
        <translation>El repertorio solo se puede leer aquí: puede llevar figuras a una coreografía, y lo que cambie en ellas queda en la coreografía.</translation>
    </message>
    <message>
        <source>The vocabulary may only be read here, so this figure stays as it is. Take it into the routine and change it there.</source>
        <translation>El repertorio solo se puede leer aquí, así que esta figura se queda como está. Llévela a la coreografía y cámbiela allí.</translation>
    </message>
    <message>
        <source>%1, as typed here</source>
        <translation>%1, como se escribió aquí</translation>
    </message>
    <message>
        <source>“%1” was changed by another window in the meantime. What you typed is kept beside it as “%2”.</source>
        <translation>Otra ventana cambió «%1» mientras tanto. Lo que usted escribió se guarda al lado como «%2».</translation>
    </message>
    <message>
        <source>“%1” is in the routine alone: the vocabulary cannot be written.</source>
        <translation>«%1» está solo en la coreografía: no se puede escribir en el repertorio.</translation>
    </message>
    <message>
        <source>“%1” and “%2” are one figure now: “%1”. Undo takes them apart again.</source>
        <translation>«%1» y «%2» son ahora una sola figura: «%1». Deshacer las separa.</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>colocar %1</translation>
    </message>
    <message>
        <source>as in the vocabulary</source>
        <translation>como en el repertorio</translation>
    </message>
    <message>
        <source>“%1” is in the vocabulary now.</source>
        <translation>«%1» está ahora en el repertorio.</translation>
    </message>
    <message>
        <source>Figures that came in from %1: %2.</source>
        <translation>Figuras que entraron de %1: %2.</translation>
    </message>
    <message>
        <source>There are no figures to paste. Copy one first: choose it in the list.</source>
        <translation>No hay figuras que pegar. Copie antes una: elíjala en la lista.</translation>
    </message>
    <message>
        <source>Figures pasted: %1.</source>
        <translation>Figuras pegadas: %1.</translation>
    </message>
    <message>
        <source>Figures written to %1: %2.</source>
        <translation>Figuras escritas en %1: %2.</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureEditor</name>
    <message>
        <source>straight: &amp; is ½</source>
        <translation>recto: &amp; es ½</translation>
    </message>
    <message>
        <source>swung: &amp; and a are ⅔</source>
        <translation>con swing: &amp; y a son ⅔</translation>
    </message>
    <message>
        <source>rolling by thirds: &amp; ⅓, a ⅔</source>
        <translation>rodado por tercios: &amp; ⅓, a ⅔</translation>
    </message>
    <message>
        <source>rolling by quarters: &amp; ½, a ¾</source>
        <translation>rodado por cuartos: &amp; ½, a ¾</translation>
    </message>
    <message>
        <source>own fractions …</source>
        <translation>fracciones propias…</translation>
    </message>
    <message>
        <source>Name of the figure</source>
        <translation>Nombre de la figura</translation>
    </message>
    <message>
        <source>What the figure is called; click to change it</source>
        <translation>Cómo se llama la figura; clic para cambiarlo</translation>
    </message>
    <message>
        <source>Counts it is said to have</source>
        <translation>Cuentas que dice tener</translation>
    </message>
    <message>
        <source>How many counts it is said to have; empty for as many as it has</source>
        <translation>Cuántas cuentas dice tener; vacío para las que tenga</translation>
    </message>
    <message>
        <source>“%1” is not a number of counts. Write 6, 12 or 13/2, or leave it empty.</source>
        <translation>«%1» no es un número de cuentas. Escriba 6, 12 o 13/2, o déjelo vacío.</translation>
    </message>
    <message>
        <source>length of the figure</source>
        <translation>duración de la figura</translation>
    </message>
    <message>
        <source>Feel</source>
        <translation>Subdivisión</translation>
    </message>
    <message>
        <source>What &amp; and a are worth in this figure</source>
        <translation>Cuánto valen &amp; y a en esta figura</translation>
    </message>
    <message>
        <source>feel of the routine</source>
        <translation>subdivisión de la coreografía</translation>
    </message>
    <message>
        <source>Say it as</source>
        <translation>Decirla en</translation>
    </message>
    <message>
        <source>How its counts are said and spoken</source>
        <translation>Cómo se dicen y se hablan sus cuentas</translation>
    </message>
    <message>
        <source>Begins on</source>
        <translation>Empieza en</translation>
    </message>
    <message>
        <source>The music count on which its count 1 falls</source>
        <translation>La cuenta de la música en la que cae su cuenta 1</translation>
    </message>
    <message>
        <source>Seen from the front</source>
        <translation>Visto de frente</translation>
    </message>
    <message>
        <source>Left and right as a viewer sees them</source>
        <translation>Izquierda y derecha como las ve quien mira</translation>
    </message>
    <message>
        <source>Claps and arms</source>
        <translation>Palmas y brazos</translation>
    </message>
    <message>
        <source>What goes on beside the feet: shown, or kept for later</source>
        <translation>Lo que pasa aparte de los pies: a la vista o para más tarde</translation>
    </message>
    <message>
        <source>feel of the figure</source>
        <translation>subdivisión de la figura</translation>
    </message>
    <message>
        <source>A figure has at most 8 roles.</source>
        <translation>Una figura tiene 8 roles como máximo.</translation>
    </message>
    <message>
        <source>another role</source>
        <translation>otro rol</translation>
    </message>
    <message>
        <source>This line cannot be read to its end yet; mend it first.</source>
        <translation>Esta línea aún no se puede leer hasta el final; arréglela antes.</translation>
    </message>
    <message>
        <source>copy to the partner</source>
        <translation>copiar a la pareja</translation>
    </message>
    <message>
        <source>Name of a role</source>
        <translation>Nombre de un rol</translation>
    </message>
    <message>
        <source>Who dances this line; delete the name to take the line out</source>
        <translation>Quién baila esta línea; borre el nombre para quitar la línea</translation>
    </message>
    <message>
        <source>1 side R 2 close L 3 side R 4 touch L</source>
        <translation>1 side R 2 close L 3 side R 4 touch L</translation>
    </message>
    <message>
        <source>A figure keeps at least one line.</source>
        <translation>Una figura conserva al menos una línea.</translation>
    </message>
    <message>
        <source>“%1” has a line already.</source>
        <translation>«%1» ya tiene una línea.</translation>
    </message>
    <message>
        <source>name of a role</source>
        <translation>nombre de un rol</translation>
    </message>
    <message>
        <source>From the front: %1</source>
        <translation>De frente: %1</translation>
    </message>
    <message>
        <source>Read as: %1</source>
        <translation>Se lee como: %1</translation>
    </message>
    <message>
        <source>Write it so: F12</source>
        <translation>Escribirla así: F12</translation>
    </message>
    <message>
        <source>Puts what was read, in the notation, in the place of the line</source>
        <translation>Pone lo que se leyó, en notación, en lugar de la línea</translation>
    </message>
    <message>
        <source>At character %1: %2</source>
        <translation>En el carácter %1: %2</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free  (read so now)</source>
        <translation>%1: %2, luego %3 libre  (así se lee)</translation>
    </message>
    <message>
        <source>%1: %2, then %3 free</source>
        <translation>%1: %2, luego %3 libre</translation>
    </message>
    <message>
        <source>Keeps the word with this meaning: here and from now on the line is read as %1</source>
        <translation>Conserva la palabra con este significado: aquí y desde ahora la línea se lee como %1</translation>
    </message>
    <message>
        <source>Writes it so that only this is meant: %1</source>
        <translation>Lo escribe para que solo signifique esto: %1</translation>
    </message>
    <message>
        <source>answer a question</source>
        <translation>responder a una pregunta</translation>
    </message>
    <message>
        <source>nothing written yet, said to have</source>
        <translation>nada escrito aún, dice tener</translation>
    </message>
    <message>
        <source>%1, said to have</source>
        <translation>%1, dice tener</translation>
    </message>
    <message>
        <source>No figure is chosen. Choose one at the left, or begin a new one with Ctrl+Shift+N.</source>
        <translation>No hay figura elegida. Elija una a la izquierda o empiece una nueva con Ctrl+Mayús+N.</translation>
    </message>
    <message>
        <source>Not as in the vocabulary: %1.</source>
        <translation>No es como en el repertorio: %1.</translation>
    </message>
    <message>
        <source>Line of %1</source>
        <translation>Línea de %1</translation>
    </message>
    <message>
        <source>read to %1</source>
        <translation>leído hasta %1</translation>
    </message>
    <message>
        <source>read: 1 step</source>
        <translation>leído: 1 paso</translation>
    </message>
    <message>
        <source>read: %1 steps</source>
        <translation>leído: %1 pasos</translation>
    </message>
    <message>
        <source>a question</source>
        <translation>una pregunta</translation>
    </message>
    <message>
        <source>as the routine</source>
        <translation>como la coreografía</translation>
    </message>
    <message>
        <source>begins on %1</source>
        <translation>empieza en %1</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>cuentas</translation>
    </message>
    <message>
        <source>weight changes</source>
        <translation>cambios</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>empieza con</translation>
    </message>
    <message>
        <source>free at the end</source>
        <translation>luego libre</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>giro</translation>
    </message>
    <message>
        <source>travels</source>
        <translation>recorrido</translation>
    </message>
    <message>
        <source>breaks on</source>
        <translation>break en</translation>
    </message>
    <message>
        <source>ends</source>
        <translation>acaba</translation>
    </message>
    <message>
        <source>meets</source>
        <translation>coincide</translation>
    </message>
    <message>
        <source>either</source>
        <translation>cualquiera</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>igual</translation>
    </message>
    <message>
        <source>the other</source>
        <translation>el otro</translation>
    </message>
    <message>
        <source>■ end</source>
        <translation>■ final</translation>
    </message>
    <message>
        <source>□ misses</source>
        <translation>□ falla</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureList</name>
    <message>
        <source>Figures</source>
        <translation>Figuras</translation>
    </message>
    <message>
        <source>6 counts, left foot free, ends open</source>
        <translation>6 cuentas, pie izquierdo libre, acaba abierto</translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation>Buscar en las figuras</translation>
    </message>
    <message>
        <source>Counts, feet, positions, turns, or words of any field (Ctrl+F)</source>
        <translation>Cuentas, pies, posiciones, giros o palabras de cualquier campo (Ctrl+F)</translation>
    </message>
    <message>
        <source>No figures yet. Begin with a new one, or bring figures in from a file.</source>
        <translation>Aún no hay figuras. Empiece con una nueva o traiga figuras de un archivo.</translation>
    </message>
    <message>
        <source>No figure is like that. Take a word out of the search.</source>
        <translation>Ninguna figura es así. Quite una palabra de la búsqueda.</translation>
    </message>
    <message>
        <source>%1, by name   Ctrl+F</source>
        <translation>%1, por nombre   Ctrl+F</translation>
    </message>
    <message>
        <source>%1 of %2   Ctrl+F</source>
        <translation>%1 de %2   Ctrl+F</translation>
    </message>
</context>
<context>
    <name>lc::app::FigureListModel</name>
    <message>
        <source>in the routine</source>
        <translation>en la coreografía</translation>
    </message>
    <message>
        <source>danced %1×</source>
        <translation>bailada %1×</translation>
    </message>
    <message>
        <source>other than the vocabulary</source>
        <translation>distinta del repertorio</translation>
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
        <translation>una pasada</translation>
    </message>
    <message>
        <source>%1 passes</source>
        <translation>%1 pasadas</translation>
    </message>
    <message>
        <source>New routine</source>
        <translation>Coreografía nueva</translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation>Abrir una coreografía</translation>
    </message>
    <message>
        <source>Routines and hand-outs (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)</source>
        <translation>Coreografías y hojas (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>«%1» tiene cambios sin guardar.</translation>
    </message>
    <message>
        <source>Save them before going on?</source>
        <translation>¿Guardarlos antes de seguir?</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>Throw them away</source>
        <translation>Descartarlos</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Volver</translation>
    </message>
    <message>
        <source>The file was changed by another window or program since it was opened here.</source>
        <translation>El archivo fue cambiado por otra ventana u otro programa desde que se abrió aquí.</translation>
    </message>
    <message>
        <source>Saving here would put this version over the other.</source>
        <translation>Guardar aquí pondría esta versión sobre la otra.</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Guardar con otro nombre</translation>
    </message>
    <message>
        <source>Overwrite</source>
        <translation>Sobrescribir</translation>
    </message>
    <message>
        <source>Save the routine</source>
        <translation>Guardar la coreografía</translation>
    </message>
    <message>
        <source>routine</source>
        <translation>coreografía</translation>
    </message>
    <message>
        <source>Routines (*.liftcount)</source>
        <translation>Coreografías (*.liftcount)</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>aún sin canción</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>con «%1»</translation>
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
        <translation>%1 más</translation>
    </message>
    <message>
        <source>%1, or %2</source>
        <translation>%1 o %2</translation>
    </message>
    <message>
        <source>Fill the phrase</source>
        <translation>Llenar la frase</translation>
    </message>
    <message>
        <source>fill</source>
        <translation>llenar</translation>
    </message>
    <message>
        <source>Counts to fill after the part</source>
        <translation>Cuentas que llenar después de la parte</translation>
    </message>
    <message>
        <source>counts after the part</source>
        <translation>cuentas después de la parte</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Opciones</translation>
    </message>
    <message>
        <source>Which figures may be used, and how they are to end</source>
        <translation>Qué figuras se pueden usar y cómo deben acabar</translation>
    </message>
    <message>
        <source>and leave</source>
        <translation>y dejan</translation>
    </message>
    <message>
        <source>The foot that is free afterwards</source>
        <translation>El pie que queda libre después</translation>
    </message>
    <message>
        <source>the foot its count 1 needs</source>
        <translation>el pie que necesita su cuenta 1</translation>
    </message>
    <message>
        <source>the left foot free</source>
        <translation>el pie izquierdo libre</translation>
    </message>
    <message>
        <source>the right foot free</source>
        <translation>el pie derecho libre</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>cualquier pie</translation>
    </message>
    <message>
        <source>turning</source>
        <translation>girando</translation>
    </message>
    <message>
        <source>How much is turned in all</source>
        <translation>Cuánto se gira en total</translation>
    </message>
    <message>
        <source>as it comes</source>
        <translation>como salga</translation>
    </message>
    <message>
        <source>not</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>figures of</source>
        <translation>figuras de</translation>
    </message>
    <message>
        <source>Lengths of figures that may be used</source>
        <translation>Duraciones de las figuras que se pueden usar</translation>
    </message>
    <message>
        <source>Counts with commas, such as 6, 8; empty = any</source>
        <translation>Cuentas con comas, como 6, 8; vacío = cualquiera</translation>
    </message>
    <message>
        <source>any</source>
        <translation>cualquiera</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>cuentas</translation>
    </message>
    <message>
        <source>each at most</source>
        <translation>cada una como mucho</translation>
    </message>
    <message>
        <source>How often a figure may come</source>
        <translation>Cuántas veces puede aparecer una figura</translation>
    </message>
    <message>
        <source>times</source>
        <translation>veces</translation>
    </message>
    <message>
        <source>Levels of figures that may be used</source>
        <translation>Niveles de las figuras que se pueden usar</translation>
    </message>
    <message>
        <source>twice in a row</source>
        <translation>dos veces seguidas</translation>
    </message>
    <message>
        <source>May a figure follow itself?</source>
        <translation>¿Puede una figura seguirse a sí misma?</translation>
    </message>
    <message>
        <source>of this routine only</source>
        <translation>solo de esta coreografía</translation>
    </message>
    <message>
        <source>Leave the vocabulary&apos;s other figures out</source>
        <translation>Dejar fuera las demás figuras del repertorio</translation>
    </message>
    <message>
        <source>any level</source>
        <translation>cualquier nivel</translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation>solo %1</translation>
    </message>
    <message>
        <source>Different figures: %1. Lengths: %2. They start on: %3.</source>
        <translation>Figuras distintas: %1. Duraciones: %2. Empiezan en: %3.</translation>
    </message>
    <message>
        <source>%1 from these lengths: %2.</source>
        <translation>%1 con estas duraciones: %2.</translation>
    </message>
    <message>
        <source>No figures at hand have lengths that make %1.</source>
        <translation>Ninguna figura a mano tiene duraciones que sumen %1.</translation>
    </message>
    <message>
        <source>None fits the feet, the holds and the turn wanted: ask for either foot, or another turn.</source>
        <translation>Ninguna encaja con los pies, los agarres y el giro pedido: pida cualquier pie u otro giro.</translation>
    </message>
    <message>
        <source>None keeps the limits of variety: allow figures more often.</source>
        <translation>Ninguna cumple los límites de variedad: permita figuras más veces.</translation>
    </message>
    <message>
        <source>%L1 in all fit the feet and holds</source>
        <translation>%L1 en total encajan con los pies y los agarres</translation>
    </message>
    <message>
        <source>More than can be counted fit the feet and holds</source>
        <translation>Más de las que se pueden contar encajan con los pies y los agarres</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1; %2 of them are shown, of every number of figures.</source>
        <translation>%1; se muestran %2, de cada número de figuras.</translation>
    </message>
    <message>
        <source>count %1 on the %2 of figure %3</source>
        <translation>cuenta %1 en el %2 de la figura %3</translation>
    </message>
    <message>
        <source>The 1s of the music: %1.</source>
        <translation>Los 1 de la música: %1.</translation>
    </message>
    <message>
        <source>only where it begins</source>
        <translation>solo donde empieza</translation>
    </message>
    <message>
        <source>None in figure %1.</source>
        <translation>Ninguno en la figura %1.</translation>
    </message>
    <message>
        <source>fill the phrase</source>
        <translation>llenar la frase</translation>
    </message>
</context>
<context>
    <name>lc::app::FillersPage</name>
    <message>
        <source>Fill</source>
        <translation>Llenar</translation>
    </message>
    <message>
        <source>Counts to fill</source>
        <translation>Cuentas que llenar</translation>
    </message>
    <message>
        <source>Up to</source>
        <translation>Hasta</translation>
    </message>
    <message>
        <source>Back to a 1, or to the count on which the figure began, so that it breaks on the same count again</source>
        <translation>De vuelta a un 1, o a la cuenta en que empezó la figura, para que el break caiga otra vez en la misma</translation>
    </message>
    <message>
        <source>to the 1</source>
        <translation>al 1</translation>
    </message>
    <message>
        <source>to its start count</source>
        <translation>a su cuenta inicial</translation>
    </message>
    <message>
        <source>and leave free</source>
        <translation>y dejar libre</translation>
    </message>
    <message>
        <source>Foot that is free after it</source>
        <translation>Pie que queda libre después</translation>
    </message>
    <message>
        <source>the foot it begins with</source>
        <translation>el pie con que empieza</translation>
    </message>
    <message>
        <source>the left foot</source>
        <translation>el pie izquierdo</translation>
    </message>
    <message>
        <source>the right foot</source>
        <translation>el pie derecho</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>cualquier pie</translation>
    </message>
    <message>
        <source>Write it after the figure</source>
        <translation>Escribirlo después de la figura</translation>
    </message>
    <message>
        <source>The figure ends with this filler (Enter)</source>
        <translation>La figura acaba con este relleno (Intro)</translation>
    </message>
    <message>
        <source>filler</source>
        <translation>relleno</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>piezas</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>cambios</translation>
    </message>
    <message>
        <source>leaves free</source>
        <translation>deja libre</translation>
    </message>
    <message>
        <source>made of</source>
        <translation>hecho de</translation>
    </message>
    <message>
        <source>Fillers, cheapest first</source>
        <translation>Rellenos, los más baratos primero</translation>
    </message>
    <message>
        <source>Write the figure&apos;s counts first.</source>
        <translation>Escriba antes las cuentas de la figura.</translation>
    </message>
    <message>
        <source>The figure ends before a 1: nothing is left to fill. </source>
        <translation>La figura acaba antes de un 1: no queda nada que llenar. </translation>
    </message>
    <message>
        <source>%L1 in all</source>
        <translation>%L1 en total</translation>
    </message>
    <message>
        <source>more than can be counted</source>
        <translation>más de los que se pueden contar</translation>
    </message>
    <message>
        <source>Nothing here fills %1 from the %2 foot. Ask for the other foot.</source>
        <translation>Nada aquí llena %1 desde el pie %2. Pida el otro pie.</translation>
    </message>
    <message>
        <source>From the %1 foot free: %2, the fewest pieces first.</source>
        <translation>Con el pie %1 libre: %2, primero los de menos piezas.</translation>
    </message>
    <message>
        <source>bare steps</source>
        <translation>pasos sueltos</translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation>repertorio</translation>
    </message>
    <message>
        <source>add a filler</source>
        <translation>añadir un relleno</translation>
    </message>
</context>
<context>
    <name>lc::app::FindingsColumn</name>
    <message>
        <source>Findings</source>
        <translation>Avisos</translation>
    </message>
    <message>
        <source>Nothing to find yet.</source>
        <translation>Nada que avisar aún.</translation>
    </message>
    <message>
        <source>Everything lands.</source>
        <translation>Todo cae bien.</translation>
    </message>
    <message>
        <source>Place figures in a part or type its counts, and give the order of the passes; what does not land will stand here, with ways to mend it.</source>
        <translation>Coloque figuras en una parte o escriba sus cuentas, y dé el orden de las pasadas; lo que no caiga bien estará aquí, con formas de arreglarlo.</translation>
    </message>
    <message>
        <source>Every pass starts a phrase, on the foot it needs.</source>
        <translation>Cada pasada empieza una frase, con el pie que necesita.</translation>
    </message>
    <message>
        <source>Open this finding and go to its place (F8 for the next)</source>
        <translation>Abrir este aviso e ir a su lugar (F8 para el siguiente)</translation>
    </message>
    <message>
        <source>Remedy</source>
        <translation>Solución</translation>
    </message>
    <message>
        <source>Remedies</source>
        <translation>Soluciones</translation>
    </message>
    <message>
        <source>Try it on the strips; Esc takes it off</source>
        <translation>Probarlo sobre las tiras; Esc lo quita</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Aplicar</translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation>Hacerlo (Ctrl+Intro); Deshacer lo revierte</translation>
    </message>
    <message>
        <source>Or leave it, because …</source>
        <translation>O dejarlo, porque…</translation>
    </message>
    <message>
        <source>Reason for leaving this finding as it is</source>
        <translation>Motivo para dejar este aviso como está</translation>
    </message>
    <message>
        <source>Type why and press Enter: the finding is put aside and kept in the file</source>
        <translation>Escriba por qué y pulse Intro: el aviso se aparta y se guarda en el archivo</translation>
    </message>
    <message>
        <source>%1 left as they are</source>
        <translation>%1 dejados como están</translation>
    </message>
    <message>
        <source>Look at it again</source>
        <translation>Volver a mirarlo</translation>
    </message>
</context>
<context>
    <name>lc::app::FoldingColumn</name>
    <message>
        <source>Findings</source>
        <translation>Avisos</translation>
    </message>
    <message>
        <source>%1 open   F6 folds</source>
        <translation>%1 abiertos   F6 pliega</translation>
    </message>
</context>
<context>
    <name>lc::app::FramePage</name>
    <message>
        <source>Entry</source>
        <translation>Entrada</translation>
    </message>
    <message>
        <source>Counts of the entry</source>
        <translation>Cuentas de la entrada</translation>
    </message>
    <message>
        <source>close</source>
        <translation>cierre</translation>
    </message>
    <message>
        <source>Counts of the close</source>
        <translation>Cuentas del cierre</translation>
    </message>
    <message>
        <source>New figure with this body</source>
        <translation>Figura nueva con este cuerpo</translation>
    </message>
    <message>
        <source>body</source>
        <translation>cuerpo</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>cuentas</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>encaja</translation>
    </message>
    <message>
        <source>Bodies</source>
        <translation>Cuerpos</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>marco</translation>
    </message>
    <message>
        <source>Say how many counts at its head and end stay; what is between can be exchanged.</source>
        <translation>Diga cuántas cuentas se quedan al principio y al final; lo de en medio se puede cambiar.</translation>
    </message>
    <message>
        <source>Entry and close leave no room for a body.</source>
        <translation>La entrada y el cierre no dejan sitio para un cuerpo.</translation>
    </message>
    <message>
        <source>The body has %1; figures that fit: %2.</source>
        <translation>El cuerpo tiene %1; figuras que encajan: %2.</translation>
    </message>
</context>
<context>
    <name>lc::app::HandPanel</name>
    <message>
        <source>close</source>
        <translation>cierre</translation>
    </message>
    <message>
        <source>Close this strip (Escape)</source>
        <translation>Cerrar esta tira (Esc)</translation>
    </message>
</context>
<context>
    <name>lc::app::HandStatements</name>
    <message>
        <source>Put the caret on a count of the song first.</source>
        <translation>Ponga antes el cursor en una cuenta de la canción.</translation>
    </message>
    <message>
        <source>Put the caret into a bar of the song first.</source>
        <translation>Ponga antes el cursor en un compás de la canción.</translation>
    </message>
    <message>
        <source>every 1 a beat later</source>
        <translation>cada 1 un pulso más tarde</translation>
    </message>
    <message>
        <source>every 1 a beat earlier</source>
        <translation>cada 1 un pulso antes</translation>
    </message>
    <message>
        <source>The first phrase has none before it to belong to.</source>
        <translation>La primera frase no tiene otra antes a la que pertenecer.</translation>
    </message>
    <message>
        <source>no phrase starts here</source>
        <translation>aquí no empieza ninguna frase</translation>
    </message>
    <message>
        <source>twice as many beats</source>
        <translation>el doble de pulsos</translation>
    </message>
    <message>
        <source>half as many beats</source>
        <translation>la mitad de pulsos</translation>
    </message>
    <message>
        <source>nudge</source>
        <translation>desplazar</translation>
    </message>
    <message>
        <source>forget everything that was said</source>
        <translation>olvidar todo lo dicho</translation>
    </message>
</context>
<context>
    <name>lc::app::HandoutPanel</name>
    <message>
        <source>The hand-out, line by line</source>
        <translation>La hoja, línea a línea</translation>
    </message>
    <message>
        <source>Hand-out</source>
        <translation>Hoja</translation>
    </message>
    <message>
        <source>Next open line</source>
        <translation>Siguiente línea abierta</translation>
    </message>
    <message>
        <source>The next line that waits to be settled</source>
        <translation>La próxima línea por resolver</translation>
    </message>
    <message>
        <source>The rest are remarks</source>
        <translation>El resto son notas</translation>
    </message>
    <message>
        <source>Keeps each open line that says no steps as a remark of its figure</source>
        <translation>Conserva cada línea abierta sin pasos como nota de su figura</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>line</source>
        <translation>línea</translation>
    </message>
    <message>
        <source>state</source>
        <translation>estado</translation>
    </message>
    <message>
        <source>in the hand-out</source>
        <translation>en la hoja</translation>
    </message>
    <message>
        <source>read as</source>
        <translation>leído como</translation>
    </message>
    <message>
        <source>Lines of the hand-out</source>
        <translation>Líneas de la hoja</translation>
    </message>
    <message>
        <source>This routine came from no hand-out. Paste one with Ctrl+Shift+V.</source>
        <translation>Esta coreografía no viene de ninguna hoja. Pegue una con Ctrl+Mayús+V.</translation>
    </message>
    <message>
        <source>1 line</source>
        <translation>1 línea</translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation>%1 líneas</translation>
    </message>
    <message>
        <source>%1, all settled.</source>
        <translation>%1, todas resueltas.</translation>
    </message>
    <message>
        <source>%1, 1 to be settled.</source>
        <translation>%1, 1 por resolver.</translation>
    </message>
    <message>
        <source>%1, %2 to be settled.</source>
        <translation>%1, %2 por resolver.</translation>
    </message>
    <message>
        <source>? open</source>
        <translation>? abierta</translation>
    </message>
    <message>
        <source>■ settled</source>
        <translation>■ resuelta</translation>
    </message>
    <message>
        <source>agrees with the steps now</source>
        <translation>ahora concuerda con los pasos</translation>
    </message>
    <message>
        <source>as you said</source>
        <translation>como usted dijo</translation>
    </message>
    <message>
        <source>Nothing is open at this line.</source>
        <translation>No hay nada abierto en esta línea.</translation>
    </message>
    <message>
        <source>Nothing is open any more: the dance is on the strips above.</source>
        <translation>Ya no queda nada abierto: el baile está en las tiras de arriba.</translation>
    </message>
    <message>
        <source>settle line %1 of the hand-out</source>
        <translation>resolver la línea %1 de la hoja</translation>
    </message>
    <message>
        <source>keep the rest of the hand-out as remarks</source>
        <translation>conservar el resto de la hoja como notas</translation>
    </message>
</context>
<context>
    <name>lc::app::Heading</name>
    <message>
        <source>New routine</source>
        <translation>Coreografía nueva</translation>
    </message>
    <message>
        <source>Title of the routine</source>
        <translation>Título de la coreografía</translation>
    </message>
    <message>
        <source>What the routine is called; click to change it (Ctrl+T)</source>
        <translation>Cómo se llama la coreografía; clic para cambiarlo (Ctrl+T)</translation>
    </message>
    <message>
        <source>to “%1”</source>
        <translation>con «%1»</translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>counted in %1</source>
        <translation>contado en %1</translation>
    </message>
</context>
<context>
    <name>lc::app::Help</name>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Páginas del manual</translation>
    </message>
    <message>
        <source>The manual</source>
        <translation>El manual</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Atrás</translation>
    </message>
    <message>
        <source>Forward</source>
        <translation>Adelante</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>The manual is not here. It lies in the folder docs/manual of the program&apos;s sources.</source>
        <translation>El manual no está. Está en la carpeta docs/manual de las fuentes del programa.</translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation>Acerca de Lift Count</translation>
    </message>
    <message>
        <source>Lift Count %1</source>
        <translation>Lift Count %1</translation>
    </message>
    <message>
        <source>Times counted step sequences against a song.</source>
        <translation>Mide secuencias de pasos contadas sobre una canción.</translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation>Caliente, deje sitio alrededor de las patadas, descanse entre bailes completos. Un profesor cualificado y las normas de la sala van primero.</translation>
    </message>
    <message>
        <source>Licences of the program and of what ships with it</source>
        <translation>Licencias del programa y de lo que lo acompaña</translation>
    </message>
    <message>
        <source>About Qt</source>
        <translation>Acerca de Qt</translation>
    </message>
</context>
<context>
    <name>lc::app::JournalKeeper</name>
    <message>
        <source>What is not saved cannot be kept for the case that the program ends: %1 Work can go on; save it now and then.</source>
        <translation>Lo que no está guardado no se puede conservar por si el programa se cierra: %1 Puede seguir trabajando; guarde de vez en cuando.</translation>
    </message>
</context>
<context>
    <name>lc::app::KeptList</name>
    <message>
        <source>Bring back</source>
        <translation>Recuperar</translation>
    </message>
    <message>
        <source>Bring back: %1, %2</source>
        <translation>Recuperar: %1, %2</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Tirar</translation>
    </message>
    <message>
        <source>Throw away: %1, %2</source>
        <translation>Tirar: %1, %2</translation>
    </message>
</context>
<context>
    <name>lc::app::KeptWork</name>
    <message>
        <source>A routine without a title</source>
        <translation>Una coreografía sin título</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Figure “%1”</source>
        <translation>Figura «%1»</translation>
    </message>
    <message>
        <source>%1, changes to “%2”</source>
        <translation>%1, cambios en «%2»</translation>
    </message>
    <message>
        <source>“%1” was not saved when Lift Count ended: Routine, Unsaved work brings it back.</source>
        <translation>«%1» no estaba guardada cuando Lift Count se cerró: Coreografía, Trabajo sin guardar la recupera.</translation>
    </message>
    <message>
        <source>“%1” was saved again after this: save it under another name, to have both.</source>
        <translation>«%1» se guardó de nuevo después: guarde con otro nombre para tener las dos.</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Trabajo sin guardar</translation>
    </message>
    <message>
        <source>Nothing was left unsaved.</source>
        <translation>No quedó nada sin guardar.</translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended. Saved files are as they were.</source>
        <translation>Lo que no estaba guardado cuando Lift Count se cerró. Los archivos guardados están como estaban.</translation>
    </message>
    <message>
        <source>The routine has not been saved yet.</source>
        <translation>La coreografía aún no se ha guardado.</translation>
    </message>
    <message>
        <source>No earlier version of “%1” is kept.</source>
        <translation>No se conserva ninguna versión anterior de «%1».</translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation>Versiones anteriores</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Bringing one back leaves the file as it is until you save; Undo takes it away again.</source>
        <translation>Recuperar una deja el archivo como está hasta que usted guarde; Deshacer la revierte.</translation>
    </message>
</context>
<context>
    <name>lc::app::ListenStage</name>
    <message>
        <source>Open a song …</source>
        <translation>Abrir una canción…</translation>
    </message>
    <message>
        <source>Choose a sound file, or a video with sound, and count it</source>
        <translation>Elegir un archivo de sonido, o un vídeo con sonido, y contarlo</translation>
    </message>
    <message>
        <source>Find the song file …</source>
        <translation>Buscar el archivo de la canción…</translation>
    </message>
    <message>
        <source>The same recording in another place</source>
        <translation>La misma grabación en otro lugar</translation>
    </message>
    <message>
        <source>Carry the map to another recording …</source>
        <translation>Trasladar el mapa a otra grabación…</translation>
    </message>
    <message>
        <source>Another edit of the same song, or another recording: all that was said goes with it</source>
        <translation>Otra edición de la misma canción u otra grabación: todo lo dicho va con ella</translation>
    </message>
    <message>
        <source>Tap along</source>
        <translation>Marcar los pulsos</translation>
    </message>
    <message>
        <source>Opens the strip for tapping; then each press is a tap</source>
        <translation>Abre la tira para marcar; después cada pulsación es un toque</translation>
    </message>
    <message>
        <source>This is a 1</source>
        <translation>Esto es un 1</translation>
    </message>
    <message>
        <source>A bar and a set start at the caret</source>
        <translation>Un compás y un grupo empiezan en el cursor</translation>
    </message>
    <message>
        <source>This bar has … beats</source>
        <translation>Este compás tiene … pulsos</translation>
    </message>
    <message>
        <source>Beats of the bar at the caret</source>
        <translation>Pulsos del compás del cursor</translation>
    </message>
    <message>
        <source>A phrase starts here</source>
        <translation>Aquí empieza una frase</translation>
    </message>
    <message>
        <source>At the caret</source>
        <translation>En el cursor</translation>
    </message>
    <message>
        <source>Stop from here to …</source>
        <translation>Parada de aquí a…</translation>
    </message>
    <message>
        <source>Silence, its counts going on; press again at its end</source>
        <translation>Silencio, sus cuentas siguen; pulse otra vez al final</translation>
    </message>
    <message>
        <source>Type the structure</source>
        <translation>Escribir la estructura</translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place</source>
        <translation>La canción como texto, sin grabación o en su lugar</translation>
    </message>
    <message>
        <source>Mark a moment</source>
        <translation>Marcar un momento</translation>
    </message>
    <message>
        <source>A place with a name of your own, such as the big stop</source>
        <translation>Un lugar con un nombre propio, como la gran parada</translation>
    </message>
    <message>
        <source>Name this phrase</source>
        <translation>Nombrar esta frase</translation>
    </message>
    <message>
        <source>Type its name</source>
        <translation>Escribir su nombre</translation>
    </message>
    <message>
        <source>More by hand</source>
        <translation>Más a mano</translation>
    </message>
    <message>
        <source>No phrase starts here</source>
        <translation>Aquí no empieza ninguna frase</translation>
    </message>
    <message>
        <source>It belongs to the phrase before</source>
        <translation>Pertenece a la frase anterior</translation>
    </message>
    <message>
        <source>A beat is here</source>
        <translation>Aquí hay un pulso</translation>
    </message>
    <message>
        <source>Where the sound plays now, or at the caret</source>
        <translation>Donde suena ahora, o en el cursor</translation>
    </message>
    <message>
        <source>Every 1 a beat earlier</source>
        <translation>Cada 1 un pulso antes</translation>
    </message>
    <message>
        <source>Shift the 1 of the whole song</source>
        <translation>Desplazar el 1 de toda la canción</translation>
    </message>
    <message>
        <source>Every 1 a beat later</source>
        <translation>Cada 1 un pulso más tarde</translation>
    </message>
    <message>
        <source>Half as many beats</source>
        <translation>La mitad de pulsos</translation>
    </message>
    <message>
        <source>The pulse is half as fast</source>
        <translation>El pulso va a la mitad</translation>
    </message>
    <message>
        <source>Twice as many beats</source>
        <translation>El doble de pulsos</translation>
    </message>
    <message>
        <source>The pulse is twice as fast</source>
        <translation>El pulso va al doble</translation>
    </message>
    <message>
        <source>A held beat from here to …</source>
        <translation>Un pulso sostenido de aquí a…</translation>
    </message>
    <message>
        <source>One beat that lasts longer than the tempo says</source>
        <translation>Un pulso que dura más de lo que dice el tempo</translation>
    </message>
    <message>
        <source>Another metre from here to …</source>
        <translation>Otro metro de aquí a…</translation>
    </message>
    <message>
        <source>A part with bars of its own</source>
        <translation>Una parte con compases propios</translation>
    </message>
    <message>
        <source>Another tempo from here to …</source>
        <translation>Otro tempo de aquí a…</translation>
    </message>
    <message>
        <source>A part with a tempo of its own</source>
        <translation>Una parte con tempo propio</translation>
    </message>
    <message>
        <source>Every beat 5 ms earlier</source>
        <translation>Cada pulso 5 ms antes</translation>
    </message>
    <message>
        <source>Where the clicks come a little late</source>
        <translation>Donde los clics llegan un poco tarde</translation>
    </message>
    <message>
        <source>Every beat 5 ms later</source>
        <translation>Cada pulso 5 ms después</translation>
    </message>
    <message>
        <source>Where the clicks come a little early</source>
        <translation>Donde los clics llegan un poco pronto</translation>
    </message>
    <message>
        <source>Forget everything that was said</source>
        <translation>Olvidar todo lo dicho</translation>
    </message>
    <message>
        <source>The song as it was heard; undo brings it back</source>
        <translation>La canción como se oyó; Deshacer lo devuelve</translation>
    </message>
    <message>
        <source>Doubts</source>
        <translation>Dudas</translation>
    </message>
    <message>
        <source>The song has no doubts.</source>
        <translation>La canción no tiene dudas.</translation>
    </message>
    <message>
        <source>Next doubt</source>
        <translation>Duda siguiente</translation>
    </message>
    <message>
        <source>Go to its place</source>
        <translation>Ir a su lugar</translation>
    </message>
    <message>
        <source>Next reading</source>
        <translation>Lectura siguiente</translation>
    </message>
    <message>
        <source>Of the doubt at hand</source>
        <translation>De la duda actual</translation>
    </message>
    <message>
        <source>Hear the reading</source>
        <translation>Oír la lectura</translation>
    </message>
    <message>
        <source>Four bars with clicks</source>
        <translation>Cuatro compases con clics</translation>
    </message>
    <message>
        <source>Accept the reading</source>
        <translation>Aceptar la lectura</translation>
    </message>
    <message>
        <source>State it; the rest is worked out again around it</source>
        <translation>Indicarla; el resto se recalcula alrededor</translation>
    </message>
    <message>
        <source>Import a map …</source>
        <translation>Importar un mapa…</translation>
    </message>
    <message>
        <source>MIDI, CSV or labels</source>
        <translation>MIDI, CSV o etiquetas</translation>
    </message>
    <message>
        <source>Import lines of words …</source>
        <translation>Importar letra…</translation>
    </message>
    <message>
        <source>An LRC file; each line is a moment</source>
        <translation>Un archivo LRC; cada línea es un momento</translation>
    </message>
    <message>
        <source>For other programs</source>
        <translation>Para otros programas</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportar</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Escuchar</translation>
    </message>
    <message>
        <source>The song</source>
        <translation>La canción</translation>
    </message>
    <message>
        <source>&amp;Song</source>
        <translation>Ca&amp;nción</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Abrir una canción</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>A mano</translation>
    </message>
    <message>
        <source>Tap the beats or the 1s while the song plays (T)</source>
        <translation>Marcar los pulsos o los 1 mientras suena la canción (T)</translation>
    </message>
    <message>
        <source>A bar and a set start at the caret; the bars after it follow (1)</source>
        <translation>Un compás y un grupo empiezan en el cursor; los compases siguientes van detrás (1)</translation>
    </message>
    <message>
        <source>The bar at the caret has this many beats (B)</source>
        <translation>El compás del cursor tiene tantos pulsos (B)</translation>
    </message>
    <message>
        <source>This bar has …</source>
        <translation>Este compás tiene…</translation>
    </message>
    <message>
        <source>1 beat</source>
        <translation>1 pulso</translation>
    </message>
    <message>
        <source>%1 beats</source>
        <translation>%1 pulsos</translation>
    </message>
    <message>
        <source>A phrase begins with the bar at the caret (H)</source>
        <translation>Una frase empieza con el compás del cursor (H)</translation>
    </message>
    <message>
        <source>Stop from, to</source>
        <translation>Parada de, a</translation>
    </message>
    <message>
        <source>A stop, a held beat, or a part with its own metre or tempo (S)</source>
        <translation>Una parada, un pulso sostenido o una parte con metro o tempo propio (S)</translation>
    </message>
    <message>
        <source>The song as text, with no recording or in its place (Y)</source>
        <translation>La canción como texto, sin grabación o en su lugar (Y)</translation>
    </message>
    <message>
        <source>More …</source>
        <translation>Más…</translation>
    </message>
    <message>
        <source>Everything else that can be said about the song</source>
        <translation>Todo lo demás que se puede decir de la canción</translation>
    </message>
    <message>
        <source>Metre</source>
        <translation>Metro</translation>
    </message>
    <message>
        <source>Beats in a bar, for the whole song</source>
        <translation>Pulsos de un compás, para toda la canción</translation>
    </message>
    <message>
        <source>Counting the song …</source>
        <translation>Contando la canción…</translation>
    </message>
    <message>
        <source>Not counted yet</source>
        <translation>Aún sin contar</translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation>Aún sin canción</translation>
    </message>
    <message>
        <source>No steady pulse was found in this recording. Tap four beats or more while it plays, and it is counted from them; or type its phrases and their counts. It can be played as it is.</source>
        <translation>No se encontró un pulso estable en esta grabación. Marque cuatro pulsos o más mientras suena y se cuenta a partir de ellos; o escriba sus frases y sus cuentas. Se puede reproducir como está.</translation>
    </message>
    <message>
        <source>Drop a sound file on the window, or a video: it is counted into beats, bars and phrases. Or type the song&apos;s phrases and their counts.</source>
        <translation>Suelte un archivo de sonido o un vídeo en la ventana: se cuenta en pulsos, compases y frases. O escriba las frases de la canción y sus cuentas.</translation>
    </message>
    <message>
        <source>Phrase here</source>
        <translation>Frase aquí</translation>
    </message>
    <message>
        <source>Structure</source>
        <translation>Estructura</translation>
    </message>
</context>
<context>
    <name>lc::app::MainWindow</name>
    <message>
        <source>Undo: %1</source>
        <translation>Deshacer: %1</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Rehacer: %1</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Nothing here can be cut, copied or pasted. Choose passes, figures or text first.</source>
        <translation>Aquí no hay nada que cortar, copiar o pegar. Elija antes pasadas, figuras o texto.</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>aún sin guardar</translation>
    </message>
    <message>
        <source>The demo is not here. It lies in the folder demo of the program&apos;s sources.</source>
        <translation>El ejemplo no está. Está en la carpeta demo de las fuentes del programa.</translation>
    </message>
    <message>
        <source>“%1” could not be kept in the vocabulary. Make room, or copy its line; close once more to leave without it.</source>
        <translation>«%1» no se pudo guardar en el repertorio. Haga sitio o copie su línea; cierre otra vez para salir sin ella.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. What is not saved is kept, and offered when you start Lift Count again.</source>
        <translation>Algo falló que no debería: %1. Lo que no está guardado se conserva y se ofrece al volver a abrir Lift Count.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Save your work under another name and start Lift Count again.</source>
        <translation>Algo falló que no debería: %1. Guarde su trabajo con otro nombre y abra Lift Count de nuevo.</translation>
    </message>
    <message>
        <source>One file of a kind is opened at a time. Not opened: %1.</source>
        <translation>Se abre un archivo de cada tipo a la vez. Sin abrir: %1.</translation>
    </message>
    <message>
        <source>&amp;Routine</source>
        <translation>&amp;Coreografía</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Editar</translation>
    </message>
    <message>
        <source>&amp;Play</source>
        <translation>&amp;Reproducir</translation>
    </message>
    <message>
        <source>F&amp;indings</source>
        <translation>A&amp;visos</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ver</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>A&amp;yuda</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nueva</translation>
    </message>
    <message>
        <source>An empty routine</source>
        <translation>Una coreografía vacía</translation>
    </message>
    <message>
        <source>Open a routine …</source>
        <translation>Abrir una coreografía…</translation>
    </message>
    <message>
        <source>A saved routine</source>
        <translation>Una coreografía guardada</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Recientes</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Abrir el ejemplo</translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation>Un baile en línea de la sala Quarry Bank con su propia canción</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>Write the routine to its file</source>
        <translation>Escribir la coreografía en su archivo</translation>
    </message>
    <message>
        <source>Save as …</source>
        <translation>Guardar como…</translation>
    </message>
    <message>
        <source>Write the routine to another file</source>
        <translation>Escribir la coreografía en otro archivo</translation>
    </message>
    <message>
        <source>Title …</source>
        <translation>Título…</translation>
    </message>
    <message>
        <source>What the routine is called</source>
        <translation>Cómo se llama la coreografía</translation>
    </message>
    <message>
        <source>Earlier versions …</source>
        <translation>Versiones anteriores…</translation>
    </message>
    <message>
        <source>How the file was at its last saves</source>
        <translation>Cómo estaba el archivo las últimas veces que se guardó</translation>
    </message>
    <message>
        <source>Unsaved work …</source>
        <translation>Trabajo sin guardar…</translation>
    </message>
    <message>
        <source>What was not saved when Lift Count ended</source>
        <translation>Lo que no estaba guardado cuando Lift Count se cerró</translation>
    </message>
    <message>
        <source>Copy as text</source>
        <translation>Copiar como texto</translation>
    </message>
    <message>
        <source>The whole routine as text, to be sent or kept</source>
        <translation>Toda la coreografía como texto, para enviar o guardar</translation>
    </message>
    <message>
        <source>Paste a routine or a hand-out</source>
        <translation>Pegar una coreografía o una hoja</translation>
    </message>
    <message>
        <source>A routine or a hand-out that was copied as text, in the place of this one</source>
        <translation>Una coreografía u hoja copiada como texto, en lugar de esta</translation>
    </message>
    <message>
        <source>With counts together: 1-4 side, behind, side, touch</source>
        <translation>Con las cuentas juntas: 1-4 side, behind, side, touch</translation>
    </message>
    <message>
        <source>In words: side, behind, side, touch</source>
        <translation>En palabras: side, behind, side, touch</translation>
    </message>
    <message>
        <source>In the notation: 1 side 2 behind 3 side 4 touch</source>
        <translation>En la notación: 1 side 2 behind 3 side 4 touch</translation>
    </message>
    <message>
        <source>Title, sections, order, restarts and tags as text, for a mail or a page</source>
        <translation>Título, secciones, orden, restarts y tags como texto, para un correo o una página</translation>
    </message>
    <message>
        <source>Copy as a hand-out</source>
        <translation>Copiar como hoja</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Close the window</source>
        <translation>Cerrar la ventana</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>Close the window and end</source>
        <translation>Cerrar la ventana y salir</translation>
    </message>
    <message>
        <source>Take the last change back</source>
        <translation>Revertir el último cambio</translation>
    </message>
    <message>
        <source>Make the change again</source>
        <translation>Volver a hacer el cambio</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Passes, figures or text, to be pasted</source>
        <translation>Pasadas, figuras o texto, para pegar</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copiar</translation>
    </message>
    <message>
        <source>Passes, figures or text</source>
        <translation>Pasadas, figuras o texto</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Pegar</translation>
    </message>
    <message>
        <source>After what is chosen, or the pass at the caret</source>
        <translation>Después de lo elegido, o de la pasada del cursor</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Eliminar</translation>
    </message>
    <message>
        <source>What is chosen, or the pass at the caret</source>
        <translation>Lo elegido, o la pasada del cursor</translation>
    </message>
    <message>
        <source>Select all</source>
        <translation>Seleccionar todo</translation>
    </message>
    <message>
        <source>All passes, all figures of the part, all text</source>
        <translation>Todas las pasadas, todas las figuras de la parte, todo el texto</translation>
    </message>
    <message>
        <source>Write the line as it was read</source>
        <translation>Escribir la línea como se leyó</translation>
    </message>
    <message>
        <source>A line that is said in words, in the notation</source>
        <translation>Una línea dicha en palabras, en la notación</translation>
    </message>
    <message>
        <source>Go to a line of counts first (Ctrl+E).</source>
        <translation>Vaya antes a una línea de cuentas (Ctrl+E).</translation>
    </message>
    <message>
        <source>Preferences …</source>
        <translation>Preferencias…</translation>
    </message>
    <message>
        <source>Theme, size of text, language, sound, paper, limits, keys</source>
        <translation>Tema, tamaño del texto, idioma, sonido, papel, límites, teclas</translation>
    </message>
    <message>
        <source>settings options configure keys shortcuts sound device volume latency paper language theme</source>
        <translation>ajustes opciones teclas atajos sonido dispositivo volumen latencia papel idioma tema settings</translation>
    </message>
    <message>
        <source>Do anything</source>
        <translation>Haga lo que sea</translation>
    </message>
    <message>
        <source>Find a command or a place</source>
        <translation>Buscar una orden o un lugar</translation>
    </message>
    <message>
        <source>Play or pause</source>
        <translation>Reproducir o pausar</translation>
    </message>
    <message>
        <source>From the caret</source>
        <translation>Desde el cursor</translation>
    </message>
    <message>
        <source>Loop this pass</source>
        <translation>Repetir esta pasada</translation>
    </message>
    <message>
        <source>The pass at the caret, or the phrase where there is no pass; again to stop</source>
        <translation>La pasada del cursor, o la frase donde no hay pasada; otra vez para parar</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Más lento</translation>
    </message>
    <message>
        <source>By 5 %</source>
        <translation>Un 5 %</translation>
    </message>
    <message>
        <source>speed tempo bpm</source>
        <translation>velocidad tempo bpm</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>Más rápido</translation>
    </message>
    <message>
        <source>Song&apos;s own tempo</source>
        <translation>Tempo propio de la canción</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
    <message>
        <source>Clicks on the counts</source>
        <translation>Clics en las cuentas</translation>
    </message>
    <message>
        <source>On or off</source>
        <translation>Sí o no</translation>
    </message>
    <message>
        <source>metronome voice beat tick mute</source>
        <translation>metrónomo voz pulso tic silencio</translation>
    </message>
    <message>
        <source>Go to …</source>
        <translation>Ir a…</translation>
    </message>
    <message>
        <source>A pass, a phrase or a count</source>
        <translation>Una pasada, una frase o una cuenta</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Página</translation>
    </message>
    <message>
        <source>A phrase a line, parts only</source>
        <translation>Una frase por línea, solo las partes</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Tira</translation>
    </message>
    <message>
        <source>Steps as marks</source>
        <translation>Los pasos como marcas</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Pantalla completa</translation>
    </message>
    <message>
        <source>Again to leave it</source>
        <translation>Otra vez para salir</translation>
    </message>
    <message>
        <source>Legend of the step marks</source>
        <translation>Leyenda de las marcas de pasos</translation>
    </message>
    <message>
        <source>Show it or not</source>
        <translation>Mostrarla o no</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Tema</translation>
    </message>
    <message>
        <source>dark bright light night colours look</source>
        <translation>oscuro claro luz noche colores aspecto dark</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Tamaño del texto</translation>
    </message>
    <message>
        <source>larger smaller zoom big letters font</source>
        <translation>más grande pequeño zoom letras fuente</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>translation words English Deutsch français español</source>
        <translation>traducción palabras English Deutsch français español language</translation>
    </message>
    <message>
        <source>Help for this stage</source>
        <translation>Ayuda de esta pantalla</translation>
    </message>
    <message>
        <source>The manual, at the page of the stage</source>
        <translation>El manual, en la página de la pantalla</translation>
    </message>
    <message>
        <source>manual documentation how</source>
        <translation>manual documentación cómo</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Primeros pasos</translation>
    </message>
    <message>
        <source>From a song to a sheet in ten minutes</source>
        <translation>De una canción a una hoja en diez minutos</translation>
    </message>
    <message>
        <source>begin start tutorial</source>
        <translation>comienzo empezar tutorial</translation>
    </message>
    <message>
        <source>Keys of the program</source>
        <translation>Teclas del programa</translation>
    </message>
    <message>
        <source>Every command that has one</source>
        <translation>Todas las órdenes que tienen una</translation>
    </message>
    <message>
        <source>shortcuts</source>
        <translation>atajos</translation>
    </message>
    <message>
        <source>What the words mean</source>
        <translation>Qué significan las palabras</translation>
    </message>
    <message>
        <source>Pass, set, restart, tag, landing and the others</source>
        <translation>Pasada, grupo, restart, tag, caer bien y las demás</translation>
    </message>
    <message>
        <source>glossary dictionary terms</source>
        <translation>glosario diccionario términos</translation>
    </message>
    <message>
        <source>When something does not work</source>
        <translation>Cuando algo no funciona</translation>
    </message>
    <message>
        <source>No sound, no map, slow, lost</source>
        <translation>Sin sonido, sin mapa, lento, perdido</translation>
    </message>
    <message>
        <source>trouble problem error broken</source>
        <translation>avería problema error roto</translation>
    </message>
    <message>
        <source>About Lift Count</source>
        <translation>Acerca de Lift Count</translation>
    </message>
    <message>
        <source>Its version, and the licences</source>
        <translation>Su versión y las licencias</translation>
    </message>
    <message>
        <source>version licence</source>
        <translation>versión licencia</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Nothing was saved or opened yet</source>
        <translation>Aún no se ha guardado ni abierto nada</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Como el sistema</translation>
    </message>
    <message>
        <source>Bright</source>
        <translation>Claro</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Oscuro</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>count</source>
        <translation>cuenta</translation>
    </message>
    <message>
        <source>count %1</source>
        <translation>cuenta %1</translation>
    </message>
    <message>
        <source>Help: %1</source>
        <translation>Ayuda: %1</translation>
    </message>
    <message>
        <source>“%1” is open in another window, which has come to the front.</source>
        <translation>«%1» está abierta en otra ventana, que ha pasado al frente.</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>pasada</translation>
    </message>
</context>
<context>
    <name>lc::app::MendPanel</name>
    <message>
        <source>Edits of the music</source>
        <translation>Retoques de la música</translation>
    </message>
    <message>
        <source>at most, in bars</source>
        <translation>como mucho, en compases</translation>
    </message>
    <message>
        <source>Bars that one cut or repeat takes at most</source>
        <translation>Compases que ocupa como mucho un corte o repetición</translation>
    </message>
    <message>
        <source>a joint costs</source>
        <translation>una unión cuesta</translation>
    </message>
    <message>
        <source>Cost of a joint</source>
        <translation>Coste de una unión</translation>
    </message>
    <message>
        <source>each bar costs</source>
        <translation>cada compás cuesta</translation>
    </message>
    <message>
        <source>Cost of each bar left out or played again</source>
        <translation>Coste de cada compás omitido o repetido</translation>
    </message>
    <message>
        <source>I may change this recording</source>
        <translation>Puedo cambiar esta grabación</translation>
    </message>
    <message>
        <source>Whoever has the rights in a recording says what may be done with it. You say that you may; the recording itself stays as it is.</source>
        <translation>Quien tiene los derechos de una grabación dice qué se puede hacer con ella. Usted dice que puede; la grabación se queda como está.</translation>
    </message>
    <message>
        <source>Hear the joint</source>
        <translation>Oír la unión</translation>
    </message>
    <message>
        <source>Some seconds before and after it; again the next joint</source>
        <translation>Unos segundos antes y después; otra vez, la unión siguiente</translation>
    </message>
    <message>
        <source>mend the music</source>
        <translation>retocar la música</translation>
    </message>
    <message>
        <source>The dance lands as it is: the music need not be mended.</source>
        <translation>El baile cae bien como está: no hace falta retocar la música.</translation>
    </message>
    <message>
        <source>The recording is not read yet, or not where it was: its joints can be heard and written when it is.</source>
        <translation>La grabación aún no está leída, o no está donde estaba: sus uniones se pueden oír y escribir cuando lo esté.</translation>
    </message>
    <message>
        <source>The dance stays as it is. Listen to every joint before you decide: the arithmetic does not hear the singer.</source>
        <translation>El baile se queda como está. Escuche cada unión antes de decidir: el cálculo no oye a quien canta.</translation>
    </message>
    <message>
        <source>The dance stays as it is. There is no recording: only the song&apos;s structure is changed.</source>
        <translation>El baile se queda como está. No hay grabación: solo se cambia la estructura de la canción.</translation>
    </message>
    <message>
        <source>Write the new song …</source>
        <translation>Escribir la canción nueva…</translation>
    </message>
    <message>
        <source>Take the new structure</source>
        <translation>Tomar la estructura nueva</translation>
    </message>
    <message>
        <source>Say first that you may change this recording</source>
        <translation>Diga antes que puede cambiar esta grabación</translation>
    </message>
    <message>
        <source>A new file with the joints faded on the beat, and its map beside it; it becomes the routine&apos;s song. The recording stays as it is.</source>
        <translation>Un archivo nuevo con las uniones fundidas en el pulso, y su mapa al lado; pasa a ser la canción de la coreografía. La grabación se queda como está.</translation>
    </message>
    <message>
        <source>Joint %1 of %2.</source>
        <translation>Unión %1 de %2.</translation>
    </message>
    <message>
        <source>Write the mended song</source>
        <translation>Escribir la canción retocada</translation>
    </message>
    <message>
        <source>%1 mended</source>
        <translation>%1 retocada</translation>
    </message>
    <message>
        <source>Sound (*.flac *.wav *.ogg)</source>
        <translation>Sonido (*.flac *.wav *.ogg)</translation>
    </message>
    <message>
        <source>That is the recording itself, which stays as it is. Choose another name.</source>
        <translation>Esa es la propia grabación, que se queda como está. Elija otro nombre.</translation>
    </message>
    <message>
        <source>%1 is written, with its map in %2.</source>
        <translation>%1 está escrito, con su mapa en %2.</translation>
    </message>
    <message>
        <source>The routine was changed meanwhile, so its song stays. Open the new one from the Song menu.</source>
        <translation>La coreografía cambió mientras tanto, así que su canción se queda. Abra la nueva desde el menú Canción.</translation>
    </message>
    <message>
        <source>%1, mended</source>
        <translation>%1, retocada</translation>
    </message>
</context>
<context>
    <name>lc::app::MessageLine</name>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>OK</source>
        <translation>Vale</translation>
    </message>
    <message>
        <source>Working the song out again around what you said …</source>
        <translation>Recalculando la canción alrededor de lo que usted dijo…</translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPage</name>
    <message>
        <source>The routine on its song, in miniature</source>
        <translation>La coreografía sobre su canción, en miniatura</translation>
    </message>
</context>
<context>
    <name>lc::app::MiniPages</name>
    <message>
        <source>Before and after, in miniature</source>
        <translation>Antes y después, en miniatura</translation>
    </message>
    <message>
        <source>now: %1</source>
        <translation>ahora: %1</translation>
    </message>
    <message>
        <source>then: %1</source>
        <translation>después: %1</translation>
    </message>
</context>
<context>
    <name>lc::app::MomentPanel</name>
    <message>
        <source>A moment</source>
        <translation>Un momento</translation>
    </message>
    <message>
        <source>its name, such as “the big stop”</source>
        <translation>su nombre, como «la gran parada»</translation>
    </message>
    <message>
        <source>Name of the moment at the caret</source>
        <translation>Nombre del momento en el cursor</translation>
    </message>
    <message>
        <source>Kind of moment</source>
        <translation>Tipo de momento</translation>
    </message>
    <message>
        <source>Mark it</source>
        <translation>Marcarlo</translation>
    </message>
    <message>
        <source>Accents of the routine can be bound to it (Enter)</source>
        <translation>Se le pueden ligar acentos de la coreografía (Intro)</translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>Where the caret is, in your own words. Whole lines of words come from an LRC file: Song, Import lines of words.</source>
        <translation>Donde está el cursor, con sus palabras. La letra entera viene de un archivo LRC: Canción, Importar letra.</translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation>Escriba antes un nombre.</translation>
    </message>
</context>
<context>
    <name>lc::app::NotationEdit</name>
    <message>
        <source>%1, L free</source>
        <translation>%1, I libre</translation>
    </message>
    <message>
        <source>%1, R free</source>
        <translation>%1, D libre</translation>
    </message>
    <message>
        <source>%1; Tab goes on with “%2”</source>
        <translation>%1; Tab sigue con «%2»</translation>
    </message>
    <message>
        <source>%1   ↓ %2 more</source>
        <translation>%1   ↓ %2 más</translation>
    </message>
</context>
<context>
    <name>lc::app::PartChain</name>
    <message>
        <source>part %1</source>
        <translation>parte %1</translation>
    </message>
    <message>
        <source>A figure to put at the caret</source>
        <translation>Una figura que poner en el cursor</translation>
    </message>
    <message>
        <source>type a figure</source>
        <translation>escriba una figura</translation>
    </message>
    <message>
        <source>Type a figure&apos;s name and press Enter: it comes after the chosen figure. Names of the routine and the vocabulary are offered; a new name makes a new figure (Ctrl+I)</source>
        <translation>Escriba el nombre de una figura y pulse Intro: va después de la elegida. Se ofrecen los nombres de la coreografía y del repertorio; un nombre nuevo hace una figura nueva (Ctrl+I)</translation>
    </message>
    <message>
        <source>typed steps</source>
        <translation>pasos escritos</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, other side</source>
        <translation>%1, otro lado</translation>
    </message>
    <message>
        <source>%1, exchanged</source>
        <translation>%1, intercambiado</translation>
    </message>
    <message>
        <source>%1, in %2</source>
        <translation>%1, en %2</translation>
    </message>
    <message>
        <source>%1, %2, from count %3 of part %4</source>
        <translation>%1, %2, desde la cuenta %3 de la parte %4</translation>
    </message>
    <message>
        <source>
Arrows go on, Shift chooses several, Ctrl+arrows move, Delete takes out; the other ways of dancing it are in the menu of the right button</source>
        <translation>
Las flechas avanzan, Mayús elige varias, Ctrl+flechas mueven, Supr quita; las otras formas de bailarla están en el menú del botón derecho</translation>
    </message>
    <message>
        <source>%1 is a new figure: type its steps below. If another was meant, undo and choose it from those offered.</source>
        <translation>%1 es una figura nueva: escriba sus pasos abajo. Si quería otra, deshaga y elíjala entre las ofrecidas.</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>colocar %1</translation>
    </message>
    <message>
        <source>Choose a figure of the part first: click it, or go to it with Tab and the arrows.</source>
        <translation>Elija antes una figura de la parte: haga clic en ella o vaya con Tab y las flechas.</translation>
    </message>
    <message>
        <source>to the other side</source>
        <translation>hacia el otro lado</translation>
    </message>
    <message>
        <source>exchange roles</source>
        <translation>intercambiar roles</translation>
    </message>
    <message>
        <source>in bars of %1</source>
        <translation>en compases de %1</translation>
    </message>
    <message>
        <source>Repeat it</source>
        <translation>Repetirla</translation>
    </message>
    <message>
        <source>Dance it to the other side</source>
        <translation>Bailarla hacia el otro lado</translation>
    </message>
    <message>
        <source>Partners exchange lines</source>
        <translation>La pareja intercambia líneas</translation>
    </message>
    <message>
        <source>Reverse the order of those chosen</source>
        <translation>Invertir el orden de las elegidas</translation>
    </message>
    <message>
        <source>Reverse the order of the part</source>
        <translation>Invertir el orden de la parte</translation>
    </message>
    <message>
        <source>Version</source>
        <translation>Versión</translation>
    </message>
    <message>
        <source>another version</source>
        <translation>otra versión</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>como está escrito</translation>
    </message>
    <message>
        <source>In bars of</source>
        <translation>En compases de</translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 cuentas</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Quitarla</translation>
    </message>
</context>
<context>
    <name>lc::app::PartEditor</name>
    <message>
        <source>%1, %2 weight changes, starts %3, then %4 free</source>
        <translation>%1, %2 cambios de peso, empieza %3, luego %4 libre</translation>
    </message>
    <message>
        <source>either foot</source>
        <translation>cualquier pie</translation>
    </message>
    <message>
        <source>%1, turns %2</source>
        <translation>%1, gira %2</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Figuras</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
    </message>
    <message>
        <source>Order of the parts</source>
        <translation>Orden de las partes</translation>
    </message>
    <message>
        <source>the parts in the order they are danced, for example A A B A or A x8</source>
        <translation>las partes en el orden en que se bailan, por ejemplo A A B A o A x8</translation>
    </message>
    <message>
        <source>The order of the parts, one pass each; A x4 repeats (Ctrl+R)</source>
        <translation>El orden de las partes, una pasada cada una; A x4 repite (Ctrl+R)</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>empieza con</translation>
    </message>
    <message>
        <source>Where the dance starts</source>
        <translation>Dónde empieza el baile</translation>
    </message>
    <message>
        <source>%1, danced once. Its lines are changed wherever it stands.</source>
        <translation>%1, bailada una vez. Sus líneas cambian dondequiera que esté.</translation>
    </message>
    <message>
        <source>%1, danced %2 times. Its lines are changed wherever it stands.</source>
        <translation>%1, bailada %2 veces. Sus líneas cambian dondequiera que esté.</translation>
    </message>
    <message>
        <source>Part %1: %2. Choose a figure to see and change its lines.</source>
        <translation>Parte %1: %2. Elija una figura para ver y cambiar sus líneas.</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Parte</translation>
    </message>
    <message>
        <source>Show part %1 to type its counts</source>
        <translation>Mostrar la parte %1 para escribir sus cuentas</translation>
    </message>
    <message>
        <source>New part</source>
        <translation>Parte nueva</translation>
    </message>
    <message>
        <source>Add a part with the next free letter</source>
        <translation>Añadir una parte con la próxima letra libre</translation>
    </message>
    <message>
        <source>Copy part</source>
        <translation>Copiar la parte</translation>
    </message>
    <message>
        <source>A part with the same figures, to be changed</source>
        <translation>Una parte con las mismas figuras, para cambiarla</translation>
    </message>
    <message>
        <source>Remove part</source>
        <translation>Quitar la parte</translation>
    </message>
    <message>
        <source>Take this part and its passes out; Undo brings them back</source>
        <translation>Quitar esta parte y sus pasadas; Deshacer las devuelve</translation>
    </message>
    <message>
        <source>Add a role</source>
        <translation>Añadir un rol</translation>
    </message>
    <message>
        <source>Another line: leader and follower, or rows</source>
        <translation>Otra línea: quien lleva y quien sigue, o filas</translation>
    </message>
    <message>
        <source>role follower</source>
        <translation>rol de quien sigue</translation>
    </message>
    <message>
        <source>Remove the last role</source>
        <translation>Quitar el último rol</translation>
    </message>
    <message>
        <source>Take the last line out; Undo brings it back</source>
        <translation>Quitar la última línea; Deshacer la devuelve</translation>
    </message>
    <message>
        <source>Name of this role; click to change it</source>
        <translation>Nombre de este rol; clic para cambiarlo</translation>
    </message>
    <message>
        <source>Name of role %1</source>
        <translation>Nombre del rol %1</translation>
    </message>
    <message>
        <source>Counts of %1</source>
        <translation>Cuentas de %1</translation>
    </message>
    <message>
        <source>the counts as you say them, for example 1 side R 2 behind L 3 side R 4 touch</source>
        <translation>las cuentas como las dice, por ejemplo 1 side R 2 behind L 3 side R 4 touch</translation>
    </message>
    <message>
        <source>Counts with words, L or R, touch, wait, &amp; and a, turns such as 1/4 R (Ctrl+E)</source>
        <translation>Cuentas con palabras, L o R, touch, wait, &amp; y a, giros como 1/4 R (Ctrl+E)</translation>
    </message>
    <message>
        <source>◆ character %1: %2</source>
        <translation>◆ carácter %1: %2</translation>
    </message>
    <message>
        <source>Type what you say while you dance. Numbers that are left out are waits.</source>
        <translation>Escriba lo que dice al bailar. Los números omitidos son esperas.</translation>
    </message>
    <message>
        <source>%1. Read as: %2 (F12 writes it so)</source>
        <translation>%1. Se lee como: %2 (F12 lo escribe así)</translation>
    </message>
    <message>
        <source>? %1 %2</source>
        <translation>? %1 %2</translation>
    </message>
    <message>
        <source>the first phrase</source>
        <translation>la primera frase</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>the count at the caret</source>
        <translation>la cuenta del cursor</translation>
    </message>
</context>
<context>
    <name>lc::app::PassList</name>
    <message>
        <source>Passes</source>
        <translation>Pasadas</translation>
    </message>
</context>
<context>
    <name>lc::app::PassModel</name>
    <message>
        <source>by the music</source>
        <translation>por la música</translation>
    </message>
    <message>
        <source>Counts after which this pass is cut; empty = danced whole. Double-click or F2 in the list to type.</source>
        <translation>Cuentas después de las cuales se corta esta pasada; vacío = se baila entera. Doble clic o F2 en la lista para escribir.</translation>
    </message>
    <message>
        <source>Extra counts after this pass; empty = none. Double-click or F2 in the list to type.</source>
        <translation>Cuentas de más después de esta pasada; vacío = ninguna. Doble clic o F2 en la lista para escribir.</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>pasada</translation>
    </message>
    <message>
        <source>part</source>
        <translation>parte</translation>
    </message>
    <message>
        <source>starts</source>
        <translation>empieza</translation>
    </message>
    <message>
        <source>count</source>
        <translation>cuenta</translation>
    </message>
    <message>
        <source>music</source>
        <translation>música</translation>
    </message>
    <message>
        <source>running</source>
        <translation>corrida</translation>
    </message>
    <message>
        <source>phrase</source>
        <translation>frase</translation>
    </message>
    <message>
        <source>counts in</source>
        <translation>cuentas dentro</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>mirada</translation>
    </message>
    <message>
        <source>free foot</source>
        <translation>pie libre</translation>
    </message>
    <message>
        <source>danced</source>
        <translation>bailado</translation>
    </message>
    <message>
        <source>restart after</source>
        <translation>restart tras</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>differs</source>
        <translation>difiere</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>cae</translation>
    </message>
    <message>
        <source>what makes a pass differ</source>
        <translation>lo que hace distinta una pasada</translation>
    </message>
</context>
<context>
    <name>lc::app::PassPanel</name>
    <message>
        <source>This pass</source>
        <translation>Esta pasada</translation>
    </message>
    <message>
        <source>What makes this pass differ, a line each</source>
        <translation>Lo que hace distinta esta pasada, una línea cada cosa</translation>
    </message>
    <message>
        <source>as written. What differs: restart after 16, tag of 4, mirrored …</source>
        <translation>como está escrita. Lo que difiere: restart after 16, tag of 4, mirrored…</translation>
    </message>
    <message>
        <source>A line each: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Ctrl+J)</source>
        <translation>Una línea cada cosa: restart after 16 · tag of 4 · bridge of 4 after 8 · wait 2 · mirrored · exchanged · last change a touch · without figure 2 · figure 2 in version slow · figure 1 in bars of 3 for 4 · add after figure 2: Sway · ending End after 16 · canon 2 apart, ripple · pinned to Chorus (Ctrl+J)</translation>
    </message>
    <message>
        <source>Bind to the music</source>
        <translation>Ligar a la música</translation>
    </message>
    <message>
        <source>The line at the text cursor then stays with its place in the song, whichever pass is danced there</source>
        <translation>La línea del cursor de texto queda entonces en su lugar de la canción, se baile la pasada que se baile ahí</translation>
    </message>
    <message>
        <source>Opening stance</source>
        <translation>Posición inicial</translation>
    </message>
    <message>
        <source>opening: leader: left free, facing 12</source>
        <translation>inicio: leader: left free, facing 12</translation>
    </message>
    <message>
        <source>How the first pass begins, a role each with semicolons between: leader: right free, facing 3; couple: closed, L-R</source>
        <translation>Cómo empieza la primera pasada, un rol cada uno con punto y coma en medio: leader: right free, facing 3; couple: closed, L-R</translation>
    </message>
    <message>
        <source>What dancers remember it by</source>
        <translation>Cómo la recuerdan los bailarines</translation>
    </message>
    <message>
        <source>remembered by …</source>
        <translation>se recuerda por…</translation>
    </message>
    <message>
        <source>What dancers remember it by; it stands on the sheet. Marks of this place are offered</source>
        <translation>Cómo la recuerdan los bailarines; va en la hoja. Se ofrecen las marcas de este lugar</translation>
    </message>
    <message>
        <source>No pass yet</source>
        <translation>Aún no hay pasadas</translation>
    </message>
    <message>
        <source>Place a figure in a part, or type the order of the parts.</source>
        <translation>Coloque una figura en una parte o escriba el orden de las partes.</translation>
    </message>
    <message>
        <source>Pass %1, part %2</source>
        <translation>Pasada %1, parte %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, facing %2, %3 foot free</source>
        <translation>%1, mirando a las %2, pie %3 libre</translation>
    </message>
    <message>
        <source>%1, places %2</source>
        <translation>%1, lugares %2</translation>
    </message>
    <message>
        <source>%1; the music says %2, the dancers who count on %3</source>
        <translation>%1; la música dice %2, los bailarines que siguen contando, %3</translation>
    </message>
    <message>
        <source>This pass has nothing that could be bound. Type what differs first.</source>
        <translation>Esta pasada no tiene nada que ligar. Escriba antes lo que difiere.</translation>
    </message>
    <message>
        <source>bind to the music</source>
        <translation>ligar a la música</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Bind to this pass</source>
        <translation>Ligar a esta pasada</translation>
    </message>
    <message>
        <source>It then stays with this pass wherever it is danced</source>
        <translation>Entonces se queda con esta pasada se baile donde se baile</translation>
    </message>
    <message>
        <source>keep with the pass</source>
        <translation>conservar con la pasada</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Takes it out of the music; Undo brings it back</source>
        <translation>Lo quita de la música; Deshacer lo devuelve</translation>
    </message>
</context>
<context>
    <name>lc::app::PlainTable</name>
    <message>
        <source>Your own limit; empty for none. The program knows none of its own.</source>
        <translation>Su propio límite; vacío si no hay. El programa no conoce ninguno propio.</translation>
    </message>
    <message>
        <source>“%1” is not a limit. Write a number above 0, or leave it empty.</source>
        <translation>«%1» no es un límite. Escriba un número mayor que 0 o déjelo vacío.</translation>
    </message>
</context>
<context>
    <name>lc::app::PlanSettings</name>
    <message>
        <source>What plans may do, and what it costs</source>
        <translation>Lo que pueden hacer los planes y lo que cuesta</translation>
    </message>
    <message>
        <source>Allowed</source>
        <translation>Permitido</translation>
    </message>
    <message>
        <source>restarts</source>
        <translation>restarts</translation>
    </message>
    <message>
        <source>May passes be cut, after each figure and each set?</source>
        <translation>¿Se pueden cortar pasadas, después de cada figura y cada grupo?</translation>
    </message>
    <message>
        <source>tags of</source>
        <translation>tags de</translation>
    </message>
    <message>
        <source>Waits after a pass: counts with commas; empty = none</source>
        <translation>Esperas después de una pasada: cuentas con comas; vacío = ninguna</translation>
    </message>
    <message>
        <source>bridges of</source>
        <translation>puentes de</translation>
    </message>
    <message>
        <source>Waits after a figure inside a pass: counts with commas; empty = none</source>
        <translation>Esperas después de una figura dentro de una pasada: cuentas con comas; vacío = ninguna</translation>
    </message>
    <message>
        <source>wait at the start</source>
        <translation>espera al principio</translation>
    </message>
    <message>
        <source>Before the dance begins: counts with commas; empty = none</source>
        <translation>Antes de que empiece el baile: cuentas con comas; vacío = ninguna</translation>
    </message>
    <message>
        <source>a figure left out or twice</source>
        <translation>una figura omitida o doble</translation>
    </message>
    <message>
        <source>One figure of a whole pass</source>
        <translation>Una figura de una pasada entera</translation>
    </message>
    <message>
        <source>a figure in a version</source>
        <translation>una figura en una versión</translation>
    </message>
    <message>
        <source>One figure of a whole pass danced in a version that it has</source>
        <translation>Una figura de una pasada entera bailada en una versión que tiene</translation>
    </message>
    <message>
        <source>bars as the music has them</source>
        <translation>compases como los tiene la música</translation>
    </message>
    <message>
        <source>Where bars of the music are shorter than usual, figures may follow them</source>
        <translation>Donde hay compases más cortos de lo normal, las figuras pueden seguirlos</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>Figures that may be danced after a pass</source>
        <translation>Figuras que se pueden bailar después de una pasada</translation>
    </message>
    <message>
        <source>Figures of the routine that may be danced after a pass, as a tag</source>
        <translation>Figuras de la coreografía que se pueden bailar después de una pasada, como tag</translation>
    </message>
    <message>
        <source>figures as tags</source>
        <translation>figuras como tags</translation>
    </message>
    <message>
        <source>an opening</source>
        <translation>una apertura</translation>
    </message>
    <message>
        <source>A part that may be danced before the first pass</source>
        <translation>Una parte que se puede bailar antes de la primera pasada</translation>
    </message>
    <message>
        <source>an ending</source>
        <translation>un final</translation>
    </message>
    <message>
        <source>A part that may be danced at the end of the music</source>
        <translation>Una parte que se puede bailar al final de la música</translation>
    </message>
    <message>
        <source>facing at the end</source>
        <translation>orientación al final</translation>
    </message>
    <message>
        <source>The facing that is wanted when the music ends; what another one costs stands below</source>
        <translation>La orientación deseada cuando acaba la música; lo que cuesta otra está abajo</translation>
    </message>
    <message>
        <source>Costs</source>
        <translation>Costes</translation>
    </message>
    <message>
        <source>the wrong foot is allowed</source>
        <translation>se permite el pie equivocado</translation>
    </message>
    <message>
        <source>Otherwise no plan leaves the weight on the foot that the next pass needs</source>
        <translation>Si no, ningún plan deja el peso en el pie que necesita la pasada siguiente</translation>
    </message>
    <message>
        <source>the wrong foot</source>
        <translation>el pie equivocado</translation>
    </message>
    <message>
        <source>Cost: %1</source>
        <translation>Coste: %1</translation>
    </message>
    <message>
        <source>0 = it costs nothing; the higher, the more is done to avoid it</source>
        <translation>0 = no cuesta nada; cuanto más alto, más se evita</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>parte %1</translation>
    </message>
    <message>
        <source>any</source>
        <translation>cualquiera</translation>
    </message>
</context>
<context>
    <name>lc::app::PlansPanel</name>
    <message>
        <source>Make it land</source>
        <translation>Hacer que caiga bien</translation>
    </message>
    <message>
        <source>for</source>
        <translation>para</translation>
    </message>
    <message>
        <source>For whom the plans are</source>
        <translation>Para quién son los planes</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Opciones</translation>
    </message>
    <message>
        <source>What plans may do, what is wanted at the end, and what everything costs</source>
        <translation>Lo que pueden hacer los planes, lo que se quiere al final y lo que cuesta todo</translation>
    </message>
    <message>
        <source>Start here</source>
        <translation>Empezar aquí</translation>
    </message>
    <message>
        <source>The pass whose start lies nearest to the caret begins there in every plan; again frees it</source>
        <translation>La pasada cuyo comienzo está más cerca del cursor empieza ahí en todos los planes; otra vez la libera</translation>
    </message>
    <message>
        <source>Hold the pass</source>
        <translation>Mantener la pasada</translation>
    </message>
    <message>
        <source>The pass at the caret stays as the chosen plan has it, and the rest is planned anew; again frees it</source>
        <translation>La pasada del cursor se queda como la tiene el plan elegido y el resto se planifica de nuevo; otra vez la libera</translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation>No hay pasada en el cursor. Haga clic en una cuenta que se baile.</translation>
    </message>
    <message>
        <source>a plan that lands</source>
        <translation>un plan que cae bien</translation>
    </message>
    <message>
        <source>(gone)</source>
        <translation>(ya no está)</translation>
    </message>
    <message>
        <source>Free it again</source>
        <translation>Volver a liberarla</translation>
    </message>
    <message>
        <source>pass %1 held as planned</source>
        <translation>pasada %1 como está planificada</translation>
    </message>
    <message>
        <source>pass %1 as it is</source>
        <translation>pasada %1 como está</translation>
    </message>
    <message>
        <source>pass %1 starts on %2</source>
        <translation>pasada %1 empieza en %2</translation>
    </message>
    <message>
        <source>Every pass lands as it is.</source>
        <translation>Todas las pasadas caen bien como están.</translation>
    </message>
    <message>
        <source>What is kept costs nothing.</source>
        <translation>Lo que se conserva no cuesta nada.</translation>
    </message>
    <message>
        <source>What is kept costs %1.</source>
        <translation>Lo que se conserva cuesta %1.</translation>
    </message>
    <message>
        <source>The chosen plan does not dance that pass.</source>
        <translation>El plan elegido no baila esa pasada.</translation>
    </message>
</context>
<context>
    <name>lc::app::Preferences</name>
    <message>
        <source>Preferences</source>
        <translation>Preferencias</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Look and words</source>
        <translation>Aspecto y palabras</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Tema</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Como el sistema</translation>
    </message>
    <message>
        <source>Bright</source>
        <translation>Claro</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Oscuro</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Tamaño del texto</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Sonido</translation>
    </message>
    <message>
        <source>Played by</source>
        <translation>Suena por</translation>
    </message>
    <message>
        <source>The system&apos;s own output</source>
        <translation>La salida del sistema</translation>
    </message>
    <message>
        <source>From the next time that it plays</source>
        <translation>Desde la próxima vez que suene</translation>
    </message>
    <message>
        <source>Volume</source>
        <translation>Volumen</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>The sound comes late by</source>
        <translation>El sonido llega tarde en</translation>
    </message>
    <message>
        <source>More than the device says: loudspeakers without a cable take a fifth of a second and more</source>
        <translation>Más de lo que dice el aparato: los altavoces sin cable tardan un quinto de segundo o más</translation>
    </message>
    <message>
        <source>Taps come late by</source>
        <translation>Los toques llegan tarde en</translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation>Lo que tardan juntos el sonido hasta el oído y la mano hasta la tecla; se aprende de toques que concuerdan con una canción</translation>
    </message>
    <message>
        <source>Keep the music at a comfortable volume.</source>
        <translation>Mantenga la música a un volumen cómodo.</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Hojas</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
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
        <translation>Carta</translation>
    </message>
    <message>
        <source>Your own limits</source>
        <translation>Sus propios límites</translation>
    </message>
    <message>
        <source>Quickest step, in seconds</source>
        <translation>Paso más rápido, en segundos</translation>
    </message>
    <message>
        <source>Fastest turn, in degrees a second</source>
        <translation>Giro más rápido, en grados por segundo</translation>
    </message>
    <message>
        <source>They only warn. A qualified teacher and the rules of the house come first.</source>
        <translation>Solo avisan. Un profesor cualificado y las normas de la sala van primero.</translation>
    </message>
    <message>
        <source>Where things are</source>
        <translation>Dónde están las cosas</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>The folder of the vocabulary, of unsaved work and of earlier versions</source>
        <translation>La carpeta del repertorio, del trabajo sin guardar y de las versiones anteriores</translation>
    </message>
    <message>
        <source>Vocabulary, unsaved work, versions</source>
        <translation>Repertorio, trabajo sin guardar, versiones</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Teclas</translation>
    </message>
    <message>
        <source>Search the keys</source>
        <translation>Buscar en las teclas</translation>
    </message>
    <message>
        <source>a command or a key, such as restart or Ctrl+K</source>
        <translation>una orden o una tecla, como restart o Ctrl+K</translation>
    </message>
    <message>
        <source>key</source>
        <translation>tecla</translation>
    </message>
    <message>
        <source>command</source>
        <translation>orden</translation>
    </message>
    <message>
        <source>menu</source>
        <translation>menú</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Órdenes y sus teclas</translation>
    </message>
    <message>
        <source>Another key for the chosen command</source>
        <translation>Otra tecla para la orden elegida</translation>
    </message>
    <message>
        <source>Press the key that it is to have</source>
        <translation>Pulse la tecla que debe tener</translation>
    </message>
    <message>
        <source>Use this key</source>
        <translation>Usar esta tecla</translation>
    </message>
    <message>
        <source>The chosen command has it from now on</source>
        <translation>La orden elegida la tiene desde ahora</translation>
    </message>
    <message>
        <source>The usual one</source>
        <translation>La habitual</translation>
    </message>
    <message>
        <source>The key that the program gives it</source>
        <translation>La tecla que le da el programa</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Ninguno</translation>
    </message>
    <message>
        <source>It stays in the menu and in the box</source>
        <translation>Sigue en el menú y en el cuadro de búsqueda</translation>
    </message>
    <message>
        <source>Take it from there</source>
        <translation>Quitarla de ahí</translation>
    </message>
    <message>
        <source>%1 is the key of “%2”, which has none then.</source>
        <translation>%1 es la tecla de «%2», que se queda sin ninguna.</translation>
    </message>
    <message>
        <source>%1 is the key of “%2”. Give that one another key first.</source>
        <translation>%1 es la tecla de «%2». Dele antes otra tecla.</translation>
    </message>
</context>
<context>
    <name>lc::app::Program</name>
    <message>
        <source>there is not enough memory</source>
        <translation>no hay memoria suficiente</translation>
    </message>
</context>
<context>
    <name>lc::app::ProposalsPage</name>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Back to the findings; nothing is changed (Esc)</source>
        <translation>Volver a los avisos; no se cambia nada (Esc)</translation>
    </message>
    <message>
        <source>Proposals, the best first</source>
        <translation>Propuestas, la mejor primero</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Aplicar</translation>
    </message>
    <message>
        <source>Do it (Ctrl+Enter); Undo takes it back</source>
        <translation>Hacerlo (Ctrl+Intro); Deshacer lo revierte</translation>
    </message>
    <message>
        <source>This is how the routine is already.</source>
        <translation>La coreografía ya está así.</translation>
    </message>
</context>
<context>
    <name>lc::app::Rail</name>
    <message>
        <source>Stages</source>
        <translation>Pantallas</translation>
    </message>
    <message>
        <source>Legend</source>
        <translation>Leyenda</translation>
    </message>
    <message>
        <source>Legend  ?</source>
        <translation>Leyenda  ?</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 open</source>
        <translation>%1 abiertos</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>empezado</translation>
    </message>
</context>
<context>
    <name>lc::app::RankPanel</name>
    <message>
        <source>Which song for this dance, which dance for this song</source>
        <translation>Qué canción para este baile, qué baile para esta canción</translation>
    </message>
    <message>
        <source>Songs of a folder …</source>
        <translation>Canciones de una carpeta…</translation>
    </message>
    <message>
        <source>Which of them suits this dance best: recordings, routines with a song, MIDI files, structures as text</source>
        <translation>Cuál va mejor con este baile: grabaciones, coreografías con canción, archivos MIDI, estructuras como texto</translation>
    </message>
    <message>
        <source>Dances of a folder …</source>
        <translation>Bailes de una carpeta…</translation>
    </message>
    <message>
        <source>Which of these routines suits this song best</source>
        <translation>Cuál de estas coreografías va mejor con esta canción</translation>
    </message>
    <message>
        <source>danced as</source>
        <translation>bailado como</translation>
    </message>
    <message>
        <source>Dance family whose tempo is wanted</source>
        <translation>Familia de baile cuyo tempo se busca</translation>
    </message>
    <message>
        <source>any tempo</source>
        <translation>cualquier tempo</translation>
    </message>
    <message>
        <source>%1, %2 to %3 bpm</source>
        <translation>%1, %2 a %3 bpm</translation>
    </message>
    <message>
        <source>Try it</source>
        <translation>Probar</translation>
    </message>
    <message>
        <source>The chosen song is opened for this dance, or the chosen dance is opened</source>
        <translation>La canción elegida se abre para este baile, o se abre el baile elegido</translation>
    </message>
    <message>
        <source>Save the table …</source>
        <translation>Guardar la tabla…</translation>
    </message>
    <message>
        <source>As CSV</source>
        <translation>Como CSV</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>What was read so far stays</source>
        <translation>Lo leído hasta ahora se queda</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation>Por dónde va</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>bpm</source>
        <translation>bpm</translation>
    </message>
    <message>
        <source>metre</source>
        <translation>metro</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>tempo</translation>
    </message>
    <message>
        <source>exceptions</source>
        <translation>excepciones</translation>
    </message>
    <message>
        <source>misses</source>
        <translation>fallos</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>coste</translation>
    </message>
    <message>
        <source>stops</source>
        <translation>paradas</translation>
    </message>
    <message>
        <source>last pass</source>
        <translation>última pasada</translation>
    </message>
    <message>
        <source>note</source>
        <translation>nota</translation>
    </message>
    <message>
        <source>The best fit first</source>
        <translation>El que mejor encaja primero</translation>
    </message>
    <message>
        <source>A folder of songs</source>
        <translation>Una carpeta de canciones</translation>
    </message>
    <message>
        <source>A folder of routines</source>
        <translation>Una carpeta de coreografías</translation>
    </message>
    <message>
        <source>Choose a folder: each song is planned for this dance with what the plans may do, and the tempo counts too. Recordings are heard once and remembered.</source>
        <translation>Elija una carpeta: cada canción se planifica para este baile con lo que pueden hacer los planes, y el tempo también cuenta. Las grabaciones se oyen una vez y se recuerdan.</translation>
    </message>
    <message>
        <source>There is no song in %1: no recording, routine, MIDI file or text.</source>
        <translation>No hay canción en %1: ni grabación, ni coreografía, ni archivo MIDI, ni texto.</translation>
    </message>
    <message>
        <source>There is no routine in %1.</source>
        <translation>No hay coreografía en %1.</translation>
    </message>
    <message>
        <source>The dance was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation>El baile cambió desde entonces: así le encajaban antes. Elija la carpeta otra vez.</translation>
    </message>
    <message>
        <source>The song was changed since: this is how they fitted it before. Choose the folder again.</source>
        <translation>La canción cambió desde entonces: así le encajaban antes. Elija la carpeta otra vez.</translation>
    </message>
    <message>
        <source>%1 of %2 read.</source>
        <translation>%1 de %2 leídas.</translation>
    </message>
    <message>
        <source>Stopped: %1 of %2 read.</source>
        <translation>Parado: %1 de %2 leídas.</translation>
    </message>
    <message numerus="yes">
        <source>%n in all, the best fit first: by what has to be changed, and each per cent of tempo.</source>
        <translation>
            <numerusform>%n en total, el que mejor encaja primero: según lo que hay que cambiar y cada porcentaje de tempo.</numerusform>
            <numerusform>%n en total, el que mejor encaja primero: según lo que hay que cambiar y cada porcentaje de tempo.</numerusform>
        </translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>como está</translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation>%L1 %</translation>
    </message>
    <message>
        <source>%1, other bars</source>
        <translation>%1, otros compases</translation>
    </message>
    <message>
        <source>Save the table</source>
        <translation>Guardar la tabla</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tablas (*.csv)</translation>
    </message>
    <message>
        <source>The table is in %1.</source>
        <translation>La tabla está en %1.</translation>
    </message>
</context>
<context>
    <name>lc::app::ReadingChoice</name>
    <message>
        <source>Hear four bars of this reading, with clicks</source>
        <translation>Oír cuatro compases de esta lectura, con clics</translation>
    </message>
</context>
<context>
    <name>lc::app::RemedyChoice</name>
    <message>
        <source>hit</source>
        <translation>golpe</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>parada</translation>
    </message>
    <message>
        <source>comes in</source>
        <translation>entrada</translation>
    </message>
    <message>
        <source>change</source>
        <translation>cambio</translation>
    </message>
    <message>
        <source>words</source>
        <translation>palabras</translation>
    </message>
    <message>
        <source>other</source>
        <translation>otro</translation>
    </message>
</context>
<context>
    <name>lc::app::RoutineClipboard</name>
    <message>
        <source>The routine is copied as text. Paste it into a mail, or here with Ctrl+Shift+V.</source>
        <translation>La coreografía está copiada como texto. Péguela en un correo, o aquí con Ctrl+Mayús+V.</translation>
    </message>
    <message>
        <source>There is no dance yet: a hand-out needs parts with steps and their order.</source>
        <translation>Aún no hay baile: una hoja necesita partes con pasos y su orden.</translation>
    </message>
    <message>
        <source>The dance is copied as a hand-out. Paste it into a mail or a page.</source>
        <translation>El baile está copiado como hoja. Péguelo en un correo o una página.</translation>
    </message>
</context>
<context>
    <name>lc::app::RulerView</name>
    <message>
        <source>Picture of the figure</source>
        <translation>Imagen de la figura</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>changes</source>
        <translation>cambios</translation>
    </message>
    <message>
        <source>said, not written yet</source>
        <translation>dicho, aún sin escribir</translation>
    </message>
</context>
<context>
    <name>lc::app::SheetsStage</name>
    <message>
        <source>Sheets</source>
        <translation>Hojas</translation>
    </message>
    <message>
        <source>What is printed</source>
        <translation>Lo que se imprime</translation>
    </message>
    <message>
        <source>Floor card</source>
        <translation>Tarjeta de pista</translation>
    </message>
    <message>
        <source>One page in large letters, to read while dancing</source>
        <translation>Una página en letras grandes, para leer bailando</translation>
    </message>
    <message>
        <source>Step sheet</source>
        <translation>Hoja de pasos</translation>
    </message>
    <message>
        <source>Every step with its count, and every pass</source>
        <translation>Cada paso con su cuenta, y cada pasada</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimir</translation>
    </message>
    <message>
        <source>Print what is shown (Ctrl+P)</source>
        <translation>Imprimir lo que se ve (Ctrl+P)</translation>
    </message>
    <message>
        <source>Save as HTML</source>
        <translation>Guardar como HTML</translation>
    </message>
    <message>
        <source>One page that any browser opens</source>
        <translation>Una página que abre cualquier navegador</translation>
    </message>
    <message>
        <source>Save as PDF</source>
        <translation>Guardar como PDF</translation>
    </message>
    <message>
        <source>As it is shown (Ctrl+Shift+E)</source>
        <translation>Como se ve (Ctrl+Mayús+E)</translation>
    </message>
    <message>
        <source>The sheet as it will be printed</source>
        <translation>La hoja como se imprimirá</translation>
    </message>
    <message>
        <source>sheet</source>
        <translation>hoja</translation>
    </message>
    <message>
        <source>-floor</source>
        <translation>-pista</translation>
    </message>
    <message>
        <source>-steps</source>
        <translation>-pasos</translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation>Guardar la hoja</translation>
    </message>
    <message>
        <source>What the Sheets stage shows</source>
        <translation>Lo que muestra la pantalla Hojas</translation>
    </message>
    <message>
        <source>Print the sheet …</source>
        <translation>Imprimir la hoja…</translation>
    </message>
    <message>
        <source>Save the sheet as PDF …</source>
        <translation>Guardar la hoja como PDF…</translation>
    </message>
    <message>
        <source>Save the sheet as HTML …</source>
        <translation>Guardar la hoja como HTML…</translation>
    </message>
</context>
<context>
    <name>lc::app::SongColumn</name>
    <message>
        <source>“%1” at %2</source>
        <translation>«%1» en %2</translation>
    </message>
    <message>
        <source>Typed as structure, not heard.</source>
        <translation>Escrita como estructura, no oída.</translation>
    </message>
    <message>
        <source>Counted by your taps.</source>
        <translation>Contada con sus toques.</translation>
    </message>
    <message>
        <source>The map was read from a file.</source>
        <translation>El mapa se leyó de un archivo.</translation>
    </message>
    <message>
        <source>The map was carried over from another recording.</source>
        <translation>El mapa se trasladó de otra grabación.</translation>
    </message>
    <message>
        <source>The song</source>
        <translation>La canción</translation>
    </message>
    <message>
        <source>Not counted yet.</source>
        <translation>Aún sin contar.</translation>
    </message>
    <message>
        <source>No beats yet.</source>
        <translation>Aún sin pulsos.</translation>
    </message>
    <message>
        <source>%1 bpm, %2</source>
        <translation>%1 bpm, %2</translation>
    </message>
    <message>
        <source>“%1” by %2</source>
        <translation>«%1» de %2</translation>
    </message>
    <message>
        <source>%1 in %2; the first 1 is at %3.</source>
        <translation>%1 en %2; el primer 1 está en %3.</translation>
    </message>
    <message>
        <source>Bar %1 has one beat, at %2.</source>
        <translation>El compás %1 tiene un pulso, en %2.</translation>
    </message>
    <message>
        <source>Bar %1 has %2 beats, at %3.</source>
        <translation>El compás %1 tiene %2 pulsos, en %3.</translation>
    </message>
    <message>
        <source>Bars %1 to %2 have %3 beats each, from %4.</source>
        <translation>Los compases %1 a %2 tienen %3 pulsos cada uno, desde %4.</translation>
    </message>
    <message>
        <source>A pick-up of one beat before it.</source>
        <translation>Una anacrusa de un pulso antes.</translation>
    </message>
    <message>
        <source>A pick-up of %1 beats before it.</source>
        <translation>Una anacrusa de %1 pulsos antes.</translation>
    </message>
    <message>
        <source>Swung: the &amp; falls at %1 % of the beat.</source>
        <translation>Con swing: el &amp; cae al %1 % del pulso.</translation>
    </message>
    <message>
        <source>A beat held for %1 s at %2.</source>
        <translation>Un pulso sostenido %1 s en %2.</translation>
    </message>
    <message>
        <source>A stop of %1 at %2.</source>
        <translation>Una parada de %1 en %2.</translation>
    </message>
    <message>
        <source>Where a 1 or a phrase is wrong, put the caret there and say it by hand; the rest is worked out again around it.</source>
        <translation>Donde un 1 o una frase esté mal, ponga ahí el cursor y dígalo a mano; el resto se recalcula alrededor.</translation>
    </message>
    <message>
        <source>Name of the phrase at the caret</source>
        <translation>Nombre de la frase del cursor</translation>
    </message>
    <message>
        <source>Type a name such as Verse 1 and press Enter (N)</source>
        <translation>Escriba un nombre como Estrofa 1 y pulse Intro (N)</translation>
    </message>
    <message>
        <source>What you said</source>
        <translation>Lo que usted dijo</translation>
    </message>
    <message>
        <source>forget all</source>
        <translation>olvidar todo</translation>
    </message>
    <message>
        <source>Take every statement back; undo brings them again</source>
        <translation>Retirar todos los datos; Deshacer los devuelve</translation>
    </message>
    <message>
        <source>forget</source>
        <translation>olvidar</translation>
    </message>
    <message>
        <source>Take this statement back</source>
        <translation>Retirar este dato</translation>
    </message>
    <message>
        <source>forget a fact</source>
        <translation>olvidar un dato</translation>
    </message>
    <message>
        <source>Moments</source>
        <translation>Momentos</translation>
    </message>
    <message>
        <source>%1  %2, %3</source>
        <translation>%1  %2, %3</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>quitar</translation>
    </message>
    <message>
        <source>Take this moment out</source>
        <translation>Quitar este momento</translation>
    </message>
    <message>
        <source>… and %1 more on the strips.</source>
        <translation>… y %1 más en las tiras.</translation>
    </message>
</context>
<context>
    <name>lc::app::SongFiles</name>
    <message>
        <source>Sound and video (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;All files (*)</source>
        <translation>Sonido y vídeo (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Abrir una canción</translation>
    </message>
    <message>
        <source>Where is “%1” now?</source>
        <translation>¿Dónde está «%1» ahora?</translation>
    </message>
    <message>
        <source>That is another recording: its content differs from the one this routine was made for. Use Open a song to count it anew.</source>
        <translation>Es otra grabación: su contenido difiere de la que se usó para esta coreografía. Use Abrir una canción para contarla de nuevo.</translation>
    </message>
    <message>
        <source>First open the song whose map is to be carried over, and let it be heard.</source>
        <translation>Abra antes la canción cuyo mapa se va a trasladar y deje que se oiga.</translation>
    </message>
    <message>
        <source>Another recording of “%1”</source>
        <translation>Otra grabación de «%1»</translation>
    </message>
    <message>
        <source>Import a map</source>
        <translation>Importar un mapa</translation>
    </message>
    <message>
        <source>Maps</source>
        <translation>Mapas</translation>
    </message>
    <message>
        <source>Import lines of words</source>
        <translation>Importar letra</translation>
    </message>
    <message>
        <source>Lines of words</source>
        <translation>Letra</translation>
    </message>
    <message>
        <source>There are no beats to export yet. Open a song first.</source>
        <translation>Aún no hay pulsos que exportar. Abra antes una canción.</translation>
    </message>
    <message>
        <source>Export the map</source>
        <translation>Exportar el mapa</translation>
    </message>
    <message>
        <source>map</source>
        <translation>mapa</translation>
    </message>
</context>
<context>
    <name>lc::app::SongLoader</name>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Parado. No se cambió nada.</translation>
    </message>
    <message>
        <source>Listening for beats, bars and phrases</source>
        <translation>Escuchando pulsos, compases y frases</translation>
    </message>
    <message>
        <source>Reading the song</source>
        <translation>Leyendo la canción</translation>
    </message>
</context>
<context>
    <name>lc::app::SongSession</name>
    <message>
        <source>The song “%1” is not where it was. The counts are all here; use Song, Find the song file to hear it again.</source>
        <translation>La canción «%1» no está donde estaba. Las cuentas están todas; use Canción, Buscar el archivo de la canción para oírla otra vez.</translation>
    </message>
    <message>
        <source>The song file “%1” was changed since this routine was saved, so counts may no longer fit. Open it again from the Song menu to count it anew.</source>
        <translation>El archivo de la canción «%1» cambió desde que se guardó esta coreografía, así que las cuentas pueden no encajar. Ábralo de nuevo desde el menú Canción para contarlo otra vez.</translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Parado. No se cambió nada.</translation>
    </message>
    <message>
        <source>song “%1”</source>
        <translation>canción «%1»</translation>
    </message>
    <message>
        <source>typed structure</source>
        <translation>estructura escrita</translation>
    </message>
    <message>
        <source>imported map</source>
        <translation>mapa importado</translation>
    </message>
    <message>
        <source>%1 beats in %2 were read from “%3”.</source>
        <translation>Se leyeron %1 pulsos en %2 de «%3».</translation>
    </message>
    <message>
        <source>one phrase</source>
        <translation>una frase</translation>
    </message>
    <message>
        <source>%1 phrases</source>
        <translation>%1 frases</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>líneas de letra</translation>
    </message>
    <message>
        <source>One line of words is marked in the song.</source>
        <translation>Una línea de letra está marcada en la canción.</translation>
    </message>
    <message>
        <source>%1 lines of words are marked in the song.</source>
        <translation>%1 líneas de letra están marcadas en la canción.</translation>
    </message>
    <message>
        <source>%1 bpm tapped</source>
        <translation>%1 bpm marcados</translation>
    </message>
    <message>
        <source>Your taps agree with what was heard (%1).</source>
        <translation>Sus toques concuerdan con lo oído (%1).</translation>
    </message>
    <message>
        <source>taps</source>
        <translation>toques</translation>
    </message>
    <message>
        <source>One statement made the song agree with your taps (%1).</source>
        <translation>Un dato hizo que la canción concordara con sus toques (%1).</translation>
    </message>
    <message>
        <source>%1 statements made the song agree with your taps (%2).</source>
        <translation>%1 datos hicieron que la canción concordara con sus toques (%2).</translation>
    </message>
    <message>
        <source>The song is counted by your taps (%1), %2 counts in all.</source>
        <translation>La canción se cuenta con sus toques (%1), %2 cuentas en total.</translation>
    </message>
    <message>
        <source>The recording at hand has not been heard, so nothing can be matched with it. Find its file first (Song, Find the song file).</source>
        <translation>La grabación actual no se ha oído, así que no se puede comparar nada con ella. Busque antes su archivo (Canción, Buscar el archivo de la canción).</translation>
    </message>
    <message>
        <source>The map was carried over to “%1”.</source>
        <translation>El mapa se trasladó a «%1».</translation>
    </message>
    <message>
        <source>It lacks %1 s of the other recording.</source>
        <translation>Le faltan %1 s de la otra grabación.</translation>
    </message>
    <message>
        <source>another recording of the song</source>
        <translation>otra grabación de la canción</translation>
    </message>
</context>
<context>
    <name>lc::app::SongTrialPanel</name>
    <message>
        <source>The routine tried on another song</source>
        <translation>La coreografía probada con otra canción</translation>
    </message>
    <message>
        <source>Try it on</source>
        <translation>Probarla con</translation>
    </message>
    <message>
        <source>Another song as structure</source>
        <translation>Otra canción como estructura</translation>
    </message>
    <message>
        <source>a song as structure: intro 16 | verse 32 | chorus 32 …</source>
        <translation>una canción como estructura: intro 16 | verse 32 | chorus 32…</translation>
    </message>
    <message>
        <source>Type the sections of another song or edit with their beats, and press Enter</source>
        <translation>Escriba las secciones de otra canción o edición con sus pulsos y pulse Intro</translation>
    </message>
    <message>
        <source>A routine&apos;s song …</source>
        <translation>La canción de una coreografía…</translation>
    </message>
    <message>
        <source>The song of another saved routine, with its map</source>
        <translation>La canción de otra coreografía guardada, con su mapa</translation>
    </message>
    <message>
        <source>A routine on the other song</source>
        <translation>Una coreografía con la otra canción</translation>
    </message>
    <message>
        <source>Routines and maps (*.liftcount *.txt *.mid *.midi *.csv)</source>
        <translation>Coreografías y mapas (*.liftcount *.txt *.mid *.midi *.csv)</translation>
    </message>
    <message>
        <source>Another edit of this song</source>
        <translation>Otra edición de esta canción</translation>
    </message>
    <message>
        <source>What if the intro were longer, a section left out, or heard twice</source>
        <translation>Y si la introducción fuera más larga, faltara una sección o sonara dos veces</translation>
    </message>
    <message>
        <source>or at</source>
        <translation>o al</translation>
    </message>
    <message>
        <source> % tempo</source>
        <translation> % del tempo</translation>
    </message>
    <message>
        <source>Tempo of the song in percent</source>
        <translation>Tempo de la canción en porcentaje</translation>
    </message>
    <message>
        <source>The same song slower or faster: what your own limits say then</source>
        <translation>La misma canción más lenta o más rápida: qué dicen entonces sus límites</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Nothing is changed</source>
        <translation>No se cambia nada</translation>
    </message>
    <message>
        <source>Take this song</source>
        <translation>Tomar esta canción</translation>
    </message>
    <message>
        <source>It becomes the routine&apos;s song; Undo brings this one back</source>
        <translation>Pasa a ser la canción de la coreografía; Deshacer devuelve esta</translation>
    </message>
    <message>
        <source>pass</source>
        <translation>pasada</translation>
    </message>
    <message>
        <source>part</source>
        <translation>parte</translation>
    </message>
    <message>
        <source>here</source>
        <translation>aquí</translation>
    </message>
    <message>
        <source>there</source>
        <translation>allí</translation>
    </message>
    <message>
        <source>Reading “%1” …</source>
        <translation>Leyendo «%1»…</translation>
    </message>
    <message>
        <source>the song of %1</source>
        <translation>la canción de %1</translation>
    </message>
    <message>
        <source>another song</source>
        <translation>otra canción</translation>
    </message>
    <message>
        <source>the song at %1 %</source>
        <translation>la canción al %1 %</translation>
    </message>
    <message>
        <source>what if …</source>
        <translation>y si…</translation>
    </message>
    <message>
        <source>the song %1</source>
        <translation>la canción %1</translation>
    </message>
    <message>
        <source>Which passes land here, and which there: type a song&apos;s structure, take the song of another routine, or another tempo.</source>
        <translation>Qué pasadas caen bien aquí y cuáles allí: escriba la estructura de una canción, tome la de otra coreografía u otro tempo.</translation>
    </message>
    <message>
        <source>The recording stays as it is; what is shown is what would be.</source>
        <translation>La grabación se queda como está; se muestra lo que sería.</translation>
    </message>
    <message>
        <source>The passes here and there</source>
        <translation>Las pasadas aquí y allí</translation>
    </message>
</context>
<context>
    <name>lc::app::SpanPanel</name>
    <message>
        <source>From here to the caret:</source>
        <translation>De aquí al cursor:</translation>
    </message>
    <message>
        <source>What is from here to the caret</source>
        <translation>Lo que hay de aquí al cursor</translation>
    </message>
    <message>
        <source>a stop</source>
        <translation>una parada</translation>
    </message>
    <message>
        <source>one held beat</source>
        <translation>un pulso sostenido</translation>
    </message>
    <message>
        <source>its own metre</source>
        <translation>metro propio</translation>
    </message>
    <message>
        <source>its own tempo</source>
        <translation>tempo propio</translation>
    </message>
    <message>
        <source> beat</source>
        <translation> pulso</translation>
    </message>
    <message>
        <source> beats</source>
        <translation> pulsos</translation>
    </message>
    <message>
        <source> bpm</source>
        <translation> bpm</translation>
    </message>
    <message>
        <source>State it</source>
        <translation>Indicarlo</translation>
    </message>
    <message>
        <source>The rest is worked out again around it (S)</source>
        <translation>El resto se recalcula alrededor (S)</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>de %1 a %2</translation>
    </message>
    <message>
        <source>Put the caret where it ends, then press S again or State it.</source>
        <translation>Ponga el cursor donde acaba y pulse otra vez S o Indicarlo.</translation>
    </message>
    <message>
        <source>%1 of the map as it is now.</source>
        <translation>%1 del mapa como está ahora.</translation>
    </message>
    <message>
        <source>The end has to come after the start: put the caret there first.</source>
        <translation>El final tiene que ir después del principio: ponga antes ahí el cursor.</translation>
    </message>
    <message>
        <source>Beats from here to the caret</source>
        <translation>Pulsos de aquí al cursor</translation>
    </message>
    <message>
        <source>Metre from here to the caret</source>
        <translation>Metro de aquí al cursor</translation>
    </message>
    <message>
        <source>Tempo from here to the caret</source>
        <translation>Tempo de aquí al cursor</translation>
    </message>
</context>
<context>
    <name>lc::app::StartPage</name>
    <message>
        <source>Drop a song here</source>
        <translation>Suelte una canción aquí</translation>
    </message>
    <message>
        <source>Any usual sound file, or the sound of a video. It is counted into beats, bars and phrases, a phrase a line. Then type the counts of your dance, say in which order its parts are danced, and see where every pass lands.</source>
        <translation>Cualquier archivo de sonido habitual, o el sonido de un vídeo. Se cuenta en pulsos, compases y frases, una frase por línea. Después escriba las cuentas de su baile, diga en qué orden se bailan sus partes y vea dónde cae cada pasada.</translation>
    </message>
    <message>
        <source>Open a song</source>
        <translation>Abrir una canción</translation>
    </message>
    <message>
        <source>Choose a sound file (Ctrl+Shift+O)</source>
        <translation>Elegir un archivo de sonido (Ctrl+Mayús+O)</translation>
    </message>
    <message>
        <source>Open a routine</source>
        <translation>Abrir una coreografía</translation>
    </message>
    <message>
        <source>Choose a saved routine (Ctrl+O)</source>
        <translation>Elegir una coreografía guardada (Ctrl+O)</translation>
    </message>
    <message>
        <source>Type a structure</source>
        <translation>Escribir una estructura</translation>
    </message>
    <message>
        <source>A song as text, without a recording</source>
        <translation>Una canción como texto, sin grabación</translation>
    </message>
    <message>
        <source>Look at the demo</source>
        <translation>Ver el ejemplo</translation>
    </message>
    <message>
        <source>A line dance of Quarry Bank hall on its own song</source>
        <translation>Un baile en línea de la sala Quarry Bank con su propia canción</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Recientes</translation>
    </message>
    <message>
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation>Caliente, deje sitio alrededor de las patadas, descanse entre bailes completos. Un profesor cualificado y las normas de la sala van primero.</translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended</source>
        <translation>Sin guardar cuando Lift Count se cerró</translation>
    </message>
    <message>
        <source>Not saved when Lift Count ended: %1; all are in Routine, Unsaved work</source>
        <translation>Sin guardar cuando Lift Count se cerró: %1; todas están en Coreografía, Trabajo sin guardar</translation>
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
        <translation>El paso del cursor, como lo dice su línea</translation>
    </message>
    <message>
        <source>No step is danced there. Put the caret on a count of a pass.</source>
        <translation>Ahí no se baila ningún paso. Ponga el cursor en una cuenta de una pasada.</translation>
    </message>
    <message>
        <source>Everyone waits there; there is no line to change.</source>
        <translation>Ahí todos esperan; no hay línea que cambiar.</translation>
    </message>
    <message>
        <source>This figure is danced in another way here. Change its line in Steps, or choose it in the chain of its part.</source>
        <translation>Esta figura se baila aquí de otra forma. Cambie su línea en Pasos o elíjala en la cadena de su parte.</translation>
    </message>
    <message>
        <source>Nothing is written for this count. Type it in the line of the figure (Ctrl+E).</source>
        <translation>No hay nada escrito para esta cuenta. Escríbalo en la línea de la figura (Ctrl+E).</translation>
    </message>
</context>
<context>
    <name>lc::app::StepsStage</name>
    <message>
        <source>New figure</source>
        <translation>Figura nueva</translation>
    </message>
    <message>
        <source>Into the vocabulary</source>
        <translation>Al repertorio</translation>
    </message>
    <message>
        <source>Search the figures</source>
        <translation>Buscar en las figuras</translation>
    </message>
    <message>
        <source>By counts, feet, positions, turns, or words of any field</source>
        <translation>Por cuentas, pies, posiciones, giros o palabras de cualquier campo</translation>
    </message>
    <message>
        <source>Another figure like this</source>
        <translation>Otra figura como esta</translation>
    </message>
    <message>
        <source>A copy in the vocabulary; in Arrange the chosen figures are repeated</source>
        <translation>Una copia en el repertorio; en Componer se repiten las figuras elegidas</translation>
    </message>
    <message>
        <source>Another role</source>
        <translation>Otro rol</translation>
    </message>
    <message>
        <source>A line for a partner or a row</source>
        <translation>Una línea para una pareja o una fila</translation>
    </message>
    <message>
        <source>Copy the line to the partner</source>
        <translation>Copiar la línea a la pareja</translation>
    </message>
    <message>
        <source>The same steps on the other foot, to change what differs</source>
        <translation>Los mismos pasos con el otro pie, para cambiar lo que difiere</translation>
    </message>
    <message>
        <source>Remove the figure</source>
        <translation>Quitar la figura</translation>
    </message>
    <message>
        <source>From the vocabulary, or from the routine; undo brings it back</source>
        <translation>Del repertorio o de la coreografía; Deshacer la devuelve</translation>
    </message>
    <message>
        <source>Hear the figure</source>
        <translation>Oír la figura</translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts; again to stop</source>
        <translation>Con clics, pasos y cuentas habladas; otra vez para parar</translation>
    </message>
    <message>
        <source>Keep the version</source>
        <translation>Conservar la versión</translation>
    </message>
    <message>
        <source>The one chosen on the bench stays with the figure</source>
        <translation>La elegida en el banco se queda con la figura</translation>
    </message>
    <message>
        <source>Take the figure into the routine</source>
        <translation>Llevar la figura a la coreografía</translation>
    </message>
    <message>
        <source>A copy that the routine file holds</source>
        <translation>Una copia que guarda el archivo de la coreografía</translation>
    </message>
    <message>
        <source>Bench of versions</source>
        <translation>Banco de versiones</translation>
    </message>
    <message>
        <source>Fillers</source>
        <translation>Rellenos</translation>
    </message>
    <message>
        <source>Joints</source>
        <translation>Uniones</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Marco</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Practicar</translation>
    </message>
    <message>
        <source>Card of the figure</source>
        <translation>Ficha de la figura</translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation>Palabras con significado</translation>
    </message>
    <message>
        <source>Under the picture of the figure</source>
        <translation>Bajo la imagen de la figura</translation>
    </message>
    <message>
        <source>Bring figures in …</source>
        <translation>Traer figuras…</translation>
    </message>
    <message>
        <source>From a JSON file or a table (CSV)</source>
        <translation>De un archivo JSON o una tabla (CSV)</translation>
    </message>
    <message>
        <source>Write the figures to a file …</source>
        <translation>Escribir las figuras en un archivo…</translation>
    </message>
    <message>
        <source>Those that the search finds, as JSON or a table (CSV)</source>
        <translation>Las que encuentra la búsqueda, como JSON o tabla (CSV)</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <translation>%1, copia</translation>
    </message>
    <message>
        <source>figure %1</source>
        <translation>figura %1</translation>
    </message>
    <message>
        <source>Undo in the vocabulary</source>
        <translation>Deshacer en el repertorio</translation>
    </message>
    <message>
        <source>Redo in the vocabulary</source>
        <translation>Rehacer en el repertorio</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Pasos</translation>
    </message>
    <message>
        <source>Figures and their versions</source>
        <translation>Las figuras y sus versiones</translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation>Fi&amp;guras</translation>
    </message>
    <message>
        <source>Card</source>
        <translation>Ficha</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Palabras</translation>
    </message>
    <message>
        <source>%1 (Alt+Shift+%2)</source>
        <translation>%1 (Alt+Mayús+%2)</translation>
    </message>
    <message>
        <source>There is nothing to hear yet: write the figure&apos;s counts.</source>
        <translation>Aún no hay nada que oír: escriba las cuentas de la figura.</translation>
    </message>
    <message>
        <source>Bring figures in</source>
        <translation>Traer figuras</translation>
    </message>
    <message>
        <source>Figures (*.json *.csv)</source>
        <translation>Figuras (*.json *.csv)</translation>
    </message>
    <message>
        <source>Write the figures that the search finds</source>
        <translation>Escribir las figuras que encuentra la búsqueda</translation>
    </message>
</context>
<context>
    <name>lc::app::StripsView</name>
    <message>
        <source>%1, at %2, %3 counts</source>
        <translation>%1, en %2, %3 cuentas</translation>
    </message>
    <message>
        <source>The song, a phrase a line</source>
        <translation>La canción, una frase por línea</translation>
    </message>
    <message>
        <source>The routine on the song, a phrase a line</source>
        <translation>La coreografía sobre la canción, una frase por línea</translation>
    </message>
    <message>
        <source>No song yet</source>
        <translation>Aún sin canción</translation>
    </message>
    <message>
        <source>Go to Listen (Alt+1) to open a recording, or to type the song&apos;s structure. </source>
        <translation>Vaya a Escuchar (Alt+1) para abrir una grabación o escribir la estructura de la canción. </translation>
    </message>
    <message>
        <source>Until then the passes stand in their list (F5), counted without music.</source>
        <translation>Hasta entonces las pasadas están en su lista (F5), contadas sin música.</translation>
    </message>
    <message>
        <source>Parts can be built without it: type a figure&apos;s name above, or its counts.</source>
        <translation>Se pueden hacer partes sin ella: escriba arriba el nombre de una figura o sus cuentas.</translation>
    </message>
    <message>
        <source>music count %1</source>
        <translation>cuenta de la música %1</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>compás %1</translation>
    </message>
    <message>
        <source>pass %1 count %2</source>
        <translation>pasada %1 cuenta %2</translation>
    </message>
    <message>
        <source>the dancers say %1</source>
        <translation>los bailarines dicen %1</translation>
    </message>
    <message>
        <source>tag</source>
        <translation>tag</translation>
    </message>
    <message>
        <source>wait before the pass</source>
        <translation>espera antes de la pasada</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>touch</source>
        <translation>touch</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>%1 izquierda</translation>
    </message>
    <message>
        <source>%1 right</source>
        <translation>%1 derecha</translation>
    </message>
    <message>
        <source>%1 both feet</source>
        <translation>%1 ambos pies</translation>
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
        <translation>acento, coincide con su momento</translation>
    </message>
    <message>
        <source>accent, misses its moment</source>
        <translation>acento, falla su momento</translation>
    </message>
</context>
<context>
    <name>lc::app::StructurePanel</name>
    <message>
        <source>Structure</source>
        <translation>Estructura</translation>
    </message>
    <message>
        <source>The song as structure</source>
        <translation>La canción como estructura</translation>
    </message>
    <message>
        <source>intro 16 | verse 32 | chorus 32 | stop 4 | ending 16</source>
        <translation>intro 16 | verse 32 | chorus 32 | stop 4 | ending 16</translation>
    </message>
    <message>
        <source>Beats of each section. Also: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 for a tempo, @112&gt;90 for a change</source>
        <translation>Pulsos de cada sección. También: pickup 2, bar 2, stop 4, fermata 1 3.2s, @112 para un tempo, @112&gt;90 para un cambio</translation>
    </message>
    <message>
        <source> bpm</source>
        <translation> bpm</translation>
    </message>
    <message>
        <source>first beat at</source>
        <translation>primer pulso en</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Usarla</translation>
    </message>
    <message>
        <source>The song is counted like this (Enter)</source>
        <translation>La canción se cuenta así (Intro)</translation>
    </message>
    <message>
        <source>Sections and their beats, with | between them. No recording is needed.</source>
        <translation>Secciones y sus pulsos, con | en medio. No hace falta grabación.</translation>
    </message>
    <message>
        <source>%1, %2 in %3, %4 long.</source>
        <translation>%1, %2 en %3, dura %4.</translation>
    </message>
    <message>
        <source>Tempo of the structure</source>
        <translation>Tempo de la estructura</translation>
    </message>
    <message>
        <source>Metre of the structure</source>
        <translation>Metro de la estructura</translation>
    </message>
    <message>
        <source>Second of the first beat</source>
        <translation>Segundo del primer pulso</translation>
    </message>
</context>
<context>
    <name>lc::app::TapPanel</name>
    <message>
        <source>Tap along</source>
        <translation>Marcar los pulsos</translation>
    </message>
    <message>
        <source>Tap  T</source>
        <translation>Marcar  T</translation>
    </message>
    <message>
        <source>On each beat, with the key T or this button</source>
        <translation>En cada pulso, con la tecla T o este botón</translation>
    </message>
    <message>
        <source>What is tapped</source>
        <translation>Lo que se marca</translation>
    </message>
    <message>
        <source>every beat</source>
        <translation>cada pulso</translation>
    </message>
    <message>
        <source>only the 1s</source>
        <translation>solo los 1</translation>
    </message>
    <message>
        <source>taps come late by</source>
        <translation>los toques llegan tarde en</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>What the sound&apos;s way to the ear and the hand&apos;s to the key take together; learned from taps that agree with a song</source>
        <translation>Lo que tardan juntos el sonido hasta el oído y la mano hasta la tecla; se aprende de toques que concuerdan con una canción</translation>
    </message>
    <message>
        <source>Use the taps</source>
        <translation>Usar los toques</translation>
    </message>
    <message>
        <source>State what they say; the rest is worked out again around it</source>
        <translation>Indicar lo que dicen; el resto se recalcula alrededor</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Otra vez</translation>
    </message>
    <message>
        <source>Forget these taps</source>
        <translation>Olvidar estos toques</translation>
    </message>
    <message>
        <source>Tap T on each beat, at least eight times; wrong and missing taps are outvoted.</source>
        <translation>Toque T en cada pulso, al menos ocho veces; los toques malos o ausentes quedan en minoría.</translation>
    </message>
    <message>
        <source>Play the song (Space), then tap T on each beat. Without a recording the taps give a tempo.</source>
        <translation>Reproduzca la canción (Espacio) y toque T en cada pulso. Sin grabación, los toques dan un tempo.</translation>
    </message>
    <message>
        <source>1 tap.</source>
        <translation>1 toque.</translation>
    </message>
    <message>
        <source>%1 taps. Go on.</source>
        <translation>%1 toques. Siga.</translation>
    </message>
    <message>
        <source>%1: %2 bpm, scattered by %3 ms</source>
        <translation>%1: %2 bpm, dispersos en %3 ms</translation>
    </message>
    <message>
        <source>%1, %2 outvoted</source>
        <translation>%1, %2 en minoría</translation>
    </message>
    <message>
        <source>%1, %2 came twice</source>
        <translation>%1, %2 llegaron dos veces</translation>
    </message>
    <message>
        <source>%1, %2 filled in</source>
        <translation>%1, %2 completados</translation>
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
        <translation>Tempo de cada compás, en cuentas por minuto; clic para ir allí</translation>
    </message>
    <message>
        <source>%1 counts a minute, %2.</source>
        <translation>%1 cuentas por minuto, %2.</translation>
    </message>
    <message>
        <source>The routine needs %1 to %2.</source>
        <translation>La coreografía necesita %1 a %2.</translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation>%1 bpm</translation>
    </message>
    <message>
        <source>danced at %1 to %2</source>
        <translation>bailado a %1 hasta %2</translation>
    </message>
</context>
<context>
    <name>lc::app::TempoPanel</name>
    <message>
        <source>Tempi of dance families</source>
        <translation>Tempos de las familias de baile</translation>
    </message>
    <message>
        <source>Play at that tempo</source>
        <translation>Reproducir a ese tempo</translation>
    </message>
    <message>
        <source>The tempo below becomes the one at which the chosen family would fit</source>
        <translation>El tempo de abajo pasa a ser el que encajaría con la familia elegida</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>danced as</source>
        <translation>bailado como</translation>
    </message>
    <message>
        <source>bars of</source>
        <translation>compases de</translation>
    </message>
    <message>
        <source>bpm</source>
        <translation>bpm</translation>
    </message>
    <message>
        <source>bars a minute</source>
        <translation>compases por minuto</translation>
    </message>
    <message>
        <source>this song fits at</source>
        <translation>esta canción encaja al</translation>
    </message>
    <message>
        <source>felt</source>
        <translation>se siente</translation>
    </message>
    <message>
        <source>source</source>
        <translation>fuente</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>%L1 to %L2</source>
        <translation>%L1 a %L2</translation>
    </message>
    <message>
        <source>100 %, as it is</source>
        <translation>100 %, como está</translation>
    </message>
    <message>
        <source>%L1 %</source>
        <translation>%L1 %</translation>
    </message>
    <message>
        <source>every other beat</source>
        <translation>uno de cada dos pulsos</translation>
    </message>
    <message>
        <source>twice as many</source>
        <translation>el doble</translation>
    </message>
    <message>
        <source>There is no song yet. These are the tempi usual for dances; none is a rule for your floor.</source>
        <translation>Aún no hay canción. Estos son los tempos habituales de los bailes; ninguno es una regla para su pista.</translation>
    </message>
    <message>
        <source>This song has %L1 bpm, %2.</source>
        <translation>Esta canción tiene %L1 bpm, %2.</translation>
    </message>
    <message>
        <source>No routine yet: nothing is said of steps and turns.</source>
        <translation>Aún no hay coreografía: no se dice nada de pasos y giros.</translation>
    </message>
    <message>
        <source>At %1 % the routine has %2 Warm up, and mind your own limits and your teacher&apos;s word.</source>
        <translation>Al %1 % la coreografía tiene %2 Caliente, y atienda a sus límites y a lo que diga su profesor.</translation>
    </message>
    <message>
        <source>It plays at %1 %.</source>
        <translation>Suena al %1 %.</translation>
    </message>
</context>
<context>
    <name>lc::app::TurnsPanel</name>
    <message>
        <source>Get back on the 1</source>
        <translation>Volver al 1</translation>
    </message>
    <message>
        <source>turned round</source>
        <translation>cuenta cambiada</translation>
    </message>
    <message>
        <source>Where the dance is turned round</source>
        <translation>Dónde el baile tiene la cuenta cambiada</translation>
    </message>
    <message>
        <source>at once, within</source>
        <translation>enseguida, en</translation>
    </message>
    <message>
        <source>Sets within which it is put right</source>
        <translation>Grupos en los que se arregla</translation>
    </message>
    <message>
        <source>sets, or left</source>
        <translation>grupos, o dejado</translation>
    </message>
    <message>
        <source>from %1 on, %2</source>
        <translation>desde %1, %2</translation>
    </message>
    <message>
        <source>The dancers&apos; count and the music&apos;s agree all through: nothing is turned round.</source>
        <translation>La cuenta de los bailarines y la de la música concuerdan de principio a fin: nada está cambiado.</translation>
    </message>
    <message>
        <source>The dancers who count on say %1 where the music says %2.</source>
        <translation>Los bailarines que siguen contando dicen %1 donde la música dice %2.</translation>
    </message>
    <message>
        <source>put right what is turned round</source>
        <translation>arreglar la cuenta cambiada</translation>
    </message>
</context>
<context>
    <name>lc::app::VersionCells</name>
    <message>
        <source>Versions</source>
        <translation>Versiones</translation>
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
        <translation>estirar o doblar</translation>
    </message>
    <message>
        <source>stretch steps</source>
        <translation>estirar pasos</translation>
    </message>
    <message>
        <source>two steps in a count</source>
        <translation>dos pasos en una cuenta</translation>
    </message>
    <message>
        <source>other feel</source>
        <translation>otra subdivisión</translation>
    </message>
    <message>
        <source>other start count</source>
        <translation>otra cuenta inicial</translation>
    </message>
    <message>
        <source>other foot</source>
        <translation>otro pie</translation>
    </message>
    <message>
        <source>other side</source>
        <translation>otro lado</translation>
    </message>
    <message>
        <source>ornament in step</source>
        <translation>adorno en el paso</translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation>Qué se cambia</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Cuántos</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Oír</translation>
    </message>
    <message>
        <source>With clicks, steps and spoken counts</source>
        <translation>Con clics, pasos y cuentas habladas</translation>
    </message>
    <message>
        <source>As a new figure</source>
        <translation>Como figura nueva</translation>
    </message>
    <message>
        <source>Into the vocabulary, beside this one</source>
        <translation>Al repertorio, junto a esta</translation>
    </message>
    <message>
        <source>Change the figure</source>
        <translation>Cambiar la figura</translation>
    </message>
    <message>
        <source>The figure is danced so from now on (Enter)</source>
        <translation>La figura se baila así desde ahora (Intro)</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Conservar</translation>
    </message>
    <message>
        <source>Bound to the figure as another way to dance it (K)</source>
        <translation>Ligada a la figura como otra forma de bailarla (K)</translation>
    </message>
    <message>
        <source>To have a</source>
        <translation>Para tener un</translation>
    </message>
    <message>
        <source>Which step is wanted</source>
        <translation>Qué paso se quiere</translation>
    </message>
    <message>
        <source>slow step</source>
        <translation>paso lento</translation>
    </message>
    <message>
        <source>quick step</source>
        <translation>paso rápido</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>acento</translation>
    </message>
    <message>
        <source>break step</source>
        <translation>paso de break</translation>
    </message>
    <message>
        <source>on count</source>
        <translation>en la cuenta</translation>
    </message>
    <message>
        <source>Count of the song</source>
        <translation>Cuenta de la canción</translation>
    </message>
    <message>
        <source>as written</source>
        <translation>como está escrito</translation>
    </message>
    <message>
        <source>%1 from count %2 (on %3)</source>
        <translation>%1 desde la cuenta %2 (en %3)</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 más</translation>
    </message>
    <message>
        <source>no version here has one there</source>
        <translation>ninguna versión tiene uno ahí</translation>
    </message>
    <message>
        <source>Which version, begun on which count of the song</source>
        <translation>Qué versión, empezada en qué cuenta de la canción</translation>
    </message>
    <message>
        <source>“%1” is kept with the figure already.</source>
        <translation>«%1» ya está con la figura.</translation>
    </message>
    <message>
        <source>keep a version</source>
        <translation>conservar una versión</translation>
    </message>
    <message>
        <source>“%1” is kept with the figure. It stands on its card.</source>
        <translation>«%1» se conserva con la figura. Está en su ficha.</translation>
    </message>
    <message>
        <source>another version</source>
        <translation>otra versión</translation>
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
        <translation>«%1» recibió otro significado mientras tanto y lo conserva.</translation>
    </message>
    <message>
        <source>“%1” was changed elsewhere in the meantime and stays as it is.</source>
        <translation>«%1» se cambió en otro lugar mientras tanto y se queda como está.</translation>
    </message>
</context>
<context>
    <name>lc::app::WordsPage</name>
    <message>
        <source>Word</source>
        <translation>Palabra</translation>
    </message>
    <message>
        <source>word</source>
        <translation>palabra</translation>
    </message>
    <message>
        <source>The word as it is said, one to four words</source>
        <translation>La palabra como se dice, de una a cuatro palabras</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Escuela</translation>
    </message>
    <message>
        <source>school, if it is not your own</source>
        <translation>escuela, si no es la suya</translation>
    </message>
    <message>
        <source>Whose meaning it is; a word can have one meaning for each school, and is then asked about</source>
        <translation>De quién es el significado; una palabra puede tener uno por escuela, y entonces se pregunta</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Pasos</translation>
    </message>
    <message>
        <source>1 behind &amp; side 2 side</source>
        <translation>1 behind &amp; side 2 side</translation>
    </message>
    <message>
        <source>Its steps from count 1; empty where it only says how a step is danced</source>
        <translation>Sus pasos desde la cuenta 1; vacío si solo dice cómo se baila un paso</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Conservar</translation>
    </message>
    <message>
        <source>Gives the word this meaning</source>
        <translation>Da este significado a la palabra</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Olvidar</translation>
    </message>
    <message>
        <source>The word has this meaning no longer; lines that say it are asked about</source>
        <translation>La palabra ya no tiene este significado; en las líneas que la dicen se pregunta</translation>
    </message>
    <message>
        <source>school</source>
        <translation>escuela</translation>
    </message>
    <message>
        <source>means</source>
        <translation>significa</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>pasos</translation>
    </message>
    <message>
        <source>known in</source>
        <translation>conocida en</translation>
    </message>
    <message>
        <source>Words with a meaning</source>
        <translation>Palabras con significado</translation>
    </message>
    <message>
        <source>routine and vocabulary</source>
        <translation>coreografía y repertorio</translation>
    </message>
    <message>
        <source>routine</source>
        <translation>coreografía</translation>
    </message>
    <message>
        <source>vocabulary</source>
        <translation>repertorio</translation>
    </message>
    <message>
        <source>one&apos;s own</source>
        <translation>propia</translation>
    </message>
    <message>
        <source>No word has a meaning of its own yet.</source>
        <translation>Ninguna palabra tiene aún significado propio.</translation>
    </message>
</context>
<context>
    <name>lc::app::Worker</name>
    <message>
        <source>There is not enough memory for this. Close other programs, or take less at a time. Nothing was changed.</source>
        <translation>No hay memoria suficiente para esto. Cierre otros programas o use menos a la vez. No se cambió nada.</translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Nothing was changed.</source>
        <translation>Algo falló que no debería: %1. No se cambió nada.</translation>
    </message>
</context>
</TS>
