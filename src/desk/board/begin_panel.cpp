#include "desk/board/begin_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/look/theme.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

namespace bh::desk {
namespace {

/// A ring, or a disc where it is done.
void showMark(QLabel& label, bool done)
{
    constexpr int px = 16;
    QPixmap picture(px, px);
    picture.fill(Qt::transparent);
    QPainter p(&picture);
    paintMark(p, picture.rect(), done ? StateMark::Done : StateMark::Due, done ? theme().held : theme().attention);
    p.end();
    label.setPixmap(picture);
    label.setAccessibleName(done ? QObject::tr("done") : QObject::tr("to do"));
}

QString whyOf(BeginStep step, const BeginFacts& facts, bool done)
{
    switch (step) {
    case BeginStep::Pilot:
        return QObject::tr("A name is enough. Everything else is kept with the pilot who is chosen at the left.");
    case BeginStep::Kit:
        return facts.kit_items == 0
                   ? QObject::tr("What a station needs, to be ticked; what can be seen ticks itself.")
                   : QObject::tr("What a station needs: %1 of %2 ticked.").arg(facts.kit_ticked).arg(facts.kit_items);
    case BeginStep::Controller:
        return done ? QObject::tr("The controller in use is ready. Without one, the simulated controller stands in.")
                    : QObject::tr("Calibrate the controller that is plugged in; it takes two minutes.");
    case BeginStep::Setup:
        return QObject::tr("The real aircraft that is to be flown one day, and the practice aircraft nearest to it.");
    case BeginStep::Rates:
        return done ? QObject::tr("Matched, or put off: hours until then count as practice, not as hours on matched rates.")
                    : QObject::tr("What is practised on like the aircraft's: hours on other rates are learnt anew.");
    case BeginStep::Drill:
        return QObject::tr("The first one is chosen already. It is scored against limits, and says what to change.");
    }
    return {};
}

} // namespace

QString beginInWords(BeginStep step)
{
    switch (step) {
    case BeginStep::Pilot: return QObject::tr("Add the first pilot");
    case BeginStep::Kit: return QObject::tr("Look through the kit");
    case BeginStep::Controller: return QObject::tr("Make the controller ready");
    case BeginStep::Setup: return QObject::tr("Set the aircraft up");
    case BeginStep::Rates: return QObject::tr("Match the rates");
    case BeginStep::Drill: return QObject::tr("Fly the first drill");
    }
    return {};
}

BeginPanel::BeginPanel(QWidget* parent) : QFrame(parent)
{
    setObjectName(QStringLiteral("begin"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    for (const BeginStep step :
         {BeginStep::Pilot, BeginStep::Kit, BeginStep::Controller, BeginStep::Setup, BeginStep::Rates, BeginStep::Drill})
        layout->addWidget(makeRow(step));
}

QFrame* BeginPanel::makeRow(BeginStep step)
{
    auto* frame = new QFrame;
    frame->setObjectName(QStringLiteral("card"));
    Row row{step, new QLabel, new QLabel, new QLabel, new QPushButton, nullptr};
    constexpr int name_px = 190, button_px = 210;
    row.name->setMinimumWidth(scaled(name_px));
    row.name->setText(tr("%1. %2").arg(rows_.size() + 1).arg(beginInWords(step)));
    row.why->setProperty("quiet", true);
    row.why->setWordWrap(true);
    row.go->setObjectName(QStringLiteral("begin-%1").arg(rows_.size() + 1));
    row.go->setMinimumWidth(scaled(button_px));
    connect(row.go, &QPushButton::clicked, this, [this, step] { Q_EMIT asked(step); });
    auto* layout = new QHBoxLayout(frame);
    layout->setContentsMargins(16, 8, 8, 8);
    layout->setSpacing(8);
    layout->addWidget(row.mark);
    layout->addWidget(row.name);
    layout->addWidget(row.why, 1);
    if (step == BeginStep::Rates) {
        row.later = namedButton(tr("Later"), "beginLater", tr("Fly first; it stays due on the Rates page"));
        connect(row.later, &QPushButton::clicked, this, [this, step] { Q_EMIT putOff(step); });
        layout->addWidget(row.later);
    }
    layout->addWidget(row.go);
    rows_.push_back(row);
    return frame;
}

void BeginPanel::show(const std::vector<BeginLine>& lines, const BeginFacts& facts)
{
    setVisible(!lines.empty());
    const auto next = std::find_if(lines.begin(), lines.end(), [](const BeginLine& l) { return !l.done; });
    for (const BeginLine& line : lines) {
        const auto row = std::find_if(rows_.begin(), rows_.end(), [&](const Row& r) { return r.step == line.step; });
        const bool now = &line == &*next;
        showMark(*row->mark, line.done);
        row->name->setFont(uiFont(text_points, now));
        row->why->setText(whyOf(line.step, facts, line.done));
        row->go->setText(now ? beginInWords(line.step) : tr("Look"));
        row->go->setAccessibleName(now ? beginInWords(line.step) : tr("Look: %1").arg(beginInWords(line.step)));
        row->go->setToolTip(row->why->text());
        setPrimary(row->go, now);
        if (row->later) row->later->setVisible(!line.done);
    }
}

} // namespace bh::desk
