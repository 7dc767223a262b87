<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE">
<context>
    <name>Background</name>
    <message>
        <source>There is too little memory for this. Close other programs, or use smaller pictures.</source>
        <translation>Dafür ist zu wenig Speicher da. Andere Programme schließen oder kleinere Bilder verwenden.</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma (%1). Your work is as it was.</source>
        <translation>In Fusuma ging etwas schief (%1). Ihre Arbeit ist, wie sie war.</translation>
    </message>
</context>
<context>
    <name>Edges</name>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Oben</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Unten</translation>
    </message>
</context>
<context>
    <name>FlattenDialog</name>
    <message>
        <source>Lay the photograph flat</source>
        <translation>Foto flach legen</translation>
    </message>
    <message>
        <source>What in the picture has a known size.</source>
        <translation>Was im Bild eine bekannte Größe hat.</translation>
    </message>
    <message>
        <source>Its paper</source>
        <translation>Sein Papier</translation>
    </message>
    <message>
        <source>Any of the board&apos;s papers</source>
        <translation>Eines der Tafelpapiere</translation>
    </message>
    <message>
        <source>Across and down:</source>
        <translation>Quer und hoch:</translation>
    </message>
    <message>
        <source>Lay it flat</source>
        <translation>Flach legen</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie es kam</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>, error left %1 mm</source>
        <translation>, Restfehler %1 mm</translation>
    </message>
    <message>
        <source>, %1 pixels a millimetre.</source>
        <translation>, %1 Pixel je Millimeter.</translation>
    </message>
    <message>
        <source>Drag a corner to correct it, or press 1 to 4 and move it with the arrow keys.</source>
        <translation>Eine Ecke ziehen, um sie zu richten, oder 1 bis 4 drücken und sie mit den Pfeiltasten bewegen.</translation>
    </message>
    <message>
        <source>Looking for it…</source>
        <translation>Wird gesucht…</translation>
    </message>
</context>
<context>
    <name>LetteringDialog</name>
    <message>
        <source>Letters of the list</source>
        <translation>Buchstaben der Liste</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written. These are some of its words: choose where they are right.</source>
        <translation>Die Datei sagt nicht, wie ihre Buchstaben geschrieben sind. Dies sind einige ihrer Wörter: Wählen Sie, wo sie stimmen.</translation>
    </message>
    <message>
        <source>Words of the list, as each encoding has them</source>
        <translation>Wörter der Liste in jeder Kodierung</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Read it so</source>
        <translation>So lesen</translation>
    </message>
</context>
<context>
    <name>LightDialog</name>
    <message>
        <source>Find the light</source>
        <translation>Licht finden</translation>
    </message>
    <message>
        <source>1. Lay in a scrap of paper. Drive the head over it: arrows move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm.</source>
        <translation>1. Ein Stück Restpapier einlegen. Den Kopf darüber fahren: Pfeile bewegen ihn um 0,5 mm, mit Umschalt 5 mm, mit Alt 0,05 mm.</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>Kopf bewegen</translation>
    </message>
    <message>
        <source>2. Cut a small cross there. The head comes back to its middle.</source>
        <translation>2. Dort ein kleines Kreuz schneiden. Der Kopf kehrt zu seiner Mitte zurück.</translation>
    </message>
    <message>
        <source>Cut a cross</source>
        <translation>Kreuz schneiden</translation>
    </message>
    <message>
        <source>Two cuts of 4 mm, under the blade.</source>
        <translation>Zwei Schnitte von 4 mm, unter der Klinge.</translation>
    </message>
    <message>
        <source>3. Drive the head with the arrows until the light is on the cross.</source>
        <translation>3. Den Kopf mit den Pfeilen fahren, bis das Licht auf dem Kreuz liegt.</translation>
    </message>
    <message>
        <source>Reaching the machine…</source>
        <translation>Die Maschine wird erreicht…</translation>
    </message>
    <message>
        <source>From the blade to the light: X %1 mm, Y %2 mm.</source>
        <translation>Von der Klinge zum Licht: X %1 mm, Y %2 mm.</translation>
    </message>
    <message>
        <source>The light is on it</source>
        <translation>Das Licht liegt darauf</translation>
    </message>
</context>
<context>
    <name>MachineDialog</name>
    <message>
        <source>Plugged in at</source>
        <translation>Angeschlossen an</translation>
    </message>
    <message>
        <source>Network…</source>
        <translation>Netzwerk…</translation>
    </message>
    <message>
        <source>Nowhere: files only</source>
        <translation>Nirgends: nur Dateien</translation>
    </message>
    <message>
        <source>Speed of the line</source>
        <translation>Geschwindigkeit der Leitung</translation>
    </message>
    <message>
        <source>%1 baud</source>
        <translation>%1 Baud</translation>
    </message>
    <message>
        <source>host or address:port, such as 192.168.0.20:9100</source>
        <translation>Name oder Adresse:Port, etwa 192.168.0.20:9100</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>How it is held back</source>
        <translation>Wie sie gebremst wird</translation>
    </message>
    <message>
        <source>It answers (tells its place, or says “ok”)</source>
        <translation>Sie antwortet (nennt ihren Ort oder sagt „ok“)</translation>
    </message>
    <message>
        <source>Its bed, as you stand before it</source>
        <translation>Ihr Bett, wie Sie davor stehen</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Its nought is at the</source>
        <translation>Ihr Nullpunkt ist</translation>
    </message>
    <message>
        <source>X counts</source>
        <translation>X zählt</translation>
    </message>
    <message>
        <source>Y counts</source>
        <translation>Y zählt</translation>
    </message>
    <message>
        <source>How it is spoken to</source>
        <translation>Wie mit ihr gesprochen wird</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Units in 1 mm</source>
        <translation>Einheiten in 1 mm</translation>
    </message>
    <message>
        <source>Numbers in a command (0: any)</source>
        <translation>Zahlen je Befehl (0: beliebig)</translation>
    </message>
    <message>
        <source>Bytes in a line (0: any)</source>
        <translation>Bytes je Zeile (0: beliebig)</translation>
    </message>
    <message>
        <source>It knows pens (SP)</source>
        <translation>Sie kennt Stifte (SP)</translation>
    </message>
    <message>
        <source>It is told its speed (VS)</source>
        <translation>Ihr wird die Geschwindigkeit gesagt (VS)</translation>
    </message>
    <message>
        <source>It is told its force (FS)</source>
        <translation>Ihr wird die Kraft gesagt (FS)</translation>
    </message>
    <message>
        <source>The blade is moved by</source>
        <translation>Die Klinge bewegt</translation>
    </message>
    <message>
        <source>Z up, mm</source>
        <translation>Z oben, mm</translation>
    </message>
    <message>
        <source>Z down, mm</source>
        <translation>Z unten, mm</translation>
    </message>
    <message>
        <source>Word for up</source>
        <translation>Wort für oben</translation>
    </message>
    <message>
        <source>Word for down</source>
        <translation>Wort für unten</translation>
    </message>
    <message>
        <source>It knows arcs (G2, G3)</source>
        <translation>Sie kennt Bögen (G2, G3)</translation>
    </message>
    <message>
        <source>One holder: stop between kiss, score and through cuts</source>
        <translation>Ein Halter: zwischen Kiss-Cut, Ritzen und Durchtrennen anhalten</translation>
    </message>
    <message>
        <source>Lines before a job</source>
        <translation>Zeilen vor einem Auftrag</translation>
    </message>
    <message>
        <source>Lines after a job</source>
        <translation>Zeilen nach einem Auftrag</translation>
    </message>
    <message>
        <source>What makes it drop all</source>
        <translation>Was sie alles fallen lässt</translation>
    </message>
    <message>
        <source>\x1b.K or \x18; empty when nothing does</source>
        <translation>\x1b.K oder \x18; leer, wenn nichts es tut</translation>
    </message>
    <message>
        <source>Light or laser beside the blade</source>
        <translation>Licht oder Laser neben der Klinge</translation>
    </message>
    <message>
        <source>From the blade along X</source>
        <translation>Von der Klinge entlang X</translation>
    </message>
    <message>
        <source>From the blade along Y</source>
        <translation>Von der Klinge entlang Y</translation>
    </message>
    <message>
        <source>Cut a cross and point at it…</source>
        <translation>Kreuz schneiden und darauf zeigen…</translation>
    </message>
    <message>
        <source>The machine cuts a small cross; you drive its light there.</source>
        <translation>Die Maschine schneidet ein kleines Kreuz; Sie fahren ihr Licht dorthin.</translation>
    </message>
    <message>
        <source>The machine&apos;s profile</source>
        <translation>Das Profil der Maschine</translation>
    </message>
    <message>
        <source>Add a machine</source>
        <translation>Maschine hinzufügen</translation>
    </message>
    <message>
        <source>What your cutter is plugged in at and how it counts: its handbook has most of it. Say hello to see whether it listens.</source>
        <translation>Woran Ihr Schneider angeschlossen ist und wie er zählt: das meiste steht in seinem Handbuch. Hallo sagen zeigt, ob er zuhört.</translation>
    </message>
    <message>
        <source>My cutter</source>
        <translation>Mein Schneider</translation>
    </message>
    <message>
        <source>My cutter %1</source>
        <translation>Mein Schneider %1</translation>
    </message>
    <message>
        <source>Say hello</source>
        <translation>Hallo sagen</translation>
    </message>
    <message>
        <source>Asks it who it is. One that does not answer moves its lifted head round a 20 mm square.</source>
        <translation>Fragt sie, wer sie ist. Eine, die nicht antwortet, fährt mit gehobenem Kopf ein Quadrat von 20 mm ab.</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus einer Datei…</translation>
    </message>
    <message>
        <source>Read a profile that was saved as a file.</source>
        <translation>Ein Profil lesen, das als Datei gespeichert wurde.</translation>
    </message>
    <message>
        <source>Save as a file…</source>
        <translation>Als Datei speichern…</translation>
    </message>
    <message>
        <source>For another computer, or the command line.</source>
        <translation>Für einen anderen Rechner oder die Befehlszeile.</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Hört zu…</translation>
    </message>
    <message>
        <source>It answers: %1</source>
        <translation>Sie antwortet: %1</translation>
    </message>
    <message>
        <source>It does not answer. Its lifted head goes round a square of 20 mm now: does it, and the right way round?</source>
        <translation>Sie antwortet nicht. Ihr gehobener Kopf fährt jetzt ein Quadrat von 20 mm: tut er es, und richtig herum?</translation>
    </message>
    <message>
        <source>A machine&apos;s profile</source>
        <translation>Profil einer Maschine</translation>
    </message>
    <message>
        <source>Profiles (*.json)</source>
        <translation>Profile (*.json)</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Speichern unter</translation>
    </message>
    <message>
        <source>Profiles</source>
        <translation>Profile</translation>
    </message>
    <message>
        <source>Saved.</source>
        <translation>Gespeichert.</translation>
    </message>
    <message>
        <source>Save it</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>There is a machine of that name already.</source>
        <translation>Eine Maschine dieses Namens gibt es schon.</translation>
    </message>
</context>
<context>
    <name>Manual</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>; %1 when not given</source>
        <translation>; ohne Angabe %1</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPTIONEN</translation>
    </message>
    <message>
        <source>User Commands</source>
        <translation>Dienstprogramme für Benutzer</translation>
    </message>
    <message>
        <source>NAME</source>
        <translation>BEZEICHNUNG</translation>
    </message>
    <message>
        <source>SYNOPSIS</source>
        <translation>ÜBERSICHT</translation>
    </message>
    <message>
        <source>DESCRIPTION</source>
        <translation>BESCHREIBUNG</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>BEFEHLE</translation>
    </message>
    <message>
        <source>EXIT STATUS</source>
        <translation>EXIT-STATUS</translation>
    </message>
    <message>
        <source>SEE ALSO</source>
        <translation>SIEHE AUCH</translation>
    </message>
    <message>
        <source>The user guide, in the program&apos;s Help menu.</source>
        <translation>Das Handbuch, im Menü Hilfe des Programms.</translation>
    </message>
</context>
<context>
    <name>OutputDialogs</name>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Simulate faults</source>
        <translation>Fehler vortäuschen</translation>
    </message>
    <message>
        <source>The practice devices behave as badly as you ask, so that everything can be tried without spoiling a sheet.</source>
        <translation>Die Übungsgeräte benehmen sich so schlecht, wie Sie verlangen, damit sich alles ausprobieren lässt, ohne einen Bogen zu verderben.</translation>
    </message>
    <message>
        <source>Practice cutter: how the sheet lies</source>
        <translation>Übungsschneider: wie der Bogen liegt</translation>
    </message>
    <message>
        <source>Too far right</source>
        <translation>Zu weit rechts</translation>
    </message>
    <message>
        <source>Too far down</source>
        <translation>Zu weit unten</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Upside down</source>
        <translation>Kopfüber</translation>
    </message>
    <message>
        <source>Any crooked way</source>
        <translation>Beliebig schief</translation>
    </message>
    <message>
        <source>As a sheet may be laid in by hand</source>
        <translation>Wie ein Bogen von Hand eingelegt wird</translation>
    </message>
    <message>
        <source>Marks and sensor</source>
        <translation>Marken und Sensor</translation>
    </message>
    <message>
        <source>Smudged</source>
        <translation>Verschmiert</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Verdeckt</translation>
    </message>
    <message>
        <source>Sensor noise</source>
        <translation>Rauschen des Sensors</translation>
    </message>
    <message>
        <source>of 255</source>
        <translation>von 255</translation>
    </message>
    <message>
        <source>Practice printer</source>
        <translation>Übungsdrucker</translation>
    </message>
    <message>
        <source>Stretched across</source>
        <translation>Quer gestreckt</translation>
    </message>
    <message>
        <source>Stretched down</source>
        <translation>Längs gestreckt</translation>
    </message>
    <message>
        <source>Prints too far right</source>
        <translation>Druckt zu weit rechts</translation>
    </message>
    <message>
        <source>Prints too far down</source>
        <translation>Druckt zu weit unten</translation>
    </message>
    <message>
        <source>Ink spreads</source>
        <translation>Tinte läuft</translation>
    </message>
    <message>
        <source>Edges it leaves blank</source>
        <translation>Kanten, die er leer lässt</translation>
    </message>
    <message>
        <source>Practice cutter: blade and line</source>
        <translation>Übungsschneider: Klinge und Linie</translation>
    </message>
    <message>
        <source>Blade trails by</source>
        <translation>Klinge läuft nach um</translation>
    </message>
    <message>
        <source>Play in its axes</source>
        <translation>Spiel in ihren Achsen</translation>
    </message>
    <message>
        <source>Connection drops after</source>
        <translation>Verbindung bricht ab nach</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>−1 for never</source>
        <translation>−1 für nie</translation>
    </message>
    <message>
        <source>Use these</source>
        <translation>Diese verwenden</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Force</source>
        <translation>Kraft</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Geschwindigkeit</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Durchgänge</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>Kiss-Cut</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Ritzen</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Durchtrennen</translation>
    </message>
    <message>
        <source>Blade</source>
        <translation>Klinge</translation>
    </message>
    <message>
        <source>The tip of a drag blade trails its axis; Fusuma leads it round corners. Leave 0 when the machine does that itself.</source>
        <translation>Die Spitze einer Schleppklinge läuft ihrer Achse nach; Fusuma führt sie um Ecken. 0 lassen, wenn die Maschine das selbst tut.</translation>
    </message>
    <message>
        <source>Tip trails by</source>
        <translation>Spitze läuft nach um</translation>
    </message>
    <message>
        <source>Overcut</source>
        <translation>Überschnitt</translation>
    </message>
    <message>
        <source>Scores and tabs</source>
        <translation>Ritzen und Stege</translation>
    </message>
    <message>
        <source>Dash</source>
        <translation>Strichlänge</translation>
    </message>
    <message>
        <source>Gap (0: unbroken)</source>
        <translation>Lücke (0: durchgehend)</translation>
    </message>
    <message>
        <source>Tabs on each through cut</source>
        <translation>Stege je Durchtrennung</translation>
    </message>
    <message>
        <source>Length of a tab</source>
        <translation>Länge eines Stegs</translation>
    </message>
    <message>
        <source>Keep it under this name for other projects</source>
        <translation>Unter diesem Namen für andere Projekte behalten</translation>
    </message>
    <message>
        <source>Save a test square…</source>
        <translation>Testquadrat speichern…</translation>
    </message>
    <message>
        <source>HP-GL of a 20 mm square in a 30 mm one: kiss inside, through outside. Lift a corner to see whether the force is right.</source>
        <translation>HP-GL eines Quadrats von 20 mm in einem von 30 mm: innen Kiss-Cut, außen durchgetrennt. Eine Ecke anheben, um zu sehen, ob die Kraft stimmt.</translation>
    </message>
    <message>
        <source>test square</source>
        <translation>Testquadrat</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Verwenden</translation>
    </message>
    <message>
        <source>Inks of cut lines</source>
        <translation>Farben der Schnittlinien</translation>
    </message>
    <message>
        <source>In a PDF each kind of cut is a layer in a spot colour of its own. Print shops ask for certain names.</source>
        <translation>In einem PDF ist jede Schnittart eine Ebene in eigener Sonderfarbe. Druckereien verlangen bestimmte Namen.</translation>
    </message>
</context>
<context>
    <name>Parts</name>
    <message>
        <source>print this help and end</source>
        <translation>gibt diese Hilfe aus und endet</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>Usage</source>
        <translation>Aufruf</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPTIONEN</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>BEFEHL</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>BEFEHLE</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>nötig</translation>
    </message>
    <message>
        <source>goes with</source>
        <translation>gehört zu</translation>
    </message>
    <message>
        <source>not with</source>
        <translation>nicht mit</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>TEXT</translation>
    </message>
    <message>
        <source>NUMBER</source>
        <translation>ZAHL</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Befehle</translation>
    </message>
</context>
<context>
    <name>QFileDialog</name>
    <message>
        <source>“%1” is there already. Replace it?</source>
        <translation>„%1“ ist schon da. Ersetzen?</translation>
    </message>
    <message>
        <source>%1 files are there already. Replace them?

%2</source>
        <translation>%1 Dateien sind schon da. Ersetzen?

%2</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Pictures, drawings and PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</source>
        <translation>Bilder, Zeichnungen und PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</translation>
    </message>
    <message>
        <source>Fusuma</source>
        <translation>Fusuma</translation>
    </message>
    <message>
        <source>Qt</source>
        <translation>Qt</translation>
    </message>
    <message>
        <source>System</source>
        <translation>System</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Screen</source>
        <translation>Bildschirm</translation>
    </message>
    <message>
        <source>%1 × %2 px, %3 dpi, scale %4</source>
        <translation>%1 × %2 px, %3 dpi, Maßstab %4</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>Families of fonts</source>
        <translation>Schriftfamilien</translation>
    </message>
    <message>
        <source>Printers</source>
        <translation>Drucker</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>Letzte Meldungen</translation>
    </message>
    <message>
        <source>About this machine</source>
        <translation>Über diesen Rechner</translation>
    </message>
    <message>
        <source>For a report of something that went wrong. Places and names of files are left out where they can be told; read the messages before you send them.</source>
        <translation>Für einen Bericht über etwas, das schiefging. Orte und Dateinamen bleiben weg, wo sie zu erkennen sind; die Meldungen vor dem Senden lesen.</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>An&amp;ordnen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>Exemplare entfernen</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppieren</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>Gruppe auflösen</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Entsperren</translation>
    </message>
    <message>
        <source>Make one: %1</source>
        <translation>Eines daraus machen: %1</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Teilen</translation>
    </message>
    <message>
        <source>Part the cluster</source>
        <translation>Verbund auflösen</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Ganz nach vorn</translation>
    </message>
    <message>
        <source>To the back</source>
        <translation>Ganz nach hinten</translation>
    </message>
    <message>
        <source>Add a page</source>
        <translation>Seite hinzufügen</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>Seite hinzufügen</translation>
    </message>
    <message>
        <source>Remove this page</source>
        <translation>Diese Seite entfernen</translation>
    </message>
    <message>
        <source>Remove page</source>
        <translation>Seite entfernen</translation>
    </message>
    <message>
        <source>Move to the next page</source>
        <translation>Auf die nächste Seite</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
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
        <source>Paste copies or a picture</source>
        <translation>Exemplare oder ein Bild einfügen</translation>
    </message>
    <message>
        <source>Select all copies</source>
        <translation>Alle Exemplare wählen</translation>
    </message>
    <message>
        <source>Select all of this sticker</source>
        <translation>Alle dieses Aufklebers wählen</translation>
    </message>
    <message>
        <source>Find anything…</source>
        <translation>Alles finden…</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Neues Projekt</translation>
    </message>
    <message>
        <source>New window</source>
        <translation>Neues Fenster</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>Projekt öffnen…</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Motiv hinzufügen…</translation>
    </message>
    <message>
        <source>Scan…</source>
        <translation>Scannen…</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern unter…</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>Save the PDF to print…</source>
        <translation>PDF zum Drucken speichern…</translation>
    </message>
    <message>
        <source>Save the cut lines as SVG…</source>
        <translation>Schnittlinien als SVG speichern…</translation>
    </message>
    <message>
        <source>Save the cut lines as DXF…</source>
        <translation>Schnittlinien als DXF speichern…</translation>
    </message>
    <message>
        <source>Save the cut lines as HP-GL…</source>
        <translation>Schnittlinien als HP-GL speichern…</translation>
    </message>
    <message>
        <source>Check a cut file…</source>
        <translation>Schneidedatei prüfen…</translation>
    </message>
    <message>
        <source>Photo board…</source>
        <translation>Fototafel…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>User guide</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Keys…</source>
        <translation>Tasten…</translation>
    </message>
    <message>
        <source>First sheet in five steps</source>
        <translation>Erster Bogen in fünf Schritten</translation>
    </message>
    <message>
        <source>1. Drop a picture on the window.
2. On the Bench, set the border and the size.
3. On the Sheet, choose your paper and fill it with copies.
4. When the strip below has nothing to fix, go to Output and print at actual size. The print gets a ticket: its code stands on the paper, and what it says is what will be cut.
5. Load the sheet, let the marks be found, and cut. The practice printer and cutter show all of it without paper.</source>
        <translation>1. Ein Bild auf das Fenster ziehen.
2. Auf der Werkbank Rand und Größe einstellen.
3. Auf dem Bogen das Papier wählen und mit Exemplaren füllen.
4. Wenn der Streifen unten nichts zu beheben hat, zur Ausgabe gehen und in Originalgröße drucken. Der Druck bekommt einen Laufzettel: sein Code steht auf dem Papier, und was er sagt, wird geschnitten.
5. Den Bogen einlegen, die Marken finden lassen, schneiden. Übungsdrucker und Übungsschneider zeigen all das ohne Papier.</translation>
    </message>
    <message>
        <source>Last messages…</source>
        <translation>Letzte Meldungen…</translation>
    </message>
    <message>
        <source>About this machine…</source>
        <translation>Über diesen Rechner…</translation>
    </message>
    <message>
        <source>About Fusuma</source>
        <translation>Über Fusuma</translation>
    </message>
    <message>
        <source>Fusuma %1 prints and cuts sticker sheets.

Free software under the GNU General Public License, version 3 or later. Set in Inter, and shipped with Cabin, Dancing Script, Lobster Two and Quicksand for labels, all under the SIL Open Font License.</source>
        <translation>Fusuma %1 druckt und schneidet Aufkleberbögen.

Freie Software unter der GNU General Public License, Version 3 oder neuer. Gesetzt in Inter, und mit Cabin, Dancing Script, Lobster Two und Quicksand für Etiketten, alle unter der SIL Open Font License.</translation>
    </message>
    <message>
        <source>&amp;Sticker</source>
        <translation>A&amp;ufkleber</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Neues Etikett…</translation>
    </message>
    <message>
        <source>Save the label as a template…</source>
        <translation>Etikett als Vorlage speichern…</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>Auf den Bogen legen</translation>
    </message>
    <message>
        <source>Put some of each on the sheet…</source>
        <translation>Von jedem einige auf den Bogen legen…</translation>
    </message>
    <message>
        <source>Put some of each on the sheet</source>
        <translation>Von jedem einige auf den Bogen legen</translation>
    </message>
    <message>
        <source>Copies of every sticker</source>
        <translation>Exemplare jedes Aufklebers</translation>
    </message>
    <message>
        <source>Move the cut line&apos;s nodes</source>
        <translation>Knoten der Schnittlinie verschieben</translation>
    </message>
    <message>
        <source>Draw a cut line by hand</source>
        <translation>Schnittlinie von Hand zeichnen</translation>
    </message>
    <message>
        <source>Draw a cut line with the pen</source>
        <translation>Schnittlinie mit der Feder zeichnen</translation>
    </message>
    <message>
        <source>Close or open single holes</source>
        <translation>Einzelne Löcher schließen oder öffnen</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>Motiv ersetzen…</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>Aufkleber duplizieren</translation>
    </message>
    <message>
        <source>Move up in the tray</source>
        <translation>In der Ablage nach oben</translation>
    </message>
    <message>
        <source>Move down in the tray</source>
        <translation>In der Ablage nach unten</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>Aus dem Projekt entfernen…</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Put all settings back</source>
        <translation>Alle Einstellungen zurücksetzen</translation>
    </message>
    <message>
        <source>How the window looks, widths of panels, what is open, last folders, last projects and the screen&apos;s size become as they were at first. Printers, cutters, machines, materials and lenses that you saved stay. Projects are not touched.</source>
        <translation>Wie das Fenster aussieht, Breiten der Leisten, was offen ist, letzte Ordner, letzte Projekte und die Größe des Bildschirms werden wie am Anfang. Gespeicherte Drucker, Schneider, Maschinen, Materialien und Objektive bleiben. Projekte bleiben unberührt.</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Go to the Bench</source>
        <translation>Zur Werkbank gehen</translation>
    </message>
    <message>
        <source>Go to the Sheet</source>
        <translation>Zum Bogen gehen</translation>
    </message>
    <message>
        <source>Go to the Output</source>
        <translation>Zur Ausgabe gehen</translation>
    </message>
    <message>
        <source>Fold the left panel</source>
        <translation>Linke Leiste falten</translation>
    </message>
    <message>
        <source>Fold the right panel</source>
        <translation>Rechte Leiste falten</translation>
    </message>
    <message>
        <source>Next pane</source>
        <translation>Nächster Fensterteil</translation>
    </message>
    <message>
        <source>Pane before</source>
        <translation>Voriger Fensterteil</translation>
    </message>
    <message>
        <source>Shift+F6</source>
        <translation>Umschalt+F6</translation>
    </message>
    <message>
        <source>Move the pointer by keys</source>
        <translation>Zeiger mit Tasten bewegen</translation>
    </message>
    <message>
        <source>True size on the Sheet</source>
        <translation>Wahre Größe auf dem Bogen</translation>
    </message>
    <message>
        <source>Set the screen&apos;s size…</source>
        <translation>Größe des Bildschirms…</translation>
    </message>
    <message>
        <source>Measure on the Sheet</source>
        <translation>Auf dem Bogen messen</translation>
    </message>
    <message>
        <source>Next unit</source>
        <translation>Nächste Einheit</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Aussehen: %1</translation>
    </message>
    <message>
        <source>Put all settings back…</source>
        <translation>Alle Einstellungen zurücksetzen…</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>„%1“ wird gelesen</translation>
    </message>
    <message>
        <source>Working out %1</source>
        <translation>%1 wird berechnet</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Arbeitet</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Ungespeicherte Arbeit</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Verschieben</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>Größe der Exemplare ändern</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Save a smaller PDF to print…</source>
        <translation>Kleineres PDF zum Drucken speichern…</translation>
    </message>
    <message>
        <source>Colours of the screen</source>
        <translation>Farben des Bildschirms</translation>
    </message>
    <message>
        <source>by its profile</source>
        <translation>nach seinem Profil</translation>
    </message>
    <message>
        <source>sRGB</source>
        <translation>sRGB</translation>
    </message>
    <message numerus="yes">
        <source>Working out %n stickers</source>
        <translation>
            <numerusform>%n Aufkleber wird berechnet</numerusform>
            <numerusform>%n Aufkleber werden berechnet</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>SaveMade</name>
    <message>
        <source>Save as</source>
        <translation>Speichern unter</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>HP-GL</source>
        <translation>HP-GL</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 gespeichert.</translation>
    </message>
</context>
<context>
    <name>ScanDialog</name>
    <message>
        <source>Scan</source>
        <translation>Scannen</translation>
    </message>
    <message>
        <source>Scanner</source>
        <translation>Scanner</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Auflösung</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Grau</translation>
    </message>
    <message>
        <source>Looking for scanners…</source>
        <translation>Scanner werden gesucht…</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>Vorschau</translation>
    </message>
    <message>
        <source>A quick look at all that lies in the scanner.</source>
        <translation>Ein schneller Blick auf alles, was im Scanner liegt.</translation>
    </message>
    <message>
        <source>Scan it</source>
        <translation>Scannen</translation>
    </message>
    <message>
        <source>It becomes a sticker; then scan the next.</source>
        <translation>Es wird ein Aufkleber; dann das nächste scannen.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Ends the scan; nothing of it is kept.</source>
        <translation>Beendet den Scan; nichts davon bleibt.</translation>
    </message>
    <message>
        <source>Having a look…</source>
        <translation>Wird angesehen…</translation>
    </message>
    <message>
        <source>Scanning…</source>
        <translation>Wird gescannt…</translation>
    </message>
    <message>
        <source>Draw a box round what is to be scanned.</source>
        <translation>Einen Kasten um das ziehen, was gescannt werden soll.</translation>
    </message>
    <message>
        <source>scan %1.png</source>
        <translation>scan %1.png</translation>
    </message>
    <message>
        <source>Scanned: it is in the tray. Lay in the next.</source>
        <translation>Gescannt: in der Ablage. Das nächste einlegen.</translation>
    </message>
</context>
<context>
    <name>SetRight</name>
    <message>
        <source>%1 mm %2 and %3 mm %4</source>
        <translation>%1 mm %2 und %3 mm %4</translation>
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
        <source>up</source>
        <translation>nach oben</translation>
    </message>
    <message>
        <source>down</source>
        <translation>nach unten</translation>
    </message>
    <message>
        <source>Print it…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>On a printer of this computer</source>
        <translation>Auf einem Drucker dieses Rechners</translation>
    </message>
    <message>
        <source>Save it as PDF…</source>
        <translation>Als PDF speichern…</translation>
    </message>
    <message>
        <source>To print it elsewhere, at actual size</source>
        <translation>Zum Drucken anderswo, in Originalgröße</translation>
    </message>
    <message>
        <source>Set the printer right</source>
        <translation>Drucker einrichten</translation>
    </message>
    <message>
        <source>1. Print this page on the paper you use, at actual size.</source>
        <translation>1. Diese Seite auf dem Papier drucken, das Sie verwenden, in Originalgröße.</translation>
    </message>
    <message>
        <source>measuring page</source>
        <translation>Messseite</translation>
    </message>
    <message>
        <source>2. Measure its three lengths with a ruler and type them in. The same numbers are printed on the page: when yours agree, nothing needs setting.</source>
        <translation>2. Die drei Längen mit einem Lineal messen und eintragen. Dieselben Zahlen stehen auf der Seite: stimmen Ihre überein, ist nichts einzustellen.</translation>
    </message>
    <message>
        <source>A: from the left edge</source>
        <translation>A: von der linken Kante</translation>
    </message>
    <message>
        <source>B: from the top edge</source>
        <translation>B: von der oberen Kante</translation>
    </message>
    <message>
        <source>C: between the ticks</source>
        <translation>C: zwischen den Strichen</translation>
    </message>
    <message>
        <source>Measure it in a photograph…</source>
        <translation>In einem Foto messen…</translation>
    </message>
    <message>
        <source>Lay the printed page on a darker table and take it whole: its edges and its dots tell the three lengths.</source>
        <translation>Die gedruckte Seite auf einen dunkleren Tisch legen und ganz aufnehmen: Kanten und Punkte sagen die drei Längen.</translation>
    </message>
    <message>
        <source>Prints will be moved %1, and be stretched to %2 %.</source>
        <translation>Drucke werden %1 verschoben und auf %2 % gestreckt.</translation>
    </message>
    <message>
        <source>That is more than 20 mm or 20 % off: was the page printed at actual size?</source>
        <translation>Das ist mehr als 20 mm oder 20 % daneben: wurde die Seite in Originalgröße gedruckt?</translation>
    </message>
    <message>
        <source>Seen with an error of %1 mm left. The print is turned on its paper by %2°, which a printer&apos;s guides mend and a correction does not.</source>
        <translation>Mit einem Restfehler von %1 mm gesehen. Der Druck ist auf seinem Papier um %2° gedreht, was die Führungen des Druckers richten und eine Korrektur nicht.</translation>
    </message>
    <message>
        <source>The photograph of the printed page</source>
        <translation>Das Foto der gedruckten Seite</translation>
    </message>
    <message>
        <source>Looking for the page…</source>
        <translation>Die Seite wird gesucht…</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Verwenden</translation>
    </message>
    <message>
        <source>Set the machine right</source>
        <translation>Maschine einrichten</translation>
    </message>
    <message>
        <source>The cut zone is too small for a test sheet.</source>
        <translation>Der Schneidebereich ist zu klein für einen Testbogen.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>1. Print the test sheet, then cut it with its HP-GL as you cut your stickers.</source>
        <translation>1. Den Testbogen drucken, dann mit seinem HP-GL schneiden, wie Sie Ihre Aufkleber schneiden.</translation>
    </message>
    <message>
        <source>machine test</source>
        <translation>Maschinentest</translation>
    </message>
    <message>
        <source>Save its cut as HP-GL…</source>
        <translation>Seinen Schnitt als HP-GL speichern…</translation>
    </message>
    <message>
        <source>For your cutter</source>
        <translation>Für Ihren Schneider</translation>
    </message>
    <message>
        <source>2. How far was each square cut beside its print? Right and down count positive.</source>
        <translation>2. Wie weit neben seinem Druck wurde jedes Quadrat geschnitten? Rechts und unten zählen positiv.</translation>
    </message>
    <message>
        <source>Square %1, right</source>
        <translation>Quadrat %1, nach rechts</translation>
    </message>
    <message>
        <source>Square %1, down</source>
        <translation>Quadrat %1, nach unten</translation>
    </message>
    <message>
        <source>Cuts will be moved %1, turned %2° and stretched to %3 × %4 %.</source>
        <translation>Schnitte werden %1 verschoben, um %2° gedreht und auf %3 × %4 % gestreckt.</translation>
    </message>
    <message>
        <source>Photo board</source>
        <translation>Fototafel</translation>
    </message>
    <message>
        <source>A sheet with marks round a free inside. A photograph of whatever lies on it is laid flat in true millimetres, and a printed sheet on it is found for your cutter. Print it at actual size on stiff paper.</source>
        <translation>Ein Blatt mit Marken um eine freie Mitte. Ein Foto von allem, was darauf liegt, wird in wahren Millimetern flach gelegt, und ein gedruckter Bogen darauf wird für Ihren Schneider gefunden. In Originalgröße auf festes Papier drucken.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>photo board</source>
        <translation>Fototafel</translation>
    </message>
    <message>
        <source>Or let your cutter draw it with a pen in place of the blade: then its marks lie where the machine says, however the paper lies in it.</source>
        <translation>Oder Ihren Schneider sie mit einem Stift anstelle der Klinge zeichnen lassen: dann liegen ihre Marken, wo die Maschine sagt, wie auch das Papier darin liegt.</translation>
    </message>
    <message>
        <source>Save it as HP-GL to draw…</source>
        <translation>Als HP-GL zum Zeichnen speichern…</translation>
    </message>
    <message>
        <source>In the ways of a machine with nothing special</source>
        <translation>Auf die Art einer Maschine ohne Besonderes</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
</context>
<context>
    <name>SplitDialog</name>
    <message>
        <source>%1 pieces, in reading order</source>
        <translation>%1 Stücke, in Leserichtung</translation>
    </message>
    <message>
        <source>One sticker for each piece</source>
        <translation>Ein Aufkleber für jedes Stück</translation>
    </message>
    <message>
        <source>Nearer than this is one piece</source>
        <translation>Näher als dies ist ein Stück</translation>
    </message>
    <message>
        <source>One name for all, which are numbered, or several with commas between, in the order of the numbers</source>
        <translation>Ein Name für alle, die nummeriert werden, oder mehrere mit Kommas dazwischen, in der Reihenfolge der Nummern</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Namen</translation>
    </message>
    <message>
        <source>Cut them where they lie on the board; print nothing</source>
        <translation>Dort schneiden, wo sie auf der Tafel liegen; nichts drucken</translation>
    </message>
    <message>
        <source>Make the stickers</source>
        <translation>Aufkleber machen</translation>
    </message>
    <message>
        <source>%1 pieces are too many: is the background taken away?</source>
        <translation>%1 Stücke sind zu viele: ist der Hintergrund entfernt?</translation>
    </message>
    <message>
        <source>%1 pieces, numbered as they are read. They share the picture: laying it flat anew corrects all.</source>
        <translation>%1 Stücke, nummeriert in Leserichtung. Sie teilen sich das Bild: wird es neu flach gelegt, stimmen alle.</translation>
    </message>
    <message>
        <source>All of it is one piece.</source>
        <translation>Alles ist ein Stück.</translation>
    </message>
</context>
<context>
    <name>TrayCard</name>
    <message>
        <source>something to fix</source>
        <translation>etwas zu beheben</translation>
    </message>
    <message>
        <source>something to look at</source>
        <translation>etwas anzusehen</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>%1 — %2. Double-click to open it on the Bench.</source>
        <translation>%1 — %2. Doppelklick öffnet ihn auf der Werkbank.</translation>
    </message>
    <message>
        <source>Name of the sticker</source>
        <translation>Name des Aufklebers</translation>
    </message>
    <message>
        <source>Open on the Bench</source>
        <translation>Auf der Werkbank öffnen</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>not worked out yet</source>
        <translation>noch nicht berechnet</translation>
    </message>
</context>
<context>
    <name>arrow_pad</name>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>von Ihnen weg</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>auf Sie zu</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>fusuma::CutSender</name>
    <message>
        <source>“%1” does not answer any more.</source>
        <translation>„%1“ antwortet nicht mehr.</translation>
    </message>
    <message>
        <source>“%1” refused a line (%2) and waits with its blade up.</source>
        <translation>„%1“ hat eine Linie abgelehnt (%2) und wartet mit der Klinge oben.</translation>
    </message>
</context>
<context>
    <name>fusuma::CutterLink</name>
    <message>
        <source>“%1” has no line to this computer: it only gets files.</source>
        <translation>„%1“ hat keine Leitung zu diesem Rechner: er bekommt nur Dateien.</translation>
    </message>
    <message>
        <source>There is no %1: is the cable in, and the machine on?</source>
        <translation>Es gibt kein %1: steckt das Kabel, und ist die Maschine an?</translation>
    </message>
    <message>
        <source>You may not use %1. Join the group “%2” (sudo adduser $USER %2), then log in again.</source>
        <translation>Sie dürfen %1 nicht benutzen. Der Gruppe „%2“ beitreten (sudo adduser $USER %2), dann neu anmelden.</translation>
    </message>
    <message>
        <source>%1 cannot be opened: %2.</source>
        <translation>%1 kann nicht geöffnet werden: %2.</translation>
    </message>
    <message>
        <source>The line to the cutter at %1 dropped: %2.</source>
        <translation>Die Leitung zum Schneider an %1 brach ab: %2.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::AddArtwork</name>
    <message>
        <source>Add artwork</source>
        <translation>Motiv hinzufügen</translation>
    </message>
    <message>
        <source>Choose a label in the tray first.</source>
        <translation>Zuerst ein Etikett in der Ablage wählen.</translation>
    </message>
    <message>
        <source>Save the label as a template</source>
        <translation>Etikett als Vorlage speichern</translation>
    </message>
    <message>
        <source>Label templates</source>
        <translation>Etikettvorlagen</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 gespeichert.</translation>
    </message>
    <message>
        <source>Addresses of the web cannot be opened. Save the picture as a file first, then drop that.</source>
        <translation>Adressen im Netz können nicht geöffnet werden. Das Bild zuerst als Datei speichern und diese ablegen.</translation>
    </message>
    <message>
        <source>pasted-picture.png</source>
        <translation>eingefuegtes-bild.png</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard. Copy one, or a file, then paste.</source>
        <translation>In der Zwischenablage ist kein Bild. Eines oder eine Datei kopieren, dann einfügen.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ArtworkStep</name>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>How finely the page is drawn. 300 dpi is plenty for printing at its own size.</source>
        <translation>Wie fein die Seite gezeichnet wird. 300 dpi genügen für den Druck in eigener Größe.</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>Gezeichnet mit</translation>
    </message>
    <message>
        <source>Lay it flat…</source>
        <translation>Flach legen…</translation>
    </message>
    <message>
        <source>For photographs: by the photo board, a sheet of paper, a card or four corners, in true millimetres.</source>
        <translation>Für Fotos: nach der Fototafel, einem Blatt Papier, einer Karte oder vier Ecken, in wahren Millimetern.</translation>
    </message>
    <message>
        <source>One sticker for each piece…</source>
        <translation>Ein Aufkleber für jedes Stück…</translation>
    </message>
    <message>
        <source>A page of drawings becomes a sticker for each; they share the picture.</source>
        <translation>Aus einer Seite mit Zeichnungen wird je ein Aufkleber; sie teilen sich das Bild.</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Beschneiden</translation>
    </message>
    <message>
        <source>Draw a box round the part to use. The rest is kept aside, not lost.</source>
        <translation>Einen Kasten um den Teil ziehen, der verwendet wird. Der Rest bleibt beiseite, er geht nicht verloren.</translation>
    </message>
    <message>
        <source>Use all of it</source>
        <translation>Alles verwenden</translation>
    </message>
    <message>
        <source>Take the crop away.</source>
        <translation>Den Beschnitt des Bildes aufheben.</translation>
    </message>
    <message>
        <source>Clockwise. Steps with the arrow keys.</source>
        <translation>Im Uhrzeigersinn. Schritte mit den Pfeiltasten.</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Gedreht um</translation>
    </message>
    <message>
        <source>Quarter left</source>
        <translation>Viertel links</translation>
    </message>
    <message>
        <source>Turn by 90° anticlockwise.</source>
        <translation>Um 90° gegen den Uhrzeigersinn drehen.</translation>
    </message>
    <message>
        <source>Quarter right</source>
        <translation>Viertel rechts</translation>
    </message>
    <message>
        <source>Turn by 90° clockwise.</source>
        <translation>Um 90° im Uhrzeigersinn drehen.</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>Gespiegelt</translation>
    </message>
    <message>
        <source>Left and right exchanged, as for stickers behind glass.</source>
        <translation>Links und rechts getauscht, wie für Aufkleber hinter Glas.</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>Begradigen</translation>
    </message>
    <message>
        <source>Draw a line along what should be level or upright; the artwork turns to suit.</source>
        <translation>Eine Linie entlang dessen ziehen, was waagrecht oder senkrecht sein soll; das Motiv dreht sich danach.</translation>
    </message>
    <message>
        <source>page %1, drawn at %2 dpi</source>
        <translation>Seite %1, gezeichnet mit %2 dpi</translation>
    </message>
    <message>
        <source>laid flat, %1 × %2 mm</source>
        <translation>flach gelegt, %1 × %2 mm</translation>
    </message>
    <message>
        <source>saved at %1 dpi</source>
        <translation>gespeichert mit %1 dpi</translation>
    </message>
    <message>
        <source>no density in the file, 300 dpi assumed</source>
        <translation>keine Auflösung in der Datei, 300 dpi angenommen</translation>
    </message>
    <message>
        <source>%1, %2. Prints at %3 dpi at this size.</source>
        <translation>%1, %2. Wird in dieser Größe mit %3 dpi gedruckt.</translation>
    </message>
    <message>
        <source>%1, a drawing of %2 parts. Its edges are exact at every size.</source>
        <translation>%1, eine Zeichnung aus %2 Teilen. Ihre Kanten sind in jeder Größe exakt.</translation>
    </message>
    <message>
        <source>A label made here. Its edges are exact at every size.</source>
        <translation>Ein hier gemachtes Etikett. Seine Kanten sind in jeder Größe exakt.</translation>
    </message>
    <message>
        <source>Stickers joined to one. Each is kept as it was.</source>
        <translation>Zu einem verbundene Aufkleber. Jeder bleibt, wie er war.</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>gezeichnet</translation>
    </message>
    <message>
        <source>%1 × %2 px</source>
        <translation>%1 × %2 px</translation>
    </message>
    <message>
        <source>, laid flat</source>
        <translation>, flach gelegt</translation>
    </message>
    <message>
        <source>, cropped</source>
        <translation>, beschnitten</translation>
    </message>
    <message>
        <source>, turned</source>
        <translation>, gedreht</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BackgroundStep</name>
    <message>
        <source>What tells the art from its background, and what each way would give.</source>
        <translation>Was das Motiv vom Hintergrund unterscheidet, und was jeder Weg ergäbe.</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Hintergrund</translation>
    </message>
    <message>
        <source>Take a patch</source>
        <translation>Stelle wegnehmen</translation>
    </message>
    <message>
        <source>Click patches of one even colour in the picture, such as a gap the paper shows through. Esc puts the tool down.</source>
        <translation>Flächen einer Farbe im Bild anklicken, etwa eine Lücke, durch die das Papier scheint. Esc legt das Werkzeug weg.</translation>
    </message>
    <message>
        <source>Give back</source>
        <translation>Zurückgeben</translation>
    </message>
    <message>
        <source>Bring the last patch back.</source>
        <translation>Die letzte Stelle zurückholen.</translation>
    </message>
    <message>
        <source>Give a patch back</source>
        <translation>Eine Stelle zurückgeben</translation>
    </message>
    <message>
        <source>What is nearly that colour counts, too</source>
        <translation>Was fast diese Farbe hat, zählt auch</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>Higher takes more along. Too high eats into pale art.</source>
        <translation>Höher nimmt mehr mit. Zu hoch frisst in blasse Motive.</translation>
    </message>
    <message>
        <source>Fill the inside of line drawings</source>
        <translation>Inneres von Strichzeichnungen füllen</translation>
    </message>
    <message>
        <source>Whatever the lines enclose counts as art, so the figure becomes one solid piece.</source>
        <translation>Was die Linien einschließen, zählt als Motiv, so wird die Figur ein volles Stück.</translation>
    </message>
    <message>
        <source>Fill the inside</source>
        <translation>Inneres füllen</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>Auswahlkasten</translation>
    </message>
    <message>
        <source>Only what lies in the box becomes the sticker. Draw it in the picture.</source>
        <translation>Nur was im Kasten liegt, wird der Aufkleber. Im Bild ziehen.</translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Ganzes Bild</translation>
    </message>
    <message>
        <source>Take the focus box away.</source>
        <translation>Den Auswahlkasten wegnehmen.</translation>
    </message>
    <message>
        <source>Darker than this is art</source>
        <translation>Dunkler als dies ist Motiv</translation>
    </message>
    <message>
        <source>Raise it until the whole figure counts and no more.</source>
        <translation>Erhöhen, bis die ganze Figur zählt, und nicht mehr.</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>Whether the picked colours are the background, or all there is of the art.</source>
        <translation>Ob die gewählten Farben der Hintergrund sind, oder alles, was es vom Motiv gibt.</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Pick a colour in the picture</source>
        <translation>Farbe im Bild aufnehmen</translation>
    </message>
    <message>
        <source>Then click it in the picture. Every pick adds a colour; click one above to drop it.</source>
        <translation>Dann im Bild anklicken. Jeder Klick nimmt eine Farbe dazu; oben eine anklicken nimmt sie weg.</translation>
    </message>
    <message>
        <source>Also enclosed pockets of this colour</source>
        <translation>Auch eingeschlossene Flächen dieser Farbe</translation>
    </message>
    <message>
        <source>Off, only what is joined to the picture&apos;s edge is taken away.</source>
        <translation>Aus, wird nur entfernt, was mit der Kante des Bildes verbunden ist.</translation>
    </message>
    <message>
        <source>Pockets</source>
        <translation>Taschen</translation>
    </message>
    <message>
        <source>Without a box</source>
        <translation>Ohne Kasten</translation>
    </message>
    <message>
        <source>Look at nearly the whole picture.</source>
        <translation>Fast das ganze Bild ansehen.</translation>
    </message>
    <message>
        <source>Box round it</source>
        <translation>Kasten darum</translation>
    </message>
    <message>
        <source>Draw a box round the subject: what lies outside is ground.</source>
        <translation>Einen Kasten um den Gegenstand ziehen: was außerhalb liegt, ist Grund.</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>Dies gehört dazu</translation>
    </message>
    <message>
        <source>Paint over a part of the subject that was left out; a short stroke will do.</source>
        <translation>Über einen Teil des Gegenstands malen, der weggelassen wurde; ein kurzer Strich genügt.</translation>
    </message>
    <message>
        <source>This does not</source>
        <translation>Dies nicht</translation>
    </message>
    <message>
        <source>Paint over ground that was taken along; a short stroke will do.</source>
        <translation>Über Grund malen, der mitgenommen wurde; ein kurzer Strich genügt.</translation>
    </message>
    <message>
        <source>Light that falls unevenly on paper, with its shadows, is divided out.</source>
        <translation>Licht, das ungleich auf Papier fällt, wird mit seinen Schatten herausgerechnet.</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Uneven light</source>
        <translation>Ungleiches Licht</translation>
    </message>
    <message>
        <source>Print the evened picture</source>
        <translation>Das ausgeglichene Bild drucken</translation>
    </message>
    <message>
        <source>Off, the picture is printed as it came; evening only tells the art from the paper.</source>
        <translation>Aus, wird das Bild gedruckt, wie es kam; das Ausgleichen unterscheidet nur Motiv und Papier.</translation>
    </message>
    <message>
        <source>Print no ink on paper</source>
        <translation>Keine Farbe auf Papier drucken</translation>
    </message>
    <message>
        <source>What is nearly as white as the paper becomes white. Colours of the art stay as they are.</source>
        <translation>Was fast so weiß ist wie das Papier, wird weiß. Farben des Motivs bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>Soft shadows that the art throws on a ground of one colour.</source>
        <translation>Weiche Schatten, die das Motiv auf einen einfarbigen Grund wirft.</translation>
    </message>
    <message>
        <source>Soft shadows</source>
        <translation>Weiche Schatten</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>Pinsel: hinzufügen</translation>
    </message>
    <message>
        <source>Paint over what should count as art. Hold Shift for a straight stroke.</source>
        <translation>Über das malen, was als Motiv zählen soll. Umschalt halten für einen geraden Strich.</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>Pinsel: löschen</translation>
    </message>
    <message>
        <source>Paint over what should not count as art. Hold Shift for a straight stroke.</source>
        <translation>Über das malen, was nicht als Motiv zählen soll. Umschalt halten für einen geraden Strich.</translation>
    </message>
    <message>
        <source>Across, in pixels of the picture.</source>
        <translation>Breite, in Pixeln des Bildes.</translation>
    </message>
    <message>
        <source>100 % has a sharp rim; lower fades out towards it.</source>
        <translation>100 % hat einen scharfen Rand; weniger läuft zum Rand hin aus.</translation>
    </message>
    <message>
        <source>Brush size</source>
        <translation>Größe des Pinsels</translation>
    </message>
    <message>
        <source>Brush hardness</source>
        <translation>Härte des Pinsels</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>Härte</translation>
    </message>
    <message>
        <source>Brush strokes</source>
        <translation>Pinselstriche</translation>
    </message>
    <message>
        <source>Every stroke stays: choose one to change its size or hardness, or to remove it.</source>
        <translation>Jeder Strich bleibt: einen wählen, um Größe oder Härte zu ändern oder ihn zu entfernen.</translation>
    </message>
    <message>
        <source>Turn round</source>
        <translation>Umkehren</translation>
    </message>
    <message>
        <source>Let the chosen stroke do the opposite.</source>
        <translation>Den gewählten Strich das Gegenteil tun lassen.</translation>
    </message>
    <message>
        <source>Brush stroke</source>
        <translation>Pinselstrich</translation>
    </message>
    <message>
        <source>Remove stroke</source>
        <translation>Strich entfernen</translation>
    </message>
    <message>
        <source>Take the chosen stroke out.</source>
        <translation>Den gewählten Strich herausnehmen.</translation>
    </message>
    <message>
        <source>%1. Click to drop it.</source>
        <translation>%1. Klicken, um sie wegzunehmen.</translation>
    </message>
    <message>
        <source>Drop a colour</source>
        <translation>Farbe wegnehmen</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>Add, %1 px</source>
        <translation>Dazu, %1 px</translation>
    </message>
    <message>
        <source>Erase, %1 px</source>
        <translation>Löschen, %1 px</translation>
    </message>
    <message>
        <source>Belongs, %1 px</source>
        <translation>Gehört dazu, %1 px</translation>
    </message>
    <message>
        <source>Does not belong, %1 px</source>
        <translation>Gehört nicht dazu, %1 px</translation>
    </message>
    <message>
        <source>%1 colours</source>
        <translation>%1 Farben</translation>
    </message>
    <message>
        <source>by brightness</source>
        <translation>nach Helligkeit</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>nur %1</translation>
    </message>
    <message>
        <source>%1 taken away</source>
        <translation>%1 entfernt</translation>
    </message>
    <message>
        <source>the subject</source>
        <translation>der Gegenstand</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>keine gefunden</translation>
    </message>
    <message>
        <source>clear already</source>
        <translation>schon transparent</translation>
    </message>
    <message>
        <source>, light evened</source>
        <translation>, Licht ausgeglichen</translation>
    </message>
    <message>
        <source>, no shadows</source>
        <translation>, ohne Schatten</translation>
    </message>
    <message>
        <source>, brushed</source>
        <translation>, gepinselt</translation>
    </message>
    <message>
        <source>, in a box</source>
        <translation>, in einem Kasten</translation>
    </message>
    <message>
        <source>Light, shadows and patches</source>
        <translation>Licht, Schatten und Stellen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchTools</name>
    <message>
        <source>Open a hole</source>
        <translation>Loch öffnen</translation>
    </message>
    <message>
        <source>Close a hole</source>
        <translation>Loch schließen</translation>
    </message>
    <message>
        <source>Take a patch away</source>
        <translation>Eine Stelle wegnehmen</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Farbe aufnehmen</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>Pinsel: hinzufügen</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>Pinsel: löschen</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>Dies gehört dazu</translation>
    </message>
    <message>
        <source>This does not belong</source>
        <translation>Dies gehört nicht dazu</translation>
    </message>
    <message>
        <source>Box round the subject</source>
        <translation>Kasten um den Gegenstand</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>Auswahlkasten</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Beschneiden</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>Begradigen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchView</name>
    <message>
        <source>The sticker with its cut line</source>
        <translation>Der Aufkleber mit seiner Schnittlinie</translation>
    </message>
    <message>
        <source>Look at</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>What to show: the result as it prints and is cut, the artwork as it came, how much counts as art, the outline with its nodes, or where outline and coverage disagree.</source>
        <translation>Was zu zeigen ist: das Ergebnis, wie es gedruckt und geschnitten wird, das Motiv, wie es kam, wie viel als Motiv zählt, der Umriss mit seinen Knoten, oder wo Umriss und Deckung sich widersprechen.</translation>
    </message>
    <message>
        <source>Look at: Result</source>
        <translation>Ansehen: Ergebnis</translation>
    </message>
    <message>
        <source>Look at: Artwork</source>
        <translation>Ansehen: Motiv</translation>
    </message>
    <message>
        <source>Look at: Coverage</source>
        <translation>Ansehen: Deckung</translation>
    </message>
    <message>
        <source>Look at: Outline</source>
        <translation>Ansehen: Umriss</translation>
    </message>
    <message>
        <source>Look at: Difference</source>
        <translation>Ansehen: Unterschied</translation>
    </message>
    <message>
        <source>Shown on</source>
        <translation>Gezeigt auf</translation>
    </message>
    <message>
        <source>The sticker as it is planned, or finished: cut out, on what it may be printed on or stuck to.</source>
        <translation>Der Aufkleber wie geplant, oder fertig: ausgeschnitten, auf dem, worauf er gedruckt oder geklebt wird.</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Wie geplant</translation>
    </message>
    <message>
        <source>On white paper</source>
        <translation>Auf weißem Papier</translation>
    </message>
    <message>
        <source>On clear film</source>
        <translation>Auf klarer Folie</translation>
    </message>
    <message>
        <source>On kraft</source>
        <translation>Auf Kraftpapier</translation>
    </message>
    <message>
        <source>On a dark ground</source>
        <translation>Auf dunklem Grund</translation>
    </message>
    <message>
        <source>Peel a corner</source>
        <translation>Ecke lösen</translation>
    </message>
    <message>
        <source>One corner lifted off its backing.</source>
        <translation>Eine Ecke vom Trägerpapier gelöst.</translation>
    </message>
    <message numerus="yes">
        <source>%n contours</source>
        <translation>
            <numerusform>%n Kontur</numerusform>
            <numerusform>%n Konturen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> · %n holes</source>
        <translation>
            <numerusform> · %n Loch</numerusform>
            <numerusform> · %n Löcher</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 nodes · %2</source>
        <translation> · %1 Knoten · %2</translation>
    </message>
    <message>
        <source> · thinnest %1</source>
        <translation> · dünnste Stelle %1</translation>
    </message>
    <message>
        <source>Drop a picture here</source>
        <translation>Hier ein Bild ablegen</translation>
    </message>
    <message>
        <source>A picture, a drawing or a PDF; or paste one with Ctrl+V. Transparency is best: its edge becomes the outline.</source>
        <translation>Ein Bild, eine Zeichnung oder ein PDF; oder mit Strg+V einfügen. Transparenz ist am besten: ihre Kante wird zum Umriss.</translation>
    </message>
    <message>
        <source>The outline follows the coverage everywhere in sight.</source>
        <translation>Der Umriss folgt der Deckung überall, wo man hinsieht.</translation>
    </message>
    <message>
        <source>art that the outline leaves out: %1 mm²</source>
        <translation>Motiv, das der Umriss weglässt: %1 mm²</translation>
    </message>
    <message>
        <source>taken in though it is no art: %1 mm²</source>
        <translation>mitgenommen, obwohl kein Motiv: %1 mm²</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>printed</source>
        <translation>gedruckt</translation>
    </message>
    <message>
        <source>not printed</source>
        <translation>nicht gedruckt</translation>
    </message>
    <message>
        <source>%1, finished %2 by %3</source>
        <translation>%1, fertig %2 mal %3</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BleedStep</name>
    <message>
        <source>What prints past the cut line, so that a cut that slips shows colour instead of paper.</source>
        <translation>Was über die Schnittlinie hinaus druckt, damit ein versetzter Schnitt Farbe statt Papier zeigt.</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Beschnitt</translation>
    </message>
    <message>
        <source>How far colour goes past the cut. 1 mm covers what most printers and cutters are off.</source>
        <translation>Wie weit Farbe über den Schnitt geht. 1 mm deckt, was die meisten Drucker und Schneider daneben liegen.</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Past the cut by</source>
        <translation>Über den Schnitt um</translation>
    </message>
    <message>
        <source>Bleed width</source>
        <translation>Breite des Beschnitts</translation>
    </message>
    <message>
        <source>The rim at the cut is paper, so there is no colour to carry on. Give it one in the Border step.</source>
        <translation>Der Saum am Schnitt ist Papier, also gibt es keine Farbe fortzusetzen. Im Schritt Rand eine geben.</translation>
    </message>
    <message>
        <source>The rim at the cut is paper: a slip would show a thin coloured edge. None suits a white border best.</source>
        <translation>Der Saum am Schnitt ist Papier: ein Versatz zeigte eine dünne farbige Kante. Zu einem weißen Rand passt am besten keiner.</translation>
    </message>
    <message>
        <source>The cut lies on print. Without bleed the smallest slip shows paper.</source>
        <translation>Der Schnitt liegt auf dem Druck. Ohne Beschnitt zeigt der kleinste Versatz Papier.</translation>
    </message>
    <message>
        <source>A slip of the cut shows nothing new: paper lies on both sides.</source>
        <translation>Ein Versatz des Schnitts zeigt nichts Neues: auf beiden Seiten liegt Papier.</translation>
    </message>
    <message>
        <source>Beside a close neighbour it is cut back halfway; preflight says so.</source>
        <translation>Neben einem nahen Nachbarn wird er auf halbem Weg gekürzt; die Vorprüfung sagt es.</translation>
    </message>
    <message>
        <source>The cut lies inside the art, which prints past it by itself.</source>
        <translation>Der Schnitt liegt im Motiv, das von selbst darüber hinaus druckt.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>nothing to carry on</source>
        <translation>nichts fortzusetzen</translation>
    </message>
    <message>
        <source>, art&apos;s colours</source>
        <translation>, Farben des Motivs</translation>
    </message>
    <message>
        <source>, rim&apos;s colour</source>
        <translation>, Farbe des Saums</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BorderStep</name>
    <message>
        <source>The white rim between art and cut. Below zero the cut goes inside the art, so no white shows.</source>
        <translation>Der weiße Rand zwischen Motiv und Schnitt. Unter null geht der Schnitt ins Motiv, so dass kein Weiß zu sehen ist.</translation>
    </message>
    <message>
        <source>Border width</source>
        <translation>Breite des Randes</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Border widths</source>
        <translation>Breiten des Randes</translation>
    </message>
    <message>
        <source>Grows with larger copies</source>
        <translation>Wächst mit größeren Exemplaren</translation>
    </message>
    <message>
        <source>Off, the border is the same millimetres on every copy, large or small.</source>
        <translation>Aus, hat der Rand auf jedem Exemplar dieselben Millimeter, ob groß oder klein.</translation>
    </message>
    <message>
        <source>Scale the border</source>
        <translation>Rand mitskalieren</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>Points that would stick out farther than this many widths are cut square.</source>
        <translation>Ecken, die mehr als so viele Breiten hinausragten, werden gerade gekappt.</translation>
    </message>
    <message>
        <source>Mitre limit</source>
        <translation>Grenze der Gehrung</translation>
    </message>
    <message>
        <source>Points up to</source>
        <translation>Zeigt nach oben</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>Holes smaller than this are closed.</source>
        <translation>Löcher kleiner als dies werden geschlossen.</translation>
    </message>
    <message>
        <source>Close those under</source>
        <translation>Schließen, wenn kleiner als</translation>
    </message>
    <message>
        <source>Click single holes</source>
        <translation>Einzelne Löcher anklicken</translation>
    </message>
    <message>
        <source>Click a hole in the picture to close it, or a closed one to open it.</source>
        <translation>Ein Loch im Bild anklicken, um es zu schließen, oder ein geschlossenes, um es zu öffnen.</translation>
    </message>
    <message>
        <source>Join pieces, inlets and tips</source>
        <translation>Stücke, Buchten und Spitzen verbinden</translation>
    </message>
    <message>
        <source>Parts of the border closer together than this grow together by a smooth bridge. The rim elsewhere stays as wide as it is.</source>
        <translation>Teile des Randes, die näher beieinander liegen als dies, wachsen mit einer glatten Brücke zusammen. Sonst bleibt der Saum so breit, wie er ist.</translation>
    </message>
    <message>
        <source>Join pieces</source>
        <translation>Stücke verbinden</translation>
    </message>
    <message>
        <source>Join pieces closer than</source>
        <translation>Stücke verbinden, näher als</translation>
    </message>
    <message>
        <source>One border round everything</source>
        <translation>Ein Rand um alles</translation>
    </message>
    <message>
        <source>Bridges all pieces the shortest way, however far apart, so the sticker comes off in one.</source>
        <translation>Verbindet alle Stücke auf kürzestem Weg, wie weit sie auch auseinander liegen, damit sich der Aufkleber in einem ablöst.</translation>
    </message>
    <message>
        <source>One border</source>
        <translation>Ein Rand</translation>
    </message>
    <message>
        <source>Narrow inlets tear under the blade. Those under this width are filled.</source>
        <translation>Schmale Buchten reißen unter der Klinge. Solche unter dieser Breite werden gefüllt.</translation>
    </message>
    <message>
        <source>Fill inlets</source>
        <translation>Buchten füllen</translation>
    </message>
    <message>
        <source>No gap narrower than</source>
        <translation>Keine Lücke schmaler als</translation>
    </message>
    <message>
        <source>Thin spikes bend and tear. Those under this width are cut off.</source>
        <translation>Dünne Spitzen biegen sich und reißen. Solche unter dieser Breite werden gekappt.</translation>
    </message>
    <message>
        <source>Cut off spikes</source>
        <translation>Spitzen kappen</translation>
    </message>
    <message>
        <source>No tip thinner than</source>
        <translation>Keine Spitze dünner als</translation>
    </message>
    <message>
        <source>Printed with</source>
        <translation>Gedruckt mit</translation>
    </message>
    <message>
        <source>The border is printed with</source>
        <translation>Der Rand wird gedruckt mit</translation>
    </message>
    <message>
        <source>Border colour</source>
        <translation>Farbe des Randes</translation>
    </message>
    <message>
        <source>Add a rim inside</source>
        <translation>Saum innen hinzufügen</translation>
    </message>
    <message>
        <source>A printed rim between the art and the border, such as a coloured line inside a white edge.</source>
        <translation>Ein gedruckter Saum zwischen Motiv und Rand, etwa eine farbige Linie in einer weißen Kante.</translation>
    </message>
    <message>
        <source>Add a rim</source>
        <translation>Saum hinzufügen</translation>
    </message>
    <message>
        <source>How wide this rim is. The cut line moves outward by it.</source>
        <translation>Wie breit dieser Saum ist. Die Schnittlinie rückt um ihn nach außen.</translation>
    </message>
    <message>
        <source>Rim %1 is printed with</source>
        <translation>Saum %1 wird gedruckt mit</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Take this rim away.</source>
        <translation>Diesen Saum wegnehmen.</translation>
    </message>
    <message>
        <source>Innermost rim</source>
        <translation>Innerster Saum</translation>
    </message>
    <message>
        <source>Rim %1</source>
        <translation>Saum %1</translation>
    </message>
    <message>
        <source>Width of rim %1</source>
        <translation>Breite des Saums %1</translation>
    </message>
    <message>
        <source>Rim width</source>
        <translation>Breite des Saums</translation>
    </message>
    <message>
        <source>Rim colour</source>
        <translation>Farbe des Saums</translation>
    </message>
    <message>
        <source>Remove a rim</source>
        <translation>Saum entfernen</translation>
    </message>
    <message>
        <source>The border falls into %1 pieces. Join them above, or widen it.</source>
        <translation>Der Rand zerfällt in %1 Stücke. Oben verbinden, oder verbreitern.</translation>
    </message>
    <message>
        <source>none, cut on the outline</source>
        <translation>keiner, auf dem Umriss geschnitten</translation>
    </message>
    <message numerus="yes">
        <source>, %n rims</source>
        <translation>
            <numerusform>, %n Saum</numerusform>
            <numerusform>, %n Säume</numerusform>
        </translation>
    </message>
    <message>
        <source>, joined</source>
        <translation>, verbunden</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BusyBar</name>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Stop waiting. A picture being read is left out; a change being worked out is undone; a file being made is not saved.</source>
        <translation>Nicht mehr warten. Ein Bild, das gelesen wird, fällt weg; eine Änderung in Arbeit wird zurückgenommen; eine Datei in Arbeit wird nicht gespeichert.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ChosenMachine</name>
    <message>
        <source>Practice cutter</source>
        <translation>Übungsschneider</translation>
    </message>
    <message>
        <source>Practice cutter, serial port</source>
        <translation>Übungsschneider, serieller Anschluss</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ClusterStep</name>
    <message>
        <source>How the cut lines of the members become one.</source>
        <translation>Wie die Schnittlinien der Mitglieder zu einer werden.</translation>
    </message>
    <message>
        <source>Cluster&apos;s cut</source>
        <translation>Schnitt des Verbunds</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Cut the inner lines, too</source>
        <translation>Auch die inneren Linien schneiden</translation>
    </message>
    <message>
        <source>Each member keeps its own cut line; it is cut only when this is on.</source>
        <translation>Jedes Mitglied behält seine eigene Schnittlinie; geschnitten wird sie nur, wenn dies an ist.</translation>
    </message>
    <message>
        <source>Inner lines</source>
        <translation>Innere Linien</translation>
    </message>
    <message>
        <source>Borders hide what lies below</source>
        <translation>Ränder verdecken, was darunter liegt</translation>
    </message>
    <message>
        <source>The white round an upper sticker covers the ones below it, as if it were stuck onto them.</source>
        <translation>Das Weiß um einen oberen Aufkleber verdeckt die darunter, als wäre er auf sie geklebt.</translation>
    </message>
    <message>
        <source>Borders hide</source>
        <translation>Ränder verdecken</translation>
    </message>
    <message>
        <source>Arrange &gt; Part the cluster gives the members back, on the Sheet.</source>
        <translation>Anordnen &gt; Verbund auflösen gibt die Mitglieder zurück, auf dem Bogen.</translation>
    </message>
    <message>
        <source>%1 stickers in one: %2.</source>
        <translation>%1 Aufkleber in einem: %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1 stickers</source>
        <translation>%1 Aufkleber</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ColourButton</name>
    <message>
        <source>%1. Click to change it.</source>
        <translation>%1. Klicken, um sie zu ändern.</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CopyEdits</name>
    <message>
        <source>Remove copies</source>
        <translation>Exemplare entfernen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Verschieben</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>What was copied</source>
        <translation>Was kopiert wurde</translation>
    </message>
    <message>
        <source>All stickers</source>
        <translation>Alle Aufkleber</translation>
    </message>
    <message>
        <source>Place copies</source>
        <translation>Exemplare platzieren</translation>
    </message>
    <message>
        <source>%1: only %2 of %3 copies fit on the sheet.</source>
        <translation>%1: nur %2 von %3 Exemplaren passen auf den Bogen.</translation>
    </message>
    <message>
        <source>Put %1 there</source>
        <translation>%1 dorthin legen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CorrectionPicture</name>
    <message>
        <source>All came out where it should be.</source>
        <translation>Alles kam heraus, wo es sollte.</translation>
    </message>
    <message>
        <source>Arrows show which way things are moved from now on.</source>
        <translation>Pfeile zeigen, wohin von jetzt an alles verschoben wird.</translation>
    </message>
    <message>
        <source>Solid: where it came out, %1 times as far off as it is. Dotted: where it should be. Arrows: how it is moved from now on.</source>
        <translation>Durchgezogen: wo es herauskam, %1-mal so weit daneben wie in Wahrheit. Gepunktet: wo es sein sollte. Pfeile: wie es von nun an verschoben wird.</translation>
    </message>
    <message>
        <source>Where these come out on the sheet. Nothing is off.</source>
        <translation>Wo diese auf dem Bogen herauskommen. Nichts liegt daneben.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutAct</name>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Decides force, speed, passes, overcut and what blade is in.</source>
        <translation>Bestimmt Kraft, Geschwindigkeit, Durchgänge, Überschnitt und welche Klinge darin ist.</translation>
    </message>
    <message>
        <source>Change this material, or save it under a name.</source>
        <translation>Dieses Material ändern oder unter einem Namen speichern.</translation>
    </message>
    <message>
        <source>As a machine</source>
        <translation>Als Maschine</translation>
    </message>
    <message>
        <source>Quick</source>
        <translation>Schnell</translation>
    </message>
    <message>
        <source>How fast the practice blade goes: 250 mm/s, or ten times that to see the end sooner.</source>
        <translation>Wie schnell die Übungsklinge fährt: 250 mm/s, oder das Zehnfache, um das Ende früher zu sehen.</translation>
    </message>
    <message>
        <source>Start cutting</source>
        <translation>Schnitt beginnen</translation>
    </message>
    <message>
        <source>Sends the lines to the cutter one by one.</source>
        <translation>Schickt die Linien eine nach der anderen an den Schneider.</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Lift the blade at once and wait.</source>
        <translation>Die Klinge sofort heben und warten.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Lift the blade at once and end this run.</source>
        <translation>Die Klinge sofort heben und diesen Lauf beenden.</translation>
    </message>
    <message>
        <source>Go round it</source>
        <translation>Umfahren</translation>
    </message>
    <message>
        <source>Moves the machine&apos;s lifted head round all that is to be cut, or round the sticker that you clicked in the picture: does it lie where you think?</source>
        <translation>Fährt den gehobenen Kopf der Maschine um alles, was geschnitten wird, oder um den Aufkleber, den Sie im Bild angeklickt haben: liegt er, wo Sie denken?</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Nächster Bogen</translation>
    </message>
    <message>
        <source>The next print of this ticket is in: find it and cut the same again (F9).</source>
        <translation>Der nächste Druck dieses Laufzettels liegt darin: finden und dasselbe nochmals schneiden (F9).</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Nächste Seite</translation>
    </message>
    <message>
        <source>Go on with the next page of this ticket.</source>
        <translation>Weiter mit der nächsten Seite dieses Laufzettels.</translation>
    </message>
    <message>
        <source>Move the cut by 0.05 mm</source>
        <translation>Schnitt um 0,05 mm verschieben</translation>
    </message>
    <message>
        <source>Keep that for this machine</source>
        <translation>Für diese Maschine behalten</translation>
    </message>
    <message>
        <source>Every cut on this machine is moved by it from now on.</source>
        <translation>Jeder Schnitt auf dieser Maschine wird von nun an darum verschoben.</translation>
    </message>
    <message>
        <source>Travel</source>
        <translation>Wege</translation>
    </message>
    <message>
        <source>Show the way of the lifted blade.</source>
        <translation>Den Weg der gehobenen Klinge zeigen.</translation>
    </message>
    <message>
        <source>Order and direction</source>
        <translation>Reihenfolge und Richtung</translation>
    </message>
    <message>
        <source>Number the lines and show where the blade goes in.</source>
        <translation>Die Linien nummerieren und zeigen, wo die Klinge eintaucht.</translation>
    </message>
    <message>
        <source>Set the machine right…</source>
        <translation>Maschine einrichten…</translation>
    </message>
    <message>
        <source>Print and cut a test sheet, type in what you see, and later cuts are moved by it.</source>
        <translation>Einen Testbogen drucken und schneiden, eintragen, was Sie sehen, und spätere Schnitte werden darum verschoben.</translation>
    </message>
    <message>
        <source>load first</source>
        <translation>zuerst einlegen</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>angehalten</translation>
    </message>
    <message>
        <source>connection dropped</source>
        <translation>Verbindung abgebrochen</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>about %1 of %2</source>
        <translation>etwa %1 von %2</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>1 sticker cut in %1.</source>
        <translation>1 Aufkleber in %1 geschnitten.</translation>
    </message>
    <message>
        <source>%1 stickers cut in %2.</source>
        <translation>%1 Aufkleber in %2 geschnitten.</translation>
    </message>
    <message>
        <source>Kiss</source>
        <translation>Kiss-Cut</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Ritzen</translation>
    </message>
    <message>
        <source>Through</source>
        <translation>Durchtrennen</translation>
    </message>
    <message>
        <source>%1: %2 lines, %3 g, %4 mm/s, %5</source>
        <translation>%1: %2 Linien, %3 g, %4 mm/s, %5</translation>
    </message>
    <message numerus="yes">
        <source>%n passes</source>
        <translation>
            <numerusform>%n Durchgang</numerusform>
            <numerusform>%n Durchgänge</numerusform>
        </translation>
    </message>
    <message>
        <source>About %1: %2 of cut, %3 of travel</source>
        <translation>Etwa %1: %2 Schnitt, %3 Weg</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Nochmals</translation>
    </message>
    <message>
        <source>Start the practice cut</source>
        <translation>Übungsschnitt beginnen</translation>
    </message>
    <message>
        <source>Go round this sticker</source>
        <translation>Diesen Aufkleber umfahren</translation>
    </message>
    <message>
        <source>Next sheet (%1 are cut)</source>
        <translation>Nächster Bogen (%1 sind geschnitten)</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>%1 mm %2</source>
        <translation>%1 mm %2</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>auf Sie zu</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>von Ihnen weg</translation>
    </message>
    <message>
        <source>Is the cut a little off its print? Move it:</source>
        <translation>Liegt der Schnitt etwas neben dem Druck? Verschieben:</translation>
    </message>
    <message>
        <source>Moved %1.</source>
        <translation>Um %1 verschoben.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutStep</name>
    <message>
        <source>Kiss cut</source>
        <translation>Kiss-Cut</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Durchtrennen</translation>
    </message>
    <message>
        <source>Kiss cut leaves the backing whole, so stickers stay on the sheet. Through cut frees each one.</source>
        <translation>Kiss-Cut lässt das Trägerpapier ganz, also bleiben Aufkleber auf dem Bogen. Durchtrennen löst jeden heraus.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>Nodes</source>
        <translation>Knoten</translation>
    </message>
    <message>
        <source>Move, add and remove the nodes of the cut line. Double-click the line to add one.</source>
        <translation>Knoten der Schnittlinie bewegen, einfügen und entfernen. Doppelklick auf die Linie fügt einen ein.</translation>
    </message>
    <message>
        <source>Free hand</source>
        <translation>Freihand</translation>
    </message>
    <message>
        <source>Draw a further cut line with the pointer held down.</source>
        <translation>Eine weitere Schnittlinie mit gedrücktem Zeiger zeichnen.</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Feder</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves; Return or a double click ends the line, a click on its start closes it.</source>
        <translation>Klicken für Ecken, ziehen für Bögen; Eingabe oder Doppelklick beendet die Linie, ein Klick auf ihren Anfang schließt sie.</translation>
    </message>
    <message>
        <source>How far right of the artwork&apos;s left edge the node lies.</source>
        <translation>Wie weit der Knoten rechts der linken Kante des Motivs liegt.</translation>
    </message>
    <message>
        <source>How far below the artwork&apos;s top edge the node lies.</source>
        <translation>Wie weit der Knoten unter der Oberkante des Motivs liegt.</translation>
    </message>
    <message>
        <source>X</source>
        <translation>X</translation>
    </message>
    <message>
        <source>Y</source>
        <translation>Y</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Glatt</translation>
    </message>
    <message>
        <source>The line runs through without a corner.</source>
        <translation>Die Linie läuft ohne Ecke durch.</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>The line turns sharply here.</source>
        <translation>Die Linie biegt hier scharf ab.</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Gerade</translation>
    </message>
    <message>
        <source>Straightens the piece behind the node.</source>
        <translation>Begradigt das Stück hinter dem Knoten.</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>Gebogen</translation>
    </message>
    <message>
        <source>Lets the piece behind the node be bent by handles.</source>
        <translation>Lässt das Stück hinter dem Knoten mit Griffen biegen.</translation>
    </message>
    <message>
        <source>Insert</source>
        <translation>Einfg</translation>
    </message>
    <message>
        <source>A node more in the piece behind (Insert).</source>
        <translation>Ein Knoten mehr im Stück dahinter (Einfg).</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Takes the selected nodes out (Delete).</source>
        <translation>Nimmt die gewählten Knoten heraus (Entf).</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>Aufbrechen</translation>
    </message>
    <message>
        <source>Opens the line at the node.</source>
        <translation>Öffnet die Linie am Knoten.</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>Enden verbinden</translation>
    </message>
    <message>
        <source>Joins two selected ends. Dragging one onto the other does so too.</source>
        <translation>Verbindet zwei gewählte Enden. Eines auf das andere zu ziehen tut es auch.</translation>
    </message>
    <message>
        <source>Ends that come closer than this are joined. While you drag, rings show how near that is.</source>
        <translation>Enden, die näher kommen als dies, werden verbunden. Beim Ziehen zeigen Ringe, wie nah das ist.</translation>
    </message>
    <message>
        <source>Ends join within</source>
        <translation>Enden verbinden bis</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Tropfen</translation>
    </message>
    <message>
        <source>Forget these changes.</source>
        <translation>Diese Änderungen vergessen.</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>Lassen, wie es war</translation>
    </message>
    <message>
        <source>Put them back where they were drawn; they no longer move along with the border.</source>
        <translation>Dorthin zurück, wo sie gezeichnet wurden; sie gehen nicht mehr mit dem Rand mit.</translation>
    </message>
    <message>
        <source>Cut it?</source>
        <translation>Schneiden?</translation>
    </message>
    <message>
        <source>The lines of the cut, the smallest first</source>
        <translation>Die Linien des Schnitts, die kleinste zuerst</translation>
    </message>
    <message>
        <source>Every closed or open line, the smallest first. Untick what is not to be cut; click to see it.</source>
        <translation>Jede geschlossene oder offene Linie, die kleinste zuerst. Abwählen, was nicht geschnitten wird; anklicken, um sie zu sehen.</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves. Return ends the line.</source>
        <translation>Klicken für Ecken, ziehen für Bögen. Eingabe beendet die Linie.</translation>
    </message>
    <message>
        <source>Hold the button down and draw.</source>
        <translation>Die Taste halten und zeichnen.</translation>
    </message>
    <message>
        <source>Click a node, or draw a band round several; Page Down goes to the next. Double-click the line to add one.</source>
        <translation>Einen Knoten anklicken oder einen Rahmen um mehrere ziehen; Bild ab geht zum nächsten. Doppelklick auf die Linie fügt einen ein.</translation>
    </message>
    <message>
        <source>1 node selected. Arrow keys move it by 0.1 mm, with Shift 1 mm, with Alt 0.01 mm.</source>
        <translation>1 Knoten gewählt. Pfeiltasten bewegen ihn um 0,1 mm, mit Umschalt 1 mm, mit Alt 0,01 mm.</translation>
    </message>
    <message numerus="yes">
        <source>%n nodes selected.</source>
        <translation>
            <numerusform>%n Knoten gewählt.</numerusform>
            <numerusform>%n Knoten gewählt.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes made by hand find no place on the new cut line.</source>
        <translation>
            <numerusform>Eine Änderung von Hand findet auf der neuen Schnittlinie keinen Platz.</numerusform>
            <numerusform>%n Änderungen von Hand finden auf der neuen Schnittlinie keinen Platz.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1  %2 × %3</source>
        <translation>%1  %2 × %3</translation>
    </message>
    <message>
        <source>Open line</source>
        <translation>Offene Linie</translation>
    </message>
    <message>
        <source>Drawn line</source>
        <translation>Gezeichnete Linie</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>kiss cut</source>
        <translation>Kiss-Cut</translation>
    </message>
    <message>
        <source>through cut</source>
        <translation>Durchtrennen</translation>
    </message>
    <message>
        <source>, changed by hand</source>
        <translation>, von Hand geändert</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutterCard</name>
    <message>
        <source>Marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>Size of a mark</source>
        <translation>Größe einer Marke</translation>
    </message>
    <message>
        <source>Marks from edge</source>
        <translation>Marken von der Kante</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>Linienbreite</translation>
    </message>
    <message>
        <source>Keep clear round each</source>
        <translation>Freihalten um jede</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>Schneider</translation>
    </message>
    <message>
        <source>Edges it cannot reach</source>
        <translation>Kanten, die er nicht erreicht</translation>
    </message>
    <message>
        <source>Cutter margins</source>
        <translation>Ränder des Schneiders</translation>
    </message>
    <message>
        <source>It feeds a mat</source>
        <translation>Er zieht eine Matte ein</translation>
    </message>
    <message>
        <source>The edges it cannot reach are then the mat&apos;s.</source>
        <translation>Die Kanten, die er nicht erreicht, sind dann die der Matte.</translation>
    </message>
    <message>
        <source>Mat</source>
        <translation>Matte</translation>
    </message>
    <message>
        <source>Mat width</source>
        <translation>Breite der Matte</translation>
    </message>
    <message>
        <source>Mat height</source>
        <translation>Höhe der Matte</translation>
    </message>
    <message>
        <source>Paper from its left</source>
        <translation>Papier von ihrer linken Kante</translation>
    </message>
    <message>
        <source>Paper from its top</source>
        <translation>Papier von ihrer Oberkante</translation>
    </message>
    <message>
        <source>Save this cutter as…</source>
        <translation>Diesen Schneider speichern unter…</translation>
    </message>
    <message>
        <source>Keeps what it reaches under a name, for other projects.</source>
        <translation>Bewahrt, was er erreicht, unter einem Namen, für andere Projekte.</translation>
    </message>
    <message>
        <source>Save this cutter</source>
        <translation>Diesen Schneider speichern</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Any cutter</source>
        <translation>Beliebiger Schneider</translation>
    </message>
    <message>
        <source>Mark scheme</source>
        <translation>Markenschema</translation>
    </message>
    <message>
        <source>Mark schemes (*.json)</source>
        <translation>Markenschemata (*.json)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>„%1“ wird gelesen</translation>
    </message>
    <message>
        <source>5 round dots</source>
        <translation>5 runde Punkte</translation>
    </message>
    <message>
        <source>4 crosses</source>
        <translation>4 Kreuze</translation>
    </message>
    <message>
        <source>no marks</source>
        <translation>keine Marken</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Cutting</name>
    <message>
        <source>%1 of %2 lines are cut</source>
        <translation>%1 von %2 Linien sind geschnitten</translation>
    </message>
    <message>
        <source>%1 About %2, by estimate. Go on when it is back.</source>
        <translation>%1 Etwa %2, geschätzt. Weiter, sobald sie wieder da ist.</translation>
    </message>
    <message>
        <source>%1 %2. Go on when it is back.</source>
        <translation>%1 %2. Weiter, sobald sie wieder da ist.</translation>
    </message>
    <message>
        <source>Now come the %1. Change the tool, then go on.</source>
        <translation>Jetzt kommen %1. Das Werkzeug wechseln, dann weiter.</translation>
    </message>
    <message>
        <source>through cuts</source>
        <translation>Durchtrennungen</translation>
    </message>
    <message>
        <source>scores</source>
        <translation>Ritzlinien</translation>
    </message>
    <message>
        <source>kiss cuts</source>
        <translation>Kiss-Cuts</translation>
    </message>
    <message>
        <source>The machine is there again, with its blade up.</source>
        <translation>Die Maschine ist wieder da, mit der Klinge oben.</translation>
    </message>
    <message>
        <source>%1. Nothing was moved.</source>
        <translation>%1. Nichts wurde bewegt.</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 min %2 s</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Door</name>
    <message>
        <source>fine</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>something to fix</source>
        <translation>etwas zu beheben</translation>
    </message>
    <message>
        <source>not started</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>%1 — %2 (Ctrl+%3)</source>
        <translation>%1 — %2 (Strg+%3)</translation>
    </message>
    <message>
        <source>not looked at yet</source>
        <translation>noch nicht geprüft</translation>
    </message>
</context>
<context>
    <name>fusuma::app::EdgeRibbon</name>
    <message>
        <source>Edge ribbon: the cut line unrolled</source>
        <translation>Kantenband: die abgerollte Schnittlinie</translation>
    </message>
    <message>
        <source>The cut line unrolled: paper above, the sticker below. Click a place to see it; the wheel zooms, arrow keys walk along.</source>
        <translation>Die abgerollte Schnittlinie: Papier oben, der Aufkleber unten. Eine Stelle anklicken, um sie zu sehen; das Rad zoomt, Pfeiltasten gehen entlang.</translation>
    </message>
    <message>
        <source>Show the narrowest place</source>
        <translation>Schmalste Stelle zeigen</translation>
    </message>
    <message>
        <source>Show the widest place</source>
        <translation>Breiteste Stelle zeigen</translation>
    </message>
    <message>
        <source>Narrowest place</source>
        <translation>Schmalste Stelle</translation>
    </message>
    <message>
        <source>Widest place</source>
        <translation>Breiteste Stelle</translation>
    </message>
    <message>
        <source>How far your cutter may miss the print. Paper narrower than this between art and cut is tinted.</source>
        <translation>Wie weit Ihr Schneider den Druck verfehlen kann. Schmaleres Papier zwischen Motiv und Schnitt ist getönt.</translation>
    </message>
    <message>
        <source>Slip of the cutter</source>
        <translation>Versatz des Schneiders</translation>
    </message>
    <message>
        <source>Edge ribbon</source>
        <translation>Kantenband</translation>
    </message>
    <message>
        <source>Slip ±</source>
        <translation>Versatz ±</translation>
    </message>
    <message>
        <source>least %1</source>
        <translation>mindestens %1</translation>
    </message>
    <message>
        <source>most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message numerus="yes">
        <source>cuts into art at %n places</source>
        <translation>
            <numerusform>schneidet an %n Stelle ins Motiv</numerusform>
            <numerusform>schneidet an %n Stellen ins Motiv</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thin slivers</source>
        <translation>
            <numerusform>%n schmaler Schnipsel</numerusform>
            <numerusform>%n schmale Schnipsel</numerusform>
        </translation>
    </message>
    <message>
        <source> · </source>
        <translation> · </translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>nichts zu schneiden</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>The cut line will lie here, unrolled.</source>
        <translation>Hier liegt die Schnittlinie, abgerollt.</translation>
    </message>
    <message>
        <source>Go to the narrowest place</source>
        <translation>Zur schmalsten Stelle gehen</translation>
    </message>
    <message>
        <source>Go to the widest place</source>
        <translation>Zur breitesten Stelle gehen</translation>
    </message>
    <message>
        <source>As wide as it needs</source>
        <translation>So breit wie nötig</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FileWork</name>
    <message>
        <source>Saving “%1”</source>
        <translation>„%1“ wird gespeichert</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillCard</name>
    <message>
        <source>In rows</source>
        <translation>In Reihen</translation>
    </message>
    <message>
        <source>Snug, all upright</source>
        <translation>Dicht, alle aufrecht</translation>
    </message>
    <message>
        <source>Snug, some upside down</source>
        <translation>Dicht, manche kopfüber</translation>
    </message>
    <message>
        <source>Snug, turned by quarters</source>
        <translation>Dicht, um Viertel gedreht</translation>
    </message>
    <message>
        <source>Snug, turned any way</source>
        <translation>Dicht, beliebig gedreht</translation>
    </message>
    <message>
        <source>%1 copies placed. %2 % of the cut zone used; the largest empty space is %3 × %4.</source>
        <translation>%1 Exemplare platziert. %2 % des Schneidebereichs genutzt; die größte freie Fläche ist %3 × %4.</translation>
    </message>
    <message>
        <source>Add copies</source>
        <translation>Exemplare hinzufügen</translation>
    </message>
    <message>
        <source>Put that many copies of the sticker in hand into free places, without moving anything.</source>
        <translation>So viele Exemplare des Aufklebers in der Hand auf freie Plätze legen, ohne etwas zu verschieben.</translation>
    </message>
    <message>
        <source>Copies to add</source>
        <translation>Exemplare, die dazukommen</translation>
    </message>
    <message>
        <source>The least distance between two cut lines. 2 to 3 mm keeps lines from touching.</source>
        <translation>Der kleinste Abstand zweier Schnittlinien. 2 bis 3 mm halten Linien auseinander.</translation>
    </message>
    <message>
        <source>Gap between cuts</source>
        <translation>Abstand der Schnitte</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Sticker in hand</source>
        <translation>Aufkleber in der Hand</translation>
    </message>
    <message>
        <source>All stickers, evenly</source>
        <translation>Alle Aufkleber, gleichmäßig</translation>
    </message>
    <message>
        <source>Fill with</source>
        <translation>Füllen mit</translation>
    </message>
    <message>
        <source>Fill gaps</source>
        <translation>Lücken füllen</translation>
    </message>
    <message>
        <source>As many as fit</source>
        <translation>So viele wie passen</translation>
    </message>
    <message>
        <source>Exactly</source>
        <translation>Genau</translation>
    </message>
    <message>
        <source>“Fill gaps” keeps all copies where they are. “As many as fit” places them anew, except locked ones. “Exactly” goes on to further pages.</source>
        <translation>„Lücken füllen“ lässt alle Exemplare, wo sie sind. „So viele wie passen“ platziert sie neu, außer gesperrte. „Genau“ geht auf weitere Seiten.</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>Exemplare von jedem</translation>
    </message>
    <message>
        <source>Laid out</source>
        <translation>Angelegt</translation>
    </message>
    <message>
        <source>Fill the page</source>
        <translation>Seite füllen</translation>
    </message>
    <message>
        <source>Searches for a good layout and shows the best so far. Stop keeps it.</source>
        <translation>Sucht eine gute Anordnung und zeigt die bisher beste. Stopp behält sie.</translation>
    </message>
    <message>
        <source>Spread evenly</source>
        <translation>Gleichmäßig verteilen</translation>
    </message>
    <message>
        <source>Move crowded copies apart, so that each has about as much room on all sides.</source>
        <translation>Gedrängte Exemplare auseinander rücken, damit jedes rundum etwa gleich viel Raum hat.</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Zusammenrücken</translation>
    </message>
    <message>
        <source>Move all copies up together, so that one large empty space is left for the next job.</source>
        <translation>Alle Exemplare nach oben zusammenrücken, damit eine große freie Fläche für den nächsten Auftrag bleibt.</translation>
    </message>
    <message>
        <source>Spread evenly.</source>
        <translation>Gleichmäßig verteilt.</translation>
    </message>
    <message>
        <source>Closed up.</source>
        <translation>Zusammengerückt.</translation>
    </message>
    <message>
        <source>The copies lie as close as they can.</source>
        <translation>Die Exemplare liegen so dicht wie möglich.</translation>
    </message>
    <message>
        <source>No free place on the page is large enough.</source>
        <translation>Kein freier Platz auf der Seite ist groß genug.</translation>
    </message>
    <message>
        <source>Stop and keep this</source>
        <translation>Stoppen und dies behalten</translation>
    </message>
    <message>
        <source>%1 copies so far…</source>
        <translation>%1 Exemplare bisher…</translation>
    </message>
    <message>
        <source>no sticker yet</source>
        <translation>noch kein Aufkleber</translation>
    </message>
    <message numerus="yes">
        <source>%1 copies placed, on %n page(s). On the last, %2 % of the cut zone is used; the largest empty space there is %3 × %4.</source>
        <translation>
            <numerusform>%1 Exemplare platziert, auf %n Seite. Auf der letzten sind %2 % des Schneidebereichs genutzt; die größte freie Fläche dort ist %3 × %4.</numerusform>
            <numerusform>%1 Exemplare platziert, auf %n Seiten. Auf der letzten sind %2 % des Schneidebereichs genutzt; die größte freie Fläche dort ist %3 × %4.</numerusform>
        </translation>
    </message>
    <message>
        <source>On as few pages as possible</source>
        <translation>Auf so wenigen Seiten wie möglich</translation>
    </message>
    <message>
        <source>Looks for other ways, too, until no page less will do. Stop keeps the best so far.</source>
        <translation>Sucht auch andere Wege, bis keine Seite mehr gespart werden kann. Anhalten behält das Beste bisher.</translation>
    </message>
    <message>
        <source>Straight edges share one cut</source>
        <translation>Gerade Kanten teilen sich einen Schnitt</translation>
    </message>
    <message>
        <source>Upright rectangles, such as labels with sharp corners, are laid edge to edge, without a gap. Where two meet, one straight line is cut for both.</source>
        <translation>Aufrechte Rechtecke, etwa Etiketten mit scharfen Ecken, liegen Kante an Kante, ohne Abstand. Wo zwei sich berühren, wird eine gerade Linie für beide geschnitten.</translation>
    </message>
    <message>
        <source>Shared cuts</source>
        <translation>Gemeinsame Schnitte</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies.</source>
        <translation>Ein Projekt fasst höchstens %L1 Exemplare.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillField</name>
    <message>
        <source>What is printed here. Paper prints nothing, so the sticker stays as white as its stock.</source>
        <translation>Was hier gedruckt wird. Papier druckt nichts, der Aufkleber bleibt also so weiß wie sein Material.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>One colour</source>
        <translation>Eine Farbe</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Stripes</source>
        <translation>Streifen</translation>
    </message>
    <message>
        <source>The art&apos;s colours</source>
        <translation>Die Farben des Motivs</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Second colour</source>
        <translation>Zweite Farbe</translation>
    </message>
    <message>
        <source>From the middle of one dot or stripe to the next.</source>
        <translation>Von der Mitte eines Punktes oder Streifens zur nächsten.</translation>
    </message>
    <message>
        <source>One every</source>
        <translation>Einer je</translation>
    </message>
    <message>
        <source>Choose a colour, or pick one from the picture.</source>
        <translation>Eine Farbe wählen oder aus dem Bild nehmen.</translation>
    </message>
    <message>
        <source>Pick from the picture</source>
        <translation>Aus dem Bild nehmen</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Finder</name>
    <message>
        <source>Find anything</source>
        <translation>Alles finden</translation>
    </message>
    <message>
        <source>A command, a setting, a sticker or a ticket</source>
        <translation>Befehl, Einstellung, Aufkleber oder Laufzettel</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Was zu finden ist</translation>
    </message>
    <message>
        <source>What is found</source>
        <translation>Was gefunden ist</translation>
    </message>
    <message>
        <source>Nothing here is called that. Try another word, or fewer letters.</source>
        <translation>Nichts hier heißt so. Ein anderes Wort versuchen, oder weniger Buchstaben.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::GuideWindow</name>
    <message>
        <source>User guide</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Kapitel</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Importer</name>
    <message>
        <source>“%1” was for the project that was open before, and is left out.</source>
        <translation>„%1“ war für das Projekt, das vorher offen war, und fällt weg.</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>“%1” is fully transparent, so there is nothing to outline.</source>
        <translation>„%1“ ist ganz transparent, es gibt also nichts zu umreißen.</translation>
    </message>
    <message>
        <source>“%1” was for a sticker that is no longer there, and is left out.</source>
        <translation>„%1“ war für einen Aufkleber, den es nicht mehr gibt, und fällt weg.</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>Motiv ersetzen</translation>
    </message>
    <message>
        <source>“%1”: %2</source>
        <translation>„%1“: %2</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Auflösung</translation>
    </message>
    <message>
        <source>Lay flat</source>
        <translation>Flach legen</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie es kam</translation>
    </message>
</context>
<context>
    <name>fusuma::app::KeysDialog</name>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Was es tut</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LabelStep</name>
    <message>
        <source>Colours of the label</source>
        <translation>Farben des Etiketts</translation>
    </message>
    <message>
        <source>Letters&apos; cut, margin, line, picture</source>
        <translation>Buchstabenschnitt, Abstand, Linie, Bild</translation>
    </message>
    <message>
        <source>A list of labels</source>
        <translation>Eine Liste von Etiketten</translation>
    </message>
    <message>
        <source>Texts of the label</source>
        <translation>Texte des Etiketts</translation>
    </message>
    <message>
        <source>Add text</source>
        <translation>Text hinzufügen</translation>
    </message>
    <message>
        <source>Another text, in a style of its own.</source>
        <translation>Noch ein Text, in eigenem Stil.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Take this text off the label.</source>
        <translation>Diesen Text vom Etikett nehmen.</translation>
    </message>
    <message>
        <source>Remove text</source>
        <translation>Text entfernen</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Worte</translation>
    </message>
    <message>
        <source>What stands on the label. A column of the list goes in braces: {name}. Also {number}, {date}.</source>
        <translation>Was auf dem Etikett steht. Eine Spalte der Liste kommt in Klammern: {name}. Auch {number}, {date}.</translation>
    </message>
    <message>
        <source>Font</source>
        <translation>Schrift</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>Bold letters.</source>
        <translation>Fette Buchstaben.</translation>
    </message>
    <message>
        <source>Italic</source>
        <translation>Kursiv</translation>
    </message>
    <message>
        <source>Slanted letters.</source>
        <translation>Schräge Buchstaben.</translation>
    </message>
    <message>
        <source>Size of the letters; 72 pt are an inch.</source>
        <translation>Größe der Buchstaben; 72 pt sind ein Zoll.</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Size of the letters</source>
        <translation>Größe der Buchstaben</translation>
    </message>
    <message>
        <source>Fill the room</source>
        <translation>Raum füllen</translation>
    </message>
    <message>
        <source>As large as the label allows, whatever stands there.</source>
        <translation>So groß, wie das Etikett erlaubt, was auch dort steht.</translation>
    </message>
    <message>
        <source>Longer words are shrunk down to this; below it the row is reported.</source>
        <translation>Längere Worte werden bis hierher verkleinert; darunter wird die Zeile gemeldet.</translation>
    </message>
    <message>
        <source>Least size</source>
        <translation>Kleinste Größe</translation>
    </message>
    <message>
        <source>Spacing, run and least size</source>
        <translation>Abstände, Verlauf und kleinste Größe</translation>
    </message>
    <message>
        <source>May shrink to</source>
        <translation>Darf schrumpfen auf</translation>
    </message>
    <message>
        <source>By the ink itself, so that what looks centred is.</source>
        <translation>Nach der Farbe selbst, damit mittig ist, was mittig aussieht.</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>Ausrichten</translation>
    </message>
    <message>
        <source>Run of the text</source>
        <translation>Verlauf des Textes</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läuft</translation>
    </message>
    <message>
        <source>From one line to the next, of the size.</source>
        <translation>Von einer Zeile zur nächsten, als Teil der Größe.</translation>
    </message>
    <message>
        <source>Line spacing</source>
        <translation>Zeilenabstand</translation>
    </message>
    <message>
        <source>Added after every letter, of the size.</source>
        <translation>Nach jedem Buchstaben zugegeben, als Teil der Größe.</translation>
    </message>
    <message>
        <source>Letter spacing</source>
        <translation>Buchstabenabstand</translation>
    </message>
    <message>
        <source>Colour of the letters</source>
        <translation>Farbe der Buchstaben</translation>
    </message>
    <message>
        <source>By contrast</source>
        <translation>Nach Kontrast</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>What {date} means on these labels.</source>
        <translation>Was {date} auf diesen Etiketten bedeutet.</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>The labels&apos; date</source>
        <translation>Das Datum der Etiketten</translation>
    </message>
    <message>
        <source>{date} is</source>
        <translation>{date} ist</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Of the whole label.</source>
        <translation>Des ganzen Etiketts.</translation>
    </message>
    <message>
        <source>Label width</source>
        <translation>Breite des Etiketts</translation>
    </message>
    <message>
        <source>Label height</source>
        <translation>Höhe des Etiketts</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Radius of round or notched corners; how much is cut off a tag&apos;s; the notch of a banner.</source>
        <translation>Radius runder oder gekerbter Ecken; wie viel von einem Anhänger abgeschnitten ist; die Kerbe eines Banners.</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>Across the hole for the string; 0 for none.</source>
        <translation>Breite des Lochs für die Schnur; 0 für keines.</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>How many points the star has.</source>
        <translation>Wie viele Zacken der Stern hat.</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Zacken</translation>
    </message>
    <message>
        <source>How far the star&apos;s notches go in.</source>
        <translation>Wie tief die Kerben des Sterns gehen.</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>Notches</source>
        <translation>Kerben</translation>
    </message>
    <message>
        <source>Words and pictures keep this far from the edge, so that a slip does not cut them.</source>
        <translation>Worte und Bilder bleiben so weit von der Kante, dass ein Versatz sie nicht anschneidet.</translation>
    </message>
    <message>
        <source>Safety distance</source>
        <translation>Sicherheitsabstand</translation>
    </message>
    <message>
        <source>Words keep from the edge</source>
        <translation>Worte bleiben von der Kante</translation>
    </message>
    <message>
        <source>Cut the letters, too</source>
        <translation>Auch die Buchstaben schneiden</translation>
    </message>
    <message>
        <source>Letters only print unless this is asked for.</source>
        <translation>Buchstaben werden nur gedruckt, wenn dies nicht verlangt ist.</translation>
    </message>
    <message>
        <source>Cut the letters</source>
        <translation>Buchstaben schneiden</translation>
    </message>
    <message>
        <source>Colours, of a whole list at once</source>
        <translation>Farben, einer ganzen Liste auf einmal</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Thickness of a line printed inside the edge; 0 for none.</source>
        <translation>Dicke einer innerhalb der Kante gedruckten Linie; 0 für keine.</translation>
    </message>
    <message>
        <source>From the edge to that line.</source>
        <translation>Von der Kante zu dieser Linie.</translation>
    </message>
    <message>
        <source>Line inside</source>
        <translation>Linie innen</translation>
    </message>
    <message>
        <source>Line inside the edge</source>
        <translation>Linie innerhalb der Kante</translation>
    </message>
    <message>
        <source>as far in as</source>
        <translation>nach innen um</translation>
    </message>
    <message>
        <source>Picture…</source>
        <translation>Bild…</translation>
    </message>
    <message>
        <source>An icon or a picture beside the words.</source>
        <translation>Ein Symbol oder Bild neben den Worten.</translation>
    </message>
    <message>
        <source>No picture</source>
        <translation>Kein Bild</translation>
    </message>
    <message>
        <source>Takes it off again.</source>
        <translation>Nimmt es wieder weg.</translation>
    </message>
    <message>
        <source>Place of the picture</source>
        <translation>Platz des Bildes</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Steht</translation>
    </message>
    <message>
        <source>Of the room that words and picture share.</source>
        <translation>Des Raums, den Worte und Bild sich teilen.</translation>
    </message>
    <message>
        <source>Size of the picture</source>
        <translation>Größe des Bildes</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Nimmt</translation>
    </message>
    <message>
        <source>Paste a list</source>
        <translation>Liste einfügen</translation>
    </message>
    <message>
        <source>Rows copied from a table or a text: one label for each.</source>
        <translation>Zeilen aus einer Tabelle oder einem Text: ein Etikett für jede.</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus einer Datei…</translation>
    </message>
    <message>
        <source>CSV or text; separator and encoding are found out.</source>
        <translation>CSV oder Text; Trennzeichen und Kodierung werden erkannt.</translation>
    </message>
    <message>
        <source>The first row names the columns</source>
        <translation>Die erste Zeile benennt die Spalten</translation>
    </message>
    <message>
        <source>Off, the first row is a label like the others, and the columns are {1}, {2}, …</source>
        <translation>Aus, ist die erste Zeile ein Etikett wie die anderen, und die Spalten heißen {1}, {2}, …</translation>
    </message>
    <message>
        <source>First row of the list</source>
        <translation>Erste Zeile der Liste</translation>
    </message>
    <message>
        <source>Which row&apos;s label is shown here.</source>
        <translation>Welcher Zeile Etikett hier gezeigt wird.</translation>
    </message>
    <message>
        <source>Show a row</source>
        <translation>Zeile zeigen</translation>
    </message>
    <message>
        <source>Shows row</source>
        <translation>Zeigt Zeile</translation>
    </message>
    <message>
        <source>Put the whole list on the sheet</source>
        <translation>Die ganze Liste auf den Bogen legen</translation>
    </message>
    <message>
        <source>One label for every row, over as many pages as it takes.</source>
        <translation>Ein Etikett für jede Zeile, über so viele Seiten wie nötig.</translation>
    </message>
    <message>
        <source>Placing the list</source>
        <translation>Die Liste wird platziert</translation>
    </message>
    <message>
        <source>%1 labels are on the sheet.</source>
        <translation>%1 Etiketten liegen auf dem Bogen.</translation>
    </message>
    <message>
        <source>One text size on all</source>
        <translation>Eine Textgröße auf allen</translation>
    </message>
    <message>
        <source>Every text as large as it can be on all labels of the list, so that they look alike.</source>
        <translation>Jeder Text so groß, wie er auf allen Etiketten der Liste sein kann, damit sie gleich aussehen.</translation>
    </message>
    <message>
        <source>A column with names of picture files; you are asked for the folder that they lie in.</source>
        <translation>Eine Spalte mit Namen von Bilddateien; nach dem Ordner, in dem sie liegen, wird gefragt.</translation>
    </message>
    <message>
        <source>Pictures by</source>
        <translation>Bilder nach</translation>
    </message>
    <message>
        <source>No list</source>
        <translation>Keine Liste</translation>
    </message>
    <message>
        <source>Back to a single label.</source>
        <translation>Zurück zu einem einzelnen Etikett.</translation>
    </message>
    <message>
        <source>Picture on the label</source>
        <translation>Bild auf dem Etikett</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>There is no list on the clipboard. Copy the rows of a table, then paste.</source>
        <translation>In der Zwischenablage ist keine Liste. Die Zeilen einer Tabelle kopieren, dann einfügen.</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Lists (*.csv *.tsv *.txt)</source>
        <translation>Listen (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>„%1“ wird gelesen</translation>
    </message>
    <message>
        <source>The list was for another label. Choose that and read it again.</source>
        <translation>Die Liste war für ein anderes Etikett. Dieses wählen und nochmals lesen.</translation>
    </message>
    <message>
        <source>Pictures by column</source>
        <translation>Bilder nach Spalte</translation>
    </message>
    <message>
        <source>Folder with the pictures</source>
        <translation>Ordner mit den Bildern</translation>
    </message>
    <message>
        <source>A list of %1 labels, with %2.</source>
        <translation>Eine Liste von %1 Etiketten, mit %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>no column</source>
        <translation>keine Spalte</translation>
    </message>
    <message>
        <source>One label, or one for every row of a list: write {name} above and paste a table with that column.</source>
        <translation>Ein Etikett, oder eines für jede Zeile einer Liste: oben {name} schreiben und eine Tabelle mit dieser Spalte einfügen.</translation>
    </message>
    <message>
        <source>Text %1</source>
        <translation>Text %1</translation>
    </message>
    <message>
        <source>“%1” is not on this computer; “%2” is used.</source>
        <translation>„%1“ ist nicht auf diesem Rechner; „%2“ wird verwendet.</translation>
    </message>
    <message>
        <source>%1, list of %2</source>
        <translation>%1, Liste von %2</translation>
    </message>
    <message>
        <source>Reading the clipboard</source>
        <translation>Zwischenablage wird gelesen</translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are on no page.</source>
        <translation>
            <numerusform>%1 Etiketten liegen auf dem Bogen; eine Zeile der Liste liegt auf keiner Seite.</numerusform>
            <numerusform>%1 Etiketten liegen auf dem Bogen; %n Zeilen der Liste liegen auf keiner Seite.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are larger than the cut zone.</source>
        <translation>
            <numerusform>%1 Etiketten liegen auf dem Bogen; eine Zeile der Liste ist größer als der Schneidebereich.</numerusform>
            <numerusform>%1 Etiketten liegen auf dem Bogen; %n Zeilen der Liste sind größer als der Schneidebereich.</numerusform>
        </translation>
    </message>
    <message>
        <source>The language that {date} is written in on these labels.</source>
        <translation>Die Sprache, in der {date} auf diesen Etiketten steht.</translation>
    </message>
    <message>
        <source>Language of dates</source>
        <translation>Sprache der Daten</translation>
    </message>
    <message>
        <source>Written in</source>
        <translation>Geschrieben auf</translation>
    </message>
    <message>
        <source>Letters are wrong…</source>
        <translation>Buchstaben sind falsch…</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written; choose where its words are right.</source>
        <translation>Die Datei sagt nicht, wie ihre Buchstaben geschrieben sind; wählen Sie, wo ihre Wörter stimmen.</translation>
    </message>
    <message>
        <source>If letters in it are wrong, choose others below “From a file…”.</source>
        <translation>Sind Buchstaben darin falsch, wählen Sie unter „Aus einer Datei…“ andere.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LeftWorkDialog</name>
    <message>
        <source>Work that was not saved</source>
        <translation>Arbeit, die nicht gespeichert wurde</translation>
    </message>
    <message>
        <source>Fusuma did not end properly. This work was kept: choose what to open.</source>
        <translation>Fusuma wurde nicht richtig beendet. Diese Arbeit wurde bewahrt: wählen, was geöffnet wird.</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Leave the rest; it is offered again at the next start</source>
        <translation>Den Rest lassen; er wird beim nächsten Start wieder angeboten</translation>
    </message>
    <message>
        <source>kept %1</source>
        <translation>bewahrt %1</translation>
    </message>
    <message>
        <source>It was opened before, and Fusuma did not end properly then either.</source>
        <translation>Es war schon einmal offen, und auch da wurde Fusuma nicht richtig beendet.</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>In a window of its own; it stays unsaved until you save it</source>
        <translation>In einem eigenen Fenster; ungespeichert, bis Sie es speichern</translation>
    </message>
    <message>
        <source>Throw away…</source>
        <translation>Wegwerfen…</translation>
    </message>
    <message>
        <source>Remove it for good</source>
        <translation>Endgültig entfernen</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Throw away what was kept of “%1”? It cannot be brought back.</source>
        <translation>Wegwerfen, was von „%1“ bewahrt wurde? Es kommt nicht zurück.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LineTools</name>
    <message>
        <source>Move nodes</source>
        <translation>Knoten verschieben</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>Linie biegen</translation>
    </message>
    <message>
        <source>Draw a cut line</source>
        <translation>Schnittlinie zeichnen</translation>
    </message>
    <message>
        <source>Insert a node</source>
        <translation>Knoten einfügen</translation>
    </message>
    <message>
        <source>Node %1 of %2, %3, %4 from the left, %5 from the top</source>
        <translation>Knoten %1 von %2, %3, %4 von links, %5 von oben</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>Move the nodes chosen by 0.1 mm; with Shift 1 mm, with Alt 0.01 mm</source>
        <translation>Gewählte Knoten um 0,1 mm verschieben; mit Umschalt 1 mm, mit Alt 0,01 mm</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Bild auf, Bild ab</translation>
    </message>
    <message>
        <source>The node before, the next node</source>
        <translation>Der Knoten davor, der nächste Knoten</translation>
    </message>
    <message>
        <source>Insert, Delete</source>
        <translation>Einfg, Entf</translation>
    </message>
    <message>
        <source>A node more, one less</source>
        <translation>Ein Knoten mehr, einer weniger</translation>
    </message>
    <message>
        <source>Ctrl+A</source>
        <translation>Strg+A</translation>
    </message>
    <message>
        <source>All nodes</source>
        <translation>Alle Knoten</translation>
    </message>
    <message>
        <source>Return, Backspace</source>
        <translation>Eingabe, Rücktaste</translation>
    </message>
    <message>
        <source>With the pen: end the line, take back its last node</source>
        <translation>Mit der Feder: die Linie beenden, ihren letzten Knoten zurücknehmen</translation>
    </message>
    <message>
        <source>Delete nodes</source>
        <translation>Knoten löschen</translation>
    </message>
    <message>
        <source>Insert nodes</source>
        <translation>Knoten einfügen</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Glatt</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>Straight piece</source>
        <translation>Gerades Stück</translation>
    </message>
    <message>
        <source>Curved piece</source>
        <translation>Gebogenes Stück</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>Aufbrechen</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>Enden verbinden</translation>
    </message>
    <message>
        <source>Do not cut a line</source>
        <translation>Linie nicht schneiden</translation>
    </message>
    <message>
        <source>Cut a line after all</source>
        <translation>Linie doch schneiden</translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>Weglassen, was nicht passt</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>Lassen, wie es war</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LoadAct</name>
    <message>
        <source>Load and find</source>
        <translation>Einlegen und finden</translation>
    </message>
    <message>
        <source>How the cutter learns where the print lies: its sensor looks for the marks, you drive a pointer over them, or the sheet lies square in its corner.</source>
        <translation>Wie der Schneider erfährt, wo der Druck liegt: sein Sensor sucht die Marken, Sie fahren einen Zeiger darüber, oder der Bogen liegt gerade in seiner Ecke.</translation>
    </message>
    <message>
        <source>Load for practice</source>
        <translation>Zur Übung einlegen</translation>
    </message>
    <message>
        <source>The printed sheet is in the machine: find where the print lies.</source>
        <translation>Der gedruckte Bogen ist in der Maschine: finden, wo der Druck liegt.</translation>
    </message>
    <message>
        <source>By a photograph…</source>
        <translation>Nach einem Foto…</translation>
    </message>
    <message>
        <source>The sheet lies on the photo board, and the board in the corner of the machine&apos;s nought: one picture of both tells where the print lies.</source>
        <translation>Der Bogen liegt auf der Fototafel, und die Tafel in der Ecke des Nullpunkts der Maschine: ein Bild von beiden sagt, wo der Druck liegt.</translation>
    </message>
    <message>
        <source>The photograph of the sheet on the board</source>
        <translation>Das Foto des Bogens auf der Tafel</translation>
    </message>
    <message>
        <source>Take this place</source>
        <translation>Diese Stelle nehmen</translation>
    </message>
    <message>
        <source>The mark is under the pointer (Return).</source>
        <translation>Die Marke liegt unter dem Zeiger (Eingabe).</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>This mark cannot be seen.</source>
        <translation>Diese Marke ist nicht zu sehen.</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Take the mark before this one anew (Backspace).</source>
        <translation>Die Marke vor dieser neu nehmen (Rücktaste).</translation>
    </message>
    <message>
        <source>That is enough</source>
        <translation>Das genügt</translation>
    </message>
    <message>
        <source>Use the marks taken so far: three or more.</source>
        <translation>Die bisher genommenen Marken verwenden: drei oder mehr.</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>Kopf bewegen</translation>
    </message>
    <message>
        <source>Use the marks that were found, with less to check them by.</source>
        <translation>Die gefundenen Marken verwenden, mit weniger zum Prüfen.</translation>
    </message>
    <message>
        <source>Find it by hand</source>
        <translation>Von Hand finden</translation>
    </message>
    <message>
        <source>Drive a pointer over the marks yourself.</source>
        <translation>Einen Zeiger selbst über die Marken fahren.</translation>
    </message>
    <message>
        <source>Simulate faults…</source>
        <translation>Fehler vortäuschen…</translation>
    </message>
    <message>
        <source>Make the practice devices lie: crooked sheets, stretched prints, smudged marks, dull blades.</source>
        <translation>Die Übungsgeräte lügen lassen: schiefe Bögen, gestreckte Drucke, verschmierte Marken, stumpfe Klingen.</translation>
    </message>
    <message>
        <source>smudge missing mark noise ink spread stretch upside down backlash blade connection</source>
        <translation>verschmiert fehlende Marke Rauschen Tinte läuft gestreckt kopfüber Spiel Klinge Verbindung</translation>
    </message>
    <message>
        <source>In the practice cutter.</source>
        <translation>Im Übungsschneider.</translation>
    </message>
    <message>
        <source>In “%1”.</source>
        <translation>In „%1“.</translation>
    </message>
    <message>
        <source>take it first</source>
        <translation>zuerst nehmen</translation>
    </message>
    <message>
        <source>print first</source>
        <translation>zuerst drucken</translation>
    </message>
    <message>
        <source>looking…</source>
        <translation>sucht…</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>nicht gefunden</translation>
    </message>
    <message>
        <source>mark %1 of %2</source>
        <translation>Marke %1 von %2</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>by its edge</source>
        <translation>nach der Kante</translation>
    </message>
    <message>
        <source>found %1 of %2</source>
        <translation>%1 von %2 gefunden</translation>
    </message>
    <message>
        <source>Drive the pointer over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes it.</source>
        <translation>Den Zeiger über %1 fahren. Pfeiltasten bewegen ihn um 0,5 mm, mit Umschalt 5 mm, mit Alt 0,05 mm; Eingabe nimmt sie.</translation>
    </message>
    <message>
        <source>Drive the machine&apos;s lifted head over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes the place.</source>
        <translation>Den gehobenen Kopf der Maschine über %1 fahren. Pfeiltasten bewegen ihn um 0,5 mm, mit Umschalt 5 mm, mit Alt 0,05 mm; Eingabe nimmt die Stelle.</translation>
    </message>
    <message>
        <source>The sensor looks for all marks, however the sheet lies.</source>
        <translation>Der Sensor sucht alle Marken, wie auch der Bogen liegt.</translation>
    </message>
    <message>
        <source>This machine&apos;s pen drew the board, or it lies square in the corner of the machine&apos;s nought.</source>
        <translation>Der Stift dieser Maschine hat die Tafel gezeichnet, oder sie liegt gerade in der Ecke des Nullpunkts.</translation>
    </message>
    <message>
        <source>The sheet lies in the corner of the machine&apos;s nought, square.</source>
        <translation>Der Bogen liegt gerade in der Ecke des Nullpunkts der Maschine.</translation>
    </message>
    <message>
        <source>You show three marks or more with a pointer.</source>
        <translation>Sie zeigen drei oder mehr Marken mit einem Zeiger.</translation>
    </message>
    <message>
        <source>You drive the machine&apos;s head over three marks or more.</source>
        <translation>Sie fahren den Kopf der Maschine über drei oder mehr Marken.</translation>
    </message>
    <message>
        <source>Turned %1°, shifted %2, %3 mm
Stretched %4 % across, %5 % down</source>
        <translation>Um %1° gedreht, um %2 / %3 mm verschoben
Quer um %4 % gestreckt, längs um %5 %</translation>
    </message>
    <message>
        <source>Error left %1 mm</source>
        <translation>Restfehler %1 mm</translation>
    </message>
    <message>
        <source>Cuts within %1 mm of their print%2</source>
        <translation>Schneidet innerhalb von %1 mm neben dem Druck%2</translation>
    </message>
    <message numerus="yes">
        <source>; %n stickers would show it</source>
        <translation>
            <numerusform>; %n Aufkleber zeigte es</numerusform>
            <numerusform>; %n Aufkleber zeigten es</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Nochmals versuchen</translation>
    </message>
    <message>
        <source>Load it again</source>
        <translation>Nochmals einlegen</translation>
    </message>
    <message>
        <source>The sheet is in: find the print</source>
        <translation>Der Bogen liegt darin: den Druck finden</translation>
    </message>
    <message>
        <source>Use the %1 that were found</source>
        <translation>Die %1 gefundenen verwenden</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LongWork</name>
    <message>
        <source>%1: ended, or waiting for you</source>
        <translation>%1: fertig, oder wartet auf Sie</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Loupe</name>
    <message>
        <source>Loupe on the weakest place</source>
        <translation>Lupe auf der schwächsten Stelle</translation>
    </message>
    <message>
        <source>Weakest place, %1 ×</source>
        <translation>Schwächste Stelle, %1 ×</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MachineCard</name>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>What you cut on. Where a print lies is found for this machine, and for no other.</source>
        <translation>Worauf Sie schneiden. Wo ein Druck liegt, wird für diese Maschine gefunden und für keine andere.</translation>
    </message>
    <message>
        <source>Profile…</source>
        <translation>Profil…</translation>
    </message>
    <message>
        <source>Where it is plugged in, how its axes lie, how it is spoken to.</source>
        <translation>Woran sie angeschlossen ist, wie ihre Achsen liegen, wie mit ihr gesprochen wird.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Forget this machine&apos;s profile.</source>
        <translation>Das Profil dieser Maschine vergessen.</translation>
    </message>
    <message>
        <source>Remove the machine</source>
        <translation>Maschine entfernen</translation>
    </message>
    <message>
        <source>Forget the profile of “%1”? It can be added again.</source>
        <translation>Das Profil von „%1“ vergessen? Es kann wieder angelegt werden.</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Add a machine…</source>
        <translation>Maschine hinzufügen…</translation>
    </message>
    <message>
        <source>● ready</source>
        <translation>● bereit</translation>
    </message>
    <message>
        <source>● at work</source>
        <translation>● arbeitet</translation>
    </message>
    <message>
        <source>○ not there</source>
        <translation>○ nicht da</translation>
    </message>
    <message>
        <source>%1, files only</source>
        <translation>%1, nur Dateien</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 über %2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MainWindow</name>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>Ausgabe</translation>
    </message>
    <message>
        <source>Sticker</source>
        <translation>Aufkleber</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>Laufzettel %1</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>gedruckt %1</translation>
    </message>
    <message>
        <source>Open the sticker on the Bench</source>
        <translation>Den Aufkleber auf der Werkbank öffnen</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>Marken und Schneider</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Views</source>
        <translation>Ansichten</translation>
    </message>
    <message>
        <source>Copies on the Sheet</source>
        <translation>Exemplare auf dem Bogen</translation>
    </message>
    <message>
        <source>The cut line by hand</source>
        <translation>Die Schnittlinie von Hand</translation>
    </message>
    <message>
        <source>Pointing at marks</source>
        <translation>Auf Marken wird gezeigt</translation>
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
        <source>The unit of all lengths: millimetres, centimetres or inches. Click for the next.</source>
        <translation>Die Einheit aller Längen: Millimeter, Zentimeter oder Zoll. Klicken für die nächste.</translation>
    </message>
    <message>
        <source>Bench — one sticker, from artwork to cut line</source>
        <translation>Werkbank — ein Aufkleber, vom Motiv zur Schnittlinie</translation>
    </message>
    <message>
        <source>Sheet — what will print and what will be cut</source>
        <translation>Bogen — was gedruckt und was geschnitten wird</translation>
    </message>
    <message>
        <source>Output — print, load, cut</source>
        <translation>Ausgabe — drucken, einlegen, schneiden</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gespeichert</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gespeichert</translation>
    </message>
    <message>
        <source>Undo: %1 (Ctrl+Z)</source>
        <translation>Rückgängig: %1 (Strg+Z)</translation>
    </message>
    <message>
        <source>Nothing to undo</source>
        <translation>Nichts rückgängig zu machen</translation>
    </message>
    <message>
        <source>Redo: %1 (Ctrl+Shift+Z)</source>
        <translation>Wiederholen: %1 (Strg+Umschalt+Z)</translation>
    </message>
    <message>
        <source>Nothing to redo</source>
        <translation>Nichts zu wiederholen</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>Aufkleber duplizieren</translation>
    </message>
    <message>
        <source>Duplicate copies</source>
        <translation>Exemplare duplizieren</translation>
    </message>
    <message>
        <source>Remove the sticker…</source>
        <translation>Aufkleber entfernen…</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>Exemplare entfernen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MessageLog</name>
    <message>
        <source>Not done: %1</source>
        <translation>Nicht getan: %1</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>Letzte Meldungen</translation>
    </message>
    <message>
        <source>Nothing was said yet.</source>
        <translation>Noch nichts wurde gesagt.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::More</name>
    <message>
        <source>Open or close this part of the step.</source>
        <translation>Diesen Teil des Schritts auf- oder zuklappen.</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>geschlossen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NewLabelDialog</name>
    <message>
        <source>Letters alone, with a border</source>
        <translation>Nur Buchstaben, mit Rand</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>Neues Etikett</translation>
    </message>
    <message>
        <source>Start from a template. Its shape, size, colours and words can all be changed afterwards, for ever.</source>
        <translation>Mit einer Vorlage beginnen. Form, Größe, Farben und Worte lassen sich danach jederzeit ändern.</translation>
    </message>
    <message>
        <source>Templates</source>
        <translation>Vorlagen</translation>
    </message>
    <message>
        <source>Make this label</source>
        <translation>Dieses Etikett machen</translation>
    </message>
    <message>
        <source>From a template file…</source>
        <translation>Aus einer Vorlagendatei…</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Template file</source>
        <translation>Vorlagendatei</translation>
    </message>
    <message>
        <source>Label templates (*.json)</source>
        <translation>Etikettvorlagen (*.json)</translation>
    </message>
    <message>
        <source>“%1” cannot be used. %2</source>
        <translation>„%1“ ist nicht zu verwenden. %2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Notice</name>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Put this message away. The last ones are listed in the Help menu.</source>
        <translation>Diese Meldung weglegen. Die letzten stehen im Menü Hilfe.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NumberField</name>
    <message>
        <source>Type a length with any unit, such as 2mm, 1/8in or 50/2. Arrow keys step it.</source>
        <translation>Eine Länge in beliebiger Einheit eingeben, etwa 2mm, 1/8in oder 50/2. Pfeiltasten ändern sie schrittweise.</translation>
    </message>
    <message>
        <source>This is not a length: try 2mm, 1/8in or 50/2. %1 stays.</source>
        <translation>Das ist keine Länge: 2mm, 1/8in oder 50/2 versuchen. %1 bleibt.</translation>
    </message>
    <message>
        <source>This is not a number. %1 stays.</source>
        <translation>Das ist keine Zahl. %1 bleibt.</translation>
    </message>
    <message>
        <source>%1 is the least.</source>
        <translation>%1 ist das Kleinste.</translation>
    </message>
    <message>
        <source>%1 is the most.</source>
        <translation>%1 ist das Größte.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutlineStep</name>
    <message>
        <source>Threshold</source>
        <translation>Schwelle</translation>
    </message>
    <message>
        <source>How solid a pixel must be to count as art. Raise it to leave out faint haze and shadows.</source>
        <translation>Wie deckend ein Pixel sein muss, um als Motiv zu zählen. Höher lässt schwachen Dunst und Schatten weg.</translation>
    </message>
    <message>
        <source>Counts as art when solid over</source>
        <translation>Zählt als Motiv, wenn deckender als</translation>
    </message>
    <message>
        <source>How far the curve may stray from the art&apos;s edge. Larger gives fewer nodes and a smoother cut.</source>
        <translation>Wie weit die Kurve von der Kante des Motivs abweichen darf. Größer gibt weniger Knoten und einen glatteren Schnitt.</translation>
    </message>
    <message>
        <source>Detail</source>
        <translation>Detail</translation>
    </message>
    <message>
        <source>which is</source>
        <translation>das ist</translation>
    </message>
    <message>
        <source>Evens out an edge that wobbles, as scanned ink does, over this length. Corners stay.</source>
        <translation>Glättet eine Kante, die zittert wie gescannte Tinte, über diese Länge. Ecken bleiben.</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>Glättung</translation>
    </message>
    <message>
        <source>Smooth wobbles over</source>
        <translation>Zittern glätten über</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>Mit Löchern</translation>
    </message>
    <message>
        <source>Outer edge only</source>
        <translation>Nur Außenkante</translation>
    </message>
    <message>
        <source>Whether holes in the art become holes in the sticker.</source>
        <translation>Ob Löcher im Motiv zu Löchern im Aufkleber werden.</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>Joins lines that are broken by no more than this, so that a drawing closes round its inside.</source>
        <translation>Verbindet Linien, die nicht weiter als dies unterbrochen sind, damit sich eine Zeichnung um ihr Inneres schließt.</translation>
    </message>
    <message>
        <source>Close gaps</source>
        <translation>Lücken schließen</translation>
    </message>
    <message>
        <source>Close gaps up to</source>
        <translation>Lücken schließen bis</translation>
    </message>
    <message>
        <source>Every leftover speck is a cut. Smaller ones are left out; the view rings them.</source>
        <translation>Jeder übrige Fleck ist ein Schnitt. Kleinere werden weggelassen; die Ansicht umkreist sie.</translation>
    </message>
    <message>
        <source>Specks</source>
        <translation>Flecken</translation>
    </message>
    <message>
        <source>Leave out specks under</source>
        <translation>Flecken weglassen unter</translation>
    </message>
    <message>
        <source>Pinholes make the blade turn on the spot. Smaller ones are closed; the view rings them.</source>
        <translation>Auf Nadellöchern dreht die Klinge auf der Stelle. Kleinere werden geschlossen; die Ansicht umkreist sie.</translation>
    </message>
    <message>
        <source>Pinholes</source>
        <translation>Nadellöcher</translation>
    </message>
    <message>
        <source>and pinholes under</source>
        <translation>und Nadellöcher unter</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message numerus="yes">
        <source>%n specks</source>
        <translation>
            <numerusform>%n Fleck</numerusform>
            <numerusform>%n Flecken</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n holes</source>
        <translation>
            <numerusform>%n Loch</numerusform>
            <numerusform>%n Löcher</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is left out.</source>
        <translation>Nichts ist weggelassen.</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>Weggelassen: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source> This picture falls into so many bits that %1 more were not even looked at. Another background source may find the figure.</source>
        <translation> Dieses Bild zerfällt in so viele Stückchen, dass %1 weitere gar nicht betrachtet wurden. Ein anderer Weg zum Hintergrund findet die Figur vielleicht.</translation>
    </message>
    <message>
        <source> It is so grainy that it was looked at %1 times coarser than its pixels.</source>
        <translation> Es ist so körnig, dass es %1-mal gröber als seine Pixel betrachtet wurde.</translation>
    </message>
    <message>
        <source>exact, as drawn</source>
        <translation>exakt, wie gezeichnet</translation>
    </message>
    <message>
        <source>at %1 %</source>
        <translation>mit %1 %</translation>
    </message>
    <message>
        <source>, smoothed</source>
        <translation>, geglättet</translation>
    </message>
    <message>
        <source>, outer edge only</source>
        <translation>, nur Außenkante</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutputPage</name>
    <message>
        <source>Tickets…</source>
        <translation>Laufzettel…</translation>
    </message>
    <message>
        <source>Everything that was printed from this project: cut it again, print it again, open it or delete it.</source>
        <translation>Alles, was aus diesem Projekt gedruckt wurde: nochmals schneiden, nochmals drucken, öffnen oder löschen.</translation>
    </message>
    <message>
        <source>Cut what was printed</source>
        <translation>Schneiden, was gedruckt wurde</translation>
    </message>
    <message>
        <source>The ticket stays as it is; so does the paper.</source>
        <translation>Der Laufzettel bleibt, wie er ist; das Papier auch.</translation>
    </message>
    <message>
        <source>Print again</source>
        <translation>Nochmals drucken</translation>
    </message>
    <message>
        <source>A new ticket with the changes.</source>
        <translation>Ein neuer Laufzettel mit den Änderungen.</translation>
    </message>
    <message>
        <source>today, %1</source>
        <translation>heute, %1</translation>
    </message>
    <message>
        <source>Open ticket %1</source>
        <translation>Laufzettel %1 öffnen</translation>
    </message>
    <message>
        <source>Cut lines for elsewhere</source>
        <translation>Schnittlinien für anderswo</translation>
    </message>
    <message>
        <source>Check a file…</source>
        <translation>Datei prüfen…</translation>
    </message>
    <message>
        <source>Reads an SVG, DXF or HP-GL file back and compares it with what is to be cut.</source>
        <translation>Liest eine SVG-, DXF- oder HP-GL-Datei zurück und vergleicht sie mit dem, was geschnitten wird.</translation>
    </message>
    <message>
        <source>Ink names…</source>
        <translation>Namen der Farben…</translation>
    </message>
    <message>
        <source>What cut lines are called in the PDF.</source>
        <translation>Wie Schnittlinien im PDF heißen.</translation>
    </message>
    <message>
        <source>Set the printer right…</source>
        <translation>Drucker einrichten…</translation>
    </message>
    <message>
        <source>Print a page, measure three lengths, and later prints are moved by it.</source>
        <translation>Eine Seite drucken, drei Längen messen, und spätere Drucke werden darum verschoben.</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>SVG</source>
        <translation>SVG</translation>
    </message>
    <message>
        <source>DXF</source>
        <translation>DXF</translation>
    </message>
    <message>
        <source>HP-GL</source>
        <translation>HP-GL</translation>
    </message>
    <message>
        <source>Save the cut lines</source>
        <translation>Schnittlinien speichern</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 gespeichert.</translation>
    </message>
    <message>
        <source>Saved %1 pages.</source>
        <translation>%1 Seiten gespeichert.</translation>
    </message>
    <message>
        <source>The cutter is at work</source>
        <translation>Der Schneider arbeitet</translation>
    </message>
    <message>
        <source>%1 of %2 lines are cut; the cutter waits. Stop the cut for good?</source>
        <translation>%1 von %2 Linien sind geschnitten; der Schneider wartet. Den Schnitt endgültig abbrechen?</translation>
    </message>
    <message>
        <source>Stop the cut</source>
        <translation>Schnitt abbrechen</translation>
    </message>
    <message>
        <source>Go on cutting</source>
        <translation>Weiter schneiden</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Bleiben</translation>
    </message>
    <message>
        <source>Check a cut file</source>
        <translation>Schneidedatei prüfen</translation>
    </message>
    <message>
        <source>Cut files (*.svg *.dxf *.plt *.hpgl)</source>
        <translation>Schneidedateien (*.svg *.dxf *.plt *.hpgl)</translation>
    </message>
    <message>
        <source>Checking “%1”</source>
        <translation>„%1“ wird geprüft</translation>
    </message>
    <message>
        <source>%1 agrees: %2 lines, nowhere more than %3 mm off.</source>
        <translation>%1 stimmt überein: %2 Linien, nirgends mehr als %3 mm daneben.</translation>
    </message>
    <message>
        <source>%1 has this page&apos;s lines, but not all as the same kind of cut: kiss, score or through.</source>
        <translation>%1 hat die Linien dieser Seite, aber nicht alle als dieselbe Schnittart: Kiss-Cut, Ritzen oder Durchtrennen.</translation>
    </message>
    <message>
        <source>%1 does not agree with this page: its lines lie up to %2 mm off.</source>
        <translation>%1 passt nicht zu dieser Seite: die Linien liegen bis zu %2 mm daneben.</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>Laufzettel %1</translation>
    </message>
    <message>
        <source>Not printed yet</source>
        <translation>Noch nicht gedruckt</translation>
    </message>
    <message>
        <source>No ticket in hand</source>
        <translation>Kein Laufzettel in der Hand</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>gedruckt %1</translation>
    </message>
    <message>
        <source>And more. </source>
        <translation>Und weitere. </translation>
    </message>
    <message>
        <source>The sheet has changed since it was printed. %1</source>
        <translation>Der Bogen hat sich seit dem Druck geändert. %1</translation>
    </message>
    <message>
        <source>Cutting what was printed; the sheet has changed since.</source>
        <translation>Geschnitten wird, was gedruckt wurde; der Bogen hat sich seither geändert.</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Schneidet</translation>
    </message>
    <message>
        <source>not cut yet</source>
        <translation>noch nicht geschnitten</translation>
    </message>
    <message>
        <source>cut once on %1</source>
        <translation>einmal auf %1 geschnitten</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>cut %1 times on %2</source>
        <translation>%1-mal auf %2 geschnitten</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n Seite</numerusform>
            <numerusform>%n Seiten</numerusform>
        </translation>
    </message>
    <message>
        <source>Ticket %1
printed %2
%3, %4 lines, %5</source>
        <translation>Laufzettel %1
gedruckt %2
%3, %4 Linien, %5</translation>
    </message>
    <message>
        <source>Tickets</source>
        <translation>Laufzettel</translation>
    </message>
    <message>
        <source>Everything that was printed from this project. A ticket stays as it was printed, whatever becomes of the sheet.</source>
        <translation>Alles, was aus diesem Projekt gedruckt wurde. Ein Laufzettel bleibt, wie er gedruckt wurde, was auch aus dem Bogen wird.</translation>
    </message>
    <message>
        <source>Cut it</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Take this ticket in hand: its paper is what is cut.</source>
        <translation>Diesen Laufzettel in die Hand nehmen: sein Papier wird geschnitten.</translation>
    </message>
    <message>
        <source>Print it again</source>
        <translation>Nochmals drucken</translation>
    </message>
    <message>
        <source>Open its sheet and print it as a new ticket.</source>
        <translation>Seinen Bogen öffnen und als neuen Laufzettel drucken.</translation>
    </message>
    <message>
        <source>Open it on the Sheet</source>
        <translation>Auf dem Bogen öffnen</translation>
    </message>
    <message>
        <source>Its sheet takes the place of the one that is open. Undo brings that back.</source>
        <translation>Sein Bogen nimmt den Platz des offenen ein. Rückgängig bringt diesen zurück.</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Forget this print.</source>
        <translation>Diesen Druck vergessen.</translation>
    </message>
    <message>
        <source>Nothing was printed yet.</source>
        <translation>Noch nichts wurde gedruckt.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PagesDialog</name>
    <message>
        <source>Which pages?</source>
        <translation>Welche Seiten?</translation>
    </message>
    <message>
        <source>“%1” has one page.</source>
        <translation>„%1“ hat eine Seite.</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. Each one becomes a sticker.</source>
        <translation>„%1“ hat %2 Seiten. Jede wird ein Aufkleber.</translation>
    </message>
    <message>
        <source>Such as 1, 3-5.</source>
        <translation>Etwa 1, 3-5.</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>Als Bild</translation>
    </message>
    <message>
        <source>As a drawing</source>
        <translation>Als Zeichnung</translation>
    </message>
    <message>
        <source>A drawing keeps its parts and their exact edges; a picture is traced.</source>
        <translation>Eine Zeichnung behält ihre Teile und deren exakte Kanten; ein Bild wird nachgezeichnet.</translation>
    </message>
    <message>
        <source>How finely the pages are drawn. It can be changed later in the Artwork step.</source>
        <translation>Wie fein die Seiten gezeichnet werden. Später im Schritt Motiv zu ändern.</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>Gezeichnet mit</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Which page?</source>
        <translation>Welche Seite?</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. One of them takes the artwork&apos;s place.</source>
        <translation>„%1“ hat %2 Seiten. Eine davon tritt an die Stelle des Motivs.</translation>
    </message>
    <message>
        <source>Its number, from 1.</source>
        <translation>Ihre Nummer, ab 1.</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PaperCard</name>
    <message>
        <source>Custom size</source>
        <translation>Eigene Größe</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Paper width</source>
        <translation>Papierbreite</translation>
    </message>
    <message>
        <source>Paper height</source>
        <translation>Papierhöhe</translation>
    </message>
    <message>
        <source>Mirrored, for transfer paper or film</source>
        <translation>Gespiegelt, für Transferpapier oder Folie</translation>
    </message>
    <message>
        <source>Printed and cut as in a mirror. Here you see the sheet as it looks in the end; marks and code stay readable on the paper.</source>
        <translation>Wie im Spiegel gedruckt und geschnitten. Hier ist der Bogen zu sehen, wie er am Ende aussieht; Marken und Code bleiben auf dem Papier lesbar.</translation>
    </message>
    <message>
        <source>Mirrored sheet</source>
        <translation>Gespiegelter Bogen</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>Ganze Seite</translation>
    </message>
    <message>
        <source>Halves</source>
        <translation>Hälften</translation>
    </message>
    <message>
        <source>Quarters</source>
        <translation>Viertel</translation>
    </message>
    <message>
        <source>Grid of small sheets</source>
        <translation>Raster kleiner Bögen</translation>
    </message>
    <message>
        <source>Several little sticker sheets from one page, each with its own outer cut.</source>
        <translation>Mehrere kleine Aufkleberbögen aus einer Seite, jeder mit eigenem Außenschnitt.</translation>
    </message>
    <message>
        <source>Divide into</source>
        <translation>Teilen in</translation>
    </message>
    <message>
        <source>Small sheets</source>
        <translation>Kleine Bögen</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Reihen</translation>
    </message>
    <message>
        <source>Between them</source>
        <translation>Zwischen ihnen</translation>
    </message>
    <message>
        <source>Their outline</source>
        <translation>Ihr Umriss</translation>
    </message>
    <message>
        <source>Cut what lies on the photo board</source>
        <translation>Schneiden, was auf der Fototafel liegt</translation>
    </message>
    <message>
        <source>Stamped, painted or bought art is cut where it lies on the board, by its photograph. Nothing is printed, and no copy can be moved from its art.</source>
        <translation>Gestempelte, gemalte oder gekaufte Motive werden nach ihrem Foto geschnitten, wo sie auf der Tafel liegen. Nichts wird gedruckt, und kein Exemplar lässt sich von seinem Motiv wegbewegen.</translation>
    </message>
    <message>
        <source>Cut what is there</source>
        <translation>Schneiden, was da liegt</translation>
    </message>
    <message>
        <source>Print the sheet</source>
        <translation>Bogen drucken</translation>
    </message>
    <message>
        <source>%1 photo board</source>
        <translation>Fototafel %1</translation>
    </message>
    <message>
        <source>%1, %2 small sheets</source>
        <translation>%1, %2 kleine Bögen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PartsStep</name>
    <message>
        <source>round it</source>
        <translation>rundherum</translation>
    </message>
    <message>
        <source>kiss</source>
        <translation>Kiss-Cut</translation>
    </message>
    <message>
        <source>score</source>
        <translation>ritzen</translation>
    </message>
    <message>
        <source>through</source>
        <translation>durchgetrennt</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>How the parts are listed: as they lie in the file, by layer, or by colour.</source>
        <translation>Wie die Teile gelistet sind: wie sie in der Datei liegen, nach Ebene oder nach Farbe.</translation>
    </message>
    <message>
        <source>Parts, the frontmost first</source>
        <translation>Teile, der vorderste zuerst</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Print a part</source>
        <translation>Teil drucken</translation>
    </message>
    <message>
        <source>Do not print a part</source>
        <translation>Teil nicht drucken</translation>
    </message>
    <message>
        <source>Make of the parts chosen</source>
        <translation>Aus den gewählten Teilen machen</translation>
    </message>
    <message>
        <source>Colours and fills</source>
        <translation>Farben und Füllungen</translation>
    </message>
    <message>
        <source>Cut round all</source>
        <translation>Um alles schneiden</translation>
    </message>
    <message>
        <source>Everything is printed, and one cut goes only round everything.</source>
        <translation>Alles wird gedruckt, und ein Schnitt geht nur um alles herum.</translation>
    </message>
    <message>
        <source>Cut the bottom</source>
        <translation>Die unterste schneiden</translation>
    </message>
    <message>
        <source>The bottom shape is cut and not printed; the rest is only printed.</source>
        <translation>Die unterste Form wird geschnitten und nicht gedruckt; der Rest wird nur gedruckt.</translation>
    </message>
    <message>
        <source>Cut the bottom shape</source>
        <translation>Die unterste Form schneiden</translation>
    </message>
    <message>
        <source>Colours apart</source>
        <translation>Farben getrennt</translation>
    </message>
    <message>
        <source>A sticker for each colour, to be cut from different papers and laid on each other.</source>
        <translation>Ein Aufkleber für jede Farbe, zum Schneiden aus verschiedenen Papieren und Übereinanderkleben.</translation>
    </message>
    <message>
        <source>As in the file</source>
        <translation>Wie in der Datei</translation>
    </message>
    <message>
        <source>What is painted prints; thin lines, and layers named after a kind of cut, are cut where they lie.</source>
        <translation>Was gemalt ist, wird gedruckt; dünne Linien, und Ebenen, die nach einer Schnittart heißen, werden geschnitten, wo sie liegen.</translation>
    </message>
    <message>
        <source>How the parts are cut</source>
        <translation>Wie die Teile geschnitten werden</translation>
    </message>
    <message>
        <source>Not at all; as part of what the border goes round; or along their own edge.</source>
        <translation>Gar nicht; als Teil dessen, worum der Rand geht; oder an ihren eigenen Kanten.</translation>
    </message>
    <message>
        <source>Print parts</source>
        <translation>Teile drucken</translation>
    </message>
    <message>
        <source>Cut parts</source>
        <translation>Teile schneiden</translation>
    </message>
    <message>
        <source>Only this</source>
        <translation>Nur dieses</translation>
    </message>
    <message>
        <source>Cut: %1</source>
        <translation>Geschnitten: %1</translation>
    </message>
    <message>
        <source>One shape of all they cover.</source>
        <translation>Eine Form aus allem, was sie bedecken.</translation>
    </message>
    <message>
        <source>The lowest, less what lies over it.</source>
        <translation>Das unterste, ohne was darüber liegt.</translation>
    </message>
    <message>
        <source>What all of them cover.</source>
        <translation>Was alle von ihnen bedecken.</translation>
    </message>
    <message>
        <source>One shape, with holes where two of them overlap.</source>
        <translation>Eine Form, mit Löchern, wo zwei von ihnen überlappen.</translation>
    </message>
    <message>
        <source>Each region between their edges by itself.</source>
        <translation>Jede Fläche zwischen ihren Kanten für sich.</translation>
    </message>
    <message>
        <source>Each part loses what lies under those above it, so that a single layer is left.</source>
        <translation>Jeder Teil verliert, was unter den oberen liegt, so dass eine einzige Lage bleibt.</translation>
    </message>
    <message>
        <source>Each separate piece by itself.</source>
        <translation>Jedes getrennte Stück für sich.</translation>
    </message>
    <message>
        <source>Take apart again</source>
        <translation>Wieder zerlegen</translation>
    </message>
    <message>
        <source>Gives back the parts that it was made of.</source>
        <translation>Gibt die Teile zurück, aus denen es gemacht wurde.</translation>
    </message>
    <message>
        <source>Take apart</source>
        <translation>Zerlegen</translation>
    </message>
    <message>
        <source>Pieces that are nowhere as thick as this are slivers: too thin to weed or to hold.</source>
        <translation>Stücke, die nirgends so dick sind wie dies, sind Schnipsel: zu schmal zum Entgittern oder Halten.</translation>
    </message>
    <message>
        <source>Slivers are thinner than</source>
        <translation>Schnipsel sind dünner als</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>Leaves these pieces out of the combined parts.</source>
        <translation>Lässt diese Stücke aus den vereinten Teilen weg.</translation>
    </message>
    <message>
        <source>Leave slivers out</source>
        <translation>Schnipsel weglassen</translation>
    </message>
    <message>
        <source>Fill of the parts chosen</source>
        <translation>Füllung der gewählten Teile</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>A picture…</source>
        <translation>Ein Bild…</translation>
    </message>
    <message>
        <source>Lays a picture over the part, as large as it must be.</source>
        <translation>Legt ein Bild über den Teil, so groß wie nötig.</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie es kam</translation>
    </message>
    <message>
        <source>Back to the drawing&apos;s own paint.</source>
        <translation>Zurück zur eigenen Farbe der Zeichnung.</translation>
    </message>
    <message>
        <source>Own paint</source>
        <translation>Eigene Farbe</translation>
    </message>
    <message>
        <source>Colours of the drawing, to be changed</source>
        <translation>Farben der Zeichnung, zum Ändern</translation>
    </message>
    <message>
        <source>Nothing comes of that: do the parts overlap?</source>
        <translation>Daraus wird nichts: überlappen sich die Teile?</translation>
    </message>
    <message>
        <source>The drawing has only one plain colour.</source>
        <translation>Die Zeichnung hat nur eine einfache Farbe.</translation>
    </message>
    <message>
        <source>Each colour alone</source>
        <translation>Jede Farbe allein</translation>
    </message>
    <message>
        <source>%1 stickers were added to the tray, one for each colour.</source>
        <translation>%1 Aufkleber kamen in die Ablage, einer für jede Farbe.</translation>
    </message>
    <message>
        <source>Fill with a picture</source>
        <translation>Mit einem Bild füllen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>no layer</source>
        <translation>keine Ebene</translation>
    </message>
    <message>
        <source>no plain colour</source>
        <translation>keine einfache Farbe</translation>
    </message>
    <message>
        <source>Choose parts here or by clicking them in the picture.</source>
        <translation>Teile hier oder durch Klicken im Bild wählen.</translation>
    </message>
    <message>
        <source>%1 parts chosen</source>
        <translation>%1 Teile gewählt</translation>
    </message>
    <message>
        <source>Colour %1</source>
        <translation>Farbe %1</translation>
    </message>
    <message>
        <source>Change a colour</source>
        <translation>Farbe ändern</translation>
    </message>
    <message>
        <source>%1 combined parts: too many to count slivers among.</source>
        <translation>%1 vereinte Teile: zu viele, um Schnipsel darunter zu zählen.</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>%1: %2 mm²</source>
        <translation>%1: %2 mm²</translation>
    </message>
    <message>
        <source>Combining parts may leave slivers.</source>
        <translation>Beim Vereinen können Schnipsel bleiben.</translation>
    </message>
    <message>
        <source>No slivers.</source>
        <translation>Keine Schnipsel.</translation>
    </message>
    <message>
        <source>%1 printed, %2 cut</source>
        <translation>%1 gedruckt, %2 geschnitten</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PhotoNet</name>
    <message>
        <source>The photograph, with the corners of what becomes flat</source>
        <translation>Das Foto, mit den Ecken dessen, was flach wird</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PreflightStrip</name>
    <message>
        <source>Preflight</source>
        <translation>Vorprüfung</translation>
    </message>
    <message>
        <source>To fix</source>
        <translation>Zu beheben</translation>
    </message>
    <message>
        <source>Problems that would waste paper or a cut. Click for the list.</source>
        <translation>Probleme, die Papier oder einen Schnitt verderben. Klicken für die Liste.</translation>
    </message>
    <message>
        <source>Things that may be meant. Click for the list.</source>
        <translation>Was gewollt sein kann. Klicken für die Liste.</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Go to the place on the sheet.</source>
        <translation>Zur Stelle auf dem Bogen gehen.</translation>
    </message>
    <message>
        <source>Repair</source>
        <translation>Beheben</translation>
    </message>
    <message>
        <source>Repair this one. Undo takes it back.</source>
        <translation>Dieses beheben. Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>Ignore</source>
        <translation>Ignorieren</translation>
    </message>
    <message>
        <source>It is not told again as long as these copies lie where they are. Saved with the project.</source>
        <translation>Es wird nicht wieder gemeldet, solange diese Exemplare liegen, wo sie sind. Mit dem Projekt gespeichert.</translation>
    </message>
    <message>
        <source>Ignored</source>
        <translation>Ignoriert</translation>
    </message>
    <message>
        <source>Tell all that is ignored again.</source>
        <translation>Alles Ignorierte wieder melden.</translation>
    </message>
    <message>
        <source>Tell all again</source>
        <translation>Alles wieder melden</translation>
    </message>
    <message>
        <source>%1 to fix</source>
        <translation>%1 zu beheben</translation>
    </message>
    <message>
        <source>Nothing to fix</source>
        <translation>Nichts zu beheben</translation>
    </message>
    <message>
        <source>%1 to look at</source>
        <translation>%1 anzusehen</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>Der Bogen ist leer.</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>Der Bogen wird angesehen…</translation>
    </message>
    <message>
        <source>Everything lies inside the cut zone with room between.</source>
        <translation>Alles liegt im Schneidebereich, mit Raum dazwischen.</translation>
    </message>
    <message>
        <source>Cut zone used %1 %</source>
        <translation>Schneidebereich zu %1 % genutzt</translation>
    </message>
    <message>
        <source>To fix: </source>
        <translation>Zu beheben: </translation>
    </message>
    <message>
        <source>To look at: </source>
        <translation>Anzusehen: </translation>
    </message>
    <message>
        <source>Ignored (%1): tell again</source>
        <translation>Ignoriert (%1): wieder melden</translation>
    </message>
    <message>
        <source>The sheet has not been worked out yet.</source>
        <translation>Der Bogen ist noch nicht berechnet.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintAct</name>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Practice print</source>
        <translation>Übungsdruck</translation>
    </message>
    <message>
        <source>Freezes the sheet into a ticket and shows what comes out of the printer, from the very PDF.</source>
        <translation>Friert den Bogen in einen Laufzettel ein und zeigt, was aus dem Drucker kommt, aus eben diesem PDF.</translation>
    </message>
    <message>
        <source>On paper…</source>
        <translation>Auf Papier…</translation>
    </message>
    <message>
        <source>Print on a printer of this computer, at actual size.</source>
        <translation>Auf einem Drucker dieses Rechners drucken, in Originalgröße.</translation>
    </message>
    <message>
        <source>PDF…</source>
        <translation>PDF…</translation>
    </message>
    <message>
        <source>Save the sheet to print it elsewhere: at actual size, no fit to page, no borderless.</source>
        <translation>Den Bogen speichern, um ihn anderswo zu drucken: in Originalgröße, nicht an die Seite angepasst, nicht randlos.</translation>
    </message>
    <message>
        <source>Test…</source>
        <translation>Test…</translation>
    </message>
    <message>
        <source>Outlines, marks and rulers for plain paper: hold it against the sticker paper before you print.</source>
        <translation>Umrisse, Marken und Lineale für Normalpapier: vor dem Drucken an das Aufkleberpapier halten.</translation>
    </message>
    <message>
        <source>The sheet is empty: put copies on it first.</source>
        <translation>Der Bogen ist leer: zuerst Exemplare darauf legen.</translation>
    </message>
    <message>
        <source>This sheet cuts what lies on the photo board; it is not printed.</source>
        <translation>Dieser Bogen schneidet, was auf der Fototafel liegt; er wird nicht gedruckt.</translation>
    </message>
    <message>
        <source>The sheet is still being worked out. Print it in a moment.</source>
        <translation>Der Bogen wird noch berechnet. Gleich drucken.</translation>
    </message>
    <message>
        <source>The cutter is at work. Print when it is done.</source>
        <translation>Der Schneider arbeitet. Drucken, wenn er fertig ist.</translation>
    </message>
    <message>
        <source>And %1 more.</source>
        <translation>Und %1 weitere.</translation>
    </message>
    <message>
        <source>Before it is printed</source>
        <translation>Bevor gedruckt wird</translation>
    </message>
    <message numerus="yes">
        <source>%n things would waste this print:</source>
        <translation>
            <numerusform>Eines würde diesen Druck verderben:</numerusform>
            <numerusform>%n Dinge würden diesen Druck verderben:</numerusform>
        </translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Print all the same</source>
        <translation>Trotzdem drucken</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Speichern unter</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>Saved %1 as ticket %2. Print it at actual size.</source>
        <translation>%1 als Laufzettel %2 gespeichert. In Originalgröße drucken.</translation>
    </message>
    <message>
        <source>Test on plain paper</source>
        <translation>Test auf Normalpapier</translation>
    </message>
    <message>
        <source>Outlines, marks and two rulers, on plain paper. Hold the print against the sticker paper, or measure the rulers: 100 mm must be 100 mm.</source>
        <translation>Umrisse, Marken und zwei Lineale, auf Normalpapier. Den Druck an das Aufkleberpapier halten, oder die Lineale messen: 100 mm müssen 100 mm sein.</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>Als PDF speichern…</translation>
    </message>
    <message>
        <source>plain paper test</source>
        <translation>Test auf Normalpapier</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 gespeichert.</translation>
    </message>
    <message>
        <source>printing…</source>
        <translation>wird gedruckt…</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>the sheet is empty</source>
        <translation>der Bogen ist leer</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>Pictures and marks only, at actual size.</source>
        <translation>Nur Bilder und Marken, in Originalgröße.</translation>
    </message>
    <message>
        <source>%1, at actual size.</source>
        <translation>%1, in Originalgröße.</translation>
    </message>
    <message>
        <source> Correction: %1 mm right, %2 mm down.</source>
        <translation> Korrektur: %1 mm nach rechts, %2 mm nach unten.</translation>
    </message>
    <message>
        <source>This printer is set to borderless, which enlarges the page: the cut would miss its print.</source>
        <translation>Dieser Drucker steht auf randlos, was die Seite vergrößert: der Schnitt verfehlte den Druck.</translation>
    </message>
    <message>
        <source>This printer is set to scale pages: the cut would miss its print.</source>
        <translation>Dieser Drucker skaliert Seiten: der Schnitt verfehlte den Druck.</translation>
    </message>
    <message>
        <source>What is there</source>
        <translation>Was da ist</translation>
    </message>
    <message>
        <source>What lies on the board is the print; nothing is printed.</source>
        <translation>Was auf der Tafel liegt, ist der Druck; nichts wird gedruckt.</translation>
    </message>
    <message>
        <source>Take it anew</source>
        <translation>Neu nehmen</translation>
    </message>
    <message>
        <source>Take it as it lies</source>
        <translation>Nehmen, wie er liegt</translation>
    </message>
    <message>
        <source>Practice print again</source>
        <translation>Nochmals zur Übung drucken</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintFinder</name>
    <message>
        <source>Cuts on “%1” are moved by that from now on; this sheet has it already.</source>
        <translation>Schnitte auf „%1“ werden von nun an darum verschoben; bei diesem Bogen schon.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintedSheet</name>
    <message>
        <source>Pictures on this sheet cannot be read, so it is neither printed nor cut. %1</source>
        <translation>Bilder auf diesem Bogen lassen sich nicht lesen, deshalb wird er weder gedruckt noch geschnitten. %1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrinterCard</name>
    <message>
        <source>Printer</source>
        <translation>Drucker</translation>
    </message>
    <message>
        <source>Margins it cannot print</source>
        <translation>Ränder, die er nicht bedruckt</translation>
    </message>
    <message>
        <source>Printer margins</source>
        <translation>Ränder des Druckers</translation>
    </message>
    <message>
        <source>As set in its print settings</source>
        <translation>Wie in den Druckeinstellungen</translation>
    </message>
    <message>
        <source>Anything but 100 % spoils every size, and the cut misses its print.</source>
        <translation>Alles außer 100 % verdirbt jede Größe, und der Schnitt verfehlt den Druck.</translation>
    </message>
    <message>
        <source>Scaling</source>
        <translation>Skalierung</translation>
    </message>
    <message>
        <source>Print settings</source>
        <translation>Druckeinstellungen</translation>
    </message>
    <message>
        <source>Borderless</source>
        <translation>Randlos</translation>
    </message>
    <message>
        <source>Correction of its prints</source>
        <translation>Korrektur seiner Drucke</translation>
    </message>
    <message>
        <source>Prints come out too far left by this much, so they are moved right.</source>
        <translation>Drucke kommen um so viel zu weit links heraus, also werden sie nach rechts verschoben.</translation>
    </message>
    <message>
        <source>Prints come out too high by this much, so they are moved down.</source>
        <translation>Drucke kommen um so viel zu hoch heraus, also werden sie nach unten verschoben.</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Correction</source>
        <translation>Korrektur</translation>
    </message>
    <message>
        <source>Stretch width to</source>
        <translation>Breite strecken auf</translation>
    </message>
    <message>
        <source>Stretch height to</source>
        <translation>Höhe strecken auf</translation>
    </message>
    <message>
        <source>Save this printer as…</source>
        <translation>Diesen Drucker speichern unter…</translation>
    </message>
    <message>
        <source>Keeps margins, settings and correction under a name, for other projects.</source>
        <translation>Bewahrt Ränder, Einstellungen und Korrektur unter einem Namen, für andere Projekte.</translation>
    </message>
    <message>
        <source>Save this printer</source>
        <translation>Diesen Drucker speichern</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Any printer</source>
        <translation>Beliebiger Drucker</translation>
    </message>
    <message>
        <source>any printer</source>
        <translation>beliebiger Drucker</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Project</name>
    <message>
        <source>Opening “%1”</source>
        <translation>„%1“ wird geöffnet</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Neues Projekt</translation>
    </message>
    <message>
        <source>Saving “%1”</source>
        <translation>„%1“ wird gespeichert</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies, and this would be %L2. Nothing was changed.</source>
        <translation>Ein Projekt fasst höchstens %L1 Exemplare, und dies wären %L2. Nichts wurde geändert.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ProjectFiles</name>
    <message>
        <source>Open project</source>
        <translation>Projekt öffnen</translation>
    </message>
    <message>
        <source>Fusuma projects (*.fusuma)</source>
        <translation>Fusuma-Projekte (*.fusuma)</translation>
    </message>
    <message>
        <source>Save project</source>
        <translation>Projekt speichern</translation>
    </message>
    <message>
        <source>Fusuma projects</source>
        <translation>Fusuma-Projekte</translation>
    </message>
    <message>
        <source>Changed on disk</source>
        <translation>Auf der Platte geändert</translation>
    </message>
    <message>
        <source>“%1” was written by somebody else since it was opened here. Saving would replace what they saved.</source>
        <translation>„%1“ wurde von jemand anderem geschrieben, seit es hier geöffnet ist. Speichern würde ersetzen, was dort gespeichert wurde.</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Save under another name…</source>
        <translation>Unter anderem Namen speichern…</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Ungespeicherte Änderungen</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>„%1“ hat Änderungen, die nicht gespeichert sind.</translation>
    </message>
    <message>
        <source>The pictures were for the project that could not be opened, and are left out.</source>
        <translation>Die Bilder waren für das Projekt, das nicht geöffnet werden konnte, und fallen weg.</translation>
    </message>
    <message>
        <source>A file that takes long</source>
        <translation>Eine Datei, die lange braucht</translation>
    </message>
    <message numerus="yes">
        <source>Files may take up to %n minute(s) then, until Fusuma is closed; Stop ends it at any time.</source>
        <translation>
            <numerusform>Dateien dürfen dann bis zu %n Minute brauchen, bis Fusuma geschlossen wird; „Stopp“ beendet es jederzeit.</numerusform>
            <numerusform>Dateien dürfen dann bis zu %n Minuten brauchen, bis Fusuma geschlossen wird; „Stopp“ beendet es jederzeit.</numerusform>
        </translation>
    </message>
    <message>
        <source>Give it more time</source>
        <translation>Mehr Zeit geben</translation>
    </message>
    <message>
        <source>Go on without it</source>
        <translation>Ohne sie weitermachen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::QuickPicks</name>
    <message>
        <source>%1, typed before</source>
        <translation>%1, früher eingegeben</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Recovery</name>
    <message>
        <source>What was kept of “%1” cannot be read. It stays in %2.</source>
        <translation>Was von „%1“ bewahrt wurde, ist nicht zu lesen. Es bleibt in %2.</translation>
    </message>
    <message>
        <source>Unsaved work cannot be kept aside, so a crash would lose it. Save the project. %1</source>
        <translation>Ungespeicherte Arbeit lässt sich nicht beiseite legen, ein Absturz verlöre sie also. Das Projekt speichern. %1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::RehearsalView</name>
    <message>
        <source>The sheet in the cutter</source>
        <translation>Der Bogen im Schneider</translation>
    </message>
    <message>
        <source>Time of the cut</source>
        <translation>Zeit des Schnitts</translation>
    </message>
    <message>
        <source>Go through the cut line by line.</source>
        <translation>Den Schnitt Linie für Linie durchgehen.</translation>
    </message>
    <message>
        <source>The page before</source>
        <translation>Die Seite davor</translation>
    </message>
    <message>
        <source>The next page</source>
        <translation>Die nächste Seite</translation>
    </message>
    <message>
        <source>line %1 of %2 · %3</source>
        <translation>Linie %1 von %2 · %3</translation>
    </message>
    <message>
        <source>Planned: as it will be printed and cut</source>
        <translation>Geplant: wie gedruckt und geschnitten wird</translation>
    </message>
    <message>
        <source>A moment…</source>
        <translation>Einen Moment…</translation>
    </message>
    <message>
        <source>Nothing to print yet</source>
        <translation>Noch nichts zu drucken</translation>
    </message>
    <message>
        <source>Printing…</source>
        <translation>Wird gedruckt…</translation>
    </message>
    <message>
        <source>Printed, not in the machine yet</source>
        <translation>Gedruckt, noch nicht in der Maschine</translation>
    </message>
    <message>
        <source>Looking for the marks…</source>
        <translation>Marken werden gesucht…</translation>
    </message>
    <message>
        <source>Point at the marks</source>
        <translation>Auf die Marken zeigen</translation>
    </message>
    <message>
        <source>The print was not found</source>
        <translation>Der Druck wurde nicht gefunden</translation>
    </message>
    <message>
        <source>Rehearsal: as the cut will come out</source>
        <translation>Probe: wie der Schnitt herauskommt</translation>
    </message>
    <message>
        <source>Paused: click the line to go on with</source>
        <translation>Pause: die Linie anklicken, mit der es weitergeht</translation>
    </message>
    <message>
        <source>The connection dropped</source>
        <translation>Die Verbindung brach ab</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Schneidet</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>Working out what will be printed and cut…</source>
        <translation>Was gedruckt und geschnitten wird, wird berechnet…</translation>
    </message>
    <message>
        <source>Put copies on the sheet, and what will be printed and cut is rehearsed here, line by line.</source>
        <translation>Exemplare auf den Bogen legen, und was gedruckt und geschnitten wird, wird hier geprobt, Linie für Linie.</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>nicht gefunden</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>Move the head over a mark by 0.5 mm; with Shift 5 mm, with Alt 0.05 mm</source>
        <translation>Den Kopf um 0,5 mm über eine Marke fahren; mit Umschalt 5 mm, mit Alt 0,05 mm</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>The mark is here</source>
        <translation>Die Marke ist hier</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Rücktaste</translation>
    </message>
    <message>
        <source>Back to the mark before</source>
        <translation>Zurück zur Marke davor</translation>
    </message>
    <message>
        <source>Mark %1 of %2</source>
        <translation>Marke %1 von %2</translation>
    </message>
    <message>
        <source>to be pointed at now</source>
        <translation>jetzt darauf zu zeigen</translation>
    </message>
    <message>
        <source>not looked for yet</source>
        <translation>noch nicht gesucht</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ScreenSizeDialog</name>
    <message>
        <source>The screen&apos;s size</source>
        <translation>Die Größe des Bildschirms</translation>
    </message>
    <message>
        <source>Hold a bank card or any card of that size against the screen, and move the slider until the drawn card is just as large. Then 1:1 on the Sheet is true.</source>
        <translation>Eine Bankkarte oder eine andere Karte dieser Größe an den Bildschirm halten und den Regler schieben, bis die gezeichnete Karte ebenso groß ist. Dann stimmt 1:1 auf dem Bogen.</translation>
    </message>
    <message>
        <source>Size of the card</source>
        <translation>Größe der Karte</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Searches</name>
    <message>
        <source>%1: the project was changed meanwhile, so nothing came of it.</source>
        <translation>%1: Das Projekt wurde inzwischen geändert, daher wurde nichts daraus.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SelectionCard</name>
    <message>
        <source>Click a copy to select it, drag a frame round several, or press Ctrl+A for all of the page.</source>
        <translation>Ein Exemplar anklicken, um es zu wählen, einen Rahmen um mehrere ziehen, oder Strg+A für die ganze Seite.</translation>
    </message>
    <message>
        <source>Middle from left</source>
        <translation>Mitte von links</translation>
    </message>
    <message>
        <source>Middle from top</source>
        <translation>Mitte von oben</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>Fertige Breite</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>Fertige Höhe</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Of the cut line. The border keeps its millimetres, the art makes up the rest.</source>
        <translation>Der Schnittlinie. Der Rand behält seine Millimeter, das Motiv macht den Rest.</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Verschieben</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>Größe der Exemplare ändern</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>Another copy in the nearest free place (Ctrl+D). Or drag with Ctrl.</source>
        <translation>Noch ein Exemplar am nächsten freien Platz (Strg+D). Oder mit Strg ziehen.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Take the selected copies off the sheet (Delete). The sticker stays in the tray.</source>
        <translation>Gewählte Exemplare vom Bogen nehmen (Entf). Der Aufkleber bleibt in der Ablage.</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>Locked copies stay where they are, when filling too.</source>
        <translation>Gesperrte Exemplare bleiben, wo sie sind, auch beim Füllen.</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Entsperren</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppieren</translation>
    </message>
    <message>
        <source>Grouped copies are selected and moved together (Ctrl+G).</source>
        <translation>Gruppierte Exemplare werden zusammen gewählt und bewegt (Strg+G).</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>Gruppe auflösen</translation>
    </message>
    <message>
        <source>Mirror ↔</source>
        <translation>Spiegeln ↔</translation>
    </message>
    <message>
        <source>Exchange left and right.</source>
        <translation>Links und rechts tauschen.</translation>
    </message>
    <message>
        <source>Mirror ↕</source>
        <translation>Spiegeln ↕</translation>
    </message>
    <message>
        <source>Exchange top and bottom.</source>
        <translation>Oben und unten tauschen.</translation>
    </message>
    <message>
        <source>To front</source>
        <translation>Nach vorn</translation>
    </message>
    <message>
        <source>Above all other copies (Ctrl+Shift+]).</source>
        <translation>Über alle anderen Exemplare (Strg+Umschalt+]).</translation>
    </message>
    <message>
        <source>To back</source>
        <translation>Nach hinten</translation>
    </message>
    <message>
        <source>Below all other copies (Ctrl+Shift+[).</source>
        <translation>Unter alle anderen Exemplare (Strg+Umschalt+[).</translation>
    </message>
    <message>
        <source>Line up the left edges</source>
        <translation>An den linken Kanten ausrichten</translation>
    </message>
    <message>
        <source>Line up the middles from left to right</source>
        <translation>An den Mitten ausrichten, von links nach rechts</translation>
    </message>
    <message>
        <source>Line up the right edges</source>
        <translation>An den rechten Kanten ausrichten</translation>
    </message>
    <message>
        <source>Line up the top edges</source>
        <translation>An den Oberkanten ausrichten</translation>
    </message>
    <message>
        <source>Line up the middles from top to bottom</source>
        <translation>An den Mitten ausrichten, von oben nach unten</translation>
    </message>
    <message>
        <source>Line up the bottom edges</source>
        <translation>An den Unterkanten ausrichten</translation>
    </message>
    <message>
        <source>; a single copy with the cut zone.</source>
        <translation>; ein einzelnes Exemplar am Schneidebereich.</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>Ausrichten</translation>
    </message>
    <message>
        <source>Equal room between, from left to right</source>
        <translation>Gleicher Raum dazwischen, von links nach rechts</translation>
    </message>
    <message>
        <source>Equal room between, from top to bottom</source>
        <translation>Gleicher Raum dazwischen, von oben nach unten</translation>
    </message>
    <message>
        <source>Distribute</source>
        <translation>Verteilen</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Reihen</translation>
    </message>
    <message>
        <source>Repeat</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>Copies of what is selected in so many columns and rows, a gap apart.</source>
        <translation>Exemplare des Gewählten in so vielen Spalten und Reihen, mit Abstand.</translation>
    </message>
    <message>
        <source>nothing selected</source>
        <translation>nichts gewählt</translation>
    </message>
    <message>
        <source>%1 copies</source>
        <translation>%1 Exemplare</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPage</name>
    <message>
        <source>Marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>Size, place and cutter…</source>
        <translation>Größe, Platz und Schneider…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPanel</name>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Copies</source>
        <translation>Exemplare</translation>
    </message>
    <message>
        <source>Selection</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>Marken und Schneider</translation>
    </message>
    <message>
        <source>Printer</source>
        <translation>Drucker</translation>
    </message>
    <message>
        <source>Largest sticker that fits an empty sheet</source>
        <translation>Größter Aufkleber, der auf einen leeren Bogen passt</translation>
    </message>
    <message>
        <source>it lies there already</source>
        <translation>er liegt schon dort</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n Exemplar</numerusform>
            <numerusform>%n Exemplare</numerusform>
        </translation>
    </message>
    <message>
        <source>The margins leave nowhere to cut on this paper.</source>
        <translation>Die Ränder lassen auf diesem Papier nichts zum Schneiden.</translation>
    </message>
    <message>
        <source>%1 on %2, %3 % of the cut zone used</source>
        <translation>%1 auf %2, %3 % des Schneidebereichs genutzt</translation>
    </message>
    <message>
        <source>the sheet</source>
        <translation>dem Bogen</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n Seite</numerusform>
            <numerusform>%n Seiten</numerusform>
        </translation>
    </message>
    <message>
        <source>Shared cuts spare %1 of cutting</source>
        <translation>Gemeinsame Schnitte sparen %1 Schnittweg</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetView</name>
    <message>
        <source>Sheet</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Kleiner</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Größer</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Einpassen</translation>
    </message>
    <message>
        <source>Show the whole sheet</source>
        <translation>Ganzen Bogen zeigen</translation>
    </message>
    <message>
        <source>1:1</source>
        <translation>1:1</translation>
    </message>
    <message>
        <source>As large as it will be on paper. If a ruler disagrees, set your screen&apos;s size in the View menu.</source>
        <translation>So groß, wie es auf Papier sein wird. Sagt ein Lineal anderes, im Menü Ansicht die Größe des Bildschirms einstellen.</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Drag between two places to measure between them (M).</source>
        <translation>Zwischen zwei Stellen ziehen, um ihren Abstand zu messen (M).</translation>
    </message>
    <message>
        <source>The page before (Page up)</source>
        <translation>Die Seite davor (Bild auf)</translation>
    </message>
    <message>
        <source>The next page (Page down)</source>
        <translation>Die nächste Seite (Bild ab)</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>Seite hinzufügen</translation>
    </message>
    <message>
        <source>Another page of the same paper.</source>
        <translation>Noch eine Seite desselben Papiers.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>%1, %2 by %3, %4 from the left, %5 from the top</source>
        <translation>%1, %2 mal %3, %4 von links, %5 von oben</translation>
    </message>
    <message>
        <source>, locked</source>
        <translation>, gesperrt</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>Marke %1</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>Move the copies chosen by 1 mm; with Shift 10 mm, with Alt 0.1 mm</source>
        <translation>Gewählte Exemplare um 1 mm verschieben; mit Umschalt 10 mm, mit Alt 0,1 mm</translation>
    </message>
    <message>
        <source>Comma, full stop</source>
        <translation>Komma, Punkt</translation>
    </message>
    <message>
        <source>Turn them by 15°; with Alt by 1°</source>
        <translation>Um 15° drehen; mit Alt um 1°</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Bild auf, Bild ab</translation>
    </message>
    <message>
        <source>The page before, the next page</source>
        <translation>Die Seite davor, die nächste Seite</translation>
    </message>
    <message>
        <source>M</source>
        <translation>M</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>Take back what is being done; choose nothing</source>
        <translation>Zurücknehmen, was gerade geschieht; nichts wählen</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SlipPanel</name>
    <message>
        <source>What if it slips?</source>
        <translation>Was, wenn es sich versetzt?</translation>
    </message>
    <message>
        <source>Shift the cut against the print and look.</source>
        <translation>Den Schnitt gegen den Druck verschieben und hinsehen.</translation>
    </message>
    <message>
        <source>Shift right</source>
        <translation>Versatz nach rechts</translation>
    </message>
    <message>
        <source>Shift down</source>
        <translation>Versatz nach unten</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Stickers that would show it</source>
        <translation>Aufkleber, die es zeigten</translation>
    </message>
    <message>
        <source>slip %1 mm</source>
        <translation>Versatz %1 mm</translation>
    </message>
    <message>
        <source>Widens borders and bleeds of the stickers that need it. One step that can be undone.</source>
        <translation>Verbreitert Rand und Beschnitt der Aufkleber, die es brauchen. Ein Schritt, der sich rückgängig machen lässt.</translation>
    </message>
    <message>
        <source>Make stickers safe</source>
        <translation>Aufkleber sicher machen</translation>
    </message>
    <message>
        <source>Try 1000 sheets</source>
        <translation>1000 Bögen proben</translation>
    </message>
    <message>
        <source>Slips as a usual machine makes them: 0.25 mm each way and 0.06° of turn, as standard deviations.</source>
        <translation>Versatz, wie eine übliche Maschine ihn macht: 0,25 mm je Richtung und 0,06° Drehung, als Standardabweichung.</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>Der Bogen ist leer.</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>Der Bogen wird angesehen…</translation>
    </message>
    <message>
        <source>No slip.</source>
        <translation>Kein Versatz.</translation>
    </message>
    <message>
        <source>All %1 stay clean.</source>
        <translation>Alle %1 bleiben sauber.</translation>
    </message>
    <message>
        <source>1 of %1 shows a fault.</source>
        <translation>1 von %1 zeigt einen Fehler.</translation>
    </message>
    <message>
        <source>%1 of %2 show a fault.</source>
        <translation>%1 von %2 zeigen einen Fehler.</translation>
    </message>
    <message>
        <source>borders up to %1</source>
        <translation>Ränder bis %1</translation>
    </message>
    <message>
        <source>bleeds up to %1</source>
        <translation>Beschnitt bis %1</translation>
    </message>
    <message>
        <source>no bleed of another colour round white borders</source>
        <translation>kein andersfarbiger Beschnitt um weiße Ränder</translation>
    </message>
    <message>
        <source>%1 would keep every sticker clean up to a slip of %2 mm.</source>
        <translation>%1 hielte jeden Aufkleber bis zu einem Versatz von %2 mm sauber.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>Every sticker bears a slip of 1 mm.</source>
        <translation>Jeder Aufkleber verträgt einen Versatz von 1 mm.</translation>
    </message>
    <message>
        <source>Neighbours or marks lie too near. Fill the sheet with a wider gap, or move copies apart.</source>
        <translation>Nachbarn oder Marken liegen zu nah. Den Bogen mit größerem Abstand füllen oder Exemplare auseinander rücken.</translation>
    </message>
    <message>
        <source>Make %1 safe</source>
        <translation>%1 sicher machen</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n Aufkleber</numerusform>
            <numerusform>%n Aufkleber</numerusform>
        </translation>
    </message>
    <message>
        <source>Make safe for a slip of %1 mm</source>
        <translation>Sicher machen für einen Versatz von %1 mm</translation>
    </message>
    <message>
        <source>Changed. Print again to use it: the ticket in hand stays as it was printed.</source>
        <translation>Geändert. Neu drucken, um es zu nutzen: der Laufzettel in der Hand bleibt, wie er gedruckt wurde.</translation>
    </message>
    <message>
        <source>Trying %1 sheets…</source>
        <translation>%1 Bögen werden geprobt…</translation>
    </message>
    <message>
        <source>%1 % of sheets come out with every sticker clean; on average %2 of %3 show a fault.</source>
        <translation>%1 % der Bögen werden mit lauter sauberen Aufklebern fertig; im Mittel zeigen %2 von %3 einen Fehler.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StartPage</name>
    <message>
        <source>Open %1</source>
        <translation>%1 öffnen</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>Begin a sheet of stickers</source>
        <translation>Einen Bogen Aufkleber beginnen</translation>
    </message>
    <message>
        <source>Drop pictures or drawings anywhere on this window, or take one of these.</source>
        <translation>Bilder oder Zeichnungen irgendwo auf dieses Fenster ziehen, oder eines von diesen nehmen.</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Motiv hinzufügen…</translation>
    </message>
    <message>
        <source>A picture or a drawing as a new sticker.</source>
        <translation>Ein Bild oder eine Zeichnung als neuer Aufkleber.</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Neues Etikett…</translation>
    </message>
    <message>
        <source>A label with words on it; one, or a whole list.</source>
        <translation>Ein Etikett mit Worten; eines, oder eine ganze Liste.</translation>
    </message>
    <message>
        <source>From camera or scanner</source>
        <translation>Von Kamera oder Scanner</translation>
    </message>
    <message>
        <source>What is drawn, stamped or painted on paper.</source>
        <translation>Was auf Papier gezeichnet, gestempelt oder gemalt ist.</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>Beispiel öffnen</translation>
    </message>
    <message>
        <source>The Tide Fair&apos;s sheets, to look round and try things on.</source>
        <translation>Die Bögen der Tide Fair, zum Umsehen und Ausprobieren.</translation>
    </message>
    <message>
        <source>A photograph…</source>
        <translation>Ein Foto…</translation>
    </message>
    <message>
        <source>A scanner…</source>
        <translation>Ein Scanner…</translation>
    </message>
    <message>
        <source>Photo board to print…</source>
        <translation>Fototafel zum Drucken…</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>Letzte Projekte</translation>
    </message>
    <message>
        <source>From art to sticker</source>
        <translation>Vom Motiv zum Aufkleber</translation>
    </message>
    <message>
        <source>1  Bring the art</source>
        <translation>1  Motiv holen</translation>
    </message>
    <message>
        <source>A file, a scan or a photograph. Its background goes by itself, or with a click.</source>
        <translation>Eine Datei, ein Scan oder ein Foto. Der Hintergrund geht von selbst, oder mit einem Klick.</translation>
    </message>
    <message>
        <source>2  Give it a border</source>
        <translation>2  Rand geben</translation>
    </message>
    <message>
        <source>A cut line follows the outline, as far out as you like.</source>
        <translation>Eine Schnittlinie folgt dem Umriss, so weit außen, wie Sie mögen.</translation>
    </message>
    <message>
        <source>3  Fill a sheet</source>
        <translation>3  Bogen füllen</translation>
    </message>
    <message>
        <source>Print it with its marks, lay it in the cutter, cut along the lines.</source>
        <translation>Mit seinen Marken drucken, in den Schneider legen, an den Linien schneiden.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StepsPanel</name>
    <message>
        <source>all steps stay live</source>
        <translation>alle Schritte bleiben offen</translation>
    </message>
    <message>
        <source>Artwork</source>
        <translation>Motiv</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Hintergrund</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Beschnitt</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Finished size</source>
        <translation>Fertige Größe</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>Auf den Bogen legen</translation>
    </message>
    <message>
        <source>Place one copy in the first free place and go to the Sheet.</source>
        <translation>Ein Exemplar auf den ersten freien Platz legen und zum Bogen gehen.</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Etikett</translation>
    </message>
    <message>
        <source>Cluster</source>
        <translation>Verbund</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Artwork width</source>
        <translation>Breite des Motivs</translation>
    </message>
    <message>
        <source>Artwork height</source>
        <translation>Höhe des Motivs</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>Fertige Breite</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>Fertige Höhe</translation>
    </message>
    <message>
        <source>Finished widths</source>
        <translation>Fertige Breiten</translation>
    </message>
    <message>
        <source>Size as in the file</source>
        <translation>Größe wie in der Datei</translation>
    </message>
    <message>
        <source>Back to the size that the picture&apos;s own density gives it.</source>
        <translation>Zurück zur Größe, die die Auflösung des Bildes ergibt.</translation>
    </message>
    <message>
        <source>No sticker yet</source>
        <translation>Noch kein Aufkleber</translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>nichts zu schneiden</translation>
    </message>
    <message>
        <source>Nothing is left to cut. Look at the Background and Border steps.</source>
        <translation>Es bleibt nichts zu schneiden. Die Schritte Hintergrund und Rand ansehen.</translation>
    </message>
    <message>
        <source>The whole rectangle is the outline. The Background step can take a colour away.</source>
        <translation>Das ganze Rechteck ist der Umriss. Der Schritt Hintergrund kann eine Farbe entfernen.</translation>
    </message>
    <message>
        <source>Falls into %1 pieces. The Border step can join them.</source>
        <translation>Zerfällt in %1 Stücke. Der Schritt Rand kann sie verbinden.</translation>
    </message>
    <message>
        <source>One piece.</source>
        <translation>Ein Stück.</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>%1 breit</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StickerActs</name>
    <message>
        <source> 2</source>
        <translation> 2</translation>
    </message>
    <message>
        <source>Duplicate %1</source>
        <translation>%1 duplizieren</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>In der Ablage verschieben</translation>
    </message>
    <message>
        <source>Remove a sticker</source>
        <translation>Aufkleber entfernen</translation>
    </message>
    <message>
        <source>Remove “%1” from the project?</source>
        <translation>„%1“ aus dem Projekt entfernen?</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its copy on the sheet?</source>
        <translation>„%1“ aus dem Projekt entfernen, mit seinem Exemplar auf dem Bogen?</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its %2 copies on the sheet?</source>
        <translation>„%1“ aus dem Projekt entfernen, mit seinen %2 Exemplaren auf dem Bogen?</translation>
    </message>
    <message>
        <source>Undo brings all of it back.</source>
        <translation>Rückgängig bringt alles zurück.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>Motiv ersetzen</translation>
    </message>
    <message>
        <source>Put one on the sheet</source>
        <translation>Eines auf den Bogen legen</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>Motiv ersetzen…</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>Aus dem Projekt entfernen…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Tray</name>
    <message>
        <source>Tray</source>
        <translation>Ablage</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Motiv hinzufügen…</translation>
    </message>
    <message>
        <source>Bring in a picture or a drawing as a new sticker. You can also drop files on the window.</source>
        <translation>Ein Bild oder eine Zeichnung als neuen Aufkleber holen. Dateien lassen sich auch auf das Fenster ziehen.</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Neues Etikett…</translation>
    </message>
    <message>
        <source>A label with words on it, or words as a sticker; one, or a whole list.</source>
        <translation>Ein Etikett mit Worten, oder Worte als Aufkleber; eines, oder eine ganze Liste.</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n Aufkleber</numerusform>
            <numerusform>%n Aufkleber</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n Exemplar</numerusform>
            <numerusform>%n Exemplare</numerusform>
        </translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>In der Ablage verschieben</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Windows</name>
    <message>
        <source>“%1” is open in this window already.</source>
        <translation>„%1“ ist in diesem Fenster schon offen.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::WorkingOut</name>
    <message>
        <source>Stopped. The rest is worked out with the next change.</source>
        <translation>Angehalten. Der Rest wird mit der nächsten Änderung berechnet.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ZoomView</name>
    <message>
        <source>Tab, Shift+Tab</source>
        <translation>Tab, Umschalt+Tab</translation>
    </message>
    <message>
        <source>The next copy, node or part, and the one before</source>
        <translation>Das nächste Exemplar, der nächste Knoten oder Teil, und der davor</translation>
    </message>
    <message>
        <source>Ctrl+arrows</source>
        <translation>Strg+Pfeile</translation>
    </message>
    <message>
        <source>The nearest one on that side</source>
        <translation>Das nächste auf dieser Seite</translation>
    </message>
    <message>
        <source>Space, held</source>
        <translation>Leertaste, gehalten</translation>
    </message>
    <message>
        <source>Drag the view</source>
        <translation>Ansicht ziehen</translation>
    </message>
    <message>
        <source>F8, then arrows</source>
        <translation>F8, dann Pfeile</translation>
    </message>
    <message>
        <source>Move the pointer; with Shift far, with Alt a pixel</source>
        <translation>Zeiger bewegen; mit Umschalt weit, mit Alt ein Pixel</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>With that pointer: take hold, and let go</source>
        <translation>Mit diesem Zeiger: zugreifen und loslassen</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>With that pointer: put it away</source>
        <translation>Mit diesem Zeiger: ihn weglegen</translation>
    </message>
</context>
<context>
    <name>options</name>
    <message>
        <source>print the version and end</source>
        <translation>gibt die Version aus und endet</translation>
    </message>
    <message>
        <source>Fusuma&apos;s thumbnailer: takes the picture of a project&apos;s first sheet out of it, for file managers</source>
        <translation>Fusumas Vorschaubilder: holt das Bild des ersten Bogens aus einem Projekt, für Dateiverwaltungen</translation>
    </message>
    <message>
        <source>a .fusuma project</source>
        <translation>ein .fusuma-Projekt</translation>
    </message>
    <message>
        <source>where the picture goes</source>
        <translation>wohin das Bild kommt</translation>
    </message>
    <message>
        <source>pixels along its longer side</source>
        <translation>Pixel an der längeren Seite</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice camera: photographs a flat thing as a telephone would, with whatever faults are asked for</source>
        <translation>Fusumas Übungskamera: fotografiert etwas Flaches wie ein Telefon, mit allen Fehlern, die verlangt werden</translation>
    </message>
    <message>
        <source>what lies on the table, seen from above</source>
        <translation>was auf dem Tisch liegt, von oben gesehen</translation>
    </message>
    <message>
        <source>JPEG file</source>
        <translation>JPEG-Datei</translation>
    </message>
    <message>
        <source>its size: a paper&apos;s name or WxH in mm; by its density when not given</source>
        <translation>seine Größe: ein Papierformat oder BxH in mm; ohne Angabe nach seiner Auflösung</translation>
    </message>
    <message>
        <source>pixels across</source>
        <translation>Pixel in der Breite</translation>
    </message>
    <message>
        <source>pixels down</source>
        <translation>Pixel in der Höhe</translation>
    </message>
    <message>
        <source>share of the picture that it fills</source>
        <translation>Anteil des Bildes, den es füllt</translation>
    </message>
    <message>
        <source>degrees from straight above</source>
        <translation>Grad gegen die Senkrechte</translation>
    </message>
    <message>
        <source>degrees, the side it is tilted to</source>
        <translation>Grad, die Seite, zu der sie geneigt ist</translation>
    </message>
    <message>
        <source>degrees, clockwise</source>
        <translation>Grad, im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>how the lens bends</source>
        <translation>wie stark das Objektiv verzeichnet</translation>
    </message>
    <message>
        <source>light at the darkest corner, as a share</source>
        <translation>Licht in der dunkelsten Ecke, als Anteil</translation>
    </message>
    <message>
        <source>none, soft or hard</source>
        <translation>none, soft oder hard (kein, weicher oder harter Schatten)</translation>
    </message>
    <message>
        <source>pixels</source>
        <translation>Pixel</translation>
    </message>
    <message>
        <source>grey values</source>
        <translation>Grauwerte</translation>
    </message>
    <message>
        <source>of the JPEG</source>
        <translation>des JPEG</translation>
    </message>
    <message>
        <source>of noise and shadow</source>
        <translation>für Rauschen und Schatten</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice cutter: listens for HP-GL on a local port and draws the cut over a printed sheet</source>
        <translation>Fusumas Übungsschneider: nimmt HP-GL an einem Port dieses Rechners an und zeichnet den Schnitt über einen gedruckten Bogen</translation>
    </message>
    <message>
        <source>the printed sheet, a picture from the practice printer</source>
        <translation>der gedruckte Bogen, ein Bild des Übungsdruckers</translation>
    </message>
    <message>
        <source>where the cut sheet goes, as PNG</source>
        <translation>wohin der geschnittene Bogen kommt, als PNG</translation>
    </message>
    <message>
        <source>TCP port on this machine; 0 takes a free one</source>
        <translation>TCP-Port dieses Rechners; 0 nimmt einen freien</translation>
    </message>
    <message>
        <source>the sheet&apos;s paper: a4, letter or WxH in mm</source>
        <translation>das Papier des Bogens: a4, letter oder BxH in mm</translation>
    </message>
    <message>
        <source>blade speed in mm/s; 0 cuts at once</source>
        <translation>Geschwindigkeit der Klinge in mm/s; 0 schneidet sofort</translation>
    </message>
    <message>
        <source>also serve as a serial port, on a pseudo-terminal</source>
        <translation>auch als serielle Schnittstelle, über ein Pseudoterminal</translation>
    </message>
    <message>
        <source>mm that the blade&apos;s tip trails its axis</source>
        <translation>mm, um die die Klingenspitze ihrer Achse nachläuft</translation>
    </message>
    <message>
        <source>mm of play in its axes</source>
        <translation>mm Spiel in den Achsen</translation>
    </message>
    <message>
        <source>drop the connection after so many runs</source>
        <translation>trennt die Verbindung nach so vielen Zügen</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice printer: turns a PDF into the picture of the printed sheet</source>
        <translation>Fusumas Übungsdrucker: macht aus einem PDF das Bild des gedruckten Bogens</translation>
    </message>
    <message>
        <source>the file to print</source>
        <translation>die zu druckende Datei</translation>
    </message>
    <message>
        <source>where the printed sheet goes, as PNG</source>
        <translation>wohin der gedruckte Bogen kommt, als PNG</translation>
    </message>
    <message>
        <source>dots per inch</source>
        <translation>Punkte pro Zoll</translation>
    </message>
    <message>
        <source>border in mm, negative inward</source>
        <translation>Rand in mm, negativ nach innen</translation>
    </message>
    <message>
        <source>round, mitre or bevel</source>
        <translation>round, mitre oder bevel (rund, spitz, abgeschrägt)</translation>
    </message>
    <message>
        <source>longest tip of a mitre as a multiple of the border&apos;s width</source>
        <translation>längste Spitze einer Ecke als Vielfaches der Randbreite</translation>
    </message>
    <message>
        <source>the border grows with copies of another size</source>
        <translation>der Rand wächst mit Exemplaren anderer Größe</translation>
    </message>
    <message>
        <source>keep, close, or close-under=MM2</source>
        <translation>keep, close oder close-under=MM2</translation>
    </message>
    <message>
        <source>close the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>schließt das Loch bei X,Y (Pixel), was --holes auch sagt; mehrfach möglich</translation>
    </message>
    <message>
        <source>keep the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>behält das Loch bei X,Y (Pixel), was --holes auch sagt; mehrfach möglich</translation>
    </message>
    <message>
        <source>pieces of the border closer than this many mm become one</source>
        <translation>Teile des Randes, die näher als so viele mm liegen, werden eins</translation>
    </message>
    <message>
        <source>bridge all pieces, however far apart</source>
        <translation>verbindet alle Teile, wie weit sie auch auseinander liegen</translation>
    </message>
    <message>
        <source>fill inlets narrower than this many mm</source>
        <translation>füllt Buchten, die schmaler als so viele mm sind</translation>
    </message>
    <message>
        <source>cut off spikes thinner than this many mm</source>
        <translation>kappt Spitzen, die dünner als so viele mm sind</translation>
    </message>
    <message>
        <source>a printed rim inside the border as WIDTH,FILL, from the art outward, FILL as for --border-fill; may be repeated</source>
        <translation>ein gedruckter Saum innerhalb des Randes als BREITE,FÜLLUNG, vom Motiv nach außen, FÜLLUNG wie bei --border-fill; mehrfach möglich</translation>
    </message>
    <message>
        <source>what the border is printed with: clear, art (its colours carried outward), #RRGGBB, or dots= or stripes= with #RRGGBB,#RRGGBB[,PITCH]</source>
        <translation>womit der Rand bedruckt wird: clear, art (seine Farben nach außen fortgesetzt), #RRGGBB, oder dots= oder stripes= mit #RRGGBB,#RRGGBB[,ABSTAND]</translation>
    </message>
    <message>
        <source>print continues this many mm past the cut line</source>
        <translation>der Druck geht so viele mm über die Schnittlinie hinaus</translation>
    </message>
    <message>
        <source>art (default) or rim: what the bleed is printed with</source>
        <translation>art (sonst) oder rim: womit der Beschnitt bedruckt wird</translation>
    </message>
    <message>
        <source>a further line to cut through points X,Y,X,Y,… (pixels), closed when it ends where it begins; may be repeated</source>
        <translation>eine weitere Schnittlinie durch die Punkte X,Y,X,Y,… (Pixel), geschlossen, wenn sie endet, wo sie beginnt; mehrfach möglich</translation>
    </message>
    <message>
        <source>do not cut the line nearest to X,Y (pixels); may be repeated</source>
        <translation>schneidet die Linie nicht, die X,Y (Pixel) am nächsten liegt; mehrfach möglich</translation>
    </message>
    <message>
        <source>take a PDF&apos;s page as a drawing instead of as a picture</source>
        <translation>nimmt die Seite eines PDF als Zeichnung statt als Bild</translation>
    </message>
    <message>
        <source>of a drawing: round (cut only round everything), bottom (cut the bottom shape, print the rest), colours (each colour its own piece) or file (as in the file)</source>
        <translation>bei Zeichnungen: round (nur rundherum schneiden), bottom (die unterste Form schneiden, den Rest drucken), colours (jede Farbe ein eigenes Teil) oder file (wie in der Datei)</translation>
    </message>
    <message>
        <source>what happens to parts, as WHICH=USE: USE is printed, cut, both or neither, with :kiss, :score or :through for a line of their own. WHICH is a number from 1 at the back, a name, layer:NAME, colour:#RRGGBB or all; may be repeated</source>
        <translation>was mit Teilen geschieht, als WELCHE=WIE: WIE ist printed, cut, both oder neither, mit :kiss, :score oder :through für eine eigene Linie. WELCHE ist eine Nummer ab 1 von hinten, ein Name, layer:NAME, colour:#RRGGBB oder all; mehrfach möglich</translation>
    </message>
    <message>
        <source>combine parts, as HOW:WHICH,WHICH…: join, take-out, overlap-only, exclude, split or pieces; may be repeated</source>
        <translation>fasst Teile zusammen, als WIE:WELCHE,WELCHE…: join, take-out, overlap-only, exclude, split oder pieces; mehrfach möglich</translation>
    </message>
    <message>
        <source>only what is visible: each part loses what lies under those above it</source>
        <translation>nur was sichtbar ist: jedes Teil verliert, was unter denen über ihm liegt</translation>
    </message>
    <message>
        <source>leave out pieces of combined parts thinner than this many mm</source>
        <translation>lässt Stücke zusammengefasster Teile weg, die dünner als so viele mm sind</translation>
    </message>
    <message>
        <source>print a drawing&apos;s colour as another: #RRGGBB=#RRGGBB; may be repeated</source>
        <translation>druckt eine Farbe der Zeichnung als eine andere: #RRGGBB=#RRGGBB; mehrfach möglich</translation>
    </message>
    <message>
        <source>fill parts anew, as WHICH=FILL; FILL is #RRGGBB, dots= or stripes=#RRGGBB,#RRGGBB[,PITCH], or the path of a picture; may be repeated</source>
        <translation>füllt Teile neu, als WELCHE=FÜLLUNG; FÜLLUNG ist #RRGGBB, dots= oder stripes=#RRGGBB,#RRGGBB[,ABSTAND], oder der Pfad eines Bildes; mehrfach möglich</translation>
    </message>
    <message>
        <source>make a label, as SHAPE:WxH in mm: rectangle, rounded, oval, notched, arch, tag, star, banner, or lettering for words alone</source>
        <translation>macht ein Etikett, als FORM:BxH in mm: rectangle, rounded, oval, notched, arch, tag, star, banner, oder lettering für Wörter allein</translation>
    </message>
    <message>
        <source>make a label from a template, by its name or a file as FILE:NAME</source>
        <translation>macht ein Etikett nach einer Vorlage, nach ihrem Namen oder aus einer Datei als DATEI:NAME</translation>
    </message>
    <message>
        <source>words on the label, \n for a new line, with fields such as {name}; may be repeated</source>
        <translation>Wörter auf dem Etikett, \n für eine neue Zeile, mit Feldern wie {name}; mehrfach möglich</translation>
    </message>
    <message>
        <source>how the text of the same number is set, as KEY=VALUE,…: font, size (mm), least (mm), fit, bold, italic, align, run (straight, top, bottom), spacing, letters, colour; may be repeated</source>
        <translation>wie der Text derselben Nummer gesetzt wird, als SCHLÜSSEL=WERT,…: font, size (mm), least (mm), fit, bold, italic, align, run (straight, top, bottom), spacing, letters, colour; mehrfach möglich</translation>
    </message>
    <message>
        <source>the label&apos;s colour, #RRGGBB or none</source>
        <translation>die Farbe des Etiketts, #RRGGBB oder none</translation>
    </message>
    <message>
        <source>the label&apos;s colours, by the swatch&apos;s name</source>
        <translation>die Farben des Etiketts, nach dem Namen der Farbgruppe</translation>
    </message>
    <message>
        <source>a line inside the edge, as WIDTH,INSET in mm</source>
        <translation>eine Linie innerhalb der Kante, als BREITE,ABSTAND in mm</translation>
    </message>
    <message>
        <source>mm that words keep from the edge</source>
        <translation>mm, die Wörter von der Kante entfernt bleiben</translation>
    </message>
    <message>
        <source>radius of round, notched or cut-off corners in mm</source>
        <translation>Radius runder, gekerbter oder abgeschnittener Ecken in mm</translation>
    </message>
    <message>
        <source>across a tag&apos;s hole in mm, 0 for none</source>
        <translation>Durchmesser des Lochs eines Anhängers in mm, 0 für keines</translation>
    </message>
    <message>
        <source>points of a star</source>
        <translation>Zacken eines Sterns</translation>
    </message>
    <message>
        <source>a picture on the label, as FILE[,PLACE[,SHARE]]: left, right, above, below or behind</source>
        <translation>ein Bild auf dem Etikett, als DATEI[,ORT[,ANTEIL]]: left, right, above, below oder behind</translation>
    </message>
    <message>
        <source>column of the list with names of picture files, which lie beside the list</source>
        <translation>Spalte der Liste mit Namen von Bilddateien, die neben der Liste liegen</translation>
    </message>
    <message>
        <source>cut the letters, too: kiss, score or through</source>
        <translation>schneidet auch die Buchstaben: kiss, score oder through</translation>
    </message>
    <message>
        <source>CSV or text file: a label for each row, all put on the sheet</source>
        <translation>CSV- oder Textdatei: ein Etikett für jede Zeile, alle auf den Bogen gelegt</translation>
    </message>
    <message>
        <source>each text in one size on all labels of the list, the largest that fits</source>
        <translation>jeder Text auf allen Etiketten der Liste in einer Größe, der größten, die passt</translation>
    </message>
    <message>
        <source>the day that {date} means, as YYYY-MM-DD; today when not given</source>
        <translation>der Tag, den {date} meint, als JJJJ-MM-TT; ohne Angabe heute</translation>
    </message>
    <message>
        <source>what the label is called</source>
        <translation>wie das Etikett heißt</translation>
    </message>
    <message>
        <source>lay a photograph flat: board[:PAPER], paper:PAPER, card, or corners:X,Y,X,Y,X,Y,X,Y:WxH (pixels clockwise from the top left, then mm)</source>
        <translation>legt ein Foto flach: board[:PAPIER], paper:PAPIER, card, oder corners:X,Y,X,Y,X,Y,X,Y:BxH (Pixel, im Uhrzeigersinn von links oben, dann mm)</translation>
    </message>
    <message>
        <source>light that falls unevenly: auto, even it, or as-is</source>
        <translation>ungleichmäßiges Licht: auto, even (ausgleichen) oder as-is (lassen)</translation>
    </message>
    <message>
        <source>soft shadows of the art on its ground: auto, drop or keep</source>
        <translation>weiche Schatten des Motivs auf seinem Grund: auto, drop (weglassen) oder keep (behalten)</translation>
    </message>
    <message>
        <source>part what stands out from any ground: auto, or the box round it as X,Y,W,H in pixels</source>
        <translation>trennt, was sich von einem beliebigen Grund abhebt: auto, oder der Rahmen darum als X,Y,B,H in Pixeln</translation>
    </message>
    <message>
        <source>a stroke over what belongs to the subject, as SIZE,X,Y[,X,Y…]</source>
        <translation>ein Strich über das, was dazugehört, als GRÖSSE,X,Y[,X,Y…]</translation>
    </message>
    <message>
        <source>a stroke over what does not, as SIZE,X,Y[,X,Y…]</source>
        <translation>ein Strich über das, was nicht dazugehört, als GRÖSSE,X,Y[,X,Y…]</translation>
    </message>
    <message>
        <source>trace one artwork and write its outline or cut line as SVG</source>
        <translation>zeichnet ein Motiv nach und schreibt seine Umriss- oder Schnittlinie als SVG</translation>
    </message>
    <message>
        <source>the picture</source>
        <translation>das Bild</translation>
    </message>
    <message>
        <source>SVG file, in mm at the artwork&apos;s true size</source>
        <translation>SVG-Datei, in mm in der wahren Größe des Motivs</translation>
    </message>
    <message>
        <source>one path for each piece of the picture, in reading order; what is nearer than this many mm is one piece</source>
        <translation>ein Pfad für jedes Stück des Bildes, in Leserichtung; was näher als so viele mm liegt, ist ein Stück</translation>
    </message>
    <message>
        <source>JSON report to a file, or - for standard output</source>
        <translation>JSON-Bericht in eine Datei, oder - für die Standardausgabe</translation>
    </message>
    <message>
        <source>pixels per inch of the artwork, in place of what the file states</source>
        <translation>Pixel pro Zoll des Motivs, statt dessen, was die Datei angibt</translation>
    </message>
    <message>
        <source>lay copies out on a sheet and write what prints and what cuts</source>
        <translation>legt Exemplare auf einen Bogen und schreibt, was gedruckt und was geschnitten wird</translation>
    </message>
    <message>
        <source>a project to start from, and pictures and drawings to add</source>
        <translation>ein Projekt als Anfang, und Bilder und Zeichnungen, die hinzukommen</translation>
    </message>
    <message>
        <source>a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in</source>
        <translation>a3 bis a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, oder eine Größe wie 100x150 (mm) oder 4x6in</translation>
    </message>
    <message>
        <source>printer margin in mm</source>
        <translation>Rand des Druckers in mm</translation>
    </message>
    <message>
        <source>dots, crosses or none</source>
        <translation>dots, crosses oder none</translation>
    </message>
    <message>
        <source>a mark scheme file, in place of --marks</source>
        <translation>eine Datei mit einem Markenschema, statt --marks</translation>
    </message>
    <message>
        <source>mm along every edge that the cutter cannot reach</source>
        <translation>mm an jeder Kante, die der Schneider nicht erreicht</translation>
    </message>
    <message>
        <source>divide the page into COLUMNSxROWS small sheets</source>
        <translation>teilt die Seite in SPALTENxREIHEN kleine Bögen</translation>
    </message>
    <message>
        <source>how small sheets are cut: none, through or score</source>
        <translation>wie kleine Bögen geschnitten werden: none, through oder score</translation>
    </message>
    <message>
        <source>mm between small sheets</source>
        <translation>mm zwischen kleinen Bögen</translation>
    </message>
    <message>
        <source>least distance between cut lines in mm</source>
        <translation>kleinster Abstand zwischen Schnittlinien in mm</translation>
    </message>
    <message>
        <source>upright rectangles with sharp corners lie edge to edge, with one cut where two meet</source>
        <translation>gerade liegende Rechtecke mit scharfen Ecken liegen Kante an Kante, mit einem Schnitt, wo zwei sich treffen</translation>
    </message>
    <message>
        <source>copies of each picture added</source>
        <translation>Exemplare jedes hinzugefügten Bildes</translation>
    </message>
    <message>
        <source>as many copies of each picture as fit, or as --copies says: in rows, snug, or snug and turned; of all stickers when only a project is given</source>
        <translation>so viele Exemplare jedes Bildes, wie passen, oder wie --copies sagt: in Reihen, eng, oder eng und gedreht; von allen Aufklebern, wenn nur ein Projekt angegeben ist</translation>
    </message>
    <message>
        <source>for --fill turned: half, quarters or any</source>
        <translation>für --fill turned: half, quarters oder any</translation>
    </message>
    <message>
        <source>pages that copies may flow on to</source>
        <translation>Seiten, auf die Exemplare weitergehen dürfen</translation>
    </message>
    <message>
        <source>look for other ways, too, until no page less will do</source>
        <translation>sucht auch andere Wege, bis keine Seite weniger reicht</translation>
    </message>
    <message>
        <source>how long to search for a better layout; 0 takes the first</source>
        <translation>wie lange nach einer besseren Anordnung gesucht wird; 0 nimmt die erste</translation>
    </message>
    <message>
        <source>of the search; the same seed gives the same sheet</source>
        <translation>der Suche; derselbe Startwert gibt denselben Bogen</translation>
    </message>
    <message>
        <source>spread the copies evenly when they are placed</source>
        <translation>verteilt die Exemplare gleichmäßig, wenn sie gelegt werden</translation>
    </message>
    <message>
        <source>longer side of each picture added, in mm</source>
        <translation>längere Seite jedes hinzugefügten Bildes, in mm</translation>
    </message>
    <message>
        <source>save the project</source>
        <translation>speichert das Projekt</translation>
    </message>
    <message>
        <source>the sheet to print</source>
        <translation>der Bogen zum Drucken</translation>
    </message>
    <message>
        <source>store pictures that print finer at so many dots per inch</source>
        <translation>speichert Bilder, die feiner gedruckt würden, mit so vielen Punkten pro Zoll</translation>
    </message>
    <message>
        <source>store pictures that were changed as JPEG of this quality, with their edge in a mask</source>
        <translation>speichert Bilder, die geändert wurden, als JPEG dieser Güte, mit ihrer Kante in einer Maske</translation>
    </message>
    <message>
        <source>the cut lines alone as PDF, an ink for each kind of cut</source>
        <translation>die Schnittlinien allein als PDF, eine Druckfarbe für jede Art Schnitt</translation>
    </message>
    <message>
        <source>the cut lines in mm</source>
        <translation>die Schnittlinien in mm</translation>
    </message>
    <message>
        <source>the cut lines as DXF in mm, a layer for each kind of cut</source>
        <translation>die Schnittlinien als DXF in mm, eine Ebene für jede Art Schnitt</translation>
    </message>
    <message>
        <source>keep curves as splines instead of short lines</source>
        <translation>behält Kurven als Splines statt kurzer Strecken</translation>
    </message>
    <message>
        <source>the cut lines for a cutter, in cutting order</source>
        <translation>die Schnittlinien für einen Schneider, in der Reihenfolge des Schneidens</translation>
    </message>
    <message>
        <source>the cut lines as G-code, in cutting order</source>
        <translation>die Schnittlinien als G-Code, in der Reihenfolge des Schneidens</translation>
    </message>
    <message>
        <source>a machine&apos;s profile, whose ways --hpgl and --gcode take</source>
        <translation>das Profil einer Maschine, nach der sich --hpgl und --gcode richten</translation>
    </message>
    <message>
        <source>what is cut, by its name: decides passes, overcut and blade</source>
        <translation>was geschnitten wird, nach seinem Namen: bestimmt Durchgänge, Überschnitt und Klinge</translation>
    </message>
    <message>
        <source>mm that closed lines are cut past their start</source>
        <translation>mm, um die geschlossene Linien über ihren Anfang hinaus geschnitten werden</translation>
    </message>
    <message>
        <source>name of a cut line&apos;s ink in the PDF: kiss=NAME, score=NAME or through=NAME</source>
        <translation>Name der Druckfarbe einer Schnittlinie im PDF: kiss=NAME, score=NAME oder through=NAME</translation>
    </message>
    <message>
        <source>print and cut the sheet as in a mirror, for transfer paper and film</source>
        <translation>druckt und schneidet den Bogen spiegelverkehrt, für Transferpapier und Folie</translation>
    </message>
    <message>
        <source>cut what lies on the photographed board already, where it lies; nothing is printed</source>
        <translation>schneidet, was schon auf der fotografierten Tafel liegt, wo es liegt; gedruckt wird nichts</translation>
    </message>
    <message>
        <source>a sticker for each piece of a picture; what is nearer than this many mm is one piece</source>
        <translation>ein Aufkleber für jedes Stück eines Bildes; was näher als so viele mm liegt, ist ein Stück</translation>
    </message>
    <message>
        <source>write --pdf and --png as outlines and rulers, for a test on plain paper</source>
        <translation>schreibt --pdf und --png als Umrisse und Lineale, für eine Probe auf einfachem Papier</translation>
    </message>
    <message>
        <source>the sheet as the practice printer prints it</source>
        <translation>der Bogen, wie ihn der Übungsdrucker druckt</translation>
    </message>
    <message>
        <source>dots per inch of the PNG</source>
        <translation>Punkte pro Zoll des PNG</translation>
    </message>
    <message>
        <source>lay what is added on each other and make it one: outer (one cut round all of it), take-out, overlap-only, exclude or visible</source>
        <translation>legt das Hinzugefügte übereinander und macht eines daraus: outer (ein Schnitt um alles), take-out, overlap-only, exclude oder visible</translation>
    </message>
    <message>
        <source>list the parts of a layered drawing</source>
        <translation>listet die Teile einer Zeichnung mit Ebenen auf</translation>
    </message>
    <message>
        <source>an SVG, DXF or PDF file</source>
        <translation>eine SVG-, DXF- oder PDF-Datei</translation>
    </message>
    <message>
        <source>the page of a PDF</source>
        <translation>die Seite eines PDF</translation>
    </message>
    <message>
        <source>print, load, find and cut with the practice devices</source>
        <translation>druckt, lädt, findet und schneidet mit den Übungsgeräten</translation>
    </message>
    <message>
        <source>rehearse what was printed under this code</source>
        <translation>probt, was unter diesem Code gedruckt wurde</translation>
    </message>
    <message>
        <source>X,Y in mm that the sheet lies off in the cutter</source>
        <translation>X,Y in mm, um die der Bogen im Schneider danebenliegt</translation>
    </message>
    <message>
        <source>degrees that it lies turned, clockwise</source>
        <translation>Grad, um die er gedreht liegt, im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>percent that the print is stretched, or X,Y</source>
        <translation>Prozent, um die der Druck gestreckt ist, oder X,Y</translation>
    </message>
    <message>
        <source>the sheet lies the wrong way round</source>
        <translation>der Bogen liegt verkehrt herum</translation>
    </message>
    <message>
        <source>mm by which ink grows</source>
        <translation>mm, um die Tinte verläuft</translation>
    </message>
    <message>
        <source>of the sensor, in grey values</source>
        <translation>des Sensors, in Grauwerten</translation>
    </message>
    <message>
        <source>marks that are smudged, by number from 1</source>
        <translation>verschmierte Marken, nach Nummer ab 1</translation>
    </message>
    <message>
        <source>marks that are not there, by number from 1</source>
        <translation>fehlende Marken, nach Nummer ab 1</translation>
    </message>
    <message>
        <source>how the print is found: sensor, hand or edge</source>
        <translation>wie der Druck gefunden wird: sensor, hand oder edge (Papierkante)</translation>
    </message>
    <message>
        <source>mm that the blade in the machine really trails; as the material says when not given</source>
        <translation>mm, um die die Klinge in der Maschine wirklich nachläuft; ohne Angabe wie beim Material</translation>
    </message>
    <message>
        <source>mm of play in the machine&apos;s axes</source>
        <translation>mm Spiel in den Achsen der Maschine</translation>
    </message>
    <message>
        <source>also try so many sheets with slips as machines make them</source>
        <translation>probiert auch so viele Bögen mit Versatz, wie ihn Maschinen haben</translation>
    </message>
    <message>
        <source>of noise and slips</source>
        <translation>für Rauschen und Versatz</translation>
    </message>
    <message>
        <source>the sheet as it comes out</source>
        <translation>der Bogen, wie er herauskommt</translation>
    </message>
    <message>
        <source>cut a printed sheet on a machine</source>
        <translation>schneidet einen gedruckten Bogen auf einer Maschine</translation>
    </message>
    <message>
        <source>what was printed under this code; the newest when not given</source>
        <translation>was unter diesem Code gedruckt wurde; ohne Angabe das neueste</translation>
    </message>
    <message>
        <source>the machine&apos;s profile</source>
        <translation>das Profil der Maschine</translation>
    </message>
    <message>
        <source>X,Y of each mark in machine mm, as they were pointed at, in the order of the ticket&apos;s marks; none for one that cannot be seen. Without it the sheet is found by the paper&apos;s edge</source>
        <translation>X,Y jeder Marke in mm der Maschine, wie auf sie gezeigt wurde, in der Reihenfolge der Marken des Laufzettels; none für eine, die nicht zu sehen ist. Ohne Angabe wird der Bogen nach der Papierkante gefunden</translation>
    </message>
    <message>
        <source>X,Y in mm by which the cut is moved, right and towards you</source>
        <translation>X,Y in mm, um die der Schnitt verschoben wird, nach rechts und zu Ihnen hin</translation>
    </message>
    <message>
        <source>of the ticket, from 1</source>
        <translation>des Laufzettels, ab 1</translation>
    </message>
    <message>
        <source>write what the machine would be sent to a file, in place of sending it</source>
        <translation>schreibt in eine Datei, was die Maschine bekäme, statt es zu senden</translation>
    </message>
    <message>
        <source>write the photo board, by which photographs are laid flat</source>
        <translation>schreibt die Fototafel, nach der Fotos flach gelegt werden</translation>
    </message>
    <message>
        <source>a4, letter, a3, 12x12in or WxH in mm</source>
        <translation>a4, letter, a3, 12x12in oder BxH in mm</translation>
    </message>
    <message>
        <source>to print at actual size</source>
        <translation>zum Drucken in wahrer Größe</translation>
    </message>
    <message>
        <source>the same in mm</source>
        <translation>dasselbe in mm</translation>
    </message>
    <message>
        <source>to be drawn by a cutter&apos;s pen</source>
        <translation>zum Zeichnen mit dem Stift eines Schneiders</translation>
    </message>
    <message>
        <source>tell where a printed sheet lies on the photo board, by a photograph</source>
        <translation>sagt nach einem Foto, wo ein gedruckter Bogen auf der Fototafel liegt</translation>
    </message>
    <message>
        <source>the photograph of the sheet on the board</source>
        <translation>das Foto des Bogens auf der Tafel</translation>
    </message>
    <message>
        <source>the board&apos;s paper: a4, letter, a3, 12x12in or WxH in mm; found out when not given</source>
        <translation>das Papier der Tafel: a4, letter, a3, 12x12in oder BxH in mm; ohne Angabe wird es herausgefunden</translation>
    </message>
    <message>
        <source>run the preflight on a project</source>
        <translation>führt die Vorprüfung eines Projekts durch</translation>
    </message>
    <message>
        <source>Fusuma without a window: the same tracing, layout and output, for scripts and batches</source>
        <translation>Fusuma ohne Fenster: dasselbe Nachzeichnen, Anordnen und Ausgeben, für Skripte und Stapel</translation>
    </message>
    <message>
        <source>0 done, 1 done but preflight found something to fix, 2 bad input or usage.</source>
        <translation>0 fertig, 1 fertig, aber die Vorprüfung fand etwas zu richten, 2 falsche Eingabe oder Aufruf.</translation>
    </message>
    <message>
        <source>seconds of work that reading a file may take, for those that need more</source>
        <translation>Sekunden Arbeit, die das Lesen einer Datei dauern darf, für die, die länger brauchen</translation>
    </message>
    <message>
        <source>what tells art from background: auto, alpha, brightness, subject, colour, colour=#RRGGBB[,#RRGGBB…] to take colours away, or keep=#RRGGBB[,…] to keep nothing else</source>
        <translation>was das Motiv vom Hintergrund trennt: auto, alpha, brightness, subject, colour, colour=#RRGGBB[,#RRGGBB…], um Farben wegzunehmen, oder keep=#RRGGBB[,…], um nur sie zu behalten</translation>
    </message>
    <message>
        <source>with colour: difference up to which a pixel counts as background</source>
        <translation>bei colour: Unterschied, bis zu dem ein Pixel als Hintergrund gilt</translation>
    </message>
    <message>
        <source>with colour: take it away where the art encloses it, too</source>
        <translation>bei colour: auch da wegnehmen, wo das Motiv sie umschließt</translation>
    </message>
    <message>
        <source>take the even patch of colour at X,Y (pixels) away; may be repeated</source>
        <translation>nimmt den gleichmäßigen Farbfleck bei X,Y (Pixel) weg; mehrfach möglich</translation>
    </message>
    <message>
        <source>whatever the art encloses counts as art</source>
        <translation>was das Motiv umschließt, gehört dazu</translation>
    </message>
    <message>
        <source>a brush stroke as add|erase,SIZE,X,Y[,X,Y…] in pixels; may be repeated</source>
        <translation>ein Pinselstrich als add|erase,GRÖSSE,X,Y[,X,Y…] in Pixeln; mehrfach möglich</translation>
    </message>
    <message>
        <source>only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>nur in diesem Teil des Bildes, als X,Y,B,H in Pixeln</translation>
    </message>
    <message>
        <source>use only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>nimmt nur diesen Teil des Bildes, als X,Y,B,H in Pixeln</translation>
    </message>
    <message>
        <source>exchange left and right</source>
        <translation>vertauscht links und rechts</translation>
    </message>
    <message>
        <source>turn the artwork clockwise, in degrees</source>
        <translation>dreht das Motiv im Uhrzeigersinn, in Grad</translation>
    </message>
    <message>
        <source>dots per inch at which a PDF&apos;s page is drawn</source>
        <translation>Punkte pro Zoll, mit denen die Seite eines PDF gezeichnet wird</translation>
    </message>
    <message>
        <source>coverage above which a pixel counts as art, or with brightness the grey below which it does, 0-255</source>
        <translation>Deckung, ab der ein Pixel zum Motiv gehört, oder bei brightness das Grau, unter dem es das tut, 0-255</translation>
    </message>
    <message>
        <source>farthest that the curve may stray, in pixels</source>
        <translation>wie weit die Kurve höchstens abweicht, in Pixeln</translation>
    </message>
    <message>
        <source>length over which wobbles of the edge are evened out, in pixels</source>
        <translation>Länge, über die Wackler der Kante ausgeglichen werden, in Pixeln</translation>
    </message>
    <message>
        <source>drop contours smaller than this many mm²</source>
        <translation>lässt Umrisse weg, die kleiner als so viele mm² sind</translation>
    </message>
    <message>
        <source>close holes smaller than this many mm² (as --ignore-specks)</source>
        <translation>schließt Löcher, die kleiner als so viele mm² sind (wie --ignore-specks)</translation>
    </message>
    <message>
        <source>leave all holes out</source>
        <translation>lässt alle Löcher weg</translation>
    </message>
    <message>
        <source>close breaks in lines up to this many mm</source>
        <translation>schließt Lücken in Linien bis zu so vielen mm</translation>
    </message>
    <message>
        <source>width of the artwork in mm</source>
        <translation>Breite des Motivs in mm</translation>
    </message>
    <message>
        <source>kiss or through</source>
        <translation>kiss oder through</translation>
    </message>
    <message>
        <source>Fusuma: print-then-cut sticker sheets from pictures</source>
        <translation>Fusuma: Aufkleberbögen aus Bildern, gedruckt und dann geschnitten</translation>
    </message>
    <message>
        <source>projects to open, and pictures and drawings to add</source>
        <translation>Projekte zum Öffnen, und Bilder und Zeichnungen, die hinzukommen</translation>
    </message>
    <message>
        <source>begin with a new label</source>
        <translation>beginnt mit einem neuen Etikett</translation>
    </message>
    <message>
        <source>open the example that comes with the program, unless FILEs are given</source>
        <translation>öffnet das mitgelieferte Beispiel, wenn keine Dateien angegeben sind</translation>
    </message>
    <message>
        <source>the language that {date} is written in: en, de, fr, ja, …</source>
        <translation>die Sprache, in der {date} geschrieben wird: en, de, fr, ja, …</translation>
    </message>
    <message>
        <source>what the list is written in, such as Windows-1250 or Shift_JIS; found out when not given</source>
        <translation>worin die Liste geschrieben ist, etwa Windows-1250 oder Shift_JIS; ohne Angabe wird es erkannt</translation>
    </message>
</context>
<context>
    <name>printing</name>
    <message>
        <source>Printing</source>
        <translation>Wird gedruckt</translation>
    </message>
</context>
<context>
    <name>said</name>
    <message>
        <source>--source {source}: give auto, alpha, brightness, subject, colour, colour=#RRGGBB or keep=#RRGGBB.</source>
        <translation>--source {source}: auto, alpha, brightness, subject, colour, colour=#RRGGBB oder keep=#RRGGBB angeben.</translation>
    </message>
    <message>
        <source>--source {source}: give colours as {kind}=#RRGGBB,#RRGGBB.</source>
        <translation>--source {source}: Farben als {kind}=#RRGGBB,#RRGGBB angeben.</translation>
    </message>
    <message>
        <source>--pocket {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--pocket {words}: X,Y in Pixeln angeben, etwa 100,80.</translation>
    </message>
    <message>
        <source>Found by the paper&apos;s edge: nothing checks where the print lies.</source>
        <translation>Nach der Papierkante gefunden: nichts prüft, wo der Druck liegt.</translation>
    </message>
    <message>
        <source>at its left edge</source>
        <translation>an seiner linken Kante</translation>
    </message>
    <message>
        <source>at its right edge</source>
        <translation>an seiner rechten Kante</translation>
    </message>
    <message>
        <source>at its far edge</source>
        <translation>an seiner hinteren Kante</translation>
    </message>
    <message>
        <source>at its near edge</source>
        <translation>an seiner vorderen Kante</translation>
    </message>
    <message>
        <source>“{sticker}” would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>„{sticker}“ würde das Bett der Maschine um {mm} mm {edge} verlassen</translation>
    </message>
    <message>
        <source>A line that divides the sheet would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>Eine Linie, die den Bogen teilt, würde das Bett der Maschine um {mm} mm {edge} verlassen</translation>
    </message>
    <message>
        <source>No photo board was found in the picture.</source>
        <translation>Im Bild wurde keine Fototafel gefunden.</translation>
    </message>
    <message>
        <source>The picture is too small for one.</source>
        <translation>Das Bild ist zu klein für eine.</translation>
    </message>
    <message>
        <source>The picture has more than 32,000 pixels along a side.</source>
        <translation>Das Bild hat mehr als 32.000 Pixel an einer Seite.</translation>
    </message>
    <message>
        <source>Save it smaller first.</source>
        <translation>Zuerst kleiner speichern.</translation>
    </message>
    <message>
        <source>The picture is mirrored: its board&apos;s marks run the wrong way round.</source>
        <translation>Das Bild ist gespiegelt: die Marken der Tafel laufen verkehrt herum.</translation>
    </message>
    <message>
        <source>Turn the camera&apos;s mirroring off, or mirror the picture back.</source>
        <translation>Die Spiegelung der Kamera abschalten oder das Bild zurückspiegeln.</translation>
    </message>
    <message>
        <source>Only a part of the photo board is in sight.</source>
        <translation>Nur ein Teil der Fototafel ist zu sehen.</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it and none covered.</source>
        <translation>Das Bild mit allen Marken darin aufnehmen, keine verdeckt.</translation>
    </message>
    <message>
        <source>Lay the art on a printed board and take the whole board into the picture, sharp and large.</source>
        <translation>Das Motiv auf eine gedruckte Tafel legen und die ganze Tafel aufnehmen, scharf und groß.</translation>
    </message>
    <message>
        <source>Too few of the board&apos;s marks are in sight.</source>
        <translation>Zu wenige Marken der Tafel sind zu sehen.</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it.</source>
        <translation>Das Bild mit allen Marken darin aufnehmen.</translation>
    </message>
    <message>
        <source>The photo board&apos;s marks could not be placed.</source>
        <translation>Die Marken der Fototafel ließen sich nicht einordnen.</translation>
    </message>
    <message>
        <source>Take the picture again, sharp and in even light.</source>
        <translation>Nochmals aufnehmen, scharf und in gleichmäßigem Licht.</translation>
    </message>
    <message>
        <source>Only {seen} of {all} of the board&apos;s marks are in sight.</source>
        <translation>Nur {seen} von {all} Marken der Tafel sind zu sehen.</translation>
    </message>
    <message>
        <source>The picture is too small: {mm} mm of the board to a pixel.</source>
        <translation>Das Bild ist zu klein: {mm} mm der Tafel je Pixel.</translation>
    </message>
    <message>
        <source>Go nearer, so that the board fills the picture.</source>
        <translation>Näher herangehen, so dass die Tafel das Bild füllt.</translation>
    </message>
    <message>
        <source>The picture is blurred: an edge is {mm} mm wide.</source>
        <translation>Das Bild ist unscharf: eine Kante ist {mm} mm breit.</translation>
    </message>
    <message>
        <source>Hold the camera still, in more light, and let it focus on the board.</source>
        <translation>Die Kamera ruhig halten, bei mehr Licht, und auf die Tafel scharf stellen lassen.</translation>
    </message>
    <message>
        <source>The board&apos;s marks are {mm} mm off where they should be.</source>
        <translation>Die Marken der Tafel liegen {mm} mm neben ihrem Platz.</translation>
    </message>
    <message>
        <source>Lay the board flat and see that it was printed at actual size.</source>
        <translation>Die Tafel flach legen und prüfen, ob sie in Originalgröße gedruckt wurde.</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to be found by.</source>
        <translation>Dieser Bogen hat weniger als drei Marken, nach denen er zu finden wäre.</translation>
    </message>
    <message>
        <source>Print it with marks.</source>
        <translation>Mit Marken drucken.</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the sheet are hardly seen.</source>
        <translation>Das Bild ist zu klein: die Marken auf dem Bogen sind kaum zu sehen.</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the page are hardly seen.</source>
        <translation>Das Bild ist zu klein: die Marken auf der Seite sind kaum zu sehen.</translation>
    </message>
    <message>
        <source>Go nearer, so that the page fills the picture.</source>
        <translation>Näher herangehen, so dass die Seite das Bild füllt.</translation>
    </message>
    <message>
        <source>The picture is too small.</source>
        <translation>Das Bild ist zu klein.</translation>
    </message>
    <message>
        <source>Its edges are not straight: it does not lie flat.</source>
        <translation>Seine Kanten sind nicht gerade: es liegt nicht flach.</translation>
    </message>
    <message>
        <source>Press it flat and take the picture again.</source>
        <translation>Flach drücken und nochmals aufnehmen.</translation>
    </message>
    <message>
        <source>No sheet of such paper was found in the picture.</source>
        <translation>Kein Blatt solchen Papiers wurde im Bild gefunden.</translation>
    </message>
    <message>
        <source>Take all four of its edges into the picture, on a darker ground, or drag the corners.</source>
        <translation>Alle vier Kanten ins Bild nehmen, auf dunklerem Grund, oder die Ecken ziehen.</translation>
    </message>
    <message>
        <source>No card was found in the picture.</source>
        <translation>Im Bild wurde keine Karte gefunden.</translation>
    </message>
    <message>
        <source>Lay a light bank card beside the art, on a darker ground, all of it in the picture.</source>
        <translation>Eine helle Bankkarte neben das Motiv legen, auf dunkleren Grund, ganz im Bild.</translation>
    </message>
    <message>
        <source>These four corners do not make the outline of a flat thing.</source>
        <translation>Diese vier Ecken ergeben nicht den Umriss von etwas Flachem.</translation>
    </message>
    <message>
        <source>Give them clockwise from the top left, none inside the others.</source>
        <translation>Im Uhrzeigersinn von oben links angeben, keine innerhalb der anderen.</translation>
    </message>
    <message>
        <source>What the corners span must be 0.5 to 5000 mm long each way.</source>
        <translation>Was die Ecken umspannen, muss je Seite 0,5 bis 5000 mm lang sein.</translation>
    </message>
    <message>
        <source>The paper is another.</source>
        <translation>Das Papier ist ein anderes.</translation>
    </message>
    <message>
        <source>The sheet is mirrored now.</source>
        <translation>Der Bogen ist jetzt gespiegelt.</translation>
    </message>
    <message>
        <source>The sheet is no longer mirrored.</source>
        <translation>Der Bogen ist nicht mehr gespiegelt.</translation>
    </message>
    <message>
        <source>The marks lie elsewhere.</source>
        <translation>Die Marken liegen anderswo.</translation>
    </message>
    <message>
        <source>What lies on the board is cut now.</source>
        <translation>Jetzt wird geschnitten, was auf der Tafel liegt.</translation>
    </message>
    <message>
        <source>The sheet is printed now.</source>
        <translation>Der Bogen wird jetzt gedruckt.</translation>
    </message>
    <message>
        <source>The page is divided differently.</source>
        <translation>Die Seite ist anders geteilt.</translation>
    </message>
    <message>
        <source>There are other pages.</source>
        <translation>Es sind andere Seiten.</translation>
    </message>
    <message>
        <source>“{sticker}” was changed.</source>
        <translation>„{sticker}“ wurde geändert.</translation>
    </message>
    <message numerus="yes">
        <source>%n copies were added.</source>
        <translation>
            <numerusform>Ein Exemplar kam hinzu.</numerusform>
            <numerusform>%n Exemplare kamen hinzu.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were taken away.</source>
        <translation>
            <numerusform>Ein Exemplar wurde weggenommen.</numerusform>
            <numerusform>%n Exemplare wurden weggenommen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were moved.</source>
        <translation>
            <numerusform>Ein Exemplar wurde verschoben.</numerusform>
            <numerusform>%n Exemplare wurden verschoben.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n marks reach {length} into the margins, so the printer will clip them</source>
        <translation>
            <numerusform>Eine Marke reicht {length} in die Ränder, also schneidet der Drucker sie ab</numerusform>
            <numerusform>%n Marken reichen {length} in die Ränder, also schneidet der Drucker sie ab</numerusform>
        </translation>
    </message>
    <message>
        <source>Move the marks in</source>
        <translation>Marken hereinrücken</translation>
    </message>
    <message>
        <source>{sticker}: its cut lines cross, which tears the corners between</source>
        <translation>{sticker}: seine Schnittlinien kreuzen sich, was die Ecken dazwischen ausreißt</translation>
    </message>
    <message>
        <source>Leave out the drawn lines</source>
        <translation>Gezeichnete Linien weglassen</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines lie on each other for {length}</source>
        <translation>{sticker} und {other}: ihre Schnittlinien liegen auf {length} aufeinander</translation>
    </message>
    <message>
        <source>Remove one</source>
        <translation>Eines entfernen</translation>
    </message>
    <message>
        <source>The sheet is empty</source>
        <translation>Der Bogen ist leer</translation>
    </message>
    <message>
        <source>Page {page} is empty</source>
        <translation>Seite {page} ist leer</translation>
    </message>
    <message>
        <source>Remove the page</source>
        <translation>Die Seite entfernen</translation>
    </message>
    <message>
        <source>{sticker}: reaches {length} into a mark&apos;s keep-clear area</source>
        <translation>{sticker}: reicht {length} in die Freihaltezone einer Marke</translation>
    </message>
    <message>
        <source>Move it away</source>
        <translation>Wegrücken</translation>
    </message>
    <message>
        <source>does not fit, even as small as it may get</source>
        <translation>passt nicht, auch so klein wie erlaubt</translation>
    </message>
    <message>
        <source>asks for {field}, which the list has not</source>
        <translation>verlangt {field}, das die Liste nicht hat</translation>
    </message>
    <message>
        <source>asks for the picture “{picture}”, which is not here</source>
        <translation>verlangt das Bild „{picture}“, das nicht hier ist</translation>
    </message>
    <message>
        <source>{sticker}: row {row}, “{words}”, {trouble}</source>
        <translation>{sticker}: Zeile {row}, „{words}“, {trouble}</translation>
    </message>
    <message>
        <source>{sticker}: the text {trouble}</source>
        <translation>{sticker}: der Text {trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{finding} (and %n more rows)</source>
        <translation>
            <numerusform>{finding} (und eine weitere Zeile)</numerusform>
            <numerusform>{finding} (und %n weitere Zeilen)</numerusform>
        </translation>
    </message>
    <message>
        <source>Let it shrink to 4 pt</source>
        <translation>Bis 4 pt schrumpfen lassen</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n changes made by hand no longer fit its cut line</source>
        <translation>
            <numerusform>{sticker}: eine Änderung von Hand passt nicht mehr auf seine Schnittlinie</numerusform>
            <numerusform>{sticker}: %n Änderungen von Hand passen nicht mehr auf seine Schnittlinie</numerusform>
        </translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>Weglassen, was nicht passt</translation>
    </message>
    <message>
        <source>{sticker}: a picture in it is printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker}: ein Bild darin wird mit {dpi} dpi gedruckt, {wanted} gewünscht</translation>
    </message>
    <message>
        <source>{sticker}: printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker}: mit {dpi} dpi gedruckt, {wanted} gewünscht</translation>
    </message>
    <message>
        <source>Make it {length} wide</source>
        <translation>{length} breit machen</translation>
    </message>
    <message>
        <source>{sticker}: its cut line has {nodes} nodes, {density} on every millimetre</source>
        <translation>{sticker}: seine Schnittlinie hat {nodes} Knoten, {density} je Millimeter</translation>
    </message>
    <message>
        <source>Smooth its edge</source>
        <translation>Kante glätten</translation>
    </message>
    <message>
        <source>The sheet is printed and cut as in a mirror: right for transfer paper and film that is seen from behind, wrong for stickers</source>
        <translation>Der Bogen wird wie im Spiegel gedruckt und geschnitten: richtig für Transferpapier und Folie, die man von hinten sieht, falsch für Aufkleber</translation>
    </message>
    <message>
        <source>Print it as it is seen</source>
        <translation>Drucken, wie man es sieht</translation>
    </message>
    <message>
        <source>{sticker}: detail {length} inside the cut line, where a slip shows</source>
        <translation>{sticker}: Detail {length} innerhalb der Schnittlinie, wo ein Versatz zu sehen ist</translation>
    </message>
    <message>
        <source>Give it a border</source>
        <translation>Rand geben</translation>
    </message>
    <message>
        <source>{sticker}: its border is printed up to the cut without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker}: sein Rand ist ohne Beschnitt bis zum Schnitt gedruckt, also zeigt der kleinste Versatz Papier</translation>
    </message>
    <message>
        <source>{sticker}: cut along its own art without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker}: am eigenen Motiv ohne Beschnitt geschnitten, also zeigt der kleinste Versatz Papier</translation>
    </message>
    <message>
        <source>Add a bleed of {length}</source>
        <translation>Beschnitt von {length} geben</translation>
    </message>
    <message>
        <source>{sticker}: does not lie on the photographed board, so it is not cut</source>
        <translation>{sticker}: liegt nicht auf der fotografierten Tafel, wird also nicht geschnitten</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines do not close</source>
        <translation>
            <numerusform>{sticker}: eine Schnittlinie schließt sich nicht</numerusform>
            <numerusform>{sticker}: %n Schnittlinien schließen sich nicht</numerusform>
        </translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close them</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>The sheet is {paper}, but the printer is set to {other}</source>
        <translation>Der Bogen ist {paper}, der Drucker steht aber auf {other}</translation>
    </message>
    <message>
        <source>Make the sheet {paper}</source>
        <translation>Den Bogen {paper} machen</translation>
    </message>
    <message>
        <source>{sticker}: {length} of its bleed lie where the printer cannot print</source>
        <translation>{sticker}: {length} seines Beschnitts liegen, wo der Drucker nicht druckt</translation>
    </message>
    <message>
        <source>Move it in</source>
        <translation>Hereinrücken</translation>
    </message>
    <message>
        <source>{sticker}: larger than the cut zone, which takes {width} × {height}</source>
        <translation>{sticker}: größer als der Schneidebereich, der {width} × {height} fasst</translation>
    </message>
    <message>
        <source>Make it fit</source>
        <translation>Passend machen</translation>
    </message>
    <message>
        <source>{sticker}: {length} outside the cut zone</source>
        <translation>{sticker}: {length} außerhalb des Schneidebereichs</translation>
    </message>
    <message>
        <source>The sheet has changed; look again.</source>
        <translation>Der Bogen hat sich geändert; nochmals ansehen.</translation>
    </message>
    <message>
        <source>{finding} — it is locked; unlock it first.</source>
        <translation>{finding} — es ist gesperrt; zuerst entsperren.</translation>
    </message>
    <message>
        <source>{finding} — no free place is large enough.</source>
        <translation>{finding} — kein freier Platz ist groß genug.</translation>
    </message>
    <message>
        <source>The printer is set to {share} %, so nothing will have its size and the cut will miss its print</source>
        <translation>Der Drucker steht auf {share} %, also stimmt keine Größe, und der Schnitt verfehlt den Druck</translation>
    </message>
    <message>
        <source>The printer is set to print borderless, which enlarges the page</source>
        <translation>Der Drucker steht auf randlos, was die Seite vergrößert</translation>
    </message>
    <message>
        <source>Print at true size</source>
        <translation>In wahrer Größe drucken</translation>
    </message>
    <message>
        <source>a mark</source>
        <translation>eine Marke</translation>
    </message>
    <message>
        <source>{sticker}: {left} of bleed remain beside {other}, {asked} wanted</source>
        <translation>{sticker}: neben {other} bleiben {left} Beschnitt, {asked} gewünscht</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines are too small for the blade to turn</source>
        <translation>
            <numerusform>{sticker}: eine Schnittlinie ist zu klein, als dass die Klinge wenden könnte</numerusform>
            <numerusform>{sticker}: %n Schnittlinien sind zu klein, als dass die Klinge wenden könnte</numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>Leave them out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines overlap</source>
        <translation>{sticker} und {other}: ihre Schnittlinien überlappen</translation>
    </message>
    <message>
        <source>{sticker} and {other}: {length} apart, {gap} wanted</source>
        <translation>{sticker} und {other}: {length} Abstand, {gap} gewünscht</translation>
    </message>
    <message>
        <source>Move one away</source>
        <translation>Eines wegrücken</translation>
    </message>
    <message>
        <source>{sticker}: is cut but prints nothing</source>
        <translation>{sticker}: wird geschnitten, druckt aber nichts</translation>
    </message>
    <message>
        <source>{sticker}: prints but has no line to cut</source>
        <translation>{sticker}: druckt, hat aber keine Linie zum Schneiden</translation>
    </message>
    <message>
        <source>{sticker}: nothing of it prints or is cut</source>
        <translation>{sticker}: nichts davon wird gedruckt oder geschnitten</translation>
    </message>
    <message>
        <source>Take it off the sheet</source>
        <translation>Vom Bogen nehmen</translation>
    </message>
    <message>
        <source>Clear around the art already, so its edge is known.</source>
        <translation>Um das Motiv ist es schon transparent, also ist seine Kante bekannt.</translation>
    </message>
    <message>
        <source>Many colours along its edge, so what stands out from them is taken.</source>
        <translation>Viele Farben an der Kante, also wird genommen, was sich davon abhebt.</translation>
    </message>
    <message>
        <source>No transparency and no single colour along its edge, so the whole picture counts.</source>
        <translation>Keine Transparenz und keine einzelne Farbe an der Kante, also zählt das ganze Bild.</translation>
    </message>
    <message>
        <source>All of it is {colour}, so the whole picture counts.</source>
        <translation>Alles ist {colour}, also zählt das ganze Bild.</translation>
    </message>
    <message>
        <source>Dark on light paper, so brightness tells them apart.</source>
        <translation>Dunkel auf hellem Papier, also unterscheidet die Helligkeit.</translation>
    </message>
    <message>
        <source>Its edge is nearly all {colour}, so that colour is taken away.</source>
        <translation>Seine Kante ist fast ganz {colour}, also wird diese Farbe entfernt.</translation>
    </message>
    <message numerus="yes">
        <source>%n marks were not found: {marks}. Smudged or covered?</source>
        <translation>
            <numerusform>Eine Marke wurde nicht gefunden: {marks}. Verschmiert oder verdeckt?</numerusform>
            <numerusform>%n Marken wurden nicht gefunden: {marks}. Verschmiert oder verdeckt?</numerusform>
        </translation>
    </message>
    <message>
        <source>at the top left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>at the top middle</source>
        <translation>oben in der Mitte</translation>
    </message>
    <message>
        <source>at the top right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>at the middle left</source>
        <translation>links in der Mitte</translation>
    </message>
    <message>
        <source>at the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>at the middle right</source>
        <translation>rechts in der Mitte</translation>
    </message>
    <message>
        <source>at the bottom left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>at the bottom middle</source>
        <translation>unten in der Mitte</translation>
    </message>
    <message>
        <source>at the bottom right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>the inner dot {place}</source>
        <translation>der innere Punkt {place}</translation>
    </message>
    <message>
        <source>the dot {place}</source>
        <translation>der Punkt {place}</translation>
    </message>
    <message>
        <source>the inner cross {place}</source>
        <translation>das innere Kreuz {place}</translation>
    </message>
    <message>
        <source>the cross {place}</source>
        <translation>das Kreuz {place}</translation>
    </message>
    <message>
        <source>the inner ring {place}</source>
        <translation>der innere Ring {place}</translation>
    </message>
    <message>
        <source>the ring {place}</source>
        <translation>der Ring {place}</translation>
    </message>
    <message>
        <source>The print is stretched by more than {share} %: was it printed at actual size?</source>
        <translation>Der Druck ist um mehr als {share} % gestreckt: wurde er in Originalgröße gedruckt?</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks, so a sensor cannot find it.</source>
        <translation>Dieser Bogen hat weniger als drei Marken, also findet ihn kein Sensor.</translation>
    </message>
    <message>
        <source>No mark was found. Is the sheet loaded, printed side up?</source>
        <translation>Keine Marke wurde gefunden. Ist der Bogen eingelegt, bedruckte Seite oben?</translation>
    </message>
    <message numerus="yes">
        <source>Only %n spots like marks were found, and they do not lie as the marks do. Is this the sheet that was printed?</source>
        <translation>
            <numerusform>Nur ein Fleck wie eine Marke wurde gefunden. Ist das der Bogen, der gedruckt wurde?</numerusform>
            <numerusform>Nur %n Flecken wie Marken wurden gefunden, und sie liegen nicht wie die Marken. Ist das der Bogen, der gedruckt wurde?</numerusform>
        </translation>
    </message>
    <message>
        <source>The marks fit as well the other way up. Say which way the sheet lies, or find it by hand.</source>
        <translation>Die Marken passen ebenso kopfüber. Sagen, wie herum der Bogen liegt, oder von Hand finden.</translation>
    </message>
    <message>
        <source>A mark lies {mm} mm from where the others say it should: {mark}. Smudged?</source>
        <translation>Eine Marke liegt {mm} mm von dort, wo die anderen sie erwarten: {mark}. Verschmiert?</translation>
    </message>
    <message>
        <source>The marks are left {mm} mm off, more than {most} mm: is the sheet flat, and is it the one that was printed?</source>
        <translation>Die Marken liegen {mm} mm daneben, mehr als {most} mm: liegt der Bogen flach, und ist es der gedruckte?</translation>
    </message>
    <message>
        <source>Only three marks were used, so nothing checks the result.</source>
        <translation>Nur drei Marken wurden genutzt, also prüft nichts das Ergebnis.</translation>
    </message>
    <message>
        <source>Point at three marks or more that are not on one line.</source>
        <translation>Auf drei oder mehr Marken zeigen, die nicht auf einer Linie liegen.</translation>
    </message>
    <message>
        <source>The places differ by {mm} mm.</source>
        <translation>Die Stellen unterscheiden sich um {mm} mm.</translation>
    </message>
    <message>
        <source>The others agree: look again at {mark}.</source>
        <translation>Die anderen stimmen überein: {mark} nochmals ansehen.</translation>
    </message>
    <message>
        <source>Which one is off cannot be told: look at each again, or at a fifth.</source>
        <translation>Welche daneben liegt, ist nicht zu sagen: jede nochmals ansehen, oder eine fünfte.</translation>
    </message>
    <message>
        <source>Three marks leave little to check by: look at the first cut.</source>
        <translation>Drei Marken lassen wenig zum Prüfen: beim ersten Schnitt hinsehen.</translation>
    </message>
    <message>
        <source>{paper}, upright</source>
        <translation>{paper}, hoch</translation>
    </message>
    <message>
        <source>{paper}, sideways</source>
        <translation>{paper}, quer</translation>
    </message>
    <message>
        <source>{width} × {height} mm</source>
        <translation>{width} × {height} mm</translation>
    </message>
    <message>
        <source>{paper} is smaller than its marks need.</source>
        <translation>{paper} ist kleiner, als seine Marken brauchen.</translation>
    </message>
    <message>
        <source>Take larger paper or other marks.</source>
        <translation>Größeres Papier oder andere Marken nehmen.</translation>
    </message>
    <message>
        <source>The margins leave nothing of {paper} to cut on.</source>
        <translation>Die Ränder lassen von {paper} nichts zum Schneiden.</translation>
    </message>
    <message>
        <source>Check the printer&apos;s and the cutter&apos;s margins and where the paper lies on the mat.</source>
        <translation>Die Ränder von Drucker und Schneider prüfen, und wo das Papier auf der Matte liegt.</translation>
    </message>
    <message>
        <source>Marks and margins leave nothing of the cut zone on {paper}.</source>
        <translation>Marken und Ränder lassen auf {paper} nichts vom Schneidebereich.</translation>
    </message>
    <message>
        <source>Take larger paper, smaller keep-clear areas, or no marks.</source>
        <translation>Größeres Papier, kleinere Freihaltezonen oder keine Marken nehmen.</translation>
    </message>
    <message>
        <source>The small sheets leave no room for a sticker.</source>
        <translation>Die kleinen Bögen lassen keinen Raum für einen Aufkleber.</translation>
    </message>
    <message>
        <source>Take fewer of them or a smaller gutter.</source>
        <translation>Weniger davon nehmen oder einen kleineren Zwischenraum.</translation>
    </message>
    <message>
        <source>Light falls on it unevenly, so it was evened.</source>
        <translation>Das Licht fällt ungleich, also wurde es ausgeglichen.</translation>
    </message>
    <message>
        <source>Soft shadows on its ground are left out.</source>
        <translation>Weiche Schatten auf dem Grund sind weggelassen.</translation>
    </message>
    <message>
        <source>“{file}” does not exist.</source>
        <translation>„{file}“ gibt es nicht.</translation>
    </message>
    <message>
        <source>“{file}” is a folder, not a file.</source>
        <translation>„{file}“ ist ein Ordner, keine Datei.</translation>
    </message>
    <message>
        <source>“{file}” cannot be read.</source>
        <translation>„{file}“ kann nicht gelesen werden.</translation>
    </message>
    <message>
        <source>Check the file&apos;s permissions.</source>
        <translation>Die Rechte der Datei prüfen.</translation>
    </message>
    <message>
        <source>“{file}” is larger than {most} MB, too large to open.</source>
        <translation>„{file}“ ist größer als {most} MB, zu groß zum Öffnen.</translation>
    </message>
    <message>
        <source>“{file}” cannot be read: {why}.</source>
        <translation>„{file}“ kann nicht gelesen werden: {why}.</translation>
    </message>
    <message>
        <source>“{file}” cannot be written: {why}.</source>
        <translation>„{file}“ kann nicht geschrieben werden: {why}.</translation>
    </message>
    <message>
        <source>Choose another folder or name.</source>
        <translation>Einen anderen Ordner oder Namen wählen.</translation>
    </message>
    <message>
        <source>“{words}” is not a known choice</source>
        <translation>„{words}“ ist keine bekannte Wahl</translation>
    </message>
    <message>
        <source>{field} is out of range</source>
        <translation>{field} liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a place is out of range</source>
        <translation>eine Stelle liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a line drawn by hand cannot be read</source>
        <translation>eine von Hand gezeichnete Linie ist nicht zu lesen</translation>
    </message>
    <message>
        <source>paper is out of range</source>
        <translation>das Papier liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>It holds a path that cannot be read.</source>
        <translation>Sie enthält einen Pfad, der nicht zu lesen ist.</translation>
    </message>
    <message>
        <source>It holds too many points.</source>
        <translation>Sie enthält zu viele Punkte.</translation>
    </message>
    <message>
        <source>It holds lines that lie off every paper.</source>
        <translation>Sie enthält Linien, die neben jedem Papier liegen.</translation>
    </message>
    <message>
        <source>It is not an SVG file that can be read.</source>
        <translation>Es ist keine lesbare SVG-Datei.</translation>
    </message>
    <message>
        <source>It is not a DXF file that can be read.</source>
        <translation>Es ist keine lesbare DXF-Datei.</translation>
    </message>
    <message>
        <source>“{file}” holds no lines to cut.</source>
        <translation>„{file}“ enthält keine Linien zum Schneiden.</translation>
    </message>
    <message>
        <source>This is not HP-GL: an instruction does not end.</source>
        <translation>Das ist kein HP-GL: eine Anweisung endet nicht.</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} carries “{words}”, which is not a number.</source>
        <translation>HP-GL-Anweisung {name} trägt „{words}“, was keine Zahl ist.</translation>
    </message>
    <message>
        <source>This is not HP-GL: “{words}” is no instruction.</source>
        <translation>Das ist kein HP-GL: „{words}“ ist keine Anweisung.</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} has an odd number of coordinates.</source>
        <translation>HP-GL-Anweisung {name} hat eine ungerade Zahl von Koordinaten.</translation>
    </message>
    <message>
        <source>has no page {page}.</source>
        <translation>hat keine Seite {page}.</translation>
    </message>
    <message>
        <source>“{file}” is empty.</source>
        <translation>„{file}“ ist leer.</translation>
    </message>
    <message>
        <source>is no drawing that Fusuma can read.</source>
        <translation>ist keine Zeichnung, die Fusuma lesen kann.</translation>
    </message>
    <message>
        <source>Use SVG, DXF or PDF.</source>
        <translation>SVG, DXF oder PDF verwenden.</translation>
    </message>
    <message>
        <source>“{file}” {trouble}</source>
        <translation>„{file}“ {trouble}</translation>
    </message>
    <message>
        <source>“{file}” {note}.</source>
        <translation>„{file}“ {note}.</translation>
    </message>
    <message>
        <source>is cut short.</source>
        <translation>ist abgeschnitten.</translation>
    </message>
    <message>
        <source>Export it again.</source>
        <translation>Nochmals exportieren.</translation>
    </message>
    <message>
        <source>is damaged, or larger than Fusuma can read.</source>
        <translation>ist beschädigt, oder größer, als Fusuma lesen kann.</translation>
    </message>
    <message>
        <source>holds no lines that can be cut.</source>
        <translation>enthält keine Linien, die sich schneiden lassen.</translation>
    </message>
    <message>
        <source>Lines, arcs, polylines and splines are read.</source>
        <translation>Linien, Bögen, Polylinien und Splines werden gelesen.</translation>
    </message>
    <message>
        <source>words are too many</source>
        <translation>zu viele Worte</translation>
    </message>
    <message>
        <source>the list is too long</source>
        <translation>die Liste ist zu lang</translation>
    </message>
    <message>
        <source>texts are too many</source>
        <translation>zu viele Texte</translation>
    </message>
    <message>
        <source>the day is out of range</source>
        <translation>der Tag liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>It was made for a newer version of Fusuma.</source>
        <translation>Es wurde für eine neuere Version von Fusuma gemacht.</translation>
    </message>
    <message>
        <source>Update Fusuma to use it.</source>
        <translation>Fusuma aktualisieren, um es zu verwenden.</translation>
    </message>
    <message>
        <source>Templates hold no pictures.</source>
        <translation>Vorlagen enthalten keine Bilder.</translation>
    </message>
    <message>
        <source>It is no JSON text.</source>
        <translation>Es ist kein JSON-Text.</translation>
    </message>
    <message>
        <source>Help, User guide tells how templates are written.</source>
        <translation>Hilfe, Handbuch sagt, wie Vorlagen geschrieben werden.</translation>
    </message>
    <message>
        <source>A field of “{template}” is missing or of the wrong kind: {detail}.</source>
        <translation>Ein Feld von „{template}“ fehlt oder ist von falscher Art: {detail}.</translation>
    </message>
    <message>
        <source>A field of “{template}”: {detail}.</source>
        <translation>Ein Feld von „{template}“: {detail}.</translation>
    </message>
    <message>
        <source>It holds no templates.</source>
        <translation>Sie enthält keine Vorlagen.</translation>
    </message>
    <message>
        <source>The list is larger than the 20 MB that Fusuma can read.</source>
        <translation>Die Liste ist größer als die 20 MB, die Fusuma lesen kann.</translation>
    </message>
    <message>
        <source>It is no list of words.</source>
        <translation>Es ist keine Liste von Worten.</translation>
    </message>
    <message>
        <source>Use CSV, or copy the cells and paste them.</source>
        <translation>CSV verwenden, oder die Zellen kopieren und einfügen.</translation>
    </message>
    <message>
        <source>The list is empty.</source>
        <translation>Die Liste ist leer.</translation>
    </message>
    <message>
        <source>The list has more than the 10,000 rows that Fusuma can fill labels from.</source>
        <translation>Die Liste hat mehr als die 10.000 Zeilen, aus denen Fusuma Etiketten füllen kann.</translation>
    </message>
    <message>
        <source>“{file}” cannot be used.</source>
        <translation>„{file}“ ist nicht zu verwenden.</translation>
    </message>
    <message>
        <source>the file is not an object in braces</source>
        <translation>die Datei ist kein Objekt in Klammern</translation>
    </message>
    <message>
        <source>{field} is not an object in braces</source>
        <translation>{field} ist kein Objekt in Klammern</translation>
    </message>
    <message>
        <source>{field} is too long</source>
        <translation>{field} ist zu lang</translation>
    </message>
    <message>
        <source>{field} must be from {least} to {most}</source>
        <translation>{field} muss von {least} bis {most} sein</translation>
    </message>
    <message>
        <source>{field} must be one of {choices}</source>
        <translation>{field} muss eines von {choices} sein</translation>
    </message>
    <message>
        <source>{field} is not known</source>
        <translation>{field} ist nicht bekannt</translation>
    </message>
    <message>
        <source>x_runs and y_runs must be at right angles</source>
        <translation>x_runs und y_runs müssen im rechten Winkel stehen</translation>
    </message>
    <message>
        <source>hpgl.most_numbers must be even, since places are pairs</source>
        <translation>hpgl.most_numbers muss gerade sein, weil Stellen Paare sind</translation>
    </message>
    <message>
        <source>hpgl.most_bytes must be 0 or at least 40</source>
        <translation>hpgl.most_bytes muss 0 oder mindestens 40 sein</translation>
    </message>
    <message>
        <source>park lies off the bed</source>
        <translation>park liegt neben dem Bett</translation>
    </message>
    <message>
        <source>This is not a machine&apos;s profile: it is not JSON.</source>
        <translation>Das ist kein Maschinenprofil: es ist kein JSON.</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {field} is not what it should be.</source>
        <translation>Das Profil dieser Maschine ist nicht zu verwenden: {field} ist nicht, was es sein sollte.</translation>
    </message>
    <message>
        <source>Help, User guide tells what each field takes.</source>
        <translation>Hilfe, Handbuch sagt, was jedes Feld nimmt.</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {trouble}.</source>
        <translation>Das Profil dieser Maschine ist nicht zu verwenden: {trouble}.</translation>
    </message>
    <message>
        <source>a margin is out of range</source>
        <translation>ein Rand liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a correction is out of range</source>
        <translation>eine Korrektur liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>how the cutter moves is out of range</source>
        <translation>wie der Schneider sich bewegt, liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>must be an object with fields in braces</source>
        <translation>muss ein Objekt mit Feldern in Klammern sein</translation>
    </message>
    <message>
        <source>has no field “{field}”</source>
        <translation>hat kein Feld „{field}“</translation>
    </message>
    <message>
        <source>must be a number from {least} to {most}</source>
        <translation>muss eine Zahl von {least} bis {most} sein</translation>
    </message>
    <message>
        <source>must be one of {choices}</source>
        <translation>muss eines von {choices} sein</translation>
    </message>
    <message>
        <source>must be a name of 1 to 80 letters</source>
        <translation>muss ein Name von 1 bis 80 Buchstaben sein</translation>
    </message>
    <message>
        <source>must be a list of 1 to {most} marks</source>
        <translation>muss eine Liste von 1 bis {most} Marken sein</translation>
    </message>
    <message>
        <source>This mark scheme is larger than 1 MB.</source>
        <translation>Dieses Markenschema ist größer als 1 MB.</translation>
    </message>
    <message>
        <source>Line {line}: this is not JSON.</source>
        <translation>Zeile {line}: das ist kein JSON.</translation>
    </message>
    <message>
        <source>Look for a missing comma, quote or bracket there.</source>
        <translation>Dort nach einem fehlenden Komma, Anführungszeichen oder einer Klammer suchen.</translation>
    </message>
    <message>
        <source>Line {line}, field “{field}”: it {trouble}.</source>
        <translation>Zeile {line}, Feld „{field}“: es {trouble}.</translation>
    </message>
    <message>
        <source>is damaged or cut short.</source>
        <translation>ist beschädigt oder abgeschnitten.</translation>
    </message>
    <message>
        <source>Export or download it again.</source>
        <translation>Nochmals exportieren oder herunterladen.</translation>
    </message>
    <message>
        <source>has {width} × {height} pixels, more than the 200 million that Fusuma can open.</source>
        <translation>hat {width} × {height} Pixel, mehr als die 200 Millionen, die Fusuma öffnen kann.</translation>
    </message>
    <message>
        <source>Save a smaller copy and open that.</source>
        <translation>Eine kleinere Kopie speichern und diese öffnen.</translation>
    </message>
    <message>
        <source>is packed in a way that this computer cannot unpack.</source>
        <translation>ist so gepackt, dass dieser Rechner es nicht auspacken kann.</translation>
    </message>
    <message>
        <source>Save it as JPEG or PNG.</source>
        <translation>Als JPEG oder PNG speichern.</translation>
    </message>
    <message>
        <source>needs more memory than there is.</source>
        <translation>braucht mehr Speicher, als da ist.</translation>
    </message>
    <message>
        <source>is locked with a password.</source>
        <translation>ist mit einem Passwort gesperrt.</translation>
    </message>
    <message>
        <source>Save a copy without one and add that.</source>
        <translation>Eine Kopie ohne Passwort speichern und diese hinzufügen.</translation>
    </message>
    <message>
        <source>is a damaged PDF.</source>
        <translation>ist ein beschädigtes PDF.</translation>
    </message>
    <message>
        <source>has no page {page}, only {pages}.</source>
        <translation>hat keine Seite {page}, nur {pages}.</translation>
    </message>
    <message>
        <source>is too large at {dpi} dpi.</source>
        <translation>ist bei {dpi} dpi zu groß.</translation>
    </message>
    <message>
        <source>Choose a lower resolution.</source>
        <translation>Eine geringere Auflösung wählen.</translation>
    </message>
    <message>
        <source>has a page that cannot be drawn.</source>
        <translation>hat eine Seite, die sich nicht zeichnen lässt.</translation>
    </message>
    <message>
        <source>plane is out of range</source>
        <translation>die Ebene liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a flat picture is too large</source>
        <translation>ein flaches Bild ist zu groß</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are taken as they are.</source>
        <translation>hat ein beschädigtes Farbprofil, also werden die Farben genommen, wie sie sind.</translation>
    </message>
    <message>
        <source>is in CMYK without a colour profile, so its colours are only near.</source>
        <translation>ist in CMYK ohne Farbprofil, also stimmen die Farben nur ungefähr.</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are only near.</source>
        <translation>hat ein beschädigtes Farbprofil, also stimmen die Farben nur ungefähr.</translation>
    </message>
    <message>
        <source>is not a picture that Fusuma can read.</source>
        <translation>ist kein Bild, das Fusuma lesen kann.</translation>
    </message>
    <message>
        <source>has more than the 200 million pixels that Fusuma can open.</source>
        <translation>hat mehr als die 200 Millionen Pixel, die Fusuma öffnen kann.</translation>
    </message>
    <message>
        <source>is an animation; its first picture is used.</source>
        <translation>ist eine Animation; ihr erstes Bild wird verwendet.</translation>
    </message>
    <message>
        <source>“{file}” {note}</source>
        <translation>„{file}“ {note}</translation>
    </message>
    <message>
        <source>It holds artwork of a kind that this version does not know.</source>
        <translation>Es enthält ein Motiv einer Art, die diese Version nicht kennt.</translation>
    </message>
    <message>
        <source>dpi is out of range</source>
        <translation>dpi liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>Its artwork “{file}” is missing.</source>
        <translation>Sein Motiv „{file}“ fehlt.</translation>
    </message>
    <message>
        <source>a photograph is too large to be laid flat</source>
        <translation>ein Foto ist zu groß, um flach gelegt zu werden</translation>
    </message>
    <message>
        <source>a combined part is out of range</source>
        <translation>ein vereinter Teil liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a combination&apos;s members are out of range</source>
        <translation>die Mitglieder einer Vereinigung liegen außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a part&apos;s id is out of range</source>
        <translation>die Kennung eines Teils liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>clusters are too deep within each other</source>
        <translation>Verbünde stecken zu tief ineinander</translation>
    </message>
    <message>
        <source>a cluster&apos;s size is out of range</source>
        <translation>die Größe eines Verbunds liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a cluster is empty</source>
        <translation>ein Verbund ist leer</translation>
    </message>
    <message>
        <source>It is not a Fusuma project.</source>
        <translation>Es ist kein Fusuma-Projekt.</translation>
    </message>
    <message>
        <source>It was saved by a newer version of Fusuma.</source>
        <translation>Es wurde mit einer neueren Version von Fusuma gespeichert.</translation>
    </message>
    <message>
        <source>Update Fusuma to open it.</source>
        <translation>Fusuma aktualisieren, um es zu öffnen.</translation>
    </message>
    <message>
        <source>Its ticket {code} is missing.</source>
        <translation>Sein Laufzettel {code} fehlt.</translation>
    </message>
    <message>
        <source>Its description is damaged.</source>
        <translation>Seine Beschreibung ist beschädigt.</translation>
    </message>
    <message>
        <source>Its description is damaged: {detail}.</source>
        <translation>Seine Beschreibung ist beschädigt: {detail}.</translation>
    </message>
    <message>
        <source>There is too little memory for it.</source>
        <translation>Dafür ist zu wenig Speicher da.</translation>
    </message>
    <message>
        <source>Close other programs, then try again.</source>
        <translation>Andere Programme schließen, dann nochmals versuchen.</translation>
    </message>
    <message>
        <source>Its artwork is missing.</source>
        <translation>Sein Motiv fehlt.</translation>
    </message>
    <message>
        <source>The project could not be opened again, so it is not saved.</source>
        <translation>Das Projekt ließe sich nicht wieder öffnen, also wird es nicht gespeichert.</translation>
    </message>
    <message>
        <source>Undo the last steps, then try again.</source>
        <translation>Die letzten Schritte rückgängig machen, dann nochmals versuchen.</translation>
    </message>
    <message>
        <source>The project is too large to be opened again, so it is not saved.</source>
        <translation>Das Projekt ist zu groß, um wieder geöffnet zu werden, also wird es nicht gespeichert.</translation>
    </message>
    <message>
        <source>Save it in two halves.</source>
        <translation>In zwei Hälften speichern.</translation>
    </message>
    <message>
        <source>“{file}” cannot be opened.</source>
        <translation>„{file}“ kann nicht geöffnet werden.</translation>
    </message>
    <message>
        <source>a brush stroke is out of range</source>
        <translation>ein Pinselstrich liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>colours are too many</source>
        <translation>zu viele Farben</translation>
    </message>
    <message>
        <source>rims are too many</source>
        <translation>zu viele Säume</translation>
    </message>
    <message>
        <source>nodes drawn by hand are too many</source>
        <translation>zu viele von Hand gezeichnete Knoten</translation>
    </message>
    <message>
        <source>a stretch drawn by hand is empty</source>
        <translation>ein von Hand gezeichnetes Stück ist leer</translation>
    </message>
    <message>
        <source>a line drawn by hand is empty</source>
        <translation>eine von Hand gezeichnete Linie ist leer</translation>
    </message>
    <message>
        <source>the mark scheme is damaged: {why}</source>
        <translation>das Markenschema ist beschädigt: {why}</translation>
    </message>
    <message>
        <source>the mark scheme is missing</source>
        <translation>das Markenschema fehlt</translation>
    </message>
    <message>
        <source>what was photographed lies on no board</source>
        <translation>was fotografiert wurde, liegt auf keiner Tafel</translation>
    </message>
    <message>
        <source>a copy is out of range</source>
        <translation>ein Exemplar liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a sticker&apos;s id is out of range</source>
        <translation>die Kennung eines Aufklebers liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a copy&apos;s id is out of range</source>
        <translation>die Kennung eines Exemplars liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a cut line&apos;s copy is out of range</source>
        <translation>das Exemplar einer Schnittlinie liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>a ticket&apos;s code is out of range</source>
        <translation>der Code eines Laufzettels liegt außerhalb des Bereichs</translation>
    </message>
    <message>
        <source>The project cannot be packed.</source>
        <translation>Das Projekt lässt sich nicht packen.</translation>
    </message>
    <message>
        <source>There may be too little memory.</source>
        <translation>Vielleicht ist zu wenig Speicher da.</translation>
    </message>
    <message>
        <source>It is damaged or not a Fusuma project.</source>
        <translation>Es ist beschädigt oder kein Fusuma-Projekt.</translation>
    </message>
    <message>
        <source>Its contents are too large to open.</source>
        <translation>Der Inhalt ist zu groß zum Öffnen.</translation>
    </message>
    <message>
        <source>is damaged in line {line}: {why}</source>
        <translation>ist in Zeile {line} beschädigt: {why}</translation>
    </message>
    <message>
        <source>holds no drawing.</source>
        <translation>enthält keine Zeichnung.</translation>
    </message>
    <message>
        <source>nests its groups more than {most} deep.</source>
        <translation>verschachtelt seine Gruppen tiefer als {most}.</translation>
    </message>
    <message>
        <source>Ungroup some and save it again.</source>
        <translation>Einige Gruppen auflösen und nochmals speichern.</translation>
    </message>
    <message>
        <source>has more than {most} elements.</source>
        <translation>hat mehr als {most} Elemente.</translation>
    </message>
    <message>
        <source>Split the drawing into several files.</source>
        <translation>Die Zeichnung auf mehrere Dateien verteilen.</translation>
    </message>
    <message>
        <source>has more than one drawing in it.</source>
        <translation>enthält mehr als eine Zeichnung.</translation>
    </message>
    <message>
        <source>is larger than the 100 MB that Fusuma can open.</source>
        <translation>ist größer als die 100 MB, die Fusuma öffnen kann.</translation>
    </message>
    <message>
        <source>is damaged, or larger than 100 MB unpacked.</source>
        <translation>ist beschädigt, oder ausgepackt größer als 100 MB.</translation>
    </message>
    <message>
        <source>holds nothing that can be drawn.</source>
        <translation>enthält nichts, was sich zeichnen lässt.</translation>
    </message>
    <message>
        <source>draws more than {most} shapes.</source>
        <translation>zeichnet mehr als {most} Formen.</translation>
    </message>
    <message>
        <source>Simplify it first.</source>
        <translation>Zuerst vereinfachen.</translation>
    </message>
    <message>
        <source>{note}; it {more}</source>
        <translation>{note}; es {more}</translation>
    </message>
    <message>
        <source>refers to other files, which are left out</source>
        <translation>verweist auf andere Dateien, die weggelassen werden</translation>
    </message>
    <message>
        <source>has scripts, which are ignored</source>
        <translation>hat Skripte, die ignoriert werden</translation>
    </message>
    <message>
        <source>has a text of more than 20,000 letters, which is left out</source>
        <translation>hat einen Text von mehr als 20.000 Buchstaben, der weggelassen wird</translation>
    </message>
    <message>
        <source>asks for fonts that are not here: {fonts}</source>
        <translation>verlangt Schriften, die nicht hier sind: {fonts}</translation>
    </message>
    <message>
        <source>states no size that can be used.</source>
        <translation>nennt keine brauchbare Größe.</translation>
    </message>
    <message>
        <source>Give it a width and a height.</source>
        <translation>Ihr Breite und Höhe geben.</translation>
    </message>
    <message>
        <source>“{address}” is not a cutter&apos;s address.</source>
        <translation>„{address}“ ist keine Adresse eines Schneiders.</translation>
    </message>
    <message>
        <source>Give tcp:HOST:PORT, serial:PORT@BAUD or device:/dev/…</source>
        <translation>tcp:HOST:PORT, serial:PORT@BAUD oder device:/dev/… angeben</translation>
    </message>
    <message>
        <source>The practice cutter cannot listen on port {port}: {why}.</source>
        <translation>Der Übungsschneider kann an Port {port} nicht lauschen: {why}.</translation>
    </message>
    <message>
        <source>The practice cutter cannot open a pseudo-terminal.</source>
        <translation>Der Übungsschneider kann kein Pseudoterminal öffnen.</translation>
    </message>
    <message>
        <source>The practice printer prints at 24 to 2400 dpi.</source>
        <translation>Der Übungsdrucker druckt mit 24 bis 2400 dpi.</translation>
    </message>
    <message>
        <source>The sheet cannot be written to “{file}”.</source>
        <translation>Der Bogen lässt sich nicht nach „{file}“ schreiben.</translation>
    </message>
    <message>
        <source>The scanner does not answer any more.</source>
        <translation>Der Scanner antwortet nicht mehr.</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on.</source>
        <translation>Prüfen, ob er angeschlossen und eingeschaltet ist.</translation>
    </message>
    <message>
        <source>You have no right to use the scanner.</source>
        <translation>Sie haben kein Recht, den Scanner zu benutzen.</translation>
    </message>
    <message>
        <source>Join the group “scanner”, log out and in again.</source>
        <translation>Der Gruppe „scanner“ beitreten, ab- und wieder anmelden.</translation>
    </message>
    <message>
        <source>The scanner is busy.</source>
        <translation>Der Scanner ist beschäftigt.</translation>
    </message>
    <message>
        <source>Close the other program that uses it, then try again.</source>
        <translation>Das andere Programm schließen, das ihn benutzt, dann nochmals versuchen.</translation>
    </message>
    <message>
        <source>The scanner is jammed.</source>
        <translation>Im Scanner steckt Papier fest.</translation>
    </message>
    <message>
        <source>Take the paper out, then try again.</source>
        <translation>Das Papier herausnehmen, dann nochmals versuchen.</translation>
    </message>
    <message>
        <source>There is no paper in the scanner&apos;s feeder.</source>
        <translation>Im Einzug des Scanners ist kein Papier.</translation>
    </message>
    <message>
        <source>Lay some in, then try again.</source>
        <translation>Papier einlegen, dann nochmals versuchen.</translation>
    </message>
    <message>
        <source>The scanner&apos;s cover is open.</source>
        <translation>Der Deckel des Scanners ist offen.</translation>
    </message>
    <message>
        <source>Close it, then try again.</source>
        <translation>Schließen, dann nochmals versuchen.</translation>
    </message>
    <message>
        <source>There is too little memory for this scan.</source>
        <translation>Für diesen Scan ist zu wenig Speicher da.</translation>
    </message>
    <message>
        <source>Scan a smaller area or at a lower resolution.</source>
        <translation>Eine kleinere Fläche oder mit geringerer Auflösung scannen.</translation>
    </message>
    <message>
        <source>Scanners cannot be reached on this computer.</source>
        <translation>Scanner sind auf diesem Rechner nicht zu erreichen.</translation>
    </message>
    <message>
        <source>The scanner sends its colours one after the other, which Fusuma does not take.</source>
        <translation>Der Scanner sendet seine Farben nacheinander, was Fusuma nicht annimmt.</translation>
    </message>
    <message>
        <source>Scan in grey.</source>
        <translation>In Grau scannen.</translation>
    </message>
    <message>
        <source>This scan would have more than 200 million pixels.</source>
        <translation>Dieser Scan hätte mehr als 200 Millionen Pixel.</translation>
    </message>
    <message>
        <source>The scanner cannot do this ({number}).</source>
        <translation>Der Scanner kann das nicht ({number}).</translation>
    </message>
    <message>
        <source>Try other settings.</source>
        <translation>Andere Einstellungen versuchen.</translation>
    </message>
    <message>
        <source>The scanner sent nothing.</source>
        <translation>Der Scanner sandte nichts.</translation>
    </message>
    <message>
        <source>Try again.</source>
        <translation>Nochmals versuchen.</translation>
    </message>
    <message>
        <source>--paper {paper}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--paper {paper}: a4, letter, a3, 12x12in oder BxH in mm angeben, jedes mindestens 90, beide zusammen höchstens 1030.</translation>
    </message>
    <message>
        <source>--holes {holes}: give the area in mm², such as close-under=9.</source>
        <translation>--holes {holes}: die Fläche in mm² angeben, etwa close-under=9.</translation>
    </message>
    <message>
        <source>--holes {holes}: give keep, close or close-under=MM2.</source>
        <translation>--holes {holes}: keep, close oder close-under=MM2 angeben.</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>{option} {words}: X,Y in Pixeln angeben, etwa 100,80.</translation>
    </message>
    <message>
        <source>--rim {words}: give a width in mm and a fill, such as 1.5,#2E4A7D{hint}</source>
        <translation>--rim {words}: eine Breite in mm und eine Füllung angeben, etwa 1.5,#2E4A7D{hint}</translation>
    </message>
    <message>
        <source>--border-fill {border_fill}{hint}</source>
        <translation>--border-fill {border_fill}{hint}</translation>
    </message>
    <message>
        <source>--bleed-with {bleed_with}: give the width of the bleed with --bleed too.</source>
        <translation>--bleed-with {bleed_with}: auch die Breite des Beschnitts mit --bleed angeben.</translation>
    </message>
    <message>
        <source>--line {words}: give at least two points as X,Y,X,Y in pixels.</source>
        <translation>--line {words}: mindestens zwei Punkte als X,Y,X,Y in Pixeln angeben.</translation>
    </message>
    <message>
        <source>--leave-out {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--leave-out {words}: X,Y in Pixeln angeben, etwa 100,80.</translation>
    </message>
    <message>
        <source>--marks {words}: give X,Y in mm, such as 12.5,280, or none.</source>
        <translation>--marks {words}: X,Y in mm angeben, etwa 12.5,280, oder none.</translation>
    </message>
    <message>
        <source>--marks gives {marks} places, but the sheet has {marks2} marks.</source>
        <translation>--marks nennt {marks} Stellen, der Bogen hat aber {marks2} Marken.</translation>
    </message>
    <message>
        <source>{lines_cut} of {runs} lines are cut. With -o FILE nothing is sent.</source>
        <translation>{lines_cut} von {runs} Linien sind geschnitten. Mit -o DATEI wird nichts gesendet.</translation>
    </message>
    <message numerus="yes">
        <source>Ticket {code} has %n pages.</source>
        <translation>
            <numerusform>Laufzettel {code} hat eine Seite.</numerusform>
            <numerusform>Laufzettel {code} hat %n Seiten.</numerusform>
        </translation>
    </message>
    <message>
        <source>{option} {words}: the drawing has no part “{part}”.</source>
        <translation>{option} {words}: die Zeichnung hat keinen Teil „{part}“.</translation>
    </message>
    <message>
        <source>`fusuma-cli parts` lists them.</source>
        <translation>`fusuma-cli parts` listet sie.</translation>
    </message>
    <message>
        <source>--part {words}: give WHICH=printed, cut, both or neither, with :kiss, :score or :through.</source>
        <translation>--part {words}: WELCHES=printed, cut, both oder neither angeben, dazu :kiss, :score oder :through.</translation>
    </message>
    <message>
        <source>--combine {words}: give join, take-out, overlap-only, exclude, split or pieces, a colon, and parts.</source>
        <translation>--combine {words}: join, take-out, overlap-only, exclude, split oder pieces angeben, einen Doppelpunkt und Teile.</translation>
    </message>
    <message>
        <source>--combine {words}: nothing comes of it.</source>
        <translation>--combine {words}: daraus wird nichts.</translation>
    </message>
    <message>
        <source>Do the parts overlap?</source>
        <translation>Überlappen sich die Teile?</translation>
    </message>
    <message>
        <source>--recolour {words}: give #RRGGBB=#RRGGBB.</source>
        <translation>--recolour {words}: #RRGGBB=#RRGGBB angeben.</translation>
    </message>
    <message>
        <source>“{file_name}” has no parts in plain colours.</source>
        <translation>„{file_name}“ hat keine Teile in einfachen Farben.</translation>
    </message>
    <message numerus="yes">
        <source>The sheet has %n pages.</source>
        <translation>
            <numerusform>Der Bogen hat eine Seite.</numerusform>
            <numerusform>Der Bogen hat %n Seiten.</numerusform>
        </translation>
    </message>
    <message>
        <source>--board {board}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--board {board}: a4, letter, a3, 12x12in oder BxH in mm angeben, jedes mindestens 90, beide zusammen höchstens 1030.</translation>
    </message>
    <message>
        <source>--label {shape}: give SHAPE:WxH in mm, 2 to 1000 each, such as rounded:60x30.</source>
        <translation>--label {shape}: FORM:BxH in mm angeben, je 2 bis 1000, etwa rounded:60x30.</translation>
    </message>
    <message>
        <source>--template {asked}: {read}</source>
        <translation>--template {asked}: {read}</translation>
    </message>
    <message>
        <source>--template {asked}: there is {names}.</source>
        <translation>--template {asked}: es gibt {names}.</translation>
    </message>
    <message>
        <source>--text-style {words}: “{piece}” is not understood.</source>
        <translation>--text-style {words}: „{piece}“ ist nicht zu verstehen.</translation>
    </message>
    <message>
        <source>A label has at most {most_texts} texts.</source>
        <translation>Ein Etikett hat höchstens {most_texts} Texte.</translation>
    </message>
    <message>
        <source>The font “{font}” is not here; “{other}” is used.</source>
        <translation>Die Schrift „{font}“ ist nicht hier; „{other}“ wird verwendet.</translation>
    </message>
    <message>
        <source>--swatch {swatch}: give one of {names}.</source>
        <translation>--swatch {swatch}: eines von {names} angeben.</translation>
    </message>
    <message>
        <source>--ground {ground}: give #RRGGBB or none.</source>
        <translation>--ground {ground}: #RRGGBB oder none angeben.</translation>
    </message>
    <message>
        <source>--frame {frame}: give WIDTH,INSET in mm, such as 0.4,1.5.</source>
        <translation>--frame {frame}: BREITE,EINRÜCKUNG in mm angeben, etwa 0.4,1.5.</translation>
    </message>
    <message>
        <source>--label-picture {picture}: give left, right, above, below or behind.</source>
        <translation>--label-picture {picture}: left, right, above, below oder behind angeben.</translation>
    </message>
    <message>
        <source>--date {date}: give YYYY-MM-DD.</source>
        <translation>--date {date}: JJJJ-MM-TT angeben.</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y,W,H in pixels, such as 100,80,600,400.</source>
        <translation>{option} {words}: X,Y,B,H in Pixeln angeben, etwa 100,80,600,400.</translation>
    </message>
    <message>
        <source>{option} {words}: give the size, and points, such as 20,100,80.</source>
        <translation>{option} {words}: die Größe und Punkte angeben, etwa 20,100,80.</translation>
    </message>
    <message>
        <source>{option} {words}: give add or erase, the size, and points, such as erase,20,100,80.</source>
        <translation>{option} {words}: add oder erase, die Größe und Punkte angeben, etwa erase,20,100,80.</translation>
    </message>
    <message>
        <source>--subject and --source {source} do not go together.</source>
        <translation>--subject und --source {source} gehen nicht zusammen.</translation>
    </message>
    <message>
        <source>{option} says what belongs to a subject: give --subject, too.</source>
        <translation>{option} sagt, was zu einem Gegenstand gehört: auch --subject angeben.</translation>
    </message>
    <message>
        <source>--flatten {words}: give board, board:PAPER, paper:PAPER, card or corners:X,Y,X,Y,X,Y,X,Y:WxH.</source>
        <translation>--flatten {words}: board, board:PAPIER, paper:PAPIER, card oder corners:X,Y,X,Y,X,Y,X,Y:BxH angeben.</translation>
    </message>
    <message>
        <source>--flatten {words}: {parts} is no paper; give a4, letter or WxH in mm.</source>
        <translation>--flatten {words}: {parts} ist kein Papier; a4, letter oder BxH in mm angeben.</translation>
    </message>
    <message>
        <source>--flatten {words}: a board&apos;s paper is at least 90 mm each way, and both together at most 1030 mm.</source>
        <translation>--flatten {words}: das Papier einer Tafel misst mindestens 90 mm je Seite, und beide zusammen höchstens 1030 mm.</translation>
    </message>
    <message>
        <source>{file_name}: {flat}</source>
        <translation>{file_name}: {flat}</translation>
    </message>
    <message>
        <source>There is too little memory for this.</source>
        <translation>Dafür ist zu wenig Speicher da.</translation>
    </message>
    <message>
        <source>Use smaller pictures, or fewer of them.</source>
        <translation>Kleinere Bilder verwenden, oder weniger davon.</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma: {what}.</source>
        <translation>In Fusuma ging etwas schief: {what}.</translation>
    </message>
    <message>
        <source>“{project}” has no copies on its sheet, so there is nothing to rehearse.</source>
        <translation>„{project}“ hat keine Exemplare auf dem Bogen, es gibt also nichts zu proben.</translation>
    </message>
    <message>
        <source>There is no ticket {ticket} in “{project}”.</source>
        <translation>Es gibt keinen Laufzettel {ticket} in „{project}“.</translation>
    </message>
    <message>
        <source>The sheet has {marks} marks, numbered from 1.</source>
        <translation>Der Bogen hat {marks} Marken, gezählt ab 1.</translation>
    </message>
    <message>
        <source>--stretch takes up to 20 percent either way.</source>
        <translation>--stretch geht bis 20 Prozent in jede Richtung.</translation>
    </message>
    <message>
        <source>--shift takes up to 1000 mm either way.</source>
        <translation>--shift geht bis 1000 mm in jede Richtung.</translation>
    </message>
    <message>
        <source>The report cannot be written to standard output.</source>
        <translation>Der Bericht lässt sich nicht auf die Standardausgabe schreiben.</translation>
    </message>
    <message>
        <source>{option} “{path}” would write over what is read.</source>
        <translation>{option} „{path}“ überschriebe, was gelesen wird.</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>Einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>{option} and {option2} both write to “{path}”.</source>
        <translation>{option} und {option2} schreiben beide nach „{path}“.</translation>
    </message>
    <message>
        <source>Give each a file of its own.</source>
        <translation>Jedem eine eigene Datei geben.</translation>
    </message>
    <message>
        <source>“{file}” has nothing to print and nothing to cut.</source>
        <translation>„{file}“ hat nichts zu drucken und nichts zu schneiden.</translation>
    </message>
    <message>
        <source>Give its parts a --part use.</source>
        <translation>Ihren Teilen mit --part eine Verwendung geben.</translation>
    </message>
    <message>
        <source>“{file}” is fully transparent, so there is nothing to outline.</source>
        <translation>„{file}“ ist ganz transparent, es gibt also nichts zu umreißen.</translation>
    </message>
    <message>
        <source>“{file}” is empty once its background is taken away.</source>
        <translation>„{file}“ ist leer, wenn sein Hintergrund entfernt ist.</translation>
    </message>
    <message>
        <source>Try another --source or --focus.</source>
        <translation>Eine andere --source oder --focus versuchen.</translation>
    </message>
    <message>
        <source>“{path}”: {machine}</source>
        <translation>„{path}“: {machine}</translation>
    </message>
    <message numerus="yes">
        <source>{trouble}, and so would %n more.</source>
        <translation>
            <numerusform>{trouble}, und ein weiterer ebenso.</numerusform>
            <numerusform>{trouble}, und %n weitere ebenso.</numerusform>
        </translation>
    </message>
    <message>
        <source>{trouble}.</source>
        <translation>{trouble}.</translation>
    </message>
    <message>
        <source>Nothing was written or moved. Move the paper in the machine, or the copies on the sheet.</source>
        <translation>Nichts wurde geschrieben oder bewegt. Das Papier in der Maschine verschieben, oder die Exemplare auf dem Bogen.</translation>
    </message>
    <message>
        <source>Nothing was printed from “{project}” yet: it has no ticket.</source>
        <translation>Aus „{project}“ wurde noch nichts gedruckt: es hat keinen Laufzettel.</translation>
    </message>
    <message>
        <source>There is no ticket {code} in “{project}”.</source>
        <translation>Es gibt keinen Laufzettel {code} in „{project}“.</translation>
    </message>
    <message>
        <source>“{mark_scheme}”: {scheme}</source>
        <translation>„{mark_scheme}“: {scheme}</translation>
    </message>
    <message>
        <source>--divide {divide}: give columns and rows from 1 to {most_divisions}, such as 2x2.</source>
        <translation>--divide {divide}: Spalten und Reihen von 1 bis {most_divisions} angeben, etwa 2x2.</translation>
    </message>
    <message>
        <source>--material {material}: give one of {names}.</source>
        <translation>--material {material}: eines von {names} angeben.</translation>
    </message>
    <message>
        <source>--ink {ink}: give kiss=NAME, score=NAME or through=NAME.</source>
        <translation>--ink {ink}: kiss=NAME, score=NAME oder through=NAME angeben.</translation>
    </message>
    <message>
        <source>“{words}”: a project must come first, and only one can be opened.</source>
        <translation>„{words}“: ein Projekt muss zuerst kommen, und nur eines lässt sich öffnen.</translation>
    </message>
    <message>
        <source>“{inputs}” cuts what lies on the photo board, whose paper and marks stay.</source>
        <translation>„{inputs}“ schneidet, was auf der Fototafel liegt, deren Papier und Marken bleiben.</translation>
    </message>
    <message>
        <source>--paper {paper}: give a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in.</source>
        <translation>--paper {paper}: a3 bis a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l oder eine Größe angeben, etwa 100x150 (mm) oder 4x6in.</translation>
    </message>
    <message>
        <source>--cluster: give at least two pictures, drawings or labels.</source>
        <translation>--cluster: mindestens zwei Bilder, Zeichnungen oder Etiketten angeben.</translation>
    </message>
    <message>
        <source>Give a project, a picture or a drawing, or a label to make.</source>
        <translation>Ein Projekt, ein Bild oder eine Zeichnung angeben, oder ein Etikett, das gemacht wird.</translation>
    </message>
    <message>
        <source>See fusuma-cli sheet --help.</source>
        <translation>Siehe fusuma-cli sheet --help.</translation>
    </message>
    <message>
        <source>{sticker}: no copy fits on the sheet</source>
        <translation>{sticker}: kein Exemplar passt auf den Bogen</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies fit on the sheet</source>
        <translation>{sticker}: nur {placed} von {wanted} Exemplaren passen auf den Bogen</translation>
    </message>
    <message>
        <source>--there: nothing lies on a photographed board.</source>
        <translation>--there: nichts liegt auf einer fotografierten Tafel.</translation>
    </message>
    <message>
        <source>Give photographs with --flatten board.</source>
        <translation>Fotos mit --flatten board angeben.</translation>
    </message>
    <message>
        <source>--pdf: what lies on the board already is not printed.</source>
        <translation>--pdf: was schon auf der Tafel liegt, wird nicht gedruckt.</translation>
    </message>
    <message>
        <source>--cut-pdf has its cut lines alone.</source>
        <translation>--cut-pdf enthält nur die Schnittlinien.</translation>
    </message>
    <message>
        <source>“{file}”: {trouble}</source>
        <translation>„{file}“: {trouble}</translation>
    </message>
    <message>
        <source>Choose two or more copies on this page first.</source>
        <translation>Zuerst zwei oder mehr Exemplare dieser Seite wählen.</translation>
    </message>
    <message>
        <source>No scanner was found.</source>
        <translation>Kein Scanner wurde gefunden.</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on, or add the scan as a file.</source>
        <translation>Prüfen, ob er angeschlossen und eingeschaltet ist, oder den Scan als Datei hinzufügen.</translation>
    </message>
    <message>
        <source>The scan was stopped.</source>
        <translation>Der Scan wurde abgebrochen.</translation>
    </message>
    <message>
        <source>{sticker}: no free place on the sheet is large enough for another copy.</source>
        <translation>{sticker}: kein freier Platz auf dem Bogen ist groß genug für noch ein Exemplar.</translation>
    </message>
    <message>
        <source>Give the machine a name.</source>
        <translation>Der Maschine einen Namen geben.</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to point at.</source>
        <translation>Dieser Bogen hat weniger als drei Marken zum Daraufzeigen.</translation>
    </message>
    <message>
        <source>The printer is set to {paper}, but the sheet is {other}.</source>
        <translation>Der Drucker steht auf {paper}, der Bogen ist aber {other}.</translation>
    </message>
    <message>
        <source>Choose that paper in the printer&apos;s settings; nothing was printed.</source>
        <translation>Dieses Papier in den Druckereinstellungen wählen; nichts wurde gedruckt.</translation>
    </message>
    <message>
        <source>The printer does not take the sheet.</source>
        <translation>Der Drucker nimmt den Bogen nicht.</translation>
    </message>
    <message>
        <source>Is it on, and does it have paper?</source>
        <translation>Ist er an, und hat er Papier?</translation>
    </message>
    <message>
        <source>The printer stopped before the sheet was done.</source>
        <translation>Der Drucker hielt an, bevor der Bogen fertig war.</translation>
    </message>
    <message>
        <source>Look at the printer, then print again.</source>
        <translation>Den Drucker ansehen, dann nochmals drucken.</translation>
    </message>
    <message>
        <source>{most} pairs of copies lie on each other or too close; more are not listed</source>
        <translation>{most} Paare von Kopien liegen aufeinander oder zu nah; weitere sind nicht aufgeführt</translation>
    </message>
    <message>
        <source>“{file}” is a device or a pipe, not a file.</source>
        <translation>„{file}“ ist ein Gerät oder eine Pipe, keine Datei.</translation>
    </message>
    <message>
        <source>It is longer than the {most} MB that Fusuma takes.</source>
        <translation>Sie ist länger als die {most} MB, die Fusuma annimmt.</translation>
    </message>
    <message>
        <source>Its brackets are more than {most} deep.</source>
        <translation>Ihre Klammern sind mehr als {most} tief verschachtelt.</translation>
    </message>
    <message>
        <source>It has more than the {most} values that Fusuma takes.</source>
        <translation>Sie hat mehr als die {most} Werte, die Fusuma annimmt.</translation>
    </message>
    <message>
        <source>“{file}” is not whole.</source>
        <translation>„{file}“ ist nicht vollständig.</translation>
    </message>
    <message>
        <source>Fusuma takes {pages} pages and {copies} copies; {beyond} copies beyond that are left out.</source>
        <translation>Fusuma nimmt {pages} Seiten und {copies} Kopien; {beyond} Kopien darüber hinaus sind weggelassen.</translation>
    </message>
    <message>
        <source>“{file}” needs more memory to be read than Fusuma gives to a file.</source>
        <translation>„{file}“ braucht zum Lesen mehr Speicher, als Fusuma einer Datei gibt.</translation>
    </message>
    <message>
        <source>Save a smaller or simpler copy and open that.</source>
        <translation>Eine kleinere oder einfachere Kopie sichern und diese öffnen.</translation>
    </message>
    <message>
        <source>“{file}” takes longer to read than {seconds} seconds of work.</source>
        <translation>„{file}“ braucht zum Lesen mehr als {seconds} Sekunden Arbeit.</translation>
    </message>
    <message>
        <source>Save a simpler copy and open that.</source>
        <translation>Eine einfachere Kopie sichern und diese öffnen.</translation>
    </message>
    <message>
        <source>“{file}” could not be read: it made the reader fail.</source>
        <translation>„{file}“ konnte nicht gelesen werden: Der Leser ist daran gescheitert.</translation>
    </message>
    <message>
        <source>Nothing has changed. Save it anew in the program that it comes from.</source>
        <translation>Nichts hat sich geändert. Die Datei in dem Programm neu sichern, aus dem sie kommt.</translation>
    </message>
    <message>
        <source>Fusuma&apos;s reader of files cannot be started.</source>
        <translation>Der Leser für Dateien lässt sich nicht starten.</translation>
    </message>
    <message>
        <source>Install Fusuma anew.</source>
        <translation>Fusuma neu installieren.</translation>
    </message>
    <message>
        <source>It holds no picture of its sheet.</source>
        <translation>Es enthält kein Bild seines Bogens.</translation>
    </message>
    <message>
        <source>“{file}” has lines that cross more often than Fusuma takes.</source>
        <translation>„{file}“ hat Linien, die sich öfter kreuzen, als Fusuma annimmt.</translation>
    </message>
    <message>
        <source>Join or simplify its shapes in the program that it comes from.</source>
        <translation>Die Formen in dem Programm, aus dem sie kommen, verbinden oder vereinfachen.</translation>
    </message>
    <message>
        <source>--label-picture {picture}: the picture&apos;s share is from 0.05 to 0.9.</source>
        <translation>--label-picture {picture}: Der Anteil des Bildes liegt zwischen 0.05 und 0.9.</translation>
    </message>
    <message>
        <source>A quote that begins in row {row} never closes.</source>
        <translation>Ein Anführungszeichen, das in Zeile {row} beginnt, wird nie geschlossen.</translation>
    </message>
    <message>
        <source>Close it, or write it twice where it is meant.</source>
        <translation>Es schließen, oder verdoppeln, wo es gemeint ist.</translation>
    </message>
    <message>
        <source>A cell in row {row} is larger than the 1 MB that Fusuma takes.</source>
        <translation>Eine Zelle in Zeile {row} ist größer als das eine MB, das Fusuma annimmt.</translation>
    </message>
    <message>
        <source>A picture is not of the size that it is said to be.</source>
        <translation>Ein Bild hat nicht die Größe, die es haben soll.</translation>
    </message>
    <message>
        <source>Replace its artwork, or remove the sticker.</source>
        <translation>Ersetzen Sie die Vorlage, oder entfernen Sie den Aufkleber.</translation>
    </message>
    <message>
        <source>{sticker} and {other}: one cut for both, but another colour on either side of it, so the smallest slip shows the neighbour&apos;s</source>
        <translation>{sticker} und {other}: ein Schnitt für beide, aber beiderseits eine andere Farbe; der kleinste Versatz zeigt die des Nachbarn</translation>
    </message>
    <message>
        <source>Stopped: “{file}” was not saved.</source>
        <translation>Gestoppt: „{file}“ wurde nicht gespeichert.</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies: a project holds at most {most}</source>
        <translation>{sticker}: nur {placed} von {wanted} Exemplaren: ein Projekt fasst höchstens {most}</translation>
    </message>
    <message>
        <source>A photograph laid flat, so its light was evened.</source>
        <translation>Ein flach gelegtes Foto, also wurde sein Licht ausgeglichen.</translation>
    </message>
    <message>
        <source>It is no colour profile of a screen.</source>
        <translation>Das ist kein Farbprofil eines Bildschirms.</translation>
    </message>
    <message>
        <source>Give one of the commands that --help lists.</source>
        <translation>Geben Sie einen der Befehle an, die --help auflistet.</translation>
    </message>
    <message>
        <source>{option} is needed.</source>
        <translation>{option} wird gebraucht.</translation>
    </message>
    <message>
        <source>{words} is not expected here.</source>
        <translation>{words} wird hier nicht erwartet.</translation>
    </message>
    <message>
        <source>{option}: {value} is not between {least} and {most}.</source>
        <translation>{option}: {value} liegt nicht zwischen {least} und {most}.</translation>
    </message>
    <message>
        <source>{option}: {value} is none of {words}.</source>
        <translation>{option}: {value} ist keines von {words}.</translation>
    </message>
    <message>
        <source>{option}: “{value}” cannot be understood.</source>
        <translation>{option}: „{value}“ ist nicht zu verstehen.</translation>
    </message>
    <message>
        <source>{option} needs a value.</source>
        <translation>{option} braucht einen Wert.</translation>
    </message>
    <message>
        <source>{option} does not take so many values.</source>
        <translation>{option} nimmt nicht so viele Werte.</translation>
    </message>
    <message>
        <source>{option} goes only with {other}.</source>
        <translation>{option} geht nur mit {other}.</translation>
    </message>
    <message>
        <source>{option} does not go with {other}.</source>
        <translation>{option} geht nicht mit {other}.</translation>
    </message>
    <message>
        <source>{option}: “{value}” is no number that can be used.</source>
        <translation>{option}: „{value}“ ist keine brauchbare Zahl.</translation>
    </message>
    <message>
        <source>“{project}” holds no picture of its sheet.</source>
        <translation>„{project}“ enthält kein Bild seines Bogens.</translation>
    </message>
    <message>
        <source>--size {size}: give a paper&apos;s name or WxH in mm.</source>
        <translation>--size {size}: ein Papierformat oder BxH in mm angeben.</translation>
    </message>
    <message>
        <source>“{paper}” is not a paper: give a4, letter or WxH in mm.</source>
        <translation>„{paper}“ ist kein Papier: a4, letter oder BxH in mm angeben.</translation>
    </message>
    <message>
        <source>“{file}” is not a picture that can be read.</source>
        <translation>„{file}“ ist kein lesbares Bild.</translation>
    </message>
    <message>
        <source>The cut sheet cannot be written to “{file}”.</source>
        <translation>Der geschnittene Bogen lässt sich nicht in „{file}“ schreiben.</translation>
    </message>
    <message>
        <source>The practice printer prints nothing: its file {trouble}</source>
        <translation>Der Übungsdrucker druckt nichts: Seine Datei {trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n rows of its list are on no page, the first is row {row}, “{words}”</source>
        <translation>
            <numerusform>{sticker}: Eine Zeile der Liste liegt auf keiner Seite: Zeile {row}, „{words}“</numerusform>
            <numerusform>{sticker}: %n Zeilen der Liste liegen auf keiner Seite, die erste ist Zeile {row}, „{words}“</numerusform>
        </translation>
    </message>
    <message>
        <source>Put them on the sheet</source>
        <translation>Auf den Bogen legen</translation>
    </message>
    <message>
        <source>--dates-in {language}: no such language; give one like de or fr.</source>
        <translation>--dates-in {language}: Diese Sprache gibt es nicht; geben Sie eine wie de oder fr an.</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>filled areas</source>
        <translation>gefüllte Flächen</translation>
    </message>
    <message>
        <source>dimensions</source>
        <translation>Bemaßungen</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>solids</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>endless lines</source>
        <translation>endlose Linien</translation>
    </message>
    <message>
        <source>is {length} long, which no paper holds.</source>
        <translation>ist {length} lang; das fasst kein Papier.</translation>
    </message>
    <message>
        <source>Export it at its true size.</source>
        <translation>Exportieren Sie sie in wahrer Größe.</translation>
    </message>
    <message>
        <source>Save it as SVG or PDF.</source>
        <translation>Speichern Sie sie als SVG oder PDF.</translation>
    </message>
    <message>
        <source>Save it as DXF.</source>
        <translation>Speichern Sie sie als DXF.</translation>
    </message>
    <message>
        <source>Save it as PNG.</source>
        <translation>Speichern Sie sie als PNG.</translation>
    </message>
    <message>
        <source>Use PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF or PDF.</source>
        <translation>Nehmen Sie PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF oder PDF.</translation>
    </message>
    <message>
        <source>would be {length} by the units that it states, so its numbers are taken for millimetres</source>
        <translation>wäre nach den Einheiten, die sie angibt, {length} lang, daher gelten ihre Zahlen als Millimeter</translation>
    </message>
    <message>
        <source>states no units, so its numbers are taken for millimetres</source>
        <translation>gibt keine Einheiten an, daher gelten ihre Zahlen als Millimeter</translation>
    </message>
    <message>
        <source>lets through in ways that parts cannot, so its page is taken as one picture</source>
        <translation>scheint auf eine Weise durch, die Teile nicht können, daher wird ihre Seite als ein Bild genommen</translation>
    </message>
    <message>
        <source>This version sees other parts in “{drawing}” than the one that saved it; it is cut round as a whole.</source>
        <translation>Diese Version sieht in „{drawing}“ andere Teile als die, die es gespeichert hat; es wird als Ganzes umschnitten.</translation>
    </message>
    <message>
        <source>hidden things</source>
        <translation>Ausgeblendetes</translation>
    </message>
    <message>
        <source>things of other kinds</source>
        <translation>Dinge anderer Art</translation>
    </message>
    <message>
        <source>comes without its {things}</source>
        <translation>kommt ohne {things}</translation>
    </message>
    <message>
        <source>holds {count} pictures; the first is used.</source>
        <translation>enthält {count} Bilder; das erste wird verwendet.</translation>
    </message>
    <message>
        <source>holds no more than a small picture to know it by, as a camera&apos;s raw file does.</source>
        <translation>enthält nur ein kleines Vorschaubild, wie die Rohdatei einer Kamera.</translation>
    </message>
    <message>
        <source>Letters that the font “{font}” lacks are set in “{other}”.</source>
        <translation>Buchstaben, die der Schrift „{font}“ fehlen, sind in „{other}“ gesetzt.</translation>
    </message>
    <message>
        <source>has letters that no font here has</source>
        <translation>hat Buchstaben, die keine Schrift hier hat</translation>
    </message>
    <message>
        <source>No encoding is called {encoding}.</source>
        <translation>Keine Kodierung heißt {encoding}.</translation>
    </message>
    <message>
        <source>Give one such as Windows-1250 or Shift_JIS.</source>
        <translation>Geben Sie eine wie Windows-1250 oder Shift_JIS an.</translation>
    </message>
    <message>
        <source>The list was read as {encoding}.</source>
        <translation>Die Liste wurde als {encoding} gelesen.</translation>
    </message>
    <message>
        <source>If letters in it are wrong, name another by --list-encoding.</source>
        <translation>Sind Buchstaben darin falsch, nennen Sie mit --list-encoding eine andere.</translation>
    </message>
</context>
<context>
    <name>scan</name>
    <message>
        <source>Draw a box round what is to be scanned; a click takes it away.</source>
        <translation>Einen Kasten um das ziehen, was gescannt werden soll; ein Klick nimmt ihn weg.</translation>
    </message>
</context>
<context>
    <name>words</name>
    <message>
        <source>Plain lines</source>
        <translation>Nur Linien</translation>
    </message>
    <message>
        <source>Paper label sheet</source>
        <translation>Etikettenbogen aus Papier</translation>
    </message>
    <message>
        <source>Glossy photo sticker paper</source>
        <translation>Glänzendes Foto-Aufkleberpapier</translation>
    </message>
    <message>
        <source>Printable vinyl</source>
        <translation>Bedruckbares Vinyl</translation>
    </message>
    <message>
        <source>Clear film</source>
        <translation>Klare Folie</translation>
    </message>
    <message>
        <source>Thin card</source>
        <translation>Dünner Karton</translation>
    </message>
    <message>
        <source>Thick card</source>
        <translation>Dicker Karton</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Close all</source>
        <translation>Alle schließen</translation>
    </message>
    <message>
        <source>Close small</source>
        <translation>Kleine schließen</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>Art&apos;s colours</source>
        <translation>Farben des Motivs</translation>
    </message>
    <message>
        <source>Rim&apos;s colour</source>
        <translation>Farbe des Saums</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>Kiss-Cut</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Ritzen</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Durchtrennen</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Vereinen</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Ausschneiden</translation>
    </message>
    <message>
        <source>Overlap only</source>
        <translation>Nur Überlappung</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>Mit Löchern</translation>
    </message>
    <message>
        <source>Visible only</source>
        <translation>Nur Sichtbares</translation>
    </message>
    <message>
        <source>Do not cut</source>
        <translation>Nicht schneiden</translation>
    </message>
    <message>
        <source>Cut round it</source>
        <translation>Rundherum schneiden</translation>
    </message>
    <message>
        <source>Kiss cut its edge</source>
        <translation>Seine Kante mit Kiss-Cut</translation>
    </message>
    <message>
        <source>Score its edge</source>
        <translation>Seine Kante ritzen</translation>
    </message>
    <message>
        <source>Cut its edge through</source>
        <translation>Seine Kante durchtrennen</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Teilen</translation>
    </message>
    <message>
        <source>Into pieces</source>
        <translation>In Stücke</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>Rund</translation>
    </message>
    <message>
        <source>Mitre</source>
        <translation>Gehrung</translation>
    </message>
    <message>
        <source>Bevel</source>
        <translation>Abgeschrägt</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Gerade</translation>
    </message>
    <message>
        <source>Along the top edge</source>
        <translation>Entlang der Oberkante</translation>
    </message>
    <message>
        <source>Along the bottom edge</source>
        <translation>Entlang der Unterkante</translation>
    </message>
    <message>
        <source>Left of the words</source>
        <translation>Links der Worte</translation>
    </message>
    <message>
        <source>Right of them</source>
        <translation>Rechts von ihnen</translation>
    </message>
    <message>
        <source>Above them</source>
        <translation>Über ihnen</translation>
    </message>
    <message>
        <source>Below them</source>
        <translation>Unter ihnen</translation>
    </message>
    <message>
        <source>Behind them</source>
        <translation>Hinter ihnen</translation>
    </message>
    <message>
        <source>Rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>Rounded</source>
        <translation>Abgerundet</translation>
    </message>
    <message>
        <source>Oval</source>
        <translation>Oval</translation>
    </message>
    <message>
        <source>Notched corners</source>
        <translation>Gekerbte Ecken</translation>
    </message>
    <message>
        <source>Arch</source>
        <translation>Bogenform</translation>
    </message>
    <message>
        <source>Tag</source>
        <translation>Anhänger</translation>
    </message>
    <message>
        <source>Star</source>
        <translation>Stern</translation>
    </message>
    <message>
        <source>Banner</source>
        <translation>Banner</translation>
    </message>
    <message>
        <source>Letters alone</source>
        <translation>Nur Buchstaben</translation>
    </message>
    <message>
        <source>Near left</source>
        <translation>Vorne links</translation>
    </message>
    <message>
        <source>Near right</source>
        <translation>Vorne rechts</translation>
    </message>
    <message>
        <source>Far left</source>
        <translation>Hinten links</translation>
    </message>
    <message>
        <source>Far right</source>
        <translation>Hinten rechts</translation>
    </message>
    <message>
        <source>To the right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>To the left</source>
        <translation>Nach links</translation>
    </message>
    <message>
        <source>Away from me</source>
        <translation>Von mir weg</translation>
    </message>
    <message>
        <source>Towards me</source>
        <translation>Auf mich zu</translation>
    </message>
    <message>
        <source>HP-GL</source>
        <translation>HP-GL</translation>
    </message>
    <message>
        <source>G-code</source>
        <translation>G-Code</translation>
    </message>
    <message>
        <source>RTS/CTS wires</source>
        <translation>RTS/CTS-Drähte</translation>
    </message>
    <message>
        <source>XON/XOFF signs</source>
        <translation>XON/XOFF-Zeichen</translation>
    </message>
    <message>
        <source>Small portions</source>
        <translation>Kleine Portionen</translation>
    </message>
    <message>
        <source>The Z axis</source>
        <translation>Die Z-Achse</translation>
    </message>
    <message>
        <source>Words of its own</source>
        <translation>Eigene Worte</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Automatisch</translation>
    </message>
    <message>
        <source>Transparency</source>
        <translation>Transparenz</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Gegenstand</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Keep only</source>
        <translation>Nur behalten</translation>
    </message>
    <message>
        <source>The photo board</source>
        <translation>Die Fototafel</translation>
    </message>
    <message>
        <source>A sheet of paper</source>
        <translation>Ein Blatt Papier</translation>
    </message>
    <message>
        <source>A card</source>
        <translation>Eine Karte</translation>
    </message>
    <message>
        <source>Four corners</source>
        <translation>Vier Ecken</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>Evened</source>
        <translation>Ausgeglichen</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Weggelassen</translation>
    </message>
    <message>
        <source>Round dots, 5</source>
        <translation>Runde Punkte, 5</translation>
    </message>
    <message>
        <source>Crosses, 4</source>
        <translation>Kreuze, 4</translation>
    </message>
    <message>
        <source>None: by paper edge</source>
        <translation>Keine: nach der Papierkante</translation>
    </message>
    <message>
        <source>From a scheme file…</source>
        <translation>Aus einer Schemadatei…</translation>
    </message>
    <message>
        <source>Not cut</source>
        <translation>Nicht geschnitten</translation>
    </message>
    <message>
        <source>Sensor</source>
        <translation>Sensor</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>Paper edge</source>
        <translation>Papierkante</translation>
    </message>
    <message>
        <source>A new window</source>
        <translation>Ein neues Fenster</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>Neues Etikett</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>Beispiel öffnen</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie der Desktop</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
</context>
</TS>
