#pragma once

#include <QWidget>
#include <cstddef>

class QLabel;
class QVBoxLayout;

namespace bh::desk {

/// Asks the handling questions one after the other, until they end in a rating.
class HandlingForm : public QWidget {
    Q_OBJECT
public:
    explicit HandlingForm(QWidget* parent = nullptr);
    void setAllowed(bool allowed); ///< answers can be given
    void restart();

Q_SIGNALS:
    void rated(int rating); ///< 1…10; the questions begin again

private:
    void ask(std::size_t question);
    QLabel* question_;
    QVBoxLayout* answers_;
    std::size_t asked_ = 0;
    bool allowed_ = true;
};

} // namespace bh::desk
