#pragma once

#include <QColor>
#include <QFont>
#include <QObject>
#include <QSize>
#include <QString>

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
    QColor caution;               ///< attention as words: amber as small text needs to be darker on paper
    QColor button, select, field; ///< grounds: of the main button, of what is chosen, of fields on the chrome
    QColor roll, pitch, yaw, throttle;
    QColor sky, skyLow, saltLight, saltDark, gridFine, gridCoarse, bank, bankShade, poplar, poplarShade, pole, cloth, shed,
        shedShade, frame, frameShade, mark;
};

[[nodiscard]] const Theme& theme();
/// Applies fonts (once), palette and style sheet for day or night to the whole application.
void applyTheme(QApplication& application, bool night);
/// Whether the preferences speak for dark colours, now.
[[nodiscard]] bool nightPreferred();

/// While it lives widgets are made without the style sheet, and get it once, when it goes: each widget that is put into
/// another one is styled anew otherwise, with all that it holds (measured: half of the start).
class StyledOnce {
public:
    StyledOnce();
    ~StyledOnce();
    StyledOnce(const StyledOnce&) = delete;
    StyledOnce& operator=(const StyledOnce&) = delete;

private:
    QString sheet_;
};

/// Tells those who keep colours of the theme that they are others now.
class ThemeNews : public QObject {
    Q_OBJECT
Q_SIGNALS:
    void changed();
};
[[nodiscard]] ThemeNews& themeNews();

/// The three sizes that a page is set in: what stands beside (axes, second lines), what is read, and the line that says the
/// state. Only a clock that is read from across the room is larger.
inline constexpr double small_points = 8.5, text_points = 10, head_points = 13;
/// Noto Sans, as large as the preferences want it; its figures are tabular.
[[nodiscard]] QFont uiFont(double points, bool bold = false);
/// Room that text of the usual size needs, for text as large as it is preferred.
[[nodiscard]] int scaled(int px);
/// A size that a window should open in: this one, larger with larger text as far as its screen goes.
[[nodiscard]] QSize openingSize(const QWidget& window, int wide_px, int high_px);

/// State marks: ring = due, disc = held or done, bar = blocked, dot = nothing due.
enum class StateMark { None, Due, Done, Blocked, Partly };
void paintMark(QPainter& painter, const QRectF& box, StateMark mark, const QColor& colour);

} // namespace bh::desk
