#pragma once

#include <QWidget>

class QLabel;
class QTableWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// What crashes taken here would have cost on a real aircraft, against what practice cost: an estimate, and said to be one.
class BillPanel : public QWidget {
    Q_OBJECT
public:
    BillPanel(School& school, Station& station, QWidget* parent = nullptr);

Q_SIGNALS:
    void pricesAsked(); ///< to change them

protected:
    void showEvent(QShowEvent*) override;

private:
    void refresh();
    void fill();
    School& school_;
    Station& station_;
    QLabel *summary_, *estimate_;
    QTableWidget* bill_;
    bool stale_ = true;
};

} // namespace bh::desk
