// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/loupe.h"

#include "document/job_document.h"
#include "picture/develop.h"
#include "proofs/frame_proof.h"
#include "render/stages.h"
#include "theme/theme.h"
#include "widgets/announce.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace keepseal::app {
namespace {

constexpr int kGap = 6, kTitle = 20;

/// The same part of the original in the copy's own size, where the copy has it; grey where the border is.
QImage originalUnder(DecodedPictures& decoded, const LoupeSubject& subject, QSize size) {
    const auto& path = subject.row.original;
    const Original file(path);
    const auto all = readFacts(file, path.string());
    const auto facts =
        subject.delivery ? factsFor(all, subject.delivery->turn.reading(subject.row.page)) : all;
    QImage out(size, QImage::Format_RGB32);
    out.fill(QColor(128, 128, 128));
    QPainter painter(&out);
    const auto chain = subject.delivery ? std::optional(planChain(*subject.delivery, facts.size,
                                                                  subject.exception.turn, facts.pixelsPerMm))
                                        : std::nullopt;
    if (chain && chain->sizes.whole == Size{size.width(), size.height()}) {
        const CopyAsked asked{path, facts, {}, *subject.delivery, subject.exception, *chain};
        const auto at = pictureIn(chain->ground, chain->sizes.whole);
        painter.drawImage(QPoint(at.x, at.y), toImage(decoded.developed(file, facts, baseOf(asked).wish()),
                                                      subject.delivery->file));
    } else { // of other settings: as large as it goes, in the middle
        const Size inner = fitInside(facts.size, {size.width(), size.height()});
        painter.drawImage(QPoint((size.width() - inner.width) / 2, (size.height() - inner.height) / 2),
                          toImage(decoded.developed(file, facts, wholePicture(facts, inner))));
    }
    return out;
}

LoupePair readPair(DecodedPictures& decoded, const LoupeSubject& subject) {
    LoupePair out;
    out.right = wholeImage(subject.row.copy);
    out.left = originalUnder(decoded, subject, out.right.size());
    return out;
}

} // namespace

QImage wholeImage(const std::filesystem::path& path) {
    const Original file(path);
    const auto facts = readFacts(file, path.string());
    return toImage(develop(file, path.string(), facts, wholePicture(facts, facts.size)));
}

Halves::Halves(QImage picture) : m_levels{std::move(picture)} {
    constexpr int smallest = 256;
    while (m_levels.back().width() > 2 * smallest && m_levels.back().height() > 2 * smallest)
        m_levels.push_back(m_levels.back().scaled(m_levels.back().size() / 2, Qt::IgnoreAspectRatio,
                                                  Qt::SmoothTransformation));
}

const QImage& Halves::atLeast(int width) const {
    std::size_t level = 0;
    while (level + 1 < m_levels.size() && m_levels[level + 1].width() >= width)
        ++level;
    return m_levels[level];
}

Loupe::Loupe(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(150);
    setAccessibleName(tr("Original and copy under one loupe"));
    setToolTip(tr("Drag to move both; the wheel changes between fit, 100 % and 200 %"));
}

void Loupe::clear() {
    m_task.cancel();
    m_original = m_copy = {};
    m_originalSmaller = m_copySmaller = {};
    m_problem.clear();
    update();
}

void Loupe::showCopy(const LoupeSubject& subject, const std::shared_ptr<DecodedPictures>& decoded) {
    showPair([subject, decoded] { return readPair(*decoded, subject); }, tr("Original, in the copy's size"),
             tr("The finished file"));
}

void Loupe::showPair(std::function<LoupePair()> read, const QString& leftTitle, const QString& rightTitle) {
    m_leftTitle = leftTitle;
    m_rightTitle = rightTitle;
    m_task.start([read = std::move(read)](const auto&) { // who flicks through wants the last
        auto pair = read();
        pair.smallerLeft = Halves(pair.left);
        pair.smallerRight = Halves(pair.right);
        return pair;
    });
    update();
}

void Loupe::take(const TaskOutcome<LoupePair>& outcome) {
    const auto pair = outcome.result.value_or(LoupePair());
    m_original = pair.left;
    m_copy = pair.right;
    m_originalSmaller = pair.smallerLeft;
    m_copySmaller = pair.smallerRight;
    m_problem = outcome.problem ? toQt(outcome.problem->sentence()) : QString();
    moveBy({});
    update();
    tell(false);
    emit loaded();
}

void Loupe::lookAt(QPointF centre) {
    m_centre = centre;
    if (!m_copy.isNull() && !m_task.busy())
        moveBy({});
    update();
}

void Loupe::setZoom(Zoom zoom) {
    if (zoom == m_zoom)
        return;
    m_zoom = zoom;
    moveBy({});
    update();
    tell(false);
    emit zoomChanged();
}

QRect Loupe::pane(int which) const {
    const int half = (width() - kGap) / 2;
    return {which == 0 ? 0 : half + kGap, kTitle, half, height() - kTitle};
}

/// Device-independent pixels for a pixel of the copy.
double Loupe::scale() const {
    if (m_copy.isNull())
        return 1;
    if (m_zoom == Zoom::Fit)
        return std::min(
            {1.0, double(pane(1).width()) / m_copy.width(), double(pane(1).height()) / m_copy.height()});
    return (m_zoom == Zoom::Full ? 1.0 : 2.0) / devicePixelRatioF();
}

void Loupe::moveBy(QPointF pixels) {
    if (m_copy.isNull())
        return;
    const auto clamped = [](double centre, double shown, double all) {
        return shown >= all ? 0.5 : std::clamp(centre, shown / all / 2, 1 - shown / all / 2);
    };
    m_centre = {
        clamped(m_centre.x() + pixels.x() / m_copy.width(), pane(1).width() / scale(), m_copy.width()),
        clamped(m_centre.y() + pixels.y() / m_copy.height(), pane(1).height() / scale(), m_copy.height())};
    update();
}

void Loupe::paintPane(QPainter& painter, const QRect& box, const QImage& image, const Halves& smaller,
                      const QString& title) const {
    painter.setPen(theme().quiet);
    painter.setFont(smallFont());
    painter.drawText(QRect(box.x(), 0, box.width(), kTitle), Qt::AlignVCenter | Qt::AlignLeft, title);
    painter.fillRect(box, theme().surround(surround()));
    if (image.isNull()) {
        painter.setPen(theme().onSurround(surround()));
        painter.drawText(box.adjusted(12, 12, -12, -12), Qt::AlignCenter | Qt::TextWordWrap,
                         m_task.busy() ? tr("Reading…") : m_problem);
        return;
    }
    painter.save();
    painter.setClipRect(box);
    const double factor = scale();
    const QSizeF whole = QSizeF(m_copy.size()) * factor;
    const QPointF corner(box.center().x() + 0.5 - m_centre.x() * whole.width(),
                         box.center().y() + 0.5 - m_centre.y() * whole.height());
    // The left one may have another size and shape: it lies in the middle of the right one's.
    const QSizeF drawn = QSizeF(image.size()).scaled(whole, Qt::KeepAspectRatio);
    painter.setRenderHint(QPainter::SmoothPixmapTransform,
                          m_zoom == Zoom::Fit || image.size() != m_copy.size());
    painter.drawImage(
        QRectF(corner + QPointF((whole.width() - drawn.width()) / 2, (whole.height() - drawn.height()) / 2),
               drawn),
        smaller.atLeast(static_cast<int>(std::ceil(drawn.width() * devicePixelRatioF()))));
    painter.restore();
}

void Loupe::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    paintPane(painter, pane(0), m_original, m_originalSmaller, m_leftTitle);
    paintPane(painter, pane(1), m_copy, m_copySmaller, m_rightTitle);
    if (hasFocus()) {
        painter.setPen(QPen(theme().accent, 1));
        painter.drawRect(QRect(0, kTitle, width() - 1, height() - kTitle - 1));
    }
}

void Loupe::mousePressEvent(QMouseEvent* event) {
    m_grabbed = event->position();
    if (event->type() == QEvent::MouseButtonDblClick)
        setZoom(m_zoom == Zoom::Fit ? Zoom::Full : Zoom::Fit);
}

void Loupe::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton))
        return;
    moveBy((m_grabbed - event->position()) / scale());
    m_grabbed = event->position();
}

void Loupe::wheelEvent(QWheelEvent* event) {
    const int step = static_cast<int>(m_zoom) + (event->angleDelta().y() > 0 ? 1 : -1);
    setZoom(static_cast<Zoom>(std::clamp(step, 0, 2)));
    event->accept();
}

/// What is painted, for who does not see it; a step of the keys is announced as well.
void Loupe::tell(bool byKeys) {
    const auto zoom = m_zoom == Zoom::Fit    ? tr("the whole picture")
                      : m_zoom == Zoom::Full ? tr("100 %")
                                             : tr("200 %");
    const auto words = m_copy.isNull()       ? m_problem
                       : m_zoom == Zoom::Fit ? zoom
                                             : tr("%1, at %2 % from the left, %3 % from the top")
                                                   .arg(zoom)
                                                   .arg(std::lround(100 * m_centre.x()))
                                                   .arg(std::lround(100 * m_centre.y()));
    setAccessibleDescription(m_copy.isNull() ? words
                                             : tr("%1 beside %2: %3").arg(m_leftTitle, m_rightTitle, words));
    if (byKeys)
        announce(this, words);
}

void Loupe::keyPressEvent(QKeyEvent* event) {
    stepByKey(event);
    tell(true);
}

void Loupe::stepByKey(QKeyEvent* event) {
    const double step = 60 / scale();
    switch (event->key()) {
    case Qt::Key_Left:
        return moveBy({-step, 0});
    case Qt::Key_Right:
        return moveBy({step, 0});
    case Qt::Key_Up:
        return moveBy({0, -step});
    case Qt::Key_Down:
        return moveBy({0, step});
    case Qt::Key_Plus:
        return setZoom(static_cast<Zoom>(std::min(2, static_cast<int>(m_zoom) + 1)));
    case Qt::Key_Minus:
        return setZoom(static_cast<Zoom>(std::max(0, static_cast<int>(m_zoom) - 1)));
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace keepseal::app
