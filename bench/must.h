#pragma once

#include "core/base/result.h"

#include <cstdio>
#include <cstdlib>
#include <utility>

/// The value, or the end of the benchmark with what went wrong.
template <class T>
T must(bh::Result<T> result)
{
    if (result) return std::move(*result);
    std::fprintf(stderr, "bench: %s\n", result.error().english.c_str());
    std::exit(2);
}
