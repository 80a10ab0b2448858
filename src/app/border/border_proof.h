// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One picture in other borders than its delivery's: by the stages that make its copy, smaller. The original
// is decoded once for all of them. Called in the background, by several threads.
#pragma once

#include "document/picture_library.h"
#include "picture/original.h"
#include "render/stages.h"

#include <QImage>

namespace keepseal::app {

class BorderProof {
public:
    BorderProof(Delivery delivery, PictureInfoPtr info, PictureException exception,
                std::shared_ptr<DecodedPictures> decoded);
    /// The chain with that border.
    ChainPlan chain(const BorderDesign& border) const;
    enum class With { Border, BorderAndSeal };
    /// At most as large as `room`. Throws Problem.
    QImage image(const BorderDesign& border, Size room, With with) const;

private:
    Delivery in(const BorderDesign& border) const;
    Delivery m_delivery;
    PictureInfoPtr m_info;
    PictureException m_exception;
    std::shared_ptr<DecodedPictures> m_decoded;
};

} // namespace keepseal::app
