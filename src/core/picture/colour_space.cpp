// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/colour_space.h"

#include "base/problem.h"
#include "base/text.h"
#include "picture/frame.h"
#include "picture/original.h"

#include <lcms2.h>
#include <vips/vips.h>

#include <array>
#include <cmath>
#include <list>
#include <mutex>

namespace keepseal {
namespace {

using Transform = std::shared_ptr<void>;

[[noreturn]] void unusable(const std::string& subject, const std::string& why) {
    throw Problem(ProblemKind::BadFile, subject,
                  Saying("this colour profile can't be used: {why}", {{"why", why}}),
                  "Choose an RGB or grey ICC profile for a display or a printer");
}

Bytes serialised(cmsHPROFILE profile) {
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(profile, nullptr, &size);
    Bytes out(size);
    if (size == 0 || !cmsSaveProfileToMem(profile, out.data(), &size))
        throw Problem(ProblemKind::Internal, {}, "a colour profile could not be made");
    return out;
}

void describe(cmsHPROFILE profile, cmsTagSignature tag, const wchar_t* text) {
    cmsMLU* words = cmsMLUalloc(nullptr, 1);
    cmsMLUsetWide(words, "en", "US", text);
    cmsWriteTag(profile, tag, words);
    cmsMLUfree(words);
}

/// IEC 61966-2-1 as a table, which version 2 profiles hold.
cmsToneCurve* srgbCurve() {
    std::array<cmsUInt16Number, 1024> table{};
    for (std::size_t i = 0; i < table.size(); ++i) {
        const double v = static_cast<double>(i) / (table.size() - 1);
        const double linear = v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        table[i] = static_cast<cmsUInt16Number>(std::lround(linear * 65535));
    }
    return cmsBuildTabulatedToneCurve16(nullptr, table.size(), table.data());
}

/// One of the profiles that come inside libvips: small, and the same in every copy.
ColourSpacePtr builtIn(const char* name) {
    VipsBlob* blob = nullptr;
    if (vips_profile_load(name, &blob, nullptr) != 0 || !blob)
        throw Problem(ProblemKind::Internal, {},
                      Saying("the profile {name} could not be loaded", {{"name", name}}));
    std::size_t length = 0;
    const auto* data = static_cast<const std::uint8_t*>(vips_blob_get(blob, &length));
    Bytes bytes(data, data + length);
    vips_area_unref(reinterpret_cast<VipsArea*>(blob));
    return colourSpaceOf(std::move(bytes), name);
}

struct TransformKey {
    const ColourSpace* source;
    const ColourSpace* target;
    bool fromDeep, toDeep;
    Intent intent;
};

cmsUInt32Number formatOf(const ColourSpace& space, bool deep) {
    const bool grey = space.channels() == 1;
    return grey ? (deep ? TYPE_GRAY_16 : TYPE_GRAY_8) : (deep ? TYPE_RGB_16 : TYPE_RGB_8);
}

Transform makeTransform(const TransformKey& key) {
    const cmsUInt32Number flags = cmsFLAGS_NOCACHE | // without its cache, one transform serves all threads
                                  (key.intent == Intent::Relative ? cmsFLAGS_BLACKPOINTCOMPENSATION : 0U);
    return {cmsCreateTransform(key.source->handle(), formatOf(*key.source, key.fromDeep),
                               key.target->handle(), formatOf(*key.target, key.toDeep),
                               static_cast<cmsUInt32Number>(key.intent), flags),
            [](void* transform) {
                if (transform)
                    cmsDeleteTransform(transform);
            }};
}

/// Making a way between two profiles takes milliseconds, and slider frames want many: the last few are kept.
/// Profiles are told apart by their bytes, since those of pictures come and go.
Transform transformFor(const TransformKey& key) {
    struct Kept {
        Bytes source, target;
        bool fromDeep, toDeep;
        Intent intent;
        Transform transform;
    };
    static std::mutex mutex;
    static std::list<Kept> kept;
    const std::lock_guard lock(mutex);
    for (auto it = kept.begin(); it != kept.end(); ++it)
        if (it->fromDeep == key.fromDeep && it->toDeep == key.toDeep && it->intent == key.intent &&
            it->source == key.source->profile() && it->target == key.target->profile()) {
            kept.splice(kept.begin(), kept, it);
            return it->transform;
        }
    auto made = makeTransform(key);
    kept.push_front(
        {key.source->profile(), key.target->profile(), key.fromDeep, key.toDeep, key.intent, made});
    if (kept.size() > 12)
        kept.pop_back();
    return made;
}

} // namespace

ColourSpace::~ColourSpace() {
    if (m_handle)
        cmsCloseProfile(m_handle);
}

ColourSpacePtr colourSpaceOf(Bytes profile, const std::string& subject, std::string name) {
    // A damaged profile is told by our own problem; lcms2 would otherwise write to the terminal.
    cmsSetLogErrorHandler(nullptr);
    std::shared_ptr<ColourSpace> out(new ColourSpace);
    out->m_profile = std::move(profile);
    out->m_handle =
        cmsOpenProfileFromMem(out->m_profile.data(), static_cast<cmsUInt32Number>(out->m_profile.size()));
    if (!out->m_handle)
        unusable(subject, "it is damaged or no ICC profile");
    const auto space = cmsGetColorSpace(out->m_handle);
    if (space != cmsSigRgbData && space != cmsSigGrayData)
        unusable(subject, "it is for other channels than RGB or grey");
    out->m_channels = space == cmsSigGrayData ? 1 : 3;
    const auto kind = cmsGetDeviceClass(out->m_handle);
    if (kind != cmsSigDisplayClass && kind != cmsSigOutputClass && kind != cmsSigColorSpaceClass &&
        kind != cmsSigInputClass)
        unusable(subject, "it is a link or a named-colour profile");
    if (name.empty()) {
        std::array<char, 256> own{};
        cmsGetProfileInfoASCII(out->m_handle, cmsInfoDescription, "en", "US", own.data(), own.size() - 1);
        name = own.data();
    }
    out->m_name = printable(name, 120);
    return out;
}

ColourSpacePtr colourSpaceFromFile(const std::filesystem::path& file) {
    return readProfile(Original(file), file.string());
}

ColourSpacePtr srgbSpace() {
    static const auto space = builtIn("srgb");
    return space;
}

ColourSpacePtr displayP3Space() {
    static const auto space = builtIn("p3");
    return space;
}

namespace {

/// Names the profile, closes it and makes it the same each time.
ColourSpacePtr ownSpace(cmsHPROFILE profile, const wchar_t* name) {
    describe(profile, cmsSigProfileDescriptionTag, name);
    describe(profile, cmsSigCopyrightTag, L"No copyright, use freely");
    cmsSetProfileVersion(profile, 2.1); // read by everything
    auto bytes = serialised(profile);
    cmsCloseProfile(profile);
    // Its date of making (ICC.1:2010, 7.2.8) would make two copies of one picture differ.
    constexpr std::uint8_t date[12] = {0x07, 0xEA, 0, 1, 0, 1, 0, 0, 0, 0, 0, 0};
    std::copy(std::begin(date), std::end(date), bytes.begin() + 24);
    return colourSpaceOf(std::move(bytes), "Keep Seal's own profile");
}

constexpr cmsCIExyY kD65 = {0.3127, 0.3290, 1};

} // namespace

ColourSpacePtr greySpace() {
    static const auto space = [] {
        cmsToneCurve* curve = srgbCurve();
        cmsHPROFILE profile = cmsCreateGrayProfile(&kD65, curve);
        cmsFreeToneCurve(curve);
        return ownSpace(profile, L"Grey, curve of sRGB");
    }();
    return space;
}

ColourSpacePtr opRgbSpace() {
    static const auto space = [] {
        constexpr cmsCIExyYTRIPLE primaries = {{0.64, 0.33, 1}, {0.21, 0.71, 1}, {0.15, 0.06, 1}};
        cmsToneCurve* curve = cmsBuildGamma(nullptr, 563.0 / 256);
        cmsToneCurve* curves[3] = {curve, curve, curve};
        cmsHPROFILE profile = cmsCreateRGBProfile(&kD65, &primaries, curves);
        cmsFreeToneCurve(curve);
        return ownSpace(profile, L"opRGB");
    }();
    return space;
}

void convertPixels(const void* from, bool fromDeep, const ColourSpace& source, void* to, bool toDeep,
                   const ColourSpace& target, std::size_t count, Intent intent) {
    const auto transform = transformFor({&source, &target, fromDeep, toDeep, intent});
    if (!transform)
        throw Problem(ProblemKind::Internal, {},
                      Saying("there is no way between the colour profiles “{source}” and “{target}”",
                             {{"source", source.name()}, {"target", target.name()}}));
    constexpr std::size_t step = 1U << 20; // lcms2 counts in 32 bits
    const std::size_t fromBytes = static_cast<std::size_t>(source.channels()) * (fromDeep ? 2 : 1);
    const std::size_t toBytes = static_cast<std::size_t>(target.channels()) * (toDeep ? 2 : 1);
    for (std::size_t at = 0; at < count; at += step)
        cmsDoTransform(transform.get(), static_cast<const std::uint8_t*>(from) + at * fromBytes,
                       static_cast<std::uint8_t*>(to) + at * toBytes,
                       static_cast<cmsUInt32Number>(std::min(step, count - at)));
}

void convertFrame(Frame& frame, const ColourSpacePtr& target, Intent intent) {
    if (frame.space == target || (frame.space && target && frame.space->profile() == target->profile()))
        return;
    const auto source = frame.space ? frame.space : srgbSpace();
    const auto wanted = target ? target : srgbSpace();
    void* pixels = frame.isDeep() ? static_cast<void*>(frame.deep.data()) : frame.rgb.data();
    convertPixels(pixels, frame.isDeep(), *source, pixels, frame.isDeep(), *wanted,
                  static_cast<std::size_t>(frame.size.pixels()), intent);
    frame.space = target;
}

Rgb convertColour(Rgb colour, const ColourSpacePtr& target) {
    if (!target || target->channels() != 3)
        return colour;
    const std::uint8_t from[3] = {colour.r, colour.g, colour.b};
    std::uint8_t to[3] = {};
    convertPixels(from, false, *srgbSpace(), to, false, *target, 1, Intent::Relative);
    return {to[0], to[1], to[2]};
}

} // namespace keepseal
