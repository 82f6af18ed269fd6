# Every source as .clang-format says (version 14).
file(GLOB_RECURSE sources ${SOURCE}/src/*.h ${SOURCE}/src/*.cpp ${SOURCE}/tests/*.h ${SOURCE}/tests/*.cpp ${SOURCE}/bench/*.h ${SOURCE}/bench/*.cpp ${SOURCE}/fuzz/*.cpp)
execute_process(COMMAND ${CLANG_FORMAT} --dry-run -Werror ${sources} RESULT_VARIABLE failed ERROR_VARIABLE complaints)
if(failed)
  string(SUBSTRING "${complaints}" 0 4000 complaints)
  message(FATAL_ERROR "not as .clang-format says (clang-format -i mends it):\n${complaints}")
endif()
