#pragma once

#include "core/controller/settings_sheet.h"

#include <QWidget>
#include <array>
#include <vector>

class QComboBox;
class QLabel;
class QPushButton;

namespace bh::desk {

/// Where the coordinator says what an unknown simulator did after its settings had been filled in from the sheet.
class LearnForm : public QWidget {
    Q_OBJECT
public:
    explicit LearnForm(QWidget* parent = nullptr);
    [[nodiscard]] std::vector<Observation> seen() const;
    void forget(); ///< what was seen belongs to the settings that were in force
    void say(const QString& words);
    void setReady(bool ready); ///< there is a sheet to try

Q_SIGNALS:
    void learnAsked();

private:
    std::array<QComboBox*, 4> seen_{};
    QComboBox* middle_;
    QPushButton* learn_;
    QLabel* learnt_;
};

} // namespace bh::desk
