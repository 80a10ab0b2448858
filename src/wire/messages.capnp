# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
# What programs ask of a worker process and what it answers. Values only: files come as descriptors beside a request,
# pixels go back in shared memory beside an answer. Both ends are built together, so nothing here is kept compatible.
@0xd3f1a6b27c9e4f05;

using Cxx = import "/capnp/c++.capnp";
$Cxx.namespace("keepseal::messages");

struct Size { width @0 :Int32; height @1 :Int32; }
struct Box { x @0 :Float64; y @1 :Float64; width @2 :Float64; height @3 :Float64; }

# Of picture/develop.h; enumerations go as their numbers and are looked at when they arrive.
struct Facts {
  container @0 :UInt16;
  stored @1 :Size;
  size @2 :Size;
  orientation @3 :Int32;
  bits @4 :Int32;
  channels @5 :Int32;
  hasAlpha @6 :Bool;
  hasProfile @7 :Bool;
  pages @8 :Int32;
  colour @9 :Text;
  pixelsPerMm @10 :Float64;
  wholeAtOnce @11 :Bool;
  page @12 :Int32;
  raw @13 :UInt16;
  keepsBlocks @14 :Bool;
  srgb @15 :Bool;
  perColour @16 :Size; # of a JPEG: pixels for one sample of colour; 0: there are none, or they are unlike
}

struct FactsOfFile { first @0 :Facts; further @1 :List(Facts); cameras @2 :Facts; }

struct Space { profile @0 :Data; name @1 :Text; }

struct Wish {
  upright @0 :Size;
  turned @1 :Size;
  quarterTurns @2 :Int32;
  flip @3 :Bool;
  angle @4 :Float64;
  cut @5 :Box;
  kept @6 :Box;
  target @7 :Size;
  resampling @8 :UInt16;
  deep @9 :Bool;
  keepAlpha @10 :Bool;
  background @11 :UInt32;
  space @12 :Space;
  ownSpace @13 :Bool;
  intent @14 :UInt16;
  linearLight @15 :Bool;
}

# Of picture/untouched.h.
struct Changed { x @0 :Int32; y @1 :Int32; size @2 :Size; cells @3 :Data; } # its pixels: beside the request

struct Argument { name @0 :Text; value @1 :Text; }
struct Note { kind @0 :Text; subject @1 :Text; arguments @2 :List(Argument); }
# Of base/language.h: without values, the text itself.
struct Words { text @0 :Text; values @1 :List(Argument); }
struct Problem { kind @0 :Text; subject @1 :Text; happened @2 :Words; remedy @3 :Words; }

# Of privacy/report.h.
struct ExifValue { ifd @0 :UInt16; tag @1 :UInt16; type @2 :Int32; count @3 :UInt32; bytes @4 :Data; }
struct Finding {
  where @0 :Text;
  name @1 :Text;
  value @2 :Text;
  category @3 :UInt16;
  tellsPlace @4 :Bool;
  offset @5 :UInt64;
  text @6 :Text;
  language @7 :Text;
  notUtf8 @8 :Bool;
  exif @9 :ExifValue;
}
struct NotSearched { where @0 :Text; what @1 :Words; }
struct Preview { offset @0 :UInt64; length @1 :UInt64; }
struct Report {
  container @0 :UInt16;
  bytes @1 :UInt64;
  findings @2 :List(Finding);
  previews @3 :List(Preview);
  notSearched @4 :List(NotSearched);
  hasPoint @5 :Bool;
  latitude @6 :Float64;
  longitude @7 :Float64;
  secrets @8 :List(Data);
}

struct Request {
  name @0 :Text;    # of the file, for problems
  memory @1 :UInt64; # bytes that answering may take
  union {
    readFacts @2 :Void;
    inspect :group { headersOnly @3 :Bool; }
    inspectXmp @4 :Void;
    sniff :group { ending @5 :Text; }
    develop :group { facts @6 :Facts; wish @7 :Wish; decoded @8 :UInt32; } # decoded: 0, or as answered to `decode`
    decode :group { facts @9 :Facts; shrink @10 :Int32; }
    forget @11 :UInt32;
    embeddedSpace @12 :Facts;
    readProfile @13 :Void;
    readLogo :group { page @14 :Int32; }
    drawLogo :group { page @15 :Int32; native @16 :Size; size @17 :Size; }
    # A JPEG's coefficients, until they are stamped or forgotten; decoded as well, shrunk by this (0: not).
    hold :group { facts @18 :Facts; decodeAt @25 :Int32; allAnew @28 :Bool; } # all anew: every block will be read
    pixelsOf :group { held @19 :UInt32; x @20 :Int32; y @21 :Int32; size @22 :Size; }
    # It is forgotten by that. Quality: of all tables, 1 to 100, and pixels for one sample of colour; 0: as they are.
    stamp :group { held @23 :UInt32; changed @24 :Changed; quality @26 :Int32; perColour @27 :Size; }
  }
}

struct Answer {
  union {
    ready :group { fileSystem @0 :Int32; calls @1 :Bool; } # which locks hold: Landlock's version (0: none), seccomp
    problem @2 :Problem;
    facts @3 :FactsOfFile;
    report @4 :Report;
    sniffed :group { kind @5 :UInt16; container @6 :UInt16; name @7 :Text; }
    # In shared memory: R G B; in another, the opacity.
    frame :group { size @8 :Size; deep @9 :Bool; alpha @10 :Bool; space @11 :Space; notes @12 :List(Note); }
    decoded @13 :UInt32;
    space @14 :Space;  # null: there is none
    # In shared memory: a bitmap's R G B A.
    logo :group { vector @15 :Bool; native @16 :Size; kept @17 :Size; }
    drawing @18 :Size; # in shared memory: B G R A
    done @19 :Void;
    stamped @20 :UInt64; # bytes of a JPEG, in shared memory
    held :group { number @21 :UInt32; coarse @22 :Size; decoded @23 :UInt32; } # in shared memory: R G B; decoded: 0: not
  }
}
