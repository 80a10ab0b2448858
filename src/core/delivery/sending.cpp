// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/sending.h"

#include "base/text.h"

#include <algorithm>
#include <array>

namespace keepseal {
namespace {

using S = SendingSettings;

constexpr std::array<const char*, 6> kSchemes = {"sftp", "ftps", "webdav", "s3", "ftp", "smtp"};
constexpr std::array<const char*, 6> kNames = {"SFTP", "FTPS", "WebDAV", "S3", "plain FTP", "letter"};

bool isOneWord(const std::string& text) {
    return std::none_of(text.begin(), text.end(), [](unsigned char c) { return c <= ' ' || c == 0x7F; });
}

Setting<S> wordSetting(std::string key, std::string label, std::string S::*member, std::string help) {
    auto out = textSetting(std::move(key), std::move(label), member, false, std::move(help));
    out.accepts = isOneWord;
    out.allowed = "text without spaces";
    return out;
}

Setting<S> addressSetting(std::string key, std::string label, std::string S::*member, std::size_t most,
                          std::string help) {
    auto out = textSetting(std::move(key), std::move(label), member, false, std::move(help));
    out.accepts = [most](const std::string& text) {
        const auto found = addressesIn(text);
        return text.empty() || (!found.empty() && found.size() <= most);
    };
    out.allowed = most == 1 ? "one address, as in anna@example.org" : "addresses, parted by commas";
    return out;
}

std::vector<Setting<S>> letterSettings() {
    auto subject = textSetting("subject", "Subject", &S::subject, false,
                               "{delivery}, {count} and {date} are filled in, and who you are.");
    subject.suggestions = {"Pictures: {delivery}", "{count} from {studio}", "{delivery}, {date}"};
    return {addressSetting("from", "From", &S::from, 1, "Your own address, as the server knows it."),
            addressSetting("to", "To", &S::to, 50, "Who gets them; several addresses are parted by commas."),
            subject,
            textSetting("words", "Letter", &S::words, true,
                        "What you write. A link to where the pictures lie may stand here."),
            choiceSetting<S, LetterHolds>(
                "holds", "With", &S::holds, {{"copies", "The copies"}, {"sheet", "A contact sheet (PDF)"}},
                "What hangs on the letter. It goes only after you looked at it, in the outbox."),
            numberSetting("most_mb", "At most", "MB", &S::mostMb, {1, 100, 1, 0},
                          "Of one letter as it is sent; many servers refuse more than 20. Copies that are "
                          "more go in several letters.")};
}

std::vector<Setting<S>> albumSettings() {
    const char* tokens = "{delivery}, {count} and {date} are filled in, and who you are.";
    auto title = textSetting("album_title", "Title", &S::albumTitle, false, tokens);
    title.suggestions = {"{delivery}", "{studio}: {delivery}", "{delivery}, {date}"};
    return {title, textSetting("album_about", "Under it", &S::albumAbout, true, tokens),
            switchSetting("album_downloads", "With downloads", &S::albumDownloads,
                          "The copies themselves lie in the album as well, to be downloaded."),
            switchSetting(
                "album_unlisted", "Not for search engines", &S::albumUnlisted,
                "A line in each page asks them to pass by. It keeps nobody out who knows the address.")};
}

} // namespace

std::vector<std::string> addressesIn(const std::string& text) {
    const auto isOne = [](const std::string& address) {
        const auto at = address.find('@');
        return at != std::string::npos && at > 0 && at + 1 < address.size() && !address.starts_with('-') &&
               address.find('@', at + 1) == std::string::npos && isOneWord(address) &&
               address.find_first_of("<>()[]\\,;:\"") == std::string::npos && address.size() <= 254;
    };
    auto out = splitTrimmed(text, ',');
    return std::all_of(out.begin(), out.end(), isOne) ? out : std::vector<std::string>();
}

std::string SendingSettings::place() const {
    return std::string(kSchemes[static_cast<std::size_t>(by)]) + "://" + (user.empty() ? "" : user + "@") +
           server + (by == SendBy::S3 ? "/" + bucket : "");
}

const std::vector<Setting<SendingSettings>>& sendingSettings() {
    static const auto table = [] {
        std::vector<Setting<S>> out = {
            switchSetting("on", "Send the copies", &S::on,
                          "Finished copies go into the outbox, which puts them on a server. The run does not "
                          "wait for it."),
            choiceSetting<S, SendBy>(
                "by", "By", &S::by,
                {{"sftp", "SFTP"},
                 {"ftps", "FTP over TLS"},
                 {"webdav", "WebDAV"},
                 {"s3", "S3 object storage"},
                 {"ftp", "Plain FTP"},
                 {"letter", "Letter (e-mail)"}},
                "All but plain FTP are encrypted, and the server has to prove who it is."),
            wordSetting("server", "Server", &S::server,
                        "Its name, as in pictures.example.org; with another port, pictures.example.org:2022; "
                        "for WebDAV "
                        "with the folder that it begins at, cloud.example.org/dav/anna; for letters the one "
                        "that takes them from you (port 587, or :465).")};
        append(out, shownWhen<S>([](const S& s) { return s.by == SendBy::S3; },
                                 {wordSetting("bucket", "Bucket", &S::bucket,
                                              "What the storage calls the whole of its objects."),
                                  wordSetting("region", "Region", &S::region,
                                              "As the storage names it; it is part of what is signed.")}));
        append(out, shownWhen<S>([](const S& s) { return s.isLetter(); }, letterSettings()));
        auto folder = textSetting(
            "folder", "Folder there", &S::folder, false,
            "Made if need be; {delivery} or {year}/{month} are filled in for each picture. Empty: where "
            "the login begins.");
        folder.suggestions = {"", "{delivery}", "{date}", "{year}/{month}"};
        append(out, shownWhen<S>([](const S& s) { return !s.isLetter(); },
                                 {choiceSetting<S, SentAs>(
                                      "as", "What goes", &S::as,
                                      {{"copies", "The copies"}, {"album", "A web album of them"}},
                                      "An album is a folder of pages that any browser shows. What later "
                                      "runs make for the same folder comes into it as well."),
                                  folder}));
        append(out, shownWhen<S>([](const S& s) { return s.isAlbum(); }, albumSettings()));
        append(out,
               {wordSetting("user", "User", &S::user, "For S3: the access key's name."),
                choiceSetting<S, SecretFrom>("secret_from", "Password from", &S::secretFrom,
                                             {{"desktop", "The desktop's secret store"},
                                              {"file", "A file"},
                                              {"environment", "An environment variable"}},
                                             "It is never written into a delivery, a job or a ledger.")});
        append(out, shownWhen<S>(
                        [](const S& s) { return s.secretFrom != SecretFrom::Desktop; },
                        {textSetting("secret_at", "Which one", &S::secretAt, false,
                                     "The file, of which the first line counts, or the variable's name.")}));
        append(
            out,
            shownWhen<S>(
                [](const S& s) { return s.by == SendBy::Sftp; },
                {textSetting("key", "Private key", &S::key, false,
                             "A key's file, instead of a password: the password is its passphrase then, if "
                             "it has one.",
                             SettingKind::File),
                 wordSetting("host_key", "Server's key", &S::hostKey,
                             "SHA256:... of the key that the server must have, as its keeper tells it, or as "
                             "trying it out says. Nothing is sent to a server with another one.")}));
        append(out, shownWhen<S>([](const S& s) { return s.by != SendBy::Sftp && s.by != SendBy::Ftp; },
                                 {textSetting("certificates", "Certificates", &S::certificates, false,
                                              "A file of certificates (PEM) that are trusted besides the "
                                              "system's own. Empty: the system's.",
                                              SettingKind::File)}));
        append(out,
               shownWhen<S>(
                   [](const S& s) { return s.by == SendBy::Ftp; },
                   {switchSetting("readable", "Anybody on the way may read the password and the pictures",
                                  &S::readable,
                                  "Plain FTP encrypts nothing. Without this word nothing is sent by it.")}));
        append(out, shownWhen<S>([](const S& s) { return !s.isLetter() && !s.isAlbum(); },
                                 {choiceSetting<S, TakenThere>(
                                     "taken", "If the name is taken there", &S::taken,
                                     {{"number", "Number the copy"},
                                      {"skip", "Do not send it"},
                                      {"replace", "Replace what was sent before"}},
                                     "Only files that this outbox put there itself are ever replaced.")}));
        return out;
    }();
    return table;
}

std::string sendingSummary(const SendingSettings& s) {
    if (!s.on)
        return said("not sent");
    if (!s.chosen())
        return said(s.isLetter() && !s.server.empty() ? "no address named yet" : "no server named yet");
    if (s.isLetter())
        return Saying("letter to {who}", {{"who", s.to}}).said();
    return Saying(s.isAlbum() ? "album by {kind} to {server}" : "{kind} to {server}",
                  {{"kind", kNames[static_cast<std::size_t>(s.by)]},
                   {"server", s.server.substr(0, s.server.find_first_of("/:"))}})
               .said() +
           (s.folder.empty() ? "" : " · " + s.folder);
}

} // namespace keepseal
