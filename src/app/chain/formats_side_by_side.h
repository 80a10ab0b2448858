// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The looked-at copy in every format there is: a piece of it as it would be saved, its bytes, and what of the
// difference can be seen, each encoded by the call that makes copies. A click takes one.
#pragma once

#include "document/chain_of.h"
#include "tasks/latest_task.h"

#include <QDialog>
#include <QImage>

class QCheckBox;
class QGridLayout;
class QLabel;
class QPushButton;

namespace keepseal::app {

class FormatsSideBySide : public QDialog {
    Q_OBJECT
public:
    FormatsSideBySide(JobDocument* document, PictureLibrary* library, OriginalId id,
                      QWidget* parent = nullptr);
    bool settled() const { return !m_task.busy(); }
    /// What a card says: "412 kB, difference 84.1, quality 78"; for a screen reader and for tests.
    QString said(const std::string& format) const;
    QPushButton* takeButton(const std::string& format) const;
    QCheckBox* alike() { return m_alike; }

private:
    struct Made {
        std::string format;
        QImage piece;
        qulonglong bytes = 0;
        std::optional<double> score; ///< nothing where the file has other pixels: a page, a smaller copy
        std::optional<int> quality;
        QString problem; ///< why there is none; empty: there is
    };
    struct Card {
        QLabel *piece = nullptr, *words = nullptr;
        QPushButton* take = nullptr;
    };
    /// Tells each as it is made.
    static bool makeAll(const PictureInfo& info, const Delivery& delivery, const PictureException& exception,
                        DecodedPictures& originals, const TaskRun<Made>& run);
    void addCard(QGridLayout* grid, int index, const std::string& format);
    void render();
    void showCard(const Made& made);
    void take(const std::string& format);

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id;
    QCheckBox* m_alike;
    std::map<std::string, Card> m_cards;
    LatestTask<bool, Made> m_task;
};

} // namespace keepseal::app
