#pragma once

#include "reading/svg/svg_document.h"

#include <QHash>
#include <map>
#include <vector>

namespace fusuma {

/// One condition on an element: its name, an id, a class, an attribute, or something that a drawing at rest never is.
struct StyleCondition {
    char kind = 't'; ///< t, #, ., [ or :
    QString name;
    char how = 0; ///< an attribute's value is compared: = ~ | ^ $ *; 0 when it need only be there
    QString with;
};
/// Conditions on one element, and how it stands to the one that was named before.
struct StyleStep {
    char stands = ' '; ///< within it, > directly in it, + right after it, ~ after it
    std::vector<StyleCondition> conditions;
};
using StyleSelector = std::vector<StyleStep>;

struct StyleDeclaration {
    QString property; ///< in small letters
    QString value;
    bool is_important = false;
};

/// The style sheets of a drawing. What they say that is not understood is passed over, as the standard wants it.
/// Source: CSS 2.1, appendix G (grammar), 4.1 and 4.2 (passing over), 6.4 (cascade); Selectors 3 for attributes
class StyleSheet {
  public:
    /// @param text  nothing of one over 1 MiB is taken
    explicit StyleSheet(const QString& text);

    /// What the sheets and the element's own style attribute say about it, the stronger over the weaker.
    /// After four million comparisons and declarations nothing more is taken from the sheets: ten for each element
    /// of the largest drawing that is read.
    void apply_to(SvgNode& node);

  private:
    struct Rule {
        StyleSelector selector;
        std::shared_ptr<const std::vector<StyleDeclaration>> declarations; ///< of several selectors' rule each once
        int weight = 0;                                                    ///< specificity
    };
    long work_left = 4'000'000;

    /// Does the selector, up to a step, name the element?
    bool names(const StyleSelector& selector, std::size_t steps, const SvgNode& node);
    std::vector<Rule> rules;                     ///< in the sheets' order
    std::multimap<QString, std::size_t> by_last; ///< "#id", ".class" or "name" that an element must have; "" for any
};

} // namespace fusuma
