// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does with deliveries: made from the start set and the library, duplicated, moved,
// annotated, kept and put back, shared as one file.
#include "shell/main_window.h"

#include "widgets/arrival_dialog.h"

#include "base/text.h"
#include "delivery/json.h"
#include "library/bundle.h"

#include <QAction>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QLineEdit>
#include <QMenu>
#include <QPlainTextEdit>
#include <QToolButton>

namespace keepseal::app {

/// Filled when it is about to be seen, with what was last read.
void MainWindow::fillAddMenu() {
    auto* menu = new QMenu(m_deliveries->addButton());
    menu->setToolTipsVisible(true);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] {
        menu->clear();
        menu->addAction(icon("copy"), tr("Like the chosen one"), &m_document,
                        &JobDocument::duplicateCurrentDelivery);
        bool shipped = false, own = false;
        for (const auto& saved : m_libraries.shelves().deliveries) {
            if (saved.shipped ? !std::exchange(shipped, true) : !std::exchange(own, true))
                menu->addSection(saved.shipped ? tr("To start from") : tr("Kept by you"));
            auto* taken = menu->addAction(toQt(saved.design.name), this, [this, saved] {
                m_document.addDelivery(saved.design);
                m_document.setKept(m_document.state().deliveries[m_document.currentDeliveryIndex()].id,
                                   saved.design);
            });
            taken->setToolTip(toQt(saved.notes));
        }
        menu->addSeparator();
        menu->addAction(icon("folder-open"), tr("Open a delivery…"), this, [this] {
            const auto file =
                QFileDialog::getOpenFileName(this, tr("Open a delivery"), {}, tr("Deliveries (*.json)"));
            if (!file.isEmpty())
                openDelivery(toPath(file));
        });
        menu->addAction(icon("download"), tr("Take in shared deliveries…"), this, [this] {
            const auto file = QFileDialog::getOpenFileName(this, tr("Take in shared deliveries"), {},
                                                           tr("Shared deliveries (*.zip)"));
            if (!file.isEmpty())
                importDeliveriesFrom(toPath(file));
        });
        for (const auto& problem : m_libraries.shelves().problems)
            showNotice(toQt(problem.sentence()));
    });
    m_deliveries->addButton()->setMenu(menu);
}

void MainWindow::makeDeliveryActions(QMenu* menu) {
    menu->addAction(action(
        tr("Keep the delivery"), QKeySequence::Save, [this] { keepDelivery(); }, "save"));
    auto* back = action(tr("Put back what was kept"), {}, [this] { m_document.putBackDelivery(); });
    menu->addAction(back);
    menu->addAction(action(
        tr("Rename…"), {}, [this] { renameDelivery(); }, "pencil"));
    menu->addAction(action(tr("Notes and tags…"), {}, [this] { editNotes(); }));
    menu->addAction(action(
        tr("Duplicate"), QKeySequence("Ctrl+Shift+D"), [this] { m_document.duplicateCurrentDelivery(); },
        "copy"));
    const auto move = [this](int step) {
        const auto at = m_document.currentDeliveryIndex();
        m_document.moveDelivery(at, at + static_cast<std::size_t>(step)); // out of range: nothing moves
    };
    menu->addAction(action(
        tr("Move to the left"), {}, [move] { move(-1); }, "arrow-left"));
    menu->addAction(action(tr("Move to the right"), {}, [move] { move(1); }));
    menu->addAction(action(
        tr("Compare two deliveries…"), QKeySequence("Ctrl+Shift+C"), [this] { compareDeliveries(); },
        "columns-2"));
    menu->addSeparator();
    menu->addAction(
        action(tr("Save it as a file…"), QKeySequence("Ctrl+Shift+S"), [this] { saveDeliveryAs(); }));
    const auto share = [this](bool all) {
        const auto file = QFileDialog::getSaveFileName(this, tr("Share deliveries"), "deliveries.zip",
                                                       tr("Shared deliveries (*.zip)"));
        if (!file.isEmpty())
            exportDeliveriesTo(toPath(file), all);
    };
    menu->addAction(action(
        tr("Share it with all it needs…"), {}, [share] { share(false); }, "upload"));
    menu->addAction(action(tr("Share all ticked ones…"), {}, [share] { share(true); }));
    menu->addSeparator();
    menu->addAction(action(
        tr("Remove"), {}, [this] { m_document.removeCurrentDelivery(); }, "trash-2"));
    connect(menu, &QMenu::aboutToShow, this, [this, back] {
        const auto& item = m_document.state().deliveries[m_document.currentDeliveryIndex()];
        back->setEnabled(item.changed());
    });
    m_cardMenu = menu;
    m_deliveries->setCardMenu(menu);
}

/// In its own file the delivery keeps the folder that stands there: where copies go is of the job.
void MainWindow::keepDelivery() {
    const auto item = m_document.state().deliveries[m_document.currentDeliveryIndex()];
    auto kept = item.delivery;
    if (!item.file.empty() && item.kept)
        kept.place.folder = item.kept->place.folder;
    changeLibrary(
        [file = item.file, kept](const LibraryFolders& in) {
            if (file.empty())
                in.deliveries.save({{}, false, kept, kept.notes});
            else
                saveDelivery(kept, file);
        },
        [this, item, kept] {
            m_document.setKept(item.id, kept);
            tell(item.file.empty() ? tr("“%1” is kept: the button + offers it.").arg(toQt(item.delivery.name))
                                   : tr("Saved in %1.").arg(toQt(item.file)));
        });
}

void MainWindow::editNotes() {
    QDialog dialog(this);
    dialog.setWindowTitle(tr("Notes and tags"));
    auto* form = new QFormLayout(&dialog);
    auto* notes = new QPlainTextEdit(toQt(m_document.currentDelivery().notes));
    notes->setAccessibleName(tr("Notes"));
    notes->setTabChangesFocus(true);
    QStringList shown;
    for (const auto& tag : m_document.currentDelivery().tags)
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
        m_document.setNotes(notes->toPlainText().trimmed().toStdString(),
                            splitTrimmed(tags->text().toStdString(), ','));
}

void MainWindow::exportDeliveriesTo(const std::filesystem::path& file, bool all) {
    const auto chosen = all ? m_document.tickedDeliveries() : std::vector{m_document.currentDelivery()};
    m_files.run([chosen, file, base = m_document.base()] { exportDeliveries(chosen, file, base); },
                [this, file, count = chosen.size()] {
                    tell(tr("%1 with all they need lie in %2. Your folders are not in it.")
                             .arg(toQt(counted(count, "delivery", "deliveries")), toQt(file)));
                });
}

void MainWindow::importDeliveriesFrom(const std::filesystem::path& file) {
    std::vector<std::string> taken;
    for (const auto& item : m_document.state().deliveries)
        taken.push_back(item.delivery.name);
    m_arriving.start([file, taken](const std::atomic<bool>&) { return sharedDeliveries(file, taken); });
}

void MainWindow::askArrival(TaskOutcome<Arrival> outcome) {
    if (outcome.problem)
        return tell(toQt(outcome.problem->sentence()));
    auto* dialog = new ArrivalDialog(std::move(*outcome.result), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog] {
        m_libraries.change<TakenIn>(
            this,
            [arrival = dialog->arrival()](const LibraryFolders& in) { return takeIn(in.seals, arrival); },
            [this](TaskOutcome<TakenIn> made) {
                if (made.problem)
                    return tell(toQt(made.problem->sentence()));
                auto& taken = *made.result;
                const auto count = taken.deliveries.size();
                for (auto& delivery : taken.deliveries)
                    m_document.addDelivery(std::move(delivery));
                tell(tr("%1 taken in.").arg(toQt(counted(count, "delivery", "deliveries"))) +
                     saidOfTypefaces(taken));
            });
    });
    dialog->open();
}

} // namespace keepseal::app
