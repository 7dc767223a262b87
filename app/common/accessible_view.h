#pragma once

class QWidget;

namespace fusuma::app {

class ZoomView;

/// Makes what views show known to screen readers, for every view from now on; and what scrolls safe to be asked about.
void make_views_accessible();

/// Tells screen readers which of a view's things has the focus now.
/// @param at  its place among the view's things
void tell_focus(ZoomView& view, int at);

/// Has the accessible name of a widget read out, whatever has the focus.
void announce(QWidget& from);

} // namespace fusuma::app
