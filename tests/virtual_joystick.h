#pragma once

#include <SDL.h>
#include <stdexcept>
#include <vector>

/// A controller that exists in SDL only: the real device code sees it come, move and go.
class VirtualJoystick {
public:
    explicit VirtualJoystick(int axes = 6)
    {
        // The hub starts SDL's joysticks in its own thread; starting them again only counts.
        if (SDL_InitSubSystem(SDL_INIT_JOYSTICK) != 0) throw std::runtime_error(SDL_GetError());
        index_ = SDL_JoystickAttachVirtual(SDL_JOYSTICK_TYPE_GAMECONTROLLER, axes, 8, 0);
        if (index_ < 0) throw std::runtime_error(SDL_GetError());
        joystick_ = SDL_JoystickOpen(index_);
        instance_ = SDL_JoystickInstanceID(joystick_);
    }
    ~VirtualJoystick()
    {
        unplug();
        SDL_QuitSubSystem(SDL_INIT_JOYSTICK);
    }
    void set(int axis, int counts) { SDL_JoystickSetVirtualAxis(joystick_, axis, static_cast<Sint16>(counts)); }
    void set(const std::vector<int>& counts)
    {
        for (std::size_t i = 0; i < counts.size(); ++i) set(static_cast<int>(i), counts[i]);
    }
    void unplug()
    {
        if (!joystick_) return;
        SDL_LockJoysticks();
        for (int i = 0; i < SDL_NumJoysticks(); ++i)
            if (SDL_JoystickGetDeviceInstanceID(i) == instance_) {
                SDL_JoystickDetachVirtual(i);
                break;
            }
        SDL_UnlockJoysticks();
        SDL_JoystickClose(joystick_);
        joystick_ = nullptr;
    }
    [[nodiscard]] int instance() const { return instance_; }

private:
    int index_ = -1;
    int instance_ = -1;
    SDL_Joystick* joystick_ = nullptr;
};
