#pragma once

#include "core/base/result.h"
#include "record/place.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QRadioButton;

namespace bh::desk {

/// Asks where the school's record is, before there is one: in a file of this computer, or on a server that several stations
/// share.
class StartPage : public QDialog {
    Q_OBJECT
public:
    StartPage(const QString& usual_file, const QString& station_name, QWidget* parent = nullptr);
    [[nodiscard]] QString given() const; ///< as RecordPlace takes it
    [[nodiscard]] QString stationName() const;

private:
    void tryIt();
    QRadioButton *here_, *server_;
    QLineEdit *file_, *address_, *name_;
    QLabel* wrong_;
};

/// What was chosen at an earlier start; empty: nothing. Without passwords, which libpq keeps.
[[nodiscard]] QString chosenPlace();
void keepChosenPlace(const QString& given);
/// How people call this station; the computer's own name until somebody says so.
[[nodiscard]] QString stationName();
void keepStationName(const QString& name);
/// Why an address cannot be used; an error's words are for whoever typed it.
[[nodiscard]] Result<void> canBeUsed(const QString& address);

} // namespace bh::desk
