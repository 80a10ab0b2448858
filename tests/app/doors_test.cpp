// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where pictures come in by themselves, and where copies go: a watched folder, a key for a picture, the
// desktop, a web album.
#include "window_fixture.h"

#include "check/album_dialog.h"
#include "session/mounted_cards.h"
#include "shell/desktop.h"
#include "stamping/printing.h"

#include <QCheckBox>
#include <QClipboard>
#include <QDBusMessage>
#include <QDBusVirtualObject>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QTableView>
#include <QTreeWidget>
#include <QUrl>
#include <gmock/gmock.h>
#include <set>

namespace keepseal::app {
namespace {

using ::testing::HasSubstr;

class Doors : public Window {
protected:
    bool settledRuns() {
        return waitUntil([&] { return !window.runs().busy(); }, kWait);
    }
    void stampAll(const fs::path& into) {
        openAll();
        useFolder(into);
        ASSERT_TRUE(waitUntil([&] { return window.runBar().strongButton()->isEnabled(); }, kWait));
        window.runs().stamp();
        ASSERT_TRUE(waitUntil([&] { return window.runs().last() && !window.runs().busy(); }, kWait));
    }
    /// As with the focus there; on a screen without a window manager no window is active.
    static bool press(const QWidget& view, const QKeySequence& keys) {
        for (auto* action : view.actions())
            if (action->shortcuts().contains(keys)) {
                action->trigger();
                return true;
            }
        return false;
    }
    std::set<std::string> made() const {
        std::set<std::string> out;
        std::error_code none;
        for (const auto& entry : fs::recursive_directory_iterator(copies, none))
            if (entry.is_regular_file())
                out.insert(entry.path().filename().string());
        return out;
    }
};

/// Notifications and a file manager, as a desktop has them.
class DesktopStandIn : public QDBusVirtualObject {
public:
    QString introspect(const QString&) const override { return {}; }
    bool handleMessage(const QDBusMessage& message, const QDBusConnection& connection) override {
        calls << message;
        auto reply = message.createReply();
        if (message.member() == "Notify")
            reply << 7U;
        connection.send(reply);
        return true;
    }
    QList<QDBusMessage> calls;
};

} // namespace

TEST_F(Doors, APictureThatComesIntoAWatchedFolderIsStampedOnceAndTold) {
    useFolder(copies);
    auto& desk = window.watchDesk();
    desk.showDialog();
    auto* dialog = desk.dialog();
    dialog->watchButton()->click(); // no folder yet
    EXPECT_THAT(dialog->said().toStdString(), HasSubstr("Choose the folder first"));
    fs::create_directories(folder / "inbox");
    dialog->folder()->setText(toQt(folder / "inbox"));
    QTest::mouseClick(dialog->watchButton(), Qt::LeftButton);
    EXPECT_FALSE(dialog->folder()->isEnabled());
    makePicture(folder / "elsewhere/reed.jpg", 400, 300);
    fs::rename(folder / "elsewhere/reed.jpg", folder / "inbox/reed.jpg");
    writeFile(folder / "inbox/broken.jpg", "\xff\xd8\xff no picture");
    ASSERT_TRUE(waitUntil([&] { return dialog->list()->topLevelItemCount() == 2; }, kWait));
    ASSERT_TRUE(settledRuns());
    EXPECT_EQ(made(), std::set<std::string>{"reed.jpg"});
    std::map<std::string, std::string> told;
    for (int i = 0; i < 2; ++i)
        told[dialog->list()->topLevelItem(i)->text(1).toStdString()] =
            dialog->list()->topLevelItem(i)->text(2).toStdString();
    EXPECT_THAT(told["reed.jpg"], HasSubstr("made"));
    EXPECT_THAT(told["broken.jpg"], HasSubstr("broken.jpg"));
    EXPECT_NE(window.view(), ViewKind::Check); // nobody was interrupted
    EXPECT_EQ(window.document().originals().size(), 2U);
    // Under another name it is the same picture; another job gets none of the folder.
    fs::copy_file(folder / "inbox/reed.jpg", folder / "inbox/heron.jpg");
    ASSERT_TRUE(waitUntil([&] { return dialog->list()->topLevelItemCount() == 3; }, kWait));
    const auto rows = dialog->list()->findItems("heron.jpg", Qt::MatchExactly, 1);
    ASSERT_EQ(rows.size(), 1);
    EXPECT_THAT(rows.front()->text(2).toStdString(), HasSubstr("has the bytes of reed.jpg"));
    ASSERT_TRUE(settledRuns());
    EXPECT_EQ(made(), std::set<std::string>{"reed.jpg"});
    window.document().startAnew();
    EXPECT_TRUE(desk.watching().folder().empty());
    EXPECT_THAT(dialog->said().toStdString(), HasSubstr("Another job was opened"));
    desk.watching().start(folder / "nowhere", false);
    ASSERT_TRUE(waitUntil([&] { return dialog->said().contains("no such folder"); }, kWait));
}

TEST_F(Doors, OneKeyStampsTheChosenPictureByItsDelivery) {
    openAll();
    useFolder(copies);
    auto& keys = window.cardKeys();
    const auto name = toQt(window.document().currentDelivery().name);
    EXPECT_TRUE(keys.whyNot(name, QKeySequence("F9")).isEmpty());
    EXPECT_THAT(keys.whyNot(name, QKeySequence("Ctrl+B")).toStdString(), HasSubstr("Design the seal"));
    for (const auto* taken : {"Ctrl+Alt+T", "Meta+S", "Alt+F4", "A", "Space"})
        EXPECT_FALSE(keys.whyNot(name, QKeySequence(taken)).isEmpty()) << taken;
    keys.setKey(name, QKeySequence("F9"));
    EXPECT_THAT(keys.whyNot("another", QKeySequence("F9")).toStdString(), HasSubstr("is the key of"));
    auto& wall = window.views().wall();
    wall.setCurrent(id(2));
    ASSERT_TRUE(press(*wall.parentWidget(), QKeySequence("F9")) || press(wall, QKeySequence("F9")));
    ASSERT_TRUE(waitUntil([&] { return window.runs().last().has_value() && !window.runs().busy(); }, kWait));
    EXPECT_EQ(made(), std::set<std::string>{"tide_2.jpg"});
    EXPECT_EQ(window.view(), ViewKind::Wall);
    // The key is the person's: another window of theirs has it too.
    ASSERT_TRUE(waitUntil([&] { return !window.filesBusy(); }, kWait));
    MainWindow other;
    other.restoreState();
    EXPECT_EQ(other.cardKeys().keys(), keys.keys());
    keys.setKey(name, {});
    EXPECT_FALSE(press(*wall.parentWidget(), QKeySequence("F9")) || press(wall, QKeySequence("F9")));
}

TEST_F(Doors, TheDesktopIsAskedByItsOpenInterfaces) {
    QProcess daemon;
    daemon.start("dbus-daemon", {"--session", "--nofork", "--print-address"});
    ASSERT_TRUE(daemon.waitForStarted());
    ASSERT_TRUE(waitUntil([&] { return daemon.canReadLine(); }, kWait));
    const auto address = QString::fromUtf8(daemon.readLine()).trimmed();
    auto desktopSide = QDBusConnection::connectToBus(address, "desktop-side");
    DesktopStandIn standIn;
    desktopSide.registerVirtualObject("/org/freedesktop", &standIn, QDBusConnection::SubPath);
    ASSERT_TRUE(desktopSide.registerService("org.freedesktop.Notifications"));
    ASSERT_TRUE(desktopSide.registerService("org.freedesktop.FileManager1"));
    {
        Desktop desktop(QDBusConnection::connectToBus(address, "window-side"));
        QStringList chosen;
        QObject::connect(&desktop, &Desktop::actionChosen, [&](const QString& key) { chosen << key; });
        desktop.notify("Keep Seal", "3 copies of <b>tide</b> & more", {{"open", "Open folder"}});
        ASSERT_TRUE(waitUntil([&] { return standIn.calls.size() == 1; }, kWait));
        const auto arguments = standIn.calls[0].arguments();
        EXPECT_EQ(arguments[4].toString(), "3 copies of &lt;b&gt;tide&lt;/b&gt; &amp; more");
        EXPECT_EQ(arguments[5].toStringList(), (QStringList{"open", "Open folder"}));
        for (const auto& [id, key] : {std::pair{9U, "of another program"}, std::pair{7U, "open"}}) {
            auto signal = QDBusMessage::createSignal("/org/freedesktop/Notifications",
                                                     "org.freedesktop.Notifications", "ActionInvoked");
            signal << id << key;
            const bool another = id == 9U;
            // Until the answer to Notify has come, no action can be known to be of ours.
            ASSERT_TRUE(waitUntil(
                [&] {
                    desktopSide.send(signal);
                    return another || !chosen.isEmpty();
                },
                kWait));
        }
        EXPECT_EQ(chosen[0], "open");
        EXPECT_FALSE(chosen.contains("of another program"));
        desktop.showInFolder(pictures / "a b#.jpg");
        ASSERT_TRUE(waitUntil([&] { return standIn.calls.size() == 2; }, kWait));
        EXPECT_EQ(standIn.calls[1].member(), "ShowItems");
        EXPECT_EQ(QUrl(standIn.calls[1].arguments()[0].toStringList()[0]).toLocalFile(),
                  toQt(pictures / "a b#.jpg"));
    }
    QDBusConnection::disconnectFromBus("window-side");
    QDBusConnection::disconnectFromBus("desktop-side");
    daemon.kill();
    daemon.waitForFinished();
}

TEST_F(Doors, ACardThatIsMountedIsAPlaceToGatherFrom) {
    const auto card = folder / "media/TIDE CARD";
    makePicture(card / "DCIM/100TIDE/TIDE0001.JPG", 60, 40);
    makePicture(card / "DCIM/101TIDE/TIDE0002.jpg", 60, 40);
    writeFile(card / "DCIM/100TIDE/TIDE0003.MOV", "no picture");
    makePicture(folder / "media/STICK/tide.jpg", 60, 40);
    makePicture(folder / "media/FAR/DCIM/tide.jpg", 60, 40); // of a server: it is not asked
    auto escaped = card.string();
    escaped.replace(escaped.find(' '), 1, "\\040");
    writeFile(folder / "mountinfo",
              "23 1 8:1 / / rw - ext4 /dev/sda1 rw\n24 23 0:5 / /proc rw - proc proc rw\n"
              "90 23 8:17 / " +
                  escaped +
                  " rw,nosuid shared:1 - vfat /dev/sdb1 rw\n"
                  "91 23 8:33 / " +
                  (folder / "media/STICK").string() +
                  " rw - vfat /dev/sdc1 rw\n"
                  "92 23 0:50 / " +
                  (folder / "media/FAR").string() + " rw - nfs4 far:/pictures rw\n");
    MountedCards cards(toQt(folder / "mountinfo"));
    ASSERT_TRUE(waitUntil([&] { return !cards.busy(); }, kWait));
    EXPECT_EQ(cards.cards(), (std::vector<Card>{{card / "DCIM", "TIDE CARD", 2, 0}}));
    window.views().emptyPage().offerCards({"TIDE CARD: 2 pictures"});
    QStringList offered;
    for (const auto* button : window.views().emptyPage().findChildren<QPushButton*>())
        if (button->isVisible())
            offered << button->text().trimmed();
    EXPECT_TRUE(offered.contains("TIDE CARD: 2 pictures"));
}

TEST_F(Doors, ACameraThatTheDesktopMountsIsOneAsWell) {
    const auto before = qgetenv("XDG_RUNTIME_DIR");
    qputenv("XDG_RUNTIME_DIR", (folder / "run").c_str());
    const auto gvfs = folder / "run/gvfs";
    makePicture(gvfs / "gphoto2:host=Tern_7/DCIM/100TIDE/TIDE0001.JPG", 60, 40);
    makePicture(gvfs / "mtp:host=Gull_Phone/Card/DCIM/TIDE0002.jpg", 60, 40);
    makePicture(gvfs / "mtp:host=Gull_Phone/Inside/Notes/none.jpg", 60, 40);
    makePicture(gvfs / "sftp:host=far/DCIM/tide.jpg", 60, 40); // a server: it is not asked
    writeFile(folder / "mountinfo", "");
    MountedCards cards(toQt(folder / "mountinfo"));
    ASSERT_TRUE(waitUntil([&] { return !cards.busy(); }, kWait));
    EXPECT_EQ(cards.cards(),
              (std::vector<Card>{{gvfs / "mtp:host=Gull_Phone/Card/DCIM", "Gull Phone, Card", 1, 0},
                                 {gvfs / "gphoto2:host=Tern_7/DCIM", "Tern 7", 1, 0}}));
    before.isEmpty() ? qunsetenv("XDG_RUNTIME_DIR") : qputenv("XDG_RUNTIME_DIR", before);
}

TEST_F(Doors, CopiesGoToOtherProgramsAsFilesAndOneAsAPicture) {
    stampAll(copies);
    window.setView(ViewKind::Check);
    auto& check = window.views().check();
    auto* table = check.table();
    table->selectRow(0);
    ASSERT_TRUE(press(*table, QKeySequence::Copy));
    const auto* clipboard = QApplication::clipboard();
    ASSERT_EQ(clipboard->mimeData()->urls().size(), 1);
    const auto copy = toPath(clipboard->mimeData()->urls()[0].toLocalFile());
    EXPECT_EQ(copy, check.chosen()[0].copy);
    ASSERT_TRUE(waitUntil([&] { return clipboard->mimeData()->hasImage(); }, kWait));
    const auto size = qvariant_cast<QImage>(clipboard->mimeData()->imageData()).size();
    EXPECT_EQ(std::to_string(size.width()), exiftool(copy, "ImageWidth"));
    table->selectAll();
    const std::unique_ptr<QMimeData> dragged(
        table->model()->mimeData(table->selectionModel()->selectedIndexes()));
    EXPECT_EQ(dragged->urls().size(), 4);
    EXPECT_EQ(table->model()->supportedDragActions(), Qt::CopyAction);
    EXPECT_TRUE(table->model()->flags(table->model()->index(0, 0)) & Qt::ItemIsDragEnabled);
}

TEST_F(Doors, ProofSheetsGoToAPrinterPageByPage) {
    stampAll(copies);
    auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution); // one that prints into a file
    printer->setOutputFormat(QPrinter::PdfFormat);
    printer->setOutputFileName(toQt(folder / "paper.pdf"));
    printer->setPageSize(QPageSize(QPageSize::A5));
    EXPECT_EQ(paperOf(*printer), "a5");
    window.runs().printProofSheet(printer, 2);
    printer.reset();
    ASSERT_TRUE(waitUntil([&] { return !window.runs().filesBusy(); }, kWait));
    EXPECT_EQ(exiftool(folder / "paper.pdf", "PageCount"), "2");
    EXPECT_EQ(runProgram({"qpdf", "--check", (folder / "paper.pdf").string()}).exitCode, 0);
}

TEST_F(Doors, AnAlbumIsMadeFromTheCheck) {
    stampAll(copies / "web");
    emit window.views().check().albumRequested();
    auto* dialog = window.findChild<AlbumDialog*>();
    ASSERT_NE(dialog, nullptr);
    auto* title = dialog->findChild<QLineEdit*>();
    title->clear();
    QTest::keyClicks(title, "Kites/of May");
    EXPECT_EQ(dialog->folder(), toQt(copies / "Kites-of May"));
    QTest::mouseClick(dialog->makeButton(), Qt::LeftButton);
    ASSERT_TRUE(waitUntil(
        [&] { return fs::exists(copies / "Kites-of May/index.html") && dialog->makeButton()->isEnabled(); },
        kWait));
    EXPECT_THAT(readText(copies / "Kites-of May/index.html"), HasSubstr("Kites/of May"));
    EXPECT_THAT(readText(copies / "Kites-of May/index.html"), HasSubstr("4 pictures"));
    QTest::mouseClick(dialog->makeButton(), Qt::LeftButton); // a second time: nothing is mixed
    ASSERT_TRUE(waitUntil([&] { return dialog->makeButton()->isEnabled(); }, kWait));
    bool told = false;
    for (const auto* label : dialog->findChildren<QLabel*>())
        told |= label->text().contains("there is something of that name already");
    EXPECT_TRUE(told);
}

TEST_F(Doors, TheFileManagersMenuFollowsItsSwitchAndTheLibrary) {
    const auto entries = [] {
        std::set<std::string> out;
        std::error_code none;
        for (const auto& file : fs::directory_iterator(
                 fs::path(qgetenv("XDG_DATA_HOME").toStdString()) / "file-manager/actions", none))
            out.insert(file.path().filename().string());
        return out;
    };
    auto* offered = window.fileManager().action();
    ASSERT_TRUE(waitUntil([&] { return window.libraries().known(); }, kWait));
    EXPECT_FALSE(offered->isChecked());
    EXPECT_TRUE(entries().empty());
    offered->trigger();
    ASSERT_TRUE(waitUntil([&] { return !entries().empty() && offered->isChecked(); }, kWait));
    const auto before = entries();
    useFolder(folder / "copies");
    window.document().renameCurrentDelivery("Reed and tide");
    window.deliveryDesk().keepDelivery();
    ASSERT_TRUE(waitUntil([&] { return entries().size() == before.size() + 1; }, kWait));
    offered->trigger();
    ASSERT_TRUE(waitUntil([&] { return entries().empty() && !offered->isChecked(); }, kWait));
}

} // namespace keepseal::app
