// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/taking_out.h"

#include "check/loupe.h"
#include "document/job_document.h"

#include <QApplication>
#include <QClipboard>
#include <QMimeData>
#include <QUrl>

#include <set>

namespace keepseal::app {

std::unique_ptr<QMimeData> copiesAsFiles(const std::vector<LedgerRow>& rows) {
    QList<QUrl> urls;
    QStringList lines;
    std::set<std::filesystem::path> taken;
    for (const auto& row : rows) {
        if ((row.outcome != Outcome::Made && row.outcome != Outcome::AlreadyThere) ||
            !taken.insert(row.copy).second)
            continue;
        urls << QUrl::fromLocalFile(toQt(row.copy));
        lines << toQt(row.copy);
    }
    if (urls.isEmpty())
        return nullptr;
    auto out = std::make_unique<QMimeData>();
    out->setUrls(urls);
    out->setText(lines.join('\n'));
    return out;
}

void TakingOut::copy(const std::vector<LedgerRow>& rows) {
    auto files = copiesAsFiles(rows);
    if (!files)
        return;
    m_reading.cancel();
    m_rows = rows;
    const bool alone = files->urls().size() == 1;
    QApplication::clipboard()->setMimeData(files.release()); // it owns them now
    if (alone)
        m_reading.start([copy = rows.front().copy](const auto&) { return wholeImage(copy); });
}

void TakingOut::add(const QImage& picture) {
    auto files = copiesAsFiles(m_rows);
    const auto* there = QApplication::clipboard()->mimeData();
    if (picture.isNull() || !there || there->urls() != files->urls())
        return;
    files->setImageData(picture);
    QApplication::clipboard()->setMimeData(files.release());
}

} // namespace keepseal::app
