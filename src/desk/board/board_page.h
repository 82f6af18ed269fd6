#pragma once

#include "core/progress/standing.h"
#include "school/views/beginning.h"

#include <QAbstractTableModel>
#include <QWidget>
#include <vector>

class QComboBox;
class QLabel;
class QSortFilterProxyModel;
class QTableView;
class QVBoxLayout;

namespace bh {
struct TodayItem;
class Station;
} // namespace bh

namespace bh::desk {

class BeginPanel;
class Sections;

/// The school as a table: one row per pilot.
class BoardModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Role { IdRole = Qt::UserRole + 1, StagesRole, WeeksRole, SortRole, GroupsRole };
    enum Column { Pilot, Stages, Hours, Matched, Week, Weeks, LastFlight, FirstFlight, Reason, ColumnCount };
    explicit BoardModel(const School& school, QObject* parent = nullptr);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    void refresh();

private:
    struct Row {
        std::string id;
        QString first_flight;           ///< released, flown, ready, or when
        qlonglong first_flight_key = 0; ///< to sort by
        QStringList groups;
    };
    [[nodiscard]] Row rowFor(const bh::Pilot& pilot) const;
    [[nodiscard]] QVariant shown(int column, const Row& row) const;
    [[nodiscard]] QVariant sortKey(int column, const Row& row) const;
    const School& school_;
    std::vector<Row> rows_;
};

/// What needs the coordinator today, and how every pilot stands.
class BoardPage : public QWidget {
    Q_OBJECT
public:
    enum Section { Today, Week, Room }; ///< the last one where the record is shared
    BoardPage(School& school, Station& station, QWidget* parent = nullptr);
    void showSection(Section section);

    void showBeginning(const BeginFacts& facts); ///< of a school that has flown nothing yet

Q_SIGNALS:
    void beginAsked(bh::BeginStep step);
    void beginPutOff(bh::BeginStep step);
    void goTo(bh::PilotStanding::Go place); ///< where the chosen pilot's attention is needed

protected:
private:
    [[nodiscard]] QWidget* makeToday();
    [[nodiscard]] QLayout* makeSchoolHead();
    void connectAll();
    void roomForText();
    void refresh();
    void addLine(const TodayItem& item);
    School& school_;
    Station& station_;
    QLabel *summary_, *planned_, *schoolTitle_;
    QVBoxLayout* today_;
    QWidget* todayBox_;
    BeginPanel* begin_;
    std::vector<BeginLine> beginning_; ///< empty: the school has begun
    Sections* sections_;
    QComboBox* group_;
    BoardModel* model_;
    QSortFilterProxyModel* proxy_;
    QTableView* table_;
};

} // namespace bh::desk
