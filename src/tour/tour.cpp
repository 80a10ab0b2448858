// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "tour/tour.h"

#include "base/files.h"
#include "shell/trial_dialog.h"
#include "tour/tour_words.h"
#include "tour/waiting.h"

#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QImage>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QTableView>

#include <iostream>

namespace keepseal::app {
namespace {

constexpr int kPatience = 180000; // ms: a slow machine with a cold cache

bool settled(MainWindow& window) {
    return waitUntil(
        [&] {
            return window.library().known() == window.document().originals().size() &&
                   !window.document().originals().empty() && window.views().wall().proofs().settled() &&
                   (!window.views().strip().isVisible() || window.views().strip().settled());
        },
        kPatience);
}

void pause(int milliseconds) {
    waitUntil([] { return false; }, milliseconds);
}

bool saveWidget(QWidget& widget, const QString& file) {
    pause(120);
    const bool saved = widget.grab().save(file);
    std::cout << (saved ? "saved " : "could not save ") << file.toStdString() << "\n";
    return saved;
}

bool save(MainWindow& window, const QString& file) {
    return saveWidget(window, file);
}

bool pressStamp(MainWindow& window) {
    auto* button = window.runBar().strongButton();
    if (!waitUntil([&] { return button->isEnabled() && window.runs().planning().current(); }, kPatience))
        return false;
    button->click();
    return true;
}

/// A picture that shows the seal well: a landscape one from the middle of the job.
OriginalId showpiece(MainWindow& window) {
    const auto& all = window.document().originals();
    for (std::size_t i = all.size() * 2 / 5; i < all.size(); ++i) {
        const auto info = window.library().info(all[i].id);
        if (info && !info->problem && info->facts.size.width < 2 * info->facts.size.height &&
            info->facts.size.width > info->facts.size.height && info->tellsPlace)
            return all[i].id;
    }
    return all.front().id;
}

/// The bench with a composed seal, a pattern, and the advice.
bool benchPictures(MainWindow& window, const QDir& out) {
    auto& bench = window.bench();
    window.openBench();
    bool ok = waitUntil([&] { return bench.settled() && bench.advice().advice().has_value(); }, kPatience);
    pause(400);
    ok = ok && waitUntil([&] { return bench.settled(); }, kPatience) &&
         save(window, out.filePath("seal-bench.png"));
    window.closeBench();
    TrialDialog trial(window.document().deliveryAsMade(),
                      TrialDialog::picturesOf(window.document(), window.library(), window.views().lookedAt()),
                      &window);
    trial.resize(1280, 800);
    trial.show();
    ok = ok && waitUntil([&] { return trial.ready() && trial.loupe()->ready(); }, kPatience);
    pause(200);
    ok = ok && saveWidget(trial, out.filePath("seal-trial.png"));
    trial.close();
    window.setView(ViewKind::Wall);
    return ok;
}

/// What somebody sees who starts with nothing, halfway through the questions.
bool firstStartPicture(const WhoYouAre& who, const QDir& out) {
    MainWindow fresh;
    fresh.resize(1280, 800);
    fresh.show();
    auto& questions = fresh.views().firstQuestions();
    fresh.views().askFirst(true);
    bool ok = waitUntil([&] { return questions.receiver("client-proofs") != nullptr; }, kPatience);
    fresh.document().setWho(who);
    for (const char* key : {"web-gallery", "client-proofs"})
        if (auto* tick = questions.receiver(key))
            tick->click();
    pause(200);
    ok = ok && save(fresh, out.filePath("first-start.png"));
    fresh.close();
    return ok && waitUntil([&] { return !fresh.filesBusy() && !fresh.session().busy(); }, kPatience);
}

bool oneSettled(MainWindow& window) {
    return waitUntil([&] { return window.views().single().proofs().settled(); }, kPatience);
}

/// Turn and crop, fit, finish, border and file, each with its drawer at work.
bool framingPictures(MainWindow& window, const QDir& out) {
    auto& document = window.document();
    const auto steps = document.undoStack()->index();
    window.views().wall().setCurrent(showpiece(window));
    const auto looked = window.views().wall().current();
    window.setView(ViewKind::One);
    window.chain().setChosen(StationId::Turn);
    document.setSetting("turn.angle", 2.5);
    document.setSetting("turn.shape", std::string("3:2"));
    document.editPictures({looked}, "tour", [](PictureException& e) {
        e.turn.crop = Box{0.12, 0.1, 0.62, 0.62};
    });
    bool ok = waitUntil([&] { return window.views().crop().ready(); }, kPatience) &&
              save(window, out.filePath("crop.png"));
    document.undoStack()->setIndex(steps);
    window.setView(ViewKind::One);
    const auto foot = window.libraries().folders().borders.find("heavy-foot");
    if (!foot)
        return false;
    document.setBorder(foot->design, "tour");
    window.chain().setChosen(StationId::Border);
    ok = ok && oneSettled(window) && save(window, out.filePath("border.png"));
    window.chain().setChosen(StationId::File);
    document.setSetting("file.at_most", 250.0);
    window.views().single().setZoom(Zoom::Full);
    window.views().header().asSavedButton()->setChecked(true);
    ok = ok && oneSettled(window) &&
         waitUntil([&] { return window.encoded().settled() && !window.encoded().curve().empty(); },
                   kPatience) &&
         save(window, out.filePath("file-as-saved.png"));
    document.setSetting("file.at_most", 0.0);
    window.views().header().asSavedButton()->setChecked(false);
    window.views().single().setZoom(Zoom::Fit);
    document.undoStack()->setIndex(steps);
    window.chain().setChosen(StationId::Seal);
    window.setView(ViewKind::Wall);
    return ok;
}

bool planned(MainWindow& window) {
    return waitUntil([&] { return window.runs().planning().current() && !window.runs().planning().busy(); },
                     kPatience);
}

/// What the plan says while a link that the seals ask for is not said.
bool heldBackPicture(MainWindow& window, const QDir& out) {
    auto& document = window.document();
    auto who = document.who();
    who.link.clear();
    document.setWho(who);
    const auto told = [&] {
        const auto* ahead = window.runs().forecasting().of(window.runs().planning().plan().get());
        return window.runs().planning().current() && ahead && ahead->heldBack > 0 &&
               !window.runs().forecasting().busy();
    };
    bool ok = waitUntil(told, kPatience);
    window.runDesk().showHeldBack();
    pause(300);
    ok = ok && save(window, out.filePath("held-back.png"));
    document.undoStack()->undo();
    return ok && planned(window);
}

/// Deliveries, the plan with its estimates, a run under way, and the check with its loupe.
bool runPictures(MainWindow& window, const QDir& out) {
    auto& document = window.document();
    const auto folder = document.currentDelivery().place.folder;
    const auto start = window.libraries().folders().deliveries.find("social-tall");
    if (!start)
        return false;
    document.addDelivery(start->design);
    document.setKept(document.state().deliveries[document.currentDeliveryIndex()].id,
                     document.currentDelivery());
    document.setSetting("place.folder", folder);
    document.setSetting("place.name", std::string("{number}-{event|marsh}-{name}"));
    window.chain().setChosen(StationId::Place);
    bool ok = planned(window) && settled(window);
    document.selectDelivery(0);
    window.setView(ViewKind::Check);
    const auto estimated = [&] {
        const auto* ahead = window.runs().forecasting().of(window.runs().planning().plan().get());
        return ahead && ahead->bytes > 0 && !window.runs().forecasting().busy();
    };
    ok = ok && planned(window) && waitUntil(estimated, kPatience);
    pause(300);
    ok = ok && heldBackPicture(window, out);
    window.setView(ViewKind::Wall);
    ok = ok && pressStamp(window);
    ok = ok && waitUntil([&] { return window.runBar().sentence().contains(": 19 ") || window.runs().last(); },
                         kPatience);
    ok = ok && save(window, out.filePath("run-under-way.png"));
    ok = ok && waitUntil([&] { return window.runs().last().has_value(); }, kPatience) && planned(window);
    const auto shown = window.views().check().filter();
    for (int line = 0; line < shown->rowCount(); ++line) {
        const auto& row =
            window.views().check().model()->row(shown->mapToSource(shown->index(line, 0)).row());
        if (row.outcome == Outcome::Made && row.placeInOriginal &&
            row.delivery == document.currentDelivery().name) {
            window.views().check().chooseLine(line);
            break;
        }
    }
    window.views().check().loupe()->setZoom(Loupe::Zoom::Full);
    ok = ok && waitUntil([&] { return window.views().check().loupe()->ready(); }, kPatience);
    return ok && save(window, out.filePath("check.png"));
}

/// What left, found by a word; and a picture met somewhere, cut and made small.
bool registerPictures(MainWindow& window, const QDir& out) {
    auto& view = window.views().registerView();
    const auto there = [&] {
        pause(300); // small pictures come one by one
        return waitUntil([&] { return !view.busy(); }, kPatience);
    };
    window.setView(ViewKind::TheRegister);
    view.words()->setText("tide_03");
    bool ok = there() && view.model().rowCount() > 0;
    for (int i = 0; ok && i < 10; ++i) // each asks for its own when it is painted
        ok = there();
    ok = ok && save(window, out.filePath("register.png"));
    const auto& rows = window.runs().last()->ledger.rows;
    const auto left = std::find_if(rows.begin(), rows.end(), [](const LedgerRow& row) {
        return row.outcome == Outcome::Made && row.original.filename() == "tide_0333.jpg";
    });
    if (left == rows.end())
        return false;
    const QImage whole(toQt(left->copy));
    const QImage cut =
        whole.copy(whole.width() / 6, whole.height() / 9, whole.width() * 3 / 4, whole.height() * 3 / 4);
    const QString met = QDir::temp().filePath("met-on-a-page.jpg");
    ok = ok && cut.scaledToWidth(640, Qt::SmoothTransformation).save(met, "JPEG", 55);
    view.ask({toPath(met)});
    ok = ok && there() && save(window, out.filePath("what-is-this.png"));
    QFile::remove(met);
    return ok;
}

/// Copies of the run go to the small servers that `told` describes: most arrive, one server has a key nobody
/// accepted.
bool sendingPicture(MainWindow& window, const QDir& out, const std::filesystem::path& told) {
    const auto servers = readJsonFile(told);
    auto& document = window.document();
    document.selectDelivery(0);
    window.chain().setChosen(StationId::Sending);
    window.setView(ViewKind::Wall);
    SendingSettings to;
    to.on = true, to.by = SendBy::WebDav;
    to.server = "localhost:" + std::to_string(servers["ports"]["dav"].get<int>());
    to.user = servers["user"].get<std::string>();
    to.secretFrom = SecretFrom::File;
    to.secretAt = (told.parent_path() / "password").string();
    to.certificates = (told.parent_path() / "ca.pem").string();
    auto unknown = to;
    unknown.by = SendBy::Sftp;
    if (servers["ports"]["sftp"].is_number())
        unknown.server = "localhost:" + std::to_string(servers["ports"]["sftp"].get<int>());
    auto& posting = window.sending().posting();
    const auto rows = window.runs().last()->ledger.rows;
    posting.change([rows, to, unknown](Outbox& outbox) {
        outbox.allow(to), outbox.allow(unknown);
        int left = 22;
        for (const auto& row : rows) {
            if (row.outcome != Outcome::Made || left-- <= 0)
                continue;
            OutboxItem item;
            item.copy = row.copy, item.fingerprint = row.copyFingerprint, item.bytes = row.copyBytes;
            item.delivery = row.delivery, item.to = left < 2 ? unknown : to;
            item.folder = "kites/2026", item.name = row.copy.filename().string();
            outbox.add(item);
        }
    });
    const bool ok =
        waitUntil([&] { return posting.items().size() == 22 && !window.sending().busy(); }, kPatience);
    window.sending().showOutbox();
    auto* outbox = window.sending().outbox();
    outbox->resize(1280, 800);
    pause(300);
    return ok && saveWidget(*outbox, out.filePath("outbox.png"));
}

} // namespace

int runDemo(MainWindow& window, const QString& picture) {
    if (!settled(window) || !pressStamp(window)) {
        std::cerr << "keep-seal: the sample run could not start: " << window.runBar().sentence().toStdString()
                  << "\n";
        return 1;
    }
    waitUntil([&] { return window.runs().last().has_value(); }, kPatience);
    if (!window.runs().last())
        return 1;
    const auto& ledger = window.runs().last()->ledger;
    save(window, picture);
    std::cout << window.runBar().sentence().toStdString() << "\n"
              << window.views().check().summary().toStdString() << "\n"
              << "copies: " << ledger.rows.front().copy.parent_path().string() << "\n";
    return 0;
}

int takeWall(MainWindow& window, const QString& file) {
    return waitUntil([&] { return !window.document().originals().empty(); }, kPatience) && settled(window) &&
                   save(window, file)
               ? 0
               : 1;
}

int takeScreenshots(MainWindow& window, const QString& folder, const QString& servers) {
    const QDir out(folder);
    out.mkpath(".");
    const auto originals = window.document().paths();
    bool ok = waitUntil([&] { return !window.document().originals().empty(); }, kPatience) && settled(window);
    ok = ok && save(window, out.filePath("proof-wall.png"));
    window.views().wall().setCurrent(showpiece(window));
    ok = ok && framingPictures(window, out);
    ok = ok && wordsPictures(window, [&out](QWidget& widget, const QString& name) {
             return saveWidget(widget, out.filePath(name));
         });
    ok = ok && benchPictures(window, out);
    ok = ok && firstStartPicture(window.document().who(), out);
    ok = ok && runPictures(window, out);
    ok = ok && registerPictures(window, out);
    if (!servers.isEmpty()) {
        ok = ok && sendingPicture(window, out, toPath(servers));
        if (auto* outbox = window.sending().outbox())
            outbox->close();
    }
    return ok ? 0 : 1;
}

} // namespace keepseal::app
