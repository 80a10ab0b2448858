// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "worker/service.h"

#include "picture/develop.h"
#include "picture/file_kind.h"
#include "picture/untouched.h"
#include "privacy/report.h"
#include "seal/logo_reading.h"
#include "wire/channel.h"
#include "wire/values.h"

#include <cerrno>
#include <map>
#include <poll.h>

namespace keepseal::worker {
namespace {

using messages::Answer;
using messages::Request;
using wire::DescriptorSource;

constexpr std::size_t kMostKept = 64;
constexpr int kKeepPixelsMs = 2000;

template <class T>
ByteSpan asBytes(const T& samples) {
    return {reinterpret_cast<const std::uint8_t*>(samples.data()), samples.size() * sizeof(*samples.data())};
}

/// One request at a time. What it answers with beside the message is in `m_shared`.
class Service {
public:
    const std::vector<wire::Beside>& answer(Request::Reader request, wire::Descriptor file,
                                            Answer::Builder to) {
        m_shared.clear();
        m_frame = {}; // its blocks serve the next
        const std::string name(request.getName().begin(), request.getName().size());
        try {
            allowMemory(request.getMemory() + m_heldMemory);
            if (request.isForget()) {
                forget(request.getForget());
                to.setDone();
            } else {
                meet(request, DescriptorSource(std::move(file), name), name, to);
            }
        } catch (const Problem& problem) {
            wire::write(to.initProblem(), problem);
        } catch (const std::bad_alloc&) {
            wire::write(to.initProblem(),
                        Problem(ProblemKind::TooLarge, name, "reading it takes more memory than it may",
                                "Open it in the program it came from and save it again, or leave it out"));
        } catch (const std::exception& error) {
            wire::write(to.initProblem(), Problem(ProblemKind::Internal, name, error.what()));
        }
        return m_shared;
    }

private:
    /// Decoded pixels, or coefficients.
    struct Kept {
        DecodedPtr picture;
        std::shared_ptr<JpegCoefficients> coefficients;
        std::uint64_t memory = 0;
    };

    void meet(Request::Reader request, const DescriptorSource& source, const std::string& name,
              Answer::Builder to) {
        switch (request.which()) {
        case Request::READ_FACTS:
            return wire::write(to.initFacts(), readFacts(source, name));
        case Request::INSPECT:
            return wire::write(
                to.initReport(),
                inspect(source, request.getInspect().getHeadersOnly() ? Reach::Headers : Reach::Whole));
        case Request::INSPECT_XMP: {
            const auto bytes = source.bytes(0, source.size());
            return wire::write(to.initReport(),
                               inspectXmp({reinterpret_cast<const char*>(bytes.data()), bytes.size()}));
        }
        case Request::SNIFF:
            return sniff(request.getSniff(), source, to);
        case Request::DEVELOP:
            return develop(request.getDevelop(), source, name, to);
        case Request::DECODE:
            return decode(request.getDecode(), source, name, to);
        case Request::EMBEDDED_SPACE:
            return wire::write(to.initSpace(), embeddedSpace(source, wire::read(request.getEmbeddedSpace())));
        case Request::READ_PROFILE:
            return wire::write(to.initSpace(), readProfile(source, name));
        case Request::READ_LOGO:
            return readLogo(request.getReadLogo().getPage(), source, name, to);
        case Request::DRAW_LOGO:
            return drawLogo(request.getDrawLogo(), source, name, to);
        case Request::HOLD:
            return hold(request.getHold(), source, name, to);
        case Request::PIXELS_OF:
            return pixelsOf(request.getPixelsOf(), to);
        case Request::STAMP:
            return stamp(request.getStamp(), source, to);
        case Request::FORGET:
            break;
        }
        wire::nonsense();
    }

    void sniff(Request::Sniff::Reader asked, const ByteSource& source, Answer::Builder to) {
        const auto found = sniffFile(source, {asked.getEnding().begin(), asked.getEnding().size()});
        auto out = to.initSniffed();
        out.setKind(static_cast<std::uint16_t>(found.kind));
        out.setContainer(static_cast<std::uint16_t>(found.container));
        out.setName(found.name);
    }

    void develop(Request::Develop::Reader asked, const ByteSource& source, const std::string& name,
                 Answer::Builder to) {
        Notes notes;
        const auto kept = asked.getDecoded() ? m_kept.find(asked.getDecoded()) : m_kept.end();
        m_frame = keepseal::develop(source, name, wire::read(asked.getFacts()), wire::read(asked.getWish()),
                                    &notes, kept == m_kept.end() ? nullptr : kept->second.picture);
        auto out = to.initFrame();
        wire::write(out.initSize(), m_frame.size);
        out.setDeep(m_frame.isDeep());
        out.setAlpha(!m_frame.alpha.empty());
        wire::write(out.initSpace(), m_frame.space);
        wire::write(out.initNotes(static_cast<unsigned>(notes.size())), notes);
        m_shared.push_back(m_frame.isDeep() ? wire::besideOf(m_frame.deep) : wire::besideOf(m_frame.rgb));
        if (!m_frame.alpha.empty())
            m_shared.push_back(wire::besideOf(m_frame.alpha));
    }

    void decode(Request::Decode::Reader asked, const ByteSource& source, const std::string& name,
                Answer::Builder to) {
        const auto facts = wire::read(asked.getFacts());
        to.setDecoded(keep(decodePicture(source, name, facts, asked.getShrink()), facts, asked.getShrink()));
    }

    std::uint32_t keep(DecodedPtr picture, const PictureFacts& facts, int shrink) {
        return keep(
            {std::move(picture), {}, decodedMemory(facts, shrink) * 2}); // what it is halved to as well
    }

    std::uint32_t keep(Kept kept) {
        if (m_kept.size() >= kMostKept)
            wire::nonsense();
        m_heldMemory += kept.memory;
        m_kept[++m_lastKept] = std::move(kept);
        return m_lastKept;
    }

    void forget(std::uint32_t number) {
        const auto kept = m_kept.extract(number);
        m_heldMemory -= kept ? kept.mapped().memory : 0;
    }

    void readLogo(int page, const ByteSource& source, const std::string& name, Answer::Builder to) {
        const auto content = readLogoFile(source, name, page);
        auto out = to.initLogo();
        out.setVector(content.vector);
        wire::write(out.initNative(), content.native);
        wire::write(out.initKept(), content.kept);
        if (!content.vector)
            m_shared.emplace_back(wire::sealedMemory({asBytes(content.rgba)}));
    }

    void drawLogo(Request::DrawLogo::Reader asked, const ByteSource& source, const std::string& name,
                  Answer::Builder to) {
        const auto drawn = drawVectorLogo(source, name, asked.getPage(), wire::read(asked.getNative()),
                                          wire::read(asked.getSize()));
        wire::write(to.initDrawing(), drawn.size);
        m_shared.emplace_back(wire::sealedMemory({asBytes(drawn.argb)}));
    }

    void hold(Request::Hold::Reader asked, const ByteSource& source, const std::string& name,
              Answer::Builder to) {
        const auto facts = wire::read(asked.getFacts());
        auto held = holdJpeg(source, name, facts, asked.getDecodeAt(), asked.getAllAnew());
        m_frame = std::move(held.coarse);
        auto out = to.initHeld();
        out.setNumber(keep({{}, std::move(held.coefficients), coefficientMemory(facts)}));
        if (held.decoded)
            out.setDecoded(keep(std::move(held.decoded), facts, asked.getDecodeAt()));
        wire::write(out.initCoarse(), m_frame.size);
        m_shared.push_back(wire::besideOf(m_frame.rgb));
    }

    const std::shared_ptr<JpegCoefficients>& held(std::uint32_t number) {
        const auto found = m_kept.find(number);
        if (found == m_kept.end() || !found->second.coefficients)
            wire::nonsense();
        return found->second.coefficients;
    }

    void pixelsOf(Request::PixelsOf::Reader asked, Answer::Builder to) {
        const auto size = wire::read(asked.getSize());
        m_frame =
            keepseal::pixelsOf(*held(asked.getHeld()), {asked.getX(), asked.getY(), size.width, size.height});
        wire::write(to.initFrame().initSize(), m_frame.size);
        m_shared.push_back(wire::besideOf(m_frame.rgb));
    }

    void stamp(Request::Stamp::Reader asked, const ByteSource& pixels, Answer::Builder to) {
        auto changed = wire::read(asked.getChanged());
        changed.rgb.resize(pixels.size());
        if (pixels.read(0, {changed.rgb.data(), changed.rgb.size()}) != changed.rgb.size())
            wire::nonsense();
        const auto& coefficients = held(asked.getHeld());
        const auto bytes =
            stampedJpeg(coefficients, changed, {asked.getQuality(), wire::read(asked.getPerColour())});
        forget(asked.getHeld());
        to.setStamped(bytes.size());
        m_shared.emplace_back(wire::sealedMemory({bytes}));
    }

    std::map<std::uint32_t, Kept> m_kept; ///< until the program forgets them
    std::uint64_t m_heldMemory = 0;       ///< bytes
    std::uint32_t m_lastKept = 0;
    std::vector<wire::Beside> m_shared; ///< beside the answer, until the next request
    Frame m_frame;                      ///< whose pixels those may be
};

} // namespace

void serve(int socket, const Locks& locks) {
    const auto wait = [socket](short events) {
        pollfd wanted{socket, events, 0};
        if (::poll(&wanted, 1, kKeepPixelsMs) > 0)
            return true;
        releasePixelMemory(); // nobody wants anything: what is kept for the next picture goes back
        return ::poll(&wanted, 1, -1) > 0 || errno == EINTR;
    };
    {
        capnp::MallocMessageBuilder message;
        auto ready = message.initRoot<Answer>().initReady();
        ready.setFileSystem(locks.fileSystem);
        ready.setCalls(locks.calls);
        if (!wire::sendMessage(socket, message, {}, wait))
            return;
    }
    Service service;
    while (auto request = wire::receiveMessage(socket, wait)) {
        capnp::MallocMessageBuilder message;
        const auto& shared =
            service.answer(request->root<Request>(), request->takeDescriptor(), message.initRoot<Answer>());
        std::vector<int> beside;
        for (const auto& descriptor : shared)
            beside.push_back(descriptor.get());
        if (!wire::sendMessage(socket, message, beside, wait))
            return;
    }
}

} // namespace keepseal::worker
