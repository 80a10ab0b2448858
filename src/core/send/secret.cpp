// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/secret.h"

#include "delivery/delivery.h"
#include "picture/original.h"
#include "send/not_sent.h"

#include <cstdlib>
#include <libsecret/secret.h>

namespace keepseal {
namespace {

const SecretSchema& schema() {
    static const SecretSchema out = {
        "org.keepseal.Outlet",
        SECRET_SCHEMA_NONE,
        {{"place", SECRET_SCHEMA_ATTRIBUTE_STRING}, {nullptr, SECRET_SCHEMA_ATTRIBUTE_STRING}},
        0,
        nullptr,
        nullptr,
        nullptr,
        nullptr,
        nullptr,
        nullptr,
        nullptr};
    return out;
}

[[noreturn]] void noStore(const SendingSettings& to, GError* error) {
    const std::string why = error ? error->message : "it does not answer";
    g_clear_error(&error);
    throw NotSent(NotSent::Again::WhenMended, to.place(),
                  Saying("the desktop's secret store can't be used: {why}", {{"why", why}}),
                  "Unlock it, or name a file or an environment variable for the password");
}

bool needsSecret(const SendingSettings& to) {
    if (to.isLetter() && to.user.empty())
        return false;
    return to.key.empty() || to.by != SendBy::Sftp;
}

std::string fromDesktop(const SendingSettings& to) {
    GError* error = nullptr;
    gchar* found =
        secret_password_lookup_sync(&schema(), nullptr, &error, "place", to.place().c_str(), nullptr);
    if (error && needsSecret(to))
        noStore(to, error);
    g_clear_error(&error);
    std::string out = found ? found : "";
    secret_password_free(found);
    return out;
}

std::string fromFile(const SendingSettings& to) {
    constexpr std::uint64_t kMostBytes = 64U << 10;
    try {
        const auto bytes = Original(resolvedFolder(to.secretAt, "/")).bytes(0, kMostBytes);
        const std::string text(bytes.begin(), bytes.end());
        return text.substr(0, text.find_first_of("\r\n"));
    } catch (const Problem& problem) {
        throw NotSent(NotSent::Again::WhenMended, to.place(),
                      Saying("its password can't be read: {problem}", {{"problem", problem.sentence()}}),
                      "Name a file that is there and can be read");
    }
}

} // namespace

std::string secretFor(const SendingSettings& to) {
    std::string out;
    switch (to.secretFrom) {
    case SecretFrom::Desktop:
        out = fromDesktop(to);
        break;
    case SecretFrom::File:
        if (!to.secretAt.empty())
            out = fromFile(to);
        break;
    case SecretFrom::Environment:
        if (const auto* value = to.secretAt.empty() ? nullptr : std::getenv(to.secretAt.c_str()))
            out = value;
        break;
    }
    if (out.empty() && needsSecret(to))
        throw NotSent(NotSent::Again::WhenMended, to.place(), "there is no password for it",
                      to.secretFrom == SecretFrom::Desktop
                          ? "Store it: 'keep-seal-cli outbox password', or the station Sending"
                          : "Write it where the delivery says that it is");
    return out;
}

void storeSecret(const SendingSettings& to, const std::string& secret) {
    GError* error = nullptr;
    const auto label = "Keep Seal: " + to.place();
    if (secret_password_store_sync(&schema(), SECRET_COLLECTION_DEFAULT, label.c_str(), secret.c_str(),
                                   nullptr, &error, "place", to.place().c_str(), nullptr) == FALSE)
        noStore(to, error);
}

} // namespace keepseal
