#include "desk/words/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>
#include <algorithm>

namespace bh::desk {
namespace {

QString tagOf(const QLocale& locale) { return locale.name().section(QLatin1Char('_'), 0, 0); }

bool isSpoken(const QString& tag)
{
    return std::any_of(languages().begin(), languages().end(), [&](const Language& l) { return l.tag == tag; });
}

} // namespace

const QList<Language>& languages()
{
    static const QList<Language> all{{QStringLiteral("en"), QStringLiteral("English")},
                                     {QStringLiteral("de"), QStringLiteral("Deutsch")}};
    return all;
}

QString spokenLanguage()
{
    const QString tag = tagOf(QLocale());
    return isSpoken(tag) ? tag : languages().front().tag;
}

void speak(QCoreApplication& application, const QString& tag)
{
    for (auto* before : application.findChildren<QTranslator*>(QStringLiteral("language"))) delete before;
    const QString system = tagOf(QLocale::system());
    const QString wanted = isSpoken(tag) ? tag : isSpoken(system) ? system : languages().front().tag;
    // Where the system speaks it too, its own numbers and days; elsewhere those that the language is at home with. A number looks
    // the same in a table, on paper and where it is typed, so that none has marks between its thousands.
    QLocale locale = wanted == system ? QLocale::system() : wanted == languages().front().tag ? QLocale::c() : QLocale(wanted);
    locale.setNumberOptions(locale.numberOptions() | QLocale::OmitGroupSeparator);
    QLocale::setDefault(locale);
    if (wanted == languages().front().tag) return;
    const auto install = [&](const QString& file) {
        auto* words = new QTranslator(&application);
        words->setObjectName(QStringLiteral("language"));
        if (words->load(file)) QCoreApplication::installTranslator(words);
    };
    install(QLibraryInfo::path(QLibraryInfo::TranslationsPath) + QStringLiteral("/qtbase_%1.qm").arg(wanted));
    install(QStringLiteral(":/i18n/bluehangar_%1.qm").arg(wanted));
}

} // namespace bh::desk
