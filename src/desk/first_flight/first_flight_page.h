#pragma once

#include "core/progress/surprises.h"

#include <QWidget>
#include <string>

class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
struct ReadinessGate;
class Station;
} // namespace bh

namespace bh::desk {

class AfterPanel;
class FlightDayPanel;
class ReleasePanel;
class Sections;
class TickList;

/// What stands between the chosen pilot and a first flight on a real aircraft: every gate with its evidence, and by when it is
/// met at the present pace; the day, the briefing, the programme; the signature; and what surprised afterwards.
class FirstFlightPage : public QWidget {
    Q_OBJECT
public:
    enum Section { Day, Briefing, Programme, After };
    FirstFlightPage(School& school, Station& station, QWidget* parent = nullptr);
    void showSection(Section section);
    void openSmallWindow(); ///< briefing and programme, as large as a telephone

Q_SIGNALS:
    void evidenceAsked(const std::string& gate); ///< by the gate's id
    void practiceAsked(bh::Surprise surprise);
    void rulesAsked(); ///< of the house

protected:
    void showEvent(QShowEvent*) override;

private:
    [[nodiscard]] QWidget* makeGates();
    [[nodiscard]] QWidget* makePreparation();
    void fill();
    void fillGate(int row, const ReadinessGate& gate);
    void refresh();
    void look();
    void gateChosen();
    void paper();
    School& school_;
    Station& station_;
    QLabel *summary_, *caution_, *evidence_;
    QTableWidget* gates_;
    QPushButton *look_, *sickness_;
    QWidget* body_;
    Sections* sections_;
    FlightDayPanel* day_ = nullptr;
    TickList *briefing_ = nullptr, *programme_ = nullptr;
    AfterPanel* after_ = nullptr;
    ReleasePanel* release_;
    bool stale_ = true;
};

} // namespace bh::desk
