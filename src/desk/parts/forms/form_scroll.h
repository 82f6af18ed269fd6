#pragma once

#include <QScrollArea>

namespace bh::desk {

/// A scrolling form: the wheel scrolls it and does not turn a setting over on its way.
class FormScroll : public QScrollArea {
    Q_OBJECT
public:
    explicit FormScroll(QWidget* parent = nullptr);
    [[nodiscard]] QSize minimumSizeHint() const override; ///< as wide as the form needs: it scrolls downwards only
    void setForm(QWidget* form);                          ///< takes it over, and its fields' wheels
    void watchFields(QWidget* part);                      ///< of a part that was added later

protected:
    bool eventFilter(QObject* object, QEvent* event) override;
};

/// One that wants to be as high as its form, wrapped texts and all, and scrolls where that much is not there.
class FittingScroll : public FormScroll {
    Q_OBJECT
public:
    explicit FittingScroll(QWidget* parent = nullptr);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    bool eventFilter(QObject* object, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
};

} // namespace bh::desk
