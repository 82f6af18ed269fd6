#pragma once

#include <QAction>
#include <QKeySequence>
#include <QString>
#include <functional>

class QAbstractButton;

namespace bh::desk {

/// Something that can be asked for by key, from the menu, or by name from the list of commands. Its keys work while `where` is
/// shown in the active window, and can be changed by the user. `id` names it in the preferences and never changes.
QAction* command(QWidget* where, const char* id, const QString& words, const QKeySequence& usual_keys, std::function<void()> act);

[[nodiscard]] bool isCommand(const QAction* action);
[[nodiscard]] QKeySequence usualKeys(const QAction* command);
/// Keeps the keys and puts them to use, unless the same ones stand for another command that can be there at the same time: then
/// that one is returned, and nothing is changed.
const QAction* changeKeys(const QList<QAction*>& all, QAction* command, const QKeySequence& keys);
/// The page that a command belongs to, as its widget is called; empty: the whole window.
[[nodiscard]] QString pageOf(const QAction* command);
[[nodiscard]] QString pageInWords(const QAction* command); ///< as the page is called in the window's language
/// "Start (F5)", with the keys that are in use; the words alone where there are none.
[[nodiscard]] QString withKeys(const QString& words, const QAction* command);
/// A button that does the same, and says by which keys.
void standsFor(QAbstractButton* button, QAction* command);

} // namespace bh::desk
