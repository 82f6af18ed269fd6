#pragma once

#include "core/controller/recording.h"

#include <QWidget>

namespace bh::desk {

/// The ten prompts of a calibration as a checklist; the one that is on shows how far its motion has come.
class PromptList : public QWidget {
    Q_OBJECT
public:
    explicit PromptList(QWidget* parent = nullptr);
    /// `current` prompts are done; `progress` 0…1 of the next. −1: not calibrating.
    void setProgress(int current, double progress);
    [[nodiscard]] static QString instruction(Prompt prompt);
    [[nodiscard]] QSize sizeHint() const override { return {270, 10 * 30 + 8}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    int current_ = -1;
    double progress_ = 0;
};

} // namespace bh::desk
