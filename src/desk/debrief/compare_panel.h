#pragma once

#include "core/debrief/compare.h"

#include <QWidget>
#include <memory>
#include <optional>
#include <string>

class QCheckBox;
class QComboBox;
class QLabel;
class QListWidget;

namespace bh {
class School;
}

namespace bh::desk {

struct LookedAt;

/// A flight beside another one of the same drill: an earlier one, the demonstration, or another pilot's, whose name can be
/// hidden.
class ComparePanel : public QWidget {
    Q_OBJECT
public:
    explicit ComparePanel(School& school, QWidget* parent = nullptr);
    void show(const LookedAt* looked_at);
    [[nodiscard]] const std::optional<Comparison>& comparison() const { return comparison_; }
    /// The other flight laid over this one, row by row; null: none is.
    [[nodiscard]] std::shared_ptr<const FlightLog> over() const { return over_; }
    void compareWith(const std::string& attempt_id); ///< empty: with none

Q_SIGNALS:
    void compared();
    void chosen(double at_s); ///< a difference

private:
    void fill();
    void say();
    School& school_;
    const LookedAt* looked_at_ = nullptr;
    std::optional<Comparison> comparison_;
    std::shared_ptr<const FlightLog> over_;
    std::string with_;
    QComboBox* others_;
    QCheckBox* hide_;
    QLabel *said_, *bent_;
    QListWidget* list_;
};

} // namespace bh::desk
