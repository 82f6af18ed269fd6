#pragma once

#include "core/controller/settings_sheet.h"
#include "core/setup/training_setup.h"

#include <QStringList>
#include <QWidget>
#include <optional>

namespace bh::desk {

/// What a settings sheet is about, for its head.
struct CardFacts {
    QString pilot, controller, date;
    int stick_mode = 2;
    SimulatorProfile simulator;
    SettingsSheet sheet;
    QString real_aircraft, simulated_aircraft; ///< names; empty when not chosen
    std::optional<TrainingSetup> setup;        ///< the pilot's, when one was made
    QStringList switches;                      ///< the controller's own, a line each
    QString way_back;                          ///< on which step of the way back to the real aircraft the pilot is
    QStringList rates; ///< what to set there for the practised rates, in its own numbers, a line each with a head; empty where
                       ///< they cannot be set
};

/// Paints the card: the four lines large enough to be read at arm's length, the notes below.
void paintCard(QPainter& painter, const QRectF& page, const CardFacts& facts, const QColor& ink, const QColor& soft,
               const QColor& line);
/// What the pilot's set-up adds to the card, a line each; empty without one.
[[nodiscard]] QStringList setupLines(const CardFacts& facts);
/// One A5 page. False when the file could not be written.
[[nodiscard]] bool saveCard(const QString& file, const CardFacts& facts);

/// The same in a small window that stays above the others, to be held beside the simulator's settings.
class CardWindow : public QWidget {
    Q_OBJECT
public:
    explicit CardWindow(CardFacts facts);

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* event) override; ///< Escape closes it

private:
    CardFacts facts_;
};

} // namespace bh::desk
