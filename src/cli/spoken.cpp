// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/spoken.h"

#include "base/language.h"
#include "languages/wished.h"

#include <dlfcn.h>

#include <algorithm>
#include <regex>

namespace keepseal::cli {
namespace {

constexpr const char* kForPrograms[] = {"--json",        "--csv",           "--markdown",       "--schema",
                                        "--seal-schema", "--border-schema", "--sheet-schema",   "--fields",
                                        "--defaults",    "--completion",    "--completion-for", "--texts"};

bool isForPrograms(const std::string& word) {
    const auto name = word.substr(0, word.find('='));
    return std::find(std::begin(kForPrograms), std::end(kForPrograms), name) != std::end(kForPrograms);
}

/// Beside what these lines are in, wherever that is installed.
std::string fileOfLanguages() {
    Dl_info here{};
    if (::dladdr(reinterpret_cast<const void*>(&isForPrograms), &here) == 0)
        return {};
    const std::string file = here.dli_fname;
    return file.substr(0, file.rfind('/') + 1) + "keep-seal-languages.so";
}

/// Calls `use` with each text of the command and of those inside it, and what sets it anew.
template <class App, class Use>
void eachText(App& app, const Use& use) {
    use(app.get_description(), [&](const std::string& said) {
        if constexpr (!std::is_const_v<App>)
            app.description(said);
    });
    use(app.get_footer(), [&](const std::string& said) {
        if constexpr (!std::is_const_v<App>)
            app.footer(said);
    });
    for (auto* option : app.get_options()) {
        use(option->get_description(), [&](const std::string& said) {
            if constexpr (!std::is_const_v<App>)
                option->description(said);
        });
        use(option->get_group(), [&](const std::string& said) {
            if constexpr (!std::is_const_v<App>)
                option->group(said);
        });
    }
    for (auto* command : app.get_subcommands([](const auto*) { return true; })) {
        use(command->get_group(), [&](const std::string& said) {
            if constexpr (!std::is_const_v<App>)
                command->group(said);
        });
        eachText(*command, use);
    }
}

/// What CLI11 writes between them.
constexpr const char* kLabels[] = {"Usage",    "OPTIONS", "SUBCOMMAND",  "SUBCOMMANDS",
                                   "REQUIRED", "Needs",   "Positionals", "TEXT"};

/// A number and where it lies, as CLI11 has it: its type, and its check.
class PageFormatter : public CLI::Formatter {
public:
    std::string make_option_opts(const CLI::Option* option) const override {
        const auto written = CLI::Formatter::make_option_opts(option);
        static const std::regex number(" (?:INT|FLOAT)(?::(?:INT|FLOAT) in \\[(\\S+) - (\\S+)\\])?(.*)");
        std::smatch found;
        if (!std::regex_match(written, found, number))
            return written;
        const auto said = found[1].matched ? Saying("NUMBER from {least} to {most}",
                                                    {{"least", found[1]}, {"most", found[2]}})
                                           : Saying("NUMBER");
        return " " + said.said() + found[3].str();
    }
};

} // namespace

void speakFor(const std::vector<std::string>& call) {
    const auto key = languages::keyOfEnvironment();
    if (key == "en" || std::any_of(call.begin(), call.end(), isForPrograms))
        return;
    void* module = ::dlopen(fileOfLanguages().c_str(), RTLD_NOW | RTLD_LOCAL); // stays until the end
    if (!module)
        return;
    if (const auto make =
            reinterpret_cast<const Catalogue* (*)(const char*)>(::dlsym(module, "keepSealCatalogue")))
        speak(std::unique_ptr<const Catalogue>(make(key.c_str())));
}

void sayDescriptions(CLI::App& app) {
    if (speaksEnglish())
        return;
    for (const char* label : kLabels)
        app.get_formatter()->label(label, said(label)); // all commands share the one
    eachText(app, [](const std::string& english, const auto& set) {
        if (!english.empty())
            set(said(english));
    });
}

std::shared_ptr<CLI::FormatterBase> pageFormatter() {
    return std::make_shared<PageFormatter>();
}

std::set<std::string> descriptionsOf(const CLI::App& app) {
    std::set<std::string> out(std::begin(kLabels), std::end(kLabels));
    eachText(app, [&](const std::string& english, const auto&) { out.insert(english); });
    return out;
}

std::string saidOfCall(const std::string& english) {
    if (speaksEnglish())
        return english;
    struct Known {
        const char* as; ///< CLI11's words
        Saying (*saying)(const std::smatch&);
    };
    static const Known known[] = {
        {"The following arguments? (?:was|were) not expected: (.*)",
         [](const std::smatch& m) {
             return Saying("not known here: {words}", {{"words", m[1]}});
         }},
        {"A subcommand is required", [](const std::smatch&) { return Saying("a command has to be named"); }},
        {"(.*) is required",
         [](const std::smatch& m) {
             return Saying("{option} has to be given", {{"option", m[1]}});
         }},
        {"(.*) requires (.*)",
         [](const std::smatch& m) {
             return Saying("{option} needs {other}", {{"option", m[1]}, {"other", m[2]}});
         }},
        {"(.*): \\d+ required .* missing",
         [](const std::smatch& m) {
             return Saying("{option} needs a value", {{"option", m[1]}});
         }},
        {"Could not convert: (.*) = (.*)",
         [](const std::smatch& m) {
             return Saying("\"{value}\" can't be the value of {option}", {{"option", m[1]}, {"value", m[2]}});
         }},
        {"(.*): Value (.*) not in range (.*) to (.*)",
         [](const std::smatch& m) {
             return Saying("{option} is {least} to {most}, not {value}",
                           {{"option", m[1]}, {"value", m[2]}, {"least", m[3]}, {"most", m[4]}});
         }},
        {"(.*): (.*) not in \\{(.*)\\}", [](const std::smatch& m) {
             return Saying("{option} is one of {choices}, not {value}",
                           {{"option", m[1]}, {"value", m[2]}, {"choices", m[3]}});
         }}};
    std::smatch found;
    for (const auto& one : known)
        if (std::regex_match(english, found, std::regex(one.as)))
            return one.saying(found).said();
    return english;
}

} // namespace keepseal::cli
