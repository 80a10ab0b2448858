// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/job_document.h"

#include <QFile>
#include <QUndoCommand>

#include <algorithm>
#include <set>
#include <unordered_set>

namespace keepseal::app {

/// The one undo command: old state, new state, merged while dragging, obsolete when nothing is left of the
/// change.
class StateCommand : public QUndoCommand {
public:
    StateCommand(JobDocument* document, const QString& what, JobState before, JobState after, int mergeKey)
        : QUndoCommand(what), m_document(document), m_before(std::move(before)), m_after(std::move(after)),
          m_mergeKey(mergeKey) {}

    int id() const override { return m_mergeKey == 0 ? -1 : m_mergeKey; }
    void undo() override { m_document->apply(m_before); }
    void redo() override { m_document->apply(m_after); }
    bool mergeWith(const QUndoCommand* other) override {
        m_after = static_cast<const StateCommand*>(other)->m_after; // equal ids: both are StateCommands
        setObsolete(m_after.originals == m_before.originals && m_after.deliveries == m_before.deliveries &&
                    m_after.exceptions == m_before.exceptions && m_after.who == m_before.who &&
                    m_after.name == m_before.name && m_after.job == m_before.job);
        return true;
    }

private:
    JobDocument* m_document;
    JobState m_before, m_after;
    int m_mergeKey;
};

bool DeliveryItem::changed() const {
    if (!kept || *kept == delivery)
        return false;
    auto same = *kept;
    same.place.folder = delivery.place.folder;
    same.unknown = delivery.unknown;
    return !(same == delivery);
}

void JobDocument::addFirst(JobState& state) {
    state.deliveries.emplace_back().delivery.name = tr("New delivery").toStdString();
}

JobDocument::JobDocument(QObject* parent) : QObject(parent) {
    addFirst(m_state);
    giveIds(m_state);
}

void JobDocument::giveIds(JobState& state) {
    for (auto& item : state.deliveries)
        if (item.id == 0) {
            item.id = m_nextDelivery++;
            m_onDisk[item.id] = {item.file, item.kept};
        }
}

void JobDocument::putOnDisk(JobState& state) const {
    for (auto& item : state.deliveries)
        if (const auto known = m_onDisk.find(item.id); known != m_onDisk.end()) {
            item.file = known->second.file;
            item.kept = known->second.kept;
        }
}

/// The card that a step was about, so that a person sees what it did; else the one that was chosen.
std::size_t JobDocument::choiceAfter(const JobState& before, const JobState& next) const {
    std::optional<std::size_t> chosen;
    for (std::size_t i = 0; i < next.deliveries.size(); ++i) {
        const auto& item = next.deliveries[i];
        const auto was = std::find_if(before.deliveries.begin(), before.deliveries.end(),
                                      [&](const auto& other) { return other.id == item.id; });
        if (was == before.deliveries.end() || !(was->delivery == item.delivery))
            return i;
        if (item.id == before.deliveries[before.currentDelivery].id)
            chosen = i;
    }
    return chosen.value_or(std::min(next.currentDelivery, next.deliveries.size() - 1));
}

const OriginalItem* JobDocument::original(OriginalId id) const {
    const auto found = m_index.find(id);
    return found == m_index.end() ? nullptr : &originals()[found->second];
}

void JobDocument::indexOriginals() {
    m_index.clear();
    for (std::size_t i = 0; i < originals().size(); ++i)
        m_index[originals()[i].id] = i;
}

std::vector<std::filesystem::path> JobDocument::paths() const {
    std::vector<std::filesystem::path> out;
    for (const auto& item : originals())
        out.push_back(item.path);
    return out;
}

std::vector<Delivery> JobDocument::tickedDeliveries() const {
    std::vector<Delivery> out;
    for (const auto& item : m_state.deliveries)
        if (item.inNextRun)
            out.push_back(item.delivery);
    return out;
}

std::vector<Delivery> JobDocument::tickedAsMade() const {
    auto out = tickedDeliveries();
    for (auto& delivery : out)
        delivery = asMade(delivery);
    return out;
}

std::vector<DeliveryId> JobDocument::tickedIds() const {
    std::vector<DeliveryId> out;
    for (const auto& item : m_state.deliveries)
        if (item.inNextRun)
            out.push_back(item.id);
    return out;
}

std::optional<std::size_t> JobDocument::indexOf(DeliveryId id) const {
    for (std::size_t i = 0; i < m_state.deliveries.size(); ++i)
        if (m_state.deliveries[i].id == id)
            return i;
    return std::nullopt;
}

void JobDocument::push(const QString& what, JobState next, int mergeKey) {
    giveIds(next);
    m_undo.push(new StateCommand(this, what, m_state, std::move(next), mergeKey));
}

/// Puts a state in place and announces what differs, as events of the right kind.
void JobDocument::apply(const JobState& next) {
    const JobState before = std::exchange(m_state, next);
    m_asMade.reset();
    putOnDisk(m_state);
    m_state.currentDelivery = choiceAfter(before, m_state);
    if (before.originals != m_state.originals) {
        indexOriginals();
        emit originalsChanged();
    }
    const bool sameCards =
        before.deliveries.size() == m_state.deliveries.size() &&
        std::equal(before.deliveries.begin(), before.deliveries.end(), m_state.deliveries.begin(),
                   [](const DeliveryItem& a, const DeliveryItem& b) {
                       return a.id == b.id && a.delivery.name == b.delivery.name &&
                              a.inNextRun == b.inNextRun && a.kept == b.kept;
                   });
    if (!sameCards)
        emit deliveriesChanged();
    const auto& was = before.deliveries[before.currentDelivery];
    if (was.id != m_state.deliveries[m_state.currentDelivery].id ||
        before.currentDelivery != m_state.currentDelivery ||
        before.deliveries.size() != m_state.deliveries.size())
        emit currentDeliveryChanged();
    else
        for (const auto& station : stations())
            if (!station.same(was.delivery, currentDelivery()))
                emit stationChanged(station.id);
    if (before.who != m_state.who)
        announceWho();
    if (before.exceptions != m_state.exceptions)
        emit exceptionsChanged();
    emit anythingChanged();
}

/// Every design that has words may look otherwise now.
void JobDocument::announceWho() {
    emit whoChanged();
    for (const auto& station : stations())
        emit stationChanged(station.id);
}

Delivery JobDocument::asMade(const Delivery& delivery) const {
    return anchored(withWho(delivery, m_state.who), m_base);
}

const Delivery& JobDocument::deliveryAsMade() const {
    if (!m_asMade)
        m_asMade = asMade(currentDelivery());
    return *m_asMade;
}

void JobDocument::setWho(WhoYouAre who, int merge) {
    if (who == m_state.who)
        return;
    auto next = m_state;
    next.who = std::move(who);
    push(tr("saying who you are"), std::move(next), merge ? mergeKeyOf("who", merge) : 0);
}

void JobDocument::startWithWho(WhoYouAre who) {
    if (m_state.who == m_ownWho) // a job that says otherwise keeps it
        m_state.who = who;
    m_ownWho = std::move(who);
    m_asMade.reset();
    announceWho();
    emit anythingChanged();
}

void JobDocument::accept(const std::map<OriginalId, std::vector<AcceptedIn>>& words) {
    std::vector<OriginalId> ids;
    for (const auto& [id, accepted] : words)
        ids.push_back(id);
    editEach(
        ids, tr("delivering all the same"),
        [&](OriginalId id, PictureException& exception) {
            auto& known = exception.accepted;
            known.insert(known.end(), words.at(id).begin(), words.at(id).end());
            std::sort(known.begin(), known.end());
            known.erase(std::unique(known.begin(), known.end()), known.end());
        },
        0);
}

Exceptions JobDocument::exceptions() const {
    Exceptions out;
    for (const auto& item : originals())
        if (const auto found = m_state.exceptions.find(item.id); found != m_state.exceptions.end())
            out.emplace(item.path, found->second);
    return out;
}

const PictureException& JobDocument::exception(OriginalId id) const {
    static const PictureException none;
    const auto found = m_state.exceptions.find(id);
    return found == m_state.exceptions.end() ? none : found->second;
}

void JobDocument::setSeal(SealDesign seal, const QString& what, int merge) {
    if (seal == currentDelivery().seal)
        return;
    auto next = m_state;
    next.deliveries[next.currentDelivery].delivery.seal = std::move(seal);
    push(what, std::move(next), merge ? mergeKeyOf(what.toStdString(), merge) : 0);
}

void JobDocument::setBorder(BorderDesign border, const QString& what, int merge) {
    if (border == currentDelivery().border)
        return;
    auto next = m_state;
    next.deliveries[next.currentDelivery].delivery.border = std::move(border);
    push(what, std::move(next), merge ? mergeKeyOf(what.toStdString(), merge) : 0);
}

void JobDocument::editExceptions(const std::vector<OriginalId>& ids, const QString& what,
                                 const std::function<void(SealException&)>& edit, int merge) {
    editPictures(
        ids, what, [&edit](PictureException& exception) { edit(exception.seal); }, merge);
}

void JobDocument::setRights(RightsSheet sheet, const QString& what, int merge) {
    if (sheet == currentDelivery().rights)
        return;
    auto next = m_state;
    next.deliveries[next.currentDelivery].delivery.rights = std::move(sheet);
    push(what, std::move(next), merge ? mergeKeyOf(what.toStdString(), merge) : 0);
}

void JobDocument::setPrivacy(PrivacyRules privacy, const QString& what) {
    if (privacy == currentDelivery().privacy)
        return;
    auto next = m_state;
    next.deliveries[next.currentDelivery].delivery.privacy = std::move(privacy);
    push(what, std::move(next));
}

void JobDocument::editEach(const std::vector<OriginalId>& ids, const QString& what,
                           const std::function<void(OriginalId, PictureException&)>& edit, int merge) {
    auto next = m_state;
    for (const auto id : ids) {
        auto& exception = next.exceptions[id];
        edit(id, exception);
        if (exception.empty())
            next.exceptions.erase(id);
    }
    if (next.exceptions != m_state.exceptions)
        push(what, std::move(next), merge ? mergeKeyOf(what.toStdString(), merge) : 0);
}

void JobDocument::editPictures(const std::vector<OriginalId>& ids, const QString& what,
                               const std::function<void(PictureException&)>& edit, int merge) {
    editEach(
        ids, what, [&](OriginalId, PictureException& exception) { edit(exception); }, merge);
}

void JobDocument::editWords(const std::map<OriginalId, FieldValues>& words, const QString& what) {
    std::vector<OriginalId> ids;
    for (const auto& [id, values] : words)
        ids.push_back(id);
    editEach(
        ids, what,
        [&](OriginalId id, PictureException& exception) {
            for (const auto& [key, value] : words.at(id))
                exception.words[key] = value;
        },
        0);
}

void JobDocument::takeBackWords(const std::map<OriginalId, std::vector<std::string>>& keys,
                                const QString& what) {
    std::vector<OriginalId> ids;
    for (const auto& [id, names] : keys)
        ids.push_back(id);
    editEach(
        ids, what,
        [&](OriginalId id, PictureException& exception) {
            for (const auto& key : keys.at(id))
                exception.words.erase(key);
        },
        0);
}

void JobDocument::addOriginals(const std::vector<std::filesystem::path>& files, int gathering) {
    std::unordered_set<std::string_view> known;
    known.reserve(originals().size() + files.size());
    for (const auto& item : originals())
        known.insert(item.path.native());
    auto items = std::make_shared<std::vector<OriginalItem>>(originals());
    for (const auto& file : files)
        if (known.insert(file.native()).second)
            items->push_back({m_nextId++, file});
    if (items->size() == originals().size())
        return;
    auto next = m_state;
    next.originals = std::move(items);
    push(tr("adding pictures"), std::move(next), gathering == 0 ? 0 : mergeKeyOf("gathering", gathering));
}

void JobDocument::removeOriginals(const std::vector<OriginalId>& ids) {
    const std::set<OriginalId> gone(ids.begin(), ids.end());
    auto items = std::make_shared<std::vector<OriginalItem>>();
    for (const auto& item : originals())
        if (!gone.contains(item.id))
            items->push_back(item);
    if (items->size() == originals().size())
        return;
    auto next = m_state;
    next.originals = std::move(items);
    push(tr("taking pictures out"), std::move(next));
}

void JobDocument::setSetting(const std::string& path, const SettingValue& value, int drag) {
    const auto& setting = settingAt(path);
    if (setting.get(currentDelivery()) == value)
        return;
    auto next = m_state;
    setting.set(next.deliveries[next.currentDelivery].delivery, value);
    push(tr("changing “%1”").arg(toQt(setting.label)), std::move(next), drag ? mergeKeyOf(path, drag) : 0);
}

namespace {

/// From the numbers of its file to the ids of this session. What was accepted in a delivery that is no longer
/// there is forgotten.
void giveIds(PictureException& exception, const std::unordered_map<std::uint64_t, DeliveryId>& idOf) {
    std::erase_if(exception.accepted, [&](const AcceptedIn& word) {
        return word.delivery != 0 && !idOf.contains(word.delivery);
    });
    for (auto& word : exception.accepted)
        if (word.delivery != 0)
            word.delivery = idOf.at(word.delivery);
    std::sort(exception.accepted.begin(), exception.accepted.end());
}

} // namespace

/// Cards of another job are other cards.
void JobDocument::takeState(JobState next) {
    if (next.deliveries.empty())
        addFirst(next);
    next.currentDelivery = std::min(next.currentDelivery, next.deliveries.size() - 1);
    m_onDisk.clear();
    std::unordered_map<std::uint64_t, DeliveryId> idOf;
    for (auto& item : next.deliveries) {
        const auto id = m_nextDelivery++;
        idOf.emplace(std::exchange(item.id, id), id);
    }
    for (const auto& item : next.deliveries)
        m_onDisk[item.id] = {item.file, item.kept};
    for (auto& [original, exception] : next.exceptions)
        app::giveIds(exception, idOf);
    next.job = m_nextJob++;
    m_state = std::move(next);
    m_asMade.reset();
    indexOriginals();
    m_undo.clear();
    emit originalsChanged();
    emit deliveriesChanged();
    emit currentDeliveryChanged();
    emit whoChanged();
    emit exceptionsChanged();
    emit anythingChanged();
}

void JobDocument::load(std::vector<DeliveryItem> deliveries,
                       const std::vector<std::filesystem::path>& files) {
    JobState next;
    next.who = m_state.who;
    next.deliveries = std::move(deliveries);
    auto items = std::make_shared<std::vector<OriginalItem>>();
    for (const auto& file : files)
        items->push_back({m_nextId++, file});
    next.originals = std::move(items);
    takeState(std::move(next));
}

void JobDocument::load(const Job& job) {
    JobState next;
    next.name = job.name;
    next.who = job.who.value_or(m_ownWho);
    next.currentDelivery = job.current;
    for (const auto& item : job.deliveries)
        next.deliveries.push_back({item.delivery, item.inNextRun, item.file,
                                   item.kept ? std::make_shared<const Delivery>(*item.kept) : nullptr,
                                   item.number});
    auto items = std::make_shared<std::vector<OriginalItem>>();
    for (const auto& original : job.originals) {
        if (!original.exception.empty())
            next.exceptions[m_nextId] = original.exception;
        items->push_back({m_nextId++, original.path});
    }
    next.originals = std::move(items);
    takeState(std::move(next));
}

Job JobDocument::job(const std::function<std::uint64_t(OriginalId)>& bytesOf) const {
    Job out;
    out.name = m_state.name;
    out.current = m_state.currentDelivery;
    if (!(m_state.who == m_ownWho))
        out.who = m_state.who;
    for (const auto& item : originals())
        out.originals.push_back({item.path, bytesOf ? bytesOf(item.id) : 0, exception(item.id)});
    for (const auto& item : m_state.deliveries)
        out.deliveries.push_back({item.delivery, item.inNextRun, item.file,
                                  item.kept ? std::optional(*item.kept) : std::nullopt, item.id});
    return out;
}

void JobDocument::reorderOriginals(const std::vector<OriginalId>& order, const QString& what) {
    std::unordered_map<OriginalId, std::size_t> rank;
    for (const auto id : order)
        rank.emplace(id, rank.size());
    auto items = std::make_shared<std::vector<OriginalItem>>(originals());
    const auto rankOf = [&](const OriginalItem& item) {
        const auto found = rank.find(item.id);
        return found == rank.end() ? rank.size() : found->second;
    };
    std::stable_sort(items->begin(), items->end(),
                     [&](const OriginalItem& a, const OriginalItem& b) { return rankOf(a) < rankOf(b); });
    if (*items == originals())
        return;
    auto next = m_state;
    next.originals = std::move(items);
    push(what, std::move(next));
}

void JobDocument::movePaths(const std::map<std::filesystem::path, std::filesystem::path>& found) {
    if (found.empty())
        return;
    auto items = std::make_shared<std::vector<OriginalItem>>(originals());
    auto next = m_state;
    for (auto& item : *items)
        if (const auto there = found.find(item.path); there != found.end()) {
            item.path = there->second;
            // Another id, so that all who know the picture read it anew.
            const auto id = m_nextId++;
            if (auto known = next.exceptions.extract(item.id)) {
                known.key() = id;
                next.exceptions.insert(std::move(known));
            }
            item.id = id;
        }
    next.originals = std::move(items);
    push(tr("finding pictures again"), std::move(next));
}

int mergeKeyOf(const std::string& path, int drag) {
    return static_cast<int>((std::hash<std::string>{}(path)*31 + static_cast<unsigned>(drag)) & 0x3FFFFFFF) +
           1;
}

} // namespace keepseal::app
