#include "desk/progress/practice_dialog.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/moment_box.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/forms/text_box.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "files/text/file_text.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTimeEdit>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QSignalBlocker>
#include <algorithm>

namespace bh::desk {
namespace {

QComboBox* columnBox(const char* name, const QString& spoken)
{
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    return box;
}

constexpr int shown_rows = 6;

} // namespace

void fillSimulators(QComboBox* box, const School& school, const std::string& chosen)
{
    const QSignalBlocker quiet(box);
    box->clear();
    box->addItem(QObject::tr("another program"), QString());
    for (const SimulatorProfile& s : school.simulators()) box->addItem(asWords(s.name), QString::fromStdString(s.id));
    box->setCurrentIndex(std::max(0, box->findData(QString::fromStdString(chosen))));
}

void fillViewings(QComboBox* box, Viewing chosen)
{
    const QSignalBlocker quiet(box);
    box->clear();
    box->addItem(QObject::tr("screen or goggles?"), static_cast<int>(Viewing::NotSaid));
    box->addItem(QObject::tr("by the screen"), static_cast<int>(Viewing::Screen));
    box->addItem(QObject::tr("in goggles"), static_cast<int>(Viewing::Goggles));
    box->setCurrentIndex(box->findData(static_cast<int>(chosen)));
}

PracticeDialog::PracticeDialog(School& school, const std::string& pilot_id, QWidget* parent)
    : QDialog(parent), school_(school), pilot_id_(pilot_id)
{
    setObjectName(QStringLiteral("practiceDialog"));
    const Pilot* pilot = school_.pilot(pilot_id_);
    setWindowTitle(tr("Practice of %1").arg(pilot ? QString::fromStdString(pilot->name) : QString()));
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("practiceSaid"));
    said_->setWordWrap(true);
    auto* close = namedButton(tr("Close"), "practiceClose", tr("Back to the logbook"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(8);
    layout->addWidget(partTitle(tr("By hand")));
    layout->addWidget(makeByHand());
    layout->addWidget(partTitle(tr("From another program's table")));
    layout->addWidget(makeTable());
    layout->addWidget(said_);
    layout->addWidget(close, 0, Qt::AlignRight);
    resize(openingSize(*this, 620, 560));
    showTable();
}

QWidget* PracticeDialog::makeByHand()
{
    started_ = momentBox("handStarted", tr("When it began"), school_.now());
    started_->setMaximumDateTime(QDateTime::fromSecsSinceEpoch(school_.now()));
    minutes_ = numberBox("handMinutes", tr("How long was flown"), 1, 600, 5, tr(" min"));
    minutes_->setValue(30);
    simulator_ = columnBox("handSimulator", tr("Where it was flown"));
    fillSimulators(simulator_, school_, school_.last_simulator(pilot_id_));
    viewing_ = columnBox("handViewing", tr("What the pilot looked at"));
    fillViewings(viewing_, school_.last_viewing(pilot_id_));
    reason_ =
        textBox("handReason", tr("Why it is entered by hand"), tr("Why by hand: flown at home, written in the notebook"), 120);
    leaveRoomForHint(reason_);
    add_ = namedButton(tr("Add it"), "handAdd", tr("Onto the record, marked as entered by hand"));
    add_->setEnabled(false);
    connect(reason_, &QLineEdit::textChanged, this,
            [this](const QString& text) { add_->setEnabled(!text.simplified().isEmpty()); });
    connect(add_, &QPushButton::clicked, this, &PracticeDialog::addByHand);
    auto* part = new QWidget;
    auto* form = new QFormLayout(part);
    form->setContentsMargins(0, 0, 0, 0);
    form->addRow(tr("Began"), started_);
    form->addRow(tr("Flown"), minutes_);
    form->addRow(tr("In"), simulator_);
    form->addRow(tr("Seen"), viewing_);
    form->addRow(tr("Reason"), reason_);
    form->addRow(QString(), add_);
    return part;
}

QWidget* PracticeDialog::makeTable()
{
    auto* open =
        namedButton(tr("Choose a CSV file"), "tableOpen", tr("A table with a row for each session; nothing is kept yet"));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Practice in another program"), {}, tr("Tables (*.csv)"));
        if (!file.isEmpty()) openTable(file);
    });
    startedColumn_ = columnBox("columnStarted", tr("Column that says when it began"));
    activeColumn_ = columnBox("columnActive", tr("Column that says how long was flown"));
    idleColumn_ = columnBox("columnIdle", tr("Column that says how long nothing moved"));
    simulatorColumn_ = columnBox("columnSimulator", tr("Column that says where it was flown"));
    unit_ = columnBox("columnUnit", tr("Unit of the times"));
    unit_->addItems({tr("seconds"), tr("minutes"), tr("hours")});
    tableSimulator_ = columnBox("tableSimulator", tr("Where it was flown, where no column says it"));
    fillSimulators(tableSimulator_, school_, school_.last_simulator(pilot_id_));
    preview_ = readingTable("tablePreview", tr("First rows of the table"), {QString()}, 0);
    addTable_ = namedButton(tr("Add these sessions"), "tableAdd", tr("All or none, marked as read from the file"));
    connect(addTable_, &QPushButton::clicked, this, &PracticeDialog::addTable);
    auto* part = new QWidget;
    auto* grid = new QGridLayout(part);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->addWidget(open, 0, 0, 1, 2);
    int row = 1;
    for (const auto& [words, box] :
         {std::pair{tr("Began"), startedColumn_}, {tr("Flown"), activeColumn_}, {tr("Idle"), idleColumn_}}) {
        grid->addWidget(new QLabel(words), row, 0);
        grid->addWidget(box, row++, 1);
    }
    row = 1;
    for (const auto& [words, box] :
         {std::pair{tr("Times in"), unit_}, {tr("Simulator"), simulatorColumn_}, {tr("otherwise"), tableSimulator_}}) {
        grid->addWidget(new QLabel(words), row, 2);
        grid->addWidget(box, row++, 3);
    }
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(3, 1);
    grid->addWidget(preview_, row, 0, 1, 4);
    grid->addWidget(addTable_, row + 1, 0, 1, 2);
    return part;
}

void PracticeDialog::addByHand()
{
    Session session;
    session.pilot_id = pilot_id_;
    session.started_at = started_->dateTime().toSecsSinceEpoch();
    session.active_s = 60 * minutes_->value();
    session.ended_at = session.started_at + static_cast<UnixTime>(session.active_s);
    session.simulator = simulator_->currentData().toString().toStdString();
    session.by_hand = reason_->text().toStdString();
    session.viewing = static_cast<Viewing>(viewing_->currentData().toInt());
    if (!school_.add_session_by_hand(session)) return said_->setText(tr("It could not be added."));
    said_->setText(tr("Added: %1 min, marked as entered by hand.").arg(inPlaces(minutes_->value(), 0)));
    reason_->clear();
}

void PracticeDialog::openTable(const QString& file)
{
    table_.reset();
    file_ = QFileInfo(file).fileName().toStdString();
    const auto bytes = FileBytes::open(file.toStdString());
    auto table = bytes ? read_practice_table(bytes->text(), file_) : Result<PracticeTable>(tl::unexpected(bytes.error()));
    if (table)
        table_ = std::move(*table);
    else
        said_->setText(asWords(table.error()));
    showTable();
    if (!table_) return;
    const PracticeColumns guess = guessed_columns(*table_);
    for (const auto& [box, column] : {std::pair{startedColumn_, guess.started},
                                      {activeColumn_, guess.active},
                                      {idleColumn_, guess.idle},
                                      {simulatorColumn_, guess.simulator}})
        box->setCurrentIndex(column + 1);
    unit_->setCurrentIndex(static_cast<int>(guess.unit));
    fillSimulators(tableSimulator_, school_, school_.last_simulator(pilot_id_));
    said_->setText(tr("%1 rows. See that each column means what stands above, then add them.").arg(table_->rows.size()));
}

void PracticeDialog::showTable()
{
    for (QComboBox* box : {startedColumn_, activeColumn_, idleColumn_, simulatorColumn_}) {
        box->clear();
        box->addItem(tr("no column"));
        if (table_)
            for (const std::string& name : table_->columns) box->addItem(QString::fromStdString(name));
    }
    for (QWidget* w : std::initializer_list<QWidget*>{startedColumn_, activeColumn_, idleColumn_, simulatorColumn_, unit_,
                                                      tableSimulator_, addTable_})
        w->setEnabled(table_.has_value());
    preview_->setVisible(table_.has_value());
    if (!table_) return;
    QStringList names;
    for (const std::string& name : table_->columns) names << QString::fromStdString(name);
    preview_->setColumnCount(static_cast<int>(names.size()));
    preview_->setHorizontalHeaderLabels(names);
    const int rows = std::min(shown_rows, static_cast<int>(table_->rows.size()));
    preview_->setRowCount(rows);
    for (int row = 0; row < rows; ++row)
        for (int column = 0; column < names.size(); ++column)
            preview_->setItem(row, column,
                              new QTableWidgetItem(QString::fromStdString(
                                  table_->rows[static_cast<std::size_t>(row)][static_cast<std::size_t>(column)])));
}

PracticeColumns PracticeDialog::chosenColumns() const
{
    return {startedColumn_->currentIndex() - 1, activeColumn_->currentIndex() - 1, idleColumn_->currentIndex() - 1,
            simulatorColumn_->currentIndex() - 1, static_cast<PracticeColumns::Unit>(unit_->currentIndex())};
}

void PracticeDialog::addTable()
{
    if (!table_) return;
    auto sessions = sessions_in(*table_, chosenColumns(), school_.simulators(),
                                tableSimulator_->currentData().toString().toStdString(), file_);
    if (!sessions) return said_->setText(asWords(sessions.error()));
    const auto& known = school_.sessions(pilot_id_);
    const auto is_known = [&](const Session& s) {
        return std::any_of(known.begin(), known.end(), [&](const Session& k) { return k.started_at == s.started_at; });
    };
    const auto before = sessions->size();
    std::erase_if(*sessions, is_known);
    for (Session& session : *sessions) {
        session.pilot_id = pilot_id_;
        session.by_hand = "read from " + file_;
    }
    if (!school_.add_sessions_by_hand(*sessions)) return said_->setText(tr("They could not be added."));
    table_.reset();
    showTable();
    const auto twice = before - sessions->size();
    said_->setText(
        twice == 0
            ? tr("%1 sessions added.").arg(sessions->size())
            : tr("%1 sessions added; %2 that begin when another one does were left out.").arg(sessions->size()).arg(twice));
}

} // namespace bh::desk
