#pragma once

#include <QDialog>

namespace bh::desk {

/// Which version this is, whose work is in it, and under which licences.
class AboutWindow : public QDialog {
    Q_OBJECT
public:
    explicit AboutWindow(QWidget* parent);
};

} // namespace bh::desk
