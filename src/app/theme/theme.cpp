// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "theme/theme.h"

#include "base/assets.h"

#include <QApplication>
#include <QDir>
#include <QFile>
#include <QFontDatabase>
#include <QIconEngine>
#include <QPainter>
#include <QPalette>
#include <QPixmapCache>
#include <QStyleFactory>
#include <QSvgRenderer>

#include <cmath>

namespace keepseal::app {
namespace {

Theme darkTheme() {
    return {ThemeKind::Dark,   QColor("#232323"), QColor("#2b2b2b"), QColor("#383838"),
            QColor("#474747"), QColor("#f0f0f0"), QColor("#b4b4b4"), QColor("#3fb3a2"),
            QColor("#06231f"), QColor("#5fbf7d"), QColor("#e6a93c"), QColor("#f58473")};
}

Theme lightTheme() {
    return {ThemeKind::Light,  QColor("#e6e6e6"), QColor("#f2f2f2"), QColor("#ffffff"),
            QColor("#c9c9c9"), QColor("#1d1d1d"), QColor("#595959"), QColor("#0d7468"),
            QColor("#ffffff"), QColor("#196b36"), QColor("#8f5a00"), QColor("#b83220")};
}

/// Text at 7:1 at the least, and every edge to be seen.
Theme highContrast(ThemeKind kind) {
    if (kind == ThemeKind::Dark)
        return {kind,
                QColor("#000000"),
                QColor("#000000"),
                QColor("#161616"),
                QColor("#a0a0a0"),
                QColor("#ffffff"),
                QColor("#e4e4e4"),
                QColor("#62e6d1"),
                QColor("#000000"),
                QColor("#86e8a2"),
                QColor("#ffca66"),
                QColor("#ffab9d")};
    return {kind,
            QColor("#ffffff"),
            QColor("#ffffff"),
            QColor("#f4f4f4"),
            QColor("#5a5a5a"),
            QColor("#000000"),
            QColor("#2a2a2a"),
            QColor("#004f46"),
            QColor("#ffffff"),
            QColor("#0a4a20"),
            QColor("#5a3800"),
            QColor("#8a1508")};
}

Theme current = darkTheme();
Contrast currentContrast = Contrast::Usual;
Surround currentSurround = Surround::Dark;

QPalette paletteOf(const Theme& t) {
    const bool high = t == highContrast(t.kind);
    QPalette p;
    p.setColor(QPalette::Window, t.panel);
    p.setColor(QPalette::WindowText, t.text);
    p.setColor(QPalette::Base, t.raised);
    p.setColor(QPalette::AlternateBase, t.panel);
    p.setColor(QPalette::Text, t.text);
    p.setColor(QPalette::PlaceholderText, t.quiet);
    p.setColor(QPalette::Button, t.raised);
    p.setColor(QPalette::ButtonText, t.text);
    p.setColor(QPalette::ToolTipBase, t.raised);
    p.setColor(QPalette::ToolTipText, t.text);
    p.setColor(QPalette::Highlight, t.accent);
    p.setColor(QPalette::HighlightedText, t.onAccent);
    p.setColor(QPalette::Link, t.accent);
    p.setColor(QPalette::Mid, t.line);
    p.setColor(QPalette::Light, t.raised.lighter(110));
    p.setColor(QPalette::Dark, t.line);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(QPalette::Disabled, role,
                   high                        ? t.line
                   : t.kind == ThemeKind::Dark ? QColor("#858585")
                                               : QColor("#8a8a8a"));
    return p;
}

/// Only what a palette can't say.
QString styleSheetOf(const Theme& t) {
    QString sheet = QStringLiteral(R"(
QToolTip { color: @text; background: @raised; border: 1px solid @line; padding: 4px; }
QLineEdit, QPlainTextEdit, QSpinBox, QDoubleSpinBox, QComboBox {
  background: @raised; border: 1px solid @line; border-radius: 5px; padding: 4px 6px; selection-background-color: @accent; }
QLineEdit:focus, QPlainTextEdit:focus, QSpinBox:focus, QDoubleSpinBox:focus, QComboBox:focus { border: 1px solid @accent; }
QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button { width: 0; border: none; }
QComboBox::drop-down { border: none; width: 18px; }
QComboBox::down-arrow { image: url(:/icons/chevron-down-@kind.svg); width: 14px; height: 14px; margin-right: 8px; }
QDialogButtonBox { dialogbuttonbox-buttons-have-icons: 0; }
QPushButton { background: @raised; border: 1px solid @line; border-radius: 6px; padding: 6px 14px; }
QPushButton:hover { border-color: @quiet; }
QPushButton:focus { border: 1px solid @accent; }
QPushButton[strong="true"] { background: @accent; color: @onAccent; border: 1px solid @accent; font-weight: 600; padding: 8px 22px; }
QPushButton[strong="true"]:hover { background: @accentHover; }
QPushButton[strong="true"]:focus { border: 2px solid @text; padding: 7px 21px; }
QPushButton[strong="true"]:disabled { background: @raised; color: @quiet; border-color: @line; }
QToolButton { border: 1px solid transparent; border-radius: 5px; padding: 4px; }
QToolButton:hover { background: @raised; }
QToolButton:focus { border-color: @accent; }
QToolButton:checked { background: @raised; }
QSlider::groove:horizontal { height: 4px; border-radius: 2px; background: @line; }
QSlider::sub-page:horizontal { height: 4px; border-radius: 2px; background: @accent; }
QSlider::handle:horizontal { width: 14px; height: 14px; margin: -5px 0; border-radius: 7px; background: @text; }
QSlider::handle:horizontal:focus { background: @accent; }
QCheckBox::indicator { width: 14px; height: 14px; border: 1px solid @quiet; border-radius: 3px; background: @raised; }
QCheckBox::indicator:hover, QCheckBox::indicator:focus { border-color: @accent; }
QCheckBox::indicator:checked { background: @accent; border-color: @accent; image: url(:/icons/tick-@kind.svg); }
QCheckBox::indicator:checked:focus { border-color: @text; }
QProgressBar { border: none; border-radius: 3px; background: @line; max-height: 6px; }
QProgressBar::chunk { border-radius: 3px; background: @accent; }
QScrollArea, QScrollArea > QWidget > QWidget { border: none; background: transparent; }
QScrollBar:vertical { background: transparent; width: 11px; margin: 0; }
QScrollBar::handle:vertical { background: @line; border-radius: 4px; min-height: 30px; margin: 2px; }
QScrollBar:horizontal { background: transparent; height: 11px; margin: 0; }
QScrollBar::handle:horizontal { background: @line; border-radius: 4px; min-width: 30px; margin: 2px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QTableView { background: @panel; alternate-background-color: @window; border: none; gridline-color: transparent;
  selection-background-color: @accent; selection-color: @onAccent; outline: none; }
QTableView::item { padding: 0 8px; border: none; }
QHeaderView::section { background: @panel; color: @quiet; border: none; border-bottom: 1px solid @line; padding: 6px 8px; }
QMenu { background: @raised; border: 1px solid @line; padding: 4px; }
QMenu::item { padding: 6px 24px 6px 12px; border-left: 3px solid transparent; }
QMenu::item:selected { background: @chosen; color: @onChosen; border-left: 3px solid @accent; }
QMenu::separator { height: 1px; background: @line; margin: 4px 8px; }
)");
    if (QGuiApplication::isRightToLeft()) // the style fills sliders from the left, whatever is read from
                                          // where
        sheet.replace("QSlider::sub-page", "QSlider::add-page");
    const bool high = t == highContrast(t.kind);
    const std::pair<const char*, QColor> roles[] = {{"@onChosen", high ? t.onAccent : t.text},
                                                    {"@chosen", high ? t.accent : t.line},
                                                    {"@onAccent", t.onAccent},
                                                    {"@accentHover", t.accent.lighter(112)},
                                                    {"@accent", t.accent},
                                                    {"@window", t.window},
                                                    {"@panel", t.panel},
                                                    {"@raised", t.raised},
                                                    {"@line", t.line},
                                                    {"@text", t.text},
                                                    {"@quiet", t.quiet}};
    sheet.replace("@kind", t.kind == ThemeKind::Dark ? "dark" : "light");
    for (const auto& [role, colour] : roles)
        sheet.replace(QLatin1String(role), colour.name());
    return sheet;
}

QFont fontOf(qreal points, QFont::Weight weight) {
    QFont font("Inter");
    font.setPointSizeF(points);
    font.setWeight(weight);
    return font;
}

} // namespace

QColor Theme::surround(Surround tone) const {
    switch (tone) {
    case Surround::Dark:
        return QColor("#3a3a3a");
    case Surround::Middle:
        return QColor("#747474");
    case Surround::Light:
        return QColor("#d4d4d4");
    }
    return {};
}

QColor Theme::onSurround(Surround tone) const {
    return tone == Surround::Dark     ? QColor("#dcdcdc")
           : tone == Surround::Middle ? QColor("#ffffff")
                                      : QColor("#2c2c2c");
}

QColor Theme::ring(Surround tone) const {
    return tone == Surround::Dark     ? QColor("#4fc4b2")
           : tone == Surround::Middle ? QColor("#d9fff9")
                                      : QColor("#0a5f55");
}

QColor Theme::of(Tint tint) const {
    switch (tint) {
    case Tint::Text:
        return text;
    case Tint::Quiet:
        return quiet;
    case Tint::Accent:
        return accent;
    case Tint::OnAccent:
        return onAccent;
    case Tint::Good:
        return good;
    case Tint::Look:
        return look;
    case Tint::Bad:
        return bad;
    }
    return text;
}

Theme themeOf(ThemeKind kind, Contrast contrast) {
    return contrast == Contrast::High ? highContrast(kind)
           : kind == ThemeKind::Dark  ? darkTheme()
                                      : lightTheme();
}

Contrast contrast() {
    return currentContrast;
}

void setContrast(Contrast contrast) {
    currentContrast = contrast;
}

const Theme& theme() {
    return current;
}
Surround nextSurround() {
    return static_cast<Surround>((static_cast<int>(surround()) + 1) % 3);
}

Surround surround() {
    return currentSurround;
}

void setTheme(QApplication& app, ThemeKind kind, Surround tone) {
    current = themeOf(kind, currentContrast);
    currentSurround = tone;
    static bool styled = false;
    if (!std::exchange(styled, true)) { // each of these polishes every widget anew
        if (auto* fusion = QStyleFactory::create("Fusion"))
            QApplication::setStyle(fusion);
        QApplication::setFont(bodyFont());
    }
    if (app.palette() == paletteOf(current) && !app.styleSheet().isEmpty())
        return;            // another grey around pictures: they are painted with it
    app.setStyleSheet({}); // else the palette goes down the tree of widgets once for each of them
    QApplication::setPalette(paletteOf(current));
    app.setStyleSheet(styleSheetOf(current));
}

void loadTypeface() {
    const QDir folder(QString::fromStdString((assetsFolder() / "fonts").string()));
    for (const auto& file : folder.entryList({"Inter-*.otf"}))
        QFontDatabase::addApplicationFont(folder.filePath(file));
}

QFont bodyFont() {
    return fontOf(10, QFont::Normal);
}
QFont smallFont() {
    return fontOf(9, QFont::Normal);
}
int withText(int pixels) {
    constexpr double usual = 13; // pixels of the body's type at 96 dots an inch
    static const double larger =
        std::max(1.0, QFontInfo(bodyFont()).pixelSize() / usual); // asked for each tile
    return static_cast<int>(std::lround(pixels * larger));
}
QFont titleFont() {
    return fontOf(13, QFont::DemiBold);
}
QFont strongFont() {
    return fontOf(10, QFont::DemiBold);
}

QPixmap iconPixmap(const QString& name, const QColor& colour, int size, qreal ratio) {
    const auto key = QString("ks:%1:%2:%3:%4").arg(name, colour.name()).arg(size).arg(ratio);
    QPixmap pixmap;
    if (QPixmapCache::find(key, &pixmap))
        return pixmap;
    QFile file(":/icons/" + name + ".svg");
    if (!file.open(QIODevice::ReadOnly))
        return {};
    QSvgRenderer renderer(QString::fromUtf8(file.readAll()).replace("currentColor", colour.name()).toUtf8());
    static const QSet<QString> pointsAlong{"arrow-left", "undo-2", "redo-2"}; // the way that lines are read
    pixmap = QPixmap(QSize(size, size) * ratio);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    if (QGuiApplication::isRightToLeft() && pointsAlong.contains(name)) {
        painter.translate(size * ratio, 0);
        painter.scale(-1, 1);
    }
    renderer.render(&painter);
    painter.end();
    pixmap.setDevicePixelRatio(ratio);
    QPixmapCache::insert(key, pixmap);
    return pixmap;
}

namespace {

class ThemeIcon : public QIconEngine {
public:
    ThemeIcon(QString name, Tint tint) : m_name(std::move(name)), m_tint(tint) {}
    void paint(QPainter* painter, const QRect& rect, QIcon::Mode mode, QIcon::State) override {
        const int side = std::min(rect.width(), rect.height());
        const auto pixmap = iconPixmap(m_name, colour(mode), side, painter->device()->devicePixelRatioF());
        painter->drawPixmap(rect.x() + (rect.width() - side) / 2, rect.y() + (rect.height() - side) / 2,
                            pixmap);
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State) override {
        return iconPixmap(m_name, colour(mode), std::min(size.width(), size.height()), 1);
    }
    QIconEngine* clone() const override { return new ThemeIcon(*this); }

private:
    QColor colour(QIcon::Mode mode) const {
        return mode == QIcon::Disabled   ? QApplication::palette().color(QPalette::Disabled, QPalette::Text)
               : mode == QIcon::Selected ? theme().onAccent
                                         : theme().of(m_tint);
    }
    QString m_name;
    Tint m_tint;
};

} // namespace

QIcon icon(const QString& name, Tint tint) {
    return QIcon(new ThemeIcon(name, tint));
}

QPixmap sealPixmap(int size, qreal ratio) {
    QPixmap pixmap(QSize(size, size) * ratio);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    QSvgRenderer(QStringLiteral(":/keep-seal.svg")).render(&painter);
    painter.end();
    pixmap.setDevicePixelRatio(ratio);
    return pixmap;
}

} // namespace keepseal::app
