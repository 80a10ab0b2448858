// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Plan and check: before a run every copy that will be made, after it what was promised and what was found in
// each finished file, worst first, with original and copy under one loupe.
#pragma once

#include "check/check_model.h"
#include "check/loupe.h"
#include "check/taking_out.h"
#include "document/job_document.h"

#include <QWidget>

#include <functional>

class QTextBrowser;
class QComboBox;
class QLabel;
class QLineEdit;
class QMenu;
class QPushButton;
class QSplitter;
class QTableView;
class QToolButton;

namespace keepseal::app {

class CheckView : public QWidget {
    Q_OBJECT
public:
    /// `decoded`: for the originals under the loupe.
    explicit CheckView(std::shared_ptr<DecodedPictures> decoded, QWidget* parent = nullptr);
    CheckModel* model() { return m_model; }
    /// `sampled`: copies that the bytes were estimated from.
    /// `cards`: which cards the plan's deliveries are; may be empty.
    void showPlan(const Plan& plan, const Forecast* ahead, std::size_t sampled,
                  std::vector<DeliveryId> cards);
    /// `plan`: what was carried out, for the loupe; may be null.
    void showLedger(const RunResult& result, const Plan* plan, std::vector<DeliveryId> cards);
    /// Of the rows that are shown, by their delivery.
    const std::vector<DeliveryId>& cards() const { return m_cards; }
    void chooseLine(int line); ///< of those that are shown, as a click on it
    QTableView* table() { return m_table; }
    CheckFilter* filter() { return m_filter; }
    QComboBox* show() { return m_show; }
    Loupe* loupe() { return m_loupe; }
    QPushButton* againButton() { return m_again; }
    QPushButton* reportButton() { return m_report; }
    QPushButton* mendButton() { return m_mend; }
    QPushButton* acceptButton() { return m_accept; }
    /// Shows those that are or will be held back, and chooses the first.
    void showHeldBack();
    QString summary() const;
    QString detail() const;
    /// The rows chosen, as in the model.
    std::vector<LedgerRow> chosen() const;
    /// Shown by "Again with"; not owned.
    void setAgainMenu(QMenu* menu);
    /// Asked what became of a copy that was to be sent; empty: nothing.
    using SentWords = std::function<QString(const LedgerRow&)>;
    void setSentWords(SentWords words) { m_sentWords = std::move(words); }
    /// What became of sent copies has changed.
    void renewSent();

protected:
    void resizeEvent(QResizeEvent* event) override;

signals:
    void originalRequested(const QString& path);
    void stationRequested(const keepseal::LedgerRow& row);
    void mendRequested(const keepseal::LedgerRow& row); ///< to where the cause lies
    void acceptRequested();                             ///< the chosen ones, all the same
    void albumRequested();
    void csvRequested();
    void proofSheetRequested(int up);
    void printRequested(int up);
    void contactRequested(bool html);
    void fileRequested(const QString& file); ///< to be shown in its folder

private:
    QWidget* makeActions();
    QWidget* makeBelow();
    void showDetail();
    void showWords(const LedgerRow& row);
    SentWords m_sentWords;
    void fitColumns(bool ran, std::size_t deliveries, std::size_t places);
    void fillWidth();
    void fillShow();
    void applyShow();
    void showRemedies();
    QString remedyWord() const;

    CheckModel* m_model;
    CheckFilter* m_filter;
    QLabel* m_summary;
    QTextBrowser* m_detail;
    QTableView* m_table;
    QComboBox* m_show;
    QLineEdit* m_words;
    QPushButton *m_again, *m_folder, *m_report, *m_mend, *m_accept;
    QToolButton* m_zooms[3] = {};
    Loupe* m_loupe;
    std::shared_ptr<DecodedPictures> m_decoded;
    TakingOut m_takingOut;
    QSplitter* m_split;
    QWidget* m_loupeSide;
    std::vector<Delivery> m_deliveries; ///< of the run that is shown, in its order
    std::map<std::filesystem::path, PictureException> m_exceptions;
    std::vector<DeliveryId> m_cards;
};

} // namespace keepseal::app
