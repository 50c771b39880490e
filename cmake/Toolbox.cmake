# Flags and helpers that every target of Lift Count shares.
set(CMAKE_CXX_STANDARD 20)
set(CMAKE_CXX_STANDARD_REQUIRED ON)
set(CMAKE_CXX_EXTENSIONS OFF)
set(CMAKE_POSITION_INDEPENDENT_CODE ON)

find_program(CCACHE ccache)
if(CCACHE)
  set(CMAKE_CXX_COMPILER_LAUNCHER ${CCACHE})
endif()

add_library(liftcount_flags INTERFACE)
target_compile_options(liftcount_flags INTERFACE
  -Wall -Wextra -Wpedantic -Wshadow -Wconversion -Wsign-conversion -Wold-style-cast
  -Wnon-virtual-dtor -Woverloaded-virtual -Wdouble-promotion)
if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU" AND CMAKE_CXX_COMPILER_VERSION VERSION_LESS 13)
  # g++ 12 at -O2 and above warns of overlaps in std::string and of uninitialised std::variant members that are not
  # there (GCC bugs 105651 and 105562); the sanitizers look for the real ones.
  target_compile_options(liftcount_flags INTERFACE -Wno-restrict -Wno-maybe-uninitialized)
endif()
# An assertion names its file as it stands in the sources, not where they lay when it was built.
add_compile_options(-fmacro-prefix-map=${CMAKE_SOURCE_DIR}/= -fmacro-prefix-map=${CMAKE_BINARY_DIR}/=)
if(LIFTCOUNT_FATAL_WARNINGS)
  target_compile_options(liftcount_flags INTERFACE -Werror)
endif()
if(LIFTCOUNT_SANITIZE)
  add_compile_options(-fsanitize=${LIFTCOUNT_SANITIZE} -fno-omit-frame-pointer -fno-sanitize-recover=all)
  if(LIFTCOUNT_SANITIZE MATCHES "undefined") # these four double the time of compiling, and what they find the address sanitizer finds as well, or is not done here
    add_compile_options(-fno-sanitize=null,alignment,object-size,vptr)
  endif()
  add_link_options(-fsanitize=${LIFTCOUNT_SANITIZE})
  if(LIFTCOUNT_FUZZ) # the fuzzer is led by what each input reaches in all of our code, not in the few lines of its target alone
    add_compile_options(-fsanitize=fuzzer-no-link)
  endif()
endif()

# Several sources of a library compiled as one: a build from nothing takes a third of the time, a build after one change takes longer.
option(LIFTCOUNT_UNITY "Compile several sources of a library as one" OFF)
if(LIFTCOUNT_UNITY AND CMAKE_CXX_COMPILER_ID STREQUAL "GNU")
  # what one source keeps to itself the next may name as well; both warnings stand in builds of single sources
  target_compile_options(liftcount_flags INTERFACE -Wno-shadow -Wshadow=local -Wno-subobject-linkage)
endif()

# compile_together(target sources...): up to eight sources of a folder at a time, so that a new source moves only those of its own folder into other company.
function(compile_together target)
  set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_MODE GROUP)
  foreach(source ${ARGN})
    get_filename_component(folder ${source} DIRECTORY)
    string(MAKE_C_IDENTIFIER "in_${folder}" folder)
    list(APPEND folders ${folder})
    list(APPEND ${folder} ${source})
  endforeach()
  list(REMOVE_DUPLICATES folders)
  foreach(folder ${folders})
    list(LENGTH ${folder} all)
    math(EXPR groups "(${all} + 7) / 8")
    set(at 0)
    foreach(source ${${folder}})
      math(EXPR group "${at} * ${groups} / ${all}")
      set_source_files_properties(${source} PROPERTIES UNITY_GROUP ${folder}_${group})
      math(EXPR at "${at} + 1")
    endforeach()
  endforeach()
endfunction()

# One library per folder of src/: liftcount_library(core SOURCES ... LINK ... PRIVATE_LINK ...)
function(liftcount_library name)
  cmake_parse_arguments(ARG "" "" "SOURCES;LINK;PRIVATE_LINK" ${ARGN})
  add_library(liftcount_${name} STATIC ${ARG_SOURCES})
  target_include_directories(liftcount_${name} PUBLIC ${CMAKE_SOURCE_DIR}/src)
  target_link_libraries(liftcount_${name} PUBLIC ${ARG_LINK} PRIVATE liftcount_flags ${ARG_PRIVATE_LINK})
  if(LIFTCOUNT_UNITY)
    compile_together(liftcount_${name} ${ARG_SOURCES})
  endif()
endfunction()

# Libraries without a CMake package of their own, found by pkg-config.
function(liftcount_pkg target module)
  find_package(PkgConfig REQUIRED)
  pkg_check_modules(${target} REQUIRED IMPORTED_TARGET ${module})
endfunction()
