#pragma once

#include "desk/rates/rates_context.h"
#include "files/documents/match_documents.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

class HandlingForm;

/// From the rates as they are to the match in test flights: one parameter at a time, each step rated by a few questions, a bad
/// one taken half-way back. What was decided stays on the record.
class PlanPanel : public QWidget {
    Q_OBJECT
public:
    explicit PlanPanel(School& school, QWidget* parent = nullptr);
    void setContext(const RatesContext& context);

public Q_SLOTS:
    void begin(); ///< a plan from what is to what the match says
    void end();   ///< leaves it where it is
    void testFlight();
    void stepFlown(); ///< in the built-in flight: it may be rated
    void rate(int rating);

Q_SIGNALS:
    void flyAsked(const bh::RateProfile& rates, const QString& what);

private:
    void refresh();
    void showSteps();
    [[nodiscard]] bool mayRate() const; ///< the step was flown, and on an aircraft with the cautions read
    [[nodiscard]] QString inWords(const RateStep& step) const;

    School& school_;
    RatesContext context_;
    std::optional<KeptPlan> plan_;
    std::optional<PlanStanding> standing_;
    std::string of_;         ///< pilot
    bool flownHere_ = false; ///< this step, in the built-in flight
    QLabel *heading_, *words_, *cautions_;
    QPushButton *begin_, *end_, *fly_;
    QCheckBox *read_, *outside_;
    QLineEdit* by_;
    QComboBox* kind_;
    QDoubleSpinBox* max_;
    QTableWidget* steps_;
    QWidget* step_;
    HandlingForm* form_;
};

} // namespace bh::desk
