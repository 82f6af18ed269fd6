#pragma once

class QWidget;

namespace bh::desk {

/// A table that has the keyboard goes to the clipboard as text, with tabs between its columns and its heads above: the rows that
/// are chosen, or all of them. False: nothing that can be copied has the keyboard.
bool copyTable(QWidget* focus);
/// The page as a picture.
void copyPicture(QWidget& page);

} // namespace bh::desk
