#pragma once

#include "desk/parts/speech/spoken_view.h"

#include <QStringList>

namespace bh::desk {

/// Steps one below the other that tick themselves: those done, the one that is on with how far it has come, the rest.
class CheckList : public SpokenView {
    Q_OBJECT
public:
    explicit CheckList(const QString& name, QWidget* parent = nullptr);
    void setSteps(const QStringList& steps);
    /// The first `current` steps are done; `progress` 0…1 of the next. −1: not running.
    void setProgress(int current, double progress);
    void setFailed(bool failed); ///< the current step went wrong
    [[nodiscard]] const QStringList& steps() const { return steps_; }
    [[nodiscard]] int current() const { return current_; }
    [[nodiscard]] QString inWords() const override;
    [[nodiscard]] QSize sizeHint() const override { return {270, 10 * 30 + 8}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QStringList steps_;
    int current_ = -1;
    double progress_ = 0;
    bool failed_ = false;
};

} // namespace bh::desk
