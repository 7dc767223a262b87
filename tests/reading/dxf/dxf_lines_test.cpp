#include "reading/dxf/dxf_read.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

QByteArray dxf_of(const QByteArray& entity) {
    return "0\nSECTION\n2\nENTITIES\n" + entity + "0\nENDSEC\n0\nEOF\n";
}

/// Numbers may be of any size.
TEST(Dxf, LinesThatNoPaperHoldsAreRefused) {
    for (const char* number : {"1e300", "-1e300", "1e12"}) {
        const QByteArray n(number);
        for (const QByteArray& entity :
             {"0\nCIRCLE\n8\n0\n10\n5\n20\n5\n40\n" + n + "\n",
              "0\nARC\n8\n0\n10\n5\n20\n5\n40\n" + n + "\n50\n0\n51\n90\n",
              "0\nLINE\n8\n0\n10\n" + n + "\n20\n0\n11\n4\n21\n4\n",
              "0\nELLIPSE\n8\n0\n10\n0\n20\n0\n11\n4\n21\n4\n40\n" + n + "\n41\n0\n42\n3\n"}) {
            const auto read = read_dxf(dxf_of(entity));
            EXPECT_FALSE(read) << entity.toStdString();
        }
    }
    EXPECT_TRUE(read_dxf(dxf_of("0\nCIRCLE\n8\n0\n10\n5\n20\n5\n40\n7\n")));
}

/// Numbers of corners, knots and points that the file does not hold must not be made room for, nor may a long line keep
/// the library for ever.
TEST(Dxf, CountsThatLieAndEndlessLinesAreRefused) {
    for (const QByteArray number : {"75000000000000", "-75000000000000", "200000000", "1000"})
        for (const QByteArray& entity :
             {"0\nLWPOLYLINE\n8\na\n90\n" + number + "\n10\n3\n20\n0\n10\n4\n20\n0\n",
              " 0\n LWPOLYLINE \n8\na\n4294967386\n" + number + "\n10\n3\n20\n0\n10\n4\n20\n0\n",
              "0\nSPLINE\n8\na\n71\n3\n72\n" + number + "\n", "0\nSPLINE\n8\na\n71\n3\n73\n4\n74\n" + number + "\n",
              "0\nLEADER\n8\na\n76\n" + number + "\n10\n3\n20\n0\n", "0\nHATCH\n91\n1\n93\n" + number + "\n"})
            EXPECT_FALSE(read_dxf(dxf_of("0\nLINE\n8\na\n10\n0\n20\n0\n11\n4\n21\n4\n" + entity)))
                << entity.toStdString();
    EXPECT_FALSE(read_dxf(dxf_of("0\nLINE\n8\n" + QByteArray(1024, 'a') + "\n10\n0\n20\n0\n11\n4\n21\n4\n")));
    EXPECT_TRUE(read_dxf(dxf_of("0\nLWPOLYLINE\n8\na\n90\n2\n70\n0\n10\n3\n20\n0\n10\n4\n20\n0\n")));
}

/// The library would take what lay in memory for a number that is not there: other lines at every reading.
TEST(Dxf, ANumberThatIsNotThereIsRefused) {
    for (const QByteArray& nothing : {QByteArray(""), QByteArray(" \t"), QByteArray("\f"), QByteArray(1, '\0')})
        for (const QByteArray& entity :
             {"0\nLWPOLYLINE\n8\na\n90\n2\n70\n1\n10\n3\n20\n0\n42\n" + nothing + "\n10\n4\n20\n0\n42\n1\n",
              "0\nCIRCLE\n8\n0\n10\n5\n20\n" + nothing + "\n40\n7\n",
              "0\nARC\n8\n0\n10\n5\n20\n5\n40\n7\n4294967346\n" + nothing + "\n51\n90\n"})
            EXPECT_FALSE(read_dxf(dxf_of("0\nLINE\n8\na\n10\n0\n20\n0\n11\n4\n21\n4\n" + entity)))
                << entity.toStdString();
    EXPECT_TRUE(read_dxf(dxf_of("0\nLINE\n8\n\n10\n0\n20\n0\n11\n4\n21\n4\n"))); // a layer may be without a name
}

} // namespace
} // namespace fusuma
