#pragma once

#include <QWidget>
#include <filesystem>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace bh::desk {

/// The handbook, from the pages beside the program: contents at the left, searched by words, the page at the right.
class HelpWindow : public QWidget {
    Q_OBJECT
public:
    HelpWindow(const std::filesystem::path& documents, QWidget* parent);
    void showPage(const QString& page); ///< "drills", "index", or with a part of it: "numbers#rocking"
    [[nodiscard]] QString page() const; ///< the one that is shown
    /// Where the pages lie, for a folder of data: beside it in the project, within it once installed.
    [[nodiscard]] static std::filesystem::path folderFor(const std::filesystem::path& documents);

protected:
    void keyPressEvent(QKeyEvent* event) override; ///< Escape closes it

private:
    void fill(const QString& wanted);
    QString folder_;
    QLineEdit* wanted_;
    QListWidget* contents_;
    QTextBrowser* page_;
};

} // namespace bh::desk
