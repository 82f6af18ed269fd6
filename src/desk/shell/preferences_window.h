#pragma once

#include <QDialog>

namespace bh::desk {

/// What is chosen at this computer. Every choice holds at once.
class PreferencesWindow : public QDialog {
    Q_OBJECT
public:
    explicit PreferencesWindow(QWidget* parent);
};

} // namespace bh::desk
