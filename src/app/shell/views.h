// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The middle of the window: the views of the job, which of them is shown, and of which picture; the line with
// their buttons and notices above, the strip of trials below.
#pragma once

#include "chain/chain_view.h"
#include "check/check_view.h"
#include "leaves/leaves_view.h"
#include "proofs/crop_view.h"
#include "proofs/proof_wall.h"
#include "proofs/single_view.h"
#include "proofs/trial_strip.h"
#include "register/register_view.h"
#include "shell/filter_bar.h"
#include "shell/views_header.h"
#include "start/empty_page.h"
#include "start/first_questions.h"
#include "words/words_view.h"

#include <QStackedWidget>

namespace keepseal::app {

class Views : public QWidget {
    Q_OBJECT
public:
    /// `chain`: what is cropped depends on the station that is chosen. None is owned.
    Views(JobDocument* document, PictureLibrary* library, EncodedProof* encoded, HardCases* hardCases,
          ChainView* chain);

    ViewKind view() const { return m_view; }
    void setView(ViewKind view);
    /// What is shown follows what is there: after any change of what it depends on.
    void refresh();
    void refreshKeepingFocus();
    OriginalId lookedAt() const { return m_lookedAt; }
    /// The picture before or after the one looked at, of those that are shown.
    void step(int direction);
    /// Whether the picture is shown with its crop, or with what filling trims away.
    bool cropping() const;
    /// Tables need the width that the drawer takes.
    bool needsWidth() const;
    void showFilter();
    void pickColour();

    QString notice() const { return m_notice; }
    /// Above the view, until the person closes it or something else is to be said; empty: nothing.
    void showNotice(const QString& text);

    ProofWall& wall() { return *m_wall; }
    SingleView& single() { return *m_single; }
    CropView& crop() { return *m_crop; }
    WordsView& words() { return *m_words; }
    LeavesView& leaves() { return *m_leaves; }
    CheckView& check() { return *m_check; }
    RegisterView& registerView() { return *m_register; }
    ViewsHeader& header() { return *m_header; }
    FilterBar& filterBar() { return *m_filterBar; }
    TrialStrip& strip() { return *m_strip; }
    EmptyPage& emptyPage() { return *m_empty; }
    FirstQuestions& firstQuestions() { return *m_first; }
    /// In place of the empty page, until they are put away.
    void askFirst(bool ask);
    bool asksFirst() const { return m_stack->currentWidget() == m_first; }
    /// Where keys about the chosen pictures work.
    std::vector<QWidget*> pictureViews() const;

signals:
    void lookedAtChanged(quint64 id);
    void viewChanged(); ///< a person or the window chose one
    void shown();       ///< what is shown may be another one, or have another width
    void surroundRequested();

private:
    void arrange();
    void connectViews();
    void connectWall();
    void setLookedAt(OriginalId id);
    void takeOriginals();
    QWidget* wanted() const;

    JobDocument* m_document;
    ChainView* m_chain;
    ViewsHeader* m_header;
    QStackedWidget* m_stack;
    EmptyPage* m_empty;
    FirstQuestions* m_first;
    bool m_askFirst = false;
    QWidget* m_wallPage;
    FilterBar* m_filterBar;
    ProofWall* m_wall;
    SingleView* m_single;
    CropView* m_crop;
    WordsView* m_words;
    LeavesView* m_leaves;
    CheckView* m_check;
    RegisterView* m_register;
    TrialStrip* m_strip;
    ViewKind m_view = ViewKind::Wall;
    OriginalId m_lookedAt = 0;
    QString m_notice;
};

} // namespace keepseal::app
