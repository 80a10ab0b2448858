// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/disk.h"

#include "base/problem.h"
#include "metadata/metadata.h"
#include "plan/stamped.h"

namespace keepseal {

namespace fs = std::filesystem;

template <class Answer, class Ask>
const Answer& DiskSnapshot::once(Answers<Answer>& answers, const fs::path& path, Ask ask) {
    {
        const std::lock_guard lock(m_mutex);
        if (const auto known = answers.find(path); known != answers.end())
            return known->second;
    }
    auto answer = ask(); // others may ask for other things meanwhile
    const std::lock_guard lock(m_mutex);
    return answers.emplace(path, std::move(answer)).first->second; // the first answer stays
}

std::optional<FileIdentity> DiskSnapshot::identity(const fs::path& path) {
    return once(m_identities, path, [&]() -> std::optional<FileIdentity> {
        try {
            return identityOf(path);
        } catch (const Problem&) {
            return std::nullopt;
        }
    });
}

bool DiskSnapshot::isFolder(const fs::path& path) {
    return once(m_folders, path, [&] {
        std::error_code error;
        return fs::is_directory(path, error);
    });
}

fs::path DiskSnapshot::realFolder(const fs::path& path) {
    return once(m_realFolders, path, [&] {
        std::error_code error;
        const auto real = fs::canonical(path, error);
        return error ? fs::path() : real.parent_path();
    });
}

const std::vector<std::string>& DiskSnapshot::names(const fs::path& folder) {
    return once(m_names, folder, [&] {
        std::vector<std::string> out;
        std::error_code error;
        for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
            out.push_back(it->path().filename().string());
        return out;
    });
}

fs::path DiskSnapshot::sidecar(const fs::path& original) {
    return once(m_sidecars, original, [&] { return sidecarOf(original); });
}

bool DiskSnapshot::stampedBefore(const fs::path& original) {
    return once(m_stamped, original, [&] {
        const auto there = identity(original);
        return there && keepseal::stampedBefore(original, *there);
    });
}

std::optional<LedgerRow> DiskSnapshot::madeAt(const fs::path& target) {
    return once(m_made, target, [&]() -> std::optional<LedgerRow> {
        const std::lock_guard lock(m_registerMutex);
        if (!m_registerAsked) {
            m_registerAsked = true;
            try {
                m_register = Register::exists() ? std::make_unique<Register>() : nullptr;
            } catch (const Problem&) {
                m_register = nullptr; // then no earlier copy is known, and taken names are numbered
            }
        }
        return m_register ? m_register->madeAt(target) : std::nullopt;
    });
}

OriginalFactsPtr DiskSnapshot::facts(const fs::path& original) {
    return once(m_facts, original, [&] { return readOriginalFacts(original); });
}

} // namespace keepseal
