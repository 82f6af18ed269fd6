#include "desk/parts/paper/paper_window.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/paper/paper.h"

#include <QDir>
#include <QDrag>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QMimeData>
#include <QPrintDialog>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QTemporaryDir>
#include <QTimer>
#include <QUrl>

namespace bh::desk {

PaperWindow::PaperWindow(QString name, QString title, QString body, QWidget* parent)
    : QDialog(parent), name_(std::move(name)), title_(std::move(title)), body_(std::move(body)),
      printer_(std::make_unique<QPrinter>())
{
    setObjectName(QStringLiteral("paperWindow"));
    setWindowTitle(title_);
    printer_->setOutputFormat(QPrinter::PdfFormat); // its pages are the same whatever printer there is
    startPaper(*printer_);
    auto* pages = new QPrintPreviewWidget(printer_.get());
    pages->setAccessibleName(tr("The paper, page by page"));
    connect(pages, &QPrintPreviewWidget::paintRequested, this,
            [this](QPrinter* printer) { paintPaper(*printer, title_, body_); });
    QTimer::singleShot(0, pages, [pages] { pages->fitToWidth(); }); // as wide as it is shown
    auto* save = namedButton(tr("Save as PDF …"), "paperSave", tr("Into the folder for papers, or wherever you like"));
    setPrimary(save);
    auto* print = namedButton(tr("Print …"), "paperPrint", tr("On a printer of this computer"));
    auto* out = namedButton(tr("Drag out"), "paperDrag", tr("Hold it and drag the paper, as a PDF, into a folder or a letter"));
    auto* close = namedButton(tr("Close"), "paperClose", {});
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("paperSaid"));
    connect(save, &QPushButton::clicked, this, &PaperWindow::save);
    connect(print, &QPushButton::clicked, this, &PaperWindow::print);
    connect(out, &QPushButton::pressed, this, &PaperWindow::dragOut);
    connect(close, &QPushButton::clicked, this, &QDialog::close);
    auto* row = new QHBoxLayout;
    for (QPushButton* b : {save, print, out}) row->addWidget(b);
    row->addWidget(said_, 1);
    row->addWidget(close);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    layout->addWidget(pages, 1);
    layout->addLayout(row);
    resize(openingSize(*this, 760, 640));
}

PaperWindow::~PaperWindow() { qDeleteAll(findChildren<QPrintPreviewWidget*>()); } // before the printer it draws on

QString PaperWindow::asFile()
{
    static const QTemporaryDir papers; // a letter may read it long after this window is closed
    static int windows = 0;
    if (own_folder_.isEmpty()) own_folder_ = papers.filePath(QString::number(++windows)); // another paper may have the same name
    if (!QDir().mkpath(own_folder_)) return {};
    const QString file = own_folder_ + QLatin1Char('/') + name_;
    return saveOnPaper(file, title_, body_) ? file : QString();
}

void PaperWindow::saveTo(const QString& file)
{
    said_->setText(saveOnPaper(file, title_, body_) ? tr("Written: %1").arg(file)
                                                    : tr("%1 could not be written: is there such a folder?").arg(file));
}

void PaperWindow::save()
{
    const QString file = QFileDialog::getSaveFileName(this, title_, placeToWrite(name_), tr("PDF (*.pdf)"));
    if (!file.isEmpty()) saveTo(file);
}

void PaperWindow::print()
{
    QPrinter printer;
    startPaper(printer);
    if (QPrintDialog(&printer, this).exec() != QDialog::Accepted) return;
    said_->setText(paintPaper(printer, title_, body_) ? tr("It is on its way to the printer.") : tr("The printer took nothing."));
}

void PaperWindow::dragOut()
{
    const QString file = asFile();
    if (file.isEmpty()) return said_->setText(tr("There is no room for a file to drag."));
    auto* drag = new QDrag(this);
    auto* what = new QMimeData;
    what->setUrls({QUrl::fromLocalFile(file)});
    drag->setMimeData(what);
    drag->exec(Qt::CopyAction);
}

void showOnPaper(QWidget* parent, const QString& name, const QString& title, const QString& body)
{
    auto* window = new PaperWindow(name, title, body, parent);
    window->setAttribute(Qt::WA_DeleteOnClose);
    window->show();
}

} // namespace bh::desk
