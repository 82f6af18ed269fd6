// Linked into the test programs: where BH_COMMA_LOCALE names a locale, the C library speaks it, as a program of Qt does by itself
// on a computer whose user has chosen it. Everything that is written and read has to be the same all the same.
#include <clocale>
#include <cstdio>
#include <cstdlib>

namespace {

[[maybe_unused]] const bool spoken = [] {
    const char* wanted = std::getenv("BH_COMMA_LOCALE");
    if (!wanted || !*wanted) return false;
    if (std::setlocale(LC_NUMERIC, wanted) && std::localeconv()->decimal_point[0] == ',') return true;
    std::fprintf(stderr, "the locale %s is not there, or has no decimal comma\n", wanted);
    std::_Exit(2);
}();

} // namespace
