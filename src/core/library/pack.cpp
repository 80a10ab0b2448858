// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/pack.h"

#include "base/files.h"
#include "base/fingerprint.h"
#include "base/problem.h"
#include "base/text.h"
#include "picture/original.h"
#include "seal/logo.h"
#include "text/typefaces.h"

namespace keepseal {

namespace fs = std::filesystem;

namespace {

constexpr std::uint64_t kMostBytes = 64ULL << 20;

} // namespace

Bytes readAll(const fs::path& file) {
    const Original source(file); // reading only
    return source.bytes(0, std::min<std::uint64_t>(source.size(), kMostBytes));
}

void writeBytes(const fs::path& file, const Bytes& bytes) {
    writeTextFile(file, std::string(bytes.begin(), bytes.end()));
}

bool isShipped(const std::string& file) {
    return file.starts_with("shipped:") || file == kMyEmblem;
}

/// A name from inside a zip or a library, made a plain one: "../../x" can't be written to.
std::string plainName(const std::string& name) {
    return fs::path(name).filename().string();
}

std::set<std::string> familiesOf(const SealDesign& design) {
    std::set<std::string> out;
    for (const auto& part : design.parts)
        if (part.kind == PartKind::Text)
            out.insert(part.text.family);
    return out;
}

std::string packFile(const std::string& folder, const std::string& file, ZipFiles& files) {
    const auto bytes = readAll(file);
    auto name = plainName(file);
    for (int number = 2; files.contains(folder + name) && files[folder + name] != bytes; ++number)
        name = std::to_string(number) + "-" + plainName(file);
    files[folder + name] = bytes;
    return folder + name;
}

void packLogos(SealDesign& design, ZipFiles& files) {
    forEachLogo(design, [&files](const std::string& logo) {
        return logo == kMyEmblem ? logo : packFile("logos/", logoPath(logo).string(), files);
    });
}

void packTypefaces(const std::set<std::string>& families, ZipFiles& files) {
    for (const auto& family : families)
        for (const auto& font : addedTypefaceFiles(family))
            files["fonts/" + font.filename().string()] = readAll(font);
}

void unpackLogos(SealDesign& design, const ZipFiles& files, const fs::path& folder, const fs::path& zip) {
    forEachLogo(design, [&](const std::string& logo) {
        if (isShipped(logo))
            return logo;
        const auto bytes = files.find(logo);
        if (bytes == files.end()) // a path on the sharer's machine, or on ours: never followed
            throw Problem(ProblemKind::Refused, zip.string(),
                          "its logo \"" + printable(logo) + "\" is not in it",
                          "Ask for the file again from where it came");
        const auto name = fingerprint(ByteSpan(bytes->second)).substr(0, 12) + "-" + plainName(logo);
        const auto kept = folder / "logos" / name;
        writeBytes(kept, bytes->second);
        try {
            loadLogo(kept.string());
        } catch (const Problem&) {
            std::error_code ignored;
            fs::remove(kept, ignored);
            throw;
        }
        return kept.string();
    });
}

void unpackTypefaces(const ZipFiles& files, const fs::path& folder) {
    for (const auto& [name, bytes] : files)
        if (name.starts_with("fonts/")) {
            const auto kept = folder / "fonts" / plainName(name);
            std::error_code error;
            if (!fs::exists(kept, error))
                writeBytes(kept, bytes);
            try {
                useTypeface(kept);
            } catch (const Problem&) {
                fs::remove(kept, error);
                throw;
            }
        }
}

} // namespace keepseal
