# Writes ctest's list of a program's suites: cmake -Dprogram=… -Dlist=… -Dproperties="NAME VALUE …" -P suites.cmake
execute_process(COMMAND ${program} --gtest_list_tests OUTPUT_VARIABLE names COMMAND_ERROR_IS_FATAL ANY)
string(REPLACE "\n" ";" names "${names}")
set(tests "")
foreach(name IN LISTS names)
  if(name MATCHES "^([^ ]+)\\.( |$)")
    string(APPEND tests "add_test([=[${CMAKE_MATCH_1}]=] ${program} [=[--gtest_filter=${CMAKE_MATCH_1}.*]=])\n"
           "set_tests_properties([=[${CMAKE_MATCH_1}]=] PROPERTIES ${properties})\n")
  endif()
endforeach()
file(WRITE ${list} "${tests}")
