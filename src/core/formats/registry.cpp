// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/output_format.h"

#include "base/problem.h"
#include "picture/develop.h"

#include <algorithm>
#include <stdexcept>

namespace keepseal {

// Adding a format that ships with the program: its file, and its name here and in registry().
OutputFormat jpegFormat();
OutputFormat pngFormat();
OutputFormat tiffFormat();
OutputFormat webpFormat();
OutputFormat avifFormat();
OutputFormat jpegXlFormat();
OutputFormat pdfFormat();

namespace {

struct Registry {
    std::deque<OutputFormat> formats;
    bool asked = false;
};

Registry& registry() {
    static Registry out{
        {jpegFormat(), pngFormat(), tiffFormat(), webpFormat(), avifFormat(), jpegXlFormat(), pdfFormat()}};
    return out;
}

} // namespace

const std::deque<OutputFormat>& outputFormats() {
    registry().asked = true;
    return registry().formats;
}

const OutputFormat& outputFormat(std::string_view key) {
    std::string all;
    for (const auto& format : outputFormats()) {
        if (format.key == key)
            return format;
        all += (all.empty() ? "" : ", ") + format.key;
    }
    throw Problem(ProblemKind::BadSetting, std::string(key), "there is no such format",
                  Saying("One of {all}", {{"all", all}}));
}

void addOutputFormat(OutputFormat format) {
    auto& all = registry();
    if (all.asked)
        throw std::logic_error("formats are added before they are asked for: " + format.key);
    if (std::any_of(all.formats.begin(), all.formats.end(),
                    [&](const auto& there) { return there.key == format.key; }))
        throw std::logic_error("there is a format of that key: " + format.key);
    all.formats.push_back(std::move(format));
}

CopyReadBack readBoxesBack(const ByteSource& copy, Container expected) {
    auto out = readPictureBack(copy, expected);
    std::uint64_t at = 0;
    while (at + 8 <= copy.size()) {
        const auto head = copy.bytes(at, 4);
        const std::uint64_t length =
            head.size() == 4 ? std::uint64_t(head[0]) << 24 | head[1] << 16 | head[2] << 8 | head[3] : 0;
        if (length < 8) // we write no other
            break;
        at += length;
    }
    if (at != copy.size() && out.fault.empty())
        out.fault = "it is not whole";
    return out;
}

CopyReadBack readPictureBack(const ByteSource& copy, Container expected) {
    CopyReadBack out;
    out.report = inspect(copy);
    try {
        const auto facts = readFacts(copy, "the copy");
        out.size = facts.stored;
        if (facts.container != expected)
            out.fault = "its format";
        else if (facts.orientation != 1)
            out.fault = "its orientation";
    } catch (const Problem& problem) {
        out.fault = problem.happened;
    }
    return out;
}

} // namespace keepseal
