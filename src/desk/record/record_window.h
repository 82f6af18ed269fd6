#pragma once

#include <QDialog>

namespace bh {
class Lock;
class RecordWatch;
class School;
} // namespace bh

namespace bh::desk {

class Sections;

/// All about the record itself: what state it is in and how it is kept safe, who may do what, and what is erased. Stays beside
/// whatever goes on.
class RecordWindow : public QDialog {
    Q_OBJECT
public:
    enum Section { State, People, Keeping, House, Keys };
    /// `watch` may be null: nobody looks after this record, as in a demonstration of it.
    RecordWindow(School& school, Lock& lock, RecordWatch* watch, QWidget* parent = nullptr);
    void showSection(Section section);

Q_SIGNALS:
    void marksAsked();    ///< of drills, to be changed
    void coachingAsked(); ///< rules of it, to be changed

private:
    Sections* sections_;
};

} // namespace bh::desk
