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

private:
    void refresh();
    void beginWith(int band);

    School& school_;
    RatesContext context_;
    QTableWidget* bands_;
    QDoubleSpinBox* flipHeight_;
    QLabel* advice_;
};

} // namespace bh::desk
