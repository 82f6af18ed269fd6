// The desktop program as it is started: what it says when it cannot, and what it must leave alone.
#include "record/file/database.h"
#include "run_program.h"

#include <QCoreApplication>
#include <unistd.h>

namespace {

Answer desk(const std::string& arguments, const std::string& environment = "")
{
    return runProgram(environment + " QT_QPA_PLATFORM=offscreen timeout 60 " BH_PROGRAM " " + arguments);
}

/// The program's own lines: Qt may add remarks of the platform's.
std::string message(const Answer& answer)
{
    const auto at = answer.err.find("bluehangar: ");
    return at == std::string::npos ? std::string() : answer.err.substr(at, answer.err.find('\n', at) - at);
}

} // namespace

TEST_CASE("a file that is no record is refused in a sentence and left as it is", "[program]")
{
    const std::string text = "name,hours\nPetra Lowmoor,12\n";
    const std::string file = writeScratch("notes.sqlite", text);
    const Answer answer = desk("--store " + file);
    CHECK(answer.exit == 2);
    CHECK(has(message(answer), "notes.sqlite"));
    CHECK(has(message(answer), "record"));
    CHECK(slurp(file) == text);
}

TEST_CASE("every state of the file ends in a sentence, and the file is left as it is", "[program]")
{
    const auto folder = scratchFolder() / "states";
    const auto file = folder / "record.sqlite";
    const std::string environment = "XDG_DATA_HOME=" + (scratchFolder() / "states-home").string();
    const auto starts = [&](const char* words) {
        const Answer answer = desk("--store " + file.string(), environment);
        CAPTURE(answer.err);
        CHECK(answer.exit == 2);
        CHECK(has(message(answer), words));
    };
    const auto fresh = [&] {
        std::filesystem::remove_all(folder);
        std::filesystem::create_directories(folder);
        std::filesystem::copy_file(BH_DEMO, file);
        std::filesystem::create_directories(file.string() + ".logs/00");
    };
    const auto changed = [&](const std::string& sql) {
        fresh();
        int argc = 1;
        char name[] = "cli_tests";
        char* argv[] = {name, nullptr};
        const QCoreApplication application(argc, argv); // the database needs its plug-ins
        const bh::Database database(file, false);
        database.run("PRAGMA foreign_keys = OFF");
        database.run(QString::fromStdString(sql));
    };
    changed("DROP TABLE attempts");
    starts("table 'attempts' is missing from the file; restore a copy");
    changed("ALTER TABLE attempts RENAME COLUMN score TO points");
    starts("table 'attempts' is not as this program makes it; restore a copy");
    changed("DROP TABLE entries");
    starts("no such table: entries");
    fresh();
    std::filesystem::resize_file(file, 0);
    starts("is empty, but flight logs of a record lie beside it");
    CHECK(std::filesystem::file_size(file) == 0);
    std::filesystem::remove(file);
    starts("is not there, but flight logs of a record lie beside it");
    CHECK_FALSE(std::filesystem::exists(file));
    std::filesystem::create_directory(file);
    starts("is a folder, expected a training record");
}

TEST_CASE("a record in a place that cannot be written is refused in a sentence", "[program]")
{
    const std::string blocked = writeScratch("a-file", "x");
    const Answer answer = desk("--store " + blocked + "/record.sqlite");
    CHECK(answer.exit == 2);
    CHECK(has(message(answer), "a-file/record.sqlite"));
}

TEST_CASE("an option that does not exist is named", "[program]")
{
    const Answer answer = desk("--stor x");
    CHECK(answer.exit != 0);
    CHECK(has(answer.err, "stor"));
}

TEST_CASE("without its data the program says where it looked", "[program]")
{
    const Answer answer = desk("--measure", "BLUEHANGAR_DATA=/nowhere/at-all");
    CHECK(answer.exit == 2);
    CHECK(has(message(answer), "/nowhere/at-all"));
}

TEST_CASE("the demo never touches the user's own record", "[program]")
{
    const auto home = scratchFolder() / "home";
    std::filesystem::create_directories(home);
    const std::string environment = "HOME=" + home.string() + " XDG_DATA_HOME=" + (home / "data").string();
    const auto before = slurp(BH_DEMO);
    const Answer answer = desk("--demo --measure", environment);
    CHECK(answer.exit == 0);
    CHECK(has(answer.out, "usable after"));
    CHECK_FALSE(std::filesystem::exists(home / "data" / "bluehangar" / "record.sqlite"));
    CHECK(slurp(BH_DEMO) == before);

    SECTION("which is made in the data folder when the program starts without options")
    {
        CHECK(desk("--measure", environment).exit == 0);
        CHECK(std::filesystem::exists(home / "data" / "bluehangar" / "record.sqlite"));
    }
}

TEST_CASE("a tour that cannot save its pictures says so and fails", "[program][tour]")
{
    const std::string blocked = writeScratch("no-folder", "x");
    const Answer answer = desk("--demo --tour " + blocked + "/pictures");
    CHECK(answer.exit == 1);
    CHECK(has(answer.err, "no-folder/pictures: expected a folder for the pictures, and it could not be made"));
}

TEST_CASE("a second start on the same record raises the first window, and ends", "[program]")
{
    const auto folder = scratchFolder() / "one";
    std::filesystem::create_directories(folder);
    std::filesystem::permissions(folder, std::filesystem::perms::owner_all); // or Qt takes another one
    const auto file = folder / "record.sqlite";
    const std::string environment = "XDG_RUNTIME_DIR=" + folder.string() + " XDG_DATA_HOME=" + (folder / "home").string();
    const std::string start =
        environment + " QT_QPA_PLATFORM=offscreen timeout -s KILL 30 " BH_PROGRAM " --store " + file.string();
    REQUIRE(std::system((start + " > /dev/null 2>&1 & echo $! > " + (folder / "pid").string()).c_str()) == 0);
    for (int i = 0; i < 100 && !std::filesystem::exists(file.string() + ".window"); ++i) usleep(100'000);
    REQUIRE(std::filesystem::exists(file.string() + ".window"));
    const Answer second = desk("--store " + file.string(), environment);
    CHECK(second.exit == 0);
    CHECK(has(second.out, "is open already"));
    const Answer look = desk("--store " + file.string() + " --read-only --measure", environment);
    CHECK(has(look.out, "usable after")); // beside it, without writing
    std::system(("kill $(cat " + (folder / "pid").string() + "); sleep 1").c_str());
}
