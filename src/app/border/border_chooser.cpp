// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "border/border_chooser.h"

#include "theme/theme.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include <algorithm>

namespace keepseal::app {
namespace {

constexpr int kIcon = 104;

BorderDesign scaled(BorderDesign border, double percent) {
    for (auto& ring : border.rings)
        for (auto* width : {&ring.width, &ring.top, &ring.right, &ring.bottom, &ring.left})
            *width = std::min(400.0, *width * percent / 100);
    return border;
}

} // namespace

BorderPane::BorderPane(const QString& heading, QWidget* parent)
    : QWidget(parent), m_name(new QLabel), m_view(new QLabel), m_readout(new QLabel),
      m_widths(new NumberControl({10, 400, 1, 0}, "%", tr("All widths"))),
      m_task([this](TaskOutcome<QImage> outcome) { take(std::move(outcome)); }) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* title = new QLabel(heading);
    title->setFont(smallFont());
    m_name->setFont(strongFont());
    m_view->setAlignment(Qt::AlignCenter);
    m_view->setMinimumSize(200, 160);
    m_view->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Ignored);
    m_view->setStyleSheet(QString("background: %1;").arg(theme().surround(surround()).name()));
    m_view->setAccessibleName(heading);
    m_readout->setFont(smallFont());
    m_readout->setMinimumHeight(QFontMetrics(smallFont()).lineSpacing() * 4);
    m_readout->setAlignment(Qt::AlignTop);
    auto* row = new QHBoxLayout;
    row->addWidget(new QLabel(tr("All widths")));
    row->addWidget(m_widths, 1);
    column->addWidget(title);
    column->addWidget(m_name);
    column->addWidget(m_view, 1);
    column->addLayout(row);
    column->addWidget(m_readout);
    m_widths->setValue(100);
    connect(m_widths, &NumberControl::changed, this, &BorderPane::redraw);
}

void BorderPane::setPicture(std::shared_ptr<const BorderProof> picture) {
    m_picture = std::move(picture);
}

void BorderPane::setBorder(const BorderDesign& border) {
    m_border = border;
    m_name->setText(border.name.empty() ? tr("without a name") : toQt(border.name));
    redraw();
}

BorderDesign BorderPane::border() const {
    auto out = scaled(m_border, m_widths->value());
    out.on = true;
    return out;
}

void BorderPane::redraw() {
    if (!m_picture || m_view->width() < 20)
        return;
    const qreal ratio = devicePixelRatioF();
    const Size room{static_cast<int>((m_view->width() - 24) * ratio),
                    static_cast<int>((m_view->height() - 24) * ratio)};
    if (room.width < 20 || room.height < 20)
        return;
    m_task.start([picture = m_picture, border = border(), room](const auto&) {
        return picture->image(border, room, BorderProof::With::BorderAndSeal);
    });
    const auto chain = m_picture->chain(border());
    const auto& whole = chain.sizes.whole;
    const auto edges = chain.ground.layout.edges();
    m_readout->setText(
        tr("picture %1 × %2 px\nborder %3 left, %4 top, %5 right, %6 bottom\nwhole %7 × %8 px, "
           "%9")
            .arg(chain.fit.picture.width)
            .arg(chain.fit.picture.height)
            .arg(edges.left)
            .arg(edges.top)
            .arg(edges.right)
            .arg(edges.bottom)
            .arg(whole.width)
            .arg(whole.height)
            .arg(tr("%1 × %2 mm, ratio %3")
                     .arg(whole.width / chain.printPerMm, 0, 'f', 1)
                     .arg(whole.height / chain.printPerMm, 0, 'f', 1)
                     .arg(double(whole.width) / whole.height, 0, 'f', 3)));
}

void BorderPane::take(TaskOutcome<QImage> outcome) {
    if (outcome.problem)
        return m_view->setText(toQt(outcome.problem->sentence()));
    m_image = *outcome.result;
    QPixmap pixmap = QPixmap::fromImage(m_image);
    pixmap.setDevicePixelRatio(devicePixelRatioF());
    m_view->setPixmap(pixmap);
}

void BorderPane::resizeEvent(QResizeEvent*) {
    redraw();
}

BorderChooser::BorderChooser(Libraries* libraries, const Delivery& delivery, const PictureInfoPtr& info,
                             const PictureException& exception, std::shared_ptr<DecodedPictures> decoded,
                             QWidget* parent)
    : QDialog(parent), m_libraries(libraries),
      m_picture(std::make_shared<const BorderProof>(delivery, info, exception, std::move(decoded))),
      m_delivery(delivery), m_now(new BorderPane(tr("As it is now"))),
      m_other(new BorderPane(tr("Against it"))), m_list(new QListWidget), m_name(new QLineEdit),
      m_keep(new QPushButton(tr("Keep the left one"))), m_remove(new QPushButton(tr("Remove"))),
      m_takeNow(new QPushButton(tr("Take the left one"))),
      m_takeOther(new QPushButton(tr("Take the right one"))), m_notice(new QLabel),
      m_icons([](const auto&) {},
              [this](const DrawnBorder& drawn) {
                  if (auto* item = m_list->item(drawn.row))
                      item->setIcon(QIcon(QPixmap::fromImage(drawn.image)));
              }) {
    setWindowTitle(tr("Borders on this picture"));
    resize(1120, 740);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(kGap3);
    auto* panes = new QHBoxLayout;
    panes->setSpacing(kGap4);
    for (auto* pane : {m_now, m_other}) {
        pane->setPicture(m_picture);
        panes->addWidget(pane, 1);
    }
    column->addLayout(panes, 1);
    m_list->setViewMode(QListView::IconMode);
    m_list->setFlow(QListView::LeftToRight);
    m_list->setWrapping(false);
    m_list->setMovement(QListView::Static);
    m_list->setIconSize({kIcon, kIcon * 3 / 4});
    m_list->setFixedHeight(kIcon * 3 / 4 + withText(62));
    m_list->setAccessibleName(tr("Borders to choose from"));
    m_list->setWordWrap(true);
    m_list->setGridSize({kIcon + 28, kIcon * 3 / 4 + 40});
    column->addWidget(m_list);
    auto* row = new QHBoxLayout;
    m_name->setPlaceholderText(tr("name to keep it under"));
    m_name->setText(toQt(m_delivery.border.name));
    m_name->setMaximumWidth(withText(220));
    m_name->setAccessibleName(tr("Name"));
    m_notice->setFont(smallFont());
    row->addWidget(m_name);
    row->addWidget(m_keep);
    row->addWidget(m_remove);
    row->addWidget(m_notice, 1);
    auto* cancel = new QPushButton(tr("Leave as it is"));
    row->addWidget(cancel);
    row->addWidget(m_takeNow);
    row->addWidget(m_takeOther);
    m_takeOther->setDefault(true);
    column->addLayout(row);
    connect(m_list, &QListWidget::currentRowChanged, this, &BorderChooser::showChosen);
    connect(m_list, &QListWidget::itemActivated, this, [this] { m_takeOther->click(); });
    connect(m_keep, &QPushButton::clicked, this, &BorderChooser::keep);
    connect(m_remove, &QPushButton::clicked, this, &BorderChooser::removeChosen);
    connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
    const auto take = [this](BorderPane* pane) {
        m_taken = pane->border();
        accept();
    };
    connect(m_takeNow, &QPushButton::clicked, this, [this, take] { take(m_now); });
    connect(m_takeOther, &QPushButton::clicked, this, [this, take] { take(m_other); });
    fill();
    if (!m_libraries->known()) // opened in the first moment of the window
        connect(m_libraries, &Libraries::changed, this, &BorderChooser::fill, Qt::SingleShotConnection);
    m_now->setBorder(m_delivery.border);
    m_list->setCurrentRow(0);
    m_other->widths()->setValue(200);
    showChosen();
}

void BorderChooser::drawIcons() {
    std::vector<BorderDesign> borders{m_delivery.border};
    for (const auto& saved : m_saved)
        borders.push_back(saved.design);
    m_icons.start([picture = m_picture, borders = std::move(borders)](const TaskRun<DrawnBorder>& run) {
        for (std::size_t i = 0; i < borders.size() && !run.stop; ++i)
            try {
                run.tell({static_cast<int>(i),
                          picture->image(borders[i], {kIcon, kIcon * 3 / 4}, BorderProof::With::Border)});
            } catch (const Problem&) {
                continue; // said when it is chosen; of the others none is to suffer for it
            }
        return NoStep();
    });
}

void BorderChooser::fill() {
    m_saved = m_libraries->shelves().borders;
    m_list->clear();
    // Room for the pictures that are being drawn.
    QPixmap empty(kIcon, kIcon * 3 / 4);
    empty.fill(Qt::transparent);
    m_list->addItem(new QListWidgetItem(QIcon(empty), tr("the same, other widths")));
    for (const auto& saved : m_saved) {
        auto* item = new QListWidgetItem(QIcon(empty), toQt(saved.design.name));
        item->setToolTip(toQt(saved.notes));
        m_list->addItem(item);
    }
    drawIcons();
}

void BorderChooser::showChosen() {
    const int row = m_list->currentRow();
    if (row < 0)
        return;
    m_remove->setEnabled(row > 0 && !m_saved[static_cast<std::size_t>(row - 1)].shipped);
    if (row > 0)
        m_other->widths()->setValue(100);
    m_other->setBorder(row == 0 ? m_delivery.border : m_saved[static_cast<std::size_t>(row - 1)].design);
}

void BorderChooser::keep() {
    SavedBorder saved;
    saved.design = m_now->border();
    saved.design.name = m_name->text().trimmed().toStdString();
    if (saved.design.name.empty())
        saved.design.name = tr("Border of %1").arg(toQt(m_delivery.name)).toStdString();
    change([saved](const BorderLibrary& library) { library.save(saved); },
           [this, saved] {
               m_delivery.border = saved.design;
               m_notice->setText(tr("“%1” is in the library.").arg(toQt(saved.design.name)));
               fill();
           });
}

void BorderChooser::removeChosen() {
    const int row = m_list->currentRow();
    if (row <= 0)
        return;
    const auto& saved = m_saved[static_cast<std::size_t>(row - 1)];
    change([key = saved.key](const BorderLibrary& library) { library.remove(key); },
           [this, name = toQt(saved.design.name)] {
               m_notice->setText(tr("“%1” was set aside; it lies in removed/.").arg(name));
               fill();
               m_list->setCurrentRow(0);
           });
}

void BorderChooser::change(std::function<void(const BorderLibrary&)> work, std::function<void()> then) {
    m_libraries->change<NoStep>(
        this,
        [work = std::move(work)](const LibraryFolders& in) {
            work(in.borders);
            return NoStep();
        },
        [this, then = std::move(then)](const TaskOutcome<NoStep>& outcome) {
            if (outcome.problem)
                m_notice->setText(toQt(outcome.problem->sentence()));
            else
                then();
        });
}

} // namespace keepseal::app
