#include "core/counted_memory.h"

#include <atomic>
#include <cstddef>
#include <cstdlib>
#include <new>

namespace {

std::atomic<long> asked = 0;

} // namespace

long memory_asked_for() { return asked; }

void* operator new(std::size_t bytes)
{
    ++asked;
    if (void* memory = std::malloc(bytes > 0 ? bytes : 1)) return memory;
    throw std::bad_alloc();
}
void* operator new(std::size_t bytes, const std::nothrow_t&) noexcept
{
    ++asked;
    return std::malloc(bytes > 0 ? bytes : 1);
}
void operator delete(void* memory) noexcept { std::free(memory); }
void operator delete(void* memory, std::size_t) noexcept { std::free(memory); }
