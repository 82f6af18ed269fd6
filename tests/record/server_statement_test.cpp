#include "record/file/database.h"
#include "record/file/failures.h"
#include "school_place.h"

#include <QtMath>
#include <catch2/catch.hpp>
#include <limits>
#include <sys/eventfd.h>
#include <unistd.h>

using namespace bh;

namespace {

/// A server's database with a table to write into, on a connection of its own.
struct WrittenTable {
    Place place{"PostgreSQL"};
    std::unique_ptr<Database> line;
    WrittenTable()
    {
        static_cast<void>(place.record()); // makes it
        line = Database::on_server(place.at.server);
        line->run_script("CREATE TABLE written (t text, f float8, i bigint, b bytea)");
    }
    void write(const QVariant& t, const QVariant& f, const QVariant& i, const QVariant& b) const
    {
        line->write("INSERT INTO written VALUES (?,?,?,?)", t, f, i, b);
    }
    [[nodiscard]] QVariantList row() const
    {
        QSqlQuery q = line->run("SELECT t, f, i, b FROM written");
        REQUIRE(q.next());
        return {q.value(0), q.value(1), q.value(2), q.value(3)};
    }
};

} // namespace

TEST_CASE("what is written on a server comes back as it was, whatever it is", "[record][server]")
{
    if (!PrivateServer::of_this_program()) return;
    const WrittenTable table;
    SECTION("texts with what SQL, arrays and JSON set apart, and bytes of every value")
    {
        const QString text = QStringLiteral("it's \"so\" \\ $1 ? {a,b}\nä ✓ \t%1");
        QByteArray bytes;
        for (int repeat = 0; repeat < 3; ++repeat)
            for (int b = 0; b < 256; ++b) bytes += static_cast<char>(b);
        table.write(text, 0.0, 0, bytes);
        CHECK(table.row()[0].toString() == text);
        CHECK(table.row()[3].toByteArray() == bytes);
    }
    SECTION("numbers to their last digit")
    {
        for (const double f : {0.1, 1.0 / 3, -5e-324, std::numeric_limits<double>::max(), 1e22}) {
            const auto i = std::numeric_limits<qlonglong>::min();
            table.write("x", f, i, QByteArray());
            CHECK(table.row()[1].toDouble() == f);
            CHECK(table.row()[2].toLongLong() == i);
            table.line->run("DELETE FROM written");
        }
        table.write("x", qInf(), 1, QByteArray());
        CHECK(qIsInf(table.row()[1].toDouble()));
    }
    SECTION("nothing is nothing, and an empty text is a text")
    {
        table.write("", QVariant(), QVariant(), QVariant());
        CHECK(table.line->value("SELECT count(*) FROM written WHERE t = '' AND f IS NULL AND i IS NULL AND b IS NULL") == "1");
    }
}

TEST_CASE("a statement that a server refuses says why, and can be run again", "[record][server]")
{
    if (!PrivateServer::of_this_program()) return;
    const WrittenTable table;
    table.line->run_script("ALTER TABLE written ADD CHECK (i > 0)");
    for (int i = 0; i < 2; ++i) {
        CHECK_THROWS_WITH(table.write("x", 1.0, -1, QByteArray()), Catch::Contains("violates check constraint"));
        table.write("x", 1.0, 1, QByteArray());
    }
    CHECK_THROWS_WITH(table.line->write("INSERT INTO nowhere VALUES (?)", 1), Catch::Contains("\"nowhere\" does not exist"));
    CHECK(table.line->value("SELECT count(*) FROM written") == "2");
    {
        const Transaction taken_back(*table.line); // with what the driver itself sends around it
        table.write("x", 1.0, 1, QByteArray());
    }
    CHECK(table.line->value("SELECT count(*) FROM written") == "2");
}

TEST_CASE("a cut connection is told of as such, and statements are prepared anew on the next", "[record][server]")
{
    if (!PrivateServer::of_this_program()) return;
    const WrittenTable table;
    table.write("before", 1.0, 1, QByteArray());
    const auto other = Database::on_server(table.place.at.server);
    const QString of_the_line = table.line->value("SELECT pg_backend_pid()");
    other->run("SELECT pg_terminate_backend(" + of_the_line + ")");
    CHECK_THROWS_AS(table.write("lost", 1.0, 1, QByteArray()), ServerAway);
    CHECK_THROWS_AS(table.write("lost", 1.0, 1, QByteArray()), ServerAway);
    table.line->connect_again();
    table.write("after", 1.0, 1, QByteArray());
    CHECK(table.line->value("SELECT string_agg(t, ' ' ORDER BY t) FROM written") == "after before");
}

TEST_CASE("what is told while a connection writes is heard on it all the same, once, and a bell ends the waiting",
          "[record][server]")
{
    if (!PrivateServer::of_this_program()) return;
    const WrittenTable table;
    table.line->run_script("LISTEN hangar_test");
    const auto other = Database::on_server(table.place.at.server);
    for (int i = 0; i < 20; ++i) { // what the other tells comes with the answer to what this one writes
        other->write("SELECT pg_notify('hangar_test', ?)", "other " + std::to_string(i));
        table.line->write("SELECT pg_notify('hangar_test', ?)", "own " + std::to_string(i));
    }
    const int bell = ::eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK);
    QStringList heard;
    constexpr int longest_ms = 5000;
    while (heard.size() < 40)
        for (const auto& [channel, told] : table.line->wait_for_notices(bell, longest_ms)) {
            CHECK(channel == "hangar_test");
            heard << QString::fromStdString(told);
        }
    CHECK(heard.size() == 40);
    CHECK(heard.removeDuplicates() == 0);
    const std::uint64_t one = 1;
    REQUIRE(::write(bell, &one, sizeof one) == sizeof one);
    CHECK(table.line->wait_for_notices(bell, 3'600'000).empty()); // an hour, but for the bell
    ::close(bell);
}
