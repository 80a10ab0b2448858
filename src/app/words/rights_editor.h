// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The rights sheet in the drawer: field by field what the copy of the picture looked at will say, what the
// original says there, and which rule made the difference; the rules of one field open below it.
#pragma once

#include "document/chain_of.h"
#include "words/rule_editor.h"

#include <QPushButton>

namespace keepseal::app {

/// One field: its value in the copy, and what became of the original's.
class FieldRow : public QAbstractButton {
    Q_OBJECT
public:
    explicit FieldRow(const FieldInfo& field, QWidget* parent = nullptr);
    void show(const FieldOutcome& outcome, const RightsSheet& sheet, bool hasPicture);
    const FieldInfo& field() const { return m_field; }
    QString after() const { return m_after; }
    QString before() const { return m_before; }
    QString source() const { return m_source; }
    QStringList notes() const { return m_notes; }
    bool hasSomething() const { return !m_after.isEmpty() || !m_before.isEmpty() || !m_notes.isEmpty(); }
    QSize sizeHint() const override;
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    int layOut(int width, QPainter* painter) const;
    const FieldInfo& m_field;
    QString m_after, m_before, m_source;
    QStringList m_notes;
    bool m_place = false;
};

class RightsEditor : public QWidget {
    Q_OBJECT
public:
    RightsEditor(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void setLookedAt(OriginalId id);
    void refresh();
    void openField(const std::string& key); ///< empty closes
    void showAll(bool all);
    FieldRow* row(const std::string& key) const;
    const std::vector<RuleEditor*>& rules() const { return m_rules; } ///< of the open field
    QPushButton* addRuleButton() { return m_addRule; }
    QPushButton* sheetsButton() { return m_sheets; }
    QPushButton* allButton() { return m_all; }

signals:
    void sheetsRequested(); ///< the menu of saved sheets is about to be shown

private:
    struct Group {
        QLabel* heading;
        std::vector<FieldRow*> rows;
    };
    void rebuildRules();
    void addEditor(const RightsRule& rule, int number);
    std::optional<std::size_t>
    indexOf(RuleEditor* editor) const; ///< among the sheet's rules; none for a draft
    void takeRule(RuleEditor* editor, const RightsRule& rule, int typing);
    QString labelOfOpen() const;
    std::vector<std::size_t> rulesOf(const std::string& key) const;
    const RightsSheet& sheet() const { return m_document->currentDelivery().rights; }

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id = 0;
    QPushButton *m_sheets, *m_all, *m_addRule;
    QLabel* m_about;
    std::vector<Group> m_groups;
    std::string m_open;
    QWidget* m_opened; ///< the rules of the open field, moved below its row
    class QVBoxLayout *m_column, *m_ruleColumn;
    std::vector<RuleEditor*> m_rules;
    std::vector<std::size_t> m_ruleIndexes;
};

} // namespace keepseal::app
