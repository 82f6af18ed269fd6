#include "desk/shell/window/preferences_window.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/speech/voice.h"
#include "desk/words/language.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <algorithm>
#include <functional>

namespace bh::desk {
namespace {

QComboBox* choice(const char* name, const QString& spoken, const QString& tip, const QList<QPair<QString, int>>& choices, int now,
                  const std::function<void(int)>& chosen)
{
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setToolTip(tip);
    for (const auto& [words, value] : choices) box->addItem(words, value);
    box->setCurrentIndex(std::max(0, box->findData(now)));
    QObject::connect(box, &QComboBox::activated, box, [box, chosen] { chosen(box->currentData().toInt()); });
    return box;
}

QCheckBox* ticked(const char* name, const QString& words, const QString& tip, bool now, const std::function<void(bool)>& chosen)
{
    auto* box = new QCheckBox(words);
    box->setObjectName(QLatin1String(name));
    box->setToolTip(tip);
    box->setChecked(now);
    QObject::connect(box, &QCheckBox::toggled, box, chosen);
    return box;
}

} // namespace

PreferencesWindow::PreferencesWindow(QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("preferencesWindow"));
    setWindowTitle(tr("Preferences"));
    auto* form = new QFormLayout(this);
    form->setContentsMargins(16, 16, 16, 16);
    form->setSpacing(8);
    addShown(*form);
    addHeardAndRead(*form);
    auto* said = new QLabel(tr("Each choice holds at this computer, for every record."));
    said->setProperty("quiet", true);
    form->addRow(said);
    resize(scaled(520), sizeHint().height());
}

/// How things look and are written.
void PreferencesWindow::addShown(QFormLayout& form)
{
    Preferences& p = preferences();
    using Look = Preferences::Look;
    auto* look = choice("preferLook", tr("Colours"), tr("As the system: dark where its windows are dark"),
                        {{tr("Day"), static_cast<int>(Look::Day)},
                         {tr("Night"), static_cast<int>(Look::Night)},
                         {tr("As the system"), static_cast<int>(Look::AsSystem)}},
                        static_cast<int>(p.look()), [&p](int value) { p.setLook(static_cast<Look>(value)); });
    auto* text = choice(
        "preferText", tr("Size of text"),
        tr("Of everything in the window, from its usual size to twice that; lists and tables take it whole at the next start"),
        {{tr("Usual"), 100},
         {QStringLiteral("125 %"), 125},
         {QStringLiteral("150 %"), 150},
         {QStringLiteral("175 %"), 175},
         {QStringLiteral("200 %"), 200}},
        p.textPercent(), [&p](int percent) { p.setTextPercent(percent); });
    auto* units = choice("preferUnits", tr("Heights and speeds"),
                         tr("For show in flights, marks and debriefs; drills, files and the record stay metric"),
                         {{tr("Metres, metres a second"), 0}, {tr("Feet, knots"), 1}}, p.feetAndKnots(),
                         [&p](int feet) { p.setFeetAndKnots(feet == 1); });
    QList<QPair<QString, int>> spoken{{tr("As the system"), -1}};
    for (int i = 0; i < languages().size(); ++i) spoken.push_back({languages()[i].name, i});
    const auto now =
        std::find_if(languages().begin(), languages().end(), [&p](const Language& l) { return l.tag == p.language(); });
    auto* language = choice("preferLanguage", tr("Language"), tr("Of windows, papers and the handbook, from the next start on"),
                            spoken, now == languages().end() ? -1 : static_cast<int>(now - languages().begin()),
                            [&p](int index) { p.setLanguage(index < 0 ? QString() : languages()[index].tag); });
    auto* days = choice("preferDays", tr("Days"), tr("As the system writes a day, or with the month as a word"),
                        {{tr("12 Jun 2031"), 0}, {tr("As the system"), 1}}, p.systemDates(),
                        [&p](int system) { p.setSystemDates(system == 1); });
    auto* motion = ticked("preferMotion", tr("Less motion"),
                          tr("No trails behind the sticks; small pictures change twice a second. A flight itself moves on"),
                          p.lessMotion(), [&p](bool on) { p.setLessMotion(on); });
    auto* menu = ticked("preferMenu", tr("Show the menu"), tr("Hidden, its keys go on working, and Ctrl+K finds every command"),
                        p.menuShown(), [&p](bool shown) { p.setMenuShown(shown); });
    form.addRow(tr("Colours"), look);
    form.addRow(tr("Size of text"), text);
    form.addRow(tr("Language"), language);
    form.addRow(tr("Heights and speeds"), units);
    form.addRow(tr("Days"), days);
    form.addRow(tr("Seen"), motion);
    form.addRow(QString(), menu);
    connect(&p, &Preferences::changed, this, [look, text, menu, &p] {
        text->setCurrentIndex(std::max(0, text->findData(p.textPercent())));
        look->setCurrentIndex(std::max(0, look->findData(static_cast<int>(p.look()))));
        menu->setChecked(p.menuShown());
    });
}

/// What is heard, how sticks are read, and where papers go.
void PreferencesWindow::addHeardAndRead(QFormLayout& form)
{
    Preferences& p = preferences();
    auto* speaks = ticked("preferSpeech", tr("Speak a flight's parts and its marks"),
                          Voice::canSpeak() ? tr("By the system's own speech")
                                            : tr("This computer has no speech: Debian's speech-dispatcher brings it"),
                          p.speaks(), [&p](bool on) { p.setSpeaks(on); });
    auto* sounds = ticked("preferTone", tr("A quiet tone out of the height window"),
                          tr("While a flight is below its window a low one, above it a high one"), p.sounds(),
                          [&p](bool on) { p.setSounds(on); });
    auto* sampling = choice("preferSampling", tr("Controllers are read"),
                            tr("How often a second the sticks are looked at: 500 suits every controller, 250 spares a weak "
                               "computer, 1000 is for controllers that report that fast"),
                            {{tr("250 times a second"), 250}, {tr("500 times a second"), 500}, {tr("1000 times a second"), 1000}},
                            p.samplingHz(), [&p](int rate_hz) { p.setSamplingHz(rate_hz); });
    auto* folder = new QLineEdit(p.folder());
    folder->setObjectName(QStringLiteral("preferFolder"));
    folder->setAccessibleName(tr("Folder for papers and tables"));
    folder->setPlaceholderText(tr("where the last one went"));
    auto* browse =
        namedButton(tr("Choose …"), "preferBrowse", tr("The folder that papers, tables and pictures are offered to go to"));
    connect(folder, &QLineEdit::editingFinished, this, [folder, &p] { p.setFolder(folder->text().trimmed()); });
    connect(browse, &QPushButton::clicked, this, [this, folder, &p] {
        const QString chosen = QFileDialog::getExistingDirectory(this, tr("Folder for papers and tables"), p.folder());
        if (chosen.isEmpty()) return;
        folder->setText(chosen);
        p.setFolder(chosen);
    });
    auto* row = new QHBoxLayout;
    row->addWidget(folder, 1);
    row->addWidget(browse);
    form.addRow(tr("Heard"), speaks);
    form.addRow(QString(), sounds);
    form.addRow(tr("Controllers are read"), sampling);
    form.addRow(tr("Papers and tables go to"), row);
}

} // namespace bh::desk
