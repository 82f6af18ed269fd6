// A program of its own has a home of its own: what a station has seen of a record that is gone (a copy of the demo that grew in
// another test) would be held against the next copy.
#include "run_program.h"

#include <cstdlib>

namespace {

const bool has_own_home = [] { return setenv("XDG_DATA_HOME", (scratchFolder() / "home").c_str(), 1) == 0; }();

} // namespace
