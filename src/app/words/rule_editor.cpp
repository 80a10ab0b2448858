// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/rule_editor.h"

#include "base/text.h"
#include "rights/apply.h"
#include "text/tokens.h"
#include "theme/theme.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QRegularExpression>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QToolButton* smallButton(const QString& text, const QString& help) {
    auto* button = new QToolButton;
    button->setText(text);
    button->setToolTip(help);
    button->setFont(smallFont());
    button->setFocusPolicy(Qt::StrongFocus);
    return button;
}

QString hintFor(ConditionKind what) {
    switch (what) {
    case ConditionKind::Folder:
    case ConditionKind::FileName:
        return QObject::tr("words, or a pattern with * and ?");
    case ConditionKind::TakenFrom:
    case ConditionKind::TakenTo:
        return QObject::tr("as 2026-05-01");
    case ConditionKind::Shape:
        return QObject::tr("tall, wide or square");
    case ConditionKind::Rating:
        return QObject::tr("1 to 5");
    default:
        return {};
    }
}

int nextTyping() {
    static int series = 0;
    return ++series;
}

} // namespace

RuleEditor::RuleEditor(const FieldInfo& field, const RightsRule& rule, int number, QWidget* parent)
    : QWidget(parent), m_field(field), m_rule(rule), m_typing(nextTyping()), m_action(new QComboBox),
      m_condition(new QComboBox), m_conditionText(new QLineEdit),
      m_unless(smallButton(tr("not"), tr("The other way round"))), m_valueBox(new QWidget),
      m_languageBox(new QWidget), m_count(new QLabel), m_problem(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGap1);
    auto* head = new QHBoxLayout;
    for (const auto& choice : ruleActions())
        if (choice.key != "add" || field.shape == FieldShape::List)
            m_action->addItem(saidQt(choice.label), toQt(choice.key));
    m_action->setAccessibleName(tr("What rule %1 does with %2").arg(number).arg(saidQt(field.label)));
    auto* remove = new QToolButton;
    remove->setIcon(icon("trash-2"));
    remove->setToolTip(tr("Take this rule out"));
    remove->setAccessibleName(remove->toolTip());
    remove->setFocusPolicy(Qt::StrongFocus);
    head->addWidget(m_action, 1);
    head->addWidget(remove);
    column->addLayout(head);
    addValue(column);
    addLanguages(column);
    addCondition(column);
    connect(remove, &QToolButton::clicked, this, &RuleEditor::removeRequested);
    connect(m_action, &QComboBox::activated, this, [this] {
        const auto key = m_action->currentData().toString().toStdString();
        edit([&](RightsRule& r) {
            for (std::size_t i = 0; i < ruleActions().size(); ++i)
                if (ruleActions()[i].key == key)
                    r.action = static_cast<RuleAction>(i);
        });
    });
    show(rule);
}

void RuleEditor::addValue(QVBoxLayout* column) {
    auto* box = new QVBoxLayout(m_valueBox);
    box->setContentsMargins(0, 0, 0, 0);
    box->setSpacing(kGap1);
    const auto name = tr("Words for %1").arg(saidQt(m_field.label));
    if (m_field.shape == FieldShape::Choice) {
        m_choice = new QComboBox;
        m_choice->setAccessibleName(name);
        m_choice->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        m_choice->addItem(tr("choose"), QString());
        for (const auto& choice : m_field.choices)
            m_choice->addItem(saidQt(choice.label), toQt(choice.key));
        connect(m_choice, &QComboBox::activated, this,
                [this] { takeText(m_choice->currentData().toString()); });
        box->addWidget(m_choice);
    } else if (m_field.multiline) {
        m_lines = new QPlainTextEdit;
        m_lines->setAccessibleName(name);
        m_lines->setTabChangesFocus(true);
        m_lines->setFixedHeight(QFontMetrics(bodyFont()).lineSpacing() * 3 + 14);
        m_lines->installEventFilter(this);
        connect(m_lines, &QPlainTextEdit::textChanged, this, [this] { takeText(m_lines->toPlainText()); });
        box->addWidget(m_lines);
    } else {
        m_line = new QLineEdit;
        m_line->setAccessibleName(name);
        m_line->setPlaceholderText(m_field.shape == FieldShape::List ? tr("parted by semicolons")
                                                                     : QString());
        m_line->installEventFilter(this);
        connect(m_line, &QLineEdit::textEdited, this, &RuleEditor::takeText);
        box->addWidget(m_line);
    }
    auto* row = new QHBoxLayout;
    m_count->setFont(smallFont());
    row->addWidget(m_count, 1);
    if (m_field.shape != FieldShape::Choice) {
        auto* sign = smallButton("©", tr("The copyright sign"));
        sign->setVisible(m_field.key == "copyright_notice");
        connect(sign, &QToolButton::clicked, this, [this] { insertToken("© "); });
        row->addWidget(sign);
        m_tokens = smallButton(tr("Tokens"), tr("Words that are filled in for each picture"));
        m_tokens->setPopupMode(QToolButton::InstantPopup);
        auto* menu = new QMenu(m_tokens);
        for (const auto& token : tokens())
            menu->addAction(QString("{%1}  ·  %2").arg(toQt(token.key), toQt(token.help)), this,
                            [this, key = token.key] { insertToken("{" + toQt(key) + "}"); });
        m_tokens->setMenu(menu);
        row->addWidget(m_tokens);
    }
    box->addLayout(row);
    m_problem->setFont(smallFont());
    m_problem->setWordWrap(true);
    m_problem->setStyleSheet(QString("color: %1;").arg(theme().look.name()));
    box->addWidget(m_problem);
    column->addWidget(m_valueBox);
}

void RuleEditor::addLanguages(QVBoxLayout* column) {
    auto* box = new QVBoxLayout(m_languageBox);
    box->setContentsMargins(0, 0, 0, 0);
    box->setSpacing(kGap1);
    if (m_field.shape == FieldShape::Languages)
        column->addWidget(m_languageBox);
    else
        m_languageBox->setParent(this), m_languageBox->hide();
}

/// One line for each language besides the first.
void RuleEditor::showLanguages() {
    std::vector<std::string> codes;
    for (const auto& [language, text] : m_rule.value.languages)
        codes.push_back(language);
    if (codes != m_codes) {
        m_codes = codes;
        m_languageLines.clear();
        auto* box = static_cast<QVBoxLayout*>(m_languageBox->layout());
        while (auto* item = box->takeAt(0)) {
            if (item->widget())
                item->widget()->deleteLater();
            delete item;
        }
        for (const auto& code : codes)
            box->addWidget(languageRow(code));
        auto* more = smallButton(tr("Another language…"), tr("The same words in one more language"));
        connect(more, &QToolButton::clicked, this, &RuleEditor::addLanguage);
        box->addWidget(more);
    }
    for (const auto& [code, line] : m_languageLines)
        if (!line->hasFocus())
            line->setText(toQt(m_rule.value.languages[code]));
}

QWidget* RuleEditor::languageRow(const std::string& code) {
    auto* widget = new QWidget;
    auto* row = new QHBoxLayout(widget);
    row->setContentsMargins(0, 0, 0, 0);
    auto* label = new QLabel(toQt(code));
    label->setFont(smallFont());
    label->setMinimumWidth(withText(34));
    auto* line = new QLineEdit;
    line->setAccessibleName(tr("%1 in the language %2").arg(saidQt(m_field.label), toQt(code)));
    line->installEventFilter(this);
    auto* remove = new QToolButton;
    remove->setIcon(icon("x"));
    remove->setAccessibleName(tr("Take the language %1 out").arg(toQt(code)));
    remove->setFocusPolicy(Qt::StrongFocus);
    row->addWidget(label);
    row->addWidget(line, 1);
    row->addWidget(remove);
    m_languageLines[code] = line;
    connect(line, &QLineEdit::textEdited, this, [this, code](const QString& text) {
        edit([&](RightsRule& r) { r.value.languages[code] = text.toStdString(); }, true);
    });
    connect(remove, &QToolButton::clicked, this,
            [this, code] { edit([&](RightsRule& r) { r.value.languages.erase(code); }); });
    return widget;
}

void RuleEditor::addLanguage() {
    bool ok = false;
    const auto code =
        QInputDialog::getItem(this, tr("Another language"), tr("Language, as in de, fr-CA or ja"),
                              {"de", "es", "fr", "it", "ja", "nl", "pl", "pt", "zh"}, 0, true, &ok)
            .trimmed();
    static const QRegularExpression form("^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$");
    if (ok && form.match(code).hasMatch())
        edit([&](RightsRule& r) { r.value.languages.emplace(code.toStdString(), ""); });
}

void RuleEditor::addCondition(QVBoxLayout* column) {
    auto* row = new QHBoxLayout;
    for (const auto& kind : conditionKinds())
        m_condition->addItem(kind.key == "always" ? tr("on every picture")
                                                  : tr("if %1").arg(saidQt(kind.label)),
                             toQt(kind.key));
    m_condition->setAccessibleName(tr("On which pictures"));
    m_condition->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_unless->setCheckable(true);
    m_unless->setAccessibleName(tr("Where this does not hold"));
    row->addWidget(m_unless);
    row->addWidget(m_condition, 1);
    column->addLayout(row);
    m_conditionText->setAccessibleName(tr("Words of the condition"));
    m_conditionText->installEventFilter(this);
    column->addWidget(m_conditionText);
    connect(m_condition, &QComboBox::activated, this, [this](int index) {
        edit([&](RightsRule& r) { r.condition.what = static_cast<ConditionKind>(index); });
        if (m_conditionText->isVisible())
            m_conditionText->setFocus();
    });
    connect(m_unless, &QToolButton::toggled, this,
            [this](bool on) { edit([&](RightsRule& r) { r.condition.isNot = on; }); });
    connect(m_conditionText, &QLineEdit::textEdited, this, [this](const QString& text) {
        edit([&](RightsRule& r) { r.condition.text = text.toStdString(); }, true);
    });
}

bool RuleEditor::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::FocusIn)
        m_typing = nextTyping(); // what is typed from here on is one step to undo
    return QWidget::eventFilter(watched, event);
}

void RuleEditor::edit(const std::function<void(RightsRule&)>& change, bool typed) {
    if (m_showing)
        return;
    change(m_rule);
    showParts();
    emit changed(m_rule, typed ? m_typing : 0);
}

void RuleEditor::takeText(const QString& text) {
    edit(
        [&](RightsRule& r) {
            // Spaces at the end stay while they are typed; they are taken off when the copy is made.
            r.value.items = m_field.shape == FieldShape::Text || m_field.shape == FieldShape::Languages
                                ? FieldValue(text.toStdString()).items
                                : fieldFromTyped(m_field, text.toStdString()).items;
        },
        true);
}

void RuleEditor::insertToken(const QString& token) {
    if (m_line) {
        m_line->insert(token);
        m_line->setFocus();
        takeText(m_line->text());
    } else if (m_lines) {
        m_lines->insertPlainText(token);
        m_lines->setFocus();
    }
}

void RuleEditor::show(const RightsRule& rule) {
    m_rule = rule;
    m_showing = true;
    m_action->setCurrentIndex(
        m_action->findData(toQt(ruleActions()[static_cast<std::size_t>(rule.action)].key)));
    const auto text = toQt(rule.value.typed());
    if (m_line && !m_line->hasFocus())
        m_line->setText(text);
    if (m_lines && !m_lines->hasFocus() && m_lines->toPlainText() != text)
        m_lines->setPlainText(text);
    if (m_choice)
        m_choice->setCurrentIndex(std::max(0, m_choice->findData(toQt(rule.value.first()))));
    m_condition->setCurrentIndex(static_cast<int>(rule.condition.what));
    if (!m_conditionText->hasFocus())
        m_conditionText->setText(toQt(rule.condition.text));
    m_unless->setChecked(rule.condition.isNot);
    m_showing = false;
    showParts();
}

/// What belongs to the state of the rule: limits, problems, languages, the words of its condition.
void RuleEditor::showParts() {
    const bool hasWords = m_rule.action == RuleAction::Fill || m_rule.action == RuleAction::Replace ||
                          m_rule.action == RuleAction::Add;
    m_valueBox->setVisible(hasWords);
    m_languageBox->setVisible(hasWords && m_field.shape == FieldShape::Languages);
    const bool conditional = m_rule.condition.what != ConditionKind::Always;
    if (m_field.shape == FieldShape::Languages)
        showLanguages();
    m_conditionText->setVisible(conditional);
    m_conditionText->setPlaceholderText(hintFor(m_rule.condition.what));
    m_unless->setVisible(conditional);
    std::size_t longest = 0;
    for (const auto& item : m_rule.value.items)
        longest = std::max(longest, item.size());
    const auto over = overIimLimit(m_field, m_rule.value);
    m_count->setText(!m_field.iimDataset || m_field.shape == FieldShape::Choice
                         ? QString()
                         : tr("%1 of IIM's %2 bytes").arg(longest).arg(m_field.iimBytes));
    m_count->setStyleSheet(QString("color: %1;").arg((over ? theme().look : theme().quiet).name()));
    m_count->setToolTip(
        tr("IIM, the oldest of the three, counts bytes. Longer texts are cut there and stay whole "
           "in XMP and Exif."));
    auto problem = fieldProblem(m_field, m_rule.value).said();
    if (over)
        problem = saidOf(over, "Cut by {n} byte in IIM; whole in the others.",
                         "Cut by {n} bytes in IIM; whole in the others.");
    m_problem->setText(toQt(problem));
    m_problem->setVisible(!problem.empty());
}

} // namespace keepseal::app
