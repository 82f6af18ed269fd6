#pragma once

#include "core/kit/kit.h"

#include <QTimer>
#include <QWidget>
#include <deque>
#include <optional>
#include <vector>

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// The checklist for the chosen pilot's kind of station, and a fault finder that asks one question at a time.
class KitPage : public QWidget {
    Q_OBJECT
public:
    KitPage(School& school, Station& station, QWidget* parent = nullptr);
    /// Items ticked of the list in use for the chosen pilot, and how many there are.
    [[nodiscard]] std::pair<int, int> progress() const;

Q_SIGNALS:
    void progressChanged();

protected:
    void showEvent(QShowEvent*) override;

private:
    QWidget* makeFinder();
    void connectAll();
    void remakeList();
    void showTicks();
    void tick(const KitItem& item, bool ticked);
    void detect();
    void showFinder();
    [[nodiscard]] const KitList* list() const;
    [[nodiscard]] std::string key(const KitItem& item) const;

    School& school_;
    Station& station_;
    std::vector<KitList> lists_;
    std::optional<FaultFinder> finder_;
    bool finding_ = false;
    DetectedFacts facts_;
    QString held_by_;
    std::vector<int> last_counts_;
    int last_instance_ = -1; ///< of the device that they are of
    double moved_at_s_ = -1e9;
    QTimer timer_;

    QLabel* summary_;
    QComboBox* kind_;
    QWidget* items_;
    QVBoxLayout* itemsLayout_;
    struct Line {
        QCheckBox* box;
        QLabel* when;
    };
    std::vector<Line> lines_;
    QLabel* seen_;
    QPushButton *find_, *yes_, *no_, *back_;
    QLabel* question_;
    QLabel* steps_;
};

} // namespace bh::desk
