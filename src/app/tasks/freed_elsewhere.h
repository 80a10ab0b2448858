// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Large values that the window only looks at: giving back the memory of a plan of ten thousand copies takes
// longer than a frame.
#pragma once

#include "tasks/handover.h"

#include <QThreadPool>

#include <memory>

namespace keepseal::app {

/// Shared; whoever lets go of it last, it is taken apart in the background.
template <class Value>
std::shared_ptr<const Value> freedElsewhere(Value value) {
    return {new Value(std::move(value)), [handover = std::make_shared<Handover>()](const Value* last) {
                handover->give();
                QThreadPool::globalInstance()->start([last, handover] {
                    handover->take();
                    delete last;
                });
            }};
}

} // namespace keepseal::app
