#pragma once

#include <QApplication>
#include <QDialog>
#include <QStringList>

namespace bh::desk {

/// What is wrong with the record, in words, and what can be done about it. Stays until somebody has chosen; its words can be
/// copied.
class Trouble : public QDialog {
    Q_OBJECT
public:
    enum class Choice { Close, GoOn, ReadOnly, Restored, TryAgain, Other };
    enum Way : unsigned { MayGoOn = 1, MayReadOnly = 2, MayRestore = 4, MayTryAgain = 8, MayChoose = 16 };

    Trouble(const QString& record, const QStringList& problems, unsigned ways, QWidget* parent = nullptr);
    /// Waits for an answer.
    [[nodiscard]] Choice ask();
    [[nodiscard]] QString restoredTo() const { return restored_to_; } ///< where a backup was restored

private:
    void restoreBackup();
    void choose(Choice choice);
    QString restored_to_;
    Choice choice_ = Choice::Close;
};

/// A sentence in a window that stays, beside whatever goes on.
void tellTrouble(const QString& sentence);

/// An application in which nothing that is thrown while an event is handled ends the program: it is told, and what was done
/// before is kept. After each painted frame it lets go of the upper halves of the vector registers, which Qt's drawing may leave
/// in use: every ordinary floating-point instruction of that thread then waits for them (a debrief took 254 ms against 127).
class Application : public QApplication {
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override;
};

} // namespace bh::desk
