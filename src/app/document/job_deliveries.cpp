// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The cards of a job: adding, ordering, keeping, choosing.
#include "document/job_document.h"

#include "library/arrival.h"

namespace keepseal::app {

void JobDocument::addDelivery(Delivery delivery, const std::filesystem::path& file) {
    auto next = m_state;
    auto kept = file.empty() ? nullptr : std::make_shared<const Delivery>(delivery);
    next.deliveries.push_back({std::move(delivery), true, file, std::move(kept)});
    next.currentDelivery = next.deliveries.size() - 1;
    push(tr("adding a delivery"), std::move(next));
}

void JobDocument::duplicateCurrentDelivery() {
    auto next = m_state;
    auto copy = next.deliveries[next.currentDelivery];
    std::vector<std::string> names;
    for (const auto& item : next.deliveries)
        names.push_back(item.delivery.name);
    copy.delivery.name = freeName(copy.delivery.name, names);
    copy.file.clear();
    copy.kept.reset();
    ++next.currentDelivery;
    next.deliveries.insert(next.deliveries.begin() + static_cast<std::ptrdiff_t>(next.currentDelivery),
                           std::move(copy));
    push(tr("duplicating a delivery"), std::move(next));
}

void JobDocument::moveDelivery(std::size_t from, std::size_t to) {
    if (from >= m_state.deliveries.size() || to >= m_state.deliveries.size() || from == to)
        return;
    auto next = m_state;
    auto item = std::move(next.deliveries[from]);
    next.deliveries.erase(next.deliveries.begin() + static_cast<std::ptrdiff_t>(from));
    next.deliveries.insert(next.deliveries.begin() + static_cast<std::ptrdiff_t>(to), std::move(item));
    if (next.currentDelivery == from)
        next.currentDelivery = to;
    else if (from < next.currentDelivery && to >= next.currentDelivery)
        --next.currentDelivery;
    else if (from > next.currentDelivery && to <= next.currentDelivery)
        ++next.currentDelivery;
    push(tr("moving a delivery"), std::move(next));
}

void JobDocument::setNotes(const std::string& notes, const std::vector<std::string>& tags) {
    if (currentDelivery().notes == notes && currentDelivery().tags == tags)
        return;
    auto next = m_state;
    next.deliveries[next.currentDelivery].delivery.notes = notes;
    next.deliveries[next.currentDelivery].delivery.tags = tags;
    push(tr("writing notes"), std::move(next));
}

void JobDocument::putBackDelivery() {
    const auto& item = m_state.deliveries[m_state.currentDelivery];
    if (!item.changed())
        return;
    auto next = m_state;
    const auto folder = item.delivery.place.folder;
    next.deliveries[next.currentDelivery].delivery = *item.kept;
    next.deliveries[next.currentDelivery].delivery.place.folder = folder;
    push(tr("putting back a delivery"), std::move(next));
}

void JobDocument::removeCurrentDelivery() {
    if (m_state.deliveries.size() < 2)
        return;
    auto next = m_state;
    next.deliveries.erase(next.deliveries.begin() + static_cast<std::ptrdiff_t>(next.currentDelivery));
    next.currentDelivery = std::min(next.currentDelivery, next.deliveries.size() - 1);
    push(tr("removing a delivery"), std::move(next));
}

void JobDocument::renameCurrentDelivery(const QString& name) {
    const auto text = name.trimmed().left(60).toStdString();
    if (text.empty() || text == currentDelivery().name)
        return;
    auto next = m_state;
    next.deliveries[next.currentDelivery].delivery.name = text;
    push(tr("renaming a delivery"), std::move(next));
}

void JobDocument::setInNextRun(std::size_t index, bool on) {
    if (index >= m_state.deliveries.size() || m_state.deliveries[index].inNextRun == on)
        return;
    auto next = m_state;
    next.deliveries[index].inNextRun = on;
    push(on ? tr("ticking a delivery") : tr("unticking a delivery"), std::move(next));
}

void JobDocument::selectDelivery(std::size_t index) {
    if (index >= m_state.deliveries.size() || index == m_state.currentDelivery)
        return;
    m_state.currentDelivery = index;
    m_asMade.reset();
    emit currentDeliveryChanged();
    emit anythingChanged();
}

/// An undo step of its own: going back before it also goes back to what was kept then.
void JobDocument::setKept(std::size_t index) {
    auto next = m_state;
    auto& item = next.deliveries.at(index);
    item.kept = std::make_shared<const Delivery>(item.delivery);
    push(tr("keeping a delivery"), std::move(next));
}

void JobDocument::setJobName(const QString& name) {
    m_state.name = name.trimmed().toStdString();
    emit anythingChanged();
}

void JobDocument::setFile(std::size_t index, const std::filesystem::path& file) {
    m_state.deliveries.at(index).file = file;
}

} // namespace keepseal::app
