#include "desk/debrief/import_dialog.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/moment_box.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/utf8.h"
#include "files/text/csv.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QDateTimeEdit>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QGridLayout>
#include <QLabel>
#include <QMetaObject>
#include <QProgressBar>
#include <QScrollArea>
#include <QSignalBlocker>
#include <algorithm>

namespace bh::desk {
namespace {

constexpr int import_rows_shown = 5;

/// "0 to 100", "ft": what stands for a unit in the mapping, in the window's language.
QString unitInWords(std::string_view key)
{
    const QStringList ends = utf8(key).split(QStringLiteral(" to "));
    return ends.size() == 2 ? QObject::tr("%1 to %2").arg(ends[0], ends[1]) : asWords(key);
}

QString orderInWords(std::string_view order)
{
    QStringList axes;
    for (const QString& axis : utf8(order).split(QLatin1Char(' '))) axes << asWords(axis.toStdString());
    return axes.join(QLatin1Char(' '));
}

} // namespace

ImportDialog::ImportDialog(School& school, const std::string& pilot_id, QWidget* parent)
    : QDialog(parent), school_(school), pilot_id_(pilot_id)
{
    setObjectName(QStringLiteral("importDialog"));
    setWindowTitle(tr("A flight from another program"));
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("importSaid"));
    said_->setWordWrap(true);
    unknown_ = new QLabel;
    unknown_->setObjectName(QStringLiteral("importUnknown"));
    unknown_->setProperty("quiet", true);
    unknown_->setWordWrap(true);
    preview_ = readingTable("importPreview", tr("First rows of the table"), {QString()}, 0);
    preview_->setMaximumHeight(scaled(150));
    progress_ = new QProgressBar;
    progress_->setObjectName(QStringLiteral("importProgress"));
    progress_->setRange(0, 1000);
    progress_->setVisible(false);
    look_ = namedButton(tr("Look at it"), "importLook", tr("Reads it; nothing is kept but how such a table is read"));
    keep_ = namedButton(tr("Keep it for the pilot"), "importKeep", tr("Reads it and keeps it on the record as a free flight"));
    stop_ = namedButton(tr("Stop"), "importStop", tr("Stops reading; nothing is kept"));
    stop_->setEnabled(false);
    auto* close = namedButton(tr("Close"), "importClose", tr("Back to the debrief"));
    connect(look_, &QPushButton::clicked, this, [this] { read(false); });
    connect(keep_, &QPushButton::clicked, this, [this] { read(true); });
    connect(stop_, &QPushButton::clicked, this, &ImportDialog::stop);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(stop_);
    buttons->addWidget(progress_, 1);
    buttons->addStretch();
    for (QWidget* w : {close, keep_, look_}) buttons->addWidget(w);
    auto* scroll = new QScrollArea;
    QWidget* values = makeValues();
    scroll->setWidget(values);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(8);
    layout->addWidget(preview_);
    layout->addWidget(scroll, 1);
    layout->addWidget(unknown_);
    layout->addWidget(said_);
    layout->addLayout(buttons);
    constexpr int scroll_bar_px = 40; // and the margins
    resize(std::max(1040, values->minimumSizeHint().width() + scroll_bar_px), 720);
    const bool somebody = school_.pilot(pilot_id_) != nullptr;
    keep_->setEnabled(somebody);
    if (!somebody) keep_->setToolTip(tr("Choose a pilot on the left first"));
}

ImportDialog::~ImportDialog() { reader_.forget(); }

QWidget* ImportDialog::makeValues()
{
    auto* part = new QWidget;
    auto* grid = new QGridLayout(part);
    grid->setContentsMargins(0, 0, 8, 0);
    grid->setVerticalSpacing(4);
    constexpr int in_a_column = 13;
    for (std::size_t i = 0; i < flight_value_count; ++i) {
        const auto value = static_cast<FlightValue>(i);
        Row row{new QComboBox, new QComboBox, new QCheckBox(tr("turned")), new QLabel};
        const QString key = utf8(flight_value_key(value)), words = asWords(flight_value_words(value));
        row.column->setObjectName(QStringLiteral("import_") + key);
        row.column->setAccessibleName(tr("Column of: %1").arg(words));
        row.column->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        row.column->setMinimumContentsLength(9);
        row.unit->setObjectName(QStringLiteral("importUnit_") + key);
        row.unit->setAccessibleName(tr("Unit of: %1").arg(words));
        for (const ImportUnit& u : units_of(value)) row.unit->addItem(unitInWords(u.key), utf8(u.key));
        row.unit->setVisible(units_of(value).size() > 1);
        row.turned->setObjectName(QStringLiteral("importTurned_") + key);
        row.turned->setToolTip(tr("The other way round: right, forward, up and north are positive here"));
        row.turned->setVisible(value != FlightValue::Time && value != FlightValue::FlightMode && value != FlightValue::Armed);
        row.first->setMinimumWidth(scaled(60));
        row.first->setProperty("quiet", true);
        const int at = static_cast<int>(i) % in_a_column, from = static_cast<int>(i) / in_a_column * 5;
        int column = from;
        for (QWidget* w : std::initializer_list<QWidget*>{new QLabel(words), row.column, row.unit, row.turned, row.first})
            grid->addWidget(w, at, column++);
        connect(row.column, &QComboBox::activated, this, &ImportDialog::say);
        connect(row.unit, &QComboBox::activated, this, &ImportDialog::say);
        connect(row.turned, &QCheckBox::clicked, this, &ImportDialog::say);
        rows_.push_back(row);
    }
    rotation_ = new QComboBox;
    rotation_->setObjectName(QStringLiteral("importRotation"));
    rotation_->setAccessibleName(tr("Order in which the angles turn the aircraft"));
    for (const std::string_view order : rotation_orders()) rotation_->addItem(orderInWords(order), utf8(order));
    per_s_ = numberBox("importPerSecond", tr("Rows a second, where there is no time"), 1, 10000, 10, tr(" rows/s"));
    per_s_->setValue(100);
    when_ = momentBox("importWhen", tr("When it was flown"));
    auto* more = new QHBoxLayout;
    more->setSpacing(8);
    for (const auto& [words, w] : std::initializer_list<std::pair<QString, QWidget*>>{
             {tr("Angles turn in the order"), rotation_}, {tr("Without a time"), per_s_}, {tr("Flown on"), when_}}) {
        more->addWidget(new QLabel(words));
        more->addWidget(w);
        more->addSpacing(8);
    }
    more->addStretch();
    grid->addLayout(more, in_a_column, 0, 1, 10);
    grid->setRowStretch(in_a_column + 1, 1);
    return part;
}

QString ImportDialog::fileName() const { return QFileInfo(file_).fileName(); }

bool ImportDialog::openTable(const QString& file)
{
    file_ = file;
    head_.reset();
    auto head = table_head(file.toStdString());
    if (!head) {
        said_->setText(asWords(head.error()));
        look_->setEnabled(false), keep_->setEnabled(false);
        return false;
    }
    head_ = std::move(*head);
    when_->setDateTime(std::min(QFileInfo(file).lastModified(), QDateTime::fromSecsSinceEpoch(school_.now())));
    QStringList names;
    for (const std::string& name : head_->columns) names << QString::fromStdString(name);
    preview_->setColumnCount(static_cast<int>(names.size()));
    preview_->setHorizontalHeaderLabels(names);
    preview_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    const int rows = std::min(import_rows_shown, static_cast<int>(head_->rows.size()));
    preview_->setRowCount(rows);
    for (int r = 0; r < rows; ++r)
        for (int c = 0; c < names.size(); ++c)
            preview_->setItem(r, c,
                              new QTableWidgetItem(
                                  QString::fromStdString(head_->rows[static_cast<std::size_t>(r)][static_cast<std::size_t>(c)])));
    showMapping();
    return true;
}

void ImportDialog::showMapping()
{
    const std::string known = school_.values().text(Kind::Columns, head_->name());
    auto kept = known.empty() ? Result<FlightMapping>(tl::unexpected(Error{})) : parse_mapping(known, "the record");
    const FlightMapping m = kept ? *kept : guessed_mapping(*head_);
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        Row& row = rows_[i];
        row.column->clear();
        row.column->addItem(tr("no column"));
        for (const std::string& name : head_->columns) row.column->addItem(QString::fromStdString(name));
        row.column->setCurrentIndex(std::min(m.values[i].column, static_cast<int>(head_->columns.size()) - 1) + 1);
        row.unit->setCurrentIndex(std::max(0, row.unit->findData(utf8(m.values[i].unit))));
        row.turned->setChecked(m.values[i].turned);
    }
    rotation_->setCurrentIndex(std::max(0, rotation_->findData(utf8(m.rotation))));
    if (m.rows_per_s > 0) per_s_->setValue(m.rows_per_s);
    say();
    said_->setText(kept ? tr("A table with these heads was read before: what was said then stands here.")
                        : tr("Guessed from heads and values: see that each line is right, then look at it."));
}

FlightMapping ImportDialog::mapping() const
{
    FlightMapping m;
    m.separator = head_->separator;
    for (std::size_t i = 0; i < rows_.size(); ++i)
        m.values[i] = {rows_[i].column->currentIndex() - 1, rows_[i].unit->currentData().toString().toStdString(),
                       rows_[i].turned->isChecked()};
    m.rotation = rotation_->currentData().toString().toStdString();
    if (m.of(FlightValue::Time).column < 0) m.rows_per_s = per_s_->value();
    return m;
}

/// What the first row becomes, and what will not be known.
void ImportDialog::say()
{
    if (!head_) return;
    const FlightMapping m = mapping();
    constexpr int shown_letters = 8;
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const FlightMapping::Column& c = m.values[i];
        QString words;
        if (c.column >= 0) {
            const std::string& field = head_->rows.front()[static_cast<std::size_t>(c.column)];
            double written = 0;
            CsvCursor cursor(field, ';');
            words = QString::fromStdString(field).left(shown_letters);
            if (const auto number = numberIn(words); number && units_of(static_cast<FlightValue>(i)).size() <= 1)
                words = inDigits(*number, 4);
            for (const ImportUnit& u : units_of(static_cast<FlightValue>(i)))
                if (u.key == c.unit && !u.key.empty() && cursor.number(written))
                    words = inDigits((c.turned ? -1 : 1) * (u.factor * written + u.offset), 4);
        }
        rows_[i].first->setText(words.isEmpty() ? QString() : QStringLiteral("→ ") + words);
    }
    per_s_->setEnabled(m.of(FlightValue::Time).column < 0);
    QStringList unknown;
    for (const Message& sentence : not_known(m)) unknown << asWords(sentence);
    unknown_->setText(unknown.join(QLatin1Char(' ')));
}

void ImportDialog::read(bool keep)
{
    if (!head_ || reading()) return;
    progress_->setValue(0);
    progress_->setVisible(true);
    stop_->setEnabled(true);
    look_->setEnabled(false), keep_->setEnabled(false);
    said_->setText(tr("Reading %1.").arg(fileName()));
    reader_.start(
        this,
        [self = QPointer<QObject>(this), bar = progress_, file = file_.toStdString(),
         m = mapping()](const std::stop_token& stop) {
            return import_flight(file, m, [&](double share) {
                Background::tell(self, [bar, share] { bar->setValue(static_cast<int>(1000 * share)); });
                return !stop.stop_requested();
            });
        },
        [this, keep](Result<FlightLog> log) { finished(std::move(log), keep); });
}

void ImportDialog::stop() { reader_.stop(); }

void ImportDialog::reject()
{
    stop();
    QDialog::reject();
}

void ImportDialog::finished(Result<FlightLog> log, bool keep)
{
    progress_->setVisible(false);
    stop_->setEnabled(false);
    look_->setEnabled(true), keep_->setEnabled(school_.pilot(pilot_id_) != nullptr);
    if (!log) return said_->setText(asWords(log.error()));
    school_.keep_columns(head_->name(), mapping_text(mapping()));
    flight_ = std::make_shared<const FlightLog>(std::move(*log));
    if (keep) {
        kept_as_ =
            school_.add_imported_flight(pilot_id_, *flight_, fileName().toStdString(), when_->dateTime().toSecsSinceEpoch());
        if (kept_as_.empty()) return said_->setText(tr("It could not be kept."));
    }
    Q_EMIT done();
    accept();
}

} // namespace bh::desk
