#include "written_texts.h"

#include <QAbstractItemView>
#include <QAbstractScrollArea>
#include <QFontMetricsF>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>

namespace {

/// Paints nothing, and keeps what is written.
class TextListener : public QPaintEngine {
public:
    explicit TextListener(std::vector<WrittenText>& texts) : QPaintEngine(AllFeatures), texts_(texts) {}
    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    void updateState(const QPaintEngineState&) override {}
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
    void drawPath(const QPainterPath&) override {}
    void drawPolygon(const QPointF*, int, PolygonDrawMode) override {}
    void drawImage(const QRectF&, const QImage&, const QRectF&, Qt::ImageConversionFlags) override {}
    [[nodiscard]] Type type() const override { return User; }
    void drawTextItem(const QPointF& at, const QTextItem& item) override
    {
        const QRectF box(at.x(), at.y() - item.ascent(), item.width(), item.ascent() + item.descent());
        const QTransform& to_device = painter()->deviceTransform();
        QRectF seen = systemClip().boundingRect();
        if (painter()->hasClipping()) seen &= to_device.mapRect(painter()->clipBoundingRect());
        texts_.push_back({item.text(), to_device.mapRect(box), seen});
    }

private:
    std::vector<WrittenText>& texts_;
};

/// As large and as finely divided as the widget's own.
class ListeningDevice : public QPaintDevice {
public:
    ListeningDevice(const QWidget& like, std::vector<WrittenText>& texts) : like_(like), listener_(texts) {}
    [[nodiscard]] QPaintEngine* paintEngine() const override { return &listener_; }

protected:
    [[nodiscard]] int metric(PaintDeviceMetric metric) const override
    {
        switch (metric) {
        case PdmWidth: return like_.width();
        case PdmHeight: return like_.height();
        case PdmDpiX:
        case PdmPhysicalDpiX: return like_.logicalDpiX();
        case PdmDpiY:
        case PdmPhysicalDpiY: return like_.logicalDpiY();
        case PdmDevicePixelRatio: return 1;
        case PdmDevicePixelRatioScaled: return static_cast<int>(devicePixelRatioFScale());
        default: return QPaintDevice::metric(metric);
        }
    }

private:
    const QWidget& like_;
    mutable TextListener listener_;
};

} // namespace

std::vector<WrittenText> writtenOn(QWidget& widget)
{
    std::vector<WrittenText> texts;
    ListeningDevice device(widget, texts);
    widget.render(&device, {}, {}, QWidget::DrawChildren);
    return texts;
}

namespace {

/// Whether what stands there comes by scrolling.
bool scrolls(const QWidget& widget, const QPointF& at)
{
    for (const QWidget* w = widget.childAt(static_cast<int>(at.x()), static_cast<int>(at.y())); w && w != &widget;
         w = w->parentWidget())
        if (qobject_cast<const QAbstractScrollArea*>(w)) return true;
    return false;
}

/// Whether a part of it, or a cell of a table, says just this, as in "Print …".
bool isWhole(const QWidget& widget, const QString& words)
{
    for (const QWidget* part : widget.findChildren<QWidget*>())
        for (const char* said : {"text", "placeholderText", "currentText"})
            if (part->property(said).toString().remove(QLatin1Char('&')).contains(words)) return true;
    for (const QAbstractItemView* view : widget.findChildren<QAbstractItemView*>())
        if (const QAbstractItemModel* model = view->model())
            for (int row = 0; row < model->rowCount(); ++row)
                for (int column = 0; column < model->columnCount(); ++column)
                    if (model->index(row, column).data().toString().contains(words)) return true;
    return false;
}

} // namespace

QStringList cutOn(QWidget& widget)
{
    QStringList cut;
    std::vector<WrittenText> seen;
    for (WrittenText& text : writtenOn(widget)) {
        if (!text.seen.intersects(text.place) || text.words.trimmed().isEmpty()) continue;
        if (text.words.contains(QChar(0x2026)) && !isWhole(widget, text.words)) cut << text.words;
        if (text.place.left() < text.seen.left() - 1 || text.place.right() > text.seen.right() + 1)
            cut << QStringLiteral("over the edge: ") + text.words;
        const QRectF shown = text.place & text.seen;
        if (shown.height() > 3 && shown.height() < 0.8 * text.place.height() && !scrolls(widget, shown.center()))
            cut << QStringLiteral("too low a place: ") + text.words;
        for (const WrittenText& other : seen) {
            const QRectF both = other.place & other.seen & text.place & text.seen;
            const bool marks = text.words.size() == 1 || other.words.size() == 1; // in a picture, where something is
            if (both.width() > 4 && both.height() > 6 && !marks) cut << QStringLiteral("%1 over %2").arg(text.words, other.words);
        }
        seen.push_back(std::move(text));
    }
    return cut;
}
