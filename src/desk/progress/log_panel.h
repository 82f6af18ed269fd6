#pragma once

#include "core/logbook/logbook.h"

#include <QAbstractTableModel>
#include <QWidget>
#include <map>
#include <vector>

class QComboBox;
class QPushButton;
class QLabel;
class QLineEdit;
class QSortFilterProxyModel;
class QTableView;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class CriteriaPanel;

/// Attempts of one pilot, newest first.
class AttemptModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { When, DrillName, FlightMode, ScoreColumn, Result, Flown, Summary, ColumnCount };
    enum Role { SortRole = Qt::UserRole + 1, AttemptIdRole };
    explicit AttemptModel(const School& school, QObject* parent = nullptr);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    void show(std::vector<Attempt> attempts, std::map<std::string, std::string> struck = {}); ///< why those do not count, by id

private:
    const School& school_;
    std::vector<Attempt> rows_;
    std::map<std::string, std::string> struck_;
};

/// Practice sessions of one pilot, newest first.
class SessionModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { When, Active, Idle, Flights, Seen, Where, ColumnCount };
    enum Role { SessionIdRole = Qt::UserRole + 1 };
    explicit SessionModel(const School& school, QObject* parent = nullptr) : QAbstractTableModel(parent), school_(school) {}
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    void show(std::vector<Session> sessions, const std::vector<Attempt>& attempts,
              std::map<std::string, std::string> struck = {});

private:
    [[nodiscard]] QString where(const Session& session) const;
    const School& school_;
    std::vector<Session> rows_;
    std::vector<int> flights_;
    std::map<std::string, std::string> struck_;
};

/// The log of the chosen pilot: sessions, and attempts with their criteria, filtered; corrected with a reason, written out.
class LogPanel : public QWidget {
    Q_OBJECT
public:
    LogPanel(School& school, Station& station, QWidget* parent = nullptr);
    void writeOut(const QString& file); ///< .csv: sessions, and attempts beside them; .json: everything about the pilot; .pdf

Q_SIGNALS:
    void watchAsked(const std::string& attempt_id); ///< to see a flight again

private:
    void makeTables();
    [[nodiscard]] QLayout* makeFilters();
    [[nodiscard]] QLayout* makeCorrections();
    [[nodiscard]] QLayout* makeDetail();
    void connectAll();
    void refresh();
    void showCriteria();
    void showJudged();
    void offerCorrections();
    void strikeOrPutBack();
    [[nodiscard]] bool isShown(const Attempt& attempt) const;
    [[nodiscard]] bool isShown(const Session& session) const;
    [[nodiscard]] const Attempt* chosenAttempt() const;
    [[nodiscard]] const Session* chosenSession() const;

    School& school_;
    Station& station_;
    QLabel *totals_, *said_;
    QPushButton *add_, *correct_, *strike_, *out_;
    QLineEdit* reason_;
    QComboBox *filter_, *period_, *result_;
    AttemptModel* attempts_;
    QSortFilterProxyModel* proxy_;
    QTableView* attemptTable_;
    SessionModel* sessions_;
    QTableView* sessionTable_;
    QLabel *detail_, *judged_;
    QPushButton *shows_, *watch_;
    CriteriaPanel* criteria_;
    bool session_chosen_ = false; ///< rather than an attempt: what a correction is about
};

} // namespace bh::desk
