#include "desk/debrief/rules_dialog.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/finding_words.h"
#include "desk/words/message_words.h"
#include "school/views/coaching.h"

#include <QBoxLayout>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <QTableWidget>
#include <algorithm>

namespace bh::desk {
namespace {

QSpinBox* countBox(const char* name, const QString& spoken, int most)
{
    auto* box = new QSpinBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setRange(1, most);
    return box;
}

} // namespace

RulesDialog::RulesDialog(School& school, QWidget* parent) : QDialog(parent), school_(school)
{
    setObjectName(QStringLiteral("rulesDialog"));
    setWindowTitle(tr("Coaching rules"));
    head_ = new QLabel;
    head_->setObjectName(QStringLiteral("rulesHead"));
    head_->setWordWrap(true);
    table_ =
        readingTable("rulesTable", tr("Rules in the order in which they are tried"),
                     {tr("Seen"), tr("One change"), tr("told"), tr("followed"), tr("helped"), tr("no sign"), tr("worse")}, 1);
    table_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents); // rules wrap
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    connect(table_, &QTableWidget::currentCellChanged, this, [this](int row) { choose(row); });
    cause_ = new QLineEdit;
    cause_->setObjectName(QStringLiteral("ruleCause"));
    cause_->setMaxLength(200);
    change_ = new QLineEdit;
    change_->setObjectName(QStringLiteral("ruleChange"));
    change_->setMaxLength(200);
    at_least_ = countBox("ruleAtLeast", tr("So often in the flight"), 50);
    flights_ = countBox("ruleFlights", tr("In so many flights"), 20);
    of_ = countBox("ruleOf", tr("Of the last so many"), 20);
    target_ = numberBox("ruleTarget", tr("What is set"), 0, 1500, 1, QString());
    target_->setDecimals(2);
    gain_ = numberBox("ruleGain", tr("Share of the marks lost that should come back"), 0, 1, 0.05, QString());
    gain_->setDecimals(2);
    improves_ = numberBox("ruleImproves", tr("Share by which the measure should fall"), 0, 1, 0.05, QString());
    improves_->setDecimals(2);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("rulesSaid"));
    said_->setWordWrap(true);
    keep_ = namedButton(tr("Keep the change"), "ruleKeep", tr("As a new version of the rules; it can be undone"));
    keep_->setEnabled(false);
    connect(keep_, &QPushButton::clicked, this, &RulesDialog::keep);
    auto* close = namedButton(tr("Close"), "rulesClose", tr("Back to the debrief"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    auto* when = new QHBoxLayout;
    for (const auto& [words, w] : std::initializer_list<std::pair<QString, QWidget*>>{
             {tr("faults in the flight, at least"), at_least_}, {tr("in flights"), flights_}, {tr("of the last"), of_}}) {
        when->addWidget(new QLabel(words));
        when->addWidget(w);
    }
    when->addStretch();
    auto* expected = new QHBoxLayout;
    for (const auto& [words, w] : std::initializer_list<std::pair<QString, QWidget*>>{
             {tr("sets"), target_}, {tr("share of lost marks back"), gain_}, {tr("share the measure falls"), improves_}}) {
        auto* name = new QLabel(words);
        if (w == target_) target_name_ = name;
        expected->addWidget(name);
        expected->addWidget(w);
    }
    expected->addStretch();
    auto* form = new QFormLayout;
    form->addRow(tr("Likely cause"), cause_);
    form->addRow(tr("One change"), change_);
    form->addRow(tr("When"), when);
    form->addRow(tr("Then"), expected);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(said_, 1);
    buttons->addWidget(keep_);
    buttons->addWidget(close);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(head_);
    layout->addWidget(table_, 1);
    layout->addLayout(form);
    layout->addLayout(buttons);
    resize(openingSize(*this, 900, 640));
    fill();
    table_->setCurrentCell(0, 1);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Coaching, Kind::Advice})) fill();
    });
}

void RulesDialog::fill()
{
    const CoachingRules& rules = school_.coaching();
    const auto records = rule_records(school_);
    head_->setText(
        tr("Version %1. Of the rules about one finding the first that can be given is given: what is set already is left out, "
           "and what was followed and did not help a pilot is not told to that pilot again. House, and common practice "
           "without a source.")
            .arg(rules.version));
    const QSignalBlocker quiet(table_);
    table_->setRowCount(static_cast<int>(rules.rules.size()));
    for (std::size_t i = 0; i < rules.rules.size(); ++i) {
        const CoachingRule& rule = rules.rules[i];
        const auto found = std::find_if(records.begin(), records.end(), [&](const RuleRecord& r) { return r.rule == rule.id; });
        const RuleRecord r = found == records.end() ? RuleRecord{} : *found;
        const auto cell = [&](int column, const QString& words, bool number) {
            auto* item = new QTableWidgetItem(words);
            if (number) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            table_->setItem(static_cast<int>(i), column, item);
        };
        cell(0, findingName(rule.finding), false);
        cell(1, asWords(rule.change), false);
        int column = 2;
        for (const int count : {r.given, r.followed, r.helped, r.no_sign, r.worse})
            cell(column++, r.given > 0 ? QString::number(count) : QStringLiteral("–"), true);
    }
}

void RulesDialog::choose(int row)
{
    const auto& rules = school_.coaching().rules;
    keep_->setEnabled(row >= 0 && row < static_cast<int>(rules.size()));
    if (!keep_->isEnabled()) return;
    const CoachingRule& rule = rules[static_cast<std::size_t>(row)];
    rule_ = rule.id;
    cause_->setText(asWords(rule.cause));
    change_->setText(asWords(rule.change));
    at_least_->setValue(rule.at_least);
    flights_->setValue(rule.lately.flights);
    of_->setValue(rule.lately.of);
    target_->setVisible(rule.target.has_value());
    target_name_->setVisible(rule.target.has_value());
    target_->setValue(rule.target.value_or(0));
    gain_->setValue(rule.gain_share);
    improves_->setValue(rule.improves);
    said_->clear();
}

void RulesDialog::keep()
{
    const CoachingRule* known = school_.coaching().rule(rule_);
    if (!known) return;
    CoachingRule rule = *known;
    rule.cause = asKept(cause_->text(), rule.cause);
    rule.change = asKept(change_->text(), rule.change);
    if (rule.change.empty()) return said_->setText(tr("Say what is to be changed."));
    rule.at_least = at_least_->value();
    rule.lately = {flights_->value(), std::max(flights_->value(), of_->value())};
    if (rule.target) rule.target = target_->value();
    rule.gain_share = gain_->value();
    rule.improves = improves_->value();
    const auto text = school_.document(Kind::Coaching, common_coaching);
    const auto edited = text ? with_rule(*text, rule) : text;
    const auto kept =
        edited ? school_.keep_document(Kind::Coaching, common_coaching, *edited) : Result<void>(tl::unexpected(edited.error()));
    said_->setText(kept ? tr("Kept as version %1.").arg(school_.coaching().version) : asWords(kept.error()));
}

} // namespace bh::desk
