#include "core/kit/kit.h"

#include <algorithm>
#include <set>

namespace bh {
namespace {

template <class Things>
auto* find_id(Things& things, const std::string& id)
{
    const auto found = std::find_if(things.begin(), things.end(), [&](const auto& t) { return t.id == id; });
    return found == things.end() ? nullptr : &*found;
}

/// Walks every way on from `id`; returns what is wrong with the first bad one.
Message trouble_from(const FaultTree& tree, const std::string& id, std::vector<std::string>& way, std::set<std::string>& reached)
{
    reached.insert(id);
    if (find_id(tree.endings, id)) return {};
    const FaultQuestion* q = find_id(tree.questions, id);
    if (!q)
        return way.empty() ? message("'%1' is neither a question nor an ending", id)
                           : message("'%1' is neither a question nor an ending, but '%2' leads there", id, way.back());
    if (std::find(way.begin(), way.end(), id) != way.end()) return message("the questions run in a circle at '%1'", id);
    way.push_back(id);
    for (const std::string& next : {q->yes, q->no})
        if (Message trouble = trouble_from(tree, next, way, reached); !trouble.empty()) return trouble;
    way.pop_back();
    return {};
}

} // namespace

bool tick_holds(const KitItem& item, std::int64_t ticked_at, std::int64_t now, const TickRules& rules)
{
    constexpr std::int64_t day_s = 86'400, half_a_day_s = day_s / 2;
    if (item.each_session) return ticked_at >= rules.last_session_ended_at && now - ticked_at < half_a_day_s;
    return now - ticked_at < rules.others_hold_days * day_s;
}

const char* detected_key(Detected what)
{
    static constexpr std::array<const char*, 4> keys{"device_present", "axes_moving", "fast_enough", "held_by_another"};
    return keys[static_cast<std::size_t>(what)];
}

Result<FaultTree> checked(FaultTree tree)
{
    std::vector<std::string> way;
    std::set<std::string> reached;
    if (Message trouble = trouble_from(tree, tree.start, way, reached); !trouble.empty()) return bad_input(trouble);
    std::set<std::string> ids;
    const auto seen_once = [&](const std::string& id) -> Message {
        if (!ids.insert(id).second) return message("'%1' stands there twice", id);
        if (!reached.contains(id)) return message("nothing leads to '%1'", id);
        return {};
    };
    for (const FaultQuestion& q : tree.questions)
        if (Message trouble = seen_once(q.id); !trouble.empty()) return bad_input(trouble);
    for (const FaultEnding& e : tree.endings)
        if (Message trouble = seen_once(e.id); !trouble.empty()) return bad_input(trouble);
    return tree;
}

FaultFinder::FaultFinder(FaultTree tree) : tree_(std::move(tree)), at_(tree_.start) {}

void FaultFinder::start(const DetectedFacts& facts)
{
    steps_.clear();
    asked_.clear();
    go(tree_.start, facts);
}

void FaultFinder::go(const std::string& id, const DetectedFacts& facts)
{
    at_ = id;
    while (const FaultQuestion* q = question()) {
        if (!q->detect || !facts.contains(*q->detect)) return;
        const bool yes = facts.at(*q->detect);
        steps_.push_back({q->ask, yes, true});
        asked_.push_back(q->id);
        at_ = yes ? q->yes : q->no;
    }
}

void FaultFinder::answer(bool yes, const DetectedFacts& facts)
{
    const FaultQuestion* q = question();
    if (!q) return;
    steps_.push_back({q->ask, yes, false});
    asked_.push_back(q->id);
    go(yes ? q->yes : q->no, facts);
}

void FaultFinder::back(const DetectedFacts& facts)
{
    while (!steps_.empty() && steps_.back().by_itself) steps_.pop_back(), asked_.pop_back();
    if (steps_.empty()) return start(facts);
    const std::string id = asked_.back();
    steps_.pop_back();
    asked_.pop_back();
    at_ = id;
}

const FaultQuestion* FaultFinder::question() const { return find_id(tree_.questions, at_); }
const FaultEnding* FaultFinder::ending() const { return find_id(tree_.endings, at_); }

} // namespace bh
