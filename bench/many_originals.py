#!/usr/bin/env python3
# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
"""Makes many originals with rich metadata: bench/many_originals.py PICTURE FOLDER COUNT

Each is PICTURE, made small, with about 100 kB of Exif, IPTC and XMP and a preview of its own, as editors and
cameras leave them; title and caption differ. What is there already stays.
"""
import pathlib
import subprocess
import sys

MARK = b"ORIGINAL-000000"


def rich(picture: pathlib.Path, into: pathlib.Path) -> None:
    small, preview = into.with_suffix(".small.jpg"), into.with_suffix(".preview.jpg")
    for side, file in ((1600, small), (480, preview)):
        subprocess.run(["vipsthumbnail", str(picture), "-s", str(side), "-o", f"{file}[Q=80,strip]"], check=True)
    mark = MARK.decode()
    tags = [f"-Title={mark}", f"-Caption-Abstract=The boats of {mark} come home with the tide. " + "Low sun, wet sand. " * 40,
            f"-XMP-dc:Description=The boats of {mark} come home with the tide. " + "Low sun, wet sand. " * 200,
            "-Make=Tern", "-Model=Tern 7", "-LensModel=Tern 35mm", "-SerialNumber=77120", "-ISO=200", "-FNumber=5.6",
            "-DateTimeOriginal=2026:05:01 10:20:30", "-Creator=Ada Holm", "-Rights=(c) Ada Holm", "-Rating=3",
            "-GPSLatitude=54.12", "-GPSLatitudeRef=N", "-GPSLongitude=3.45", "-GPSLongitudeRef=W",
            "-XMP-photoshop:City=Heronsluice", "-UserComment=" + "steps of an editor; " * 1500]
    tags += [f"-Keywords={word}" for word in ("boats", "tide", "sand", "evening", "harbour", "gulls", "nets", "rope")]
    tags += [f"-XMP-dc:Subject={word}" for word in ("boats", "tide", "sand", "evening", "harbour", "gulls", "nets", "rope")]
    tags += [f"-XMP-xmpMM:History+={{action=saved,when=2026-05-01T10:{n % 60:02}:00,softwareAgent=Editor {n}}}" for n in range(120)]
    subprocess.run(["exiftool", "-q", "-overwrite_original", f"-ThumbnailImage<={preview}", *tags, str(small)], check=True)
    preview.unlink()
    small.rename(into)


def main() -> None:
    picture, folder, count = pathlib.Path(sys.argv[1]), pathlib.Path(sys.argv[2]), int(sys.argv[3])
    folder.mkdir(parents=True, exist_ok=True)
    pattern = folder.parent / "pattern.jpg"
    if not pattern.exists():
        rich(picture, pattern)
    data = pattern.read_bytes()
    for n in range(count):
        file = folder / f"{n // 1000:03}" / f"boats_{n:06}.jpg"
        if not file.exists():
            file.parent.mkdir(exist_ok=True)
            file.write_bytes(data.replace(MARK, f"ORIGINAL-{n:06}".encode()))
    print(f"{count} originals of {len(data)} bytes in {folder}")


main()
