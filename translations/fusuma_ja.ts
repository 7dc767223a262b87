<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="ja_JP">
<context>
    <name>Background</name>
    <message>
        <source>There is too little memory for this. Close other programs, or use smaller pictures.</source>
        <translation>メモリーが足りません。ほかのプログラムを閉じるか、小さな画像にしてください。</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma (%1). Your work is as it was.</source>
        <translation>Fusuma の内部で問題が起きました (%1)。作業はそのままです。</translation>
    </message>
</context>
<context>
    <name>Edges</name>
    <message>
        <source>Left</source>
        <translation>左</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>右</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>上</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>下</translation>
    </message>
</context>
<context>
    <name>FlattenDialog</name>
    <message>
        <source>Lay the photograph flat</source>
        <translation>写真を平らに補正</translation>
    </message>
    <message>
        <source>What in the picture has a known size.</source>
        <translation>画像の中で大きさの分かるもの。</translation>
    </message>
    <message>
        <source>Its paper</source>
        <translation>用紙</translation>
    </message>
    <message>
        <source>Any of the board&apos;s papers</source>
        <translation>ボードのどの紙でも</translation>
    </message>
    <message>
        <source>Across and down:</source>
        <translation>横と縦：</translation>
    </message>
    <message>
        <source>Lay it flat</source>
        <translation>平らに補正</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>元のまま</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>, error left %1 mm</source>
        <translation>、残り誤差 %1 mm</translation>
    </message>
    <message>
        <source>, %1 pixels a millimetre.</source>
        <translation>、1 mm あたり %1 画素。</translation>
    </message>
    <message>
        <source>Drag a corner to correct it, or press 1 to 4 and move it with the arrow keys.</source>
        <translation>角をドラッグして直すか、1 から 4 を押して矢印キーで動かします。</translation>
    </message>
    <message>
        <source>Looking for it…</source>
        <translation>探しています…</translation>
    </message>
</context>
<context>
    <name>LetteringDialog</name>
    <message>
        <source>Letters of the list</source>
        <translation>一覧の文字</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written. These are some of its words: choose where they are right.</source>
        <translation>このファイルには文字コードの記載がありません。一覧の言葉の一部を示します。正しく読めるものを選んでください。</translation>
    </message>
    <message>
        <source>Words of the list, as each encoding has them</source>
        <translation>各文字コードで読んだ一覧の言葉</translation>
    </message>
    <message>
        <source>, </source>
        <translation>、</translation>
    </message>
    <message>
        <source>Read it so</source>
        <translation>これで読み込む</translation>
    </message>
</context>
<context>
    <name>LightDialog</name>
    <message>
        <source>Find the light</source>
        <translation>光を見つける</translation>
    </message>
    <message>
        <source>1. Lay in a scrap of paper. Drive the head over it: arrows move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm.</source>
        <translation>1. いらない紙を入れます。ヘッドをその上へ動かします：矢印で 0.5 mm、Shift で 5 mm、Alt で 0.05 mm。</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>ヘッドを動かす</translation>
    </message>
    <message>
        <source>2. Cut a small cross there. The head comes back to its middle.</source>
        <translation>2. そこで小さな十字をカットします。ヘッドはその中心に戻ります。</translation>
    </message>
    <message>
        <source>Cut a cross</source>
        <translation>十字をカット</translation>
    </message>
    <message>
        <source>Two cuts of 4 mm, under the blade.</source>
        <translation>刃の下で 4 mm を 2 本カット。</translation>
    </message>
    <message>
        <source>3. Drive the head with the arrows until the light is on the cross.</source>
        <translation>3. 光が十字に重なるまで、矢印でヘッドを動かします。</translation>
    </message>
    <message>
        <source>Reaching the machine…</source>
        <translation>機械に接続中…</translation>
    </message>
    <message>
        <source>From the blade to the light: X %1 mm, Y %2 mm.</source>
        <translation>刃から光まで：X %1 mm、Y %2 mm。</translation>
    </message>
    <message>
        <source>The light is on it</source>
        <translation>光が重なった</translation>
    </message>
</context>
<context>
    <name>MachineDialog</name>
    <message>
        <source>Plugged in at</source>
        <translation>接続先</translation>
    </message>
    <message>
        <source>Network…</source>
        <translation>ネットワーク…</translation>
    </message>
    <message>
        <source>Nowhere: files only</source>
        <translation>なし：ファイルのみ</translation>
    </message>
    <message>
        <source>Speed of the line</source>
        <translation>回線の速さ</translation>
    </message>
    <message>
        <source>%1 baud</source>
        <translation>%1 ボー</translation>
    </message>
    <message>
        <source>host or address:port, such as 192.168.0.20:9100</source>
        <translation>ホストまたはアドレス:ポート、例 192.168.0.20:9100</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>How it is held back</source>
        <translation>流れの止め方</translation>
    </message>
    <message>
        <source>It answers (tells its place, or says “ok”)</source>
        <translation>返事をする（位置を答える、または ok）</translation>
    </message>
    <message>
        <source>Its bed, as you stand before it</source>
        <translation>正面から見たベッド</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>横</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>縦</translation>
    </message>
    <message>
        <source>Its nought is at the</source>
        <translation>原点</translation>
    </message>
    <message>
        <source>X counts</source>
        <translation>X の向き</translation>
    </message>
    <message>
        <source>Y counts</source>
        <translation>Y の向き</translation>
    </message>
    <message>
        <source>How it is spoken to</source>
        <translation>話し方</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>言語</translation>
    </message>
    <message>
        <source>Units in 1 mm</source>
        <translation>1 mm の単位数</translation>
    </message>
    <message>
        <source>Numbers in a command (0: any)</source>
        <translation>1 命令の数 (0：制限なし)</translation>
    </message>
    <message>
        <source>Bytes in a line (0: any)</source>
        <translation>1 行のバイト数 (0：制限なし)</translation>
    </message>
    <message>
        <source>It knows pens (SP)</source>
        <translation>ペンが分かる (SP)</translation>
    </message>
    <message>
        <source>It is told its speed (VS)</source>
        <translation>速度を伝える (VS)</translation>
    </message>
    <message>
        <source>It is told its force (FS)</source>
        <translation>カット圧を伝える (FS)</translation>
    </message>
    <message>
        <source>The blade is moved by</source>
        <translation>刃を動かすもの</translation>
    </message>
    <message>
        <source>Z up, mm</source>
        <translation>Z 上、mm</translation>
    </message>
    <message>
        <source>Z down, mm</source>
        <translation>Z 下、mm</translation>
    </message>
    <message>
        <source>Word for up</source>
        <translation>上げる語</translation>
    </message>
    <message>
        <source>Word for down</source>
        <translation>下げる語</translation>
    </message>
    <message>
        <source>It knows arcs (G2, G3)</source>
        <translation>円弧が分かる (G2, G3)</translation>
    </message>
    <message>
        <source>One holder: stop between kiss, score and through cuts</source>
        <translation>ホルダーひとつ：ハーフカット、筋押し、全抜きの間で止まる</translation>
    </message>
    <message>
        <source>Lines before a job</source>
        <translation>作業前の行</translation>
    </message>
    <message>
        <source>Lines after a job</source>
        <translation>作業後の行</translation>
    </message>
    <message>
        <source>What makes it drop all</source>
        <translation>すべて捨てさせるもの</translation>
    </message>
    <message>
        <source>\x1b.K or \x18; empty when nothing does</source>
        <translation>\x1b.K や \x18。なければ空</translation>
    </message>
    <message>
        <source>Light or laser beside the blade</source>
        <translation>刃の横の光やレーザー</translation>
    </message>
    <message>
        <source>From the blade along X</source>
        <translation>刃から X 方向</translation>
    </message>
    <message>
        <source>From the blade along Y</source>
        <translation>刃から Y 方向</translation>
    </message>
    <message>
        <source>Cut a cross and point at it…</source>
        <translation>十字をカットして指す…</translation>
    </message>
    <message>
        <source>The machine cuts a small cross; you drive its light there.</source>
        <translation>機械が小さな十字をカットします。光をそこへ動かします。</translation>
    </message>
    <message>
        <source>The machine&apos;s profile</source>
        <translation>機械のプロファイル</translation>
    </message>
    <message>
        <source>Add a machine</source>
        <translation>機械を追加</translation>
    </message>
    <message>
        <source>What your cutter is plugged in at and how it counts: its handbook has most of it. Say hello to see whether it listens.</source>
        <translation>カッターの接続先と数え方：ほとんどは説明書にあります。呼びかけて応答を確かめます。</translation>
    </message>
    <message>
        <source>My cutter</source>
        <translation>マイカッター</translation>
    </message>
    <message>
        <source>My cutter %1</source>
        <translation>マイカッター %1</translation>
    </message>
    <message>
        <source>Say hello</source>
        <translation>呼びかける</translation>
    </message>
    <message>
        <source>Asks it who it is. One that does not answer moves its lifted head round a 20 mm square.</source>
        <translation>名前を尋ねます。答えない機械は、上げたヘッドで 20 mm の四角をなぞります。</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>ファイルから…</translation>
    </message>
    <message>
        <source>Read a profile that was saved as a file.</source>
        <translation>ファイルに保存したプロファイルを読みます。</translation>
    </message>
    <message>
        <source>Save as a file…</source>
        <translation>ファイルに保存…</translation>
    </message>
    <message>
        <source>For another computer, or the command line.</source>
        <translation>別のコンピューターやコマンドライン用。</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>返事を待っています…</translation>
    </message>
    <message>
        <source>It answers: %1</source>
        <translation>返事：%1</translation>
    </message>
    <message>
        <source>It does not answer. Its lifted head goes round a square of 20 mm now: does it, and the right way round?</source>
        <translation>返事がありません。上げたヘッドが 20 mm の四角をなぞります。動きと向きは正しいですか？</translation>
    </message>
    <message>
        <source>A machine&apos;s profile</source>
        <translation>機械のプロファイル</translation>
    </message>
    <message>
        <source>Profiles (*.json)</source>
        <translation>プロファイル (*.json)</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>名前を付けて保存</translation>
    </message>
    <message>
        <source>Profiles</source>
        <translation>プロファイル</translation>
    </message>
    <message>
        <source>Saved.</source>
        <translation>保存しました。</translation>
    </message>
    <message>
        <source>Save it</source>
        <translation>保存</translation>
    </message>
    <message>
        <source>There is a machine of that name already.</source>
        <translation>その名前の機械がすでにあります。</translation>
    </message>
</context>
<context>
    <name>Manual</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 から %2</translation>
    </message>
    <message>
        <source>; %1 when not given</source>
        <translation>。なければ %1</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>オプション</translation>
    </message>
    <message>
        <source>User Commands</source>
        <translation>ユーザーコマンド</translation>
    </message>
    <message>
        <source>NAME</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>SYNOPSIS</source>
        <translation>書式</translation>
    </message>
    <message>
        <source>DESCRIPTION</source>
        <translation>説明</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>コマンド</translation>
    </message>
    <message>
        <source>EXIT STATUS</source>
        <translation>終了ステータス</translation>
    </message>
    <message>
        <source>SEE ALSO</source>
        <translation>関連項目</translation>
    </message>
    <message>
        <source>The user guide, in the program&apos;s Help menu.</source>
        <translation>プログラムの「ヘルプ」メニューにある手引き。</translation>
    </message>
</context>
<context>
    <name>OutputDialogs</name>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>Simulate faults</source>
        <translation>不具合を試す</translation>
    </message>
    <message>
        <source>The practice devices behave as badly as you ask, so that everything can be tried without spoiling a sheet.</source>
        <translation>練習用の機器は望みどおりに失敗するので、紙を無駄にせず何でも試せます。</translation>
    </message>
    <message>
        <source>Practice cutter: how the sheet lies</source>
        <translation>練習用カッター：用紙の置き方</translation>
    </message>
    <message>
        <source>Too far right</source>
        <translation>右へのずれ</translation>
    </message>
    <message>
        <source>Too far down</source>
        <translation>下へのずれ</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Upside down</source>
        <translation>逆さ</translation>
    </message>
    <message>
        <source>Any crooked way</source>
        <translation>どんな斜めでも</translation>
    </message>
    <message>
        <source>As a sheet may be laid in by hand</source>
        <translation>手で用紙を入れるときのように</translation>
    </message>
    <message>
        <source>Marks and sensor</source>
        <translation>トンボとセンサー</translation>
    </message>
    <message>
        <source>Smudged</source>
        <translation>汚れ</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>隠れている</translation>
    </message>
    <message>
        <source>Sensor noise</source>
        <translation>センサーの雑音</translation>
    </message>
    <message>
        <source>of 255</source>
        <translation>/ 255</translation>
    </message>
    <message>
        <source>Practice printer</source>
        <translation>練習用プリンター</translation>
    </message>
    <message>
        <source>Stretched across</source>
        <translation>横の伸び</translation>
    </message>
    <message>
        <source>Stretched down</source>
        <translation>縦の伸び</translation>
    </message>
    <message>
        <source>Prints too far right</source>
        <translation>右へのずれ</translation>
    </message>
    <message>
        <source>Prints too far down</source>
        <translation>下へのずれ</translation>
    </message>
    <message>
        <source>Ink spreads</source>
        <translation>にじみ</translation>
    </message>
    <message>
        <source>Edges it leaves blank</source>
        <translation>印刷されない縁</translation>
    </message>
    <message>
        <source>Practice cutter: blade and line</source>
        <translation>練習用カッター：刃と接続</translation>
    </message>
    <message>
        <source>Blade trails by</source>
        <translation>刃の遅れ</translation>
    </message>
    <message>
        <source>Play in its axes</source>
        <translation>軸のがた</translation>
    </message>
    <message>
        <source>Connection drops after</source>
        <translation>接続が切れるまで</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>線</translation>
    </message>
    <message>
        <source>−1 for never</source>
        <translation>−1 で切れない</translation>
    </message>
    <message>
        <source>Use these</source>
        <translation>これを使う</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>素材</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>Force</source>
        <translation>カット圧</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>速度</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>回数</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>ハーフカット</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>筋押し</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>全抜き</translation>
    </message>
    <message>
        <source>Blade</source>
        <translation>刃</translation>
    </message>
    <message>
        <source>The tip of a drag blade trails its axis; Fusuma leads it round corners. Leave 0 when the machine does that itself.</source>
        <translation>引きずり刃の先は軸に遅れます。Fusuma が角で導きます。機械がする場合は 0 のまま。</translation>
    </message>
    <message>
        <source>Tip trails by</source>
        <translation>刃先の遅れ</translation>
    </message>
    <message>
        <source>Overcut</source>
        <translation>オーバーカット</translation>
    </message>
    <message>
        <source>Scores and tabs</source>
        <translation>筋押しとつなぎ</translation>
    </message>
    <message>
        <source>Dash</source>
        <translation>線の長さ</translation>
    </message>
    <message>
        <source>Gap (0: unbroken)</source>
        <translation>切れ目 (0：なし)</translation>
    </message>
    <message>
        <source>Tabs on each through cut</source>
        <translation>全抜きごとのつなぎ</translation>
    </message>
    <message>
        <source>Length of a tab</source>
        <translation>つなぎの長さ</translation>
    </message>
    <message>
        <source>Keep it under this name for other projects</source>
        <translation>ほかのプロジェクトのためにこの名前で保存</translation>
    </message>
    <message>
        <source>Save a test square…</source>
        <translation>テスト用の四角を保存…</translation>
    </message>
    <message>
        <source>HP-GL of a 20 mm square in a 30 mm one: kiss inside, through outside. Lift a corner to see whether the force is right.</source>
        <translation>30 mm の中の 20 mm の四角の HP-GL：内側はハーフカット、外側は全抜き。角をめくってカット圧を確かめます。</translation>
    </message>
    <message>
        <source>test square</source>
        <translation>テストの四角</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>使う</translation>
    </message>
    <message>
        <source>Inks of cut lines</source>
        <translation>カット線のインク</translation>
    </message>
    <message>
        <source>In a PDF each kind of cut is a layer in a spot colour of its own. Print shops ask for certain names.</source>
        <translation>PDF ではカットの種類ごとに特色のレイヤーになります。印刷所が名前を指定することがあります。</translation>
    </message>
</context>
<context>
    <name>Parts</name>
    <message>
        <source>print this help and end</source>
        <translation>この説明を表示して終わる</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>オプション</translation>
    </message>
    <message>
        <source>Usage</source>
        <translation>使い方</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>オプション</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>ファイル</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>コマンド</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>コマンド</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>必須</translation>
    </message>
    <message>
        <source>goes with</source>
        <translation>併用</translation>
    </message>
    <message>
        <source>not with</source>
        <translation>併用不可</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>文字</translation>
    </message>
    <message>
        <source>NUMBER</source>
        <translation>数</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>コマンド</translation>
    </message>
</context>
<context>
    <name>QFileDialog</name>
    <message>
        <source>“%1” is there already. Replace it?</source>
        <translation>「%1」はすでにあります。置き換えますか？</translation>
    </message>
    <message>
        <source>%1 files are there already. Replace them?

%2</source>
        <translation>%1 個のファイルがすでにあります。置き換えますか？

%2</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>画像</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Pictures, drawings and PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</source>
        <translation>画像、図形、PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp *.gif *.pdf *.svg *.svgz *.dxf)</translation>
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
        <translation>システム</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>言語</translation>
    </message>
    <message>
        <source>Screen</source>
        <translation>画面</translation>
    </message>
    <message>
        <source>%1 × %2 px, %3 dpi, scale %4</source>
        <translation>%1 × %2 px、%3 dpi、倍率 %4</translation>
    </message>
    <message>
        <source>Window</source>
        <translation>ウィンドウ</translation>
    </message>
    <message>
        <source>Families of fonts</source>
        <translation>書体の数</translation>
    </message>
    <message>
        <source>Printers</source>
        <translation>プリンター</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>機械</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>最近のメッセージ</translation>
    </message>
    <message>
        <source>About this machine</source>
        <translation>このコンピューターについて</translation>
    </message>
    <message>
        <source>For a report of something that went wrong. Places and names of files are left out where they can be told; read the messages before you send them.</source>
        <translation>不具合の報告用です。場所やファイル名は分かる限り除きます。送る前に内容を読んでください。</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>コピー</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>&amp;Arrange</source>
        <translation>配置(&amp;A)</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>複製</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>用紙から取り除く</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>グループ化</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>グループ解除</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>ロック解除</translation>
    </message>
    <message>
        <source>Make one: %1</source>
        <translation>ひとつに：%1</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>分割</translation>
    </message>
    <message>
        <source>Part the cluster</source>
        <translation>まとまりを解く</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>最前面へ</translation>
    </message>
    <message>
        <source>To the back</source>
        <translation>最背面へ</translation>
    </message>
    <message>
        <source>Add a page</source>
        <translation>ページを追加</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>ページを追加</translation>
    </message>
    <message>
        <source>Remove this page</source>
        <translation>このページを削除</translation>
    </message>
    <message>
        <source>Remove page</source>
        <translation>ページを削除</translation>
    </message>
    <message>
        <source>Move to the next page</source>
        <translation>次のページへ移す</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>編集(&amp;E)</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>取り消す</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>やり直す</translation>
    </message>
    <message>
        <source>Paste copies or a picture</source>
        <translation>シールや画像を貼り付け</translation>
    </message>
    <message>
        <source>Select all copies</source>
        <translation>すべて選ぶ</translation>
    </message>
    <message>
        <source>Select all of this sticker</source>
        <translation>このシールをすべて選ぶ</translation>
    </message>
    <message>
        <source>Find anything…</source>
        <translation>何でも探す…</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>ファイル(&amp;F)</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>新しいプロジェクト</translation>
    </message>
    <message>
        <source>New window</source>
        <translation>新しいウィンドウ</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>プロジェクトを開く…</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>絵柄を追加…</translation>
    </message>
    <message>
        <source>Scan…</source>
        <translation>スキャン…</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>保存</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>名前を付けて保存…</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>印刷…</translation>
    </message>
    <message>
        <source>Save the PDF to print…</source>
        <translation>印刷用 PDF を保存…</translation>
    </message>
    <message>
        <source>Save the cut lines as SVG…</source>
        <translation>カット線を SVG で保存…</translation>
    </message>
    <message>
        <source>Save the cut lines as DXF…</source>
        <translation>カット線を DXF で保存…</translation>
    </message>
    <message>
        <source>Save the cut lines as HP-GL…</source>
        <translation>カット線を HP-GL で保存…</translation>
    </message>
    <message>
        <source>Check a cut file…</source>
        <translation>カットファイルを確認…</translation>
    </message>
    <message>
        <source>Photo board…</source>
        <translation>撮影ボード…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>終了</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>ヘルプ(&amp;H)</translation>
    </message>
    <message>
        <source>User guide</source>
        <translation>使い方ガイド</translation>
    </message>
    <message>
        <source>Keys…</source>
        <translation>キー…</translation>
    </message>
    <message>
        <source>First sheet in five steps</source>
        <translation>最初の用紙まで五つの手順</translation>
    </message>
    <message>
        <source>1. Drop a picture on the window.
2. On the Bench, set the border and the size.
3. On the Sheet, choose your paper and fill it with copies.
4. When the strip below has nothing to fix, go to Output and print at actual size. The print gets a ticket: its code stands on the paper, and what it says is what will be cut.
5. Load the sheet, let the marks be found, and cut. The practice printer and cutter show all of it without paper.</source>
        <translation>1. 画像をウィンドウに落とします。
2. 作業台で縁取りと大きさを決めます。
3. 用紙で紙を選び、枚数を並べます。
4. 下の帯に要修正がなくなったら、出力で実寸のまま印刷します。印刷には票が付き、その番号が紙に入ります。票に書かれたものがカットされます。
5. 用紙を入れ、トンボを読ませてカットします。練習用のプリンターとカッターで、紙なしで全部試せます。</translation>
    </message>
    <message>
        <source>Last messages…</source>
        <translation>最近のメッセージ…</translation>
    </message>
    <message>
        <source>About this machine…</source>
        <translation>このコンピューターについて…</translation>
    </message>
    <message>
        <source>About Fusuma</source>
        <translation>Fusuma について</translation>
    </message>
    <message>
        <source>Fusuma %1 prints and cuts sticker sheets.

Free software under the GNU General Public License, version 3 or later. Set in Inter, and shipped with Cabin, Dancing Script, Lobster Two and Quicksand for labels, all under the SIL Open Font License.</source>
        <translation>Fusuma %1 はシール用紙を印刷してカットします。

GNU 一般公衆利用許諾書 第 3 版以降の自由ソフトウェアです。書体は Inter、ラベル用に Cabin、Dancing Script、Lobster Two、Quicksand を同梱（いずれも SIL Open Font License）。</translation>
    </message>
    <message>
        <source>&amp;Sticker</source>
        <translation>シール(&amp;S)</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>新しいラベル…</translation>
    </message>
    <message>
        <source>Save the label as a template…</source>
        <translation>ラベルをひな形として保存…</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>用紙に置く</translation>
    </message>
    <message>
        <source>Put some of each on the sheet…</source>
        <translation>いくつかずつ用紙に置く…</translation>
    </message>
    <message>
        <source>Put some of each on the sheet</source>
        <translation>いくつかずつ用紙に置く</translation>
    </message>
    <message>
        <source>Copies of every sticker</source>
        <translation>各シールの枚数</translation>
    </message>
    <message>
        <source>Move the cut line&apos;s nodes</source>
        <translation>カット線のノードを動かす</translation>
    </message>
    <message>
        <source>Draw a cut line by hand</source>
        <translation>カット線を手で描く</translation>
    </message>
    <message>
        <source>Draw a cut line with the pen</source>
        <translation>カット線をペンで描く</translation>
    </message>
    <message>
        <source>Close or open single holes</source>
        <translation>穴を 1 つずつ閉じる・開く</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>名前を変える</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>絵柄を置き換え…</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>シールを複製</translation>
    </message>
    <message>
        <source>Move up in the tray</source>
        <translation>トレイで上へ</translation>
    </message>
    <message>
        <source>Move down in the tray</source>
        <translation>トレイで下へ</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>プロジェクトから取り除く…</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>単位</translation>
    </message>
    <message>
        <source>Put all settings back</source>
        <translation>すべての設定を戻す</translation>
    </message>
    <message>
        <source>How the window looks, widths of panels, what is open, last folders, last projects and the screen&apos;s size become as they were at first. Printers, cutters, machines, materials and lenses that you saved stay. Projects are not touched.</source>
        <translation>ウィンドウの見た目、パネルの幅、開いているもの、最後のフォルダーとプロジェクト、画面の大きさを最初に戻します。保存したプリンター、カッター、機械、素材、レンズは残ります。プロジェクトは変わりません。</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>表示(&amp;V)</translation>
    </message>
    <message>
        <source>Go to the Bench</source>
        <translation>作業台へ</translation>
    </message>
    <message>
        <source>Go to the Sheet</source>
        <translation>用紙へ</translation>
    </message>
    <message>
        <source>Go to the Output</source>
        <translation>出力へ</translation>
    </message>
    <message>
        <source>Fold the left panel</source>
        <translation>左パネルを畳む</translation>
    </message>
    <message>
        <source>Fold the right panel</source>
        <translation>右パネルを畳む</translation>
    </message>
    <message>
        <source>Next pane</source>
        <translation>次の区画</translation>
    </message>
    <message>
        <source>Pane before</source>
        <translation>前の区画</translation>
    </message>
    <message>
        <source>Shift+F6</source>
        <translation>Shift+F6</translation>
    </message>
    <message>
        <source>Move the pointer by keys</source>
        <translation>ポインターをキーで動かす</translation>
    </message>
    <message>
        <source>True size on the Sheet</source>
        <translation>用紙を実寸で見る</translation>
    </message>
    <message>
        <source>Set the screen&apos;s size…</source>
        <translation>画面の大きさ…</translation>
    </message>
    <message>
        <source>Measure on the Sheet</source>
        <translation>用紙上で測る</translation>
    </message>
    <message>
        <source>Next unit</source>
        <translation>次の単位</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>見た目：%1</translation>
    </message>
    <message>
        <source>Put all settings back…</source>
        <translation>すべての設定を戻す…</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>「%1」を読み込み中</translation>
    </message>
    <message>
        <source>Working out %1</source>
        <translation>%1 を計算中</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>作業中</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>未保存の作業</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>大きさを変える</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Save a smaller PDF to print…</source>
        <translation>印刷用の小さいPDFを保存…</translation>
    </message>
    <message>
        <source>Colours of the screen</source>
        <translation>画面の色</translation>
    </message>
    <message>
        <source>by its profile</source>
        <translation>プロファイルによる</translation>
    </message>
    <message>
        <source>sRGB</source>
        <translation>sRGB</translation>
    </message>
    <message numerus="yes">
        <source>Working out %n stickers</source>
        <translation>
            <numerusform>シール %n 枚を計算中</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>SaveMade</name>
    <message>
        <source>Save as</source>
        <translation>名前を付けて保存</translation>
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
        <translation>%1 を保存しました。</translation>
    </message>
</context>
<context>
    <name>ScanDialog</name>
    <message>
        <source>Scan</source>
        <translation>スキャン</translation>
    </message>
    <message>
        <source>Scanner</source>
        <translation>スキャナー</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>解像度</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>グレー</translation>
    </message>
    <message>
        <source>Looking for scanners…</source>
        <translation>スキャナーを探しています…</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>プレビュー</translation>
    </message>
    <message>
        <source>A quick look at all that lies in the scanner.</source>
        <translation>スキャナーにあるもの全部をざっと見ます。</translation>
    </message>
    <message>
        <source>Scan it</source>
        <translation>スキャンする</translation>
    </message>
    <message>
        <source>It becomes a sticker; then scan the next.</source>
        <translation>シールになります。続けて次をスキャンします。</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>停止</translation>
    </message>
    <message>
        <source>Ends the scan; nothing of it is kept.</source>
        <translation>スキャンをやめます。何も残りません。</translation>
    </message>
    <message>
        <source>Having a look…</source>
        <translation>確認中…</translation>
    </message>
    <message>
        <source>Scanning…</source>
        <translation>スキャン中…</translation>
    </message>
    <message>
        <source>Draw a box round what is to be scanned.</source>
        <translation>スキャンするものを枠で囲みます。</translation>
    </message>
    <message>
        <source>scan %1.png</source>
        <translation>スキャン %1.png</translation>
    </message>
    <message>
        <source>Scanned: it is in the tray. Lay in the next.</source>
        <translation>スキャンしてトレイに入れました。次を置いてください。</translation>
    </message>
</context>
<context>
    <name>SetRight</name>
    <message>
        <source>%1 mm %2 and %3 mm %4</source>
        <translation>%1 mm %2、%3 mm %4</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>左へ</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>右へ</translation>
    </message>
    <message>
        <source>up</source>
        <translation>上</translation>
    </message>
    <message>
        <source>down</source>
        <translation>下</translation>
    </message>
    <message>
        <source>Print it…</source>
        <translation>印刷…</translation>
    </message>
    <message>
        <source>On a printer of this computer</source>
        <translation>このコンピューターのプリンターで</translation>
    </message>
    <message>
        <source>Save it as PDF…</source>
        <translation>PDF で保存…</translation>
    </message>
    <message>
        <source>To print it elsewhere, at actual size</source>
        <translation>ほかで実寸印刷するため</translation>
    </message>
    <message>
        <source>Set the printer right</source>
        <translation>プリンターを調整</translation>
    </message>
    <message>
        <source>1. Print this page on the paper you use, at actual size.</source>
        <translation>1. いつもの紙に、実寸でこのページを印刷します。</translation>
    </message>
    <message>
        <source>measuring page</source>
        <translation>計測ページ</translation>
    </message>
    <message>
        <source>2. Measure its three lengths with a ruler and type them in. The same numbers are printed on the page: when yours agree, nothing needs setting.</source>
        <translation>2. 3 つの長さを定規で測って入力します。同じ数字がページにも印刷されています。一致すれば設定は不要です。</translation>
    </message>
    <message>
        <source>A: from the left edge</source>
        <translation>A：左端から</translation>
    </message>
    <message>
        <source>B: from the top edge</source>
        <translation>B：上端から</translation>
    </message>
    <message>
        <source>C: between the ticks</source>
        <translation>C：目盛りの間</translation>
    </message>
    <message>
        <source>Measure it in a photograph…</source>
        <translation>写真で測る…</translation>
    </message>
    <message>
        <source>Lay the printed page on a darker table and take it whole: its edges and its dots tell the three lengths.</source>
        <translation>印刷したページを暗い机に置いて全体を撮ります。縁と点から 3 つの長さが分かります。</translation>
    </message>
    <message>
        <source>Prints will be moved %1, and be stretched to %2 %.</source>
        <translation>印刷を %1 動かし、%2 % に伸縮します。</translation>
    </message>
    <message>
        <source>That is more than 20 mm or 20 % off: was the page printed at actual size?</source>
        <translation>20 mm または 20 % を超えています：実寸で印刷しましたか？</translation>
    </message>
    <message>
        <source>Seen with an error of %1 mm left. The print is turned on its paper by %2°, which a printer&apos;s guides mend and a correction does not.</source>
        <translation>残り誤差 %1 mm で見えました。印刷が紙に対して %2° 回っています。これは補正ではなくプリンターのガイドで直します。</translation>
    </message>
    <message>
        <source>The photograph of the printed page</source>
        <translation>印刷したページの写真</translation>
    </message>
    <message>
        <source>Looking for the page…</source>
        <translation>ページを探しています…</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>使う</translation>
    </message>
    <message>
        <source>Set the machine right</source>
        <translation>機械を調整</translation>
    </message>
    <message>
        <source>The cut zone is too small for a test sheet.</source>
        <translation>テスト用紙にはカット範囲が小さすぎます。</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>1. Print the test sheet, then cut it with its HP-GL as you cut your stickers.</source>
        <translation>1. テスト用紙を印刷し、その HP-GL でいつものようにカットします。</translation>
    </message>
    <message>
        <source>machine test</source>
        <translation>機械のテスト</translation>
    </message>
    <message>
        <source>Save its cut as HP-GL…</source>
        <translation>カットを HP-GL で保存…</translation>
    </message>
    <message>
        <source>For your cutter</source>
        <translation>カッター用</translation>
    </message>
    <message>
        <source>2. How far was each square cut beside its print? Right and down count positive.</source>
        <translation>2. 各四角は印刷からどれだけずれてカットされましたか？ 右と下がプラスです。</translation>
    </message>
    <message>
        <source>Square %1, right</source>
        <translation>四角 %1、右</translation>
    </message>
    <message>
        <source>Square %1, down</source>
        <translation>四角 %1、下</translation>
    </message>
    <message>
        <source>Cuts will be moved %1, turned %2° and stretched to %3 × %4 %.</source>
        <translation>カットを %1 動かし、%2° 回し、%3 × %4 % に伸縮します。</translation>
    </message>
    <message>
        <source>Photo board</source>
        <translation>撮影ボード</translation>
    </message>
    <message>
        <source>A sheet with marks round a free inside. A photograph of whatever lies on it is laid flat in true millimetres, and a printed sheet on it is found for your cutter. Print it at actual size on stiff paper.</source>
        <translation>中央を空け、周りにトンボを置いたシート。上に置いたものの写真を本当の mm で平らに直し、印刷した用紙を置けばカッター用に位置を見つけます。厚紙に実寸で印刷してください。</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>用紙サイズ</translation>
    </message>
    <message>
        <source>photo board</source>
        <translation>撮影ボード</translation>
    </message>
    <message>
        <source>Or let your cutter draw it with a pen in place of the blade: then its marks lie where the machine says, however the paper lies in it.</source>
        <translation>または刃の代わりにペンで描かせます。紙がどう入っていても、トンボは機械の示す位置にあります。</translation>
    </message>
    <message>
        <source>Save it as HP-GL to draw…</source>
        <translation>描画用の HP-GL で保存…</translation>
    </message>
    <message>
        <source>In the ways of a machine with nothing special</source>
        <translation>特別なもののない機械として</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>完了</translation>
    </message>
</context>
<context>
    <name>SplitDialog</name>
    <message>
        <source>%1 pieces, in reading order</source>
        <translation>断片 %1 個、読む順</translation>
    </message>
    <message>
        <source>One sticker for each piece</source>
        <translation>断片ごとにシール</translation>
    </message>
    <message>
        <source>Nearer than this is one piece</source>
        <translation>これより近いとひとつの断片</translation>
    </message>
    <message>
        <source>One name for all, which are numbered, or several with commas between, in the order of the numbers</source>
        <translation>全部に番号付きのひとつの名前、またはコンマ区切りで番号順の名前</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>Cut them where they lie on the board; print nothing</source>
        <translation>ボード上の位置でカット、印刷はしない</translation>
    </message>
    <message>
        <source>Make the stickers</source>
        <translation>シールを作る</translation>
    </message>
    <message>
        <source>%1 pieces are too many: is the background taken away?</source>
        <translation>断片が %1 個あり多すぎます：背景は取り除きましたか？</translation>
    </message>
    <message>
        <source>%1 pieces, numbered as they are read. They share the picture: laying it flat anew corrects all.</source>
        <translation>断片 %1 個に読む順で番号を付けました。画像を共有するので、平らに直せばすべてに効きます。</translation>
    </message>
    <message>
        <source>All of it is one piece.</source>
        <translation>全体がひとつの断片です。</translation>
    </message>
</context>
<context>
    <name>TrayCard</name>
    <message>
        <source>something to fix</source>
        <translation>要修正あり</translation>
    </message>
    <message>
        <source>something to look at</source>
        <translation>要確認あり</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>良好</translation>
    </message>
    <message>
        <source>%1 — %2. Double-click to open it on the Bench.</source>
        <translation>%1 — %2。ダブルクリックで作業台に開きます。</translation>
    </message>
    <message>
        <source>Name of the sticker</source>
        <translation>シールの名前</translation>
    </message>
    <message>
        <source>Open on the Bench</source>
        <translation>作業台で開く</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>名前を変える</translation>
    </message>
    <message>
        <source>not worked out yet</source>
        <translation>まだ計算していません</translation>
    </message>
</context>
<context>
    <name>arrow_pad</name>
    <message>
        <source>to the left</source>
        <translation>左へ</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>右へ</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>奥へ</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>手前へ</translation>
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
        <translation>「%1」が応答しません。</translation>
    </message>
    <message>
        <source>“%1” refused a line (%2) and waits with its blade up.</source>
        <translation>「%1」が線を拒みました (%2)。刃を上げて待っています。</translation>
    </message>
</context>
<context>
    <name>fusuma::CutterLink</name>
    <message>
        <source>“%1” has no line to this computer: it only gets files.</source>
        <translation>「%1」はこのコンピューターとつながらず、ファイルだけを受け取ります。</translation>
    </message>
    <message>
        <source>There is no %1: is the cable in, and the machine on?</source>
        <translation>%1 がありません：ケーブルと電源を確かめてください。</translation>
    </message>
    <message>
        <source>You may not use %1. Join the group “%2” (sudo adduser $USER %2), then log in again.</source>
        <translation>%1 を使えません。グループ「%2」に入り (sudo adduser $USER %2)、ログインし直してください。</translation>
    </message>
    <message>
        <source>%1 cannot be opened: %2.</source>
        <translation>%1 を開けません：%2。</translation>
    </message>
    <message>
        <source>The line to the cutter at %1 dropped: %2.</source>
        <translation>カッター %1 との接続が切れました：%2。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::AddArtwork</name>
    <message>
        <source>Add artwork</source>
        <translation>絵柄を追加</translation>
    </message>
    <message>
        <source>Choose a label in the tray first.</source>
        <translation>先にトレイのラベルを選んでください。</translation>
    </message>
    <message>
        <source>Save the label as a template</source>
        <translation>ラベルをひな形として保存</translation>
    </message>
    <message>
        <source>Label templates</source>
        <translation>ラベルのひな形</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 を保存しました。</translation>
    </message>
    <message>
        <source>Addresses of the web cannot be opened. Save the picture as a file first, then drop that.</source>
        <translation>Web のアドレスは開けません。画像をファイルに保存してから落としてください。</translation>
    </message>
    <message>
        <source>pasted-picture.png</source>
        <translation>貼り付けた画像.png</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard. Copy one, or a file, then paste.</source>
        <translation>クリップボードに画像がありません。画像かファイルをコピーして貼り付けてください。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ArtworkStep</name>
    <message>
        <source>Rename</source>
        <translation>名前を変える</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>How finely the page is drawn. 300 dpi is plenty for printing at its own size.</source>
        <translation>ページを描く細かさ。元の大きさの印刷なら 300 dpi で十分です。</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>描画の細かさ</translation>
    </message>
    <message>
        <source>Lay it flat…</source>
        <translation>平らに補正…</translation>
    </message>
    <message>
        <source>For photographs: by the photo board, a sheet of paper, a card or four corners, in true millimetres.</source>
        <translation>写真用：撮影ボード、紙、カード、または四隅で、本当の mm に。</translation>
    </message>
    <message>
        <source>One sticker for each piece…</source>
        <translation>断片ごとにシール…</translation>
    </message>
    <message>
        <source>A page of drawings becomes a sticker for each; they share the picture.</source>
        <translation>1 ページの絵をそれぞれシールにします。画像は共有します。</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>切り抜き</translation>
    </message>
    <message>
        <source>Draw a box round the part to use. The rest is kept aside, not lost.</source>
        <translation>使う部分を枠で囲みます。残りは取っておき、なくなりません。</translation>
    </message>
    <message>
        <source>Use all of it</source>
        <translation>全体を使う</translation>
    </message>
    <message>
        <source>Take the crop away.</source>
        <translation>切り抜きをやめます。</translation>
    </message>
    <message>
        <source>Clockwise. Steps with the arrow keys.</source>
        <translation>時計回り。矢印キーで刻みます。</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Quarter left</source>
        <translation>左へ 90°</translation>
    </message>
    <message>
        <source>Turn by 90° anticlockwise.</source>
        <translation>反時計回りに 90° 回します。</translation>
    </message>
    <message>
        <source>Quarter right</source>
        <translation>右へ 90°</translation>
    </message>
    <message>
        <source>Turn by 90° clockwise.</source>
        <translation>時計回りに 90° 回します。</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>反転</translation>
    </message>
    <message>
        <source>Left and right exchanged, as for stickers behind glass.</source>
        <translation>左右を反転します（ガラスの裏に貼るシールなど）。</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>反転</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>傾きを直す</translation>
    </message>
    <message>
        <source>Draw a line along what should be level or upright; the artwork turns to suit.</source>
        <translation>水平や垂直にしたい所に線を引くと、絵柄がそれに合わせて回ります。</translation>
    </message>
    <message>
        <source>page %1, drawn at %2 dpi</source>
        <translation>ページ %1、%2 dpi で描画</translation>
    </message>
    <message>
        <source>laid flat, %1 × %2 mm</source>
        <translation>平らに補正、%1 × %2 mm</translation>
    </message>
    <message>
        <source>saved at %1 dpi</source>
        <translation>%1 dpi で保存</translation>
    </message>
    <message>
        <source>no density in the file, 300 dpi assumed</source>
        <translation>ファイルに密度がないため 300 dpi とします</translation>
    </message>
    <message>
        <source>%1, %2. Prints at %3 dpi at this size.</source>
        <translation>%1、%2。この大きさでは %3 dpi で印刷されます。</translation>
    </message>
    <message>
        <source>%1, a drawing of %2 parts. Its edges are exact at every size.</source>
        <translation>%1、パーツ %2 個の図形。どの大きさでも縁は正確です。</translation>
    </message>
    <message>
        <source>A label made here. Its edges are exact at every size.</source>
        <translation>ここで作ったラベル。どの大きさでも縁は正確です。</translation>
    </message>
    <message>
        <source>Stickers joined to one. Each is kept as it was.</source>
        <translation>ひとつにしたシール。それぞれ元のまま残ります。</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>手描き</translation>
    </message>
    <message>
        <source>%1 × %2 px</source>
        <translation>%1 × %2 px</translation>
    </message>
    <message>
        <source>, laid flat</source>
        <translation>、平らに補正</translation>
    </message>
    <message>
        <source>, cropped</source>
        <translation>、切り抜き</translation>
    </message>
    <message>
        <source>, turned</source>
        <translation>、回転</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BackgroundStep</name>
    <message>
        <source>What tells the art from its background, and what each way would give.</source>
        <translation>絵柄と背景の見分け方と、それぞれの結果。</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>背景</translation>
    </message>
    <message>
        <source>Take a patch</source>
        <translation>一か所消す</translation>
    </message>
    <message>
        <source>Click patches of one even colour in the picture, such as a gap the paper shows through. Esc puts the tool down.</source>
        <translation>画像の一様な色の所をクリックします（紙が見えるすき間など）。Esc で道具を置きます。</translation>
    </message>
    <message>
        <source>Give back</source>
        <translation>戻す</translation>
    </message>
    <message>
        <source>Bring the last patch back.</source>
        <translation>最後に消した所を戻します。</translation>
    </message>
    <message>
        <source>Give a patch back</source>
        <translation>一か所戻す</translation>
    </message>
    <message>
        <source>What is nearly that colour counts, too</source>
        <translation>その色に近いものも含む</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>許容差</translation>
    </message>
    <message>
        <source>Higher takes more along. Too high eats into pale art.</source>
        <translation>大きいほど多く含みます。大きすぎると淡い絵柄が欠けます。</translation>
    </message>
    <message>
        <source>Fill the inside of line drawings</source>
        <translation>線画の内側を塗る</translation>
    </message>
    <message>
        <source>Whatever the lines enclose counts as art, so the figure becomes one solid piece.</source>
        <translation>線で囲まれた所を絵柄とし、図柄をひとつにします。</translation>
    </message>
    <message>
        <source>Fill the inside</source>
        <translation>内側を塗る</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>注目枠</translation>
    </message>
    <message>
        <source>Only what lies in the box becomes the sticker. Draw it in the picture.</source>
        <translation>枠の中だけがシールになります。画像に描いてください。</translation>
    </message>
    <message>
        <source>Whole picture</source>
        <translation>画像全体</translation>
    </message>
    <message>
        <source>Take the focus box away.</source>
        <translation>注目枠を外します。</translation>
    </message>
    <message>
        <source>Darker than this is art</source>
        <translation>これより暗いと絵柄</translation>
    </message>
    <message>
        <source>Raise it until the whole figure counts and no more.</source>
        <translation>図柄全体がちょうど入るまで上げます。</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>明るさ</translation>
    </message>
    <message>
        <source>Whether the picked colours are the background, or all there is of the art.</source>
        <translation>取った色が背景か、絵柄のすべてか。</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Pick a colour in the picture</source>
        <translation>画像から色を取る</translation>
    </message>
    <message>
        <source>Then click it in the picture. Every pick adds a colour; click one above to drop it.</source>
        <translation>画像をクリックします。取るたびに色が加わり、上のクリックで外れます。</translation>
    </message>
    <message>
        <source>Also enclosed pockets of this colour</source>
        <translation>囲まれた同じ色の部分も</translation>
    </message>
    <message>
        <source>Off, only what is joined to the picture&apos;s edge is taken away.</source>
        <translation>オフでは、画像の縁とつながる所だけを取り除きます。</translation>
    </message>
    <message>
        <source>Pockets</source>
        <translation>囲まれた所</translation>
    </message>
    <message>
        <source>Without a box</source>
        <translation>枠なし</translation>
    </message>
    <message>
        <source>Look at nearly the whole picture.</source>
        <translation>画像のほぼ全体を調べます。</translation>
    </message>
    <message>
        <source>Box round it</source>
        <translation>枠で囲む</translation>
    </message>
    <message>
        <source>Draw a box round the subject: what lies outside is ground.</source>
        <translation>被写体を枠で囲みます。外側は背景です。</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>これは含める</translation>
    </message>
    <message>
        <source>Paint over a part of the subject that was left out; a short stroke will do.</source>
        <translation>抜けた被写体の上を塗ります。短い一筆で足ります。</translation>
    </message>
    <message>
        <source>This does not</source>
        <translation>これは含めない</translation>
    </message>
    <message>
        <source>Paint over ground that was taken along; a short stroke will do.</source>
        <translation>含まれた背景の上を塗ります。短い一筆で足ります。</translation>
    </message>
    <message>
        <source>Light that falls unevenly on paper, with its shadows, is divided out.</source>
        <translation>紙に落ちる光のむらと影を取り除きます。</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>明るさ</translation>
    </message>
    <message>
        <source>Uneven light</source>
        <translation>光のむら</translation>
    </message>
    <message>
        <source>Print the evened picture</source>
        <translation>補正した画像を印刷</translation>
    </message>
    <message>
        <source>Off, the picture is printed as it came; evening only tells the art from the paper.</source>
        <translation>オフでは元の画像を印刷します。補正は絵柄と紙の見分けにだけ使います。</translation>
    </message>
    <message>
        <source>Print no ink on paper</source>
        <translation>紙の色にはインクを使わない</translation>
    </message>
    <message>
        <source>What is nearly as white as the paper becomes white. Colours of the art stay as they are.</source>
        <translation>紙とほぼ同じ白を白にします。絵柄の色は変わりません。</translation>
    </message>
    <message>
        <source>Soft shadows that the art throws on a ground of one colour.</source>
        <translation>単色の地に絵柄が落とすやわらかな影。</translation>
    </message>
    <message>
        <source>Soft shadows</source>
        <translation>やわらかな影</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>ブラシ：加える</translation>
    </message>
    <message>
        <source>Paint over what should count as art. Hold Shift for a straight stroke.</source>
        <translation>絵柄にする所を塗ります。Shift で直線。</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>ブラシ：消す</translation>
    </message>
    <message>
        <source>Paint over what should not count as art. Hold Shift for a straight stroke.</source>
        <translation>絵柄にしない所を塗ります。Shift で直線。</translation>
    </message>
    <message>
        <source>Across, in pixels of the picture.</source>
        <translation>直径、画像の画素で。</translation>
    </message>
    <message>
        <source>100 % has a sharp rim; lower fades out towards it.</source>
        <translation>100 % は縁がくっきり、小さいほど縁に向かってぼけます。</translation>
    </message>
    <message>
        <source>Brush size</source>
        <translation>ブラシの大きさ</translation>
    </message>
    <message>
        <source>Brush hardness</source>
        <translation>ブラシの硬さ</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>硬さ</translation>
    </message>
    <message>
        <source>Brush strokes</source>
        <translation>ブラシの筆跡</translation>
    </message>
    <message>
        <source>Every stroke stays: choose one to change its size or hardness, or to remove it.</source>
        <translation>筆跡はすべて残ります。選んで大きさや硬さを変えたり、取り除いたりできます。</translation>
    </message>
    <message>
        <source>Turn round</source>
        <translation>向きを逆に</translation>
    </message>
    <message>
        <source>Let the chosen stroke do the opposite.</source>
        <translation>選んだ筆跡を逆の働きにします。</translation>
    </message>
    <message>
        <source>Brush stroke</source>
        <translation>ブラシの一筆</translation>
    </message>
    <message>
        <source>Remove stroke</source>
        <translation>筆跡を取り除く</translation>
    </message>
    <message>
        <source>Take the chosen stroke out.</source>
        <translation>選んだ筆跡を除きます。</translation>
    </message>
    <message>
        <source>%1. Click to drop it.</source>
        <translation>%1。クリックで外します。</translation>
    </message>
    <message>
        <source>Drop a colour</source>
        <translation>色を外す</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>ほか %1 件</translation>
    </message>
    <message>
        <source>Add, %1 px</source>
        <translation>追加、%1 px</translation>
    </message>
    <message>
        <source>Erase, %1 px</source>
        <translation>消す、%1 px</translation>
    </message>
    <message>
        <source>Belongs, %1 px</source>
        <translation>含める、%1 px</translation>
    </message>
    <message>
        <source>Does not belong, %1 px</source>
        <translation>含めない、%1 px</translation>
    </message>
    <message>
        <source>%1 colours</source>
        <translation>%1 色</translation>
    </message>
    <message>
        <source>by brightness</source>
        <translation>明るさで</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>%1 だけ</translation>
    </message>
    <message>
        <source>%1 taken away</source>
        <translation>%1 を除去</translation>
    </message>
    <message>
        <source>the subject</source>
        <translation>被写体</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>見つからない</translation>
    </message>
    <message>
        <source>clear already</source>
        <translation>すでに透明</translation>
    </message>
    <message>
        <source>, light evened</source>
        <translation>、明るさを補正</translation>
    </message>
    <message>
        <source>, no shadows</source>
        <translation>、影なし</translation>
    </message>
    <message>
        <source>, brushed</source>
        <translation>、ブラシあり</translation>
    </message>
    <message>
        <source>, in a box</source>
        <translation>、枠内</translation>
    </message>
    <message>
        <source>Light, shadows and patches</source>
        <translation>光・影・部分</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchTools</name>
    <message>
        <source>Open a hole</source>
        <translation>穴を開く</translation>
    </message>
    <message>
        <source>Close a hole</source>
        <translation>穴を閉じる</translation>
    </message>
    <message>
        <source>Take a patch away</source>
        <translation>一か所取り除く</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>色を取る</translation>
    </message>
    <message>
        <source>Brush: add</source>
        <translation>ブラシ：加える</translation>
    </message>
    <message>
        <source>Brush: erase</source>
        <translation>ブラシ：消す</translation>
    </message>
    <message>
        <source>This belongs</source>
        <translation>これは含める</translation>
    </message>
    <message>
        <source>This does not belong</source>
        <translation>これは含めない</translation>
    </message>
    <message>
        <source>Box round the subject</source>
        <translation>被写体を枠で囲む</translation>
    </message>
    <message>
        <source>Focus box</source>
        <translation>注目枠</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>切り抜き</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>傾きを直す</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BenchView</name>
    <message>
        <source>The sticker with its cut line</source>
        <translation>シールとそのカット線</translation>
    </message>
    <message>
        <source>Look at</source>
        <translation>見る</translation>
    </message>
    <message>
        <source>What to show: the result as it prints and is cut, the artwork as it came, how much counts as art, the outline with its nodes, or where outline and coverage disagree.</source>
        <translation>表示：印刷とカットの結果、元の絵柄、絵柄とみなす濃さ、輪郭とノード、輪郭と濃さの食い違い。</translation>
    </message>
    <message>
        <source>Look at: Result</source>
        <translation>見る：結果</translation>
    </message>
    <message>
        <source>Look at: Artwork</source>
        <translation>見る：絵柄</translation>
    </message>
    <message>
        <source>Look at: Coverage</source>
        <translation>見る：濃さ</translation>
    </message>
    <message>
        <source>Look at: Outline</source>
        <translation>見る：輪郭</translation>
    </message>
    <message>
        <source>Look at: Difference</source>
        <translation>見る：違い</translation>
    </message>
    <message>
        <source>Shown on</source>
        <translation>背景の表示</translation>
    </message>
    <message>
        <source>The sticker as it is planned, or finished: cut out, on what it may be printed on or stuck to.</source>
        <translation>計画中のシール、または仕上がり：印刷や貼り付けの地の上で。</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>計画どおり</translation>
    </message>
    <message>
        <source>On white paper</source>
        <translation>白い紙</translation>
    </message>
    <message>
        <source>On clear film</source>
        <translation>透明フィルム</translation>
    </message>
    <message>
        <source>On kraft</source>
        <translation>クラフト紙</translation>
    </message>
    <message>
        <source>On a dark ground</source>
        <translation>暗い地の上</translation>
    </message>
    <message>
        <source>Peel a corner</source>
        <translation>角をめくる</translation>
    </message>
    <message>
        <source>One corner lifted off its backing.</source>
        <translation>角を台紙からめくった様子。</translation>
    </message>
    <message numerus="yes">
        <source>%n contours</source>
        <translation>
            <numerusform>輪郭 %n 本</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> · %n holes</source>
        <translation>
            <numerusform> · 穴 %n 個</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 nodes · %2</source>
        <translation> · ノード %1 個 · %2</translation>
    </message>
    <message>
        <source> · thinnest %1</source>
        <translation> · 最も細い所 %1</translation>
    </message>
    <message>
        <source>Drop a picture here</source>
        <translation>ここに画像を落とす</translation>
    </message>
    <message>
        <source>A picture, a drawing or a PDF; or paste one with Ctrl+V. Transparency is best: its edge becomes the outline.</source>
        <translation>画像、図形、PDF。Ctrl+V で貼り付けもできます。透明部分があればその縁が輪郭になります。</translation>
    </message>
    <message>
        <source>The outline follows the coverage everywhere in sight.</source>
        <translation>輪郭は見える所すべてで濃さに沿っています。</translation>
    </message>
    <message>
        <source>art that the outline leaves out: %1 mm²</source>
        <translation>輪郭から漏れた絵柄：%1 mm²</translation>
    </message>
    <message>
        <source>taken in though it is no art: %1 mm²</source>
        <translation>絵柄でないのに含む：%1 mm²</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1、%2、%3</translation>
    </message>
    <message>
        <source>printed</source>
        <translation>印刷済み</translation>
    </message>
    <message>
        <source>not printed</source>
        <translation>印刷なし</translation>
    </message>
    <message>
        <source>%1, finished %2 by %3</source>
        <translation>%1、仕上がり %2 × %3</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BleedStep</name>
    <message>
        <source>What prints past the cut line, so that a cut that slips shows colour instead of paper.</source>
        <translation>カット線の外まで印刷し、ずれても紙でなく色が見えるようにします。</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>塗り足し</translation>
    </message>
    <message>
        <source>How far colour goes past the cut. 1 mm covers what most printers and cutters are off.</source>
        <translation>カットの外まで色を出す量。1 mm あれば、たいていのプリンターとカッターのずれを覆えます。</translation>
    </message>
    <message>
        <source>width</source>
        <translation>幅</translation>
    </message>
    <message>
        <source>Past the cut by</source>
        <translation>カットの先まで</translation>
    </message>
    <message>
        <source>Bleed width</source>
        <translation>塗り足しの幅</translation>
    </message>
    <message>
        <source>The rim at the cut is paper, so there is no colour to carry on. Give it one in the Border step.</source>
        <translation>カットの所の内縁が紙なので、続ける色がありません。縁取りの手順で色を付けてください。</translation>
    </message>
    <message>
        <source>The rim at the cut is paper: a slip would show a thin coloured edge. None suits a white border best.</source>
        <translation>カットの所の内縁が紙です：ずれると細い色が見えます。白い縁取りには塗り足しなしが最適です。</translation>
    </message>
    <message>
        <source>The cut lies on print. Without bleed the smallest slip shows paper.</source>
        <translation>カットは印刷の上です。塗り足しがないと、わずかなずれで紙が見えます。</translation>
    </message>
    <message>
        <source>A slip of the cut shows nothing new: paper lies on both sides.</source>
        <translation>カットがずれても見え方は変わりません：両側とも紙です。</translation>
    </message>
    <message>
        <source>Beside a close neighbour it is cut back halfway; preflight says so.</source>
        <translation>近い隣があると半分に詰めます。検査で知らせます。</translation>
    </message>
    <message>
        <source>The cut lies inside the art, which prints past it by itself.</source>
        <translation>カットは絵柄の内側で、絵柄が外まで印刷されます。</translation>
    </message>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>nothing to carry on</source>
        <translation>続ける色なし</translation>
    </message>
    <message>
        <source>, art&apos;s colours</source>
        <translation>、絵柄の色</translation>
    </message>
    <message>
        <source>, rim&apos;s colour</source>
        <translation>、内縁の色</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BorderStep</name>
    <message>
        <source>The white rim between art and cut. Below zero the cut goes inside the art, so no white shows.</source>
        <translation>絵柄とカットの間の白い縁取り。0 未満ではカットが絵柄に入り、白が見えません。</translation>
    </message>
    <message>
        <source>Border width</source>
        <translation>縁取りの幅</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>幅</translation>
    </message>
    <message>
        <source>Border widths</source>
        <translation>縁取りの幅</translation>
    </message>
    <message>
        <source>Grows with larger copies</source>
        <translation>大きくすると太くなる</translation>
    </message>
    <message>
        <source>Off, the border is the same millimetres on every copy, large or small.</source>
        <translation>オフでは、大きさによらず縁取りの幅は同じです。</translation>
    </message>
    <message>
        <source>Scale the border</source>
        <translation>縁取りも拡縮</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>角</translation>
    </message>
    <message>
        <source>Points that would stick out farther than this many widths are cut square.</source>
        <translation>この倍数より突き出す角は切り落とします。</translation>
    </message>
    <message>
        <source>Mitre limit</source>
        <translation>留め継ぎの限度</translation>
    </message>
    <message>
        <source>Points up to</source>
        <translation>上向き</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>穴</translation>
    </message>
    <message>
        <source>Holes smaller than this are closed.</source>
        <translation>これより小さい穴は閉じます。</translation>
    </message>
    <message>
        <source>Close those under</source>
        <translation>これ未満を閉じる</translation>
    </message>
    <message>
        <source>Click single holes</source>
        <translation>穴を 1 つずつクリック</translation>
    </message>
    <message>
        <source>Click a hole in the picture to close it, or a closed one to open it.</source>
        <translation>画像の穴をクリックすると閉じ、閉じた穴は開きます。</translation>
    </message>
    <message>
        <source>Join pieces, inlets and tips</source>
        <translation>断片、入り江、とがり</translation>
    </message>
    <message>
        <source>Parts of the border closer together than this grow together by a smooth bridge. The rim elsewhere stays as wide as it is.</source>
        <translation>これより近い縁取りどうしを滑らかな橋でつなぎます。ほかの幅は変わりません。</translation>
    </message>
    <message>
        <source>Join pieces</source>
        <translation>断片をつなぐ</translation>
    </message>
    <message>
        <source>Join pieces closer than</source>
        <translation>つなぐ断片の距離</translation>
    </message>
    <message>
        <source>One border round everything</source>
        <translation>全体にひとつの縁取り</translation>
    </message>
    <message>
        <source>Bridges all pieces the shortest way, however far apart, so the sticker comes off in one.</source>
        <translation>どれほど離れていてもすべての断片を最短でつなぎ、シールが一度にはがれるようにします。</translation>
    </message>
    <message>
        <source>One border</source>
        <translation>ひとつの縁取り</translation>
    </message>
    <message>
        <source>Narrow inlets tear under the blade. Those under this width are filled.</source>
        <translation>狭い入り江は刃で裂けます。この幅未満は埋めます。</translation>
    </message>
    <message>
        <source>Fill inlets</source>
        <translation>入り江を埋める</translation>
    </message>
    <message>
        <source>No gap narrower than</source>
        <translation>すき間の下限</translation>
    </message>
    <message>
        <source>Thin spikes bend and tear. Those under this width are cut off.</source>
        <translation>細いとがりは曲がって裂けます。この幅未満は切ります。</translation>
    </message>
    <message>
        <source>Cut off spikes</source>
        <translation>とがりを切る</translation>
    </message>
    <message>
        <source>No tip thinner than</source>
        <translation>とがりの太さの下限</translation>
    </message>
    <message>
        <source>Printed with</source>
        <translation>印刷の色</translation>
    </message>
    <message>
        <source>The border is printed with</source>
        <translation>縁取りの印刷</translation>
    </message>
    <message>
        <source>Border colour</source>
        <translation>縁取りの色</translation>
    </message>
    <message>
        <source>Add a rim inside</source>
        <translation>内側に内縁を追加</translation>
    </message>
    <message>
        <source>A printed rim between the art and the border, such as a coloured line inside a white edge.</source>
        <translation>絵柄と縁取りの間に印刷する内縁。白い縁の中の色線など。</translation>
    </message>
    <message>
        <source>Add a rim</source>
        <translation>内縁を追加</translation>
    </message>
    <message>
        <source>How wide this rim is. The cut line moves outward by it.</source>
        <translation>この内縁の幅。カット線もその分外へ出ます。</translation>
    </message>
    <message>
        <source>Rim %1 is printed with</source>
        <translation>内縁 %1 の印刷</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>Take this rim away.</source>
        <translation>この内縁を取り除きます。</translation>
    </message>
    <message>
        <source>Innermost rim</source>
        <translation>最も内側の内縁</translation>
    </message>
    <message>
        <source>Rim %1</source>
        <translation>内縁 %1</translation>
    </message>
    <message>
        <source>Width of rim %1</source>
        <translation>内縁 %1 の幅</translation>
    </message>
    <message>
        <source>Rim width</source>
        <translation>内縁の幅</translation>
    </message>
    <message>
        <source>Rim colour</source>
        <translation>内縁の色</translation>
    </message>
    <message>
        <source>Remove a rim</source>
        <translation>内縁を取り除く</translation>
    </message>
    <message>
        <source>The border falls into %1 pieces. Join them above, or widen it.</source>
        <translation>縁取りが %1 個に分かれます。上でつなぐか、広げてください。</translation>
    </message>
    <message>
        <source>none, cut on the outline</source>
        <translation>なし、輪郭でカット</translation>
    </message>
    <message numerus="yes">
        <source>, %n rims</source>
        <translation>
            <numerusform>、内縁 %n 本</numerusform>
        </translation>
    </message>
    <message>
        <source>, joined</source>
        <translation>、結合</translation>
    </message>
</context>
<context>
    <name>fusuma::app::BusyBar</name>
    <message>
        <source>Stop</source>
        <translation>停止</translation>
    </message>
    <message>
        <source>Stop waiting. A picture being read is left out; a change being worked out is undone; a file being made is not saved.</source>
        <translation>待つのをやめます。読み込み中の画像は省き、計算中の変更は取り消し、作成中のファイルは保存しません。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ChosenMachine</name>
    <message>
        <source>Practice cutter</source>
        <translation>練習用カッター</translation>
    </message>
    <message>
        <source>Practice cutter, serial port</source>
        <translation>練習用カッター、シリアル</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ClusterStep</name>
    <message>
        <source>How the cut lines of the members become one.</source>
        <translation>メンバーのカット線をどうひとつにするか。</translation>
    </message>
    <message>
        <source>Cluster&apos;s cut</source>
        <translation>まとまりのカット</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>Cut the inner lines, too</source>
        <translation>内側の線もカット</translation>
    </message>
    <message>
        <source>Each member keeps its own cut line; it is cut only when this is on.</source>
        <translation>各メンバーは自分のカット線を持ちます。これを入れたときだけカットします。</translation>
    </message>
    <message>
        <source>Inner lines</source>
        <translation>内側の線</translation>
    </message>
    <message>
        <source>Borders hide what lies below</source>
        <translation>縁取りが下のものを隠す</translation>
    </message>
    <message>
        <source>The white round an upper sticker covers the ones below it, as if it were stuck onto them.</source>
        <translation>上のシールの白い縁が、貼り重ねたように下を隠します。</translation>
    </message>
    <message>
        <source>Borders hide</source>
        <translation>縁取りで隠す</translation>
    </message>
    <message>
        <source>Arrange &gt; Part the cluster gives the members back, on the Sheet.</source>
        <translation>配置 &gt; まとまりを解く で、用紙上のメンバーに戻ります。</translation>
    </message>
    <message>
        <source>%1 stickers in one: %2.</source>
        <translation>シール %1 枚をひとつに：%2。</translation>
    </message>
    <message>
        <source>, </source>
        <translation>、 </translation>
    </message>
    <message>
        <source>%1 stickers</source>
        <translation>シール %1 枚</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ColourButton</name>
    <message>
        <source>%1. Click to change it.</source>
        <translation>%1。クリックで変更。</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>選択…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CopyEdits</name>
    <message>
        <source>Remove copies</source>
        <translation>用紙から取り除く</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>複製</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>貼り付け</translation>
    </message>
    <message>
        <source>What was copied</source>
        <translation>コピーしたもの</translation>
    </message>
    <message>
        <source>All stickers</source>
        <translation>すべてのシール</translation>
    </message>
    <message>
        <source>Place copies</source>
        <translation>枚数を並べる</translation>
    </message>
    <message>
        <source>%1: only %2 of %3 copies fit on the sheet.</source>
        <translation>%1：%3 枚中 %2 枚しか用紙に入りません。</translation>
    </message>
    <message>
        <source>Put %1 there</source>
        <translation>%1 をそこに置く</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CorrectionPicture</name>
    <message>
        <source>All came out where it should be.</source>
        <translation>すべて正しい位置に出ました。</translation>
    </message>
    <message>
        <source>Arrows show which way things are moved from now on.</source>
        <translation>矢印はこれからどちらへ動かすかを示します。</translation>
    </message>
    <message>
        <source>Solid: where it came out, %1 times as far off as it is. Dotted: where it should be. Arrows: how it is moved from now on.</source>
        <translation>実線：出た位置（実際の %1 倍のずれ）。点線：あるべき位置。矢印：今後の動かし方。</translation>
    </message>
    <message>
        <source>Where these come out on the sheet. Nothing is off.</source>
        <translation>用紙に出た位置。ずれはありません。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutAct</name>
    <message>
        <source>Cut</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>素材</translation>
    </message>
    <message>
        <source>Decides force, speed, passes, overcut and what blade is in.</source>
        <translation>力、速度、回数、オーバーカット、刃の種類を決めます。</translation>
    </message>
    <message>
        <source>Change this material, or save it under a name.</source>
        <translation>この素材を変えるか、名前を付けて保存します。</translation>
    </message>
    <message>
        <source>As a machine</source>
        <translation>機械として</translation>
    </message>
    <message>
        <source>Quick</source>
        <translation>速い</translation>
    </message>
    <message>
        <source>How fast the practice blade goes: 250 mm/s, or ten times that to see the end sooner.</source>
        <translation>練習用の刃の速さ：250 mm/s、または早く終わる 10 倍。</translation>
    </message>
    <message>
        <source>Start cutting</source>
        <translation>カット開始</translation>
    </message>
    <message>
        <source>Sends the lines to the cutter one by one.</source>
        <translation>線を 1 本ずつカッターに送ります。</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>一時停止</translation>
    </message>
    <message>
        <source>Lift the blade at once and wait.</source>
        <translation>すぐに刃を上げ、待ちます。</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>停止</translation>
    </message>
    <message>
        <source>Lift the blade at once and end this run.</source>
        <translation>すぐに刃を上げ、終了します。</translation>
    </message>
    <message>
        <source>Go round it</source>
        <translation>なぞる</translation>
    </message>
    <message>
        <source>Moves the machine&apos;s lifted head round all that is to be cut, or round the sticker that you clicked in the picture: does it lie where you think?</source>
        <translation>上げたヘッドで、カットする全部、または画像でクリックしたシールの周りをなぞります。思った位置にありますか？</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>次の用紙</translation>
    </message>
    <message>
        <source>The next print of this ticket is in: find it and cut the same again (F9).</source>
        <translation>この票の次の印刷が入っています：見つけて同じものをカットします (F9)。</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>次のページ</translation>
    </message>
    <message>
        <source>Go on with the next page of this ticket.</source>
        <translation>この票の次のページへ進みます。</translation>
    </message>
    <message>
        <source>Move the cut by 0.05 mm</source>
        <translation>カットを 0.05 mm 動かす</translation>
    </message>
    <message>
        <source>Keep that for this machine</source>
        <translation>この機械に保存</translation>
    </message>
    <message>
        <source>Every cut on this machine is moved by it from now on.</source>
        <translation>この機械のカットは今後すべてこれだけ動かします。</translation>
    </message>
    <message>
        <source>Travel</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>Show the way of the lifted blade.</source>
        <translation>上げた刃の道筋を示します。</translation>
    </message>
    <message>
        <source>Order and direction</source>
        <translation>順序と向き</translation>
    </message>
    <message>
        <source>Number the lines and show where the blade goes in.</source>
        <translation>線に番号を付け、刃の入る所を示します。</translation>
    </message>
    <message>
        <source>Set the machine right…</source>
        <translation>機械を調整…</translation>
    </message>
    <message>
        <source>Print and cut a test sheet, type in what you see, and later cuts are moved by it.</source>
        <translation>テスト用紙を印刷してカットし、結果を入力すると、次からのカットを補正します。</translation>
    </message>
    <message>
        <source>load first</source>
        <translation>先に入れる</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>準備完了</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>一時停止中</translation>
    </message>
    <message>
        <source>connection dropped</source>
        <translation>切断</translation>
    </message>
    <message>
        <source>done</source>
        <translation>完了</translation>
    </message>
    <message>
        <source>about %1 of %2</source>
        <translation>約 %1 / %2</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 / %2</translation>
    </message>
    <message>
        <source>1 sticker cut in %1.</source>
        <translation>シール 1 枚を %1 でカットしました。</translation>
    </message>
    <message>
        <source>%1 stickers cut in %2.</source>
        <translation>シール %1 枚を %2 でカットしました。</translation>
    </message>
    <message>
        <source>Kiss</source>
        <translation>ハーフ</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>筋押し</translation>
    </message>
    <message>
        <source>Through</source>
        <translation>全抜き</translation>
    </message>
    <message>
        <source>%1: %2 lines, %3 g, %4 mm/s, %5</source>
        <translation>%1：線 %2 本、%3 g、%4 mm/s、%5</translation>
    </message>
    <message numerus="yes">
        <source>%n passes</source>
        <translation>
            <numerusform>%n 回</numerusform>
        </translation>
    </message>
    <message>
        <source>About %1: %2 of cut, %3 of travel</source>
        <translation>約 %1：カット %2、移動 %3</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>もう一度</translation>
    </message>
    <message>
        <source>Start the practice cut</source>
        <translation>練習カット開始</translation>
    </message>
    <message>
        <source>Go round this sticker</source>
        <translation>このシールをなぞる</translation>
    </message>
    <message>
        <source>Next sheet (%1 are cut)</source>
        <translation>次の用紙（%1 枚カット済み）</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>続ける</translation>
    </message>
    <message>
        <source>%1 mm %2</source>
        <translation>%1 mm %2</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>右へ</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>左へ</translation>
    </message>
    <message>
        <source>towards you</source>
        <translation>手前へ</translation>
    </message>
    <message>
        <source>away from you</source>
        <translation>奥へ</translation>
    </message>
    <message>
        <source>Is the cut a little off its print? Move it:</source>
        <translation>カットが印刷から少しずれますか？ 動かします：</translation>
    </message>
    <message>
        <source>Moved %1.</source>
        <translation>%1 動かしました。</translation>
    </message>
    <message>
        <source> and </source>
        <translation> と </translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutStep</name>
    <message>
        <source>Kiss cut</source>
        <translation>ハーフカット</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>全抜き</translation>
    </message>
    <message>
        <source>Kiss cut leaves the backing whole, so stickers stay on the sheet. Through cut frees each one.</source>
        <translation>ハーフカットは台紙を残し、シールは用紙に付いたままです。全抜きは 1 枚ずつ離れます。</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>手で</translation>
    </message>
    <message>
        <source>Nodes</source>
        <translation>ノード</translation>
    </message>
    <message>
        <source>Move, add and remove the nodes of the cut line. Double-click the line to add one.</source>
        <translation>カット線のノードを動かし、足し、取り除きます。線をダブルクリックすると加わります。</translation>
    </message>
    <message>
        <source>Free hand</source>
        <translation>フリーハンド</translation>
    </message>
    <message>
        <source>Draw a further cut line with the pointer held down.</source>
        <translation>ボタンを押したままカット線を描き足します。</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>ペン</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves; Return or a double click ends the line, a click on its start closes it.</source>
        <translation>クリックで角、ドラッグで曲線。Return かダブルクリックで終え、始点のクリックで閉じます。</translation>
    </message>
    <message>
        <source>How far right of the artwork&apos;s left edge the node lies.</source>
        <translation>絵柄の左端からノードまでの距離。</translation>
    </message>
    <message>
        <source>How far below the artwork&apos;s top edge the node lies.</source>
        <translation>絵柄の上端からノードまでの距離。</translation>
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
        <translation>滑らか</translation>
    </message>
    <message>
        <source>The line runs through without a corner.</source>
        <translation>線は角なしで続きます。</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>角</translation>
    </message>
    <message>
        <source>The line turns sharply here.</source>
        <translation>線はここで角になります。</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>直線</translation>
    </message>
    <message>
        <source>Straightens the piece behind the node.</source>
        <translation>後ろの区間を直線にします。</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>曲線</translation>
    </message>
    <message>
        <source>Lets the piece behind the node be bent by handles.</source>
        <translation>後ろの区間をハンドルで曲げられるようにします。</translation>
    </message>
    <message>
        <source>Insert</source>
        <translation>Insert</translation>
    </message>
    <message>
        <source>A node more in the piece behind (Insert).</source>
        <translation>後ろの区間にノードを 1 個足します (Insert)。</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Takes the selected nodes out (Delete).</source>
        <translation>選んだノードを除きます (Delete)。</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>開く</translation>
    </message>
    <message>
        <source>Opens the line at the node.</source>
        <translation>ノードで線を開きます。</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>端をつなぐ</translation>
    </message>
    <message>
        <source>Joins two selected ends. Dragging one onto the other does so too.</source>
        <translation>選んだ 2 つの端をつなぎます。重ねてもつながります。</translation>
    </message>
    <message>
        <source>Ends that come closer than this are joined. While you drag, rings show how near that is.</source>
        <translation>これより近い端はつながります。ドラッグ中は輪で距離を示します。</translation>
    </message>
    <message>
        <source>Ends join within</source>
        <translation>端をつなぐ距離</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>しずく</translation>
    </message>
    <message>
        <source>Forget these changes.</source>
        <translation>この変更を忘れます。</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>元のまま</translation>
    </message>
    <message>
        <source>Put them back where they were drawn; they no longer move along with the border.</source>
        <translation>描いた位置に戻し、縁取りと一緒に動かなくします。</translation>
    </message>
    <message>
        <source>Cut it?</source>
        <translation>カットしますか？</translation>
    </message>
    <message>
        <source>The lines of the cut, the smallest first</source>
        <translation>カット線（小さい順）</translation>
    </message>
    <message>
        <source>Every closed or open line, the smallest first. Untick what is not to be cut; click to see it.</source>
        <translation>閉じた線、開いた線すべてを小さい順に。カットしないものを外します。クリックで表示。</translation>
    </message>
    <message>
        <source>Click for corners, drag for curves. Return ends the line.</source>
        <translation>クリックで角、ドラッグで曲線。Return で線を終えます。</translation>
    </message>
    <message>
        <source>Hold the button down and draw.</source>
        <translation>ボタンを押したまま描きます。</translation>
    </message>
    <message>
        <source>Click a node, or draw a band round several; Page Down goes to the next. Double-click the line to add one.</source>
        <translation>ノードをクリックするか枠で囲みます。Page Down で次へ。線をダブルクリックすると加わります。</translation>
    </message>
    <message>
        <source>1 node selected. Arrow keys move it by 0.1 mm, with Shift 1 mm, with Alt 0.01 mm.</source>
        <translation>ノード 1 個を選択。矢印キーで 0.1 mm、Shift で 1 mm、Alt で 0.01 mm 動きます。</translation>
    </message>
    <message numerus="yes">
        <source>%n nodes selected.</source>
        <translation>
            <numerusform>ノード %n 個を選択。</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes made by hand find no place on the new cut line.</source>
        <translation>
            <numerusform>手作業の変更 %n 件は、新しいカット線に当てはまりません。</numerusform>
        </translation>
    </message>
    <message>
        <source>%1  %2 × %3</source>
        <translation>%1&#x3000;%2 × %3</translation>
    </message>
    <message>
        <source>Open line</source>
        <translation>開いた線</translation>
    </message>
    <message>
        <source>Drawn line</source>
        <translation>描いた線</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>穴</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>断片</translation>
    </message>
    <message>
        <source>kiss cut</source>
        <translation>ハーフカット</translation>
    </message>
    <message>
        <source>through cut</source>
        <translation>全抜き</translation>
    </message>
    <message>
        <source>, changed by hand</source>
        <translation>、手で変更</translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutterCard</name>
    <message>
        <source>Marks</source>
        <translation>トンボ</translation>
    </message>
    <message>
        <source>Size of a mark</source>
        <translation>トンボの大きさ</translation>
    </message>
    <message>
        <source>Marks from edge</source>
        <translation>縁からトンボ</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>線の幅</translation>
    </message>
    <message>
        <source>Keep clear round each</source>
        <translation>周りの空白</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>カッター</translation>
    </message>
    <message>
        <source>Edges it cannot reach</source>
        <translation>届かない縁</translation>
    </message>
    <message>
        <source>Cutter margins</source>
        <translation>カッターの余白</translation>
    </message>
    <message>
        <source>It feeds a mat</source>
        <translation>マットを送る</translation>
    </message>
    <message>
        <source>The edges it cannot reach are then the mat&apos;s.</source>
        <translation>届かない縁はマットの縁になります。</translation>
    </message>
    <message>
        <source>Mat</source>
        <translation>マット</translation>
    </message>
    <message>
        <source>Mat width</source>
        <translation>マットの幅</translation>
    </message>
    <message>
        <source>Mat height</source>
        <translation>マットの高さ</translation>
    </message>
    <message>
        <source>Paper from its left</source>
        <translation>左から紙まで</translation>
    </message>
    <message>
        <source>Paper from its top</source>
        <translation>上から紙まで</translation>
    </message>
    <message>
        <source>Save this cutter as…</source>
        <translation>このカッターを保存…</translation>
    </message>
    <message>
        <source>Keeps what it reaches under a name, for other projects.</source>
        <translation>届く範囲を名前を付けて保存し、ほかでも使えます。</translation>
    </message>
    <message>
        <source>Save this cutter</source>
        <translation>このカッターを保存</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>Any cutter</source>
        <translation>どのカッターでも</translation>
    </message>
    <message>
        <source>Mark scheme</source>
        <translation>トンボの定義</translation>
    </message>
    <message>
        <source>Mark schemes (*.json)</source>
        <translation>トンボの定義 (*.json)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>「%1」を読み込み中</translation>
    </message>
    <message>
        <source>5 round dots</source>
        <translation>丸点 5 個</translation>
    </message>
    <message>
        <source>4 crosses</source>
        <translation>十字 4 個</translation>
    </message>
    <message>
        <source>no marks</source>
        <translation>トンボなし</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Cutting</name>
    <message>
        <source>%1 of %2 lines are cut</source>
        <translation>%2 本中 %1 本をカット済み</translation>
    </message>
    <message>
        <source>%1 About %2, by estimate. Go on when it is back.</source>
        <translation>%1 見積もりで約 %2。戻ったら続けてください。</translation>
    </message>
    <message>
        <source>%1 %2. Go on when it is back.</source>
        <translation>%1 %2。戻ったら続けてください。</translation>
    </message>
    <message>
        <source>Now come the %1. Change the tool, then go on.</source>
        <translation>次は %1 です。工具を替えて続けてください。</translation>
    </message>
    <message>
        <source>through cuts</source>
        <translation>全抜き</translation>
    </message>
    <message>
        <source>scores</source>
        <translation>筋押し</translation>
    </message>
    <message>
        <source>kiss cuts</source>
        <translation>ハーフカット</translation>
    </message>
    <message>
        <source>The machine is there again, with its blade up.</source>
        <translation>機械が戻りました。刃は上がっています。</translation>
    </message>
    <message>
        <source>%1. Nothing was moved.</source>
        <translation>%1。何も動かしていません。</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 秒</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 分 %2 秒</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Door</name>
    <message>
        <source>fine</source>
        <translation>良好</translation>
    </message>
    <message>
        <source>something to fix</source>
        <translation>要修正あり</translation>
    </message>
    <message>
        <source>not started</source>
        <translation>未開始</translation>
    </message>
    <message>
        <source>%1 — %2 (Ctrl+%3)</source>
        <translation>%1 — %2 (Ctrl+%3)</translation>
    </message>
    <message>
        <source>not looked at yet</source>
        <translation>まだ確認していません</translation>
    </message>
</context>
<context>
    <name>fusuma::app::EdgeRibbon</name>
    <message>
        <source>Edge ribbon: the cut line unrolled</source>
        <translation>縁の帯：広げたカット線</translation>
    </message>
    <message>
        <source>The cut line unrolled: paper above, the sticker below. Click a place to see it; the wheel zooms, arrow keys walk along.</source>
        <translation>広げたカット線：上が紙、下がシール。クリックでその場所を表示、ホイールで拡大、矢印キーで進みます。</translation>
    </message>
    <message>
        <source>Show the narrowest place</source>
        <translation>最も狭い所を示す</translation>
    </message>
    <message>
        <source>Show the widest place</source>
        <translation>最も広い所を示す</translation>
    </message>
    <message>
        <source>Narrowest place</source>
        <translation>最も狭い所</translation>
    </message>
    <message>
        <source>Widest place</source>
        <translation>最も広い所</translation>
    </message>
    <message>
        <source>How far your cutter may miss the print. Paper narrower than this between art and cut is tinted.</source>
        <translation>カッターが印刷から外れうる量。絵柄とカットの間がこれより狭い紙に色を付けます。</translation>
    </message>
    <message>
        <source>Slip of the cutter</source>
        <translation>カッターのずれ</translation>
    </message>
    <message>
        <source>Edge ribbon</source>
        <translation>縁の帯</translation>
    </message>
    <message>
        <source>Slip ±</source>
        <translation>ずれ ±</translation>
    </message>
    <message>
        <source>least %1</source>
        <translation>最小 %1</translation>
    </message>
    <message>
        <source>most %1</source>
        <translation>最大 %1</translation>
    </message>
    <message numerus="yes">
        <source>cuts into art at %n places</source>
        <translation>
            <numerusform>絵柄を %n か所で切る</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thin slivers</source>
        <translation>
            <numerusform>細片 %n 個</numerusform>
        </translation>
    </message>
    <message>
        <source> · </source>
        <translation> · </translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>カットなし</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>穴</translation>
    </message>
    <message>
        <source>The cut line will lie here, unrolled.</source>
        <translation>ここに広げたカット線が出ます。</translation>
    </message>
    <message>
        <source>Go to the narrowest place</source>
        <translation>最も狭い所へ</translation>
    </message>
    <message>
        <source>Go to the widest place</source>
        <translation>最も広い所へ</translation>
    </message>
    <message>
        <source>As wide as it needs</source>
        <translation>必要なだけ広く</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FileWork</name>
    <message>
        <source>Saving “%1”</source>
        <translation>「%1」を保存中</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillCard</name>
    <message>
        <source>In rows</source>
        <translation>行に並べる</translation>
    </message>
    <message>
        <source>Snug, all upright</source>
        <translation>詰めて、すべて正立</translation>
    </message>
    <message>
        <source>Snug, some upside down</source>
        <translation>詰めて、一部は逆さ</translation>
    </message>
    <message>
        <source>Snug, turned by quarters</source>
        <translation>詰めて、90° ごとに回転</translation>
    </message>
    <message>
        <source>Snug, turned any way</source>
        <translation>詰めて、自由に回転</translation>
    </message>
    <message>
        <source>%1 copies placed. %2 % of the cut zone used; the largest empty space is %3 × %4.</source>
        <translation>%1 枚を配置しました。カット範囲の %2 % を使用、最大の空きは %3 × %4 です。</translation>
    </message>
    <message>
        <source>Add copies</source>
        <translation>枚数を追加</translation>
    </message>
    <message>
        <source>Put that many copies of the sticker in hand into free places, without moving anything.</source>
        <translation>手元のシールをその枚数だけ空きに置きます。ほかは動きません。</translation>
    </message>
    <message>
        <source>Copies to add</source>
        <translation>追加する枚数</translation>
    </message>
    <message>
        <source>The least distance between two cut lines. 2 to 3 mm keeps lines from touching.</source>
        <translation>カット線どうしの最小の距離。2 から 3 mm で触れません。</translation>
    </message>
    <message>
        <source>Gap between cuts</source>
        <translation>カットの間隔</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>Sticker in hand</source>
        <translation>手元のシール</translation>
    </message>
    <message>
        <source>All stickers, evenly</source>
        <translation>すべてのシールを均等に</translation>
    </message>
    <message>
        <source>Fill with</source>
        <translation>埋めるもの</translation>
    </message>
    <message>
        <source>Fill gaps</source>
        <translation>空きを埋める</translation>
    </message>
    <message>
        <source>As many as fit</source>
        <translation>入るだけ</translation>
    </message>
    <message>
        <source>Exactly</source>
        <translation>枚数指定</translation>
    </message>
    <message>
        <source>“Fill gaps” keeps all copies where they are. “As many as fit” places them anew, except locked ones. “Exactly” goes on to further pages.</source>
        <translation>「空きを埋める」は位置を変えません。「入るだけ」はロック以外を置き直します。「枚数指定」は次のページにも続きます。</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>枚数の決め方</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>それぞれの枚数</translation>
    </message>
    <message>
        <source>Laid out</source>
        <translation>並べた</translation>
    </message>
    <message>
        <source>Fill the page</source>
        <translation>ページを埋める</translation>
    </message>
    <message>
        <source>Searches for a good layout and shows the best so far. Stop keeps it.</source>
        <translation>よい並べ方を探し、ここまでの最良を示します。停止でそれを残します。</translation>
    </message>
    <message>
        <source>Spread evenly</source>
        <translation>均等に広げる</translation>
    </message>
    <message>
        <source>Move crowded copies apart, so that each has about as much room on all sides.</source>
        <translation>混んだものを離し、周りの空きをほぼ等しくします。</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>寄せる</translation>
    </message>
    <message>
        <source>Move all copies up together, so that one large empty space is left for the next job.</source>
        <translation>全部を上へ寄せ、次の作業に大きな空きを残します。</translation>
    </message>
    <message>
        <source>Spread evenly.</source>
        <translation>均等に広げました。</translation>
    </message>
    <message>
        <source>Closed up.</source>
        <translation>寄せました。</translation>
    </message>
    <message>
        <source>The copies lie as close as they can.</source>
        <translation>これ以上寄せられません。</translation>
    </message>
    <message>
        <source>No free place on the page is large enough.</source>
        <translation>ページに十分な空きがありません。</translation>
    </message>
    <message>
        <source>Stop and keep this</source>
        <translation>停止してこれを残す</translation>
    </message>
    <message>
        <source>%1 copies so far…</source>
        <translation>ここまで %1 枚…</translation>
    </message>
    <message>
        <source>no sticker yet</source>
        <translation>シールなし</translation>
    </message>
    <message numerus="yes">
        <source>%1 copies placed, on %n page(s). On the last, %2 % of the cut zone is used; the largest empty space there is %3 × %4.</source>
        <translation>
            <numerusform>%1 枚を %n ページに配置しました。最後のページではカット範囲の %2 % を使用、最大の空きは %3 × %4 です。</numerusform>
        </translation>
    </message>
    <message>
        <source>On as few pages as possible</source>
        <translation>できるだけ少ないページに</translation>
    </message>
    <message>
        <source>Looks for other ways, too, until no page less will do. Stop keeps the best so far.</source>
        <translation>これ以上ページを減らせなくなるまで、ほかの並べ方も探します。停止すると、それまでで最良のものを残します。</translation>
    </message>
    <message>
        <source>Straight edges share one cut</source>
        <translation>まっすぐな辺は 1 本で切る</translation>
    </message>
    <message>
        <source>Upright rectangles, such as labels with sharp corners, are laid edge to edge, without a gap. Where two meet, one straight line is cut for both.</source>
        <translation>角のとがったラベルなど、まっすぐな長方形を間隔なしで並べます。隣り合う辺は 1 本の直線で両方を切ります。</translation>
    </message>
    <message>
        <source>Shared cuts</source>
        <translation>共通のカット</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies.</source>
        <translation>プロジェクトに置けるのは最大 %L1 枚です。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::FillField</name>
    <message>
        <source>What is printed here. Paper prints nothing, so the sticker stays as white as its stock.</source>
        <translation>ここの印刷。紙では何も印刷せず、素材の白のままです。</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>用紙サイズ</translation>
    </message>
    <message>
        <source>One colour</source>
        <translation>単色</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>点</translation>
    </message>
    <message>
        <source>Stripes</source>
        <translation>縞</translation>
    </message>
    <message>
        <source>The art&apos;s colours</source>
        <translation>絵柄の色</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Second colour</source>
        <translation>2 番目の色</translation>
    </message>
    <message>
        <source>From the middle of one dot or stripe to the next.</source>
        <translation>点や縞の中心から次まで。</translation>
    </message>
    <message>
        <source>One every</source>
        <translation>つなぎの間隔</translation>
    </message>
    <message>
        <source>Choose a colour, or pick one from the picture.</source>
        <translation>色を選ぶか、画像から取ります。</translation>
    </message>
    <message>
        <source>Pick from the picture</source>
        <translation>画像から取る</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>選択…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Finder</name>
    <message>
        <source>Find anything</source>
        <translation>何でも探す</translation>
    </message>
    <message>
        <source>A command, a setting, a sticker or a ticket</source>
        <translation>操作、設定、シール、票</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>探すもの</translation>
    </message>
    <message>
        <source>What is found</source>
        <translation>見つかったもの</translation>
    </message>
    <message>
        <source>Nothing here is called that. Try another word, or fewer letters.</source>
        <translation>その名前のものはありません。別の言葉か、短い言葉で。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::GuideWindow</name>
    <message>
        <source>User guide</source>
        <translation>使い方ガイド</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>目次</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>戻る</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>閉じる</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Importer</name>
    <message>
        <source>“%1” was for the project that was open before, and is left out.</source>
        <translation>「%1」は前に開いていたプロジェクトのものなので省きます。</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>%1 を追加</translation>
    </message>
    <message>
        <source>“%1” is fully transparent, so there is nothing to outline.</source>
        <translation>「%1」は全体が透明なので、輪郭がありません。</translation>
    </message>
    <message>
        <source>“%1” was for a sticker that is no longer there, and is left out.</source>
        <translation>「%1」はもうないシールのものなので省きます。</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>絵柄を置き換え</translation>
    </message>
    <message>
        <source>“%1”: %2</source>
        <translation>「%1」：%2</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>解像度</translation>
    </message>
    <message>
        <source>Lay flat</source>
        <translation>平らに補正</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>元のまま</translation>
    </message>
</context>
<context>
    <name>fusuma::app::KeysDialog</name>
    <message>
        <source>Keys</source>
        <translation>キー</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>働き</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>閉じる</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LabelStep</name>
    <message>
        <source>Colours of the label</source>
        <translation>ラベルの色</translation>
    </message>
    <message>
        <source>Letters&apos; cut, margin, line, picture</source>
        <translation>文字のカット、余白、線、画像</translation>
    </message>
    <message>
        <source>A list of labels</source>
        <translation>ラベルのリスト</translation>
    </message>
    <message>
        <source>Texts of the label</source>
        <translation>ラベルの文字</translation>
    </message>
    <message>
        <source>Add text</source>
        <translation>文字を追加</translation>
    </message>
    <message>
        <source>Another text, in a style of its own.</source>
        <translation>別の書式の文字をもうひとつ。</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>Take this text off the label.</source>
        <translation>この文字をラベルから除きます。</translation>
    </message>
    <message>
        <source>Remove text</source>
        <translation>文字を取り除く</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>言葉</translation>
    </message>
    <message>
        <source>What stands on the label. A column of the list goes in braces: {name}. Also {number}, {date}.</source>
        <translation>ラベルの文字。リストの列は波括弧で {name}。{number}、{date} も使えます。</translation>
    </message>
    <message>
        <source>Font</source>
        <translation>書体</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>太字</translation>
    </message>
    <message>
        <source>Bold letters.</source>
        <translation>太い文字。</translation>
    </message>
    <message>
        <source>Italic</source>
        <translation>斜体</translation>
    </message>
    <message>
        <source>Slanted letters.</source>
        <translation>斜めの文字。</translation>
    </message>
    <message>
        <source>Size of the letters; 72 pt are an inch.</source>
        <translation>文字の大きさ。72 pt が 1 インチ。</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>大きさ</translation>
    </message>
    <message>
        <source>Size of the letters</source>
        <translation>文字の大きさ</translation>
    </message>
    <message>
        <source>Fill the room</source>
        <translation>場所いっぱい</translation>
    </message>
    <message>
        <source>As large as the label allows, whatever stands there.</source>
        <translation>何が入っても、ラベルに入るだけ大きく。</translation>
    </message>
    <message>
        <source>Longer words are shrunk down to this; below it the row is reported.</source>
        <translation>長い文字はここまで縮めます。それ以下の行は知らせます。</translation>
    </message>
    <message>
        <source>Least size</source>
        <translation>最小の大きさ</translation>
    </message>
    <message>
        <source>Spacing, run and least size</source>
        <translation>間隔、流れ、最小の大きさ</translation>
    </message>
    <message>
        <source>May shrink to</source>
        <translation>縮小の下限</translation>
    </message>
    <message>
        <source>By the ink itself, so that what looks centred is.</source>
        <translation>インクそのもので揃え、中央に見えるものが中央になります。</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>そろえる</translation>
    </message>
    <message>
        <source>Run of the text</source>
        <translation>文字の流れ</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>流れ</translation>
    </message>
    <message>
        <source>From one line to the next, of the size.</source>
        <translation>行から次の行まで（大きさに対する割合）。</translation>
    </message>
    <message>
        <source>Line spacing</source>
        <translation>行間</translation>
    </message>
    <message>
        <source>Added after every letter, of the size.</source>
        <translation>各文字の後に加える幅（大きさに対する割合）。</translation>
    </message>
    <message>
        <source>Letter spacing</source>
        <translation>字間</translation>
    </message>
    <message>
        <source>Colour of the letters</source>
        <translation>文字の色</translation>
    </message>
    <message>
        <source>By contrast</source>
        <translation>コントラストで</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>What {date} means on these labels.</source>
        <translation>これらのラベルでの {date} の意味。</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>日付</translation>
    </message>
    <message>
        <source>The labels&apos; date</source>
        <translation>ラベルの日付</translation>
    </message>
    <message>
        <source>{date} is</source>
        <translation>{date} の値</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>形</translation>
    </message>
    <message>
        <source>Of the whole label.</source>
        <translation>ラベル全体に対する割合。</translation>
    </message>
    <message>
        <source>Label width</source>
        <translation>ラベルの幅</translation>
    </message>
    <message>
        <source>Label height</source>
        <translation>ラベルの高さ</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>幅</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>高さ</translation>
    </message>
    <message>
        <source>Radius of round or notched corners; how much is cut off a tag&apos;s; the notch of a banner.</source>
        <translation>丸い角や切り欠きの半径、タグの角の量、リボンの切れ込み。</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>角</translation>
    </message>
    <message>
        <source>Across the hole for the string; 0 for none.</source>
        <translation>ひも穴の直径。0 はなし。</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>穴</translation>
    </message>
    <message>
        <source>How many points the star has.</source>
        <translation>星のとがりの数。</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>とがり</translation>
    </message>
    <message>
        <source>How far the star&apos;s notches go in.</source>
        <translation>星のくぼみの深さ。</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>奥行き</translation>
    </message>
    <message>
        <source>Notches</source>
        <translation>くぼみ</translation>
    </message>
    <message>
        <source>Words and pictures keep this far from the edge, so that a slip does not cut them.</source>
        <translation>文字と画像を縁からこれだけ離し、ずれても切れないようにします。</translation>
    </message>
    <message>
        <source>Safety distance</source>
        <translation>安全距離</translation>
    </message>
    <message>
        <source>Words keep from the edge</source>
        <translation>文字と縁の距離</translation>
    </message>
    <message>
        <source>Cut the letters, too</source>
        <translation>文字もカット</translation>
    </message>
    <message>
        <source>Letters only print unless this is asked for.</source>
        <translation>これを指定しなければ文字は印刷だけです。</translation>
    </message>
    <message>
        <source>Cut the letters</source>
        <translation>文字をカット</translation>
    </message>
    <message>
        <source>Colours, of a whole list at once</source>
        <translation>リスト全部の色を一度に</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>地</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>用紙サイズ</translation>
    </message>
    <message>
        <source>Thickness of a line printed inside the edge; 0 for none.</source>
        <translation>縁の内側に印刷する線の太さ。0 でなし。</translation>
    </message>
    <message>
        <source>From the edge to that line.</source>
        <translation>縁からその線まで。</translation>
    </message>
    <message>
        <source>Line inside</source>
        <translation>内側の線</translation>
    </message>
    <message>
        <source>Line inside the edge</source>
        <translation>縁の内側の線</translation>
    </message>
    <message>
        <source>as far in as</source>
        <translation>内側の幅</translation>
    </message>
    <message>
        <source>Picture…</source>
        <translation>画像…</translation>
    </message>
    <message>
        <source>An icon or a picture beside the words.</source>
        <translation>文字の横のアイコンや画像。</translation>
    </message>
    <message>
        <source>No picture</source>
        <translation>画像なし</translation>
    </message>
    <message>
        <source>Takes it off again.</source>
        <translation>また外します。</translation>
    </message>
    <message>
        <source>Place of the picture</source>
        <translation>画像の位置</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>Of the room that words and picture share.</source>
        <translation>文字と画像の場所に対する割合。</translation>
    </message>
    <message>
        <source>Size of the picture</source>
        <translation>画像の大きさ</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>除くもの</translation>
    </message>
    <message>
        <source>Paste a list</source>
        <translation>リストを貼り付け</translation>
    </message>
    <message>
        <source>Rows copied from a table or a text: one label for each.</source>
        <translation>表や文章からコピーした行：1 行に 1 枚。</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>ファイルから…</translation>
    </message>
    <message>
        <source>CSV or text; separator and encoding are found out.</source>
        <translation>CSV または文字。区切りと文字コードは自動で判別します。</translation>
    </message>
    <message>
        <source>The first row names the columns</source>
        <translation>先頭行は列の名前</translation>
    </message>
    <message>
        <source>Off, the first row is a label like the others, and the columns are {1}, {2}, …</source>
        <translation>オフでは先頭行もラベルになり、列は {1}、{2}、… です。</translation>
    </message>
    <message>
        <source>First row of the list</source>
        <translation>リストの先頭行</translation>
    </message>
    <message>
        <source>Which row&apos;s label is shown here.</source>
        <translation>ここに示すラベルの行。</translation>
    </message>
    <message>
        <source>Show a row</source>
        <translation>行を示す</translation>
    </message>
    <message>
        <source>Shows row</source>
        <translation>行の表示</translation>
    </message>
    <message>
        <source>Put the whole list on the sheet</source>
        <translation>リスト全部を用紙に置く</translation>
    </message>
    <message>
        <source>One label for every row, over as many pages as it takes.</source>
        <translation>行ごとに 1 枚、必要なだけページを使います。</translation>
    </message>
    <message>
        <source>Placing the list</source>
        <translation>リストを並べています</translation>
    </message>
    <message>
        <source>%1 labels are on the sheet.</source>
        <translation>ラベル %1 枚が用紙にあります。</translation>
    </message>
    <message>
        <source>One text size on all</source>
        <translation>文字の大きさを統一</translation>
    </message>
    <message>
        <source>Every text as large as it can be on all labels of the list, so that they look alike.</source>
        <translation>リストのどのラベルでも同じに見えるよう、各文字をできるだけ大きくします。</translation>
    </message>
    <message>
        <source>A column with names of picture files; you are asked for the folder that they lie in.</source>
        <translation>画像ファイル名の列。置き場所のフォルダーをお尋ねします。</translation>
    </message>
    <message>
        <source>Pictures by</source>
        <translation>画像の列</translation>
    </message>
    <message>
        <source>No list</source>
        <translation>リストなし</translation>
    </message>
    <message>
        <source>Back to a single label.</source>
        <translation>1 枚のラベルに戻します。</translation>
    </message>
    <message>
        <source>Picture on the label</source>
        <translation>ラベルの画像</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>画像 (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>There is no list on the clipboard. Copy the rows of a table, then paste.</source>
        <translation>クリップボードにリストがありません。表の行をコピーして貼り付けてください。</translation>
    </message>
    <message>
        <source>List</source>
        <translation>リスト</translation>
    </message>
    <message>
        <source>Lists (*.csv *.tsv *.txt)</source>
        <translation>リスト (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
        <source>Reading “%1”</source>
        <translation>「%1」を読み込み中</translation>
    </message>
    <message>
        <source>The list was for another label. Choose that and read it again.</source>
        <translation>リストは別のラベル用でした。それを選んで読み直してください。</translation>
    </message>
    <message>
        <source>Pictures by column</source>
        <translation>列で画像を選ぶ</translation>
    </message>
    <message>
        <source>Folder with the pictures</source>
        <translation>画像のあるフォルダー</translation>
    </message>
    <message>
        <source>A list of %1 labels, with %2.</source>
        <translation>ラベル %1 枚のリスト、%2 付き。</translation>
    </message>
    <message>
        <source>, </source>
        <translation>、 </translation>
    </message>
    <message>
        <source>no column</source>
        <translation>列なし</translation>
    </message>
    <message>
        <source>One label, or one for every row of a list: write {name} above and paste a table with that column.</source>
        <translation>1 枚、またはリストの行ごとに 1 枚：上に {name} と書き、その列のある表を貼り付けます。</translation>
    </message>
    <message>
        <source>Text %1</source>
        <translation>文字 %1</translation>
    </message>
    <message>
        <source>“%1” is not on this computer; “%2” is used.</source>
        <translation>「%1」がこのコンピューターにないため「%2」を使います。</translation>
    </message>
    <message>
        <source>%1, list of %2</source>
        <translation>%1、%2 のリスト</translation>
    </message>
    <message>
        <source>Reading the clipboard</source>
        <translation>クリップボードを読み込んでいます</translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are on no page.</source>
        <translation>
            <numerusform>ラベル %1 枚が用紙にあります。リストの %n 行はどのページにもありません。</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are larger than the cut zone.</source>
        <translation>
            <numerusform>ラベル %1 枚が用紙にあります。リストの %n 行はカット範囲より大きいです。</numerusform>
        </translation>
    </message>
    <message>
        <source>The language that {date} is written in on these labels.</source>
        <translation>これらのラベルで {date} を書く言語です。</translation>
    </message>
    <message>
        <source>Language of dates</source>
        <translation>日付の言語</translation>
    </message>
    <message>
        <source>Written in</source>
        <translation>表記の言語</translation>
    </message>
    <message>
        <source>Letters are wrong…</source>
        <translation>文字が正しくない…</translation>
    </message>
    <message>
        <source>The file does not say how its letters are written; choose where its words are right.</source>
        <translation>このファイルには文字コードの記載がありません。言葉が正しく読めるものを選びます。</translation>
    </message>
    <message>
        <source>If letters in it are wrong, choose others below “From a file…”.</source>
        <translation>文字が正しくない場合は、「ファイルから…」の下で選び直してください。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LeftWorkDialog</name>
    <message>
        <source>Work that was not saved</source>
        <translation>保存しなかった作業</translation>
    </message>
    <message>
        <source>Fusuma did not end properly. This work was kept: choose what to open.</source>
        <translation>Fusuma は正しく終わりませんでした。作業は保管されています。開くものを選んでください。</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>後で</translation>
    </message>
    <message>
        <source>Leave the rest; it is offered again at the next start</source>
        <translation>残りはそのまま、次の起動でまた示します</translation>
    </message>
    <message>
        <source>kept %1</source>
        <translation>保管 %1</translation>
    </message>
    <message>
        <source>It was opened before, and Fusuma did not end properly then either.</source>
        <translation>前にも開かれ、そのときも Fusuma は正しく終わりませんでした。</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>開く</translation>
    </message>
    <message>
        <source>In a window of its own; it stays unsaved until you save it</source>
        <translation>別のウィンドウで。保存するまで未保存です</translation>
    </message>
    <message>
        <source>Throw away…</source>
        <translation>捨てる…</translation>
    </message>
    <message>
        <source>Remove it for good</source>
        <translation>完全に取り除く</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>捨てる</translation>
    </message>
    <message>
        <source>Throw away what was kept of “%1”? It cannot be brought back.</source>
        <translation>「%1」の保管分を捨てますか？ 元に戻せません。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LineTools</name>
    <message>
        <source>Move nodes</source>
        <translation>ノードを移動</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>線を曲げる</translation>
    </message>
    <message>
        <source>Draw a cut line</source>
        <translation>カット線を描く</translation>
    </message>
    <message>
        <source>Insert a node</source>
        <translation>ノードを挿入</translation>
    </message>
    <message>
        <source>Node %1 of %2, %3, %4 from the left, %5 from the top</source>
        <translation>ノード %1 / %2、%3、左から %4、上から %5</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>滑らか</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>角</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>矢印</translation>
    </message>
    <message>
        <source>Move the nodes chosen by 0.1 mm; with Shift 1 mm, with Alt 0.01 mm</source>
        <translation>選んだノードを 0.1 mm 動かす。Shift で 1 mm、Alt で 0.01 mm</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Page up、Page down</translation>
    </message>
    <message>
        <source>The node before, the next node</source>
        <translation>前のノード、次のノード</translation>
    </message>
    <message>
        <source>Insert, Delete</source>
        <translation>Insert、Delete</translation>
    </message>
    <message>
        <source>A node more, one less</source>
        <translation>ノードを増やす、減らす</translation>
    </message>
    <message>
        <source>Ctrl+A</source>
        <translation>Ctrl+A</translation>
    </message>
    <message>
        <source>All nodes</source>
        <translation>すべてのノード</translation>
    </message>
    <message>
        <source>Return, Backspace</source>
        <translation>Return、Backspace</translation>
    </message>
    <message>
        <source>With the pen: end the line, take back its last node</source>
        <translation>ペン：線を終える、最後のノードを戻す</translation>
    </message>
    <message>
        <source>Delete nodes</source>
        <translation>ノードを削除</translation>
    </message>
    <message>
        <source>Insert nodes</source>
        <translation>ノードを挿入</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>滑らか</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>角</translation>
    </message>
    <message>
        <source>Straight piece</source>
        <translation>直線の区間</translation>
    </message>
    <message>
        <source>Curved piece</source>
        <translation>曲線の区間</translation>
    </message>
    <message>
        <source>Break open</source>
        <translation>開く</translation>
    </message>
    <message>
        <source>Join ends</source>
        <translation>端をつなぐ</translation>
    </message>
    <message>
        <source>Do not cut a line</source>
        <translation>線をカットしない</translation>
    </message>
    <message>
        <source>Cut a line after all</source>
        <translation>やはりカットする</translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>合わないものを捨てる</translation>
    </message>
    <message>
        <source>Keep as it was</source>
        <translation>元のまま</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LoadAct</name>
    <message>
        <source>Load and find</source>
        <translation>入れて見つける</translation>
    </message>
    <message>
        <source>How the cutter learns where the print lies: its sensor looks for the marks, you drive a pointer over them, or the sheet lies square in its corner.</source>
        <translation>カッターが印刷の位置を知る方法：センサーがトンボを探す、あなたがポインターを合わせる、または用紙を角に正しく置く。</translation>
    </message>
    <message>
        <source>Load for practice</source>
        <translation>練習で入れる</translation>
    </message>
    <message>
        <source>The printed sheet is in the machine: find where the print lies.</source>
        <translation>印刷した用紙が入っています：印刷の位置を見つけます。</translation>
    </message>
    <message>
        <source>By a photograph…</source>
        <translation>写真から…</translation>
    </message>
    <message>
        <source>The sheet lies on the photo board, and the board in the corner of the machine&apos;s nought: one picture of both tells where the print lies.</source>
        <translation>用紙をボードに、ボードを機械の原点の角に置きます。両方の写真 1 枚で印刷の位置が分かります。</translation>
    </message>
    <message>
        <source>The photograph of the sheet on the board</source>
        <translation>ボード上の用紙の写真</translation>
    </message>
    <message>
        <source>Take this place</source>
        <translation>この場所を取る</translation>
    </message>
    <message>
        <source>The mark is under the pointer (Return).</source>
        <translation>ポインターの下がトンボです (Return)。</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>省く</translation>
    </message>
    <message>
        <source>This mark cannot be seen.</source>
        <translation>このトンボは見えません。</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>戻る</translation>
    </message>
    <message>
        <source>Take the mark before this one anew (Backspace).</source>
        <translation>前のトンボを取り直します (Backspace)。</translation>
    </message>
    <message>
        <source>That is enough</source>
        <translation>これで十分</translation>
    </message>
    <message>
        <source>Use the marks taken so far: three or more.</source>
        <translation>取ったトンボを使う：3 個以上。</translation>
    </message>
    <message>
        <source>Move the head</source>
        <translation>ヘッドを動かす</translation>
    </message>
    <message>
        <source>Use the marks that were found, with less to check them by.</source>
        <translation>見つかったトンボを使う（確認は少なめ）。</translation>
    </message>
    <message>
        <source>Find it by hand</source>
        <translation>手で見つける</translation>
    </message>
    <message>
        <source>Drive a pointer over the marks yourself.</source>
        <translation>自分でポインターをトンボに合わせます。</translation>
    </message>
    <message>
        <source>Simulate faults…</source>
        <translation>不具合を試す…</translation>
    </message>
    <message>
        <source>Make the practice devices lie: crooked sheets, stretched prints, smudged marks, dull blades.</source>
        <translation>練習用の機器に誤りをさせます：斜めの用紙、伸びた印刷、汚れたトンボ、鈍い刃。</translation>
    </message>
    <message>
        <source>smudge missing mark noise ink spread stretch upside down backlash blade connection</source>
        <translation>汚れ 欠け トンボ 雑音 にじみ 伸び 逆さ がた 刃 接続</translation>
    </message>
    <message>
        <source>In the practice cutter.</source>
        <translation>練習用カッターで。</translation>
    </message>
    <message>
        <source>In “%1”.</source>
        <translation>「%1」で。</translation>
    </message>
    <message>
        <source>take it first</source>
        <translation>先に取る</translation>
    </message>
    <message>
        <source>print first</source>
        <translation>先に印刷</translation>
    </message>
    <message>
        <source>looking…</source>
        <translation>確認中…</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>見つからない</translation>
    </message>
    <message>
        <source>mark %1 of %2</source>
        <translation>トンボ %1 / %2</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>準備完了</translation>
    </message>
    <message>
        <source>by its edge</source>
        <translation>縁の色で</translation>
    </message>
    <message>
        <source>found %1 of %2</source>
        <translation>%2 個中 %1 個</translation>
    </message>
    <message>
        <source>Drive the pointer over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes it.</source>
        <translation>ポインターを %1 の上へ動かします。矢印で 0.5 mm、Shift で 5 mm、Alt で 0.05 mm。Return で決めます。</translation>
    </message>
    <message>
        <source>Drive the machine&apos;s lifted head over %1. Arrow keys move it by 0.5 mm, with Shift 5 mm, with Alt 0.05 mm; Return takes the place.</source>
        <translation>機械の上げたヘッドを %1 の上へ動かします。矢印で 0.5 mm、Shift で 5 mm、Alt で 0.05 mm。Return で決めます。</translation>
    </message>
    <message>
        <source>The sensor looks for all marks, however the sheet lies.</source>
        <translation>用紙がどう置かれても、センサーがすべてのトンボを探します。</translation>
    </message>
    <message>
        <source>This machine&apos;s pen drew the board, or it lies square in the corner of the machine&apos;s nought.</source>
        <translation>この機械のペンがボードを描いたか、ボードが原点の角にまっすぐあります。</translation>
    </message>
    <message>
        <source>The sheet lies in the corner of the machine&apos;s nought, square.</source>
        <translation>用紙を機械の原点の角にまっすぐ置きます。</translation>
    </message>
    <message>
        <source>You show three marks or more with a pointer.</source>
        <translation>ポインターで 3 個以上のトンボを示します。</translation>
    </message>
    <message>
        <source>You drive the machine&apos;s head over three marks or more.</source>
        <translation>ヘッドを 3 個以上のトンボに合わせます。</translation>
    </message>
    <message>
        <source>Turned %1°, shifted %2, %3 mm
Stretched %4 % across, %5 % down</source>
        <translation>回転 %1°、ずれ %2、%3 mm
横の伸び %4 %、縦の伸び %5 %</translation>
    </message>
    <message>
        <source>Error left %1 mm</source>
        <translation>残り誤差 %1 mm</translation>
    </message>
    <message>
        <source>Cuts within %1 mm of their print%2</source>
        <translation>印刷から %1 mm 以内でカット%2</translation>
    </message>
    <message numerus="yes">
        <source>; %n stickers would show it</source>
        <translation>
            <numerusform>、シール %n 枚で見えます</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>もう一度試す</translation>
    </message>
    <message>
        <source>Load it again</source>
        <translation>もう一度入れる</translation>
    </message>
    <message>
        <source>The sheet is in: find the print</source>
        <translation>用紙が入りました：印刷を見つけます</translation>
    </message>
    <message>
        <source>Use the %1 that were found</source>
        <translation>見つかった %1 個を使う</translation>
    </message>
</context>
<context>
    <name>fusuma::app::LongWork</name>
    <message>
        <source>%1: ended, or waiting for you</source>
        <translation>%1：終了、または返事待ち</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Loupe</name>
    <message>
        <source>Loupe on the weakest place</source>
        <translation>最も弱い所のルーペ</translation>
    </message>
    <message>
        <source>Weakest place, %1 ×</source>
        <translation>最も弱い所、%1 ×</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MachineCard</name>
    <message>
        <source>Machine</source>
        <translation>機械</translation>
    </message>
    <message>
        <source>What you cut on. Where a print lies is found for this machine, and for no other.</source>
        <translation>カットする機械。印刷の位置はこの機械のためだけに見つけます。</translation>
    </message>
    <message>
        <source>Profile…</source>
        <translation>プロファイル…</translation>
    </message>
    <message>
        <source>Where it is plugged in, how its axes lie, how it is spoken to.</source>
        <translation>接続先、軸の向き、話し方。</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>Forget this machine&apos;s profile.</source>
        <translation>この機械のプロファイルを忘れます。</translation>
    </message>
    <message>
        <source>Remove the machine</source>
        <translation>機械を取り除く</translation>
    </message>
    <message>
        <source>Forget the profile of “%1”? It can be added again.</source>
        <translation>「%1」のプロファイルを忘れますか？ また追加できます。</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>Add a machine…</source>
        <translation>機械を追加…</translation>
    </message>
    <message>
        <source>● ready</source>
        <translation>● 準備完了</translation>
    </message>
    <message>
        <source>● at work</source>
        <translation>● 作業中</translation>
    </message>
    <message>
        <source>○ not there</source>
        <translation>○ 未接続</translation>
    </message>
    <message>
        <source>%1, files only</source>
        <translation>%1、ファイルのみ</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%2 の上に %1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MainWindow</name>
    <message>
        <source>Bench</source>
        <translation>作業台</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>用紙</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>出力</translation>
    </message>
    <message>
        <source>Sticker</source>
        <translation>シール</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>票 %1</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>印刷 %1</translation>
    </message>
    <message>
        <source>Open the sticker on the Bench</source>
        <translation>シールを作業台で開く</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>用紙サイズ</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>トンボとカッター</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Views</source>
        <translation>表示の操作</translation>
    </message>
    <message>
        <source>Copies on the Sheet</source>
        <translation>用紙上の枚数</translation>
    </message>
    <message>
        <source>The cut line by hand</source>
        <translation>手描きのカット線</translation>
    </message>
    <message>
        <source>Pointing at marks</source>
        <translation>トンボを指しています</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>取り消す</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>やり直す</translation>
    </message>
    <message>
        <source>The unit of all lengths: millimetres, centimetres or inches. Click for the next.</source>
        <translation>すべての長さの単位：mm、cm、インチ。クリックで次へ。</translation>
    </message>
    <message>
        <source>Bench — one sticker, from artwork to cut line</source>
        <translation>作業台 — 絵柄からカット線まで、1 枚のシール</translation>
    </message>
    <message>
        <source>Sheet — what will print and what will be cut</source>
        <translation>用紙 — 印刷されるもの、カットされるもの</translation>
    </message>
    <message>
        <source>Output — print, load, cut</source>
        <translation>出力 — 印刷、用紙を入れる、カット</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>未保存</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>保存済み</translation>
    </message>
    <message>
        <source>Undo: %1 (Ctrl+Z)</source>
        <translation>取り消す：%1 (Ctrl+Z)</translation>
    </message>
    <message>
        <source>Nothing to undo</source>
        <translation>取り消すものなし</translation>
    </message>
    <message>
        <source>Redo: %1 (Ctrl+Shift+Z)</source>
        <translation>やり直す：%1 (Ctrl+Shift+Z)</translation>
    </message>
    <message>
        <source>Nothing to redo</source>
        <translation>やり直すものなし</translation>
    </message>
    <message>
        <source>Duplicate the sticker</source>
        <translation>シールを複製</translation>
    </message>
    <message>
        <source>Duplicate copies</source>
        <translation>複製する</translation>
    </message>
    <message>
        <source>Remove the sticker…</source>
        <translation>シールを取り除く…</translation>
    </message>
    <message>
        <source>Remove copies</source>
        <translation>用紙から取り除く</translation>
    </message>
</context>
<context>
    <name>fusuma::app::MessageLog</name>
    <message>
        <source>Not done: %1</source>
        <translation>できません：%1</translation>
    </message>
    <message>
        <source>Last messages</source>
        <translation>最近のメッセージ</translation>
    </message>
    <message>
        <source>Nothing was said yet.</source>
        <translation>メッセージはまだありません。</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>閉じる</translation>
    </message>
</context>
<context>
    <name>fusuma::app::More</name>
    <message>
        <source>Open or close this part of the step.</source>
        <translation>この部分を開く・閉じる。</translation>
    </message>
    <message>
        <source>open</source>
        <translation>開いた線</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>閉じた線</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NewLabelDialog</name>
    <message>
        <source>Letters alone, with a border</source>
        <translation>文字だけ、縁取り付き</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>新しいラベル</translation>
    </message>
    <message>
        <source>Start from a template. Its shape, size, colours and words can all be changed afterwards, for ever.</source>
        <translation>ひな形から始めます。形、大きさ、色、文字は後からいつでも変えられます。</translation>
    </message>
    <message>
        <source>Templates</source>
        <translation>ひな形</translation>
    </message>
    <message>
        <source>Make this label</source>
        <translation>このラベルを作る</translation>
    </message>
    <message>
        <source>From a template file…</source>
        <translation>ひな形ファイルから…</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1：%2</translation>
    </message>
    <message>
        <source>Template file</source>
        <translation>ひな形ファイル</translation>
    </message>
    <message>
        <source>Label templates (*.json)</source>
        <translation>ラベルのひな形 (*.json)</translation>
    </message>
    <message>
        <source>“%1” cannot be used. %2</source>
        <translation>「%1」は使えません。%2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Notice</name>
    <message>
        <source>Close</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>Put this message away. The last ones are listed in the Help menu.</source>
        <translation>このメッセージを閉じます。最近のものはヘルプメニューにあります。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::NumberField</name>
    <message>
        <source>Type a length with any unit, such as 2mm, 1/8in or 50/2. Arrow keys step it.</source>
        <translation>2mm、1/8in、50/2 など、どの単位でも入力できます。矢印キーで増減。</translation>
    </message>
    <message>
        <source>This is not a length: try 2mm, 1/8in or 50/2. %1 stays.</source>
        <translation>長さではありません：2mm、1/8in、50/2 のように。%1 のままです。</translation>
    </message>
    <message>
        <source>This is not a number. %1 stays.</source>
        <translation>数ではありません。%1 のままです。</translation>
    </message>
    <message>
        <source>%1 is the least.</source>
        <translation>%1 が最小です。</translation>
    </message>
    <message>
        <source>%1 is the most.</source>
        <translation>%1 が最大です。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutlineStep</name>
    <message>
        <source>Threshold</source>
        <translation>しきい値</translation>
    </message>
    <message>
        <source>How solid a pixel must be to count as art. Raise it to leave out faint haze and shadows.</source>
        <translation>どれだけ濃い画素を絵柄とみなすか。上げると淡いもやや影を省きます。</translation>
    </message>
    <message>
        <source>Counts as art when solid over</source>
        <translation>絵柄とみなす濃さ</translation>
    </message>
    <message>
        <source>How far the curve may stray from the art&apos;s edge. Larger gives fewer nodes and a smoother cut.</source>
        <translation>曲線が絵柄の縁から離れてよい量。大きいほどノードが減り、滑らかになります。</translation>
    </message>
    <message>
        <source>Detail</source>
        <translation>細部</translation>
    </message>
    <message>
        <source>which is</source>
        <translation>の値</translation>
    </message>
    <message>
        <source>Evens out an edge that wobbles, as scanned ink does, over this length. Corners stay.</source>
        <translation>スキャンしたインクのような縁の震えを、この長さでならします。角は残ります。</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>滑らかさ</translation>
    </message>
    <message>
        <source>Smooth wobbles over</source>
        <translation>震えをならす長さ</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>穴あき</translation>
    </message>
    <message>
        <source>Outer edge only</source>
        <translation>外側の縁だけ</translation>
    </message>
    <message>
        <source>Whether holes in the art become holes in the sticker.</source>
        <translation>絵柄の穴をシールの穴にするか。</translation>
    </message>
    <message>
        <source>Holes</source>
        <translation>穴</translation>
    </message>
    <message>
        <source>Joins lines that are broken by no more than this, so that a drawing closes round its inside.</source>
        <translation>これ以下の切れ目をつなぎ、図形を閉じます。</translation>
    </message>
    <message>
        <source>Close gaps</source>
        <translation>すき間を閉じる</translation>
    </message>
    <message>
        <source>Close gaps up to</source>
        <translation>閉じるすき間の上限</translation>
    </message>
    <message>
        <source>Every leftover speck is a cut. Smaller ones are left out; the view rings them.</source>
        <translation>残ったごみは一つずつカットになります。小さいものは省き、表示で囲みます。</translation>
    </message>
    <message>
        <source>Specks</source>
        <translation>ごみ</translation>
    </message>
    <message>
        <source>Leave out specks under</source>
        <translation>省くごみの上限</translation>
    </message>
    <message>
        <source>Pinholes make the blade turn on the spot. Smaller ones are closed; the view rings them.</source>
        <translation>針穴では刃がその場で回ります。小さいものは閉じ、表示で囲みます。</translation>
    </message>
    <message>
        <source>Pinholes</source>
        <translation>針穴</translation>
    </message>
    <message>
        <source>and pinholes under</source>
        <translation>針穴の上限</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message numerus="yes">
        <source>%n specks</source>
        <translation>
            <numerusform>ごみ %n 個</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n holes</source>
        <translation>
            <numerusform>穴 %n 個</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is left out.</source>
        <translation>省いたものはありません。</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>%1 を省きました。</translation>
    </message>
    <message>
        <source>, </source>
        <translation>、 </translation>
    </message>
    <message>
        <source> This picture falls into so many bits that %1 more were not even looked at. Another background source may find the figure.</source>
        <translation> この画像は細かな断片に分かれすぎるため、残りの %1 個は調べていません。ほかの背景の決め方なら図柄が見つかるかもしれません。</translation>
    </message>
    <message>
        <source> It is so grainy that it was looked at %1 times coarser than its pixels.</source>
        <translation> 粒子が粗いため、画素の %1 倍の粗さで調べました。</translation>
    </message>
    <message>
        <source>exact, as drawn</source>
        <translation>描いたとおり正確</translation>
    </message>
    <message>
        <source>at %1 %</source>
        <translation>%1 % で</translation>
    </message>
    <message>
        <source>, smoothed</source>
        <translation>、平滑化</translation>
    </message>
    <message>
        <source>, outer edge only</source>
        <translation>、外側の縁だけ</translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutputPage</name>
    <message>
        <source>Tickets…</source>
        <translation>票…</translation>
    </message>
    <message>
        <source>Everything that was printed from this project: cut it again, print it again, open it or delete it.</source>
        <translation>このプロジェクトから印刷したもの：もう一度カット、印刷、開く、削除。</translation>
    </message>
    <message>
        <source>Cut what was printed</source>
        <translation>印刷したものをカット</translation>
    </message>
    <message>
        <source>The ticket stays as it is; so does the paper.</source>
        <translation>票はそのまま、紙もそのままです。</translation>
    </message>
    <message>
        <source>Print again</source>
        <translation>もう一度印刷</translation>
    </message>
    <message>
        <source>A new ticket with the changes.</source>
        <translation>変更を入れた新しい票。</translation>
    </message>
    <message>
        <source>today, %1</source>
        <translation>今日 %1</translation>
    </message>
    <message>
        <source>Open ticket %1</source>
        <translation>票 %1 を開く</translation>
    </message>
    <message>
        <source>Cut lines for elsewhere</source>
        <translation>ほかで使うカット線</translation>
    </message>
    <message>
        <source>Check a file…</source>
        <translation>ファイルを確認…</translation>
    </message>
    <message>
        <source>Reads an SVG, DXF or HP-GL file back and compares it with what is to be cut.</source>
        <translation>SVG、DXF、HP-GL を読み戻し、カットするものと比べます。</translation>
    </message>
    <message>
        <source>Ink names…</source>
        <translation>インク名…</translation>
    </message>
    <message>
        <source>What cut lines are called in the PDF.</source>
        <translation>PDF でのカット線の名前。</translation>
    </message>
    <message>
        <source>Set the printer right…</source>
        <translation>プリンターを調整…</translation>
    </message>
    <message>
        <source>Print a page, measure three lengths, and later prints are moved by it.</source>
        <translation>1 ページ印刷して 3 つの長さを測ると、次からの印刷を補正します。</translation>
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
        <translation>カット線を保存</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 を保存しました。</translation>
    </message>
    <message>
        <source>Saved %1 pages.</source>
        <translation>%1 ページを保存しました。</translation>
    </message>
    <message>
        <source>The cutter is at work</source>
        <translation>カッターは作業中</translation>
    </message>
    <message>
        <source>%1 of %2 lines are cut; the cutter waits. Stop the cut for good?</source>
        <translation>%2 本中 %1 本をカットしました。カッターは待機中です。カットを完全にやめますか？</translation>
    </message>
    <message>
        <source>Stop the cut</source>
        <translation>カットを停止</translation>
    </message>
    <message>
        <source>Go on cutting</source>
        <translation>カットを続ける</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>とどまる</translation>
    </message>
    <message>
        <source>Check a cut file</source>
        <translation>カットファイルを確認</translation>
    </message>
    <message>
        <source>Cut files (*.svg *.dxf *.plt *.hpgl)</source>
        <translation>カットファイル (*.svg *.dxf *.plt *.hpgl)</translation>
    </message>
    <message>
        <source>Checking “%1”</source>
        <translation>「%1」を確認中</translation>
    </message>
    <message>
        <source>%1 agrees: %2 lines, nowhere more than %3 mm off.</source>
        <translation>%1 は一致しています：線 %2 本、ずれは最大 %3 mm。</translation>
    </message>
    <message>
        <source>%1 has this page&apos;s lines, but not all as the same kind of cut: kiss, score or through.</source>
        <translation>%1 の線はこのページと同じですが、カットの種類（ハーフカット、筋押し、全抜き）が違うものがあります。</translation>
    </message>
    <message>
        <source>%1 does not agree with this page: its lines lie up to %2 mm off.</source>
        <translation>%1 はこのページと一致しません：線が最大 %2 mm ずれています。</translation>
    </message>
    <message>
        <source>Ticket %1</source>
        <translation>票 %1</translation>
    </message>
    <message>
        <source>Not printed yet</source>
        <translation>未印刷</translation>
    </message>
    <message>
        <source>No ticket in hand</source>
        <translation>手元に票がありません</translation>
    </message>
    <message>
        <source>printed %1</source>
        <translation>印刷 %1</translation>
    </message>
    <message>
        <source>And more. </source>
        <translation>ほかにもあります。 </translation>
    </message>
    <message>
        <source>The sheet has changed since it was printed. %1</source>
        <translation>印刷後に用紙が変わりました。%1</translation>
    </message>
    <message>
        <source>Cutting what was printed; the sheet has changed since.</source>
        <translation>印刷したものをカットします。用紙はその後変わりました。</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>カット中</translation>
    </message>
    <message>
        <source>not cut yet</source>
        <translation>未カット</translation>
    </message>
    <message>
        <source>cut once on %1</source>
        <translation>%1 で 1 回カット</translation>
    </message>
    <message>
        <source> and </source>
        <translation> と </translation>
    </message>
    <message>
        <source>cut %1 times on %2</source>
        <translation>%2 で %1 回カット</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n ページ</numerusform>
        </translation>
    </message>
    <message>
        <source>Ticket %1
printed %2
%3, %4 lines, %5</source>
        <translation>票 %1
印刷 %2
%3、線 %4 本、%5</translation>
    </message>
    <message>
        <source>Tickets</source>
        <translation>票</translation>
    </message>
    <message>
        <source>Everything that was printed from this project. A ticket stays as it was printed, whatever becomes of the sheet.</source>
        <translation>このプロジェクトから印刷したものすべて。用紙がどう変わっても、票は印刷時のままです。</translation>
    </message>
    <message>
        <source>Cut it</source>
        <translation>カットする</translation>
    </message>
    <message>
        <source>Take this ticket in hand: its paper is what is cut.</source>
        <translation>この票を手元に取ります：その紙がカットされます。</translation>
    </message>
    <message>
        <source>Print it again</source>
        <translation>もう一度印刷</translation>
    </message>
    <message>
        <source>Open its sheet and print it as a new ticket.</source>
        <translation>その用紙を開き、新しい票として印刷します。</translation>
    </message>
    <message>
        <source>Open it on the Sheet</source>
        <translation>用紙で開く</translation>
    </message>
    <message>
        <source>Its sheet takes the place of the one that is open. Undo brings that back.</source>
        <translation>開いている用紙と入れ替わります。取り消しで戻ります。</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Forget this print.</source>
        <translation>この印刷を忘れます。</translation>
    </message>
    <message>
        <source>Nothing was printed yet.</source>
        <translation>まだ何も印刷していません。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PagesDialog</name>
    <message>
        <source>Which pages?</source>
        <translation>どのページ？</translation>
    </message>
    <message>
        <source>“%1” has one page.</source>
        <translation>「%1」は 1 ページです。</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. Each one becomes a sticker.</source>
        <translation>「%1」は %2 ページです。1 ページが 1 枚のシールになります。</translation>
    </message>
    <message>
        <source>Such as 1, 3-5.</source>
        <translation>例：1, 3-5。</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>ページ</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>画像として</translation>
    </message>
    <message>
        <source>As a drawing</source>
        <translation>図形として</translation>
    </message>
    <message>
        <source>A drawing keeps its parts and their exact edges; a picture is traced.</source>
        <translation>図形はパーツと正確な縁を保ちます。画像は輪郭をなぞります。</translation>
    </message>
    <message>
        <source>How finely the pages are drawn. It can be changed later in the Artwork step.</source>
        <translation>ページを描く細かさ。あとで絵柄の手順で変えられます。</translation>
    </message>
    <message>
        <source>Drawn at</source>
        <translation>描画の細かさ</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>追加</translation>
    </message>
    <message>
        <source>Which page?</source>
        <translation>どのページ？</translation>
    </message>
    <message>
        <source>“%1” has %2 pages. One of them takes the artwork&apos;s place.</source>
        <translation>「%1」は %2 ページです。そのうち 1 ページが絵柄に置き換わります。</translation>
    </message>
    <message>
        <source>Its number, from 1.</source>
        <translation>ページ番号（1 から）。</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>ページ</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>置き換える</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PaperCard</name>
    <message>
        <source>Custom size</source>
        <translation>自由な大きさ</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>用紙サイズ</translation>
    </message>
    <message>
        <source>Paper width</source>
        <translation>用紙の幅</translation>
    </message>
    <message>
        <source>Paper height</source>
        <translation>用紙の高さ</translation>
    </message>
    <message>
        <source>Mirrored, for transfer paper or film</source>
        <translation>反転（転写紙やフィルム用）</translation>
    </message>
    <message>
        <source>Printed and cut as in a mirror. Here you see the sheet as it looks in the end; marks and code stay readable on the paper.</source>
        <translation>鏡のように印刷してカットします。ここでは仕上がりを示し、紙のトンボと番号は読めるままです。</translation>
    </message>
    <message>
        <source>Mirrored sheet</source>
        <translation>反転した用紙</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>ページ全体</translation>
    </message>
    <message>
        <source>Halves</source>
        <translation>半分</translation>
    </message>
    <message>
        <source>Quarters</source>
        <translation>四分割</translation>
    </message>
    <message>
        <source>Grid of small sheets</source>
        <translation>小さなシートの格子</translation>
    </message>
    <message>
        <source>Several little sticker sheets from one page, each with its own outer cut.</source>
        <translation>1 ページから小さなシールシートを数枚。それぞれ外周をカットします。</translation>
    </message>
    <message>
        <source>Divide into</source>
        <translation>分割</translation>
    </message>
    <message>
        <source>Small sheets</source>
        <translation>小さなシート</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>列</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>行</translation>
    </message>
    <message>
        <source>Between them</source>
        <translation>その間</translation>
    </message>
    <message>
        <source>Their outline</source>
        <translation>その輪郭</translation>
    </message>
    <message>
        <source>Cut what lies on the photo board</source>
        <translation>撮影ボードの上のものをカット</translation>
    </message>
    <message>
        <source>Stamped, painted or bought art is cut where it lies on the board, by its photograph. Nothing is printed, and no copy can be moved from its art.</source>
        <translation>押したもの、描いたもの、買ったものを、ボード上の位置のまま写真に沿ってカットします。印刷はせず、絵柄から離して動かせません。</translation>
    </message>
    <message>
        <source>Cut what is there</source>
        <translation>あるものをカット</translation>
    </message>
    <message>
        <source>Print the sheet</source>
        <translation>用紙を印刷</translation>
    </message>
    <message>
        <source>%1 photo board</source>
        <translation>%1 の撮影ボード</translation>
    </message>
    <message>
        <source>%1, %2 small sheets</source>
        <translation>%1、小さなシート %2 枚</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PartsStep</name>
    <message>
        <source>round it</source>
        <translation>周り</translation>
    </message>
    <message>
        <source>kiss</source>
        <translation>ハーフ</translation>
    </message>
    <message>
        <source>score</source>
        <translation>筋押し</translation>
    </message>
    <message>
        <source>through</source>
        <translation>全抜き</translation>
    </message>
    <message>
        <source>File</source>
        <translation>ファイル</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>レイヤー</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>How the parts are listed: as they lie in the file, by layer, or by colour.</source>
        <translation>パーツの並べ方：ファイルの順、レイヤー、色。</translation>
    </message>
    <message>
        <source>Parts, the frontmost first</source>
        <translation>パーツ（手前から）</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>パーツ</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>印刷</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>Print a part</source>
        <translation>パーツを印刷</translation>
    </message>
    <message>
        <source>Do not print a part</source>
        <translation>パーツを印刷しない</translation>
    </message>
    <message>
        <source>Make of the parts chosen</source>
        <translation>選んだパーツから作る</translation>
    </message>
    <message>
        <source>Colours and fills</source>
        <translation>色と塗り</translation>
    </message>
    <message>
        <source>Cut round all</source>
        <translation>全体の周りをカット</translation>
    </message>
    <message>
        <source>Everything is printed, and one cut goes only round everything.</source>
        <translation>すべて印刷し、カットは全体の周りだけです。</translation>
    </message>
    <message>
        <source>Cut the bottom</source>
        <translation>いちばん下をカット</translation>
    </message>
    <message>
        <source>The bottom shape is cut and not printed; the rest is only printed.</source>
        <translation>いちばん下の形はカットだけ、残りは印刷だけです。</translation>
    </message>
    <message>
        <source>Cut the bottom shape</source>
        <translation>いちばん下の形をカット</translation>
    </message>
    <message>
        <source>Colours apart</source>
        <translation>色を分ける</translation>
    </message>
    <message>
        <source>A sticker for each colour, to be cut from different papers and laid on each other.</source>
        <translation>色ごとに 1 枚のシール。別々の紙からカットして重ねます。</translation>
    </message>
    <message>
        <source>As in the file</source>
        <translation>ファイルのまま</translation>
    </message>
    <message>
        <source>What is painted prints; thin lines, and layers named after a kind of cut, are cut where they lie.</source>
        <translation>塗りは印刷し、細い線とカットの種類の名のレイヤーはその位置でカットします。</translation>
    </message>
    <message>
        <source>How the parts are cut</source>
        <translation>パーツのカット方法</translation>
    </message>
    <message>
        <source>Not at all; as part of what the border goes round; or along their own edge.</source>
        <translation>まったくしない、縁取りの内側に含める、または文字の縁に沿って。</translation>
    </message>
    <message>
        <source>Print parts</source>
        <translation>パーツの印刷</translation>
    </message>
    <message>
        <source>Cut parts</source>
        <translation>パーツのカット</translation>
    </message>
    <message>
        <source>Only this</source>
        <translation>これだけ</translation>
    </message>
    <message>
        <source>Cut: %1</source>
        <translation>カット：%1</translation>
    </message>
    <message>
        <source>One shape of all they cover.</source>
        <translation>覆う所すべてをひとつの形に。</translation>
    </message>
    <message>
        <source>The lowest, less what lies over it.</source>
        <translation>いちばん下から、上に重なる所を除きます。</translation>
    </message>
    <message>
        <source>What all of them cover.</source>
        <translation>全部が重なる所。</translation>
    </message>
    <message>
        <source>One shape, with holes where two of them overlap.</source>
        <translation>ひとつの形に。2 つが重なる所は穴。</translation>
    </message>
    <message>
        <source>Each region between their edges by itself.</source>
        <translation>縁に囲まれた領域ごと。</translation>
    </message>
    <message>
        <source>Each part loses what lies under those above it, so that a single layer is left.</source>
        <translation>上のパーツに隠れた所を各パーツから除き、1 枚の層にします。</translation>
    </message>
    <message>
        <source>Each separate piece by itself.</source>
        <translation>離れた断片ごと。</translation>
    </message>
    <message>
        <source>Take apart again</source>
        <translation>またばらす</translation>
    </message>
    <message>
        <source>Gives back the parts that it was made of.</source>
        <translation>元のパーツに戻します。</translation>
    </message>
    <message>
        <source>Take apart</source>
        <translation>ばらす</translation>
    </message>
    <message>
        <source>Pieces that are nowhere as thick as this are slivers: too thin to weed or to hold.</source>
        <translation>どこもこれより薄い断片は細片です。細すぎて、かす取りも保持もできません。</translation>
    </message>
    <message>
        <source>Slivers are thinner than</source>
        <translation>細片とみなす太さ</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>省く</translation>
    </message>
    <message>
        <source>Leaves these pieces out of the combined parts.</source>
        <translation>この断片を結合から省きます。</translation>
    </message>
    <message>
        <source>Leave slivers out</source>
        <translation>細片を省く</translation>
    </message>
    <message>
        <source>Fill of the parts chosen</source>
        <translation>選んだパーツの塗り</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>塗り</translation>
    </message>
    <message>
        <source>A picture…</source>
        <translation>画像…</translation>
    </message>
    <message>
        <source>Lays a picture over the part, as large as it must be.</source>
        <translation>必要な大きさの画像をパーツに重ねます。</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>元のまま</translation>
    </message>
    <message>
        <source>Back to the drawing&apos;s own paint.</source>
        <translation>図形の元の塗りに戻します。</translation>
    </message>
    <message>
        <source>Own paint</source>
        <translation>元の塗り</translation>
    </message>
    <message>
        <source>Colours of the drawing, to be changed</source>
        <translation>図形の色の変更</translation>
    </message>
    <message>
        <source>Nothing comes of that: do the parts overlap?</source>
        <translation>結果が空です：パーツは重なっていますか？</translation>
    </message>
    <message>
        <source>The drawing has only one plain colour.</source>
        <translation>図形の単色はひとつだけです。</translation>
    </message>
    <message>
        <source>Each colour alone</source>
        <translation>色ごと</translation>
    </message>
    <message>
        <source>%1 stickers were added to the tray, one for each colour.</source>
        <translation>色ごとに 1 枚、計 %1 枚のシールをトレイに加えました。</translation>
    </message>
    <message>
        <source>Fill with a picture</source>
        <translation>画像で塗る</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</source>
        <translation>画像 (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp)</translation>
    </message>
    <message>
        <source>no layer</source>
        <translation>レイヤーなし</translation>
    </message>
    <message>
        <source>no plain colour</source>
        <translation>単色なし</translation>
    </message>
    <message>
        <source>Choose parts here or by clicking them in the picture.</source>
        <translation>ここか画像のクリックでパーツを選びます。</translation>
    </message>
    <message>
        <source>%1 parts chosen</source>
        <translation>パーツ %1 個を選択</translation>
    </message>
    <message>
        <source>Colour %1</source>
        <translation>色 %1</translation>
    </message>
    <message>
        <source>Change a colour</source>
        <translation>色を変える</translation>
    </message>
    <message>
        <source>%1 combined parts: too many to count slivers among.</source>
        <translation>結合したパーツが %1 個：多すぎるため細片を数えられません。</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>ほか %1 件</translation>
    </message>
    <message>
        <source>%1: %2 mm²</source>
        <translation>%1：%2 mm²</translation>
    </message>
    <message>
        <source>Combining parts may leave slivers.</source>
        <translation>パーツの結合で細片が残ることがあります。</translation>
    </message>
    <message>
        <source>No slivers.</source>
        <translation>細片なし。</translation>
    </message>
    <message>
        <source>%1 printed, %2 cut</source>
        <translation>印刷 %1、カット %2</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PhotoNet</name>
    <message>
        <source>The photograph, with the corners of what becomes flat</source>
        <translation>写真と、平らにする部分の角</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PreflightStrip</name>
    <message>
        <source>Preflight</source>
        <translation>検査</translation>
    </message>
    <message>
        <source>To fix</source>
        <translation>要修正</translation>
    </message>
    <message>
        <source>Problems that would waste paper or a cut. Click for the list.</source>
        <translation>紙やカットを無駄にする問題です。クリックで一覧。</translation>
    </message>
    <message>
        <source>Things that may be meant. Click for the list.</source>
        <translation>意図したものかもしれません。クリックで一覧。</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>示す</translation>
    </message>
    <message>
        <source>Go to the place on the sheet.</source>
        <translation>用紙上のその場所へ行きます。</translation>
    </message>
    <message>
        <source>Repair</source>
        <translation>直す</translation>
    </message>
    <message>
        <source>Repair this one. Undo takes it back.</source>
        <translation>これを直します。取り消しで戻ります。</translation>
    </message>
    <message>
        <source>Ignore</source>
        <translation>無視</translation>
    </message>
    <message>
        <source>It is not told again as long as these copies lie where they are. Saved with the project.</source>
        <translation>この位置にある間は知らせません。プロジェクトと保存されます。</translation>
    </message>
    <message>
        <source>Ignored</source>
        <translation>無視</translation>
    </message>
    <message>
        <source>Tell all that is ignored again.</source>
        <translation>無視したものをすべてまた知らせます。</translation>
    </message>
    <message>
        <source>Tell all again</source>
        <translation>また全部知らせる</translation>
    </message>
    <message>
        <source>%1 to fix</source>
        <translation>要修正 %1</translation>
    </message>
    <message>
        <source>Nothing to fix</source>
        <translation>要修正なし</translation>
    </message>
    <message>
        <source>%1 to look at</source>
        <translation>要確認 %1</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>用紙が空です。</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>用紙を確認中…</translation>
    </message>
    <message>
        <source>Everything lies inside the cut zone with room between.</source>
        <translation>すべて間隔を空けてカット範囲に収まっています。</translation>
    </message>
    <message>
        <source>Cut zone used %1 %</source>
        <translation>カット範囲の %1 % を使用</translation>
    </message>
    <message>
        <source>To fix: </source>
        <translation>要修正： </translation>
    </message>
    <message>
        <source>To look at: </source>
        <translation>要確認： </translation>
    </message>
    <message>
        <source>Ignored (%1): tell again</source>
        <translation>無視 (%1)：また知らせる</translation>
    </message>
    <message>
        <source>The sheet has not been worked out yet.</source>
        <translation>用紙はまだ計算されていません。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintAct</name>
    <message>
        <source>Print</source>
        <translation>印刷</translation>
    </message>
    <message>
        <source>Practice print</source>
        <translation>練習印刷</translation>
    </message>
    <message>
        <source>Freezes the sheet into a ticket and shows what comes out of the printer, from the very PDF.</source>
        <translation>用紙を票に固定し、その PDF からプリンターの出力を見せます。</translation>
    </message>
    <message>
        <source>On paper…</source>
        <translation>紙に…</translation>
    </message>
    <message>
        <source>Print on a printer of this computer, at actual size.</source>
        <translation>このコンピューターのプリンターで実寸印刷します。</translation>
    </message>
    <message>
        <source>PDF…</source>
        <translation>PDF…</translation>
    </message>
    <message>
        <source>Save the sheet to print it elsewhere: at actual size, no fit to page, no borderless.</source>
        <translation>ほかで印刷するために保存します。実寸で、ページに合わせず、フチなしにしないでください。</translation>
    </message>
    <message>
        <source>Test…</source>
        <translation>試す…</translation>
    </message>
    <message>
        <source>Outlines, marks and rulers for plain paper: hold it against the sticker paper before you print.</source>
        <translation>普通紙用の輪郭、トンボ、定規：印刷前にシール用紙に重ねて見ます。</translation>
    </message>
    <message>
        <source>The sheet is empty: put copies on it first.</source>
        <translation>用紙が空です：先にシールを置いてください。</translation>
    </message>
    <message>
        <source>This sheet cuts what lies on the photo board; it is not printed.</source>
        <translation>この用紙は撮影ボードの上のものをカットします。印刷はしません。</translation>
    </message>
    <message>
        <source>The sheet is still being worked out. Print it in a moment.</source>
        <translation>用紙を計算中です。少し待って印刷してください。</translation>
    </message>
    <message>
        <source>The cutter is at work. Print when it is done.</source>
        <translation>カッターは作業中です。終わったら印刷してください。</translation>
    </message>
    <message>
        <source>And %1 more.</source>
        <translation>ほか %1 件。</translation>
    </message>
    <message>
        <source>Before it is printed</source>
        <translation>印刷の前に</translation>
    </message>
    <message numerus="yes">
        <source>%n things would waste this print:</source>
        <translation>
            <numerusform>この印刷を無駄にするものが %n 件あります：</numerusform>
        </translation>
    </message>
    <message>
        <source>Show</source>
        <translation>示す</translation>
    </message>
    <message>
        <source>Print all the same</source>
        <translation>それでも印刷</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>名前を付けて保存</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>Saved %1 as ticket %2. Print it at actual size.</source>
        <translation>%1 を票 %2 として保存しました。実寸で印刷してください。</translation>
    </message>
    <message>
        <source>Test on plain paper</source>
        <translation>普通紙で試す</translation>
    </message>
    <message>
        <source>Outlines, marks and two rulers, on plain paper. Hold the print against the sticker paper, or measure the rulers: 100 mm must be 100 mm.</source>
        <translation>普通紙に輪郭、トンボ、定規 2 本。シール用紙に重ねるか、定規を測ります：100 mm は 100 mm のはずです。</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>印刷…</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>PDF で保存…</translation>
    </message>
    <message>
        <source>plain paper test</source>
        <translation>普通紙テスト</translation>
    </message>
    <message>
        <source>Saved %1.</source>
        <translation>%1 を保存しました。</translation>
    </message>
    <message>
        <source>printing…</source>
        <translation>印刷中…</translation>
    </message>
    <message>
        <source>done</source>
        <translation>完了</translation>
    </message>
    <message>
        <source>the sheet is empty</source>
        <translation>用紙が空です</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>準備完了</translation>
    </message>
    <message>
        <source>Pictures and marks only, at actual size.</source>
        <translation>画像とトンボだけ、実寸。</translation>
    </message>
    <message>
        <source>%1, at actual size.</source>
        <translation>%1、実寸。</translation>
    </message>
    <message>
        <source> Correction: %1 mm right, %2 mm down.</source>
        <translation> 補正：右へ %1 mm、下へ %2 mm。</translation>
    </message>
    <message>
        <source>This printer is set to borderless, which enlarges the page: the cut would miss its print.</source>
        <translation>このプリンターはフチなしの設定でページが拡大され、カットが印刷に合いません。</translation>
    </message>
    <message>
        <source>This printer is set to scale pages: the cut would miss its print.</source>
        <translation>このプリンターは拡縮の設定で、カットが印刷に合いません。</translation>
    </message>
    <message>
        <source>What is there</source>
        <translation>あるもの</translation>
    </message>
    <message>
        <source>What lies on the board is the print; nothing is printed.</source>
        <translation>ボードの上のものが印刷物です。印刷はしません。</translation>
    </message>
    <message>
        <source>Take it anew</source>
        <translation>取り直す</translation>
    </message>
    <message>
        <source>Take it as it lies</source>
        <translation>このまま使う</translation>
    </message>
    <message>
        <source>Practice print again</source>
        <translation>もう一度練習印刷</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintFinder</name>
    <message>
        <source>Cuts on “%1” are moved by that from now on; this sheet has it already.</source>
        <translation>「%1」でのカットは今後これだけ動かします。この用紙には適用済みです。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintedSheet</name>
    <message>
        <source>Pictures on this sheet cannot be read, so it is neither printed nor cut. %1</source>
        <translation>このシートには読み込めない画像があるため、印刷もカットもしません。%1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrinterCard</name>
    <message>
        <source>Printer</source>
        <translation>プリンター</translation>
    </message>
    <message>
        <source>Margins it cannot print</source>
        <translation>印刷できない余白</translation>
    </message>
    <message>
        <source>Printer margins</source>
        <translation>プリンターの余白</translation>
    </message>
    <message>
        <source>As set in its print settings</source>
        <translation>印刷設定のまま</translation>
    </message>
    <message>
        <source>Anything but 100 % spoils every size, and the cut misses its print.</source>
        <translation>100 % 以外はすべての寸法を狂わせ、カットが印刷に合いません。</translation>
    </message>
    <message>
        <source>Scaling</source>
        <translation>拡縮</translation>
    </message>
    <message>
        <source>Print settings</source>
        <translation>印刷設定</translation>
    </message>
    <message>
        <source>Borderless</source>
        <translation>フチなし</translation>
    </message>
    <message>
        <source>Correction of its prints</source>
        <translation>印刷の補正</translation>
    </message>
    <message>
        <source>Prints come out too far left by this much, so they are moved right.</source>
        <translation>印刷がこれだけ左に出るため、右へ動かします。</translation>
    </message>
    <message>
        <source>Prints come out too high by this much, so they are moved down.</source>
        <translation>印刷がこれだけ上に出るため、下へ動かします。</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>右へ動かす</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>下へ</translation>
    </message>
    <message>
        <source>Correction</source>
        <translation>補正</translation>
    </message>
    <message>
        <source>Stretch width to</source>
        <translation>幅の伸縮</translation>
    </message>
    <message>
        <source>Stretch height to</source>
        <translation>高さの伸縮</translation>
    </message>
    <message>
        <source>Save this printer as…</source>
        <translation>このプリンターを保存…</translation>
    </message>
    <message>
        <source>Keeps margins, settings and correction under a name, for other projects.</source>
        <translation>余白、設定、補正を名前を付けて保存し、ほかでも使えます。</translation>
    </message>
    <message>
        <source>Save this printer</source>
        <translation>このプリンターを保存</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>Any printer</source>
        <translation>どのプリンターでも</translation>
    </message>
    <message>
        <source>any printer</source>
        <translation>どのプリンターでも</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Project</name>
    <message>
        <source>Opening “%1”</source>
        <translation>「%1」を開いています</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>新しいプロジェクト</translation>
    </message>
    <message>
        <source>Saving “%1”</source>
        <translation>「%1」を保存中</translation>
    </message>
    <message>
        <source>A project holds at most %L1 copies, and this would be %L2. Nothing was changed.</source>
        <translation>プロジェクトに置けるのは最大 %L1 枚です。これでは %L2 枚になるため、何も変更しませんでした。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ProjectFiles</name>
    <message>
        <source>Open project</source>
        <translation>プロジェクトを開く</translation>
    </message>
    <message>
        <source>Fusuma projects (*.fusuma)</source>
        <translation>Fusuma プロジェクト (*.fusuma)</translation>
    </message>
    <message>
        <source>Save project</source>
        <translation>プロジェクトを保存</translation>
    </message>
    <message>
        <source>Fusuma projects</source>
        <translation>Fusuma プロジェクト</translation>
    </message>
    <message>
        <source>Changed on disk</source>
        <translation>ディスク上で変更</translation>
    </message>
    <message>
        <source>“%1” was written by somebody else since it was opened here. Saving would replace what they saved.</source>
        <translation>「%1」はここで開いた後にほかの人が書きました。保存するとそれを置き換えます。</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>置き換える</translation>
    </message>
    <message>
        <source>Save under another name…</source>
        <translation>別の名前で保存…</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>未保存の変更</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>「%1」に未保存の変更があります。</translation>
    </message>
    <message>
        <source>The pictures were for the project that could not be opened, and are left out.</source>
        <translation>開けなかったプロジェクト用の画像なので省きます。</translation>
    </message>
    <message>
        <source>A file that takes long</source>
        <translation>時間のかかるファイル</translation>
    </message>
    <message numerus="yes">
        <source>Files may take up to %n minute(s) then, until Fusuma is closed; Stop ends it at any time.</source>
        <translation>
            <numerusform>以後、Fusuma を閉じるまで、ファイルの読み込みに最大 %n 分かけられます。「停止」でいつでも終わります。</numerusform>
        </translation>
    </message>
    <message>
        <source>Give it more time</source>
        <translation>もっと時間をかける</translation>
    </message>
    <message>
        <source>Go on without it</source>
        <translation>これなしで続ける</translation>
    </message>
</context>
<context>
    <name>fusuma::app::QuickPicks</name>
    <message>
        <source>%1, typed before</source>
        <translation>%1、前に入力</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Recovery</name>
    <message>
        <source>What was kept of “%1” cannot be read. It stays in %2.</source>
        <translation>「%1」の保管分を読めません。%2 に残っています。</translation>
    </message>
    <message>
        <source>Unsaved work cannot be kept aside, so a crash would lose it. Save the project. %1</source>
        <translation>未保存の作業を保管できないため、異常終了で失われます。プロジェクトを保存してください。%1</translation>
    </message>
</context>
<context>
    <name>fusuma::app::RehearsalView</name>
    <message>
        <source>The sheet in the cutter</source>
        <translation>カッターの中の用紙</translation>
    </message>
    <message>
        <source>Time of the cut</source>
        <translation>カットの時刻</translation>
    </message>
    <message>
        <source>Go through the cut line by line.</source>
        <translation>カットを線ごとにたどります。</translation>
    </message>
    <message>
        <source>The page before</source>
        <translation>前のページ</translation>
    </message>
    <message>
        <source>The next page</source>
        <translation>次のページ</translation>
    </message>
    <message>
        <source>line %1 of %2 · %3</source>
        <translation>線 %1 / %2 · %3</translation>
    </message>
    <message>
        <source>Planned: as it will be printed and cut</source>
        <translation>計画：印刷とカットの予定</translation>
    </message>
    <message>
        <source>A moment…</source>
        <translation>お待ちください…</translation>
    </message>
    <message>
        <source>Nothing to print yet</source>
        <translation>印刷するものがまだありません</translation>
    </message>
    <message>
        <source>Printing…</source>
        <translation>印刷中…</translation>
    </message>
    <message>
        <source>Printed, not in the machine yet</source>
        <translation>印刷済み、まだ機械に入っていません</translation>
    </message>
    <message>
        <source>Looking for the marks…</source>
        <translation>トンボを探しています…</translation>
    </message>
    <message>
        <source>Point at the marks</source>
        <translation>トンボを指す</translation>
    </message>
    <message>
        <source>The print was not found</source>
        <translation>印刷が見つかりません</translation>
    </message>
    <message>
        <source>Rehearsal: as the cut will come out</source>
        <translation>試し：カットの仕上がり</translation>
    </message>
    <message>
        <source>Paused: click the line to go on with</source>
        <translation>一時停止：続ける線をクリック</translation>
    </message>
    <message>
        <source>The connection dropped</source>
        <translation>接続が切れました</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>カット中</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>ページ %1 / %2</translation>
    </message>
    <message>
        <source>Working out what will be printed and cut…</source>
        <translation>印刷とカットを計算中…</translation>
    </message>
    <message>
        <source>Put copies on the sheet, and what will be printed and cut is rehearsed here, line by line.</source>
        <translation>用紙にシールを置くと、印刷とカットをここで線ごとに試せます。</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>見つからない</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>矢印</translation>
    </message>
    <message>
        <source>Move the head over a mark by 0.5 mm; with Shift 5 mm, with Alt 0.05 mm</source>
        <translation>ヘッドをトンボの上で 0.5 mm 動かす。Shift で 5 mm、Alt で 0.05 mm</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Return</translation>
    </message>
    <message>
        <source>The mark is here</source>
        <translation>トンボはここ</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Backspace</translation>
    </message>
    <message>
        <source>Back to the mark before</source>
        <translation>前のトンボに戻る</translation>
    </message>
    <message>
        <source>Mark %1 of %2</source>
        <translation>トンボ %1 / %2</translation>
    </message>
    <message>
        <source>to be pointed at now</source>
        <translation>いま指すもの</translation>
    </message>
    <message>
        <source>not looked for yet</source>
        <translation>未検出</translation>
    </message>
    <message>
        <source>found</source>
        <translation>見つかった</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ScreenSizeDialog</name>
    <message>
        <source>The screen&apos;s size</source>
        <translation>画面の大きさ</translation>
    </message>
    <message>
        <source>Hold a bank card or any card of that size against the screen, and move the slider until the drawn card is just as large. Then 1:1 on the Sheet is true.</source>
        <translation>キャッシュカードなど同じ大きさのカードを画面に当て、描かれたカードが同じ大きさになるまで動かします。すると用紙の 1:1 が正しくなります。</translation>
    </message>
    <message>
        <source>Size of the card</source>
        <translation>カードの大きさ</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Searches</name>
    <message>
        <source>%1: the project was changed meanwhile, so nothing came of it.</source>
        <translation>%1：その間にプロジェクトが変更されたため、結果は使われませんでした。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SelectionCard</name>
    <message>
        <source>Click a copy to select it, drag a frame round several, or press Ctrl+A for all of the page.</source>
        <translation>クリックで 1 枚、枠で囲んで複数、Ctrl+A でページ全部を選びます。</translation>
    </message>
    <message>
        <source>Middle from left</source>
        <translation>左から中心</translation>
    </message>
    <message>
        <source>Middle from top</source>
        <translation>上から中心</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>仕上がり幅</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>仕上がり高さ</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Of the cut line. The border keeps its millimetres, the art makes up the rest.</source>
        <translation>カット線の寸法。縁取りの幅はそのまま、絵柄が残りになります。</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>Resize copies</source>
        <translation>大きさを変える</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>反転</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>順</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>複製</translation>
    </message>
    <message>
        <source>Another copy in the nearest free place (Ctrl+D). Or drag with Ctrl.</source>
        <translation>近くの空きにもう 1 枚 (Ctrl+D)。Ctrl を押しながらドラッグでも。</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>Take the selected copies off the sheet (Delete). The sticker stays in the tray.</source>
        <translation>選んだものを用紙から外します (Delete)。シールはトレイに残ります。</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>Locked copies stay where they are, when filling too.</source>
        <translation>ロックしたものは、埋めるときも動きません。</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>ロック解除</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>グループ化</translation>
    </message>
    <message>
        <source>Grouped copies are selected and moved together (Ctrl+G).</source>
        <translation>グループは一緒に選ばれ、動きます (Ctrl+G)。</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>グループ解除</translation>
    </message>
    <message>
        <source>Mirror ↔</source>
        <translation>反転 ↔</translation>
    </message>
    <message>
        <source>Exchange left and right.</source>
        <translation>左右を入れ替えます。</translation>
    </message>
    <message>
        <source>Mirror ↕</source>
        <translation>反転 ↕</translation>
    </message>
    <message>
        <source>Exchange top and bottom.</source>
        <translation>上下を入れ替えます。</translation>
    </message>
    <message>
        <source>To front</source>
        <translation>前面へ</translation>
    </message>
    <message>
        <source>Above all other copies (Ctrl+Shift+]).</source>
        <translation>ほかのすべての上へ (Ctrl+Shift+])。</translation>
    </message>
    <message>
        <source>To back</source>
        <translation>背面へ</translation>
    </message>
    <message>
        <source>Below all other copies (Ctrl+Shift+[).</source>
        <translation>ほかのすべての下へ (Ctrl+Shift+[)。</translation>
    </message>
    <message>
        <source>Line up the left edges</source>
        <translation>左端をそろえる</translation>
    </message>
    <message>
        <source>Line up the middles from left to right</source>
        <translation>左右の中央をそろえる</translation>
    </message>
    <message>
        <source>Line up the right edges</source>
        <translation>右端をそろえる</translation>
    </message>
    <message>
        <source>Line up the top edges</source>
        <translation>上端をそろえる</translation>
    </message>
    <message>
        <source>Line up the middles from top to bottom</source>
        <translation>上下の中央をそろえる</translation>
    </message>
    <message>
        <source>Line up the bottom edges</source>
        <translation>下端をそろえる</translation>
    </message>
    <message>
        <source>; a single copy with the cut zone.</source>
        <translation>、1 枚だけならカット範囲に。</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>そろえる</translation>
    </message>
    <message>
        <source>Equal room between, from left to right</source>
        <translation>左から右へ等間隔</translation>
    </message>
    <message>
        <source>Equal room between, from top to bottom</source>
        <translation>上から下へ等間隔</translation>
    </message>
    <message>
        <source>Distribute</source>
        <translation>分布</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>列</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>行</translation>
    </message>
    <message>
        <source>Repeat</source>
        <translation>繰り返し</translation>
    </message>
    <message>
        <source>Copies of what is selected in so many columns and rows, a gap apart.</source>
        <translation>選択したものを、間隔を空けて指定の列と行に並べます。</translation>
    </message>
    <message>
        <source>nothing selected</source>
        <translation>選択なし</translation>
    </message>
    <message>
        <source>%1 copies</source>
        <translation>%1 枚</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPage</name>
    <message>
        <source>Marks</source>
        <translation>トンボ</translation>
    </message>
    <message>
        <source>Size, place and cutter…</source>
        <translation>大きさ、位置、カッター…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPanel</name>
    <message>
        <source>Paper</source>
        <translation>用紙サイズ</translation>
    </message>
    <message>
        <source>Copies</source>
        <translation>枚数</translation>
    </message>
    <message>
        <source>Selection</source>
        <translation>選択</translation>
    </message>
    <message>
        <source>Marks and cutter</source>
        <translation>トンボとカッター</translation>
    </message>
    <message>
        <source>Printer</source>
        <translation>プリンター</translation>
    </message>
    <message>
        <source>Largest sticker that fits an empty sheet</source>
        <translation>空の用紙に入る最大のシール</translation>
    </message>
    <message>
        <source>it lies there already</source>
        <translation>すでにそこにある</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>なし</translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n 枚</numerusform>
        </translation>
    </message>
    <message>
        <source>The margins leave nowhere to cut on this paper.</source>
        <translation>余白のため、この紙にカットできる所がありません。</translation>
    </message>
    <message>
        <source>%1 on %2, %3 % of the cut zone used</source>
        <translation>%2 に %1、カット範囲の %3 % を使用</translation>
    </message>
    <message>
        <source>the sheet</source>
        <translation>用紙</translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n ページ</numerusform>
        </translation>
    </message>
    <message>
        <source>Shared cuts spare %1 of cutting</source>
        <translation>共通のカットで %1 の切断を節約</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetView</name>
    <message>
        <source>Sheet</source>
        <translation>用紙</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>小さく</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>大きく</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>合わせる</translation>
    </message>
    <message>
        <source>Show the whole sheet</source>
        <translation>用紙全体を示す</translation>
    </message>
    <message>
        <source>1:1</source>
        <translation>1:1</translation>
    </message>
    <message>
        <source>As large as it will be on paper. If a ruler disagrees, set your screen&apos;s size in the View menu.</source>
        <translation>紙の上と同じ大きさです。定規と合わなければ、表示メニューで画面の大きさを設定してください。</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>測る</translation>
    </message>
    <message>
        <source>Drag between two places to measure between them (M).</source>
        <translation>2 か所の間をドラッグして距離を測ります (M)。</translation>
    </message>
    <message>
        <source>The page before (Page up)</source>
        <translation>前のページ (Page up)</translation>
    </message>
    <message>
        <source>The next page (Page down)</source>
        <translation>次のページ (Page down)</translation>
    </message>
    <message>
        <source>Add page</source>
        <translation>ページを追加</translation>
    </message>
    <message>
        <source>Another page of the same paper.</source>
        <translation>同じ紙のページをもう 1 枚。</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>ページ %1 / %2</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>%1, %2 by %3, %4 from the left, %5 from the top</source>
        <translation>%1、%2 × %3、左から %4、上から %5</translation>
    </message>
    <message>
        <source>, locked</source>
        <translation>、ロック</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>トンボ %1</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>矢印</translation>
    </message>
    <message>
        <source>Move the copies chosen by 1 mm; with Shift 10 mm, with Alt 0.1 mm</source>
        <translation>選んだものを 1 mm 動かす。Shift で 10 mm、Alt で 0.1 mm</translation>
    </message>
    <message>
        <source>Comma, full stop</source>
        <translation>コンマ、ピリオド</translation>
    </message>
    <message>
        <source>Turn them by 15°; with Alt by 1°</source>
        <translation>15° 回す。Alt で 1°</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Page up、Page down</translation>
    </message>
    <message>
        <source>The page before, the next page</source>
        <translation>前のページ、次のページ</translation>
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
        <translation>今の操作をやめる。何も選ばない</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>回転</translation>
    </message>
</context>
<context>
    <name>fusuma::app::SlipPanel</name>
    <message>
        <source>What if it slips?</source>
        <translation>ずれたら？</translation>
    </message>
    <message>
        <source>Shift the cut against the print and look.</source>
        <translation>印刷に対しカットをずらして見ます。</translation>
    </message>
    <message>
        <source>Shift right</source>
        <translation>右へのずれ</translation>
    </message>
    <message>
        <source>Shift down</source>
        <translation>下へのずれ</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Stickers that would show it</source>
        <translation>見えてしまうシール</translation>
    </message>
    <message>
        <source>slip %1 mm</source>
        <translation>ずれ %1 mm</translation>
    </message>
    <message>
        <source>Widens borders and bleeds of the stickers that need it. One step that can be undone.</source>
        <translation>必要なシールの縁取りと塗り足しを広げます。一度に取り消せます。</translation>
    </message>
    <message>
        <source>Make stickers safe</source>
        <translation>シールを安全に</translation>
    </message>
    <message>
        <source>Try 1000 sheets</source>
        <translation>1000 枚試す</translation>
    </message>
    <message>
        <source>Slips as a usual machine makes them: 0.25 mm each way and 0.06° of turn, as standard deviations.</source>
        <translation>普通の機械のずれ：各方向 0.25 mm、回転 0.06°（標準偏差）。</translation>
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
        <translation>%1 / %2</translation>
    </message>
    <message>
        <source>The sheet is empty.</source>
        <translation>用紙が空です。</translation>
    </message>
    <message>
        <source>Looking at the sheet…</source>
        <translation>用紙を確認中…</translation>
    </message>
    <message>
        <source>No slip.</source>
        <translation>ずれなし。</translation>
    </message>
    <message>
        <source>All %1 stay clean.</source>
        <translation>%1 枚すべてきれいです。</translation>
    </message>
    <message>
        <source>1 of %1 shows a fault.</source>
        <translation>%1 枚中 1 枚に不具合が出ます。</translation>
    </message>
    <message>
        <source>%1 of %2 show a fault.</source>
        <translation>%2 枚中 %1 枚に不具合が出ます。</translation>
    </message>
    <message>
        <source>borders up to %1</source>
        <translation>縁取り最大 %1</translation>
    </message>
    <message>
        <source>bleeds up to %1</source>
        <translation>塗り足し最大 %1</translation>
    </message>
    <message>
        <source>no bleed of another colour round white borders</source>
        <translation>白い縁取りに別の色の塗り足しなし</translation>
    </message>
    <message>
        <source>%1 would keep every sticker clean up to a slip of %2 mm.</source>
        <translation>%1 にすると、%2 mm のずれまですべてのシールがきれいに仕上がります。</translation>
    </message>
    <message>
        <source> and </source>
        <translation> と </translation>
    </message>
    <message>
        <source>Every sticker bears a slip of 1 mm.</source>
        <translation>どのシールも 1 mm のずれに耐えます。</translation>
    </message>
    <message>
        <source>Neighbours or marks lie too near. Fill the sheet with a wider gap, or move copies apart.</source>
        <translation>隣やトンボが近すぎます。間隔を広げて埋めるか、離してください。</translation>
    </message>
    <message>
        <source>Make %1 safe</source>
        <translation>%1 を安全に</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>シール %n 枚</numerusform>
        </translation>
    </message>
    <message>
        <source>Make safe for a slip of %1 mm</source>
        <translation>%1 mm のずれに備える</translation>
    </message>
    <message>
        <source>Changed. Print again to use it: the ticket in hand stays as it was printed.</source>
        <translation>変更されました。使うには印刷し直してください。手元の票は印刷時のままです。</translation>
    </message>
    <message>
        <source>Trying %1 sheets…</source>
        <translation>%1 枚を試しています…</translation>
    </message>
    <message>
        <source>%1 % of sheets come out with every sticker clean; on average %2 of %3 show a fault.</source>
        <translation>用紙の %1 % ですべてのシールがきれいに仕上がります。平均では %3 枚中 %2 枚に不具合が出ます。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StartPage</name>
    <message>
        <source>Open %1</source>
        <translation>%1 を開く</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>画像なし</translation>
    </message>
    <message>
        <source>Begin a sheet of stickers</source>
        <translation>シールの用紙を始める</translation>
    </message>
    <message>
        <source>Drop pictures or drawings anywhere on this window, or take one of these.</source>
        <translation>画像や図形をこのウィンドウに落とすか、ここから選びます。</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>絵柄を追加…</translation>
    </message>
    <message>
        <source>A picture or a drawing as a new sticker.</source>
        <translation>画像または図形を新しいシールにします。</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>新しいラベル…</translation>
    </message>
    <message>
        <source>A label with words on it; one, or a whole list.</source>
        <translation>文字入りのラベル。1 枚でもリスト全部でも。</translation>
    </message>
    <message>
        <source>From camera or scanner</source>
        <translation>カメラやスキャナーから</translation>
    </message>
    <message>
        <source>What is drawn, stamped or painted on paper.</source>
        <translation>紙に描いた、押した、塗ったもの。</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>見本を開く</translation>
    </message>
    <message>
        <source>The Tide Fair&apos;s sheets, to look round and try things on.</source>
        <translation>Tide Fair の用紙。見て回り、試せます。</translation>
    </message>
    <message>
        <source>A photograph…</source>
        <translation>写真…</translation>
    </message>
    <message>
        <source>A scanner…</source>
        <translation>スキャナー…</translation>
    </message>
    <message>
        <source>Photo board to print…</source>
        <translation>撮影ボードを印刷…</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>最近のプロジェクト</translation>
    </message>
    <message>
        <source>From art to sticker</source>
        <translation>絵柄からシールまで</translation>
    </message>
    <message>
        <source>1  Bring the art</source>
        <translation>1&#x3000;絵柄を入れる</translation>
    </message>
    <message>
        <source>A file, a scan or a photograph. Its background goes by itself, or with a click.</source>
        <translation>ファイル、スキャン、写真。背景は自動で、またはクリックで消えます。</translation>
    </message>
    <message>
        <source>2  Give it a border</source>
        <translation>2&#x3000;縁取りを付ける</translation>
    </message>
    <message>
        <source>A cut line follows the outline, as far out as you like.</source>
        <translation>カット線は輪郭に沿い、好きなだけ外側に引けます。</translation>
    </message>
    <message>
        <source>3  Fill a sheet</source>
        <translation>3&#x3000;用紙を埋める</translation>
    </message>
    <message>
        <source>Print it with its marks, lay it in the cutter, cut along the lines.</source>
        <translation>トンボ付きで印刷し、カッターに入れ、線に沿ってカットします。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::StepsPanel</name>
    <message>
        <source>all steps stay live</source>
        <translation>どの手順も後から変更可</translation>
    </message>
    <message>
        <source>Artwork</source>
        <translation>絵柄</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>背景</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>輪郭</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>縁取り</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>塗り足し</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>大きさ</translation>
    </message>
    <message>
        <source>Finished size</source>
        <translation>仕上がり寸法</translation>
    </message>
    <message>
        <source>Put on the sheet</source>
        <translation>用紙に置く</translation>
    </message>
    <message>
        <source>Place one copy in the first free place and go to the Sheet.</source>
        <translation>最初の空きに 1 枚置き、用紙へ行きます。</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>パーツ</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>ラベル</translation>
    </message>
    <message>
        <source>Cluster</source>
        <translation>まとまり</translation>
    </message>
    <message>
        <source>%1…</source>
        <translation>%1…</translation>
    </message>
    <message>
        <source>Artwork width</source>
        <translation>絵柄の幅</translation>
    </message>
    <message>
        <source>Artwork height</source>
        <translation>絵柄の高さ</translation>
    </message>
    <message>
        <source>Finished width</source>
        <translation>仕上がり幅</translation>
    </message>
    <message>
        <source>Finished height</source>
        <translation>仕上がり高さ</translation>
    </message>
    <message>
        <source>Finished widths</source>
        <translation>仕上がり幅</translation>
    </message>
    <message>
        <source>Size as in the file</source>
        <translation>ファイルどおりの大きさ</translation>
    </message>
    <message>
        <source>Back to the size that the picture&apos;s own density gives it.</source>
        <translation>画像の密度による大きさに戻します。</translation>
    </message>
    <message>
        <source>No sticker yet</source>
        <translation>シールがまだありません</translation>
    </message>
    <message>
        <source>nothing to cut</source>
        <translation>カットなし</translation>
    </message>
    <message>
        <source>Nothing is left to cut. Look at the Background and Border steps.</source>
        <translation>カットするものがありません。背景と縁取りの手順を見てください。</translation>
    </message>
    <message>
        <source>The whole rectangle is the outline. The Background step can take a colour away.</source>
        <translation>長方形全体が輪郭です。背景の手順で色を取り除けます。</translation>
    </message>
    <message>
        <source>Falls into %1 pieces. The Border step can join them.</source>
        <translation>%1 個に分かれます。縁取りの手順でつなげます。</translation>
    </message>
    <message>
        <source>One piece.</source>
        <translation>ひとつの断片。</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>幅 %1</translation>
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
        <translation>%1 を複製</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>名前を変える</translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>トレイで移動</translation>
    </message>
    <message>
        <source>Remove a sticker</source>
        <translation>シールを取り除く</translation>
    </message>
    <message>
        <source>Remove “%1” from the project?</source>
        <translation>「%1」をプロジェクトから取り除きますか？</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its copy on the sheet?</source>
        <translation>「%1」と用紙上の 1 枚をプロジェクトから取り除きますか？</translation>
    </message>
    <message>
        <source>Remove “%1” from the project, with its %2 copies on the sheet?</source>
        <translation>「%1」と用紙上の %2 枚をプロジェクトから取り除きますか？</translation>
    </message>
    <message>
        <source>Undo brings all of it back.</source>
        <translation>取り消しで全部戻ります。</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>残す</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 を取り除く</translation>
    </message>
    <message>
        <source>Replace the artwork</source>
        <translation>絵柄を置き換え</translation>
    </message>
    <message>
        <source>Put one on the sheet</source>
        <translation>用紙に 1 枚置く</translation>
    </message>
    <message>
        <source>Replace the artwork…</source>
        <translation>絵柄を置き換え…</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>複製</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>上へ</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>下へ</translation>
    </message>
    <message>
        <source>Remove from the project…</source>
        <translation>プロジェクトから取り除く…</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Tray</name>
    <message>
        <source>Tray</source>
        <translation>トレイ</translation>
    </message>
    <message>
        <source>Add artwork…</source>
        <translation>絵柄を追加…</translation>
    </message>
    <message>
        <source>Bring in a picture or a drawing as a new sticker. You can also drop files on the window.</source>
        <translation>画像や図形を新しいシールとして取り込みます。ファイルをウィンドウに落とすこともできます。</translation>
    </message>
    <message>
        <source>New label…</source>
        <translation>新しいラベル…</translation>
    </message>
    <message>
        <source>A label with words on it, or words as a sticker; one, or a whole list.</source>
        <translation>文字入りのラベル、または文字だけのシール。1 枚でもリスト全部でも。</translation>
    </message>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>シール %n 枚</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n 枚</numerusform>
        </translation>
    </message>
    <message>
        <source>Move in the tray</source>
        <translation>トレイで移動</translation>
    </message>
</context>
<context>
    <name>fusuma::app::Windows</name>
    <message>
        <source>“%1” is open in this window already.</source>
        <translation>「%1」はこのウィンドウですでに開いています。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::WorkingOut</name>
    <message>
        <source>Stopped. The rest is worked out with the next change.</source>
        <translation>停止しました。残りは次の変更のときに計算されます。</translation>
    </message>
</context>
<context>
    <name>fusuma::app::ZoomView</name>
    <message>
        <source>Tab, Shift+Tab</source>
        <translation>Tab、Shift+Tab</translation>
    </message>
    <message>
        <source>The next copy, node or part, and the one before</source>
        <translation>次と前の 1 枚、ノード、パーツ</translation>
    </message>
    <message>
        <source>Ctrl+arrows</source>
        <translation>Ctrl+矢印</translation>
    </message>
    <message>
        <source>The nearest one on that side</source>
        <translation>その側で最も近いもの</translation>
    </message>
    <message>
        <source>Space, held</source>
        <translation>Space を押したまま</translation>
    </message>
    <message>
        <source>Drag the view</source>
        <translation>表示を動かす</translation>
    </message>
    <message>
        <source>F8, then arrows</source>
        <translation>F8、続けて矢印</translation>
    </message>
    <message>
        <source>Move the pointer; with Shift far, with Alt a pixel</source>
        <translation>ポインターを動かす。Shift で遠く、Alt で 1 画素</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Return</translation>
    </message>
    <message>
        <source>With that pointer: take hold, and let go</source>
        <translation>そのポインター：つかむ、離す</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>With that pointer: put it away</source>
        <translation>そのポインター：やめる</translation>
    </message>
</context>
<context>
    <name>options</name>
    <message>
        <source>print the version and end</source>
        <translation>バージョンを表示して終わる</translation>
    </message>
    <message>
        <source>Fusuma&apos;s thumbnailer: takes the picture of a project&apos;s first sheet out of it, for file managers</source>
        <translation>Fusuma のサムネイル作成：プロジェクトから最初の用紙の絵を取り出す（ファイルマネージャー用）</translation>
    </message>
    <message>
        <source>a .fusuma project</source>
        <translation>.fusuma プロジェクト</translation>
    </message>
    <message>
        <source>where the picture goes</source>
        <translation>絵の保存先</translation>
    </message>
    <message>
        <source>pixels along its longer side</source>
        <translation>長辺のピクセル数</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice camera: photographs a flat thing as a telephone would, with whatever faults are asked for</source>
        <translation>Fusuma の練習用カメラ：平らなものを、求められた失敗つきで、携帯電話のように撮る</translation>
    </message>
    <message>
        <source>what lies on the table, seen from above</source>
        <translation>台の上にあるもの（真上から見た絵）</translation>
    </message>
    <message>
        <source>JPEG file</source>
        <translation>JPEG ファイル</translation>
    </message>
    <message>
        <source>its size: a paper&apos;s name or WxH in mm; by its density when not given</source>
        <translation>大きさ：用紙の名前か 幅x高さ（mm）。なければ解像度から決める</translation>
    </message>
    <message>
        <source>pixels across</source>
        <translation>横のピクセル数</translation>
    </message>
    <message>
        <source>pixels down</source>
        <translation>縦のピクセル数</translation>
    </message>
    <message>
        <source>share of the picture that it fills</source>
        <translation>写真の中で占める割合</translation>
    </message>
    <message>
        <source>degrees from straight above</source>
        <translation>真上からの傾き（度）</translation>
    </message>
    <message>
        <source>degrees, the side it is tilted to</source>
        <translation>傾ける向き（度）</translation>
    </message>
    <message>
        <source>degrees, clockwise</source>
        <translation>度、時計回り</translation>
    </message>
    <message>
        <source>how the lens bends</source>
        <translation>レンズのゆがみ</translation>
    </message>
    <message>
        <source>light at the darkest corner, as a share</source>
        <translation>いちばん暗い隅の明るさ（割合）</translation>
    </message>
    <message>
        <source>none, soft or hard</source>
        <translation>none、soft、hard（影なし、柔らかい影、硬い影）</translation>
    </message>
    <message>
        <source>pixels</source>
        <translation>ピクセル</translation>
    </message>
    <message>
        <source>grey values</source>
        <translation>グレーの値</translation>
    </message>
    <message>
        <source>of the JPEG</source>
        <translation>JPEG の画質</translation>
    </message>
    <message>
        <source>of noise and shadow</source>
        <translation>雑音と影の種</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice cutter: listens for HP-GL on a local port and draws the cut over a printed sheet</source>
        <translation>Fusuma の練習用カッター：このコンピューターのポートで HP-GL を受け、印刷した用紙の上にカットを描く</translation>
    </message>
    <message>
        <source>the printed sheet, a picture from the practice printer</source>
        <translation>印刷した用紙（練習用プリンターの絵）</translation>
    </message>
    <message>
        <source>where the cut sheet goes, as PNG</source>
        <translation>カットした用紙の保存先（PNG）</translation>
    </message>
    <message>
        <source>TCP port on this machine; 0 takes a free one</source>
        <translation>このコンピューターの TCP ポート。0 なら空いているもの</translation>
    </message>
    <message>
        <source>the sheet&apos;s paper: a4, letter or WxH in mm</source>
        <translation>用紙の大きさ：a4、letter、または 幅x高さ（mm）</translation>
    </message>
    <message>
        <source>blade speed in mm/s; 0 cuts at once</source>
        <translation>刃の速さ（mm/s）。0 ならすぐに切り終える</translation>
    </message>
    <message>
        <source>also serve as a serial port, on a pseudo-terminal</source>
        <translation>擬似端末でシリアルポートとしても働く</translation>
    </message>
    <message>
        <source>mm that the blade&apos;s tip trails its axis</source>
        <translation>刃先が軸から遅れる距離（mm）</translation>
    </message>
    <message>
        <source>mm of play in its axes</source>
        <translation>軸のがた（mm）</translation>
    </message>
    <message>
        <source>drop the connection after so many runs</source>
        <translation>この本数を切ったら接続を切る</translation>
    </message>
    <message>
        <source>Fusuma&apos;s practice printer: turns a PDF into the picture of the printed sheet</source>
        <translation>Fusuma の練習用プリンター：PDF を印刷した用紙の絵にする</translation>
    </message>
    <message>
        <source>the file to print</source>
        <translation>印刷するファイル</translation>
    </message>
    <message>
        <source>where the printed sheet goes, as PNG</source>
        <translation>印刷した用紙の保存先（PNG）</translation>
    </message>
    <message>
        <source>dots per inch</source>
        <translation>1 インチあたりの点数</translation>
    </message>
    <message>
        <source>border in mm, negative inward</source>
        <translation>縁取りの幅（mm）。負の値は内側</translation>
    </message>
    <message>
        <source>round, mitre or bevel</source>
        <translation>round、mitre、bevel（丸、とがり、面取り）</translation>
    </message>
    <message>
        <source>longest tip of a mitre as a multiple of the border&apos;s width</source>
        <translation>とがった角の最大の長さ（縁取りの幅の倍数）</translation>
    </message>
    <message>
        <source>the border grows with copies of another size</source>
        <translation>大きさの違う枚では縁取りも一緒に伸び縮みする</translation>
    </message>
    <message>
        <source>keep, close, or close-under=MM2</source>
        <translation>keep、close、または close-under=MM2</translation>
    </message>
    <message>
        <source>close the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>--holes にかかわらず X,Y（ピクセル）の穴を閉じる。繰り返し可</translation>
    </message>
    <message>
        <source>keep the hole at X,Y (pixels), whatever --holes says; may be repeated</source>
        <translation>--holes にかかわらず X,Y（ピクセル）の穴を残す。繰り返し可</translation>
    </message>
    <message>
        <source>pieces of the border closer than this many mm become one</source>
        <translation>この mm より近い縁取りどうしをひとつにする</translation>
    </message>
    <message>
        <source>bridge all pieces, however far apart</source>
        <translation>どれほど離れていても、すべてをつなぐ</translation>
    </message>
    <message>
        <source>fill inlets narrower than this many mm</source>
        <translation>この mm より狭い切れ込みを埋める</translation>
    </message>
    <message>
        <source>cut off spikes thinner than this many mm</source>
        <translation>この mm より細いとげを切り落とす</translation>
    </message>
    <message>
        <source>a printed rim inside the border as WIDTH,FILL, from the art outward, FILL as for --border-fill; may be repeated</source>
        <translation>縁取りの中に印刷する内縁（幅,塗り）。絵柄から外へ順に。塗りは --border-fill と同じ。繰り返し可</translation>
    </message>
    <message>
        <source>what the border is printed with: clear, art (its colours carried outward), #RRGGBB, or dots= or stripes= with #RRGGBB,#RRGGBB[,PITCH]</source>
        <translation>縁取りの塗り：clear、art（絵柄の色を外へ伸ばす）、#RRGGBB、または dots= か stripes= に #RRGGBB,#RRGGBB[,間隔]</translation>
    </message>
    <message>
        <source>print continues this many mm past the cut line</source>
        <translation>カット線の外まで印刷する幅（mm）</translation>
    </message>
    <message>
        <source>art (default) or rim: what the bleed is printed with</source>
        <translation>art（既定）または rim：塗り足しの塗り</translation>
    </message>
    <message>
        <source>a further line to cut through points X,Y,X,Y,… (pixels), closed when it ends where it begins; may be repeated</source>
        <translation>点 X,Y,X,Y,…（ピクセル）を通るカット線を足す。始まりで終われば閉じた線。繰り返し可</translation>
    </message>
    <message>
        <source>do not cut the line nearest to X,Y (pixels); may be repeated</source>
        <translation>X,Y（ピクセル）にいちばん近い線をカットしない。繰り返し可</translation>
    </message>
    <message>
        <source>take a PDF&apos;s page as a drawing instead of as a picture</source>
        <translation>PDF のページを絵ではなく図面として読む</translation>
    </message>
    <message>
        <source>of a drawing: round (cut only round everything), bottom (cut the bottom shape, print the rest), colours (each colour its own piece) or file (as in the file)</source>
        <translation>図面の扱い：round（全体のまわりだけ切る）、bottom（いちばん下の形を切り、残りを印刷する）、colours（色ごとに切る）、file（ファイルのとおり）</translation>
    </message>
    <message>
        <source>what happens to parts, as WHICH=USE: USE is printed, cut, both or neither, with :kiss, :score or :through for a line of their own. WHICH is a number from 1 at the back, a name, layer:NAME, colour:#RRGGBB or all; may be repeated</source>
        <translation>部品の使い方（どれ=使い方）：使い方は printed、cut、both、neither。:kiss、:score、:through をつけると専用の線になる。どれは奥から数えた番号（1 から）、名前、layer:名前、colour:#RRGGBB、または all。繰り返し可</translation>
    </message>
    <message>
        <source>combine parts, as HOW:WHICH,WHICH…: join, take-out, overlap-only, exclude, split or pieces; may be repeated</source>
        <translation>部品を合わせる（方法:どれ,どれ…）：join、take-out、overlap-only、exclude、split、pieces。繰り返し可</translation>
    </message>
    <message>
        <source>only what is visible: each part loses what lies under those above it</source>
        <translation>見えるところだけ：上の部品に隠れた部分を除く</translation>
    </message>
    <message>
        <source>leave out pieces of combined parts thinner than this many mm</source>
        <translation>合わせた部品のうち、この mm より細いかけらを除く</translation>
    </message>
    <message>
        <source>print a drawing&apos;s colour as another: #RRGGBB=#RRGGBB; may be repeated</source>
        <translation>図面の色を別の色で印刷する：#RRGGBB=#RRGGBB。繰り返し可</translation>
    </message>
    <message>
        <source>fill parts anew, as WHICH=FILL; FILL is #RRGGBB, dots= or stripes=#RRGGBB,#RRGGBB[,PITCH], or the path of a picture; may be repeated</source>
        <translation>部品を塗り直す（どれ=塗り）。塗りは #RRGGBB、dots= か stripes=#RRGGBB,#RRGGBB[,間隔]、または絵のパス。繰り返し可</translation>
    </message>
    <message>
        <source>make a label, as SHAPE:WxH in mm: rectangle, rounded, oval, notched, arch, tag, star, banner, or lettering for words alone</source>
        <translation>ラベルを作る（形:幅x高さ、mm）：rectangle、rounded、oval、notched、arch、tag、star、banner。文字だけなら lettering</translation>
    </message>
    <message>
        <source>make a label from a template, by its name or a file as FILE:NAME</source>
        <translation>ひな形からラベルを作る（名前、または ファイル:名前）</translation>
    </message>
    <message>
        <source>words on the label, \n for a new line, with fields such as {name}; may be repeated</source>
        <translation>ラベルの文字。\n で改行、{name} のような欄も使える。繰り返し可</translation>
    </message>
    <message>
        <source>how the text of the same number is set, as KEY=VALUE,…: font, size (mm), least (mm), fit, bold, italic, align, run (straight, top, bottom), spacing, letters, colour; may be repeated</source>
        <translation>同じ番号の文字の組み方（項目=値,…）：font、size（mm）、least（mm）、fit、bold、italic、align、run（straight、top、bottom）、spacing、letters、colour。繰り返し可</translation>
    </message>
    <message>
        <source>the label&apos;s colour, #RRGGBB or none</source>
        <translation>ラベルの色。#RRGGBB または none</translation>
    </message>
    <message>
        <source>the label&apos;s colours, by the swatch&apos;s name</source>
        <translation>ラベルの配色（名前で）</translation>
    </message>
    <message>
        <source>a line inside the edge, as WIDTH,INSET in mm</source>
        <translation>縁の内側の線（太さ,縁からの距離、mm）</translation>
    </message>
    <message>
        <source>mm that words keep from the edge</source>
        <translation>文字と縁のあいだ（mm）</translation>
    </message>
    <message>
        <source>radius of round, notched or cut-off corners in mm</source>
        <translation>丸めた角、切り込んだ角、落とした角の半径（mm）</translation>
    </message>
    <message>
        <source>across a tag&apos;s hole in mm, 0 for none</source>
        <translation>下げ札の穴の直径（mm）。0 なら穴なし</translation>
    </message>
    <message>
        <source>points of a star</source>
        <translation>星の角の数</translation>
    </message>
    <message>
        <source>a picture on the label, as FILE[,PLACE[,SHARE]]: left, right, above, below or behind</source>
        <translation>ラベルの絵（ファイル[,位置[,割合]]）：left、right、above、below、behind</translation>
    </message>
    <message>
        <source>column of the list with names of picture files, which lie beside the list</source>
        <translation>絵のファイル名がある一覧の列。ファイルは一覧と同じ場所に置く</translation>
    </message>
    <message>
        <source>cut the letters, too: kiss, score or through</source>
        <translation>文字も切る：kiss、score、through</translation>
    </message>
    <message>
        <source>CSV or text file: a label for each row, all put on the sheet</source>
        <translation>CSV またはテキスト：一行ごとにラベルを作り、すべて用紙に置く</translation>
    </message>
    <message>
        <source>each text in one size on all labels of the list, the largest that fits</source>
        <translation>一覧のすべてのラベルで、文字の大きさをそろえる（収まる最大の大きさ）</translation>
    </message>
    <message>
        <source>the day that {date} means, as YYYY-MM-DD; today when not given</source>
        <translation>{date} が指す日（YYYY-MM-DD）。なければ今日</translation>
    </message>
    <message>
        <source>what the label is called</source>
        <translation>ラベルの名前</translation>
    </message>
    <message>
        <source>lay a photograph flat: board[:PAPER], paper:PAPER, card, or corners:X,Y,X,Y,X,Y,X,Y:WxH (pixels clockwise from the top left, then mm)</source>
        <translation>写真を平らにする：board[:用紙]、paper:用紙、card、または corners:X,Y,X,Y,X,Y,X,Y:幅x高さ（左上から時計回りのピクセル、続けて mm）</translation>
    </message>
    <message>
        <source>light that falls unevenly: auto, even it, or as-is</source>
        <translation>むらのある光：auto、even（ならす）、as-is（そのまま）</translation>
    </message>
    <message>
        <source>soft shadows of the art on its ground: auto, drop or keep</source>
        <translation>地に落ちた絵柄の柔らかい影：auto、drop（除く）、keep（残す）</translation>
    </message>
    <message>
        <source>part what stands out from any ground: auto, or the box round it as X,Y,W,H in pixels</source>
        <translation>どんな地からも主題を抜き出す：auto、または囲む枠 X,Y,幅,高さ（ピクセル）</translation>
    </message>
    <message>
        <source>a stroke over what belongs to the subject, as SIZE,X,Y[,X,Y…]</source>
        <translation>主題の上をなぞる線（太さ,X,Y[,X,Y…]）</translation>
    </message>
    <message>
        <source>a stroke over what does not, as SIZE,X,Y[,X,Y…]</source>
        <translation>主題でないところをなぞる線（太さ,X,Y[,X,Y…]）</translation>
    </message>
    <message>
        <source>trace one artwork and write its outline or cut line as SVG</source>
        <translation>絵柄をひとつトレースし、輪郭またはカット線を SVG で書く</translation>
    </message>
    <message>
        <source>the picture</source>
        <translation>絵</translation>
    </message>
    <message>
        <source>SVG file, in mm at the artwork&apos;s true size</source>
        <translation>SVG ファイル（mm、絵柄の実寸）</translation>
    </message>
    <message>
        <source>one path for each piece of the picture, in reading order; what is nearer than this many mm is one piece</source>
        <translation>絵のひとかたまりごとにパスひとつ、読む順に。この mm より近いものはひとかたまり</translation>
    </message>
    <message>
        <source>JSON report to a file, or - for standard output</source>
        <translation>JSON の報告の保存先。- なら標準出力</translation>
    </message>
    <message>
        <source>pixels per inch of the artwork, in place of what the file states</source>
        <translation>絵柄の 1 インチあたりのピクセル数（ファイルの値の代わり）</translation>
    </message>
    <message>
        <source>lay copies out on a sheet and write what prints and what cuts</source>
        <translation>用紙に枚数を並べ、印刷するものとカットするものを書き出す</translation>
    </message>
    <message>
        <source>a project to start from, and pictures and drawings to add</source>
        <translation>もとにするプロジェクトと、加える絵や図面</translation>
    </message>
    <message>
        <source>a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in</source>
        <translation>a3 から a6、b5、b4-jis、b5-jis、letter、legal、tabloid、hagaki、photo-l、または 100x150（mm）や 4x6in のような大きさ</translation>
    </message>
    <message>
        <source>printer margin in mm</source>
        <translation>プリンターの余白（mm）</translation>
    </message>
    <message>
        <source>dots, crosses or none</source>
        <translation>dots、crosses、none</translation>
    </message>
    <message>
        <source>a mark scheme file, in place of --marks</source>
        <translation>トンボの定義のファイル（--marks の代わり）</translation>
    </message>
    <message>
        <source>mm along every edge that the cutter cannot reach</source>
        <translation>カッターが届かない縁の幅（mm）</translation>
    </message>
    <message>
        <source>divide the page into COLUMNSxROWS small sheets</source>
        <translation>ページを 列数x行数 の小さな用紙に分ける</translation>
    </message>
    <message>
        <source>how small sheets are cut: none, through or score</source>
        <translation>小さな用紙の切り方：none、through、score</translation>
    </message>
    <message>
        <source>mm between small sheets</source>
        <translation>小さな用紙のあいだ（mm）</translation>
    </message>
    <message>
        <source>least distance between cut lines in mm</source>
        <translation>カット線どうしの最小の間隔（mm）</translation>
    </message>
    <message>
        <source>upright rectangles with sharp corners lie edge to edge, with one cut where two meet</source>
        <translation>角のとがったまっすぐな四角形を隙間なく並べ、接するところは一度だけ切る</translation>
    </message>
    <message>
        <source>copies of each picture added</source>
        <translation>加えた絵それぞれの枚数</translation>
    </message>
    <message>
        <source>as many copies of each picture as fit, or as --copies says: in rows, snug, or snug and turned; of all stickers when only a project is given</source>
        <translation>加えた絵それぞれを入るだけ、または --copies の枚数だけ：列に、詰めて、詰めて回して。プロジェクトだけならすべてのシール</translation>
    </message>
    <message>
        <source>for --fill turned: half, quarters or any</source>
        <translation>--fill turned の回し方：half、quarters、any</translation>
    </message>
    <message>
        <source>pages that copies may flow on to</source>
        <translation>使ってよいページ数</translation>
    </message>
    <message>
        <source>look for other ways, too, until no page less will do</source>
        <translation>一ページも減らせなくなるまで、ほかの並べ方も探す</translation>
    </message>
    <message>
        <source>how long to search for a better layout; 0 takes the first</source>
        <translation>よりよい並べ方を探す長さ。0 なら最初のもの</translation>
    </message>
    <message>
        <source>of the search; the same seed gives the same sheet</source>
        <translation>探すときの種。同じ種なら同じ用紙になる</translation>
    </message>
    <message>
        <source>spread the copies evenly when they are placed</source>
        <translation>置いたあと、均等に広げる</translation>
    </message>
    <message>
        <source>longer side of each picture added, in mm</source>
        <translation>加えた絵それぞれの長辺（mm）</translation>
    </message>
    <message>
        <source>save the project</source>
        <translation>プロジェクトを保存する</translation>
    </message>
    <message>
        <source>the sheet to print</source>
        <translation>印刷する用紙</translation>
    </message>
    <message>
        <source>store pictures that print finer at so many dots per inch</source>
        <translation>細かすぎる絵を 1 インチあたりこの点数で収める</translation>
    </message>
    <message>
        <source>store pictures that were changed as JPEG of this quality, with their edge in a mask</source>
        <translation>手を加えた絵をこの画質の JPEG で収め、縁はマスクにする</translation>
    </message>
    <message>
        <source>the cut lines alone as PDF, an ink for each kind of cut</source>
        <translation>カット線だけの PDF。カットの種類ごとにインク一色</translation>
    </message>
    <message>
        <source>the cut lines in mm</source>
        <translation>カット線（mm）</translation>
    </message>
    <message>
        <source>the cut lines as DXF in mm, a layer for each kind of cut</source>
        <translation>カット線の DXF（mm）。カットの種類ごとにレイヤーひとつ</translation>
    </message>
    <message>
        <source>keep curves as splines instead of short lines</source>
        <translation>曲線を短い線にせず、スプラインのまま残す</translation>
    </message>
    <message>
        <source>the cut lines for a cutter, in cutting order</source>
        <translation>カッター用のカット線（切る順）</translation>
    </message>
    <message>
        <source>the cut lines as G-code, in cutting order</source>
        <translation>G-code のカット線（切る順）</translation>
    </message>
    <message>
        <source>a machine&apos;s profile, whose ways --hpgl and --gcode take</source>
        <translation>--hpgl と --gcode が従うカッターのプロファイル</translation>
    </message>
    <message>
        <source>what is cut, by its name: decides passes, overcut and blade</source>
        <translation>切る材料の名前：パス数、オーバーカット、刃が決まる</translation>
    </message>
    <message>
        <source>mm that closed lines are cut past their start</source>
        <translation>閉じた線を始点より先まで切る長さ（mm）</translation>
    </message>
    <message>
        <source>name of a cut line&apos;s ink in the PDF: kiss=NAME, score=NAME or through=NAME</source>
        <translation>PDF でのカット線のインク名：kiss=名前、score=名前、through=名前</translation>
    </message>
    <message>
        <source>print and cut the sheet as in a mirror, for transfer paper and film</source>
        <translation>転写紙や転写フィルム用に、鏡像で印刷しカットする</translation>
    </message>
    <message>
        <source>cut what lies on the photographed board already, where it lies; nothing is printed</source>
        <translation>撮影したボードの上にあるものを、その場所で切る。何も印刷しない</translation>
    </message>
    <message>
        <source>a sticker for each piece of a picture; what is nearer than this many mm is one piece</source>
        <translation>絵のひとかたまりごとにシールひとつ。この mm より近いものはひとかたまり</translation>
    </message>
    <message>
        <source>write --pdf and --png as outlines and rulers, for a test on plain paper</source>
        <translation>普通紙での試し用に、--pdf と --png を輪郭と目盛りで書く</translation>
    </message>
    <message>
        <source>the sheet as the practice printer prints it</source>
        <translation>練習用プリンターで印刷した用紙</translation>
    </message>
    <message>
        <source>dots per inch of the PNG</source>
        <translation>PNG の 1 インチあたりの点数</translation>
    </message>
    <message>
        <source>lay what is added on each other and make it one: outer (one cut round all of it), take-out, overlap-only, exclude or visible</source>
        <translation>加えたものを重ねてひとつにする：outer（全体のまわりを一度切る）、take-out、overlap-only、exclude、visible</translation>
    </message>
    <message>
        <source>list the parts of a layered drawing</source>
        <translation>レイヤーのある図面の部品を一覧にする</translation>
    </message>
    <message>
        <source>an SVG, DXF or PDF file</source>
        <translation>SVG、DXF、PDF のいずれか</translation>
    </message>
    <message>
        <source>the page of a PDF</source>
        <translation>PDF のページ</translation>
    </message>
    <message>
        <source>print, load, find and cut with the practice devices</source>
        <translation>練習用の機器で印刷し、入れ、見つけ、カットする</translation>
    </message>
    <message>
        <source>rehearse what was printed under this code</source>
        <translation>この番号で印刷したものを予行する</translation>
    </message>
    <message>
        <source>X,Y in mm that the sheet lies off in the cutter</source>
        <translation>カッターの中での用紙のずれ X,Y（mm）</translation>
    </message>
    <message>
        <source>degrees that it lies turned, clockwise</source>
        <translation>用紙の傾き（度、時計回り）</translation>
    </message>
    <message>
        <source>percent that the print is stretched, or X,Y</source>
        <translation>印刷の伸び（%）、または X,Y</translation>
    </message>
    <message>
        <source>the sheet lies the wrong way round</source>
        <translation>用紙が逆さま</translation>
    </message>
    <message>
        <source>mm by which ink grows</source>
        <translation>インクのにじみ（mm）</translation>
    </message>
    <message>
        <source>of the sensor, in grey values</source>
        <translation>センサーの雑音（グレーの値）</translation>
    </message>
    <message>
        <source>marks that are smudged, by number from 1</source>
        <translation>汚れたトンボの番号（1 から）</translation>
    </message>
    <message>
        <source>marks that are not there, by number from 1</source>
        <translation>欠けたトンボの番号（1 から）</translation>
    </message>
    <message>
        <source>how the print is found: sensor, hand or edge</source>
        <translation>印刷の見つけ方：sensor、hand、edge（紙の縁）</translation>
    </message>
    <message>
        <source>mm that the blade in the machine really trails; as the material says when not given</source>
        <translation>刃が実際に遅れる距離（mm）。なければ材料のとおり</translation>
    </message>
    <message>
        <source>mm of play in the machine&apos;s axes</source>
        <translation>カッターの軸のがた（mm）</translation>
    </message>
    <message>
        <source>also try so many sheets with slips as machines make them</source>
        <translation>機械によくあるずれをつけた用紙を、この枚数だけ試す</translation>
    </message>
    <message>
        <source>of noise and slips</source>
        <translation>雑音とずれの種</translation>
    </message>
    <message>
        <source>the sheet as it comes out</source>
        <translation>出てくる用紙</translation>
    </message>
    <message>
        <source>cut a printed sheet on a machine</source>
        <translation>印刷した用紙をカッターで切る</translation>
    </message>
    <message>
        <source>what was printed under this code; the newest when not given</source>
        <translation>この番号で印刷したもの。なければいちばん新しいもの</translation>
    </message>
    <message>
        <source>the machine&apos;s profile</source>
        <translation>カッターのプロファイル</translation>
    </message>
    <message>
        <source>X,Y of each mark in machine mm, as they were pointed at, in the order of the ticket&apos;s marks; none for one that cannot be seen. Without it the sheet is found by the paper&apos;s edge</source>
        <translation>指し示したトンボそれぞれの X,Y（カッターの mm）、票のトンボの順に。見えないものは none。なければ紙の縁で見つける</translation>
    </message>
    <message>
        <source>X,Y in mm by which the cut is moved, right and towards you</source>
        <translation>カットをずらす X,Y（mm、右と手前）</translation>
    </message>
    <message>
        <source>of the ticket, from 1</source>
        <translation>票のページ（1 から）</translation>
    </message>
    <message>
        <source>write what the machine would be sent to a file, in place of sending it</source>
        <translation>カッターに送る代わりに、送るものをファイルに書く</translation>
    </message>
    <message>
        <source>write the photo board, by which photographs are laid flat</source>
        <translation>写真を平らにするための撮影ボードを書く</translation>
    </message>
    <message>
        <source>a4, letter, a3, 12x12in or WxH in mm</source>
        <translation>a4、letter、a3、12x12in、または 幅x高さ（mm）</translation>
    </message>
    <message>
        <source>to print at actual size</source>
        <translation>実寸で印刷するもの</translation>
    </message>
    <message>
        <source>the same in mm</source>
        <translation>同じもの（mm）</translation>
    </message>
    <message>
        <source>to be drawn by a cutter&apos;s pen</source>
        <translation>カッターのペンで描くもの</translation>
    </message>
    <message>
        <source>tell where a printed sheet lies on the photo board, by a photograph</source>
        <translation>印刷した用紙が撮影ボードのどこにあるかを、写真から答える</translation>
    </message>
    <message>
        <source>the photograph of the sheet on the board</source>
        <translation>ボードの上の用紙の写真</translation>
    </message>
    <message>
        <source>the board&apos;s paper: a4, letter, a3, 12x12in or WxH in mm; found out when not given</source>
        <translation>ボードの用紙：a4、letter、a3、12x12in、または 幅x高さ（mm）。なければ調べる</translation>
    </message>
    <message>
        <source>run the preflight on a project</source>
        <translation>プロジェクトを検査する</translation>
    </message>
    <message>
        <source>Fusuma without a window: the same tracing, layout and output, for scripts and batches</source>
        <translation>ウィンドウのない Fusuma：同じトレース、配置、出力をスクリプトや一括処理で</translation>
    </message>
    <message>
        <source>0 done, 1 done but preflight found something to fix, 2 bad input or usage.</source>
        <translation>0 完了、1 完了したが検査で直すところが見つかった、2 入力または使い方の誤り。</translation>
    </message>
    <message>
        <source>seconds of work that reading a file may take, for those that need more</source>
        <translation>ファイルを読むのにかけてよい作業の秒数（長くかかるものに）</translation>
    </message>
    <message>
        <source>what tells art from background: auto, alpha, brightness, subject, colour, colour=#RRGGBB[,#RRGGBB…] to take colours away, or keep=#RRGGBB[,…] to keep nothing else</source>
        <translation>絵柄と背景を分けるもの：auto、alpha、brightness、subject、colour。色を除くなら colour=#RRGGBB[,#RRGGBB…]、その色だけ残すなら keep=#RRGGBB[,…]</translation>
    </message>
    <message>
        <source>with colour: difference up to which a pixel counts as background</source>
        <translation>colour のとき：背景とみなす色の差の上限</translation>
    </message>
    <message>
        <source>with colour: take it away where the art encloses it, too</source>
        <translation>colour のとき：絵柄に囲まれたところも除く</translation>
    </message>
    <message>
        <source>take the even patch of colour at X,Y (pixels) away; may be repeated</source>
        <translation>X,Y（ピクセル）の一様な色のところを除く。繰り返し可</translation>
    </message>
    <message>
        <source>whatever the art encloses counts as art</source>
        <translation>絵柄に囲まれたところは絵柄とみなす</translation>
    </message>
    <message>
        <source>a brush stroke as add|erase,SIZE,X,Y[,X,Y…] in pixels; may be repeated</source>
        <translation>ブラシの線（add|erase,太さ,X,Y[,X,Y…]、ピクセル）。繰り返し可</translation>
    </message>
    <message>
        <source>only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>絵のこの部分だけで探す（X,Y,幅,高さ、ピクセル）</translation>
    </message>
    <message>
        <source>use only this part of the picture, as X,Y,W,H in pixels</source>
        <translation>絵のこの部分だけ使う（X,Y,幅,高さ、ピクセル）</translation>
    </message>
    <message>
        <source>exchange left and right</source>
        <translation>左右を入れ替える</translation>
    </message>
    <message>
        <source>turn the artwork clockwise, in degrees</source>
        <translation>絵柄を時計回りに回す（度）</translation>
    </message>
    <message>
        <source>dots per inch at which a PDF&apos;s page is drawn</source>
        <translation>PDF のページを描く 1 インチあたりの点数</translation>
    </message>
    <message>
        <source>coverage above which a pixel counts as art, or with brightness the grey below which it does, 0-255</source>
        <translation>絵柄とみなす濃さの下限。brightness ならグレーの上限。0-255</translation>
    </message>
    <message>
        <source>farthest that the curve may stray, in pixels</source>
        <translation>曲線が外れてよい最大の距離（ピクセル）</translation>
    </message>
    <message>
        <source>length over which wobbles of the edge are evened out, in pixels</source>
        <translation>縁の揺れをならす長さ（ピクセル）</translation>
    </message>
    <message>
        <source>drop contours smaller than this many mm²</source>
        <translation>この mm² より小さい輪郭を除く</translation>
    </message>
    <message>
        <source>close holes smaller than this many mm² (as --ignore-specks)</source>
        <translation>この mm² より小さい穴を閉じる（--ignore-specks と同じ）</translation>
    </message>
    <message>
        <source>leave all holes out</source>
        <translation>穴をすべて除く</translation>
    </message>
    <message>
        <source>close breaks in lines up to this many mm</source>
        <translation>この mm までの線の切れ目を閉じる</translation>
    </message>
    <message>
        <source>width of the artwork in mm</source>
        <translation>絵柄の幅（mm）</translation>
    </message>
    <message>
        <source>kiss or through</source>
        <translation>kiss または through</translation>
    </message>
    <message>
        <source>Fusuma: print-then-cut sticker sheets from pictures</source>
        <translation>Fusuma：絵から作るシール用紙、印刷してからカット</translation>
    </message>
    <message>
        <source>projects to open, and pictures and drawings to add</source>
        <translation>開くプロジェクトと、加える絵や図面</translation>
    </message>
    <message>
        <source>begin with a new label</source>
        <translation>新しいラベルから始める</translation>
    </message>
    <message>
        <source>open the example that comes with the program, unless FILEs are given</source>
        <translation>ファイルの指定がなければ、付属の見本を開く</translation>
    </message>
    <message>
        <source>the language that {date} is written in: en, de, fr, ja, …</source>
        <translation>{date} を書く言語: en、de、fr、ja など</translation>
    </message>
    <message>
        <source>what the list is written in, such as Windows-1250 or Shift_JIS; found out when not given</source>
        <translation>一覧の文字コード（Windows-1250、Shift_JIS など）。指定がなければ自動で判別</translation>
    </message>
</context>
<context>
    <name>printing</name>
    <message>
        <source>Printing</source>
        <translation>印刷</translation>
    </message>
</context>
<context>
    <name>said</name>
    <message>
        <source>--source {source}: give auto, alpha, brightness, subject, colour, colour=#RRGGBB or keep=#RRGGBB.</source>
        <translation>--source {source}：auto、alpha、brightness、subject、colour、colour=#RRGGBB、keep=#RRGGBB を指定してください。</translation>
    </message>
    <message>
        <source>--source {source}: give colours as {kind}=#RRGGBB,#RRGGBB.</source>
        <translation>--source {source}：色を {kind}=#RRGGBB,#RRGGBB で指定してください。</translation>
    </message>
    <message>
        <source>--pocket {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--pocket {words}：X,Y を画素で、100,80 のように指定してください。</translation>
    </message>
    <message>
        <source>Found by the paper&apos;s edge: nothing checks where the print lies.</source>
        <translation>紙の縁で見つけました。印刷の位置は確かめられません。</translation>
    </message>
    <message>
        <source>at its left edge</source>
        <translation>の左の縁から</translation>
    </message>
    <message>
        <source>at its right edge</source>
        <translation>の右の縁から</translation>
    </message>
    <message>
        <source>at its far edge</source>
        <translation>の奥の縁から</translation>
    </message>
    <message>
        <source>at its near edge</source>
        <translation>の手前の縁から</translation>
    </message>
    <message>
        <source>“{sticker}” would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>「{sticker}」が機械のベッド{edge} {mm} mm はみ出します</translation>
    </message>
    <message>
        <source>A line that divides the sheet would leave the machine&apos;s bed by {mm} mm {edge}</source>
        <translation>用紙を分ける線が機械のベッド{edge} {mm} mm はみ出します</translation>
    </message>
    <message>
        <source>No photo board was found in the picture.</source>
        <translation>画像に撮影ボードが見つかりません。</translation>
    </message>
    <message>
        <source>The picture is too small for one.</source>
        <translation>画像が小さすぎます。</translation>
    </message>
    <message>
        <source>The picture has more than 32,000 pixels along a side.</source>
        <translation>画像の一辺が 32,000 画素を超えています。</translation>
    </message>
    <message>
        <source>Save it smaller first.</source>
        <translation>先に小さくしてください。</translation>
    </message>
    <message>
        <source>The picture is mirrored: its board&apos;s marks run the wrong way round.</source>
        <translation>画像が反転しています：ボードのトンボが逆回りです。</translation>
    </message>
    <message>
        <source>Turn the camera&apos;s mirroring off, or mirror the picture back.</source>
        <translation>カメラの反転を切るか、画像を反転して戻してください。</translation>
    </message>
    <message>
        <source>Only a part of the photo board is in sight.</source>
        <translation>撮影ボードの一部しか写っていません。</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it and none covered.</source>
        <translation>トンボが全部写り、隠れないように撮ってください。</translation>
    </message>
    <message>
        <source>Lay the art on a printed board and take the whole board into the picture, sharp and large.</source>
        <translation>印刷したボードに絵柄を置き、ボード全体を大きく鮮明に撮ってください。</translation>
    </message>
    <message>
        <source>Too few of the board&apos;s marks are in sight.</source>
        <translation>写っているトンボが少なすぎます。</translation>
    </message>
    <message>
        <source>Take the picture with all its marks in it.</source>
        <translation>トンボが全部写るように撮ってください。</translation>
    </message>
    <message>
        <source>The photo board&apos;s marks could not be placed.</source>
        <translation>撮影ボードのトンボの位置を決められません。</translation>
    </message>
    <message>
        <source>Take the picture again, sharp and in even light.</source>
        <translation>均一な光で鮮明に撮り直してください。</translation>
    </message>
    <message>
        <source>Only {seen} of {all} of the board&apos;s marks are in sight.</source>
        <translation>ボードのトンボ {all} 個のうち {seen} 個しか写っていません。</translation>
    </message>
    <message>
        <source>The picture is too small: {mm} mm of the board to a pixel.</source>
        <translation>画像が小さすぎます：1 画素がボードの {mm} mm です。</translation>
    </message>
    <message>
        <source>Go nearer, so that the board fills the picture.</source>
        <translation>ボードが画面いっぱいになるよう近づいてください。</translation>
    </message>
    <message>
        <source>The picture is blurred: an edge is {mm} mm wide.</source>
        <translation>画像がぼけています：縁の幅 {mm} mm。</translation>
    </message>
    <message>
        <source>Hold the camera still, in more light, and let it focus on the board.</source>
        <translation>明るい所でカメラを動かさず、ボードに焦点を合わせてください。</translation>
    </message>
    <message>
        <source>The board&apos;s marks are {mm} mm off where they should be.</source>
        <translation>ボードのトンボが {mm} mm ずれています。</translation>
    </message>
    <message>
        <source>Lay the board flat and see that it was printed at actual size.</source>
        <translation>ボードを平らに置き、実寸で印刷したか確かめてください。</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to be found by.</source>
        <translation>この用紙には探すためのトンボが 3 個ありません。</translation>
    </message>
    <message>
        <source>Print it with marks.</source>
        <translation>トンボ付きで印刷してください。</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the sheet are hardly seen.</source>
        <translation>画像が小さすぎます：用紙のトンボがほとんど見えません。</translation>
    </message>
    <message>
        <source>The picture is too small: the marks on the page are hardly seen.</source>
        <translation>画像が小さすぎます：ページのトンボがほとんど見えません。</translation>
    </message>
    <message>
        <source>Go nearer, so that the page fills the picture.</source>
        <translation>ページが画面いっぱいになるよう近づいてください。</translation>
    </message>
    <message>
        <source>The picture is too small.</source>
        <translation>画像が小さすぎます。</translation>
    </message>
    <message>
        <source>Its edges are not straight: it does not lie flat.</source>
        <translation>縁がまっすぐではありません。平らに置かれていません。</translation>
    </message>
    <message>
        <source>Press it flat and take the picture again.</source>
        <translation>平らに押さえて撮り直してください。</translation>
    </message>
    <message>
        <source>No sheet of such paper was found in the picture.</source>
        <translation>画像にその紙が見つかりません。</translation>
    </message>
    <message>
        <source>Take all four of its edges into the picture, on a darker ground, or drag the corners.</source>
        <translation>四辺すべてを暗い地の上に写すか、角をドラッグしてください。</translation>
    </message>
    <message>
        <source>No card was found in the picture.</source>
        <translation>画像にカードが見つかりません。</translation>
    </message>
    <message>
        <source>Lay a light bank card beside the art, on a darker ground, all of it in the picture.</source>
        <translation>絵柄の横に明るい色のカードを、暗い地の上に、全体が写るように置いてください。</translation>
    </message>
    <message>
        <source>These four corners do not make the outline of a flat thing.</source>
        <translation>この四隅は平らなものの輪郭になりません。</translation>
    </message>
    <message>
        <source>Give them clockwise from the top left, none inside the others.</source>
        <translation>左上から時計回りに、ほかの内側に入らないよう指定してください。</translation>
    </message>
    <message>
        <source>What the corners span must be 0.5 to 5000 mm long each way.</source>
        <translation>角の間は各辺 0.5 から 5000 mm にしてください。</translation>
    </message>
    <message>
        <source>The paper is another.</source>
        <translation>紙が違います。</translation>
    </message>
    <message>
        <source>The sheet is mirrored now.</source>
        <translation>用紙を反転しました。</translation>
    </message>
    <message>
        <source>The sheet is no longer mirrored.</source>
        <translation>用紙の反転をやめました。</translation>
    </message>
    <message>
        <source>The marks lie elsewhere.</source>
        <translation>トンボの位置が違います。</translation>
    </message>
    <message>
        <source>What lies on the board is cut now.</source>
        <translation>ボードの上のものをカットするようになりました。</translation>
    </message>
    <message>
        <source>The sheet is printed now.</source>
        <translation>用紙を印刷するようになりました。</translation>
    </message>
    <message>
        <source>The page is divided differently.</source>
        <translation>ページの分け方が違います。</translation>
    </message>
    <message>
        <source>There are other pages.</source>
        <translation>ページが違います。</translation>
    </message>
    <message>
        <source>“{sticker}” was changed.</source>
        <translation>「{sticker}」を変更しました。</translation>
    </message>
    <message numerus="yes">
        <source>%n copies were added.</source>
        <translation>
            <numerusform>%n 枚を追加しました。</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were taken away.</source>
        <translation>
            <numerusform>%n 枚を取り去りました。</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were moved.</source>
        <translation>
            <numerusform>%n 枚を移動しました。</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n marks reach {length} into the margins, so the printer will clip them</source>
        <translation>
            <numerusform>トンボ %n 個が余白に {length} 入るため、プリンターで欠けます</numerusform>
        </translation>
    </message>
    <message>
        <source>Move the marks in</source>
        <translation>トンボを内側へ</translation>
    </message>
    <message>
        <source>{sticker}: its cut lines cross, which tears the corners between</source>
        <translation>{sticker}：カット線が交わり、間の角が裂けます</translation>
    </message>
    <message>
        <source>Leave out the drawn lines</source>
        <translation>描いた線を省く</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines lie on each other for {length}</source>
        <translation>{sticker} と {other}：カット線が {length} 重なっています</translation>
    </message>
    <message>
        <source>Remove one</source>
        <translation>片方を取り除く</translation>
    </message>
    <message>
        <source>The sheet is empty</source>
        <translation>用紙が空です</translation>
    </message>
    <message>
        <source>Page {page} is empty</source>
        <translation>ページ {page} は空です</translation>
    </message>
    <message>
        <source>Remove the page</source>
        <translation>ページを削除</translation>
    </message>
    <message>
        <source>{sticker}: reaches {length} into a mark&apos;s keep-clear area</source>
        <translation>{sticker}：トンボの空白に {length} 入っています</translation>
    </message>
    <message>
        <source>Move it away</source>
        <translation>離す</translation>
    </message>
    <message>
        <source>does not fit, even as small as it may get</source>
        <translation>いちばん小さくしても入りません</translation>
    </message>
    <message>
        <source>asks for {field}, which the list has not</source>
        <translation>リストにない {field} を使っています</translation>
    </message>
    <message>
        <source>asks for the picture “{picture}”, which is not here</source>
        <translation>ここにない画像「{picture}」を使っています</translation>
    </message>
    <message>
        <source>{sticker}: row {row}, “{words}”, {trouble}</source>
        <translation>{sticker}：{row} 行目「{words}」：{trouble}</translation>
    </message>
    <message>
        <source>{sticker}: the text {trouble}</source>
        <translation>{sticker}：文字：{trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{finding} (and %n more rows)</source>
        <translation>
            <numerusform>{finding}（ほか %n 行）</numerusform>
        </translation>
    </message>
    <message>
        <source>Let it shrink to 4 pt</source>
        <translation>4 pt まで縮めてよい</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n changes made by hand no longer fit its cut line</source>
        <translation>
            <numerusform>{sticker}：手作業の変更 %n 件がカット線に合わなくなりました</numerusform>
        </translation>
    </message>
    <message>
        <source>Drop what does not fit</source>
        <translation>合わないものを捨てる</translation>
    </message>
    <message>
        <source>{sticker}: a picture in it is printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker}：中の画像が {dpi} dpi、必要 {wanted}</translation>
    </message>
    <message>
        <source>{sticker}: printed at {dpi} dpi, {wanted} wanted</source>
        <translation>{sticker}：{dpi} dpi で印刷、必要 {wanted}</translation>
    </message>
    <message>
        <source>Make it {length} wide</source>
        <translation>幅を {length} に</translation>
    </message>
    <message>
        <source>{sticker}: its cut line has {nodes} nodes, {density} on every millimetre</source>
        <translation>{sticker}：カット線のノードが {nodes} 個、1 mm あたり {density} 個</translation>
    </message>
    <message>
        <source>Smooth its edge</source>
        <translation>縁を滑らかに</translation>
    </message>
    <message>
        <source>The sheet is printed and cut as in a mirror: right for transfer paper and film that is seen from behind, wrong for stickers</source>
        <translation>鏡のように印刷してカットします：転写紙や裏から見るフィルムには正しく、シールには誤りです</translation>
    </message>
    <message>
        <source>Print it as it is seen</source>
        <translation>見たとおりに印刷</translation>
    </message>
    <message>
        <source>{sticker}: detail {length} inside the cut line, where a slip shows</source>
        <translation>{sticker}：カット線の {length} 内側に細部があり、ずれが目立ちます</translation>
    </message>
    <message>
        <source>Give it a border</source>
        <translation>縁取りを付ける</translation>
    </message>
    <message>
        <source>{sticker}: its border is printed up to the cut without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker}：縁取りが塗り足しなしでカットまで印刷され、わずかなずれで紙が見えます</translation>
    </message>
    <message>
        <source>{sticker}: cut along its own art without a bleed, so the smallest slip shows paper</source>
        <translation>{sticker}：塗り足しなしで絵柄の縁をカットするため、わずかなずれで紙が見えます</translation>
    </message>
    <message>
        <source>Add a bleed of {length}</source>
        <translation>{length} の塗り足しを付ける</translation>
    </message>
    <message>
        <source>{sticker}: does not lie on the photographed board, so it is not cut</source>
        <translation>{sticker}：撮影したボードの上にないため、カットしません</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines do not close</source>
        <translation>
            <numerusform>{sticker}：閉じていないカット線が %n 本</numerusform>
        </translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>Close them</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>The sheet is {paper}, but the printer is set to {other}</source>
        <translation>用紙は {paper} ですが、プリンターは {other} の設定です</translation>
    </message>
    <message>
        <source>Make the sheet {paper}</source>
        <translation>用紙を {paper} に</translation>
    </message>
    <message>
        <source>{sticker}: {length} of its bleed lie where the printer cannot print</source>
        <translation>{sticker}：塗り足しの {length} が印刷できない所にあります</translation>
    </message>
    <message>
        <source>Move it in</source>
        <translation>中に入れる</translation>
    </message>
    <message>
        <source>{sticker}: larger than the cut zone, which takes {width} × {height}</source>
        <translation>{sticker}：カット範囲（{width} × {height}）より大きい</translation>
    </message>
    <message>
        <source>Make it fit</source>
        <translation>収める</translation>
    </message>
    <message>
        <source>{sticker}: {length} outside the cut zone</source>
        <translation>{sticker}：カット範囲から {length} 外</translation>
    </message>
    <message>
        <source>The sheet has changed; look again.</source>
        <translation>用紙が変わりました。見直してください。</translation>
    </message>
    <message>
        <source>{finding} — it is locked; unlock it first.</source>
        <translation>{finding} — ロックされています。先に解除してください。</translation>
    </message>
    <message>
        <source>{finding} — no free place is large enough.</source>
        <translation>{finding} — 十分な空きがありません。</translation>
    </message>
    <message>
        <source>The printer is set to {share} %, so nothing will have its size and the cut will miss its print</source>
        <translation>プリンターが {share} % の設定のため、寸法が狂い、カットが印刷に合いません</translation>
    </message>
    <message>
        <source>The printer is set to print borderless, which enlarges the page</source>
        <translation>プリンターがフチなしの設定で、ページが拡大されます</translation>
    </message>
    <message>
        <source>Print at true size</source>
        <translation>実寸で印刷</translation>
    </message>
    <message>
        <source>a mark</source>
        <translation>トンボ</translation>
    </message>
    <message>
        <source>{sticker}: {left} of bleed remain beside {other}, {asked} wanted</source>
        <translation>{sticker}：{other} の横の塗り足しが {left}、必要 {asked}</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines are too small for the blade to turn</source>
        <translation>
            <numerusform>{sticker}：小さすぎて刃が回れないカット線が %n 本</numerusform>
        </translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>省く</translation>
    </message>
    <message>
        <source>Leave them out</source>
        <translation>省く</translation>
    </message>
    <message>
        <source>{sticker} and {other}: their cut lines overlap</source>
        <translation>{sticker} と {other}：カット線が交わっています</translation>
    </message>
    <message>
        <source>{sticker} and {other}: {length} apart, {gap} wanted</source>
        <translation>{sticker} と {other}：間隔 {length}、必要 {gap}</translation>
    </message>
    <message>
        <source>Move one away</source>
        <translation>片方を離す</translation>
    </message>
    <message>
        <source>{sticker}: is cut but prints nothing</source>
        <translation>{sticker}：カットしますが、何も印刷しません</translation>
    </message>
    <message>
        <source>{sticker}: prints but has no line to cut</source>
        <translation>{sticker}：印刷しますが、カットする線がありません</translation>
    </message>
    <message>
        <source>{sticker}: nothing of it prints or is cut</source>
        <translation>{sticker}：印刷もカットもされません</translation>
    </message>
    <message>
        <source>Take it off the sheet</source>
        <translation>用紙から外す</translation>
    </message>
    <message>
        <source>Clear around the art already, so its edge is known.</source>
        <translation>周りがすでに透明なので、縁が分かります。</translation>
    </message>
    <message>
        <source>Many colours along its edge, so what stands out from them is taken.</source>
        <translation>縁に多くの色があるため、目立つものを取ります。</translation>
    </message>
    <message>
        <source>No transparency and no single colour along its edge, so the whole picture counts.</source>
        <translation>透明部分も縁の単色もないため、画像全体を使います。</translation>
    </message>
    <message>
        <source>All of it is {colour}, so the whole picture counts.</source>
        <translation>全体が {colour} なので、画像全体を使います。</translation>
    </message>
    <message>
        <source>Dark on light paper, so brightness tells them apart.</source>
        <translation>明るい紙に暗い絵柄なので、明るさで見分けます。</translation>
    </message>
    <message>
        <source>Its edge is nearly all {colour}, so that colour is taken away.</source>
        <translation>縁がほぼ {colour} なので、その色を取り除きます。</translation>
    </message>
    <message numerus="yes">
        <source>%n marks were not found: {marks}. Smudged or covered?</source>
        <translation>
            <numerusform>トンボ %n 個が見つかりません：{marks}。汚れか、隠れていませんか？</numerusform>
        </translation>
    </message>
    <message>
        <source>at the top left</source>
        <translation>左上</translation>
    </message>
    <message>
        <source>at the top middle</source>
        <translation>上中央</translation>
    </message>
    <message>
        <source>at the top right</source>
        <translation>右上</translation>
    </message>
    <message>
        <source>at the middle left</source>
        <translation>左中央</translation>
    </message>
    <message>
        <source>at the middle</source>
        <translation>中央</translation>
    </message>
    <message>
        <source>at the middle right</source>
        <translation>右中央</translation>
    </message>
    <message>
        <source>at the bottom left</source>
        <translation>左下</translation>
    </message>
    <message>
        <source>at the bottom middle</source>
        <translation>下中央</translation>
    </message>
    <message>
        <source>at the bottom right</source>
        <translation>右下</translation>
    </message>
    <message>
        <source>the inner dot {place}</source>
        <translation>{place}の内側の点</translation>
    </message>
    <message>
        <source>the dot {place}</source>
        <translation>{place}の点</translation>
    </message>
    <message>
        <source>the inner cross {place}</source>
        <translation>{place}の内側の十字</translation>
    </message>
    <message>
        <source>the cross {place}</source>
        <translation>{place}の十字</translation>
    </message>
    <message>
        <source>the inner ring {place}</source>
        <translation>{place}の内側の輪</translation>
    </message>
    <message>
        <source>the ring {place}</source>
        <translation>{place}の輪</translation>
    </message>
    <message>
        <source>The print is stretched by more than {share} %: was it printed at actual size?</source>
        <translation>印刷が {share} % を超えて伸びています：実寸で印刷しましたか？</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks, so a sensor cannot find it.</source>
        <translation>この用紙にはトンボが 3 個ないため、センサーで見つけられません。</translation>
    </message>
    <message>
        <source>No mark was found. Is the sheet loaded, printed side up?</source>
        <translation>トンボが見つかりません。用紙は印刷面を上にして入っていますか？</translation>
    </message>
    <message numerus="yes">
        <source>Only %n spots like marks were found, and they do not lie as the marks do. Is this the sheet that was printed?</source>
        <translation>
            <numerusform>トンボらしいものが %n 個しか見つからず、並びも違います。印刷した用紙ですか？</numerusform>
        </translation>
    </message>
    <message>
        <source>The marks fit as well the other way up. Say which way the sheet lies, or find it by hand.</source>
        <translation>上下逆でもトンボが合います。向きを指定するか、手で見つけてください。</translation>
    </message>
    <message>
        <source>A mark lies {mm} mm from where the others say it should: {mark}. Smudged?</source>
        <translation>トンボがほかの示す位置から {mm} mm 離れています：{mark}。汚れていませんか？</translation>
    </message>
    <message>
        <source>The marks are left {mm} mm off, more than {most} mm: is the sheet flat, and is it the one that was printed?</source>
        <translation>トンボが {most} mm を超えて {mm} mm ずれています：用紙は平らで、印刷したものですか？</translation>
    </message>
    <message>
        <source>Only three marks were used, so nothing checks the result.</source>
        <translation>トンボ 3 個だけなので、結果を確かめられません。</translation>
    </message>
    <message>
        <source>Point at three marks or more that are not on one line.</source>
        <translation>一直線でない 3 個以上のトンボを指してください。</translation>
    </message>
    <message>
        <source>The places differ by {mm} mm.</source>
        <translation>場所が {mm} mm 食い違います。</translation>
    </message>
    <message>
        <source>The others agree: look again at {mark}.</source>
        <translation>ほかは一致しています：{mark} をもう一度見てください。</translation>
    </message>
    <message>
        <source>Which one is off cannot be told: look at each again, or at a fifth.</source>
        <translation>どれがずれているか分かりません。全部か、5 個目を見てください。</translation>
    </message>
    <message>
        <source>Three marks leave little to check by: look at the first cut.</source>
        <translation>トンボ 3 個では確かめにくいので、最初のカットを見てください。</translation>
    </message>
    <message>
        <source>{paper}, upright</source>
        <translation>{paper}、縦</translation>
    </message>
    <message>
        <source>{paper}, sideways</source>
        <translation>{paper}、横</translation>
    </message>
    <message>
        <source>{width} × {height} mm</source>
        <translation>{width} × {height} mm</translation>
    </message>
    <message>
        <source>{paper} is smaller than its marks need.</source>
        <translation>{paper} はトンボに必要な大きさより小さいです。</translation>
    </message>
    <message>
        <source>Take larger paper or other marks.</source>
        <translation>大きな紙か、別のトンボにしてください。</translation>
    </message>
    <message>
        <source>The margins leave nothing of {paper} to cut on.</source>
        <translation>余白のため {paper} にカットできる所がありません。</translation>
    </message>
    <message>
        <source>Check the printer&apos;s and the cutter&apos;s margins and where the paper lies on the mat.</source>
        <translation>プリンターとカッターの余白、マット上の紙の位置を確認してください。</translation>
    </message>
    <message>
        <source>Marks and margins leave nothing of the cut zone on {paper}.</source>
        <translation>トンボと余白で、{paper} のカット範囲がなくなります。</translation>
    </message>
    <message>
        <source>Take larger paper, smaller keep-clear areas, or no marks.</source>
        <translation>大きな紙、狭い空白、またはトンボなしにしてください。</translation>
    </message>
    <message>
        <source>The small sheets leave no room for a sticker.</source>
        <translation>小さなシートにシールの場所がありません。</translation>
    </message>
    <message>
        <source>Take fewer of them or a smaller gutter.</source>
        <translation>枚数を減らすか、間を狭くしてください。</translation>
    </message>
    <message>
        <source>Light falls on it unevenly, so it was evened.</source>
        <translation>光にむらがあるため、補正しました。</translation>
    </message>
    <message>
        <source>Soft shadows on its ground are left out.</source>
        <translation>地のやわらかな影を省きました。</translation>
    </message>
    <message>
        <source>“{file}” does not exist.</source>
        <translation>「{file}」はありません。</translation>
    </message>
    <message>
        <source>“{file}” is a folder, not a file.</source>
        <translation>「{file}」はファイルでなくフォルダーです。</translation>
    </message>
    <message>
        <source>“{file}” cannot be read.</source>
        <translation>「{file}」を読めません。</translation>
    </message>
    <message>
        <source>Check the file&apos;s permissions.</source>
        <translation>ファイルの権限を確認してください。</translation>
    </message>
    <message>
        <source>“{file}” is larger than {most} MB, too large to open.</source>
        <translation>「{file}」は {most} MB を超え、大きすぎて開けません。</translation>
    </message>
    <message>
        <source>“{file}” cannot be read: {why}.</source>
        <translation>「{file}」を読めません：{why}。</translation>
    </message>
    <message>
        <source>“{file}” cannot be written: {why}.</source>
        <translation>「{file}」に書けません：{why}。</translation>
    </message>
    <message>
        <source>Choose another folder or name.</source>
        <translation>別のフォルダーか名前を選んでください。</translation>
    </message>
    <message>
        <source>“{words}” is not a known choice</source>
        <translation>「{words}」という選択肢はありません</translation>
    </message>
    <message>
        <source>{field} is out of range</source>
        <translation>{field} が範囲外です</translation>
    </message>
    <message>
        <source>a place is out of range</source>
        <translation>位置が範囲外です</translation>
    </message>
    <message>
        <source>a line drawn by hand cannot be read</source>
        <translation>手描きの線を読めません</translation>
    </message>
    <message>
        <source>paper is out of range</source>
        <translation>紙が範囲外です</translation>
    </message>
    <message>
        <source>It holds a path that cannot be read.</source>
        <translation>読めないパスがあります。</translation>
    </message>
    <message>
        <source>It holds too many points.</source>
        <translation>点が多すぎます。</translation>
    </message>
    <message>
        <source>It holds lines that lie off every paper.</source>
        <translation>どの紙からも外れた線があります。</translation>
    </message>
    <message>
        <source>It is not an SVG file that can be read.</source>
        <translation>読める SVG ファイルではありません。</translation>
    </message>
    <message>
        <source>It is not a DXF file that can be read.</source>
        <translation>読める DXF ファイルではありません。</translation>
    </message>
    <message>
        <source>“{file}” holds no lines to cut.</source>
        <translation>「{file}」にカットする線がありません。</translation>
    </message>
    <message>
        <source>This is not HP-GL: an instruction does not end.</source>
        <translation>HP-GL ではありません：命令が終わっていません。</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} carries “{words}”, which is not a number.</source>
        <translation>HP-GL 命令 {name} の「{words}」は数ではありません。</translation>
    </message>
    <message>
        <source>This is not HP-GL: “{words}” is no instruction.</source>
        <translation>HP-GL ではありません：「{words}」という命令はありません。</translation>
    </message>
    <message>
        <source>HP-GL instruction {name} has an odd number of coordinates.</source>
        <translation>HP-GL 命令 {name} の座標が奇数個です。</translation>
    </message>
    <message>
        <source>has no page {page}.</source>
        <translation>に {page} ページはありません。</translation>
    </message>
    <message>
        <source>“{file}” is empty.</source>
        <translation>「{file}」は空です。</translation>
    </message>
    <message>
        <source>is no drawing that Fusuma can read.</source>
        <translation>は Fusuma の読める図形ではありません。</translation>
    </message>
    <message>
        <source>Use SVG, DXF or PDF.</source>
        <translation>SVG、DXF、PDF を使ってください。</translation>
    </message>
    <message>
        <source>“{file}” {trouble}</source>
        <translation>「{file}」{trouble}</translation>
    </message>
    <message>
        <source>“{file}” {note}.</source>
        <translation>「{file}」{note}。</translation>
    </message>
    <message>
        <source>is cut short.</source>
        <translation>は途中で切れています。</translation>
    </message>
    <message>
        <source>Export it again.</source>
        <translation>書き出し直してください。</translation>
    </message>
    <message>
        <source>is damaged, or larger than Fusuma can read.</source>
        <translation>は壊れているか、Fusuma には大きすぎます。</translation>
    </message>
    <message>
        <source>holds no lines that can be cut.</source>
        <translation>にカットできる線がありません。</translation>
    </message>
    <message>
        <source>Lines, arcs, polylines and splines are read.</source>
        <translation>線、円弧、折れ線、スプラインを読みます。</translation>
    </message>
    <message>
        <source>words are too many</source>
        <translation>言葉が多すぎます</translation>
    </message>
    <message>
        <source>the list is too long</source>
        <translation>リストが長すぎます</translation>
    </message>
    <message>
        <source>texts are too many</source>
        <translation>文字が多すぎます</translation>
    </message>
    <message>
        <source>the day is out of range</source>
        <translation>日付が範囲外です</translation>
    </message>
    <message>
        <source>It was made for a newer version of Fusuma.</source>
        <translation>新しい版の Fusuma 用です。</translation>
    </message>
    <message>
        <source>Update Fusuma to use it.</source>
        <translation>使うには Fusuma を更新してください。</translation>
    </message>
    <message>
        <source>Templates hold no pictures.</source>
        <translation>ひな形に画像は入りません。</translation>
    </message>
    <message>
        <source>It is no JSON text.</source>
        <translation>JSON の文字ではありません。</translation>
    </message>
    <message>
        <source>Help, User guide tells how templates are written.</source>
        <translation>ひな形の書き方は、ヘルプの使い方ガイドにあります。</translation>
    </message>
    <message>
        <source>A field of “{template}” is missing or of the wrong kind: {detail}.</source>
        <translation>「{template}」の項目が足りないか、種類が違います：{detail}。</translation>
    </message>
    <message>
        <source>A field of “{template}”: {detail}.</source>
        <translation>「{template}」の項目：{detail}。</translation>
    </message>
    <message>
        <source>It holds no templates.</source>
        <translation>ひな形がありません。</translation>
    </message>
    <message>
        <source>The list is larger than the 20 MB that Fusuma can read.</source>
        <translation>リストが Fusuma の読める 20 MB を超えています。</translation>
    </message>
    <message>
        <source>It is no list of words.</source>
        <translation>文字のリストではありません。</translation>
    </message>
    <message>
        <source>Use CSV, or copy the cells and paste them.</source>
        <translation>CSV にするか、セルをコピーして貼り付けてください。</translation>
    </message>
    <message>
        <source>The list is empty.</source>
        <translation>リストが空です。</translation>
    </message>
    <message>
        <source>The list has more than the 10,000 rows that Fusuma can fill labels from.</source>
        <translation>リストが Fusuma の扱える 10,000 行を超えています。</translation>
    </message>
    <message>
        <source>“{file}” cannot be used.</source>
        <translation>「{file}」は使えません。</translation>
    </message>
    <message>
        <source>the file is not an object in braces</source>
        <translation>ファイルが波括弧のオブジェクトではありません</translation>
    </message>
    <message>
        <source>{field} is not an object in braces</source>
        <translation>{field} が波括弧のオブジェクトではありません</translation>
    </message>
    <message>
        <source>{field} is too long</source>
        <translation>{field} が長すぎます</translation>
    </message>
    <message>
        <source>{field} must be from {least} to {most}</source>
        <translation>{field} は {least} から {most} です</translation>
    </message>
    <message>
        <source>{field} must be one of {choices}</source>
        <translation>{field} は {choices} のいずれかです</translation>
    </message>
    <message>
        <source>{field} is not known</source>
        <translation>{field} は知られていません</translation>
    </message>
    <message>
        <source>x_runs and y_runs must be at right angles</source>
        <translation>x_runs と y_runs は直角にしてください</translation>
    </message>
    <message>
        <source>hpgl.most_numbers must be even, since places are pairs</source>
        <translation>hpgl.most_numbers は座標の組なので偶数です</translation>
    </message>
    <message>
        <source>hpgl.most_bytes must be 0 or at least 40</source>
        <translation>hpgl.most_bytes は 0 または 40 以上です</translation>
    </message>
    <message>
        <source>park lies off the bed</source>
        <translation>park がベッドの外です</translation>
    </message>
    <message>
        <source>This is not a machine&apos;s profile: it is not JSON.</source>
        <translation>機械のプロファイルではありません：JSON ではありません。</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {field} is not what it should be.</source>
        <translation>この機械のプロファイルは使えません：{field} が正しくありません。</translation>
    </message>
    <message>
        <source>Help, User guide tells what each field takes.</source>
        <translation>各項目の値は、ヘルプの使い方ガイドにあります。</translation>
    </message>
    <message>
        <source>This machine&apos;s profile cannot be used: {trouble}.</source>
        <translation>この機械のプロファイルは使えません：{trouble}。</translation>
    </message>
    <message>
        <source>a margin is out of range</source>
        <translation>余白が範囲外です</translation>
    </message>
    <message>
        <source>a correction is out of range</source>
        <translation>補正が範囲外です</translation>
    </message>
    <message>
        <source>how the cutter moves is out of range</source>
        <translation>カッターの動き方が範囲外です</translation>
    </message>
    <message>
        <source>must be an object with fields in braces</source>
        <translation>波括弧の中に項目を持つオブジェクトにしてください</translation>
    </message>
    <message>
        <source>has no field “{field}”</source>
        <translation>項目「{field}」がありません</translation>
    </message>
    <message>
        <source>must be a number from {least} to {most}</source>
        <translation>{least} から {most} の数にしてください</translation>
    </message>
    <message>
        <source>must be one of {choices}</source>
        <translation>{choices} のいずれかにしてください</translation>
    </message>
    <message>
        <source>must be a name of 1 to 80 letters</source>
        <translation>1 から 80 字の名前にしてください</translation>
    </message>
    <message>
        <source>must be a list of 1 to {most} marks</source>
        <translation>1 から {most} 個のトンボのリストにしてください</translation>
    </message>
    <message>
        <source>This mark scheme is larger than 1 MB.</source>
        <translation>トンボの定義が 1 MB を超えています。</translation>
    </message>
    <message>
        <source>Line {line}: this is not JSON.</source>
        <translation>{line} 行目：JSON ではありません。</translation>
    </message>
    <message>
        <source>Look for a missing comma, quote or bracket there.</source>
        <translation>そこのコンマ、引用符、括弧の抜けを探してください。</translation>
    </message>
    <message>
        <source>Line {line}, field “{field}”: it {trouble}.</source>
        <translation>{line} 行目、項目「{field}」：{trouble}。</translation>
    </message>
    <message>
        <source>is damaged or cut short.</source>
        <translation>は壊れているか、途中で切れています。</translation>
    </message>
    <message>
        <source>Export or download it again.</source>
        <translation>書き出すか、ダウンロードし直してください。</translation>
    </message>
    <message>
        <source>has {width} × {height} pixels, more than the 200 million that Fusuma can open.</source>
        <translation>は {width} × {height} 画素で、Fusuma の開ける 2 億画素を超えています。</translation>
    </message>
    <message>
        <source>Save a smaller copy and open that.</source>
        <translation>小さくしたコピーを保存して開いてください。</translation>
    </message>
    <message>
        <source>is packed in a way that this computer cannot unpack.</source>
        <translation>の詰め方をこのコンピューターは解けません。</translation>
    </message>
    <message>
        <source>Save it as JPEG or PNG.</source>
        <translation>JPEG か PNG で保存してください。</translation>
    </message>
    <message>
        <source>needs more memory than there is.</source>
        <translation>にメモリーが足りません。</translation>
    </message>
    <message>
        <source>is locked with a password.</source>
        <translation>はパスワードで保護されています。</translation>
    </message>
    <message>
        <source>Save a copy without one and add that.</source>
        <translation>パスワードなしのコピーを保存して加えてください。</translation>
    </message>
    <message>
        <source>is a damaged PDF.</source>
        <translation>は壊れた PDF です。</translation>
    </message>
    <message>
        <source>has no page {page}, only {pages}.</source>
        <translation>に {page} ページはなく、{pages} ページだけです。</translation>
    </message>
    <message>
        <source>is too large at {dpi} dpi.</source>
        <translation>は {dpi} dpi では大きすぎます。</translation>
    </message>
    <message>
        <source>Choose a lower resolution.</source>
        <translation>解像度を下げてください。</translation>
    </message>
    <message>
        <source>has a page that cannot be drawn.</source>
        <translation>に描けないページがあります。</translation>
    </message>
    <message>
        <source>plane is out of range</source>
        <translation>面が範囲外です</translation>
    </message>
    <message>
        <source>a flat picture is too large</source>
        <translation>平らにした画像が大きすぎます</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are taken as they are.</source>
        <translation>のカラープロファイルが壊れているため、色をそのまま使います。</translation>
    </message>
    <message>
        <source>is in CMYK without a colour profile, so its colours are only near.</source>
        <translation>はプロファイルのない CMYK なので、色は近似です。</translation>
    </message>
    <message>
        <source>has a damaged colour profile, so its colours are only near.</source>
        <translation>のカラープロファイルが壊れているため、色は近似です。</translation>
    </message>
    <message>
        <source>is not a picture that Fusuma can read.</source>
        <translation>は Fusuma の読める画像ではありません。</translation>
    </message>
    <message>
        <source>has more than the 200 million pixels that Fusuma can open.</source>
        <translation>が Fusuma の開ける 2 億画素を超えています。</translation>
    </message>
    <message>
        <source>is an animation; its first picture is used.</source>
        <translation>はアニメーションなので、最初の画像を使います。</translation>
    </message>
    <message>
        <source>“{file}” {note}</source>
        <translation>「{file}」{note}</translation>
    </message>
    <message>
        <source>It holds artwork of a kind that this version does not know.</source>
        <translation>この版の知らない種類の絵柄があります。</translation>
    </message>
    <message>
        <source>dpi is out of range</source>
        <translation>dpi が範囲外です</translation>
    </message>
    <message>
        <source>Its artwork “{file}” is missing.</source>
        <translation>絵柄「{file}」がありません。</translation>
    </message>
    <message>
        <source>a photograph is too large to be laid flat</source>
        <translation>写真が大きすぎて平らにできません</translation>
    </message>
    <message>
        <source>a combined part is out of range</source>
        <translation>結合したパーツが範囲外です</translation>
    </message>
    <message>
        <source>a combination&apos;s members are out of range</source>
        <translation>結合のメンバーが範囲外です</translation>
    </message>
    <message>
        <source>a part&apos;s id is out of range</source>
        <translation>パーツの番号が範囲外です</translation>
    </message>
    <message>
        <source>clusters are too deep within each other</source>
        <translation>まとまりの入れ子が深すぎます</translation>
    </message>
    <message>
        <source>a cluster&apos;s size is out of range</source>
        <translation>まとまりの大きさが範囲外です</translation>
    </message>
    <message>
        <source>a cluster is empty</source>
        <translation>まとまりが空です</translation>
    </message>
    <message>
        <source>It is not a Fusuma project.</source>
        <translation>Fusuma のプロジェクトではありません。</translation>
    </message>
    <message>
        <source>It was saved by a newer version of Fusuma.</source>
        <translation>新しい版の Fusuma で保存されました。</translation>
    </message>
    <message>
        <source>Update Fusuma to open it.</source>
        <translation>開くには Fusuma を更新してください。</translation>
    </message>
    <message>
        <source>Its ticket {code} is missing.</source>
        <translation>票 {code} がありません。</translation>
    </message>
    <message>
        <source>Its description is damaged.</source>
        <translation>記述が壊れています。</translation>
    </message>
    <message>
        <source>Its description is damaged: {detail}.</source>
        <translation>記述が壊れています：{detail}。</translation>
    </message>
    <message>
        <source>There is too little memory for it.</source>
        <translation>メモリーが足りません。</translation>
    </message>
    <message>
        <source>Close other programs, then try again.</source>
        <translation>ほかのプログラムを閉じてから、もう一度試してください。</translation>
    </message>
    <message>
        <source>Its artwork is missing.</source>
        <translation>絵柄がありません。</translation>
    </message>
    <message>
        <source>The project could not be opened again, so it is not saved.</source>
        <translation>プロジェクトを開き直せなくなるため、保存しません。</translation>
    </message>
    <message>
        <source>Undo the last steps, then try again.</source>
        <translation>最後の操作を取り消して、もう一度試してください。</translation>
    </message>
    <message>
        <source>The project is too large to be opened again, so it is not saved.</source>
        <translation>プロジェクトが大きすぎて開き直せないため、保存しません。</translation>
    </message>
    <message>
        <source>Save it in two halves.</source>
        <translation>2 つに分けて保存してください。</translation>
    </message>
    <message>
        <source>“{file}” cannot be opened.</source>
        <translation>「{file}」を開けません。</translation>
    </message>
    <message>
        <source>a brush stroke is out of range</source>
        <translation>ブラシの筆跡が範囲外です</translation>
    </message>
    <message>
        <source>colours are too many</source>
        <translation>色が多すぎます</translation>
    </message>
    <message>
        <source>rims are too many</source>
        <translation>内縁が多すぎます</translation>
    </message>
    <message>
        <source>nodes drawn by hand are too many</source>
        <translation>手描きのノードが多すぎます</translation>
    </message>
    <message>
        <source>a stretch drawn by hand is empty</source>
        <translation>手描きの区間が空です</translation>
    </message>
    <message>
        <source>a line drawn by hand is empty</source>
        <translation>手描きの線が空です</translation>
    </message>
    <message>
        <source>the mark scheme is damaged: {why}</source>
        <translation>トンボの定義が壊れています：{why}</translation>
    </message>
    <message>
        <source>the mark scheme is missing</source>
        <translation>トンボの定義がありません</translation>
    </message>
    <message>
        <source>what was photographed lies on no board</source>
        <translation>撮影したものがボードの上にありません</translation>
    </message>
    <message>
        <source>a copy is out of range</source>
        <translation>1 枚の値が範囲外です</translation>
    </message>
    <message>
        <source>a sticker&apos;s id is out of range</source>
        <translation>シールの番号が範囲外です</translation>
    </message>
    <message>
        <source>a copy&apos;s id is out of range</source>
        <translation>1 枚の番号が範囲外です</translation>
    </message>
    <message>
        <source>a cut line&apos;s copy is out of range</source>
        <translation>カット線の持ち主が範囲外です</translation>
    </message>
    <message>
        <source>a ticket&apos;s code is out of range</source>
        <translation>票の番号が範囲外です</translation>
    </message>
    <message>
        <source>The project cannot be packed.</source>
        <translation>プロジェクトをまとめられません。</translation>
    </message>
    <message>
        <source>There may be too little memory.</source>
        <translation>メモリーが足りないのかもしれません。</translation>
    </message>
    <message>
        <source>It is damaged or not a Fusuma project.</source>
        <translation>壊れているか、Fusuma のプロジェクトではありません。</translation>
    </message>
    <message>
        <source>Its contents are too large to open.</source>
        <translation>中身が大きすぎて開けません。</translation>
    </message>
    <message>
        <source>is damaged in line {line}: {why}</source>
        <translation>の {line} 行目が壊れています：{why}</translation>
    </message>
    <message>
        <source>holds no drawing.</source>
        <translation>に図形がありません。</translation>
    </message>
    <message>
        <source>nests its groups more than {most} deep.</source>
        <translation>のグループの入れ子が {most} 段を超えています。</translation>
    </message>
    <message>
        <source>Ungroup some and save it again.</source>
        <translation>いくつかグループを解除して保存し直してください。</translation>
    </message>
    <message>
        <source>has more than {most} elements.</source>
        <translation>の要素が {most} 個を超えています。</translation>
    </message>
    <message>
        <source>Split the drawing into several files.</source>
        <translation>図形を数個のファイルに分けてください。</translation>
    </message>
    <message>
        <source>has more than one drawing in it.</source>
        <translation>に図形が 2 つ以上あります。</translation>
    </message>
    <message>
        <source>is larger than the 100 MB that Fusuma can open.</source>
        <translation>は Fusuma の開ける 100 MB を超えています。</translation>
    </message>
    <message>
        <source>is damaged, or larger than 100 MB unpacked.</source>
        <translation>は壊れているか、展開すると 100 MB を超えます。</translation>
    </message>
    <message>
        <source>holds nothing that can be drawn.</source>
        <translation>に描けるものがありません。</translation>
    </message>
    <message>
        <source>draws more than {most} shapes.</source>
        <translation>の形が {most} 個を超えています。</translation>
    </message>
    <message>
        <source>Simplify it first.</source>
        <translation>先に簡略化してください。</translation>
    </message>
    <message>
        <source>{note}; it {more}</source>
        <translation>{note}、{more}</translation>
    </message>
    <message>
        <source>refers to other files, which are left out</source>
        <translation>がほかのファイルを参照しており、省きます</translation>
    </message>
    <message>
        <source>has scripts, which are ignored</source>
        <translation>にスクリプトがあり、無視します</translation>
    </message>
    <message>
        <source>has a text of more than 20,000 letters, which is left out</source>
        <translation>に 20,000 字を超える文字があり、省きます</translation>
    </message>
    <message>
        <source>asks for fonts that are not here: {fonts}</source>
        <translation>ここにない書体を使っています：{fonts}</translation>
    </message>
    <message>
        <source>states no size that can be used.</source>
        <translation>に使える大きさがありません。</translation>
    </message>
    <message>
        <source>Give it a width and a height.</source>
        <translation>幅と高さを付けてください。</translation>
    </message>
    <message>
        <source>“{address}” is not a cutter&apos;s address.</source>
        <translation>「{address}」はカッターのアドレスではありません。</translation>
    </message>
    <message>
        <source>Give tcp:HOST:PORT, serial:PORT@BAUD or device:/dev/…</source>
        <translation>tcp:ホスト:ポート、serial:ポート@ボー、device:/dev/… を指定してください</translation>
    </message>
    <message>
        <source>The practice cutter cannot listen on port {port}: {why}.</source>
        <translation>練習用カッターはポート {port} で待てません：{why}。</translation>
    </message>
    <message>
        <source>The practice cutter cannot open a pseudo-terminal.</source>
        <translation>練習用カッターは擬似端末を開けません。</translation>
    </message>
    <message>
        <source>The practice printer prints at 24 to 2400 dpi.</source>
        <translation>練習用プリンターは 24 から 2400 dpi で印刷します。</translation>
    </message>
    <message>
        <source>The sheet cannot be written to “{file}”.</source>
        <translation>用紙を「{file}」に書けません。</translation>
    </message>
    <message>
        <source>The scanner does not answer any more.</source>
        <translation>スキャナーが応答しません。</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on.</source>
        <translation>接続と電源を確かめてください。</translation>
    </message>
    <message>
        <source>You have no right to use the scanner.</source>
        <translation>スキャナーを使う権限がありません。</translation>
    </message>
    <message>
        <source>Join the group “scanner”, log out and in again.</source>
        <translation>グループ「scanner」に入り、ログインし直してください。</translation>
    </message>
    <message>
        <source>The scanner is busy.</source>
        <translation>スキャナーは使用中です。</translation>
    </message>
    <message>
        <source>Close the other program that uses it, then try again.</source>
        <translation>使っているほかのプログラムを閉じてから、もう一度試してください。</translation>
    </message>
    <message>
        <source>The scanner is jammed.</source>
        <translation>スキャナーに紙が詰まりました。</translation>
    </message>
    <message>
        <source>Take the paper out, then try again.</source>
        <translation>紙を取り除いてから、もう一度試してください。</translation>
    </message>
    <message>
        <source>There is no paper in the scanner&apos;s feeder.</source>
        <translation>スキャナーの給紙部に紙がありません。</translation>
    </message>
    <message>
        <source>Lay some in, then try again.</source>
        <translation>紙を入れてから、もう一度試してください。</translation>
    </message>
    <message>
        <source>The scanner&apos;s cover is open.</source>
        <translation>スキャナーのふたが開いています。</translation>
    </message>
    <message>
        <source>Close it, then try again.</source>
        <translation>閉じてから、もう一度試してください。</translation>
    </message>
    <message>
        <source>There is too little memory for this scan.</source>
        <translation>このスキャンにはメモリーが足りません。</translation>
    </message>
    <message>
        <source>Scan a smaller area or at a lower resolution.</source>
        <translation>範囲を狭くするか、解像度を下げてください。</translation>
    </message>
    <message>
        <source>Scanners cannot be reached on this computer.</source>
        <translation>このコンピューターではスキャナーを使えません。</translation>
    </message>
    <message>
        <source>The scanner sends its colours one after the other, which Fusuma does not take.</source>
        <translation>スキャナーが色を 1 色ずつ送るため、Fusuma では使えません。</translation>
    </message>
    <message>
        <source>Scan in grey.</source>
        <translation>グレーでスキャンしてください。</translation>
    </message>
    <message>
        <source>This scan would have more than 200 million pixels.</source>
        <translation>このスキャンは 2 億画素を超えます。</translation>
    </message>
    <message>
        <source>The scanner cannot do this ({number}).</source>
        <translation>スキャナーにはできません ({number})。</translation>
    </message>
    <message>
        <source>Try other settings.</source>
        <translation>別の設定を試してください。</translation>
    </message>
    <message>
        <source>The scanner sent nothing.</source>
        <translation>スキャナーから何も来ません。</translation>
    </message>
    <message>
        <source>Try again.</source>
        <translation>もう一度試してください。</translation>
    </message>
    <message>
        <source>--paper {paper}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--paper {paper}：a4、letter、a3、12x12in、または 幅x高さ (mm) を指定してください。各辺 90 以上、合計 1030 以下。</translation>
    </message>
    <message>
        <source>--holes {holes}: give the area in mm², such as close-under=9.</source>
        <translation>--holes {holes}：面積を mm² で、close-under=9 のように指定してください。</translation>
    </message>
    <message>
        <source>--holes {holes}: give keep, close or close-under=MM2.</source>
        <translation>--holes {holes}：keep、close、close-under=MM2 を指定してください。</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>{option} {words}：X,Y を画素で、100,80 のように指定してください。</translation>
    </message>
    <message>
        <source>--rim {words}: give a width in mm and a fill, such as 1.5,#2E4A7D{hint}</source>
        <translation>--rim {words}：幅 (mm) と塗りを 1.5,#2E4A7D のように指定してください{hint}</translation>
    </message>
    <message>
        <source>--border-fill {border_fill}{hint}</source>
        <translation>--border-fill {border_fill}{hint}</translation>
    </message>
    <message>
        <source>--bleed-with {bleed_with}: give the width of the bleed with --bleed too.</source>
        <translation>--bleed-with {bleed_with}：塗り足しの幅も --bleed で指定してください。</translation>
    </message>
    <message>
        <source>--line {words}: give at least two points as X,Y,X,Y in pixels.</source>
        <translation>--line {words}：2 点以上を X,Y,X,Y の画素で指定してください。</translation>
    </message>
    <message>
        <source>--leave-out {words}: give X,Y in pixels, such as 100,80.</source>
        <translation>--leave-out {words}：X,Y を画素で、100,80 のように指定してください。</translation>
    </message>
    <message>
        <source>--marks {words}: give X,Y in mm, such as 12.5,280, or none.</source>
        <translation>--marks {words}：X,Y を mm で、12.5,280 のように、または none を指定してください。</translation>
    </message>
    <message>
        <source>--marks gives {marks} places, but the sheet has {marks2} marks.</source>
        <translation>--marks は {marks} か所ですが、用紙のトンボは {marks2} 個です。</translation>
    </message>
    <message>
        <source>{lines_cut} of {runs} lines are cut. With -o FILE nothing is sent.</source>
        <translation>{runs} 本中 {lines_cut} 本をカットしました。-o ファイル なら何も送りません。</translation>
    </message>
    <message numerus="yes">
        <source>Ticket {code} has %n pages.</source>
        <translation>
            <numerusform>票 {code} は %n ページです。</numerusform>
        </translation>
    </message>
    <message>
        <source>{option} {words}: the drawing has no part “{part}”.</source>
        <translation>{option} {words}：図形にパーツ「{part}」はありません。</translation>
    </message>
    <message>
        <source>`fusuma-cli parts` lists them.</source>
        <translation>`fusuma-cli parts` で一覧できます。</translation>
    </message>
    <message>
        <source>--part {words}: give WHICH=printed, cut, both or neither, with :kiss, :score or :through.</source>
        <translation>--part {words}：対象=printed、cut、both、neither に :kiss、:score、:through を添えて指定してください。</translation>
    </message>
    <message>
        <source>--combine {words}: give join, take-out, overlap-only, exclude, split or pieces, a colon, and parts.</source>
        <translation>--combine {words}：join、take-out、overlap-only、exclude、split、pieces のいずれか、コロン、パーツを指定してください。</translation>
    </message>
    <message>
        <source>--combine {words}: nothing comes of it.</source>
        <translation>--combine {words}：結果が空です。</translation>
    </message>
    <message>
        <source>Do the parts overlap?</source>
        <translation>パーツは重なっていますか？</translation>
    </message>
    <message>
        <source>--recolour {words}: give #RRGGBB=#RRGGBB.</source>
        <translation>--recolour {words}：#RRGGBB=#RRGGBB を指定してください。</translation>
    </message>
    <message>
        <source>“{file_name}” has no parts in plain colours.</source>
        <translation>「{file_name}」に単色のパーツがありません。</translation>
    </message>
    <message numerus="yes">
        <source>The sheet has %n pages.</source>
        <translation>
            <numerusform>用紙は %n ページです。</numerusform>
        </translation>
    </message>
    <message>
        <source>--board {board}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030.</source>
        <translation>--board {board}：a4、letter、a3、12x12in、または 幅x高さ (mm) を指定してください。各辺 90 以上、合計 1030 以下。</translation>
    </message>
    <message>
        <source>--label {shape}: give SHAPE:WxH in mm, 2 to 1000 each, such as rounded:60x30.</source>
        <translation>--label {shape}：形:幅x高さ (mm、各 2 から 1000) を rounded:60x30 のように指定してください。</translation>
    </message>
    <message>
        <source>--template {asked}: {read}</source>
        <translation>--template {asked}：{read}</translation>
    </message>
    <message>
        <source>--template {asked}: there is {names}.</source>
        <translation>--template {asked}：あるのは {names} です。</translation>
    </message>
    <message>
        <source>--text-style {words}: “{piece}” is not understood.</source>
        <translation>--text-style {words}：「{piece}」が分かりません。</translation>
    </message>
    <message>
        <source>A label has at most {most_texts} texts.</source>
        <translation>ラベルの文字は最大 {most_texts} 個です。</translation>
    </message>
    <message>
        <source>The font “{font}” is not here; “{other}” is used.</source>
        <translation>書体「{font}」がないため「{other}」を使います。</translation>
    </message>
    <message>
        <source>--swatch {swatch}: give one of {names}.</source>
        <translation>--swatch {swatch}：{names} のいずれかを指定してください。</translation>
    </message>
    <message>
        <source>--ground {ground}: give #RRGGBB or none.</source>
        <translation>--ground {ground}：#RRGGBB または none を指定してください。</translation>
    </message>
    <message>
        <source>--frame {frame}: give WIDTH,INSET in mm, such as 0.4,1.5.</source>
        <translation>--frame {frame}：幅,内寄せ を mm で、0.4,1.5 のように指定してください。</translation>
    </message>
    <message>
        <source>--label-picture {picture}: give left, right, above, below or behind.</source>
        <translation>--label-picture {picture}：left、right、above、below、behind を指定してください。</translation>
    </message>
    <message>
        <source>--date {date}: give YYYY-MM-DD.</source>
        <translation>--date {date}：YYYY-MM-DD で指定してください。</translation>
    </message>
    <message>
        <source>{option} {words}: give X,Y,W,H in pixels, such as 100,80,600,400.</source>
        <translation>{option} {words}：X,Y,幅,高さ を画素で、100,80,600,400 のように指定してください。</translation>
    </message>
    <message>
        <source>{option} {words}: give the size, and points, such as 20,100,80.</source>
        <translation>{option} {words}：大きさと点を 20,100,80 のように指定してください。</translation>
    </message>
    <message>
        <source>{option} {words}: give add or erase, the size, and points, such as erase,20,100,80.</source>
        <translation>{option} {words}：add か erase、大きさ、点を erase,20,100,80 のように指定してください。</translation>
    </message>
    <message>
        <source>--subject and --source {source} do not go together.</source>
        <translation>--subject と --source {source} は同時に使えません。</translation>
    </message>
    <message>
        <source>{option} says what belongs to a subject: give --subject, too.</source>
        <translation>{option} は被写体の指定です：--subject も指定してください。</translation>
    </message>
    <message>
        <source>--flatten {words}: give board, board:PAPER, paper:PAPER, card or corners:X,Y,X,Y,X,Y,X,Y:WxH.</source>
        <translation>--flatten {words}：board、board:用紙、paper:用紙、card、または corners:X,Y,X,Y,X,Y,X,Y:幅x高さ を指定してください。</translation>
    </message>
    <message>
        <source>--flatten {words}: {parts} is no paper; give a4, letter or WxH in mm.</source>
        <translation>--flatten {words}：{parts} という用紙はありません。a4、letter、または 幅x高さ (mm) を指定してください。</translation>
    </message>
    <message>
        <source>--flatten {words}: a board&apos;s paper is at least 90 mm each way, and both together at most 1030 mm.</source>
        <translation>--flatten {words}：ボードの用紙は各辺 90 mm 以上、合計 1030 mm 以下です。</translation>
    </message>
    <message>
        <source>{file_name}: {flat}</source>
        <translation>{file_name}：{flat}</translation>
    </message>
    <message>
        <source>There is too little memory for this.</source>
        <translation>メモリーが足りません。</translation>
    </message>
    <message>
        <source>Use smaller pictures, or fewer of them.</source>
        <translation>画像を小さくするか、減らしてください。</translation>
    </message>
    <message>
        <source>Something went wrong inside Fusuma: {what}.</source>
        <translation>Fusuma の内部で問題が起きました：{what}。</translation>
    </message>
    <message>
        <source>“{project}” has no copies on its sheet, so there is nothing to rehearse.</source>
        <translation>「{project}」の用紙は空なので、試すものがありません。</translation>
    </message>
    <message>
        <source>There is no ticket {ticket} in “{project}”.</source>
        <translation>「{project}」に票 {ticket} はありません。</translation>
    </message>
    <message>
        <source>The sheet has {marks} marks, numbered from 1.</source>
        <translation>用紙のトンボは {marks} 個、番号は 1 からです。</translation>
    </message>
    <message>
        <source>--stretch takes up to 20 percent either way.</source>
        <translation>--stretch は各方向 20 パーセントまでです。</translation>
    </message>
    <message>
        <source>--shift takes up to 1000 mm either way.</source>
        <translation>--shift は各方向 1000 mm までです。</translation>
    </message>
    <message>
        <source>The report cannot be written to standard output.</source>
        <translation>報告を標準出力に書けません。</translation>
    </message>
    <message>
        <source>{option} “{path}” would write over what is read.</source>
        <translation>{option}「{path}」は読むものの上に書きます。</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>別の名前を選んでください。</translation>
    </message>
    <message>
        <source>{option} and {option2} both write to “{path}”.</source>
        <translation>{option} と {option2} が同じ「{path}」に書きます。</translation>
    </message>
    <message>
        <source>Give each a file of its own.</source>
        <translation>それぞれに別のファイルを指定してください。</translation>
    </message>
    <message>
        <source>“{file}” has nothing to print and nothing to cut.</source>
        <translation>「{file}」には印刷もカットもありません。</translation>
    </message>
    <message>
        <source>Give its parts a --part use.</source>
        <translation>--part でパーツの用途を指定してください。</translation>
    </message>
    <message>
        <source>“{file}” is fully transparent, so there is nothing to outline.</source>
        <translation>「{file}」は全体が透明なので、輪郭がありません。</translation>
    </message>
    <message>
        <source>“{file}” is empty once its background is taken away.</source>
        <translation>「{file}」は背景を取ると空になります。</translation>
    </message>
    <message>
        <source>Try another --source or --focus.</source>
        <translation>別の --source か --focus を試してください。</translation>
    </message>
    <message>
        <source>“{path}”: {machine}</source>
        <translation>「{path}」：{machine}</translation>
    </message>
    <message numerus="yes">
        <source>{trouble}, and so would %n more.</source>
        <translation>
            <numerusform>{trouble}、ほか %n 枚も。</numerusform>
        </translation>
    </message>
    <message>
        <source>{trouble}.</source>
        <translation>{trouble}。</translation>
    </message>
    <message>
        <source>Nothing was written or moved. Move the paper in the machine, or the copies on the sheet.</source>
        <translation>何も書かず、動かしていません。機械の紙か、用紙上のものを動かしてください。</translation>
    </message>
    <message>
        <source>Nothing was printed from “{project}” yet: it has no ticket.</source>
        <translation>「{project}」からまだ何も印刷されていません。票がありません。</translation>
    </message>
    <message>
        <source>There is no ticket {code} in “{project}”.</source>
        <translation>「{project}」に票 {code} はありません。</translation>
    </message>
    <message>
        <source>“{mark_scheme}”: {scheme}</source>
        <translation>「{mark_scheme}」：{scheme}</translation>
    </message>
    <message>
        <source>--divide {divide}: give columns and rows from 1 to {most_divisions}, such as 2x2.</source>
        <translation>--divide {divide}：列と行を 1 から {most_divisions} で、2x2 のように指定してください。</translation>
    </message>
    <message>
        <source>--material {material}: give one of {names}.</source>
        <translation>--material {material}：{names} のいずれかを指定してください。</translation>
    </message>
    <message>
        <source>--ink {ink}: give kiss=NAME, score=NAME or through=NAME.</source>
        <translation>--ink {ink}：kiss=名前、score=名前、through=名前 で指定してください。</translation>
    </message>
    <message>
        <source>“{words}”: a project must come first, and only one can be opened.</source>
        <translation>「{words}」：プロジェクトは最初に、ひとつだけ開けます。</translation>
    </message>
    <message>
        <source>“{inputs}” cuts what lies on the photo board, whose paper and marks stay.</source>
        <translation>「{inputs}」は撮影ボードの上のものをカットし、紙とトンボは変わりません。</translation>
    </message>
    <message>
        <source>--paper {paper}: give a3 to a6, b5, b4-jis, b5-jis, letter, legal, tabloid, hagaki, photo-l, or a size such as 100x150 (mm) or 4x6in.</source>
        <translation>--paper {paper}：a3 から a6、b5、b4-jis、b5-jis、letter、legal、tabloid、hagaki、photo-l、または 100x150 (mm) や 4x6in のような大きさを指定してください。</translation>
    </message>
    <message>
        <source>--cluster: give at least two pictures, drawings or labels.</source>
        <translation>--cluster：画像、図形、ラベルを 2 つ以上指定してください。</translation>
    </message>
    <message>
        <source>Give a project, a picture or a drawing, or a label to make.</source>
        <translation>プロジェクト、画像、図形、または作るラベルを指定してください。</translation>
    </message>
    <message>
        <source>See fusuma-cli sheet --help.</source>
        <translation>fusuma-cli sheet --help を見てください。</translation>
    </message>
    <message>
        <source>{sticker}: no copy fits on the sheet</source>
        <translation>{sticker}：用紙に 1 枚も入りません</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies fit on the sheet</source>
        <translation>{sticker}：{wanted} 枚中 {placed} 枚しか用紙に入りません</translation>
    </message>
    <message>
        <source>--there: nothing lies on a photographed board.</source>
        <translation>--there：撮影したボードの上に何もありません。</translation>
    </message>
    <message>
        <source>Give photographs with --flatten board.</source>
        <translation>--flatten board で写真を指定してください。</translation>
    </message>
    <message>
        <source>--pdf: what lies on the board already is not printed.</source>
        <translation>--pdf：ボードにあるものは印刷しません。</translation>
    </message>
    <message>
        <source>--cut-pdf has its cut lines alone.</source>
        <translation>--cut-pdf にはカット線だけが入ります。</translation>
    </message>
    <message>
        <source>“{file}”: {trouble}</source>
        <translation>「{file}」：{trouble}</translation>
    </message>
    <message>
        <source>Choose two or more copies on this page first.</source>
        <translation>先にこのページの 2 枚以上を選んでください。</translation>
    </message>
    <message>
        <source>No scanner was found.</source>
        <translation>スキャナーが見つかりません。</translation>
    </message>
    <message>
        <source>See whether it is plugged in and switched on, or add the scan as a file.</source>
        <translation>接続と電源を確かめるか、スキャンをファイルで加えてください。</translation>
    </message>
    <message>
        <source>The scan was stopped.</source>
        <translation>スキャンを止めました。</translation>
    </message>
    <message>
        <source>{sticker}: no free place on the sheet is large enough for another copy.</source>
        <translation>{sticker}：用紙にもう 1 枚の空きがありません。</translation>
    </message>
    <message>
        <source>Give the machine a name.</source>
        <translation>機械に名前を付けてください。</translation>
    </message>
    <message>
        <source>This sheet has fewer than three marks to point at.</source>
        <translation>この用紙には指すためのトンボが 3 個ありません。</translation>
    </message>
    <message>
        <source>The printer is set to {paper}, but the sheet is {other}.</source>
        <translation>プリンターは {paper} の設定ですが、用紙は {other} です。</translation>
    </message>
    <message>
        <source>Choose that paper in the printer&apos;s settings; nothing was printed.</source>
        <translation>プリンターの設定でその紙を選んでください。何も印刷していません。</translation>
    </message>
    <message>
        <source>The printer does not take the sheet.</source>
        <translation>プリンターが用紙を受け付けません。</translation>
    </message>
    <message>
        <source>Is it on, and does it have paper?</source>
        <translation>電源と紙を確かめてください。</translation>
    </message>
    <message>
        <source>The printer stopped before the sheet was done.</source>
        <translation>用紙の途中でプリンターが止まりました。</translation>
    </message>
    <message>
        <source>Look at the printer, then print again.</source>
        <translation>プリンターを確かめ、印刷し直してください。</translation>
    </message>
    <message>
        <source>{most} pairs of copies lie on each other or too close; more are not listed</source>
        <translation>{most}組のコピーが重なっているか近すぎます。これ以上は表示しません</translation>
    </message>
    <message>
        <source>“{file}” is a device or a pipe, not a file.</source>
        <translation>「{file}」はデバイスまたはパイプで、ファイルではありません。</translation>
    </message>
    <message>
        <source>It is longer than the {most} MB that Fusuma takes.</source>
        <translation>Fusumaが扱える{most} MBを超えています。</translation>
    </message>
    <message>
        <source>Its brackets are more than {most} deep.</source>
        <translation>括弧の入れ子が{most}段を超えています。</translation>
    </message>
    <message>
        <source>It has more than the {most} values that Fusuma takes.</source>
        <translation>Fusumaが扱える{most}個を超える値があります。</translation>
    </message>
    <message>
        <source>“{file}” is not whole.</source>
        <translation>「{file}」は全部ではありません。</translation>
    </message>
    <message>
        <source>Fusuma takes {pages} pages and {copies} copies; {beyond} copies beyond that are left out.</source>
        <translation>Fusumaが扱えるのは{pages}ページ、{copies}コピーまでです。それを超える{beyond}コピーは省かれました。</translation>
    </message>
    <message>
        <source>“{file}” needs more memory to be read than Fusuma gives to a file.</source>
        <translation>「{file}」を読むには、Fusumaが1ファイルに与える以上のメモリが必要です。</translation>
    </message>
    <message>
        <source>Save a smaller or simpler copy and open that.</source>
        <translation>小さいか簡単なコピーを保存して、それを開いてください。</translation>
    </message>
    <message>
        <source>“{file}” takes longer to read than {seconds} seconds of work.</source>
        <translation>「{file}」を読むには{seconds}秒を超える処理が必要です。</translation>
    </message>
    <message>
        <source>Save a simpler copy and open that.</source>
        <translation>より簡単なコピーを保存して、それを開いてください。</translation>
    </message>
    <message>
        <source>“{file}” could not be read: it made the reader fail.</source>
        <translation>「{file}」を読めませんでした。読み取りプログラムが失敗しました。</translation>
    </message>
    <message>
        <source>Nothing has changed. Save it anew in the program that it comes from.</source>
        <translation>何も変わっていません。元のプログラムで保存し直してください。</translation>
    </message>
    <message>
        <source>Fusuma&apos;s reader of files cannot be started.</source>
        <translation>Fusumaのファイル読み取りプログラムを起動できません。</translation>
    </message>
    <message>
        <source>Install Fusuma anew.</source>
        <translation>Fusumaを入れ直してください。</translation>
    </message>
    <message>
        <source>It holds no picture of its sheet.</source>
        <translation>シートの画像が入っていません。</translation>
    </message>
    <message>
        <source>“{file}” has lines that cross more often than Fusuma takes.</source>
        <translation>「{file}」には、Fusumaが扱える以上に交差する線があります。</translation>
    </message>
    <message>
        <source>Join or simplify its shapes in the program that it comes from.</source>
        <translation>元のプログラムで図形を結合するか簡単にしてください。</translation>
    </message>
    <message>
        <source>--label-picture {picture}: the picture&apos;s share is from 0.05 to 0.9.</source>
        <translation>--label-picture {picture}: 画像の割合は0.05から0.9です。</translation>
    </message>
    <message>
        <source>A quote that begins in row {row} never closes.</source>
        <translation>{row}行目で始まる引用符が閉じられていません。</translation>
    </message>
    <message>
        <source>Close it, or write it twice where it is meant.</source>
        <translation>閉じるか、文字として使う所では二重に書いてください。</translation>
    </message>
    <message>
        <source>A cell in row {row} is larger than the 1 MB that Fusuma takes.</source>
        <translation>{row}行目のセルが、Fusumaが扱える1 MBを超えています。</translation>
    </message>
    <message>
        <source>A picture is not of the size that it is said to be.</source>
        <translation>画像の大きさが、記されているものと違います。</translation>
    </message>
    <message>
        <source>Replace its artwork, or remove the sticker.</source>
        <translation>アートワークを差し替えるか、ステッカーを削除してください。</translation>
    </message>
    <message>
        <source>{sticker} and {other}: one cut for both, but another colour on either side of it, so the smallest slip shows the neighbour&apos;s</source>
        <translation>{sticker} と {other}：1 本の線で両方を切りますが、両側の色が違うので、わずかなずれでも隣の色が見えます</translation>
    </message>
    <message>
        <source>Stopped: “{file}” was not saved.</source>
        <translation>停止しました。「{file}」は保存されていません。</translation>
    </message>
    <message>
        <source>{sticker}: only {placed} of {wanted} copies: a project holds at most {most}</source>
        <translation>{sticker}：{wanted} 枚のうち {placed} 枚だけです。プロジェクトに置けるのは最大 {most} 枚です</translation>
    </message>
    <message>
        <source>A photograph laid flat, so its light was evened.</source>
        <translation>平らに補正した写真なので、明るさを均一にしました。</translation>
    </message>
    <message>
        <source>It is no colour profile of a screen.</source>
        <translation>画面のカラープロファイルではありません。</translation>
    </message>
    <message>
        <source>Give one of the commands that --help lists.</source>
        <translation>--help が挙げるコマンドのひとつを指定してください。</translation>
    </message>
    <message>
        <source>{option} is needed.</source>
        <translation>{option} が必要です。</translation>
    </message>
    <message>
        <source>{words} is not expected here.</source>
        <translation>ここに {words} は使えません。</translation>
    </message>
    <message>
        <source>{option}: {value} is not between {least} and {most}.</source>
        <translation>{option}：{value} は {least} から {most} の範囲にありません。</translation>
    </message>
    <message>
        <source>{option}: {value} is none of {words}.</source>
        <translation>{option}：{value} は {words} のいずれでもありません。</translation>
    </message>
    <message>
        <source>{option}: “{value}” cannot be understood.</source>
        <translation>{option}：「{value}」が理解できません。</translation>
    </message>
    <message>
        <source>{option} needs a value.</source>
        <translation>{option} には値が必要です。</translation>
    </message>
    <message>
        <source>{option} does not take so many values.</source>
        <translation>{option} の値の数が合いません。</translation>
    </message>
    <message>
        <source>{option} goes only with {other}.</source>
        <translation>{option} は {other} と一緒に使います。</translation>
    </message>
    <message>
        <source>{option} does not go with {other}.</source>
        <translation>{option} は {other} と一緒に使えません。</translation>
    </message>
    <message>
        <source>{option}: “{value}” is no number that can be used.</source>
        <translation>{option}：「{value}」は使える数ではありません。</translation>
    </message>
    <message>
        <source>“{project}” holds no picture of its sheet.</source>
        <translation>「{project}」には用紙の絵が入っていません。</translation>
    </message>
    <message>
        <source>--size {size}: give a paper&apos;s name or WxH in mm.</source>
        <translation>--size {size}：用紙の名前か 幅x高さ（mm）を指定してください。</translation>
    </message>
    <message>
        <source>“{paper}” is not a paper: give a4, letter or WxH in mm.</source>
        <translation>「{paper}」は用紙ではありません：a4、letter、または 幅x高さ（mm）を指定してください。</translation>
    </message>
    <message>
        <source>“{file}” is not a picture that can be read.</source>
        <translation>「{file}」は読める絵ではありません。</translation>
    </message>
    <message>
        <source>The cut sheet cannot be written to “{file}”.</source>
        <translation>カットした用紙を「{file}」に書けません。</translation>
    </message>
    <message>
        <source>The practice printer prints nothing: its file {trouble}</source>
        <translation>練習用プリンターは何も印刷しません：ファイル{trouble}</translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n rows of its list are on no page, the first is row {row}, “{words}”</source>
        <translation>
            <numerusform>{sticker}：リストの %n 行がどのページにもありません。最初は {row} 行目「{words}」です</numerusform>
        </translation>
    </message>
    <message>
        <source>Put them on the sheet</source>
        <translation>用紙に置く</translation>
    </message>
    <message>
        <source>--dates-in {language}: no such language; give one like de or fr.</source>
        <translation>--dates-in {language}: その言語はありません。de や fr のように指定してください。</translation>
    </message>
    <message>
        <source>text</source>
        <translation>文字</translation>
    </message>
    <message>
        <source>filled areas</source>
        <translation>塗りつぶし</translation>
    </message>
    <message>
        <source>dimensions</source>
        <translation>寸法</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>画像</translation>
    </message>
    <message>
        <source>solids</source>
        <translation>立体</translation>
    </message>
    <message>
        <source>endless lines</source>
        <translation>無限の線</translation>
    </message>
    <message>
        <source>is {length} long, which no paper holds.</source>
        <translation>は長さが{length}あり、どの用紙にも収まりません。</translation>
    </message>
    <message>
        <source>Export it at its true size.</source>
        <translation>実際の大きさで書き出してください。</translation>
    </message>
    <message>
        <source>Save it as SVG or PDF.</source>
        <translation>SVGかPDFで保存してください。</translation>
    </message>
    <message>
        <source>Save it as DXF.</source>
        <translation>DXFで保存してください。</translation>
    </message>
    <message>
        <source>Save it as PNG.</source>
        <translation>PNGで保存してください。</translation>
    </message>
    <message>
        <source>Use PNG, JPEG, WebP, HEIC, AVIF, TIFF, BMP, GIF, SVG, DXF or PDF.</source>
        <translation>PNG、JPEG、WebP、HEIC、AVIF、TIFF、BMP、GIF、SVG、DXF、PDFを使ってください。</translation>
    </message>
    <message>
        <source>would be {length} by the units that it states, so its numbers are taken for millimetres</source>
        <translation>は示された単位では{length}になるため、数値をmmとみなします</translation>
    </message>
    <message>
        <source>states no units, so its numbers are taken for millimetres</source>
        <translation>は単位を示していないため、数値をmmとみなします</translation>
    </message>
    <message>
        <source>lets through in ways that parts cannot, so its page is taken as one picture</source>
        <translation>には部品では表せない透け方があるため、ページを1枚の画像として扱います</translation>
    </message>
    <message>
        <source>This version sees other parts in “{drawing}” than the one that saved it; it is cut round as a whole.</source>
        <translation>このバージョンでは「{drawing}」の部品が保存時と異なるため、全体のまわりをカットします。</translation>
    </message>
    <message>
        <source>hidden things</source>
        <translation>非表示のもの</translation>
    </message>
    <message>
        <source>things of other kinds</source>
        <translation>その他の要素</translation>
    </message>
    <message>
        <source>comes without its {things}</source>
        <translation>は次のものを省いて読み込まれます：{things}</translation>
    </message>
    <message>
        <source>holds {count} pictures; the first is used.</source>
        <translation>には画像が {count} 枚あります。最初のものを使います。</translation>
    </message>
    <message>
        <source>holds no more than a small picture to know it by, as a camera&apos;s raw file does.</source>
        <translation>には、カメラの RAW ファイルのように、小さな見本の画像しかありません。</translation>
    </message>
    <message>
        <source>Letters that the font “{font}” lacks are set in “{other}”.</source>
        <translation>書体「{font}」にない文字は「{other}」で組みます。</translation>
    </message>
    <message>
        <source>has letters that no font here has</source>
        <translation>に、このコンピューターのどの書体にもない文字があります</translation>
    </message>
    <message>
        <source>No encoding is called {encoding}.</source>
        <translation>{encoding} という文字コードはありません。</translation>
    </message>
    <message>
        <source>Give one such as Windows-1250 or Shift_JIS.</source>
        <translation>Windows-1250 や Shift_JIS のように指定してください。</translation>
    </message>
    <message>
        <source>The list was read as {encoding}.</source>
        <translation>一覧を {encoding} として読み込みました。</translation>
    </message>
    <message>
        <source>If letters in it are wrong, name another by --list-encoding.</source>
        <translation>文字が正しくない場合は、--list-encoding で別のものを指定してください。</translation>
    </message>
</context>
<context>
    <name>scan</name>
    <message>
        <source>Draw a box round what is to be scanned; a click takes it away.</source>
        <translation>スキャンするものを枠で囲みます。クリックで外します。</translation>
    </message>
</context>
<context>
    <name>words</name>
    <message>
        <source>Plain lines</source>
        <translation>線だけ</translation>
    </message>
    <message>
        <source>Paper label sheet</source>
        <translation>紙のラベル用紙</translation>
    </message>
    <message>
        <source>Glossy photo sticker paper</source>
        <translation>光沢写真シール用紙</translation>
    </message>
    <message>
        <source>Printable vinyl</source>
        <translation>印刷用ビニール</translation>
    </message>
    <message>
        <source>Clear film</source>
        <translation>透明フィルム</translation>
    </message>
    <message>
        <source>Thin card</source>
        <translation>薄い厚紙</translation>
    </message>
    <message>
        <source>Thick card</source>
        <translation>厚い厚紙</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>残す</translation>
    </message>
    <message>
        <source>Close all</source>
        <translation>すべて閉じる</translation>
    </message>
    <message>
        <source>Close small</source>
        <translation>小さいものを閉じる</translation>
    </message>
    <message>
        <source>None</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>Art&apos;s colours</source>
        <translation>絵柄の色</translation>
    </message>
    <message>
        <source>Rim&apos;s colour</source>
        <translation>内縁の色</translation>
    </message>
    <message>
        <source>Kiss cut</source>
        <translation>ハーフカット</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>筋押し</translation>
    </message>
    <message>
        <source>Through cut</source>
        <translation>全抜き</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>合体</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>くり抜き</translation>
    </message>
    <message>
        <source>Overlap only</source>
        <translation>重なりだけ</translation>
    </message>
    <message>
        <source>With holes</source>
        <translation>穴あき</translation>
    </message>
    <message>
        <source>Visible only</source>
        <translation>見える所だけ</translation>
    </message>
    <message>
        <source>Do not cut</source>
        <translation>カットしない</translation>
    </message>
    <message>
        <source>Cut round it</source>
        <translation>周りをカット</translation>
    </message>
    <message>
        <source>Kiss cut its edge</source>
        <translation>縁をハーフカット</translation>
    </message>
    <message>
        <source>Score its edge</source>
        <translation>縁を筋押し</translation>
    </message>
    <message>
        <source>Cut its edge through</source>
        <translation>縁を全抜き</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>分割</translation>
    </message>
    <message>
        <source>Into pieces</source>
        <translation>断片に</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>丸</translation>
    </message>
    <message>
        <source>Mitre</source>
        <translation>留め継ぎ</translation>
    </message>
    <message>
        <source>Bevel</source>
        <translation>面取り</translation>
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
        <translation>左</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>中央</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>右</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>直線</translation>
    </message>
    <message>
        <source>Along the top edge</source>
        <translation>上の縁に沿って</translation>
    </message>
    <message>
        <source>Along the bottom edge</source>
        <translation>下の縁に沿って</translation>
    </message>
    <message>
        <source>Left of the words</source>
        <translation>文字の左</translation>
    </message>
    <message>
        <source>Right of them</source>
        <translation>文字の右</translation>
    </message>
    <message>
        <source>Above them</source>
        <translation>文字の上</translation>
    </message>
    <message>
        <source>Below them</source>
        <translation>文字の下</translation>
    </message>
    <message>
        <source>Behind them</source>
        <translation>文字の後ろ</translation>
    </message>
    <message>
        <source>Rectangle</source>
        <translation>長方形</translation>
    </message>
    <message>
        <source>Rounded</source>
        <translation>角丸</translation>
    </message>
    <message>
        <source>Oval</source>
        <translation>楕円</translation>
    </message>
    <message>
        <source>Notched corners</source>
        <translation>切り欠きの角</translation>
    </message>
    <message>
        <source>Arch</source>
        <translation>アーチ</translation>
    </message>
    <message>
        <source>Tag</source>
        <translation>タグ</translation>
    </message>
    <message>
        <source>Star</source>
        <translation>星</translation>
    </message>
    <message>
        <source>Banner</source>
        <translation>リボン</translation>
    </message>
    <message>
        <source>Letters alone</source>
        <translation>文字だけ</translation>
    </message>
    <message>
        <source>Near left</source>
        <translation>手前の左</translation>
    </message>
    <message>
        <source>Near right</source>
        <translation>手前の右</translation>
    </message>
    <message>
        <source>Far left</source>
        <translation>奥の左</translation>
    </message>
    <message>
        <source>Far right</source>
        <translation>奥の右</translation>
    </message>
    <message>
        <source>To the right</source>
        <translation>右へ</translation>
    </message>
    <message>
        <source>To the left</source>
        <translation>左へ</translation>
    </message>
    <message>
        <source>Away from me</source>
        <translation>奥へ</translation>
    </message>
    <message>
        <source>Towards me</source>
        <translation>手前へ</translation>
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
        <translation>RTS/CTS 線</translation>
    </message>
    <message>
        <source>XON/XOFF signs</source>
        <translation>XON/XOFF 信号</translation>
    </message>
    <message>
        <source>Small portions</source>
        <translation>小分け</translation>
    </message>
    <message>
        <source>The Z axis</source>
        <translation>Z 軸</translation>
    </message>
    <message>
        <source>Words of its own</source>
        <translation>独自の語</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>自動</translation>
    </message>
    <message>
        <source>Transparency</source>
        <translation>透明部分</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>明るさ</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Subject</source>
        <translation>被写体</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>Keep only</source>
        <translation>これだけ残す</translation>
    </message>
    <message>
        <source>The photo board</source>
        <translation>撮影ボード</translation>
    </message>
    <message>
        <source>A sheet of paper</source>
        <translation>紙 1 枚</translation>
    </message>
    <message>
        <source>A card</source>
        <translation>カード</translation>
    </message>
    <message>
        <source>Four corners</source>
        <translation>四隅</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>そのまま</translation>
    </message>
    <message>
        <source>Evened</source>
        <translation>補正後</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>保管日時</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>省いたもの</translation>
    </message>
    <message>
        <source>Round dots, 5</source>
        <translation>丸点 5 個</translation>
    </message>
    <message>
        <source>Crosses, 4</source>
        <translation>十字 4 個</translation>
    </message>
    <message>
        <source>None: by paper edge</source>
        <translation>なし：紙の縁で</translation>
    </message>
    <message>
        <source>From a scheme file…</source>
        <translation>トンボ定義ファイルから…</translation>
    </message>
    <message>
        <source>Not cut</source>
        <translation>カットなし</translation>
    </message>
    <message>
        <source>Sensor</source>
        <translation>センサー</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>手で</translation>
    </message>
    <message>
        <source>Paper edge</source>
        <translation>紙の縁</translation>
    </message>
    <message>
        <source>A new window</source>
        <translation>新しいウィンドウ</translation>
    </message>
    <message>
        <source>New label</source>
        <translation>新しいラベル</translation>
    </message>
    <message>
        <source>Open the example</source>
        <translation>見本を開く</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>デスクトップに合わせる</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>明るさ</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>ダーク</translation>
    </message>
</context>
</TS>
