#include "school/values/ids.h"

#include "core/base/number_text.h"

#include <QString>

namespace bh {

std::string id_from_name(const std::string& prefix, const std::string& name, const std::function<bool(const std::string&)>& taken)
{
    std::string id = prefix;
    const QString plain =
        QString::fromStdString(name).normalized(QString::NormalizationForm_D).toLower(); // "é" is an e and its accent
    for (const QChar c : plain) {
        const bool latin = (c >= QLatin1Char('a') && c <= QLatin1Char('z')) || (c >= QLatin1Char('0') && c <= QLatin1Char('9'));
        if (latin)
            id += c.toLatin1();
        else if (c.isLetterOrNumber())
            id += QString::number(c.unicode(), 16).toStdString();
        else if (!c.isMark() && !id.ends_with('-'))
            id += '-';
    }
    while (id.size() > prefix.size() && id.ends_with('-')) id.pop_back();
    if (id == prefix) id += "new";
    if (!taken(id)) return id;
    for (int number = 2;; ++number)
        if (const std::string next = id + "-" + whole_text(number); !taken(next)) return next;
}

} // namespace bh
