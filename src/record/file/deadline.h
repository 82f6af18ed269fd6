#pragma once

struct pg_conn;

namespace bh {

/// While it lasts, an exchange with a server is given so long. libpq waits for an answer without an end, also from a server that
/// hangs while its kernel still acknowledges, which no option of a connection helps against: when the time is over the line is
/// shut from another thread, and the exchange fails as if it had been cut.
class Deadline {
public:
    static constexpr int exchange_ms = 2000; ///< house: longer than any answer of a server that works, short enough to be borne

    explicit Deadline(pg_conn* line, int most_ms = exchange_ms); ///< none for a null line
    ~Deadline();
    Deadline(const Deadline&) = delete;
    Deadline& operator=(const Deadline&) = delete;

private:
    unsigned long number_ = 0;
};

} // namespace bh
