#include "desk/controller/grip_panel.h"

#include "core/base/stats.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QTableWidget>

namespace bh::desk {
namespace {

const char* const grip_words[] = {QT_TRANSLATE_NOOP("bh::desk::GripPanel", "Thumb on top"),
                                  QT_TRANSLATE_NOOP("bh::desk::GripPanel", "Pinch, finger and thumb"),
                                  QT_TRANSLATE_NOOP("bh::desk::GripPanel", "Hybrid, thumb on top of a pinch")};
constexpr double target_radius = 0.09; // shares of the stick's travel

} // namespace

TappingView::TappingView(QWidget* parent) : SpokenView(parent)
{
    setAccessibleName(tr("Targets and cursor"));
    setMinimumSize(260, 260);
}

void TappingView::show(const TappingRun* run, QPointF cursor)
{
    run_ = run;
    cursor_ = cursor;
    saysOtherwise();
    update();
}

QString TappingView::inWords() const
{
    if (!run_) return tr("No round runs.");
    if (run_->done()) return tr("The round is over.");
    const TapTarget& next = run_->targets()[run_->current()];
    return tr("Target %1 of %2: %3 % across, %4 % up; the stick is at %5 and %6")
        .arg(run_->current() + 1)
        .arg(run_->targets().size())
        .arg(inPlaces(100 * next.x, 0))
        .arg(inPlaces(100 * next.y, 0))
        .arg(inPlaces(100 * cursor_.x(), 0))
        .arg(inPlaces(100 * cursor_.y(), 0));
}

void TappingView::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double half = std::min(width(), height()) / 2.0 - 6;
    const QPointF middle = rect().toRectF().center();
    const auto at = [&](double x, double y) { return middle + QPointF(x, -y) * half; };
    p.setPen(QPen(t.line, 1));
    p.setBrush(t.card);
    p.drawEllipse(middle, half, half);
    const auto places = run_ ? run_->targets() : tapping_targets(GripPanel::targets, GripPanel::circle_share);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.steel, 1.5));
    for (const TapTarget& place : places) p.drawEllipse(at(place.x, place.y), target_radius * half, target_radius * half);
    if (run_ && !run_->done()) { // the one to go to: filled, and crossed so that colour is not needed
        const TapTarget& next = run_->targets()[run_->current()];
        const QPointF c = at(next.x, next.y);
        const double r = target_radius * half;
        p.setPen(QPen(t.attention, 2.5));
        p.drawEllipse(c, r, r);
        p.drawLine(c - QPointF(r, 0), c + QPointF(r, 0));
        p.drawLine(c - QPointF(0, r), c + QPointF(0, r));
    }
    p.setPen(QPen(t.night ? t.onChrome : t.chrome, 2));
    p.setBrush(t.card);
    p.drawEllipse(at(cursor_.x(), cursor_.y()), 6, 6);
}

GripPanel::GripPanel(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("gripWords"));
    words_->setFont(uiFont(text_points, true));
    words_->setWordWrap(true);
    words_->setMinimumHeight(scaled(44));
    grip_ = new QComboBox;
    grip_->setObjectName(QStringLiteral("grip"));
    grip_->setAccessibleName(tr("Grip"));
    for (const char* words : grip_words) grip_->addItem(tr(words));
    start_ = new QPushButton(tr("Start a round"));
    start_->setObjectName(QStringLiteral("startRound"));
    setPrimary(start_);
    stop_ = new QPushButton(tr("Stop"));
    stop_->setObjectName(QStringLiteral("stopRound"));
    view_ = new TappingView;
    table_ = new QTableWidget(3, 4);
    table_->setObjectName(QStringLiteral("gripTable"));
    table_->setAccessibleName(tr("Rounds by grip"));
    table_->setHorizontalHeaderLabels({tr("Grip"), tr("Rounds"), tr("Throughput"), tr("Per target")});
    explain(table_, {tr("How the stick is held."), tr("Rounds of eleven targets on this pilot's record."),
                     tr("Mean over the rounds of log2(distance / width + 1) / time, bit/s; width = 4.133 x the spread of where "
                        "the cursor came to rest (ISO/TS 9241-411:2012, from memory)."),
                     tr("Mean time from one rest to the next, without the rest itself.")});
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setTabKeyNavigation(false);
    table_->setFixedHeight(scaled(3 * 30 + 36));
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    verdict_ = new QLabel;
    verdict_->setObjectName(QStringLiteral("gripVerdict"));
    verdict_->setWordWrap(true);
    explain(verdict_, tr("Mean difference of throughput between rounds of two grips, the latest paired in order; the interval is "
                         "the middle 95 % of 4,000 seeded resamplings (bootstrap). "
                         "When it holds 0 the rounds cannot tell the grips apart."));
    auto* foot = new QLabel(tr("The right stick drives the cursor. Go to the crossed target and rest there for a moment; a miss "
                               "counts as where it rested. "
                               "Change the grip between rounds, in turns: five rounds of each are needed to compare (house)."));
    foot->setObjectName(QStringLiteral("quiet"));
    foot->setWordWrap(true);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(grip_);
    buttons->addWidget(start_);
    buttons->addWidget(stop_);
    buttons->addStretch();
    auto* side = new QVBoxLayout;
    side->addWidget(table_);
    side->addWidget(verdict_);
    side->addWidget(foot);
    side->addStretch();
    auto* columns = new QHBoxLayout;
    columns->setSpacing(16);
    columns->addWidget(view_, 3);
    columns->addLayout(side, 2);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(words_);
    layout->addLayout(buttons);
    layout->addLayout(columns, 1);
    timer_.setInterval(8);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, &GripPanel::look);
    connect(start_, &QPushButton::clicked, this, &GripPanel::startRound);
    connect(stop_, &QPushButton::clicked, this, &GripPanel::stopRound);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (isVisible() && changes.any({Kind::GripRound, Kind::Pilot}, station_.pilotId())) refresh();
    });
    connect(&station_, &Station::pilotChosen, this, [this] {
        stopRound();
        if (isVisible()) refresh();
    });
    connect(&station_, &Station::devicesChanged, this, [this] {
        if (!station_.devicePresent()) stopRound();
    });
    refresh();
}

void GripPanel::startRound()
{
    if (station_.pilotId().empty() || station_.controllerState() != Station::Controller::Ready) return;
    run_.emplace(targets, circle_share);
    timer_.start();
    refresh();
}

void GripPanel::stopRound()
{
    if (!run_) return;
    run_.reset();
    timer_.stop();
    refresh();
}

void GripPanel::look()
{
    const StickMode mode = station_.stickMode();
    const Sticks sticks = station_.input().sticks();
    const QPointF cursor(on_stick(sticks, mode.right_across), on_stick(sticks, mode.right_up));
    const bool confirmed = run_->look(ControllerHub::now_s(), cursor.x(), cursor.y());
    view_->show(&*run_, cursor);
    if (!confirmed) return;
    if (!run_->done()) return refresh();
    const auto result = pointing(run_->taps());
    const GripRound row{"",
                        station_.pilotId(),
                        0,
                        all_grips[static_cast<std::size_t>(grip_->currentIndex())],
                        result ? result->throughput_bps : 0,
                        result ? result->mean_time_s : 0,
                        result ? result->taps : 0};
    view_->show(nullptr, {});
    run_.reset();
    timer_.stop();
    if (result && std::isfinite(row.throughput_bps))
        school_.add_grip_round(row);
    else
        words_->setText(
            tr("This round cannot be used: %1.").arg(result ? tr("every rest was on the same spot") : asWords(result.error())));
    refresh();
}

void GripPanel::refresh()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    const bool ready = pilot && station_.controllerState() == Station::Controller::Ready;
    start_->setEnabled(ready && !run_);
    stop_->setVisible(run_.has_value());
    grip_->setEnabled(!run_);
    words_->setText(
        !pilot   ? tr("Choose or add a pilot first; the rounds are kept per pilot.")
        : !ready ? tr("Calibrate and verify the controller first.")
        : run_
            ? (run_->current() == 0 ? tr("Rest on the crossed target to begin.")
                                    : tr("Target %1 of %2.").arg(run_->current()).arg(run_->targets().size() - 1))
            : tr("Which grip suits %1? Choose one, start a round, tap eleven targets.").arg(QString::fromStdString(pilot->name)));
    std::array<std::vector<double>, 3> throughput, times;
    if (pilot)
        for (const GripRound& r : school_.grip_rounds(pilot->id))
            for (std::size_t g = 0; g < 3; ++g)
                if (r.grip == all_grips[g]) throughput[g].push_back(r.throughput_bps), times[g].push_back(r.mean_time_s);
    QStringList verdicts;
    for (std::size_t g = 0; g < 3; ++g) {
        const auto cell = [&](int column, const QString& text, bool right) {
            auto* item = new QTableWidgetItem(text);
            item->setTextAlignment((right ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
            table_->setItem(static_cast<int>(g), column, item);
        };
        const bool any = !throughput[g].empty();
        cell(0, asWords(grip_key(all_grips[g])), false);
        cell(1, QString::number(throughput[g].size()), true);
        cell(2, any ? tr("%1 bit/s").arg(inPlaces(mean(throughput[g]), 2)) : QStringLiteral("–"), true);
        cell(3, any ? tr("%1 s").arg(inPlaces(mean(times[g]), 2)) : QStringLiteral("–"), true);
        for (std::size_t other = g + 1; other < 3; ++other) {
            const std::size_t pairs = std::min(throughput[g].size(), throughput[other].size());
            if (pairs == 0) continue;
            const std::vector<double> a(throughput[g].end() - static_cast<long>(pairs), throughput[g].end());
            const std::vector<double> b(throughput[other].end() - static_cast<long>(pairs), throughput[other].end());
            if (const auto c = compare_grips(std::string(grip_key(all_grips[g])), a, std::string(grip_key(all_grips[other])), b))
                verdicts << asWords(c->words);
        }
    }
    for (QString& v : verdicts) v[0] = v[0].toUpper();
    verdict_->setText(verdicts.isEmpty() ? tr("Nothing to compare yet.") : verdicts.join(QLatin1Char('\n')));
    if (!run_) view_->show(nullptr, {});
}

} // namespace bh::desk
