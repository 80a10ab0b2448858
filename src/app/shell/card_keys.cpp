// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/card_keys.h"

#include "theme/theme.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

/// Desktops and input methods take these themselves, and letters alone are for typing.
bool isTakenElsewhere(const QKeySequence& keys) {
    const auto combined = keys[0].toCombined();
    const auto key = keys[0].key();
    const bool ctrl = combined & Qt::CTRL, alt = combined & Qt::ALT;
    const bool function = key >= Qt::Key_F1 && key <= Qt::Key_F35;
    const bool input =
        ctrl && (((combined & Qt::SHIFT) && (key == Qt::Key_U || key == Qt::Key_E || key == Qt::Key_F)) ||
                 key == Qt::Key_Space || key == Qt::Key_Period || key == Qt::Key_Semicolon);
    return input || (combined & Qt::META) || (ctrl && alt) || (alt && function) ||
           (!function && !ctrl && !alt); // Space, arrows and letters mean something on pictures
}

} // namespace

CardKeys::CardKeys(DeskTools tools, std::vector<QWidget*> pictureViews, std::function<void(DeliveryId)> stamp)
    : m(std::move(tools)), m_views(std::move(pictureViews)), m_stamp(std::move(stamp)) {
    connect(m.document, &JobDocument::deliveriesChanged, this, &CardKeys::renew);
}

void CardKeys::fillMenu(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.add(tr("A key for this delivery…"), {}, [this] { ask(); }));
}

void CardKeys::take(const QVariantMap& keys) {
    m_keys.clear();
    for (auto key = keys.begin(); key != keys.end(); ++key)
        if (const auto sequence = QKeySequence::fromString(key.value().toString());
            sequence.count() == 1 && whyNot(key.key(), sequence).isEmpty())
            m_keys[key.key()] = sequence;
    renew();
}

QVariantMap CardKeys::keys() const {
    QVariantMap out;
    for (auto key = m_keys.begin(); key != m_keys.end(); ++key)
        out[key.key()] = key.value().toString(QKeySequence::PortableText);
    return out;
}

void CardKeys::setKey(const QString& delivery, const QKeySequence& key) {
    if (key.isEmpty())
        m_keys.remove(delivery);
    else
        m_keys[delivery] = key;
    renew();
    emit changed();
}

QString CardKeys::whyNot(const QString& delivery, const QKeySequence& key) const {
    if (key.isEmpty())
        return {};
    if (isTakenElsewhere(key))
        return tr("%1 is the desktop's, or means something else on pictures.")
            .arg(key.toString(QKeySequence::NativeText));
    for (auto other = m_keys.begin(); other != m_keys.end(); ++other)
        if (other.value() == key && other.key() != delivery)
            return tr("%1 is the key of \"%2\".").arg(key.toString(QKeySequence::NativeText), other.key());
    for (const auto* action : m.window->findChildren<QAction*>())
        if (action->shortcuts().contains(key) &&
            std::none_of(m_actions.begin(), m_actions.end(), [&](const auto& own) { return own == action; }))
            return tr("%1 is for \"%2\".")
                .arg(key.toString(QKeySequence::NativeText), action->text().remove('&'));
    return {};
}

void CardKeys::renew() {
    for (const auto& action : m_actions)
        delete action;
    m_actions.clear();
    QStringList named; // of two with one name the first
    for (const auto& item : m.document->state().deliveries) {
        const auto name = toQt(item.delivery.name);
        if (!m_keys.contains(name) || named.contains(name))
            continue;
        named << name;
        auto* action = new QAction(tr("Stamp the chosen pictures by \"%1\"").arg(name), m.window);
        action->setShortcut(m_keys[name]);
        action->setShortcutContext(Qt::WidgetWithChildrenShortcut);
        connect(action, &QAction::triggered, this, [this, id = item.id] { m_stamp(id); });
        for (auto* view : m_views)
            view->addAction(action);
        m_actions.emplace_back(action);
    }
}

void CardKeys::ask() {
    const auto name = toQt(m.document->currentDelivery().name);
    QDialog dialog(m.window);
    dialog.setObjectName("card-key");
    dialog.setWindowTitle(tr("A key for \"%1\"").arg(name));
    auto* column = new QVBoxLayout(&dialog);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap3);
    auto* says =
        new QLabel(tr("It stamps the chosen pictures by this delivery, at once, wherever pictures have the "
                      "focus. Press the key, as in Ctrl+1 or F9."));
    says->setWordWrap(true);
    column->addWidget(says);
    auto* edit = new QKeySequenceEdit(m_keys.value(name));
    edit->setAccessibleName(tr("Key"));
    column->addWidget(edit);
    auto* why = new QLabel;
    why->setWordWrap(true);
    why->setMinimumHeight(2 * why->fontMetrics().lineSpacing());
    column->addWidget(why);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    auto* none = buttons->addButton(tr("No key"), QDialogButtonBox::DestructiveRole);
    column->addWidget(buttons);
    connect(edit, &QKeySequenceEdit::keySequenceChanged, &dialog, [&](const QKeySequence& keys) {
        if (keys.count() > 1)
            return edit->setKeySequence(QKeySequence(keys[0])); // one key, and no melody
        why->setText(whyNot(name, keys));
        buttons->button(QDialogButtonBox::Ok)->setEnabled(why->text().isEmpty());
    });
    connect(none, &QPushButton::clicked, &dialog, [&] {
        edit->clear();
        dialog.accept();
    });
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() == QDialog::Accepted)
        setKey(name, edit->keySequence());
}

} // namespace keepseal::app
