#pragma once

#include "desk/shell/window/main_window.h"
#include "school/school.h"
#include "school/values/rights.h"
#include "station/station.h"

#include <QLabel>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <catch2/catch.hpp>
#include <filesystem>
#include <memory>

/// The real window on a record of its own: empty, or a copy of one.
struct Desk {
    QTemporaryDir folder;
    std::filesystem::path file = std::filesystem::path(folder.path().toStdString()) / "record.sqlite";
    bh::RecordPlace place{file};           ///< where the record lies
    std::filesystem::path flight_logs_too; ///< beside the record that it is a copy of
    std::unique_ptr<bh::School> school;
    std::unique_ptr<bh::Station> station;
    std::unique_ptr<bh::desk::MainWindow> window;

    explicit Desk(const char* copy_of = nullptr)
    {
        if (copy_of) {
            std::filesystem::copy_file(copy_of, file);
            flight_logs_too = std::string(copy_of) + ".logs";
        }
        open();
    }
    /// One of several stations on a server.
    explicit Desk(const std::string& server) : place(server) { open(); }
    void open()
    {
        bh::RecordOptions options;
        options.station_folder = file.parent_path() / "station";
        options.rights = bh::entry_rights();
        options.read_logs_also_from = flight_logs_too;
        auto record = bh::Record::open(place, options);
        REQUIRE(record);
        if (const auto now = (*record)->note("demo_now"); !now.empty()) {
            record->reset();
            options.clock = [at = std::stoll(now)] { return at; };
            record = bh::Record::open(place, options);
            REQUIRE(record);
        }
        school = std::make_unique<bh::School>(std::move(*record), bh::DataFolder(BH_DATA));
        station = std::make_unique<bh::Station>(*school);
        window = std::make_unique<bh::desk::MainWindow>(*school, *station, "Record");
        window->show();
        REQUIRE(QTest::qWaitForWindowExposed(window.get()));
        window->activateWindow();
        QTest::qWait(50);
    }
    void close()
    {
        window.reset();
        station.reset();
        school.reset();
    }
    ~Desk() { close(); }

    template <class Widget>
    Widget* find(const QString& name) const
    {
        auto* widget = window->findChild<Widget*>(name);
        CAPTURE(name.toStdString());
        REQUIRE(widget);
        return widget;
    }
    /// What a label or a button says.
    [[nodiscard]] QString text(const QString& name) const { return find<QWidget>(name)->property("text").toString(); }
    /// The chosen pilot's, once every flight that was handed over is on the record.
    [[nodiscard]] const std::vector<bh::Attempt>& keptAttempts() const
    {
        school->finish_keeping();
        return school->attempts(station->pilotId());
    }
    template <class Condition>
    bool waitFor(Condition condition, int ms = 5000) const
    {
        return QTest::qWaitFor(condition, ms);
    }
};
