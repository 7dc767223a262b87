// Zips that are damaged, hostile, or larger than anybody should open.

#include "formats/basics/file.h"
#include "formats/project/zip_archive.h"

#include <QTemporaryDir>
#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

const ZipEntries entries{{"document.json", QByteArray("{\"a\":1}").repeated(300)},
                         {"artwork/1.png", QByteArray(5000, '\x7f')},
                         {"unsaved.json", "{}"}};

TEST(Zip, ComesBackAsItWasAndAlwaysAlike) {
    const auto bytes = zip_bytes(entries);
    ASSERT_TRUE(bytes);
    EXPECT_EQ(*zip_bytes(entries), *bytes);
    EXPECT_EQ(*unzip(*bytes, 1 << 20), entries);
}

/// What the contents come to counts, not what they are packed in.
TEST(Zip, IsRefusedBeforeItsContentsOutgrowWhatIsAllowed) {
    const auto bytes = zip_bytes(entries);
    qint64 whole = 0;
    for (const auto& [name, content] : entries)
        whole += content.size();
    EXPECT_TRUE(unzip(*bytes, whole));
    const auto refused = unzip(*bytes, whole - 1);
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.problem().message.english(), "Its contents are too large to open.");
}

TEST(Zip, DamageAnywhereIsRefusedOrDoesNotMatter) {
    const QByteArray good = *zip_bytes(entries);
    std::mt19937 random(4);
    int refused = 0;
    for (int round = 0; round < 600; ++round) {
        QByteArray bad = good;
        const auto at = static_cast<qsizetype>(random() % static_cast<unsigned>(bad.size()));
        if (round % 3 == 0)
            bad.truncate(at);
        else
            bad[at] = static_cast<char>(bad[at] ^ static_cast<char>(1 << (random() % 8)));
        const auto read = unzip(bad, 1 << 20);
        refused += !read;
        if (read) // names may have changed; contents that come back are those that were packed
            for (const auto& [name, content] : *read)
                if (const auto known = entries.find(name); known != entries.end()) {
                    EXPECT_EQ(content, known->second);
                }
    }
    EXPECT_GT(refused, 400);
}

TEST(Zip, OneEntryIsReadWithoutTheRest) {
    const QByteArray zip = *zip_bytes(entries);
    EXPECT_EQ(zip_entry(zip, "unsaved.json", 100), std::optional(QByteArray("{}")));
    EXPECT_FALSE(zip_entry(zip, "thumbnail.png", 100)) << "it is not there";
    EXPECT_FALSE(zip_entry(zip, "artwork/1.png", 100)) << "it is larger than asked for";
    EXPECT_FALSE(zip_entry(QByteArray("no zip at all"), "unsaved.json", 100));
    EXPECT_FALSE(zip_entry(QByteArray(), "unsaved.json", 100));
    EXPECT_FALSE(zip_entry(zip.first(300), "unsaved.json", 100));
}

} // namespace
} // namespace fusuma
