// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls.h"

#include "theme/theme.h"

#include <QColorDialog>
#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>

#include <algorithm>
#include <array>
#include <cmath>

namespace keepseal::app {
namespace {

constexpr int kSliderSteps = 1000;

QString unitSuffix(const QString& unit) {
    if (unit.isEmpty())
        return {};
    if (unit.startsWith(':')) // "3 : 1"
        return " " + unit;
    return " " + unit.section(' ', 0, 0); // "% of the short side" is said once, above
}

void drawFocus(QPainter& painter, const QRectF& rect, bool focused) {
    if (!focused)
        return;
    painter.setPen(QPen(theme().accent, 1.5));
    painter.setBrush(Qt::NoBrush);
    painter.drawRoundedRect(rect.adjusted(1, 1, -1, -1), 5, 5);
}

/// A colour patch that can be pressed.
class Swatch : public QAbstractButton {
public:
    Swatch(const QColor& colour, int width, QWidget* parent) : QAbstractButton(parent), m_colour(colour) {
        setFixedSize(withText(width), withText(26));
        setFocusPolicy(Qt::StrongFocus);
    }
    void setColour(const QColor& colour) {
        m_colour = colour;
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(theme().line, 1));
        painter.setBrush(m_colour);
        painter.drawRoundedRect(QRectF(rect()).adjusted(2.5, 2.5, -2.5, -2.5), 4, 4);
        drawFocus(painter, rect(), hasFocus());
    }

private:
    QColor m_colour;
};

/// Takes a comma and a point alike, wherever the person is from, and shows numbers as all of the window does.
class NumberBox : public QDoubleSpinBox {
public:
    NumberBox() {
        auto plain = speaksEnglish() ? QLocale::c() : QLocale();
        plain.setNumberOptions(QLocale::OmitGroupSeparator | QLocale::RejectGroupSeparator);
        setLocale(plain);
    }
    QValidator::State validate(QString& text, int& position) const override {
        text = withOwnPoint(text);
        return QDoubleSpinBox::validate(text, position);
    }
    double valueFromText(const QString& text) const override {
        return QDoubleSpinBox::valueFromText(withOwnPoint(text));
    }

private:
    QString withOwnPoint(QString text) const {
        const auto point = locale().decimalPoint();
        return text.replace(',', point).replace('.', point);
    }
};

/// Its steps are of no interest to anybody: it tells the number beside it.
class NumberSlider : public QSlider, public AccessibleNumber {
public:
    explicit NumberSlider(QDoubleSpinBox* box) : QSlider(Qt::Horizontal), m_box(box) {}
    double accessibleValue() const override { return m_box->value(); }
    void setAccessibleValue(double value) override { m_box->setValue(value); }
    double accessibleLeast() const override { return m_box->minimum(); }
    double accessibleMost() const override { return m_box->maximum(); }
    double accessibleStep() const override { return m_box->singleStep(); }
    QString accessibleValueText() const override { return m_box->text(); }

private:
    QDoubleSpinBox* m_box;
};

} // namespace

NumberControl::NumberControl(const NumberRange& range, const QString& unit, const QString& name,
                             QWidget* parent)
    : QWidget(parent), m_range(range), m_byRatio(range.min > 0 && range.max / range.min > 60),
      m_cubic(range.min == 0 && range.max / range.step > 1000), m_box(new NumberBox),
      m_slider(new NumberSlider(m_box)) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(kGap3);
    m_slider->setRange(0, kSliderSteps);
    m_slider->setAccessibleName(name);
    m_slider->setSingleStep(
        m_byRatio ? 4 : std::max(1, static_cast<int>(kSliderSteps * range.step / (range.max - range.min))));
    m_slider->setPageStep(m_slider->singleStep() * 10);
    m_box->setRange(range.min, range.max);
    m_box->setDecimals(range.decimals);
    m_box->setSingleStep(range.step);
    m_box->setSuffix(unitSuffix(unit));
    if (range.leastMeans)
        m_box->setSpecialValueText(QString::fromStdString(said(range.leastMeans)));
    m_box->setKeyboardTracking(false);
    m_box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_box->setAlignment(Qt::AlignRight);
    m_box->setFixedWidth(withText(88));
    m_box->setAccessibleName(name);
    row->addWidget(m_slider, 1);
    row->addWidget(m_box);
    m_slider->installEventFilter(this);
    m_box->installEventFilter(this);
    connect(m_slider, &QSlider::sliderPressed, this, &NumberControl::dragStarted);
    connect(m_slider, &QSlider::valueChanged, this, [this](int position) {
        const QSignalBlocker blocker(m_box);
        m_box->setValue(fromSlider(position));
        emit changed(m_box->value());
    });
    connect(m_box, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        const QSignalBlocker blocker(m_slider);
        m_slider->setValue(toSlider(value));
        emit changed(value);
    });
    const QSignalBlocker blocker(m_slider);
    m_slider->setValue(toSlider(m_box->value()));
}

void NumberControl::setValue(double value) {
    const QSignalBlocker slider(m_slider), box(m_box);
    if (std::abs(m_box->value() - value) > m_range.step / 100)
        m_slider->setValue(toSlider(value));
    m_box->setValue(value);
}

bool NumberControl::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::FocusIn)
        emit dragStarted();
    return QWidget::eventFilter(watched, event);
}

int NumberControl::toSlider(double value) const {
    const double share = m_byRatio ? std::log(value / m_range.min) / std::log(m_range.max / m_range.min)
                         : m_cubic ? std::cbrt(value / m_range.max)
                                   : (value - m_range.min) / (m_range.max - m_range.min);
    return static_cast<int>(std::lround(share * kSliderSteps));
}

double NumberControl::fromSlider(int position) const {
    const double share = static_cast<double>(position) / kSliderSteps;
    const double value = m_byRatio ? m_range.min * std::pow(m_range.max / m_range.min, share)
                         : m_cubic ? m_range.max * share * share * share
                                   : m_range.min + share * (m_range.max - m_range.min);
    const double kept = std::pow(10.0, m_range.decimals);
    return std::clamp(std::round(value * kept) / kept, m_range.min, m_range.max);
}

PlaceControl::PlaceControl(const std::vector<SettingChoice>& choices, QWidget* parent)
    : QWidget(parent), m_choices(choices) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Place of the seal; arrow keys move it"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    setToolTip(tr("Click a place, or move it with the arrow keys"));
}

void PlaceControl::setValue(const std::string& key) {
    m_value = key;
    if (const int at = index(); at >= 0)
        setAccessibleDescription(QString::fromStdString(m_choices[static_cast<std::size_t>(at)].label));
    update();
}

int PlaceControl::index() const {
    for (std::size_t i = 0; i < m_choices.size(); ++i)
        if (m_choices[i].key == m_value)
            return static_cast<int>(i);
    return -1;
}

QString PlaceControl::accessibleItemName(int at) const {
    return QString::fromStdString(m_choices.at(static_cast<std::size_t>(at)).label);
}

QRectF PlaceControl::cell(int at) const {
    const double width = (this->width() - 16) / 3.0, height = (this->height() - 16) / 3.0;
    return QRectF(8 + (at % 3) * width, 8 + (at / 3) * height, width, height).adjusted(2, 2, -2, -2);
}

void PlaceControl::choose(int at) {
    if (at < 0 || at >= static_cast<int>(m_choices.size()) || at == index())
        return;
    setValue(m_choices[static_cast<std::size_t>(at)].key);
    emit changed(m_value);
    tellCurrentItem(*this, *this);
}

void PlaceControl::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme().line, 1));
    painter.setBrush(theme().window);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
    for (int i = 0; i < 9; ++i) {
        const QRectF box = cell(i);
        const bool on = i == index();
        painter.setPen(Qt::NoPen);
        painter.setBrush(on ? theme().accent : theme().raised);
        painter.drawRoundedRect(box, 3, 3);
        // A short line where the seal would stand in that cell.
        const double length = box.width() * 0.5;
        const double x = i % 3 == 0   ? box.left() + 5
                         : i % 3 == 1 ? box.center().x() - length / 2
                                      : box.right() - 5 - length;
        const double y = i / 3 == 0 ? box.top() + 7 : i / 3 == 1 ? box.center().y() : box.bottom() - 7;
        painter.setPen(QPen(on ? theme().onAccent : theme().quiet, 2, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(QPointF(x, y), QPointF(x + length, y));
    }
    drawFocus(painter, rect(), hasFocus());
}

void PlaceControl::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; i < 9; ++i)
        if (cell(i).contains(event->position()))
            choose(i);
}

void PlaceControl::keyPressEvent(QKeyEvent* event) {
    const int at = index();
    switch (event->key()) {
    case Qt::Key_Left:
        return choose(at % 3 > 0 ? at - 1 : at);
    case Qt::Key_Right:
        return choose(at % 3 < 2 ? at + 1 : at);
    case Qt::Key_Up:
        return choose(at >= 3 ? at - 3 : at);
    case Qt::Key_Down:
        return choose(at < 6 ? at + 3 : at);
    default:
        QWidget::keyPressEvent(event);
    }
}

SegmentControl::SegmentControl(const std::vector<SettingChoice>& choices, const QString& name,
                               QWidget* parent)
    : QWidget(parent), m_choices(choices) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(kGap1);
    for (const auto& choice : choices) {
        auto* button = new QPushButton(QString::fromStdString(choice.label));
        button->setCheckable(true);
        button->setAutoExclusive(true);
        button->setAccessibleName(name + ": " + button->text());
        button->setStyleSheet(QStringLiteral(
            "QPushButton { padding: 5px 4px; } QPushButton:checked { background: palette(highlight); "
            "color: palette(highlighted-text); border-color: palette(highlight); }"));
        connect(button, &QPushButton::clicked, this, [this, key = choice.key] { emit changed(key); });
        row->addWidget(button, 1);
        m_buttons.push_back(button);
    }
}

void SegmentControl::setValue(const std::string& key) {
    for (std::size_t i = 0; i < m_choices.size(); ++i)
        m_buttons[i]->setChecked(m_choices[i].key == key);
}

std::string SegmentControl::value() const {
    for (std::size_t i = 0; i < m_choices.size(); ++i)
        if (m_buttons[i]->isChecked())
            return m_choices[i].key;
    return {};
}

ColourControl::ColourControl(const QString& name, QWidget* parent)
    : QWidget(parent), m_swatch(new Swatch(Qt::white, 64, this)) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(kGap1);
    m_swatch->setAccessibleName(name);
    m_swatch->setToolTip(tr("Choose any colour"));
    connect(m_swatch, &QAbstractButton::clicked, this, &ColourControl::openDialog);
    row->addWidget(m_swatch);
    row->addSpacing(kGap2);
    constexpr std::array<const char*, 4> usual = {"#ffffff", "#111111", "#f2c14e", "#c8452f"};
    for (const char* colour : usual) {
        auto* swatch = new Swatch(QColor(colour), 30, this);
        swatch->setAccessibleName(name + " " + colour);
        connect(swatch, &QAbstractButton::clicked, this, [this, colour] {
            emit dragStarted();
            setValue(colour);
            emit changed(m_value);
        });
        row->addWidget(swatch);
    }
    row->addStretch();
}

void ColourControl::setValue(const std::string& colour) {
    m_value = colour;
    static_cast<Swatch*>(m_swatch)->setColour(QColor(QString::fromStdString(colour)));
    m_swatch->setAccessibleDescription(QString::fromStdString(colour));
}

namespace {

/// Qt's dialog reads and writes a settings file of its own when it comes and goes, on the window's thread,
/// and home may be slow or far away. While this stands it finds none; the window itself remembers the colours
/// that a person kept.
class NoSettingsOfQt {
public:
    NoSettingsOfQt() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, "/dev/null"); }
    ~NoSettingsOfQt() {
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope,
                           QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation));
    }
    Q_DISABLE_COPY_MOVE(NoSettingsOfQt)
};

} // namespace

void ColourControl::openDialog() {
    emit dragStarted();
    const auto before = m_value;
    const NoSettingsOfQt none;
    QColorDialog dialog(QColor(QString::fromStdString(before)), this);
    connect(&dialog, &QColorDialog::currentColorChanged, this, [this](const QColor& colour) {
        setValue(colour.name().toStdString());
        emit changed(m_value); // every proof follows while the colour is looked for
    });
    if (dialog.exec() != QDialog::Accepted) {
        setValue(before);
        emit changed(before);
    }
}

SwitchControl::SwitchControl(const QString& text, QWidget* parent) : QAbstractButton(parent) {
    setCheckable(true);
    setText(text);
    setAccessibleName(text);
    setFocusPolicy(Qt::StrongFocus);
}

QSize SwitchControl::sizeHint() const {
    return {fontMetrics().horizontalAdvance(text()) + 60, std::max(26, fontMetrics().height() + 8)};
}

void SwitchControl::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF track(width() - 37, (height() - 20) / 2.0, 36, 20);
    painter.setPen(Qt::NoPen);
    painter.setBrush(isChecked() ? theme().accent : theme().line);
    painter.drawRoundedRect(track, 10, 10);
    painter.setBrush(isChecked() ? theme().onAccent : theme().quiet);
    painter.drawEllipse(QPointF(isChecked() ? track.right() - 10 : track.left() + 10, track.center().y()), 7,
                        7);
    painter.setPen(theme().text);
    painter.drawText(rect().adjusted(0, 0, -48, 0), Qt::AlignLeft | Qt::AlignVCenter, text());
    if (hasFocus()) {
        painter.setPen(QPen(theme().text, 1.2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(track.adjusted(-1.5, -1.5, 1.5, 1.5), 11, 11);
    }
}

} // namespace keepseal::app
