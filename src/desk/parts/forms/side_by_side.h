#pragma once

#include <QSplitter>

namespace bh::desk {

/// Two parts of a page beside each other, with a handle between them; how they share the room is remembered at this computer.
/// Neither can be pushed away; in a wide window both grow.
class SideBySide : public QSplitter {
    Q_OBJECT
public:
    /// `grows_left`, `grows_right`: how the room beyond their usual width is shared.
    SideBySide(const QString& name, QWidget* left, QWidget* right, int grows_left, int grows_right, QWidget* parent = nullptr);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void share();
    int grows_left_, grows_right_;
    bool placed_ = false;
};

} // namespace bh::desk
