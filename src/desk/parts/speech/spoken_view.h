#pragma once

#include <QBasicTimer>
#include <QWidget>
#include <optional>

namespace bh::desk {

/// A painted view that says in words what it shows, to those who do not see it: its description on the accessibility bus. The
/// words are made only when somebody asks for them; that they have changed is told at most twice a second.
class SpokenView : public QWidget {
    Q_OBJECT
public:
    explicit SpokenView(QWidget* parent = nullptr);
    struct Value {
        double now = 0, least = 0, most = 1, step = 0; ///< in the unit that the words say
    };
    [[nodiscard]] virtual QString inWords() const = 0;
    /// What it holds where it is one number; it can then be set as well.
    [[nodiscard]] virtual std::optional<Value> value() const { return std::nullopt; }
    virtual void setValue(double) {}

Q_SIGNALS:
    void toldAnew(); ///< whoever listens on the bus was told that the words are others

protected:
    void saysOtherwise(); ///< the words are others now
    void timerEvent(QTimerEvent* event) override;
    /// A frame that shows where the keyboard is.
    void paintFocus(QPainter& painter) const;

private:
    void tell();
    QBasicTimer next_;
    bool changed_ = false;
};

} // namespace bh::desk
