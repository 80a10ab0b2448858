// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/run_request.h"

#include "cli/print.h"
#include "cli/word_commands.h"

#include "base/text.h"
#include "job/job.h"
#include "recognise/come_again.h"

#include <algorithm>
#include <csignal>
#include <iostream>

namespace keepseal::cli {

namespace fs = std::filesystem;
using nlohmann::json;

std::atomic<bool> stopRequested{false};
static_assert(std::atomic<bool>::is_always_lock_free, "set from a signal handler");

namespace {

void onInterrupt(int) {
    stopRequested = true;
}

/// A saved job brings its originals, exceptions and ticked deliveries.
void takeJob(const StampOptions& options, Job& job, std::vector<fs::path>& paths,
             std::vector<Delivery>& deliveries, std::vector<std::uint64_t>& numbers, Exceptions& exceptions) {
    job = loadJob(options.job);
    for (const auto& original : job.originals) {
        paths.push_back(original.path);
        if (!original.exception.empty())
            exceptions[original.path] = original.exception;
    }
    if (!options.delivery.files.empty())
        return;
    deliveries.clear();
    for (const auto& item : job.deliveries)
        if (item.inNextRun) {
            deliveries.push_back(item.delivery);
            numbers.push_back(item.number);
            if (!options.out.empty())
                deliveries.back().place.folder = options.out;
        }
}

/// By the day and time they were taken; those that do not say come last, as they were.
void orderByTaken(std::vector<fs::path>& files) {
    std::vector<std::pair<std::string, fs::path>> keyed;
    for (auto& file : files)
        keyed.emplace_back(readOriginalFacts(file)->metadata.takenAt, std::move(file));
    std::stable_sort(keyed.begin(), keyed.end(), [](const auto& a, const auto& b) {
        return a.first.empty() != b.first.empty() ? b.first.empty() : a.first < b.first;
    });
    for (std::size_t i = 0; i < keyed.size(); ++i)
        files[i] = std::move(keyed[i].second);
}

void order(std::vector<fs::path>& files, const std::string& by) {
    if (by == "taken")
        orderByTaken(files);
    else if (by == "name")
        std::stable_sort(files.begin(), files.end(), [](const fs::path& a, const fs::path& b) {
            return naturalLess(a.filename().string(), b.filename().string());
        });
}

/// "KIND" or "KIND=SUBJECT": accepted for all pictures.
std::vector<AcceptedIn> acceptedOf(const std::vector<std::string>& typed) {
    std::vector<AcceptedIn> out;
    for (const auto& text : typed) {
        const auto equals = text.find('=');
        const auto* row = noteRow(text.substr(0, equals));
        if (!row || !row->acceptable)
            throw Problem(ProblemKind::BadSetting, "deliver-all-the-same",
                          Saying("\"{text}\" is nothing that can be accepted", {{"text", text}}),
                          "'keep-seal-cli settings --notes' lists what holds copies back");
        out.push_back({row->kind, equals == std::string::npos ? std::string("*") : text.substr(equals + 1)});
    }
    std::sort(out.begin(), out.end());
    return out;
}

} // namespace

void stopOnSignals() {
    std::signal(SIGINT, onInterrupt);
    std::signal(SIGTERM, onInterrupt);
}

namespace {

/// How many.
std::size_t leaveOutWhatCameAgain(std::vector<fs::path>& files, const std::vector<Delivery>& deliveries,
                                  const RunOutput& output) {
    const auto before = files.size();
    for (const auto& again : comeAgain(files, deliveries)) {
        (output.json ? std::cerr : std::cout) << Saying("{file}: the same bytes as {other}, whose copies "
                                                        "were made on {day}; nothing is made again",
                                                        {{"file", shown(again.file)},
                                                         {"other", shown(again.before)},
                                                         {"day", again.made.substr(0, 10)}})
                                                     .said()
                                              << "\n";
        std::erase(files, again.file);
    }
    return before - files.size();
}

} // namespace

Prepared prepare(const StampOptions& options) {
    auto deliveries = readDeliveries(options.delivery, options.out);
    std::vector<fs::path> paths(options.pictures.paths.begin(), options.pictures.paths.end());
    Exceptions exceptions;
    std::vector<std::uint64_t> numbers; // a job's own
    Job job;
    if (!options.job.empty())
        takeJob(options, job, paths, deliveries, numbers, exceptions);
    if (paths.empty())
        throw Problem(ProblemKind::BadSetting, "paths", "there is no picture to work on",
                      "Name pictures, folders or a job");
    const auto who = whoOf(options.delivery, job.who);
    for (auto& delivery : deliveries)
        delivery = withWho(std::move(delivery), who);
    Prepared out;
    out.gathered = gather(paths, {options.pictures.recursive, options.again, &stopRequested});
    order(out.gathered.files, options.pictures.order);
    if (options.once)
        out.cameAgain = leaveOutWhatCameAgain(out.gathered.files, deliveries, options.output);
    const auto accepted = acceptedOf(options.accepted);
    for (const auto& file : out.gathered.files) {
        if (options.again)
            exceptions[file].stampAgain = true;
        if (!accepted.empty()) {
            auto& known = exceptions[file].accepted;
            known.insert(known.end(), accepted.begin(), accepted.end());
        }
    }
    if (!options.words.empty())
        takeWords(options.words, out.gathered.files, exceptions);
    out.plan =
        makePlan({out.gathered.files, deliveries, fs::current_path(), exceptions, job.name, {}, {}, numbers});
    return out;
}

std::string sizeText(Size size) {
    return std::to_string(size.width) + " x " + std::to_string(size.height);
}

std::string dump(const json& value) {
    return value.dump(2, ' ', false, json::error_handler_t::replace);
}

} // namespace keepseal::cli
