// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The job as the window holds it: the gathered originals and the deliveries. Every change of design goes
// through here, can be undone, and is announced as a typed event. No pixels: proofs are made elsewhere from
// snapshots.
#pragma once

#include "document/as_text.h"

#include "delivery/stations.h"
#include "delivery/who.h"
#include "job/job.h"
#include "plan/plan.h"

#include <QObject>
#include <QUndoStack>

#include <filesystem>
#include <memory>
#include <unordered_map>
#include <vector>

namespace keepseal::app {

using OriginalId = quint64;
using DeliveryId = quint64;

struct OriginalItem {
    OriginalId id = 0; ///< never used again in this session, also after removal
    std::filesystem::path path;
    bool operator==(const OriginalItem&) const = default;
};

struct DeliveryItem {
    Delivery delivery;
    bool inNextRun = true;
    std::filesystem::path
        file; ///< where it was opened from or saved to; empty while it is only in the window
    std::shared_ptr<const Delivery> kept; ///< as it was last kept or opened; nullptr: never
    DeliveryId id = 0; ///< given by the document, never used again in this session; two may have one name
    /// Where its copies go is of the job and no change of the delivery.
    bool changed() const;
    bool operator==(const DeliveryItem&) const = default;
};

/// One whole state of the job; copying is cheap, originals are shared. What can be undone is in it, and with
/// it, for those who read it, what can't: the choice of a card, and what of each card lies on the disk.
struct JobState {
    std::shared_ptr<const std::vector<OriginalItem>> originals =
        std::make_shared<std::vector<OriginalItem>>();
    std::vector<DeliveryItem> deliveries;
    std::size_t currentDelivery = 0;
    std::string name; ///< the job's
    quint64 job = 0;  ///< which job it is; a new one begun in the window is another
    std::map<OriginalId, PictureException> exceptions; ///< only what is different
    WhoYouAre who;                                     ///< what {studio} and its like stand for
};

class JobDocument : public QObject {
    Q_OBJECT
public:
    explicit JobDocument(QObject* parent = nullptr);

    const JobState& state() const { return m_state; }
    const std::vector<OriginalItem>& originals() const { return *m_state.originals; }
    const OriginalItem* original(OriginalId id) const;
    const Delivery& currentDelivery() const { return m_state.deliveries[m_state.currentDelivery].delivery; }
    /// The same with who you are filled in: what is rendered. The designs as they are typed are the other.
    const Delivery& deliveryAsMade() const;
    /// A delivery as it is rendered: with who you are, and whole paths.
    Delivery asMade(const Delivery& delivery) const;
    /// What relative paths typed by a person count from.
    const std::filesystem::path& base() const { return m_base; }
    const WhoYouAre& who() const { return m_state.who; }
    const WhoYouAre& ownWho() const { return m_ownWho; } ///< of the person, see startWithWho()
    std::size_t currentDeliveryIndex() const { return m_state.currentDelivery; }
    /// Snapshots for a run: originals' paths and the ticked deliveries.
    std::vector<std::filesystem::path> paths() const;
    std::vector<Delivery> tickedDeliveries() const;
    std::vector<Delivery> tickedAsMade() const;
    std::vector<DeliveryId> tickedIds() const;               ///< the same ones
    std::optional<std::size_t> indexOf(DeliveryId id) const; ///< nothing: it was removed
    Exceptions exceptions() const;
    const PictureException& exception(OriginalId id) const; ///< an empty one where nothing is different
    QUndoStack* undoStack() { return &m_undo; }

    /// Changes of design, each one undo step. Files already in the job are not taken twice.
    /// Calls with the same `gathering` (not 0) that follow each other are one undo step.
    void addOriginals(const std::vector<std::filesystem::path>& files, int gathering = 0);
    void removeOriginals(const std::vector<OriginalId>& ids);
    /// The same pictures in another order; ids not named stay behind the others. {number} counts in it.
    void reorderOriginals(const std::vector<OriginalId>& order, const QString& what);
    /// Where originals were found again.
    void movePaths(const std::map<std::filesystem::path, std::filesystem::path>& found);
    /// While one control is dragged its steps merge into one; `drag` tells which drag this belongs to (0:
    /// none).
    void setSetting(const std::string& path, const SettingValue& value, int drag = 0);
    /// Steps with the same `merge` (not 0) and the same words are one undo step.
    void setSeal(SealDesign seal, const QString& what, int merge = 0);
    void setBorder(BorderDesign border, const QString& what, int merge = 0);
    void setRights(RightsSheet sheet, const QString& what, int merge = 0);
    void setPrivacy(PrivacyRules privacy, const QString& what);
    /// Changes what is different for each of these pictures.
    void editPictures(const std::vector<OriginalId>& ids, const QString& what,
                      const std::function<void(PictureException&)>& edit, int merge = 0);
    /// Metadata typed for single pictures, and taken back; each call one step.
    void editWords(const std::map<OriginalId, FieldValues>& words, const QString& what);
    void takeBackWords(const std::map<OriginalId, std::vector<std::string>>& keys, const QString& what);
    /// The same for their seals alone.
    void editExceptions(const std::vector<OriginalId>& ids, const QString& what,
                        const std::function<void(SealException&)>& edit, int merge = 0);
    void addDelivery(Delivery delivery, const std::filesystem::path& file = {});
    /// All cards at once; those with an id stay who they are.
    void setDeliveries(std::vector<DeliveryItem> cards, const QString& what);
    void duplicateCurrentDelivery();
    void removeCurrentDelivery();
    /// Changes the place of a card; a change of order only.
    void moveDelivery(std::size_t from, std::size_t to);
    void setNotes(const std::string& notes, const std::vector<std::string>& tags);
    /// Takes what was last kept instead of the changes made since.
    void putBackDelivery();
    void renameCurrentDelivery(const QString& name);
    void setInNextRun(std::size_t index, bool on);
    /// Steps with the same `merge` (not 0) are one undo step.
    void setWho(WhoYouAre who, int merge = 0);
    void setJobName(const QString& name);
    /// Begins another job with the same deliveries.
    void startAnew();
    /// Delivers these all the same, in spite of what holds them back.
    void accept(const std::map<OriginalId, std::vector<AcceptedIn>>& words);

    /// Not changes of design: no undo step, and no undo step takes them back.
    void selectDelivery(std::size_t index);
    void setFile(DeliveryId id, const std::filesystem::path& file);
    /// What lies on the disk of it now.
    void setKept(DeliveryId id, Delivery delivery);
    /// Where the job was opened from or saved to; empty: nowhere yet.
    const std::filesystem::path& file() const;
    void setFile(const std::filesystem::path& file);
    /// As the person says of themselves; jobs that say otherwise keep their own.
    void startWithWho(WhoYouAre who);
    /// Replaces everything at start; clears the undo history.
    void load(std::vector<DeliveryItem> deliveries, const std::vector<std::filesystem::path>& files);
    void load(const Job& job);
    /// As it is saved. `bytesOf` tells the size of an original, for finding it again; 0: not known.
    Job job(const std::function<std::uint64_t(OriginalId)>& bytesOf = {}) const;

signals:
    void originalsChanged();
    void deliveriesChanged(); ///< number, names, ticks
    void currentDeliveryChanged();
    void stationChanged(keepseal::StationId station); ///< a setting of the current delivery
    void exceptionsChanged();
    void whoChanged();
    void anythingChanged(); ///< after any of the others; the plan is stale

private:
    friend class StateCommand;
    void push(const QString& what, JobState next, int mergeKey = 0);
    void editEach(const std::vector<OriginalId>& ids, const QString& what,
                  const std::function<void(OriginalId, PictureException&)>& edit, int merge);
    void apply(const JobState& next);
    /// In place of all that was; ids of `next` are the numbers of its file, and become those of this session.
    void takeState(JobState next);
    void addFirst(JobState& state); ///< the card that a job without any begins with
    void giveIds(JobState& state);
    void putOnDisk(JobState& state) const;
    std::size_t choiceAfter(const JobState& before, const JobState& next) const;
    void announceWho();
    void indexOriginals();

    JobState m_state;
    WhoYouAre m_ownWho; ///< of the person, for jobs that say nothing else
    const std::filesystem::path m_base = std::filesystem::current_path();
    mutable std::optional<Delivery> m_asMade;            ///< of the current delivery, until anything changes
    std::unordered_map<OriginalId, std::size_t> m_index; ///< of originals, by id
    /// Of each card that was there in this session, also of those that are removed: undo may bring them back.
    struct OnDisk {
        std::filesystem::path file;
        std::shared_ptr<const Delivery> kept;
    };
    std::unordered_map<DeliveryId, OnDisk> m_onDisk;
    std::unordered_map<quint64, std::filesystem::path> m_files; ///< of each job that was here
    quint64 m_nextJob = 1;
    QUndoStack m_undo;
    OriginalId m_nextId = 1;
    DeliveryId m_nextDelivery = 1;
};

/// A string key for merging the steps of one drag of one setting.
int mergeKeyOf(const std::string& path, int drag);

} // namespace keepseal::app
