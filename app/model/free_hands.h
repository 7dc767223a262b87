#pragma once

#include <QDialog>
#include <functional>

namespace fusuma::app {

/// Does it at once, or as soon as no dialog and no menu is open: what comes from behind must not change what a person
/// is about to answer for, nor take away what the answer is for. What waits comes in its order; what it is for may go
/// before.
void once_hands_are_free(QObject* context, std::function<void()> then);
/// The dialog's answers are about nothing that is there already, so that what comes need not wait for it.
void need_not_be_waited_for(QDialog& dialog);

} // namespace fusuma::app
