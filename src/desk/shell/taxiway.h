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
    /// Smaller than usual where a language's names are too long for the row.
    void setNamePoints(double points);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    StateMark mark_ = StateMark::None;
    double points_;
};

/// Top of the frame: the pages in working order.
class Taxiway : public QFrame {
    Q_OBJECT
public:
    explicit Taxiway(QWidget* parent = nullptr);
    /// In order; Alt+1, Alt+2, … choose them. The key names it for programs.
    TaxiwayButton* addPage(const QString& name, const QString& key);
    void setCurrent(int page);

Q_SIGNALS:
    void chosen(int page);

protected:
    void resizeEvent(QResizeEvent*) override;

private:
    std::vector<TaxiwayButton*> buttons_;
    QHBoxLayout* layout_;
    int current_ = -1;
};

} // namespace bh::desk
