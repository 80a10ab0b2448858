// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One rule of a rights sheet: what is done with its field, with which words, and on which pictures.
#pragma once

#include "document/job_document.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QToolButton>

#include <functional>

namespace keepseal::app {

class RuleEditor : public QWidget {
    Q_OBJECT
public:
    RuleEditor(const FieldInfo& field, const RightsRule& rule, int number, QWidget* parent = nullptr);
    /// Shows another state of the same rule; what is being typed is left alone.
    void show(const RightsRule& rule);
    QComboBox* action() { return m_action; }
    QLineEdit* line() { return m_line; }        ///< nullptr for texts of several lines and choices
    QPlainTextEdit* lines() { return m_lines; } ///< nullptr otherwise
    QComboBox* choice() { return m_choice; }    ///< nullptr otherwise
    QComboBox* condition() { return m_condition; }
    QLineEdit* conditionText() { return m_conditionText; }
    QToolButton* tokenButton() { return m_tokens; }
    QString counted() const { return m_count->text(); }

signals:
    void changed(const keepseal::RightsRule& rule, int typing); ///< the same `typing`: one series of keys
    void removeRequested();

private:
    void addValue(class QVBoxLayout* column);
    void addLanguages(class QVBoxLayout* column);
    void addCondition(class QVBoxLayout* column);
    void edit(const std::function<void(RightsRule&)>& change, bool typed = false);
    void showLanguages();
    QWidget* languageRow(const std::string& code);
    void addLanguage();
    void takeText(const QString& text);
    void insertToken(const QString& token);
    void showParts();
    bool eventFilter(QObject* watched, QEvent* event) override;

    const FieldInfo& m_field;
    RightsRule m_rule;
    int m_typing = 0;
    bool m_showing = false;
    QComboBox *m_action, *m_choice = nullptr, *m_condition;
    QLineEdit *m_line = nullptr, *m_conditionText;
    QPlainTextEdit* m_lines = nullptr;
    QToolButton *m_unless, *m_tokens = nullptr;
    QWidget *m_valueBox, *m_languageBox;
    QLabel *m_count, *m_problem;
    std::vector<std::string> m_codes = {"-"}; ///< of the lines shown; none were yet
    std::map<std::string, QLineEdit*> m_languageLines;
};

} // namespace keepseal::app
