#include "desk/rates/feel_panel.h"

#include "core/drill/free_flight.h"
#include "desk/parts/flight/flight_view.h"
#include "desk/parts/flight/keyboard_sticks.h"
#include "desk/parts/flight/show_flight.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/look/theme.h"
#include "desk/rates/handling_form.h"
#include "desk/words/message_words.h"
#include "school/school.h"
#include "station/flight_start.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QLabel>
#include <QRandomGenerator>
#include <QStackedWidget>

namespace bh::desk {
namespace {

enum Choice { RealCurve, PractisedCurve, MatchCurve };
constexpr double told_apart = 0.05; // the usual level

} // namespace

FeelPanel::FeelPanel(School& school, Station& station, KeyboardSticks& keys, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    view_ = new FlightView;
    view_->setObjectName(QStringLiteral("feelView"));
    keys.watch(view_);
    setFocusProxy(view_);
    makeChoices();
    form_ = new HandlingForm;
    connect(form_, &HandlingForm::rated, this, [this](int rating) {
        school_.add_handling(station_.pilotId(), {0, rating, "", context_.practised});
        shown_->setCurrentWidget(view_);
        refresh();
    });
    shown_ = new QStackedWidget;
    shown_->addWidget(view_);
    auto* questions = new QWidget;
    auto* upper = new QVBoxLayout(questions);
    upper->addWidget(form_);
    upper->addStretch();
    shown_->addWidget(questions);
    connectButtons();
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("feelWords"));
    words_->setWordWrap(true);
    verdict_ = new QLabel;
    verdict_->setObjectName(QStringLiteral("feelVerdict"));
    verdict_->setProperty("quiet", true);
    verdict_->setWordWrap(true);

    auto* curves = new QHBoxLayout;
    curves->setSpacing(8);
    for (auto [name, box] : {std::pair{tr("A"), a_}, {tr("B"), b_}}) {
        curves->addWidget(new QLabel(name));
        curves->addWidget(box);
    }
    curves->addStretch();
    curves->addWidget(blind_);
    auto* keysRow = new QHBoxLayout;
    keysRow->setSpacing(8);
    for (QPushButton* b : {fly_, toA_, toB_, toX_, pause_, rate_}) keysRow->addWidget(b);
    keysRow->addStretch();
    for (QPushButton* b : {isA_, isB_}) keysRow->addWidget(b);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addLayout(curves);
    column->addLayout(keysRow);
    column->addWidget(words_);
    column->addWidget(verdict_);
    column->addWidget(shown_, 1);
    timer_.setInterval(100);
    connect(&timer_, &QTimer::timeout, this, &FeelPanel::follow);
    connect(&station_, &Station::deviceChosen, this, &FeelPanel::refresh);
    refresh();
}

void FeelPanel::makeChoices()
{
    const auto choice = [this](const char* name, const QString& spoken, int first) {
        auto* box = new QComboBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(spoken);
        box->addItems({tr("real aircraft"), tr("practised now"), tr("match")});
        box->setCurrentIndex(first);
        box->setFocusPolicy(Qt::TabFocus);
        connect(box, &QComboBox::activated, this, &FeelPanel::refresh);
        return box;
    };
    a_ = choice("feelA", tr("Curve A"), RealCurve);
    b_ = choice("feelB", tr("Curve B"), PractisedCurve);
    fly_ = tabButton({}, "feelFly", tr("Take off with curve A; the time counts as practice"));
    setPrimary(fly_);
    toA_ = tabButton({}, "feelToA", tr("Curve A, in the air"));
    toB_ = tabButton({}, "feelToB", tr("Curve B, in the air"));
    toX_ = tabButton({}, "feelToX", tr("The curve to be told, in the air"));
    pause_ = tabButton({}, "feelPause", tr("Hold the flight still, and go on"));
    blind_ = tabButton(tr("Blind test"), "feelBlind",
                       tr("Eight times X is A or B, by chance. Fly A, B and X as long as you like, then say which it was."));
    isA_ = tabButton(tr("X is A"), "feelIsA", tr("Says so, and goes on to the next"));
    isB_ = tabButton(tr("X is B"), "feelIsB", tr("Says so, and goes on to the next"));
    rate_ = tabButton(tr("Rate it"), "feelRate",
                      tr("A few questions about the flight with the practised rates; the rating is kept with them"));
    connect(rate_, &QPushButton::clicked, this, &FeelPanel::askHowItWas);
}

void FeelPanel::connectButtons()
{
    connect(blind_, &QPushButton::clicked, this, &FeelPanel::beginBlind);
    connect(isA_, &QPushButton::clicked, this, [this] { say(false); });
    connect(isB_, &QPushButton::clicked, this, [this] { say(true); });
    const struct {
        Qt::Key key;
        const char* id;
        QString words;
        QPushButton* button;
        void (FeelPanel::*action)();
    } keys[] = {{Qt::Key_F5, "feel-fly", tr("Fly"), fly_, &FeelPanel::begin},
                {Qt::Key_1, "feel-a", tr("A"), toA_, &FeelPanel::useA},
                {Qt::Key_2, "feel-b", tr("B"), toB_, &FeelPanel::useB},
                {Qt::Key_3, "feel-x", tr("X"), toX_, &FeelPanel::useX},
                {Qt::Key_F8, "feel-pause", tr("Pause"), pause_, &FeelPanel::pause}};
    for (const auto& [key, id, words, button, action] : keys) {
        QAction* asked = command(this, id, words, QKeySequence(key), [this, on = button, act = action] {
            if (on->isEnabled() && on->isVisible()) (this->*act)();
        });
        // A digit may be typed into a box elsewhere on the page.
        if (key < Qt::Key_F1) asked->setShortcutContext(Qt::WidgetWithChildrenShortcut);
        standsFor(button, asked);
    }
}

FeelPanel::~FeelPanel() { land(); }

void FeelPanel::setContext(const RatesContext& context)
{
    if (context.question.pilot_id != context_.question.pilot_id) {
        land();
        test_.reset();
    }
    context_ = context;
    refresh();
}

RateProfile FeelPanel::rates(const QComboBox* choice) const
{
    return choice->currentIndex() == RealCurve        ? context_.real
           : choice->currentIndex() == PractisedCurve ? context_.practised
                                                      : context_.matched();
}

void FeelPanel::land()
{
    timer_.stop();
    view_->show(nullptr);
    station_.setFlying({});
    loop_.reset();
    station_.setArmed(false);
}

void FeelPanel::begin() { fly(rates(a_), test_ ? tr("A") : a_->currentText()); }

void FeelPanel::fly(const RateProfile& rates, const QString& what)
{
    land();
    shown_->setCurrentWidget(view_);
    if (station_.pilotId().empty() || station_.controllerState() != Station::Controller::Ready) return refresh();
    Drill flight_of = free_flight("pan");
    flight_of.phases.front().instruction =
        (test_ ? tr("1 and 2 are A and B, 3 is X. F5 begins again.") : tr("1 and 2 change the curve. F5 begins again."))
            .toStdString();
    TakeOff take_off;
    take_off.purpose = TakeOff::Purpose::Test;
    take_off.pilot_id = station_.pilotId();
    take_off.mode = Mode::Acro; // rates are about nothing else
    take_off.rates = rates;
    take_off.real_aircraft = context_.question.aircraft_id;
    const auto flight = prepared(school_, flight_of, take_off);
    if (!flight) return view_->setInvitation(asWords(flight.error()));
    auto started = start_flight(station_, *flight, flight_of);
    if (!started) return view_->setInvitation(asWords(started.error()));
    loop_ = std::move(started->loop);
    showFlight(*view_, station_, loop_.get(), *flight);
    flown_ = what;
    timer_.start();
    refresh();
}

void FeelPanel::use(const RateProfile& rates, const QString& what)
{
    if (!loop_) return fly(rates, what);
    loop_->set_rates(rates);
    flown_ = what;
    refresh();
    view_->setFocus();
}

void FeelPanel::useA() { use(rates(a_), test_ ? tr("A") : a_->currentText()); }
void FeelPanel::useB() { use(rates(b_), test_ ? tr("B") : b_->currentText()); }

void FeelPanel::useX()
{
    if (!test_ || test_->over()) return;
    use(test_->x_is_b(static_cast<int>(test_->said_b.size())) ? rates(b_) : rates(a_), tr("X"));
}

void FeelPanel::beginBlind()
{
    if (test_ && !test_->over())
        test_.reset(); // left: counts for nothing
    else
        test_ = BlindTest{seed_ ? seed_ : QRandomGenerator::global()->generate64(), 8, {}};
    if (test_) useA();
    refresh();
}

void FeelPanel::say(bool x_is_b)
{
    if (!test_ || test_->over()) return;
    test_->said_b.push_back(x_is_b);
    if (test_->over()) {
        school_.add_blind_test(station_.pilotId(), {0, tr("%1 and %2").arg(a_->currentText(), b_->currentText()).toStdString(),
                                                    test_->right(), test_->trials, test_->p_value()});
        land();
    } else
        useX();
    refresh();
}

void FeelPanel::pause()
{
    if (loop_) loop_->set_paused(!loop_->paused());
}

void FeelPanel::askHowItWas()
{
    land();
    form_->restart();
    shown_->setCurrentIndex(shown_->currentIndex() == 0 ? 1 : 0);
    refresh();
}

void FeelPanel::follow()
{
    if (!loop_) return;
    const FlightSnapshot now = loop_->snapshot();
    station_.setArmed(now.armed && !now.paused);
    if (loop_->take_result()) land(), refresh();
}

void FeelPanel::refresh()
{
    const bool ready = !station_.pilotId().empty() && station_.controllerState() == Station::Controller::Ready;
    const bool testing = test_ && !test_->over(), same = rates(a_) == rates(b_);
    for (QPushButton* b : {fly_, toA_, toB_}) b->setEnabled(ready);
    pause_->setEnabled(loop_ != nullptr);
    rate_->setEnabled(ready && !testing);
    toX_->setEnabled(ready && testing);
    for (QPushButton* b : {isA_, isB_}) b->setVisible(testing);
    toX_->setVisible(testing);
    blind_->setText(testing ? tr("Leave the test") : tr("Blind test"));
    blind_->setEnabled(ready && (testing || !same));
    for (QComboBox* box : {a_, b_}) box->setDisabled(testing);
    view_->setInvitation(!ready ? tr("Choose a pilot and a calibrated controller first.")
                                : tr("Throttle to the bottom, then F5 takes off.\n1 and 2 change the curve in the air."));
    if (testing)
        words_->setText(tr("Trial %1 of %2: X is A or B. In the hand now: %3.")
                            .arg(test_->said_b.size() + 1)
                            .arg(test_->trials)
                            .arg(loop_ ? flown_ : tr("nothing")));
    else if (same)
        words_->setText(tr("A and B are the same: choose two that differ."));
    else
        words_->setText(loop_ ? tr("In the hand now: %1.").arg(flown_)
                              : tr("Fly both curves, or find out blind whether the difference can be felt at all."));
    if (test_ && test_->over()) {
        const QString said =
            test_->p_value() < told_apart ? tr("the difference can be felt") : tr("no difference could be shown");
        verdict_->setText(tr("%1 of %2 right: by guessing alone so many come in %3 of 100 tests (p = %4), so %5.")
                              .arg(test_->right())
                              .arg(test_->trials)
                              .arg(inPlaces(100 * test_->p_value(), 1))
                              .arg(inPlaces(test_->p_value(), 3))
                              .arg(said));
    } else {
        const auto tests = school_.file(station_.pilotId()).blind_tests;
        verdict_->setText(tests.empty() ? QString()
                                        : tr("Last blind test, %1: %2 of %3 right (p = %4).")
                                              .arg(QString::fromStdString(tests.back().between))
                                              .arg(tests.back().right)
                                              .arg(tests.back().trials)
                                              .arg(inPlaces(tests.back().p_value, 3)));
    }
    verdict_->setVisible(!verdict_->text().isEmpty());
}

} // namespace bh::desk
