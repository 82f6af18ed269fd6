#include "desk/rates/advice_panel.h"

#include "core/curves/curve_handles.h"
#include "core/rates/purpose.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/utf8.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QLabel>

namespace bh::desk {

AdvicePanel::AdvicePanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    bands_ = readingTable("rateBands", tr("Usual rates by purpose"),
                          {tr("For"), tr("Full-stick rate, °/s"), tr("Begin with"), tr("Because"), QString()}, 3);
    bands_->setRowCount(static_cast<int>(rate_bands().size()));
    bands_->setWordWrap(true);
    explain(bands_, {tr("What the aircraft is flown for."), tr("At full stick, roll and pitch: common practice, no source."),
                     tr("Roll and pitch, and yaw: common practice, no source."), tr("Common practice, no source."), QString()});
    int row = 0;
    for (const RateBand& band : rate_bands()) {
        const QString range =
            band.low_dps > 0 ? tr("%1 to %2").arg(band.low_dps).arg(band.high_dps) : tr("up to %1").arg(band.high_dps);
        const QStringList cells{asWords(band.name), range, tr("%1, yaw %2").arg(band.start_dps).arg(band.start_yaw_dps),
                                asWords(band.why)};
        for (int column = 0; column < cells.size(); ++column) bands_->setItem(row, column, new QTableWidgetItem(cells[column]));
        auto* begin = namedButton(
            tr("Plan it"), "",
            tr("A plan from the pilot's practised rates to these, step by step; the shape of the curves is kept, and locked axes "
               "stay as they are"));
        begin->setObjectName(QStringLiteral("band-%1").arg(utf8(band.key)));
        connect(begin, &QPushButton::clicked, this, [this, row] { beginWith(row); });
        bands_->setCellWidget(row, 4, begin);
        ++row;
    }
    constexpr int least_row_px = 36;
    bands_->verticalHeader()->setMinimumSectionSize(scaled(least_row_px));
    bands_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    bands_->setSizeAdjustPolicy(QAbstractScrollArea::AdjustToContents);
    bands_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff); // it is as high as its rows
    bands_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    flipHeight_ = numberBox("flipHeight", tr("Height at which flips are planned"), 0, 200, 1, tr(" m"));
    flipHeight_->setDecimals(1);
    flipHeight_->setSpecialValueText(tr("no flips"));
    flipHeight_->setFixedWidth(scaled(110));
    connect(flipHeight_, &QDoubleSpinBox::valueChanged, this, &AdvicePanel::refresh);
    advice_ = new QLabel;
    advice_->setObjectName(QStringLiteral("rateAdvice"));
    advice_->setWordWrap(true);
    advice_->setTextFormat(Qt::RichText);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("bandSaid"));
    said_->setProperty("quiet", true);
    said_->setWordWrap(true);
    auto* heading = new QLabel(tr("Places to begin (common practice)"));
    heading->setFont(uiFont(text_points, true));
    auto* evidence = new QLabel(tr("What this pilot's flights and plans say"));
    evidence->setFont(uiFont(text_points, true));
    auto* flips = new QHBoxLayout;
    flips->addWidget(new QLabel(tr("Flips are planned at")));
    flips->addWidget(flipHeight_);
    flips->addWidget(new QLabel(tr("above the ground")));
    flips->addStretch();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(heading);
    column->addWidget(bands_);
    column->addWidget(said_);
    column->addSpacing(8);
    column->addWidget(evidence);
    column->addLayout(flips);
    column->addWidget(advice_);
    column->addStretch();
}

void AdvicePanel::setContext(const RatesContext& context)
{
    context_ = context;
    stale_ = true;
    if (isVisible()) refresh();
}

void AdvicePanel::showEvent(QShowEvent*)
{
    if (stale_) refresh();
}

void AdvicePanel::refresh()
{
    if (stale_) flips_ = flip_evidence(school_, context_.question.pilot_id);
    stale_ = false;
    RateEvidence evidence =
        rate_evidence(context_, context_.rocking_share, flips_, school_.real_aircraft(context_.question.aircraft_id));
    if (flipHeight_->value() > 0) evidence.flip_height_m = flipHeight_->value();
    QString text;
    for (const RateAdvice& a : rate_advice(evidence))
        text += QStringLiteral("<p><b>%1</b><br>%2.</p>")
                    .arg(asWords(a.sentence).toHtmlEscaped(), asWords(a.reckoning).toHtmlEscaped());
    if (text.isEmpty()) text = tr("<p>No flights here yet, so nothing is known of this hand. Fly the Height window first.</p>");
    advice_->setText(text);
    bands_->setDisabled(context_.question.pilot_id.empty());
}

void AdvicePanel::beginWith(int row)
{
    const auto plan = plan_of_purpose(school_, context_.question, rate_bands()[static_cast<std::size_t>(row)]);
    const auto standing = plan ? standing_of(plan->plan) : Result<PlanStanding>(tl::unexpected(plan.error()));
    if (!standing) return said_->setText(asWords(standing.error()));
    if (!standing->next) return said_->setText(tr("These are the rates that are practised on already."));
    if (!school_.keep_plan(context_.question.pilot_id, *plan)) return;
    const auto steps = static_cast<int>(standing->left.size());
    said_->setText(tr("Steps from what is practised now: %1, each with a test flight. They stand under Plan.").arg(steps));
    Q_EMIT planned();
}

} // namespace bh::desk
