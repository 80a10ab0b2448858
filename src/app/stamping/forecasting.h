// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the plan will come to, worked out in the background.
#pragma once

#include "plan/forecast.h"
#include "stamping/planning.h"

namespace keepseal::app {

/// What the plan will come to: first sizes and warnings, then, once nothing changes for a moment, bytes from
/// a few copies made to find out. What was measured is remembered as long as the settings stay the same.
class Forecasting : public QObject {
    Q_OBJECT
public:
    Forecasting(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    void start(const PlanPtr& plan);
    void cancel();
    bool busy() const { return m_task.busy(); }
    /// Of that plan; nullptr while it is not known.
    const Forecast* of(const Plan* plan) const {
        return plan && m_of.get() == plan ? m_forecast.get() : nullptr;
    }
    /// How many copies the bytes were estimated from.
    std::size_t sampled() const { return m_sampled; }

signals:
    void changed();
    void failed(const keepseal::Problem& problem);

private:
    using RateKey = std::pair<std::string, std::string>; ///< settings digest and format
    struct Made {
        PlanPtr plan;
        std::shared_ptr<const Forecast> forecast;
        ByteRates rates;
        bool sampled = false; ///< the rates are new
    };
    void take(TaskOutcome<Made> outcome);
    void work(bool sample);
    bool knowsAllRates() const;
    ByteRates rates() const;
    JobDocument* m_document;
    PictureLibrary* m_library;
    PlanPtr m_plan, m_of;
    std::shared_ptr<const Forecast> m_forecast;
    std::map<RateKey, std::pair<double, std::size_t>> m_rates;
    std::size_t m_sampled = 0;
    QTimer m_idle, m_soon;
    LatestTask<Made> m_task{[this](TaskOutcome<Made> outcome) { take(std::move(outcome)); }};
};

} // namespace keepseal::app
