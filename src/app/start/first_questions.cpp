// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "start/first_questions.h"

#include "theme/theme.h"
#include "widgets/controls.h"
#include "widgets/setting_form.h"

#include <QCheckBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

constexpr int kKeepAfterMs = 600;
constexpr int kTyping = 1; ///< keys typed into one field are one step to undo

QLabel* aboutLabel(const QString& text) {
    auto* label = new QLabel(text);
    label->setFont(smallFont());
    label->setForegroundRole(QPalette::PlaceholderText);
    label->setWordWrap(true);
    return label;
}

/// A question, and what one should know to answer it.
QVBoxLayout* question(QWidget* box, const QString& asked, const QString& about) {
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGap1);
    auto* title = new QLabel(asked);
    title->setFont(strongFont());
    column->addWidget(title);
    column->addWidget(aboutLabel(about));
    return column;
}

/// As wide as lines can be read.
QWidget* centred(QWidget* inside) {
    auto* middle = new QWidget;
    inside->setMaximumWidth(withText(760));
    auto* row = new QHBoxLayout(middle);
    row->setContentsMargins(0, 0, 0, 0);
    row->addStretch(1);
    row->addWidget(inside, 20);
    row->addStretch(1);
    return middle;
}

/// Of the job, a card that was made from a delivery to start from.
std::size_t cardFrom(const JobState& job, const SavedDelivery& saved) {
    std::size_t i = 0;
    while (i < job.deliveries.size() &&
           (!job.deliveries[i].kept || job.deliveries[i].kept->name != saved.design.name))
        ++i;
    return i;
}

} // namespace

FirstQuestions::FirstQuestions(JobDocument* document, QWidget* parent)
    : QWidget(parent), m_document(document) {
    auto* inside = new QWidget;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(kGap5, kGap3, kGap5, kGap2);
    column->setSpacing(kGap2); // all of it on a screen of 800 lines
    auto* title = new QLabel(tr("Three questions, then your pictures"));
    title->setFont(titleFont());
    column->addStretch(1);
    column->addWidget(title);
    column->addSpacing(-kGap1);
    column->addWidget(
        aboutLabel(tr("Each can wait: leave it and go on. What you answer works at once, and can be "
                      "changed later and taken back.")));
    for (auto* part : {whoQuestion(), emblemQuestion(), receiverQuestion()})
        column->addWidget(part);
    column->addStretch(2);
    auto* scroll = new QScrollArea; // large text on a small screen
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(centred(inside));
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(scroll, 1);
    whole->addWidget(centred(openLine()));
    setFocusProxy(nameField());

    m_keep.setSingleShot(true);
    m_keep.setInterval(kKeepAfterMs);
    connect(&m_keep, &QTimer::timeout, this, &FirstQuestions::keepAnswers);
    connect(document, &JobDocument::anythingChanged, this, &FirstQuestions::showAnswers);
    showAnswers();
}

SettingForm* FirstQuestions::whoForm(const std::vector<std::string>& keys) {
    auto* form = new SettingForm;
    std::vector<const SettingInfo*> rows;
    for (const auto& key : keys)
        rows.push_back(rowOf(whoSettings(), key));
    form->setRows(rows);
    connect(form, &SettingForm::changed, this,
            [this](const std::string& key, const SettingValue& value) { answerWho(key, value); });
    m_forms.push_back(form);
    return form;
}

QWidget* FirstQuestions::whoQuestion() {
    auto* box = new QWidget;
    auto* column =
        question(box, tr("1   What name stands on your pictures?"),
                 tr("Your studio's, or your own. Seals, captions and rights use it; where there is a "
                    "link, small marks show that."));
    auto* row = new QHBoxLayout;
    row->setSpacing(kGap4);
    for (const char* key : {"studio", "link"})
        row->addWidget(whoForm({key}), 1);
    column->addLayout(row);
    return box;
}

QWidget* FirstQuestions::emblemQuestion() {
    auto* box = new QWidget;
    auto* column =
        question(box, tr("2   Have you an emblem?"),
                 tr("A logo for dark ground: SVG, PDF, PNG, TIFF, WebP or JPEG. Without one, your name "
                    "is the mark."));
    column->addWidget(whoForm({"emblem"}));
    m_lookRow = new QWidget;
    auto* row = new QHBoxLayout(m_lookRow);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(new QLabel(tr("The mark in a corner is")));
    m_look = new SegmentControl({{"words", tr("Name or link").toStdString()},
                                 {"shipped-emblem", tr("Emblem").toStdString()},
                                 {"shipped-side-by-side", tr("Both").toStdString()}},
                                tr("The mark in a corner"));
    m_look->setValue("words");
    connect(m_look, &SegmentControl::changed, this, &FirstQuestions::wearLook);
    row->addWidget(m_look);
    row->addStretch();
    column->addWidget(m_lookRow);
    return box;
}

QWidget* FirstQuestions::receiverQuestion() {
    auto* box = new QWidget;
    auto* column =
        question(box, tr("3   Who gets your pictures?"),
                 tr("Tick what you need: each becomes a delivery, with its own size, mark and rights. All "
                    "are made in one go."));
    m_grid = new QGridLayout;
    m_grid->setHorizontalSpacing(kGap5);
    m_grid->setVerticalSpacing(0);
    m_grid->setColumnStretch(0, 1);
    m_grid->setColumnStretch(1, 1);
    column->addLayout(m_grid);
    return box;
}

QWidget* FirstQuestions::openLine() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(kGap5, kGap3, kGap5, kGap4);
    m_folder = new QPushButton(icon("folder-open", Tint::OnAccent), " " + tr("Open a folder of pictures…"));
    m_folder->setProperty("strong", true);
    auto* pictures = new QPushButton(icon("images"), " " + tr("Open pictures…"));
    m_later = new QPushButton(tr("Not now"));
    m_later->setToolTip(tr("Puts the questions away; Menu > Who you are, and + above, ask the same"));
    connect(m_folder, &QPushButton::clicked, this, &FirstQuestions::folderRequested);
    connect(pictures, &QPushButton::clicked, this, &FirstQuestions::picturesRequested);
    connect(m_later, &QPushButton::clicked, this, &FirstQuestions::later);
    row->addWidget(m_folder);
    row->addWidget(pictures);
    row->addWidget(aboutLabel(tr("or drop them anywhere")), 1);
    row->addWidget(m_later);
    return box;
}

QWidget* FirstQuestions::nameField() const {
    return m_forms.front()->control("studio");
}

QCheckBox* FirstQuestions::receiver(const std::string& key) const {
    for (const auto& receiver : m_receivers)
        if (receiver.saved.key == key)
            return receiver.tick;
    return nullptr;
}

void FirstQuestions::offer(const std::vector<SavedDelivery>& deliveries,
                           const std::vector<SavedSeal>& seals) {
    if (!m_receivers.empty())
        return; // they come with the program and stay the same
    m_seals = seals;
    for (const auto& saved : deliveries) {
        if (!saved.shipped)
            continue;
        const int cell = static_cast<int>(m_receivers.size());
        auto* tick = new QCheckBox(toQt(saved.design.name));
        tick->setAccessibleDescription(toQt(saved.notes));
        auto* box = new QVBoxLayout;
        box->setSpacing(0);
        auto* about = aboutLabel(toQt(saved.notes));
        about->setContentsMargins(withText(24), 0, 0, kGap2);
        box->addWidget(tick);
        box->addWidget(about);
        box->addStretch();
        m_grid->addLayout(box, cell / 2, cell % 2);
        m_receivers.push_back({saved, tick});
        connect(tick, &QCheckBox::toggled, this,
                [this, cell](bool on) { choose(m_receivers[static_cast<std::size_t>(cell)], on); });
    }
    showAnswers();
}

/// Who takes the pictures is who they are of, until somebody says otherwise.
void FirstQuestions::answerWho(const std::string& key, const SettingValue& value) {
    auto who = m_document->who();
    const bool alone = who.creator.empty() || who.creator == who.studio;
    rowOf(whoSettings(), key)->set(who, value);
    if (alone)
        who.creator = who.studio;
    m_document->setWho(who, kTyping);
    m_keep.start();
    if (key == "emblem" && m_look->value() != "words")
        wearLook(); // without one the name is the mark again
}

void FirstQuestions::keepAnswers() {
    m_keep.stop();
    emit whoSaid(m_document->who());
}

void FirstQuestions::hideEvent(QHideEvent* event) {
    if (m_keep.isActive())
        keepAnswers();
    QWidget::hideEvent(event);
}

/// With the mark that was chosen, where its own is a small one in a corner.
Delivery FirstQuestions::asChosen(Delivery delivery) const {
    if (m_look->value() == "words" || m_document->who().emblem.empty() || !delivery.seal.on ||
        delivery.seal.arrangement != Arrangement::Single)
        return delivery;
    for (const auto& seal : m_seals)
        if (seal.key == m_look->value()) {
            delivery.seal = seal.design;
            delivery.seal.on = true;
        }
    return delivery;
}

void FirstQuestions::choose(const Receiver& receiver, bool on) {
    auto cards = m_document->state().deliveries;
    const auto card = cardFrom(m_document->state(), receiver.saved);
    if (on == (card < cards.size()))
        return;
    if (on) {
        if (cards.size() == 1 && cards.front().delivery == Delivery())
            cards.clear(); // what a window begins with that knows nothing
        cards.push_back({asChosen(receiver.saved.design),
                         true,
                         {},
                         std::make_shared<const Delivery>(receiver.saved.design),
                         0});
    } else {
        cards.erase(cards.begin() + static_cast<std::ptrdiff_t>(card));
        if (cards.empty())
            cards.emplace_back();
    }
    m_document->setDeliveries(std::move(cards), tr("choosing who gets your pictures"));
}

void FirstQuestions::wearLook() {
    auto cards = m_document->state().deliveries;
    for (const auto& receiver : m_receivers)
        if (const auto card = cardFrom(m_document->state(), receiver.saved); card < cards.size())
            cards[card].delivery.seal = asChosen(receiver.saved.design).seal;
    m_document->setDeliveries(std::move(cards), tr("choosing a mark"));
}

void FirstQuestions::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    showAnswers();
}

/// What the cards wear, also after undo; a mark that no card wears yet stays chosen.
void FirstQuestions::showLook() {
    for (const auto& receiver : m_receivers) {
        const auto card = cardFrom(m_document->state(), receiver.saved);
        if (card == m_document->state().deliveries.size() || !receiver.saved.design.seal.on ||
            receiver.saved.design.seal.arrangement != Arrangement::Single)
            continue;
        const auto& worn = m_document->state().deliveries[card].delivery.seal.name;
        std::string look = "words";
        for (const auto& seal : m_seals)
            if (seal.shipped && seal.design.name == worn &&
                (seal.key == "shipped-emblem" || seal.key == "shipped-side-by-side"))
                look = seal.key;
        return m_look->setValue(look);
    }
}

/// Also after undo; not while the page is away, where each step of a slider would pay for it.
void FirstQuestions::showAnswers() {
    if (!isVisible())
        return;
    showLook();
    for (const char* key : {"studio", "link", "emblem"})
        for (auto* form : m_forms)
            if (form->control(key))
                form->setValue(key, rowOf(whoSettings(), key)->get(m_document->who()));
    m_lookRow->setVisible(!m_document->who().emblem.empty());
    for (const auto& receiver : m_receivers)
        receiver.tick->setChecked(cardFrom(m_document->state(), receiver.saved) <
                                  m_document->state().deliveries.size());
}

} // namespace keepseal::app
