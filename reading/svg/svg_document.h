#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QHash>
#include <QString>
#include <memory>
#include <vector>

namespace fusuma {

/// A word of SVG itself: an element, an attribute, a value.
inline QString str(const char* word) {
    return QString::fromUtf8(word);
}

/// One element of an SVG document.
struct SvgNode {
    QString name;                       ///< without prefix
    QHash<QString, QString> attributes; ///< names without prefix
    QHash<QString, QString> style;      ///< what style sheets and the style attribute say about it
    QString text;                       ///< of the element and what is in it
    std::vector<std::unique_ptr<SvgNode>> children;
    SvgNode* parent = nullptr;
    SvgNode* before = nullptr; ///< the element before it in the same parent

    /// A property as declared here: by style, else by presentation attribute; empty when it is not.
    [[nodiscard]] QString property(const QString& of) const;
    [[nodiscard]] QString attribute(const QString& of) const { return attributes.value(of); }
};

/// An SVG file as a tree of elements with the style sheets worked into it. Scripts, event handlers and whatever points
/// out of the file are gone.
struct SvgDocument {
    std::unique_ptr<SvgNode> root;
    QHash<QString, SvgNode*> by_id;
    QString style_sheet;
    bool had_references = false; ///< to other files, which are left out
    bool had_scripts = false;

    /// The element that `#id` or `url(#id)` names; null when there is none.
    [[nodiscard]] SvgNode* find(const QString& reference) const;
    /// As text again, for the renderer. Each drawn element has an id then.
    [[nodiscard]] QByteArray written();
};

inline constexpr qsizetype largest_svg_bytes = 100 << 20; ///< unpacked
inline constexpr int most_svg_elements = 400'000;
inline constexpr int deepest_svg = 200; ///< elements within each other

[[nodiscard]] bool is_svg(const QByteArray& file); ///< packed or not

/// @param file  SVG 1.1 or 2, plain or packed by gzip
Result<SvgDocument> parse_svg(const QByteArray& file);

} // namespace fusuma
