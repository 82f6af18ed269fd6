#pragma once

#include <QRectF>
#include <QStringList>
#include <QWidget>
#include <vector>

/// A text as it came to be painted: its words and where they stand on the widget, and how much of the place may be painted on.
struct WrittenText {
    QString words;
    QRectF place, seen;
};

/// What of it is shortened, goes over the edge of where it may be painted or is too high for it, or lies over other words; empty:
/// nothing. What lies further down and comes by scrolling is not looked at.
QStringList cutOn(QWidget& widget);

/// Every text on a widget and on what lies in it, whoever paints it; only what is painted as a picture first is not among them.
std::vector<WrittenText> writtenOn(QWidget& widget);
