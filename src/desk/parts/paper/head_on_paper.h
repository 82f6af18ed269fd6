#pragma once

#include <QString>

namespace bh {
struct Head;
}

namespace bh::desk {

/// A record's head for paper: in digits to be typed, in fours, and as a square of dots (QR code, ISO/IEC 18004) that any phone
/// reads back as COUNT:HASH.
[[nodiscard]] QString headOnPaper(const Head& head);

} // namespace bh::desk
