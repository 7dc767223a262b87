# What only tests, fuzz targets and benchmarks need: frameworks, and independent libraries to compare with.
find_package(Qt6 6.4 REQUIRED COMPONENTS Test)
find_package(GTest REQUIRED)
find_package(benchmark REQUIRED)
pkg_check_modules(freetype REQUIRED IMPORTED_TARGET freetype2)
find_library(potrace_library potrace REQUIRED)
find_library(geos_library geos_c REQUIRED)
find_package(Boost REQUIRED) # headers only: geometry
find_package(Eigen3 REQUIRED NO_MODULE)
find_library(opencv_calib3d_library opencv_calib3d REQUIRED)
