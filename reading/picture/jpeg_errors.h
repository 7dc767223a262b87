#pragma once

#include <csetjmp>
#include <cstdio> // before jpeglib.h, which needs it

#include <jpeglib.h>

namespace fusuma {

/// libjpeg reports errors by a call that must not return. Nothing with a destructor may be made between setjmp(back)
/// and the last call to the library.
struct JpegErrors {
    jpeg_error_mgr manager;
    std::jmp_buf back;

    /// What its structures are to be given.
    jpeg_error_mgr* start() {
        jpeg_std_error(&manager);
        manager.error_exit = [](j_common_ptr info) { std::longjmp(reinterpret_cast<JpegErrors*>(info->err)->back, 1); };
        manager.output_message = [](j_common_ptr) {};
        return &manager;
    }
    [[nodiscard]] long warnings() const { return manager.num_warnings; } ///< of damage so far
};

} // namespace fusuma
