// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "walk/inflate.h"

#include <brotli/decode.h>
#include <memory>
#include <zlib.h>

namespace keepseal::walk {

std::string zlibUnpacked(std::string_view packed, std::size_t most, ReadBudget& budget) {
    std::string out;
    z_stream stream{};
    if (inflateInit(&stream) != Z_OK)
        return out;
    stream.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(packed.data())); // zlib's C interface
    stream.avail_in = static_cast<uInt>(packed.size());
    char buffer[1 << 14];
    int state = Z_OK;
    while (state == Z_OK && out.size() < most && budget.unpackBytes(sizeof buffer)) {
        stream.next_out = reinterpret_cast<Bytef*>(buffer);
        stream.avail_out = sizeof buffer;
        state = inflate(&stream, Z_NO_FLUSH);
        out.append(buffer, sizeof buffer - stream.avail_out);
        if (stream.avail_out == sizeof buffer && stream.avail_in == 0)
            break;
    }
    inflateEnd(&stream);
    return out;
}

std::optional<std::string> brotliUnpacked(std::string_view packed, std::size_t most, ReadBudget& budget) {
    const std::unique_ptr<BrotliDecoderState, decltype(&BrotliDecoderDestroyInstance)> state(
        BrotliDecoderCreateInstance(nullptr, nullptr, nullptr), &BrotliDecoderDestroyInstance);
    if (!state)
        return std::nullopt;
    std::string out;
    const auto* in = reinterpret_cast<const std::uint8_t*>(packed.data());
    std::size_t left = packed.size();
    std::uint8_t buffer[1 << 14];
    while (true) {
        std::uint8_t* next = buffer;
        std::size_t room = sizeof buffer;
        const auto result = BrotliDecoderDecompressStream(state.get(), &left, &in, &room, &next, nullptr);
        out.append(reinterpret_cast<const char*>(buffer), sizeof buffer - room);
        if (result == BROTLI_DECODER_RESULT_SUCCESS)
            return out;
        if (result != BROTLI_DECODER_RESULT_NEEDS_MORE_OUTPUT || out.size() > most ||
            !budget.unpackBytes(sizeof buffer))
            return std::nullopt;
    }
}

} // namespace keepseal::walk
