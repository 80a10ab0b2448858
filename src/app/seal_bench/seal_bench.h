// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The bench on which the seal of the current delivery is designed: its parts and looks at the left, the
// canvas in the middle, what is chosen at the right, and the trial strip always in view below. Every change
// is a change of the document, so all proofs of the job have it already when the bench is left.
#pragma once

#include "proofs/trial_strip.h"
#include "seal/edit.h"
#include "seal_bench/advice_box.h"
#include "seal_bench/one_look_box.h"
#include "seal_bench/parts_list.h"
#include "seal_bench/seal_canvas.h"
#include "widgets/controls.h"
#include "widgets/setting_form.h"

class QLabel;
class QLineEdit;
class QPushButton;
class QToolButton;
class QVBoxLayout;

namespace keepseal::app {

class SealBench : public QWidget {
    Q_OBJECT
public:
    SealBench(JobDocument* document, PictureLibrary* library, HardCases* cases, QWidget* parent = nullptr);
    void showPicture(OriginalId id);
    SealCanvas& canvas() { return *m_canvas; }
    PartsList& parts() { return *m_parts; }
    /// What a person asks of a seal; each has its own settings.
    enum class Question { Looks, Stands, Adapts };
    void ask(Question question);
    SettingForm& formOf(Question question) { return *m_forms[static_cast<std::size_t>(question)]; }
    SettingForm& partForm() { return *m_partForm; }
    TrialStrip& strip() { return *m_strip; }
    OneLookBox& oneLook() { return *m_oneLook; }
    AdviceBox& advice() { return *m_advice; }
    void choose(const PartIds& ids);
    void addText();
    void addLogo(const QString& file);
    /// For the chosen texts; for all where none is chosen.
    void setTypeface(const std::string& family);
    void addEmblem(); ///< the logo that stands for who makes the copies
    void addShape();
    bool settled() const;
    void renewLook();
    /// A word beside the name, for a moment.
    void say(const QString& text);
    QString said() const;

signals:
    void closed();
    void libraryRequested();
    void keepRequested();
    void trialRequested();
    void typefaceDropped(const QString& file);
    void pictureChosen(keepseal::app::OriginalId id);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* makeTop();
    QWidget* makeLeft();
    QWidget* makeQuestions();
    QWidget* makeMiddle();
    QWidget* makeRight();
    QWidget* makeGrounds();
    QWidget* makePartActions();
    QWidget* makeAlignActions();
    QWidget* makeTextHelp();
    QToolButton* tool(const QString& iconName, const QString& what, const std::function<void()>& act);
    AsMade asMade() const;
    void edit(const QString& what, const std::function<void(SealDesign&)>& change, int merge = 0);
    void add(SealPart part, const QString& what);
    void insertInText(const QString& text);
    void refresh();
    void refreshPart();
    void showRowsThatMatter();
    void setPartSetting(const std::string& key, const SettingValue& value, int drag);

    JobDocument* m_document;
    PictureLibrary* m_library;
    QLineEdit* m_name;
    QLabel* m_of;
    QTimer m_saying;
    PartsList* m_parts;
    std::array<SettingForm*, 3> m_forms; ///< by question
    SegmentControl* m_questions;
    SettingForm* m_partForm;
    SealCanvas* m_canvas;
    TrialStrip* m_strip;
    OneLookBox* m_oneLook;
    AdviceBox* m_advice;
    QLabel *m_partTitle, *m_reading, *m_zoom;
    QWidget *m_partBox, *m_wholeBox, *m_textHelp, *m_alignBox;
    QPushButton* m_perspective;
    std::string m_shownPart; ///< whose rows the form holds
    PartKind m_shownKind = PartKind::Text;
};

} // namespace keepseal::app
