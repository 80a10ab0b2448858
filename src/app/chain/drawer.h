// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The drawer of the chosen station: one control per row of the station's table, and nothing else. It is built
// from the table; no setting has code of its own here.
#pragma once

#include "chain/border_editor.h"
#include "chain/left_list.h"
#include "chain/quality_curve.h"
#include "leaves/privacy_editor.h"
#include "widgets/setting_form.h"
#include "widgets/side_area.h"
#include "words/rights_editor.h"

#include <QHBoxLayout>
#include <QLabel>

namespace keepseal::app {

class Drawer : public SideArea {
    Q_OBJECT
public:
    Drawer(JobDocument* document, PictureLibrary* library, EncodedProof* encoded, QWidget* parent = nullptr);
    void showStation(StationId station);
    /// How files of the job will be called and where they go, as planned.
    void setPlaceExamples(const QStringList& examples);
    void setLookedAt(OriginalId id);
    void renewLeft(); ///< a run came to its end
    /// The control of a setting of the shown station ("seal.size"), for focus and for tests.
    QWidget* control(const std::string& path) const;
    BorderEditor* borderEditor() { return m_border; }    ///< nullptr unless the border is shown
    QualityCurve* qualityCurve() { return m_curve; }     ///< nullptr unless the file is shown
    RightsEditor* rightsEditor() { return m_rights; }    ///< nullptr unless the rights are shown
    PrivacyEditor* privacyEditor() { return m_privacy; } ///< nullptr unless privacy is shown
    LeftList* leftList() { return m_left; }              ///< nullptr unless the place is shown
    QString sizes() const { return m_sizes ? m_sizes->text() : QString(); }

signals:
    void benchRequested();
    void libraryRequested();
    void bordersRequested();
    void sheetsShown(); ///< the rights editor was made: its menu of sheets is empty
    void leavesRequested();
    void stationRequested(keepseal::StationId station);
    void cropRequested();              ///< this picture, with its frame
    void detailRequested(int percent); ///< before and after, at 100 or 200 %
    void tryPlaceRequested();          ///< where copies are sent
    void passwordRequested();
    void outboxRequested();
    void historyRequested(); ///< of the picture looked at
    void pickRequested();    ///< a colour from the picture for the border's chosen ring

private:
    void rebuild();
    void refresh();
    void addHeadButtons(QHBoxLayout* head);
    void addMeasured(QVBoxLayout* column);
    QPushButton* tokensButton();
    void addExtras(QVBoxLayout* column);
    SettingForm* addForm(QVBoxLayout* column, const std::vector<const SettingInfo*>& rows);
    void showSizes();
    void showLeft();
    QStringList m_examples;
    void showCurve();
    void refreshWords();

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    JobDocument* m_document;
    PictureLibrary* m_library;
    StationId m_station = StationId::Seal;
    OriginalId m_lookedAt = 0;
    EncodedProof* m_encoded;
    std::vector<SettingForm*> m_forms;
    BorderEditor* m_border = nullptr;
    QualityCurve* m_curve = nullptr;
    QLabel* m_sizes = nullptr;
    RightsEditor* m_rights = nullptr;
    PrivacyEditor* m_privacy = nullptr;
    LeftList* m_left = nullptr;
};

} // namespace keepseal::app
