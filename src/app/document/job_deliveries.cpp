// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The cards of a job: adding, ordering, keeping, choosing.
#include "document/job_document.h"

#include "library/arrival.h"

namespace keepseal::app {

void JobDocument::addDelivery(Delivery delivery, const std::filesystem::path& file) {
    auto next = m_state;
    auto kept = file.empty() ? nullptr : std::make_shared<const Delivery>(delivery);
    next.deliveries.push_back({std::move(delivery), true, file, std::move(kept), 0});
    next.currentDelivery = next.deliveries.size() - 1;
    push(tr("adding a delivery"), std::move(next));
}

void JobDocument::setDeliveries(std::vector<DeliveryItem> cards, const QString& what) {
    if (cards == m_state.deliveries || cards.empty())
        return;
    auto next = m_state;
    next.deliveries = std::move(cards);
    next.currentDelivery = std::min(next.currentDelivery, next.deliveries.size() - 1);
    push(what, std::move(next));
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
    copy.id = 0;
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

void JobDocument::setKept(DeliveryId id, Delivery delivery) {
    m_onDisk[id].kept = std::make_shared<const Delivery>(std::move(delivery));
    putOnDisk(m_state);
    emit deliveriesChanged();
    emit anythingChanged();
}

void JobDocument::setFile(DeliveryId id, const std::filesystem::path& file) {
    m_onDisk[id].file = file;
    putOnDisk(m_state);
    emit anythingChanged();
}

const std::filesystem::path& JobDocument::file() const {
    static const std::filesystem::path none;
    const auto known = m_files.find(m_state.job);
    return known == m_files.end() ? none : known->second;
}

void JobDocument::setFile(const std::filesystem::path& file) {
    m_files[m_state.job] = file;
    emit anythingChanged();
}

void JobDocument::startAnew() {
    auto next = m_state;
    next.originals = std::make_shared<std::vector<OriginalItem>>();
    next.name.clear();
    next.job = m_nextJob++;
    push(tr("beginning a new job"), std::move(next));
}

void JobDocument::setJobName(const QString& name) {
    auto next = m_state;
    next.name = name.trimmed().toStdString();
    if (next.name != m_state.name)
        push(tr("naming the job"), std::move(next));
}

} // namespace keepseal::app
