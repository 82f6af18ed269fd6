#pragma once

#include "desk/parts/speech/spoken_view.h"
#include "school/views/week_plan.h"

#include <optional>
#include <set>
#include <vector>

namespace bh::desk {

/// A week as a grid: days across with a column for each bay, half hours down. Blocks are chosen, dragged, and exchanged where one
/// is dropped onto another.
class WeekGrid : public SpokenView {
    Q_OBJECT
public:
    explicit WeekGrid(const School& school, QWidget* parent = nullptr);
    void show(WeekAsked asked, PlannedWeek planned);
    [[nodiscard]] std::optional<PlannedBlock> chosen() const;
    void choose(const PlannedBlock& block);
    [[nodiscard]] QRect cellOf(const PlannedBlock& block) const; ///< empty: it has no place here
    [[nodiscard]] QRect cell(const std::string& bay, const std::string& day, int start_min) const;
    [[nodiscard]] QSize sizeHint() const override { return minimumSize(); }
    [[nodiscard]] QString inWords() const override;

Q_SIGNALS:
    void chosenChanged();
    /// The chosen block was let go at another place.
    void moved(const bh::PlannedBlock& from, const std::string& bay, const std::string& day, int start_min);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Place {
        std::string bay, day;
        int start_min = 0;
    };
    [[nodiscard]] std::optional<Place> placeAt(const QPoint& at) const;
    [[nodiscard]] QString firstName(const PlannedBlock& block) const;
    [[nodiscard]] int columnWidth() const;
    [[nodiscard]] int rowHeight() const;
    void paintHead(QPainter& p) const;
    void paintBlock(QPainter& p, const QRect& box, const PlannedBlock& block, bool chosen) const;
    const School& school_;
    WeekAsked asked_;
    PlannedWeek planned_;
    std::vector<std::string> days_; ///< with slots
    std::vector<int> starts_;       ///< of any of them
    int least_column_px_ = 0;       ///< in which the longest first name is read
    std::optional<std::size_t> chosen_;
    std::optional<QPoint> dragged_to_;
    QPoint pressed_at_;
};

} // namespace bh::desk
