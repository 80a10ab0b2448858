// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A picture file on its way through a chain.
#pragma once

#include "picture/original.h"
#include "render/encode.h"
#include "rights/apply.h"
#include "run/check_copy.h"
#include "support/support.h"

namespace keepseal::test {

/// What the delivery's sheet writes where the original says nothing.
inline CopyWords sheetWords(const Delivery& delivery) {
    return copyWords(applyRights(delivery.rights, delivery.privacy, {}, {}), delivery.privacy, {});
}
inline CopyPromise promiseOf(const Delivery& delivery, const std::string& format, Size size) {
    return {format, size, sheetWords(delivery), false, false};
}
/// A sheet of these two fields, as typed.
inline RightsSheet sheetOf(const std::string& creator, const std::string& notice) {
    RightsSheet out;
    out.setAlways("creator", creator);
    out.setAlways("copyright_notice", notice);
    return out;
}

struct Opened {
    explicit Opened(const fs::path& path) : original(path), facts(readFacts(original, path.string())) {}
    Original original;
    PictureFacts facts;

    ChainPlan plan(const Delivery& delivery, const TurnException& turn = {}) const {
        return planChain(delivery, facts.size, turn, facts.pixelsPerMm);
    }
    Stages stages(const Delivery& delivery, Size whole = {}, const TurnException& turn = {},
                  const TextFacts& words = {}) const {
        const auto chain = plan(delivery, turn);
        PictureException exception;
        exception.turn = turn;
        const Metadata metadata;
        return stagesOf({original.path(), facts, metadata, delivery, exception, chain}, words, whole);
    }
    /// The finished proof `whole` pixels large; the copy itself when that is empty.
    Frame frame(const Delivery& delivery, Size whole = {}, const TurnException& turn = {},
                SealResult* seal = nullptr, const TextFacts& words = {}) const {
        const auto all = stages(delivery, whole, turn, words);
        Frame out = all.base.made(original, facts);
        all.finish.on(out);
        all.frame.on(out);
        const auto sealed = all.seal.on(out);
        if (seal)
            *seal = sealed;
        return out;
    }
    Bytes copy(const Delivery& delivery, const std::string& format = "jpeg") const {
        return encodeStage(delivery, plan(delivery), format, sheetWords(delivery),
                           {delivery.border.on, delivery.seal.drawsAnything()})
            .on(frame(delivery))
            .bytes;
    }
};

inline void writeFile(const fs::path& path, const Bytes& bytes) {
    writeFile(path, std::string(bytes.begin(), bytes.end()));
}

/// A copy of a frame that was not read from any file.
inline Bytes copyOf(const Frame& frame, const Delivery& delivery, double pixelsPerMm = 0,
                    const std::string& format = "jpeg") {
    auto plan = planChain(delivery, frame.size);
    plan.pixelsPerMm = pixelsPerMm;
    return encodeStage(delivery, plan, format, sheetWords(delivery),
                       {delivery.border.on, delivery.seal.drawsAnything()})
        .on(frame)
        .bytes;
}

/// Mean and largest difference of two frames of one size, in 8-bit steps.
inline std::pair<double, int> difference(const Frame& a, const Frame& b) {
    double sum = 0;
    int most = 0;
    for (std::size_t i = 0; i < a.rgb.size(); ++i) {
        const int d = std::abs(a.rgb[i] - b.rgb[i]);
        sum += d;
        most = std::max(most, d);
    }
    return {sum / static_cast<double>(a.rgb.size()), most};
}

} // namespace keepseal::test
