// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What can be read and seen, computed: contrast as in WCAG 2.1, 1.4.3 (text 4.5 : 1) and 1.4.11 (what tells a
// state 3 : 1).
#include "theme/theme.h"

#include <QApplication>
#include <QPainter>
#include <gtest/gtest.h>

#include <cmath>

namespace keepseal::app {
namespace {

double light(const QColor& colour) {
    const auto linear = [](double v) {
        return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) +
           0.0722 * linear(colour.blueF());
}

double contrast(const QColor& a, const QColor& b) {
    const auto [less, more] = std::minmax({light(a), light(b)});
    return (more + 0.05) / (less + 0.05);
}

std::string shown(const Theme& theme, const char* what, const QColor& a, const QColor& b) {
    return std::string(theme.kind == ThemeKind::Dark ? "dark, " : "light, ") + what + " " +
           a.name().toStdString() + " on " + b.name().toStdString();
}

} // namespace

TEST(Theme, TextsAndSignsCanBeReadAndStatesBeSeen) {
    for (const auto kind : {ThemeKind::Dark, ThemeKind::Light}) {
        const auto t = themeOf(kind);
        for (const auto& ground : {t.window, t.panel, t.raised}) {
            for (const auto& text : {t.text, t.quiet, t.good, t.look, t.bad})
                EXPECT_GE(contrast(text, ground), 4.5) << shown(t, "text", text, ground);
            EXPECT_GE(contrast(t.accent, ground), 3) << shown(t, "focus, chosen row", t.accent, ground);
        }
        EXPECT_GE(contrast(t.onAccent, t.accent), 4.5) << shown(t, "text", t.onAccent, t.accent);
        EXPECT_GE(contrast(t.text, t.line), 4.5) << shown(t, "chosen in a menu", t.text, t.line);
        EXPECT_GE(contrast(t.accent, t.line), 1.0);
        for (const auto tone : {Surround::Dark, Surround::Middle, Surround::Light}) {
            const auto ground = t.surround(tone);
            EXPECT_GE(contrast(t.onSurround(tone), ground), 4.5)
                << shown(t, "name", t.onSurround(tone), ground);
            EXPECT_GE(contrast(t.ring(tone), ground), 3) << shown(t, "ring", t.ring(tone), ground);
        }
    }
}

TEST(Theme, HighContrastHasMoreOfItEverywhere) {
    for (const auto kind : {ThemeKind::Dark, ThemeKind::Light}) {
        const auto t = themeOf(kind, Contrast::High);
        for (const auto& ground : {t.window, t.panel, t.raised}) {
            for (const auto& text : {t.text, t.quiet, t.good, t.look, t.bad, t.accent})
                EXPECT_GE(contrast(text, ground), 7) << shown(t, "text", text, ground);
            EXPECT_GE(contrast(t.line, ground), 4.5) << shown(t, "edge", t.line, ground);
        }
        EXPECT_GE(contrast(t.onAccent, t.accent), 7) << shown(t, "text", t.onAccent, t.accent);
    }
}

TEST(Theme, IconsAreDrawnInTheColourOfTheMomentTheyArePainted) {
    auto& app = *qobject_cast<QApplication*>(QCoreApplication::instance());
    const auto made = icon("copy"); // once, in the dark
    const auto darkest = [&made] {
        QImage image(40, 40, QImage::Format_RGB32);
        image.fill(Qt::gray);
        QPainter painter(&image);
        made.paint(&painter, image.rect());
        painter.end();
        int least = 255, most = 0;
        for (int y = 0; y < 40; ++y)
            for (int x = 0; x < 40; ++x) {
                least = std::min(least, qGray(image.pixel(x, y)));
                most = std::max(most, qGray(image.pixel(x, y)));
            }
        return std::pair(least, most);
    };
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    EXPECT_GT(darkest().second, 220);
    setTheme(app, ThemeKind::Light, Surround::Dark);
    EXPECT_LT(darkest().first, 60);
    setTheme(app, ThemeKind::Dark, Surround::Dark);
}

} // namespace keepseal::app
