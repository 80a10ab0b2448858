// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal_bench/seal_chooser.h"

#include "base/text.h"
#include "proofs/frame_proof.h"
#include "render/seal_export.h"
#include "seal/draw.h"
#include "theme/theme.h"
#include "widgets/arrival_dialog.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

constexpr int kCardWidth = 288, kPictureWidth = 270, kPictureHeight = 180;

QPushButton* button(const QString& text, const QString& help) {
    auto* made = new QPushButton(text);
    made->setToolTip(help);
    made->setAutoDefault(false);
    made->setStyleSheet("QPushButton { padding: 5px 10px; }");
    return made;
}

} // namespace

SealChooser::SealChooser(Libraries* libraries, std::shared_ptr<const Frame> ground, WhoYouAre who,
                         QWidget* parent)
    : QDialog(parent), m_libraries(libraries), m_ground(std::move(ground)), m_who(std::move(who)),
      m_search(new QLineEdit), m_list(new QListWidget), m_about(new QLabel), m_said(new QLabel) {
    setWindowTitle(tr("Seals"));
    resize(1240, 780);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap3);
    auto* head = new QHBoxLayout;
    auto* title = new QLabel(tr("Seals in the library"));
    title->setFont(titleFont());
    m_search->setPlaceholderText(tr("Search names, notes and tags"));
    m_search->setAccessibleName(tr("Search the library"));
    m_search->setClearButtonEnabled(true);
    m_search->setFixedWidth(withText(280));
    head->addWidget(title);
    head->addStretch();
    head->addWidget(m_search);
    column->addLayout(head);
    m_list->setViewMode(QListView::IconMode);
    m_list->setResizeMode(QListView::Adjust);
    m_list->setMovement(QListView::Static);
    m_list->setIconSize({kPictureWidth, kPictureHeight});
    m_list->setGridSize({kCardWidth, kPictureHeight + 44});
    m_list->setWordWrap(false);
    m_list->setAccessibleName(tr("Saved seals"));
    m_list->setStyleSheet(
        "QListWidget { background: palette(base); border: none; border-radius: 6px; padding: 8px; }"
        "QListWidget::item { padding: 4px; border-radius: 5px; }"
        "QListWidget::item:selected { background: palette(highlight); "
        "color: palette(highlighted-text); }");
    column->addWidget(m_list, 1);
    m_about->setWordWrap(true);
    m_about->setFont(smallFont());
    column->addWidget(m_about);
    m_said->setWordWrap(true);
    m_said->setVisible(false);
    column->addWidget(m_said);
    column->addWidget(makeButtons());
    connect(m_search, &QLineEdit::textChanged, this, [this] { load(); });
    connect(m_list, &QListWidget::itemActivated, this, [this] { take(); });
    connect(m_list, &QListWidget::currentRowChanged, this, &SealChooser::refreshButtons);
    load();
    if (!m_libraries->known()) // opened in the first moment of the window
        connect(
            m_libraries, &Libraries::changed, this, [this] { load(); }, Qt::SingleShotConnection);
    m_list->setFocus();
}

QWidget* SealChooser::makeButtons() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(kGap1);
    m_duplicate = button(tr("Duplicate"), tr("A copy that you can change"));
    m_rename = button(tr("Rename…"), tr("Another name for this seal"));
    m_describe = button(tr("Notes and tags…"), tr("What it is for, and words to find it by"));
    m_remove = button(tr("Remove"), tr("Takes it out of the library; can be brought back"));
    m_back = button(tr("Bring back"), tr("Brings the removed seal back"));
    m_back->setVisible(false);
    m_share = button(tr("Share or save as…"),
                     tr("One zip with logos and typefaces, or a PNG or SVG picture with transparency"));
    auto* import = button(tr("Import…"), tr("Takes a shared seal into the library"));
    m_take = new QPushButton(tr("Use this seal"));
    m_take->setProperty("strong", true);
    auto* close = button(tr("Close"), tr("Back without a change (Esc)"));
    for (auto* each : {m_duplicate, m_rename, m_describe, m_remove, m_back, m_share, import})
        row->addWidget(each);
    row->addStretch();
    row->addWidget(close);
    row->addWidget(m_take);
    connect(m_take, &QPushButton::clicked, this, &SealChooser::take);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_duplicate, &QPushButton::clicked, this, &SealChooser::duplicateSeal);
    connect(m_remove, &QPushButton::clicked, this, &SealChooser::removeSeal);
    connect(m_back, &QPushButton::clicked, this, &SealChooser::bringBack);
    connect(m_rename, &QPushButton::clicked, this, [this] {
        if (const auto* seal = chosen()) {
            const auto name = QInputDialog::getText(this, tr("Rename"), tr("Name of the seal"),
                                                    QLineEdit::Normal, toQt(seal->design.name));
            if (!name.trimmed().isEmpty())
                renameSeal(name);
        }
    });
    connect(m_describe, &QPushButton::clicked, this, [this] {
        const auto* seal = chosen();
        if (!seal)
            return;
        QStringList tags;
        for (const auto& tag : seal->tags)
            tags << toQt(tag);
        bool ok = false;
        const auto notes = QInputDialog::getText(this, tr("Notes"), tr("What this seal is for"),
                                                 QLineEdit::Normal, toQt(seal->notes), &ok);
        if (!ok)
            return;
        const auto words =
            QInputDialog::getText(this, tr("Tags"), tr("Words to find it by, with commas between"),
                                  QLineEdit::Normal, tags.join(", "), &ok);
        if (ok)
            describeSeal(notes, words);
    });
    connect(m_share, &QPushButton::clicked, this, [this] {
        if (const auto* seal = chosen()) {
            const auto file = QFileDialog::getSaveFileName(
                this, tr("Share or save as"), toQt(seal->key) + ".zip",
                tr("Shared seal (*.zip);;PNG picture (*.png);;SVG picture (*.svg)"), nullptr,
                QFileDialog::DontConfirmOverwrite);
            if (!file.isEmpty())
                exportTo(file);
        }
    });
    connect(import, &QPushButton::clicked, this, [this] {
        const auto file =
            QFileDialog::getOpenFileName(this, tr("Import a shared seal"), {}, tr("Shared seals (*.zip)"));
        if (!file.isEmpty())
            importFrom(file);
    });
    return box;
}

void SealChooser::load(const std::string& wanted) {
    const auto& problems = m_libraries->shelves().problems;
    auto all = m_libraries->shelves().seals;
    const auto words = m_search->text().toStdString();
    std::erase_if(all, [&](const SavedSeal& seal) { return !seal.matches(words); });
    m_seals = std::move(all);
    m_list->clear();
    QPixmap empty(kPictureWidth, kPictureHeight);
    empty.fill(theme().window);
    for (const auto& seal : m_seals) {
        auto* item = new QListWidgetItem(QIcon(empty), toQt(seal.design.name), m_list);
        item->setToolTip(toQt(seal.notes));
        item->setTextAlignment(Qt::AlignHCenter);
    }
    for (std::size_t i = 0; i < m_seals.size(); ++i) {
        if (m_seals[i].key == wanted)
            m_list->setCurrentRow(static_cast<int>(i));
    }
    drawAll();
    if (m_list->currentRow() < 0 && !m_seals.empty())
        m_list->setCurrentRow(0);
    if (!problems.empty())
        said(toQt(problems.front().sentence()), true);
    refreshButtons();
}

/// Each seal on the ground, in the background.
void SealChooser::drawAll() {
    std::vector<SealDesign> designs;
    for (const auto& seal : m_seals)
        designs.push_back(seal.design);
    m_drawing.start([designs = std::move(designs), ground = m_ground,
                     who = withStandIns(m_who)](const TaskRun<DrawnSeal>& run) {
        for (std::size_t i = 0; i < designs.size() && !run.stop; ++i)
            run.tell(drawnOn(*ground, withWho(designs[i], who), static_cast<int>(i)));
        return NoStep();
    });
}

SealChooser::DrawnSeal SealChooser::drawnOn(const Frame& ground, const SealDesign& seal, int row) {
    const TextFacts example = {{"name", "tide_0315"}, {"year", "2026"},         {"date", "2026-05-01"},
                               {"title", "Title"},    {"headline", "Headline"}, {"creator", "Creator"},
                               {"notice", "Notice"},  {"this_year", "2026"},    {"camera", "Camera"}};
    try {
        Frame frame = ground;
        drawSeal(*prepareSeal(seal, example), frame);
        return {row,
                toImage(frame).scaled(kPictureWidth * 2, kPictureHeight * 2, Qt::KeepAspectRatioByExpanding,
                                      Qt::SmoothTransformation),
                {}};
    } catch (const Problem& problem) { // of the others none is to suffer for it
        return {row, {}, toQt(problem.sentence())};
    }
}

void SealChooser::showDrawn(const DrawnSeal& drawn) {
    auto* item = m_list->item(drawn.row);
    if (!item)
        return;
    if (drawn.image.isNull())
        return item->setToolTip(drawn.problem);
    QPixmap picture = QPixmap::fromImage(drawn.image);
    picture.setDevicePixelRatio(2);
    QIcon both(picture); // chosen, it keeps its colours: tone is judged here
    both.addPixmap(picture, QIcon::Selected);
    item->setIcon(both);
}

const SavedSeal* SealChooser::chosen() const {
    const int row = m_list->currentRow();
    return row < 0 || row >= static_cast<int>(m_seals.size()) ? nullptr
                                                              : &m_seals[static_cast<std::size_t>(row)];
}

void SealChooser::refreshButtons() {
    const auto* seal = chosen();
    for (auto* each : {m_take, m_duplicate, m_share})
        each->setEnabled(seal);
    for (auto* each : {m_rename, m_describe, m_remove})
        each->setEnabled(seal && !seal->shipped);
    if (!seal) {
        m_about->setText(m_search->text().isEmpty() ? tr("The library is empty.")
                                                    : tr("No seal has these words."));
        return;
    }
    QStringList tags;
    for (const auto& tag : seal->tags)
        tags << toQt(tag);
    m_about->setText(
        (seal->notes.empty() ? QString() : toQt(seal->notes) + "   ") +
        (tags.isEmpty() ? QString() : tr("Tags: %1   ").arg(tags.join(QObject::tr(", ")))) +
        (seal->shipped ? tr("Comes with Keep Seal: duplicate it to change it here.") : QString()));
}

void SealChooser::said(const QString& text, bool problem) {
    m_said->setText(text);
    m_said->setStyleSheet(QString("color: %1;").arg((problem ? theme().bad : theme().good).name()));
    m_said->setVisible(!text.isEmpty());
}

template <class Result>
void SealChooser::change(std::function<Result(const SealLibrary&)> work, std::function<void(Result)> then) {
    said({});
    m_libraries->change<Result>(
        this, [work = std::move(work)](const LibraryFolders& in) { return work(in.seals); },
        [this, then = std::move(then)](TaskOutcome<Result> outcome) {
            if (outcome.problem)
                said(toQt(outcome.problem->sentence()), true);
            else
                then(std::move(*outcome.result));
        });
}

void SealChooser::keepChanged(SavedSeal seal) {
    change<std::string>(
        [seal = std::move(seal)](const SealLibrary& library) { return library.save(seal).key; },
        [this](const std::string& key) { load(key); });
}

void SealChooser::take() {
    if (const auto* seal = chosen()) {
        m_taken = seal->design;
        accept();
    }
}

void SealChooser::duplicateSeal() {
    if (const auto* seal = chosen()) {
        SavedSeal copy = *seal;
        copy.key.clear();
        copy.shipped = false;
        copy.design.name += tr(" copy").toStdString();
        keepChanged(std::move(copy));
    }
}

void SealChooser::renameSeal(const QString& name) {
    if (const auto* seal = chosen(); seal && !seal->shipped) {
        SavedSeal renamed = *seal;
        renamed.design.name = name.trimmed().left(80).toStdString();
        keepChanged(std::move(renamed));
    }
}

void SealChooser::describeSeal(const QString& notes, const QString& tags) {
    if (const auto* seal = chosen(); seal && !seal->shipped) {
        SavedSeal described = *seal;
        described.notes = notes.trimmed().toStdString();
        described.tags = splitTrimmed(tags.toStdString(), ',');
        keepChanged(std::move(described));
    }
}

void SealChooser::removeSeal() {
    if (const auto* seal = chosen(); seal && !seal->shipped)
        change<NoStep>(
            [key = seal->key](const SealLibrary& library) {
                library.remove(key);
                return NoStep();
            },
            [this, key = seal->key, name = toQt(seal->design.name)](NoStep) {
                m_removed = key;
                m_back->setVisible(true);
                load();
                said(tr("“%1” was removed.").arg(name));
            });
}

void SealChooser::bringBack() {
    change<NoStep>(
        [key = m_removed](const SealLibrary& library) {
            library.restore(key);
            return NoStep();
        },
        [this, key = m_removed](NoStep) {
            m_back->setVisible(false);
            load(key);
        });
}

void SealChooser::importFrom(const QString& zip) {
    m_arriving.start([library = m_libraries->folders().seals, file = toPath(zip)](const std::atomic<bool>&) {
        return sharedSeal(library, file);
    });
}

QString SealChooser::saidText() const {
    return m_said->text();
}

void SealChooser::askArrival(TaskOutcome<Arrival> outcome) {
    if (outcome.problem)
        return said(toQt(outcome.problem->sentence()), true);
    auto* dialog = new ArrivalDialog(std::move(*outcome.result), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog] {
        change<TakenIn>(
            [arrival = dialog->arrival()](const SealLibrary& library) { return takeIn(library, arrival); },
            [this](const TakenIn& taken) {
                load(taken.seal->key);
                said(tr("“%1” is in the library now.").arg(toQt(taken.seal->design.name)) +
                     saidOfTypefaces(taken));
            });
    });
    dialog->open();
}

void SealChooser::exportTo(const QString& file) {
    const auto* seal = chosen();
    if (!seal)
        return;
    std::optional<int> width; // of a picture
    if (!file.endsWith(".zip", Qt::CaseInsensitive)) {
        bool ok = true;
        width = QInputDialog::getInt(this, tr("Save as a picture"), tr("Width in pixels"), 1200, 16, 20000,
                                     100, &ok);
        if (!ok)
            return;
    }
    change<NoStep>(
        [saved = *seal, width, who = m_who, to = toPath(file)](const SealLibrary&) {
            if (width)
                saveSealPicture(withWho(saved.design, who), *width, to);
            else
                exportSeal(saved, to);
            return NoStep();
        },
        [this, file](NoStep) { said(tr("Saved as %1").arg(file)); });
}

} // namespace keepseal::app
