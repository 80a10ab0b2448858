// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/files.h"

#include "base/problem.h"
#include "base/text.h"

#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <sstream>
#include <unistd.h>

namespace keepseal {
namespace {

[[noreturn]] void cannotWrite(const std::filesystem::path& path, int error) {
    throw Problem(ProblemKind::CannotWrite, path.string(),
                  std::string("it can't be written: ") + std::strerror(error),
                  "Check the folder's permissions and the space left on the disk");
}

bool writeAll(int descriptor, const std::string& text) {
    std::size_t done = 0;
    while (done < text.size()) {
        const auto count = ::write(descriptor, text.data() + done, text.size() - done);
        if (count < 0 && errno != EINTR)
            return false;
        done += count > 0 ? static_cast<std::size_t>(count) : 0;
    }
    return ::fsync(descriptor) == 0;
}

std::filesystem::path xdgFolder(const char* variable, const char* fallback) {
    const char* given = std::getenv(variable);
    if (given && given[0] == '/')
        return std::filesystem::path(given) / "keep-seal";
    const char* home = std::getenv("HOME");
    return std::filesystem::path(home ? home : "/tmp") / fallback / "keep-seal";
}

} // namespace

nlohmann::json readJsonFile(const std::filesystem::path& path) {
    std::error_code error;
    if (!std::filesystem::exists(path, error))
        throw Problem(ProblemKind::NotFound, path.string(), "there is no such file", "Check the path");
    const auto size = std::filesystem::file_size(path, error);
    std::ifstream stream(path, std::ios::binary);
    std::ostringstream text;
    if (error || size > (64U << 20) || !(text << stream.rdbuf()))
        throw Problem(ProblemKind::CannotRead, path.string(), "the file can't be read");
    try {
        return nlohmann::json::parse(text.str());
    } catch (const nlohmann::json::exception& e) {
        throw Problem(ProblemKind::BadFile, path.string(), std::string("this is no valid JSON: ") + e.what());
    }
}

void writeTextFile(const std::filesystem::path& path, const std::string& text) {
    std::error_code error;
    if (path.has_parent_path())
        std::filesystem::create_directories(path.parent_path(), error);
    auto beside = path;
    beside += ".part";
    const int descriptor =
        ::open(beside.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC | O_NOFOLLOW, 0644);
    if (descriptor < 0)
        cannotWrite(path, errno);
    const bool written = writeAll(descriptor, text);
    const int writeError = errno;
    if (::close(descriptor) != 0 || !written || ::rename(beside.c_str(), path.c_str()) != 0) {
        const int why = written ? errno : writeError;
        ::unlink(beside.c_str());
        cannotWrite(path, why);
    }
}

void writeNewFile(const std::filesystem::path& path, ByteSpan bytes) {
    const int descriptor = ::open(path.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC | O_NOFOLLOW, 0644);
    if (descriptor < 0 && errno == EEXIST)
        throw Problem(ProblemKind::Refused, path.string(), "there is a file of that name already",
                      "Choose another name: nothing is ever replaced");
    if (descriptor < 0)
        cannotWrite(path, errno);
    const bool written = writeAll(descriptor, {reinterpret_cast<const char*>(bytes.data()), bytes.size()});
    const int error = errno;
    if (::close(descriptor) == 0 && written)
        return;
    ::unlink(path.c_str());
    cannotWrite(path, error);
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

std::filesystem::path stateFolder() {
    return xdgFolder("XDG_STATE_HOME", ".local/state");
}
std::filesystem::path configFolder() {
    return xdgFolder("XDG_CONFIG_HOME", ".config");
}
std::filesystem::path dataFolder() {
    return xdgFolder("XDG_DATA_HOME", ".local/share");
}

} // namespace keepseal
