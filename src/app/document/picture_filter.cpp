// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/picture_filter.h"

#include "delivery/which.h"

#include <QStringList>

namespace keepseal::app {
namespace {

bool hasShape(ShapeWanted wanted, Size shape) {
    WhichSettings which;
    which.shape = wanted;
    return whyNotTaken(which, {shape, {}, {}}).empty();
}

bool hasWords(const QString& words, const OriginalItem& item, const PictureInfo* info) {
    QString hay = toQt(item.path);
    if (info)
        hay += "\n" + toQt(info->words);
    for (const auto& word : words.split(' ', Qt::SkipEmptyParts))
        if (!hay.contains(word, Qt::CaseInsensitive))
            return false;
    return true;
}

bool isKind(PictureFilter::Kind kind, const PictureInfo* info, const PictureException& exception,
            Size shape) {
    using Kind = PictureFilter::Kind;
    const auto rated = [&](int least) { return !info || info->rating.value_or(0) >= least; };
    switch (kind) {
    case Kind::All:
        return true;
    case Kind::Tall:
        return hasShape(ShapeWanted::Tall, shape);
    case Kind::Wide:
        return hasShape(ShapeWanted::Wide, shape);
    case Kind::Square:
        return hasShape(ShapeWanted::Square, shape);
    case Kind::Rated1:
        return rated(1);
    case Kind::Rated3:
        return rated(3);
    case Kind::Rated5:
        return rated(5);
    case Kind::TellsPlace:
        return !info || info->tellsPlace;
    case Kind::StampedBefore:
        return !info || info->stampedBefore;
    case Kind::Different:
        return !exception.empty();
    case Kind::LeftOut:
        return exception.leftOut;
    case Kind::Problem:
        return info && info->problem;
    }
    return true;
}

} // namespace

bool PictureFilter::takes(const OriginalItem& item, const PictureInfo* info,
                          const PictureException& exception, Size shape) const {
    return isKind(kind, info, exception, shape) && (words.isEmpty() || hasWords(words, item, info));
}

} // namespace keepseal::app
