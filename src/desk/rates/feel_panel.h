#pragma once

#include "core/rates/blind_test.h"
#include "desk/rates/rates_context.h"
#include "device/flight_loop.h"

#include <QTimer>
#include <QWidget>
#include <memory>

class QComboBox;
class QLabel;
class QPushButton;
class QStackedWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class FlightView;
class HandlingForm;
class KeyboardSticks;

/// Flies the built-in flight with one curve or the other, changed in the air, or blind: X is one of the two, and the pilot says
/// which.
class FeelPanel : public QWidget {
    Q_OBJECT
public:
    FeelPanel(School& school, Station& station, KeyboardSticks& keys, QWidget* parent = nullptr);
    ~FeelPanel() override;
    void setContext(const RatesContext& context);
    /// A test flight with rates of their own, as those of a step of a change plan.
    void fly(const RateProfile& rates, const QString& what);
    void land();
    [[nodiscard]] const FlightLoop* loop() const { return loop_.get(); }
    [[nodiscard]] const BlindTest* blindTest() const { return test_ ? &*test_ : nullptr; }
    void setSeed(std::uint64_t seed) { seed_ = seed; } ///< of the next blind test; 0: another each time

public Q_SLOTS:
    void begin(); ///< takes off with the first curve
    void useA();
    void useB();
    void useX();
    void beginBlind();
    void say(bool x_is_b);
    void pause();
    void askHowItWas(); ///< of the practised rates

private:
    void makeChoices();
    void connectButtons();
    void use(const RateProfile& rates, const QString& what);
    void refresh();
    void follow();
    [[nodiscard]] RateProfile rates(const QComboBox* choice) const;

    School& school_;
    Station& station_;
    RatesContext context_;
    std::unique_ptr<FlightLoop> loop_;
    std::optional<BlindTest> test_;
    std::uint64_t seed_ = 0;
    QString flown_; ///< which curve the hand has now
    QTimer timer_;
    FlightView* view_;
    QStackedWidget* shown_; ///< the view, or the questions
    HandlingForm* form_;
    QComboBox *a_, *b_;
    QLabel *words_, *verdict_;
    QPushButton *fly_, *toA_, *toB_, *toX_, *blind_, *isA_, *isB_, *pause_, *rate_;
};

} // namespace bh::desk
