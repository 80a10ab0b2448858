// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What lies on the disk, as far as a plan asks: each question is put to the disk once and answered alike ever
// after. So a plan is a pure function of its request and of this, and making it again for another setting
// touches no disk. Whoever thinks that files have changed takes a new one. Any thread.
#pragma once

#include "picture/original.h"
#include "plan/original_facts.h"
#include "record/register.h"

#include <map>
#include <mutex>

namespace keepseal {

class DiskSnapshot {
public:
    /// Nothing where nothing is, or where it can't be asked.
    std::optional<FileIdentity> identity(const std::filesystem::path& path);
    bool isFolder(const std::filesystem::path& path);
    /// The folder it really lies in, links followed; empty when it is not there.
    std::filesystem::path realFolder(const std::filesystem::path& path);
    /// All names in a folder; none when there is no such folder.
    const std::vector<std::string>& names(const std::filesystem::path& folder);
    /// The XMP file that is read with an original; empty: none.
    std::filesystem::path sidecar(const std::filesystem::path& original);
    /// It is a copy of ours, see plan/stamped.h.
    bool stampedBefore(const std::filesystem::path& original);
    /// The last copy that a run placed there, as the register knows it.
    std::optional<LedgerRow> madeAt(const std::filesystem::path& target);
    /// Its header and metadata; never nullptr.
    OriginalFactsPtr facts(const std::filesystem::path& original);

private:
    template <class Answer>
    using Answers = std::map<std::filesystem::path, Answer>;
    template <class Answer, class Ask>
    const Answer& once(Answers<Answer>& answers, const std::filesystem::path& path, Ask ask);

    std::mutex m_mutex, m_registerMutex;
    std::unique_ptr<Register> m_register;
    bool m_registerAsked = false;
    Answers<std::optional<FileIdentity>> m_identities;
    Answers<bool> m_folders, m_stamped;
    Answers<std::filesystem::path> m_realFolders, m_sidecars;
    Answers<std::vector<std::string>> m_names;
    Answers<std::optional<LedgerRow>> m_made;
    Answers<OriginalFactsPtr> m_facts;
};

} // namespace keepseal
