// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/given.h"

#include "shell/language.h"

#include "base/files.h"
#include "base/language.h"
#include "delivery/json.h"
#include "theme/theme.h"
#include "widgets/accessible_items.h"
#include "widgets/field_keys.h"
#include "widgets/markup.h"
#include "widgets/wheel_scrolls.h"

namespace keepseal::app {

void beginProgram(QApplication& app) {
    plainLabels(app);
    keepKeysInFields(app);
    wheelScrolls(app);
    makeItemsAccessible();
    QApplication::setApplicationName("keep-seal");
    QApplication::setApplicationDisplayName("Keep Seal");
    QApplication::setApplicationVersion(KEEPSEAL_VERSION);
    loadTypeface();
    useLanguage(app);
}

void addGivenOptions(QCommandLineParser& parser) {
    // As the manual page says it.
    parser.addPositionalArgument("path", toQt(said("Pictures, folders, jobs and deliveries to open")),
                                 "[path...]");
    parser.addOption(
        {{"d", "delivery"}, toQt(said("Open this delivery; may be given several times")), "file"});
    parser.addOption({"who", toQt(said("A file that says who you are, for this window alone")), "file"});
    parser.addOption({{"o", "out"}, toQt(said("Folder for the copies of the deliveries given")), "folder"});
}

std::vector<std::filesystem::path> wholePaths(const QStringList& words) {
    std::vector<std::filesystem::path> out;
    for (const auto& word : words)
        out.push_back(std::filesystem::absolute(toPath(word)));
    return out;
}

void openGiven(MainWindow& window, const QCommandLineParser& parser) {
    if (parser.isSet("who"))
        window.document().startWithWho(
            whoFromJson(readJsonFile(toPath(parser.value("who"))), parser.value("who").toStdString()));
    std::vector<DeliveryItem> given;
    for (const auto& file : wholePaths(parser.values("delivery"))) {
        given.push_back({loadDelivery(file), true, file, nullptr, 0});
        given.back().kept = std::make_shared<const Delivery>(given.back().delivery);
        if (parser.isSet("out"))
            given.back().delivery.place.folder = parser.value("out").toStdString();
    }
    if (!given.empty())
        window.document().load(std::move(given), {});
}

} // namespace keepseal::app
