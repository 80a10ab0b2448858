// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What reading one file of a stranger may take in all: handed down through every reader of that file, spent
// and never given back. A real picture needs a small part of it; what is made to take forever ends here.
#pragma once

#include <cstdint>
#include <string>

namespace keepseal {

class ReadBudget {
public:
    /// Of a file of that many bytes, which may be read several times over.
    explicit ReadBudget(std::uint64_t fileBytes = 0);

    // Each takes so much and says whether it was there; once one was not, nothing is any more.
    bool readBytes(std::uint64_t count);   ///< of the file, or of what was unpacked from it
    bool unpackBytes(std::uint64_t count); ///< made by unpacking, or turned into an XML tree
    bool keepBytes(std::uint64_t count);   ///< of texts and values that stay in the report
    bool find();                           ///< one more piece of metadata
    bool step();                           ///< one more entry, box, block or element looked at

    bool spent() const { return m_what != nullptr; }
    /// "more than 64 MB of packed text"; only when spent.
    std::string what() const { return m_what ? m_what : ""; }

    static constexpr std::uint64_t kMostUnpacked = 64U << 20, kMostKept = 24U << 20;
    static constexpr std::uint32_t kMostFindings = 20'000, kMostSteps = 1'000'000;

private:
    bool take(std::uint64_t& left, std::uint64_t count, const char* what);
    std::uint64_t m_bytes, m_unpacked = kMostUnpacked, m_kept = kMostKept;
    std::uint64_t m_findings = kMostFindings, m_steps = kMostSteps;
    const char* m_what = nullptr;
};

} // namespace keepseal
