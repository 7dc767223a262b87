# What only tests, fuzz targets and benchmarks need: frameworks, and independent libraries to compare with.
find_package(Qt6 6.4 REQUIRED COMPONENTS Test)
find_package(GTest REQUIRED)
find_package(benchmark REQUIRED)
pkg_check_modules(freetype REQUIRED IMPORTED_TARGET freetype2)
find_library(potrace_library potrace REQUIRED)
find_library(geos_library geos_c REQUIRED)
find_package(Boost REQUIRED) # headers only: geometry
find_package(Eigen3 REQUIRED NO_MODULE)
# Debian's small OpenCV packages bring no file for pkg-config.
find_library(opencv_core_library opencv_core REQUIRED)
find_library(opencv_imgproc_library opencv_imgproc REQUIRED)
find_library(opencv_calib3d_library opencv_calib3d REQUIRED)
add_library(opencv INTERFACE)
target_include_directories(opencv SYSTEM INTERFACE /usr/include/opencv4)
target_link_libraries(opencv INTERFACE ${opencv_imgproc_library} ${opencv_core_library})
