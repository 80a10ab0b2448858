// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "register/picture_delegate.h"

#include "register/register_model.h"
#include "theme/theme.h"

#include <QPainter>

namespace keepseal::app {
namespace {

constexpr QSize kPicture(150, 112);

} // namespace

QSize PictureDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const {
    return {kPicture.width() + 2 * kGap2, kPicture.height() + withText(36) + 2 * kGap2};
}

void PictureDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                            const QModelIndex& index) const {
    painter->save();
    painter->setRenderHints(QPainter::SmoothPixmapTransform | QPainter::Antialiasing);
    const QRect cell = option.rect.adjusted(kGap2, kGap2, -kGap2, -kGap2);
    const QRect room(cell.left(), cell.top(), cell.width(), kPicture.height());
    const auto image = index.data(Qt::DecorationRole).value<QImage>();
    const QSize size = image.isNull() ? kPicture : image.size().scaled(kPicture, Qt::KeepAspectRatio);
    const QRect at(room.center().x() - size.width() / 2 + 1, room.bottom() - size.height() + 1, size.width(),
                   size.height());
    if (image.isNull()) // what left before pictures were kept
        painter->fillRect(at, theme().surround(surround()).darker(112));
    else
        painter->drawImage(at, image);
    if (option.state & QStyle::State_Selected) {
        painter->setPen(QPen(theme().ring(surround()), option.state & QStyle::State_HasFocus ? 3 : 2));
        painter->setBrush(Qt::NoBrush);
        painter->drawRoundedRect(QRectF(at).adjusted(-4, -4, 4, 4), 3, 3);
    }
    painter->setPen(theme().onSurround(surround()));
    painter->setFont(smallFont());
    const auto line = [&](int top, const QString& text) {
        painter->drawText(QRect(cell.left(), top, cell.width(), withText(17)), Qt::AlignCenter,
                          painter->fontMetrics().elidedText(text, Qt::ElideMiddle, cell.width()));
    };
    const auto text = [&](int column) { return index.siblingAtColumn(column).data().toString(); };
    line(room.bottom() + 5, text(RegisterModel::Name));
    line(room.bottom() + 5 + withText(16),
         text(RegisterModel::DeliveryName) + " · " + text(RegisterModel::Made));
    painter->restore();
}

} // namespace keepseal::app
