#pragma once

#include <QLocalServer>
#include <QLockFile>
#include <QObject>
#include <filesystem>

class QWidget;

namespace bh::desk {

/// One window for a record at a station: a second start finds the first one, and asks it to come forward.
class OneWindow : public QObject {
    Q_OBJECT
public:
    enum class Found {
        Alone,  ///< this is the one
        Raised, ///< there is one, and it has come forward
        Silent  ///< there is one, and it does not answer: it hangs, or is on another computer
    };
    explicit OneWindow(const std::filesystem::path& record);

    [[nodiscard]] Found look();
    /// From now on the window comes forward when a second start asks.
    void answer_with(QWidget& window);

Q_SIGNALS:
    void asked();

private:
    QLockFile lock_;
    QString name_;
    QLocalServer server_;
};

} // namespace bh::desk
