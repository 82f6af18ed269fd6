#include "desk/controller/sheet_panel.h"

#include "desk/controller/sheet_card.h"
#include "desk/record_store.h"
#include "desk/station.h"
#include "desk/theme.h"
#include "files/simulator_document.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QFileDialog>
#include <QGridLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QTableWidget>

namespace bh::desk {
namespace {

QString nameOf(Function f)
{
    QString name = QString::fromLatin1(function_key(f));
    name[0] = name[0].toUpper();
    return name;
}

QLabel* head(const QString& text)
{
    auto* label = new QLabel(text);
    label->setFont(uiFont(11, true));
    label->setWordWrap(true);
    return label;
}

/// What can be seen after one function was pushed to its positive side, as choices of a combo box.
void fillSeen(QComboBox* box)
{
    box->addItem(QObject::tr("not tried"), -2);
    box->addItem(QObject::tr("nothing"), -1);
    for (Function f : all_functions)
        for (bool positive : {true, false}) {
            const QString side = QString::fromLatin1(side_word(f, positive));
            const QString words = f == Function::Throttle ? QObject::tr("power %1").arg(side)
                                  : f == Function::Yaw    ? QObject::tr("turned %1").arg(side)
                                                          : QObject::tr("leaned %1").arg(side);
            box->addItem(words, 2 * static_cast<int>(f) + (positive ? 0 : 1));
        }
}

} // namespace

SheetPanel::SheetPanel(RecordStore& store, Station& station, QWidget* parent) : QWidget(parent), store_(store), station_(station)
{
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("simulators"));
    list_->setAccessibleName(tr("Simulators"));
    list_->setSpacing(3);
    newName_ = new QLineEdit;
    newName_->setObjectName(QStringLiteral("newSimulator"));
    newName_->setPlaceholderText(tr("New simulator's name"));
    newName_->setAccessibleName(tr("Name of a new simulator"));
    auto* left = new QVBoxLayout;
    left->addWidget(head(tr("Simulators")));
    left->addWidget(list_, 1);
    left->addWidget(newName_);

    title_ = head(QString());
    title_->setObjectName(QStringLiteral("sheetTitle"));
    title_->setWordWrap(true);
    sheet_ = new QTableWidget(4, 4);
    sheet_->setObjectName(QStringLiteral("sheet"));
    sheet_->setAccessibleName(tr("What to set in the simulator"));
    sheet_->verticalHeader()->hide();
    sheet_->verticalHeader()->setDefaultSectionSize(38);
    sheet_->horizontalHeader()->setStretchLastSection(true);
    sheet_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    sheet_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    sheet_->setSelectionMode(QAbstractItemView::NoSelection);
    sheet_->setTabKeyNavigation(false);
    sheet_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    sheet_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    sheet_->setFont(uiFont(13));
    sheet_->setFixedHeight(4 * 38 + 36);
    const int widths[] = {96, 76, 92};
    for (int i = 0; i < 3; ++i) sheet_->setColumnWidth(i, widths[i]);
    notes_ = new QLabel;
    notes_->setObjectName(QStringLiteral("sheetNotes"));
    notes_->setWordWrap(true);
    beside_ = new QPushButton(tr("Hold beside"));
    beside_->setObjectName(QStringLiteral("holdBeside"));
    beside_->setToolTip(tr("A small window with the sheet that stays above the simulator's settings"));
    pdf_ = new QPushButton(tr("Set-up card (PDF)"));
    pdf_->setObjectName(QStringLiteral("saveCard"));
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(beside_);
    buttons->addWidget(pdf_);
    buttons->addStretch();
    auto* middle = new QVBoxLayout;
    middle->addWidget(title_);
    middle->addWidget(sheet_);
    middle->addWidget(notes_);
    middle->addLayout(buttons);
    middle->addStretch();

    auto* form = new QGridLayout;
    form->setVerticalSpacing(4);
    int row = 0;
    const auto field = [&](const QString& label, QWidget* widget, const QString& name) {
        widget->setAccessibleName(label);
        widget->setMinimumWidth(120);
        widget->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        widget->setObjectName(name);
        form->addWidget(new QLabel(label), row, 0);
        form->addWidget(widget, row++, 1);
    };
    form->addWidget(head(tr("What it expects")), row++, 0, 1, 2);
    base_ = new QSpinBox;
    base_->setRange(0, 100);
    base_->setButtonSymbols(QAbstractSpinBox::NoButtons);
    base_->setKeyboardTracking(false);
    field(tr("First axis is number"), base_, QStringLiteral("axisBase"));
    for (Function f : all_functions) {
        auto*& box = rising_[static_cast<std::size_t>(f)];
        box = new QComboBox;
        for (bool positive : {true, false}) box->addItem(tr("are %1").arg(QLatin1String(side_word(f, positive))), positive);
        field(tr("%1: rising counts").arg(nameOf(f)), box, QStringLiteral("rising-") + QLatin1String(function_key(f)));
        connect(box, &QComboBox::activated, this, &SheetPanel::keepEdits);
    }
    throttle_ = new QComboBox;
    throttle_->addItems({tr("whole way"), tr("upper half only"), tr("either, by a setting")});
    field(tr("Throttle uses"), throttle_, QStringLiteral("throttleRange"));
    arming_ = new QComboBox;
    arming_->addItems({tr("by itself"), tr("by a switch"), tr("both sticks down and in"), tr("by a key")});
    field(tr("Arms"), arming_, QStringLiteral("arming"));
    form->addWidget(head(tr("Unknown? Set it as on the sheet, push, and say what it did")), row++, 0, 1, 2);
    for (Function f : all_functions) {
        auto*& box = seen_[static_cast<std::size_t>(f)];
        box = new QComboBox;
        fillSeen(box);
        field(tr("%1 pushed %2").arg(nameOf(f), QLatin1String(side_word(f, true))), box, QStringLiteral("seen-") + QLatin1String(function_key(f)));
    }
    middle_ = new QComboBox;
    middle_->addItem(tr("not looked"), -1);
    middle_->addItem(tr("about half power"), 0.5);
    middle_->addItem(tr("no power"), 0.0);
    field(tr("Throttle in the middle"), middle_, QStringLiteral("seen-middle"));
    learn_ = new QPushButton(tr("Learn from this"));
    learn_->setObjectName(QStringLiteral("learn"));
    learnt_ = new QLabel;
    learnt_->setObjectName(QStringLiteral("learnt"));
    learnt_->setWordWrap(true);
    form->addWidget(learn_, row++, 0, 1, 2);
    form->addWidget(learnt_, row++, 0, 1, 2);
    form->setRowStretch(row, 1);
    auto* formBox = new QWidget;
    formBox->setLayout(form);
    form->setContentsMargins(0, 0, 8, 0);
    auto* scroll = new QScrollArea;
    scroll->setWidget(formBox);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setMinimumWidth(300);
    form->setColumnStretch(1, 1);

    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 4, 0, 0);
    layout->setSpacing(14);
    layout->addLayout(left, 2);
    layout->addLayout(middle, 5);
    layout->addWidget(scroll, 4);

    connect(list_, &QListWidget::currentRowChanged, this, [this] {
        if (filling_) return;
        for (QComboBox* box : seen_) box->setCurrentIndex(0);
        middle_->setCurrentIndex(0);
        learnt_->clear();
        showSimulator();
    });
    connect(newName_, &QLineEdit::returnPressed, this, &SheetPanel::addSimulator);
    connect(base_, &QSpinBox::valueChanged, this, &SheetPanel::keepEdits);
    connect(throttle_, &QComboBox::activated, this, &SheetPanel::keepEdits);
    connect(arming_, &QComboBox::activated, this, &SheetPanel::keepEdits);
    connect(learn_, &QPushButton::clicked, this, &SheetPanel::learnFromSeen);
    connect(beside_, &QPushButton::clicked, this, &SheetPanel::holdBeside);
    connect(pdf_, &QPushButton::clicked, this, [this] { saveAsPdf(QString()); });
    connect(&store_, &RecordStore::changed, this, &SheetPanel::refresh);
    connect(&station_, &Station::deviceChosen, this, &SheetPanel::refresh);
    refresh();
}

const SimulatorProfile* SheetPanel::simulator() const
{
    const int row = list_->currentRow();
    return row >= 0 && row < static_cast<int>(store_.simulators().size()) ? &store_.simulators()[static_cast<std::size_t>(row)] : nullptr;
}

std::optional<Calibration> SheetPanel::calibration() const
{
    if (const auto row = store_.calibrationOf(station_.device().name, station_.device().guid)) return row->calibration;
    if (station_.input().simulated()) return SimulatedController::factory_calibration();
    return std::nullopt;
}

void SheetPanel::refresh()
{
    filling_ = true;
    const int row = std::max(0, list_->currentRow());
    list_->clear();
    for (const SimulatorProfile& s : store_.simulators()) list_->addItem(QString::fromStdString(s.name));
    list_->setCurrentRow(std::min(row, list_->count() - 1));
    filling_ = false;
    showSimulator();
}

void SheetPanel::chooseSimulator(const std::string& id)
{
    for (std::size_t i = 0; i < store_.simulators().size(); ++i)
        if (store_.simulators()[i].id == id) list_->setCurrentRow(static_cast<int>(i));
}

void SheetPanel::showSimulator()
{
    const SimulatorProfile* s = simulator();
    if (!s) return;
    filling_ = true;
    base_->setValue(s->axis_base);
    for (Function f : all_functions) {
        const auto i = static_cast<std::size_t>(f);
        rising_[i]->setCurrentIndex(s->rising_is_positive[i] ? 0 : 1);
    }
    throttle_->setCurrentIndex(static_cast<int>(s->throttle));
    arming_->setCurrentIndex(static_cast<int>(s->arming));
    filling_ = false;

    const auto found = facts();
    sheet_->setVisible(found.has_value());
    beside_->setEnabled(found.has_value());
    pdf_->setEnabled(found.has_value());
    learn_->setEnabled(found.has_value());
    if (!found) {
        title_->setText(tr("Calibrate the controller first (F9): the sheet follows from its calibration."));
        notes_->clear();
        return;
    }
    title_->setText(tr("In %1, for %2, set").arg(QString::fromStdString(s->name), QString::fromStdString(station_.device().name)));
    sheet_->setHorizontalHeaderLabels({tr("Function"), QString::fromStdString(s->axis_word), QString::fromStdString(s->invert_word), tr("Range")});
    for (int i = 0; i < 4; ++i) {
        const SheetRow& r = found->sheet.rows[static_cast<std::size_t>(i)];
        const QString words[] = {nameOf(r.function), QString::number(r.axis), r.invert ? tr("☑ yes") : tr("☐ no"), QString::fromStdString(r.range)};
        for (int column = 0; column < 4; ++column) {
            auto* item = new QTableWidgetItem(words[column]);
            if (column == 1) item->setToolTip(tr("Device axis, counted from 0, plus the number that this simulator gives to the first axis."));
            if (column == 2) item->setToolTip(tr("Ticked when the controller's counts rise the other way than this simulator expects."));
            sheet_->setItem(i, column, item);
        }
    }
    QStringList notes;
    for (const std::string& note : found->sheet.notes) notes << QString::fromStdString(note);
    notes_->setText(notes.join(QLatin1Char('\n')));
}

std::optional<CardFacts> SheetPanel::facts() const
{
    const SimulatorProfile* s = simulator();
    const auto c = calibration();
    if (!s || !c) return std::nullopt;
    auto sheet = settings_sheet(*c, *s);
    if (!sheet) return std::nullopt;
    const PilotRow* pilot = store_.pilot(station_.pilotId());
    return CardFacts{pilot ? QString::fromStdString(pilot->name) : QString(), QString::fromStdString(station_.device().name),
                     QDateTime::fromSecsSinceEpoch(store_.now()).toString(QStringLiteral("d MMM yyyy")), station_.stickModeNumber(), *s, std::move(*sheet)};
}

void SheetPanel::keepEdits()
{
    const SimulatorProfile* s = simulator();
    if (!s || filling_) return;
    SimulatorProfile edited = *s;
    edited.axis_base = base_->value();
    for (Function f : all_functions) {
        const auto i = static_cast<std::size_t>(f);
        edited.rising_is_positive[i] = rising_[i]->currentData().toBool();
    }
    edited.throttle = static_cast<SimulatorProfile::Throttle>(throttle_->currentIndex());
    edited.arming = static_cast<SimulatorProfile::Arming>(arming_->currentIndex());
    if (simulator_json(edited) != simulator_json(*s)) store_.keepSimulator(edited);
}

void SheetPanel::addSimulator()
{
    SimulatorProfile added;
    added.name = newName_->text().simplified().toStdString();
    for (char c : added.name) added.id += std::isalnum(static_cast<unsigned char>(c)) ? static_cast<char>(std::tolower(c)) : '-';
    if (added.name.empty()) return;
    for (const SimulatorProfile& s : store_.simulators())
        if (s.id == added.id) return chooseSimulator(added.id); // known already
    if (!store_.keepSimulator(added)) return;
    newName_->clear();
    chooseSimulator(added.id);
    learnt_->setText(tr("Nothing is known of it yet. Set it as on the sheet, push each function, and say below what it did."));
}

void SheetPanel::learnFromSeen()
{
    const auto shown = facts();
    const auto c = calibration();
    if (!shown || !c) return;
    std::vector<Observation> seen;
    for (Function pushed : all_functions) {
        const int choice = seen_[static_cast<std::size_t>(pushed)]->currentData().toInt();
        if (choice == -2) continue;
        Observation o;
        o.kind = choice == -1 ? Observation::Kind::Nothing : Observation::Kind::Moved;
        o.pushed = pushed;
        if (choice >= 0) o.answered = static_cast<Function>(choice / 2), o.answered_positive = choice % 2 == 0;
        seen.push_back(o);
    }
    if (const double middle = middle_->currentData().toDouble(); middle >= 0) {
        Observation o;
        o.kind = Observation::Kind::Throttle;
        o.throttle_at_middle = middle;
        seen.push_back(o);
    }
    const Learnt learnt = learn(shown->simulator, *c, shown->sheet, seen);
    if (!learnt.conflict.empty()) {
        learnt_->setText(QString::fromStdString(learnt.conflict));
        return;
    }
    QStringList words;
    for (const std::string& change : learnt.changed) words << QString::fromStdString(change);
    words << (learnt.settled ? words.isEmpty() ? tr("All of it fits: the sheet is right.") : tr("The sheet has been put right. Set it again, and push once more to make sure.")
              : seen.empty() ? tr("Say first what it did.")
                             : tr("Some functions have not been seen to answer yet: set the sheet as it stands now and push those."));
    if (!learnt.changed.empty() && !store_.keepSimulator(learnt.profile)) return;
    for (QComboBox* box : seen_) box->setCurrentIndex(0); // what was seen belongs to the old settings
    middle_->setCurrentIndex(0);
    learnt_->setText(words.join(QLatin1Char(' ')));
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
    if (place.isEmpty()) place = QFileDialog::getSaveFileName(this, tr("Save the set-up card"), tr("set-up card %1.pdf").arg(QString::fromStdString(found->simulator.name)), tr("PDF (*.pdf)"));
    if (place.isEmpty()) return false;
    const bool saved = saveCard(place, *found);
    learnt_->setText(saved ? tr("Saved as %1.").arg(place) : tr("%1 could not be written, expected a place where files may be written.").arg(place));
    return saved;
}

} // namespace bh::desk
