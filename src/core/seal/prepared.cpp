// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/prepared.h"

#include "base/problem.h"
#include "base/text.h"
#include "seal/design_json.h"
#include "seal/logo.h"
#include "seal/outline.h"
#include "text/typefaces.h"

#include <algorithm>
#include <map>

namespace keepseal {
namespace {

/// One part or group while it is laid out; `box` stands where the part's own outline puts it at first.
struct Item {
    const SealPart* part = nullptr; ///< nullptr: the seal itself
    std::size_t index = 0;
    Box box;
    Point moved; ///< by the groups around it
    std::shared_ptr<const Outline> outline;
    std::vector<std::size_t> members; ///< items
    bool draws = false;
};

class Layout {
public:
    Layout(PreparedSeal& out, const TextFacts& facts) : m_out(out), m_facts(facts) {}

    void run() {
        m_items.emplace_back(); // the seal itself
        collect(0, "", 0);
        arrange(0, m_out.design.layout);
        for (const auto top : m_items.front().members) {
            m_out.tops.push_back(m_items[top].box);
            finish(top);
        }
        m_out.box = m_out.ink;
        if (m_out.design.plate.on && !m_out.ink.empty())
            m_out.box = m_out.ink.grown(m_out.design.plate.padding);
        if (m_missingCharacters > 0)
            addNote(m_out.notes,
                    {NoteKind::SealCharacters, {}, {{"count", std::to_string(m_missingCharacters)}}});
        if (m_out.parts.empty() && countOf(m_out.notes, Severity::HoldsBack) == 0)
            addNote(m_out.notes, {NoteKind::SealNothing, {}, {}});
    }

private:
    void collect(std::size_t into, const std::string& parent, int depth) {
        const auto& parts = m_out.design.parts;
        for (std::size_t i = 0; i < parts.size(); ++i) {
            if (parts[i].parent != parent || parts[i].hidden || depth > 8)
                continue;
            Item item;
            item.part = &parts[i];
            item.index = i;
            measure(item);
            if (!item.draws && parts[i].kind != PartKind::Group)
                continue;
            m_items.push_back(std::move(item));
            const auto at = m_items.size() - 1;
            m_items[into].members.push_back(at);
            if (parts[i].kind == PartKind::Group)
                collect(at, parts[i].id, depth + 1);
        }
    }

    void measure(Item& item) {
        const auto& part = *item.part;
        if (part.kind == PartKind::Text) {
            const auto filled = fillTokens(part.text.text, m_facts);
            tell(part, filled);
            m_letters += filled.text.size();
            if (m_letters > kMaxLetters)
                throw Problem(ProblemKind::TooLarge, "the seal",
                              Saying("its words come to more than {letters} letters on this picture",
                                     {{"letters", std::to_string(kMaxLetters)}}),
                              "Put shorter words in the place of its tokens");
            if (trimmed(filled.text).empty())
                return;
            auto outline = std::make_shared<Outline>(textOutline(part.text, part.size, filled.text));
            m_missingCharacters += outline->missingCharacters;
            if (m_out.smallestXHeight == 0 || outline->xHeight < m_out.smallestXHeight)
                m_out.smallestXHeight = outline->xHeight;
            item.box = outline->ink;
            item.outline = std::move(outline);
            item.draws = !item.box.empty();
        } else if (part.kind == PartKind::Shape) {
            item.box = {0, 0, part.shape.width, part.size};
            if (part.shape.shape == ShapeKind::Line)
                item.box.height = std::max(0.5, part.shape.thickness);
            if (part.shape.shape == ShapeKind::Ring)
                item.box.width = part.size;
            item.draws = true;
        } else if (part.kind == PartKind::Logo)
            measureLogo(item);
    }

    /// Both versions must be there, whichever this picture takes.
    void measureLogo(Item& item) {
        const auto& part = *item.part;
        if (part.logo.file.empty()) {
            addNote(m_out.notes, {NoteKind::SealLogoNotChosen, nameOf(part), {}});
            return;
        }
        if (part.logo.file == kMyEmblem) {
            addNote(m_out.notes, {NoteKind::WhoUnset, kMyEmblem, {{"meaning", toSay("your emblem")}}});
            return;
        }
        try {
            item.box = {0, 0, part.size * logoAspect(part.logo, false), part.size};
            item.draws = true;
            if (!part.logo.darkFile.empty())
                loadLogo(part.logo.darkFile, part.logo.page);
        } catch (const Problem& problem) {
            addNote(m_out.notes, {NoteKind::SealLogo,
                                  problem.subject,
                                  {{"name", std::filesystem::path(problem.subject).filename().string()},
                                   {"happened", problem.happened}}});
        }
    }

    static std::string nameOf(const SealPart& part) { return part.name.empty() ? part.id : part.name; }

    void tell(const SealPart& part, const FilledText& filled) {
        for (const auto& token : filled.missing)
            addNote(m_out.notes,
                    tokenNote(token, {NoteKind::SealTokenUnknown, NoteKind::SealTokenEmpty}, token));
        // Where only the person has to say who they are, that alone is asked.
        const bool waits = std::any_of(filled.missing.begin(), filled.missing.end(), isWhoToken);
        const bool nothing = waits                    ? false
                             : filled.missing.empty() ? trimmed(filled.text).empty()
                                                      : !saysSomething(filled.text);
        if (nothing)
            addNote(m_out.notes, {NoteKind::SealTextNothing, trimmed(part.text.text), {}});
        if (!hasTypeface(part.text.family))
            addNote(m_out.notes, {NoteKind::SealTypeface, part.text.family, {}});
    }

    static bool stretches(const Item& item) {
        return item.part->kind == PartKind::Shape && item.part->shape.stretch &&
               item.part->shape.shape != ShapeKind::Ring;
    }

    /// Gives every member its place; groups inside come first, since their size is needed.
    void arrange(std::size_t at, const GroupLayout& layout) {
        for (const auto member : m_items[at].members)
            if (m_items[member].part->kind == PartKind::Group)
                arrange(member, m_items[member].part->group);
        auto& members = m_items[at].members;
        std::erase_if(members, [this](std::size_t m) { return m_items[m].box.empty(); });
        const bool row = layout.stacking == Stacking::Row;
        double widest = 0;
        for (const auto m : members)
            if (!stretches(m_items[m]))
                widest = std::max(widest, row ? m_items[m].box.height : m_items[m].box.width);
        for (const auto m : members)
            if (stretches(m_items[m]) && widest > 0 && layout.stacking != Stacking::Free)
                stretch(m_items[m], widest, row);
        for (const auto m : members)
            widest = std::max(widest, row ? m_items[m].box.height : m_items[m].box.width);
        double along = 0;
        Box bounds;
        for (const auto m : members) {
            auto& item = m_items[m];
            Point to;
            if (layout.stacking == Stacking::Free)
                to = {item.part->x - item.box.width / 2, item.part->y - item.box.height / 2};
            else {
                const double room = widest - (row ? item.box.height : item.box.width);
                const double across = room * static_cast<int>(layout.align) / 2;
                to = row ? Point{along, across} : Point{across, along};
                along += (row ? item.box.width : item.box.height) + layout.gap;
            }
            move(m, {to.x - item.box.x, to.y - item.box.y});
            bounds = united(bounds, item.box);
        }
        m_items[at].box = bounds;
    }

    static void stretch(Item& item, double length, bool row) {
        if (item.part->shape.shape == ShapeKind::Line && row)
            item.box = {0, 0, std::max(0.5, item.part->shape.thickness), length};
        else
            (row ? item.box.height : item.box.width) = length;
    }

    void move(std::size_t at, Point by) {
        auto& item = m_items[at];
        item.box.x += by.x, item.box.y += by.y;
        item.moved.x += by.x, item.moved.y += by.y;
        for (const auto member : item.members)
            move(member, by);
    }

    void finish(std::size_t at) {
        const auto& item = m_items[at];
        m_out.boxes.emplace_back(item.part->id, item.box);
        for (const auto member : item.members)
            finish(member);
        if (!item.draws)
            return;
        PreparedPart part;
        part.top = m_out.tops.size() - 1;
        part.index = item.index;
        part.box = item.box;
        part.logo = item.part->kind == PartKind::Logo;
        if (item.part->kind == PartKind::Shape) {
            part.outline =
                std::make_shared<Outline>(shapeOutline(item.part->shape, item.box.width, item.box.height));
            part.offset = {item.box.x, item.box.y};
        } else if (item.outline) {
            part.outline = item.outline;
            part.offset = item.moved;
        }
        m_out.ink = united(m_out.ink, part.box);
        m_out.parts.push_back(std::move(part));
    }

    PreparedSeal& m_out;
    const TextFacts& m_facts;
    std::size_t m_letters = 0;
    std::vector<Item> m_items;
    int m_missingCharacters = 0;
};

} // namespace

PreparedPtr prepareSeal(const SealDesign& design, const TextFacts& facts) {
    auto out = std::make_shared<PreparedSeal>();
    out->design = design;
    out->facts = facts;
    if (design.on)
        Layout(*out, facts).run();
    return out;
}

bool dependsOnPicture(const SealDesign& design) {
    return std::any_of(design.parts.begin(), design.parts.end(), [](const SealPart& part) {
        return part.kind == PartKind::Text && !part.hidden && holdsTokens(part.text.text);
    });
}

} // namespace keepseal
