#pragma once

#include <QDialog>
#include <memory>

class QLabel;
class QPrinter;

namespace bh::desk {

/// A paper as it will be printed, before it goes anywhere: saved as PDF, printed, or dragged out as a file.
class PaperWindow : public QDialog {
    Q_OBJECT
public:
    /// `name`: of the file that is offered; `body`: HTML as saveOnPaper() takes it.
    PaperWindow(QString name, QString title, QString body, QWidget* parent);
    ~PaperWindow() override;
    /// A file of it that another program can take, there until this one ends; empty when it could not be written.
    [[nodiscard]] QString asFile();
    void saveTo(const QString& file);

private:
    void save();
    void print();
    void dragOut();
    QString name_, title_, body_;
    QString own_folder_;                ///< for the file that is dragged out; empty: none yet
    std::unique_ptr<QPrinter> printer_; ///< for the pages that are seen
    QLabel* said_;
};

/// Opens it over the page that asks.
void showOnPaper(QWidget* parent, const QString& name, const QString& title, const QString& body);

} // namespace bh::desk
