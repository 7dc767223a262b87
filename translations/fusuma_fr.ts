<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr_FR">
<context>
    <name>Background</name>
    <message>
        <source>There is too little memory for this. Close other programs, or use smaller pictures.</source>
        <translation>Il y a trop peu de mémoire pour cela. Fermez d&apos;autres programmes, ou prenez des images plus petites.</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma (%1). Your work is as it was.</source>
        <translation>Quelque chose a mal tourné dans Fusuma (%1). Votre travail est tel qu&apos;il était.</translation>
    </message>
</context>
<context>
    <name>Edges</name>
    <message>
        <source>Left</source>
        <translation>Gauche</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Droite</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Bas</translation>
    </message>
</context>
<context>
    <name>FlattenDialog</name>
    <message>
        <source>Lay the photograph flat</source>
        <translation>Mettre la photo à plat</translation>
    </message>
    <message>
        <source>What in the picture has a known size.</source>
        <translation>Ce qui a une taille connue dans l&apos;image.</translation>
    </message>
    <message>
        <source>Its paper</source>
        <translation>Son papier</translation>
    </message>
    <message>
        <source>Any of the board&apos;s papers</source>
        <translation>N&apos;importe quel papier de planche</translation>
    </message>
    <message>
        <source>Across and down:</source>
        <translation>Large et haut :</translation>
    </message>
    <message>
        <source>Lay it flat</source>
        <translation>La mettre à plat</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Comme reçue</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>, error left %1 mm</source>
        <translation>, erreur restante %1 mm</translation>
    </message>
    <message>
        <source>, %1 pixels a millimetre.</source>
        <translation>, %1 pixels par millimètre.</translation>
    </message>
    <message>
        <source>Drag a corner to correct it, or press 1 to 4 and move it with the arrow keys.</source>
        <translation>Tirez un coin pour le corriger, ou tapez 1 à 4 et bougez-le avec les flèches.</translation>
    </message>
    <message>
        <source>Looking for it…</source>
        <translation>On la cherche…</translation>
    </message>
</context>
<context>
    <name>LetteringDialog</name>
    <message>
        <source>Letters of the list</source>
        <translation>Lettres de la liste</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written. These are some of its words: choose where they are right.</source>
        <translation>Le fichier ne dit pas comment ses lettres sont écrites. Voici quelques-uns de ses mots : choisissez où ils sont justes.</translation>
    </message>
    <message>
        <source>Words of the list, as each encoding has them</source>
        <translation>Mots de la liste dans chaque codage</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Read it so</source>
        <translation>La lire ainsi</translation>
    </message>
</context>
<context>
    <name>LightDialog</name>
    <message>
        <source>Find the light</source>
        <translation>Trouver la lumière</translation>
    </message>
    <message>
        <source>1. Lay in a scrap of paper. Drive the head over it: arrows move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm.</source>
        <translation>1. Posez une chute de papier. Menez la tête dessus : les flèches la déplacent de 0,5 mm, avec Maj 5 mm, avec Alt 0,05 mm.</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>Déplacer la tête</translation>
    </message>
    <message>
        <source>2. Cut a small cross there. The head comes back to its middle.</source>
        <translation>2. Coupez là une petite croix. La tête revient à son milieu.</translation>
    </message>
    <message>
        <source>Cut a cross</source>
        <translation>Couper une croix</translation>
    </message>
    <message>
        <source>Two cuts of 4 mm, under the blade.</source>
        <translation>Deux coupes de 4 mm, sous la lame.</translation>
    </message>
    <message>
        <source>3. Drive the head with the arrows until the light is on the cross.</source>
        <translation>3. Menez la tête avec les flèches jusqu&apos;à ce que la lumière soit sur la croix.</translation>
    </message>
    <message>
        <source>Reaching the machine…</source>
        <translation>On joint la machine…</translation>
    </message>
    <message>
        <source>From the blade to the light: X %1 mm, Y %2 mm.</source>
        <translation>De la lame à la lumière : X %1 mm, Y %2 mm.</translation>
    </message>
    <message>
        <source>The light is on it</source>
        <translation>La lumière est dessus</translation>
    </message>
</context>
<context>
    <name>MachineDialog</name>
    <message>
        <source>Plugged in at</source>
        <translation>Branchée sur</translation>
    </message>
    <message>
        <source>Network…</source>
        <translation>Réseau…</translation>
    </message>
    <message>
        <source>Nowhere: files only</source>
        <translation>Nulle part : fichiers seulement</translation>
    </message>
    <message>
        <source>Speed of the line</source>
        <translation>Vitesse de la ligne</translation>
    </message>
    <message>
        <source>%1 baud</source>
        <translation>%1 bauds</translation>
    </message>
    <message>
        <source>host or address:port, such as 192.168.0.20:9100</source>
        <translation>nom ou adresse:port, comme 192.168.0.20:9100</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>How it is held back</source>
        <translation>Comment on la retient</translation>
    </message>
    <message>
        <source>It answers (tells its place, or says “ok”)</source>
        <translation>Elle répond (dit sa place, ou dit « ok »)</translation>
    </message>
    <message>
        <source>Its bed, as you stand before it</source>
        <translation>Son plateau, vu de devant</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>En largeur</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>En longueur</translation>
    </message>
    <message>
        <source>Its nought is at the</source>
        <translation>Son zéro est</translation>
    </message>
    <message>
        <source>X counts</source>
        <translation>X compte</translation>
    </message>
    <message>
        <source>Y counts</source>
        <translation>Y compte</translation>
    </message>
    <message>
        <source>How it is spoken to</source>
        <translation>Comment on lui parle</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>Units in 1 mm</source>
        <translation>Unités dans 1 mm</translation>
    </message>
    <message>
        <source>Numbers in a command (0: any)</source>
        <translation>Nombres par commande (0 : sans limite)</translation>
    </message>
    <message>
        <source>Bytes in a line (0: any)</source>
        <translation>Octets par ligne (0 : sans limite)</translation>
    </message>
    <message>
        <source>It knows pens (SP)</source>
        <translation>Elle connaît les plumes (SP)</translation>
    </message>
    <message>
        <source>It is told its speed (VS)</source>
        <translation>On lui dit sa vitesse (VS)</translation>
    </message>
    <message>
        <source>It is told its force (FS)</source>
        <translation>On lui dit sa force (FS)</translation>
    </message>
    <message>
        <source>The blade is moved by</source>
        <translation>La lame est mue par</translation>
    </message>
    <message>
        <source>Z up, mm</source>
        <translation>Z haut, mm</translation>
    </message>
    <message>
        <source>Z down, mm</source>
        <translation>Z bas, mm</translation>
    </message>
    <message>
        <source>Word for up</source>
        <translation>Mot pour haut</translation>
    </message>
    <message>
        <source>Word for down</source>
        <translation>Mot pour bas</translation>
    </message>
    <message>
        <source>It knows arcs (G2, G3)</source>
        <translation>Elle connaît les arcs (G2, G3)</translation>
    </message>
    <message>
        <source>One holder: stop between kiss, score and through cuts</source>
        <translation>Un seul porte-outil : s&apos;arrêter entre mi-chair, rainage et coupe traversante</translation>
    </message>
    <message>
        <source>Lines before a job</source>
        <translation>Lignes avant un travail</translation>
    </message>
    <message>
        <source>Lines after a job</source>
        <translation>Lignes après un travail</translation>
    </message>
    <message>
        <source>What makes it drop all</source>
        <translation>Ce qui lui fait tout lâcher</translation>
    </message>
    <message>
        <source>\x1b.K or \x18; empty when nothing does</source>
        <translation>\x1b.K ou \x18 ; vide si rien ne le fait</translation>
    </message>
    <message>
        <source>Light or laser beside the blade</source>
        <translation>Lumière ou laser près de la lame</translation>
    </message>
    <message>
        <source>From the blade along X</source>
        <translation>De la lame selon X</translation>
    </message>
    <message>
        <source>From the blade along Y</source>
        <translation>De la lame selon Y</translation>
    </message>
    <message>
        <source>Cut a cross and point at it…</source>
        <translation>Couper une croix et la montrer…</translation>
    </message>
    <message>
        <source>The machine cuts a small cross; you drive its light there.</source>
        <translation>La machine coupe une petite croix ; vous y menez sa lumière.</translation>
    </message>
    <message>
        <source>The machine&apos;s profile</source>
        <translation>Le profil de la machine</translation>
    </message>
    <message>
        <source>Add a machine</source>
        <translation>Ajouter une machine</translation>
    </message>
    <message>
        <source>What your cutter is plugged in at and how it counts: its handbook has most of it. Say hello to see whether it listens.</source>
        <translation>Sur quoi votre machine est branchée et comment elle compte : son manuel en dit l&apos;essentiel. Dites bonjour pour voir si elle écoute.</translation>
    </message>
    <message>
        <source>My cutter</source>
        <translation>Ma machine</translation>
    </message>
    <message>
        <source>My cutter %1</source>
        <translation>Ma machine %1</translation>
    </message>
    <message>
        <source>Say hello</source>
        <translation>Dire bonjour</translation>
    </message>
    <message>
        <source>Asks it who it is. One that does not answer moves its lifted head round a 20 mm square.</source>
        <translation>Lui demande qui elle est. Celle qui ne répond pas promène sa tête levée sur un carré de 20 mm.</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>D&apos;un fichier…</translation>
    </message>
    <message>
        <source>Read a profile that was saved as a file.</source>
        <translation>Lire un profil enregistré comme fichier.</translation>
    </message>
    <message>
        <source>Save as a file…</source>
        <translation>Enregistrer comme fichier…</translation>
    </message>
    <message>
        <source>For another computer, or the command line.</source>
        <translation>Pour un autre ordinateur, ou la ligne de commande.</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>À l&apos;écoute…</translation>
    </message>
    <message>
        <source>It answers: %1</source>
        <translation>Elle répond : %1</translation>
    </message>
    <message>
        <source>It does not answer. Its lifted head goes round a square of 20 mm now: does it, and the right way round?</source>
        <translation>Elle ne répond pas. Sa tête levée parcourt un carré de 20 mm : le fait-elle, et dans le bon sens ?</translation>
    </message>
    <message>
        <source>A machine&apos;s profile</source>
        <translation>Profil d&apos;une machine</translation>
    </message>
    <message>
        <source>Profiles (*.json)</source>
        <translation>Profils (*.json)</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Enregistrer sous</translation>
    </message>
    <message>
        <source>Profiles</source>
        <translation>Profils</translation>
    </message>
    <message>
        <source>Saved.</source>
        <translation>Enregistré.</translation>
    </message>
    <message>
        <source>Save it</source>
        <translation>L&apos;enregistrer</translation>
    </message>
    <message>
        <source>There is a machine of that name already.</source>
        <translation>Il y a déjà une machine de ce nom.</translation>
    </message>
</context>
<context>
    <name>Manual</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>; %1 when not given</source>
        <translation>; %1 sans indication</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPTIONS</translation>
    </message>
    <message>
        <source>User Commands</source>
        <translation>Commandes utilisateur</translation>
    </message>
    <message>
        <source>NAME</source>
        <translation>NOM</translation>
    </message>
    <message>
        <source>SYNOPSIS</source>
        <translation>SYNOPSIS</translation>
    </message>
    <message>
        <source>DESCRIPTION</source>
        <translation>DESCRIPTION</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>COMMANDES</translation>
    </message>
    <message>
        <source>EXIT STATUS</source>
        <translation>CODE DE RETOUR</translation>
    </message>
    <message>
        <source>SEE ALSO</source>
        <translation>VOIR AUSSI</translation>
    </message>
    <message>
        <source>The user guide, in the program&apos;s Help menu.</source>
        <translation>Le guide, dans le menu Aide du programme.</translation>
    </message>
</context>
<context>
    <name>OutputDialogs</name>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>Simulate faults</source>
        <translation>Simuler des défauts</translation>
    </message>
    <message>
        <source>The practice devices behave as badly as you ask, so that everything can be tried without spoiling a sheet.</source>
        <translation>Les appareils d&apos;exercice se conduisent aussi mal que vous voulez, pour tout essayer sans gâcher une feuille.</translation>
    </message>
    <message>
        <source>Practice cutter: how the sheet lies</source>
        <translation>Machine d&apos;exercice : comment est la feuille</translation>
    </message>
    <message>
        <source>Too far right</source>
        <translation>Trop à droite</translation>
    </message>
    <message>
        <source>Too far down</source>
        <translation>Trop bas</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Tourné</translation>
    </message>
    <message>
        <source>Upside down</source>
        <translation>À l&apos;envers</translation>
    </message>
    <message>
        <source>Any crooked way</source>
        <translation>De travers, n&apos;importe comment</translation>
    </message>
    <message>
        <source>As a sheet may be laid in by hand</source>
        <translation>Comme on pose une feuille à la main</translation>
    </message>
    <message>
        <source>Marks and sensor</source>
        <translation>Repères et capteur</translation>
    </message>
    <message>
        <source>Smudged</source>
        <translation>Taché</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Couvert</translation>
    </message>
    <message>
        <source>Sensor noise</source>
        <translation>Bruit du capteur</translation>
    </message>
    <message>
        <source>of 255</source>
        <translation>sur 255</translation>
    </message>
    <message>
        <source>Practice printer</source>
        <translation>Imprimante d&apos;exercice</translation>
    </message>
    <message>
        <source>Stretched across</source>
        <translation>Étiré en largeur</translation>
    </message>
    <message>
        <source>Stretched down</source>
        <translation>Étiré en hauteur</translation>
    </message>
    <message>
        <source>Prints too far right</source>
        <translation>Imprime trop à droite</translation>
    </message>
    <message>
        <source>Prints too far down</source>
        <translation>Imprime trop bas</translation>
    </message>
    <message>
        <source>Ink spreads</source>
        <translation>L&apos;encre s&apos;étale</translation>
    </message>
    <message>
        <source>Edges it leaves blank</source>
        <translation>Bords laissés blancs</translation>
    </message>
    <message>
        <source>Practice cutter: blade and line</source>
        <translation>Machine d&apos;exercice : lame et liaison</translation>
    </message>
    <message>
        <source>Blade trails by</source>
        <translation>Retard de la lame</translation>
    </message>
    <message>
        <source>Play in its axes</source>
        <translation>Jeu de ses axes</translation>
    </message>
    <message>
        <source>Connection drops after</source>
        <translation>Connexion perdue après</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>lignes</translation>
    </message>
    <message>
        <source>−1 for never</source>
        <translation>−1 pour jamais</translation>
    </message>
    <message>
        <source>Use these</source>
        <translation>Utiliser ceux-ci</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Matériau</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Force</source>
        <translation>Force</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Vitesse</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Passes</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>Mi-chair</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Rainage</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Coupe traversante</translation>
    </message>
    <message>
        <source>Blade</source>
        <translation>Lame</translation>
    </message>
    <message>
        <source>The tip of a drag blade trails its axis; Fusuma leads it round corners. Leave 0 when the machine does that itself.</source>
        <translation>La pointe d&apos;une lame traînante suit son axe ; Fusuma la mène aux coins. Laissez 0 si la machine le fait elle-même.</translation>
    </message>
    <message>
        <source>Tip trails by</source>
        <translation>Retard de la pointe</translation>
    </message>
    <message>
        <source>Overcut</source>
        <translation>Dépassement</translation>
    </message>
    <message>
        <source>Scores and tabs</source>
        <translation>Rainages et attaches</translation>
    </message>
    <message>
        <source>Dash</source>
        <translation>Tiret</translation>
    </message>
    <message>
        <source>Gap (0: unbroken)</source>
        <translation>Vide (0 : continue)</translation>
    </message>
    <message>
        <source>Tabs on each through cut</source>
        <translation>Attaches par coupe traversante</translation>
    </message>
    <message>
        <source>Length of a tab</source>
        <translation>Longueur d&apos;une attache</translation>
    </message>
    <message>
        <source>Keep it under this name for other projects</source>
        <translation>La garder sous ce nom pour d&apos;autres projets</translation>
    </message>
    <message>
        <source>Save a test square…</source>
        <translation>Enregistrer un carré d&apos;essai…</translation>
    </message>
    <message>
        <source>HP-GL of a 20 mm square in a 30 mm one: kiss inside, through outside. Lift a corner to see whether the force is right.</source>
        <translation>HP-GL d&apos;un carré de 20 mm dans un de 30 mm : mi-chair dedans, traversante dehors. Soulevez un coin pour voir si la force est juste.</translation>
    </message>
    <message>
        <source>test square</source>
        <translation>carré d&apos;essai</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>L&apos;utiliser</translation>
    </message>
    <message>
        <source>Inks of cut lines</source>
        <translation>Encres des lignes de coupe</translation>
    </message>
    <message>
        <source>In a PDF each kind of cut is a layer in a spot colour of its own. Print shops ask for certain names.</source>
        <translation>Dans un PDF chaque genre de coupe est un calque dans son ton direct. Les imprimeurs demandent certains noms.</translation>
    </message>
</context>
<context>
    <name>Parts</name>
    <message>
        <source>print this help and end</source>
        <translation>affiche cette aide et se termine</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Options</translation>
    </message>
    <message>
        <source>Usage</source>
        <translation>Usage</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPTIONS</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Fichiers</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>COMMANDE</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>COMMANDES</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>nécessaire</translation>
    </message>
    <message>
        <source>goes with</source>
        <translation>va avec</translation>
    </message>
    <message>
        <source>not with</source>
        <translation>pas avec</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>TEXTE</translation>
    </message>
    <message>
        <source>NUMBER</source>
        <translation>NOMBRE</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Commandes</translation>
    </message>
</context>
<context>
    <name>QFileDialog</name>
    <message>
        <source>“%1” is there already. Replace it?</source>
        <translation>« %1 » est déjà là. Le remplacer ?</translation>
    </message>
    <message>
        <source>%1 files are there already. Replace them?

%2</source>
        <translation>%1 fichiers sont déjà là. Les remplacer ?

%2</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Images</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Pictures, drawings and PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</source>
        <translation>Images, dessins et PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</translation>
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
        <translation>Système</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>Screen</source>
        <translation>Écran</translation>
    </message>
    <message>
        <source>%1 × %2 px, %3 dpi, scale %4</source>
        <translation>%1 × %2 px, %3 ppp, échelle %4</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>Fenêtre</translation>
    </message>
    <message>
        <source>Families of fonts</source>
        <translation>Familles de polices</translation>
    </message>
    <message>
        <source>Printers</source>
        <translation>Imprimantes</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Machine</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>Derniers messages</translation>
    </message>
    <message>
        <source>About this machine</source>
        <translation>À propos de cet ordinateur</translation>
    </message>
    <message>
        <source>For a report of something that went wrong. Places and names of files are left out where they can be told; read the messages before you send them.</source>
        <translation>Pour signaler ce qui a mal tourné. Les lieux et noms de fichiers sont omis là où on les reconnaît ; lisez les messages avant de les envoyer.</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copier</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>&amp;Disposer</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Dupliquer</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>Enlever des copies</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Grouper</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>Dégrouper</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Verrouiller</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Déverrouiller</translation>
    </message>
    <message>
        <source>Make one: %1</source>
        <translation>En faire un : %1</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Fendre</translation>
    </message>
    <message>
        <source>Part the cluster</source>
        <translation>Défaire l&apos;ensemble</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Tout devant</translation>
    </message>
    <message>
        <source>To the back</source>
        <translation>Tout derrière</translation>
    </message>
    <message>
        <source>Add a page</source>
        <translation>Ajouter une page</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>Ajouter une page</translation>
    </message>
    <message>
        <source>Remove this page</source>
        <translation>Enlever cette page</translation>
    </message>
    <message>
        <source>Remove page</source>
        <translation>Enlever la page</translation>
    </message>
    <message>
        <source>Move to the next page</source>
        <translation>Mettre sur la page suivante</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Édition</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Paste copies or a picture</source>
        <translation>Coller des copies ou une image</translation>
    </message>
    <message>
        <source>Select all copies</source>
        <translation>Choisir toutes les copies</translation>
    </message>
    <message>
        <source>Select all of this sticker</source>
        <translation>Choisir toutes celles de cet autocollant</translation>
    </message>
    <message>
        <source>Find anything…</source>
        <translation>Trouver n&apos;importe quoi…</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Fichier</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Nouveau projet</translation>
    </message>
    <message>
        <source>New window</source>
        <translation>Nouvelle fenêtre</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>Ouvrir un projet…</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Ajouter un motif…</translation>
    </message>
    <message>
        <source>Scan…</source>
        <translation>Numériser…</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Enregistrer sous…</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimer…</translation>
    </message>
    <message>
        <source>Save the PDF to print…</source>
        <translation>Enregistrer le PDF à imprimer…</translation>
    </message>
    <message>
        <source>Save the cut lines as SVG…</source>
        <translation>Enregistrer les lignes de coupe en SVG…</translation>
    </message>
    <message>
        <source>Save the cut lines as DXF…</source>
        <translation>Enregistrer les lignes de coupe en DXF…</translation>
    </message>
    <message>
        <source>Save the cut lines as HP-GL…</source>
        <translation>Enregistrer les lignes de coupe en HP-GL…</translation>
    </message>
    <message>
        <source>Check a cut file…</source>
        <translation>Vérifier un fichier de coupe…</translation>
    </message>
    <message>
        <source>Photo board…</source>
        <translation>Planche photo…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Quitter</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Aide</translation>
    </message>
    <message>
        <source>User guide</source>
        <translation>Guide d&apos;utilisation</translation>
    </message>
    <message>
        <source>Keys…</source>
        <translation>Touches…</translation>
    </message>
    <message>
        <source>First sheet in five steps</source>
        <translation>La première feuille en cinq pas</translation>
    </message>
    <message>
        <source>1. Drop a picture on the window.
2. On the Bench, set the border and the size.
3. On the Sheet, choose your paper and fill it with copies.
4. When the strip below has nothing to fix, go to Output and print at actual size. The print gets a ticket: its code stands on the paper, and what it says is what will be cut.
5. Load the sheet, let the marks be found, and cut. The practice printer and cutter show all of it without paper.</source>
        <translation>1. Déposez une image sur la fenêtre.
2. À l&apos;Établi, réglez la bordure et la taille.
3. Sur la Feuille, choisissez votre papier et remplissez-le de copies.
4. Quand la bande du bas n&apos;a rien à corriger, allez à la Sortie et imprimez à la taille réelle. L&apos;impression reçoit une fiche : son code est sur le papier, et ce qu&apos;elle dit est ce qui sera coupé.
5. Chargez la feuille, laissez trouver les repères et coupez. L&apos;imprimante et la machine d&apos;exercice montrent tout cela sans papier.</translation>
    </message>
    <message>
        <source>Last messages…</source>
        <translation>Derniers messages…</translation>
    </message>
    <message>
        <source>About this machine…</source>
        <translation>À propos de cet ordinateur…</translation>
    </message>
    <message>
        <source>About Fusuma</source>
        <translation>À propos de Fusuma</translation>
    </message>
    <message>
        <source>Fusuma %1 prints and cuts sticker sheets.

Free software under the GNU General Public License, version 3 or later. Set in Inter, and shipped with Cabin, Dancing Script, Lobster Two and Quicksand for labels, all under the SIL Open Font License.</source>
        <translation>Fusuma %1 imprime et coupe des feuilles d&apos;autocollants.

Logiciel libre sous licence publique générale GNU, version 3 ou ultérieure. Composé en Inter, et livré avec Cabin, Dancing Script, Lobster Two et Quicksand pour les étiquettes, tous sous la SIL Open Font License.</translation>
    </message>
    <message>
        <source>&amp;Sticker</source>
        <translation>Au&amp;tocollant</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Nouvelle étiquette…</translation>
    </message>
    <message>
        <source>Save the label as a template…</source>
        <translation>Enregistrer l&apos;étiquette comme modèle…</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>Mettre sur la feuille</translation>
    </message>
    <message>
        <source>Put some of each on the sheet…</source>
        <translation>Mettre quelques-uns de chacun sur la feuille…</translation>
    </message>
    <message>
        <source>Put some of each on the sheet</source>
        <translation>Mettre quelques-uns de chacun sur la feuille</translation>
    </message>
    <message>
        <source>Copies of every sticker</source>
        <translation>Copies de chaque autocollant</translation>
    </message>
    <message>
        <source>Move the cut line&apos;s nodes</source>
        <translation>Déplacer les nœuds de la ligne de coupe</translation>
    </message>
    <message>
        <source>Draw a cut line by hand</source>
        <translation>Tracer une ligne de coupe à la main</translation>
    </message>
    <message>
        <source>Draw a cut line with the pen</source>
        <translation>Tracer une ligne de coupe à la plume</translation>
    </message>
    <message>
        <source>Close or open single holes</source>
        <translation>Fermer ou ouvrir des trous</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Renommer</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>Remplacer le motif…</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>Dupliquer l&apos;autocollant</translation>
    </message>
    <message>
        <source>Move up in the tray</source>
        <translation>Monter dans le plateau</translation>
    </message>
    <message>
        <source>Move down in the tray</source>
        <translation>Descendre dans le plateau</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>Enlever du projet…</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Unité</translation>
    </message>
    <message>
        <source>Put all settings back</source>
        <translation>Remettre tous les réglages</translation>
    </message>
    <message>
        <source>How the window looks, widths of panels, what is open, last folders, last projects and the screen&apos;s size become as they were at first. Printers, cutters, machines, materials and lenses that you saved stay. Projects are not touched.</source>
        <translation>L&apos;aspect de la fenêtre, les largeurs des panneaux, ce qui est ouvert, les derniers dossiers, les derniers projets et la taille de l&apos;écran redeviennent comme au début. Les imprimantes, machines, matériaux et objectifs enregistrés restent. Les projets ne sont pas touchés.</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Vue</translation>
    </message>
    <message>
        <source>Go to the Bench</source>
        <translation>Aller à l&apos;Établi</translation>
    </message>
    <message>
        <source>Go to the Sheet</source>
        <translation>Aller à la Feuille</translation>
    </message>
    <message>
        <source>Go to the Output</source>
        <translation>Aller à la Sortie</translation>
    </message>
    <message>
        <source>Fold the left panel</source>
        <translation>Replier le panneau gauche</translation>
    </message>
    <message>
        <source>Fold the right panel</source>
        <translation>Replier le panneau droit</translation>
    </message>
    <message>
        <source>Next pane</source>
        <translation>Volet suivant</translation>
    </message>
    <message>
        <source>Pane before</source>
        <translation>Volet précédent</translation>
    </message>
    <message>
        <source>Shift+F6</source>
        <translation>Maj+F6</translation>
    </message>
    <message>
        <source>Move the pointer by keys</source>
        <translation>Déplacer le pointeur au clavier</translation>
    </message>
    <message>
        <source>True size on the Sheet</source>
        <translation>Vraie taille sur la Feuille</translation>
    </message>
    <message>
        <source>Set the screen&apos;s size…</source>
        <translation>Taille de l&apos;écran…</translation>
    </message>
    <message>
        <source>Measure on the Sheet</source>
        <translation>Mesurer sur la Feuille</translation>
    </message>
    <message>
        <source>Next unit</source>
        <translation>Unité suivante</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Aspect : %1</translation>
    </message>
    <message>
        <source>Put all settings back…</source>
        <translation>Remettre tous les réglages…</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>Lecture de « %1 »</translation>
    </message>
    <message>
        <source>Working out %1</source>
        <translation>Calcul de %1</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Au travail</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Travail non enregistré</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Déplacer</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>Changer la taille des copies</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Tourner</translation>
    </message>
    <message>
        <source>Save a smaller PDF to print…</source>
        <translation>Enregistrer un PDF plus petit à imprimer…</translation>
    </message>
    <message>
        <source>Colours of the screen</source>
        <translation>Couleurs de l’écran</translation>
    </message>
    <message>
        <source>by its profile</source>
        <translation>selon son profil</translation>
    </message>
    <message>
        <source>sRGB</source>
        <translation>sRGB</translation>
    </message>
    <message numerus="yes">
        <source>Working out %n stickers</source>
        <translation>
            <numerusform>Calcul de %n autocollant</numerusform>
            <numerusform>Calcul de %n autocollants</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>SaveMade</name>
    <message>
        <source>Save as</source>
        <translation>Enregistrer sous</translation>
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
        <translation>%1 enregistré.</translation>
    </message>
</context>
<context>
    <name>ScanDialog</name>
    <message>
        <source>Scan</source>
        <translation>Numériser</translation>
    </message>
    <message>
        <source>Scanner</source>
        <translation>Scanner</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Résolution</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Looking for scanners…</source>
        <translation>On cherche les scanners…</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>Aperçu</translation>
    </message>
    <message>
        <source>A quick look at all that lies in the scanner.</source>
        <translation>Un coup d&apos;œil à tout ce qui est dans le scanner.</translation>
    </message>
    <message>
        <source>Scan it</source>
        <translation>Numériser</translation>
    </message>
    <message>
        <source>It becomes a sticker; then scan the next.</source>
        <translation>Cela devient un autocollant ; puis numérisez le suivant.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Ends the scan; nothing of it is kept.</source>
        <translation>Finit la numérisation ; rien n&apos;en est gardé.</translation>
    </message>
    <message>
        <source>Having a look…</source>
        <translation>On regarde…</translation>
    </message>
    <message>
        <source>Scanning…</source>
        <translation>Numérisation…</translation>
    </message>
    <message>
        <source>Draw a box round what is to be scanned.</source>
        <translation>Tirez un cadre autour de ce qu&apos;il faut numériser.</translation>
    </message>
    <message>
        <source>scan %1.png</source>
        <translation>numerisation %1.png</translation>
    </message>
    <message>
        <source>Scanned: it is in the tray. Lay in the next.</source>
        <translation>Numérisé : c&apos;est dans le plateau. Posez le suivant.</translation>
    </message>
</context>
<context>
    <name>SetRight</name>
    <message>
        <source>%1 mm %2 and %3 mm %4</source>
        <translation>%1 mm %2 et %3 mm %4</translation>
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
        <source>up</source>
        <translation>vers le haut</translation>
    </message>
    <message>
        <source>down</source>
        <translation>vers le bas</translation>
    </message>
    <message>
        <source>Print it…</source>
        <translation>L&apos;imprimer…</translation>
    </message>
    <message>
        <source>On a printer of this computer</source>
        <translation>Sur une imprimante de cet ordinateur</translation>
    </message>
    <message>
        <source>Save it as PDF…</source>
        <translation>L&apos;enregistrer en PDF…</translation>
    </message>
    <message>
        <source>To print it elsewhere, at actual size</source>
        <translation>Pour l&apos;imprimer ailleurs, à la taille réelle</translation>
    </message>
    <message>
        <source>Set the printer right</source>
        <translation>Régler l&apos;imprimante</translation>
    </message>
    <message>
        <source>1. Print this page on the paper you use, at actual size.</source>
        <translation>1. Imprimez cette page sur le papier que vous utilisez, à la taille réelle.</translation>
    </message>
    <message>
        <source>measuring page</source>
        <translation>page de mesure</translation>
    </message>
    <message>
        <source>2. Measure its three lengths with a ruler and type them in. The same numbers are printed on the page: when yours agree, nothing needs setting.</source>
        <translation>2. Mesurez ses trois longueurs à la règle et saisissez-les. Les mêmes nombres sont imprimés sur la page : si les vôtres concordent, rien n&apos;est à régler.</translation>
    </message>
    <message>
        <source>A: from the left edge</source>
        <translation>A : depuis le bord gauche</translation>
    </message>
    <message>
        <source>B: from the top edge</source>
        <translation>B : depuis le bord haut</translation>
    </message>
    <message>
        <source>C: between the ticks</source>
        <translation>C : entre les traits</translation>
    </message>
    <message>
        <source>Measure it in a photograph…</source>
        <translation>Le mesurer dans une photo…</translation>
    </message>
    <message>
        <source>Lay the printed page on a darker table and take it whole: its edges and its dots tell the three lengths.</source>
        <translation>Posez la page imprimée sur une table plus sombre et prenez-la entière : ses bords et ses points disent les trois longueurs.</translation>
    </message>
    <message>
        <source>Prints will be moved %1, and be stretched to %2 %.</source>
        <translation>Les impressions seront déplacées de %1 et étirées à %2 %.</translation>
    </message>
    <message>
        <source>That is more than 20 mm or 20 % off: was the page printed at actual size?</source>
        <translation>C&apos;est plus de 20 mm ou de 20 % d&apos;écart : la page a-t-elle été imprimée à la taille réelle ?</translation>
    </message>
    <message>
        <source>Seen with an error of %1 mm left. The print is turned on its paper by %2°, which a printer&apos;s guides mend and a correction does not.</source>
        <translation>Vu avec une erreur restante de %1 mm. L&apos;impression est tournée de %2° sur son papier, ce que corrigent les guides de l&apos;imprimante et non une correction.</translation>
    </message>
    <message>
        <source>The photograph of the printed page</source>
        <translation>La photo de la page imprimée</translation>
    </message>
    <message>
        <source>Looking for the page…</source>
        <translation>On cherche la page…</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>L&apos;utiliser</translation>
    </message>
    <message>
        <source>Set the machine right</source>
        <translation>Régler la machine</translation>
    </message>
    <message>
        <source>The cut zone is too small for a test sheet.</source>
        <translation>La zone de coupe est trop petite pour une feuille d&apos;essai.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>1. Print the test sheet, then cut it with its HP-GL as you cut your stickers.</source>
        <translation>1. Imprimez la feuille d&apos;essai, puis coupez-la avec son HP-GL comme vous coupez vos autocollants.</translation>
    </message>
    <message>
        <source>machine test</source>
        <translation>essai de machine</translation>
    </message>
    <message>
        <source>Save its cut as HP-GL…</source>
        <translation>Enregistrer sa coupe en HP-GL…</translation>
    </message>
    <message>
        <source>For your cutter</source>
        <translation>Pour votre machine</translation>
    </message>
    <message>
        <source>2. How far was each square cut beside its print? Right and down count positive.</source>
        <translation>2. À quelle distance de son impression chaque carré a-t-il été coupé ? Droite et bas comptent en plus.</translation>
    </message>
    <message>
        <source>Square %1, right</source>
        <translation>Carré %1, droite</translation>
    </message>
    <message>
        <source>Square %1, down</source>
        <translation>Carré %1, bas</translation>
    </message>
    <message>
        <source>Cuts will be moved %1, turned %2° and stretched to %3 × %4 %.</source>
        <translation>Les coupes seront déplacées de %1, tournées de %2° et étirées à %3 × %4 %.</translation>
    </message>
    <message>
        <source>Photo board</source>
        <translation>Planche photo</translation>
    </message>
    <message>
        <source>A sheet with marks round a free inside. A photograph of whatever lies on it is laid flat in true millimetres, and a printed sheet on it is found for your cutter. Print it at actual size on stiff paper.</source>
        <translation>Une feuille avec des repères autour d&apos;un centre libre. Une photo de ce qu&apos;on y pose est mise à plat en vrais millimètres, et une feuille imprimée posée dessus est trouvée pour votre machine. Imprimez-la à la taille réelle sur papier fort.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>photo board</source>
        <translation>planche photo</translation>
    </message>
    <message>
        <source>Or let your cutter draw it with a pen in place of the blade: then its marks lie where the machine says, however the paper lies in it.</source>
        <translation>Ou laissez votre machine la dessiner avec une plume à la place de la lame : ses repères sont alors où la machine le dit, de quelque façon qu&apos;y soit le papier.</translation>
    </message>
    <message>
        <source>Save it as HP-GL to draw…</source>
        <translation>L&apos;enregistrer en HP-GL à dessiner…</translation>
    </message>
    <message>
        <source>In the ways of a machine with nothing special</source>
        <translation>À la façon d&apos;une machine sans rien de spécial</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fait</translation>
    </message>
</context>
<context>
    <name>SplitDialog</name>
    <message>
        <source>%1 pieces, in reading order</source>
        <translation>%1 morceaux, dans l&apos;ordre de lecture</translation>
    </message>
    <message>
        <source>One sticker for each piece</source>
        <translation>Un autocollant par morceau</translation>
    </message>
    <message>
        <source>Nearer than this is one piece</source>
        <translation>Plus près que ceci, c&apos;est un morceau</translation>
    </message>
    <message>
        <source>One name for all, which are numbered, or several with commas between, in the order of the numbers</source>
        <translation>Un nom pour tous, qui sont numérotés, ou plusieurs séparés par des virgules, dans l&apos;ordre des numéros</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Noms</translation>
    </message>
    <message>
        <source>Cut them where they lie on the board; print nothing</source>
        <translation>Les couper là où ils sont sur la planche ; ne rien imprimer</translation>
    </message>
    <message>
        <source>Make the stickers</source>
        <translation>Faire les autocollants</translation>
    </message>
    <message>
        <source>%1 pieces are too many: is the background taken away?</source>
        <translation>%1 morceaux, c&apos;est trop : le fond est-il retiré ?</translation>
    </message>
    <message>
        <source>%1 pieces, numbered as they are read. They share the picture: laying it flat anew corrects all.</source>
        <translation>%1 morceaux, numérotés dans l&apos;ordre de lecture. Ils partagent l&apos;image : la remettre à plat les corrige tous.</translation>
    </message>
    <message>
        <source>All of it is one piece.</source>
        <translation>Tout est d&apos;un morceau.</translation>
    </message>
</context>
<context>
    <name>TrayCard</name>
    <message>
        <source>something to fix</source>
        <translation>quelque chose à corriger</translation>
    </message>
    <message>
        <source>something to look at</source>
        <translation>quelque chose à regarder</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>bien</translation>
    </message>
    <message>
        <source>%1 — %2. Double-click to open it on the Bench.</source>
        <translation>%1 — %2. Double-cliquez pour l&apos;ouvrir sur l&apos;Établi.</translation>
    </message>
    <message>
        <source>Name of the sticker</source>
        <translation>Nom de l&apos;autocollant</translation>
    </message>
    <message>
        <source>Open on the Bench</source>
        <translation>Ouvrir sur l&apos;Établi</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Renommer</translation>
    </message>
    <message>
        <source>not worked out yet</source>
        <translation>pas encore calculé</translation>
    </message>
</context>
<context>
    <name>arrow_pad</name>
    <message>
        <source>to the left</source>
        <translation>vers la gauche</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>vers la droite</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>loin de vous</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>vers vous</translation>
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
        <translation>« %1 » ne répond plus.</translation>
    </message>
    <message>
        <source>“%1” refused a line (%2) and waits with its blade up.</source>
        <translation>« %1 » a refusé une ligne (%2) et attend lame levée.</translation>
    </message>
</context>
<context>
    <name>fusuma::CutterLink</name>
    <message>
        <source>“%1” has no line to this computer: it only gets files.</source>
        <translation>« %1 » n&apos;a pas de ligne vers cet ordinateur : elle ne reçoit que des fichiers.</translation>
    </message>
    <message>
        <source>There is no %1: is the cable in, and the machine on?</source>
        <translation>Il n&apos;y a pas de %1 : le câble est-il mis, la machine allumée ?</translation>
    </message>
    <message>
        <source>You may not use %1. Join the group “%2” (sudo adduser $USER %2), then log in again.</source>
        <translation>Vous ne pouvez pas utiliser %1. Rejoignez le groupe « %2 » (sudo adduser $USER %2), puis reconnectez-vous.</translation>
    </message>
    <message>
        <source>%1 cannot be opened: %2.</source>
        <translation>%1 ne peut pas être ouvert : %2.</translation>
    </message>
    <message>
        <source>The line to the cutter at %1 dropped: %2.</source>
        <translation>La ligne vers la machine en %1 est tombée : %2.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::AddArtwork</name>
    <message>
        <source>Add artwork</source>
        <translation>Ajouter un motif</translation>
    </message>
    <message>
        <source>Choose a label in the tray first.</source>
        <translation>Choisissez d&apos;abord une étiquette dans le plateau.</translation>
    </message>
    <message>
        <source>Save the label as a template</source>
        <translation>Enregistrer l&apos;étiquette comme modèle</translation>
    </message>
    <message>
        <source>Label templates</source>
        <translation>Modèles d&apos;étiquette</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 enregistré.</translation>
    </message>
    <message>
        <source>Addresses of the web cannot be opened. Save the picture as a file first, then drop that.</source>
        <translation>Les adresses du web ne s&apos;ouvrent pas. Enregistrez d&apos;abord l&apos;image comme fichier, puis déposez-le.</translation>
    </message>
    <message>
        <source>pasted-picture.png</source>
        <translation>image-collee.png</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard. Copy one, or a file, then paste.</source>
        <translation>Pas d&apos;image dans le presse-papiers. Copiez-en une, ou un fichier, puis collez.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ArtworkStep</name>
    <message>
        <source>Rename</source>
        <translation>Renommer</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>How finely the page is drawn. 300 dpi is plenty for printing at its own size.</source>
        <translation>Avec quelle finesse la page est dessinée. 300 ppp suffisent pour imprimer à sa taille.</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>Dessinée à</translation>
    </message>
    <message>
        <source>Lay it flat…</source>
        <translation>La mettre à plat…</translation>
    </message>
    <message>
        <source>For photographs: by the photo board, a sheet of paper, a card or four corners, in true millimetres.</source>
        <translation>Pour les photos : par la planche, une feuille de papier, une carte ou quatre coins, en vrais millimètres.</translation>
    </message>
    <message>
        <source>One sticker for each piece…</source>
        <translation>Un autocollant par morceau…</translation>
    </message>
    <message>
        <source>A page of drawings becomes a sticker for each; they share the picture.</source>
        <translation>Une page de dessins donne un autocollant pour chacun ; ils partagent l&apos;image.</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Rogner</translation>
    </message>
    <message>
        <source>Draw a box round the part to use. The rest is kept aside, not lost.</source>
        <translation>Tirez un cadre autour de la partie à utiliser. Le reste est mis de côté, pas perdu.</translation>
    </message>
    <message>
        <source>Use all of it</source>
        <translation>Tout prendre</translation>
    </message>
    <message>
        <source>Take the crop away.</source>
        <translation>Enlever le rognage.</translation>
    </message>
    <message>
        <source>Clockwise. Steps with the arrow keys.</source>
        <translation>Sens horaire. Les flèches font des pas.</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Tourner</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Tournée de</translation>
    </message>
    <message>
        <source>Quarter left</source>
        <translation>Quart à gauche</translation>
    </message>
    <message>
        <source>Turn by 90° anticlockwise.</source>
        <translation>Tourner de 90° dans le sens antihoraire.</translation>
    </message>
    <message>
        <source>Quarter right</source>
        <translation>Quart à droite</translation>
    </message>
    <message>
        <source>Turn by 90° clockwise.</source>
        <translation>Tourner de 90° dans le sens horaire.</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>Reflétée</translation>
    </message>
    <message>
        <source>Left and right exchanged, as for stickers behind glass.</source>
        <translation>Gauche et droite échangées, comme pour des autocollants derrière une vitre.</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Refléter</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>Redresser</translation>
    </message>
    <message>
        <source>Draw a line along what should be level or upright; the artwork turns to suit.</source>
        <translation>Tracez une ligne le long de ce qui doit être droit ; le motif tourne pour cela.</translation>
    </message>
    <message>
        <source>page %1, drawn at %2 dpi</source>
        <translation>page %1, dessinée à %2 ppp</translation>
    </message>
    <message>
        <source>laid flat, %1 × %2 mm</source>
        <translation>mise à plat, %1 × %2 mm</translation>
    </message>
    <message>
        <source>saved at %1 dpi</source>
        <translation>enregistré à %1 ppp</translation>
    </message>
    <message>
        <source>no density in the file, 300 dpi assumed</source>
        <translation>pas de densité dans le fichier, 300 ppp supposés</translation>
    </message>
    <message>
        <source>%1, %2. Prints at %3 dpi at this size.</source>
        <translation>%1, %2. S&apos;imprime à %3 ppp à cette taille.</translation>
    </message>
    <message>
        <source>%1, a drawing of %2 parts. Its edges are exact at every size.</source>
        <translation>%1, un dessin de %2 parties. Ses bords sont exacts à toute taille.</translation>
    </message>
    <message>
        <source>A label made here. Its edges are exact at every size.</source>
        <translation>Une étiquette faite ici. Ses bords sont exacts à toute taille.</translation>
    </message>
    <message>
        <source>Stickers joined to one. Each is kept as it was.</source>
        <translation>Autocollants joints en un. Chacun est gardé tel qu&apos;il était.</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>tracée</translation>
    </message>
    <message>
        <source>%1 × %2 px</source>
        <translation>%1 × %2 px</translation>
    </message>
    <message>
        <source>, laid flat</source>
        <translation>, mise à plat</translation>
    </message>
    <message>
        <source>, cropped</source>
        <translation>, rognée</translation>
    </message>
    <message>
        <source>, turned</source>
        <translation>, tournée</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BackgroundStep</name>
    <message>
        <source>What tells the art from its background, and what each way would give.</source>
        <translation>Ce qui distingue le motif de son fond, et ce que donnerait chaque façon.</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Fond</translation>
    </message>
    <message>
        <source>Take a patch</source>
        <translation>Enlever une zone</translation>
    </message>
    <message>
        <source>Click patches of one even colour in the picture, such as a gap the paper shows through. Esc puts the tool down.</source>
        <translation>Cliquez des zones d&apos;une seule couleur dans l&apos;image, comme un vide où le papier paraît. Échap pose l&apos;outil.</translation>
    </message>
    <message>
        <source>Give back</source>
        <translation>Rendre</translation>
    </message>
    <message>
        <source>Bring the last patch back.</source>
        <translation>Rendre la dernière zone.</translation>
    </message>
    <message>
        <source>Give a patch back</source>
        <translation>Rendre une zone</translation>
    </message>
    <message>
        <source>What is nearly that colour counts, too</source>
        <translation>Ce qui a presque cette couleur compte aussi</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Tolérance</translation>
    </message>
    <message>
        <source>Higher takes more along. Too high eats into pale art.</source>
        <translation>Plus haut emporte davantage. Trop haut mord sur les motifs pâles.</translation>
    </message>
    <message>
        <source>Fill the inside of line drawings</source>
        <translation>Remplir l&apos;intérieur des dessins au trait</translation>
    </message>
    <message>
        <source>Whatever the lines enclose counts as art, so the figure becomes one solid piece.</source>
        <translation>Ce que les lignes enferment compte comme motif, la figure est donc une pièce pleine.</translation>
    </message>
    <message>
        <source>Fill the inside</source>
        <translation>Remplir l&apos;intérieur</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>Cadre d&apos;attention</translation>
    </message>
    <message>
        <source>Only what lies in the box becomes the sticker. Draw it in the picture.</source>
        <translation>Seul ce qui est dans le cadre devient l&apos;autocollant. Tirez-le dans l&apos;image.</translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Image entière</translation>
    </message>
    <message>
        <source>Take the focus box away.</source>
        <translation>Enlever le cadre d&apos;attention.</translation>
    </message>
    <message>
        <source>Darker than this is art</source>
        <translation>Plus sombre que ceci est motif</translation>
    </message>
    <message>
        <source>Raise it until the whole figure counts and no more.</source>
        <translation>Montez jusqu&apos;à ce que toute la figure compte, et rien de plus.</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Clarté</translation>
    </message>
    <message>
        <source>Whether the picked colours are the background, or all there is of the art.</source>
        <translation>Si les couleurs prises sont le fond, ou tout ce qu&apos;il y a du motif.</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Couleurs</translation>
    </message>
    <message>
        <source>Pick a colour in the picture</source>
        <translation>Prendre une couleur dans l&apos;image</translation>
    </message>
    <message>
        <source>Then click it in the picture. Every pick adds a colour; click one above to drop it.</source>
        <translation>Puis cliquez-la dans l&apos;image. Chaque prise ajoute une couleur ; cliquez-en une ci-dessus pour l&apos;ôter.</translation>
    </message>
    <message>
        <source>Also enclosed pockets of this colour</source>
        <translation>Aussi les poches fermées de cette couleur</translation>
    </message>
    <message>
        <source>Off, only what is joined to the picture&apos;s edge is taken away.</source>
        <translation>Sinon, seul ce qui touche le bord de l&apos;image est retiré.</translation>
    </message>
    <message>
        <source>Pockets</source>
        <translation>Poches</translation>
    </message>
    <message>
        <source>Without a box</source>
        <translation>Sans cadre</translation>
    </message>
    <message>
        <source>Look at nearly the whole picture.</source>
        <translation>Regarder presque toute l&apos;image.</translation>
    </message>
    <message>
        <source>Box round it</source>
        <translation>Cadre autour</translation>
    </message>
    <message>
        <source>Draw a box round the subject: what lies outside is ground.</source>
        <translation>Tirez un cadre autour du sujet : ce qui est dehors est du fond.</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>Ceci en fait partie</translation>
    </message>
    <message>
        <source>Paint over a part of the subject that was left out; a short stroke will do.</source>
        <translation>Peignez sur une partie du sujet qui a été laissée ; un trait court suffit.</translation>
    </message>
    <message>
        <source>This does not</source>
        <translation>Ceci non</translation>
    </message>
    <message>
        <source>Paint over ground that was taken along; a short stroke will do.</source>
        <translation>Peignez sur le fond pris avec ; un trait court suffit.</translation>
    </message>
    <message>
        <source>Light that falls unevenly on paper, with its shadows, is divided out.</source>
        <translation>La lumière inégale sur le papier, avec ses ombres, est compensée.</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Lumière</translation>
    </message>
    <message>
        <source>Uneven light</source>
        <translation>Lumière inégale</translation>
    </message>
    <message>
        <source>Print the evened picture</source>
        <translation>Imprimer l&apos;image égalisée</translation>
    </message>
    <message>
        <source>Off, the picture is printed as it came; evening only tells the art from the paper.</source>
        <translation>Sinon, l&apos;image s&apos;imprime comme reçue ; égaliser ne fait que distinguer le motif du papier.</translation>
    </message>
    <message>
        <source>Print no ink on paper</source>
        <translation>N&apos;imprimer aucune encre sur le papier</translation>
    </message>
    <message>
        <source>What is nearly as white as the paper becomes white. Colours of the art stay as they are.</source>
        <translation>Ce qui est presque aussi blanc que le papier devient blanc. Les couleurs du motif restent.</translation>
    </message>
    <message>
        <source>Soft shadows that the art throws on a ground of one colour.</source>
        <translation>Ombres douces que le motif jette sur un fond d&apos;une couleur.</translation>
    </message>
    <message>
        <source>Soft shadows</source>
        <translation>Ombres douces</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>Pinceau : ajouter</translation>
    </message>
    <message>
        <source>Paint over what should count as art. Hold Shift for a straight stroke.</source>
        <translation>Peignez sur ce qui doit compter comme motif. Tenez Maj pour un trait droit.</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>Pinceau : effacer</translation>
    </message>
    <message>
        <source>Paint over what should not count as art. Hold Shift for a straight stroke.</source>
        <translation>Peignez sur ce qui ne doit pas compter comme motif. Tenez Maj pour un trait droit.</translation>
    </message>
    <message>
        <source>Across, in pixels of the picture.</source>
        <translation>Diamètre, en pixels de l&apos;image.</translation>
    </message>
    <message>
        <source>100 % has a sharp rim; lower fades out towards it.</source>
        <translation>100 % a un bord net ; moins s&apos;estompe vers lui.</translation>
    </message>
    <message>
        <source>Brush size</source>
        <translation>Taille du pinceau</translation>
    </message>
    <message>
        <source>Brush hardness</source>
        <translation>Dureté du pinceau</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>Dureté</translation>
    </message>
    <message>
        <source>Brush strokes</source>
        <translation>Traits de pinceau</translation>
    </message>
    <message>
        <source>Every stroke stays: choose one to change its size or hardness, or to remove it.</source>
        <translation>Chaque trait reste : choisissez-en un pour changer sa taille ou sa dureté, ou l&apos;enlever.</translation>
    </message>
    <message>
        <source>Turn round</source>
        <translation>Retourner</translation>
    </message>
    <message>
        <source>Let the chosen stroke do the opposite.</source>
        <translation>Que le trait choisi fasse le contraire.</translation>
    </message>
    <message>
        <source>Brush stroke</source>
        <translation>Trait de pinceau</translation>
    </message>
    <message>
        <source>Remove stroke</source>
        <translation>Enlever le trait</translation>
    </message>
    <message>
        <source>Take the chosen stroke out.</source>
        <translation>Sortir le trait choisi.</translation>
    </message>
    <message>
        <source>%1. Click to drop it.</source>
        <translation>%1. Cliquez pour l&apos;enlever.</translation>
    </message>
    <message>
        <source>Drop a colour</source>
        <translation>Enlever une couleur</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>et %1 de plus</translation>
    </message>
    <message>
        <source>Add, %1 px</source>
        <translation>Ajouter, %1 px</translation>
    </message>
    <message>
        <source>Erase, %1 px</source>
        <translation>Effacer, %1 px</translation>
    </message>
    <message>
        <source>Belongs, %1 px</source>
        <translation>En fait partie, %1 px</translation>
    </message>
    <message>
        <source>Does not belong, %1 px</source>
        <translation>N&apos;en fait pas partie, %1 px</translation>
    </message>
    <message>
        <source>%1 colours</source>
        <translation>%1 couleurs</translation>
    </message>
    <message>
        <source>by brightness</source>
        <translation>par clarté</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>seulement %1</translation>
    </message>
    <message>
        <source>%1 taken away</source>
        <translation>%1 retiré</translation>
    </message>
    <message>
        <source>the subject</source>
        <translation>le sujet</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>aucune trouvée</translation>
    </message>
    <message>
        <source>clear already</source>
        <translation>déjà transparent</translation>
    </message>
    <message>
        <source>, light evened</source>
        <translation>, lumière égalisée</translation>
    </message>
    <message>
        <source>, no shadows</source>
        <translation>, sans ombres</translation>
    </message>
    <message>
        <source>, brushed</source>
        <translation>, au pinceau</translation>
    </message>
    <message>
        <source>, in a box</source>
        <translation>, dans un cadre</translation>
    </message>
    <message>
        <source>Light, shadows and patches</source>
        <translation>Lumière, ombres et zones</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchTools</name>
    <message>
        <source>Open a hole</source>
        <translation>Ouvrir un trou</translation>
    </message>
    <message>
        <source>Close a hole</source>
        <translation>Fermer un trou</translation>
    </message>
    <message>
        <source>Take a patch away</source>
        <translation>Enlever une zone</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Prendre une couleur</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>Pinceau : ajouter</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>Pinceau : effacer</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>Ceci en fait partie</translation>
    </message>
    <message>
        <source>This does not belong</source>
        <translation>Ceci n&apos;en fait pas partie</translation>
    </message>
    <message>
        <source>Box round the subject</source>
        <translation>Cadre autour du sujet</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>Cadre d&apos;attention</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Rogner</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>Redresser</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchView</name>
    <message>
        <source>The sticker with its cut line</source>
        <translation>L&apos;autocollant avec sa ligne de coupe</translation>
    </message>
    <message>
        <source>Look at</source>
        <translation>Regarder</translation>
    </message>
    <message>
        <source>What to show: the result as it prints and is cut, the artwork as it came, how much counts as art, the outline with its nodes, or where outline and coverage disagree.</source>
        <translation>Quoi montrer : le résultat imprimé et coupé, le motif comme reçu, combien compte comme motif, le contour avec ses nœuds, ou là où contour et couverture diffèrent.</translation>
    </message>
    <message>
        <source>Look at: Result</source>
        <translation>Regarder : Résultat</translation>
    </message>
    <message>
        <source>Look at: Artwork</source>
        <translation>Regarder : Motif</translation>
    </message>
    <message>
        <source>Look at: Coverage</source>
        <translation>Regarder : Couverture</translation>
    </message>
    <message>
        <source>Look at: Outline</source>
        <translation>Regarder : Contour</translation>
    </message>
    <message>
        <source>Look at: Difference</source>
        <translation>Regarder : Différence</translation>
    </message>
    <message>
        <source>Shown on</source>
        <translation>Montré sur</translation>
    </message>
    <message>
        <source>The sticker as it is planned, or finished: cut out, on what it may be printed on or stuck to.</source>
        <translation>L&apos;autocollant tel que prévu, ou fini : découpé, sur ce qu&apos;on imprime ou sur quoi on le colle.</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Comme prévu</translation>
    </message>
    <message>
        <source>On white paper</source>
        <translation>Sur papier blanc</translation>
    </message>
    <message>
        <source>On clear film</source>
        <translation>Sur film transparent</translation>
    </message>
    <message>
        <source>On kraft</source>
        <translation>Sur kraft</translation>
    </message>
    <message>
        <source>On a dark ground</source>
        <translation>Sur fond sombre</translation>
    </message>
    <message>
        <source>Peel a corner</source>
        <translation>Décoller un coin</translation>
    </message>
    <message>
        <source>One corner lifted off its backing.</source>
        <translation>Un coin décollé de son dorsal.</translation>
    </message>
    <message numerus="yes">
        <source>%n contours</source>
        <translation>
            <numerusform>%n contour</numerusform>
            <numerusform>%n contours</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> · %n holes</source>
        <translation>
            <numerusform> · %n trou</numerusform>
            <numerusform> · %n trous</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 nodes · %2</source>
        <translation> · %1 nœuds · %2</translation>
    </message>
    <message>
        <source> · thinnest %1</source>
        <translation> · au plus fin %1</translation>
    </message>
    <message>
        <source>Drop a picture here</source>
        <translation>Déposez une image ici</translation>
    </message>
    <message>
        <source>A picture, a drawing or a PDF; or paste one with Ctrl+V. Transparency is best: its edge becomes the outline.</source>
        <translation>Une image, un dessin ou un PDF ; ou collez-en un par Ctrl+V. Le mieux est la transparence : son bord devient le contour.</translation>
    </message>
    <message>
        <source>The outline follows the coverage everywhere in sight.</source>
        <translation>Le contour suit la couverture partout où l&apos;on voit.</translation>
    </message>
    <message>
        <source>art that the outline leaves out: %1 mm²</source>
        <translation>motif que le contour laisse : %1 mm²</translation>
    </message>
    <message>
        <source>taken in though it is no art: %1 mm²</source>
        <translation>pris sans être du motif : %1 mm²</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>printed</source>
        <translation>imprimé</translation>
    </message>
    <message>
        <source>not printed</source>
        <translation>non imprimé</translation>
    </message>
    <message>
        <source>%1, finished %2 by %3</source>
        <translation>%1, fini %2 sur %3</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BleedStep</name>
    <message>
        <source>What prints past the cut line, so that a cut that slips shows colour instead of paper.</source>
        <translation>Ce qui s&apos;imprime au-delà de la ligne de coupe, pour qu&apos;une coupe décalée montre de la couleur et non du papier.</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Fond perdu</translation>
    </message>
    <message>
        <source>How far colour goes past the cut. 1 mm covers what most printers and cutters are off.</source>
        <translation>De combien la couleur dépasse la coupe. 1 mm couvre l&apos;écart de la plupart des imprimantes et machines.</translation>
    </message>
    <message>
        <source>width</source>
        <translation>largeur</translation>
    </message>
    <message>
        <source>Past the cut by</source>
        <translation>Au-delà de la coupe</translation>
    </message>
    <message>
        <source>Bleed width</source>
        <translation>Largeur du fond perdu</translation>
    </message>
    <message>
        <source>The rim at the cut is paper, so there is no colour to carry on. Give it one in the Border step.</source>
        <translation>Le liseré à la coupe est du papier, il n&apos;y a donc pas de couleur à prolonger. Donnez-lui-en une à l&apos;étape Bordure.</translation>
    </message>
    <message>
        <source>The rim at the cut is paper: a slip would show a thin coloured edge. None suits a white border best.</source>
        <translation>Le liseré à la coupe est du papier : un décalage montrerait un fin bord coloré. À une bordure blanche, aucun ne convient mieux.</translation>
    </message>
    <message>
        <source>The cut lies on print. Without bleed the smallest slip shows paper.</source>
        <translation>La coupe est sur l&apos;impression. Sans fond perdu, le moindre décalage montre du papier.</translation>
    </message>
    <message>
        <source>A slip of the cut shows nothing new: paper lies on both sides.</source>
        <translation>Un décalage de la coupe ne montre rien de nouveau : il y a du papier des deux côtés.</translation>
    </message>
    <message>
        <source>Beside a close neighbour it is cut back halfway; preflight says so.</source>
        <translation>Près d&apos;un voisin il est réduit de moitié ; la vérification le dit.</translation>
    </message>
    <message>
        <source>The cut lies inside the art, which prints past it by itself.</source>
        <translation>La coupe est dans le motif, qui imprime de lui-même au-delà.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>nothing to carry on</source>
        <translation>rien à prolonger</translation>
    </message>
    <message>
        <source>, art&apos;s colours</source>
        <translation>, couleurs du motif</translation>
    </message>
    <message>
        <source>, rim&apos;s colour</source>
        <translation>, couleur du liseré</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BorderStep</name>
    <message>
        <source>The white rim between art and cut. Below zero the cut goes inside the art, so no white shows.</source>
        <translation>La bordure blanche entre motif et coupe. Sous zéro la coupe entre dans le motif, aucun blanc ne se voit.</translation>
    </message>
    <message>
        <source>Border width</source>
        <translation>Largeur de la bordure</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>Border widths</source>
        <translation>Largeurs de bordure</translation>
    </message>
    <message>
        <source>Grows with larger copies</source>
        <translation>Grandit avec les copies</translation>
    </message>
    <message>
        <source>Off, the border is the same millimetres on every copy, large or small.</source>
        <translation>Sinon, la bordure a les mêmes millimètres sur chaque copie, grande ou petite.</translation>
    </message>
    <message>
        <source>Scale the border</source>
        <translation>Adapter la bordure</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Coins</translation>
    </message>
    <message>
        <source>Points that would stick out farther than this many widths are cut square.</source>
        <translation>Les pointes qui dépasseraient de plus de tant de largeurs sont coupées droit.</translation>
    </message>
    <message>
        <source>Mitre limit</source>
        <translation>Limite de l&apos;onglet</translation>
    </message>
    <message>
        <source>Points up to</source>
        <translation>Pointe vers le haut</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Trous</translation>
    </message>
    <message>
        <source>Holes smaller than this are closed.</source>
        <translation>Les trous plus petits que ceci sont fermés.</translation>
    </message>
    <message>
        <source>Close those under</source>
        <translation>Fermer ceux sous</translation>
    </message>
    <message>
        <source>Click single holes</source>
        <translation>Cliquer des trous un à un</translation>
    </message>
    <message>
        <source>Click a hole in the picture to close it, or a closed one to open it.</source>
        <translation>Cliquez un trou dans l&apos;image pour le fermer, ou un trou fermé pour l&apos;ouvrir.</translation>
    </message>
    <message>
        <source>Join pieces, inlets and tips</source>
        <translation>Relier morceaux, creux et pointes</translation>
    </message>
    <message>
        <source>Parts of the border closer together than this grow together by a smooth bridge. The rim elsewhere stays as wide as it is.</source>
        <translation>Les parties de la bordure plus proches que ceci se rejoignent par un pont doux. Ailleurs le liseré garde sa largeur.</translation>
    </message>
    <message>
        <source>Join pieces</source>
        <translation>Relier les morceaux</translation>
    </message>
    <message>
        <source>Join pieces closer than</source>
        <translation>Relier les morceaux plus près que</translation>
    </message>
    <message>
        <source>One border round everything</source>
        <translation>Une bordure autour de tout</translation>
    </message>
    <message>
        <source>Bridges all pieces the shortest way, however far apart, so the sticker comes off in one.</source>
        <translation>Relie tous les morceaux au plus court, si loin soient-ils, pour que l&apos;autocollant se décolle d&apos;une pièce.</translation>
    </message>
    <message>
        <source>One border</source>
        <translation>Une bordure</translation>
    </message>
    <message>
        <source>Narrow inlets tear under the blade. Those under this width are filled.</source>
        <translation>Les creux étroits se déchirent sous la lame. Ceux de moins que cette largeur sont comblés.</translation>
    </message>
    <message>
        <source>Fill inlets</source>
        <translation>Combler les creux</translation>
    </message>
    <message>
        <source>No gap narrower than</source>
        <translation>Aucun vide plus étroit que</translation>
    </message>
    <message>
        <source>Thin spikes bend and tear. Those under this width are cut off.</source>
        <translation>Les pointes fines plient et se déchirent. Celles de moins que cette largeur sont coupées.</translation>
    </message>
    <message>
        <source>Cut off spikes</source>
        <translation>Couper les pointes</translation>
    </message>
    <message>
        <source>No tip thinner than</source>
        <translation>Aucune pointe plus fine que</translation>
    </message>
    <message>
        <source>Printed with</source>
        <translation>Imprimé avec</translation>
    </message>
    <message>
        <source>The border is printed with</source>
        <translation>La bordure s&apos;imprime avec</translation>
    </message>
    <message>
        <source>Border colour</source>
        <translation>Couleur de la bordure</translation>
    </message>
    <message>
        <source>Add a rim inside</source>
        <translation>Ajouter un liseré dedans</translation>
    </message>
    <message>
        <source>A printed rim between the art and the border, such as a coloured line inside a white edge.</source>
        <translation>Un liseré imprimé entre le motif et la bordure, comme une ligne de couleur dans un bord blanc.</translation>
    </message>
    <message>
        <source>Add a rim</source>
        <translation>Ajouter un liseré</translation>
    </message>
    <message>
        <source>How wide this rim is. The cut line moves outward by it.</source>
        <translation>Combien ce liseré est large. La ligne de coupe s&apos;éloigne d&apos;autant.</translation>
    </message>
    <message>
        <source>Rim %1 is printed with</source>
        <translation>Le liseré %1 s&apos;imprime avec</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>Take this rim away.</source>
        <translation>Enlever ce liseré.</translation>
    </message>
    <message>
        <source>Innermost rim</source>
        <translation>Liseré intérieur</translation>
    </message>
    <message>
        <source>Rim %1</source>
        <translation>Liseré %1</translation>
    </message>
    <message>
        <source>Width of rim %1</source>
        <translation>Largeur du liseré %1</translation>
    </message>
    <message>
        <source>Rim width</source>
        <translation>Largeur du liseré</translation>
    </message>
    <message>
        <source>Rim colour</source>
        <translation>Couleur du liseré</translation>
    </message>
    <message>
        <source>Remove a rim</source>
        <translation>Enlever un liseré</translation>
    </message>
    <message>
        <source>The border falls into %1 pieces. Join them above, or widen it.</source>
        <translation>La bordure tombe en %1 morceaux. Reliez-les ci-dessus, ou élargissez-la.</translation>
    </message>
    <message>
        <source>none, cut on the outline</source>
        <translation>aucune, coupé sur le contour</translation>
    </message>
    <message numerus="yes">
        <source>, %n rims</source>
        <translation>
            <numerusform>, %n liseré</numerusform>
            <numerusform>, %n liserés</numerusform>
        </translation>
    </message>
    <message>
        <source>, joined</source>
        <translation>, reliée</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BusyBar</name>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Stop waiting. A picture being read is left out; a change being worked out is undone; a file being made is not saved.</source>
        <translation>Cesser d&apos;attendre. Une image en lecture est laissée ; un changement en cours est annulé ; un fichier en préparation n&apos;est pas enregistré.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ChosenMachine</name>
    <message>
        <source>Practice cutter</source>
        <translation>Machine d&apos;exercice</translation>
    </message>
    <message>
        <source>Practice cutter, serial port</source>
        <translation>Machine d&apos;exercice, port série</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ClusterStep</name>
    <message>
        <source>How the cut lines of the members become one.</source>
        <translation>Comment les lignes de coupe des membres n&apos;en font qu&apos;une.</translation>
    </message>
    <message>
        <source>Cluster&apos;s cut</source>
        <translation>Coupe de l&apos;ensemble</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Cut the inner lines, too</source>
        <translation>Couper aussi les lignes intérieures</translation>
    </message>
    <message>
        <source>Each member keeps its own cut line; it is cut only when this is on.</source>
        <translation>Chaque membre garde sa ligne de coupe ; elle n&apos;est coupée que si ceci est coché.</translation>
    </message>
    <message>
        <source>Inner lines</source>
        <translation>Lignes intérieures</translation>
    </message>
    <message>
        <source>Borders hide what lies below</source>
        <translation>Les bordures cachent ce qui est dessous</translation>
    </message>
    <message>
        <source>The white round an upper sticker covers the ones below it, as if it were stuck onto them.</source>
        <translation>Le blanc d&apos;un autocollant du dessus couvre ceux du dessous, comme collé sur eux.</translation>
    </message>
    <message>
        <source>Borders hide</source>
        <translation>Les bordures cachent</translation>
    </message>
    <message>
        <source>Arrange &gt; Part the cluster gives the members back, on the Sheet.</source>
        <translation>Disposer &gt; Défaire l&apos;ensemble rend ses membres, sur la Feuille.</translation>
    </message>
    <message>
        <source>%1 stickers in one: %2.</source>
        <translation>%1 autocollants en un : %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1 stickers</source>
        <translation>%1 autocollants</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ColourButton</name>
    <message>
        <source>%1. Click to change it.</source>
        <translation>%1. Cliquez pour la changer.</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Choisir…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CopyEdits</name>
    <message>
        <source>Remove copies</source>
        <translation>Enlever des copies</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Dupliquer</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Déplacer</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Coller</translation>
    </message>
    <message>
        <source>What was copied</source>
        <translation>Ce qui a été copié</translation>
    </message>
    <message>
        <source>All stickers</source>
        <translation>Tous les autocollants</translation>
    </message>
    <message>
        <source>Place copies</source>
        <translation>Placer des copies</translation>
    </message>
    <message>
        <source>%1: only %2 of %3 copies fit on the sheet.</source>
        <translation>%1 : seules %2 copies sur %3 tiennent sur la feuille.</translation>
    </message>
    <message>
        <source>Put %1 there</source>
        <translation>Mettre %1 là</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CorrectionPicture</name>
    <message>
        <source>All came out where it should be.</source>
        <translation>Tout est sorti là où il fallait.</translation>
    </message>
    <message>
        <source>Arrows show which way things are moved from now on.</source>
        <translation>Les flèches montrent vers où tout est déplacé désormais.</translation>
    </message>
    <message>
        <source>Solid: where it came out, %1 times as far off as it is. Dotted: where it should be. Arrows: how it is moved from now on.</source>
        <translation>Plein : où c&apos;est sorti, %1 fois plus loin qu&apos;en vrai. Pointillé : où cela devrait être. Flèches : comment c&apos;est déplacé désormais.</translation>
    </message>
    <message>
        <source>Where these come out on the sheet. Nothing is off.</source>
        <translation>Où ceux-ci sortent sur la feuille. Rien n&apos;est décalé.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutAct</name>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Matériau</translation>
    </message>
    <message>
        <source>Decides force, speed, passes, overcut and what blade is in.</source>
        <translation>Décide de la force, de la vitesse, des passes, du dépassement et de la lame.</translation>
    </message>
    <message>
        <source>Change this material, or save it under a name.</source>
        <translation>Changer ce matériau, ou l&apos;enregistrer sous un nom.</translation>
    </message>
    <message>
        <source>As a machine</source>
        <translation>Comme machine</translation>
    </message>
    <message>
        <source>Quick</source>
        <translation>Rapide</translation>
    </message>
    <message>
        <source>How fast the practice blade goes: 250 mm/s, or ten times that to see the end sooner.</source>
        <translation>À quelle vitesse va la lame d&apos;exercice : 250 mm/s, ou dix fois cela pour voir plus tôt la fin.</translation>
    </message>
    <message>
        <source>Start cutting</source>
        <translation>Commencer la coupe</translation>
    </message>
    <message>
        <source>Sends the lines to the cutter one by one.</source>
        <translation>Envoie les lignes à la machine une à une.</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Lift the blade at once and wait.</source>
        <translation>Lever la lame aussitôt et attendre.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Lift the blade at once and end this run.</source>
        <translation>Lever la lame aussitôt et finir.</translation>
    </message>
    <message>
        <source>Go round it</source>
        <translation>En faire le tour</translation>
    </message>
    <message>
        <source>Moves the machine&apos;s lifted head round all that is to be cut, or round the sticker that you clicked in the picture: does it lie where you think?</source>
        <translation>Promène la tête levée de la machine autour de tout ce qui sera coupé, ou de l&apos;autocollant cliqué dans l&apos;image : est-il où vous pensez ?</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Feuille suivante</translation>
    </message>
    <message>
        <source>The next print of this ticket is in: find it and cut the same again (F9).</source>
        <translation>L&apos;impression suivante de cette fiche est dedans : trouvez-la et coupez la même chose (F9).</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Page suivante</translation>
    </message>
    <message>
        <source>Go on with the next page of this ticket.</source>
        <translation>Passer à la page suivante de cette fiche.</translation>
    </message>
    <message>
        <source>Move the cut by 0.05 mm</source>
        <translation>Déplacer la coupe de 0,05 mm</translation>
    </message>
    <message>
        <source>Keep that for this machine</source>
        <translation>Garder cela pour cette machine</translation>
    </message>
    <message>
        <source>Every cut on this machine is moved by it from now on.</source>
        <translation>Chaque coupe sur cette machine est désormais déplacée d&apos;autant.</translation>
    </message>
    <message>
        <source>Travel</source>
        <translation>Trajet</translation>
    </message>
    <message>
        <source>Show the way of the lifted blade.</source>
        <translation>Montrer le chemin de la lame levée.</translation>
    </message>
    <message>
        <source>Order and direction</source>
        <translation>Ordre et sens</translation>
    </message>
    <message>
        <source>Number the lines and show where the blade goes in.</source>
        <translation>Numéroter les lignes et montrer où entre la lame.</translation>
    </message>
    <message>
        <source>Set the machine right…</source>
        <translation>Régler la machine…</translation>
    </message>
    <message>
        <source>Print and cut a test sheet, type in what you see, and later cuts are moved by it.</source>
        <translation>Imprimez et coupez une feuille d&apos;essai, saisissez ce que vous voyez, et les coupes suivantes sont déplacées d&apos;autant.</translation>
    </message>
    <message>
        <source>load first</source>
        <translation>chargez d&apos;abord</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>prêt</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>en pause</translation>
    </message>
    <message>
        <source>connection dropped</source>
        <translation>connexion tombée</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fait</translation>
    </message>
    <message>
        <source>about %1 of %2</source>
        <translation>environ %1 sur %2</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>1 sticker cut in %1.</source>
        <translation>1 autocollant coupé en %1.</translation>
    </message>
    <message>
        <source>%1 stickers cut in %2.</source>
        <translation>%1 autocollants coupés en %2.</translation>
    </message>
    <message>
        <source>Kiss</source>
        <translation>Mi-chair</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Rainage</translation>
    </message>
    <message>
        <source>Through</source>
        <translation>Traversante</translation>
    </message>
    <message>
        <source>%1: %2 lines, %3 g, %4 mm/s, %5</source>
        <translation>%1 : %2 lignes, %3 g, %4 mm/s, %5</translation>
    </message>
    <message numerus="yes">
        <source>%n passes</source>
        <translation>
            <numerusform>%n passe</numerusform>
            <numerusform>%n passes</numerusform>
        </translation>
    </message>
    <message>
        <source>About %1: %2 of cut, %3 of travel</source>
        <translation>Environ %1 : %2 de coupe, %3 de trajet</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Encore</translation>
    </message>
    <message>
        <source>Start the practice cut</source>
        <translation>Commencer la coupe d&apos;exercice</translation>
    </message>
    <message>
        <source>Go round this sticker</source>
        <translation>Faire le tour de cet autocollant</translation>
    </message>
    <message>
        <source>Next sheet (%1 are cut)</source>
        <translation>Feuille suivante (%1 coupées)</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>%1 mm %2</source>
        <translation>%1 mm %2</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>vers la droite</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>vers la gauche</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>vers vous</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>loin de vous</translation>
    </message>
    <message>
        <source>Is the cut a little off its print? Move it:</source>
        <translation>La coupe est-elle un peu à côté ? Déplacez-la :</translation>
    </message>
    <message>
        <source>Moved %1.</source>
        <translation>Déplacé de %1.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> et </translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutStep</name>
    <message>
        <source>Kiss cut</source>
        <translation>Mi-chair</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Coupe traversante</translation>
    </message>
    <message>
        <source>Kiss cut leaves the backing whole, so stickers stay on the sheet. Through cut frees each one.</source>
        <translation>La mi-chair laisse le dorsal entier, les autocollants restent donc sur la feuille. La coupe traversante libère chacun.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>À la main</translation>
    </message>
    <message>
        <source>Nodes</source>
        <translation>Nœuds</translation>
    </message>
    <message>
        <source>Move, add and remove the nodes of the cut line. Double-click the line to add one.</source>
        <translation>Déplacez, ajoutez et enlevez les nœuds de la ligne de coupe. Double-cliquez la ligne pour en ajouter un.</translation>
    </message>
    <message>
        <source>Free hand</source>
        <translation>À main levée</translation>
    </message>
    <message>
        <source>Draw a further cut line with the pointer held down.</source>
        <translation>Tracez une autre ligne de coupe, bouton tenu.</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Plume</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves; Return or a double click ends the line, a click on its start closes it.</source>
        <translation>Cliquez pour les coins, tirez pour les courbes ; Entrée ou double clic finit la ligne, un clic sur son début la ferme.</translation>
    </message>
    <message>
        <source>How far right of the artwork&apos;s left edge the node lies.</source>
        <translation>À quelle distance à droite du bord gauche du motif est le nœud.</translation>
    </message>
    <message>
        <source>How far below the artwork&apos;s top edge the node lies.</source>
        <translation>À quelle distance sous le bord haut du motif est le nœud.</translation>
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
        <translation>Doux</translation>
    </message>
    <message>
        <source>The line runs through without a corner.</source>
        <translation>La ligne passe sans coin.</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Coin</translation>
    </message>
    <message>
        <source>The line turns sharply here.</source>
        <translation>La ligne tourne ici vivement.</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Droit</translation>
    </message>
    <message>
        <source>Straightens the piece behind the node.</source>
        <translation>Redresse le tronçon derrière le nœud.</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>Courbe</translation>
    </message>
    <message>
        <source>Lets the piece behind the node be bent by handles.</source>
        <translation>Permet de courber par des poignées le tronçon derrière le nœud.</translation>
    </message>
    <message>
        <source>Insert</source>
        <translation>Inser</translation>
    </message>
    <message>
        <source>A node more in the piece behind (Insert).</source>
        <translation>Un nœud de plus dans le tronçon derrière (Inser).</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>Takes the selected nodes out (Delete).</source>
        <translation>Sort les nœuds choisis (Suppr).</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>Opens the line at the node.</source>
        <translation>Ouvre la ligne au nœud.</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>Joindre des bouts</translation>
    </message>
    <message>
        <source>Joins two selected ends. Dragging one onto the other does so too.</source>
        <translation>Joint deux bouts choisis. Tirer l&apos;un sur l&apos;autre le fait aussi.</translation>
    </message>
    <message>
        <source>Ends that come closer than this are joined. While you drag, rings show how near that is.</source>
        <translation>Des bouts plus proches que ceci sont joints. En tirant, des anneaux montrent combien c&apos;est.</translation>
    </message>
    <message>
        <source>Ends join within</source>
        <translation>Les bouts se joignent à</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Goutte</translation>
    </message>
    <message>
        <source>Forget these changes.</source>
        <translation>Oublier ces changements.</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>Laisser tel quel</translation>
    </message>
    <message>
        <source>Put them back where they were drawn; they no longer move along with the border.</source>
        <translation>Les remettre où elles ont été tracées ; elles ne suivent plus la bordure.</translation>
    </message>
    <message>
        <source>Cut it?</source>
        <translation>La couper ?</translation>
    </message>
    <message>
        <source>The lines of the cut, the smallest first</source>
        <translation>Les lignes de la coupe, la plus petite d&apos;abord</translation>
    </message>
    <message>
        <source>Every closed or open line, the smallest first. Untick what is not to be cut; click to see it.</source>
        <translation>Chaque ligne fermée ou ouverte, la plus petite d&apos;abord. Décochez ce qui n&apos;est pas à couper ; cliquez pour la voir.</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves. Return ends the line.</source>
        <translation>Cliquez pour les coins, tirez pour les courbes. Entrée finit la ligne.</translation>
    </message>
    <message>
        <source>Hold the button down and draw.</source>
        <translation>Tenez le bouton et dessinez.</translation>
    </message>
    <message>
        <source>Click a node, or draw a band round several; Page Down goes to the next. Double-click the line to add one.</source>
        <translation>Cliquez un nœud ou tirez un cadre sur plusieurs ; Page suivante va au prochain. Double-cliquez la ligne pour en ajouter un.</translation>
    </message>
    <message>
        <source>1 node selected. Arrow keys move it by 0.1 mm, with Shift 1 mm, with Alt 0.01 mm.</source>
        <translation>1 nœud choisi. Les flèches le déplacent de 0,1 mm, avec Maj 1 mm, avec Alt 0,01 mm.</translation>
    </message>
    <message numerus="yes">
        <source>%n nodes selected.</source>
        <translation>
            <numerusform>%n nœud choisi.</numerusform>
            <numerusform>%n nœuds choisis.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes made by hand find no place on the new cut line.</source>
        <translation>
            <numerusform>Un changement fait à la main ne trouve pas de place sur la nouvelle ligne de coupe.</numerusform>
            <numerusform>%n changements faits à la main ne trouvent pas de place sur la nouvelle ligne de coupe.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1  %2 × %3</source>
        <translation>%1  %2 × %3</translation>
    </message>
    <message>
        <source>Open line</source>
        <translation>Ligne ouverte</translation>
    </message>
    <message>
        <source>Drawn line</source>
        <translation>Ligne tracée</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Trou</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Morceau</translation>
    </message>
    <message>
        <source>kiss cut</source>
        <translation>mi-chair</translation>
    </message>
    <message>
        <source>through cut</source>
        <translation>coupe traversante</translation>
    </message>
    <message>
        <source>, changed by hand</source>
        <translation>, changée à la main</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutterCard</name>
    <message>
        <source>Marks</source>
        <translation>Repères</translation>
    </message>
    <message>
        <source>Size of a mark</source>
        <translation>Taille d&apos;un repère</translation>
    </message>
    <message>
        <source>Marks from edge</source>
        <translation>Repères depuis le bord</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>Largeur de ligne</translation>
    </message>
    <message>
        <source>Keep clear round each</source>
        <translation>Zone libre autour</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>Machine</translation>
    </message>
    <message>
        <source>Edges it cannot reach</source>
        <translation>Bords hors de portée</translation>
    </message>
    <message>
        <source>Cutter margins</source>
        <translation>Marges de la machine</translation>
    </message>
    <message>
        <source>It feeds a mat</source>
        <translation>Elle entraîne un tapis</translation>
    </message>
    <message>
        <source>The edges it cannot reach are then the mat&apos;s.</source>
        <translation>Les bords hors de portée sont alors ceux du tapis.</translation>
    </message>
    <message>
        <source>Mat</source>
        <translation>Tapis</translation>
    </message>
    <message>
        <source>Mat width</source>
        <translation>Largeur du tapis</translation>
    </message>
    <message>
        <source>Mat height</source>
        <translation>Hauteur du tapis</translation>
    </message>
    <message>
        <source>Paper from its left</source>
        <translation>Papier depuis sa gauche</translation>
    </message>
    <message>
        <source>Paper from its top</source>
        <translation>Papier depuis son haut</translation>
    </message>
    <message>
        <source>Save this cutter as…</source>
        <translation>Enregistrer cette machine sous…</translation>
    </message>
    <message>
        <source>Keeps what it reaches under a name, for other projects.</source>
        <translation>Garde ce qu&apos;elle atteint sous un nom, pour d&apos;autres projets.</translation>
    </message>
    <message>
        <source>Save this cutter</source>
        <translation>Enregistrer cette machine</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Any cutter</source>
        <translation>Toute machine</translation>
    </message>
    <message>
        <source>Mark scheme</source>
        <translation>Schéma de repères</translation>
    </message>
    <message>
        <source>Mark schemes (*.json)</source>
        <translation>Schémas de repères (*.json)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>Lecture de « %1 »</translation>
    </message>
    <message>
        <source>5 round dots</source>
        <translation>5 points ronds</translation>
    </message>
    <message>
        <source>4 crosses</source>
        <translation>4 croix</translation>
    </message>
    <message>
        <source>no marks</source>
        <translation>aucun repère</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Cutting</name>
    <message>
        <source>%1 of %2 lines are cut</source>
        <translation>%1 lignes sur %2 sont coupées</translation>
    </message>
    <message>
        <source>%1 About %2, by estimate. Go on when it is back.</source>
        <translation>%1 Environ %2, par estimation. Continuez quand elle est revenue.</translation>
    </message>
    <message>
        <source>%1 %2. Go on when it is back.</source>
        <translation>%1 %2. Continuez quand elle est revenue.</translation>
    </message>
    <message>
        <source>Now come the %1. Change the tool, then go on.</source>
        <translation>Viennent maintenant les %1. Changez l&apos;outil, puis continuez.</translation>
    </message>
    <message>
        <source>through cuts</source>
        <translation>coupes traversantes</translation>
    </message>
    <message>
        <source>scores</source>
        <translation>rainages</translation>
    </message>
    <message>
        <source>kiss cuts</source>
        <translation>coupes à mi-chair</translation>
    </message>
    <message>
        <source>The machine is there again, with its blade up.</source>
        <translation>La machine est revenue, lame levée.</translation>
    </message>
    <message>
        <source>%1. Nothing was moved.</source>
        <translation>%1. Rien n&apos;a été bougé.</translation>
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
        <translation>bien</translation>
    </message>
    <message>
        <source>something to fix</source>
        <translation>quelque chose à corriger</translation>
    </message>
    <message>
        <source>not started</source>
        <translation>pas commencé</translation>
    </message>
    <message>
        <source>%1 — %2 (Ctrl+%3)</source>
        <translation>%1 — %2 (Ctrl+%3)</translation>
    </message>
    <message>
        <source>not looked at yet</source>
        <translation>pas encore vérifié</translation>
    </message>
</context>
<context>
    <name>fusuma::app::EdgeRibbon</name>
    <message>
        <source>Edge ribbon: the cut line unrolled</source>
        <translation>Ruban du bord : la ligne de coupe déroulée</translation>
    </message>
    <message>
        <source>The cut line unrolled: paper above, the sticker below. Click a place to see it; the wheel zooms, arrow keys walk along.</source>
        <translation>La ligne de coupe déroulée : papier en haut, autocollant en bas. Cliquez un endroit pour le voir ; la molette agrandit, les flèches avancent.</translation>
    </message>
    <message>
        <source>Show the narrowest place</source>
        <translation>Montrer l&apos;endroit le plus étroit</translation>
    </message>
    <message>
        <source>Show the widest place</source>
        <translation>Montrer l&apos;endroit le plus large</translation>
    </message>
    <message>
        <source>Narrowest place</source>
        <translation>Endroit le plus étroit</translation>
    </message>
    <message>
        <source>Widest place</source>
        <translation>Endroit le plus large</translation>
    </message>
    <message>
        <source>How far your cutter may miss the print. Paper narrower than this between art and cut is tinted.</source>
        <translation>De combien votre machine peut manquer l&apos;impression. Le papier plus étroit entre motif et coupe est teinté.</translation>
    </message>
    <message>
        <source>Slip of the cutter</source>
        <translation>Décalage de la machine</translation>
    </message>
    <message>
        <source>Edge ribbon</source>
        <translation>Ruban du bord</translation>
    </message>
    <message>
        <source>Slip ±</source>
        <translation>Décalage ±</translation>
    </message>
    <message>
        <source>least %1</source>
        <translation>au moins %1</translation>
    </message>
    <message>
        <source>most %1</source>
        <translation>au plus %1</translation>
    </message>
    <message numerus="yes">
        <source>cuts into art at %n places</source>
        <translation>
            <numerusform>coupe le motif à %n endroit</numerusform>
            <numerusform>coupe le motif à %n endroits</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thin slivers</source>
        <translation>
            <numerusform>%n fine lamelle</numerusform>
            <numerusform>%n fines lamelles</numerusform>
        </translation>
    </message>
    <message>
        <source> · </source>
        <translation> · </translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>rien à couper</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>trou</translation>
    </message>
    <message>
        <source>The cut line will lie here, unrolled.</source>
        <translation>La ligne de coupe sera ici, déroulée.</translation>
    </message>
    <message>
        <source>Go to the narrowest place</source>
        <translation>Aller à l&apos;endroit le plus étroit</translation>
    </message>
    <message>
        <source>Go to the widest place</source>
        <translation>Aller à l&apos;endroit le plus large</translation>
    </message>
    <message>
        <source>As wide as it needs</source>
        <translation>Aussi large qu&apos;il faut</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FileWork</name>
    <message>
        <source>Saving “%1”</source>
        <translation>Enregistrement de « %1 »</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillCard</name>
    <message>
        <source>In rows</source>
        <translation>En rangées</translation>
    </message>
    <message>
        <source>Snug, all upright</source>
        <translation>Serrées, toutes droites</translation>
    </message>
    <message>
        <source>Snug, some upside down</source>
        <translation>Serrées, certaines à l&apos;envers</translation>
    </message>
    <message>
        <source>Snug, turned by quarters</source>
        <translation>Serrées, tournées par quarts</translation>
    </message>
    <message>
        <source>Snug, turned any way</source>
        <translation>Serrées, tournées librement</translation>
    </message>
    <message>
        <source>%1 copies placed. %2 % of the cut zone used; the largest empty space is %3 × %4.</source>
        <translation>%1 copies placées. %2 % de la zone de coupe utilisés ; le plus grand espace libre est %3 × %4.</translation>
    </message>
    <message>
        <source>Add copies</source>
        <translation>Ajouter des copies</translation>
    </message>
    <message>
        <source>Put that many copies of the sticker in hand into free places, without moving anything.</source>
        <translation>Mettre tant de copies de l&apos;autocollant en main aux places libres, sans rien déplacer.</translation>
    </message>
    <message>
        <source>Copies to add</source>
        <translation>Copies à ajouter</translation>
    </message>
    <message>
        <source>The least distance between two cut lines. 2 to 3 mm keeps lines from touching.</source>
        <translation>La moindre distance entre deux lignes de coupe. 2 à 3 mm les empêchent de se toucher.</translation>
    </message>
    <message>
        <source>Gap between cuts</source>
        <translation>Écart entre coupes</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Écart</translation>
    </message>
    <message>
        <source>Sticker in hand</source>
        <translation>Autocollant en main</translation>
    </message>
    <message>
        <source>All stickers, evenly</source>
        <translation>Tous les autocollants, à parts égales</translation>
    </message>
    <message>
        <source>Fill with</source>
        <translation>Remplir avec</translation>
    </message>
    <message>
        <source>Fill gaps</source>
        <translation>Combler les vides</translation>
    </message>
    <message>
        <source>As many as fit</source>
        <translation>Autant qu&apos;il en tient</translation>
    </message>
    <message>
        <source>Exactly</source>
        <translation>Exactement</translation>
    </message>
    <message>
        <source>“Fill gaps” keeps all copies where they are. “As many as fit” places them anew, except locked ones. “Exactly” goes on to further pages.</source>
        <translation>« Combler les vides » laisse les copies où elles sont. « Autant qu&apos;il en tient » les replace, sauf les verrouillées. « Exactement » continue sur d&apos;autres pages.</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Combien</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>Copies de chacun</translation>
    </message>
    <message>
        <source>Laid out</source>
        <translation>Disposé</translation>
    </message>
    <message>
        <source>Fill the page</source>
        <translation>Remplir la page</translation>
    </message>
    <message>
        <source>Searches for a good layout and shows the best so far. Stop keeps it.</source>
        <translation>Cherche une bonne disposition et montre la meilleure jusqu&apos;ici. Arrêter la garde.</translation>
    </message>
    <message>
        <source>Spread evenly</source>
        <translation>Répartir également</translation>
    </message>
    <message>
        <source>Move crowded copies apart, so that each has about as much room on all sides.</source>
        <translation>Écarter les copies serrées, pour que chacune ait à peu près autant d&apos;espace de tous côtés.</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Resserrer</translation>
    </message>
    <message>
        <source>Move all copies up together, so that one large empty space is left for the next job.</source>
        <translation>Resserrer toutes les copies vers le haut, pour laisser un grand espace libre au prochain travail.</translation>
    </message>
    <message>
        <source>Spread evenly.</source>
        <translation>Réparties également.</translation>
    </message>
    <message>
        <source>Closed up.</source>
        <translation>Resserrées.</translation>
    </message>
    <message>
        <source>The copies lie as close as they can.</source>
        <translation>Les copies sont aussi serrées que possible.</translation>
    </message>
    <message>
        <source>No free place on the page is large enough.</source>
        <translation>Aucune place libre de la page n&apos;est assez grande.</translation>
    </message>
    <message>
        <source>Stop and keep this</source>
        <translation>Arrêter et garder ceci</translation>
    </message>
    <message>
        <source>%1 copies so far…</source>
        <translation>%1 copies jusqu&apos;ici…</translation>
    </message>
    <message>
        <source>no sticker yet</source>
        <translation>pas encore d&apos;autocollant</translation>
    </message>
    <message numerus="yes">
        <source>%1 copies placed, on %n page(s). On the last, %2 % of the cut zone is used; the largest empty space there is %3 × %4.</source>
        <translation>
            <numerusform>%1 copies placées, sur %n page. Sur la dernière, %2 % de la zone de coupe sont utilisés ; le plus grand espace libre y est %3 × %4.</numerusform>
            <numerusform>%1 copies placées, sur %n pages. Sur la dernière, %2 % de la zone de coupe sont utilisés ; le plus grand espace libre y est %3 × %4.</numerusform>
        </translation>
    </message>
    <message>
        <source>On as few pages as possible</source>
        <translation>Sur le moins de pages possible</translation>
    </message>
    <message>
        <source>Looks for other ways, too, until no page less will do. Stop keeps the best so far.</source>
        <translation>Cherche aussi d&apos;autres manières, jusqu&apos;à ce qu&apos;aucune page ne puisse être économisée. Arrêter garde le meilleur trouvé.</translation>
    </message>
    <message>
        <source>Straight edges share one cut</source>
        <translation>Une coupe commune aux bords droits</translation>
    </message>
    <message>
        <source>Upright rectangles, such as labels with sharp corners, are laid edge to edge, without a gap. Where two meet, one straight line is cut for both.</source>
        <translation>Les rectangles droits, comme les étiquettes à coins vifs, sont posés bord à bord, sans écart. Là où deux se touchent, une seule ligne droite est coupée pour les deux.</translation>
    </message>
    <message>
        <source>Shared cuts</source>
        <translation>Coupes communes</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies.</source>
        <translation>Un projet contient au plus %L1 copies.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillField</name>
    <message>
        <source>What is printed here. Paper prints nothing, so the sticker stays as white as its stock.</source>
        <translation>Ce qui s&apos;imprime ici. Le papier n&apos;imprime rien, l&apos;autocollant reste donc aussi blanc que son support.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>One colour</source>
        <translation>Une couleur</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>Points</translation>
    </message>
    <message>
        <source>Stripes</source>
        <translation>Raies</translation>
    </message>
    <message>
        <source>The art&apos;s colours</source>
        <translation>Les couleurs du motif</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>Second colour</source>
        <translation>Deuxième couleur</translation>
    </message>
    <message>
        <source>From the middle of one dot or stripe to the next.</source>
        <translation>Du milieu d&apos;un point ou d&apos;une raie au suivant.</translation>
    </message>
    <message>
        <source>One every</source>
        <translation>Une tous les</translation>
    </message>
    <message>
        <source>Choose a colour, or pick one from the picture.</source>
        <translation>Choisissez une couleur ou prenez-la dans l&apos;image.</translation>
    </message>
    <message>
        <source>Pick from the picture</source>
        <translation>Prendre dans l&apos;image</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Choisir…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Finder</name>
    <message>
        <source>Find anything</source>
        <translation>Trouver n&apos;importe quoi</translation>
    </message>
    <message>
        <source>A command, a setting, a sticker or a ticket</source>
        <translation>Une commande, un réglage, un autocollant ou une fiche</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Quoi trouver</translation>
    </message>
    <message>
        <source>What is found</source>
        <translation>Ce qui est trouvé</translation>
    </message>
    <message>
        <source>Nothing here is called that. Try another word, or fewer letters.</source>
        <translation>Rien ici ne s&apos;appelle ainsi. Essayez un autre mot, ou moins de lettres.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::GuideWindow</name>
    <message>
        <source>User guide</source>
        <translation>Guide d&apos;utilisation</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Chapitres</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Retour</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Importer</name>
    <message>
        <source>“%1” was for the project that was open before, and is left out.</source>
        <translation>« %1 » était pour le projet ouvert avant, et est laissé.</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>Ajouter %1</translation>
    </message>
    <message>
        <source>“%1” is fully transparent, so there is nothing to outline.</source>
        <translation>« %1 » est tout transparent, il n&apos;y a donc rien à contourner.</translation>
    </message>
    <message>
        <source>“%1” was for a sticker that is no longer there, and is left out.</source>
        <translation>« %1 » était pour un autocollant qui n&apos;est plus là, et est laissé.</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>Remplacer le motif</translation>
    </message>
    <message>
        <source>“%1”: %2</source>
        <translation>« %1 » : %2</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Résolution</translation>
    </message>
    <message>
        <source>Lay flat</source>
        <translation>Mettre à plat</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Comme reçue</translation>
    </message>
</context>
<context>
    <name>fusuma::app::KeysDialog</name>
    <message>
        <source>Keys</source>
        <translation>Touches</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Ce que cela fait</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LabelStep</name>
    <message>
        <source>Colours of the label</source>
        <translation>Couleurs de l&apos;étiquette</translation>
    </message>
    <message>
        <source>Letters&apos; cut, margin, line, picture</source>
        <translation>Coupe, marge, ligne et image</translation>
    </message>
    <message>
        <source>A list of labels</source>
        <translation>Une liste d&apos;étiquettes</translation>
    </message>
    <message>
        <source>Texts of the label</source>
        <translation>Textes de l&apos;étiquette</translation>
    </message>
    <message>
        <source>Add text</source>
        <translation>Ajouter un texte</translation>
    </message>
    <message>
        <source>Another text, in a style of its own.</source>
        <translation>Un autre texte, dans son style.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>Take this text off the label.</source>
        <translation>Enlever ce texte de l&apos;étiquette.</translation>
    </message>
    <message>
        <source>Remove text</source>
        <translation>Enlever le texte</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>What stands on the label. A column of the list goes in braces: {name}. Also {number}, {date}.</source>
        <translation>Ce qui est écrit sur l&apos;étiquette. Une colonne de la liste va entre accolades : {name}. Aussi {number}, {date}.</translation>
    </message>
    <message>
        <source>Font</source>
        <translation>Police</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Gras</translation>
    </message>
    <message>
        <source>Bold letters.</source>
        <translation>Lettres grasses.</translation>
    </message>
    <message>
        <source>Italic</source>
        <translation>Italique</translation>
    </message>
    <message>
        <source>Slanted letters.</source>
        <translation>Lettres penchées.</translation>
    </message>
    <message>
        <source>Size of the letters; 72 pt are an inch.</source>
        <translation>Taille des lettres ; 72 pt font un pouce.</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Taille</translation>
    </message>
    <message>
        <source>Size of the letters</source>
        <translation>Taille des lettres</translation>
    </message>
    <message>
        <source>Fill the room</source>
        <translation>Remplir la place</translation>
    </message>
    <message>
        <source>As large as the label allows, whatever stands there.</source>
        <translation>Aussi grand que l&apos;étiquette le permet, quoi qu&apos;il y soit écrit.</translation>
    </message>
    <message>
        <source>Longer words are shrunk down to this; below it the row is reported.</source>
        <translation>Les mots plus longs sont réduits jusqu&apos;ici ; au-dessous la rangée est signalée.</translation>
    </message>
    <message>
        <source>Least size</source>
        <translation>Taille minimale</translation>
    </message>
    <message>
        <source>Spacing, run and least size</source>
        <translation>Espaces, parcours et taille minimale</translation>
    </message>
    <message>
        <source>May shrink to</source>
        <translation>Peut rétrécir à</translation>
    </message>
    <message>
        <source>By the ink itself, so that what looks centred is.</source>
        <translation>D&apos;après l&apos;encre même, pour que ce qui paraît centré le soit.</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>Aligner</translation>
    </message>
    <message>
        <source>Run of the text</source>
        <translation>Parcours du texte</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Suit</translation>
    </message>
    <message>
        <source>From one line to the next, of the size.</source>
        <translation>D&apos;une ligne à la suivante, en part de la taille.</translation>
    </message>
    <message>
        <source>Line spacing</source>
        <translation>Interligne</translation>
    </message>
    <message>
        <source>Added after every letter, of the size.</source>
        <translation>Ajouté après chaque lettre, en part de la taille.</translation>
    </message>
    <message>
        <source>Letter spacing</source>
        <translation>Espace des lettres</translation>
    </message>
    <message>
        <source>Colour of the letters</source>
        <translation>Couleur des lettres</translation>
    </message>
    <message>
        <source>By contrast</source>
        <translation>Par contraste</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>What {date} means on these labels.</source>
        <translation>Ce que {date} veut dire sur ces étiquettes.</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Date</translation>
    </message>
    <message>
        <source>The labels&apos; date</source>
        <translation>La date des étiquettes</translation>
    </message>
    <message>
        <source>{date} is</source>
        <translation>{date} est</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Forme</translation>
    </message>
    <message>
        <source>Of the whole label.</source>
        <translation>De toute l&apos;étiquette.</translation>
    </message>
    <message>
        <source>Label width</source>
        <translation>Largeur de l&apos;étiquette</translation>
    </message>
    <message>
        <source>Label height</source>
        <translation>Hauteur de l&apos;étiquette</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>Radius of round or notched corners; how much is cut off a tag&apos;s; the notch of a banner.</source>
        <translation>Rayon des coins ronds ou entaillés ; ce qui est coupé d&apos;une étiquette volante ; l&apos;entaille d&apos;une bannière.</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Coins</translation>
    </message>
    <message>
        <source>Across the hole for the string; 0 for none.</source>
        <translation>Diamètre du trou pour la ficelle ; 0 pour aucun.</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Trou</translation>
    </message>
    <message>
        <source>How many points the star has.</source>
        <translation>Combien de pointes a l&apos;étoile.</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Pointes</translation>
    </message>
    <message>
        <source>How far the star&apos;s notches go in.</source>
        <translation>De combien entrent les creux de l&apos;étoile.</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Profondeur</translation>
    </message>
    <message>
        <source>Notches</source>
        <translation>Creux</translation>
    </message>
    <message>
        <source>Words and pictures keep this far from the edge, so that a slip does not cut them.</source>
        <translation>Mots et images restent à cette distance du bord, pour qu&apos;un décalage ne les coupe pas.</translation>
    </message>
    <message>
        <source>Safety distance</source>
        <translation>Distance de sécurité</translation>
    </message>
    <message>
        <source>Words keep from the edge</source>
        <translation>Distance des mots au bord</translation>
    </message>
    <message>
        <source>Cut the letters, too</source>
        <translation>Couper aussi les lettres</translation>
    </message>
    <message>
        <source>Letters only print unless this is asked for.</source>
        <translation>Les lettres s&apos;impriment seulement, sauf si ceci est demandé.</translation>
    </message>
    <message>
        <source>Cut the letters</source>
        <translation>Couper les lettres</translation>
    </message>
    <message>
        <source>Colours, of a whole list at once</source>
        <translation>Couleurs, de toute une liste à la fois</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Couleurs</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Fond</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Thickness of a line printed inside the edge; 0 for none.</source>
        <translation>Épaisseur d&apos;une ligne imprimée dans le bord ; 0 pour aucune.</translation>
    </message>
    <message>
        <source>From the edge to that line.</source>
        <translation>Du bord à cette ligne.</translation>
    </message>
    <message>
        <source>Line inside</source>
        <translation>Ligne dedans</translation>
    </message>
    <message>
        <source>Line inside the edge</source>
        <translation>Ligne dans le bord</translation>
    </message>
    <message>
        <source>as far in as</source>
        <translation>vers l&apos;intérieur</translation>
    </message>
    <message>
        <source>Picture…</source>
        <translation>Image…</translation>
    </message>
    <message>
        <source>An icon or a picture beside the words.</source>
        <translation>Une icône ou une image près des mots.</translation>
    </message>
    <message>
        <source>No picture</source>
        <translation>Pas d&apos;image</translation>
    </message>
    <message>
        <source>Takes it off again.</source>
        <translation>L&apos;enlève de nouveau.</translation>
    </message>
    <message>
        <source>Place of the picture</source>
        <translation>Place de l&apos;image</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Est</translation>
    </message>
    <message>
        <source>Of the room that words and picture share.</source>
        <translation>De la place que se partagent mots et image.</translation>
    </message>
    <message>
        <source>Size of the picture</source>
        <translation>Taille de l&apos;image</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Prend</translation>
    </message>
    <message>
        <source>Paste a list</source>
        <translation>Coller une liste</translation>
    </message>
    <message>
        <source>Rows copied from a table or a text: one label for each.</source>
        <translation>Rangées copiées d&apos;un tableau ou d&apos;un texte : une étiquette pour chacune.</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>D&apos;un fichier…</translation>
    </message>
    <message>
        <source>CSV or text; separator and encoding are found out.</source>
        <translation>CSV ou texte ; séparateur et codage sont reconnus.</translation>
    </message>
    <message>
        <source>The first row names the columns</source>
        <translation>La première rangée nomme les colonnes</translation>
    </message>
    <message>
        <source>Off, the first row is a label like the others, and the columns are {1}, {2}, …</source>
        <translation>Sinon, la première rangée est une étiquette comme les autres, et les colonnes sont {1}, {2}, …</translation>
    </message>
    <message>
        <source>First row of the list</source>
        <translation>Première rangée de la liste</translation>
    </message>
    <message>
        <source>Which row&apos;s label is shown here.</source>
        <translation>De quelle rangée on voit ici l&apos;étiquette.</translation>
    </message>
    <message>
        <source>Show a row</source>
        <translation>Montrer une rangée</translation>
    </message>
    <message>
        <source>Shows row</source>
        <translation>Montre la rangée</translation>
    </message>
    <message>
        <source>Put the whole list on the sheet</source>
        <translation>Mettre toute la liste sur la feuille</translation>
    </message>
    <message>
        <source>One label for every row, over as many pages as it takes.</source>
        <translation>Une étiquette par rangée, sur autant de pages qu&apos;il faut.</translation>
    </message>
    <message>
        <source>Placing the list</source>
        <translation>Placement de la liste</translation>
    </message>
    <message>
        <source>%1 labels are on the sheet.</source>
        <translation>%1 étiquettes sont sur la feuille.</translation>
    </message>
    <message>
        <source>One text size on all</source>
        <translation>Une taille de texte sur toutes</translation>
    </message>
    <message>
        <source>Every text as large as it can be on all labels of the list, so that they look alike.</source>
        <translation>Chaque texte aussi grand qu&apos;il peut l&apos;être sur toutes les étiquettes de la liste, pour qu&apos;elles se ressemblent.</translation>
    </message>
    <message>
        <source>A column with names of picture files; you are asked for the folder that they lie in.</source>
        <translation>Une colonne de noms de fichiers d&apos;images ; on vous demande leur dossier.</translation>
    </message>
    <message>
        <source>Pictures by</source>
        <translation>Images par</translation>
    </message>
    <message>
        <source>No list</source>
        <translation>Pas de liste</translation>
    </message>
    <message>
        <source>Back to a single label.</source>
        <translation>Revenir à une seule étiquette.</translation>
    </message>
    <message>
        <source>Picture on the label</source>
        <translation>Image sur l&apos;étiquette</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>Images (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>There is no list on the clipboard. Copy the rows of a table, then paste.</source>
        <translation>Pas de liste dans le presse-papiers. Copiez les rangées d&apos;un tableau, puis collez.</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Lists (*.csv *.tsv *.txt)</source>
        <translation>Listes (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>Lecture de « %1 »</translation>
    </message>
    <message>
        <source>The list was for another label. Choose that and read it again.</source>
        <translation>La liste était pour une autre étiquette. Choisissez celle-là et relisez-la.</translation>
    </message>
    <message>
        <source>Pictures by column</source>
        <translation>Images par colonne</translation>
    </message>
    <message>
        <source>Folder with the pictures</source>
        <translation>Dossier des images</translation>
    </message>
    <message>
        <source>A list of %1 labels, with %2.</source>
        <translation>Une liste de %1 étiquettes, avec %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>no column</source>
        <translation>aucune colonne</translation>
    </message>
    <message>
        <source>One label, or one for every row of a list: write {name} above and paste a table with that column.</source>
        <translation>Une étiquette, ou une par rangée d&apos;une liste : écrivez {name} ci-dessus et collez un tableau avec cette colonne.</translation>
    </message>
    <message>
        <source>Text %1</source>
        <translation>Texte %1</translation>
    </message>
    <message>
        <source>“%1” is not on this computer; “%2” is used.</source>
        <translation>« %1 » n&apos;est pas sur cet ordinateur ; « %2 » est utilisée.</translation>
    </message>
    <message>
        <source>%1, list of %2</source>
        <translation>%1, liste de %2</translation>
    </message>
    <message>
        <source>Reading the clipboard</source>
        <translation>Lecture du presse-papiers</translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are on no page.</source>
        <translation>
            <numerusform>%1 étiquettes sont sur la feuille ; une rangée de la liste n&apos;est sur aucune page.</numerusform>
            <numerusform>%1 étiquettes sont sur la feuille ; %n rangées de la liste ne sont sur aucune page.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are larger than the cut zone.</source>
        <translation>
            <numerusform>%1 étiquettes sont sur la feuille ; une rangée de la liste est plus grande que la zone de coupe.</numerusform>
            <numerusform>%1 étiquettes sont sur la feuille ; %n rangées de la liste sont plus grandes que la zone de coupe.</numerusform>
        </translation>
    </message>
    <message>
        <source>The language that {date} is written in on these labels.</source>
        <translation>La langue dans laquelle {date} est écrit sur ces étiquettes.</translation>
    </message>
    <message>
        <source>Language of dates</source>
        <translation>Langue des dates</translation>
    </message>
    <message>
        <source>Written in</source>
        <translation>Écrite en</translation>
    </message>
    <message>
        <source>Letters are wrong…</source>
        <translation>Des lettres sont fausses…</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written; choose where its words are right.</source>
        <translation>Le fichier ne dit pas comment ses lettres sont écrites ; choisissez où ses mots sont justes.</translation>
    </message>
    <message>
        <source>If letters in it are wrong, choose others below “From a file…”.</source>
        <translation>Si des lettres sont fausses, choisissez-en d’autres sous « D&apos;un fichier… ».</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LeftWorkDialog</name>
    <message>
        <source>Work that was not saved</source>
        <translation>Travail qui n&apos;a pas été enregistré</translation>
    </message>
    <message>
        <source>Fusuma did not end properly. This work was kept: choose what to open.</source>
        <translation>Fusuma ne s&apos;est pas bien terminé. Ce travail a été gardé : choisissez quoi ouvrir.</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Plus tard</translation>
    </message>
    <message>
        <source>Leave the rest; it is offered again at the next start</source>
        <translation>Laisser le reste ; il sera reproposé au prochain démarrage</translation>
    </message>
    <message>
        <source>kept %1</source>
        <translation>gardé %1</translation>
    </message>
    <message>
        <source>It was opened before, and Fusuma did not end properly then either.</source>
        <translation>Il a déjà été ouvert, et alors non plus Fusuma ne s&apos;est pas bien terminé.</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>In a window of its own; it stays unsaved until you save it</source>
        <translation>Dans sa propre fenêtre ; non enregistrée jusqu&apos;à ce que vous le fassiez</translation>
    </message>
    <message>
        <source>Throw away…</source>
        <translation>Jeter…</translation>
    </message>
    <message>
        <source>Remove it for good</source>
        <translation>L&apos;enlever pour de bon</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Jeter</translation>
    </message>
    <message>
        <source>Throw away what was kept of “%1”? It cannot be brought back.</source>
        <translation>Jeter ce qui a été gardé de « %1 » ? On ne pourra pas le ramener.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LineTools</name>
    <message>
        <source>Move nodes</source>
        <translation>Déplacer des nœuds</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>Courber la ligne</translation>
    </message>
    <message>
        <source>Draw a cut line</source>
        <translation>Tracer une ligne de coupe</translation>
    </message>
    <message>
        <source>Insert a node</source>
        <translation>Insérer un nœud</translation>
    </message>
    <message>
        <source>Node %1 of %2, %3, %4 from the left, %5 from the top</source>
        <translation>Nœud %1 sur %2, %3, à %4 de la gauche, à %5 du haut</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>doux</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>coin</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Flèches</translation>
    </message>
    <message>
        <source>Move the nodes chosen by 0.1 mm; with Shift 1 mm, with Alt 0.01 mm</source>
        <translation>Déplacer les nœuds choisis de 0,1 mm ; avec Maj 1 mm, avec Alt 0,01 mm</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Page préc., Page suiv.</translation>
    </message>
    <message>
        <source>The node before, the next node</source>
        <translation>Le nœud d&apos;avant, le nœud d&apos;après</translation>
    </message>
    <message>
        <source>Insert, Delete</source>
        <translation>Inser, Suppr</translation>
    </message>
    <message>
        <source>A node more, one less</source>
        <translation>Un nœud de plus, un de moins</translation>
    </message>
    <message>
        <source>Ctrl+A</source>
        <translation>Ctrl+A</translation>
    </message>
    <message>
        <source>All nodes</source>
        <translation>Tous les nœuds</translation>
    </message>
    <message>
        <source>Return, Backspace</source>
        <translation>Entrée, Retour arrière</translation>
    </message>
    <message>
        <source>With the pen: end the line, take back its last node</source>
        <translation>À la plume : finir la ligne, reprendre son dernier nœud</translation>
    </message>
    <message>
        <source>Delete nodes</source>
        <translation>Supprimer des nœuds</translation>
    </message>
    <message>
        <source>Insert nodes</source>
        <translation>Insérer des nœuds</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Doux</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Coin</translation>
    </message>
    <message>
        <source>Straight piece</source>
        <translation>Tronçon droit</translation>
    </message>
    <message>
        <source>Curved piece</source>
        <translation>Tronçon courbe</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>Joindre des bouts</translation>
    </message>
    <message>
        <source>Do not cut a line</source>
        <translation>Ne pas couper une ligne</translation>
    </message>
    <message>
        <source>Cut a line after all</source>
        <translation>Couper la ligne tout de même</translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>Laisser ce qui ne va pas</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>Laisser tel quel</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LoadAct</name>
    <message>
        <source>Load and find</source>
        <translation>Charger et trouver</translation>
    </message>
    <message>
        <source>How the cutter learns where the print lies: its sensor looks for the marks, you drive a pointer over them, or the sheet lies square in its corner.</source>
        <translation>Comment la machine sait où est l&apos;impression : son capteur cherche les repères, vous menez un pointeur dessus, ou la feuille est droite dans son coin.</translation>
    </message>
    <message>
        <source>Load for practice</source>
        <translation>Charger pour l&apos;exercice</translation>
    </message>
    <message>
        <source>The printed sheet is in the machine: find where the print lies.</source>
        <translation>La feuille imprimée est dans la machine : trouvez où est l&apos;impression.</translation>
    </message>
    <message>
        <source>By a photograph…</source>
        <translation>D&apos;après une photo…</translation>
    </message>
    <message>
        <source>The sheet lies on the photo board, and the board in the corner of the machine&apos;s nought: one picture of both tells where the print lies.</source>
        <translation>La feuille est sur la planche, et la planche dans le coin du zéro de la machine : une image des deux dit où est l&apos;impression.</translation>
    </message>
    <message>
        <source>The photograph of the sheet on the board</source>
        <translation>La photo de la feuille sur la planche</translation>
    </message>
    <message>
        <source>Take this place</source>
        <translation>Prendre cet endroit</translation>
    </message>
    <message>
        <source>The mark is under the pointer (Return).</source>
        <translation>Le repère est sous le pointeur (Entrée).</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>La laisser</translation>
    </message>
    <message>
        <source>This mark cannot be seen.</source>
        <translation>Ce repère ne se voit pas.</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Retour</translation>
    </message>
    <message>
        <source>Take the mark before this one anew (Backspace).</source>
        <translation>Reprendre le repère d&apos;avant (Retour arrière).</translation>
    </message>
    <message>
        <source>That is enough</source>
        <translation>Cela suffit</translation>
    </message>
    <message>
        <source>Use the marks taken so far: three or more.</source>
        <translation>Utiliser les repères déjà pris : trois ou plus.</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>Déplacer la tête</translation>
    </message>
    <message>
        <source>Use the marks that were found, with less to check them by.</source>
        <translation>Utiliser les repères trouvés, avec moins pour les vérifier.</translation>
    </message>
    <message>
        <source>Find it by hand</source>
        <translation>La trouver à la main</translation>
    </message>
    <message>
        <source>Drive a pointer over the marks yourself.</source>
        <translation>Menez vous-même un pointeur sur les repères.</translation>
    </message>
    <message>
        <source>Simulate faults…</source>
        <translation>Simuler des défauts…</translation>
    </message>
    <message>
        <source>Make the practice devices lie: crooked sheets, stretched prints, smudged marks, dull blades.</source>
        <translation>Faites mentir les appareils d&apos;exercice : feuilles de travers, impressions étirées, repères tachés, lames usées.</translation>
    </message>
    <message>
        <source>smudge missing mark noise ink spread stretch upside down backlash blade connection</source>
        <translation>taché repère manquant bruit encre étalée étirée à l&apos;envers jeu lame connexion</translation>
    </message>
    <message>
        <source>In the practice cutter.</source>
        <translation>Dans la machine d&apos;exercice.</translation>
    </message>
    <message>
        <source>In “%1”.</source>
        <translation>Dans « %1 ».</translation>
    </message>
    <message>
        <source>take it first</source>
        <translation>prenez-la d&apos;abord</translation>
    </message>
    <message>
        <source>print first</source>
        <translation>imprimez d&apos;abord</translation>
    </message>
    <message>
        <source>looking…</source>
        <translation>on cherche…</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>non trouvée</translation>
    </message>
    <message>
        <source>mark %1 of %2</source>
        <translation>repère %1 sur %2</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>prêt</translation>
    </message>
    <message>
        <source>by its edge</source>
        <translation>par son bord</translation>
    </message>
    <message>
        <source>found %1 of %2</source>
        <translation>%1 trouvés sur %2</translation>
    </message>
    <message>
        <source>Drive the pointer over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes it.</source>
        <translation>Menez le pointeur sur %1. Les flèches le déplacent de 0,5 mm, avec Maj 5 mm, avec Alt 0,05 mm ; Entrée le prend.</translation>
    </message>
    <message>
        <source>Drive the machine&apos;s lifted head over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes the place.</source>
        <translation>Menez la tête levée de la machine sur %1. Les flèches la déplacent de 0,5 mm, avec Maj 5 mm, avec Alt 0,05 mm ; Entrée prend l&apos;endroit.</translation>
    </message>
    <message>
        <source>The sensor looks for all marks, however the sheet lies.</source>
        <translation>Le capteur cherche tous les repères, de quelque façon qu&apos;y soit la feuille.</translation>
    </message>
    <message>
        <source>This machine&apos;s pen drew the board, or it lies square in the corner of the machine&apos;s nought.</source>
        <translation>La plume de cette machine a dessiné la planche, ou elle est droite dans le coin du zéro.</translation>
    </message>
    <message>
        <source>The sheet lies in the corner of the machine&apos;s nought, square.</source>
        <translation>La feuille est droite dans le coin du zéro de la machine.</translation>
    </message>
    <message>
        <source>You show three marks or more with a pointer.</source>
        <translation>Vous montrez trois repères ou plus avec un pointeur.</translation>
    </message>
    <message>
        <source>You drive the machine&apos;s head over three marks or more.</source>
        <translation>Vous menez la tête de la machine sur trois repères ou plus.</translation>
    </message>
    <message>
        <source>Turned %1°, shifted %2, %3 mm
Stretched %4 % across, %5 % down</source>
        <translation>Tournée de %1°, décalée de %2 / %3 mm
Étirée de %4 % en largeur, %5 % en hauteur</translation>
    </message>
    <message>
        <source>Error left %1 mm</source>
        <translation>Erreur restante %1 mm</translation>
    </message>
    <message>
        <source>Cuts within %1 mm of their print%2</source>
        <translation>Coupe à moins de %1 mm de son impression%2</translation>
    </message>
    <message numerus="yes">
        <source>; %n stickers would show it</source>
        <translation>
            <numerusform>; %n autocollant le montrerait</numerusform>
            <numerusform>; %n autocollants le montreraient</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Réessayer</translation>
    </message>
    <message>
        <source>Load it again</source>
        <translation>La charger encore</translation>
    </message>
    <message>
        <source>The sheet is in: find the print</source>
        <translation>La feuille est dedans : trouvez l&apos;impression</translation>
    </message>
    <message>
        <source>Use the %1 that were found</source>
        <translation>Utiliser les %1 trouvés</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LongWork</name>
    <message>
        <source>%1: ended, or waiting for you</source>
        <translation>%1 : fini, ou vous attend</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Loupe</name>
    <message>
        <source>Loupe on the weakest place</source>
        <translation>Loupe sur l&apos;endroit le plus faible</translation>
    </message>
    <message>
        <source>Weakest place, %1 ×</source>
        <translation>Endroit le plus faible, %1 ×</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MachineCard</name>
    <message>
        <source>Machine</source>
        <translation>Machine</translation>
    </message>
    <message>
        <source>What you cut on. Where a print lies is found for this machine, and for no other.</source>
        <translation>Sur quoi vous coupez. La place d&apos;une impression est trouvée pour cette machine et pour nulle autre.</translation>
    </message>
    <message>
        <source>Profile…</source>
        <translation>Profil…</translation>
    </message>
    <message>
        <source>Where it is plugged in, how its axes lie, how it is spoken to.</source>
        <translation>Où elle est branchée, comment vont ses axes, comment on lui parle.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>Forget this machine&apos;s profile.</source>
        <translation>Oublier le profil de cette machine.</translation>
    </message>
    <message>
        <source>Remove the machine</source>
        <translation>Enlever la machine</translation>
    </message>
    <message>
        <source>Forget the profile of “%1”? It can be added again.</source>
        <translation>Oublier le profil de « %1 » ? Il peut être ajouté de nouveau.</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>L&apos;enlever</translation>
    </message>
    <message>
        <source>Add a machine…</source>
        <translation>Ajouter une machine…</translation>
    </message>
    <message>
        <source>● ready</source>
        <translation>● prête</translation>
    </message>
    <message>
        <source>● at work</source>
        <translation>● au travail</translation>
    </message>
    <message>
        <source>○ not there</source>
        <translation>○ absente</translation>
    </message>
    <message>
        <source>%1, files only</source>
        <translation>%1, fichiers seulement</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 par-dessus %2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MainWindow</name>
    <message>
        <source>Bench</source>
        <translation>Établi</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Feuille</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>Sortie</translation>
    </message>
    <message>
        <source>Sticker</source>
        <translation>Autocollant</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>Fiche %1</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>imprimée %1</translation>
    </message>
    <message>
        <source>Open the sticker on the Bench</source>
        <translation>Ouvrir l&apos;autocollant sur l&apos;Établi</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>Repères et machine</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Views</source>
        <translation>Vues</translation>
    </message>
    <message>
        <source>Copies on the Sheet</source>
        <translation>Copies sur la Feuille</translation>
    </message>
    <message>
        <source>The cut line by hand</source>
        <translation>La ligne de coupe à la main</translation>
    </message>
    <message>
        <source>Pointing at marks</source>
        <translation>On montre les repères</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>The unit of all lengths: millimetres, centimetres or inches. Click for the next.</source>
        <translation>L&apos;unité de toutes les longueurs : millimètres, centimètres ou pouces. Cliquez pour la suivante.</translation>
    </message>
    <message>
        <source>Bench — one sticker, from artwork to cut line</source>
        <translation>Établi — un autocollant, du motif à la ligne de coupe</translation>
    </message>
    <message>
        <source>Sheet — what will print and what will be cut</source>
        <translation>Feuille — ce qui s&apos;imprimera et ce qui sera coupé</translation>
    </message>
    <message>
        <source>Output — print, load, cut</source>
        <translation>Sortie — imprimer, charger, couper</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>pas encore enregistré</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>enregistré</translation>
    </message>
    <message>
        <source>Undo: %1 (Ctrl+Z)</source>
        <translation>Annuler : %1 (Ctrl+Z)</translation>
    </message>
    <message>
        <source>Nothing to undo</source>
        <translation>Rien à annuler</translation>
    </message>
    <message>
        <source>Redo: %1 (Ctrl+Shift+Z)</source>
        <translation>Rétablir : %1 (Ctrl+Maj+Z)</translation>
    </message>
    <message>
        <source>Nothing to redo</source>
        <translation>Rien à rétablir</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>Dupliquer l&apos;autocollant</translation>
    </message>
    <message>
        <source>Duplicate copies</source>
        <translation>Dupliquer des copies</translation>
    </message>
    <message>
        <source>Remove the sticker…</source>
        <translation>Enlever l&apos;autocollant…</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>Enlever des copies</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MessageLog</name>
    <message>
        <source>Not done: %1</source>
        <translation>Non fait : %1</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>Derniers messages</translation>
    </message>
    <message>
        <source>Nothing was said yet.</source>
        <translation>Rien n&apos;a encore été dit.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
</context>
<context>
    <name>fusuma::app::More</name>
    <message>
        <source>Open or close this part of the step.</source>
        <translation>Ouvrir ou fermer cette partie de l&apos;étape.</translation>
    </message>
    <message>
        <source>open</source>
        <translation>ouverte</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>fermée</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NewLabelDialog</name>
    <message>
        <source>Letters alone, with a border</source>
        <translation>Lettres seules, avec bordure</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>Nouvelle étiquette</translation>
    </message>
    <message>
        <source>Start from a template. Its shape, size, colours and words can all be changed afterwards, for ever.</source>
        <translation>Partez d&apos;un modèle. Sa forme, sa taille, ses couleurs et ses mots se changent ensuite, toujours.</translation>
    </message>
    <message>
        <source>Templates</source>
        <translation>Modèles</translation>
    </message>
    <message>
        <source>Make this label</source>
        <translation>Faire cette étiquette</translation>
    </message>
    <message>
        <source>From a template file…</source>
        <translation>D&apos;un fichier de modèle…</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 : %2</translation>
    </message>
    <message>
        <source>Template file</source>
        <translation>Fichier de modèle</translation>
    </message>
    <message>
        <source>Label templates (*.json)</source>
        <translation>Modèles d&apos;étiquette (*.json)</translation>
    </message>
    <message>
        <source>“%1” cannot be used. %2</source>
        <translation>« %1 » est inutilisable. %2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Notice</name>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Put this message away. The last ones are listed in the Help menu.</source>
        <translation>Ôter ce message. Les derniers sont dans le menu Aide.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NumberField</name>
    <message>
        <source>Type a length with any unit, such as 2mm, 1/8in or 50/2. Arrow keys step it.</source>
        <translation>Saisissez une longueur avec toute unité, comme 2mm, 1/8in ou 50/2. Les flèches la changent.</translation>
    </message>
    <message>
        <source>This is not a length: try 2mm, 1/8in or 50/2. %1 stays.</source>
        <translation>Ce n&apos;est pas une longueur : essayez 2mm, 1/8in ou 50/2. %1 reste.</translation>
    </message>
    <message>
        <source>This is not a number. %1 stays.</source>
        <translation>Ce n&apos;est pas un nombre. %1 reste.</translation>
    </message>
    <message>
        <source>%1 is the least.</source>
        <translation>%1 est le minimum.</translation>
    </message>
    <message>
        <source>%1 is the most.</source>
        <translation>%1 est le maximum.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutlineStep</name>
    <message>
        <source>Threshold</source>
        <translation>Seuil</translation>
    </message>
    <message>
        <source>How solid a pixel must be to count as art. Raise it to leave out faint haze and shadows.</source>
        <translation>Combien un pixel doit être opaque pour compter comme motif. Montez pour laisser brume et ombres faibles.</translation>
    </message>
    <message>
        <source>Counts as art when solid over</source>
        <translation>Compte comme motif au-delà de</translation>
    </message>
    <message>
        <source>How far the curve may stray from the art&apos;s edge. Larger gives fewer nodes and a smoother cut.</source>
        <translation>De combien la courbe peut s&apos;écarter du bord du motif. Plus donne moins de nœuds et une coupe plus douce.</translation>
    </message>
    <message>
        <source>Detail</source>
        <translation>Détail</translation>
    </message>
    <message>
        <source>which is</source>
        <translation>soit</translation>
    </message>
    <message>
        <source>Evens out an edge that wobbles, as scanned ink does, over this length. Corners stay.</source>
        <translation>Adoucit un bord qui tremble, comme l&apos;encre numérisée, sur cette longueur. Les coins restent.</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>Lissage</translation>
    </message>
    <message>
        <source>Smooth wobbles over</source>
        <translation>Lisser les tremblés sur</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>Avec trous</translation>
    </message>
    <message>
        <source>Outer edge only</source>
        <translation>Bord extérieur seul</translation>
    </message>
    <message>
        <source>Whether holes in the art become holes in the sticker.</source>
        <translation>Si les trous du motif deviennent des trous de l&apos;autocollant.</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Trous</translation>
    </message>
    <message>
        <source>Joins lines that are broken by no more than this, so that a drawing closes round its inside.</source>
        <translation>Joint les lignes interrompues de ceci au plus, pour qu&apos;un dessin se ferme autour de son intérieur.</translation>
    </message>
    <message>
        <source>Close gaps</source>
        <translation>Fermer les vides</translation>
    </message>
    <message>
        <source>Close gaps up to</source>
        <translation>Fermer les vides jusqu&apos;à</translation>
    </message>
    <message>
        <source>Every leftover speck is a cut. Smaller ones are left out; the view rings them.</source>
        <translation>Chaque poussière restante est une coupe. Les plus petites sont laissées ; la vue les entoure.</translation>
    </message>
    <message>
        <source>Specks</source>
        <translation>Poussières</translation>
    </message>
    <message>
        <source>Leave out specks under</source>
        <translation>Laisser les poussières sous</translation>
    </message>
    <message>
        <source>Pinholes make the blade turn on the spot. Smaller ones are closed; the view rings them.</source>
        <translation>Les piqûres font tourner la lame sur place. Les plus petites sont fermées ; la vue les entoure.</translation>
    </message>
    <message>
        <source>Pinholes</source>
        <translation>Piqûres</translation>
    </message>
    <message>
        <source>and pinholes under</source>
        <translation>et piqûres sous</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message numerus="yes">
        <source>%n specks</source>
        <translation>
            <numerusform>%n poussière</numerusform>
            <numerusform>%n poussières</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n holes</source>
        <translation>
            <numerusform>%n trou</numerusform>
            <numerusform>%n trous</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is left out.</source>
        <translation>Rien n&apos;est laissé.</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>Laissé : %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source> This picture falls into so many bits that %1 more were not even looked at. Another background source may find the figure.</source>
        <translation> Cette image tombe en tant de morceaux que %1 autres n&apos;ont même pas été regardés. Une autre source du fond trouvera peut-être la figure.</translation>
    </message>
    <message>
        <source> It is so grainy that it was looked at %1 times coarser than its pixels.</source>
        <translation> Elle a tant de grain qu&apos;elle a été regardée %1 fois plus grossièrement que ses pixels.</translation>
    </message>
    <message>
        <source>exact, as drawn</source>
        <translation>exact, comme dessiné</translation>
    </message>
    <message>
        <source>at %1 %</source>
        <translation>à %1 %</translation>
    </message>
    <message>
        <source>, smoothed</source>
        <translation>, lissée</translation>
    </message>
    <message>
        <source>, outer edge only</source>
        <translation>, bord extérieur seul</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutputPage</name>
    <message>
        <source>Tickets…</source>
        <translation>Fiches…</translation>
    </message>
    <message>
        <source>Everything that was printed from this project: cut it again, print it again, open it or delete it.</source>
        <translation>Tout ce qui a été imprimé de ce projet : coupez-le ou imprimez-le encore, ouvrez-le ou supprimez-le.</translation>
    </message>
    <message>
        <source>Cut what was printed</source>
        <translation>Couper ce qui a été imprimé</translation>
    </message>
    <message>
        <source>The ticket stays as it is; so does the paper.</source>
        <translation>La fiche reste comme elle est ; le papier aussi.</translation>
    </message>
    <message>
        <source>Print again</source>
        <translation>Imprimer encore</translation>
    </message>
    <message>
        <source>A new ticket with the changes.</source>
        <translation>Une nouvelle fiche avec les changements.</translation>
    </message>
    <message>
        <source>today, %1</source>
        <translation>aujourd&apos;hui, %1</translation>
    </message>
    <message>
        <source>Open ticket %1</source>
        <translation>Ouvrir la fiche %1</translation>
    </message>
    <message>
        <source>Cut lines for elsewhere</source>
        <translation>Lignes de coupe pour ailleurs</translation>
    </message>
    <message>
        <source>Check a file…</source>
        <translation>Vérifier un fichier…</translation>
    </message>
    <message>
        <source>Reads an SVG, DXF or HP-GL file back and compares it with what is to be cut.</source>
        <translation>Relit un fichier SVG, DXF ou HP-GL et le compare à ce qui sera coupé.</translation>
    </message>
    <message>
        <source>Ink names…</source>
        <translation>Noms des encres…</translation>
    </message>
    <message>
        <source>What cut lines are called in the PDF.</source>
        <translation>Comment les lignes de coupe s&apos;appellent dans le PDF.</translation>
    </message>
    <message>
        <source>Set the printer right…</source>
        <translation>Régler l&apos;imprimante…</translation>
    </message>
    <message>
        <source>Print a page, measure three lengths, and later prints are moved by it.</source>
        <translation>Imprimez une page, mesurez trois longueurs, et les impressions suivantes sont déplacées d&apos;autant.</translation>
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
        <translation>Enregistrer les lignes de coupe</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 enregistré.</translation>
    </message>
    <message>
        <source>Saved %1 pages.</source>
        <translation>%1 pages enregistrées.</translation>
    </message>
    <message>
        <source>The cutter is at work</source>
        <translation>La machine travaille</translation>
    </message>
    <message>
        <source>%1 of %2 lines are cut; the cutter waits. Stop the cut for good?</source>
        <translation>%1 lignes sur %2 sont coupées ; la machine attend. Arrêter la coupe pour de bon ?</translation>
    </message>
    <message>
        <source>Stop the cut</source>
        <translation>Arrêter la coupe</translation>
    </message>
    <message>
        <source>Go on cutting</source>
        <translation>Continuer la coupe</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Rester</translation>
    </message>
    <message>
        <source>Check a cut file</source>
        <translation>Vérifier un fichier de coupe</translation>
    </message>
    <message>
        <source>Cut files (*.svg *.dxf *.plt *.hpgl)</source>
        <translation>Fichiers de coupe (*.svg *.dxf *.plt *.hpgl)</translation>
    </message>
    <message>
        <source>Checking “%1”</source>
        <translation>Vérification de « %1 »</translation>
    </message>
    <message>
        <source>%1 agrees: %2 lines, nowhere more than %3 mm off.</source>
        <translation>%1 concorde : %2 lignes, nulle part à plus de %3 mm.</translation>
    </message>
    <message>
        <source>%1 has this page&apos;s lines, but not all as the same kind of cut: kiss, score or through.</source>
        <translation>%1 a les lignes de cette page, mais pas toutes du même genre de coupe : mi-chair, rainage ou traversante.</translation>
    </message>
    <message>
        <source>%1 does not agree with this page: its lines lie up to %2 mm off.</source>
        <translation>%1 ne concorde pas avec cette page : ses lignes s&apos;écartent jusqu&apos;à %2 mm.</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>Fiche %1</translation>
    </message>
    <message>
        <source>Not printed yet</source>
        <translation>Pas encore imprimée</translation>
    </message>
    <message>
        <source>No ticket in hand</source>
        <translation>Aucune fiche en main</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>imprimée %1</translation>
    </message>
    <message>
        <source>And more. </source>
        <translation>Et d&apos;autres. </translation>
    </message>
    <message>
        <source>The sheet has changed since it was printed. %1</source>
        <translation>La feuille a changé depuis son impression. %1</translation>
    </message>
    <message>
        <source>Cutting what was printed; the sheet has changed since.</source>
        <translation>On coupe ce qui a été imprimé ; la feuille a changé depuis.</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Coupe en cours</translation>
    </message>
    <message>
        <source>not cut yet</source>
        <translation>pas encore coupée</translation>
    </message>
    <message>
        <source>cut once on %1</source>
        <translation>coupée une fois sur %1</translation>
    </message>
    <message>
        <source> and </source>
        <translation> et </translation>
    </message>
    <message>
        <source>cut %1 times on %2</source>
        <translation>coupée %1 fois sur %2</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n page</numerusform>
            <numerusform>%n pages</numerusform>
        </translation>
    </message>
    <message>
        <source>Ticket %1
printed %2
%3, %4 lines, %5</source>
        <translation>Fiche %1
imprimée %2
%3, %4 lignes, %5</translation>
    </message>
    <message>
        <source>Tickets</source>
        <translation>Fiches</translation>
    </message>
    <message>
        <source>Everything that was printed from this project. A ticket stays as it was printed, whatever becomes of the sheet.</source>
        <translation>Tout ce qui a été imprimé de ce projet. Une fiche reste telle qu&apos;imprimée, quoi que devienne la feuille.</translation>
    </message>
    <message>
        <source>Cut it</source>
        <translation>La couper</translation>
    </message>
    <message>
        <source>Take this ticket in hand: its paper is what is cut.</source>
        <translation>Prendre cette fiche en main : c&apos;est son papier qui est coupé.</translation>
    </message>
    <message>
        <source>Print it again</source>
        <translation>L&apos;imprimer encore</translation>
    </message>
    <message>
        <source>Open its sheet and print it as a new ticket.</source>
        <translation>Ouvrir sa feuille et l&apos;imprimer comme nouvelle fiche.</translation>
    </message>
    <message>
        <source>Open it on the Sheet</source>
        <translation>L&apos;ouvrir sur la Feuille</translation>
    </message>
    <message>
        <source>Its sheet takes the place of the one that is open. Undo brings that back.</source>
        <translation>Sa feuille prend la place de celle qui est ouverte. Annuler la ramène.</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Supprimer</translation>
    </message>
    <message>
        <source>Forget this print.</source>
        <translation>Oublier cette impression.</translation>
    </message>
    <message>
        <source>Nothing was printed yet.</source>
        <translation>Rien n&apos;a encore été imprimé.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PagesDialog</name>
    <message>
        <source>Which pages?</source>
        <translation>Quelles pages ?</translation>
    </message>
    <message>
        <source>“%1” has one page.</source>
        <translation>« %1 » a une page.</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. Each one becomes a sticker.</source>
        <translation>« %1 » a %2 pages. Chacune devient un autocollant.</translation>
    </message>
    <message>
        <source>Such as 1, 3-5.</source>
        <translation>Comme 1, 3-5.</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Pages</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>Comme image</translation>
    </message>
    <message>
        <source>As a drawing</source>
        <translation>Comme dessin</translation>
    </message>
    <message>
        <source>A drawing keeps its parts and their exact edges; a picture is traced.</source>
        <translation>Un dessin garde ses parties et leurs bords exacts ; une image est vectorisée.</translation>
    </message>
    <message>
        <source>How finely the pages are drawn. It can be changed later in the Artwork step.</source>
        <translation>Avec quelle finesse les pages sont dessinées. Cela se change plus tard à l&apos;étape Motif.</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>Dessinée à</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Ajouter</translation>
    </message>
    <message>
        <source>Which page?</source>
        <translation>Quelle page ?</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. One of them takes the artwork&apos;s place.</source>
        <translation>« %1 » a %2 pages. L&apos;une d&apos;elles prend la place du motif.</translation>
    </message>
    <message>
        <source>Its number, from 1.</source>
        <translation>Son numéro, à partir de 1.</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Page</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Remplacer</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PaperCard</name>
    <message>
        <source>Custom size</source>
        <translation>Taille libre</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Paper width</source>
        <translation>Largeur du papier</translation>
    </message>
    <message>
        <source>Paper height</source>
        <translation>Hauteur du papier</translation>
    </message>
    <message>
        <source>Mirrored, for transfer paper or film</source>
        <translation>En miroir, pour papier ou film de transfert</translation>
    </message>
    <message>
        <source>Printed and cut as in a mirror. Here you see the sheet as it looks in the end; marks and code stay readable on the paper.</source>
        <translation>Imprimée et coupée comme dans un miroir. Ici on voit la feuille telle qu&apos;elle sera ; repères et code restent lisibles sur le papier.</translation>
    </message>
    <message>
        <source>Mirrored sheet</source>
        <translation>Feuille en miroir</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>Page entière</translation>
    </message>
    <message>
        <source>Halves</source>
        <translation>Moitiés</translation>
    </message>
    <message>
        <source>Quarters</source>
        <translation>Quarts</translation>
    </message>
    <message>
        <source>Grid of small sheets</source>
        <translation>Grille de petites feuilles</translation>
    </message>
    <message>
        <source>Several little sticker sheets from one page, each with its own outer cut.</source>
        <translation>Plusieurs petites feuilles d&apos;autocollants dans une page, chacune avec sa coupe extérieure.</translation>
    </message>
    <message>
        <source>Divide into</source>
        <translation>Diviser en</translation>
    </message>
    <message>
        <source>Small sheets</source>
        <translation>Petites feuilles</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Colonnes</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Rangées</translation>
    </message>
    <message>
        <source>Between them</source>
        <translation>Entre eux</translation>
    </message>
    <message>
        <source>Their outline</source>
        <translation>Leur contour</translation>
    </message>
    <message>
        <source>Cut what lies on the photo board</source>
        <translation>Couper ce qui est sur la planche photo</translation>
    </message>
    <message>
        <source>Stamped, painted or bought art is cut where it lies on the board, by its photograph. Nothing is printed, and no copy can be moved from its art.</source>
        <translation>L&apos;art tamponné, peint ou acheté est coupé où il est sur la planche, d&apos;après sa photo. Rien n&apos;est imprimé, et aucune copie ne peut quitter son motif.</translation>
    </message>
    <message>
        <source>Cut what is there</source>
        <translation>Couper ce qui est là</translation>
    </message>
    <message>
        <source>Print the sheet</source>
        <translation>Imprimer la feuille</translation>
    </message>
    <message>
        <source>%1 photo board</source>
        <translation>Planche photo %1</translation>
    </message>
    <message>
        <source>%1, %2 small sheets</source>
        <translation>%1, %2 petites feuilles</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PartsStep</name>
    <message>
        <source>round it</source>
        <translation>autour</translation>
    </message>
    <message>
        <source>kiss</source>
        <translation>mi-chair</translation>
    </message>
    <message>
        <source>score</source>
        <translation>rainage</translation>
    </message>
    <message>
        <source>through</source>
        <translation>traversante</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Fichier</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Calque</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>How the parts are listed: as they lie in the file, by layer, or by colour.</source>
        <translation>Comment les parties sont listées : comme dans le fichier, par calque ou par couleur.</translation>
    </message>
    <message>
        <source>Parts, the frontmost first</source>
        <translation>Parties, la plus en avant d&apos;abord</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Partie</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimer</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Print a part</source>
        <translation>Imprimer une partie</translation>
    </message>
    <message>
        <source>Do not print a part</source>
        <translation>Ne pas imprimer une partie</translation>
    </message>
    <message>
        <source>Make of the parts chosen</source>
        <translation>Faire des parties choisies</translation>
    </message>
    <message>
        <source>Colours and fills</source>
        <translation>Couleurs et remplissages</translation>
    </message>
    <message>
        <source>Cut round all</source>
        <translation>Couper autour de tout</translation>
    </message>
    <message>
        <source>Everything is printed, and one cut goes only round everything.</source>
        <translation>Tout s&apos;imprime, et une coupe passe seulement autour de tout.</translation>
    </message>
    <message>
        <source>Cut the bottom</source>
        <translation>Couper celle du dessous</translation>
    </message>
    <message>
        <source>The bottom shape is cut and not printed; the rest is only printed.</source>
        <translation>La forme du dessous est coupée et non imprimée ; le reste s&apos;imprime seulement.</translation>
    </message>
    <message>
        <source>Cut the bottom shape</source>
        <translation>Couper la forme du dessous</translation>
    </message>
    <message>
        <source>Colours apart</source>
        <translation>Couleurs à part</translation>
    </message>
    <message>
        <source>A sticker for each colour, to be cut from different papers and laid on each other.</source>
        <translation>Un autocollant par couleur, à couper dans des papiers différents et à superposer.</translation>
    </message>
    <message>
        <source>As in the file</source>
        <translation>Comme dans le fichier</translation>
    </message>
    <message>
        <source>What is painted prints; thin lines, and layers named after a kind of cut, are cut where they lie.</source>
        <translation>Ce qui est peint s&apos;imprime ; les lignes fines, et les calques nommés comme un genre de coupe, sont coupés où ils sont.</translation>
    </message>
    <message>
        <source>How the parts are cut</source>
        <translation>Comment les parties sont coupées</translation>
    </message>
    <message>
        <source>Not at all; as part of what the border goes round; or along their own edge.</source>
        <translation>Pas du tout ; comme partie de ce que la bordure entoure ; ou le long de leurs bords.</translation>
    </message>
    <message>
        <source>Print parts</source>
        <translation>Imprimer des parties</translation>
    </message>
    <message>
        <source>Cut parts</source>
        <translation>Couper des parties</translation>
    </message>
    <message>
        <source>Only this</source>
        <translation>Seulement ceci</translation>
    </message>
    <message>
        <source>Cut: %1</source>
        <translation>Coupe : %1</translation>
    </message>
    <message>
        <source>One shape of all they cover.</source>
        <translation>Une forme de tout ce qu&apos;elles couvrent.</translation>
    </message>
    <message>
        <source>The lowest, less what lies over it.</source>
        <translation>Celle du dessous, moins ce qui la couvre.</translation>
    </message>
    <message>
        <source>What all of them cover.</source>
        <translation>Ce que toutes couvrent.</translation>
    </message>
    <message>
        <source>One shape, with holes where two of them overlap.</source>
        <translation>Une forme, avec des trous là où deux se recouvrent.</translation>
    </message>
    <message>
        <source>Each region between their edges by itself.</source>
        <translation>Chaque région entre leurs bords, à part.</translation>
    </message>
    <message>
        <source>Each part loses what lies under those above it, so that a single layer is left.</source>
        <translation>Chaque partie perd ce qui est sous celles du dessus, il reste une seule couche.</translation>
    </message>
    <message>
        <source>Each separate piece by itself.</source>
        <translation>Chaque morceau séparé, à part.</translation>
    </message>
    <message>
        <source>Take apart again</source>
        <translation>Défaire de nouveau</translation>
    </message>
    <message>
        <source>Gives back the parts that it was made of.</source>
        <translation>Rend les parties dont il est fait.</translation>
    </message>
    <message>
        <source>Take apart</source>
        <translation>Défaire</translation>
    </message>
    <message>
        <source>Pieces that are nowhere as thick as this are slivers: too thin to weed or to hold.</source>
        <translation>Les morceaux nulle part aussi épais que ceci sont des lamelles : trop fins pour écheniller ou tenir.</translation>
    </message>
    <message>
        <source>Slivers are thinner than</source>
        <translation>Lamelles : plus fines que</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Laisser</translation>
    </message>
    <message>
        <source>Leaves these pieces out of the combined parts.</source>
        <translation>Laisse ces morceaux hors des parties combinées.</translation>
    </message>
    <message>
        <source>Leave slivers out</source>
        <translation>Laisser les lamelles</translation>
    </message>
    <message>
        <source>Fill of the parts chosen</source>
        <translation>Remplissage des parties choisies</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Remplissage</translation>
    </message>
    <message>
        <source>A picture…</source>
        <translation>Une image…</translation>
    </message>
    <message>
        <source>Lays a picture over the part, as large as it must be.</source>
        <translation>Pose une image sur la partie, aussi grande qu&apos;il faut.</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Comme reçue</translation>
    </message>
    <message>
        <source>Back to the drawing&apos;s own paint.</source>
        <translation>Revenir à la peinture du dessin.</translation>
    </message>
    <message>
        <source>Own paint</source>
        <translation>Propre peinture</translation>
    </message>
    <message>
        <source>Colours of the drawing, to be changed</source>
        <translation>Couleurs du dessin, à changer</translation>
    </message>
    <message>
        <source>Nothing comes of that: do the parts overlap?</source>
        <translation>Il n&apos;en sort rien : les parties se recouvrent-elles ?</translation>
    </message>
    <message>
        <source>The drawing has only one plain colour.</source>
        <translation>Le dessin n&apos;a qu&apos;une couleur unie.</translation>
    </message>
    <message>
        <source>Each colour alone</source>
        <translation>Chaque couleur seule</translation>
    </message>
    <message>
        <source>%1 stickers were added to the tray, one for each colour.</source>
        <translation>%1 autocollants ont été ajoutés au plateau, un par couleur.</translation>
    </message>
    <message>
        <source>Fill with a picture</source>
        <translation>Remplir d&apos;une image</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>Images (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>no layer</source>
        <translation>aucun calque</translation>
    </message>
    <message>
        <source>no plain colour</source>
        <translation>aucune couleur unie</translation>
    </message>
    <message>
        <source>Choose parts here or by clicking them in the picture.</source>
        <translation>Choisissez des parties ici ou en cliquant dans l&apos;image.</translation>
    </message>
    <message>
        <source>%1 parts chosen</source>
        <translation>%1 parties choisies</translation>
    </message>
    <message>
        <source>Colour %1</source>
        <translation>Couleur %1</translation>
    </message>
    <message>
        <source>Change a colour</source>
        <translation>Changer une couleur</translation>
    </message>
    <message>
        <source>%1 combined parts: too many to count slivers among.</source>
        <translation>%1 parties combinées : trop pour y compter les lamelles.</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>et %1 de plus</translation>
    </message>
    <message>
        <source>%1: %2 mm²</source>
        <translation>%1 : %2 mm²</translation>
    </message>
    <message>
        <source>Combining parts may leave slivers.</source>
        <translation>Combiner des parties peut laisser des lamelles.</translation>
    </message>
    <message>
        <source>No slivers.</source>
        <translation>Pas de lamelles.</translation>
    </message>
    <message>
        <source>%1 printed, %2 cut</source>
        <translation>%1 imprimées, %2 coupées</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PhotoNet</name>
    <message>
        <source>The photograph, with the corners of what becomes flat</source>
        <translation>La photo, avec les coins de ce qui devient plat</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PreflightStrip</name>
    <message>
        <source>Preflight</source>
        <translation>Vérification</translation>
    </message>
    <message>
        <source>To fix</source>
        <translation>À corriger</translation>
    </message>
    <message>
        <source>Problems that would waste paper or a cut. Click for the list.</source>
        <translation>Des ennuis qui gâcheraient du papier ou une coupe. Cliquez pour la liste.</translation>
    </message>
    <message>
        <source>Things that may be meant. Click for the list.</source>
        <translation>Des choses peut-être voulues. Cliquez pour la liste.</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Montrer</translation>
    </message>
    <message>
        <source>Go to the place on the sheet.</source>
        <translation>Aller à l&apos;endroit sur la feuille.</translation>
    </message>
    <message>
        <source>Repair</source>
        <translation>Corriger</translation>
    </message>
    <message>
        <source>Repair this one. Undo takes it back.</source>
        <translation>Corriger celui-ci. Annuler le reprend.</translation>
    </message>
    <message>
        <source>Ignore</source>
        <translation>Ignorer</translation>
    </message>
    <message>
        <source>It is not told again as long as these copies lie where they are. Saved with the project.</source>
        <translation>Ce n&apos;est plus signalé tant que ces copies restent où elles sont. Enregistré avec le projet.</translation>
    </message>
    <message>
        <source>Ignored</source>
        <translation>Ignoré</translation>
    </message>
    <message>
        <source>Tell all that is ignored again.</source>
        <translation>Signaler encore tout ce qui est ignoré.</translation>
    </message>
    <message>
        <source>Tell all again</source>
        <translation>Tout signaler encore</translation>
    </message>
    <message>
        <source>%1 to fix</source>
        <translation>%1 à corriger</translation>
    </message>
    <message>
        <source>Nothing to fix</source>
        <translation>Rien à corriger</translation>
    </message>
    <message>
        <source>%1 to look at</source>
        <translation>%1 à regarder</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>La feuille est vide.</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>On regarde la feuille…</translation>
    </message>
    <message>
        <source>Everything lies inside the cut zone with room between.</source>
        <translation>Tout est dans la zone de coupe, avec de l&apos;espace entre.</translation>
    </message>
    <message>
        <source>Cut zone used %1 %</source>
        <translation>Zone de coupe utilisée à %1 %</translation>
    </message>
    <message>
        <source>To fix: </source>
        <translation>À corriger : </translation>
    </message>
    <message>
        <source>To look at: </source>
        <translation>À regarder : </translation>
    </message>
    <message>
        <source>Ignored (%1): tell again</source>
        <translation>Ignoré (%1) : signaler encore</translation>
    </message>
    <message>
        <source>The sheet has not been worked out yet.</source>
        <translation>La feuille n’est pas encore calculée.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintAct</name>
    <message>
        <source>Print</source>
        <translation>Imprimer</translation>
    </message>
    <message>
        <source>Practice print</source>
        <translation>Impression d&apos;exercice</translation>
    </message>
    <message>
        <source>Freezes the sheet into a ticket and shows what comes out of the printer, from the very PDF.</source>
        <translation>Fige la feuille en une fiche et montre ce qui sort de l&apos;imprimante, de ce PDF même.</translation>
    </message>
    <message>
        <source>On paper…</source>
        <translation>Sur papier…</translation>
    </message>
    <message>
        <source>Print on a printer of this computer, at actual size.</source>
        <translation>Imprimer sur une imprimante de cet ordinateur, à la taille réelle.</translation>
    </message>
    <message>
        <source>PDF…</source>
        <translation>PDF…</translation>
    </message>
    <message>
        <source>Save the sheet to print it elsewhere: at actual size, no fit to page, no borderless.</source>
        <translation>Enregistrez la feuille pour l&apos;imprimer ailleurs : à la taille réelle, sans ajuster à la page, avec marges.</translation>
    </message>
    <message>
        <source>Test…</source>
        <translation>Essai…</translation>
    </message>
    <message>
        <source>Outlines, marks and rulers for plain paper: hold it against the sticker paper before you print.</source>
        <translation>Contours, repères et règles pour papier ordinaire : tenez-le contre le papier autocollant avant d&apos;imprimer.</translation>
    </message>
    <message>
        <source>The sheet is empty: put copies on it first.</source>
        <translation>La feuille est vide : mettez-y d&apos;abord des copies.</translation>
    </message>
    <message>
        <source>This sheet cuts what lies on the photo board; it is not printed.</source>
        <translation>Cette feuille coupe ce qui est sur la planche photo ; elle ne s&apos;imprime pas.</translation>
    </message>
    <message>
        <source>The sheet is still being worked out. Print it in a moment.</source>
        <translation>La feuille est encore en calcul. Imprimez-la dans un instant.</translation>
    </message>
    <message>
        <source>The cutter is at work. Print when it is done.</source>
        <translation>La machine travaille. Imprimez quand elle a fini.</translation>
    </message>
    <message>
        <source>And %1 more.</source>
        <translation>Et %1 de plus.</translation>
    </message>
    <message>
        <source>Before it is printed</source>
        <translation>Avant d&apos;imprimer</translation>
    </message>
    <message numerus="yes">
        <source>%n things would waste this print:</source>
        <translation>
            <numerusform>Une chose gâcherait cette impression :</numerusform>
            <numerusform>%n choses gâcheraient cette impression :</numerusform>
        </translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Montrer</translation>
    </message>
    <message>
        <source>Print all the same</source>
        <translation>Imprimer tout de même</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Enregistrer sous</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>Saved %1 as ticket %2. Print it at actual size.</source>
        <translation>%1 enregistré comme fiche %2. Imprimez-la à la taille réelle.</translation>
    </message>
    <message>
        <source>Test on plain paper</source>
        <translation>Essai sur papier ordinaire</translation>
    </message>
    <message>
        <source>Outlines, marks and two rulers, on plain paper. Hold the print against the sticker paper, or measure the rulers: 100 mm must be 100 mm.</source>
        <translation>Contours, repères et deux règles, sur papier ordinaire. Tenez l&apos;impression contre le papier autocollant, ou mesurez les règles : 100 mm doivent faire 100 mm.</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimer…</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>Enregistrer en PDF…</translation>
    </message>
    <message>
        <source>plain paper test</source>
        <translation>essai sur papier ordinaire</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 enregistré.</translation>
    </message>
    <message>
        <source>printing…</source>
        <translation>impression…</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fait</translation>
    </message>
    <message>
        <source>the sheet is empty</source>
        <translation>la feuille est vide</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>prêt</translation>
    </message>
    <message>
        <source>Pictures and marks only, at actual size.</source>
        <translation>Images et repères seuls, à la taille réelle.</translation>
    </message>
    <message>
        <source>%1, at actual size.</source>
        <translation>%1, à la taille réelle.</translation>
    </message>
    <message>
        <source> Correction: %1 mm right, %2 mm down.</source>
        <translation> Correction : %1 mm à droite, %2 mm vers le bas.</translation>
    </message>
    <message>
        <source>This printer is set to borderless, which enlarges the page: the cut would miss its print.</source>
        <translation>Cette imprimante est réglée sans marges, ce qui agrandit la page : la coupe manquerait son impression.</translation>
    </message>
    <message>
        <source>This printer is set to scale pages: the cut would miss its print.</source>
        <translation>Cette imprimante est réglée pour mettre à l&apos;échelle : la coupe manquerait son impression.</translation>
    </message>
    <message>
        <source>What is there</source>
        <translation>Ce qui est là</translation>
    </message>
    <message>
        <source>What lies on the board is the print; nothing is printed.</source>
        <translation>Ce qui est sur la planche est l&apos;impression ; rien ne s&apos;imprime.</translation>
    </message>
    <message>
        <source>Take it anew</source>
        <translation>Le reprendre</translation>
    </message>
    <message>
        <source>Take it as it lies</source>
        <translation>La prendre comme elle est</translation>
    </message>
    <message>
        <source>Practice print again</source>
        <translation>Imprimer encore pour l&apos;exercice</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintFinder</name>
    <message>
        <source>Cuts on “%1” are moved by that from now on; this sheet has it already.</source>
        <translation>Les coupes sur « %1 » sont désormais déplacées d&apos;autant ; cette feuille l&apos;a déjà.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintedSheet</name>
    <message>
        <source>Pictures on this sheet cannot be read, so it is neither printed nor cut. %1</source>
        <translation>Des images de cette feuille ne peuvent pas être lues : elle n’est donc ni imprimée ni coupée. %1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrinterCard</name>
    <message>
        <source>Printer</source>
        <translation>Imprimante</translation>
    </message>
    <message>
        <source>Margins it cannot print</source>
        <translation>Marges non imprimables</translation>
    </message>
    <message>
        <source>Printer margins</source>
        <translation>Marges de l&apos;imprimante</translation>
    </message>
    <message>
        <source>As set in its print settings</source>
        <translation>Comme réglé pour l&apos;impression</translation>
    </message>
    <message>
        <source>Anything but 100 % spoils every size, and the cut misses its print.</source>
        <translation>Tout sauf 100 % fausse chaque taille, et la coupe manque son impression.</translation>
    </message>
    <message>
        <source>Scaling</source>
        <translation>Échelle</translation>
    </message>
    <message>
        <source>Print settings</source>
        <translation>Réglages d&apos;impression</translation>
    </message>
    <message>
        <source>Borderless</source>
        <translation>Sans marges</translation>
    </message>
    <message>
        <source>Correction of its prints</source>
        <translation>Correction de ses impressions</translation>
    </message>
    <message>
        <source>Prints come out too far left by this much, so they are moved right.</source>
        <translation>Les impressions sortent d&apos;autant trop à gauche, elles sont donc déplacées à droite.</translation>
    </message>
    <message>
        <source>Prints come out too high by this much, so they are moved down.</source>
        <translation>Les impressions sortent d&apos;autant trop haut, elles sont donc descendues.</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>Déplacer à droite</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Descendre</translation>
    </message>
    <message>
        <source>Correction</source>
        <translation>Correction</translation>
    </message>
    <message>
        <source>Stretch width to</source>
        <translation>Étirer la largeur à</translation>
    </message>
    <message>
        <source>Stretch height to</source>
        <translation>Étirer la hauteur à</translation>
    </message>
    <message>
        <source>Save this printer as…</source>
        <translation>Enregistrer cette imprimante sous…</translation>
    </message>
    <message>
        <source>Keeps margins, settings and correction under a name, for other projects.</source>
        <translation>Garde marges, réglages et correction sous un nom, pour d&apos;autres projets.</translation>
    </message>
    <message>
        <source>Save this printer</source>
        <translation>Enregistrer cette imprimante</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Any printer</source>
        <translation>Toute imprimante</translation>
    </message>
    <message>
        <source>any printer</source>
        <translation>toute imprimante</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Project</name>
    <message>
        <source>Opening “%1”</source>
        <translation>Ouverture de « %1 »</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Nouveau projet</translation>
    </message>
    <message>
        <source>Saving “%1”</source>
        <translation>Enregistrement de « %1 »</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies, and this would be %L2. Nothing was changed.</source>
        <translation>Un projet contient au plus %L1 copies, et il y en aurait %L2. Rien n’a été modifié.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ProjectFiles</name>
    <message>
        <source>Open project</source>
        <translation>Ouvrir un projet</translation>
    </message>
    <message>
        <source>Fusuma projects (*.fusuma)</source>
        <translation>Projets Fusuma (*.fusuma)</translation>
    </message>
    <message>
        <source>Save project</source>
        <translation>Enregistrer le projet</translation>
    </message>
    <message>
        <source>Fusuma projects</source>
        <translation>Projets Fusuma</translation>
    </message>
    <message>
        <source>Changed on disk</source>
        <translation>Changé sur le disque</translation>
    </message>
    <message>
        <source>“%1” was written by somebody else since it was opened here. Saving would replace what they saved.</source>
        <translation>« %1 » a été écrit par quelqu&apos;un d&apos;autre depuis son ouverture ici. Enregistrer remplacerait ce qui y est.</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Le remplacer</translation>
    </message>
    <message>
        <source>Save under another name…</source>
        <translation>Enregistrer sous un autre nom…</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Changements non enregistrés</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>« %1 » a des changements non enregistrés.</translation>
    </message>
    <message>
        <source>The pictures were for the project that could not be opened, and are left out.</source>
        <translation>Les images étaient pour le projet qui n&apos;a pu être ouvert, et sont laissées.</translation>
    </message>
    <message>
        <source>A file that takes long</source>
        <translation>Un fichier qui prend du temps</translation>
    </message>
    <message numerus="yes">
        <source>Files may take up to %n minute(s) then, until Fusuma is closed; Stop ends it at any time.</source>
        <translation>
            <numerusform>Les fichiers pourront alors prendre jusqu’à %n minute, jusqu’à la fermeture de Fusuma ; « Arrêter » y met fin à tout moment.</numerusform>
            <numerusform>Les fichiers pourront alors prendre jusqu’à %n minutes, jusqu’à la fermeture de Fusuma ; « Arrêter » y met fin à tout moment.</numerusform>
        </translation>
    </message>
    <message>
        <source>Give it more time</source>
        <translation>Lui laisser plus de temps</translation>
    </message>
    <message>
        <source>Go on without it</source>
        <translation>Continuer sans lui</translation>
    </message>
</context>
<context>
    <name>fusuma::app::QuickPicks</name>
    <message>
        <source>%1, typed before</source>
        <translation>%1, saisi avant</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Recovery</name>
    <message>
        <source>What was kept of “%1” cannot be read. It stays in %2.</source>
        <translation>Ce qui a été gardé de « %1 » est illisible. Cela reste dans %2.</translation>
    </message>
    <message>
        <source>Unsaved work cannot be kept aside, so a crash would lose it. Save the project. %1</source>
        <translation>Le travail non enregistré ne peut pas être mis de côté, un arrêt brutal le perdrait donc. Enregistrez le projet. %1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::RehearsalView</name>
    <message>
        <source>The sheet in the cutter</source>
        <translation>La feuille dans la machine</translation>
    </message>
    <message>
        <source>Time of the cut</source>
        <translation>Temps de la coupe</translation>
    </message>
    <message>
        <source>Go through the cut line by line.</source>
        <translation>Parcourir la coupe ligne à ligne.</translation>
    </message>
    <message>
        <source>The page before</source>
        <translation>La page précédente</translation>
    </message>
    <message>
        <source>The next page</source>
        <translation>La page suivante</translation>
    </message>
    <message>
        <source>line %1 of %2 · %3</source>
        <translation>ligne %1 sur %2 · %3</translation>
    </message>
    <message>
        <source>Planned: as it will be printed and cut</source>
        <translation>Prévu : comme ce sera imprimé et coupé</translation>
    </message>
    <message>
        <source>A moment…</source>
        <translation>Un instant…</translation>
    </message>
    <message>
        <source>Nothing to print yet</source>
        <translation>Rien à imprimer encore</translation>
    </message>
    <message>
        <source>Printing…</source>
        <translation>Impression…</translation>
    </message>
    <message>
        <source>Printed, not in the machine yet</source>
        <translation>Imprimée, pas encore dans la machine</translation>
    </message>
    <message>
        <source>Looking for the marks…</source>
        <translation>On cherche les repères…</translation>
    </message>
    <message>
        <source>Point at the marks</source>
        <translation>Montrer les repères</translation>
    </message>
    <message>
        <source>The print was not found</source>
        <translation>L&apos;impression n&apos;a pas été trouvée</translation>
    </message>
    <message>
        <source>Rehearsal: as the cut will come out</source>
        <translation>Répétition : comme la coupe sortira</translation>
    </message>
    <message>
        <source>Paused: click the line to go on with</source>
        <translation>En pause : cliquez la ligne où reprendre</translation>
    </message>
    <message>
        <source>The connection dropped</source>
        <translation>La connexion est tombée</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Coupe en cours</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Page %1 sur %2</translation>
    </message>
    <message>
        <source>Working out what will be printed and cut…</source>
        <translation>Calcul de ce qui sera imprimé et coupé…</translation>
    </message>
    <message>
        <source>Put copies on the sheet, and what will be printed and cut is rehearsed here, line by line.</source>
        <translation>Mettez des copies sur la feuille, et ce qui sera imprimé et coupé est répété ici, ligne à ligne.</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>non trouvée</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Flèches</translation>
    </message>
    <message>
        <source>Move the head over a mark by 0.5 mm; with Shift 5 mm, with Alt 0.05 mm</source>
        <translation>Déplacer la tête de 0,5 mm sur un repère ; avec Maj 5 mm, avec Alt 0,05 mm</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Entrée</translation>
    </message>
    <message>
        <source>The mark is here</source>
        <translation>Le repère est ici</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Retour arrière</translation>
    </message>
    <message>
        <source>Back to the mark before</source>
        <translation>Revenir au repère d&apos;avant</translation>
    </message>
    <message>
        <source>Mark %1 of %2</source>
        <translation>Repère %1 sur %2</translation>
    </message>
    <message>
        <source>to be pointed at now</source>
        <translation>à montrer maintenant</translation>
    </message>
    <message>
        <source>not looked for yet</source>
        <translation>pas encore cherchée</translation>
    </message>
    <message>
        <source>found</source>
        <translation>trouvée</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ScreenSizeDialog</name>
    <message>
        <source>The screen&apos;s size</source>
        <translation>La taille de l&apos;écran</translation>
    </message>
    <message>
        <source>Hold a bank card or any card of that size against the screen, and move the slider until the drawn card is just as large. Then 1:1 on the Sheet is true.</source>
        <translation>Tenez une carte bancaire ou de cette taille contre l&apos;écran, et bougez le curseur jusqu&apos;à ce que la carte dessinée soit aussi grande. Alors 1:1 sur la Feuille est vrai.</translation>
    </message>
    <message>
        <source>Size of the card</source>
        <translation>Taille de la carte</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Searches</name>
    <message>
        <source>%1: the project was changed meanwhile, so nothing came of it.</source>
        <translation>%1 : le projet a été modifié entre-temps, il n&apos;en est donc rien resté.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SelectionCard</name>
    <message>
        <source>Click a copy to select it, drag a frame round several, or press Ctrl+A for all of the page.</source>
        <translation>Cliquez une copie pour la choisir, tirez un cadre sur plusieurs, ou Ctrl+A pour toute la page.</translation>
    </message>
    <message>
        <source>Middle from left</source>
        <translation>Milieu depuis la gauche</translation>
    </message>
    <message>
        <source>Middle from top</source>
        <translation>Milieu depuis le haut</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>Largeur finie</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>Hauteur finie</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Tourner</translation>
    </message>
    <message>
        <source>Of the cut line. The border keeps its millimetres, the art makes up the rest.</source>
        <translation>De la ligne de coupe. La bordure garde ses millimètres, le motif fait le reste.</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Déplacer</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>Changer la taille des copies</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Refléter</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Ordre</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Dupliquer</translation>
    </message>
    <message>
        <source>Another copy in the nearest free place (Ctrl+D). Or drag with Ctrl.</source>
        <translation>Une autre copie à la place libre la plus proche (Ctrl+D). Ou glissez avec Ctrl.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>Take the selected copies off the sheet (Delete). The sticker stays in the tray.</source>
        <translation>Ôter les copies choisies de la feuille (Suppr). L&apos;autocollant reste dans le plateau.</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Verrouiller</translation>
    </message>
    <message>
        <source>Locked copies stay where they are, when filling too.</source>
        <translation>Les copies verrouillées restent où elles sont, même au remplissage.</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Déverrouiller</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Grouper</translation>
    </message>
    <message>
        <source>Grouped copies are selected and moved together (Ctrl+G).</source>
        <translation>Les copies groupées se choisissent et se déplacent ensemble (Ctrl+G).</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>Dégrouper</translation>
    </message>
    <message>
        <source>Mirror ↔</source>
        <translation>Refléter ↔</translation>
    </message>
    <message>
        <source>Exchange left and right.</source>
        <translation>Échange gauche et droite.</translation>
    </message>
    <message>
        <source>Mirror ↕</source>
        <translation>Refléter ↕</translation>
    </message>
    <message>
        <source>Exchange top and bottom.</source>
        <translation>Échange haut et bas.</translation>
    </message>
    <message>
        <source>To front</source>
        <translation>Devant</translation>
    </message>
    <message>
        <source>Above all other copies (Ctrl+Shift+]).</source>
        <translation>Au-dessus de toutes les autres copies (Ctrl+Maj+]).</translation>
    </message>
    <message>
        <source>To back</source>
        <translation>Derrière</translation>
    </message>
    <message>
        <source>Below all other copies (Ctrl+Shift+[).</source>
        <translation>Sous toutes les autres copies (Ctrl+Maj+[).</translation>
    </message>
    <message>
        <source>Line up the left edges</source>
        <translation>Aligner les bords de gauche</translation>
    </message>
    <message>
        <source>Line up the middles from left to right</source>
        <translation>Aligner les milieux, de gauche à droite</translation>
    </message>
    <message>
        <source>Line up the right edges</source>
        <translation>Aligner les bords de droite</translation>
    </message>
    <message>
        <source>Line up the top edges</source>
        <translation>Aligner les bords du haut</translation>
    </message>
    <message>
        <source>Line up the middles from top to bottom</source>
        <translation>Aligner les milieux, de haut en bas</translation>
    </message>
    <message>
        <source>Line up the bottom edges</source>
        <translation>Aligner les bords du bas</translation>
    </message>
    <message>
        <source>; a single copy with the cut zone.</source>
        <translation>; une copie seule, avec la zone de coupe.</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>Aligner</translation>
    </message>
    <message>
        <source>Equal room between, from left to right</source>
        <translation>Même espace entre elles, de gauche à droite</translation>
    </message>
    <message>
        <source>Equal room between, from top to bottom</source>
        <translation>Même espace entre elles, de haut en bas</translation>
    </message>
    <message>
        <source>Distribute</source>
        <translation>Répartir</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Colonnes</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Rangées</translation>
    </message>
    <message>
        <source>Repeat</source>
        <translation>Répétition</translation>
    </message>
    <message>
        <source>Copies of what is selected in so many columns and rows, a gap apart.</source>
        <translation>Copies du choix en tant de colonnes et de rangées, avec un écart.</translation>
    </message>
    <message>
        <source>nothing selected</source>
        <translation>rien de choisi</translation>
    </message>
    <message>
        <source>%1 copies</source>
        <translation>%1 copies</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPage</name>
    <message>
        <source>Marks</source>
        <translation>Repères</translation>
    </message>
    <message>
        <source>Size, place and cutter…</source>
        <translation>Taille, place et machine…</translation>
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
        <translation>Copies</translation>
    </message>
    <message>
        <source>Selection</source>
        <translation>Choix</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>Repères et machine</translation>
    </message>
    <message>
        <source>Printer</source>
        <translation>Imprimante</translation>
    </message>
    <message>
        <source>Largest sticker that fits an empty sheet</source>
        <translation>Le plus grand autocollant d&apos;une feuille vide</translation>
    </message>
    <message>
        <source>it lies there already</source>
        <translation>il y est déjà</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n copie</numerusform>
            <numerusform>%n copies</numerusform>
        </translation>
    </message>
    <message>
        <source>The margins leave nowhere to cut on this paper.</source>
        <translation>Les marges ne laissent rien à couper sur ce papier.</translation>
    </message>
    <message>
        <source>%1 on %2, %3 % of the cut zone used</source>
        <translation>%1 sur %2, %3 % de la zone de coupe utilisés</translation>
    </message>
    <message>
        <source>the sheet</source>
        <translation>la feuille</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n page</numerusform>
            <numerusform>%n pages</numerusform>
        </translation>
    </message>
    <message>
        <source>Shared cuts spare %1 of cutting</source>
        <translation>Les coupes communes épargnent %1 de coupe</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetView</name>
    <message>
        <source>Sheet</source>
        <translation>Feuille</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Plus petit</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Plus grand</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Ajuster</translation>
    </message>
    <message>
        <source>Show the whole sheet</source>
        <translation>Montrer toute la feuille</translation>
    </message>
    <message>
        <source>1:1</source>
        <translation>1:1</translation>
    </message>
    <message>
        <source>As large as it will be on paper. If a ruler disagrees, set your screen&apos;s size in the View menu.</source>
        <translation>Aussi grand que sur le papier. Si une règle dit autre chose, donnez la taille de votre écran dans le menu Vue.</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Mesurer</translation>
    </message>
    <message>
        <source>Drag between two places to measure between them (M).</source>
        <translation>Tirez entre deux endroits pour mesurer entre eux (M).</translation>
    </message>
    <message>
        <source>The page before (Page up)</source>
        <translation>La page précédente (Page préc.)</translation>
    </message>
    <message>
        <source>The next page (Page down)</source>
        <translation>La page suivante (Page suiv.)</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>Ajouter une page</translation>
    </message>
    <message>
        <source>Another page of the same paper.</source>
        <translation>Une autre page du même papier.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Page %1 sur %2</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>verrouillée</translation>
    </message>
    <message>
        <source>%1, %2 by %3, %4 from the left, %5 from the top</source>
        <translation>%1, %2 sur %3, à %4 de la gauche, à %5 du haut</translation>
    </message>
    <message>
        <source>, locked</source>
        <translation>, verrouillée</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>Repère %1</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Flèches</translation>
    </message>
    <message>
        <source>Move the copies chosen by 1 mm; with Shift 10 mm, with Alt 0.1 mm</source>
        <translation>Déplacer les copies choisies de 1 mm ; avec Maj 10 mm, avec Alt 0,1 mm</translation>
    </message>
    <message>
        <source>Comma, full stop</source>
        <translation>Virgule, point</translation>
    </message>
    <message>
        <source>Turn them by 15°; with Alt by 1°</source>
        <translation>Les tourner de 15° ; avec Alt de 1°</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Page préc., Page suiv.</translation>
    </message>
    <message>
        <source>The page before, the next page</source>
        <translation>La page précédente, la page suivante</translation>
    </message>
    <message>
        <source>M</source>
        <translation>M</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Échap</translation>
    </message>
    <message>
        <source>Take back what is being done; choose nothing</source>
        <translation>Reprendre ce qui se fait ; ne rien choisir</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Tourner</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SlipPanel</name>
    <message>
        <source>What if it slips?</source>
        <translation>Et si ça se décale ?</translation>
    </message>
    <message>
        <source>Shift the cut against the print and look.</source>
        <translation>Décalez la coupe de l&apos;impression et regardez.</translation>
    </message>
    <message>
        <source>Shift right</source>
        <translation>Décalage à droite</translation>
    </message>
    <message>
        <source>Shift down</source>
        <translation>Décalage vers le bas</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Tourner</translation>
    </message>
    <message>
        <source>Stickers that would show it</source>
        <translation>Autocollants qui le montreraient</translation>
    </message>
    <message>
        <source>slip %1 mm</source>
        <translation>décalage %1 mm</translation>
    </message>
    <message>
        <source>Widens borders and bleeds of the stickers that need it. One step that can be undone.</source>
        <translation>Élargit bordures et fonds perdus des autocollants qui en ont besoin. Un pas qui s&apos;annule.</translation>
    </message>
    <message>
        <source>Make stickers safe</source>
        <translation>Assurer des autocollants</translation>
    </message>
    <message>
        <source>Try 1000 sheets</source>
        <translation>Essayer 1000 feuilles</translation>
    </message>
    <message>
        <source>Slips as a usual machine makes them: 0.25 mm each way and 0.06° of turn, as standard deviations.</source>
        <translation>Des décalages comme en fait une machine ordinaire : 0,25 mm dans chaque sens et 0,06° de rotation, en écart type.</translation>
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
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>La feuille est vide.</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>On regarde la feuille…</translation>
    </message>
    <message>
        <source>No slip.</source>
        <translation>Pas de décalage.</translation>
    </message>
    <message>
        <source>All %1 stay clean.</source>
        <translation>Les %1 restent propres.</translation>
    </message>
    <message>
        <source>1 of %1 shows a fault.</source>
        <translation>1 sur %1 montre un défaut.</translation>
    </message>
    <message>
        <source>%1 of %2 show a fault.</source>
        <translation>%1 sur %2 montrent un défaut.</translation>
    </message>
    <message>
        <source>borders up to %1</source>
        <translation>bordures jusqu&apos;à %1</translation>
    </message>
    <message>
        <source>bleeds up to %1</source>
        <translation>fonds perdus jusqu&apos;à %1</translation>
    </message>
    <message>
        <source>no bleed of another colour round white borders</source>
        <translation>pas de fond perdu d&apos;une autre couleur autour des bordures blanches</translation>
    </message>
    <message>
        <source>%1 would keep every sticker clean up to a slip of %2 mm.</source>
        <translation>%1 garderait chaque autocollant propre jusqu&apos;à un décalage de %2 mm.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> et </translation>
    </message>
    <message>
        <source>Every sticker bears a slip of 1 mm.</source>
        <translation>Chaque autocollant supporte un décalage de 1 mm.</translation>
    </message>
    <message>
        <source>Neighbours or marks lie too near. Fill the sheet with a wider gap, or move copies apart.</source>
        <translation>Des voisins ou repères sont trop près. Remplissez la feuille avec plus d&apos;écart, ou écartez des copies.</translation>
    </message>
    <message>
        <source>Make %1 safe</source>
        <translation>Assurer %1</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n autocollant</numerusform>
            <numerusform>%n autocollants</numerusform>
        </translation>
    </message>
    <message>
        <source>Make safe for a slip of %1 mm</source>
        <translation>Assurer pour un décalage de %1 mm</translation>
    </message>
    <message>
        <source>Changed. Print again to use it: the ticket in hand stays as it was printed.</source>
        <translation>Changé. Imprimez de nouveau pour en profiter : la fiche en main reste telle qu&apos;imprimée.</translation>
    </message>
    <message>
        <source>Trying %1 sheets…</source>
        <translation>Essai de %1 feuilles…</translation>
    </message>
    <message>
        <source>%1 % of sheets come out with every sticker clean; on average %2 of %3 show a fault.</source>
        <translation>%1 % des feuilles sortent avec tous les autocollants propres ; en moyenne %2 sur %3 montrent un défaut.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StartPage</name>
    <message>
        <source>Open %1</source>
        <translation>Ouvrir %1</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>aucune image</translation>
    </message>
    <message>
        <source>Begin a sheet of stickers</source>
        <translation>Commencer une feuille d&apos;autocollants</translation>
    </message>
    <message>
        <source>Drop pictures or drawings anywhere on this window, or take one of these.</source>
        <translation>Déposez images ou dessins sur cette fenêtre, ou prenez l&apos;une de celles-ci.</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Ajouter un motif…</translation>
    </message>
    <message>
        <source>A picture or a drawing as a new sticker.</source>
        <translation>Une image ou un dessin comme nouvel autocollant.</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Nouvelle étiquette…</translation>
    </message>
    <message>
        <source>A label with words on it; one, or a whole list.</source>
        <translation>Une étiquette avec des mots ; une, ou toute une liste.</translation>
    </message>
    <message>
        <source>From camera or scanner</source>
        <translation>D&apos;un appareil ou d&apos;un scanner</translation>
    </message>
    <message>
        <source>What is drawn, stamped or painted on paper.</source>
        <translation>Ce qui est dessiné, tamponné ou peint sur papier.</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>Ouvrir l&apos;exemple</translation>
    </message>
    <message>
        <source>The Tide Fair&apos;s sheets, to look round and try things on.</source>
        <translation>Les feuilles de la Tide Fair, pour regarder et essayer.</translation>
    </message>
    <message>
        <source>A photograph…</source>
        <translation>Une photo…</translation>
    </message>
    <message>
        <source>A scanner…</source>
        <translation>Un scanner…</translation>
    </message>
    <message>
        <source>Photo board to print…</source>
        <translation>Planche photo à imprimer…</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>Projets récents</translation>
    </message>
    <message>
        <source>From art to sticker</source>
        <translation>Du motif à l&apos;autocollant</translation>
    </message>
    <message>
        <source>1  Bring the art</source>
        <translation>1  Apportez le motif</translation>
    </message>
    <message>
        <source>A file, a scan or a photograph. Its background goes by itself, or with a click.</source>
        <translation>Un fichier, un scan ou une photo. Son fond part tout seul, ou d&apos;un clic.</translation>
    </message>
    <message>
        <source>2  Give it a border</source>
        <translation>2  Donnez-lui une bordure</translation>
    </message>
    <message>
        <source>A cut line follows the outline, as far out as you like.</source>
        <translation>Une ligne de coupe suit le contour, aussi loin que vous voulez.</translation>
    </message>
    <message>
        <source>3  Fill a sheet</source>
        <translation>3  Remplissez une feuille</translation>
    </message>
    <message>
        <source>Print it with its marks, lay it in the cutter, cut along the lines.</source>
        <translation>Imprimez-la avec ses repères, posez-la dans la machine, coupez le long des lignes.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StepsPanel</name>
    <message>
        <source>all steps stay live</source>
        <translation>toutes les étapes restent vives</translation>
    </message>
    <message>
        <source>Artwork</source>
        <translation>Motif</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Fond</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contour</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Bordure</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Fond perdu</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Taille</translation>
    </message>
    <message>
        <source>Finished size</source>
        <translation>Taille finie</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>Mettre sur la feuille</translation>
    </message>
    <message>
        <source>Place one copy in the first free place and go to the Sheet.</source>
        <translation>Poser une copie à la première place libre et aller à la Feuille.</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Parties</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Étiquette</translation>
    </message>
    <message>
        <source>Cluster</source>
        <translation>Ensemble</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Artwork width</source>
        <translation>Largeur du motif</translation>
    </message>
    <message>
        <source>Artwork height</source>
        <translation>Hauteur du motif</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>Largeur finie</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>Hauteur finie</translation>
    </message>
    <message>
        <source>Finished widths</source>
        <translation>Largeurs finies</translation>
    </message>
    <message>
        <source>Size as in the file</source>
        <translation>Taille comme dans le fichier</translation>
    </message>
    <message>
        <source>Back to the size that the picture&apos;s own density gives it.</source>
        <translation>Revenir à la taille que donne la densité de l&apos;image.</translation>
    </message>
    <message>
        <source>No sticker yet</source>
        <translation>Pas encore d&apos;autocollant</translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>rien à couper</translation>
    </message>
    <message>
        <source>Nothing is left to cut. Look at the Background and Border steps.</source>
        <translation>Il ne reste rien à couper. Voyez les étapes Fond et Bordure.</translation>
    </message>
    <message>
        <source>The whole rectangle is the outline. The Background step can take a colour away.</source>
        <translation>Le rectangle entier est le contour. L&apos;étape Fond peut retirer une couleur.</translation>
    </message>
    <message>
        <source>Falls into %1 pieces. The Border step can join them.</source>
        <translation>Tombe en %1 morceaux. L&apos;étape Bordure peut les relier.</translation>
    </message>
    <message>
        <source>One piece.</source>
        <translation>Un morceau.</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>%1 de large</translation>
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
        <translation>Dupliquer %1</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Renommer</translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>Déplacer dans le plateau</translation>
    </message>
    <message>
        <source>Remove a sticker</source>
        <translation>Enlever un autocollant</translation>
    </message>
    <message>
        <source>Remove “%1” from the project?</source>
        <translation>Enlever « %1 » du projet ?</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its copy on the sheet?</source>
        <translation>Enlever « %1 » du projet, avec sa copie sur la feuille ?</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its %2 copies on the sheet?</source>
        <translation>Enlever « %1 » du projet, avec ses %2 copies sur la feuille ?</translation>
    </message>
    <message>
        <source>Undo brings all of it back.</source>
        <translation>Annuler ramène tout.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>La garder</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>Enlever %1</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>Remplacer le motif</translation>
    </message>
    <message>
        <source>Put one on the sheet</source>
        <translation>En mettre un sur la feuille</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>Remplacer le motif…</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Dupliquer</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Monter</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Descendre</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>Enlever du projet…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Tray</name>
    <message>
        <source>Tray</source>
        <translation>Plateau</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Ajouter un motif…</translation>
    </message>
    <message>
        <source>Bring in a picture or a drawing as a new sticker. You can also drop files on the window.</source>
        <translation>Apportez une image ou un dessin comme nouvel autocollant. Vous pouvez aussi déposer des fichiers sur la fenêtre.</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Nouvelle étiquette…</translation>
    </message>
    <message>
        <source>A label with words on it, or words as a sticker; one, or a whole list.</source>
        <translation>Une étiquette avec des mots, ou des mots comme autocollant ; une, ou toute une liste.</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n autocollant</numerusform>
            <numerusform>%n autocollants</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n copie</numerusform>
            <numerusform>%n copies</numerusform>
        </translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>Déplacer dans le plateau</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Windows</name>
    <message>
        <source>“%1” is open in this window already.</source>
        <translation>« %1 » est déjà ouvert dans cette fenêtre.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::WorkingOut</name>
    <message>
        <source>Stopped. The rest is worked out with the next change.</source>
        <translation>Arrêté. Le reste sera calculé à la prochaine modification.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ZoomView</name>
    <message>
        <source>Tab, Shift+Tab</source>
        <translation>Tab, Maj+Tab</translation>
    </message>
    <message>
        <source>The next copy, node or part, and the one before</source>
        <translation>La copie, le nœud ou la partie d&apos;après, et d&apos;avant</translation>
    </message>
    <message>
        <source>Ctrl+arrows</source>
        <translation>Ctrl+flèches</translation>
    </message>
    <message>
        <source>The nearest one on that side</source>
        <translation>Le plus proche de ce côté</translation>
    </message>
    <message>
        <source>Space, held</source>
        <translation>Espace, tenue</translation>
    </message>
    <message>
        <source>Drag the view</source>
        <translation>Glisser la vue</translation>
    </message>
    <message>
        <source>F8, then arrows</source>
        <translation>F8, puis flèches</translation>
    </message>
    <message>
        <source>Move the pointer; with Shift far, with Alt a pixel</source>
        <translation>Déplacer le pointeur ; avec Maj loin, avec Alt d&apos;un pixel</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Entrée</translation>
    </message>
    <message>
        <source>With that pointer: take hold, and let go</source>
        <translation>Avec ce pointeur : saisir, et lâcher</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Échap</translation>
    </message>
    <message>
        <source>With that pointer: put it away</source>
        <translation>Avec ce pointeur : le poser</translation>
    </message>
</context>
<context>
    <name>options</name>
    <message>
        <source>print the version and end</source>
        <translation>affiche la version et se termine</translation>
    </message>
    <message>
        <source>Fusuma&apos;s thumbnailer: takes the picture of a project&apos;s first sheet out of it, for file managers</source>
        <translation>Vignettes de Fusuma : tire d&apos;un projet l&apos;image de sa première feuille, pour les gestionnaires de fichiers</translation>
    </message>
    <message>
        <source>a .fusuma project</source>
        <translation>un projet .fusuma</translation>
    </message>
    <message>
        <source>where the picture goes</source>
        <translation>où va l&apos;image</translation>
    </message>
    <message>
        <source>pixels along its longer side</source>
        <translation>pixels sur son plus grand côté</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice camera: photographs a flat thing as a telephone would, with whatever faults are asked for</source>
        <translation>Appareil photo d&apos;exercice de Fusuma : photographie une chose plate comme le ferait un téléphone, avec les défauts demandés</translation>
    </message>
    <message>
        <source>what lies on the table, seen from above</source>
        <translation>ce qui est posé sur la table, vu d&apos;en haut</translation>
    </message>
    <message>
        <source>JPEG file</source>
        <translation>fichier JPEG</translation>
    </message>
    <message>
        <source>its size: a paper&apos;s name or WxH in mm; by its density when not given</source>
        <translation>sa taille : le nom d&apos;un papier ou LxH en mm ; sans indication, d&apos;après sa résolution</translation>
    </message>
    <message>
        <source>pixels across</source>
        <translation>pixels en largeur</translation>
    </message>
    <message>
        <source>pixels down</source>
        <translation>pixels en hauteur</translation>
    </message>
    <message>
        <source>share of the picture that it fills</source>
        <translation>part de l&apos;image qu&apos;elle occupe</translation>
    </message>
    <message>
        <source>degrees from straight above</source>
        <translation>degrés par rapport à la verticale</translation>
    </message>
    <message>
        <source>degrees, the side it is tilted to</source>
        <translation>degrés, le côté vers lequel il penche</translation>
    </message>
    <message>
        <source>degrees, clockwise</source>
        <translation>degrés, dans le sens des aiguilles d&apos;une montre</translation>
    </message>
    <message>
        <source>how the lens bends</source>
        <translation>combien l&apos;objectif déforme</translation>
    </message>
    <message>
        <source>light at the darkest corner, as a share</source>
        <translation>lumière dans le coin le plus sombre, en fraction</translation>
    </message>
    <message>
        <source>none, soft or hard</source>
        <translation>none, soft ou hard (sans ombre, douce ou dure)</translation>
    </message>
    <message>
        <source>pixels</source>
        <translation>pixels</translation>
    </message>
    <message>
        <source>grey values</source>
        <translation>valeurs de gris</translation>
    </message>
    <message>
        <source>of the JPEG</source>
        <translation>du JPEG</translation>
    </message>
    <message>
        <source>of noise and shadow</source>
        <translation>du bruit et de l&apos;ombre</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice cutter: listens for HP-GL on a local port and draws the cut over a printed sheet</source>
        <translation>Machine de découpe d&apos;exercice de Fusuma : reçoit du HP-GL sur un port local et dessine la coupe sur une feuille imprimée</translation>
    </message>
    <message>
        <source>the printed sheet, a picture from the practice printer</source>
        <translation>la feuille imprimée, une image de l&apos;imprimante d&apos;exercice</translation>
    </message>
    <message>
        <source>where the cut sheet goes, as PNG</source>
        <translation>où va la feuille coupée, en PNG</translation>
    </message>
    <message>
        <source>TCP port on this machine; 0 takes a free one</source>
        <translation>port TCP de cet ordinateur ; 0 en prend un libre</translation>
    </message>
    <message>
        <source>the sheet&apos;s paper: a4, letter or WxH in mm</source>
        <translation>le papier de la feuille : a4, letter ou LxH en mm</translation>
    </message>
    <message>
        <source>blade speed in mm/s; 0 cuts at once</source>
        <translation>vitesse de la lame en mm/s ; 0 coupe aussitôt</translation>
    </message>
    <message>
        <source>also serve as a serial port, on a pseudo-terminal</source>
        <translation>sert aussi de port série, sur un pseudo-terminal</translation>
    </message>
    <message>
        <source>mm that the blade&apos;s tip trails its axis</source>
        <translation>mm dont la pointe de la lame suit son axe</translation>
    </message>
    <message>
        <source>mm of play in its axes</source>
        <translation>mm de jeu dans ses axes</translation>
    </message>
    <message>
        <source>drop the connection after so many runs</source>
        <translation>coupe la connexion après tant de tracés</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice printer: turns a PDF into the picture of the printed sheet</source>
        <translation>Imprimante d&apos;exercice de Fusuma : fait d&apos;un PDF l&apos;image de la feuille imprimée</translation>
    </message>
    <message>
        <source>the file to print</source>
        <translation>le fichier à imprimer</translation>
    </message>
    <message>
        <source>where the printed sheet goes, as PNG</source>
        <translation>où va la feuille imprimée, en PNG</translation>
    </message>
    <message>
        <source>dots per inch</source>
        <translation>points par pouce</translation>
    </message>
    <message>
        <source>border in mm, negative inward</source>
        <translation>bordure en mm, négative vers l&apos;intérieur</translation>
    </message>
    <message>
        <source>round, mitre or bevel</source>
        <translation>round, mitre ou bevel (rond, en pointe, biseauté)</translation>
    </message>
    <message>
        <source>longest tip of a mitre as a multiple of the border&apos;s width</source>
        <translation>pointe la plus longue d&apos;un coin, en multiple de la largeur de la bordure</translation>
    </message>
    <message>
        <source>the border grows with copies of another size</source>
        <translation>la bordure grandit avec les copies d&apos;une autre taille</translation>
    </message>
    <message>
        <source>keep, close, or close-under=MM2</source>
        <translation>keep, close ou close-under=MM2</translation>
    </message>
    <message>
        <source>close the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>ferme le trou en X,Y (pixels), quoi que dise --holes ; peut être répété</translation>
    </message>
    <message>
        <source>keep the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>garde le trou en X,Y (pixels), quoi que dise --holes ; peut être répété</translation>
    </message>
    <message>
        <source>pieces of the border closer than this many mm become one</source>
        <translation>les morceaux de la bordure à moins de tant de mm n&apos;en font qu&apos;un</translation>
    </message>
    <message>
        <source>bridge all pieces, however far apart</source>
        <translation>relie tous les morceaux, si loin qu&apos;ils soient</translation>
    </message>
    <message>
        <source>fill inlets narrower than this many mm</source>
        <translation>comble les creux plus étroits que tant de mm</translation>
    </message>
    <message>
        <source>cut off spikes thinner than this many mm</source>
        <translation>coupe les pointes plus fines que tant de mm</translation>
    </message>
    <message>
        <source>a printed rim inside the border as WIDTH,FILL, from the art outward, FILL as for --border-fill; may be repeated</source>
        <translation>un liseré imprimé dans la bordure, sous la forme LARGEUR,FOND, du motif vers l&apos;extérieur, FOND comme pour --border-fill ; peut être répété</translation>
    </message>
    <message>
        <source>what the border is printed with: clear, art (its colours carried outward), #RRGGBB, or dots= or stripes= with #RRGGBB,#RRGGBB[,PITCH]</source>
        <translation>ce qui est imprimé sur la bordure : clear, art (ses couleurs prolongées), #RRGGBB, ou dots= ou stripes= avec #RRGGBB,#RRGGBB[,PAS]</translation>
    </message>
    <message>
        <source>print continues this many mm past the cut line</source>
        <translation>l&apos;impression continue de tant de mm au-delà de la ligne de coupe</translation>
    </message>
    <message>
        <source>art (default) or rim: what the bleed is printed with</source>
        <translation>art (par défaut) ou rim : ce qui est imprimé sur le fond perdu</translation>
    </message>
    <message>
        <source>a further line to cut through points X,Y,X,Y,… (pixels), closed when it ends where it begins; may be repeated</source>
        <translation>une autre ligne de coupe par les points X,Y,X,Y,… (pixels), fermée si elle finit où elle commence ; peut être répété</translation>
    </message>
    <message>
        <source>do not cut the line nearest to X,Y (pixels); may be repeated</source>
        <translation>ne coupe pas la ligne la plus proche de X,Y (pixels) ; peut être répété</translation>
    </message>
    <message>
        <source>take a PDF&apos;s page as a drawing instead of as a picture</source>
        <translation>prend la page d&apos;un PDF comme dessin et non comme image</translation>
    </message>
    <message>
        <source>of a drawing: round (cut only round everything), bottom (cut the bottom shape, print the rest), colours (each colour its own piece) or file (as in the file)</source>
        <translation>pour les dessins : round (couper seulement autour du tout), bottom (couper la forme du dessous, imprimer le reste), colours (chaque couleur une pièce) ou file (comme dans le fichier)</translation>
    </message>
    <message>
        <source>what happens to parts, as WHICH=USE: USE is printed, cut, both or neither, with :kiss, :score or :through for a line of their own. WHICH is a number from 1 at the back, a name, layer:NAME, colour:#RRGGBB or all; may be repeated</source>
        <translation>ce qu&apos;on fait des parties, sous la forme LAQUELLE=USAGE : USAGE est printed, cut, both ou neither, avec :kiss, :score ou :through pour une ligne à part. LAQUELLE est un numéro à partir de 1 au fond, un nom, layer:NOM, colour:#RRGGBB ou all ; peut être répété</translation>
    </message>
    <message>
        <source>combine parts, as HOW:WHICH,WHICH…: join, take-out, overlap-only, exclude, split or pieces; may be repeated</source>
        <translation>combine des parties, sous la forme COMMENT:LAQUELLE,LAQUELLE… : join, take-out, overlap-only, exclude, split ou pieces ; peut être répété</translation>
    </message>
    <message>
        <source>only what is visible: each part loses what lies under those above it</source>
        <translation>seulement ce qui se voit : chaque partie perd ce qui est sous celles du dessus</translation>
    </message>
    <message>
        <source>leave out pieces of combined parts thinner than this many mm</source>
        <translation>laisse de côté les morceaux de parties combinées plus fins que tant de mm</translation>
    </message>
    <message>
        <source>print a drawing&apos;s colour as another: #RRGGBB=#RRGGBB; may be repeated</source>
        <translation>imprime une couleur du dessin comme une autre : #RRGGBB=#RRGGBB ; peut être répété</translation>
    </message>
    <message>
        <source>fill parts anew, as WHICH=FILL; FILL is #RRGGBB, dots= or stripes=#RRGGBB,#RRGGBB[,PITCH], or the path of a picture; may be repeated</source>
        <translation>remplit des parties à neuf, sous la forme LAQUELLE=FOND ; FOND est #RRGGBB, dots= ou stripes=#RRGGBB,#RRGGBB[,PAS], ou le chemin d&apos;une image ; peut être répété</translation>
    </message>
    <message>
        <source>make a label, as SHAPE:WxH in mm: rectangle, rounded, oval, notched, arch, tag, star, banner, or lettering for words alone</source>
        <translation>fait une étiquette, sous la forme FORME:LxH en mm : rectangle, rounded, oval, notched, arch, tag, star, banner, ou lettering pour des mots seuls</translation>
    </message>
    <message>
        <source>make a label from a template, by its name or a file as FILE:NAME</source>
        <translation>fait une étiquette d&apos;après un modèle, par son nom ou tiré d&apos;un fichier sous la forme FICHIER:NOM</translation>
    </message>
    <message>
        <source>words on the label, \n for a new line, with fields such as {name}; may be repeated</source>
        <translation>mots sur l&apos;étiquette, \n pour une nouvelle ligne, avec des champs comme {name} ; peut être répété</translation>
    </message>
    <message>
        <source>how the text of the same number is set, as KEY=VALUE,…: font, size (mm), least (mm), fit, bold, italic, align, run (straight, top, bottom), spacing, letters, colour; may be repeated</source>
        <translation>comment le texte du même numéro est composé, sous la forme CLÉ=VALEUR,… : font, size (mm), least (mm), fit, bold, italic, align, run (straight, top, bottom), spacing, letters, colour ; peut être répété</translation>
    </message>
    <message>
        <source>the label&apos;s colour, #RRGGBB or none</source>
        <translation>la couleur de l&apos;étiquette, #RRGGBB ou none</translation>
    </message>
    <message>
        <source>the label&apos;s colours, by the swatch&apos;s name</source>
        <translation>les couleurs de l&apos;étiquette, par le nom du nuancier</translation>
    </message>
    <message>
        <source>a line inside the edge, as WIDTH,INSET in mm</source>
        <translation>une ligne à l&apos;intérieur du bord, sous la forme LARGEUR,RETRAIT en mm</translation>
    </message>
    <message>
        <source>mm that words keep from the edge</source>
        <translation>mm que les mots gardent du bord</translation>
    </message>
    <message>
        <source>radius of round, notched or cut-off corners in mm</source>
        <translation>rayon des coins ronds, échancrés ou coupés, en mm</translation>
    </message>
    <message>
        <source>across a tag&apos;s hole in mm, 0 for none</source>
        <translation>diamètre du trou d&apos;une étiquette à suspendre en mm, 0 pour aucun</translation>
    </message>
    <message>
        <source>points of a star</source>
        <translation>pointes d&apos;une étoile</translation>
    </message>
    <message>
        <source>a picture on the label, as FILE[,PLACE[,SHARE]]: left, right, above, below or behind</source>
        <translation>une image sur l&apos;étiquette, sous la forme FICHIER[,PLACE[,PART]] : left, right, above, below ou behind</translation>
    </message>
    <message>
        <source>column of the list with names of picture files, which lie beside the list</source>
        <translation>colonne de la liste où sont les noms des images, qui se trouvent à côté de la liste</translation>
    </message>
    <message>
        <source>cut the letters, too: kiss, score or through</source>
        <translation>coupe aussi les lettres : kiss, score ou through</translation>
    </message>
    <message>
        <source>CSV or text file: a label for each row, all put on the sheet</source>
        <translation>fichier CSV ou texte : une étiquette par ligne, toutes posées sur la feuille</translation>
    </message>
    <message>
        <source>each text in one size on all labels of the list, the largest that fits</source>
        <translation>chaque texte d&apos;une même taille sur toutes les étiquettes de la liste, la plus grande qui tienne</translation>
    </message>
    <message>
        <source>the day that {date} means, as YYYY-MM-DD; today when not given</source>
        <translation>le jour que désigne {date}, sous la forme AAAA-MM-JJ ; aujourd&apos;hui sans indication</translation>
    </message>
    <message>
        <source>what the label is called</source>
        <translation>le nom de l&apos;étiquette</translation>
    </message>
    <message>
        <source>lay a photograph flat: board[:PAPER], paper:PAPER, card, or corners:X,Y,X,Y,X,Y,X,Y:WxH (pixels clockwise from the top left, then mm)</source>
        <translation>met une photo à plat : board[:PAPIER], paper:PAPIER, card, ou corners:X,Y,X,Y,X,Y,X,Y:LxH (pixels dans le sens horaire depuis le haut à gauche, puis mm)</translation>
    </message>
    <message>
        <source>light that falls unevenly: auto, even it, or as-is</source>
        <translation>lumière inégale : auto, even (égaliser) ou as-is (laisser)</translation>
    </message>
    <message>
        <source>soft shadows of the art on its ground: auto, drop or keep</source>
        <translation>ombres douces du motif sur son fond : auto, drop (enlever) ou keep (garder)</translation>
    </message>
    <message>
        <source>part what stands out from any ground: auto, or the box round it as X,Y,W,H in pixels</source>
        <translation>sépare ce qui ressort de n&apos;importe quel fond : auto, ou le cadre autour sous la forme X,Y,L,H en pixels</translation>
    </message>
    <message>
        <source>a stroke over what belongs to the subject, as SIZE,X,Y[,X,Y…]</source>
        <translation>un trait sur ce qui en fait partie, sous la forme TAILLE,X,Y[,X,Y…]</translation>
    </message>
    <message>
        <source>a stroke over what does not, as SIZE,X,Y[,X,Y…]</source>
        <translation>un trait sur ce qui n&apos;en fait pas partie, sous la forme TAILLE,X,Y[,X,Y…]</translation>
    </message>
    <message>
        <source>trace one artwork and write its outline or cut line as SVG</source>
        <translation>trace un motif et écrit son contour ou sa ligne de coupe en SVG</translation>
    </message>
    <message>
        <source>the picture</source>
        <translation>l&apos;image</translation>
    </message>
    <message>
        <source>SVG file, in mm at the artwork&apos;s true size</source>
        <translation>fichier SVG, en mm à la vraie taille du motif</translation>
    </message>
    <message>
        <source>one path for each piece of the picture, in reading order; what is nearer than this many mm is one piece</source>
        <translation>un tracé pour chaque morceau de l&apos;image, dans l&apos;ordre de lecture ; ce qui est à moins de tant de mm ne fait qu&apos;un</translation>
    </message>
    <message>
        <source>JSON report to a file, or - for standard output</source>
        <translation>rapport JSON dans un fichier, ou - pour la sortie standard</translation>
    </message>
    <message>
        <source>pixels per inch of the artwork, in place of what the file states</source>
        <translation>pixels par pouce du motif, à la place de ce qu&apos;indique le fichier</translation>
    </message>
    <message>
        <source>lay copies out on a sheet and write what prints and what cuts</source>
        <translation>dispose des copies sur une feuille et écrit ce qui s&apos;imprime et ce qui se coupe</translation>
    </message>
    <message>
        <source>a project to start from, and pictures and drawings to add</source>
        <translation>un projet de départ, et des images et dessins à ajouter</translation>
    </message>
    <message>
        <source>a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in</source>
        <translation>a3 à a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, ou une taille comme 100x150 (mm) ou 4x6in</translation>
    </message>
    <message>
        <source>printer margin in mm</source>
        <translation>marge de l&apos;imprimante en mm</translation>
    </message>
    <message>
        <source>dots, crosses or none</source>
        <translation>dots, crosses ou none</translation>
    </message>
    <message>
        <source>a mark scheme file, in place of --marks</source>
        <translation>un fichier de schéma de repères, à la place de --marks</translation>
    </message>
    <message>
        <source>mm along every edge that the cutter cannot reach</source>
        <translation>mm le long de chaque bord que la machine n&apos;atteint pas</translation>
    </message>
    <message>
        <source>divide the page into COLUMNSxROWS small sheets</source>
        <translation>divise la page en COLONNESxRANGÉES petites feuilles</translation>
    </message>
    <message>
        <source>how small sheets are cut: none, through or score</source>
        <translation>comment les petites feuilles sont coupées : none, through ou score</translation>
    </message>
    <message>
        <source>mm between small sheets</source>
        <translation>mm entre les petites feuilles</translation>
    </message>
    <message>
        <source>least distance between cut lines in mm</source>
        <translation>distance minimale entre lignes de coupe en mm</translation>
    </message>
    <message>
        <source>upright rectangles with sharp corners lie edge to edge, with one cut where two meet</source>
        <translation>les rectangles droits à coins vifs se touchent, avec une seule coupe où deux se rejoignent</translation>
    </message>
    <message>
        <source>copies of each picture added</source>
        <translation>copies de chaque image ajoutée</translation>
    </message>
    <message>
        <source>as many copies of each picture as fit, or as --copies says: in rows, snug, or snug and turned; of all stickers when only a project is given</source>
        <translation>autant de copies de chaque image qu&apos;il en tient, ou ce que dit --copies : en rangées, serrées, ou serrées et tournées ; de tous les autocollants quand seul un projet est donné</translation>
    </message>
    <message>
        <source>for --fill turned: half, quarters or any</source>
        <translation>pour --fill turned : half, quarters ou any</translation>
    </message>
    <message>
        <source>pages that copies may flow on to</source>
        <translation>pages sur lesquelles les copies peuvent continuer</translation>
    </message>
    <message>
        <source>look for other ways, too, until no page less will do</source>
        <translation>cherche aussi d&apos;autres façons, jusqu&apos;à ce qu&apos;une page de moins ne suffise plus</translation>
    </message>
    <message>
        <source>how long to search for a better layout; 0 takes the first</source>
        <translation>combien de temps chercher une meilleure disposition ; 0 prend la première</translation>
    </message>
    <message>
        <source>of the search; the same seed gives the same sheet</source>
        <translation>de la recherche ; la même graine donne la même feuille</translation>
    </message>
    <message>
        <source>spread the copies evenly when they are placed</source>
        <translation>répartit les copies également une fois posées</translation>
    </message>
    <message>
        <source>longer side of each picture added, in mm</source>
        <translation>plus grand côté de chaque image ajoutée, en mm</translation>
    </message>
    <message>
        <source>save the project</source>
        <translation>enregistre le projet</translation>
    </message>
    <message>
        <source>the sheet to print</source>
        <translation>la feuille à imprimer</translation>
    </message>
    <message>
        <source>store pictures that print finer at so many dots per inch</source>
        <translation>enregistre les images qui s&apos;imprimeraient plus fin à tant de points par pouce</translation>
    </message>
    <message>
        <source>store pictures that were changed as JPEG of this quality, with their edge in a mask</source>
        <translation>enregistre les images modifiées en JPEG de cette qualité, avec leur bord dans un masque</translation>
    </message>
    <message>
        <source>the cut lines alone as PDF, an ink for each kind of cut</source>
        <translation>les lignes de coupe seules en PDF, une encre par sorte de coupe</translation>
    </message>
    <message>
        <source>the cut lines in mm</source>
        <translation>les lignes de coupe en mm</translation>
    </message>
    <message>
        <source>the cut lines as DXF in mm, a layer for each kind of cut</source>
        <translation>les lignes de coupe en DXF, en mm, un calque par sorte de coupe</translation>
    </message>
    <message>
        <source>keep curves as splines instead of short lines</source>
        <translation>garde les courbes en splines au lieu de petits segments</translation>
    </message>
    <message>
        <source>the cut lines for a cutter, in cutting order</source>
        <translation>les lignes de coupe pour une machine de découpe, dans l&apos;ordre de coupe</translation>
    </message>
    <message>
        <source>the cut lines as G-code, in cutting order</source>
        <translation>les lignes de coupe en G-code, dans l&apos;ordre de coupe</translation>
    </message>
    <message>
        <source>a machine&apos;s profile, whose ways --hpgl and --gcode take</source>
        <translation>le profil d&apos;une machine, dont --hpgl et --gcode suivent les habitudes</translation>
    </message>
    <message>
        <source>what is cut, by its name: decides passes, overcut and blade</source>
        <translation>ce qui est coupé, par son nom : décide des passes, du dépassement et de la lame</translation>
    </message>
    <message>
        <source>mm that closed lines are cut past their start</source>
        <translation>mm dont les lignes fermées sont coupées au-delà de leur début</translation>
    </message>
    <message>
        <source>name of a cut line&apos;s ink in the PDF: kiss=NAME, score=NAME or through=NAME</source>
        <translation>nom de l&apos;encre d&apos;une ligne de coupe dans le PDF : kiss=NOM, score=NOM ou through=NOM</translation>
    </message>
    <message>
        <source>print and cut the sheet as in a mirror, for transfer paper and film</source>
        <translation>imprime et coupe la feuille comme dans un miroir, pour papier transfert et film</translation>
    </message>
    <message>
        <source>cut what lies on the photographed board already, where it lies; nothing is printed</source>
        <translation>coupe ce qui est déjà posé sur la planche photographiée, là où c&apos;est ; rien n&apos;est imprimé</translation>
    </message>
    <message>
        <source>a sticker for each piece of a picture; what is nearer than this many mm is one piece</source>
        <translation>un autocollant pour chaque morceau d&apos;une image ; ce qui est à moins de tant de mm ne fait qu&apos;un</translation>
    </message>
    <message>
        <source>write --pdf and --png as outlines and rulers, for a test on plain paper</source>
        <translation>écrit --pdf et --png en contours et règles, pour un essai sur papier ordinaire</translation>
    </message>
    <message>
        <source>the sheet as the practice printer prints it</source>
        <translation>la feuille comme l&apos;imprime l&apos;imprimante d&apos;exercice</translation>
    </message>
    <message>
        <source>dots per inch of the PNG</source>
        <translation>points par pouce du PNG</translation>
    </message>
    <message>
        <source>lay what is added on each other and make it one: outer (one cut round all of it), take-out, overlap-only, exclude or visible</source>
        <translation>pose ce qui est ajouté l&apos;un sur l&apos;autre et n&apos;en fait qu&apos;un : outer (une coupe autour du tout), take-out, overlap-only, exclude ou visible</translation>
    </message>
    <message>
        <source>list the parts of a layered drawing</source>
        <translation>énumère les parties d&apos;un dessin à calques</translation>
    </message>
    <message>
        <source>an SVG, DXF or PDF file</source>
        <translation>un fichier SVG, DXF ou PDF</translation>
    </message>
    <message>
        <source>the page of a PDF</source>
        <translation>la page d&apos;un PDF</translation>
    </message>
    <message>
        <source>print, load, find and cut with the practice devices</source>
        <translation>imprime, charge, trouve et coupe avec les appareils d&apos;exercice</translation>
    </message>
    <message>
        <source>rehearse what was printed under this code</source>
        <translation>répète ce qui a été imprimé sous ce code</translation>
    </message>
    <message>
        <source>X,Y in mm that the sheet lies off in the cutter</source>
        <translation>X,Y en mm dont la feuille est décalée dans la machine</translation>
    </message>
    <message>
        <source>degrees that it lies turned, clockwise</source>
        <translation>degrés dont elle est tournée, dans le sens horaire</translation>
    </message>
    <message>
        <source>percent that the print is stretched, or X,Y</source>
        <translation>pour cent dont l&apos;impression est étirée, ou X,Y</translation>
    </message>
    <message>
        <source>the sheet lies the wrong way round</source>
        <translation>la feuille est mise à l&apos;envers</translation>
    </message>
    <message>
        <source>mm by which ink grows</source>
        <translation>mm dont l&apos;encre s&apos;étale</translation>
    </message>
    <message>
        <source>of the sensor, in grey values</source>
        <translation>du capteur, en valeurs de gris</translation>
    </message>
    <message>
        <source>marks that are smudged, by number from 1</source>
        <translation>repères tachés, par numéro à partir de 1</translation>
    </message>
    <message>
        <source>marks that are not there, by number from 1</source>
        <translation>repères qui manquent, par numéro à partir de 1</translation>
    </message>
    <message>
        <source>how the print is found: sensor, hand or edge</source>
        <translation>comment l&apos;impression est trouvée : sensor, hand ou edge (bord du papier)</translation>
    </message>
    <message>
        <source>mm that the blade in the machine really trails; as the material says when not given</source>
        <translation>mm dont la lame de la machine suit vraiment ; sans indication, comme le dit le matériau</translation>
    </message>
    <message>
        <source>mm of play in the machine&apos;s axes</source>
        <translation>mm de jeu dans les axes de la machine</translation>
    </message>
    <message>
        <source>also try so many sheets with slips as machines make them</source>
        <translation>essaie aussi tant de feuilles avec des décalages comme en font les machines</translation>
    </message>
    <message>
        <source>of noise and slips</source>
        <translation>du bruit et des décalages</translation>
    </message>
    <message>
        <source>the sheet as it comes out</source>
        <translation>la feuille comme elle sort</translation>
    </message>
    <message>
        <source>cut a printed sheet on a machine</source>
        <translation>coupe une feuille imprimée sur une machine</translation>
    </message>
    <message>
        <source>what was printed under this code; the newest when not given</source>
        <translation>ce qui a été imprimé sous ce code ; le plus récent sans indication</translation>
    </message>
    <message>
        <source>the machine&apos;s profile</source>
        <translation>le profil de la machine</translation>
    </message>
    <message>
        <source>X,Y of each mark in machine mm, as they were pointed at, in the order of the ticket&apos;s marks; none for one that cannot be seen. Without it the sheet is found by the paper&apos;s edge</source>
        <translation>X,Y de chaque repère en mm de la machine, comme ils ont été montrés, dans l&apos;ordre des repères de la fiche ; none pour celui qu&apos;on ne voit pas. Sans cela, la feuille est trouvée par le bord du papier</translation>
    </message>
    <message>
        <source>X,Y in mm by which the cut is moved, right and towards you</source>
        <translation>X,Y en mm dont la coupe est déplacée, à droite et vers vous</translation>
    </message>
    <message>
        <source>of the ticket, from 1</source>
        <translation>de la fiche, à partir de 1</translation>
    </message>
    <message>
        <source>write what the machine would be sent to a file, in place of sending it</source>
        <translation>écrit dans un fichier ce que la machine recevrait, au lieu de l&apos;envoyer</translation>
    </message>
    <message>
        <source>write the photo board, by which photographs are laid flat</source>
        <translation>écrit la planche photo, par laquelle les photos sont mises à plat</translation>
    </message>
    <message>
        <source>a4, letter, a3, 12x12in or WxH in mm</source>
        <translation>a4, letter, a3, 12x12in ou LxH en mm</translation>
    </message>
    <message>
        <source>to print at actual size</source>
        <translation>à imprimer à la taille réelle</translation>
    </message>
    <message>
        <source>the same in mm</source>
        <translation>la même en mm</translation>
    </message>
    <message>
        <source>to be drawn by a cutter&apos;s pen</source>
        <translation>à dessiner avec le stylo d&apos;une machine de découpe</translation>
    </message>
    <message>
        <source>tell where a printed sheet lies on the photo board, by a photograph</source>
        <translation>dit, d&apos;après une photo, où une feuille imprimée se trouve sur la planche photo</translation>
    </message>
    <message>
        <source>the photograph of the sheet on the board</source>
        <translation>la photo de la feuille sur la planche</translation>
    </message>
    <message>
        <source>the board&apos;s paper: a4, letter, a3, 12x12in or WxH in mm; found out when not given</source>
        <translation>le papier de la planche : a4, letter, a3, 12x12in ou LxH en mm ; trouvé sans indication</translation>
    </message>
    <message>
        <source>run the preflight on a project</source>
        <translation>fait la vérification d&apos;un projet</translation>
    </message>
    <message>
        <source>Fusuma without a window: the same tracing, layout and output, for scripts and batches</source>
        <translation>Fusuma sans fenêtre : le même tracé, la même disposition et les mêmes sorties, pour scripts et lots</translation>
    </message>
    <message>
        <source>0 done, 1 done but preflight found something to fix, 2 bad input or usage.</source>
        <translation>0 fait, 1 fait mais la vérification a trouvé quelque chose à corriger, 2 entrée ou usage incorrects.</translation>
    </message>
    <message>
        <source>seconds of work that reading a file may take, for those that need more</source>
        <translation>secondes de travail que peut prendre la lecture d&apos;un fichier, pour ceux qui en demandent plus</translation>
    </message>
    <message>
        <source>what tells art from background: auto, alpha, brightness, subject, colour, colour=#RRGGBB[,#RRGGBB…] to take colours away, or keep=#RRGGBB[,…] to keep nothing else</source>
        <translation>ce qui distingue le motif du fond : auto, alpha, brightness, subject, colour, colour=#RRGGBB[,#RRGGBB…] pour ôter des couleurs, ou keep=#RRGGBB[,…] pour ne garder rien d&apos;autre</translation>
    </message>
    <message>
        <source>with colour: difference up to which a pixel counts as background</source>
        <translation>avec colour : différence jusqu&apos;à laquelle un pixel compte comme fond</translation>
    </message>
    <message>
        <source>with colour: take it away where the art encloses it, too</source>
        <translation>avec colour : l&apos;ôter aussi là où le motif l&apos;enferme</translation>
    </message>
    <message>
        <source>take the even patch of colour at X,Y (pixels) away; may be repeated</source>
        <translation>ôte la tache de couleur unie en X,Y (pixels) ; peut être répété</translation>
    </message>
    <message>
        <source>whatever the art encloses counts as art</source>
        <translation>ce que le motif enferme compte comme motif</translation>
    </message>
    <message>
        <source>a brush stroke as add|erase,SIZE,X,Y[,X,Y…] in pixels; may be repeated</source>
        <translation>un coup de pinceau sous la forme add|erase,TAILLE,X,Y[,X,Y…] en pixels ; peut être répété</translation>
    </message>
    <message>
        <source>only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>seulement dans cette partie de l&apos;image, sous la forme X,Y,L,H en pixels</translation>
    </message>
    <message>
        <source>use only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>ne prend que cette partie de l&apos;image, sous la forme X,Y,L,H en pixels</translation>
    </message>
    <message>
        <source>exchange left and right</source>
        <translation>échange gauche et droite</translation>
    </message>
    <message>
        <source>turn the artwork clockwise, in degrees</source>
        <translation>tourne le motif dans le sens horaire, en degrés</translation>
    </message>
    <message>
        <source>dots per inch at which a PDF&apos;s page is drawn</source>
        <translation>points par pouce auxquels la page d&apos;un PDF est dessinée</translation>
    </message>
    <message>
        <source>coverage above which a pixel counts as art, or with brightness the grey below which it does, 0-255</source>
        <translation>couverture à partir de laquelle un pixel compte comme motif, ou avec brightness le gris au-dessous duquel il compte, 0-255</translation>
    </message>
    <message>
        <source>farthest that the curve may stray, in pixels</source>
        <translation>écart maximal de la courbe, en pixels</translation>
    </message>
    <message>
        <source>length over which wobbles of the edge are evened out, in pixels</source>
        <translation>longueur sur laquelle les ondulations du bord sont lissées, en pixels</translation>
    </message>
    <message>
        <source>drop contours smaller than this many mm²</source>
        <translation>laisse de côté les contours de moins de tant de mm²</translation>
    </message>
    <message>
        <source>close holes smaller than this many mm² (as --ignore-specks)</source>
        <translation>ferme les trous de moins de tant de mm² (comme --ignore-specks)</translation>
    </message>
    <message>
        <source>leave all holes out</source>
        <translation>laisse de côté tous les trous</translation>
    </message>
    <message>
        <source>close breaks in lines up to this many mm</source>
        <translation>ferme les coupures des lignes jusqu&apos;à tant de mm</translation>
    </message>
    <message>
        <source>width of the artwork in mm</source>
        <translation>largeur du motif en mm</translation>
    </message>
    <message>
        <source>kiss or through</source>
        <translation>kiss ou through</translation>
    </message>
    <message>
        <source>Fusuma: print-then-cut sticker sheets from pictures</source>
        <translation>Fusuma : des feuilles d&apos;autocollants à partir d&apos;images, imprimées puis coupées</translation>
    </message>
    <message>
        <source>projects to open, and pictures and drawings to add</source>
        <translation>projets à ouvrir, et images et dessins à ajouter</translation>
    </message>
    <message>
        <source>begin with a new label</source>
        <translation>commence par une nouvelle étiquette</translation>
    </message>
    <message>
        <source>open the example that comes with the program, unless FILEs are given</source>
        <translation>ouvre l&apos;exemple livré avec le programme, si aucun fichier n&apos;est donné</translation>
    </message>
    <message>
        <source>the language that {date} is written in: en, de, fr, ja, …</source>
        <translation>la langue dans laquelle {date} est écrit : en, de, fr, ja, …</translation>
    </message>
    <message>
        <source>what the list is written in, such as Windows-1250 or Shift_JIS; found out when not given</source>
        <translation>le codage de la liste, comme Windows-1250 ou Shift_JIS ; deviné s’il n’est pas donné</translation>
    </message>
</context>
<context>
    <name>printing</name>
    <message>
        <source>Printing</source>
        <translation>Impression</translation>
    </message>
</context>
<context>
    <name>said</name>
    <message>
        <source>--source {source}: give auto, alpha, brightness, subject, colour, colour=#RRGGBB or keep=#RRGGBB.</source>
        <translation>--source {source} : donnez auto, alpha, brightness, subject, colour, colour=#RRGGBB ou keep=#RRGGBB.</translation>
    </message>
    <message>
        <source>--source {source}: give colours as {kind}=#RRGGBB,#RRGGBB.</source>
        <translation>--source {source} : donnez les couleurs comme {kind}=#RRGGBB,#RRGGBB.</translation>
    </message>
    <message>
        <source>--pocket {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--pocket {words} : donnez X,Y en pixels, comme 100,80.</translation>
    </message>
    <message>
        <source>Found by the paper&apos;s edge: nothing checks where the print lies.</source>
        <translation>Trouvé par le bord du papier : rien ne vérifie où est l&apos;impression.</translation>
    </message>
    <message>
        <source>at its left edge</source>
        <translation>par son bord gauche</translation>
    </message>
    <message>
        <source>at its right edge</source>
        <translation>par son bord droit</translation>
    </message>
    <message>
        <source>at its far edge</source>
        <translation>par son bord du fond</translation>
    </message>
    <message>
        <source>at its near edge</source>
        <translation>par son bord avant</translation>
    </message>
    <message>
        <source>“{sticker}” would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>« {sticker} » sortirait du plateau de la machine de {mm} mm {edge}</translation>
    </message>
    <message>
        <source>A line that divides the sheet would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>Une ligne qui divise la feuille sortirait du plateau de la machine de {mm} mm {edge}</translation>
    </message>
    <message>
        <source>No photo board was found in the picture.</source>
        <translation>Aucune planche photo n&apos;a été trouvée dans l&apos;image.</translation>
    </message>
    <message>
        <source>The picture is too small for one.</source>
        <translation>L&apos;image est trop petite pour une planche.</translation>
    </message>
    <message>
        <source>The picture has more than 32,000 pixels along a side.</source>
        <translation>L&apos;image a plus de 32 000 pixels d&apos;un côté.</translation>
    </message>
    <message>
        <source>Save it smaller first.</source>
        <translation>Enregistrez-la d&apos;abord plus petite.</translation>
    </message>
    <message>
        <source>The picture is mirrored: its board&apos;s marks run the wrong way round.</source>
        <translation>L&apos;image est en miroir : les repères de sa planche vont à l&apos;envers.</translation>
    </message>
    <message>
        <source>Turn the camera&apos;s mirroring off, or mirror the picture back.</source>
        <translation>Coupez le miroir de l&apos;appareil, ou remettez l&apos;image à l&apos;endroit.</translation>
    </message>
    <message>
        <source>Only a part of the photo board is in sight.</source>
        <translation>On ne voit qu&apos;une partie de la planche photo.</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it and none covered.</source>
        <translation>Prenez l&apos;image avec tous ses repères, aucun couvert.</translation>
    </message>
    <message>
        <source>Lay the art on a printed board and take the whole board into the picture, sharp and large.</source>
        <translation>Posez le motif sur une planche imprimée et prenez toute la planche, nette et grande.</translation>
    </message>
    <message>
        <source>Too few of the board&apos;s marks are in sight.</source>
        <translation>On voit trop peu des repères de la planche.</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it.</source>
        <translation>Prenez l&apos;image avec tous ses repères.</translation>
    </message>
    <message>
        <source>The photo board&apos;s marks could not be placed.</source>
        <translation>Les repères de la planche photo n&apos;ont pas pu être situés.</translation>
    </message>
    <message>
        <source>Take the picture again, sharp and in even light.</source>
        <translation>Reprenez l&apos;image, nette et en lumière égale.</translation>
    </message>
    <message>
        <source>Only {seen} of {all} of the board&apos;s marks are in sight.</source>
        <translation>On ne voit que {seen} repères sur {all} de la planche.</translation>
    </message>
    <message>
        <source>The picture is too small: {mm} mm of the board to a pixel.</source>
        <translation>L&apos;image est trop petite : {mm} mm de la planche par pixel.</translation>
    </message>
    <message>
        <source>Go nearer, so that the board fills the picture.</source>
        <translation>Approchez-vous, que la planche remplisse l&apos;image.</translation>
    </message>
    <message>
        <source>The picture is blurred: an edge is {mm} mm wide.</source>
        <translation>L&apos;image est floue : un bord est large de {mm} mm.</translation>
    </message>
    <message>
        <source>Hold the camera still, in more light, and let it focus on the board.</source>
        <translation>Tenez l&apos;appareil immobile, avec plus de lumière, et laissez-le faire le point sur la planche.</translation>
    </message>
    <message>
        <source>The board&apos;s marks are {mm} mm off where they should be.</source>
        <translation>Les repères de la planche sont à {mm} mm de leur place.</translation>
    </message>
    <message>
        <source>Lay the board flat and see that it was printed at actual size.</source>
        <translation>Posez la planche à plat et voyez si elle a été imprimée à la taille réelle.</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to be found by.</source>
        <translation>Cette feuille a moins de trois repères pour la trouver.</translation>
    </message>
    <message>
        <source>Print it with marks.</source>
        <translation>Imprimez-la avec des repères.</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the sheet are hardly seen.</source>
        <translation>L&apos;image est trop petite : on voit à peine les repères de la feuille.</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the page are hardly seen.</source>
        <translation>L&apos;image est trop petite : on voit à peine les repères de la page.</translation>
    </message>
    <message>
        <source>Go nearer, so that the page fills the picture.</source>
        <translation>Approchez-vous, que la page remplisse l&apos;image.</translation>
    </message>
    <message>
        <source>The picture is too small.</source>
        <translation>L&apos;image est trop petite.</translation>
    </message>
    <message>
        <source>Its edges are not straight: it does not lie flat.</source>
        <translation>Ses bords ne sont pas droits : elle n&apos;est pas à plat.</translation>
    </message>
    <message>
        <source>Press it flat and take the picture again.</source>
        <translation>Pressez-la à plat et reprenez l&apos;image.</translation>
    </message>
    <message>
        <source>No sheet of such paper was found in the picture.</source>
        <translation>Aucune feuille de ce papier n&apos;a été trouvée dans l&apos;image.</translation>
    </message>
    <message>
        <source>Take all four of its edges into the picture, on a darker ground, or drag the corners.</source>
        <translation>Prenez ses quatre bords dans l&apos;image, sur un fond plus sombre, ou tirez les coins.</translation>
    </message>
    <message>
        <source>No card was found in the picture.</source>
        <translation>Aucune carte n&apos;a été trouvée dans l&apos;image.</translation>
    </message>
    <message>
        <source>Lay a light bank card beside the art, on a darker ground, all of it in the picture.</source>
        <translation>Posez une carte bancaire claire à côté du motif, sur un fond plus sombre, entière dans l&apos;image.</translation>
    </message>
    <message>
        <source>These four corners do not make the outline of a flat thing.</source>
        <translation>Ces quatre coins ne font pas le contour d&apos;une chose plate.</translation>
    </message>
    <message>
        <source>Give them clockwise from the top left, none inside the others.</source>
        <translation>Donnez-les dans le sens horaire depuis le haut à gauche, aucun à l&apos;intérieur des autres.</translation>
    </message>
    <message>
        <source>What the corners span must be 0.5 to 5000 mm long each way.</source>
        <translation>Ce qu&apos;embrassent les coins doit mesurer de 0,5 à 5000 mm de chaque côté.</translation>
    </message>
    <message>
        <source>The paper is another.</source>
        <translation>Le papier est un autre.</translation>
    </message>
    <message>
        <source>The sheet is mirrored now.</source>
        <translation>La feuille est maintenant en miroir.</translation>
    </message>
    <message>
        <source>The sheet is no longer mirrored.</source>
        <translation>La feuille n&apos;est plus en miroir.</translation>
    </message>
    <message>
        <source>The marks lie elsewhere.</source>
        <translation>Les repères sont ailleurs.</translation>
    </message>
    <message>
        <source>What lies on the board is cut now.</source>
        <translation>Ce qui est sur la planche est coupé maintenant.</translation>
    </message>
    <message>
        <source>The sheet is printed now.</source>
        <translation>La feuille s&apos;imprime maintenant.</translation>
    </message>
    <message>
        <source>The page is divided differently.</source>
        <translation>La page est divisée autrement.</translation>
    </message>
    <message>
        <source>There are other pages.</source>
        <translation>Il y a d&apos;autres pages.</translation>
    </message>
    <message>
        <source>“{sticker}” was changed.</source>
        <translation>« {sticker} » a été changé.</translation>
    </message>
    <message numerus="yes">
        <source>%n copies were added.</source>
        <translation>
            <numerusform>Une copie a été ajoutée.</numerusform>
            <numerusform>%n copies ont été ajoutées.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were taken away.</source>
        <translation>
            <numerusform>Une copie a été enlevée.</numerusform>
            <numerusform>%n copies ont été enlevées.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were moved.</source>
        <translation>
            <numerusform>Une copie a été déplacée.</numerusform>
            <numerusform>%n copies ont été déplacées.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n marks reach {length} into the margins, so the printer will clip them</source>
        <translation>
            <numerusform>Un repère entre de {length} dans les marges, l&apos;imprimante va donc le rogner</numerusform>
            <numerusform>%n repères entrent de {length} dans les marges, l&apos;imprimante va donc les rogner</numerusform>
        </translation>
    </message>
    <message>
        <source>Move the marks in</source>
        <translation>Rentrer les repères</translation>
    </message>
    <message>
        <source>{sticker}: its cut lines cross, which tears the corners between</source>
        <translation>{sticker} : ses lignes de coupe se croisent, ce qui déchire les coins entre elles</translation>
    </message>
    <message>
        <source>Leave out the drawn lines</source>
        <translation>Laisser les lignes tracées</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines lie on each other for {length}</source>
        <translation>{sticker} et {other} : leurs lignes de coupe se superposent sur {length}</translation>
    </message>
    <message>
        <source>Remove one</source>
        <translation>En enlever une</translation>
    </message>
    <message>
        <source>The sheet is empty</source>
        <translation>La feuille est vide</translation>
    </message>
    <message>
        <source>Page {page} is empty</source>
        <translation>La page {page} est vide</translation>
    </message>
    <message>
        <source>Remove the page</source>
        <translation>Enlever la page</translation>
    </message>
    <message>
        <source>{sticker}: reaches {length} into a mark&apos;s keep-clear area</source>
        <translation>{sticker} : entre de {length} dans la zone libre d&apos;un repère</translation>
    </message>
    <message>
        <source>Move it away</source>
        <translation>L&apos;écarter</translation>
    </message>
    <message>
        <source>does not fit, even as small as it may get</source>
        <translation>ne tient pas, même aussi petit que permis</translation>
    </message>
    <message>
        <source>asks for {field}, which the list has not</source>
        <translation>demande {field}, que la liste n&apos;a pas</translation>
    </message>
    <message>
        <source>asks for the picture “{picture}”, which is not here</source>
        <translation>demande l&apos;image « {picture} », qui n&apos;est pas ici</translation>
    </message>
    <message>
        <source>{sticker}: row {row}, “{words}”, {trouble}</source>
        <translation>{sticker} : rangée {row}, « {words} », {trouble}</translation>
    </message>
    <message>
        <source>{sticker}: the text {trouble}</source>
        <translation>{sticker} : le texte {trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{finding} (and %n more rows)</source>
        <translation>
            <numerusform>{finding} (et une rangée de plus)</numerusform>
            <numerusform>{finding} (et %n rangées de plus)</numerusform>
        </translation>
    </message>
    <message>
        <source>Let it shrink to 4 pt</source>
        <translation>Laisser rétrécir à 4 pt</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n changes made by hand no longer fit its cut line</source>
        <translation>
            <numerusform>{sticker} : un changement fait à la main ne va plus sur sa ligne de coupe</numerusform>
            <numerusform>{sticker} : %n changements faits à la main ne vont plus sur sa ligne de coupe</numerusform>
        </translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>Laisser ce qui ne va pas</translation>
    </message>
    <message>
        <source>{sticker}: a picture in it is printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker} : une image y est imprimée à {dpi} ppp, {wanted} voulus</translation>
    </message>
    <message>
        <source>{sticker}: printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker} : imprimé à {dpi} ppp, {wanted} voulus</translation>
    </message>
    <message>
        <source>Make it {length} wide</source>
        <translation>Le faire large de {length}</translation>
    </message>
    <message>
        <source>{sticker}: its cut line has {nodes} nodes, {density} on every millimetre</source>
        <translation>{sticker} : sa ligne de coupe a {nodes} nœuds, {density} par millimètre</translation>
    </message>
    <message>
        <source>Smooth its edge</source>
        <translation>Lisser son bord</translation>
    </message>
    <message>
        <source>The sheet is printed and cut as in a mirror: right for transfer paper and film that is seen from behind, wrong for stickers</source>
        <translation>La feuille s&apos;imprime et se coupe comme dans un miroir : bien pour papier de transfert et film vu de derrière, mal pour des autocollants</translation>
    </message>
    <message>
        <source>Print it as it is seen</source>
        <translation>L&apos;imprimer comme on la voit</translation>
    </message>
    <message>
        <source>{sticker}: detail {length} inside the cut line, where a slip shows</source>
        <translation>{sticker} : détail à {length} dans la ligne de coupe, où un décalage se voit</translation>
    </message>
    <message>
        <source>Give it a border</source>
        <translation>Lui donner une bordure</translation>
    </message>
    <message>
        <source>{sticker}: its border is printed up to the cut without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker} : sa bordure est imprimée jusqu&apos;à la coupe sans fond perdu, le moindre décalage montre donc du papier</translation>
    </message>
    <message>
        <source>{sticker}: cut along its own art without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker} : coupé sur son motif sans fond perdu, le moindre décalage montre donc du papier</translation>
    </message>
    <message>
        <source>Add a bleed of {length}</source>
        <translation>Donner un fond perdu de {length}</translation>
    </message>
    <message>
        <source>{sticker}: does not lie on the photographed board, so it is not cut</source>
        <translation>{sticker} : n&apos;est pas sur la planche photographiée, il n&apos;est donc pas coupé</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines do not close</source>
        <translation>
            <numerusform>{sticker} : une ligne de coupe ne se ferme pas</numerusform>
            <numerusform>{sticker} : %n lignes de coupe ne se ferment pas</numerusform>
        </translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>La fermer</translation>
    </message>
    <message>
        <source>Close them</source>
        <translation>Les fermer</translation>
    </message>
    <message>
        <source>The sheet is {paper}, but the printer is set to {other}</source>
        <translation>La feuille est {paper}, mais l&apos;imprimante est réglée sur {other}</translation>
    </message>
    <message>
        <source>Make the sheet {paper}</source>
        <translation>Faire la feuille {paper}</translation>
    </message>
    <message>
        <source>{sticker}: {length} of its bleed lie where the printer cannot print</source>
        <translation>{sticker} : {length} de son fond perdu sont où l&apos;imprimante n&apos;imprime pas</translation>
    </message>
    <message>
        <source>Move it in</source>
        <translation>La rentrer</translation>
    </message>
    <message>
        <source>{sticker}: larger than the cut zone, which takes {width} × {height}</source>
        <translation>{sticker} : plus grand que la zone de coupe, qui prend {width} × {height}</translation>
    </message>
    <message>
        <source>Make it fit</source>
        <translation>Le faire tenir</translation>
    </message>
    <message>
        <source>{sticker}: {length} outside the cut zone</source>
        <translation>{sticker} : {length} hors de la zone de coupe</translation>
    </message>
    <message>
        <source>The sheet has changed; look again.</source>
        <translation>La feuille a changé ; regardez encore.</translation>
    </message>
    <message>
        <source>{finding} — it is locked; unlock it first.</source>
        <translation>{finding} — elle est verrouillée ; déverrouillez-la d&apos;abord.</translation>
    </message>
    <message>
        <source>{finding} — no free place is large enough.</source>
        <translation>{finding} — aucune place libre n&apos;est assez grande.</translation>
    </message>
    <message>
        <source>The printer is set to {share} %, so nothing will have its size and the cut will miss its print</source>
        <translation>L&apos;imprimante est réglée à {share} %, rien n&apos;aura donc sa taille et la coupe manquera son impression</translation>
    </message>
    <message>
        <source>The printer is set to print borderless, which enlarges the page</source>
        <translation>L&apos;imprimante est réglée sans marges, ce qui agrandit la page</translation>
    </message>
    <message>
        <source>Print at true size</source>
        <translation>Imprimer à la vraie taille</translation>
    </message>
    <message>
        <source>a mark</source>
        <translation>un repère</translation>
    </message>
    <message>
        <source>{sticker}: {left} of bleed remain beside {other}, {asked} wanted</source>
        <translation>{sticker} : il reste {left} de fond perdu près de {other}, {asked} voulus</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines are too small for the blade to turn</source>
        <translation>
            <numerusform>{sticker} : une ligne de coupe est trop petite pour que la lame tourne</numerusform>
            <numerusform>{sticker} : %n lignes de coupe sont trop petites pour que la lame tourne</numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>La laisser</translation>
    </message>
    <message>
        <source>Leave them out</source>
        <translation>Les laisser</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines overlap</source>
        <translation>{sticker} et {other} : leurs lignes de coupe se recouvrent</translation>
    </message>
    <message>
        <source>{sticker} and {other}: {length} apart, {gap} wanted</source>
        <translation>{sticker} et {other} : à {length}, {gap} voulus</translation>
    </message>
    <message>
        <source>Move one away</source>
        <translation>En écarter une</translation>
    </message>
    <message>
        <source>{sticker}: is cut but prints nothing</source>
        <translation>{sticker} : est coupé mais n&apos;imprime rien</translation>
    </message>
    <message>
        <source>{sticker}: prints but has no line to cut</source>
        <translation>{sticker} : imprime mais n&apos;a pas de ligne à couper</translation>
    </message>
    <message>
        <source>{sticker}: nothing of it prints or is cut</source>
        <translation>{sticker} : rien n&apos;en est imprimé ni coupé</translation>
    </message>
    <message>
        <source>Take it off the sheet</source>
        <translation>L&apos;ôter de la feuille</translation>
    </message>
    <message>
        <source>Clear around the art already, so its edge is known.</source>
        <translation>Le tour du motif est déjà transparent, son bord est donc connu.</translation>
    </message>
    <message>
        <source>Many colours along its edge, so what stands out from them is taken.</source>
        <translation>Beaucoup de couleurs à son bord, ce qui s&apos;en détache est donc pris.</translation>
    </message>
    <message>
        <source>No transparency and no single colour along its edge, so the whole picture counts.</source>
        <translation>Ni transparence ni couleur unique à son bord, l&apos;image entière compte donc.</translation>
    </message>
    <message>
        <source>All of it is {colour}, so the whole picture counts.</source>
        <translation>Tout est {colour}, l&apos;image entière compte donc.</translation>
    </message>
    <message>
        <source>Dark on light paper, so brightness tells them apart.</source>
        <translation>Sombre sur papier clair, la clarté les distingue donc.</translation>
    </message>
    <message>
        <source>Its edge is nearly all {colour}, so that colour is taken away.</source>
        <translation>Son bord est presque tout {colour}, cette couleur est donc retirée.</translation>
    </message>
    <message numerus="yes">
        <source>%n marks were not found: {marks}. Smudged or covered?</source>
        <translation>
            <numerusform>Un repère n&apos;a pas été trouvé : {marks}. Taché ou couvert ?</numerusform>
            <numerusform>%n repères n&apos;ont pas été trouvés : {marks}. Tachés ou couverts ?</numerusform>
        </translation>
    </message>
    <message>
        <source>at the top left</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>at the top middle</source>
        <translation>en haut au milieu</translation>
    </message>
    <message>
        <source>at the top right</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>at the middle left</source>
        <translation>au milieu à gauche</translation>
    </message>
    <message>
        <source>at the middle</source>
        <translation>au milieu</translation>
    </message>
    <message>
        <source>at the middle right</source>
        <translation>au milieu à droite</translation>
    </message>
    <message>
        <source>at the bottom left</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>at the bottom middle</source>
        <translation>en bas au milieu</translation>
    </message>
    <message>
        <source>at the bottom right</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>the inner dot {place}</source>
        <translation>le point intérieur {place}</translation>
    </message>
    <message>
        <source>the dot {place}</source>
        <translation>le point {place}</translation>
    </message>
    <message>
        <source>the inner cross {place}</source>
        <translation>la croix intérieure {place}</translation>
    </message>
    <message>
        <source>the cross {place}</source>
        <translation>la croix {place}</translation>
    </message>
    <message>
        <source>the inner ring {place}</source>
        <translation>l&apos;anneau intérieur {place}</translation>
    </message>
    <message>
        <source>the ring {place}</source>
        <translation>l&apos;anneau {place}</translation>
    </message>
    <message>
        <source>The print is stretched by more than {share} %: was it printed at actual size?</source>
        <translation>L&apos;impression est étirée de plus de {share} % : a-t-elle été imprimée à la taille réelle ?</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks, so a sensor cannot find it.</source>
        <translation>Cette feuille a moins de trois repères, un capteur ne peut donc pas la trouver.</translation>
    </message>
    <message>
        <source>No mark was found. Is the sheet loaded, printed side up?</source>
        <translation>Aucun repère n&apos;a été trouvé. La feuille est-elle chargée, côté imprimé dessus ?</translation>
    </message>
    <message numerus="yes">
        <source>Only %n spots like marks were found, and they do not lie as the marks do. Is this the sheet that was printed?</source>
        <translation>
            <numerusform>Une seule tache comme un repère a été trouvée. Est-ce la feuille qui a été imprimée ?</numerusform>
            <numerusform>Seules %n taches comme des repères ont été trouvées, et elles ne sont pas placées comme eux. Est-ce la feuille qui a été imprimée ?</numerusform>
        </translation>
    </message>
    <message>
        <source>The marks fit as well the other way up. Say which way the sheet lies, or find it by hand.</source>
        <translation>Les repères vont aussi bien à l&apos;envers. Dites comment est la feuille, ou trouvez-la à la main.</translation>
    </message>
    <message>
        <source>A mark lies {mm} mm from where the others say it should: {mark}. Smudged?</source>
        <translation>Un repère est à {mm} mm de là où les autres le disent : {mark}. Taché ?</translation>
    </message>
    <message>
        <source>The marks are left {mm} mm off, more than {most} mm: is the sheet flat, and is it the one that was printed?</source>
        <translation>Les repères restent à {mm} mm, plus de {most} mm : la feuille est-elle à plat, et est-ce celle qui a été imprimée ?</translation>
    </message>
    <message>
        <source>Only three marks were used, so nothing checks the result.</source>
        <translation>Seuls trois repères ont servi, rien ne vérifie donc le résultat.</translation>
    </message>
    <message>
        <source>Point at three marks or more that are not on one line.</source>
        <translation>Montrez trois repères ou plus, non alignés.</translation>
    </message>
    <message>
        <source>The places differ by {mm} mm.</source>
        <translation>Les endroits diffèrent de {mm} mm.</translation>
    </message>
    <message>
        <source>The others agree: look again at {mark}.</source>
        <translation>Les autres concordent : regardez encore {mark}.</translation>
    </message>
    <message>
        <source>Which one is off cannot be told: look at each again, or at a fifth.</source>
        <translation>On ne peut dire lequel est décalé : regardez encore chacun, ou un cinquième.</translation>
    </message>
    <message>
        <source>Three marks leave little to check by: look at the first cut.</source>
        <translation>Trois repères laissent peu à vérifier : regardez la première coupe.</translation>
    </message>
    <message>
        <source>{paper}, upright</source>
        <translation>{paper}, portrait</translation>
    </message>
    <message>
        <source>{paper}, sideways</source>
        <translation>{paper}, paysage</translation>
    </message>
    <message>
        <source>{width} × {height} mm</source>
        <translation>{width} × {height} mm</translation>
    </message>
    <message>
        <source>{paper} is smaller than its marks need.</source>
        <translation>{paper} est plus petit que ce qu&apos;il faut à ses repères.</translation>
    </message>
    <message>
        <source>Take larger paper or other marks.</source>
        <translation>Prenez un papier plus grand ou d&apos;autres repères.</translation>
    </message>
    <message>
        <source>The margins leave nothing of {paper} to cut on.</source>
        <translation>Les marges ne laissent rien de {paper} à couper.</translation>
    </message>
    <message>
        <source>Check the printer&apos;s and the cutter&apos;s margins and where the paper lies on the mat.</source>
        <translation>Vérifiez les marges de l&apos;imprimante et de la machine, et la place du papier sur le tapis.</translation>
    </message>
    <message>
        <source>Marks and margins leave nothing of the cut zone on {paper}.</source>
        <translation>Repères et marges ne laissent rien de la zone de coupe sur {paper}.</translation>
    </message>
    <message>
        <source>Take larger paper, smaller keep-clear areas, or no marks.</source>
        <translation>Prenez un papier plus grand, des zones libres plus petites, ou pas de repères.</translation>
    </message>
    <message>
        <source>The small sheets leave no room for a sticker.</source>
        <translation>Les petites feuilles ne laissent pas de place à un autocollant.</translation>
    </message>
    <message>
        <source>Take fewer of them or a smaller gutter.</source>
        <translation>Prenez-en moins, ou un intervalle plus petit.</translation>
    </message>
    <message>
        <source>Light falls on it unevenly, so it was evened.</source>
        <translation>La lumière y tombe inégale, elle a donc été égalisée.</translation>
    </message>
    <message>
        <source>Soft shadows on its ground are left out.</source>
        <translation>Les ombres douces de son fond sont laissées.</translation>
    </message>
    <message>
        <source>“{file}” does not exist.</source>
        <translation>« {file} » n&apos;existe pas.</translation>
    </message>
    <message>
        <source>“{file}” is a folder, not a file.</source>
        <translation>« {file} » est un dossier, pas un fichier.</translation>
    </message>
    <message>
        <source>“{file}” cannot be read.</source>
        <translation>« {file} » ne peut pas être lu.</translation>
    </message>
    <message>
        <source>Check the file&apos;s permissions.</source>
        <translation>Vérifiez les droits du fichier.</translation>
    </message>
    <message>
        <source>“{file}” is larger than {most} MB, too large to open.</source>
        <translation>« {file} » dépasse {most} Mo, trop pour être ouvert.</translation>
    </message>
    <message>
        <source>“{file}” cannot be read: {why}.</source>
        <translation>« {file} » ne peut pas être lu : {why}.</translation>
    </message>
    <message>
        <source>“{file}” cannot be written: {why}.</source>
        <translation>« {file} » ne peut pas être écrit : {why}.</translation>
    </message>
    <message>
        <source>Choose another folder or name.</source>
        <translation>Choisissez un autre dossier ou un autre nom.</translation>
    </message>
    <message>
        <source>“{words}” is not a known choice</source>
        <translation>« {words} » n&apos;est pas un choix connu</translation>
    </message>
    <message>
        <source>{field} is out of range</source>
        <translation>{field} est hors limites</translation>
    </message>
    <message>
        <source>a place is out of range</source>
        <translation>un endroit est hors limites</translation>
    </message>
    <message>
        <source>a line drawn by hand cannot be read</source>
        <translation>une ligne tracée à la main est illisible</translation>
    </message>
    <message>
        <source>paper is out of range</source>
        <translation>le papier est hors limites</translation>
    </message>
    <message>
        <source>It holds a path that cannot be read.</source>
        <translation>Il contient un tracé illisible.</translation>
    </message>
    <message>
        <source>It holds too many points.</source>
        <translation>Il contient trop de points.</translation>
    </message>
    <message>
        <source>It holds lines that lie off every paper.</source>
        <translation>Il contient des lignes hors de tout papier.</translation>
    </message>
    <message>
        <source>It is not an SVG file that can be read.</source>
        <translation>Ce n&apos;est pas un fichier SVG lisible.</translation>
    </message>
    <message>
        <source>It is not a DXF file that can be read.</source>
        <translation>Ce n&apos;est pas un fichier DXF lisible.</translation>
    </message>
    <message>
        <source>“{file}” holds no lines to cut.</source>
        <translation>« {file} » n&apos;a pas de lignes à couper.</translation>
    </message>
    <message>
        <source>This is not HP-GL: an instruction does not end.</source>
        <translation>Ce n&apos;est pas du HP-GL : une instruction ne finit pas.</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} carries “{words}”, which is not a number.</source>
        <translation>L&apos;instruction HP-GL {name} porte « {words} », qui n&apos;est pas un nombre.</translation>
    </message>
    <message>
        <source>This is not HP-GL: “{words}” is no instruction.</source>
        <translation>Ce n&apos;est pas du HP-GL : « {words} » n&apos;est pas une instruction.</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} has an odd number of coordinates.</source>
        <translation>L&apos;instruction HP-GL {name} a un nombre impair de coordonnées.</translation>
    </message>
    <message>
        <source>has no page {page}.</source>
        <translation>n&apos;a pas de page {page}.</translation>
    </message>
    <message>
        <source>“{file}” is empty.</source>
        <translation>« {file} » est vide.</translation>
    </message>
    <message>
        <source>is no drawing that Fusuma can read.</source>
        <translation>n&apos;est pas un dessin que Fusuma puisse lire.</translation>
    </message>
    <message>
        <source>Use SVG, DXF or PDF.</source>
        <translation>Prenez SVG, DXF ou PDF.</translation>
    </message>
    <message>
        <source>“{file}” {trouble}</source>
        <translation>« {file} » {trouble}</translation>
    </message>
    <message>
        <source>“{file}” {note}.</source>
        <translation>« {file} » {note}.</translation>
    </message>
    <message>
        <source>is cut short.</source>
        <translation>est tronqué.</translation>
    </message>
    <message>
        <source>Export it again.</source>
        <translation>Exportez-le de nouveau.</translation>
    </message>
    <message>
        <source>is damaged, or larger than Fusuma can read.</source>
        <translation>est abîmé, ou plus grand que ce que Fusuma peut lire.</translation>
    </message>
    <message>
        <source>holds no lines that can be cut.</source>
        <translation>ne contient pas de lignes à couper.</translation>
    </message>
    <message>
        <source>Lines, arcs, polylines and splines are read.</source>
        <translation>Lignes, arcs, polylignes et splines sont lus.</translation>
    </message>
    <message>
        <source>words are too many</source>
        <translation>il y a trop de mots</translation>
    </message>
    <message>
        <source>the list is too long</source>
        <translation>la liste est trop longue</translation>
    </message>
    <message>
        <source>texts are too many</source>
        <translation>il y a trop de textes</translation>
    </message>
    <message>
        <source>the day is out of range</source>
        <translation>le jour est hors limites</translation>
    </message>
    <message>
        <source>It was made for a newer version of Fusuma.</source>
        <translation>Il a été fait pour une version plus récente de Fusuma.</translation>
    </message>
    <message>
        <source>Update Fusuma to use it.</source>
        <translation>Mettez Fusuma à jour pour l&apos;utiliser.</translation>
    </message>
    <message>
        <source>Templates hold no pictures.</source>
        <translation>Les modèles ne contiennent pas d&apos;images.</translation>
    </message>
    <message>
        <source>It is no JSON text.</source>
        <translation>Ce n&apos;est pas du texte JSON.</translation>
    </message>
    <message>
        <source>Help, User guide tells how templates are written.</source>
        <translation>Aide, Guide d&apos;utilisation dit comment s&apos;écrivent les modèles.</translation>
    </message>
    <message>
        <source>A field of “{template}” is missing or of the wrong kind: {detail}.</source>
        <translation>Un champ de « {template} » manque ou n&apos;est pas du bon genre : {detail}.</translation>
    </message>
    <message>
        <source>A field of “{template}”: {detail}.</source>
        <translation>Un champ de « {template} » : {detail}.</translation>
    </message>
    <message>
        <source>It holds no templates.</source>
        <translation>Il ne contient pas de modèles.</translation>
    </message>
    <message>
        <source>The list is larger than the 20 MB that Fusuma can read.</source>
        <translation>La liste dépasse les 20 Mo que Fusuma peut lire.</translation>
    </message>
    <message>
        <source>It is no list of words.</source>
        <translation>Ce n&apos;est pas une liste de mots.</translation>
    </message>
    <message>
        <source>Use CSV, or copy the cells and paste them.</source>
        <translation>Prenez du CSV, ou copiez les cellules et collez-les.</translation>
    </message>
    <message>
        <source>The list is empty.</source>
        <translation>La liste est vide.</translation>
    </message>
    <message>
        <source>The list has more than the 10,000 rows that Fusuma can fill labels from.</source>
        <translation>La liste a plus que les 10 000 rangées dont Fusuma peut remplir des étiquettes.</translation>
    </message>
    <message>
        <source>“{file}” cannot be used.</source>
        <translation>« {file} » est inutilisable.</translation>
    </message>
    <message>
        <source>the file is not an object in braces</source>
        <translation>le fichier n&apos;est pas un objet entre accolades</translation>
    </message>
    <message>
        <source>{field} is not an object in braces</source>
        <translation>{field} n&apos;est pas un objet entre accolades</translation>
    </message>
    <message>
        <source>{field} is too long</source>
        <translation>{field} est trop long</translation>
    </message>
    <message>
        <source>{field} must be from {least} to {most}</source>
        <translation>{field} doit être de {least} à {most}</translation>
    </message>
    <message>
        <source>{field} must be one of {choices}</source>
        <translation>{field} doit être l&apos;un de {choices}</translation>
    </message>
    <message>
        <source>{field} is not known</source>
        <translation>{field} n&apos;est pas connu</translation>
    </message>
    <message>
        <source>x_runs and y_runs must be at right angles</source>
        <translation>x_runs et y_runs doivent être à angle droit</translation>
    </message>
    <message>
        <source>hpgl.most_numbers must be even, since places are pairs</source>
        <translation>hpgl.most_numbers doit être pair, les places étant des paires</translation>
    </message>
    <message>
        <source>hpgl.most_bytes must be 0 or at least 40</source>
        <translation>hpgl.most_bytes doit être 0 ou au moins 40</translation>
    </message>
    <message>
        <source>park lies off the bed</source>
        <translation>park est hors du plateau</translation>
    </message>
    <message>
        <source>This is not a machine&apos;s profile: it is not JSON.</source>
        <translation>Ce n&apos;est pas un profil de machine : ce n&apos;est pas du JSON.</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {field} is not what it should be.</source>
        <translation>Le profil de cette machine est inutilisable : {field} n&apos;est pas ce qu&apos;il faudrait.</translation>
    </message>
    <message>
        <source>Help, User guide tells what each field takes.</source>
        <translation>Aide, Guide d&apos;utilisation dit ce que prend chaque champ.</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {trouble}.</source>
        <translation>Le profil de cette machine est inutilisable : {trouble}.</translation>
    </message>
    <message>
        <source>a margin is out of range</source>
        <translation>une marge est hors limites</translation>
    </message>
    <message>
        <source>a correction is out of range</source>
        <translation>une correction est hors limites</translation>
    </message>
    <message>
        <source>how the cutter moves is out of range</source>
        <translation>le mouvement de la machine est hors limites</translation>
    </message>
    <message>
        <source>must be an object with fields in braces</source>
        <translation>doit être un objet avec des champs entre accolades</translation>
    </message>
    <message>
        <source>has no field “{field}”</source>
        <translation>n&apos;a pas de champ « {field} »</translation>
    </message>
    <message>
        <source>must be a number from {least} to {most}</source>
        <translation>doit être un nombre de {least} à {most}</translation>
    </message>
    <message>
        <source>must be one of {choices}</source>
        <translation>doit être l&apos;un de {choices}</translation>
    </message>
    <message>
        <source>must be a name of 1 to 80 letters</source>
        <translation>doit être un nom de 1 à 80 lettres</translation>
    </message>
    <message>
        <source>must be a list of 1 to {most} marks</source>
        <translation>doit être une liste de 1 à {most} repères</translation>
    </message>
    <message>
        <source>This mark scheme is larger than 1 MB.</source>
        <translation>Ce schéma de repères dépasse 1 Mo.</translation>
    </message>
    <message>
        <source>Line {line}: this is not JSON.</source>
        <translation>Ligne {line} : ce n&apos;est pas du JSON.</translation>
    </message>
    <message>
        <source>Look for a missing comma, quote or bracket there.</source>
        <translation>Cherchez-y une virgule, un guillemet ou une accolade qui manque.</translation>
    </message>
    <message>
        <source>Line {line}, field “{field}”: it {trouble}.</source>
        <translation>Ligne {line}, champ « {field} » : il {trouble}.</translation>
    </message>
    <message>
        <source>is damaged or cut short.</source>
        <translation>est abîmé ou tronqué.</translation>
    </message>
    <message>
        <source>Export or download it again.</source>
        <translation>Exportez-le ou téléchargez-le de nouveau.</translation>
    </message>
    <message>
        <source>has {width} × {height} pixels, more than the 200 million that Fusuma can open.</source>
        <translation>a {width} × {height} pixels, plus que les 200 millions que Fusuma peut ouvrir.</translation>
    </message>
    <message>
        <source>Save a smaller copy and open that.</source>
        <translation>Enregistrez une copie plus petite et ouvrez-la.</translation>
    </message>
    <message>
        <source>is packed in a way that this computer cannot unpack.</source>
        <translation>est emballé d&apos;une façon que cet ordinateur ne sait pas ouvrir.</translation>
    </message>
    <message>
        <source>Save it as JPEG or PNG.</source>
        <translation>Enregistrez-la en JPEG ou PNG.</translation>
    </message>
    <message>
        <source>needs more memory than there is.</source>
        <translation>demande plus de mémoire qu&apos;il n&apos;y en a.</translation>
    </message>
    <message>
        <source>is locked with a password.</source>
        <translation>est protégé par un mot de passe.</translation>
    </message>
    <message>
        <source>Save a copy without one and add that.</source>
        <translation>Enregistrez une copie sans mot de passe et ajoutez-la.</translation>
    </message>
    <message>
        <source>is a damaged PDF.</source>
        <translation>est un PDF abîmé.</translation>
    </message>
    <message>
        <source>has no page {page}, only {pages}.</source>
        <translation>n&apos;a pas de page {page}, seulement {pages}.</translation>
    </message>
    <message>
        <source>is too large at {dpi} dpi.</source>
        <translation>est trop grand à {dpi} ppp.</translation>
    </message>
    <message>
        <source>Choose a lower resolution.</source>
        <translation>Choisissez une résolution plus basse.</translation>
    </message>
    <message>
        <source>has a page that cannot be drawn.</source>
        <translation>a une page qui ne peut être dessinée.</translation>
    </message>
    <message>
        <source>plane is out of range</source>
        <translation>le plan est hors limites</translation>
    </message>
    <message>
        <source>a flat picture is too large</source>
        <translation>une image à plat est trop grande</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are taken as they are.</source>
        <translation>a un profil de couleur abîmé, ses couleurs sont donc prises telles quelles.</translation>
    </message>
    <message>
        <source>is in CMYK without a colour profile, so its colours are only near.</source>
        <translation>est en CMJN sans profil de couleur, ses couleurs ne sont donc qu&apos;approchées.</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are only near.</source>
        <translation>a un profil de couleur abîmé, ses couleurs ne sont donc qu&apos;approchées.</translation>
    </message>
    <message>
        <source>is not a picture that Fusuma can read.</source>
        <translation>n&apos;est pas une image que Fusuma puisse lire.</translation>
    </message>
    <message>
        <source>has more than the 200 million pixels that Fusuma can open.</source>
        <translation>a plus que les 200 millions de pixels que Fusuma peut ouvrir.</translation>
    </message>
    <message>
        <source>is an animation; its first picture is used.</source>
        <translation>est une animation ; sa première image est utilisée.</translation>
    </message>
    <message>
        <source>“{file}” {note}</source>
        <translation>« {file} » {note}</translation>
    </message>
    <message>
        <source>It holds artwork of a kind that this version does not know.</source>
        <translation>Il contient un motif d&apos;un genre que cette version ne connaît pas.</translation>
    </message>
    <message>
        <source>dpi is out of range</source>
        <translation>les ppp sont hors limites</translation>
    </message>
    <message>
        <source>Its artwork “{file}” is missing.</source>
        <translation>Son motif « {file} » manque.</translation>
    </message>
    <message>
        <source>a photograph is too large to be laid flat</source>
        <translation>une photo est trop grande pour être mise à plat</translation>
    </message>
    <message>
        <source>a combined part is out of range</source>
        <translation>une partie combinée est hors limites</translation>
    </message>
    <message>
        <source>a combination&apos;s members are out of range</source>
        <translation>les membres d&apos;une combinaison sont hors limites</translation>
    </message>
    <message>
        <source>a part&apos;s id is out of range</source>
        <translation>le numéro d&apos;une partie est hors limites</translation>
    </message>
    <message>
        <source>clusters are too deep within each other</source>
        <translation>les ensembles sont trop imbriqués</translation>
    </message>
    <message>
        <source>a cluster&apos;s size is out of range</source>
        <translation>la taille d&apos;un ensemble est hors limites</translation>
    </message>
    <message>
        <source>a cluster is empty</source>
        <translation>un ensemble est vide</translation>
    </message>
    <message>
        <source>It is not a Fusuma project.</source>
        <translation>Ce n&apos;est pas un projet Fusuma.</translation>
    </message>
    <message>
        <source>It was saved by a newer version of Fusuma.</source>
        <translation>Il a été enregistré par une version plus récente de Fusuma.</translation>
    </message>
    <message>
        <source>Update Fusuma to open it.</source>
        <translation>Mettez Fusuma à jour pour l&apos;ouvrir.</translation>
    </message>
    <message>
        <source>Its ticket {code} is missing.</source>
        <translation>Sa fiche {code} manque.</translation>
    </message>
    <message>
        <source>Its description is damaged.</source>
        <translation>Sa description est abîmée.</translation>
    </message>
    <message>
        <source>Its description is damaged: {detail}.</source>
        <translation>Sa description est abîmée : {detail}.</translation>
    </message>
    <message>
        <source>There is too little memory for it.</source>
        <translation>Il y a trop peu de mémoire pour lui.</translation>
    </message>
    <message>
        <source>Close other programs, then try again.</source>
        <translation>Fermez d&apos;autres programmes, puis réessayez.</translation>
    </message>
    <message>
        <source>Its artwork is missing.</source>
        <translation>Son motif manque.</translation>
    </message>
    <message>
        <source>The project could not be opened again, so it is not saved.</source>
        <translation>Le projet ne pourrait pas être rouvert, il n&apos;est donc pas enregistré.</translation>
    </message>
    <message>
        <source>Undo the last steps, then try again.</source>
        <translation>Annulez les derniers pas, puis réessayez.</translation>
    </message>
    <message>
        <source>The project is too large to be opened again, so it is not saved.</source>
        <translation>Le projet est trop grand pour être rouvert, il n&apos;est donc pas enregistré.</translation>
    </message>
    <message>
        <source>Save it in two halves.</source>
        <translation>Enregistrez-le en deux moitiés.</translation>
    </message>
    <message>
        <source>“{file}” cannot be opened.</source>
        <translation>« {file} » ne peut pas être ouvert.</translation>
    </message>
    <message>
        <source>a brush stroke is out of range</source>
        <translation>un trait de pinceau est hors limites</translation>
    </message>
    <message>
        <source>colours are too many</source>
        <translation>il y a trop de couleurs</translation>
    </message>
    <message>
        <source>rims are too many</source>
        <translation>il y a trop de liserés</translation>
    </message>
    <message>
        <source>nodes drawn by hand are too many</source>
        <translation>il y a trop de nœuds tracés à la main</translation>
    </message>
    <message>
        <source>a stretch drawn by hand is empty</source>
        <translation>un tronçon tracé à la main est vide</translation>
    </message>
    <message>
        <source>a line drawn by hand is empty</source>
        <translation>une ligne tracée à la main est vide</translation>
    </message>
    <message>
        <source>the mark scheme is damaged: {why}</source>
        <translation>le schéma de repères est abîmé : {why}</translation>
    </message>
    <message>
        <source>the mark scheme is missing</source>
        <translation>le schéma de repères manque</translation>
    </message>
    <message>
        <source>what was photographed lies on no board</source>
        <translation>ce qui a été photographié n&apos;est sur aucune planche</translation>
    </message>
    <message>
        <source>a copy is out of range</source>
        <translation>une copie est hors limites</translation>
    </message>
    <message>
        <source>a sticker&apos;s id is out of range</source>
        <translation>le numéro d&apos;un autocollant est hors limites</translation>
    </message>
    <message>
        <source>a copy&apos;s id is out of range</source>
        <translation>le numéro d&apos;une copie est hors limites</translation>
    </message>
    <message>
        <source>a cut line&apos;s copy is out of range</source>
        <translation>la copie d&apos;une ligne de coupe est hors limites</translation>
    </message>
    <message>
        <source>a ticket&apos;s code is out of range</source>
        <translation>le code d&apos;une fiche est hors limites</translation>
    </message>
    <message>
        <source>The project cannot be packed.</source>
        <translation>Le projet ne peut pas être emballé.</translation>
    </message>
    <message>
        <source>There may be too little memory.</source>
        <translation>Il y a peut-être trop peu de mémoire.</translation>
    </message>
    <message>
        <source>It is damaged or not a Fusuma project.</source>
        <translation>Il est abîmé ou n&apos;est pas un projet Fusuma.</translation>
    </message>
    <message>
        <source>Its contents are too large to open.</source>
        <translation>Son contenu est trop grand pour être ouvert.</translation>
    </message>
    <message>
        <source>is damaged in line {line}: {why}</source>
        <translation>est abîmé à la ligne {line} : {why}</translation>
    </message>
    <message>
        <source>holds no drawing.</source>
        <translation>ne contient pas de dessin.</translation>
    </message>
    <message>
        <source>nests its groups more than {most} deep.</source>
        <translation>imbrique ses groupes sur plus de {most} niveaux.</translation>
    </message>
    <message>
        <source>Ungroup some and save it again.</source>
        <translation>Dégroupez-en et enregistrez de nouveau.</translation>
    </message>
    <message>
        <source>has more than {most} elements.</source>
        <translation>a plus de {most} éléments.</translation>
    </message>
    <message>
        <source>Split the drawing into several files.</source>
        <translation>Répartissez le dessin en plusieurs fichiers.</translation>
    </message>
    <message>
        <source>has more than one drawing in it.</source>
        <translation>contient plus d&apos;un dessin.</translation>
    </message>
    <message>
        <source>is larger than the 100 MB that Fusuma can open.</source>
        <translation>dépasse les 100 Mo que Fusuma peut ouvrir.</translation>
    </message>
    <message>
        <source>is damaged, or larger than 100 MB unpacked.</source>
        <translation>est abîmé, ou dépasse 100 Mo décompressé.</translation>
    </message>
    <message>
        <source>holds nothing that can be drawn.</source>
        <translation>ne contient rien qui se dessine.</translation>
    </message>
    <message>
        <source>draws more than {most} shapes.</source>
        <translation>dessine plus de {most} formes.</translation>
    </message>
    <message>
        <source>Simplify it first.</source>
        <translation>Simplifiez-le d&apos;abord.</translation>
    </message>
    <message>
        <source>{note}; it {more}</source>
        <translation>{note} ; il {more}</translation>
    </message>
    <message>
        <source>refers to other files, which are left out</source>
        <translation>renvoie à d&apos;autres fichiers, qui sont laissés</translation>
    </message>
    <message>
        <source>has scripts, which are ignored</source>
        <translation>a des scripts, qui sont ignorés</translation>
    </message>
    <message>
        <source>has a text of more than 20,000 letters, which is left out</source>
        <translation>a un texte de plus de 20 000 lettres, qui est laissé</translation>
    </message>
    <message>
        <source>asks for fonts that are not here: {fonts}</source>
        <translation>demande des polices qui ne sont pas ici : {fonts}</translation>
    </message>
    <message>
        <source>states no size that can be used.</source>
        <translation>ne dit pas de taille utilisable.</translation>
    </message>
    <message>
        <source>Give it a width and a height.</source>
        <translation>Donnez-lui une largeur et une hauteur.</translation>
    </message>
    <message>
        <source>“{address}” is not a cutter&apos;s address.</source>
        <translation>« {address} » n&apos;est pas l&apos;adresse d&apos;une machine.</translation>
    </message>
    <message>
        <source>Give tcp:HOST:PORT, serial:PORT@BAUD or device:/dev/…</source>
        <translation>Donnez tcp:HÔTE:PORT, serial:PORT@BAUDS ou device:/dev/…</translation>
    </message>
    <message>
        <source>The practice cutter cannot listen on port {port}: {why}.</source>
        <translation>La machine d&apos;exercice ne peut pas écouter sur le port {port} : {why}.</translation>
    </message>
    <message>
        <source>The practice cutter cannot open a pseudo-terminal.</source>
        <translation>La machine d&apos;exercice ne peut pas ouvrir de pseudo-terminal.</translation>
    </message>
    <message>
        <source>The practice printer prints at 24 to 2400 dpi.</source>
        <translation>L&apos;imprimante d&apos;exercice imprime de 24 à 2400 ppp.</translation>
    </message>
    <message>
        <source>The sheet cannot be written to “{file}”.</source>
        <translation>La feuille ne peut pas être écrite dans « {file} ».</translation>
    </message>
    <message>
        <source>The scanner does not answer any more.</source>
        <translation>Le scanner ne répond plus.</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on.</source>
        <translation>Voyez s&apos;il est branché et allumé.</translation>
    </message>
    <message>
        <source>You have no right to use the scanner.</source>
        <translation>Vous n&apos;avez pas le droit d&apos;utiliser le scanner.</translation>
    </message>
    <message>
        <source>Join the group “scanner”, log out and in again.</source>
        <translation>Rejoignez le groupe « scanner », déconnectez-vous et revenez.</translation>
    </message>
    <message>
        <source>The scanner is busy.</source>
        <translation>Le scanner est occupé.</translation>
    </message>
    <message>
        <source>Close the other program that uses it, then try again.</source>
        <translation>Fermez l&apos;autre programme qui l&apos;utilise, puis réessayez.</translation>
    </message>
    <message>
        <source>The scanner is jammed.</source>
        <translation>Le scanner est bourré.</translation>
    </message>
    <message>
        <source>Take the paper out, then try again.</source>
        <translation>Retirez le papier, puis réessayez.</translation>
    </message>
    <message>
        <source>There is no paper in the scanner&apos;s feeder.</source>
        <translation>Il n&apos;y a pas de papier dans le chargeur du scanner.</translation>
    </message>
    <message>
        <source>Lay some in, then try again.</source>
        <translation>Mettez-en, puis réessayez.</translation>
    </message>
    <message>
        <source>The scanner&apos;s cover is open.</source>
        <translation>Le capot du scanner est ouvert.</translation>
    </message>
    <message>
        <source>Close it, then try again.</source>
        <translation>Fermez-le, puis réessayez.</translation>
    </message>
    <message>
        <source>There is too little memory for this scan.</source>
        <translation>Il y a trop peu de mémoire pour cette numérisation.</translation>
    </message>
    <message>
        <source>Scan a smaller area or at a lower resolution.</source>
        <translation>Numérisez une surface plus petite ou à une résolution plus basse.</translation>
    </message>
    <message>
        <source>Scanners cannot be reached on this computer.</source>
        <translation>Aucun scanner n&apos;est joignable sur cet ordinateur.</translation>
    </message>
    <message>
        <source>The scanner sends its colours one after the other, which Fusuma does not take.</source>
        <translation>Le scanner envoie ses couleurs l&apos;une après l&apos;autre, ce que Fusuma ne prend pas.</translation>
    </message>
    <message>
        <source>Scan in grey.</source>
        <translation>Numérisez en gris.</translation>
    </message>
    <message>
        <source>This scan would have more than 200 million pixels.</source>
        <translation>Cette numérisation aurait plus de 200 millions de pixels.</translation>
    </message>
    <message>
        <source>The scanner cannot do this ({number}).</source>
        <translation>Le scanner ne peut pas faire cela ({number}).</translation>
    </message>
    <message>
        <source>Try other settings.</source>
        <translation>Essayez d&apos;autres réglages.</translation>
    </message>
    <message>
        <source>The scanner sent nothing.</source>
        <translation>Le scanner n&apos;a rien envoyé.</translation>
    </message>
    <message>
        <source>Try again.</source>
        <translation>Réessayez.</translation>
    </message>
    <message>
        <source>--paper {paper}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--paper {paper} : donnez a4, letter, a3, 12x12in ou LxH en mm, chacun d&apos;au moins 90, les deux ensemble d&apos;au plus 1030.</translation>
    </message>
    <message>
        <source>--holes {holes}: give the area in mm², such as close-under=9.</source>
        <translation>--holes {holes} : donnez la surface en mm², comme close-under=9.</translation>
    </message>
    <message>
        <source>--holes {holes}: give keep, close or close-under=MM2.</source>
        <translation>--holes {holes} : donnez keep, close ou close-under=MM2.</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>{option} {words} : donnez X,Y en pixels, comme 100,80.</translation>
    </message>
    <message>
        <source>--rim {words}: give a width in mm and a fill, such as 1.5,#2E4A7D{hint}</source>
        <translation>--rim {words} : donnez une largeur en mm et un remplissage, comme 1.5,#2E4A7D{hint}</translation>
    </message>
    <message>
        <source>--border-fill {border_fill}{hint}</source>
        <translation>--border-fill {border_fill}{hint}</translation>
    </message>
    <message>
        <source>--bleed-with {bleed_with}: give the width of the bleed with --bleed too.</source>
        <translation>--bleed-with {bleed_with} : donnez aussi la largeur du fond perdu avec --bleed.</translation>
    </message>
    <message>
        <source>--line {words}: give at least two points as X,Y,X,Y in pixels.</source>
        <translation>--line {words} : donnez au moins deux points comme X,Y,X,Y en pixels.</translation>
    </message>
    <message>
        <source>--leave-out {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--leave-out {words} : donnez X,Y en pixels, comme 100,80.</translation>
    </message>
    <message>
        <source>--marks {words}: give X,Y in mm, such as 12.5,280, or none.</source>
        <translation>--marks {words} : donnez X,Y en mm, comme 12.5,280, ou none.</translation>
    </message>
    <message>
        <source>--marks gives {marks} places, but the sheet has {marks2} marks.</source>
        <translation>--marks donne {marks} places, mais la feuille a {marks2} repères.</translation>
    </message>
    <message>
        <source>{lines_cut} of {runs} lines are cut. With -o FILE nothing is sent.</source>
        <translation>{lines_cut} lignes sur {runs} sont coupées. Avec -o FICHIER rien n&apos;est envoyé.</translation>
    </message>
    <message numerus="yes">
        <source>Ticket {code} has %n pages.</source>
        <translation>
            <numerusform>La fiche {code} a une page.</numerusform>
            <numerusform>La fiche {code} a %n pages.</numerusform>
        </translation>
    </message>
    <message>
        <source>{option} {words}: the drawing has no part “{part}”.</source>
        <translation>{option} {words} : le dessin n&apos;a pas de partie « {part} ».</translation>
    </message>
    <message>
        <source>`fusuma-cli parts` lists them.</source>
        <translation>`fusuma-cli parts` les liste.</translation>
    </message>
    <message>
        <source>--part {words}: give WHICH=printed, cut, both or neither, with :kiss, :score or :through.</source>
        <translation>--part {words} : donnez LAQUELLE=printed, cut, both ou neither, avec :kiss, :score ou :through.</translation>
    </message>
    <message>
        <source>--combine {words}: give join, take-out, overlap-only, exclude, split or pieces, a colon, and parts.</source>
        <translation>--combine {words} : donnez join, take-out, overlap-only, exclude, split ou pieces, deux-points et des parties.</translation>
    </message>
    <message>
        <source>--combine {words}: nothing comes of it.</source>
        <translation>--combine {words} : il n&apos;en sort rien.</translation>
    </message>
    <message>
        <source>Do the parts overlap?</source>
        <translation>Les parties se recouvrent-elles ?</translation>
    </message>
    <message>
        <source>--recolour {words}: give #RRGGBB=#RRGGBB.</source>
        <translation>--recolour {words} : donnez #RRGGBB=#RRGGBB.</translation>
    </message>
    <message>
        <source>“{file_name}” has no parts in plain colours.</source>
        <translation>« {file_name} » n&apos;a pas de parties en couleurs unies.</translation>
    </message>
    <message numerus="yes">
        <source>The sheet has %n pages.</source>
        <translation>
            <numerusform>La feuille a une page.</numerusform>
            <numerusform>La feuille a %n pages.</numerusform>
        </translation>
    </message>
    <message>
        <source>--board {board}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--board {board} : donnez a4, letter, a3, 12x12in ou LxH en mm, chacun d&apos;au moins 90, les deux ensemble d&apos;au plus 1030.</translation>
    </message>
    <message>
        <source>--label {shape}: give SHAPE:WxH in mm, 2 to 1000 each, such as rounded:60x30.</source>
        <translation>--label {shape} : donnez FORME:LxH en mm, de 2 à 1000 chacun, comme rounded:60x30.</translation>
    </message>
    <message>
        <source>--template {asked}: {read}</source>
        <translation>--template {asked} : {read}</translation>
    </message>
    <message>
        <source>--template {asked}: there is {names}.</source>
        <translation>--template {asked} : il y a {names}.</translation>
    </message>
    <message>
        <source>--text-style {words}: “{piece}” is not understood.</source>
        <translation>--text-style {words} : « {piece} » n&apos;est pas compris.</translation>
    </message>
    <message>
        <source>A label has at most {most_texts} texts.</source>
        <translation>Une étiquette a au plus {most_texts} textes.</translation>
    </message>
    <message>
        <source>The font “{font}” is not here; “{other}” is used.</source>
        <translation>La police « {font} » n&apos;est pas ici ; « {other} » est utilisée.</translation>
    </message>
    <message>
        <source>--swatch {swatch}: give one of {names}.</source>
        <translation>--swatch {swatch} : donnez l&apos;un de {names}.</translation>
    </message>
    <message>
        <source>--ground {ground}: give #RRGGBB or none.</source>
        <translation>--ground {ground} : donnez #RRGGBB ou none.</translation>
    </message>
    <message>
        <source>--frame {frame}: give WIDTH,INSET in mm, such as 0.4,1.5.</source>
        <translation>--frame {frame} : donnez LARGEUR,RETRAIT en mm, comme 0.4,1.5.</translation>
    </message>
    <message>
        <source>--label-picture {picture}: give left, right, above, below or behind.</source>
        <translation>--label-picture {picture} : donnez left, right, above, below ou behind.</translation>
    </message>
    <message>
        <source>--date {date}: give YYYY-MM-DD.</source>
        <translation>--date {date} : donnez AAAA-MM-JJ.</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y,W,H in pixels, such as 100,80,600,400.</source>
        <translation>{option} {words} : donnez X,Y,L,H en pixels, comme 100,80,600,400.</translation>
    </message>
    <message>
        <source>{option} {words}: give the size, and points, such as 20,100,80.</source>
        <translation>{option} {words} : donnez la taille et des points, comme 20,100,80.</translation>
    </message>
    <message>
        <source>{option} {words}: give add or erase, the size, and points, such as erase,20,100,80.</source>
        <translation>{option} {words} : donnez add ou erase, la taille et des points, comme erase,20,100,80.</translation>
    </message>
    <message>
        <source>--subject and --source {source} do not go together.</source>
        <translation>--subject et --source {source} ne vont pas ensemble.</translation>
    </message>
    <message>
        <source>{option} says what belongs to a subject: give --subject, too.</source>
        <translation>{option} dit ce qui fait partie d&apos;un sujet : donnez aussi --subject.</translation>
    </message>
    <message>
        <source>--flatten {words}: give board, board:PAPER, paper:PAPER, card or corners:X,Y,X,Y,X,Y,X,Y:WxH.</source>
        <translation>--flatten {words} : donnez board, board:PAPIER, paper:PAPIER, card ou corners:X,Y,X,Y,X,Y,X,Y:LxH.</translation>
    </message>
    <message>
        <source>--flatten {words}: {parts} is no paper; give a4, letter or WxH in mm.</source>
        <translation>--flatten {words} : {parts} n&apos;est pas un papier ; donnez a4, letter ou LxH en mm.</translation>
    </message>
    <message>
        <source>--flatten {words}: a board&apos;s paper is at least 90 mm each way, and both together at most 1030 mm.</source>
        <translation>--flatten {words} : le papier d&apos;une planche mesure au moins 90 mm de chaque côté, et 1030 mm au plus à eux deux.</translation>
    </message>
    <message>
        <source>{file_name}: {flat}</source>
        <translation>{file_name} : {flat}</translation>
    </message>
    <message>
        <source>There is too little memory for this.</source>
        <translation>Il y a trop peu de mémoire pour cela.</translation>
    </message>
    <message>
        <source>Use smaller pictures, or fewer of them.</source>
        <translation>Prenez des images plus petites, ou moins.</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma: {what}.</source>
        <translation>Quelque chose a mal tourné dans Fusuma : {what}.</translation>
    </message>
    <message>
        <source>“{project}” has no copies on its sheet, so there is nothing to rehearse.</source>
        <translation>« {project} » n&apos;a pas de copies sur sa feuille, il n&apos;y a donc rien à répéter.</translation>
    </message>
    <message>
        <source>There is no ticket {ticket} in “{project}”.</source>
        <translation>Il n&apos;y a pas de fiche {ticket} dans « {project} ».</translation>
    </message>
    <message>
        <source>The sheet has {marks} marks, numbered from 1.</source>
        <translation>La feuille a {marks} repères, numérotés depuis 1.</translation>
    </message>
    <message>
        <source>--stretch takes up to 20 percent either way.</source>
        <translation>--stretch va jusqu&apos;à 20 pour cent dans chaque sens.</translation>
    </message>
    <message>
        <source>--shift takes up to 1000 mm either way.</source>
        <translation>--shift va jusqu&apos;à 1000 mm dans chaque sens.</translation>
    </message>
    <message>
        <source>The report cannot be written to standard output.</source>
        <translation>Le rapport ne peut pas être écrit sur la sortie standard.</translation>
    </message>
    <message>
        <source>{option} “{path}” would write over what is read.</source>
        <translation>{option} « {path} » écraserait ce qui est lu.</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>Choisissez un autre nom.</translation>
    </message>
    <message>
        <source>{option} and {option2} both write to “{path}”.</source>
        <translation>{option} et {option2} écrivent tous deux dans « {path} ».</translation>
    </message>
    <message>
        <source>Give each a file of its own.</source>
        <translation>Donnez à chacun son fichier.</translation>
    </message>
    <message>
        <source>“{file}” has nothing to print and nothing to cut.</source>
        <translation>« {file} » n&apos;a rien à imprimer ni à couper.</translation>
    </message>
    <message>
        <source>Give its parts a --part use.</source>
        <translation>Donnez à ses parties un usage par --part.</translation>
    </message>
    <message>
        <source>“{file}” is fully transparent, so there is nothing to outline.</source>
        <translation>« {file} » est tout transparent, il n&apos;y a donc rien à contourner.</translation>
    </message>
    <message>
        <source>“{file}” is empty once its background is taken away.</source>
        <translation>« {file} » est vide une fois son fond retiré.</translation>
    </message>
    <message>
        <source>Try another --source or --focus.</source>
        <translation>Essayez un autre --source ou --focus.</translation>
    </message>
    <message>
        <source>“{path}”: {machine}</source>
        <translation>« {path} » : {machine}</translation>
    </message>
    <message numerus="yes">
        <source>{trouble}, and so would %n more.</source>
        <translation>
            <numerusform>{trouble}, et un autre aussi.</numerusform>
            <numerusform>{trouble}, et %n autres aussi.</numerusform>
        </translation>
    </message>
    <message>
        <source>{trouble}.</source>
        <translation>{trouble}.</translation>
    </message>
    <message>
        <source>Nothing was written or moved. Move the paper in the machine, or the copies on the sheet.</source>
        <translation>Rien n&apos;a été écrit ni déplacé. Déplacez le papier dans la machine, ou les copies sur la feuille.</translation>
    </message>
    <message>
        <source>Nothing was printed from “{project}” yet: it has no ticket.</source>
        <translation>Rien n&apos;a encore été imprimé de « {project} » : il n&apos;a pas de fiche.</translation>
    </message>
    <message>
        <source>There is no ticket {code} in “{project}”.</source>
        <translation>Il n&apos;y a pas de fiche {code} dans « {project} ».</translation>
    </message>
    <message>
        <source>“{mark_scheme}”: {scheme}</source>
        <translation>« {mark_scheme} » : {scheme}</translation>
    </message>
    <message>
        <source>--divide {divide}: give columns and rows from 1 to {most_divisions}, such as 2x2.</source>
        <translation>--divide {divide} : donnez colonnes et rangées de 1 à {most_divisions}, comme 2x2.</translation>
    </message>
    <message>
        <source>--material {material}: give one of {names}.</source>
        <translation>--material {material} : donnez l&apos;un de {names}.</translation>
    </message>
    <message>
        <source>--ink {ink}: give kiss=NAME, score=NAME or through=NAME.</source>
        <translation>--ink {ink} : donnez kiss=NOM, score=NOM ou through=NOM.</translation>
    </message>
    <message>
        <source>“{words}”: a project must come first, and only one can be opened.</source>
        <translation>« {words} » : un projet doit venir d&apos;abord, et un seul s&apos;ouvre.</translation>
    </message>
    <message>
        <source>“{inputs}” cuts what lies on the photo board, whose paper and marks stay.</source>
        <translation>« {inputs} » coupe ce qui est sur la planche photo, dont le papier et les repères restent.</translation>
    </message>
    <message>
        <source>--paper {paper}: give a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in.</source>
        <translation>--paper {paper} : donnez a3 à a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, ou une taille comme 100x150 (mm) ou 4x6in.</translation>
    </message>
    <message>
        <source>--cluster: give at least two pictures, drawings or labels.</source>
        <translation>--cluster : donnez au moins deux images, dessins ou étiquettes.</translation>
    </message>
    <message>
        <source>Give a project, a picture or a drawing, or a label to make.</source>
        <translation>Donnez un projet, une image ou un dessin, ou une étiquette à faire.</translation>
    </message>
    <message>
        <source>See fusuma-cli sheet --help.</source>
        <translation>Voyez fusuma-cli sheet --help.</translation>
    </message>
    <message>
        <source>{sticker}: no copy fits on the sheet</source>
        <translation>{sticker} : aucune copie ne tient sur la feuille</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies fit on the sheet</source>
        <translation>{sticker} : seules {placed} copies sur {wanted} tiennent sur la feuille</translation>
    </message>
    <message>
        <source>--there: nothing lies on a photographed board.</source>
        <translation>--there : rien n&apos;est posé sur une planche photographiée.</translation>
    </message>
    <message>
        <source>Give photographs with --flatten board.</source>
        <translation>Donnez des photos avec --flatten board.</translation>
    </message>
    <message>
        <source>--pdf: what lies on the board already is not printed.</source>
        <translation>--pdf : ce qui est déjà sur la planche ne s&apos;imprime pas.</translation>
    </message>
    <message>
        <source>--cut-pdf has its cut lines alone.</source>
        <translation>--cut-pdf a ses lignes de coupe seules.</translation>
    </message>
    <message>
        <source>“{file}”: {trouble}</source>
        <translation>« {file} » : {trouble}</translation>
    </message>
    <message>
        <source>Choose two or more copies on this page first.</source>
        <translation>Choisissez d&apos;abord deux copies ou plus de cette page.</translation>
    </message>
    <message>
        <source>No scanner was found.</source>
        <translation>Aucun scanner n&apos;a été trouvé.</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on, or add the scan as a file.</source>
        <translation>Voyez s&apos;il est branché et allumé, ou ajoutez la numérisation comme fichier.</translation>
    </message>
    <message>
        <source>The scan was stopped.</source>
        <translation>La numérisation a été arrêtée.</translation>
    </message>
    <message>
        <source>{sticker}: no free place on the sheet is large enough for another copy.</source>
        <translation>{sticker} : aucune place libre de la feuille n&apos;est assez grande pour une autre copie.</translation>
    </message>
    <message>
        <source>Give the machine a name.</source>
        <translation>Donnez un nom à la machine.</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to point at.</source>
        <translation>Cette feuille a moins de trois repères à montrer.</translation>
    </message>
    <message>
        <source>The printer is set to {paper}, but the sheet is {other}.</source>
        <translation>L&apos;imprimante est réglée sur {paper}, mais la feuille est {other}.</translation>
    </message>
    <message>
        <source>Choose that paper in the printer&apos;s settings; nothing was printed.</source>
        <translation>Choisissez ce papier dans les réglages de l&apos;imprimante ; rien n&apos;a été imprimé.</translation>
    </message>
    <message>
        <source>The printer does not take the sheet.</source>
        <translation>L&apos;imprimante ne prend pas la feuille.</translation>
    </message>
    <message>
        <source>Is it on, and does it have paper?</source>
        <translation>Est-elle allumée, a-t-elle du papier ?</translation>
    </message>
    <message>
        <source>The printer stopped before the sheet was done.</source>
        <translation>L&apos;imprimante s&apos;est arrêtée avant la fin de la feuille.</translation>
    </message>
    <message>
        <source>Look at the printer, then print again.</source>
        <translation>Regardez l&apos;imprimante, puis imprimez de nouveau.</translation>
    </message>
    <message>
        <source>{most} pairs of copies lie on each other or too close; more are not listed</source>
        <translation>{most} paires de copies se chevauchent ou sont trop proches ; les autres ne sont pas listées</translation>
    </message>
    <message>
        <source>“{file}” is a device or a pipe, not a file.</source>
        <translation>« {file} » est un périphérique ou un tube, pas un fichier.</translation>
    </message>
    <message>
        <source>It is longer than the {most} MB that Fusuma takes.</source>
        <translation>Il dépasse les {most} Mo que Fusuma accepte.</translation>
    </message>
    <message>
        <source>Its brackets are more than {most} deep.</source>
        <translation>Ses crochets sont imbriqués sur plus de {most} niveaux.</translation>
    </message>
    <message>
        <source>It has more than the {most} values that Fusuma takes.</source>
        <translation>Il a plus que les {most} valeurs que Fusuma accepte.</translation>
    </message>
    <message>
        <source>“{file}” is not whole.</source>
        <translation>« {file} » n’est pas complet.</translation>
    </message>
    <message>
        <source>Fusuma takes {pages} pages and {copies} copies; {beyond} copies beyond that are left out.</source>
        <translation>Fusuma accepte {pages} pages et {copies} copies ; {beyond} copies de plus sont laissées de côté.</translation>
    </message>
    <message>
        <source>“{file}” needs more memory to be read than Fusuma gives to a file.</source>
        <translation>« {file} » demande plus de mémoire pour être lu que Fusuma n’en donne à un fichier.</translation>
    </message>
    <message>
        <source>Save a smaller or simpler copy and open that.</source>
        <translation>Enregistrez une copie plus petite ou plus simple et ouvrez-la.</translation>
    </message>
    <message>
        <source>“{file}” takes longer to read than {seconds} seconds of work.</source>
        <translation>« {file} » demande plus de {seconds} secondes de travail pour être lu.</translation>
    </message>
    <message>
        <source>Save a simpler copy and open that.</source>
        <translation>Enregistrez une copie plus simple et ouvrez-la.</translation>
    </message>
    <message>
        <source>“{file}” could not be read: it made the reader fail.</source>
        <translation>« {file} » n’a pas pu être lu : il a fait échouer le lecteur.</translation>
    </message>
    <message>
        <source>Nothing has changed. Save it anew in the program that it comes from.</source>
        <translation>Rien n’a changé. Enregistrez-le à nouveau dans le programme d’où il vient.</translation>
    </message>
    <message>
        <source>Fusuma&apos;s reader of files cannot be started.</source>
        <translation>Le lecteur de fichiers de Fusuma ne peut pas être lancé.</translation>
    </message>
    <message>
        <source>Install Fusuma anew.</source>
        <translation>Réinstallez Fusuma.</translation>
    </message>
    <message>
        <source>It holds no picture of its sheet.</source>
        <translation>Il ne contient pas d’image de sa feuille.</translation>
    </message>
    <message>
        <source>“{file}” has lines that cross more often than Fusuma takes.</source>
        <translation>« {file} » a des lignes qui se croisent plus souvent que Fusuma ne l’accepte.</translation>
    </message>
    <message>
        <source>Join or simplify its shapes in the program that it comes from.</source>
        <translation>Réunissez ou simplifiez ses formes dans le programme d’où il vient.</translation>
    </message>
    <message>
        <source>--label-picture {picture}: the picture&apos;s share is from 0.05 to 0.9.</source>
        <translation>--label-picture {picture} : la part de l’image va de 0.05 à 0.9.</translation>
    </message>
    <message>
        <source>A quote that begins in row {row} never closes.</source>
        <translation>Un guillemet ouvert à la ligne {row} n’est jamais fermé.</translation>
    </message>
    <message>
        <source>Close it, or write it twice where it is meant.</source>
        <translation>Fermez-le, ou doublez-le là où il est voulu.</translation>
    </message>
    <message>
        <source>A cell in row {row} is larger than the 1 MB that Fusuma takes.</source>
        <translation>Une cellule de la ligne {row} dépasse le Mo que Fusuma accepte.</translation>
    </message>
    <message>
        <source>A picture is not of the size that it is said to be.</source>
        <translation>Une image n’a pas la taille qu’elle est censée avoir.</translation>
    </message>
    <message>
        <source>Replace its artwork, or remove the sticker.</source>
        <translation>Remplacez son illustration, ou supprimez l’autocollant.</translation>
    </message>
    <message>
        <source>{sticker} and {other}: one cut for both, but another colour on either side of it, so the smallest slip shows the neighbour&apos;s</source>
        <translation>{sticker} et {other} : une coupe pour les deux, mais une autre couleur de chaque côté ; le moindre décalage montre celle du voisin</translation>
    </message>
    <message>
        <source>Stopped: “{file}” was not saved.</source>
        <translation>Arrêté : « {file} » n&apos;a pas été enregistré.</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies: a project holds at most {most}</source>
        <translation>{sticker} : seulement {placed} copies sur {wanted} : un projet en contient au plus {most}</translation>
    </message>
    <message>
        <source>A photograph laid flat, so its light was evened.</source>
        <translation>Une photo mise à plat : sa lumière a été égalisée.</translation>
    </message>
    <message>
        <source>It is no colour profile of a screen.</source>
        <translation>Ce n’est pas le profil de couleur d’un écran.</translation>
    </message>
    <message>
        <source>Give one of the commands that --help lists.</source>
        <translation>Donnez l&apos;une des commandes que --help énumère.</translation>
    </message>
    <message>
        <source>{option} is needed.</source>
        <translation>Il faut {option}.</translation>
    </message>
    <message>
        <source>{words} is not expected here.</source>
        <translation>{words} n&apos;est pas attendu ici.</translation>
    </message>
    <message>
        <source>{option}: {value} is not between {least} and {most}.</source>
        <translation>{option} : {value} n&apos;est pas entre {least} et {most}.</translation>
    </message>
    <message>
        <source>{option}: {value} is none of {words}.</source>
        <translation>{option} : {value} n&apos;est aucun de {words}.</translation>
    </message>
    <message>
        <source>{option}: “{value}” cannot be understood.</source>
        <translation>{option} : « {value} » n&apos;est pas compris.</translation>
    </message>
    <message>
        <source>{option} needs a value.</source>
        <translation>{option} demande une valeur.</translation>
    </message>
    <message>
        <source>{option} does not take so many values.</source>
        <translation>{option} ne prend pas tant de valeurs.</translation>
    </message>
    <message>
        <source>{option} goes only with {other}.</source>
        <translation>{option} ne va qu&apos;avec {other}.</translation>
    </message>
    <message>
        <source>{option} does not go with {other}.</source>
        <translation>{option} ne va pas avec {other}.</translation>
    </message>
    <message>
        <source>{option}: “{value}” is no number that can be used.</source>
        <translation>{option} : « {value} » n&apos;est pas un nombre utilisable.</translation>
    </message>
    <message>
        <source>“{project}” holds no picture of its sheet.</source>
        <translation>« {project} » ne contient aucune image de sa feuille.</translation>
    </message>
    <message>
        <source>--size {size}: give a paper&apos;s name or WxH in mm.</source>
        <translation>--size {size} : donnez le nom d&apos;un papier ou LxH en mm.</translation>
    </message>
    <message>
        <source>“{paper}” is not a paper: give a4, letter or WxH in mm.</source>
        <translation>« {paper} » n&apos;est pas un papier : donnez a4, letter ou LxH en mm.</translation>
    </message>
    <message>
        <source>“{file}” is not a picture that can be read.</source>
        <translation>« {file} » n&apos;est pas une image lisible.</translation>
    </message>
    <message>
        <source>The cut sheet cannot be written to “{file}”.</source>
        <translation>La feuille coupée ne peut être écrite dans « {file} ».</translation>
    </message>
    <message>
        <source>The practice printer prints nothing: its file {trouble}</source>
        <translation>L&apos;imprimante d&apos;exercice n&apos;imprime rien : son fichier {trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n rows of its list are on no page, the first is row {row}, “{words}”</source>
        <translation>
            <numerusform>{sticker} : une rangée de sa liste n&apos;est sur aucune page : la rangée {row}, « {words} »</numerusform>
            <numerusform>{sticker} : %n rangées de sa liste ne sont sur aucune page, la première est la rangée {row}, « {words} »</numerusform>
        </translation>
    </message>
    <message>
        <source>Put them on the sheet</source>
        <translation>Les mettre sur la feuille</translation>
    </message>
    <message>
        <source>--dates-in {language}: no such language; give one like de or fr.</source>
        <translation>--dates-in {language} : cette langue n’existe pas ; donnez-en une comme de ou fr.</translation>
    </message>
    <message>
        <source>text</source>
        <translation>texte</translation>
    </message>
    <message>
        <source>filled areas</source>
        <translation>surfaces remplies</translation>
    </message>
    <message>
        <source>dimensions</source>
        <translation>cotes</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>images</translation>
    </message>
    <message>
        <source>solids</source>
        <translation>solides</translation>
    </message>
    <message>
        <source>endless lines</source>
        <translation>lignes sans fin</translation>
    </message>
    <message>
        <source>is {length} long, which no paper holds.</source>
        <translation>mesure {length} ; aucun papier n’est assez grand.</translation>
    </message>
    <message>
        <source>Export it at its true size.</source>
        <translation>Exportez-le à sa taille réelle.</translation>
    </message>
    <message>
        <source>Save it as SVG or PDF.</source>
        <translation>Enregistrez-le en SVG ou en PDF.</translation>
    </message>
    <message>
        <source>Save it as DXF.</source>
        <translation>Enregistrez-le en DXF.</translation>
    </message>
    <message>
        <source>Save it as PNG.</source>
        <translation>Enregistrez-le en PNG.</translation>
    </message>
    <message>
        <source>Use PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF or PDF.</source>
        <translation>Utilisez PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF ou PDF.</translation>
    </message>
    <message>
        <source>would be {length} by the units that it states, so its numbers are taken for millimetres</source>
        <translation>mesurerait {length} d’après les unités qu’il indique, donc ses nombres sont pris pour des millimètres</translation>
    </message>
    <message>
        <source>states no units, so its numbers are taken for millimetres</source>
        <translation>n’indique pas d’unités, donc ses nombres sont pris pour des millimètres</translation>
    </message>
    <message>
        <source>lets through in ways that parts cannot, so its page is taken as one picture</source>
        <translation>laisse voir au travers d’une façon que des parties ne peuvent pas, donc sa page est prise comme une seule image</translation>
    </message>
    <message>
        <source>This version sees other parts in “{drawing}” than the one that saved it; it is cut round as a whole.</source>
        <translation>Cette version voit dans « {drawing} » d’autres parties que celle qui l’a enregistré ; il est coupé autour, d’un seul tenant.</translation>
    </message>
    <message>
        <source>hidden things</source>
        <translation>éléments masqués</translation>
    </message>
    <message>
        <source>things of other kinds</source>
        <translation>éléments d’autres sortes</translation>
    </message>
    <message>
        <source>comes without its {things}</source>
        <translation>vient sans {things}</translation>
    </message>
    <message>
        <source>holds {count} pictures; the first is used.</source>
        <translation>contient {count} images ; la première est utilisée.</translation>
    </message>
    <message>
        <source>holds no more than a small picture to know it by, as a camera&apos;s raw file does.</source>
        <translation>ne contient qu’une vignette, comme le fichier brut d’un appareil photo.</translation>
    </message>
    <message>
        <source>Letters that the font “{font}” lacks are set in “{other}”.</source>
        <translation>Les lettres absentes de la police « {font} » sont composées en « {other} ».</translation>
    </message>
    <message>
        <source>has letters that no font here has</source>
        <translation>a des lettres qu’aucune police de cet ordinateur ne possède</translation>
    </message>
    <message>
        <source>No encoding is called {encoding}.</source>
        <translation>Aucun codage ne s’appelle {encoding}.</translation>
    </message>
    <message>
        <source>Give one such as Windows-1250 or Shift_JIS.</source>
        <translation>Donnez-en un comme Windows-1250 ou Shift_JIS.</translation>
    </message>
    <message>
        <source>The list was read as {encoding}.</source>
        <translation>La liste a été lue comme {encoding}.</translation>
    </message>
    <message>
        <source>If letters in it are wrong, name another by --list-encoding.</source>
        <translation>Si des lettres sont fausses, nommez-en un autre avec --list-encoding.</translation>
    </message>
</context>
<context>
    <name>scan</name>
    <message>
        <source>Draw a box round what is to be scanned; a click takes it away.</source>
        <translation>Tirez un cadre autour de ce qu&apos;il faut numériser ; un clic l&apos;enlève.</translation>
    </message>
</context>
<context>
    <name>words</name>
    <message>
        <source>Plain lines</source>
        <translation>Lignes simples</translation>
    </message>
    <message>
        <source>Paper label sheet</source>
        <translation>Feuille d&apos;étiquettes en papier</translation>
    </message>
    <message>
        <source>Glossy photo sticker paper</source>
        <translation>Papier photo autocollant brillant</translation>
    </message>
    <message>
        <source>Printable vinyl</source>
        <translation>Vinyle imprimable</translation>
    </message>
    <message>
        <source>Clear film</source>
        <translation>Film transparent</translation>
    </message>
    <message>
        <source>Thin card</source>
        <translation>Carte fine</translation>
    </message>
    <message>
        <source>Thick card</source>
        <translation>Carte épaisse</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Garder</translation>
    </message>
    <message>
        <source>Close all</source>
        <translation>Tous fermer</translation>
    </message>
    <message>
        <source>Close small</source>
        <translation>Fermer les petits</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Aucun</translation>
    </message>
    <message>
        <source>Art&apos;s colours</source>
        <translation>Couleurs du motif</translation>
    </message>
    <message>
        <source>Rim&apos;s colour</source>
        <translation>Couleur du liseré</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>Mi-chair</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Rainage</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Coupe traversante</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Joindre</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Soustraire</translation>
    </message>
    <message>
        <source>Overlap only</source>
        <translation>Commun seulement</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>Avec trous</translation>
    </message>
    <message>
        <source>Visible only</source>
        <translation>Visible seulement</translation>
    </message>
    <message>
        <source>Do not cut</source>
        <translation>Ne pas couper</translation>
    </message>
    <message>
        <source>Cut round it</source>
        <translation>Couper autour</translation>
    </message>
    <message>
        <source>Kiss cut its edge</source>
        <translation>Son bord à mi-chair</translation>
    </message>
    <message>
        <source>Score its edge</source>
        <translation>Rainer son bord</translation>
    </message>
    <message>
        <source>Cut its edge through</source>
        <translation>Couper son bord de part en part</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Fendre</translation>
    </message>
    <message>
        <source>Into pieces</source>
        <translation>En morceaux</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>Rond</translation>
    </message>
    <message>
        <source>Mitre</source>
        <translation>Onglet</translation>
    </message>
    <message>
        <source>Bevel</source>
        <translation>Biseau</translation>
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
        <translation>Gauche</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Centre</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Droite</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Droit</translation>
    </message>
    <message>
        <source>Along the top edge</source>
        <translation>Le long du bord haut</translation>
    </message>
    <message>
        <source>Along the bottom edge</source>
        <translation>Le long du bord bas</translation>
    </message>
    <message>
        <source>Left of the words</source>
        <translation>À gauche</translation>
    </message>
    <message>
        <source>Right of them</source>
        <translation>À droite</translation>
    </message>
    <message>
        <source>Above them</source>
        <translation>Au-dessus</translation>
    </message>
    <message>
        <source>Below them</source>
        <translation>Au-dessous</translation>
    </message>
    <message>
        <source>Behind them</source>
        <translation>Derrière</translation>
    </message>
    <message>
        <source>Rectangle</source>
        <translation>Rectangle</translation>
    </message>
    <message>
        <source>Rounded</source>
        <translation>Arrondi</translation>
    </message>
    <message>
        <source>Oval</source>
        <translation>Ovale</translation>
    </message>
    <message>
        <source>Notched corners</source>
        <translation>Coins entaillés</translation>
    </message>
    <message>
        <source>Arch</source>
        <translation>Arche</translation>
    </message>
    <message>
        <source>Tag</source>
        <translation>Volante</translation>
    </message>
    <message>
        <source>Star</source>
        <translation>Étoile</translation>
    </message>
    <message>
        <source>Banner</source>
        <translation>Bannière</translation>
    </message>
    <message>
        <source>Letters alone</source>
        <translation>Lettres seules</translation>
    </message>
    <message>
        <source>Near left</source>
        <translation>Devant à gauche</translation>
    </message>
    <message>
        <source>Near right</source>
        <translation>Devant à droite</translation>
    </message>
    <message>
        <source>Far left</source>
        <translation>Au fond à gauche</translation>
    </message>
    <message>
        <source>Far right</source>
        <translation>Au fond à droite</translation>
    </message>
    <message>
        <source>To the right</source>
        <translation>Vers la droite</translation>
    </message>
    <message>
        <source>To the left</source>
        <translation>Vers la gauche</translation>
    </message>
    <message>
        <source>Away from me</source>
        <translation>Loin de moi</translation>
    </message>
    <message>
        <source>Towards me</source>
        <translation>Vers moi</translation>
    </message>
    <message>
        <source>HP-GL</source>
        <translation>HP-GL</translation>
    </message>
    <message>
        <source>G-code</source>
        <translation>G-code</translation>
    </message>
    <message>
        <source>RTS/CTS wires</source>
        <translation>Fils RTS/CTS</translation>
    </message>
    <message>
        <source>XON/XOFF signs</source>
        <translation>Signes XON/XOFF</translation>
    </message>
    <message>
        <source>Small portions</source>
        <translation>Petites portions</translation>
    </message>
    <message>
        <source>The Z axis</source>
        <translation>L&apos;axe Z</translation>
    </message>
    <message>
        <source>Words of its own</source>
        <translation>Mots à elle</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Automatique</translation>
    </message>
    <message>
        <source>Transparency</source>
        <translation>Transparence</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Clarté</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Sujet</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>Retirer</translation>
    </message>
    <message>
        <source>Keep only</source>
        <translation>Ne garder que</translation>
    </message>
    <message>
        <source>The photo board</source>
        <translation>La planche photo</translation>
    </message>
    <message>
        <source>A sheet of paper</source>
        <translation>Une feuille de papier</translation>
    </message>
    <message>
        <source>A card</source>
        <translation>Une carte</translation>
    </message>
    <message>
        <source>Four corners</source>
        <translation>Quatre coins</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Telle quelle</translation>
    </message>
    <message>
        <source>Evened</source>
        <translation>Égalisée</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Gardées</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Laissées</translation>
    </message>
    <message>
        <source>Round dots, 5</source>
        <translation>Points ronds, 5</translation>
    </message>
    <message>
        <source>Crosses, 4</source>
        <translation>Croix, 4</translation>
    </message>
    <message>
        <source>None: by paper edge</source>
        <translation>Aucun : par le bord</translation>
    </message>
    <message>
        <source>From a scheme file…</source>
        <translation>D&apos;un fichier de repères…</translation>
    </message>
    <message>
        <source>Not cut</source>
        <translation>Non coupé</translation>
    </message>
    <message>
        <source>Sensor</source>
        <translation>Capteur</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>À la main</translation>
    </message>
    <message>
        <source>Paper edge</source>
        <translation>Bord du papier</translation>
    </message>
    <message>
        <source>A new window</source>
        <translation>Une nouvelle fenêtre</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>Nouvelle étiquette</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>Ouvrir l&apos;exemple</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Comme le bureau</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Lumière</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Sombre</translation>
    </message>
</context>
</TS>
