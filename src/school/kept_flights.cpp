// Flights on their way to the record: written beside it, entered, tried again, and what a program's end has cut short.
#include "core/path/throttle_cuts.h"
#include "record/chain/bodies.h"
#include "school/school.h"

#include <QCoreApplication>
#include <QEvent>
#include <algorithm>
#include <utility>

namespace bh {

/// What an attempt gets when it is kept: an id, the time, and by which curriculum it is judged.
JudgedAttempt School::made_now(JudgedAttempt attempt) const
{
    if (attempt.curriculum.empty()) {
        attempt.curriculum = curriculum(attempt.pilot_id).id;
        attempt.curriculum_version = curriculum(attempt.pilot_id).version;
    }
    attempt.id = record_->new_id();
    if (attempt.at == 0) attempt.at = now();
    return attempt;
}

std::string School::keep_flight(JudgedAttempt attempt, std::shared_ptr<const FlightLog> log,
                                std::shared_ptr<const FlightLog> demonstration, std::shared_ptr<FlightJournal> journal)
{
    Waiting waiting{made_now(std::move(attempt)), {std::move(log)}, std::move(journal)};
    if (demonstration) waiting.logs.push_back(std::move(demonstration));
    std::string id = waiting.attempt.id;
    hand_over(std::move(waiting));
    return id;
}

void School::hand_over(Waiting waiting)
{
    const std::uint64_t ticket = next_ticket_++;
    keeper_->keep(ticket, waiting.logs,
                  [log = waiting.logs.front(), drill = flown_drill(waiting.attempt), score = kept_score(waiting.attempt)] {
                      return found_in(*log, drill, score ? &*score : nullptr);
                  });
    waiting_.emplace(ticket, std::move(waiting));
    Q_EMIT flights_waiting_changed();
}

void School::logs_kept(const FlightKeeper::Kept& kept)
{
    const auto found = waiting_.find(kept.ticket);
    if (found == waiting_.end()) return;
    Waiting waiting = std::move(found->second);
    waiting_.erase(found);
    const std::string id = waiting.attempt.id;
    std::string why = kept.failure;
    if (why.empty()) {
        waiting.attempt.log_hash = kept.hashes.front();
        waiting.attempt.found = kept.found;
        if (waiting.logs.size() > 1) waiting.attempt.demonstration = kept.hashes.back();
        try {
            fold_chain(record_->append({as_actor(draft_of(waiting.attempt))}));
        } catch (const StoreFailure& failure) {
            why = failure.what();
            set_logs_aside(waiting.attempt);
        }
    }
    if (!why.empty()) {
        const bool news = why != why_aside_;
        why_aside_ = why;
        aside_.push_back(std::move(waiting));
        again_.start();
        if (news) Q_EMIT failed(message("The flight could not be kept: %1; it is held in memory and tried again", why));
    } else if (waiting.journal) {
        waiting.journal->over();
    }
    Q_EMIT flights_waiting_changed();
    if (why.empty())
        Q_EMIT flight_kept(id);
    else
        Q_EMIT flight_not_kept(id);
}

void School::try_again()
{
    if (!waiting_.empty()) return; // they go first
    again_.stop();
    std::vector<Waiting> aside = std::exchange(aside_, {});
    if (aside.empty()) why_aside_.clear();
    for (Waiting& waiting : aside) hand_over(std::move(waiting));
}

/// What was written for an attempt whose entry could not be, and is not another one's: no file is to lie there unnamed.
void School::set_logs_aside(const JudgedAttempt& attempt)
{
    for (const std::string& hash : {attempt.log_hash, attempt.demonstration}) {
        const auto names = [&hash](const Attempt& a) { return a.log_hash == hash || a.demonstration == hash; };
        const bool named = std::any_of(values_.pilots.begin(), values_.pilots.end(), [&](const auto& pilot) {
            const auto& attempts = pilot.second.attempts;
            return std::any_of(attempts.begin(), attempts.end(), names);
        });
        if (!hash.empty() && !named) record_->attachments().set_aside(hash);
    }
}

void School::finish_keeping()
{
    if (waiting_.empty()) return;
    // The keeper goes, and has written everything by then; what it had to say waits in this thread's queue.
    keeper_.reset();
    QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
    start_keeper();
}

std::unique_ptr<FlightJournal> School::begin_journal(const JudgedAttempt& attempt) const
{
    return FlightJournal::begin(record_->file(), attempt, now(), record_->new_id());
}

Result<std::string> School::keep_cut_short(const CutShort& flight)
{
    if (!flight.attempt.free() && !drill(flight.attempt.drill_id))
        return bad_input("the drill '%1' is not there any more", flight.attempt.drill_id);
    const auto score = score_log(flown_drill(flight.attempt), flight.log);
    if (!score) return tl::unexpected(score.error());
    JudgedAttempt attempt = judged_attempt(*score, flight.attempt.mode);
    attempt.pilot_id = flight.attempt.pilot_id;
    attempt.session_id = flight.attempt.session_id;
    attempt.flight = flight.attempt.flight;
    attempt.world = flight.attempt.world;
    if (attempt.free()) attempt = without_score(std::move(attempt));
    attempt.at = flight.attempt.at;
    std::string id = add_attempt(std::move(attempt), &flight.log, nullptr, "kept after the program ended unexpectedly");
    if (id.empty()) return bad_input("it could not be saved");
    forget(flight);
    return id;
}

std::string School::add_attempt(JudgedAttempt attempt, const FlightLog* log, const FlightLog* demonstration,
                                const std::string& why)
{
    attempt = made_now(std::move(attempt));
    if (const auto allowed = may_do(attempt.observed ? Act::ScoreByEye : Act::Fly); !allowed) {
        tell(allowed.error());
        return {};
    }
    try {
        if (log) {
            const auto score = kept_score(attempt);
            attempt.log_hash = record_->attachments().keep(*log);
            attempt.found = found_in(*log, flown_drill(attempt), score ? &*score : nullptr);
        }
        if (demonstration) attempt.demonstration = record_->attachments().keep(*demonstration);
    } catch (const StoreFailure& failed) {
        tell({Error::Code::BadInput, failed.what()});
        return {};
    }
    Draft draft = draft_of(attempt);
    draft.why = why;
    if (add({std::move(draft)})) return attempt.id;
    set_logs_aside(attempt);
    return {};
}

} // namespace bh
