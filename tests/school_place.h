#pragma once

#include "school/school.h"

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
    bh::UnixTime clock = 1'000'000;

    Place() { std::filesystem::remove_all(folder), std::filesystem::create_directories(folder); }
    ~Place() { std::filesystem::remove_all(folder); }
    [[nodiscard]] std::unique_ptr<bh::Record> record() const
    {
        bh::RecordOptions options;
        options.clock = [this] { return clock; };
        options.station_folder = folder / "station";
        auto record = bh::Record::open(file, options);
        if (!record) FAIL(record.error().message);
        return std::move(*record);
    }
    [[nodiscard]] std::unique_ptr<bh::School> open() const
    {
        return std::make_unique<bh::School>(record(), bh::DataFolder(BH_DATA));
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
