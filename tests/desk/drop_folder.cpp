// A window that takes files, as a folder's does: says where on the screen, copies what is dropped into FOLDER, and copies it
// again under another name when it is told to on stdin. For desktop_habits_test.cpp: drop_folder FOLDER
#include <QApplication>
#include <QDir>
#include <QDropEvent>
#include <QFileInfo>
#include <QMimeData>
#include <QTimer>
#include <QUrl>
#include <QWidget>
#include <cstdio>

namespace {

class Folder : public QWidget {
public:
    explicit Folder(QString path) : path_(std::move(path))
    {
        setAcceptDrops(true);
        setGeometry(60, 300, 240, 200);
    }

private:
    void dragEnterEvent(QDragEnterEvent* event) override
    {
        if (event->mimeData()->hasUrls()) event->acceptProposedAction();
    }
    void dropEvent(QDropEvent* event) override
    {
        const QUrl url = event->mimeData()->urls().value(0);
        copy(url, "");
        event->acceptProposedAction();
        std::printf("dropped as %s\n", event->dropAction() == Qt::CopyAction ? "copy" : "something else");
        std::fflush(stdout);
        QTimer::singleShot(0, this, [this, url] {
            (void)std::getchar(); // waits for the word
            copy(url, "later-");
            QApplication::quit();
        });
    }
    void copy(const QUrl& url, const QString& before) const
    {
        QFile::copy(url.toLocalFile(), QDir(path_).filePath(before + QFileInfo(url.toLocalFile()).fileName()));
    }
    QString path_;
};

} // namespace

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    if (argc != 2) return 2;
    Folder folder(argv[1]);
    folder.show();
    QTimer::singleShot(300, &folder, [&] {
        const QPoint middle = folder.mapToGlobal(folder.rect().center());
        std::printf("%d %d\n", middle.x(), middle.y());
        std::fflush(stdout);
    });
    QTimer::singleShot(30'000, &application, &QApplication::quit);
    return QApplication::exec();
}
