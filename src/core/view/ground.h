#pragma once

#include "core/view/projection.h"

#include <array>
#include <cstdint>
#include <vector>

namespace bh {

/// What the flat ground looks like: how light it is at each place, so that the eye can judge height, speed and drift from a
/// hand's breadth to 150 m. Three square patterns that repeat: a close one of pebbles, a fine one with cracks, tiles and lines
/// for low flight, a coarse one of pans with their walks for height; each in levels of half the detail (mip maps, Williams 1983),
/// so that far ground neither glitters nor goes flat.
class GroundPattern {
public:
    GroundPattern();
    static constexpr int side_texels = 512;
    static constexpr double close_m = 2.5, fine_m = 30, coarse_m = 960; ///< after which they repeat
    /// Lightness at a place, 0…255, as seen with pixels of that many metres across.
    [[nodiscard]] std::uint8_t lightness(double north_m, double east_m, double pixel_m) const;

    struct Levels {
        std::vector<std::vector<std::uint8_t>> of; ///< each half as fine as the one before, the first with side_texels
    };
    [[nodiscard]] const Levels& close() const { return close_; }
    [[nodiscard]] const Levels& fine() const { return fine_; }
    [[nodiscard]] const Levels& coarse() const { return coarse_; }

private:
    Levels close_, fine_, coarse_;
};

/// Fills the ground of a picture, some rows at a time: no row needs another, so that several hands can share them.
class GroundPainter {
public:
    /// `below` and `above` are what ground is painted with where it is darkest and lightest, `haze` what it fades to far away.
    /// The pattern must outlive it.
    GroundPainter(const GroundPattern& pattern, const Camera& camera, std::uint32_t below, std::uint32_t above,
                  std::uint32_t haze);
    void rows(int first, int last, std::vector<std::uint32_t>& colours) const;

private:
    static constexpr int haze_steps = 32;
    const GroundPattern& pattern_;
    Camera camera_;
    std::array<std::array<std::uint32_t, 256>, haze_steps> shade_{}; ///< every colour there can be
};

} // namespace bh
