#include "desk/words/message_words.h"

#include "core/base/number_text.h"
#include "desk/words/flight_words.h"

#include <QCoreApplication>
#include <QLocale>

namespace bh::desk {
namespace {

// All that core, files and data say has one place among the translations.
constexpr const char* context = "message";

QString translated(const std::string& form) { return QCoreApplication::translate(context, form.c_str()); }

std::string shownNumber(Rounded number)
{
    // As many digits as English has, with the locale's signs: what is left out at the end depends on the digits alone.
    const std::string plain = english(number);
    const auto point = plain.find('.');
    if (plain.find('e') != std::string::npos) return plain;
    const int places = point == std::string::npos ? 0 : static_cast<int>(plain.size() - point - 1);
    return inPlaces(number.value, places).toStdString();
}

std::string shownValue(const MessageValue& value)
{
    struct Shown {
        std::string operator()(const std::string& text) const { return text; }
        std::string operator()(std::int64_t count) const
        {
            return QLocale().toString(static_cast<qlonglong>(count)).toStdString();
        }
        std::string operator()(Rounded number) const { return shownNumber(number); }
        std::string operator()(const PhaseId& phase) const { return phaseInWords(phase.id).toStdString(); }
        std::string operator()(const std::vector<Message>& inside) const { return asWords(inside.front()).toStdString(); }
    };
    return std::visit(Shown(), value.is);
}

/// The sentence with its places still open.
std::string formOf(const Message& said)
{
    if (said.form_of_many.empty()) return translated(said.form).toStdString();
    const std::string form =
        QCoreApplication::translate(context, said.form.c_str(), nullptr, static_cast<int>(said.count)).toStdString();
    const bool isTranslated = form != filled(said.form, {}, whole_text(said.count));
    return isTranslated || said.count == 1 ? form : filled(said.form_of_many, {}, whole_text(said.count));
}

/// English does; German begins every noun with a capital.
bool writesNounsSmall()
{
    const auto language = QLocale().language();
    return language == QLocale::English || language == QLocale::C;
}

} // namespace

QString inPlaces(double value, int places) { return QLocale().toString(value, 'f', places); }
QString inDigits(double value, int digits) { return QLocale().toString(value, 'g', digits); }

std::optional<double> numberIn(const QString& typed)
{
    QLocale own;
    own.setNumberOptions(QLocale::RejectGroupSeparator); // a point is no group of thousands where somebody means a fraction
    bool number = false;
    for (const QLocale& locale : {own, QLocale::c()})
        if (const double value = locale.toDouble(typed, &number); number) return value;
    return std::nullopt;
}

QString asWords(const Message& said)
{
    if (said.empty()) return {};
    std::vector<std::string> shown;
    shown.reserve(said.values.size());
    for (const MessageValue& value : said.values) shown.push_back(shownValue(value));
    const std::string form = formOf(said);
    QString all = QString::fromStdString(filled(form, shown));
    if (said.begins == Message::Begins::Capital) all[0] = all[0].toUpper();
    if (said.begins == Message::Begins::Small && writesNounsSmall()) all[0] = all[0].toLower();
    return all;
}

QString asWords(std::string_view label) { return translated(std::string(label)); }

std::string asKept(const QString& field, const std::string& before)
{
    const QString written = field.simplified();
    return written == asWords(before).simplified() ? before : written.toStdString();
}

} // namespace bh::desk
