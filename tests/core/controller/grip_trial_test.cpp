#include "core/base/number_text.h"
#include "core/controller/grip_trial.h"

#include "core/base/random.h"
#include "files/text/csv.h"
#include "files/text/file_text.h"
#include "reference.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <map>
#include <set>

using namespace bh;

namespace {

/// The rows of a CSV file as text, by column name.
std::vector<std::map<std::string, std::string>> table(const std::string& file)
{
    const auto text = read_text(std::string(BH_REFERENCE) + "/" + file);
    REQUIRE(text);
    CsvCursor cursor(*text);
    const auto names = csv_header(cursor, *text);
    REQUIRE(names);
    std::vector<std::map<std::string, std::string>> rows;
    while (!cursor.at_end()) {
        std::map<std::string, std::string> row;
        for (const std::string& name : *names) {
            row[name] = cursor.text();
            cursor.next_field();
        }
        rows.push_back(std::move(row));
        cursor.next_line();
    }
    return rows;
}

std::vector<Tap> one_axis(const std::string& participant, double distance, double width)
{
    std::vector<Tap> taps;
    for (auto& row : table("pointing/one_axis.csv"))
        if (row["participant"] == participant && *bh::number_of(row["nominal_distance_deg"]) == distance &&
            *bh::number_of(row["nominal_width_deg"]) == width)
            taps.push_back({*bh::number_of(row["start_deg"]), 0, *bh::number_of(row["target_deg"]), 0,
                            *bh::number_of(row["end_deg"]), 0, *bh::number_of(row["time_s"])});
    return taps;
}

void checkAgainst(const nlohmann::json& expected, const Pointing& p)
{
    CHECK(meets(expected["effective_distance"], p.distance));
    CHECK(meets(expected["sd_x"], p.sd_along));
    CHECK(meets(expected["effective_width"], p.width));
    CHECK(meets(expected["effective_id"], p.difficulty_bit));
    CHECK(meets(expected["mean_time"], p.mean_time_s));
    CHECK(meets(expected["throughput"], p.throughput_bps));
}

} // namespace

TEST_CASE("throughput meets the check values of ISO 9241-411", "[core][grip]")
{
    int checked = 0;
    std::map<std::string, std::vector<double>> of_participant;
    for (const auto& row : referenceRows("pointing.json")) {
        CAPTURE(row["id"].get<std::string>());
        const auto& in = row["inputs"];
        if (row["kind"] == "condition") {
            const auto p = pointing(one_axis(in["participant"], in["nominal_distance"]["value"], in["nominal_width"]["value"]));
            REQUIRE(p);
            checkAgainst(row["expected"], *p);
            of_participant[in["participant"]].push_back(p->throughput_bps);
            ++checked;
        } else if (row["kind"] == "participant") {
            double sum = 0;
            for (double v : of_participant.at(in["participant"])) sum += v;
            CHECK(meets(row["expected"]["throughput"], sum / static_cast<double>(of_participant.at(in["participant"]).size())));
            ++checked;
        } else if (row["kind"] == "two_axes") {
            std::vector<Tap> taps;
            for (auto& r : table("pointing/two_axes.csv"))
                taps.push_back({*bh::number_of(r["from_x_deg"]), *bh::number_of(r["from_y_deg"]),
                                *bh::number_of(r["target_x_deg"]), *bh::number_of(r["target_y_deg"]),
                                *bh::number_of(r["select_x_deg"]), *bh::number_of(r["select_y_deg"]),
                                *bh::number_of(r["time_s"])});
            const auto p = pointing(taps);
            REQUIRE(p);
            checkAgainst(row["expected"], *p);
            ++checked;
        } else if (row["kind"] == "summary") {
            const Pointing p = pointing(in["effective_distance"]["value"], in["sd_x"]["value"], in["mean_time"]["value"]);
            CHECK(meets(row["expected"]["effective_width"], p.width));
            CHECK(meets(row["expected"]["effective_id"], p.difficulty_bit));
            CHECK(meets(row["expected"]["throughput"], p.throughput_bps));
            ++checked;
        }
    }
    CHECK(checked == 12); // all but the grand mean, which is the mean of the two participants
}

TEST_CASE("throughput is the same in any unit and any direction", "[core][grip]")
{
    const std::vector<Tap> taps = one_axis("p1", 60, 4);
    std::vector<Tap> turned = taps;
    for (Tap& t : turned) {
        const double x[] = {t.from_x, t.target_x, t.end_x};
        double* to[][2] = {{&t.from_x, &t.from_y}, {&t.target_x, &t.target_y}, {&t.end_x, &t.end_y}};
        for (int i = 0; i < 3; ++i) *to[i][0] = 17 * x[i] * std::cos(0.7), *to[i][1] = 17 * x[i] * std::sin(0.7);
    }
    CHECK(pointing(turned)->throughput_bps == Approx(pointing(taps)->throughput_bps));
}

TEST_CASE("a trial that cannot be judged says why", "[core][grip]")
{
    CHECK(pointing(std::vector<Tap>{}).error().english.find("three taps") != std::string::npos);
    const Tap good{0, 0, 1, 0, 1.1, 0, 0.5};
    CHECK(pointing({good, good, {1, 1, 1, 1, 1, 1, 0.5}}).error().english.find("lies on its start") != std::string::npos);
    CHECK(pointing({good, good, {0, 0, 1, 0, 1, 0, 0}}).error().english.find("no time") != std::string::npos);
}

TEST_CASE("grips are told apart only when the rounds can tell them apart", "[core][grip]")
{
    using Verdict = GripComparison::Verdict;
    const auto better = compare_grips("pinch", {3.4, 3.6, 3.5, 3.7, 3.6, 3.5}, "thumb", {3.0, 3.1, 2.9, 3.2, 3.1, 3.0});
    REQUIRE(better);
    CHECK(better->verdict == Verdict::FirstBetter);
    CHECK(better->words.english().find("pinch does better than thumb by 0.50") == 0);
    CHECK(better->low_bps > 0.3);
    CHECK(better->high_bps < 0.7);
    const auto worse = compare_grips("thumb", {3.0, 3.1, 2.9, 3.2, 3.1, 3.0}, "pinch", {3.4, 3.6, 3.5, 3.7, 3.6, 3.5});
    CHECK(worse->verdict == Verdict::SecondBetter);
    CHECK(worse->words.english().find("pinch does better than thumb") == 0);
    const auto same = compare_grips("thumb", {3.0, 3.4, 2.9, 3.5, 3.1}, "hybrid", {3.2, 3.1, 3.2, 3.1, 3.3});
    CHECK(same->verdict == Verdict::CannotTell);
    CHECK(same->words.english().find("cannot tell thumb from hybrid") != std::string::npos);
    CHECK(compare_grips("a", {9, 9, 9, 9}, "b", {1, 1, 1, 1})->verdict == Verdict::CannotTell); // four rounds: too few
    CHECK_FALSE(compare_grips("a", {1, 2}, "b", {1}));
}

TEST_CASE("the bootstrap interval covers the true difference as often as it says", "[core][grip]")
{
    SeededRandom random(77);
    int covered = 0;
    constexpr int rounds = 300;
    for (int round = 0; round < rounds; ++round) {
        std::vector<double> a, b;
        for (int i = 0; i < 20; ++i) a.push_back(3.3 + 0.3 * random.normal()), b.push_back(3.0 + 0.3 * random.normal());
        const auto c = compare_grips("a", a, "b", b, static_cast<std::uint64_t>(round));
        covered += c->low_bps <= 0.3 && 0.3 <= c->high_bps;
    }
    CHECK(covered > rounds * 0.88); // 95 % asked; the percentile bootstrap of 20 pairs is known to be a little short
    CHECK(covered < rounds);
}

TEST_CASE("the tapping targets go across the circle and visit every place", "[core][grip]")
{
    const auto targets = tapping_targets(11, 2);
    REQUIRE(targets.size() == 12);
    std::set<std::pair<long, long>> places;
    for (const TapTarget& t : targets) {
        CHECK(std::hypot(t.x, t.y) == Approx(2));
        places.insert({std::lround(1000 * t.x), std::lround(1000 * t.y)});
    }
    CHECK(places.size() == 11);
    for (std::size_t i = 1; i < targets.size(); ++i)
        CHECK(std::hypot(targets[i].x - targets[i - 1].x, targets[i].y - targets[i - 1].y) > 3.9); // nearly the diameter
}

TEST_CASE("a round turns a cursor's rests into taps, times without the rest, and passes over what is no tap", "[core][grip]")
{
    TappingRun run(5, 1);
    double t_s = 10;
    const auto rest = [&](double x, double y, double seconds) {
        bool confirmed = false;
        for (const double end = t_s + seconds; t_s < end; t_s += 0.01) confirmed = run.look(t_s, x, y) || confirmed;
        return confirmed;
    };
    const auto travel = [&](double x0, double y0, double x1, double y1, double seconds) {
        for (int i = 1; i <= 20; ++i, t_s += seconds / 20) (void)run.look(t_s, x0 + (x1 - x0) * i / 20, y0 + (y1 - y0) * i / 20);
    };
    CHECK_FALSE(rest(0, 0, 1)); // the middle is not the first target
    const auto& targets = run.targets();
    double x = 0, y = 0;
    for (std::size_t i = 0; i < targets.size(); ++i) {
        const double off = 0.02 * static_cast<double>(i % 3);
        travel(x, y, targets[i].x + off, targets[i].y, 0.4);
        x = targets[i].x + off, y = targets[i].y;
        REQUIRE(rest(x, y, 0.4));
        CHECK_FALSE(rest(x + 0.1, y, 0.5)); // a small shift afterwards is no new tap
        CHECK_FALSE(rest(x, y, 0.3));
    }
    CHECK(run.done());
    REQUIRE(run.taps().size() == 5);
    for (std::size_t i = 0; i < 5; ++i) {
        CHECK(run.taps()[i].target_x == targets[i + 1].x);
        CHECK(run.taps()[i].end_x == Approx(targets[i + 1].x + 0.02 * static_cast<double>((i + 1) % 3)));
        // 0.15 s left of the rest, 0.8 s of shifting about, 0.4 s on the way.
        CHECK(run.taps()[i].time_s == Approx(1.35).margin(0.06));
    }
    CHECK(pointing(run.taps()));
}
