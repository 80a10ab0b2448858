// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal_bench/advice_box.h"

#include "theme/theme.h"
#include "widgets/accessible_items.h"
#include "widgets/markup.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QToolTip>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QString placeName(Anchor anchor) {
    return toQt(rowOf(sealSettings(), "place")->choices[static_cast<std::size_t>(anchor)].label);
}

QString sentence(const PlaceScores& scores) {
    QStringList words;
    for (const auto& trouble : troubles(scores))
        words << toQt(trouble);
    return words.isEmpty() ? AdviceBox::tr("nothing against it") : words.join(QObject::tr("; "));
}

} // namespace

/// The nine places with their scores; a click takes one.
class AdviceBox::Map : public QWidget, public AccessibleItems {
public:
    Map(JobDocument* document, QWidget* parent) : QWidget(parent), m_document(document) {
        setFixedHeight(withText(78));
        setAccessibleName(AdviceBox::tr("Scores of the nine places, out of 100"));
    }
    void setAdvice(const std::optional<PlaceAdvice>& advice) {
        m_advice = advice;
        update();
    }

    int accessibleCount() const override { return 9; }
    QString accessibleItemName(int i) const override {
        const auto place = placeName(static_cast<Anchor>(i));
        if (!m_advice)
            return AdviceBox::tr("%1, not worked out yet").arg(place);
        const auto& scores = m_advice->places[static_cast<std::size_t>(i)];
        return AdviceBox::tr("%1, %2 of 100: %3")
            .arg(place)
            .arg(scores.total, 0, 'f', 0)
            .arg(sentence(scores));
    }
    QRect accessibleItemRect(int i) const override { return cell(i).toRect(); }
    bool isAccessibleItemChosen(int i) const override {
        const auto& seal = m_document->currentDelivery().seal;
        return !seal.atPoint && static_cast<int>(seal.anchor) == i;
    }
    int accessibleCurrent() const override { return -1; } // keys move the seal on the canvas
    void chooseAccessibleItem(int i) override {
        SealDesign next = m_document->currentDelivery().seal;
        next.anchor = static_cast<Anchor>(i);
        next.atPoint = false;
        m_document->setSeal(std::move(next), AdviceBox::tr("moving the seal"));
    }
    QAccessible::Role accessibleItemRole() const override { return QAccessible::RadioButton; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setFont(smallFont());
        const auto& seal = m_document->currentDelivery().seal;
        for (int i = 0; i < 9; ++i) {
            const QRectF box = cell(i);
            const bool taken = !seal.atPoint && static_cast<int>(seal.anchor) == i;
            painter.setPen(taken ? QPen(theme().accent, 2) : QPen(theme().line, 1));
            painter.setBrush(theme().raised);
            painter.drawRoundedRect(box, 3, 3);
            if (!m_advice)
                continue;
            const auto& scores = m_advice->places[static_cast<std::size_t>(i)];
            painter.setPen(troubles(scores).empty() ? theme().text : theme().quiet);
            painter.drawText(box, Qt::AlignCenter, QString::number(scores.total, 'f', 0));
        }
    }
    void mousePressEvent(QMouseEvent* event) override {
        for (int i = 0; i < 9; ++i)
            if (cell(i).contains(event->position()))
                chooseAccessibleItem(i);
    }
    bool event(QEvent* event) override {
        if (event->type() != QEvent::ToolTip)
            return QWidget::event(event);
        const auto* help = static_cast<QHelpEvent*>(event);
        for (int i = 0; m_advice && i < 9; ++i)
            if (cell(i).contains(help->pos())) {
                const auto& s = m_advice->places[static_cast<std::size_t>(i)];
                QStringList lost;
                for (const auto& crop : s.lostBy)
                    lost << toQt(saidValue({}, crop));
                QToolTip::showText(
                    help->globalPos(),
                    AdviceBox::tr(
                        "%1: %2\nstructure %3 · readable %4 · kept by crops %5 · clear of the subject %6\n"
                        "Lost by: %7")
                        .arg(placeName(static_cast<Anchor>(i)), sentence(s))
                        .arg(s.structure, 0, 'f', 0)
                        .arg(s.readable, 0, 'f', 0)
                        .arg(s.kept, 0, 'f', 0)
                        .arg(s.clear, 0, 'f', 0)
                        .arg(lost.isEmpty() ? AdviceBox::tr("none of the usual crops")
                                            : lost.join(QObject::tr(", "))),
                    this);
            }
        return true;
    }

private:
    QRectF cell(int i) const {
        const double w = width() / 3.0, h = height() / 3.0;
        return QRectF(i % 3 * w, i / 3 * h, w, h).adjusted(1.5, 1.5, -1.5, -1.5);
    }
    JobDocument* m_document;
    std::optional<PlaceAdvice> m_advice;
};

AdviceBox::AdviceBox(JobDocument* document, QWidget* parent)
    : QWidget(parent), m_document(document), m_map(new Map(document, this)), m_words(new QLabel),
      m_forMe(new QPushButton(tr("Place for me, picture by picture"))) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGap2);
    auto* title = new QLabel(tr("Advice on the place"));
    title->setFont(strongFont());
    m_words->setWordWrap(true);
    m_words->setFont(smallFont());
    m_words->setMinimumHeight(withText(64));
    m_words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_forMe->setCheckable(true);
    m_forMe->setToolTip(tr("Takes the best of the allowed places for each picture; see Placing"));
    m_forMe->setStyleSheet("QPushButton:checked { border-color: palette(highlight); }");
    for (auto* widget : {static_cast<QWidget*>(title), static_cast<QWidget*>(m_map),
                         static_cast<QWidget*>(m_words), static_cast<QWidget*>(m_forMe)})
        column->addWidget(widget);
    connect(m_forMe, &QPushButton::clicked, this, [this](bool on) {
        SealDesign next = m_document->currentDelivery().seal;
        next.placing = on ? Placing::Advised : Placing::AsSet;
        m_document->setSeal(std::move(next), tr("placing for me"));
    });
    m_wait.setSingleShot(true);
    m_wait.setInterval(150);
    connect(&m_wait, &QTimer::timeout, this, &AdviceBox::work);
    connect(document, &JobDocument::anythingChanged, this, [this] {
        m_wait.start();
        show();
    });
    show();
}

void AdviceBox::setFrame(std::shared_ptr<const Frame> frame) {
    if (frame == m_frame)
        return;
    m_frame = std::move(frame);
    m_advice.reset();
    m_problem.reset();
    m_wait.start();
    show();
}

void AdviceBox::work() {
    const auto& seal = m_document->deliveryAsMade().seal;
    if (!m_frame || !seal.drawsAnything() || seal.arrangement == Arrangement::Repeat)
        return m_task.cancel();
    m_task.start([frame = m_frame, seal](const auto&) { return advise(*prepareSeal(seal), *frame); });
}

void AdviceBox::show() {
    const auto& seal = m_document->currentDelivery().seal;
    m_forMe->setChecked(seal.placing == Placing::Advised);
    if (seal.arrangement == Arrangement::Repeat)
        m_advice.reset();
    m_map->setAdvice(m_advice);
    if (!m_advice) {
        Markup(seal.arrangement == Arrangement::Repeat ? tr("A pattern all over needs no place.")
               : m_frame                               ? tr("Being worked out.")
                                                       : tr("Choose a picture of yours as the ground."))
            .showOn(*m_words);
        return;
    }
    const auto& now = m_advice->at(seal.placing == Placing::Advised ? m_advice->best : seal.anchor);
    Markup text = seal.atPoint && seal.placing == Placing::AsSet
                      ? Markup(tr("The seal stands at a point of its own."))
                      : Markup::of(tr("<b>%1</b>: %2."), {placeName(now.anchor), sentence(now)});
    if (seal.placing == Placing::Advised)
        text += Markup::of("<br>%1", {toQt(m_advice->why)});
    else if (m_advice->best != seal.anchor)
        text += Markup::of("<br>%1", {tr("Better: %1, %2 points against %3.")
                                          .arg(placeName(m_advice->best).toLower())
                                          .arg(m_advice->at(m_advice->best).total, 0, 'f', 0)
                                          .arg(m_advice->at(seal.anchor).total, 0, 'f', 0)});
    text.showOn(*m_words);
}

} // namespace keepseal::app
