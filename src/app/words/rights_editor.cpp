// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/rights_editor.h"

#include "base/text.h"
#include "theme/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

/// Words that are longer than a line may break anywhere: a web address has no spaces.
QString breakableRights(const QString& text) {
    QString out;
    int run = 0;
    for (const QChar c : text) {
        run = c.isSpace() ? 0 : run + 1;
        out += c;
        if (run >= 24 && run % 8 == 0)
            out += QChar(0x200B);
    }
    return out;
}

/// Long texts are shown as far as a look needs.
QString shortened(const std::string& text) {
    constexpr std::size_t most = 220;
    const auto line = printable(text, text.size());
    return toQt(line.size() > most ? cutUtf8(line, most) + "…" : line);
}

} // namespace

FieldRow::FieldRow(const FieldInfo& field, QWidget* parent) : QAbstractButton(parent), m_field(field) {
    setText(saidQt(field.label));
    setToolTip(saidQt(field.help));
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    auto policy = QSizePolicy(QSizePolicy::Preferred, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

void FieldRow::show(const FieldOutcome& outcome, const RightsSheet& sheet, bool hasPicture) {
    m_after = shortened(outcome.after.shown(m_field));
    m_before = outcome.changed() ? shortened(outcome.before.shown(m_field)) : QString();
    m_notes.clear();
    m_notes = sentences(outcome.notes);
    m_place = !outcome.places.empty();
    for (const auto& place : outcome.places)
        m_notes << (place == kCoordinates ? tr("holds coordinates")
                                          : tr("names the removed place %1").arg(toQt(place)));
    m_source = outcome.byHand                                 ? tr("typed for this picture")
               : !outcome.rules.empty()                       ? tr("rule %1").arg(outcome.rules.back() + 1)
               : outcome.removedByPrivacy                     ? tr("removed by privacy")
               : !outcome.after.empty()                       ? tr("as the original")
               : !hasPicture && sheet.alwaysRule(m_field.key) ? tr("rule")
                                                              : QString();
    setAccessibleName(saidQt(m_field.label) + QString(", ") +
                      (m_after.isEmpty() ? tr("nothing is written") : m_after) + ", " + m_source);
    setAccessibleDescription(m_notes.join(". "));
    updateGeometry();
    update();
}

QSize FieldRow::sizeHint() const {
    return {220, heightForWidth(std::max(width(), 220))};
}
int FieldRow::heightForWidth(int width) const {
    return layOut(width, nullptr);
}

/// Measures and, with a painter, draws; one routine, so that both always agree.
int FieldRow::layOut(int width, QPainter* painter) const {
    const Theme& t = theme();
    const QFontMetrics small(smallFont()), body(bodyFont());
    const int left = 10, room = width - left - 8;
    int y = 6;
    const auto line = [&](const QString& words, const QFont& font, const QColor& colour, int mostLines) {
        const auto text = breakableRights(words);
        const QFontMetrics metrics(font);
        const auto box = metrics.boundingRect(QRect(0, 0, room, metrics.lineSpacing() * mostLines),
                                              Qt::TextWordWrap, text);
        const int height = std::min(box.height(), metrics.lineSpacing() * mostLines);
        if (painter) {
            painter->setFont(font);
            painter->setPen(colour);
            // A value is read in its own direction, wherever the window is read from.
            const auto before = painter->layoutDirection();
            painter->setLayoutDirection(Qt::LayoutDirectionAuto);
            painter->drawText(
                QRect(left, y, room, height),
                Qt::TextWordWrap |
                    (before == Qt::RightToLeft ? Qt::AlignRight | Qt::AlignAbsolute : Qt::AlignLeft),
                text);
            painter->setLayoutDirection(before);
        }
        y += height + 1;
    };
    if (painter) {
        painter->setFont(smallFont());
        painter->setPen(t.quiet);
        const int source = small.horizontalAdvance(m_source);
        painter->drawText(QRect(left, y, room - source - 8, small.height()), Qt::AlignLeft,
                          small.elidedText(text(), Qt::ElideRight, room - source - 8));
        painter->setPen(m_source.startsWith(tr("rule")) ? t.accent : t.quiet);
        painter->drawText(QRect(left, y, room, small.height()), Qt::AlignRight, m_source);
    }
    y += small.height() + 2;
    const bool nothing = m_after.isEmpty();
    line(nothing ? (m_before.isEmpty() ? tr("—") : tr("nothing")) : m_after, bodyFont(),
         nothing ? t.quiet : t.text, 4);
    if (!m_before.isEmpty()) {
        auto struck = smallFont();
        struck.setStrikeOut(true);
        line(m_before, struck, t.quiet, 2);
    }
    for (const auto& note : m_notes)
        line(note, smallFont(), t.look, 3);
    return y + 5;
}

void FieldRow::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& t = theme();
    if (isChecked() || underMouse())
        painter.fillRect(rect(),
                         isChecked() ? t.raised : t.panel.lighter(t.kind == ThemeKind::Dark ? 115 : 103));
    painter.fillRect(QRect(0, 4, isChecked() ? 3 : 2, height() - 8),
                     !m_notes.isEmpty()                                       ? t.look
                     : !m_before.isEmpty() || m_source.startsWith(tr("rule")) ? t.accent
                                                                              : t.line);
    layOut(width(), &painter);
    if (hasFocus()) {
        painter.setPen(QPen(t.text, 1, Qt::DotLine));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void FieldRow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter)
        click();
    else if (event->key() == Qt::Key_Down)
        focusNextChild();
    else if (event->key() == Qt::Key_Up)
        focusPreviousChild();
    else
        QAbstractButton::keyPressEvent(event);
}

RightsEditor::RightsEditor(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_sheets(new QPushButton(tr("Sheets"))),
      m_all(new QPushButton(tr("All fields"))),
      m_addRule(new QPushButton(tr("One more rule for this field"))), m_about(new QLabel),
      m_opened(new QWidget), m_column(new QVBoxLayout(this)) {
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(2);
    auto* head = new QHBoxLayout;
    m_all->setCheckable(true);
    m_all->setToolTip(tr("Also those nothing is written to"));
    m_sheets->setToolTip(tr("Take a saved sheet, keep this one, read and write XMP files"));
    head->addWidget(m_sheets);
    head->addWidget(m_all);
    head->addStretch();
    m_column->addLayout(head);
    m_about->setFont(smallFont());
    m_about->setWordWrap(true);
    m_column->addWidget(m_about);
    for (const auto* field : writableFields()) {
        if (m_groups.empty() || m_groups.back().heading->text() != saidQt(field->group)) {
            auto* heading = new QLabel(saidQt(field->group));
            heading->setFont(strongFont());
            heading->setContentsMargins(0, kGap3, 0, kGap1);
            m_column->addWidget(heading);
            m_groups.push_back({heading, {}});
        }
        auto* made = new FieldRow(*field);
        connect(made, &QAbstractButton::clicked, this,
                [this, key = field->key] { openField(m_open == key ? std::string() : key); });
        m_column->addWidget(made);
        m_groups.back().rows.push_back(made);
    }
    m_ruleColumn = new QVBoxLayout(m_opened);
    m_ruleColumn->setContentsMargins(10, kGap1, 0, kGap3);
    m_ruleColumn->setSpacing(kGap3);
    m_ruleColumn->addWidget(m_addRule);
    m_opened->hide();
    m_column->addWidget(m_opened);
    connect(m_all, &QPushButton::toggled, this, &RightsEditor::refresh);
    connect(m_addRule, &QPushButton::clicked, this, [this] {
        auto next = sheet();
        RightsRule rule;
        rule.field = m_open;
        rule.action = next.alwaysRule(m_open) ? RuleAction::Replace : RuleAction::Fill;
        next.rules.push_back(std::move(rule));
        m_document->setRights(std::move(next), tr("a rule for %1").arg(labelOfOpen()));
        if (!m_rules.empty())
            m_rules.back()->action()->setFocus();
    });
    refresh();
}

FieldRow* RightsEditor::row(const std::string& key) const {
    for (const auto& group : m_groups)
        for (auto* row : group.rows)
            if (row->field().key == key)
                return row;
    return nullptr;
}

void RightsEditor::setLookedAt(OriginalId id) {
    m_id = id;
    refresh();
}

void RightsEditor::showAll(bool all) {
    m_all->setChecked(all);
}

void RightsEditor::refresh() {
    const auto info = m_library->info(m_id);
    const bool readable = info && !info->problem;
    const auto& delivery = m_document->deliveryAsMade();
    const auto applied = readable ? wordsOf(*info, delivery, m_document->exception(m_id)).applied
                                  : applyRights(delivery.rights, delivery.privacy, {}, {});
    m_about->setText(readable ? tr("For %1: what its copy will say, and what the original says there.")
                                    .arg(toQt(info->path.filename()))
                              : tr("Choose a picture to see what its copy will say."));
    m_about->setStyleSheet(QString("color: %1;").arg(theme().quiet.name()));
    static const FieldOutcome none;
    for (auto& group : m_groups) {
        bool any = false;
        for (auto* row : group.rows) {
            const auto& key = row->field().key;
            const auto found = applied.fields.find(key);
            row->show(found == applied.fields.end() ? none : found->second, delivery.rights, readable);
            const bool visible = m_all->isChecked() || row->hasSomething() || !rulesOf(key).empty() ||
                                 key == m_open || key == "creator" || key == "copyright_notice";
            row->setVisible(visible);
            row->setChecked(key == m_open);
            any = any || visible;
        }
        group.heading->setVisible(any);
    }
    if (m_open.empty())
        return;
    const bool draft = m_ruleIndexes.empty() && m_rules.size() == 1;
    if (rulesOf(m_open) != m_ruleIndexes || (m_rules.size() != m_ruleIndexes.size() && !draft))
        rebuildRules();
    else if (draft)
        return;
    else {
        for (std::size_t i = 0; i < m_rules.size(); ++i)
            m_rules[i]->show(sheet().rules[m_ruleIndexes[i]]);
        m_addRule->show();
    }
}

std::vector<std::size_t> RightsEditor::rulesOf(const std::string& key) const {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < sheet().rules.size(); ++i)
        if (sheet().rules[i].field == key)
            out.push_back(i);
    return out;
}

void RightsEditor::openField(const std::string& key) {
    m_open = key;
    m_opened->setVisible(!key.empty());
    if (!key.empty()) {
        m_column->removeWidget(m_opened);
        m_column->insertWidget(m_column->indexOf(row(key)) + 1, m_opened);
        m_ruleIndexes.clear();
        for (auto* rule : m_rules)
            rule->deleteLater();
        m_rules.clear();
        rebuildRules();
    }
    refresh();
}

/// A field without a rule shows an empty one, which becomes part of the sheet with its first word.
void RightsEditor::rebuildRules() {
    for (auto* rule : m_rules) {
        rule->hide();
        rule->deleteLater();
    }
    m_rules.clear();
    m_ruleIndexes = rulesOf(m_open);
    for (const auto index : m_ruleIndexes)
        addEditor(sheet().rules[index], static_cast<int>(index) + 1);
    if (m_ruleIndexes.empty()) {
        RightsRule draft;
        draft.field = m_open;
        addEditor(draft, static_cast<int>(sheet().rules.size()) + 1);
    }
    m_addRule->setVisible(!m_ruleIndexes.empty());
}

void RightsEditor::addEditor(const RightsRule& rule, int number) {
    auto* editor = new RuleEditor(*metadataField(m_open), rule, number);
    m_ruleColumn->insertWidget(static_cast<int>(m_rules.size()), editor);
    m_rules.push_back(editor);
    connect(editor, &RuleEditor::changed, this,
            [this, editor](const RightsRule& changed, int typing) { takeRule(editor, changed, typing); });
    connect(editor, &RuleEditor::removeRequested, this, [this, editor] {
        const auto at = indexOf(editor);
        if (!at)
            return;
        auto next = sheet();
        next.rules.erase(next.rules.begin() + static_cast<std::ptrdiff_t>(*at));
        m_document->setRights(std::move(next), tr("taking out a rule for %1").arg(labelOfOpen()));
    });
}

std::optional<std::size_t> RightsEditor::indexOf(RuleEditor* editor) const {
    for (std::size_t i = 0; i < m_rules.size() && i < m_ruleIndexes.size(); ++i)
        if (m_rules[i] == editor && m_ruleIndexes[i] < sheet().rules.size())
            return m_ruleIndexes[i];
    return std::nullopt;
}

void RightsEditor::takeRule(RuleEditor* editor, const RightsRule& rule, int typing) {
    auto next = sheet();
    if (const auto at = indexOf(editor))
        next.rules[*at] = rule;
    else {
        const bool words = rule.action == RuleAction::Fill || rule.action == RuleAction::Replace ||
                           rule.action == RuleAction::Add;
        if (words && rule.value.empty())
            return; // nothing to do yet
        next.rules.push_back(rule);
        m_ruleIndexes.push_back(next.rules.size() - 1); // the editor in use stays
    }
    m_document->setRights(std::move(next), tr("the rule for %1").arg(labelOfOpen()), typing);
}

QString RightsEditor::labelOfOpen() const {
    return saidQt(metadataField(m_open)->label);
}

} // namespace keepseal::app
