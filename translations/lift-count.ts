<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1">
<context>
    <name>Core</name>
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
        <source>%1 and %2</source>
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
        <source>part %1</source>
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
        <source>A step is quicker than your limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has %1 s at the song&apos;s tempo; your own limit is %2 s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A turn is faster than your limit</source>
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
        <source>It is %1 long and %2 has %3: behind it everyone waits %4.</source>
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
        <source>%1.</source>
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
        <source>At character %1: %2</source>
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
        <source>%1: %2</source>
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
        <source>%1</source>
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
        <source>Behind that it goes on so.</source>
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
        <source>Wait %1 less before pass %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let the accent go.</source>
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
        <source>the pick-up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>FigureEditor</name>
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
</context>
<context>
    <name>Files</name>
    <message>
        <source>Written: %1</source>
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
        <source>%1, %2 s</source>
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
    <name>VersionsPage</name>
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
</context>
<context>
    <name>lc</name>
    <message>
        <source>to “%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, counted in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>RESTART after %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>TAG of %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WAIT %1</source>
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
        <source>, then </source>
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
        <source>after the song</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, count %1</source>
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
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both feet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warm up first. Dry floor, shoes that let the foot turn, room around kicks. Rest between full runs. Music at a comfortable volume. A qualified teacher and the rules of the house come first.</source>
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
</context>
<context>
    <name>lc::app</name>
    <message>
        <source>wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, exchanged</source>
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
        <source>Its name puts it into the part, behind the figure at the caret</source>
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
        <source>A copy behind them (Ctrl+D)</source>
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
        <source>Copy passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Those chosen in the list, or the one at the caret, as text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paste passes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Behind the pass at the caret</source>
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
        <source>Make it land …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plans: the fewest changes that make every pass land, with what they cost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mend the music instead …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The fewest cuts and repeats of whole bars on which the unchanged dance lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put a turned-round dance right …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At once, within some sets, or left until the music undoes it</source>
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
        <source>Which song for this dance, which dance for this song …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The files of a folder, the best fit first</source>
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
        <source>Preview the remedy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try it on the strips, again to take it off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Apply the remedy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do it</source>
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
        <source>The list of passes under the strips</source>
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
        <source>There is nothing chosen that could be applied. Close what is open below to apply a remedy.</source>
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
        <source>Tried on, nothing changed yet: %1   Ctrl+Enter applies it, Esc takes it off.</source>
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
        <source>Choose passes in the list, or put the caret into one, and copy again.</source>
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
        <source>%1 %2 of %3</source>
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
        <source>facing %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, dancers say %1</source>
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
        <source>Count bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next</source>
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
        <source>Loop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tempo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>− and +</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Voice</source>
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
        <source>Play or pause (Space)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Loop this pass, or stop looping (O)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slower by 5 % (−)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faster by 5 % (+)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clicks on the counts, on or off (V)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::DocumentSession</name>
    <message>
        <source>take the dance of the hand-out</source>
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
        <source>How often</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is danced</source>
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
        <source> Keep versions on the bench to drill them here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 at %3 s. Begins %4× left, %5× right%6.%7</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>: the %1 is less used, “Both sides” adds it</source>
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
        <source>In sets: </source>
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
        <source>Your own limit; empty for none. The program knows none of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no limit. Write a number above 0, or leave it empty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quickest step %1 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fastest turn %1°/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 a minute</source>
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
        <source>“%1” is no length of a step. Write 2, 1 or 1/2.</source>
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
        <source> One more cannot be read either.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %1 more cannot be read either.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The vocabulary may only be read here, so this figure stays as it is. Take it into the routine and change it there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, as typed here</source>
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
        <source>Figures written to %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was changed elsewhere in the meantime and stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” was given another meaning in the meantime and keeps it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>lc::app::FigureEditor</name>
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
        <source>“%1” is no number of counts. Write 6, 12 or 13/2, or leave it empty.</source>
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
        <source>%1: %2, then %3 free%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>  (read so now)</source>
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
        <source>nothing written yet, claims</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, claims</source>
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
        <source>%1 (rescued %2)</source>
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
        <source>, one pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 passes</source>
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
        <source>, or </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill the phrase with figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts to fill behind the part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts behind the part, and leave</source>
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
        <source>Place them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figures of the chosen row come behind the part; Undo takes them out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
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
        <source>counts, each at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How often a figure may come</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>times,</source>
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
        <source>different</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lengths</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>start on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ways to fill, fewest figures first</source>
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
        <source>%1 from these lengths: %2. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No figures at hand have lengths that make %1. </source>
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
        <source>.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; %1 of them are shown, of every number of figures.</source>
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
        <source> None in figure %1.</source>
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
        <source>Write it behind the figure</source>
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
        <source>Preview</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show it on the strips without changing anything (P)</source>
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
        <source>Work that was not saved when Lift Count ended is in “%1”. Open it to go on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Work that was not saved when Lift Count ended is in %1 files, the newest “%2”. Open it to go on.</source>
        <translation type="unfinished"></translation>
    </message>
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
        <source>not saved yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The demo is not here. It lies in the folder demo of the program&apos;s sources.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” could not be kept in the vocabulary. Make room, or copy its line; close once more to leave without it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Save your work under another name and start Lift Count again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something went wrong that should not: %1. Your work was saved in “%2”; start Lift Count again and open it.</source>
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
        <source>Take the last change back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the change again</source>
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
        <source>Go to …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pass, a phrase or a count</source>
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
        <source>Legend of the step marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show it or not</source>
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
        <source>Text will have %1 % of its size when Lift Count is started next.</source>
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
</context>
<context>
    <name>lc::app::MendPanel</name>
    <message>
        <source>Mend the music instead of the dance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mend the music</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars that one cut or repeat takes at most</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars; a joint costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cost of a joint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each bar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cost of each bar left out or played again</source>
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
        <source>Write the new song …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
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
        <source>Mends of the music, the best first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No mend of the music costs less than %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It costs %1, %2 more than the best.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> The song is %1 then; %2.</source>
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
        <source>mend the music</source>
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
        <source> The routine was changed meanwhile, so its song stays. Open the new one from the Song menu.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, mended</source>
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
        <source>   ↓ %1 more</source>
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
        <source>Type a figure&apos;s name and press Enter: it comes behind the chosen figure. Names of the routine and the vocabulary are offered; a new name makes a new figure (Ctrl+I)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, other side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, exchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, in %1</source>
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
        <source>, %1 weight changes, starts %2, then %3 free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>either foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, turns %1</source>
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
        <source>, facing %1, %2 foot free</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, places %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; the music says %1, the dancers who count on %2</source>
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
    <name>lc::app::PlanSettings</name>
    <message>
        <source>What plans may do, and how bad it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What may be done</source>
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
        <source>Waits behind a pass: counts with commas; empty = none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bridges of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waits behind a figure inside a pass: counts with commas; empty = none</source>
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
        <source>Figures that may be danced behind a pass</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Figures of the routine that may be danced behind a pass, as a tag</source>
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
        <source>The facing that is wanted when the music ends; how bad another is stands below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How bad it is</source>
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
        <source>How bad: %1</source>
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
        <source>Plans that make the routine land</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make it land for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For whom the plans are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Allowed and costs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What plans may do, what is wanted at the end, and how bad everything is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A pass starts here</source>
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
        <source>Preview</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the plan on the strips without changing anything</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Apply</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do it; Undo takes all of it back</source>
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
        <source>Plans, the best first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no pass at the caret. Click a count that is danced.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Last pass: %1.</source>
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
        <source> What is kept costs nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> What is kept costs %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This plan is how the routine is already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a plan that lands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen plan does not dance that pass.</source>
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
    <name>lc::app::Rail</name>
    <message>
        <source>Stages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legend  ?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
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
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, other bars</source>
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
        <source>claimed, not built</source>
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
        <source> It lacks %1 s of the other recording.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> One place could not be matched: see the doubts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %1 places could not be matched: see the doubts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> One statement about music that is not there was left behind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %1 statements about music that is not there were left behind.</source>
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
        <source> The recording stays as it is; what is shown is what would be.</source>
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
        <source> beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> beats</source>
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
        <source>A song as text, without a recording (Y)</source>
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
        <source>Warm up, keep room around kicks, rest between full runs. A qualified teacher and the rules of the house come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of late</source>
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
        <source>, copy</source>
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
        <source>Until then the passes stand in the list below (F5), counted without music.</source>
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
        <source> left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> both feet</source>
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
        <source> bpm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first beat at</source>
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
        <source>, %1 outvoted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 came twice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 filled in</source>
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
        <source> The routine needs %1 to %2.</source>
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
    <message>
        <source> at</source>
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
        <source>100 %, as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
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
        <source>This song has %1 bpm, %2.</source>
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
        <source>When to put a turned-round dance right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turned round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the dance is turned round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>put right at once, within</source>
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
        <source>Preview</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show it on the strips without changing anything</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Apply</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Do it; Undo takes it back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three ways to go on</source>
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
<context>
    <name>lc::app::strips</name>
    <message>
        <source>touch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, a touch</source>
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
        <source> faces %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>round %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>passes %1–%2 alike, %3 each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · click or Enter unfolds them</source>
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
    <name>lc::app::strips::LinePainter</name>
    <message>
        <source>of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held %1 s</source>
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
        <source>restart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut after %1</source>
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
        <source>wait %1</source>
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
        <source>%1 %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set</source>
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
</context>
</TS>
