// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is packed comes out as it was, whatever a stranger's file told.
#include "metadata/packed.h"

#include <gtest/gtest.h>

#include <random>

using namespace keepseal;

namespace {

class Anything {
public:
    explicit Anything(unsigned seed) : m_random(seed) {}
    std::size_t upTo(std::size_t most) { return m_random() % (most + 1); }
    /// Any bytes: what was no UTF-8 is among them.
    std::string text() {
        std::string out(upTo(4) == 0 ? upTo(3000) : upTo(12), ' ');
        for (auto& c : out)
            c = static_cast<char>(m_random());
        return out;
    }
    std::vector<std::string> texts() {
        std::vector<std::string> out(upTo(3));
        for (auto& each : out)
            each = text();
        return out;
    }
    Metadata metadata() {
        Metadata out;
        for (const auto& field : metadataFields())
            if (upTo(2) == 0) {
                auto& value = out.fields[field.key];
                value.items = texts();
                if (upTo(2) == 0)
                    value.languages[text()] = text();
            }
        for (auto n = upTo(5); n > 0; --n)
            out.exif.push_back({static_cast<IfdKind>(upTo(3)), static_cast<std::uint16_t>(m_random()),
                                static_cast<int>(upTo(13)), static_cast<std::uint32_t>(m_random()),
                                Bytes(upTo(40), static_cast<std::uint8_t>(m_random()))});
        if (upTo(1))
            out.history[text()] = text();
        out.takenAt = text(), out.takenOffset = text(), out.camera = text(), out.serial = text();
        out.label = text();
        if (upTo(1))
            out.rating = static_cast<int>(upTo(6)) - 1;
        if (upTo(1))
            out.point = GeoPoint{54.12, -3.45};
        out.placeNames = texts();
        if (upTo(1))
            out.notes.push_back({NoteKind::TextEncoding, "IPTC 2:90", {}});
        out.sidecar = upTo(1) ? "/tide/pictures/tide_1.xmp" : "";
        return out;
    }

private:
    std::mt19937 m_random;
};

} // namespace

TEST(PackedMetadata, ComesOutAsItWentIn) {
    for (unsigned seed = 0; seed < 200; ++seed) {
        const auto in = Anything(seed).metadata();
        const auto out = PackedMetadata(in).unpacked();
        EXPECT_EQ(out.fields, in.fields) << seed;
        EXPECT_EQ(out.exif, in.exif) << seed;
        EXPECT_EQ(out.history, in.history);
        EXPECT_EQ(std::tie(out.takenAt, out.takenOffset, out.camera, out.serial, out.label),
                  std::tie(in.takenAt, in.takenOffset, in.camera, in.serial, in.label));
        EXPECT_EQ(out.rating, in.rating);
        ASSERT_EQ(out.point.has_value(), in.point.has_value());
        if (in.point) {
            EXPECT_EQ(out.point->latitude, in.point->latitude);
            EXPECT_EQ(out.point->longitude, in.point->longitude);
        }
        EXPECT_EQ(out.placeNames, in.placeNames);
        EXPECT_EQ(out.notes, in.notes);
        EXPECT_EQ(out.sidecar, in.sidecar);
    }
}

TEST(PackedMetadata, TwoKeywordsAreAList) {
    Metadata in;
    in.fields["keywords"].items = {"boats", "tide"};
    EXPECT_EQ(PackedMetadata(in).unpacked().fields, in.fields);
}

TEST(PackedMetadata, OfAPictureThatTellsNothingIsNothing) {
    EXPECT_EQ(PackedMetadata().bytes(), 0U);
    EXPECT_TRUE(PackedMetadata().unpacked().fields.empty());
}

TEST(PackedMetadata, ALongCaptionTakesLittle) {
    Metadata in;
    for (int i = 0; i < 400; ++i)
        in.fields["description"] = in.fields["description"].first() + "Low sun, wet sand. ";
    EXPECT_LT(PackedMetadata(in).bytes(), 400U);
}
