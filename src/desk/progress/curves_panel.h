#pragma once

#include "desk/parts/background.h"

#include "core/progress/drill_outlook.h"
#include "desk/parts/speech/spoken_view.h"

#include <QWidget>
#include <memory>
#include <vector>

class QLabel;
class QPushButton;
class QScrollArea;

namespace bh {
class TrialsInPieces;
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// A small plot for each drill that was flown, in the ladder's order: attempts, the fitted curve, and where it meets what a pass
/// needs.
class CurveGrid : public SpokenView {
    Q_OBJECT
public:
    explicit CurveGrid(QWidget* parent = nullptr);
    void show(std::vector<DrillOutlook> outlooks, std::int64_t today);
    void setLeading(bool leading); ///< the leading measure instead of the marks
    [[nodiscard]] const DrillOutlook* chosen() const;
    [[nodiscard]] int count() const { return static_cast<int>(outlooks_.size()); }
    void choose(int index);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QString inWords() const override;

Q_SIGNALS:
    void chosenChanged();

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] int columns() const;
    [[nodiscard]] int cellWidth() const;
    [[nodiscard]] int rows() const;
    [[nodiscard]] int leastCellHeight() const;
    [[nodiscard]] int cellHeight() const;
    [[nodiscard]] QRect cell(int index) const;
    void paintPlot(QPainter& p, const QRectF& plot, const DrillOutlook& outlook) const;
    void paintCell(QPainter& p, const QRect& box, const DrillOutlook& outlook) const;
    std::vector<DrillOutlook> outlooks_;
    std::int64_t today_ = 0;
    bool leading_ = false;
    int chosen_ = 0;
};

/// Practice curves of the chosen pilot; fitted beside the window, so that nothing waits.
class CurvesPanel : public QWidget {
    Q_OBJECT
public:
    CurvesPanel(School& school, Station& station, QWidget* parent = nullptr);
    [[nodiscard]] bool working() const { return working_; }

protected:
    void showEvent(QShowEvent*) override;

private:
    void refresh();
    void compute();
    void gather(int asked, const std::shared_ptr<TrialsInPieces>& pieces);
    void lookAhead(int asked, std::vector<DrillTrials> trials);
    void tell();
    School& school_;
    Station& station_;
    QLabel *summary_, *detail_;
    QPushButton *marks_, *leading_;
    QScrollArea* scroll_;
    CurveGrid* grid_;
    bool stale_ = true, working_ = false;
    int asked_ = 0; ///< which question the answer belongs to
    Background looking_ahead_;
};

} // namespace bh::desk
