// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/delivery_desk.h"

#include "shell/compare_deliveries.h"
#include "widgets/arrival_dialog.h"

#include "base/text.h"
#include "delivery/json.h"
#include "document/untouchable.h"
#include "library/bundle.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QInputDialog>
#include <QLineEdit>
#include <QMenu>
#include <QPlainTextEdit>
#include <QToolButton>

namespace keepseal::app {

DeliveryDesk::DeliveryDesk(DeskTools tools, DeliveriesBar* bar, Views* views, PictureLibrary* library)
    : m(std::move(tools)), m_bar(bar), m_views(views), m_library(library) {
    fillAddMenu();
    connect(m_bar, &DeliveriesBar::renameRequested, this, &DeliveryDesk::renameDelivery);
}

/// Filled when it is about to be seen, with what was last read.
void DeliveryDesk::fillAddMenu() {
    auto* menu = new QMenu(m_bar->addButton());
    menu->setToolTipsVisible(true);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] {
        menu->clear();
        menu->addAction(icon("copy"), tr("Like the chosen one"), m.document,
                        &JobDocument::duplicateCurrentDelivery);
        bool shipped = false, own = false;
        for (const auto& saved : m.libraries->shelves().deliveries) {
            if (saved.shipped ? !std::exchange(shipped, true) : !std::exchange(own, true))
                menu->addSection(saved.shipped ? tr("To start from") : tr("Kept by you"));
            auto* taken = menu->addAction(toQt(saved.design.name), this, [this, saved] {
                m.document->addDelivery(saved.design);
                m.document->setKept(m.document->state().deliveries[m.document->currentDeliveryIndex()].id,
                                    saved.design);
            });
            taken->setToolTip(toQt(saved.notes));
        }
        menu->addSeparator();
        menu->addAction(icon("folder-open"), tr("Open a delivery…"), this, [this] {
            const auto file =
                QFileDialog::getOpenFileName(m.window, tr("Open a delivery"), {}, tr("Deliveries (*.json)"));
            if (!file.isEmpty())
                openDelivery(toPath(file));
        });
        menu->addAction(icon("download"), tr("Take in shared deliveries…"), this, [this] {
            const auto file = QFileDialog::getOpenFileName(m.window, tr("Take in shared deliveries"), {},
                                                           tr("Shared deliveries (*.zip)"));
            if (!file.isEmpty())
                importDeliveriesFrom(toPath(file));
        });
        for (const auto& problem : m.libraries->shelves().problems)
            m.say(toQt(problem.sentence()));
    });
    m_bar->addButton()->setMenu(menu);
}

void DeliveryDesk::fillMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(
        tr("Keep the delivery"), QKeySequence::Save, [this] { keepDelivery(); }, "save"));
    auto* back = actions.add(tr("Put back what was kept"), {}, [this] { m.document->putBackDelivery(); });
    menu->addAction(back);
    menu->addAction(actions.add(
        tr("Rename…"), {}, [this] { renameDelivery(); }, "pencil"));
    menu->addAction(actions.add(tr("Notes and tags…"), {}, [this] { editNotes(); }));
    menu->addAction(actions.add(
        tr("Duplicate"), QKeySequence("Ctrl+Shift+D"), [this] { m.document->duplicateCurrentDelivery(); },
        "copy"));
    const auto move = [this](int step) {
        const auto at = m.document->currentDeliveryIndex();
        m.document->moveDelivery(at, at + static_cast<std::size_t>(step)); // out of range: nothing moves
    };
    menu->addAction(actions.add(
        tr("Move to the left"), {}, [move] { move(-1); }, "arrow-left"));
    menu->addAction(actions.add(tr("Move to the right"), {}, [move] { move(1); }));
    menu->addAction(actions.add(
        tr("Compare two deliveries…"), QKeySequence("Ctrl+Shift+C"), [this] { compareDeliveries(); },
        "columns-2"));
    menu->addSeparator();
    fillFiles(menu, actions);
    menu->addSeparator();
    menu->addAction(actions.add(
        tr("Remove"), {}, [this] { m.document->removeCurrentDelivery(); }, "trash-2"));
    connect(menu, &QMenu::aboutToShow, this, [this, back] {
        const auto& item = m.document->state().deliveries[m.document->currentDeliveryIndex()];
        back->setEnabled(item.changed());
    });
    m_bar->setCardMenu(menu);
}

void DeliveryDesk::fillFiles(QMenu* menu, WindowActions& actions) {
    menu->addAction(
        actions.add(tr("Save it as a file…"), QKeySequence("Ctrl+Shift+S"), [this] { saveDeliveryAs(); }));
    const auto share = [this](bool all) {
        const auto file = QFileDialog::getSaveFileName(m.window, tr("Share deliveries"), "deliveries.zip",
                                                       tr("Shared deliveries (*.zip)"));
        if (!file.isEmpty())
            exportDeliveriesTo(toPath(file), all);
    };
    menu->addAction(actions.add(
        tr("Share it with all it needs…"), {}, [share] { share(false); }, "upload"));
    menu->addAction(actions.add(tr("Share all ticked ones…"), {}, [share] { share(true); }));
}

/// In its own file the delivery keeps the folder that stands there: where copies go is of the job.
void DeliveryDesk::keepDelivery() {
    const auto item = m.document->state().deliveries[m.document->currentDeliveryIndex()];
    auto kept = item.delivery;
    if (!item.file.empty() && item.kept)
        kept.place.folder = item.kept->place.folder;
    changeLibrary(
        m, this,
        [file = item.file, kept](const LibraryFolders& in) {
            if (file.empty())
                in.deliveries.save({{}, false, kept, kept.notes});
            else
                saveDelivery(kept, file);
        },
        [this, item, kept] {
            m.document->setKept(item.id, kept);
            m.say(item.file.empty()
                      ? tr("“%1” is kept: the button + offers it.").arg(toQt(item.delivery.name))
                      : tr("Saved in %1.").arg(toQt(item.file)));
        });
}

void DeliveryDesk::editNotes() {
    QDialog dialog(m.window);
    dialog.setWindowTitle(tr("Notes and tags"));
    auto* form = new QFormLayout(&dialog);
    auto* notes = new QPlainTextEdit(toQt(m.document->currentDelivery().notes));
    notes->setAccessibleName(tr("Notes"));
    notes->setTabChangesFocus(true);
    QStringList shown;
    for (const auto& tag : m.document->currentDelivery().tags)
        shown << toQt(tag);
    auto* tags = new QLineEdit(shown.join(", "));
    form->addRow(tr("Notes"), notes);
    form->addRow(tr("Tags, parted by commas"), tags);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    form->addRow(buttons);
    dialog.resize(460, 260);
    if (dialog.exec() == QDialog::Accepted)
        m.document->setNotes(notes->toPlainText().trimmed().toStdString(),
                             splitTrimmed(tags->text().toStdString(), ','));
}

void DeliveryDesk::exportDeliveriesTo(const std::filesystem::path& file, bool all) {
    const auto chosen = all ? m.document->tickedDeliveries() : std::vector{m.document->currentDelivery()};
    m.files->run([chosen, file, base = m.document->base()] { exportDeliveries(chosen, file, base); },
                 [this, file, count = chosen.size()] {
                     m.say(saidQt(count,
                                  "{n} delivery with all it needs lies in %1. Your folders are not in it.",
                                  "{n} deliveries with all they need lie in %1. Your folders are not in it.")
                               .arg(toQt(file)));
                 });
}

void DeliveryDesk::importDeliveriesFrom(const std::filesystem::path& file) {
    std::vector<std::string> taken;
    for (const auto& item : m.document->state().deliveries)
        taken.push_back(item.delivery.name);
    m_arriving.start([file, taken](const std::atomic<bool>&) { return sharedDeliveries(file, taken); });
}

void DeliveryDesk::askArrival(TaskOutcome<Arrival> outcome) {
    if (outcome.problem)
        return m.say(toQt(outcome.problem->sentence()));
    auto* dialog = new ArrivalDialog(std::move(*outcome.result), m.window);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog] {
        m.libraries->change<TakenIn>(
            this,
            [arrival = dialog->arrival()](const LibraryFolders& in) { return takeIn(in.seals, arrival); },
            [this](TaskOutcome<TakenIn> made) {
                if (made.problem)
                    return m.say(toQt(made.problem->sentence()));
                auto& taken = *made.result;
                const auto count = taken.deliveries.size();
                for (auto& delivery : taken.deliveries)
                    m.document->addDelivery(std::move(delivery));
                m.say(saidQt(count, "{n} delivery taken in.", "{n} deliveries taken in.") +
                      saidOfTypefaces(taken));
            });
    });
    dialog->open();
}

void DeliveryDesk::openDelivery(const std::filesystem::path& file) {
    if (file.extension() == ".zip")
        return importDeliveriesFrom(file);
    m.files->run<Delivery>(
        [file] { return loadDelivery(file); },
        [this, file](Delivery delivery) {
            if (closePlace(delivery.privacy))
                m.say(
                    tr("“%1” wants its copies to tell where the pictures were taken. It was opened with that "
                       "closed; only you can open it, at its station Privacy.")
                        .arg(toQt(delivery.name)));
            m.document->addDelivery(std::move(delivery), file);
        });
}

void DeliveryDesk::saveDeliveryAs() {
    const auto item = m.document->state().deliveries[m.document->currentDeliveryIndex()];
    const auto suggested = item.file.empty() ? toQt(item.delivery.name) + ".json" : toQt(item.file);
    const auto file =
        QFileDialog::getSaveFileName(m.window, tr("Save the delivery"), suggested, tr("Deliveries (*.json)"));
    if (file.isEmpty())
        return;
    m.files->run(
        [item, file, originals = m.document->paths()] {
            saveDelivery(item.delivery, toPath(file), untouchable(originals));
        },
        [this, item, file] {
            m.document->setFile(item.id, toPath(file));
            m.document->setKept(item.id, item.delivery);
        });
}

void DeliveryDesk::renameDelivery() {
    bool ok = false;
    const auto name = QInputDialog::getText(m.window, tr("Rename the delivery"), tr("Name"),
                                            QLineEdit::Normal, toQt(m.document->currentDelivery().name), &ok);
    if (ok)
        m.document->renameCurrentDelivery(name);
}

void DeliveryDesk::compareDeliveries() {
    const auto info = m_library->info(m_views->lookedAt());
    if (!info || info->problem)
        return m.say(tr("Choose a picture first: deliveries are compared on it."));
    const auto& item = m.document->state().deliveries[m.document->currentDeliveryIndex()];
    if (m.document->state().deliveries.size() < 2 && !item.changed())
        return m.say(tr("There is only one delivery: the button + makes another."));
    auto asMade = m.document->state().deliveries;
    for (auto& card : asMade) {
        card.delivery = m.document->asMade(card.delivery);
        if (card.kept)
            card.kept = std::make_shared<const Delivery>(m.document->asMade(*card.kept));
    }
    CompareDeliveries dialog(asMade, m.document->currentDeliveryIndex(), info,
                             m.document->exception(m_views->lookedAt()), m_library->decoded(), m.window);
    dialog.exec();
}

} // namespace keepseal::app
