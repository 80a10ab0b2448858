// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/arrival_dialog.h"

#include "base/text.h"
#include "theme/theme.h"

#include <QDialogButtonBox>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QLabel* line(const QString& text, const QFont& font, const QColor& colour) {
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    label->setFont(font);
    label->setStyleSheet(QString("color: %1;").arg(colour.name()));
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

QString shortText(const std::string& text, std::size_t most = 120) {
    return QString::fromStdString(cutUtf8(text, most));
}

QString listOf(const std::vector<std::string>& names) {
    QStringList out;
    for (const auto& name : names)
        out << shortText(std::filesystem::path(name).filename().string(), 80);
    return out.join(QObject::tr(", "));
}

} // namespace

ArrivalDialog::ArrivalDialog(Arrival arrival, QWidget* parent)
    : QDialog(parent), m_arrival(std::move(arrival)), m_take(nullptr) {
    setObjectName("arrival");
    setWindowTitle(tr("What would come in"));
    setMinimumWidth(withText(520));
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    all->setSpacing(kGap3);
    all->addWidget(line(shortText(m_arrival.zip.filename().string()), titleFont(), theme().text));
    auto* inside = new QWidget;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(0, 0, kGap2, 0);
    column->setSpacing(kGap2);
    addDesigns(column);
    addFiles(column);
    addWarnings(column);
    column->addStretch();
    auto* scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setWidget(inside);
    all->addWidget(scroll, 1);
    all->addWidget(line(tr("Nothing of yours is replaced."), smallFont(), theme().quiet));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    m_take = buttons->button(QDialogButtonBox::Ok);
    m_take->setText(tr("Take it in"));
    m_take->setProperty("strong", true);
    buttons->button(QDialogButtonBox::Cancel)->setText(tr("Leave it"));
    for (auto* button : buttons->buttons())
        button->setIcon({});
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    all->addWidget(buttons);
    resize(560, std::clamp(column->heightForWidth(500) + 190, 260, 640));
}

void ArrivalDialog::addDesigns(QVBoxLayout* column) {
    const auto count = m_arrival.designs.size();
    column->addWidget(
        line(m_arrival.seal ? tr("One seal") : shortText(saidOf(count, "{n} delivery", "{n} deliveries")),
             smallFont(), theme().quiet));
    for (const auto& design : m_arrival.designs) {
        const auto name = shortText(design.name);
        column->addWidget(line(design.becomes == design.name
                                   ? name
                                   : tr("%1, here as “%2”: you have one of that name, it stays as it is")
                                         .arg(name, shortText(design.becomes, 130)),
                               bodyFont(), theme().text));
    }
}

void ArrivalDialog::addFiles(QVBoxLayout* column) {
    const auto add = [column](const QString& what, const std::vector<std::string>& names) {
        if (names.empty())
            return;
        column->addSpacing(kGap2);
        column->addWidget(line(what, smallFont(), theme().quiet));
        column->addWidget(line(listOf(names), bodyFont(), theme().text));
    };
    add(tr("Logos"), m_arrival.logos);
    add(tr("Typefaces, where you have none of their name"), m_arrival.typefaces);
    add(tr("Colour profiles"), m_arrival.profiles);
}

void ArrivalDialog::addWarnings(QVBoxLayout* column) {
    for (const auto& name : m_arrival.wantThePlace) {
        column->addSpacing(kGap2);
        column->addWidget(
            line(tr("“%1” wants its copies to tell where the pictures were taken. It comes in with "
                    "that closed; only you can open it, at its station Privacy.")
                     .arg(shortText(name)),
                 bodyFont(), theme().bad));
    }
}

QString saidOfTypefaces(const TakenIn& taken) {
    return taken.typefacesLeft.empty()
               ? QString()
               : QObject::tr(" Your own typeface stays in use: %1.").arg(listOf(taken.typefacesLeft));
}

} // namespace keepseal::app
