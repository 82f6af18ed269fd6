// How long and how branched the code may be: the desk's functions end within 80 lines, the core's have at most 30 branches; and
// how far apart the desk's parts lie.
#include <algorithm>
#include <filesystem>
#include <fstream>
#include <regex>
#include <sstream>
#include <string>
#include <string_view>
#include <vector>

#include <catch2/catch.hpp>

namespace {

struct Function {
    std::string place; ///< file and line of its opening brace
    std::vector<std::string> lines;
};

/// Functions written at the left edge, as .clang-format puts them: "{" and "}" stand alone in the first column.
std::vector<Function> functions_of(std::istream& source, const std::string& name)
{
    std::vector<Function> found;
    bool inside = false;
    int number = 0;
    for (std::string line; std::getline(source, line);) {
        ++number;
        if (line == "{") {
            inside = true;
            found.push_back({name + ":" + std::to_string(number), {}});
        } else if (line == "}") {
            inside = false;
        } else if (inside) {
            found.back().lines.push_back(line);
        }
    }
    return found;
}

std::vector<Function> functions_under(const std::filesystem::path& folder)
{
    std::vector<Function> found;
    for (const auto& entry : std::filesystem::recursive_directory_iterator(folder)) {
        if (entry.path().extension() == ".cpp" || entry.path().extension() == ".h") {
            std::ifstream source(entry.path());
            std::ranges::move(functions_of(source, entry.path().lexically_relative(folder)), std::back_inserter(found));
        }
    }
    return found;
}

int branches_of(const Function& function)
{
    static const std::regex text(R"("(\\.|[^"\\])*")"), comment("//.*"), branch(R"(\b(if|for|while|case|catch)\b|&&|\|\||\?)");
    int count = 0;
    for (const auto& line : function.lines) {
        const std::string code = std::regex_replace(std::regex_replace(line, text, "\"\""), comment, "");
        count += int(std::distance(std::sregex_iterator(code.begin(), code.end(), branch), std::sregex_iterator()));
    }
    return count;
}

} // namespace

TEST_CASE("the counting of lines and branches counts")
{
    std::istringstream source(
        "int f(int a)\n{\n    if (a > 0 && a < 3) // if\n        return a ? 1 : 2;\n    say(\"if && or\");\n}\n");
    const auto found = functions_of(source, "f.cpp");
    REQUIRE(found.size() == 1);
    CHECK(found[0].lines.size() == 3);
    CHECK(branches_of(found[0]) == 3);
}

TEST_CASE("no function of the desk is longer than 80 lines")
{
    const auto desk = functions_under(BH_SOURCE "/desk");
    REQUIRE(desk.size() > 300);
    for (const auto& function : desk) {
        INFO(function.place);
        CHECK(function.lines.size() <= 80);
    }
}

TEST_CASE("no function of the core has more than 30 branches")
{
    const auto core = functions_under(BH_SOURCE "/core");
    REQUIRE(core.size() > 200);
    for (const auto& function : core) {
        INFO(function.place);
        CHECK(branches_of(function) <= 30);
    }
}

TEST_CASE("what lies beside each other on the desk is 4, 8 or 16 pixels apart, and 24 further in")
{
    const std::regex call("(?:set(?:Horizontal|Vertical)?Spacing|addSpacing|setContentsMargins)\\(([0-9, ]+)\\)");
    const std::regex number("[0-9]+");
    int seen = 0;
    for (const auto& file : std::filesystem::recursive_directory_iterator(BH_SOURCE "/desk")) {
        if (file.path().extension() != ".cpp" && file.path().extension() != ".h") continue;
        std::ifstream source(file.path());
        for (std::string line; std::getline(source, line);)
            for (std::sregex_iterator at(line.begin(), line.end(), call), end; at != end; ++at) {
                INFO(file.path() << ": " << line);
                const std::string arguments = (*at)[1];
                for (std::sregex_iterator n(arguments.begin(), arguments.end(), number); n != end; ++n, ++seen) {
                    const int px = std::stoi(n->str());
                    CHECK((px == 0 || px == 4 || px == 8 || px == 16 || px == 24));
                }
            }
    }
    CHECK(seen > 300);
}
