#include "desk/record/record_window.h"

#include "desk/parts/forms/sections.h"
#include "desk/parts/look/theme.h"
#include "desk/record/house_panel.h"
#include "desk/record/keeping_panel.h"
#include "desk/record/keys_panel.h"
#include "desk/record/people_panel.h"
#include "desk/record/state_panel.h"
#include "school/lock.h"

#include <QBoxLayout>
#include <QPushButton>

namespace bh::desk {

RecordWindow::RecordWindow(School& school, Lock& lock, RecordWatch* watch, QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("recordWindow"));
    setWindowTitle(tr("Blue Hangar: the record"));
    resize(openingSize(*this, 980, 640));
    sections_ = new Sections;
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    top->addWidget(sections_->add(tr("State and copies"), QStringLiteral("sectionState"),
                                  [&school, watch] { return new StatePanel(school, watch); }));
    top->addWidget(sections_->add(tr("People"), QStringLiteral("sectionPeople"),
                                  [&school, &lock] { return new PeoplePanel(school, lock); }));
    top->addWidget(sections_->add(tr("Keeping and erasing"), QStringLiteral("sectionKeeping"),
                                  [&school, &lock] { return new KeepingPanel(school, lock); }));
    top->addWidget(sections_->add(tr("House rules"), QStringLiteral("sectionHouse"), [this, &school] {
        auto* house = new HousePanel(school);
        connect(house, &HousePanel::marksAsked, this, &RecordWindow::marksAsked);
        connect(house, &HousePanel::coachingAsked, this, &RecordWindow::coachingAsked);
        return house;
    }));
    top->addWidget(sections_->add(tr("Stations and keys"), QStringLiteral("sectionKeys"),
                                  [&school, &lock, watch] { return new KeysPanel(school, lock, watch); }));
    top->addStretch();
    auto* close = new QPushButton(tr("Close"));
    close->setObjectName(QStringLiteral("recordClose"));
    connect(close, &QPushButton::clicked, this, &QDialog::close);
    top->addWidget(close);
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(8);
    layout->addLayout(top);
    layout->addWidget(sections_, 1);
}

void RecordWindow::showSection(Section section) { sections_->choose(section); }

} // namespace bh::desk
