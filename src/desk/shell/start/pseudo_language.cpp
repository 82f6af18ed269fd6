#include "desk/shell/start/pseudo_language.h"

#include <QGuiApplication>

namespace bh::desk {

void PseudoLanguage::speak(QCoreApplication& application)
{
    QCoreApplication::installTranslator(new PseudoLanguage(&application));
    QGuiApplication::setLayoutDirection(Qt::RightToLeft);
}

QString PseudoLanguage::longer(const QString& words)
{
    static const QString plain = QStringLiteral("aeiouAEIOU"), marked = QStringLiteral("áéíóúáéíóú");
    QString all;
    for (qsizetype i = 0; i < words.size(); ++i) {
        all += words[i];
        const bool place = i > 0 && (words[i - 1] == QLatin1Char('%') || words[i - 1] == QLatin1Char('&'));
        if (const auto vowel = plain.indexOf(words[i]); vowel >= 0 && !place) all += marked[vowel];
    }
    return all;
}

QString PseudoLanguage::translate(const char*, const char* source, const char*, int) const
{
    return source ? longer(QString::fromUtf8(source)) : QString();
}

} // namespace bh::desk
