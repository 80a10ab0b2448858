// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/json_text.h"

#include "base/problem.h"
#include "base/text.h"

#include <nlohmann/json.hpp>

#include <fstream>

namespace keepseal {

using nlohmann::json;

namespace {

[[noreturn]] void pastLimit(const std::string& subject, const std::string& what) {
    throw Problem(ProblemKind::BadFile, subject, Saying("it is not read: {what}", {{"what", what}}),
                  "Files of Keep Seal are far smaller; ask for it again from where it came");
}

} // namespace

json parseJson(std::string_view text, const std::string& subject, const JsonLimits& limits) {
    if (text.size() > limits.bytes)
        pastLimit(subject, "it is larger than " + std::to_string(limits.bytes >> 20) + " MB");
    std::size_t values = 0;
    const auto watch = [&](int depth, json::parse_event_t event, json& value) {
        if (depth > limits.depth)
            pastLimit(subject, "its parts lie more than " + std::to_string(limits.depth) + " deep");
        if ((event == json::parse_event_t::value || event == json::parse_event_t::key) &&
            ++values > limits.values)
            pastLimit(subject, "it holds more than " + std::to_string(limits.values) + " values");
        if (value.is_string() && value.get_ref<const std::string&>().size() > limits.text)
            pastLimit(subject, "a text in it is longer than " + std::to_string(limits.text >> 10) + " kB");
        return true;
    };
    try {
        return json::parse(text.begin(), text.end(), watch);
    } catch (const json::exception& e) {
        throw Problem(ProblemKind::BadFile, subject,
                      Saying("this is no valid JSON: {reason}", {{"reason", e.what()}}));
    }
}

json readJsonFile(const std::filesystem::path& path, const JsonLimits& limits) {
    std::error_code error;
    if (!std::filesystem::exists(path, error))
        throw Problem(ProblemKind::NotFound, path.string(), "there is no such file", "Check the path");
    const auto size =
        std::filesystem::is_regular_file(path, error) ? std::filesystem::file_size(path, error) : 0;
    if (size > limits.bytes)
        pastLimit(path.string(), "it is larger than " + std::to_string(limits.bytes >> 20) + " MB");
    std::ifstream stream(path, std::ios::binary);
    std::string text(size, '\0');
    if (error || size == 0 || !stream.read(text.data(), static_cast<std::streamsize>(size)))
        throw Problem(ProblemKind::CannotRead, path.string(), "the file can't be read");
    return parseJson(text, path.string(), limits);
}

std::string shownJson(const json& value) {
    const auto text = value.dump(-1, ' ', false, json::error_handler_t::replace);
    return text.size() > 80 ? cutUtf8(text, 80) + "..." : text;
}

std::uint64_t versionIn(const json& document) {
    const auto version = document.is_object() ? document.find("version") : document.end();
    if (version == document.end() || !version->is_number_integer())
        return 0;
    if (version->is_number_unsigned())
        return version->get<std::uint64_t>();
    const auto number = version->get<std::int64_t>();
    return number > 0 ? static_cast<std::uint64_t>(number) : 0;
}

} // namespace keepseal
