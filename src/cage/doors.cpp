// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The functions of core that meet strangers' bytes, carried out by a worker; see picture/develop.h.
#include "base/problem.h"
#include "cage/pool.h"
#include "picture/develop.h"
#include "picture/file_kind.h"
#include "picture/untouched.h"
#include "privacy/report.h"
#include "seal/logo_reading.h"
#include "wire/values.h"

#include <cstdlib>

namespace keepseal {
namespace {

using namespace cage;
using messages::Answer;
using messages::Request;

constexpr std::uint64_t kMegabyte = 1ULL << 20;
constexpr std::uint64_t kForHeaders = 384 * kMegabyte; ///< libraries' own, and what a header makes them hold
constexpr std::uint64_t kForMetadata = 1024 * kMegabyte;
constexpr std::uint64_t kForDrawings = 1024 * kMegabyte;

/// More pixels may take more time: half a minute, and a minute for each 10 megapixels.
std::chrono::seconds timeFor(const PictureFacts& facts) {
    return std::chrono::seconds(30 + facts.stored.pixels() * 60 / 10'000'000);
}

/// What a decoder takes beside the pixels that are counted.
std::uint64_t memoryFor(std::uint64_t counted) {
    return kForHeaders + counted + counted / 2;
}

/// Some file or bytes, as a descriptor to hand over.
class Handed {
public:
    explicit Handed(const ByteSource& source) : m_descriptor(source.descriptor()) {
        if (m_descriptor >= 0)
            return;
        const auto held = source.held();
        m_memory =
            held.empty() ? wire::sealedMemory({source.bytes(0, source.size())}) : wire::sealedMemory({held});
        m_descriptor = m_memory.get();
    }
    int descriptor() const { return m_descriptor; }

private:
    int m_descriptor;
    wire::Descriptor m_memory;
};

/// For what a worker holds already.
class NoSource final : public ByteSource {
public:
    std::uint64_t size() const override { return 0; }
    std::size_t read(std::uint64_t, std::span<std::uint8_t>) const override { return 0; }
};

/// An answer, and the worker's turn: what lies beside it in shared memory is the worker's until then.
struct Answered {
    Pool::Turn turn;
    wire::Received message;
};

template <class Fill>
Answered ask(const WorkerPtr& wanted, const ByteSource& source, const std::string& name, const Limits& limits,
             const Fill& fill) {
    capnp::MallocMessageBuilder message;
    auto request = message.initRoot<Request>();
    request.setName(name);
    request.setMemory(limits.memory);
    fill(request);
    const Handed handed(source);
    auto turn = Pool::instance().turn(wanted);
    try {
        auto answer = turn->ask(message, handed.descriptor(), name, limits);
        return {std::move(turn), std::move(answer)};
    } catch (const Broke&) {
        // It may have been harmed by what it read before, or ended by the system: a picture is only
        // blamed for the end of a process that read nothing else.
        if (wanted || !turn->wasAsked())
            throw;
        turn.renew();
    }
    auto answer = turn->ask(message, handed.descriptor(), name, limits);
    return {std::move(turn), std::move(answer)};
}

/// `what` of an answer must be the kind that was asked for.
Answer::Reader expected(Answered& answer, Answer::Which what) {
    const auto root = answer.message.root<Answer>();
    if (root.which() != what)
        wire::nonsense();
    return root;
}

template <class Samples>
void takeSamples(Answered& answer, Samples& to, std::size_t count) {
    wire::copySamples(answer.message.takeDescriptor(), to, count);
}

FileReport reportOf(Answered answer) {
    return wire::read(expected(answer, Answer::REPORT).getReport());
}

ColourSpacePtr spaceOf(Answered answer) {
    return wire::read(expected(answer, Answer::SPACE).getSpace());
}

} // namespace

void prepareReaders() {
    // libvips looks for its modules below this: what they read, only workers do.
    ::setenv("VIPSHOME", "/nonexistent", 1);
}

void startReaders() {
    Pool::instance().begin();
}

PictureFacts readFacts(const ByteSource& source, const std::string& name) {
    auto answer = ask(nullptr, source, name, {std::chrono::seconds(30), kForHeaders},
                      [](Request::Builder request) { request.setReadFacts(); });
    return wire::read(expected(answer, Answer::FACTS).getFacts());
}

FileReport inspect(const ByteSource& source, Reach reach) {
    return reportOf(
        ask(nullptr, source, {}, {std::chrono::seconds(60), kForMetadata}, [reach](Request::Builder request) {
            request.initInspect().setHeadersOnly(reach == Reach::Headers);
        }));
}

FileReport inspectXmp(std::string_view packet) {
    const MemorySource source({reinterpret_cast<const std::uint8_t*>(packet.data()), packet.size()});
    return reportOf(ask(nullptr, source, {}, {std::chrono::seconds(30), kForMetadata},
                        [](Request::Builder request) { request.setInspectXmp(); }));
}

SniffedFile sniffFile(const ByteSource& source, const std::string& ending) {
    auto answer = ask(nullptr, source, {}, {std::chrono::seconds(10), kForHeaders},
                      [&](Request::Builder request) { request.initSniff().setEnding(ending); });
    const auto found = expected(answer, Answer::SNIFFED).getSniffed();
    return wire::sniffedOf(found.getKind(), found.getContainer(), found.getName());
}

namespace cage {

/// Something that lies in a worker, which forgets it when nobody has it any more.
struct KeptThere {
    WorkerPtr worker;
    std::uint32_t number; ///< 0: it is forgotten

    KeptThere(WorkerPtr holder, std::uint32_t of) : worker(std::move(holder)), number(of) {}
    KeptThere(const KeptThere&) = delete;
    KeptThere& operator=(const KeptThere&) = delete;
    ~KeptThere() {
        if (number == 0)
            return;
        try {
            capnp::MallocMessageBuilder message;
            message.initRoot<Request>().setForget(number);
            Pool::instance().turn(worker)->ask(message, -1, {}, {});
        } catch (const std::exception&) { // it is gone, and what it kept with it
        }
    }
};

} // namespace cage

struct DecodedPicture : KeptThere {
    using KeptThere::KeptThere;
};

DecodedPtr decodePicture(const ByteSource& source, const std::string& name, const PictureFacts& facts,
                         int shrink) {
    const auto counted = decoderMemory(facts) + decodedMemory(facts, shrink);
    requireFits(counted, name);
    const Limits limits{timeFor(facts), memoryFor(counted)};
    auto answer = ask(nullptr, source, name, limits, [&](Request::Builder request) {
        auto wish = request.initDecode();
        wire::write(wish.initFacts(), facts);
        wish.setShrink(shrink);
    });
    const auto number = expected(answer, Answer::DECODED).getDecoded();
    return std::make_shared<DecodedPicture>(answer.turn.worker(), number);
}

Frame develop(const ByteSource& source, const std::string& name, const PictureFacts& facts,
              const DevelopWish& wish, Notes* notes, const DecodedPtr& decoded) {
    const auto counted = developMemory(facts, wish);
    requireFits(counted, name);
    auto answer = ask(decoded ? decoded->worker : nullptr, source, name, {timeFor(facts), memoryFor(counted)},
                      [&](Request::Builder request) {
                          auto asked = request.initDevelop();
                          wire::write(asked.initFacts(), facts);
                          wire::write(asked.initWish(), wish);
                          asked.setDecoded(decoded ? decoded->number : 0);
                      });
    const auto made = expected(answer, Answer::FRAME).getFrame();
    if (notes)
        addNotes(*notes, wire::read(made.getNotes()));
    Frame out;
    out.size = wire::read(made.getSize());
    if (!(out.size == wish.target) || made.getDeep() != wish.deep)
        wire::nonsense();
    out.picture = {0, 0, out.size.width, out.size.height};
    out.space = wire::read(made.getSpace());
    const auto pixels = static_cast<std::size_t>(out.size.pixels());
    if (wish.deep)
        takeSamples(answer, out.deep, pixels * 3);
    else
        takeSamples(answer, out.rgb, pixels * 3);
    if (made.getAlpha())
        takeSamples(answer, out.alpha, pixels);
    return out;
}

struct JpegCoefficients : KeptThere {
    using KeptThere::KeptThere;
    std::string name;
    PictureFacts facts;
    std::uint64_t bytes = 0; ///< of the file
};

namespace {

/// `beside`: what goes along with the request; what is held needs no file there.
template <class Fill>
Answered askHolder(const JpegCoefficients& held, const ByteSource& beside, std::uint64_t counted,
                   const Fill& fill) {
    requireFits(counted, held.name);
    return ask(held.worker, beside, held.name, {timeFor(held.facts), memoryFor(counted)}, fill);
}

} // namespace

HeldJpeg holdJpeg(const ByteSource& source, const std::string& name, const PictureFacts& facts, int decodeAt,
                  bool allAnew) {
    const auto counted =
        coefficientMemory(facts) + 2 * source.size() + (decodeAt > 0 ? decodedMemory(facts, decodeAt) : 0);
    requireFits(counted, name);
    auto answer =
        ask(nullptr, source, name, {timeFor(facts), memoryFor(counted)}, [&](Request::Builder request) {
            auto asked = request.initHold();
            wire::write(asked.initFacts(), facts);
            asked.setDecodeAt(decodeAt);
            asked.setAllAnew(allAnew);
        });
    const auto made = expected(answer, Answer::HELD).getHeld();
    HeldJpeg out;
    out.coefficients = std::make_shared<JpegCoefficients>(answer.turn.worker(), made.getNumber());
    out.coefficients->name = name;
    out.coefficients->facts = facts;
    out.coefficients->bytes = source.size();
    if (decodeAt > 0)
        out.decoded = std::make_shared<DecodedPicture>(answer.turn.worker(), made.getDecoded());
    out.coarse.size = wire::read(made.getCoarse());
    if (!(out.coarse.size == Size{facts.stored.width / 8, facts.stored.height / 8}))
        wire::nonsense();
    out.coarse.picture = {0, 0, out.coarse.size.width, out.coarse.size.height};
    takeSamples(answer, out.coarse.rgb, static_cast<std::size_t>(out.coarse.size.pixels()) * 3);
    return out;
}

Frame pixelsOf(const JpegCoefficients& held, const Rect& area) {
    const auto pixels = static_cast<std::uint64_t>(std::max(area.width, 0)) *
                        static_cast<std::uint64_t>(std::max(area.height, 0));
    auto answer = askHolder(held, NoSource(), 16 * pixels, [&](Request::Builder request) {
        auto asked = request.initPixelsOf();
        asked.setHeld(held.number);
        asked.setX(area.x);
        asked.setY(area.y);
        wire::write(asked.initSize(), {area.width, area.height});
    });
    Frame out;
    out.size = wire::read(expected(answer, Answer::FRAME).getFrame().getSize());
    if (!(out.size == Size{area.width, area.height}))
        wire::nonsense();
    out.picture = {0, 0, out.size.width, out.size.height};
    takeSamples(answer, out.rgb, static_cast<std::size_t>(pixels) * 3);
    return out;
}

Bytes stampedJpeg(std::shared_ptr<JpegCoefficients> held, const ChangedPart& changed,
                  const BlockCoding& coding) {
    // As it is, it grows by what changed; with other tables no code is longer than 26 bits (T.81, F.1.2), of
    // three samples a pixel.
    const auto pixels = static_cast<std::uint64_t>(held->facts.stored.pixels());
    const auto most =
        kMegabyte + (coding.untouched() ? 2 * held->bytes + 4 * changed.rgb.size() : 10 * pixels);
    // The file, and what it becomes; the part as it comes and as it is encoded.
    const MemorySource pixelsOfPart({changed.rgb.data(), changed.rgb.size()});
    auto answer = askHolder(*held, pixelsOfPart, held->bytes + most + 6 * changed.rgb.size(),
                            [&](Request::Builder request) {
                                auto asked = request.initStamp();
                                asked.setHeld(held->number);
                                asked.setQuality(coding.quality);
                                wire::write(asked.initPerColour(), coding.perColour);
                                wire::write(asked.initChanged(), changed);
                            });
    const auto length = expected(answer, Answer::STAMPED).getStamped();
    held->number = 0;
    if (length > most)
        wire::nonsense();
    Bytes out;
    takeSamples(answer, out, static_cast<std::size_t>(length));
    return out;
}

ColourSpacePtr embeddedSpace(const ByteSource& source, const PictureFacts& facts) {
    return spaceOf(ask(nullptr, source, {}, {std::chrono::seconds(30), kForHeaders},
                       [&](Request::Builder request) { wire::write(request.initEmbeddedSpace(), facts); }));
}

ColourSpacePtr readProfile(const ByteSource& profile, const std::string& subject) {
    auto space = spaceOf(ask(nullptr, profile, subject, {std::chrono::seconds(30), kForHeaders},
                             [](Request::Builder request) { request.setReadProfile(); }));
    return space ? space : (wire::nonsense(), nullptr);
}

LogoContent readLogoFile(const ByteSource& source, const std::string& file, int page) {
    auto answer = ask(nullptr, source, file, {std::chrono::seconds(30), kForDrawings},
                      [page](Request::Builder request) { request.initReadLogo().setPage(page); });
    const auto read = expected(answer, Answer::LOGO).getLogo();
    LogoContent out{read.getVector(), wire::read(read.getNative()), wire::read(read.getKept()), {}};
    if (out.native.empty() || (!out.vector && out.kept.empty()))
        wire::nonsense();
    if (out.vector)
        return out;
    const auto bytes = static_cast<std::size_t>(out.kept.pixels()) * 4;
    takeSamples(answer, out.rgba, bytes);
    return out;
}

LogoPixels drawVectorLogo(const ByteSource& source, const std::string& file, int page, Size native,
                          Size size) {
    const auto memory = kForDrawings + static_cast<std::uint64_t>(size.pixels()) * 24;
    auto answer =
        ask(nullptr, source, file, {std::chrono::seconds(30), memory}, [&](Request::Builder request) {
            auto asked = request.initDrawLogo();
            asked.setPage(page);
            wire::write(asked.initNative(), native);
            wire::write(asked.initSize(), size);
        });
    LogoPixels out;
    out.size = wire::read(expected(answer, Answer::DRAWING).getDrawing());
    if (!(out.size == size))
        wire::nonsense();
    const auto pixels = static_cast<std::size_t>(size.pixels());
    takeSamples(answer, out.argb, pixels);
    return out;
}

} // namespace keepseal
