// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "register/answer_view.h"

#include "base/text.h"
#include "document/job_document.h"
#include "privacy/verdict.h"
#include "proofs/frame_proof.h"
#include "register/register_pages.h"
#include "register/two_pictures.h"
#include "theme/theme.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSplitter>
#include <QTextBrowser>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

namespace fs = std::filesystem;
constexpr int kShownSide = 1000;

/// From a picture on the clipboard, which has no file.
Frame frameOfImage(const QImage& image) {
    const auto plain = image.convertToFormat(QImage::Format_RGB888);
    Frame out;
    out.size = {plain.width(), plain.height()};
    out.picture = {0, 0, plain.width(), plain.height()};
    out.rgb.resize(static_cast<std::size_t>(out.size.pixels()) * 3);
    for (int y = 0; y < plain.height(); ++y)
        std::copy_n(plain.constScanLine(y), static_cast<std::size_t>(plain.width()) * 3, out.row(y));
    return out;
}

MetAnswer answered(Register& known, const QString& name, const std::function<MetFile()>& read,
                   const std::atomic<bool>& stop) {
    MetAnswer out;
    out.name = name;
    try {
        const auto answer = std::make_shared<WhatIs>(whatIs(known, read(), stop));
        out.met = toImage(reducedTo(answer->file.picture.frame, kShownSide));
        if (!answer->known.empty())
            if (const auto ours = pictureOf(known, answer->known.front().copy, kShownSide);
                !ours.size.empty())
                out.ours = toImage(ours);
        out.answer = answer;
    } catch (const Problem& problem) {
        if (problem.kind == ProblemKind::Stopped)
            throw;
        out.problem = toQt(problem.sentence());
    }
    return out;
}

} // namespace

AnswerView::AnswerView(QWidget* parent)
    : QWidget(parent), m_summary(new QLabel), m_list(new QListWidget), m_pictures(new TwoPictures),
      m_page(new QTextBrowser), m_stop(new QPushButton(tr("Stop"))),
      m_report(new QPushButton(tr("Save a report…"))), m_back(new QPushButton(tr("Back to the register"))),
      m_task(
          [this](const TaskOutcome<std::size_t>& outcome) {
              m_stop->hide();
              m_summary->setText(
                  outcome.problem ? toQt(outcome.problem->sentence())
                                  : saidQt(m_answers.size(), "{n} file looked at.", "{n} files looked at."));
          },
          [this](const MetAnswer& answer) { add(answer); }) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* row = new QHBoxLayout;
    m_summary->setFont(strongFont());
    row->addWidget(m_summary, 1);
    for (auto* button : {m_stop, m_report, m_back})
        row->addWidget(button);
    column->addLayout(row);
    auto* split = new QSplitter;
    m_list->setAccessibleName(tr("Pictures that were met"));
    m_list->setMaximumWidth(withText(220));
    m_page->setAccessibleName(tr("What the chosen picture is"));
    m_page->setOpenLinks(false);
    split->addWidget(m_list);
    split->addWidget(m_pictures);
    split->addWidget(m_page);
    split->setSizes({180, 620, 360});
    split->setStretchFactor(1, 3);
    split->setStretchFactor(2, 2);
    column->addWidget(split, 1);
    connect(m_list, &QListWidget::currentRowChanged, this, &AnswerView::showChosen);
    connect(m_stop, &QPushButton::clicked, this, [this] { m_task.stop(); });
    connect(m_report, &QPushButton::clicked, this, &AnswerView::reportRequested);
    connect(m_back, &QPushButton::clicked, this, [this] {
        m_task.cancel();
        emit backRequested();
    });
}

void AnswerView::ask(const std::vector<fs::path>& paths) {
    start(paths, {});
}

void AnswerView::ask(const QImage& pasted) {
    start({}, pasted);
}

void AnswerView::start(std::vector<fs::path> paths, const QImage& pasted) {
    m_answers.clear();
    m_list->clear();
    m_list->hide();
    showChosen();
    m_summary->setText(tr("Looking…"));
    m_stop->show();
    m_task.start([paths = std::move(paths), pasted](const auto& run) {
        Register known;
        std::size_t done = 0;
        if (!pasted.isNull()) {
            run.tell(answered(
                known, tr("the picture on the clipboard"),
                [&] { return metPixels("the picture on the clipboard", frameOfImage(pasted)); }, run.stop));
            return ++done;
        }
        const auto inside = filesIn(paths);
        for (const auto& left : inside.notRead)
            run.tell({nullptr, toQt(left.path.filename()), toQt(left.problem), {}, {}});
        for (const auto& file : inside.files) {
            if (run.stop)
                break;
            run.tell(answered(
                known, toQt(file.filename()), [&] { return metFile(file); }, run.stop));
            ++done;
        }
        return done;
    });
}

void AnswerView::add(const MetAnswer& answer) {
    m_answers.push_back(answer);
    const bool known = answer.answer && !answer.answer->known.empty();
    auto* item = new QListWidgetItem(icon(known           ? "check"
                                          : answer.answer ? "search"
                                                          : "circle-alert"),
                                     answer.name);
    item->setToolTip(answer.answer ? toQt(sentenceOf(*answer.answer)) : answer.problem);
    m_list->addItem(item);
    m_list->setVisible(m_answers.size() > 1);
    if (m_answers.size() == 1)
        m_list->setCurrentRow(0);
}

const MetAnswer* AnswerView::chosen() const {
    const int row = m_list->currentRow();
    return row >= 0 && row < static_cast<int>(m_answers.size()) ? &m_answers[static_cast<std::size_t>(row)]
                                                                : nullptr;
}

void AnswerView::showChosen() {
    const auto* at = chosen();
    m_report->setEnabled(at && at->answer);
    m_pictures->show(at ? at->met : QImage(), at ? tr("as it was met") : QString(), at ? at->ours : QImage(),
                     at && !at->ours.isNull() ? tr("what left") : QString());
    (!at ? Markup() : at->answer ? answerPage(*at->answer) : Markup(at->problem)).showOn(*m_page);
}

void AnswerView::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange && chosen()) // its colours stand in the text
        showChosen();
}

QString AnswerView::page() const {
    return m_page->toPlainText();
}

} // namespace keepseal::app
