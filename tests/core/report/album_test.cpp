// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A web album as those who open it meet it: looked at by a real browser, and by another reader of metadata.
#include "report/album.h"

#include "support/job.h"
#include "support/marked_words.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <set>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

const std::atomic<bool> albumGoesOn{false};
constexpr const char* kNastyTitle = "Kite <script>document.title='run'</script> & \"tide\" 'x'";

class AlbumOf : public ::testing::Test {
protected:
    /// `large`: pixels of the long side of one picture.
    Ledger stamped(const std::function<void(Delivery&)>& change = {}, int large = 2600) {
        Planted planted;
        planted.gps = true;
        makePicture(folder / "in/tide #1?.jpg", 900, 600, planted);
        makePicture(folder / "in/tall.jpg", 300, 900, planted);
        makePicture(folder / "in/other/tall.jpg", large, large / 2, planted);
        auto delivery = sampleDelivery(folder / "copies");
        delivery.fit.on = false;
        delivery.rights.setAlways("title", kNastyTitle);
        delivery.rights.setAlways("alt_text", "A kite <over> the \"marsh\"");
        delivery.rights.setAlways("web_statement", "javascript:alert(1)");
        delivery.rights.setAlways("licensor_url", "https://example.com/licence?a=1&b=2");
        if (change)
            change(delivery);
        return runAll(makePlan(
                          {folder / "in/tide #1?.jpg", folder / "in/tall.jpg", folder / "in/other/tall.jpg"},
                          {delivery}, folder.path()))
            .ledger;
    }
    AlbumMade make(const Ledger& ledger, Album album = {"Kites & <marsh>", "Of one day", false, false}) {
        return writeAlbum(ledger, album, at, albumGoesOn);
    }
    std::set<std::string> files() const {
        std::set<std::string> out;
        for (const auto& entry : fs::recursive_directory_iterator(at))
            if (entry.is_regular_file())
                out.insert(entry.path().lexically_relative(at).string());
        return out;
    }
    TempFolder folder;
    fs::path at = folder / "web/album one";
};

/// Opens every page in a browser, at several widths, and tells what is wrong there: pictures that don't load
/// or are out of shape, links into nothing, things without names, pages wider than their window, scripts that
/// ran.
std::vector<std::string> foundByABrowser(const fs::path& album, const std::set<std::string>& pages,
                                         const fs::path& work) {
    nlohmann::json list = nlohmann::json::array();
    for (const auto& page : pages)
        if (page.ends_with(".html"))
            list.push_back(page);
    const auto base = "file://" + album.string() + "/";
    writeFile(work / "look.html",
              "<!DOCTYPE html><meta charset=utf-8><body><pre id=out></pre><script>const base=" +
                  nlohmann::json(base).dump() + ", pages=" + list.dump() + R"JS(;
const wrong = [], known = new Set(pages.map(p => new URL(p.split('/').map(encodeURIComponent).join('/'), base).href));
async function look(page, width) {
  const frame = document.createElement('iframe');
  frame.width = width; frame.height = 700;
  const loaded = new Promise(r => frame.onload = r);
  frame.src = new URL(page.split('/').map(encodeURIComponent).join('/'), base).href;
  document.body.append(frame); await loaded;
  const d = frame.contentDocument, say = t => wrong.push(page + ' at ' + width + ': ' + t);
  if (d.querySelector('script,[onclick],[onload],[onerror]')) say('has a script');
  if (d.title === 'run') say('a script ran');
  if (!d.documentElement.lang || !d.title || d.compatMode !== 'CSS1Compat') say('no language, title or doctype');
  if (!d.querySelector('h1') && !page.startsWith('pages/')) say('no heading');
  if (d.documentElement.scrollWidth > width) say('is ' + d.documentElement.scrollWidth + ' wide');
  if (getComputedStyle(d.body).margin !== '0px') say('has no style');
  for (const i of d.images) {
    i.loading = 'eager'; if (!i.complete) await new Promise(r => i.onload = i.onerror = r);
    if (!i.naturalWidth) { say('picture does not load: ' + i.src); continue; }
    if (!i.alt) say('picture without words');
    const box = i.getBoundingClientRect();
    if (Math.abs(box.width / box.height / (i.naturalWidth / i.naturalHeight) - 1) > 0.02) say('out of shape: ' + i.src);
    if (i.naturalWidth != i.getAttribute('width')) say('says another width: ' + i.src);
  }
  for (const a of d.links) {
    if (!a.textContent.trim() && !a.querySelector('img[alt]')) say('link without words');
    if (!['file:', 'https:', 'http:'].includes(a.protocol)) say('link of another kind: ' + a.href);
    if (a.protocol === 'file:' && !a.hasAttribute('download') && !known.has(a.href)) say('leads nowhere: ' + a.href);
  }
  for (const e of d.querySelectorAll('p,span,dd,dt,h1')) if (parseFloat(getComputedStyle(e).fontSize) < 12) say('small text');
  frame.remove();
}
(async () => { for (const p of pages) for (const w of [320, 1280])
  try { await look(p, w); } catch (e) { wrong.push(p + ': ' + e); }
  document.getElementById('out').textContent = 'LOOKED ' + JSON.stringify(wrong); })();
</script>)JS");
    const auto ran =
        runProgram({"chromium", "--headless", "--no-sandbox", "--disable-gpu",
                    "--allow-file-access-from-files", "--user-data-dir=" + (work / "browser").string(),
                    "--virtual-time-budget=20000", "--dump-dom", "file://" + (work / "look.html").string()});
    const auto begin = ran.out.find("LOOKED ["), end = ran.out.find("</pre>", begin);
    if (begin == std::string::npos || end == std::string::npos)
        return {"the browser did not come to an end: " + ran.err.substr(0, 400)};
    auto text = ran.out.substr(begin + 7, end - begin - 7);
    for (const auto& [from, to] :
         {std::pair<std::string, std::string>{"&lt;", "<"}, {"&gt;", ">"}, {"&amp;", "&"}})
        for (std::size_t at = 0; (at = text.find(from, at)) != std::string::npos; at += to.size())
            text.replace(at, from.size(), to);
    return nlohmann::json::parse(text);
}

} // namespace

TEST_F(AlbumOf, HasEveryCopyOnPagesThatABrowserFindsNothingWrongWith) {
    const auto ledger = stamped();
    std::size_t told = 0;
    EXPECT_EQ(writeAlbum(ledger, {"Kites & <marsh>", "Of one day", true, true}, at, albumGoesOn,
                         [&](std::size_t done) { told = done; })
                  .pictures,
              3U);
    EXPECT_EQ(told, 3U);
    EXPECT_EQ(files(),
              (std::set<std::string>{"index.html", "album.css", "pages/tide #1-.html", "pages/tall.html",
                                     "pages/tall-2.html", "small/tide #1-.jpg", "small/tall.jpg",
                                     "small/tall-2.jpg", "pictures/tide #1-.jpg", "pictures/tall.jpg",
                                     "pictures/tall-2.jpg", "downloads/tall-2.jpg"}));
    const auto index = readText(at / "index.html");
    EXPECT_THAT(index, HasSubstr("noindex"));
    EXPECT_THAT(index, HasSubstr("Kites &amp; &lt;marsh&gt;"));
    // A download is the copy, byte for byte; so is what a page shows, unless it is too large for one.
    EXPECT_EQ(readText(at / "downloads/tall-2.jpg"), readText(ledger.rows[2].copy));
    EXPECT_EQ(readText(at / "pictures/tall.jpg"), readText(ledger.rows[1].copy));
    const auto page = readText(at / "pages/tall.html");
    EXPECT_THAT(page, HasSubstr("href=\"https://example.com/licence?a=1&amp;b=2\""));
    EXPECT_EQ(page.find("href=\"javascript"), std::string::npos);
    if (runProgram({"chromium", "--version"}).exitCode != 0)
        GTEST_SKIP() << "no browser is installed here";
    EXPECT_THAT(foundByABrowser(at, files(), folder.path()), ::testing::IsEmpty());
    // The same look finds what is wrong.
    fs::remove(at / "small/tall.jpg");
    fs::remove(at / "pages/tall-2.html");
    auto broken = index;
    writeFile(at / "index.html",
              broken.replace(broken.find("</main>"), 0, "<script>document.title='run'</script>"));
    EXPECT_GE(foundByABrowser(at, files(), folder.path()).size(), 6U); // each at two widths
}

TEST_F(AlbumOf, SpeaksTheLanguageOfWhoMakesIt) {
    const auto ledger = stamped([](Delivery& delivery) { delivery.rights.setAlways("title", ""); });
    const SpeaksMarked marked;
    make(ledger, {"Kites", "", true, true});
    EXPECT_THAT(unmarkedBetween(readText(at / "index.html"), "<p class=\"quiet\">", "</p>"),
                ::testing::IsEmpty());
    const auto page = readText(at / "pages/tall.html");
    EXPECT_THAT(page, HasSubstr("<html lang=\"ar\" dir=\"rtl\">"));
    EXPECT_THAT(unmarkedBetween(page, "<dt>", "</dt>"), ::testing::IsEmpty());
    for (const auto* words : {">§All pictures<", ">§Previous<", ">§Next<", ">§Download<", ">§2 of 3<",
                              "aria-label=\"§Pictures\""})
        EXPECT_THAT(page, HasSubstr(words));
}

TEST_F(AlbumOf, CarriesTheRightsAndNeverThePlaceInEveryPicture) {
    make(stamped());
    for (const auto& file : files())
        if (file.ends_with(".jpg")) {
            EXPECT_EQ(exiftool(at / file, "Copyright"), "© 2026 Marsh & Line Studio") << file;
            EXPECT_EQ(exiftool(at / file, "Creator"), "Wrenna Oake, Ines Gull") << file;
            EXPECT_EQ(exiftool(at / file, "GPSLatitude"), "") << file;
            EXPECT_EQ(exiftool(at / file, "ThumbnailImage"), "") << file;
        }
    EXPECT_EQ(exiftool(at / "small/tall-2.jpg", "ImageWidth"), std::to_string(kAlbumSmall));
    EXPECT_EQ(exiftool(at / "pictures/tall-2.jpg", "ImageWidth"), std::to_string(kAlbumShown));
    EXPECT_EQ(readText(at / "index.html").find("noindex"), std::string::npos);
    EXPECT_FALSE(fs::exists(at / "downloads"));
}

TEST_F(AlbumOf, WhatBrowsersCanNotShowIsShownAsAPictureThatTheyCan) {
    const auto ledger = stamped([](Delivery& delivery) { delivery.file.chosen = {"tiff"}; }, 1200);
    make(ledger, {"Kites", "", true, false});
    EXPECT_EQ(exiftool(at / "pictures/tall.jpg", "FileType"), "JPEG");
    EXPECT_EQ(readText(at / "downloads/tall.tif"), readText(ledger.rows[1].copy));
}

TEST_F(AlbumOf, LeavesOutWhatIsNoLongerTheCopyThatWasMadeAndSaysSo) {
    const auto ledger = stamped({}, 1000);
    fs::remove(ledger.rows[0].copy);
    writeFile(ledger.rows[1].copy, readText(folder / "in/tall.jpg")); // an unmarked original in its place
    const auto made = make(ledger);
    EXPECT_EQ(made.pictures, 1U);
    ASSERT_EQ(made.leftOut.size(), 2U);
    EXPECT_THAT(made.leftOut[1].sentence(), HasSubstr("it was changed since it was made"));
    EXPECT_FALSE(fs::exists(at / "small/tall.jpg"));
}

TEST_F(AlbumOf, NeverMixesIntoAFolderAndLeavesNothingHalf) {
    const auto ledger = stamped({}, 1000);
    fs::create_directories(at);
    EXPECT_EQ(problemOf([&] { make(ledger); }).kind, ProblemKind::Refused);
    fs::remove(at);
    fs::create_symlink(folder / "in", at);
    EXPECT_EQ(problemOf([&] { make(ledger); }).kind, ProblemKind::Refused);
    fs::remove(at);
    std::atomic<bool> stop{false};
    EXPECT_EQ(problemOf([&] { writeAlbum(ledger, {}, at, stop, [&](std::size_t) { stop = true; }); }).kind,
              ProblemKind::Stopped);
    EXPECT_TRUE(fs::is_empty(at.parent_path()));
    EXPECT_EQ(problemOf([&] { make(Ledger{}); }).kind, ProblemKind::Refused);
    EXPECT_TRUE(fs::is_empty(at.parent_path()));
}
