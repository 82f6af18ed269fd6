#pragma once

#include "core/progress/curriculum.h"

#include <QWidget>
#include <functional>
#include <string>

class QBoxLayout;
class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;
class QTreeWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// Changes the stages of the chosen pilot's curriculum and the limits of the chosen drill. Every change is kept at once as a
/// new version and can be undone; what was flown keeps the version that it was judged by.
class LadderEditor : public QWidget {
    Q_OBJECT
public:
    LadderEditor(School& school, Station& station, QWidget* parent = nullptr);
    void setDrill(const std::string& id);

protected:
    void resizeEvent(QResizeEvent*) override; ///< one above the other where it is narrow

private:
    void connectStages();
    void makeLimits();
    void refresh();
    void refreshStages();
    void stageRenamed();
    void refreshLimits();
    void limitsEdited(int row, int column);
    void editStages(const std::function<void(Curriculum&, std::size_t stage, int drill)>& edit); ///< drill −1: the stage itself
    void select(std::size_t stage, int drill);
    void say(const QString& words);

    School& school_;
    Station& station_;
    std::string drill_id_;
    QLabel *stagesTitle_, *limitsTitle_, *said_;
    QBoxLayout* parts_ = nullptr;
    QTreeWidget* stages_;
    QTableWidget* limits_;
    QComboBox* adds_;
    QPushButton *add_, *newStage_, *up_, *down_, *remove_;
};

} // namespace bh::desk
