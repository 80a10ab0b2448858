// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/drawer.h"

#include "base/text.h"
#include "theme/theme.h"
#include "widgets/controls.h"

#include <QComboBox>
#include <QEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollBar>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QLabel* quietLabel(const QString& text) {
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    label->setFont(smallFont());
    label->setStyleSheet(QString("color: %1;").arg(theme().quiet.name()));
    return label;
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

} // namespace

Drawer::Drawer(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QScrollArea(parent), m_document(document), m_library(library) {
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Settings of the station"));
    connect(document, &JobDocument::stationChanged, this, [this](StationId station) {
        if (station == m_station)
            refresh();
    });
    connect(document, &JobDocument::currentDeliveryChanged, this, &Drawer::refresh);
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_lookedAt)
            showPrivacy();
    });
    rebuild();
}

void Drawer::showStation(StationId station) {
    m_station = station;
    rebuild();
}

void Drawer::setLookedAt(OriginalId id) {
    m_lookedAt = id;
    showPrivacy();
}

QWidget* Drawer::control(const std::string& path) const {
    const auto found = m_controls.find(path);
    return found == m_controls.end() ? nullptr : found->second;
}

void Drawer::rebuild() {
    m_controls.clear();
    m_setters.clear();
    m_privacy = nullptr;
    const auto& s = station(m_station);
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap1);
    auto* title = new QLabel(toQt(s.label));
    title->setFont(titleFont());
    column->addWidget(title);
    column->addWidget(quietLabel(toQt(s.help)));
    column->addSpacing(kGap2);
    for (const auto& setting : s.settings) {
        const auto path = s.key + "." + setting.key;
        if (setting.kind != SettingKind::Switch) {
            auto label = toQt(setting.label);
            if (setting.unit.starts_with("% "))
                label += ", " + toQt(setting.unit);
            auto* caption = new QLabel(label);
            caption->setToolTip(toQt(setting.help));
            column->addWidget(caption);
        }
        auto* control = makeControl(path, setting);
        control->setToolTip(toQt(setting.help));
        column->addWidget(control, 0, qobject_cast<PlaceControl*>(control) ? Qt::AlignLeft : Qt::Alignment());
        column->addSpacing(kGap1);
        m_controls[path] = control;
    }
    if (m_station == StationId::Privacy) {
        m_privacy = new QLabel;
        m_privacy->setWordWrap(true);
        m_privacy->setTextFormat(Qt::RichText);
        m_privacy->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
        column->addWidget(m_privacy);
    }
    column->addStretch();
    setWidget(page);
    refresh();
    showPrivacy();
}

void Drawer::refresh() {
    m_refreshing = true;
    for (const auto& setting : station(m_station).settings)
        m_setters.at(station(m_station).key + "." + setting.key)(setting.get(m_document->currentDelivery()));
    m_refreshing = false;
}

void Drawer::change(const std::string& path, const SettingValue& value) {
    if (!m_refreshing)
        m_document->setSetting(path, value, m_drag);
}

QWidget* Drawer::makeControl(const std::string& path, const Setting<Delivery>& setting) {
    const auto name = toQt(setting.label);
    auto& setter = m_setters[path];
    switch (setting.kind) {
    case SettingKind::Switch: {
        auto* control = new SwitchControl(name);
        connect(control, &QAbstractButton::toggled, this, [this, path](bool on) {
            startDrag();
            change(path, on);
        });
        setter = [control](const SettingValue& v) { control->setChecked(std::get<bool>(v)); };
        return control;
    }
    case SettingKind::Number: {
        auto* control = new NumberControl(setting.range, toQt(setting.unit), name);
        connect(control, &NumberControl::dragStarted, this, &Drawer::startDrag);
        connect(control, &NumberControl::changed, this, [this, path](double value) { change(path, value); });
        setter = [control](const SettingValue& v) { control->setValue(std::get<double>(v)); };
        return control;
    }
    case SettingKind::Colour: {
        auto* control = new ColourControl(name);
        connect(control, &ColourControl::dragStarted, this, &Drawer::startDrag);
        connect(control, &ColourControl::changed, this,
                [this, path](const std::string& v) { change(path, v); });
        setter = [control](const SettingValue& v) { control->setValue(std::get<std::string>(v)); };
        return control;
    }
    case SettingKind::Choice: {
        const auto onChange = [this, path](const std::string& key) {
            startDrag();
            change(path, key);
        };
        if (setting.choices.size() == 9) {
            auto* control = new PlaceControl(setting.choices);
            connect(control, &PlaceControl::changed, this, onChange);
            setter = [control](const SettingValue& v) { control->setValue(std::get<std::string>(v)); };
            return control;
        }
        const bool shortLabels = std::all_of(setting.choices.begin(), setting.choices.end(),
                                             [](const SettingChoice& c) { return c.label.size() <= 9; });
        if (shortLabels) {
            auto* control = new SegmentControl(setting.choices, name);
            connect(control, &SegmentControl::changed, this, onChange);
            setter = [control](const SettingValue& v) { control->setValue(std::get<std::string>(v)); };
            return control;
        }
        auto* control = new QComboBox;
        control->setAccessibleName(name);
        for (const auto& choice : setting.choices)
            control->addItem(toQt(choice.label), toQt(choice.key));
        connect(control, &QComboBox::activated, this, [control, onChange](int index) {
            onChange(control->itemData(index).toString().toStdString());
        });
        setter = [control](const SettingValue& v) {
            control->setCurrentIndex(control->findData(toQt(std::get<std::string>(v))));
        };
        return control;
    }
    case SettingKind::Folder:
        return makeFolder(path, setting);
    case SettingKind::Text:
        break;
    }
    return makeText(path, setting);
}

QWidget* Drawer::makeText(const std::string& path, const Setting<Delivery>& setting) {
    if (setting.multiline) {
        auto* control = new TextBox([this] { startDrag(); });
        control->setAccessibleName(toQt(setting.label));
        control->setTabChangesFocus(true);
        control->setFixedHeight(54);
        connect(control, &QPlainTextEdit::textChanged, this, [this, path, control, limit = setting.maxBytes] {
            change(path, cutUtf8(control->toPlainText().toStdString(), limit));
        });
        m_setters[path] = [control](const SettingValue& v) {
            if (control->toPlainText().toStdString() != std::get<std::string>(v))
                control->setPlainText(toQt(std::get<std::string>(v)));
        };
        return control;
    }
    auto* control = new QLineEdit;
    control->setAccessibleName(toQt(setting.label));
    connect(control, &QLineEdit::editingFinished, this, &Drawer::startDrag);
    connect(control, &QLineEdit::textEdited, this,
            [this, path, limit = setting.maxBytes](const QString& text) {
                change(path, cutUtf8(text.toStdString(), limit));
            });
    m_setters[path] = [control](const SettingValue& v) {
        if (control->text().toStdString() != std::get<std::string>(v))
            control->setText(toQt(std::get<std::string>(v)));
    };
    return control;
}

QWidget* Drawer::makeFolder(const std::string& path, const Setting<Delivery>& setting) {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(kGap1);
    auto* line = qobject_cast<QLineEdit*>(makeText(path, setting));
    line->setPlaceholderText(tr("no folder yet"));
    line->setClearButtonEnabled(true);
    auto* browse = new QPushButton(icon("folder-open", theme().text), {});
    browse->setAccessibleName(tr("Choose the folder"));
    browse->setToolTip(tr("Choose the folder"));
    browse->setStyleSheet("padding: 5px 8px;");
    connect(browse, &QPushButton::clicked, this, [this, path, line] {
        const auto chosen =
            QFileDialog::getExistingDirectory(this, tr("Folder for the copies"), line->text());
        if (!chosen.isEmpty()) {
            startDrag();
            change(path, chosen.toStdString());
        }
    });
    row->addWidget(line, 1);
    row->addWidget(browse);
    box->setFocusProxy(line);
    return box;
}

/// What the looked-at original carries, kind by kind, and what becomes of it.
void Drawer::showPrivacy() {
    if (!m_privacy)
        return;
    const auto info = m_library->info(m_lookedAt);
    if (!info || info->problem) {
        m_privacy->setText(tr("Choose a picture to see what its file tells."));
        return;
    }
    const auto cell = [](const QString& text, const QColor& colour) {
        return QString("<td style='padding:3px 10px 3px 0; color:%1'>%2</td>").arg(colour.name(), text);
    };
    QString html = "<p><b>" + toQt(info->path.filename()).toHtmlEscaped() + "</b></p><table>";
    for (int i = 0; i < static_cast<int>(Category::Technical); ++i) {
        const auto category = static_cast<Category>(i);
        const auto count = info->report.count(category);
        if (count == 0)
            continue;
        const bool place = category == Category::Location && info->report.tellsPlace();
        html += "<tr>" + cell(toQt(std::string(labelOf(category))), place ? theme().look : theme().text) +
                cell(QString::number(count), theme().quiet) + cell(tr("left out"), theme().good) + "</tr>";
    }
    html += "</table>";
    if (info->report.tellsPlace())
        html += "<p style='color:" + theme().look.name() + "'>" +
                tr("It tells a place: %1").arg(toQt(info->report.placeText()).toHtmlEscaped()) + "</p>";
    else
        html += "<p>" + tr("It tells no place.") + "</p>";
    for (const auto& part : info->report.notSearched)
        html += "<p style='color:" + theme().quiet.name() + "'>" + toQt(part).toHtmlEscaped() + "</p>";
    m_privacy->setText(html);
}

} // namespace keepseal::app
