#include "desk/parts/look/theme.h"

#include "desk/parts/forms/preferences.h"

#include <QApplication>
#include <QFontDatabase>
#include <QPainter>
#include <QPalette>
#include <QProxyStyle>
#include <QScreen>
#include <QWidget>

namespace bh::desk {
namespace {

/// Qt's Fusion, with the desk's spacing where a layout does not say its own.
class DeskStyle : public QProxyStyle {
public:
    DeskStyle() : QProxyStyle(QStringLiteral("Fusion")) {}
    int pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const override
    {
        switch (metric) {
        case PM_LayoutLeftMargin:
        case PM_LayoutTopMargin:
        case PM_LayoutRightMargin:
        case PM_LayoutBottomMargin:
        case PM_LayoutHorizontalSpacing:
        case PM_LayoutVerticalSpacing: return 8;
        default: return QProxyStyle::pixelMetric(metric, option, widget);
        }
    }
};

struct Shade {
    QColor Theme::*role;
    const char* day;
    const char* night;
};
constexpr Shade shades[] = {
    {&Theme::chrome, "#1D3F63", "#10243A"},     {&Theme::onChrome, "#F6F5F1", "#D7DEE5"},
    {&Theme::chromeSoft, "#9DB3C9", "#7F96AD"}, {&Theme::paper, "#F6F5F1", "#151A20"},
    {&Theme::card, "#FFFFFF", "#1D242C"},       {&Theme::line, "#D8D5CC", "#36404B"},
    {&Theme::ink, "#1B2430", "#DDE2E7"},        {&Theme::soft, "#5B6672", "#9AA6B2"},
    {&Theme::attention, "#C77700", "#E59A2C"},  {&Theme::held, "#1E7F6D", "#3FAE97"},
    {&Theme::caution, "#8F5500", "#E59A2C"},    {&Theme::button, "#1D3F63", "#2F6094"},
    {&Theme::select, "#DCE6EF", "#2A3B4E"},     {&Theme::field, "#2C5380", "#1C3653"},
    {&Theme::notMet, "#A33B2E", "#DB7767"},     {&Theme::steel, "#7B8794", "#8B98A5"},
    {&Theme::roll, "#C77700", "#E59A2C"},       {&Theme::pitch, "#1E7F6D", "#3FAE97"},
    {&Theme::yaw, "#7A3E78", "#B97AB6"},        {&Theme::throttle, "#7B8794", "#8B98A5"},
    {&Theme::sky, "#A9C3D6", "#24364A"},        {&Theme::skyLow, "#D5E0E4", "#3C4F60"},
    {&Theme::saltLight, "#EBE6DA", "#86826F"},  {&Theme::saltDark, "#8F866E", "#37352E"},
    {&Theme::gridFine, "#BDB5A0", "#57533F"},   {&Theme::gridCoarse, "#A39A83", "#8A8468"},
    {&Theme::bank, "#8C9B62", "#4E5A36"},       {&Theme::bankShade, "#6F7F4C", "#3C4629"},
    {&Theme::poplar, "#4F6B3F", "#2F4427"},     {&Theme::poplarShade, "#3B5331", "#22331C"},
    {&Theme::pole, "#4A4438", "#B8B09A"},       {&Theme::cloth, "#A33B2E", "#DB7767"},
    {&Theme::shed, "#8A6F5A", "#54453A"},       {&Theme::shedShade, "#6B5443", "#40342B"},
    {&Theme::frame, "#7A3E78", "#9C6A99"},      {&Theme::frameShade, "#5C2F5B", "#754F73"},
    {&Theme::mark, "#1D3F63", "#BFD3E6"},
};

Theme makeTheme(bool night)
{
    Theme t;
    t.night = night;
    for (const Shade& s : shades) t.*s.role = QColor(QLatin1String(night ? s.night : s.day));
    return t;
}

Theme& current()
{
    static Theme t = makeTheme(false); // the one look of the one application
    return t;
}

void loadFonts()
{
    static const bool loaded = [] {
        for (const char* file : {"NotoSans-Regular", "NotoSans-Bold", "NotoSansMono-Regular"})
            QFontDatabase::addApplicationFont(QStringLiteral(":/resources/fonts/%1.ttf").arg(QLatin1String(file)));
        return true;
    }();
    Q_UNUSED(loaded);
}

QString styleSheet(const Theme& t)
{
    QString css = QStringLiteral(
        "QToolTip { background: @card; color: @ink; border: 1px solid @line; padding: 4px; }"
        "QPushButton { background: @card; color: @ink; border: 1px solid @line; border-radius: 3px; padding: 5px 12px; }"
        "QPushButton:hover { border-color: @chromeSoft; } QPushButton:focus { border: 2px solid @attention; padding: 4px 11px; }"
        "QPushButton:disabled { color: @steel; } QPushButton:checked { background: @select; border-color: @button; font-weight: "
        "bold; }"
        "QPushButton[primary=\"true\"] { background: @button; color: #FFFFFF; border-color: @button; }"
        "QPushButton[primary=\"true\"]:focus { border: 2px solid @attention; }"
        "QPushButton[primary=\"true\"]:disabled { background: @line; color: @soft; border-color: @line; }"
        "QLineEdit, QComboBox, QAbstractSpinBox { background: @card; color: @ink; border: 1px solid @line; border-radius: 3px; "
        "padding: 3px 6px; }"
        "QLineEdit:focus, QComboBox:focus, QAbstractSpinBox:focus { border: 2px solid @attention; padding: 2px 5px; }"
        "QAbstractSpinBox::up-button, QAbstractSpinBox::down-button { border: none; width: 18px; }"
        "QAbstractSpinBox::up-arrow { image: url(:/resources/icons/up.svg); width: 9px; height: 6px; }"
        "QAbstractSpinBox::down-arrow { image: url(:/resources/icons/down.svg); width: 9px; height: 6px; }"
        "QComboBox::drop-down { border: none; width: 22px; } QComboBox::down-arrow { image: url(:/resources/icons/down.svg); }"
        "QComboBox QAbstractItemView { background: @card; color: @ink; selection-background-color: @button; selection-color: "
        "#FFFFFF; }"
        "QTableView, QListView { background: @card; color: @ink; border: 1px solid @line; gridline-color: @line; "
        "selection-background-color: @select; selection-color: @ink; }"
        "QHeaderView::section { background: @paper; color: @soft; border: none; border-bottom: 1px solid @line; padding: 4px "
        "6px; }"
        "QCheckBox::indicator, QTableView::indicator { width: 14px; height: 14px; border: 1px solid @steel; border-radius: 2px; "
        "background: @card; }"
        "QCheckBox::indicator:checked, QTableView::indicator:checked { background: @button; border-color: @button; image: "
        "url(:/resources/icons/check.svg); }"
        "QCheckBox::indicator:disabled { border-color: @line; } QCheckBox { border: 1px solid transparent; }"
        "QCheckBox:focus { border-color: @attention; }"
        "QScrollBar:vertical { background: @paper; width: 10px; } QScrollBar::handle:vertical { background: @line; min-height: "
        "24px; border-radius: 4px; }"
        "QScrollBar::add-line, QScrollBar::sub-line { height: 0; }"
        "#roster { background: @chrome; } #roster QLabel { color: @onChrome; }"
        "#roster QLineEdit, #roster QDoubleSpinBox { background: @field; color: @onChrome; border-color: @field; }"
        "#roster QListView { background: @chrome; color: @onChrome; border: none; }"
        "#roster QPushButton { background: @field; color: @onChrome; border-color: @field; padding: 4px 8px; }"
        "#roster QPushButton:disabled { color: @chromeSoft; }"
        "#statusBar { background: @chrome; } #statusBar QLabel { color: @onChrome; }"
        "#statusBar QPushButton { background: @field; color: @onChrome; border-color: @field; padding: 3px 8px; }"
        "#statusBar QPushButton:disabled { color: @chromeSoft; }"
        "QLabel:focus, QTableView:focus { border: 1px solid @attention; }"
        "#statusBar QPushButton:focus { border: 2px solid @attention; padding: 2px 7px; }"

        "#instruction { color: @ink; } #quiet, QLabel[quiet=\"true\"] { color: @soft; } #caution, QLabel[caution=\"true\"] { "
        "color: @caution; }"
        "QMenuBar { background: @chrome; color: @onChrome; } QMenuBar::item { background: transparent; padding: 4px 10px; }"
        "QMenuBar::item:selected { background: @field; }"
        "QMenu { background: @card; color: @ink; border: 1px solid @line; } QMenu::item { padding: 5px 28px 5px 16px; }"
        "QMenu::item:selected { background: @select; } QMenu::item:disabled { color: @steel; }"
        "QMenu::separator { height: 1px; background: @line; margin: 4px 8px; }"
        "#card { background: @card; border: 1px solid @line; border-radius: 4px; }");
    const auto put = [&css](const char* key, const QColor& colour) { css.replace(QLatin1String(key), colour.name()); };
    put("@caution", t.caution);
    put("@chromeSoft", t.chromeSoft);
    put("@chrome", t.chrome);
    put("@onChrome", t.onChrome);
    put("@card", t.card);
    put("@paper", t.paper);
    put("@line", t.line);
    put("@ink", t.ink);
    put("@soft", t.soft);
    put("@steel", t.steel);
    put("@attention", t.attention);
    put("@button", t.button);
    put("@select", t.select);
    put("@field", t.field);
    return css;
}

} // namespace

const Theme& theme() { return current(); }

bool nightPreferred()
{
    // Asked before the desk's own palette is in place.
    static const bool system_is_dark = QGuiApplication::palette().color(QPalette::Window).lightnessF() < 0.5F;
    const Preferences::Look look = preferences().look();
    return look == Preferences::Look::Night || (look == Preferences::Look::AsSystem && system_is_dark);
}

void applyTheme(QApplication& application, bool night)
{
    loadFonts();
    current() = makeTheme(night);
    const Theme& t = current();
    application.setStyle(new DeskStyle);
    application.setFont(uiFont(text_points));
    QPalette palette;
    palette.setColor(QPalette::Window, t.paper);
    palette.setColor(QPalette::WindowText, t.ink);
    palette.setColor(QPalette::Base, t.card);
    palette.setColor(QPalette::AlternateBase, t.paper);
    palette.setColor(QPalette::Text, t.ink);
    palette.setColor(QPalette::Button, t.card);
    palette.setColor(QPalette::ButtonText, t.ink);
    palette.setColor(QPalette::PlaceholderText, t.night ? t.soft : t.chromeSoft);
    palette.setColor(QPalette::Highlight, t.chrome);
    palette.setColor(QPalette::HighlightedText, t.onChrome);
    application.setPalette(palette);
    application.setStyleSheet(styleSheet(t));
    Q_EMIT themeNews().changed();
}

StyledOnce::StyledOnce() : sheet_(qApp->styleSheet()) { qApp->setStyleSheet(QString()); }
StyledOnce::~StyledOnce() { qApp->setStyleSheet(sheet_); }

ThemeNews& themeNews()
{
    static ThemeNews news;
    return news;
}

QFont uiFont(double points, bool bold)
{
    QFont font(QStringLiteral("Noto Sans"));
    font.setPointSizeF(points * preferences().textPercent() / 100);
    font.setBold(bold);
    return font;
}

int scaled(int px) { return px * preferences().textPercent() / 100; }

QSize openingSize(const QWidget& window, int wide_px, int high_px)
{
    constexpr double beside_its_frame = 0.95;
    const QSize room = window.screen()->availableSize() * beside_its_frame;
    return QSize(wide_px, high_px).expandedTo(QSize(scaled(wide_px), scaled(high_px)).boundedTo(room));
}

void paintMark(QPainter& painter, const QRectF& box, StateMark mark, const QColor& colour)
{
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double size = std::min(box.width(), box.height());
    const QRectF round(box.center().x() - size / 2 + 1, box.center().y() - size / 2 + 1, size - 2, size - 2);
    painter.setPen(QPen(colour, 2));
    painter.setBrush(Qt::NoBrush);
    switch (mark) {
    case StateMark::Done:
        painter.setBrush(colour);
        painter.drawEllipse(round);
        break;
    case StateMark::Due: painter.drawEllipse(round); break;
    case StateMark::Partly:
        painter.drawEllipse(round);
        painter.setBrush(colour);
        painter.setPen(Qt::NoPen);
        painter.drawPie(round, 90 * 16, -180 * 16);
        break;
    case StateMark::Blocked: painter.fillRect(QRectF(round.left(), round.center().y() - 2, round.width(), 4), colour); break;
    case StateMark::None: painter.fillRect(QRectF(round.center().x() - 1.5, round.center().y() - 1.5, 3, 3), colour); break;
    }
    painter.restore();
}

} // namespace bh::desk
