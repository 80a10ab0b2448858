// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "chain/left_list.h"

#include "base/text.h"
#include "theme/theme.h"

#include <QVBoxLayout>

#include <set>

namespace keepseal::app {
namespace {

constexpr int kLookAfterMs = 150;
constexpr std::size_t kMostLines = 6;

} // namespace

LeftList::LeftList(QWidget* parent)
    : QWidget(parent), m_lines(new QLabel), m_whole(new QPushButton(tr("Its whole history"))),
      m_task([this](const TaskOutcome<Left>& outcome) {
          if (outcome.result)
              show(*outcome.result);
          else if (outcome.problem)
              m_lines->setText(toQt(outcome.problem->sentence()));
      }) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins({});
    column->setSpacing(kGap1);
    m_lines->setWordWrap(true);
    m_lines->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    m_lines->setAccessibleName(tr("What left of this picture"));
    m_whole->setToolTip(tr("Every copy that ever left of it, and what has become of it (Ctrl+H)"));
    column->addWidget(m_lines);
    column->addWidget(m_whole, 0, Qt::AlignLeft);
    m_whole->hide();
    m_soon.setSingleShot(true);
    m_soon.setInterval(kLookAfterMs);
    connect(&m_soon, &QTimer::timeout, this, &LeftList::look);
    connect(m_whole, &QPushButton::clicked, this, &LeftList::wholeRequested);
}

void LeftList::setOriginal(const std::filesystem::path& original) {
    if (original == m_original)
        return;
    m_original = original;
    renew();
}

void LeftList::renew() {
    if (isVisible())
        m_soon.start();
}

void LeftList::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    look();
}

void LeftList::look() {
    if (m_original.empty()) {
        m_task.cancel();
        return show({});
    }
    m_task.start([original = m_original](const auto&) {
        Left out;
        if (!Register::exists())
            return out;
        Register known;
        std::set<std::string> told;
        for (auto& copy : known.copiesOfFile(original)) {
            ++out.many;
            if (told.insert(copy.row.delivery).second && out.copies.size() < kMostLines)
                out.copies.push_back(std::move(copy));
        }
        out.held = stillHeldBack(known, original);
        return out;
    });
}

void LeftList::show(const Left& left) {
    QStringList lines;
    if (left.many > 0)
        lines << saidQt(static_cast<std::size_t>(left.many), "{n} copy left of this picture.",
                        "{n} copies left of this picture.");
    else
        lines << tr("Nothing of this picture has left.");
    for (const auto& copy : left.copies)
        lines << tr("%1  %2: %3")
                     .arg(toQt(copy.made.substr(0, 10)), toQt(printable(copy.row.delivery)),
                          toQt(printable(copy.row.copy.filename().string())));
    for (const auto& held : left.held)
        lines << tr("%1  %2: held back")
                     .arg(toQt(held.copy.made.substr(0, 10)), toQt(printable(held.copy.row.delivery)));
    m_lines->setText(lines.join("\n"));
    m_whole->setVisible(left.many > 0 || !left.held.empty());
}

} // namespace keepseal::app
