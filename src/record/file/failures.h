#pragma once

#include "core/base/message.h"

#include <stdexcept>
#include <string>

namespace bh {

/// The disk or the database failed. Caught where the action began; the transaction has been rolled back.
class StoreFailure : public std::runtime_error {
public:
    explicit StoreFailure(Message what) : std::runtime_error(what.english()), message_(std::move(what)) {}
    [[nodiscard]] const Message& message() const { return message_; }

private:
    Message message_;
};

/// The server does not answer. What was being written may be there all the same.
class ServerAway : public StoreFailure {
public:
    using StoreFailure::StoreFailure;
};

/// Somebody wrote since the entry that was to be followed: nothing was written.
class MovedOn : public StoreFailure {
public:
    using StoreFailure::StoreFailure;
};

/// Something was changed by somebody else since it was looked at.
class Overtaken : public MovedOn {
public:
    explicit Overtaken(const std::string& by) : MovedOn(bh::message("it was changed meanwhile by %1", by)), by_(by) {}
    [[nodiscard]] const std::string& by() const { return by_; }

private:
    std::string by_;
};

/// An entry does not name the one before of its kind and subject, as it was remembered here: nothing was written.
class OutOfDate : public MovedOn {
public:
    using MovedOn::MovedOn;
};

} // namespace bh
