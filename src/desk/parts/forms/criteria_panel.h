#pragma once

#include "desk/parts/speech/spoken_view.h"
#include "record/chain/rows.h"

#include <vector>

namespace bh::desk {

/// Criteria as bars: from the fail limit (0 marks) over the pass limit (60) to the merit limit (100), with the value.
class CriteriaPanel : public SpokenView {
    Q_OBJECT
public:
    explicit CriteriaPanel(QWidget* parent = nullptr);
    void setCriteria(std::vector<CriterionRow> criteria);
    [[nodiscard]] const std::vector<CriterionRow>& criteria() const { return criteria_; }
    [[nodiscard]] static QString spanText(
        const CriterionRow& criterion); ///< which part of the flight; empty when it is not known
    [[nodiscard]] static QString valueText(const CriterionRow& criterion);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QString inWords() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] static QString limitText(const CriterionRow& criterion, double Limits::*limit);
    std::vector<CriterionRow> criteria_;
};

} // namespace bh::desk
