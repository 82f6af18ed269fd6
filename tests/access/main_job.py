#!/usr/bin/python3
"""The main job over the accessibility bus: from the first start to a score that is kept, by names, roles, states and actions alone.

main_job.py PROGRAM. Wants a display, a session bus, at-spi2 and python3-pyatspi. The program gets a home of its own.
"""
import os
import re
import subprocess
import sys
import tempfile
import time

import pyatspi
from gi.repository import GLib

failures = []
events = []  # (what changed, of what), as a screen reader hears them


def check(holds, what):
    print(("good: " if holds else "FAILED: ") + what, flush=True)
    if not holds:
        failures.append(what)
    return holds


def walk(node):
    try:
        children = [node.getChildAtIndex(i) for i in range(min(node.childCount, 400))]
    except Exception:  # gone while it was looked at
        return
    for child in children:
        if child is not None:
            yield child
            yield from walk(child)


def shown(node):
    try:
        states = node.getState()
        return states.contains(pyatspi.STATE_SHOWING) and states.contains(pyatspi.STATE_VISIBLE)
    except Exception:
        return False


def find(app, role, name, seconds=10, enabled=None):
    """The first that is in sight with this role and a name that the pattern matches."""
    until = time.time() + seconds
    while True:
        for node in walk(app):
            try:
                if node.getRoleName() == role and re.search(name, node.name or "") and shown(node):
                    if enabled is None or node.getState().contains(pyatspi.STATE_ENABLED) == enabled:
                        return node
            except Exception:
                continue
        if time.time() > until:
            return None
        time.sleep(0.2)


def act(node, *names):
    action = node.queryAction()
    for i in range(action.nActions):
        if action.getName(i) in names:
            return action.doAction(i)
    raise RuntimeError(f"{node.getRoleName()} '{node.name}' has none of {names}")


def press(app, name, role="push button", seconds=10):
    node = find(app, role, name, seconds)
    if check(node is not None, f"{role} '{name}' is found"):
        act(node, "Press", "Toggle", "Check")
        time.sleep(0.3)
    return node


def write(app, name, words):
    node = find(app, "text", name)
    if check(node is not None, f"text '{name}' is found"):
        node.queryEditableText().setTextContents(words)
        time.sleep(0.2)
    return node


def says(app, pattern, seconds=10):
    return find(app, "label", pattern, seconds) is not None


def main_job(app):
    check(find(app, "dialog", "Blue Hangar") is not None, "the first start is a dialog with a name")
    write(app, "Name of the school", "Sallow Quay")
    press(app, "^Begin$")
    check(find(app, "frame", "Sallow Quay") is not None, "the window is named by the school")
    check(says(app, "Now: Add the first pilot"), "the Board says what is next")
    write(app, "^Name of a new pilot$", "Petra Lowmoor")
    press(app, "^Add$")
    check(find(app, "list item", "Petra Lowmoor") is not None, "the pilot stands among the pilots")
    press(app, "^Look through the kit$")
    boxes = [n for n in walk(app) if n.getRoleName() == "check box" and shown(n) and re.match(r"\d+\. ", n.name or "")]
    check(len(boxes) >= 8, f"the kit's list has {len(boxes)} check boxes with names")
    for box in boxes:
        if not box.getState().contains(pyatspi.STATE_CHECKED):
            act(box, "Toggle")
    time.sleep(0.5)
    check(all(b.getState().contains(pyatspi.STATE_CHECKED) for b in boxes), "every one of them is checked, and says so")
    drills = next((n for n in walk(app) if (n.name or "").startswith("Drills page") and shown(n)), None)
    if check(drills is not None, "the Drills page has a button with a name"):
        act(drills, "Press", "Toggle")
        time.sleep(0.5)
    check(find(app, "push button", r"^Start", enabled=True) is not None, "the next drill can be started: the simulated controller is ready")
    return True


def painted(app):
    """What is painted says in words what it shows, and says it anew when that changes."""
    sticks = next((n for n in walk(app) if n.name == "Sticks, live"), None)
    if check(sticks is not None, "the small sticks at the foot have a name"):
        check("hrottle" in sticks.description and "%" in sticks.description, f"they say where they stand: {sticks.description}")
    view = next((n for n in walk(app) if n.name == "Flight view" and shown(n)), None)
    if check(view is not None, "the flight view has a name"):
        check(view.description != "", f"it says what it shows: {view.description!r}")
    for choice in (n for n in walk(app) if n.getRoleName() == "combo box" and shown(n)):
        check(choice.description != "", f"the choice '{choice.name}' says what it is for: {choice.description[:50]!r}")


def hear(event):
    try:
        events.append((str(event.type), event.source.name))
    except Exception:  # gone before it was asked for its name
        pass


def heard(kind, name, seconds=5):
    """Whether a change of that kind was told of something so called, since the list was emptied."""
    until = time.time() + seconds
    while True:
        while GLib.MainContext.default().iteration(False):
            pass
        if any(kind in what and re.search(name, of or "") for what, of in events):
            return True
        if time.time() > until:
            return False
        time.sleep(0.05)


def tilt(app):
    """A painted value is set without a mouse."""
    page = next((n for n in walk(app) if (n.name or "").startswith("Set-up page") and shown(n)), None)
    if not check(page is not None, "the Set-up page has a button with a name"):
        return
    act(page, "Press", "Toggle")
    dial = find(app, "slider", "^Camera tilt")
    if check(dial is not None, "the camera's tilt is a slider with a name"):
        value = dial.queryValue()
        events.clear()
        value.currentValue = 15 if value.currentValue != 15 else 20
        wanted = value.currentValue
        check(heard("accessible-value", "^Camera tilt"), "a listener is told that the value changed")
        check(heard("accessible-description", "^Camera tilt"), "and that the words did")
        check(dial.description.startswith(f"{wanted:.0f}°"), f"set over the bus, it says so: {dial.description}")


def score_by_eye(app):
    card = find(app, "table", "Criteria, each with its key")
    if check(card is not None, "the score card's criteria are a table with a name"):
        table = card.queryTable()
        cells = [table.getAccessibleAt(0, c).name for c in range(table.nColumns)]
        check(len(cells) == 5 and cells[1] != "", f"its first line says {cells}")
    press(app, r"^Start \(Space\)$")
    time.sleep(2)
    before = [table.getAccessibleAt(r, 3).name for r in range(table.nRows)] if card is not None else []
    press(app, r": (each time|begin, end|out, back in|judge it)$")
    time.sleep(0.5)
    after = [table.getAccessibleAt(r, 3).name for r in range(table.nRows)] if card is not None else []
    check(before != after, f"a criterion is marked by its button, without its key: {before} -> {after}")
    press(app, r"^Done \(Space\)$")
    check(says(app, r"of 100\."), "what was seen is scored, in words")
    press(app, r"^Keep \(K\)$")
    check(says(app, "Kept as observed"), "the score is kept, and it says so")
    board = next((n for n in walk(app) if (n.name or "").startswith("Board page") and shown(n)), None)
    if check(board is not None, "the Board has a button with a name"):
        act(board, "Press", "Toggle")
        check(says(app, "practised in the last 7 days"), "the Board counts it: the way to the first score is behind")


def main():
    desktop = pyatspi.Registry.getDesktop(0)
    pyatspi.Registry.registerEventListener(hear, "object:property-change:accessible-value", "object:property-change:accessible-description")
    home = tempfile.TemporaryDirectory()
    folders = {f"XDG_{kind}_HOME": os.path.join(home.name, kind.lower()) for kind in ("CONFIG", "DATA", "CACHE")}
    program = subprocess.Popen([sys.argv[1]], stderr=subprocess.DEVNULL, env={**os.environ, **folders})
    try:
        app = None
        until = time.time() + 30
        while app is None and time.time() < until:
            time.sleep(0.3)
            app = next((a for a in desktop if a is not None and a.name == "bluehangar"), None)
        if check(app is not None, "the program is on the accessibility bus") and main_job(app):
            painted(app)
            press(app, "^By eye$", "check box")
            score_by_eye(app)
            tilt(app)
    finally:
        program.terminate()
        program.wait(20)
        home.cleanup()
    return 1 if failures else 0


if __name__ == "__main__":
    sys.exit(main())
