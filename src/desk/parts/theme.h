#pragma once

#include <QColor>
#include <QFont>
#include <QObject>

class QApplication;
class QPainter;
class QRectF;

namespace bh::desk {

/// The desk's colours, by what they are for. Never the only carrier of a meaning: a shape, word or line style goes with
/// each.
struct Theme {
    bool night = false;
    QColor chrome, onChrome, chromeSoft;
    QColor paper, card, line, ink, soft;
    QColor attention, held, notMet, steel;
    QColor roll, pitch, yaw, throttle;
    QColor sky, skyLow, saltLight, saltDark, gridFine, gridCoarse, bank, bankShade, poplar, poplarShade, pole, cloth, shed,
        shedShade, frame, frameShade, mark;
};

[[nodiscard]] const Theme& theme();
/// Applies fonts (once), palette and style sheet for day or night to the whole application.
void applyTheme(QApplication& application, bool night);
/// Whether the preferences speak for dark colours, now.
[[nodiscard]] bool nightPreferred();

/// Tells those who keep colours of the theme that they are others now.
class ThemeNews : public QObject {
    Q_OBJECT
Q_SIGNALS:
    void changed();
};
[[nodiscard]] ThemeNews& themeNews();

/// Noto Sans, as large as the preferences want it; its figures are tabular.
[[nodiscard]] QFont uiFont(double points, bool bold = false);
/// Room that text of the usual size needs, for text as large as it is preferred.
[[nodiscard]] int scaled(int px);

/// State marks: ring = due, disc = held or done, bar = blocked, dot = nothing due.
enum class StateMark { None, Due, Done, Blocked, Partly };
void paintMark(QPainter& painter, const QRectF& box, StateMark mark, const QColor& colour);

} // namespace bh::desk
