// Makes the demo record while the project is built: demo_maker DATA_FOLDER RECORD. So the build need not wait for the whole
// command line, whose `record demo` does the same.
#include "cli/commands.h"

#include <cstdio>

int main(int argc, char** argv)
{
    if (argc != 3) {
        std::fprintf(stderr, "demo_maker: expected the data folder and the file to write\n");
        return 2;
    }
    const auto made = bh::cli::make_demo(bh::DataFolder(argv[1]), argv[2]);
    if (!made) std::fprintf(stderr, "demo_maker: %s\n", made.error().english.c_str());
    return made ? 0 : 2;
}
