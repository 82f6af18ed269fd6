// Who may do what, and who did it.
#include "record/chain/passphrase.h"
#include "school/lock.h"
#include "school_place.h"

#include <QTest>
#include <fstream>
#include <set>
#include <sstream>

using namespace bh;

namespace {

struct Guarded {
    Place place;
    std::unique_ptr<School> school = place.open();
    Lock lock{*school};
    std::string pilot = school->add_pilot({"", "Iris Quayle"}), coordinator, instructor, said;

    Guarded()
    {
        QObject::connect(school.get(), &School::failed, &lock, [this](const Message& words) { said = words.english(); });
        coordinator = *lock.add_person("Edda Marl", Role::Coordinator, "three salt herons");
        instructor = *lock.add_person("Tam Osk", Role::Instructor, "a quiet slipway");
    }
    [[nodiscard]] std::string who_wrote_last() const
    {
        return school->record().entries_after(school->record().head().count - 1).front().who;
    }
};

} // namespace

TEST_CASE("without a word about passphrases everybody may do everything, and entries say coordinator", "[lock]")
{
    Place place;
    const auto school = place.open();
    const Lock lock(*school);
    CHECK_FALSE(lock.decided());
    CHECK_FALSE(lock.in_use());
    const std::string pilot = school->add_pilot({"", "Iris Quayle"});
    REQUIRE_FALSE(pilot.empty());
    CHECK(school->open_stage(pilot, school->curriculum(pilot).stages.back().name, true, "flew before"));
    for (const Entry& e : school->record().entries_after(1)) CHECK(e.who == "coordinator");
    REQUIRE(school->keep_house_rule("passphrases", "none"));
    CHECK(lock.decided());
    CHECK_FALSE(lock.in_use());
    REQUIRE(school->undo()); // a house rule is undone as everything that is edited
    CHECK_FALSE(lock.decided());
}

TEST_CASE("a locked station lets pilots fly and log, and says who may do the rest", "[lock]")
{
    Guarded g;
    g.lock.lock();
    g.lock.choose_pilot(g.pilot);
    CHECK(g.school->role() == Role::Pilot);
    const std::string session = g.school->start_session(g.pilot, "Simulated controller", "simulated");
    REQUIRE_FALSE(session.empty());
    JudgedAttempt attempt;
    attempt.pilot_id = g.pilot, attempt.session_id = session, attempt.drill_id = "lift-settle";
    const FlightLog log = shortLog(2);
    REQUIRE_FALSE(g.school->add_attempt(attempt, &log).empty());
    CHECK(g.who_wrote_last() == g.pilot); // entries say who
    CHECK(g.school->tick_kit(g.pilot, "usb/controller", true));
    const auto before = g.school->record().head();
    attempt.observed = true;
    CHECK(g.school->add_attempt(attempt, nullptr).empty());
    CHECK(g.said.find("scoring by eye needs an instructor or a coordinator") != std::string::npos);
    CHECK_FALSE(g.school->open_stage(g.pilot, g.school->curriculum(g.pilot).stages.back().name, true, "a friend"));
    CHECK(g.said.find("opening a stage by hand needs an instructor or a coordinator") != std::string::npos);
    Pilot longer = g.school->file(g.pilot).row;
    longer.target_h = 1;
    CHECK_FALSE(g.school->edit_pilot(longer));
    CHECK(g.school->add_pilot({"", "Somebody"}).empty());
    CHECK_FALSE(g.school->keep_house_rule("keep_months", "1"));
    CHECK_FALSE(g.school->erase_pilot(g.pilot, "a joke"));
    CHECK_FALSE(g.school->keep_document(Kind::Curriculum, "first-steps", "{}"));
    CHECK_FALSE(g.lock.add_person("Myself", Role::Coordinator, "let me in please"));
    CHECK_FALSE(g.lock.retire(g.coordinator));
    CHECK_FALSE(g.school->undo());              // nor what somebody else did
    CHECK(g.school->record().head() == before); // nothing was written
    g.lock.choose_pilot("");
    REQUIRE(g.school->tick_kit(g.pilot, "usb/cable", true));
    CHECK(g.who_wrote_last() == "station");
}

TEST_CASE("after three wrong passphrases nobody is let in for a while, and the window does not wait for it", "[lock]")
{
    Guarded g;
    g.lock.lock();
    for (int i = 0; i < 3; ++i) CHECK_FALSE(g.lock.unlock(g.instructor, "a quiet slipwax"));
    const auto refused = g.lock.unlock(g.instructor, "a quiet slipway"); // the right one, too soon
    REQUIRE_FALSE(refused);
    CHECK(refused.error().english == "wrong 3 times, one after the other: try again in 1 s");
    bool opened = false;
    for (int i = 0; i < 400 && !opened; ++i)
        QThread::msleep(10), opened = g.lock.unlock(g.instructor, "a quiet slipway").has_value();
    CHECK(opened);
}

TEST_CASE("a passphrase unlocks, as what its owner is; idle time locks again", "[lock]")
{
    Guarded g;
    g.lock.lock();
    CHECK_FALSE(g.lock.unlock(g.instructor, "a quiet slipwax"));
    CHECK_FALSE(g.lock.unlock("nobody", "a quiet slipway"));
    CHECK(g.lock.unlocked_by() == nullptr);
    REQUIRE(g.lock.unlock(g.instructor, "a quiet slipway"));
    CHECK(g.school->role() == Role::Instructor);
    REQUIRE(g.school->open_stage(g.pilot, g.school->curriculum(g.pilot).stages.back().name, true, "flew before"));
    CHECK(g.who_wrote_last() == g.instructor);
    CHECK(g.school->who_is(g.instructor) == "Tam Osk");
    CHECK_FALSE(g.school->keep_house_rule("keep_months", "12"));
    CHECK(g.said.find("a rule of the house needs a coordinator") != std::string::npos);
    REQUIRE(g.lock.unlock(g.coordinator, "three salt herons"));
    CHECK(g.school->keep_house_rule("keep_months", "12"));
    CHECK(g.school->house().whole(Limit::KeepMonths) == 12);
    CHECK(g.lock.retire(g.instructor));
    CHECK_FALSE(g.lock.unlock(g.instructor, "a quiet slipway"));
    CHECK_FALSE(g.lock.retire(g.coordinator)); // nobody could unlock any more
    REQUIRE(g.lock.change_passphrase(g.coordinator, "four salt herons"));
    g.lock.lock();
    CHECK_FALSE(g.lock.unlock(g.coordinator, "three salt herons"));
    REQUIRE(g.lock.unlock(g.coordinator, "four salt herons"));
    auto* idle = g.lock.findChild<QTimer*>(QStringLiteral("idle"));
    REQUIRE(idle);
    CHECK(idle->interval() == Lock::locks_after_ms);
    CHECK(idle->isActive());
    idle->start(20); // instead of ten minutes
    REQUIRE(QTest::qWaitFor([&] { return g.lock.unlocked_by() == nullptr; }, 2000));
    CHECK(g.school->role() == Role::Station);
}

TEST_CASE("what is kept of a passphrase is Argon2id, and names and passphrases are not in the file", "[lock]")
{
    Guarded g;
    const std::string kept = g.school->person(g.coordinator)->passphrase;
    CHECK(kept.starts_with("$argon2id$v=19$m=262144,t=3,p=1$")); // RFC 9106; a quarter of a gigabyte
    CHECK(is_passphrase("three salt herons", kept));
    CHECK_FALSE(is_passphrase("three salt heron", kept));
    CHECK_FALSE(is_passphrase("three salt herons", "$argon2id$nonsense"));
    CHECK_FALSE(is_passphrase("", ""));
    CHECK(kept_of_passphrase("three salt herons") != kept); // another salt
    CHECK_FALSE(g.lock.add_person("Short", Role::Instructor, "1234567"));
    CHECK_FALSE(g.lock.add_person("  ", Role::Instructor, "long enough"));
    std::string all;
    for (const char* beside : {"", "-wal"}) {
        std::ifstream in(g.place.file.string() + beside, std::ios::binary);
        all.append(std::istreambuf_iterator<char>(in), {});
    }
    for (const char* secret : {"three salt herons", "Edda", "Tam Osk"}) CHECK(all.find(secret) == std::string::npos);
    g.school = g.place.open();
    CHECK(g.school->people()[0].name == "Edda Marl");
    CHECK(g.school->record().verify().problems.empty());
}

TEST_CASE("the table of rights is whole, and the one that the documents show", "[lock]")
{
    std::ifstream in(BH_DOCS "/record.md");
    std::stringstream read;
    read << in.rdbuf();
    const std::string page = read.str();
    REQUIRE_FALSE(page.empty());
    std::set<Act> seen;
    for (const Right& right : rights()) {
        CHECK(&right_to(right.act) == &right);
        CHECK(seen.insert(right.act).second);
        std::string row = "| " + std::string(right.words) + " |";
        for (const Role role : {Role::Station, Role::Instructor, Role::Coordinator})
            row += may(role, right.act) ? " may |" : " – |";
        CAPTURE(row);
        CHECK(page.find(row) != std::string::npos);
    }
    for (int kind = 0; kind <= static_cast<int>(Kind::Erased); ++kind) CHECK(seen.contains(act_of(static_cast<Kind>(kind))));
}
