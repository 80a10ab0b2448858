// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The register: every copy that ever left, looked for by words, days, delivery and seal; one of them with its
// history; and what a picture is that was met somewhere.
#pragma once

#include "recognise/history.h"
#include "register/answer_view.h"
#include "register/register_model.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QListView;
class QMenu;
class QPushButton;
class QStackedWidget;
class QTableView;
class QTextBrowser;
class QTimer;
class QToolButton;

namespace keepseal::app {

class JobDocument;
class TwoPictures;

class RegisterView : public QWidget {
    Q_OBJECT
public:
    /// `document`: what deliveries and pictures are now; not owned.
    explicit RegisterView(JobDocument* document, QWidget* parent = nullptr);

    /// What is known may have changed: a run came to its end.
    void renew();
    /// All that left of that original.
    void showHistoryOf(const std::filesystem::path& original);
    void ask(const std::vector<std::filesystem::path>& paths);
    /// A picture or files on the clipboard. False: there is neither.
    bool askClipboard();
    /// Shows something though there are no pictures in the job.
    bool asking() const;
    AnswerView& answer() { return *m_answer; }
    RegisterModel& model() { return m_model; }
    QLineEdit* words() { return m_words; }
    QLineEdit* days() { return m_days; }
    QComboBox* delivery() { return m_delivery; }
    QComboBox* kind() { return m_kind; }
    QPushButton* againButton() { return m_again; }
    QToolButton* moreButton() { return m_more; }
    QAbstractButton* tableButton();
    QString summary() const;
    QString page() const;
    void choose(int row);
    /// The copies chosen, at most as many as are listed.
    std::vector<RegisteredCopy> chosen() const;
    RegisterSearch search() const;
    /// Also while what was typed is waited with.
    bool busy() const;

signals:
    void whatRequested(); ///< to choose files for "What is this?"
    void againRequested(const std::vector<keepseal::RegisteredCopy>& copies);
    void originalRequested(const QString& path);
    void folderRequested(const QString& folder);
    void csvRequested();
    void verifyRequested();
    void exportRequested();
    void importRequested();
    void rebuildRequested();
    void forgetRequested();

protected:
    void showEvent(QShowEvent* event) override;
    void changeEvent(QEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    struct History {
        std::optional<RegisteredCopy> copy; ///< nothing: none of this original left
        std::vector<LeftCopy> left;
        std::vector<HeldCopy> held;
        QImage picture;
    };
    QWidget* makeSearch();
    QWidget* makeFound();
    QWidget* makeDetail();
    void fillMore();
    void searchSoon();
    void searchNow();
    void showSearched();
    void showChosen();
    void say(const QString& text);
    JobDocument* m_document;
    RegisterModel m_model;
    QStackedWidget *m_pages, *m_found;
    AnswerView* m_answer;
    QLineEdit *m_words, *m_days;
    QComboBox *m_delivery, *m_kind;
    QLabel *m_summary, *m_nothing;
    QListView* m_wall;
    QTableView* m_table;
    QToolButton *m_asWall, *m_asTable, *m_more;
    TwoPictures* m_picture;
    QTextBrowser* m_page;
    QPushButton *m_what, *m_again, *m_show, *m_folder;
    QTimer* m_later;
    std::filesystem::path m_of; ///< only copies of that original; empty: of all
    QString m_wrong;            ///< what is wrong with what was typed
    LatestTask<History> m_historyTask;
};

} // namespace keepseal::app
