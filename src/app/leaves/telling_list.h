// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which of many files tell a place: counted in the background, listed without a widget for each.
#pragma once

#include "document/picture_info.h"

#include <QAbstractListModel>

#include <vector>

namespace keepseal::app {

struct TellingRow {
    QString name;
    Tells tells = Tells::Unsure;
    bool copyNamesPlace = false; ///< its copy, in words that stay
    qulonglong key = 0;          ///< of the picture, or its place among the files looked into
};

/// What is known of a job's pictures.
struct Telling {
    std::vector<TellingRow> rows;
    std::size_t telling = 0; ///< originals that tell a place
    std::size_t named = 0;   ///< copies that will name one
};
struct TellingAsked {
    OriginalId id = 0;
    PictureInfoPtr info;
    PictureException exception;
};
/// Any thread. `delivery` as it is made.
Telling tellingOf(const std::vector<TellingAsked>& pictures, const Delivery& delivery,
                  const std::atomic<bool>& stop);

class TellingModel : public QAbstractListModel {
public:
    using QAbstractListModel::QAbstractListModel;
    static constexpr int kKey = Qt::UserRole;
    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    void show(std::vector<TellingRow> rows);
    /// -1: not among them.
    int rowOf(qulonglong key) const;
    const TellingRow& row(int index) const { return m_rows.at(static_cast<std::size_t>(index)); }

private:
    std::vector<TellingRow> m_rows;
};

} // namespace keepseal::app
