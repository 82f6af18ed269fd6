#include "record/entry.h"

#include <QCryptographicHash>
#include <nlohmann/json.hpp>

namespace bh {

std::string entry_hash(const Entry& e)
{
    const nlohmann::json fields =
        nlohmann::json::array({e.previous_hash, e.seq, e.at, e.who, e.kind, e.subject, e.supersedes, e.why, e.body});
    const std::string text = fields.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
    return QCryptographicHash::hash(QByteArray::fromStdString(text), QCryptographicHash::Sha256).toHex().toStdString();
}

} // namespace bh
