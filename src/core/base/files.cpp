// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/files.h"

#include "base/json_text.h"
#include "base/problem.h"
#include "base/text.h"
#include "base/writer.h"

#include <cstdlib>

namespace keepseal {

nlohmann::json readJsonFile(const std::filesystem::path& path) {
    return readJsonFile(path, JsonLimits{});
}

void writeTextFile(const std::filesystem::path& path, const std::string& text) {
    writeNamedFile(path, text, {});
}

void writeNamedFile(const std::filesystem::path& path, const std::string& text,
                    const Untouchable& untouchable) {
    writeWhole(path, {reinterpret_cast<const std::uint8_t*>(text.data()), text.size()}, Existing::Replace,
               untouchable);
}

void writeNewFile(const std::filesystem::path& path, ByteSpan bytes) {
    writeWhole(path, bytes, Existing::Refuse);
}

nlohmann::json pathToJson(const std::filesystem::path& path) {
    const auto& bytes = path.native();
    if (isUtf8(bytes))
        return bytes;
    return {{"hex", hexText(reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size())}};
}

std::filesystem::path pathFromJson(const nlohmann::json& json) {
    if (json.is_string())
        return json.get<std::string>();
    const auto hex = json.at("hex").get<std::string>();
    std::string bytes;
    for (std::size_t i = 0; i + 1 < hex.size(); i += 2)
        bytes += static_cast<char>(std::strtol(hex.substr(i, 2).c_str(), nullptr, 16));
    return bytes;
}

} // namespace keepseal
