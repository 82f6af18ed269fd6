#pragma once

#include <QFrame>
#include <map>
#include <string>

class QComboBox;
class QDateEdit;
class QLabel;
class QLineEdit;
class QPushButton;

namespace bh {
class School;
struct Release;
} // namespace bh

namespace bh::desk {

/// Who releases the chosen pilot, for which aircraft, rates and site, and until when: signed with the coordinator's own key, on
/// paper, withdrawn. A gate that is not met needs a reason.
class ReleasePanel : public QFrame {
    Q_OBJECT
public:
    explicit ReleasePanel(School& school, QWidget* parent = nullptr);
    void show(const std::string& pilot_id);
    void chooseGate(const std::string& gate, const QString& name, bool met);                     ///< that a reason is given for
    [[nodiscard]] const std::map<std::string, std::string>& reasons() const { return reasons_; } ///< by gate, not signed yet

Q_SIGNALS:
    void reasonsChanged();

private:
    void giveReason();
    void sign();
    void withdraw();
    void paper();
    void say(const QString& words);
    void refresh();
    [[nodiscard]] std::string signer();
    School& school_;
    std::string pilot_id_, gate_;
    std::map<std::string, std::string> reasons_;
    QLabel *state_, *said_;
    QLineEdit *reason_, *passphrase_;
    QPushButton *give_, *sign_, *withdraw_, *paper_;
    QComboBox* signer_;
    QDateEdit* until_;
};

/// The release as it is handed out. HTML, see saveOnPaper().
[[nodiscard]] QString releasePaper(const School& school, const Release& release);

} // namespace bh::desk
