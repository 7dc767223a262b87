#pragma once

class QMenu;

namespace fusuma::app {

/// Gives every entry of a menu a letter of its own to be chosen by, where its words have one left that no other takes.
/// Works for words of any language; entries that have one already keep it.
void give_mnemonics(QMenu& menu);

} // namespace fusuma::app
