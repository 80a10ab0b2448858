// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/fingerprint.h"

#include "base/problem.h"
#include "base/text.h"

#include <openssl/evp.h>

#include <memory>
#include <xxhash.h>

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

class Checksum {
public:
    Checksum() : m_state(XXH3_createState(), XXH3_freeState) {
        if (!m_state || XXH3_128bits_reset(m_state.get()) != XXH_OK)
            throw Problem(ProblemKind::Internal, {}, "the checksum could not be started");
    }
    void add(ByteSpan bytes) { XXH3_128bits_update(m_state.get(), bytes.data(), bytes.size()); }
    std::string finish() const {
        XXH128_canonical_t out;
        XXH128_canonicalFromHash(&out, XXH3_128bits_digest(m_state.get()));
        return hexText(out.digest, sizeof out.digest);
    }

private:
    std::unique_ptr<XXH3_state_t, decltype(&XXH3_freeState)> m_state;
};

std::string hexOf(const Bytes& bytes) {
    return hexText(bytes.data(), bytes.size());
}

template <class Take>
void readThrough(const ByteSource& source, const Take& take) {
    Bytes buffer(256 * 1024);
    std::uint64_t offset = 0;
    while (const auto count = source.read(offset, buffer)) {
        take(ByteSpan(buffer.data(), count));
        offset += count;
    }
}

} // namespace

std::string fingerprint(const ByteSource& source) {
    Digest digest(EVP_sha256());
    readThrough(source, [&](ByteSpan bytes) { digest.add(bytes); });
    return hexOf(digest.finish());
}

std::string checksum(const ByteSource& source) {
    Checksum sum;
    readThrough(source, [&](ByteSpan bytes) { sum.add(bytes); });
    return sum.finish();
}

Fingerprints fingerprints(const ByteSource& source) {
    Digest digest(EVP_sha256());
    Checksum sum;
    readThrough(source, [&](ByteSpan bytes) { digest.add(bytes), sum.add(bytes); });
    return {hexOf(digest.finish()), sum.finish()};
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
