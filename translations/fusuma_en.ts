<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_US">
<context>
    <name>fusuma::app::BenchView</name>
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
            <numerusform> · %n hole</numerusform>
            <numerusform> · %n holes</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::BorderStep</name>
    <message numerus="yes">
        <source>, %n rims</source>
        <translation>
            <numerusform>, %n rim</numerusform>
            <numerusform>, %n rims</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutAct</name>
    <message numerus="yes">
        <source>%n passes</source>
        <translation>
            <numerusform>%n pass</numerusform>
            <numerusform>%n passes</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::CutStep</name>
    <message numerus="yes">
        <source>%n nodes selected.</source>
        <translation>
            <numerusform>%n node selected.</numerusform>
            <numerusform>%n nodes selected.</numerusform>
            </translation>
    </message>
    <message numerus="yes">
        <source>%n changes made by hand find no place on the new cut line.</source>
        <translation>
            <numerusform>A change made by hand finds no place on the new cut line.</numerusform>
            <numerusform>%n changes made by hand find no place on the new cut line.</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::EdgeRibbon</name>
    <message numerus="yes">
        <source>cuts into art at %n places</source>
        <translation>
            <numerusform>cuts into art at %n place</numerusform>
            <numerusform>cuts into art at %n places</numerusform>
            </translation>
    </message>
    <message numerus="yes">
        <source>%n thin slivers</source>
        <translation>
            <numerusform>%n thin sliver</numerusform>
            <numerusform>%n thin slivers</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::LoadAct</name>
    <message numerus="yes">
        <source>; %n stickers would show it</source>
        <translation>
            <numerusform>; %n sticker would show it</numerusform>
            <numerusform>; %n stickers would show it</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutlineStep</name>
    <message numerus="yes">
        <source>%n specks</source>
        <translation>
            <numerusform>%n speck</numerusform>
            <numerusform>%n specks</numerusform>
            </translation>
    </message>
    <message numerus="yes">
        <source>%n holes</source>
        <translation>
            <numerusform>%n hole</numerusform>
            <numerusform>%n holes</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::OutputPage</name>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n page</numerusform>
            <numerusform>%n pages</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::PrintAct</name>
    <message numerus="yes">
        <source>%n things would waste this print:</source>
        <translation>
            <numerusform>One thing would waste this print:</numerusform>
            <numerusform>%n things would waste this print:</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::SheetPanel</name>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n copy</numerusform>
            <numerusform>%n copies</numerusform>
            </translation>
    </message>
    <message numerus="yes">
        <source>%n pages</source>
        <translation>
            <numerusform>%n page</numerusform>
            <numerusform>%n pages</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::SlipPanel</name>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n sticker</numerusform>
            <numerusform>%n stickers</numerusform>
            </translation>
    </message>
</context>
<context>
    <name>fusuma::app::Tray</name>
    <message numerus="yes">
        <source>%n stickers</source>
        <translation>
            <numerusform>%n sticker</numerusform>
            <numerusform>%n stickers</numerusform>
            </translation>
    </message>
    <message numerus="yes">
        <source>%n copies</source>
        <translation>
            <numerusform>%n copy</numerusform>
            <numerusform>%n copies</numerusform>
            </translation>
    </message>
</context>
</TS>
