#pragma once

#include <string>
#include <vector>

namespace bh {

/// An ordered way through the drills. A stage is a group of drills that are held before the next one matters.
struct Curriculum {
    struct Stage {
        std::string name;
        std::vector<std::string> drills; ///< ids
    };
    std::string id;
    std::string name;
    int version = 1;
    std::vector<Stage> stages;
};

} // namespace bh
