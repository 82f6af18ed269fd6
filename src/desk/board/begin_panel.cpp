#include "desk/board/begin_panel.h"

#include "desk/parts/theme.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

namespace bh::desk {
namespace {

/// A ring, or a disc where it is done.
QLabel* markOf(bool done)
{
    constexpr int px = 16;
    QPixmap picture(px, px);
    picture.fill(Qt::transparent);
    QPainter p(&picture);
    paintMark(p, picture.rect(), done ? StateMark::Done : StateMark::Due, done ? theme().held : theme().attention);
    p.end();
    auto* label = new QLabel;
    label->setPixmap(picture);
    label->setAccessibleName(done ? QObject::tr("done") : QObject::tr("to do"));
    return label;
}

QString whyOf(BeginStep step, const BeginFacts& facts, bool done)
{
    switch (step) {
    case BeginStep::Pilot: return QObject::tr("A name is enough. Everything else is kept with the pilot who is chosen at the left.");
    case BeginStep::Kit:
        return facts.kit_items == 0 ? QObject::tr("What a station needs, to be ticked; what can be seen ticks itself.")
                                    : QObject::tr("What a station needs: %1 of %2 ticked.").arg(facts.kit_ticked).arg(facts.kit_items);
    case BeginStep::Controller:
        return done ? QObject::tr("The controller in use is ready. Without one, the simulated controller stands in.")
                    : QObject::tr("Calibrate the controller that is plugged in; it takes two minutes.");
    case BeginStep::Setup: return QObject::tr("The real aircraft that is to be flown one day, and the practice aircraft nearest to it.");
    case BeginStep::Drill: return QObject::tr("The first one is chosen already. It is scored against limits, and says what to change.");
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
    case BeginStep::Drill: return QObject::tr("Fly the first drill");
    }
    return {};
}

BeginPanel::BeginPanel(QWidget* parent) : QFrame(parent), rows_(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("begin"));
    rows_->setContentsMargins(0, 0, 0, 0);
    rows_->setSpacing(8);
}

void BeginPanel::show(const std::vector<BeginLine>& lines, const BeginFacts& facts)
{
    while (QLayoutItem* item = rows_->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
    setVisible(!lines.empty());
    const auto next = std::find_if(lines.begin(), lines.end(), [](const BeginLine& l) { return !l.done; });
    for (auto line = lines.begin(); line != lines.end(); ++line) {
        auto* row = new QFrame;
        row->setObjectName(QStringLiteral("card"));
        auto* name = new QLabel(tr("%1. %2").arg(line - lines.begin() + 1).arg(beginInWords(line->step)));
        name->setFont(uiFont(10, line == next));
        constexpr int name_px = 190;
        name->setMinimumWidth(name_px);
        auto* why = new QLabel(whyOf(line->step, facts, line->done));
        why->setProperty("quiet", true);
        why->setWordWrap(true);
        auto* go = new QPushButton(line == next ? beginInWords(line->step) : tr("Look"));
        go->setObjectName(QStringLiteral("begin-%1").arg(line - lines.begin() + 1));
        go->setAccessibleName(line == next ? beginInWords(line->step) : tr("Look: %1").arg(beginInWords(line->step)));
        go->setToolTip(whyOf(line->step, facts, line->done));
        go->setProperty("primary", line == next);
        constexpr int button_px = 210;
        go->setMinimumWidth(button_px);
        connect(go, &QPushButton::clicked, this, [this, step = line->step] { Q_EMIT asked(step); }, Qt::QueuedConnection);
        auto* layout = new QHBoxLayout(row);
        layout->setContentsMargins(12, 8, 8, 8);
        layout->setSpacing(12);
        layout->addWidget(markOf(line->done));
        layout->addWidget(name);
        layout->addWidget(why, 1);
        layout->addWidget(go);
        rows_->addWidget(row);
    }
}

} // namespace bh::desk
