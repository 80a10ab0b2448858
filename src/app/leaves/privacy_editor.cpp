// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "leaves/privacy_editor.h"

#include "base/text.h"
#include "theme/theme.h"

#include <QCheckBox>
#include <QDialog>
#include <QHBoxLayout>
#include <QTimer>
#include <QVBoxLayout>

#include <set>

namespace keepseal::app {
namespace {

QLabel* wrapped(const QFont& font, const QColor& colour, const QString& text = {}) {
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    label->setFont(font);
    label->setStyleSheet(QString("color: %1;").arg(colour.name()));
    return label;
}

/// What the picture says of a kind, in a few words.
QString sampleOf(const FileReport& report, Category category) {
    QStringList values;
    for (const auto& finding : report.findings) {
        if (finding.category != category || finding.value.empty())
            continue;
        const auto value = toQt(cutUtf8(finding.value, 40));
        if (!values.contains(value))
            values << value;
        if (values.size() == 3)
            break;
    }
    return values.join(" · ");
}

Category categoryOf(const std::string& key) {
    for (int i = 0; i <= static_cast<int>(Category::Technical); ++i) {
        std::string name = keyOf(static_cast<Category>(i));
        std::replace(name.begin(), name.end(), '-', '_');
        if (name == key)
            return static_cast<Category>(i);
    }
    return Category::Other;
}

} // namespace

bool confirmLocation(const QString& delivery, QWidget* parent) {
    QDialog dialog(parent);
    dialog.setObjectName("confirmLocation");
    dialog.setWindowTitle(QObject::tr("Let the place out"));
    auto* column = new QVBoxLayout(&dialog);
    column->setSpacing(kGap3);
    column->setContentsMargins(kGap5, kGap5, kGap5, kGap4);
    auto* title =
        wrapped(titleFont(), theme().bad,
                QObject::tr("Every copy of “%1” will tell where its picture was taken.").arg(delivery));
    auto* text =
        wrapped(bodyFont(), theme().text,
                QObject::tr("Whoever gets such a copy, or finds it years from now, can read the coordinates "
                            "and the name of the place: perhaps somebody's home. It can't be taken back."));
    auto* tick = new QCheckBox(QObject::tr("I want these copies to tell where the pictures were taken"));
    auto* row = new QHBoxLayout;
    auto* keep = new QPushButton(QObject::tr("Keep the place out"));
    auto* open = new QPushButton(QObject::tr("Let the place out"));
    open->setEnabled(false);
    open->setStyleSheet(
        QString("QPushButton:enabled { background: %1; color: white; }").arg(theme().bad.name()));
    keep->setDefault(true);
    row->addStretch();
    row->addWidget(open);
    row->addWidget(keep);
    column->addWidget(title);
    column->addWidget(text);
    column->addWidget(tick);
    column->addLayout(row);
    dialog.setMinimumWidth(withText(480));
    QObject::connect(tick, &QCheckBox::toggled, open, &QWidget::setEnabled);
    QObject::connect(open, &QPushButton::clicked, &dialog, &QDialog::accept);
    QObject::connect(keep, &QPushButton::clicked, &dialog, &QDialog::reject);
    return dialog.exec() == QDialog::Accepted;
}

PrivacyEditor::PrivacyEditor(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_box(new QFrame), m_location(new QLabel),
      m_count(new QLabel), m_icon(new QLabel), m_open(new QPushButton(tr("Let the place out…"))),
      m_close(new QPushButton(tr("Keep the place out again"))), m_form(new SettingForm),
      m_places(new QWidget), m_later(new QTimer(this)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGap2);
    column->addWidget(makeLocation());
    auto* places = new QVBoxLayout(m_places);
    places->setContentsMargins(0, kGap2, 0, 0);
    column->addWidget(m_places);
    makeRows(column);
    std::vector<const SettingInfo*> more;
    for (const auto& setting : privacySettings())
        if (setting.group == "More")
            more.push_back(&setting);
    m_form->setRows(more, "privacy.");
    connect(m_form, &SettingForm::changed, this,
            [this](const std::string& path, const SettingValue& value, int) {
                m_document->setSetting(path, value);
            });
    column->addWidget(m_form);
    auto* leaves = new QPushButton(tr("All that leaves with this picture"));
    connect(leaves, &QPushButton::clicked, this, &PrivacyEditor::leavesRequested);
    column->addSpacing(kGap2);
    column->addWidget(leaves);
    m_later->setSingleShot(true);
    m_later->setInterval(250);
    connect(m_later, &QTimer::timeout, this, &PrivacyEditor::showLocation);
    connect(library, &PictureLibrary::infoReady, m_later, qOverload<>(&QTimer::start));
    connect(library, &PictureLibrary::toldReady, this, &PrivacyEditor::showSamples);
    refresh();
}

QWidget* PrivacyEditor::makeLocation() {
    m_box->setObjectName("location");
    auto* column = new QVBoxLayout(m_box);
    column->setContentsMargins(kGap3, kGap3, kGap3, kGap3);
    auto* head = new QHBoxLayout;
    head->addWidget(m_icon);
    m_location->setFont(strongFont());
    m_location->setWordWrap(true);
    head->addWidget(m_location, 1);
    column->addLayout(head);
    m_count->setWordWrap(true);
    m_count->setFont(smallFont());
    column->addWidget(m_count);
    column->addWidget(m_open, 0, Qt::AlignLeft);
    column->addWidget(m_close, 0, Qt::AlignLeft);
    m_open->setStyleSheet("padding: 4px 10px;");
    m_close->setStyleSheet("padding: 4px 10px;");
    connect(m_open, &QPushButton::clicked, this, &PrivacyEditor::openLocation);
    connect(m_close, &QPushButton::clicked, this, [this] {
        auto privacy = m_document->currentDelivery().privacy;
        privacy.location = Stay::Remove;
        privacy.locationWords.clear();
        m_document->setPrivacy(privacy, tr("keeping the place out"));
    });
    return m_box;
}

void PrivacyEditor::makeRows(QVBoxLayout* column) {
    for (const auto& setting : privacySettings()) {
        if (!setting.group.empty())
            continue;
        auto* row = new QHBoxLayout;
        auto* label = new QLabel(toQt(setting.label));
        label->setWordWrap(true);
        label->setToolTip(toQt(setting.help));
        auto* control = new SegmentControl(setting.choices, toQt(setting.label));
        control->setToolTip(toQt(setting.help));
        row->addWidget(label, 1);
        row->addWidget(control);
        column->addLayout(row);
        auto* sample = wrapped(smallFont(), theme().quiet);
        column->addWidget(sample);
        connect(control, &SegmentControl::changed, this, [this, key = setting.key](const std::string& value) {
            m_document->setSetting("privacy." + key, value);
        });
        m_rows.push_back({&setting, control, sample});
    }
    column->addSpacing(kGap2);
}

SegmentControl* PrivacyEditor::category(const std::string& key) const {
    for (const auto& row : m_rows)
        if (row.setting->key == key)
            return row.control;
    return nullptr;
}

std::vector<QPushButton*> PrivacyEditor::mendButtons() const {
    const auto found = m_places->findChildren<QPushButton*>();
    return {found.begin(), found.end()};
}

void PrivacyEditor::setLookedAt(OriginalId id) {
    m_id = id;
    refresh();
}

void PrivacyEditor::refresh() {
    const auto& privacy = m_document->currentDelivery().privacy;
    for (const auto& row : m_rows)
        row.control->setValue(std::get<std::string>(row.setting->get(privacy)));
    for (const auto& setting : privacySettings())
        if (setting.group == "More")
            m_form->setValue("privacy." + setting.key, setting.get(privacy));
    showLocation();
    showSamples();
    showPlaces();
}

void PrivacyEditor::openLocation() {
    if (!confirmLocation(toQt(m_document->currentDelivery().name), window()))
        return;
    auto privacy = m_document->currentDelivery().privacy;
    privacy.location = Stay::Keep;
    privacy.locationWords = kLocationWords;
    m_document->setPrivacy(privacy, tr("letting the place out"));
}

void PrivacyEditor::showLocation() {
    const bool opened = m_document->currentDelivery().privacy.opensLocation();
    std::size_t telling = 0, read = 0;
    for (const auto& item : m_document->originals())
        if (const auto info = m_library->info(item.id)) {
            ++read;
            telling += info->tellsPlace;
        }
    const Theme& t = theme();
    const auto colour = opened ? t.bad : t.good;
    m_icon->setPixmap(iconPixmap(opened ? "map-pin" : "lock", colour, 18, devicePixelRatioF()));
    m_location->setText(opened ? tr("These copies tell where the pictures were taken")
                               : tr("The place is taken out of every copy"));
    m_location->setStyleSheet(QString("color: %1;").arg(colour.name()));
    m_count->setText(read == 0 ? tr("No picture has been read yet.")
                     : telling == 0
                         ? tr("None of the %1 originals tells a place.").arg(read)
                         : (opened ? tr("%1 of %2 originals tell a place, and so will their copies.")
                                   : tr("%1 of %2 originals tell a place."))
                               .arg(telling)
                               .arg(read));
    m_box->setStyleSheet(QString("#location { border: 1px solid %1; border-radius: 6px; background: %2; }")
                             .arg(colour.name(), t.raised.name()));
    m_open->setVisible(!opened);
    m_close->setVisible(opened);
}

void PrivacyEditor::showSamples() {
    const auto told = m_library->told(m_id);
    for (const auto& row : m_rows) {
        const auto category = categoryOf(row.setting->key);
        const bool readable = told && told->problem.empty();
        const auto text = readable ? sampleOf(told->report, category) : QString();
        row.sample->setText(text);
        row.sample->setVisible(!text.isEmpty());
    }
}

void PrivacyEditor::addMend(QHBoxLayout* row, const QString& text, const QString& help,
                            const std::function<void()>& act) {
    auto* button = new QPushButton(text);
    button->setToolTip(help);
    button->setStyleSheet("padding: 4px 8px;");
    // Later: the button goes away while it is clicked.
    connect(button, &QPushButton::clicked, this, act, Qt::QueuedConnection);
    row->addWidget(button);
}

/// Words that stay and name a removed place: for this picture alone, or for all.
void PrivacyEditor::mendText(QHBoxLayout* row, const FieldInfo& field, const FieldOutcome& outcome) {
    const bool keywords = field.key == "keywords";
    const auto label = saidQt(field.label);
    addMend(row, keywords ? tr("Drop it here") : tr("Leave it out here"),
            keywords ? tr("That keyword, from this copy") : tr("%1, from this copy").arg(label),
            [this, field = &field, outcome, label, keywords] {
                FieldValue value;
                const auto info = m_library->info(m_id);
                for (const auto& item : outcome.after.items)
                    if (keywords && info && placesIn(item, info->metadata()->placeNames).empty())
                        value.items.push_back(item);
                m_document->editPictures({m_id}, tr("%1 without the place").arg(label),
                                         [&](PictureException& e) { e.words[field->key] = value; });
            });
    if (keywords || field.category == Category::Description)
        addMend(row, tr("In all copies"),
                keywords ? tr("Keywords that name a removed place are dropped from every copy")
                         : tr("Texts that name a removed place are left out of every copy"),
                [this, keywords] {
                    auto privacy = m_document->currentDelivery().privacy;
                    (keywords ? privacy.dropPlaceKeywords : privacy.blankPlaceTexts) = true;
                    m_document->setPrivacy(privacy, tr("leaving out words that name the place"));
                });
    row->addStretch();
}

void PrivacyEditor::showPlaces() {
    // The old ones may be in the middle of a click: they go when that is over.
    for (auto* child : m_places->findChildren<QWidget*>(Qt::FindDirectChildrenOnly)) {
        child->hide();
        child->setParent(nullptr);
        child->deleteLater();
    }
    auto* column = static_cast<QVBoxLayout*>(m_places->layout());
    while (auto* item = column->takeAt(0))
        delete item;
    const auto info = m_library->info(m_id);
    if (!info || info->problem)
        return m_places->hide();
    const auto& delivery = m_document->deliveryAsMade();
    const auto words = wordsOf(*info, delivery, m_document->exception(m_id));
    const auto heading = [&](const QString& text) {
        if (column->count() == 0) {
            auto* title = wrapped(strongFont(), theme().look, tr("In plain sight"));
            column->addWidget(title);
        }
        column->addWidget(wrapped(smallFont(), theme().look, text));
    };
    const auto newRow = [&] {
        auto* box = new QWidget;
        auto* row = new QHBoxLayout(box);
        row->setContentsMargins(0, 0, 0, 0);
        column->addWidget(box);
        return row;
    };
    for (const auto& field : metadataFields()) {
        const auto found = words.applied.fields.find(field.key);
        if (found == words.applied.fields.end() || found->second.places.empty())
            continue;
        for (const auto& place : found->second.places)
            heading(place == kCoordinates
                        ? tr("Coordinates stand in %1.").arg(saidQt(field.label))
                        : tr("The removed place “%1” stands in %2.").arg(toQt(place), saidQt(field.label)));
        mendText(newRow(), field, found->second);
    }
    for (const auto& note :
         placesSeen(words, *info->metadata(), delivery, info->path.stem().string() + delivery.place.suffix)) {
        const auto sentence = toQt(sentenceOf(note));
        heading(sentence.left(1).toUpper() + sentence.mid(1) + ".");
        const auto station = stationOf(note).value_or(StationId::Place);
        if (station != StationId::Place) // a copy has its original's name: it would have to be renamed
            addMend(newRow(), station == StationId::Seal ? tr("Go to the seal") : tr("Go to the caption"), {},
                    [this, station] { emit stationRequested(station); });
    }
    m_places->setVisible(column->count() > 0);
}

} // namespace keepseal::app
