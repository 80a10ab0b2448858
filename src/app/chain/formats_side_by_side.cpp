// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/formats_side_by_side.h"

#include "base/text.h"
#include "formats/visible_loss.h"
#include "proofs/frame_proof.h"
#include "proofs/kept_copy.h"
#include "theme/theme.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>

namespace keepseal::app {
namespace {

constexpr int kAcross = 4;
constexpr QSize kPiece{286, 190}; ///< of the copy's own pixels

/// The middle of the picture, a seal's favourite places apart: where there is most to see of what a coder
/// does.
QImage pieceOf(const QImage& image) {
    const QSize size = kPiece.boundedTo(image.size());
    return image.copy((image.width() - size.width()) / 2, (image.height() - size.height()) / 2, size.width(),
                      size.height());
}

} // namespace

bool FormatsSideBySide::makeAll(const PictureInfo& info, const Delivery& delivery,
                                const PictureException& exception, DecodedPictures& originals,
                                const TaskRun<Made>& run) {
    const auto chain = chainOf(delivery, info, exception);
    const auto metadata = info.metadata();
    const CopyAsked asked{info.path, info.factsIn(delivery), *metadata, delivery, exception, chain};
    const Original original(info.path);
    const auto copy = finishedFromKept(originals, asked, lookAhead(asked));
    const Frame before = screenStage(delivery.file).on(copy.frame);
    for (const auto& format : outputFormats()) {
        if (run.stop)
            break;
        Made made;
        made.format = format.key;
        try {
            const auto encoded = encodedCopy(original, asked, copy, format.key);
            const Frame after = decodedCopy(encoded.bytes, delivery.file);
            made.bytes = encoded.bytes.size();
            made.quality = encoded.quality;
            made.piece = pieceOf(toImage(after));
            if (after.size == before.size)
                made.score = visibleLossScore(before, after);
            for (const auto& note : encoded.notes)
                if (severityOf(note) >= Severity::HoldsBack)
                    made.problem = toQt(sentenceOf(note));
        } catch (const Problem& problem) {
            made.problem = toQt(problem.sentence());
        }
        run.tell(made);
    }
    return true;
}

FormatsSideBySide::FormatsSideBySide(JobDocument* document, PictureLibrary* library, OriginalId id,
                                     QWidget* parent)
    : QDialog(parent), m_document(document), m_library(library), m_id(id),
      m_alike(new QCheckBox(tr("All as small as unseen"))),
      m_task(
          [this](const TaskOutcome<bool>& outcome) {
              if (outcome.problem) // the picture itself
                  for (auto& [format, card] : m_cards)
                      card.words->setText(toQt(outcome.problem->sentence()));
          },
          [this](const Made& made) { showCard(made); }) {
    const auto* item = document->original(id);
    setWindowTitle(tr("%1 in every format").arg(item ? toQt(item->path.filename()) : QString()));
    resize(1120, 720);
    auto* column = new QVBoxLayout(this);
    auto* says = new QLabel(
        tr("The middle of the copy, pixel for pixel, as each format saves it by this delivery's settings. "
           "Difference: 100 is none, above 80 it is not seen side by side (SSIMULACRA 2)."));
    says->setWordWrap(true);
    column->addWidget(says);
    m_alike->setToolTip(
        tr("Each at the lowest quality at which its difference is not seen: then the bytes can be compared"));
    m_alike->setChecked(document->currentDelivery().file.unseen);
    connect(m_alike, &QCheckBox::toggled, this, &FormatsSideBySide::render);
    column->addWidget(m_alike);
    auto* area = new QScrollArea;
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setSpacing(kGap3);
    int index = 0;
    for (const auto& format : outputFormats())
        addCard(grid, index++, format.key);
    grid->setRowStretch((index + kAcross - 1) / kAcross, 1);
    area->setWidget(inside);
    column->addWidget(area, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    render();
}

void FormatsSideBySide::addCard(QGridLayout* grid, int index, const std::string& format) {
    const auto name = toQt(outputFormat(format).name);
    const bool chosen = m_document->currentDelivery().file.has(format);
    Card card;
    auto* box = new QVBoxLayout;
    auto* title = new QLabel(chosen ? tr("%1, in this delivery").arg(name) : name);
    title->setFont(strongFont());
    card.piece = new QLabel;
    card.piece->setFixedSize(kPiece);
    card.piece->setAlignment(Qt::AlignCenter);
    card.piece->setAccessibleName(tr("The copy as %1").arg(name));
    card.words = new QLabel;
    card.words->setWordWrap(true);
    card.words->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    card.take = new QPushButton(tr("Save as %1").arg(name));
    card.take->setToolTip(tr("This delivery makes this format, and no other"));
    connect(card.take, &QPushButton::clicked, this, [this, format] { take(format); });
    for (auto* widget : std::initializer_list<QWidget*>{title, card.piece, card.words, card.take})
        box->addWidget(widget);
    box->setAlignment(card.take, Qt::AlignLeft);
    grid->addLayout(box, index / kAcross, index % kAcross, Qt::AlignTop | Qt::AlignLeft);
    m_cards[format] = card;
}

QString FormatsSideBySide::said(const std::string& format) const {
    return m_cards.at(format).words->text();
}

QPushButton* FormatsSideBySide::takeButton(const std::string& format) const {
    return m_cards.at(format).take;
}

void FormatsSideBySide::render() {
    const auto info = m_library->info(m_id);
    if (!info || info->problem)
        return;
    for (auto& [format, card] : m_cards) {
        card.words->setText(tr("being saved…"));
        card.piece->clear();
    }
    auto delivery = m_document->deliveryAsMade();
    delivery.file.unseen = m_alike->isChecked();
    delivery.file.atMost = delivery.file.unseen ? 0 : delivery.file.atMost;
    m_task.start([info, delivery, exception = m_document->exception(m_id),
                  originals = m_library->decoded()](const TaskRun<Made>& run) {
        return makeAll(*info, delivery, exception, *originals, run);
    });
}

void FormatsSideBySide::showCard(const Made& made) {
    auto& card = m_cards.at(made.format);
    if (made.bytes == 0) {
        card.words->setText(made.problem);
        return;
    }
    QStringList words{toQt(shownBytes(made.bytes))};
    if (made.score)
        words << (*made.score > 99.995 ? tr("the same pixels")
                                       : tr("difference %1").arg(*made.score, 0, 'f', 1));
    if (made.quality)
        words << tr("quality %1").arg(*made.quality);
    if (!made.problem.isEmpty())
        words << tr("held back: %1").arg(made.problem);
    card.words->setText(words.join(QObject::tr(", ")));
    card.piece->setPixmap(QPixmap::fromImage(made.piece));
}

void FormatsSideBySide::take(const std::string& format) {
    constexpr int kOneStep = 0x7A4E; // all of it is undone at once
    m_document->setSetting("file." + format, true, kOneStep);
    for (const auto& other : outputFormats())
        if (other.key != format && m_document->currentDelivery().file.has(other.key))
            m_document->setSetting("file." + other.key, false, kOneStep);
    if (m_document->currentDelivery().file.unseen != m_alike->isChecked())
        m_document->setSetting("file.unseen", m_alike->isChecked(), kOneStep);
    accept();
}

} // namespace keepseal::app
