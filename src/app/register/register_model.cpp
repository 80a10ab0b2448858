// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "register/register_model.h"

#include "base/text.h"
#include "document/job_document.h"
#include "proofs/frame_proof.h"
#include "recognise/what_is.h"

namespace keepseal::app {
namespace {

constexpr std::size_t kPage = 200;
constexpr std::size_t kMostSmall = 2000; ///< pictures kept in memory

QImage readSmall(const std::string& picture) {
    Register known;
    const auto frame = smallPictureOf(known, picture);
    return frame.size.empty() ? QImage() : toImage(frame);
}

} // namespace

RegisterModel::RegisterModel(QObject* parent)
    : QAbstractTableModel(parent), m_searching([this](TaskOutcome<FoundCopies> outcome) {
          if (outcome.problem)
              emit failed(toQt(outcome.problem->sentence()));
          else
              take(std::move(*outcome.result));
      }),
      m_more([this](TaskOutcome<std::vector<RegisteredCopy>> outcome) {
          if (!outcome.result || outcome.result->empty()) {
              m_total = m_copies.size();
              return;
          }
          const auto first = static_cast<int>(m_copies.size());
          beginInsertRows({}, first, first + static_cast<int>(outcome.result->size()) - 1);
          std::move(outcome.result->begin(), outcome.result->end(), std::back_inserter(m_copies));
          endInsertRows();
      }) {}

void RegisterModel::search(const RegisterSearch& search) {
    m_search = search;
    m_more.cancel();
    m_searching.start([search](const auto&) {
        FoundCopies out;
        if (!Register::exists()) {
            out.none = true;
            return out;
        }
        Register known;
        if (search.words.empty()) // typing does not wait for it
            known.catchUp();
        out.copies = known.find(search, 0, kPage);
        out.total = out.copies.size() < kPage ? out.copies.size() : known.count(search);
        out.deliveries = known.deliveries();
        out.none = out.copies.empty() && known.copies() == 0;
        return out;
    });
}

void RegisterModel::take(FoundCopies found) {
    beginResetModel();
    m_copies = std::move(found.copies);
    m_total = found.total;
    m_none = found.none;
    m_deliveries = std::move(found.deliveries);
    endResetModel();
    emit searched();
}

int RegisterModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_copies.size());
}

int RegisterModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

bool RegisterModel::canFetchMore(const QModelIndex& parent) const {
    return !parent.isValid() && m_copies.size() < m_total && !m_more.busy();
}

void RegisterModel::fetchMore(const QModelIndex&) {
    m_more.start([search = m_search, from = m_copies.size()](const auto&) {
        return Register().find(search, from, kPage);
    });
}

QImage RegisterModel::small(const std::string& picture) const {
    if (picture.empty())
        return {};
    if (m_small.size() > kMostSmall && !m_small.contains(picture))
        m_small.clear();
    auto& entry = m_small[picture];
    if (!entry.asked) {
        entry.asked = true;
        auto* self = const_cast<RegisterModel*>(this);
        m_pictures.start<QImage>(
            0, [picture] { return readSmall(picture); },
            [self, picture](TaskOutcome<QImage> outcome) {
                if (!outcome.result)
                    return;
                self->m_small[picture] = {std::move(*outcome.result), true};
                for (int row = 0; row < self->rowCount(); ++row)
                    if (self->copy(row).row.picture == picture)
                        emit self->dataChanged(self->index(row, 0), self->index(row, 0),
                                               {Qt::DecorationRole});
            });
    }
    return entry.image;
}

QVariant RegisterModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount())
        return {};
    const auto& found = copy(index.row());
    const auto& row = found.row;
    if (role == Qt::DecorationRole && index.column() == Name)
        return small(row.picture);
    if (role == Qt::ToolTipRole)
        return toQt(row.copy);
    if (role == Qt::AccessibleTextRole && index.column() == Name)
        return tr("%1, for “%2”, made %3")
            .arg(toQt(row.copy.filename()), toQt(row.delivery), toQt(found.made.substr(0, 10)));
    if (role != Qt::DisplayRole)
        return {};
    switch (index.column()) {
    case Name:
        return toQt(row.copy.filename());
    case DeliveryName:
        return toQt(row.delivery);
    case Made:
        return toQt(found.made.substr(0, 10));
    case PixelSize:
        return row.copySize.empty() ? QString()
                                    : tr("%1 × %2").arg(row.copySize.width).arg(row.copySize.height);
    case SealName:
        return !row.sealOnCopy ? tr("none") : row.seal.empty() ? tr("yes") : toQt(row.seal);
    default:
        return toQt(row.original.filename());
    }
}

QVariant RegisterModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    const QString names[] = {tr("Copy"),   tr("Delivery"), tr("Made"),
                             tr("Pixels"), tr("Seal"),     tr("Original")};
    return section < ColumnCount ? names[section] : QString();
}

} // namespace keepseal::app
