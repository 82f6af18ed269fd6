#pragma once

#include "core/logbook/logbook.h"
#include "desk/parts/speech/spoken_view.h"

#include <vector>

namespace bh::desk {

/// Criteria as bars: from the fail limit (0 marks) over the pass limit (60) to the merit limit (100), with the value.
class CriteriaPanel : public SpokenView {
    Q_OBJECT
public:
    explicit CriteriaPanel(QWidget* parent = nullptr);
    void setCriteria(std::vector<JudgedCriterion> criteria);
    [[nodiscard]] const std::vector<JudgedCriterion>& criteria() const { return criteria_; }
    [[nodiscard]] static QString spanText(
        const JudgedCriterion& criterion); ///< which part of the flight; empty when it is not known
    [[nodiscard]] static QString valueText(const JudgedCriterion& criterion);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QString inWords() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] static QString limitText(const JudgedCriterion& criterion, double Limits::*limit);
    std::vector<JudgedCriterion> criteria_;
};

} // namespace bh::desk
