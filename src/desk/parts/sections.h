#pragma once

#include <QStackedWidget>
#include <functional>
#include <vector>

class QPushButton;

namespace bh::desk {

/// Parts of a page of which one is seen at a time, chosen by a row of buttons that the page places where it likes.
class Sections : public QStackedWidget {
    Q_OBJECT
public:
    using QStackedWidget::QStackedWidget;
    /// The button is called `name`; `words` stand on it. The part is made when it is first chosen, the first one at once.
    QPushButton* add(const QString& words, const QString& name, std::function<QWidget*()> make);
    void choose(int section);
    [[nodiscard]] const std::vector<QPushButton*>& buttons() const { return buttons_; }

Q_SIGNALS:
    void chosen(int section);

private:
    void makeNow(int section);
    std::vector<QPushButton*> buttons_;
    std::vector<std::function<QWidget*()>> makers_; ///< empty once used
};

} // namespace bh::desk
