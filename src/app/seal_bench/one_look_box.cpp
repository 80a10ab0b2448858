// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal_bench/one_look_box.h"

#include "theme/theme.h"
#include "widgets/markup.h"

#include <QVBoxLayout>

namespace keepseal::app {

OneLookBox::OneLookBox(JobDocument* document, const PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_button(new QPushButton),
      m_progress(new QProgressBar), m_words(new QLabel),
      m_task(
          [this](TaskOutcome<Found> outcome) {
              showBusy(false);
              if (outcome.problem)
                  say(toQt(outcome.problem->sentence()));
              else if (outcome.result)
                  take(*outcome.result);
          },
          [this](const double& share) { m_progress->setValue(static_cast<int>(share * 1000)); }) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(kGap2);
    column->addWidget(m_button);
    column->addWidget(m_progress);
    column->addWidget(m_words);
    m_button->setToolTip(tr("Looks for one version and one halo with which the seal can be read on every "
                            "picture of the job, so that the set looks alike"));
    m_progress->setRange(0, 1000);
    m_progress->setTextVisible(false);
    m_progress->setAccessibleName(tr("How many pictures were measured"));
    m_words->setWordWrap(true);
    m_words->setFont(smallFont());
    say({});
    showBusy(false);
    connect(m_button, &QPushButton::clicked, this, &OneLookBox::pressed);
}

void OneLookBox::say(const QString& words) {
    m_words->setText(words);
    m_words->setVisible(!words.isEmpty());
}

void OneLookBox::showBusy(bool busy) {
    m_button->setText(busy ? tr("Stop") : tr("One look for the whole job"));
    m_progress->setVisible(busy);
    m_progress->setValue(0);
}

void OneLookBox::pressed() {
    if (m_task.busy()) {
        m_task.cancel();
        say(tr("Stopped; nothing was changed."));
        return showBusy(false);
    }
    std::vector<AskedPicture> asked;
    for (const auto& original : m_document->originals())
        if (auto info = m_library->info(original.id); info && !info->problem)
            asked.push_back({std::move(info), m_document->exception(original.id)});
    if (asked.empty())
        return say(tr("There are no pictures yet that it could be measured on."));
    say({});
    showBusy(true);
    m_task.start([delivery = m_document->deliveryAsMade(), asked = std::move(asked)](
                     const TaskRun<double>& run) { return look(delivery, asked, run); });
}

OneLookBox::Found OneLookBox::look(const Delivery& delivery, const std::vector<AskedPicture>& asked,
                                   const TaskRun<double>& run) {
    Found out;
    out.design = delivery.seal;
    std::vector<LeastHalos> halos;
    for (std::size_t i = 0; i < asked.size() && !run.stop; ++i) {
        try {
            const auto sealed = sealedOf(delivery, asked[i]);
            if (!sealed.isSealed() || sealed.drawn.readability <= 0)
                throw Problem(ProblemKind::NotFound, sealed.name, "it has no seal", "");
            halos.push_back(leastHalos(sealed));
            out.names.push_back(sealed.name);
        } catch (const Problem&) {
            ++out.others; // each tells its own trouble on the wall
        }
        run.tell(static_cast<double>(i + 1) / static_cast<double>(asked.size()));
    }
    out.look = oneLook(halos);
    return out;
}

QString OneLookBox::nameOf(const OneLook& look) const {
    const auto version = look.dark ? tr("the dark version") : tr("the light version");
    return look.halo > 0 ? tr("%1 with a halo of %2 %").arg(version).arg(look.halo, 0, 'f', 0)
                         : tr("%1 without a halo").arg(version);
}

void OneLookBox::take(const Found& found) {
    const auto measured = static_cast<int>(found.names.size());
    if (measured == 0)
        return say(tr("No picture of the job carries this seal."));
    if (m_document->deliveryAsMade().seal != found.design)
        return say(tr("The seal was changed meanwhile; look again."));
    const auto& left = found.look.left;
    if (!left.empty()) {
        QStringList names;
        for (std::size_t i = 0; i < std::min<std::size_t>(left.size(), 3); ++i)
            names << toQt(found.names[left[i]]);
        return say(tr("No one look serves all %1 pictures; nothing was changed. Nearest comes "
                      "%2, which leaves %3: %4.")
                       .arg(measured)
                       .arg(nameOf(found.look))
                       .arg(left.size())
                       .arg(left.size() > 3 ? tr("%1 and others").arg(names.join(QObject::tr(", ")))
                                            : names.join(QObject::tr(", "))));
    }
    auto design = m_document->currentDelivery().seal;
    takeOver(found.look, design);
    m_document->setSeal(design, tr("one look for the whole job"));
    say(tr("On all %1 pictures: %2.").arg(measured).arg(nameOf(found.look)));
}

} // namespace keepseal::app
