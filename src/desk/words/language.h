#pragma once

#include <QList>
#include <QString>

class QCoreApplication;

namespace bh::desk {

struct Language {
    QString tag;  ///< "en", "de"
    QString name; ///< in itself
};
/// Those that the window speaks.
[[nodiscard]] const QList<Language>& languages();

/// From now on in this language, with the numbers and days of its country. An empty tag, or one that is not spoken: the system's
/// language, and English where that is not spoken either. Windows that are there already stay as they are.
void speak(QCoreApplication& application, const QString& tag);
/// What is spoken: a tag of languages().
[[nodiscard]] QString spokenLanguage();

} // namespace bh::desk
