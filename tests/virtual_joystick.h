#pragma once

#include <SDL.h>
#include <chrono>
#include <stdexcept>
#include <thread>
#include <vector>

/// A controller that exists in SDL only: the real device code sees it come, move and go.
class VirtualJoystick {
public:
    explicit VirtualJoystick(int axes = 6)
    {
        // The hub starts SDL's joysticks in its own thread, and SDL must not be started in two at once; afterwards starting
        // only counts.
        for (int waited_ms = 0; SDL_WasInit(SDL_INIT_JOYSTICK) == 0 && waited_ms < 3000; ++waited_ms)
            std::this_thread::sleep_for(std::chrono::milliseconds(1));
        if (SDL_InitSubSystem(SDL_INIT_JOYSTICK) != 0) throw std::runtime_error(SDL_GetError());
        SDL_LockJoysticks();
        const int index = SDL_JoystickAttachVirtual(SDL_JOYSTICK_TYPE_GAMECONTROLLER, axes, 8, 0);
        if (index >= 0) joystick_ = SDL_JoystickOpen(index);
        instance_ = SDL_JoystickInstanceID(joystick_);
        SDL_UnlockJoysticks();
        if (!joystick_) throw std::runtime_error(SDL_GetError());
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
    void press(int button, bool down) { SDL_JoystickSetVirtualButton(joystick_, button, down ? 1 : 0); }
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
    int instance_ = -1;
    SDL_Joystick* joystick_ = nullptr;
};
