#include "core/base/message.h"

#include "core/base/number_text.h"

#include <cstdio>

namespace bh {
namespace {

std::string english_value(const MessageValue& value)
{
    struct Shown {
        std::string operator()(const std::string& text) const { return text; }
        std::string operator()(std::int64_t count) const { return whole_text(count); }
        std::string operator()(Rounded number) const { return bh::english(number); }
        std::string operator()(const PhaseId& phase) const { return phase.id; }
        std::string operator()(const std::vector<Message>& inside) const { return inside.front().english(); }
    };
    return std::visit(Shown(), value.is);
}

} // namespace

std::string english(Rounded number)
{
    return number.significant ? to_digits(number.value, number.digits) : fixed(number.value, number.digits);
}

std::string filled(std::string_view form, const std::vector<std::string>& values, std::string_view count)
{
    std::string all;
    for (std::size_t i = 0; i < form.size(); ++i) {
        const char next = form[i] == '%' && i + 1 < form.size() ? form[i + 1] : '\0';
        const std::size_t place = next >= '1' && next <= '9' ? static_cast<std::size_t>(next - '1') : values.size();
        if (place < values.size())
            all += values[place], ++i;
        else if (next == 'n' && !count.empty())
            all += count, ++i;
        else
            all += form[i];
    }
    return all;
}

std::string Message::english() const
{
    std::vector<std::string> shown;
    shown.reserve(values.size());
    for (const MessageValue& value : values) shown.push_back(english_value(value));
    std::string all = filled(form_of_many.empty() || count == 1 ? form : form_of_many, shown,
                             form_of_many.empty() ? std::string() : whole_text(count));
    if (all.empty()) return all;
    if (begins == Begins::Capital && all[0] >= 'a' && all[0] <= 'z') all[0] = static_cast<char>(all[0] - 'a' + 'A');
    if (begins == Begins::Small && all[0] >= 'A' && all[0] <= 'Z') all[0] = static_cast<char>(all[0] - 'A' + 'a');
    return all;
}

Message joined(const std::vector<Message>& parts, std::string_view separator)
{
    Message all;
    for (const Message& part : parts) all = all.empty() ? part : message("%1" + std::string(separator) + "%2", all, part);
    return all;
}

} // namespace bh
