#!/usr/bin/env python3
# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
"""What assistive technology gets of the running program, over the desktop's accessibility bus; as JSON.

at_spi.py PROGRAM WORDS...    on a session bus of its own
"""
import json
import os
import subprocess
import sys
import time

import gi

gi.require_version("Atspi", "2.0")
from gi.repository import Atspi, GLib  # noqa: E402

MOST, PATIENCE = 60, 60  # children of one; seconds


def children(of):
    return [child for child in (of.get_child_at_index(i) for i in range(min(of.get_child_count(), MOST))) if child]


def everything(of, depth=0):
    yield of
    if depth < 2 or of.get_state_set().contains(Atspi.StateType.SHOWING):
        for child in children(of):
            yield from everything(child, depth + 1)


def until(what):
    end = time.monotonic() + PATIENCE
    while time.monotonic() < end:
        found = what()
        if found:
            return found
        time.sleep(0.2)
    sys.exit("it did not come")


def called(root, name, role=None):
    return next((one for one in everything(root)
                 if one.get_name().strip() == name and role in (None, one.get_role_name())), None)


def heard():
    """What it announces of its own, as it comes."""
    texts = []
    listener = Atspi.EventListener.new(lambda event: texts.append(str(event.any_data)))
    listener.register("object:announcement")
    return listener, texts


def look(program):
    listener, texts = heard()
    root = until(lambda: next((app for app in children(Atspi.get_desktop(0)) if app.get_process_id() == program.pid), None))
    wall = until(lambda: (wall := called(root, "Proof wall")) and wall.get_child_count() > 0 and wall)
    until(lambda: all("being read" not in child.get_name() for child in children(wall)))
    second = wall.get_child_at_index(1)
    second.get_action_iface().do_action(0)
    until(lambda: second.get_state_set().contains(Atspi.StateType.SELECTED))
    shown = [one for one in everything(root) if one.get_state_set().contains(Atspi.StateType.SHOWING)]
    opacity = called(root, "Opacity", "slider").get_value_iface()
    tick = called(root, "Put the seal on", "check box")
    was = tick.get_state_set().contains(Atspi.StateType.CHECKED)
    tick.get_action_iface().do_action(0)
    until(lambda: tick.get_state_set().contains(Atspi.StateType.CHECKED) != was)
    until(lambda: called(root, "Stamp 3 copies"))
    called(root, "Stamp 3 copies").get_action_iface().do_action(0)

    def said(words):
        while GLib.MainContext.default().iteration(False):
            pass
        return any(words in text for text in texts)

    until(lambda: said("copies made and checked"))
    return {
        "heard": texts,
        "pictures": [child.get_name() for child in children(wall)],
        "roles": sorted({child.get_role_name() for child in children(wall)}),
        "seen": len(shown),
        "nameless": [one.get_role_name() for one in shown
                     if one.get_state_set().contains(Atspi.StateType.FOCUSABLE) and not one.get_name().strip()],
        "opacity": [opacity.get_minimum_value(), opacity.get_current_value(), opacity.get_maximum_value()],
    }


def main():
    Atspi.init()
    program = subprocess.Popen(sys.argv[1:], env={**os.environ, "QT_LINUX_ACCESSIBILITY_ALWAYS_ON": "1"})
    try:
        print(json.dumps(look(program)))
    finally:
        program.terminate()
        program.wait()


main()
