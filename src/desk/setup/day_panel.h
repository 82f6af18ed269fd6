#pragma once

#include "core/flight/conditions.h"

#include <QWidget>
#include <array>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;

namespace bh::desk {

/// The real day's switches, each with what the pilot will feel.
class DayPanel : public QWidget {
    Q_OBJECT
public:
    explicit DayPanel(QWidget* parent = nullptr);
    void show(const Conditions& day);
    using QWidget::show;
    [[nodiscard]] Conditions day() const;

Q_SIGNALS:
    void edited();

private:
    void makeHardGround();
    QCheckBox *wind_, *gusts_, *ground_, *hard_, *wash_, *battery_, *bent_;
    QDoubleSpinBox *speed_, *share_, *warmer_;
    QComboBox* from_;
    QLabel* words_;
    Conditions kept_; ///< what the panel does not show
};

} // namespace bh::desk
