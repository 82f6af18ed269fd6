#pragma once

#include "desk/controller/controller_page.h"
#include "desk/drills/drills_page.h"
#include "desk/setup/setup_page.h"
#include "desk_fixture.h"

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <functional>

/// Shows every page, and every section of the Controller page, one after the other.
inline void inEveryView(Desk& desk, const std::function<void()>& look)
{
    for (int page = 0; page < bh::desk::MainWindow::PageCount; ++page) {
        desk.window->showPage(static_cast<bh::desk::MainWindow::Page>(page));
        const int sections = page == bh::desk::MainWindow::Controller ? 4
                             : page == bh::desk::MainWindow::Setup    ? 2
                             : page == bh::desk::MainWindow::Drills   ? 3
                                                                      : 1;
        for (int section = 0; section < sections; ++section) {
            if (page == bh::desk::MainWindow::Controller)
                desk.window->controllerPage()->showSection(static_cast<bh::desk::ControllerPage::Section>(section));
            if (page == bh::desk::MainWindow::Setup && section == 1) desk.window->setupPage()->showDay();
            if (page == bh::desk::MainWindow::Drills) desk.window->drillsPage()->showSection(section);
            QTest::qWait(50);
            CAPTURE(page, section);
            look();
        }
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
    for (const QScrollArea* area : window.findChildren<QScrollArea*>()) // they scroll downwards only
        if (area->isVisible()) CHECK(area->widget()->width() <= area->viewport()->width());
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
