// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/forecasting.h"

#include "base/give_way.h"
#include "formats/output_format.h"
#include "tasks/freed_elsewhere.h"

#include <algorithm>

#include <malloc.h>

namespace keepseal::app {

namespace {

constexpr int kIdleMs = 1500, kSoonMs = 600;
constexpr std::size_t kMany = 400; // copies
constexpr std::size_t kSampledEach = 3;

} // namespace

Forecasting::Forecasting(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library) {
    m_idle.setSingleShot(true);
    m_idle.setInterval(kIdleMs);
    connect(&m_idle, &QTimer::timeout, this, [this] { work(true); });
    m_soon.setSingleShot(true);
    m_soon.setInterval(kSoonMs);
    connect(&m_soon, &QTimer::timeout, this, [this] { work(false); });
}

void Forecasting::start(const PlanPtr& plan) {
    m_plan = plan;
    m_idle.stop();
    m_task.cancel();
    if (plan->copies.size() > kMany)
        m_soon
            .start(); // a slider that is dragged makes many plans; each of them would read thousands of words
    else
        work(false);
}

void Forecasting::cancel() {
    m_plan = nullptr;
    m_idle.stop();
    m_soon.stop();
    m_task.cancel();
}

bool Forecasting::knowsAllRates() const {
    for (std::size_t d = 0; d < m_plan->deliveries.size(); ++d)
        for (const auto* format : m_plan->deliveries[d].file.formats())
            if (!m_rates.contains({m_plan->digests[d], format->key}))
                return false;
    return true;
}

ByteRates Forecasting::rates() const {
    ByteRates out;
    for (std::size_t d = 0; d < m_plan->deliveries.size(); ++d)
        for (const auto* format : m_plan->deliveries[d].file.formats())
            if (const auto known = m_rates.find({m_plan->digests[d], format->key}); known != m_rates.end()) {
                out.bytesPerPixel[{d, format->key}] = known->second.first;
                out.sampled += known->second.second;
            }
    return out;
}

void Forecasting::work(bool sample) {
    if (!m_plan || m_plan->originals.empty())
        return;
    m_task.start([plan = m_plan, rates = rates(), facts = knownFacts(*m_library),
                  sample](const std::atomic<bool>& stop) {
        giveWay();
        Made made{plan, nullptr, rates, sample};
        if (sample)
            made.rates = sampleBytes(*plan, kSampledEach, stop);
        made.forecast = freedElsewhere(forecast(*plan, facts, made.rates, stop));
        if (plan->copies.size() > kMany)
            ::malloc_trim(0); // plans come and go while a slider is dragged: what they took is given back
        return made;
    });
}

void Forecasting::take(TaskOutcome<Made> outcome) {
    if (outcome.problem)
        emit failed(*outcome.problem);
    if (outcome.result) {
        auto& made = *outcome.result;
        if (made.sampled)
            for (const auto& [key, rate] : made.rates.bytesPerPixel)
                m_rates[{made.plan->digests[key.first], key.second}] = {
                    rate, made.rates.sampled / std::max<std::size_t>(1, made.rates.bytesPerPixel.size())};
        m_forecast = std::move(made.forecast);
        m_of = made.plan;
        m_sampled = made.rates.sampled;
    }
    emit changed();
    if (outcome.result && !outcome.result->sampled && !knowsAllRates())
        m_idle.start();
}

} // namespace keepseal::app
