// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/exception.h"

#include "delivery/rows.h"

#include "base/json_text.h"
#include "base/problem.h"
#include "base/text.h"

#include <algorithm>

namespace keepseal {

using nlohmann::json;

namespace {

[[noreturn]] void wrong(const std::string& path, const json& value, const std::string& allowed) {
    throw Problem(ProblemKind::BadSetting, path,
                  Saying("{value} is not allowed", {{"value", shownJson(value)}}),
                  Saying("Allowed: {allowed}", {{"allowed", allowed}}));
}

TurnException turnFromJson(const json& object, const std::string& path) {
    TurnException out;
    if (!object.is_object())
        wrong(path, object, "an object");
    if (const auto turns = object.find("quarter"); turns != object.end()) {
        if (!turns->is_number_integer())
            wrong(path + ".quarter", *turns, "0, 90, 180 or 270");
        out.quarterTurns = static_cast<int>(((turns->get<std::int64_t>() / 90) % 4 + 4) % 4);
    }
    if (const auto angle = object.find("angle"); angle != object.end()) {
        if (!angle->is_number() || std::abs(angle->get<double>()) > 45)
            wrong(path + ".angle", *angle, "-45 to 45");
        out.angle = angle->get<double>();
    }
    if (const auto crop = object.find("crop"); crop != object.end()) {
        const auto isShare = [](const json& v) {
            return v.is_number() && v.get<double>() >= 0 && v.get<double>() <= 1;
        };
        if (!crop->is_array() || crop->size() != 4 || !std::all_of(crop->begin(), crop->end(), isShare) ||
            (*crop)[2].get<double>() <= 0 || (*crop)[3].get<double>() <= 0)
            wrong(path + ".crop", *crop, "left, top, width and height as shares from 0 to 1");
        out.crop = Box{(*crop)[0], (*crop)[1], (*crop)[2], (*crop)[3]};
    }
    return out;
}

FieldValues wordsFromJson(const json& object, const std::string& path) {
    FieldValues out;
    if (!object.is_object())
        wrong(path, object, "an object");
    for (const auto& [key, saved] : object.items()) {
        const auto* field = metadataField(key);
        if (!field || field->placeField || !saved.is_object())
            wrong(path + "." + key, saved, "values of fields that may be written");
        auto& value = out[key];
        try {
            value.items = saved.value("value", std::vector<std::string>{});
            value.languages = saved.value("languages", std::map<std::string, std::string>{});
        } catch (const json::exception&) {
            wrong(path + "." + key, saved, "a list of texts, and texts by language");
        }
    }
    return out;
}

/// Words about kinds that a newer version knows are passed over: they accept nothing here.
std::vector<AcceptedIn> acceptedFromJson(const json& list, const std::string& path) {
    std::vector<AcceptedIn> out;
    for (const auto& saved : list) {
        if (!saved.is_object() || !saved.contains("kind") || !saved["kind"].is_string())
            wrong(path, saved, "kinds of notes with their subjects");
        const auto* row = noteRow(saved["kind"].get<std::string>());
        if (row && row->acceptable)
            out.push_back({row->kind, saved.value("subject", std::string{}),
                           saved.value("delivery", std::uint64_t{0})});
    }
    std::sort(out.begin(), out.end());
    return out;
}

} // namespace

std::vector<Acceptance> acceptedIn(std::uint64_t delivery, const PictureException& exception) {
    std::vector<Acceptance> out;
    for (const auto& word : exception.accepted)
        if (word.delivery == 0 || word.delivery == delivery)
            out.push_back({word.kind, word.subject});
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

PictureException exceptionIn(std::uint64_t delivery, PictureException exception) {
    const auto here = acceptedIn(delivery, exception);
    exception.accepted.clear();
    for (const auto& word : here)
        exception.accepted.push_back({word.kind, word.subject});
    return exception;
}

std::string describe(const PictureException& exception) {
    std::vector<std::string> words;
    if (exception.turn.quarterTurns)
        words.push_back(turnedWords(exception.turn.quarterTurns));
    if (exception.turn.angle)
        words.push_back(straightenedWords(*exception.turn.angle));
    if (exception.turn.crop)
        words.push_back(said("cropped by hand"));
    if (const auto seal = describe(exception.seal); !seal.empty())
        words.push_back(seal);
    for (const auto& [key, value] : exception.words)
        if (const auto* field = metadataField(key))
            words.push_back(
                Saying(value.empty() ? "{field} left out" : "{field} typed", {{"field", field->label}})
                    .said());
    if (exception.leftOut)
        words.push_back(said("left out"));
    if (exception.stampAgain)
        words.push_back(said("stamped again"));
    if (!exception.accepted.empty())
        words.push_back(said("delivered all the same"));
    return saidTogether(words);
}

json toJson(const PictureException& exception) {
    json out = toJson(exception.seal);
    auto turn = json::object();
    if (exception.turn.quarterTurns)
        turn["quarter"] = exception.turn.quarterTurns * 90;
    if (exception.turn.angle)
        turn["angle"] = *exception.turn.angle;
    if (const auto& crop = exception.turn.crop)
        turn["crop"] = {crop->x, crop->y, crop->width, crop->height};
    if (!turn.empty())
        out["turn"] = turn;
    for (const auto& [key, value] : exception.words) {
        out["words"][key]["value"] = value.items;
        if (!value.languages.empty())
            out["words"][key]["languages"] = value.languages;
    }
    if (exception.leftOut)
        out["left_out"] = true;
    if (exception.stampAgain)
        out["stamp_again"] = true;
    for (const auto& word : exception.accepted) {
        json saved = {{"kind", rowOf(word.kind).key}, {"subject", word.subject}};
        if (word.delivery != 0)
            saved["delivery"] = word.delivery;
        out["accepted"].push_back(std::move(saved));
    }
    return out;
}

PictureException pictureExceptionFromJson(const json& object, const std::string& path) {
    PictureException out;
    out.seal = exceptionFromJson(object, path);
    if (const auto turn = object.find("turn"); turn != object.end())
        out.turn = turnFromJson(*turn, path + "turn");
    if (const auto words = object.find("words"); words != object.end())
        out.words = wordsFromJson(*words, path + "words");
    const auto readSwitch = [&](const char* key, bool& value) {
        const auto saved = object.find(key);
        if (saved == object.end())
            return;
        if (!saved->is_boolean())
            wrong(path + key, *saved, "true or false");
        value = saved->get<bool>();
    };
    readSwitch("stamp_again", out.stampAgain);
    readSwitch("left_out", out.leftOut);
    if (const auto accepted = object.find("accepted"); accepted != object.end())
        out.accepted = acceptedFromJson(*accepted, path + "accepted");
    return out;
}

} // namespace keepseal
