#pragma once

#include <QAbstractListModel>
#include <QFrame>
#include <set>
#include <vector>

class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListView;
class QPushButton;
class QSortFilterProxyModel;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// The pilots as rows of the roster.
class PilotListModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { IdRole = Qt::UserRole + 1, StagesRole, HoursRole, TargetRole, AttentionRole, ReasonRole };
    explicit PilotListModel(const School& school, QObject* parent = nullptr);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    void refresh();

private:
    const School& school_;
    std::vector<std::string> ids_;
    std::set<std::string> named_; ///< of today
};

/// Left edge of the frame: filter, pilots, and the chosen pilot's card.
class Roster : public QFrame {
    Q_OBJECT
public:
    Roster(School& school, Station& station, QWidget* parent = nullptr);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void makeCard();
    void connectAll();
    void refresh();
    void wideAsText();
    void showCard();
    void chooseRow(const QModelIndex& index);
    void moveBy(int rows);
    void saveCard();
    void archive();

    School& school_;
    Station& station_;
    PilotListModel* model_;
    QSortFilterProxyModel* proxy_;
    QLineEdit* filter_;
    QListView* list_;
    QLabel* empty_;
    QFrame* card_;
    QLineEdit* name_;
    QDoubleSpinBox* target_;
    QLineEdit* newName_;
    QPushButton* left_;
    QPushButton* add_;
};

} // namespace bh::desk
