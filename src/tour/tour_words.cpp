// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tour/tour_words.h"

#include "tour/waiting.h"

namespace keepseal::app {
namespace {

constexpr int kWordsPatience = 180000; // ms: a slow machine with a cold cache

bool allKnown(MainWindow& window) {
    return waitUntil([&] { return window.library().known() == window.document().originals().size(); },
                     kWordsPatience);
}

} // namespace

OriginalId called(MainWindow& window, const char* stem) {
    for (const auto& item : window.document().originals())
        if (item.path.stem() == stem)
            return item.id;
    return window.document().originals().front().id;
}

bool wordsPictures(MainWindow& window, const std::function<bool(QWidget&, const QString&)>& save) {
    if (!allKnown(window))
        return false;
    auto& document = window.document();
    const auto steps = document.undoStack()->index();
    window.views().wall().setCurrent(called(window, "tide_0607"));
    window.chain().setChosen(StationId::Rights);
    window.setView(ViewKind::One);
    window.drawer().rightsEditor()->openField("copyright_notice");
    bool ok = waitUntil([&] { return window.views().single().proofs().settled(); }, kWordsPatience) &&
              save(window, "rights.png");
    window.views().wall().setCurrent(called(window, "tide_0320"));
    window.chain().setChosen(StationId::Privacy);
    window.setView(ViewKind::Wall);
    window.setLook(ThemeKind::Light, Surround::Middle);
    ok = ok && waitUntil([&] { return window.views().wall().proofs().settled(); }, kWordsPatience) &&
         save(window, "privacy.png");
    window.setLook(ThemeKind::Dark, Surround::Dark);
    window.setView(ViewKind::Leaves);
    ok = ok && waitUntil([&] { return window.views().leaves().settled(); }, kWordsPatience) &&
         save(window, "what-leaves.png");
    window.setView(ViewKind::Words);
    auto& model = window.views().words().model();
    const auto workedOut = [&] { return waitUntil([&] { return model.settled(); }, kWordsPatience); };
    ok = ok && workedOut();
    for (const auto& [stem, title] :
         {std::pair{"tide_0101", "Mist over the marsh, 6.52"}, {"tide_0118", "Tail in the mist"}})
        model.setData(model.index(model.rowOf(called(window, stem)), WordsModel::kFirstField), QString(title),
                      Qt::EditRole);
    ok = ok && workedOut() && save(window, "words.png");
    document.undoStack()->setIndex(steps);
    window.chain().setChosen(StationId::Seal);
    window.setView(ViewKind::Wall);
    return ok;
}

} // namespace keepseal::app
