// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/trial_dialog.h"

#include "proofs/frame_proof.h"
#include "theme/theme.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

constexpr int kAttackWidth = 330, kBarHeight = 6;

QColor colourFor(double holds) {
    return holds < 25 ? theme().bad : holds < 60 ? theme().look : theme().good;
}

} // namespace

AttackCard::AttackCard(Attack attack) {
    setText(saidQt(nameOf(attack)));
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    setAccessibleName(text());
}

void AttackCard::setSummary(const AttackSummary& summary, const QString& worstPicture) {
    const auto& worst = summary.results[summary.worst];
    m_known = true, m_tried = summary.tried();
    m_holds = worst.holds;
    m_sentence = m_tried ? tr("%1: %2").arg(worstPicture, toQt(worst.sentence)) : toQt(worst.sentence);
    m_sentence.replace(" : 1", QString(QChar(0xA0)) + ":" + QChar(0xA0) + "1"); // no line begins with it
    setAccessibleName(m_tried ? tr("%1: %2 of 100 at worst").arg(text()).arg(m_holds, 0, 'f', 0) : text());
    setAccessibleDescription(m_sentence);
    updateGeometry();
    update();
}

int AttackCard::sentenceHeight(int width) const {
    return QFontMetrics(smallFont())
        .boundingRect(QRect(0, 0, width, 1000), Qt::TextWordWrap, m_sentence.isEmpty() ? " " : m_sentence)
        .height();
}

QSize AttackCard::sizeHint() const {
    const int width = withText(kAttackWidth);
    return {width,
            QFontMetrics(strongFont()).height() + kBarHeight + sentenceHeight(width - 2 * kGap3) + 5 * kGap2};
}

void AttackCard::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    painter.setPen(QPen(hasFocus() ? t.accent : t.line, hasFocus() ? 1.6 : 1));
    painter.setBrush(isChecked() ? t.raised : t.panel);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
    if (isChecked())
        painter.fillRect(QRect(1, 8, 3, height() - 16), t.accent);
    const QRect inner = rect().adjusted(kGap3, kGap2, -kGap3, -kGap2);
    painter.setFont(strongFont());
    painter.setPen(t.text);
    painter.drawText(inner, Qt::AlignLeft | Qt::AlignTop, text());
    const QString number = !m_known  ? tr("…")
                           : m_tried ? tr("%1 of 100").arg(m_holds, 0, 'f', 0)
                                     : tr("not tried");
    painter.drawText(inner, Qt::AlignRight | Qt::AlignTop, number);
    const int under = inner.top() + painter.fontMetrics().height() + kGap1;
    const QRectF bar(inner.left(), under, inner.width(), kBarHeight);
    painter.setPen(Qt::NoPen);
    painter.setBrush(t.line);
    painter.drawRoundedRect(bar, 3, 3);
    if (m_tried) {
        painter.setBrush(colourFor(m_holds));
        painter.drawRoundedRect(
            QRectF(bar.left(), bar.top(), std::max(4.0, bar.width() * m_holds / 100), bar.height()), 3, 3);
    }
    painter.setFont(smallFont());
    painter.setPen(t.text);
    painter.drawText(QRect(inner.left(), under + kBarHeight + kGap2, inner.width(), inner.height()),
                     Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, m_sentence);
}

TrialDialog::TrialDialog(Delivery delivery, std::vector<AskedPicture> pictures, QWidget* parent)
    : QDialog(parent), m_group(new QButtonGroup(this)), m_head(new QLabel), m_sentence(new QLabel),
      m_progress(new QProgressBar), m_pictures(new QComboBox), m_loupe(new Loupe),
      m_task([this](auto outcome) { take(std::move(outcome)); },
             [this](const double& share) { m_progress->setValue(static_cast<int>(share * 1000)); }) {
    setWindowTitle(tr("Trial of the seal"));
    resize(1200, 720);
    if (pictures.size() > kMostPictures)
        pictures.resize(kMostPictures);
    auto* row = new QHBoxLayout(this);
    row->setSpacing(kGap4);
    auto* left = new QVBoxLayout;
    left->setSpacing(kGap2);
    m_head->setFont(titleFont());
    m_head->setText(saidQt(pictures.size(), "Tried on {n} picture", "Tried on {n} pictures"));
    m_progress->setRange(0, 1000);
    m_progress->setTextVisible(false);
    m_progress->setAccessibleName(tr("How far the trial has come"));
    left->addWidget(m_head);
    left->addWidget(m_progress);
    for (const auto attack : kAttacks) {
        auto* card = new AttackCard(attack);
        m_cards.push_back(card);
        m_group->addButton(card, static_cast<int>(attack));
        left->addWidget(card);
    }
    m_group->setExclusive(true);
    connect(m_group, &QButtonGroup::idToggled, this, [this](int, bool on) {
        if (on)
            showAttack();
    });
    auto* honest =
        new QLabel(tr("100: nothing of the seal was lost. That a mark holds here does not prove that it "
                      "can't be taken off."));
    honest->setWordWrap(true);
    honest->setFont(smallFont());
    left->addStretch();
    left->addWidget(honest);
    auto* side = new QWidget;
    side->setLayout(left);
    left->setContentsMargins(0, 0, 0, 0);
    side->setFixedWidth(withText(kAttackWidth));
    row->addWidget(side);
    auto* right = new QVBoxLayout;
    m_pictures->setAccessibleName(tr("Picture, worst first"));
    m_pictures->setEnabled(false);
    m_sentence->setWordWrap(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    right->addWidget(m_pictures);
    right->addWidget(m_loupe, 1);
    right->addWidget(m_sentence);
    right->addWidget(buttons);
    row->addLayout(right, 1);
    connect(m_pictures, &QComboBox::currentIndexChanged, this, &TrialDialog::showPicture);
    m_task.start([delivery = std::move(delivery), pictures = std::move(pictures)](
                     const TaskRun<double>& run) { return tryThem(delivery, pictures, run); });
}

std::vector<AskedPicture> TrialDialog::picturesOf(const JobDocument& document, const PictureLibrary& library,
                                                  OriginalId first) {
    std::vector<AskedPicture> out;
    const auto& originals = document.originals();
    const auto take = [&](OriginalId id) {
        const auto info = library.info(id);
        if (info && !info->problem && out.size() < kMostPictures)
            out.push_back({info, document.exception(id)});
    };
    take(first);
    const double step = std::max(1.0, static_cast<double>(originals.size()) / kMostPictures);
    for (double at = 0; at < static_cast<double>(originals.size()); at += step)
        if (const auto id = originals[static_cast<std::size_t>(at)].id; id != first)
            take(id);
    return out;
}

TrialDialog::Tried TrialDialog::tryThem(const Delivery& delivery, const std::vector<AskedPicture>& asked,
                                        const TaskRun<double>& run) {
    constexpr double kReading = 0.3; // of the whole
    Tried out;
    for (std::size_t i = 0; i < asked.size() && !run.stop; ++i) {
        try {
            out.pictures.push_back(sealedOf(delivery, asked[i]));
        } catch (const Problem& problem) {
            out.problems << toQt(problem.sentence());
        }
        run.tell(kReading * static_cast<double>(i + 1) / static_cast<double>(asked.size()));
    }
    if (!out.pictures.empty())
        out.summaries = tryAll(out.pictures, run.stop,
                               [&](double share) { run.tell(kReading + (1 - kReading) * share); });
    return out;
}

void TrialDialog::take(TaskOutcome<Tried> outcome) {
    m_progress->hide();
    if (outcome.problem)
        return m_sentence->setText(toQt(outcome.problem->sentence()));
    if (!outcome.result || outcome.result->summaries.size() != kAttacks.size())
        return m_sentence->setText(outcome.result ? outcome.result->problems.join("\n") : QString());
    for (auto& picture : outcome.result->pictures)
        m_sealed.push_back(std::make_shared<const SealedPicture>(std::move(picture)));
    m_head->setText(saidQt(m_sealed.size(), "Tried on {n} picture", "Tried on {n} pictures"));
    m_head->setToolTip(outcome.result->problems.join("\n"));
    m_summaries = std::move(outcome.result->summaries);
    for (std::size_t i = 0; i < m_cards.size(); ++i)
        m_cards[i]->setSummary(m_summaries[i], toQt(m_sealed[m_summaries[i].worst]->name));
    m_pictures->setEnabled(true);
    m_cards[static_cast<std::size_t>(Attack::PaintedOut)]->setChecked(true);
}

const AttackSummary& TrialDialog::chosen() const {
    return m_summaries[static_cast<std::size_t>(m_group->checkedId())];
}

void TrialDialog::showAttack() {
    if (!ready())
        return;
    const auto& results = chosen().results;
    std::vector<std::size_t> order(results.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        return std::pair(!results[a].tried, results[a].holds) <
               std::pair(!results[b].tried, results[b].holds);
    });
    {
        const QSignalBlocker blocker(m_pictures);
        m_pictures->clear();
        for (const auto i : order)
            m_pictures->addItem(
                results[i].tried
                    ? tr("%1 · %2 of 100").arg(toQt(m_sealed[i]->name)).arg(results[i].holds, 0, 'f', 0)
                    : tr("%1 · not tried").arg(toQt(m_sealed[i]->name)),
                static_cast<qulonglong>(i));
    }
    // What is done to the mark alone is looked at where it stood, everything else as a whole.
    const bool atTheMark = chosen().attack == Attack::PaintedOut || chosen().attack == Attack::AveragedAway;
    m_loupe->setZoom(atTheMark ? Loupe::Zoom::Full : Loupe::Zoom::Fit);
    showPicture();
}

void TrialDialog::showPicture() {
    if (!ready() || m_pictures->currentIndex() < 0)
        return;
    const auto i = static_cast<std::size_t>(m_pictures->currentData().toULongLong());
    const auto& result = chosen().results[i];
    m_sentence->setText(toQt(m_sealed[i]->name) + ": " + toQt(result.sentence));
    const auto& with = m_sealed[i]->with.size;
    const auto middle = m_sealed[i]->drawn.box.centre();
    m_loupe->lookAt({middle.x / with.width, middle.y / with.height});
    m_loupe->showPair(
        [sealed = m_sealed[i], after = result.after] {
            return LoupePair{toImage(sealed->with), toImage(after)};
        },
        tr("As sealed"), tr("Afterwards"));
}

} // namespace keepseal::app
