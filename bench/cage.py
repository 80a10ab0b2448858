#!/usr/bin/env python3
"""What the worker processes cost: the same run with the readers in the program itself and in workers, in turn.

  bench/cage.py BIN PICTURES [ROUNDS]

Prints CPU (all processes) and wall time as ratios of the medians, for web copies and for copies of full size.
"""
import resource
import shutil
import statistics
import subprocess
import sys
import tempfile
import time


def run(program, pictures, side, workers):
    out = tempfile.mkdtemp()
    before = resource.getrusage(resource.RUSAGE_CHILDREN)
    start = time.monotonic()
    try:
        subprocess.run([program, pictures, out, str(side), str(workers)], check=True, stdout=subprocess.DEVNULL)
    finally:
        shutil.rmtree(out, ignore_errors=True)
    after = resource.getrusage(resource.RUSAGE_CHILDREN)
    cpu = after.ru_utime + after.ru_stime - before.ru_utime - before.ru_stime
    return cpu, time.monotonic() - start


def main():
    binaries, pictures = sys.argv[1:3]
    rounds = int(sys.argv[3]) if len(sys.argv) > 3 else 5
    for name, side in (("web copy, 2048 px", 2048), ("full size", 0)):
        taken = {"threads": [], "workers": []}
        for _ in range(rounds):
            for how in taken:
                taken[how].append(run(f"{binaries}/run-in-{how}", pictures, side, 2))
        ratios = [statistics.median(t[i] for t in taken["workers"]) / statistics.median(t[i] for t in taken["threads"])
                  for i in (0, 1)]
        print(f"workers against threads, {name}: {ratios[0]:.3f} x CPU, {ratios[1]:.3f} x time")


main()
