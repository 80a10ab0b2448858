// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The bench's rows of buttons: what is done to parts, the grounds and the zoom, lining up, signs and tokens.
#include "seal_bench/seal_bench.h"
#include "widgets/side_area.h"

#include "theme/theme.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>

namespace keepseal::app {

QWidget* SealBench::makePartActions() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(2);
    row->addWidget(tool("copy", tr("Duplicate the chosen parts"), [this] {
        PartIds made;
        edit(tr("duplicating parts"),
             [&](SealDesign& d) { made = duplicateParts(d, m_canvas->selection()); });
        choose(made);
    }));
    row->addWidget(tool("trash-2", tr("Remove the chosen parts (Delete)"), [this] {
        edit(tr("removing parts"), [&](SealDesign& d) { removeParts(d, m_canvas->selection()); });
    }));
    row->addWidget(tool("arrow-up", tr("Earlier (Alt+Up)"), [this] {
        if (!m_canvas->selection().empty())
            edit(tr("reordering parts"),
                 [&](SealDesign& d) { reorder(d, m_canvas->selection().front(), -1); });
    }));
    row->addWidget(tool("arrow-down", tr("Later (Alt+Down)"), [this] {
        if (!m_canvas->selection().empty())
            edit(tr("reordering parts"),
                 [&](SealDesign& d) { reorder(d, m_canvas->selection().front(), 1); });
    }));
    row->addStretch();
    row->addWidget(tool("group", tr("Group the chosen parts"), [this] {
        std::string id;
        edit(tr("grouping parts"),
             [&](SealDesign& d) { id = groupParts(d, m_canvas->selection(), asMade()); });
        if (!id.empty())
            choose({id});
    }));
    row->addWidget(tool("ungroup", tr("Take the chosen group apart"), [this] {
        if (!m_canvas->selection().empty())
            edit(tr("ungrouping parts"),
                 [&](SealDesign& d) { ungroup(d, m_canvas->selection().front(), asMade()); });
    }));
    return box;
}

QWidget* SealBench::makeGrounds() {
    auto* bar = new QWidget;
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(kGap3, kGap1, kGap3, kGap1);
    row->setSpacing(2);
    const QString grounds[] = {tr("Yours"), tr("Dark"), tr("Middle"), tr("Bright"), tr("Chequered")};
    auto* group = new QButtonGroup(this);
    for (int i = 0; i < 5; ++i) {
        auto* button = new QToolButton;
        button->setText(grounds[i]);
        button->setCheckable(true);
        button->setChecked(i == 0);
        button->setAccessibleName(tr("Ground: %1").arg(grounds[i]));
        button->setFocusPolicy(Qt::StrongFocus);
        group->addButton(button);
        connect(button, &QToolButton::clicked, this,
                [this, i] { m_canvas->setGround(static_cast<CanvasGround>(i)); });
        row->addWidget(button);
    }
    row->addStretch();
    row->addWidget(m_reading);
    row->addStretch();
    m_perspective = new QPushButton(tr("Corners"));
    m_perspective->setCheckable(true);
    m_perspective->setToolTip(tr("Drag the four corners: for a seal that lies on a surface in the picture"));
    m_perspective->setStyleSheet("QPushButton { padding: 3px 8px; } QPushButton:checked { border-color: "
                                 "palette(highlight); }");
    connect(m_perspective, &QPushButton::toggled, m_canvas, &SealCanvas::setPerspective);
    row->addWidget(m_perspective);
    row->addSpacing(kGap2);
    row->addWidget(
        tool("zoom-out", tr("Smaller (-)"), [this] { m_canvas->setZoom(m_canvas->zoomPercent() / 1.5); }));
    m_zoom->setMinimumWidth(QFontMetrics(m_zoom->font()).horizontalAdvance(tr("%1 %").arg(8888)));
    m_zoom->setAlignment(Qt::AlignCenter);
    row->addWidget(m_zoom);
    row->addWidget(
        tool("zoom-in", tr("Larger (+)"), [this] { m_canvas->setZoom(m_canvas->zoomPercent() * 1.5); }));
    auto* fit = new QToolButton;
    fit->setText(tr("Fit"));
    fit->setToolTip(tr("The whole picture (0)"));
    connect(fit, &QToolButton::clicked, this, [this] { m_canvas->setZoom(0); });
    row->addWidget(fit);
    return scrolledSideways(bar);
}

QWidget* SealBench::makeAlignActions() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2);
    auto* caption = new QLabel(tr("Line up"));
    column->addWidget(caption);
    auto* row = new QHBoxLayout;
    row->setSpacing(1);
    const std::tuple<const char*, QString, Edge> edges[] = {
        {"align-start-vertical", tr("Left edges"), Edge::Left},
        {"align-center-vertical", tr("Middles, across"), Edge::Middle},
        {"align-end-vertical", tr("Right edges"), Edge::Right},
        {"align-start-horizontal", tr("Top edges"), Edge::Top},
        {"align-center-horizontal", tr("Middles, down"), Edge::Centre},
        {"align-end-horizontal", tr("Lower edges"), Edge::Foot}};
    for (const auto& [iconName, what, edge] : edges)
        row->addWidget(tool(iconName, what, [this, edge = edge] {
            edit(tr("lining parts up"),
                 [&](SealDesign& d) { alignParts(d, m_canvas->selection(), edge, asMade()); });
        }));
    for (const bool across : {true, false})
        row->addWidget(
            tool(across ? "align-horizontal-distribute-center" : "align-vertical-distribute-center",
                 across ? tr("Equal gaps across (three parts or more)")
                        : tr("Equal gaps down (three parts or more)"),
                 [this, across] {
                     edit(tr("spreading parts"), [&](SealDesign& d) {
                         distributeParts(d, m_canvas->selection(), across, asMade());
                     });
                 }));
    row->addStretch();
    column->addLayout(row);
    return box;
}

QWidget* SealBench::makeTextHelp() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(2);
    for (const QString& sign :
         {QString("©"), QString("®"), QString("™"), QString("·"), QString("–"), QString("|")}) {
        auto* button = new QToolButton;
        button->setText(sign);
        button->setStyleSheet("QToolButton { padding: 3px; min-width: 16px; }");
        button->setAccessibleName(tr("Insert %1").arg(sign));
        button->setFocusPolicy(Qt::StrongFocus);
        connect(button, &QToolButton::clicked, this, [this, sign] { insertInText(sign); });
        row->addWidget(button);
    }
    row->addStretch();
    auto* menuButton = new QToolButton;
    menuButton->setText(tr("Fill in…"));
    menuButton->setStyleSheet("QToolButton { padding: 3px 14px 3px 3px; }");
    menuButton->setToolTip(tr("Words that are filled in for each picture"));
    menuButton->setPopupMode(QToolButton::InstantPopup);
    menuButton->setFocusPolicy(Qt::StrongFocus);
    auto* menu = new QMenu(menuButton);
    for (const auto& token : tokens()) {
        const auto text = "{" + toQt(token.key) + "}";
        menu->addAction(text + "   " + toQt(token.help), this, [this, text] { insertInText(text); });
    }
    menuButton->setMenu(menu);
    row->addWidget(menuButton);
    return box;
}

} // namespace keepseal::app
