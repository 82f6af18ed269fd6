#pragma once

#include "desk/parts/look/theme.h"

#include <QPaintEngine>
#include <QPainter>
#include <QPixmap>
#include <QWidget>

namespace bh::desk {

/// The part of a widget's picture that stays while something moves in front of it. Painted anew when the size, the theme or what
/// it was made for has changed; on anything but a screen, such as paper, it is not painted as dots first.
template <class MadeFor>
class StillPicture {
public:
    void forget() { picture_ = {}; }
    template <class Paint>
    void draw(QPainter& p, const QWidget& on, const MadeFor& made_for, const Paint& paint)
    {
        if (p.paintEngine()->type() != QPaintEngine::Raster) {
            p.save();
            paint(p);
            return p.restore();
        }
        const QSize size = on.size() * on.devicePixelRatioF();
        if (picture_.size() != size || !(made_for == made_for_) || card_ != theme().card) {
            picture_ = QPixmap(size);
            picture_.setDevicePixelRatio(on.devicePixelRatioF());
            made_for_ = made_for, card_ = theme().card;
            QPainter onto(&picture_);
            paint(onto);
        }
        p.drawPixmap(0, 0, picture_);
    }

private:
    QPixmap picture_;
    MadeFor made_for_{};
    QColor card_;
};

} // namespace bh::desk
