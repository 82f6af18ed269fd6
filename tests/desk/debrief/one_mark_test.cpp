// There is one mark for one flight: the one that it was judged by, whatever its drill asks for since.
#include "core/standin/stand_in_pilot.h"
#include "desk/debrief/debrief_page.h"
#include "desk/debrief/looked_at.h"
#include "desk/words/message_words.h"
#include "desk_fixture.h"
#include "run_program.h"
#include "school/views/coaching.h"

#include <QComboBox>
#include <QListWidget>
#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

using namespace bh;
using namespace bh::desk;

namespace {

constexpr const char* drills[] = {"run-stop", "oval-pair", "straight-run", "hover-window", "turn-spot"};

struct Marked {
    Desk desk;
    std::string pilot, session;
    std::map<std::string, std::string> flights; ///< by drill
    DebriefPage* page = nullptr;
    Marked()
    {
        pilot = desk.school->add_pilot({"", "Jonah Wickett"});
        session = desk.school->start_session(pilot, "Simulated controller", "simulated");
        desk.station->choosePilot(pilot);
        page = desk.window->findChild<DebriefPage*>();
        REQUIRE(page);
        for (const char* id : drills) flights[id] = fly(id);
        QTest::keyClick(&*desk.window, Qt::Key_7, Qt::AltModifier);
    }
    std::string fly(const char* id)
    {
        const Drill drill = *desk.school->drill(id);
        StandInFaults faults;
        faults.rocking = true;
        const auto flown = fly_drill(drill, *desk.school->data().setup_for(drill, RateProfile{}), 0.8, 5, faults);
        REQUIRE(flown);
        JudgedAttempt attempt = judged_attempt(flown->score, Mode::Acro);
        attempt.pilot_id = pilot, attempt.session_id = session;
        std::string kept = desk.school->add_attempt(std::move(attempt), &flown->log);
        REQUIRE(!kept.empty());
        return kept;
    }
    /// Passing asks for as much as the merit did, and merit for more than anybody does.
    void edit(const char* id)
    {
        auto json = nlohmann::json::parse(*desk.school->document(Kind::Drill, id));
        for (auto& c : json["criteria"]) {
            const double pass = c["pass"], merit = c["merit"];
            c["fail"] = pass, c["pass"] = merit, c["merit"] = merit + (merit - pass);
            c.erase("below");
        }
        const auto kept = desk.school->keep_document(Kind::Drill, id, json.dump());
        INFO((kept ? std::string() : kept.error().english));
        REQUIRE(kept);
    }
    /// Every place where a flight's mark, or what follows from it, can be read.
    [[nodiscard]] std::map<std::string, std::string> places(const char* id) const
    {
        const std::string& flight = flights.at(id);
        const Attempt& attempt = *desk.school->attempt(flight);
        std::map<std::string, std::string> read;
        page->look(flight);
        const auto* list = desk.find<QComboBox>("debriefFlights");
        read["the page's list"] = list->itemText(list->findData(QString::fromStdString(flight))).toStdString();
        read["advice"] = (desk.text("debriefAdvice") + "\n" + desk.text("debriefWhy")).toStdString();
        const auto looked_at = keptFlight(*desk.school, attempt);
        read["debrief"] = inPlaces(looked_at->score->score, 2).toStdString();
        for (const CriterionScore& c : looked_at->score->criteria)
            read["debrief"] += "\n" + inPlaces(c.marks, 2).toStdString() + " by " + inPlaces(c.criterion.pass, 3).toStdString();
        const QString paper = desk.folder.filePath(QString::fromLatin1(id) + ".pdf");
        REQUIRE(page->savePaper(paper));
        const QString printed = QString::fromStdString(runProgram("pdftotext -layout '" + paper.toStdString() + "' -").out);
        read["paper"] = printed.section(" of 100 marks", 0, 0).section(' ', -1).trimmed().section('\n', -1).toStdString();
        read["told"] = desk.school->summary(attempt).english();
        read["habits"] = tally_text(desk.school->tally(attempt));
        read["record"] = inPlaces(attempt.score, 2).toStdString();
        for (const JudgedCriterion& c : desk.school->judged(flight).criteria)
            read["the log's criteria"] += inPlaces(c.marks, 2).toStdString() + " by " + inPlaces(c.pass, 3).toStdString() + "\n";
        return read;
    }
    [[nodiscard]] std::string printed(const char* id) const
    {
        return runProgram("pdftotext -layout '" + desk.folder.filePath(QString::fromLatin1(id) + ".pdf").toStdString() + "' -")
            .out;
    }
};

} // namespace

TEST_CASE("after an edit of a drill's limits every place shows the mark that its flights were given", "[desk][debrief]")
{
    Marked m;
    std::map<std::string, std::map<std::string, std::string>> before;
    for (const char* id : drills) {
        before[id] = m.places(id);
        m.page->look(m.flights.at(id));
        CHECK(m.desk.text("debriefSaid").isEmpty());
    }
    for (const char* id : drills) m.edit(id);
    for (const char* id : drills) {
        INFO(id);
        const auto now = m.places(id);
        for (const auto& [place, said] : before.at(id)) {
            INFO(place);
            CHECK(now.at(place) == said);
        }
        const std::string mark = inPlaces(m.desk.school->attempt(m.flights.at(id))->score, 0).toStdString();
        CHECK(now.at("paper") == mark);
        // What today's limits would give is said in words, and is another one.
        m.page->look(m.flights.at(id));
        const auto today =
            m.desk.school->judged_today(m.desk.school->judged(m.flights.at(id)),
                                        *m.desk.school->flight_log(m.desk.school->attempt(m.flights.at(id))->log_hash));
        REQUIRE(today);
        CHECK(today->score < m.desk.school->attempt(m.flights.at(id))->score - 1);
        const QString said = QStringLiteral("Judged by version %1; today's limits would give %2.")
                                 .arg(m.desk.school->attempt(m.flights.at(id))->drill_version)
                                 .arg(inPlaces(today->score, 0));
        CHECK(m.desk.text("debriefSaid") == said);
        CHECK(QString::fromStdString(m.printed(id)).simplified().contains(said));
    }
}

TEST_CASE("a flight of before is looked through as the drill was then: its phases, and what they ask for", "[desk][debrief]")
{
    Marked m;
    const JudgedAttempt flown = m.desk.school->judged(m.flights.at("run-stop"));
    const Drill then = m.desk.school->flown_drill(flown);
    auto json = nlohmann::json::parse(*m.desk.school->document(Kind::Drill, "run-stop"));
    json["name"] = "Another run";
    json["phases"][0]["instruction"] = "Another one.";
    REQUIRE(m.desk.school->keep_document(Kind::Drill, "run-stop", json.dump()));
    REQUIRE(m.desk.school->drill("run-stop")->phases[0].instruction == "Another one.");
    CHECK(m.desk.school->flown_drill(flown).phases[0].instruction == then.phases[0].instruction);
    // A flight of the new version, and then the old text comes back as a third.
    const std::string second = m.fly("run-stop");
    REQUIRE(m.desk.school->undo());
    CHECK(m.desk.school->flown_drill(m.desk.school->judged(second)).phases[0].instruction == "Another one.");
    CHECK_FALSE(m.desk.school->drill_of_version("run-stop", 99).has_value());
}
