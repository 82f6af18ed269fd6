#pragma once

#include "core/controller/switches.h"

#include <QTimer>
#include <QWidget>
#include <array>
#include <optional>

class QComboBox;
class QLabel;
class QPushButton;

namespace bh {
class Station;
}

namespace bh::desk {

/// The controller's own buttons and switches: what each is for, learned by moving it, and where it stands now.
class SwitchPanel : public QWidget {
    Q_OBJECT
public:
    explicit SwitchPanel(Station& station, QWidget* parent = nullptr);
    void refresh();
    [[nodiscard]] bool learning() const { return watch_.has_value(); }

public Q_SLOTS:
    void learn(bh::SwitchUse use);
    void stop();

private:
    struct Row {
        QLabel *where, *now;
        QPushButton *learn, *forget;
    };
    void look();
    void showNow();
    void modesChosen();
    [[nodiscard]] QString placeInWords(const SwitchCalibration& s, std::size_t place) const;

    Station& station_;
    std::array<Row, switch_use_count> rows_{};
    std::array<QComboBox*, 3> modes_{}; ///< of the mode switch, by place
    QWidget* modesRow_;
    QLabel* said_;
    SwitchUse learns_ = SwitchUse::Arm;
    std::optional<SwitchWatch> watch_;
    QTimer timer_;
};

} // namespace bh::desk
