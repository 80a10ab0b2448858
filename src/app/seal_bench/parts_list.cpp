// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal_bench/parts_list.h"

#include "theme/theme.h"

#include <QHeaderView>
#include <QKeyEvent>

#include <filesystem>

namespace keepseal::app {
namespace {

enum Column { kName, kShown, kLocked, kColumns };

const char* iconOf(PartKind kind) {
    constexpr const char* icons[] = {"type", "image", "shapes", "group"};
    return icons[static_cast<std::size_t>(kind)];
}

QString kindName(PartKind kind) {
    const QString names[] = {PartsList::tr("Text"), PartsList::tr("Logo"), PartsList::tr("Shape"),
                             PartsList::tr("Group")};
    return names[static_cast<std::size_t>(kind)];
}

QString detail(const SealPart& part) {
    switch (part.kind) {
    case PartKind::Text:
        return toQt(part.text.text).simplified();
    case PartKind::Logo:
        return part.logo.file.empty() ? PartsList::tr("no file yet")
                                      : toQt(std::filesystem::path(part.logo.file).filename());
    default:
        return {};
    }
}

std::string idOf(const QTreeWidgetItem* item) {
    return item->data(kName, Qt::UserRole).toString().toStdString();
}

} // namespace

QString partInWords(const SealPart& part) {
    const auto more = detail(part);
    return more.isEmpty() ? kindName(part.kind) : kindName(part.kind) + " “" + more + "”";
}

PartsList::PartsList(JobDocument* document, QWidget* parent) : QTreeWidget(parent), m_document(document) {
    setColumnCount(kColumns);
    setHeaderHidden(true);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setEditTriggers(QAbstractItemView::EditKeyPressed);
    setAccessibleName(tr("Parts of the seal"));
    setIndentation(14);
    setUniformRowHeights(true);
    header()->setStretchLastSection(false);
    header()->setSectionResizeMode(kName, QHeaderView::Stretch);
    for (const int column : {kShown, kLocked}) {
        header()->setSectionResizeMode(column, QHeaderView::Fixed);
        header()->resizeSection(column, 26);
    }
    header()->setMinimumSectionSize(20);
    setStyleSheet(
        "QTreeWidget { background: palette(base); border: 1px solid palette(mid); border-radius: 5px; }"
        "QTreeWidget::item { height: 28px; }");
    connect(document, &JobDocument::stationChanged, this, [this](StationId station) {
        if (station == StationId::Seal && content() != m_shown)
            refresh();
    });
    connect(document, &JobDocument::currentDeliveryChanged, this, &PartsList::refresh);
    connect(this, &QTreeWidget::itemSelectionChanged, this, [this] {
        if (!m_refreshing)
            emit selectionChosen(selection());
    });
    connect(this, &QTreeWidget::itemClicked, this, &PartsList::onClicked);
    connect(this, &QTreeWidget::itemChanged, this, &PartsList::onRenamed);
    refresh();
}

void PartsList::add(QTreeWidgetItem* into, const std::string& parent) {
    for (const auto& part : m_document->currentDelivery().seal.parts) {
        if (part.parent != parent)
            continue;
        auto* item = into ? new QTreeWidgetItem(into) : new QTreeWidgetItem(this);
        const auto words = detail(part);
        item->setText(kName, part.name.empty() ? kindName(part.kind) : toQt(part.name));
        item->setData(kName, Qt::UserRole, toQt(part.id));
        item->setFlags(item->flags() | Qt::ItemIsEditable);
        item->setIcon(kName, icon(iconOf(part.kind), part.hidden ? Tint::Quiet : Tint::Text));
        item->setToolTip(kName, words.isEmpty() ? toQt(part.name) : toQt(part.name) + ": " + words);
        item->setIcon(kShown, icon(part.hidden ? "eye-off" : "eye", Tint::Quiet));
        item->setToolTip(kShown, part.hidden ? tr("Hidden: click to show") : tr("Shown: click to hide"));
        item->setIcon(kLocked,
                      icon(part.locked ? "lock" : "lock-open", part.locked ? Tint::Accent : Tint::Quiet));
        item->setToolTip(kLocked, part.locked ? tr("Locked: click to unlock") : tr("Click to lock"));
        for (const int column : {kShown, kLocked}) // signs alone are nothing to be read out
            item->setData(column, Qt::AccessibleTextRole, item->toolTip(column));
        if (part.hidden)
            item->setForeground(kName, theme().quiet);
        if (part.kind == PartKind::Group)
            add(item, part.id);
    }
}

std::vector<std::tuple<std::string, std::string, std::string, bool, bool, QString>>
PartsList::content() const {
    decltype(m_shown) out;
    for (const auto& part : m_document->currentDelivery().seal.parts)
        out.emplace_back(part.id, part.name, part.parent, part.hidden, part.locked, detail(part));
    return out;
}

void PartsList::refresh() {
    m_shown = content();
    const auto chosen = selection();
    m_refreshing = true;
    clear();
    add(nullptr, {});
    expandAll();
    m_refreshing = false;
    fitRows();
    showSelection(chosen);
}

void PartsList::showSelection(const PartIds& ids) {
    m_refreshing = true;
    for (QTreeWidgetItemIterator it(this); *it; ++it) {
        const bool chosen = std::find(ids.begin(), ids.end(), idOf(*it)) != ids.end();
        (*it)->setSelected(chosen);
        if (chosen && idOf(*it) == ids.back())
            scrollToItem(*it);
    }
    m_refreshing = false;
}

/// Whole rows: half a part looks like the last one.
void PartsList::fitRows() {
    constexpr int fewest = 3, most = 6;
    int rows = 0;
    for (QTreeWidgetItemIterator it(this); *it; ++it)
        ++rows;
    const int row = std::max(28, sizeHintForRow(0));
    setFixedHeight(std::clamp(rows + 1, fewest, most) * row +
                   header()->sizeHint().height() * !header()->isHidden() + 2 * frameWidth() + 2);
}

QSize PartsList::sizeHint() const {
    return {withText(220), height()};
}

PartIds PartsList::selection() const {
    PartIds out;
    for (const auto* item : selectedItems())
        out.push_back(idOf(item));
    return out;
}

void PartsList::onClicked(QTreeWidgetItem* item, int column) {
    if (column == kName)
        return;
    SealDesign next = m_document->currentDelivery().seal;
    auto* part = next.part(idOf(item));
    if (!part)
        return;
    bool& flag = column == kShown ? part->hidden : part->locked;
    flag = !flag;
    const auto what = column == kShown ? tr("showing or hiding a part") : tr("locking a part");
    // The list is made anew by the change: not before it is done with this click.
    QMetaObject::invokeMethod(
        this, [this, next, what] { m_document->setSeal(next, what); }, Qt::QueuedConnection);
}

void PartsList::onRenamed(QTreeWidgetItem* item, int column) {
    if (m_refreshing || column != kName)
        return;
    SealDesign next = m_document->currentDelivery().seal;
    auto* part = next.part(idOf(item));
    const auto name = item->text(kName).trimmed().left(80);
    if (!part || name.isEmpty() || toQt(part->name) == name ||
        (part->name.empty() && name == kindName(part->kind)))
        return;
    part->name = name.toStdString();
    QMetaObject::invokeMethod(
        this, [this, next] { m_document->setSeal(next, tr("renaming a part")); }, Qt::QueuedConnection);
}

void PartsList::keyPressEvent(QKeyEvent* event) {
    const auto chosen = selection();
    SealDesign next = m_document->currentDelivery().seal;
    if (!chosen.empty() && (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)) {
        removeParts(next, chosen);
        m_document->setSeal(std::move(next), tr("removing parts"));
    } else if (!chosen.empty() && event->modifiers() & Qt::AltModifier &&
               (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down)) {
        reorder(next, chosen.front(), event->key() == Qt::Key_Up ? -1 : 1);
        m_document->setSeal(std::move(next), tr("reordering parts"));
    } else
        QTreeWidget::keyPressEvent(event);
}

} // namespace keepseal::app
