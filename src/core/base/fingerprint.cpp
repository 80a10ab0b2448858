// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/fingerprint.h"

#include "base/problem.h"
#include "base/text.h"

#include <openssl/evp.h>

#include <memory>

namespace keepseal {
namespace {

class Digest {
public:
    explicit Digest(const EVP_MD* kind) : m_context(EVP_MD_CTX_new(), EVP_MD_CTX_free) {
        if (!m_context || EVP_DigestInit_ex(m_context.get(), kind, nullptr) != 1)
            throw Problem(ProblemKind::Internal, {}, "the fingerprint could not be started");
    }
    void add(ByteSpan bytes) { EVP_DigestUpdate(m_context.get(), bytes.data(), bytes.size()); }
    Bytes finish() {
        Bytes out(EVP_MAX_MD_SIZE);
        unsigned size = 0;
        EVP_DigestFinal_ex(m_context.get(), out.data(), &size);
        out.resize(size);
        return out;
    }

private:
    std::unique_ptr<EVP_MD_CTX, decltype(&EVP_MD_CTX_free)> m_context;
};

std::string hexOf(const Bytes& bytes) {
    return hexText(bytes.data(), bytes.size());
}

} // namespace

std::string fingerprint(const ByteSource& source) {
    Digest digest(EVP_sha256());
    Bytes buffer(256 * 1024);
    std::uint64_t offset = 0;
    while (const auto count = source.read(offset, buffer)) {
        digest.add({buffer.data(), count});
        offset += count;
    }
    return hexOf(digest.finish());
}

std::string fingerprint(ByteSpan bytes) {
    Digest digest(EVP_sha256());
    digest.add(bytes);
    return hexOf(digest.finish());
}

Bytes md5(ByteSpan bytes) {
    Digest digest(EVP_md5());
    digest.add(bytes);
    return digest.finish();
}

} // namespace keepseal
