#include "desk/controller/learn_form.h"

#include "desk/parts/look/theme.h"

#include "desk/words/controller_words.h"
#include "desk/words/message_words.h"
#include "desk/words/utf8.h"
#include "files/documents/simulator_document.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

namespace bh::desk {
namespace {

constexpr int not_tried = -2, nothing = -1;

/// What can be seen after one function was pushed to its positive side, as choices of a combo box.
void fillSeen(QComboBox* box)
{
    box->addItem(QObject::tr("not tried"), not_tried);
    box->addItem(QObject::tr("nothing"), nothing);
    for (Function f : all_functions)
        for (bool positive : {true, false}) {
            const QString side = asWords(side_word(f, positive));
            const QString words = f == Function::Throttle ? QObject::tr("power %1").arg(side)
                                  : f == Function::Yaw    ? QObject::tr("turned %1").arg(side)
                                                          : QObject::tr("leaned %1").arg(side);
            box->addItem(words, 2 * static_cast<int>(f) + (positive ? 0 : 1));
        }
}

} // namespace

LearnForm::LearnForm(QWidget* parent) : QWidget(parent)
{
    auto* form = new QGridLayout(this);
    form->setContentsMargins(0, 0, 8, 0);
    form->setVerticalSpacing(4);
    form->setColumnStretch(1, 1);
    auto* how =
        new QLabel(tr("For a simulator whose conventions nobody knows: set it as the sheet says, push one stick at a time, "
                      "and say what the aircraft there did. The sheet is then put right."));
    how->setWordWrap(true);
    form->addWidget(how, 0, 0, 1, 2);
    int row = 1;
    const auto field = [&](const QString& label, QComboBox* box, const QString& name) {
        box->setAccessibleName(label);
        box->setObjectName(name);
        box->setMinimumWidth(scaled(120));
        box->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        form->addWidget(new QLabel(label), row, 0);
        form->addWidget(box, row++, 1);
    };
    for (Function f : all_functions) {
        auto*& box = seen_[static_cast<std::size_t>(f)];
        box = new QComboBox;
        fillSeen(box);
        field(tr("%1 pushed %2").arg(functionName(f), asWords(side_word(f, true))), box,
              QStringLiteral("seen-") + utf8(function_key(f)));
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
    connect(learn_, &QPushButton::clicked, this, &LearnForm::learnAsked);
}

std::vector<Observation> LearnForm::seen() const
{
    std::vector<Observation> seen;
    for (Function pushed : all_functions) {
        const int choice = seen_[static_cast<std::size_t>(pushed)]->currentData().toInt();
        if (choice == not_tried) continue;
        Observation o;
        o.kind = choice == nothing ? Observation::Kind::Nothing : Observation::Kind::Moved;
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
    return seen;
}

void LearnForm::forget()
{
    for (QComboBox* box : seen_) box->setCurrentIndex(0);
    middle_->setCurrentIndex(0);
}

void LearnForm::say(const QString& words) { learnt_->setText(words); }
void LearnForm::setReady(bool ready) { learn_->setEnabled(ready); }

} // namespace bh::desk
