// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "event_watch.h"
#include "pseudo_language.h"

#include "picture/develop.h"
#include "shell/language.h"
#include "theme/theme.h"
#include "widgets/accessible_items.h"
#include "widgets/field_keys.h"
#include "widgets/markup.h"
#include "widgets/wheel_scrolls.h"

#include <gtest/gtest.h>

int main(int argc, char** argv) {
    ::testing::InitGoogleTest(&argc, argv);
    keepseal::app::EventWatch app(argc, argv);
    if (qEnvironmentVariable("KEEPSEAL_TEST_LANGUAGE") == "pseudo")
        keepseal::test::speakPseudo(app);
    else if (qEnvironmentVariableIsSet("KEEPSEAL_TEST_LANGUAGE"))
        keepseal::app::useLanguage(app, qEnvironmentVariable("KEEPSEAL_TEST_LANGUAGE"));
    keepseal::app::plainLabels(app);
    keepseal::app::keepKeysInFields(app);
    keepseal::app::wheelScrolls(app);
    keepseal::app::makeItemsAccessible();
    keepseal::startPictureEngine(argv[0]);
    keepseal::app::loadTypeface();
    keepseal::app::setTheme(app, keepseal::app::ThemeKind::Dark, keepseal::app::Surround::Dark);
    return RUN_ALL_TESTS();
}
