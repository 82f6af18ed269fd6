# Numbers are written and read by functions that know no locale (src/core/base/number_text.h): those that do are not to be found in the
# sources, nor is a format of printf for a number with a point. Nor are whole numbers taken out of JSON but by whole_in()
# (src/files/text/json_text.h): what a file says need not fit.
file(GLOB_RECURSE sources ${SOURCE}/*.cpp ${SOURCE}/*.h)
set(found "")
foreach(file IN LISTS sources)
  file(STRINGS ${file} lines)
  set(number 0)
  foreach(line IN LISTS lines)
    math(EXPR number "${number} + 1")
    string(REGEX REPLACE "//.*" "" code "${line}")
    if(code MATCHES "(^|[^a-z_])(std::)?(stod|stof|stold|strtod|strtof|strtold|atof|sto[il]|stoll|stoull?|atoi|atol|atoll)\\(" OR
       code MATCHES "[a-z]*stringstream" OR
       code MATCHES "%[-+0#]*[0-9*]*\\.[0-9*]+l?[fFgGeE]" OR code MATCHES "%[0-9]*l?[fFgGeE][^a-z]" OR
       (code MATCHES "std::to_string\\(" AND NOT file MATCHES "number_text.cpp$") OR
       (code MATCHES "get<(int|unsigned|long|std::u?int|std::size_t|UnixTime)" AND NOT file MATCHES "json_text.h$") OR
       (code MATCHES "setlocale\\(" AND NOT code MATCHES "setlocale\\(LC_NUMERIC, \"C\"\\)"))
      string(APPEND found "\n${file}:${number}: ${line}")
    endif()
  endforeach()
endforeach()
if(found)
  message(FATAL_ERROR "numbers that depend on the locale, or that need not fit:${found}")
endif()
