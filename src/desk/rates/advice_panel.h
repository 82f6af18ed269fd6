#pragma once

#include "desk/rates/rates_context.h"

#include <QWidget>

class QDoubleSpinBox;
class QLabel;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// What rates are usual for what, as a place to begin, and what the pilot's own flights and plans say about them.
class AdvicePanel : public QWidget {
    Q_OBJECT
public:
    explicit AdvicePanel(School& school, QWidget* parent = nullptr);
    void setContext(const RatesContext& context);

Q_SIGNALS:
    void planned(); ///< the change plan leads towards a purpose now

protected:
    void showEvent(QShowEvent* event) override; ///< reading flights takes a while: only when it is looked at

private:
    void refresh();
    void beginWith(int band);

    School& school_;
    RatesContext context_;
    std::vector<FlipsOnRate> flips_;
    bool stale_ = true;
    QTableWidget* bands_;
    QDoubleSpinBox* flipHeight_;
    QLabel *advice_, *said_;
};

} // namespace bh::desk
