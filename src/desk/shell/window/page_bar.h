#pragma once

#include "desk/parts/look/theme.h"

#include <QAbstractButton>
#include <QFrame>
#include <vector>

class QHBoxLayout;

namespace bh::desk {

/// One page's button on the page bar, with its state mark.
class PageBarButton : public QAbstractButton {
    Q_OBJECT
public:
    explicit PageBarButton(const QString& text, QWidget* parent = nullptr);
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
class PageBar : public QFrame {
    Q_OBJECT
public:
    explicit PageBar(QWidget* parent = nullptr);
    /// In order; Alt+1, Alt+2, … choose them. The key names it for programs.
    PageBarButton* addPage(const QString& name, const QString& key);
    void setCurrent(int page);

Q_SIGNALS:
    void chosen(int page);

protected:
    void resizeEvent(QResizeEvent*) override;

private:
    std::vector<PageBarButton*> buttons_;
    QHBoxLayout* layout_;
    int current_ = -1;
};

} // namespace bh::desk
