#pragma once

#include <QStackedWidget>
#include <functional>
#include <vector>

class QPushButton;

namespace bh::desk {

/// One of several is seen at a time, in all the room that there is. How high it is for a width is not asked: nobody would have
/// the answer, and every sentence that wraps would be laid out anew at each level of the page for it.
class Stack : public QStackedWidget {
public:
    using QStackedWidget::QStackedWidget;
    [[nodiscard]] bool hasHeightForWidth() const override { return false; }
};

/// Parts of a page of which one is seen at a time, chosen by a row of buttons that the page places where it likes.
class Sections : public Stack {
    Q_OBJECT
public:
    using Stack::Stack;
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
