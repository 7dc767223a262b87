#!/usr/bin/python3
"""What a screen reader finds: the real window's tree, walked from outside through AT-SPI.

Every control in sight has a name, and the Sheet's view holds every copy by its name, size, place and state. Needs a
display and a session bus of its own: dbus-run-session -- xvfb-run -a accessible_window.py FUSUMA
"""

import os
import subprocess
import sys
import tempfile
import time

import pyatspi

CONTROLS = {
    pyatspi.ROLE_PUSH_BUTTON, pyatspi.ROLE_TOGGLE_BUTTON, pyatspi.ROLE_CHECK_BOX, pyatspi.ROLE_RADIO_BUTTON,
    pyatspi.ROLE_ENTRY, pyatspi.ROLE_TEXT, pyatspi.ROLE_COMBO_BOX, pyatspi.ROLE_SPIN_BUTTON, pyatspi.ROLE_SLIDER,
    pyatspi.ROLE_LIST, pyatspi.ROLE_TREE, pyatspi.ROLE_TABLE, pyatspi.ROLE_MENU, pyatspi.ROLE_MENU_ITEM,
}


def walk(node, path=()):
    yield node, path
    for i in range(node.childCount):
        child = node.getChildAtIndex(i)
        if child is not None:
            yield from walk(child, path + (child.getRoleName(),))


def wait_for(what, find, seconds=60):
    end = time.time() + seconds
    while time.time() < end:
        found = find()
        if found:
            return found
        time.sleep(0.3)
    sys.exit("not in time: " + what)


def in_sight(node):
    states = node.getState()
    return states.contains(pyatspi.STATE_SHOWING) and states.contains(pyatspi.STATE_VISIBLE)


def main():
    home = tempfile.mkdtemp()
    settings = dict(os.environ, HOME=home, XDG_CONFIG_HOME=home, XDG_RUNTIME_DIR=home, XDG_DATA_HOME=home,
                    QT_QPA_PLATFORM="xcb", QT_LINUX_ACCESSIBILITY_ALWAYS_ON="1", LC_ALL="C.UTF-8")
    program = subprocess.Popen([sys.argv[1], "--example"], env=settings)
    try:
        look(program)
    finally:
        program.kill()


def look(program):
    def find_window():
        desktop = pyatspi.Registry.getDesktop(0)
        for application in desktop:
            if application and application.name == "fusuma" and application.childCount:
                return application.getChildAtIndex(0)
        if program.poll() is not None:
            sys.exit("the window ended")
        return None

    window = wait_for("the window", find_window)

    def named(role, begins):
        for node, _ in walk(window):
            if node.getRole() == role and node.name.startswith(begins) and in_sight(node):
                return node
        return None

    door = wait_for("the door to the Sheet", lambda: named(pyatspi.ROLE_PUSH_BUTTON, "Sheet, "))
    door.queryAction().doAction(0)

    def copies():
        view = named(pyatspi.ROLE_LIST, "Sheet")
        return [child.name for child in view if child and " by " in child.name] if view else []

    def copies_of(sticker):
        return [name for name in copies() if name.startswith(sticker + ", ")]

    for sticker in ("Puffin", "Octopus", "Paper lantern"):  # one after the other is worked out
        wait_for("a copy of " + sticker, lambda: copies_of(sticker))
    found = copies()
    troubles = []
    if not all(" mm" in name and "from the left" in name for name in found):
        troubles.append("a copy without its size and place: " + repr(found))
    seen = 0
    for node, path in walk(window):
        if node.getRole() in CONTROLS and in_sight(node):
            seen += 1
            if not (node.name or "").strip() and "menu" not in path:
                troubles.append("nameless: " + "/".join(path))
    if seen < 30:
        troubles.append("only %d controls" % seen)
    if troubles:
        sys.exit("\n".join(troubles))
    print("%d controls with names, %d copies" % (seen, len(found)))


main()
