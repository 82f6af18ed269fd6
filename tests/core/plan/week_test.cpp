// The week plan: small problems against every plan that there is, middling ones against another solver (GLPK, the GNU project),
// and the reasons against what they say.
#include "core/plan/week.h"

#include "core/base/random.h"

#include <algorithm>
#include <array>
#include <catch2/catch.hpp>
#include <functional>
#include <glpk.h>
#include <map>
#include <set>

using namespace bh;

namespace {

WeekProblem random_problem(std::uint64_t seed, int pilots, int bays, int days, int slots_a_day)
{
    SeededRandom random(seed);
    const auto any = [&](int below) { return std::min(below - 1, static_cast<int>(random.uniform() * below)); };
    WeekProblem w;
    for (int d = 0; d < days; ++d)
        for (int s = 0; s < slots_a_day; ++s)
            w.time_slots.push_back({"2031-02-1" + std::to_string(d), 540 + 30 * s, 570 + 30 * s, random.uniform() < 0.5});
    const int slots = days * slots_a_day;
    for (int b = 0; b < bays; ++b) {
        WeekBay bay{"Bay " + std::to_string(b), {}, {"station " + std::to_string(b % 2)}, {}};
        for (const char* s : {"mudlark", "saltwind"})
            if (random.uniform() < 0.7) bay.simulators.emplace_back(s);
        for (int s = 0; s < slots; ++s)
            if (random.uniform() < 0.1) bay.closed.push_back(s);
        w.bays.push_back(std::move(bay));
    }
    for (int p = 0; p < pilots; ++p) {
        WeekPilot pilot{"Pilot " + std::to_string(p), 1 + any(3), 1 + (random.uniform() < 0.2 ? 1 : 0), {}, {}, {},
                        random.uniform() < 0.3,       any(3)};
        if (random.uniform() < 0.4) pilot.simulators.emplace_back("mudlark");
        if (random.uniform() < 0.2) pilot.controllers.emplace_back("station 1");
        for (int s = 0; s < slots; ++s)
            if (random.uniform() < 0.6) pilot.available.push_back(s);
        w.pilots.push_back(std::move(pilot));
    }
    std::set<WeekBlock> published;
    for (int i = 0; i < pilots; ++i) published.insert({any(pilots), any(bays), any(slots)});
    w.published.assign(published.begin(), published.end());
    return w;
}

/// Better in the first objective that differs: blocks more, shortness and changes less.
bool better(const std::vector<int>& a, const std::vector<int>& b)
{
    for (std::size_t i = 0; i < a.size(); ++i) {
        const bool less_is_better = i + 2 >= a.size();
        if (a[i] != b[i]) return less_is_better ? a[i] < b[i] : a[i] > b[i];
    }
    return false;
}

/// The best of every plan that keeps the rules.
std::vector<int> best_of_all(const WeekProblem& w)
{
    std::vector<WeekBlock> blocks;
    std::vector<int> best = objectives_of(w, {});
    const int cells = static_cast<int>(w.bays.size() * w.time_slots.size()), bays = static_cast<int>(w.bays.size());
    const std::function<void(int)> fill = [&](int cell) {
        if (cell == cells) {
            if (const auto found = objectives_of(w, blocks); better(found, best)) best = found;
            return;
        }
        fill(cell + 1);
        for (int p = 0; p < static_cast<int>(w.pilots.size()); ++p) {
            blocks.push_back({p, cell % bays, cell / bays});
            if (broken_rules(w, blocks).empty()) fill(cell + 1);
            blocks.pop_back();
        }
    };
    fill(0);
    return best;
}

/// The same objectives by GLPK, its rows written down from the rules.
std::vector<int> by_glpk(const WeekProblem& w)
{
    glp_term_out(GLP_OFF);
    std::vector<WeekBlock> places;
    for (int p = 0; p < static_cast<int>(w.pilots.size()); ++p)
        for (int b = 0; b < static_cast<int>(w.bays.size()); ++b)
            for (int s = 0; s < static_cast<int>(w.time_slots.size()); ++s)
                if (broken_rules(w, {{p, b, s}}).empty()) places.push_back({p, b, s});
    const int columns = static_cast<int>(places.size()) + 1; // the last: how short the worst off is
    glp_prob* lp = glp_create_prob();
    glp_set_obj_dir(lp, GLP_MAX);
    glp_add_cols(lp, columns);
    for (int c = 1; c < columns; ++c) glp_set_col_kind(lp, c, GLP_BV);
    glp_set_col_bnds(lp, columns, GLP_DB, 0, 1000);
    glp_set_col_kind(lp, columns, GLP_IV);
    const auto add = [&](const std::vector<std::pair<int, double>>& of, int kind, double low, double high) {
        const int row = glp_add_rows(lp, 1);
        std::vector<int> index{0};
        std::vector<double> value{0};
        for (const auto& [c, v] : of) index.push_back(c), value.push_back(v);
        glp_set_mat_row(lp, row, static_cast<int>(of.size()), index.data(), value.data());
        glp_set_row_bnds(lp, row, kind, low, high);
    };
    const auto grouped = [&](const auto& key, const auto& most) {
        std::map<std::string, std::vector<std::pair<int, double>>> rows;
        std::map<std::string, double> limit;
        for (int c = 1; c < columns; ++c) {
            const WeekBlock& b = places[static_cast<std::size_t>(c - 1)];
            rows[key(b)].emplace_back(c, 1.0);
            limit[key(b)] = most(b);
        }
        for (const auto& [k, of] : rows) add(of, GLP_UP, 0, limit[k]);
    };
    const auto id = [](auto... parts) { return (... + (std::to_string(parts) + "/")); };
    const auto pilot = [&](const WeekBlock& b) -> const WeekPilot& { return w.pilots[static_cast<std::size_t>(b.pilot)]; };
    grouped([&](const WeekBlock& b) { return id(b.bay, b.slot); }, [](const WeekBlock&) { return 1.0; });
    grouped([&](const WeekBlock& b) { return id(b.pilot, b.slot); }, [](const WeekBlock&) { return 1.0; });
    grouped([&](const WeekBlock& b) { return id(b.pilot) + w.time_slots[static_cast<std::size_t>(b.slot)].day; },
            [&](const WeekBlock& b) { return static_cast<double>(pilot(b).most_per_day); });
    grouped([&](const WeekBlock& b) { return id(b.pilot); },
            [&](const WeekBlock& b) { return static_cast<double>(pilot(b).wanted_blocks); });
    for (int p = 0; p < static_cast<int>(w.pilots.size()); ++p) {
        std::vector<std::pair<int, double>> of{{columns, 1.0}};
        for (int c = 1; c < columns; ++c)
            if (places[static_cast<std::size_t>(c - 1)].pilot == p) of.emplace_back(c, 1.0);
        add(of, GLP_LO, w.pilots[static_cast<std::size_t>(p)].wanted_blocks, 0);
    }
    std::vector<std::vector<std::pair<int, double>>> objectives;
    std::set<int, std::greater<>> priorities;
    for (const WeekPilot& p : w.pilots) priorities.insert(p.priority);
    const auto blocks_where = [&](const auto& wanted) {
        std::vector<std::pair<int, double>> of;
        for (int c = 1; c < columns; ++c)
            if (wanted(places[static_cast<std::size_t>(c - 1)])) of.emplace_back(c, 1.0);
        return of;
    };
    for (const int n : priorities) objectives.push_back(blocks_where([&](const WeekBlock& b) { return pilot(b).priority == n; }));
    objectives.push_back(blocks_where([](const WeekBlock&) { return true; }));
    objectives.push_back({{columns, -1.0}});
    const std::set<WeekBlock> published(w.published.begin(), w.published.end());
    objectives.push_back(blocks_where([&](const WeekBlock& b) { return published.contains(b); }));
    std::vector<int> found;
    for (std::size_t i = 0; i < objectives.size(); ++i) {
        for (int c = 1; c <= columns; ++c) glp_set_obj_coef(lp, c, 0);
        for (const auto& [c, v] : objectives[i]) glp_set_obj_coef(lp, c, v);
        glp_iocp how;
        glp_init_iocp(&how);
        how.presolve = GLP_ON;
        REQUIRE(glp_intopt(lp, &how) == 0);
        REQUIRE(glp_mip_status(lp) == GLP_OPT);
        const double value = std::round(glp_mip_obj_val(lp));
        add(objectives[i], GLP_LO, value, 0);
        const bool last = i + 1 == objectives.size();
        found.push_back(static_cast<int>(last                         ? static_cast<double>(w.published.size()) - value
                                         : i + 2 == objectives.size() ? -value
                                                                      : value));
    }
    glp_delete_prob(lp);
    return found;
}

} // namespace

TEST_CASE("small weeks are as good as the best of all plans", "[core][plan]")
{
    for (std::uint64_t seed = 1; seed <= 60; ++seed) {
        const WeekProblem w = random_problem(seed, 3, 2, 2, 2);
        CAPTURE(seed);
        const auto plan = plan_week(w);
        REQUIRE(plan);
        CHECK(plan->optimal);
        CHECK(plan->gap == 0);
        CHECK(broken_rules(w, plan->blocks).empty());
        CHECK(plan->objective == objectives_of(w, plan->blocks));
        CHECK(plan->objective == best_of_all(w));
    }
}

TEST_CASE("middling weeks are as good as another solver's", "[core][plan]")
{
    for (std::uint64_t seed = 1; seed <= 6; ++seed) {
        const WeekProblem w = random_problem(seed, 10, 3, 4, 5);
        CAPTURE(seed);
        const auto plan = plan_week(w);
        REQUIRE(plan);
        CHECK(broken_rules(w, plan->blocks).empty());
        CHECK(plan->objective == by_glpk(w));
    }
}

namespace {

/// Whether there is room for one block more of a pilot with some rules lifted and the others' blocks where they are: asked of
/// the solver, with a week in which those rules ask for nothing.
bool room_without(const WeekProblem& w, const std::vector<WeekBlock>& blocks, int pilot, const std::set<WeekRule>& lifted)
{
    WeekProblem alone = w;
    alone.pilots = {w.pilots[static_cast<std::size_t>(pilot)]};
    WeekPilot& own = alone.pilots[0];
    alone.published.clear();
    int has = 0;
    if (lifted.contains(WeekRule::ClosedBay))
        for (WeekBay& bay : alone.bays) bay.closed.clear();
    for (const WeekBlock& b : blocks)
        if (b.pilot == pilot)
            ++has;
        else if (!lifted.contains(WeekRule::BaysFull))
            alone.bays[static_cast<std::size_t>(b.bay)].closed.push_back(b.slot);
    own.wanted_blocks = has + 1;
    if (lifted.contains(WeekRule::Availability)) {
        own.available.resize(w.time_slots.size());
        for (std::size_t s = 0; s < own.available.size(); ++s) own.available[s] = static_cast<int>(s);
    }
    if (lifted.contains(WeekRule::Simulator)) own.simulators.clear();
    if (lifted.contains(WeekRule::Controller)) own.controllers.clear();
    if (lifted.contains(WeekRule::Coordinator)) own.needs_coordinator = false;
    if (lifted.contains(WeekRule::BlocksADay)) own.most_per_day = 1000;
    return static_cast<int>(plan_week(alone)->blocks.size()) > has;
}

} // namespace

TEST_CASE("reasons are levers: each alone makes room, or all of a set together and none of it needless", "[core][plan]")
{
    constexpr std::array rules{WeekRule::Availability, WeekRule::Simulator,  WeekRule::Controller, WeekRule::Coordinator,
                               WeekRule::ClosedBay,    WeekRule::BlocksADay, WeekRule::BaysFull};
    int alone = 0, together = 0, full = 0;
    for (std::uint64_t seed = 1; seed <= 60; ++seed) {
        WeekProblem w = random_problem(seed, 8, 2, 3, 3);
        if (seed % 3 == 0) // some weeks in which pilots can come at few times, so that no single rule helps
            for (WeekPilot& p : w.pilots) p.available.resize(std::min<std::size_t>(p.available.size(), 1)), p.wanted_blocks = 2;
        const auto plan = plan_week(w);
        REQUIRE(plan);
        for (const ShortPilot& s : short_pilots(w, plan->blocks)) {
            std::set<WeekRule> levers;
            for (const WeekRule r : rules)
                if (room_without(w, plan->blocks, s.pilot, {r})) levers.insert(r);
            const std::set<WeekRule> told(s.because.begin(), s.because.end());
            CAPTURE(seed, s.pilot);
            if (!levers.empty()) {
                CHECK(told == levers);
                ++alone, full += told.contains(WeekRule::BaysFull);
                continue;
            }
            if (!room_without(w, plan->blocks, s.pilot, {rules.begin(), rules.end()})) continue; // no more slots
            ++together;
            CHECK(room_without(w, plan->blocks, s.pilot, told));
            for (const WeekRule r : told) {
                std::set<WeekRule> fewer = told;
                fewer.erase(r);
                CHECK_FALSE(room_without(w, plan->blocks, s.pilot, fewer));
            }
        }
    }
    CHECK(alone > 30);
    CHECK(together > 5);
    CHECK(full > 5);
}

TEST_CASE("everybody who is short of blocks is told, and why", "[core][plan]")
{
    int looked_at = 0;
    for (std::uint64_t seed = 1; seed <= 40; ++seed) {
        const WeekProblem w = random_problem(seed, 8, 2, 3, 3);
        const auto plan = plan_week(w);
        REQUIRE(plan);
        std::vector<int> own(w.pilots.size());
        for (const WeekBlock& b : plan->blocks) ++own[static_cast<std::size_t>(b.pilot)];
        const auto unplaced = short_pilots(w, plan->blocks);
        for (std::size_t p = 0; p < own.size(); ++p) {
            const bool told = std::any_of(unplaced.begin(), unplaced.end(),
                                          [&](const ShortPilot& s) { return s.pilot == static_cast<int>(p); });
            CHECK(told == (own[p] < w.pilots[p].wanted_blocks));
        }
        for (const ShortPilot& s : unplaced) {
            CHECK_FALSE(s.because.empty());
            CHECK(s.short_blocks ==
                  w.pilots[static_cast<std::size_t>(s.pilot)].wanted_blocks - own[static_cast<std::size_t>(s.pilot)]);
            ++looked_at;
        }
    }
    CHECK(looked_at > 20);
}

TEST_CASE("reasons name what stands in the way", "[core][plan]")
{
    WeekProblem w;
    for (int s = 0; s < 4; ++s) w.time_slots.push_back({s < 2 ? "2031-02-10" : "2031-02-11", 540 + 30 * s, 570 + 30 * s, s == 0});
    w.bays = {{"Bay 1", {"mudlark"}, {"Station 1"}, {}}};
    const std::vector<int> always{0, 1, 2, 3};
    const auto because = [&](const WeekPilot& pilot) {
        w.pilots = {pilot};
        const auto plan = plan_week(w);
        const auto unplaced = short_pilots(w, plan->blocks);
        REQUIRE(unplaced.size() == 1);
        return unplaced[0].because;
    };
    using R = WeekRule;
    CHECK(because({"A", 3, 1, always, {}, {}, false, 0}) == std::vector{R::BlocksADay});
    CHECK(because({"A", 1, 1, {}, {}, {}, false, 0}) == std::vector{R::Availability});
    CHECK(because({"A", 1, 1, always, {"saltwind"}, {}, false, 0}) == std::vector{R::Simulator});
    CHECK(because({"A", 1, 1, always, {}, {"Station 2"}, false, 0}) == std::vector{R::Controller});
    CHECK(because({"A", 2, 2, always, {}, {}, true, 0}) == std::vector{R::Coordinator});
    CHECK(because({"A", 2, 1, {0, 1}, {}, {}, false, 0}) == std::vector{R::Availability, R::BlocksADay}); // either alone would do
    CHECK(because({"A", 9, 9, always, {}, {}, false, 0}) == std::vector{R::Availability}); // there are no more slots
    w.bays[0].closed = {0, 1, 2};
    CHECK(because({"A", 2, 2, always, {}, {}, false, 0}) == std::vector{R::ClosedBay});
    // Two pilots, one bay, one slot: the one with the higher priority has it.
    w.bays[0].closed.clear();
    w.pilots = {{"A", 1, 1, {1}, {}, {}, false, 1}, {"B", 1, 1, {1}, {}, {}, false, 2}};
    const auto plan = plan_week(w);
    REQUIRE(plan->blocks.size() == 1);
    CHECK(plan->blocks[0].pilot == 1);
    CHECK(plan->objective == std::vector{1, 0, 1, 1, 0});
    CHECK(short_pilots(w, plan->blocks)[0].because == std::vector{R::Availability, R::BaysFull});
}

TEST_CASE("what was published is kept where nothing better is lost, and broken rules are named", "[core][plan]")
{
    WeekProblem w;
    for (int s = 0; s < 6; ++s) w.time_slots.push_back({"2031-02-1" + std::to_string(s), 540, 570, false});
    w.bays = {{"Bay 1", {}, {}, {}}, {"Bay 2", {}, {}, {}}};
    const std::vector<int> always{0, 1, 2, 3, 4, 5};
    w.pilots = {{"A", 3, 1, always, {}, {}, false, 0}, {"B", 3, 1, always, {}, {}, false, 0}};
    w.published = {{0, 1, 0}, {0, 1, 3}, {0, 0, 5}, {1, 0, 0}, {1, 1, 1}, {1, 0, 2}};
    const auto plan = plan_week(w);
    REQUIRE(plan);
    CHECK(plan->objective.back() == 0);
    auto kept = w.published;
    std::sort(kept.begin(), kept.end());
    auto blocks = plan->blocks;
    std::sort(blocks.begin(), blocks.end());
    CHECK(blocks == kept);
    w.bays[1].closed = {0, 1, 2, 3, 4, 5}; // the second bay is down
    const auto moved = plan_week(w);
    CHECK(broken_rules(w, moved->blocks).empty());
    CHECK(moved->objective == std::vector{6, 6, 0, 3});
    const auto broken = broken_rules(w, w.published);
    CHECK(broken.size() == 3);
    CHECK(std::all_of(broken.begin(), broken.end(), [](const BrokenRule& b) { return b.rule == WeekRule::ClosedBay; }));
    CHECK(broken_rules(w, {{0, 0, 0}, {1, 0, 0}}).front().rule == WeekRule::BaysFull);
    CHECK(broken_rules(w, {{0, 0, 0}, {0, 0, 0}}).size() >= 2);
}

TEST_CASE("a plan that is stopped says so, and an empty week is planned at once", "[core][plan]")
{
    const WeekProblem w = random_problem(5, 10, 3, 4, 5);
    PlanOptions none;
    none.goes_on = [](int, int) { return false; };
    const auto stopped = plan_week(w, none);
    REQUIRE(stopped);
    CHECK_FALSE(stopped->optimal);
    CHECK(stopped->gap > 0);
    PlanOptions after_one;
    after_one.goes_on = [](int done, int) { return done < 1; };
    const auto first = plan_week(w, after_one);
    CHECK_FALSE(first->optimal);
    CHECK(broken_rules(w, first->blocks).empty());
    CHECK(first->objective.front() == plan_week(w)->objective.front()); // what was reached is kept
    const auto nothing = plan_week({});
    REQUIRE(nothing);
    CHECK(nothing->optimal);
    CHECK(nothing->blocks.empty());
    WeekProblem huge;
    huge.time_slots.resize(3000), huge.bays.resize(100), huge.pilots.resize(100);
    CHECK_FALSE(plan_week(huge));
}
