// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/tab_order.h"

#include <algorithm>

namespace keepseal::app {
namespace {

/// `from` is among them even where Tab would not reach it: it is where the person is.
void collect(QWidget* parent, const QWidget* from, std::vector<QWidget*>& out) {
    for (auto* child : parent->children()) {
        auto* widget = qobject_cast<QWidget*>(child);
        if (!widget || widget->isWindow() || widget->isHidden())
            continue;
        const bool reached = (widget->focusPolicy() & Qt::TabFocus) && widget->isEnabled() &&
                             widget->isVisible() && !widget->focusProxy();
        if (reached || widget == from)
            out.push_back(widget);
        collect(widget, from, out);
    }
}

} // namespace

QWidget* nextInTabOrder(QWidget* root, QWidget* from, bool forward) {
    std::vector<QWidget*> all;
    collect(root, from, all);
    if (all.empty())
        return nullptr;
    if (!forward)
        std::reverse(all.begin(), all.end());
    const auto at = std::find(all.begin(), all.end(), from);
    return at == all.end() || std::next(at) == all.end() ? all.front() : *std::next(at);
}

} // namespace keepseal::app
