// Lists as spreadsheets of one country wrote them before UTF-8, in bytes made by glibc's iconv; and their odd first
// lines.

#include "reading/table/cells.h"
#include "reading/table/decoded_text.h"

#include <QLocale>
#include <gmock/gmock.h>
#include <iconv.h>

namespace fusuma {
namespace {

QByteArray in_encoding(const QString& text, const char* iconv_name) {
    const iconv_t converter = iconv_open(iconv_name, "UTF-8");
    EXPECT_NE(converter, reinterpret_cast<iconv_t>(-1)) << iconv_name;
    QByteArray utf8 = text.toUtf8(), out(4 * utf8.size(), '\0');
    char *from = utf8.data(), *to = out.data();
    std::size_t left = static_cast<std::size_t>(utf8.size()), still = static_cast<std::size_t>(out.size());
    EXPECT_NE(iconv(converter, &from, &left, &to, &still), static_cast<std::size_t>(-1))
        << iconv_name << ": " << text.toStdString();
    iconv_close(converter);
    return out.first(out.size() - static_cast<qsizetype>(still));
}

struct Country {
    const char* encoding;
    const char* iconv_name;
    QString list;
};

std::vector<Country> countries() {
    return {
        {"Windows-1252", "CP1252",
         QStringLiteral(
             "Name;Preis\r\nHimbeergelee;3,50 €\r\nQuittenmus, süß;4,20 €\r\nKräutersalz;5 €\r\nSchärenhonig;6 €\r\n")},
        {"Windows-1252", "CP1252",
         QStringLiteral("nom;prix\r\nGelée de coings;4,50 €\r\nMiel d’été;5 €\r\nPâté végétal;6 €\r\n")},
        {"Windows-1252", "CP1252",
         QStringLiteral("name;price\r\nSam’s jam;£3\r\n“Best” honey;£4\r\nAnna’s chutney;£2\r\n")},
        {"Windows-1252", "CP1252",
         QStringLiteral("name;price\r\nJam;3 €\r\nHoney;4 €\r\nChutney;2 €\r\nSalt;5 €\r\nTea;6 €\r\nSoap;7 €\r\n")},
        {"Windows-1250", "CP1250",
         QStringLiteral(
             "nazwa;cena\r\nDżem śliwkowy;5 zł\r\nMiód lipowy;20 zł\r\nŚwieże jabłka;3 zł\r\nŻurek;6 zł\r\n")},
        {"Windows-1250", "CP1250",
         QStringLiteral(
             "název;cena\r\nŠvestková povidla;50 Kč\r\nKvětový med;120 Kč\r\nŘepový sirup;3 Kč\r\nTřešně;6 Kč\r\n")},
        {"ISO-8859-2", "ISO-8859-2",
         QStringLiteral("nazwa;cena\r\nDżem śliwkowy;5 zł\r\nMiód lipowy;20 zł\r\nŚwieże jabłka są;3 zł\r\nŻurek i "
                        "pączki;6 zł\r\n")},
        {"Windows-1251", "CP1251",
         QStringLiteral("название;цена\r\nКлубничное варенье;50\r\nМёд липовый;100\r\nЯблоки;30\r\n")},
        {"Windows-1253", "CP1253", QStringLiteral("όνομα;τιμή\r\nΜαρμελάδα φράουλα;5\r\nΜέλι;6\r\nΕλιές;8\r\n")},
        {"Windows-1254", "CP1254",
         QStringLiteral(
             "ad;fiyat\r\nÇilek reçeli;5\r\nŞeftali;7\r\nKayısı kurusu;8\r\nIşıklı süs;9\r\nAğaç kaşık;1\r\n")},
        {"Shift_JIS", "CP932",
         QStringLiteral("品名,値段\r\nいちごジャム,500円\r\nはちみつ,800円\r\n手作り石鹸,300円\r\n")},
        {"Windows-949", "CP949",
         QStringLiteral("이름,가격\r\n딸기잼,5000\r\n꿀,8000\r\n수제 비누,3000\r\n감사합니다,1\r\n")},
        {"GB18030", "GB18030",
         QStringLiteral("名称,价格\r\n草莓酱,50\r\n蜂蜜,80\r\n手工皂,30\r\n谢谢你们,1\r\n这是我们的,2\r\n")},
        {"Big5", "BIG5",
         QStringLiteral("名稱,價格\r\n草莓果醬,50\r\n蜂蜜,80\r\n手工皂,30\r\n謝謝你們,1\r\n這是我們的,2\r\n")},
    };
}

TEST(DecodedText, ListsOfEveryCountryKeepTheirLetters) {
    for (const Country& c : countries()) {
        const DecodedText text = decoded_text(in_encoding(c.list, c.iconv_name));
        EXPECT_EQ(text.utf8, c.list.toStdString()) << c.encoding;
        EXPECT_EQ(text.encoding, c.encoding);
        for (const QByteArray& marked : {"\xef\xbb\xbf" + c.list.toUtf8(), c.list.toUtf8()})
            EXPECT_EQ(decoded_text(marked).utf8, c.list.toStdString()) << "UTF-8 is not taken for it";
    }
}

TEST(DecodedText, WesternNamesAreNoOtherCountrys) {
    // The names of the world's countries, as Qt has them in each language, thirty at a time with prices.
    int wrong = 0, lists = 0;
    for (const auto language : {QLocale::German, QLocale::French, QLocale::Spanish, QLocale::Portuguese,
                                QLocale::Italian, QLocale::Swedish}) {
        QStringList names;
        for (const QLocale& of : QLocale::matchingLocales(language, QLocale::AnyScript, QLocale::AnyTerritory))
            names << of.nativeTerritoryName();
        for (qsizetype at = 0; at + 8 <= names.size(); at += 8) {
            QString list = QStringLiteral("name;price\r\n");
            for (const QString& name : names.mid(at, 8))
                list += name + QStringLiteral(";4,50 €\r\n");
            ++lists;
            wrong += decoded_text(in_encoding(list, "CP1252")).utf8 != list.toStdString() ? 1 : 0;
        }
    }
    EXPECT_GE(lists, 8);
    EXPECT_EQ(wrong, 0) << "of " << lists;
}

TEST(DecodedText, WideTextIsToldByItsBytesWithoutAMark) {
    const QString words = QStringLiteral("name;price\nKräuter;4\n");
    for (const char* order : {"UTF-16LE", "UTF-16BE"}) {
        const DecodedText text = decoded_text(in_encoding(words, order));
        EXPECT_EQ(text.utf8, words.toStdString()) << order;
        EXPECT_EQ(text.encoding, "UTF-16");
    }
}

TEST(DecodedText, BytesThatMeanNothingAreLeftOut) {
    EXPECT_EQ(decoded_text("K\xe4se \x81;2\n").utf8, "Käse ;2\n");
    for (int seed = 0; seed < 200; ++seed) { // whatever it is taken for, it is text
        QByteArray noise;
        for (int i = 0, value = seed; i < 300; ++i, value = (value * 75 + 74) % 65537)
            noise += static_cast<char>(value);
        const std::string text = decoded_text(noise).utf8;
        EXPECT_EQ(QString::fromStdString(text).toStdString(), text);
    }
}

TEST(Cells, AFirstLineMayStateWhatPartsThem) {
    const std::vector<std::vector<std::string>> cells{{"name", "price"}, {"Kelp, salted", "4,50"}};
    for (const char* first : {"sep=;\r\n", "\"sep=;\"\r\n", "sep=;\n"})
        EXPECT_EQ(cells_of(QByteArray(first) + "name;price\r\nKelp, salted;4,50\r\n")->cells, cells) << first;
    EXPECT_EQ(cells_of("sep=,\r\nname,price\r\n\"Kelp, salted\",\"4,50\"\r\n")->cells, cells);
    EXPECT_EQ(cells_of("sep=x\nKelp\n")->cells[0][0], "sep=x") << "nothing that parts cells";
    EXPECT_FALSE(cells_of("sep=;\r\n")) << "an empty list";
}

} // namespace
} // namespace fusuma
