// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/setting_form.h"

#include "widgets/about_line.h"

#include "base/problem.h"
#include "base/text.h"
#include "theme/theme.h"
#include "widgets/controls.h"
#include "widgets/typeface_box.h"

#include <QComboBox>
#include <QEvent>
#include <QFile>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QString toText(const std::string& utf8) {
    return QString::fromStdString(utf8);
}

/// Text in several lines that tells when the person comes to it, so that its typing is one undo step.
class TextBox : public QPlainTextEdit {
public:
    explicit TextBox(std::function<void()> onFocus) : m_onFocus(std::move(onFocus)) {}

protected:
    void focusInEvent(QFocusEvent* event) override {
        m_onFocus();
        QPlainTextEdit::focusInEvent(event);
    }

private:
    std::function<void()> m_onFocus;
};

void clear(QLayout* layout) {
    while (auto* item = layout->takeAt(0)) {
        if (item->widget())
            delete item->widget();
        else if (item->layout())
            clear(item->layout());
        delete item;
    }
}

QString captionOf(const SettingInfo& info) {
    auto label = toText(info.label);
    if (info.unit.starts_with("% "))
        label = toText(saidTogether({info.label, info.unit}));
    return label;
}

} // namespace

SettingForm::SettingForm(QWidget* parent, Folding folding) : QWidget(parent), m_folding(folding) {
    startDrag();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGap2);
}

void SettingForm::setRows(const std::vector<const SettingInfo*>& rows, const std::string& prefix) {
    m_rows.clear();
    m_folds.clear();
    auto* column = static_cast<QVBoxLayout*>(layout());
    clear(column);
    auto* into = column;
    std::string group;
    for (const auto* info : rows) {
        if (info->group != group) {
            group = info->group;
            into = group.empty() ? column : heading(column, toText(group), toText(said(group)));
        }
        const auto path = prefix + info->key;
        auto& row = m_rows[path];
        row.box = new QWidget;
        auto* box = new QVBoxLayout(row.box);
        box->setContentsMargins(0, 0, 0, 0);
        box->setSpacing(kGap1);
        if (info->kind != SettingKind::Switch) {
            auto* caption = new QLabel(captionOf(*info));
            caption->setToolTip(toText(info->help));
            caption->setWordWrap(true);
            box->addWidget(caption);
        }
        row.control = makeControl(path, *info, row);
        row.control->setToolTip(toText(info->help));
        setAbout(row.box, captionOf(*info) + ": " + toText(info->help));
        const bool narrow = qobject_cast<PlaceControl*>(row.control) != nullptr;
        box->addWidget(row.control, 0, narrow ? Qt::AlignLeft : Qt::Alignment());
        into->addWidget(row.box);
    }
}

QVBoxLayout* SettingForm::heading(QVBoxLayout* column, const QString& group, const QString& text) {
    auto* inside = new QWidget;
    auto* rows = new QVBoxLayout(inside);
    rows->setContentsMargins(0, 0, 0, kGap2);
    rows->setSpacing(kGap2);
    if (m_folding == Folding::Flat) {
        auto* label = new QLabel(text);
        label->setFont(strongFont());
        column->addSpacing(kGap1);
        column->addWidget(label);
        column->addWidget(inside);
        return rows;
    }
    auto* button = new QToolButton;
    button->setText(text);
    button->setFont(strongFont());
    button->setCheckable(true);
    button->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    button->setFocusPolicy(Qt::StrongFocus);
    button->setStyleSheet(
        QString("QToolButton { border: none; text-align: %1; padding: 4px 0; background: transparent; }"
                "QToolButton:focus { color: palette(highlight); }")
            .arg(QGuiApplication::isRightToLeft() ? "right" : "left"));
    button->setAccessibleName(tr("%1, settings").arg(text));
    const auto fold = [this, button, inside, group](bool open) {
        m_open[group] = open;
        button->setArrowType(open                               ? Qt::DownArrow
                             : QGuiApplication::isRightToLeft() ? Qt::LeftArrow
                                                                : Qt::RightArrow);
        button->setChecked(open);
        inside->setVisible(open);
    };
    connect(button, &QToolButton::clicked, this, fold);
    column->addWidget(button);
    column->addWidget(inside);
    const auto show = [this, button, inside, group](bool visible) {
        button->setVisible(visible);
        inside->setVisible(visible && m_open[group]);
    };
    m_folds[group] = {button, fold, show};
    fold(m_open[group]);
    return rows;
}

void SettingForm::unfold(const QString& group) {
    if (const auto found = m_folds.find(group); found != m_folds.end())
        found->second.open(true);
}

void SettingForm::setGroupVisible(const QString& group, bool visible) {
    if (const auto found = m_folds.find(group); found != m_folds.end())
        found->second.show(visible);
}

void SettingForm::setValue(const std::string& path, const SettingValue& value) {
    const auto found = m_rows.find(path);
    if (found == m_rows.end() || !found->second.set)
        return;
    m_setting = true;
    found->second.set(value);
    m_setting = false;
}

void SettingForm::setRowVisible(const std::string& path, bool visible) {
    if (const auto found = m_rows.find(path); found != m_rows.end())
        found->second.box->setVisible(visible);
}

QWidget* SettingForm::control(const std::string& path) const {
    const auto found = m_rows.find(path);
    return found == m_rows.end() ? nullptr : found->second.control;
}

/// Counted over all forms, so that a new form never goes on with an old one's movement.
void SettingForm::startDrag() {
    static int drags = 0;
    m_drag = ++drags;
}

void SettingForm::change(const std::string& path, const SettingValue& value) {
    if (!m_setting)
        emit changed(path, value, m_drag);
}

QWidget* SettingForm::makeControl(const std::string& path, const SettingInfo& info, Row& row) {
    const auto name = toText(info.label);
    switch (info.kind) {
    case SettingKind::Switch: {
        auto* control = new SwitchControl(name);
        connect(control, &QAbstractButton::toggled, this, [this, path](bool on) {
            startDrag();
            change(path, on);
        });
        row.set = [control](const SettingValue& v) { control->setChecked(std::get<bool>(v)); };
        return control;
    }
    case SettingKind::Number: {
        auto* control = new NumberControl(info.range, toText(info.unit), name);
        connect(control, &NumberControl::dragStarted, this, &SettingForm::startDrag);
        connect(control, &NumberControl::changed, this, [this, path](double value) { change(path, value); });
        row.set = [control](const SettingValue& v) { control->setValue(std::get<double>(v)); };
        return control;
    }
    case SettingKind::Colour: {
        auto* control = new ColourControl(name);
        connect(control, &ColourControl::dragStarted, this, &SettingForm::startDrag);
        connect(control, &ColourControl::changed, this,
                [this, path](const std::string& v) { change(path, v); });
        row.set = [control](const SettingValue& v) { control->setValue(std::get<std::string>(v)); };
        return control;
    }
    case SettingKind::Choice:
        return makeChoice(path, info, row);
    case SettingKind::Folder:
    case SettingKind::File:
        return makePath(path, info, row);
    case SettingKind::Family:
        return makeFamily(path, info, row);
    case SettingKind::Text:
        break;
    }
    return makeText(path, info, row);
}

QWidget* SettingForm::makeChoice(const std::string& path, const SettingInfo& info, Row& row) {
    const auto name = toText(info.label);
    const auto onChange = [this, path](const std::string& key) {
        startDrag();
        change(path, key);
    };
    if (info.choices.size() == 9 && info.key == "place") {
        auto* control = new PlaceControl(info.choices);
        connect(control, &PlaceControl::changed, this, onChange);
        row.set = [control](const SettingValue& v) { control->setValue(std::get<std::string>(v)); };
        return control;
    }
    qsizetype letters = 0;
    for (const auto& choice : info.choices)
        letters += toText(choice.label).size() + 2;
    if (letters <= 32 && info.choices.size() <= 4) {
        auto* control = new SegmentControl(info.choices, name);
        connect(control, &SegmentControl::changed, this, onChange);
        row.set = [control](const SettingValue& v) { control->setValue(std::get<std::string>(v)); };
        return control;
    }
    auto* control = new QComboBox;
    control->setSizeAdjustPolicy(
        QComboBox::AdjustToMinimumContentsLengthWithIcon); // a long choice widens no drawer
    control->setMinimumContentsLength(6);
    control->setAccessibleName(name);
    for (const auto& choice : info.choices)
        control->addItem(toText(choice.label), toText(choice.key));
    connect(control, &QComboBox::activated, this,
            [control, onChange](int index) { onChange(control->itemData(index).toString().toStdString()); });
    row.set = [control](const SettingValue& v) {
        control->setCurrentIndex(control->findData(toText(std::get<std::string>(v))));
    };
    return control;
}

QWidget* SettingForm::makeText(const std::string& path, const SettingInfo& info, Row& row) {
    if (info.multiline) {
        auto* control = new TextBox([this] { startDrag(); });
        control->setAccessibleName(toText(info.label));
        control->setTabChangesFocus(true);
        control->setFixedHeight(withText(54));
        connect(control, &QPlainTextEdit::textChanged, this, [this, path, control, limit = info.maxBytes] {
            change(path, cutUtf8(control->toPlainText().toStdString(), limit));
        });
        row.set = [control](const SettingValue& v) {
            if (control->toPlainText().toStdString() != std::get<std::string>(v))
                control->setPlainText(toText(std::get<std::string>(v)));
        };
        return control;
    }
    if (!info.suggestions.empty())
        return makeSuggested(path, info, row);
    auto* control = new QLineEdit;
    control->setAccessibleName(toText(info.label));
    connect(control, &QLineEdit::editingFinished, this, &SettingForm::startDrag);
    connect(control, &QLineEdit::textEdited, this, [this, path, limit = info.maxBytes](const QString& text) {
        change(path, cutUtf8(text.toStdString(), limit));
    });
    row.set = [control](const SettingValue& v) {
        if (control->text().toStdString() != std::get<std::string>(v))
            control->setText(toText(std::get<std::string>(v)));
    };
    return control;
}

/// Common values to choose from, and room to type another.
QWidget* SettingForm::makeSuggested(const std::string& path, const SettingInfo& info, Row& row) {
    auto* control = new QComboBox;
    control->setSizeAdjustPolicy(
        QComboBox::AdjustToMinimumContentsLengthWithIcon); // a long choice widens no drawer
    control->setMinimumContentsLength(6);
    control->setEditable(true);
    control->setInsertPolicy(QComboBox::NoInsert);
    control->setAccessibleName(toText(info.label));
    control->lineEdit()->setAccessibleName(toText(info.label)); // it has the focus
    for (const auto& value : info.suggestions)
        control->addItem(toText(value));
    // What is typed half-way is not taken; who leaves it so finds the last right value again.
    const auto take = [this, path, accepts = info.accepts](const std::string& text) {
        if (!accepts || accepts(text))
            change(path, text);
    };
    connect(control, &QComboBox::activated, this, [this, take, control] {
        startDrag();
        take(control->currentText().toStdString());
    });
    connect(control->lineEdit(), &QLineEdit::textEdited, this,
            [take](const QString& text) { take(text.toStdString()); });
    connect(control->lineEdit(), &QLineEdit::editingFinished, this, [this, path] {
        startDrag();
        emit stale(path);
    });
    row.set = [control](const SettingValue& v) {
        const auto text = toText(std::get<std::string>(v));
        if (control->currentText() != text)
            control->setEditText(text);
    };
    return control;
}

QWidget* SettingForm::makePath(const std::string& path, const SettingInfo& info, Row& row) {
    const bool folder = info.kind == SettingKind::Folder;
    auto* box = new QWidget;
    auto* line = qobject_cast<QLineEdit*>(makeText(path, info, row));
    auto* layout = new QHBoxLayout(box);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(kGap1);
    line->setPlaceholderText(folder ? tr("no folder yet") : tr("no file yet"));
    line->setClearButtonEnabled(true);
    auto* browse = new QPushButton(icon(folder ? "folder-open" : "image"), {});
    const auto what = folder ? tr("Choose the folder") : tr("Choose the file");
    browse->setAccessibleName(what);
    browse->setToolTip(what);
    browse->setStyleSheet("padding: 5px 8px;");
    // The line edit clears by its own button without "edited": every change counts here.
    connect(line, &QLineEdit::textChanged, this, [this, path, limit = info.maxBytes](const QString& text) {
        change(path, cutUtf8(text.toStdString(), limit));
    });
    connect(browse, &QPushButton::clicked, this, [this, path, line, folder, what] {
        const auto chosen =
            folder ? QFileDialog::getExistingDirectory(this, what, line->text())
                   : QFileDialog::getOpenFileName(
                         this, what, {}, tr("Logos (*.svg *.pdf *.png *.tif *.tiff *.webp *.jpg *.jpeg)"));
        if (!chosen.isEmpty()) {
            startDrag();
            change(path, chosen.toStdString());
        }
    });
    layout->addWidget(line, 1);
    layout->addWidget(browse);
    box->setFocusProxy(line);
    return box;
}

QWidget* SettingForm::makeFamily(const std::string& path, const SettingInfo& info, Row& row) {
    auto* control = new TypefaceBox;
    control->setAccessibleName(toText(info.label));
    connect(control, &TypefaceBox::begun, this, &SettingForm::startDrag);
    connect(control, &TypefaceBox::chosen, this,
            [this, path](const QString& family) { change(path, family.toStdString()); });
    connect(control, &TypefaceBox::leftAsItWas, this, [this, path] { emit stale(path); });
    row.set = [control](const SettingValue& v) { control->setFamily(toText(std::get<std::string>(v))); };
    return control;
}

} // namespace keepseal::app
