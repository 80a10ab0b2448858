// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A job in which faults are planted, one for each kind of note.
#pragma once

#include "base/note.h"
#include "demo/raw_file.h"
#include "picture/develop.h"
#include "plan/gather.h"
#include "support/job.h"
#include "support/seals.h"

#include <functional>
#include <vips/vips8>

namespace keepseal::test {

/// One picture, one delivery, and what is planted in them.
struct Planting {
    TempFolder folder;
    std::vector<fs::path> files{folder / "in/tide_01.jpg"};
    Delivery delivery = sampleDelivery(folder / "out");
    PictureException exception; ///< of the first picture
    Planting() {
        makePicture(files[0], 300, 200);
        delivery.fit.on = false;
    }
    Plan plan() const {
        Exceptions exceptions;
        if (!exception.empty())
            exceptions[files[0]] = exception;
        return makePlan(files, {delivery}, "/", exceptions);
    }
    void words(const std::vector<std::string>& tags) const {
        std::vector<std::string> call = {"exiftool", "-q", "-overwrite_original", "-charset", "iptc=Latin"};
        call.insert(call.end(), tags.begin(), tags.end());
        call.push_back(files[0].string());
        ASSERT_EQ(runProgram(call).exitCode, 0);
    }
    /// A raw file; `own`: the JPEG the camera put into it, 300 x 200.
    void raw(const std::string& own) {
        demo::RawScene scene;
        scene.width = 300, scene.height = 200;
        scene.light = [](int x, int) { return std::array<double, 3>{0.2, x / 300.0, 0.1}; };
        scene.preview = own;
        scene.previewWidth = 300, scene.previewHeight = 200;
        files[0].replace_extension(".dng");
        writeFile(files[0], demo::rawFile(scene));
    }
    /// What a JPEG of halved colour shows at any quality.
    void paintRedOnBlue() {
        files[0].replace_extension(".png");
        Frame frame = plainFrame(120, 80, {20, 30, 200});
        for (int y = 0; y < 80; ++y)
            for (int x = 0; x < 120; ++x)
                if ((x / 3 + y / 5) % 4 == 0) {
                    auto* p = frame.row(y) + 3 * x;
                    p[0] = 220, p[1] = 20, p[2] = 20;
                }
        vips::VImage::new_from_memory(frame.rgb.data(), frame.rgb.size(), 120, 80, 3, VIPS_FORMAT_UCHAR)
            .pngsave(files[0].c_str());
    }
    void paged(int pages) {
        files[0].replace_extension(".tif");
        auto image = grey(40, 30 * pages).copy();
        image.set("page-height", 30);
        image.tiffsave(files[0].c_str());
    }
    vips::VImage grey(int width, int height) const {
        return vips::VImage::black(width, height).linear(1, 120).cast(VIPS_FORMAT_UCHAR);
    }
    void captionOn(const std::string& text) {
        delivery.border.on = delivery.border.caption.on = true;
        delivery.border.caption.middle = text;
    }
    /// All corners to the right, by percent of the seal's width: over the picture's edge.
    void dragCorners(double percent) {
        delivery.seal = boxSeal(200, 100);
        delivery.seal.margins.share = 0;
        delivery.seal.perspective.corners.fill({percent, 0});
    }
    void faintSeal() {
        auto& seal = delivery.seal;
        seal.opacity = 3;
        seal.halo.when = HaloWhen::Off;
        seal.stronger = seal.plate.ifNeeded = false;
    }
    SealPart& sealPart() { return delivery.seal.parts.front(); }
};

struct Fault {
    NoteKind kind;
    std::function<void(Planting&)> plant;
    bool inPixels = false; ///< only the pixels or the finished file tell: the plan can't know
};

std::vector<Fault> allFaults();

} // namespace keepseal::test
