// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/chain_view.h"

#include "base/text.h"
#include "render/stages.h"
#include "theme/theme.h"
#include "widgets/markup.h"

#include <QKeyEvent>
#include <QPainter>
#include <QStyle>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

constexpr int kLineX = 26, kTextX = 48;

/// There is something at this station that the copies will have: it has earned its tick.
bool isFilledIn(StationId id, const Delivery& delivery) {
    switch (id) {
    case StationId::Seal:
        return std::any_of(delivery.seal.parts.begin(), delivery.seal.parts.end(),
                           [](const SealPart& part) { return !part.hidden; });
    case StationId::Rights:
        return delivery.rights.writesAnything();
    case StationId::Place:
        return delivery.place.chosen();
    case StationId::Sending:
        return delivery.sending.chosen();
    default:
        return true;
    }
}

QString sizeText(Size size) {
    return fromTheLeft(QString("%1 × %2").arg(size.width).arg(size.height));
}

/// "camera raw, 24.2 MP, developed".
QString aboutOriginal(const PictureInfo& info, const PictureFacts& taken) {
    QStringList out{toQt(std::string(nameOf(taken.container))),
                    ChainView::tr("%1 MP").arg(static_cast<double>(taken.size.pixels()) / 1e6, 0, 'f', 1)};
    if (taken.container == Container::CameraRaw)
        out << (taken.reading.raw == RawPicture::Cameras ? ChainView::tr("the camera's own")
                                                         : ChainView::tr("developed"));
    if (info.facts.pages > 1)
        out << ChainView::tr("%1 of %2").arg(taken.reading.page + 1).arg(info.facts.pages);
    if (taken.orientation != 1)
        out << ChainView::tr("turned upright");
    return out.join(QObject::tr(", "));
}

} // namespace

StationButton::StationButton(const QString& name, QWidget* parent) : QAbstractButton(parent) {
    setText(name);
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void StationButton::setSummary(const QString& summary, const QString& size, Mark mark,
                               const QString& problem) {
    const auto& shown = problem.isEmpty() ? summary : problem;
    const auto shownMark = problem.isEmpty() ? mark : Mark::Problem;
    if (m_summary == shown && m_size == size && m_mark == shownMark)
        return; // each step of a slider asks all of them
    m_summary = shown;
    m_size = size;
    m_mark = shownMark;
    setAccessibleName(text() + ", " + m_summary + (size.isEmpty() ? "" : ", " + size));
    setToolTip(problem.isEmpty() ? summary : problem);
    update();
}

QSize StationButton::sizeHint() const {
    return {200, QFontMetrics(strongFont()).height() + QFontMetrics(smallFont()).height() + 17};
}

void StationButton::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    const auto side = [this](const QRect& at) { return QStyle::visualRect(layoutDirection(), rect(), at); };
    const int lineX = layoutDirection() == Qt::RightToLeft ? width() - kLineX : kLineX;
    if (isChecked()) {
        painter.fillRect(rect(), t.raised);
        painter.fillRect(side({0, 0, 3, height()}), t.accent);
    } else if (underMouse())
        painter.fillRect(rect(), t.window.lighter(t.kind == ThemeKind::Dark ? 125 : 103));
    painter.setPen(QPen(t.line, 2));
    painter.drawLine(lineX, m_mark == Mark::Start ? height() / 2 : 0, lineX, height());
    const QPointF middle(lineX, height() / 2.0);
    const QColor ring = m_mark == Mark::On ? t.accent : m_mark == Mark::Problem ? t.bad : t.quiet;
    painter.setPen(QPen(ring, 2));
    painter.setBrush(m_mark == Mark::On ? t.accent : isChecked() ? t.raised : t.window);
    painter.drawEllipse(middle, 8, 8);
    if (m_mark == Mark::On)
        painter.drawPixmap(middle - QPointF(6, 6), iconPixmap("check", t.onAccent, 12, devicePixelRatioF()));
    else if (m_mark == Mark::Problem) {
        painter.setFont(strongFont());
        painter.drawText(QRectF(middle.x() - 8, middle.y() - 9, 16, 17), Qt::AlignCenter, "!");
    }
    const QFontMetrics strong(strongFont()), small(smallFont());
    const int top = (height() - strong.height() - small.height() - 2) / 2;
    const int sizeWidth = m_size.isEmpty() ? 0 : small.horizontalAdvance(m_size) + 8;
    painter.setFont(strongFont());
    painter.setPen(m_mark == Mark::Off ? t.quiet : t.text);
    painter.drawText(side({kTextX, top, width() - kTextX - sizeWidth - 8, strong.height()}), Qt::AlignLeft,
                     strong.elidedText(text(), Qt::ElideRight, width() - kTextX - sizeWidth - 8));
    painter.setFont(smallFont());
    if (!m_size.isEmpty()) {
        painter.setPen(t.accent);
        painter.drawText(side({width() - sizeWidth - 8, top + strong.ascent() - small.ascent(), sizeWidth,
                               small.height()}),
                         Qt::AlignRight, m_size);
    }
    painter.setPen(m_mark == Mark::Problem ? t.bad : t.quiet);
    painter.drawText(side({kTextX, top + strong.height() + 2, width() - kTextX - 8, small.height()}),
                     Qt::AlignLeft, small.elidedText(m_summary, Qt::ElideRight, width() - kTextX - 8));
    if (hasFocus()) {
        painter.setPen(QPen(t.accent, 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void StationButton::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Up)
        focusPreviousChild();
    else if (event->key() == Qt::Key_Down)
        focusNextChild();
    else if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter)
        click();
    else
        QAbstractButton::keyPressEvent(event);
}

ChainView::ChainView(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_start(new StationButton(tr("Original"))) {
    setAccessibleName(tr("Chain of stations"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, kGap2, 0, kGap2);
    column->setSpacing(0);
    m_start->setCheckable(false);
    m_start->setFocusPolicy(Qt::NoFocus);
    column->addWidget(m_start);
    for (const auto& s : stations()) {
        auto* button = new StationButton(toQt(s.label));
        button->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
        connect(button, &QAbstractButton::clicked, this, [this, id = s.id] { setChosen(id); });
        column->addWidget(button);
        m_buttons.push_back(button);
    }
    column->addStretch();
    connect(document, &JobDocument::anythingChanged, this, &ChainView::refresh);
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_lookedAt)
            refresh();
    });
    setChosen(m_chosen);
    refresh();
}

void ChainView::setLookedAt(OriginalId id) {
    m_lookedAt = id;
    refresh();
}

void ChainView::setChosen(StationId station) {
    m_chosen = station;
    for (const auto& s : stations())
        button(s.id)->setChecked(s.id == station);
    emit stationChosen(station);
}

void ChainView::setPlaceProblem(const QString& problem) {
    if (m_placeProblem == problem)
        return;
    m_placeProblem = problem;
    refresh();
}

void ChainView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().window);
    painter.fillRect(QRect(width() - 1, 0, 1, height()), theme().line);
}

void ChainView::refresh() {
    const auto info = m_library->info(m_lookedAt);
    const bool readable = info && !info->problem;
    const Delivery& delivery = m_document->currentDelivery();
    const auto chain = readable ? chainOf(*m_document, *info, m_lookedAt) : ChainPlan{};
    const auto& sizes = chain.sizes;
    askProfile(delivery.file);
    QString about = m_lookedAt == 0 ? tr("no picture yet")
                    : readable      ? QString()
                    : info          ? tr("cannot be read")
                                    : tr("being read");
    if (readable)
        about = aboutOriginal(*info, info->factsIn(delivery));
    m_start->setSummary(about, readable ? sizeText(sizes.original) : QString(), StationButton::Mark::Start);
    for (const auto& s : stations()) {
        const auto* onSwitch = s.onSwitch();
        const bool on = (!onSwitch || std::get<bool>(onSwitch->get(delivery))) && isFilledIn(s.id, delivery);
        QString size, problem;
        if (readable)
            size = s.id == StationId::Turn     ? sizeText(sizes.cut)
                   : s.id == StationId::Fit    ? sizeText(sizes.fitted)
                   : s.id == StationId::Border ? sizeText(sizes.whole)
                                               : QString();
        if (s.id == StationId::Fit && readable && chain.fit.enlargedTo > 100.5)
            problem = tr("enlarged to %1 %").arg(chain.fit.enlargedTo, 0, 'f', 0);
        if (s.id == StationId::Privacy && delivery.privacy.opensLocation())
            problem = tr("the place is told");
        if (s.id == StationId::File && delivery.file.formats().empty())
            problem = tr("choose a format");
        if (s.id == StationId::File && delivery.file.colour == ColourOut::Profile)
            problem = m_profileProblem;
        if (s.id == StationId::Place) {
            problem = m_placeProblem;
            if (problem.isEmpty() && delivery.place.folder.empty() && !m_document->originals().empty())
                problem = tr("choose a folder");
        }
        button(s.id)->setSummary(toQt(s.summary(delivery)), size,
                                 on ? StationButton::Mark::On : StationButton::Mark::Off, problem);
    }
}

/// Each time: its file may come and go.
void ChainView::askProfile(const FileSettings& file) {
    if (file.colour == ColourOut::Profile)
        m_profile.follow([file](const auto&) {
            outputSpace(file);
            return QString();
        });
}

void ChainView::takeProfile(const TaskOutcome<QString>& outcome) {
    const auto problem = outcome.problem ? toQt(outcome.problem->happened) : QString();
    if (std::exchange(m_profileProblem, problem) != problem)
        refresh();
}

} // namespace keepseal::app
