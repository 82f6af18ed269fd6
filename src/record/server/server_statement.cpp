#include "record/server/server_statement.h"

#include "core/base/number_text.h"

#include <QAtomicInteger>
#include <libpq-fe.h>
#include <memory>
#include <vector>

namespace bh {

namespace {

using Answer = std::unique_ptr<PGresult, void (*)(PGresult*)>;

std::optional<ServerRefusal> refusal_in(const Answer& answer, PGconn* line)
{
    const ExecStatusType status = PQresultStatus(answer.get()); // without an answer a fatal error too
    if (status == PGRES_COMMAND_OK || status == PGRES_TUPLES_OK) return std::nullopt;
    const char* code = PQresultErrorField(answer.get(), PG_DIAG_SQLSTATE);
    const char* words = answer ? PQresultErrorMessage(answer.get()) : PQerrorMessage(line);
    return ServerRefusal{QString::fromLatin1(code ? code : ""), QString::fromUtf8(words)};
}

/// Each ? as $1, $2, …: no statement of ours has one in a text.
std::string numbered(const QString& sql)
{
    std::string text;
    int values = 0;
    for (const char c : sql.toStdString())
        if (c == '?')
            text += '$' + whole_text(++values);
        else
            text += c;
    return text;
}

QByteArray as_sent(const QVariant& value)
{
    constexpr int digits_that_give_the_same_double = 17;
    switch (value.typeId()) {
    case QMetaType::QByteArray: return value.toByteArray();
    case QMetaType::Double: return QByteArray::number(value.toDouble(), 'g', digits_that_give_the_same_double);
    default: return value.toString().toUtf8();
    }
}

} // namespace

ServerStatement::ServerStatement(pg_conn* line, const QString& sql) : line_(line), sql_(numbered(sql)) {}

std::optional<ServerRefusal> ServerStatement::run(std::initializer_list<QVariant> values, std::string* first)
{
    if (name_.empty()) {
        static QAtomicInteger<int> counter; // names on a connection must differ; nothing else hangs on it
        const std::string name = "written-" + whole_text(counter.fetchAndAddRelaxed(1));
        const Answer answer(PQprepare(line_, name.c_str(), sql_.c_str(), 0, nullptr), &PQclear);
        if (auto refused = refusal_in(answer, line_)) return refused;
        name_ = name;
    }
    std::vector<QByteArray> sent;
    std::vector<const char*> at;
    std::vector<int> sizes, as_bytes;
    sent.reserve(values.size());
    for (const QVariant& value : values) {
        sent.push_back(as_sent(value));
        at.push_back(value.isNull() ? nullptr : sent.back().constData());
        sizes.push_back(static_cast<int>(sent.back().size()));
        as_bytes.push_back(value.typeId() == QMetaType::QByteArray);
    }
    const Answer answer(
        PQexecPrepared(line_, name_.c_str(), static_cast<int>(values.size()), at.data(), sizes.data(), as_bytes.data(), 0),
        &PQclear);
    auto refused = refusal_in(answer, line_);
    if (!refused && first && PQntuples(answer.get()) > 0 && PQnfields(answer.get()) > 0) *first = PQgetvalue(answer.get(), 0, 0);
    return refused;
}

} // namespace bh
