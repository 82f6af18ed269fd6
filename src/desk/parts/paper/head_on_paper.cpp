#include "desk/parts/paper/head_on_paper.h"

#include "school/record_care.h"

#include <QBuffer>
#include <QImage>
#include <memory>
#include <qrencode.h>

namespace bh::desk {

QString headOnPaper(const Head& head)
{
    const std::string text = in_words(head);
    QString digits;
    for (std::size_t i = 0; i < head.hash.size(); ++i) {
        if (i > 0 && i % 4 == 0) digits += QLatin1Char(' ');
        digits += QLatin1Char(head.hash[i]);
    }
    const QString words = QStringLiteral("<p><code>%1:<br>%2</code></p>").arg(head.count).arg(digits);
    const std::unique_ptr<QRcode, decltype(&QRcode_free)> code(QRcode_encodeString(text.c_str(), 0, QR_ECLEVEL_M, QR_MODE_8, 1),
                                                               &QRcode_free);
    if (!code) return words;            // out of memory: the digits are there
    constexpr int dots = 3, margin = 4; // of its own modules, as the standard asks for
    const int side = code->width + 2 * margin;
    QImage image(side * dots, side * dots, QImage::Format_Grayscale8);
    image.fill(Qt::white);
    for (int y = 0; y < code->width * dots; ++y)
        for (int x = 0; x < code->width * dots; ++x)
            if (code->data[(y / dots) * code->width + x / dots] & 1)
                image.setPixel(x + margin * dots, y + margin * dots, qRgb(0, 0, 0));
    QByteArray png;
    QBuffer buffer(&png);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    return words + QStringLiteral("<p><img src=\"data:image/png;base64,%1\"></p>").arg(QString::fromLatin1(png.toBase64()));
}

} // namespace bh::desk
