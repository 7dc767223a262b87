#include "app/common/accessible_view.h"

#include "app/common/zoom_view.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QWindow>
#include <map>
#include <memory>

namespace fusuma::app {

namespace {

class AccessibleView;

/// One of a view's things, as screen readers see it. It asks the view each time, so that it never tells of what was.
class AccessibleThing : public QAccessibleInterface, public QAccessibleActionInterface {
  public:
    AccessibleThing(ZoomView& of, int thing_id) : view(&of), id(thing_id) {}

    [[nodiscard]] bool isValid() const override { return find().has_value(); }
    [[nodiscard]] QObject* object() const override { return nullptr; }
    [[nodiscard]] QWindow* window() const override { return view ? view->window()->windowHandle() : nullptr; }
    [[nodiscard]] QAccessibleInterface* parent() const override { return QAccessible::queryAccessibleInterface(view); }
    [[nodiscard]] QAccessibleInterface* child(int) const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    [[nodiscard]] int childCount() const override { return 0; }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    [[nodiscard]] QAccessible::Role role() const override { return QAccessible::ListItem; }
    [[nodiscard]] QString text(QAccessible::Text kind) const override {
        const auto thing = find();
        return thing && kind == QAccessible::Name ? thing->name : QString();
    }
    void setText(QAccessible::Text, const QString&) override {}
    [[nodiscard]] QRect rect() const override {
        const auto thing = find();
        if (!thing)
            return {};
        const QRect box = thing->box.toAlignedRect();
        return {view->mapToGlobal(box.topLeft()), box.size()};
    }
    [[nodiscard]] QAccessible::State state() const override {
        QAccessible::State state;
        const auto thing = find();
        if (!thing) {
            state.invalid = true;
            return state;
        }
        state.selectable = state.focusable = thing->can_be_chosen;
        state.selected = thing->is_chosen;
        state.focused = thing->is_chosen && view->hasFocus();
        state.offscreen = !QRectF(view->rect()).intersects(thing->box);
        return state;
    }
    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this) : nullptr;
    }
    [[nodiscard]] QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& name) override {
        if (view && name == pressAction())
            view->choose(id);
    }
    [[nodiscard]] QStringList keyBindingsForAction(const QString&) const override { return {}; }

    [[nodiscard]] int number() const { return id; }

  private:
    QPointer<ZoomView> view;
    int id;

    [[nodiscard]] std::optional<Thing> find() const {
        if (view)
            for (const Thing& thing : view->things())
                if (thing.id == id)
                    return thing;
        return std::nullopt;
    }
};

class AccessibleView : public QAccessibleWidget {
  public:
    explicit AccessibleView(ZoomView& of) : QAccessibleWidget(&of, QAccessible::List), view(of) {}
    ~AccessibleView() override {
        for (const auto& [id, known] : children)
            QAccessible::deleteAccessibleInterface(known);
    }
    [[nodiscard]] int childCount() const override {
        return QAccessibleWidget::childCount() + static_cast<int>(view.things().size());
    }
    [[nodiscard]] QAccessibleInterface* child(int at) const override {
        const int widgets = QAccessibleWidget::childCount();
        if (at < widgets)
            return QAccessibleWidget::child(at);
        const Things& things = view.things();
        const auto place = static_cast<std::size_t>(at - widgets);
        return place < things.size() ? interface_of(things[place].id) : nullptr;
    }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface* child) const override {
        if (const auto* thing = dynamic_cast<const AccessibleThing*>(child)) {
            const Things& things = view.things();
            for (std::size_t i = 0; i < things.size(); ++i)
                if (things[i].id == thing->number())
                    return QAccessibleWidget::childCount() + static_cast<int>(i);
            return -1;
        }
        return QAccessibleWidget::indexOfChild(child);
    }
    [[nodiscard]] QAccessibleInterface* childAt(int x, int y) const override {
        const QPointF at = view.mapFromGlobal(QPointF(x, y));
        const Things& things = view.things();
        for (auto thing = things.rbegin(); thing != things.rend(); ++thing)
            if (thing->box.contains(at))
                return interface_of(thing->id);
        return QAccessibleWidget::childAt(x, y);
    }
    [[nodiscard]] QAccessibleInterface* focusChild() const override {
        if (view.hasFocus())
            for (const Thing& thing : view.things())
                if (thing.is_chosen)
                    return interface_of(thing.id);
        return QAccessibleWidget::focusChild();
    }

  private:
    ZoomView& view;
    mutable std::map<int, QAccessible::Id> children;

    /// Copies' ids are never used again, and days of work would leave one behind for each.
    void forget_what_is_gone() const {
        if (children.size() <= 2 * view.things().size() + 64)
            return;
        std::erase_if(children, [](const auto& child) {
            const bool is_gone = !QAccessible::accessibleInterface(child.second)->isValid();
            if (is_gone)
                QAccessible::deleteAccessibleInterface(child.second);
            return is_gone;
        });
    }
    QAccessibleInterface* interface_of(int id) const {
        const auto known = children.find(id);
        if (known != children.end())
            return QAccessible::accessibleInterface(known->second);
        forget_what_is_gone();
        auto* made = new AccessibleThing(view, id); // the registry owns it
        children.emplace(id, QAccessible::registerAccessibleInterface(made));
        return made;
    }
};

QAccessibleInterface* interface_for(const QString& kind, QObject* object) {
    if (auto* view = qobject_cast<ZoomView*>(object))
        return new AccessibleView(*view);
    // Qt's own (6.4) looks a child up without asking whether it is still there, as scroll bars come and go.
    const bool is_scrolled = kind == QLatin1String("QScrollArea") || kind == QLatin1String("QAbstractScrollArea");
    return is_scrolled ? new QAccessibleWidget(static_cast<QWidget*>(object), QAccessible::Client) : nullptr;
}

} // namespace

void make_views_accessible() {
    static const bool once = [] {
        QAccessible::installFactory(interface_for);
        return true;
    }();
    Q_UNUSED(once);
}

void tell_focus(ZoomView& view, int at) {
    QAccessibleInterface* known = QAccessible::isActive() ? QAccessible::queryAccessibleInterface(&view) : nullptr;
    const int widgets = known ? known->childCount() - static_cast<int>(view.things().size()) : 0; // they come first
    if (QAccessibleInterface* thing = known ? known->child(widgets + at) : nullptr) {
        QAccessibleEvent focus(thing, QAccessible::Focus);
        QAccessible::updateAccessibility(&focus);
    }
}

void announce(QWidget& from) {
    QAccessibleEvent event(&from, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

} // namespace fusuma::app
