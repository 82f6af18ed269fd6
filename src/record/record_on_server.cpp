// What only a record on a server does: a station's journal, the worker of a window, and what is asked about the server.
#include "core/base/number_text.h"
#include "record/chain/bodies.h"
#include "record/record_impl.h"

#include <utility>

namespace bh {

void Record::Impl::begin_as_station()
{
    attachments.use_server({[this](const std::string& name, bool log) { fetch(name, log); },
                            [this](const std::string& name, bool log) {
                                static_cast<void>(answered<int>(
                                    [name, log](Impl& at) { return erase_file(at.database, name, log), 0; }, [] { return 0; }));
                            },
                            [this] {
                                if (files) files->wake();
                            }});
    if (options.read_only) return;
    if (options.hands_over_only) return hand_over();
    files = std::make_unique<ServerFiles>(place.server, attachments);
    hand_over();
}

/// Puts a file beside the record where the server has it.
void Record::Impl::fetch(const std::string& name, bool log)
{
    if (away) return;
    const auto begins = [way = on_its_way, name] {
        const std::scoped_lock lock(way->mutex);
        return way->names.insert(name).second;
    };
    const auto ends = [way = on_its_way, name] {
        const std::scoped_lock lock(way->mutex);
        way->names.erase(name);
    };
    if (!begins()) return;
    const auto late = std::make_shared<std::atomic<bool>>(false); // nobody waits for it any more
    const auto ask = [name, log, here = attachments, late, ends, told = fetched](Impl& at) {
        try {
            fetch_file(at.database, name, log, here);
        } catch (const ServerAway&) {
            ends();
            if (*late && told) told(name);
            throw;
        } catch (const StoreFailure&) { // not what its name says, or no room here: it is missing, and so told
        }
        ends();
        if (*late && told) told(name);
        return true;
    };
    static_cast<void>(answered<bool>(ask, [&] { return *late = true, false; }));
}

bool Record::is_being_fetched(const std::string& name) const
{
    const std::scoped_lock lock(impl_->on_its_way->mutex);
    return impl_->on_its_way->names.contains(name);
}

void Record::Impl::lose_server() const
{
    away = true;
    if (line) line->doubt();
}

std::optional<JudgedAttempt> Record::Impl::waiting_attempt(const std::string& id) const
{
    if (!place.on_server()) return std::nullopt;
    for (const WaitingGesture& gesture : waiting.all())
        for (std::size_t i = 0; i < gesture.drafts.size(); ++i) {
            if (gesture.drafts[i].kind != "attempt" || gesture.drafts[i].subject != id) continue;
            const auto shared = [&](const std::string& name) -> std::optional<std::string> {
                for (const std::string& body : gesture.drafts[i].shared)
                    if (shared_name(body) == name) return body;
                return std::nullopt;
            };
            if (auto attempt = attempt_in(as_entries(gesture)[i], shared)) return std::move(*attempt);
        }
    return std::nullopt;
}

void Record::Impl::hand_over()
{
    waiting_problems.clear();
    for (WaitingGesture& gesture : waiting.all(&waiting_problems)) {
        try {
            // What comes at once needs no word of when it was done: it is found again by its hash.
            constexpr UnixTime at_once_s = 60;
            const bool late = !gesture.soon || now() - gesture.at > at_once_s;
            std::vector<Draft> drafts = gesture.drafts;
            if (late) drafts.insert(drafts.begin(), late_draft(gesture));
            const auto written = append(
                drafts, std::nullopt,
                [&] {
                    if (is_there(gesture)) return true;
                    must_not_overtake(gesture);
                    return false;
                },
                [&](const std::string& hash) { WaitingEntries::note_tried(gesture, hash); });
            for (const Entry& entry : written) handed_over.insert(entry.seq);
            WaitingEntries::over(gesture);
        } catch (const ServerAway&) {
            throw;
        } catch (const StoreFailure& why) {
            const auto* overtaken = dynamic_cast<const Overtaken*>(&why);
            if (is_there(gesture))
                WaitingEntries::over(gesture);
            else if (gesture.shared)
                WaitingEntries::refuse(gesture, why.message(), overtaken ? overtaken->by() : "");
            else
                waiting_problems.push_back(message("%1: the server does not take it: %2", gesture.file.string(), why.message()));
        }
    }
}

bool Record::Impl::is_there(const WaitingGesture& gesture) const
{
    QSqlQuery late = database.run("SELECT 1 FROM entries WHERE kind = 'late' AND subject = ?", gesture.name);
    if (late.next()) return true;
    return std::any_of(gesture.tried.begin(), gesture.tried.end(), [this](const std::string& hash) {
        return database.run("SELECT 1 FROM entries WHERE hash = ?", hash).next();
    });
}

/// What it changes was changed since it was looked at: by somebody else, for what came from here was known here.
void Record::Impl::must_not_overtake(const WaitingGesture& gesture) const
{
    if (!gesture.after) return;
    for (const Draft& draft : gesture.drafts) {
        QSqlQuery since = database.run("SELECT seq, who FROM entries WHERE kind = ? AND subject = ? AND seq > ?", draft.kind,
                                       draft.subject, *gesture.after);
        while (since.next())
            if (!handed_over.contains(since.value(0).toLongLong())) throw Overtaken(since.value(1).toString().toStdString());
    }
}

/// A window's: it is kept in the journal, and its worker hands it over.
std::vector<Entry> Record::Impl::keep_for_worker(const std::vector<Draft>& drafts, std::optional<std::int64_t> after)
{
    const bool only_adds = std::all_of(drafts.begin(), drafts.end(), WaitingEntries::may_wait);
    if (away && !only_adds)
        throw ServerAway(
            message("what changes something that others share waits for the server: %1", message("the server does not answer")));
    WaitingGesture gesture;
    gesture.drafts = with_actor(drafts, options.who);
    gesture.at = now();
    gesture.soon = !away;
    gesture.shared = !only_adds;
    if (!only_adds) gesture.after = after;
    gesture = waiting.keep(std::move(gesture), new_id(), key);
    worker->wake();
    return as_entries(gesture);
}

bool Record::server_away() const { return impl_->away; }
int Record::waiting() const { return impl_->place.on_server() ? impl_->waiting.count() : 0; }
std::vector<Message> Record::waiting_problems() const
{
    if (!impl_->worker) return impl_->waiting_problems;
    const std::scoped_lock lock(impl_->not_taken_mutex);
    return impl_->not_taken;
}

std::vector<Entry> Record::waiting_entries() const
{
    std::vector<Entry> entries;
    if (!impl_->place.on_server()) return entries;
    for (const WaitingGesture& gesture : impl_->waiting.all())
        for (Entry& entry : as_entries(gesture)) entries.push_back(as_read_today(std::move(entry), {}));
    return entries;
}

std::vector<Record::Refused> Record::take_refused()
{
    std::vector<Refused> all;
    if (!impl_->place.on_server()) return all;
    for (const WaitingGesture& gesture : impl_->waiting.refused()) {
        Refused refused{{}, Message(gesture.refused), gesture.overtaken_by};
        for (Entry& entry : as_entries(gesture)) refused.entries.push_back(as_read_today(std::move(entry), {}));
        all.push_back(std::move(refused));
        WaitingEntries::over(gesture);
    }
    return all;
}

bool Record::reach_server()
{
    if (!impl_->place.on_server()) return true;
    if (impl_->worker) {
        impl_->worker->wake(); // which tells what it finds
        if (impl_->files) impl_->files->wake();
        impl_->away = false;
        return true;
    }
    if (!impl_->answered<bool>([](Impl& at) { return at.database.run("SELECT 1").next(); }, [] { return false; }))
        impl_->lose_server();
    try {
        if (impl_->away) {
            impl_->newest.reset();
            impl_->database.connect_again();
        }
        if (!impl_->options.read_only) impl_->hand_over();
        impl_->away = false;
        if (impl_->files) impl_->files->wake();
    } catch (const ServerAway&) {
        impl_->lose_server();
    }
    return !impl_->away;
}

void Record::listen(Listener listener)
{
    if (!impl_->place.on_server()) return;
    impl_->fetched = listener.fetched;
    static_cast<void>(head()), static_cast<void>(keys()); // what is said while there is no answer
    if (impl_->options.journal_first) {
        RecordOptions options = impl_->options;
        options.key = impl_->key, options.hands_over_only = true, options.journal_first = false;
        options.newest_looked_at = 1; // they have been looked at
        impl_->worker = std::make_unique<ServerWorker>(
            [place = impl_->place, options] {
                auto own = Record::open(place, options);
                return own ? std::move(*own) : nullptr;
            },
            [this, told = listener.handed_over](Record& there, bool reached) {
                {
                    const std::scoped_lock lock(impl_->not_taken_mutex);
                    impl_->not_taken = there.waiting_problems();
                }
                if (told) told(reached);
            });
    }
    impl_->line = std::make_unique<ServerLine>(
        impl_->place.server,
        ServerLine::Listener{std::move(listener.written), std::move(listener.told_live), std::move(listener.answers)});
}

void Record::later(std::function<void(Record*)> what)
{
    if (impl_->worker)
        impl_->worker->later(std::move(what));
    else
        what(this);
}

void Record::tell_live(std::string text)
{
    if (impl_->line) impl_->line->tell(std::move(text));
}

void Record::take_as_away() { impl_->lose_server(); }

void Record::hold_files_back(bool hold)
{
    if (impl_->files) impl_->files->hold_back(hold);
}

bool Record::finish_sending(int most_ms) const { return !impl_->files || impl_->files->finish(most_ms); }

} // namespace bh
