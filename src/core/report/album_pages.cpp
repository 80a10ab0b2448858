// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/album_pages.h"

#include "base/language.h"
#include "base/safe_text.h"
#include "base/text.h"
#include "report/page.h"

#include <array>
#include <set>

namespace keepseal {
namespace {

const char* const kRightsFields[] = {"creator",     "copyright_notice", "credit_line",
                                     "usage_terms", "web_statement",    "licensor_url"};

std::string fieldTextOf(const AlbumPicture& picture, const char* key) {
    const auto found = picture.fields.find(key);
    return found == picture.fields.end() ? std::string() : withoutUnseen(found->second.typed());
}

std::string firstFieldOf(const AlbumPicture& picture, std::initializer_list<const char*> keys) {
    for (const auto* key : keys)
        if (auto text = fieldTextOf(picture, key); !text.empty())
            return text;
    return {};
}

std::string positionOf(std::size_t index, const std::vector<AlbumPicture>& pictures) {
    return Saying("{number} of {all}",
                  {{"number", std::to_string(index + 1)}, {"all", std::to_string(pictures.size())}})
        .said();
}

/// What one is called that has no title.
std::string numberedName(std::size_t index, const std::vector<AlbumPicture>& pictures) {
    return Saying("Picture {number} of {all}",
                  {{"number", std::to_string(index + 1)}, {"all", std::to_string(pictures.size())}})
        .said();
}

/// What stands for the picture where it can't be seen. Never a file's name, which says nothing aloud.
std::string altOf(const std::vector<AlbumPicture>& pictures, std::size_t index) {
    const auto text = firstFieldOf(pictures[index],
                                   {"alt_text", "extended_description", "description", "title", "headline"});
    return text.empty() ? numberedName(index, pictures) : text;
}

std::string titleOf(const AlbumPicture& picture) {
    return firstFieldOf(picture, {"title", "headline"});
}

/// A quoted attribute.
std::string attribute(const char* name, const std::string& value) {
    return std::string(" ") + name + "=\"" + escapedForPage(value) + "\"";
}

std::string image(const std::string& address, Size size, const std::string& alt, const char* loading) {
    return "<img" + attribute("src", address) + attribute("width", std::to_string(size.width)) +
           attribute("height", std::to_string(size.height)) + attribute("alt", alt) + loading + ">";
}

/// `up`: from the page to the album's folder.
std::string head(const Album& album, const std::string& title, const std::string& up) {
    return "<!DOCTYPE html>\n" + pageTag() + "\n<head>\n<meta charset=\"utf-8\">\n<title>" +
           escapedForPage(title) +
           "</title>\n<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n" +
           (album.unlisted ? "<meta name=\"robots\" content=\"noindex, nofollow\">\n" : "") +
           "<meta name=\"referrer\" content=\"no-referrer\">\n<link rel=\"stylesheet\" href=\"" + up +
           "album.css\">\n</head>\n";
}

/// Only an address of the web becomes a link: others could do something where they are clicked.
std::string valueOf(const FieldInfo& field, const std::string& text) {
    const bool web = text.starts_with("https://") || text.starts_with("http://");
    if (field.check != FieldCheck::WebAddress || !web)
        return escapedForPage(text);
    return "<a rel=\"noopener noreferrer license\"" + attribute("href", text) + ">" + escapedForPage(text) +
           "</a>";
}

std::string rightsList(const AlbumPicture& picture) {
    std::string out;
    for (const auto* key : kRightsFields)
        if (const auto text = fieldTextOf(picture, key); !text.empty()) {
            const auto* field = metadataField(key);
            out += "<dt>" + escapedForPage(said(field->label)) + "</dt><dd dir=\"auto\">" +
                   valueOf(*field, text) + "</dd>\n";
        }
    return out.empty() ? out : "<dl>\n" + out + "</dl>\n";
}

/// What all of them say alike stands once, at the foot of the first page.
std::string sharedWords(const std::vector<AlbumPicture>& pictures, const char* key) {
    std::set<std::string> texts;
    for (const auto& picture : pictures)
        texts.insert(fieldTextOf(picture, key));
    return texts.size() == 1 ? *texts.begin() : std::string();
}

std::string link(const AlbumPicture& to, const char* rel, const std::string& words, const char* more) {
    const auto name = to.page.substr(to.page.rfind('/') + 1);
    return std::string("<a rel=\"") + rel + "\"" + attribute("href", addressForPage(name)) + more + ">" +
           escapedForPage(words) + "</a>\n";
}

/// The link onwards has the focus: Enter goes from picture to picture.
std::string steps(const std::vector<AlbumPicture>& pictures, std::size_t index) {
    std::string out = "<nav" + attribute("aria-label", said("Pictures")) + ">\n<a href=\"../index.html\">" +
                      escapedForPage(said("All pictures")) + "</a>\n";
    const bool last = index + 1 == pictures.size();
    if (index > 0)
        out += link(pictures[index - 1], "prev", said("Previous"), last ? " autofocus" : "");
    if (!last)
        out += link(pictures[index + 1], "next", said("Next"), " autofocus");
    if (const auto& file = pictures[index].download; !file.empty())
        out += "<a download" + attribute("href", "../" + addressForPage(file)) + ">" +
               escapedForPage(said("Download")) + "</a>\n";
    return out + "<span class=\"quiet\">" + positionOf(index, pictures) + "</span>\n</nav>\n";
}

} // namespace

std::string albumIndex(const Album& album, const std::vector<AlbumPicture>& pictures) {
    std::string out = head(album, album.title, "") + "<body>\n<header>\n<h1 dir=\"auto\">" +
                      escapedForPage(album.title) + "</h1>\n";
    if (!album.about.empty())
        out += "<p dir=\"auto\">" + escapedForPage(album.about) + "</p>\n";
    out += "<p class=\"quiet\">" + escapedForPage(saidOf(pictures.size(), "{n} picture", "{n} pictures")) +
           "</p>\n</header>\n<main>\n<ul class=\"wall\">\n";
    for (std::size_t i = 0; i < pictures.size(); ++i) {
        const auto& picture = pictures[i];
        const auto title = titleOf(picture);
        std::array<char, 24> ratio{};
        std::snprintf(ratio.data(), ratio.size(), "%lld.%03lld",
                      static_cast<long long>(picture.smallSize.width / picture.smallSize.height),
                      static_cast<long long>(picture.smallSize.width * 1000LL / picture.smallSize.height %
                                             1000)); // whatever the locale writes for a point
        out += std::string("<li style=\"--r:") + ratio.data() + "\"><a" +
               attribute("href", addressForPage(picture.page)) + ">" +
               image(addressForPage(picture.small), picture.smallSize, altOf(pictures, i),
                     i < 12 ? "" : " loading=\"lazy\"") +
               (title.empty() ? "" : "<span dir=\"auto\">" + escapedForPage(title) + "</span>") +
               "</a></li>\n";
    }
    out += "</ul>\n</main>\n<footer>\n";
    for (const auto* key : {"copyright_notice", "usage_terms"})
        if (const auto words = sharedWords(pictures, key); !words.empty())
            out += "<p dir=\"auto\">" + escapedForPage(words) + "</p>\n";
    return out + "</footer>\n</body>\n</html>\n";
}

std::string albumPage(const Album& album, const std::vector<AlbumPicture>& pictures, std::size_t index) {
    const auto& picture = pictures[index];
    const auto title = titleOf(picture);
    const auto alt = altOf(pictures, index);
    std::string out =
        head(album, (title.empty() ? numberedName(index, pictures) : title) + " · " + album.title, "../") +
        "<body class=\"one\">\n" + steps(pictures, index) + "<main>\n<figure>\n" +
        image("../" + addressForPage(picture.shown), picture.shownSize, alt, "") + "\n<figcaption>\n";
    if (!title.empty())
        out += "<h1 dir=\"auto\">" + escapedForPage(title) + "</h1>\n";
    if (const auto words = fieldTextOf(picture, "description"); !words.empty() && words != title)
        out += "<p dir=\"auto\">" + escapedForPage(words) + "</p>\n";
    return out + rightsList(picture) + "</figcaption>\n</figure>\n</main>\n</body>\n</html>\n";
}

} // namespace keepseal
