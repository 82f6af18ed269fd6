#pragma once

#include "record/chain/entry.h"
#include "record/chain/key_book.h"
#include "record/copies/verify.h"

#include <deque>
#include <future>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace bh {

/// What is wrong with a record of `count` entries in which the one of a head that was seen before has another hash, or is not
/// there at all; `who` saw it.
[[nodiscard]] std::optional<Message> unlike(const Head& seen, std::int64_t count, const std::string& hash_there,
                                            const Message& who);

/// Follows the chain, entry by entry. Hashes and signatures, which take the time, are worked out beside it, in batches.
class ChainCheck {
public:
    ChainCheck(const VerifyOptions& options, KeyBook& book) : options_(options), book_(book) {}

    void add(Entry entry);
    /// Of an entry that is not as it should be, but is all there: a coordinator may mark it as known.
    void tell(std::int64_t seq, Message problem) { told_.push_back({seq, std::move(problem), true}); }

    /// How people call somebody of the record, by the id that entries have.
    void call(const std::string& person, std::string name) { names_[person] = std::move(name); }

    struct Problem {
        Message message;
        std::optional<Message> known{}; ///< by whom and why, where somebody marked it so
    };
    /// Every problem of the chain, in the order of the entries.
    [[nodiscard]] std::vector<Problem> finish();

    [[nodiscard]] std::optional<Message> against(const Head& seen, const Message& who) const;
    [[nodiscard]] Head head() const { return {static_cast<std::int64_t>(hashes_.size()), previous_}; }
    [[nodiscard]] std::int64_t unsigned_up_to() const { return unsigned_up_to_; }
    [[nodiscard]] bool has_keys() const { return !keys_.empty(); }

private:
    struct Told {
        std::int64_t seq;
        Message problem;
        bool can_be_known;
    };
    struct Unsigned {
        std::int64_t seq;
        std::string hash, signature;
    };
    struct Checked {
        std::vector<Told> changed;
        std::vector<Unsigned> not_signed; ///< by a key that is known so far
    };
    struct Repair {
        std::string hash;
        Message by;
    };

    void tell_changed(std::int64_t seq, Message problem) { told_.push_back({seq, std::move(problem), false}); }
    void learn_key(const Entry& entry);
    void learn_repair(const Entry& entry);
    void tell_strangers();
    [[nodiscard]] const std::vector<std::string>& trusted() const;
    void start_batch();
    void end_oldest_batch();

    const VerifyOptions& options_;
    KeyBook& book_;
    std::vector<std::string> keys_, hashes_;
    std::map<std::string, int> signed_by_; ///< how many entries, by the digits that their signatures name
    std::map<std::int64_t, Repair> repairs_;
    std::map<std::string, std::string> names_;
    std::string previous_;
    std::int64_t expected_ = 1, unsigned_up_to_ = 0;
    UnixTime last_at_ = 0;
    std::vector<Entry> batch_;
    std::deque<std::future<Checked>> running_;
    std::vector<Told> told_;
    std::vector<Unsigned> unsigned_;
};

/// Releases to a real aircraft: each is signed by the key that a coordinator among the entries had then, over what it says, and
/// names the record as it was; a withdrawal is signed too, and holds for good.
class ReleaseCheck {
public:
    explicit ReleaseCheck(const KeyBook& book) : book_(book) {}
    void add(const Entry& entry, ChainCheck& chain);
    /// Keys that never came to stand.
    void finish(ChainCheck& chain) const;

private:
    void learn_person(const Entry& entry);
    [[nodiscard]] bool is_coordinators(const std::string& person, const std::string& key) const;

    const KeyBook& book_;
    std::map<std::string, std::set<std::string>> coordinators_; ///< by id: every key that each has had so far
    std::set<std::string> accepted_, withdrawn_;
    std::vector<std::pair<std::int64_t, std::string>> signed_with_; ///< entry, key
};

} // namespace bh
