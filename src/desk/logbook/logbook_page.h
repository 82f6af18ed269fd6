#pragma once

#include "record/record.h"

#include <QAbstractTableModel>
#include <QWidget>
#include <vector>

class QComboBox;
class QFrame;
class QPushButton;
class QLabel;
class QSortFilterProxyModel;
class QTableView;

namespace bh {
class School;
}

namespace bh::desk {

class CriteriaPanel;
class HoursPlot;
class Station;

/// Attempts of one pilot, newest first.
class AttemptModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { When, DrillName, FlightMode, ScoreColumn, Result, Flown, Summary, ColumnCount };
    enum Role { SortRole = Qt::UserRole + 1, AttemptIdRole, DrillIdRole };
    explicit AttemptModel(const School& school, QObject* parent = nullptr);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    void show(std::vector<AttemptRow> attempts);

private:
    const School& school_;
    std::vector<AttemptRow> rows_;
};

/// Practice sessions of one pilot, newest first.
class SessionModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { When, Active, Idle, Flights, Where, ColumnCount };
    explicit SessionModel(const School& school, QObject* parent = nullptr) : QAbstractTableModel(parent), school_(school) {}
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    void show(std::vector<SessionRow> sessions, const std::vector<AttemptRow>& attempts);

private:
    [[nodiscard]] QString where(const SessionRow& session) const;
    const School& school_;
    std::vector<SessionRow> rows_;
    std::vector<int> flights_;
};

/// What the chosen pilot has practised: totals, weekly hours, sessions, attempts with their criteria.
class LogbookPage : public QWidget {
    Q_OBJECT
public:
    LogbookPage(School& school, Station& station, QWidget* parent = nullptr);

Q_SIGNALS:
    void watchAsked(const std::string& attempt_id); ///< to see a flight again

private:
    void makeTables();
    QLayout* makeDetail();
    void makeOffer();
    void connectAll();
    void refresh();
    void showCriteria();
    void showJudged();
    [[nodiscard]] const AttemptRow* chosenAttempt() const;

    School& school_;
    Station& station_;
    void showOffer();
    QLabel* totals_;
    QFrame* offer_;
    QLabel* offerWords_;
    QPushButton *keep_, *add_;
    QComboBox* simulator_; ///< of the offer
    std::string offerOf_;
    UnixTime offerAt_ = 0;
    QComboBox* filter_;
    AttemptModel* attempts_;
    QSortFilterProxyModel* proxy_;
    QTableView* attemptTable_;
    SessionModel* sessions_;
    QTableView* sessionTable_;
    HoursPlot* plot_;
    QLabel *detail_, *judged_;
    QPushButton *shows_, *watch_;
    CriteriaPanel* criteria_;
};

} // namespace bh::desk
