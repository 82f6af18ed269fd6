#pragma once

#include <QWidget>
#include <string>

class QLabel;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class Sections;

/// How the chosen pilot comes on: practice curves with what they promise, hours, the log, sickness, and what crashes here would
/// have cost.
class ProgressPage : public QWidget {
    Q_OBJECT
public:
    enum Section { Curves, Hours, Log, Sickness, Bill };
    ProgressPage(School& school, Station& station, QWidget* parent = nullptr);
    void showSection(Section section);

Q_SIGNALS:
    void watchAsked(const std::string& attempt_id); ///< to see a flight again
    void rulesAsked();                              ///< of the house

private:
    void refresh();
    School& school_;
    Station& station_;
    QLabel* summary_;
    Sections* sections_;
};

} // namespace bh::desk
