// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words_view.h"

#include "base/files.h"
#include "base/text.h"
#include "document/untouchable.h"
#include "theme/theme.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QMenu>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

/// Two lines: what the copy will say, and below it, struck out, what the original says.
class CellDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const Theme& t = theme();
        painter->save();
        const bool chosen = option.state & QStyle::State_Selected;
        painter->fillRect(option.rect, chosen ? t.accent : t.panel);
        const QRect inside = option.rect.adjusted(8, 4, -8, -4);
        const auto before = index.data(WordsModel::BeforeRole).toString();
        const bool byHand = index.data(WordsModel::ByHandRole).toBool();
        const bool problem = index.column() == WordsModel::kProblems
                                 ? !index.data().toString().isEmpty() && index.data().toString() != "…"
                                 : index.data(WordsModel::ProblemRole).toBool();
        if (byHand)
            painter->fillRect(QRect(option.rect.left(), option.rect.top() + 4, 3, option.rect.height() - 8),
                              chosen ? t.onAccent : t.accent);
        const QFontMetrics body(bodyFont()), small(smallFont());
        painter->setFont(bodyFont());
        painter->setPen(chosen ? t.onAccent : problem ? t.look : t.text);
        const auto text = index.data().toString();
        const QRect first(inside.left(), inside.top(), inside.width(), body.height());
        painter->drawText(before.isEmpty() ? inside : first, Qt::AlignVCenter | Qt::AlignLeft,
                          body.elidedText(text.isEmpty() && !before.isEmpty() ? tr("nothing") : text,
                                          Qt::ElideRight, inside.width()));
        if (!before.isEmpty()) {
            auto struck = smallFont();
            struck.setStrikeOut(true);
            painter->setFont(struck);
            painter->setPen(chosen ? t.onAccent : t.quiet);
            painter->drawText(QRect(inside.left(), first.bottom() + 1, inside.width(), small.height()),
                              Qt::AlignVCenter | Qt::AlignLeft,
                              small.elidedText(before, Qt::ElideRight, inside.width()));
        }
        if (option.state & QStyle::State_HasFocus) {
            painter->setPen(QPen(chosen ? t.text : t.accent, 2));
            painter->drawRect(option.rect.adjusted(1, 1, -1, -1));
        }
        painter->restore();
    }
};

QPushButton* wordsButton(QHBoxLayout* row, const QString& text, const QString& help) {
    auto* made = new QPushButton(text);
    made->setToolTip(help);
    row->addWidget(made);
    return made;
}

} // namespace

WordsView::WordsView(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_model(new WordsModel(document, library, this)),
      m_table(new QTableView), m_summary(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap2, kGap4, kGap3);
    column->setSpacing(kGap2);
    m_summary->setFont(strongFont());
    m_summary->setWordWrap(true);
    column->addWidget(m_summary);
    auto* row = new QHBoxLayout;
    m_columns = wordsButton(row, tr("Fields"), tr("Which fields are shown"));
    auto* reset = wordsButton(row, tr("Take back typed words"),
                              tr("The chosen cells as the sheet and the original have them (Del)"));
    auto* open = wordsButton(row, tr("Words from CSV…"),
                             tr("A table made here or elsewhere; the first column names the file"));
    auto* save = wordsButton(row, tr("Save as CSV…"), tr("This table, for a spreadsheet"));
    row->addStretch();
    column->addLayout(row);
    m_table->setModel(m_model);
    m_table->setItemDelegate(new CellDelegate(m_table));
    m_table->setAccessibleName(tr("Words of every copy"));
    m_table->verticalHeader()->hide();
    const int rowHeight = QFontMetrics(bodyFont()).height() + QFontMetrics(smallFont()).height() + 12;
    m_table->verticalHeader()->setDefaultSectionSize(rowHeight);
    m_table->verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    m_table->setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_table->setWordWrap(false);
    m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                             QAbstractItemView::AnyKeyPressed);
    m_table->setTabKeyNavigation(false); // arrows go from cell to cell, Tab goes on
    m_table->setColumnWidth(WordsModel::kName, 132);
    m_table->setColumnWidth(WordsModel::kProblems, 76);
    for (int c = WordsModel::kFirstField; c < 40; ++c)
        m_table->setColumnWidth(c, 190);
    column->addWidget(m_table, 1);
    fillColumnsMenu();
    connect(reset, &QPushButton::clicked, this, &WordsView::resetCells);
    connect(open, &QPushButton::clicked, this, &WordsView::csvOpenRequested);
    connect(save, &QPushButton::clicked, this, &WordsView::csvSaveRequested);
    connect(m_model, &WordsModel::worked, this, &WordsView::showSummary);
    connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& current) {
                if (current.isValid() && !m_choosing)
                    emit pictureChosen(m_model->idAt(current.row()));
            });
    const auto key = [this](const QKeySequence& keys, void (WordsView::*act)()) {
        auto* action = new QAction(m_table);
        action->setShortcut(keys);
        action->setShortcutContext(Qt::WidgetShortcut);
        connect(action, &QAction::triggered, this, act);
        m_table->addAction(action);
    };
    key(QKeySequence::Copy, &WordsView::copyCells);
    key(QKeySequence::Paste, &WordsView::pasteCells);
    key(QKeySequence::Delete, &WordsView::resetCells);
    setFocusProxy(m_table);
    showSummary();
}

void WordsView::fillColumnsMenu() {
    auto* menu = new QMenu(m_columns);
    for (const auto* field : writableFields()) {
        auto* action = menu->addAction(saidQt(field->label));
        action->setCheckable(true);
        const auto& shown = m_model->fields();
        action->setChecked(std::find(shown.begin(), shown.end(), field->key) != shown.end());
        action->setData(toQt(field->key));
        connect(action, &QAction::toggled, this, [this, menu] {
            std::vector<std::string> keys;
            for (const auto* a : menu->actions())
                if (a->isChecked())
                    keys.push_back(a->data().toString().toStdString());
            m_model->setFields(keys);
        });
    }
    m_columns->setMenu(menu);
}

void WordsView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    m_model->setActive(true);
}

void WordsView::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    m_model->setActive(false);
}

void WordsView::setLookedAt(OriginalId id) {
    const int row = m_model->rowOf(id);
    if (row < 0 || m_table->currentIndex().row() == row)
        return;
    m_choosing = true;
    m_table->setCurrentIndex(
        m_model->index(row, std::max<int>(m_table->currentIndex().column(), WordsModel::kFirstField)));
    m_choosing = false;
}

void WordsView::showSummary() {
    const auto all = static_cast<std::size_t>(m_model->rowCount()), known = m_model->known();
    const auto problems = m_model->withProblems();
    m_summary->setText(
        known < all ? tr("%1 of %2 pictures read so far.").arg(known).arg(all)
        : problems > 0
            ? saidQt(all, "What the copies of {n} picture will say. %1 with something to look at, first.",
                     "What the copies of {n} pictures will say. %1 with something to look at, first.")
                  .arg(problems)
            : saidQt(all, "What the copies of {n} picture will say. Nothing needs a look.",
                     "What the copies of {n} pictures will say. Nothing needs a look."));
}

void WordsView::copyCells() {
    QApplication::clipboard()->setText(m_model->copied(m_table->selectionModel()->selectedIndexes()));
}

void WordsView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        emit closeRequested();
    else
        QWidget::keyPressEvent(event);
}

void WordsView::pasteCells() {
    try {
        m_model->paste(m_table->currentIndex(), QApplication::clipboard()->text());
    } catch (const Problem& problem) {
        m_summary->setText(toQt(problem.sentence()));
    }
}

void WordsView::resetCells() {
    m_model->resetCells(m_table->selectionModel()->selectedIndexes());
}

std::string WordsView::csv() const {
    return "\xEF\xBB\xBF" + toCsv(m_model->table());
}

QStringList WordsView::takeCsv(const CsvRows& rows) {
    return m_model->takeCsv(rows);
}

CsvRows WordsView::readCsv(const std::filesystem::path& file) {
    const Original source(file);
    const auto bytes = source.bytes(0, 65U << 20);
    return parseCsv({bytes.begin(), bytes.end()}, file.string());
}

} // namespace keepseal::app
