// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/jpeg_rows.h"

#include "decode/jpeg_blocks.h"
#include "decode/scan_rows.h"

namespace keepseal {
namespace {

constexpr std::uint64_t kMostJpegBytes = 128U << 20; ///< they are held while it is decoded

bool isOpenedAlike(JpegReader& jpeg, const vips::VImage& like) {
    return jpeg->output_components == like.bands() && static_cast<int>(jpeg->output_width) >= like.width() &&
           static_cast<int>(jpeg->output_height) >= like.height();
}

} // namespace

Pixels<std::uint8_t> allBytesOf(const ByteSource& file) {
    Pixels<std::uint8_t> out(file.size());
    for (std::size_t length = 0; length < out.size();) {
        const auto more = file.read(length, {out.data() + length, out.size() - length});
        if (more == 0)
            return {};
        length += more;
    }
    return out;
}

PlainJpeg plainJpeg(const ByteSource& file, const PictureFacts& facts, int shrink) {
    const bool plain =
        facts.container == Container::Jpeg && facts.keepsBlocks && file.size() <= kMostJpegBytes;
    return plain ? PlainJpeg{&file, shrink} : PlainJpeg{};
}

bool readRows(const PlainJpeg& asked, const vips::VImage& like,
              const std::function<void(const NextRow&)>& use) {
    if (!asked.file)
        return false;
    try {
        const auto held = asked.file->held();
        const auto room = held.empty() ? allBytesOf(*asked.file) : Pixels<std::uint8_t>();
        JpegReader jpeg(held.empty() ? ByteSpan(room.data(), room.size()) : held);
        jpeg->scale_denom = static_cast<unsigned>(asked.shrink);
        if (const auto rows = ScanRows::from(jpeg.ahead(), *jpeg.get())) {
            if (!isOpenedAlike(jpeg, like))
                return false;
            use([&](std::uint8_t* to) { rows->next(to, static_cast<std::size_t>(like.width())); });
            return !rows->isDamaged();
        }
        jpeg_start_decompress(jpeg.get());
        if (!isOpenedAlike(jpeg, like))
            return false;
        const auto stride = static_cast<std::size_t>(like.width()) * static_cast<std::size_t>(like.bands());
        Bytes wider; // where a shrunk picture ends within a pixel, libvips leaves that out
        if (static_cast<int>(jpeg->output_width) > like.width())
            wider.resize(static_cast<std::size_t>(jpeg->output_width) *
                         static_cast<std::size_t>(like.bands()));
        use([&](std::uint8_t* to) {
            JSAMPROW row = wider.empty() ? to : wider.data();
            jpeg_read_scanlines(jpeg.get(), &row, 1);
            if (!wider.empty())
                std::copy_n(wider.begin(), stride, to);
        });
        return !jpeg.isDamaged();
    } catch (const Problem&) {
        return false;
    }
}

std::optional<WalkedScan> readAllRowsOfScan(ByteSpan file, int shrink, const vips::VImage& like,
                                            std::uint8_t* to) {
    JpegReader jpeg(file);
    jpeg->scale_denom = static_cast<unsigned>(shrink);
    const auto rows = ScanRows::from(jpeg.ahead(), *jpeg.get(), true);
    if (!rows || !isOpenedAlike(jpeg, like))
        return std::nullopt;
    for (int y = 0; y < like.height(); ++y, to += VIPS_IMAGE_SIZEOF_LINE(like.get_image()))
        rows->next(to, static_cast<std::size_t>(like.width()));
    return rows->takeWalked();
}

bool readAllRows(const PlainJpeg& jpeg, const vips::VImage& like, std::uint8_t* to) {
    return readRows(jpeg, like, [&](const NextRow& next) {
        for (int y = 0; y < like.height(); ++y, to += VIPS_IMAGE_SIZEOF_LINE(like.get_image()))
            next(to);
    });
}

} // namespace keepseal
