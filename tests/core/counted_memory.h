#pragma once

/// How often this program has asked for memory so far.
long memory_asked_for();
