<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source>Leave it</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>Nothing is changed</source>
        <translation>Es wird nichts geändert</translation>
    </message>
    <message>
        <source>done</source>
        <translation>erledigt</translation>
    </message>
    <message>
        <source>to do</source>
        <translation>zu tun</translation>
    </message>
    <message>
        <source>A name is enough. Everything else is kept with the pilot who is chosen at the left.</source>
        <translation>Ein Name genügt. Alles andere liegt beim Piloten, der links gewählt ist.</translation>
    </message>
    <message>
        <source>What a station needs, to be ticked; what can be seen ticks itself.</source>
        <translation>Was eine Station braucht, zum Abhaken; was sich erkennen lässt, hakt sich selbst ab.</translation>
    </message>
    <message>
        <source>What a station needs: %1 of %2 ticked.</source>
        <translation>Was eine Station braucht: %1 von %2 abgehakt.</translation>
    </message>
    <message>
        <source>The controller in use is ready. Without one, the simulated controller stands in.</source>
        <translation>Die benutzte Fernsteuerung ist bereit. Ohne eine springt die simulierte ein.</translation>
    </message>
    <message>
        <source>Calibrate the controller that is plugged in; it takes two minutes.</source>
        <translation>Die angesteckte Fernsteuerung kalibrieren; das dauert zwei Minuten.</translation>
    </message>
    <message>
        <source>The real aircraft that is to be flown one day, and the practice aircraft nearest to it.</source>
        <translation>Das echte Fluggerät, das einmal geflogen werden soll, und das ähnlichste zum Üben.</translation>
    </message>
    <message>
        <source>The first one is chosen already. It is scored against limits, and says what to change.</source>
        <translation>Die erste ist schon gewählt. Sie wird an Grenzwerten gemessen und sagt, was zu ändern ist.</translation>
    </message>
    <message>
        <source>Add the first pilot</source>
        <translation>Ersten Piloten anlegen</translation>
    </message>
    <message>
        <source>Look through the kit</source>
        <translation>Ausrüstung durchsehen</translation>
    </message>
    <message>
        <source>Make the controller ready</source>
        <translation>Fernsteuerung bereit machen</translation>
    </message>
    <message>
        <source>Set the aircraft up</source>
        <translation>Fluggerät aufbauen</translation>
    </message>
    <message>
        <source>Fly the first drill</source>
        <translation>Erste Übung fliegen</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>To the controller</source>
        <translation>Zur Fernsteuerung</translation>
    </message>
    <message>
        <source>To the rates</source>
        <translation>Zu den Drehraten</translation>
    </message>
    <message>
        <source>To the debrief</source>
        <translation>Zur Auswertung</translation>
    </message>
    <message>
        <source>To the first flight</source>
        <translation>Zum Erstflug</translation>
    </message>
    <message>
        <source>To the hours</source>
        <translation>Zu den Stunden</translation>
    </message>
    <message>
        <source>To the drills</source>
        <translation>Zu den Übungen</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>yesterday</source>
        <translation>gestern</translation>
    </message>
    <message>
        <source>%1 days ago</source>
        <translation>vor %1 Tagen</translation>
    </message>
    <message>
        <source>Nobody chosen</source>
        <translation>Niemand gewählt</translation>
    </message>
    <message>
        <source>Nothing flies</source>
        <translation>Nichts fliegt</translation>
    </message>
    <message>
        <source>Free flight</source>
        <translation>Freiflug</translation>
    </message>
    <message>
        <source>over</source>
        <translation>vorbei</translation>
    </message>
    <message>
        <source>crashed</source>
        <translation>abgestürzt</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>angehalten</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>in der Luft</translation>
    </message>
    <message>
        <source>motors off</source>
        <translation>Motoren aus</translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation>Teil %1 von %2</translation>
    </message>
    <message>
        <source>%1 marks</source>
        <translation>%1 Punkte</translation>
    </message>
    <message>
        <source>%1 marks so far</source>
        <translation>bisher %1 Punkte</translation>
    </message>
    <message>
        <source>Let go of both sticks</source>
        <translation>Beide Knüppel loslassen</translation>
    </message>
    <message>
        <source>Throttle to the top, hold it there</source>
        <translation>Gas ganz oben halten</translation>
    </message>
    <message>
        <source>Throttle to the bottom, hold it there</source>
        <translation>Gas ganz unten halten</translation>
    </message>
    <message>
        <source>Yaw right to the stop, let go</source>
        <translation>Gier ganz rechts, loslassen</translation>
    </message>
    <message>
        <source>Yaw left to the stop, let go</source>
        <translation>Gier ganz links, loslassen</translation>
    </message>
    <message>
        <source>Pitch forward to the stop, let go</source>
        <translation>Nick ganz vor, loslassen</translation>
    </message>
    <message>
        <source>Pitch back to the stop, let go</source>
        <translation>Nick ganz zurück, loslassen</translation>
    </message>
    <message>
        <source>Roll right to the stop, let go</source>
        <translation>Roll ganz rechts, loslassen</translation>
    </message>
    <message>
        <source>Roll left to the stop, let go</source>
        <translation>Roll ganz links, loslassen</translation>
    </message>
    <message>
        <source>Circle both sticks, let go</source>
        <translation>Mit beiden kreisen</translation>
    </message>
    <message>
        <source>
Let go, it is back after %1 ms from the high side and %2 ms from the low side, and swings past by %3 % and %4 %.</source>
        <translation>
Losgelassen ist er nach %1 ms von der hohen und %2 ms von der tiefen Seite zurück und schwingt um %3 % und %4 % über.</translation>
    </message>
    <message>
        <source>not tried</source>
        <translation>nicht probiert</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>power %1</source>
        <translation>Leistung %1</translation>
    </message>
    <message>
        <source>turned %1</source>
        <translation>gedreht %1</translation>
    </message>
    <message>
        <source>leaned %1</source>
        <translation>geneigt %1</translation>
    </message>
    <message>
        <source>Any pilot</source>
        <translation>Jeder Pilot</translation>
    </message>
    <message>
        <source>Range</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>Aircraft off, or propellers off, while its controller drives a simulator.</source>
        <translation>Fluggerät aus oder Propeller ab, solange seine Fernsteuerung einen Simulator steuert.</translation>
    </message>
    <message>
        <source>For %1</source>
        <translation>Für %1</translation>
    </message>
    <message>
        <source>Nearest to it here: %1</source>
        <translation>Am ähnlichsten hier: %1</translation>
    </message>
    <message>
        <source>Camera tilt %1°, field of view %2°</source>
        <translation>Kameraneigung %1°, Blickwinkel %2°</translation>
    </message>
    <message>
        <source>Propeller power %1 %, propellers %2 % of their size</source>
        <translation>Leistung %1 %, Propeller %2 % ihrer Größe</translation>
    </message>
    <message>
        <source>Full stick: roll %1, pitch %2, yaw %3 °/s; at the centre %4, %5, %6</source>
        <translation>Vollausschlag: Roll %1, Nick %2, Gier %3 °/s; in der Mitte %4, %5, %6</translation>
    </message>
    <message>
        <source>Set-up card: %1</source>
        <translation>Einstellkarte: %1</translation>
    </message>
    <message>
        <source>Starts and stops the motors where that is the pilot&apos;s</source>
        <translation>Startet und stoppt die Motoren, wo das Sache des Piloten ist</translation>
    </message>
    <message>
        <source>Changes the flight mode in the air; the log says when</source>
        <translation>Wechselt den Flugmodus in der Luft; die Aufzeichnung sagt, wann</translation>
    </message>
    <message>
        <source>Stops and hovers from any attitude</source>
        <translation>Hält aus jeder Lage an und schwebt</translation>
    </message>
    <message>
        <source>Back to the start</source>
        <translation>Zurück zum Start</translation>
    </message>
    <message>
        <source>Holds the flight still</source>
        <translation>Hält den Flug an</translation>
    </message>
    <message>
        <source>put aside</source>
        <translation>weggelegt</translation>
    </message>
    <message>
        <source>not followed yet</source>
        <translation>noch nicht befolgt</translation>
    </message>
    <message>
        <source>seen to be followed since %1</source>
        <translation>gesehen befolgt seit %1</translation>
    </message>
    <message>
        <source>followed since %1</source>
        <translation>befolgt seit %1</translation>
    </message>
    <message>
        <source>%1: %2 before, %3 since; three of each are needed</source>
        <translation>%1: %2 vorher, %3 seitdem; je drei werden gebraucht</translation>
    </message>
    <message>
        <source>%1: %2 → %3 %4 (change between %5 and %6), %7 and %8 flights</source>
        <translation>%1: %2 → %3 %4 (Änderung zwischen %5 und %6), %7 und %8 Flüge</translation>
    </message>
    <message>
        <source>%1: passed at %2, good at %3</source>
        <translation>%1: bestanden bei %2, gut bei %3</translation>
    </message>
    <message>
        <source>No positions in this flight</source>
        <translation>Keine Positionen in diesem Flug</translation>
    </message>
    <message>
        <source>%1 m, north is up</source>
        <translation>%1 m, Norden oben</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 of 100 marks · printed %2</source>
        <translation>%1 von 100 Punkten · gedruckt %2</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>gedruckt %1</translation>
    </message>
    <message>
        <source>height, 0 to %1 m, over %2 s</source>
        <translation>Höhe, 0 bis %1 m, über %2 s</translation>
    </message>
    <message>
        <source>Sticks from %1 s to %2 s</source>
        <translation>Knüppel von %1 s bis %2 s</translation>
    </message>
    <message>
        <source>To change</source>
        <translation>Zu ändern</translation>
    </message>
    <message>
        <source>No fault was found: fly the next drill.</source>
        <translation>Kein Fehler gefunden: die nächste Übung fliegen.</translation>
    </message>
    <message>
        <source>What was found is not for advice yet: fly again.</source>
        <translation>Was gefunden wurde, reicht noch nicht für einen Rat: noch einmal fliegen.</translation>
    </message>
    <message>
        <source>%1 Seen %2.</source>
        <translation>%1 Gesehen %2.</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Debrief: %1</source>
        <translation>Auswertung: %1</translation>
    </message>
    <message>
        <source>falling</source>
        <translation>fallend</translation>
    </message>
    <message>
        <source>rising</source>
        <translation>steigend</translation>
    </message>
    <message>
        <source>no clear trend</source>
        <translation>kein klarer Verlauf</translation>
    </message>
    <message>
        <source>%1 does not follow</source>
        <translation>%1 folgt nicht</translation>
    </message>
    <message>
        <source>%1 %2 %, %3 s behind</source>
        <translation>%1 %2 %, %3 s später</translation>
    </message>
    <message>
        <source>● met</source>
        <translation>● erfüllt</translation>
    </message>
    <message>
        <source>◐ not yet</source>
        <translation>◐ noch nicht</translation>
    </message>
    <message>
        <source>? not known</source>
        <translation>? unbekannt</translation>
    </message>
    <message>
        <source>Before arming, read aloud</source>
        <translation>Vor dem Scharfschalten, laut gelesen</translation>
    </message>
    <message>
        <source>Pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>Coordinator</source>
        <translation>Koordinator</translation>
    </message>
    <message>
        <source>Battery by battery</source>
        <translation>Akku für Akku</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>How it went</source>
        <translation>Wie es ging</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>careful</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>%1 entries, %2</source>
        <translation>%1 Einträge, %2</translation>
    </message>
    <message>
        <source>%1 is released to fly %2 at %3, from %4 to %5.</source>
        <translation>%1 ist freigegeben, %2 in %3 zu fliegen, vom %4 bis zum %5.</translation>
    </message>
    <message>
        <source>Withdrawn: %1</source>
        <translation>Zurückgezogen: %1</translation>
    </message>
    <message>
        <source>Rates on the aircraft: %1</source>
        <translation>Drehraten am Fluggerät: %1</translation>
    </message>
    <message>
        <source>Gate</source>
        <translation>Voraussetzung</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>Evidence</source>
        <translation>Beleg</translation>
    </message>
    <message>
        <source>Overridden, because</source>
        <translation>Übergangen, weil</translation>
    </message>
    <message>
        <source>Limits that are not as usual here</source>
        <translation>Grenzwerte, die hier nicht wie üblich sind</translation>
    </message>
    <message>
        <source>Signed</source>
        <translation>Unterschrieben</translation>
    </message>
    <message>
        <source>%1, coordinator, %2. Key %3 …; signature %4 …; the record had %5.</source>
        <translation>%1, Koordinator, %2. Schlüssel %3 …; Signatur %4 …; die Akte hatte %5.</translation>
    </message>
    <message>
        <source>(no longer known)</source>
        <translation>(nicht mehr bekannt)</translation>
    </message>
    <message>
        <source>To check it later: verify the record, which checks every release&apos;s signature, and compare the head above. This release is advice that the coordinator answers for. The law says who may fly what, and where: registration, proof of competency, line of sight and a spotter, airspace, insurance; ask the national aviation authority.</source>
        <translation>Um es später zu prüfen: die Akte prüfen, was die Signatur jeder Freigabe einschließt, und den Stand oben vergleichen. Diese Freigabe ist ein Rat, für den der Koordinator einsteht. Wer was wo fliegen darf, sagt das Gesetz: Registrierung, Kompetenznachweis, Sichtweite und Beobachter, Luftraum, Versicherung; die nationale Luftfahrtbehörde fragen.</translation>
    </message>
    <message>
        <source>compass: a guide only</source>
        <translation>Kompass: nur ein Anhalt</translation>
    </message>
    <message>
        <source> On the controller: %1.</source>
        <translation> An der Fernsteuerung: %1.</translation>
    </message>
    <message>
        <source>armed</source>
        <translation>scharf</translation>
    </message>
    <message>
        <source>camera %1°, view %2°</source>
        <translation>Kamera %1°, Blick %2°</translation>
    </message>
    <message>
        <source>from behind the aircraft</source>
        <translation>von hinter dem Fluggerät</translation>
    </message>
    <message>
        <source>from the pilot&apos;s place</source>
        <translation>vom Platz des Piloten</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>a power law fits better</source>
        <translation>ein Potenzgesetz passt besser</translation>
    </message>
    <message>
        <source>an exponential fits better</source>
        <translation>eine Exponentialkurve passt besser</translation>
    </message>
    <message>
        <source>a power law and an exponential fit alike</source>
        <translation>Potenzgesetz und Exponentialkurve passen gleich gut</translation>
    </message>
    <message>
        <source>in over ten years</source>
        <translation>in über zehn Jahren</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>another program</source>
        <translation>auswärts</translation>
    </message>
    <message>
        <source>%1 h practised, %2 h of them on matched rates; %3 sessions, %4 flights, %5 passed. Written %6.</source>
        <translation>%1 h geübt, davon %2 h mit abgeglichenen Drehraten; %3 Sitzungen, %4 Flüge, %5 bestanden. Geschrieben %6.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Übungszeit</translation>
    </message>
    <message>
        <source>Began</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>Active, min</source>
        <translation>Aktiv, min</translation>
    </message>
    <message>
        <source>Idle, min</source>
        <translation>Ruhend, min</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>Matched</source>
        <translation>Abgeglichen</translation>
    </message>
    <message>
        <source>By hand, because</source>
        <translation>Von Hand, weil</translation>
    </message>
    <message>
        <source>flown</source>
        <translation>geflogen</translation>
    </message>
    <message>
        <source>passed</source>
        <translation>bestanden</translation>
    </message>
    <message>
        <source>not passed</source>
        <translation>nicht bestanden</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Flüge</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Mode</source>
        <translation>Modus</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Flown, s</source>
        <translation>Geflogen, s</translation>
    </message>
    <message>
        <source>session, %1 min</source>
        <translation>Sitzung, %1 min</translation>
    </message>
    <message>
        <source>Struck out, does not count</source>
        <translation>Gestrichen, zählt nicht</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>screen or goggles?</source>
        <translation>Bildschirm oder Brille?</translation>
    </message>
    <message>
        <source>by the screen</source>
        <translation>am Bildschirm</translation>
    </message>
    <message>
        <source>in goggles</source>
        <translation>mit Brille</translation>
    </message>
    <message>
        <source>%1 unknown</source>
        <translation>%1 unbekannt</translation>
    </message>
    <message>
        <source>%1 %2 to %3</source>
        <translation>%1 %2 bis %3</translation>
    </message>
    <message>
        <source>%1 %2 (%3; delay and lag %4 ms)</source>
        <translation>%1 %2 (%3; Totzeit und Nachlauf %4 ms)</translation>
    </message>
    <message>
        <source>Found from the flight, 95 of 100 times between: %1.</source>
        <translation>Im Flug gefunden, in 95 von 100 Fällen zwischen: %1.</translation>
    </message>
    <message>
        <source>Read from %1.</source>
        <translation>Gelesen aus %1.</translation>
    </message>
    <message>
        <source>%1 in a flight</source>
        <translation>%1 in einem Flug</translation>
    </message>
    <message>
        <source>in %1 of %2 flights</source>
        <translation>in %1 von %2 Flügen</translation>
    </message>
    <message>
        <source>%1 fails, %2 passes, %3 merits</source>
        <translation>%1 reicht nicht, %2 besteht, %3 ist sehr gut</translation>
    </message>
    <message>
        <source>anybody</source>
        <translation>jeder</translation>
    </message>
    <message>
        <source>pilots</source>
        <translation>Piloten</translation>
    </message>
    <message>
        <source>instructor</source>
        <translation>Ausbilder</translation>
    </message>
    <message>
        <source>coordinator</source>
        <translation>Koordinator</translation>
    </message>
    <message>
        <source>Who may do what</source>
        <translation>Wer was darf</translation>
    </message>
    <message>
        <source>Anybody here</source>
        <translation>Jeder hier</translation>
    </message>
    <message>
        <source>Instructor</source>
        <translation>Ausbilder</translation>
    </message>
    <message>
        <source>may</source>
        <translation>darf</translation>
    </message>
    <message>
        <source>%1 entries, nothing wrong</source>
        <translation>%1 Einträge, alles in Ordnung</translation>
    </message>
    <message>
        <source>%1 entries, %2 wrong, the first: %3</source>
        <translation>%1 Einträge, %2 falsch, zuerst: %3</translation>
    </message>
    <message>
        <source>%1: expected a record, a flight log, a table of a flight, rates, or a recording of a screen.</source>
        <translation>%1: erwartet wird eine Akte, eine Flugaufzeichnung, eine Tabelle eines Fluges, Drehraten oder eine Bildschirmaufnahme.</translation>
    </message>
    <message>
        <source>Flying the demo school&apos;s flights. This takes half a minute, once.</source>
        <translation>Die Flüge der Demo-Schule werden geflogen. Das dauert einmal eine halbe Minute.</translation>
    </message>
    <message>
        <source>Blue Hangar</source>
        <translation>Blue Hangar</translation>
    </message>
    <message>
        <source>%1 of %2 h</source>
        <translation>%1 von %2 h</translation>
    </message>
    <message>
        <source>Demo record</source>
        <translation>Demo-Akte</translation>
    </message>
    <message>
        <source>%1 entries wait at this station for the server and are safe</source>
        <translation>%1 Einträge warten an dieser Station auf den Server und sind sicher</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> vom %1</translation>
    </message>
    <message>
        <source>, read only</source>
        <translation>, nur zum Lesen</translation>
    </message>
    <message>
        <source>--tour-size: expected a width and a height such as 1280x800.</source>
        <translation>--tour-size: erwartet werden Breite und Höhe wie 1280x800.</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Akte</translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation>Was nicht stimmt</translation>
    </message>
    <message>
        <source>Blue Hangar: something went wrong</source>
        <translation>Blue Hangar: etwas ging schief</translation>
    </message>
    <message>
        <source>That could not be done</source>
        <translation>Das ging nicht</translation>
    </message>
    <message>
        <source>What was done before is kept. If it comes again, close the program and start it anew.</source>
        <translation>Was vorher getan wurde, ist gesichert. Kommt es wieder, das Programm schließen und neu starten.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>a pilot</source>
        <translation>ein Pilot</translation>
    </message>
    <message>
        <source>shadowing %1</source>
        <translation>%1 nachgeflogen</translation>
    </message>
    <message>
        <source>another simulator</source>
        <translation>ein anderer Simulator</translation>
    </message>
    <message>
        <source>Free flight, %1 min</source>
        <translation>Freiflug, %1 min</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>From elsewhere</source>
        <translation>Von anderswo</translation>
    </message>
    <message>
        <source>Free: %1</source>
        <translation>Frei: %1</translation>
    </message>
    <message>
        <source>edit of %1</source>
        <translation>Änderung an %1</translation>
    </message>
    <message>
        <source>practising on the match</source>
        <translation>Üben mit dem Abgleich</translation>
    </message>
    <message>
        <source>set-up of %1</source>
        <translation>Aufbau von %1</translation>
    </message>
    <message>
        <source>stage %1</source>
        <translation>Stufe %1</translation>
    </message>
    <message>
        <source>demonstration of %1</source>
        <translation>Vorführung von %1</translation>
    </message>
    <message>
        <source>rates of %1</source>
        <translation>Drehraten von %1</translation>
    </message>
    <message>
        <source>match of the rates</source>
        <translation>Abgleich der Drehraten</translation>
    </message>
    <message>
        <source>step of a change plan</source>
        <translation>Schritt eines Änderungsplans</translation>
    </message>
    <message>
        <source>change plan</source>
        <translation>Änderungsplan</translation>
    </message>
    <message>
        <source>rates to try</source>
        <translation>Drehraten zum Probieren</translation>
    </message>
    <message>
        <source>coaching rules</source>
        <translation>Trainingsregeln</translation>
    </message>
    <message>
        <source>advice</source>
        <translation>Rat</translation>
    </message>
    <message>
        <source>what became of advice</source>
        <translation>was aus dem Rat wurde</translation>
    </message>
    <message>
        <source>note about a flight</source>
        <translation>Notiz zu einem Flug</translation>
    </message>
    <message>
        <source>answers to the questionnaire</source>
        <translation>Antworten zum Fragebogen</translation>
    </message>
    <message>
        <source>recording of a session</source>
        <translation>Aufnahme einer Sitzung</translation>
    </message>
    <message>
        <source>edit</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>lean %1°</source>
        <translation>Neigung %1°</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>ab %1</translation>
    </message>
    <message>
        <source>gained %1</source>
        <translation>%1 gestiegen</translation>
    </message>
    <message>
        <source>%1° off level</source>
        <translation>%1° schief</translation>
    </message>
    <message>
        <source>%1 lost</source>
        <translation>%1 verloren</translation>
    </message>
    <message>
        <source>%1 bounces</source>
        <translation>%1 Hüpfer</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 a minute</source>
        <translation>%1 je Minute</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Crashed: throttle to the bottom.</source>
        <translation>Abgestürzt: Gas nach unten.</translation>
    </message>
    <message>
        <source>Done. The result is on the left.</source>
        <translation>Fertig. Das Ergebnis steht links.</translation>
    </message>
    <message>
        <source>Over. The result is on the left; F5 flies it again.</source>
        <translation>Vorbei. Das Ergebnis steht links; F5 fliegt sie noch einmal.</translation>
    </message>
    <message>
        <source>The motors are out: throttle to the bottom.</source>
        <translation>Die Motoren sind aus: Gas nach unten.</translation>
    </message>
    <message>
        <source>Crashed. Throttle to the bottom: it goes back to the start.</source>
        <translation>Abgestürzt. Gas nach unten: es geht zurück zum Start.</translation>
    </message>
    <message>
        <source>Crashed. Throttle to the bottom; F6 begins again.</source>
        <translation>Abgestürzt. Gas nach unten; F6 beginnt neu.</translation>
    </message>
    <message>
        <source>Panic switch: stopped and hovering. F7 gives the sticks back.</source>
        <translation>Notschalter: angehalten, schwebt. F7 gibt die Knüppel zurück.</translation>
    </message>
    <message>
        <source>The controller is unplugged: the flight is held. Plug it in, then F8 goes on.</source>
        <translation>Die Fernsteuerung ist abgezogen: der Flug steht still. Anstecken, dann geht F8 weiter.</translation>
    </message>
    <message>
        <source>Paused. F8 goes on.</source>
        <translation>Angehalten. F8 geht weiter.</translation>
    </message>
    <message>
        <source>Out of bounds: turn back.</source>
        <translation>Außerhalb: umkehren.</translation>
    </message>
    <message>
        <source>Throttle to the bottom to start the motors.</source>
        <translation>Gas nach unten, um die Motoren zu starten.</translation>
    </message>
    <message>
        <source>%1 high, %2, heading %3°</source>
        <translation>%1 hoch, %2, Kurs %3°</translation>
    </message>
    <message>
        <source>%1 %2 %</source>
        <translation>%1 %2 %</translation>
    </message>
    <message>
        <source>%1 centred</source>
        <translation>%1 in der Mitte</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>%1 %2 % %3</source>
        <translation>%1 %2 % %3</translation>
    </message>
    <message>
        <source>measured points</source>
        <translation>gemessene Punkte</translation>
    </message>
    <message>
        <source>ft</source>
        <translation>ft</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>kn</source>
        <translation>kn</translation>
    </message>
    <message>
        <source>m/s</source>
        <translation>m/s</translation>
    </message>
    <message>
        <source>Arm</source>
        <translation>Scharf</translation>
    </message>
    <message>
        <source>Flight mode</source>
        <translation>Flugmodus</translation>
    </message>
    <message>
        <source>Panic</source>
        <translation>Not</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Reset</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>%1, pressed and let go</source>
        <translation>%1, drücken und loslassen</translation>
    </message>
    <message>
        <source>three places</source>
        <translation>drei Stellungen</translation>
    </message>
    <message>
        <source>two places</source>
        <translation>zwei Stellungen</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 °/s</source>
        <translation>%1 °/s</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>propellers</source>
        <translation>Propeller</translation>
    </message>
    <message>
        <source>roll and pitch at full stick</source>
        <translation>Roll und Nick bei Vollausschlag</translation>
    </message>
    <message>
        <source>camera tilt</source>
        <translation>Kameraneigung</translation>
    </message>
    <message>
        <source>%1 from %2 to %3</source>
        <translation>%1 von %2 auf %3</translation>
    </message>
    <message>
        <source>Way back to the real aircraft: all %1 steps taken</source>
        <translation>Rückweg zum echten Fluggerät: alle %1 Schritte getan</translation>
    </message>
    <message>
        <source>Way back: step %1 of %2 is next, %3</source>
        <translation>Rückweg: Schritt %1 von %2 kommt, %3</translation>
    </message>
    <message>
        <source>The curves in numbers</source>
        <translation>Die Kurven in Zahlen</translation>
    </message>
    <message>
        <source>Curve</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>Full turn</source>
        <translation>Volle Drehung</translation>
    </message>
    <message>
        <source>Flip drops</source>
        <translation>Flip fällt</translation>
    </message>
    <message>
        <source>Half stick</source>
        <translation>Halber Ausschlag</translation>
    </message>
    <message>
        <source>Off by</source>
        <translation>Abweichung</translation>
    </message>
    <message>
        <source>In its own numbers</source>
        <translation>In eigenen Zahlen</translation>
    </message>
    <message>
        <source>Whose curve.</source>
        <translation>Wessen Kurve.</translation>
    </message>
    <message>
        <source>Seconds from rest: 360 over the rate at full stick, and what winding up and the rate lag of the aircraft cost.</source>
        <translation>Sekunden aus der Ruhe: 360 geteilt durch die Rate bei Vollausschlag, dazu was Anlaufen und Nachlauf des Fluggeräts kosten.</translation>
    </message>
    <message>
        <source>Metres lost in a full turn without power: ½·g·t² (common practice, a rough guide).</source>
        <translation>Meter Höhenverlust in einer vollen Drehung ohne Schub: ½·g·t² (gängige Praxis, grober Anhalt).</translation>
    </message>
    <message>
        <source>°/s at half stick.</source>
        <translation>°/s bei halbem Ausschlag.</translation>
    </message>
    <message>
        <source>°/s at full stick.</source>
        <translation>°/s bei Vollausschlag.</translation>
    </message>
    <message>
        <source>Slope at the centred stick, °/s per unit of stick.</source>
        <translation>Steigung in der Mitte, °/s je Einheit Knüppelweg.</translation>
    </message>
    <message>
        <source>°/s: root mean square of the difference over the stick from the side that stays, weighted as chosen.</source>
        <translation>°/s: quadratisches Mittel des Unterschieds über den Knüppelweg zur Seite, die bleibt, gewichtet wie gewählt.</translation>
    </message>
    <message>
        <source>The settings, in that side&apos;s own numbers.</source>
        <translation>Die Einstellungen, in den eigenen Zahlen dieser Seite.</translation>
    </message>
    <message>
        <source>real</source>
        <translation>echt</translation>
    </message>
    <message>
        <source>practised</source>
        <translation>geübt</translation>
    </message>
    <message>
        <source>match</source>
        <translation>Abgleich</translation>
    </message>
    <message>
        <source>left alone</source>
        <translation>unverändert</translation>
    </message>
    <message>
        <source>no match</source>
        <translation>kein Abgleich</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Practice outside, %1</source>
        <translation>Üben auswärts, %1</translation>
    </message>
    <message>
        <source>Outside: %1</source>
        <translation>Auswärts: %1</translation>
    </message>
    <message>
        <source>%1 · %2 · stick mode %3 · %4</source>
        <translation>%1 · %2 · Knüppelmodus %3 · %4</translation>
    </message>
    <message>
        <source>%1 or more</source>
        <translation>%1 oder mehr</translation>
    </message>
    <message>
        <source>This key has been known since %1, let in by: %2.</source>
        <translation>Dieser Schlüssel ist seit %1 bekannt, eingelassen von: %2.</translation>
    </message>
    <message>
        <source>This key is not among those of the record.</source>
        <translation>Dieser Schlüssel ist nicht unter denen der Akte.</translation>
    </message>
    <message>
        <source>Head of the record when this was printed:</source>
        <translation>Stand der Akte, als dies gedruckt wurde:</translation>
    </message>
    <message>
        <source>%1, coordinator</source>
        <translation>%1, Koordinator</translation>
    </message>
    <message>
        <source>this station</source>
        <translation>diese Station</translation>
    </message>
    <message>
        <source>a station</source>
        <translation>eine Station</translation>
    </message>
    <message>
        <source>station %1</source>
        <translation>Station %1</translation>
    </message>
    <message>
        <source>%1 entries, nothing wrong but what is known: %2</source>
        <translation>%1 Einträge, nichts falsch außer Bekanntem: %2</translation>
    </message>
    <message>
        <source>Judged by version %1; today&apos;s limits would give %2.</source>
        <translation>Beurteilt nach Fassung %1; die heutigen Grenzen gäben %2.</translation>
    </message>
    <message>
        <source>at attempt %1 (80 %: %2 to %3)</source>
        <translation>bei Versuch %1 (80 %: %2 bis %3)</translation>
    </message>
    <message>
        <source>at no attempt that could be named (80 %: %1 to %2)</source>
        <translation>bei keinem Versuch, der zu nennen wäre (80 %: %1 bis %2)</translation>
    </message>
    <message>
        <source>never, at this rate</source>
        <translation>so nie</translation>
    </message>
    <message>
        <source>%1 a second</source>
        <translation>%1 je Sekunde</translation>
    </message>
    <message>
        <source>%1 swings</source>
        <translation>%1 Schwünge</translation>
    </message>
    <message>
        <source>the bank by %1°</source>
        <translation>die Schräglage um %1°</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>yaw alone</source>
        <translation>nur Gier</translation>
    </message>
    <message>
        <source>roll alone</source>
        <translation>nur Roll</translation>
    </message>
    <message>
        <source>Matched, or put off: hours until then count as practice, not as hours on matched rates.</source>
        <translation>Abgeglichen oder aufgeschoben: Stunden bis dahin zählen als Übung, nicht als Stunden mit abgeglichenen Drehraten.</translation>
    </message>
    <message>
        <source>What is practised on like the aircraft&apos;s: hours on other rates are learnt anew.</source>
        <translation>Geübt wird, wie das echte Fluggerät dreht: Stunden mit anderen Drehraten werden neu gelernt.</translation>
    </message>
    <message>
        <source>Match the rates</source>
        <translation>Die Drehraten abgleichen</translation>
    </message>
    <message>
        <source>passed, not to hold it</source>
        <translation>bestanden, zählt nicht fürs Sitzen</translation>
    </message>
    <message>
        <source>Full-stick rate</source>
        <translation>Vollrate</translation>
    </message>
    <message>
        <source>Centre slope</source>
        <translation>Mittensteigung</translation>
    </message>
    <message>
        <source>Not passed</source>
        <translation>Nicht bestanden</translation>
    </message>
    <message>
        <source>Passed, not to hold it</source>
        <translation>Bestanden, zählt nicht fürs Sitzen</translation>
    </message>
    <message>
        <source>Passed</source>
        <translation>Bestanden</translation>
    </message>
    <message>
        <source>%1: %2 of 100</source>
        <translation>%1: %2 von 100</translation>
    </message>
</context>
<context>
    <name>bh::desk::AboutWindow</name>
    <message>
        <source>About Blue Hangar</source>
        <translation>Über Blue Hangar</translation>
    </message>
    <message>
        <source>Blue Hangar&apos;s mark</source>
        <translation>Zeichen von Blue Hangar</translation>
    </message>
    <message>
        <source>Blue Hangar %1</source>
        <translation>Blue Hangar %1</translation>
    </message>
    <message>
        <source>The desk for coordinating simulator training of drone pilots.</source>
        <translation>Der Arbeitsplatz für die Koordination von Simulatortraining für Drohnenpiloten.</translation>
    </message>
    <message>
        <source>Licences</source>
        <translation>Lizenzen</translation>
    </message>
    <message>
        <source>Blue Hangar is free software under the GNU General Public License, version 3 or later. It comes without any warranty.

It is built on free libraries, each under its own licence: Qt %1 (LGPL 3), QCustomPlot (GPL 3), SDL (zlib), Eigen (MPL 2), NLopt (LGPL and MIT), CBC (EPL 2), libical (MPL 2), PostgreSQL&apos;s libpq (PostgreSQL), SQLite (public domain), libsodium (ISC), libarchive (BSD), zlib (zlib), Boost (BSL), JSON for Modern C++ (MIT), fast_float (Apache 2 or MIT), CLI11 (BSD), tl::expected (CC0).

Its typefaces:

%2</source>
        <translation>Blue Hangar ist freie Software unter der GNU General Public License, Version 3 oder später. Ohne jede Gewährleistung.

Es baut auf freien Bibliotheken, jede unter eigener Lizenz: Qt %1 (LGPL 3), QCustomPlot (GPL 3), SDL (zlib), Eigen (MPL 2), NLopt (LGPL und MIT), CBC (EPL 2), libical (MPL 2), PostgreSQLs libpq (PostgreSQL), SQLite (gemeinfrei), libsodium (ISC), libarchive (BSD), zlib (zlib), Boost (BSL), JSON for Modern C++ (MIT), fast_float (Apache 2 oder MIT), CLI11 (BSD), tl::expected (CC0).

Die Schriften:

%2</translation>
    </message>
</context>
<context>
    <name>bh::desk::AdvicePanel</name>
    <message>
        <source>Usual rates by purpose</source>
        <translation>Übliche Drehraten nach Zweck</translation>
    </message>
    <message>
        <source>For</source>
        <translation>Für</translation>
    </message>
    <message>
        <source>Begin with</source>
        <translation>Anfangen mit</translation>
    </message>
    <message>
        <source>Because</source>
        <translation>Weil</translation>
    </message>
    <message>
        <source>What the aircraft is flown for.</source>
        <translation>Wofür das Fluggerät geflogen wird.</translation>
    </message>
    <message>
        <source>At full stick, roll and pitch: common practice, no source.</source>
        <translation>Bei Vollausschlag, Roll und Nick: gängige Praxis, ohne Quelle.</translation>
    </message>
    <message>
        <source>Roll and pitch, and yaw: common practice, no source.</source>
        <translation>Roll und Nick, und Gier: gängige Praxis, ohne Quelle.</translation>
    </message>
    <message>
        <source>Common practice, no source.</source>
        <translation>Gängige Praxis, ohne Quelle.</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>%1, yaw %2</source>
        <translation>%1, Gier %2</translation>
    </message>
    <message>
        <source>Height at which flips are planned</source>
        <translation>Höhe, in der Flips geplant sind</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>no flips</source>
        <translation>keine Flips</translation>
    </message>
    <message>
        <source>Places to begin (common practice)</source>
        <translation>Anfangswerte (gängige Praxis)</translation>
    </message>
    <message>
        <source>What this pilot&apos;s flights and plans say</source>
        <translation>Was Flüge und Pläne dieses Piloten sagen</translation>
    </message>
    <message>
        <source>Flips are planned at</source>
        <translation>Flips geplant in</translation>
    </message>
    <message>
        <source>above the ground</source>
        <translation>über dem Boden</translation>
    </message>
    <message>
        <source>&lt;p&gt;No flights here yet, so nothing is known of this hand. Fly the Height window first.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Noch keine Flüge hier, also ist über diese Hand nichts bekannt. Zuerst das Höhenfenster fliegen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Full-stick rate, °/s</source>
        <translation>Vollrate, °/s</translation>
    </message>
    <message>
        <source>A plan from the pilot&apos;s practised rates to these, step by step; the shape of the curves is kept, and locked axes stay as they are</source>
        <translation>Ein Plan von den geübten Drehraten des Piloten zu diesen, Schritt für Schritt; die Form der Kurven bleibt, und gesperrte Achsen bleiben, wie sie sind</translation>
    </message>
    <message>
        <source>These are the rates that are practised on already.</source>
        <translation>Mit diesen Drehraten wird schon geübt.</translation>
    </message>
    <message>
        <source>Steps from what is practised now: %1, each with a test flight. They stand under Plan.</source>
        <translation>Schritte von dem, womit jetzt geübt wird: %1, jeder mit einem Testflug. Sie stehen unter Plan.</translation>
    </message>
    <message>
        <source>Plan it</source>
        <translation>Planen</translation>
    </message>
</context>
<context>
    <name>bh::desk::AdvisedPanel</name>
    <message>
        <source>Nothing was advised yet. Under Found, tell the pilot the one thing to change: whether it was followed and whether it helped stands here then.</source>
        <translation>Es wurde noch nichts geraten. Unter „Gefunden“ dem Piloten das Eine sagen, das zu ändern ist: ob es befolgt wurde und geholfen hat, steht dann hier.</translation>
    </message>
    <message>
        <source>Rules, and how often they helped</source>
        <translation>Regeln, und wie oft sie geholfen haben</translation>
    </message>
    <message>
        <source>Over all pilots; limits and words can be changed</source>
        <translation>Über alle Piloten; Grenzwerte und Worte lassen sich ändern</translation>
    </message>
    <message>
        <source>Told by %1 on %2 for %3, %4.</source>
        <translation>Gesagt von %1 am %2 für %3, %4.</translation>
    </message>
    <message>
        <source>Followed</source>
        <translation>Befolgt</translation>
    </message>
    <message>
        <source>It was seen in what was flown</source>
        <translation>Es war im Geflogenen zu sehen</translation>
    </message>
    <message>
        <source>Tick it when the pilot flies so from now on</source>
        <translation>Abhaken, wenn der Pilot von jetzt an so fliegt</translation>
    </message>
    <message>
        <source>Put aside</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>It is told no more as standing</source>
        <translation>Es gilt nicht mehr als offen</translation>
    </message>
</context>
<context>
    <name>bh::desk::AfterPanel</name>
    <message>
        <source>Batteries flown</source>
        <translation>Geflogene Akkus</translation>
    </message>
    <message>
        <source>How it went</source>
        <translation>Wie es ging</translation>
    </message>
    <message>
        <source>What broke</source>
        <translation>Was kaputtging</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Onto the record, dated now</source>
        <translation>In die Akte, mit heutigem Datum</translation>
    </message>
    <message>
        <source>Batteries</source>
        <translation>Akkus</translation>
    </message>
    <message>
        <source>Went</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>Broke</source>
        <translation>Kaputt</translation>
    </message>
    <message>
        <source>What surprised everybody who has flown</source>
        <translation>Was alle überrascht hat, die geflogen sind</translation>
    </message>
    <message>
        <source>Surprised by</source>
        <translation>Überrascht von</translation>
    </message>
    <message>
        <source>had practised it</source>
        <translation>hatte es geübt</translation>
    </message>
    <message>
        <source>had not</source>
        <translation>hatte nicht</translation>
    </message>
    <message>
        <source>What surprised?</source>
        <translation>Was hat überrascht?</translation>
    </message>
    <message>
        <source>Everybody so far: how many it surprised</source>
        <translation>Alle bisher: wie viele es überrascht hat</translation>
    </message>
    <message>
        <source>Say how many batteries were flown, how it went, or what surprised.</source>
        <translation>Sagen, wie viele Akkus geflogen wurden, wie es ging oder was überrascht hat.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>To the rates</source>
        <translation>Zu den Drehraten</translation>
    </message>
    <message>
        <source>Set it up</source>
        <translation>Einstellen</translation>
    </message>
    <message>
        <source>To the drill</source>
        <translation>Zur Übung</translation>
    </message>
    <message>
        <source>After the first batteries: tick what surprised, and the next practice is offered.</source>
        <translation>Nach den ersten Akkus: abhaken, was überrascht hat, und die nächste Übung wird angeboten.</translation>
    </message>
    <message>
        <source>%1: %2 batteries</source>
        <translation>%1: %2 Akkus</translation>
    </message>
    <message>
        <source>broke: %1</source>
        <translation>kaputt: %1</translation>
    </message>
    <message>
        <source>nothing surprised</source>
        <translation>nichts hat überrascht</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>no drill here is meant for it</source>
        <translation>keine Übung hier ist dafür gedacht</translation>
    </message>
</context>
<context>
    <name>bh::desk::AircraftForm</name>
    <message>
        <source>Mass with battery</source>
        <translation>Masse mit Akku</translation>
    </message>
    <message>
        <source> g</source>
        <translation> g</translation>
    </message>
    <message>
        <source>Weighed, ready to fly, with battery and camera.</source>
        <translation>Gewogen, flugfertig, mit Akku und Kamera.</translation>
    </message>
    <message>
        <source>Thrust / weight</source>
        <translation>Schub / Gewicht</translation>
    </message>
    <message>
        <source> times</source>
        <translation>-fach</translation>
    </message>
    <message>
        <source>Thrust at full throttle over weight: from the motor&apos;s data sheet with this propeller and battery, less a tenth for a worn pack (common practice).</source>
        <translation>Schub bei Vollgas durch Gewicht: aus dem Datenblatt des Motors mit diesem Propeller und Akku, ein Zehntel weniger für einen müden Akku (gängige Praxis).</translation>
    </message>
    <message>
        <source>Propeller</source>
        <translation>Propeller</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Diameter. One inch is 25.4 mm.</source>
        <translation>Durchmesser. Ein Zoll sind 25,4 mm.</translation>
    </message>
    <message>
        <source>Wheelbase</source>
        <translation>Radstand</translation>
    </message>
    <message>
        <source>Between the hubs of two motors that stand across from each other.</source>
        <translation>Zwischen den Achsen zweier Motoren, die sich gegenüberliegen.</translation>
    </message>
    <message>
        <source>Hover throttle</source>
        <translation>Gas im Schweben</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Read off in a hover without wind, fresh battery. The thrust curve between linear and quadratic is fitted to it.</source>
        <translation>Im Schweben ohne Wind mit frischem Akku abgelesen. Die Schubkurve zwischen linear und quadratisch wird daran angepasst.</translation>
    </message>
</context>
<context>
    <name>bh::desk::AttemptModel</name>
    <message>
        <source>Passed, but not so well that it counts towards holding the drill.</source>
        <translation>Bestanden, aber nicht so gut, dass es fürs Können zählt.</translation>
    </message>
    <message>
        <source>by eye</source>
        <translation>nach Augenmaß</translation>
    </message>
    <message>
        <source>✕ struck out</source>
        <translation>✕ gestrichen</translation>
    </message>
    <message>
        <source>◇ flown</source>
        <translation>◇ geflogen</translation>
    </message>
    <message>
        <source>● passed</source>
        <translation>● bestanden</translation>
    </message>
    <message>
        <source>○ passed only</source>
        <translation>○ nur bestanden</translation>
    </message>
    <message>
        <source>▬ not passed</source>
        <translation>▬ nicht bestanden</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Mode</source>
        <translation>Modus</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>What decided it</source>
        <translation>Was entschieden hat</translation>
    </message>
</context>
<context>
    <name>bh::desk::AvailabilityDialog</name>
    <message>
        <source>When %1 can come</source>
        <translation>Wann %1 kommen kann</translation>
    </message>
    <message>
        <source>Hours wanted a week</source>
        <translation>Gewünschte Stunden je Woche</translation>
    </message>
    <message>
        <source> h a week</source>
        <translation> h je Woche</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>From the next plan on; Ctrl+Z takes it back</source>
        <translation>Ab dem nächsten Plan; Strg+Z nimmt es zurück</translation>
    </message>
    <message>
        <source>Or from a calendar: whatever is in it is when the pilot can come.</source>
        <translation>Oder aus einem Kalender: was darin steht, ist, wann der Pilot kommen kann.</translation>
    </message>
    <message>
        <source>And %1 dated stretches from a file.</source>
        <translation>Und %1 Zeiträume mit Datum aus einer Datei.</translation>
    </message>
    <message>
        <source>From a file …</source>
        <translation>Aus einer Datei …</translation>
    </message>
    <message>
        <source>An iCalendar, or a table with day or weekday, start and end</source>
        <translation>Ein iCalendar oder eine Tabelle mit Tag oder Wochentag, Anfang und Ende</translation>
    </message>
    <message>
        <source>When the pilot can come</source>
        <translation>Wann der Pilot kommen kann</translation>
    </message>
    <message>
        <source>Calendars and tables (*.ics *.csv)</source>
        <translation>Kalender und Tabellen (*.ics *.csv)</translation>
    </message>
    <message>
        <source>%1 weekly and %2 dated stretches read; keep them to plan with them.</source>
        <translation>%1 wöchentliche und %2 datierte Zeiträume gelesen; behalten, um damit zu planen.</translation>
    </message>
    <message>
        <source>%1 stretches in the next half year read; keep them to plan with them.</source>
        <translation>%1 Zeiträume im nächsten halben Jahr gelesen; behalten, um damit zu planen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::BaysDialog</name>
    <message>
        <source>Bays and hours</source>
        <translation>Plätze und Zeiten</translation>
    </message>
    <message>
        <source>Bays, with the simulators and controllers in them</source>
        <translation>Plätze mit ihren Simulatoren und Fernsteuerungen</translation>
    </message>
    <message>
        <source>Bay</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>Simulators, with commas</source>
        <translation>Simulatoren, mit Kommas</translation>
    </message>
    <message>
        <source>Controllers, with commas</source>
        <translation>Fernsteuerungen, mit Kommas</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>From the next plan on; Ctrl+Z takes it back</source>
        <translation>Ab dem nächsten Plan; Strg+Z nimmt es zurück</translation>
    </message>
    <message>
        <source>Bays</source>
        <translation>Plätze</translation>
    </message>
    <message>
        <source>Open, and with a coordinator</source>
        <translation>Geöffnet, und mit Koordinator</translation>
    </message>
    <message>
        <source>A bay and a day on which the school is open are needed.</source>
        <translation>Es braucht einen Platz und einen Tag, an dem die Schule geöffnet ist.</translation>
    </message>
</context>
<context>
    <name>bh::desk::BeginCard</name>
    <message>
        <source>Add the first pilot</source>
        <translation>Ersten Piloten anlegen</translation>
    </message>
    <message>
        <source>Find a pilot</source>
        <translation>Piloten finden</translation>
    </message>
</context>
<context>
    <name>bh::desk::BeginPanel</name>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Ansehen: %1</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Fly first; it stays due on the Rates page</source>
        <translation>Erst fliegen; auf der Seite Drehraten bleibt es fällig</translation>
    </message>
</context>
<context>
    <name>bh::desk::BillPanel</name>
    <message>
        <source>An estimate, no more: what breaks is guessed from the speed of the hit, the height that it falls from and the ground, by the house&apos;s own classes, with the house&apos;s own prices, in its own money. Crashes of free flights count.</source>
        <translation>Eine Schätzung, mehr nicht: was bricht, wird aus dem Tempo des Aufpralls, der Fallhöhe und dem Boden geraten, nach den Klassen des Hauses, mit den Preisen des Hauses in seinem Geld. Abstürze in Freiflügen zählen mit.</translation>
    </message>
    <message>
        <source>Crashes by what would have broken</source>
        <translation>Abstürze nach dem, was gebrochen wäre</translation>
    </message>
    <message>
        <source>Would have broken</source>
        <translation>Wäre gebrochen</translation>
    </message>
    <message>
        <source>Each</source>
        <translation>Je</translation>
    </message>
    <message>
        <source>This pilot</source>
        <translation>Dieser Pilot</translation>
    </message>
    <message>
        <source>Cost</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>The school</source>
        <translation>Die Schule</translation>
    </message>
    <message>
        <source>Prices …</source>
        <translation>Preise …</translation>
    </message>
    <message>
        <source>Among the rules of the house</source>
        <translation>Unter den Regeln des Hauses</translation>
    </message>
    <message>
        <source>One more station: %1.</source>
        <translation>Eine weitere Station: %1.</translation>
    </message>
    <message>
        <source>No crash was taken here yet. %1</source>
        <translation>Hier gab es noch keinen Absturz. %1</translation>
    </message>
    <message>
        <source>Saved so far: about %1. %2 crashes here would have cost about %3; simulators and controllers cost %4, and that was passed.</source>
        <translation>Bisher gespart: etwa %1. %2 Abstürze hier hätten etwa %3 gekostet; Simulatoren und Fernsteuerungen kosten %4, und das ist überschritten.</translation>
    </message>
    <message>
        <source>%1 crashes here would have cost about %2; simulators and controllers cost %3, not yet passed.</source>
        <translation>%1 Abstürze hier hätten etwa %2 gekostet; Simulatoren und Fernsteuerungen kosten %3, noch nicht überschritten.</translation>
    </message>
    <message>
        <source>not known: flights from before this was looked at, or without positions</source>
        <translation>unbekannt: Flüge, bevor darauf geachtet wurde, oder ohne Positionen</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
</context>
<context>
    <name>bh::desk::BoardModel</name>
    <message>
        <source>● flown</source>
        <translation>● geflogen</translation>
    </message>
    <message>
        <source>● released</source>
        <translation>● freigegeben</translation>
    </message>
    <message>
        <source>◐ all gates met</source>
        <translation>◐ alles erfüllt</translation>
    </message>
    <message>
        <source>%1 of %2 h</source>
        <translation>%1 von %2 h</translation>
    </message>
    <message>
        <source>%1 h</source>
        <translation>%1 h</translation>
    </message>
    <message>
        <source>%1 of %2 stages held</source>
        <translation>%1 von %2 Stufen sitzen</translation>
    </message>
    <message>
        <source>The stages of the pilot&apos;s own curriculum. Disc: held. Half disc: begun. Dot: not flown.</source>
        <translation>Die Stufen des eigenen Lehrplans. Scheibe: sitzt. Halbe Scheibe: begonnen. Punkt: nicht geflogen.</translation>
    </message>
    <message>
        <source>Of the practice, hours on rates that were matched with the real aircraft&apos;s at the time. Other hours carry over badly (common practice).</source>
        <translation>Von der Übungszeit die Stunden mit Drehraten, die damals mit dem echten Fluggerät abgeglichen waren. Andere Stunden tragen schlecht (gängige Praxis).</translation>
    </message>
    <message>
        <source>Practice of the last eight weeks; the dashed line is what the house wants a week.</source>
        <translation>Übungszeit der letzten acht Wochen; die gestrichelte Linie ist, was das Haus je Woche will.</translation>
    </message>
    <message>
        <source>Released or flown; otherwise when the last gate is met at the present pace, the briefing apart.</source>
        <translation>Freigegeben oder geflogen; sonst, wann beim jetzigen Tempo die letzte Voraussetzung erfüllt ist, die Einweisung ausgenommen.</translation>
    </message>
    <message>
        <source>Pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>Stages</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Practised</source>
        <translation>Geübt</translation>
    </message>
    <message>
        <source>Matched</source>
        <translation>Abgeglichen</translation>
    </message>
    <message>
        <source>Last 7 days</source>
        <translation>Letzte 7 Tage</translation>
    </message>
    <message>
        <source>Eight weeks</source>
        <translation>Acht Wochen</translation>
    </message>
    <message>
        <source>Last flight</source>
        <translation>Letzter Flug</translation>
    </message>
    <message>
        <source>First flight</source>
        <translation>Erstflug</translation>
    </message>
    <message>
        <source>What comes next</source>
        <translation>Was als Nächstes kommt</translation>
    </message>
</context>
<context>
    <name>bh::desk::BoardPage</name>
    <message>
        <source>All pilots</source>
        <translation>Alle Piloten</translation>
    </message>
    <message>
        <source>Today</source>
        <translation>Heute</translation>
    </message>
    <message>
        <source>Week</source>
        <translation>Woche</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>The school</source>
        <translation>Die Schule</translation>
    </message>
    <message>
        <source>Show which pilots</source>
        <translation>Welche Piloten gezeigt werden</translation>
    </message>
    <message>
        <source>Need a look</source>
        <translation>Brauchen einen Blick</translation>
    </message>
    <message>
        <source>All gates met</source>
        <translation>Alles erfüllt</translation>
    </message>
    <message>
        <source>Released</source>
        <translation>Freigegeben</translation>
    </message>
    <message>
        <source>Have flown</source>
        <translation>Sind geflogen</translation>
    </message>
    <message>
        <source>, since %1</source>
        <translation>, seit %1</translation>
    </message>
    <message>
        <source>first flight later by %1 days</source>
        <translation>Erstflug um %1 Tage später</translation>
    </message>
    <message>
        <source>first flights later by %1 days in all</source>
        <translation>Erstflüge zusammen um %1 Tage später</translation>
    </message>
    <message>
        <source>%1: %2. %3. %4</source>
        <translation>%1: %2. %3. %4</translation>
    </message>
    <message>
        <source>%1 smaller things can wait: they stand in the table</source>
        <translation>%1 kleinere Dinge können warten: sie stehen in der Tabelle</translation>
    </message>
    <message>
        <source>1 pilot as planned</source>
        <translation>1 Pilot wie geplant</translation>
    </message>
    <message>
        <source>%1 pilots as planned</source>
        <translation>%1 Piloten wie geplant</translation>
    </message>
    <message>
        <source>The way to the first score. Now: %1.</source>
        <translation>Der Weg zur ersten Wertung. Jetzt: %1.</translation>
    </message>
    <message>
        <source>%1 today. %2 h practised in the last 7 days by %3 pilots.</source>
        <translation>%1 heute. %2 h in den letzten 7 Tagen von %3 Piloten geübt.</translation>
    </message>
    <message>
        <source>Nothing needs you</source>
        <translation>Nichts braucht Sie</translation>
    </message>
    <message>
        <source>One thing needs you</source>
        <translation>Eins braucht Sie</translation>
    </message>
    <message>
        <source>%1 things need you</source>
        <translation>%1 Dinge brauchen Sie</translation>
    </message>
</context>
<context>
    <name>bh::desk::CandidateList</name>
    <message>
        <source>Simulated aircraft, the nearest first</source>
        <translation>Simulierte Fluggeräte, das ähnlichste zuerst</translation>
    </message>
    <message>
        <source>Nearness: the root of the weighted squares of the differences in ln mass, ln thrust-to-weight, ln propeller diameter, hover throttle and flip time (weights house). 0 is the same aircraft; from about 0.1 a difference is felt.</source>
        <translation>Ähnlichkeit: Wurzel der gewichteten Quadrate der Unterschiede in ln Masse, ln Schub zu Gewicht, ln Propellerdurchmesser, Gas im Schweben und Flipzeit (Gewichte: Haus). 0 ist dasselbe Fluggerät; ab etwa 0,1 spürt man den Unterschied.</translation>
    </message>
    <message>
        <source>nothing differs enough to be felt</source>
        <translation>nichts unterscheidet sich spürbar</translation>
    </message>
    <message>
        <source>%1 g, thrust %2 times its weight</source>
        <translation>%1 g, Schub %2-fach</translation>
    </message>
    <message>
        <source>off by %1</source>
        <translation>Abstand %1</translation>
    </message>
    <message>
        <source>%1%2; %3</source>
        <translation>%1%2; %3</translation>
    </message>
    <message>
        <source>, chosen</source>
        <translation>, gewählt</translation>
    </message>
</context>
<context>
    <name>bh::desk::CardWindow</name>
    <message>
        <source>%1: settings</source>
        <translation>%1: Einstellungen</translation>
    </message>
    <message>
        <source>inverted</source>
        <translation>umgekehrt</translation>
    </message>
    <message>
        <source>not inverted</source>
        <translation>nicht umgekehrt</translation>
    </message>
</context>
<context>
    <name>bh::desk::CheckList</name>
    <message numerus="yes">
        <source>All %n step(s) are done</source>
        <translation>
            <numerusform>Der eine Schritt ist getan</numerusform>
            <numerusform>Alle %n Schritte sind getan</numerusform>
        </translation>
    </message>
    <message>
        <source>Step %1 of %2: %3</source>
        <translation>Schritt %1 von %2: %3</translation>
    </message>
    <message>
        <source>%1, went wrong</source>
        <translation>%1, schiefgegangen</translation>
    </message>
</context>
<context>
    <name>bh::desk::CommandList</name>
    <message>
        <source>All commands</source>
        <translation>Alle Befehle</translation>
    </message>
    <message>
        <source>this page</source>
        <translation>diese Seite</translation>
    </message>
    <message>
        <source>pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>Command wanted</source>
        <translation>Gesuchter Befehl</translation>
    </message>
    <message>
        <source>What is to be done? Type a part of it, Enter does it</source>
        <translation>Was soll geschehen? Einen Teil davon tippen, Enter tut es</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Befehle</translation>
    </message>
    <message>
        <source>Nothing here is called so.</source>
        <translation>So heißt hier nichts.</translation>
    </message>
</context>
<context>
    <name>bh::desk::ComparePanel</name>
    <message>
        <source>Flight to compare with</source>
        <translation>Flug zum Vergleichen</translation>
    </message>
    <message>
        <source>Hide names of others</source>
        <translation>Namen anderer verbergen</translation>
    </message>
    <message>
        <source>What this flight did otherwise, the largest first</source>
        <translation>Was dieser Flug anders machte, das Größte zuerst</translation>
    </message>
    <message>
        <source>compare with …</source>
        <translation>vergleichen mit …</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>%1, %2%3</source>
        <translation>%1, %2%3</translation>
    </message>
    <message>
        <source>demonstration</source>
        <translation>Vorführung</translation>
    </message>
    <message>
        <source>the one before</source>
        <translation>der davor</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>früher</translation>
    </message>
    <message>
        <source>pilot %1</source>
        <translation>Pilot %1</translation>
    </message>
    <message>
        <source>A flight on the record can be laid over another one of the same drill.</source>
        <translation>Ein Flug der Akte lässt sich über einen anderen derselben Übung legen.</translation>
    </message>
    <message>
        <source>Choose a flight: it is laid over this one, dashed, phase by phase and by place.</source>
        <translation>Einen Flug wählen: er wird gestrichelt darübergelegt, Phase für Phase und nach dem Ort.</translation>
    </message>
    <message>
        <source>Nobody else has flown this with a log yet, and it was not flown before.</source>
        <translation>Noch niemand sonst ist das mit Aufzeichnung geflogen, und früher wurde es nicht geflogen.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Click to go there</source>
        <translation>Klicken springt dorthin</translation>
    </message>
    <message>
        <source>Flown alike: nothing differs by what anybody would speak of.</source>
        <translation>Gleich geflogen: nichts unterscheidet sich so, dass man davon sprechen würde.</translation>
    </message>
    <message>
        <source>Against the other one, this flight</source>
        <translation>Gegen den anderen gilt für diesen Flug</translation>
    </message>
    <message>
        <source>Laid over by %1 phases and within them by place: %2 m apart in the mean, time bent by %3 s in the mean and %4 s at most.</source>
        <translation>Nach %1 Phasen und darin nach dem Ort gelegt: im Mittel %2 m auseinander, die Zeit im Mittel um %3 s und höchstens %4 s verschoben.</translation>
    </message>
</context>
<context>
    <name>bh::desk::ControllerPage</name>
    <message>
        <source>Controller in use</source>
        <translation>Benutzte Fernsteuerung</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>The day is that of the newest calibration on the record; it holds for 60 days (house limit). The verdict is the worst of the four functions&apos;.</source>
        <translation>Der Tag ist der der neuesten Kalibrierung in der Akte; sie gilt 60 Tage (Grenzwert des Hauses). Das Urteil ist das schlechteste der vier Funktionen.</translation>
    </message>
    <message>
        <source>Share of the way from the centre to the end that the calibration found, with its dead band taken out: −100 to 100 %. The dashed ring is full travel; the hours of the clock face name directions.</source>
        <translation>Anteil des Wegs von der Mitte bis zum Ende, das die Kalibrierung fand, ohne Totbereich: −100 bis 100 %. Der gestrichelte Ring ist der volle Weg; die Stunden des Zifferblatts benennen Richtungen.</translation>
    </message>
    <message>
        <source>Calibration checklist</source>
        <translation>Kalibrierliste</translation>
    </message>
    <message>
        <source>Time between two changes of the device&apos;s report while the sticks move: the median, and what 95 % of the gaps stay under. Up to 8 ms is good, up to 16 ms usable (house limits).</source>
        <translation>Zeit zwischen zwei Änderungen der Gerätemeldung, während sich die Knüppel bewegen: der Median, und worunter 95 % der Lücken bleiben. Bis 8 ms ist gut, bis 16 ms brauchbar (Grenzwerte des Hauses).</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Prüfstand</translation>
    </message>
    <message>
        <source>History</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>Grip</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>Switches</source>
        <translation>Schalter</translation>
    </message>
    <message>
        <source>Stick mode of the chosen pilot</source>
        <translation>Knüppelmodus des gewählten Piloten</translation>
    </message>
    <message>
        <source>Which stick carries which function. Mode 2 is the commonest. Kept on the chosen pilot.</source>
        <translation>Welcher Knüppel welche Funktion trägt. Modus 2 ist der häufigste. Wird beim Piloten gesichert.</translation>
    </message>
    <message>
        <source>Mode %1</source>
        <translation>Modus %1</translation>
    </message>
    <message>
        <source>%1 and %2 on the left stick</source>
        <translation>%1 und %2 am linken Knüppel</translation>
    </message>
    <message>
        <source>What the calibration found, by function</source>
        <translation>Was die Kalibrierung fand, je Funktion</translation>
    </message>
    <message>
        <source>Function</source>
        <translation>Funktion</translation>
    </message>
    <message>
        <source>Axis</source>
        <translation>Achse</translation>
    </message>
    <message>
        <source>Low end</source>
        <translation>Tief</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>High end</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Dead band</source>
        <translation>Totband</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Why, and what to do</source>
        <translation>Warum, und was zu tun ist</translation>
    </message>
    <message>
        <source>Which of the aircraft&apos;s four functions.</source>
        <translation>Welche der vier Funktionen des Fluggeräts.</translation>
    </message>
    <message>
        <source>The device&apos;s axis that moved on this function&apos;s prompts, counted from 0; inverted when its counts fall towards up, right or forward.</source>
        <translation>Die Achse des Geräts, die sich auf die Aufforderungen dieser Funktion bewegte, ab 0 gezählt; umgekehrt, wenn ihre Zählwerte nach oben, rechts oder vorn fallen.</translation>
    </message>
    <message>
        <source>Raw count at the bottom, left or back stop: the middle of the samples within 2 % of the farthest place reached (0.5 and 99.5 percentiles).</source>
        <translation>Rohwert am unteren, linken oder hinteren Anschlag: die Mitte der Werte innerhalb 2 % des äußersten erreichten Orts (Perzentile 0,5 und 99,5).</translation>
    </message>
    <message>
        <source>Raw count at rest: the middle of where it came to rest from either side; for a throttle without a spring the middle of its travel.</source>
        <translation>Rohwert in Ruhe: die Mitte zwischen den Ruhelagen von beiden Seiten; beim Gas ohne Feder die Mitte des Wegs.</translation>
    </message>
    <message>
        <source>Raw count at the top, right or forward stop.</source>
        <translation>Rohwert am oberen, rechten oder vorderen Anschlag.</translation>
    </message>
    <message>
        <source>(Hysteresis / 2 + 3 x jitter) / half travel, rounded up to 0.5 %; over 5 % the gimbal needs service (house rule).</source>
        <translation>(Hysterese / 2 + 3 x Zittern) / halber Weg, aufgerundet auf 0,5 %; über 5 % muss das Kreuzgelenk gewartet werden (Hausregel).</translation>
    </message>
    <message>
        <source>Worst of: centre 1 and 3 % off, jitter 0.3 and 1 %, centring 0.6 and 2 %, travel 85 % of the range, cross-talk 2 and 5 %, samples 8 and 16 ms apart (house limits for good and usable).</source>
        <translation>Das Schlechteste aus: Mitte 1 und 3 % daneben, Zittern 0,3 und 1 %, Rückstellung 0,6 und 2 %, Weg 85 % des Bereichs, Übersprechen 2 und 5 %, Werte alle 8 und 16 ms (Grenzwerte des Hauses für gut und brauchbar).</translation>
    </message>
    <message>
        <source>The check that decided the verdict, and what to do about it.</source>
        <translation>Die Prüfung, die das Urteil entschied, und was dagegen zu tun ist.</translation>
    </message>
    <message>
        <source>Calibrate</source>
        <translation>Kalibrieren</translation>
    </message>
    <message>
        <source>Verify</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>%1 (unplugged)</source>
        <translation>%1 (abgezogen)</translation>
    </message>
    <message>
        <source>The controller was unplugged: nothing was changed. Plug it in and start again.</source>
        <translation>Die Fernsteuerung wurde abgezogen: nichts wurde geändert. Anstecken und neu beginnen.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Not verified. %1</source>
        <translation>Nicht bestätigt. %1</translation>
    </message>
    <message>
        <source>Check %1 of %2: %3, and back.</source>
        <translation>Prüfung %1 von %2: %3 und zurück.</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>The check could not be written to the record; the foot of the window says why.</source>
        <translation>Die Prüfung ließ sich nicht in die Akte schreiben; der Fuß des Fensters sagt, warum.</translation>
    </message>
    <message>
        <source>All eight checks hold. Next: Drills.</source>
        <translation>Alle acht Prüfungen halten. Als Nächstes: Übungen.</translation>
    </message>
    <message>
        <source>Check %1 of %2: %3, %4: through its places, and back.</source>
        <translation>Prüfung %1 von %2: %3, %4: durch die Stellungen und zurück.</translation>
    </message>
    <message>
        <source>%1 of %2: %3.</source>
        <translation>%1 von %2: %3.</translation>
    </message>
    <message>
        <source>%1 of %2: %3. %4</source>
        <translation>%1 von %2: %3. %4</translation>
    </message>
    <message>
        <source>Something does not keep still: a stick that trembles by more than 3 % needs service.</source>
        <translation>Etwas hält nicht still: ein Knüppel, der um mehr als 3 % zittert, muss gewartet werden.</translation>
    </message>
    <message>
        <source>It moved but has not come back to rest: let go of it.</source>
        <translation>Er hat sich bewegt und ruht noch nicht: loslassen.</translation>
    </message>
    <message>
        <source>Nothing has moved. If the stick is at its stop, its axis is dead or not sent: press Stop, and see the fault finder on Kit (Alt+2).</source>
        <translation>Nichts hat sich bewegt. Steht der Knüppel am Anschlag, ist seine Achse tot oder wird nicht gesendet: Stopp drücken und die Fehlersuche unter Ausrüstung ansehen (Alt+2).</translation>
    </message>
    <message>
        <source>Not calibrated: %1.</source>
        <translation>Nicht kalibriert: %1.</translation>
    </message>
    <message>
        <source>The calibration could not be written to the record; the foot of the window says why. Nothing was changed.</source>
        <translation>Die Kalibrierung ließ sich nicht in die Akte schreiben; der Fuß des Fensters sagt, warum. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>%1 is unplugged. Plug it in, or choose another controller.</source>
        <translation>%1 ist abgezogen. Anstecken oder eine andere Fernsteuerung wählen.</translation>
    </message>
    <message>
        <source>Calibrated, but not verified yet. Press Verify and do what the list asks; a calibration counts only when it has been seen to hold.</source>
        <translation>Kalibriert, aber noch nicht bestätigt. „Bestätigen“ drücken und tun, was die Liste verlangt; eine Kalibrierung zählt erst, wenn man gesehen hat, dass sie hält.</translation>
    </message>
    <message>
        <source>Calibrated on %1: all four functions are good. Next: Drills.</source>
        <translation>Kalibriert am %1: alle vier Funktionen sind gut. Als Nächstes: Übungen.</translation>
    </message>
    <message>
        <source>Calibrated on %1: usable. The table says what would make it better.</source>
        <translation>Kalibriert am %1: brauchbar. Die Tabelle sagt, was besser würde.</translation>
    </message>
    <message>
        <source>Calibrated on %1: needs service. The table says where.</source>
        <translation>Kalibriert am %1: muss gewartet werden. Die Tabelle sagt, wo.</translation>
    </message>
    <message>
        <source>Simulated controller. Drag the sticks, or click one and use the keys E D S F and I K J L, with Shift for full deflection.</source>
        <translation>Simulierte Fernsteuerung. Die Knüppel ziehen, oder einen anklicken und die Tasten E D S F und I K J L nehmen, mit Umschalt für vollen Ausschlag.</translation>
    </message>
    <message>
        <source>Not calibrated yet. Press Calibrate and follow the list; it ticks itself as the sticks move.</source>
        <translation>Noch nicht kalibriert. „Kalibrieren“ drücken und der Liste folgen; sie hakt sich selbst ab, wenn sich die Knüppel bewegen.</translation>
    </message>
    <message>
        <source>%1%2</source>
        <translation>%1%2</translation>
    </message>
    <message>
        <source>, inverted</source>
        <translation>, umgekehrt</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>● good</source>
        <translation>● gut</translation>
    </message>
    <message>
        <source>○ usable</source>
        <translation>○ brauchbar</translation>
    </message>
    <message>
        <source>▬ service</source>
        <translation>▬ Wartung</translation>
    </message>
    <message>
        <source>%1 Spring: %2, the pilot&apos;s choice.</source>
        <translation>%1 Feder: %2, nach Wahl des Piloten.</translation>
    </message>
    <message>
        <source>%1
Jitter %2 counts, %3 from end to end. Centring %4 counts. Travel %5 % of the range, %6 bits. High side %7 times the low side.%8</source>
        <translation>%1
Zittern %2 Zähler, %3 von Ende zu Ende. Rückstellung %4 Zähler. Weg %5 % des Bereichs, %6 Bit. Hohe Seite %7-mal die tiefe.%8</translation>
    </message>
    <message>
        <source>Ends and centre in raw counts of the device; the column heads say how each number is found. Samples every %1 ms, 95 % of them within %2 ms. Keep the real aircraft powered off while its controller is on the bench.</source>
        <translation>Enden und Mitte in Rohwerten des Geräts; die Spaltenköpfe sagen, wie jede Zahl gefunden wird. Werte alle %1 ms, 95 % davon innerhalb %2 ms. Das echte Fluggerät stromlos lassen, solange seine Fernsteuerung auf dem Prüfstand ist.</translation>
    </message>
</context>
<context>
    <name>bh::desk::CorrectDialog</name>
    <message>
        <source>Correct a session</source>
        <translation>Sitzung berichtigen</translation>
    </message>
    <message>
        <source>When it began</source>
        <translation>Wann sie begann</translation>
    </message>
    <message>
        <source>How long was flown</source>
        <translation>Wie lange geflogen wurde</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>How long nothing moved</source>
        <translation>Wie lange sich nichts bewegte</translation>
    </message>
    <message>
        <source>Where it was flown</source>
        <translation>Wo geflogen wurde</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>What the pilot looked at</source>
        <translation>Worauf der Pilot schaute</translation>
    </message>
    <message>
        <source>Who flew it</source>
        <translation>Wer sie geflogen ist</translation>
    </message>
    <message>
        <source>Why it is corrected</source>
        <translation>Warum berichtigt wird</translation>
    </message>
    <message>
        <source>Why: the pilot was changed too late</source>
        <translation>Warum: der Pilot wurde zu spät gewechselt</translation>
    </message>
    <message>
        <source>What stood before stays on the record, with your reason.</source>
        <translation>Was vorher stand, bleibt mit Ihrem Grund in der Akte.</translation>
    </message>
    <message>
        <source>Began</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>Idle</source>
        <translation>Ruhend</translation>
    </message>
    <message>
        <source>In</source>
        <translation>In</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Correct it</source>
        <translation>Berichtigen</translation>
    </message>
    <message>
        <source>A new entry stands for the old one</source>
        <translation>Ein neuer Eintrag steht für den alten</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>Nothing is changed</source>
        <translation>Es wird nichts geändert</translation>
    </message>
</context>
<context>
    <name>bh::desk::CriteriaPanel</name>
    <message>
        <source>Criteria against their limits</source>
        <translation>Kriterien gegen ihre Grenzwerte</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>measured from %1 s to %2 s of the flight</source>
        <translation>gemessen von %1 s bis %2 s des Flugs</translation>
    </message>
    <message>
        <source>%1%2: 0 marks at %3, pass at %4, 100 marks at %5%6</source>
        <translation>%1%2: 0 Punkte bei %3, bestanden bei %4, 100 Punkte bei %5%6</translation>
    </message>
    <message>
        <source> (must)</source>
        <translation> (muss)</translation>
    </message>
    <message>
        <source> (to hold)</source>
        <translation> (Können)</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>besteht %1</translation>
    </message>
</context>
<context>
    <name>bh::desk::CurveGrid</name>
    <message>
        <source>Practice curves, one for each drill</source>
        <translation>Übungskurven, eine je Übung</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>No practice curve yet.</source>
        <translation>Noch keine Übungskurve.</translation>
    </message>
    <message>
        <source>Too few attempts in which one thing was measured</source>
        <translation>Zu wenige Versuche, in denen ein Maß gemessen wurde</translation>
    </message>
    <message>
        <source>attempt %1</source>
        <translation>Versuch %1</translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation>, etwa %1</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
</context>
<context>
    <name>bh::desk::CurvePlot</name>
    <message>
        <source>%1 rate over the stick</source>
        <translation>Drehrate %1 über dem Knüppel</translation>
    </message>
    <message>
        <source>Deg/s over the stick. Solid: the real aircraft. Dashed: what the pilot practises on. Amber: the match. Bars: where the pilot&apos;s stick spends its time. The upright line follows the live stick. The squares are dragged, or moved with the arrow keys: up and down the end, left and right the centre, with Shift in small steps.</source>
        <translation>°/s über dem Knüppel. Durchgezogen: das echte Fluggerät. Gestrichelt: womit der Pilot übt. Bernstein: der Abgleich. Balken: wo der Knüppel des Piloten seine Zeit verbringt. Die senkrechte Linie folgt dem Knüppel. Die Quadrate zieht man oder bewegt sie mit den Pfeiltasten: auf und ab das Ende, links und rechts die Mitte, mit Umschalt in kleinen Schritten.</translation>
    </message>
    <message>
        <source>What the %1 curves differ by</source>
        <translation>Wodurch sich die Kurven für %1 unterscheiden</translation>
    </message>
    <message>
        <source>°/s that the other side is off the one that stays: dashed as it is, amber when matched.</source>
        <translation>°/s, um die die andere Seite von der bleibenden abweicht: gestrichelt wie sie ist, bernstein abgeglichen.</translation>
    </message>
    <message>
        <source>%1 stick</source>
        <translation>Knüppel %1</translation>
    </message>
    <message>
        <source>off, °/s</source>
        <translation>Abw., °/s</translation>
    </message>
    <message>
        <source>at %1 %: real %2, own %3, match %4&#xa0;°/s</source>
        <translation>bei %1 %: echt %2, eigen %3, Abgleich %4&#xa0;°/s</translation>
    </message>
</context>
<context>
    <name>bh::desk::CurvesPanel</name>
    <message>
        <source>Marks</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Marks of 100, attempt by attempt; 60 pass</source>
        <translation>Punkte von 100, Versuch für Versuch; 60 bestehen</translation>
    </message>
    <message>
        <source>Leading measure</source>
        <translation>Leitmaß</translation>
    </message>
    <message>
        <source>What weighs most of what a pass needs, attempt by attempt, with its limit</source>
        <translation>Was beim Bestehen am meisten wiegt, Versuch für Versuch, mit seinem Grenzwert</translation>
    </message>
    <message>
        <source>Looking ahead …</source>
        <translation>Es wird vorausgeschaut …</translation>
    </message>
    <message>
        <source>%1 drills flown. Dots are attempts, filled where they were enough; the line is the practice curve, the hatching where it meets what a pass needs (80 %).</source>
        <translation>%1 Übungen geflogen. Punkte sind Versuche, gefüllt, wo sie reichten; die Linie ist die Übungskurve, die Schraffur, wo sie trifft, was Bestehen braucht (80 %).</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1: %2 over %3 attempts.</source>
        <translation>%1: %2 über %3 Versuche.</translation>
    </message>
    <message>
        <source>At the present pace passed about %1%2.</source>
        <translation>Beim jetzigen Tempo bestanden etwa %1%2.</translation>
    </message>
    <message>
        <source> (%1 to %2)</source>
        <translation> (%1 bis %2)</translation>
    </message>
    <message>
        <source>Held %1 at the soonest.</source>
        <translation>Sitzt frühestens %1.</translation>
    </message>
    <message>
        <source>A curve for each drill is drawn here once it has been flown.</source>
        <translation>Für jede Übung steht hier eine Kurve, sobald sie geflogen ist.</translation>
    </message>
    <message>
        <source>No progress: over the last 8 attempts the slope may be nought and is not what is usual, and their mean is short of a pass.</source>
        <translation>Kein Fortschritt: Über die letzten 8 Versuche kann die Steigung null sein und ist nicht die übliche, und ihr Mittel reicht nicht zum Bestehen.</translation>
    </message>
    <message>
        <source>Not sure yet whether it rises: over the last 8 attempts the slope may be nought, or as large as usual.</source>
        <translation>Noch nicht sicher, ob es steigt: Über die letzten 8 Versuche kann die Steigung null sein, oder so groß wie üblich.</translation>
    </message>
    <message>
        <source>Marks reach 60 %1.</source>
        <translation>Die Punkte erreichen 60 %1.</translation>
    </message>
    <message>
        <source>%1 reaches %2 %3.</source>
        <translation>%1 erreicht %2 %3.</translation>
    </message>
</context>
<context>
    <name>bh::desk::CutShortDialog</name>
    <message>
        <source>Blue Hangar: a flight was under way</source>
        <translation>Blue Hangar: ein Flug lief noch</translation>
    </message>
    <message>
        <source>The program ended while somebody flew</source>
        <translation>Das Programm endete, während jemand flog</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Asked again at the next start</source>
        <translation>Beim nächsten Start wird wieder gefragt</translation>
    </message>
    <message>
        <source>%1, %2, %3: %4 s were flown. Kept, it is scored as far as it went.</source>
        <translation>%1, %2, %3: %4 s wurden geflogen. Behalten, wird er gewertet, soweit er kam.</translation>
    </message>
    <message>
        <source>Somebody</source>
        <translation>Jemand</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>An attempt that ended early</source>
        <translation>Ein Versuch, der früh endete</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>It is deleted</source>
        <translation>Er wird gelöscht</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>It cannot be kept: %1</source>
        <translation>Er lässt sich nicht behalten: %1</translation>
    </message>
    <message>
        <source>Kept: %1 of 100.</source>
        <translation>Behalten: %1 von 100.</translation>
    </message>
    <message>
        <source>Deleted.</source>
        <translation>Gelöscht.</translation>
    </message>
</context>
<context>
    <name>bh::desk::DayPanel</name>
    <message>
        <source>Wind speed</source>
        <translation>Windgeschwindigkeit</translation>
    </message>
    <message>
        <source> m/s</source>
        <translation> m/s</translation>
    </message>
    <message>
        <source>Where the wind comes from</source>
        <translation>Woher der Wind kommt</translation>
    </message>
    <message>
        <source>from the %1</source>
        <translation>aus %1</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>A centred stick no longer means standing still: the aircraft goes with the air. To hover it must lean into the wind, and a lap is quick one way and slow the other.</source>
        <translation>Ein losgelassener Knüppel heißt nicht mehr Stillstand: das Fluggerät zieht mit der Luft. Zum Schweben muss es sich in den Wind lehnen, und eine Runde ist in eine Richtung schnell und in die andere langsam.</translation>
    </message>
    <message>
        <source>Speed at 20 ft (6.1 m); less below, by the logarithmic profile of MIL-F-8785C.</source>
        <translation>Geschwindigkeit in 20 ft (6,1 m); darunter weniger, nach dem logarithmischen Profil von MIL-F-8785C.</translation>
    </message>
    <message>
        <source>Gusts</source>
        <translation>Böen</translation>
    </message>
    <message>
        <source>It is pushed about and never sits quite still. Hold the attitude and let small bumps pass; chasing each of them makes it rock. Needs wind.</source>
        <translation>Es wird herumgestoßen und steht nie ganz still. Die Lage halten und kleine Stöße durchlassen; wer jedem nachjagt, schaukelt auf. Braucht Wind.</translation>
    </message>
    <message>
        <source>Dryden turbulence for low heights, MIL-F-8785C, from a seed.</source>
        <translation>Dryden-Turbulenz für geringe Höhen, MIL-F-8785C, aus einer Startzahl.</translation>
    </message>
    <message>
        <source>Ground effect</source>
        <translation>Bodeneffekt</translation>
    </message>
    <message>
        <source>Close to the ground it floats on its own air and wanders a little: the last hand&apos;s breadth of a landing takes less throttle, and then it wants to slide.</source>
        <translation>Dicht am Boden schwimmt es auf der eigenen Luft und wandert etwas: die letzte Handbreit einer Landung braucht weniger Gas, und dann will es rutschen.</translation>
    </message>
    <message>
        <source>Prop wash</source>
        <translation>Propellerwirbel</translation>
    </message>
    <message>
        <source>Sinking straight down it falls into its own wash: it shakes and drops. Come down with some forward speed, or slower.</source>
        <translation>Senkrecht sinkend fällt es in die eigenen Wirbel: es schüttelt und sackt durch. Mit etwas Fahrt nach vorn sinken, oder langsamer.</translation>
    </message>
    <message>
        <source>Induced velocity in descent, vortex-ring branch (Leishman, textbook); loss and shaking are house.</source>
        <translation>Induzierte Geschwindigkeit im Sinkflug, Wirbelringzweig (Leishman, Lehrbuch); Verlust und Schütteln: Haus.</translation>
    </message>
    <message>
        <source>Battery sag</source>
        <translation>Akku lässt nach</translation>
    </message>
    <message>
        <source>As the pack empties the same throttle carries less, and a full burst gives less than before. Land before the hover throttle has crept up by a fifth.</source>
        <translation>Wenn sich der Akku leert, trägt dasselbe Gas weniger, und Vollgas gibt weniger als zuvor. Landen, bevor das Gas im Schweben um ein Fünftel gestiegen ist.</translation>
    </message>
    <message>
        <source>Thrust falls with load and with the charge used; shares are the aircraft&apos;s own.</source>
        <translation>Der Schub fällt mit Last und verbrauchter Ladung; die Anteile gehören zum Fluggerät.</translation>
    </message>
    <message>
        <source>Share of its thrust that the bent propeller has lost</source>
        <translation>Anteil des Schubs, den der verbogene Propeller verloren hat</translation>
    </message>
    <message>
        <source> % lost</source>
        <translation> % verloren</translation>
    </message>
    <message>
        <source>Bent propeller</source>
        <translation>Verbogener Propeller</translation>
    </message>
    <message>
        <source>The picture trembles, and the aircraft twists whenever the throttle moves. On the real aircraft: land and change it.</source>
        <translation>Das Bild zittert, und das Fluggerät verdreht sich, sooft sich das Gas ändert. Am echten: landen und tauschen.</translation>
    </message>
    <message>
        <source>Warmer than the standard day</source>
        <translation>Wärmer als der Normtag</translation>
    </message>
    <message>
        <source> K</source>
        <translation> K</translation>
    </message>
    <message>
        <source>Warmer by</source>
        <translation>Wärmer um</translation>
    </message>
    <message>
        <source>Difference from the ISO 2533 standard day at that height.</source>
        <translation>Unterschied zum Normtag nach ISO 2533 in dieser Höhe.</translation>
    </message>
    <message>
        <source>Warm air is thin: it takes more throttle to hover and there is less in reserve. Some 3 % of the thrust for each 10 K.</source>
        <translation>Warme Luft ist dünn: Schweben braucht mehr Gas, und es bleibt weniger Reserve. Etwa 3 % des Schubs je 10 K.</translation>
    </message>
    <message>
        <source>As set: %1. A free flight is flown so; a drill is flown in still air unless &quot;real day&quot; is ticked beside it, and its attempt then says what the day was like.</source>
        <translation>Wie eingestellt: %1. Ein Freiflug wird so geflogen; eine Übung in ruhiger Luft, wenn daneben nicht „echter Tag“ angehakt ist, und ihr Versuch sagt dann, wie der Tag war.</translation>
    </message>
    <message>
        <source>still air</source>
        <translation>ruhige Luft</translation>
    </message>
    <message>
        <source>One rotor, front right, with less thrust and a vibration, which the rate loop trims away within 0.3 s: all of it is house.</source>
        <translation>Ein Rotor, vorne rechts, mit weniger Schub und einer Vibration, die der Drehratenregler innerhalb von 0,3 s austrimmt: alles Annahmen des Hauses.</translation>
    </message>
    <message>
        <source>over hard ground</source>
        <translation>über hartem Boden</translation>
    </message>
    <message>
        <source>It throws the wash back: more unsteady within two rotor diameters. Grass damps it.</source>
        <translation>Er wirft den Abwind zurück: unruhiger bis auf zwei Rotordurchmesser. Gras dämpft ihn.</translation>
    </message>
    <message>
        <source>Cheeseman and Bennett (1955), all rotors as one disc; the wandering, and what grass and hard ground do to it, is house.</source>
        <translation>Cheeseman und Bennett (1955), alle Rotoren als eine Scheibe; das Wandern, und was Gras und harter Boden daran ändern, ist vom Haus.</translation>
    </message>
</context>
<context>
    <name>bh::desk::DebriefPage</name>
    <message>
        <source>Flight to look at</source>
        <translation>Anzusehender Flug</translation>
    </message>
    <message>
        <source>Open a log</source>
        <translation>Datei öffnen</translation>
    </message>
    <message>
        <source>A flight from a file: a flight log as CSV, or any program&apos;s table</source>
        <translation>Ein Flug aus einer Datei: eine Flugaufzeichnung als CSV oder die Tabelle irgendeines Programms</translation>
    </message>
    <message>
        <source>Flight log</source>
        <translation>Flugaufzeichnung</translation>
    </message>
    <message>
        <source>Tables (*.csv *.txt)</source>
        <translation>Tabellen (*.csv *.txt)</translation>
    </message>
    <message>
        <source>On paper</source>
        <translation>Auf Papier</translation>
    </message>
    <message>
        <source>A debrief sheet on one page, as PDF or PNG</source>
        <translation>Ein Auswertungsblatt auf einer Seite, als PDF oder PNG</translation>
    </message>
    <message>
        <source>Debrief sheet</source>
        <translation>Auswertungsblatt</translation>
    </message>
    <message>
        <source>debrief.pdf</source>
        <translation>auswertung.pdf</translation>
    </message>
    <message>
        <source>Paper (*.pdf);;Picture (*.png)</source>
        <translation>Papier (*.pdf);;Bild (*.png)</translation>
    </message>
    <message>
        <source>Lay a recording beside</source>
        <translation>Aufnahme danebenlegen</translation>
    </message>
    <message>
        <source>A screen recording of this session, played with its sticks</source>
        <translation>Eine Bildschirmaufnahme dieser Sitzung, mit ihren Knüppeln abgespielt</translation>
    </message>
    <message>
        <source>Screen recording</source>
        <translation>Bildschirmaufnahme</translation>
    </message>
    <message>
        <source>Recordings (*.mp4 *.mkv *.webm *.avi *.mov);;All files (*)</source>
        <translation>Aufnahmen (*.mp4 *.mkv *.webm *.avi *.mov);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Second of the session at which the recording begins</source>
        <translation>Sekunde der Sitzung, bei der die Aufnahme beginnt</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>begins at </source>
        <translation>beginnt bei </translation>
    </message>
    <message>
        <source>Nudged by &lt; and &gt; too, a tenth of a second; with Ctrl a second</source>
        <translation>Auch mit &lt; und &gt; verschoben, um eine Zehntelsekunde; mit Strg um eine Sekunde</translation>
    </message>
    <message>
        <source>Play (Space)</source>
        <translation>Abspielen (Leer)</translation>
    </message>
    <message>
        <source>Plays from the cursor on, or pauses</source>
        <translation>Spielt ab der Marke oder hält an</translation>
    </message>
    <message>
        <source>Pace</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>¼ pace</source>
        <translation>¼ Tempo</translation>
    </message>
    <message>
        <source>½ pace</source>
        <translation>½ Tempo</translation>
    </message>
    <message>
        <source>full pace</source>
        <translation>volles Tempo</translation>
    </message>
    <message>
        <source>2 ×</source>
        <translation>2 ×</translation>
    </message>
    <message>
        <source>4 ×</source>
        <translation>4 ×</translation>
    </message>
    <message>
        <source>Body rate shown</source>
        <translation>Gezeigte Drehrate</translation>
    </message>
    <message>
        <source>roll rate</source>
        <translation>Rollrate</translation>
    </message>
    <message>
        <source>pitch rate</source>
        <translation>Nickrate</translation>
    </message>
    <message>
        <source>yaw rate</source>
        <translation>Gierrate</translation>
    </message>
    <message>
        <source>Found</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleich</translation>
    </message>
    <message>
        <source>Advised</source>
        <translation>Rat</translation>
    </message>
    <message>
        <source>Habits</source>
        <translation>Gewohnheiten</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>No flight yet</source>
        <translation>Noch kein Flug</translation>
    </message>
    <message>
        <source>Fly a drill (Alt+6), or open a flight log from a file.</source>
        <translation>Eine Übung fliegen (Alt+6) oder eine Flugaufzeichnung aus einer Datei öffnen.</translation>
    </message>
    <message>
        <source>Choose a pilot on the left, or open a flight log from a file.</source>
        <translation>Links einen Piloten wählen oder eine Flugaufzeichnung aus einer Datei öffnen.</translation>
    </message>
    <message>
        <source>The log of this flight cannot be read.</source>
        <translation>Die Aufzeichnung dieses Flugs lässt sich nicht lesen.</translation>
    </message>
    <message>
        <source>Practice outside, %1</source>
        <translation>Üben auswärts, %1</translation>
    </message>
    <message>
        <source>Looking through it …</source>
        <translation>Wird durchgesehen …</translation>
    </message>
    <message>
        <source>Sticks alone</source>
        <translation>Nur Knüppel</translation>
    </message>
    <message>
        <source>No positions: what sticks and attitude tell.</source>
        <translation>Keine Positionen: was Knüppel und Lage erzählen.</translation>
    </message>
    <message>
        <source>Saved as %1</source>
        <translation>Gesichert als %1</translation>
    </message>
    <message>
        <source>%1 could not be written.</source>
        <translation>%1 ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>Pause (Space)</source>
        <translation>Pause (Leer)</translation>
    </message>
    <message>
        <source>%1 of %2 s</source>
        <translation>%1 von %2 s</translation>
    </message>
    <message>
        <source>A flight again, second by second: what the sticks did, what was found in it, and the one thing to change.</source>
        <translation>Ein Flug noch einmal, Sekunde für Sekunde: was die Knüppel taten, was darin gefunden wurde, und das eine, das zu ändern ist.</translation>
    </message>
    <message>
        <source>Fly a drill</source>
        <translation>Eine Übung fliegen</translation>
    </message>
    <message>
        <source>This flight is not here yet: it is fetched from the server …</source>
        <translation>Dieser Flug ist noch nicht hier: er wird vom Server geholt …</translation>
    </message>
    <message>
        <source>This flight is not here, and the server is away.</source>
        <translation>Dieser Flug ist nicht hier, und der Server ist nicht da.</translation>
    </message>
</context>
<context>
    <name>bh::desk::DrillsPage</name>
    <message>
        <source>Start the drill for the chosen pilot</source>
        <translation>Übung für den gewählten Piloten starten</translation>
    </message>
    <message>
        <source>Back to the start; a flight that is not over is not kept</source>
        <translation>Zurück zum Start; ein Flug, der nicht zu Ende ist, wird nicht behalten</translation>
    </message>
    <message>
        <source>Stop and hover from any attitude; the drill is then not passed</source>
        <translation>Anhalten und schweben, aus jeder Lage; die Übung ist dann nicht bestanden</translation>
    </message>
    <message>
        <source>Hold the flight still, and go on</source>
        <translation>Den Flug anhalten, und weiter</translation>
    </message>
    <message>
        <source>From the aircraft, from behind it, or from the pilot&apos;s place on the ground</source>
        <translation>Aus dem Fluggerät, von dahinter oder vom Platz des Piloten am Boden</translation>
    </message>
    <message>
        <source>Start or stop the motors, where the drill leaves that to the pilot; the throttle has to be at the bottom</source>
        <translation>Motoren starten oder stoppen, wo die Übung das dem Piloten überlässt; das Gas muss unten sein</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>Zusehen</translation>
    </message>
    <message>
        <source>The demonstration that was kept plays with its sticks; without one the stand-in pilot flies the drill</source>
        <translation>Die gesicherte Vorführung läuft mit ihren Knüppeln; ohne eine fliegt der simulierte Pilot die Übung</translation>
    </message>
    <message>
        <source>Shadow</source>
        <translation>Mitfliegen</translation>
    </message>
    <message>
        <source>The demonstration plays and the pilot&apos;s sticks follow it; nothing flies, and likeness and lag are scored</source>
        <translation>Die Vorführung läuft und die Knüppel des Piloten folgen ihr; nichts fliegt, gewertet werden Ähnlichkeit und Verzug</translation>
    </message>
    <message>
        <source>Keep as demonstration</source>
        <translation>Als Vorführung behalten</translation>
    </message>
    <message>
        <source>From now on this flight shows how the drill is flown; it can be undone</source>
        <translation>Von jetzt an zeigt dieser Flug, wie die Übung geflogen wird; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Speed of demonstrations</source>
        <translation>Tempo der Vorführungen</translation>
    </message>
    <message>
        <source>How fast demonstrations are shown; the dots on their sticks are the next second</source>
        <translation>Wie schnell Vorführungen laufen; die Punkte an ihren Knüppeln sind die nächste Sekunde</translation>
    </message>
    <message>
        <source>full speed</source>
        <translation>1 × Tempo</translation>
    </message>
    <message>
        <source>½ speed</source>
        <translation>½ Tempo</translation>
    </message>
    <message>
        <source>¼ speed</source>
        <translation>¼ Tempo</translation>
    </message>
    <message>
        <source>Flight mode</source>
        <translation>Flugmodus</translation>
    </message>
    <message>
        <source>real day</source>
        <translation>echter Tag</translation>
    </message>
    <message>
        <source>Fly with the wind and whatever else is switched on under &quot;Real day&quot; on the Set-up page; the attempt says so</source>
        <translation>Mit dem Wind und allem fliegen, was unter „Echter Tag“ auf der Seite Aufbau eingeschaltet ist; der Versuch sagt es</translation>
    </message>
    <message>
        <source>Fly</source>
        <translation>Fliegen</translation>
    </message>
    <message>
        <source>By eye</source>
        <translation>Augenmaß</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Reset</translation>
    </message>
    <message>
        <source>Panic</source>
        <translation>Not</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Sicht</translation>
    </message>
    <message>
        <source>Arm</source>
        <translation>Scharf</translation>
    </message>
    <message>
        <source>Wide: without the list of pilots</source>
        <translation>Breit: ohne die Pilotenliste</translation>
    </message>
    <message>
        <source>%1 mode</source>
        <translation>Modus %1</translation>
    </message>
    <message>
        <source>Add a pilot on the left first; the flight is kept on the pilot&apos;s record.</source>
        <translation>Zuerst links einen Piloten anlegen; der Flug kommt in die Akte des Piloten.</translation>
    </message>
    <message>
        <source>The controller is unplugged. Plug it in, or choose another on the Controller page.</source>
        <translation>Die Fernsteuerung ist abgezogen. Anstecken, oder auf der Seite Fernsteuerung eine andere wählen.</translation>
    </message>
    <message>
        <source>This controller is not calibrated yet. Calibrate it on the Controller page, then come back.</source>
        <translation>Diese Fernsteuerung ist noch nicht kalibriert. Auf der Seite Fernsteuerung kalibrieren, dann zurückkommen.</translation>
    </message>
    <message>
        <source>This controller&apos;s calibration has not been verified. Check it on the Controller page, then come back.</source>
        <translation>Die Kalibrierung dieser Fernsteuerung ist nicht bestätigt. Auf der Seite Fernsteuerung prüfen, dann zurückkommen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is locked. Fly the stage before it, or open it on the left with a reason. It can be watched and shadowed now.</source>
        <translation>„%1“ ist gesperrt. Die Stufe davor fliegen, oder sie links mit Grund öffnen. Zusehen und Mitfliegen geht jetzt schon.</translation>
    </message>
    <message>
        <source>%1 flies &quot;%2&quot;.

Throttle to the bottom, then %3 starts.
%4 back to the start · %5 panic switch · %6 pause · %7 view · %8 wide</source>
        <translation>%1 fliegt „%2“.

Gas nach unten, dann startet %3.
%4 zurück zum Start · %5 Notschalter · %6 Pause · %7 Sicht · %8 breit</translation>
    </message>
    <message>
        <source>%1&apos;s flight of %2, %3 of 100, with its sticks.</source>
        <translation>Flug von %1 am %2, %3 von 100, mit seinen Knüppeln.</translation>
    </message>
    <message>
        <source>A pilot</source>
        <translation>Ein Pilot</translation>
    </message>
    <message>
        <source>It cannot be shown: %1.</source>
        <translation>Sie lässt sich nicht zeigen: %1.</translation>
    </message>
    <message>
        <source>It cannot be flown: %1.</source>
        <translation>Sie lässt sich nicht fliegen: %1.</translation>
    </message>
    <message>
        <source>Demonstration</source>
        <translation>Vorführung</translation>
    </message>
    <message>
        <source>Live</source>
        <translation>Live</translation>
    </message>
    <message>
        <source>The stand-in pilot flies. Nothing is kept.</source>
        <translation>Der simulierte Pilot fliegt. Nichts wird behalten.</translation>
    </message>
    <message>
        <source>The stand-in pilot practises for %1.</source>
        <translation>Der simulierte Pilot übt für %1.</translation>
    </message>
    <message>
        <source>Free flight: %1</source>
        <translation>Freiflug: %1</translation>
    </message>
    <message>
        <source>%1. It is kept as practice, with crashes and throttle cuts, and nothing is scored. Choose a drill to go back to the ladder.</source>
        <translation>%1. Er zählt als Übungszeit, mit Abstürzen und Gaswegnahmen, und nichts wird gewertet. Eine Übung wählen, um zur Leiter zurückzukehren.</translation>
    </message>
    <message>
        <source>The free flight is over</source>
        <translation>Der Freiflug ist vorbei</translation>
    </message>
    <message>
        <source>The demonstration is over</source>
        <translation>Die Vorführung ist vorbei</translation>
    </message>
    <message>
        <source>Also: %1</source>
        <translation>Außerdem: %1</translation>
    </message>
    <message>
        <source>Drills that are flown here, or scored by eye, against limits: one after the other, until each is held.</source>
        <translation>Übungen, die hier geflogen oder nach Augenmaß bewertet werden, an Grenzwerten gemessen: eine nach der anderen, bis jede sitzt.</translation>
    </message>
    <message>
        <source>Copy the sticks: %1.</source>
        <translation>Die Knüppel nachmachen: %1.</translation>
    </message>
    <message>
        <source>Fly as you like. It is kept with its crashes and throttle cuts, and counts as practice; nothing is scored.</source>
        <translation>Nach Belieben fliegen. Es wird mit Abstürzen und Gaswegnahmen behalten und zählt als Übung; gewertet wird nichts.</translation>
    </message>
    <message>
        <source>Hours flown now count as practice, not as hours on matched rates: %1. Match them first on the Rates page (Alt+5), or fly.</source>
        <translation>Was jetzt geflogen wird, zählt als Übung, nicht als Stunden mit abgeglichenen Drehraten: %1. Erst auf der Seite Drehraten (Alt+5) abgleichen, oder fliegen.</translation>
    </message>
    <message>
        <source>no aircraft is chosen yet</source>
        <translation>noch ist kein Fluggerät gewählt</translation>
    </message>
    <message>
        <source>the real aircraft&apos;s rates are not known yet</source>
        <translation>die Drehraten des echten Fluggeräts sind noch nicht bekannt</translation>
    </message>
    <message>
        <source>the match does not hold any more</source>
        <translation>der Abgleich gilt nicht mehr</translation>
    </message>
    <message>
        <source>what is practised on is not the aircraft&apos;s</source>
        <translation>geübt wird nicht mit denen des Fluggeräts</translation>
    </message>
</context>
<context>
    <name>bh::desk::FeelPanel</name>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>B</source>
        <translation>B</translation>
    </message>
    <message>
        <source>real aircraft</source>
        <translation>echtes Fluggerät</translation>
    </message>
    <message>
        <source>practised now</source>
        <translation>jetzt geübt</translation>
    </message>
    <message>
        <source>match</source>
        <translation>Abgleich</translation>
    </message>
    <message>
        <source>Curve A</source>
        <translation>Kurve A</translation>
    </message>
    <message>
        <source>Curve B</source>
        <translation>Kurve B</translation>
    </message>
    <message>
        <source>Take off with curve A; the time counts as practice</source>
        <translation>Mit Kurve A abheben; die Zeit zählt als Übungszeit</translation>
    </message>
    <message>
        <source>Curve A, in the air</source>
        <translation>Kurve A, in der Luft</translation>
    </message>
    <message>
        <source>Curve B, in the air</source>
        <translation>Kurve B, in der Luft</translation>
    </message>
    <message>
        <source>The curve to be told, in the air</source>
        <translation>Die zu erkennende Kurve, in der Luft</translation>
    </message>
    <message>
        <source>Hold the flight still, and go on</source>
        <translation>Den Flug anhalten, und weiter</translation>
    </message>
    <message>
        <source>Blind test</source>
        <translation>Blindtest</translation>
    </message>
    <message>
        <source>Eight times X is A or B, by chance. Fly A, B and X as long as you like, then say which it was.</source>
        <translation>Achtmal ist X zufällig A oder B. A, B und X fliegen, so lange Sie wollen, dann sagen, welche es war.</translation>
    </message>
    <message>
        <source>X is A</source>
        <translation>X ist A</translation>
    </message>
    <message>
        <source>Says so, and goes on to the next</source>
        <translation>Sagt es und geht zum nächsten</translation>
    </message>
    <message>
        <source>X is B</source>
        <translation>X ist B</translation>
    </message>
    <message>
        <source>Rate it</source>
        <translation>Bewerten</translation>
    </message>
    <message>
        <source>A few questions about the flight with the practised rates; the rating is kept with them</source>
        <translation>Ein paar Fragen zum Flug mit den geübten Drehraten; die Bewertung wird bei ihnen gesichert</translation>
    </message>
    <message>
        <source>Fly</source>
        <translation>Fliegen</translation>
    </message>
    <message>
        <source>X</source>
        <translation>X</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>1 and 2 are A and B, 3 is X. F5 begins again.</source>
        <translation>1 und 2 sind A und B, 3 ist X. F5 beginnt neu.</translation>
    </message>
    <message>
        <source>1 and 2 change the curve. F5 begins again.</source>
        <translation>1 und 2 wechseln die Kurve. F5 beginnt neu.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>Leave the test</source>
        <translation>Test verlassen</translation>
    </message>
    <message>
        <source>Choose a pilot and a calibrated controller first.</source>
        <translation>Zuerst einen Piloten und eine kalibrierte Fernsteuerung wählen.</translation>
    </message>
    <message>
        <source>Throttle to the bottom, then F5 takes off.
1 and 2 change the curve in the air.</source>
        <translation>Gas nach unten, dann hebt F5 ab.
1 und 2 wechseln in der Luft die Kurve.</translation>
    </message>
    <message>
        <source>Trial %1 of %2: X is A or B. In the hand now: %3.</source>
        <translation>Versuch %1 von %2: X ist A oder B. Jetzt in der Hand: %3.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>A and B are the same: choose two that differ.</source>
        <translation>A und B sind gleich: zwei verschiedene wählen.</translation>
    </message>
    <message>
        <source>In the hand now: %1.</source>
        <translation>Jetzt in der Hand: %1.</translation>
    </message>
    <message>
        <source>Fly both curves, or find out blind whether the difference can be felt at all.</source>
        <translation>Beide Kurven fliegen, oder blind herausfinden, ob der Unterschied überhaupt zu spüren ist.</translation>
    </message>
    <message>
        <source>the difference can be felt</source>
        <translation>der Unterschied ist zu spüren</translation>
    </message>
    <message>
        <source>no difference could be shown</source>
        <translation>kein Unterschied ließ sich zeigen</translation>
    </message>
    <message>
        <source>%1 of %2 right: by guessing alone so many come in %3 of 100 tests (p = %4), so %5.</source>
        <translation>%1 von %2 richtig: durch bloßes Raten kommen so viele in %3 von 100 Tests (p = %4), also: %5.</translation>
    </message>
    <message>
        <source>Last blind test, %1: %2 of %3 right (p = %4).</source>
        <translation>Letzter Blindtest, %1: %2 von %3 richtig (p = %4).</translation>
    </message>
</context>
<context>
    <name>bh::desk::FindingsPanel</name>
    <message>
        <source>Tell the pilot</source>
        <translation>Dem Piloten sagen</translation>
    </message>
    <message>
        <source>Keeps it as told: what comes of it is followed</source>
        <translation>Sichert es als gesagt: was daraus wird, wird verfolgt</translation>
    </message>
    <message>
        <source>What was found, the weightiest first</source>
        <translation>Was gefunden wurde, das Gewichtigste zuerst</translation>
    </message>
    <message>
        <source>Found</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>%1  %2 s  %3</source>
        <translation>%1  %2 s  %3</translation>
    </message>
    <message>
        <source>A fault: click to see it</source>
        <translation>Ein Fehler: klicken, um ihn zu sehen</translation>
    </message>
    <message>
        <source>As it should be: click to see it</source>
        <translation>Wie es sein soll: klicken, um es zu sehen</translation>
    </message>
    <message>
        <source>Then: %1 (%2)</source>
        <translation>Dann: %1 (%2)</translation>
    </message>
    <message>
        <source>Told on %1, and stands</source>
        <translation>Gesagt am %1, und gilt noch</translation>
    </message>
    <message>
        <source>Nothing was found in it.</source>
        <translation>Darin wurde nichts gefunden.</translation>
    </message>
    <message>
        <source>No fault was found: fly the next drill.</source>
        <translation>Kein Fehler gefunden: die nächste Übung fliegen.</translation>
    </message>
    <message>
        <source>What was found is not for advice yet: fly again.</source>
        <translation>Was gefunden wurde, reicht noch nicht für einen Rat: noch einmal fliegen.</translation>
    </message>
    <message>
        <source>%1 Seen %2.</source>
        <translation>%1 Gesehen %2.</translation>
    </message>
    <message>
        <source> It should bring about %1 marks in the drill that is next (a guess of the house).</source>
        <translation> Es sollte in der nächsten Übung etwa %1 Punkte bringen (eine Schätzung des Hauses).</translation>
    </message>
    <message>
        <source> Where it was followed here, in %1 cases, it showed as %2 % less (%3 to %4 %; %5).</source>
        <translation> Wo es hier befolgt wurde, in %1 Fällen, zeigte es sich als %2 % weniger (%3 bis %4 %; %5).</translation>
    </message>
    <message>
        <source> It should show as about %1 % less (%2; a guess of the house, until 30 cases are known here).</source>
        <translation> Es sollte sich als etwa %1 % weniger zeigen (%2; eine Schätzung des Hauses, bis hier 30 Fälle bekannt sind).</translation>
    </message>
</context>
<context>
    <name>bh::desk::FirstFlightPage</name>
    <message>
        <source>Gates are house rules and common practice; each says what it was judged by.</source>
        <translation>Voraussetzungen sind Hausregeln und gängige Praxis; jede sagt, woran sie gemessen wurde.</translation>
    </message>
    <message>
        <source>This is advice. A coordinator decides and answers for it, and the law says who may fly what, and where.</source>
        <translation>Das ist ein Rat. Ein Koordinator entscheidet und steht dafür ein, und das Gesetz sagt, wer was wo fliegen darf.</translation>
    </message>
    <message>
        <source>Gates before a first flight on a real aircraft</source>
        <translation>Voraussetzungen für einen ersten Flug am echten Fluggerät</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>Gate</source>
        <translation>Voraussetzung</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>What is known</source>
        <translation>Was bekannt ist</translation>
    </message>
    <message>
        <source>Evidence</source>
        <translation>Beleg</translation>
    </message>
    <message>
        <source>The page that the chosen gate is judged by (Enter on its line)</source>
        <translation>Die Seite, an der sich die gewählte Voraussetzung misst (Enter auf ihrer Zeile)</translation>
    </message>
    <message>
        <source>Sickness …</source>
        <translation>Befinden …</translation>
    </message>
    <message>
        <source>How the pilot feels: sixteen questions by keys</source>
        <translation>Wie es dem Piloten geht: sechzehn Fragen mit Tasten</translation>
    </message>
    <message>
        <source>House rules</source>
        <translation>Hausregeln</translation>
    </message>
    <message>
        <source>What each gate asks for here, and why</source>
        <translation>Was jede Voraussetzung hier verlangt, und warum</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Briefing</source>
        <translation>Einweisung</translation>
    </message>
    <message>
        <source>Programme</source>
        <translation>Programm</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Danach</translation>
    </message>
    <message>
        <source>Small window</source>
        <translation>Kleines Fenster</translation>
    </message>
    <message>
        <source>Briefing and programme in a window as large as a telephone</source>
        <translation>Einweisung und Programm in einem Fenster so groß wie ein Telefon</translation>
    </message>
    <message>
        <source>On paper …</source>
        <translation>Auf Papier …</translation>
    </message>
    <message>
        <source>Briefing and programme, to be ticked with a pencil</source>
        <translation>Einweisung und Programm, mit dem Bleistift abzuhaken</translation>
    </message>
    <message>
        <source>first-flight.pdf</source>
        <translation>erstflug.pdf</translation>
    </message>
    <message>
        <source>First flight of %1</source>
        <translation>Erstflug von %1</translation>
    </message>
    <message>
        <source>%1: all gates met. Whether a first flight is justified is the coordinator&apos;s to say.</source>
        <translation>%1: alles erfüllt. Ob ein Erstflug gerechtfertigt ist, sagt der Koordinator.</translation>
    </message>
    <message>
        <source>%1: not yet. %2 gates open, at the present pace met by %3.</source>
        <translation>%1: noch nicht. %2 Voraussetzungen offen, beim jetzigen Tempo erfüllt am %3.</translation>
    </message>
    <message>
        <source>%1: not yet. %2 of %3 gates open; not all of them can be dated.</source>
        <translation>%1: noch nicht. %2 von %3 Voraussetzungen offen; nicht alle lassen sich datieren.</translation>
    </message>
    <message>
        <source>overridden: %1; %2</source>
        <translation>übergangen: %1; %2</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>What stands before a first flight on a real aircraft, gate by gate; the day itself, the briefing, and the release.</source>
        <translation>Was vor einem ersten Flug mit einem echten Fluggerät steht, Voraussetzung für Voraussetzung; der Tag selbst, die Einweisung und die Freigabe.</translation>
    </message>
    <message>
        <source>Choose or add a pilot on the left.</source>
        <translation>Links einen Piloten wählen oder anlegen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::FirstStart</name>
    <message>
        <source>Blue Hangar</source>
        <translation>Blue Hangar</translation>
    </message>
    <message>
        <source>Three questions, and the school can begin</source>
        <translation>Drei Fragen, und die Schule kann anfangen</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Anfangen</translation>
    </message>
    <message>
        <source>Makes the school&apos;s record at this computer, and opens it</source>
        <translation>Legt die Akte der Schule an diesem Rechner an und öffnet sie</translation>
    </message>
    <message>
        <source>The record is elsewhere …</source>
        <translation>Die Akte ist anderswo …</translation>
    </message>
    <message>
        <source>In a file that is there already, or on a server</source>
        <translation>In einer Datei, die es schon gibt, oder auf einem Server</translation>
    </message>
    <message>
        <source>Look at a made-up school</source>
        <translation>Eine erfundene Schule ansehen</translation>
    </message>
    <message>
        <source>Eight weeks of eleven pilots; nothing of it is kept</source>
        <translation>Acht Wochen von elf Piloten; nichts davon wird behalten</translation>
    </message>
    <message>
        <source>Name of the school</source>
        <translation>Name der Schule</translation>
    </message>
    <message>
        <source>as it stands on papers, or nothing</source>
        <translation>wie er auf Papieren steht, oder nichts</translation>
    </message>
    <message>
        <source>School of teaching</source>
        <translation>Lehrweise</translation>
    </message>
    <message>
        <source>For pilots who are added; each pilot can have another, and stages can be changed</source>
        <translation>Für neue Piloten; jeder Pilot kann eine andere haben, und Stufen lassen sich ändern</translation>
    </message>
    <message>
        <source>%1: %2, …</source>
        <translation>%1: %2, …</translation>
    </message>
    <message>
        <source>Whoever is at this computer</source>
        <translation>Wer gerade am Rechner ist</translation>
    </message>
    <message>
        <source>Somebody with a passphrase; pilots fly and log without one</source>
        <translation>Jemand mit einem Kennsatz; Piloten fliegen und loggen ohne</translation>
    </message>
    <message>
        <source>Coordinator&apos;s name</source>
        <translation>Name des Koordinators</translation>
    </message>
    <message>
        <source>Passphrase</source>
        <translation>Kennsatz</translation>
    </message>
    <message>
        <source>The same again</source>
        <translation>Noch einmal derselbe</translation>
    </message>
    <message>
        <source>Coordinator</source>
        <translation>Koordinator</translation>
    </message>
    <message>
        <source>1. What is the school called?</source>
        <translation>1. Wie heißt die Schule?</translation>
    </message>
    <message>
        <source>2. By which school of teaching?</source>
        <translation>2. Nach welcher Lehrweise?</translation>
    </message>
    <message>
        <source>3. Who may change pilots, limits and releases?</source>
        <translation>3. Wer darf Piloten, Grenzwerte und Freigaben ändern?</translation>
    </message>
    <message>
        <source>Say who the coordinator is.</source>
        <translation>Sagen, wer der Koordinator ist.</translation>
    </message>
    <message>
        <source>The two passphrases are not the same.</source>
        <translation>Die beiden Kennsätze sind nicht gleich.</translation>
    </message>
</context>
<context>
    <name>bh::desk::FlightDayPanel</name>
    <message>
        <source>To fly with</source>
        <translation>Womit geflogen wird</translation>
    </message>
    <message>
        <source>The site and the weather</source>
        <translation>Der Platz und das Wetter</translation>
    </message>
    <message>
        <source>Name of the site</source>
        <translation>Name des Platzes</translation>
    </message>
    <message>
        <source>Old pan, east bank</source>
        <translation>Alte Pfanne, Ostufer</translation>
    </message>
    <message>
        <source>Who is the spotter</source>
        <translation>Wer der Beobachter ist</translation>
    </message>
    <message>
        <source>Who watches the sky</source>
        <translation>Wer den Himmel beobachtet</translation>
    </message>
    <message>
        <source>Permission, as the coordinator noted it</source>
        <translation>Erlaubnis, wie der Koordinator sie notiert hat</translation>
    </message>
    <message>
        <source>From whom, and until when</source>
        <translation>Von wem und bis wann</translation>
    </message>
    <message>
        <source>A METAR or TAF line</source>
        <translation>Eine METAR- oder TAF-Zeile</translation>
    </message>
    <message>
        <source>Paste a METAR or TAF line here</source>
        <translation>Hier eine METAR- oder TAF-Zeile einfügen</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>Room around the pilot</source>
        <translation>Raum um den Piloten</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>Height of the field above the sea</source>
        <translation>Höhe des Platzes über dem Meer</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source> m/s</source>
        <translation> m/s</translation>
    </message>
    <message>
        <source>Gusts to</source>
        <translation>Böen bis</translation>
    </message>
    <message>
        <source>Visibility, 10,000 m and more</source>
        <translation>Sicht, 10 000 m und mehr</translation>
    </message>
    <message>
        <source>Temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>Pressure at sea level</source>
        <translation>Luftdruck auf Meereshöhe</translation>
    </message>
    <message>
        <source> hPa</source>
        <translation> hPa</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>people near</source>
        <translation>Menschen nahe</translation>
    </message>
    <message>
        <source>water near</source>
        <translation>Wasser nahe</translation>
    </message>
    <message>
        <source>masts or lines near</source>
        <translation>Masten oder Leitungen nahe</translation>
    </message>
    <message>
        <source>rain or snow</source>
        <translation>Regen oder Schnee</translation>
    </message>
    <message>
        <source>thunder</source>
        <translation>Gewitter</translation>
    </message>
    <message>
        <source>fog</source>
        <translation>Nebel</translation>
    </message>
    <message>
        <source>Batteries</source>
        <translation>Akkus</translation>
    </message>
    <message>
        <source>Cells of a battery</source>
        <translation>Zellen eines Akkus</translation>
    </message>
    <message>
        <source>Read it</source>
        <translation>Lesen</translation>
    </message>
    <message>
        <source>Wind, gusts, visibility, temperature and pressure from the line</source>
        <translation>Wind, Böen, Sicht, Temperatur und Druck aus der Zeile</translation>
    </message>
    <message>
        <source>Site</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>Ground, room</source>
        <translation>Boden, Raum</translation>
    </message>
    <message>
        <source>Near</source>
        <translation>Nahe</translation>
    </message>
    <message>
        <source>Spotter</source>
        <translation>Beobachter</translation>
    </message>
    <message>
        <source>Permission</source>
        <translation>Erlaubnis</translation>
    </message>
    <message>
        <source>Weather line</source>
        <translation>Wetterzeile</translation>
    </message>
    <message>
        <source>Wind, gusts</source>
        <translation>Wind, Böen</translation>
    </message>
    <message>
        <source>Visibility</source>
        <translation>Sicht</translation>
    </message>
    <message>
        <source>Air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>Field height</source>
        <translation>Platzhöhe</translation>
    </message>
    <message>
        <source>Told</source>
        <translation>Gemeldet</translation>
    </message>
    <message>
        <source>Batteries, cells</source>
        <translation>Akkus, Zellen</translation>
    </message>
    <message>
        <source>Forecast for %1, the worst of it.</source>
        <translation>Vorhersage für %1, das Schlechteste davon.</translation>
    </message>
    <message>
        <source>Report of %1.</source>
        <translation>Meldung von %1.</translation>
    </message>
    <message>
        <source> Day %1, %2:%3 UTC.</source>
        <translation> Tag %1, %2:%3 UTC.</translation>
    </message>
    <message>
        <source> Not understood and passed over: %1.</source>
        <translation> Nicht verstanden und übergangen: %1.</translation>
    </message>
    <message>
        <source>Choose the real aircraft on the Set-up page (Alt+4): tilt, minutes and thrust follow.</source>
        <translation>Das echte Fluggerät auf der Seite Aufbau wählen (Alt+4): Neigung, Minuten und Schub folgen daraus.</translation>
    </message>
    <message>
        <source>%1. Camera tilt %2° instead of %3°: with the horizon in the middle it flies at %4 m/s instead of %5. New rates only up high. %6 batteries of %7 min each, %8 min in all; land at %9 V under load, or when the minutes are over.</source>
        <translation>%1. Kameraneigung %2° statt %3°: mit dem Horizont in der Mitte fliegt es %4 m/s statt %5. Neue Drehraten nur hoch oben. %6 Akkus zu je %7 min, zusammen %8 min; landen bei %9 V unter Last, oder wenn die Minuten um sind.</translation>
    </message>
    <message>
        <source> The air is %1 kg/m³: full throttle gives %2 % of what it gives in standard air.</source>
        <translation> Die Luft hat %1 kg/m³: Vollgas gibt %2 % von dem in Normluft.</translation>
    </message>
    <message>
        <source> The programme takes %1 batteries: bring more, or leave its end for another day.</source>
        <translation> Das Programm braucht %1 Akkus: mehr mitbringen oder sein Ende auf einen anderen Tag legen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::FlightView</name>
    <message>
        <source>Flight view</source>
        <translation>Flugbild</translation>
    </message>
</context>
<context>
    <name>bh::desk::GripPanel</name>
    <message>
        <source>Grip</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>Start a round</source>
        <translation>Runde beginnen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Rounds by grip</source>
        <translation>Runden je Griff</translation>
    </message>
    <message>
        <source>Rounds</source>
        <translation>Runden</translation>
    </message>
    <message>
        <source>Throughput</source>
        <translation>Durchsatz</translation>
    </message>
    <message>
        <source>Per target</source>
        <translation>Je Ziel</translation>
    </message>
    <message>
        <source>How the stick is held.</source>
        <translation>Wie der Knüppel gehalten wird.</translation>
    </message>
    <message>
        <source>Rounds of eleven targets on this pilot&apos;s record.</source>
        <translation>Runden zu elf Zielen in der Akte dieses Piloten.</translation>
    </message>
    <message>
        <source>Mean over the rounds of log2(distance / width + 1) / time, bit/s; width = 4.133 x the spread of where the cursor came to rest (ISO/TS 9241-411:2012, from memory).</source>
        <translation>Mittel über die Runden von log2(Abstand / Breite + 1) / Zeit, bit/s; Breite = 4,133 x Streuung der Orte, an denen der Zeiger ruhte (ISO/TS 9241-411:2012, aus dem Gedächtnis).</translation>
    </message>
    <message>
        <source>Mean time from one rest to the next, without the rest itself.</source>
        <translation>Mittlere Zeit von einer Ruhe zur nächsten, ohne die Ruhe selbst.</translation>
    </message>
    <message>
        <source>Mean difference of throughput between rounds of two grips, the latest paired in order; the interval is the middle 95 % of 4,000 seeded resamplings (bootstrap). When it holds 0 the rounds cannot tell the grips apart.</source>
        <translation>Mittlerer Unterschied im Durchsatz zwischen Runden zweier Griffe, die neuesten der Reihe nach gepaart; das Intervall ist die Mitte von 95 % aus 4000 Ziehungen mit fester Startzahl (Bootstrap). Enthält es 0, können die Runden die Griffe nicht unterscheiden.</translation>
    </message>
    <message>
        <source>The right stick drives the cursor. Go to the crossed target and rest there for a moment; a miss counts as where it rested. Change the grip between rounds, in turns: five rounds of each are needed to compare (house).</source>
        <translation>Der rechte Knüppel führt den Zeiger. Zum gekreuzten Ziel gehen und dort kurz ruhen; ein Fehlschuss zählt, wo er ruhte. Den Griff zwischen den Runden wechseln, abwechselnd: zum Vergleich braucht es je fünf Runden (Haus).</translation>
    </message>
    <message>
        <source>This round cannot be used: %1.</source>
        <translation>Diese Runde lässt sich nicht verwenden: %1.</translation>
    </message>
    <message>
        <source>every rest was on the same spot</source>
        <translation>jede Ruhe war am selben Ort</translation>
    </message>
    <message>
        <source>Choose or add a pilot first; the rounds are kept per pilot.</source>
        <translation>Zuerst einen Piloten wählen oder anlegen; die Runden werden je Pilot gesichert.</translation>
    </message>
    <message>
        <source>Calibrate and verify the controller first.</source>
        <translation>Zuerst die Fernsteuerung kalibrieren und bestätigen.</translation>
    </message>
    <message>
        <source>Rest on the crossed target to begin.</source>
        <translation>Zum Beginnen auf dem gekreuzten Ziel ruhen.</translation>
    </message>
    <message>
        <source>Target %1 of %2.</source>
        <translation>Ziel %1 von %2.</translation>
    </message>
    <message>
        <source>Which grip suits %1? Choose one, start a round, tap eleven targets.</source>
        <translation>Welcher Griff passt zu %1? Einen wählen, eine Runde beginnen, elf Ziele treffen.</translation>
    </message>
    <message>
        <source>%1 bit/s</source>
        <translation>%1 bit/s</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Nothing to compare yet.</source>
        <translation>Noch nichts zu vergleichen.</translation>
    </message>
    <message>
        <source>Thumb on top</source>
        <translation>Daumen obenauf</translation>
    </message>
    <message>
        <source>Pinch, finger and thumb</source>
        <translation>Zwei Finger</translation>
    </message>
    <message>
        <source>Hybrid, thumb on top of a pinch</source>
        <translation>Gemischt, Daumen auf zwei Fingern</translation>
    </message>
</context>
<context>
    <name>bh::desk::HabitsPanel</name>
    <message>
        <source>Over how many flights</source>
        <translation>Über wie viele Flüge</translation>
    </message>
    <message>
        <source>the last %1 flights</source>
        <translation>die letzten %1 Flüge</translation>
    </message>
    <message>
        <source>No flights yet: what is seen again and again stands here then.</source>
        <translation>Noch keine Flüge: was immer wieder zu sehen ist, steht dann hier.</translation>
    </message>
    <message>
        <source>No fault in these flights.</source>
        <translation>Kein Fehler in diesen Flügen.</translation>
    </message>
    <message>
        <source>%1 strong: at fault in three of the last five flights or more. The newest flight is at right.</source>
        <translation>%1 stark: Fehler in drei der letzten fünf Flüge oder mehr. Der neueste Flug steht rechts.</translation>
    </message>
    <message>
        <source>None is strong: at fault in fewer than three of the last five flights. The newest flight is at right.</source>
        <translation>Keine ist stark: Fehler in weniger als drei der letzten fünf Flüge. Der neueste Flug steht rechts.</translation>
    </message>
    <message>
        <source>%1%2 %3 bit/s (%4 rounds)</source>
        <translation>%1%2 %3 bit/s (%4 Runden)</translation>
    </message>
    <message>
        <source>Grip was never measured: a grip trial (Controller) would tell whether it is the grip that rocks.</source>
        <translation>Der Griff wurde nie gemessen: ein Griffversuch (Fernsteuerung) würde sagen, ob er schaukelt.</translation>
    </message>
    <message>
        <source>Grip beside the rocking: %1.</source>
        <translation>Griff neben dem Schaukeln: %1.</translation>
    </message>
</context>
<context>
    <name>bh::desk::HabitsView</name>
    <message>
        <source>Habits over the last flights</source>
        <translation>Gewohnheiten über die letzten Flüge</translation>
    </message>
    <message>
        <source>%1: at fault in %2 of %3 flights</source>
        <translation>%1: Fehler in %2 von %3 Flügen</translation>
    </message>
    <message>
        <source>, %1 (%2 a flight, 95 % between %3 and %4)</source>
        <translation>, %1 (%2 je Flug, 95 % zwischen %3 und %4)</translation>
    </message>
    <message>
        <source>%1 %2 of %3</source>
        <translation>%1 %2 von %3</translation>
    </message>
    <message>
        <source>. By mode: %1. By drill: %2.</source>
        <translation>. Nach Modus: %1. Nach Übung: %2.</translation>
    </message>
    <message>
        <source> To the left %1 of %2, to the right %3 of %4.</source>
        <translation> Nach links %1 von %2, nach rechts %3 von %4.</translation>
    </message>
    <message>
        <source>%1 %2  %3 of %4</source>
        <translation>%1 %2  %3 von %4</translation>
    </message>
    <message>
        <source>%1, up to %2 %3</source>
        <translation>%1, bis %2 %3</translation>
    </message>
</context>
<context>
    <name>bh::desk::HandlingForm</name>
    <message>
        <source>After the flight: %1</source>
        <translation>Nach dem Flug: %1</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
</context>
<context>
    <name>bh::desk::HelpWindow</name>
    <message>
        <source>Handbook</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Search the handbook</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Pages of the handbook</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Seite des Handbuchs</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>The handbook&apos;s page &quot;%1&quot; was not found in %2.</source>
        <translation>Die Handbuchseite „%1“ fand sich nicht in %2.</translation>
    </message>
</context>
<context>
    <name>bh::desk::Hints</name>
    <message>
        <source>More in the handbook</source>
        <translation>Mehr im Handbuch</translation>
    </message>
    <message>
        <source>More in the handbook: %1</source>
        <translation>Mehr im Handbuch: %1</translation>
    </message>
</context>
<context>
    <name>bh::desk::HistoryPanel</name>
    <message>
        <source>Calibrations of this controller on the record, counted; the age is today less the day of the newest, in whole days. After 60 days a new one is due (house limit).</source>
        <translation>Kalibrierungen dieser Fernsteuerung in der Akte, gezählt; das Alter ist heute weniger der Tag der neuesten, in ganzen Tagen. Nach 60 Tagen ist eine neue fällig (Grenzwert des Hauses).</translation>
    </message>
    <message>
        <source>Controller whose history is shown</source>
        <translation>Fernsteuerung, deren Verlauf gezeigt wird</translation>
    </message>
    <message>
        <source>Function</source>
        <translation>Funktion</translation>
    </message>
    <message>
        <source>Throttle</source>
        <translation>Gas</translation>
    </message>
    <message>
        <source>Yaw</source>
        <translation>Gier</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Nick</translation>
    </message>
    <message>
        <source>Roll</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>What is followed</source>
        <translation>Was verfolgt wird</translation>
    </message>
    <message>
        <source>Centre off the middle</source>
        <translation>Mitte außermittig</translation>
    </message>
    <message>
        <source>Jitter at rest</source>
        <translation>Zittern in Ruhe</translation>
    </message>
    <message>
        <source>Centring, gap between the two rests</source>
        <translation>Rückstellung, Abstand der beiden Ruhelagen</translation>
    </message>
    <message>
        <source>Travel of the device&apos;s range</source>
        <translation>Weg vom Bereich des Geräts</translation>
    </message>
    <message>
        <source>Control chart of the calibrations</source>
        <translation>Regelkarte der Kalibrierungen</translation>
    </message>
    <message>
        <source>Each dot is one calibration: the counts that it found, as a share of half the stick&apos;s travel, or of the device&apos;s range for the travel. Solid line: mean of the earlier ones. Dashed: mean ± 2.66 × mean moving range (individuals control chart after Shewhart; ISO 7870-2, from memory), at least as far off as a change that matters (house).</source>
        <translation>Jeder Punkt ist eine Kalibrierung: die gefundenen Zähler als Anteil des halben Knüppelwegs, beim Weg als Anteil des Gerätebereichs. Durchgezogen: Mittel der früheren. Gestrichelt: Mittel ± 2,66 × mittlere Spannweite (Einzelwertkarte nach Shewhart; ISO 7870-2, aus dem Gedächtnis), mindestens so weit, wie eine Änderung zählt (Haus).</translation>
    </message>
    <message>
        <source>A dot is one calibration. Solid line: mean of the earlier ones; dashed: as far as chance alone takes the newest. Four earlier ones are needed to judge it.</source>
        <translation>Ein Punkt ist eine Kalibrierung. Durchgezogen: Mittel der früheren; gestrichelt: so weit der Zufall allein die neueste bringt. Zum Urteil braucht es vier frühere.</translation>
    </message>
    <message>
        <source>%1 has not been calibrated yet: its history begins with the first calibration.</source>
        <translation>%1 wurde noch nicht kalibriert: der Verlauf beginnt mit der ersten Kalibrierung.</translation>
    </message>
    <message>
        <source>%1: %2, the newest %3 old%4. %5</source>
        <translation>%1: %2, die neueste %3 alt%4. %5</translation>
    </message>
    <message>
        <source>1 calibration</source>
        <translation>1 Kalibrierung</translation>
    </message>
    <message>
        <source>%1 calibrations</source>
        <translation>%1 Kalibrierungen</translation>
    </message>
    <message>
        <source>1 day</source>
        <translation>1 Tag</translation>
    </message>
    <message>
        <source>%1 days</source>
        <translation>%1 Tage</translation>
    </message>
    <message>
        <source>, time for a new one</source>
        <translation>, Zeit für eine neue</translation>
    </message>
    <message>
        <source>Nothing has drifted.</source>
        <translation>Nichts ist weggewandert.</translation>
    </message>
    <message>
        <source>Too few to judge drift.</source>
        <translation>Zu wenige für ein Urteil.</translation>
    </message>
    <message>
        <source>% of the range</source>
        <translation>% des Bereichs</translation>
    </message>
    <message>
        <source>% of half travel</source>
        <translation>% des halben Wegs</translation>
    </message>
</context>
<context>
    <name>bh::desk::HoursForm</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>coordinator</source>
        <translation>Koordinator</translation>
    </message>
    <message>
        <source>%1, a coordinator is there</source>
        <translation>%1, ein Koordinator ist da</translation>
    </message>
</context>
<context>
    <name>bh::desk::HoursPanel</name>
    <message>
        <source>Towards what is called enough</source>
        <translation>Zu dem, was genug genannt wird</translation>
    </message>
    <message>
        <source>Towards</source>
        <translation>Zu</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Übrig</translation>
    </message>
    <message>
        <source>Weeks left at this pace</source>
        <translation>Wochen noch</translation>
    </message>
    <message>
        <source>About</source>
        <translation>Etwa</translation>
    </message>
    <message>
        <source>Where, how and by what hours were flown</source>
        <translation>Wo, wie und mit welchen Stunden geflogen wurde</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Welche</translation>
    </message>
    <message>
        <source>Hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>Share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>Towards a first real flight</source>
        <translation>Bis zum ersten echten Flug</translation>
    </message>
    <message>
        <source>Week by week</source>
        <translation>Woche für Woche</translation>
    </message>
    <message>
        <source>Where the hours were flown</source>
        <translation>Wo die Stunden geflogen wurden</translation>
    </message>
    <message>
        <source>%1 h of practice, %2 h idle taken off. Over the last four weeks %3 h a week (95 %: %4 to %5).</source>
        <translation>%1 h Übungszeit, %2 h Ruhe abgezogen. In den letzten vier Wochen %3 h je Woche (95 %: %4 bis %5).</translation>
    </message>
    <message>
        <source>Below %1 h a week for %2 weeks now: hours that come too slowly are forgotten in between.</source>
        <translation>Seit %2 Wochen unter %1 h je Woche: Stunden, die zu langsam kommen, werden zwischendurch vergessen.</translation>
    </message>
    <message>
        <source>%1 h, the low end</source>
        <translation>%1 h, das untere Ende</translation>
    </message>
    <message>
        <source>%1 h, comfortable</source>
        <translation>%1 h, komfortabel</translation>
    </message>
    <message>
        <source>%1 h on matched rates</source>
        <translation>%1 h abgeglichen</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source> (%1 to %2)</source>
        <translation> (%1 bis %2)</translation>
    </message>
    <message>
        <source> (%1 or more)</source>
        <translation> (%1 oder mehr)</translation>
    </message>
    <message>
        <source>reached</source>
        <translation>erreicht</translation>
    </message>
    <message>
        <source>%1 h</source>
        <translation>%1 h</translation>
    </message>
    <message>
        <source>%1 h at %2 h a week is %3 weeks, %4 h is %5; %2 h a week is about %6 min a day, or six half hours on separate days. Hours on other rates than the real aircraft&apos;s carry over badly (common practice).</source>
        <translation>%1 h bei %2 h je Woche sind %3 Wochen, %4 h sind %5; %2 h je Woche sind etwa %6 min am Tag oder sechs halbe Stunden an getrennten Tagen. Stunden mit anderen Drehraten als am echten Fluggerät tragen schlecht (gängige Praxis).</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Simulator</source>
        <translation>Simulator</translation>
    </message>
    <message>
        <source>Mode</source>
        <translation>Modus</translation>
    </message>
    <message>
        <source>Seen by</source>
        <translation>Gesehen durch</translation>
    </message>
</context>
<context>
    <name>bh::desk::HoursPlot</name>
    <message>
        <source>Practice hours of the last eight weeks</source>
        <translation>Übungsstunden der letzten acht Wochen</translation>
    </message>
    <message>
        <source>%1 h</source>
        <translation>%1 h</translation>
    </message>
    <message>
        <source>practice, h a week</source>
        <translation>Übungszeit, h je Woche</translation>
    </message>
</context>
<context>
    <name>bh::desk::HousePanel</name>
    <message>
        <source>Which rules</source>
        <translation>Welche Regeln</translation>
    </message>
    <message>
        <source>All rules</source>
        <translation>Alle Regeln</translation>
    </message>
    <message>
        <source>On paper …</source>
        <translation>Auf Papier …</translation>
    </message>
    <message>
        <source>All of them as they are now, with what was changed</source>
        <translation>Alle, wie sie jetzt sind, mit allem, was geändert wurde</translation>
    </message>
    <message>
        <source>Change marks …</source>
        <translation>Punkte ändern …</translation>
    </message>
    <message>
        <source>On the Drills page, where drills and stages are edited</source>
        <translation>Auf der Seite Übungen, wo Übungen und Stufen bearbeitet werden</translation>
    </message>
    <message>
        <source>Change coaching …</source>
        <translation>Rat ändern …</translation>
    </message>
    <message>
        <source>On the Debrief page, where its rules are edited</source>
        <translation>Auf der Seite Auswertung, wo seine Regeln bearbeitet werden</translation>
    </message>
    <message>
        <source>Rules of the house</source>
        <translation>Regeln des Hauses</translation>
    </message>
    <message>
        <source>Rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Hier</translation>
    </message>
    <message>
        <source>Usually</source>
        <translation>Üblich</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Changed</source>
        <translation>Geändert</translation>
    </message>
    <message>
        <source>What the chosen rule is to be</source>
        <translation>Was die gewählte Regel sein soll</translation>
    </message>
    <message>
        <source>Why it is changed</source>
        <translation>Warum sie geändert wird</translation>
    </message>
    <message>
        <source>Why it is changed here</source>
        <translation>Warum sie hier geändert wird</translation>
    </message>
    <message>
        <source>Change it</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>From now on; what was judged keeps the rules that it was judged by</source>
        <translation>Ab jetzt; was gewertet ist, behält die Regeln, nach denen es gewertet wurde</translation>
    </message>
    <message>
        <source>As usual</source>
        <translation>Wie üblich</translation>
    </message>
    <message>
        <source>The chosen rule as it comes</source>
        <translation>Die gewählte Regel, wie sie mitkommt</translation>
    </message>
    <message>
        <source>house-rules.pdf</source>
        <translation>hausregeln.pdf</translation>
    </message>
    <message>
        <source>%1 by %2: %3</source>
        <translation>%1 von %2: %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Common practice, no source</source>
        <translation>Gängige Praxis, ohne Quelle</translation>
    </message>
    <message>
        <source>House</source>
        <translation>Haus</translation>
    </message>
    <message>
        <source>version %1 of the drill</source>
        <translation>Version %1 der Übung</translation>
    </message>
    <message>
        <source>version %1 of the rules</source>
        <translation>Version %1 der Regeln</translation>
    </message>
    <message>
        <source>What no law and no standard says is the house&apos;s own. These are its rules, version %1; every change says who, when and why, Ctrl+Z takes the last one back, and what was judged keeps the rules of its time.</source>
        <translation>Was kein Gesetz und keine Norm sagt, bestimmt das Haus. Das sind seine Regeln, Version %1; jede Änderung sagt, wer, wann und warum, Strg+Z nimmt die letzte zurück, und was gewertet ist, behält die Regeln seiner Zeit.</translation>
    </message>
    <message>
        <source>Say why it is changed: the next one here will ask.</source>
        <translation>Sagen, warum sie geändert wird: der Nächste hier wird fragen.</translation>
    </message>
    <message>
        <source>%1: %2 from now on. Ctrl+Z takes it back.</source>
        <translation>%1: ab jetzt %2. Strg+Z nimmt es zurück.</translation>
    </message>
    <message>
        <source>It was not changed.</source>
        <translation>Sie wurde nicht geändert.</translation>
    </message>
    <message>
        <source>version %1</source>
        <translation>Version %1</translation>
    </message>
    <message>
        <source>common practice</source>
        <translation>gängige Praxis</translation>
    </message>
    <message>
        <source>house</source>
        <translation>Haus</translation>
    </message>
    <message>
        <source>Changes</source>
        <translation>Änderungen</translation>
    </message>
    <message>
        <source>as usual</source>
        <translation>wie üblich</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Marks of drills</source>
        <translation>Punkte der Übungen</translation>
    </message>
    <message>
        <source>Coaching</source>
        <translation>Rat</translation>
    </message>
</context>
<context>
    <name>bh::desk::ImportDialog</name>
    <message>
        <source>A flight from another program</source>
        <translation>Ein Flug aus einem anderen Programm</translation>
    </message>
    <message>
        <source>First rows of the table</source>
        <translation>Erste Zeilen der Tabelle</translation>
    </message>
    <message>
        <source>Look at it</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>Reads it; nothing is kept but how such a table is read</source>
        <translation>Liest sie; gesichert wird nur, wie man so eine Tabelle liest</translation>
    </message>
    <message>
        <source>Keep it for the pilot</source>
        <translation>Für den Piloten behalten</translation>
    </message>
    <message>
        <source>Reads it and keeps it on the record as a free flight</source>
        <translation>Liest sie und sichert sie als Freiflug in der Akte</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Stops reading; nothing is kept</source>
        <translation>Hört auf zu lesen; nichts wird behalten</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Back to the debrief</source>
        <translation>Zurück zur Auswertung</translation>
    </message>
    <message>
        <source>Choose a pilot on the left first</source>
        <translation>Zuerst links einen Piloten wählen</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>Column of: %1</source>
        <translation>Spalte für: %1</translation>
    </message>
    <message>
        <source>Unit of: %1</source>
        <translation>Einheit für: %1</translation>
    </message>
    <message>
        <source>The other way round: right, forward, up and north are positive here</source>
        <translation>Andersherum: rechts, vorn, oben und Norden sind hier positiv</translation>
    </message>
    <message>
        <source>Order in which the angles turn the aircraft</source>
        <translation>Reihenfolge, in der die Winkel das Fluggerät drehen</translation>
    </message>
    <message>
        <source>Rows a second, where there is no time</source>
        <translation>Zeilen je Sekunde, wo es keine Zeit gibt</translation>
    </message>
    <message>
        <source> rows/s</source>
        <translation> Zeilen/s</translation>
    </message>
    <message>
        <source>When it was flown</source>
        <translation>Wann er geflogen wurde</translation>
    </message>
    <message>
        <source>Angles turn in the order</source>
        <translation>Winkel drehen in der Reihenfolge</translation>
    </message>
    <message>
        <source>Without a time</source>
        <translation>Ohne Zeit</translation>
    </message>
    <message>
        <source>Flown on</source>
        <translation>Geflogen am</translation>
    </message>
    <message>
        <source>no column</source>
        <translation>keine Spalte</translation>
    </message>
    <message>
        <source>A table with these heads was read before: what was said then stands here.</source>
        <translation>Eine Tabelle mit diesen Köpfen wurde schon gelesen: was damals gesagt wurde, steht hier.</translation>
    </message>
    <message>
        <source>Guessed from heads and values: see that each line is right, then look at it.</source>
        <translation>Aus Köpfen und Werten geraten: prüfen, ob jede Zeile stimmt, dann ansehen.</translation>
    </message>
    <message>
        <source>Reading %1.</source>
        <translation>%1 wird gelesen.</translation>
    </message>
    <message>
        <source>It could not be kept.</source>
        <translation>Er ließ sich nicht behalten.</translation>
    </message>
</context>
<context>
    <name>bh::desk::JudgePanel</name>
    <message>
        <source>Roll</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>What rates mean, common practice</source>
        <translation>Was Drehraten bedeuten, gängige Praxis</translation>
    </message>
    <message>
        <source>°/s</source>
        <translation>°/s</translation>
    </message>
    <message>
        <source>Full turn</source>
        <translation>Volle Drehung</translation>
    </message>
    <message>
        <source>Fall</source>
        <translation>Fall</translation>
    </message>
    <message>
        <source>Who flies it</source>
        <translation>Wer damit fliegt</translation>
    </message>
    <message>
        <source>Roll and pitch at full stick.</source>
        <translation>Roll und Nick bei Vollausschlag.</translation>
    </message>
    <message>
        <source>360° at that rate.</source>
        <translation>360° bei dieser Rate.</translation>
    </message>
    <message>
        <source>Without power in that time, ½·g·t²: a rough guide.</source>
        <translation>Ohne Schub in dieser Zeit, ½·g·t²: ein grober Anhalt.</translation>
    </message>
    <message>
        <source>Common practice, no source.</source>
        <translation>Gängige Praxis, ohne Quelle.</translation>
    </message>
    <message>
        <source>Flips and rolls by the rate that they were flown on</source>
        <translation>Flips und Rollen nach der Rate, mit der sie geflogen wurden</translation>
    </message>
    <message>
        <source>Flown on</source>
        <translation>Geflogen am</translation>
    </message>
    <message>
        <source>Flips</source>
        <translation>Flips</translation>
    </message>
    <message>
        <source>Off level</source>
        <translation>Schief</translation>
    </message>
    <message>
        <source>Settled after</source>
        <translation>Ruhig nach</translation>
    </message>
    <message>
        <source>In time</source>
        <translation>Rechtzeitig</translation>
    </message>
    <message>
        <source>So</source>
        <translation>Also</translation>
    </message>
    <message>
        <source>Rate at full stick of that axis.</source>
        <translation>Rate dieser Achse bei Vollausschlag.</translation>
    </message>
    <message>
        <source>Bank or pitch 0.3 s after the turn stops; the median.</source>
        <translation>Schräglage oder Nick 0,3 s nach dem Ende der Drehung; der Median.</translation>
    </message>
    <message>
        <source>From the end of the turn until within 10° of level and slower than 40 °/s; the median.</source>
        <translation>Vom Ende der Drehung bis unter 10° schief und langsamer als 40 °/s; der Median.</translation>
    </message>
    <message>
        <source>Common practice</source>
        <translation>Gängige Praxis</translation>
    </message>
    <message>
        <source>What the flips say</source>
        <translation>Was die Flips sagen</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 °/s</source>
        <translation>%1 °/s</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>over %1 s</source>
        <translation>über %1 s</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>too few to judge by</source>
        <translation>zu wenige für ein Urteil</translation>
    </message>
    <message>
        <source>Practised: %1 °/s at full roll, a full turn in %2 s, %3 of fall without power.</source>
        <translation>Geübt: %1 °/s bei vollem Roll, eine volle Drehung in %2 s, %3 Fall ohne Schub.</translation>
    </message>
    <message>
        <source>Fewer than three flips on this rate: fly more before it is judged.</source>
        <translation>Weniger als drei Flips mit dieser Rate: erst mehr fliegen, dann urteilen.</translation>
    </message>
    <message>
        <source>Flips and rolls that drills asked for, in the newest twelve such flights.</source>
        <translation>Flips und Rollen, die Übungen verlangten, in den letzten zwölf solchen Flügen.</translation>
    </message>
    <message>
        <source>Settled within 0.5 s (house).</source>
        <translation>Innerhalb von 0,5 s beruhigt (Haus).</translation>
    </message>
    <message>
        <source>From three flips on; in time and within 20° of level (house).</source>
        <translation>Ab drei Flips; rechtzeitig und auf 20° waagerecht (Haus).</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>sofort</translation>
    </message>
    <message>
        <source>settled in time</source>
        <translation>rechtzeitig beruhigt</translation>
    </message>
    <message>
        <source>not settled in time</source>
        <translation>nicht rechtzeitig beruhigt</translation>
    </message>
    <message>
        <source>No flip or roll that a drill asked for is on record yet. Fly the roll pair or the flip pair: how soon the aircraft is settled after each decides more than the table.</source>
        <translation>Noch ist kein Flip und keine Rolle aufgezeichnet, die eine Übung verlangte. Rollenpaar oder Flippaar fliegen: Wie bald das Fluggerät danach ruhig ist, entscheidet mehr als die Tabelle.</translation>
    </message>
</context>
<context>
    <name>bh::desk::KeepingPanel</name>
    <message>
        <source>Pilots who have left</source>
        <translation>Piloten, die gegangen sind</translation>
    </message>
    <message>
        <source>Names, flights and recordings are kept for</source>
        <translation>Namen, Flüge und Aufnahmen bleiben</translation>
    </message>
    <message>
        <source>Months for which pilots who have left are kept</source>
        <translation>Monate, die gegangene Piloten bleiben</translation>
    </message>
    <message>
        <source> months</source>
        <translation> Monate</translation>
    </message>
    <message>
        <source>after the last practice (house rule, 36 unless changed)</source>
        <translation>nach der letzten Übungszeit (Hausregel, 36, wenn nicht geändert)</translation>
    </message>
    <message>
        <source>Archived pilots</source>
        <translation>Abgelegte Piloten</translation>
    </message>
    <message>
        <source>Pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>Last practised</source>
        <translation>Zuletzt geübt</translation>
    </message>
    <message>
        <source>Kept until</source>
        <translation>Bleibt bis</translation>
    </message>
    <message>
        <source>Erasing destroys the key to the pilot&apos;s name and deletes the flights and recordings. What the attempts came to stays without a name, and the record still verifies. It cannot be undone; copies and backups made before still have the name.</source>
        <translation>Löschen vernichtet den Schlüssel zum Namen des Piloten und löscht Flüge und Aufnahmen. Was die Versuche ergaben, bleibt ohne Namen, und die Akte hält weiter jeder Prüfung stand. Es lässt sich nicht rückgängig machen; frühere Kopien und Sicherungen haben den Namen noch.</translation>
    </message>
    <message>
        <source>Why, without names: it stays on the record</source>
        <translation>Warum, ohne Namen: es bleibt in der Akte</translation>
    </message>
    <message>
        <source>Erase …</source>
        <translation>Löschen …</translation>
    </message>
    <message>
        <source>The pilot who is chosen in the list</source>
        <translation>Den in der Liste gewählten Piloten</translation>
    </message>
    <message>
        <source>Is back</source>
        <translation>Ist wieder da</translation>
    </message>
    <message>
        <source>Puts the chosen pilot on the list again</source>
        <translation>Nimmt den gewählten Piloten wieder in die Liste</translation>
    </message>
    <message>
        <source>Hand out data …</source>
        <translation>Daten aushändigen …</translation>
    </message>
    <message>
        <source>Everything that the record holds about the chosen pilot, as JSON</source>
        <translation>Alles, was die Akte über den gewählten Piloten hat, als JSON</translation>
    </message>
    <message>
        <source>Everything about this pilot</source>
        <translation>Alles über diesen Piloten</translation>
    </message>
    <message>
        <source>JSON (*.json)</source>
        <translation>JSON (*.json)</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>over: to be erased</source>
        <translation>vorbei: zu löschen</translation>
    </message>
    <message>
        <source>Nobody has left yet. &quot;Has left&quot; among the pilots takes a pilot off the list; from then on the pilot is seen only here.</source>
        <translation>Noch ist niemand gegangen. „Ist gegangen“ in der Pilotenliste nimmt einen heraus; von da an sieht man den Piloten nur hier.</translation>
    </message>
    <message>
        <source>Nobody has been away for longer.</source>
        <translation>Niemand ist länger fort.</translation>
    </message>
    <message>
        <source>One of them has been away for longer and is to be erased.</source>
        <translation>Einer ist länger fort und zu löschen.</translation>
    </message>
    <message>
        <source>%1 of them have been away for longer and are to be erased.</source>
        <translation>%1 sind länger fort und zu löschen.</translation>
    </message>
    <message>
        <source>Written: %1. The record goes on holding all of it until the pilot is erased; then it keeps what was flown, without the name.</source>
        <translation>Geschrieben: %1. Die Akte behält alles, bis der Pilot gelöscht wird; dann behält sie das Geflogene ohne den Namen.</translation>
    </message>
    <message>
        <source>Say why first.</source>
        <translation>Zuerst sagen, warum.</translation>
    </message>
    <message>
        <source>Erase a pilot</source>
        <translation>Piloten löschen</translation>
    </message>
    <message>
        <source>Erase %1 for good? This cannot be undone.</source>
        <translation>%1 endgültig löschen? Das lässt sich nicht rückgängig machen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::KeysPanel</name>
    <message>
        <source>Whose keys sign this record</source>
        <translation>Wessen Schlüssel diese Akte unterschreiben</translation>
    </message>
    <message>
        <source>A new station, or a new coordinator, counts once somebody who is known here has let it in. Compare the digits with those that the new station shows here itself. This station&apos;s own key begins with %1.</source>
        <translation>Eine neue Station oder ein neuer Koordinator zählt, sobald jemand, den man hier kennt, ihn eingelassen hat. Vergleichen Sie die Ziffern mit denen, die die neue Station hier selbst zeigt. Der eigene Schlüssel dieser Station beginnt mit %1.</translation>
    </message>
    <message>
        <source>Keys of stations and coordinators</source>
        <translation>Schlüssel von Stationen und Koordinatoren</translation>
    </message>
    <message>
        <source>Whose</source>
        <translation>Wessen</translation>
    </message>
    <message>
        <source>Key begins with</source>
        <translation>Schlüssel beginnt mit</translation>
    </message>
    <message>
        <source>Since</source>
        <translation>Seit</translation>
    </message>
    <message>
        <source>Let in by</source>
        <translation>Eingelassen von</translation>
    </message>
    <message>
        <source>Let in</source>
        <translation>Einlassen</translation>
    </message>
    <message>
        <source>The one that is chosen in the list: from now on it counts</source>
        <translation>Den in der Liste gewählten: von nun an zählt er</translation>
    </message>
    <message>
        <source>An entry that is not as it should be</source>
        <translation>Ein Eintrag, der nicht ist, wie er sein sollte</translation>
    </message>
    <message>
        <source>It stays as it is, and verification names it as known, with your reason; everything else goes on.</source>
        <translation>Er bleibt, wie er ist, und die Prüfung nennt ihn als bekannt, mit Ihrem Grund; alles andere geht weiter.</translation>
    </message>
    <message>
        <source>Number of the entry</source>
        <translation>Nummer des Eintrags</translation>
    </message>
    <message>
        <source>what happened</source>
        <translation>was geschehen ist</translation>
    </message>
    <message>
        <source>Why it is as it is</source>
        <translation>Warum er ist, wie er ist</translation>
    </message>
    <message>
        <source>Mark as known</source>
        <translation>Als bekannt vermerken</translation>
    </message>
    <message>
        <source>Signed by a coordinator, as when a station is let in</source>
        <translation>Von einem Koordinator unterschrieben, wie beim Einlassen einer Station</translation>
    </message>
    <message>
        <source>Entry</source>
        <translation>Eintrag</translation>
    </message>
    <message>
        <source>A head from paper</source>
        <translation>Ein Stand vom Papier</translation>
    </message>
    <message>
        <source>2221: and at least 12 digits, typed or read back from the square</source>
        <translation>2221: und mindestens 12 Ziffern, getippt oder vom Quadrat abgelesen</translation>
    </message>
    <message>
        <source>Head to compare</source>
        <translation>Zu vergleichender Stand</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Whether this record has grown from the one that was printed then</source>
        <translation>Ob diese Akte aus der damals gedruckten gewachsen ist</translation>
    </message>
    <message>
        <source>nobody yet: choose it and let it in</source>
        <translation>noch niemand: wählen und einlassen</translation>
    </message>
    <message>
        <source>Let in.</source>
        <translation>Eingelassen.</translation>
    </message>
    <message>
        <source>Entry %1 is marked as known.</source>
        <translation>Eintrag %1 ist als bekannt vermerkt.</translation>
    </message>
    <message>
        <source>Expected how many entries there were, a colon, and at least 12 digits: 2221:3f2a91c077de.</source>
        <translation>Erwartet wird, wie viele Einträge es waren, ein Doppelpunkt und mindestens 12 Ziffern: 2221:3f2a91c077de.</translation>
    </message>
    <message>
        <source>This record has fewer than %1 entries: its newest are missing, or it is another one.</source>
        <translation>Diese Akte hat weniger als %1 Einträge: die neuesten fehlen, oder es ist eine andere.</translation>
    </message>
    <message>
        <source>It is the same: this record has grown from that one.</source>
        <translation>Es ist dieselbe: diese Akte ist aus jener gewachsen.</translation>
    </message>
    <message>
        <source>Entry %1 is another one: this record did not grow from that one.</source>
        <translation>Eintrag %1 ist ein anderer: diese Akte ist nicht aus jener gewachsen.</translation>
    </message>
    <message>
        <source>a coordinator&apos;s passphrase, where this station was not let in itself</source>
        <translation>Passphrase eines Koordinators, wo diese Station selbst nicht eingelassen ist</translation>
    </message>
    <message>
        <source>Passphrase of a coordinator</source>
        <translation>Passphrase eines Koordinators</translation>
    </message>
</context>
<context>
    <name>bh::desk::KeysWindow</name>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Befehle und ihre Tasten</translation>
    </message>
    <message>
        <source>Command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>Usually</source>
        <translation>Üblich</translation>
    </message>
    <message>
        <source>New keys</source>
        <translation>Neue Tasten</translation>
    </message>
    <message>
        <source>Take these</source>
        <translation>Diese nehmen</translation>
    </message>
    <message>
        <source>From now on the chosen command has the keys beside</source>
        <translation>Ab jetzt hat der gewählte Befehl die Tasten daneben</translation>
    </message>
    <message>
        <source>No keys</source>
        <translation>Keine Tasten</translation>
    </message>
    <message>
        <source>The chosen command is reached by menu and name alone</source>
        <translation>Der gewählte Befehl ist nur über Menü und Namen zu erreichen</translation>
    </message>
    <message>
        <source>As usual</source>
        <translation>Wie üblich</translation>
    </message>
    <message>
        <source>The keys that it came with</source>
        <translation>Die Tasten, mit denen er mitkam</translation>
    </message>
    <message>
        <source>Choose a command, click into the box, and press its new keys.</source>
        <translation>Einen Befehl wählen, ins Feld klicken und die neuen Tasten drücken.</translation>
    </message>
    <message>
        <source>everywhere</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>%1 is taken already, by &quot;%2&quot;. Nothing was changed.</source>
        <translation>%1 ist schon vergeben, an „%2“. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no keys now.</source>
        <translation>„%1“ hat jetzt keine Tasten.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is %2 now.</source>
        <translation>„%1“ ist jetzt %2.</translation>
    </message>
</context>
<context>
    <name>bh::desk::KitPage</name>
    <message>
        <source>Items of this list that are ticked on the chosen pilot&apos;s record, of those that it holds.</source>
        <translation>Punkte dieser Liste, die in der Akte des gewählten Piloten abgehakt sind, von allen darin.</translation>
    </message>
    <message>
        <source>Kind of station</source>
        <translation>Art der Station</translation>
    </message>
    <message>
        <source>Fault finder</source>
        <translation>Fehlersuche</translation>
    </message>
    <message>
        <source>Looked at every half second: devices that the system reports as joysticks; an axis that moved by more than 300 counts within 3 s; the median gap between reports, which should be at most %1 ms (house limit); programs that hold a joystick&apos;s device file open.</source>
        <translation>Jede halbe Sekunde nachgesehen: Geräte, die das System als Joystick meldet; eine Achse, die sich in 3 s um mehr als 300 Zähler bewegte; der Median der Lücken zwischen Meldungen, der höchstens %1 ms sein soll (Grenzwert des Hauses); Programme, die die Gerätedatei eines Joysticks offen halten.</translation>
    </message>
    <message>
        <source>Something does not work</source>
        <translation>Etwas geht nicht</translation>
    </message>
    <message>
        <source>Yes</source>
        <translation>Ja</translation>
    </message>
    <message>
        <source>No</source>
        <translation>Nein</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>Ticks itself when it is seen.</source>
        <translation>Hakt sich ab, sobald es zu sehen ist.</translation>
    </message>
    <message>
        <source>When it was last ticked. It must be so at every start: it is asked again after each session.</source>
        <translation>Wann es zuletzt abgehakt wurde. Es muss bei jedem Beginn so sein: nach jeder Sitzung wird neu gefragt.</translation>
    </message>
    <message>
        <source>When it was last ticked. It is asked again after %1 days (house).</source>
        <translation>Wann es zuletzt abgehakt wurde. Nach %1 Tagen wird neu gefragt (Haus).</translation>
    </message>
    <message>
        <source>last %1</source>
        <translation>zuletzt %1</translation>
    </message>
    <message>
        <source>Choose or add a pilot on the left; the ticks are kept per pilot.</source>
        <translation>Links einen Piloten wählen oder anlegen; die Haken werden je Pilot gesichert.</translation>
    </message>
    <message>
        <source>%1&apos;s station is complete. Next: Controller.</source>
        <translation>Die Station von %1 ist vollständig. Als Nächstes: Fernsteuerung.</translation>
    </message>
    <message>
        <source>%1: %2 of %3 ticked. Work from the top; what can be seen ticks itself.</source>
        <translation>%1: %2 von %3 abgehakt. Von oben anfangen; was sich erkennen lässt, hakt sich selbst ab.</translation>
    </message>
    <message>
        <source>Seen: %1.</source>
        <translation>Gesehen: %1.</translation>
    </message>
    <message>
        <source>No controller is seen; the simulated one stands in.</source>
        <translation>Keine Fernsteuerung zu sehen; die simulierte springt ein.</translation>
    </message>
    <message>
        <source>Its sticks move.</source>
        <translation>Ihre Knüppel bewegen sich.</translation>
    </message>
    <message>
        <source>Its sticks stand still.</source>
        <translation>Ihre Knüppel stehen still.</translation>
    </message>
    <message>
        <source>%1 holds a controller as well.</source>
        <translation>%1 hält auch eine Fernsteuerung.</translation>
    </message>
    <message>
        <source>From the start</source>
        <translation>Von vorn</translation>
    </message>
    <message>
        <source>%1 %2%3</source>
        <translation>%1 %2%3</translation>
    </message>
    <message>
        <source> (seen here)</source>
        <translation> (hier gesehen)</translation>
    </message>
    <message>
        <source>What this station needs before anybody flies, ticked off for each pilot, and what to do when something does not work.</source>
        <translation>Was dieser Platz braucht, bevor jemand fliegt, für jeden Piloten abgehakt, und was zu tun ist, wenn etwas nicht geht.</translation>
    </message>
</context>
<context>
    <name>bh::desk::LadderEditor</name>
    <message>
        <source>Stages of the curriculum and their drills</source>
        <translation>Stufen des Lehrplans und ihre Übungen</translation>
    </message>
    <message>
        <source>F2 renames a stage</source>
        <translation>F2 benennt eine Stufe um</translation>
    </message>
    <message>
        <source>Drill to add</source>
        <translation>Hinzuzufügende Übung</translation>
    </message>
    <message>
        <source>Free flight, %1 min</source>
        <translation>Freiflug, %1 min</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Adds the drill to the chosen stage</source>
        <translation>Fügt die Übung der gewählten Stufe hinzu</translation>
    </message>
    <message>
        <source>New stage</source>
        <translation>Neue Stufe</translation>
    </message>
    <message>
        <source>A stage after the chosen one, with the drill on the left</source>
        <translation>Eine Stufe nach der gewählten, mit der Übung links</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>The chosen stage, or the drill within its stage, one up</source>
        <translation>Die gewählte Stufe, oder die Übung in ihrer Stufe, eins hoch</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Runter</translation>
    </message>
    <message>
        <source>One down</source>
        <translation>Eins runter</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>The chosen drill, or the whole stage; what was flown is kept</source>
        <translation>Die gewählte Übung oder die ganze Stufe; was geflogen wurde, bleibt</translation>
    </message>
    <message>
        <source>Limits of the chosen drill</source>
        <translation>Grenzwerte der gewählten Übung</translation>
    </message>
    <message>
        <source>Criterion</source>
        <translation>Kriterium</translation>
    </message>
    <message>
        <source>0 marks</source>
        <translation>0 P.</translation>
    </message>
    <message>
        <source>Pass</source>
        <translation>60 P.</translation>
    </message>
    <message>
        <source>Merit</source>
        <translation>100 P.</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Gew.</translation>
    </message>
    <message>
        <source>Must</source>
        <translation>Muss</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Können</translation>
    </message>
    <message>
        <source>What is measured and its unit; a share is from 0 to 1. With sides, the limits are for each of them.</source>
        <translation>Was gemessen wird und seine Einheit; ein Anteil geht von 0 bis 1. Bei Seiten gelten die Grenzwerte für jede.</translation>
    </message>
    <message>
        <source>The value that gets no marks.</source>
        <translation>Der Wert, der keine Punkte gibt.</translation>
    </message>
    <message>
        <source>The value that gets 60 marks: passed.</source>
        <translation>Der Wert, der 60 Punkte gibt: bestanden.</translation>
    </message>
    <message>
        <source>The value that gets 100 marks.</source>
        <translation>Der Wert, der 100 Punkte gibt.</translation>
    </message>
    <message>
        <source>In the mean of the marks.</source>
        <translation>Im Mittel der Punkte.</translation>
    </message>
    <message>
        <source>Ticked: the drill is not passed without it.</source>
        <translation>Angehakt: ohne dies ist die Übung nicht bestanden.</translation>
    </message>
    <message>
        <source>Ticked: it can be passed without it, but does not count towards holding it.</source>
        <translation>Angehakt: bestanden wird auch ohne dies, aber es zählt nicht fürs Können.</translation>
    </message>
    <message>
        <source>Changes are kept at once as a new version, and Ctrl+Z takes them back. What was flown keeps the limits that it was judged by.</source>
        <translation>Änderungen gelten sofort als neue Version, und Strg+Z nimmt sie zurück. Was geflogen wurde, behält die Grenzwerte, nach denen es gewertet wurde.</translation>
    </message>
    <message>
        <source>%1, version %2%3</source>
        <translation>%1, Version %2%3</translation>
    </message>
    <message>
        <source>, edited here</source>
        <translation>, hier bearbeitet</translation>
    </message>
    <message>
        <source>Not changed: %1.</source>
        <translation>Nicht geändert: %1.</translation>
    </message>
    <message>
        <source>Limits of &quot;%1&quot;, version %2%3</source>
        <translation>Grenzwerte von „%1“, Version %2%3</translation>
    </message>
    <message>
        <source>Choose a drill to see its limits.</source>
        <translation>Eine Übung wählen, um ihre Grenzwerte zu sehen.</translation>
    </message>
    <message>
        <source>%1, too much</source>
        <translation>%1, zu viel</translation>
    </message>
    <message>
        <source>%1, too little</source>
        <translation>%1, zu wenig</translation>
    </message>
    <message>
        <source>Not changed: expected a number.</source>
        <translation>Nicht geändert: erwartet wird eine Zahl.</translation>
    </message>
</context>
<context>
    <name>bh::desk::LadderPanel</name>
    <message>
        <source>next</source>
        <translation>als Nächstes</translation>
    </message>
    <message>
        <source>, rising</source>
        <translation>, steigend</translation>
    </message>
    <message>
        <source>, falling</source>
        <translation>, fallend</translation>
    </message>
    <message>
        <source>, steady</source>
        <translation>, stetig</translation>
    </message>
    <message>
        <source>best %1, last %2%3</source>
        <translation>max. %1, zuletzt %2%3</translation>
    </message>
    <message>
        <source>The pilot&apos;s curriculum</source>
        <translation>Der Lehrplan des Piloten</translation>
    </message>
    <message>
        <source>The way through the drills. What was flown counts in every one of them; the change can be undone.</source>
        <translation>Der Weg durch die Übungen. Was geflogen wurde, zählt in jedem; der Wechsel lässt sich rückgängig machen.</translation>
    </message>
    <message>
        <source>Ladder of drills</source>
        <translation>Leiter der Übungen</translation>
    </message>
    <message>
        <source>Reason to open it now</source>
        <translation>Grund, sie jetzt zu öffnen</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Opens the stage for this pilot; the reason is kept on the record. It can be undone.</source>
        <translation>Öffnet die Stufe für diesen Piloten; der Grund kommt in die Akte. Es lässt sich rückgängig machen.</translation>
    </message>
    <message>
        <source>From each crash until the throttle is under 5 %, in every drill flown or scored here; within a second is the habit that is wanted (house).</source>
        <translation>Von jedem Absturz, bis das Gas unter 5 % ist, in jeder hier geflogenen oder gewerteten Übung; in einer Sekunde ist die erwünschte Gewohnheit (Haus).</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>Stage %1: %2</source>
        <translation>Stufe %1: %2</translation>
    </message>
    <message>
        <source>Throttle at the bottom within 1 s after %1 of %2 crashes.</source>
        <translation>Gas nach %1 von %2 Abstürzen in 1 s unten.</translation>
    </message>
    <message>
        <source>Locked until every drill of the stage &quot;%1&quot; is passed.</source>
        <translation>Gesperrt, bis jede Übung der Stufe „%1“ bestanden ist.</translation>
    </message>
    <message>
        <source>Locked until the stage &quot;%1&quot; is held.</source>
        <translation>Gesperrt, bis die Stufe „%1“ sitzt.</translation>
    </message>
</context>
<context>
    <name>bh::desk::LearnForm</name>
    <message>
        <source>For a simulator whose conventions nobody knows: set it as the sheet says, push one stick at a time, and say what the aircraft there did. The sheet is then put right.</source>
        <translation>Für einen Simulator, dessen Gepflogenheiten niemand kennt: einstellen, wie das Blatt sagt, einen Knüppel nach dem anderen drücken und sagen, was das Fluggerät dort tat. Das Blatt wird dann berichtigt.</translation>
    </message>
    <message>
        <source>%1 pushed %2</source>
        <translation>%1 gedrückt %2</translation>
    </message>
    <message>
        <source>not looked</source>
        <translation>nicht geschaut</translation>
    </message>
    <message>
        <source>about half power</source>
        <translation>etwa halbe Leistung</translation>
    </message>
    <message>
        <source>no power</source>
        <translation>keine Leistung</translation>
    </message>
    <message>
        <source>Throttle in the middle</source>
        <translation>Gas in der Mitte</translation>
    </message>
    <message>
        <source>Learn from this</source>
        <translation>Daraus lernen</translation>
    </message>
</context>
<context>
    <name>bh::desk::LogPanel</name>
    <message>
        <source>Show attempts at</source>
        <translation>Versuche zeigen in</translation>
    </message>
    <message>
        <source>All drills</source>
        <translation>Alle Übungen</translation>
    </message>
    <message>
        <source>Free flights</source>
        <translation>Freiflüge</translation>
    </message>
    <message>
        <source>Show how far back</source>
        <translation>Wie weit zurück gezeigt wird</translation>
    </message>
    <message>
        <source>All the time</source>
        <translation>Die ganze Zeit</translation>
    </message>
    <message>
        <source>Last 7 days</source>
        <translation>Letzte 7 Tage</translation>
    </message>
    <message>
        <source>Last 4 weeks</source>
        <translation>Letzte 4 Wochen</translation>
    </message>
    <message>
        <source>Last 12 weeks</source>
        <translation>Letzte 12 Wochen</translation>
    </message>
    <message>
        <source>Show which attempts</source>
        <translation>Welche Versuche gezeigt werden</translation>
    </message>
    <message>
        <source>Passed or not</source>
        <translation>Bestanden oder nicht</translation>
    </message>
    <message>
        <source>Passed</source>
        <translation>Bestanden</translation>
    </message>
    <message>
        <source>Not passed</source>
        <translation>Nicht bestanden</translation>
    </message>
    <message>
        <source>Struck out</source>
        <translation>Gestrichen</translation>
    </message>
    <message>
        <source>Add practice</source>
        <translation>Übungszeit ergänzen</translation>
    </message>
    <message>
        <source>Practice in another program that was not watched here: by hand with a reason, or from a table</source>
        <translation>Üben in einem anderen Programm, bei dem hier nicht zugesehen wurde: von Hand mit Grund oder aus einer Tabelle</translation>
    </message>
    <message>
        <source>Write out …</source>
        <translation>Ausgeben …</translation>
    </message>
    <message>
        <source>The pilot&apos;s logbook: a table (CSV), everything that is known (JSON), or on paper (PDF)</source>
        <translation>Das Logbuch des Piloten: als Tabelle (CSV), mit allem Bekannten (JSON) oder auf Papier (PDF)</translation>
    </message>
    <message>
        <source>Why it does not count</source>
        <translation>Warum es nicht zählt</translation>
    </message>
    <message>
        <source>Why the chosen line does not count, or counts again</source>
        <translation>Warum die gewählte Zeile nicht oder wieder zählt</translation>
    </message>
    <message>
        <source>Strike out</source>
        <translation>Streichen</translation>
    </message>
    <message>
        <source>The chosen attempt, or the chosen session with its flights, counts no more; it stays on the record</source>
        <translation>Der gewählte Versuch oder die gewählte Sitzung mit ihren Flügen zählt nicht mehr; sie bleibt in der Akte</translation>
    </message>
    <message>
        <source>Correct session …</source>
        <translation>Sitzung berichtigen …</translation>
    </message>
    <message>
        <source>When, how long, where, by whom; what stood before stays on the record</source>
        <translation>Wann, wie lange, wo, wer; was vorher stand, bleibt in der Akte</translation>
    </message>
    <message>
        <source>Attempts, newest first</source>
        <translation>Versuche, neueste zuerst</translation>
    </message>
    <message>
        <source>Practice sessions, newest first</source>
        <translation>Übungssitzungen, neueste zuerst</translation>
    </message>
    <message>
        <source>Keep as demonstration</source>
        <translation>Als Vorführung behalten</translation>
    </message>
    <message>
        <source>From now on this flight shows how the drill is flown; it can be undone</source>
        <translation>Von jetzt an zeigt dieser Flug, wie die Übung geflogen wird; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Look at this flight</source>
        <translation>Diesen Flug ansehen</translation>
    </message>
    <message>
        <source>On the Debrief page: its sticks, its way, and what was found in it</source>
        <translation>Auf der Seite Auswertung: seine Knüppel, sein Weg und was darin gefunden wurde</translation>
    </message>
    <message>
        <source>Write out the logbook</source>
        <translation>Logbuch ausgeben</translation>
    </message>
    <message>
        <source>Table (*.csv);;Everything (*.json);;On paper (*.pdf)</source>
        <translation>Tabelle (*.csv);;Alles (*.json);;Auf Papier (*.pdf)</translation>
    </message>
    <message>
        <source>Choose or add a pilot on the left.</source>
        <translation>Links einen Piloten wählen oder anlegen.</translation>
    </message>
    <message>
        <source>%1 has not practised yet. Start with the first drill on the Drills page (Alt+6).</source>
        <translation>%1 hat noch nicht geübt. Mit der ersten Übung auf der Seite Übungen anfangen (Alt+6).</translation>
    </message>
    <message>
        <source>Shown: %1 sessions with %2 h of practice, %3 flights with %4 h in the air, %5 passed%6.</source>
        <translation>Gezeigt: %1 Sitzungen mit %2 h Übungszeit, %3 Flüge mit %4 h in der Luft, %5 bestanden%6.</translation>
    </message>
    <message>
        <source>; one line is struck out</source>
        <translation>; eine Zeile ist gestrichen</translation>
    </message>
    <message>
        <source>; %1 lines are struck out</source>
        <translation>; %1 Zeilen sind gestrichen</translation>
    </message>
    <message>
        <source>Count again</source>
        <translation>Wieder zählen</translation>
    </message>
    <message>
        <source>Strike out session</source>
        <translation>Sitzung streichen</translation>
    </message>
    <message>
        <source>Strike out attempt</source>
        <translation>Versuch streichen</translation>
    </message>
    <message>
        <source>It counts again. Ctrl+Z takes that back.</source>
        <translation>Es zählt wieder. Strg+Z nimmt das zurück.</translation>
    </message>
    <message>
        <source>Struck out; it stays on the record with the reason. Ctrl+Z takes that back.</source>
        <translation>Gestrichen; es bleibt mit dem Grund in der Akte. Strg+Z nimmt das zurück.</translation>
    </message>
    <message>
        <source>Logbook of %1</source>
        <translation>Logbuch von %1</translation>
    </message>
    <message>
        <source>-flights.csv</source>
        <translation>-fluege.csv</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>%1 could not be written: is there such a folder, and may it be written to?</source>
        <translation>%1 ließ sich nicht schreiben: gibt es so einen Ordner, und darf dort geschrieben werden?</translation>
    </message>
    <message>
        <source>Nothing was judged</source>
        <translation>Nichts wurde gewertet</translation>
    </message>
    <message>
        <source>Judged by version %1 of the drill</source>
        <translation>Nach Version %1 der Übung gewertet</translation>
    </message>
    <message>
        <source>on &quot;%1&quot;, version %2</source>
        <translation>bei „%1“, Version %2</translation>
    </message>
    <message>
        <source>by eye, in %1</source>
        <translation>nach Augenmaß, in %1</translation>
    </message>
    <message>
        <source>throttle at the bottom %1 s after a crash</source>
        <translation>Gas %1 s nach einem Absturz unten</translation>
    </message>
    <message>
        <source>This is the demonstration</source>
        <translation>Das ist die Vorführung</translation>
    </message>
    <message>
        <source>A scored flight shows its criteria here.</source>
        <translation>Ein gewerteter Flug zeigt hier seine Kriterien.</translation>
    </message>
    <message>
        <source>Choose an attempt to see its criteria.</source>
        <translation>Einen Versuch wählen, um seine Kriterien zu sehen.</translation>
    </message>
    <message>
        <source>%1
Score %2. %3</source>
        <translation>%1
Punkte %2. %3</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Begründung</translation>
    </message>
</context>
<context>
    <name>bh::desk::MainWindow</name>
    <message>
        <source>Board</source>
        <translation>Übersicht</translation>
    </message>
    <message>
        <source>Kit</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>Controller</source>
        <translation>Fernsteuerung</translation>
    </message>
    <message>
        <source>Set-up</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>Drills</source>
        <translation>Übungen</translation>
    </message>
    <message>
        <source>Debrief</source>
        <translation>Auswertung</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>Rates</source>
        <translation>Drehraten</translation>
    </message>
    <message>
        <source>First flight</source>
        <translation>Erstflug</translation>
    </message>
    <message>
        <source>Blue Hangar</source>
        <translation>Blue Hangar</translation>
    </message>
    <message>
        <source>This computer&apos;s clock says %1, the newest entry is of %2: set the clock right before practice is logged.</source>
        <translation>Die Uhr dieses Rechners sagt %1, der neueste Eintrag ist von %2: die Uhr stellen, bevor geübt wird.</translation>
    </message>
    <message>
        <source>%1 – Blue Hangar</source>
        <translation>%1 – Blue Hangar</translation>
    </message>
    <message>
        <source>%1 pilots need a look</source>
        <translation>%1 Piloten brauchen einen Blick</translation>
    </message>
    <message>
        <source>Nobody needs a look</source>
        <translation>Niemand braucht einen Blick</translation>
    </message>
    <message>
        <source>No pilot chosen</source>
        <translation>Kein Pilot gewählt</translation>
    </message>
    <message>
        <source>%1 of %2 ticked</source>
        <translation>%1 von %2 abgehakt</translation>
    </message>
    <message>
        <source>The controller in use is calibrated and verified</source>
        <translation>Die benutzte Fernsteuerung ist kalibriert und bestätigt</translation>
    </message>
    <message>
        <source>The controller in use is not ready</source>
        <translation>Die benutzte Fernsteuerung ist nicht bereit</translation>
    </message>
    <message>
        <source>The aircraft is set up</source>
        <translation>Das Fluggerät ist aufgebaut</translation>
    </message>
    <message>
        <source>No real aircraft, camera and power chosen yet</source>
        <translation>Echtes Fluggerät, Kamera und Leistung noch nicht gewählt</translation>
    </message>
    <message>
        <source>Every stage is held</source>
        <translation>Jede Stufe sitzt</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>Any flight, its sticks and what was found in it</source>
        <translation>Jeder Flug, seine Knüppel und was darin gefunden wurde</translation>
    </message>
    <message>
        <source>Released, or back from a first flight</source>
        <translation>Freigegeben oder vom Erstflug zurück</translation>
    </message>
    <message>
        <source>Every gate is met: decide</source>
        <translation>Alles ist erfüllt: entscheiden</translation>
    </message>
    <message>
        <source>What stands before a first flight on a real aircraft</source>
        <translation>Was vor dem ersten Flug am echten Fluggerät steht</translation>
    </message>
    <message>
        <source>Practised within the last 7 days</source>
        <translation>In den letzten 7 Tagen geübt</translation>
    </message>
    <message>
        <source>No practice within the last 7 days</source>
        <translation>In den letzten 7 Tagen nicht geübt</translation>
    </message>
    <message>
        <source>No aircraft chosen on the Set-up page</source>
        <translation>Kein Fluggerät auf der Seite Aufbau gewählt</translation>
    </message>
    <message>
        <source>The real aircraft&apos;s rates are not known yet</source>
        <translation>Die Drehraten des echten Fluggeräts sind noch unbekannt</translation>
    </message>
    <message>
        <source>Practised on the real aircraft&apos;s rates</source>
        <translation>Geübt mit den Drehraten des echten Fluggeräts</translation>
    </message>
    <message>
        <source>Practice rates differ from the real aircraft&apos;s</source>
        <translation>Geübte Drehraten weichen vom echten Fluggerät ab</translation>
    </message>
    <message>
        <source>Left out, as it cannot be read: %1.</source>
        <translation>Ausgelassen, weil nicht zu lesen: %1.</translation>
    </message>
    <message>
        <source>%1 files are left out, as they cannot be read; the record&apos;s window names them. The first: %2.</source>
        <translation>%1 Dateien sind ausgelassen, weil nicht zu lesen; das Fenster der Akte nennt sie. Die erste: %2.</translation>
    </message>
</context>
<context>
    <name>bh::desk::Menu</name>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>&amp;Record</source>
        <translation>&amp;Akte</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>An&amp;sicht</translation>
    </message>
    <message>
        <source>&amp;Pilot</source>
        <translation>&amp;Pilot</translation>
    </message>
    <message>
        <source>Th&amp;is page</source>
        <translation>&amp;Diese Seite</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>New or open …</source>
        <translation>Neu oder öffnen …</translation>
    </message>
    <message>
        <source>Open recent</source>
        <translation>Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Back up …</source>
        <translation>Sichern …</translation>
    </message>
    <message>
        <source>Export …</source>
        <translation>Ausgeben …</translation>
    </message>
    <message>
        <source>This page on paper …</source>
        <translation>Diese Seite auf Papier …</translation>
    </message>
    <message>
        <source>State, people, keeping, house</source>
        <translation>Stand, Personen, Aufbewahren, Haus</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Copy the table</source>
        <translation>Tabelle kopieren</translation>
    </message>
    <message>
        <source>Choose a table or a list first: it is copied with its heads.</source>
        <translation>Zuerst eine Tabelle oder Liste wählen: sie wird mit ihren Köpfen kopiert.</translation>
    </message>
    <message>
        <source>Copy this page as a picture</source>
        <translation>Diese Seite als Bild kopieren</translation>
    </message>
    <message>
        <source>The page is on the clipboard as a picture.</source>
        <translation>Die Seite liegt als Bild in der Zwischenablage.</translation>
    </message>
    <message>
        <source>Preferences …</source>
        <translation>Einstellungen …</translation>
    </message>
    <message>
        <source>Keys …</source>
        <translation>Tasten …</translation>
    </message>
    <message>
        <source>Night or day</source>
        <translation>Nacht oder Tag</translation>
    </message>
    <message>
        <source>Larger text</source>
        <translation>Größerer Text</translation>
    </message>
    <message>
        <source>Smaller text</source>
        <translation>Kleinerer Text</translation>
    </message>
    <message>
        <source>Whole screen</source>
        <translation>Ganzer Bildschirm</translation>
    </message>
    <message>
        <source>Hide or show this menu</source>
        <translation>Dieses Menü verbergen oder zeigen</translation>
    </message>
    <message>
        <source>Find a pilot</source>
        <translation>Piloten finden</translation>
    </message>
    <message>
        <source>New pilot</source>
        <translation>Neuer Pilot</translation>
    </message>
    <message>
        <source>Next pilot</source>
        <translation>Nächster Pilot</translation>
    </message>
    <message>
        <source>Pilot before</source>
        <translation>Voriger Pilot</translation>
    </message>
    <message>
        <source>Lock or unlock the station</source>
        <translation>Station sperren oder öffnen</translation>
    </message>
    <message>
        <source>About this page</source>
        <translation>Über diese Seite</translation>
    </message>
    <message>
        <source>A first day in ten minutes</source>
        <translation>Ein erster Tag in zehn Minuten</translation>
    </message>
    <message>
        <source>Handbook</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>What is this?</source>
        <translation>Was ist das?</translation>
    </message>
    <message>
        <source>All commands …</source>
        <translation>Alle Befehle …</translation>
    </message>
    <message>
        <source>About Blue Hangar</source>
        <translation>Über Blue Hangar</translation>
    </message>
    <message>
        <source>Nothing but its buttons</source>
        <translation>Nur ihre Knöpfe</translation>
    </message>
    <message>
        <source>None yet</source>
        <translation>Noch keine</translation>
    </message>
    <message>
        <source>There is nothing to put on paper here: Debrief, First flight, Week, the set-up card and the log have it.</source>
        <translation>Hier gibt es nichts für Papier: Auswertung, Erstflug, Woche, Einstellkarte und Log haben es.</translation>
    </message>
</context>
<context>
    <name>bh::desk::NotesPanel</name>
    <message>
        <source>Notes about this flight</source>
        <translation>Notizen zu diesem Flug</translation>
    </message>
    <message>
        <source>Whose note it is</source>
        <translation>Wessen Notiz es ist</translation>
    </message>
    <message>
        <source>Coordinator</source>
        <translation>Koordinator</translation>
    </message>
    <message>
        <source>Pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>A note about this flight</source>
        <translation>Eine Notiz zu diesem Flug</translation>
    </message>
    <message>
        <source>What was seen, in a sentence</source>
        <translation>Was zu sehen war, in einem Satz</translation>
    </message>
    <message>
        <source>Keep the note</source>
        <translation>Notiz behalten</translation>
    </message>
    <message>
        <source>With the flight, dated</source>
        <translation>Beim Flug, mit Datum</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>Notes are kept with flights that are on the record.</source>
        <translation>Notizen liegen bei Flügen, die in der Akte sind.</translation>
    </message>
    <message>
        <source>No note yet.</source>
        <translation>Noch keine Notiz.</translation>
    </message>
    <message>
        <source>The newest is last.</source>
        <translation>Die neueste steht zuletzt.</translation>
    </message>
</context>
<context>
    <name>bh::desk::OutsideOffer</name>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>The program that it was flown in</source>
        <translation>Das Programm, in dem geflogen wurde</translation>
    </message>
    <message>
        <source>Hours are matched only in the simulator that the rates were matched for</source>
        <translation>Stunden sind nur in dem Simulator abgeglichen, für den die Drehraten abgeglichen wurden</translation>
    </message>
    <message>
        <source>What the pilot looked at</source>
        <translation>Worauf der Pilot schaute</translation>
    </message>
    <message>
        <source>Practice in another program, %1 to %2: %3 min active, %4 min idle, on %5.%6</source>
        <translation>Üben in einem anderen Programm, %1 bis %2: %3 min aktiv, %4 min Ruhe, an %5.%6</translation>
    </message>
    <message>
        <source> The sticks were recorded.</source>
        <translation> Die Knüppel wurden aufgenommen.</translation>
    </message>
    <message>
        <source>Keep for %1</source>
        <translation>Für %1 behalten</translation>
    </message>
    <message>
        <source>Choose a pilot to keep it</source>
        <translation>Zum Behalten einen Piloten wählen</translation>
    </message>
</context>
<context>
    <name>bh::desk::PageBar</name>
    <message>
        <source>%1 page, Alt+%2</source>
        <translation>Seite %1, Alt+%2</translation>
    </message>
</context>
<context>
    <name>bh::desk::PaperWindow</name>
    <message>
        <source>The paper, page by page</source>
        <translation>Das Papier, Seite für Seite</translation>
    </message>
    <message>
        <source>Save as PDF …</source>
        <translation>Als PDF sichern …</translation>
    </message>
    <message>
        <source>Into the folder for papers, or wherever you like</source>
        <translation>In den Ordner für Papiere oder wohin Sie wollen</translation>
    </message>
    <message>
        <source>Print …</source>
        <translation>Drucken …</translation>
    </message>
    <message>
        <source>On a printer of this computer</source>
        <translation>Auf einem Drucker dieses Rechners</translation>
    </message>
    <message>
        <source>Drag out</source>
        <translation>Herausziehen</translation>
    </message>
    <message>
        <source>Hold it and drag the paper, as a PDF, into a folder or a letter</source>
        <translation>Halten und das Papier als PDF in einen Ordner oder Brief ziehen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>%1 could not be written: is there such a folder?</source>
        <translation>%1 ließ sich nicht schreiben: gibt es so einen Ordner?</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>It is on its way to the printer.</source>
        <translation>Es ist unterwegs zum Drucker.</translation>
    </message>
    <message>
        <source>The printer took nothing.</source>
        <translation>Der Drucker nahm nichts an.</translation>
    </message>
    <message>
        <source>There is no room for a file to drag.</source>
        <translation>Es ist kein Platz für eine Datei zum Ziehen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::PeoplePanel</name>
    <message>
        <source>Who may do what here</source>
        <translation>Wer hier was darf</translation>
    </message>
    <message>
        <source>Coordinators and instructors</source>
        <translation>Koordinatoren und Ausbilder</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Role</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>May unlock</source>
        <translation>Darf öffnen</translation>
    </message>
    <message>
        <source>Passphrase, three words or more</source>
        <translation>Kennsatz, drei Wörter oder mehr</translation>
    </message>
    <message>
        <source>The same again</source>
        <translation>Noch einmal derselbe</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>A coordinator or an instructor who unlocks with this passphrase</source>
        <translation>Ein Koordinator oder Ausbilder, der mit diesem Kennsatz öffnet</translation>
    </message>
    <message>
        <source>Change passphrase</source>
        <translation>Kennsatz ändern</translation>
    </message>
    <message>
        <source>Of the one who is chosen in the list</source>
        <translation>Des in der Liste Gewählten</translation>
    </message>
    <message>
        <source>May no longer unlock</source>
        <translation>Darf nicht mehr öffnen</translation>
    </message>
    <message>
        <source>The one who is chosen in the list</source>
        <translation>Der in der Liste Gewählte</translation>
    </message>
    <message>
        <source>No passphrases here</source>
        <translation>Keine Kennsätze hier</translation>
    </message>
    <message>
        <source>Whoever is at a station is the school&apos;s coordinator; the record says so</source>
        <translation>Wer an einer Station ist, ist der Koordinator der Schule; die Akte sagt es so</translation>
    </message>
    <message>
        <source>Pilots fly and log without asking. The rest needs somebody of this list, who unlocks the station with Ctrl+U; it locks itself after ten minutes in which nothing moved. Entries of the record say who.</source>
        <translation>Piloten fliegen und loggen, ohne zu fragen. Alles andere braucht jemanden aus dieser Liste, der die Station mit Strg+U öffnet; sie sperrt sich nach zehn Minuten ohne Bewegung. Einträge der Akte sagen, wer es war.</translation>
    </message>
    <message>
        <source>This school wants no passphrases: whoever is here may do everything, and entries say &quot;coordinator&quot;. Add a coordinator to change that.</source>
        <translation>Diese Schule will keine Kennsätze: wer hier ist, darf alles, und Einträge sagen „coordinator“. Einen Koordinator anlegen, um das zu ändern.</translation>
    </message>
    <message>
        <source>Nobody has said yet who may do what, so everybody may do everything. Add a coordinator with a passphrase, or say once that none is wanted.</source>
        <translation>Noch hat niemand gesagt, wer was darf, also darf jeder alles. Einen Koordinator mit Kennsatz anlegen, oder einmal sagen, dass keiner gewünscht ist.</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no longer</source>
        <translation>nicht mehr</translation>
    </message>
    <message>
        <source>The two passphrases are not the same.</source>
        <translation>Die beiden Kennsätze sind nicht gleich.</translation>
    </message>
    <message>
        <source>Added: %1.</source>
        <translation>Angelegt: %1.</translation>
    </message>
    <message>
        <source>The passphrase was changed.</source>
        <translation>Der Kennsatz wurde geändert.</translation>
    </message>
    <message>
        <source>No longer among those who may unlock.</source>
        <translation>Nicht mehr unter denen, die öffnen dürfen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::PlanPanel</name>
    <message>
        <source>Begin the plan</source>
        <translation>Plan beginnen</translation>
    </message>
    <message>
        <source>From the rates as they are now to the match, step by step</source>
        <translation>Von den jetzigen Drehraten zum Abgleich, Schritt für Schritt</translation>
    </message>
    <message>
        <source>How the plan goes</source>
        <translation>Wie der Plan geht</translation>
    </message>
    <message>
        <source>One parameter at a time to the match; or the rate at full stick alone, as some do it (both common practice). A locked yaw stays as it is.</source>
        <translation>Ein Parameter nach dem anderen bis zum Abgleich; oder nur die Rate bei Vollausschlag, wie es manche tun (beides gängige Praxis). Ein gesperrtes Gier bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>End it here</source>
        <translation>Hier beenden</translation>
    </message>
    <message>
        <source>The rates stay as the last step left them; the plan stays on the record</source>
        <translation>Die Drehraten bleiben, wie der letzte Schritt sie ließ; der Plan bleibt in der Akte</translation>
    </message>
    <message>
        <source>A test flight in the built-in flight with the rates of this step</source>
        <translation>Ein Testflug im eingebauten Flug mit den Drehraten dieses Schritts</translation>
    </message>
    <message>
        <source>Fly this step here</source>
        <translation>Diesen Schritt hier fliegen</translation>
    </message>
    <message>
        <source>Read, and kept to</source>
        <translation>Gelesen und eingehalten</translation>
    </message>
    <message>
        <source>flown elsewhere</source>
        <translation>anderswo geflogen</translation>
    </message>
    <message>
        <source>The test flight was flown in the simulator or on the aircraft itself, not in the built-in flight</source>
        <translation>Der Testflug wurde im Simulator oder am Fluggerät selbst geflogen, nicht im eingebauten Flug</translation>
    </message>
    <message>
        <source>Decided by</source>
        <translation>Entschieden von</translation>
    </message>
    <message>
        <source>Who decides</source>
        <translation>Wer entscheidet</translation>
    </message>
    <message>
        <source>New rates on a real aircraft: fly high over open ground, the panic switch at hand, never over water, never over people.</source>
        <translation>Neue Drehraten am echten Fluggerät: hoch über freiem Gelände fliegen, den Notschalter zur Hand, nie über Wasser, nie über Menschen.</translation>
    </message>
    <message>
        <source>Steps of the plan</source>
        <translation>Schritte des Plans</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Most, °/s</source>
        <translation>Größte, °/s</translation>
    </message>
    <message>
        <source>Rating</source>
        <translation>Bewertung</translation>
    </message>
    <message>
        <source>Left at</source>
        <translation>Belassen bei</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>Decided</source>
        <translation>Entschieden</translation>
    </message>
    <message>
        <source>One parameter of one axis, or of roll and pitch together.</source>
        <translation>Ein Parameter einer Achse, oder von Roll und Nick zusammen.</translation>
    </message>
    <message>
        <source>By how much the rate changes where it changes most; at most 15 % of the rate at full stick (house).</source>
        <translation>Um wie viel sich die Rate ändert, wo sie sich am meisten ändert; höchstens 15 % der Rate bei Vollausschlag (Haus).</translation>
    </message>
    <message>
        <source>1 is as good as one could wish, 10 lost control: handling scale of NASA TN D-5153 (1969), in other words. From 7 the step goes half-way back (house).</source>
        <translation>1 ist so gut, wie man es wünschen kann, 10 heißt Kontrolle verloren: Bewertungsskala der NASA TN D-5153 (1969), in anderen Worten. Ab 7 geht der Schritt halb zurück (Haus).</translation>
    </message>
    <message>
        <source>What the parameter was left at.</source>
        <translation>Worauf der Parameter belassen wurde.</translation>
    </message>
    <message>
        <source>Here: in the built-in flight.</source>
        <translation>Hier: im eingebauten Flug.</translation>
    </message>
    <message>
        <source>When, and by whom.</source>
        <translation>Wann und von wem.</translation>
    </message>
    <message>
        <source>Roll</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Nick</translation>
    </message>
    <message>
        <source>Yaw</source>
        <translation>Gier</translation>
    </message>
    <message>
        <source>Roll and pitch</source>
        <translation>Roll und Nick</translation>
    </message>
    <message>
        <source>%1: %2 from %3 to %4</source>
        <translation>%1: %2 von %3 auf %4</translation>
    </message>
    <message>
        <source>elsewhere</source>
        <translation>anderswo</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>next</source>
        <translation>als Nächstes</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>the practised rates</source>
        <translation>die geübten Drehraten</translation>
    </message>
    <message>
        <source>Step %1 of about %2: %3</source>
        <translation>Schritt %1 von etwa %2: %3</translation>
    </message>
    <message>
        <source>On %1. At most %2 °/s of change anywhere on the stick. Fly it here, or tick that it was flown elsewhere; then answer.</source>
        <translation>An %1. Nirgends am Knüppel mehr als %2 °/s Änderung. Hier fliegen oder abhaken, dass anderswo geflogen wurde; dann antworten.</translation>
    </message>
    <message>
        <source>The plan was ended after %1 steps.</source>
        <translation>Der Plan wurde nach %1 Schritten beendet.</translation>
    </message>
    <message>
        <source>The plan is through: %1 steps.</source>
        <translation>Der Plan ist durch: %1 Schritte.</translation>
    </message>
    <message>
        <source>No plan yet.</source>
        <translation>Noch kein Plan.</translation>
    </message>
    <message>
        <source>Only the rate at full stick of %1 changes, with a test flight and a rating after each step; centre and expo stay.</source>
        <translation>Nur die Rate von %1 bei Vollausschlag ändert sich, mit Testflug und Bewertung nach jedem Schritt; Mitte und Expo bleiben.</translation>
    </message>
    <message>
        <source>A plan takes %1 from now to the match, one parameter at a time, with a test flight and a rating after each.</source>
        <translation>Ein Plan führt %1 von jetzt zum Abgleich, ein Parameter nach dem anderen, mit Testflug und Bewertung nach jedem.</translation>
    </message>
    <message>
        <source>Nothing to change: %1 are as the match says.</source>
        <translation>Nichts zu ändern: %1 sind, wie der Abgleich sagt.</translation>
    </message>
    <message>
        <source>the aircraft&apos;s rates</source>
        <translation>die Drehraten des Fluggeräts</translation>
    </message>
    <message>
        <source> °/s</source>
        <translation> °/s</translation>
    </message>
    <message>
        <source>Centre slope, then full-stick rate, then bend</source>
        <translation>Mittensteigung, dann Vollrate, dann Biegung</translation>
    </message>
    <message>
        <source>Full-stick rate alone, in steps of 15 %</source>
        <translation>Nur die Vollrate, in Schritten von 15 %</translation>
    </message>
    <message>
        <source>Full-stick rate alone, in one jump</source>
        <translation>Nur die Vollrate, in einem Sprung</translation>
    </message>
    <message>
        <source>Full-stick rate that it leads to</source>
        <translation>Vollrate, zu der er führt</translation>
    </message>
</context>
<context>
    <name>bh::desk::PlanView</name>
    <message>
        <source>Flight from above, north is up</source>
        <translation>Flug von oben, Norden oben</translation>
    </message>
    <message>
        <source>No flight is shown.</source>
        <translation>Es wird kein Flug gezeigt.</translation>
    </message>
    <message>
        <source>%1 north of the start, %2 east of it; %3</source>
        <translation>%1 nördlich vom Start, %2 östlich davon; %3</translation>
    </message>
    <message>
        <source>No positions in this flight: only the sticks are told of.</source>
        <translation>Keine Positionen in diesem Flug: nur von den Knüppeln ist die Rede.</translation>
    </message>
    <message>
        <source>N ↑</source>
        <translation>N ↑</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>The way from above.</source>
        <translation>Der Weg von oben.</translation>
    </message>
</context>
<context>
    <name>bh::desk::PracticeDialog</name>
    <message>
        <source>Practice of %1</source>
        <translation>Üben von %1</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Back to the logbook</source>
        <translation>Zurück zum Logbuch</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>From another program&apos;s table</source>
        <translation>Aus der Tabelle eines anderen Programms</translation>
    </message>
    <message>
        <source>When it began</source>
        <translation>Wann sie begann</translation>
    </message>
    <message>
        <source>How long was flown</source>
        <translation>Wie lange geflogen wurde</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Where it was flown</source>
        <translation>Wo geflogen wurde</translation>
    </message>
    <message>
        <source>What the pilot looked at</source>
        <translation>Worauf der Pilot schaute</translation>
    </message>
    <message>
        <source>Why it is entered by hand</source>
        <translation>Warum von Hand eingetragen wird</translation>
    </message>
    <message>
        <source>Why by hand: flown at home, written in the notebook</source>
        <translation>Warum von Hand: zu Hause geflogen, im Notizbuch vermerkt</translation>
    </message>
    <message>
        <source>Add it</source>
        <translation>Ergänzen</translation>
    </message>
    <message>
        <source>Onto the record, marked as entered by hand</source>
        <translation>In die Akte, als von Hand eingetragen gekennzeichnet</translation>
    </message>
    <message>
        <source>Began</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>In</source>
        <translation>In</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Choose a CSV file</source>
        <translation>CSV-Datei wählen</translation>
    </message>
    <message>
        <source>A table with a row for each session; nothing is kept yet</source>
        <translation>Eine Tabelle mit einer Zeile je Sitzung; noch wird nichts behalten</translation>
    </message>
    <message>
        <source>Practice in another program</source>
        <translation>Üben in einem anderen Programm</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Column that says when it began</source>
        <translation>Spalte, die sagt, wann sie begann</translation>
    </message>
    <message>
        <source>Column that says how long was flown</source>
        <translation>Spalte, die sagt, wie lange geflogen wurde</translation>
    </message>
    <message>
        <source>Column that says how long nothing moved</source>
        <translation>Spalte, die sagt, wie lange sich nichts bewegte</translation>
    </message>
    <message>
        <source>Column that says where it was flown</source>
        <translation>Spalte, die sagt, wo geflogen wurde</translation>
    </message>
    <message>
        <source>Unit of the times</source>
        <translation>Einheit der Zeiten</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>Where it was flown, where no column says it</source>
        <translation>Wo geflogen wurde, wo keine Spalte es sagt</translation>
    </message>
    <message>
        <source>First rows of the table</source>
        <translation>Erste Zeilen der Tabelle</translation>
    </message>
    <message>
        <source>Add these sessions</source>
        <translation>Diese Sitzungen ergänzen</translation>
    </message>
    <message>
        <source>All or none, marked as read from the file</source>
        <translation>Alle oder keine, als aus der Datei gelesen gekennzeichnet</translation>
    </message>
    <message>
        <source>Idle</source>
        <translation>Ruhend</translation>
    </message>
    <message>
        <source>Times in</source>
        <translation>Zeiten in</translation>
    </message>
    <message>
        <source>Simulator</source>
        <translation>Simulator</translation>
    </message>
    <message>
        <source>otherwise</source>
        <translation>sonst</translation>
    </message>
    <message>
        <source>It could not be added.</source>
        <translation>Es ließ sich nicht ergänzen.</translation>
    </message>
    <message>
        <source>Added: %1 min, marked as entered by hand.</source>
        <translation>Ergänzt: %1 min, als von Hand eingetragen gekennzeichnet.</translation>
    </message>
    <message>
        <source>%1 rows. See that each column means what stands above, then add them.</source>
        <translation>%1 Zeilen. Prüfen, ob jede Spalte das bedeutet, was darüber steht, dann ergänzen.</translation>
    </message>
    <message>
        <source>no column</source>
        <translation>keine Spalte</translation>
    </message>
    <message>
        <source>They could not be added.</source>
        <translation>Sie ließen sich nicht ergänzen.</translation>
    </message>
    <message>
        <source>%1 sessions added.</source>
        <translation>%1 Sitzungen ergänzt.</translation>
    </message>
    <message>
        <source>%1 sessions added; %2 that begin when another one does were left out.</source>
        <translation>%1 Sitzungen ergänzt; %2, die mit einer anderen beginnen, wurden ausgelassen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::PreferencesWindow</name>
    <message>
        <source>Preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>As the system: dark where its windows are dark</source>
        <translation>Wie das System: dunkel, wo seine Fenster dunkel sind</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Textgröße</translation>
    </message>
    <message>
        <source>Of everything in the window, from its usual size to twice that; lists and tables take it whole at the next start</source>
        <translation>Von allem im Fenster, von der üblichen Größe bis zum Doppelten; Listen und Tabellen nehmen sie ganz beim nächsten Start</translation>
    </message>
    <message>
        <source>Usual</source>
        <translation>Üblich</translation>
    </message>
    <message>
        <source>Heights and speeds</source>
        <translation>Höhen und Geschwindigkeiten</translation>
    </message>
    <message>
        <source>For show in flights, marks and debriefs; drills, files and the record stay metric</source>
        <translation>Zum Anzeigen in Flügen, Punkten und Auswertungen; Übungen, Dateien und die Akte bleiben metrisch</translation>
    </message>
    <message>
        <source>Metres, metres a second</source>
        <translation>Meter, Meter je Sekunde</translation>
    </message>
    <message>
        <source>Feet, knots</source>
        <translation>Fuß, Knoten</translation>
    </message>
    <message>
        <source>Days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>As the system writes a day, or with the month as a word</source>
        <translation>Wie das System einen Tag schreibt, oder mit dem Monat als Wort</translation>
    </message>
    <message>
        <source>12 Jun 2031</source>
        <translation>12. Jun 2031</translation>
    </message>
    <message>
        <source>Less motion</source>
        <translation>Weniger Bewegung</translation>
    </message>
    <message>
        <source>No trails behind the sticks; small pictures change twice a second. A flight itself moves on</source>
        <translation>Keine Spuren hinter den Knüppeln; kleine Bilder wechseln zweimal je Sekunde. Ein Flug selbst läuft weiter</translation>
    </message>
    <message>
        <source>Show the menu</source>
        <translation>Menü zeigen</translation>
    </message>
    <message>
        <source>Hidden, its keys go on working, and Ctrl+K finds every command</source>
        <translation>Verborgen wirken seine Tasten weiter, und Strg+K findet jeden Befehl</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>Speak a flight&apos;s parts and its marks</source>
        <translation>Teile eines Flugs und seine Punkte sprechen</translation>
    </message>
    <message>
        <source>By the system&apos;s own speech</source>
        <translation>Mit der Sprachausgabe des Systems</translation>
    </message>
    <message>
        <source>This computer has no speech: Debian&apos;s speech-dispatcher brings it</source>
        <translation>Dieser Rechner hat keine Sprachausgabe: Debians speech-dispatcher bringt sie</translation>
    </message>
    <message>
        <source>A quiet tone out of the height window</source>
        <translation>Ein leiser Ton außerhalb des Höhenfensters</translation>
    </message>
    <message>
        <source>While a flight is below its window a low one, above it a high one</source>
        <translation>Unter dem Fenster ein tiefer, darüber ein hoher</translation>
    </message>
    <message>
        <source>Controllers are read</source>
        <translation>Fernsteuerung lesen</translation>
    </message>
    <message>
        <source>How often a second the sticks are looked at: 500 suits every controller, 250 spares a weak computer, 1000 is for controllers that report that fast</source>
        <translation>Wie oft je Sekunde nach den Knüppeln gesehen wird: 500 passt für jede Fernsteuerung, 250 schont einen schwachen Rechner, 1000 ist für Fernsteuerungen, die so schnell melden</translation>
    </message>
    <message>
        <source>250 times a second</source>
        <translation>250-mal je Sekunde</translation>
    </message>
    <message>
        <source>500 times a second</source>
        <translation>500-mal je Sekunde</translation>
    </message>
    <message>
        <source>1000 times a second</source>
        <translation>1000-mal je Sekunde</translation>
    </message>
    <message>
        <source>Folder for papers and tables</source>
        <translation>Ordner für Papiere und Tabellen</translation>
    </message>
    <message>
        <source>where the last one went</source>
        <translation>wohin das letzte ging</translation>
    </message>
    <message>
        <source>Choose …</source>
        <translation>Wählen …</translation>
    </message>
    <message>
        <source>The folder that papers, tables and pictures are offered to go to</source>
        <translation>Der Ordner, in den Papiere, Tabellen und Bilder angeboten werden</translation>
    </message>
    <message>
        <source>Heard</source>
        <translation>Gehört</translation>
    </message>
    <message>
        <source>Papers and tables go to</source>
        <translation>Papiere und Tabellen nach</translation>
    </message>
    <message>
        <source>Each choice holds at this computer, for every record.</source>
        <translation>Jede Wahl gilt an diesem Rechner, für jede Akte.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Of windows, papers and the handbook, from the next start on</source>
        <translation>Von Fenstern, Papieren und Handbuch, ab dem nächsten Start</translation>
    </message>
</context>
<context>
    <name>bh::desk::ProgressPage</name>
    <message>
        <source>Curves</source>
        <translation>Kurven</translation>
    </message>
    <message>
        <source>Hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Log</translation>
    </message>
    <message>
        <source>Sickness</source>
        <translation>Befinden</translation>
    </message>
    <message>
        <source>Bill</source>
        <translation>Rechnung</translation>
    </message>
    <message>
        <source>Choose or add a pilot on the left.</source>
        <translation>Links einen Piloten wählen oder anlegen.</translation>
    </message>
    <message>
        <source>%1 has not practised yet.</source>
        <translation>%1 hat noch nicht geübt.</translation>
    </message>
    <message>
        <source>more than the comfortable %1 h</source>
        <translation>mehr als die komfortablen %1 h</translation>
    </message>
    <message>
        <source>%1 h about %2</source>
        <translation>%1 h etwa %2</translation>
    </message>
    <message>
        <source>%1 h never, at this pace</source>
        <translation>%1 h in diesem Tempo nie</translation>
    </message>
    <message>
        <source>%1: %2 h, %3 h of them on matched rates; %4 h a week, %5.</source>
        <translation>%1: %2 h, davon %3 h mit abgeglichenen Drehraten; %4 h je Woche, %5.</translation>
    </message>
    <message>
        <source>How marks, hours, habits and costs go, from week to week.</source>
        <translation>Wie Punkte, Stunden, Gewohnheiten und Kosten von Woche zu Woche gehen.</translation>
    </message>
    <message>
        <source>Fly a drill</source>
        <translation>Eine Übung fliegen</translation>
    </message>
</context>
<context>
    <name>bh::desk::RangeEdit</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1 of %2 that the simulator lets you set</source>
        <translation>%1 von %2, das der Simulator einstellen lässt</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>tiefstes</translation>
    </message>
    <message>
        <source>highest</source>
        <translation>höchstes</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>by</source>
        <translation>um</translation>
    </message>
</context>
<context>
    <name>bh::desk::RateForm</name>
    <message>
        <source>How these rates are given</source>
        <translation>Wie diese Drehraten angegeben sind</translation>
    </message>
    <message>
        <source>The kind of numbers in which these rates are given</source>
        <translation>Die Art der Zahlen, in denen diese Drehraten angegeben sind</translation>
    </message>
    <message>
        <source>measured points</source>
        <translation>gemessene Punkte</translation>
    </message>
    <message>
        <source>%1 of the practised %2</source>
        <translation>%1, geübt, %2</translation>
    </message>
    <message>
        <source>%1 of the real aircraft&apos;s %2</source>
        <translation>%1, echtes Fluggerät, %2</translation>
    </message>
</context>
<context>
    <name>bh::desk::RatesPage</name>
    <message>
        <source>Which side changes</source>
        <translation>Welche Seite sich ändert</translation>
    </message>
    <message>
        <source>Set the simulator like the aircraft; or bring the aircraft to what is practised; or first find and practise here what feels right, and only then change the aircraft</source>
        <translation>Den Simulator wie das Fluggerät einstellen; oder das Fluggerät an das Geübte; oder hier zuerst finden und üben, was sich richtig anfühlt, und erst dann das Fluggerät ändern</translation>
    </message>
    <message>
        <source>The simulator changes</source>
        <translation>Der Simulator ändert sich</translation>
    </message>
    <message>
        <source>The aircraft changes</source>
        <translation>Das Fluggerät ändert sich</translation>
    </message>
    <message>
        <source>Found here, then the aircraft</source>
        <translation>Hier gefunden, dann ans Fluggerät</translation>
    </message>
    <message>
        <source>Real aircraft</source>
        <translation>Echtes Fluggerät</translation>
    </message>
    <message>
        <source>The school&apos;s real aircraft; they come from the Set-up page</source>
        <translation>Die echten Fluggeräte der Schule; sie kommen von der Seite Aufbau</translation>
    </message>
    <message>
        <source>Simulator</source>
        <translation>Simulator</translation>
    </message>
    <message>
        <source>Where the match is to be set; its own limits and steps count</source>
        <translation>Wo der Abgleich eingestellt werden soll; dessen Grenzen und Schritte zählen</translation>
    </message>
    <message>
        <source>keep the full-stick rate</source>
        <translation>Vollausschlag halten</translation>
    </message>
    <message>
        <source>The rate at full stick exactly, as near as the simulator&apos;s steps come</source>
        <translation>Die Rate bei Vollausschlag genau, so nah die Schritte des Simulators kommen</translation>
    </message>
    <message>
        <source>The slope at the centred stick exactly, as near as the simulator&apos;s steps come</source>
        <translation>Die Steigung in der Mitte genau, so nah die Schritte des Simulators kommen</translation>
    </message>
    <message>
        <source>by the pilot&apos;s stick use</source>
        <translation>nach Knüppelgebrauch</translation>
    </message>
    <message>
        <source>Where the pilot&apos;s sticks spend their time counts more; from the newest six flights, and the newest three recordings of practice outside. The bars behind the curves show it.</source>
        <translation>Wo die Knüppel des Piloten ihre Zeit verbringen, zählt mehr; aus den neuesten sechs Flügen und den neuesten drei Aufnahmen vom Üben auswärts. Die Balken hinter den Kurven zeigen es.</translation>
    </message>
    <message>
        <source>Roll stays as it is</source>
        <translation>Roll bleibt, wie es ist</translation>
    </message>
    <message>
        <source>Pitch stays as it is</source>
        <translation>Nick bleibt, wie es ist</translation>
    </message>
    <message>
        <source>Yaw takes the least part in the feel of a flight, and a changed yaw turns every habit of the eyes: it stays unless it is asked for (common practice)</source>
        <translation>Gier hat am Fluggefühl den kleinsten Anteil, und ein geändertes Gier wirft jede Gewohnheit der Augen um: es bleibt, wenn es nicht verlangt wird (gängige Praxis)</translation>
    </message>
    <message>
        <source>Leave %1 alone</source>
        <translation>%1 unverändert lassen</translation>
    </message>
    <message>
        <source>Hours on the practised rates before the aircraft changes</source>
        <translation>Stunden mit den geübten Drehraten, bevor sich das Fluggerät ändert</translation>
    </message>
    <message>
        <source> h first</source>
        <translation> h zuerst</translation>
    </message>
    <message>
        <source>So many hours have to be flown on the practised rates, and their handling ratings have to be steady, before they go on the aircraft (house)</source>
        <translation>So viele Stunden müssen mit den geübten Drehraten geflogen und ihre Bewertungen stetig sein, bevor sie ans Fluggerät gehen (Haus)</translation>
    </message>
    <message>
        <source>Try these</source>
        <translation>Diese probieren</translation>
    </message>
    <message>
        <source>Counts hours and handling ratings on the practised rates from now on</source>
        <translation>Zählt ab jetzt Stunden und Bewertungen mit den geübten Drehraten</translation>
    </message>
    <message>
        <source>Practise on the match</source>
        <translation>Mit dem Abgleich üben</translation>
    </message>
    <message>
        <source>The pilot&apos;s drills here are flown with these rates from now on, and the set-up card carries them; it can be undone</source>
        <translation>Die Übungen des Piloten werden hier ab jetzt mit diesen Drehraten geflogen, und die Einstellkarte trägt sie; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Read from a file</source>
        <translation>Aus Datei lesen</translation>
    </message>
    <message>
        <source>A rates file (.json), measured curves (.csv: stick, roll_dps, pitch_dps, yaw_dps), or a flight log of the real aircraft in acro (.csv), from which its rates are found</source>
        <translation>Eine Drehratendatei (.json), gemessene Kurven (.csv: stick, roll_dps, pitch_dps, yaw_dps) oder eine Flugaufzeichnung des echten Fluggeräts in acro (.csv), aus der seine Drehraten gefunden werden</translation>
    </message>
    <message>
        <source>Save table</source>
        <translation>Tabelle sichern</translation>
    </message>
    <message>
        <source>The curves as a table (.csv), or the match as a rates file (.json)</source>
        <translation>Die Kurven als Tabelle (.csv) oder den Abgleich als Drehratendatei (.json)</translation>
    </message>
    <message>
        <source>Save picture</source>
        <translation>Bild sichern</translation>
    </message>
    <message>
        <source>The curves as PNG or SVG</source>
        <translation>Die Kurven als PNG oder SVG</translation>
    </message>
    <message>
        <source>Rates file or flight log</source>
        <translation>Drehratendatei oder Flugaufzeichnung</translation>
    </message>
    <message>
        <source>Rates or flight log (*.json *.csv)</source>
        <translation>Drehraten oder Flugaufzeichnung (*.json *.csv)</translation>
    </message>
    <message>
        <source>Save the rates</source>
        <translation>Drehraten sichern</translation>
    </message>
    <message>
        <source>%1 could not be written.</source>
        <translation>%1 ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>Save the curves</source>
        <translation>Kurven sichern</translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg)</source>
        <translation>Bilder (*.png *.svg)</translation>
    </message>
    <message>
        <source>Whose rates are edited</source>
        <translation>Wessen Drehraten bearbeitet werden</translation>
    </message>
    <message>
        <source>real aircraft&apos;s rates</source>
        <translation>echtem Fluggerät</translation>
    </message>
    <message>
        <source>practised rates</source>
        <translation>geübte Drehraten</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>Numbers and handles of</source>
        <translation>Zahlen und Griffe von</translation>
    </message>
    <message>
        <source>Match</source>
        <translation>Abgleich</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Rat</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Time it</source>
        <translation>Stoppen</translation>
    </message>
    <message>
        <source>Feel it</source>
        <translation>Fühlen</translation>
    </message>
    <message>
        <source>Judge</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Solid: real aircraft · dashed: practised · amber: match · bars: how the stick is used</source>
        <translation>Durchgezogen: echtes Fluggerät · gestrichelt: geübt · bernstein: Abgleich · Balken: Knüppelgebrauch</translation>
    </message>
    <message>
        <source>Plan the change</source>
        <translation>Änderung planen</translation>
    </message>
    <message>
        <source>Add the real aircraft on the Set-up page first; its rates are matched here.</source>
        <translation>Zuerst das echte Fluggerät auf der Seite Aufbau anlegen; seine Drehraten werden hier abgeglichen.</translation>
    </message>
    <message>
        <source>No simulator lets its rates be set. Say on the Controller page, under Sheets, how yours does.</source>
        <translation>Kein Simulator lässt seine Drehraten einstellen. Auf der Seite Fernsteuerung unter Blätter sagen, wie Ihrer es tut.</translation>
    </message>
    <message>
        <source>%1 to the rates of %2: roll off %3 °/s, %4 then</source>
        <translation>%1 auf die Drehraten von %2: Roll weicht %3 °/s ab, dann %4</translation>
    </message>
    <message>
        <source>%1 in %2: roll off %3 °/s, %4 when matched</source>
        <translation>%1 in %2: Roll weicht %3 °/s ab, abgeglichen %4</translation>
    </message>
    <message>
        <source>This aircraft&apos;s own rates are not known yet: type what it is set to, or find out under &quot;Time it&quot;. Until then a learner&apos;s rates stand in.</source>
        <translation>Die Drehraten dieses Fluggeräts sind noch unbekannt: eintippen, worauf es eingestellt ist, oder unter „Stoppen“ herausfinden. Bis dahin stehen die eines Anfängers da.</translation>
    </message>
    <message>
        <source>Not matched yet. Hours count as on matched rates once the match is practised on.</source>
        <translation>Noch nicht abgeglichen. Stunden zählen als abgeglichen, sobald mit dem Abgleich geübt wird.</translation>
    </message>
    <message>
        <source>The match of %1 does not hold any more: %2.</source>
        <translation>Der Abgleich vom %1 gilt nicht mehr: %2.</translation>
    </message>
    <message>
        <source>Matched on %1; %2 h flown on matched rates so far.</source>
        <translation>Abgeglichen am %1; bisher %2 h damit geflogen.</translation>
    </message>
    <message>
        <source> On the real aircraft: high, open ground, panic switch at hand, never over water or people.</source>
        <translation> Am echten Fluggerät: hoch, freies Gelände, Notschalter zur Hand, nie über Wasser oder Menschen.</translation>
    </message>
    <message>
        <source>Nothing was changed: %1.</source>
        <translation>Nichts wurde geändert: %1.</translation>
    </message>
    <message>
        <source>How fast the real aircraft turns for each stick, and what to set in a simulator so that it turns alike.</source>
        <translation>Wie schnell sich das echte Fluggerät bei jedem Knüppel dreht, und was in einem Simulator einzustellen ist, damit es sich dort ebenso dreht.</translation>
    </message>
    <message>
        <source>Describe the real aircraft</source>
        <translation>Das echte Fluggerät beschreiben</translation>
    </message>
    <message>
        <source>keep the centre slope</source>
        <translation>Mittensteigung behalten</translation>
    </message>
    <message>
        <source>Whose numbers stand under the plots, and whose curve has the handles</source>
        <translation>Wessen Zahlen unter den Kurven stehen, und wessen Kurve die Griffe hat</translation>
    </message>
</context>
<context>
    <name>bh::desk::RecordWindow</name>
    <message>
        <source>Blue Hangar: the record</source>
        <translation>Blue Hangar: die Akte</translation>
    </message>
    <message>
        <source>State and copies</source>
        <translation>Stand und Kopien</translation>
    </message>
    <message>
        <source>People</source>
        <translation>Personen</translation>
    </message>
    <message>
        <source>Keeping and erasing</source>
        <translation>Aufbewahren und Löschen</translation>
    </message>
    <message>
        <source>House rules</source>
        <translation>Hausregeln</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Stations and keys</source>
        <translation>Stationen und Schlüssel</translation>
    </message>
</context>
<context>
    <name>bh::desk::ReleasePanel</name>
    <message>
        <source>Override gate</source>
        <translation>Übergehen</translation>
    </message>
    <message>
        <source>The chosen gate does not stand in the way, for this reason</source>
        <translation>Die gewählte Voraussetzung steht aus diesem Grund nicht im Weg</translation>
    </message>
    <message>
        <source>Who signs</source>
        <translation>Wer unterschreibt</translation>
    </message>
    <message>
        <source>Passphrase of the one who signs</source>
        <translation>Kennsatz dessen, der unterschreibt</translation>
    </message>
    <message>
        <source>passphrase</source>
        <translation>Kennsatz</translation>
    </message>
    <message>
        <source>The last day</source>
        <translation>Der letzte Tag</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Unterschreiben</translation>
    </message>
    <message>
        <source>Releases the pilot, with the coordinator&apos;s own key</source>
        <translation>Gibt den Piloten frei, mit dem eigenen Schlüssel des Koordinators</translation>
    </message>
    <message>
        <source>On paper …</source>
        <translation>Auf Papier …</translation>
    </message>
    <message>
        <source>The release with its gates, evidence and the record&apos;s head</source>
        <translation>Die Freigabe mit Voraussetzungen, Belegen und dem Stand der Akte</translation>
    </message>
    <message>
        <source>Withdraw</source>
        <translation>Zurückziehen</translation>
    </message>
    <message>
        <source>Choose a gate that is not met to give a reason, or write why a release is withdrawn</source>
        <translation>Eine nicht erfüllte Voraussetzung wählen, um einen Grund zu geben, oder schreiben, warum eine Freigabe zurückgezogen wird</translation>
    </message>
    <message>
        <source>Why &quot;%1&quot; does not stand in the way</source>
        <translation>Warum „%1“ nicht im Weg steht</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not met: choose it, give a reason why it does not stand in the way, or wait.</source>
        <translation>„%1“ ist nicht erfüllt: wählen, einen Grund geben, warum es nicht im Weg steht, oder warten.</translation>
    </message>
    <message>
        <source>Withdrawn.</source>
        <translation>Zurückgezogen.</translation>
    </message>
    <message>
        <source>release.pdf</source>
        <translation>freigabe.pdf</translation>
    </message>
    <message>
        <source>Release to a real aircraft</source>
        <translation>Freigabe für ein echtes Fluggerät</translation>
    </message>
    <message>
        <source>Not released. A coordinator signs for one aircraft, its rates and one site; %1 gates are overridden with a reason.</source>
        <translation>Nicht freigegeben. Ein Koordinator unterschreibt für ein Fluggerät, seine Drehraten und einen Platz; %1 Voraussetzungen sind mit Grund übergangen.</translation>
    </message>
    <message>
        <source>Released by %1 on %2 for %3 at %4, until %5.</source>
        <translation>Freigegeben von %1 am %2 für %3 in %4, bis %5.</translation>
    </message>
    <message>
        <source>somebody</source>
        <translation>jemand</translation>
    </message>
    <message>
        <source> One gate was overridden.</source>
        <translation> Eine Voraussetzung wurde übergangen.</translation>
    </message>
    <message>
        <source> %1 gates were overridden.</source>
        <translation> %1 Voraussetzungen wurden übergangen.</translation>
    </message>
    <message>
        <source> The signature does not hold.</source>
        <translation> Die Signatur hält nicht.</translation>
    </message>
    <message>
        <source> Withdrawn: %1.</source>
        <translation> Zurückgezogen: %1.</translation>
    </message>
    <message>
        <source> It has run out.</source>
        <translation> Sie ist abgelaufen.</translation>
    </message>
    <message>
        <source>who signs</source>
        <translation>wer unterschreibt</translation>
    </message>
    <message>
        <source>&apos;until&apos; d MMM yyyy</source>
        <comment>day, month and year, as QLocale::toString has them</comment>
        <translation>&apos;bis&apos; d. MMM yyyy</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Begründung</translation>
    </message>
    <message>
        <source>It holds no more, for the reason in the line below, signed by whoever is chosen there with a passphrase</source>
        <translation>Sie gilt nicht mehr, aus dem Grund in der Zeile darunter, mit Passphrase unterschrieben von der dort gewählten Person</translation>
    </message>
</context>
<context>
    <name>bh::desk::ReplayView</name>
    <message>
        <source>The flight at the cursor</source>
        <translation>Der Flug an der Marke</translation>
    </message>
    <message>
        <source>No flight is shown.</source>
        <translation>Es wird kein Flug gezeigt.</translation>
    </message>
</context>
<context>
    <name>bh::desk::RoomPanel</name>
    <message>
        <source>Another view</source>
        <translation>Andere Sicht</translation>
    </message>
    <message>
        <source>From behind the aircraft, from the pilot&apos;s place, from the aircraft</source>
        <translation>Von hinter dem Fluggerät, vom Platz des Piloten, aus dem Fluggerät</translation>
    </message>
    <message>
        <source>Stop watching</source>
        <translation>Zusehen beenden</translation>
    </message>
    <message>
        <source>No other station</source>
        <translation>Keine andere Station</translation>
    </message>
    <message>
        <source>1 other station, %1 flying</source>
        <translation>1 andere Station, %1 fliegt</translation>
    </message>
    <message>
        <source>%1 other stations, %2 flying</source>
        <translation>%1 andere Stationen, %2 fliegen</translation>
    </message>
    <message>
        <source>The server is away, and the other stations cannot be seen. What is flown here is kept here and handed over when it is back.</source>
        <translation>Der Server ist weg, und die anderen Stationen sind nicht zu sehen. Was hier geflogen wird, bleibt hier und wird übergeben, wenn er wieder da ist.</translation>
    </message>
    <message>
        <source>Every station that works on this record is seen here while it runs: who sits there, what is flown, the marks so far and both sticks. Start Blue Hangar at another station with the same record.</source>
        <translation>Jede Station, die an dieser Akte arbeitet, ist hier zu sehen, solange sie läuft: wer dort sitzt, was geflogen wird, die Punkte bis jetzt und beide Knüppel. Blue Hangar an einer anderen Station mit derselben Akte starten.</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
</context>
<context>
    <name>bh::desk::Roster</name>
    <message>
        <source>Pilots</source>
        <translation>Piloten</translation>
    </message>
    <message>
        <source>Type to find a pilot</source>
        <translation>Piloten finden …</translation>
    </message>
    <message>
        <source>Find a pilot</source>
        <translation>Piloten finden</translation>
    </message>
    <message>
        <source>No pilots yet. Type a name below and press Enter to add the first one.</source>
        <translation>Noch keine Piloten. Unten einen Namen tippen und Enter drücken, um den ersten anzulegen.</translation>
    </message>
    <message>
        <source>New pilot&apos;s name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Name of a new pilot</source>
        <translation>Name eines neuen Piloten</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Name of the chosen pilot</source>
        <translation>Name des gewählten Piloten</translation>
    </message>
    <message>
        <source>Hours wanted before a first flight</source>
        <translation>Vor einem Erstflug gewünschte Stunden</translation>
    </message>
    <message>
        <source>Practice hours wanted before a first real flight. 20 h is the low end, 50 h the comfortable one (common practice, no source).</source>
        <translation>Vor dem ersten echten Flug gewünschte Übungsstunden. 20 h ist das untere Ende, 50 h das komfortable (gängige Praxis, ohne Quelle).</translation>
    </message>
    <message>
        <source> h</source>
        <translation> h</translation>
    </message>
    <message>
        <source>Chosen pilot</source>
        <translation>Gewählter Pilot</translation>
    </message>
    <message>
        <source>Target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Has left</source>
        <translation>Ist gegangen</translation>
    </message>
    <message>
        <source>Takes the pilot off the list; everything stays on the record, and Ctrl+Z brings the pilot back</source>
        <translation>Nimmt den Piloten aus der Liste; alles bleibt in der Akte, und Strg+Z bringt ihn zurück</translation>
    </message>
</context>
<context>
    <name>bh::desk::RulesDialog</name>
    <message>
        <source>Coaching rules</source>
        <translation>Trainingsregeln</translation>
    </message>
    <message>
        <source>Rules in the order in which they are tried</source>
        <translation>Regeln in der Reihenfolge, in der sie probiert werden</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>One change</source>
        <translation>Eine Änderung</translation>
    </message>
    <message>
        <source>told</source>
        <translation>gesagt</translation>
    </message>
    <message>
        <source>followed</source>
        <translation>befolgt</translation>
    </message>
    <message>
        <source>helped</source>
        <translation>half</translation>
    </message>
    <message>
        <source>no sign</source>
        <translation>kein Zeichen</translation>
    </message>
    <message>
        <source>worse</source>
        <translation>schlechter</translation>
    </message>
    <message>
        <source>So often in the flight</source>
        <translation>So oft im Flug</translation>
    </message>
    <message>
        <source>In so many flights</source>
        <translation>In so vielen Flügen</translation>
    </message>
    <message>
        <source>Of the last so many</source>
        <translation>Der letzten so vielen</translation>
    </message>
    <message>
        <source>What is set</source>
        <translation>Was eingestellt wird</translation>
    </message>
    <message>
        <source>Share of the marks lost that should come back</source>
        <translation>Anteil der verlorenen Punkte, der zurückkommen soll</translation>
    </message>
    <message>
        <source>Share by which the measure should fall</source>
        <translation>Anteil, um den das Maß fallen soll</translation>
    </message>
    <message>
        <source>Keep the change</source>
        <translation>Änderung behalten</translation>
    </message>
    <message>
        <source>As a new version of the rules; it can be undone</source>
        <translation>Als neue Version der Regeln; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Back to the debrief</source>
        <translation>Zurück zur Auswertung</translation>
    </message>
    <message>
        <source>faults in the flight, at least</source>
        <translation>Fehler im Flug, mindestens</translation>
    </message>
    <message>
        <source>in flights</source>
        <translation>in Flügen</translation>
    </message>
    <message>
        <source>of the last</source>
        <translation>der letzten</translation>
    </message>
    <message>
        <source>sets</source>
        <translation>stellt ein</translation>
    </message>
    <message>
        <source>share of lost marks back</source>
        <translation>Anteil Punkte zurück</translation>
    </message>
    <message>
        <source>share the measure falls</source>
        <translation>Anteil, den das Maß fällt</translation>
    </message>
    <message>
        <source>Likely cause</source>
        <translation>Wahrscheinliche Ursache</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Dann</translation>
    </message>
    <message>
        <source>Version %1. Of the rules about one finding the first that can be given is given: what is set already is left out, and what was followed and did not help a pilot is not told to that pilot again. House, and common practice without a source.</source>
        <translation>Version %1. Von den Regeln zu einem Befund gilt die erste, die sich geben lässt: was schon eingestellt ist, entfällt, und was befolgt wurde und nicht half, wird diesem Piloten nicht noch einmal gesagt. Haus und gängige Praxis ohne Quelle.</translation>
    </message>
    <message>
        <source>Say what is to be changed.</source>
        <translation>Sagen, was zu ändern ist.</translation>
    </message>
    <message>
        <source>Kept as version %1.</source>
        <translation>Behalten als Version %1.</translation>
    </message>
</context>
<context>
    <name>bh::desk::ScoreCard</name>
    <message>
        <source>each time</source>
        <translation>jedes Mal</translation>
    </message>
    <message>
        <source>begin, end</source>
        <translation>Beginn, Ende</translation>
    </message>
    <message>
        <source>out, back in</source>
        <translation>hinaus, zurück</translation>
    </message>
    <message>
        <source>judge it</source>
        <translation>beurteilen</translation>
    </message>
    <message>
        <source>from the sticks</source>
        <translation>aus den Knüppeln</translation>
    </message>
    <message>
        <source>follows</source>
        <translation>folgt</translation>
    </message>
    <message>
        <source>Score card for a drill flown in another simulator</source>
        <translation>Wertungskarte für eine Übung in einem anderen Simulator</translation>
    </message>
    <message>
        <source>Stopwatch from start to end, as pressed here.</source>
        <translation>Stoppuhr von Anfang bis Ende, wie hier gedrückt.</translation>
    </message>
    <message>
        <source>Criteria, each with its key</source>
        <translation>Kriterien, jedes mit seiner Taste</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Taste</translation>
    </message>
    <message>
        <source>Watch for</source>
        <translation>Achten auf</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Drücken</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>Not passed / pass / merit</source>
        <translation>Grenzwerte</translation>
    </message>
    <message>
        <source>Press it; Backspace takes the last one back.</source>
        <translation>Drücken; Rücktaste nimmt das letzte zurück.</translation>
    </message>
    <message>
        <source>The drill&apos;s criteria; what is not judged has no weight, but a &quot;must&quot; has to be judged to pass.</source>
        <translation>Die Kriterien der Übung; was nicht beurteilt wird, wiegt nichts, aber ein „muss“ muss zum Bestehen beurteilt sein.</translation>
    </message>
    <message>
        <source>How the key is meant.</source>
        <translation>Wie die Taste gemeint ist.</translation>
    </message>
    <message>
        <source>As pressed so far; from the sticks where &quot;Watch outside&quot; is on.</source>
        <translation>Wie bisher gedrückt; aus den Knüppeln, wo „Auswärts zusehen“ an ist.</translation>
    </message>
    <message>
        <source>The drill&apos;s own limits.</source>
        <translation>Die eigenen Grenzwerte der Übung.</translation>
    </message>
    <message>
        <source>Simulator it is flown in</source>
        <translation>Simulator, in dem geflogen wird</translation>
    </message>
    <message>
        <source>Where it is flown; the attempt says so</source>
        <translation>Wo geflogen wird; der Versuch sagt es</translation>
    </message>
    <message>
        <source>another simulator</source>
        <translation>ein anderer Simulator</translation>
    </message>
    <message>
        <source>Flown in</source>
        <translation>Geflogen in</translation>
    </message>
    <message>
        <source>Start (Space)</source>
        <translation>Start (Leer)</translation>
    </message>
    <message>
        <source>Starts and stops the watch</source>
        <translation>Startet und stoppt die Uhr</translation>
    </message>
    <message>
        <source>Crash (C)</source>
        <translation>Absturz (C)</translation>
    </message>
    <message>
        <source>Counts a crash and times the throttle</source>
        <translation>Zählt einen Absturz und stoppt das Gas</translation>
    </message>
    <message>
        <source>Throttle cut (T)</source>
        <translation>Gas weg (T)</translation>
    </message>
    <message>
        <source>The throttle is at the bottom after the crash</source>
        <translation>Das Gas ist nach dem Absturz unten</translation>
    </message>
    <message>
        <source>Next (Enter)</source>
        <translation>Weiter (Enter)</translation>
    </message>
    <message>
        <source>Goes on to the next instruction</source>
        <translation>Geht zur nächsten Anweisung</translation>
    </message>
    <message>
        <source>Broken off (X)</source>
        <translation>Abbruch (X)</translation>
    </message>
    <message>
        <source>Ends it before the drill was flown to its end</source>
        <translation>Beendet sie, bevor die Übung zu Ende geflogen ist</translation>
    </message>
    <message>
        <source>Keep (K)</source>
        <translation>Behalten (K)</translation>
    </message>
    <message>
        <source>Onto the pilot&apos;s record, marked as observed</source>
        <translation>In die Akte des Piloten, als beobachtet gekennzeichnet</translation>
    </message>
    <message>
        <source> (must)</source>
        <translation> (muss)</translation>
    </message>
    <message>
        <source> (to hold)</source>
        <translation> (Können)</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>Taste %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Kept as observed in %1. Space scores another one.</source>
        <translation>Als beobachtet in %1 behalten. Leertaste wertet noch eine.</translation>
    </message>
    <message>
        <source>%1, by eye</source>
        <translation>%1, nach Augenmaß</translation>
    </message>
    <message>
        <source>By eye</source>
        <translation>Augenmaß</translation>
    </message>
    <message>
        <source>Done (Space)</source>
        <translation>Fertig (Leer)</translation>
    </message>
    <message>
        <source>Again (Space)</source>
        <translation>Neu (Leer)</translation>
    </message>
    <message>
        <source>Choose a drill that flies; sticks that follow a demonstration are scored in the flight.</source>
        <translation>Eine Übung wählen, die fliegt; Knüppel, die einer Vorführung folgen, werden im Flug gewertet.</translation>
    </message>
    <message>
        <source>Add a pilot on the left first; the attempt is kept on the pilot&apos;s record.</source>
        <translation>Zuerst links einen Piloten anlegen; der Versuch kommt in die Akte des Piloten.</translation>
    </message>
    <message>
        <source>Crashed: press T when the throttle is at the bottom.</source>
        <translation>Abgestürzt: T drücken, wenn das Gas unten ist.</translation>
    </message>
    <message>
        <source>Press a key when it happens; Backspace takes the last one back. Space ends it.</source>
        <translation>Eine Taste drücken, wenn es geschieht; Rücktaste nimmt das letzte zurück. Leertaste beendet.</translation>
    </message>
    <message>
        <source>The pilot flies in the other simulator; you keep the keys. Turn on &quot;Watch outside&quot; to have the sticks measured too. Space starts.</source>
        <translation>Der Pilot fliegt im anderen Simulator; Sie führen die Tasten. „Auswärts zusehen“ einschalten, um auch die Knüppel zu messen. Leertaste startet.</translation>
    </message>
    <message>
        <source>%1. %2 K keeps it.</source>
        <translation>%1. %2 K behält es.</translation>
    </message>
</context>
<context>
    <name>bh::desk::SessionModel</name>
    <message>
        <source>Entered by hand: %1</source>
        <translation>Von Hand eingetragen: %1</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>Bildschirm</translation>
    </message>
    <message>
        <source>goggles</source>
        <translation>Brille</translation>
    </message>
    <message>
        <source>✕ struck out: %1</source>
        <translation>✕ gestrichen: %1</translation>
    </message>
    <message>
        <source>running</source>
        <translation>läuft</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>another program</source>
        <translation>auswärts</translation>
    </message>
    <message>
        <source>matched</source>
        <translation>abgeglichen</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>Practice session</source>
        <translation>Übungssitzung</translation>
    </message>
    <message>
        <source>Active</source>
        <translation>Aktiv</translation>
    </message>
    <message>
        <source>Idle</source>
        <translation>Ruhend</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Flüge</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
</context>
<context>
    <name>bh::desk::SetupPage</name>
    <message>
        <source>Settings and card</source>
        <translation>Einstellblatt und Karte</translation>
    </message>
    <message>
        <source>The settings sheets on the Controller page; the set-up card there carries this set-up too</source>
        <translation>Die Einstellblätter auf der Seite Fernsteuerung; die Einstellkarte dort trägt auch diesen Aufbau</translation>
    </message>
    <message>
        <source>Aircraft and camera</source>
        <translation>Fluggerät und Kamera</translation>
    </message>
    <message>
        <source>Real day</source>
        <translation>Echter Tag</translation>
    </message>
    <message>
        <source>Way back</source>
        <translation>Rückweg</translation>
    </message>
    <message>
        <source>World to fly in</source>
        <translation>Welt zum Fliegen</translation>
    </message>
    <message>
        <source>Flight mode</source>
        <translation>Flugmodus</translation>
    </message>
    <message>
        <source>acro mode</source>
        <translation>Modus acro</translation>
    </message>
    <message>
        <source>angle mode</source>
        <translation>Modus angle</translation>
    </message>
    <message>
        <source>horizon mode</source>
        <translation>Modus horizon</translation>
    </message>
    <message>
        <source>position-hold</source>
        <translation>Positionshalten</translation>
    </message>
    <message>
        <source>position-hold, sport</source>
        <translation>Positionshalten, sport</translation>
    </message>
    <message>
        <source>Fly it as set</source>
        <translation>So fliegen</translation>
    </message>
    <message>
        <source>A free flight in the built-in world with this aircraft, camera, rates and day; the time counts as practice, nothing is scored</source>
        <translation>Ein Freiflug in der eingebauten Welt mit diesem Fluggerät, dieser Kamera, diesen Drehraten und diesem Tag; die Zeit zählt als Übungszeit, nichts wird gewertet</translation>
    </message>
    <message>
        <source>Free flight in</source>
        <translation>Freiflug in</translation>
    </message>
    <message>
        <source>The pilot&apos;s real aircraft</source>
        <translation>Das echte Fluggerät des Piloten</translation>
    </message>
    <message>
        <source>New real aircraft&apos;s name</source>
        <translation>Name des neuen echten Fluggeräts</translation>
    </message>
    <message>
        <source>Name of a new real aircraft</source>
        <translation>Name eines neuen echten Fluggeräts</translation>
    </message>
    <message>
        <source>Real aircraft</source>
        <translation>Echtes Fluggerät</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>A real aircraft of this name, as the one that is shown; then its own numbers</source>
        <translation>Ein echtes Fluggerät dieses Namens, wie das gezeigte; dann seine eigenen Zahlen</translation>
    </message>
    <message>
        <source>Camera tilt</source>
        <translation>Kameraneigung</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>Against the airframe, upwards. Learners 20–30°, tiny indoor craft 15°, 45–55° only for fast flying (common practice).</source>
        <translation>Gegen den Rahmen, nach oben. Anfänger 20–30°, kleine für drinnen 15°, 45–55° nur für schnelles Fliegen (gängige Praxis).</translation>
    </message>
    <message>
        <source>Field of view</source>
        <translation>Blickwinkel</translation>
    </message>
    <message>
        <source>Horizontal angle of the picture; 110–120° is usual (common practice).</source>
        <translation>Waagerechter Winkel des Bilds; 110–120° ist üblich (gängige Praxis).</translation>
    </message>
    <message>
        <source>Roll and pitch at full stick</source>
        <translation>Roll und Nick bei Vollausschlag</translation>
    </message>
    <message>
        <source>Yaw at full stick</source>
        <translation>Gier bei Vollausschlag</translation>
    </message>
    <message>
        <source>Propeller size</source>
        <translation>Propellergröße</translation>
    </message>
    <message>
        <source>Propeller power</source>
        <translation>Propellerleistung</translation>
    </message>
    <message>
        <source>Diameter against the aircraft&apos;s own; at the same speed of rotation thrust goes with its fourth power (common text).</source>
        <translation>Durchmesser gegen die eigenen des Fluggeräts; bei gleicher Drehzahl geht der Schub mit der vierten Potenz (Lehrbuch).</translation>
    </message>
    <message>
        <source>Share of full power; thrust goes with power to 2/3 (momentum theory). Learners at low tilt: about 80 % (common practice).</source>
        <translation>Anteil der vollen Leistung; Schub geht mit Leistung hoch 2/3 (Impulstheorie). Anfänger bei geringer Neigung: etwa 80 % (gängige Praxis).</translation>
    </message>
    <message>
        <source>Touchy: more than 0.45 m/s² per 1 % of throttle for a learner, 0.9 otherwise (house). A pilot is a learner until every stage is held.</source>
        <translation>Nervös: mehr als 0,45 m/s² je 1 % Gas für Anfänger, sonst 0,9 (Haus). Ein Pilot ist Anfänger, bis jede Stufe sitzt.</translation>
    </message>
    <message>
        <source>Roll, pitch</source>
        <translation>Roll, Nick</translation>
    </message>
    <message>
        <source>Yaw</source>
        <translation>Gier</translation>
    </message>
    <message>
        <source>What the set-up does</source>
        <translation>Was der Aufbau bewirkt</translation>
    </message>
    <message>
        <source>At this tilt</source>
        <translation>Bei dieser Neigung</translation>
    </message>
    <message>
        <source>As it comes</source>
        <translation>Wie geliefert</translation>
    </message>
    <message>
        <source>As set</source>
        <translation>Wie eingestellt</translation>
    </message>
    <message>
        <source>Level flight with the horizon centred, sea-level standard air (ISO 2533) or as warm as the day is set.</source>
        <translation>Horizontalflug mit dem Horizont in der Mitte, Normluft auf Meereshöhe (ISO 2533) oder so warm wie der Tag eingestellt ist.</translation>
    </message>
    <message>
        <source>The simulated aircraft with its own propellers at full power.</source>
        <translation>Das simulierte Fluggerät mit eigenen Propellern bei voller Leistung.</translation>
    </message>
    <message>
        <source>With the propellers and the power set above, from the flight&apos;s own equations.</source>
        <translation>Mit den Propellern und der Leistung von oben, aus den Gleichungen des Flugs selbst.</translation>
    </message>
    <message>
        <source>These rates are measured points, which are not set; the Rates page says them in other numbers.</source>
        <translation>Diese Drehraten sind gemessene Punkte und werden nicht eingestellt; die Seite Drehraten sagt sie in anderen Zahlen.</translation>
    </message>
    <message>
        <source>Learners about 300 °/s (common practice).</source>
        <translation>Anfänger etwa 300 °/s (gängige Praxis).</translation>
    </message>
    <message>
        <source>Learners about 350 °/s, down to 250 while they rock (common practice). The centre&apos;s slope goes along in proportion.</source>
        <translation>Anfänger etwa 350 °/s, bis 250 hinunter, solange sie schaukeln (gängige Praxis). Die Steigung in der Mitte geht mit.</translation>
    </message>
    <message>
        <source>Add a pilot on the left first; the set-up is kept on the pilot&apos;s record.</source>
        <translation>Zuerst links einen Piloten anlegen; der Aufbau kommt in die Akte des Piloten.</translation>
    </message>
    <message>
        <source>%1 has no set-up yet: choose the real aircraft, then the nearest simulated one.</source>
        <translation>%1 hat noch keinen Aufbau: das echte Fluggerät wählen, dann das ähnlichste simulierte.</translation>
    </message>
    <message>
        <source>%1&apos;s set-up of %2</source>
        <translation>Aufbau von %1 vom %2</translation>
    </message>
    <message>
        <source>not chosen</source>
        <translation>nicht gewählt</translation>
    </message>
    <message>
        <source>Simulated aircraft, the nearest first</source>
        <translation>Simulierte Fluggeräte, das ähnlichste zuerst</translation>
    </message>
    <message>
        <source>Simulated aircraft</source>
        <translation>Simuliertes Fluggerät</translation>
    </message>
    <message>
        <source>Propellers: %1 % of %2 mm</source>
        <translation>Propeller: %1 % von %2 mm</translation>
    </message>
    <message>
        <source>Propeller power: %1 %</source>
        <translation>Propellerleistung: %1 %</translation>
    </message>
    <message>
        <source>Speed, horizon centred</source>
        <translation>Tempo, Horizont mittig</translation>
    </message>
    <message>
        <source>m/s</source>
        <translation>m/s</translation>
    </message>
    <message>
        <source>Throttle for that</source>
        <translation>Gas dafür</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>Hover throttle</source>
        <translation>Gas im Schweben</translation>
    </message>
    <message>
        <source>Thrust / weight</source>
        <translation>Schub / Gewicht</translation>
    </message>
    <message>
        <source>Height per 1 % throttle, hover</source>
        <translation>Höhe je 1 % Gas, Schweben</translation>
    </message>
    <message>
        <source>m/s²</source>
        <translation>m/s²</translation>
    </message>
    <message>
        <source>Height per 1 % throttle, this tilt</source>
        <translation>Höhe je 1 % Gas, geneigt</translation>
    </message>
    <message>
        <source>Speed per 1 % throttle, this tilt</source>
        <translation>Tempo je 1 % Gas, geneigt</translation>
    </message>
    <message>
        <source>Full roll at full stick</source>
        <translation>Volle Rolle bei Vollausschlag</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>Nothing to warn of for a learner.</source>
        <translation>Nichts zu warnen für einen Anfänger.</translation>
    </message>
    <message>
        <source>Nothing to warn of.</source>
        <translation>Nichts zu warnen.</translation>
    </message>
    <message>
        <source>The real aircraft that is to be flown one day, the practice aircraft nearest to it, and what to set.</source>
        <translation>Das echte Fluggerät, das einmal geflogen werden soll, das ähnlichste zum Üben, und was einzustellen ist.</translation>
    </message>
    <message>
        <source> °/s</source>
        <translation> °/s</translation>
    </message>
</context>
<context>
    <name>bh::desk::SheetPanel</name>
    <message>
        <source>Simulators</source>
        <translation>Simulatoren</translation>
    </message>
    <message>
        <source>Name of a new simulator</source>
        <translation>Name eines neuen Simulators</translation>
    </message>
    <message>
        <source>What it expects</source>
        <translation>Was er erwartet</translation>
    </message>
    <message>
        <source>Find out</source>
        <translation>Herausfinden</translation>
    </message>
    <message>
        <source>What to set in the simulator</source>
        <translation>Was im Simulator einzustellen ist</translation>
    </message>
    <message>
        <source>From this simulator&apos;s conventions, as set at the right, and from the calibration: whether the throttle has a spring.</source>
        <translation>Aus den Gepflogenheiten dieses Simulators, wie rechts eingestellt, und aus der Kalibrierung: ob das Gas eine Feder hat.</translation>
    </message>
    <message>
        <source>Hold beside</source>
        <translation>Danebenhalten</translation>
    </message>
    <message>
        <source>A small window with the sheet that stays above the simulator&apos;s settings</source>
        <translation>Ein kleines Fenster mit dem Blatt, das über den Einstellungen des Simulators bleibt</translation>
    </message>
    <message>
        <source>Set-up card (PDF)</source>
        <translation>Einstellkarte (PDF)</translation>
    </message>
    <message>
        <source>Calibrate the controller first (F9): the sheet follows from its calibration.</source>
        <translation>Zuerst die Fernsteuerung kalibrieren (F9): das Blatt folgt aus ihrer Kalibrierung.</translation>
    </message>
    <message>
        <source>In %1, for %2, set</source>
        <translation>In %1, für %2, einstellen</translation>
    </message>
    <message>
        <source>Function</source>
        <translation>Funktion</translation>
    </message>
    <message>
        <source>Range</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>The lines in the order of this simulator&apos;s settings.</source>
        <translation>Die Zeilen in der Reihenfolge der Einstellungen dieses Simulators.</translation>
    </message>
    <message>
        <source>Device axis found by the calibration, counted from 0, plus %1, the number that this simulator gives to the first axis.</source>
        <translation>Die von der Kalibrierung gefundene Geräteachse, ab 0 gezählt, plus %1, die Nummer, die dieser Simulator der ersten Achse gibt.</translation>
    </message>
    <message>
        <source>Ticked when the controller&apos;s counts, as calibrated, rise the other way than this simulator expects.</source>
        <translation>Angehakt, wenn die Zählwerte der kalibrierten Fernsteuerung andersherum steigen, als dieser Simulator erwartet.</translation>
    </message>
    <message>
        <source>Upper half where this simulator takes the throttle&apos;s middle for no power, full otherwise.</source>
        <translation>Obere Hälfte, wo dieser Simulator die Mitte des Gases als keine Leistung nimmt, sonst ganz.</translation>
    </message>
    <message>
        <source>☑ yes</source>
        <translation>☑ ja</translation>
    </message>
    <message>
        <source>☐ no</source>
        <translation>☐ nein</translation>
    </message>
    <message>
        <source>Rates, matched on %1 with %2</source>
        <translation>Drehraten, abgeglichen am %1 mit %2</translation>
    </message>
    <message>
        <source>the real aircraft</source>
        <translation>dem echten Fluggerät</translation>
    </message>
    <message>
        <source>Rates, the nearest here to those matched on %1</source>
        <translation>Drehraten, die hier nächsten zu den am %1 abgeglichenen</translation>
    </message>
    <message>
        <source>Rates practised; the match of %1 does not hold any more</source>
        <translation>Geübte Drehraten; der Abgleich vom %1 gilt nicht mehr</translation>
    </message>
    <message>
        <source>Rates practised, not matched yet</source>
        <translation>Geübte Drehraten, noch nicht abgeglichen</translation>
    </message>
    <message>
        <source>cannot be set</source>
        <translation>nicht einstellbar</translation>
    </message>
    <message>
        <source>Roll and pitch: %1</source>
        <translation>Roll und Nick: %1</translation>
    </message>
    <message>
        <source>Roll: %1</source>
        <translation>Roll: %1</translation>
    </message>
    <message>
        <source>Pitch: %1</source>
        <translation>Nick: %1</translation>
    </message>
    <message>
        <source>Yaw: %1</source>
        <translation>Gier: %1</translation>
    </message>
    <message>
        <source>Nothing is known of it yet: the sheet holds the commonest conventions.</source>
        <translation>Noch ist nichts über ihn bekannt: das Blatt enthält die häufigsten Gepflogenheiten.</translation>
    </message>
    <message>
        <source>All of it fits: the sheet is right.</source>
        <translation>Alles passt: das Blatt stimmt.</translation>
    </message>
    <message>
        <source>The sheet has been put right. Set it again, and push once more to make sure.</source>
        <translation>Das Blatt wurde berichtigt. Neu einstellen und zur Sicherheit noch einmal drücken.</translation>
    </message>
    <message>
        <source>Say first what it did.</source>
        <translation>Zuerst sagen, was es tat.</translation>
    </message>
    <message>
        <source>Some functions have not been seen to answer yet: set the sheet as it stands now and push those.</source>
        <translation>Einige Funktionen sah man noch nicht antworten: das Blatt einstellen, wie es jetzt steht, und diese drücken.</translation>
    </message>
    <message>
        <source>Save the set-up card</source>
        <translation>Einstellkarte sichern</translation>
    </message>
    <message>
        <source>set-up card %1.pdf</source>
        <translation>einstellkarte %1.pdf</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Gesichert als %1.</translation>
    </message>
    <message>
        <source>%1 could not be written, expected a place where files may be written.</source>
        <translation>%1 ließ sich nicht schreiben; erwartet wird ein Ort, an den geschrieben werden darf.</translation>
    </message>
    <message>
        <source>New simulator</source>
        <translation>Neuer Simulator</translation>
    </message>
</context>
<context>
    <name>bh::desk::SicknessDialog</name>
    <message>
        <source>How %1 feels</source>
        <translation>Wie es %1 geht</translation>
    </message>
    <message>
        <source>the pilot</source>
        <translation>dem Piloten</translation>
    </message>
    <message>
        <source>Before or after practice</source>
        <translation>Vor oder nach dem Üben</translation>
    </message>
    <message>
        <source>after practice</source>
        <translation>nach dem Üben</translation>
    </message>
    <message>
        <source>before practice</source>
        <translation>vor dem Üben</translation>
    </message>
    <message>
        <source>What is looked at</source>
        <translation>Worauf geschaut wird</translation>
    </message>
    <message>
        <source>by a screen</source>
        <translation>am Bildschirm</translation>
    </message>
    <message>
        <source>by goggles</source>
        <translation>mit Brille</translation>
    </message>
    <message>
        <source>Keys 0 none, 1 slight, 2 moderate, 3 severe: each goes on to the next line.</source>
        <translation>Tasten 0 keine, 1 leicht, 2 mäßig, 3 stark: jede geht zur nächsten Zeile.</translation>
    </message>
    <message>
        <source>Symptoms</source>
        <translation>Beschwerden</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>Not asked before.</source>
        <translation>Vorher nicht gefragt.</translation>
    </message>
    <message>
        <source>Total before: %1</source>
        <translation>Summe vorher: %1</translation>
    </message>
    <message>
        <source>Keep the answers</source>
        <translation>Antworten behalten</translation>
    </message>
    <message>
        <source>On the record, dated now</source>
        <translation>In die Akte, mit heutigem Datum</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Nothing is kept</source>
        <translation>Nichts wird behalten</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 lines to answer.</source>
        <translation>%1 Zeilen zu beantworten.</translation>
    </message>
    <message>
        <source>Nausea %1, eyes %2, disorientation %3; total %4.</source>
        <translation>Übelkeit %1, Augen %2, Desorientierung %3; Summe %4.</translation>
    </message>
    <message>
        <source> Over %1 (house): go on by the screen, rest, and no real aircraft today.</source>
        <translation> Über %1 (Haus): am Bildschirm weiter, Pause, und heute kein echtes Fluggerät.</translation>
    </message>
    <message>
        <source> Not over %1 (house).</source>
        <translation> Nicht über %1 (Haus).</translation>
    </message>
</context>
<context>
    <name>bh::desk::SicknessPanel</name>
    <message>
        <source>Sixteen symptoms, 0 to 3 each, weighted as by Kennedy, Lane, Berbaum and Lilienthal (1993). Discs: in goggles; rings: by the screen; small: asked before a session. The dashed line is the house&apos;s limit: above it the screen, a rest, and no real aircraft that day.</source>
        <translation>Sechzehn Beschwerden, je 0 bis 3, gewichtet nach Kennedy, Lane, Berbaum und Lilienthal (1993). Scheiben: mit Brille; Ringe: am Bildschirm; klein: vor einer Sitzung gefragt. Die gestrichelte Linie ist der Grenzwert des Hauses: darüber Bildschirm, Pause und an dem Tag kein echtes Fluggerät.</translation>
    </message>
    <message>
        <source>Ask how the pilot feels</source>
        <translation>Fragen, wie es dem Piloten geht</translation>
    </message>
    <message>
        <source>Sixteen questions by keys, a minute</source>
        <translation>Sechzehn Fragen mit Tasten, eine Minute</translation>
    </message>
    <message>
        <source>Choose a pilot on the left.</source>
        <translation>Links einen Piloten wählen.</translation>
    </message>
    <message>
        <source>questionnaire, total</source>
        <translation>Fragebogen, Summe</translation>
    </message>
</context>
<context>
    <name>bh::desk::SideBySide</name>
    <message>
        <source>Drag: how the two parts share the room</source>
        <translation>Ziehen: wie sich die beiden Teile den Raum teilen</translation>
    </message>
</context>
<context>
    <name>bh::desk::SimulatorEditor</name>
    <message>
        <source>Axes</source>
        <translation>Achsen</translation>
    </message>
    <message>
        <source>First axis is</source>
        <translation>Erste Achse ist</translation>
    </message>
    <message>
        <source>Some simulators count a device&apos;s axes from 0, some from 1.</source>
        <translation>Manche Simulatoren zählen die Achsen eines Geräts ab 0, manche ab 1.</translation>
    </message>
    <message>
        <source>Word for axis</source>
        <translation>Wort für Achse</translation>
    </message>
    <message>
        <source>The word in its settings, so that the sheet says what the eye looks for.</source>
        <translation>Das Wort in seinen Einstellungen, damit das Blatt sagt, wonach das Auge sucht.</translation>
    </message>
    <message>
        <source>Word for invert</source>
        <translation>Wort für Umkehren</translation>
    </message>
    <message>
        <source>The word beside the box that turns an axis round.</source>
        <translation>Das Wort neben dem Kästchen, das eine Achse umdreht.</translation>
    </message>
    <message>
        <source>Order of lines</source>
        <translation>Reihenfolge der Zeilen</translation>
    </message>
    <message>
        <source>The order in which its settings list the four functions; the sheet follows it.</source>
        <translation>Die Reihenfolge, in der seine Einstellungen die vier Funktionen nennen; das Blatt folgt ihr.</translation>
    </message>
    <message>
        <source>Rising %1 is</source>
        <translation>Steigend: %1 ist</translation>
    </message>
    <message>
        <source>What it takes for %1 when a device&apos;s counts rise and nothing is inverted.</source>
        <translation>Was er für %1 nimmt, wenn die Zählwerte eines Geräts steigen und nichts umgekehrt ist.</translation>
    </message>
    <message>
        <source>Throttle uses</source>
        <translation>Gas nutzt</translation>
    </message>
    <message>
        <source>Whether the stick&apos;s middle is half power or no power there.</source>
        <translation>Ob die Mitte des Knüppels dort halbe oder keine Leistung ist.</translation>
    </message>
    <message>
        <source>whole way</source>
        <translation>den ganzen Weg</translation>
    </message>
    <message>
        <source>upper half only</source>
        <translation>nur die obere Hälfte</translation>
    </message>
    <message>
        <source>either, by a setting</source>
        <translation>eins von beiden, einstellbar</translation>
    </message>
    <message>
        <source>Arming</source>
        <translation>Scharfschalten</translation>
    </message>
    <message>
        <source>Arms</source>
        <translation>Schaltet scharf</translation>
    </message>
    <message>
        <source>What starts the motors.</source>
        <translation>Was die Motoren startet.</translation>
    </message>
    <message>
        <source>by itself</source>
        <translation>von selbst</translation>
    </message>
    <message>
        <source>by a switch</source>
        <translation>per Schalter</translation>
    </message>
    <message>
        <source>both sticks down and in</source>
        <translation>beide Knüppel nach unten innen</translation>
    </message>
    <message>
        <source>by a key</source>
        <translation>per Taste</translation>
    </message>
    <message>
        <source>More on arming</source>
        <translation>Mehr zum Scharfschalten</translation>
    </message>
    <message>
        <source>A sentence for the sheet, such as which key.</source>
        <translation>Ein Satz fürs Blatt, etwa welche Taste.</translation>
    </message>
    <message>
        <source>What it calls the modes</source>
        <translation>Wie er die Modi nennt</translation>
    </message>
    <message>
        <source>position-hold</source>
        <translation>Positionshalten</translation>
    </message>
    <message>
        <source>Its name for %1 mode; empty when it has none.</source>
        <translation>Sein Name für den Modus %1; leer, wenn er keinen hat.</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht vorhanden</translation>
    </message>
    <message>
        <source>What it calls the stick modes</source>
        <translation>Wie er die Knüppelmodi nennt</translation>
    </message>
    <message>
        <source>Mode %1</source>
        <translation>Modus %1</translation>
    </message>
    <message>
        <source>Its name for stick mode %1; empty when it does not ask for a stick mode.</source>
        <translation>Sein Name für Knüppelmodus %1; leer, wenn er nicht nach einem fragt.</translation>
    </message>
    <message>
        <source>not asked</source>
        <translation>nicht gefragt</translation>
    </message>
    <message>
        <source>Aircraft and camera</source>
        <translation>Fluggerät und Kamera</translation>
    </message>
    <message>
        <source>Camera tilt, °</source>
        <translation>Kameraneigung, °</translation>
    </message>
    <message>
        <source>Field of view, °</source>
        <translation>Blickwinkel, °</translation>
    </message>
    <message>
        <source>Rates are set by</source>
        <translation>Drehraten werden eingestellt durch</translation>
    </message>
    <message>
        <source>The kind of numbers in which it lets rates be set; what each can be follows below.</source>
        <translation>Die Art der Zahlen, in denen er Drehraten einstellen lässt; was jede sein kann, folgt unten.</translation>
    </message>
    <message>
        <source>nothing: fixed</source>
        <translation>nichts: fest</translation>
    </message>
    <message>
        <source>Ticked when the simulator lets it be set.</source>
        <translation>Angehakt, wenn der Simulator es einstellen lässt.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>bh::desk::StartPage</name>
    <message>
        <source>Blue Hangar: the school&apos;s record</source>
        <translation>Blue Hangar: die Akte der Schule</translation>
    </message>
    <message>
        <source>Where is the school&apos;s record?</source>
        <translation>Wo ist die Akte der Schule?</translation>
    </message>
    <message>
        <source>On this computer, for one station</source>
        <translation>An diesem Rechner, für eine Station</translation>
    </message>
    <message>
        <source>Record file</source>
        <translation>Aktendatei</translation>
    </message>
    <message>
        <source>On a server, shared by several stations</source>
        <translation>Auf einem Server, von mehreren Stationen geteilt</translation>
    </message>
    <message>
        <source>Address of the server</source>
        <translation>Adresse des Servers</translation>
    </message>
    <message>
        <source>Name of this station</source>
        <translation>Name dieser Station</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Opens the record; a file that is not there yet is begun</source>
        <translation>Öffnet die Akte; eine Datei, die es noch nicht gibt, wird begonnen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Nothing is begun</source>
        <translation>Nichts wird begonnen</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Adresse</translation>
    </message>
    <message>
        <source>Whoever looks after the server gives the address. The record begins there, or was moved there, before stations open it.</source>
        <translation>Wer den Server betreut, nennt die Adresse. Die Akte beginnt dort oder wurde dorthin verlegt, bevor Stationen sie öffnen.</translation>
    </message>
    <message>
        <source>This station</source>
        <translation>Diese Station</translation>
    </message>
    <message>
        <source>Say in which file</source>
        <translation>Sagen, in welcher Datei</translation>
    </message>
</context>
<context>
    <name>bh::desk::StatePanel</name>
    <message>
        <source>The record</source>
        <translation>Die Akte</translation>
    </message>
    <message>
        <source>Copy the head</source>
        <translation>Stand kopieren</translation>
    </message>
    <message>
        <source>How many entries there are and the hash of the newest: written down elsewhere, it proves later that nothing was taken away or changed</source>
        <translation>Wie viele Einträge es gibt und die Prüfsumme des neuesten: anderswo notiert, beweist sie später, dass nichts entfernt oder geändert wurde</translation>
    </message>
    <message>
        <source>Verify now</source>
        <translation>Jetzt prüfen</translation>
    </message>
    <message>
        <source>Checks every entry, every table and every file beside it</source>
        <translation>Prüft jeden Eintrag, jede Tabelle und jede Datei daneben</translation>
    </message>
    <message>
        <source>Back up …</source>
        <translation>Sichern …</translation>
    </message>
    <message>
        <source>Everything in one file, verified after writing</source>
        <translation>Alles in einer Datei, nach dem Schreiben geprüft</translation>
    </message>
    <message>
        <source>Restore …</source>
        <translation>Wiederherstellen …</translation>
    </message>
    <message>
        <source>Puts a backup into a new place; this record stays</source>
        <translation>Legt eine Sicherung an einen neuen Ort; diese Akte bleibt</translation>
    </message>
    <message>
        <source>Export …</source>
        <translation>Ausgeben …</translation>
    </message>
    <message>
        <source>Everything in open formats (JSON, CSV), in a folder</source>
        <translation>Alles in offenen Formaten (JSON, CSV), in einem Ordner</translation>
    </message>
    <message>
        <source>Import …</source>
        <translation>Einlesen …</translation>
    </message>
    <message>
        <source>Makes a record of such a folder in a new place; this record stays</source>
        <translation>Macht aus so einem Ordner eine Akte an einem neuen Ort; diese Akte bleibt</translation>
    </message>
    <message>
        <source>Daily copies</source>
        <translation>Tageskopien</translation>
    </message>
    <message>
        <source>None are kept here of a record on a server: whoever looks after it backs it up there. &quot;Back up&quot; makes a whole copy that opens without a server.</source>
        <translation>Von einer Akte auf einem Server wird hier keine behalten: wer ihn betreut, sichert sie dort. „Sichern“ macht eine ganze Kopie, die sich ohne Server öffnet.</translation>
    </message>
    <message>
        <source>One for each day on which the record was in use, made once it has been verified; the last %1 are kept, beside the record. They help against a mistake, not against a lost disk: for that, back up to another one.</source>
        <translation>Eine für jeden Tag, an dem die Akte benutzt wurde, gemacht, sobald sie geprüft ist; die letzten %1 bleiben neben der Akte. Sie helfen gegen ein Versehen, nicht gegen eine verlorene Platte: dafür auf eine andere sichern.</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Last good head</source>
        <translation>Letzter guter Stand</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>None yet.</source>
        <translation>Noch keiner.</translation>
    </message>
    <message>
        <source>Copied. Keep it where nobody can change it along with the record.</source>
        <translation>Kopiert. Dort aufbewahren, wo ihn niemand zusammen mit der Akte ändern kann.</translation>
    </message>
    <message>
        <source>%1 entries; head %2 …</source>
        <translation>%1 Einträge; Stand %2 …</translation>
    </message>
    <message>
        <source>Nobody verifies this one: it is thrown away.</source>
        <translation>Diese prüft niemand: sie wird weggeworfen.</translation>
    </message>
    <message>
        <source>Being verified …</source>
        <translation>Wird geprüft …</translation>
    </message>
    <message>
        <source>Verified %1: %2</source>
        <translation>Geprüft %1: %2</translation>
    </message>
    <message>
        <source>Not verified since the start; that is done by itself when nobody flies.</source>
        <translation>Seit dem Start nicht geprüft; das geschieht von selbst, wenn niemand fliegt.</translation>
    </message>
    <message>
        <source>The server does not answer; it is asked again every few seconds.</source>
        <translation>Der Server antwortet nicht; er wird alle paar Sekunden wieder gefragt.</translation>
    </message>
    <message>
        <source>The server answers.</source>
        <translation>Der Server antwortet.</translation>
    </message>
    <message>
        <source>%1 entries wait at this station and are handed over when the server is back.</source>
        <translation>%1 Einträge warten an dieser Station und werden übergeben, wenn der Server wieder da ist.</translation>
    </message>
    <message>
        <source>%1 flight logs and recordings are on their way to the server.</source>
        <translation>%1 Flugaufzeichnungen und Aufnahmen sind unterwegs zum Server.</translation>
    </message>
    <message>
        <source>Not handed over: %1</source>
        <translation>Nicht übergeben: %1</translation>
    </message>
    <message>
        <source>The record is not as it was written</source>
        <translation>Die Akte ist nicht, wie sie geschrieben wurde</translation>
    </message>
    <message>
        <source>%1.
Go on with it as it is?</source>
        <translation>%1.
So mit ihr weitermachen?</translation>
    </message>
    <message>
        <source>Backup to write</source>
        <translation>Sicherung schreiben</translation>
    </message>
    <message>
        <source>Backups (*.tar.gz)</source>
        <translation>Sicherungen (*.tar.gz)</translation>
    </message>
    <message>
        <source>Backed up to %1, read back: %2.</source>
        <translation>Nach %1 gesichert, zurückgelesen: %2.</translation>
    </message>
    <message>
        <source>Backup to restore</source>
        <translation>Wiederherzustellende Sicherung</translation>
    </message>
    <message>
        <source>Backups (*.tar.gz *.gz);;All files (*)</source>
        <translation>Sicherungen (*.tar.gz *.gz);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Where to put the record</source>
        <translation>Wohin mit der Akte</translation>
    </message>
    <message>
        <source>Restored to %1: %2. Open it with: bluehangar --store FILE</source>
        <translation>Wiederhergestellt nach %1: %2. Öffnen mit: bluehangar --store DATEI</translation>
    </message>
    <message>
        <source>Exported folder to read</source>
        <translation>Einzulesender Ordner</translation>
    </message>
    <message>
        <source>Imported into %1: %2. Open it with: bluehangar --store FILE</source>
        <translation>Eingelesen nach %1: %2. Öffnen mit: bluehangar --store DATEI</translation>
    </message>
    <message>
        <source>Folder to make</source>
        <translation>Anzulegender Ordner</translation>
    </message>
    <message>
        <source>Exported to %1; its head is %2.</source>
        <translation>Ausgegeben nach %1; ihr Stand ist %2.</translation>
    </message>
    <message>
        <source>A name that was erased can still be made out in the file, because another program reads it; it is tried again.</source>
        <translation>Ein gelöschter Name ist in der Datei noch zu erkennen, weil ein anderes Programm sie liest; es wird wieder versucht.</translation>
    </message>
    <message>
        <source>Left out, as it cannot be read: %1.</source>
        <translation>Ausgelassen, weil nicht zu lesen: %1.</translation>
    </message>
</context>
<context>
    <name>bh::desk::StatusBar</name>
    <message>
        <source>Active practice: motors armed, or a stick moved by more than 2 % within the last 10 s. The rest is idle.</source>
        <translation>Aktive Übungszeit: Motoren scharf, oder ein Knüppel in den letzten 10 s um mehr als 2 % bewegt. Der Rest ist Ruhe.</translation>
    </message>
    <message>
        <source>All about the record: its state, copies, people, erasing</source>
        <translation>Alles über die Akte: Stand, Kopien, Personen, Löschen</translation>
    </message>
    <message>
        <source>Watch outside</source>
        <translation>Auswärts zusehen</translation>
    </message>
    <message>
        <source>Notices practice in another program: it begins when the sticks are worked there, ends two minutes after they were left alone, and is offered for the logbook</source>
        <translation>Bemerkt Üben in einem anderen Programm: es beginnt, wenn dort die Knüppel bewegt werden, endet zwei Minuten nachdem sie ruhen, und wird fürs Logbuch angeboten</translation>
    </message>
    <message>
        <source>What the pilot looks at in this session: another one each time it is pressed</source>
        <translation>Worauf der Pilot in dieser Sitzung schaut: bei jedem Druck ein anderes</translation>
    </message>
    <message>
        <source>Night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>Dark colours for a dark room, Ctrl+L</source>
        <translation>Dunkle Farben für einen dunklen Raum, Strg+L</translation>
    </message>
    <message>
        <source>Locked</source>
        <translation>Gesperrt</translation>
    </message>
    <message>
        <source>No lock</source>
        <translation>Keine Sperre</translation>
    </message>
    <message>
        <source>Unlocked; a click or Ctrl+U locks it</source>
        <translation>Offen; ein Klick oder Strg+U sperrt</translation>
    </message>
    <message>
        <source>A coordinator or an instructor unlocks it, Ctrl+U</source>
        <translation>Ein Koordinator oder Ausbilder öffnet, Strg+U</translation>
    </message>
    <message>
        <source>Nobody has said yet who may do what</source>
        <translation>Noch hat niemand gesagt, wer was darf</translation>
    </message>
    <message>
        <source>Verifying …</source>
        <translation>Wird geprüft …</translation>
    </message>
    <message>
        <source>Verify</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Checks every entry, every table, and every flight log and recording beside the record</source>
        <translation>Prüft jeden Eintrag, jede Tabelle und jede Flugaufzeichnung und Aufnahme neben der Akte</translation>
    </message>
    <message>
        <source>Verified %1</source>
        <translation>Geprüft %1</translation>
    </message>
    <message>
        <source>1 problem</source>
        <translation>1 Problem</translation>
    </message>
    <message>
        <source>%1 problems</source>
        <translation>%1 Probleme</translation>
    </message>
    <message>
        <source>%1 entries and what they name are as they were written. Again: click</source>
        <translation>%1 Einträge und was sie nennen sind, wie sie geschrieben wurden. Noch einmal: klicken</translation>
    </message>
    <message>
        <source>What is wrong with the record, and what can be done</source>
        <translation>Was an der Akte nicht stimmt und was zu tun ist</translation>
    </message>
    <message>
        <source>%1 is unplugged</source>
        <translation>%1 ist abgezogen</translation>
    </message>
    <message>
        <source>%1, not calibrated</source>
        <translation>%1, nicht kalibriert</translation>
    </message>
    <message>
        <source>%1, not verified</source>
        <translation>%1, nicht bestätigt</translation>
    </message>
    <message>
        <source>Practice %1, idle %2</source>
        <translation>Übungszeit %1, Ruhe %2</translation>
    </message>
    <message>
        <source>Practice outside has ended: see Progress</source>
        <translation>Üben auswärts ist zu Ende: siehe Fortschritt</translation>
    </message>
    <message>
        <source>Practice outside %1</source>
        <translation>Üben auswärts %1</translation>
    </message>
    <message>
        <source>No practice running</source>
        <translation>Es läuft keine Übungszeit</translation>
    </message>
    <message>
        <source>by the screen</source>
        <translation>am Bildschirm</translation>
    </message>
    <message>
        <source>in goggles</source>
        <translation>mit Brille</translation>
    </message>
    <message>
        <source>screen or goggles?</source>
        <translation>Bildschirm oder Brille?</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Undo the %1, Ctrl+Z</source>
        <translation>%1 zurücknehmen, Strg+Z</translation>
    </message>
    <message>
        <source>Nothing to undo</source>
        <translation>Nichts zurückzunehmen</translation>
    </message>
    <message>
        <source>Keeping the flight …</source>
        <translation>Der Flug wird gesichert …</translation>
    </message>
    <message>
        <source>Keeping %1 flights …</source>
        <translation>%1 Flüge werden gesichert …</translation>
    </message>
    <message>
        <source>%1 not kept yet, tried again: %2</source>
        <translation>%1 noch nicht gesichert, neuer Versuch: %2</translation>
    </message>
    <message>
        <source>1 flight</source>
        <translation>1 Flug</translation>
    </message>
    <message>
        <source>%1 flights</source>
        <translation>%1 Flüge</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>The server is away</source>
        <translation>Der Server ist weg</translation>
    </message>
    <message>
        <source>Handing over to the server</source>
        <translation>Übergabe an den Server</translation>
    </message>
    <message>
        <source>nothing waits for it</source>
        <translation>nichts wartet auf ihn</translation>
    </message>
    <message>
        <source>1 entry waits here</source>
        <translation>1 Eintrag wartet hier</translation>
    </message>
    <message>
        <source>%1 entries wait here</source>
        <translation>%1 Einträge warten hier</translation>
    </message>
    <message>
        <source>, shared with 1 station</source>
        <translation>, geteilt mit 1 Station</translation>
    </message>
    <message>
        <source>, shared with %1 stations</source>
        <translation>, geteilt mit %1 Stationen</translation>
    </message>
    <message>
        <source>%1%2, saved %3</source>
        <translation>%1%2, gesichert %3</translation>
    </message>
</context>
<context>
    <name>bh::desk::StayAwake</name>
    <message>
        <source>A pilot is flying</source>
        <translation>Ein Pilot fliegt</translation>
    </message>
</context>
<context>
    <name>bh::desk::StickMiniature</name>
    <message>
        <source>Sticks, live</source>
        <translation>Knüppel, live</translation>
    </message>
</context>
<context>
    <name>bh::desk::StickView</name>
    <message>
        <source>Stick: %1 and %2</source>
        <translation>Knüppel: %1 und %2</translation>
    </message>
    <message>
        <source>centred</source>
        <translation>mittig</translation>
    </message>
    <message>
        <source>%1 % %2</source>
        <translation>%1 % %2</translation>
    </message>
    <message>
        <source>%1 %2, %3 %4</source>
        <translation>%1 %2, %3 %4</translation>
    </message>
    <message>
        <source>up</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>down</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
</context>
<context>
    <name>bh::desk::SwitchPanel</name>
    <message>
        <source>For</source>
        <translation>Für</translation>
    </message>
    <message>
        <source>On the controller</source>
        <translation>An der Fernsteuerung</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Was er tut</translation>
    </message>
    <message>
        <source>Learn</source>
        <translation>Lernen</translation>
    </message>
    <message>
        <source>Then move it through all its places and back</source>
        <translation>Dann durch alle Stellungen und zurück bewegen</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>The keys of the window remain</source>
        <translation>Die Tasten des Fensters bleiben</translation>
    </message>
    <message>
        <source>Its places are</source>
        <translation>Seine Stellungen sind</translation>
    </message>
    <message>
        <source>Flight mode of place %1</source>
        <translation>Flugmodus der Stellung %1</translation>
    </message>
    <message>
        <source>The window&apos;s keys go on working. Both sticks down and in for half a second start the motors too, and two seconds at the bottom of the throttle after a landing stop them, where they are the pilot&apos;s to start.</source>
        <translation>Die Tasten des Fensters wirken weiter. Beide Knüppel eine halbe Sekunde nach unten innen starten die Motoren auch, und zwei Sekunden Gas unten nach einer Landung stoppen sie, wo sie Sache des Piloten sind.</translation>
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
        <source>the window&apos;s key</source>
        <translation>die Taste des Fensters</translation>
    </message>
    <message>
        <source>The simulated controller has no switches: the window&apos;s keys stand for them.</source>
        <translation>Die simulierte Fernsteuerung hat keine Schalter: die Tasten des Fensters stehen dafür.</translation>
    </message>
    <message>
        <source>Calibrate the sticks first; the switches are kept with that calibration.</source>
        <translation>Zuerst die Knüppel kalibrieren; die Schalter werden mit dieser Kalibrierung gesichert.</translation>
    </message>
    <message>
        <source>Nothing is learned yet. Press Learn beside what a switch is for, then move it.</source>
        <translation>Noch nichts gelernt. „Lernen“ neben dem Zweck eines Schalters drücken, dann ihn bewegen.</translation>
    </message>
    <message>
        <source>Learned, but not verified yet. Press Verify: the switches are checked with the sticks.</source>
        <translation>Gelernt, aber noch nicht bestätigt. „Bestätigen“ drücken: die Schalter werden mit den Knüppeln geprüft.</translation>
    </message>
    <message>
        <source>Learned and verified with the sticks.</source>
        <translation>Gelernt und mit den Knüppeln bestätigt.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>%1: move the switch through all its places, a moment in each, and back to where it rests. A button: press it and let go.</source>
        <translation>%1: den Schalter durch alle Stellungen bewegen, je einen Moment, und zurück, wo er ruht. Einen Knopf: drücken und loslassen.</translation>
    </message>
    <message>
        <source>It could not be kept.</source>
        <translation>Er ließ sich nicht behalten.</translation>
    </message>
</context>
<context>
    <name>bh::desk::TappingView</name>
    <message>
        <source>Targets and cursor</source>
        <translation>Ziele und Zeiger</translation>
    </message>
    <message>
        <source>No round runs.</source>
        <translation>Keine Runde läuft.</translation>
    </message>
    <message>
        <source>The round is over.</source>
        <translation>Die Runde ist vorbei.</translation>
    </message>
    <message>
        <source>Target %1 of %2: %3 % across, %4 % up; the stick is at %5 and %6</source>
        <translation>Ziel %1 von %2: %3 % quer, %4 % hoch; der Knüppel ist bei %5 und %6</translation>
    </message>
</context>
<context>
    <name>bh::desk::TickList</name>
    <message>
        <source>Pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>Coord.</source>
        <translation>Koord.</translation>
    </message>
    <message>
        <source>Read aloud</source>
        <translation>Laut lesen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>coordinator</source>
        <translation>Koordinator</translation>
    </message>
    <message>
        <source>pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>Battery %1</source>
        <translation>Akku %1</translation>
    </message>
    <message>
        <source>How it went: %1</source>
        <translation>Wie es ging: %1</translation>
    </message>
    <message>
        <source>How it went</source>
        <translation>Wie es ging</translation>
    </message>
</context>
<context>
    <name>bh::desk::TiltView</name>
    <message>
        <source>Camera tilt, seen from the side</source>
        <translation>Kameraneigung, von der Seite</translation>
    </message>
    <message>
        <source>Drag the aircraft&apos;s nose, or use the arrow keys: the tilt follows. Speed and throttle are those of level flight with the horizon centred, from thrust, drag and weight of this aircraft (the flight&apos;s own equations).</source>
        <translation>Die Nase des Fluggeräts ziehen oder die Pfeiltasten nehmen: die Neigung folgt. Tempo und Gas sind die des Horizontalflugs mit dem Horizont in der Mitte, aus Schub, Widerstand und Gewicht dieses Fluggeräts (die Gleichungen des Flugs selbst).</translation>
    </message>
    <message>
        <source>%1°: flies level at %2 with %3 % throttle</source>
        <translation>%1°: fliegt waagerecht mit %2 und %3 % Gas</translation>
    </message>
    <message>
        <source>horizon, picture&apos;s middle</source>
        <translation>Horizont, Bildmitte</translation>
    </message>
    <message>
        <source>%1° tilt</source>
        <translation>%1° Neigung</translation>
    </message>
    <message>
        <source>level at %1
%2 % throttle</source>
        <translation>waagerecht mit %1
%2 % Gas</translation>
    </message>
    <message>
        <source>full throttle
does not carry it</source>
        <translation>Vollgas
trägt es nicht</translation>
    </message>
    <message>
        <source>thrust</source>
        <translation>Schub</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>Widerstand</translation>
    </message>
</context>
<context>
    <name>bh::desk::TimeLanes</name>
    <message>
        <source>Flight over time</source>
        <translation>Flug über der Zeit</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>throttle</source>
        <translation>Gas</translation>
    </message>
    <message>
        <source>yaw</source>
        <translation>Gier</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Nick</translation>
    </message>
    <message>
        <source>roll</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>%1 rate</source>
        <translation>Rate %1</translation>
    </message>
    <message>
        <source>°/s</source>
        <translation>°/s</translation>
    </message>
    <message>
        <source>No flight is shown.</source>
        <translation>Es wird kein Flug gezeigt.</translation>
    </message>
    <message>
        <source>%1 s of %2 s</source>
        <translation>%1 s von %2 s</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Choose a flight: its height, speed and sticks stand here on one time axis.</source>
        <translation>Einen Flug wählen: Höhe, Tempo und Knüppel stehen hier auf einer Zeitachse.</translation>
    </message>
</context>
<context>
    <name>bh::desk::TimingPanel</name>
    <message>
        <source>Axis that is timed</source>
        <translation>Gestoppte Achse</translation>
    </message>
    <message>
        <source>Roll</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Nick</translation>
    </message>
    <message>
        <source>Yaw</source>
        <translation>Gier</translation>
    </message>
    <message>
        <source>How far the stick is held</source>
        <translation>Wie weit der Knüppel gehalten wird</translation>
    </message>
    <message>
        <source> % stick</source>
        <translation> % Ausschlag</translation>
    </message>
    <message>
        <source>Turns counted</source>
        <translation>Gezählte Drehungen</translation>
    </message>
    <message>
        <source> turns</source>
        <translation> Drehungen</translation>
    </message>
    <message>
        <source>Time they took</source>
        <translation>Zeit dafür</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Starts the stopwatch, and stops it</source>
        <translation>Startet die Stoppuhr und hält sie an</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Keeps this timing for the fit</source>
        <translation>Behält diese Zeit für die Kurve</translation>
    </message>
    <message>
        <source>Remove the last</source>
        <translation>Letzte entfernen</translation>
    </message>
    <message>
        <source>Takes the last timing away again</source>
        <translation>Nimmt die letzte Zeit wieder weg</translation>
    </message>
    <message>
        <source>Take over</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>As the real aircraft&apos;s rates of this axis; it can be undone</source>
        <translation>Als Drehraten des echten Fluggeräts auf dieser Achse; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Timings</source>
        <translation>Zeiten</translation>
    </message>
    <message>
        <source>Stick</source>
        <translation>Knüppel</translation>
    </message>
    <message>
        <source>Turns</source>
        <translation>Kurven</translation>
    </message>
    <message>
        <source>Seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>°/s</source>
        <translation>°/s</translation>
    </message>
    <message>
        <source>Error, °/s</source>
        <translation>Fehler, °/s</translation>
    </message>
    <message>
        <source>How far it was held.</source>
        <translation>Wie weit er gehalten wurde.</translation>
    </message>
    <message>
        <source>Whole turns that were counted.</source>
        <translation>Ganze gezählte Drehungen.</translation>
    </message>
    <message>
        <source>By the stopwatch.</source>
        <translation>Nach der Stoppuhr.</translation>
    </message>
    <message>
        <source>360 times the turns over the seconds.</source>
        <translation>360 mal Drehungen durch Sekunden.</translation>
    </message>
    <message>
        <source>Standard error, from 0.1 s of a hand&apos;s timing (house); more turns make it smaller.</source>
        <translation>Standardfehler, aus 0,1 s beim Stoppen von Hand (Haus); mehr Drehungen machen ihn kleiner.</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Hold the stick still at one place and let the aircraft turn, high up and far from people. Start the stopwatch at a mark, count whole turns, stop it at the same mark. Full stick first, then half, then a third if you can.</source>
        <translation>Den Knüppel an einem Ort still halten und das Fluggerät drehen lassen, hoch und weit weg von Menschen. Die Stoppuhr an einer Marke starten, ganze Drehungen zählen, an derselben Marke stoppen. Zuerst Vollausschlag, dann halb, dann ein Drittel, wenn es geht.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>No curve yet: %1.</source>
        <translation>Noch keine Kurve: %1.</translation>
    </message>
    <message>
        <source>%1 °/s at %2 % stick, give or take %3. Time another position: two give a curve, three its bend as well.</source>
        <translation>%1 °/s bei %2 % Ausschlag, auf %3 genau. Einen weiteren Ausschlag stoppen: zwei geben eine Kurve, drei auch ihre Biegung.</translation>
    </message>
    <message>
        <source>Add the real aircraft on the Set-up page first.</source>
        <translation>Zuerst das echte Fluggerät auf der Seite Aufbau anlegen.</translation>
    </message>
    <message>
        <source>Nothing timed yet for %1.</source>
        <translation>Für %1 noch nichts gestoppt.</translation>
    </message>
    <message>
        <source>%1 taken as 0, two positions say nothing about it</source>
        <translation>%1 als 0 genommen, zwei Ausschläge sagen nichts darüber</translation>
    </message>
    <message>
        <source>%1 %2 (%3 to %4)</source>
        <translation>%1 %2 (%3 bis %4)</translation>
    </message>
    <message>
        <source>95 of 100 times between: %1.</source>
        <translation>In 95 von 100 Fällen zwischen: %1.</translation>
    </message>
</context>
<context>
    <name>bh::desk::Trouble</name>
    <message>
        <source>Blue Hangar: the record</source>
        <translation>Blue Hangar: die Akte</translation>
    </message>
    <message>
        <source>This record is not as it was written</source>
        <translation>Diese Akte ist nicht, wie sie geschrieben wurde</translation>
    </message>
    <message>
        <source>This record cannot be opened</source>
        <translation>Diese Akte lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>Try again when the server is there, or ask whoever looks after it.</source>
        <translation>Noch einmal versuchen, wenn der Server da ist, oder fragen, wer ihn betreut.</translation>
    </message>
    <message>
        <source>Look at it without writing to it, until it is known what happened.</source>
        <translation>Ansehen, ohne hineinzuschreiben, bis bekannt ist, was geschah.</translation>
    </message>
    <message>
        <source>Restore a backup to a place of its own; this file stays where it is, so that both are kept.</source>
        <translation>Eine Sicherung an einem eigenen Ort wiederherstellen; diese Datei bleibt, wo sie ist, so sind beide erhalten.</translation>
    </message>
    <message>
        <source>Go on with it: what is written from now on is whole in itself, and what is wrong stays on view.</source>
        <translation>Weitermachen: was von jetzt an geschrieben wird, ist in sich ganz, und was falsch ist, bleibt sichtbar.</translation>
    </message>
    <message>
        <source>Nothing was changed.</source>
        <translation>Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Copy the words</source>
        <translation>Worte kopieren</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Another record …</source>
        <translation>Andere Akte …</translation>
    </message>
    <message>
        <source>Read only</source>
        <translation>Nur lesen</translation>
    </message>
    <message>
        <source>Restore a backup …</source>
        <translation>Sicherung wiederherstellen …</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weitermachen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Backup to restore</source>
        <translation>Wiederherzustellende Sicherung</translation>
    </message>
    <message>
        <source>Backups (*.tar.gz *.gz);;All files (*)</source>
        <translation>Sicherungen (*.tar.gz *.gz);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Where to put the record</source>
        <translation>Wohin mit der Akte</translation>
    </message>
</context>
<context>
    <name>bh::desk::UnlockDialog</name>
    <message>
        <source>Unlock the station</source>
        <translation>Station öffnen</translation>
    </message>
    <message>
        <source>It locks itself after ten minutes in which nothing moved.</source>
        <translation>Sie sperrt sich nach zehn Minuten ohne Bewegung.</translation>
    </message>
    <message>
        <source>Who</source>
        <translation>Wer</translation>
    </message>
    <message>
        <source>Passphrase</source>
        <translation>Kennsatz</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Until it is locked again</source>
        <translation>Bis sie wieder gesperrt wird</translation>
    </message>
</context>
<context>
    <name>bh::desk::VideoView</name>
    <message>
        <source>Screen recording at the cursor</source>
        <translation>Bildschirmaufnahme an der Marke</translation>
    </message>
    <message>
        <source>The recording %1 is not there any more.</source>
        <translation>Die Aufnahme %1 ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Recordings cannot be played at this computer: the package gstreamer1.0-plugins-good is not installed.</source>
        <translation>Aufnahmen lassen sich an diesem Rechner nicht abspielen: das Paket gstreamer1.0-plugins-good ist nicht installiert.</translation>
    </message>
    <message>
        <source>The recording %1 cannot be played here (%2).</source>
        <translation>Die Aufnahme %1 lässt sich hier nicht abspielen (%2).</translation>
    </message>
    <message>
        <source>A screen recording of this session can be laid beside its sticks: Lay a recording beside.</source>
        <translation>Eine Bildschirmaufnahme dieser Sitzung lässt sich neben ihre Knüppel legen: Aufnahme danebenlegen.</translation>
    </message>
    <message>
        <source>The recording is being opened.</source>
        <translation>Die Aufnahme wird geöffnet.</translation>
    </message>
    <message>
        <source>The recording at %1 s</source>
        <translation>Die Aufnahme bei %1 s</translation>
    </message>
    <message>
        <source>The recording begins at %1 s</source>
        <translation>Die Aufnahme beginnt bei %1 s</translation>
    </message>
    <message>
        <source>Recording at %1 s, begins at %2 s</source>
        <translation>Aufnahme bei %1 s, beginnt bei %2 s</translation>
    </message>
</context>
<context>
    <name>bh::desk::WatchView</name>
    <message>
        <source>The flight at that station</source>
        <translation>Der Flug an dieser Station</translation>
    </message>
    <message>
        <source>Nothing flies there.</source>
        <translation>Dort fliegt nichts.</translation>
    </message>
    <message>
        <source>Nothing flies at this station now. A flight that begins there is seen here.</source>
        <translation>An dieser Station fliegt gerade nichts. Ein Flug, der dort beginnt, ist hier zu sehen.</translation>
    </message>
</context>
<context>
    <name>bh::desk::WayBackPanel</name>
    <message>
        <source>Rate that it leads to</source>
        <translation>Rate, zu der er führt</translation>
    </message>
    <message>
        <source>Roll and pitch at full stick. 350 to 400 is where races are flown well (common practice).</source>
        <translation>Roll und Nick bei Vollausschlag. Mit 350 bis 400 werden Rennen gut geflogen (gängige Praxis).</translation>
    </message>
    <message>
        <source>Camera tilt of the real aircraft</source>
        <translation>Kameraneigung des echten Fluggeräts</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>To full power and propellers, roll and pitch at</source>
        <translation>Zu voller Leistung und Propellern, Roll und Nick mit</translation>
    </message>
    <message>
        <source>and the real aircraft&apos;s tilt of</source>
        <translation>und der Neigung des echten Fluggeräts von</translation>
    </message>
    <message>
        <source>Steps from the eased aircraft to the real one</source>
        <translation>Schritte vom entschärften zum echten Fluggerät</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Where it stands</source>
        <translation>Wo es steht</translation>
    </message>
    <message>
        <source>Taken</source>
        <translation>Getan</translation>
    </message>
    <message>
        <source>Rocking then</source>
        <translation>Schaukelte</translation>
    </message>
    <message>
        <source>One at a time: power at unchanged rates first, then propellers, then rates, then tilt (common practice).</source>
        <translation>Eins nach dem anderen: zuerst Leistung bei gleichen Drehraten, dann Propeller, dann Drehraten, dann Neigung (gängige Praxis).</translation>
    </message>
    <message>
        <source>When it was taken last.</source>
        <translation>Wann er zuletzt getan wurde.</translation>
    </message>
    <message>
        <source>Share of the time with a stick rocking, in the flights before it.</source>
        <translation>Zeitanteil mit schaukelndem Knüppel in den Flügen davor.</translation>
    </message>
    <message>
        <source>Begin the way back</source>
        <translation>Rückweg beginnen</translation>
    </message>
    <message>
        <source>A ladder from the set-up as it is now to the real aircraft, taken step by step; it can be undone</source>
        <translation>Eine Leiter vom jetzigen Aufbau zum echten Fluggerät, Schritt für Schritt; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Take the next step</source>
        <translation>Nächsten Schritt tun</translation>
    </message>
    <message>
        <source>Changes the set-up by this one step; it can be undone</source>
        <translation>Ändert den Aufbau um diesen einen Schritt; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>Half a step back</source>
        <translation>Halben Schritt zurück</translation>
    </message>
    <message>
        <source>Takes half of the last step back; it can be undone</source>
        <translation>Nimmt die Hälfte des letzten Schritts zurück; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>End it here</source>
        <translation>Hier beenden</translation>
    </message>
    <message>
        <source>The set-up stays as it is; the steps stay on the record</source>
        <translation>Der Aufbau bleibt, wie er ist; die Schritte bleiben in der Akte</translation>
    </message>
    <message>
        <source>● taken</source>
        <translation>● getan</translation>
    </message>
    <message>
        <source>○ next</source>
        <translation>○ kommt</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>○ next, from %1</source>
        <translation>○ kommt, ab %1</translation>
    </message>
    <message>
        <source> (half a step was taken back)</source>
        <translation> (ein halber Schritt wurde zurückgenommen)</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>No way back was begun.</source>
        <translation>Kein Rückweg wurde begonnen.</translation>
    </message>
    <message>
        <source>The pilot has no set-up yet.</source>
        <translation>Der Pilot hat noch keinen Aufbau.</translation>
    </message>
    <message>
        <source>An aircraft that was made easy for a learner is given back its bite one step at a time: power at unchanged rates first, then full propellers, then the rates, then the tilt. Each step is offered once the pilot rocks less than 15 % of the time over five flights (house).</source>
        <translation>Einem für Anfänger entschärften Fluggerät wird sein Biss Schritt für Schritt zurückgegeben: zuerst Leistung bei gleichen Drehraten, dann volle Propeller, dann die Drehraten, dann die Neigung. Jeder Schritt wird angeboten, sobald der Pilot über fünf Flüge weniger als 15 % der Zeit schaukelt (Haus).</translation>
    </message>
    <message>
        <source>Step %1 of %2: %3</source>
        <translation>Schritt %1 von %2: %3</translation>
    </message>
    <message>
        <source>Through: the aircraft is set as the real one.</source>
        <translation>Durch: das Fluggerät ist wie das echte eingestellt.</translation>
    </message>
    <message>
        <source>No flight since the last step yet: %1 of them before the next one (house).</source>
        <translation>Seit dem letzten Schritt noch kein Flug: %1 vor dem nächsten (Haus).</translation>
    </message>
    <message>
        <source>%1 of %2 flights since the last step, rocking %3 of the time. Fly on before the next one.</source>
        <translation>%1 von %2 Flügen seit dem letzten Schritt, schaukelt %3 der Zeit. Vor dem nächsten weiterfliegen.</translation>
    </message>
    <message>
        <source>Offered: rocking %1 of the time over the last %2 flights, under 15 % (house).</source>
        <translation>Angeboten: schaukelt %1 der Zeit über die letzten %2 Flüge, unter 15 % (Haus).</translation>
    </message>
    <message>
        <source>Rocking rose to %1 with the last step, 15 % is the most (house): half of it back, %2.</source>
        <translation>Schaukeln stieg mit dem letzten Schritt auf %1, höchstens 15 % (Haus): die Hälfte zurück, %2.</translation>
    </message>
    <message>
        <source>Rocking %1 of the time, 15 % is the most (house): stay here until it is less.</source>
        <translation>Schaukelt %1 der Zeit, höchstens 15 % (Haus): hier bleiben, bis es weniger ist.</translation>
    </message>
    <message>
        <source>Every step is taken; rocking %1 of the time since.</source>
        <translation>Jeder Schritt ist getan; schaukelt seitdem %1 der Zeit.</translation>
    </message>
    <message>
        <source> °/s</source>
        <translation> °/s</translation>
    </message>
</context>
<context>
    <name>bh::desk::WeekGrid</name>
    <message>
        <source>The week: days and bays across, half hours down</source>
        <translation>Die Woche: Tage und Plätze nebeneinander, halbe Stunden untereinander</translation>
    </message>
    <message numerus="yes">
        <source>%n block(s) planned, none chosen</source>
        <translation>
            <numerusform>Ein Block geplant, keiner gewählt</numerusform>
            <numerusform>%n Blöcke geplant, keiner gewählt</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2, %3 %4</source>
        <translation>%1, %2, %3 %4</translation>
    </message>
</context>
<context>
    <name>bh::desk::WeekPanel</name>
    <message>
        <source>Could not be placed</source>
        <translation>Ließ sich nicht unterbringen</translation>
    </message>
    <message>
        <source>The week before</source>
        <translation>Die Woche davor</translation>
    </message>
    <message>
        <source>The week after</source>
        <translation>Die Woche danach</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>The best week that the rules allow; what is locked stays</source>
        <translation>Die beste Woche, die die Regeln erlauben; was fest ist, bleibt</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Keeps the best that was found so far</source>
        <translation>Behält das Beste, das bisher gefunden wurde</translation>
    </message>
    <message>
        <source>Publish</source>
        <translation>Veröffentlichen</translation>
    </message>
    <message>
        <source>From now on people know it; later plans change as little of it as they can</source>
        <translation>Ab jetzt wissen es alle; spätere Pläne ändern so wenig wie möglich daran</translation>
    </message>
    <message>
        <source>Calendar …</source>
        <translation>Kalender …</translation>
    </message>
    <message>
        <source>As iCalendar: the week, a bay, or the chosen pilot</source>
        <translation>Als iCalendar: die Woche, ein Platz oder der gewählte Pilot</translation>
    </message>
    <message>
        <source>For the door …</source>
        <translation>Für die Tür …</translation>
    </message>
    <message>
        <source>On paper</source>
        <translation>Auf Papier</translation>
    </message>
    <message>
        <source>Bays …</source>
        <translation>Plätze …</translation>
    </message>
    <message>
        <source>Which bays there are, and when the school is open</source>
        <translation>Welche Plätze es gibt und wann die Schule geöffnet ist</translation>
    </message>
    <message>
        <source>Who can when …</source>
        <translation>Wer wann …</translation>
    </message>
    <message>
        <source>When the chosen pilot can come, and how much is wanted</source>
        <translation>Wann der gewählte Pilot kommen kann und wie viel gewünscht ist</translation>
    </message>
    <message>
        <source>Choose a pilot on the left.</source>
        <translation>Links einen Piloten wählen.</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>The chosen block stays where it is when the week is planned again</source>
        <translation>Der gewählte Block bleibt, wo er ist, wenn die Woche neu geplant wird</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>The chosen block</source>
        <translation>Den gewählten Block</translation>
    </message>
    <message>
        <source>Bay is down</source>
        <translation>Platz fällt aus</translation>
    </message>
    <message>
        <source>The bay of the chosen block is closed that day, or open again</source>
        <translation>Der Platz des gewählten Blocks ist an dem Tag geschlossen oder wieder offen</translation>
    </message>
    <message>
        <source>Week %1 of %2
%3 to %4</source>
        <translation>KW %1, %2
%3 – %4</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: %2 h short, because of: %3.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;: %2 h zu wenig, wegen: %3.</translation>
    </message>
    <message>
        <source>Nobody said when: %1.</source>
        <translation>Niemand sagte, wann: %1.</translation>
    </message>
    <message>
        <source>Everybody has what was wanted.</source>
        <translation>Alle haben, was gewünscht war.</translation>
    </message>
    <message>
        <source>Not published yet. A block is dragged to another place, or onto another block to change with it.</source>
        <translation>Noch nicht veröffentlicht. Einen Block zieht man an einen anderen Ort, oder auf einen anderen Block, um zu tauschen.</translation>
    </message>
    <message>
        <source>Published, version %1; dashed blocks are new since.</source>
        <translation>Veröffentlicht, Version %1; gestrichelte Blöcke sind seitdem neu.</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Bay is open</source>
        <translation>Platz ist offen</translation>
    </message>
    <message>
        <source>%1, %2, %3 %4: %5.</source>
        <translation>%1, %2, %3 %4: %5.</translation>
    </message>
    <message>
        <source> Nobody flew.</source>
        <translation> Niemand flog.</translation>
    </message>
    <message>
        <source> Flown.</source>
        <translation> Geflogen.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Moved. Ctrl+Z takes it back.</source>
        <translation>Verschoben. Strg+Z nimmt es zurück.</translation>
    </message>
    <message>
        <source>Moved, and a rule is broken: %1. Ctrl+Z takes it back.</source>
        <translation>Verschoben, und eine Regel ist gebrochen: %1. Strg+Z nimmt es zurück.</translation>
    </message>
    <message>
        <source>Plan again to place who was there.</source>
        <translation>Neu planen, um unterzubringen, wer dort war.</translation>
    </message>
    <message>
        <source>Planning …</source>
        <translation>Wird geplant …</translation>
    </message>
    <message>
        <source>Planning: %1 of %2 …</source>
        <translation>Wird geplant: %1 von %2 …</translation>
    </message>
    <message>
        <source>Planned: %1 blocks, as many as the rules allow; %2 changes to what was published.</source>
        <translation>Geplant: %1 Blöcke, so viele die Regeln erlauben; %2 Änderungen am Veröffentlichten.</translation>
    </message>
    <message>
        <source>Stopped: %1 blocks, at most %2 % from the best.</source>
        <translation>Angehalten: %1 Blöcke, höchstens %2 % vom Besten.</translation>
    </message>
    <message>
        <source>Calendar to write</source>
        <translation>Kalender schreiben</translation>
    </message>
    <message>
        <source>iCalendar (*.ics)</source>
        <translation>iCalendar (*.ics)</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>A draft, not published.</source>
        <translation>Ein Entwurf, nicht veröffentlicht.</translation>
    </message>
    <message>
        <source>As published, version %1.</source>
        <translation>Wie veröffentlicht, Version %1.</translation>
    </message>
    <message>
        <source>At</source>
        <translation>Um</translation>
    </message>
    <message>
        <source>Bay</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>Pilot</source>
        <translation>Pilot</translation>
    </message>
    <message>
        <source>To fly</source>
        <translation>Zu fliegen</translation>
    </message>
    <message>
        <source>%1. The week is planned here: who flies when, in which bay, and who could not be placed and why.</source>
        <translation>%1. Hier wird die Woche geplant: wer wann an welchem Platz fliegt, und wer nicht unterkam und warum.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: %2 h short, and there is room.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;: %2 h zu wenig, und es ist Platz.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: %2 h short, because of all of these: %3.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;: %2 h zu wenig, wegen all dem zusammen: %3.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>, or </source>
        <translation>, oder </translation>
    </message>
</context>
<context>
    <name>days</name>
    <message>
        <source>d MMM yyyy</source>
        <comment>day, month and year</comment>
        <translation>d. MMM yyyy</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>day and month, as QLocale::toString has them</comment>
        <translation>d. MMM</translation>
    </message>
    <message>
        <source>ddd d MMM</source>
        <comment>weekday, day and month</comment>
        <translation>ddd d. MMM</translation>
    </message>
</context>
<context>
    <name>message</name>
    <message>
        <source>&quot;%1&quot; was not done within %2.</source>
        <translation>„%1“ wurde nicht in %2 getan.</translation>
    </message>
    <message>
        <source>%1 % power brings %2</source>
        <translation>%1 % Leistung bringen %2</translation>
    </message>
    <message>
        <source>%1 %2 to %3%4 in steps of %5</source>
        <translation>%1 %2 bis %3%4 in Schritten von %5</translation>
    </message>
    <message>
        <source>%1 %2: unlock the station first (Ctrl+U)</source>
        <translation>%1 %2: zuerst die Station öffnen (Strg+U)</translation>
    </message>
    <message numerus="yes">
        <source>%1 %n entry from before names were sealed has it in the clear.</source>
        <translation>
            <numerusform>%1 Ein Eintrag aus der Zeit, bevor Namen versiegelt wurden, hat ihn im Klartext.</numerusform>
            <numerusform>%1 %n Einträge aus der Zeit, bevor Namen versiegelt wurden, haben ihn im Klartext.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2) was changed after it was written</source>
        <translation>%1 (%2) wurde nach dem Schreiben geändert</translation>
    </message>
    <message>
        <source>%1 If it does not, %2 is reversed; calibrate again.</source>
        <translation>%1 Wenn nicht, ist %2 umgekehrt; neu kalibrieren.</translation>
    </message>
    <message>
        <source>%1 Seen: %2</source>
        <translation>%1 Gesehen: %2</translation>
    </message>
    <message>
        <source>%1 The throttle was not taken to the bottom.</source>
        <translation>%1 Das Gas wurde nicht nach unten genommen.</translation>
    </message>
    <message>
        <source>%1 Throttle at the bottom after %2.</source>
        <translation>%1 Gas nach %2 unten.</translation>
    </message>
    <message>
        <source>%1 a minute</source>
        <translation>%1 je Minute</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1 and %2 are both on %3</source>
        <translation>%1 und %2 liegen beide auf %3</translation>
    </message>
    <message>
        <source>%1 and %2 both moved axis %3; record them again</source>
        <translation>%1 und %2 bewegten beide Achse %3; neu aufnehmen</translation>
    </message>
    <message>
        <source>%1 at fault in %2 of the last %3 flights</source>
        <translation>%1: Fehler in %2 der letzten %3 Flüge</translation>
    </message>
    <message>
        <source>%1 by %2 points</source>
        <translation>%1, um %2 Punkte</translation>
    </message>
    <message>
        <source>%1 could not be measured: the flight did not get that far.</source>
        <translation>%1 ließ sich nicht messen: der Flug kam nicht so weit.</translation>
    </message>
    <message>
        <source>%1 deg</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1 does better than %2 by %3 bit/s (95 % between %4 and %5).</source>
        <translation>%1 ist besser als %2, um %3 bit/s (95 % zwischen %4 und %5).</translation>
    </message>
    <message>
        <source>%1 does not carry the signature of the station that it names</source>
        <translation>%1 trägt nicht die Signatur der Station, die er nennt</translation>
    </message>
    <message>
        <source>%1 does not follow the one before it</source>
        <translation>%1 folgt nicht auf den davor</translation>
    </message>
    <message>
        <source>%1 failed %2 times or more in a row</source>
        <translation>%1 %2-mal oder öfter hintereinander nicht bestanden</translation>
    </message>
    <message numerus="yes">
        <source>%1 failed %n time in a row</source>
        <translation>
            <numerusform>%1 %n-mal hintereinander nicht bestanden</numerusform>
            <numerusform>%1 %n-mal hintereinander nicht bestanden</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 flight logs and recordings of the last day are not on the server yet</source>
        <translation>%1 Flugaufzeichnungen und Aufnahmen des letzten Tags sind noch nicht auf dem Server</translation>
    </message>
    <message>
        <source>%1 from %2 s to %3 s: %4</source>
        <translation>%1 von %2 s bis %3 s: %4</translation>
    </message>
    <message>
        <source>%1 h a week over four weeks, %2 wanted</source>
        <translation>%1 h je Woche über vier Wochen, %2 gewünscht</translation>
    </message>
    <message>
        <source>%1 holds a release of another record: the head that it names is not in this one</source>
        <translation>%1 enthält eine Freigabe einer anderen Akte: der genannte Stand ist nicht in dieser</translation>
    </message>
    <message>
        <source>%1 holds a release that cannot be read</source>
        <translation>%1 enthält eine Freigabe, die sich nicht lesen lässt</translation>
    </message>
    <message>
        <source>%1 holds a release that no coordinator of this record signed</source>
        <translation>%1 enthält eine Freigabe, die kein Koordinator dieser Akte unterschrieb</translation>
    </message>
    <message>
        <source>%1 holds a release that was changed after it was signed</source>
        <translation>%1 enthält eine Freigabe, die nach dem Unterschreiben geändert wurde</translation>
    </message>
    <message>
        <source>%1 is dated before the one before it</source>
        <translation>%1 trägt ein früheres Datum als der davor</translation>
    </message>
    <message>
        <source>%1 is missing from the file</source>
        <translation>%1 fehlt in der Datei</translation>
    </message>
    <message>
        <source>%1 is no coordinator, and only those sign</source>
        <translation>%1 ist kein Koordinator, und nur die unterschreiben</translation>
    </message>
    <message>
        <source>%1 is not as this program makes it</source>
        <translation>%1 ist nicht, wie dieses Programm es macht</translation>
    </message>
    <message>
        <source>%1 is not this program&apos;s</source>
        <translation>%1 ist nicht von diesem Programm</translation>
    </message>
    <message>
        <source>%1 is the only coordinator; add another one first</source>
        <translation>%1 ist der einzige Koordinator; zuerst einen weiteren anlegen</translation>
    </message>
    <message>
        <source>%1 is there, %2 here</source>
        <translation>%1 steht dort, %2 hier</translation>
    </message>
    <message>
        <source>%1 m higher</source>
        <translation>%1 m höher</translation>
    </message>
    <message>
        <source>%1 m lower</source>
        <translation>%1 m tiefer</translation>
    </message>
    <message>
        <source>%1 m of room around the pilot, %2 m wanted</source>
        <translation>%1 m Raum um den Piloten, %2 m gewünscht</translation>
    </message>
    <message>
        <source>%1 m tighter</source>
        <translation>%1 m enger</translation>
    </message>
    <message>
        <source>%1 m wider</source>
        <translation>%1 m weiter</translation>
    </message>
    <message>
        <source>%1 m/s harder</source>
        <translation>%1 m/s härter</translation>
    </message>
    <message>
        <source>%1 m/s softer</source>
        <translation>%1 m/s weicher</translation>
    </message>
    <message numerus="yes">
        <source>%1 minutes without a task, %n crash; throttle at the bottom within 1 s after %2 of %n.</source>
        <translation>
            <numerusform>%1 Minuten ohne Aufgabe, %n Absturz; Gas nach %2 von %n in 1 s unten.</numerusform>
            <numerusform>%1 Minuten ohne Aufgabe, %n Abstürze; Gas nach %2 von %n in 1 s unten.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 minutes without a task, no crash.</source>
        <translation>%1 Minuten ohne Aufgabe, kein Absturz.</translation>
    </message>
    <message>
        <source>%1 mode is called &quot;%2&quot; there.</source>
        <translation>Modus %1 heißt dort „%2“.</translation>
    </message>
    <message>
        <source>%1 must lie in %2 to %3</source>
        <translation>%1 muss in %2 bis %3 liegen</translation>
    </message>
    <message>
        <source>%1 of %2 attempts: nothing is forecast from fewer than %2</source>
        <translation>%1 von %2 Versuchen: aus weniger als %2 wird nichts vorausgesagt</translation>
    </message>
    <message>
        <source>%1 of %2 h on rates that were matched, %3 h a week</source>
        <translation>%1 von %2 h mit abgeglichenen Drehraten, %3 h je Woche</translation>
    </message>
    <message>
        <source>%1 of %2 h, %3 h a week over four weeks</source>
        <translation>%1 von %2 h, %3 h je Woche über vier Wochen</translation>
    </message>
    <message>
        <source>%1 of %2 minutes flown</source>
        <translation>%1 von %2 Minuten geflogen</translation>
    </message>
    <message>
        <source>%1 of %2 minutes under the roof</source>
        <translation>%1 von %2 Minuten unter dem Dach</translation>
    </message>
    <message>
        <source>%1 of %2 stages held</source>
        <translation>%1 von %2 Stufen sitzen</translation>
    </message>
    <message>
        <source>%1 on the server is not what was written</source>
        <translation>%1 auf dem Server ist nicht, was geschrieben wurde</translation>
    </message>
    <message numerus="yes">
        <source>%1 once</source>
        <translation>
            <numerusform>%1 einmal</numerusform>
            <numerusform>%1 %n-mal</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 s earlier</source>
        <translation>%1 s früher</translation>
    </message>
    <message>
        <source>%1 s later</source>
        <translation>%1 s später</translation>
    </message>
    <message>
        <source>%1 to %2: not moved: %3</source>
        <translation>%1 nach %2: nicht verlegt: %3</translation>
    </message>
    <message>
        <source>%1 was erased, but the key to the name is still there</source>
        <translation>%1 wurde gelöscht, aber der Schlüssel zum Namen ist noch da</translation>
    </message>
    <message>
        <source>%1 °C: keep the batteries warm until they are flown, and land earlier</source>
        <translation>%1 °C: die Akkus bis zum Flug warm halten und früher landen</translation>
    </message>
    <message>
        <source>%1 °C: thin air, hot motors, short flights</source>
        <translation>%1 °C: dünne Luft, heiße Motoren, kurze Flüge</translation>
    </message>
    <message>
        <source>%1%2, but flight logs of a record lie beside it in %3; restore a copy of the record, or take the logs away to begin a new one</source>
        <translation>%1%2, aber daneben liegen in %3 Flugaufzeichnungen einer Akte; eine Kopie der Akte wiederherstellen, oder die Aufzeichnungen wegnehmen, um eine neue zu beginnen</translation>
    </message>
    <message>
        <source>%1%2: cannot be written: %3</source>
        <translation>%1%2: lässt sich nicht schreiben: %3</translation>
    </message>
    <message>
        <source>%1, left side first</source>
        <translation>%1, zuerst linke Seite</translation>
    </message>
    <message>
        <source>%1, right side first</source>
        <translation>%1, zuerst rechte Seite</translation>
    </message>
    <message>
        <source>%1: %2 and %3 moved axis %4 the same way; record it again</source>
        <translation>%1: %2 und %3 bewegten Achse %4 gleich; neu aufnehmen</translation>
    </message>
    <message>
        <source>%1: %2 is reversed; calibrate again.</source>
        <translation>%1: %2 ist umgekehrt; neu kalibrieren.</translation>
    </message>
    <message>
        <source>%1: %2 where %3 passes; %4</source>
        <translation>%1: %2, wo %3 besteht; %4</translation>
    </message>
    <message>
        <source>%1: %2, expected what waits for the server</source>
        <translation>%1: %2, erwartet wird, was auf den Server wartet</translation>
    </message>
    <message>
        <source>%1: /format: &quot;%2&quot; is newer than this program, which reads &quot;%31&quot;</source>
        <translation>%1: /format: „%2“ ist neuer als dieses Programm, das „%31“ liest</translation>
    </message>
    <message>
        <source>%1: /format: expected &quot;%21&quot;, found &quot;%3&quot;</source>
        <translation>%1: /format: erwartet „%21“, gefunden „%3“</translation>
    </message>
    <message>
        <source>%1: /id: expected &apos;%2&apos;</source>
        <translation>%1: /id: erwartet „%2“</translation>
    </message>
    <message>
        <source>%1: an event comes again more often than once a day: expected days, weeks, months or years</source>
        <translation>%1: ein Termin kommt öfter als einmal am Tag wieder: erwartet Tage, Wochen, Monate oder Jahre</translation>
    </message>
    <message>
        <source>%1: cannot be backed up: %2</source>
        <translation>%1: lässt sich nicht sichern: %2</translation>
    </message>
    <message>
        <source>%1: cannot be exported: %2</source>
        <translation>%1: lässt sich nicht ausgeben: %2</translation>
    </message>
    <message>
        <source>%1: cannot be opened</source>
        <translation>%1: lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>%1: cannot be opened as a training record: %2</source>
        <translation>%1: lässt sich nicht als Akte öffnen: %2</translation>
    </message>
    <message>
        <source>%1: cannot be reached: %2</source>
        <translation>%1: ist nicht erreichbar: %2</translation>
    </message>
    <message>
        <source>%1: cannot be read as a training record: %2</source>
        <translation>%1: lässt sich nicht als Akte lesen: %2</translation>
    </message>
    <message>
        <source>%1: cannot be read as a training record: %2; it was left as it is</source>
        <translation>%1: lässt sich nicht als Akte lesen: %2; sie blieb, wie sie war</translation>
    </message>
    <message>
        <source>%1: cannot be read: %2</source>
        <translation>%1: lässt sich nicht lesen: %2</translation>
    </message>
    <message>
        <source>%1: cannot be written</source>
        <translation>%1: lässt sich nicht schreiben</translation>
    </message>
    <message>
        <source>%1: cannot be written: %2</source>
        <translation>%1: lässt sich nicht schreiben: %2</translation>
    </message>
    <message>
        <source>%1: choose the column that says how long was flown</source>
        <translation>%1: die Spalte wählen, die sagt, wie lange geflogen wurde</translation>
    </message>
    <message>
        <source>%1: choose the column that says when it began</source>
        <translation>%1: die Spalte wählen, die sagt, wann es begann</translation>
    </message>
    <message>
        <source>%1: column %2: %3</source>
        <translation>%1: Spalte %2: %3</translation>
    </message>
    <message>
        <source>%1: expected %2 to %3, found %4</source>
        <translation>%1: erwartet %2 bis %3, gefunden %4</translation>
    </message>
    <message>
        <source>%1: expected a calendar of at most 4 MB</source>
        <translation>%1: erwartet ein Kalender von höchstens 4 MB</translation>
    </message>
    <message>
        <source>%1: expected a number not beyond 1000000000000</source>
        <translation>%1: erwartet eine Zahl nicht über 1000000000000</translation>
    </message>
    <message>
        <source>%1: expected a range from low to high with a step over 0</source>
        <translation>%1: erwartet ein Bereich von tief nach hoch mit einem Schritt über 0</translation>
    </message>
    <message>
        <source>%1: expected an object of JSON</source>
        <translation>%1: erwartet ein JSON-Objekt</translation>
    </message>
    <message>
        <source>%1: expected at least one row under the header</source>
        <translation>%1: erwartet mindestens eine Zeile unter dem Kopf</translation>
    </message>
    <message>
        <source>%1: expected at most 20,000 rows</source>
        <translation>%1: erwartet höchstens 20 000 Zeilen</translation>
    </message>
    <message>
        <source>%1: expected more than 0</source>
        <translation>%1: erwartet mehr als 0</translation>
    </message>
    <message>
        <source>%1: has a header but no rows</source>
        <translation>%1: hat einen Kopf, aber keine Zeilen</translation>
    </message>
    <message>
        <source>%1: has a header but no rows, expected at least two</source>
        <translation>%1: hat einen Kopf, aber keine Zeilen, erwartet mindestens zwei</translation>
    </message>
    <message>
        <source>%1: has fewer than two rows that can be told apart in time</source>
        <translation>%1: hat weniger als zwei zeitlich unterscheidbare Zeilen</translation>
    </message>
    <message>
        <source>%1: has no rows under its header, expected at least two</source>
        <translation>%1: hat keine Zeilen unter dem Kopf, erwartet mindestens zwei</translation>
    </message>
    <message>
        <source>%1: has one row only, which is no flight, expected at least two</source>
        <translation>%1: hat nur eine Zeile, das ist kein Flug, erwartet mindestens zwei</translation>
    </message>
    <message>
        <source>%1: holds bytes that are no text in UTF-8</source>
        <translation>%1: enthält Bytes, die kein UTF-8-Text sind</translation>
    </message>
    <message>
        <source>%1: is a database, but not a training record; it was left as it is</source>
        <translation>%1: ist eine Datenbank, aber keine Akte; sie blieb, wie sie war</translation>
    </message>
    <message>
        <source>%1: is a folder, expected a training record</source>
        <translation>%1: ist ein Ordner, erwartet eine Akte</translation>
    </message>
    <message>
        <source>%1: is damaged (%2); it was left as it is, restore a copy</source>
        <translation>%1: ist beschädigt (%2); sie blieb, wie sie war, eine Kopie wiederherstellen</translation>
    </message>
    <message>
        <source>%1: is larger than 1.5 GB, expected one flight or a document</source>
        <translation>%1: ist größer als 1,5 GB, erwartet ein Flug oder ein Dokument</translation>
    </message>
    <message>
        <source>%1: is larger than 64 MB, expected a small document</source>
        <translation>%1: ist größer als 64 MB, erwartet ein kleines Dokument</translation>
    </message>
    <message>
        <source>%1: is larger than this computer&apos;s memory</source>
        <translation>%1: ist größer als der Speicher dieses Rechners</translation>
    </message>
    <message>
        <source>%1: is nested deeper than 100</source>
        <translation>%1: ist tiefer als 100 verschachtelt</translation>
    </message>
    <message>
        <source>%1: is no backup of a record: %2</source>
        <translation>%1: ist keine Sicherung einer Akte: %2</translation>
    </message>
    <message>
        <source>%1: is no backup of a record: there is no %2</source>
        <translation>%1: ist keine Sicherung einer Akte: es fehlt %2</translation>
    </message>
    <message>
        <source>%1: is no file</source>
        <translation>%1: ist keine Datei</translation>
    </message>
    <message>
        <source>%1: is no station&apos;s key, expected 64 hex digits; restore it, or take it away for a new one</source>
        <translation>%1: ist kein Schlüssel einer Station, erwartet 64 Hexziffern; wiederherstellen, oder für einen neuen wegnehmen</translation>
    </message>
    <message>
        <source>%1: is not UTF-8 text</source>
        <translation>%1: ist kein UTF-8-Text</translation>
    </message>
    <message>
        <source>%1: is not a file, expected a backup</source>
        <translation>%1: ist keine Datei, erwartet eine Sicherung</translation>
    </message>
    <message>
        <source>%1: is not a file, expected a stick recording</source>
        <translation>%1: ist keine Datei, erwartet eine Knüppelaufnahme</translation>
    </message>
    <message>
        <source>%1: is not a file, expected a text file</source>
        <translation>%1: ist keine Datei, erwartet eine Textdatei</translation>
    </message>
    <message>
        <source>%1: is not a file, expected a training record</source>
        <translation>%1: ist keine Datei, erwartet eine Akte</translation>
    </message>
    <message>
        <source>%1: is not a training record</source>
        <translation>%1: ist keine Akte</translation>
    </message>
    <message>
        <source>%1: is not a training record, or cannot be read: %2</source>
        <translation>%1: ist keine Akte oder lässt sich nicht lesen: %2</translation>
    </message>
    <message>
        <source>%1: is not a training record; it was left as it is</source>
        <translation>%1: ist keine Akte; sie blieb, wie sie war</translation>
    </message>
    <message>
        <source>%1: is not what was written</source>
        <translation>%1: ist nicht, was geschrieben wurde</translation>
    </message>
    <message>
        <source>%1: is there already, a backup is not written over it</source>
        <translation>%1: gibt es schon, eine Sicherung überschreibt nichts</translation>
    </message>
    <message>
        <source>%1: is there already, expected a new folder</source>
        <translation>%1: gibt es schon, erwartet ein neuer Ordner</translation>
    </message>
    <message>
        <source>%1: is there already, expected a place where there is no record</source>
        <translation>%1: gibt es schon, erwartet ein Ort ohne Akte</translation>
    </message>
    <message>
        <source>%1: its %2 is not on the server, the station where it was made may have it</source>
        <translation>%1: %2 ist nicht auf dem Server, die Station, an der es entstand, hat es vielleicht</translation>
    </message>
    <message>
        <source>%1: its two directions are exchanged, or the wrong way was pushed; try again.</source>
        <translation>%1: die beiden Richtungen sind vertauscht, oder es wurde falsch gedrückt; noch einmal.</translation>
    </message>
    <message>
        <source>%1: line %2, column %3: %4</source>
        <translation>%1: Zeile %2, Spalte %3: %4</translation>
    </message>
    <message>
        <source>%1: line %2: %3</source>
        <translation>%1: Zeile %2: %3</translation>
    </message>
    <message>
        <source>%1: line %2: expected %3 fields, found %4</source>
        <translation>%1: Zeile %2: erwartet %3 Felder, gefunden %4</translation>
    </message>
    <message>
        <source>%1: line 1: expected an iCalendar, which begins with BEGIN:VCALENDAR</source>
        <translation>%1: Zeile 1: erwartet ein iCalendar, der mit BEGIN:VCALENDAR beginnt</translation>
    </message>
    <message>
        <source>%1: line 1: expected columns start and end, and day or weekday</source>
        <translation>%1: Zeile 1: erwartet die Spalten start und end, und day oder weekday</translation>
    </message>
    <message>
        <source>%1: no axis moved on %2 and %3; check the cable and the channel</source>
        <translation>%1: keine Achse bewegte sich bei %2 und %3; Kabel und Kanal prüfen</translation>
    </message>
    <message>
        <source>%1: no entry names it</source>
        <translation>%1: kein Eintrag nennt sie</translation>
    </message>
    <message>
        <source>%1: rising counts are %2 there.</source>
        <translation>%1: steigende Zähler sind dort %2.</translation>
    </message>
    <message>
        <source>%1: rising counts are not %2 there.</source>
        <translation>%1: steigende Zähler sind dort nicht %2.</translation>
    </message>
    <message>
        <source>%1: the backup cannot be read back: %2</source>
        <translation>%1: die Sicherung lässt sich nicht zurücklesen: %2</translation>
    </message>
    <message>
        <source>%1: the backup cannot be written: %2</source>
        <translation>%1: die Sicherung lässt sich nicht schreiben: %2</translation>
    </message>
    <message>
        <source>%1: the day&apos;s copy cannot be made: %2</source>
        <translation>%1: die Tageskopie lässt sich nicht machen: %2</translation>
    </message>
    <message>
        <source>%1: the day&apos;s copy is not right: %2</source>
        <translation>%1: die Tageskopie stimmt nicht: %2</translation>
    </message>
    <message>
        <source>%1: the prompt %2 is missing; record it again</source>
        <translation>%1: die Aufforderung %2 fehlt; neu aufnehmen</translation>
    </message>
    <message>
        <source>%1: the server does not take it: %2</source>
        <translation>%1: der Server nimmt es nicht: %2</translation>
    </message>
    <message>
        <source>%1: the station&apos;s key cannot be written: %2</source>
        <translation>%1: der Schlüssel der Station lässt sich nicht schreiben: %2</translation>
    </message>
    <message>
        <source>%1: the stick goes to %2, expected to 1</source>
        <translation>%1: der Knüppel geht bis %2, erwartet bis 1</translation>
    </message>
    <message>
        <source>%1: the sticks are the other way round, or the stick mode is another one.</source>
        <translation>%1: die Knüppel sind vertauscht, oder der Knüppelmodus ist ein anderer.</translation>
    </message>
    <message>
        <source>%1: there is no drill &apos;%2&apos;</source>
        <translation>%1: es gibt keine Übung „%2“</translation>
    </message>
    <message>
        <source>%1: there is no record on this server</source>
        <translation>%1: auf diesem Server ist keine Akte</translation>
    </message>
    <message>
        <source>%1: there is no such backup</source>
        <translation>%1: es gibt keine solche Sicherung</translation>
    </message>
    <message>
        <source>%1: there is no such file</source>
        <translation>%1: es gibt keine solche Datei</translation>
    </message>
    <message>
        <source>%1: there is no such record</source>
        <translation>%1: es gibt keine solche Akte</translation>
    </message>
    <message>
        <source>%1: unpacks to more than 256 MB, expected a stick recording</source>
        <translation>%1: ist entpackt größer als 256 MB, erwartet eine Knüppelaufnahme</translation>
    </message>
    <message>
        <source>%1: was cut short while it was read, try again when it is whole</source>
        <translation>%1: wurde beim Lesen abgeschnitten, noch einmal versuchen, wenn sie ganz ist</translation>
    </message>
    <message>
        <source>%1: was written by a newer version (%2, this one knows up to %3)</source>
        <translation>%1: wurde von einer neueren Version geschrieben (%2, diese kennt bis %3)</translation>
    </message>
    <message>
        <source>%1: was written by a newer version (%2, this one knows up to %3); it was left as it is</source>
        <translation>%1: wurde von einer neueren Version geschrieben (%2, diese kennt bis %3); sie blieb, wie sie war</translation>
    </message>
    <message>
        <source>%1; and %2 more</source>
        <translation>%1; und %2 weitere</translation>
    </message>
    <message>
        <source>%1; in %2 of the last %3 flights</source>
        <translation>%1; in %2 der letzten %3 Flüge</translation>
    </message>
    <message>
        <source>%1; next is %2</source>
        <translation>%1; als Nächstes %2</translation>
    </message>
    <message>
        <source>%1; restore a copy</source>
        <translation>%1; eine Kopie wiederherstellen</translation>
    </message>
    <message>
        <source>%3 times, the weightiest from %1 s to %2 s</source>
        <translation>%3-mal, das Gewichtigste von %1 s bis %2 s</translation>
    </message>
    <message numerus="yes">
        <source>%n minute of %1 flown</source>
        <translation>
            <numerusform>%n Minute von %1 geflogen</numerusform>
            <numerusform>%n Minuten von %1 geflogen</numerusform>
        </translation>
    </message>
    <message>
        <source>&apos;%1&apos; is neither a question nor an ending</source>
        <translation>„%1“ ist weder Frage noch Ende</translation>
    </message>
    <message>
        <source>&apos;%1&apos; is neither a question nor an ending, but &apos;%2&apos; leads there</source>
        <translation>„%1“ ist weder Frage noch Ende, aber „%2“ führt dorthin</translation>
    </message>
    <message>
        <source>&apos;%1&apos; is not met: give a reason why it does not stand in the way, or wait</source>
        <translation>„%1“ ist nicht erfüllt: einen Grund geben, warum es nicht im Weg steht, oder warten</translation>
    </message>
    <message>
        <source>&apos;%1&apos; is used by two phases</source>
        <translation>„%1“ wird von zwei Phasen benutzt</translation>
    </message>
    <message>
        <source>&apos;%1&apos; names no flight log</source>
        <translation>„%1“ nennt keine Flugaufzeichnung</translation>
    </message>
    <message>
        <source>&apos;%1&apos; names no stick recording of this record</source>
        <translation>„%1“ nennt keine Knüppelaufnahme dieser Akte</translation>
    </message>
    <message>
        <source>&apos;%1&apos; stands there twice</source>
        <translation>„%1“ steht dort zweimal</translation>
    </message>
    <message>
        <source>&apos;%1&apos; stands twice</source>
        <translation>„%1“ steht zweimal</translation>
    </message>
    <message>
        <source>&apos;%1&apos;: expected a week such as 2031-W07</source>
        <translation>„%1“: erwartet eine Woche wie 2031-W07</translation>
    </message>
    <message>
        <source>3-inch (invented)</source>
        <translation>3 Zoll (erfunden)</translation>
    </message>
    <message>
        <source>5-inch, freestyle (invented)</source>
        <translation>5 Zoll, Freestyle (erfunden)</translation>
    </message>
    <message>
        <source>5-inch, heavy camera (invented)</source>
        <translation>5 Zoll, schwere Kamera (erfunden)</translation>
    </message>
    <message>
        <source>5-inch, plain (invented)</source>
        <translation>5 Zoll, schlicht (erfunden)</translation>
    </message>
    <message>
        <source>7-inch (invented)</source>
        <translation>7 Zoll (erfunden)</translation>
    </message>
    <message>
        <source>A battery</source>
        <translation>Ein Akku</translation>
    </message>
    <message>
        <source>A bent one shakes and pulls to one side.</source>
        <translation>Ein verbogener schüttelt und zieht zur Seite.</translation>
    </message>
    <message>
        <source>A burst of throttle first, and none while on the back.</source>
        <translation>Zuerst ein Stoß Gas, und keins auf dem Rücken.</translation>
    </message>
    <message>
        <source>A camera</source>
        <translation>Eine Kamera</translation>
    </message>
    <message>
        <source>A cold battery gives less and sags sooner (common practice; the limit is house)</source>
        <translation>Ein kalter Akku gibt weniger und bricht früher ein (gängige Praxis; der Grenzwert: Haus)</translation>
    </message>
    <message>
        <source>A computer and a screen, where one has to be bought</source>
        <translation>Rechner und Bildschirm, wo sie gekauft werden müssen</translation>
    </message>
    <message>
        <source>A controller</source>
        <translation>Eine Fernsteuerung</translation>
    </message>
    <message>
        <source>A demonstration plays; your sticks do what its sticks do. Nothing flies.</source>
        <translation>Eine Vorführung läuft; Ihre Knüppel tun, was ihre tun. Nichts fliegt.</translation>
    </message>
    <message>
        <source>A fair amount of effort</source>
        <translation>Ziemlich viel Mühe</translation>
    </message>
    <message>
        <source>A fall of %1 m takes √(2·%1/%2) = %3 s; less %4 s to wind up, 360° in %5 s is %6 °/s</source>
        <translation>Ein Fall von %1 m dauert √(2·%1/%2) = %3 s; weniger %4 s zum Anlaufen sind 360° in %5 s %6 °/s</translation>
    </message>
    <message>
        <source>A fall of %1 m takes √(2·%1/%2) = %3 s; winding up takes longer</source>
        <translation>Ein Fall von %1 m dauert √(2·%1/%2) = %3 s; das Anlaufen dauert länger</translation>
    </message>
    <message>
        <source>A finger on the switch before anything else.</source>
        <translation>Vor allem anderen einen Finger am Schalter.</translation>
    </message>
    <message>
        <source>A function is on no channel: look at the controller&apos;s mixer or its active profile, then calibrate.</source>
        <translation>Eine Funktion liegt auf keinem Kanal: Mischer oder aktives Profil der Fernsteuerung ansehen, dann kalibrieren.</translation>
    </message>
    <message>
        <source>A great deal of effort</source>
        <translation>Sehr viel Mühe</translation>
    </message>
    <message>
        <source>A held drill is due again after</source>
        <translation>Eine sitzende Übung ist wieder fällig nach</translation>
    </message>
    <message>
        <source>A hover on the cushion of air, a landing straight down and one with a little way on.</source>
        <translation>Schweben auf dem Luftkissen, eine Landung senkrecht und eine mit etwas Fahrt.</translation>
    </message>
    <message>
        <source>A leaning thrust lifts less, and no throttle was added.</source>
        <translation>Geneigter Schub trägt weniger, und es kam kein Gas dazu.</translation>
    </message>
    <message>
        <source>A little forward.</source>
        <translation>Etwas nach vorn.</translation>
    </message>
    <message>
        <source>A little higher, until the throttle is quiet.</source>
        <translation>Etwas höher, bis das Gas ruhig ist.</translation>
    </message>
    <message>
        <source>A little more care than it should</source>
        <translation>Etwas mehr Sorgfalt als nötig</translation>
    </message>
    <message>
        <source>A little throttle as the aircraft leans.</source>
        <translation>Etwas Gas, wenn sich das Fluggerät neigt.</translation>
    </message>
    <message>
        <source>A little throttle is a lot of climb on this aircraft.</source>
        <translation>Etwas Gas ist viel Steigen an diesem Fluggerät.</translation>
    </message>
    <message>
        <source>A motor</source>
        <translation>Ein Motor</translation>
    </message>
    <message>
        <source>A nudge forward, sticks recentred, and 60 m level and straight. Slow is the aim.</source>
        <translation>Ein Stups nach vorn, Knüppel zurück, und 60 m waagerecht und gerade. Langsam ist das Ziel.</translation>
    </message>
    <message>
        <source>A quarter turn to the right, and stop.</source>
        <translation>Eine Vierteldrehung nach rechts, und halt.</translation>
    </message>
    <message>
        <source>A quick stick is seen at once: a picture that comes late teaches rocking</source>
        <translation>Ein schneller Knüppel ist sofort zu sehen: ein Bild, das spät kommt, lehrt Schaukeln</translation>
    </message>
    <message>
        <source>A reversed cell can burn. Land before the pack is empty.</source>
        <translation>Ein verpolter Akku kann brennen. Landen, bevor er leer ist.</translation>
    </message>
    <message>
        <source>A set of propellers</source>
        <translation>Ein Satz Propeller</translation>
    </message>
    <message>
        <source>A short hop: up to 2 m.</source>
        <translation>Ein kurzer Hüpfer: bis 2 m.</translation>
    </message>
    <message>
        <source>A shorter burst: enough to come out at the height it began.</source>
        <translation>Ein kürzerer Stoß: genug, um in der Anfangshöhe herauszukommen.</translation>
    </message>
    <message>
        <source>A thumb alone reaches for the stick and lets go of it again.</source>
        <translation>Ein Daumen allein greift nach dem Knüppel und lässt ihn wieder los.</translation>
    </message>
    <message>
        <source>A whole aircraft</source>
        <translation>Ein ganzes Fluggerät</translation>
    </message>
    <message>
        <source>A whole flip forwards and one backwards, high up, with the height kept.</source>
        <translation>Ein ganzer Flip vorwärts und einer rückwärts, hoch oben, mit gehaltener Höhe.</translation>
    </message>
    <message>
        <source>A whole roll to the right and one to the left, high up.</source>
        <translation>Eine ganze Rolle nach rechts und eine nach links, hoch oben.</translation>
    </message>
    <message>
        <source>A whole turn to the right with the yaw alone.</source>
        <translation>Eine ganze Drehung nach rechts, nur mit Gier.</translation>
    </message>
    <message>
        <source>A whole turn to the right, on the spot.</source>
        <translation>Eine ganze Drehung nach rechts, auf der Stelle.</translation>
    </message>
    <message>
        <source>Acro</source>
        <translation>Acro</translation>
    </message>
    <message>
        <source>Add a little throttle as the aircraft leans: a leaning thrust lifts less.</source>
        <translation>Etwas Gas geben, wenn sich das Fluggerät neigt: geneigter Schub trägt weniger.</translation>
    </message>
    <message>
        <source>Add throttle as it levels, not after.</source>
        <translation>Gas geben, während es sich aufrichtet, nicht danach.</translation>
    </message>
    <message>
        <source>After a crash the throttle goes to zero first (common practice; the share is house)</source>
        <translation>Nach einem Absturz geht das Gas zuerst auf null (gängige Praxis; der Anteil: Haus)</translation>
    </message>
    <message>
        <source>After a crash: throttle to zero first, then disarm, then walk</source>
        <translation>Nach einem Absturz: zuerst Gas auf null, dann entschärfen, dann gehen</translation>
    </message>
    <message>
        <source>After a turn give as much stick the other way, until the horizon is level.</source>
        <translation>Nach einer Kurve gleich viel Knüppel zur anderen Seite, bis der Horizont gerade ist.</translation>
    </message>
    <message>
        <source>After the crash the eyes went to the wreck and the thumb stayed where it was.</source>
        <translation>Nach dem Absturz gingen die Augen zum Wrack und der Daumen blieb, wo er war.</translation>
    </message>
    <message>
        <source>Again tomorrow, and the day after (house)</source>
        <translation>Morgen wieder, und übermorgen (Haus)</translation>
    </message>
    <message>
        <source>Aircraft&apos;s rates changed since the match</source>
        <translation>Drehraten des Fluggeräts seit dem Abgleich geändert</translation>
    </message>
    <message>
        <source>Also at 350 deg/s the aircraft answers faster than the hand can take back.</source>
        <translation>Auch mit 350 °/s antwortet das Fluggerät schneller, als die Hand zurücknehmen kann.</translation>
    </message>
    <message>
        <source>An aircraft that lost its controller has to come down.</source>
        <translation>Ein Fluggerät, das seine Fernsteuerung verlor, muss herunterkommen.</translation>
    </message>
    <message>
        <source>An arm of the frame</source>
        <translation>Ein Arm des Rahmens</translation>
    </message>
    <message>
        <source>Arm again.</source>
        <translation>Wieder scharf schalten.</translation>
    </message>
    <message>
        <source>Armed with the throttle up</source>
        <translation>Mit Gas scharf geschaltet</translation>
    </message>
    <message>
        <source>Arming with the throttle up</source>
        <translation>Scharfschalten mit Gas</translation>
    </message>
    <message>
        <source>Arming, disarming, and the throttle to the bottom the moment something is wrong.</source>
        <translation>Scharf schalten, entschärfen, und Gas nach unten, sobald etwas nicht stimmt.</translation>
    </message>
    <message>
        <source>As good as one could wish</source>
        <translation>So gut, wie man es wünschen kann</translation>
    </message>
    <message>
        <source>As much stick the other way, until the horizon is level.</source>
        <translation>Gleich viel Knüppel zur anderen Seite, bis der Horizont gerade ist.</translation>
    </message>
    <message>
        <source>Asked before a session only: ask after it as well.</source>
        <translation>Nur vor einer Sitzung gefragt: auch danach fragen.</translation>
    </message>
    <message>
        <source>Asked for the left stick at %1 o&apos;clock</source>
        <translation>Verlangt war der linke Knüppel auf %1 Uhr</translation>
    </message>
    <message>
        <source>Asked for the right stick at %1 o&apos;clock</source>
        <translation>Verlangt war der rechte Knüppel auf %1 Uhr</translation>
    </message>
    <message>
        <source>At %1° this aircraft gains %2 m/s² per 1 % of throttle: touchy for a learner; %3.</source>
        <translation>Bei %1° gewinnt dieses Fluggerät %2 m/s² je 1 % Gas: nervös für Anfänger; %3.</translation>
    </message>
    <message>
        <source>At %1° this aircraft gains %2 m/s² per 1 % of throttle: touchy; %3.</source>
        <translation>Bei %1° gewinnt dieses Fluggerät %2 m/s² je 1 % Gas: nervös; %3.</translation>
    </message>
    <message>
        <source>At most %1 °/s for the hand, at least %2 °/s for the flip</source>
        <translation>Höchstens %1 °/s für die Hand, mindestens %2 °/s für den Flip</translation>
    </message>
    <message>
        <source>At this rate the hand comes too late to stop it level.</source>
        <translation>Mit dieser Rate kommt die Hand zu spät, um es gerade anzuhalten.</translation>
    </message>
    <message>
        <source>Away from the start at the end</source>
        <translation>Am Ende vom Start entfernt</translation>
    </message>
    <message>
        <source>Away from the wall, then down.</source>
        <translation>Weg von der Wand, dann hinunter.</translation>
    </message>
    <message>
        <source>BLUEHANGAR_DATA is %1, but there is no folder drills in it</source>
        <translation>BLUEHANGAR_DATA ist %1, aber darin ist kein Ordner drills</translation>
    </message>
    <message>
        <source>Back down to 4 m.</source>
        <translation>Zurück auf 4 m.</translation>
    </message>
    <message>
        <source>Back to the middle, and hover.</source>
        <translation>Zurück in die Mitte, und schweben.</translation>
    </message>
    <message>
        <source>Back to the middle.</source>
        <translation>Zurück in die Mitte.</translation>
    </message>
    <message>
        <source>Back to the start, and stop.</source>
        <translation>Zurück zum Start, und halt.</translation>
    </message>
    <message>
        <source>Back, and stop.</source>
        <translation>Zurück, und halt.</translation>
    </message>
    <message>
        <source>Ballooning</source>
        <translation>Aufsteigen beim Bremsen</translation>
    </message>
    <message>
        <source>Bank</source>
        <translation>Schräglage</translation>
    </message>
    <message>
        <source>Bank a little more, and look at the flag.</source>
        <translation>Etwas mehr Schräglage, und auf die Flagge schauen.</translation>
    </message>
    <message>
        <source>Bank hop</source>
        <translation>Deichsprung</translation>
    </message>
    <message>
        <source>Bank left over</source>
        <translation>Restschräglage</translation>
    </message>
    <message>
        <source>Bank left standing</source>
        <translation>Schräglage stehen gelassen</translation>
    </message>
    <message>
        <source>Batteries charged, polarity looked at, voltage and minutes to land at said aloud</source>
        <translation>Akkus geladen, Polung angesehen, Spannung und Minuten zum Landen laut gesagt</translation>
    </message>
    <message>
        <source>Behind it, 5 to 15 m</source>
        <translation>Dahinter, 5 bis 15 m</translation>
    </message>
    <message>
        <source>Behind the demonstration</source>
        <translation>Hinter der Vorführung</translation>
    </message>
    <message numerus="yes">
        <source>Below %1 h a week for %n week</source>
        <translation>
            <numerusform>Seit %n Woche unter %1 h je Woche</numerusform>
            <numerusform>Seit %n Wochen unter %1 h je Woche</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Below %1 h a week for %n week, %2 h over four</source>
        <translation>
            <numerusform>Seit %n Woche unter %1 h je Woche, %2 h über vier</numerusform>
            <numerusform>Seit %n Wochen unter %1 h je Woche, %2 h über vier</numerusform>
        </translation>
    </message>
    <message>
        <source>Below the house&apos;s limit so far.</source>
        <translation>Bisher unter dem Grenzwert des Hauses.</translation>
    </message>
    <message>
        <source>Blocks a day of one pilot</source>
        <translation>Blöcke eines Piloten am Tag</translation>
    </message>
    <message>
        <source>Both do not go together yet: no flips at that height until the rocking is gone.</source>
        <translation>Beides geht noch nicht zusammen: keine Flips in dieser Höhe, bis das Schaukeln weg ist.</translation>
    </message>
    <message>
        <source>Both sides</source>
        <translation>Beide Seiten</translation>
    </message>
    <message>
        <source>Bounces</source>
        <translation>Hüpfer</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Box</translation>
    </message>
    <message>
        <source>Brake</source>
        <translation>Bremsen</translation>
    </message>
    <message>
        <source>Brake to a hover inside the ring.</source>
        <translation>Im Ring zum Schweben bremsen.</translation>
    </message>
    <message>
        <source>Brake to a hover.</source>
        <translation>Zum Schweben bremsen.</translation>
    </message>
    <message>
        <source>Briefing</source>
        <translation>Einweisung</translation>
    </message>
    <message>
        <source>Brine tower</source>
        <translation>Soleturm</translation>
    </message>
    <message>
        <source>Bring the stick back sooner, and a little beyond the middle.</source>
        <translation>Den Knüppel früher zurücknehmen, und etwas über die Mitte.</translation>
    </message>
    <message>
        <source>Bring the stick back sooner.</source>
        <translation>Den Knüppel früher zurücknehmen.</translation>
    </message>
    <message>
        <source>Broken off during &quot;%1&quot;.</source>
        <translation>Abgebrochen während „%1“.</translation>
    </message>
    <message>
        <source>Broken off.</source>
        <translation>Abgebrochen.</translation>
    </message>
    <message>
        <source>Burst, throttle out, roll to the right.</source>
        <translation>Gasstoß, Gas weg, Rolle rechts.</translation>
    </message>
    <message>
        <source>Bursts of throttle against the way</source>
        <translation>Gasstöße gegen die Fahrt</translation>
    </message>
    <message>
        <source>Calibrate on the Controller page and verify; then use its settings sheet.</source>
        <translation>Auf der Seite Fernsteuerung kalibrieren und bestätigen; dann das Einstellblatt nehmen.</translation>
    </message>
    <message>
        <source>Calm filming</source>
        <translation>Ruhiges Filmen</translation>
    </message>
    <message>
        <source>Camera down to 20°.</source>
        <translation>Kamera hinunter auf 20°.</translation>
    </message>
    <message>
        <source>Camera down to 25°.</source>
        <translation>Kamera hinunter auf 25°.</translation>
    </message>
    <message>
        <source>Camera down to 30°.</source>
        <translation>Kamera hinunter auf 30°.</translation>
    </message>
    <message>
        <source>Camera tilt lower than practised by</source>
        <translation>Kameraneigung flacher als geübt um</translation>
    </message>
    <message>
        <source>Camera tilt set lower than in practice, as planned for the day</source>
        <translation>Kamera flacher gestellt als beim Üben, wie für den Tag geplant</translation>
    </message>
    <message>
        <source>Camera tilt: %1 to %2° in steps of %3.</source>
        <translation>Kameraneigung: %1 bis %2° in Schritten von %3.</translation>
    </message>
    <message>
        <source>Carry on along the line.</source>
        <translation>Auf der Linie weiter.</translation>
    </message>
    <message>
        <source>Cell voltage to land at</source>
        <translation>Zellenspannung zum Landen</translation>
    </message>
    <message>
        <source>Centre is %1 % of half travel off the middle: trim or recalibrate it.</source>
        <translation>Die Mitte ist %1 % des halben Wegs daneben: trimmen oder neu kalibrieren.</translation>
    </message>
    <message>
        <source>Chair and screen: elbows rest, screen straight ahead</source>
        <translation>Stuhl und Bildschirm: Ellbogen aufgelegt, Bildschirm geradeaus</translation>
    </message>
    <message>
        <source>Chase</source>
        <translation>Verfolgung</translation>
    </message>
    <message>
        <source>Choose the joystick mode on the controller; many ask for it each time the cable goes in.</source>
        <translation>An der Fernsteuerung den Joystickmodus wählen; viele fragen bei jedem Anstecken danach.</translation>
    </message>
    <message>
        <source>Choose the right device at the top of the Controller page.</source>
        <translation>Oben auf der Seite Fernsteuerung das richtige Gerät wählen.</translation>
    </message>
    <message>
        <source>Circuit</source>
        <translation>Runde</translation>
    </message>
    <message>
        <source>Clean, centred and quiet.</source>
        <translation>Sauber, mittig und ruhig.</translation>
    </message>
    <message>
        <source>Clear of the row</source>
        <translation>Abstand zur Baumreihe</translation>
    </message>
    <message>
        <source>Climb to 1.2 m.</source>
        <translation>Auf 1,2 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 1.5 m.</source>
        <translation>Auf 1,5 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 12 m.</source>
        <translation>Auf 12 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 15 m.</source>
        <translation>Auf 15 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 3 m.</source>
        <translation>Auf 3 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 4 m and let the throttle go to its middle.</source>
        <translation>Auf 4 m steigen und das Gas in die Mitte gehen lassen.</translation>
    </message>
    <message>
        <source>Climb to 4 m with the throttle alone.</source>
        <translation>Nur mit dem Gas auf 4 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 4 m.</source>
        <translation>Auf 4 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 5 m.</source>
        <translation>Auf 5 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 6 m.</source>
        <translation>Auf 6 m steigen.</translation>
    </message>
    <message>
        <source>Climb to 8 m.</source>
        <translation>Auf 8 m steigen.</translation>
    </message>
    <message>
        <source>Climb to treetop height, 8 m.</source>
        <translation>Auf Baumhöhe steigen, 8 m.</translation>
    </message>
    <message>
        <source>Close the other program that reads the controller, then plug the controller in again.</source>
        <translation>Das andere Programm schließen, das die Fernsteuerung liest, dann sie neu anstecken.</translation>
    </message>
    <message>
        <source>Coldest for the batteries</source>
        <translation>Kälteste für die Akkus</translation>
    </message>
    <message>
        <source>Come back to treetop height before doing anything else.</source>
        <translation>Vor allem anderen zurück auf Baumhöhe.</translation>
    </message>
    <message>
        <source>Comes back to two places %1 % apart: adjust the centring.</source>
        <translation>Kommt an zwei Orten %1 % auseinander zur Ruhe: die Rückstellung einstellen.</translation>
    </message>
    <message>
        <source>Common practice, no source</source>
        <translation>Gängige Praxis, ohne Quelle</translation>
    </message>
    <message>
        <source>Common practice; the law of the place may say otherwise</source>
        <translation>Gängige Praxis; das Gesetz am Ort kann es anders sagen</translation>
    </message>
    <message>
        <source>Compare the real aircraft&apos;s curves with those practised</source>
        <translation>Die Kurven des echten Fluggeräts mit den geübten vergleichen</translation>
    </message>
    <message>
        <source>Control was no trouble, but the task would not come out well</source>
        <translation>Kontrolle war kein Problem, aber die Aufgabe wollte nicht gelingen</translation>
    </message>
    <message>
        <source>Controller</source>
        <translation>Fernsteuerung</translation>
    </message>
    <message>
        <source>Controller and goggles</source>
        <translation>Fernsteuerung und Brille</translation>
    </message>
    <message>
        <source>Controller and screen</source>
        <translation>Fernsteuerung und Bildschirm</translation>
    </message>
    <message numerus="yes">
        <source>Controller calibrated %n day ago</source>
        <translation>
            <numerusform>Fernsteuerung vor %n Tag kalibriert</numerusform>
            <numerusform>Fernsteuerung vor %n Tagen kalibriert</numerusform>
        </translation>
    </message>
    <message>
        <source>Controller has drifted: %1</source>
        <translation>Fernsteuerung ist weggewandert: %1</translation>
    </message>
    <message>
        <source>Controller switched on</source>
        <translation>Fernsteuerung eingeschaltet</translation>
    </message>
    <message>
        <source>Controller&apos;s batteries in, the right way round, and charged</source>
        <translation>Batterien der Fernsteuerung drin, richtig herum, geladen</translation>
    </message>
    <message>
        <source>Copy the sticks of the demonstration.</source>
        <translation>Die Knüppel der Vorführung nachmachen.</translation>
    </message>
    <message>
        <source>Corner box</source>
        <translation>Eckenquadrat</translation>
    </message>
    <message>
        <source>Corners off 90°</source>
        <translation>Ecken neben 90°</translation>
    </message>
    <message>
        <source>Could not be saved, nothing was changed: %1</source>
        <translation>Ließ sich nicht sichern, nichts wurde geändert: %1</translation>
    </message>
    <message>
        <source>Count each leg the same.</source>
        <translation>Jeden Schenkel gleich zählen.</translation>
    </message>
    <message>
        <source>Crash to throttle cut</source>
        <translation>Absturz bis Gas weg</translation>
    </message>
    <message>
        <source>Crashed during &quot;%1&quot;, once more than the drill allows.</source>
        <translation>Abgestürzt während „%1“, einmal mehr, als die Übung erlaubt.</translation>
    </message>
    <message>
        <source>Crashed during &quot;%1&quot;.</source>
        <translation>Abgestürzt während „%1“.</translation>
    </message>
    <message>
        <source>Crashed, once more than the drill allows.</source>
        <translation>Abgestürzt, einmal mehr, als die Übung erlaubt.</translation>
    </message>
    <message>
        <source>Crashed.</source>
        <translation>Abgestürzt.</translation>
    </message>
    <message>
        <source>Crashes</source>
        <translation>Abstürze</translation>
    </message>
    <message>
        <source>Data cable, not a charge-only one, from controller to computer</source>
        <translation>Datenkabel, kein bloßes Ladekabel, von der Fernsteuerung zum Rechner</translation>
    </message>
    <message>
        <source>Days on which the first day was rehearsed</source>
        <translation>Tage, an denen der erste Tag geprobt wurde</translation>
    </message>
    <message>
        <source>Days since the last practice</source>
        <translation>Tage seit dem letzten Üben</translation>
    </message>
    <message>
        <source>Days that a calibration holds</source>
        <translation>Tage, die eine Kalibrierung gilt</translation>
    </message>
    <message>
        <source>Days that a release holds</source>
        <translation>Tage, die eine Freigabe gilt</translation>
    </message>
    <message>
        <source>Days that a tick of the kit list holds</source>
        <translation>Tage, die ein Haken der Ausrüstungsliste gilt</translation>
    </message>
    <message>
        <source>Days without practice</source>
        <translation>Tage ohne Üben</translation>
    </message>
    <message>
        <source>Decide, go, stop.</source>
        <translation>Entscheiden, los, halt.</translation>
    </message>
    <message>
        <source>Did the task come out well enough, with an effort you could keep up?</source>
        <translation>Gelang die Aufgabe gut genug, mit einer Mühe, die Sie durchhalten könnten?</translation>
    </message>
    <message>
        <source>Did you stay in control?</source>
        <translation>Blieben Sie in Kontrolle?</translation>
    </message>
    <message>
        <source>Disarm (F10).</source>
        <translation>Entschärfen (F10).</translation>
    </message>
    <message>
        <source>Disarm, and look at it from where you are.</source>
        <translation>Entschärfen, und es von dort ansehen, wo Sie sind.</translation>
    </message>
    <message>
        <source>Disarmed at the end</source>
        <translation>Am Ende entschärft</translation>
    </message>
    <message>
        <source>Distance from the flags</source>
        <translation>Abstand von den Flaggen</translation>
    </message>
    <message>
        <source>Distance of the closest pass of the flag, of 18 m</source>
        <translation>Abstand beim nächsten Vorbeiflug an der Flagge, von 18 m</translation>
    </message>
    <message>
        <source>Dive</source>
        <translation>Sturzflug</translation>
    </message>
    <message>
        <source>Do all four functions move something on the on-screen sticks?</source>
        <translation>Bewegen alle vier Funktionen etwas an den Knüppeln auf dem Bildschirm?</translation>
    </message>
    <message>
        <source>Do samples come at least every 16 ms?</source>
        <translation>Kommen Werte mindestens alle 16 ms?</translation>
    </message>
    <message>
        <source>Does a memory stick or another device work on the same cable and socket?</source>
        <translation>Geht ein Speicherstick oder anderes Gerät an demselben Kabel und Anschluss?</translation>
    </message>
    <message>
        <source>Does any axis move when both sticks are stirred?</source>
        <translation>Bewegt sich eine Achse, wenn beide Knüppel gerührt werden?</translation>
    </message>
    <message>
        <source>Does each go the right way, on the right stick?</source>
        <translation>Geht jede in die richtige Richtung, am richtigen Knüppel?</translation>
    </message>
    <message>
        <source>Does the controller&apos;s own screen say joystick, simulator or USB after plugging in?</source>
        <translation>Steht auf dem Display der Fernsteuerung nach dem Anstecken Joystick, Simulator oder USB?</translation>
    </message>
    <message>
        <source>Does the simulator&apos;s own settings page see the same movement?</source>
        <translation>Sieht die Einstellungsseite des Simulators dieselbe Bewegung?</translation>
    </message>
    <message>
        <source>Down a tower&apos;s face, and the power back before the ground.</source>
        <translation>An der Wand eines Turms hinab, und die Leistung vor dem Boden zurück.</translation>
    </message>
    <message>
        <source>Down behind the dyke.</source>
        <translation>Hinter dem Deich hinunter.</translation>
    </message>
    <message>
        <source>Down to 1 m, and hold it.</source>
        <translation>Hinunter auf 1 m, und halten.</translation>
    </message>
    <message>
        <source>Drift</source>
        <translation>Abdrift</translation>
    </message>
    <message>
        <source>Drift while holding</source>
        <translation>Abdrift beim Halten</translation>
    </message>
    <message>
        <source>Dropped on the ground</source>
        <translation>Auf den Boden fallen gelassen</translation>
    </message>
    <message>
        <source>Dyke with poplars</source>
        <translation>Deich mit Pappeln</translation>
    </message>
    <message>
        <source>Ease the throttle back before the height is reached, not at it.</source>
        <translation>Das Gas vor der Höhe zurücknehmen, nicht erst in ihr.</translation>
    </message>
    <message>
        <source>Erased. Copies and backups of the record made before still have the name until they are deleted.</source>
        <translation>Gelöscht. Frühere Kopien und Sicherungen der Akte haben den Namen noch, bis sie gelöscht werden.</translation>
    </message>
    <message>
        <source>Every gate is met: release, or say what is missing</source>
        <translation>Alles ist erfüllt: freigeben, oder sagen, was fehlt</translation>
    </message>
    <message>
        <source>Every stage is held</source>
        <translation>Jede Stufe sitzt</translation>
    </message>
    <message>
        <source>Everything I had only to stay in control</source>
        <translation>Alles, was ich hatte, nur um in Kontrolle zu bleiben</translation>
    </message>
    <message>
        <source>Face about to the right, and throttle against the way.</source>
        <translation>Nach rechts kehrt, und Gas gegen die Fahrt.</translation>
    </message>
    <message>
        <source>Face the field again.</source>
        <translation>Wieder zum Feld schauen.</translation>
    </message>
    <message>
        <source>Failsafe tried: controller off, motors stop, propellers off for it</source>
        <translation>Failsafe probiert: Fernsteuerung aus, Motoren stehen, dafür Propeller ab</translation>
    </message>
    <message>
        <source>Failures in a row</source>
        <translation>Fehlschläge hintereinander</translation>
    </message>
    <message>
        <source>Fair: small things that cost nothing</source>
        <translation>Ordentlich: Kleinigkeiten, die nichts kosten</translation>
    </message>
    <message>
        <source>Faster than %1 during &quot;%2&quot;.</source>
        <translation>Schneller als %1 während „%2“.</translation>
    </message>
    <message>
        <source>Faster than %1.</source>
        <translation>Schneller als %1.</translation>
    </message>
    <message>
        <source>Faster: flips at %1 m need at least %2 °/s, or go higher.</source>
        <translation>Schneller: Flips in %1 m brauchen mindestens %2 °/s, oder höher fliegen.</translation>
    </message>
    <message>
        <source>Fastest sink</source>
        <translation>Schnellstes Sinken</translation>
    </message>
    <message>
        <source>Fence roll</source>
        <translation>Zaunrolle</translation>
    </message>
    <message>
        <source>Fewer than three flights tell of rocking</source>
        <translation>Weniger als drei Flüge sagen etwas über Schaukeln</translation>
    </message>
    <message>
        <source>Fewer, slower movements.</source>
        <translation>Weniger und langsamere Bewegungen.</translation>
    </message>
    <message>
        <source>Field of view: %1 to %2° in steps of %3.</source>
        <translation>Blickwinkel: %1 bis %2° in Schritten von %3.</translation>
    </message>
    <message>
        <source>Figure of eight</source>
        <translation>Achterflug</translation>
    </message>
    <message>
        <source>Filming</source>
        <translation>Filmen</translation>
    </message>
    <message>
        <source>Filming line</source>
        <translation>Filmlinie</translation>
    </message>
    <message>
        <source>Find the throttle that carries the turn in the first round, then leave it.</source>
        <translation>In der ersten Runde das Gas finden, das die Kurve trägt, dann lassen.</translation>
    </message>
    <message>
        <source>First day</source>
        <translation>Erster Tag</translation>
    </message>
    <message>
        <source>First day rehearsed</source>
        <translation>Erster Tag geprobt</translation>
    </message>
    <message>
        <source>First day rehearsed and passed on %1 of %2 days</source>
        <translation>Erster Tag an %1 von %2 Tagen geprobt und bestanden</translation>
    </message>
    <message>
        <source>First find what feels right: edit the practised rates, fly, and then press &quot;Try these&quot;.</source>
        <translation>Zuerst finden, was sich richtig anfühlt: die geübten Drehraten bearbeiten, fliegen und dann „Diese probieren“ drücken.</translation>
    </message>
    <message>
        <source>First gate</source>
        <translation>Erstes Tor</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>First-day rehearsal</source>
        <translation>Probe des ersten Tags</translation>
    </message>
    <message>
        <source>Flags on the wrong side</source>
        <translation>Flaggen auf der falschen Seite</translation>
    </message>
    <message>
        <source>Flew out of the field during &quot;%1&quot;.</source>
        <translation>Während „%1“ aus dem Feld geflogen.</translation>
    </message>
    <message>
        <source>Flew out of the field.</source>
        <translation>Aus dem Feld geflogen.</translation>
    </message>
    <message>
        <source>Flip or roll</source>
        <translation>Flip oder Rolle</translation>
    </message>
    <message>
        <source>Flip pair</source>
        <translation>Flippaar</translation>
    </message>
    <message>
        <source>Flips at %1 m end in time: %2 °/s is over the %3 that they need.</source>
        <translation>Flips in %1 m enden rechtzeitig: %2 °/s sind über den %3, die sie brauchen.</translation>
    </message>
    <message>
        <source>Flown in %1 mode during &quot;%2&quot;, which is for %3.</source>
        <translation>Während „%2“ im Modus %1 geflogen, wofür %3 gilt.</translation>
    </message>
    <message>
        <source>Fly the weaker side first, and twice as often.</source>
        <translation>Die schwächere Seite zuerst fliegen, und doppelt so oft.</translation>
    </message>
    <message>
        <source>Fog is told</source>
        <translation>Nebel ist gemeldet</translation>
    </message>
    <message>
        <source>Following</source>
        <translation>Folgen</translation>
    </message>
    <message>
        <source>Forward 10 m with the pitch alone, and stop.</source>
        <translation>10 m vorwärts nur mit Nick, und halt.</translation>
    </message>
    <message>
        <source>Forward 10 m, and stop.</source>
        <translation>10 m vorwärts, und halt.</translation>
    </message>
    <message>
        <source>Forward 15 m, and stop.</source>
        <translation>15 m vorwärts, und halt.</translation>
    </message>
    <message>
        <source>Forward at 8 m/s.</source>
        <translation>Vorwärts mit 8 m/s.</translation>
    </message>
    <message>
        <source>Forward only: the corner is the yaw&apos;s work.</source>
        <translation>Nur vorwärts: die Ecke macht das Gier.</translation>
    </message>
    <message>
        <source>Forward roll</source>
        <translation>Rolle vorwärts</translation>
    </message>
    <message>
        <source>Forward speed kept</source>
        <translation>Fahrt nach vorn gehalten</translation>
    </message>
    <message>
        <source>Forward to the corner; hands off and hover.</source>
        <translation>Vorwärts zur Ecke; Hände weg und schweben.</translation>
    </message>
    <message>
        <source>Forward to the fence.</source>
        <translation>Vorwärts zum Zaun.</translation>
    </message>
    <message>
        <source>Forward, and a stop that does not balloon. Three times, then land.</source>
        <translation>Vorwärts, und ein Halt ohne Aufsteigen. Dreimal, dann landen.</translation>
    </message>
    <message>
        <source>Forward, and let the speed settle.</source>
        <translation>Vorwärts, und das Tempo sich setzen lassen.</translation>
    </message>
    <message>
        <source>Forward, face about, and one push against the way: the momentum is gone.</source>
        <translation>Vorwärts, kehrt, und ein Stoß gegen die Fahrt: der Schwung ist weg.</translation>
    </message>
    <message>
        <source>Forward, low.</source>
        <translation>Vorwärts, tief.</translation>
    </message>
    <message>
        <source>Forward, stop, back, stop; height and nose are held for you.</source>
        <translation>Vor, halt, zurück, halt; Höhe und Nase werden für Sie gehalten.</translation>
    </message>
    <message>
        <source>Forward, through the gate.</source>
        <translation>Vorwärts, durchs Tor.</translation>
    </message>
    <message>
        <source>Forward.</source>
        <translation>Vorwärts.</translation>
    </message>
    <message>
        <source>Four legs forward only, square corners, hands off at each. One way round, then the other.</source>
        <translation>Vier Schenkel nur vorwärts, rechte Ecken, an jeder Hände weg. Zuerst einen Umlauf, dann den anderen.</translation>
    </message>
    <message>
        <source>Four ways</source>
        <translation>Vier Richtungen</translation>
    </message>
    <message>
        <source>Free</source>
        <translation>Frei</translation>
    </message>
    <message>
        <source>Free flight</source>
        <translation>Freiflug</translation>
    </message>
    <message>
        <source>Free flight. F6 begins again.</source>
        <translation>Freiflug. F6 beginnt neu.</translation>
    </message>
    <message>
        <source>Freestyle</source>
        <translation>Freestyle</translation>
    </message>
    <message>
        <source>From the ground through the first gate, not over it, with the camera at 30°.</source>
        <translation>Vom Boden durch das erste Tor, nicht darüber, mit der Kamera auf 30°.</translation>
    </message>
    <message>
        <source>Full throttle at take-off</source>
        <translation>Vollgas beim Abheben</translation>
    </message>
    <message>
        <source>Full throttle at the take-off</source>
        <translation>Vollgas beim Abheben</translation>
    </message>
    <message>
        <source>Full thrust is only %1 times its weight: little is left to stop a descent. Give it more power.</source>
        <translation>Voller Schub ist nur das %1-Fache des Gewichts: wenig bleibt, um ein Sinken anzuhalten. Mehr Leistung geben.</translation>
    </message>
    <message>
        <source>Gamepad</source>
        <translation>Gamepad</translation>
    </message>
    <message>
        <source>Gamepad connected by its cable, not by radio</source>
        <translation>Gamepad per Kabel, nicht per Funk</translation>
    </message>
    <message>
        <source>Gap between left and right</source>
        <translation>Unterschied zwischen links und rechts</translation>
    </message>
    <message>
        <source>Gates</source>
        <translation>Voraussetzungen</translation>
    </message>
    <message>
        <source>Gates missed</source>
        <translation>Verfehlte Tore</translation>
    </message>
    <message>
        <source>Go on low for 40 m.</source>
        <translation>40 m tief weiter.</translation>
    </message>
    <message>
        <source>Goggles switched on first: the picture is there</source>
        <translation>Brille zuerst an: das Bild ist da</translation>
    </message>
    <message>
        <source>Goggles were too much once: the screen, short turns in goggles, and ask again each time.</source>
        <translation>Die Brille war einmal zu viel: Bildschirm, kurze Zeiten mit Brille, und jedes Mal wieder fragen.</translation>
    </message>
    <message>
        <source>Goggles with a phone in them</source>
        <translation>Brille mit einem Telefon darin</translation>
    </message>
    <message>
        <source>Goggles&apos; own pack charged and connected, the right way round</source>
        <translation>Akku der Brille geladen und angesteckt, richtig herum</translation>
    </message>
    <message>
        <source>Good, hardly anything to notice</source>
        <translation>Gut, kaum etwas zu merken</translation>
    </message>
    <message>
        <source>Grass or tall weeds; never over people, no flips over water.</source>
        <translation>Gras oder hohes Kraut; nie über Menschen, keine Flips über Wasser.</translation>
    </message>
    <message>
        <source>Gravel breaks propellers and is thrown up: grass is better</source>
        <translation>Kies bricht Propeller und wird hochgeworfen: Gras ist besser</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>Ground cushion and two landings</source>
        <translation>Luftkissen und zwei Landungen</translation>
    </message>
    <message>
        <source>Ground, people, water, lines and the way to land walked and pointed at</source>
        <translation>Boden, Menschen, Wasser, Leitungen und Landeweg abgegangen und gezeigt</translation>
    </message>
    <message>
        <source>Gusts above the mean wind</source>
        <translation>Böen über dem mittleren Wind</translation>
    </message>
    <message>
        <source>Gusts to %1 m/s, %2 m/s above the wind, at most %3 m/s</source>
        <translation>Böen bis %1 m/s, %2 m/s über dem Wind, höchstens %3 m/s</translation>
    </message>
    <message>
        <source>Habits</source>
        <translation>Gewohnheiten</translation>
    </message>
    <message>
        <source>Half hours on separate days teach more than a long one (common practice, no source)</source>
        <translation>Halbe Stunden an getrennten Tagen lehren mehr als eine lange (gängige Praxis, ohne Quelle)</translation>
    </message>
    <message>
        <source>Half the throttle at the take-off, and stop at the first metre.</source>
        <translation>Halbes Gas beim Abheben, und beim ersten Meter halt.</translation>
    </message>
    <message>
        <source>Hands not off</source>
        <translation>Hände nicht weg</translation>
    </message>
    <message>
        <source>Hands off.</source>
        <translation>Hände weg.</translation>
    </message>
    <message>
        <source>Hands on at the corner</source>
        <translation>Hände dran an der Ecke</translation>
    </message>
    <message>
        <source>Has not practised yet</source>
        <translation>Hat noch nicht geübt</translation>
    </message>
    <message>
        <source>Heading uneven</source>
        <translation>Kurs ungleich</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Height gained while braking</source>
        <translation>Höhengewinn beim Bremsen</translation>
    </message>
    <message>
        <source>Height lost</source>
        <translation>Höhenverlust</translation>
    </message>
    <message>
        <source>Height lost, backwards</source>
        <translation>Höhenverlust, rückwärts</translation>
    </message>
    <message>
        <source>Height lost, forwards</source>
        <translation>Höhenverlust, vorwärts</translation>
    </message>
    <message>
        <source>Height off 1 m</source>
        <translation>Höhe neben 1 m</translation>
    </message>
    <message>
        <source>Height over the row</source>
        <translation>Höhe über der Baumreihe</translation>
    </message>
    <message>
        <source>Height round the posts</source>
        <translation>Höhe um die Pfosten</translation>
    </message>
    <message>
        <source>Height span of the low part</source>
        <translation>Höhenspanne des tiefen Teils</translation>
    </message>
    <message>
        <source>Height uneven</source>
        <translation>Höhe ungleich</translation>
    </message>
    <message>
        <source>Height window</source>
        <translation>Höhenfenster</translation>
    </message>
    <message>
        <source>Height within ±0.3 m</source>
        <translation>Höhe auf ±0,3 m</translation>
    </message>
    <message>
        <source>Height within ±0.75 m</source>
        <translation>Höhe auf ±0,75 m</translation>
    </message>
    <message>
        <source>Height within ±1 m</source>
        <translation>Höhe auf ±1 m</translation>
    </message>
    <message>
        <source>Height within ±1 m at 4 m</source>
        <translation>Höhe auf ±1 m bei 4 m</translation>
    </message>
    <message>
        <source>Height within ±1 m at 8 m</source>
        <translation>Höhe auf ±1 m bei 8 m</translation>
    </message>
    <message>
        <source>Height within ±1.5 m</source>
        <translation>Höhe auf ±1,5 m</translation>
    </message>
    <message>
        <source>Height within ±1.5 m after it</source>
        <translation>Höhe auf ±1,5 m danach</translation>
    </message>
    <message>
        <source>Height within ±10 m</source>
        <translation>Höhe auf ±10 m</translation>
    </message>
    <message>
        <source>Height within ±2 m</source>
        <translation>Höhe auf ±2 m</translation>
    </message>
    <message>
        <source>Height within ±2.5 m</source>
        <translation>Höhe auf ±2,5 m</translation>
    </message>
    <message>
        <source>Height within ±2.5 m, acro</source>
        <translation>Höhe auf ±2,5 m, acro</translation>
    </message>
    <message>
        <source>Height within ±2.5 m, angle</source>
        <translation>Höhe auf ±2,5 m, angle</translation>
    </message>
    <message>
        <source>Height within ±2.5 m, horizon</source>
        <translation>Höhe auf ±2,5 m, horizon</translation>
    </message>
    <message>
        <source>Held pushes</source>
        <translation>Gehaltene Ausschläge</translation>
    </message>
    <message>
        <source>Higher before the fence is there.</source>
        <translation>Höher, bevor der Zaun da ist.</translation>
    </message>
    <message>
        <source>Higher before the trees are there.</source>
        <translation>Höher, bevor die Bäume da sind.</translation>
    </message>
    <message>
        <source>Hold 4 m.</source>
        <translation>4 m halten.</translation>
    </message>
    <message>
        <source>Hold 5 m for 10 seconds.</source>
        <translation>5 m für 10 Sekunden halten.</translation>
    </message>
    <message>
        <source>Hold 8 m for 30 seconds.</source>
        <translation>8 m für 30 Sekunden halten.</translation>
    </message>
    <message>
        <source>Hold 8 m.</source>
        <translation>8 m halten.</translation>
    </message>
    <message>
        <source>Hold it at 2 m.</source>
        <translation>Auf 2 m halten.</translation>
    </message>
    <message>
        <source>Hold the stick between finger and thumb, or so with the thumb on top.</source>
        <translation>Den Knüppel zwischen Finger und Daumen halten, oder so mit dem Daumen obenauf.</translation>
    </message>
    <message>
        <source>Hold treetop height with small throttle movements. The base of everything that follows.</source>
        <translation>Baumhöhe mit kleinen Gasbewegungen halten. Die Grundlage für alles Weitere.</translation>
    </message>
    <message>
        <source>Holding a drill</source>
        <translation>Eine Übung können</translation>
    </message>
    <message>
        <source>Hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>Hours a week</source>
        <translation>Stunden je Woche</translation>
    </message>
    <message>
        <source>Hours before a first real flight</source>
        <translation>Stunden vor dem ersten echten Flug</translation>
    </message>
    <message>
        <source>Hours on matched rates</source>
        <translation>Abgeglichene Stunden</translation>
    </message>
    <message>
        <source>Hours on other rates do not carry over.</source>
        <translation>Stunden mit anderen Drehraten tragen nicht.</translation>
    </message>
    <message>
        <source>Hours that are comfortable</source>
        <translation>Komfortable Stunden</translation>
    </message>
    <message>
        <source>House</source>
        <translation>Haus</translation>
    </message>
    <message>
        <source>House; the law may ask for more</source>
        <translation>Haus; das Gesetz kann mehr verlangen</translation>
    </message>
    <message>
        <source>House; the questionnaire itself sets no limit (Kennedy and others, 1993)</source>
        <translation>Haus; der Fragebogen selbst setzt keinen Grenzwert (Kennedy und andere, 1993)</translation>
    </message>
    <message>
        <source>Hover at 0.4 m for 15 seconds.</source>
        <translation>15 Sekunden in 0,4 m schweben.</translation>
    </message>
    <message>
        <source>Hover at 30 m.</source>
        <translation>In 30 m schweben.</translation>
    </message>
    <message>
        <source>Hover before the face, at 40 m.</source>
        <translation>Vor der Wand schweben, in 40 m.</translation>
    </message>
    <message>
        <source>Hover for 3 seconds.</source>
        <translation>3 Sekunden schweben.</translation>
    </message>
    <message>
        <source>Hover for 4 seconds.</source>
        <translation>4 Sekunden schweben.</translation>
    </message>
    <message>
        <source>Hover low.</source>
        <translation>Tief schweben.</translation>
    </message>
    <message>
        <source>Hover watch</source>
        <translation>Schwebewacht</translation>
    </message>
    <message>
        <source>Hover within ±1.5 m</source>
        <translation>Schweben auf ±1,5 m</translation>
    </message>
    <message>
        <source>Hover.</source>
        <translation>Schweben.</translation>
    </message>
    <message>
        <source>How good?</source>
        <translation>Wie gut?</translation>
    </message>
    <message>
        <source>How little throttle begins a sink is not known to the hand yet.</source>
        <translation>Wie wenig Gas ein Sinken beginnt, kennt die Hand noch nicht.</translation>
    </message>
    <message>
        <source>How much room there is was not said</source>
        <translation>Wie viel Raum da ist, wurde nicht gesagt</translation>
    </message>
    <message>
        <source>Hunting with the pitch</source>
        <translation>Jagen mit Nick</translation>
    </message>
    <message>
        <source>Hunting with the roll</source>
        <translation>Jagen mit Roll</translation>
    </message>
    <message>
        <source>Hunting with the throttle</source>
        <translation>Jagen mit dem Gas</translation>
    </message>
    <message>
        <source>Hunting with the yaw</source>
        <translation>Jagen mit Gier</translation>
    </message>
    <message>
        <source>In a course there is no time to feel how the two sticks go together.</source>
        <translation>Auf einer Strecke ist keine Zeit zu spüren, wie die beiden Knüppel zusammengehen.</translation>
    </message>
    <message>
        <source>In a whole drill there is no time to think of the nudge.</source>
        <translation>In einer ganzen Übung ist keine Zeit, an den Stups zu denken.</translation>
    </message>
    <message>
        <source>In acro the aircraft climbs when the stick is let go.</source>
        <translation>In acro steigt das Fluggerät, wenn der Knüppel losgelassen wird.</translation>
    </message>
    <message>
        <source>In all (common practice, no source)</source>
        <translation>Insgesamt (gängige Praxis, ohne Quelle)</translation>
    </message>
    <message>
        <source>In goggles somebody else sees the sky.</source>
        <translation>Mit Brille sieht jemand anderes den Himmel.</translation>
    </message>
    <message>
        <source>In the school&apos;s own money</source>
        <translation>Im Geld der Schule</translation>
    </message>
    <message>
        <source>Is another program holding the controller?</source>
        <translation>Hält ein anderes Programm die Fernsteuerung?</translation>
    </message>
    <message>
        <source>Is another program that reads controllers running?</source>
        <translation>Läuft ein anderes Programm, das Fernsteuerungen liest?</translation>
    </message>
    <message>
        <source>Is it good as it is?</source>
        <translation>Ist es gut, wie es ist?</translation>
    </message>
    <message>
        <source>Is the controller listed at this station?</source>
        <translation>Ist die Fernsteuerung an dieser Station aufgeführt?</translation>
    </message>
    <message>
        <source>Is the controller switched on, with its own light or screen lit?</source>
        <translation>Ist die Fernsteuerung eingeschaltet, leuchtet Lampe oder Display?</translation>
    </message>
    <message>
        <source>Is the device chosen on the Controller page the one in the pilot&apos;s hands?</source>
        <translation>Ist das auf der Seite Fernsteuerung gewählte Gerät das in den Händen des Piloten?</translation>
    </message>
    <message>
        <source>It arms by a key of the computer, throttle to the bottom first.</source>
        <translation>Er schaltet mit einer Taste des Rechners scharf, zuerst Gas nach unten.</translation>
    </message>
    <message>
        <source>It arms by a switch: assign one, throttle to the bottom first.</source>
        <translation>Er schaltet mit einem Schalter scharf: einen zuweisen, zuerst Gas nach unten.</translation>
    </message>
    <message>
        <source>It arms by itself: throttle to the bottom before the flight starts.</source>
        <translation>Er schaltet von selbst scharf: Gas nach unten, bevor der Flug beginnt.</translation>
    </message>
    <message>
        <source>It arms with both sticks down and in, held for a moment.</source>
        <translation>Er schaltet mit beiden Knüppeln nach unten innen scharf, einen Moment gehalten.</translation>
    </message>
    <message>
        <source>It counts axes from %1.</source>
        <translation>Er zählt Achsen ab %1.</translation>
    </message>
    <message>
        <source>It is fast because the camera is tilted far, and not because it is good.</source>
        <translation>Es ist schnell, weil die Kamera weit geneigt ist, und nicht, weil es gut ist.</translation>
    </message>
    <message>
        <source>It is let drop over the last half metre.</source>
        <translation>Es wird über den letzten halben Meter fallen gelassen.</translation>
    </message>
    <message>
        <source>It is seen here</source>
        <translation>Sie ist hier zu sehen</translation>
    </message>
    <message>
        <source>It is still too fast for the hand.</source>
        <translation>Für die Hand ist es noch zu schnell.</translation>
    </message>
    <message>
        <source>It rocks %1 % of the time at %2 °/s: 350, then about 250, holds the hand steadier. Where flips are to end before the ground it is about 680. Both are common practice; the next flights decide.</source>
        <translation>Es schaukelt %1 % der Zeit bei %2 °/s: 350, dann etwa 250, halten die Hand ruhiger. Wo Flips vor dem Boden enden sollen, sind es etwa 680. Beides ist gängige Praxis; die nächsten Flüge entscheiden.</translation>
    </message>
    <message>
        <source>It rocks %1 % of the time: about 250 °/s is the next step down (common practice).</source>
        <translation>Es schaukelt %1 % der Zeit: etwa 250 °/s ist der nächste Schritt hinunter (gängige Praxis).</translation>
    </message>
    <message>
        <source>Its controller is about to send stick movements.</source>
        <translation>Seine Fernsteuerung sendet gleich Knüppelbewegungen.</translation>
    </message>
    <message>
        <source>Jitters by %1 % of half travel at rest: clean the gimbal.</source>
        <translation>Zittert in Ruhe um %1 % des halben Wegs: das Kreuzgelenk reinigen.</translation>
    </message>
    <message>
        <source>Joystick mode chosen on the controller, and it is seen here</source>
        <translation>Joystickmodus an der Fernsteuerung gewählt, und sie ist hier zu sehen</translation>
    </message>
    <message>
        <source>Keep a look at the height while you follow.</source>
        <translation>Beim Folgen die Höhe im Blick behalten.</translation>
    </message>
    <message>
        <source>Keep the yaw stick still while it turns over.</source>
        <translation>Den Gierknüppel beim Überschlag still halten.</translation>
    </message>
    <message>
        <source>Keep the yaw stick still: correct with a little roll.</source>
        <translation>Den Gierknüppel still halten: mit etwas Roll berichtigen.</translation>
    </message>
    <message>
        <source>Keeping</source>
        <translation>Aufbewahren</translation>
    </message>
    <message>
        <source>Keeps a pilot growing; 26 minutes a day, or six half hours (common practice, no source)</source>
        <translation>Hält einen Piloten im Wachsen; 26 Minuten am Tag oder sechs halbe Stunden (gängige Praxis, ohne Quelle)</translation>
    </message>
    <message>
        <source>Land before the pack is empty (common practice; the share is house)</source>
        <translation>Landen, bevor der Akku leer ist (gängige Praxis; der Anteil: Haus)</translation>
    </message>
    <message>
        <source>Land straight down.</source>
        <translation>Senkrecht landen.</translation>
    </message>
    <message>
        <source>Land.</source>
        <translation>Landen.</translation>
    </message>
    <message>
        <source>Landing</source>
        <translation>Landung</translation>
    </message>
    <message>
        <source>Last practice</source>
        <translation>Letztes Üben</translation>
    </message>
    <message>
        <source>Lean back sooner.</source>
        <translation>Früher zurücklehnen.</translation>
    </message>
    <message>
        <source>Leaning costs lift: add a little throttle as the nose goes down.</source>
        <translation>Neigung kostet Auftrieb: etwas Gas geben, wenn die Nase hinuntergeht.</translation>
    </message>
    <message>
        <source>Learner</source>
        <translation>Anfänger</translation>
    </message>
    <message>
        <source>Least height</source>
        <translation>Kleinste Höhe</translation>
    </message>
    <message>
        <source>Least height from the roll on</source>
        <translation>Kleinste Höhe ab der Rolle</translation>
    </message>
    <message>
        <source>Leave the throttle where it is, lean, and watch what a lean costs; then bring it back.</source>
        <translation>Das Gas lassen, neigen und sehen, was eine Neigung kostet; dann es zurückholen.</translation>
    </message>
    <message>
        <source>Left 10 m, and stop.</source>
        <translation>10 m links, und halt.</translation>
    </message>
    <message>
        <source>Left stick to %1 o&apos;clock</source>
        <translation>Linker Knüppel auf %1 Uhr</translation>
    </message>
    <message>
        <source>Less throttle as the nose comes up, then more again.</source>
        <translation>Weniger Gas, wenn die Nase hochkommt, dann wieder mehr.</translation>
    </message>
    <message>
        <source>Let go at the corner, and look: it stands by itself.</source>
        <translation>An der Ecke loslassen und schauen: es steht von selbst.</translation>
    </message>
    <message>
        <source>Let go of the right stick and watch what the aircraft does alone.</source>
        <translation>Den rechten Knüppel loslassen und sehen, was das Fluggerät allein tut.</translation>
    </message>
    <message>
        <source>Let go of the stick a little before it is level.</source>
        <translation>Den Knüppel etwas loslassen, bevor es gerade ist.</translation>
    </message>
    <message>
        <source>Let go of the stick earlier: at speed it rolls on.</source>
        <translation>Den Knüppel früher loslassen: mit Fahrt rollt es weiter.</translation>
    </message>
    <message>
        <source>Let go of the yaw stick earlier.</source>
        <translation>Den Gierknüppel früher loslassen.</translation>
    </message>
    <message>
        <source>Let it sink slowly all the way; throttle out only when it stands.</source>
        <translation>Es den ganzen Weg langsam sinken lassen; Gas erst weg, wenn es steht.</translation>
    </message>
    <message>
        <source>Level before the roll, and the yaw stick still.</source>
        <translation>Vor der Rolle gerade, und den Gierknüppel still.</translation>
    </message>
    <message>
        <source>Level first, then a little more throttle than the hover&apos;s.</source>
        <translation>Erst gerade, dann etwas mehr Gas als im Schweben.</translation>
    </message>
    <message>
        <source>Level it and stop the fall.</source>
        <translation>Aufrichten und das Fallen anhalten.</translation>
    </message>
    <message>
        <source>Level, a burst, throttle out at the top, one roll, and on along the line with the speed kept; to both sides.</source>
        <translation>Gerade, Gasstoß, oben Gas weg, eine Rolle, und auf der Linie weiter mit gehaltener Fahrt; nach beiden Seiten.</translation>
    </message>
    <message>
        <source>Level, and back to a hover.</source>
        <translation>Aufrichten, und zurück ins Schweben.</translation>
    </message>
    <message>
        <source>Level, throttle, and back to 15 m.</source>
        <translation>Aufrichten, Gas, und zurück auf 15 m.</translation>
    </message>
    <message>
        <source>Lift</source>
        <translation>Heben</translation>
    </message>
    <message>
        <source>Lift and settle</source>
        <translation>Heben und Senken</translation>
    </message>
    <message>
        <source>Lift to 0.4 m.</source>
        <translation>Auf 0,4 m heben.</translation>
    </message>
    <message>
        <source>Likeness, weakest axis</source>
        <translation>Ähnlichkeit, schwächste Achse</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>Line up before leaning.</source>
        <translation>Vor dem Neigen ausrichten.</translation>
    </message>
    <message>
        <source>Line up two lengths before it.</source>
        <translation>Zwei Längen davor ausrichten.</translation>
    </message>
    <message>
        <source>Linked</source>
        <translation>Zusammen</translation>
    </message>
    <message>
        <source>Look ahead of the aircraft, not at the stick.</source>
        <translation>Vor das Fluggerät schauen, nicht auf den Knüppel.</translation>
    </message>
    <message>
        <source>Look at a mark on the ground between quarter turns.</source>
        <translation>Zwischen den Vierteldrehungen auf eine Marke am Boden schauen.</translation>
    </message>
    <message>
        <source>Look at it, not at the ground: its lean tells what it will do.</source>
        <translation>Es ansehen, nicht den Boden: seine Neigung sagt, was es tun wird.</translation>
    </message>
    <message>
        <source>Look at the far flags, not at the ground in front.</source>
        <translation>Auf die fernen Flaggen schauen, nicht auf den Boden davor.</translation>
    </message>
    <message>
        <source>Look at the flag through the turn.</source>
        <translation>Durch die Kurve auf die Flagge schauen.</translation>
    </message>
    <message>
        <source>Look at the throttle before the switch.</source>
        <translation>Vor dem Schalter aufs Gas schauen.</translation>
    </message>
    <message>
        <source>Look at the top of the trees, not at the trunk.</source>
        <translation>Auf die Spitzen der Bäume schauen, nicht auf den Stamm.</translation>
    </message>
    <message>
        <source>Look for the next mark while the turn is still on.</source>
        <translation>Die nächste Marke suchen, während die Drehung noch läuft.</translation>
    </message>
    <message>
        <source>Look through the opening, not at its frame.</source>
        <translation>Durch die Öffnung schauen, nicht auf ihren Rahmen.</translation>
    </message>
    <message>
        <source>Low hover over grass; hard ground throws the wash back</source>
        <translation>Tief schweben über Gras; harter Boden wirft die Wirbel zurück</translation>
    </message>
    <message>
        <source>Low hover within ±0.6 m</source>
        <translation>Tief schweben auf ±0,6 m</translation>
    </message>
    <message>
        <source>Low hover.</source>
        <translation>Tief schweben.</translation>
    </message>
    <message>
        <source>Low roof</source>
        <translation>Niedriges Dach</translation>
    </message>
    <message>
        <source>Low to the dyke, over its poplars and no higher than needed, and low again.</source>
        <translation>Tief zum Deich, über seine Pappeln und nicht höher als nötig, und wieder tief.</translation>
    </message>
    <message>
        <source>Low, a little forward, back, left and right, each with a stop.</source>
        <translation>Tief, etwas vor, zurück, links und rechts, jedes mit Halt.</translation>
    </message>
    <message>
        <source>Low: a little less lean forward. High: a little more.</source>
        <translation>Tief: etwas weniger nach vorn neigen. Hoch: etwas mehr.</translation>
    </message>
    <message>
        <source>Lower the throttle further: a dive that dares nothing shows nothing.</source>
        <translation>Das Gas weiter wegnehmen: ein Sturzflug, der nichts wagt, zeigt nichts.</translation>
    </message>
    <message>
        <source>Lower the throttle only until the sink begins.</source>
        <translation>Das Gas nur senken, bis das Sinken beginnt.</translation>
    </message>
    <message>
        <source>Manual first</source>
        <translation>Zuerst von Hand</translation>
    </message>
    <message>
        <source>Manual mode confirmed on the switch, height hold off</source>
        <translation>Handmodus am Schalter bestätigt, Höhenhalten aus</translation>
    </message>
    <message>
        <source>Marks between the sides that are told</source>
        <translation>Punkte zwischen den Seiten, ab denen es gesagt wird</translation>
    </message>
    <message>
        <source>Mastered, or done once? (house)</source>
        <translation>Gekonnt oder nur einmal geschafft? (Haus)</translation>
    </message>
    <message>
        <source>Masts or lines are near: say out loud where they are</source>
        <translation>Masten oder Leitungen sind nah: laut sagen, wo sie sind</translation>
    </message>
    <message>
        <source>Match the polarity here too.</source>
        <translation>Auch hier auf die Polung achten.</translation>
    </message>
    <message>
        <source>Match the polarity: a reversed cell destroys a controller and can burn.</source>
        <translation>Auf die Polung achten: eine verkehrte Zelle zerstört eine Fernsteuerung und kann brennen.</translation>
    </message>
    <message>
        <source>Mean speed</source>
        <translation>Mittleres Tempo</translation>
    </message>
    <message>
        <source>Mill yard</source>
        <translation>Mühlenhof</translation>
    </message>
    <message>
        <source>Minutes under the low roof</source>
        <translation>Minuten unter dem niedrigen Dach</translation>
    </message>
    <message>
        <source>Modes</source>
        <translation>Modi</translation>
    </message>
    <message>
        <source>Months that pilots who have left are kept</source>
        <translation>Monate, die gegangene Piloten bleiben</translation>
    </message>
    <message>
        <source>More of a burst before the roll, or higher to the fence.</source>
        <translation>Mehr Gasstoß vor der Rolle, oder höher zum Zaun.</translation>
    </message>
    <message>
        <source>More of a burst before the roll.</source>
        <translation>Mehr Gasstoß vor der Rolle.</translation>
    </message>
    <message>
        <source>More than %1 off the line during &quot;%2&quot;.</source>
        <translation>Mehr als %1 neben der Linie während „%2“.</translation>
    </message>
    <message>
        <source>More than %1 off the line.</source>
        <translation>Mehr als %1 neben der Linie.</translation>
    </message>
    <message>
        <source>Motors off before anybody moves.</source>
        <translation>Motoren aus, bevor sich jemand bewegt.</translation>
    </message>
    <message>
        <source>Motors out to throttle cut</source>
        <translation>Motorausfall bis Gas weg</translation>
    </message>
    <message>
        <source>Motors that go on turning burn.</source>
        <translation>Motoren, die weiterdrehen, brennen durch.</translation>
    </message>
    <message>
        <source>Movements half as big; hold the stick between finger and thumb, or try slower rates.</source>
        <translation>Halb so große Bewegungen; den Knüppel zwischen Finger und Daumen halten, oder langsamere Drehraten probieren.</translation>
    </message>
    <message>
        <source>Moves by %1 % when its neighbour is pushed: check how the gimbal sits.</source>
        <translation>Bewegt sich um %1 %, wenn der Nachbar gedrückt wird: den Sitz des Kreuzgelenks prüfen.</translation>
    </message>
    <message>
        <source>Moves in only %1 steps: look for a finer USB mode.</source>
        <translation>Bewegt sich in nur %1 Stufen: einen feineren USB-Modus suchen.</translation>
    </message>
    <message>
        <source>Much effort only to stay in control</source>
        <translation>Viel Mühe, nur um in Kontrolle zu bleiben</translation>
    </message>
    <message>
        <source>Near a first flight with so many gates open</source>
        <translation>Nahe am Erstflug mit so vielen offenen Voraussetzungen</translation>
    </message>
    <message>
        <source>Needs a dead band of %1 %: have the gimbal serviced.</source>
        <translation>Braucht einen Totbereich von %1 %: das Kreuzgelenk warten lassen.</translation>
    </message>
    <message>
        <source>Net loft</source>
        <translation>Netzboden</translation>
    </message>
    <message>
        <source>Newest crashes that are looked at</source>
        <translation>Neueste Abstürze, die angesehen werden</translation>
    </message>
    <message>
        <source>Next: %1, %2</source>
        <translation>Als Nächstes: %1, %2</translation>
    </message>
    <message>
        <source>No answers to the sickness questionnaire</source>
        <translation>Keine Antworten auf den Fragebogen zum Befinden</translation>
    </message>
    <message>
        <source>No briefing is kept</source>
        <translation>Keine Einweisung ist festgehalten</translation>
    </message>
    <message>
        <source>No controller calibration that was verified</source>
        <translation>Keine bestätigte Kalibrierung der Fernsteuerung</translation>
    </message>
    <message>
        <source>No controller calibration yet</source>
        <translation>Noch keine Kalibrierung der Fernsteuerung</translation>
    </message>
    <message>
        <source>No crash yet: what the hand does then is not known</source>
        <translation>Noch kein Absturz: was die Hand dann tut, ist unbekannt</translation>
    </message>
    <message>
        <source>No curriculum</source>
        <translation>Kein Lehrplan</translation>
    </message>
    <message>
        <source>No drill whose sides lie apart</source>
        <translation>Keine Übung mit ungleichen Seiten</translation>
    </message>
    <message>
        <source>No equal input the other way ended the turn.</source>
        <translation>Kein gleicher Ausschlag zur anderen Seite beendete die Kurve.</translation>
    </message>
    <message>
        <source>No flips at %1 m: go higher, no rate is fast enough.</source>
        <translation>Keine Flips in %1 m: höher fliegen, keine Rate ist schnell genug.</translation>
    </message>
    <message>
        <source>No higher than needed.</source>
        <translation>Nicht höher als nötig.</translation>
    </message>
    <message>
        <source>No permission noted: ask the owner and the national aviation authority</source>
        <translation>Keine Erlaubnis notiert: den Eigentümer und die nationale Luftfahrtbehörde fragen</translation>
    </message>
    <message numerus="yes">
        <source>No practice for %n day</source>
        <translation>
            <numerusform>Seit %n Tag nicht geübt</numerusform>
            <numerusform>Seit %n Tagen nicht geübt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>No practice for more than %n day</source>
        <translation>
            <numerusform>Seit mehr als %n Tag nicht geübt</numerusform>
            <numerusform>Seit mehr als %n Tagen nicht geübt</numerusform>
        </translation>
    </message>
    <message>
        <source>No set-up beside a real aircraft</source>
        <translation>Kein Aufbau neben einem echten Fluggerät</translation>
    </message>
    <message>
        <source>No spotter: in goggles somebody has to see the aircraft and the sky</source>
        <translation>Kein Beobachter: mit Brille muss jemand das Fluggerät und den Himmel sehen</translation>
    </message>
    <message>
        <source>No throttle on the back; all of it once level.</source>
        <translation>Kein Gas auf dem Rücken; alles, sobald es gerade ist.</translation>
    </message>
    <message>
        <source>No, it got away from me</source>
        <translation>Nein, es lief mir davon</translation>
    </message>
    <message>
        <source>No, or only by wearing myself out</source>
        <translation>Nein, oder nur unter Erschöpfung</translation>
    </message>
    <message>
        <source>No, something should be better</source>
        <translation>Nein, etwas sollte besser sein</translation>
    </message>
    <message>
        <source>Nobody asked yet: begin on the screen, and ask before and after the first time in goggles.</source>
        <translation>Noch niemand gefragt: am Bildschirm anfangen, und vor und nach dem ersten Mal mit Brille fragen.</translation>
    </message>
    <message>
        <source>Nose off its direction</source>
        <translation>Nase aus der Richtung</translation>
    </message>
    <message>
        <source>Not found: see the problems.</source>
        <translation>Nicht gefunden: siehe die Probleme.</translation>
    </message>
    <message>
        <source>Not on the aircraft yet: %1 of %2 hours flown on these rates, %3 handling ratings.</source>
        <translation>Noch nicht ans Fluggerät: %1 von %2 Stunden mit diesen Drehraten geflogen, %3 Bewertungen.</translation>
    </message>
    <message>
        <source>Not on the aircraft yet: the handling ratings are not steady (the last three have to be 4 or better and within one of each other; there are %1).</source>
        <translation>Noch nicht ans Fluggerät: die Bewertungen sind nicht stetig (die letzten drei müssen 4 oder besser sein und um höchstens eins auseinander; es gibt %1).</translation>
    </message>
    <message>
        <source>Not over %1: every touch breaks something, and hard ground throws the wash back</source>
        <translation>Nicht über %1: jede Berührung bricht etwas, und harter Boden wirft die Wirbel zurück</translation>
    </message>
    <message>
        <source>Nudge against the drift and recentre; pick a mark on the ground.</source>
        <translation>Gegen die Abdrift stupsen und zurück; eine Marke am Boden suchen.</translation>
    </message>
    <message>
        <source>Nudge and recentre: in acro the lean stays where it was put.</source>
        <translation>Stupsen und zurück: in acro bleibt die Neigung, wo sie ist.</translation>
    </message>
    <message>
        <source>Nudge and recentre: the lean stays without the stick.</source>
        <translation>Stupsen und zurück: die Neigung bleibt ohne Knüppel.</translation>
    </message>
    <message>
        <source>Nudge forward, recentre, and fly 60 m level towards the flags.</source>
        <translation>Nach vorn stupsen, zurück, und 60 m waagerecht auf die Flaggen zu.</translation>
    </message>
    <message>
        <source>Of a pack that is flown</source>
        <translation>Von einem Akku, der geflogen wird</translation>
    </message>
    <message>
        <source>Of them on matched rates</source>
        <translation>Davon mit abgeglichenen Drehraten</translation>
    </message>
    <message>
        <source>Of them with the throttle cut within 1 s</source>
        <translation>Davon mit Gas in 1 s weg</translation>
    </message>
    <message>
        <source>Off level after the flip</source>
        <translation>Schief nach dem Flip</translation>
    </message>
    <message>
        <source>Off level after the roll</source>
        <translation>Schief nach der Rolle</translation>
    </message>
    <message>
        <source>Off the face&apos;s line</source>
        <translation>Neben der Linie der Wand</translation>
    </message>
    <message>
        <source>Off the gate&apos;s middle</source>
        <translation>Neben der Mitte des Tors</translation>
    </message>
    <message>
        <source>Off the line</source>
        <translation>Neben der Linie</translation>
    </message>
    <message>
        <source>Off the quarter stops</source>
        <translation>Neben den Viertelmarken</translation>
    </message>
    <message>
        <source>Off the straight line</source>
        <translation>Neben der Geraden</translation>
    </message>
    <message>
        <source>On along the line.</source>
        <translation>Auf der Linie weiter.</translation>
    </message>
    <message>
        <source>On different days</source>
        <translation>An verschiedenen Tagen</translation>
    </message>
    <message>
        <source>On round the next one to the right, and back.</source>
        <translation>Um den nächsten rechts herum, und zurück.</translation>
    </message>
    <message>
        <source>On the matched rates in their simulator</source>
        <translation>Mit den abgeglichenen Drehraten in ihrem Simulator</translation>
    </message>
    <message>
        <source>On through the first gate.</source>
        <translation>Weiter durch das erste Tor.</translation>
    </message>
    <message>
        <source>Once round to the right, and settle the throttle.</source>
        <translation>Einmal rechts herum, und das Gas beruhigen.</translation>
    </message>
    <message>
        <source>One axis at a time</source>
        <translation>Eine Achse nach der anderen</translation>
    </message>
    <message>
        <source>One burst once the nose is round, not many small ones.</source>
        <translation>Ein Stoß, sobald die Nase herum ist, nicht viele kleine.</translation>
    </message>
    <message>
        <source>One lean, and leave it: the speed comes to rest by itself.</source>
        <translation>Eine Neigung, und lassen: das Tempo kommt von selbst zur Ruhe.</translation>
    </message>
    <message>
        <source>One movement for one turn, and let go.</source>
        <translation>Eine Bewegung für eine Drehung, und loslassen.</translation>
    </message>
    <message>
        <source>One movement to go, one to stop.</source>
        <translation>Eine Bewegung zum Losfliegen, eine zum Halten.</translation>
    </message>
    <message>
        <source>One side weaker</source>
        <translation>Eine Seite schwächer</translation>
    </message>
    <message>
        <source>One stick by itself: Pitch alone, five times.</source>
        <translation>Ein Knüppel für sich: Nur Nick, fünfmal.</translation>
    </message>
    <message>
        <source>One stick, one axis: up, hold, higher, lower. The other stick rests.</source>
        <translation>Ein Knüppel, eine Achse: hoch, halten, höher, tiefer. Der andere Knüppel ruht.</translation>
    </message>
    <message>
        <source>Only the briefing is missing before the first flight</source>
        <translation>Vor dem Erstflug fehlt nur die Einweisung</translation>
    </message>
    <message>
        <source>Only the throttle&apos;s upper half counts.</source>
        <translation>Nur die obere Hälfte des Gases zählt.</translation>
    </message>
    <message>
        <source>Only when all that was easy, and only high, never over water: one flip</source>
        <translation>Nur wenn alles leicht war, und nur hoch, nie über Wasser: ein Flip</translation>
    </message>
    <message>
        <source>Openings</source>
        <translation>Öffnungen</translation>
    </message>
    <message>
        <source>Openings flown through</source>
        <translation>Durchflogene Öffnungen</translation>
    </message>
    <message>
        <source>Other programs that read the controller are closed</source>
        <translation>Andere Programme, die die Fernsteuerung lesen, sind geschlossen</translation>
    </message>
    <message>
        <source>Ovals, both ways</source>
        <translation>Ovale, beide Umläufe</translation>
    </message>
    <message>
        <source>Over %1 during &quot;%2&quot;.</source>
        <translation>Über %1 während „%2“.</translation>
    </message>
    <message>
        <source>Over %1.</source>
        <translation>Über %1.</translation>
    </message>
    <message>
        <source>Over 8 m on the way up</source>
        <translation>Über 8 m auf dem Weg nach oben</translation>
    </message>
    <message>
        <source>Over the fence, rolling as it is crossed, and on along the line at the other side.</source>
        <translation>Über den Zaun, rollend beim Überqueren, und auf der anderen Seite auf der Linie weiter.</translation>
    </message>
    <message>
        <source>Over the fence: burst, throttle out, roll to the right.</source>
        <translation>Über den Zaun: Gasstoß, Gas weg, Rolle rechts.</translation>
    </message>
    <message>
        <source>Over the height when brought back</source>
        <translation>Über der Höhe beim Zurückholen</translation>
    </message>
    <message>
        <source>Over the line to the gate</source>
        <translation>Über die Linie zum Tor</translation>
    </message>
    <message>
        <source>Over the poplars.</source>
        <translation>Über die Pappeln.</translation>
    </message>
    <message>
        <source>Overshoot past 5 m</source>
        <translation>Mehr als 5 m zu weit</translation>
    </message>
    <message>
        <source>Panic switch</source>
        <translation>Notschalter</translation>
    </message>
    <message>
        <source>Panic switch shown, and worked by the pilot with the propellers off</source>
        <translation>Notschalter gezeigt und vom Piloten mit Propellern ab bedient</translation>
    </message>
    <message>
        <source>Passed, but not to hold it: %1 %2 where %3 holds; %4</source>
        <translation>Bestanden, aber nicht fürs Können: %1 %2, wo %3 reicht; %4</translation>
    </message>
    <message>
        <source>Passed, but not to hold it: %1 was not measured; %2</source>
        <translation>Bestanden, aber nicht fürs Können: %1 wurde nicht gemessen; %2</translation>
    </message>
    <message>
        <source>Passed, but not to hold it: rocking for %1 of the time, %2 at most; smaller movements.</source>
        <translation>Bestanden, aber nicht fürs Können: schaukelt %1 der Zeit, höchstens %2; kleinere Bewegungen.</translation>
    </message>
    <message>
        <source>Passed, with nothing left to mend.</source>
        <translation>Bestanden, nichts mehr zu verbessern.</translation>
    </message>
    <message>
        <source>Passed; most is left in &quot;%1&quot;: %2</source>
        <translation>Bestanden; am meisten fehlt bei „%1“: %2</translation>
    </message>
    <message>
        <source>Passes that hold a drill</source>
        <translation>Bestandene, bis eine Übung sitzt</translation>
    </message>
    <message>
        <source>Past the corner</source>
        <translation>Über die Ecke hinaus</translation>
    </message>
    <message>
        <source>Past the place to stop at</source>
        <translation>Über den Haltepunkt hinaus</translation>
    </message>
    <message>
        <source>Past the places to stop at</source>
        <translation>Über die Haltepunkte hinaus</translation>
    </message>
    <message>
        <source>Past the shed at one speed, one height and one heading, as a film wants it.</source>
        <translation>Am Schuppen vorbei mit einem Tempo, einer Höhe und einem Kurs, wie ein Film es will.</translation>
    </message>
    <message>
        <source>Past the shed: one speed, one height, one heading.</source>
        <translation>Am Schuppen vorbei: ein Tempo, eine Höhe, ein Kurs.</translation>
    </message>
    <message>
        <source>People are near: wait, or fly elsewhere</source>
        <translation>Menschen sind nah: warten, oder anderswo fliegen</translation>
    </message>
    <message>
        <source>Permission: %1</source>
        <translation>Erlaubnis: %1</translation>
    </message>
    <message>
        <source>Phone and computer on one network, or joined by a cable: the picture lags less by cable</source>
        <translation>Telefon und Rechner in einem Netz oder per Kabel verbunden: mit Kabel hinkt das Bild weniger nach</translation>
    </message>
    <message>
        <source>Phone charged, calls and messages silenced, screen kept on</source>
        <translation>Telefon geladen, Anrufe und Nachrichten stumm, Bildschirm bleibt an</translation>
    </message>
    <message>
        <source>Pick a far mark and fly at it.</source>
        <translation>Eine ferne Marke suchen und darauf zu fliegen.</translation>
    </message>
    <message>
        <source>Pick a far mark before the turn and stop at it.</source>
        <translation>Vor der Drehung eine ferne Marke suchen und bei ihr anhalten.</translation>
    </message>
    <message>
        <source>Pick the mark behind you first.</source>
        <translation>Zuerst die Marke hinter sich suchen.</translation>
    </message>
    <message>
        <source>Pilot is well today; a screen stands ready</source>
        <translation>Dem Piloten geht es heute gut; ein Bildschirm steht bereit</translation>
    </message>
    <message>
        <source>Pilot knows that its throttle springs back to the middle</source>
        <translation>Der Pilot weiß, dass das Gas in die Mitte zurückfedert</translation>
    </message>
    <message>
        <source>Pitch</source>
        <translation>Nick</translation>
    </message>
    <message>
        <source>Pitch alone</source>
        <translation>Nur Nick</translation>
    </message>
    <message>
        <source>Pitch reversals</source>
        <translation>Umkehrungen Nick</translation>
    </message>
    <message>
        <source>Popped up over 12 m</source>
        <translation>Über 12 m aufgestiegen</translation>
    </message>
    <message>
        <source>Power at about 80 %.</source>
        <translation>Leistung auf etwa 80 %.</translation>
    </message>
    <message>
        <source>Power back: stop and hover at 6 m.</source>
        <translation>Leistung zurück: in 6 m anhalten und schweben.</translation>
    </message>
    <message>
        <source>Practice a week</source>
        <translation>Übungszeit je Woche</translation>
    </message>
    <message>
        <source>Practised rates changed since the match</source>
        <translation>Geübte Drehraten seit dem Abgleich geändert</translation>
    </message>
    <message>
        <source>Propellers whole, the right way round, nuts tight</source>
        <translation>Propeller heil, richtig herum, Muttern fest</translation>
    </message>
    <message>
        <source>Push and recentre: the lean stays without the stick.</source>
        <translation>Drücken und zurück: die Neigung bleibt ohne Knüppel.</translation>
    </message>
    <message>
        <source>Push held</source>
        <translation>Ausschlag gehalten</translation>
    </message>
    <message>
        <source>Questionnaire above which the screen is chosen</source>
        <translation>Fragebogen, ab dem der Bildschirm gewählt wird</translation>
    </message>
    <message>
        <source>Quick box</source>
        <translation>Schnelles Quadrat</translation>
    </message>
    <message>
        <source>Racing</source>
        <translation>Rennen</translation>
    </message>
    <message>
        <source>Rain or snow is told: the electronics are open</source>
        <translation>Regen oder Schnee ist gemeldet: die Elektronik ist offen</translation>
    </message>
    <message>
        <source>Rates as on the aircraft</source>
        <translation>Drehraten wie am Fluggerät</translation>
    </message>
    <message>
        <source>Rates of 350 deg/s for roll and pitch, 300 for yaw.</source>
        <translation>Drehraten von 350 °/s für Roll und Nick, 300 für Gier.</translation>
    </message>
    <message>
        <source>Rates of 450 deg/s until flips and rolls end level.</source>
        <translation>Drehraten von 450 °/s, bis Flips und Rollen gerade enden.</translation>
    </message>
    <message>
        <source>Rates of about 250 deg/s until it stays away.</source>
        <translation>Drehraten von etwa 250 °/s, bis es wegbleibt.</translation>
    </message>
    <message>
        <source>Rates on the aircraft are those that were practised</source>
        <translation>Die Drehraten am Fluggerät sind die geübten</translation>
    </message>
    <message>
        <source>Rates were not matched with the real aircraft&apos;s</source>
        <translation>Die Drehraten wurden nicht mit dem echten Fluggerät abgeglichen</translation>
    </message>
    <message>
        <source>Rates: %1.</source>
        <translation>Drehraten: %1.</translation>
    </message>
    <message>
        <source>Real aircraft switched off, or its propellers off</source>
        <translation>Echtes Fluggerät ausgeschaltet oder Propeller ab</translation>
    </message>
    <message>
        <source>Registration, proof of competency, airspace and insurance checked with the national aviation authority</source>
        <translation>Registrierung, Kompetenznachweis, Luftraum und Versicherung mit der nationalen Luftfahrtbehörde geprüft</translation>
    </message>
    <message>
        <source>Repairs and kit</source>
        <translation>Reparaturen und Ausrüstung</translation>
    </message>
    <message>
        <source>Right 10 m, and stop.</source>
        <translation>10 m rechts, und halt.</translation>
    </message>
    <message>
        <source>Right again, and stop.</source>
        <translation>Wieder rechts, und halt.</translation>
    </message>
    <message>
        <source>Right stick to %1 o&apos;clock</source>
        <translation>Rechter Knüppel auf %1 Uhr</translation>
    </message>
    <message>
        <source>Right stick to and fro, a second</source>
        <translation>Rechter Knüppel hin und her, eine Sekunde</translation>
    </message>
    <message>
        <source>Right, and stop at 10 m.</source>
        <translation>Rechts, und bei 10 m halt.</translation>
    </message>
    <message>
        <source>Right, stop, left, stop; height and nose are held for you.</source>
        <translation>Rechts, halt, links, halt; Höhe und Nase werden für Sie gehalten.</translation>
    </message>
    <message>
        <source>Rocking</source>
        <translation>Schaukeln</translation>
    </message>
    <message>
        <source>Rocking %1 % of the newest flights, over %2 %; %3 °/s is slow already</source>
        <translation>Schaukelt in %1 % der neuesten Flüge, über %2 %; %3 °/s ist schon langsam</translation>
    </message>
    <message>
        <source>Rocking %1 % of the newest flights, over %2 %; %3 °/s less %4 % is %5 °/s (house; no slower than %6)</source>
        <translation>Schaukelt in %1 % der neuesten Flüge, über %2 %; %3 °/s weniger %4 % sind %5 °/s (Haus; nicht langsamer als %6)</translation>
    </message>
    <message>
        <source>Rocking of the throttle</source>
        <translation>Schaukeln mit dem Gas</translation>
    </message>
    <message>
        <source>Rocking over the last five flights, below</source>
        <translation>Schaukeln über die letzten fünf Flüge, unter</translation>
    </message>
    <message>
        <source>Roll</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>Roll alone</source>
        <translation>Nur Roll</translation>
    </message>
    <message>
        <source>Roll into the turn as well: yaw alone drifts wide.</source>
        <translation>Auch in die Kurve rollen: Gier allein treibt weit hinaus.</translation>
    </message>
    <message>
        <source>Roll out of a run, not out of a hover.</source>
        <translation>Aus der Fahrt rollen, nicht aus dem Schweben.</translation>
    </message>
    <message>
        <source>Roll out of a run, not out of a hover: the burst goes forward too.</source>
        <translation>Aus der Fahrt rollen, nicht aus dem Schweben: der Stoß geht auch nach vorn.</translation>
    </message>
    <message>
        <source>Roll pair</source>
        <translation>Rollenpaar</translation>
    </message>
    <message>
        <source>Roll reversals</source>
        <translation>Umkehrungen Roll</translation>
    </message>
    <message>
        <source>Roll to the near horizon first, throttle when it is under you.</source>
        <translation>Zuerst zum nahen Horizont rollen, Gas, wenn er unter Ihnen ist.</translation>
    </message>
    <message>
        <source>Roll with the yaw: it stops the drift and keeps the horizon level.</source>
        <translation>Mit dem Gier rollen: das hält die Abdrift an und den Horizont gerade.</translation>
    </message>
    <message>
        <source>Rolls</source>
        <translation>Rollen</translation>
    </message>
    <message>
        <source>Room around the pilot</source>
        <translation>Raum um den Piloten</translation>
    </message>
    <message>
        <source>Round a flag with the throttle left where it is: height comes from the pitch.</source>
        <translation>Um eine Flagge mit stehen gelassenem Gas: die Höhe kommt aus dem Nick.</translation>
    </message>
    <message>
        <source>Round and round in acro mode, for 30 seconds.</source>
        <translation>Immer rundherum im Modus acro, 30 Sekunden.</translation>
    </message>
    <message>
        <source>Round and round in angle mode, for 30 seconds.</source>
        <translation>Immer rundherum im Modus angle, 30 Sekunden.</translation>
    </message>
    <message>
        <source>Round and round in horizon mode, for 30 seconds.</source>
        <translation>Immer rundherum im Modus horizon, 30 Sekunden.</translation>
    </message>
    <message>
        <source>Round both flags and across the middle, turning right and left by turns.</source>
        <translation>Um beide Flaggen und quer durch die Mitte, abwechselnd rechts und links herum.</translation>
    </message>
    <message>
        <source>Round the flag, turning right, back to the middle.</source>
        <translation>Um die Flagge rechts herum, zurück in die Mitte.</translation>
    </message>
    <message>
        <source>Round the pans</source>
        <translation>Rund um die Pfannen</translation>
    </message>
    <message>
        <source>Round the post to the right.</source>
        <translation>Um den Pfosten rechts herum.</translation>
    </message>
    <message>
        <source>Round to the right, throttle still: height by pitch.</source>
        <translation>Rechts herum, Gas still: Höhe mit Nick.</translation>
    </message>
    <message>
        <source>Round two flags: laps to the right, laps to the left, the same height and the same distance.</source>
        <translation>Um zwei Flaggen: Runden rechts, Runden links, gleiche Höhe und gleicher Abstand.</translation>
    </message>
    <message>
        <source>Run and stop</source>
        <translation>Lauf und halt</translation>
    </message>
    <message>
        <source>Safe hands</source>
        <translation>Sichere Hände</translation>
    </message>
    <message>
        <source>Salt pan</source>
        <translation>Salzpfanne</translation>
    </message>
    <message>
        <source>Samples come fast enough</source>
        <translation>Werte kommen schnell genug</translation>
    </message>
    <message>
        <source>Samples come only every %1 ms: use a faster USB mode.</source>
        <translation>Werte kommen nur alle %1 ms: einen schnelleren USB-Modus nehmen.</translation>
    </message>
    <message>
        <source>Sand is soft, but gets into motors: grass is better</source>
        <translation>Sand ist weich, gerät aber in Motoren: Gras ist besser</translation>
    </message>
    <message>
        <source>Say the mode aloud before it changes.</source>
        <translation>Den Modus laut sagen, bevor er wechselt.</translation>
    </message>
    <message>
        <source>See the sink by itself: Hover watch, leaning four ways.</source>
        <translation>Das Sinken für sich sehen: Schwebewacht, in vier Richtungen neigen.</translation>
    </message>
    <message>
        <source>Set as the real aircraft</source>
        <translation>Wie das echte eingestellt</translation>
    </message>
    <message>
        <source>Settle before you go.</source>
        <translation>Erst beruhigen, dann los.</translation>
    </message>
    <message>
        <source>Settle on the spot, then throttle to the bottom.</source>
        <translation>Am Ort beruhigen, dann Gas nach unten.</translation>
    </message>
    <message>
        <source>Settle.</source>
        <translation>Beruhigen.</translation>
    </message>
    <message>
        <source>Shadow hands</source>
        <translation>Schattenhände</translation>
    </message>
    <message>
        <source>Sheep fold</source>
        <translation>Schafpferch</translation>
    </message>
    <message>
        <source>Sickness</source>
        <translation>Befinden</translation>
    </message>
    <message>
        <source>Sickness in goggles: stop, screen, rest; no real aircraft that day.</source>
        <translation>Übelkeit mit Brille: aufhören, Bildschirm, Pause; an dem Tag kein echtes Fluggerät.</translation>
    </message>
    <message>
        <source>Side reach</source>
        <translation>Seitwärts hinaus</translation>
    </message>
    <message>
        <source>Sideways</source>
        <translation>Seitwärts</translation>
    </message>
    <message>
        <source>Sideways and stop, nose where it was.</source>
        <translation>Seitwärts und halt, die Nase, wo sie war.</translation>
    </message>
    <message>
        <source>Sideways stick</source>
        <translation>Knüppel quer</translation>
    </message>
    <message>
        <source>Simulator of the match lets no rates be set</source>
        <translation>Der Simulator des Abgleichs lässt keine Drehraten einstellen</translation>
    </message>
    <message>
        <source>Simulator&apos;s profile changed since the match</source>
        <translation>Das Profil des Simulators wurde seit dem Abgleich geändert</translation>
    </message>
    <message>
        <source>Sink at touchdown</source>
        <translation>Sinken beim Aufsetzen</translation>
    </message>
    <message>
        <source>Sink at touchdown, better of two</source>
        <translation>Sinken beim Aufsetzen, das bessere von zweien</translation>
    </message>
    <message>
        <source>Six openings of the mill yard, from three metres down to little more than one.</source>
        <translation>Sechs Öffnungen des Mühlenhofs, von drei Metern bis wenig mehr als einem.</translation>
    </message>
    <message>
        <source>Slalom</source>
        <translation>Slalom</translation>
    </message>
    <message>
        <source>Slalom height within ±2 m</source>
        <translation>Slalomhöhe auf ±2 m</translation>
    </message>
    <message>
        <source>Slide 20 m to the right and stop at the ring.</source>
        <translation>20 m nach rechts gleiten und am Ring anhalten.</translation>
    </message>
    <message>
        <source>Slide back to the left and stop.</source>
        <translation>Zurück nach links gleiten und halt.</translation>
    </message>
    <message>
        <source>Sliding sideways</source>
        <translation>Seitwärts rutschen</translation>
    </message>
    <message>
        <source>Slow the sink in the last metre and let it settle.</source>
        <translation>Das Sinken im letzten Meter bremsen und es sich setzen lassen.</translation>
    </message>
    <message>
        <source>Slower over the last half metre.</source>
        <translation>Langsamer über den letzten halben Meter.</translation>
    </message>
    <message>
        <source>Slower, and the ground is seen.</source>
        <translation>Langsamer, dann ist der Boden zu sehen.</translation>
    </message>
    <message>
        <source>Slower.</source>
        <translation>Langsamer.</translation>
    </message>
    <message>
        <source>Slower: a gate flown round is a gate missed.</source>
        <translation>Langsamer: ein umflogenes Tor ist ein verfehltes.</translation>
    </message>
    <message>
        <source>Slower: a smaller nudge, and take half of it back at once.</source>
        <translation>Langsamer: ein kleinerer Stups, und die Hälfte gleich zurück.</translation>
    </message>
    <message>
        <source>Slower: go down to %1 °/s, the hand over-controls.</source>
        <translation>Langsamer: auf %1 °/s hinunter, die Hand übersteuert.</translation>
    </message>
    <message>
        <source>Slower: nobody looks at the watch.</source>
        <translation>Langsamer: niemand schaut auf die Uhr.</translation>
    </message>
    <message>
        <source>Slower; half the throttle movement.</source>
        <translation>Langsamer; halbe Gasbewegung.</translation>
    </message>
    <message>
        <source>Slower; look one flag ahead.</source>
        <translation>Langsamer; eine Flagge vorausschauen.</translation>
    </message>
    <message>
        <source>Small throttle movements near the ground.</source>
        <translation>Kleine Gasbewegungen nahe am Boden.</translation>
    </message>
    <message>
        <source>Small throttle, often.</source>
        <translation>Wenig Gas, oft.</translation>
    </message>
    <message>
        <source>Smaller movements: match its speed, do not jump after it.</source>
        <translation>Kleinere Bewegungen: sein Tempo treffen, nicht hinterherspringen.</translation>
    </message>
    <message>
        <source>Smaller movements; pinch the stick.</source>
        <translation>Kleinere Bewegungen; den Knüppel mit zwei Fingern fassen.</translation>
    </message>
    <message>
        <source>Smaller propellers, four fifths of the diameter.</source>
        <translation>Kleinere Propeller, vier Fünftel des Durchmessers.</translation>
    </message>
    <message>
        <source>Smaller throttle movements, and look at the height more often.</source>
        <translation>Kleinere Gasbewegungen, und öfter nach der Höhe schauen.</translation>
    </message>
    <message>
        <source>Smaller throttle movements; look at the height more often.</source>
        <translation>Kleinere Gasbewegungen; öfter nach der Höhe schauen.</translation>
    </message>
    <message>
        <source>Smaller, slower throttle movements.</source>
        <translation>Kleinere, langsamere Gasbewegungen.</translation>
    </message>
    <message>
        <source>Soft ground: %1</source>
        <translation>Weicher Boden: %1</translation>
    </message>
    <message>
        <source>Somebody stands beside the pilot</source>
        <translation>Jemand steht neben dem Piloten</translation>
    </message>
    <message>
        <source>Speed comes by itself once it is smooth.</source>
        <translation>Tempo kommt von selbst, sobald es flüssig ist.</translation>
    </message>
    <message>
        <source>Speed comes by itself once the lines are right.</source>
        <translation>Tempo kommt von selbst, sobald die Linien stimmen.</translation>
    </message>
    <message>
        <source>Speed uneven</source>
        <translation>Tempo ungleich</translation>
    </message>
    <message>
        <source>Spotter: %1</source>
        <translation>Beobachter: %1</translation>
    </message>
    <message>
        <source>Spread of the laps</source>
        <translation>Streuung der Runden</translation>
    </message>
    <message>
        <source>Springs back to the middle: in acro the aircraft climbs when it is let go. Loosen or remove the spring.</source>
        <translation>Federt in die Mitte zurück: in acro steigt das Fluggerät, wenn es losgelassen wird. Die Feder lösen oder ausbauen.</translation>
    </message>
    <message>
        <source>Stages</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Start the simulator after the controller is plugged in; most look for controllers only once.</source>
        <translation>Den Simulator starten, nachdem die Fernsteuerung angesteckt ist; die meisten suchen nur einmal.</translation>
    </message>
    <message>
        <source>Stay 5 to 15 m behind an aircraft that brakes, climbs and turns.</source>
        <translation>5 bis 15 m hinter einem Fluggerät bleiben, das bremst, steigt und dreht.</translation>
    </message>
    <message>
        <source>Stay 5 to 15 m behind it.</source>
        <translation>5 bis 15 m dahinter bleiben.</translation>
    </message>
    <message>
        <source>Steady first</source>
        <translation>Zuerst ruhig</translation>
    </message>
    <message>
        <source>Steady turn</source>
        <translation>Ruhige Kurve</translation>
    </message>
    <message>
        <source>Stick mode: choose &quot;%1&quot;, mode %2.</source>
        <translation>Knüppelmodus: „%1“ wählen, Modus %2.</translation>
    </message>
    <message>
        <source>Sticks are seen to move</source>
        <translation>Man sieht, dass sich die Knüppel bewegen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Stop and hover.</source>
        <translation>Anhalten und schweben.</translation>
    </message>
    <message>
        <source>Stop the turn before the mark, not on it.</source>
        <translation>Die Drehung vor der Marke anhalten, nicht auf ihr.</translation>
    </message>
    <message>
        <source>Stop, and hover.</source>
        <translation>Anhalten, und schweben.</translation>
    </message>
    <message>
        <source>Straight down: level before the throttle goes down.</source>
        <translation>Senkrecht hinunter: gerade, bevor das Gas weggeht.</translation>
    </message>
    <message>
        <source>Straight on between the posts.</source>
        <translation>Geradeaus zwischen den Pfosten.</translation>
    </message>
    <message>
        <source>Straight run</source>
        <translation>Gerader Lauf</translation>
    </message>
    <message>
        <source>Sunk in a lean and after it</source>
        <translation>In einer Neigung und danach gesunken</translation>
    </message>
    <message>
        <source>Sunk when leaning</source>
        <translation>In der Neigung gesunken</translation>
    </message>
    <message>
        <source>Switch it on, throttle at the bottom first. If nothing lights: batteries the right way round, and charged.</source>
        <translation>Einschalten, zuerst Gas nach unten. Leuchtet nichts: Batterien richtig herum, und geladen.</translation>
    </message>
    <message>
        <source>Symptoms today: the screen, a rest, and no real aircraft today</source>
        <translation>Beschwerden heute: Bildschirm, Pause, und heute kein echtes Fluggerät</translation>
    </message>
    <message>
        <source>Symptoms today: the screen, a rest, and no real aircraft today.</source>
        <translation>Beschwerden heute: Bildschirm, Pause, und heute kein echtes Fluggerät.</translation>
    </message>
    <message>
        <source>Take off gently, and look for the first gate from a hover.</source>
        <translation>Sanft abheben, und das erste Tor aus dem Schweben suchen.</translation>
    </message>
    <message>
        <source>Take off gently: full throttle is for nothing here.</source>
        <translation>Sanft abheben: Vollgas ist hier für nichts gut.</translation>
    </message>
    <message>
        <source>Take off straight up to 5 m.</source>
        <translation>Senkrecht auf 5 m abheben.</translation>
    </message>
    <message>
        <source>Take off to 1.5 m.</source>
        <translation>Auf 1,5 m abheben.</translation>
    </message>
    <message>
        <source>Take off to 3 m.</source>
        <translation>Auf 3 m abheben.</translation>
    </message>
    <message>
        <source>Take the throttle back before the height is reached.</source>
        <translation>Das Gas zurücknehmen, bevor die Höhe erreicht ist.</translation>
    </message>
    <message>
        <source>Take the throttle back to the hover&apos;s before the height is there.</source>
        <translation>Das Gas auf das im Schweben zurücknehmen, bevor die Höhe da ist.</translation>
    </message>
    <message>
        <source>Take the throttle right off once it stands.</source>
        <translation>Das Gas ganz wegnehmen, sobald es steht.</translation>
    </message>
    <message>
        <source>Take the thumb&apos;s weight off the throttle before the lean.</source>
        <translation>Vor dem Neigen das Gewicht des Daumens vom Gas nehmen.</translation>
    </message>
    <message>
        <source>Take throttle out as the nose comes up.</source>
        <translation>Gas wegnehmen, wenn die Nase hochkommt.</translation>
    </message>
    <message>
        <source>The aircraft answers faster than the hand can take back.</source>
        <translation>Das Fluggerät antwortet schneller, als die Hand zurücknehmen kann.</translation>
    </message>
    <message>
        <source>The aircraft has more power than a take-off needs.</source>
        <translation>Das Fluggerät hat mehr Leistung, als ein Abheben braucht.</translation>
    </message>
    <message>
        <source>The aircraft of the match is gone</source>
        <translation>Das Fluggerät des Abgleichs gibt es nicht mehr</translation>
    </message>
    <message>
        <source>The cable only charges, or the socket is dead. Take a data cable, and a socket on the computer itself.</source>
        <translation>Das Kabel lädt nur, oder der Anschluss ist tot. Ein Datenkabel nehmen, und einen Anschluss am Rechner selbst.</translation>
    </message>
    <message>
        <source>The computer&apos;s picture is on the phone, in two halves where the goggles have lenses</source>
        <translation>Das Bild des Rechners ist auf dem Telefon, in zwei Hälften, wo die Brille Linsen hat</translation>
    </message>
    <message>
        <source>The connection is good. Fill the simulator&apos;s settings in from the Sheets section of the Controller page.</source>
        <translation>Die Verbindung ist gut. Die Einstellungen des Simulators vom Abschnitt Blätter der Seite Fernsteuerung eintragen.</translation>
    </message>
    <message>
        <source>The controller sends nothing: its active model or profile has no output on the first four channels. Choose another, or make a plain one.</source>
        <translation>Die Fernsteuerung sendet nichts: ihr aktives Modell oder Profil hat keine Ausgabe auf den ersten vier Kanälen. Ein anderes wählen oder ein schlichtes anlegen.</translation>
    </message>
    <message>
        <source>The corner box twice as wide and twice as fast, in the sport mode.</source>
        <translation>Das Eckenquadrat doppelt so weit und doppelt so schnell, im Modus sport.</translation>
    </message>
    <message>
        <source>The cushion of air pushes: less throttle than you think.</source>
        <translation>Das Luftkissen drückt: weniger Gas, als man denkt.</translation>
    </message>
    <message>
        <source>The day of a first flight</source>
        <translation>Der Tag eines Erstflugs</translation>
    </message>
    <message>
        <source>The device reports too seldom. Look for a faster USB mode, use a cable instead of radio, and no hub in between.</source>
        <translation>Das Gerät meldet zu selten. Einen schnelleren USB-Modus suchen, Kabel statt Funk, und keinen Verteiler dazwischen.</translation>
    </message>
    <message>
        <source>The first day on the real aircraft, flown once before: its likeness, the camera lowered, wind, and a propeller that is not quite true.</source>
        <translation>Der erste Tag am echten Fluggerät, vorher einmal geflogen: sein Ebenbild, die Kamera flacher, Wind, und ein Propeller, der nicht ganz rund läuft.</translation>
    </message>
    <message>
        <source>The flight could not be kept: %1; it is held in memory and tried again</source>
        <translation>Der Flug ließ sich nicht sichern: %1; er bleibt im Speicher und wird wieder versucht</translation>
    </message>
    <message>
        <source>The flight ended during &quot;%1&quot;, before the drill was done.</source>
        <translation>Der Flug endete während „%1“, bevor die Übung fertig war.</translation>
    </message>
    <message>
        <source>The flight ended, before the drill was done.</source>
        <translation>Der Flug endete, bevor die Übung fertig war.</translation>
    </message>
    <message>
        <source>The hand has to find it without looking.</source>
        <translation>Die Hand muss ihn finden, ohne hinzusehen.</translation>
    </message>
    <message>
        <source>The hands go on stirring where the aircraft would stay by itself.</source>
        <translation>Die Hände rühren weiter, wo das Fluggerät von selbst stehen würde.</translation>
    </message>
    <message>
        <source>The input is too big, and then too big the other way.</source>
        <translation>Der Ausschlag ist zu groß, und dann zu groß in die andere Richtung.</translation>
    </message>
    <message>
        <source>The last metre by itself: Ground cushion.</source>
        <translation>Den letzten Meter für sich: Luftkissen.</translation>
    </message>
    <message>
        <source>The last metre is over before the hand has felt the ground&apos;s cushion.</source>
        <translation>Der letzte Meter ist vorbei, bevor die Hand das Luftkissen gespürt hat.</translation>
    </message>
    <message>
        <source>The law decides who may fly what, and where.</source>
        <translation>Das Gesetz entscheidet, wer was wo fliegen darf.</translation>
    </message>
    <message>
        <source>The law may ask for more (house)</source>
        <translation>Das Gesetz kann mehr verlangen (Haus)</translation>
    </message>
    <message>
        <source>The left stick already stands at %1 o&apos;clock.</source>
        <translation>Der linke Knüppel steht schon auf %1 Uhr.</translation>
    </message>
    <message>
        <source>The low end of what is called enough (common practice, no source)</source>
        <translation>Das untere Ende dessen, was genug genannt wird (gängige Praxis, ohne Quelle)</translation>
    </message>
    <message>
        <source>The motors were never armed.</source>
        <translation>Die Motoren wurden nie scharf geschaltet.</translation>
    </message>
    <message>
        <source>The nose goes round by itself; height and place are held for you.</source>
        <translation>Die Nase geht von selbst herum; Höhe und Ort werden für Sie gehalten.</translation>
    </message>
    <message>
        <source>The panic switch was used during &quot;%1&quot;: well caught, but not a pass.</source>
        <translation>Während „%1“ wurde der Notschalter benutzt: gut abgefangen, aber nicht bestanden.</translation>
    </message>
    <message>
        <source>The panic switch was used: well caught, but not a pass.</source>
        <translation>Der Notschalter wurde benutzt: gut abgefangen, aber nicht bestanden.</translation>
    </message>
    <message>
        <source>The power comes back earlier than it seems: at twice the height.</source>
        <translation>Die Leistung kommt früher zurück, als es scheint: in doppelter Höhe.</translation>
    </message>
    <message>
        <source>The power that stops it is more than the hover&apos;s: take it back as the sink ends.</source>
        <translation>Die Leistung, die es anhält, ist mehr als im Schweben: zurücknehmen, wenn das Sinken endet.</translation>
    </message>
    <message>
        <source>The rates are slow already: smaller movements and another grip before anything else.</source>
        <translation>Die Drehraten sind schon langsam: vor allem anderen kleinere Bewegungen und ein anderer Griff.</translation>
    </message>
    <message>
        <source>The release has run out, and nobody told whether %1 has flown</source>
        <translation>Die Freigabe ist abgelaufen, und niemand sagte, ob %1 geflogen ist</translation>
    </message>
    <message numerus="yes">
        <source>The release runs out in %n day</source>
        <translation>
            <numerusform>Die Freigabe läuft in %n Tag ab</numerusform>
            <numerusform>Die Freigabe läuft in %n Tagen ab</numerusform>
        </translation>
    </message>
    <message>
        <source>The right stick already stands at %1 o&apos;clock.</source>
        <translation>Der rechte Knüppel steht schon auf %1 Uhr.</translation>
    </message>
    <message>
        <source>The rounds cannot tell %1 from %2: the difference lies between %3 and %4 bit/s.</source>
        <translation>Die Runden können %1 und %2 nicht unterscheiden: der Unterschied liegt zwischen %3 und %4 bit/s.</translation>
    </message>
    <message>
        <source>The same line every time.</source>
        <translation>Jedes Mal dieselbe Linie.</translation>
    </message>
    <message>
        <source>The same round in acro, in angle and in horizon, 30 seconds each: what the sticks do is not the same.</source>
        <translation>Dieselbe Runde in acro, in angle und in horizon, je 30 Sekunden: was die Knüppel tun, ist nicht dasselbe.</translation>
    </message>
    <message>
        <source>The simulators of a station</source>
        <translation>Die Simulatoren einer Station</translation>
    </message>
    <message>
        <source>The sink is not seen before it is large.</source>
        <translation>Das Sinken wird erst gesehen, wenn es groß ist.</translation>
    </message>
    <message>
        <source>The spotter knows what to say, and when: stop, aircraft, people</source>
        <translation>Der Beobachter weiß, was er wann sagt: halt, Fluggerät, Menschen</translation>
    </message>
    <message>
        <source>The stick is held as in a position-hold aircraft, where it should be nudged.</source>
        <translation>Der Knüppel wird gehalten wie bei einem Gerät, das seine Position hält, wo er gestupst werden soll.</translation>
    </message>
    <message>
        <source>The stick is let go too late or too early.</source>
        <translation>Der Knüppel wird zu spät oder zu früh losgelassen.</translation>
    </message>
    <message>
        <source>The take-off begins with the throttle at the top.</source>
        <translation>Das Abheben beginnt mit dem Gas ganz oben.</translation>
    </message>
    <message>
        <source>The temperature was not said</source>
        <translation>Die Temperatur wurde nicht gesagt</translation>
    </message>
    <message>
        <source>The throttle by itself: Throttle alone, five times.</source>
        <translation>Das Gas für sich: Nur Gas, fünfmal.</translation>
    </message>
    <message>
        <source>The throttle is taken to nothing to come down.</source>
        <translation>Das Gas wird zum Sinken auf nichts genommen.</translation>
    </message>
    <message>
        <source>The throttle springs back to the middle, which is half power there: hold it down before arming.</source>
        <translation>Das Gas federt in die Mitte zurück, das ist dort halbe Leistung: vor dem Scharfschalten unten halten.</translation>
    </message>
    <message>
        <source>The throttle was seen with two different ranges: look again.</source>
        <translation>Das Gas wurde mit zwei verschiedenen Bereichen gesehen: noch einmal ansehen.</translation>
    </message>
    <message>
        <source>The throttle&apos;s lower half does nothing there: the motors begin at mid travel.</source>
        <translation>Die untere Hälfte des Gases tut dort nichts: die Motoren beginnen in der Mitte.</translation>
    </message>
    <message>
        <source>The throttle&apos;s whole way counts.</source>
        <translation>Der ganze Weg des Gases zählt.</translation>
    </message>
    <message>
        <source>The visibility was not said</source>
        <translation>Die Sicht wurde nicht gesagt</translation>
    </message>
    <message>
        <source>The week</source>
        <translation>Die Woche</translation>
    </message>
    <message>
        <source>The wind was not said</source>
        <translation>Der Wind wurde nicht gesagt</translation>
    </message>
    <message>
        <source>Then the drill, the aircraft or the way of flying is changed (house)</source>
        <translation>Dann wird die Übung, das Fluggerät oder die Flugweise geändert (Haus)</translation>
    </message>
    <message>
        <source>There is more power than the hand can meter.</source>
        <translation>Es ist mehr Leistung da, als die Hand dosieren kann.</translation>
    </message>
    <message>
        <source>There is more thrust than the hand can meter.</source>
        <translation>Es ist mehr Schub da, als die Hand dosieren kann.</translation>
    </message>
    <message>
        <source>Thin air and hot motors (house)</source>
        <translation>Dünne Luft und heiße Motoren (Haus)</translation>
    </message>
    <message>
        <source>Three laps of nine gates, every gate.</source>
        <translation>Drei Runden durch neun Tore, jedes Tor.</translation>
    </message>
    <message>
        <source>Three laps, every gate.</source>
        <translation>Drei Runden, jedes Tor.</translation>
    </message>
    <message>
        <source>Three laps, turning right round the flags.</source>
        <translation>Drei Runden, rechts um die Flaggen.</translation>
    </message>
    <message>
        <source>Three modes</source>
        <translation>Drei Modi</translation>
    </message>
    <message>
        <source>Throttle</source>
        <translation>Gas</translation>
    </message>
    <message>
        <source>Throttle after a crash</source>
        <translation>Gas nach einem Absturz</translation>
    </message>
    <message>
        <source>Throttle alone</source>
        <translation>Nur Gas</translation>
    </message>
    <message>
        <source>Throttle as soon as the nose is round.</source>
        <translation>Gas, sobald die Nase herum ist.</translation>
    </message>
    <message>
        <source>Throttle at the bottom before switching on</source>
        <translation>Gas unten vor dem Einschalten</translation>
    </message>
    <message>
        <source>Throttle chopped</source>
        <translation>Gas abgehackt</translation>
    </message>
    <message>
        <source>Throttle down to just over nothing: down the face.</source>
        <translation>Gas auf knapp über nichts: die Wand hinunter.</translation>
    </message>
    <message>
        <source>Throttle first, then think.</source>
        <translation>Zuerst Gas, dann denken.</translation>
    </message>
    <message>
        <source>Throttle held still</source>
        <translation>Gas still gehalten</translation>
    </message>
    <message>
        <source>Throttle held still in the lean</source>
        <translation>Gas in der Neigung still gehalten</translation>
    </message>
    <message>
        <source>Throttle left up after the crash</source>
        <translation>Gas nach dem Absturz oben gelassen</translation>
    </message>
    <message>
        <source>Throttle out before it is on its back.</source>
        <translation>Gas weg, bevor es auf dem Rücken ist.</translation>
    </message>
    <message>
        <source>Throttle out first, then lean back, then throttle in again.</source>
        <translation>Zuerst Gas weg, dann zurücklehnen, dann wieder Gas.</translation>
    </message>
    <message>
        <source>Throttle reversals</source>
        <translation>Umkehrungen Gas</translation>
    </message>
    <message>
        <source>Throttle still. Lean back, and see it sink.</source>
        <translation>Gas still. Nach hinten neigen, und sehen, wie es sinkt.</translation>
    </message>
    <message>
        <source>Throttle still. Lean forward, and see it sink.</source>
        <translation>Gas still. Nach vorn neigen, und sehen, wie es sinkt.</translation>
    </message>
    <message>
        <source>Throttle still. Lean left, and see it sink.</source>
        <translation>Gas still. Nach links neigen, und sehen, wie es sinkt.</translation>
    </message>
    <message>
        <source>Throttle still. Lean right, and see it sink.</source>
        <translation>Gas still. Nach rechts neigen, und sehen, wie es sinkt.</translation>
    </message>
    <message>
        <source>Throttle to the bottom before the switch, every time.</source>
        <translation>Gas nach unten vor dem Schalter, jedes Mal.</translation>
    </message>
    <message>
        <source>Throttle to the bottom first, then look.</source>
        <translation>Zuerst Gas nach unten, dann schauen.</translation>
    </message>
    <message>
        <source>Throttle to the bottom first, then look: say it aloud after every crash.</source>
        <translation>Zuerst Gas nach unten, dann schauen: nach jedem Absturz laut sagen.</translation>
    </message>
    <message>
        <source>Throttle to the bottom once it stands.</source>
        <translation>Gas nach unten, sobald es steht.</translation>
    </message>
    <message>
        <source>Throttle to the bottom, then arm (F10).</source>
        <translation>Gas nach unten, dann scharf schalten (F10).</translation>
    </message>
    <message>
        <source>Throttle while on the back</source>
        <translation>Gas auf dem Rücken</translation>
    </message>
    <message>
        <source>Throttle, then a whole flip backwards.</source>
        <translation>Gas, dann ein ganzer Flip rückwärts.</translation>
    </message>
    <message>
        <source>Throttle, then a whole flip forwards.</source>
        <translation>Gas, dann ein ganzer Flip vorwärts.</translation>
    </message>
    <message>
        <source>Throttle, then a whole roll to the right.</source>
        <translation>Gas, dann eine ganze Rolle rechts.</translation>
    </message>
    <message>
        <source>Through the gate</source>
        <translation>Durchs Tor</translation>
    </message>
    <message>
        <source>Through the openings, the widest first.</source>
        <translation>Durch die Öffnungen, die weiteste zuerst.</translation>
    </message>
    <message>
        <source>Thrown about: find the horizon, level it, stop the fall. Then once more with the panic switch.</source>
        <translation>Herumgeworfen: den Horizont finden, aufrichten, das Fallen anhalten. Dann noch einmal mit dem Notschalter.</translation>
    </message>
    <message>
        <source>Thumb off the yaw while the other stick works.</source>
        <translation>Daumen vom Gier, während der andere Knüppel arbeitet.</translation>
    </message>
    <message>
        <source>Thunder or squalls are told: not today</source>
        <translation>Gewitter oder Böenlinien sind gemeldet: heute nicht</translation>
    </message>
    <message>
        <source>Tilt and expectations are lowered for a first flight (common practice; the amount is house)</source>
        <translation>Neigung und Erwartungen werden für einen Erstflug gesenkt (gängige Praxis; die Menge: Haus)</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Time for both ways round</source>
        <translation>Zeit für beide Umläufe</translation>
    </message>
    <message>
        <source>Time for the four ways</source>
        <translation>Zeit für die vier Richtungen</translation>
    </message>
    <message>
        <source>Time to recover</source>
        <translation>Zeit zum Abfangen</translation>
    </message>
    <message>
        <source>Time to stop</source>
        <translation>Zeit zum Anhalten</translation>
    </message>
    <message>
        <source>Time until it was back</source>
        <translation>Zeit, bis es zurück war</translation>
    </message>
    <message>
        <source>Tiny indoor (invented)</source>
        <translation>Winzig, drinnen (erfunden)</translation>
    </message>
    <message>
        <source>To the first gate.</source>
        <translation>Zum ersten Tor.</translation>
    </message>
    <message>
        <source>To the right 10 m with the roll alone, and stop.</source>
        <translation>10 m nach rechts nur mit Roll, und halt.</translation>
    </message>
    <message>
        <source>Too little to tell: %1 rounds of each, 5 are needed.</source>
        <translation>Zu wenig zu sagen: je %1 Runden, 5 werden gebraucht.</translation>
    </message>
    <message>
        <source>Touched something during &quot;%1&quot;, which allows %2 touches.</source>
        <translation>Während „%1“ etwas berührt, was %2 Berührungen erlaubt.</translation>
    </message>
    <message>
        <source>Touches</source>
        <translation>Berührungen</translation>
    </message>
    <message>
        <source>Touches a minute</source>
        <translation>Berührungen je Minute</translation>
    </message>
    <message>
        <source>Travel is only %1 % of the device&apos;s range: set its end points.</source>
        <translation>Der Weg ist nur %1 % vom Bereich des Geräts: die Endpunkte einstellen.</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>Turn 90° to the right.</source>
        <translation>90° nach rechts drehen.</translation>
    </message>
    <message>
        <source>Turn on the spot</source>
        <translation>Drehung auf der Stelle</translation>
    </message>
    <message>
        <source>Turn too far or short</source>
        <translation>Zu weit oder zu kurz gedreht</translation>
    </message>
    <message>
        <source>Turnabout stop</source>
        <translation>Kehrt und halt</translation>
    </message>
    <message>
        <source>Turned on yaw alone</source>
        <translation>Nur mit Gier gedreht</translation>
    </message>
    <message>
        <source>Turning with the nose alone</source>
        <translation>Nur mit der Nase gedreht</translation>
    </message>
    <message>
        <source>Turns</source>
        <translation>Kurven</translation>
    </message>
    <message>
        <source>Two metres of room, posts on either side: straight on as slowly as you like, then round a post.</source>
        <translation>Zwei Meter Raum, Pfosten auf beiden Seiten: geradeaus, so langsam Sie wollen, dann um einen Pfosten.</translation>
    </message>
    <message>
        <source>Two pushes point to different ways of counting the axes: check that the settings stand as on the sheet.</source>
        <translation>Zwei Ausschläge deuten auf verschiedene Zählweisen der Achsen: prüfen, ob die Einstellungen wie auf dem Blatt stehen.</translation>
    </message>
    <message>
        <source>Two pushes show different directions for %1: look again.</source>
        <translation>Zwei Ausschläge zeigen verschiedene Richtungen für %1: noch einmal ansehen.</translation>
    </message>
    <message>
        <source>Under %1 during &quot;%2&quot;.</source>
        <translation>Unter %1 während „%2“.</translation>
    </message>
    <message>
        <source>Under %1.</source>
        <translation>Unter %1.</translation>
    </message>
    <message>
        <source>Under a roof</source>
        <translation>Unter einem Dach</translation>
    </message>
    <message>
        <source>Under load (common practice, no source)</source>
        <translation>Unter Last (gängige Praxis, ohne Quelle)</translation>
    </message>
    <message>
        <source>Unplug it, wait five seconds, plug it in again. If it is still not seen, restart the computer with it plugged in.</source>
        <translation>Abziehen, fünf Sekunden warten, wieder anstecken. Ist sie noch nicht zu sehen, den Rechner mit ihr angesteckt neu starten.</translation>
    </message>
    <message>
        <source>Up to 1 m, no more.</source>
        <translation>Bis 1 m, nicht mehr.</translation>
    </message>
    <message>
        <source>Up to 1.3 m.</source>
        <translation>Bis 1,3 m.</translation>
    </message>
    <message>
        <source>Up to 1.5 m.</source>
        <translation>Bis 1,5 m.</translation>
    </message>
    <message>
        <source>Up to 5 m, hold, and back down on the same spot without a bounce.</source>
        <translation>Auf 5 m, halten, und auf denselben Fleck zurück, ohne Hüpfer.</translation>
    </message>
    <message>
        <source>Upset</source>
        <translation>Geworfen</translation>
    </message>
    <message>
        <source>Upset recovery</source>
        <translation>Abfangen</translation>
    </message>
    <message>
        <source>Used the %1 stick during &quot;%2&quot;, which does not allow it.</source>
        <translation>Während „%2“ den %1-Knüppel benutzt, was nicht erlaubt ist.</translation>
    </message>
    <message>
        <source>Video cable and adapter from computer to goggles</source>
        <translation>Videokabel und Adapter vom Rechner zur Brille</translation>
    </message>
    <message>
        <source>Visibility</source>
        <translation>Sicht</translation>
    </message>
    <message>
        <source>Visibility %1 m, at least %2 m</source>
        <translation>Sicht %1 m, mindestens %2 m</translation>
    </message>
    <message>
        <source>Wait for the answer to a movement before making the next.</source>
        <translation>Die Antwort auf eine Bewegung abwarten, bevor die nächste kommt.</translation>
    </message>
    <message>
        <source>Warmest</source>
        <translation>Wärmste</translation>
    </message>
    <message>
        <source>Watch one stick at a time, then both.</source>
        <translation>Einen Knüppel nach dem anderen beobachten, dann beide.</translation>
    </message>
    <message>
        <source>Water is near: stay on the other side of it, no flips there</source>
        <translation>Wasser ist nah: auf der anderen Seite bleiben, dort keine Flips</translation>
    </message>
    <message>
        <source>Way to stop</source>
        <translation>Weg zum Anhalten</translation>
    </message>
    <message>
        <source>Ways</source>
        <translation>Wege</translation>
    </message>
    <message>
        <source>Weave through eight flags, one turn leading into the next.</source>
        <translation>Durch acht Flaggen schlängeln, eine Kurve führt in die nächste.</translation>
    </message>
    <message>
        <source>Weave through four flags: right of the first.</source>
        <translation>Durch vier Flaggen schlängeln: rechts an der ersten vorbei.</translation>
    </message>
    <message>
        <source>Weave through: right of the first flag, left of the next.</source>
        <translation>Durchschlängeln: rechts an der ersten Flagge vorbei, links an der nächsten.</translation>
    </message>
    <message>
        <source>Weeks below it before it is told</source>
        <translation>Wochen darunter, bevor es gesagt wird</translation>
    </message>
    <message>
        <source>What did it ask of you?</source>
        <translation>Was verlangte es von Ihnen?</translation>
    </message>
    <message>
        <source>What holds height by itself is not what was practised.</source>
        <translation>Was Höhe von selbst hält, ist nicht, was geübt wurde.</translation>
    </message>
    <message>
        <source>What the ground is was not said: grass or tall weeds are wanted</source>
        <translation>Was der Boden ist, wurde nicht gesagt: gewünscht sind Gras oder hohes Kraut</translation>
    </message>
    <message>
        <source>What was it like?</source>
        <translation>Wie war es?</translation>
    </message>
    <message>
        <source>What went least well, once more</source>
        <translation>Was am schlechtesten ging, noch einmal</translation>
    </message>
    <message>
        <source>Who needs a look</source>
        <translation>Wer einen Blick braucht</translation>
    </message>
    <message>
        <source>Wide turns with time for both sticks: Oval pair, to both sides.</source>
        <translation>Weite Kurven mit Zeit für beide Knüppel: Ovalpaar, nach beiden Seiten.</translation>
    </message>
    <message>
        <source>Wind %1 m/s, at most %2 m/s for a first flight</source>
        <translation>Wind %1 m/s, höchstens %2 m/s für einen Erstflug</translation>
    </message>
    <message>
        <source>Wind %1 m/s, at most %2 m/s for a pilot who has flown a real aircraft</source>
        <translation>Wind %1 m/s, höchstens %2 m/s für einen Piloten, der echt geflogen ist</translation>
    </message>
    <message>
        <source>Wind for a pilot who has not flown a real one</source>
        <translation>Wind für einen Piloten, der noch nicht echt geflogen ist</translation>
    </message>
    <message>
        <source>Wind for one who has</source>
        <translation>Wind für einen, der es ist</translation>
    </message>
    <message>
        <source>With the horizon centred at %1° full throttle does not carry it: it sinks. Lower the camera or give it more power.</source>
        <translation>Mit dem Horizont in der Mitte bei %1° trägt Vollgas es nicht: es sinkt. Die Kamera senken oder mehr Leistung geben.</translation>
    </message>
    <message>
        <source>With the horizon centred it flies at %1 m/s: fast for a learner. At %2° it would be %3 m/s.</source>
        <translation>Mit dem Horizont in der Mitte fliegt es %1 m/s: schnell für Anfänger. Bei %2° wären es %3 m/s.</translation>
    </message>
    <message>
        <source>Yaw</source>
        <translation>Gier</translation>
    </message>
    <message>
        <source>Yaw alone</source>
        <translation>Nur Gier</translation>
    </message>
    <message>
        <source>Yaw by itself: the nose goes round, the aircraft stays.</source>
        <translation>Gier für sich: die Nase geht herum, das Fluggerät bleibt.</translation>
    </message>
    <message>
        <source>Yaw reversals</source>
        <translation>Umkehrungen Gier</translation>
    </message>
    <message>
        <source>Yes</source>
        <translation>Ja</translation>
    </message>
    <message>
        <source>Yes, all the way</source>
        <translation>Ja, die ganze Zeit</translation>
    </message>
    <message>
        <source>Yes, leave it so</source>
        <translation>Ja, so lassen</translation>
    </message>
    <message>
        <source>a change of %1 needs a target</source>
        <translation>eine Änderung an %1 braucht ein Ziel</translation>
    </message>
    <message>
        <source>a change of %1 needs a word &quot;to&quot;</source>
        <translation>eine Änderung an %1 braucht ein Wort „to“</translation>
    </message>
    <message>
        <source>a correction needs a reason</source>
        <translation>eine Berichtigung braucht einen Grund</translation>
    </message>
    <message>
        <source>a gate of the first flight</source>
        <translation>eine Voraussetzung des Erstflugs</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>a minute</source>
        <translation>je Minute</translation>
    </message>
    <message>
        <source>a name is missing</source>
        <translation>ein Name fehlt</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a passphrase has at least %1 letters; three words are better</source>
        <translation>ein Kennsatz hat mindestens %1 Buchstaben; drei Wörter sind besser</translation>
    </message>
    <message>
        <source>a passphrase to sign with has at least %1 letters</source>
        <translation>ein Kennsatz zum Unterschreiben hat mindestens %1 Buchstaben</translation>
    </message>
    <message>
        <source>a practice curve needs three values or more</source>
        <translation>eine Übungskurve braucht drei Werte oder mehr</translation>
    </message>
    <message>
        <source>a record is being moved to this server, take it up again with `record move`</source>
        <translation>eine Akte wird gerade auf diesen Server verlegt, mit `record move` wieder aufnehmen</translation>
    </message>
    <message>
        <source>a record is moved to a server with the login that owns the database</source>
        <translation>eine Akte wird mit der Anmeldung auf einen Server verlegt, der die Datenbank gehört</translation>
    </message>
    <message>
        <source>a table has no parameters to be limited</source>
        <translation>eine Tabelle hat keine begrenzbaren Parameter</translation>
    </message>
    <message>
        <source>a tap took no time, expected more than 0 s</source>
        <translation>ein Antippen dauerte keine Zeit, erwartet mehr als 0 s</translation>
    </message>
    <message>
        <source>a target lies on its start, expected a way to go</source>
        <translation>ein Ziel liegt auf seinem Anfang, erwartet ein Weg</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a weather line: expected a place and a time in front, such as &quot;YUDO 221630Z&quot;</source>
        <translation>eine Wetterzeile: erwartet vorn ein Ort und eine Zeit, wie „YUDO 221630Z“</translation>
    </message>
    <message>
        <source>a weather line: expected a wind such as &quot;24004MPS&quot; or &quot;24008KT&quot;, found none</source>
        <translation>eine Wetterzeile: erwartet ein Wind wie „24004MPS“ oder „24008KT“, keiner gefunden</translation>
    </message>
    <message>
        <source>a weather line: expected day, hour and minute, found &quot;%1&quot;</source>
        <translation>eine Wetterzeile: erwartet Tag, Stunde und Minute, gefunden „%1“</translation>
    </message>
    <message>
        <source>a weather line: expected one report, found a text of more than 4,000 letters</source>
        <translation>eine Wetterzeile: erwartet eine Meldung, gefunden ein Text von mehr als 4000 Buchstaben</translation>
    </message>
    <message>
        <source>adding and changing pilots</source>
        <translation>Piloten anlegen und ändern</translation>
    </message>
    <message>
        <source>an arm, a motor and propellers</source>
        <translation>ein Arm, ein Motor und Propeller</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>ein Objekt</translation>
    </message>
    <message>
        <source>another program has held it locked for over 5 s</source>
        <translation>ein anderes Programm hielt sie über 5 s gesperrt</translation>
    </message>
    <message>
        <source>another program wrote at the same moment</source>
        <translation>ein anderes Programm schrieb im selben Moment</translation>
    </message>
    <message>
        <source>another record was being moved there</source>
        <translation>eine andere Akte wurde gerade dorthin verlegt</translation>
    </message>
    <message>
        <source>another station wrote at the same moment</source>
        <translation>eine andere Station schrieb im selben Moment</translation>
    </message>
    <message>
        <source>answer %1 (%2): expected 0 to 3, found %3</source>
        <translation>Antwort %1 (%2): erwartet 0 bis 3, gefunden %3</translation>
    </message>
    <message>
        <source>arms, motors, camera and propellers</source>
        <translation>Arme, Motoren, Kamera und Propeller</translation>
    </message>
    <message>
        <source>asphalt</source>
        <translation>Asphalt</translation>
    </message>
    <message>
        <source>at this rate it is not passed</source>
        <translation>in diesem Tempo wird sie nicht bestanden</translation>
    </message>
    <message>
        <source>available slots</source>
        <translation>freie Zeiten</translation>
    </message>
    <message>
        <source>axis %1</source>
        <translation>Achse %1</translation>
    </message>
    <message>
        <source>banks left over</source>
        <translation>Restschräglagen</translation>
    </message>
    <message>
        <source>battery sag</source>
        <translation>Akku lässt nach</translation>
    </message>
    <message>
        <source>battery_hover_s must lie in 30 to 7200 s</source>
        <translation>battery_hover_s muss in 30 bis 7200 s liegen</translation>
    </message>
    <message>
        <source>battery_load_sag must lie in 0 to 0.4</source>
        <translation>battery_load_sag muss in 0 bis 0.4 liegen</translation>
    </message>
    <message>
        <source>battery_rest_sag must lie in 0 to 0.5</source>
        <translation>battery_rest_sag muss in 0 bis 0.5 liegen</translation>
    </message>
    <message>
        <source>bay closed</source>
        <translation>Platz geschlossen</translation>
    </message>
    <message>
        <source>bays full</source>
        <translation>Plätze voll</translation>
    </message>
    <message>
        <source>beginners&apos; flips end in time</source>
        <translation>Flips von Anfängern enden rechtzeitig</translation>
    </message>
    <message>
        <source>begun, and not every point is ticked</source>
        <translation>begonnen, und nicht jeder Punkt ist abgehakt</translation>
    </message>
    <message>
        <source>bent propeller</source>
        <translation>verbogener Propeller</translation>
    </message>
    <message>
        <source>bent_propeller must lie in 0 to 0.5</source>
        <translation>bent_propeller muss in 0 bis 0.5 liegen</translation>
    </message>
    <message>
        <source>block %1 has no size</source>
        <translation>Block %1 hat keine Größe</translation>
    </message>
    <message>
        <source>block %1 reaches out of bounds</source>
        <translation>Block %1 reicht über die Grenze</translation>
    </message>
    <message>
        <source>blocks a day</source>
        <translation>Blöcke am Tag</translation>
    </message>
    <message>
        <source>body_radius_m must lie in 0.02 to 1 m</source>
        <translation>body_radius_m muss in 0.02 bis 1 m liegen</translation>
    </message>
    <message>
        <source>both ways</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>brakes %1</source>
        <translation>bremst %1</translation>
    </message>
    <message>
        <source>but the left stick went to %1 o&apos;clock</source>
        <translation>aber der linke Knüppel ging auf %1 Uhr</translation>
    </message>
    <message>
        <source>but the right stick went to %1 o&apos;clock</source>
        <translation>aber der rechte Knüppel ging auf %1 Uhr</translation>
    </message>
    <message>
        <source>button %1</source>
        <translation>Knopf %1</translation>
    </message>
    <message>
        <source>by the record they are %1 deg/s apart on %2, most of all axes</source>
        <translation>nach der Akte liegen sie bei %2 um %1 °/s auseinander, am weitesten von allen Achsen</translation>
    </message>
    <message>
        <source>by the record they are the same</source>
        <translation>nach der Akte sind sie gleich</translation>
    </message>
    <message>
        <source>calibrated and verified %1 days ago</source>
        <translation>vor %1 Tagen kalibriert und bestätigt</translation>
    </message>
    <message>
        <source>calibrated and verified today</source>
        <translation>heute kalibriert und bestätigt</translation>
    </message>
    <message>
        <source>calibrated and verified yesterday</source>
        <translation>gestern kalibriert und bestätigt</translation>
    </message>
    <message>
        <source>calm filming</source>
        <translation>ruhiges Filmen</translation>
    </message>
    <message>
        <source>cannot be made a record: %1</source>
        <translation>lässt sich nicht zu einer Akte machen: %1</translation>
    </message>
    <message>
        <source>careful</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>changing a rule of the house</source>
        <translation>eine Hausregel ändern</translation>
    </message>
    <message>
        <source>changing drills, curricula and coaching rules</source>
        <translation>Übungen, Lehrpläne und Trainingsregeln ändern</translation>
    </message>
    <message>
        <source>changing simulators and aircraft</source>
        <translation>Simulatoren und Fluggeräte ändern</translation>
    </message>
    <message>
        <source>changing what a pilot practises on</source>
        <translation>ändern, womit ein Pilot übt</translation>
    </message>
    <message>
        <source>choose who signs</source>
        <translation>wählen, wer unterschreibt</translation>
    </message>
    <message>
        <source>choose who unlocks</source>
        <translation>wählen, wer öffnet</translation>
    </message>
    <message>
        <source>chopped throttles</source>
        <translation>abgehacktes Gas</translation>
    </message>
    <message>
        <source>cold air</source>
        <translation>kalte Luft</translation>
    </message>
    <message>
        <source>concrete</source>
        <translation>Beton</translation>
    </message>
    <message>
        <source>correcting what was logged</source>
        <translation>Geloggtes berichtigen</translation>
    </message>
    <message>
        <source>could not be saved</source>
        <translation>ließ sich nicht sichern</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>drag_area_m2 must lie in 0 to 1 m2</source>
        <translation>drag_area_m2 muss in 0 bis 1 m2 liegen</translation>
    </message>
    <message>
        <source>drill %1 needs a demonstration to follow</source>
        <translation>Übung %1 braucht eine Vorführung zum Folgen</translation>
    </message>
    <message>
        <source>eased yet</source>
        <translation>noch entschärft</translation>
    </message>
    <message>
        <source>entries 1 to %1 were written before there were keys</source>
        <translation>Einträge 1 bis %1 wurden geschrieben, bevor es Schlüssel gab</translation>
    </message>
    <message>
        <source>entry %1</source>
        <translation>Eintrag %1</translation>
    </message>
    <message>
        <source>entry %1 (%2) was changed after it was written</source>
        <translation>Eintrag %1 (%2) wurde nach dem Schreiben geändert</translation>
    </message>
    <message>
        <source>entry %1 cannot be understood: %2</source>
        <translation>Eintrag %1 ist nicht zu verstehen: %2</translation>
    </message>
    <message>
        <source>entry %1 does not carry the signature of the station that it names</source>
        <translation>Eintrag %1 trägt nicht die Signatur der Station, die er nennt</translation>
    </message>
    <message>
        <source>entry %1 holds no station&apos;s key</source>
        <translation>Eintrag %1 enthält keinen Schlüssel einer Station</translation>
    </message>
    <message>
        <source>entry %1 is missing</source>
        <translation>Eintrag %1 fehlt</translation>
    </message>
    <message>
        <source>entry %1 is not as its hash says, expected a whole export</source>
        <translation>Eintrag %1 ist nicht, wie seine Prüfsumme sagt, erwartet eine ganze Ausgabe</translation>
    </message>
    <message>
        <source>entry %1 is not signed</source>
        <translation>Eintrag %1 ist nicht signiert</translation>
    </message>
    <message>
        <source>entry %1 is not that of %2: another record, or a rewritten one, stands in its place</source>
        <translation>Eintrag %1 ist nicht der von %2: eine andere oder umgeschriebene Akte steht an ihrer Stelle</translation>
    </message>
    <message>
        <source>entry %1 is signed by a station that is not trusted</source>
        <translation>Eintrag %1 ist von einer Station signiert, der nicht vertraut wird</translation>
    </message>
    <message>
        <source>entry %1, handed over late, %2</source>
        <translation>Eintrag %1, spät übergeben, %2</translation>
    </message>
    <message>
        <source>everything waits for it</source>
        <translation>alles wartet darauf</translation>
    </message>
    <message>
        <source>expected %1 answers, found %2</source>
        <translation>erwartet %1 Antworten, gefunden %2</translation>
    </message>
    <message>
        <source>expected %1 fields</source>
        <translation>erwartet %1 Felder</translation>
    </message>
    <message>
        <source>expected %1 ranges for %2</source>
        <translation>erwartet %1 Bereiche für %2</translation>
    </message>
    <message>
        <source>expected %1, found &apos;%2&apos;</source>
        <translation>erwartet %1, gefunden „%2“</translation>
    </message>
    <message>
        <source>expected %1or table, found &apos;%2&apos;</source>
        <translation>erwartet %1oder table, gefunden „%2“</translation>
    </message>
    <message>
        <source>expected &apos;%1&apos;</source>
        <translation>erwartet „%1“</translation>
    </message>
    <message>
        <source>expected 0 or 1, found &apos;%1&apos;</source>
        <translation>erwartet 0 oder 1, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected 0 to %1</source>
        <translation>erwartet 0 bis %1</translation>
    </message>
    <message>
        <source>expected 0 to 1</source>
        <translation>erwartet 0 bis 1</translation>
    </message>
    <message>
        <source>expected 0 to 100</source>
        <translation>erwartet 0 bis 100</translation>
    </message>
    <message>
        <source>expected 0 to 24 hours of practice</source>
        <translation>erwartet 0 bis 24 Stunden Übungszeit</translation>
    </message>
    <message>
        <source>expected 0 to 255</source>
        <translation>erwartet 0 bis 255</translation>
    </message>
    <message>
        <source>expected 0 to 60 hours a week</source>
        <translation>erwartet 0 bis 60 Stunden je Woche</translation>
    </message>
    <message>
        <source>expected 1 (Monday) to 7</source>
        <translation>erwartet 1 (Montag) bis 7</translation>
    </message>
    <message>
        <source>expected 1 or more</source>
        <translation>erwartet 1 oder mehr</translation>
    </message>
    <message>
        <source>expected 1 to 10</source>
        <translation>erwartet 1 bis 10</translation>
    </message>
    <message>
        <source>expected 1 to 100</source>
        <translation>erwartet 1 bis 100</translation>
    </message>
    <message>
        <source>expected 1 to 20</source>
        <translation>erwartet 1 bis 20</translation>
    </message>
    <message>
        <source>expected 1, 2, 3 or 4, found &apos;%1&apos;</source>
        <translation>erwartet 1, 2, 3 oder 4, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected 10 to 1000 m</source>
        <translation>erwartet 10 bis 1000 m</translation>
    </message>
    <message>
        <source>expected 10 to 240</source>
        <translation>erwartet 10 bis 240</translation>
    </message>
    <message>
        <source>expected 3 or 7 numbers</source>
        <translation>erwartet 3 oder 7 Zahlen</translation>
    </message>
    <message>
        <source>expected COUNT:HASH</source>
        <translation>erwartet ANZAHL:PRÜFSUMME</translation>
    </message>
    <message>
        <source>expected a &apos;%1&apos; here</source>
        <translation>erwartet hier ein „%1“</translation>
    </message>
    <message>
        <source>expected a beginning that is not in the future</source>
        <translation>erwartet ein Beginn, der nicht in der Zukunft liegt</translation>
    </message>
    <message>
        <source>expected a day such as 2031-02-10</source>
        <translation>erwartet ein Tag wie 2031-02-10</translation>
    </message>
    <message>
        <source>expected a finite number</source>
        <translation>erwartet eine endliche Zahl</translation>
    </message>
    <message>
        <source>expected a last day that is not over</source>
        <translation>erwartet ein letzter Tag, der nicht vorbei ist</translation>
    </message>
    <message>
        <source>expected a list, found %1</source>
        <translation>erwartet eine Liste, gefunden %1</translation>
    </message>
    <message>
        <source>expected a name</source>
        <translation>erwartet ein Name</translation>
    </message>
    <message>
        <source>expected a number of %1 to %2, found &apos;%3&apos;</source>
        <translation>erwartet eine Zahl von %1 bis %2, gefunden „%3“</translation>
    </message>
    <message>
        <source>expected a number, found %1</source>
        <translation>erwartet eine Zahl, gefunden %1</translation>
    </message>
    <message>
        <source>expected a number, found &apos;%1&apos;</source>
        <translation>erwartet eine Zahl, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected a point at least</source>
        <translation>erwartet mindestens ein Punkt</translation>
    </message>
    <message>
        <source>expected a slot from 0 to %1 less one</source>
        <translation>erwartet ein Zeitfeld von 0 bis %1 weniger eins</translation>
    </message>
    <message>
        <source>expected a speed and a height</source>
        <translation>erwartet ein Tempo und eine Höhe</translation>
    </message>
    <message>
        <source>expected a stick position and its rate in deg/s</source>
        <translation>erwartet ein Knüppelort und seine Rate in °/s</translation>
    </message>
    <message>
        <source>expected a text, found %1</source>
        <translation>erwartet ein Text, gefunden %1</translation>
    </message>
    <message>
        <source>expected a time after the start</source>
        <translation>erwartet eine Zeit nach dem Anfang</translation>
    </message>
    <message>
        <source>expected a time such as 09:30</source>
        <translation>erwartet eine Uhrzeit wie 09:30</translation>
    </message>
    <message>
        <source>expected a value, marks and a span for each of %1 criteria</source>
        <translation>erwartet ein Wert, Punkte und eine Spanne für jedes von %1 Kriterien</translation>
    </message>
    <message>
        <source>expected a whole number</source>
        <translation>erwartet eine ganze Zahl</translation>
    </message>
    <message>
        <source>expected acro, angle, horizon, hold or sport, found &apos;%1&apos;</source>
        <translation>erwartet acro, angle, horizon, hold oder sport, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected an id and a name</source>
        <translation>erwartet eine Kennung und ein Name</translation>
    </message>
    <message>
        <source>expected an object</source>
        <translation>erwartet ein Objekt</translation>
    </message>
    <message>
        <source>expected an object of findings</source>
        <translation>erwartet ein Objekt mit Befunden</translation>
    </message>
    <message>
        <source>expected an object of ticks</source>
        <translation>erwartet ein Objekt mit Haken</translation>
    </message>
    <message>
        <source>expected an object, found %1</source>
        <translation>erwartet ein Objekt, gefunden %1</translation>
    </message>
    <message>
        <source>expected an order of yaw, pitch and roll</source>
        <translation>erwartet eine Reihenfolge aus yaw, pitch und roll</translation>
    </message>
    <message>
        <source>expected another value than low_counts</source>
        <translation>erwartet ein anderer Wert als low_counts</translation>
    </message>
    <message>
        <source>expected arm, mode, panic, reset or pause, found &apos;%1&apos;</source>
        <translation>erwartet arm, mode, panic, reset oder pause, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected at least one axis</source>
        <translation>erwartet mindestens eine Achse</translation>
    </message>
    <message>
        <source>expected at least one drill</source>
        <translation>erwartet mindestens eine Übung</translation>
    </message>
    <message>
        <source>expected at least one item</source>
        <translation>erwartet mindestens ein Punkt</translation>
    </message>
    <message>
        <source>expected at least one list</source>
        <translation>erwartet mindestens eine Liste</translation>
    </message>
    <message>
        <source>expected at least one stage</source>
        <translation>erwartet mindestens eine Stufe</translation>
    </message>
    <message>
        <source>expected at most 1000 phases in all</source>
        <translation>erwartet insgesamt höchstens 1000 Phasen</translation>
    </message>
    <message>
        <source>expected at most 7200 s, two hours</source>
        <translation>erwartet höchstens 7200 s, zwei Stunden</translation>
    </message>
    <message>
        <source>expected button or axis, found &apos;%1&apos;</source>
        <translation>erwartet button oder axis, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected device_present, axes_moving, fast_enough or held_by_another, found &apos;%1&apos;</source>
        <translation>erwartet device_present, axes_moving, fast_enough oder held_by_another, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected forward, right, back or left, found &apos;%1&apos;</source>
        <translation>erwartet forward, right, back oder left, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected grass, tall weeds, sand, gravel, asphalt, concrete or not said</source>
        <translation>erwartet grass, tall weeds, sand, gravel, asphalt, concrete oder not said</translation>
    </message>
    <message>
        <source>expected held or passes, found &apos;%1&apos;</source>
        <translation>erwartet held oder passes, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected instructor or coordinator, found &apos;%1&apos;</source>
        <translation>erwartet instructor oder coordinator, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected low, high and step</source>
        <translation>erwartet tief, hoch und Schritt</translation>
    </message>
    <message>
        <source>expected lowest under highest, and a step above 0</source>
        <translation>erwartet kleinstes unter größtem, und ein Schritt über 0</translation>
    </message>
    <message>
        <source>expected lowest, highest and a step above 0</source>
        <translation>erwartet kleinstes, größtes und ein Schritt über 0</translation>
    </message>
    <message>
        <source>expected lowest, highest and step</source>
        <translation>erwartet kleinstes, größtes und Schritt</translation>
    </message>
    <message>
        <source>expected metres along and to the right, and a height where there is one</source>
        <translation>erwartet Meter voraus und nach rechts, und eine Höhe, wo es eine gibt</translation>
    </message>
    <message>
        <source>expected minutes, up to 600</source>
        <translation>erwartet Minuten, bis 600</translation>
    </message>
    <message>
        <source>expected movement, grip, rate, power, propeller, tilt, mode or drill, found &apos;%1&apos;</source>
        <translation>erwartet movement, grip, rate, power, propeller, tilt, mode oder drill, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected no more than of_last</source>
        <translation>erwartet nicht mehr als of_last</translation>
    </message>
    <message>
        <source>expected once among %1</source>
        <translation>erwartet einmal unter %1</translation>
    </message>
    <message>
        <source>expected one character</source>
        <translation>erwartet ein Zeichen</translation>
    </message>
    <message>
        <source>expected one of %1</source>
        <translation>erwartet eins von %1</translation>
    </message>
    <message>
        <source>expected one of %1, found &apos;%2&apos;</source>
        <translation>erwartet eins von %1, gefunden „%2“</translation>
    </message>
    <message>
        <source>expected power, propellers, rates or tilt, found &apos;%1&apos;</source>
        <translation>erwartet power, propellers, rates oder tilt, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected rest, throttle_up, … or circles, found &apos;%1&apos;</source>
        <translation>erwartet rest, throttle_up, … oder circles, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected roll, pitch or yaw, found &apos;%1&apos;</source>
        <translation>erwartet roll, pitch oder yaw, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected roll, pitch or yaw: the throttle has no rate</source>
        <translation>erwartet roll, pitch oder yaw: das Gas hat keine Rate</translation>
    </message>
    <message>
        <source>expected roll_right, roll_left, flip_forward or flip_back, found &apos;%1&apos;</source>
        <translation>erwartet roll_right, roll_left, flip_forward oder flip_back, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected share, m, m/s, s, ms, Hz, deg, count or a minute, found &apos;%1&apos;</source>
        <translation>erwartet share, m, m/s, s, ms, Hz, deg, count oder a minute, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected shares up to 1, a rate up to 2000 and a tilt up to 90</source>
        <translation>erwartet Anteile bis 1, eine Rate bis 2000 und eine Neigung bis 90</translation>
    </message>
    <message>
        <source>expected stick positions that are apart, found two at the same place</source>
        <translation>erwartet getrennte Knüppelorte, zwei am selben Ort gefunden</translation>
    </message>
    <message>
        <source>expected the four functions</source>
        <translation>erwartet die vier Funktionen</translation>
    </message>
    <message>
        <source>expected three limits</source>
        <translation>erwartet drei Grenzwerte</translation>
    </message>
    <message>
        <source>expected three numbers: about the axes forward, right, down</source>
        <translation>erwartet drei Zahlen: um die Achsen vorn, rechts, unten</translation>
    </message>
    <message>
        <source>expected three numbers: lowest, highest, step</source>
        <translation>erwartet drei Zahlen: kleinste, größte, Schritt</translation>
    </message>
    <message>
        <source>expected three: roll, pitch, yaw</source>
        <translation>erwartet drei: roll, pitch, yaw</translation>
    </message>
    <message>
        <source>expected throttle, yaw, pitch or roll, found &apos;%1&apos;</source>
        <translation>erwartet throttle, yaw, pitch oder roll, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected thumb, pinch or hybrid, found &apos;%1&apos;</source>
        <translation>erwartet thumb, pinch oder hybrid, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected timings at two stick positions or more, found %1</source>
        <translation>erwartet Zeiten an zwei Knüppelorten oder mehr, gefunden %1</translation>
    </message>
    <message>
        <source>expected true or false, found %1</source>
        <translation>erwartet true oder false, gefunden %1</translation>
    </message>
    <message>
        <source>expected two functions such as yaw-&gt;throttle, found &apos;%1&apos;</source>
        <translation>erwartet zwei Funktionen wie yaw-&gt;throttle, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected two or three places</source>
        <translation>erwartet zwei oder drei Stellungen</translation>
    </message>
    <message>
        <source>expected two times</source>
        <translation>erwartet zwei Zeiten</translation>
    </message>
    <message>
        <source>expected whole, worst, mean or best, found &apos;%1&apos;</source>
        <translation>erwartet whole, worst, mean oder best, gefunden „%1“</translation>
    </message>
    <message>
        <source>expected wind, bent propeller, ground effect, wash, rates, sight or nerves</source>
        <translation>erwartet wind, bent propeller, ground effect, wash, rates, sight oder nerves</translation>
    </message>
    <message>
        <source>fewer than two rows of sticks were recorded in this session</source>
        <translation>in dieser Sitzung wurden weniger als zwei Zeilen Knüppel aufgenommen</translation>
    </message>
    <message>
        <source>flight log</source>
        <translation>die Flugaufzeichnung</translation>
    </message>
    <message>
        <source>flight log %1 is not what was written</source>
        <translation>Flugaufzeichnung %1 ist nicht, was geschrieben wurde</translation>
    </message>
    <message>
        <source>flights are compared by place, and one of these has no positions</source>
        <translation>Flüge werden nach dem Ort verglichen, und einer davon hat keine Positionen</translation>
    </message>
    <message>
        <source>flights on it tell little</source>
        <translation>Flüge damit sagen wenig</translation>
    </message>
    <message>
        <source>flips and rolls end before much height is lost</source>
        <translation>Flips und Rollen enden, bevor viel Höhe verloren ist</translation>
    </message>
    <message>
        <source>flips faster: %1 s against %2 s</source>
        <translation>flippt schneller: %1 s gegen %2 s</translation>
    </message>
    <message>
        <source>flips more slowly: %1 s against %2 s</source>
        <translation>flippt langsamer: %1 s gegen %2 s</translation>
    </message>
    <message>
        <source>flown</source>
        <translation>geflogen</translation>
    </message>
    <message>
        <source>flying and logging practice</source>
        <translation>fliegen und Übungszeit loggen</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>freestyle, 700 to 800</source>
        <translation>Freestyle, 700 bis 800</translation>
    </message>
    <message>
        <source>freestyle; hard to foretell in courses</source>
        <translation>Freestyle; auf Strecken schwer vorherzusehen</translation>
    </message>
    <message>
        <source>full</source>
        <translation>ganz</translation>
    </message>
    <message>
        <source>gained in a brake</source>
        <translation>beim Bremsen gestiegen</translation>
    </message>
    <message>
        <source>gains %1 m less</source>
        <translation>steigt %1 m weniger</translation>
    </message>
    <message>
        <source>gains %1 m more</source>
        <translation>steigt %1 m mehr</translation>
    </message>
    <message>
        <source>gate %1 is blocked</source>
        <translation>Tor %1 ist verstellt</translation>
    </message>
    <message>
        <source>gate %1 is smaller than 0.5 m</source>
        <translation>Tor %1 ist kleiner als 0,5 m</translation>
    </message>
    <message>
        <source>gate %1 needs a sill of 0 m or more and a frame with some thickness</source>
        <translation>Tor %1 braucht eine Schwelle von 0 m oder mehr und einen Rahmen mit etwas Dicke</translation>
    </message>
    <message>
        <source>gate %1 stands out of bounds</source>
        <translation>Tor %1 steht außerhalb</translation>
    </message>
    <message>
        <source>gates</source>
        <translation>Voraussetzungen</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>grass</source>
        <translation>Gras</translation>
    </message>
    <message>
        <source>gravel</source>
        <translation>Kies</translation>
    </message>
    <message>
        <source>grips are compared by the rounds made with both, expected the same number of each</source>
        <translation>Griffe werden an den Runden mit beiden verglichen, erwartet gleich viele von jedem</translation>
    </message>
    <message>
        <source>ground effect</source>
        <translation>Bodeneffekt</translation>
    </message>
    <message>
        <source>gusts</source>
        <translation>Böen</translation>
    </message>
    <message>
        <source>has %1 fields, the header has %2</source>
        <translation>hat %1 Felder, der Kopf hat %2</translation>
    </message>
    <message>
        <source>heavier: %1 g against %2 g</source>
        <translation>schwerer: %1 g gegen %2 g</translation>
    </message>
    <message>
        <source>held</source>
        <translation>sitzt</translation>
    </message>
    <message>
        <source>held pushes</source>
        <translation>gehaltene Ausschläge</translation>
    </message>
    <message>
        <source>helped</source>
        <translation>half</translation>
    </message>
    <message>
        <source>holds a number too large for any computer&apos;s arithmetic, expected finite numbers</source>
        <translation>enthält eine Zahl, die für jeden Rechner zu groß ist, erwartet endliche Zahlen</translation>
    </message>
    <message>
        <source>holds bytes that are no text in UTF-8</source>
        <translation>enthält Bytes, die kein UTF-8-Text sind</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>hours do not count as matched</source>
        <translation>Stunden zählen nicht als abgeglichen</translation>
    </message>
    <message>
        <source>hovers with less throttle: %1 % against %2 %</source>
        <translation>schwebt mit weniger Gas: %1 % gegen %2 %</translation>
    </message>
    <message>
        <source>hovers with more throttle: %1 % against %2 %</source>
        <translation>schwebt mit mehr Gas: %1 % gegen %2 %</translation>
    </message>
    <message>
        <source>inertia_kgm2 must lie above 0 to 10 kg m2</source>
        <translation>inertia_kgm2 muss über 0 bis 10 kg m2 liegen</translation>
    </message>
    <message>
        <source>is %1 m higher in the mean</source>
        <translation>ist im Mittel %1 m höher</translation>
    </message>
    <message>
        <source>is %1 m lower in the mean</source>
        <translation>ist im Mittel %1 m tiefer</translation>
    </message>
    <message>
        <source>is %1 m/s faster</source>
        <translation>ist %1 m/s schneller</translation>
    </message>
    <message>
        <source>is %1 m/s slower</source>
        <translation>ist %1 m/s langsamer</translation>
    </message>
    <message>
        <source>is damaged or cut short</source>
        <translation>ist beschädigt oder abgeschnitten</translation>
    </message>
    <message>
        <source>is damaged or no packed flight log</source>
        <translation>ist beschädigt oder keine gepackte Flugaufzeichnung</translation>
    </message>
    <message>
        <source>is missing, expected %1 fields on the row</source>
        <translation>fehlt, erwartet %1 Felder in der Zeile</translation>
    </message>
    <message>
        <source>is not one of the family&apos;s, found &apos;%1&apos;</source>
        <translation>ist keins der Familie, gefunden „%1“</translation>
    </message>
    <message>
        <source>is not what a station tells of itself</source>
        <translation>ist nicht, was eine Station von sich sagt</translation>
    </message>
    <message>
        <source>it could not be corrected</source>
        <translation>es ließ sich nicht berichtigen</translation>
    </message>
    <message>
        <source>it could not be given to the other pilot</source>
        <translation>es ließ sich nicht dem anderen Piloten geben</translation>
    </message>
    <message>
        <source>it could not be put back</source>
        <translation>es ließ sich nicht zurücknehmen</translation>
    </message>
    <message>
        <source>it could not be saved</source>
        <translation>es ließ sich nicht sichern</translation>
    </message>
    <message>
        <source>it could not be struck out</source>
        <translation>es ließ sich nicht streichen</translation>
    </message>
    <message>
        <source>it could not be withdrawn</source>
        <translation>es ließ sich nicht zurückziehen</translation>
    </message>
    <message>
        <source>it holds &apos;%1&apos;</source>
        <translation>sie enthält „%1“</translation>
    </message>
    <message>
        <source>it is measured in &apos;%1&apos;</source>
        <translation>es wird in „%1“ gemessen</translation>
    </message>
    <message>
        <source>it is of another version, and to be read only it would have to be of this one</source>
        <translation>sie ist von einer anderen Version, und nur zum Lesen müsste sie von dieser sein</translation>
    </message>
    <message>
        <source>it is of another version: open it once with this program, which brings it up to date</source>
        <translation>sie ist von einer anderen Version: einmal mit diesem Programm öffnen, das bringt sie auf den Stand</translation>
    </message>
    <message>
        <source>it was changed meanwhile by %1: %2</source>
        <translation>es wurde inzwischen von %1 geändert: %2</translation>
    </message>
    <message>
        <source>it was stopped; the same command takes it up where it stands</source>
        <translation>es wurde angehalten; derselbe Befehl nimmt es auf, wo es steht</translation>
    </message>
    <message>
        <source>it was written by a newer version (%1, this one knows up to %2); it was left as it is</source>
        <translation>sie wurde von einer neueren Version geschrieben (%1, diese kennt bis %2); sie blieb, wie sie war</translation>
    </message>
    <message>
        <source>keeping a demonstration</source>
        <translation>eine Vorführung behalten</translation>
    </message>
    <message>
        <source>known over the whole stick</source>
        <translation>über den ganzen Knüppel bekannt</translation>
    </message>
    <message>
        <source>larger propellers: %1 mm against %2 mm</source>
        <translation>größere Propeller: %1 mm gegen %2 mm</translation>
    </message>
    <message>
        <source>last practice %1 days ago</source>
        <translation>zuletzt vor %1 Tagen geübt</translation>
    </message>
    <message>
        <source>last practice today</source>
        <translation>zuletzt heute geübt</translation>
    </message>
    <message>
        <source>last practice yesterday</source>
        <translation>zuletzt gestern geübt</translation>
    </message>
    <message>
        <source>learners, yaw 300; races at 350 to 400</source>
        <translation>Anfänger, Gier 300; Rennen mit 350 bis 400</translation>
    </message>
    <message>
        <source>left %1 points behind right over the last %2 attempts</source>
        <translation>links %1 Punkte hinter rechts über die letzten %2 Versuche</translation>
    </message>
    <message>
        <source>lighter: %1 g against %2 g</source>
        <translation>leichter: %1 g gegen %2 g</translation>
    </message>
    <message>
        <source>line %1: is nested deeper than 100, expected a document</source>
        <translation>Zeile %1: ist tiefer als 100 verschachtelt, erwartet ein Dokument</translation>
    </message>
    <message>
        <source>line %1: is no valid JSON here</source>
        <translation>Zeile %1: ist hier kein gültiges JSON</translation>
    </message>
    <message>
        <source>line 1: holds bytes that are no text, expected a header row with column names</source>
        <translation>Zeile 1: enthält Bytes, die kein Text sind, erwartet eine Kopfzeile mit Spaltennamen</translation>
    </message>
    <message>
        <source>line 1: longer than 64 kB, expected a header row with column names</source>
        <translation>Zeile 1: länger als 64 kB, erwartet eine Kopfzeile mit Spaltennamen</translation>
    </message>
    <message>
        <source>line 1: text behind a quoted name, expected a comma</source>
        <translation>Zeile 1: Text hinter einem Namen in Anführungszeichen, erwartet ein Komma</translation>
    </message>
    <message>
        <source>made it worse</source>
        <translation>verschlechterte es</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>mass_kg must lie in 0.02 to 25 kg</source>
        <translation>mass_kg muss in 0.02 bis 25 kg liegen</translation>
    </message>
    <message>
        <source>matched in %1, %2 of %3 h on them there</source>
        <translation>abgeglichen in %1, %2 von %3 h dort damit</translation>
    </message>
    <message>
        <source>max_angular_accel_dps2 must lie in 100 to 100000 deg/s2</source>
        <translation>max_angular_accel_dps2 muss in 100 bis 100000 deg/s2 liegen</translation>
    </message>
    <message>
        <source>met</source>
        <translation>erfüllt</translation>
    </message>
    <message>
        <source>months</source>
        <translation>Monate</translation>
    </message>
    <message>
        <source>more blocks than wanted</source>
        <translation>mehr Blöcke als gewünscht</translation>
    </message>
    <message>
        <source>more fields than the header&apos;s %1</source>
        <translation>mehr Felder als die %1 des Kopfs</translation>
    </message>
    <message>
        <source>more than two million places for a block: plan fewer days at a time</source>
        <translation>mehr als zwei Millionen Möglichkeiten für einen Block: weniger Tage auf einmal planen</translation>
    </message>
    <message>
        <source>motor_lag_s must lie in 0.005 to 0.5 s</source>
        <translation>motor_lag_s muss in 0.005 bis 0.5 s liegen</translation>
    </message>
    <message>
        <source>moves the throttle by %1 % less</source>
        <translation>bewegt das Gas um %1 % weniger</translation>
    </message>
    <message>
        <source>moves the throttle by %1 % more</source>
        <translation>bewegt das Gas um %1 % mehr</translation>
    </message>
    <message>
        <source>names an entry that is not there</source>
        <translation>nennt einen Eintrag, den es nicht gibt</translation>
    </message>
    <message>
        <source>needs a coordinator</source>
        <translation>braucht einen Koordinator</translation>
    </message>
    <message>
        <source>needs a pilot to be chosen</source>
        <translation>braucht einen gewählten Piloten</translation>
    </message>
    <message>
        <source>needs an instructor or a coordinator</source>
        <translation>braucht einen Ausbilder oder Koordinator</translation>
    </message>
    <message>
        <source>needs nobody&apos;s leave</source>
        <translation>braucht niemandes Erlaubnis</translation>
    </message>
    <message>
        <source>needs the coordinator</source>
        <translation>braucht den Koordinator</translation>
    </message>
    <message>
        <source>nerves</source>
        <translation>Nerven</translation>
    </message>
    <message>
        <source>no bay with the controller</source>
        <translation>kein Platz mit der Fernsteuerung</translation>
    </message>
    <message>
        <source>no bay with the simulator</source>
        <translation>kein Platz mit dem Simulator</translation>
    </message>
    <message>
        <source>no entry is signed</source>
        <translation>kein Eintrag ist signiert</translation>
    </message>
    <message>
        <source>no entry is signed: written before there were keys</source>
        <translation>kein Eintrag ist signiert: geschrieben, bevor es Schlüssel gab</translation>
    </message>
    <message>
        <source>no folder could be made in %1</source>
        <translation>in %1 ließ sich kein Ordner anlegen</translation>
    </message>
    <message numerus="yes">
        <source>no pass in %n attempt</source>
        <translation>
            <numerusform>in %n Versuch nicht bestanden</numerusform>
            <numerusform>in %n Versuchen nicht bestanden</numerusform>
        </translation>
    </message>
    <message>
        <source>no progress over the last 8 attempts: change one thing, see the debrief</source>
        <translation>kein Fortschritt über die letzten 8 Versuche: eins ändern, siehe Auswertung</translation>
    </message>
    <message>
        <source>no real aircraft is chosen on the Set-up page</source>
        <translation>auf der Seite Aufbau ist kein echtes Fluggerät gewählt</translation>
    </message>
    <message>
        <source>no real aircraft today</source>
        <translation>heute kein echtes Fluggerät</translation>
    </message>
    <message>
        <source>no sign yet</source>
        <translation>noch kein Zeichen</translation>
    </message>
    <message>
        <source>no sticks were recorded in this session</source>
        <translation>in dieser Sitzung wurden keine Knüppel aufgenommen</translation>
    </message>
    <message>
        <source>no strong habit; rocked for %1 % of the last %2 flights</source>
        <translation>keine starke Gewohnheit; schaukelte %1 % der letzten %2 Flüge</translation>
    </message>
    <message>
        <source>not flown yet</source>
        <translation>noch nicht geflogen</translation>
    </message>
    <message>
        <source>not known beyond %1 % stick</source>
        <translation>über %1 % Ausschlag unbekannt</translation>
    </message>
    <message>
        <source>not rated</source>
        <translation>nicht bewertet</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>nothing in the picture may jerk</source>
        <translation>nichts im Bild darf rucken</translation>
    </message>
    <message>
        <source>nothing leads to &apos;%1&apos;</source>
        <translation>nichts führt zu „%1“</translation>
    </message>
    <message>
        <source>of the time rocking</source>
        <translation>der Zeit geschaukelt</translation>
    </message>
    <message>
        <source>of the time with hands on</source>
        <translation>der Zeit mit Händen dran</translation>
    </message>
    <message>
        <source>of the turns at fault</source>
        <translation>der Kurven fehlerhaft</translation>
    </message>
    <message>
        <source>off level after a flip or roll</source>
        <translation>schief nach Flip oder Rolle</translation>
    </message>
    <message>
        <source>once, from %1 s to %2 s</source>
        <translation>einmal, von %1 s bis %2 s</translation>
    </message>
    <message>
        <source>only %1 rows of acro off the ground, expected %2</source>
        <translation>nur %1 Zeilen acro in der Luft, erwartet %2</translation>
    </message>
    <message>
        <source>opening a stage by hand</source>
        <translation>eine Stufe von Hand öffnen</translation>
    </message>
    <message>
        <source>out of memory</source>
        <translation>kein Speicher mehr</translation>
    </message>
    <message numerus="yes">
        <source>passed %n time</source>
        <translation>
            <numerusform>%n-mal bestanden</numerusform>
            <numerusform>%n-mal bestanden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>passed %n time of %1</source>
        <translation>
            <numerusform>%n von %1 bestanden</numerusform>
            <numerusform>%n von %1 bestanden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>passed %n time, %1 of %2 to hold</source>
        <translation>
            <numerusform>%n-mal bestanden, %1 von %2 fürs Können</numerusform>
            <numerusform>%n-mal bestanden, %1 von %2 fürs Können</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>passed %n time, needs another day</source>
        <translation>
            <numerusform>%n-mal bestanden, braucht noch einen Tag</numerusform>
            <numerusform>%n-mal bestanden, braucht noch einen Tag</numerusform>
        </translation>
    </message>
    <message>
        <source>passed by attempt %1</source>
        <translation>bestanden bis Versuch %1</translation>
    </message>
    <message>
        <source>passed; held by attempt %1 at the soonest</source>
        <translation>bestanden; sitzt frühestens bei Versuch %1</translation>
    </message>
    <message>
        <source>pillar %1 has no size</source>
        <translation>Säule %1 hat keine Größe</translation>
    </message>
    <message>
        <source>pillar %1 stands out of bounds</source>
        <translation>Säule %1 steht außerhalb</translation>
    </message>
    <message>
        <source>planning the week</source>
        <translation>die Woche planen</translation>
    </message>
    <message>
        <source>points must hold one rate for each stick</source>
        <translation>Punkte müssen je Knüppelort eine Rate haben</translation>
    </message>
    <message>
        <source>position-hold</source>
        <translation>Positionshalten</translation>
    </message>
    <message>
        <source>power at %1 %</source>
        <translation>Leistung auf %1 %</translation>
    </message>
    <message>
        <source>practised as the real aircraft is set</source>
        <translation>geübt, wie das echte Fluggerät eingestellt ist</translation>
    </message>
    <message>
        <source>practises by the screen</source>
        <translation>übt am Bildschirm</translation>
    </message>
    <message>
        <source>preparing a first flight</source>
        <translation>einen Erstflug vorbereiten</translation>
    </message>
    <message>
        <source>prop wash</source>
        <translation>Propellerwirbel</translation>
    </message>
    <message>
        <source>propeller_m must lie in 0.02 to 1 m</source>
        <translation>propeller_m muss in 0.02 bis 1 m liegen</translation>
    </message>
    <message>
        <source>propellers</source>
        <translation>Propeller</translation>
    </message>
    <message>
        <source>propellers at %1 %</source>
        <translation>Propeller auf %1 %</translation>
    </message>
    <message>
        <source>questionnaire %1, at most %2</source>
        <translation>Fragebogen %1, höchstens %2</translation>
    </message>
    <message>
        <source>quick lines need steady hands more than quick turns</source>
        <translation>schnelle Linien brauchen ruhige Hände mehr als schnelle Drehungen</translation>
    </message>
    <message>
        <source>rate and its error: expected more than 0</source>
        <translation>Rate und ihr Fehler: erwartet mehr als 0</translation>
    </message>
    <message>
        <source>rate_lag_s must lie in 0.005 to 0.5 s</source>
        <translation>rate_lag_s muss in 0.005 bis 0.5 s liegen</translation>
    </message>
    <message>
        <source>rates</source>
        <translation>Drehraten</translation>
    </message>
    <message>
        <source>rates must never fall, from 0 to 1998 deg/s</source>
        <translation>Raten dürfen nie fallen, von 0 bis 1998 deg/s</translation>
    </message>
    <message>
        <source>rates: expected both in one family that can be set, found %1 and %2</source>
        <translation>Drehraten: erwartet beide in einer einstellbaren Familie, gefunden %1 und %2</translation>
    </message>
    <message>
        <source>rating how rates handle</source>
        <translation>bewerten, wie sich Drehraten fliegen</translation>
    </message>
    <message>
        <source>read aloud and ticked</source>
        <translation>laut gelesen und abgehakt</translation>
    </message>
    <message>
        <source>recording</source>
        <translation>die Aufnahme</translation>
    </message>
    <message>
        <source>releasing a pilot to a real aircraft</source>
        <translation>einen Piloten für ein echtes Fluggerät freigeben</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>right %1 points behind left over the last %2 attempts</source>
        <translation>rechts %1 Punkte hinter links über die letzten %2 Versuche</translation>
    </message>
    <message>
        <source>rocks for %1 % less of the time</source>
        <translation>schaukelt %1 % der Zeit weniger</translation>
    </message>
    <message>
        <source>rocks for %1 % more of the time</source>
        <translation>schaukelt %1 % der Zeit mehr</translation>
    </message>
    <message>
        <source>rotor_drag_kgps must lie in 0 to 5 kg/s</source>
        <translation>rotor_drag_kgps muss in 0 bis 5 kg/s liegen</translation>
    </message>
    <message>
        <source>rotors must lie in 3 to 8</source>
        <translation>rotors muss in 3 bis 8 liegen</translation>
    </message>
    <message>
        <source>sand</source>
        <translation>Sand</translation>
    </message>
    <message>
        <source>say why</source>
        <translation>sagen, warum</translation>
    </message>
    <message>
        <source>say why it holds no more</source>
        <translation>sagen, warum sie nicht mehr gilt</translation>
    </message>
    <message>
        <source>saying who may do what</source>
        <translation>sagen, wer was darf</translation>
    </message>
    <message>
        <source>scoring by eye</source>
        <translation>nach Augenmaß werten</translation>
    </message>
    <message>
        <source>seconds: expected at least two timings</source>
        <translation>Sekunden: erwartet mindestens zwei Zeiten</translation>
    </message>
    <message>
        <source>share of a step: expected more than 0</source>
        <translation>Anteil eines Schritts: erwartet mehr als 0</translation>
    </message>
    <message>
        <source>sight</source>
        <translation>Sehen</translation>
    </message>
    <message>
        <source>sigma: expected 0 or more</source>
        <translation>sigma: erwartet 0 oder mehr</translation>
    </message>
    <message>
        <source>sink at the touchdown</source>
        <translation>Sinken beim Aufsetzen</translation>
    </message>
    <message>
        <source>sinks in a lean</source>
        <translation>Sinken in Schräglage</translation>
    </message>
    <message>
        <source>slack</source>
        <translation>schlaff</translation>
    </message>
    <message>
        <source>slow enough for a hand that over-controls; a full roll takes just over a second</source>
        <translation>langsam genug für eine Hand, die übersteuert; eine volle Rolle dauert gut eine Sekunde</translation>
    </message>
    <message>
        <source>smaller propellers help</source>
        <translation>kleinere Propeller helfen</translation>
    </message>
    <message>
        <source>smaller propellers: %1 mm against %2 mm</source>
        <translation>kleinere Propeller: %1 mm gegen %2 mm</translation>
    </message>
    <message>
        <source>somebody wrote to it meanwhile; the same command takes up what came since</source>
        <translation>jemand schrieb inzwischen hinein; derselbe Befehl nimmt auf, was seitdem kam</translation>
    </message>
    <message>
        <source>something else stands there by now: %1</source>
        <translation>inzwischen steht dort etwas anderes: %1</translation>
    </message>
    <message>
        <source>something was written since</source>
        <translation>inzwischen wurde etwas geschrieben</translation>
    </message>
    <message>
        <source>stands there twice in this list</source>
        <translation>steht zweimal in dieser Liste</translation>
    </message>
    <message>
        <source>stands there twice, expected each function once</source>
        <translation>steht dort zweimal, erwartet jede Funktion einmal</translation>
    </message>
    <message>
        <source>steps_per_row: expected 1 or more</source>
        <translation>steps_per_row: erwartet 1 oder mehr</translation>
    </message>
    <message>
        <source>stick must reach 1</source>
        <translation>stick muss 1 erreichen</translation>
    </message>
    <message>
        <source>stick must rise from above 0 to 1</source>
        <translation>stick muss von über 0 bis 1 steigen</translation>
    </message>
    <message>
        <source>stick: expected more than 0, to 1</source>
        <translation>stick: erwartet mehr als 0, bis 1</translation>
    </message>
    <message>
        <source>stiff</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>stopped; nothing was kept</source>
        <translation>angehalten; nichts wurde behalten</translation>
    </message>
    <message>
        <source>stronger: thrust %1 times its weight against %2</source>
        <translation>stärker: Schub %1-fach gegen %2-fach</translation>
    </message>
    <message>
        <source>take-offs at full throttle</source>
        <translation>Abheben mit Vollgas</translation>
    </message>
    <message>
        <source>takes %1 s less</source>
        <translation>braucht %1 s weniger</translation>
    </message>
    <message>
        <source>takes %1 s longer</source>
        <translation>braucht %1 s länger</translation>
    </message>
    <message>
        <source>tall weeds</source>
        <translation>hohes Kraut</translation>
    </message>
    <message>
        <source>telling a pilot what to change</source>
        <translation>einem Piloten sagen, was zu ändern ist</translation>
    </message>
    <message>
        <source>the %1 stick hardly moves: nothing can be told from it</source>
        <translation>der %1-Knüppel bewegt sich kaum: daraus ist nichts zu sagen</translation>
    </message>
    <message>
        <source>the aircraft</source>
        <translation>das Fluggerät</translation>
    </message>
    <message>
        <source>the calibration has no axis for %1</source>
        <translation>die Kalibrierung hat keine Achse für %1</translation>
    </message>
    <message>
        <source>the calibration has problems (%1), expected one without</source>
        <translation>die Kalibrierung hat Probleme (%1), erwartet eine ohne</translation>
    </message>
    <message>
        <source>the controller of this session was never calibrated</source>
        <translation>die Fernsteuerung dieser Sitzung wurde nie kalibriert</translation>
    </message>
    <message>
        <source>the disk cannot be read or written to, it may be full</source>
        <translation>die Platte lässt sich nicht lesen oder schreiben, sie ist vielleicht voll</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>die Platte ist voll</translation>
    </message>
    <message>
        <source>the drill &apos;%1&apos; is not there any more</source>
        <translation>die Übung „%1“ gibt es nicht mehr</translation>
    </message>
    <message>
        <source>the family %1 has no such parameter</source>
        <translation>die Familie %1 hat keinen solchen Parameter</translation>
    </message>
    <message>
        <source>the file cannot be opened: it, or its folder, is not there or may not be used</source>
        <translation>die Datei lässt sich nicht öffnen: sie oder ihr Ordner fehlt oder darf nicht benutzt werden</translation>
    </message>
    <message>
        <source>the file cannot be read to its end: %1</source>
        <translation>die Datei lässt sich nicht zu Ende lesen: %1</translation>
    </message>
    <message>
        <source>the file is damaged</source>
        <translation>die Datei ist beschädigt</translation>
    </message>
    <message>
        <source>the file is damaged (%1)</source>
        <translation>die Datei ist beschädigt (%1)</translation>
    </message>
    <message>
        <source>the file is empty, expected a header row with column names</source>
        <translation>die Datei ist leer, erwartet eine Kopfzeile mit Spaltennamen</translation>
    </message>
    <message>
        <source>the file is no database</source>
        <translation>die Datei ist keine Datenbank</translation>
    </message>
    <message>
        <source>the file or its folder may not be written to</source>
        <translation>in die Datei oder ihren Ordner darf nicht geschrieben werden</translation>
    </message>
    <message>
        <source>the first flight</source>
        <translation>den Erstflug</translation>
    </message>
    <message>
        <source>the first one has to be a coordinator</source>
        <translation>der Erste muss ein Koordinator sein</translation>
    </message>
    <message>
        <source>the flight log has no positions, a drill needs north_m, east_m and height_m</source>
        <translation>die Flugaufzeichnung hat keine Positionen, eine Übung braucht north_m, east_m und height_m</translation>
    </message>
    <message>
        <source>the flight log has no rows</source>
        <translation>die Flugaufzeichnung hat keine Zeilen</translation>
    </message>
    <message>
        <source>the flight log is never armed</source>
        <translation>in der Flugaufzeichnung wird nie scharf geschaltet</translation>
    </message>
    <message>
        <source>the folder with the drills was not found; set BLUEHANGAR_DATA to the folder that holds drills/</source>
        <translation>der Ordner mit den Übungen wurde nicht gefunden; BLUEHANGAR_DATA auf den Ordner setzen, der drills/ enthält</translation>
    </message>
    <message>
        <source>the given head</source>
        <translation>dem gegebenen Stand</translation>
    </message>
    <message>
        <source>the key to sign with cannot be read</source>
        <translation>der Schlüssel zum Unterschreiben lässt sich nicht lesen</translation>
    </message>
    <message>
        <source>the key to sign with is not the one that it says it is</source>
        <translation>der Schlüssel zum Unterschreiben ist nicht der, der er zu sein vorgibt</translation>
    </message>
    <message>
        <source>the key to the name of %1 is missing, and no entry says that it was erased</source>
        <translation>der Schlüssel zum Namen von %1 fehlt, und kein Eintrag sagt, dass er gelöscht wurde</translation>
    </message>
    <message>
        <source>the library for signatures does not start</source>
        <translation>die Bibliothek für Signaturen startet nicht</translation>
    </message>
    <message>
        <source>the mode switch has %1 places and %2 modes</source>
        <translation>der Modusschalter hat %1 Stellungen und %2 Modi</translation>
    </message>
    <message>
        <source>the newest entries are missing: %1 has %2 entries, the file %3</source>
        <translation>die neuesten Einträge fehlen: %1 hat %2 Einträge, die Datei %3</translation>
    </message>
    <message>
        <source>the questions run in a circle at &apos;%1&apos;</source>
        <translation>die Fragen laufen im Kreis bei „%1“</translation>
    </message>
    <message>
        <source>the real aircraft&apos;s rates are not on the record</source>
        <translation>die Drehraten des echten Fluggeräts sind nicht in der Akte</translation>
    </message>
    <message>
        <source>the record is of version %1: its tables were not compared</source>
        <translation>die Akte ist von Version %1: ihre Tabellen wurden nicht verglichen</translation>
    </message>
    <message>
        <source>the record on this server is of an older version: whoever looks after it opens it once with the login that owns the database</source>
        <translation>die Akte auf diesem Server ist von einer älteren Version: wer ihn betreut, öffnet sie einmal mit der Anmeldung, der die Datenbank gehört</translation>
    </message>
    <message>
        <source>the record was opened to be read only</source>
        <translation>die Akte wurde nur zum Lesen geöffnet</translation>
    </message>
    <message>
        <source>the recording has no axes</source>
        <translation>die Aufnahme hat keine Achsen</translation>
    </message>
    <message>
        <source>the recording has no samples</source>
        <translation>die Aufnahme hat keine Werte</translation>
    </message>
    <message>
        <source>the release</source>
        <translation>der Freigabe</translation>
    </message>
    <message>
        <source>the release could not be kept</source>
        <translation>die Freigabe ließ sich nicht behalten</translation>
    </message>
    <message>
        <source>the rest prompt is missing or shorter than half a second; leave the sticks alone first</source>
        <translation>die Ruhe-Aufforderung fehlt oder ist kürzer als eine halbe Sekunde; zuerst die Knüppel in Ruhe lassen</translation>
    </message>
    <message>
        <source>the school has no bays yet: say which there are, and when it is open</source>
        <translation>die Schule hat noch keine Plätze: sagen, welche es gibt und wann sie geöffnet ist</translation>
    </message>
    <message>
        <source>the school has no hours yet: say when it is open</source>
        <translation>die Schule hat noch keine Zeiten: sagen, wann sie geöffnet ist</translation>
    </message>
    <message>
        <source>the server does not answer</source>
        <translation>der Server antwortet nicht</translation>
    </message>
    <message>
        <source>the server&apos;s address: %1 may hold no semicolon</source>
        <translation>die Adresse des Servers: %1 darf keinen Strichpunkt enthalten</translation>
    </message>
    <message>
        <source>the server&apos;s address: %1, expected postgresql://USER@HOST/DATABASE or service=NAME</source>
        <translation>die Adresse des Servers: %1, erwartet postgresql://USER@HOST/DATABASE oder service=NAME</translation>
    </message>
    <message>
        <source>the session still runs: end it first</source>
        <translation>die Sitzung läuft noch: zuerst beenden</translation>
    </message>
    <message>
        <source>the site has no name: a release is for one place</source>
        <translation>der Platz hat keinen Namen: eine Freigabe gilt für einen Ort</translation>
    </message>
    <message>
        <source>the spring towards back is weaker</source>
        <translation>die Feder nach hinten ist schwächer</translation>
    </message>
    <message>
        <source>the spring towards bottom is weaker</source>
        <translation>die Feder nach unten ist schwächer</translation>
    </message>
    <message>
        <source>the spring towards forward is weaker</source>
        <translation>die Feder nach vorn ist schwächer</translation>
    </message>
    <message>
        <source>the spring towards left is weaker</source>
        <translation>die Feder nach links ist schwächer</translation>
    </message>
    <message>
        <source>the spring towards right is weaker</source>
        <translation>die Feder nach rechts ist schwächer</translation>
    </message>
    <message>
        <source>the spring towards top is weaker</source>
        <translation>die Feder nach oben ist schwächer</translation>
    </message>
    <message>
        <source>the stages after it wait</source>
        <translation>die Stufen danach warten</translation>
    </message>
    <message>
        <source>the start place in the middle is not free</source>
        <translation>der Startplatz in der Mitte ist nicht frei</translation>
    </message>
    <message>
        <source>the time noted for session %1 was changed after it was written</source>
        <translation>die notierte Zeit der Sitzung %1 wurde nach dem Schreiben geändert</translation>
    </message>
    <message>
        <source>there is a record on it already</source>
        <translation>darauf ist schon eine Akte</translation>
    </message>
    <message>
        <source>there is a rule &apos;%1&apos; already</source>
        <translation>es gibt schon eine Regel „%1“</translation>
    </message>
    <message>
        <source>there is no &apos;%1&apos;</source>
        <translation>es gibt kein „%1“</translation>
    </message>
    <message>
        <source>there is no &apos;%1&apos; here, expected one of %2</source>
        <translation>hier gibt es kein „%1“, erwartet eins von %2</translation>
    </message>
    <message>
        <source>there is no column %1, a flight log needs it</source>
        <translation>es gibt keine Spalte %1, eine Flugaufzeichnung braucht sie</translation>
    </message>
    <message>
        <source>there is no drill &apos;%1&apos;; `drill list` shows those there are</source>
        <translation>es gibt keine Übung „%1“; `drill list` zeigt die vorhandenen</translation>
    </message>
    <message>
        <source>there is no finding &apos;%1&apos;</source>
        <translation>es gibt keinen Befund „%1“</translation>
    </message>
    <message>
        <source>there is no measure &apos;%1&apos;</source>
        <translation>es gibt kein Maß „%1“</translation>
    </message>
    <message>
        <source>there is no phase &apos;%1&apos;</source>
        <translation>es gibt keine Phase „%1“</translation>
    </message>
    <message>
        <source>there is no record on this server</source>
        <translation>auf diesem Server ist keine Akte</translation>
    </message>
    <message>
        <source>there is no record on this server yet: whoever looks after it opens it once with the login that owns the database, or moves a record there</source>
        <translation>auf diesem Server ist noch keine Akte: wer ihn betreut, öffnet sie einmal mit der Anmeldung, der die Datenbank gehört, oder verlegt eine dorthin</translation>
    </message>
    <message>
        <source>there is no rule &apos;%1&apos;</source>
        <translation>es gibt keine Regel „%1“</translation>
    </message>
    <message>
        <source>there is no simulator &apos;%1&apos; in the data folder; expected its id or a JSON file</source>
        <translation>es gibt keinen Simulator „%1“ im Datenordner; erwartet seine Kennung oder eine JSON-Datei</translation>
    </message>
    <message>
        <source>there is no such pilot</source>
        <translation>es gibt keinen solchen Piloten</translation>
    </message>
    <message>
        <source>there is no such record</source>
        <translation>es gibt keine solche Akte</translation>
    </message>
    <message>
        <source>there is no such release</source>
        <translation>es gibt keine solche Freigabe</translation>
    </message>
    <message>
        <source>there is no such session</source>
        <translation>es gibt keine solche Sitzung</translation>
    </message>
    <message>
        <source>there is nobody of that name</source>
        <translation>es gibt niemanden dieses Namens</translation>
    </message>
    <message>
        <source>this computer cannot speak with a PostgreSQL server yet: install the package libqt6sql6-psql</source>
        <translation>dieser Rechner kann noch nicht mit einem PostgreSQL-Server sprechen: das Paket libqt6sql6-psql installieren</translation>
    </message>
    <message>
        <source>this flight is not on the server yet: the station where it was flown has it</source>
        <translation>dieser Flug ist noch nicht auf dem Server: die Station, an der er geflogen wurde, hat ihn</translation>
    </message>
    <message>
        <source>this is not the passphrase of %1</source>
        <translation>das ist nicht der Kennsatz von %1</translation>
    </message>
    <message>
        <source>this is not the passphrase of that key</source>
        <translation>das ist nicht der Kennsatz dieses Schlüssels</translation>
    </message>
    <message>
        <source>throughput needs at least three taps, found %1</source>
        <translation>Durchsatz braucht mindestens drei Ziele, gefunden %1</translation>
    </message>
    <message>
        <source>thrust_curve must lie in 0 to 1</source>
        <translation>thrust_curve muss in 0 bis 1 liegen</translation>
    </message>
    <message>
        <source>thrust_to_weight must lie in 1 to 20</source>
        <translation>thrust_to_weight muss in 1 bis 20 liegen</translation>
    </message>
    <message>
        <source>ticking the kit and calibrating a controller</source>
        <translation>Ausrüstung abhaken und eine Fernsteuerung kalibrieren</translation>
    </message>
    <message>
        <source>too few flights yet</source>
        <translation>noch zu wenige Flüge</translation>
    </message>
    <message>
        <source>took %1 s</source>
        <translation>dauerte %1 s</translation>
    </message>
    <message>
        <source>touches down %1</source>
        <translation>setzt %1 auf</translation>
    </message>
    <message>
        <source>trials must rise, from 1 on</source>
        <translation>Versuche müssen steigen, ab 1</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>turns in %1</source>
        <translation>kurvt %1</translation>
    </message>
    <message>
        <source>two places at once</source>
        <translation>an zwei Orten zugleich</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>until the throttle was cut</source>
        <translation>bis das Gas weg war</translation>
    </message>
    <message>
        <source>up</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>upper half</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>warm air</source>
        <translation>warme Luft</translation>
    </message>
    <message>
        <source>warmer_k must lie in -60 to 60 K</source>
        <translation>warmer_k muss in -60 bis 60 K liegen</translation>
    </message>
    <message>
        <source>was held, pass it again</source>
        <translation>saß einmal, noch einmal bestehen</translation>
    </message>
    <message>
        <source>wash</source>
        <translation>Wirbel</translation>
    </message>
    <message>
        <source>way back at step %1 of %2</source>
        <translation>Rückweg bei Schritt %1 von %2</translation>
    </message>
    <message>
        <source>weaker: thrust %1 times its weight against %2</source>
        <translation>schwächer: Schub %1-fach gegen %2-fach</translation>
    </message>
    <message>
        <source>weeks</source>
        <translation>Wochen</translation>
    </message>
    <message>
        <source>weights: expected at least one over 0</source>
        <translation>Gewichte: erwartet mindestens eins über 0</translation>
    </message>
    <message>
        <source>weights: expected numbers of 0 and more</source>
        <translation>Gewichte: erwartet Zahlen von 0 an</translation>
    </message>
    <message>
        <source>what changes something that others share waits for the server: %1</source>
        <translation>was Geteiltes ändert, wartet auf den Server: %1</translation>
    </message>
    <message>
        <source>what must be met to pass is met to hold as well, leave one of them out</source>
        <translation>was zum Bestehen erfüllt sein muss, muss es auch fürs Können sein, eins davon weglassen</translation>
    </message>
    <message>
        <source>what this station saw last</source>
        <translation>was diese Station zuletzt sah</translation>
    </message>
    <message>
        <source>what to practise next</source>
        <translation>was als Nächstes geübt wird</translation>
    </message>
    <message>
        <source>wheelbase_m must lie in 0.03 to 2 m</source>
        <translation>wheelbase_m muss in 0.03 bis 2 m liegen</translation>
    </message>
    <message>
        <source>when rocking persists</source>
        <translation>wenn das Schaukeln bleibt</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>wind %1 m/s</source>
        <translation>Wind %1 m/s</translation>
    </message>
    <message>
        <source>wind_from_deg must be a number</source>
        <translation>wind_from_deg muss eine Zahl sein</translation>
    </message>
    <message>
        <source>wind_mps must lie in 0 to 40 m/s</source>
        <translation>wind_mps muss in 0 bis 40 m/s liegen</translation>
    </message>
    <message>
        <source>with a yaw share %1 higher</source>
        <translation>mit einem Gieranteil %1 höher</translation>
    </message>
    <message>
        <source>with a yaw share %1 lower</source>
        <translation>mit einem Gieranteil %1 niedriger</translation>
    </message>
    <message>
        <source>writing notes, and how a pilot felt or what surprised</source>
        <translation>Notizen schreiben, und wie es einem Piloten ging oder was überraschte</translation>
    </message>
    <message>
        <source>A quarter turn to the left, and stop.</source>
        <translation>Eine Vierteldrehung nach links, und halt.</translation>
    </message>
    <message>
        <source>A whole turn to the left with the yaw alone.</source>
        <translation>Eine ganze Drehung nach links, nur mit Gier.</translation>
    </message>
    <message>
        <source>A whole turn to the left, on the spot.</source>
        <translation>Eine ganze Drehung nach links, auf der Stelle.</translation>
    </message>
    <message>
        <source>Attitude w</source>
        <translation>Lage w</translation>
    </message>
    <message>
        <source>Attitude x</source>
        <translation>Lage x</translation>
    </message>
    <message>
        <source>Attitude y</source>
        <translation>Lage y</translation>
    </message>
    <message>
        <source>Attitude z</source>
        <translation>Lage z</translation>
    </message>
    <message>
        <source>Blurred vision</source>
        <translation>Verschwommenes Sehen</translation>
    </message>
    <message>
        <source>Burping</source>
        <translation>Aufstoßen</translation>
    </message>
    <message>
        <source>Burst, throttle out, roll to the left.</source>
        <translation>Gasstoß, Gas weg, Rolle links.</translation>
    </message>
    <message>
        <source>Climb</source>
        <translation>Steigen</translation>
    </message>
    <message>
        <source>Difficulty concentrating</source>
        <translation>Mühe, sich zu konzentrieren</translation>
    </message>
    <message>
        <source>Difficulty focusing</source>
        <translation>Mühe, scharf zu sehen</translation>
    </message>
    <message>
        <source>Dizzy (eyes closed)</source>
        <translation>Benommen (Augen zu)</translation>
    </message>
    <message>
        <source>Dizzy (eyes open)</source>
        <translation>Benommen (Augen offen)</translation>
    </message>
    <message>
        <source>East</source>
        <translation>Osten</translation>
    </message>
    <message>
        <source>Eyestrain</source>
        <translation>Müde Augen</translation>
    </message>
    <message>
        <source>Face about to the left, and throttle against the way.</source>
        <translation>Nach links kehrt, und Gas gegen die Fahrt.</translation>
    </message>
    <message>
        <source>Fatigue</source>
        <translation>Müdigkeit</translation>
    </message>
    <message>
        <source>Flight mode</source>
        <translation>Flugmodus</translation>
    </message>
    <message>
        <source>Fullness of head</source>
        <translation>Voller Kopf</translation>
    </message>
    <message>
        <source>General discomfort</source>
        <translation>Allgemeines Unwohlsein</translation>
    </message>
    <message>
        <source>Headache</source>
        <translation>Kopfschmerz</translation>
    </message>
    <message>
        <source>Heading</source>
        <translation>Kurs</translation>
    </message>
    <message>
        <source>Increased salivation</source>
        <translation>Mehr Speichel</translation>
    </message>
    <message>
        <source>Latitude</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Longitude</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Motors running</source>
        <translation>Motoren laufen</translation>
    </message>
    <message>
        <source>Nausea</source>
        <translation>Übelkeit</translation>
    </message>
    <message>
        <source>North</source>
        <translation>Norden</translation>
    </message>
    <message>
        <source>On round the next one to the left, and back.</source>
        <translation>Um den nächsten links herum, und zurück.</translation>
    </message>
    <message>
        <source>Once round to the left, and settle the throttle.</source>
        <translation>Einmal links herum, und das Gas beruhigen.</translation>
    </message>
    <message>
        <source>Over the fence: burst, throttle out, roll to the left.</source>
        <translation>Über den Zaun: Gasstoß, Gas weg, Rolle links.</translation>
    </message>
    <message>
        <source>Pitch angle</source>
        <translation>Nickwinkel</translation>
    </message>
    <message>
        <source>Pitch rate</source>
        <translation>Nickrate</translation>
    </message>
    <message>
        <source>Pitch stick</source>
        <translation>Nickknüppel</translation>
    </message>
    <message>
        <source>Roll angle</source>
        <translation>Rollwinkel</translation>
    </message>
    <message>
        <source>Roll rate</source>
        <translation>Rollrate</translation>
    </message>
    <message>
        <source>Roll stick</source>
        <translation>Rollknüppel</translation>
    </message>
    <message>
        <source>Round the flag, turning left, back to the middle.</source>
        <translation>Um die Flagge links herum, zurück in die Mitte.</translation>
    </message>
    <message>
        <source>Round the post to the left.</source>
        <translation>Um den Pfosten links herum.</translation>
    </message>
    <message>
        <source>Round to the left, throttle still: height by pitch.</source>
        <translation>Links herum, Gas still: Höhe mit Nick.</translation>
    </message>
    <message>
        <source>Slide 20 m to the left and stop at the ring.</source>
        <translation>20 m nach links gleiten und am Ring anhalten.</translation>
    </message>
    <message>
        <source>Speed to the east</source>
        <translation>Tempo nach Osten</translation>
    </message>
    <message>
        <source>Speed to the north</source>
        <translation>Tempo nach Norden</translation>
    </message>
    <message>
        <source>Stomach awareness</source>
        <translation>Flaues Gefühl im Magen</translation>
    </message>
    <message>
        <source>Sweating</source>
        <translation>Schwitzen</translation>
    </message>
    <message>
        <source>Three laps, turning left round the flags.</source>
        <translation>Drei Runden, links um die Flaggen.</translation>
    </message>
    <message>
        <source>Throttle, then a whole roll to the left.</source>
        <translation>Gas, dann eine ganze Rolle links.</translation>
    </message>
    <message>
        <source>To the left 10 m with the roll alone, and stop.</source>
        <translation>10 m nach links nur mit Roll, und halt.</translation>
    </message>
    <message>
        <source>Turn 90° to the left.</source>
        <translation>90° nach links drehen.</translation>
    </message>
    <message>
        <source>Vertigo</source>
        <translation>Schwindel</translation>
    </message>
    <message>
        <source>Weave through four flags: left of the first.</source>
        <translation>Durch vier Flaggen schlängeln: links an der ersten vorbei.</translation>
    </message>
    <message>
        <source>Weave through: left of the first flag, left of the next.</source>
        <translation>Durchschlängeln: links an der ersten Flagge vorbei, links an der nächsten.</translation>
    </message>
    <message>
        <source>Yaw rate</source>
        <translation>Gierrate</translation>
    </message>
    <message>
        <source>Yaw stick</source>
        <translation>Gierknüppel</translation>
    </message>
    <message>
        <source>acro</source>
        <translation>acro</translation>
    </message>
    <message>
        <source>amplitude %1</source>
        <translation>Ausschlag %1</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>angle</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Scharf</translation>
    </message>
    <message>
        <source>bank %1°</source>
        <translation>Schräglage %1°</translation>
    </message>
    <message>
        <source>bounces %1</source>
        <translation>Hüpfer %1</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>centring</source>
        <translation>Rückstellung</translation>
    </message>
    <message>
        <source>cycles %1</source>
        <translation>Schwingungen %1</translation>
    </message>
    <message>
        <source>distance %1 m</source>
        <translation>Strecke %1 m</translation>
    </message>
    <message>
        <source>drift %1°</source>
        <translation>Abdrift %1°</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Flanke</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>entry %1 m/s</source>
        <translation>Eingang %1 m/s</translation>
    </message>
    <message>
        <source>exit %1°</source>
        <translation>Ausgang %1°</translation>
    </message>
    <message>
        <source>frequency %1 Hz</source>
        <translation>Frequenz %1 Hz</translation>
    </message>
    <message>
        <source>gain</source>
        <translation>Faktor</translation>
    </message>
    <message>
        <source>heading change %1°</source>
        <translation>Kursänderung %1°</translation>
    </message>
    <message>
        <source>height change %1 m</source>
        <translation>Höhenänderung %1 m</translation>
    </message>
    <message>
        <source>height gain %1 m</source>
        <translation>Höhengewinn %1 m</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>hold</translation>
    </message>
    <message>
        <source>horizon</source>
        <translation>horizon</translation>
    </message>
    <message>
        <source>horizon error %1°</source>
        <translation>Horizontfehler %1°</translation>
    </message>
    <message>
        <source>jitter</source>
        <translation>Zittern</translation>
    </message>
    <message>
        <source>lean %1°</source>
        <translation>Neigung %1°</translation>
    </message>
    <message>
        <source>mode</source>
        <translation>Modus</translation>
    </message>
    <message>
        <source>moderate</source>
        <translation>mäßig</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>panic</source>
        <translation>Not</translation>
    </message>
    <message>
        <source>pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>peak %1 °/s</source>
        <translation>Spitze %1 °/s</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Nick</translation>
    </message>
    <message>
        <source>radius %1 m</source>
        <translation>Radius %1 m</translation>
    </message>
    <message>
        <source>reset</source>
        <translation>Reset</translation>
    </message>
    <message>
        <source>roll</source>
        <translation>Roll</translation>
    </message>
    <message>
        <source>settled %1 s</source>
        <translation>ruhig nach %1 s</translation>
    </message>
    <message>
        <source>severe</source>
        <translation>stark</translation>
    </message>
    <message>
        <source>sink %1 m</source>
        <translation>Sinken %1 m</translation>
    </message>
    <message>
        <source>sink %1 m/s</source>
        <translation>Sinken %1 m/s</translation>
    </message>
    <message>
        <source>slight</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>sport</source>
        <translation>sport</translation>
    </message>
    <message>
        <source>throttle</source>
        <translation>Gas</translation>
    </message>
    <message>
        <source>throttle sd %1</source>
        <translation>Gasstreuung %1</translation>
    </message>
    <message>
        <source>travel</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>turned %1°</source>
        <translation>gedreht %1°</translation>
    </message>
    <message>
        <source>yaw</source>
        <translation>Gier</translation>
    </message>
    <message>
        <source>yaw lead %1 ms</source>
        <translation>Giervorlauf %1 ms</translation>
    </message>
    <message>
        <source>yaw share %1</source>
        <translation>Gieranteil %1</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>down</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>goggles</source>
        <translation>Brille</translation>
    </message>
    <message>
        <source>hybrid</source>
        <translation>gemischt</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>pinch</source>
        <translation>zwei Finger</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>Bildschirm</translation>
    </message>
    <message>
        <source>thumb</source>
        <translation>Daumen</translation>
    </message>
    <message>
        <source>Away from the start at the end, left</source>
        <translation>Am Ende vom Start entfernt, links</translation>
    </message>
    <message>
        <source>Away from the start at the end, right</source>
        <translation>Am Ende vom Start entfernt, rechts</translation>
    </message>
    <message>
        <source>Bursts of throttle against the way, left</source>
        <translation>Gasstöße gegen die Fahrt, links</translation>
    </message>
    <message>
        <source>Bursts of throttle against the way, right</source>
        <translation>Gasstöße gegen die Fahrt, rechts</translation>
    </message>
    <message>
        <source>Corners off 90°, left</source>
        <translation>Ecken neben 90°, links</translation>
    </message>
    <message>
        <source>Corners off 90°, right</source>
        <translation>Ecken neben 90°, rechts</translation>
    </message>
    <message>
        <source>Distance from the flags, left</source>
        <translation>Abstand von den Flaggen, links</translation>
    </message>
    <message>
        <source>Distance from the flags, right</source>
        <translation>Abstand von den Flaggen, rechts</translation>
    </message>
    <message>
        <source>Distance of the closest pass of the flag, of 18 m, left</source>
        <translation>Abstand beim nächsten Vorbeiflug an der Flagge, von 18 m, links</translation>
    </message>
    <message>
        <source>Distance of the closest pass of the flag, of 18 m, right</source>
        <translation>Abstand beim nächsten Vorbeiflug an der Flagge, von 18 m, rechts</translation>
    </message>
    <message>
        <source>Drift, left</source>
        <translation>Abdrift, links</translation>
    </message>
    <message>
        <source>Drift, right</source>
        <translation>Abdrift, rechts</translation>
    </message>
    <message>
        <source>For two seconds.</source>
        <translation>Zwei Sekunden lang.</translation>
    </message>
    <message>
        <source>Forward speed kept, left</source>
        <translation>Fahrt nach vorn gehalten, links</translation>
    </message>
    <message>
        <source>Forward speed kept, right</source>
        <translation>Fahrt nach vorn gehalten, rechts</translation>
    </message>
    <message>
        <source>Height lost, left</source>
        <translation>Höhenverlust, links</translation>
    </message>
    <message>
        <source>Height lost, right</source>
        <translation>Höhenverlust, rechts</translation>
    </message>
    <message>
        <source>Height round the posts, left</source>
        <translation>Höhe um die Pfosten, links</translation>
    </message>
    <message>
        <source>Height round the posts, right</source>
        <translation>Höhe um die Pfosten, rechts</translation>
    </message>
    <message>
        <source>Height within ±2.5 m, left</source>
        <translation>Höhe auf ±2,5 m, links</translation>
    </message>
    <message>
        <source>Height within ±2.5 m, right</source>
        <translation>Höhe auf ±2,5 m, rechts</translation>
    </message>
    <message>
        <source>Least height from the roll on, left</source>
        <translation>Kleinste Höhe ab der Rolle, links</translation>
    </message>
    <message>
        <source>Least height from the roll on, right</source>
        <translation>Kleinste Höhe ab der Rolle, rechts</translation>
    </message>
    <message>
        <source>Nose off its direction, left</source>
        <translation>Nase aus der Richtung, links</translation>
    </message>
    <message>
        <source>Nose off its direction, right</source>
        <translation>Nase aus der Richtung, rechts</translation>
    </message>
    <message>
        <source>Off level after the roll, left</source>
        <translation>Schief nach der Rolle, links</translation>
    </message>
    <message>
        <source>Off level after the roll, right</source>
        <translation>Schief nach der Rolle, rechts</translation>
    </message>
    <message>
        <source>Off the line, left</source>
        <translation>Neben der Linie, links</translation>
    </message>
    <message>
        <source>Off the line, right</source>
        <translation>Neben der Linie, rechts</translation>
    </message>
    <message>
        <source>Off the quarter stops, left</source>
        <translation>Neben den Viertelmarken, links</translation>
    </message>
    <message>
        <source>Off the quarter stops, right</source>
        <translation>Neben den Viertelmarken, rechts</translation>
    </message>
    <message>
        <source>Past the corner, left</source>
        <translation>Über die Ecke hinaus, links</translation>
    </message>
    <message>
        <source>Past the corner, right</source>
        <translation>Über die Ecke hinaus, rechts</translation>
    </message>
    <message>
        <source>Popped up over 12 m, left</source>
        <translation>Über 12 m aufgestiegen, links</translation>
    </message>
    <message>
        <source>Popped up over 12 m, right</source>
        <translation>Über 12 m aufgestiegen, rechts</translation>
    </message>
    <message>
        <source>Simulated controller</source>
        <translation>Simulierte Steuerung</translation>
    </message>
    <message>
        <source>The key is the space bar.</source>
        <translation>Die Taste ist die Leertaste.</translation>
    </message>
    <message>
        <source>Three seconds after the start signal.</source>
        <translation>Drei Sekunden nach dem Startzeichen.</translation>
    </message>
    <message>
        <source>Throttle held still, left</source>
        <translation>Gas still gehalten, links</translation>
    </message>
    <message>
        <source>Throttle held still, right</source>
        <translation>Gas still gehalten, rechts</translation>
    </message>
    <message>
        <source>Throttle while on the back, left</source>
        <translation>Gas auf dem Rücken, links</translation>
    </message>
    <message>
        <source>Throttle while on the back, right</source>
        <translation>Gas auf dem Rücken, rechts</translation>
    </message>
    <message>
        <source>Time to stop, left</source>
        <translation>Zeit zum Anhalten, links</translation>
    </message>
    <message>
        <source>Time to stop, right</source>
        <translation>Zeit zum Anhalten, rechts</translation>
    </message>
    <message>
        <source>Turn too far or short, left</source>
        <translation>Zu weit oder zu kurz gedreht, links</translation>
    </message>
    <message>
        <source>Turn too far or short, right</source>
        <translation>Zu weit oder zu kurz gedreht, rechts</translation>
    </message>
    <message>
        <source>Two positions are enough.</source>
        <translation>Zwei Stellungen genügen.</translation>
    </message>
    <message>
        <source>another program</source>
        <translation>auswärts</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>NE</source>
        <translation>NO</translation>
    </message>
    <message>
        <source>E</source>
        <translation>O</translation>
    </message>
    <message>
        <source>SE</source>
        <translation>SO</translation>
    </message>
    <message>
        <source>S</source>
        <translation>S</translation>
    </message>
    <message>
        <source>SW</source>
        <translation>SW</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>NW</source>
        <translation>NW</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>deg</source>
        <translation>°</translation>
    </message>
    <message>
        <source>share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>north</source>
        <translation>Norden</translation>
    </message>
    <message>
        <source>north-east</source>
        <translation>Nordosten</translation>
    </message>
    <message>
        <source>east</source>
        <translation>Osten</translation>
    </message>
    <message>
        <source>south-east</source>
        <translation>Südosten</translation>
    </message>
    <message>
        <source>south</source>
        <translation>Süden</translation>
    </message>
    <message>
        <source>south-west</source>
        <translation>Südwesten</translation>
    </message>
    <message>
        <source>west</source>
        <translation>Westen</translation>
    </message>
    <message>
        <source>north-west</source>
        <translation>Nordwesten</translation>
    </message>
    <message>
        <source>Body rates are not known: rocking cannot be found.</source>
        <translation>Die Drehraten sind nicht bekannt: Schaukeln kann nicht gefunden werden.</translation>
    </message>
    <message>
        <source>Places are not known: only what the sticks and the attitude tell can be found.</source>
        <translation>Orte sind nicht bekannt: nur was Knüppel und Lage sagen, kann gefunden werden.</translation>
    </message>
    <message>
        <source>The attitude is not known: turns, leans and banks cannot be found.</source>
        <translation>Die Lage ist nicht bekannt: Kurven, Neigungen und Schräglagen können nicht gefunden werden.</translation>
    </message>
    <message>
        <source>The flight mode is not known: it is taken to be acro.</source>
        <translation>Der Flugmodus ist nicht bekannt: angenommen wird acro.</translation>
    </message>
    <message>
        <source>Whether the motors ran is not known: they are taken to have run.</source>
        <translation>Ob die Motoren liefen, ist nicht bekannt: angenommen wird, dass sie liefen.</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>%1 (known, %2)</source>
        <translation>%1 (bekannt, %2)</translation>
    </message>
    <message>
        <source>%1 files with names that were none, or under names of others, were left out when the server was brought up to date; their stations send them again</source>
        <translation>%1 Dateien ohne gültigen Namen oder unter fremdem Namen blieben weg, als der Server auf den neuen Stand kam; ihre Stationen schicken sie noch einmal</translation>
    </message>
    <message>
        <source>%1 has no key to sign with yet: change the passphrase once</source>
        <translation>%1 hat noch keinen Schlüssel zum Unterschreiben: ändern Sie die Passphrase einmal</translation>
    </message>
    <message>
        <source>%1 is not what was written</source>
        <translation>%1 ist nicht, was geschrieben wurde</translation>
    </message>
    <message>
        <source>%1 makes a release good again that was withdrawn</source>
        <translation>%1 macht eine zurückgezogene Freigabe wieder gültig</translation>
    </message>
    <message>
        <source>%1 on the server is larger than 256 MB</source>
        <translation>%1 ist auf dem Server größer als 256 MB</translation>
    </message>
    <message>
        <source>%1 was sent, and did not arrive whole</source>
        <translation>%1 wurde gesendet und kam nicht ganz an</translation>
    </message>
    <message>
        <source>%1 withdraws a release, and no coordinator of this record signed that</source>
        <translation>%1 zieht eine Freigabe zurück, und kein Koordinator dieser Akte hat das unterschrieben</translation>
    </message>
    <message>
        <source>%1: cannot be read</source>
        <translation>%1: kann nicht gelesen werden</translation>
    </message>
    <message>
        <source>%1: is a file, and logins are those of a server</source>
        <translation>%1: ist eine Datei, und Anmeldungen hat nur ein Server</translation>
    </message>
    <message>
        <source>&apos;%1&apos; is no key, expected 64 hex digits</source>
        <translation>„%1“ ist kein Schlüssel, erwartet werden 64 Hexadezimalziffern</translation>
    </message>
    <message>
        <source>a coordinator</source>
        <translation>ein Koordinator</translation>
    </message>
    <message>
        <source>a coordinator marks an entry as known, with a passphrase</source>
        <translation>einen Eintrag vermerkt ein Koordinator als bekannt, mit Passphrase</translation>
    </message>
    <message>
        <source>a reason is missing: why is entry %1 as it is?</source>
        <translation>ein Grund fehlt: warum ist Eintrag %1, wie er ist?</translation>
    </message>
    <message>
        <source>a station</source>
        <translation>eine Station</translation>
    </message>
    <message>
        <source>a station (key %1)</source>
        <translation>eine Station (Schlüssel %1)</translation>
    </message>
    <message>
        <source>an instructor</source>
        <translation>ein Ausbilder</translation>
    </message>
    <message>
        <source>entry %1 brings in a station (key %2) that nobody who was known has let in: %3 entries are signed with it</source>
        <translation>Eintrag %1 bringt eine Station (Schlüssel %2), die niemand Bekanntes eingelassen hat: %3 Einträge sind damit unterschrieben</translation>
    </message>
    <message>
        <source>entry %1 countersigns no key</source>
        <translation>Eintrag %1 zeichnet keinen Schlüssel gegen</translation>
    </message>
    <message>
        <source>entry %1 does not carry the countersignature that it names</source>
        <translation>Eintrag %1 trägt nicht die Gegenzeichnung, die er nennt</translation>
    </message>
    <message>
        <source>entry %1 gives %2 a key to sign releases with (%3) that no coordinator who was known has countersigned</source>
        <translation>Eintrag %1 gibt %2 einen Schlüssel für Freigaben (%3), den kein bekannter Koordinator gegengezeichnet hat</translation>
    </message>
    <message>
        <source>entry %1 holds a release that is signed with a key that does not stand</source>
        <translation>Eintrag %1 enthält eine Freigabe, unterschrieben mit einem Schlüssel, der nicht gilt</translation>
    </message>
    <message>
        <source>entry %1 is countersigned by a key that does not stand itself</source>
        <translation>Eintrag %1 ist von einem Schlüssel gegengezeichnet, der selbst nicht gilt</translation>
    </message>
    <message>
        <source>entry %1 marks another as known, and no coordinator of this record signed it</source>
        <translation>Eintrag %1 vermerkt einen anderen als bekannt, und kein Koordinator dieser Akte hat das unterschrieben</translation>
    </message>
    <message>
        <source>entry %1 marks nothing as known</source>
        <translation>Eintrag %1 vermerkt nichts als bekannt</translation>
    </message>
    <message>
        <source>keys were not countersigned yet when this was written: the next entry says so</source>
        <translation>Schlüssel wurden noch nicht gegengezeichnet, als dies geschrieben wurde: der nächste Eintrag sagt es</translation>
    </message>
    <message>
        <source>nobody</source>
        <translation>niemand</translation>
    </message>
    <message>
        <source>the login &apos;%1&apos; is a superuser; it was none</source>
        <translation>die Anmeldung „%1“ darf alles; sie durfte es nicht</translation>
    </message>
    <message>
        <source>the login &apos;%1&apos; is new, and may write what a coordinator may</source>
        <translation>die Anmeldung „%1“ ist neu und darf schreiben, was ein Koordinator darf</translation>
    </message>
    <message>
        <source>the login &apos;%1&apos; may do what the owner of the record may</source>
        <translation>die Anmeldung „%1“ darf, was der Eigentümer der Akte darf</translation>
    </message>
    <message>
        <source>the login &apos;%1&apos; may write past the program (%2)</source>
        <translation>die Anmeldung „%1“ darf am Programm vorbei schreiben (%2)</translation>
    </message>
    <message>
        <source>the login &apos;%1&apos; may write what %2 may; it could what %3 could</source>
        <translation>die Anmeldung „%1“ darf schreiben, was %2 darf; sie durfte, was %3 darf</translation>
    </message>
    <message>
        <source>the record&apos;s beginning</source>
        <translation>der Anfang der Akte</translation>
    </message>
    <message>
        <source>the server is busy, or another program holds it</source>
        <translation>der Server ist beschäftigt, oder ein anderes Programm hält ihn</translation>
    </message>
    <message>
        <source>the table of %1 differs from what the entries say</source>
        <translation>die Tabelle %1 weicht von dem ab, was die Einträge sagen</translation>
    </message>
    <message>
        <source>the times noted for %1 running sessions were signed with decimal commas, by an older version</source>
        <translation>die vermerkten Zeiten von %1 laufenden Sitzungen wurden mit Dezimalkommas unterschrieben, von einer älteren Version</translation>
    </message>
    <message>
        <source>there is no entry %1</source>
        <translation>es gibt keinen Eintrag %1</translation>
    </message>
    <message>
        <source>this key was not countersigned itself, so that it can let no other in</source>
        <translation>dieser Schlüssel wurde selbst nicht gegengezeichnet und kann keinen anderen einlassen</translation>
    </message>
    <message>
        <source>this station&apos;s key was not let in: mark it at one that was</source>
        <translation>der Schlüssel dieser Station wurde nicht eingelassen: vermerken Sie es an einer, die es wurde</translation>
    </message>
    <message>
        <source>unlock the station first (Ctrl+U)</source>
        <translation>öffnen Sie die Station zuerst (Strg+U)</translation>
    </message>
    <message>
        <source>%1 files were left over by a program that was ended; the next start puts them aside</source>
        <translation>%1 Dateien hat ein beendetes Programm übrig gelassen; der nächste Start legt sie beiseite</translation>
    </message>
    <message>
        <source>%1: holds &apos;%2&apos;, which no entry of the record in it names</source>
        <translation>%1: enthält „%2“, was kein Eintrag der Akte darin nennt</translation>
    </message>
    <message>
        <source>%1: the head that it names is not that of the record in it</source>
        <translation>%1: der Stand, den sie nennt, ist nicht der der Akte darin</translation>
    </message>
    <message>
        <source>%1: the record in it cannot be read: %2</source>
        <translation>%1: die Akte darin kann nicht gelesen werden: %2</translation>
    </message>
    <message>
        <source>Erased. Copies and backups made before still have the name until they are deleted; and the server&apos;s own files keep the key to it until whoever looks after the server has run VACUUM and its archives have run out.</source>
        <translation>Gelöscht. Kopien und Sicherungen von vorher haben den Namen, bis auch sie gelöscht sind; und die Dateien des Servers behalten den Schlüssel dazu, bis dort VACUUM gelaufen ist und seine Archive abgelaufen sind.</translation>
    </message>
    <message>
        <source>Erased; but another program reads this record, and until it has closed the name can be made out in the file. It is tried again by itself. Copies and backups made before have it until they are deleted.</source>
        <translation>Gelöscht; aber ein anderes Programm liest diese Akte, und bis es geschlossen ist, ist der Name in der Datei zu erkennen. Es wird von selbst wieder versucht. Kopien und Sicherungen von vorher haben ihn, bis sie gelöscht sind.</translation>
    </message>
    <message>
        <source>it holds &apos;%1&apos; twice</source>
        <translation>sie enthält „%1“ zweimal</translation>
    </message>
    <message>
        <source>it is not a file, expected a training record</source>
        <translation>das ist keine Datei, erwartet wird eine Ausbildungsakte</translation>
    </message>
    <message>
        <source>the name is erased, but not every flight: %1</source>
        <translation>der Name ist gelöscht, aber nicht jeder Flug: %1</translation>
    </message>
    <message>
        <source>%1…: is no path that this computer can have: %2</source>
        <translation>%1…: ist kein Pfad, den dieser Rechner haben kann: %2</translation>
    </message>
    <message>
        <source>%1 has a time outside the years 1970 to 9999</source>
        <translation>%1 hat eine Zeit außerhalb der Jahre 1970 bis 9999</translation>
    </message>
    <message>
        <source>expected a time, in whole seconds from 1970 to 9999</source>
        <translation>erwartet war eine Zeit, in ganzen Sekunden von 1970 bis 9999</translation>
    </message>
    <message>
        <source>%1, ten minutes of %2</source>
        <translation>%1, zehn Minuten %2</translation>
    </message>
    <message>
        <source>Fly %1 again, in the same order, read aloud</source>
        <translation>%1 noch einmal fliegen, in derselben Reihenfolge, laut vorgelesen</translation>
    </message>
    <message>
        <source>Fly %1 with a bent propeller switched on</source>
        <translation>%1 mit eingeschaltetem verbogenem Propeller fliegen</translation>
    </message>
    <message>
        <source>Fly %1 with prop wash switched on, and sink slowly</source>
        <translation>%1 mit eingeschalteten Propellerwirbeln fliegen, und langsam sinken</translation>
    </message>
    <message>
        <source>Fly %1 with the day&apos;s wind and gusts switched on</source>
        <translation>%1 mit Wind und Böen des Tages fliegen</translation>
    </message>
    <message>
        <source>Fly %1 with the ground effect switched on</source>
        <translation>%1 mit eingeschaltetem Bodeneffekt fliegen</translation>
    </message>
    <message>
        <source>Fly %1, and look away and back again</source>
        <translation>%1 fliegen, wegsehen und wieder hinsehen</translation>
    </message>
    <message>
        <source>The curriculum has no drill %1</source>
        <translation>Der Lehrplan hat keine Übung, %1</translation>
    </message>
    <message>
        <source>a drill with the panic switch</source>
        <translation>eine Übung mit dem Notschalter</translation>
    </message>
    <message>
        <source>that asks for the panic switch</source>
        <translation>die den Notschalter verlangt</translation>
    </message>
    <message>
        <source>that is flown under a roof</source>
        <translation>die unter einem Dach geflogen wird</translation>
    </message>
    <message>
        <source>that rehearses the first day</source>
        <translation>die den ersten Tag probt</translation>
    </message>
    <message>
        <source>the record: %1</source>
        <translation>die Akte: %1</translation>
    </message>
    <message>
        <source>wrong %1 times, one after the other: try again in %2 s</source>
        <translation>%1-mal hintereinander falsch: in %2 s noch einmal versuchen</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not as this program writes it: it %2</source>
        <translation>„%1“ ist nicht so, wie dieses Programm es schreibt: es %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; names a %2 that is not there</source>
        <translation>„%1“ nennt ein „%2“, das es nicht gibt</translation>
    </message>
    <message>
        <source>%1: cannot be renamed</source>
        <translation>%1: kann nicht umbenannt werden</translation>
    </message>
    <message>
        <source>Was not kept after all: %1</source>
        <translation>Wurde doch nicht festgehalten: %1</translation>
    </message>
    <message>
        <source>has a &quot;%1&quot; that is no %2</source>
        <translation>hat ein „%1“, das kein „%2“ ist</translation>
    </message>
    <message>
        <source>has a score beyond 0 to 100</source>
        <translation>hat eine Wertung außerhalb von 0 bis 100</translation>
    </message>
    <message>
        <source>has no &quot;%1&quot;</source>
        <translation>hat kein „%1“</translation>
    </message>
    <message>
        <source>has something that none has</source>
        <translation>hat etwas, das keines hat</translation>
    </message>
    <message>
        <source>has white space between its values</source>
        <translation>hat Leerraum zwischen seinen Werten</translation>
    </message>
    <message>
        <source>holds a character that no text has</source>
        <translation>enthält ein Zeichen, das in keinem Text steht</translation>
    </message>
    <message>
        <source>holds a number beyond 10^12</source>
        <translation>enthält eine Zahl jenseits von 10^12</translation>
    </message>
    <message>
        <source>is another document than its subject says</source>
        <translation>ist ein anderes Dokument, als sein Betreff sagt</translation>
    </message>
    <message>
        <source>is another key than its subject says</source>
        <translation>ist ein anderer Schlüssel, als sein Betreff sagt</translation>
    </message>
    <message>
        <source>is nested deeper than 100</source>
        <translation>ist tiefer als 100-mal verschachtelt</translation>
    </message>
    <message>
        <source>is no JSON</source>
        <translation>ist kein JSON</translation>
    </message>
    <message>
        <source>is no object</source>
        <translation>ist kein Objekt</translation>
    </message>
    <message>
        <source>is not what it is named by</source>
        <translation>ist nicht das, wonach es benannt ist</translation>
    </message>
    <message>
        <source>is of a kind that is not known here</source>
        <translation>ist von einer Art, die hier nicht bekannt ist</translation>
    </message>
    <message>
        <source>is too long: at most 4 MB of body, 4000 bytes of reason</source>
        <translation>ist zu lang: höchstens 4 MB Inhalt, 4000 Bytes Grund</translation>
    </message>
    <message>
        <source>it was changed meanwhile by %1</source>
        <translation>es wurde inzwischen von %1 geändert</translation>
    </message>
    <message>
        <source>says more than 24 hours of practice, or less than none</source>
        <translation>nennt mehr als 24 Stunden Übung oder weniger als keine</translation>
    </message>
    <message>
        <source>says something twice</source>
        <translation>sagt etwas zweimal</translation>
    </message>
    <message>
        <source>the key to the name of %1 does not open it</source>
        <translation>der Schlüssel zum Namen von %1 öffnet ihn nicht</translation>
    </message>
    <message>
        <source>the server does not answer at once</source>
        <translation>der Server antwortet nicht sofort</translation>
    </message>
    <message>
        <source>there is a &quot;%1&quot; of this name already</source>
        <translation>es gibt schon ein „%1“ dieses Namens</translation>
    </message>
    <message>
        <source>this is not the passphrase of a coordinator here</source>
        <translation>das ist hier von keinem Koordinator die Passphrase</translation>
    </message>
    <message>
        <source>this one was erased</source>
        <translation>diese Person wurde gelöscht</translation>
    </message>
    <message>
        <source>%1, which may be chance</source>
        <translation>%1, was Zufall sein kann</translation>
    </message>
    <message numerus="yes">
        <source>%1; what the hand does then is known after %n crash more</source>
        <translation>
            <numerusform>%1; was die Hand dann tut, ist nach %n weiterem Absturz bekannt</numerusform>
            <numerusform>%1; was die Hand dann tut, ist nach %n weiteren Abstürzen bekannt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more attempt of both sides is needed</source>
        <translation>
            <numerusform>%n weiterer Versuch mit beiden Seiten fehlt</numerusform>
            <numerusform>%n weitere Versuche mit beiden Seiten fehlen</numerusform>
        </translation>
    </message>
    <message>
        <source>not sure yet: over the last 8 attempts the marks may stand still, or rise</source>
        <translation>noch nicht sicher: über die letzten 8 Versuche können die Punkte stehen bleiben oder steigen</translation>
    </message>
    <message>
        <source>rounds used up</source>
        <translation>Runden aufgebraucht</translation>
    </message>
    <message>
        <source>settled</source>
        <translation>eingeschwungen</translation>
    </message>
    <message>
        <source>the aircraft answers %1 ms after the stick, or not to it: expected at most %2 ms</source>
        <translation>das Fluggerät antwortet %1 ms nach dem Knüppel, oder nicht auf ihn: erwartet wurden höchstens %2 ms</translation>
    </message>
    <message>
        <source>with two sides</source>
        <translation>mit zwei Seiten</translation>
    </message>
    <message numerus="yes">
        <source>within 1 s after %1 of the last %n crash</source>
        <translation>
            <numerusform>innerhalb von 1 s nach %1 vom letzten %n Absturz</numerusform>
            <numerusform>innerhalb von 1 s nach %1 der letzten %n Abstürze</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 % of the bank that it needs</source>
        <translation>%1 % der Schräglage, die sie braucht</translation>
    </message>
    <message>
        <source>%1 % of the stick, leaning %2°</source>
        <translation>%1 % des Knüppels, %2° Neigung</translation>
    </message>
    <message numerus="yes">
        <source>%1 passed %n time with the switch</source>
        <translation>
            <numerusform>%1 %n-mal mit dem Schalter bestanden</numerusform>
            <numerusform>%1 %n-mal mit dem Schalter bestanden</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 swings in one corner, the bank by %2°</source>
        <translation>%1 Schwünge in einer Kurve, die Schräglage um %2°</translation>
    </message>
    <message>
        <source>%1 was not passed yet with the panic switch in time</source>
        <translation>%1 wurde noch nicht mit rechtzeitigem Notschalter bestanden</translation>
    </message>
    <message>
        <source>A thumb alone has only big movements in it.</source>
        <translation>Ein Daumen allein kann nur große Bewegungen.</translation>
    </message>
    <message>
        <source>Again: the panic switch (F7), or the mode switch to position hold!</source>
        <translation>Noch einmal: der Notschalter (F7) oder der Modusschalter auf Positionshalten!</translation>
    </message>
    <message>
        <source>Big input</source>
        <translation>Großer Ausschlag</translation>
    </message>
    <message>
        <source>In a whole drill there is no time to look between two nudges.</source>
        <translation>In einer ganzen Übung bleibt keine Zeit, zwischen zwei Stupsern hinzusehen.</translation>
    </message>
    <message>
        <source>Lean as far as the turn needs: the nose goes where the aircraft goes.</source>
        <translation>So weit neigen, wie die Kurve es braucht: die Nase zeigt, wohin das Fluggerät fliegt.</translation>
    </message>
    <message>
        <source>Lower the throttle as you pull back, and bring it in again as the aircraft begins to sink.</source>
        <translation>Beim Zurückziehen Gas wegnehmen, und wieder geben, wenn das Fluggerät zu sinken beginnt.</translation>
    </message>
    <message>
        <source>Nose and way together in the turns</source>
        <translation>Nase und Weg in den Kurven zusammen</translation>
    </message>
    <message>
        <source>Nudge, look, nudge: a little lean, see what it does, then a little more.</source>
        <translation>Stupsen, hinsehen, stupsen: etwas neigen, sehen, was geschieht, dann etwas mehr.</translation>
    </message>
    <message>
        <source>One push for the whole way: the aircraft is far over before it can be seen.</source>
        <translation>Ein Stoß für den ganzen Weg: das Fluggerät liegt weit, bevor man es sieht.</translation>
    </message>
    <message>
        <source>One stick does the work of two.</source>
        <translation>Ein Knüppel tut die Arbeit von zweien.</translation>
    </message>
    <message>
        <source>Over-controlled corners</source>
        <translation>Übersteuerte Kurven</translation>
    </message>
    <message>
        <source>Rocking for %1 of &quot;%2&quot;: that is not a pass. Half the movement, then let it settle.</source>
        <translation>%1 von „%2“ geschaukelt: das ist nicht bestanden. Halbe Bewegung, dann zur Ruhe kommen lassen.</translation>
    </message>
    <message>
        <source>Rocking for %1 of the flight: that is not a pass. Half the movement, then let it settle.</source>
        <translation>%1 des Flugs geschaukelt: das ist nicht bestanden. Halbe Bewegung, dann zur Ruhe kommen lassen.</translation>
    </message>
    <message>
        <source>Roll into the turn as the nose comes round, until it follows the nose.</source>
        <translation>In die Kurve rollen, während die Nase herumkommt, bis der Weg ihr folgt.</translation>
    </message>
    <message>
        <source>Take back a little before it is level, and by half as much.</source>
        <translation>Etwas zurücknehmen, bevor es gerade liegt, und nur halb so viel.</translation>
    </message>
    <message>
        <source>The aircraft banks faster than the eye can stop it.</source>
        <translation>Das Fluggerät legt sich schneller, als das Auge es anhalten kann.</translation>
    </message>
    <message>
        <source>The aircraft leaned and the nose stayed behind: it slides through the turn.</source>
        <translation>Das Fluggerät lag schräg und die Nase blieb zurück: es rutscht durch die Kurve.</translation>
    </message>
    <message>
        <source>The answer comes when the aircraft is over already: it is late, not too quick.</source>
        <translation>Die Antwort kommt, wenn das Fluggerät schon drüben ist: zu spät, nicht zu schnell.</translation>
    </message>
    <message>
        <source>The nose came up with the throttle where it was: all of it lifts then.</source>
        <translation>Die Nase kam hoch und das Gas blieb, wo es war: dann hebt alles davon.</translation>
    </message>
    <message>
        <source>The nose turned and the aircraft did not lean with it: it drifts wide.</source>
        <translation>Die Nase drehte und das Fluggerät legte sich nicht mit: es treibt nach außen.</translation>
    </message>
    <message>
        <source>Too much into the corner, then too much back: each input answers the one before.</source>
        <translation>Zu viel in die Kurve, dann zu viel zurück: jeder Ausschlag antwortet auf den davor.</translation>
    </message>
    <message>
        <source>Until the panic switch or position hold</source>
        <translation>Bis zum Notschalter oder Positionshalten</translation>
    </message>
    <message>
        <source>Yaw and roll together into the turn, as far as the other one asks.</source>
        <translation>Gier und Roll zusammen in die Kurve, so weit, wie das andere es verlangt.</translation>
    </message>
    <message>
        <source>Yaw into the turn as it leans, until the nose points where it goes.</source>
        <translation>Beim Neigen in die Kurve gieren, bis die Nase zeigt, wohin es geht.</translation>
    </message>
    <message>
        <source>big inputs</source>
        <translation>große Ausschläge</translation>
    </message>
    <message>
        <source>on roll alone</source>
        <translation>nur mit Roll</translation>
    </message>
    <message>
        <source>on yaw alone</source>
        <translation>nur mit Gier</translation>
    </message>
    <message>
        <source>swings in a corner</source>
        <translation>Schwünge in einer Kurve</translation>
    </message>
    <message>
        <source>swings of %1 % of the stick, %2 in %3 s</source>
        <translation>Schwünge von %1 % des Knüppels, %2 in %3 s</translation>
    </message>
    <message>
        <source>the nose %1° ahead of the way</source>
        <translation>die Nase %1° vor dem Weg</translation>
    </message>
    <message>
        <source>the nose %1° behind the way</source>
        <translation>die Nase %1° hinter dem Weg</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>up to %1 m/s</source>
        <translation>bis %1 m/s</translation>
    </message>
    <message>
        <source>Half the throttle at the take-off: at 30° of camera the picture begins three or four heights ahead, and what is under you is not in it.</source>
        <translation>Halbes Gas beim Abheben: bei 30° Kamera beginnt das Bild drei bis vier Höhen voraus, und was unter einem ist, ist nicht darin.</translation>
    </message>
    <message>
        <source>%1 bounces</source>
        <translation>%1 Hüpfer</translation>
    </message>
    <message>
        <source>%1 m higher while stopping</source>
        <translation>%1 m höher beim Anhalten</translation>
    </message>
    <message>
        <source>%1 m of height lost</source>
        <translation>%1 m Höhe verloren</translation>
    </message>
    <message>
        <source>%1 m/s at the ground</source>
        <translation>%1 m/s am Boden</translation>
    </message>
    <message>
        <source>%1 s until the throttle was at the bottom</source>
        <translation>%1 s, bis das Gas unten war</translation>
    </message>
    <message>
        <source>%1° of bank left standing</source>
        <translation>%1° Querlage stehen gelassen</translation>
    </message>
    <message>
        <source>%1° off level after it</source>
        <translation>%1° neben der Waagerechten danach</translation>
    </message>
    <message>
        <source>A lap at 6 m/s, turning left round the flags.</source>
        <translation>Eine Runde mit 6 m/s, links um die Flaggen.</translation>
    </message>
    <message>
        <source>A lap at 6 m/s, turning right round the flags.</source>
        <translation>Eine Runde mit 6 m/s, rechts um die Flaggen.</translation>
    </message>
    <message>
        <source>A little slower: %1 °/s, the flips are not settled in time.</source>
        <translation>Etwas langsamer: %1 °/s, die Flips sind nicht rechtzeitig beruhigt.</translation>
    </message>
    <message>
        <source>A little yaw, often: the nose stays on you.</source>
        <translation>Wenig Gier, oft: Die Nase bleibt auf Ihnen.</translation>
    </message>
    <message>
        <source>A square corner at 10 m/s: lean and yaw in, a burst of throttle to end it, and straight on.</source>
        <translation>Eine rechte Ecke mit 10 m/s: hineinlegen und gieren, ein Gasstoß am Ende, und gerade weiter.</translation>
    </message>
    <message>
        <source>As fast as you hold it: 12 m/s.</source>
        <translation>So schnell, wie Sie es halten: 12 m/s.</translation>
    </message>
    <message>
        <source>Away from you, 8 m.</source>
        <translation>Von Ihnen weg, 8 m.</translation>
    </message>
    <message>
        <source>Back to the start, and hover.</source>
        <translation>Zurück zum Start, und schweben.</translation>
    </message>
    <message>
        <source>Back up to 40 m, over the start.</source>
        <translation>Wieder auf 40 m, über den Start.</translation>
    </message>
    <message>
        <source>Bank before the flag, and look at it through the turn.</source>
        <translation>Vor der Flagge hineinlegen und sie durch die Kurve ansehen.</translation>
    </message>
    <message>
        <source>Begin the turn with a little yaw, and lean a moment later.</source>
        <translation>Die Kurve mit etwas Gier beginnen und einen Moment später hineinlegen.</translation>
    </message>
    <message>
        <source>Big inputs</source>
        <translation>Große Ausschläge</translation>
    </message>
    <message>
        <source>Both landings go as well: %1 m/s straight down, %2 m/s with some way on (medians of %3 and %4, bounces counted in).</source>
        <translation>Beide Landungen gelingen gleich gut: %1 m/s gerade herunter, %2 m/s mit etwas Fahrt (Mediane aus %3 und %4, Hüpfer eingerechnet).</translation>
    </message>
    <message>
        <source>Bursts of throttle</source>
        <translation>Gasstöße</translation>
    </message>
    <message>
        <source>Bursts of throttle, left</source>
        <translation>Gasstöße, links</translation>
    </message>
    <message>
        <source>Bursts of throttle, right</source>
        <translation>Gasstöße, rechts</translation>
    </message>
    <message>
        <source>Climb to 4 m, the nose towards you.</source>
        <translation>Auf 4 m steigen, die Nase zu Ihnen.</translation>
    </message>
    <message>
        <source>Corner burst</source>
        <translation>Eckenstoß</translation>
    </message>
    <message>
        <source>Corner to the left, and a burst of throttle to end it.</source>
        <translation>Ecke nach links, und am Ende ein Gasstoß.</translation>
    </message>
    <message>
        <source>Corner to the right, and a burst of throttle to end it.</source>
        <translation>Ecke nach rechts, und am Ende ein Gasstoß.</translation>
    </message>
    <message>
        <source>End the corner with a burst while it still leans.</source>
        <translation>Die Ecke mit einem Gasstoß beenden, solange es noch schräg liegt.</translation>
    </message>
    <message>
        <source>End the corner with the burst when the nose points along the way.</source>
        <translation>Die Ecke mit dem Gasstoß beenden, wenn die Nase in den Weg zeigt.</translation>
    </message>
    <message>
        <source>Face about to the left, and one burst of throttle against the way.</source>
        <translation>Nach links kehrtmachen, und ein Gasstoß gegen die Fahrt.</translation>
    </message>
    <message>
        <source>Face about to the right, and one burst of throttle against the way.</source>
        <translation>Nach rechts kehrtmachen, und ein Gasstoß gegen die Fahrt.</translation>
    </message>
    <message>
        <source>Fast ovals</source>
        <translation>Schnelle Ovale</translation>
    </message>
    <message>
        <source>Faster only as long as the flag stays close and the height stays.</source>
        <translation>Schneller nur, solange die Flagge nah und die Höhe bleibt.</translation>
    </message>
    <message>
        <source>Faster only as long as the way goes on straight.</source>
        <translation>Schneller nur, solange es gerade weitergeht.</translation>
    </message>
    <message>
        <source>Faster: a lap at 9 m/s, close to the flags.</source>
        <translation>Schneller: eine Runde mit 9 m/s, nah an den Flaggen.</translation>
    </message>
    <message>
        <source>First moves to the wrong side</source>
        <translation>Erste Bewegungen zur falschen Seite</translation>
    </message>
    <message>
        <source>Forward at 10 m/s.</source>
        <translation>Vorwärts mit 10 m/s.</translation>
    </message>
    <message>
        <source>Forward at 7 m/s.</source>
        <translation>Vorwärts mit 7 m/s.</translation>
    </message>
    <message>
        <source>Forward, a little.</source>
        <translation>Ein wenig vorwärts.</translation>
    </message>
    <message>
        <source>Forward, face about, one burst of throttle against the way, and slowly down into the landing.</source>
        <translation>Vorwärts, kehrtmachen, ein Gasstoß gegen die Fahrt, und langsam herunter in die Landung.</translation>
    </message>
    <message>
        <source>Four linked turns</source>
        <translation>Vier verbundene Kurven</translation>
    </message>
    <message>
        <source>Half a roll to the left, throttle out, and pull through.</source>
        <translation>Halbe Rolle nach links, Gas weg, und durchziehen.</translation>
    </message>
    <message>
        <source>Half a roll to the right, throttle out, and pull through.</source>
        <translation>Halbe Rolle nach rechts, Gas weg, und durchziehen.</translation>
    </message>
    <message>
        <source>Half roll and pull through</source>
        <translation>Halbe Rolle und durchziehen</translation>
    </message>
    <message>
        <source>Half the input, wait, then the rest.</source>
        <translation>Den halben Ausschlag, warten, dann den Rest.</translation>
    </message>
    <message>
        <source>Half the movement on each of these sticks.</source>
        <translation>Auf jedem dieser Knüppel die halbe Bewegung.</translation>
    </message>
    <message>
        <source>Half the movement on pitch and roll.</source>
        <translation>Auf Nick und Roll die halbe Bewegung.</translation>
    </message>
    <message>
        <source>Half the movement on pitch.</source>
        <translation>Auf Nick die halbe Bewegung.</translation>
    </message>
    <message>
        <source>Half the movement on roll and yaw.</source>
        <translation>Auf Roll und Gier die halbe Bewegung.</translation>
    </message>
    <message>
        <source>Half the movement on roll.</source>
        <translation>Auf Roll die halbe Bewegung.</translation>
    </message>
    <message>
        <source>Half the movement on the throttle.</source>
        <translation>Am Gas die halbe Bewegung.</translation>
    </message>
    <message>
        <source>Half the movement on yaw.</source>
        <translation>Auf Gier die halbe Bewegung.</translation>
    </message>
    <message>
        <source>Half the roll at the corner, wait for the bank, then the rest.</source>
        <translation>In der Ecke die halbe Rolle, auf die Querlage warten, dann den Rest.</translation>
    </message>
    <message>
        <source>Height gained</source>
        <translation>Gewonnene Höhe</translation>
    </message>
    <message>
        <source>Height gained, left</source>
        <translation>Gewonnene Höhe, links</translation>
    </message>
    <message>
        <source>Height gained, right</source>
        <translation>Gewonnene Höhe, rechts</translation>
    </message>
    <message>
        <source>Height within ±3 m</source>
        <translation>Höhe auf ±3 m</translation>
    </message>
    <message>
        <source>Height within ±3 m, left</source>
        <translation>Höhe auf ±3 m, links</translation>
    </message>
    <message>
        <source>Height within ±3 m, right</source>
        <translation>Höhe auf ±3 m, rechts</translation>
    </message>
    <message>
        <source>High up: half a roll onto the back, and pulled through to level the other way.</source>
        <translation>Hoch oben: halbe Rolle auf den Rücken, und durchgezogen in die Waagerechte, andersherum.</translation>
    </message>
    <message>
        <source>Horizon in the middle</source>
        <translation>Horizont in der Mitte</translation>
    </message>
    <message>
        <source>Horizon run</source>
        <translation>Horizontlauf</translation>
    </message>
    <message>
        <source>Hover at 40 m.</source>
        <translation>Auf 40 m schweben.</translation>
    </message>
    <message>
        <source>Hover, the nose towards you.</source>
        <translation>Schweben, die Nase zu Ihnen.</translation>
    </message>
    <message>
        <source>How a turn is begun</source>
        <translation>Wie eine Kurve begonnen wird</translation>
    </message>
    <message>
        <source>Keep %1 °/s: the flips are settled in time. That counts more than any table.</source>
        <translation>%1 °/s behalten: Die Flips sind rechtzeitig beruhigt. Das zählt mehr als jede Tabelle.</translation>
    </message>
    <message>
        <source>Keep the horizon in the middle, and the height.</source>
        <translation>Den Horizont in der Mitte halten, und die Höhe.</translation>
    </message>
    <message>
        <source>Keep the throttle where it is until it stands.</source>
        <translation>Das Gas lassen, wo es ist, bis es steht.</translation>
    </message>
    <message>
        <source>Landing straight down suits better: %1 m/s against %2 m/s with some way on (medians of %3 and %4, bounces counted in).</source>
        <translation>Gerade herunter zu landen passt besser: %1 m/s gegen %2 m/s mit etwas Fahrt (Mediane aus %3 und %4, Hüpfer eingerechnet).</translation>
    </message>
    <message>
        <source>Landing with some way on suits better: %2 m/s against %1 m/s straight down (medians of %3 and %4, bounces counted in).</source>
        <translation>Mit etwas Fahrt zu landen passt besser: %2 m/s gegen %1 m/s gerade herunter (Mediane aus %3 und %4, Hüpfer eingerechnet).</translation>
    </message>
    <message>
        <source>Lean first as far as the corner needs, then the burst: the way turns with the nose.</source>
        <translation>Erst hineinlegen, so weit die Ecke es braucht, dann der Stoß: Der Weg dreht mit der Nase.</translation>
    </message>
    <message>
        <source>Lean forward until the horizon is in the middle.</source>
        <translation>Nach vorn lehnen, bis der Horizont in der Mitte steht.</translation>
    </message>
    <message>
        <source>Lean until the horizon stands in the middle of the picture, keep it there and keep the height; the speed is what it is.</source>
        <translation>Lehnen, bis der Horizont in der Bildmitte steht, ihn dort und die Höhe halten; das Tempo ist, wie es ist.</translation>
    </message>
    <message>
        <source>Let go earlier; it rolls on.</source>
        <translation>Früher loslassen; es rollt nach.</translation>
    </message>
    <message>
        <source>Level, and catch it.</source>
        <translation>Waagerecht, und abfangen.</translation>
    </message>
    <message>
        <source>More bank wants more throttle: add it as you lean.</source>
        <translation>Mehr Querlage braucht mehr Gas: beim Hineinlegen zugeben.</translation>
    </message>
    <message>
        <source>More throttle as it leans; then small movements.</source>
        <translation>Mehr Gas, wenn es sich lehnt; dann kleine Bewegungen.</translation>
    </message>
    <message>
        <source>Move both sticks in the same moment.</source>
        <translation>Beide Knüppel im selben Moment bewegen.</translation>
    </message>
    <message>
        <source>Moved to the wrong side first</source>
        <translation>Zuerst zur falschen Seite bewegt</translation>
    </message>
    <message>
        <source>Nose and way together in the corner</source>
        <translation>Nase und Weg in der Ecke beisammen</translation>
    </message>
    <message>
        <source>Nose and way together in the corner, left</source>
        <translation>Nase und Weg in der Ecke beisammen, links</translation>
    </message>
    <message>
        <source>Nose and way together in the corner, right</source>
        <translation>Nase und Weg in der Ecke beisammen, rechts</translation>
    </message>
    <message>
        <source>Nose in</source>
        <translation>Nase voraus zu Ihnen</translation>
    </message>
    <message>
        <source>Nose off the pilot</source>
        <translation>Nase neben dem Piloten</translation>
    </message>
    <message>
        <source>Nose off the way back</source>
        <translation>Nase neben dem Rückweg</translation>
    </message>
    <message>
        <source>Nose off the way back, left</source>
        <translation>Nase neben dem Rückweg, links</translation>
    </message>
    <message>
        <source>Nose off the way back, right</source>
        <translation>Nase neben dem Rückweg, rechts</translation>
    </message>
    <message>
        <source>Nothing speaks against %1 °/s.</source>
        <translation>Gegen %1 °/s spricht nichts.</translation>
    </message>
    <message>
        <source>Nudge, look, nudge again: one big push is suddenly fast and steep.</source>
        <translation>Antippen, schauen, wieder antippen: Ein großer Stoß ist plötzlich schnell und steil.</translation>
    </message>
    <message>
        <source>Off level after it</source>
        <translation>Danach neben der Waagerechten</translation>
    </message>
    <message>
        <source>Off level after it, left</source>
        <translation>Danach neben der Waagerechten, links</translation>
    </message>
    <message>
        <source>Off level after it, right</source>
        <translation>Danach neben der Waagerechten, rechts</translation>
    </message>
    <message>
        <source>Off the way that goes on</source>
        <translation>Neben dem Weg, der weitergeht</translation>
    </message>
    <message>
        <source>Off the way that goes on, left</source>
        <translation>Neben dem Weg, der weitergeht, links</translation>
    </message>
    <message>
        <source>Off the way that goes on, right</source>
        <translation>Neben dem Weg, der weitergeht, rechts</translation>
    </message>
    <message>
        <source>One big input</source>
        <translation>Ein großer Ausschlag</translation>
    </message>
    <message>
        <source>One burst once the nose is round, not many small ones and not none.</source>
        <translation>Ein Stoß, sobald die Nase herum ist, nicht viele kleine und nicht keiner.</translation>
    </message>
    <message>
        <source>One landing rolling on with the last of the speed; disarm</source>
        <translation>Eine Landung, ausrollend mit der letzten Fahrt; Motoren aus</translation>
    </message>
    <message>
        <source>One landing straight down</source>
        <translation>Eine Landung gerade herunter</translation>
    </message>
    <message>
        <source>Out and back, to one side and back, at one height each</source>
        <translation>Hinaus und zurück, zu einer Seite und zurück, je auf einer Höhe</translation>
    </message>
    <message>
        <source>Over-control in the corners</source>
        <translation>Übersteuern in den Ecken</translation>
    </message>
    <message>
        <source>Pick a mark far ahead, and keep the wings level.</source>
        <translation>Eine Marke weit voraus wählen und quer waagerecht bleiben.</translation>
    </message>
    <message>
        <source>Practitioners disagree; the school that has chosen one marks it in drills with turns, others are told of it (common practice, no source)</source>
        <translation>Praktiker sind uneins; wer sich für eines entschieden hat, bewertet es in Übungen mit Kurven, den anderen wird es gesagt (gängige Praxis, ohne Quelle)</translation>
    </message>
    <message>
        <source>Pull as soon as it lies on its back, and throttle again only when the nose comes up.</source>
        <translation>Ziehen, sobald es auf dem Rücken liegt, und Gas erst wieder, wenn die Nase hochkommt.</translation>
    </message>
    <message>
        <source>Pushes held</source>
        <translation>Gehaltene Ausschläge</translation>
    </message>
    <message>
        <source>Rocking %1 % of the newest flights, %2 % at most (house); fewer than three flips on this rate</source>
        <translation>Schaukeln in %1 % der letzten Flüge, höchstens %2 % (Haus); weniger als drei Flips mit dieser Rate</translation>
    </message>
    <message>
        <source>Roll to flat on the back before pulling: half a roll, not nearly.</source>
        <translation>Bis flach auf den Rücken rollen, bevor Sie ziehen: eine halbe Rolle, nicht beinahe.</translation>
    </message>
    <message>
        <source>Round two flags close by and faster each lap, right and left: 6, 9 and 12 m/s.</source>
        <translation>Nah um zwei Flaggen und jede Runde schneller, rechts und links: 6, 9 und 12 m/s.</translation>
    </message>
    <message>
        <source>Seen from the ground with the nose towards you: hover, a box, and a landing, the nose kept on you.</source>
        <translation>Vom Boden gesehen, die Nase zu Ihnen: Schweben, ein Viereck und eine Landung, die Nase bleibt auf Ihnen.</translation>
    </message>
    <message>
        <source>Sink at touchdown, left</source>
        <translation>Sinken beim Aufsetzen, links</translation>
    </message>
    <message>
        <source>Sink at touchdown, right</source>
        <translation>Sinken beim Aufsetzen, rechts</translation>
    </message>
    <message>
        <source>Slower: go down to %1 °/s, the hand over-controls, though the flips are settled in time.</source>
        <translation>Langsamer: auf %1 °/s heruntergehen, die Hand übersteuert, auch wenn die Flips rechtzeitig beruhigt sind.</translation>
    </message>
    <message>
        <source>Small nudges, and recentre: the lean stays without the stick.</source>
        <translation>Kleine Stöße und zurück zur Mitte: Die Neigung bleibt ohne den Knüppel.</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Speed into the corner</source>
        <translation>Tempo in die Ecke</translation>
    </message>
    <message>
        <source>Speed of the fast lap</source>
        <translation>Tempo der schnellen Runde</translation>
    </message>
    <message>
        <source>Speed of the fast lap, left</source>
        <translation>Tempo der schnellen Runde, links</translation>
    </message>
    <message>
        <source>Speed of the fast lap, right</source>
        <translation>Tempo der schnellen Runde, rechts</translation>
    </message>
    <message>
        <source>Straight on.</source>
        <translation>Gerade weiter.</translation>
    </message>
    <message>
        <source>Take off and stand in the air at three heights; land</source>
        <translation>Abheben und in drei Höhen in der Luft stehen; landen</translation>
    </message>
    <message>
        <source>The burst is short: it is to stop the way, not to climb.</source>
        <translation>Der Stoß ist kurz: Er soll die Fahrt anhalten, nicht steigen.</translation>
    </message>
    <message>
        <source>The burst while it leans, not after.</source>
        <translation>Der Stoß, solange es schräg liegt, nicht danach.</translation>
    </message>
    <message>
        <source>The nose towards you swaps left and right: push the stick to the side it is to lean to as it sees it.</source>
        <translation>Die Nase zu Ihnen vertauscht links und rechts: Den Knüppel zu der Seite drücken, zu der es sich, von ihm aus gesehen, legen soll.</translation>
    </message>
    <message>
        <source>Throttle on the back</source>
        <translation>Gas auf dem Rücken</translation>
    </message>
    <message>
        <source>Throttle on the back, left</source>
        <translation>Gas auf dem Rücken, links</translation>
    </message>
    <message>
        <source>Throttle on the back, right</source>
        <translation>Gas auf dem Rücken, rechts</translation>
    </message>
    <message>
        <source>Throttle out on the back: it pulls downwards there.</source>
        <translation>Gas weg auf dem Rücken: Dort zieht es nach unten.</translation>
    </message>
    <message>
        <source>Throttle slowly down, into the landing.</source>
        <translation>Das Gas langsam herunter, in die Landung.</translation>
    </message>
    <message>
        <source>To its left, 12 m.</source>
        <translation>Nach seiner linken Seite, 12 m.</translation>
    </message>
    <message>
        <source>To its left, 6 m.</source>
        <translation>Nach seiner linken Seite, 6 m.</translation>
    </message>
    <message>
        <source>To its right, 6 m.</source>
        <translation>Nach seiner rechten Seite, 6 m.</translation>
    </message>
    <message>
        <source>Towards you, 8 m.</source>
        <translation>Auf Sie zu, 8 m.</translation>
    </message>
    <message>
        <source>Turnabout landing</source>
        <translation>Kehrtlandung</translation>
    </message>
    <message>
        <source>Up again.</source>
        <translation>Wieder hoch.</translation>
    </message>
    <message>
        <source>What was practised on other rates is learnt anew on the real aircraft (common practice; the number is house)</source>
        <translation>Was mit anderen Drehraten geübt wurde, wird am echten Fluggerät neu gelernt (gängige Praxis; die Zahl vom Haus)</translation>
    </message>
    <message>
        <source>Which landing suits is told from %1 of each: %2 straight down and %3 with some way on so far.</source>
        <translation>Welche Landung passt, wird ab je %1 gesagt: bisher %2 gerade herunter und %3 mit etwas Fahrt.</translation>
    </message>
    <message>
        <source>Yaw a moment before roll</source>
        <translation>Gier einen Moment vor Roll</translation>
    </message>
    <message>
        <source>Yaw and roll together</source>
        <translation>Gier und Roll zugleich</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>sofort</translation>
    </message>
    <message>
        <source>bend</source>
        <translation>Biegung</translation>
    </message>
    <message>
        <source>both together</source>
        <translation>beide zugleich</translation>
    </message>
    <message>
        <source>centre slope</source>
        <translation>Mittensteigung</translation>
    </message>
    <message>
        <source>expected right or left, the side of the half roll, found &apos;%1&apos;</source>
        <translation>erwartet right oder left, die Seite der halben Rolle, gefunden &apos;%1&apos;</translation>
    </message>
    <message>
        <source>full stick and bend</source>
        <translation>Vollausschlag und Biegung</translation>
    </message>
    <message>
        <source>full-stick rate</source>
        <translation>Vollrate</translation>
    </message>
    <message>
        <source>gain and edge</source>
        <translation>Faktor und Rand</translation>
    </message>
    <message>
        <source>gain, edge and late bend</source>
        <translation>Faktor, Rand und späte Biegung</translation>
    </message>
    <message>
        <source>ground effect over grass</source>
        <translation>Bodeneffekt über Gras</translation>
    </message>
    <message>
        <source>ground effect over hard ground</source>
        <translation>Bodeneffekt über hartem Boden</translation>
    </message>
    <message>
        <source>held for %1 s, leaning %2° in the end</source>
        <translation>%1 s gehalten, am Ende %2° Neigung</translation>
    </message>
    <message>
        <source>not judged</source>
        <translation>nicht bewertet</translation>
    </message>
    <message>
        <source>settled after %1 s</source>
        <translation>beruhigt nach %1 s</translation>
    </message>
    <message>
        <source>settled at once</source>
        <translation>sofort beruhigt</translation>
    </message>
    <message>
        <source>slope</source>
        <translation>Steigung</translation>
    </message>
    <message>
        <source>slope and end in per cent</source>
        <translation>Steigung und Ende in Prozent</translation>
    </message>
    <message>
        <source>slope and full stick</source>
        <translation>Steigung und Vollausschlag</translation>
    </message>
    <message>
        <source>yaw a moment first</source>
        <translation>Gier einen Moment zuerst</translation>
    </message>
    <message>
        <source>%1 flips and rolls, settled %2 and %3° off level (medians; 0.5 s and 20° are the house&apos;s limits)</source>
        <translation>%1 Flips und Rollen, beruhigt %2 und %3° neben der Waagerechten (Mediane; 0,5 s und 20° sind die Grenzen des Hauses)</translation>
    </message>
    <message>
        <source>after %1 s</source>
        <translation>nach %1 s</translation>
    </message>
    <message>
        <source>after over %1 s</source>
        <translation>nach über %1 s</translation>
    </message>
</context>
<context>
    <name>phase</name>
    <message>
        <source>about</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>acro</source>
        <translation>acro</translation>
    </message>
    <message>
        <source>again</source>
        <translation>noch einmal</translation>
    </message>
    <message>
        <source>ahead</source>
        <translation>voraus</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>angle</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>scharf schalten</translation>
    </message>
    <message>
        <source>arm-again</source>
        <translation>wieder scharf</translation>
    </message>
    <message>
        <source>back</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>back-back</source>
        <translation>zurück auf 15 m</translation>
    </message>
    <message>
        <source>back-forward</source>
        <translation>zurück auf 15 m</translation>
    </message>
    <message>
        <source>back-left</source>
        <translation>zurück auf 15 m</translation>
    </message>
    <message>
        <source>back-right</source>
        <translation>zurück auf 15 m</translation>
    </message>
    <message>
        <source>brake</source>
        <translation>bremsen</translation>
    </message>
    <message>
        <source>carry</source>
        <translation>mitnehmen</translation>
    </message>
    <message>
        <source>chase</source>
        <translation>verfolgen</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>steigen</translation>
    </message>
    <message>
        <source>copy</source>
        <translation>nachmachen</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>cushion</source>
        <translation>Bodenpolster</translation>
    </message>
    <message>
        <source>disarm</source>
        <translation>entschärfen</translation>
    </message>
    <message>
        <source>dive</source>
        <translation>stürzen</translation>
    </message>
    <message>
        <source>down</source>
        <translation>hinab</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorwärts überschlagen</translation>
    </message>
    <message>
        <source>go</source>
        <translation>los</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>home</source>
        <translation>heim</translation>
    </message>
    <message>
        <source>hop</source>
        <translation>Hüpfer</translation>
    </message>
    <message>
        <source>horizon</source>
        <translation>horizon</translation>
    </message>
    <message>
        <source>hover</source>
        <translation>schweben</translation>
    </message>
    <message>
        <source>in</source>
        <translation>hinein</translation>
    </message>
    <message>
        <source>land</source>
        <translation>landen</translation>
    </message>
    <message>
        <source>laps</source>
        <translation>Runden</translation>
    </message>
    <message>
        <source>lean-back</source>
        <translation>nach hinten neigen</translation>
    </message>
    <message>
        <source>lean-forward</source>
        <translation>nach vorn neigen</translation>
    </message>
    <message>
        <source>lean-left</source>
        <translation>nach links neigen</translation>
    </message>
    <message>
        <source>lean-right</source>
        <translation>nach rechts neigen</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>Schenkel</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>abheben</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Gerade</translation>
    </message>
    <message>
        <source>lobe</source>
        <translation>Schleife</translation>
    </message>
    <message>
        <source>low</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>low-hover</source>
        <translation>tief schweben</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>on</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>out</source>
        <translation>hinaus</translation>
    </message>
    <message>
        <source>over</source>
        <translation>darüber</translation>
    </message>
    <message>
        <source>reach-left</source>
        <translation>links hinüber</translation>
    </message>
    <message>
        <source>reach-right</source>
        <translation>rechts hinüber</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>recover</source>
        <translation>abfangen</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>roll</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>settle</source>
        <translation>beruhigen</translation>
    </message>
    <message>
        <source>settle-back</source>
        <translation>beruhigen</translation>
    </message>
    <message>
        <source>settle-front</source>
        <translation>beruhigen</translation>
    </message>
    <message>
        <source>slalom</source>
        <translation>Slalom</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>steady</source>
        <translation>ruhig</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>anhalten</translation>
    </message>
    <message>
        <source>surprise</source>
        <translation>Überraschung</translation>
    </message>
    <message>
        <source>take-off</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>through</source>
        <translation>hindurch</translation>
    </message>
    <message>
        <source>thrown</source>
        <translation>geworfen</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>up</source>
        <translation>hinauf</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>weave</source>
        <translation>schlängeln</translation>
    </message>
    <message>
        <source>fast</source>
        <translation>schnell</translation>
    </message>
    <message>
        <source>lean</source>
        <translation>lehnen</translation>
    </message>
    <message>
        <source>level</source>
        <translation>waagerecht</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>langsam</translation>
    </message>
</context>
</TS>
