// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The parts on the canvas, for those who do not see them.
#include "seal_bench/parts_list.h"
#include "seal_bench/seal_canvas.h"

#include <QPolygonF>

#include <algorithm>

namespace keepseal::app {

const std::string& SealCanvas::idAt(int index) const {
    return prepared()->boxes.at(static_cast<std::size_t>(index)).first;
}

QString SealCanvas::accessibleItemName(int index) const {
    const auto* part = m_document->currentDelivery().seal.part(idAt(index));
    return part ? partInWords(*part) : QString();
}

QRect SealCanvas::accessibleItemRect(int index) const {
    const Box box = prepared()->boxes.at(static_cast<std::size_t>(index)).second;
    QPolygonF corners;
    for (const auto& corner :
         {Point{box.x, box.y}, {box.right(), box.y}, {box.right(), box.bottom()}, {box.x, box.bottom()}})
        corners << toWidget(corner);
    return corners.boundingRect().toAlignedRect();
}

bool SealCanvas::isAccessibleItemChosen(int index) const {
    return std::find(m_selection.begin(), m_selection.end(), idAt(index)) != m_selection.end();
}

int SealCanvas::accessibleCurrent() const {
    for (int i = 0; i < accessibleCount(); ++i)
        if (isAccessibleItemChosen(i))
            return i;
    return -1;
}

void SealCanvas::chooseAccessibleItem(int index) {
    setSelection({idAt(index)});
}

} // namespace keepseal::app
