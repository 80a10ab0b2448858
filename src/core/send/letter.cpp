// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/letter.h"

#include "base/fingerprint.h"
#include "base/safe_text.h"
#include "base/text.h"
#include "picture/original.h"
#include "record/ledger.h"
#include "report/contact_sheet.h"
#include "send/words.h"

#include <gmime/gmime.h>

#include <memory>
#include <mutex>

namespace keepseal {
namespace {

constexpr std::uint64_t kBytesOfHeads = 4096, kBytesOfPart = 512;

/// As base64 in lines of 76 characters.
std::uint64_t asSent(std::uint64_t bytes) {
    return (bytes + 2) / 3 * 4 * 78 / 76 + kBytesOfPart;
}

struct Unref {
    void operator()(void* object) const { g_object_unref(object); }
};
template <class Object>
using Owned = std::unique_ptr<Object, Unref>;

std::uint64_t limitOf(const SendingSettings& to) {
    return static_cast<std::uint64_t>(to.mostMb * 1'000'000);
}

void fillWords(Letter& letter, std::size_t number, std::size_t of) {
    const auto filled = [&](const std::string& text) {
        return filledForReceiver(text, letter.items.front().delivery, letter.items.size());
    };
    letter.subject = withoutUnseen(trimmed(filled(letter.to.subject)));
    if (of > 1)
        letter.subject += " (" + std::to_string(number) + " of " + std::to_string(of) + ")";
    letter.words = filled(letter.to.words);
}

const char* typeOf(const std::string& ending) {
    static const std::map<std::string, const char*> types = {
        {".jpg", "image/jpeg"},  {".png", "image/png"}, {".tif", "image/tiff"},     {".webp", "image/webp"},
        {".avif", "image/avif"}, {".jxl", "image/jxl"}, {".pdf", "application/pdf"}};
    const auto found = types.find(toLowerAscii(ending));
    return found == types.end() ? "application/octet-stream" : found->second;
}

Owned<GMimePart> partOf(const Bytes& bytes, const std::string& name) {
    const std::string type = typeOf(std::filesystem::path(name).extension().string());
    const auto slash = type.find('/');
    Owned<GMimePart> part(
        g_mime_part_new_with_type(type.substr(0, slash).c_str(), type.substr(slash + 1).c_str()));
    const Owned<GMimeStream> stream(g_mime_stream_mem_new_with_buffer(
        reinterpret_cast<const char*>(bytes.data()), bytes.size())); // copies them
    const Owned<GMimeDataWrapper> content(
        g_mime_data_wrapper_new_with_stream(stream.get(), GMIME_CONTENT_ENCODING_DEFAULT));
    g_mime_part_set_content(part.get(), content.get());
    g_mime_part_set_content_encoding(part.get(), GMIME_CONTENT_ENCODING_BASE64);
    g_mime_object_set_disposition(GMIME_OBJECT(part.get()), GMIME_DISPOSITION_ATTACHMENT);
    g_mime_part_set_filename(part.get(), withoutUnseen(name).c_str());
    return part;
}

Bytes copyAsMade(const OutboxItem& item) {
    const Original copy(item.copy);
    auto bytes = copy.bytes(0, copy.size());
    if (bytes.size() != item.bytes || fingerprint(ByteSpan(bytes)) != item.fingerprint)
        throw NotSent(NotSent::Again::WhenMended, item.copy.string(),
                      "the copy was changed since it was made", "Make it again; it is sent then");
    return bytes;
}

Bytes sheetOf(const Letter& letter, const std::atomic<bool>& stop) {
    Ledger ledger;
    ledger.started = utcNow();
    for (const auto& item : letter.items) {
        LedgerRow row;
        row.copy = item.copy;
        row.outcome = Outcome::Made;
        row.copyBytes = item.bytes;
        ledger.rows.push_back(row);
    }
    // What was drawn is what the run made: nothing else may leave as a small picture either.
    const auto requireAsMade = [&] {
        for (const auto& item : letter.items)
            copyAsMade(item);
    };
    requireAsMade();
    auto sheet = contactPdf(ledger, {letter.items.front().delivery, false}, stop);
    requireAsMade();
    return sheet;
}

void address(GMimeMessage* message, GMimeAddressType type, const std::string& text) {
    g_mime_message_add_mailbox(message, type, nullptr, text.c_str());
}

Bytes written(GMimeMessage* message) {
    const Owned<GMimeStream> out(g_mime_stream_mem_new());
    const std::unique_ptr<GMimeFormatOptions, decltype(&g_mime_format_options_free)> format(
        g_mime_format_options_new(), &g_mime_format_options_free);
    g_mime_format_options_set_newline_format(format.get(), GMIME_NEWLINE_FORMAT_DOS);
    if (g_mime_object_write_to_stream(GMIME_OBJECT(message), format.get(), out.get()) < 0)
        throw std::bad_alloc();
    const auto* all = g_mime_stream_mem_get_byte_array(GMIME_STREAM_MEM(out.get()));
    return {all->data, all->data + all->len};
}

} // namespace

bool fits(const Letter& letter) {
    return letter.bytes <= limitOf(letter.to);
}

std::vector<Letter> lettersOf(const std::vector<OutboxItem>& items) {
    std::vector<std::vector<Letter>> groups;
    for (const auto& item : items) {
        auto group = std::find_if(groups.begin(), groups.end(), [&](const auto& letters) {
            return letters.front().to == item.to && letters.front().items.front().delivery == item.delivery;
        });
        if (group == groups.end())
            group = groups.insert(groups.end(), std::vector<Letter>());
        const bool sheet = item.to.holds == LetterHolds::Sheet;
        const auto more = sheet ? 0 : asSent(item.bytes);
        if (group->empty() || (!sheet && group->back().bytes + more > limitOf(item.to))) {
            Letter letter;
            letter.to = item.to;
            letter.receivers = addressesIn(item.to.to);
            letter.bytes = kBytesOfHeads + item.to.words.size();
            if (sheet)
                letter.attached = {"contact-sheet.pdf"};
            group->push_back(std::move(letter));
        }
        auto& letter = group->back();
        letter.items.push_back(item);
        letter.bytes += more;
        if (!sheet)
            letter.attached.push_back(item.name);
    }
    std::vector<Letter> out;
    for (auto& group : groups)
        for (std::size_t i = 0; i < group.size(); ++i) {
            fillWords(group[i], i + 1, group.size());
            out.push_back(std::move(group[i]));
        }
    return out;
}

SendingSettings withTyped(SendingSettings to, const std::string& receivers, const std::string& subject,
                          const std::string& words) {
    const auto plain = [](const std::string& text) {
        std::string out;
        for (const char c : text)
            out += c == '{' ? "{{" : std::string(1, c);
        return out;
    };
    to.to = receivers;
    to.subject = plain(subject);
    to.words = plain(words);
    return to;
}

std::string newMessageId(const Letter& letter) {
    const std::unique_ptr<char, decltype(&g_free)> random(g_uuid_string_random(), &g_free);
    return std::string(random.get()) + letter.to.from.substr(letter.to.from.find('@'));
}

Bytes messageOf(const Letter& letter, const std::string& messageId, const std::atomic<bool>& stop) {
    static std::once_flag once;
    std::call_once(once, [] { g_mime_init(); });
    const Owned<GMimeMessage> message(g_mime_message_new(TRUE));
    address(message.get(), GMIME_ADDRESS_TYPE_FROM, letter.to.from);
    for (const auto& receiver : letter.receivers)
        address(message.get(), GMIME_ADDRESS_TYPE_TO, receiver);
    g_mime_message_set_subject(message.get(), letter.subject.c_str(), "utf-8");
    g_mime_message_set_message_id(message.get(), messageId.c_str());
    const std::unique_ptr<GDateTime, decltype(&g_date_time_unref)> now(g_date_time_new_now_utc(),
                                                                       &g_date_time_unref);
    g_mime_message_set_date(message.get(), now.get());
    const Owned<GMimeMultipart> parts(g_mime_multipart_new_with_subtype("mixed"));
    const Owned<GMimeTextPart> text(g_mime_text_part_new_with_subtype("plain"));
    g_mime_text_part_set_charset(text.get(), "utf-8");
    g_mime_text_part_set_text(text.get(), letter.words.c_str());
    g_mime_part_set_content_encoding(GMIME_PART(text.get()), GMIME_CONTENT_ENCODING_QUOTEDPRINTABLE);
    g_mime_multipart_add(parts.get(), GMIME_OBJECT(text.get()));
    const auto attach = [&](const Bytes& bytes, const std::string& name) {
        const auto part = partOf(bytes, name);
        g_mime_multipart_add(parts.get(), GMIME_OBJECT(part.get()));
    };
    if (letter.to.holds == LetterHolds::Sheet)
        attach(sheetOf(letter, stop), letter.attached.front());
    else
        for (const auto& item : letter.items)
            attach(copyAsMade(item), item.name);
    g_mime_message_set_mime_part(message.get(), GMIME_OBJECT(parts.get()));
    return written(message.get());
}

} // namespace keepseal
