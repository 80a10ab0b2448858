// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Copies that the register found, page after page as they are scrolled to, with their small pictures.
#pragma once

#include "record/register.h"
#include "tasks/latest_task.h"
#include "tasks/task_queue.h"

#include <QAbstractTableModel>
#include <QImage>

#include <unordered_map>

namespace keepseal::app {

/// What a search found.
struct FoundCopies {
    std::vector<RegisteredCopy> copies;
    std::size_t total = 0;
    std::vector<std::string> deliveries; ///< of the whole register
    bool none = false;                   ///< there is no register yet
};

class RegisterModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Name, DeliveryName, Made, PixelSize, SealName, OriginalName, ColumnCount };
    explicit RegisterModel(QObject* parent = nullptr);

    /// In the background; searched() tells that it is there.
    void search(const RegisterSearch& search);
    const RegisteredCopy& copy(int row) const { return m_copies.at(static_cast<std::size_t>(row)); }
    std::size_t total() const { return m_total; }
    bool nothingYet() const { return m_none; } ///< no run was ever made here
    bool busy() const { return m_searching.busy() || m_more.busy(); }
    const std::vector<std::string>& deliveries() const { return m_deliveries; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    bool canFetchMore(const QModelIndex& parent) const override;
    void fetchMore(const QModelIndex& parent) override;

signals:
    void searched();
    void failed(const QString& why);

private:
    void take(FoundCopies found);
    QImage small(const std::string& picture) const;
    RegisterSearch m_search;
    std::vector<RegisteredCopy> m_copies;
    std::size_t m_total = 0;
    bool m_none = false;
    std::vector<std::string> m_deliveries;
    struct Small {
        QImage image;
        bool asked = false;
    };
    mutable std::unordered_map<std::string, Small> m_small; ///< by id of the kept picture
    LatestTask<FoundCopies> m_searching;
    LatestTask<std::vector<RegisteredCopy>> m_more;
    TaskQueue m_queue{1};
    mutable TaskShare m_pictures{&m_queue};
};

} // namespace keepseal::app
