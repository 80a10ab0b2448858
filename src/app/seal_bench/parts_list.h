// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The parts of the seal as a list, groups with what they hold: choose, show and hide, lock, rename, reorder.
#pragma once

#include "document/job_document.h"
#include "seal/edit.h"

#include <QTreeWidget>

namespace keepseal::app {

/// "Text “(c) Studio”"
QString partInWords(const SealPart& part);

class PartsList : public QTreeWidget {
    Q_OBJECT
public:
    explicit PartsList(JobDocument* document, QWidget* parent = nullptr);
    void showSelection(const PartIds& ids);
    PartIds selection() const;
    void refresh();

signals:
    void selectionChosen(const keepseal::PartIds& ids);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    QSize sizeHint() const override;

private:
    std::vector<std::tuple<std::string, std::string, std::string, bool, bool, QString>> content() const;
    void add(QTreeWidgetItem* into, const std::string& parent);
    void fitRows();
    void onClicked(QTreeWidgetItem* item, int column);
    void onRenamed(QTreeWidgetItem* item, int column);

    JobDocument* m_document;
    bool m_refreshing = false;
    std::vector<std::tuple<std::string, std::string, std::string, bool, bool, QString>>
        m_shown; ///< what the list says
};

} // namespace keepseal::app
