// How the school follows the record: what was written here and elsewhere, and what a server did not take after all.
#include "record/file/failures.h"
#include "school/school.h"

#include <QMetaObject>
#include <algorithm>
#include <utility>

namespace bh {

void School::fold_chain(const std::vector<Entry>& written)
{
    // What waits for the server has no number yet.
    const bool waits = !written.empty() && written.front().seq == 0;
    // Another station may have written before: then everything since is taken in.
    const bool alone = !written.empty() && written.front().seq == values_.seq + 1;
    std::vector<Entry> entries = waits || alone ? written : record_->entries_after(values_.seq);
    // While they were waited for, some may have come as news.
    std::erase_if(entries, [&](const Entry& e) { return e.seq > 0 && e.seq <= values_.seq; });
    take_in(entries, written.empty() ? 0 : written.front().seq);
    if (!waits) saved_at_ = now();
    if (waits) Q_EMIT server_changed();
}

/// What waited here is shown already: the entry that was made of it takes its place, and where something newer of the same waits
/// still, that goes on to be shown.
School::Place School::written_at(const Entry& entry)
{
    const auto waits = waits_.find({entry.kind, entry.subject});
    if (waits == waits_.end() || waits->second.front() != entry.body) return Place::Elsewhere;
    waits->second.pop_front();
    if (!waits->second.empty()) return Place::HereAndNewerWaits;
    waits_.erase(waits);
    return Place::Here;
}

/// `own`: number of the first that was written here; 0: none.
void School::take_in(const std::vector<Entry>& entries, std::int64_t own)
{
    Changes changes;
    for (const Entry& entry : entries) {
        const bool waits = entry.seq == 0;
        if (waits) waits_[{entry.kind, entry.subject}].push_back(entry.body);
        Place at = own > 0 && entry.seq >= own ? Place::Here : Place::Elsewhere;
        if (!waits && at == Place::Elsewhere) at = written_at(entry);
        if (at == Place::HereAndNewerWaits) {
            values_.seq = std::max(values_.seq, entry.seq);
            continue;
        }
        auto change = fold(values_, entry);
        if (!change) continue;
        if (at == Place::Elsewhere && !waits)
            written_elsewhere_[{change->kind, change->subject}] = entry.who;
        else
            written_elsewhere_.erase({change->kind, change->subject});
        changes.add(std::move(*change));
    }
    refresh_lists(changes);
    Q_EMIT changed(changes);
}

Result<void> School::fold_news()
{
    try {
        std::vector<Entry> news = record_->entries_after(values_.seq);
        std::erase_if(news, [this](const Entry& e) { return e.seq <= values_.seq; }); // taken in while it was waited for them
        if (!news.empty()) take_in(news, 0);
        return {};
    } catch (const StoreFailure& why) {
        return failure(Error::Code::BadInput, why.message());
    }
}

/// Several at once are taken in together.
void School::ask_for_news()
{
    if (std::exchange(news_wait_, true)) {
        more_news_ = true;
        return;
    }
    record_->later([this, after = values_.seq](Record* there) {
        std::vector<Entry> news;
        if (there) try {
                news = there->entries_after(after);
            } catch (const StoreFailure&) { // they are asked for again when it answers
            }
        QMetaObject::invokeMethod(
            this,
            [this, news = std::move(news)]() mutable {
                news_wait_ = false;
                std::erase_if(news, [this](const Entry& e) { return e.seq <= values_.seq; });
                if (!news.empty()) take_in(news, 0);
                if (std::exchange(more_news_, false)) ask_for_news();
            },
            Qt::QueuedConnection);
    });
}

void School::listen()
{
    // Told from other threads.
    const auto here = [this](auto what) { QMetaObject::invokeMethod(this, std::move(what), Qt::QueuedConnection); };
    record_->listen(
        {[this, here] { here([this] { ask_for_news(); }); },
         [this, here](const std::string& text) { here([this, text] { Q_EMIT live_told(QString::fromStdString(text)); }); },
         [this, here](bool answers) { here([this, answers] { server_answers(answers); }); },
         [this, here](bool reached) { here([this, reached] { handed_over(reached); }); },
         [this, here](const std::string& name) {
             here([this, name] {
                 for (const auto& [_, file] : values_.pilots)
                     for (const Attempt& a : file.attempts)
                         if (a.log_hash == name) tallies_.erase(a.id); // counted without it
                 Q_EMIT fetched(name);
             });
         }});
}

void School::server_answers(bool answers)
{
    const bool was_away = record_->server_away();
    if (!answers) {
        record_->take_as_away();
    } else if (record_->reach_server()) {
        ask_for_news();
        try_again();
    }
    if (was_away != record_->server_away() || answers) Q_EMIT server_changed();
}

void School::handed_over(bool reached)
{
    if (!reached)
        record_->take_as_away();
    else if (record_->waiting() == 0)
        saved_at_ = now();
    if (auto refused = record_->take_refused(); !refused.empty()) read_again(std::move(refused));
    Q_EMIT server_changed();
}

/// What was shown as done and was not taken: the school is as the record has it, and whoever did it is told.
void School::read_again(std::vector<Record::Refused> refused)
{
    for (const Record::Refused& one : refused) give_up(one);
    record_->later([this, refused = std::move(refused)](Record* there) {
        auto read = std::make_shared<std::optional<WholeRecord>>();
        if (there) try {
                *read = whole_of(there->snapshot());
            } catch (const StoreFailure&) { // it goes on as it is, and is right again after the next start
            }
        QMetaObject::invokeMethod(
            this,
            [this, refused, read] {
                if (*read && (*read)->values.seq >= values_.seq) {
                    auto& [values, everything] = **read;
                    for (const Entry& entry : record_->waiting_entries())
                        if (auto change = fold(values, entry)) everything.add(std::move(*change));
                    take_whole(std::move(values), everything);
                    Q_EMIT changed(everything);
                } else if (*read) {
                    read_again({}); // somebody wrote meanwhile
                }
                for (const Record::Refused& one : refused) Q_EMIT failed(refusal_in_words(one));
            },
            Qt::QueuedConnection);
    });
}

void School::give_up(const Record::Refused& refused)
{
    for (const Entry& entry : refused.entries) {
        waits_.erase({entry.kind, entry.subject});
        const auto is_it = [&](const Edit& edit) {
            return std::any_of(edit.begin(), edit.end(), [&](const TextChange& c) {
                const Draft draft = draft_of(c);
                return draft.kind == entry.kind && draft.subject == entry.subject && draft.body == entry.body;
            });
        };
        const auto edit = std::find_if(edits_.rbegin(), edits_.rend(), is_it);
        if (edit == edits_.rend()) continue;
        const auto which = edits_.rend() - edit - 1;
        edits_.erase(edits_.begin() + which);
        if (static_cast<std::size_t>(which) < done_) --done_;
    }
    Q_EMIT edits_changed();
}

Message School::refusal_in_words(const Record::Refused& refused) const
{
    std::vector<Message> parts;
    for (const Entry& entry : refused.entries) {
        Values alone;
        const auto change = fold(alone, entry);
        const std::string wanted = change ? alone.text(change->kind, change->subject) : std::string();
        const std::string there = change ? values_.text(change->kind, change->subject) : std::string();
        if (wanted != there) parts.push_back(difference_in_words(there, wanted));
    }
    const Message why = refused.overtaken_by.empty()
                            ? refused.why
                            : message("it was changed meanwhile by %1: %2", who_is(refused.overtaken_by), joined(parts, "; "));
    return message("Was not kept after all: %1", why);
}

} // namespace bh
