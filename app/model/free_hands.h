#pragma once

#include <QObject>
#include <functional>

namespace fusuma::app {

/// Does it at once, or as soon as no dialog and no menu is open: what comes from behind must not change what a person is
/// about to answer for, nor take away what the answer is for.
void once_hands_are_free(QObject* context, std::function<void()> then);

} // namespace fusuma::app
