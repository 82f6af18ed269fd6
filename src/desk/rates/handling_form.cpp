#include "desk/rates/handling_form.h"

#include "core/rates/handling.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace bh::desk {

HandlingForm::HandlingForm(QWidget* parent) : QWidget(parent), question_(new QLabel), answers_(new QVBoxLayout)
{
    question_->setObjectName(QStringLiteral("handlingQuestion"));
    question_->setFont(uiFont(text_points, true));
    question_->setWordWrap(true);
    answers_->setSpacing(4);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(question_);
    column->addLayout(answers_);
    ask(0);
}

void HandlingForm::setAllowed(bool allowed)
{
    allowed_ = allowed;
    ask(asked_);
}

void HandlingForm::restart() { ask(0); }

void HandlingForm::ask(std::size_t question)
{
    asked_ = question;
    while (QLayoutItem* item = answers_->takeAt(0)) {
        item->widget()->hide();
        item->widget()->setObjectName({});
        item->widget()->deleteLater();
        delete item;
    }
    const HandlingQuestion& q = handling_questions()[question];
    question_->setText(tr("After the flight: %1").arg(asWords(q.words)));
    for (std::size_t i = 0; i < q.answers.size(); ++i) {
        const HandlingAnswer& a = q.answers[i];
        auto* button = new QPushButton(a.rating ? tr("%1 (%2)").arg(asWords(a.words)).arg(a.rating) : asWords(a.words));
        button->setObjectName(QStringLiteral("answer%1").arg(i));
        button->setEnabled(allowed_);
        connect(button, &QPushButton::clicked, this, [this, rating = a.rating, next = a.next] {
            ask(rating ? 0 : next);
            if (rating) Q_EMIT rated(rating);
        });
        answers_->addWidget(button, 0, Qt::AlignLeft);
    }
}

} // namespace bh::desk
