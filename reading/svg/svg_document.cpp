#include "reading/svg/svg_document.h"

#include "reading/svg/style_sheet.h"

#include <QRegularExpression>
#include <QXmlStreamReader>
#include <QXmlStreamWriter>
#include <algorithm>
#include <optional>
#include <zlib.h>

namespace fusuma {

namespace {

bool is_packed(const QByteArray& file) {
    return file.startsWith("\x1f\x8b");
}

/// Nothing when it is damaged or too large.
std::optional<QByteArray> unpacked(const QByteArray& file) {
    z_stream stream{};
    constexpr int gzip = 16 + MAX_WBITS;
    if (inflateInit2(&stream, gzip) != Z_OK)
        return std::nullopt;
    stream.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(file.constData()));
    stream.avail_in = static_cast<uInt>(file.size());
    QByteArray result, block(1 << 16, '\0');
    int state = Z_OK;
    while (state == Z_OK && result.size() <= largest_svg_bytes) {
        stream.next_out = reinterpret_cast<Bytef*>(block.data());
        stream.avail_out = static_cast<uInt>(block.size());
        state = inflate(&stream, Z_NO_FLUSH);
        result.append(block.constData(), block.size() - static_cast<qsizetype>(stream.avail_out));
        if (state == Z_OK && stream.avail_in == 0 && stream.avail_out > 0)
            break;
    }
    inflateEnd(&stream);
    return state == Z_STREAM_END && result.size() <= largest_svg_bytes ? std::optional(result) : std::nullopt;
}

QString without_prefix(QStringView name) {
    const qsizetype colon = name.lastIndexOf(QLatin1Char(':'));
    return (colon < 0 ? name : name.mid(colon + 1)).toString();
}

/// Does an address lead out of the file?
bool leads_out(const QString& address) {
    const QString trimmed = address.trimmed();
    return !trimmed.isEmpty() && !trimmed.startsWith(QLatin1Char('#')) &&
           !trimmed.startsWith(QLatin1String("data:"), Qt::CaseInsensitive);
}

/// The same asked of url(…) anywhere in a style.
bool style_leads_out(const QString& style) {
    for (qsizetype at = style.indexOf(QLatin1String("url("), 0, Qt::CaseInsensitive); at >= 0;
         at = style.indexOf(QLatin1String("url("), at + 4, Qt::CaseInsensitive)) {
        QString inside = style.mid(at + 4, 16).trimmed();
        while (inside.startsWith(QLatin1Char('"')) || inside.startsWith(QLatin1Char('\'')))
            inside.remove(0, 1);
        if (leads_out(inside))
            return true;
    }
    return false;
}

class TreeReader {
  public:
    Result<SvgDocument> read(const QByteArray& text) {
        QXmlStreamReader xml(text);
        xml.setNamespaceProcessing(false); // files that forget to declare a prefix are read, too
        xml.setEntityExpansionLimit(1 << 16);
        while (!xml.atEnd()) {
            switch (xml.readNext()) {
            case QXmlStreamReader::StartElement:
                if (const auto refused = start(xml))
                    return *refused;
                break;
            case QXmlStreamReader::EndElement:
                end();
                break;
            case QXmlStreamReader::Characters:
                characters(xml.text());
                break;
            default:
                break;
            }
        }
        if (xml.hasError())
            return Problem{"is damaged in line {line}: {why}"_said.with("line", xml.lineNumber())
                               .with("why", xml.errorString().section(QLatin1Char('\n'), 0, 0).toStdString()),
                           "Export it again."_said};
        if (!document.root || document.root->name != QLatin1String("svg"))
            return Problem{"holds no drawing."_said};
        apply_style_sheet();
        return std::move(document);
    }

  private:
    SvgDocument document;
    SvgNode* at = nullptr;
    int depth = 0, skipped = 0, elements = 0;

    std::optional<Problem> start(const QXmlStreamReader& xml) {
        if (skipped > 0) {
            ++skipped;
            return std::nullopt;
        }
        if (++depth > deepest_svg)
            return Problem{"nests its groups more than {most} deep."_said.with("most", deepest_svg),
                           "Ungroup some and save it again."_said};
        if (++elements > most_svg_elements)
            return Problem{"has more than {most} elements."_said.with("most", most_svg_elements),
                           "Split the drawing into several files."_said};
        const QString name = without_prefix(xml.qualifiedName());
        const bool is_script = name == QLatin1String("script");
        const QStringView prefix = xml.qualifiedName().left(xml.qualifiedName().indexOf(QLatin1Char(':')));
        const bool is_foreign = xml.qualifiedName().contains(QLatin1Char(':')) && prefix != QLatin1String("svg");
        document.had_scripts |= is_script;
        if (is_script || is_foreign || name == QLatin1String("foreignObject")) {
            skipped = 1;
            --depth;
            return std::nullopt;
        }
        auto node = std::make_unique<SvgNode>();
        node->name = name;
        node->parent = at;
        for (const QXmlStreamAttribute& a : xml.attributes())
            attribute(*node, without_prefix(a.qualifiedName()), a.value().toString());
        SvgNode* made = node.get();
        if (at) {
            const auto last = std::find_if(at->children.rbegin(), at->children.rend(),
                                           [](const auto& child) { return !child->name.isEmpty(); });
            made->before = last == at->children.rend() ? nullptr : last->get();
            at->children.push_back(std::move(node));
        } else if (!document.root)
            document.root = std::move(node);
        else
            return Problem{"has more than one drawing in it."_said};
        at = made;
        if (const QString id = made->attribute(QStringLiteral("id")); !id.isEmpty() && !document.by_id.contains(id))
            document.by_id.insert(id, made);
        return std::nullopt;
    }

    void attribute(SvgNode& node, const QString& name, const QString& value) {
        if (name.startsWith(QLatin1String("on"))) {
            document.had_scripts = true;
            return;
        }
        const bool is_out = name == QLatin1String("href") ? leads_out(value) && node.name != QLatin1String("a")
                                                          : style_leads_out(value);
        if (is_out) {
            document.had_references = true;
            return;
        }
        // The first of two that differ only in their prefix is SVG's own.
        if (!node.attributes.contains(name))
            node.attributes.insert(name, value);
    }

    void end() {
        if (skipped > 0) {
            --skipped;
            return;
        }
        --depth;
        if (at->name == QLatin1String("style"))
            document.style_sheet += at->text + QLatin1Char('\n');
        else if (at->parent && !at->text.isEmpty() &&
                 (at->name == QLatin1String("tspan") || at->name == QLatin1String("textPath")))
            at->parent->text += at->text;
        at = at->parent;
    }

    void characters(QStringView text) {
        if (skipped > 0 || !at)
            return;
        // Only where text means something; blanks between elements are none.
        if (at->name == QLatin1String("text") || at->name == QLatin1String("tspan") ||
            at->name == QLatin1String("textPath") || at->name == QLatin1String("style") ||
            at->name == QLatin1String("title")) {
            at->text += text;
            auto piece = std::make_unique<SvgNode>(); // text and tspans alternate, so its place matters
            piece->parent = at;
            piece->text = text.toString();
            at->children.push_back(std::move(piece));
        }
    }

    void apply_style_sheet() {
        if (style_leads_out(document.style_sheet) || document.style_sheet.contains(QLatin1String("@import"))) {
            document.had_references = true;
            document.style_sheet.remove(QRegularExpression(QStringLiteral("@import[^;]*;")));
        }
        StyleSheet sheet(document.style_sheet);
        apply_style(*document.root, sheet);
    }

    void apply_style(SvgNode& node, StyleSheet& sheet) {
        if (node.name.isEmpty())
            return;
        sheet.apply_to(node);
        for (const auto& child : node.children)
            apply_style(*child, sheet);
    }
};

void write(QXmlStreamWriter& xml, SvgDocument& document, SvgNode& node, int& number) {
    if (node.name.isEmpty()) {
        xml.writeCharacters(node.text);
        return;
    }
    xml.writeStartElement(node.name);
    if (!node.parent)
        xml.writeAttribute(QStringLiteral("xmlns"), QStringLiteral("http://www.w3.org/2000/svg"));
    QString& id = node.attributes[QStringLiteral("id")];
    if (document.by_id.value(id) != &node) {
        id = QStringLiteral("fusuma-%1").arg(++number);
        document.by_id.insert(id, &node);
    }
    for (auto it = node.attributes.begin(); it != node.attributes.end(); ++it)
        if (it.key() != QLatin1String("xmlns") && it.key() != QLatin1String("style"))
            xml.writeAttribute(it.key(), it.value());
    QString style;
    for (auto it = node.style.begin(); it != node.style.end(); ++it)
        style += it.key() + QLatin1Char(':') + it.value() + QLatin1Char(';');
    if (!style.isEmpty())
        xml.writeAttribute(QStringLiteral("style"), style);
    for (const auto& child : node.children)
        if (child->name != QLatin1String("style"))
            write(xml, document, *child, number);
    xml.writeEndElement();
}

} // namespace

QString SvgNode::property(const QString& of) const {
    const auto styled = style.find(of);
    return styled != style.end() ? *styled : attributes.value(of);
}

SvgNode* SvgDocument::find(const QString& reference) const {
    QString id = reference.trimmed();
    if (id.startsWith(QLatin1String("url(")))
        id = id.mid(4, id.indexOf(QLatin1Char(')')) - 4).trimmed();
    if (id.size() > 1 && (id.startsWith(QLatin1Char('"')) || id.startsWith(QLatin1Char('\''))))
        id = id.mid(1, id.size() - 2);
    return id.startsWith(QLatin1Char('#')) ? by_id.value(id.mid(1)) : nullptr;
}

QByteArray SvgDocument::written() {
    QByteArray text;
    QXmlStreamWriter xml(&text);
    int number = 0;
    write(xml, *this, *root, number);
    return text;
}

bool is_svg(const QByteArray& file) {
    if (is_packed(file))
        return true;
    const QByteArray start = file.left(4096);
    return start.contains("<svg") || start.contains("<!DOCTYPE svg") || start.contains(":svg");
}

Result<SvgDocument> parse_svg(const QByteArray& file) {
    if (!is_packed(file)) {
        if (file.size() > largest_svg_bytes)
            return Problem{"is larger than the 100 MB that Fusuma can open."_said,
                           "Split the drawing into several files."_said};
        return TreeReader().read(file);
    }
    const auto text = unpacked(file);
    return text ? TreeReader().read(*text)
                : Problem{"is damaged, or larger than 100 MB unpacked."_said, "Export it again."_said};
}

} // namespace fusuma
