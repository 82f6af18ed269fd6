#pragma once

#include <QTranslator>

class QCoreApplication;

namespace bh::desk {

/// No language: the same words, two fifths longer, with marks on them. Shows where a longer language has no room, and which words
/// on a page are not for translating at all.
class PseudoLanguage : public QTranslator {
    Q_OBJECT
public:
    using QTranslator::QTranslator;
    /// From now on, from right to left.
    static void speak(QCoreApplication& application);
    [[nodiscard]] bool isEmpty() const override { return false; }
    [[nodiscard]] QString translate(const char* context, const char* source, const char* disambiguation, int n) const override;
    /// Every vowel twice, the second with a mark; places for values (%1, %n, %L1) and escapes stay.
    [[nodiscard]] static QString longer(const QString& words);
};

} // namespace bh::desk
