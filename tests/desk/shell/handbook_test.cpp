// The handbook: every page of the program has one, its links lead somewhere, and what it says of limits, measures and buttons is
// so.
#include "core/drill/measures.h"
#include "core/progress/house_limits.h"
#include "desk/shell/window/help_window.h"
#include "desk_fixture.h"

#include <QAction>
#include <QDirIterator>
#include <QLineEdit>
#include <QListWidget>
#include <QPointer>
#include <QProcess>
#include <QRegularExpression>
#include <QTextBrowser>

using namespace bh;
using namespace bh::desk;

namespace {

QString textOf(const QString& file)
{
    QFile in(file);
    REQUIRE(in.open(QIODevice::ReadOnly));
    return QString::fromUtf8(in.readAll());
}

QStringList matches(const QString& text, const char* pattern)
{
    QStringList all;
    for (auto found = QRegularExpression(pattern).globalMatch(text); found.hasNext();) all << found.next().captured(1);
    return all;
}

QStringList pages() { return QDir(BH_HELP).entryList({"*.md"}); }
QString page(const QString& name) { return textOf(QStringLiteral(BH_HELP "/") + name); }

} // namespace

TEST_CASE("F1 opens the handbook at the page where one is", "[desk][help]")
{
    Desk desk(BH_DEMO);
    const char* names[] = {"board", "kit", "controller", "set-up", "rates", "drills", "debrief", "progress", "first-flight"};
    for (int i = 0; i < MainWindow::PageCount; ++i) {
        desk.window->showPage(static_cast<MainWindow::Page>(i));
        desk.window->activateWindow();
        REQUIRE(QTest::qWaitForWindowActive(desk.window.get()));
        QTest::keyClick(&*desk.window, Qt::Key_F1);
        auto* help = desk.window->findChild<HelpWindow*>();
        REQUIRE(help);
        CHECK(help->page() == names[i]);
        CHECK(desk.find<QTextBrowser>("helpPage")
                  ->toPlainText()
                  .startsWith(MainWindow::pageName(static_cast<MainWindow::Page>(i))));
    }
    desk.find<QAction>("help-first-day")->trigger();
    CHECK(desk.find<QTextBrowser>("helpPage")->toPlainText().startsWith("A first day in ten minutes"));
}

TEST_CASE("Escape closes the handbook, wherever in it one is", "[desk][help]")
{
    Desk desk(BH_DEMO);
    for (const char* part : {"helpContents", "helpWanted", "helpPage"}) {
        desk.window->showHelp("index");
        const QPointer<HelpWindow> help = desk.window->findChild<HelpWindow*>();
        REQUIRE(desk.waitFor([&] { return help && help->isVisible(); }));
        help->findChild<QWidget*>(part)->setFocus();
        INFO(part);
        QTest::keyClick(help->windowHandle(), Qt::Key_Escape); // as it comes from outside: shortcuts have their say
        CHECK(desk.waitFor([&] { return !help || !help->isVisible(); }));
    }
    CHECK(desk.window->isVisible());
}

TEST_CASE("the handbook is searched by words, and a link leads to a part of a page", "[desk][help]")
{
    Desk desk(BH_DEMO);
    desk.window->showHelp("index");
    auto* contents = desk.find<QListWidget>("helpContents");
    CHECK(contents->count() == pages().size());
    QTest::keyClicks(desk.find<QLineEdit>("helpWanted"), "Rosenbloom");
    REQUIRE(contents->count() == 1);
    CHECK(contents->item(0)->text() == "Every number");
    auto* help = desk.window->findChild<HelpWindow*>();
    help->showPage("limits#gates");
    CHECK(help->page() == "limits");
    CHECK(desk.find<QTextBrowser>("helpPage")->textCursor().block().text() == "Gates");
    help->showPage("nowhere");
    CHECK(desk.find<QTextBrowser>("helpPage")->toPlainText().contains("\"nowhere\" was not found"));
}

TEST_CASE("every link and picture of the handbook is there, and every page is reached from its contents", "[desk][help]")
{
    const QString folder = GENERATE(QString(), QStringLiteral("de/"));
    CHECK(QDir(BH_HELP "/" + folder).entryList({"*.md"}) == pages()); // none is missing in a language
    const QString index = page(folder + "index.md");
    for (const QString& name : pages()) {
        CAPTURE(folder.toStdString(), name.toStdString());
        if (name != "index.md") CHECK(index.contains("](" + name + ")"));
        const QString text = page(folder + name);
        CHECK(text.startsWith("# "));
        for (const QString& link : matches(text, "\\]\\(([^)]+)\\)")) {
            CAPTURE(link.toStdString());
            const QString file = link.section('#', 0, 0), part = link.section('#', 1);
            CHECK(QFileInfo::exists(QStringLiteral(BH_HELP "/") + folder + file));
            if (part.isEmpty()) continue;
            QStringList anchors;
            for (const QString& heading : matches(page(folder + file), "(?m)^#+ (.+)$"))
                anchors << heading.toLower().replace(' ', '-');
            CHECK(anchors.contains(part));
        }
        // Every row of a table and every picture of the English page stands in the other one.
        const auto count = [&](const char* pattern, const QString& of) { return matches(of, pattern).size(); };
        CHECK(count("(?m)^(\\|)", text) == count("(?m)^(\\|)", page(name)));
        CHECK(count("(screenshots/[a-z-]+\\.png)", text) == count("(screenshots/[a-z-]+\\.png)", page(name)));
    }
}

TEST_CASE("every link of the README and of the documents leads to something that is there", "[desk][help]")
{
    const QDir root(QStringLiteral(BH_HELP "/../.."));
    QStringList files{root.filePath("README.md")};
    for (const QString& name : QDir(root.filePath("docs")).entryList({"*.md"})) files << root.filePath("docs/" + name);
    CHECK(files.size() > 10);
    for (const QString& file : files)
        for (const QString& link : matches(textOf(file), "\\]\\(([^)#]+)[^)]*\\)")) {
            CAPTURE(file.toStdString(), link.toStdString());
            CHECK(QFileInfo::exists(QFileInfo(file).dir().filePath(link)));
        }
}

TEST_CASE("the manual pages name every option and every command", "[desk][help]")
{
    const QString manual = textOf(QStringLiteral(BH_HELP "/../man/bluehangar.1")).remove('\\');
    QProcess program;
    program.start(QStringLiteral(BH_PROGRAMS "/bluehangar"), {"--help"});
    REQUIRE(program.waitForFinished());
    const QStringList options = matches(QString::fromUtf8(program.readAllStandardOutput()), "(--[a-z-]+)");
    CHECK(options.size() > 10);
    for (const QString& option : options)
        if (option != "--help-all") CHECK(manual.contains(option));
    const QString of_shell = textOf(QStringLiteral(BH_HELP "/../man/bluehangar-cli.1"));
    const auto subcommands = [](const QStringList& path) {
        QProcess cli;
        cli.start(QStringLiteral(BH_PROGRAMS "/bluehangar-cli"), path + QStringList{"--help"});
        REQUIRE(cli.waitForFinished());
        const QString said = QString::fromUtf8(cli.readAllStandardOutput());
        return said.contains("Subcommands:") ? matches(said.section("Subcommands:", 1), "(?m)^  ([a-z-]+)") : QStringList();
    };
    for (const QString& command : subcommands({})) {
        CHECK(of_shell.contains(".SS " + command));
        for (const QString& sub : subcommands({command})) CHECK(of_shell.contains(".B " + command + " " + sub));
    }
}

TEST_CASE("the handbook names every limit of the house with its usual value, and every measure", "[desk][help]")
{
    const QString limits = page("limits.md"), numbers = page("numbers.md");
    for (const HouseLimit& limit : house_limits()) {
        const QString unit =
            limit.unit.empty() ? QString() : " " + QString::fromUtf8(limit.unit.data(), static_cast<int>(limit.unit.size()));
        const QString usual = limit.is_choice() ? QString::fromStdString(in_words(limit, limit.usual).english())
                                                : QString::number(limit.usual) + unit;
        const QString row = QStringLiteral("| %1 | %2 |").arg(QString::fromStdString(std::string(limit.name)), usual);
        CAPTURE(row.toStdString());
        CHECK(limits.contains(row));
    }
    for (std::size_t i = 0; i < measure_count; ++i) {
        const std::string key(measure_key(static_cast<Measure>(i)));
        CAPTURE(key);
        CHECK(numbers.contains("| `" + QString::fromStdString(key) + "` |"));
    }
}

TEST_CASE("what the handbook calls a button or a section is called so in the window", "[desk][help]")
{
    QString words;
    for (QDirIterator files(BH_DESK_SOURCE, {"*.cpp", "*.h"}, QDir::Files, QDirIterator::Subdirectories); files.hasNext();)
        words += textOf(files.next());
    words.remove(QRegularExpression("\"\\s*\\n\\s*\""));
    int looked_for = 0;
    for (const QString& name : pages()) {
        const QString text = page(name).remove(QRegularExpression("\\*\\*[^*]+\\*\\*"));
        for (const QString& said : matches(text, "(?<!\\*)\\*([^*\\n]+)\\*(?!\\*)"))
            for (const QString& part : said.split(" → ")) {
                CAPTURE(name.toStdString(), part.toStdString());
                CHECK(words.contains(part));
                ++looked_for;
            }
    }
    CHECK(looked_for > 40);
}
