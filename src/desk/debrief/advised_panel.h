#pragma once

#include <QWidget>
#include <string>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace bh {
class School;
}

namespace bh::desk {

/// What a pilot was advised, whether it was followed, and whether it helped.
class AdvisedPanel : public QWidget {
    Q_OBJECT
public:
    explicit AdvisedPanel(School& school, QWidget* parent = nullptr);
    void show(const std::string& pilot_id);

Q_SIGNALS:
    void rulesWanted(); ///< the rules and how often each helped

private:
    void mark(const std::string& advice_id, bool followed, bool closed);
    School& school_;
    std::string pilot_id_;
    QLabel* empty_;
    QWidget* rows_ = nullptr;
    QVBoxLayout* inside_;
};

} // namespace bh::desk
