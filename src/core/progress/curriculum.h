#pragma once

#include <cstdint>
#include <string>
#include <vector>

namespace bh {

/// An ordered way through the drills, in stages. The next stage opens when each of a stage's drills is passed once, or is held.
struct Curriculum {
    struct Stage {
        std::string name;
        std::vector<std::string> drills; ///< ids
    };
    std::string id;
    std::string name;
    int version = 1;
    std::vector<Stage> stages;
    enum class OpensOn : std::uint8_t { Held, Passes };
    OpensOn opens_on = OpensOn::Held; ///< the next stage
};

} // namespace bh
