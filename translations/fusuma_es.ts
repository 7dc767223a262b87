<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es_ES">
<context>
    <name>Background</name>
    <message>
        <source>There is too little memory for this. Close other programs, or use smaller pictures.</source>
        <translation>Hay poca memoria para esto. Cierre otros programas o use imágenes menores.</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma (%1). Your work is as it was.</source>
        <translation>Algo salió mal dentro de Fusuma (%1). Su trabajo está como estaba.</translation>
    </message>
</context>
<context>
    <name>Edges</name>
    <message>
        <source>Left</source>
        <translation>Izquierda</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Derecha</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Arriba</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Abajo</translation>
    </message>
</context>
<context>
    <name>FlattenDialog</name>
    <message>
        <source>Lay the photograph flat</source>
        <translation>Aplanar la foto</translation>
    </message>
    <message>
        <source>What in the picture has a known size.</source>
        <translation>Qué tiene un tamaño conocido en la imagen.</translation>
    </message>
    <message>
        <source>Its paper</source>
        <translation>Su papel</translation>
    </message>
    <message>
        <source>Any of the board&apos;s papers</source>
        <translation>Cualquiera de los papeles del tablero</translation>
    </message>
    <message>
        <source>Across and down:</source>
        <translation>Ancho y alto:</translation>
    </message>
    <message>
        <source>Lay it flat</source>
        <translation>Aplanarla</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Como llegó</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>, error left %1 mm</source>
        <translation>, error restante %1 mm</translation>
    </message>
    <message>
        <source>, %1 pixels a millimetre.</source>
        <translation>, %1 píxeles por milímetro.</translation>
    </message>
    <message>
        <source>Drag a corner to correct it, or press 1 to 4 and move it with the arrow keys.</source>
        <translation>Arrastre una esquina para corregirla, o pulse de 1 a 4 y muévala con las flechas.</translation>
    </message>
    <message>
        <source>Looking for it…</source>
        <translation>Buscándola…</translation>
    </message>
</context>
<context>
    <name>LetteringDialog</name>
    <message>
        <source>Letters of the list</source>
        <translation>Letras de la lista</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written. These are some of its words: choose where they are right.</source>
        <translation>El archivo no dice cómo están escritas sus letras. Estas son algunas de sus palabras: elija dónde son correctas.</translation>
    </message>
    <message>
        <source>Words of the list, as each encoding has them</source>
        <translation>Palabras de la lista en cada codificación</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Read it so</source>
        <translation>Leerla así</translation>
    </message>
</context>
<context>
    <name>LightDialog</name>
    <message>
        <source>Find the light</source>
        <translation>Hallar la luz</translation>
    </message>
    <message>
        <source>1. Lay in a scrap of paper. Drive the head over it: arrows move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm.</source>
        <translation>1. Ponga un recorte de papel. Lleve el cabezal sobre él: las flechas lo mueven 0,5 mm, con Mayús 5 mm, con Alt 0,05 mm.</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>Mover el cabezal</translation>
    </message>
    <message>
        <source>2. Cut a small cross there. The head comes back to its middle.</source>
        <translation>2. Corte ahí una cruz pequeña. El cabezal vuelve a su centro.</translation>
    </message>
    <message>
        <source>Cut a cross</source>
        <translation>Cortar una cruz</translation>
    </message>
    <message>
        <source>Two cuts of 4 mm, under the blade.</source>
        <translation>Dos cortes de 4 mm, bajo la cuchilla.</translation>
    </message>
    <message>
        <source>3. Drive the head with the arrows until the light is on the cross.</source>
        <translation>3. Lleve el cabezal con las flechas hasta que la luz esté sobre la cruz.</translation>
    </message>
    <message>
        <source>Reaching the machine…</source>
        <translation>Llegando a la máquina…</translation>
    </message>
    <message>
        <source>From the blade to the light: X %1 mm, Y %2 mm.</source>
        <translation>De la cuchilla a la luz: X %1 mm, Y %2 mm.</translation>
    </message>
    <message>
        <source>The light is on it</source>
        <translation>La luz está encima</translation>
    </message>
</context>
<context>
    <name>MachineDialog</name>
    <message>
        <source>Plugged in at</source>
        <translation>Conectada a</translation>
    </message>
    <message>
        <source>Network…</source>
        <translation>Red…</translation>
    </message>
    <message>
        <source>Nowhere: files only</source>
        <translation>En ningún sitio: solo archivos</translation>
    </message>
    <message>
        <source>Speed of the line</source>
        <translation>Velocidad de la línea</translation>
    </message>
    <message>
        <source>%1 baud</source>
        <translation>%1 baudios</translation>
    </message>
    <message>
        <source>host or address:port, such as 192.168.0.20:9100</source>
        <translation>nombre o dirección:puerto, como 192.168.0.20:9100</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>How it is held back</source>
        <translation>Cómo se la frena</translation>
    </message>
    <message>
        <source>It answers (tells its place, or says “ok”)</source>
        <translation>Contesta (dice su lugar, o dice «ok»)</translation>
    </message>
    <message>
        <source>Its bed, as you stand before it</source>
        <translation>Su mesa, vista desde delante</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>A lo ancho</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>A lo largo</translation>
    </message>
    <message>
        <source>Its nought is at the</source>
        <translation>Su cero está</translation>
    </message>
    <message>
        <source>X counts</source>
        <translation>X cuenta</translation>
    </message>
    <message>
        <source>Y counts</source>
        <translation>Y cuenta</translation>
    </message>
    <message>
        <source>How it is spoken to</source>
        <translation>Cómo se le habla</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>Units in 1 mm</source>
        <translation>Unidades en 1 mm</translation>
    </message>
    <message>
        <source>Numbers in a command (0: any)</source>
        <translation>Números por orden (0: los que sean)</translation>
    </message>
    <message>
        <source>Bytes in a line (0: any)</source>
        <translation>Bytes por línea (0: los que sean)</translation>
    </message>
    <message>
        <source>It knows pens (SP)</source>
        <translation>Conoce plumas (SP)</translation>
    </message>
    <message>
        <source>It is told its speed (VS)</source>
        <translation>Se le dice su velocidad (VS)</translation>
    </message>
    <message>
        <source>It is told its force (FS)</source>
        <translation>Se le dice su fuerza (FS)</translation>
    </message>
    <message>
        <source>The blade is moved by</source>
        <translation>La cuchilla la mueve</translation>
    </message>
    <message>
        <source>Z up, mm</source>
        <translation>Z arriba, mm</translation>
    </message>
    <message>
        <source>Z down, mm</source>
        <translation>Z abajo, mm</translation>
    </message>
    <message>
        <source>Word for up</source>
        <translation>Palabra para arriba</translation>
    </message>
    <message>
        <source>Word for down</source>
        <translation>Palabra para abajo</translation>
    </message>
    <message>
        <source>It knows arcs (G2, G3)</source>
        <translation>Conoce arcos (G2, G3)</translation>
    </message>
    <message>
        <source>One holder: stop between kiss, score and through cuts</source>
        <translation>Un solo soporte: parar entre semicorte, hendido y corte total</translation>
    </message>
    <message>
        <source>Lines before a job</source>
        <translation>Líneas antes de un trabajo</translation>
    </message>
    <message>
        <source>Lines after a job</source>
        <translation>Líneas tras un trabajo</translation>
    </message>
    <message>
        <source>What makes it drop all</source>
        <translation>Lo que la hace dejarlo todo</translation>
    </message>
    <message>
        <source>\x1b.K or \x18; empty when nothing does</source>
        <translation>\x1b.K o \x18; vacío si nada lo hace</translation>
    </message>
    <message>
        <source>Light or laser beside the blade</source>
        <translation>Luz o láser junto a la cuchilla</translation>
    </message>
    <message>
        <source>From the blade along X</source>
        <translation>De la cuchilla por X</translation>
    </message>
    <message>
        <source>From the blade along Y</source>
        <translation>De la cuchilla por Y</translation>
    </message>
    <message>
        <source>Cut a cross and point at it…</source>
        <translation>Cortar una cruz y señalarla…</translation>
    </message>
    <message>
        <source>The machine cuts a small cross; you drive its light there.</source>
        <translation>La máquina corta una cruz pequeña; usted lleva ahí su luz.</translation>
    </message>
    <message>
        <source>The machine&apos;s profile</source>
        <translation>El perfil de la máquina</translation>
    </message>
    <message>
        <source>Add a machine</source>
        <translation>Añadir una máquina</translation>
    </message>
    <message>
        <source>What your cutter is plugged in at and how it counts: its handbook has most of it. Say hello to see whether it listens.</source>
        <translation>A qué está conectada su cortadora y cómo cuenta: casi todo está en su manual. Salude para ver si escucha.</translation>
    </message>
    <message>
        <source>My cutter</source>
        <translation>Mi cortadora</translation>
    </message>
    <message>
        <source>My cutter %1</source>
        <translation>Mi cortadora %1</translation>
    </message>
    <message>
        <source>Say hello</source>
        <translation>Saludar</translation>
    </message>
    <message>
        <source>Asks it who it is. One that does not answer moves its lifted head round a 20 mm square.</source>
        <translation>Le pregunta quién es. Si no contesta, mueve su cabezal levantado por un cuadrado de 20 mm.</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>De un archivo…</translation>
    </message>
    <message>
        <source>Read a profile that was saved as a file.</source>
        <translation>Leer un perfil guardado como archivo.</translation>
    </message>
    <message>
        <source>Save as a file…</source>
        <translation>Guardar como archivo…</translation>
    </message>
    <message>
        <source>For another computer, or the command line.</source>
        <translation>Para otro equipo, o la línea de órdenes.</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Escuchando…</translation>
    </message>
    <message>
        <source>It answers: %1</source>
        <translation>Contesta: %1</translation>
    </message>
    <message>
        <source>It does not answer. Its lifted head goes round a square of 20 mm now: does it, and the right way round?</source>
        <translation>No contesta. Ahora su cabezal levantado recorre un cuadrado de 20 mm: ¿lo hace, y en el sentido debido?</translation>
    </message>
    <message>
        <source>A machine&apos;s profile</source>
        <translation>Perfil de una máquina</translation>
    </message>
    <message>
        <source>Profiles (*.json)</source>
        <translation>Perfiles (*.json)</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Guardar como</translation>
    </message>
    <message>
        <source>Profiles</source>
        <translation>Perfiles</translation>
    </message>
    <message>
        <source>Saved.</source>
        <translation>Guardado.</translation>
    </message>
    <message>
        <source>Save it</source>
        <translation>Guardarlo</translation>
    </message>
    <message>
        <source>There is a machine of that name already.</source>
        <translation>Ya hay una máquina con ese nombre.</translation>
    </message>
</context>
<context>
    <name>Manual</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>; %1 when not given</source>
        <translation>; %1 si no se da</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPCIONES</translation>
    </message>
    <message>
        <source>User Commands</source>
        <translation>Órdenes de usuario</translation>
    </message>
    <message>
        <source>NAME</source>
        <translation>NOMBRE</translation>
    </message>
    <message>
        <source>SYNOPSIS</source>
        <translation>SINOPSIS</translation>
    </message>
    <message>
        <source>DESCRIPTION</source>
        <translation>DESCRIPCIÓN</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>ÓRDENES</translation>
    </message>
    <message>
        <source>EXIT STATUS</source>
        <translation>ESTADO DE SALIDA</translation>
    </message>
    <message>
        <source>SEE ALSO</source>
        <translation>VÉASE TAMBIÉN</translation>
    </message>
    <message>
        <source>The user guide, in the program&apos;s Help menu.</source>
        <translation>La guía del usuario, en el menú Ayuda del programa.</translation>
    </message>
</context>
<context>
    <name>OutputDialogs</name>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>Simulate faults</source>
        <translation>Simular fallos</translation>
    </message>
    <message>
        <source>The practice devices behave as badly as you ask, so that everything can be tried without spoiling a sheet.</source>
        <translation>Los aparatos de práctica se portan tan mal como pida, para probarlo todo sin estropear una hoja.</translation>
    </message>
    <message>
        <source>Practice cutter: how the sheet lies</source>
        <translation>Cortadora de práctica: cómo está la hoja</translation>
    </message>
    <message>
        <source>Too far right</source>
        <translation>Demasiado a la derecha</translation>
    </message>
    <message>
        <source>Too far down</source>
        <translation>Demasiado abajo</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Girada</translation>
    </message>
    <message>
        <source>Upside down</source>
        <translation>Del revés</translation>
    </message>
    <message>
        <source>Any crooked way</source>
        <translation>Torcida como sea</translation>
    </message>
    <message>
        <source>As a sheet may be laid in by hand</source>
        <translation>Como se mete una hoja a mano</translation>
    </message>
    <message>
        <source>Marks and sensor</source>
        <translation>Marcas y sensor</translation>
    </message>
    <message>
        <source>Smudged</source>
        <translation>Borrosa</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Tapada</translation>
    </message>
    <message>
        <source>Sensor noise</source>
        <translation>Ruido del sensor</translation>
    </message>
    <message>
        <source>of 255</source>
        <translation>de 255</translation>
    </message>
    <message>
        <source>Practice printer</source>
        <translation>Impresora de práctica</translation>
    </message>
    <message>
        <source>Stretched across</source>
        <translation>Estirada a lo ancho</translation>
    </message>
    <message>
        <source>Stretched down</source>
        <translation>Estirada a lo alto</translation>
    </message>
    <message>
        <source>Prints too far right</source>
        <translation>Imprime demasiado a la derecha</translation>
    </message>
    <message>
        <source>Prints too far down</source>
        <translation>Imprime demasiado abajo</translation>
    </message>
    <message>
        <source>Ink spreads</source>
        <translation>La tinta se corre</translation>
    </message>
    <message>
        <source>Edges it leaves blank</source>
        <translation>Cantos que deja en blanco</translation>
    </message>
    <message>
        <source>Practice cutter: blade and line</source>
        <translation>Cortadora de práctica: cuchilla y línea</translation>
    </message>
    <message>
        <source>Blade trails by</source>
        <translation>Arrastre de la cuchilla</translation>
    </message>
    <message>
        <source>Play in its axes</source>
        <translation>Holgura en sus ejes</translation>
    </message>
    <message>
        <source>Connection drops after</source>
        <translation>La conexión cae tras</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>líneas</translation>
    </message>
    <message>
        <source>−1 for never</source>
        <translation>−1 para nunca</translation>
    </message>
    <message>
        <source>Use these</source>
        <translation>Usar estas</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Force</source>
        <translation>Fuerza</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Velocidad</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Pasadas</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>Semicorte</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Hendido</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Corte total</translation>
    </message>
    <message>
        <source>Blade</source>
        <translation>Cuchilla</translation>
    </message>
    <message>
        <source>The tip of a drag blade trails its axis; Fusuma leads it round corners. Leave 0 when the machine does that itself.</source>
        <translation>La punta de una cuchilla de arrastre va tras su eje; Fusuma la guía en las esquinas. Deje 0 si la máquina lo hace sola.</translation>
    </message>
    <message>
        <source>Tip trails by</source>
        <translation>Arrastre de la punta</translation>
    </message>
    <message>
        <source>Overcut</source>
        <translation>Sobrecorte</translation>
    </message>
    <message>
        <source>Scores and tabs</source>
        <translation>Hendidos y pestañas</translation>
    </message>
    <message>
        <source>Dash</source>
        <translation>Guion</translation>
    </message>
    <message>
        <source>Gap (0: unbroken)</source>
        <translation>Hueco (0: continua)</translation>
    </message>
    <message>
        <source>Tabs on each through cut</source>
        <translation>Pestañas por corte total</translation>
    </message>
    <message>
        <source>Length of a tab</source>
        <translation>Largo de una pestaña</translation>
    </message>
    <message>
        <source>Keep it under this name for other projects</source>
        <translation>Guardarla con este nombre para otros proyectos</translation>
    </message>
    <message>
        <source>Save a test square…</source>
        <translation>Guardar un cuadrado de prueba…</translation>
    </message>
    <message>
        <source>HP-GL of a 20 mm square in a 30 mm one: kiss inside, through outside. Lift a corner to see whether the force is right.</source>
        <translation>HP-GL de un cuadrado de 20 mm en uno de 30 mm: semicorte dentro, corte total fuera. Levante una esquina para ver si la fuerza es buena.</translation>
    </message>
    <message>
        <source>test square</source>
        <translation>cuadrado de prueba</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Usarlo</translation>
    </message>
    <message>
        <source>Inks of cut lines</source>
        <translation>Tintas de las líneas de corte</translation>
    </message>
    <message>
        <source>In a PDF each kind of cut is a layer in a spot colour of its own. Print shops ask for certain names.</source>
        <translation>En un PDF cada tipo de corte es una capa en su propia tinta plana. Las imprentas piden ciertos nombres.</translation>
    </message>
</context>
<context>
    <name>Parts</name>
    <message>
        <source>print this help and end</source>
        <translation>muestra esta ayuda y termina</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Opciones</translation>
    </message>
    <message>
        <source>Usage</source>
        <translation>Uso</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPCIONES</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Archivos</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>ORDEN</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>ÓRDENES</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>necesario</translation>
    </message>
    <message>
        <source>goes with</source>
        <translation>va con</translation>
    </message>
    <message>
        <source>not with</source>
        <translation>no con</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>TEXTO</translation>
    </message>
    <message>
        <source>NUMBER</source>
        <translation>NÚMERO</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Órdenes</translation>
    </message>
</context>
<context>
    <name>QFileDialog</name>
    <message>
        <source>“%1” is there already. Replace it?</source>
        <translation>«%1» ya está ahí. ¿Reemplazarlo?</translation>
    </message>
    <message>
        <source>%1 files are there already. Replace them?

%2</source>
        <translation>%1 archivos ya están ahí. ¿Reemplazarlos?

%2</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Imágenes</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Pictures, drawings and PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</source>
        <translation>Imágenes, dibujos y PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</translation>
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
        <translation>Sistema</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>Screen</source>
        <translation>Pantalla</translation>
    </message>
    <message>
        <source>%1 × %2 px, %3 dpi, scale %4</source>
        <translation>%1 × %2 px, %3 ppp, escala %4</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>Ventana</translation>
    </message>
    <message>
        <source>Families of fonts</source>
        <translation>Familias de letra</translation>
    </message>
    <message>
        <source>Printers</source>
        <translation>Impresoras</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Máquina</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>Últimos mensajes</translation>
    </message>
    <message>
        <source>About this machine</source>
        <translation>Acerca de este equipo</translation>
    </message>
    <message>
        <source>For a report of something that went wrong. Places and names of files are left out where they can be told; read the messages before you send them.</source>
        <translation>Para informar de algo que salió mal. Los lugares y nombres de archivos se omiten donde se reconocen; lea los mensajes antes de enviarlos.</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copiar</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>O&amp;rganizar</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>Quitar copias</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Agrupar</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>Desagrupar</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Bloquear</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Desbloquear</translation>
    </message>
    <message>
        <source>Make one: %1</source>
        <translation>Hacer una: %1</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Partir</translation>
    </message>
    <message>
        <source>Part the cluster</source>
        <translation>Deshacer el conjunto</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Al frente</translation>
    </message>
    <message>
        <source>To the back</source>
        <translation>Al fondo</translation>
    </message>
    <message>
        <source>Add a page</source>
        <translation>Añadir una página</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>Añadir página</translation>
    </message>
    <message>
        <source>Remove this page</source>
        <translation>Quitar esta página</translation>
    </message>
    <message>
        <source>Remove page</source>
        <translation>Quitar página</translation>
    </message>
    <message>
        <source>Move to the next page</source>
        <translation>Pasar a la página siguiente</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Editar</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Paste copies or a picture</source>
        <translation>Pegar copias o una imagen</translation>
    </message>
    <message>
        <source>Select all copies</source>
        <translation>Elegir todas las copias</translation>
    </message>
    <message>
        <source>Select all of this sticker</source>
        <translation>Elegir todas de esta pegatina</translation>
    </message>
    <message>
        <source>Find anything…</source>
        <translation>Buscar cualquier cosa…</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Archivo</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Proyecto nuevo</translation>
    </message>
    <message>
        <source>New window</source>
        <translation>Ventana nueva</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>Abrir proyecto…</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Añadir diseño…</translation>
    </message>
    <message>
        <source>Scan…</source>
        <translation>Escanear…</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Guardar como…</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimir…</translation>
    </message>
    <message>
        <source>Save the PDF to print…</source>
        <translation>Guardar el PDF para imprimir…</translation>
    </message>
    <message>
        <source>Save the cut lines as SVG…</source>
        <translation>Guardar las líneas de corte como SVG…</translation>
    </message>
    <message>
        <source>Save the cut lines as DXF…</source>
        <translation>Guardar las líneas de corte como DXF…</translation>
    </message>
    <message>
        <source>Save the cut lines as HP-GL…</source>
        <translation>Guardar las líneas de corte como HP-GL…</translation>
    </message>
    <message>
        <source>Check a cut file…</source>
        <translation>Comprobar un archivo de corte…</translation>
    </message>
    <message>
        <source>Photo board…</source>
        <translation>Tablero…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>A&amp;yuda</translation>
    </message>
    <message>
        <source>User guide</source>
        <translation>Guía del usuario</translation>
    </message>
    <message>
        <source>Keys…</source>
        <translation>Teclas…</translation>
    </message>
    <message>
        <source>First sheet in five steps</source>
        <translation>La primera hoja en cinco pasos</translation>
    </message>
    <message>
        <source>1. Drop a picture on the window.
2. On the Bench, set the border and the size.
3. On the Sheet, choose your paper and fill it with copies.
4. When the strip below has nothing to fix, go to Output and print at actual size. The print gets a ticket: its code stands on the paper, and what it says is what will be cut.
5. Load the sheet, let the marks be found, and cut. The practice printer and cutter show all of it without paper.</source>
        <translation>1. Suelte una imagen sobre la ventana.
2. En el Banco, ponga el borde y el tamaño.
3. En la Hoja, elija su papel y llénelo de copias.
4. Cuando la franja de abajo no tenga nada por arreglar, vaya a Salida e imprima a tamaño real. La impresión recibe una ficha: su código está en el papel, y lo que dice es lo que se cortará.
5. Cargue la hoja, deje que se encuentren las marcas y corte. La impresora y la cortadora de práctica lo enseñan todo sin papel.</translation>
    </message>
    <message>
        <source>Last messages…</source>
        <translation>Últimos mensajes…</translation>
    </message>
    <message>
        <source>About this machine…</source>
        <translation>Acerca de este equipo…</translation>
    </message>
    <message>
        <source>About Fusuma</source>
        <translation>Acerca de Fusuma</translation>
    </message>
    <message>
        <source>Fusuma %1 prints and cuts sticker sheets.

Free software under the GNU General Public License, version 3 or later. Set in Inter, and shipped with Cabin, Dancing Script, Lobster Two and Quicksand for labels, all under the SIL Open Font License.</source>
        <translation>Fusuma %1 imprime y corta hojas de pegatinas.

Software libre bajo la Licencia Pública General GNU, versión 3 o posterior. Compuesto en Inter, y con Cabin, Dancing Script, Lobster Two y Quicksand para etiquetas, todas bajo la SIL Open Font License.</translation>
    </message>
    <message>
        <source>&amp;Sticker</source>
        <translation>&amp;Pegatina</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Etiqueta nueva…</translation>
    </message>
    <message>
        <source>Save the label as a template…</source>
        <translation>Guardar la etiqueta como plantilla…</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>Poner en la hoja</translation>
    </message>
    <message>
        <source>Put some of each on the sheet…</source>
        <translation>Poner algunas de cada una en la hoja…</translation>
    </message>
    <message>
        <source>Put some of each on the sheet</source>
        <translation>Poner algunas de cada una en la hoja</translation>
    </message>
    <message>
        <source>Copies of every sticker</source>
        <translation>Copias de cada pegatina</translation>
    </message>
    <message>
        <source>Move the cut line&apos;s nodes</source>
        <translation>Mover los nodos de la línea de corte</translation>
    </message>
    <message>
        <source>Draw a cut line by hand</source>
        <translation>Dibujar una línea de corte a mano</translation>
    </message>
    <message>
        <source>Draw a cut line with the pen</source>
        <translation>Dibujar una línea de corte con la pluma</translation>
    </message>
    <message>
        <source>Close or open single holes</source>
        <translation>Cerrar o abrir agujeros sueltos</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Cambiar nombre</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>Reemplazar el diseño…</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>Duplicar la pegatina</translation>
    </message>
    <message>
        <source>Move up in the tray</source>
        <translation>Subir en la bandeja</translation>
    </message>
    <message>
        <source>Move down in the tray</source>
        <translation>Bajar en la bandeja</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>Quitar del proyecto…</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Unidad</translation>
    </message>
    <message>
        <source>Put all settings back</source>
        <translation>Restablecer todos los ajustes</translation>
    </message>
    <message>
        <source>How the window looks, widths of panels, what is open, last folders, last projects and the screen&apos;s size become as they were at first. Printers, cutters, machines, materials and lenses that you saved stay. Projects are not touched.</source>
        <translation>El aspecto de la ventana, los anchos de paneles, lo abierto, últimas carpetas, últimos proyectos y el tamaño de la pantalla vuelven a como eran al principio. Quedan las impresoras, cortadoras, máquinas, materiales y objetivos guardados. Los proyectos no se tocan.</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ver</translation>
    </message>
    <message>
        <source>Go to the Bench</source>
        <translation>Ir al Banco</translation>
    </message>
    <message>
        <source>Go to the Sheet</source>
        <translation>Ir a la Hoja</translation>
    </message>
    <message>
        <source>Go to the Output</source>
        <translation>Ir a Salida</translation>
    </message>
    <message>
        <source>Fold the left panel</source>
        <translation>Plegar el panel izquierdo</translation>
    </message>
    <message>
        <source>Fold the right panel</source>
        <translation>Plegar el panel derecho</translation>
    </message>
    <message>
        <source>Next pane</source>
        <translation>Panel siguiente</translation>
    </message>
    <message>
        <source>Pane before</source>
        <translation>Panel anterior</translation>
    </message>
    <message>
        <source>Shift+F6</source>
        <translation>Mayús+F6</translation>
    </message>
    <message>
        <source>Move the pointer by keys</source>
        <translation>Mover el puntero con teclas</translation>
    </message>
    <message>
        <source>True size on the Sheet</source>
        <translation>Tamaño verdadero en la Hoja</translation>
    </message>
    <message>
        <source>Set the screen&apos;s size…</source>
        <translation>Tamaño de la pantalla…</translation>
    </message>
    <message>
        <source>Measure on the Sheet</source>
        <translation>Medir en la Hoja</translation>
    </message>
    <message>
        <source>Next unit</source>
        <translation>Unidad siguiente</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Aspecto: %1</translation>
    </message>
    <message>
        <source>Put all settings back…</source>
        <translation>Restablecer todos los ajustes…</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>Leyendo «%1»</translation>
    </message>
    <message>
        <source>Working out %1</source>
        <translation>Calculando %1</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Trabajando</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Trabajo sin guardar</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Mover</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>Cambiar tamaño de copias</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Girar</translation>
    </message>
    <message>
        <source>Save a smaller PDF to print…</source>
        <translation>Guardar un PDF más pequeño para imprimir…</translation>
    </message>
    <message>
        <source>Colours of the screen</source>
        <translation>Colores de la pantalla</translation>
    </message>
    <message>
        <source>by its profile</source>
        <translation>según su perfil</translation>
    </message>
    <message>
        <source>sRGB</source>
        <translation>sRGB</translation>
    </message>
    <message numerus="yes">
        <source>Working out %n stickers</source>
        <translation>
            <numerusform>Calculando %n pegatina</numerusform>
            <numerusform>Calculando %n pegatinas</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>SaveMade</name>
    <message>
        <source>Save as</source>
        <translation>Guardar como</translation>
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
        <translation>%1 guardado.</translation>
    </message>
</context>
<context>
    <name>ScanDialog</name>
    <message>
        <source>Scan</source>
        <translation>Escanear</translation>
    </message>
    <message>
        <source>Scanner</source>
        <translation>Escáner</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Resolución</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Looking for scanners…</source>
        <translation>Buscando escáneres…</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>Vista previa</translation>
    </message>
    <message>
        <source>A quick look at all that lies in the scanner.</source>
        <translation>Una mirada rápida a todo lo que hay en el escáner.</translation>
    </message>
    <message>
        <source>Scan it</source>
        <translation>Escanear</translation>
    </message>
    <message>
        <source>It becomes a sticker; then scan the next.</source>
        <translation>Pasa a ser una pegatina; luego escanee la siguiente.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Detener</translation>
    </message>
    <message>
        <source>Ends the scan; nothing of it is kept.</source>
        <translation>Termina el escaneo; no se guarda nada.</translation>
    </message>
    <message>
        <source>Having a look…</source>
        <translation>Mirando…</translation>
    </message>
    <message>
        <source>Scanning…</source>
        <translation>Escaneando…</translation>
    </message>
    <message>
        <source>Draw a box round what is to be scanned.</source>
        <translation>Dibuje un recuadro en torno a lo que se va a escanear.</translation>
    </message>
    <message>
        <source>scan %1.png</source>
        <translation>escaneo %1.png</translation>
    </message>
    <message>
        <source>Scanned: it is in the tray. Lay in the next.</source>
        <translation>Escaneada: está en la bandeja. Ponga la siguiente.</translation>
    </message>
</context>
<context>
    <name>SetRight</name>
    <message>
        <source>%1 mm %2 and %3 mm %4</source>
        <translation>%1 mm %2 y %3 mm %4</translation>
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
        <source>up</source>
        <translation>arriba</translation>
    </message>
    <message>
        <source>down</source>
        <translation>abajo</translation>
    </message>
    <message>
        <source>Print it…</source>
        <translation>Imprimirla…</translation>
    </message>
    <message>
        <source>On a printer of this computer</source>
        <translation>En una impresora de este equipo</translation>
    </message>
    <message>
        <source>Save it as PDF…</source>
        <translation>Guardarlo como PDF…</translation>
    </message>
    <message>
        <source>To print it elsewhere, at actual size</source>
        <translation>Para imprimirla en otro sitio, a tamaño real</translation>
    </message>
    <message>
        <source>Set the printer right</source>
        <translation>Ajustar la impresora</translation>
    </message>
    <message>
        <source>1. Print this page on the paper you use, at actual size.</source>
        <translation>1. Imprima esta página en el papel que usa, a tamaño real.</translation>
    </message>
    <message>
        <source>measuring page</source>
        <translation>página de medida</translation>
    </message>
    <message>
        <source>2. Measure its three lengths with a ruler and type them in. The same numbers are printed on the page: when yours agree, nothing needs setting.</source>
        <translation>2. Mida sus tres longitudes con una regla y escríbalas. Los mismos números están impresos en la página: si los suyos coinciden, no hay que ajustar nada.</translation>
    </message>
    <message>
        <source>A: from the left edge</source>
        <translation>A: desde el canto izquierdo</translation>
    </message>
    <message>
        <source>B: from the top edge</source>
        <translation>B: desde el canto superior</translation>
    </message>
    <message>
        <source>C: between the ticks</source>
        <translation>C: entre los trazos</translation>
    </message>
    <message>
        <source>Measure it in a photograph…</source>
        <translation>Medirlo en una foto…</translation>
    </message>
    <message>
        <source>Lay the printed page on a darker table and take it whole: its edges and its dots tell the three lengths.</source>
        <translation>Ponga la página impresa sobre una mesa más oscura y tómela entera: sus cantos y puntos dicen las tres longitudes.</translation>
    </message>
    <message>
        <source>Prints will be moved %1, and be stretched to %2 %.</source>
        <translation>Las impresiones se moverán %1 y se estirarán al %2 %.</translation>
    </message>
    <message>
        <source>That is more than 20 mm or 20 % off: was the page printed at actual size?</source>
        <translation>Eso es más de 20 mm o del 20 %: ¿se imprimió la página a tamaño real?</translation>
    </message>
    <message>
        <source>Seen with an error of %1 mm left. The print is turned on its paper by %2°, which a printer&apos;s guides mend and a correction does not.</source>
        <translation>Visto con un error restante de %1 mm. La impresión está girada %2° en su papel, lo que corrigen las guías de la impresora y no una corrección.</translation>
    </message>
    <message>
        <source>The photograph of the printed page</source>
        <translation>La foto de la página impresa</translation>
    </message>
    <message>
        <source>Looking for the page…</source>
        <translation>Buscando la página…</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Usarlo</translation>
    </message>
    <message>
        <source>Set the machine right</source>
        <translation>Ajustar la máquina</translation>
    </message>
    <message>
        <source>The cut zone is too small for a test sheet.</source>
        <translation>La zona de corte es demasiado pequeña para una hoja de prueba.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>1. Print the test sheet, then cut it with its HP-GL as you cut your stickers.</source>
        <translation>1. Imprima la hoja de prueba y córtela con su HP-GL como corta sus pegatinas.</translation>
    </message>
    <message>
        <source>machine test</source>
        <translation>prueba de máquina</translation>
    </message>
    <message>
        <source>Save its cut as HP-GL…</source>
        <translation>Guardar su corte como HP-GL…</translation>
    </message>
    <message>
        <source>For your cutter</source>
        <translation>Para su cortadora</translation>
    </message>
    <message>
        <source>2. How far was each square cut beside its print? Right and down count positive.</source>
        <translation>2. ¿A qué distancia de su impresión se cortó cada cuadrado? Derecha y abajo cuentan positivo.</translation>
    </message>
    <message>
        <source>Square %1, right</source>
        <translation>Cuadrado %1, derecha</translation>
    </message>
    <message>
        <source>Square %1, down</source>
        <translation>Cuadrado %1, abajo</translation>
    </message>
    <message>
        <source>Cuts will be moved %1, turned %2° and stretched to %3 × %4 %.</source>
        <translation>Los cortes se moverán %1, girarán %2° y se estirarán al %3 × %4 %.</translation>
    </message>
    <message>
        <source>Photo board</source>
        <translation>Tablero</translation>
    </message>
    <message>
        <source>A sheet with marks round a free inside. A photograph of whatever lies on it is laid flat in true millimetres, and a printed sheet on it is found for your cutter. Print it at actual size on stiff paper.</source>
        <translation>Una hoja con marcas alrededor de un centro libre. Una foto de lo que haya encima se aplana en milímetros verdaderos, y una hoja impresa sobre ella se localiza para su cortadora. Imprímala a tamaño real en papel rígido.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>photo board</source>
        <translation>tablero</translation>
    </message>
    <message>
        <source>Or let your cutter draw it with a pen in place of the blade: then its marks lie where the machine says, however the paper lies in it.</source>
        <translation>O que su cortadora lo dibuje con una pluma en lugar de la cuchilla: entonces sus marcas están donde dice la máquina, como sea que esté el papel.</translation>
    </message>
    <message>
        <source>Save it as HP-GL to draw…</source>
        <translation>Guardarlo como HP-GL para dibujar…</translation>
    </message>
    <message>
        <source>In the ways of a machine with nothing special</source>
        <translation>Al modo de una máquina sin nada especial</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Hecho</translation>
    </message>
</context>
<context>
    <name>SplitDialog</name>
    <message>
        <source>%1 pieces, in reading order</source>
        <translation>%1 trozos, en orden de lectura</translation>
    </message>
    <message>
        <source>One sticker for each piece</source>
        <translation>Una pegatina por cada trozo</translation>
    </message>
    <message>
        <source>Nearer than this is one piece</source>
        <translation>Más cerca que esto es un trozo</translation>
    </message>
    <message>
        <source>One name for all, which are numbered, or several with commas between, in the order of the numbers</source>
        <translation>Un nombre para todas, que se numeran, o varios con comas, en el orden de los números</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Nombres</translation>
    </message>
    <message>
        <source>Cut them where they lie on the board; print nothing</source>
        <translation>Cortarlas donde están en el tablero; no imprimir nada</translation>
    </message>
    <message>
        <source>Make the stickers</source>
        <translation>Hacer las pegatinas</translation>
    </message>
    <message>
        <source>%1 pieces are too many: is the background taken away?</source>
        <translation>%1 trozos son demasiados: ¿se quitó el fondo?</translation>
    </message>
    <message>
        <source>%1 pieces, numbered as they are read. They share the picture: laying it flat anew corrects all.</source>
        <translation>%1 trozos, numerados en orden de lectura. Comparten la imagen: aplanarla de nuevo los corrige todos.</translation>
    </message>
    <message>
        <source>All of it is one piece.</source>
        <translation>Todo es un solo trozo.</translation>
    </message>
</context>
<context>
    <name>TrayCard</name>
    <message>
        <source>something to fix</source>
        <translation>algo por arreglar</translation>
    </message>
    <message>
        <source>something to look at</source>
        <translation>algo por mirar</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>bien</translation>
    </message>
    <message>
        <source>%1 — %2. Double-click to open it on the Bench.</source>
        <translation>%1 — %2. Doble clic para abrirla en el Banco.</translation>
    </message>
    <message>
        <source>Name of the sticker</source>
        <translation>Nombre de la pegatina</translation>
    </message>
    <message>
        <source>Open on the Bench</source>
        <translation>Abrir en el Banco</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Cambiar nombre</translation>
    </message>
    <message>
        <source>not worked out yet</source>
        <translation>aún sin calcular</translation>
    </message>
</context>
<context>
    <name>arrow_pad</name>
    <message>
        <source>to the left</source>
        <translation>a la izquierda</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>a la derecha</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>hacia el fondo</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>hacia usted</translation>
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
        <translation>«%1» ya no contesta.</translation>
    </message>
    <message>
        <source>“%1” refused a line (%2) and waits with its blade up.</source>
        <translation>«%1» rechazó una línea (%2) y espera con la cuchilla arriba.</translation>
    </message>
</context>
<context>
    <name>fusuma::CutterLink</name>
    <message>
        <source>“%1” has no line to this computer: it only gets files.</source>
        <translation>«%1» no tiene línea a este equipo: solo recibe archivos.</translation>
    </message>
    <message>
        <source>There is no %1: is the cable in, and the machine on?</source>
        <translation>No hay %1: ¿está puesto el cable y encendida la máquina?</translation>
    </message>
    <message>
        <source>You may not use %1. Join the group “%2” (sudo adduser $USER %2), then log in again.</source>
        <translation>No puede usar %1. Únase al grupo «%2» (sudo adduser $USER %2) y vuelva a entrar.</translation>
    </message>
    <message>
        <source>%1 cannot be opened: %2.</source>
        <translation>%1 no se puede abrir: %2.</translation>
    </message>
    <message>
        <source>The line to the cutter at %1 dropped: %2.</source>
        <translation>La línea a la cortadora en %1 cayó: %2.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::AddArtwork</name>
    <message>
        <source>Add artwork</source>
        <translation>Añadir diseño</translation>
    </message>
    <message>
        <source>Choose a label in the tray first.</source>
        <translation>Elija antes una etiqueta en la bandeja.</translation>
    </message>
    <message>
        <source>Save the label as a template</source>
        <translation>Guardar la etiqueta como plantilla</translation>
    </message>
    <message>
        <source>Label templates</source>
        <translation>Plantillas de etiqueta</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 guardado.</translation>
    </message>
    <message>
        <source>Addresses of the web cannot be opened. Save the picture as a file first, then drop that.</source>
        <translation>No se pueden abrir direcciones de la web. Guarde antes la imagen como archivo y suelte ese.</translation>
    </message>
    <message>
        <source>pasted-picture.png</source>
        <translation>imagen-pegada.png</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard. Copy one, or a file, then paste.</source>
        <translation>No hay imagen en el portapapeles. Copie una, o un archivo, y pegue.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ArtworkStep</name>
    <message>
        <source>Rename</source>
        <translation>Cambiar nombre</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>How finely the page is drawn. 300 dpi is plenty for printing at its own size.</source>
        <translation>Con qué finura se dibuja la página. 300 ppp bastan para imprimir a su tamaño.</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>Dibujada a</translation>
    </message>
    <message>
        <source>Lay it flat…</source>
        <translation>Aplanarla…</translation>
    </message>
    <message>
        <source>For photographs: by the photo board, a sheet of paper, a card or four corners, in true millimetres.</source>
        <translation>Para fotos: por el tablero, una hoja de papel, una tarjeta o cuatro esquinas, en milímetros verdaderos.</translation>
    </message>
    <message>
        <source>One sticker for each piece…</source>
        <translation>Una pegatina por cada trozo…</translation>
    </message>
    <message>
        <source>A page of drawings becomes a sticker for each; they share the picture.</source>
        <translation>Una página de dibujos da una pegatina por cada uno; comparten la imagen.</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Recortar</translation>
    </message>
    <message>
        <source>Draw a box round the part to use. The rest is kept aside, not lost.</source>
        <translation>Dibuje un recuadro en torno a la parte que se usa. El resto se aparta, no se pierde.</translation>
    </message>
    <message>
        <source>Use all of it</source>
        <translation>Usar toda</translation>
    </message>
    <message>
        <source>Take the crop away.</source>
        <translation>Quitar el recorte.</translation>
    </message>
    <message>
        <source>Clockwise. Steps with the arrow keys.</source>
        <translation>En sentido horario. Las flechas dan pasos.</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Girar</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Girada</translation>
    </message>
    <message>
        <source>Quarter left</source>
        <translation>Cuarto a la izquierda</translation>
    </message>
    <message>
        <source>Turn by 90° anticlockwise.</source>
        <translation>Girar 90° en sentido antihorario.</translation>
    </message>
    <message>
        <source>Quarter right</source>
        <translation>Cuarto a la derecha</translation>
    </message>
    <message>
        <source>Turn by 90° clockwise.</source>
        <translation>Girar 90° en sentido horario.</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>Reflejada</translation>
    </message>
    <message>
        <source>Left and right exchanged, as for stickers behind glass.</source>
        <translation>Izquierda y derecha cambiadas, como para pegatinas tras un cristal.</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Reflejar</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>Enderezar</translation>
    </message>
    <message>
        <source>Draw a line along what should be level or upright; the artwork turns to suit.</source>
        <translation>Dibuje una línea por lo que debe quedar horizontal o vertical; el diseño gira para ajustarse.</translation>
    </message>
    <message>
        <source>page %1, drawn at %2 dpi</source>
        <translation>página %1, dibujada a %2 ppp</translation>
    </message>
    <message>
        <source>laid flat, %1 × %2 mm</source>
        <translation>aplanada, %1 × %2 mm</translation>
    </message>
    <message>
        <source>saved at %1 dpi</source>
        <translation>guardado a %1 ppp</translation>
    </message>
    <message>
        <source>no density in the file, 300 dpi assumed</source>
        <translation>sin densidad en el archivo, se suponen 300 ppp</translation>
    </message>
    <message>
        <source>%1, %2. Prints at %3 dpi at this size.</source>
        <translation>%1, %2. A este tamaño se imprime a %3 ppp.</translation>
    </message>
    <message>
        <source>%1, a drawing of %2 parts. Its edges are exact at every size.</source>
        <translation>%1, un dibujo de %2 partes. Sus bordes son exactos a cualquier tamaño.</translation>
    </message>
    <message>
        <source>A label made here. Its edges are exact at every size.</source>
        <translation>Una etiqueta hecha aquí. Sus bordes son exactos a cualquier tamaño.</translation>
    </message>
    <message>
        <source>Stickers joined to one. Each is kept as it was.</source>
        <translation>Pegatinas unidas en una. Cada una queda como estaba.</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>dibujada</translation>
    </message>
    <message>
        <source>%1 × %2 px</source>
        <translation>%1 × %2 px</translation>
    </message>
    <message>
        <source>, laid flat</source>
        <translation>, aplanada</translation>
    </message>
    <message>
        <source>, cropped</source>
        <translation>, recortada</translation>
    </message>
    <message>
        <source>, turned</source>
        <translation>, girada</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BackgroundStep</name>
    <message>
        <source>What tells the art from its background, and what each way would give.</source>
        <translation>Lo que distingue el diseño de su fondo, y lo que daría cada manera.</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Take a patch</source>
        <translation>Quitar una zona</translation>
    </message>
    <message>
        <source>Click patches of one even colour in the picture, such as a gap the paper shows through. Esc puts the tool down.</source>
        <translation>Haga clic en zonas de un solo color de la imagen, como un hueco por donde se ve el papel. Esc deja la herramienta.</translation>
    </message>
    <message>
        <source>Give back</source>
        <translation>Devolver</translation>
    </message>
    <message>
        <source>Bring the last patch back.</source>
        <translation>Recuperar el último trozo.</translation>
    </message>
    <message>
        <source>Give a patch back</source>
        <translation>Devolver una zona</translation>
    </message>
    <message>
        <source>What is nearly that colour counts, too</source>
        <translation>Lo que es casi de ese color también cuenta</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Tolerancia</translation>
    </message>
    <message>
        <source>Higher takes more along. Too high eats into pale art.</source>
        <translation>Más alto se lleva más. Demasiado alto se come el diseño pálido.</translation>
    </message>
    <message>
        <source>Fill the inside of line drawings</source>
        <translation>Rellenar el interior de los dibujos de línea</translation>
    </message>
    <message>
        <source>Whatever the lines enclose counts as art, so the figure becomes one solid piece.</source>
        <translation>Lo que encierran las líneas cuenta como diseño, así que la figura es una pieza maciza.</translation>
    </message>
    <message>
        <source>Fill the inside</source>
        <translation>Rellenar el interior</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>Recuadro de enfoque</translation>
    </message>
    <message>
        <source>Only what lies in the box becomes the sticker. Draw it in the picture.</source>
        <translation>Solo lo que está en el recuadro será la pegatina. Dibújelo en la imagen.</translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>Imagen entera</translation>
    </message>
    <message>
        <source>Take the focus box away.</source>
        <translation>Quitar el recuadro de enfoque.</translation>
    </message>
    <message>
        <source>Darker than this is art</source>
        <translation>Más oscuro que esto es diseño</translation>
    </message>
    <message>
        <source>Raise it until the whole figure counts and no more.</source>
        <translation>Súbalo hasta que cuente toda la figura y nada más.</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Brillo</translation>
    </message>
    <message>
        <source>Whether the picked colours are the background, or all there is of the art.</source>
        <translation>Si los colores tomados son el fondo, o todo lo que hay del diseño.</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Colores</translation>
    </message>
    <message>
        <source>Pick a colour in the picture</source>
        <translation>Tomar un color de la imagen</translation>
    </message>
    <message>
        <source>Then click it in the picture. Every pick adds a colour; click one above to drop it.</source>
        <translation>Luego haga clic en la imagen. Cada toma añade un color; clic arriba en uno lo quita.</translation>
    </message>
    <message>
        <source>Also enclosed pockets of this colour</source>
        <translation>También huecos cerrados de este color</translation>
    </message>
    <message>
        <source>Off, only what is joined to the picture&apos;s edge is taken away.</source>
        <translation>Si no, solo se quita lo que está unido al canto de la imagen.</translation>
    </message>
    <message>
        <source>Pockets</source>
        <translation>Bolsas</translation>
    </message>
    <message>
        <source>Without a box</source>
        <translation>Sin recuadro</translation>
    </message>
    <message>
        <source>Look at nearly the whole picture.</source>
        <translation>Mirar casi toda la imagen.</translation>
    </message>
    <message>
        <source>Box round it</source>
        <translation>Recuadro alrededor</translation>
    </message>
    <message>
        <source>Draw a box round the subject: what lies outside is ground.</source>
        <translation>Dibuje un recuadro en torno al sujeto: lo de fuera es fondo.</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>Esto pertenece</translation>
    </message>
    <message>
        <source>Paint over a part of the subject that was left out; a short stroke will do.</source>
        <translation>Pinte sobre una parte del sujeto que quedó fuera; basta un trazo corto.</translation>
    </message>
    <message>
        <source>This does not</source>
        <translation>Esto no</translation>
    </message>
    <message>
        <source>Paint over ground that was taken along; a short stroke will do.</source>
        <translation>Pinte sobre el fondo que se coló; basta un trazo corto.</translation>
    </message>
    <message>
        <source>Light that falls unevenly on paper, with its shadows, is divided out.</source>
        <translation>La luz que cae desigual sobre el papel, con sus sombras, se descuenta.</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Luz</translation>
    </message>
    <message>
        <source>Uneven light</source>
        <translation>Luz desigual</translation>
    </message>
    <message>
        <source>Print the evened picture</source>
        <translation>Imprimir la imagen igualada</translation>
    </message>
    <message>
        <source>Off, the picture is printed as it came; evening only tells the art from the paper.</source>
        <translation>Si no, la imagen se imprime como llegó; igualar solo distingue el diseño del papel.</translation>
    </message>
    <message>
        <source>Print no ink on paper</source>
        <translation>No imprimir tinta sobre papel</translation>
    </message>
    <message>
        <source>What is nearly as white as the paper becomes white. Colours of the art stay as they are.</source>
        <translation>Lo que es casi tan blanco como el papel se vuelve blanco. Los colores del diseño quedan como son.</translation>
    </message>
    <message>
        <source>Soft shadows that the art throws on a ground of one colour.</source>
        <translation>Sombras suaves que el diseño arroja sobre un fondo de un color.</translation>
    </message>
    <message>
        <source>Soft shadows</source>
        <translation>Sombras suaves</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>Pincel: añadir</translation>
    </message>
    <message>
        <source>Paint over what should count as art. Hold Shift for a straight stroke.</source>
        <translation>Pinte sobre lo que debe contar como diseño. Con Mayús, un trazo recto.</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>Pincel: borrar</translation>
    </message>
    <message>
        <source>Paint over what should not count as art. Hold Shift for a straight stroke.</source>
        <translation>Pinte sobre lo que no debe contar como diseño. Con Mayús, un trazo recto.</translation>
    </message>
    <message>
        <source>Across, in pixels of the picture.</source>
        <translation>Diámetro, en píxeles de la imagen.</translation>
    </message>
    <message>
        <source>100 % has a sharp rim; lower fades out towards it.</source>
        <translation>100 % tiene un borde nítido; menos se desvanece hacia él.</translation>
    </message>
    <message>
        <source>Brush size</source>
        <translation>Tamaño del pincel</translation>
    </message>
    <message>
        <source>Brush hardness</source>
        <translation>Dureza del pincel</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>Dureza</translation>
    </message>
    <message>
        <source>Brush strokes</source>
        <translation>Trazos de pincel</translation>
    </message>
    <message>
        <source>Every stroke stays: choose one to change its size or hardness, or to remove it.</source>
        <translation>Todos los trazos quedan: elija uno para cambiar su tamaño o dureza, o para quitarlo.</translation>
    </message>
    <message>
        <source>Turn round</source>
        <translation>Invertir</translation>
    </message>
    <message>
        <source>Let the chosen stroke do the opposite.</source>
        <translation>Que el trazo elegido haga lo contrario.</translation>
    </message>
    <message>
        <source>Brush stroke</source>
        <translation>Trazo de pincel</translation>
    </message>
    <message>
        <source>Remove stroke</source>
        <translation>Quitar trazo</translation>
    </message>
    <message>
        <source>Take the chosen stroke out.</source>
        <translation>Sacar el trazo elegido.</translation>
    </message>
    <message>
        <source>%1. Click to drop it.</source>
        <translation>%1. Clic para quitarlo.</translation>
    </message>
    <message>
        <source>Drop a colour</source>
        <translation>Quitar un color</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>y %1 más</translation>
    </message>
    <message>
        <source>Add, %1 px</source>
        <translation>Añadir, %1 px</translation>
    </message>
    <message>
        <source>Erase, %1 px</source>
        <translation>Borrar, %1 px</translation>
    </message>
    <message>
        <source>Belongs, %1 px</source>
        <translation>Pertenece, %1 px</translation>
    </message>
    <message>
        <source>Does not belong, %1 px</source>
        <translation>No pertenece, %1 px</translation>
    </message>
    <message>
        <source>%1 colours</source>
        <translation>%1 colores</translation>
    </message>
    <message>
        <source>by brightness</source>
        <translation>por brillo</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>solo %1</translation>
    </message>
    <message>
        <source>%1 taken away</source>
        <translation>%1 quitado</translation>
    </message>
    <message>
        <source>the subject</source>
        <translation>el sujeto</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>ninguna hallada</translation>
    </message>
    <message>
        <source>clear already</source>
        <translation>ya transparente</translation>
    </message>
    <message>
        <source>, light evened</source>
        <translation>, luz igualada</translation>
    </message>
    <message>
        <source>, no shadows</source>
        <translation>, sin sombras</translation>
    </message>
    <message>
        <source>, brushed</source>
        <translation>, con pincel</translation>
    </message>
    <message>
        <source>, in a box</source>
        <translation>, en un recuadro</translation>
    </message>
    <message>
        <source>Light, shadows and patches</source>
        <translation>Luz, sombras y zonas</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchTools</name>
    <message>
        <source>Open a hole</source>
        <translation>Abrir un agujero</translation>
    </message>
    <message>
        <source>Close a hole</source>
        <translation>Cerrar un agujero</translation>
    </message>
    <message>
        <source>Take a patch away</source>
        <translation>Quitar una zona</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Tomar un color</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>Pincel: añadir</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>Pincel: borrar</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>Esto pertenece</translation>
    </message>
    <message>
        <source>This does not belong</source>
        <translation>Esto no pertenece</translation>
    </message>
    <message>
        <source>Box round the subject</source>
        <translation>Recuadro del sujeto</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>Recuadro de enfoque</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Recortar</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>Enderezar</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchView</name>
    <message>
        <source>The sticker with its cut line</source>
        <translation>La pegatina con su línea de corte</translation>
    </message>
    <message>
        <source>Look at</source>
        <translation>Mirar</translation>
    </message>
    <message>
        <source>What to show: the result as it prints and is cut, the artwork as it came, how much counts as art, the outline with its nodes, or where outline and coverage disagree.</source>
        <translation>Qué mostrar: el resultado como se imprime y corta, el diseño como llegó, cuánto cuenta como diseño, el contorno con sus nodos, o dónde no coinciden contorno y cobertura.</translation>
    </message>
    <message>
        <source>Look at: Result</source>
        <translation>Mirar: Resultado</translation>
    </message>
    <message>
        <source>Look at: Artwork</source>
        <translation>Mirar: Diseño</translation>
    </message>
    <message>
        <source>Look at: Coverage</source>
        <translation>Mirar: Cobertura</translation>
    </message>
    <message>
        <source>Look at: Outline</source>
        <translation>Mirar: Contorno</translation>
    </message>
    <message>
        <source>Look at: Difference</source>
        <translation>Mirar: Diferencia</translation>
    </message>
    <message>
        <source>Shown on</source>
        <translation>Mostrada en</translation>
    </message>
    <message>
        <source>The sticker as it is planned, or finished: cut out, on what it may be printed on or stuck to.</source>
        <translation>La pegatina como está planeada, o acabada: recortada, sobre lo que se imprima o se pegue.</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Según lo planeado</translation>
    </message>
    <message>
        <source>On white paper</source>
        <translation>Sobre papel blanco</translation>
    </message>
    <message>
        <source>On clear film</source>
        <translation>Sobre película transparente</translation>
    </message>
    <message>
        <source>On kraft</source>
        <translation>Sobre kraft</translation>
    </message>
    <message>
        <source>On a dark ground</source>
        <translation>Sobre fondo oscuro</translation>
    </message>
    <message>
        <source>Peel a corner</source>
        <translation>Despegar una esquina</translation>
    </message>
    <message>
        <source>One corner lifted off its backing.</source>
        <translation>Una esquina despegada del soporte.</translation>
    </message>
    <message numerus="yes">
        <source>%n contours</source>
        <translation>
            <numerusform>%n contorno</numerusform>
            <numerusform>%n contornos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> · %n holes</source>
        <translation>
            <numerusform> · %n agujero</numerusform>
            <numerusform> · %n agujeros</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 nodes · %2</source>
        <translation> · %1 nodos · %2</translation>
    </message>
    <message>
        <source> · thinnest %1</source>
        <translation> · lo más fino %1</translation>
    </message>
    <message>
        <source>Drop a picture here</source>
        <translation>Suelte aquí una imagen</translation>
    </message>
    <message>
        <source>A picture, a drawing or a PDF; or paste one with Ctrl+V. Transparency is best: its edge becomes the outline.</source>
        <translation>Una imagen, un dibujo o un PDF; o péguelo con Ctrl+V. Lo mejor es la transparencia: su borde será el contorno.</translation>
    </message>
    <message>
        <source>The outline follows the coverage everywhere in sight.</source>
        <translation>El contorno sigue la cobertura en todo lo que se ve.</translation>
    </message>
    <message>
        <source>art that the outline leaves out: %1 mm²</source>
        <translation>diseño que el contorno deja fuera: %1 mm²</translation>
    </message>
    <message>
        <source>taken in though it is no art: %1 mm²</source>
        <translation>incluido sin ser diseño: %1 mm²</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>printed</source>
        <translation>impresa</translation>
    </message>
    <message>
        <source>not printed</source>
        <translation>sin imprimir</translation>
    </message>
    <message>
        <source>%1, finished %2 by %3</source>
        <translation>%1, acabada %2 por %3</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BleedStep</name>
    <message>
        <source>What prints past the cut line, so that a cut that slips shows colour instead of paper.</source>
        <translation>Lo que imprime más allá de la línea de corte, para que un corte desviado muestre color en vez de papel.</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Sangrado</translation>
    </message>
    <message>
        <source>How far colour goes past the cut. 1 mm covers what most printers and cutters are off.</source>
        <translation>Cuánto pasa el color del corte. 1 mm cubre lo que se desvían casi todas las impresoras y cortadoras.</translation>
    </message>
    <message>
        <source>width</source>
        <translation>ancho</translation>
    </message>
    <message>
        <source>Past the cut by</source>
        <translation>Pasado el corte</translation>
    </message>
    <message>
        <source>Bleed width</source>
        <translation>Ancho del sangrado</translation>
    </message>
    <message>
        <source>The rim at the cut is paper, so there is no colour to carry on. Give it one in the Border step.</source>
        <translation>La orla en el corte es papel, así que no hay color que prolongar. Dele uno en el paso Borde.</translation>
    </message>
    <message>
        <source>The rim at the cut is paper: a slip would show a thin coloured edge. None suits a white border best.</source>
        <translation>La orla en el corte es papel: un desvío mostraría un canto fino de color. A un borde blanco le va mejor ninguno.</translation>
    </message>
    <message>
        <source>The cut lies on print. Without bleed the smallest slip shows paper.</source>
        <translation>El corte está sobre la impresión. Sin sangrado, el menor desvío muestra papel.</translation>
    </message>
    <message>
        <source>A slip of the cut shows nothing new: paper lies on both sides.</source>
        <translation>Un desvío del corte no muestra nada nuevo: hay papel a ambos lados.</translation>
    </message>
    <message>
        <source>Beside a close neighbour it is cut back halfway; preflight says so.</source>
        <translation>Junto a un vecino cercano se recorta a la mitad; la verificación lo dice.</translation>
    </message>
    <message>
        <source>The cut lies inside the art, which prints past it by itself.</source>
        <translation>El corte está dentro del diseño, que ya imprime más allá.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>nothing to carry on</source>
        <translation>nada que prolongar</translation>
    </message>
    <message>
        <source>, art&apos;s colours</source>
        <translation>, colores del diseño</translation>
    </message>
    <message>
        <source>, rim&apos;s colour</source>
        <translation>, color de la orla</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BorderStep</name>
    <message>
        <source>The white rim between art and cut. Below zero the cut goes inside the art, so no white shows.</source>
        <translation>El borde blanco entre diseño y corte. Por debajo de cero el corte entra en el diseño y no se ve blanco.</translation>
    </message>
    <message>
        <source>Border width</source>
        <translation>Ancho del borde</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Border widths</source>
        <translation>Anchos del borde</translation>
    </message>
    <message>
        <source>Grows with larger copies</source>
        <translation>Crece con copias mayores</translation>
    </message>
    <message>
        <source>Off, the border is the same millimetres on every copy, large or small.</source>
        <translation>Si no, el borde tiene los mismos milímetros en toda copia, grande o pequeña.</translation>
    </message>
    <message>
        <source>Scale the border</source>
        <translation>Escalar el borde</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Esquinas</translation>
    </message>
    <message>
        <source>Points that would stick out farther than this many widths are cut square.</source>
        <translation>Las puntas que saldrían más de tantos anchos se cortan rectas.</translation>
    </message>
    <message>
        <source>Mitre limit</source>
        <translation>Límite del inglete</translation>
    </message>
    <message>
        <source>Points up to</source>
        <translation>Apunta arriba</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Agujeros</translation>
    </message>
    <message>
        <source>Holes smaller than this are closed.</source>
        <translation>Los agujeros menores que esto se cierran.</translation>
    </message>
    <message>
        <source>Close those under</source>
        <translation>Cerrar los menores de</translation>
    </message>
    <message>
        <source>Click single holes</source>
        <translation>Clic en agujeros sueltos</translation>
    </message>
    <message>
        <source>Click a hole in the picture to close it, or a closed one to open it.</source>
        <translation>Haga clic en un agujero de la imagen para cerrarlo, o en uno cerrado para abrirlo.</translation>
    </message>
    <message>
        <source>Join pieces, inlets and tips</source>
        <translation>Unir trozos, entrantes y puntas</translation>
    </message>
    <message>
        <source>Parts of the border closer together than this grow together by a smooth bridge. The rim elsewhere stays as wide as it is.</source>
        <translation>Las partes del borde más cercanas que esto se funden con un puente suave. En lo demás la orla queda tan ancha como es.</translation>
    </message>
    <message>
        <source>Join pieces</source>
        <translation>Unir trozos</translation>
    </message>
    <message>
        <source>Join pieces closer than</source>
        <translation>Unir trozos más cercanos que</translation>
    </message>
    <message>
        <source>One border round everything</source>
        <translation>Un borde alrededor de todo</translation>
    </message>
    <message>
        <source>Bridges all pieces the shortest way, however far apart, so the sticker comes off in one.</source>
        <translation>Une todos los trozos por el camino más corto, por lejos que estén, para que la pegatina salga en una pieza.</translation>
    </message>
    <message>
        <source>One border</source>
        <translation>Un borde</translation>
    </message>
    <message>
        <source>Narrow inlets tear under the blade. Those under this width are filled.</source>
        <translation>Los entrantes estrechos se rasgan bajo la cuchilla. Los de menos de este ancho se rellenan.</translation>
    </message>
    <message>
        <source>Fill inlets</source>
        <translation>Rellenar entrantes</translation>
    </message>
    <message>
        <source>No gap narrower than</source>
        <translation>Ningún hueco más estrecho de</translation>
    </message>
    <message>
        <source>Thin spikes bend and tear. Those under this width are cut off.</source>
        <translation>Las puntas finas se doblan y rasgan. Las de menos de este ancho se cortan.</translation>
    </message>
    <message>
        <source>Cut off spikes</source>
        <translation>Cortar puntas</translation>
    </message>
    <message>
        <source>No tip thinner than</source>
        <translation>Ninguna punta más fina que</translation>
    </message>
    <message>
        <source>Printed with</source>
        <translation>Impreso con</translation>
    </message>
    <message>
        <source>The border is printed with</source>
        <translation>El borde se imprime con</translation>
    </message>
    <message>
        <source>Border colour</source>
        <translation>Color del borde</translation>
    </message>
    <message>
        <source>Add a rim inside</source>
        <translation>Añadir una orla dentro</translation>
    </message>
    <message>
        <source>A printed rim between the art and the border, such as a coloured line inside a white edge.</source>
        <translation>Una orla impresa entre el diseño y el borde, como una línea de color dentro de un canto blanco.</translation>
    </message>
    <message>
        <source>Add a rim</source>
        <translation>Añadir una orla</translation>
    </message>
    <message>
        <source>How wide this rim is. The cut line moves outward by it.</source>
        <translation>Cuán ancha es esta orla. La línea de corte se aleja otro tanto.</translation>
    </message>
    <message>
        <source>Rim %1 is printed with</source>
        <translation>La orla %1 se imprime con</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Take this rim away.</source>
        <translation>Quitar esta orla.</translation>
    </message>
    <message>
        <source>Innermost rim</source>
        <translation>Orla interior</translation>
    </message>
    <message>
        <source>Rim %1</source>
        <translation>Orla %1</translation>
    </message>
    <message>
        <source>Width of rim %1</source>
        <translation>Ancho de la orla %1</translation>
    </message>
    <message>
        <source>Rim width</source>
        <translation>Ancho de la orla</translation>
    </message>
    <message>
        <source>Rim colour</source>
        <translation>Color de la orla</translation>
    </message>
    <message>
        <source>Remove a rim</source>
        <translation>Quitar una orla</translation>
    </message>
    <message>
        <source>The border falls into %1 pieces. Join them above, or widen it.</source>
        <translation>El borde se parte en %1 trozos. Únalos arriba, o ensánchelo.</translation>
    </message>
    <message>
        <source>none, cut on the outline</source>
        <translation>ninguno, cortado por el contorno</translation>
    </message>
    <message numerus="yes">
        <source>, %n rims</source>
        <translation>
            <numerusform>, %n orla</numerusform>
            <numerusform>, %n orlas</numerusform>
        </translation>
    </message>
    <message>
        <source>, joined</source>
        <translation>, unida</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BusyBar</name>
    <message>
        <source>Stop</source>
        <translation>Detener</translation>
    </message>
    <message>
        <source>Stop waiting. A picture being read is left out; a change being worked out is undone; a file being made is not saved.</source>
        <translation>Dejar de esperar. Una imagen que se lee se omite; un cambio en curso se deshace; un archivo en preparación no se guarda.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ChosenMachine</name>
    <message>
        <source>Practice cutter</source>
        <translation>Cortadora de práctica</translation>
    </message>
    <message>
        <source>Practice cutter, serial port</source>
        <translation>Cortadora de práctica, puerto serie</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ClusterStep</name>
    <message>
        <source>How the cut lines of the members become one.</source>
        <translation>Cómo las líneas de corte de los miembros se hacen una.</translation>
    </message>
    <message>
        <source>Cluster&apos;s cut</source>
        <translation>Corte del conjunto</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Cut the inner lines, too</source>
        <translation>Cortar también las líneas interiores</translation>
    </message>
    <message>
        <source>Each member keeps its own cut line; it is cut only when this is on.</source>
        <translation>Cada miembro conserva su línea de corte; se corta solo si esto está activo.</translation>
    </message>
    <message>
        <source>Inner lines</source>
        <translation>Líneas interiores</translation>
    </message>
    <message>
        <source>Borders hide what lies below</source>
        <translation>Los bordes tapan lo que hay debajo</translation>
    </message>
    <message>
        <source>The white round an upper sticker covers the ones below it, as if it were stuck onto them.</source>
        <translation>El blanco de una pegatina de arriba tapa las de debajo, como pegada sobre ellas.</translation>
    </message>
    <message>
        <source>Borders hide</source>
        <translation>Los bordes tapan</translation>
    </message>
    <message>
        <source>Arrange &gt; Part the cluster gives the members back, on the Sheet.</source>
        <translation>Organizar &gt; Deshacer el conjunto devuelve sus miembros, en la Hoja.</translation>
    </message>
    <message>
        <source>%1 stickers in one: %2.</source>
        <translation>%1 pegatinas en una: %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1 stickers</source>
        <translation>%1 pegatinas</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ColourButton</name>
    <message>
        <source>%1. Click to change it.</source>
        <translation>%1. Clic para cambiarlo.</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Elegir…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CopyEdits</name>
    <message>
        <source>Remove copies</source>
        <translation>Quitar copias</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Mover</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Pegar</translation>
    </message>
    <message>
        <source>What was copied</source>
        <translation>Lo copiado</translation>
    </message>
    <message>
        <source>All stickers</source>
        <translation>Todas las pegatinas</translation>
    </message>
    <message>
        <source>Place copies</source>
        <translation>Colocar copias</translation>
    </message>
    <message>
        <source>%1: only %2 of %3 copies fit on the sheet.</source>
        <translation>%1: solo caben %2 de %3 copias en la hoja.</translation>
    </message>
    <message>
        <source>Put %1 there</source>
        <translation>Poner %1 ahí</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CorrectionPicture</name>
    <message>
        <source>All came out where it should be.</source>
        <translation>Todo salió donde debía.</translation>
    </message>
    <message>
        <source>Arrows show which way things are moved from now on.</source>
        <translation>Las flechas muestran hacia dónde se mueve todo desde ahora.</translation>
    </message>
    <message>
        <source>Solid: where it came out, %1 times as far off as it is. Dotted: where it should be. Arrows: how it is moved from now on.</source>
        <translation>Continua: donde salió, %1 veces más lejos de lo que está. Punteada: donde debería. Flechas: cómo se mueve desde ahora.</translation>
    </message>
    <message>
        <source>Where these come out on the sheet. Nothing is off.</source>
        <translation>Dónde salen estos en la hoja. Nada está desviado.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutAct</name>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Decides force, speed, passes, overcut and what blade is in.</source>
        <translation>Decide fuerza, velocidad, pasadas, sobrecorte y qué cuchilla lleva.</translation>
    </message>
    <message>
        <source>Change this material, or save it under a name.</source>
        <translation>Cambie este material o guárdelo con un nombre.</translation>
    </message>
    <message>
        <source>As a machine</source>
        <translation>Como máquina</translation>
    </message>
    <message>
        <source>Quick</source>
        <translation>Rápido</translation>
    </message>
    <message>
        <source>How fast the practice blade goes: 250 mm/s, or ten times that to see the end sooner.</source>
        <translation>A qué velocidad va la cuchilla de práctica: 250 mm/s, o diez veces eso para ver antes el final.</translation>
    </message>
    <message>
        <source>Start cutting</source>
        <translation>Empezar a cortar</translation>
    </message>
    <message>
        <source>Sends the lines to the cutter one by one.</source>
        <translation>Manda las líneas a la cortadora una por una.</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
    <message>
        <source>Lift the blade at once and wait.</source>
        <translation>Levantar la cuchilla ya y esperar.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Detener</translation>
    </message>
    <message>
        <source>Lift the blade at once and end this run.</source>
        <translation>Levantar la cuchilla ya y terminar.</translation>
    </message>
    <message>
        <source>Go round it</source>
        <translation>Dar la vuelta</translation>
    </message>
    <message>
        <source>Moves the machine&apos;s lifted head round all that is to be cut, or round the sticker that you clicked in the picture: does it lie where you think?</source>
        <translation>Mueve el cabezal levantado de la máquina alrededor de todo lo que se va a cortar, o de la pegatina en la que hizo clic: ¿está donde cree?</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Hoja siguiente</translation>
    </message>
    <message>
        <source>The next print of this ticket is in: find it and cut the same again (F9).</source>
        <translation>La próxima impresión de esta ficha está dentro: hállela y corte lo mismo otra vez (F9).</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Página siguiente</translation>
    </message>
    <message>
        <source>Go on with the next page of this ticket.</source>
        <translation>Seguir con la página siguiente de esta ficha.</translation>
    </message>
    <message>
        <source>Move the cut by 0.05 mm</source>
        <translation>Mover el corte 0,05 mm</translation>
    </message>
    <message>
        <source>Keep that for this machine</source>
        <translation>Guardar eso para esta máquina</translation>
    </message>
    <message>
        <source>Every cut on this machine is moved by it from now on.</source>
        <translation>Todo corte en esta máquina se mueve eso desde ahora.</translation>
    </message>
    <message>
        <source>Travel</source>
        <translation>Recorrido</translation>
    </message>
    <message>
        <source>Show the way of the lifted blade.</source>
        <translation>Mostrar el camino de la cuchilla levantada.</translation>
    </message>
    <message>
        <source>Order and direction</source>
        <translation>Orden y sentido</translation>
    </message>
    <message>
        <source>Number the lines and show where the blade goes in.</source>
        <translation>Numerar las líneas y mostrar dónde entra la cuchilla.</translation>
    </message>
    <message>
        <source>Set the machine right…</source>
        <translation>Ajustar la máquina…</translation>
    </message>
    <message>
        <source>Print and cut a test sheet, type in what you see, and later cuts are moved by it.</source>
        <translation>Imprima y corte una hoja de prueba, escriba lo que ve, y los cortes siguientes se mueven eso.</translation>
    </message>
    <message>
        <source>load first</source>
        <translation>cargue antes</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>lista</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>en pausa</translation>
    </message>
    <message>
        <source>connection dropped</source>
        <translation>conexión caída</translation>
    </message>
    <message>
        <source>done</source>
        <translation>hecho</translation>
    </message>
    <message>
        <source>about %1 of %2</source>
        <translation>unos %1 de %2</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>1 sticker cut in %1.</source>
        <translation>1 pegatina cortada en %1.</translation>
    </message>
    <message>
        <source>%1 stickers cut in %2.</source>
        <translation>%1 pegatinas cortadas en %2.</translation>
    </message>
    <message>
        <source>Kiss</source>
        <translation>Semicorte</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Hendido</translation>
    </message>
    <message>
        <source>Through</source>
        <translation>Total</translation>
    </message>
    <message>
        <source>%1: %2 lines, %3 g, %4 mm/s, %5</source>
        <translation>%1: %2 líneas, %3 g, %4 mm/s, %5</translation>
    </message>
    <message numerus="yes">
        <source>%n passes</source>
        <translation>
            <numerusform>%n pasada</numerusform>
            <numerusform>%n pasadas</numerusform>
        </translation>
    </message>
    <message>
        <source>About %1: %2 of cut, %3 of travel</source>
        <translation>Unos %1: %2 de corte, %3 de recorrido</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Otra vez</translation>
    </message>
    <message>
        <source>Start the practice cut</source>
        <translation>Empezar el corte de práctica</translation>
    </message>
    <message>
        <source>Go round this sticker</source>
        <translation>Dar la vuelta a esta pegatina</translation>
    </message>
    <message>
        <source>Next sheet (%1 are cut)</source>
        <translation>Hoja siguiente (%1 cortadas)</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>%1 mm %2</source>
        <translation>%1 mm %2</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>a la derecha</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>a la izquierda</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>hacia usted</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>hacia el fondo</translation>
    </message>
    <message>
        <source>Is the cut a little off its print? Move it:</source>
        <translation>¿El corte queda algo desviado de su impresión? Muévalo:</translation>
    </message>
    <message>
        <source>Moved %1.</source>
        <translation>Movido %1.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> y </translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutStep</name>
    <message>
        <source>Kiss cut</source>
        <translation>Semicorte</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Corte total</translation>
    </message>
    <message>
        <source>Kiss cut leaves the backing whole, so stickers stay on the sheet. Through cut frees each one.</source>
        <translation>El semicorte deja entero el soporte, así que las pegatinas quedan en la hoja. El corte total suelta cada una.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>A mano</translation>
    </message>
    <message>
        <source>Nodes</source>
        <translation>Nodos</translation>
    </message>
    <message>
        <source>Move, add and remove the nodes of the cut line. Double-click the line to add one.</source>
        <translation>Mueva, añada y quite los nodos de la línea de corte. Doble clic en la línea añade uno.</translation>
    </message>
    <message>
        <source>Free hand</source>
        <translation>A mano alzada</translation>
    </message>
    <message>
        <source>Draw a further cut line with the pointer held down.</source>
        <translation>Dibuje otra línea de corte con el puntero pulsado.</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Pluma</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves; Return or a double click ends the line, a click on its start closes it.</source>
        <translation>Clic para esquinas, arrastrar para curvas; Intro o doble clic termina la línea, un clic en su inicio la cierra.</translation>
    </message>
    <message>
        <source>How far right of the artwork&apos;s left edge the node lies.</source>
        <translation>A qué distancia a la derecha del borde izquierdo del diseño está el nodo.</translation>
    </message>
    <message>
        <source>How far below the artwork&apos;s top edge the node lies.</source>
        <translation>A qué distancia bajo el borde superior del diseño está el nodo.</translation>
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
        <translation>Suave</translation>
    </message>
    <message>
        <source>The line runs through without a corner.</source>
        <translation>La línea pasa sin esquina.</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Esquina</translation>
    </message>
    <message>
        <source>The line turns sharply here.</source>
        <translation>La línea gira aquí en seco.</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Recto</translation>
    </message>
    <message>
        <source>Straightens the piece behind the node.</source>
        <translation>Endereza el tramo tras el nodo.</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>Curvo</translation>
    </message>
    <message>
        <source>Lets the piece behind the node be bent by handles.</source>
        <translation>Deja curvar el tramo tras el nodo con tiradores.</translation>
    </message>
    <message>
        <source>Insert</source>
        <translation>Insert</translation>
    </message>
    <message>
        <source>A node more in the piece behind (Insert).</source>
        <translation>Un nodo más en el tramo de detrás (Insert).</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Eliminar</translation>
    </message>
    <message>
        <source>Takes the selected nodes out (Delete).</source>
        <translation>Saca los nodos elegidos (Supr).</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>Opens the line at the node.</source>
        <translation>Abre la línea en el nodo.</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>Unir cabos</translation>
    </message>
    <message>
        <source>Joins two selected ends. Dragging one onto the other does so too.</source>
        <translation>Une dos cabos elegidos. Arrastrar uno sobre el otro también lo hace.</translation>
    </message>
    <message>
        <source>Ends that come closer than this are joined. While you drag, rings show how near that is.</source>
        <translation>Los cabos más cercanos que esto se unen. Al arrastrar, unos anillos muestran cuánto es.</translation>
    </message>
    <message>
        <source>Ends join within</source>
        <translation>Los cabos se unen hasta</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Gota</translation>
    </message>
    <message>
        <source>Forget these changes.</source>
        <translation>Olvidar estos cambios.</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>Dejar como estaba</translation>
    </message>
    <message>
        <source>Put them back where they were drawn; they no longer move along with the border.</source>
        <translation>Volver a ponerlas donde se dibujaron; ya no siguen al borde.</translation>
    </message>
    <message>
        <source>Cut it?</source>
        <translation>¿Se corta?</translation>
    </message>
    <message>
        <source>The lines of the cut, the smallest first</source>
        <translation>Las líneas del corte, la menor primero</translation>
    </message>
    <message>
        <source>Every closed or open line, the smallest first. Untick what is not to be cut; click to see it.</source>
        <translation>Todas las líneas, cerradas o abiertas, la menor primero. Desmarque lo que no se corta; clic para verla.</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves. Return ends the line.</source>
        <translation>Clic para esquinas, arrastrar para curvas. Intro termina la línea.</translation>
    </message>
    <message>
        <source>Hold the button down and draw.</source>
        <translation>Mantenga el botón pulsado y dibuje.</translation>
    </message>
    <message>
        <source>Click a node, or draw a band round several; Page Down goes to the next. Double-click the line to add one.</source>
        <translation>Haga clic en un nodo o arrastre un marco sobre varios; Av Pág pasa al siguiente. Doble clic en la línea añade uno.</translation>
    </message>
    <message>
        <source>1 node selected. Arrow keys move it by 0.1 mm, with Shift 1 mm, with Alt 0.01 mm.</source>
        <translation>1 nodo elegido. Las flechas lo mueven 0,1 mm, con Mayús 1 mm, con Alt 0,01 mm.</translation>
    </message>
    <message numerus="yes">
        <source>%n nodes selected.</source>
        <translation>
            <numerusform>%n nodo elegido.</numerusform>
            <numerusform>%n nodos elegidos.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes made by hand find no place on the new cut line.</source>
        <translation>
            <numerusform>Un cambio hecho a mano no halla sitio en la nueva línea de corte.</numerusform>
            <numerusform>%n cambios hechos a mano no hallan sitio en la nueva línea de corte.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1  %2 × %3</source>
        <translation>%1  %2 × %3</translation>
    </message>
    <message>
        <source>Open line</source>
        <translation>Línea abierta</translation>
    </message>
    <message>
        <source>Drawn line</source>
        <translation>Línea dibujada</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Agujero</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Trozo</translation>
    </message>
    <message>
        <source>kiss cut</source>
        <translation>semicorte</translation>
    </message>
    <message>
        <source>through cut</source>
        <translation>corte total</translation>
    </message>
    <message>
        <source>, changed by hand</source>
        <translation>, cambiada a mano</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutterCard</name>
    <message>
        <source>Marks</source>
        <translation>Marcas</translation>
    </message>
    <message>
        <source>Size of a mark</source>
        <translation>Tamaño de una marca</translation>
    </message>
    <message>
        <source>Marks from edge</source>
        <translation>Marcas desde el canto</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>Ancho de línea</translation>
    </message>
    <message>
        <source>Keep clear round each</source>
        <translation>Zona libre alrededor</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>Cortadora</translation>
    </message>
    <message>
        <source>Edges it cannot reach</source>
        <translation>Cantos que no alcanza</translation>
    </message>
    <message>
        <source>Cutter margins</source>
        <translation>Márgenes de la cortadora</translation>
    </message>
    <message>
        <source>It feeds a mat</source>
        <translation>Arrastra una base</translation>
    </message>
    <message>
        <source>The edges it cannot reach are then the mat&apos;s.</source>
        <translation>Los cantos que no alcanza son entonces los de la base.</translation>
    </message>
    <message>
        <source>Mat</source>
        <translation>Base</translation>
    </message>
    <message>
        <source>Mat width</source>
        <translation>Ancho de la base</translation>
    </message>
    <message>
        <source>Mat height</source>
        <translation>Alto de la base</translation>
    </message>
    <message>
        <source>Paper from its left</source>
        <translation>Papel desde su izquierda</translation>
    </message>
    <message>
        <source>Paper from its top</source>
        <translation>Papel desde arriba</translation>
    </message>
    <message>
        <source>Save this cutter as…</source>
        <translation>Guardar esta cortadora como…</translation>
    </message>
    <message>
        <source>Keeps what it reaches under a name, for other projects.</source>
        <translation>Guarda lo que alcanza con un nombre, para otros proyectos.</translation>
    </message>
    <message>
        <source>Save this cutter</source>
        <translation>Guardar esta cortadora</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Any cutter</source>
        <translation>Cualquier cortadora</translation>
    </message>
    <message>
        <source>Mark scheme</source>
        <translation>Esquema de marcas</translation>
    </message>
    <message>
        <source>Mark schemes (*.json)</source>
        <translation>Esquemas de marcas (*.json)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>Leyendo «%1»</translation>
    </message>
    <message>
        <source>5 round dots</source>
        <translation>5 puntos redondos</translation>
    </message>
    <message>
        <source>4 crosses</source>
        <translation>4 cruces</translation>
    </message>
    <message>
        <source>no marks</source>
        <translation>sin marcas</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Cutting</name>
    <message>
        <source>%1 of %2 lines are cut</source>
        <translation>%1 de %2 líneas están cortadas</translation>
    </message>
    <message>
        <source>%1 About %2, by estimate. Go on when it is back.</source>
        <translation>%1 Unos %2, por estimación. Siga cuando haya vuelto.</translation>
    </message>
    <message>
        <source>%1 %2. Go on when it is back.</source>
        <translation>%1 %2. Siga cuando haya vuelto.</translation>
    </message>
    <message>
        <source>Now come the %1. Change the tool, then go on.</source>
        <translation>Ahora vienen los %1. Cambie la herramienta y siga.</translation>
    </message>
    <message>
        <source>through cuts</source>
        <translation>cortes totales</translation>
    </message>
    <message>
        <source>scores</source>
        <translation>hendidos</translation>
    </message>
    <message>
        <source>kiss cuts</source>
        <translation>semicortes</translation>
    </message>
    <message>
        <source>The machine is there again, with its blade up.</source>
        <translation>La máquina ha vuelto, con la cuchilla arriba.</translation>
    </message>
    <message>
        <source>%1. Nothing was moved.</source>
        <translation>%1. No se movió nada.</translation>
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
        <translation>algo por arreglar</translation>
    </message>
    <message>
        <source>not started</source>
        <translation>sin empezar</translation>
    </message>
    <message>
        <source>%1 — %2 (Ctrl+%3)</source>
        <translation>%1 — %2 (Ctrl+%3)</translation>
    </message>
    <message>
        <source>not looked at yet</source>
        <translation>aún sin revisar</translation>
    </message>
</context>
<context>
    <name>fusuma::app::EdgeRibbon</name>
    <message>
        <source>Edge ribbon: the cut line unrolled</source>
        <translation>Cinta del borde: la línea de corte desenrollada</translation>
    </message>
    <message>
        <source>The cut line unrolled: paper above, the sticker below. Click a place to see it; the wheel zooms, arrow keys walk along.</source>
        <translation>La línea de corte desenrollada: arriba papel, abajo la pegatina. Clic en un lugar para verlo; la rueda acerca, las flechas avanzan.</translation>
    </message>
    <message>
        <source>Show the narrowest place</source>
        <translation>Mostrar el lugar más estrecho</translation>
    </message>
    <message>
        <source>Show the widest place</source>
        <translation>Mostrar el lugar más ancho</translation>
    </message>
    <message>
        <source>Narrowest place</source>
        <translation>Lugar más estrecho</translation>
    </message>
    <message>
        <source>Widest place</source>
        <translation>Lugar más ancho</translation>
    </message>
    <message>
        <source>How far your cutter may miss the print. Paper narrower than this between art and cut is tinted.</source>
        <translation>Cuánto puede fallar su cortadora. El papel más estrecho que esto entre diseño y corte se tiñe.</translation>
    </message>
    <message>
        <source>Slip of the cutter</source>
        <translation>Desvío de la cortadora</translation>
    </message>
    <message>
        <source>Edge ribbon</source>
        <translation>Cinta del borde</translation>
    </message>
    <message>
        <source>Slip ±</source>
        <translation>Desvío ±</translation>
    </message>
    <message>
        <source>least %1</source>
        <translation>mínimo %1</translation>
    </message>
    <message>
        <source>most %1</source>
        <translation>máximo %1</translation>
    </message>
    <message numerus="yes">
        <source>cuts into art at %n places</source>
        <translation>
            <numerusform>corta el diseño en %n lugar</numerusform>
            <numerusform>corta el diseño en %n lugares</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thin slivers</source>
        <translation>
            <numerusform>%n tira fina</numerusform>
            <numerusform>%n tiras finas</numerusform>
        </translation>
    </message>
    <message>
        <source> · </source>
        <translation> · </translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>nada que cortar</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>agujero</translation>
    </message>
    <message>
        <source>The cut line will lie here, unrolled.</source>
        <translation>Aquí estará la línea de corte, desenrollada.</translation>
    </message>
    <message>
        <source>Go to the narrowest place</source>
        <translation>Ir al lugar más estrecho</translation>
    </message>
    <message>
        <source>Go to the widest place</source>
        <translation>Ir al lugar más ancho</translation>
    </message>
    <message>
        <source>As wide as it needs</source>
        <translation>Tan ancha como haga falta</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FileWork</name>
    <message>
        <source>Saving “%1”</source>
        <translation>Guardando «%1»</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillCard</name>
    <message>
        <source>In rows</source>
        <translation>En filas</translation>
    </message>
    <message>
        <source>Snug, all upright</source>
        <translation>Apretadas, todas derechas</translation>
    </message>
    <message>
        <source>Snug, some upside down</source>
        <translation>Apretadas, algunas del revés</translation>
    </message>
    <message>
        <source>Snug, turned by quarters</source>
        <translation>Apretadas, giradas por cuartos</translation>
    </message>
    <message>
        <source>Snug, turned any way</source>
        <translation>Apretadas, giradas como sea</translation>
    </message>
    <message>
        <source>%1 copies placed. %2 % of the cut zone used; the largest empty space is %3 × %4.</source>
        <translation>%1 copias colocadas. %2 % de la zona de corte usado; el mayor hueco libre es %3 × %4.</translation>
    </message>
    <message>
        <source>Add copies</source>
        <translation>Añadir copias</translation>
    </message>
    <message>
        <source>Put that many copies of the sticker in hand into free places, without moving anything.</source>
        <translation>Poner tantas copias de la pegatina en mano en huecos libres, sin mover nada.</translation>
    </message>
    <message>
        <source>Copies to add</source>
        <translation>Copias que añadir</translation>
    </message>
    <message>
        <source>The least distance between two cut lines. 2 to 3 mm keeps lines from touching.</source>
        <translation>La menor distancia entre dos líneas de corte. De 2 a 3 mm evitan que se toquen.</translation>
    </message>
    <message>
        <source>Gap between cuts</source>
        <translation>Separación entre cortes</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Separación</translation>
    </message>
    <message>
        <source>Sticker in hand</source>
        <translation>Pegatina en mano</translation>
    </message>
    <message>
        <source>All stickers, evenly</source>
        <translation>Todas las pegatinas, por igual</translation>
    </message>
    <message>
        <source>Fill with</source>
        <translation>Rellenar con</translation>
    </message>
    <message>
        <source>Fill gaps</source>
        <translation>Llenar huecos</translation>
    </message>
    <message>
        <source>As many as fit</source>
        <translation>Tantas como quepan</translation>
    </message>
    <message>
        <source>Exactly</source>
        <translation>Exactamente</translation>
    </message>
    <message>
        <source>“Fill gaps” keeps all copies where they are. “As many as fit” places them anew, except locked ones. “Exactly” goes on to further pages.</source>
        <translation>«Llenar huecos» deja todas las copias donde están. «Tantas como quepan» las coloca de nuevo, salvo las bloqueadas. «Exactamente» sigue en más páginas.</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Cuántas</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>Copias de cada una</translation>
    </message>
    <message>
        <source>Laid out</source>
        <translation>Dispuesta</translation>
    </message>
    <message>
        <source>Fill the page</source>
        <translation>Llenar la página</translation>
    </message>
    <message>
        <source>Searches for a good layout and shows the best so far. Stop keeps it.</source>
        <translation>Busca una buena disposición y muestra la mejor por ahora. Detener la conserva.</translation>
    </message>
    <message>
        <source>Spread evenly</source>
        <translation>Repartir por igual</translation>
    </message>
    <message>
        <source>Move crowded copies apart, so that each has about as much room on all sides.</source>
        <translation>Separar las copias apretadas, para que cada una tenga más o menos igual espacio por todos lados.</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Juntar</translation>
    </message>
    <message>
        <source>Move all copies up together, so that one large empty space is left for the next job.</source>
        <translation>Juntar todas las copias hacia arriba, para que quede un gran hueco libre para el próximo trabajo.</translation>
    </message>
    <message>
        <source>Spread evenly.</source>
        <translation>Repartidas por igual.</translation>
    </message>
    <message>
        <source>Closed up.</source>
        <translation>Juntadas.</translation>
    </message>
    <message>
        <source>The copies lie as close as they can.</source>
        <translation>Las copias están tan juntas como pueden.</translation>
    </message>
    <message>
        <source>No free place on the page is large enough.</source>
        <translation>Ningún hueco libre de la página es bastante grande.</translation>
    </message>
    <message>
        <source>Stop and keep this</source>
        <translation>Detener y quedarse esto</translation>
    </message>
    <message>
        <source>%1 copies so far…</source>
        <translation>%1 copias por ahora…</translation>
    </message>
    <message>
        <source>no sticker yet</source>
        <translation>aún no hay pegatina</translation>
    </message>
    <message numerus="yes">
        <source>%1 copies placed, on %n page(s). On the last, %2 % of the cut zone is used; the largest empty space there is %3 × %4.</source>
        <translation>
            <numerusform>%1 copias colocadas, en %n página. En la última se usa el %2 % de la zona de corte; el mayor hueco libre allí es %3 × %4.</numerusform>
            <numerusform>%1 copias colocadas, en %n páginas. En la última se usa el %2 % de la zona de corte; el mayor hueco libre allí es %3 × %4.</numerusform>
        </translation>
    </message>
    <message>
        <source>On as few pages as possible</source>
        <translation>En el menor número de páginas posible</translation>
    </message>
    <message>
        <source>Looks for other ways, too, until no page less will do. Stop keeps the best so far.</source>
        <translation>Busca también otras maneras, hasta que no se pueda ahorrar ninguna página más. Detener conserva lo mejor hasta ahora.</translation>
    </message>
    <message>
        <source>Straight edges share one cut</source>
        <translation>Bordes rectos con un corte común</translation>
    </message>
    <message>
        <source>Upright rectangles, such as labels with sharp corners, are laid edge to edge, without a gap. Where two meet, one straight line is cut for both.</source>
        <translation>Los rectángulos derechos, como las etiquetas de esquinas vivas, se colocan borde con borde, sin separación. Donde dos se tocan se corta una sola línea recta para ambos.</translation>
    </message>
    <message>
        <source>Shared cuts</source>
        <translation>Cortes comunes</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies.</source>
        <translation>Un proyecto admite como máximo %L1 copias.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillField</name>
    <message>
        <source>What is printed here. Paper prints nothing, so the sticker stays as white as its stock.</source>
        <translation>Qué se imprime aquí. El papel no imprime nada, así que la pegatina queda tan blanca como su material.</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>One colour</source>
        <translation>Un color</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>Puntos</translation>
    </message>
    <message>
        <source>Stripes</source>
        <translation>Rayas</translation>
    </message>
    <message>
        <source>The art&apos;s colours</source>
        <translation>Los colores del diseño</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Second colour</source>
        <translation>Segundo color</translation>
    </message>
    <message>
        <source>From the middle of one dot or stripe to the next.</source>
        <translation>Del centro de un punto o raya al siguiente.</translation>
    </message>
    <message>
        <source>One every</source>
        <translation>Una cada</translation>
    </message>
    <message>
        <source>Choose a colour, or pick one from the picture.</source>
        <translation>Elija un color o tómelo de la imagen.</translation>
    </message>
    <message>
        <source>Pick from the picture</source>
        <translation>Tomar de la imagen</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Elegir…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Finder</name>
    <message>
        <source>Find anything</source>
        <translation>Buscar cualquier cosa</translation>
    </message>
    <message>
        <source>A command, a setting, a sticker or a ticket</source>
        <translation>Una orden, un ajuste, una pegatina o una ficha</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Qué buscar</translation>
    </message>
    <message>
        <source>What is found</source>
        <translation>Lo hallado</translation>
    </message>
    <message>
        <source>Nothing here is called that. Try another word, or fewer letters.</source>
        <translation>Nada aquí se llama así. Pruebe otra palabra, o menos letras.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::GuideWindow</name>
    <message>
        <source>User guide</source>
        <translation>Guía del usuario</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Capítulos</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Atrás</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Importer</name>
    <message>
        <source>“%1” was for the project that was open before, and is left out.</source>
        <translation>«%1» era para el proyecto que estaba abierto antes, y se omite.</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>Añadir %1</translation>
    </message>
    <message>
        <source>“%1” is fully transparent, so there is nothing to outline.</source>
        <translation>«%1» es del todo transparente, así que no hay contorno.</translation>
    </message>
    <message>
        <source>“%1” was for a sticker that is no longer there, and is left out.</source>
        <translation>«%1» era para una pegatina que ya no está, y se omite.</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>Reemplazar el diseño</translation>
    </message>
    <message>
        <source>“%1”: %2</source>
        <translation>«%1»: %2</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Resolución</translation>
    </message>
    <message>
        <source>Lay flat</source>
        <translation>Aplanar</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Como llegó</translation>
    </message>
</context>
<context>
    <name>fusuma::app::KeysDialog</name>
    <message>
        <source>Keys</source>
        <translation>Teclas</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Qué hace</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LabelStep</name>
    <message>
        <source>Colours of the label</source>
        <translation>Colores de la etiqueta</translation>
    </message>
    <message>
        <source>Letters&apos; cut, margin, line, picture</source>
        <translation>Corte, margen, línea e imagen</translation>
    </message>
    <message>
        <source>A list of labels</source>
        <translation>Una lista de etiquetas</translation>
    </message>
    <message>
        <source>Texts of the label</source>
        <translation>Textos de la etiqueta</translation>
    </message>
    <message>
        <source>Add text</source>
        <translation>Añadir texto</translation>
    </message>
    <message>
        <source>Another text, in a style of its own.</source>
        <translation>Otro texto, con su propio estilo.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Take this text off the label.</source>
        <translation>Quitar este texto de la etiqueta.</translation>
    </message>
    <message>
        <source>Remove text</source>
        <translation>Quitar texto</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Palabras</translation>
    </message>
    <message>
        <source>What stands on the label. A column of the list goes in braces: {name}. Also {number}, {date}.</source>
        <translation>Lo que pone la etiqueta. Una columna de la lista va entre llaves: {name}. También {number}, {date}.</translation>
    </message>
    <message>
        <source>Font</source>
        <translation>Letra</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Negrita</translation>
    </message>
    <message>
        <source>Bold letters.</source>
        <translation>Letras en negrita.</translation>
    </message>
    <message>
        <source>Italic</source>
        <translation>Cursiva</translation>
    </message>
    <message>
        <source>Slanted letters.</source>
        <translation>Letras inclinadas.</translation>
    </message>
    <message>
        <source>Size of the letters; 72 pt are an inch.</source>
        <translation>Tamaño de las letras; 72 pt son una pulgada.</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Size of the letters</source>
        <translation>Tamaño de las letras</translation>
    </message>
    <message>
        <source>Fill the room</source>
        <translation>Llenar el espacio</translation>
    </message>
    <message>
        <source>As large as the label allows, whatever stands there.</source>
        <translation>Tan grande como permita la etiqueta, diga lo que diga.</translation>
    </message>
    <message>
        <source>Longer words are shrunk down to this; below it the row is reported.</source>
        <translation>Las palabras más largas se encogen hasta esto; por debajo se avisa de la fila.</translation>
    </message>
    <message>
        <source>Least size</source>
        <translation>Tamaño mínimo</translation>
    </message>
    <message>
        <source>Spacing, run and least size</source>
        <translation>Espacios, curso y tamaño mínimo</translation>
    </message>
    <message>
        <source>May shrink to</source>
        <translation>Puede encoger a</translation>
    </message>
    <message>
        <source>By the ink itself, so that what looks centred is.</source>
        <translation>Por la tinta misma, para que lo que parece centrado lo esté.</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>Alinear</translation>
    </message>
    <message>
        <source>Run of the text</source>
        <translation>Curso del texto</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Corre</translation>
    </message>
    <message>
        <source>From one line to the next, of the size.</source>
        <translation>De una línea a la siguiente, en parte del tamaño.</translation>
    </message>
    <message>
        <source>Line spacing</source>
        <translation>Interlineado</translation>
    </message>
    <message>
        <source>Added after every letter, of the size.</source>
        <translation>Se añade tras cada letra, en parte del tamaño.</translation>
    </message>
    <message>
        <source>Letter spacing</source>
        <translation>Espacio entre letras</translation>
    </message>
    <message>
        <source>Colour of the letters</source>
        <translation>Color de las letras</translation>
    </message>
    <message>
        <source>By contrast</source>
        <translation>Por contraste</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>What {date} means on these labels.</source>
        <translation>Qué significa {date} en estas etiquetas.</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Fecha</translation>
    </message>
    <message>
        <source>The labels&apos; date</source>
        <translation>La fecha de las etiquetas</translation>
    </message>
    <message>
        <source>{date} is</source>
        <translation>{date} es</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Forma</translation>
    </message>
    <message>
        <source>Of the whole label.</source>
        <translation>De toda la etiqueta.</translation>
    </message>
    <message>
        <source>Label width</source>
        <translation>Ancho de la etiqueta</translation>
    </message>
    <message>
        <source>Label height</source>
        <translation>Alto de la etiqueta</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Alto</translation>
    </message>
    <message>
        <source>Radius of round or notched corners; how much is cut off a tag&apos;s; the notch of a banner.</source>
        <translation>Radio de esquinas redondas o con muesca; cuánto se corta de una etiqueta colgante; la muesca de una banderola.</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Esquinas</translation>
    </message>
    <message>
        <source>Across the hole for the string; 0 for none.</source>
        <translation>Diámetro del agujero para el cordel; 0 para ninguno.</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Agujero</translation>
    </message>
    <message>
        <source>How many points the star has.</source>
        <translation>Cuántas puntas tiene la estrella.</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Puntas</translation>
    </message>
    <message>
        <source>How far the star&apos;s notches go in.</source>
        <translation>Cuánto entran las muescas de la estrella.</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Notches</source>
        <translation>Muescas</translation>
    </message>
    <message>
        <source>Words and pictures keep this far from the edge, so that a slip does not cut them.</source>
        <translation>Palabras e imágenes quedan a esta distancia del borde, para que un desvío no las corte.</translation>
    </message>
    <message>
        <source>Safety distance</source>
        <translation>Distancia de seguridad</translation>
    </message>
    <message>
        <source>Words keep from the edge</source>
        <translation>Distancia de las palabras al borde</translation>
    </message>
    <message>
        <source>Cut the letters, too</source>
        <translation>Cortar también las letras</translation>
    </message>
    <message>
        <source>Letters only print unless this is asked for.</source>
        <translation>Las letras solo se imprimen si no se pide esto.</translation>
    </message>
    <message>
        <source>Cut the letters</source>
        <translation>Cortar las letras</translation>
    </message>
    <message>
        <source>Colours, of a whole list at once</source>
        <translation>Colores, de toda una lista a la vez</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Colores</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Thickness of a line printed inside the edge; 0 for none.</source>
        <translation>Grosor de una línea impresa dentro del borde; 0 para ninguna.</translation>
    </message>
    <message>
        <source>From the edge to that line.</source>
        <translation>Del canto a esa línea.</translation>
    </message>
    <message>
        <source>Line inside</source>
        <translation>Línea interior</translation>
    </message>
    <message>
        <source>Line inside the edge</source>
        <translation>Línea dentro del borde</translation>
    </message>
    <message>
        <source>as far in as</source>
        <translation>hacia dentro</translation>
    </message>
    <message>
        <source>Picture…</source>
        <translation>Imagen…</translation>
    </message>
    <message>
        <source>An icon or a picture beside the words.</source>
        <translation>Un icono o una imagen junto a las palabras.</translation>
    </message>
    <message>
        <source>No picture</source>
        <translation>Sin imagen</translation>
    </message>
    <message>
        <source>Takes it off again.</source>
        <translation>Lo quita de nuevo.</translation>
    </message>
    <message>
        <source>Place of the picture</source>
        <translation>Lugar de la imagen</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Está</translation>
    </message>
    <message>
        <source>Of the room that words and picture share.</source>
        <translation>Del espacio que comparten palabras e imagen.</translation>
    </message>
    <message>
        <source>Size of the picture</source>
        <translation>Tamaño de la imagen</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Admite</translation>
    </message>
    <message>
        <source>Paste a list</source>
        <translation>Pegar una lista</translation>
    </message>
    <message>
        <source>Rows copied from a table or a text: one label for each.</source>
        <translation>Filas copiadas de una tabla o un texto: una etiqueta por cada una.</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>De un archivo…</translation>
    </message>
    <message>
        <source>CSV or text; separator and encoding are found out.</source>
        <translation>CSV o texto; el separador y la codificación se averiguan.</translation>
    </message>
    <message>
        <source>The first row names the columns</source>
        <translation>La primera fila nombra las columnas</translation>
    </message>
    <message>
        <source>Off, the first row is a label like the others, and the columns are {1}, {2}, …</source>
        <translation>Si no, la primera fila es una etiqueta como las demás, y las columnas son {1}, {2}, …</translation>
    </message>
    <message>
        <source>First row of the list</source>
        <translation>Primera fila de la lista</translation>
    </message>
    <message>
        <source>Which row&apos;s label is shown here.</source>
        <translation>De qué fila es la etiqueta que se muestra.</translation>
    </message>
    <message>
        <source>Show a row</source>
        <translation>Mostrar una fila</translation>
    </message>
    <message>
        <source>Shows row</source>
        <translation>Muestra la fila</translation>
    </message>
    <message>
        <source>Put the whole list on the sheet</source>
        <translation>Poner toda la lista en la hoja</translation>
    </message>
    <message>
        <source>One label for every row, over as many pages as it takes.</source>
        <translation>Una etiqueta por cada fila, en tantas páginas como hagan falta.</translation>
    </message>
    <message>
        <source>Placing the list</source>
        <translation>Colocando la lista</translation>
    </message>
    <message>
        <source>%1 labels are on the sheet.</source>
        <translation>%1 etiquetas están en la hoja.</translation>
    </message>
    <message>
        <source>One text size on all</source>
        <translation>Un tamaño de texto en todas</translation>
    </message>
    <message>
        <source>Every text as large as it can be on all labels of the list, so that they look alike.</source>
        <translation>Cada texto tan grande como pueda ser en todas las etiquetas de la lista, para que se parezcan.</translation>
    </message>
    <message>
        <source>A column with names of picture files; you are asked for the folder that they lie in.</source>
        <translation>Una columna con nombres de archivos de imagen; se le pregunta en qué carpeta están.</translation>
    </message>
    <message>
        <source>Pictures by</source>
        <translation>Imágenes según</translation>
    </message>
    <message>
        <source>No list</source>
        <translation>Sin lista</translation>
    </message>
    <message>
        <source>Back to a single label.</source>
        <translation>Volver a una sola etiqueta.</translation>
    </message>
    <message>
        <source>Picture on the label</source>
        <translation>Imagen en la etiqueta</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>There is no list on the clipboard. Copy the rows of a table, then paste.</source>
        <translation>No hay ninguna lista en el portapapeles. Copie las filas de una tabla y pegue.</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Lista</translation>
    </message>
    <message>
        <source>Lists (*.csv *.tsv *.txt)</source>
        <translation>Listas (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>Leyendo «%1»</translation>
    </message>
    <message>
        <source>The list was for another label. Choose that and read it again.</source>
        <translation>La lista era para otra etiqueta. Elija esa y léala otra vez.</translation>
    </message>
    <message>
        <source>Pictures by column</source>
        <translation>Imágenes por columna</translation>
    </message>
    <message>
        <source>Folder with the pictures</source>
        <translation>Carpeta con las imágenes</translation>
    </message>
    <message>
        <source>A list of %1 labels, with %2.</source>
        <translation>Una lista de %1 etiquetas, con %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>no column</source>
        <translation>ninguna columna</translation>
    </message>
    <message>
        <source>One label, or one for every row of a list: write {name} above and paste a table with that column.</source>
        <translation>Una etiqueta, o una por cada fila de una lista: escriba {name} arriba y pegue una tabla con esa columna.</translation>
    </message>
    <message>
        <source>Text %1</source>
        <translation>Texto %1</translation>
    </message>
    <message>
        <source>“%1” is not on this computer; “%2” is used.</source>
        <translation>«%1» no está en este equipo; se usa «%2».</translation>
    </message>
    <message>
        <source>%1, list of %2</source>
        <translation>%1, lista de %2</translation>
    </message>
    <message>
        <source>Reading the clipboard</source>
        <translation>Leyendo el portapapeles</translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are on no page.</source>
        <translation>
            <numerusform>%1 etiquetas están en la hoja; una fila de la lista no está en ninguna página.</numerusform>
            <numerusform>%1 etiquetas están en la hoja; %n filas de la lista no están en ninguna página.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are larger than the cut zone.</source>
        <translation>
            <numerusform>%1 etiquetas están en la hoja; una fila de la lista es mayor que la zona de corte.</numerusform>
            <numerusform>%1 etiquetas están en la hoja; %n filas de la lista son mayores que la zona de corte.</numerusform>
        </translation>
    </message>
    <message>
        <source>The language that {date} is written in on these labels.</source>
        <translation>El idioma en que se escribe {date} en estas etiquetas.</translation>
    </message>
    <message>
        <source>Language of dates</source>
        <translation>Idioma de las fechas</translation>
    </message>
    <message>
        <source>Written in</source>
        <translation>Escrita en</translation>
    </message>
    <message>
        <source>Letters are wrong…</source>
        <translation>Hay letras incorrectas…</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written; choose where its words are right.</source>
        <translation>El archivo no dice cómo están escritas sus letras; elija dónde sus palabras son correctas.</translation>
    </message>
    <message>
        <source>If letters in it are wrong, choose others below “From a file…”.</source>
        <translation>Si hay letras incorrectas, elija otras debajo de «De un archivo…».</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LeftWorkDialog</name>
    <message>
        <source>Work that was not saved</source>
        <translation>Trabajo que no se guardó</translation>
    </message>
    <message>
        <source>Fusuma did not end properly. This work was kept: choose what to open.</source>
        <translation>Fusuma no terminó bien. Este trabajo se guardó: elija qué abrir.</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Más tarde</translation>
    </message>
    <message>
        <source>Leave the rest; it is offered again at the next start</source>
        <translation>Dejar el resto; se ofrece otra vez al próximo inicio</translation>
    </message>
    <message>
        <source>kept %1</source>
        <translation>guardado %1</translation>
    </message>
    <message>
        <source>It was opened before, and Fusuma did not end properly then either.</source>
        <translation>Ya se abrió antes, y entonces Fusuma tampoco terminó bien.</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>In a window of its own; it stays unsaved until you save it</source>
        <translation>En su propia ventana; queda sin guardar hasta que lo guarde</translation>
    </message>
    <message>
        <source>Throw away…</source>
        <translation>Tirar…</translation>
    </message>
    <message>
        <source>Remove it for good</source>
        <translation>Quitarla del todo</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Tirar</translation>
    </message>
    <message>
        <source>Throw away what was kept of “%1”? It cannot be brought back.</source>
        <translation>¿Tirar lo guardado de «%1»? No se podrá recuperar.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LineTools</name>
    <message>
        <source>Move nodes</source>
        <translation>Mover nodos</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>Curvar la línea</translation>
    </message>
    <message>
        <source>Draw a cut line</source>
        <translation>Dibujar una línea de corte</translation>
    </message>
    <message>
        <source>Insert a node</source>
        <translation>Insertar un nodo</translation>
    </message>
    <message>
        <source>Node %1 of %2, %3, %4 from the left, %5 from the top</source>
        <translation>Nodo %1 de %2, %3, %4 desde la izquierda, %5 desde arriba</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>esquina</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Flechas</translation>
    </message>
    <message>
        <source>Move the nodes chosen by 0.1 mm; with Shift 1 mm, with Alt 0.01 mm</source>
        <translation>Mover los nodos elegidos 0,1 mm; con Mayús 1 mm, con Alt 0,01 mm</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Re Pág, Av Pág</translation>
    </message>
    <message>
        <source>The node before, the next node</source>
        <translation>El nodo anterior, el siguiente</translation>
    </message>
    <message>
        <source>Insert, Delete</source>
        <translation>Insert, Supr</translation>
    </message>
    <message>
        <source>A node more, one less</source>
        <translation>Un nodo más, uno menos</translation>
    </message>
    <message>
        <source>Ctrl+A</source>
        <translation>Ctrl+A</translation>
    </message>
    <message>
        <source>All nodes</source>
        <translation>Todos los nodos</translation>
    </message>
    <message>
        <source>Return, Backspace</source>
        <translation>Intro, Retroceso</translation>
    </message>
    <message>
        <source>With the pen: end the line, take back its last node</source>
        <translation>Con la pluma: terminar la línea, quitar su último nodo</translation>
    </message>
    <message>
        <source>Delete nodes</source>
        <translation>Eliminar nodos</translation>
    </message>
    <message>
        <source>Insert nodes</source>
        <translation>Insertar nodos</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Suave</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Esquina</translation>
    </message>
    <message>
        <source>Straight piece</source>
        <translation>Tramo recto</translation>
    </message>
    <message>
        <source>Curved piece</source>
        <translation>Tramo curvo</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>Unir cabos</translation>
    </message>
    <message>
        <source>Do not cut a line</source>
        <translation>No cortar una línea</translation>
    </message>
    <message>
        <source>Cut a line after all</source>
        <translation>Cortar la línea al fin</translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>Quitar lo que no encaja</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>Dejar como estaba</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LoadAct</name>
    <message>
        <source>Load and find</source>
        <translation>Cargar y hallar</translation>
    </message>
    <message>
        <source>How the cutter learns where the print lies: its sensor looks for the marks, you drive a pointer over them, or the sheet lies square in its corner.</source>
        <translation>Cómo sabe la cortadora dónde está la impresión: su sensor busca las marcas, usted lleva un puntero sobre ellas, o la hoja está recta en su esquina.</translation>
    </message>
    <message>
        <source>Load for practice</source>
        <translation>Cargar de práctica</translation>
    </message>
    <message>
        <source>The printed sheet is in the machine: find where the print lies.</source>
        <translation>La hoja impresa está en la máquina: halle dónde está la impresión.</translation>
    </message>
    <message>
        <source>By a photograph…</source>
        <translation>Por una foto…</translation>
    </message>
    <message>
        <source>The sheet lies on the photo board, and the board in the corner of the machine&apos;s nought: one picture of both tells where the print lies.</source>
        <translation>La hoja está sobre el tablero, y el tablero en la esquina del cero de la máquina: una imagen de ambos dice dónde está la impresión.</translation>
    </message>
    <message>
        <source>The photograph of the sheet on the board</source>
        <translation>La foto de la hoja sobre el tablero</translation>
    </message>
    <message>
        <source>Take this place</source>
        <translation>Tomar este lugar</translation>
    </message>
    <message>
        <source>The mark is under the pointer (Return).</source>
        <translation>La marca está bajo el puntero (Intro).</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Omitirla</translation>
    </message>
    <message>
        <source>This mark cannot be seen.</source>
        <translation>Esta marca no se ve.</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Atrás</translation>
    </message>
    <message>
        <source>Take the mark before this one anew (Backspace).</source>
        <translation>Tomar de nuevo la marca anterior (Retroceso).</translation>
    </message>
    <message>
        <source>That is enough</source>
        <translation>Con eso basta</translation>
    </message>
    <message>
        <source>Use the marks taken so far: three or more.</source>
        <translation>Usar las marcas tomadas: tres o más.</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>Mover el cabezal</translation>
    </message>
    <message>
        <source>Use the marks that were found, with less to check them by.</source>
        <translation>Usar las marcas halladas, con menos que comprobar.</translation>
    </message>
    <message>
        <source>Find it by hand</source>
        <translation>Hallarla a mano</translation>
    </message>
    <message>
        <source>Drive a pointer over the marks yourself.</source>
        <translation>Lleve usted un puntero sobre las marcas.</translation>
    </message>
    <message>
        <source>Simulate faults…</source>
        <translation>Simular fallos…</translation>
    </message>
    <message>
        <source>Make the practice devices lie: crooked sheets, stretched prints, smudged marks, dull blades.</source>
        <translation>Haga mentir a los aparatos de práctica: hojas torcidas, impresiones estiradas, marcas borrosas, cuchillas gastadas.</translation>
    </message>
    <message>
        <source>smudge missing mark noise ink spread stretch upside down backlash blade connection</source>
        <translation>borrosa falta marca ruido tinta se corre estirada del revés holgura cuchilla conexión</translation>
    </message>
    <message>
        <source>In the practice cutter.</source>
        <translation>En la cortadora de práctica.</translation>
    </message>
    <message>
        <source>In “%1”.</source>
        <translation>En «%1».</translation>
    </message>
    <message>
        <source>take it first</source>
        <translation>tómela antes</translation>
    </message>
    <message>
        <source>print first</source>
        <translation>imprima antes</translation>
    </message>
    <message>
        <source>looking…</source>
        <translation>mirando…</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>no hallada</translation>
    </message>
    <message>
        <source>mark %1 of %2</source>
        <translation>marca %1 de %2</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>lista</translation>
    </message>
    <message>
        <source>by its edge</source>
        <translation>por su borde</translation>
    </message>
    <message>
        <source>found %1 of %2</source>
        <translation>%1 de %2 halladas</translation>
    </message>
    <message>
        <source>Drive the pointer over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes it.</source>
        <translation>Lleve el puntero sobre %1. Las flechas lo mueven 0,5 mm, con Mayús 5 mm, con Alt 0,05 mm; Intro lo toma.</translation>
    </message>
    <message>
        <source>Drive the machine&apos;s lifted head over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes the place.</source>
        <translation>Lleve el cabezal levantado de la máquina sobre %1. Las flechas lo mueven 0,5 mm, con Mayús 5 mm, con Alt 0,05 mm; Intro toma el lugar.</translation>
    </message>
    <message>
        <source>The sensor looks for all marks, however the sheet lies.</source>
        <translation>El sensor busca todas las marcas, como sea que esté la hoja.</translation>
    </message>
    <message>
        <source>This machine&apos;s pen drew the board, or it lies square in the corner of the machine&apos;s nought.</source>
        <translation>La pluma de esta máquina dibujó el tablero, o está recto en la esquina del cero de la máquina.</translation>
    </message>
    <message>
        <source>The sheet lies in the corner of the machine&apos;s nought, square.</source>
        <translation>La hoja está recta en la esquina del cero de la máquina.</translation>
    </message>
    <message>
        <source>You show three marks or more with a pointer.</source>
        <translation>Usted muestra tres o más marcas con un puntero.</translation>
    </message>
    <message>
        <source>You drive the machine&apos;s head over three marks or more.</source>
        <translation>Usted lleva el cabezal de la máquina sobre tres o más marcas.</translation>
    </message>
    <message>
        <source>Turned %1°, shifted %2, %3 mm
Stretched %4 % across, %5 % down</source>
        <translation>Girada %1°, desviada %2 / %3 mm
Estirada %4 % a lo ancho, %5 % a lo alto</translation>
    </message>
    <message>
        <source>Error left %1 mm</source>
        <translation>Error restante %1 mm</translation>
    </message>
    <message>
        <source>Cuts within %1 mm of their print%2</source>
        <translation>Corta a menos de %1 mm de su impresión%2</translation>
    </message>
    <message numerus="yes">
        <source>; %n stickers would show it</source>
        <translation>
            <numerusform>; %n pegatina lo mostraría</numerusform>
            <numerusform>; %n pegatinas lo mostrarían</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Probar otra vez</translation>
    </message>
    <message>
        <source>Load it again</source>
        <translation>Cargarla otra vez</translation>
    </message>
    <message>
        <source>The sheet is in: find the print</source>
        <translation>La hoja está dentro: halle la impresión</translation>
    </message>
    <message>
        <source>Use the %1 that were found</source>
        <translation>Usar las %1 halladas</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LongWork</name>
    <message>
        <source>%1: ended, or waiting for you</source>
        <translation>%1: terminado, o le espera</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Loupe</name>
    <message>
        <source>Loupe on the weakest place</source>
        <translation>Lupa en el lugar más débil</translation>
    </message>
    <message>
        <source>Weakest place, %1 ×</source>
        <translation>Lugar más débil, %1 ×</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MachineCard</name>
    <message>
        <source>Machine</source>
        <translation>Máquina</translation>
    </message>
    <message>
        <source>What you cut on. Where a print lies is found for this machine, and for no other.</source>
        <translation>En qué corta. Dónde está una impresión se halla para esta máquina y para ninguna otra.</translation>
    </message>
    <message>
        <source>Profile…</source>
        <translation>Perfil…</translation>
    </message>
    <message>
        <source>Where it is plugged in, how its axes lie, how it is spoken to.</source>
        <translation>A qué está conectada, cómo van sus ejes, cómo se le habla.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Forget this machine&apos;s profile.</source>
        <translation>Olvidar el perfil de esta máquina.</translation>
    </message>
    <message>
        <source>Remove the machine</source>
        <translation>Quitar la máquina</translation>
    </message>
    <message>
        <source>Forget the profile of “%1”? It can be added again.</source>
        <translation>¿Olvidar el perfil de «%1»? Se puede añadir de nuevo.</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>Quitarla</translation>
    </message>
    <message>
        <source>Add a machine…</source>
        <translation>Añadir una máquina…</translation>
    </message>
    <message>
        <source>● ready</source>
        <translation>● lista</translation>
    </message>
    <message>
        <source>● at work</source>
        <translation>● trabajando</translation>
    </message>
    <message>
        <source>○ not there</source>
        <translation>○ no está</translation>
    </message>
    <message>
        <source>%1, files only</source>
        <translation>%1, solo archivos</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 encima de %2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MainWindow</name>
    <message>
        <source>Bench</source>
        <translation>Banco</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Hoja</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>Salida</translation>
    </message>
    <message>
        <source>Sticker</source>
        <translation>Pegatina</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>Ficha %1</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>impresa %1</translation>
    </message>
    <message>
        <source>Open the sticker on the Bench</source>
        <translation>Abrir la pegatina en el Banco</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>Marcas y cortadora</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Views</source>
        <translation>Vistas</translation>
    </message>
    <message>
        <source>Copies on the Sheet</source>
        <translation>Copias en la Hoja</translation>
    </message>
    <message>
        <source>The cut line by hand</source>
        <translation>La línea de corte a mano</translation>
    </message>
    <message>
        <source>Pointing at marks</source>
        <translation>Señalando marcas</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>The unit of all lengths: millimetres, centimetres or inches. Click for the next.</source>
        <translation>La unidad de todas las longitudes: milímetros, centímetros o pulgadas. Clic para la siguiente.</translation>
    </message>
    <message>
        <source>Bench — one sticker, from artwork to cut line</source>
        <translation>Banco — una pegatina, del diseño a la línea de corte</translation>
    </message>
    <message>
        <source>Sheet — what will print and what will be cut</source>
        <translation>Hoja — lo que se imprimirá y se cortará</translation>
    </message>
    <message>
        <source>Output — print, load, cut</source>
        <translation>Salida — imprimir, cargar, cortar</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>aún sin guardar</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>guardado</translation>
    </message>
    <message>
        <source>Undo: %1 (Ctrl+Z)</source>
        <translation>Deshacer: %1 (Ctrl+Z)</translation>
    </message>
    <message>
        <source>Nothing to undo</source>
        <translation>Nada que deshacer</translation>
    </message>
    <message>
        <source>Redo: %1 (Ctrl+Shift+Z)</source>
        <translation>Rehacer: %1 (Ctrl+Mayús+Z)</translation>
    </message>
    <message>
        <source>Nothing to redo</source>
        <translation>Nada que rehacer</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>Duplicar la pegatina</translation>
    </message>
    <message>
        <source>Duplicate copies</source>
        <translation>Duplicar copias</translation>
    </message>
    <message>
        <source>Remove the sticker…</source>
        <translation>Quitar la pegatina…</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>Quitar copias</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MessageLog</name>
    <message>
        <source>Not done: %1</source>
        <translation>No hecho: %1</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>Últimos mensajes</translation>
    </message>
    <message>
        <source>Nothing was said yet.</source>
        <translation>Aún no se dijo nada.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>fusuma::app::More</name>
    <message>
        <source>Open or close this part of the step.</source>
        <translation>Abrir o cerrar esta parte del paso.</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abierta</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>cerrada</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NewLabelDialog</name>
    <message>
        <source>Letters alone, with a border</source>
        <translation>Solo letras, con borde</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>Etiqueta nueva</translation>
    </message>
    <message>
        <source>Start from a template. Its shape, size, colours and words can all be changed afterwards, for ever.</source>
        <translation>Empiece con una plantilla. Su forma, tamaño, colores y palabras se pueden cambiar después, siempre.</translation>
    </message>
    <message>
        <source>Templates</source>
        <translation>Plantillas</translation>
    </message>
    <message>
        <source>Make this label</source>
        <translation>Hacer esta etiqueta</translation>
    </message>
    <message>
        <source>From a template file…</source>
        <translation>De un archivo de plantilla…</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Template file</source>
        <translation>Archivo de plantilla</translation>
    </message>
    <message>
        <source>Label templates (*.json)</source>
        <translation>Plantillas de etiqueta (*.json)</translation>
    </message>
    <message>
        <source>“%1” cannot be used. %2</source>
        <translation>«%1» no se puede usar. %2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Notice</name>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Put this message away. The last ones are listed in the Help menu.</source>
        <translation>Quitar este mensaje. Los últimos están en el menú Ayuda.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NumberField</name>
    <message>
        <source>Type a length with any unit, such as 2mm, 1/8in or 50/2. Arrow keys step it.</source>
        <translation>Escriba una longitud con cualquier unidad, como 2mm, 1/8in o 50/2. Las flechas la cambian.</translation>
    </message>
    <message>
        <source>This is not a length: try 2mm, 1/8in or 50/2. %1 stays.</source>
        <translation>Esto no es una longitud: pruebe 2mm, 1/8in o 50/2. Queda %1.</translation>
    </message>
    <message>
        <source>This is not a number. %1 stays.</source>
        <translation>Esto no es un número. Queda %1.</translation>
    </message>
    <message>
        <source>%1 is the least.</source>
        <translation>%1 es lo mínimo.</translation>
    </message>
    <message>
        <source>%1 is the most.</source>
        <translation>%1 es lo máximo.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutlineStep</name>
    <message>
        <source>Threshold</source>
        <translation>Umbral</translation>
    </message>
    <message>
        <source>How solid a pixel must be to count as art. Raise it to leave out faint haze and shadows.</source>
        <translation>Cuán opaco debe ser un píxel para contar como diseño. Súbalo para dejar fuera neblina y sombras débiles.</translation>
    </message>
    <message>
        <source>Counts as art when solid over</source>
        <translation>Cuenta como diseño si es más opaco que</translation>
    </message>
    <message>
        <source>How far the curve may stray from the art&apos;s edge. Larger gives fewer nodes and a smoother cut.</source>
        <translation>Cuánto puede apartarse la curva del borde del diseño. Más da menos nodos y un corte más suave.</translation>
    </message>
    <message>
        <source>Detail</source>
        <translation>Detalle</translation>
    </message>
    <message>
        <source>which is</source>
        <translation>que es</translation>
    </message>
    <message>
        <source>Evens out an edge that wobbles, as scanned ink does, over this length. Corners stay.</source>
        <translation>Alisa un borde tembloroso, como el de la tinta escaneada, en esta longitud. Las esquinas quedan.</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>Suavizado</translation>
    </message>
    <message>
        <source>Smooth wobbles over</source>
        <translation>Suavizar temblores de</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>Con agujeros</translation>
    </message>
    <message>
        <source>Outer edge only</source>
        <translation>Solo borde exterior</translation>
    </message>
    <message>
        <source>Whether holes in the art become holes in the sticker.</source>
        <translation>Si los agujeros del diseño son agujeros de la pegatina.</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>Agujeros</translation>
    </message>
    <message>
        <source>Joins lines that are broken by no more than this, so that a drawing closes round its inside.</source>
        <translation>Une líneas interrumpidas por no más que esto, para que un dibujo se cierre en torno a su interior.</translation>
    </message>
    <message>
        <source>Close gaps</source>
        <translation>Cerrar huecos</translation>
    </message>
    <message>
        <source>Close gaps up to</source>
        <translation>Cerrar huecos hasta</translation>
    </message>
    <message>
        <source>Every leftover speck is a cut. Smaller ones are left out; the view rings them.</source>
        <translation>Cada mota que queda es un corte. Las menores se omiten; la vista las rodea.</translation>
    </message>
    <message>
        <source>Specks</source>
        <translation>Motas</translation>
    </message>
    <message>
        <source>Leave out specks under</source>
        <translation>Omitir motas menores de</translation>
    </message>
    <message>
        <source>Pinholes make the blade turn on the spot. Smaller ones are closed; the view rings them.</source>
        <translation>En los poros la cuchilla gira sobre sí misma. Los menores se cierran; la vista los rodea.</translation>
    </message>
    <message>
        <source>Pinholes</source>
        <translation>Poros</translation>
    </message>
    <message>
        <source>and pinholes under</source>
        <translation>y poros menores de</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message numerus="yes">
        <source>%n specks</source>
        <translation>
            <numerusform>%n mota</numerusform>
            <numerusform>%n motas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n holes</source>
        <translation>
            <numerusform>%n agujero</numerusform>
            <numerusform>%n agujeros</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is left out.</source>
        <translation>No se omite nada.</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>Omitido: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source> This picture falls into so many bits that %1 more were not even looked at. Another background source may find the figure.</source>
        <translation> Esta imagen se rompe en tantos trozos que %1 más ni se miraron. Otra manera de hallar el fondo quizá encuentre la figura.</translation>
    </message>
    <message>
        <source> It is so grainy that it was looked at %1 times coarser than its pixels.</source>
        <translation> Tiene tanto grano que se miró %1 veces más grueso que sus píxeles.</translation>
    </message>
    <message>
        <source>exact, as drawn</source>
        <translation>exacto, como se dibujó</translation>
    </message>
    <message>
        <source>at %1 %</source>
        <translation>al %1 %</translation>
    </message>
    <message>
        <source>, smoothed</source>
        <translation>, suavizada</translation>
    </message>
    <message>
        <source>, outer edge only</source>
        <translation>, solo borde exterior</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutputPage</name>
    <message>
        <source>Tickets…</source>
        <translation>Fichas…</translation>
    </message>
    <message>
        <source>Everything that was printed from this project: cut it again, print it again, open it or delete it.</source>
        <translation>Todo lo impreso de este proyecto: córtelo o imprímalo otra vez, ábralo o elimínelo.</translation>
    </message>
    <message>
        <source>Cut what was printed</source>
        <translation>Cortar lo que se imprimió</translation>
    </message>
    <message>
        <source>The ticket stays as it is; so does the paper.</source>
        <translation>La ficha queda como está; también el papel.</translation>
    </message>
    <message>
        <source>Print again</source>
        <translation>Imprimir otra vez</translation>
    </message>
    <message>
        <source>A new ticket with the changes.</source>
        <translation>Una ficha nueva con los cambios.</translation>
    </message>
    <message>
        <source>today, %1</source>
        <translation>hoy, %1</translation>
    </message>
    <message>
        <source>Open ticket %1</source>
        <translation>Abrir la ficha %1</translation>
    </message>
    <message>
        <source>Cut lines for elsewhere</source>
        <translation>Líneas de corte para otro sitio</translation>
    </message>
    <message>
        <source>Check a file…</source>
        <translation>Comprobar un archivo…</translation>
    </message>
    <message>
        <source>Reads an SVG, DXF or HP-GL file back and compares it with what is to be cut.</source>
        <translation>Lee de vuelta un archivo SVG, DXF o HP-GL y lo compara con lo que se va a cortar.</translation>
    </message>
    <message>
        <source>Ink names…</source>
        <translation>Nombres de tintas…</translation>
    </message>
    <message>
        <source>What cut lines are called in the PDF.</source>
        <translation>Cómo se llaman las líneas de corte en el PDF.</translation>
    </message>
    <message>
        <source>Set the printer right…</source>
        <translation>Ajustar la impresora…</translation>
    </message>
    <message>
        <source>Print a page, measure three lengths, and later prints are moved by it.</source>
        <translation>Imprima una página, mida tres longitudes, y las impresiones siguientes se mueven eso.</translation>
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
        <translation>Guardar las líneas de corte</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 guardado.</translation>
    </message>
    <message>
        <source>Saved %1 pages.</source>
        <translation>%1 páginas guardadas.</translation>
    </message>
    <message>
        <source>The cutter is at work</source>
        <translation>La cortadora trabaja</translation>
    </message>
    <message>
        <source>%1 of %2 lines are cut; the cutter waits. Stop the cut for good?</source>
        <translation>%1 de %2 líneas están cortadas; la cortadora espera. ¿Detener el corte del todo?</translation>
    </message>
    <message>
        <source>Stop the cut</source>
        <translation>Detener el corte</translation>
    </message>
    <message>
        <source>Go on cutting</source>
        <translation>Seguir cortando</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Quedarse</translation>
    </message>
    <message>
        <source>Check a cut file</source>
        <translation>Comprobar un archivo de corte</translation>
    </message>
    <message>
        <source>Cut files (*.svg *.dxf *.plt *.hpgl)</source>
        <translation>Archivos de corte (*.svg *.dxf *.plt *.hpgl)</translation>
    </message>
    <message>
        <source>Checking “%1”</source>
        <translation>Comprobando «%1»</translation>
    </message>
    <message>
        <source>%1 agrees: %2 lines, nowhere more than %3 mm off.</source>
        <translation>%1 coincide: %2 líneas, en ningún sitio más de %3 mm desviadas.</translation>
    </message>
    <message>
        <source>%1 has this page&apos;s lines, but not all as the same kind of cut: kiss, score or through.</source>
        <translation>%1 tiene las líneas de esta página, pero no todas del mismo tipo de corte: semicorte, hendido o corte total.</translation>
    </message>
    <message>
        <source>%1 does not agree with this page: its lines lie up to %2 mm off.</source>
        <translation>%1 no coincide con esta página: sus líneas se desvían hasta %2 mm.</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>Ficha %1</translation>
    </message>
    <message>
        <source>Not printed yet</source>
        <translation>Aún no impresa</translation>
    </message>
    <message>
        <source>No ticket in hand</source>
        <translation>Ninguna ficha en mano</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>impresa %1</translation>
    </message>
    <message>
        <source>And more. </source>
        <translation>Y más. </translation>
    </message>
    <message>
        <source>The sheet has changed since it was printed. %1</source>
        <translation>La hoja ha cambiado desde que se imprimió. %1</translation>
    </message>
    <message>
        <source>Cutting what was printed; the sheet has changed since.</source>
        <translation>Se corta lo que se imprimió; la hoja ha cambiado desde entonces.</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Cortando</translation>
    </message>
    <message>
        <source>not cut yet</source>
        <translation>aún sin cortar</translation>
    </message>
    <message>
        <source>cut once on %1</source>
        <translation>cortada una vez en %1</translation>
    </message>
    <message>
        <source> and </source>
        <translation> y </translation>
    </message>
    <message>
        <source>cut %1 times on %2</source>
        <translation>cortada %1 veces en %2</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n página</numerusform>
            <numerusform>%n páginas</numerusform>
        </translation>
    </message>
    <message>
        <source>Ticket %1
printed %2
%3, %4 lines, %5</source>
        <translation>Ficha %1
impresa %2
%3, %4 líneas, %5</translation>
    </message>
    <message>
        <source>Tickets</source>
        <translation>Fichas</translation>
    </message>
    <message>
        <source>Everything that was printed from this project. A ticket stays as it was printed, whatever becomes of the sheet.</source>
        <translation>Todo lo impreso de este proyecto. Una ficha queda como se imprimió, pase lo que pase con la hoja.</translation>
    </message>
    <message>
        <source>Cut it</source>
        <translation>Cortarla</translation>
    </message>
    <message>
        <source>Take this ticket in hand: its paper is what is cut.</source>
        <translation>Tomar esta ficha en mano: se corta su papel.</translation>
    </message>
    <message>
        <source>Print it again</source>
        <translation>Imprimirla otra vez</translation>
    </message>
    <message>
        <source>Open its sheet and print it as a new ticket.</source>
        <translation>Abrir su hoja e imprimirla como ficha nueva.</translation>
    </message>
    <message>
        <source>Open it on the Sheet</source>
        <translation>Abrirla en la Hoja</translation>
    </message>
    <message>
        <source>Its sheet takes the place of the one that is open. Undo brings that back.</source>
        <translation>Su hoja ocupa el lugar de la que está abierta. Deshacer la devuelve.</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Eliminar</translation>
    </message>
    <message>
        <source>Forget this print.</source>
        <translation>Olvidar esta impresión.</translation>
    </message>
    <message>
        <source>Nothing was printed yet.</source>
        <translation>Aún no se imprimió nada.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PagesDialog</name>
    <message>
        <source>Which pages?</source>
        <translation>¿Qué páginas?</translation>
    </message>
    <message>
        <source>“%1” has one page.</source>
        <translation>«%1» tiene una página.</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. Each one becomes a sticker.</source>
        <translation>«%1» tiene %2 páginas. Cada una será una pegatina.</translation>
    </message>
    <message>
        <source>Such as 1, 3-5.</source>
        <translation>Como 1, 3-5.</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Páginas</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>Como imagen</translation>
    </message>
    <message>
        <source>As a drawing</source>
        <translation>Como dibujo</translation>
    </message>
    <message>
        <source>A drawing keeps its parts and their exact edges; a picture is traced.</source>
        <translation>Un dibujo conserva sus partes y sus bordes exactos; una imagen se calca.</translation>
    </message>
    <message>
        <source>How finely the pages are drawn. It can be changed later in the Artwork step.</source>
        <translation>Con qué finura se dibujan las páginas. Se puede cambiar luego en el paso Diseño.</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>Dibujada a</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Which page?</source>
        <translation>¿Qué página?</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. One of them takes the artwork&apos;s place.</source>
        <translation>«%1» tiene %2 páginas. Una de ellas ocupará el lugar del diseño.</translation>
    </message>
    <message>
        <source>Its number, from 1.</source>
        <translation>Su número, desde 1.</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Página</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Reemplazar</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PaperCard</name>
    <message>
        <source>Custom size</source>
        <translation>Tamaño propio</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Paper width</source>
        <translation>Ancho del papel</translation>
    </message>
    <message>
        <source>Paper height</source>
        <translation>Alto del papel</translation>
    </message>
    <message>
        <source>Mirrored, for transfer paper or film</source>
        <translation>Reflejada, para papel o película de transferencia</translation>
    </message>
    <message>
        <source>Printed and cut as in a mirror. Here you see the sheet as it looks in the end; marks and code stay readable on the paper.</source>
        <translation>Impresa y cortada como en un espejo. Aquí se ve la hoja como queda al final; marcas y código siguen legibles en el papel.</translation>
    </message>
    <message>
        <source>Mirrored sheet</source>
        <translation>Hoja reflejada</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>Página entera</translation>
    </message>
    <message>
        <source>Halves</source>
        <translation>Mitades</translation>
    </message>
    <message>
        <source>Quarters</source>
        <translation>Cuartos</translation>
    </message>
    <message>
        <source>Grid of small sheets</source>
        <translation>Rejilla de hojas pequeñas</translation>
    </message>
    <message>
        <source>Several little sticker sheets from one page, each with its own outer cut.</source>
        <translation>Varias hojitas de pegatinas de una página, cada una con su corte exterior.</translation>
    </message>
    <message>
        <source>Divide into</source>
        <translation>Dividir en</translation>
    </message>
    <message>
        <source>Small sheets</source>
        <translation>Hojas pequeñas</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Columnas</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Filas</translation>
    </message>
    <message>
        <source>Between them</source>
        <translation>Entre ellos</translation>
    </message>
    <message>
        <source>Their outline</source>
        <translation>Su contorno</translation>
    </message>
    <message>
        <source>Cut what lies on the photo board</source>
        <translation>Cortar lo que hay en el tablero</translation>
    </message>
    <message>
        <source>Stamped, painted or bought art is cut where it lies on the board, by its photograph. Nothing is printed, and no copy can be moved from its art.</source>
        <translation>El arte sellado, pintado o comprado se corta donde está en el tablero, por su foto. No se imprime nada, y ninguna copia puede separarse de su diseño.</translation>
    </message>
    <message>
        <source>Cut what is there</source>
        <translation>Cortar lo que hay</translation>
    </message>
    <message>
        <source>Print the sheet</source>
        <translation>Imprimir la hoja</translation>
    </message>
    <message>
        <source>%1 photo board</source>
        <translation>Tablero %1</translation>
    </message>
    <message>
        <source>%1, %2 small sheets</source>
        <translation>%1, %2 hojas pequeñas</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PartsStep</name>
    <message>
        <source>round it</source>
        <translation>en torno</translation>
    </message>
    <message>
        <source>kiss</source>
        <translation>semicorte</translation>
    </message>
    <message>
        <source>score</source>
        <translation>hendido</translation>
    </message>
    <message>
        <source>through</source>
        <translation>total</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Archivo</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Capa</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>How the parts are listed: as they lie in the file, by layer, or by colour.</source>
        <translation>Cómo se listan las partes: como están en el archivo, por capa o por color.</translation>
    </message>
    <message>
        <source>Parts, the frontmost first</source>
        <translation>Partes, la de delante primero</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Parte</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimir</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Print a part</source>
        <translation>Imprimir una parte</translation>
    </message>
    <message>
        <source>Do not print a part</source>
        <translation>No imprimir una parte</translation>
    </message>
    <message>
        <source>Make of the parts chosen</source>
        <translation>Hacer con las partes elegidas</translation>
    </message>
    <message>
        <source>Colours and fills</source>
        <translation>Colores y rellenos</translation>
    </message>
    <message>
        <source>Cut round all</source>
        <translation>Cortar alrededor de todo</translation>
    </message>
    <message>
        <source>Everything is printed, and one cut goes only round everything.</source>
        <translation>Todo se imprime, y un corte pasa solo alrededor de todo.</translation>
    </message>
    <message>
        <source>Cut the bottom</source>
        <translation>Cortar la de abajo</translation>
    </message>
    <message>
        <source>The bottom shape is cut and not printed; the rest is only printed.</source>
        <translation>La forma de abajo se corta y no se imprime; lo demás solo se imprime.</translation>
    </message>
    <message>
        <source>Cut the bottom shape</source>
        <translation>Cortar la forma de abajo</translation>
    </message>
    <message>
        <source>Colours apart</source>
        <translation>Colores aparte</translation>
    </message>
    <message>
        <source>A sticker for each colour, to be cut from different papers and laid on each other.</source>
        <translation>Una pegatina por color, para cortar en papeles distintos y pegar unas sobre otras.</translation>
    </message>
    <message>
        <source>As in the file</source>
        <translation>Como en el archivo</translation>
    </message>
    <message>
        <source>What is painted prints; thin lines, and layers named after a kind of cut, are cut where they lie.</source>
        <translation>Lo pintado se imprime; las líneas finas, y las capas con nombre de un tipo de corte, se cortan donde están.</translation>
    </message>
    <message>
        <source>How the parts are cut</source>
        <translation>Cómo se cortan las partes</translation>
    </message>
    <message>
        <source>Not at all; as part of what the border goes round; or along their own edge.</source>
        <translation>De ningún modo; como parte de aquello que rodea el borde; o por sus propios bordes.</translation>
    </message>
    <message>
        <source>Print parts</source>
        <translation>Imprimir partes</translation>
    </message>
    <message>
        <source>Cut parts</source>
        <translation>Cortar partes</translation>
    </message>
    <message>
        <source>Only this</source>
        <translation>Solo esta</translation>
    </message>
    <message>
        <source>Cut: %1</source>
        <translation>Corte: %1</translation>
    </message>
    <message>
        <source>One shape of all they cover.</source>
        <translation>Una sola forma de todo lo que cubren.</translation>
    </message>
    <message>
        <source>The lowest, less what lies over it.</source>
        <translation>La de abajo, menos lo que la tapa.</translation>
    </message>
    <message>
        <source>What all of them cover.</source>
        <translation>Lo que cubren todas.</translation>
    </message>
    <message>
        <source>One shape, with holes where two of them overlap.</source>
        <translation>Una sola forma, con agujeros donde dos se solapan.</translation>
    </message>
    <message>
        <source>Each region between their edges by itself.</source>
        <translation>Cada región entre sus bordes por separado.</translation>
    </message>
    <message>
        <source>Each part loses what lies under those above it, so that a single layer is left.</source>
        <translation>Cada parte pierde lo que tapan las de encima, y queda una sola capa.</translation>
    </message>
    <message>
        <source>Each separate piece by itself.</source>
        <translation>Cada trozo separado por su cuenta.</translation>
    </message>
    <message>
        <source>Take apart again</source>
        <translation>Deshacer de nuevo</translation>
    </message>
    <message>
        <source>Gives back the parts that it was made of.</source>
        <translation>Devuelve las partes de que se hizo.</translation>
    </message>
    <message>
        <source>Take apart</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Pieces that are nowhere as thick as this are slivers: too thin to weed or to hold.</source>
        <translation>Los trozos que en ningún sitio son tan gruesos como esto son tiras finas: demasiado finas para pelar o sujetar.</translation>
    </message>
    <message>
        <source>Slivers are thinner than</source>
        <translation>Son tiras finas si miden menos de</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Omitir</translation>
    </message>
    <message>
        <source>Leaves these pieces out of the combined parts.</source>
        <translation>Omite estos trozos de las partes combinadas.</translation>
    </message>
    <message>
        <source>Leave slivers out</source>
        <translation>Omitir tiras finas</translation>
    </message>
    <message>
        <source>Fill of the parts chosen</source>
        <translation>Relleno de las partes elegidas</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Relleno</translation>
    </message>
    <message>
        <source>A picture…</source>
        <translation>Una imagen…</translation>
    </message>
    <message>
        <source>Lays a picture over the part, as large as it must be.</source>
        <translation>Pone una imagen sobre la parte, tan grande como haga falta.</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Como llegó</translation>
    </message>
    <message>
        <source>Back to the drawing&apos;s own paint.</source>
        <translation>Volver a la pintura propia del dibujo.</translation>
    </message>
    <message>
        <source>Own paint</source>
        <translation>Pintura propia</translation>
    </message>
    <message>
        <source>Colours of the drawing, to be changed</source>
        <translation>Colores del dibujo, para cambiar</translation>
    </message>
    <message>
        <source>Nothing comes of that: do the parts overlap?</source>
        <translation>No resulta nada: ¿se solapan las partes?</translation>
    </message>
    <message>
        <source>The drawing has only one plain colour.</source>
        <translation>El dibujo tiene un solo color plano.</translation>
    </message>
    <message>
        <source>Each colour alone</source>
        <translation>Cada color solo</translation>
    </message>
    <message>
        <source>%1 stickers were added to the tray, one for each colour.</source>
        <translation>Se añadieron %1 pegatinas a la bandeja, una por color.</translation>
    </message>
    <message>
        <source>Fill with a picture</source>
        <translation>Rellenar con una imagen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>no layer</source>
        <translation>ninguna capa</translation>
    </message>
    <message>
        <source>no plain colour</source>
        <translation>ningún color plano</translation>
    </message>
    <message>
        <source>Choose parts here or by clicking them in the picture.</source>
        <translation>Elija partes aquí o con un clic en la imagen.</translation>
    </message>
    <message>
        <source>%1 parts chosen</source>
        <translation>%1 partes elegidas</translation>
    </message>
    <message>
        <source>Colour %1</source>
        <translation>Color %1</translation>
    </message>
    <message>
        <source>Change a colour</source>
        <translation>Cambiar un color</translation>
    </message>
    <message>
        <source>%1 combined parts: too many to count slivers among.</source>
        <translation>%1 partes combinadas: demasiadas para contar tiras finas.</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>y %1 más</translation>
    </message>
    <message>
        <source>%1: %2 mm²</source>
        <translation>%1: %2 mm²</translation>
    </message>
    <message>
        <source>Combining parts may leave slivers.</source>
        <translation>Combinar partes puede dejar tiras finas.</translation>
    </message>
    <message>
        <source>No slivers.</source>
        <translation>Sin tiras finas.</translation>
    </message>
    <message>
        <source>%1 printed, %2 cut</source>
        <translation>%1 impresas, %2 cortadas</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PhotoNet</name>
    <message>
        <source>The photograph, with the corners of what becomes flat</source>
        <translation>La foto, con las esquinas de lo que se aplana</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PreflightStrip</name>
    <message>
        <source>Preflight</source>
        <translation>Verificación</translation>
    </message>
    <message>
        <source>To fix</source>
        <translation>Por arreglar</translation>
    </message>
    <message>
        <source>Problems that would waste paper or a cut. Click for the list.</source>
        <translation>Problemas que echarían a perder papel o un corte. Clic para la lista.</translation>
    </message>
    <message>
        <source>Things that may be meant. Click for the list.</source>
        <translation>Cosas que pueden ser a propósito. Clic para la lista.</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Mostrar</translation>
    </message>
    <message>
        <source>Go to the place on the sheet.</source>
        <translation>Ir al lugar en la hoja.</translation>
    </message>
    <message>
        <source>Repair</source>
        <translation>Arreglar</translation>
    </message>
    <message>
        <source>Repair this one. Undo takes it back.</source>
        <translation>Arreglar este. Deshacer lo devuelve.</translation>
    </message>
    <message>
        <source>Ignore</source>
        <translation>Ignorar</translation>
    </message>
    <message>
        <source>It is not told again as long as these copies lie where they are. Saved with the project.</source>
        <translation>No se avisa más mientras estas copias estén donde están. Se guarda con el proyecto.</translation>
    </message>
    <message>
        <source>Ignored</source>
        <translation>Ignorado</translation>
    </message>
    <message>
        <source>Tell all that is ignored again.</source>
        <translation>Avisar otra vez de todo lo ignorado.</translation>
    </message>
    <message>
        <source>Tell all again</source>
        <translation>Avisar otra vez de todo</translation>
    </message>
    <message>
        <source>%1 to fix</source>
        <translation>%1 por arreglar</translation>
    </message>
    <message>
        <source>Nothing to fix</source>
        <translation>Nada por arreglar</translation>
    </message>
    <message>
        <source>%1 to look at</source>
        <translation>%1 por mirar</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>La hoja está vacía.</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>Mirando la hoja…</translation>
    </message>
    <message>
        <source>Everything lies inside the cut zone with room between.</source>
        <translation>Todo está en la zona de corte y con espacio entre medias.</translation>
    </message>
    <message>
        <source>Cut zone used %1 %</source>
        <translation>Zona de corte usada al %1 %</translation>
    </message>
    <message>
        <source>To fix: </source>
        <translation>Por arreglar: </translation>
    </message>
    <message>
        <source>To look at: </source>
        <translation>Por mirar: </translation>
    </message>
    <message>
        <source>Ignored (%1): tell again</source>
        <translation>Ignorado (%1): avisar otra vez</translation>
    </message>
    <message>
        <source>The sheet has not been worked out yet.</source>
        <translation>La hoja aún no está calculada.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintAct</name>
    <message>
        <source>Print</source>
        <translation>Imprimir</translation>
    </message>
    <message>
        <source>Practice print</source>
        <translation>Impresión de práctica</translation>
    </message>
    <message>
        <source>Freezes the sheet into a ticket and shows what comes out of the printer, from the very PDF.</source>
        <translation>Congela la hoja en una ficha y muestra lo que sale de la impresora, del mismo PDF.</translation>
    </message>
    <message>
        <source>On paper…</source>
        <translation>En papel…</translation>
    </message>
    <message>
        <source>Print on a printer of this computer, at actual size.</source>
        <translation>Imprimir en una impresora de este equipo, a tamaño real.</translation>
    </message>
    <message>
        <source>PDF…</source>
        <translation>PDF…</translation>
    </message>
    <message>
        <source>Save the sheet to print it elsewhere: at actual size, no fit to page, no borderless.</source>
        <translation>Guarde la hoja para imprimirla en otro sitio: a tamaño real, sin ajustar a página, con márgenes.</translation>
    </message>
    <message>
        <source>Test…</source>
        <translation>Prueba…</translation>
    </message>
    <message>
        <source>Outlines, marks and rulers for plain paper: hold it against the sticker paper before you print.</source>
        <translation>Contornos, marcas y reglas para papel corriente: póngalo contra el papel de pegatinas antes de imprimir.</translation>
    </message>
    <message>
        <source>The sheet is empty: put copies on it first.</source>
        <translation>La hoja está vacía: ponga antes copias en ella.</translation>
    </message>
    <message>
        <source>This sheet cuts what lies on the photo board; it is not printed.</source>
        <translation>Esta hoja corta lo que hay en el tablero; no se imprime.</translation>
    </message>
    <message>
        <source>The sheet is still being worked out. Print it in a moment.</source>
        <translation>La hoja aún se calcula. Imprímala en un momento.</translation>
    </message>
    <message>
        <source>The cutter is at work. Print when it is done.</source>
        <translation>La cortadora trabaja. Imprima cuando acabe.</translation>
    </message>
    <message>
        <source>And %1 more.</source>
        <translation>Y %1 más.</translation>
    </message>
    <message>
        <source>Before it is printed</source>
        <translation>Antes de imprimir</translation>
    </message>
    <message numerus="yes">
        <source>%n things would waste this print:</source>
        <translation>
            <numerusform>Una cosa echaría a perder esta impresión:</numerusform>
            <numerusform>%n cosas echarían a perder esta impresión:</numerusform>
        </translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Mostrar</translation>
    </message>
    <message>
        <source>Print all the same</source>
        <translation>Imprimir de todos modos</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Guardar como</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>Saved %1 as ticket %2. Print it at actual size.</source>
        <translation>%1 guardado como ficha %2. Imprímala a tamaño real.</translation>
    </message>
    <message>
        <source>Test on plain paper</source>
        <translation>Prueba en papel corriente</translation>
    </message>
    <message>
        <source>Outlines, marks and two rulers, on plain paper. Hold the print against the sticker paper, or measure the rulers: 100 mm must be 100 mm.</source>
        <translation>Contornos, marcas y dos reglas, en papel corriente. Ponga la impresión contra el papel de pegatinas, o mida las reglas: 100 mm deben ser 100 mm.</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimir…</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>Guardar como PDF…</translation>
    </message>
    <message>
        <source>plain paper test</source>
        <translation>prueba en papel corriente</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 guardado.</translation>
    </message>
    <message>
        <source>printing…</source>
        <translation>imprimiendo…</translation>
    </message>
    <message>
        <source>done</source>
        <translation>hecho</translation>
    </message>
    <message>
        <source>the sheet is empty</source>
        <translation>la hoja está vacía</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>lista</translation>
    </message>
    <message>
        <source>Pictures and marks only, at actual size.</source>
        <translation>Solo imágenes y marcas, a tamaño real.</translation>
    </message>
    <message>
        <source>%1, at actual size.</source>
        <translation>%1, a tamaño real.</translation>
    </message>
    <message>
        <source> Correction: %1 mm right, %2 mm down.</source>
        <translation> Corrección: %1 mm a la derecha, %2 mm abajo.</translation>
    </message>
    <message>
        <source>This printer is set to borderless, which enlarges the page: the cut would miss its print.</source>
        <translation>Esta impresora está puesta sin márgenes, lo que agranda la página: el corte no acertaría su impresión.</translation>
    </message>
    <message>
        <source>This printer is set to scale pages: the cut would miss its print.</source>
        <translation>Esta impresora está puesta a escalar páginas: el corte no acertaría su impresión.</translation>
    </message>
    <message>
        <source>What is there</source>
        <translation>Lo que hay</translation>
    </message>
    <message>
        <source>What lies on the board is the print; nothing is printed.</source>
        <translation>Lo que está en el tablero es la impresión; no se imprime nada.</translation>
    </message>
    <message>
        <source>Take it anew</source>
        <translation>Tomarla de nuevo</translation>
    </message>
    <message>
        <source>Take it as it lies</source>
        <translation>Tomarla como está</translation>
    </message>
    <message>
        <source>Practice print again</source>
        <translation>Imprimir de práctica otra vez</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintFinder</name>
    <message>
        <source>Cuts on “%1” are moved by that from now on; this sheet has it already.</source>
        <translation>Los cortes en «%1» se mueven eso desde ahora; esta hoja ya lo tiene.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintedSheet</name>
    <message>
        <source>Pictures on this sheet cannot be read, so it is neither printed nor cut. %1</source>
        <translation>Hay imágenes de esta hoja que no se pueden leer, por eso no se imprime ni se corta. %1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrinterCard</name>
    <message>
        <source>Printer</source>
        <translation>Impresora</translation>
    </message>
    <message>
        <source>Margins it cannot print</source>
        <translation>Márgenes que no imprime</translation>
    </message>
    <message>
        <source>Printer margins</source>
        <translation>Márgenes de la impresora</translation>
    </message>
    <message>
        <source>As set in its print settings</source>
        <translation>Según sus ajustes de impresión</translation>
    </message>
    <message>
        <source>Anything but 100 % spoils every size, and the cut misses its print.</source>
        <translation>Todo lo que no sea 100 % estropea los tamaños, y el corte no acierta su impresión.</translation>
    </message>
    <message>
        <source>Scaling</source>
        <translation>Escala</translation>
    </message>
    <message>
        <source>Print settings</source>
        <translation>Ajustes de impresión</translation>
    </message>
    <message>
        <source>Borderless</source>
        <translation>Sin márgenes</translation>
    </message>
    <message>
        <source>Correction of its prints</source>
        <translation>Corrección de sus impresiones</translation>
    </message>
    <message>
        <source>Prints come out too far left by this much, so they are moved right.</source>
        <translation>Las impresiones salen esto demasiado a la izquierda, así que se mueven a la derecha.</translation>
    </message>
    <message>
        <source>Prints come out too high by this much, so they are moved down.</source>
        <translation>Las impresiones salen esto demasiado arriba, así que se mueven abajo.</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>Mover a la derecha</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Bajar</translation>
    </message>
    <message>
        <source>Correction</source>
        <translation>Corrección</translation>
    </message>
    <message>
        <source>Stretch width to</source>
        <translation>Estirar el ancho al</translation>
    </message>
    <message>
        <source>Stretch height to</source>
        <translation>Estirar el alto al</translation>
    </message>
    <message>
        <source>Save this printer as…</source>
        <translation>Guardar esta impresora como…</translation>
    </message>
    <message>
        <source>Keeps margins, settings and correction under a name, for other projects.</source>
        <translation>Guarda márgenes, ajustes y corrección con un nombre, para otros proyectos.</translation>
    </message>
    <message>
        <source>Save this printer</source>
        <translation>Guardar esta impresora</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Any printer</source>
        <translation>Cualquier impresora</translation>
    </message>
    <message>
        <source>any printer</source>
        <translation>cualquier impresora</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Project</name>
    <message>
        <source>Opening “%1”</source>
        <translation>Abriendo «%1»</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Proyecto nuevo</translation>
    </message>
    <message>
        <source>Saving “%1”</source>
        <translation>Guardando «%1»</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies, and this would be %L2. Nothing was changed.</source>
        <translation>Un proyecto admite como máximo %L1 copias, y serían %L2. No se ha cambiado nada.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ProjectFiles</name>
    <message>
        <source>Open project</source>
        <translation>Abrir proyecto</translation>
    </message>
    <message>
        <source>Fusuma projects (*.fusuma)</source>
        <translation>Proyectos de Fusuma (*.fusuma)</translation>
    </message>
    <message>
        <source>Save project</source>
        <translation>Guardar proyecto</translation>
    </message>
    <message>
        <source>Fusuma projects</source>
        <translation>Proyectos de Fusuma</translation>
    </message>
    <message>
        <source>Changed on disk</source>
        <translation>Cambiado en el disco</translation>
    </message>
    <message>
        <source>“%1” was written by somebody else since it was opened here. Saving would replace what they saved.</source>
        <translation>Otra persona escribió «%1» desde que se abrió aquí. Guardar reemplazaría lo suyo.</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Reemplazarlo</translation>
    </message>
    <message>
        <source>Save under another name…</source>
        <translation>Guardar con otro nombre…</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Cambios sin guardar</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>«%1» tiene cambios sin guardar.</translation>
    </message>
    <message>
        <source>The pictures were for the project that could not be opened, and are left out.</source>
        <translation>Las imágenes eran para el proyecto que no se pudo abrir, y se omiten.</translation>
    </message>
    <message>
        <source>A file that takes long</source>
        <translation>Un archivo que tarda</translation>
    </message>
    <message numerus="yes">
        <source>Files may take up to %n minute(s) then, until Fusuma is closed; Stop ends it at any time.</source>
        <translation>
            <numerusform>Los archivos podrán tardar entonces hasta %n minuto, hasta que se cierre Fusuma; «Detener» lo termina en cualquier momento.</numerusform>
            <numerusform>Los archivos podrán tardar entonces hasta %n minutos, hasta que se cierre Fusuma; «Detener» lo termina en cualquier momento.</numerusform>
        </translation>
    </message>
    <message>
        <source>Give it more time</source>
        <translation>Darle más tiempo</translation>
    </message>
    <message>
        <source>Go on without it</source>
        <translation>Seguir sin él</translation>
    </message>
</context>
<context>
    <name>fusuma::app::QuickPicks</name>
    <message>
        <source>%1, typed before</source>
        <translation>%1, escrita antes</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Recovery</name>
    <message>
        <source>What was kept of “%1” cannot be read. It stays in %2.</source>
        <translation>Lo guardado de «%1» no se puede leer. Queda en %2.</translation>
    </message>
    <message>
        <source>Unsaved work cannot be kept aside, so a crash would lose it. Save the project. %1</source>
        <translation>El trabajo sin guardar no se puede apartar, así que una caída lo perdería. Guarde el proyecto. %1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::RehearsalView</name>
    <message>
        <source>The sheet in the cutter</source>
        <translation>La hoja en la cortadora</translation>
    </message>
    <message>
        <source>Time of the cut</source>
        <translation>Tiempo del corte</translation>
    </message>
    <message>
        <source>Go through the cut line by line.</source>
        <translation>Recorrer el corte línea a línea.</translation>
    </message>
    <message>
        <source>The page before</source>
        <translation>La página anterior</translation>
    </message>
    <message>
        <source>The next page</source>
        <translation>La página siguiente</translation>
    </message>
    <message>
        <source>line %1 of %2 · %3</source>
        <translation>línea %1 de %2 · %3</translation>
    </message>
    <message>
        <source>Planned: as it will be printed and cut</source>
        <translation>Planeado: como se imprimirá y cortará</translation>
    </message>
    <message>
        <source>A moment…</source>
        <translation>Un momento…</translation>
    </message>
    <message>
        <source>Nothing to print yet</source>
        <translation>Aún nada que imprimir</translation>
    </message>
    <message>
        <source>Printing…</source>
        <translation>Imprimiendo…</translation>
    </message>
    <message>
        <source>Printed, not in the machine yet</source>
        <translation>Impresa, aún no en la máquina</translation>
    </message>
    <message>
        <source>Looking for the marks…</source>
        <translation>Buscando las marcas…</translation>
    </message>
    <message>
        <source>Point at the marks</source>
        <translation>Señalar las marcas</translation>
    </message>
    <message>
        <source>The print was not found</source>
        <translation>No se encontró la impresión</translation>
    </message>
    <message>
        <source>Rehearsal: as the cut will come out</source>
        <translation>Ensayo: como saldrá el corte</translation>
    </message>
    <message>
        <source>Paused: click the line to go on with</source>
        <translation>En pausa: haga clic en la línea con que seguir</translation>
    </message>
    <message>
        <source>The connection dropped</source>
        <translation>La conexión cayó</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Cortando</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Página %1 de %2</translation>
    </message>
    <message>
        <source>Working out what will be printed and cut…</source>
        <translation>Calculando lo que se imprimirá y cortará…</translation>
    </message>
    <message>
        <source>Put copies on the sheet, and what will be printed and cut is rehearsed here, line by line.</source>
        <translation>Ponga copias en la hoja, y lo que se imprimirá y cortará se ensaya aquí, línea a línea.</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>no hallada</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Flechas</translation>
    </message>
    <message>
        <source>Move the head over a mark by 0.5 mm; with Shift 5 mm, with Alt 0.05 mm</source>
        <translation>Mover el cabezal sobre una marca 0,5 mm; con Mayús 5 mm, con Alt 0,05 mm</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Intro</translation>
    </message>
    <message>
        <source>The mark is here</source>
        <translation>La marca está aquí</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Retroceso</translation>
    </message>
    <message>
        <source>Back to the mark before</source>
        <translation>Volver a la marca anterior</translation>
    </message>
    <message>
        <source>Mark %1 of %2</source>
        <translation>Marca %1 de %2</translation>
    </message>
    <message>
        <source>to be pointed at now</source>
        <translation>por señalar ahora</translation>
    </message>
    <message>
        <source>not looked for yet</source>
        <translation>aún no buscada</translation>
    </message>
    <message>
        <source>found</source>
        <translation>hallada</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ScreenSizeDialog</name>
    <message>
        <source>The screen&apos;s size</source>
        <translation>El tamaño de la pantalla</translation>
    </message>
    <message>
        <source>Hold a bank card or any card of that size against the screen, and move the slider until the drawn card is just as large. Then 1:1 on the Sheet is true.</source>
        <translation>Sostenga una tarjeta bancaria o de ese tamaño contra la pantalla y mueva el control hasta que la dibujada sea igual de grande. Entonces 1:1 en la Hoja es verdad.</translation>
    </message>
    <message>
        <source>Size of the card</source>
        <translation>Tamaño de la tarjeta</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Searches</name>
    <message>
        <source>%1: the project was changed meanwhile, so nothing came of it.</source>
        <translation>%1: el proyecto se cambió entretanto, así que no quedó en nada.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SelectionCard</name>
    <message>
        <source>Click a copy to select it, drag a frame round several, or press Ctrl+A for all of the page.</source>
        <translation>Haga clic en una copia para elegirla, arrastre un marco sobre varias, o Ctrl+A para toda la página.</translation>
    </message>
    <message>
        <source>Middle from left</source>
        <translation>Centro desde la izquierda</translation>
    </message>
    <message>
        <source>Middle from top</source>
        <translation>Centro desde arriba</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>Ancho acabado</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>Alto acabado</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Girar</translation>
    </message>
    <message>
        <source>Of the cut line. The border keeps its millimetres, the art makes up the rest.</source>
        <translation>De la línea de corte. El borde conserva sus milímetros, el diseño hace el resto.</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Mover</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>Cambiar tamaño de copias</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Reflejar</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>Another copy in the nearest free place (Ctrl+D). Or drag with Ctrl.</source>
        <translation>Otra copia en el hueco libre más cercano (Ctrl+D). O arrastre con Ctrl.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Take the selected copies off the sheet (Delete). The sticker stays in the tray.</source>
        <translation>Quitar las copias elegidas de la hoja (Supr). La pegatina queda en la bandeja.</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Bloquear</translation>
    </message>
    <message>
        <source>Locked copies stay where they are, when filling too.</source>
        <translation>Las copias bloqueadas quedan donde están, también al llenar.</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Desbloquear</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Agrupar</translation>
    </message>
    <message>
        <source>Grouped copies are selected and moved together (Ctrl+G).</source>
        <translation>Las copias agrupadas se eligen y mueven juntas (Ctrl+G).</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>Desagrupar</translation>
    </message>
    <message>
        <source>Mirror ↔</source>
        <translation>Reflejar ↔</translation>
    </message>
    <message>
        <source>Exchange left and right.</source>
        <translation>Intercambia izquierda y derecha.</translation>
    </message>
    <message>
        <source>Mirror ↕</source>
        <translation>Reflejar ↕</translation>
    </message>
    <message>
        <source>Exchange top and bottom.</source>
        <translation>Intercambia arriba y abajo.</translation>
    </message>
    <message>
        <source>To front</source>
        <translation>Delante</translation>
    </message>
    <message>
        <source>Above all other copies (Ctrl+Shift+]).</source>
        <translation>Encima de todas las demás copias (Ctrl+Mayús+]).</translation>
    </message>
    <message>
        <source>To back</source>
        <translation>Atrás</translation>
    </message>
    <message>
        <source>Below all other copies (Ctrl+Shift+[).</source>
        <translation>Debajo de todas las demás copias (Ctrl+Mayús+[).</translation>
    </message>
    <message>
        <source>Line up the left edges</source>
        <translation>Alinear los bordes izquierdos</translation>
    </message>
    <message>
        <source>Line up the middles from left to right</source>
        <translation>Alinear los centros de izquierda a derecha</translation>
    </message>
    <message>
        <source>Line up the right edges</source>
        <translation>Alinear los bordes derechos</translation>
    </message>
    <message>
        <source>Line up the top edges</source>
        <translation>Alinear los bordes de arriba</translation>
    </message>
    <message>
        <source>Line up the middles from top to bottom</source>
        <translation>Alinear los centros de arriba abajo</translation>
    </message>
    <message>
        <source>Line up the bottom edges</source>
        <translation>Alinear los bordes de abajo</translation>
    </message>
    <message>
        <source>; a single copy with the cut zone.</source>
        <translation>; una sola copia, con la zona de corte.</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>Alinear</translation>
    </message>
    <message>
        <source>Equal room between, from left to right</source>
        <translation>Igual espacio entre ellas, de izquierda a derecha</translation>
    </message>
    <message>
        <source>Equal room between, from top to bottom</source>
        <translation>Igual espacio entre ellas, de arriba abajo</translation>
    </message>
    <message>
        <source>Distribute</source>
        <translation>Distribuir</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Columnas</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Filas</translation>
    </message>
    <message>
        <source>Repeat</source>
        <translation>Repetición</translation>
    </message>
    <message>
        <source>Copies of what is selected in so many columns and rows, a gap apart.</source>
        <translation>Copias de lo elegido en tantas columnas y filas, con separación.</translation>
    </message>
    <message>
        <source>nothing selected</source>
        <translation>nada elegido</translation>
    </message>
    <message>
        <source>%1 copies</source>
        <translation>%1 copias</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPage</name>
    <message>
        <source>Marks</source>
        <translation>Marcas</translation>
    </message>
    <message>
        <source>Size, place and cutter…</source>
        <translation>Tamaño, lugar y cortadora…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPanel</name>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Copies</source>
        <translation>Copias</translation>
    </message>
    <message>
        <source>Selection</source>
        <translation>Selección</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>Marcas y cortadora</translation>
    </message>
    <message>
        <source>Printer</source>
        <translation>Impresora</translation>
    </message>
    <message>
        <source>Largest sticker that fits an empty sheet</source>
        <translation>La mayor pegatina que cabe en una hoja vacía</translation>
    </message>
    <message>
        <source>it lies there already</source>
        <translation>ya está ahí</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n copia</numerusform>
            <numerusform>%n copias</numerusform>
        </translation>
    </message>
    <message>
        <source>The margins leave nowhere to cut on this paper.</source>
        <translation>Los márgenes no dejan dónde cortar en este papel.</translation>
    </message>
    <message>
        <source>%1 on %2, %3 % of the cut zone used</source>
        <translation>%1 en %2, %3 % de la zona de corte usado</translation>
    </message>
    <message>
        <source>the sheet</source>
        <translation>la hoja</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n página</numerusform>
            <numerusform>%n páginas</numerusform>
        </translation>
    </message>
    <message>
        <source>Shared cuts spare %1 of cutting</source>
        <translation>Los cortes comunes ahorran %1 de corte</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetView</name>
    <message>
        <source>Sheet</source>
        <translation>Hoja</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Menor</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Mayor</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Ajustar</translation>
    </message>
    <message>
        <source>Show the whole sheet</source>
        <translation>Mostrar toda la hoja</translation>
    </message>
    <message>
        <source>1:1</source>
        <translation>1:1</translation>
    </message>
    <message>
        <source>As large as it will be on paper. If a ruler disagrees, set your screen&apos;s size in the View menu.</source>
        <translation>Tan grande como será en papel. Si una regla no coincide, ponga el tamaño de su pantalla en el menú Ver.</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Medir</translation>
    </message>
    <message>
        <source>Drag between two places to measure between them (M).</source>
        <translation>Arrastre entre dos lugares para medir entre ellos (M).</translation>
    </message>
    <message>
        <source>The page before (Page up)</source>
        <translation>La página anterior (Re Pág)</translation>
    </message>
    <message>
        <source>The next page (Page down)</source>
        <translation>La página siguiente (Av Pág)</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>Añadir página</translation>
    </message>
    <message>
        <source>Another page of the same paper.</source>
        <translation>Otra página del mismo papel.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Página %1 de %2</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>bloqueada</translation>
    </message>
    <message>
        <source>%1, %2 by %3, %4 from the left, %5 from the top</source>
        <translation>%1, %2 por %3, %4 desde la izquierda, %5 desde arriba</translation>
    </message>
    <message>
        <source>, locked</source>
        <translation>, bloqueada</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>Marca %1</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Flechas</translation>
    </message>
    <message>
        <source>Move the copies chosen by 1 mm; with Shift 10 mm, with Alt 0.1 mm</source>
        <translation>Mover las copias elegidas 1 mm; con Mayús 10 mm, con Alt 0,1 mm</translation>
    </message>
    <message>
        <source>Comma, full stop</source>
        <translation>Coma, punto</translation>
    </message>
    <message>
        <source>Turn them by 15°; with Alt by 1°</source>
        <translation>Girarlas 15°; con Alt 1°</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Re Pág, Av Pág</translation>
    </message>
    <message>
        <source>The page before, the next page</source>
        <translation>La página anterior, la siguiente</translation>
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
        <translation>Dejar lo que se está haciendo; no elegir nada</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Girar</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SlipPanel</name>
    <message>
        <source>What if it slips?</source>
        <translation>¿Y si se desvía?</translation>
    </message>
    <message>
        <source>Shift the cut against the print and look.</source>
        <translation>Desvíe el corte de la impresión y mire.</translation>
    </message>
    <message>
        <source>Shift right</source>
        <translation>Desvío a la derecha</translation>
    </message>
    <message>
        <source>Shift down</source>
        <translation>Desvío abajo</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Girar</translation>
    </message>
    <message>
        <source>Stickers that would show it</source>
        <translation>Pegatinas que lo mostrarían</translation>
    </message>
    <message>
        <source>slip %1 mm</source>
        <translation>desvío %1 mm</translation>
    </message>
    <message>
        <source>Widens borders and bleeds of the stickers that need it. One step that can be undone.</source>
        <translation>Ensancha bordes y sangrados de las pegatinas que lo necesitan. Un paso que se puede deshacer.</translation>
    </message>
    <message>
        <source>Make stickers safe</source>
        <translation>Asegurar pegatinas</translation>
    </message>
    <message>
        <source>Try 1000 sheets</source>
        <translation>Probar 1000 hojas</translation>
    </message>
    <message>
        <source>Slips as a usual machine makes them: 0.25 mm each way and 0.06° of turn, as standard deviations.</source>
        <translation>Desvíos como los de una máquina corriente: 0,25 mm en cada sentido y 0,06° de giro, como desviación típica.</translation>
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
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>La hoja está vacía.</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>Mirando la hoja…</translation>
    </message>
    <message>
        <source>No slip.</source>
        <translation>Sin desvío.</translation>
    </message>
    <message>
        <source>All %1 stay clean.</source>
        <translation>Las %1 quedan limpias.</translation>
    </message>
    <message>
        <source>1 of %1 shows a fault.</source>
        <translation>1 de %1 muestra un fallo.</translation>
    </message>
    <message>
        <source>%1 of %2 show a fault.</source>
        <translation>%1 de %2 muestran un fallo.</translation>
    </message>
    <message>
        <source>borders up to %1</source>
        <translation>bordes hasta %1</translation>
    </message>
    <message>
        <source>bleeds up to %1</source>
        <translation>sangrados hasta %1</translation>
    </message>
    <message>
        <source>no bleed of another colour round white borders</source>
        <translation>ningún sangrado de otro color en bordes blancos</translation>
    </message>
    <message>
        <source>%1 would keep every sticker clean up to a slip of %2 mm.</source>
        <translation>%1 mantendría limpias todas las pegatinas hasta un desvío de %2 mm.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> y </translation>
    </message>
    <message>
        <source>Every sticker bears a slip of 1 mm.</source>
        <translation>Todas las pegatinas soportan un desvío de 1 mm.</translation>
    </message>
    <message>
        <source>Neighbours or marks lie too near. Fill the sheet with a wider gap, or move copies apart.</source>
        <translation>Hay vecinos o marcas demasiado cerca. Llene la hoja con más separación, o separe copias.</translation>
    </message>
    <message>
        <source>Make %1 safe</source>
        <translation>Asegurar %1</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n pegatina</numerusform>
            <numerusform>%n pegatinas</numerusform>
        </translation>
    </message>
    <message>
        <source>Make safe for a slip of %1 mm</source>
        <translation>Asegurar para un desvío de %1 mm</translation>
    </message>
    <message>
        <source>Changed. Print again to use it: the ticket in hand stays as it was printed.</source>
        <translation>Cambiado. Imprima otra vez para usarlo: la ficha en mano queda como se imprimió.</translation>
    </message>
    <message>
        <source>Trying %1 sheets…</source>
        <translation>Probando %1 hojas…</translation>
    </message>
    <message>
        <source>%1 % of sheets come out with every sticker clean; on average %2 of %3 show a fault.</source>
        <translation>El %1 % de las hojas sale con todas las pegatinas limpias; de media %2 de %3 muestran un fallo.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StartPage</name>
    <message>
        <source>Open %1</source>
        <translation>Abrir %1</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>ninguna imagen</translation>
    </message>
    <message>
        <source>Begin a sheet of stickers</source>
        <translation>Empezar una hoja de pegatinas</translation>
    </message>
    <message>
        <source>Drop pictures or drawings anywhere on this window, or take one of these.</source>
        <translation>Suelte imágenes o dibujos en esta ventana, o tome uno de estos.</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Añadir diseño…</translation>
    </message>
    <message>
        <source>A picture or a drawing as a new sticker.</source>
        <translation>Una imagen o un dibujo como pegatina nueva.</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Etiqueta nueva…</translation>
    </message>
    <message>
        <source>A label with words on it; one, or a whole list.</source>
        <translation>Una etiqueta con palabras; una, o toda una lista.</translation>
    </message>
    <message>
        <source>From camera or scanner</source>
        <translation>De cámara o escáner</translation>
    </message>
    <message>
        <source>What is drawn, stamped or painted on paper.</source>
        <translation>Lo que está dibujado, sellado o pintado en papel.</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>Abrir el ejemplo</translation>
    </message>
    <message>
        <source>The Tide Fair&apos;s sheets, to look round and try things on.</source>
        <translation>Las hojas de la Tide Fair, para curiosear y probar.</translation>
    </message>
    <message>
        <source>A photograph…</source>
        <translation>Una foto…</translation>
    </message>
    <message>
        <source>A scanner…</source>
        <translation>Un escáner…</translation>
    </message>
    <message>
        <source>Photo board to print…</source>
        <translation>Tablero para imprimir…</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>Proyectos recientes</translation>
    </message>
    <message>
        <source>From art to sticker</source>
        <translation>Del diseño a la pegatina</translation>
    </message>
    <message>
        <source>1  Bring the art</source>
        <translation>1  Traiga el diseño</translation>
    </message>
    <message>
        <source>A file, a scan or a photograph. Its background goes by itself, or with a click.</source>
        <translation>Un archivo, un escaneo o una foto. El fondo se va solo, o con un clic.</translation>
    </message>
    <message>
        <source>2  Give it a border</source>
        <translation>2  Póngale un borde</translation>
    </message>
    <message>
        <source>A cut line follows the outline, as far out as you like.</source>
        <translation>Una línea de corte sigue el contorno, tan afuera como quiera.</translation>
    </message>
    <message>
        <source>3  Fill a sheet</source>
        <translation>3  Llene una hoja</translation>
    </message>
    <message>
        <source>Print it with its marks, lay it in the cutter, cut along the lines.</source>
        <translation>Imprímala con sus marcas, póngala en la cortadora, corte por las líneas.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StepsPanel</name>
    <message>
        <source>all steps stay live</source>
        <translation>todos los pasos siguen vivos</translation>
    </message>
    <message>
        <source>Artwork</source>
        <translation>Diseño</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contorno</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Borde</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Sangrado</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Finished size</source>
        <translation>Tamaño acabado</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>Poner en la hoja</translation>
    </message>
    <message>
        <source>Place one copy in the first free place and go to the Sheet.</source>
        <translation>Poner una copia en el primer hueco libre e ir a la Hoja.</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Partes</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Etiqueta</translation>
    </message>
    <message>
        <source>Cluster</source>
        <translation>Conjunto</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Artwork width</source>
        <translation>Ancho del diseño</translation>
    </message>
    <message>
        <source>Artwork height</source>
        <translation>Alto del diseño</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>Ancho acabado</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>Alto acabado</translation>
    </message>
    <message>
        <source>Finished widths</source>
        <translation>Anchos acabados</translation>
    </message>
    <message>
        <source>Size as in the file</source>
        <translation>Tamaño como en el archivo</translation>
    </message>
    <message>
        <source>Back to the size that the picture&apos;s own density gives it.</source>
        <translation>Volver al tamaño que da la densidad propia de la imagen.</translation>
    </message>
    <message>
        <source>No sticker yet</source>
        <translation>Aún no hay pegatina</translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>nada que cortar</translation>
    </message>
    <message>
        <source>Nothing is left to cut. Look at the Background and Border steps.</source>
        <translation>No queda nada que cortar. Mire los pasos Fondo y Borde.</translation>
    </message>
    <message>
        <source>The whole rectangle is the outline. The Background step can take a colour away.</source>
        <translation>El rectángulo entero es el contorno. El paso Fondo puede quitar un color.</translation>
    </message>
    <message>
        <source>Falls into %1 pieces. The Border step can join them.</source>
        <translation>Se parte en %1 trozos. El paso Borde puede unirlos.</translation>
    </message>
    <message>
        <source>One piece.</source>
        <translation>Un solo trozo.</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>%1 de ancho</translation>
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
        <translation>Duplicar %1</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Cambiar nombre</translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>Mover en la bandeja</translation>
    </message>
    <message>
        <source>Remove a sticker</source>
        <translation>Quitar una pegatina</translation>
    </message>
    <message>
        <source>Remove “%1” from the project?</source>
        <translation>¿Quitar «%1» del proyecto?</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its copy on the sheet?</source>
        <translation>¿Quitar «%1» del proyecto, con su copia en la hoja?</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its %2 copies on the sheet?</source>
        <translation>¿Quitar «%1» del proyecto, con sus %2 copias en la hoja?</translation>
    </message>
    <message>
        <source>Undo brings all of it back.</source>
        <translation>Deshacer lo devuelve todo.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Conservarla</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>Quitar %1</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>Reemplazar el diseño</translation>
    </message>
    <message>
        <source>Put one on the sheet</source>
        <translation>Poner una en la hoja</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>Reemplazar el diseño…</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Subir</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Bajar</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>Quitar del proyecto…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Tray</name>
    <message>
        <source>Tray</source>
        <translation>Bandeja</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>Añadir diseño…</translation>
    </message>
    <message>
        <source>Bring in a picture or a drawing as a new sticker. You can also drop files on the window.</source>
        <translation>Traiga una imagen o un dibujo como pegatina nueva. También puede soltar archivos en la ventana.</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>Etiqueta nueva…</translation>
    </message>
    <message>
        <source>A label with words on it, or words as a sticker; one, or a whole list.</source>
        <translation>Una etiqueta con palabras, o palabras como pegatina; una, o toda una lista.</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n pegatina</numerusform>
            <numerusform>%n pegatinas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n copia</numerusform>
            <numerusform>%n copias</numerusform>
        </translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>Mover en la bandeja</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Windows</name>
    <message>
        <source>“%1” is open in this window already.</source>
        <translation>«%1» ya está abierto en esta ventana.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::WorkingOut</name>
    <message>
        <source>Stopped. The rest is worked out with the next change.</source>
        <translation>Detenido. El resto se calculará con el próximo cambio.</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ZoomView</name>
    <message>
        <source>Tab, Shift+Tab</source>
        <translation>Tab, Mayús+Tab</translation>
    </message>
    <message>
        <source>The next copy, node or part, and the one before</source>
        <translation>La copia, nodo o parte siguiente, y la anterior</translation>
    </message>
    <message>
        <source>Ctrl+arrows</source>
        <translation>Ctrl+flechas</translation>
    </message>
    <message>
        <source>The nearest one on that side</source>
        <translation>La más cercana por ese lado</translation>
    </message>
    <message>
        <source>Space, held</source>
        <translation>Espacio, pulsado</translation>
    </message>
    <message>
        <source>Drag the view</source>
        <translation>Arrastrar la vista</translation>
    </message>
    <message>
        <source>F8, then arrows</source>
        <translation>F8 y flechas</translation>
    </message>
    <message>
        <source>Move the pointer; with Shift far, with Alt a pixel</source>
        <translation>Mover el puntero; con Mayús lejos, con Alt un píxel</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Intro</translation>
    </message>
    <message>
        <source>With that pointer: take hold, and let go</source>
        <translation>Con ese puntero: agarrar y soltar</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>With that pointer: put it away</source>
        <translation>Con ese puntero: dejarlo</translation>
    </message>
</context>
<context>
    <name>options</name>
    <message>
        <source>print the version and end</source>
        <translation>muestra la versión y termina</translation>
    </message>
    <message>
        <source>Fusuma&apos;s thumbnailer: takes the picture of a project&apos;s first sheet out of it, for file managers</source>
        <translation>Miniaturas de Fusuma: saca de un proyecto la imagen de su primera hoja, para gestores de archivos</translation>
    </message>
    <message>
        <source>a .fusuma project</source>
        <translation>un proyecto .fusuma</translation>
    </message>
    <message>
        <source>where the picture goes</source>
        <translation>adónde va la imagen</translation>
    </message>
    <message>
        <source>pixels along its longer side</source>
        <translation>píxeles en el lado más largo</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice camera: photographs a flat thing as a telephone would, with whatever faults are asked for</source>
        <translation>Cámara de práctica de Fusuma: fotografía algo plano como lo haría un teléfono, con los defectos que se pidan</translation>
    </message>
    <message>
        <source>what lies on the table, seen from above</source>
        <translation>lo que hay sobre la mesa, visto desde arriba</translation>
    </message>
    <message>
        <source>JPEG file</source>
        <translation>archivo JPEG</translation>
    </message>
    <message>
        <source>its size: a paper&apos;s name or WxH in mm; by its density when not given</source>
        <translation>su tamaño: el nombre de un papel o AxH en mm; si no se da, por su resolución</translation>
    </message>
    <message>
        <source>pixels across</source>
        <translation>píxeles de ancho</translation>
    </message>
    <message>
        <source>pixels down</source>
        <translation>píxeles de alto</translation>
    </message>
    <message>
        <source>share of the picture that it fills</source>
        <translation>parte de la imagen que ocupa</translation>
    </message>
    <message>
        <source>degrees from straight above</source>
        <translation>grados desde la vertical</translation>
    </message>
    <message>
        <source>degrees, the side it is tilted to</source>
        <translation>grados, el lado hacia el que se inclina</translation>
    </message>
    <message>
        <source>degrees, clockwise</source>
        <translation>grados, en el sentido de las agujas del reloj</translation>
    </message>
    <message>
        <source>how the lens bends</source>
        <translation>cuánto deforma el objetivo</translation>
    </message>
    <message>
        <source>light at the darkest corner, as a share</source>
        <translation>luz en la esquina más oscura, como fracción</translation>
    </message>
    <message>
        <source>none, soft or hard</source>
        <translation>none, soft o hard (sin sombra, suave o dura)</translation>
    </message>
    <message>
        <source>pixels</source>
        <translation>píxeles</translation>
    </message>
    <message>
        <source>grey values</source>
        <translation>valores de gris</translation>
    </message>
    <message>
        <source>of the JPEG</source>
        <translation>del JPEG</translation>
    </message>
    <message>
        <source>of noise and shadow</source>
        <translation>del ruido y la sombra</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice cutter: listens for HP-GL on a local port and draws the cut over a printed sheet</source>
        <translation>Cortadora de práctica de Fusuma: recibe HP-GL en un puerto local y dibuja el corte sobre una hoja impresa</translation>
    </message>
    <message>
        <source>the printed sheet, a picture from the practice printer</source>
        <translation>la hoja impresa, una imagen de la impresora de práctica</translation>
    </message>
    <message>
        <source>where the cut sheet goes, as PNG</source>
        <translation>adónde va la hoja cortada, como PNG</translation>
    </message>
    <message>
        <source>TCP port on this machine; 0 takes a free one</source>
        <translation>puerto TCP de este equipo; 0 toma uno libre</translation>
    </message>
    <message>
        <source>the sheet&apos;s paper: a4, letter or WxH in mm</source>
        <translation>el papel de la hoja: a4, letter o AxH en mm</translation>
    </message>
    <message>
        <source>blade speed in mm/s; 0 cuts at once</source>
        <translation>velocidad de la cuchilla en mm/s; 0 corta al instante</translation>
    </message>
    <message>
        <source>also serve as a serial port, on a pseudo-terminal</source>
        <translation>sirve también como puerto serie, en un pseudoterminal</translation>
    </message>
    <message>
        <source>mm that the blade&apos;s tip trails its axis</source>
        <translation>mm que la punta de la cuchilla va por detrás de su eje</translation>
    </message>
    <message>
        <source>mm of play in its axes</source>
        <translation>mm de holgura en sus ejes</translation>
    </message>
    <message>
        <source>drop the connection after so many runs</source>
        <translation>corta la conexión tras tantos trazos</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice printer: turns a PDF into the picture of the printed sheet</source>
        <translation>Impresora de práctica de Fusuma: convierte un PDF en la imagen de la hoja impresa</translation>
    </message>
    <message>
        <source>the file to print</source>
        <translation>el archivo que se imprime</translation>
    </message>
    <message>
        <source>where the printed sheet goes, as PNG</source>
        <translation>adónde va la hoja impresa, como PNG</translation>
    </message>
    <message>
        <source>dots per inch</source>
        <translation>puntos por pulgada</translation>
    </message>
    <message>
        <source>border in mm, negative inward</source>
        <translation>borde en mm, negativo hacia dentro</translation>
    </message>
    <message>
        <source>round, mitre or bevel</source>
        <translation>round, mitre o bevel (redondo, en punta, biselado)</translation>
    </message>
    <message>
        <source>longest tip of a mitre as a multiple of the border&apos;s width</source>
        <translation>punta más larga de una esquina, en múltiplos del ancho del borde</translation>
    </message>
    <message>
        <source>the border grows with copies of another size</source>
        <translation>el borde crece con las copias de otro tamaño</translation>
    </message>
    <message>
        <source>keep, close, or close-under=MM2</source>
        <translation>keep, close o close-under=MM2</translation>
    </message>
    <message>
        <source>close the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>cierra el hueco en X,Y (píxeles), diga lo que diga --holes; se puede repetir</translation>
    </message>
    <message>
        <source>keep the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>conserva el hueco en X,Y (píxeles), diga lo que diga --holes; se puede repetir</translation>
    </message>
    <message>
        <source>pieces of the border closer than this many mm become one</source>
        <translation>las piezas del borde a menos de tantos mm se hacen una</translation>
    </message>
    <message>
        <source>bridge all pieces, however far apart</source>
        <translation>une todas las piezas, por lejos que estén</translation>
    </message>
    <message>
        <source>fill inlets narrower than this many mm</source>
        <translation>rellena entrantes más estrechos que tantos mm</translation>
    </message>
    <message>
        <source>cut off spikes thinner than this many mm</source>
        <translation>recorta puntas más finas que tantos mm</translation>
    </message>
    <message>
        <source>a printed rim inside the border as WIDTH,FILL, from the art outward, FILL as for --border-fill; may be repeated</source>
        <translation>una orla impresa dentro del borde como ANCHO,RELLENO, del diseño hacia fuera, RELLENO como en --border-fill; se puede repetir</translation>
    </message>
    <message>
        <source>what the border is printed with: clear, art (its colours carried outward), #RRGGBB, or dots= or stripes= with #RRGGBB,#RRGGBB[,PITCH]</source>
        <translation>con qué se imprime el borde: clear, art (sus colores prolongados), #RRGGBB, o dots= o stripes= con #RRGGBB,#RRGGBB[,PASO]</translation>
    </message>
    <message>
        <source>print continues this many mm past the cut line</source>
        <translation>la impresión sigue tantos mm más allá de la línea de corte</translation>
    </message>
    <message>
        <source>art (default) or rim: what the bleed is printed with</source>
        <translation>art (si no se dice otra cosa) o rim: con qué se imprime el sangrado</translation>
    </message>
    <message>
        <source>a further line to cut through points X,Y,X,Y,… (pixels), closed when it ends where it begins; may be repeated</source>
        <translation>otra línea de corte por los puntos X,Y,X,Y,… (píxeles), cerrada si acaba donde empieza; se puede repetir</translation>
    </message>
    <message>
        <source>do not cut the line nearest to X,Y (pixels); may be repeated</source>
        <translation>no corta la línea más cercana a X,Y (píxeles); se puede repetir</translation>
    </message>
    <message>
        <source>take a PDF&apos;s page as a drawing instead of as a picture</source>
        <translation>toma la página de un PDF como dibujo y no como imagen</translation>
    </message>
    <message>
        <source>of a drawing: round (cut only round everything), bottom (cut the bottom shape, print the rest), colours (each colour its own piece) or file (as in the file)</source>
        <translation>de dibujos: round (cortar solo alrededor de todo), bottom (cortar la forma inferior e imprimir el resto), colours (cada color una pieza) o file (como en el archivo)</translation>
    </message>
    <message>
        <source>what happens to parts, as WHICH=USE: USE is printed, cut, both or neither, with :kiss, :score or :through for a line of their own. WHICH is a number from 1 at the back, a name, layer:NAME, colour:#RRGGBB or all; may be repeated</source>
        <translation>qué se hace con las partes, como CUÁL=USO: USO es printed, cut, both o neither, con :kiss, :score o :through para una línea propia. CUÁL es un número desde 1 al fondo, un nombre, layer:NOMBRE, colour:#RRGGBB o all; se puede repetir</translation>
    </message>
    <message>
        <source>combine parts, as HOW:WHICH,WHICH…: join, take-out, overlap-only, exclude, split or pieces; may be repeated</source>
        <translation>combina partes, como MODO:CUÁL,CUÁL…: join, take-out, overlap-only, exclude, split o pieces; se puede repetir</translation>
    </message>
    <message>
        <source>only what is visible: each part loses what lies under those above it</source>
        <translation>solo lo visible: cada parte pierde lo que queda bajo las de encima</translation>
    </message>
    <message>
        <source>leave out pieces of combined parts thinner than this many mm</source>
        <translation>descarta trozos de partes combinadas más finos que tantos mm</translation>
    </message>
    <message>
        <source>print a drawing&apos;s colour as another: #RRGGBB=#RRGGBB; may be repeated</source>
        <translation>imprime un color del dibujo como otro: #RRGGBB=#RRGGBB; se puede repetir</translation>
    </message>
    <message>
        <source>fill parts anew, as WHICH=FILL; FILL is #RRGGBB, dots= or stripes=#RRGGBB,#RRGGBB[,PITCH], or the path of a picture; may be repeated</source>
        <translation>rellena partes de nuevo, como CUÁL=RELLENO; RELLENO es #RRGGBB, dots= o stripes=#RRGGBB,#RRGGBB[,PASO], o la ruta de una imagen; se puede repetir</translation>
    </message>
    <message>
        <source>make a label, as SHAPE:WxH in mm: rectangle, rounded, oval, notched, arch, tag, star, banner, or lettering for words alone</source>
        <translation>hace una etiqueta, como FORMA:AxH en mm: rectangle, rounded, oval, notched, arch, tag, star, banner, o lettering para solo palabras</translation>
    </message>
    <message>
        <source>make a label from a template, by its name or a file as FILE:NAME</source>
        <translation>hace una etiqueta a partir de una plantilla, por su nombre o de un archivo como ARCHIVO:NOMBRE</translation>
    </message>
    <message>
        <source>words on the label, \n for a new line, with fields such as {name}; may be repeated</source>
        <translation>palabras en la etiqueta, \n para una línea nueva, con campos como {name}; se puede repetir</translation>
    </message>
    <message>
        <source>how the text of the same number is set, as KEY=VALUE,…: font, size (mm), least (mm), fit, bold, italic, align, run (straight, top, bottom), spacing, letters, colour; may be repeated</source>
        <translation>cómo se compone el texto del mismo número, como CLAVE=VALOR,…: font, size (mm), least (mm), fit, bold, italic, align, run (straight, top, bottom), spacing, letters, colour; se puede repetir</translation>
    </message>
    <message>
        <source>the label&apos;s colour, #RRGGBB or none</source>
        <translation>el color de la etiqueta, #RRGGBB o none</translation>
    </message>
    <message>
        <source>the label&apos;s colours, by the swatch&apos;s name</source>
        <translation>los colores de la etiqueta, por el nombre de la gama</translation>
    </message>
    <message>
        <source>a line inside the edge, as WIDTH,INSET in mm</source>
        <translation>una línea dentro del filo, como ANCHO,DISTANCIA en mm</translation>
    </message>
    <message>
        <source>mm that words keep from the edge</source>
        <translation>mm que las palabras se apartan del filo</translation>
    </message>
    <message>
        <source>radius of round, notched or cut-off corners in mm</source>
        <translation>radio de las esquinas redondas, con muesca o cortadas, en mm</translation>
    </message>
    <message>
        <source>across a tag&apos;s hole in mm, 0 for none</source>
        <translation>diámetro del agujero de una etiqueta colgante en mm, 0 para ninguno</translation>
    </message>
    <message>
        <source>points of a star</source>
        <translation>puntas de una estrella</translation>
    </message>
    <message>
        <source>a picture on the label, as FILE[,PLACE[,SHARE]]: left, right, above, below or behind</source>
        <translation>una imagen en la etiqueta, como ARCHIVO[,LUGAR[,PARTE]]: left, right, above, below o behind</translation>
    </message>
    <message>
        <source>column of the list with names of picture files, which lie beside the list</source>
        <translation>columna de la lista con nombres de imágenes, que están junto a la lista</translation>
    </message>
    <message>
        <source>cut the letters, too: kiss, score or through</source>
        <translation>corta también las letras: kiss, score o through</translation>
    </message>
    <message>
        <source>CSV or text file: a label for each row, all put on the sheet</source>
        <translation>archivo CSV o de texto: una etiqueta por fila, todas puestas en la hoja</translation>
    </message>
    <message>
        <source>each text in one size on all labels of the list, the largest that fits</source>
        <translation>cada texto de un mismo tamaño en todas las etiquetas de la lista, el mayor que quepa</translation>
    </message>
    <message>
        <source>the day that {date} means, as YYYY-MM-DD; today when not given</source>
        <translation>el día que significa {date}, como AAAA-MM-DD; hoy si no se da</translation>
    </message>
    <message>
        <source>what the label is called</source>
        <translation>cómo se llama la etiqueta</translation>
    </message>
    <message>
        <source>lay a photograph flat: board[:PAPER], paper:PAPER, card, or corners:X,Y,X,Y,X,Y,X,Y:WxH (pixels clockwise from the top left, then mm)</source>
        <translation>aplana una fotografía: board[:PAPEL], paper:PAPEL, card, o corners:X,Y,X,Y,X,Y,X,Y:AxH (píxeles en el sentido del reloj desde arriba a la izquierda, luego mm)</translation>
    </message>
    <message>
        <source>light that falls unevenly: auto, even it, or as-is</source>
        <translation>luz desigual: auto, even (igualar) o as-is (dejar como está)</translation>
    </message>
    <message>
        <source>soft shadows of the art on its ground: auto, drop or keep</source>
        <translation>sombras suaves del diseño sobre su fondo: auto, drop (quitar) o keep (conservar)</translation>
    </message>
    <message>
        <source>part what stands out from any ground: auto, or the box round it as X,Y,W,H in pixels</source>
        <translation>separa lo que resalta de cualquier fondo: auto, o el recuadro que lo rodea como X,Y,A,H en píxeles</translation>
    </message>
    <message>
        <source>a stroke over what belongs to the subject, as SIZE,X,Y[,X,Y…]</source>
        <translation>un trazo sobre lo que pertenece, como TAMAÑO,X,Y[,X,Y…]</translation>
    </message>
    <message>
        <source>a stroke over what does not, as SIZE,X,Y[,X,Y…]</source>
        <translation>un trazo sobre lo que no pertenece, como TAMAÑO,X,Y[,X,Y…]</translation>
    </message>
    <message>
        <source>trace one artwork and write its outline or cut line as SVG</source>
        <translation>traza un diseño y escribe su contorno o línea de corte como SVG</translation>
    </message>
    <message>
        <source>the picture</source>
        <translation>la imagen</translation>
    </message>
    <message>
        <source>SVG file, in mm at the artwork&apos;s true size</source>
        <translation>archivo SVG, en mm al tamaño real del diseño</translation>
    </message>
    <message>
        <source>one path for each piece of the picture, in reading order; what is nearer than this many mm is one piece</source>
        <translation>un trazado por cada pieza de la imagen, en orden de lectura; lo que está a menos de tantos mm es una pieza</translation>
    </message>
    <message>
        <source>JSON report to a file, or - for standard output</source>
        <translation>informe JSON a un archivo, o - para la salida estándar</translation>
    </message>
    <message>
        <source>pixels per inch of the artwork, in place of what the file states</source>
        <translation>píxeles por pulgada del diseño, en lugar de lo que dice el archivo</translation>
    </message>
    <message>
        <source>lay copies out on a sheet and write what prints and what cuts</source>
        <translation>reparte copias en una hoja y escribe lo que se imprime y lo que se corta</translation>
    </message>
    <message>
        <source>a project to start from, and pictures and drawings to add</source>
        <translation>un proyecto del que partir, e imágenes y dibujos que se añaden</translation>
    </message>
    <message>
        <source>a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in</source>
        <translation>a3 a a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, o un tamaño como 100x150 (mm) o 4x6in</translation>
    </message>
    <message>
        <source>printer margin in mm</source>
        <translation>margen de la impresora en mm</translation>
    </message>
    <message>
        <source>dots, crosses or none</source>
        <translation>dots, crosses o none</translation>
    </message>
    <message>
        <source>a mark scheme file, in place of --marks</source>
        <translation>un archivo con un esquema de marcas, en lugar de --marks</translation>
    </message>
    <message>
        <source>mm along every edge that the cutter cannot reach</source>
        <translation>mm en cada orilla que la cortadora no alcanza</translation>
    </message>
    <message>
        <source>divide the page into COLUMNSxROWS small sheets</source>
        <translation>divide la página en COLUMNASxFILAS hojas pequeñas</translation>
    </message>
    <message>
        <source>how small sheets are cut: none, through or score</source>
        <translation>cómo se cortan las hojas pequeñas: none, through o score</translation>
    </message>
    <message>
        <source>mm between small sheets</source>
        <translation>mm entre hojas pequeñas</translation>
    </message>
    <message>
        <source>least distance between cut lines in mm</source>
        <translation>distancia mínima entre líneas de corte en mm</translation>
    </message>
    <message>
        <source>upright rectangles with sharp corners lie edge to edge, with one cut where two meet</source>
        <translation>los rectángulos derechos de esquinas vivas se tocan, con un solo corte donde dos se juntan</translation>
    </message>
    <message>
        <source>copies of each picture added</source>
        <translation>copias de cada imagen añadida</translation>
    </message>
    <message>
        <source>as many copies of each picture as fit, or as --copies says: in rows, snug, or snug and turned; of all stickers when only a project is given</source>
        <translation>tantas copias de cada imagen como quepan, o las que diga --copies: en filas, ajustadas, o ajustadas y giradas; de todas las pegatinas si solo se da un proyecto</translation>
    </message>
    <message>
        <source>for --fill turned: half, quarters or any</source>
        <translation>para --fill turned: half, quarters o any</translation>
    </message>
    <message>
        <source>pages that copies may flow on to</source>
        <translation>páginas a las que pueden pasar las copias</translation>
    </message>
    <message>
        <source>look for other ways, too, until no page less will do</source>
        <translation>busca también otras maneras, hasta que no baste una página menos</translation>
    </message>
    <message>
        <source>how long to search for a better layout; 0 takes the first</source>
        <translation>cuánto tiempo se busca un reparto mejor; 0 toma el primero</translation>
    </message>
    <message>
        <source>of the search; the same seed gives the same sheet</source>
        <translation>de la búsqueda; la misma semilla da la misma hoja</translation>
    </message>
    <message>
        <source>spread the copies evenly when they are placed</source>
        <translation>reparte las copias por igual una vez puestas</translation>
    </message>
    <message>
        <source>longer side of each picture added, in mm</source>
        <translation>lado más largo de cada imagen añadida, en mm</translation>
    </message>
    <message>
        <source>save the project</source>
        <translation>guarda el proyecto</translation>
    </message>
    <message>
        <source>the sheet to print</source>
        <translation>la hoja para imprimir</translation>
    </message>
    <message>
        <source>store pictures that print finer at so many dots per inch</source>
        <translation>guarda las imágenes que se imprimirían más finas a tantos puntos por pulgada</translation>
    </message>
    <message>
        <source>store pictures that were changed as JPEG of this quality, with their edge in a mask</source>
        <translation>guarda las imágenes cambiadas como JPEG de esta calidad, con su filo en una máscara</translation>
    </message>
    <message>
        <source>the cut lines alone as PDF, an ink for each kind of cut</source>
        <translation>solo las líneas de corte como PDF, una tinta por cada clase de corte</translation>
    </message>
    <message>
        <source>the cut lines in mm</source>
        <translation>las líneas de corte en mm</translation>
    </message>
    <message>
        <source>the cut lines as DXF in mm, a layer for each kind of cut</source>
        <translation>las líneas de corte como DXF en mm, una capa por cada clase de corte</translation>
    </message>
    <message>
        <source>keep curves as splines instead of short lines</source>
        <translation>conserva las curvas como splines en lugar de segmentos cortos</translation>
    </message>
    <message>
        <source>the cut lines for a cutter, in cutting order</source>
        <translation>las líneas de corte para una cortadora, en el orden de corte</translation>
    </message>
    <message>
        <source>the cut lines as G-code, in cutting order</source>
        <translation>las líneas de corte como G-code, en el orden de corte</translation>
    </message>
    <message>
        <source>a machine&apos;s profile, whose ways --hpgl and --gcode take</source>
        <translation>el perfil de una máquina, a cuyo modo se atienen --hpgl y --gcode</translation>
    </message>
    <message>
        <source>what is cut, by its name: decides passes, overcut and blade</source>
        <translation>qué se corta, por su nombre: decide pasadas, sobrecorte y cuchilla</translation>
    </message>
    <message>
        <source>mm that closed lines are cut past their start</source>
        <translation>mm que las líneas cerradas se cortan más allá de su comienzo</translation>
    </message>
    <message>
        <source>name of a cut line&apos;s ink in the PDF: kiss=NAME, score=NAME or through=NAME</source>
        <translation>nombre de la tinta de una línea de corte en el PDF: kiss=NOMBRE, score=NOMBRE o through=NOMBRE</translation>
    </message>
    <message>
        <source>print and cut the sheet as in a mirror, for transfer paper and film</source>
        <translation>imprime y corta la hoja como en un espejo, para papel de transferencia y lámina</translation>
    </message>
    <message>
        <source>cut what lies on the photographed board already, where it lies; nothing is printed</source>
        <translation>corta lo que ya está sobre el tablero fotografiado, donde está; no se imprime nada</translation>
    </message>
    <message>
        <source>a sticker for each piece of a picture; what is nearer than this many mm is one piece</source>
        <translation>una pegatina por cada pieza de una imagen; lo que está a menos de tantos mm es una pieza</translation>
    </message>
    <message>
        <source>write --pdf and --png as outlines and rulers, for a test on plain paper</source>
        <translation>escribe --pdf y --png como contornos y reglas, para una prueba en papel corriente</translation>
    </message>
    <message>
        <source>the sheet as the practice printer prints it</source>
        <translation>la hoja tal como la imprime la impresora de práctica</translation>
    </message>
    <message>
        <source>dots per inch of the PNG</source>
        <translation>puntos por pulgada del PNG</translation>
    </message>
    <message>
        <source>lay what is added on each other and make it one: outer (one cut round all of it), take-out, overlap-only, exclude or visible</source>
        <translation>pone lo añadido uno sobre otro y hace de todo uno: outer (un corte alrededor de todo), take-out, overlap-only, exclude o visible</translation>
    </message>
    <message>
        <source>list the parts of a layered drawing</source>
        <translation>enumera las partes de un dibujo con capas</translation>
    </message>
    <message>
        <source>an SVG, DXF or PDF file</source>
        <translation>un archivo SVG, DXF o PDF</translation>
    </message>
    <message>
        <source>the page of a PDF</source>
        <translation>la página de un PDF</translation>
    </message>
    <message>
        <source>print, load, find and cut with the practice devices</source>
        <translation>imprime, carga, localiza y corta con los aparatos de práctica</translation>
    </message>
    <message>
        <source>rehearse what was printed under this code</source>
        <translation>ensaya lo que se imprimió con este código</translation>
    </message>
    <message>
        <source>X,Y in mm that the sheet lies off in the cutter</source>
        <translation>X,Y en mm que la hoja está desplazada en la cortadora</translation>
    </message>
    <message>
        <source>degrees that it lies turned, clockwise</source>
        <translation>grados que está girada, en el sentido del reloj</translation>
    </message>
    <message>
        <source>percent that the print is stretched, or X,Y</source>
        <translation>tanto por ciento que la impresión está estirada, o X,Y</translation>
    </message>
    <message>
        <source>the sheet lies the wrong way round</source>
        <translation>la hoja está puesta al revés</translation>
    </message>
    <message>
        <source>mm by which ink grows</source>
        <translation>mm que se corre la tinta</translation>
    </message>
    <message>
        <source>of the sensor, in grey values</source>
        <translation>del sensor, en valores de gris</translation>
    </message>
    <message>
        <source>marks that are smudged, by number from 1</source>
        <translation>marcas borrosas, por número desde 1</translation>
    </message>
    <message>
        <source>marks that are not there, by number from 1</source>
        <translation>marcas que faltan, por número desde 1</translation>
    </message>
    <message>
        <source>how the print is found: sensor, hand or edge</source>
        <translation>cómo se localiza la impresión: sensor, hand o edge (orilla del papel)</translation>
    </message>
    <message>
        <source>mm that the blade in the machine really trails; as the material says when not given</source>
        <translation>mm que la cuchilla de la máquina va en realidad por detrás; si no se da, como dice el material</translation>
    </message>
    <message>
        <source>mm of play in the machine&apos;s axes</source>
        <translation>mm de holgura en los ejes de la máquina</translation>
    </message>
    <message>
        <source>also try so many sheets with slips as machines make them</source>
        <translation>prueba además tantas hojas con desvíos como los que tienen las máquinas</translation>
    </message>
    <message>
        <source>of noise and slips</source>
        <translation>del ruido y los desvíos</translation>
    </message>
    <message>
        <source>the sheet as it comes out</source>
        <translation>la hoja tal como sale</translation>
    </message>
    <message>
        <source>cut a printed sheet on a machine</source>
        <translation>corta una hoja impresa en una máquina</translation>
    </message>
    <message>
        <source>what was printed under this code; the newest when not given</source>
        <translation>lo que se imprimió con este código; lo más reciente si no se da</translation>
    </message>
    <message>
        <source>the machine&apos;s profile</source>
        <translation>el perfil de la máquina</translation>
    </message>
    <message>
        <source>X,Y of each mark in machine mm, as they were pointed at, in the order of the ticket&apos;s marks; none for one that cannot be seen. Without it the sheet is found by the paper&apos;s edge</source>
        <translation>X,Y de cada marca en mm de la máquina, tal como se señalaron, en el orden de las marcas de la ficha; none para la que no se ve. Sin ello, la hoja se localiza por la orilla del papel</translation>
    </message>
    <message>
        <source>X,Y in mm by which the cut is moved, right and towards you</source>
        <translation>X,Y en mm que se desplaza el corte, a la derecha y hacia usted</translation>
    </message>
    <message>
        <source>of the ticket, from 1</source>
        <translation>de la ficha, desde 1</translation>
    </message>
    <message>
        <source>write what the machine would be sent to a file, in place of sending it</source>
        <translation>escribe en un archivo lo que se enviaría a la máquina, en lugar de enviarlo</translation>
    </message>
    <message>
        <source>write the photo board, by which photographs are laid flat</source>
        <translation>escribe el tablero con el que se aplanan las fotografías</translation>
    </message>
    <message>
        <source>a4, letter, a3, 12x12in or WxH in mm</source>
        <translation>a4, letter, a3, 12x12in o AxH en mm</translation>
    </message>
    <message>
        <source>to print at actual size</source>
        <translation>para imprimir a tamaño real</translation>
    </message>
    <message>
        <source>the same in mm</source>
        <translation>lo mismo en mm</translation>
    </message>
    <message>
        <source>to be drawn by a cutter&apos;s pen</source>
        <translation>para dibujarlo con el rotulador de una cortadora</translation>
    </message>
    <message>
        <source>tell where a printed sheet lies on the photo board, by a photograph</source>
        <translation>dice, por una fotografía, dónde está una hoja impresa sobre el tablero</translation>
    </message>
    <message>
        <source>the photograph of the sheet on the board</source>
        <translation>la fotografía de la hoja sobre el tablero</translation>
    </message>
    <message>
        <source>the board&apos;s paper: a4, letter, a3, 12x12in or WxH in mm; found out when not given</source>
        <translation>el papel del tablero: a4, letter, a3, 12x12in o AxH en mm; si no se da, se averigua</translation>
    </message>
    <message>
        <source>run the preflight on a project</source>
        <translation>hace la verificación de un proyecto</translation>
    </message>
    <message>
        <source>Fusuma without a window: the same tracing, layout and output, for scripts and batches</source>
        <translation>Fusuma sin ventana: el mismo trazado, reparto y salida, para scripts y lotes</translation>
    </message>
    <message>
        <source>0 done, 1 done but preflight found something to fix, 2 bad input or usage.</source>
        <translation>0 hecho, 1 hecho pero la verificación encontró algo que arreglar, 2 datos o uso incorrectos.</translation>
    </message>
    <message>
        <source>seconds of work that reading a file may take, for those that need more</source>
        <translation>segundos de trabajo que puede llevar la lectura de un archivo, para los que necesitan más</translation>
    </message>
    <message>
        <source>what tells art from background: auto, alpha, brightness, subject, colour, colour=#RRGGBB[,#RRGGBB…] to take colours away, or keep=#RRGGBB[,…] to keep nothing else</source>
        <translation>qué distingue el diseño del fondo: auto, alpha, brightness, subject, colour, colour=#RRGGBB[,#RRGGBB…] para quitar colores, o keep=#RRGGBB[,…] para no conservar otra cosa</translation>
    </message>
    <message>
        <source>with colour: difference up to which a pixel counts as background</source>
        <translation>con colour: diferencia hasta la que un píxel cuenta como fondo</translation>
    </message>
    <message>
        <source>with colour: take it away where the art encloses it, too</source>
        <translation>con colour: quitarlo también donde lo encierra el diseño</translation>
    </message>
    <message>
        <source>take the even patch of colour at X,Y (pixels) away; may be repeated</source>
        <translation>quita la mancha de color uniforme en X,Y (píxeles); se puede repetir</translation>
    </message>
    <message>
        <source>whatever the art encloses counts as art</source>
        <translation>lo que encierra el diseño cuenta como diseño</translation>
    </message>
    <message>
        <source>a brush stroke as add|erase,SIZE,X,Y[,X,Y…] in pixels; may be repeated</source>
        <translation>una pincelada como add|erase,TAMAÑO,X,Y[,X,Y…] en píxeles; se puede repetir</translation>
    </message>
    <message>
        <source>only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>solo en esta parte de la imagen, como X,Y,A,H en píxeles</translation>
    </message>
    <message>
        <source>use only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>toma solo esta parte de la imagen, como X,Y,A,H en píxeles</translation>
    </message>
    <message>
        <source>exchange left and right</source>
        <translation>intercambia izquierda y derecha</translation>
    </message>
    <message>
        <source>turn the artwork clockwise, in degrees</source>
        <translation>gira el diseño en el sentido del reloj, en grados</translation>
    </message>
    <message>
        <source>dots per inch at which a PDF&apos;s page is drawn</source>
        <translation>puntos por pulgada a los que se dibuja la página de un PDF</translation>
    </message>
    <message>
        <source>coverage above which a pixel counts as art, or with brightness the grey below which it does, 0-255</source>
        <translation>cobertura a partir de la que un píxel cuenta como diseño, o con brightness el gris por debajo del que cuenta, 0-255</translation>
    </message>
    <message>
        <source>farthest that the curve may stray, in pixels</source>
        <translation>lo más que puede desviarse la curva, en píxeles</translation>
    </message>
    <message>
        <source>length over which wobbles of the edge are evened out, in pixels</source>
        <translation>longitud en la que se alisan las ondulaciones del contorno, en píxeles</translation>
    </message>
    <message>
        <source>drop contours smaller than this many mm²</source>
        <translation>descarta contornos menores de tantos mm²</translation>
    </message>
    <message>
        <source>close holes smaller than this many mm² (as --ignore-specks)</source>
        <translation>cierra huecos menores de tantos mm² (como --ignore-specks)</translation>
    </message>
    <message>
        <source>leave all holes out</source>
        <translation>descarta todos los huecos</translation>
    </message>
    <message>
        <source>close breaks in lines up to this many mm</source>
        <translation>cierra interrupciones de las líneas de hasta tantos mm</translation>
    </message>
    <message>
        <source>width of the artwork in mm</source>
        <translation>ancho del diseño en mm</translation>
    </message>
    <message>
        <source>kiss or through</source>
        <translation>kiss o through</translation>
    </message>
    <message>
        <source>Fusuma: print-then-cut sticker sheets from pictures</source>
        <translation>Fusuma: hojas de pegatinas a partir de imágenes, impresas y luego cortadas</translation>
    </message>
    <message>
        <source>projects to open, and pictures and drawings to add</source>
        <translation>proyectos que abrir, e imágenes y dibujos que añadir</translation>
    </message>
    <message>
        <source>begin with a new label</source>
        <translation>empieza con una etiqueta nueva</translation>
    </message>
    <message>
        <source>open the example that comes with the program, unless FILEs are given</source>
        <translation>abre el ejemplo que acompaña al programa, si no se dan archivos</translation>
    </message>
    <message>
        <source>the language that {date} is written in: en, de, fr, ja, …</source>
        <translation>el idioma en que se escribe {date}: en, de, fr, ja, …</translation>
    </message>
    <message>
        <source>what the list is written in, such as Windows-1250 or Shift_JIS; found out when not given</source>
        <translation>en qué codificación está la lista, como Windows-1250 o Shift_JIS; si no se da, se averigua</translation>
    </message>
</context>
<context>
    <name>printing</name>
    <message>
        <source>Printing</source>
        <translation>Imprimiendo</translation>
    </message>
</context>
<context>
    <name>said</name>
    <message>
        <source>--source {source}: give auto, alpha, brightness, subject, colour, colour=#RRGGBB or keep=#RRGGBB.</source>
        <translation>--source {source}: dé auto, alpha, brightness, subject, colour, colour=#RRGGBB o keep=#RRGGBB.</translation>
    </message>
    <message>
        <source>--source {source}: give colours as {kind}=#RRGGBB,#RRGGBB.</source>
        <translation>--source {source}: dé los colores como {kind}=#RRGGBB,#RRGGBB.</translation>
    </message>
    <message>
        <source>--pocket {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--pocket {words}: dé X,Y en píxeles, como 100,80.</translation>
    </message>
    <message>
        <source>Found by the paper&apos;s edge: nothing checks where the print lies.</source>
        <translation>Hallada por el canto del papel: nada comprueba dónde está la impresión.</translation>
    </message>
    <message>
        <source>at its left edge</source>
        <translation>por su canto izquierdo</translation>
    </message>
    <message>
        <source>at its right edge</source>
        <translation>por su canto derecho</translation>
    </message>
    <message>
        <source>at its far edge</source>
        <translation>por su canto del fondo</translation>
    </message>
    <message>
        <source>at its near edge</source>
        <translation>por su canto delantero</translation>
    </message>
    <message>
        <source>“{sticker}” would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>«{sticker}» saldría {mm} mm de la mesa de la máquina {edge}</translation>
    </message>
    <message>
        <source>A line that divides the sheet would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>Una línea que divide la hoja saldría {mm} mm de la mesa de la máquina {edge}</translation>
    </message>
    <message>
        <source>No photo board was found in the picture.</source>
        <translation>No se halló ningún tablero en la imagen.</translation>
    </message>
    <message>
        <source>The picture is too small for one.</source>
        <translation>La imagen es demasiado pequeña para uno.</translation>
    </message>
    <message>
        <source>The picture has more than 32,000 pixels along a side.</source>
        <translation>La imagen tiene más de 32.000 píxeles por un lado.</translation>
    </message>
    <message>
        <source>Save it smaller first.</source>
        <translation>Guárdela antes más pequeña.</translation>
    </message>
    <message>
        <source>The picture is mirrored: its board&apos;s marks run the wrong way round.</source>
        <translation>La imagen está reflejada: las marcas de su tablero van al revés.</translation>
    </message>
    <message>
        <source>Turn the camera&apos;s mirroring off, or mirror the picture back.</source>
        <translation>Quite el reflejo de la cámara, o refleje de vuelta la imagen.</translation>
    </message>
    <message>
        <source>Only a part of the photo board is in sight.</source>
        <translation>Solo se ve una parte del tablero.</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it and none covered.</source>
        <translation>Tome la foto con todas sus marcas y ninguna tapada.</translation>
    </message>
    <message>
        <source>Lay the art on a printed board and take the whole board into the picture, sharp and large.</source>
        <translation>Ponga el diseño sobre un tablero impreso y tome todo el tablero, nítido y grande.</translation>
    </message>
    <message>
        <source>Too few of the board&apos;s marks are in sight.</source>
        <translation>Se ven muy pocas marcas del tablero.</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it.</source>
        <translation>Tome la foto con todas sus marcas.</translation>
    </message>
    <message>
        <source>The photo board&apos;s marks could not be placed.</source>
        <translation>No se pudieron situar las marcas del tablero.</translation>
    </message>
    <message>
        <source>Take the picture again, sharp and in even light.</source>
        <translation>Tome la foto otra vez, nítida y con luz pareja.</translation>
    </message>
    <message>
        <source>Only {seen} of {all} of the board&apos;s marks are in sight.</source>
        <translation>Solo se ven {seen} de {all} marcas del tablero.</translation>
    </message>
    <message>
        <source>The picture is too small: {mm} mm of the board to a pixel.</source>
        <translation>La imagen es demasiado pequeña: {mm} mm del tablero por píxel.</translation>
    </message>
    <message>
        <source>Go nearer, so that the board fills the picture.</source>
        <translation>Acérquese, para que el tablero llene la imagen.</translation>
    </message>
    <message>
        <source>The picture is blurred: an edge is {mm} mm wide.</source>
        <translation>La imagen está movida: un borde mide {mm} mm de ancho.</translation>
    </message>
    <message>
        <source>Hold the camera still, in more light, and let it focus on the board.</source>
        <translation>Sujete quieta la cámara, con más luz, y deje que enfoque el tablero.</translation>
    </message>
    <message>
        <source>The board&apos;s marks are {mm} mm off where they should be.</source>
        <translation>Las marcas del tablero están a {mm} mm de su sitio.</translation>
    </message>
    <message>
        <source>Lay the board flat and see that it was printed at actual size.</source>
        <translation>Ponga plano el tablero y mire que se imprimió a tamaño real.</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to be found by.</source>
        <translation>Esta hoja tiene menos de tres marcas por las que hallarla.</translation>
    </message>
    <message>
        <source>Print it with marks.</source>
        <translation>Imprímala con marcas.</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the sheet are hardly seen.</source>
        <translation>La imagen es demasiado pequeña: las marcas de la hoja apenas se ven.</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the page are hardly seen.</source>
        <translation>La imagen es demasiado pequeña: las marcas de la página apenas se ven.</translation>
    </message>
    <message>
        <source>Go nearer, so that the page fills the picture.</source>
        <translation>Acérquese, para que la página llene la imagen.</translation>
    </message>
    <message>
        <source>The picture is too small.</source>
        <translation>La imagen es demasiado pequeña.</translation>
    </message>
    <message>
        <source>Its edges are not straight: it does not lie flat.</source>
        <translation>Sus cantos no son rectos: no está plano.</translation>
    </message>
    <message>
        <source>Press it flat and take the picture again.</source>
        <translation>Apriételo plano y tome la foto otra vez.</translation>
    </message>
    <message>
        <source>No sheet of such paper was found in the picture.</source>
        <translation>No se halló en la imagen una hoja de ese papel.</translation>
    </message>
    <message>
        <source>Take all four of its edges into the picture, on a darker ground, or drag the corners.</source>
        <translation>Tome sus cuatro cantos en la imagen, sobre fondo más oscuro, o arrastre las esquinas.</translation>
    </message>
    <message>
        <source>No card was found in the picture.</source>
        <translation>No se halló ninguna tarjeta en la imagen.</translation>
    </message>
    <message>
        <source>Lay a light bank card beside the art, on a darker ground, all of it in the picture.</source>
        <translation>Ponga una tarjeta bancaria clara junto al diseño, sobre fondo más oscuro, entera en la imagen.</translation>
    </message>
    <message>
        <source>These four corners do not make the outline of a flat thing.</source>
        <translation>Estas cuatro esquinas no forman el contorno de algo plano.</translation>
    </message>
    <message>
        <source>Give them clockwise from the top left, none inside the others.</source>
        <translation>Délas en sentido horario desde arriba a la izquierda, ninguna dentro de las otras.</translation>
    </message>
    <message>
        <source>What the corners span must be 0.5 to 5000 mm long each way.</source>
        <translation>Lo que abarcan las esquinas debe medir de 0,5 a 5000 mm por lado.</translation>
    </message>
    <message>
        <source>The paper is another.</source>
        <translation>El papel es otro.</translation>
    </message>
    <message>
        <source>The sheet is mirrored now.</source>
        <translation>La hoja está ahora reflejada.</translation>
    </message>
    <message>
        <source>The sheet is no longer mirrored.</source>
        <translation>La hoja ya no está reflejada.</translation>
    </message>
    <message>
        <source>The marks lie elsewhere.</source>
        <translation>Las marcas están en otro sitio.</translation>
    </message>
    <message>
        <source>What lies on the board is cut now.</source>
        <translation>Ahora se corta lo que está en el tablero.</translation>
    </message>
    <message>
        <source>The sheet is printed now.</source>
        <translation>La hoja se imprime ahora.</translation>
    </message>
    <message>
        <source>The page is divided differently.</source>
        <translation>La página está dividida de otro modo.</translation>
    </message>
    <message>
        <source>There are other pages.</source>
        <translation>Hay otras páginas.</translation>
    </message>
    <message>
        <source>“{sticker}” was changed.</source>
        <translation>Se cambió «{sticker}».</translation>
    </message>
    <message numerus="yes">
        <source>%n copies were added.</source>
        <translation>
            <numerusform>Se añadió una copia.</numerusform>
            <numerusform>Se añadieron %n copias.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were taken away.</source>
        <translation>
            <numerusform>Se quitó una copia.</numerusform>
            <numerusform>Se quitaron %n copias.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were moved.</source>
        <translation>
            <numerusform>Se movió una copia.</numerusform>
            <numerusform>Se movieron %n copias.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n marks reach {length} into the margins, so the printer will clip them</source>
        <translation>
            <numerusform>Una marca entra {length} en los márgenes, así que la impresora la recortará</numerusform>
            <numerusform>%n marcas entran {length} en los márgenes, así que la impresora las recortará</numerusform>
        </translation>
    </message>
    <message>
        <source>Move the marks in</source>
        <translation>Meter las marcas</translation>
    </message>
    <message>
        <source>{sticker}: its cut lines cross, which tears the corners between</source>
        <translation>{sticker}: sus líneas de corte se cruzan, lo que rasga las esquinas</translation>
    </message>
    <message>
        <source>Leave out the drawn lines</source>
        <translation>Omitir las líneas dibujadas</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines lie on each other for {length}</source>
        <translation>{sticker} y {other}: sus líneas de corte coinciden en {length}</translation>
    </message>
    <message>
        <source>Remove one</source>
        <translation>Quitar una</translation>
    </message>
    <message>
        <source>The sheet is empty</source>
        <translation>La hoja está vacía</translation>
    </message>
    <message>
        <source>Page {page} is empty</source>
        <translation>La página {page} está vacía</translation>
    </message>
    <message>
        <source>Remove the page</source>
        <translation>Quitar la página</translation>
    </message>
    <message>
        <source>{sticker}: reaches {length} into a mark&apos;s keep-clear area</source>
        <translation>{sticker}: entra {length} en la zona libre de una marca</translation>
    </message>
    <message>
        <source>Move it away</source>
        <translation>Apartarla</translation>
    </message>
    <message>
        <source>does not fit, even as small as it may get</source>
        <translation>no cabe, ni tan pequeño como se permite</translation>
    </message>
    <message>
        <source>asks for {field}, which the list has not</source>
        <translation>pide {field}, que la lista no tiene</translation>
    </message>
    <message>
        <source>asks for the picture “{picture}”, which is not here</source>
        <translation>pide la imagen «{picture}», que no está aquí</translation>
    </message>
    <message>
        <source>{sticker}: row {row}, “{words}”, {trouble}</source>
        <translation>{sticker}: fila {row}, «{words}», {trouble}</translation>
    </message>
    <message>
        <source>{sticker}: the text {trouble}</source>
        <translation>{sticker}: el texto {trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{finding} (and %n more rows)</source>
        <translation>
            <numerusform>{finding} (y una fila más)</numerusform>
            <numerusform>{finding} (y %n filas más)</numerusform>
        </translation>
    </message>
    <message>
        <source>Let it shrink to 4 pt</source>
        <translation>Dejar que encoja a 4 pt</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n changes made by hand no longer fit its cut line</source>
        <translation>
            <numerusform>{sticker}: un cambio hecho a mano ya no encaja en su línea de corte</numerusform>
            <numerusform>{sticker}: %n cambios hechos a mano ya no encajan en su línea de corte</numerusform>
        </translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>Quitar lo que no encaja</translation>
    </message>
    <message>
        <source>{sticker}: a picture in it is printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker}: una imagen en ella se imprime a {dpi} ppp, se piden {wanted}</translation>
    </message>
    <message>
        <source>{sticker}: printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker}: impresa a {dpi} ppp, se piden {wanted}</translation>
    </message>
    <message>
        <source>Make it {length} wide</source>
        <translation>Hacerla de {length} de ancho</translation>
    </message>
    <message>
        <source>{sticker}: its cut line has {nodes} nodes, {density} on every millimetre</source>
        <translation>{sticker}: su línea de corte tiene {nodes} nodos, {density} por milímetro</translation>
    </message>
    <message>
        <source>Smooth its edge</source>
        <translation>Suavizar su borde</translation>
    </message>
    <message>
        <source>The sheet is printed and cut as in a mirror: right for transfer paper and film that is seen from behind, wrong for stickers</source>
        <translation>La hoja se imprime y corta como en un espejo: bien para papel de transferencia y película vista por detrás, mal para pegatinas</translation>
    </message>
    <message>
        <source>Print it as it is seen</source>
        <translation>Imprimirla como se ve</translation>
    </message>
    <message>
        <source>{sticker}: detail {length} inside the cut line, where a slip shows</source>
        <translation>{sticker}: detalle {length} dentro de la línea de corte, donde se ve un desvío</translation>
    </message>
    <message>
        <source>Give it a border</source>
        <translation>Ponerle un borde</translation>
    </message>
    <message>
        <source>{sticker}: its border is printed up to the cut without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker}: su borde llega impreso al corte sin sangrado, así que el menor desvío muestra papel</translation>
    </message>
    <message>
        <source>{sticker}: cut along its own art without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker}: cortada por su diseño sin sangrado, así que el menor desvío muestra papel</translation>
    </message>
    <message>
        <source>Add a bleed of {length}</source>
        <translation>Poner un sangrado de {length}</translation>
    </message>
    <message>
        <source>{sticker}: does not lie on the photographed board, so it is not cut</source>
        <translation>{sticker}: no está en el tablero fotografiado, así que no se corta</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines do not close</source>
        <translation>
            <numerusform>{sticker}: una línea de corte no se cierra</numerusform>
            <numerusform>{sticker}: %n líneas de corte no se cierran</numerusform>
        </translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Cerrarla</translation>
    </message>
    <message>
        <source>Close them</source>
        <translation>Cerrarlas</translation>
    </message>
    <message>
        <source>The sheet is {paper}, but the printer is set to {other}</source>
        <translation>La hoja es {paper}, pero la impresora está en {other}</translation>
    </message>
    <message>
        <source>Make the sheet {paper}</source>
        <translation>Hacer la hoja {paper}</translation>
    </message>
    <message>
        <source>{sticker}: {length} of its bleed lie where the printer cannot print</source>
        <translation>{sticker}: {length} de su sangrado caen donde la impresora no imprime</translation>
    </message>
    <message>
        <source>Move it in</source>
        <translation>Meterla</translation>
    </message>
    <message>
        <source>{sticker}: larger than the cut zone, which takes {width} × {height}</source>
        <translation>{sticker}: mayor que la zona de corte, que admite {width} × {height}</translation>
    </message>
    <message>
        <source>Make it fit</source>
        <translation>Hacer que quepa</translation>
    </message>
    <message>
        <source>{sticker}: {length} outside the cut zone</source>
        <translation>{sticker}: {length} fuera de la zona de corte</translation>
    </message>
    <message>
        <source>The sheet has changed; look again.</source>
        <translation>La hoja ha cambiado; mire otra vez.</translation>
    </message>
    <message>
        <source>{finding} — it is locked; unlock it first.</source>
        <translation>{finding} — está bloqueada; desbloquéela antes.</translation>
    </message>
    <message>
        <source>{finding} — no free place is large enough.</source>
        <translation>{finding} — ningún hueco libre es bastante grande.</translation>
    </message>
    <message>
        <source>The printer is set to {share} %, so nothing will have its size and the cut will miss its print</source>
        <translation>La impresora está al {share} %, así que nada tendrá su tamaño y el corte no acertará su impresión</translation>
    </message>
    <message>
        <source>The printer is set to print borderless, which enlarges the page</source>
        <translation>La impresora está puesta sin márgenes, lo que agranda la página</translation>
    </message>
    <message>
        <source>Print at true size</source>
        <translation>Imprimir a tamaño verdadero</translation>
    </message>
    <message>
        <source>a mark</source>
        <translation>una marca</translation>
    </message>
    <message>
        <source>{sticker}: {left} of bleed remain beside {other}, {asked} wanted</source>
        <translation>{sticker}: quedan {left} de sangrado junto a {other}, se piden {asked}</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines are too small for the blade to turn</source>
        <translation>
            <numerusform>{sticker}: una línea de corte es demasiado pequeña para que gire la cuchilla</numerusform>
            <numerusform>{sticker}: %n líneas de corte son demasiado pequeñas para que gire la cuchilla</numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Omitirla</translation>
    </message>
    <message>
        <source>Leave them out</source>
        <translation>Omitirlas</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines overlap</source>
        <translation>{sticker} y {other}: sus líneas de corte se solapan</translation>
    </message>
    <message>
        <source>{sticker} and {other}: {length} apart, {gap} wanted</source>
        <translation>{sticker} y {other}: a {length}, se piden {gap}</translation>
    </message>
    <message>
        <source>Move one away</source>
        <translation>Apartar una</translation>
    </message>
    <message>
        <source>{sticker}: is cut but prints nothing</source>
        <translation>{sticker}: se corta pero no imprime nada</translation>
    </message>
    <message>
        <source>{sticker}: prints but has no line to cut</source>
        <translation>{sticker}: imprime pero no tiene línea que cortar</translation>
    </message>
    <message>
        <source>{sticker}: nothing of it prints or is cut</source>
        <translation>{sticker}: nada de ella se imprime ni se corta</translation>
    </message>
    <message>
        <source>Take it off the sheet</source>
        <translation>Quitarla de la hoja</translation>
    </message>
    <message>
        <source>Clear around the art already, so its edge is known.</source>
        <translation>Ya hay transparencia alrededor, así que se conoce su borde.</translation>
    </message>
    <message>
        <source>Many colours along its edge, so what stands out from them is taken.</source>
        <translation>Muchos colores en su borde, así que se toma lo que destaca de ellos.</translation>
    </message>
    <message>
        <source>No transparency and no single colour along its edge, so the whole picture counts.</source>
        <translation>Ni transparencia ni un color único en su borde, así que cuenta la imagen entera.</translation>
    </message>
    <message>
        <source>All of it is {colour}, so the whole picture counts.</source>
        <translation>Todo es {colour}, así que cuenta la imagen entera.</translation>
    </message>
    <message>
        <source>Dark on light paper, so brightness tells them apart.</source>
        <translation>Oscuro sobre papel claro, así que el brillo los distingue.</translation>
    </message>
    <message>
        <source>Its edge is nearly all {colour}, so that colour is taken away.</source>
        <translation>Su borde es casi todo {colour}, así que se quita ese color.</translation>
    </message>
    <message numerus="yes">
        <source>%n marks were not found: {marks}. Smudged or covered?</source>
        <translation>
            <numerusform>No se encontró una marca: {marks}. ¿Está borrosa o tapada?</numerusform>
            <numerusform>No se encontraron %n marcas: {marks}. ¿Están borrosas o tapadas?</numerusform>
        </translation>
    </message>
    <message>
        <source>at the top left</source>
        <translation>arriba a la izquierda</translation>
    </message>
    <message>
        <source>at the top middle</source>
        <translation>arriba en el medio</translation>
    </message>
    <message>
        <source>at the top right</source>
        <translation>arriba a la derecha</translation>
    </message>
    <message>
        <source>at the middle left</source>
        <translation>en el medio a la izquierda</translation>
    </message>
    <message>
        <source>at the middle</source>
        <translation>en el medio</translation>
    </message>
    <message>
        <source>at the middle right</source>
        <translation>en el medio a la derecha</translation>
    </message>
    <message>
        <source>at the bottom left</source>
        <translation>abajo a la izquierda</translation>
    </message>
    <message>
        <source>at the bottom middle</source>
        <translation>abajo en el medio</translation>
    </message>
    <message>
        <source>at the bottom right</source>
        <translation>abajo a la derecha</translation>
    </message>
    <message>
        <source>the inner dot {place}</source>
        <translation>el punto interior {place}</translation>
    </message>
    <message>
        <source>the dot {place}</source>
        <translation>el punto {place}</translation>
    </message>
    <message>
        <source>the inner cross {place}</source>
        <translation>la cruz interior {place}</translation>
    </message>
    <message>
        <source>the cross {place}</source>
        <translation>la cruz {place}</translation>
    </message>
    <message>
        <source>the inner ring {place}</source>
        <translation>el anillo interior {place}</translation>
    </message>
    <message>
        <source>the ring {place}</source>
        <translation>el anillo {place}</translation>
    </message>
    <message>
        <source>The print is stretched by more than {share} %: was it printed at actual size?</source>
        <translation>La impresión está estirada más del {share} %: ¿se imprimió a tamaño real?</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks, so a sensor cannot find it.</source>
        <translation>Esta hoja tiene menos de tres marcas, así que un sensor no la halla.</translation>
    </message>
    <message>
        <source>No mark was found. Is the sheet loaded, printed side up?</source>
        <translation>No se encontró ninguna marca. ¿Está cargada la hoja, con lo impreso hacia arriba?</translation>
    </message>
    <message numerus="yes">
        <source>Only %n spots like marks were found, and they do not lie as the marks do. Is this the sheet that was printed?</source>
        <translation>
            <numerusform>Solo se encontró un punto como una marca. ¿Es esta la hoja que se imprimió?</numerusform>
            <numerusform>Solo se encontraron %n puntos como marcas, y no están como las marcas. ¿Es esta la hoja que se imprimió?</numerusform>
        </translation>
    </message>
    <message>
        <source>The marks fit as well the other way up. Say which way the sheet lies, or find it by hand.</source>
        <translation>Las marcas encajan igual del revés. Diga cómo está la hoja, o hállela a mano.</translation>
    </message>
    <message>
        <source>A mark lies {mm} mm from where the others say it should: {mark}. Smudged?</source>
        <translation>Una marca está a {mm} mm de donde dicen las demás: {mark}. ¿Está borrosa?</translation>
    </message>
    <message>
        <source>The marks are left {mm} mm off, more than {most} mm: is the sheet flat, and is it the one that was printed?</source>
        <translation>Las marcas quedan a {mm} mm, más de {most} mm: ¿está plana la hoja, y es la que se imprimió?</translation>
    </message>
    <message>
        <source>Only three marks were used, so nothing checks the result.</source>
        <translation>Solo se usaron tres marcas, así que nada comprueba el resultado.</translation>
    </message>
    <message>
        <source>Point at three marks or more that are not on one line.</source>
        <translation>Señale tres o más marcas que no estén en una línea.</translation>
    </message>
    <message>
        <source>The places differ by {mm} mm.</source>
        <translation>Los lugares difieren en {mm} mm.</translation>
    </message>
    <message>
        <source>The others agree: look again at {mark}.</source>
        <translation>Las demás coinciden: mire otra vez {mark}.</translation>
    </message>
    <message>
        <source>Which one is off cannot be told: look at each again, or at a fifth.</source>
        <translation>No se sabe cuál está desviado: mire otra vez cada uno, o un quinto.</translation>
    </message>
    <message>
        <source>Three marks leave little to check by: look at the first cut.</source>
        <translation>Tres marcas dejan poco que comprobar: mire el primer corte.</translation>
    </message>
    <message>
        <source>{paper}, upright</source>
        <translation>{paper}, vertical</translation>
    </message>
    <message>
        <source>{paper}, sideways</source>
        <translation>{paper}, apaisado</translation>
    </message>
    <message>
        <source>{width} × {height} mm</source>
        <translation>{width} × {height} mm</translation>
    </message>
    <message>
        <source>{paper} is smaller than its marks need.</source>
        <translation>{paper} es menor de lo que piden sus marcas.</translation>
    </message>
    <message>
        <source>Take larger paper or other marks.</source>
        <translation>Use papel mayor u otras marcas.</translation>
    </message>
    <message>
        <source>The margins leave nothing of {paper} to cut on.</source>
        <translation>Los márgenes no dejan nada de {paper} donde cortar.</translation>
    </message>
    <message>
        <source>Check the printer&apos;s and the cutter&apos;s margins and where the paper lies on the mat.</source>
        <translation>Revise los márgenes de impresora y cortadora, y dónde está el papel en la base.</translation>
    </message>
    <message>
        <source>Marks and margins leave nothing of the cut zone on {paper}.</source>
        <translation>Marcas y márgenes no dejan nada de la zona de corte en {paper}.</translation>
    </message>
    <message>
        <source>Take larger paper, smaller keep-clear areas, or no marks.</source>
        <translation>Use papel mayor, zonas libres menores o ninguna marca.</translation>
    </message>
    <message>
        <source>The small sheets leave no room for a sticker.</source>
        <translation>Las hojas pequeñas no dejan sitio para una pegatina.</translation>
    </message>
    <message>
        <source>Take fewer of them or a smaller gutter.</source>
        <translation>Ponga menos, o una calle menor.</translation>
    </message>
    <message>
        <source>Light falls on it unevenly, so it was evened.</source>
        <translation>La luz cae desigual, así que se igualó.</translation>
    </message>
    <message>
        <source>Soft shadows on its ground are left out.</source>
        <translation>Las sombras suaves de su fondo se omiten.</translation>
    </message>
    <message>
        <source>“{file}” does not exist.</source>
        <translation>«{file}» no existe.</translation>
    </message>
    <message>
        <source>“{file}” is a folder, not a file.</source>
        <translation>«{file}» es una carpeta, no un archivo.</translation>
    </message>
    <message>
        <source>“{file}” cannot be read.</source>
        <translation>«{file}» no se puede leer.</translation>
    </message>
    <message>
        <source>Check the file&apos;s permissions.</source>
        <translation>Revise los permisos del archivo.</translation>
    </message>
    <message>
        <source>“{file}” is larger than {most} MB, too large to open.</source>
        <translation>«{file}» supera {most} MB, demasiado para abrirlo.</translation>
    </message>
    <message>
        <source>“{file}” cannot be read: {why}.</source>
        <translation>«{file}» no se puede leer: {why}.</translation>
    </message>
    <message>
        <source>“{file}” cannot be written: {why}.</source>
        <translation>«{file}» no se puede escribir: {why}.</translation>
    </message>
    <message>
        <source>Choose another folder or name.</source>
        <translation>Elija otra carpeta u otro nombre.</translation>
    </message>
    <message>
        <source>“{words}” is not a known choice</source>
        <translation>«{words}» no es una opción conocida</translation>
    </message>
    <message>
        <source>{field} is out of range</source>
        <translation>{field} está fuera de rango</translation>
    </message>
    <message>
        <source>a place is out of range</source>
        <translation>un lugar está fuera de rango</translation>
    </message>
    <message>
        <source>a line drawn by hand cannot be read</source>
        <translation>una línea dibujada a mano no se puede leer</translation>
    </message>
    <message>
        <source>paper is out of range</source>
        <translation>el papel está fuera de rango</translation>
    </message>
    <message>
        <source>It holds a path that cannot be read.</source>
        <translation>Tiene un trazado que no se puede leer.</translation>
    </message>
    <message>
        <source>It holds too many points.</source>
        <translation>Tiene demasiados puntos.</translation>
    </message>
    <message>
        <source>It holds lines that lie off every paper.</source>
        <translation>Tiene líneas que caen fuera de cualquier papel.</translation>
    </message>
    <message>
        <source>It is not an SVG file that can be read.</source>
        <translation>No es un archivo SVG que se pueda leer.</translation>
    </message>
    <message>
        <source>It is not a DXF file that can be read.</source>
        <translation>No es un archivo DXF que se pueda leer.</translation>
    </message>
    <message>
        <source>“{file}” holds no lines to cut.</source>
        <translation>«{file}» no tiene líneas que cortar.</translation>
    </message>
    <message>
        <source>This is not HP-GL: an instruction does not end.</source>
        <translation>Esto no es HP-GL: una instrucción no termina.</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} carries “{words}”, which is not a number.</source>
        <translation>La instrucción HP-GL {name} lleva «{words}», que no es un número.</translation>
    </message>
    <message>
        <source>This is not HP-GL: “{words}” is no instruction.</source>
        <translation>Esto no es HP-GL: «{words}» no es una instrucción.</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} has an odd number of coordinates.</source>
        <translation>La instrucción HP-GL {name} tiene un número impar de coordenadas.</translation>
    </message>
    <message>
        <source>has no page {page}.</source>
        <translation>no tiene la página {page}.</translation>
    </message>
    <message>
        <source>“{file}” is empty.</source>
        <translation>«{file}» está vacío.</translation>
    </message>
    <message>
        <source>is no drawing that Fusuma can read.</source>
        <translation>no es un dibujo que Fusuma pueda leer.</translation>
    </message>
    <message>
        <source>Use SVG, DXF or PDF.</source>
        <translation>Use SVG, DXF o PDF.</translation>
    </message>
    <message>
        <source>“{file}” {trouble}</source>
        <translation>«{file}» {trouble}</translation>
    </message>
    <message>
        <source>“{file}” {note}.</source>
        <translation>«{file}» {note}.</translation>
    </message>
    <message>
        <source>is cut short.</source>
        <translation>está cortado.</translation>
    </message>
    <message>
        <source>Export it again.</source>
        <translation>Expórtelo otra vez.</translation>
    </message>
    <message>
        <source>is damaged, or larger than Fusuma can read.</source>
        <translation>está dañado, o es mayor de lo que Fusuma puede leer.</translation>
    </message>
    <message>
        <source>holds no lines that can be cut.</source>
        <translation>no contiene líneas que se puedan cortar.</translation>
    </message>
    <message>
        <source>Lines, arcs, polylines and splines are read.</source>
        <translation>Se leen líneas, arcos, polilíneas y splines.</translation>
    </message>
    <message>
        <source>words are too many</source>
        <translation>hay demasiadas palabras</translation>
    </message>
    <message>
        <source>the list is too long</source>
        <translation>la lista es demasiado larga</translation>
    </message>
    <message>
        <source>texts are too many</source>
        <translation>hay demasiados textos</translation>
    </message>
    <message>
        <source>the day is out of range</source>
        <translation>el día está fuera de rango</translation>
    </message>
    <message>
        <source>It was made for a newer version of Fusuma.</source>
        <translation>Se hizo para una versión más nueva de Fusuma.</translation>
    </message>
    <message>
        <source>Update Fusuma to use it.</source>
        <translation>Actualice Fusuma para usarlo.</translation>
    </message>
    <message>
        <source>Templates hold no pictures.</source>
        <translation>Las plantillas no llevan imágenes.</translation>
    </message>
    <message>
        <source>It is no JSON text.</source>
        <translation>No es texto JSON.</translation>
    </message>
    <message>
        <source>Help, User guide tells how templates are written.</source>
        <translation>Ayuda, Guía del usuario dice cómo se escriben las plantillas.</translation>
    </message>
    <message>
        <source>A field of “{template}” is missing or of the wrong kind: {detail}.</source>
        <translation>Un campo de «{template}» falta o no es de su tipo: {detail}.</translation>
    </message>
    <message>
        <source>A field of “{template}”: {detail}.</source>
        <translation>Un campo de «{template}»: {detail}.</translation>
    </message>
    <message>
        <source>It holds no templates.</source>
        <translation>No tiene plantillas.</translation>
    </message>
    <message>
        <source>The list is larger than the 20 MB that Fusuma can read.</source>
        <translation>La lista supera los 20 MB que Fusuma puede leer.</translation>
    </message>
    <message>
        <source>It is no list of words.</source>
        <translation>No es una lista de palabras.</translation>
    </message>
    <message>
        <source>Use CSV, or copy the cells and paste them.</source>
        <translation>Use CSV, o copie las celdas y péguelas.</translation>
    </message>
    <message>
        <source>The list is empty.</source>
        <translation>La lista está vacía.</translation>
    </message>
    <message>
        <source>The list has more than the 10,000 rows that Fusuma can fill labels from.</source>
        <translation>La lista tiene más de las 10.000 filas con que Fusuma puede llenar etiquetas.</translation>
    </message>
    <message>
        <source>“{file}” cannot be used.</source>
        <translation>«{file}» no se puede usar.</translation>
    </message>
    <message>
        <source>the file is not an object in braces</source>
        <translation>el archivo no es un objeto entre llaves</translation>
    </message>
    <message>
        <source>{field} is not an object in braces</source>
        <translation>{field} no es un objeto entre llaves</translation>
    </message>
    <message>
        <source>{field} is too long</source>
        <translation>{field} es demasiado largo</translation>
    </message>
    <message>
        <source>{field} must be from {least} to {most}</source>
        <translation>{field} debe ser de {least} a {most}</translation>
    </message>
    <message>
        <source>{field} must be one of {choices}</source>
        <translation>{field} debe ser uno de {choices}</translation>
    </message>
    <message>
        <source>{field} is not known</source>
        <translation>{field} no se conoce</translation>
    </message>
    <message>
        <source>x_runs and y_runs must be at right angles</source>
        <translation>x_runs e y_runs deben formar ángulo recto</translation>
    </message>
    <message>
        <source>hpgl.most_numbers must be even, since places are pairs</source>
        <translation>hpgl.most_numbers debe ser par, pues los lugares son pares</translation>
    </message>
    <message>
        <source>hpgl.most_bytes must be 0 or at least 40</source>
        <translation>hpgl.most_bytes debe ser 0 o al menos 40</translation>
    </message>
    <message>
        <source>park lies off the bed</source>
        <translation>park cae fuera de la mesa</translation>
    </message>
    <message>
        <source>This is not a machine&apos;s profile: it is not JSON.</source>
        <translation>Esto no es un perfil de máquina: no es JSON.</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {field} is not what it should be.</source>
        <translation>El perfil de esta máquina no se puede usar: {field} no es lo que debería.</translation>
    </message>
    <message>
        <source>Help, User guide tells what each field takes.</source>
        <translation>Ayuda, Guía del usuario dice qué admite cada campo.</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {trouble}.</source>
        <translation>El perfil de esta máquina no se puede usar: {trouble}.</translation>
    </message>
    <message>
        <source>a margin is out of range</source>
        <translation>un margen está fuera de rango</translation>
    </message>
    <message>
        <source>a correction is out of range</source>
        <translation>una corrección está fuera de rango</translation>
    </message>
    <message>
        <source>how the cutter moves is out of range</source>
        <translation>cómo se mueve la cortadora está fuera de rango</translation>
    </message>
    <message>
        <source>must be an object with fields in braces</source>
        <translation>debe ser un objeto con campos entre llaves</translation>
    </message>
    <message>
        <source>has no field “{field}”</source>
        <translation>no tiene el campo «{field}»</translation>
    </message>
    <message>
        <source>must be a number from {least} to {most}</source>
        <translation>debe ser un número de {least} a {most}</translation>
    </message>
    <message>
        <source>must be one of {choices}</source>
        <translation>debe ser uno de {choices}</translation>
    </message>
    <message>
        <source>must be a name of 1 to 80 letters</source>
        <translation>debe ser un nombre de 1 a 80 letras</translation>
    </message>
    <message>
        <source>must be a list of 1 to {most} marks</source>
        <translation>debe ser una lista de 1 a {most} marcas</translation>
    </message>
    <message>
        <source>This mark scheme is larger than 1 MB.</source>
        <translation>Este esquema de marcas supera 1 MB.</translation>
    </message>
    <message>
        <source>Line {line}: this is not JSON.</source>
        <translation>Línea {line}: esto no es JSON.</translation>
    </message>
    <message>
        <source>Look for a missing comma, quote or bracket there.</source>
        <translation>Busque ahí una coma, comilla o llave que falte.</translation>
    </message>
    <message>
        <source>Line {line}, field “{field}”: it {trouble}.</source>
        <translation>Línea {line}, campo «{field}»: {trouble}.</translation>
    </message>
    <message>
        <source>is damaged or cut short.</source>
        <translation>está dañado o cortado.</translation>
    </message>
    <message>
        <source>Export or download it again.</source>
        <translation>Expórtelo o descárguelo otra vez.</translation>
    </message>
    <message>
        <source>has {width} × {height} pixels, more than the 200 million that Fusuma can open.</source>
        <translation>tiene {width} × {height} píxeles, más de los 200 millones que Fusuma puede abrir.</translation>
    </message>
    <message>
        <source>Save a smaller copy and open that.</source>
        <translation>Guarde una copia más pequeña y abra esa.</translation>
    </message>
    <message>
        <source>is packed in a way that this computer cannot unpack.</source>
        <translation>está empaquetado de un modo que este equipo no sabe abrir.</translation>
    </message>
    <message>
        <source>Save it as JPEG or PNG.</source>
        <translation>Guárdelo como JPEG o PNG.</translation>
    </message>
    <message>
        <source>needs more memory than there is.</source>
        <translation>necesita más memoria de la que hay.</translation>
    </message>
    <message>
        <source>is locked with a password.</source>
        <translation>está bloqueado con una contraseña.</translation>
    </message>
    <message>
        <source>Save a copy without one and add that.</source>
        <translation>Guarde una copia sin contraseña y añada esa.</translation>
    </message>
    <message>
        <source>is a damaged PDF.</source>
        <translation>es un PDF dañado.</translation>
    </message>
    <message>
        <source>has no page {page}, only {pages}.</source>
        <translation>no tiene la página {page}, solo {pages}.</translation>
    </message>
    <message>
        <source>is too large at {dpi} dpi.</source>
        <translation>es demasiado grande a {dpi} ppp.</translation>
    </message>
    <message>
        <source>Choose a lower resolution.</source>
        <translation>Elija una resolución menor.</translation>
    </message>
    <message>
        <source>has a page that cannot be drawn.</source>
        <translation>tiene una página que no se puede dibujar.</translation>
    </message>
    <message>
        <source>plane is out of range</source>
        <translation>el plano está fuera de rango</translation>
    </message>
    <message>
        <source>a flat picture is too large</source>
        <translation>una imagen aplanada es demasiado grande</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are taken as they are.</source>
        <translation>tiene un perfil de color dañado, así que sus colores se toman como están.</translation>
    </message>
    <message>
        <source>is in CMYK without a colour profile, so its colours are only near.</source>
        <translation>está en CMYK sin perfil de color, así que sus colores son solo aproximados.</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are only near.</source>
        <translation>tiene un perfil de color dañado, así que sus colores son solo aproximados.</translation>
    </message>
    <message>
        <source>is not a picture that Fusuma can read.</source>
        <translation>no es una imagen que Fusuma pueda leer.</translation>
    </message>
    <message>
        <source>has more than the 200 million pixels that Fusuma can open.</source>
        <translation>tiene más de los 200 millones de píxeles que Fusuma puede abrir.</translation>
    </message>
    <message>
        <source>is an animation; its first picture is used.</source>
        <translation>es una animación; se usa su primera imagen.</translation>
    </message>
    <message>
        <source>“{file}” {note}</source>
        <translation>«{file}» {note}</translation>
    </message>
    <message>
        <source>It holds artwork of a kind that this version does not know.</source>
        <translation>Tiene un diseño de un tipo que esta versión no conoce.</translation>
    </message>
    <message>
        <source>dpi is out of range</source>
        <translation>los ppp están fuera de rango</translation>
    </message>
    <message>
        <source>Its artwork “{file}” is missing.</source>
        <translation>Falta su diseño «{file}».</translation>
    </message>
    <message>
        <source>a photograph is too large to be laid flat</source>
        <translation>una foto es demasiado grande para aplanarla</translation>
    </message>
    <message>
        <source>a combined part is out of range</source>
        <translation>una parte combinada está fuera de rango</translation>
    </message>
    <message>
        <source>a combination&apos;s members are out of range</source>
        <translation>los miembros de una combinación están fuera de rango</translation>
    </message>
    <message>
        <source>a part&apos;s id is out of range</source>
        <translation>el número de una parte está fuera de rango</translation>
    </message>
    <message>
        <source>clusters are too deep within each other</source>
        <translation>los conjuntos están demasiado anidados</translation>
    </message>
    <message>
        <source>a cluster&apos;s size is out of range</source>
        <translation>el tamaño de un conjunto está fuera de rango</translation>
    </message>
    <message>
        <source>a cluster is empty</source>
        <translation>un conjunto está vacío</translation>
    </message>
    <message>
        <source>It is not a Fusuma project.</source>
        <translation>No es un proyecto de Fusuma.</translation>
    </message>
    <message>
        <source>It was saved by a newer version of Fusuma.</source>
        <translation>Lo guardó una versión más nueva de Fusuma.</translation>
    </message>
    <message>
        <source>Update Fusuma to open it.</source>
        <translation>Actualice Fusuma para abrirlo.</translation>
    </message>
    <message>
        <source>Its ticket {code} is missing.</source>
        <translation>Falta su ficha {code}.</translation>
    </message>
    <message>
        <source>Its description is damaged.</source>
        <translation>Su descripción está dañada.</translation>
    </message>
    <message>
        <source>Its description is damaged: {detail}.</source>
        <translation>Su descripción está dañada: {detail}.</translation>
    </message>
    <message>
        <source>There is too little memory for it.</source>
        <translation>Hay poca memoria para ello.</translation>
    </message>
    <message>
        <source>Close other programs, then try again.</source>
        <translation>Cierre otros programas y pruebe otra vez.</translation>
    </message>
    <message>
        <source>Its artwork is missing.</source>
        <translation>Falta su diseño.</translation>
    </message>
    <message>
        <source>The project could not be opened again, so it is not saved.</source>
        <translation>El proyecto no se podría volver a abrir, así que no se guarda.</translation>
    </message>
    <message>
        <source>Undo the last steps, then try again.</source>
        <translation>Deshaga los últimos pasos y pruebe otra vez.</translation>
    </message>
    <message>
        <source>The project is too large to be opened again, so it is not saved.</source>
        <translation>El proyecto es demasiado grande para volver a abrirlo, así que no se guarda.</translation>
    </message>
    <message>
        <source>Save it in two halves.</source>
        <translation>Guárdelo en dos mitades.</translation>
    </message>
    <message>
        <source>“{file}” cannot be opened.</source>
        <translation>«{file}» no se puede abrir.</translation>
    </message>
    <message>
        <source>a brush stroke is out of range</source>
        <translation>un trazo de pincel está fuera de rango</translation>
    </message>
    <message>
        <source>colours are too many</source>
        <translation>hay demasiados colores</translation>
    </message>
    <message>
        <source>rims are too many</source>
        <translation>hay demasiadas orlas</translation>
    </message>
    <message>
        <source>nodes drawn by hand are too many</source>
        <translation>hay demasiados nodos dibujados a mano</translation>
    </message>
    <message>
        <source>a stretch drawn by hand is empty</source>
        <translation>un tramo dibujado a mano está vacío</translation>
    </message>
    <message>
        <source>a line drawn by hand is empty</source>
        <translation>una línea dibujada a mano está vacía</translation>
    </message>
    <message>
        <source>the mark scheme is damaged: {why}</source>
        <translation>el esquema de marcas está dañado: {why}</translation>
    </message>
    <message>
        <source>the mark scheme is missing</source>
        <translation>falta el esquema de marcas</translation>
    </message>
    <message>
        <source>what was photographed lies on no board</source>
        <translation>lo fotografiado no está en ningún tablero</translation>
    </message>
    <message>
        <source>a copy is out of range</source>
        <translation>una copia está fuera de rango</translation>
    </message>
    <message>
        <source>a sticker&apos;s id is out of range</source>
        <translation>el número de una pegatina está fuera de rango</translation>
    </message>
    <message>
        <source>a copy&apos;s id is out of range</source>
        <translation>el número de una copia está fuera de rango</translation>
    </message>
    <message>
        <source>a cut line&apos;s copy is out of range</source>
        <translation>la copia de una línea de corte está fuera de rango</translation>
    </message>
    <message>
        <source>a ticket&apos;s code is out of range</source>
        <translation>el código de una ficha está fuera de rango</translation>
    </message>
    <message>
        <source>The project cannot be packed.</source>
        <translation>El proyecto no se puede empaquetar.</translation>
    </message>
    <message>
        <source>There may be too little memory.</source>
        <translation>Quizá haya poca memoria.</translation>
    </message>
    <message>
        <source>It is damaged or not a Fusuma project.</source>
        <translation>Está dañado o no es un proyecto de Fusuma.</translation>
    </message>
    <message>
        <source>Its contents are too large to open.</source>
        <translation>Su contenido es demasiado grande para abrirlo.</translation>
    </message>
    <message>
        <source>is damaged in line {line}: {why}</source>
        <translation>está dañado en la línea {line}: {why}</translation>
    </message>
    <message>
        <source>holds no drawing.</source>
        <translation>no contiene un dibujo.</translation>
    </message>
    <message>
        <source>nests its groups more than {most} deep.</source>
        <translation>anida sus grupos a más de {most} niveles.</translation>
    </message>
    <message>
        <source>Ungroup some and save it again.</source>
        <translation>Desagrupe algunos y guárdelo otra vez.</translation>
    </message>
    <message>
        <source>has more than {most} elements.</source>
        <translation>tiene más de {most} elementos.</translation>
    </message>
    <message>
        <source>Split the drawing into several files.</source>
        <translation>Reparta el dibujo en varios archivos.</translation>
    </message>
    <message>
        <source>has more than one drawing in it.</source>
        <translation>tiene más de un dibujo.</translation>
    </message>
    <message>
        <source>is larger than the 100 MB that Fusuma can open.</source>
        <translation>supera los 100 MB que Fusuma puede abrir.</translation>
    </message>
    <message>
        <source>is damaged, or larger than 100 MB unpacked.</source>
        <translation>está dañado, o supera 100 MB desempaquetado.</translation>
    </message>
    <message>
        <source>holds nothing that can be drawn.</source>
        <translation>no contiene nada que se pueda dibujar.</translation>
    </message>
    <message>
        <source>draws more than {most} shapes.</source>
        <translation>dibuja más de {most} formas.</translation>
    </message>
    <message>
        <source>Simplify it first.</source>
        <translation>Simplifíquelo antes.</translation>
    </message>
    <message>
        <source>{note}; it {more}</source>
        <translation>{note}; {more}</translation>
    </message>
    <message>
        <source>refers to other files, which are left out</source>
        <translation>remite a otros archivos, que se omiten</translation>
    </message>
    <message>
        <source>has scripts, which are ignored</source>
        <translation>tiene scripts, que se ignoran</translation>
    </message>
    <message>
        <source>has a text of more than 20,000 letters, which is left out</source>
        <translation>tiene un texto de más de 20.000 letras, que se omite</translation>
    </message>
    <message>
        <source>asks for fonts that are not here: {fonts}</source>
        <translation>pide letras que no están aquí: {fonts}</translation>
    </message>
    <message>
        <source>states no size that can be used.</source>
        <translation>no da un tamaño utilizable.</translation>
    </message>
    <message>
        <source>Give it a width and a height.</source>
        <translation>Dele ancho y alto.</translation>
    </message>
    <message>
        <source>“{address}” is not a cutter&apos;s address.</source>
        <translation>«{address}» no es la dirección de una cortadora.</translation>
    </message>
    <message>
        <source>Give tcp:HOST:PORT, serial:PORT@BAUD or device:/dev/…</source>
        <translation>Dé tcp:HOST:PUERTO, serial:PUERTO@BAUDIOS o device:/dev/…</translation>
    </message>
    <message>
        <source>The practice cutter cannot listen on port {port}: {why}.</source>
        <translation>La cortadora de práctica no puede escuchar en el puerto {port}: {why}.</translation>
    </message>
    <message>
        <source>The practice cutter cannot open a pseudo-terminal.</source>
        <translation>La cortadora de práctica no puede abrir un pseudoterminal.</translation>
    </message>
    <message>
        <source>The practice printer prints at 24 to 2400 dpi.</source>
        <translation>La impresora de práctica imprime de 24 a 2400 ppp.</translation>
    </message>
    <message>
        <source>The sheet cannot be written to “{file}”.</source>
        <translation>La hoja no se puede escribir en «{file}».</translation>
    </message>
    <message>
        <source>The scanner does not answer any more.</source>
        <translation>El escáner ya no contesta.</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on.</source>
        <translation>Mire si está conectado y encendido.</translation>
    </message>
    <message>
        <source>You have no right to use the scanner.</source>
        <translation>No tiene derecho a usar el escáner.</translation>
    </message>
    <message>
        <source>Join the group “scanner”, log out and in again.</source>
        <translation>Únase al grupo «scanner», cierre la sesión y vuelva a entrar.</translation>
    </message>
    <message>
        <source>The scanner is busy.</source>
        <translation>El escáner está ocupado.</translation>
    </message>
    <message>
        <source>Close the other program that uses it, then try again.</source>
        <translation>Cierre el otro programa que lo usa y pruebe otra vez.</translation>
    </message>
    <message>
        <source>The scanner is jammed.</source>
        <translation>El escáner está atascado.</translation>
    </message>
    <message>
        <source>Take the paper out, then try again.</source>
        <translation>Saque el papel y pruebe otra vez.</translation>
    </message>
    <message>
        <source>There is no paper in the scanner&apos;s feeder.</source>
        <translation>No hay papel en el alimentador del escáner.</translation>
    </message>
    <message>
        <source>Lay some in, then try again.</source>
        <translation>Ponga papel y pruebe otra vez.</translation>
    </message>
    <message>
        <source>The scanner&apos;s cover is open.</source>
        <translation>La tapa del escáner está abierta.</translation>
    </message>
    <message>
        <source>Close it, then try again.</source>
        <translation>Ciérrela y pruebe otra vez.</translation>
    </message>
    <message>
        <source>There is too little memory for this scan.</source>
        <translation>Hay poca memoria para este escaneo.</translation>
    </message>
    <message>
        <source>Scan a smaller area or at a lower resolution.</source>
        <translation>Escanee un área menor o con menos resolución.</translation>
    </message>
    <message>
        <source>Scanners cannot be reached on this computer.</source>
        <translation>En este equipo no se llega a ningún escáner.</translation>
    </message>
    <message>
        <source>The scanner sends its colours one after the other, which Fusuma does not take.</source>
        <translation>El escáner manda sus colores uno tras otro, lo que Fusuma no admite.</translation>
    </message>
    <message>
        <source>Scan in grey.</source>
        <translation>Escanee en gris.</translation>
    </message>
    <message>
        <source>This scan would have more than 200 million pixels.</source>
        <translation>Este escaneo tendría más de 200 millones de píxeles.</translation>
    </message>
    <message>
        <source>The scanner cannot do this ({number}).</source>
        <translation>El escáner no puede hacer esto ({number}).</translation>
    </message>
    <message>
        <source>Try other settings.</source>
        <translation>Pruebe otros ajustes.</translation>
    </message>
    <message>
        <source>The scanner sent nothing.</source>
        <translation>El escáner no mandó nada.</translation>
    </message>
    <message>
        <source>Try again.</source>
        <translation>Pruebe otra vez.</translation>
    </message>
    <message>
        <source>--paper {paper}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--paper {paper}: dé a4, letter, a3, 12x12in o AxH en mm, cada lado de 90 al menos, ambos juntos de 1030 como mucho.</translation>
    </message>
    <message>
        <source>--holes {holes}: give the area in mm², such as close-under=9.</source>
        <translation>--holes {holes}: dé el área en mm², como close-under=9.</translation>
    </message>
    <message>
        <source>--holes {holes}: give keep, close or close-under=MM2.</source>
        <translation>--holes {holes}: dé keep, close o close-under=MM2.</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>{option} {words}: dé X,Y en píxeles, como 100,80.</translation>
    </message>
    <message>
        <source>--rim {words}: give a width in mm and a fill, such as 1.5,#2E4A7D{hint}</source>
        <translation>--rim {words}: dé un ancho en mm y un relleno, como 1.5,#2E4A7D{hint}</translation>
    </message>
    <message>
        <source>--border-fill {border_fill}{hint}</source>
        <translation>--border-fill {border_fill}{hint}</translation>
    </message>
    <message>
        <source>--bleed-with {bleed_with}: give the width of the bleed with --bleed too.</source>
        <translation>--bleed-with {bleed_with}: dé también el ancho del sangrado con --bleed.</translation>
    </message>
    <message>
        <source>--line {words}: give at least two points as X,Y,X,Y in pixels.</source>
        <translation>--line {words}: dé al menos dos puntos como X,Y,X,Y en píxeles.</translation>
    </message>
    <message>
        <source>--leave-out {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--leave-out {words}: dé X,Y en píxeles, como 100,80.</translation>
    </message>
    <message>
        <source>--marks {words}: give X,Y in mm, such as 12.5,280, or none.</source>
        <translation>--marks {words}: dé X,Y en mm, como 12.5,280, o none.</translation>
    </message>
    <message>
        <source>--marks gives {marks} places, but the sheet has {marks2} marks.</source>
        <translation>--marks da {marks} lugares, pero la hoja tiene {marks2} marcas.</translation>
    </message>
    <message>
        <source>{lines_cut} of {runs} lines are cut. With -o FILE nothing is sent.</source>
        <translation>{lines_cut} de {runs} líneas están cortadas. Con -o ARCHIVO no se manda nada.</translation>
    </message>
    <message numerus="yes">
        <source>Ticket {code} has %n pages.</source>
        <translation>
            <numerusform>La ficha {code} tiene una página.</numerusform>
            <numerusform>La ficha {code} tiene %n páginas.</numerusform>
        </translation>
    </message>
    <message>
        <source>{option} {words}: the drawing has no part “{part}”.</source>
        <translation>{option} {words}: el dibujo no tiene la parte «{part}».</translation>
    </message>
    <message>
        <source>`fusuma-cli parts` lists them.</source>
        <translation>`fusuma-cli parts` las lista.</translation>
    </message>
    <message>
        <source>--part {words}: give WHICH=printed, cut, both or neither, with :kiss, :score or :through.</source>
        <translation>--part {words}: dé CUÁL=printed, cut, both o neither, con :kiss, :score o :through.</translation>
    </message>
    <message>
        <source>--combine {words}: give join, take-out, overlap-only, exclude, split or pieces, a colon, and parts.</source>
        <translation>--combine {words}: dé join, take-out, overlap-only, exclude, split o pieces, dos puntos y partes.</translation>
    </message>
    <message>
        <source>--combine {words}: nothing comes of it.</source>
        <translation>--combine {words}: no resulta nada.</translation>
    </message>
    <message>
        <source>Do the parts overlap?</source>
        <translation>¿Se solapan las partes?</translation>
    </message>
    <message>
        <source>--recolour {words}: give #RRGGBB=#RRGGBB.</source>
        <translation>--recolour {words}: dé #RRGGBB=#RRGGBB.</translation>
    </message>
    <message>
        <source>“{file_name}” has no parts in plain colours.</source>
        <translation>«{file_name}» no tiene partes de colores planos.</translation>
    </message>
    <message numerus="yes">
        <source>The sheet has %n pages.</source>
        <translation>
            <numerusform>La hoja tiene una página.</numerusform>
            <numerusform>La hoja tiene %n páginas.</numerusform>
        </translation>
    </message>
    <message>
        <source>--board {board}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--board {board}: dé a4, letter, a3, 12x12in o AxH en mm, cada lado de 90 al menos, ambos juntos de 1030 como mucho.</translation>
    </message>
    <message>
        <source>--label {shape}: give SHAPE:WxH in mm, 2 to 1000 each, such as rounded:60x30.</source>
        <translation>--label {shape}: dé FORMA:AxH en mm, de 2 a 1000 cada uno, como rounded:60x30.</translation>
    </message>
    <message>
        <source>--template {asked}: {read}</source>
        <translation>--template {asked}: {read}</translation>
    </message>
    <message>
        <source>--template {asked}: there is {names}.</source>
        <translation>--template {asked}: hay {names}.</translation>
    </message>
    <message>
        <source>--text-style {words}: “{piece}” is not understood.</source>
        <translation>--text-style {words}: no se entiende «{piece}».</translation>
    </message>
    <message>
        <source>A label has at most {most_texts} texts.</source>
        <translation>Una etiqueta tiene como mucho {most_texts} textos.</translation>
    </message>
    <message>
        <source>The font “{font}” is not here; “{other}” is used.</source>
        <translation>La letra «{font}» no está aquí; se usa «{other}».</translation>
    </message>
    <message>
        <source>--swatch {swatch}: give one of {names}.</source>
        <translation>--swatch {swatch}: dé uno de {names}.</translation>
    </message>
    <message>
        <source>--ground {ground}: give #RRGGBB or none.</source>
        <translation>--ground {ground}: dé #RRGGBB o none.</translation>
    </message>
    <message>
        <source>--frame {frame}: give WIDTH,INSET in mm, such as 0.4,1.5.</source>
        <translation>--frame {frame}: dé ANCHO,MARGEN en mm, como 0.4,1.5.</translation>
    </message>
    <message>
        <source>--label-picture {picture}: give left, right, above, below or behind.</source>
        <translation>--label-picture {picture}: dé left, right, above, below o behind.</translation>
    </message>
    <message>
        <source>--date {date}: give YYYY-MM-DD.</source>
        <translation>--date {date}: dé AAAA-MM-DD.</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y,W,H in pixels, such as 100,80,600,400.</source>
        <translation>{option} {words}: dé X,Y,A,H en píxeles, como 100,80,600,400.</translation>
    </message>
    <message>
        <source>{option} {words}: give the size, and points, such as 20,100,80.</source>
        <translation>{option} {words}: dé el tamaño y puntos, como 20,100,80.</translation>
    </message>
    <message>
        <source>{option} {words}: give add or erase, the size, and points, such as erase,20,100,80.</source>
        <translation>{option} {words}: dé add o erase, el tamaño y puntos, como erase,20,100,80.</translation>
    </message>
    <message>
        <source>--subject and --source {source} do not go together.</source>
        <translation>--subject y --source {source} no van juntos.</translation>
    </message>
    <message>
        <source>{option} says what belongs to a subject: give --subject, too.</source>
        <translation>{option} dice qué pertenece a un sujeto: dé también --subject.</translation>
    </message>
    <message>
        <source>--flatten {words}: give board, board:PAPER, paper:PAPER, card or corners:X,Y,X,Y,X,Y,X,Y:WxH.</source>
        <translation>--flatten {words}: dé board, board:PAPEL, paper:PAPEL, card o corners:X,Y,X,Y,X,Y,X,Y:AxH.</translation>
    </message>
    <message>
        <source>--flatten {words}: {parts} is no paper; give a4, letter or WxH in mm.</source>
        <translation>--flatten {words}: {parts} no es un papel; dé a4, letter o AxH en mm.</translation>
    </message>
    <message>
        <source>--flatten {words}: a board&apos;s paper is at least 90 mm each way, and both together at most 1030 mm.</source>
        <translation>--flatten {words}: el papel de un tablero mide al menos 90 mm por lado, y ambos juntos 1030 mm como mucho.</translation>
    </message>
    <message>
        <source>{file_name}: {flat}</source>
        <translation>{file_name}: {flat}</translation>
    </message>
    <message>
        <source>There is too little memory for this.</source>
        <translation>Hay poca memoria para esto.</translation>
    </message>
    <message>
        <source>Use smaller pictures, or fewer of them.</source>
        <translation>Use imágenes menores, o menos.</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma: {what}.</source>
        <translation>Algo salió mal dentro de Fusuma: {what}.</translation>
    </message>
    <message>
        <source>“{project}” has no copies on its sheet, so there is nothing to rehearse.</source>
        <translation>«{project}» no tiene copias en su hoja, así que no hay nada que ensayar.</translation>
    </message>
    <message>
        <source>There is no ticket {ticket} in “{project}”.</source>
        <translation>No hay ficha {ticket} en «{project}».</translation>
    </message>
    <message>
        <source>The sheet has {marks} marks, numbered from 1.</source>
        <translation>La hoja tiene {marks} marcas, numeradas desde 1.</translation>
    </message>
    <message>
        <source>--stretch takes up to 20 percent either way.</source>
        <translation>--stretch admite hasta un 20 por ciento en cada sentido.</translation>
    </message>
    <message>
        <source>--shift takes up to 1000 mm either way.</source>
        <translation>--shift admite hasta 1000 mm en cada sentido.</translation>
    </message>
    <message>
        <source>The report cannot be written to standard output.</source>
        <translation>El informe no se puede escribir en la salida estándar.</translation>
    </message>
    <message>
        <source>{option} “{path}” would write over what is read.</source>
        <translation>{option} «{path}» escribiría sobre lo que se lee.</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>Elija otro nombre.</translation>
    </message>
    <message>
        <source>{option} and {option2} both write to “{path}”.</source>
        <translation>{option} y {option2} escriben ambos en «{path}».</translation>
    </message>
    <message>
        <source>Give each a file of its own.</source>
        <translation>Dé a cada uno su propio archivo.</translation>
    </message>
    <message>
        <source>“{file}” has nothing to print and nothing to cut.</source>
        <translation>«{file}» no tiene nada que imprimir ni que cortar.</translation>
    </message>
    <message>
        <source>Give its parts a --part use.</source>
        <translation>Dé a sus partes un uso con --part.</translation>
    </message>
    <message>
        <source>“{file}” is fully transparent, so there is nothing to outline.</source>
        <translation>«{file}» es del todo transparente, así que no hay contorno.</translation>
    </message>
    <message>
        <source>“{file}” is empty once its background is taken away.</source>
        <translation>«{file}» queda vacío al quitar su fondo.</translation>
    </message>
    <message>
        <source>Try another --source or --focus.</source>
        <translation>Pruebe otro --source o --focus.</translation>
    </message>
    <message>
        <source>“{path}”: {machine}</source>
        <translation>«{path}»: {machine}</translation>
    </message>
    <message numerus="yes">
        <source>{trouble}, and so would %n more.</source>
        <translation>
            <numerusform>{trouble}, y otra más también.</numerusform>
            <numerusform>{trouble}, y %n más también.</numerusform>
        </translation>
    </message>
    <message>
        <source>{trouble}.</source>
        <translation>{trouble}.</translation>
    </message>
    <message>
        <source>Nothing was written or moved. Move the paper in the machine, or the copies on the sheet.</source>
        <translation>No se escribió ni movió nada. Mueva el papel en la máquina, o las copias en la hoja.</translation>
    </message>
    <message>
        <source>Nothing was printed from “{project}” yet: it has no ticket.</source>
        <translation>Aún no se imprimió nada de «{project}»: no tiene ficha.</translation>
    </message>
    <message>
        <source>There is no ticket {code} in “{project}”.</source>
        <translation>No hay ficha {code} en «{project}».</translation>
    </message>
    <message>
        <source>“{mark_scheme}”: {scheme}</source>
        <translation>«{mark_scheme}»: {scheme}</translation>
    </message>
    <message>
        <source>--divide {divide}: give columns and rows from 1 to {most_divisions}, such as 2x2.</source>
        <translation>--divide {divide}: dé columnas y filas de 1 a {most_divisions}, como 2x2.</translation>
    </message>
    <message>
        <source>--material {material}: give one of {names}.</source>
        <translation>--material {material}: dé uno de {names}.</translation>
    </message>
    <message>
        <source>--ink {ink}: give kiss=NAME, score=NAME or through=NAME.</source>
        <translation>--ink {ink}: dé kiss=NOMBRE, score=NOMBRE o through=NOMBRE.</translation>
    </message>
    <message>
        <source>“{words}”: a project must come first, and only one can be opened.</source>
        <translation>«{words}»: un proyecto debe ir primero, y solo se puede abrir uno.</translation>
    </message>
    <message>
        <source>“{inputs}” cuts what lies on the photo board, whose paper and marks stay.</source>
        <translation>«{inputs}» corta lo que está en el tablero, cuyo papel y marcas quedan.</translation>
    </message>
    <message>
        <source>--paper {paper}: give a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in.</source>
        <translation>--paper {paper}: dé a3 a a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l o un tamaño como 100x150 (mm) o 4x6in.</translation>
    </message>
    <message>
        <source>--cluster: give at least two pictures, drawings or labels.</source>
        <translation>--cluster: dé al menos dos imágenes, dibujos o etiquetas.</translation>
    </message>
    <message>
        <source>Give a project, a picture or a drawing, or a label to make.</source>
        <translation>Dé un proyecto, una imagen o un dibujo, o una etiqueta que hacer.</translation>
    </message>
    <message>
        <source>See fusuma-cli sheet --help.</source>
        <translation>Vea fusuma-cli sheet --help.</translation>
    </message>
    <message>
        <source>{sticker}: no copy fits on the sheet</source>
        <translation>{sticker}: no cabe ninguna copia en la hoja</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies fit on the sheet</source>
        <translation>{sticker}: solo caben {placed} de {wanted} copias en la hoja</translation>
    </message>
    <message>
        <source>--there: nothing lies on a photographed board.</source>
        <translation>--there: nada está sobre un tablero fotografiado.</translation>
    </message>
    <message>
        <source>Give photographs with --flatten board.</source>
        <translation>Dé fotos con --flatten board.</translation>
    </message>
    <message>
        <source>--pdf: what lies on the board already is not printed.</source>
        <translation>--pdf: lo que ya está en el tablero no se imprime.</translation>
    </message>
    <message>
        <source>--cut-pdf has its cut lines alone.</source>
        <translation>--cut-pdf lleva solo sus líneas de corte.</translation>
    </message>
    <message>
        <source>“{file}”: {trouble}</source>
        <translation>«{file}»: {trouble}</translation>
    </message>
    <message>
        <source>Choose two or more copies on this page first.</source>
        <translation>Elija antes dos o más copias de esta página.</translation>
    </message>
    <message>
        <source>No scanner was found.</source>
        <translation>No se encontró ningún escáner.</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on, or add the scan as a file.</source>
        <translation>Mire si está conectado y encendido, o añada el escaneo como archivo.</translation>
    </message>
    <message>
        <source>The scan was stopped.</source>
        <translation>El escaneo se detuvo.</translation>
    </message>
    <message>
        <source>{sticker}: no free place on the sheet is large enough for another copy.</source>
        <translation>{sticker}: ningún hueco libre de la hoja es bastante grande para otra copia.</translation>
    </message>
    <message>
        <source>Give the machine a name.</source>
        <translation>Dé un nombre a la máquina.</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to point at.</source>
        <translation>Esta hoja tiene menos de tres marcas que señalar.</translation>
    </message>
    <message>
        <source>The printer is set to {paper}, but the sheet is {other}.</source>
        <translation>La impresora está en {paper}, pero la hoja es {other}.</translation>
    </message>
    <message>
        <source>Choose that paper in the printer&apos;s settings; nothing was printed.</source>
        <translation>Elija ese papel en los ajustes de la impresora; no se imprimió nada.</translation>
    </message>
    <message>
        <source>The printer does not take the sheet.</source>
        <translation>La impresora no acepta la hoja.</translation>
    </message>
    <message>
        <source>Is it on, and does it have paper?</source>
        <translation>¿Está encendida y tiene papel?</translation>
    </message>
    <message>
        <source>The printer stopped before the sheet was done.</source>
        <translation>La impresora paró antes de acabar la hoja.</translation>
    </message>
    <message>
        <source>Look at the printer, then print again.</source>
        <translation>Mire la impresora e imprima otra vez.</translation>
    </message>
    <message>
        <source>{most} pairs of copies lie on each other or too close; more are not listed</source>
        <translation>{most} pares de copias están una sobre otra o demasiado cerca; no se muestran más</translation>
    </message>
    <message>
        <source>“{file}” is a device or a pipe, not a file.</source>
        <translation>«{file}» es un dispositivo o una tubería, no un archivo.</translation>
    </message>
    <message>
        <source>It is longer than the {most} MB that Fusuma takes.</source>
        <translation>Ocupa más de los {most} MB que Fusuma admite.</translation>
    </message>
    <message>
        <source>Its brackets are more than {most} deep.</source>
        <translation>Sus corchetes tienen más de {most} niveles.</translation>
    </message>
    <message>
        <source>It has more than the {most} values that Fusuma takes.</source>
        <translation>Tiene más de los {most} valores que Fusuma admite.</translation>
    </message>
    <message>
        <source>“{file}” is not whole.</source>
        <translation>«{file}» no está completo.</translation>
    </message>
    <message>
        <source>Fusuma takes {pages} pages and {copies} copies; {beyond} copies beyond that are left out.</source>
        <translation>Fusuma admite {pages} páginas y {copies} copias; se omiten {beyond} copias de más.</translation>
    </message>
    <message>
        <source>“{file}” needs more memory to be read than Fusuma gives to a file.</source>
        <translation>«{file}» necesita más memoria para leerse de la que Fusuma da a un archivo.</translation>
    </message>
    <message>
        <source>Save a smaller or simpler copy and open that.</source>
        <translation>Guarde una copia más pequeña o sencilla y ábrala.</translation>
    </message>
    <message>
        <source>“{file}” takes longer to read than {seconds} seconds of work.</source>
        <translation>«{file}» tarda en leerse más de {seconds} segundos de trabajo.</translation>
    </message>
    <message>
        <source>Save a simpler copy and open that.</source>
        <translation>Guarde una copia más sencilla y ábrala.</translation>
    </message>
    <message>
        <source>“{file}” could not be read: it made the reader fail.</source>
        <translation>No se pudo leer «{file}»: hizo fallar al lector.</translation>
    </message>
    <message>
        <source>Nothing has changed. Save it anew in the program that it comes from.</source>
        <translation>Nada ha cambiado. Guárdelo de nuevo en el programa del que procede.</translation>
    </message>
    <message>
        <source>Fusuma&apos;s reader of files cannot be started.</source>
        <translation>No se puede iniciar el lector de archivos de Fusuma.</translation>
    </message>
    <message>
        <source>Install Fusuma anew.</source>
        <translation>Instale Fusuma de nuevo.</translation>
    </message>
    <message>
        <source>It holds no picture of its sheet.</source>
        <translation>No contiene ninguna imagen de su hoja.</translation>
    </message>
    <message>
        <source>“{file}” has lines that cross more often than Fusuma takes.</source>
        <translation>«{file}» tiene líneas que se cruzan más veces de las que Fusuma admite.</translation>
    </message>
    <message>
        <source>Join or simplify its shapes in the program that it comes from.</source>
        <translation>Una o simplifique sus formas en el programa del que procede.</translation>
    </message>
    <message>
        <source>--label-picture {picture}: the picture&apos;s share is from 0.05 to 0.9.</source>
        <translation>--label-picture {picture}: la parte de la imagen va de 0.05 a 0.9.</translation>
    </message>
    <message>
        <source>A quote that begins in row {row} never closes.</source>
        <translation>Una comilla que se abre en la fila {row} no se cierra nunca.</translation>
    </message>
    <message>
        <source>Close it, or write it twice where it is meant.</source>
        <translation>Ciérrela, o escríbala doble donde haga falta.</translation>
    </message>
    <message>
        <source>A cell in row {row} is larger than the 1 MB that Fusuma takes.</source>
        <translation>Una celda de la fila {row} supera el MB que Fusuma admite.</translation>
    </message>
    <message>
        <source>A picture is not of the size that it is said to be.</source>
        <translation>Una imagen no tiene el tamaño que se dice que tiene.</translation>
    </message>
    <message>
        <source>Replace its artwork, or remove the sticker.</source>
        <translation>Sustituya su ilustración o elimine la pegatina.</translation>
    </message>
    <message>
        <source>{sticker} and {other}: one cut for both, but another colour on either side of it, so the smallest slip shows the neighbour&apos;s</source>
        <translation>{sticker} y {other}: un corte para ambos, pero con otro color a cada lado; el menor desvío muestra el del vecino</translation>
    </message>
    <message>
        <source>Stopped: “{file}” was not saved.</source>
        <translation>Detenido: «{file}» no se guardó.</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies: a project holds at most {most}</source>
        <translation>{sticker}: solo {placed} de {wanted} copias: un proyecto admite como máximo {most}</translation>
    </message>
    <message>
        <source>A photograph laid flat, so its light was evened.</source>
        <translation>Una fotografía aplanada, así que se igualó su luz.</translation>
    </message>
    <message>
        <source>It is no colour profile of a screen.</source>
        <translation>No es un perfil de color de una pantalla.</translation>
    </message>
    <message>
        <source>Give one of the commands that --help lists.</source>
        <translation>Dé una de las órdenes que enumera --help.</translation>
    </message>
    <message>
        <source>{option} is needed.</source>
        <translation>Hace falta {option}.</translation>
    </message>
    <message>
        <source>{words} is not expected here.</source>
        <translation>Aquí no se espera {words}.</translation>
    </message>
    <message>
        <source>{option}: {value} is not between {least} and {most}.</source>
        <translation>{option}: {value} no está entre {least} y {most}.</translation>
    </message>
    <message>
        <source>{option}: {value} is none of {words}.</source>
        <translation>{option}: {value} no es uno de {words}.</translation>
    </message>
    <message>
        <source>{option}: “{value}” cannot be understood.</source>
        <translation>{option}: «{value}» no se entiende.</translation>
    </message>
    <message>
        <source>{option} needs a value.</source>
        <translation>{option} necesita un valor.</translation>
    </message>
    <message>
        <source>{option} does not take so many values.</source>
        <translation>{option} no admite tantos valores.</translation>
    </message>
    <message>
        <source>{option} goes only with {other}.</source>
        <translation>{option} solo va con {other}.</translation>
    </message>
    <message>
        <source>{option} does not go with {other}.</source>
        <translation>{option} no va con {other}.</translation>
    </message>
    <message>
        <source>{option}: “{value}” is no number that can be used.</source>
        <translation>{option}: «{value}» no es un número que sirva.</translation>
    </message>
    <message>
        <source>“{project}” holds no picture of its sheet.</source>
        <translation>«{project}» no contiene ninguna imagen de su hoja.</translation>
    </message>
    <message>
        <source>--size {size}: give a paper&apos;s name or WxH in mm.</source>
        <translation>--size {size}: dé el nombre de un papel o AxH en mm.</translation>
    </message>
    <message>
        <source>“{paper}” is not a paper: give a4, letter or WxH in mm.</source>
        <translation>«{paper}» no es un papel: dé a4, letter o AxH en mm.</translation>
    </message>
    <message>
        <source>“{file}” is not a picture that can be read.</source>
        <translation>«{file}» no es una imagen que se pueda leer.</translation>
    </message>
    <message>
        <source>The cut sheet cannot be written to “{file}”.</source>
        <translation>No se puede escribir la hoja cortada en «{file}».</translation>
    </message>
    <message>
        <source>The practice printer prints nothing: its file {trouble}</source>
        <translation>La impresora de práctica no imprime nada: su archivo {trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n rows of its list are on no page, the first is row {row}, “{words}”</source>
        <translation>
            <numerusform>{sticker}: una fila de su lista no está en ninguna página: la fila {row}, «{words}»</numerusform>
            <numerusform>{sticker}: %n filas de su lista no están en ninguna página; la primera es la fila {row}, «{words}»</numerusform>
        </translation>
    </message>
    <message>
        <source>Put them on the sheet</source>
        <translation>Ponerlas en la hoja</translation>
    </message>
    <message>
        <source>--dates-in {language}: no such language; give one like de or fr.</source>
        <translation>--dates-in {language}: no existe ese idioma; indique uno como de o fr.</translation>
    </message>
    <message>
        <source>text</source>
        <translation>texto</translation>
    </message>
    <message>
        <source>filled areas</source>
        <translation>áreas rellenas</translation>
    </message>
    <message>
        <source>dimensions</source>
        <translation>cotas</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>imágenes</translation>
    </message>
    <message>
        <source>solids</source>
        <translation>sólidos</translation>
    </message>
    <message>
        <source>endless lines</source>
        <translation>líneas sin fin</translation>
    </message>
    <message>
        <source>is {length} long, which no paper holds.</source>
        <translation>mide {length}; no cabe en ningún papel.</translation>
    </message>
    <message>
        <source>Export it at its true size.</source>
        <translation>Expórtelo a su tamaño real.</translation>
    </message>
    <message>
        <source>Save it as SVG or PDF.</source>
        <translation>Guárdelo como SVG o PDF.</translation>
    </message>
    <message>
        <source>Save it as DXF.</source>
        <translation>Guárdelo como DXF.</translation>
    </message>
    <message>
        <source>Save it as PNG.</source>
        <translation>Guárdelo como PNG.</translation>
    </message>
    <message>
        <source>Use PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF or PDF.</source>
        <translation>Use PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF o PDF.</translation>
    </message>
    <message>
        <source>would be {length} by the units that it states, so its numbers are taken for millimetres</source>
        <translation>mediría {length} según las unidades que indica, así que sus números se toman por milímetros</translation>
    </message>
    <message>
        <source>states no units, so its numbers are taken for millimetres</source>
        <translation>no indica unidades, así que sus números se toman por milímetros</translation>
    </message>
    <message>
        <source>lets through in ways that parts cannot, so its page is taken as one picture</source>
        <translation>deja ver a través de maneras que las partes no pueden, así que su página se toma como una sola imagen</translation>
    </message>
    <message>
        <source>This version sees other parts in “{drawing}” than the one that saved it; it is cut round as a whole.</source>
        <translation>Esta versión ve en «{drawing}» otras partes que la que lo guardó; se corta alrededor como un todo.</translation>
    </message>
    <message>
        <source>hidden things</source>
        <translation>elementos ocultos</translation>
    </message>
    <message>
        <source>things of other kinds</source>
        <translation>elementos de otros tipos</translation>
    </message>
    <message>
        <source>comes without its {things}</source>
        <translation>viene sin {things}</translation>
    </message>
    <message>
        <source>holds {count} pictures; the first is used.</source>
        <translation>contiene {count} imágenes; se usa la primera.</translation>
    </message>
    <message>
        <source>holds no more than a small picture to know it by, as a camera&apos;s raw file does.</source>
        <translation>solo contiene una miniatura, como los archivos RAW de una cámara.</translation>
    </message>
    <message>
        <source>Letters that the font “{font}” lacks are set in “{other}”.</source>
        <translation>Los caracteres que no tiene la letra «{font}» se componen en «{other}».</translation>
    </message>
    <message>
        <source>has letters that no font here has</source>
        <translation>tiene letras que no están en ninguna fuente de este equipo</translation>
    </message>
    <message>
        <source>No encoding is called {encoding}.</source>
        <translation>Ninguna codificación se llama {encoding}.</translation>
    </message>
    <message>
        <source>Give one such as Windows-1250 or Shift_JIS.</source>
        <translation>Indique una como Windows-1250 o Shift_JIS.</translation>
    </message>
    <message>
        <source>The list was read as {encoding}.</source>
        <translation>La lista se leyó como {encoding}.</translation>
    </message>
    <message>
        <source>If letters in it are wrong, name another by --list-encoding.</source>
        <translation>Si hay letras incorrectas, indique otra con --list-encoding.</translation>
    </message>
</context>
<context>
    <name>scan</name>
    <message>
        <source>Draw a box round what is to be scanned; a click takes it away.</source>
        <translation>Dibuje un recuadro en torno a lo que se va a escanear; un clic lo quita.</translation>
    </message>
</context>
<context>
    <name>words</name>
    <message>
        <source>Plain lines</source>
        <translation>Solo líneas</translation>
    </message>
    <message>
        <source>Paper label sheet</source>
        <translation>Hoja de etiquetas de papel</translation>
    </message>
    <message>
        <source>Glossy photo sticker paper</source>
        <translation>Papel adhesivo fotográfico brillante</translation>
    </message>
    <message>
        <source>Printable vinyl</source>
        <translation>Vinilo imprimible</translation>
    </message>
    <message>
        <source>Clear film</source>
        <translation>Película transparente</translation>
    </message>
    <message>
        <source>Thin card</source>
        <translation>Cartulina fina</translation>
    </message>
    <message>
        <source>Thick card</source>
        <translation>Cartulina gruesa</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Conservar</translation>
    </message>
    <message>
        <source>Close all</source>
        <translation>Cerrar todos</translation>
    </message>
    <message>
        <source>Close small</source>
        <translation>Cerrar pequeños</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Ninguno</translation>
    </message>
    <message>
        <source>Art&apos;s colours</source>
        <translation>Colores del diseño</translation>
    </message>
    <message>
        <source>Rim&apos;s colour</source>
        <translation>Color de la orla</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>Semicorte</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Hendido</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>Corte total</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Unir</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Restar</translation>
    </message>
    <message>
        <source>Overlap only</source>
        <translation>Solo lo común</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>Con agujeros</translation>
    </message>
    <message>
        <source>Visible only</source>
        <translation>Solo lo visible</translation>
    </message>
    <message>
        <source>Do not cut</source>
        <translation>No cortar</translation>
    </message>
    <message>
        <source>Cut round it</source>
        <translation>Cortar alrededor</translation>
    </message>
    <message>
        <source>Kiss cut its edge</source>
        <translation>Semicorte de su borde</translation>
    </message>
    <message>
        <source>Score its edge</source>
        <translation>Hender su borde</translation>
    </message>
    <message>
        <source>Cut its edge through</source>
        <translation>Cortar su borde del todo</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Partir</translation>
    </message>
    <message>
        <source>Into pieces</source>
        <translation>En trozos</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>Redondo</translation>
    </message>
    <message>
        <source>Mitre</source>
        <translation>Inglete</translation>
    </message>
    <message>
        <source>Bevel</source>
        <translation>Bisel</translation>
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
        <translation>Izquierda</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Centro</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Derecha</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Recto</translation>
    </message>
    <message>
        <source>Along the top edge</source>
        <translation>Por el borde de arriba</translation>
    </message>
    <message>
        <source>Along the bottom edge</source>
        <translation>Por el borde de abajo</translation>
    </message>
    <message>
        <source>Left of the words</source>
        <translation>A la izquierda</translation>
    </message>
    <message>
        <source>Right of them</source>
        <translation>A la derecha</translation>
    </message>
    <message>
        <source>Above them</source>
        <translation>Encima</translation>
    </message>
    <message>
        <source>Below them</source>
        <translation>Debajo</translation>
    </message>
    <message>
        <source>Behind them</source>
        <translation>Detrás</translation>
    </message>
    <message>
        <source>Rectangle</source>
        <translation>Rectángulo</translation>
    </message>
    <message>
        <source>Rounded</source>
        <translation>Redondeado</translation>
    </message>
    <message>
        <source>Oval</source>
        <translation>Óvalo</translation>
    </message>
    <message>
        <source>Notched corners</source>
        <translation>Esquinas con muesca</translation>
    </message>
    <message>
        <source>Arch</source>
        <translation>Arco</translation>
    </message>
    <message>
        <source>Tag</source>
        <translation>Colgante</translation>
    </message>
    <message>
        <source>Star</source>
        <translation>Estrella</translation>
    </message>
    <message>
        <source>Banner</source>
        <translation>Banderola</translation>
    </message>
    <message>
        <source>Letters alone</source>
        <translation>Solo letras</translation>
    </message>
    <message>
        <source>Near left</source>
        <translation>Delante izquierda</translation>
    </message>
    <message>
        <source>Near right</source>
        <translation>Delante derecha</translation>
    </message>
    <message>
        <source>Far left</source>
        <translation>Fondo izquierda</translation>
    </message>
    <message>
        <source>Far right</source>
        <translation>Fondo derecha</translation>
    </message>
    <message>
        <source>To the right</source>
        <translation>A la derecha</translation>
    </message>
    <message>
        <source>To the left</source>
        <translation>A la izquierda</translation>
    </message>
    <message>
        <source>Away from me</source>
        <translation>Hacia el fondo</translation>
    </message>
    <message>
        <source>Towards me</source>
        <translation>Hacia mí</translation>
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
        <translation>Hilos RTS/CTS</translation>
    </message>
    <message>
        <source>XON/XOFF signs</source>
        <translation>Señales XON/XOFF</translation>
    </message>
    <message>
        <source>Small portions</source>
        <translation>Porciones pequeñas</translation>
    </message>
    <message>
        <source>The Z axis</source>
        <translation>El eje Z</translation>
    </message>
    <message>
        <source>Words of its own</source>
        <translation>Palabras propias</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Automático</translation>
    </message>
    <message>
        <source>Transparency</source>
        <translation>Transparencia</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Brillo</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>Sujeto</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Keep only</source>
        <translation>Conservar solo</translation>
    </message>
    <message>
        <source>The photo board</source>
        <translation>El tablero</translation>
    </message>
    <message>
        <source>A sheet of paper</source>
        <translation>Una hoja de papel</translation>
    </message>
    <message>
        <source>A card</source>
        <translation>Una tarjeta</translation>
    </message>
    <message>
        <source>Four corners</source>
        <translation>Cuatro esquinas</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Como está</translation>
    </message>
    <message>
        <source>Evened</source>
        <translation>Igualada</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Guardados</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Omitidas</translation>
    </message>
    <message>
        <source>Round dots, 5</source>
        <translation>Puntos redondos, 5</translation>
    </message>
    <message>
        <source>Crosses, 4</source>
        <translation>Cruces, 4</translation>
    </message>
    <message>
        <source>None: by paper edge</source>
        <translation>Ninguna: por el canto</translation>
    </message>
    <message>
        <source>From a scheme file…</source>
        <translation>De un archivo de marcas…</translation>
    </message>
    <message>
        <source>Not cut</source>
        <translation>Sin cortar</translation>
    </message>
    <message>
        <source>Sensor</source>
        <translation>Sensor</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>A mano</translation>
    </message>
    <message>
        <source>Paper edge</source>
        <translation>Canto del papel</translation>
    </message>
    <message>
        <source>A new window</source>
        <translation>Una ventana nueva</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>Etiqueta nueva</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>Abrir el ejemplo</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Como el escritorio</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Luz</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Oscuro</translation>
    </message>
</context>
</TS>
