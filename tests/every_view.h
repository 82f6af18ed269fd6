#pragma once

#include "desk/parts/forms/sections.h"
#include "desk_fixture.h"

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTabWidget>
#include <functional>
#include <set>

/// Shows every part that can be chosen on a page, by a section's button or as a tab, and the parts of each.
inline void inEveryPart(QWidget& page, std::set<const QWidget*> known, const std::function<void()>& look)
{
    const auto through = [&](auto* parts, const auto& choose) {
        if (!parts->isVisible() || !known.insert(parts).second) return;
        const int first = parts->currentIndex();
        for (int part = 0; part < parts->count(); ++part) {
            if (part == first) continue;
            choose(part);
            CAPTURE(parts->objectName().toStdString(), part);
            look();
            inEveryPart(page, known, look);
        }
        choose(first);
    };
    for (auto* sections : page.findChildren<bh::desk::Sections*>()) through(sections, [&](int i) { sections->choose(i); });
    for (auto* tabs : page.findChildren<QTabWidget*>()) through(tabs, [&](int i) { tabs->setCurrentIndex(i); });
}

/// Shows every page and every part of each, one after the other.
inline void inEveryView(const Desk& desk, const std::function<void()>& look, int settle_ms = 50)
{
    const auto look_then = [&] {
        QTest::qWait(settle_ms);
        look();
    };
    for (int page = 0; page < bh::desk::MainWindow::PageCount; ++page) {
        CAPTURE(page);
        desk.window->showPage(static_cast<bh::desk::MainWindow::Page>(page));
        look_then();
        inEveryPart(*desk.window, {}, look_then);
    }
}

/// Nothing is narrower than it needs to be read, and what does not scroll is in sight.
inline void checkRoom(const QWidget& window)
{
    for (QPushButton* button : window.findChildren<QPushButton*>()) {
        if (!button->isVisible()) continue;
        CAPTURE(button->text().toStdString(), button->width(), button->minimumSizeHint().width());
        CHECK(button->width() >= button->minimumSizeHint().width());
        bool scrolls = false;
        for (const QWidget* w = button; w; w = w->parentWidget()) scrolls = scrolls || qobject_cast<const QScrollArea*>(w);
        if (!scrolls) CHECK(window.rect().contains(QRect(button->mapTo(&window, QPoint()), button->size())));
    }
    for (const QScrollArea* area : window.findChildren<QScrollArea*>()) // they scroll downwards only, but for a week of many bays
        if (area->isVisible() && area->widget()->objectName() != "weekGrid")
            CHECK(area->widget()->width() <= area->viewport()->width());
    for (QLabel* label : window.findChildren<QLabel*>()) {
        if (!label->isVisible() || label->text().isEmpty()) continue;
        CAPTURE(label->text().toStdString());
        const auto tall_enough = [label] { // a layout may need a second round for words that wrap
            return label->height() >= (label->wordWrap() ? label->heightForWidth(label->width()) : label->sizeHint().height());
        };
        CHECK(QTest::qWaitFor(tall_enough, 500));
        if (!label->wordWrap()) CHECK(label->width() >= label->sizeHint().width());
    }
}
inline void checkRoom(const Desk& desk) { checkRoom(*desk.window); }
