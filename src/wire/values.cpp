// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "wire/values.h"

#include <algorithm>
#include <cmath>
#include <list>
#include <mutex>

namespace keepseal::wire {
namespace {

constexpr std::size_t kKeptSpaces = 8;

kj::StringPtr textOf(const std::string& text) {
    return {text.c_str(), text.size()};
}
std::string stringOf(capnp::Text::Reader text) {
    return {text.begin(), text.size()};
}
kj::ArrayPtr<const kj::byte> dataOf(const Bytes& bytes) {
    return {bytes.data(), bytes.size()};
}
Bytes bytesOf(capnp::Data::Reader data) {
    return {data.begin(), data.end()};
}

/// The number as a value of the enumeration, whose last is `last`.
template <class Enum>
Enum valueOf(std::uint16_t number, Enum last) {
    if (number > static_cast<std::uint16_t>(last))
        nonsense();
    return static_cast<Enum>(number);
}
template <class Enum>
std::uint16_t numberOf(Enum value) {
    return static_cast<std::uint16_t>(value);
}

int within(int value, int least, int most) {
    if (value < least || value > most)
        nonsense();
    return value;
}
double finite(double value) {
    if (!std::isfinite(value))
        nonsense();
    return value;
}

void writeBox(messages::Box::Builder to, const Box& from) {
    to.setX(from.x);
    to.setY(from.y);
    to.setWidth(from.width);
    to.setHeight(from.height);
}
Box readBox(messages::Box::Reader from) {
    return {finite(from.getX()), finite(from.getY()), finite(from.getWidth()), finite(from.getHeight())};
}

void writeFinding(messages::Finding::Builder to, const Finding& from) {
    to.setWhere(textOf(from.where));
    to.setName(textOf(from.name));
    to.setValue(textOf(from.value));
    to.setCategory(numberOf(from.category));
    to.setTellsPlace(from.tellsPlace);
    to.setOffset(from.offset);
    if (!from.text.empty())
        to.setText(textOf(from.text));
    if (!from.language.empty())
        to.setLanguage(textOf(from.language));
    to.setNotUtf8(from.notUtf8);
    if (!from.exif)
        return;
    auto exif = to.initExif();
    exif.setIfd(numberOf(from.exif->ifd));
    exif.setTag(from.exif->tag);
    exif.setType(from.exif->type);
    exif.setCount(from.exif->count);
    exif.setBytes(dataOf(from.exif->bytes));
}

Finding readFinding(messages::Finding::Reader from) {
    Finding out{stringOf(from.getWhere()), stringOf(from.getName()),
                stringOf(from.getValue()), valueOf(from.getCategory(), Category::Technical),
                from.getTellsPlace(),      from.getOffset(),
                stringOf(from.getText()),  stringOf(from.getLanguage()),
                from.getNotUtf8()};
    if (from.hasExif()) {
        const auto exif = from.getExif();
        out.exif = std::make_shared<const ExifValue>(ExifValue{valueOf(exif.getIfd(), IfdKind::Interop),
                                                               exif.getTag(), exif.getType(), exif.getCount(),
                                                               bytesOf(exif.getBytes())});
    }
    return out;
}

} // namespace

void nonsense() {
    throw Problem(ProblemKind::Internal, {}, "a worker's answer made no sense",
                  "Try again; if it happens again, leave this picture out");
}

void write(messages::Size::Builder to, const Size& from) {
    to.setWidth(from.width);
    to.setHeight(from.height);
}
Size read(messages::Size::Reader from) {
    return {within(from.getWidth(), 0, 1 << 30), within(from.getHeight(), 0, 1 << 30)};
}

void write(messages::Facts::Builder to, const PictureFacts& from) {
    to.setContainer(numberOf(from.container));
    write(to.initStored(), from.stored);
    write(to.initSize(), from.size);
    to.setOrientation(from.orientation);
    to.setBits(from.bits);
    to.setChannels(from.channels);
    to.setHasAlpha(from.hasAlpha);
    to.setHasProfile(from.hasProfile);
    to.setPages(from.pages);
    to.setColour(textOf(from.colour));
    to.setPixelsPerMm(from.pixelsPerMm);
    to.setWholeAtOnce(from.wholeAtOnce);
    to.setKeepsBlocks(from.keepsBlocks);
    to.setSrgb(from.srgb);
    write(to.initPerColour(), from.perColour);
    to.setPage(from.reading.page);
    to.setRaw(numberOf(from.reading.raw));
}
PictureFacts read(messages::Facts::Reader from) {
    PictureFacts out{valueOf(from.getContainer(), kLastContainer),
                     read(from.getStored()),
                     read(from.getSize()),
                     within(from.getOrientation(), 1, 8),
                     within(from.getBits(), 1, 128),
                     within(from.getChannels(), 1, 64),
                     from.getHasAlpha(),
                     from.getHasProfile(),
                     within(from.getPages(), 1, 1 << 30),
                     stringOf(from.getColour()),
                     finite(from.getPixelsPerMm()),
                     from.getWholeAtOnce(),
                     from.getKeepsBlocks(),
                     from.getSrgb(),
                     read(from.getPerColour()),
                     {within(from.getPage(), 0, 1 << 30), valueOf(from.getRaw(), RawPicture::Cameras)}};
    if (out.stored.empty() || out.size.empty() || out.stored.pixels() > kMaxPixels ||
        out.size.pixels() != out.stored.pixels())
        nonsense();
    return out;
}

void write(messages::Changed::Builder to, const ChangedPart& from) {
    to.setX(from.area.x);
    to.setY(from.area.y);
    write(to.initSize(), {from.area.width, from.area.height});
    to.setCells({from.cells.data(), from.cells.size()});
}
ChangedPart read(messages::Changed::Reader from) {
    const auto size = read(from.getSize());
    ChangedPart out;
    out.area = {within(from.getX(), 0, 1 << 30), within(from.getY(), 0, 1 << 30), size.width, size.height};
    out.cells = bytesOf(from.getCells());
    return out;
}

void write(messages::FactsOfFile::Builder to, const PictureFacts& from) {
    write(to.initFirst(), from);
    if (from.further) {
        auto pages = to.initFurther(static_cast<unsigned>(from.further->size()));
        for (unsigned i = 0; i < pages.size(); ++i)
            write(pages[i], (*from.further)[i]);
    }
    if (from.cameras)
        write(to.initCameras(), *from.cameras);
}
PictureFacts read(messages::FactsOfFile::Reader from) {
    auto out = read(from.getFirst());
    if (from.getFurther().size() > static_cast<unsigned>(kMostPages))
        nonsense();
    if (from.getFurther().size() > 0) {
        std::vector<PictureFacts> further;
        for (const auto page : from.getFurther())
            further.push_back(read(page));
        out.further = std::make_shared<const std::vector<PictureFacts>>(std::move(further));
    }
    if (from.hasCameras())
        out.cameras = std::make_shared<const PictureFacts>(read(from.getCameras()));
    return out;
}

void write(messages::Space::Builder to, const ColourSpacePtr& from) {
    if (!from)
        return;
    to.setProfile(dataOf(from->profile()));
    to.setName(textOf(from->name()));
}
ColourSpacePtr read(messages::Space::Reader from) {
    static std::mutex mutex;
    static std::list<ColourSpacePtr> kept;
    const auto profile = from.getProfile();
    if (profile.size() == 0)
        return nullptr;
    const std::lock_guard lock(mutex);
    for (const auto& space : kept)
        if (std::equal(space->profile().begin(), space->profile().end(), profile.begin(), profile.end()))
            return space;
    kept.push_front(colourSpaceOf(bytesOf(profile), "the picture's profile", stringOf(from.getName())));
    if (kept.size() > kKeptSpaces)
        kept.pop_back();
    return kept.front();
}

void write(messages::Wish::Builder to, const DevelopWish& from) {
    write(to.initUpright(), from.cut.upright);
    write(to.initTurned(), from.cut.turned);
    to.setQuarterTurns(from.cut.quarterTurns);
    to.setFlip(from.cut.flip);
    to.setAngle(from.cut.angle);
    writeBox(to.initCut(), from.cut.box);
    writeBox(to.initKept(), from.kept);
    write(to.initTarget(), from.target);
    to.setResampling(numberOf(from.resampling));
    to.setLinearLight(from.linearLight);
    to.setDeep(from.deep);
    to.setKeepAlpha(from.keepAlpha);
    to.setBackground(
        static_cast<std::uint32_t>(from.background.r << 16 | from.background.g << 8 | from.background.b));
    write(to.initSpace(), from.space);
    to.setOwnSpace(from.ownSpace);
    to.setIntent(numberOf(from.intent));
}
DevelopWish read(messages::Wish::Reader from) {
    DevelopWish out;
    out.cut = {read(from.getUpright()), read(from.getTurned()),  within(from.getQuarterTurns(), 0, 3),
               from.getFlip(),          finite(from.getAngle()), readBox(from.getCut())};
    out.kept = readBox(from.getKept());
    out.target = read(from.getTarget());
    out.resampling = valueOf(from.getResampling(), Resampling::Exact);
    out.linearLight = from.getLinearLight();
    out.deep = from.getDeep();
    out.keepAlpha = from.getKeepAlpha();
    const auto ground = from.getBackground();
    out.background = {static_cast<std::uint8_t>(ground >> 16), static_cast<std::uint8_t>(ground >> 8),
                      static_cast<std::uint8_t>(ground)};
    out.space = read(from.getSpace());
    out.ownSpace = from.getOwnSpace();
    out.intent = valueOf(from.getIntent(), Intent::Absolute);
    return out;
}

namespace {

void writeArguments(capnp::List<messages::Argument>::Builder to,
                    const std::map<std::string, std::string>& from) {
    unsigned at = 0;
    for (const auto& [name, value] : from) {
        to[at].setName(textOf(name));
        to[at++].setValue(textOf(value));
    }
}
std::map<std::string, std::string> readArguments(capnp::List<messages::Argument>::Reader from) {
    std::map<std::string, std::string> out;
    for (const auto argument : from)
        out[stringOf(argument.getName())] = stringOf(argument.getValue());
    return out;
}

void writeWords(messages::Words::Builder to, const Saying& from) {
    to.setText(textOf(from.values().empty() ? from.english() : from.pattern()));
    writeArguments(to.initValues(static_cast<unsigned>(from.values().size())), from.values());
}
Saying readWords(messages::Words::Reader from) {
    auto values = readArguments(from.getValues());
    return values.empty() ? Saying(stringOf(from.getText()))
                          : Saying(stringOf(from.getText()), std::move(values));
}

} // namespace

void write(capnp::List<messages::Note>::Builder to, const Notes& from) {
    for (unsigned i = 0; i < to.size(); ++i) {
        to[i].setKind(rowOf(from[i].kind).key);
        to[i].setSubject(textOf(from[i].subject));
        writeArguments(to[i].initArguments(static_cast<unsigned>(from[i].arguments.size())),
                       from[i].arguments);
    }
}
Notes read(capnp::List<messages::Note>::Reader from) {
    Notes out;
    for (const auto note : from) {
        const auto* row = noteRow(stringOf(note.getKind()));
        if (!row)
            nonsense();
        out.push_back({row->kind, stringOf(note.getSubject()), readArguments(note.getArguments())});
    }
    return out;
}

void write(messages::Problem::Builder to, const Problem& from) {
    to.setKind(keyOf(from.kind));
    to.setSubject(textOf(from.subject));
    writeWords(to.initHappened(), from.happened);
    writeWords(to.initRemedy(), from.remedy);
}
Problem read(messages::Problem::Reader from) {
    return {problemKindOf(stringOf(from.getKind())), stringOf(from.getSubject()),
            readWords(from.getHappened()), readWords(from.getRemedy())};
}

void write(messages::Report::Builder to, const FileReport& from) {
    to.setContainer(numberOf(from.container));
    to.setBytes(from.bytes);
    auto findings = to.initFindings(static_cast<unsigned>(from.findings.size()));
    for (unsigned i = 0; i < findings.size(); ++i)
        writeFinding(findings[i], from.findings[i]);
    auto previews = to.initPreviews(static_cast<unsigned>(from.previews.size()));
    for (unsigned i = 0; i < previews.size(); ++i) {
        previews[i].setOffset(from.previews[i].offset);
        previews[i].setLength(from.previews[i].length);
    }
    auto parts = to.initNotSearched(static_cast<unsigned>(from.notSearched.size()));
    for (unsigned i = 0; i < parts.size(); ++i) {
        parts[i].setWhere(textOf(from.notSearched[i].where));
        writeWords(parts[i].initWhat(), from.notSearched[i].what);
    }
    auto secrets = to.initSecrets(static_cast<unsigned>(from.secrets.size()));
    for (unsigned i = 0; i < secrets.size(); ++i)
        secrets.set(i, dataOf(from.secrets[i]));
    if (!from.point)
        return;
    to.setHasPoint(true);
    to.setLatitude(from.point->latitude);
    to.setLongitude(from.point->longitude);
}
FileReport read(messages::Report::Reader from) {
    FileReport out;
    out.container = valueOf(from.getContainer(), kLastContainer);
    out.bytes = from.getBytes();
    out.findings.reserve(from.getFindings().size());
    for (const auto finding : from.getFindings())
        out.findings.push_back(readFinding(finding));
    for (const auto preview : from.getPreviews())
        out.previews.push_back({preview.getOffset(), preview.getLength()});
    for (const auto part : from.getNotSearched())
        out.notSearched.push_back({stringOf(part.getWhere()), readWords(part.getWhat())});
    for (const auto secret : from.getSecrets())
        out.secrets.push_back(bytesOf(secret));
    if (from.getHasPoint())
        out.point = {finite(from.getLatitude()), finite(from.getLongitude())};
    return out;
}

SniffedFile sniffedOf(std::uint16_t kind, std::uint16_t container, std::string name) {
    return {valueOf(kind, FileKind::Unknown), valueOf(container, kLastContainer), std::move(name)};
}

} // namespace keepseal::wire
