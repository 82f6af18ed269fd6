#include "record/record.h"

#include "files/airframe_document.h"
#include "files/calibration_document.h"
#include "files/setup_document.h"
#include "files/simulator_document.h"
#include "record/database.h"
#include "record/log_folder.h"
#include "record/projection.h"
#include "record/schema.h"

#include <QUuid>
#include <chrono>
#include <fstream>
#include <nlohmann/json.hpp>
#include <unordered_map>

namespace bh {
namespace {

using Json = nlohmann::json;

Json to_json(const PilotRow& p)
{
    return {{"name", p.name},
            {"curriculum", p.curriculum},
            {"target_h", p.target_h},
            {"archived", p.archived},
            {"stick_mode", p.stick_mode}};
}

Json to_json(const SessionRow& s)
{
    Json json{{"pilot_id", s.pilot_id},
              {"controller_id", s.controller_id},
              {"started_at", s.started_at},
              {"active_s", s.active_s},
              {"idle_s", s.idle_s}};
    if (s.ended_at > 0) json["ended_at"] = s.ended_at;
    if (!s.recording.empty()) json["recording"] = s.recording;
    if (s.matched) json["matched"] = true;
    return json;
}

/// What a document on the record says.
template <class T>
T stored(Result<T> document)
{
    if (!document) throw StoreFailure(document.error().message);
    return std::move(*document);
}

Json to_json(const AttemptRow& a)
{
    Json json{{"pilot_id", a.pilot_id},
              {"session_id", a.session_id},
              {"drill_id", a.drill_id},
              {"drill_version", a.drill_version},
              {"at", a.at},
              {"mode", a.mode},
              {"score", a.score},
              {"passed", a.passed},
              {"flown_s", a.flown_s},
              {"summary", a.summary},
              {"log_hash", a.log_hash}};
    if (!a.flown_with.empty()) json["flown_with"] = a.flown_with;
    if (!a.curriculum.empty()) json["curriculum"] = a.curriculum, json["curriculum_version"] = a.curriculum_version;
    if (!a.observed.empty()) json["observed"] = a.observed;
    if (!a.demonstration.empty()) json["demonstration"] = a.demonstration;
    if (a.left_minus_right) json["left_minus_right"] = *a.left_minus_right;
    if (!a.throttle_cuts_s.empty()) json["throttle_cuts_s"] = a.throttle_cuts_s;
    json["criteria"] = Json::array();
    for (const CriterionRow& c : a.criteria) {
        Json one{{"label", c.label}, {"unit", c.unit}, {"value", c.value ? Json(*c.value) : Json(nullptr)},
                 {"fail", c.fail},   {"pass", c.pass}, {"merit", c.merit},
                 {"marks", c.marks}, {"must", c.must}};
        if (c.below) one["below"] = {c.below->fail, c.below->pass, c.below->merit};
        if (c.span) one["span_s"] = {c.span->from_s, c.span->to_s};
        json["criteria"].push_back(std::move(one));
    }
    return json;
}

/// Refuses what is not a record, without touching it.
Result<void> inspect(const std::filesystem::path& file)
{
    std::ifstream in(file, std::ios::binary);
    char head[16] = {};
    in.read(head, sizeof head);
    if (!in && in.gcount() < static_cast<std::streamsize>(sizeof head))
        return bad_input(file.string() + ": is not a training record; it was left as it is");
    if (std::string_view(head, 15) != "SQLite format 3")
        return bad_input(file.string() + ": is not a training record; it was left as it is");
    try {
        const Database database(file, true);
        const int version = database.value("PRAGMA user_version").toInt();
        if (database.value("PRAGMA application_id").toInt() != record_application_id)
            return bad_input(file.string() + ": is a database, but not a training record; it was left as it is");
        if (version > Record::schema_version)
            return failure(Error::Code::Unsupported, file.string() + ": was written by a newer version (" +
                                                         std::to_string(version) + ", this one knows up to " +
                                                         std::to_string(Record::schema_version) + "); it was left as it is");
        if (const QString check = database.value("PRAGMA quick_check"); check != "ok")
            return bad_input(file.string() + ": is damaged (" + check.simplified().left(120).toStdString() +
                             "); it was left as it is, restore a copy");
    } catch (const StoreFailure& why) {
        return bad_input(file.string() + ": is damaged or cannot be read (" + why.what() + "); it was left as it is");
    }
    return {};
}

} // namespace

class Record::Impl {
public:
    Impl(std::filesystem::path path, RecordOptions opts)
        : file(std::move(path)), options(std::move(opts)), database(file, false),
          logs(file.string() + ".logs", options.read_logs_also_from)
    {
        database.run("PRAGMA journal_mode = WAL");
        database.run("PRAGMA synchronous = FULL"); // a committed attempt survives a power cut too
        database.run("PRAGMA foreign_keys = ON");
        migrate(database, file);
    }

    [[nodiscard]] UnixTime now() const
    {
        if (options.clock) return options.clock();
        return std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
    }
    [[nodiscard]] std::string new_id() const
    {
        return options.new_id ? options.new_id() : QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    }

    /// Appends an entry and applies it, in one transaction.
    void append(const std::string& kind, const std::string& subject, const Json& body, const std::string& why = "")
    {
        Transaction transaction(database);
        Entry entry;
        // Another process may have written since: the chain goes on from what is there now, under the write lock.
        QSqlQuery tail = database.run("SELECT seq, hash FROM entries ORDER BY seq DESC LIMIT 1");
        if (tail.next()) {
            entry.seq = tail.value(0).toLongLong();
            entry.previous_hash = tail.value(1).toString().toStdString();
        }
        tail.finish();
        ++entry.seq;
        entry.at = now();
        entry.who = options.who;
        entry.kind = kind;
        entry.subject = subject;
        QSqlQuery before = database.run("SELECT max(seq) FROM entries WHERE subject = ?", subject);
        if (before.next()) entry.supersedes = before.value(0).toLongLong();
        before.finish();
        entry.why = why;
        entry.body = body.dump();
        entry.hash = entry_hash(entry);
        database.run("INSERT INTO entries VALUES (?,?,?,?,?,?,?,?,?,?)", entry.seq, entry.at, entry.who, entry.kind,
                     entry.subject, entry.supersedes > 0 ? bound(entry.supersedes) : QVariant(), entry.why, entry.body,
                     entry.previous_hash, entry.hash);
        apply_entry(database, entry, schema_version);
        transaction.commit();
    }

    [[nodiscard]] std::vector<SessionRow> sessions(const QString& where, const QVariant& value) const
    {
        QSqlQuery q = database.run(
            "SELECT id, pilot_id, controller_id, started_at, ended_at, active_s, idle_s, recording, matched FROM sessions "
            "WHERE " +
                where + " ORDER BY started_at, entry",
            value);
        std::vector<SessionRow> rows;
        while (q.next())
            rows.push_back({q.value(0).toString().toStdString(), q.value(1).toString().toStdString(),
                            q.value(2).toString().toStdString(), q.value(3).toLongLong(), q.value(4).toLongLong(),
                            q.value(5).toDouble(), q.value(6).toDouble(), q.value(7).toString().toStdString(),
                            q.value(8).toBool()});
        return rows;
    }

    std::filesystem::path file;
    RecordOptions options;
    Database database;
    LogFolder logs;
};

AttemptRow attempt_row(const Score& score, Mode mode)
{
    AttemptRow row;
    row.drill_id = score.drill_id;
    row.drill_version = score.drill_version;
    row.mode = mode_key(mode);
    row.score = score.score;
    row.passed = score.passed;
    row.flown_s = score.flown_s;
    row.summary = score.summary;
    for (const CriterionScore& c : score.criteria)
        row.criteria.push_back({c.criterion.label, c.criterion.unit, c.value, c.criterion.fail, c.criterion.pass,
                                c.criterion.merit, c.marks, c.criterion.must, c.criterion.below, c.span});
    row.left_minus_right = score.left_minus_right;
    row.throttle_cuts_s = score.throttle_cuts_s;
    return row;
}

Record::Record(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
Record::~Record() = default;

Result<std::unique_ptr<Record>> Record::open(const std::filesystem::path& file, RecordOptions options)
{
    std::error_code error;
    if (std::filesystem::exists(file, error) && std::filesystem::file_size(file, error) > 0)
        if (const auto good = inspect(file); !good) return tl::unexpected(good.error());
    if (file.has_parent_path()) std::filesystem::create_directories(file.parent_path(), error);
    try {
        return std::unique_ptr<Record>(new Record(std::make_unique<Impl>(file, std::move(options))));
    } catch (const StoreFailure& why) {
        return bad_input(file.string() + ": cannot be opened as a training record: " + why.what());
    }
}

const std::filesystem::path& Record::file() const { return impl_->file; }
UnixTime Record::now() const { return impl_->now(); }

std::string Record::add_pilot(PilotRow pilot)
{
    if (pilot.id.empty()) pilot.id = impl_->new_id();
    impl_->append("pilot", pilot.id, to_json(pilot));
    return pilot.id;
}

void Record::correct_pilot(const PilotRow& pilot, const std::string& why)
{
    impl_->append("pilot", pilot.id, to_json(pilot), why);
}

std::string Record::controller_id(const std::string& name, const std::string& guid)
{
    QSqlQuery q = impl_->database.run("SELECT id FROM controllers WHERE name = ? AND guid = ?", name, guid);
    if (q.next()) return q.value(0).toString().toStdString();
    q.finish();
    const std::string id = impl_->new_id();
    impl_->append("controller", id, {{"name", name}, {"guid", guid}});
    return id;
}

std::string Record::add_calibration(const std::string& controller_id, const Calibration& calibration)
{
    const std::string id = impl_->new_id();
    impl_->append("calibration", id, {{"controller_id", controller_id}, {"document", Json(calibration_json(calibration))}});
    return id;
}

void Record::verify_calibration(const std::string& calibration_id)
{
    impl_->append("verification", impl_->new_id(), {{"calibration_id", calibration_id}});
}

void Record::tick_kit(const std::string& pilot_id, const std::string& item, bool ticked)
{
    impl_->append("kit", pilot_id + "/" + item, {{"pilot_id", pilot_id}, {"item", item}, {"ticked", ticked}});
}

void Record::add_grip_round(const GripRoundRow& round)
{
    impl_->append("grip_round", impl_->new_id(),
                  {{"pilot_id", round.pilot_id},
                   {"grip", round.grip},
                   {"throughput_bps", round.throughput_bps},
                   {"mean_time_s", round.mean_time_s},
                   {"taps", round.taps}});
}

void Record::keep_simulator(const SimulatorProfile& simulator)
{
    impl_->append("simulator", simulator.id, {{"document", Json(simulator_json(simulator))}});
}

void Record::keep_aircraft(const Airframe& aircraft)
{
    impl_->append("aircraft", aircraft.id, {{"document", Json(airframe_json(aircraft))}});
}

void Record::keep_setup(const std::string& pilot_id, const TrainingSetup& setup)
{
    impl_->append("setup", pilot_id, {{"document", Json(training_setup_json(setup))}});
}

std::string Record::start_session(const std::string& pilot_id, const std::string& controller_id, bool matched)
{
    SessionRow session;
    session.id = impl_->new_id();
    session.pilot_id = pilot_id;
    session.controller_id = controller_id;
    session.started_at = now();
    session.matched = matched;
    impl_->append("session", session.id, to_json(session));
    return session.id;
}

std::string Record::add_session(SessionRow session)
{
    session.id = impl_->new_id();
    impl_->append("session", session.id, to_json(session));
    return session.id;
}

void Record::note_session_time(const std::string& session_id, double active_s, double idle_s)
{
    impl_->database.run("INSERT OR REPLACE INTO session_times VALUES (?,?,?,?)", session_id, active_s, idle_s, now());
}

void Record::end_session(const std::string& session_id, double active_s, double idle_s)
{
    auto found = impl_->sessions("id = ?", bound(session_id));
    if (found.empty()) throw StoreFailure("there is no session " + session_id);
    SessionRow session = found.front();
    session.ended_at = now();
    session.active_s = active_s;
    session.idle_s = idle_s;
    impl_->append("session", session_id, to_json(session), "ended");
}

std::string Record::add_attempt(AttemptRow attempt, const FlightLog& log, const FlightLog* demonstration)
{
    attempt.log_hash = impl_->logs.keep(log);
    if (demonstration) attempt.demonstration = impl_->logs.keep(*demonstration);
    return add_observed(std::move(attempt));
}

std::string Record::add_observed(AttemptRow attempt)
{
    attempt.id = impl_->new_id();
    attempt.at = now();
    impl_->append("attempt", attempt.id, to_json(attempt));
    return attempt.id;
}

void Record::open_stage(const StageOpeningRow& opening, bool open)
{
    impl_->append("stage", opening.pilot_id + "/" + opening.curriculum + "/" + opening.stage,
                  {{"pilot_id", opening.pilot_id}, {"curriculum", opening.curriculum}, {"stage", opening.stage}, {"open", open}},
                  opening.reason);
}

void Record::keep_document(const std::string& kind, const DocumentRow& document, const std::string& why)
{
    impl_->append(
        "document", kind + "/" + document.id,
        {{"kind", kind}, {"id", document.id}, {"document", document.text.empty() ? Json(nullptr) : Json(document.text)}}, why);
}

void Record::keep_demonstration(const std::string& drill_id, const std::string& attempt_id)
{
    impl_->append("demonstration", drill_id, {{"drill_id", drill_id}, {"attempt_id", attempt_id}});
}

int Record::close_left_open_sessions()
{
    const auto open = impl_->sessions("ended_at IS NULL AND 1 = ?", 1);
    for (SessionRow session : open) {
        QSqlQuery noted = impl_->database.run("SELECT active_s, idle_s, at FROM session_times WHERE session_id = ?", session.id);
        session.ended_at = session.started_at;
        if (noted.next()) {
            session.active_s = noted.value(0).toDouble();
            session.idle_s = noted.value(1).toDouble();
            session.ended_at = noted.value(2).toLongLong();
        }
        noted.finish();
        QSqlQuery flown = impl_->database.run(
            "SELECT coalesce(sum(flown_s), 0), coalesce(max(at), 0) FROM attempts WHERE session_id = ?", session.id);
        if (flown.next()) {
            session.active_s = std::max(session.active_s, flown.value(0).toDouble());
            session.ended_at = std::max<UnixTime>(session.ended_at, flown.value(1).toLongLong());
        }
        flown.finish();
        impl_->append("session", session.id, to_json(session), "closed after the program ended unexpectedly");
    }
    return static_cast<int>(open.size());
}

std::vector<PilotRow> Record::pilots() const
{
    QSqlQuery q = impl_->database.run("SELECT id, name, curriculum, target_h, archived, stick_mode FROM pilots WHERE archived = "
                                      "0 ORDER BY name COLLATE NOCASE");
    std::vector<PilotRow> rows;
    while (q.next())
        rows.push_back({q.value(0).toString().toStdString(), q.value(1).toString().toStdString(),
                        q.value(2).toString().toStdString(), q.value(3).toDouble(), q.value(4).toBool(), q.value(5).toInt()});
    return rows;
}

std::vector<AttemptRow> Record::attempts(const std::string& pilot_id) const
{
    QSqlQuery q = impl_->database.run("SELECT id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, "
                                      "flown_s, summary, log_hash, flown_with, curriculum, "
                                      "curriculum_version, observed, demonstration, left_minus_right "
                                      "FROM attempts WHERE (? = '' OR pilot_id = ?) ORDER BY at, entry",
                                      pilot_id, pilot_id);
    std::vector<AttemptRow> rows;
    while (q.next()) {
        AttemptRow a;
        a.id = q.value(0).toString().toStdString();
        a.pilot_id = q.value(1).toString().toStdString();
        a.session_id = q.value(2).toString().toStdString();
        a.drill_id = q.value(3).toString().toStdString();
        a.drill_version = q.value(4).toInt();
        a.at = q.value(5).toLongLong();
        a.mode = q.value(6).toString().toStdString();
        a.score = q.value(7).toDouble();
        a.passed = q.value(8).toBool();
        a.flown_s = q.value(9).toDouble();
        a.summary = q.value(10).toString().toStdString();
        a.log_hash = q.value(11).toString().toStdString();
        a.flown_with = q.value(12).toString().toStdString();
        a.curriculum = q.value(13).toString().toStdString();
        a.curriculum_version = q.value(14).toInt();
        a.observed = q.value(15).toString().toStdString();
        a.demonstration = q.value(16).toString().toStdString();
        if (!q.value(17).isNull()) a.left_minus_right = q.value(17).toDouble();
        rows.push_back(std::move(a));
    }
    q.finish();
    QSqlQuery cuts = impl_->database.run("SELECT attempt_id, seconds FROM throttle_cuts ORDER BY attempt_id, position");
    std::unordered_map<std::string, std::vector<double>> of_attempt;
    while (cuts.next()) of_attempt[cuts.value(0).toString().toStdString()].push_back(cuts.value(1).toDouble());
    for (AttemptRow& a : rows)
        if (const auto found = of_attempt.find(a.id); found != of_attempt.end()) a.throttle_cuts_s = found->second;
    return rows;
}

std::vector<CriterionRow> Record::criteria(const std::string& attempt_id) const
{
    QSqlQuery q = impl_->database.run(
        "SELECT label, unit, value, fail, pass, merit, marks, must, below_fail, below_pass, below_merit, from_s, to_s"
        " FROM criteria WHERE attempt_id = ? ORDER BY position",
        attempt_id);
    std::vector<CriterionRow> rows;
    while (q.next()) {
        CriterionRow c;
        c.label = q.value(0).toString().toStdString();
        c.unit = q.value(1).toString().toStdString();
        if (!q.value(2).isNull()) c.value = q.value(2).toDouble();
        c.fail = q.value(3).toDouble();
        c.pass = q.value(4).toDouble();
        c.merit = q.value(5).toDouble();
        c.marks = q.value(6).toDouble();
        c.must = q.value(7).toBool();
        if (!q.value(8).isNull()) c.below = {q.value(8).toDouble(), q.value(9).toDouble(), q.value(10).toDouble()};
        if (!q.value(11).isNull()) c.span = {q.value(11).toDouble(), q.value(12).toDouble()};
        rows.push_back(std::move(c));
    }
    return rows;
}

std::vector<SessionRow> Record::sessions(const std::string& pilot_id) const
{
    return pilot_id.empty() ? impl_->sessions("1 = ?", 1) : impl_->sessions("pilot_id = ?", bound(pilot_id));
}

std::vector<CalibrationRow> Record::calibrations(const std::string& controller_id) const
{
    QSqlQuery q =
        impl_->database.run("SELECT c.id, c.controller_id, c.at, c.document, v.at FROM calibrations c LEFT JOIN verifications v"
                            " ON v.calibration_id = c.id WHERE (? = '' OR c.controller_id = ?) ORDER BY c.at, c.entry",
                            controller_id, controller_id);
    std::vector<CalibrationRow> rows;
    while (q.next()) {
        CalibrationRow row{
            q.value(0).toString().toStdString(), q.value(1).toString().toStdString(), q.value(2).toLongLong(), {}, 0};
        auto calibration = parse_calibration(q.value(3).toString().toStdString(), "calibration " + row.id);
        if (!calibration) throw StoreFailure(calibration.error().message);
        row.calibration = std::move(*calibration);
        row.verified_at = q.value(4).toLongLong();
        rows.push_back(std::move(row));
    }
    return rows;
}

std::optional<CalibrationRow> Record::latest_calibration(const std::string& controller_id) const
{
    auto all = calibrations(controller_id);
    if (all.empty()) return std::nullopt;
    return std::move(all.back());
}

std::vector<KitTickRow> Record::kit_ticks(const std::string& pilot_id) const
{
    QSqlQuery q = impl_->database.run("SELECT item, at, ticked FROM kit_ticks WHERE pilot_id = ? ORDER BY item", pilot_id);
    std::vector<KitTickRow> rows;
    while (q.next()) rows.push_back({q.value(0).toString().toStdString(), q.value(1).toLongLong(), q.value(2).toBool()});
    return rows;
}

std::vector<GripRoundRow> Record::grip_rounds(const std::string& pilot_id) const
{
    QSqlQuery q = impl_->database.run("SELECT id, pilot_id, at, grip, throughput_bps, mean_time_s, taps FROM grip_rounds"
                                      " WHERE pilot_id = ? ORDER BY at, entry",
                                      pilot_id);
    std::vector<GripRoundRow> rows;
    while (q.next())
        rows.push_back({q.value(0).toString().toStdString(), q.value(1).toString().toStdString(), q.value(2).toLongLong(),
                        q.value(3).toString().toStdString(), q.value(4).toDouble(), q.value(5).toDouble(), q.value(6).toInt()});
    return rows;
}

std::vector<SimulatorProfile> Record::simulators() const
{
    QSqlQuery q = impl_->database.run("SELECT id, document FROM simulators ORDER BY id");
    std::vector<SimulatorProfile> rows;
    while (q.next()) {
        rows.push_back(
            stored(parse_simulator(q.value(1).toString().toStdString(), "simulator " + q.value(0).toString().toStdString())));
    }
    return rows;
}

std::vector<Airframe> Record::aircraft() const
{
    QSqlQuery q = impl_->database.run("SELECT id, document FROM aircraft ORDER BY id");
    std::vector<Airframe> rows;
    while (q.next())
        rows.push_back(
            stored(parse_airframe(q.value(1).toString().toStdString(), "aircraft " + q.value(0).toString().toStdString())));
    return rows;
}

std::optional<TrainingSetup> Record::setup(const std::string& pilot_id) const
{
    QSqlQuery q = impl_->database.run("SELECT document FROM setups WHERE pilot_id = ?", pilot_id);
    if (!q.next()) return std::nullopt;
    return stored(parse_training_setup(q.value(0).toString().toStdString(), "set-up of pilot " + pilot_id));
}

std::optional<UnixTime> Record::setup_at(const std::string& pilot_id) const
{
    QSqlQuery q = impl_->database.run("SELECT at FROM setups WHERE pilot_id = ?", pilot_id);
    return q.next() ? std::optional<UnixTime>(q.value(0).toLongLong()) : std::nullopt;
}

std::vector<ControllerRow> Record::controllers() const
{
    QSqlQuery q = impl_->database.run("SELECT id, name, guid FROM controllers ORDER BY entry");
    std::vector<ControllerRow> rows;
    while (q.next())
        rows.push_back(
            {q.value(0).toString().toStdString(), q.value(1).toString().toStdString(), q.value(2).toString().toStdString()});
    return rows;
}

std::vector<StageOpeningRow> Record::opened_stages() const
{
    QSqlQuery q = impl_->database.run("SELECT pilot_id, curriculum, stage, reason, at FROM stage_openings ORDER BY entry");
    std::vector<StageOpeningRow> rows;
    while (q.next())
        rows.push_back({q.value(0).toString().toStdString(), q.value(1).toString().toStdString(),
                        q.value(2).toString().toStdString(), q.value(3).toString().toStdString(), q.value(4).toLongLong()});
    return rows;
}

std::vector<DocumentRow> Record::documents(const std::string& kind) const
{
    QSqlQuery q = impl_->database.run("SELECT id, document FROM documents WHERE kind = ? ORDER BY id", kind);
    std::vector<DocumentRow> rows;
    while (q.next()) rows.push_back({q.value(0).toString().toStdString(), q.value(1).toString().toStdString()});
    return rows;
}

std::optional<DemonstrationRow> Record::demonstration(const std::string& drill_id) const
{
    QSqlQuery q = impl_->database.run("SELECT attempt_id, at FROM demonstrations WHERE drill_id = ?", drill_id);
    if (!q.next()) return std::nullopt;
    return DemonstrationRow{q.value(0).toString().toStdString(), q.value(1).toLongLong()};
}

Result<FlightLog> Record::flight_log(const std::string& log_hash) const { return impl_->logs.load(log_hash); }

std::string Record::note(const std::string& key) const
{
    QSqlQuery q = impl_->database.run("SELECT value FROM notes WHERE key = ?", key);
    return q.next() ? q.value(0).toString().toStdString() : "";
}

void Record::set_note(const std::string& key, const std::string& value)
{
    impl_->database.run("INSERT OR REPLACE INTO notes VALUES (?,?)", key, value);
}

VerifyReport Record::verify() const
{
    VerifyReport report;
    const Database& db = impl_->database;
    std::string previous;
    std::int64_t expected_seq = 1;
    QSqlQuery rows = db.run("SELECT * FROM entries ORDER BY seq");
    while (rows.next()) {
        const Entry entry = entry_from(rows);
        const std::string at = "entry " + std::to_string(entry.seq);
        if (entry.seq != expected_seq) report.problems.push_back("entry " + std::to_string(expected_seq) + " is missing");
        if (entry.previous_hash != previous) report.problems.push_back(at + " does not follow the one before it");
        if (entry_hash(entry) != entry.hash)
            report.problems.push_back(at + " (" + entry.kind + ") was changed after it was written");
        previous = entry.hash;
        expected_seq = entry.seq + 1;
        ++report.entries;
    }
    rows.finish();
    if (report.problems.empty()) { // the tables can only be compared when the entries can be trusted
        const std::string now = tables_digest(db, schema_version);
        const Transaction rolled_back(db);
        db.run("PRAGMA defer_foreign_keys = ON");
        remake_tables(db, schema_version);
        if (tables_digest(db, schema_version) != now) report.problems.emplace_back("the tables differ from what the entries say");
    }
    for (const AttemptRow& attempt : attempts())
        for (const std::string& hash : {attempt.log_hash, attempt.demonstration}) {
            if (hash.empty()) continue; // scored by eye, or no demonstration shadowed
            if (const std::string problem = impl_->logs.problem_with(hash); !problem.empty())
                report.problems.push_back("attempt " + attempt.id + ": " + problem);
        }
    return report;
}

} // namespace bh
