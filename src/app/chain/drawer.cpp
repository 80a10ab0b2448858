// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/drawer.h"

#include "theme/theme.h"
#include "widgets/controls.h"

#include <QHBoxLayout>
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

Drawer::Drawer(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QScrollArea(parent), m_document(document), m_library(library) {
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Settings of the station"));
    connect(document, &JobDocument::stationChanged, this, [this](StationId station) {
        if (station == m_station)
            refresh();
    });
    connect(document, &JobDocument::currentDeliveryChanged, this, &Drawer::refresh);
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_lookedAt)
            showPrivacy();
    });
    rebuild();
}

void Drawer::showStation(StationId station) {
    m_station = station;
    rebuild();
}

void Drawer::setLookedAt(OriginalId id) {
    m_lookedAt = id;
    showPrivacy();
}

QWidget* Drawer::control(const std::string& path) const {
    return m_form ? m_form->control(path) : nullptr;
}

void Drawer::rebuild() {
    m_privacy = nullptr;
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
    if (m_station == StationId::Seal)
        addSealButtons(head);
    column->addLayout(head);
    column->addWidget(quietLabel(toQt(s.help)));
    column->addSpacing(kGap2);
    m_form = new SettingForm;
    std::vector<const SettingInfo*> rows;
    for (const auto& setting : s.settings)
        if (setting.group.empty()) // the rest is designed on the bench
            rows.push_back(&setting);
    m_form->setRows(rows, s.key + ".");
    connect(m_form, &SettingForm::changed, this,
            [this](const std::string& path, const SettingValue& value, int drag) {
                m_document->setSetting(path, value, drag);
            });
    connect(m_form, &SettingForm::stale, this, &Drawer::refresh);
    column->addWidget(m_form);
    if (m_station == StationId::Privacy) {
        m_privacy = new QLabel;
        m_privacy->setWordWrap(true);
        m_privacy->setTextFormat(Qt::RichText);
        m_privacy->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
        column->addWidget(m_privacy);
    }
    column->addStretch();
    setWidget(page);
    refresh();
    showPrivacy();
}

void Drawer::addSealButtons(QHBoxLayout* head) {
    auto* library = new QPushButton(tr("Choose…"));
    library->setToolTip(tr("Take a seal from the library (Ctrl+L)"));
    connect(library, &QPushButton::clicked, this, &Drawer::libraryRequested);
    auto* bench = new QPushButton(tr("Design"));
    bench->setToolTip(tr("Design this seal on the bench (Ctrl+B)"));
    connect(bench, &QPushButton::clicked, this, &Drawer::benchRequested);
    for (auto* button : {library, bench}) {
        button->setStyleSheet("padding: 4px 10px;");
        head->addWidget(button);
    }
}

void Drawer::refresh() {
    const auto& s = station(m_station);
    for (const auto& setting : s.settings)
        if (setting.group.empty())
            m_form->setValue(s.key + "." + setting.key, setting.get(m_document->currentDelivery()));
    // A pattern all over has no place: rows that would do nothing are not shown.
    const bool placed = m_document->currentDelivery().seal.arrangement != Arrangement::Repeat;
    for (const auto* key : {"seal.place", "seal.margin"})
        m_form->setRowVisible(key, placed);
}

/// What the looked-at original carries, kind by kind, and what becomes of it.
void Drawer::showPrivacy() {
    if (!m_privacy)
        return;
    const auto info = m_library->info(m_lookedAt);
    if (!info || info->problem) {
        m_privacy->setText(tr("Choose a picture to see what its file tells."));
        return;
    }
    const auto cell = [](const QString& text, const QColor& colour) {
        return QString("<td style='padding:3px 10px 3px 0; color:%1'>%2</td>").arg(colour.name(), text);
    };
    QString html = "<p><b>" + toQt(info->path.filename()).toHtmlEscaped() + "</b></p><table>";
    for (int i = 0; i < static_cast<int>(Category::Technical); ++i) {
        const auto category = static_cast<Category>(i);
        const auto count = info->report.count(category);
        if (count == 0)
            continue;
        const bool place = category == Category::Location && info->report.tellsPlace();
        html += "<tr>" + cell(toQt(std::string(labelOf(category))), place ? theme().look : theme().text) +
                cell(QString::number(count), theme().quiet) + cell(tr("left out"), theme().good) + "</tr>";
    }
    html += "</table>";
    if (info->report.tellsPlace())
        html += "<p style='color:" + theme().look.name() + "'>" +
                tr("It tells a place: %1").arg(toQt(info->report.placeText()).toHtmlEscaped()) + "</p>";
    else
        html += "<p>" + tr("It tells no place.") + "</p>";
    for (const auto& part : info->report.notSearched)
        html += "<p style='color:" + theme().quiet.name() + "'>" + toQt(part).toHtmlEscaped() + "</p>";
    m_privacy->setText(html);
}

} // namespace keepseal::app
