#pragma once

#include "desk/parts/theme.h"

#include <QAbstractButton>
#include <QFrame>
#include <vector>

class QHBoxLayout;

namespace bh::desk {

/// One page's button on the taxiway, with its state mark.
class TaxiwayButton : public QAbstractButton {
    Q_OBJECT
public:
    explicit TaxiwayButton(const QString& text, QWidget* parent = nullptr);
    void setMark(StateMark mark, const QString& why);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    StateMark mark_ = StateMark::None;
};

/// Top of the frame: the pages in working order.
class Taxiway : public QFrame {
    Q_OBJECT
public:
    explicit Taxiway(QWidget* parent = nullptr);
    TaxiwayButton* addPage(const QString& name); ///< in order; Alt+1, Alt+2, … choose them
    void setCurrent(int page);

Q_SIGNALS:
    void chosen(int page);

private:
    std::vector<TaxiwayButton*> buttons_;
    QHBoxLayout* layout_;
    int current_ = -1;
};

} // namespace bh::desk
