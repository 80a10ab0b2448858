// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/compare_deliveries.h"

#include "document/chain_of.h"

#include "delivery/difference.h"
#include "proofs/frame_proof.h"
#include "proofs/kept_copy.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QLabel>

namespace keepseal::app {
namespace {

QImage finishedImage(DecodedPictures& decoded, const PictureInfo& info, const Delivery& delivery,
                     const PictureException& exception) {
    const auto chain = chainOf(delivery, info, exception);
    const auto metadata = info.metadata();
    const CopyAsked asked{info.path, info.factsIn(delivery), *metadata, delivery, exception, chain};
    return toImage(finishedFromKept(decoded, asked, lookAhead(asked)).frame, delivery.file);
}

LoupePair finishedPair(DecodedPictures& decoded, const PictureInfo& info, const Delivery& left,
                       const Delivery& right, const PictureException& exception) {
    return {finishedImage(decoded, info, left, exception), finishedImage(decoded, info, right, exception)};
}

} // namespace

CompareDeliveries::CompareDeliveries(const std::vector<DeliveryItem>& deliveries, std::size_t current,
                                     PictureInfoPtr info, const PictureException& exception,
                                     std::shared_ptr<DecodedPictures> decoded, QWidget* parent)
    : QDialog(parent), m_info(std::move(info)), m_exception(exception), m_decoded(std::move(decoded)),
      m_left(new QComboBox), m_right(new QComboBox), m_difference(new QLabel), m_loupe(new Loupe) {
    setWindowTitle(tr("Two deliveries of %1").arg(toQt(m_info->path.filename())));
    resize(1180, 700);
    auto* column = new QVBoxLayout(this);
    auto* row = new QHBoxLayout;
    for (const auto& item : deliveries) {
        m_deliveries.push_back(item.delivery);
        for (auto* box : {m_left, m_right})
            box->addItem(toQt(item.delivery.name));
        // As it was last kept is a delivery to compare with, too.
        if (item.changed()) {
            m_deliveries.push_back(*item.kept);
            for (auto* box : {m_left, m_right})
                box->addItem(tr("%1, as kept").arg(toQt(item.kept->name)));
        }
    }
    m_left->setAccessibleName(tr("Left delivery"));
    m_right->setAccessibleName(tr("Right delivery"));
    m_left->setCurrentText(toQt(deliveries[current].delivery.name));
    m_right->setCurrentIndex(m_left->currentIndex() + 1 < m_right->count() ? m_left->currentIndex() + 1 : 0);
    row->addWidget(m_left, 1);
    row->addWidget(m_right, 1);
    m_difference->setWordWrap(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addLayout(row);
    column->addWidget(m_loupe, 1);
    column->addWidget(m_difference);
    column->addWidget(buttons);
    for (auto* box : {m_left, m_right})
        connect(box, &QComboBox::currentIndexChanged, this, &CompareDeliveries::render);
    render();
    m_loupe->setFocus();
}

QString CompareDeliveries::difference() const {
    return m_difference->text();
}

void CompareDeliveries::render() {
    const auto left = m_deliveries[static_cast<std::size_t>(m_left->currentIndex())];
    const auto right = m_deliveries[static_cast<std::size_t>(m_right->currentIndex())];
    const auto title = [this](const Delivery& delivery) {
        const auto size = chainOf(delivery, *m_info, m_exception).sizes.whole;
        return QString("%1 · %2 × %3").arg(toQt(delivery.name)).arg(size.width).arg(size.height);
    };
    QStringList lines;
    for (const auto& line : differences(left, right))
        lines << toQt(line);
    m_difference->setText(lines.isEmpty() ? tr("The two are the same.") : lines.mid(0, 8).join(" · "));
    m_loupe->showPair(
        [info = m_info, decoded = m_decoded, left, right, exception = m_exception] {
            return finishedPair(*decoded, *info, left, right, exception);
        },
        title(left), title(right));
}

} // namespace keepseal::app
