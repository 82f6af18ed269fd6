#include "files/documents/kit_documents.h"

#include "files/text/json_in.h"

#include <set>

namespace bh {
namespace {

std::optional<Detected> detected_at(const JsonIn& in)
{
    if (!in.has("detect")) return std::nullopt;
    for (Detected d : all_detected)
        if (in.text("detect") == detected_key(d)) return d;
    in.at("detect").fault("expected device_present, axes_moving, fast_enough or held_by_another, found '%1'", in.text("detect"));
}

} // namespace

Result<std::vector<KitList>> parse_kit(std::string_view text, const std::string& file)
{
    return read_document<std::vector<KitList>>(text, file, "kit", [](const JsonIn& in) -> Result<std::vector<KitList>> {
        std::vector<KitList> lists;
        for (const JsonIn& list : in.at("lists").items()) {
            KitList out{list.text("id"), list.text("name"), {}};
            std::set<std::string> ids;
            for (const JsonIn& item : list.at("items").items()) {
                out.items.push_back({item.text("id"), item.text("text"), item.text("caution", ""), detected_at(item),
                                     item.truth("each_session", false)});
                if (!ids.insert(out.items.back().id).second) item.at("id").fault("stands there twice in this list");
            }
            if (out.items.empty()) list.at("items").fault("expected at least one item");
            lists.push_back(std::move(out));
        }
        if (lists.empty()) in.at("lists").fault("expected at least one list");
        return lists;
    });
}

Result<FaultTree> parse_faults(std::string_view text, const std::string& file)
{
    return read_document<FaultTree>(text, file, "faults", [&](const JsonIn& in) -> Result<FaultTree> {
        FaultTree tree;
        tree.start = in.text("start");
        for (const JsonIn& q : in.at("questions").items())
            tree.questions.push_back({q.text("id"), q.text("ask"), detected_at(q), q.text("yes"), q.text("no")});
        for (const JsonIn& e : in.at("endings").items()) tree.endings.push_back({e.text("id"), e.text("say")});
        auto good = checked(std::move(tree));
        if (!good) return bad_input("%1: %2", file, good.error().message);
        return good;
    });
}

} // namespace bh
