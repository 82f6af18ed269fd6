#include "desk/shell/preferences_window.h"

#include "desk/parts/buttons.h"
#include "desk/parts/preferences.h"
#include "desk/parts/voice.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>

namespace bh::desk {
namespace {

QComboBox* choice(const char* name, const QString& spoken, const QString& tip, const QList<QPair<QString, int>>& choices, int now)
{
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setToolTip(tip);
    for (const auto& [words, value] : choices) box->addItem(words, value);
    box->setCurrentIndex(std::max(0, box->findData(now)));
    return box;
}

QCheckBox* ticked(const char* name, const QString& words, const QString& tip, bool now)
{
    auto* box = new QCheckBox(words);
    box->setObjectName(QLatin1String(name));
    box->setToolTip(tip);
    box->setChecked(now);
    return box;
}

} // namespace

PreferencesWindow::PreferencesWindow(QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("preferencesWindow"));
    setWindowTitle(tr("Preferences"));
    Preferences& p = preferences();
    auto* look = choice("preferLook", tr("Colours"), tr("As the system: dark where its windows are dark"),
                        {{tr("Day"), static_cast<int>(Preferences::Look::Day)},
                         {tr("Night"), static_cast<int>(Preferences::Look::Night)},
                         {tr("As the system"), static_cast<int>(Preferences::Look::AsSystem)}},
                        static_cast<int>(p.look()));
    auto* text = choice("preferText", tr("Size of text"), tr("Of everything in the window, from its usual size to twice that"),
                        {{tr("Usual"), 100},
                         {QStringLiteral("125 %"), 125},
                         {QStringLiteral("150 %"), 150},
                         {QStringLiteral("175 %"), 175},
                         {QStringLiteral("200 %"), 200}},
                        p.textPercent());
    auto* units = choice("preferUnits", tr("Heights and speeds"),
                         tr("For show in flights, marks and debriefs; drills, files and the record stay metric"),
                         {{tr("Metres, metres a second"), 0}, {tr("Feet, knots"), 1}}, p.feetAndKnots());
    auto* days = choice("preferDays", tr("Days"), tr("As the system writes a day, or with the month as a word"),
                        {{tr("12 Jun 2031"), 0}, {tr("As the system"), 1}}, p.systemDates());
    auto* menu = ticked("preferMenu", tr("Show the menu"), tr("Hidden, its keys go on working, and Ctrl+K finds every command"),
                        p.menuShown());
    auto* speaks = ticked("preferSpeech", tr("Speak a flight's parts and its marks"),
                          Voice::canSpeak() ? tr("By the system's own speech")
                                            : tr("This computer has no speech: Debian's speech-dispatcher brings it"),
                          p.speaks());
    auto* sounds = ticked("preferTone", tr("A quiet tone out of the height window"),
                          tr("While a flight is below its window a low one, above it a high one"), p.sounds());
    auto* motion =
        ticked("preferMotion", tr("Less motion"),
               tr("No trails behind the sticks; small pictures change twice a second. A flight itself moves on"), p.lessMotion());
    auto* folder = new QLineEdit(p.folder());
    folder->setObjectName(QStringLiteral("preferFolder"));
    folder->setAccessibleName(tr("Folder for papers and tables"));
    folder->setPlaceholderText(tr("where the last one went"));
    auto* browse =
        namedButton(tr("Choose …"), "preferBrowse", tr("The folder that papers, tables and pictures are offered to go to"));
    auto* row = new QHBoxLayout;
    row->addWidget(folder, 1);
    row->addWidget(browse);
    auto* form = new QFormLayout(this);
    form->setContentsMargins(16, 16, 16, 16);
    form->setSpacing(12);
    form->addRow(tr("Colours"), look);
    form->addRow(tr("Size of text"), text);
    form->addRow(tr("Heights and speeds"), units);
    form->addRow(tr("Days"), days);
    form->addRow(tr("Papers and tables go to"), row);
    form->addRow(tr("Heard"), speaks);
    form->addRow(QString(), sounds);
    form->addRow(tr("Seen"), motion);
    form->addRow(QString(), menu);
    auto* said = new QLabel(tr("Each choice holds at once, at this computer, for every record."));
    said->setProperty("quiet", true);
    form->addRow(said);
    resize(520, sizeHint().height());
    connect(look, &QComboBox::activated, this,
            [look, &p] { p.setLook(static_cast<Preferences::Look>(look->currentData().toInt())); });
    connect(text, &QComboBox::activated, this, [text, &p] { p.setTextPercent(text->currentData().toInt()); });
    connect(units, &QComboBox::activated, this, [units, &p] { p.setFeetAndKnots(units->currentData().toInt() == 1); });
    connect(days, &QComboBox::activated, this, [days, &p] { p.setSystemDates(days->currentData().toInt() == 1); });
    connect(menu, &QCheckBox::toggled, this, [&p](bool shown) { p.setMenuShown(shown); });
    connect(speaks, &QCheckBox::toggled, this, [&p](bool on) { p.setSpeaks(on); });
    connect(sounds, &QCheckBox::toggled, this, [&p](bool on) { p.setSounds(on); });
    connect(motion, &QCheckBox::toggled, this, [&p](bool on) { p.setLessMotion(on); });
    connect(folder, &QLineEdit::editingFinished, this, [folder, &p] { p.setFolder(folder->text().trimmed()); });
    connect(browse, &QPushButton::clicked, this, [this, folder, &p] {
        const QString chosen = QFileDialog::getExistingDirectory(this, tr("Folder for papers and tables"), p.folder());
        if (chosen.isEmpty()) return;
        folder->setText(chosen);
        p.setFolder(chosen);
    });
    connect(&p, &Preferences::changed, this, [=, &p] {
        text->setCurrentIndex(std::max(0, text->findData(p.textPercent())));
        look->setCurrentIndex(std::max(0, look->findData(static_cast<int>(p.look()))));
        menu->setChecked(p.menuShown());
    });
}

} // namespace bh::desk
