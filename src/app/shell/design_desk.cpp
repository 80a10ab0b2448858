// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/design_desk.h"

#include "border/border_chooser.h"
#include "rights/sheet_xmp.h"
#include "seal_bench/seal_chooser.h"
#include "shell/trial_dialog.h"

#include <QFileDialog>
#include <QInputDialog>
#include <QMenu>
#include <QToolButton>

namespace keepseal::app {

DesignDesk::DesignDesk(DeskTools tools, SealBench* bench, Views* views, Drawer* drawer,
                       PictureLibrary* library)
    : m(std::move(tools)), m_bench(bench), m_views(views), m_drawer(drawer), m_library(library) {
    connect(m_drawer, &Drawer::libraryRequested, this, &DesignDesk::chooseSeal);
    connect(m_drawer, &Drawer::bordersRequested, this, &DesignDesk::compareBorders);
    connect(m_drawer, &Drawer::sheetsShown, this, &DesignDesk::fillSheetsMenu);
    connect(m_bench, &SealBench::libraryRequested, this, &DesignDesk::chooseSeal);
    connect(m_bench, &SealBench::keepRequested, this, &DesignDesk::keepSeal);
    connect(m_bench, &SealBench::trialRequested, this, &DesignDesk::trySeal);
    connect(m_bench, &SealBench::typefaceDropped, this, [this](const QString& file) {
        addTypeface(file, [this](const std::string& family) { m_bench->setTypeface(family); });
    });
    connect(&m_views->single(), &SingleView::colourPicked, this, [this](Rgb colour) {
        if (auto* editor = m_drawer->borderEditor())
            editor->takeColour(colour);
    });
}

void DesignDesk::takeSeal(const SealDesign& seal) {
    m.document->setSeal(seal, tr("taking the seal “%1”").arg(toQt(seal.name)));
    m_bench->choose({});
}

void DesignDesk::chooseSeal() {
    auto ground = m_bench->canvas().base();
    if (!ground)
        ground = m_views->wall().proofs().base(m_views->lookedAt());
    SealChooser chooser(m.libraries, ground ? ground : plainGround({600, 400}, 119), m.document->who(),
                        m.window);
    if (chooser.exec() == QDialog::Accepted && chooser.taken())
        takeSeal(*chooser.taken());
}

void DesignDesk::keepSeal() {
    SavedSeal saved;
    saved.design = m.document->currentDelivery().seal;
    if (saved.design.name.empty())
        saved.design.name = tr("Seal of %1").arg(toQt(m.document->currentDelivery().name)).toStdString();
    m.libraries->change<SavedSeal>(
        this,
        [saved](const LibraryFolders& in) {
            auto kept = saved;
            // The same name means the same seal: the older one lies in removed/, where it can be brought back
            // from.
            if (const auto known = in.seals.find(saved.design.name); known && !known->shipped) {
                kept.key = known->key;
                kept.notes = known->notes;
                kept.tags = known->tags;
            }
            return in.seals.save(std::move(kept));
        },
        [this, asked = saved.design,
         id = m.document->state().deliveries[m.document->currentDeliveryIndex()].id](
            const TaskOutcome<SavedSeal>& outcome) {
            if (outcome.problem)
                return m.say(toQt(outcome.problem->sentence()));
            const auto& current = m.document->state().deliveries[m.document->currentDeliveryIndex()];
            auto now = current.delivery.seal;
            if (now.name.empty())
                now.name = asked.name;
            if (current.id == id && now == asked) // else it was changed meanwhile, and stays as it is
                m.document->setSeal(outcome.result->design,
                                    tr("keeping the seal")); // its logos lie there now
            m.say(tr("“%1” is in the library.").arg(toQt(outcome.result->design.name)));
        });
}

void DesignDesk::trySeal() {
    auto pictures = TrialDialog::picturesOf(*m.document, *m_library, m_views->lookedAt());
    if (pictures.empty())
        return m.say(tr("Open some pictures first: a seal is tried on them."));
    if (!m.document->currentDelivery().seal.drawsAnything())
        return m.say(tr("There is no seal to be tried: give it a part, or switch it on."));
    TrialDialog dialog(m.document->deliveryAsMade(), std::move(pictures), m.window);
    dialog.exec();
}

void DesignDesk::addTypeface(const QString& file, const std::function<void(const std::string&)>& then) {
    m.libraries->change<std::string>(
        this, [path = toPath(file)](const LibraryFolders& in) { return in.seals.addTypeface(path); },
        [this, then](const TaskOutcome<std::string>& outcome) {
            if (outcome.problem)
                return m.say(toQt(outcome.problem->sentence()));
            if (then)
                then(*outcome.result);
            m.say(tr("The typeface “%1” is in the library.").arg(toQt(*outcome.result)));
        });
}

void DesignDesk::compareBorders() {
    const auto info = m_library->info(m_views->lookedAt());
    if (!info || info->problem)
        return m.say(tr("Choose a picture first: borders are compared on it."));
    BorderChooser chooser(m.libraries, m.document->deliveryAsMade(), info,
                          m.document->exception(m_views->lookedAt()), m_library->decoded(), m.window);
    if (chooser.exec() == QDialog::Accepted && chooser.taken())
        m.document->setBorder(*chooser.taken(), tr("taking a border"));
}

/// Filled when it is about to be seen, with what was last read.
void DesignDesk::fillSheetsMenu() {
    auto* button = m_drawer->rightsEditor()->sheetsButton();
    auto* menu = new QMenu(button);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] {
        menu->clear();
        for (const auto& saved : m.libraries->shelves().sheets) {
            auto* taken = menu->addAction(toQt(saved.design.name), this, [this, sheet = saved.design] {
                m.document->setRights(sheet, tr("taking the sheet %1").arg(toQt(sheet.name)));
            });
            taken->setToolTip(toQt(saved.notes));
        }
        menu->setToolTipsVisible(true);
        menu->addSeparator();
        menu->addAction(tr("Keep this sheet as…"), this, &DesignDesk::keepSheet);
        fillSetAside(menu->addMenu(tr("Set aside")));
        menu->addSeparator();
        menu->addAction(tr("Read an XMP file…"), this, &DesignDesk::openXmp);
        menu->addAction(tr("Write an XMP file…"), this, &DesignDesk::saveXmp);
    });
    button->setMenu(menu);
}

/// Own sheets; what is shipped stays.
void DesignDesk::fillSetAside(QMenu* menu) {
    for (const auto& saved : m.libraries->shelves().sheets)
        if (!saved.shipped)
            menu->addAction(toQt(saved.design.name), this, [this, key = saved.key, name = saved.design.name] {
                changeLibrary(
                    m, this, [key](const LibraryFolders& in) { in.sheets.remove(key); },
                    [this, name] { m.say(tr("“%1” was set aside; it lies in removed/.").arg(toQt(name))); });
            });
    menu->setEnabled(!menu->isEmpty());
}

void DesignDesk::keepSheet() {
    bool ok = false;
    SavedSheet saved;
    saved.design = m.document->currentDelivery().rights;
    const auto name = QInputDialog::getText(m.window, tr("Keep the rights sheet"), tr("Name"),
                                            QLineEdit::Normal, toQt(saved.design.name), &ok)
                          .trimmed();
    if (!ok || name.isEmpty())
        return;
    saved.design.name = name.left(100).toStdString();
    changeLibrary(
        m, this, [saved](const LibraryFolders& in) { in.sheets.save(saved); },
        [this, saved, name] {
            m.document->setRights(saved.design, tr("naming the sheet"));
            m.say(tr("“%1” is in the library.").arg(name));
        });
}

void DesignDesk::openXmp() {
    const auto file =
        QFileDialog::getOpenFileName(m.window, tr("Read a rights sheet"), {}, tr("XMP files (*.xmp)"));
    if (file.isEmpty())
        return;
    m.files->run<RightsSheet>(
        [file = toPath(file)] { return sheetFromXmp(file); },
        [this](const RightsSheet& sheet) { m.document->setRights(sheet, tr("a sheet from an XMP file")); });
}

void DesignDesk::saveXmp() {
    const auto file = QFileDialog::getSaveFileName(m.window, tr("Write the rights sheet"), "rights.xmp",
                                                   tr("XMP files (*.xmp)"));
    if (file.isEmpty())
        return;
    saveText(m, toPath(file), [sheet = m.document->currentDelivery().rights] { return sheetToXmp(sheet); });
}

} // namespace keepseal::app
