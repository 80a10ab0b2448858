// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "base/text.h"
#include "picture/colour_space.h"

#include <lcms2.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <list>
#include <mutex>

namespace keepseal {
namespace {

constexpr std::size_t kKeptProfiles = 6;
constexpr double kSameColourant = 0.0005, kSameCurve = 0.0008;

using Profile = std::unique_ptr<void, decltype(&cmsCloseProfile)>;

[[noreturn]] void unusable(const std::string& subject, const std::string& why) {
    throw Problem(ProblemKind::BadFile, subject,
                  Saying("this colour profile can't be used: {why}", {{"why", why}}),
                  "Choose an RGB or grey ICC profile for a display or a printer");
}

/// ICC.1:2010, 9: all that says which colours the numbers mean. No texts, no dates, no private tags.
constexpr std::array kNumbers = {cmsSigMediaWhitePointTag,
                                 cmsSigChromaticAdaptationTag,
                                 cmsSigRedColorantTag,
                                 cmsSigGreenColorantTag,
                                 cmsSigBlueColorantTag,
                                 cmsSigRedTRCTag,
                                 cmsSigGreenTRCTag,
                                 cmsSigBlueTRCTag,
                                 cmsSigGrayTRCTag,
                                 cmsSigAToB0Tag,
                                 cmsSigAToB1Tag,
                                 cmsSigAToB2Tag,
                                 cmsSigBToA0Tag,
                                 cmsSigBToA1Tag,
                                 cmsSigBToA2Tag};

void requireUsable(cmsHPROFILE profile, const std::string& subject) {
    // As numbers: a file may name one that is none of the library's.
    const std::uint32_t space = cmsGetColorSpace(profile), kind = cmsGetDeviceClass(profile);
    if (space != cmsSigRgbData && space != cmsSigGrayData)
        unusable(subject, "it is for other channels than RGB or grey");
    if (kind != cmsSigDisplayClass && kind != cmsSigOutputClass && kind != cmsSigColorSpaceClass &&
        kind != cmsSigInputClass)
        unusable(subject, "it is a link or a named-colour profile");
    const auto holdsAll = [profile](std::initializer_list<cmsTagSignature> tags) {
        return std::all_of(tags.begin(), tags.end(), [profile](auto tag) { return cmsIsTag(profile, tag); });
    };
    const bool curves = space == cmsSigGrayData
                            ? holdsAll({cmsSigGrayTRCTag})
                            : holdsAll({cmsSigRedColorantTag, cmsSigGreenColorantTag, cmsSigBlueColorantTag,
                                        cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag});
    if (!curves && !holdsAll({cmsSigAToB0Tag})) // ICC.1:2010, 8.3 and 8.4
        unusable(subject, "it is damaged: it does not say which colours its numbers mean");
}

/// ICC.1:2010, 8.2, wants both in every profile.
void writeTexts(cmsHPROFILE to) {
    for (const auto& [tag, text] :
         {std::pair{cmsSigProfileDescriptionTag, L"Colours of this picture"},
          std::pair{cmsSigCopyrightTag, L"No rights are claimed in these numbers"}}) {
        cmsMLU* words = cmsMLUalloc(nullptr, 1);
        cmsMLUsetWide(words, "en", "US", text);
        cmsWriteTag(to, tag, words);
        cmsMLUfree(words);
    }
}

/// ICC.1:2010, 10.1: the first four bytes. To be asked before the tag itself is read.
std::uint32_t typeOf(cmsHPROFILE profile, cmsTagSignature tag) {
    std::array<std::uint8_t, 4> first{};
    cmsReadRawTag(profile, tag, first.data(), first.size());
    return std::uint32_t(first[0]) << 24 | std::uint32_t(first[1]) << 16 | std::uint32_t(first[2]) << 8 |
           first[3];
}

/// How a table's numbers are encoded depends on its type (ICC.1:2010, 10.10 to 10.12, and 6.3.4.2), and the
/// type on the version: version 2 for those of 8 and 16 bits, 4 for the others.
double versionFor(cmsHPROFILE from, const std::string& subject) {
    bool old = false, later = false;
    for (const auto tag : kNumbers) {
        if (!cmsIsTag(from, tag))
            continue;
        const auto type = typeOf(from, tag);
        old = old || type == cmsSigLut8Type || type == cmsSigLut16Type;
        later = later || type == cmsSigLutAtoBType || type == cmsSigLutBtoAType;
    }
    if (old && later)
        unusable(subject, "it mixes tables of two kinds");
    return later || (!old && cmsGetProfileVersion(from) >= 4) ? 4.2 : 2.1;
}

void copyNumber(cmsHPROFILE from, cmsHPROFILE to, cmsTagSignature tag, const std::string& subject) {
    const auto type = typeOf(from, tag);
    void* value = cmsReadTag(from, tag);
    if (value && type == cmsSigLut8Type)
        cmsPipelineSetSaveAs8bitsFlag(static_cast<cmsPipeline*>(value), TRUE);
    if (!value || !cmsWriteTag(to, tag, value))
        unusable(subject, "it is damaged");
}

Bytes serialisedNumbers(cmsHPROFILE from, const std::string& subject) {
    const Profile to(cmsCreateProfilePlaceholder(nullptr), cmsCloseProfile);
    cmsSetDeviceClass(to.get(), cmsGetDeviceClass(from));
    cmsSetColorSpace(to.get(), cmsGetColorSpace(from));
    cmsSetPCS(to.get(), cmsGetPCS(from));
    cmsSetHeaderRenderingIntent(to.get(), std::min<cmsUInt32Number>(cmsGetHeaderRenderingIntent(from), 3));
    cmsSetProfileVersion(to.get(), versionFor(from, subject));
    for (const auto tag : kNumbers)
        if (cmsIsTag(from, tag))
            copyNumber(from, to.get(), tag, subject);
    writeTexts(to.get());
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(to.get(), nullptr, &size);
    Bytes out(size);
    if (size == 0 || !cmsSaveProfileToMem(to.get(), out.data(), &size))
        unusable(subject, "it is damaged");
    // Its date of making (ICC.1:2010, 7.2.8) would make two copies of one picture differ.
    constexpr std::uint8_t date[12] = {0x07, 0xEA, 0, 1, 0, 1, 0, 0, 0, 0, 0, 0};
    std::copy(std::begin(date), std::end(date), out.begin() + 24);
    return out;
}

bool sameColourants(cmsHPROFILE a, cmsHPROFILE b) {
    for (const auto tag : {cmsSigRedColorantTag, cmsSigGreenColorantTag, cmsSigBlueColorantTag}) {
        const auto* x = static_cast<const cmsCIEXYZ*>(cmsReadTag(a, tag));
        const auto* y = static_cast<const cmsCIEXYZ*>(cmsReadTag(b, tag));
        if (!x || !y || std::abs(x->X - y->X) > kSameColourant || std::abs(x->Y - y->Y) > kSameColourant ||
            std::abs(x->Z - y->Z) > kSameColourant)
            return false;
    }
    return true;
}

bool sameCurves(cmsHPROFILE a, cmsHPROFILE b) {
    for (const auto tag : {cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag}) {
        const auto* x = static_cast<const cmsToneCurve*>(cmsReadTag(a, tag));
        const auto* y = static_cast<const cmsToneCurve*>(cmsReadTag(b, tag));
        if (!x || !y)
            return false;
        for (int i = 0; i <= 255; ++i)
            if (const auto at = static_cast<cmsFloat32Number>(i) / 255;
                std::abs(cmsEvalToneCurveFloat(x, at) - cmsEvalToneCurveFloat(y, at)) > kSameCurve)
                return false;
    }
    return true;
}

/// Ours, where it means the same: every second program writes its own sRGB.
ColourSpacePtr oneOfOurs(cmsHPROFILE profile) {
    if (cmsGetColorSpace(profile) != cmsSigRgbData || cmsGetPCS(profile) != cmsSigXYZData ||
        cmsIsTag(profile, cmsSigAToB0Tag) || cmsIsTag(profile, cmsSigBToA0Tag))
        return nullptr;
    for (const auto& ours : {srgbSpace(), displayP3Space(), opRgbSpace()})
        if (sameColourants(profile, ours->handle()) && sameCurves(profile, ours->handle()))
            return ours;
    return nullptr;
}

ColourSpacePtr writtenAnew(const Bytes& bytes, const std::string& subject) {
    cmsSetLogErrorHandler(nullptr); // lcms2 would otherwise write to the terminal
    const Profile profile(cmsOpenProfileFromMem(bytes.data(), static_cast<cmsUInt32Number>(bytes.size())),
                          [](cmsHPROFILE opened) { return opened ? cmsCloseProfile(opened) : 1; });
    if (!profile)
        unusable(subject, "it is damaged or no ICC profile");
    requireUsable(profile.get(), subject);
    if (auto ours = oneOfOurs(profile.get()))
        return ours;
    std::array<char, 256> name{};
    cmsGetProfileInfoASCII(profile.get(), cmsInfoDescription, "en", "US", name.data(), name.size() - 1);
    return colourSpaceOf(serialisedNumbers(profile.get(), subject), subject, printable(name.data(), 120));
}

} // namespace

ColourSpacePtr readProfile(const ByteSource& source, const std::string& subject) {
    struct Kept {
        Bytes bytes;
        ColourSpacePtr space;
    };
    static std::mutex mutex;
    static std::list<Kept> kept; // the pictures of one camera have one profile
    if (source.size() > kMaxProfileBytes)
        throw Problem(ProblemKind::TooLarge, subject, "this is larger than a colour profile may be",
                      "Keep Seal reads profiles of up to 8 MB");
    auto bytes = source.bytes(0, source.size());
    const std::lock_guard lock(mutex);
    for (const auto& known : kept)
        if (known.bytes == bytes)
            return known.space;
    auto space = writtenAnew(bytes, subject);
    kept.push_front({std::move(bytes), space});
    if (kept.size() > kKeptProfiles)
        kept.pop_back();
    return space;
}

} // namespace keepseal
