#pragma once

#include "core/progress/standing.h"

#include <QAbstractTableModel>
#include <QWidget>
#include <vector>

class QLabel;
class QTableView;
class QVBoxLayout;

namespace bh {
class School;
}

namespace bh::desk {

class Station;

/// The school as a table: one row per pilot.
class BoardModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Role { IdRole = Qt::UserRole + 1, StagesRole, WeeksRole };
    enum Column { Pilot, Stages, Hours, Matched, Week, Weeks, LastFlight, Reason, ColumnCount };
    explicit BoardModel(const School& school, QObject* parent = nullptr);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    void refresh();

private:
    const School& school_;
    std::vector<std::string> ids_;
};

/// What needs the coordinator today, and how every pilot stands.
class BoardPage : public QWidget {
    Q_OBJECT
public:
    BoardPage(School& school, Station& station, QWidget* parent = nullptr);

Q_SIGNALS:
    void goTo(bh::PilotStanding::Go place);

private:
    void refresh();
    School& school_;
    Station& station_;
    QLabel* summary_;
    QLabel* schoolTitle_;
    QWidget* todayBox_;
    QVBoxLayout* today_;
    BoardModel* model_;
    QTableView* table_;
};

} // namespace bh::desk
