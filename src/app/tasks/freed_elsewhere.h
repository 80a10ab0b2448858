// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Values whose end takes longer than a frame: a plan of ten thousand copies gives back its memory, what
// looked at the disk closes its files.
#pragma once

#include "tasks/handover.h"

#include <QThreadPool>

#include <memory>

namespace keepseal::app {

/// Shared; whoever lets go of it last, it is taken apart in the background.
template <class Value>
std::shared_ptr<Value> freedElsewhere(std::unique_ptr<Value> value) {
    return {value.release(), [handover = std::make_shared<Handover>()](Value* last) {
                handover->give();
                QThreadPool::globalInstance()->start([last, handover] {
                    handover->take();
                    delete last;
                });
            }};
}
template <class Value>
std::shared_ptr<const Value> freedElsewhere(Value value) {
    return freedElsewhere(std::make_unique<const Value>(std::move(value)));
}

} // namespace keepseal::app
