#pragma once

#include <QKeySequence>
#include <QObject>
#include <QString>
#include <QStringList>

class QWidget;

namespace bh::desk {

/// What was chosen at this computer, whatever record is open; kept in the user's configuration folder.
class Preferences : public QObject {
    Q_OBJECT
public:
    enum class Look { Day, Night, AsSystem };
    Preferences();
    [[nodiscard]] Look look() const;
    void setLook(Look look);
    [[nodiscard]] int textPercent() const { return textPercent_; } ///< 100…200; asked for with every font that is painted
    void setTextPercent(int percent);
    [[nodiscard]] bool feetAndKnots() const; ///< for show; files and entries stay metric
    void setFeetAndKnots(bool feet);
    [[nodiscard]] bool systemDates() const; ///< days as the system writes them
    void setSystemDates(bool system);
    [[nodiscard]] QString language() const; ///< a tag such as "de"; empty: the system's
    void setLanguage(const QString& tag);
    [[nodiscard]] bool speaks() const; ///< a flight's phases and marks are spoken
    void setSpeaks(bool speaks);
    [[nodiscard]] bool sounds() const; ///< a quiet tone while a flight is out of its height window
    void setSounds(bool sounds);
    [[nodiscard]] int samplingHz() const; ///< how often controllers are looked at
    void setSamplingHz(int rate_hz);
    [[nodiscard]] bool lessMotion() const { return lessMotion_; } ///< no trails, small pictures twice a second
    void setLessMotion(bool less);
    [[nodiscard]] bool menuShown() const;
    void setMenuShown(bool shown);
    [[nodiscard]] QString folder() const; ///< where papers and tables go first; empty: where the last one went
    void setFolder(const QString& folder);
    /// Of a command; empty where it was taken away.
    [[nodiscard]] QKeySequence keys(const QString& command, const QKeySequence& usual) const;
    void setKeys(const QString& command, const QKeySequence& keys, const QKeySequence& usual);
    [[nodiscard]] QStringList recentRecords() const; ///< newest first
    void noteRecord(const QString& place);
    /// Where a window was, what its splitters showed.
    void keepPlace(const QString& window, const QByteArray& geometry);
    [[nodiscard]] QByteArray placeOf(const QString& window) const;

    /// Something is said once at this computer: whether it was, under a name of its own.
    [[nodiscard]] bool wasSaid(const QString& what) const;
    void noteSaid(const QString& what);

    /// Where the school's record is, as RecordPlace takes it; empty: nothing was chosen.
    [[nodiscard]] QString chosenRecord() const;
    void setChosenRecord(const QString& place);
    [[nodiscard]] QString stationName() const; ///< empty: nobody has said
    void setStationName(const QString& name);

Q_SIGNALS:
    void changed();     ///< whatever it is
    void lookChanged(); ///< what is in sight is to be drawn anew: colours, size of text, units, days

private:
    template <class Value>
    bool put(const QString& key, const Value& value);
    int textPercent_ = 100;
    bool lessMotion_ = false; ///< asked for with every frame
};

/// Those of the one application.
[[nodiscard]] Preferences& preferences();
/// Where a file of this name is offered to go: into the folder that was chosen for it.
[[nodiscard]] QString placeToWrite(const QString& name);

} // namespace bh::desk
