#pragma once

#include "school/views/beginning.h"

#include <QFrame>
#include <vector>

class QLabel;
class QPushButton;

namespace bh::desk {

/// Leads a new school to its first score: what is done, what is next, and one button for it.
class BeginPanel : public QFrame {
    Q_OBJECT
public:
    explicit BeginPanel(QWidget* parent = nullptr);
    void show(const std::vector<BeginLine>& lines, const BeginFacts& facts);

Q_SIGNALS:
    void asked(bh::BeginStep step);
    void putOff(bh::BeginStep step);

private:
    struct Row {
        BeginStep step;
        QLabel *mark, *name, *why;
        QPushButton *go, *later; ///< later: null where it cannot wait
    };
    [[nodiscard]] QFrame* makeRow(BeginStep step);
    std::vector<Row> rows_;
};

/// "Add the first pilot".
[[nodiscard]] QString beginInWords(BeginStep step);

} // namespace bh::desk
