<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_US">
<context>
    <name>QObject</name>
    <message numerus="yes">
        <source>Working out %n stickers</source>
        <translation>
            <numerusform>Working out %n sticker</numerusform>
            <numerusform>Working out %n stickers</numerusform>
        </translation>
    </message>
</context>
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
    <name>fusuma::app::FillCard</name>
    <message numerus="yes">
        <source>%1 copies placed, on %n page(s). On the last, %2 % of the cut zone is used; the largest empty space there is %3 × %4.</source>
        <translation>
            <numerusform>%1 copies placed, on %n page. On the last, %2 % of the cut zone is used; the largest empty space there is %3 × %4.</numerusform>
            <numerusform>%1 copies placed, on %n pages. On the last, %2 % of the cut zone is used; the largest empty space there is %3 × %4.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>fusuma::app::LabelStep</name>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are on no page.</source>
        <translation>
            <numerusform>%1 labels are on the sheet; one row of the list is on no page.</numerusform>
            <numerusform>%1 labels are on the sheet; %n rows of the list are on no page.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 labels are on the sheet; %n row(s) of the list are larger than the cut zone.</source>
        <translation>
            <numerusform>%1 labels are on the sheet; one row of the list is larger than the cut zone.</numerusform>
            <numerusform>%1 labels are on the sheet; %n rows of the list are larger than the cut zone.</numerusform>
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
    <name>fusuma::app::ProjectFiles</name>
    <message numerus="yes">
        <source>Files may take up to %n minute(s) then, until Fusuma is closed; Stop ends it at any time.</source>
        <translation>
            <numerusform>Files may take up to a minute then, until Fusuma is closed; Stop ends it at any time.</numerusform>
            <numerusform>Files may take up to %n minutes then, until Fusuma is closed; Stop ends it at any time.</numerusform>
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
<context>
    <name>said</name>
    <message numerus="yes">
        <source>%n copies were added.</source>
        <translation>
            <numerusform>%n copy was added.</numerusform>
            <numerusform>%n copies were added.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were taken away.</source>
        <translation>
            <numerusform>%n copy was taken away.</numerusform>
            <numerusform>%n copies were taken away.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n copies were moved.</source>
        <translation>
            <numerusform>%n copy was moved.</numerusform>
            <numerusform>%n copies were moved.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n marks reach {length} into the margins, so the printer will clip them</source>
        <translation>
            <numerusform>A mark reaches {length} into the margins, so the printer will clip it</numerusform>
            <numerusform>%n marks reach {length} into the margins, so the printer will clip them</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{finding} (and %n more rows)</source>
        <translation>
            <numerusform>{finding} (and one more row)</numerusform>
            <numerusform>{finding} (and %n more rows)</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n changes made by hand no longer fit its cut line</source>
        <translation>
            <numerusform>{sticker}: a change made by hand no longer fits its cut line</numerusform>
            <numerusform>{sticker}: %n changes made by hand no longer fit its cut line</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines do not close</source>
        <translation>
            <numerusform>{sticker}: a cut line does not close</numerusform>
            <numerusform>{sticker}: %n cut lines do not close</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n cut lines are too small for the blade to turn</source>
        <translation>
            <numerusform>{sticker}: a cut line is too small for the blade to turn</numerusform>
            <numerusform>{sticker}: %n cut lines are too small for the blade to turn</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n marks were not found: {marks}. Smudged or covered?</source>
        <translation>
            <numerusform>A mark was not found: {marks}. Smudged or covered?</numerusform>
            <numerusform>%n marks were not found: {marks}. Smudged or covered?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Only %n spots like marks were found, and they do not lie as the marks do. Is this the sheet that was printed?</source>
        <translation>
            <numerusform>Only one spot like a mark was found. Is this the sheet that was printed?</numerusform>
            <numerusform>Only %n spots like marks were found, and they do not lie as the marks do. Is this the sheet that was printed?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Ticket {code} has %n pages.</source>
        <translation>
            <numerusform>Ticket {code} has %n page.</numerusform>
            <numerusform>Ticket {code} has %n pages.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The sheet has %n pages.</source>
        <translation>
            <numerusform>The sheet has %n page.</numerusform>
            <numerusform>The sheet has %n pages.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{trouble}, and so would %n more.</source>
        <translation>
            <numerusform>{trouble}, and so would one more.</numerusform>
            <numerusform>{trouble}, and so would %n more.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{sticker}: %n rows of its list are on no page, the first is row {row}, “{words}”</source>
        <translation>
            <numerusform>{sticker}: one row of its list is on no page: row {row}, “{words}”</numerusform>
            <numerusform>{sticker}: %n rows of its list are on no page, the first is row {row}, “{words}”</numerusform>
        </translation>
    </message>
</context>
</TS>
