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

std::string deliveryEntry(std::size_t number) {
    return "delivery-" + std::to_string(number + 1) + ".json";
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

fs::path keepBeside(const fs::path& folder, const std::string& name, const Bytes& bytes) {
    const auto print = fingerprint(ByteSpan(bytes)).substr(0, 12) + "-";
    const auto plain = plainName(name); // which has its fingerprint already when it travelled before
    const auto known = plain.starts_with(print) ? plain : print + plain;
    std::error_code error;
    for (int number = 1;; ++number) {
        const auto kept = folder / (number == 1 ? known : std::to_string(number) + "-" + known);
        if (!fs::exists(kept, error)) {
            makeFolder(folder);
            writeNewFile(kept, bytes);
            return kept;
        }
        if (readAll(kept) == bytes)
            return kept;
    }
}

void keepTypeface(const fs::path& folder, const std::string& name, const Bytes& bytes,
                  std::set<std::string>& fresh, std::vector<std::string>& left) {
    std::error_code error;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        if (it->is_regular_file(error) && readAll(it->path()) == bytes)
            return; // the very same
    const auto kept = keepBeside(folder, name, bytes);
    try {
        const auto family = familyOfTypeface(kept);
        if (fresh.contains(family) || !hasTypeface(family)) {
            useTypeface(kept);
            fresh.insert(family);
            return;
        }
        left.push_back(family);
        fs::remove(kept, error);
    } catch (const Problem&) {
        fs::remove(kept, error);
        throw;
    }
}

} // namespace keepseal
