#include "desk/parts/forms/begin_card.h"

#include "desk/parts/forms/buttons.h"
#include "school/school.h"
#include "station/station.h"

#include <QAction>
#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace bh::desk {

BeginCard::BeginCard(const QString& shows, School& school, Station& station)
    : BeginCard(shows, school, station, {}, [&school, &station] { return !school.pilot(station.pilotId()); })
{
}

BeginCard::BeginCard(const QString& shows, School& school, Station& station, First first, std::function<bool()> empty)
    : school_(school), station_(station), first_(std::move(first)), empty_(std::move(empty))
{
    setObjectName(QStringLiteral("card"));
    auto* words = new QLabel(shows);
    words->setWordWrap(true);
    begin_ = namedButton({}, "beginHere", shows);
    setPrimary(begin_);
    connect(begin_, &QPushButton::clicked, this, [this] {
        if (auto* command = window()->findChild<QAction*>(QString::fromLatin1(command_))) command->trigger();
    });
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 8, 8, 8);
    layout->setSpacing(16);
    layout->addWidget(words, 1);
    layout->addWidget(begin_);
    connect(&school_, &School::changed, this, &BeginCard::refresh);
    connect(&station_, &Station::pilotChosen, this, &BeginCard::refresh);
    refresh();
}

void BeginCard::refresh()
{
    const bool empty = empty_();
    if (!empty || parentWidget()) setVisible(empty); // before it has a place it would be a window
    const First first = school_.pilots().empty()             ? First{tr("Add the first pilot"), "pilot-new"}
                        : !school_.pilot(station_.pilotId()) ? First{tr("Find a pilot"), "pilot-find"}
                                                             : first_;
    begin_->setText(first.words);
    command_ = first.command;
}

} // namespace bh::desk
