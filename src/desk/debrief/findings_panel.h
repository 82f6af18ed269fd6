#pragma once

#include <QWidget>
#include <vector>

class QLabel;
class QListWidget;
class QPushButton;

namespace bh {
class School;
}

namespace bh::desk {

struct LookedAt;

/// The one thing to change, large, with at most two more, each to be told to the pilot; and all that was found, the weightiest
/// first.
class FindingsPanel : public QWidget {
    Q_OBJECT
public:
    explicit FindingsPanel(School& school, QWidget* parent = nullptr);
    void show(const LookedAt* looked_at, const QString& otherwise); ///< null: nothing is, and that stands there instead
    void refresh();                                                 ///< what was told by now

Q_SIGNALS:
    void chosen(int finding); ///< into the debrief's findings

private:
    void tell(std::size_t which);
    struct AdviceRow {
        QLabel* words;
        QPushButton* tell;
    };
    School& school_;
    const LookedAt* looked_at_ = nullptr;
    QLabel *why_, *found_;
    std::vector<AdviceRow> rows_; ///< the first is large
    QListWidget* list_;
};

} // namespace bh::desk
