// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words_model.h"

#include "base/problem.h"
#include "base/text.h"

#include <algorithm>

namespace keepseal::app {
namespace {

constexpr int kRowsAtATime = 60;

QString oneLine(const std::string& text) {
    return toQt(printable(text, 2000));
}

} // namespace

WordsModel::WordsModel(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QAbstractTableModel(parent), m_document(document),
      m_library(library), m_fields{"title",    "headline", "description",
                                   "keywords", "creator",  "copyright_notice"} {
    m_worker.setInterval(0);
    connect(&m_worker, &QTimer::timeout, this, &WordsModel::work);
    connect(document, &JobDocument::originalsChanged, this, &WordsModel::rebuild);
    connect(document, &JobDocument::anythingChanged, this, &WordsModel::forget);
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (const int row = rowOf(id); row >= 0 && m_active) {
            m_next = std::min(m_next, static_cast<std::size_t>(row));
            m_worker.start();
        }
    });
    rebuild();
}

void WordsModel::setActive(bool active) {
    m_active = active;
    if (!active)
        return m_worker.stop();
    if (m_stale) {
        m_sorted = false;
        m_next = 0;
    }
    m_worker.start();
}

void WordsModel::setFields(const std::vector<std::string>& keys) {
    beginResetModel();
    m_fields = keys;
    endResetModel();
}

void WordsModel::rebuild() {
    beginResetModel();
    m_rows.clear();
    for (const auto& item : m_document->originals())
        m_rows.push_back({item.id, item.path, false, {}, {}});
    m_known = 0;
    m_sorted = false;
    endResetModel();
    forget();
}

/// All rows are worked out anew; until then they show what they showed. Their order stays.
void WordsModel::forget() {
    m_stale = true;
    m_next = 0;
    if (m_active)
        m_worker.start();
}

void WordsModel::workOut(Row& row) const {
    const auto info = m_library->info(row.id);
    if (!info)
        return;
    row.known = true;
    row.problems.clear();
    if (info->problem) {
        row.applied = {};
        row.problems << toQt(info->problem->happened);
        return;
    }
    const auto words = wordsOf(*info, m_document->deliveryAsMade(), m_document->exception(row.id));
    row.problems = sentences(words.applied.notes(), Severity::WorthALook);
    row.applied = words.applied;
}

void WordsModel::work() {
    std::size_t first = m_rows.size(), last = 0;
    for (int i = 0; i < kRowsAtATime && m_next < m_rows.size(); ++i, ++m_next) {
        workOut(m_rows[m_next]);
        first = std::min(first, m_next);
        last = m_next;
    }
    if (first <= last && !m_rows.empty())
        emit dataChanged(index(static_cast<int>(first), 0), index(static_cast<int>(last), columnCount() - 1));
    m_known = static_cast<std::size_t>(
        std::count_if(m_rows.begin(), m_rows.end(), [](const Row& row) { return row.known; }));
    if (m_next >= m_rows.size()) {
        m_worker.stop();
        m_stale = m_known < m_rows.size();
        if (!m_sorted && m_known == m_rows.size() && !m_rows.empty()) {
            // Once per visit, so that no row jumps away while it is typed into.
            emit layoutAboutToBeChanged();
            const auto kept = persistentIndexList();
            std::vector<OriginalId> owners;
            for (const auto& cell : kept)
                owners.push_back(idAt(cell.row()));
            std::stable_sort(m_rows.begin(), m_rows.end(), [](const Row& a, const Row& b) {
                return !a.problems.isEmpty() && b.problems.isEmpty();
            });
            m_sorted = true;
            QModelIndexList moved;
            for (std::size_t i = 0; i < owners.size(); ++i)
                moved << index(rowOf(owners[i]), kept[static_cast<int>(i)].column());
            changePersistentIndexList(kept, moved);
            emit layoutChanged();
        }
    }
    emit worked();
}

int WordsModel::rowOf(OriginalId id) const {
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        if (m_rows[i].id == id)
            return static_cast<int>(i);
    return -1;
}

std::size_t WordsModel::withProblems() const {
    return static_cast<std::size_t>(
        std::count_if(m_rows.begin(), m_rows.end(), [](const Row& row) { return !row.problems.isEmpty(); }));
}

const FieldInfo* WordsModel::fieldAt(int column) const {
    const auto at = static_cast<std::size_t>(column - kFirstField);
    return column >= kFirstField && at < m_fields.size() ? metadataField(m_fields[at]) : nullptr;
}

int WordsModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}
int WordsModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : kFirstField + static_cast<int>(m_fields.size());
}

QVariant WordsModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid())
        return {};
    const auto& row = m_rows[static_cast<std::size_t>(index.row())];
    if (index.column() == kName)
        return role == Qt::DisplayRole || role == Qt::ToolTipRole
                   ? QVariant(role == Qt::DisplayRole ? toQt(row.path.filename()) : toQt(row.path))
                   : QVariant();
    if (index.column() == kProblems) {
        if (role == Qt::DisplayRole)
            return !row.known               ? tr("…")
                   : row.problems.isEmpty() ? QString()
                                            : QString::number(row.problems.size());
        if (role == Qt::ToolTipRole || role == ProblemRole)
            return row.problems.join("\n");
        if (role == Qt::AccessibleTextRole)
            return !row.known               ? tr("being read")
                   : row.problems.isEmpty() ? tr("nothing to look at")
                                            : row.problems.join("; ");
        return {};
    }
    const auto* field = fieldAt(index.column());
    if (role == Qt::AccessibleTextRole) { // a cell alone does not say whose it is
        const auto said = data(index, Qt::DisplayRole).toString();
        return headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString() + ": " +
               (said.isEmpty() ? tr("nothing") : said);
    }
    const auto found = row.applied.fields.find(field->key);
    if (found == row.applied.fields.end())
        return role == ByHandRole ? QVariant(false) : QVariant();
    const auto& outcome = found->second;
    switch (role) {
    case Qt::DisplayRole:
        return oneLine(outcome.after.shown(*field));
    case Qt::EditRole:
        return toQt(outcome.after.typed());
    case BeforeRole:
        return outcome.changed() ? oneLine(outcome.before.shown(*field)) : QString();
    case ByHandRole:
        return outcome.byHand;
    case ProblemRole:
        return !outcome.places.empty() || !outcome.notes.empty();
    case Qt::ToolTipRole: {
        QStringList lines{toQt(outcome.after.shown(*field))};
        if (outcome.changed())
            lines << tr("The original says: %1")
                         .arg(outcome.before.empty() ? tr("nothing") : toQt(outcome.before.shown(*field)));
        lines << sentences(outcome.notes);
        return lines.join("\n");
    }
    default:
        return {};
    }
}

QVariant WordsModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole)
        return {};
    if (orientation == Qt::Vertical)
        return section + 1;
    if (section == kName)
        return tr("Picture");
    if (section == kProblems)
        return tr("Problems");
    return saidQt(fieldAt(section)->label);
}

Qt::ItemFlags WordsModel::flags(const QModelIndex& index) const {
    auto out = QAbstractTableModel::flags(index);
    if (const auto* field = fieldAt(index.column()); field && field->shape != FieldShape::Choice)
        out |= Qt::ItemIsEditable;
    return out;
}

bool WordsModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || value.toString() == data(index, Qt::EditRole).toString())
        return false;
    setCells({{index, value.toString()}},
             tr("%1 of %2")
                 .arg(headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString(),
                      data(index.siblingAtColumn(kName), Qt::DisplayRole).toString()));
    return true;
}

void WordsModel::setCells(const std::vector<std::pair<QModelIndex, QString>>& cells, const QString& what) {
    std::map<OriginalId, FieldValues> words;
    for (const auto& [cell, text] : cells)
        if (const auto* field = fieldAt(cell.column()); field && (flags(cell) & Qt::ItemIsEditable))
            words[idAt(cell.row())][field->key] = fieldFromTyped(*field, text.toStdString());
    m_document->editWords(words, what);
    for (const auto& [cell, text] : cells) {
        workOut(m_rows[static_cast<std::size_t>(cell.row())]);
        emit dataChanged(index(cell.row(), 0), index(cell.row(), columnCount() - 1));
    }
}

void WordsModel::resetCells(const QModelIndexList& cells) {
    std::map<OriginalId, std::vector<std::string>> keys;
    for (const auto& cell : cells)
        if (const auto* field = fieldAt(cell.column()))
            keys[idAt(cell.row())].push_back(field->key);
    m_document->takeBackWords(keys, tr("taking back typed words"));
}

int WordsModel::paste(const QModelIndex& at, const QString& text) {
    if (!at.isValid() || at.column() < kFirstField)
        return 0;
    const auto rows =
        parseCsv(text.contains('\t') ? text.toStdString() : text.toStdString() + "\t", "clipboard");
    std::vector<std::pair<QModelIndex, QString>> cells;
    const bool single = !text.contains('\t');
    for (std::size_t r = 0; r < rows.size(); ++r)
        for (std::size_t c = 0; c < (single ? 1 : rows[r].size()); ++c)
            if (const auto cell = index(at.row() + static_cast<int>(r), at.column() + static_cast<int>(c));
                cell.isValid() && (flags(cell) & Qt::ItemIsEditable))
                cells.emplace_back(cell, toQt(rows[r][c]));
    setCells(cells, saidQt(cells.size(), "pasting {n} cell", "pasting {n} cells"));
    return static_cast<int>(cells.size());
}

QString WordsModel::copied(const QModelIndexList& cells) const {
    std::map<int, std::map<int, QString>> block;
    for (const auto& cell : cells)
        block[cell.row()][cell.column()] =
            data(cell, cell.column() >= kFirstField ? static_cast<int>(Qt::EditRole)
                                                    : static_cast<int>(Qt::DisplayRole))
                .toString();
    QString out;
    for (const auto& [row, columns] : block) {
        QStringList line;
        for (auto [column, text] : columns) {
            if (text.contains('\t') || text.contains('\n') || text.contains('"'))
                text = '"' + text.replace("\"", "\"\"") + '"';
            line << text;
        }
        out += line.join('\t') + "\n";
    }
    return out;
}

CsvRows WordsModel::table() const {
    CsvRows out{{"File"}};
    for (const auto& key : m_fields)
        out.front().push_back(metadataField(key)->label);
    for (const auto& item : m_document->originals()) {
        const auto& row = m_rows[static_cast<std::size_t>(rowOf(item.id))];
        std::vector<std::string> line{item.path.string()};
        for (const auto& key : m_fields)
            line.push_back(row.applied.after(key).typed());
        out.push_back(std::move(line));
    }
    return out;
}

QStringList WordsModel::takeCsv(const CsvRows& rows) {
    std::vector<std::filesystem::path> paths;
    for (const auto& item : m_document->originals())
        paths.push_back(item.path);
    const auto read = wordsFromCsv(rows, paths);
    std::map<OriginalId, FieldValues> words;
    for (const auto& [picture, values] : read.byPicture) {
        // What the copy would say anyway is no exception.
        const auto id = m_document->originals()[picture].id;
        const auto& applied = m_rows[static_cast<std::size_t>(rowOf(id))].applied;
        for (const auto& [key, value] : values)
            if (applied.after(key).items != value.items)
                words[id][key] = value;
    }
    m_document->editWords(words, tr("words from a table"));
    QStringList out;
    for (const auto& problem : read.problems)
        out << toQt(problem);
    return out;
}

} // namespace keepseal::app
