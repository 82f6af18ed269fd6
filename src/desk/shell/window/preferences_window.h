#pragma once

#include <QDialog>

class QFormLayout;

namespace bh::desk {

/// What is chosen at this computer. Every choice holds at once.
class PreferencesWindow : public QDialog {
    Q_OBJECT
public:
    explicit PreferencesWindow(QWidget* parent);

private:
    void addShown(QFormLayout& form);
    void addHeardAndRead(QFormLayout& form);
};

} // namespace bh::desk
