#pragma once

#include <cstdint>
#include <optional>
#include <ostream>
#include <string>
#include <string_view>
#include <type_traits>
#include <utility>
#include <variant>
#include <vector>

namespace bh {

/// A number as it is to be read: with so many places behind the point, or so many digits that matter.
struct Rounded {
    double value = 0;
    int digits = 0;
    bool significant = false;
};
[[nodiscard]] constexpr Rounded rounded(double value, int places) { return {value, places, false}; }
/// "3", "2.5", "0.25": no more than so many digits, and no noughts at the end.
[[nodiscard]] constexpr Rounded significant(double value, int digits) { return {value, digits, true}; }

/// A part of a drill by its id, such as "turn-left"; each language has names for them.
struct PhaseId {
    std::string id;
};

struct SaidValue;

/// Something that the program tells a person, before it is in anybody's language: which sentence, and the values that go in. The
/// sentence's code is its English form with places %1, %2, … for the values (and %n for a count that a plural depends on); other
/// languages find theirs by it. A form is always written out where it is said, so that all of them can be listed.
struct Said {
    Said();
    /// A word or a sentence without values. Of a text that is not the program's own (a name), the text itself.
    Said(std::string_view form_);
    Said(const char* form_);
    Said(const std::string& form_);

    std::string form;
    std::string form_of_many; ///< English for a count other than one; empty: there is no count
    std::int64_t count = 0;
    std::vector<SaidValue> values;
    enum class Begins : std::uint8_t { AsItIs, Capital, Small } begins = Begins::AsItIs; ///< Small: in English only

    [[nodiscard]] bool empty() const { return form.empty(); }
    /// In English, as files and the command line have it in every language.
    [[nodiscard]] std::string english() const;

    friend bool operator==(const Said& a, const Said& b) { return a.english() == b.english(); }
    friend bool operator==(const Said& a, std::string_view english) { return a.english() == english; }
    friend bool operator==(const Said& a, const char* english) { return a.english() == english; }
    friend std::ostream& operator<<(std::ostream& out, const Said& one) { return out << one.english(); }
};

/// A name or a text of somebody's, a count, a number to be rounded, a part of a drill, or something said inside.
struct SaidValue {
    std::variant<std::string, std::int64_t, Rounded, PhaseId, std::vector<Said>> is;

    SaidValue(std::string_view text) : is(std::string(text)) {}
    SaidValue(const std::string& text) : is(text) {}
    SaidValue(const char* text) : is(std::string(text)) {}
    SaidValue(char letter) : is(std::string(1, letter)) {}
    template <class Count, std::enable_if_t<std::is_integral_v<Count>, int> = 0>
    SaidValue(Count count) : is(static_cast<std::int64_t>(count))
    {
    }
    SaidValue(Rounded number) : is(number) {}
    SaidValue(PhaseId phase) : is(std::move(phase)) {}
    SaidValue(Said inside) : is(std::vector<Said>{std::move(inside)}) {}
};

// Not within the class: there the values are not known yet, and not every compiler makes a list of such.
inline Said::Said() = default;
inline Said::Said(std::string_view form_) : form(form_) {}
inline Said::Said(const char* form_) : form(form_) {}
inline Said::Said(const std::string& form_) : form(form_) {}

/// said("%1 of %2 h", rounded(hours, 1), rounded(wanted, 0))
template <class... Values>
[[nodiscard]] Said said(std::string_view form, Values&&... values)
{
    Said all(form);
    (all.values.emplace_back(std::forward<Values>(values)), ...);
    return all;
}

/// said_of(passes, "passed %n time of %1", "passed %n times of %1", wanted)
template <class... Values>
[[nodiscard]] Said said_of(std::int64_t count, std::string_view of_one, std::string_view of_many, Values&&... values)
{
    Said all = said(of_one, std::forward<Values>(values)...);
    all.form_of_many = of_many, all.count = count;
    return all;
}

/// Marks a word or a sentence of a table as one that other languages have.
[[nodiscard]] constexpr std::string_view label(std::string_view form) { return form; }

/// As it begins a sentence.
[[nodiscard]] inline Said capital(Said one)
{
    one.begins = Said::Begins::Capital;
    return one;
}
/// As it goes on in one; a language that writes nouns with a capital leaves it.
[[nodiscard]] inline Said small(Said one)
{
    one.begins = Said::Begins::Small;
    return one;
}

/// One after the other, "a, b, c" for a separator ", ".
[[nodiscard]] Said joined(const std::vector<Said>& parts, std::string_view separator);

/// A form with its places filled; `count` for %n. Places without a value stay.
[[nodiscard]] std::string filled(std::string_view form, const std::vector<std::string>& values, std::string_view count = {});

/// As English has it: a point, no grouping.
[[nodiscard]] std::string english(Rounded number);

} // namespace bh
