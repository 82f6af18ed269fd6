#include "desk/shell/window/help_window.h"

#include "desk/parts/look/theme.h"
#include "desk/words/language.h"

#include <QBoxLayout>
#include <QDesktopServices>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextStream>

namespace bh::desk {
namespace {

QString textOf(const QString& file)
{
    QFile in(file);
    return in.open(QIODevice::ReadOnly) ? QString::fromUtf8(in.readAll()) : QString();
}

/// A heading's name in a link: small letters, words joined by a hyphen.
QString anchorOf(const QString& heading)
{
    QString anchor;
    for (const QChar c : heading.toLower())
        if (c.isLetterOrNumber())
            anchor += c;
        else if (c == QLatin1Char(' ') || c == QLatin1Char('-'))
            anchor += QLatin1Char('-');
    return anchor;
}

/// Pictures no wider than the page.
class Page : public QTextBrowser {
public:
    QVariant loadResource(int type, const QUrl& name) override
    {
        const QVariant found = QTextBrowser::loadResource(type, name);
        if (type != QTextDocument::ImageResource) return found;
        QImage picture = found.userType() == QMetaType::QImage ? found.value<QImage>() : QImage();
        if (picture.isNull()) picture.loadFromData(found.toByteArray());
        constexpr int margins = 60;
        const int widest = std::max(200, viewport()->width() - margins);
        return picture.width() > widest ? picture.scaledToWidth(widest, Qt::SmoothTransformation) : picture;
    }
};

} // namespace

std::filesystem::path HelpWindow::folderFor(const std::filesystem::path& documents)
{
    std::error_code error;
    const auto within = documents / "help";
    return std::filesystem::is_directory(within, error) ? within : documents / ".." / "docs" / "help";
}

HelpWindow::HelpWindow(const std::filesystem::path& documents, QWidget* parent)
    : QWidget(parent, Qt::Window), folder_(QString::fromStdString(folderFor(documents).lexically_normal().string()))
{
    // What is not written in the spoken language is read in English.
    if (const QString spoken = folder_ + QLatin1Char('/') + spokenLanguage(); QFileInfo::exists(spoken)) folder_ = spoken;
    setObjectName(QStringLiteral("helpWindow"));
    setWindowTitle(tr("Handbook"));
    resize(openingSize(*this, 960, 720));
    wanted_ = new QLineEdit;
    wanted_->setObjectName(QStringLiteral("helpWanted"));
    wanted_->setAccessibleName(tr("Search the handbook"));
    wanted_->setPlaceholderText(tr("Search the handbook"));
    wanted_->setClearButtonEnabled(true);
    contents_ = new QListWidget;
    contents_->setObjectName(QStringLiteral("helpContents"));
    contents_->setAccessibleName(tr("Pages of the handbook"));
    page_ = new Page;
    constexpr int margin_px = 20;
    page_->document()->setDocumentMargin(margin_px);
    page_->setObjectName(QStringLiteral("helpPage"));
    page_->setAccessibleName(tr("Page of the handbook"));
    page_->setOpenLinks(false);
    page_->setSearchPaths({folder_});
    auto* back = new QPushButton(tr("Back"));
    back->setObjectName(QStringLiteral("helpBack"));
    back->setEnabled(false);
    auto* left = new QVBoxLayout;
    left->addWidget(back);
    left->addWidget(wanted_);
    left->addWidget(contents_, 1);
    auto* layout = new QHBoxLayout(this);
    layout->addLayout(left, 1);
    layout->addWidget(page_, 3);
    connect(wanted_, &QLineEdit::textChanged, this, &HelpWindow::fill);
    connect(contents_, &QListWidget::itemSelectionChanged, this, [this] {
        if (const auto* item = contents_->currentItem(); item && contents_->hasFocus())
            showPage(item->data(Qt::UserRole).toString());
    });
    connect(contents_, &QListWidget::itemClicked, this,
            [this](const QListWidgetItem* item) { showPage(item->data(Qt::UserRole).toString()); });
    connect(back, &QPushButton::clicked, page_, &QTextBrowser::backward);
    connect(page_, &QTextBrowser::backwardAvailable, back, &QWidget::setEnabled);
    connect(page_, &QTextBrowser::anchorClicked, this, [this](const QUrl& link) {
        if (link.scheme().startsWith(QLatin1String("http"))) return static_cast<void>(QDesktopServices::openUrl(link));
        showPage(link.toString().remove(QStringLiteral(".md")));
    });
    fill({});
}

/// The pages in the order in which the contents name them; searched, those whose text has every word.
void HelpWindow::fill(const QString& wanted)
{
    contents_->clear();
    const QStringList words = wanted.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    static const QRegularExpression link(QStringLiteral("\\]\\(([a-z-]+)\\.md\\)"));
    QStringList pages{QStringLiteral("index")};
    for (auto found = link.globalMatch(textOf(folder_ + QStringLiteral("/index.md"))); found.hasNext();)
        pages << found.next().captured(1);
    pages.removeDuplicates();
    for (const QString& page : pages) {
        const QString text = textOf(folder_ + QLatin1Char('/') + page + QStringLiteral(".md"));
        const bool has =
            std::all_of(words.begin(), words.end(), [&](const QString& w) { return text.contains(w, Qt::CaseInsensitive); });
        if (text.isEmpty() || !has) continue;
        auto* item = new QListWidgetItem(text.section(QLatin1Char('\n'), 0, 0).remove(0, 1).trimmed(), contents_);
        item->setData(Qt::UserRole, page);
    }
}

void HelpWindow::showPage(const QString& wanted)
{
    const QString name = wanted.section(QLatin1Char('#'), 0, 0), part = wanted.section(QLatin1Char('#'), 1);
    if (!name.isEmpty() && name != page()) {
        const QString file = folder_ + QLatin1Char('/') + name + QStringLiteral(".md");
        if (!QFileInfo::exists(file)) {
            page_->setPlainText(tr("The handbook's page \"%1\" was not found in %2.").arg(name, folder_));
            return;
        }
        page_->setSource(QUrl::fromLocalFile(file), QTextDocument::MarkdownResource);
    }
    for (QTextBlock block = page_->document()->begin(); !part.isEmpty() && block.isValid(); block = block.next())
        if (block.blockFormat().headingLevel() > 0 && anchorOf(block.text()) == part) {
            page_->setTextCursor(QTextCursor(page_->document()->lastBlock()));
            page_->setTextCursor(QTextCursor(block)); // from below: the heading stands at the top
            break;
        }
    const QSignalBlocker quiet(contents_);
    for (int i = 0; i < contents_->count(); ++i)
        if (contents_->item(i)->data(Qt::UserRole).toString() == page()) contents_->setCurrentRow(i);
}

QString HelpWindow::page() const { return QFileInfo(page_->source().path()).completeBaseName(); }

void HelpWindow::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Escape)
        close();
    else
        QWidget::keyPressEvent(event);
}

} // namespace bh::desk
