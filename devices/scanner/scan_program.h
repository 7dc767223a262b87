#pragma once

namespace fusuma {

/// How the scanner program ended, by its exit status: 0, SANE's own status, or one of these.
enum ScanEnd {
    scan_unreachable = 100, ///< SANE does not work here
    scan_in_passes,         ///< one colour after the other
    scan_too_large,
    scan_unheard, ///< nobody takes what it gives, or it was asked for something it does not know
};

} // namespace fusuma
