#pragma once

#include "core/flight/modes.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// An ordered way through the drills, in stages. The next stage opens when each of a stage's drills is passed once, or is held.
struct Curriculum {
    /// Minutes to fly without a task, standing in a stage among its drills by an id of its own.
    struct FreeBlock {
        std::string id; ///< "free-1", "free-2", … in their order
        double minutes = 20;
        std::string world{}; ///< id; empty: any
    };
    struct Stage {
        std::string name;
        std::vector<std::string> drills; ///< ids, also of free blocks
        std::optional<Mode> mode{};      ///< that its drills are begun in, those that may be flown in it
    };
    std::string id;
    std::string name;
    int version = 1;
    std::vector<Stage> stages;
    enum class OpensOn : std::uint8_t { Held, Passes };
    OpensOn opens_on = OpensOn::Held; ///< the next stage
    std::vector<FreeBlock> free_blocks{};

    /// The mode that the drill's stage begins it in; nothing where none is said.
    [[nodiscard]] std::optional<Mode> mode_of(const std::string& drill_id) const
    {
        for (const Stage& stage : stages)
            for (const std::string& step : stage.drills)
                if (step == drill_id) return stage.mode;
        return std::nullopt;
    }

    [[nodiscard]] const FreeBlock* free_block(const std::string& step) const
    {
        for (const FreeBlock& block : free_blocks)
            if (block.id == step) return &block;
        return nullptr;
    }
};

} // namespace bh
