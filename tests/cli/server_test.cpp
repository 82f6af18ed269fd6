// The command line with a record on a server.
#include "private_server.h"
#include "run_program.h"

#include <nlohmann/json.hpp>

namespace {

Answer cli(const std::string& arguments) { return runProgram(std::string(BH_CLI) + " " + arguments); }

} // namespace

TEST_CASE("the demo record moves to a server, answers there as it did, and moves back", "[cli][server]")
{
    PrivateServer* server = PrivateServer::of_this_program();
    if (!server) return;
    const std::string there = "'" + server->new_database() + "'", here = BH_DEMO,
                      back = (scratchFolder() / "back.sqlite").string();
    const std::string head = cli("record head --store " + here).out;
    const Answer moved = cli("record move --from " + here + " --to " + there);
    CHECK(moved.exit == 0);
    CHECK(moved.out.rfind(head, 0) == 0); // the same head, printed first
    CHECK(cli("record head --store " + there).out == head);
    CHECK(cli("record keys --store " + there).out == cli("record keys --store " + here).out);
    const Answer verified = cli("record verify --store " + there + " --head " + head.substr(0, head.find('\n')));
    CHECK(verified.exit == 0);
    CHECK(has(verified.out, " entries, 0 problems"));
    const std::string question = " --pilot 'Greta Holm' --at 2031-06-12T15:20:00Z";
    const Answer of_file = cli("readiness --store " + here + question), of_server = cli("readiness --store " + there + question);
    CHECK(of_server.exit == of_file.exit);
    CHECK(nlohmann::json::parse(of_server.out) == nlohmann::json::parse(of_file.out));
    CHECK(cli("plan --store " + there + " --week 2031-W25").out == cli("plan --store " + here + " --week 2031-W25").out);
    const std::string out = (scratchFolder() / "exported").string(), copy = (scratchFolder() / "b.tar.gz").string();
    CHECK(cli("record export --store " + there + " --out " + out).out == head);
    CHECK(cli("record backup --store " + there + " --out " + copy).exit == 0);
    const std::string restored = (scratchFolder() / "restored.sqlite").string();
    CHECK(cli("record restore " + copy + " --store " + restored).exit == 0);
    CHECK(cli("record head --store " + restored).out == head);
    CHECK(cli("record move --from " + there + " --to " + back).exit == 0);
    CHECK(cli("record head --store " + back).out == head);
    CHECK(cli("record verify --store " + back).exit == 0);
}

TEST_CASE("a server that is not there, or no record on it, is one sentence", "[cli][server]")
{
    for (const std::string& arguments :
         {std::string("record head --store 'postgresql://nobody@/nothing?host=/nowhere'"),
          std::string("record verify --store 'postgresql://nobody@/nothing?host=/nowhere'"),
          std::string("record move --from '" BH_DEMO "' --to 'postgresql://nobody@/nothing?host=/nowhere'"),
          std::string("record head --store service=no-such-service"), std::string("record head --store 'postgresql://[half'")}) {
        CAPTURE(arguments);
        const Answer answer = cli(arguments);
        CHECK(answer.exit == 2);
        CHECK(answer.out.empty());
        CHECK(std::count(answer.err.begin(), answer.err.end(), '\n') == 1);
    }
    PrivateServer* server = PrivateServer::of_this_program();
    if (!server) return;
    const Answer empty = cli("record head --store '" + server->new_database() + "'");
    CHECK(empty.exit == 2);
    CHECK(has(empty.err, "there is no record on this server"));
}
