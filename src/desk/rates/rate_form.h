#pragma once

#include "core/curves/rate_curve.h"

#include <QWidget>
#include <array>

class QComboBox;
class QDoubleSpinBox;
class QLabel;

namespace bh::desk {

/// The numbers of one side's rates: the kind of numbers, and for each axis boxes in that axis's own kind, which stand where the
/// page puts them: under the axis's plot.
class RateForm : public QWidget {
    Q_OBJECT
public:
    explicit RateForm(QWidget* parent = nullptr);
    enum class Whose { RealAircraft, Practised };
    void show(const RateProfile& rates, Whose whose, bool editable);
    [[nodiscard]] std::string family() const; ///< that is chosen
    [[nodiscard]] QWidget* numbersOf(std::size_t axis) { return rows_[axis]; }

Q_SIGNALS:
    void edited(const bh::RateProfile& rates);

private:
    void makeRow(std::size_t axis);
    void showAxis(std::size_t axis);
    void boxEdited(std::size_t axis, std::size_t parameter, double value);
    void familyChosen(); ///< the same curves in another kind of numbers, as near as it comes

    RateProfile rates_;
    Whose whose_ = Whose::RealAircraft;
    bool editable_ = false;
    QComboBox* family_;
    std::array<QWidget*, 3> rows_{};                        ///< by axis
    std::array<std::array<QLabel*, 3>, 3> heads_{};         ///< names of the parameters [axis][parameter]
    std::array<std::array<QDoubleSpinBox*, 3>, 3> boxes_{}; ///< [axis][parameter]
    std::array<QLabel*, 3> measured_{};                     ///< of an axis that is a measured table
};

} // namespace bh::desk
