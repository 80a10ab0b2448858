// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal_bench/seal_bench.h"

#include "widgets/side_area.h"

#include "seal/logo.h"
#include "theme/theme.h"
#include "widgets/announce.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QToolButton>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QScrollArea* scrolling(QWidget* page, int width) {
    auto* area = new SideArea;
    area->setWidget(page);
    area->setFocusPolicy(Qt::NoFocus); // what it holds has the focus
    area->setUsualWidth(width);
    return area;
}

QLabel* heading(const QString& text) {
    auto* label = new QLabel(text);
    label->setFont(titleFont());
    return label;
}

SealBench::Question questionOf(const SettingInfo& row) {
    for (const auto* stands : {"Arrangement", "Placing", "All over", "Strip", "Perspective"})
        if (row.group == stands)
            return SealBench::Question::Stands;
    if (row.key == "place" || row.key == "margin")
        return SealBench::Question::Stands;
    return row.group == "Readability" || row.group == "Halo" || row.key == "tone"
               ? SealBench::Question::Adapts
               : SealBench::Question::Looks;
}

bool isHead(const std::string& key) {
    for (const auto* head : {"id", "name", "parent", "hidden", "locked"})
        if (key == head)
            return true;
    return false;
}

} // namespace

SealBench::SealBench(JobDocument* document, PictureLibrary* library, HardCases* cases, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_name(new QLineEdit), m_of(new QLabel),
      m_parts(new PartsList(document)), m_partForm(new SettingForm(nullptr, SettingForm::Folding::Folded)),
      m_canvas(new SealCanvas(document, library)),
      m_strip(new TrialStrip(document, library, cases, TrialStrip::Ramps::With)),
      m_oneLook(new OneLookBox(document, library)), m_advice(new AdviceBox(document)),
      m_partTitle(heading({})), m_reading(new QLabel), m_zoom(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(makeTop());
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    row->addWidget(makeLeft());
    row->addWidget(makeMiddle(), 1);
    row->addWidget(makeRight());
    column->addLayout(row, 1);
    column->addWidget(m_strip);

    m_saying.setSingleShot(true);
    m_saying.setInterval(6000);
    connect(&m_saying, &QTimer::timeout, this, &SealBench::refresh);
    connect(document, &JobDocument::anythingChanged, this, &SealBench::refresh);
    connect(m_parts, &PartsList::selectionChosen, this, &SealBench::choose);
    connect(m_canvas, &SealCanvas::selectionChanged, this, [this] { choose(m_canvas->selection()); });
    connect(m_canvas, &SealCanvas::logoDropped, this, &SealBench::addLogo);
    connect(m_canvas, &SealCanvas::typefaceDropped, this, &SealBench::typefaceDropped);
    connect(m_canvas, &SealCanvas::shown, this, [this] {
        m_advice->setFrame(m_canvas->base());
        const auto* seal = m_canvas->result();
        const auto problem = m_canvas->problem();
        m_reading->setText(problem                           ? toQt(problem->happened)
                           : !seal || seal->readability <= 0 ? QString()
                           : seal->seenNotRead ? tr("seen %1 : 1").arg(seal->readability, 0, 'f', 2)
                                               : tr("contrast %1 : 1").arg(seal->readability, 0, 'f', 1));
        m_reading->setToolTip(problem ? toQt(problem->sentence()) : QString());
        m_reading->setStyleSheet(
            QString("color: %1;").arg((seal && seal->belowReadable ? theme().look : theme().text).name()));
        QStringList words;
        if (seal)
            words = sentences(seal->notes);
        m_reading->setToolTip(words.join("\n"));
        m_zoom->setText(tr("%1 %").arg(m_canvas->zoomPercent(), 0, 'f', 0));
    });
    connect(m_strip, &TrialStrip::chosen, this, &SealBench::pictureChosen);
    for (auto* form : m_forms)
        connect(form, &SettingForm::changed, this,
                [this](const std::string& path, const SettingValue& value, int drag) {
                    m_document->setSetting("seal." + path, value, drag);
                });
    connect(m_partForm, &SettingForm::changed, this, &SealBench::setPartSetting);
    connect(m_partForm, &SettingForm::stale, this, &SealBench::refresh);
    refresh();
}

QToolButton* SealBench::tool(const QString& iconName, const QString& what, const std::function<void()>& act) {
    auto* button = new QToolButton;
    button->setIcon(icon(iconName));
    button->setIconSize({16, 16});
    button->setStyleSheet("QToolButton { padding: 3px; }");
    button->setToolTip(what);
    button->setAccessibleName(what);
    button->setFocusPolicy(Qt::StrongFocus);
    connect(button, &QToolButton::clicked, this, act);
    return button;
}

QWidget* SealBench::makeTop() {
    auto* bar = new QWidget;
    bar->setFixedHeight(withText(54));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(kGap3, 0, kGap4, 0);
    row->setSpacing(kGap2);
    auto* back = new QPushButton(icon("arrow-left"), " " + tr("Back to the job"));
    back->setToolTip(tr("Back to the job (Esc)"));
    connect(back, &QPushButton::clicked, this, &SealBench::closed);
    m_name->setFont(titleFont());
    m_name->setPlaceholderText(tr("Name of the seal"));
    m_name->setAccessibleName(tr("Name of the seal"));
    m_name->setMaximumWidth(withText(280));
    m_name->setMaxLength(80);
    connect(m_name, &QLineEdit::textEdited, this, [this](const QString& name) {
        edit(
            tr("naming the seal"), [&](SealDesign& d) { d.name = name.toStdString(); }, 1);
    });
    m_of->setFont(smallFont());
    row->addWidget(back);
    row->addSpacing(kGap2);
    row->addWidget(m_name);
    row->addWidget(m_of);
    row->addStretch();
    row->addWidget(tool("undo-2", tr("Undo (Ctrl+Z)"), [this] { m_document->undoStack()->undo(); }));
    row->addWidget(tool("redo-2", tr("Redo (Ctrl+Shift+Z)"), [this] { m_document->undoStack()->redo(); }));
    auto* library = new QPushButton(icon("library"), " " + tr("Library"));
    library->setToolTip(tr("Saved seals, to take one (Ctrl+L)"));
    connect(library, &QPushButton::clicked, this, &SealBench::libraryRequested);
    auto* trial = new QPushButton(icon("shield-check"), " " + tr("Trial"));
    trial->setToolTip(
        tr("Crop it, paint it out, average it away, press it: what is left of the seal (Ctrl+Shift+K)"));
    connect(trial, &QPushButton::clicked, this, &SealBench::trialRequested);
    auto* keep = new QPushButton(tr("Keep in the library"));
    keep->setProperty("strong", true);
    keep->setToolTip(tr("Save this seal under its name, to use it elsewhere (Ctrl+K)"));
    connect(keep, &QPushButton::clicked, this, &SealBench::keepRequested);
    row->addWidget(trial);
    row->addWidget(library);
    row->addWidget(keep);
    return bar;
}

QWidget* SealBench::makeLeft() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(kGap3, kGap2, kGap3, kGap3);
    column->setSpacing(kGap2);
    auto* head = new QHBoxLayout;
    head->setSpacing(2);
    head->addWidget(heading(tr("Parts")));
    head->addStretch();
    head->addWidget(tool("type", tr("Add a text"), [this] { addText(); }));
    head->addWidget(tool("image", tr("Add a logo"), [this] {
        const auto file = QFileDialog::getOpenFileName(
            this, tr("Add a logo"), {}, tr("Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)"));
        if (!file.isEmpty())
            addLogo(file);
    }));
    head->addWidget(tool("stamp", tr("Add my emblem"), [this] { addEmblem(); }));
    head->addWidget(tool("shapes", tr("Add a line, box or ring"), [this] { addShape(); }));
    column->addLayout(head);
    column->addWidget(m_parts);
    column->addWidget(makePartActions());
    column->addWidget(makeQuestions());
    for (std::size_t i = 0; i < m_forms.size(); ++i) {
        std::vector<const SettingInfo*> rows;
        for (const auto& row : sealSettings())
            if (!row.derived && row.key != "on" && questionOf(row) == static_cast<Question>(i))
                rows.push_back(&row);
        m_forms[i] = new SettingForm(nullptr, SettingForm::Folding::Folded);
        m_forms[i]->setRows(rows);
        column->addWidget(m_forms[i]);
    }
    formOf(Question::Adapts).unfold("Readability");
    ask(Question::Looks);
    column->addStretch();
    return scrolling(page, 256);
}

QWidget* SealBench::makeQuestions() {
    m_questions = new SegmentControl({{"looks", tr("Looks").toStdString()},
                                      {"stands", tr("Stands").toStdString()},
                                      {"adapts", tr("Adapts").toStdString()}},
                                     tr("What about the seal"));
    m_questions->setToolTip(tr("How the seal looks, where it stands, how it adapts to each picture"));
    connect(m_questions, &SegmentControl::changed, this, [this](const std::string& key) {
        ask(key == "stands" ? Question::Stands : key == "adapts" ? Question::Adapts : Question::Looks);
    });
    return m_questions;
}

void SealBench::ask(Question question) {
    constexpr const char* keys[] = {"looks", "stands", "adapts"};
    m_questions->setValue(keys[static_cast<std::size_t>(question)]);
    for (std::size_t i = 0; i < m_forms.size(); ++i)
        m_forms[i]->setVisible(static_cast<Question>(i) == question);
}

QWidget* SealBench::makeMiddle() {
    auto* middle = new QWidget;
    auto* column = new QVBoxLayout(middle);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_canvas, 1);
    column->addWidget(makeGrounds());
    return middle;
}

QWidget* SealBench::makeRight() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(kGap3, kGap2, kGap3, kGap3);
    column->setSpacing(kGap2);
    column->addWidget(m_partTitle);
    m_partBox = new QWidget;
    auto* part = new QVBoxLayout(m_partBox);
    part->setContentsMargins(0, 0, 0, 0);
    part->setSpacing(kGap2);
    m_alignBox = makeAlignActions();
    m_textHelp = makeTextHelp();
    part->addWidget(m_textHelp);
    part->addWidget(m_partForm);
    part->addWidget(m_alignBox);
    column->addWidget(m_partBox);
    m_wholeBox = new QWidget;
    auto* whole = new QVBoxLayout(m_wholeBox);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(kGap3);
    whole->addWidget(m_advice);
    whole->addWidget(m_oneLook);
    auto* hint =
        new QLabel(tr("Click a part to change it, double-click a text to write in it. Drag the seal to move "
                      "it, its corners to resize it, the round grip to turn it (Shift: by 15°)."));
    hint->setWordWrap(true);
    hint->setFont(smallFont());
    whole->addWidget(hint);
    column->addWidget(m_wholeBox);
    column->addStretch();
    return scrolling(page, 284);
}

void SealBench::insertInText(const QString& text) {
    if (auto* box = qobject_cast<QPlainTextEdit*>(m_partForm->control("text"))) {
        box->insertPlainText(text);
        box->setFocus();
    }
}

/// Parts are measured with the person's own words and emblem in them.
AsMade SealBench::asMade() const {
    return [who = m_document->who()](const SealDesign& design) { return withWho(design, who); };
}

void SealBench::edit(const QString& what, const std::function<void(SealDesign&)>& change, int merge) {
    SealDesign next = m_document->currentDelivery().seal;
    const KnownLogosOnly noDisk;
    change(next);
    m_document->setSeal(std::move(next), what, merge);
}

void SealBench::add(SealPart part, const QString& what) {
    std::string id;
    edit(what, [&](SealDesign& d) { id = addPart(d, std::move(part), {}, asMade()); });
    choose({id});
}

void SealBench::addText() {
    auto part = newPart(m_document->currentDelivery().seal, PartKind::Text);
    part.text.text = tr("New text").toStdString();
    add(std::move(part), tr("adding a text"));
    if (const auto ids = m_parts->selection(); !ids.empty())
        m_canvas->editText(ids.back()); // what is typed now is the text, and no key of a button
}

void SealBench::addLogo(const QString& file) {
    auto part = newPart(m_document->currentDelivery().seal, PartKind::Logo);
    part.logo.file = toPath(file).string();
    add(std::move(part), tr("adding a logo"));
}

void SealBench::setTypeface(const std::string& family) {
    edit(tr("choosing a typeface"), [&](SealDesign& d) {
        const auto& ids = m_canvas->selection();
        const auto isChosen = [&](const SealPart& part) {
            return part.kind == PartKind::Text && std::find(ids.begin(), ids.end(), part.id) != ids.end();
        };
        const bool some = std::any_of(d.parts.begin(), d.parts.end(), isChosen);
        for (auto& part : d.parts)
            if (part.kind == PartKind::Text && (!some || isChosen(part)))
                part.text.family = family;
    });
}

void SealBench::addEmblem() {
    auto part = newPart(m_document->currentDelivery().seal, PartKind::Logo);
    part.name = tr("My emblem").toStdString();
    part.logo.file = kMyEmblem;
    add(std::move(part), tr("adding my emblem"));
}

void SealBench::addShape() {
    add(newPart(m_document->currentDelivery().seal, PartKind::Shape), tr("adding a shape"));
}

void SealBench::choose(const PartIds& ids) {
    m_canvas->setSelection(ids);
    m_parts->showSelection(ids);
    refreshPart();
}

void SealBench::showPicture(OriginalId id) {
    m_canvas->showPicture(id);
    m_advice->setFrame(m_canvas->base());
}

bool SealBench::settled() const {
    return m_canvas->settled() && m_strip->settled();
}

/// Icons hold their colour: after a change of the look they are made again.
void SealBench::renewLook() {
    m_parts->refresh();
    m_shownPart.clear();
    refresh();
}

void SealBench::say(const QString& text) {
    m_of->setText(text);
    m_of->setToolTip(text);
    announce(m_of, text);
    m_of->setStyleSheet(QString("color: %1;").arg(theme().accent.name()));
    m_saying.start();
}

QString SealBench::said() const {
    return m_of->text();
}

void SealBench::setPartSetting(const std::string& key, const SettingValue& value, int drag) {
    SealDesign next = m_document->currentDelivery().seal;
    auto* part = next.part(m_shownPart);
    const auto* row = part ? rowOf(partSettings(part->kind), key) : nullptr;
    if (!row || row->get(*part) == value)
        return;
    if (key == "stacking" && value == SettingValue(std::string("free")))
        for (const auto& member : next.parts)
            if (member.parent == part->id) {
                placeFreely(next, member.id, asMade());
                break;
            }
    row->set(*part, value);
    m_document->setSeal(std::move(next), tr("changing “%1” of a part").arg(toQt(row->label)), drag);
}

void SealBench::refresh() {
    const auto& seal = m_document->currentDelivery().seal;
    if (m_name->text() != toQt(seal.name)) {
        m_name->setText(toQt(seal.name));
        m_name->setCursorPosition(0); // a long name is read from its beginning
    }
    if (!m_saying.isActive()) {
        m_of->setText(tr("the seal of %1").arg(toQt(m_document->currentDelivery().name)));
        m_of->setStyleSheet({});
    }
    for (const auto& row : sealSettings())
        if (!row.derived && row.key != "on") {
            auto& form = formOf(questionOf(row));
            form.setValue(row.key, row.get(seal));
            if (row.shown)
                form.setRowVisible(row.key, row.isShown(seal));
        }
    showRowsThatMatter();
    refreshPart();
}

/// A row that would do nothing is not shown.
void SealBench::showRowsThatMatter() {
    const auto& d = m_document->currentDelivery().seal;
    const bool single = d.arrangement == Arrangement::Single, repeat = d.arrangement == Arrangement::Repeat;
    auto& stands = formOf(Question::Stands);
    auto& looks = formOf(Question::Looks);
    stands.setRowVisible("place", !repeat);
    if (repeat)
        for (const auto& row : sealSettings())
            if (row.key.starts_with("margin"))
                stands.setRowVisible(row.key, false);
    stands.setRowVisible("angle", d.arrangement != Arrangement::Strip);
    stands.setRowVisible("at_point", !repeat);
    for (const auto* key : {"point_x", "point_y"})
        stands.setRowVisible(key, !repeat && d.atPoint);
    for (const auto& row : sealSettings()) {
        if (row.group == "Strip")
            stands.setGroupVisible("Strip", d.arrangement == Arrangement::Strip);
        else if (row.group == "All over")
            stands.setGroupVisible("All over", repeat);
        else if (row.group == "Perspective")
            stands.setGroupVisible("Perspective", single);
        else if (row.group == "Placing")
            stands.setGroupVisible("Placing", !repeat);
    }
    // A pattern and a relief are seen, not read.
    formOf(Question::Adapts).setRowVisible("seen", isSeenNotRead(d));
    formOf(Question::Adapts).setRowVisible("readable", !isSeenNotRead(d));
    m_perspective->setEnabled(single);
    if (!single)
        m_perspective->setChecked(false);
    looks.setRowVisible("gap", d.layout.stacking != Stacking::Free);
    looks.setRowVisible("align", d.layout.stacking != Stacking::Free);
}

void SealBench::refreshPart() {
    const auto& seal = m_document->currentDelivery().seal;
    const auto& chosen = m_canvas->selection();
    const auto* part = chosen.empty() ? nullptr : seal.part(chosen.front());
    m_partBox->setVisible(part);
    m_wholeBox->setVisible(!part);
    if (!part) {
        m_partTitle->setText(tr("The whole seal"));
        m_shownPart.clear();
        return;
    }
    m_partTitle->setText(chosen.size() > 1    ? saidQt(chosen.size(), "{n} part", "{n} parts")
                         : part->name.empty() ? tr("Part")
                                              : toQt(part->name));
    m_textHelp->setVisible(part->kind == PartKind::Text);
    if (m_shownPart.empty() || m_shownKind != part->kind) {
        std::vector<const SettingInfo*> rows;
        for (const auto& row : partSettings(part->kind))
            if (!isHead(row.key))
                rows.push_back(&row);
        m_partForm->setRows(rows);
    }
    m_shownPart = part->id;
    m_shownKind = part->kind;
    for (const auto& row : partSettings(part->kind))
        m_partForm->setValue(row.key, row.get(*part));
    SealDesign copy = seal;
    const bool free = layoutAround(copy, part->id).stacking == Stacking::Free;
    m_partForm->setGroupVisible("Placed freely", free);
    if (part->kind == PartKind::Shape) {
        const bool ring = part->shape.shape == ShapeKind::Ring, line = part->shape.shape == ShapeKind::Line;
        m_partForm->setRowVisible("stretch", !ring && !free);
        m_partForm->setRowVisible("width", !ring && (free || !part->shape.stretch));
        m_partForm->setRowVisible("size", !line);
        m_partForm->setRowVisible("roundness", part->shape.shape == ShapeKind::RoundedBox);
    }
    if (part->kind == PartKind::Logo) {
        for (const auto* key : {"colour", "dark_colour"})
            m_partForm->setRowVisible(key, part->logo.recolour);
        for (const auto* key : {"clear_colour", "clear_tolerance"})
            m_partForm->setRowVisible(key, part->logo.clearOn);
    }
}

void SealBench::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        emit closed();
    else
        QWidget::keyPressEvent(event);
}

} // namespace keepseal::app
