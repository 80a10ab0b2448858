// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/drawer.h"

#include "chain/formats_side_by_side.h"
#include "delivery/file_names.h"
#include "theme/theme.h"
#include "widgets/controls.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QScrollBar>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QLabel* quietLabel(const QString& text) {
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    label->setFont(smallFont());
    label->setStyleSheet(QString("color: %1;").arg(theme().quiet.name()));
    return label;
}

} // namespace

Drawer::Drawer(JobDocument* document, PictureLibrary* library, EncodedProof* encoded, QWidget* parent)
    : SideArea(parent), m_document(document), m_library(library), m_encoded(encoded) {
    setAccessibleName(tr("Settings of the station"));
    connect(document, &JobDocument::stationChanged, this, [this](StationId station) {
        if (station == m_station)
            refresh();
    });
    connect(document, &JobDocument::currentDeliveryChanged, this, &Drawer::refresh);
    connect(document, &JobDocument::anythingChanged, this, &Drawer::showSizes); // a border changes what fits
    connect(document, &JobDocument::exceptionsChanged, this, &Drawer::refreshWords);
    connect(document, &JobDocument::stationChanged, this, [this](StationId station) {
        if (station != m_station) // privacy and rights look into each other
            refreshWords();
    });
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_lookedAt)
            setLookedAt(id);
    });
    rebuild();
}

void Drawer::showStation(StationId station) {
    m_station = station;
    // Fields with their values before and after need more room than a row of sliders.
    setUsualWidth(station == StationId::Rights || station == StationId::Privacy ? 320 : 268);
    rebuild();
}

void Drawer::setLookedAt(OriginalId id) {
    m_lookedAt = id;
    if (m_border)
        m_border->setLookedAt(id);
    m_encoded->showPicture(id);
    showSizes();
    showCurve();
    if (m_rights)
        m_rights->setLookedAt(id);
    if (m_privacy)
        m_privacy->setLookedAt(id);
    showLeft();
}

void Drawer::showLeft() {
    const auto* item = m_document->original(m_lookedAt);
    if (m_left)
        m_left->setOriginal(item ? item->path : std::filesystem::path());
}

void Drawer::renewLeft() {
    if (m_left)
        m_left->renew();
}

QWidget* Drawer::control(const std::string& path) const {
    for (auto* form : m_forms)
        if (auto* found = form->control(path))
            return found;
    if (m_border && path.starts_with("ring."))
        return m_border->ringForm().control(path);
    return nullptr;
}

void Drawer::rebuild() {
    m_sizes = nullptr;
    m_rights = nullptr;
    m_privacy = nullptr;
    m_left = nullptr;
    m_border = nullptr;
    m_curve = nullptr;
    m_forms.clear();
    const auto& s = station(m_station);
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap1);
    auto* title = new QLabel(toQt(s.label));
    title->setFont(titleFont());
    auto* head = new QHBoxLayout;
    head->addWidget(title);
    head->addStretch();
    addHeadButtons(head);
    column->addLayout(head);
    column->addWidget(quietLabel(toQt(s.help)));
    column->addSpacing(kGap2);
    addMeasured(column);
    const bool border = m_station == StationId::Border;
    std::vector<const SettingInfo*> first, rows;
    for (const auto& setting : s.settings) {
        if (border ? setting.derived : !setting.group.empty() || m_station == StationId::Privacy)
            continue; // edited in an editor of its own, or designed on the bench
        (border && setting.key == "on" ? first : rows).push_back(&setting);
    }
    if (border) {
        addForm(column, first);
        column->addSpacing(kGap2);
        m_border = new BorderEditor(m_document, m_library);
        m_border->setLookedAt(m_lookedAt);
        connect(m_border, &BorderEditor::pickRequested, this, &Drawer::pickRequested);
        column->addWidget(m_border);
        column->addSpacing(kGap3);
    }
    addForm(column, rows);
    addExtras(column);
    column->addStretch();
    setWidget(page);
    refresh();
    showCurve();
    m_encoded->want(m_encoded->wantsPicture(), m_curve && isVisible());
}

SettingForm* Drawer::addForm(QVBoxLayout* column, const std::vector<const SettingInfo*>& rows) {
    auto* form = new SettingForm;
    form->setRows(rows, station(m_station).key + ".");
    connect(form, &SettingForm::changed, this,
            [this](const std::string& path, const SettingValue& value, int drag) {
                m_document->setSetting(path, value, drag);
            });
    connect(form, &SettingForm::stale, this, &Drawer::refresh);
    column->addWidget(form);
    m_forms.push_back(form);
    return form;
}

/// What is measured on the picture looked at stands above the settings that change it.
void Drawer::addMeasured(QVBoxLayout* column) {
    if (m_station == StationId::Fit || m_station == StationId::Turn || m_station == StationId::Place) {
        m_sizes = quietLabel({});
        m_sizes->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
        m_sizes->setAccessibleName(m_station == StationId::Place ? tr("Names as they will be")
                                                                 : tr("Sizes of this picture's copy"));
        column->addWidget(m_sizes);
        column->addSpacing(kGap2);
    }
    if (m_station == StationId::File) {
        m_curve = new QualityCurve(m_encoded);
        connect(m_curve, &QualityCurve::qualityChosen, this, [this](int quality) {
            if (const auto key = m_document->currentDelivery().file.qualityKey(); !key.empty())
                m_document->setSetting("file." + key, double(quality));
        });
        column->addWidget(m_curve);
        column->addSpacing(kGap2);
    }
}

/// What a station offers besides its settings.
void Drawer::addExtras(QVBoxLayout* column) {
    const auto button = [&](const QString& text, const QString& help, const std::function<void()>& act) {
        auto* made = new QPushButton(text);
        made->setToolTip(help);
        connect(made, &QPushButton::clicked, this, act);
        column->addWidget(made);
    };
    column->addSpacing(kGap2);
    switch (m_station) {
    case StationId::Turn:
        button(tr("Crop this picture by hand"), tr("Shows the frame on the picture; it can be dragged"),
               [this] { emit cropRequested(); });
        break;
    case StationId::Finish:
        for (const int percent : {100, 200})
            button(tr("Before and after at %1 %").arg(percent), tr("A divider over the copy's own pixels"),
                   [this, percent] { emit detailRequested(percent); });
        break;
    case StationId::File:
        button(tr("Formats side by side"), tr("This picture's copy in every format, with its bytes"), [this] {
            if (const auto info = m_library->info(m_lookedAt); info && !info->problem)
                FormatsSideBySide(m_document, m_library, m_lookedAt, this).exec();
        });
        break;
    case StationId::Rights:
        m_rights = new RightsEditor(m_document, m_library);
        m_rights->setLookedAt(m_lookedAt);
        column->addWidget(m_rights);
        emit sheetsShown();
        break;
    case StationId::Privacy:
        m_privacy = new PrivacyEditor(m_document, m_library);
        m_privacy->setLookedAt(m_lookedAt);
        connect(m_privacy, &PrivacyEditor::leavesRequested, this, &Drawer::leavesRequested);
        connect(m_privacy, &PrivacyEditor::stationRequested, this, &Drawer::stationRequested);
        column->addWidget(m_privacy);
        break;
    case StationId::Place:
        column->addWidget(tokensButton());
        column->addSpacing(kGap3);
        m_left = new LeftList;
        connect(m_left, &LeftList::wholeRequested, this, &Drawer::historyRequested);
        column->addWidget(m_left);
        showLeft();
        break;
    case StationId::Sending:
        button(tr("Try it out"),
               tr("Connects, writes a small file and takes it away again; then copies may be sent there"),
               [this] { emit tryPlaceRequested(); });
        button(tr("Password…"), tr("Puts it into the desktop's secret store"),
               [this] { emit passwordRequested(); });
        button(tr("Outbox…"), tr("What waits, what was sent, what is held and why"),
               [this] { emit outboxRequested(); });
        break;
    default:
        break;
    }
}

void Drawer::setPlaceExamples(const QStringList& examples) {
    m_examples = examples;
    if (m_station == StationId::Place)
        showSizes();
}

/// Every token there is, with what it stands for; the chosen one goes to the end of the name.
QPushButton* Drawer::tokensButton() {
    auto* made = new QPushButton(tr("Add a token to the name"));
    auto* menu = new QMenu(made);
    auto* fields = new QMenu(tr("A field of its metadata"), menu);
    for (const auto& token : nameTokens()) {
        auto* into = metadataField(token.key) ? fields : menu;
        into->addAction(QString("{%1}   %2").arg(toQt(token.key), toQt(token.help)), this,
                        [this, key = token.key] {
                            m_document->setSetting("place.name", m_document->currentDelivery().place.name +
                                                                     "{" + key + "}");
                        });
    }
    menu->addMenu(fields);
    made->setMenu(menu);
    return made;
}

void Drawer::addHeadButtons(QHBoxLayout* head) {
    const auto button = [&](const QString& text, const QString& help, const std::function<void()>& act) {
        auto* made = new QPushButton(text);
        made->setToolTip(help);
        made->setStyleSheet("padding: 4px 10px;");
        connect(made, &QPushButton::clicked, this, act);
        head->addWidget(made);
    };
    if (m_station == StationId::Seal) {
        button(tr("Choose…"), tr("Take a seal from the library (Ctrl+L)"),
               [this] { emit libraryRequested(); });
        button(tr("Design"), tr("Design this seal on the bench (Ctrl+B)"), [this] { emit benchRequested(); });
    }
    if (m_station == StationId::Border)
        button(tr("Compare…"), tr("Borders of the library, side by side with this one (Ctrl+Shift+B)"),
               [this] { emit bordersRequested(); });
}

void Drawer::refresh() {
    const auto& s = station(m_station);
    const auto& delivery = m_document->currentDelivery();
    // Rows that would do nothing are not shown; a pattern all over has no place.
    const bool placed = delivery.seal.arrangement != Arrangement::Repeat;
    for (const auto& setting : s.settings)
        for (auto* form : m_forms) {
            const auto path = s.key + "." + setting.key;
            form->setValue(path, setting.get(delivery));
            const bool unplaced = !placed && (path == "seal.place" || path == "seal.margin");
            form->setRowVisible(path, setting.isShown(delivery) && !unplaced);
        }
    if (m_border)
        m_border->refresh();
    showSizes();
    showCurve();
    refreshWords();
}

void Drawer::refreshWords() {
    if (m_rights)
        m_rights->refresh();
    if (m_privacy)
        m_privacy->refresh();
}

void Drawer::showSizes() {
    if (m_border)
        m_border->refresh();
    if (!m_sizes)
        return;
    if (m_station == StationId::Place)
        return m_sizes->setText(m_examples.isEmpty()
                                    ? tr("Names are shown here as soon as there are pictures and a folder.")
                                    : m_examples.join("\n"));
    const auto chain = chainOf(*m_document, *m_library, m_lookedAt);
    if (!chain)
        return m_sizes->setText(tr("Choose a picture to see its sizes."));
    QString text = m_station == StationId::Turn ? tr("%1 × %2 of %3 × %4 px are kept.")
                                                      .arg(chain->sizes.cut.width)
                                                      .arg(chain->sizes.cut.height)
                                                      .arg(chain->cut.turned.width)
                                                      .arg(chain->cut.turned.height)
                                                : sizesReadout(*chain);
    if (m_station == StationId::Fit) {
        if (!chain->fit.applied)
            text += tr("\nThis picture is not meant: it keeps its own size.");
        if (chain->fit.smallerThanAsked)
            text += tr("\nSmaller than asked: it has no more pixels.");
        if (chain->fit.enlargedTo > 100.5)
            text += tr("\nEnlarged to %1 %: it will look soft.").arg(chain->fit.enlargedTo, 0, 'f', 0);
    }
    m_sizes->setText(text);
}

void Drawer::showCurve() {
    if (!m_curve)
        return;
    const auto& file = m_document->currentDelivery().file;
    const auto* item = m_document->original(m_lookedAt);
    const auto key = file.qualityKey();
    m_curve->setQuality(key.empty() ? 0 : static_cast<int>(std::get<double>(file.get(key))),
                        item ? toQt(item->path.filename()) : QString());
}

void Drawer::showEvent(QShowEvent* event) {
    QScrollArea::showEvent(event);
    m_encoded->want(m_encoded->wantsPicture(), m_curve != nullptr);
}

void Drawer::hideEvent(QHideEvent* event) {
    QScrollArea::hideEvent(event);
    m_encoded->want(m_encoded->wantsPicture(), false);
}

} // namespace keepseal::app
