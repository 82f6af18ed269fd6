#pragma once

#include <QWidget>
#include <string>

class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

class Station;

/// What stands between the chosen pilot and a first flight on a real aircraft: every gate with its evidence, and by when it is
/// met at the present pace. The pages that the evidence comes from are one click away.
class FirstFlightPage : public QWidget {
    Q_OBJECT
public:
    FirstFlightPage(School& school, Station& station, QWidget* parent = nullptr);

Q_SIGNALS:
    void evidenceAsked(const std::string& gate); ///< by the gate's id

protected:
    void showEvent(QShowEvent*) override;

private:
    void fill();
    void refresh();
    void look();
    School& school_;
    Station& station_;
    QLabel *summary_, *caution_;
    QTableWidget* gates_;
    QPushButton *look_, *sickness_;
    bool stale_ = true;
};

} // namespace bh::desk
