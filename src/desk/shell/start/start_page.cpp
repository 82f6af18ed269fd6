#include "desk/shell/start/start_page.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QBoxLayout>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QRadioButton>
#include <QSysInfo>

namespace bh::desk {
namespace {

QLabel* quiet(const QString& words)
{
    auto* label = new QLabel(words);
    label->setProperty("quiet", true);
    label->setWordWrap(true);
    return label;
}

} // namespace

QString chosenPlace() { return preferences().chosenRecord(); }
void keepChosenPlace(const QString& given) { preferences().setChosenRecord(given); }
QString stationName()
{
    const QString name = preferences().stationName();
    return name.isEmpty() ? QSysInfo::machineHostName() : name;
}
void keepStationName(const QString& name)
{
    constexpr int longest = 40;
    preferences().setStationName(name.simplified().left(longest));
}

Result<void> canBeUsed(const QString& address)
{
    const RecordPlace place(address.trimmed().toStdString());
    if (!place.on_server()) return bad_input("expected postgresql://LOGIN@HOST/DATABASE, or service=NAME");
    const auto understood = server_address(place.server);
    if (!understood) return tl::unexpected(understood.error());
    if (!understood->password.empty())
        return bad_input("leave the password out of the address: it is read from ~/.pgpass, where nobody else can read it");
    return {};
}

StartPage::StartPage(const QString& usual_file, const QString& station_name, QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("startPage"));
    setWindowTitle(tr("Blue Hangar: the school's record"));
    resize(openingSize(*this, 640, 380));
    auto* title = new QLabel(tr("Where is the school's record?"));
    title->setFont(uiFont(head_points, true));
    here_ = new QRadioButton(tr("On this computer, for one station"));
    here_->setObjectName(QStringLiteral("startHere"));
    file_ = new QLineEdit(usual_file);
    file_->setObjectName(QStringLiteral("startFile"));
    file_->setAccessibleName(tr("Record file"));
    server_ = new QRadioButton(tr("On a server, shared by several stations"));
    server_->setObjectName(QStringLiteral("startServer"));
    address_ = new QLineEdit;
    address_->setObjectName(QStringLiteral("startAddress"));
    address_->setAccessibleName(tr("Address of the server"));
    address_->setPlaceholderText(QStringLiteral("postgresql://bay2@hangar-server/school"));
    name_ = new QLineEdit(station_name);
    name_->setObjectName(QStringLiteral("startStation"));
    name_->setAccessibleName(tr("Name of this station"));
    wrong_ = new QLabel;
    wrong_->setObjectName(QStringLiteral("startWrong"));
    wrong_->setWordWrap(true);
    auto* open = namedButton(tr("Open"), "startOpen", tr("Opens the record; a file that is not there yet is begun"));
    open->setDefault(true);
    auto* close = namedButton(tr("Close"), "startClose", tr("Nothing is begun"));
    auto* form = new QFormLayout;
    form->addRow(here_);
    form->addRow(tr("File"), file_);
    form->addRow(server_);
    form->addRow(tr("Address"), address_);
    form->addRow(QString(),
                 quiet(tr("Whoever looks after the server gives the address. The record begins there, or was moved there, before "
                          "stations open it.")));
    form->addRow(tr("This station"), name_);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(wrong_, 1);
    buttons->addWidget(close);
    buttons->addWidget(open);
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(8);
    layout->addWidget(title);
    layout->addLayout(form);
    layout->addStretch();
    layout->addLayout(buttons);
    const auto show = [this] {
        file_->setEnabled(here_->isChecked());
        address_->setEnabled(server_->isChecked());
        wrong_->clear();
    };
    connect(here_, &QRadioButton::toggled, this, show);
    connect(open, &QPushButton::clicked, this, &StartPage::tryIt);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    here_->setChecked(true);
    show();
}

void StartPage::tryIt()
{
    if (server_->isChecked())
        if (const auto good = canBeUsed(address_->text()); !good) return wrong_->setText(asWords(good.error()));
    if (here_->isChecked() && file_->text().trimmed().isEmpty()) return wrong_->setText(tr("Say in which file"));
    accept();
}

QString StartPage::given() const { return (server_->isChecked() ? address_ : file_)->text().trimmed(); }
QString StartPage::stationName() const { return name_->text().simplified(); }

} // namespace bh::desk
