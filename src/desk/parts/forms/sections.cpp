#include "desk/parts/forms/sections.h"

#include "desk/parts/forms/buttons.h"

#include <utility>

namespace bh::desk {

QPushButton* Sections::add(const QString& words, const QString& name, std::function<QWidget*()> make)
{
    auto* button = new QPushButton(words);
    button->setObjectName(name);
    button->setCheckable(true);
    leaveRoomForBold(button);              // the chosen one is
    const int at = addWidget(new QWidget); // stands in until the part is made
    makers_.push_back(std::move(make));
    if (at == 0) makeNow(at);
    button->setChecked(at == currentIndex());
    // By its state rather than by a click: whoever works it over the accessibility bus toggles it.
    connect(button, &QPushButton::toggled, this, [this, at, button](bool on) {
        if (on && currentIndex() != at) choose(at);
        if (!on && currentIndex() == at) button->setChecked(true);
    });
    buttons_.push_back(button);
    return button;
}

void Sections::makeNow(int section)
{
    auto& make = makers_[static_cast<std::size_t>(section)];
    if (!make) return;
    QWidget* stand_in = widget(section);
    const bool shown = currentIndex() == section;
    removeWidget(stand_in);
    delete stand_in;
    insertWidget(section, std::exchange(make, nullptr)());
    if (shown) setCurrentIndex(section);
}

void Sections::choose(int section)
{
    makeNow(section);
    setCurrentIndex(section);
    for (std::size_t i = 0; i < buttons_.size(); ++i) buttons_[i]->setChecked(static_cast<int>(i) == section);
    Q_EMIT chosen(section);
}

} // namespace bh::desk
