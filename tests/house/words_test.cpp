// The words of choices stand in project files that are years old and in people's scripts: they are written down here a
// second time, in the order in which lists show them, so that none changes or moves unnoticed.

#include "core/border/rims.h"
#include "core/cutting/cut_path.h"
#include "core/document/cluster.h"
#include "core/fill/fill.h"
#include "core/machine/machine.h"
#include "core/raster/background.h"
#include "core/sheet/sheet.h"
#include "devices/practice/rehearsal.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

template <typename E> std::string told() {
    std::string all;
    for (const Word<E>& w : words<E>) {
        all += (all.empty() ? "" : " ") + std::to_string(static_cast<int>(w.value)) + "=" + std::string(w.word);
        EXPECT_EQ(word_of(w.value), w.word);
        EXPECT_EQ(label_of(w.value), w.label);
        EXPECT_EQ(value_of<E>(w.word), w.value) << "two choices have the word " << w.word;
    }
    EXPECT_FALSE(value_of<E>("no such word"));
    return all;
}

TEST(Words, AreWhatFilesAndScriptsHave) {
    EXPECT_EQ(told<Corners>(), "0=round 1=mitre 2=bevel");
    EXPECT_EQ(told<Holes>(), "0=keep 1=close 2=close-small");
    EXPECT_EQ(told<Pattern>(), "0=plain 1=dots 2=stripes");
    EXPECT_EQ(told<Fill::Kind>(), "0=clear 1=colour 2=art");
    EXPECT_EQ(told<Bleed::Kind>(), "0=none 1=art 2=rim");
    EXPECT_EQ(told<CutKind>(), "0=kiss 1=score 2=through");
    EXPECT_EQ(told<ClusterCut>(), "0=outer 1=take-out 2=overlap-only 3=exclude 4=visible");
    EXPECT_EQ(told<PartCut>(), "0=none 1=outline 2=kiss 3=score 4=through");
    EXPECT_EQ(told<Combining>(), "0=join 1=take-out 2=overlap-only 3=exclude 4=split 5=visible 6=pieces");
    EXPECT_EQ(told<BedCorner>(), "0=bottom-left 1=bottom-right 2=top-left 3=top-right");
    EXPECT_EQ(told<Heading>(), "0=right 1=left 2=up 3=down");
    EXPECT_EQ(told<CutLanguage>(), "0=hpgl 1=gcode");
    EXPECT_EQ(told<FlowControl>(), "0=hardware 1=xon-xoff 2=portions");
    EXPECT_EQ(told<BladeLift>(), "0=z 1=words");
    EXPECT_EQ(told<FillWay>(), "0=rows 1=snug 2=turned");
    EXPECT_EQ(told<Turns>(), "0=half 1=quarters 2=any");
    EXPECT_EQ(told<TextAlign>(), "0=left 1=centre 2=right");
    EXPECT_EQ(told<TextRun>(), "0=straight 1=along-top 2=along-bottom");
    EXPECT_EQ(told<PicturePlace>(), "0=left 1=right 2=above 3=below 4=behind");
    EXPECT_EQ(told<LabelShape>(), "0=rectangle 1=rounded 2=oval 3=notched 4=arch 5=tag 6=star 7=banner 8=lettering");
    EXPECT_EQ(told<Source>(), "0=auto 1=alpha 2=brightness 3=colour 4=subject");
    EXPECT_EQ(told<ColourUse>(), "0=take-away 1=keep-only");
    EXPECT_EQ(told<Stroke::Kind>(), "0=add 1=erase 2=belongs 3=not");
    EXPECT_EQ(told<Light>(), "0=auto 1=as-is 2=even");
    EXPECT_EQ(told<Shadows>(), "0=auto 1=keep 2=drop");
    EXPECT_EQ(told<FlatBy>(), "0=board 1=paper 2=card 3=corners");
    EXPECT_EQ(told<MarkShape>(), "0=dot 1=cross 2=ring");
    EXPECT_EQ(told<MarkKind>(), "0=dots 1=crosses 3=none 2=scheme");
    EXPECT_EQ(told<PaperCorner>(), "0=top-left 1=top-right 2=bottom-left 3=bottom-right");
    EXPECT_EQ(told<Division::Cut>(), "0=none 1=through 2=score");
    EXPECT_EQ(told<Unit>(), "0=mm 1=cm 2=in");
    EXPECT_EQ(told<MarkMethod>(), "0=sensor 1=hand 2=edge");
}

} // namespace
} // namespace fusuma
