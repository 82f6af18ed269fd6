#include "desk/controller/sheet_panel.h"

#include "core/curves/rate_axis.h"
#include "core/curves/rate_families.h"
#include "desk/controller/learn_form.h"
#include "desk/controller/sheet_card.h"
#include "desk/controller/simulator_editor.h"
#include "desk/parts/forms/form_scroll.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/look/theme.h"
#include "desk/words/controller_words.h"
#include "desk/words/message_words.h"
#include "desk/words/rate_words.h"
#include "desk/words/switch_words.h"
#include "desk/words/time_words.h"
#include "desk/words/way_back_words.h"
#include "school/school.h"
#include "school/values/ids.h"
#include "school/views/rate_rules.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QDateTime>
#include <QFileDialog>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTableWidget>

namespace bh::desk {
namespace {

} // namespace

SheetPanel::SheetPanel(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("simulators"));
    list_->setAccessibleName(tr("Simulators"));
    list_->setSpacing(4);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    newName_ = new QLineEdit;
    newName_->setObjectName(QStringLiteral("newSimulator"));
    newName_->setPlaceholderText(tr("New simulator"));
    newName_->setAccessibleName(tr("Name of a new simulator"));
    auto* left = new QVBoxLayout;
    left->addWidget(partTitle(tr("Simulators")));
    left->addWidget(list_, 1);
    left->addWidget(newName_);

    editor_ = new SimulatorEditor;
    sides_ = new Sections;
    learn_ = new LearnForm(sides_);
    learn_->hide(); // until it is chosen
    auto* sideButtons = new QHBoxLayout;
    sideButtons->addWidget(sides_->add(tr("What it expects"), QStringLiteral("expects"), [this] { return editor_; }));
    sideButtons->addWidget(sides_->add(tr("Find out"), QStringLiteral("unknown"), [this] { return learn_; }));
    sideButtons->addStretch();
    auto* right = new QVBoxLayout;
    right->addLayout(sideButtons);
    right->addWidget(sides_, 1);

    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 4, 0, 0);
    layout->setSpacing(16);
    layout->addLayout(left, 2);
    layout->addLayout(makeSheet(), 5);
    layout->addLayout(right, 4);

    connect(list_, &QListWidget::currentRowChanged, this, [this] {
        if (filling_) return;
        learn_->forget();
        learn_->say(QString());
        showSimulator();
    });
    connect(newName_, &QLineEdit::returnPressed, this, &SheetPanel::addSimulator);
    connect(editor_, &SimulatorEditor::edited, this, [this](const SimulatorProfile& edited) { school_.keep_simulator(edited); });
    connect(learn_, &LearnForm::learnAsked, this, &SheetPanel::learnFromSeen);
    connect(beside_, &QPushButton::clicked, this, &SheetPanel::holdBeside);
    connect(pdf_, &QPushButton::clicked, this, [this] { saveAsPdf(QString()); });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Calibration, Kind::Verification, Kind::Setup, Kind::Match, Kind::Rates,
                         Kind::Simulator, Kind::Aircraft},
                        station_.pilotId()))
            refresh();
    });
    connect(&station_, &Station::deviceChosen, this, &SheetPanel::refresh);
    connect(&station_, &Station::pilotChosen, this, &SheetPanel::refresh); // the card names the pilot and the stick mode
    refresh();
}

QLayout* SheetPanel::makeSheet()
{
    title_ = partTitle(QString());
    title_->setObjectName(QStringLiteral("sheetTitle"));
    title_->setWordWrap(true);
    sheet_ = new QTableWidget(4, 4);
    sheet_->setObjectName(QStringLiteral("sheet"));
    sheet_->setAccessibleName(tr("What to set in the simulator"));
    sheet_->verticalHeader()->hide();
    sheet_->verticalHeader()->setDefaultSectionSize(scaled(38));
    sheet_->horizontalHeader()->setStretchLastSection(true);
    sheet_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    sheet_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    sheet_->setSelectionMode(QAbstractItemView::NoSelection);
    sheet_->setTabKeyNavigation(false);
    sheet_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    sheet_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    sheet_->setFont(uiFont(head_points));
    sheet_->setFixedHeight(scaled(4 * 38 + 36));
    const int widths[] = {90, 70, 84};
    for (int i = 0; i < 3; ++i) sheet_->setColumnWidth(i, scaled(widths[i]));
    notes_ = new QLabel;
    notes_->setObjectName(QStringLiteral("sheetNotes"));
    notes_->setWordWrap(true);
    explain(notes_, tr("From this simulator's conventions, as set at the right, and from the calibration: whether the throttle "
                       "has a spring."));
    beside_ = new QPushButton(tr("Hold beside"));
    beside_->setObjectName(QStringLiteral("holdBeside"));
    beside_->setToolTip(tr("A small window with the sheet that stays above the simulator's settings"));
    pdf_ = new QPushButton(tr("Set-up card (PDF)"));
    pdf_->setObjectName(QStringLiteral("saveCard"));
    saved_ = new QLabel;
    saved_->setObjectName(QStringLiteral("cardSaved"));
    saved_->setWordWrap(true);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(beside_);
    buttons->addWidget(pdf_);
    buttons->addStretch();
    auto* middle = new QVBoxLayout;
    middle->addWidget(title_);
    middle->addWidget(sheet_);
    auto* notes = new FittingScroll;
    notes->setForm(notes_);
    middle->addWidget(notes);
    middle->addLayout(buttons);
    middle->addWidget(saved_);
    middle->addStretch();
    return middle;
}

const SimulatorProfile* SheetPanel::simulator() const
{
    const int row = list_->currentRow();
    return row >= 0 && row < static_cast<int>(school_.simulators().size()) ? &school_.simulators()[static_cast<std::size_t>(row)]
                                                                           : nullptr;
}

std::optional<Calibration> SheetPanel::calibration() const
{
    if (const KeptCalibration* row = school_.calibration(station_.device().name, station_.device().guid)) return row->calibration;
    if (station_.input().simulated()) return SimulatedController::factory_calibration();
    return std::nullopt;
}

void SheetPanel::refresh()
{
    filling_ = true;
    const int row = std::max(0, list_->currentRow());
    list_->clear();
    for (const SimulatorProfile& s : school_.simulators()) list_->addItem(asWords(s.name));
    constexpr int longest_name_px = 160, around_px = 8;
    const QAbstractItemView* names = list_; // where the hint of a column can be asked for
    list_->setMinimumWidth(std::min(names->sizeHintForColumn(0) + around_px, scaled(longest_name_px)));
    list_->setCurrentRow(std::min(row, list_->count() - 1));
    filling_ = false;
    showSimulator();
}

void SheetPanel::chooseSimulator(const std::string& id)
{
    for (std::size_t i = 0; i < school_.simulators().size(); ++i)
        if (school_.simulators()[i].id == id) list_->setCurrentRow(static_cast<int>(i));
}

void SheetPanel::showSimulator()
{
    const SimulatorProfile* s = simulator();
    if (!s) return;
    editor_->show(*s);
    const auto found = facts();
    sheet_->setVisible(found.has_value());
    beside_->setEnabled(found.has_value());
    pdf_->setEnabled(found.has_value());
    learn_->setReady(found.has_value());
    if (!found) {
        title_->setText(tr("Calibrate the controller first (F9): the sheet follows from its calibration."));
        notes_->clear();
        return;
    }
    title_->setText(tr("In %1, for %2, set").arg(asWords(s->name), asWords(station_.device().name)));
    sheet_->setHorizontalHeaderLabels(
        {tr("Function"), QString::fromStdString(s->axis_word), QString::fromStdString(s->invert_word), tr("Range")});
    explain(sheet_, {tr("The lines in the order of this simulator's settings."),
                     tr("Device axis found by the calibration, counted from 0, plus %1, the number that this simulator gives to "
                        "the first axis.")
                         .arg(s->axis_base),
                     tr("Ticked when the controller's counts, as calibrated, rise the other way than this simulator expects."),
                     tr("Upper half where this simulator takes the throttle's middle for no power, full otherwise.")});
    for (int i = 0; i < 4; ++i) {
        const SheetRow& r = found->sheet.rows[static_cast<std::size_t>(i)];
        const QString words[] = {functionName(r.function), QString::number(r.axis), r.invert ? tr("☑ yes") : tr("☐ no"),
                                 asWords(r.range)};
        for (int column = 0; column < 4; ++column) {
            auto* item = new QTableWidgetItem(words[column]);
            sheet_->setItem(i, column, item);
        }
    }
    for (int i = 0; i < 3; ++i) sheet_->resizeColumnToContents(i);
    QStringList notes;
    for (const Message& note : found->sheet.notes) notes << asWords(note);
    notes_->setText(notes.join(QLatin1Char('\n')));
}

namespace {

/// What to set for the practised rates in a simulator, in its own numbers, with where they come from; empty where they cannot be
/// set.
QStringList ratesOnCard(const School& school, const std::string& pilot_id, const SimulatorProfile& simulator)
{
    const auto on_card = rates_on_card(school, pilot_id, simulator);
    if (!on_card) return {};
    const QString date = dayInWords(on_card->matched_at);
    QStringList lines;
    switch (on_card->from) {
    case RatesOnCard::From::Match:
        lines << SheetPanel::tr("Rates, matched on %1 with %2")
                     .arg(date, on_card->aircraft.empty() ? SheetPanel::tr("the real aircraft") : asWords(on_card->aircraft));
        break;
    case RatesOnCard::From::MatchElsewhere:
        lines << SheetPanel::tr("Rates, the nearest here to those matched on %1").arg(date);
        break;
    case RatesOnCard::From::StaleMatch:
        lines << SheetPanel::tr("Rates practised; the match of %1 does not hold any more").arg(date);
        break;
    case RatesOnCard::From::Practice: lines << SheetPanel::tr("Rates practised, not matched yet"); break;
    }
    QStringList axes;
    for (const auto& curve : on_card->set_here) axes << (curve ? settingsInWords(*curve) : SheetPanel::tr("cannot be set"));
    if (axes[0] == axes[1])
        lines << SheetPanel::tr("Roll and pitch: %1").arg(axes[0]);
    else
        lines << SheetPanel::tr("Roll: %1").arg(axes[0]) << SheetPanel::tr("Pitch: %1").arg(axes[1]);
    return lines << SheetPanel::tr("Yaw: %1").arg(axes[2]);
}

} // namespace

std::optional<CardFacts> SheetPanel::facts() const
{
    const SimulatorProfile* s = simulator();
    const auto c = calibration();
    if (!s || !c) return std::nullopt;
    auto sheet = settings_sheet(*c, *s, station_.stickModeNumber());
    if (!sheet) return std::nullopt;
    const Pilot* pilot = school_.pilot(station_.pilotId());
    const std::optional<TrainingSetup> own = school_.setup(station_.pilotId());
    const Airframe* real = own ? school_.real_aircraft(own->real_aircraft) : nullptr;
    const Airframe* simulated = own ? school_.simulated_aircraft(own->simulated_aircraft) : nullptr;
    return CardFacts{pilot ? QString::fromStdString(pilot->name) : QString(),
                     asWords(station_.device().name),
                     dayInWords(school_.now()),
                     station_.stickModeNumber(),
                     *s,
                     std::move(*sheet),
                     real ? asWords(real->name) : QString(),
                     simulated ? asWords(simulated->name) : QString(),
                     own,
                     switchLines(station_.switches()),
                     wayBackInWords(school_, station_.pilotId()),
                     own ? ratesOnCard(school_, station_.pilotId(), *s) : QStringList()};
}

QStringList SheetPanel::setupOnCard() const
{
    const auto found = facts();
    return found ? setupLines(*found) : QStringList();
}

void SheetPanel::addSimulator()
{
    SimulatorProfile added;
    added.name = newName_->text().simplified().toStdString();
    if (added.name.empty()) return;
    for (const SimulatorProfile& s : school_.simulators())
        if (s.name == added.name) return chooseSimulator(s.id); // known already
    added.id = id_from_name("", added.name, [this](const std::string& id) { return school_.simulator(id) != nullptr; });
    if (!school_.keep_simulator(added)) return;
    newName_->clear();
    chooseSimulator(added.id);
    sides_->choose(1);
    learn_->say(tr("Nothing is known of it yet: the sheet holds the commonest conventions."));
}

void SheetPanel::learnFromSeen()
{
    const auto shown = facts();
    const auto c = calibration();
    if (!shown || !c) return;
    const std::vector<Observation> seen = learn_->seen();
    const Learnt learnt = learn(shown->simulator, *c, shown->sheet, seen);
    if (!learnt.conflict.empty()) {
        learn_->say(asWords(learnt.conflict));
        return;
    }
    QStringList words;
    for (const Message& change : learnt.changed) words << asWords(change);
    words << (learnt.settled ? words.isEmpty()
                                   ? tr("All of it fits: the sheet is right.")
                                   : tr("The sheet has been put right. Set it again, and push once more to make sure.")
              : seen.empty()
                  ? tr("Say first what it did.")
                  : tr("Some functions have not been seen to answer yet: set the sheet as it stands now and push those."));
    if (!learnt.changed.empty() && !school_.keep_simulator(learnt.profile)) return;
    learn_->forget();
    learn_->say(words.join(QLatin1Char(' ')));
}

void SheetPanel::holdBeside()
{
    auto found = facts();
    if (!found) return;
    if (card_) card_->close();
    card_ = new CardWindow(std::move(*found));
    card_->move(window()->frameGeometry().topRight() - QPoint(400, -60));
    card_->show();
}

bool SheetPanel::saveAsPdf(const QString& file)
{
    const auto found = facts();
    if (!found) return false;
    QString place = file;
    if (place.isEmpty())
        place = QFileDialog::getSaveFileName(this, tr("Save the set-up card"),
                                             placeToWrite(tr("set-up card %1.pdf").arg(asWords(found->simulator.name))),
                                             tr("PDF (*.pdf)"));
    if (place.isEmpty()) return false;
    const bool saved = saveCard(place, *found);
    saved_->setText(saved ? tr("Saved as %1.").arg(place)
                          : tr("%1 could not be written, expected a place where files may be written.").arg(place));
    return saved;
}

} // namespace bh::desk
