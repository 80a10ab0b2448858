#!/usr/bin/env python3
# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
"""What a copy costs beside the bare work: CPU of each further picture, in turn, in one run.

bench/against_bare.py BUILD/bin JPEG...     three or more pictures of about 24 MP; start-up is left out
"""
import json
import os
import resource
import statistics
import subprocess
import sys
import tempfile

TIMES, FEW, MORE = 5, 3, 9
GALLERY = os.path.join(os.path.dirname(__file__), "..", "assets", "deliveries", "web-gallery.json")
ROWS = {
    "web": ["file.quality=90", "file.progressive=false"],
    "progressive": ["file.quality=90", "file.progressive=true"],
    "full": ["file.progressive=false", "fit.on=false", "finish.sharpen=false", "file.quality=92", "file.untouched=false"],
    "untouched": ["file.progressive=false", "fit.on=false"],
}


def cpu(words, environment):
    before = resource.getrusage(resource.RUSAGE_CHILDREN)
    ran = subprocess.run(words, env=environment, stdout=subprocess.DEVNULL, stderr=subprocess.PIPE, text=True)
    if ran.returncode:
        sys.exit(f"{words[0]} ended with {ran.returncode}: {ran.stderr}")
    after = resource.getrusage(resource.RUSAGE_CHILDREN)
    return after.ru_utime + after.ru_stime - before.ru_utime - before.ru_stime


def of_sizes(folder, sides, untouched):
    """Words for deliveries of these long sides, in pixels; 0: full size."""
    with open(GALLERY) as file:
        gallery = json.load(file)
    words = []
    for side in sides:
        gallery["name"] = f"{side} pixels"
        gallery["stations"]["fit"] = {"on": side > 0, "to": "long_side", "long_side": side or 2048}
        gallery["stations"]["file"] = {"progressive": False, "untouched": untouched}
        words += ["--delivery", os.path.join(folder, f"{side}-{untouched}.json")]
        with open(words[-1], "w") as file:
            json.dump(gallery, file)
    return words


def main(programs, given):
    with tempfile.TemporaryDirectory() as folder:
        state = {f"XDG_{kind}_HOME": folder for kind in ("STATE", "CONFIG", "DATA", "CACHE")}
        environment = {**os.environ, **state}
        cpu([os.path.join(programs, "keep-seal-cli"), "who", "--set", "studio=A name"], environment)  # rights ask for it
        pictures = []
        for i in range(MORE):  # links to the same few would be one picture for the register
            pictures.append(os.path.join(folder, "in", f"{i}.jpg"))
            os.makedirs(os.path.dirname(pictures[-1]), exist_ok=True)
            with open(given[i % len(given)], "rb") as source, open(pictures[-1], "wb") as copy:
                copy.write(source.read())

        def further(words):
            """Of MORE pictures against FEW, so that what a run costs by itself is left out."""
            def each(count):
                out = tempfile.mkdtemp(dir=folder)
                return cpu([word.replace("OUT", out) for word in words] + pictures[:count], environment)
            return (each(MORE) - each(FEW)) / (MORE - FEW)

        ours_with = [os.path.join(programs, "keep-seal-cli"), "stamp", "--quiet", "--workers", "1", "--out", "OUT"]
        for untouched in (False, True):
            ratios = []
            for _ in range(TIMES):
                *alone, together = (further(ours_with + of_sizes(folder, sides, untouched))
                                    for sides in ((0,), (2048,), (0, 2048, 1200)))
                ratios.append(together / max(alone))
            print(f"| full size ({'untouched' if untouched else 'anew'}), 2048 and 1200 px in one go, against the dearest alone "
                  f"| {min(ratios):.2f}x to {max(ratios):.2f}x, median {statistics.median(ratios):.2f}x |", flush=True)
        medians = {}
        for mode, settings in ROWS.items():
            bare, ours = [], []
            for _ in range(TIMES):
                bare.append(further([os.path.join(programs, "bare-work"), mode, "OUT"]))
                words = ["--delivery", GALLERY, "--set", "seal.text=A name"]
                ours.append(further(ours_with + words + [part for s in settings for part in ("--set", s)]))
            a, b = statistics.median(bare), statistics.median(ours)
            medians[mode] = a, b
            print(f"| {mode}: bare work, ours, CPU of each further picture | {a:.3f} s; {b:.3f} s; {b / a:.2f}x |")
        bare, ours = (medians["progressive"][i] - medians["web"][i] for i in (0, 1))
        print(f"| what coding progressively adds to a web copy: bare work, ours | {bare:.3f} s; {ours:.3f} s; {ours / bare:.2f}x |")


if __name__ == "__main__":
    if len(sys.argv) < 3:
        sys.exit(__doc__)
    main(sys.argv[1], sys.argv[2:])
