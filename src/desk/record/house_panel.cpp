#include "desk/record/house_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/forms/text_box.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/paper/paper.h"
#include "desk/parts/paper/paper_window.h"
#include "desk/words/finding_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "desk/words/unit_words.h"
#include "desk/words/utf8.h"
#include "files/documents/drill_document.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QSignalBlocker>
#include <algorithm>

namespace bh::desk {
namespace {

const QString marks_group = QStringLiteral("marks");
const QString coaching_group = QStringLiteral("coaching");

QString withUnit(double value, const HouseLimit& limit)
{
    if (limit.is_choice()) return asWords(in_words(limit, value));
    const QString number = inPlaces(value, limit.decimals);
    return limit.unit.empty() ? number : number + QLatin1Char(' ') + asWords(limit.unit);
}

QString thresholdInWords(const CoachingRule& rule)
{
    QStringList parts{QObject::tr("%1 in a flight").arg(rule.at_least)};
    if (rule.number) parts << QObject::tr("%1 or more").arg(asWords(number_in_words({rule.number->key, rule.number->at_least})));
    if (rule.lately.of > 1) parts << QObject::tr("in %1 of %2 flights").arg(rule.lately.flights).arg(rule.lately.of);
    return parts.join(QStringLiteral(", "));
}

QString limitsInWords(const Criterion& c)
{
    const auto words = [&](double value) { return valueInWords(value, c.unit()); };
    return QObject::tr("%1 fails, %2 passes, %3 merits").arg(words(c.fail), words(c.pass), words(c.merit));
}

} // namespace

HousePanel::HousePanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    about_ = new QLabel;
    about_->setObjectName(QStringLiteral("houseAbout"));
    about_->setWordWrap(true);
    group_ = new QComboBox;
    group_->setObjectName(QStringLiteral("houseGroup"));
    group_->setAccessibleName(tr("Which rules"));
    group_->addItem(tr("All rules"), QString());
    for (const HouseLimit& limit : house_limits())
        if (group_->findData(asWords(group_name(limit.group))) < 0)
            group_->addItem(asWords(group_name(limit.group)), asWords(group_name(limit.group)));
    group_->addItem(tr("Marks of drills"), marks_group);
    group_->addItem(tr("Coaching"), coaching_group);
    auto* paper = namedButton(tr("On paper …"), "housePaper", tr("All of them as they are now, with what was changed"));
    marks_ = namedButton(tr("Change marks …"), "houseMarks", tr("On the Drills page, where drills and stages are edited"));
    coaching_ = namedButton(tr("Change coaching …"), "houseCoaching", tr("On the Debrief page, where its rules are edited"));
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    top->addWidget(group_);
    top->addStretch();
    top->addWidget(marks_);
    top->addWidget(coaching_);
    top->addWidget(paper);
    rules_ = readingTable("houseRules", tr("Rules of the house"),
                          {tr("Rule"), tr("Here"), tr("Usually"), tr("Why"), tr("Changed")}, Why);
    constexpr int widest_px = 190; // the three limits of a mark wrap
    rules_->horizontalHeader()->setMaximumSectionSize(widest_px);
    for (const int column : {Rule, Changed}) rules_->horizontalHeader()->setSectionResizeMode(column, QHeaderView::Stretch);
    rules_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents); // why is read to its end
    rules_->setSelectionMode(QAbstractItemView::SingleSelection);
    rules_->setSelectionBehavior(QAbstractItemView::SelectRows);
    value_ = numberBox("houseValue", tr("What the chosen rule is to be"), 0, 1, 1, {});
    choice_ = new QComboBox;
    choice_->setObjectName(QStringLiteral("houseChoice"));
    choice_->setAccessibleName(tr("What the chosen rule is to be"));
    choice_->hide();
    reason_ = textBox("houseReason", tr("Why it is changed"), tr("Why it is changed here"), 160);
    keep_ = namedButton(tr("Change it"), "houseKeep", tr("From now on; what was judged keeps the rules that it was judged by"));
    usual_ = namedButton(tr("As usual"), "houseUsual", tr("The chosen rule as it comes"));
    auto* edit = new QHBoxLayout;
    edit->setSpacing(8);
    edit->addWidget(value_);
    edit->addWidget(choice_);
    edit->addWidget(reason_, 1);
    edit->addWidget(keep_);
    edit->addWidget(usual_);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("houseSaid"));
    said_->setProperty("quiet", true);
    said_->setWordWrap(true);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(about_);
    layout->addLayout(top);
    layout->addWidget(rules_, 1);
    layout->addLayout(edit);
    layout->addWidget(said_);
    connect(group_, &QComboBox::currentIndexChanged, this, &HousePanel::refresh);
    connect(rules_, &QTableWidget::currentCellChanged, this, &HousePanel::choose);
    connect(keep_, &QPushButton::clicked, this, [this] { keep(wanted()); });
    connect(reason_, &QLineEdit::returnPressed, this, [this] { keep(wanted()); });
    connect(usual_, &QPushButton::clicked, this, [this] {
        if (const HouseLimit* limit = house_limit(chosen())) keep(limit->usual);
    });
    connect(paper, &QPushButton::clicked, this,
            [this] { showOnPaper(this, tr("house-rules.pdf"), tr("Rules of the house"), onPaperNow()); });
    connect(marks_, &QPushButton::clicked, this, &HousePanel::marksAsked);
    connect(coaching_, &QPushButton::clicked, this, &HousePanel::coachingAsked);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::HouseRule, Kind::Drill, Kind::Curriculum, Kind::Coaching, Kind::Person})) refresh();
    });
    refresh();
}

std::string HousePanel::chosen() const
{
    const QTableWidgetItem* item = rules_->item(rules_->currentRow(), Rule);
    return item ? item->data(Qt::UserRole).toString().toStdString() : "";
}

void HousePanel::addRow(const QStringList& cells, const QString& group, const QString& id)
{
    const QString wanted = group_->currentData().toString();
    if (wanted.isEmpty() ? group == marks_group || group == coaching_group : wanted != group) return;
    const int row = rules_->rowCount();
    rules_->insertRow(row);
    for (int column = 0; column < cells.size(); ++column) {
        auto* item = new QTableWidgetItem(cells[column]);
        item->setToolTip(cells[column]);
        if (column == Rule) item->setData(Qt::UserRole, id);
        rules_->setItem(row, column, item);
    }
}

void HousePanel::addLimits()
{
    for (const HouseLimit& limit : house_limits()) {
        QString changed;
        for (const RuleChange& c : school_.values().rule_changes)
            if (c.rule == limit.id)
                changed =
                    tr("%1 by %2: %3")
                        .arg(dayInWords(c.at), QString::fromStdString(school_.who_is(c.who)), QString::fromStdString(c.why));
        addRow({asWords(limit.name), withUnit(school_.house().of(limit.limit), limit), withUnit(limit.usual, limit),
                asWords(limit.why), changed},
               asWords(group_name(limit.group)), utf8(limit.id));
    }
}

/// What each drill asks for, with what the one that ships asks for.
void HousePanel::addMarks()
{
    for (const Drill& drill : school_.drills()) {
        const bool edited = school_.edited(Kind::Drill, drill.id);
        const auto shipped = edited ? school_.data().drill(drill.id) : Result<Drill>(drill);
        for (const Criterion& c : drill.criteria) {
            QString usual;
            if (shipped)
                for (const Criterion& s : shipped->criteria)
                    if (s.label == c.label && s.measure == c.measure) usual = limitsInWords(s);
            addRow({tr("%1: %2").arg(asWords(drill.name), asWords(c.label)), limitsInWords(c), usual,
                    c.common_practice ? tr("Common practice, no source") : tr("House"),
                    edited ? tr("version %1 of the drill").arg(drill.version) : QString()},
                   marks_group, {});
        }
    }
}

void HousePanel::addCoaching()
{
    const bool edited = school_.edited(Kind::Coaching, common_coaching);
    const auto shipped = school_.data().coaching();
    for (const CoachingRule& rule : school_.coaching().rules) {
        QString usual;
        if (shipped)
            for (const CoachingRule& s : shipped->rules)
                if (s.id == rule.id) usual = thresholdInWords(s);
        addRow({tr("%1: %2").arg(findingName(rule.finding), asWords(rule.change)), thresholdInWords(rule), usual,
                asWords(rule.cause), edited ? tr("version %1 of the rules").arg(school_.coaching().version) : QString()},
               coaching_group, {});
    }
}

void HousePanel::refresh()
{
    const std::string known = chosen();
    {
        const QSignalBlocker quiet(rules_);
        rules_->setRowCount(0);
        addLimits();
        addMarks();
        addCoaching();
    }
    const auto changes = school_.values().rule_changes.size();
    about_->setText(tr("What no law and no standard says is the house's own. These are its rules, version %1; every change says "
                       "who, when and why, Ctrl+Z takes the last one back, and what was judged keeps the rules of its time.")
                        .arg(changes + 1));
    int row = 0;
    for (int i = 0; i < rules_->rowCount(); ++i)
        if (!known.empty() && rules_->item(i, Rule)->data(Qt::UserRole).toString().toStdString() == known) row = i;
    rules_->setCurrentCell(row, Rule);
    choose();
}

void HousePanel::choose()
{
    const HouseLimit* limit = house_limit(chosen());
    const bool may = school_.may_do(Act::HouseRules).has_value();
    const QString group = group_->currentData().toString();
    marks_->setVisible(group == marks_group);
    coaching_->setVisible(group == coaching_group);
    for (QWidget* w : std::initializer_list<QWidget*>{value_, choice_, reason_, keep_, usual_}) w->setEnabled(limit && may);
    if (!limit) return;
    value_->setVisible(!limit->is_choice());
    choice_->setVisible(limit->is_choice());
    choice_->clear();
    for (const std::string_view words : limit->choices)
        if (!words.empty()) choice_->addItem(asWords(words));
    choice_->setCurrentIndex(limit->is_choice() ? school_.house().whole(limit->limit) : -1);
    value_->setDecimals(limit->decimals);
    value_->setRange(limit->least, limit->most);
    value_->setSingleStep(limit->decimals == 0 ? 1 : limit->decimals == 1 ? 0.5 : 0.05);
    value_->setSuffix(limit->unit.empty() ? QString() : QLatin1Char(' ') + asWords(limit->unit));
    value_->setValue(school_.house().of(limit->limit));
    usual_->setEnabled(may && school_.house().is_changed(limit->limit));
}

double HousePanel::wanted() const { return choice_->isHidden() ? value_->value() : choice_->currentIndex(); }

void HousePanel::keep(double value)
{
    const HouseLimit* limit = house_limit(chosen());
    if (!limit) return;
    if (reason_->text().simplified().isEmpty()) return said_->setText(tr("Say why it is changed: the next one here will ask."));
    const QString name = asWords(limit->name), unit_value = withUnit(value, *limit);
    const bool done = school_.keep_house_limit(limit->limit, value, reason_->text().toStdString());
    if (done) reason_->clear();
    said_->setText(done ? tr("%1: %2 from now on. Ctrl+Z takes it back.").arg(name, unit_value) : tr("It was not changed."));
}

QString HousePanel::onPaperNow() const
{
    QString html = QStringLiteral("<p>%1</p>").arg(onPaper(about_->text()));
    QString group;
    QList<QStringList> rows;
    const auto put = [&] {
        if (rows.isEmpty()) return;
        html += QStringLiteral("<h2>%1</h2>").arg(onPaper(group)) +
                paperTable({tr("Rule"), tr("Here"), tr("Usually"), tr("Why")}, rows);
        rows.clear();
    };
    for (const HouseLimit& limit : house_limits()) {
        if (group != asWords(group_name(limit.group))) put(), group = asWords(group_name(limit.group));
        const QString here = onPaper(withUnit(school_.house().of(limit.limit), limit));
        rows.push_back({onPaper(asWords(limit.name)),
                        school_.house().is_changed(limit.limit) ? QStringLiteral("<b>%1</b>").arg(here) : here,
                        onPaper(withUnit(limit.usual, limit)), onPaper(asWords(limit.why))});
    }
    put();
    group = tr("Marks of drills");
    for (const Drill& drill : school_.drills())
        for (const Criterion& c : drill.criteria)
            rows.push_back({onPaper(tr("%1: %2").arg(asWords(drill.name), asWords(c.label))), onPaper(limitsInWords(c)),
                            tr("version %1").arg(drill.version), c.common_practice ? tr("common practice") : tr("house")});
    put();
    group = tr("Changes");
    for (const RuleChange& c : school_.values().rule_changes) {
        const HouseLimit* limit = house_limit(c.rule);
        const QString to = limit && limit->is_choice() ? asWords(in_words(*limit, QString::fromStdString(c.to).toDouble()))
                                                       : QString::fromStdString(c.to);
        rows.push_back({onPaper(limit ? asWords(limit->name) : QString::fromStdString(c.rule)),
                        c.to.empty() ? tr("as usual") : onPaper(to),
                        tr("%1, %2").arg(dayInWords(c.at), onPaper(QString::fromStdString(school_.who_is(c.who)))),
                        onPaper(QString::fromStdString(c.why))});
    }
    put();
    return html;
}

} // namespace bh::desk
