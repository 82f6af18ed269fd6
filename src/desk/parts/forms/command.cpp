#include "desk/parts/forms/command.h"

#include "desk/parts/forms/preferences.h"

#include <QAbstractButton>
#include <QCoreApplication>
#include <QWidget>

namespace bh::desk {
namespace {

constexpr const char* usual_property = "usualKeys";

/// Whether the keys of both work at the same time: in the whole window, or on the same page.
bool meet(const QAction* a, const QAction* b)
{
    const auto* here = qobject_cast<QWidget*>(a->parent());
    const auto* there = qobject_cast<QWidget*>(b->parent());
    return here && there && (here == there || here->isAncestorOf(there) || there->isAncestorOf(here));
}

} // namespace

QAction* command(QWidget* where, const char* id, const QString& words, const QKeySequence& usual_keys, std::function<void()> act)
{
    auto* action = new QAction(words, where);
    action->setObjectName(QLatin1String(id));
    action->setProperty(usual_property, usual_keys);
    action->setShortcut(preferences().keys(QLatin1String(id), usual_keys));
    action->setAutoRepeat(false);
    where->addAction(action);
    QObject::connect(action, &QAction::triggered, where, [act = std::move(act)] { act(); });
    return action;
}

bool isCommand(const QAction* action) { return action->property(usual_property).isValid(); }

QKeySequence usualKeys(const QAction* command) { return command->property(usual_property).value<QKeySequence>(); }

const QAction* changeKeys(const QList<QAction*>& all, QAction* command, const QKeySequence& keys)
{
    if (!keys.isEmpty())
        for (const QAction* other : all)
            if (other != command && other->shortcut() == keys && meet(other, command)) return other;
    preferences().setKeys(command->objectName(), keys, usualKeys(command));
    command->setShortcut(keys);
    return nullptr;
}

QString pageInWords(const QAction* command)
{
    const QString page = pageOf(command);
    return page.isEmpty() ? page : QCoreApplication::translate("bh::desk::MainWindow", page.toUtf8().constData());
}

QString pageOf(const QAction* command)
{
    const auto* widget = qobject_cast<QWidget*>(command->parent());
    for (; widget && !widget->isWindow(); widget = widget->parentWidget())
        if (widget->objectName().startsWith(QLatin1String("page"))) return widget->objectName().mid(4);
    return {};
}

QString withKeys(const QString& words, const QAction* command)
{
    const QString keys = command->shortcut().toString(QKeySequence::NativeText);
    return keys.isEmpty() ? words : QStringLiteral("%1 (%2)").arg(words, keys);
}

void standsFor(QAbstractButton* button, QAction* command)
{
    const auto say = [button, command] { button->setText(withKeys(command->text(), command)); };
    QObject::connect(button, &QAbstractButton::clicked, command, &QAction::trigger);
    QObject::connect(command, &QAction::changed, button, say);
    say();
}

} // namespace bh::desk
