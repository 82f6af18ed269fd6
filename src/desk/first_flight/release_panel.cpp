#include "desk/first_flight/release_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/paper/head_on_paper.h"
#include "desk/parts/paper/paper.h"
#include "desk/parts/paper/paper_window.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/views/first_flight.h"

#include <QApplication>
#include <QBoxLayout>
#include <QComboBox>
#include <QDateEdit>
#include <QLabel>
#include <QLineEdit>
#include <QSignalBlocker>

namespace bh::desk {
namespace {

/// A head that a person can compare: how many entries, and the first digits of the newest one's hash.
QString shortHead(const std::string& head)
{
    const auto parsed = parse_head(head);
    constexpr int digits = 16;
    return parsed ? QObject::tr("%1 entries, %2").arg(parsed->count).arg(QString::fromStdString(parsed->hash).left(digits))
                  : QString::fromStdString(head);
}

} // namespace

QString releasePaper(const School& school, const Release& r)
{
    const auto text = [](const std::string& words) { return onPaper(QString::fromStdString(words)); };
    const Person* signer = school.person(r.signer);
    QString html = QStringLiteral("<p><b>%1</b></p>")
                       .arg(onPaper(QObject::tr("%1 is released to fly %2 at %3, from %4 to %5.")
                                        .arg(QString::fromStdString(school.file(r.pilot_id).row.name), asWords(r.aircraft),
                                             QString::fromStdString(r.site), dayInWords(r.at), calendarDay(r.until_day))));
    if (!r.withdrawn.empty()) html += QStringLiteral("<p><b>%1</b></p>").arg(QObject::tr("Withdrawn: %1").arg(text(r.withdrawn)));
    html += QStringLiteral("<p>%1</p>").arg(QObject::tr("Rates on the aircraft: %1").arg(text(r.rates)));
    QList<QStringList> gates;
    for (const Release::Gate& g : r.gates)
        gates.push_back({text(g.name), text(g.state), text(g.evidence),
                         g.overridden.empty() ? QString() : QStringLiteral("<b>%1</b>").arg(text(g.overridden))});
    html += paperTable({QObject::tr("Gate"), QObject::tr("State"), QObject::tr("Evidence"), QObject::tr("Overridden, because")},
                       gates);
    if (!r.limits.empty()) {
        html += QStringLiteral("<h2>%1</h2><p>").arg(QObject::tr("Limits that are not as usual here"));
        for (const std::string& limit : r.limits) html += text(limit) + QStringLiteral("<br>");
        html += QStringLiteral("</p>");
    }
    html +=
        QStringLiteral("<h2>%1</h2><p>%2</p>")
            .arg(QObject::tr("Signed"),
                 onPaper(QObject::tr("%1, coordinator, %2. Key %3 …; signature %4 …; the record had %5.")
                             .arg(signer ? QString::fromStdString(signer->name) : QObject::tr("(no longer known)"),
                                  dayInWords(r.at), QString::fromStdString(r.key).left(16),
                                  QString::fromStdString(r.signature).section(QLatin1Char(':'), 1).left(24), shortHead(r.head))));
    const KeyBook book = school.keys();
    const KnownKey* key = book.find(r.key);
    html += QStringLiteral("<p>%1</p>")
                .arg(onPaper(key ? QObject::tr("This key has been known since %1, let in by: %2.")
                                       .arg(dayInWords(key->since), asWords(let_in_by(school, *key)))
                                 : QObject::tr("This key is not among those of the record.")));
    html += QStringLiteral("<p>%1</p>").arg(onPaper(QObject::tr("Head of the record when this was printed:"))) +
            headOnPaper(school.head());
    html += QStringLiteral("<p class=\"quiet\">%1</p>")
                .arg(onPaper(QObject::tr(
                    "To check it later: verify the record, which checks every release's signature, and compare the head above. "
                    "This release is advice that the coordinator answers for. The law says who may fly what, and where: "
                    "registration, proof of competency, line of sight and a spotter, airspace, insurance; ask the national "
                    "aviation authority.")));
    return html;
}

ReleasePanel::ReleasePanel(School& school, QWidget* parent) : QFrame(parent), school_(school)
{
    setObjectName(QStringLiteral("card"));
    state_ = new QLabel;
    state_->setObjectName(QStringLiteral("releaseState"));
    state_->setWordWrap(true);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("releaseSaid"));
    said_->setProperty("caution", true);
    said_->setWordWrap(true);
    reason_ = new QLineEdit;
    reason_->setObjectName(QStringLiteral("overrideReason"));
    reason_->setMaxLength(200);
    give_ = namedButton(tr("Override gate"), "overrideGate", tr("The chosen gate does not stand in the way, for this reason"));
    signer_ = new QComboBox;
    signer_->setObjectName(QStringLiteral("releaseSigner"));
    signer_->setAccessibleName(tr("Who signs"));
    signer_->setMinimumWidth(scaled(130));
    passphrase_ = new QLineEdit;
    passphrase_->setObjectName(QStringLiteral("releasePassphrase"));
    passphrase_->setAccessibleName(tr("Passphrase of the one who signs"));
    passphrase_->setPlaceholderText(tr("passphrase"));
    passphrase_->setEchoMode(QLineEdit::Password);
    until_ = new QDateEdit;
    until_->setObjectName(QStringLiteral("releaseUntil"));
    until_->setAccessibleName(tr("The last day"));
    until_->setDisplayFormat(tr("'until' d MMM yyyy", "day, month and year, as QLocale::toString has them"));
    sign_ = namedButton(tr("Sign"), "releaseSign", tr("Releases the pilot, with the coordinator's own key"));
    setPrimary(sign_);
    paper_ = namedButton(tr("On paper …"), "releasePaper", tr("The release with its gates, evidence and the record's head"));
    withdraw_ = namedButton(
        tr("Withdraw"), "releaseWithdraw",
        tr("It holds no more, for the reason in the line below, signed by whoever is chosen there with a passphrase"));
    auto* upper = new QHBoxLayout;
    upper->setSpacing(8);
    upper->addWidget(state_, 1);
    upper->addWidget(paper_);
    upper->addWidget(withdraw_);
    auto* lower = new QHBoxLayout;
    lower->setSpacing(8);
    lower->addWidget(reason_, 1);
    lower->addWidget(give_);
    lower->addWidget(until_);
    lower->addWidget(signer_);
    lower->addWidget(passphrase_);
    lower->addWidget(sign_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 8, 8);
    layout->setSpacing(4);
    layout->addLayout(upper);
    layout->addLayout(lower);
    layout->addWidget(said_);
    connect(give_, &QPushButton::clicked, this, &ReleasePanel::giveReason);
    connect(reason_, &QLineEdit::returnPressed, this, &ReleasePanel::giveReason);
    connect(sign_, &QPushButton::clicked, this, &ReleasePanel::sign);
    connect(passphrase_, &QLineEdit::returnPressed, this, &ReleasePanel::sign);
    connect(withdraw_, &QPushButton::clicked, this, &ReleasePanel::withdraw);
    connect(paper_, &QPushButton::clicked, this, &ReleasePanel::paper);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Release, Kind::Person, Kind::HouseRule, Kind::Setup, Kind::FlightDay, Kind::Aircraft}, pilot_id_))
            refresh();
    });
}

void ReleasePanel::show(const std::string& pilot_id)
{
    if (pilot_id != pilot_id_) {
        reasons_.clear();
        passphrase_->clear();
        say({});
        until_->setDate(QDate(1970, 1, 1).addDays(school_.today() + school_.house().whole(Limit::DayReleaseDays)));
    }
    pilot_id_ = pilot_id;
    refresh();
}

void ReleasePanel::chooseGate(const std::string& gate, const QString& name, bool met)
{
    gate_ = met ? std::string() : gate;
    const auto known = reasons_.find(gate_);
    reason_->setText(known == reasons_.end() ? QString() : QString::fromStdString(known->second));
    reason_->setPlaceholderText(tr("Reason"));
    reason_->setToolTip(gate_.empty() ? tr("Choose a gate that is not met to give a reason, or write why a release is withdrawn")
                                      : tr("Why \"%1\" does not stand in the way").arg(name));
    reason_->setAccessibleName(reason_->toolTip());
    give_->setEnabled(!gate_.empty());
}

void ReleasePanel::say(const QString& words)
{
    said_->setText(words);
    said_->setVisible(!words.isEmpty());
}

void ReleasePanel::giveReason()
{
    if (gate_.empty()) return;
    const std::string why = reason_->text().simplified().toStdString();
    if (why.empty())
        reasons_.erase(gate_);
    else
        reasons_[gate_] = why;
    Q_EMIT reasonsChanged();
    refresh();
}

/// Whoever is chosen, made known to the record where the name is new.
std::string ReleasePanel::signer()
{
    const int known = signer_->findText(signer_->currentText().simplified());
    if (known >= 0) return signer_->itemData(known).toString().toStdString();
    const Person added{school_.new_id(), signer_->currentText().simplified().toStdString(), Role::Coordinator, "", true};
    if (added.name.empty()) return {};
    return school_.keep_person(added, "signs releases") ? added.id : "";
}

void ReleasePanel::sign()
{
    if (!school_.pilot(pilot_id_)) return;
    Release release = prepared_release(school_, pilot_id_, reasons_);
    release.until_day = QDate(1970, 1, 1).daysTo(until_->date());
    for (const Release::Gate& g : release.gates) // before anybody is made known for nothing
        if (g.state != "met" && g.overridden.empty())
            return say(tr("\"%1\" is not met: choose it, give a reason why it does not stand in the way, or wait.")
                           .arg(asWords(g.name)));
    QApplication::setOverrideCursor(Qt::WaitCursor); // a passphrase takes about a second
    const auto done = sign_release(school_, release, signer(), passphrase_->text().toStdString());
    QApplication::restoreOverrideCursor();
    passphrase_->clear();
    if (!done) return say(asWords(done.error()));
    reasons_.clear();
    say({});
    Q_EMIT reasonsChanged();
}

void ReleasePanel::withdraw()
{
    const Release* release = newest_release(school_, pilot_id_);
    if (!release) return;
    QApplication::setOverrideCursor(Qt::WaitCursor); // a passphrase takes about a second
    const auto done =
        withdraw_release(school_, release->id, reason_->text().toStdString(), signer(), passphrase_->text().toStdString());
    QApplication::restoreOverrideCursor();
    passphrase_->clear();
    if (done) reason_->clear();
    say(done ? tr("Withdrawn.") : asWords(done.error()));
}

void ReleasePanel::paper()
{
    const Release* release = newest_release(school_, pilot_id_);
    if (!release) return;
    showOnPaper(this, tr("release.pdf"), tr("Release to a real aircraft"), releasePaper(school_, *release));
}

void ReleasePanel::refresh()
{
    const bool any = school_.pilot(pilot_id_) != nullptr;
    setVisible(any);
    if (!any) return;
    const bool may = school_.may_do(Act::Release).has_value();
    const Release* release = newest_release(school_, pilot_id_);
    const Person* by = release ? school_.person(release->signer) : nullptr;
    if (!release)
        state_->setText(tr("Not released. A coordinator signs for one aircraft, its rates and one site; %1 gates are overridden "
                           "with a reason.")
                            .arg(reasons_.size()));
    else {
        QString words =
            tr("Released by %1 on %2 for %3 at %4, until %5.")
                .arg(by ? QString::fromStdString(by->name) : tr("somebody"), dayInWords(release->at), asWords(release->aircraft),
                     QString::fromStdString(release->site), calendarDay(release->until_day));
        const auto overridden = std::count_if(release->gates.begin(), release->gates.end(),
                                              [](const Release::Gate& g) { return !g.overridden.empty(); });
        if (overridden > 0)
            words += overridden == 1 ? tr(" One gate was overridden.") : tr(" %1 gates were overridden.").arg(overridden);
        if (!is_signed(*release)) words += tr(" The signature does not hold.");
        if (!release->withdrawn.empty())
            words += tr(" Withdrawn: %1.").arg(QString::fromStdString(release->withdrawn));
        else if (!holds(school_, *release))
            words += tr(" It has run out.");
        state_->setText(words);
    }
    const QString chosen = signer_->currentText();
    const QSignalBlocker quiet(signer_);
    signer_->clear();
    for (const Person& p : school_.people())
        if (p.active && p.role == Role::Coordinator)
            signer_->addItem(QString::fromStdString(p.name), QString::fromStdString(p.id));
    signer_->setEditable(school_.wants_no_passphrases()); // there nobody is known by a passphrase before the first signature
    if (signer_->isEditable()) {
        signer_->lineEdit()->setPlaceholderText(tr("who signs"));
        signer_->lineEdit()->setAccessibleName(signer_->accessibleName());
    }
    if (const int known = signer_->findText(chosen); known >= 0)
        signer_->setCurrentIndex(known);
    else if (signer_->isEditable() && !chosen.isEmpty())
        signer_->setEditText(chosen);
    for (QWidget* w : std::initializer_list<QWidget*>{signer_, passphrase_, until_, sign_}) w->setEnabled(may);
    withdraw_->setVisible(release && release->withdrawn.empty());
    withdraw_->setEnabled(may);
    paper_->setVisible(release != nullptr);
    said_->setVisible(!said_->text().isEmpty());
}

} // namespace bh::desk
