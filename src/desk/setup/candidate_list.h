#pragma once

#include "core/setup/nearest_aircraft.h"

#include <QListWidget>

namespace bh::desk {

/// Simulated aircraft ranked by nearness to the real one, each with its reasons; one is chosen.
class CandidateList : public QListWidget {
    Q_OBJECT
public:
    explicit CandidateList(QWidget* parent = nullptr);
    /// Without a real aircraft (`ranked` carries no distances) the list is only a choice.
    void show(const std::vector<Candidate>& ranked, const std::vector<Airframe>& all, const std::string& chosen, bool compared);
    using QListWidget::show;

Q_SIGNALS:
    void picked(const std::string& id); ///< by the user: a click, or Enter or Space on it

private:
    void pick(QListWidgetItem* item);
    std::string chosen_;
};

} // namespace bh::desk
