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

struct MessageValue;

/// Something that the program tells a person, before it is in anybody's language: which sentence, and the values that go in. The
/// sentence's code is its English form with places %1, %2, … for the values (and %n for a count that a plural depends on); other
/// languages find theirs by it. A form is always written out where it is said, so that all of them can be listed.
struct Message {
    Message();
    /// A word or a sentence without values. Of a text that is not the program's own (a name), the text itself.
    Message(std::string_view form_);
    Message(const char* form_);
    Message(const std::string& form_);

    std::string form;
    std::string form_of_many; ///< English for a count other than one; empty: there is no count
    std::int64_t count = 0;
    std::vector<MessageValue> values;
    enum class Begins : std::uint8_t { AsItIs, Capital, Small } begins = Begins::AsItIs; ///< Small: in English only

    [[nodiscard]] bool empty() const { return form.empty(); }
    /// In English, as files and the command line have it in every language.
    [[nodiscard]] std::string english() const;

    friend bool operator==(const Message& a, const Message& b) { return a.english() == b.english(); }
    friend bool operator==(const Message& a, std::string_view english) { return a.english() == english; }
    friend bool operator==(const Message& a, const char* english) { return a.english() == english; }
    friend std::ostream& operator<<(std::ostream& out, const Message& one) { return out << one.english(); }
};

/// A name or a text of somebody's, a count, a number to be rounded, a part of a drill, or something said inside.
struct MessageValue {
    std::variant<std::string, std::int64_t, Rounded, PhaseId, std::vector<Message>> is;

    MessageValue(std::string_view text) : is(std::string(text)) {}
    MessageValue(const std::string& text) : is(text) {}
    MessageValue(const char* text) : is(std::string(text)) {}
    MessageValue(char letter) : is(std::string(1, letter)) {}
    template <class Count, std::enable_if_t<std::is_integral_v<Count>, int> = 0>
    MessageValue(Count count) : is(static_cast<std::int64_t>(count))
    {
    }
    MessageValue(Rounded number) : is(number) {}
    MessageValue(PhaseId phase) : is(std::move(phase)) {}
    MessageValue(Message inside) : is(std::vector<Message>{std::move(inside)}) {}
};

// Not within the class: there the values are not known yet, and not every compiler makes a list of such.
inline Message::Message() = default;
inline Message::Message(std::string_view form_) : form(form_) {}
inline Message::Message(const char* form_) : form(form_) {}
inline Message::Message(const std::string& form_) : form(form_) {}

/// message("%1 of %2 h", rounded(hours, 1), rounded(wanted, 0))
template <class... Values>
[[nodiscard]] Message message(std::string_view form, Values&&... values)
{
    Message all(form);
    (all.values.emplace_back(std::forward<Values>(values)), ...);
    return all;
}

/// said_of(passes, "passed %n time of %1", "passed %n times of %1", wanted)
template <class... Values>
[[nodiscard]] Message message_of(std::int64_t count, std::string_view of_one, std::string_view of_many, Values&&... values)
{
    Message all = message(of_one, std::forward<Values>(values)...);
    all.form_of_many = of_many, all.count = count;
    return all;
}

/// Marks a word or a sentence of a table as one that other languages have.
[[nodiscard]] constexpr std::string_view label(std::string_view form) { return form; }

/// As it begins a sentence.
[[nodiscard]] inline Message capital(Message one)
{
    one.begins = Message::Begins::Capital;
    return one;
}
/// As it goes on in one; a language that writes nouns with a capital leaves it.
[[nodiscard]] inline Message small(Message one)
{
    one.begins = Message::Begins::Small;
    return one;
}

/// One after the other, "a, b, c" for a separator ", ".
[[nodiscard]] Message joined(const std::vector<Message>& parts, std::string_view separator);

/// A form with its places filled; `count` for %n. Places without a value stay.
[[nodiscard]] std::string filled(std::string_view form, const std::vector<std::string>& values, std::string_view count = {});

/// As English has it: a point, no grouping.
[[nodiscard]] std::string english(Rounded number);

} // namespace bh
