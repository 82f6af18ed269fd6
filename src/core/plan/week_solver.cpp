// The week as integer programs, one for each objective. With the objectives before held, it is a flow from pilots by days and
// slots to bays, so that CBC mostly finds whole numbers at once.
#include "core/plan/week.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <cmath>
#include <coin/Cbc_C_Interface.h>
#include <limits>
#include <map>
#include <memory>
#include <mutex>
#include <set>
#include <tuple>

namespace bh {
namespace {

constexpr double no_limit = std::numeric_limits<double>::max();

/// Sums of columns between two limits.
struct Row {
    std::vector<std::pair<int, double>> of; ///< column, factor
    double low = -no_limit, high = no_limit;
};

/// Where a block may stand, each a column of noughts and ones; the last column is how short the worst off may be.
class Places {
public:
    explicit Places(const WeekProblem& problem) : problem_(problem)
    {
        for (int p = 0; p < static_cast<int>(problem.pilots.size()); ++p) {
            const WeekPilot& pilot = problem.pilots[static_cast<std::size_t>(p)];
            std::vector<int> slots = pilot.available;
            std::sort(slots.begin(), slots.end());
            slots.erase(std::unique(slots.begin(), slots.end()), slots.end());
            for (const int s : slots)
                for (int b = 0; b < static_cast<int>(problem.bays.size()); ++b)
                    if (const WeekBlock block{p, b, s}; fits(block)) blocks_.push_back(block);
        }
    }
    [[nodiscard]] const std::vector<WeekBlock>& blocks() const { return blocks_; }
    [[nodiscard]] int shortest() const { return static_cast<int>(blocks_.size()); }

    /// What every plan has to keep.
    [[nodiscard]] std::vector<Row> rules() const
    {
        std::map<std::pair<int, int>, Row> bay_slot, pilot_slot;
        std::map<std::pair<int, std::string>, Row> pilot_day;
        std::map<int, Row> pilot;
        for (std::size_t i = 0; i < blocks_.size(); ++i) {
            const WeekBlock& b = blocks_[i];
            const WeekPilot& of = problem_.pilots[static_cast<std::size_t>(b.pilot)];
            const auto add = [i](Row& row, double most) { row.of.emplace_back(static_cast<int>(i), 1.0), row.high = most; };
            add(bay_slot[{b.bay, b.slot}], 1);
            add(pilot_slot[{b.pilot, b.slot}], 1);
            add(pilot_day[{b.pilot, problem_.time_slots[static_cast<std::size_t>(b.slot)].day}], of.most_per_day);
            add(pilot[b.pilot], of.wanted_blocks);
        }
        std::vector<Row> rows;
        const auto take = [&rows](auto& from) {
            for (auto& [_, row] : from)
                if (static_cast<double>(row.of.size()) > row.high) rows.push_back(std::move(row)); // others hold by themselves
        };
        take(bay_slot), take(pilot_slot), take(pilot_day), take(pilot);
        return rows;
    }

    /// Blocks of some pilots.
    template <class Wanted>
    [[nodiscard]] Row sum(Wanted wanted) const
    {
        Row row;
        for (std::size_t i = 0; i < blocks_.size(); ++i)
            if (wanted(blocks_[i])) row.of.emplace_back(static_cast<int>(i), 1.0);
        return row;
    }

private:
    /// Breaks no rule by itself.
    [[nodiscard]] bool fits(const WeekBlock& block) const { return broken_rules(problem_, {block}).empty(); }
    const WeekProblem& problem_;
    std::vector<WeekBlock> blocks_;
};

struct Solved {
    bool any = false, proven = false;
    double value = 0, bound = 0;
    std::vector<WeekBlock> blocks;
};

struct ModelDeleter {
    void operator()(Cbc_Model* model) const { Cbc_deleteModel(model); }
};

/// The most of an objective within rows.
Solved maximise(const Places& places, const Row& objective, const std::vector<Row>& rows, double most_short, double seconds)
{
    const int columns = places.shortest() + 1;
    std::vector<std::vector<std::pair<int, double>>> by_column(static_cast<std::size_t>(columns));
    std::vector<double> row_low, row_high;
    for (const Row& row : rows) {
        for (const auto& [column, factor] : row.of)
            by_column[static_cast<std::size_t>(column)].emplace_back(static_cast<int>(row_low.size()), factor);
        row_low.push_back(row.low), row_high.push_back(row.high);
    }
    std::vector<CoinBigIndex> start{0};
    std::vector<int> index;
    std::vector<double> value, low(static_cast<std::size_t>(columns), 0), high(static_cast<std::size_t>(columns), 1),
        weight(static_cast<std::size_t>(columns), 0);
    for (const auto& column : by_column) {
        for (const auto& [row, factor] : column) index.push_back(row), value.push_back(factor);
        start.push_back(static_cast<CoinBigIndex>(index.size()));
    }
    high.back() = most_short;
    for (const auto& [column, factor] : objective.of) weight[static_cast<std::size_t>(column)] = factor;
    const std::unique_ptr<Cbc_Model, ModelDeleter> model(Cbc_newModel());
    Cbc_setParameter(model.get(), "log", "0");
    Cbc_setParameter(model.get(), "timeMode", "elapsed");
    Cbc_setParameter(model.get(), "sec", fixed(std::max(0.01, seconds), 6).c_str());
    Cbc_loadProblem(model.get(), columns, static_cast<int>(row_low.size()), start.data(), index.data(), value.data(), low.data(),
                    high.data(), weight.data(), row_low.data(), row_high.data());
    Cbc_setObjSense(model.get(), -1);
    for (int column = 0; column < columns; ++column) Cbc_setInteger(model.get(), column);
    {
        static std::mutex one_at_a_time; // the solver keeps state of its own beside its models
        const std::scoped_lock lock(one_at_a_time);
        Cbc_solve(model.get());
    }
    Solved solved;
    const double* solution = Cbc_getColSolution(model.get());
    solved.any = solution && !Cbc_isProvenInfeasible(model.get()) && Cbc_getObjValue(model.get()) > -1e40;
    solved.proven = solved.any && Cbc_isProvenOptimal(model.get());
    if (!solved.any) return solved;
    solved.value = Cbc_getObjValue(model.get()), solved.bound = Cbc_getBestPossibleObjValue(model.get());
    constexpr double nearly_one = 0.5;
    for (int column = 0; column + 1 < columns; ++column)
        if (solution[column] > nearly_one) solved.blocks.push_back(places.blocks()[static_cast<std::size_t>(column)]);
    return solved;
}

/// The objectives in their order, each as a sum that is to be as large as it can be.
std::vector<Row> objectives(const WeekProblem& problem, const Places& places)
{
    std::set<int, std::greater<>> priorities;
    for (const WeekPilot& p : problem.pilots) priorities.insert(p.priority);
    std::vector<Row> all;
    for (const int priority : priorities)
        all.push_back(places.sum(
            [&](const WeekBlock& b) { return problem.pilots[static_cast<std::size_t>(b.pilot)].priority == priority; }));
    all.push_back(places.sum([](const WeekBlock&) { return true; }));
    all.push_back({{{places.shortest(), -1.0}}});
    const std::set<WeekBlock> published(problem.published.begin(), problem.published.end());
    all.push_back(places.sum([&](const WeekBlock& b) { return published.contains(b); }));
    return all;
}

/// Nobody is shorter of blocks than the worst off may be.
std::vector<Row> shortness(const WeekProblem& problem, const Places& places)
{
    std::vector<Row> rows;
    for (int p = 0; p < static_cast<int>(problem.pilots.size()); ++p) {
        Row row = places.sum([p](const WeekBlock& b) { return b.pilot == p; });
        row.of.emplace_back(places.shortest(), 1.0);
        row.low = problem.pilots[static_cast<std::size_t>(p)].wanted_blocks;
        rows.push_back(std::move(row));
    }
    return rows;
}

} // namespace

Result<WeekPlan> plan_week(const WeekProblem& problem, const PlanOptions& options)
{
    constexpr double most_places = 2e6;
    if (static_cast<double>(problem.pilots.size()) * static_cast<double>(problem.bays.size()) *
            static_cast<double>(problem.time_slots.size()) >
        most_places)
        return failure(Error::Code::OutOfRange, "more than two million places for a block: plan fewer days at a time");
    const Places places(problem);
    WeekPlan plan;
    std::vector<Row> rows = places.rules();
    for (Row& row : shortness(problem, places)) rows.push_back(std::move(row));
    int most_short = 0;
    for (const WeekPilot& p : problem.pilots) most_short = std::max(most_short, p.wanted_blocks);
    const std::vector<Row> asked = objectives(problem, places);
    for (std::size_t i = 0; i < asked.size() && !places.blocks().empty(); ++i) {
        const bool goes_on = !options.goes_on || options.goes_on(static_cast<int>(i), static_cast<int>(asked.size()));
        if (asked[i].of.empty()) continue; // nothing can be gained
        Solved solved;
        const double share_s = options.most_s / static_cast<double>(asked.size());
        if (goes_on) solved = maximise(places, asked[i], rows, most_short, share_s);
        if (solved.any) plan.blocks = solved.blocks;
        if (!solved.proven) {
            plan.optimal = false;
            plan.gap = solved.any ? std::abs(solved.bound - solved.value) / std::max(1.0, std::abs(solved.value)) : 1;
            break;
        }
        Row held = asked[i];
        held.low = std::round(solved.value);
        rows.push_back(std::move(held));
    }
    std::sort(plan.blocks.begin(), plan.blocks.end(), [](const WeekBlock& a, const WeekBlock& b) {
        return std::tuple(a.slot, a.bay, a.pilot) < std::tuple(b.slot, b.bay, b.pilot);
    });
    plan.objective = objectives_of(problem, plan.blocks);
    return plan;
}

} // namespace bh
