#pragma once

#include "store/record.h"

#include <QWidget>
#include <vector>

namespace bh::desk {

/// Criteria as bars: from the fail limit (0 marks) over the pass limit (60) to the merit limit (100), with the value.
class CriteriaPanel : public QWidget {
    Q_OBJECT
public:
    explicit CriteriaPanel(QWidget* parent = nullptr);
    void setCriteria(std::vector<CriterionRow> criteria);
    [[nodiscard]] const std::vector<CriterionRow>& criteria() const { return criteria_; }
    [[nodiscard]] static QString valueText(double value, const std::string& unit);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<CriterionRow> criteria_;
};

} // namespace bh::desk
