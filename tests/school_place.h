#pragma once

#include "private_server.h"
#include "record/file/database.h"
#include "record/server/postgres_schema.h"
#include "school/school.h"
#include "school/values/rights.h"

#include <QCoreApplication>
#include <catch2/catch.hpp>
#include <filesystem>
#include <memory>
#include <unistd.h>

/// A school on a record in a folder of its own, which goes with it, and the Qt that the record's plug-ins need.
struct Place {
    int argc = 1;
    char name[13] = "school_tests";
    char* argv[2] = {name, nullptr};
    QCoreApplication application{argc, argv};
    std::filesystem::path folder = std::filesystem::temp_directory_path() / ("bh-school-" + std::to_string(getpid()));
    std::filesystem::path file = folder / "record.sqlite";
    bh::RecordPlace at{file}; ///< where the record lies
    bh::UnixTime clock = 1'000'000;

    Place() { std::filesystem::remove_all(folder), std::filesystem::create_directories(folder); }
    /// On a server of the test's own. Ask dialects() first whether there is one.
    explicit Place(const std::string& dialect) : Place()
    {
        if (dialect != "PostgreSQL") return;
        at = PrivateServer::of_this_program()->new_database();
        bh::prepare_server(*bh::Database::on_server(at.server), bh::entry_rights());
        // Tests have clocks of their own, which are ahead of the server's.
        PrivateServer::of_this_program()->sql(PrivateServer::database_in(at.server),
                                              "INSERT INTO hangar.state VALUES ('clock_may_be_ahead_s', '99999999999')");
    }
    /// Those that a record can lie in here.
    static std::vector<std::string> dialects()
    {
        std::vector<std::string> all{"SQLite"};
        if (PrivateServer::of_this_program()) all.emplace_back("PostgreSQL");
        return all;
    }
    ~Place() { std::filesystem::remove_all(folder); }
    /// As one of its stations, each with a folder of its own. Those of windows wait for no server.
    [[nodiscard]] std::unique_ptr<bh::Record> record(const std::string& station = "station", bh::RecordPlace as = {},
                                                     bool window = false) const
    {
        bh::RecordOptions options;
        options.journal_first = window;
        options.clock = [this] { return clock; };
        options.station_folder = folder / station;
        options.rights = bh::entry_rights();
        auto record = bh::Record::open(as.on_server() ? as : at, options);
        if (!record) FAIL(record.error().english);
        return std::move(*record);
    }
    /// Those of its stations that are new are countersigned by one whose key stands.
    void let_everybody_in() const
    {
        for (const auto& station : std::filesystem::directory_iterator(folder)) {
            if (!std::filesystem::exists(station.path() / "key")) continue;
            const auto here = record(station.path().filename().string());
            const bh::KeyBook book = here->keys();
            if (!book.stands(here->own_key())) continue;
            for (const bh::KnownKey& key : book.keys())
                if (const auto done = key.stands ? bh::Result<void>() : here->countersign(key.public_key); !done)
                    FAIL(done.error().english);
            return;
        }
        FAIL("no station's key stands");
    }
    [[nodiscard]] std::unique_ptr<bh::School> open(const std::string& station = "station", const bh::RecordPlace& as = {}) const
    {
        return std::make_unique<bh::School>(record(station, as), bh::DataFolder(BH_DATA));
    }
    [[nodiscard]] std::unique_ptr<bh::School> open_window(const std::string& station, const bh::RecordPlace& as = {}) const
    {
        return std::make_unique<bh::School>(record(station, as, true), bh::DataFolder(BH_DATA));
    }
};

/// A log of half a second at one height.
inline bh::FlightLog shortLog(double height_m)
{
    bh::FlightLog log;
    for (int i = 0; i < 50; ++i) {
        bh::FlightSample s;
        s.t_s = i * 0.01;
        s.height_m = height_m;
        log.append(bh::as_logged(s));
    }
    return log;
}
