// A scanner's driver, as SANE loads them, that prints what it does where programs give their answers. Its picture is
// eight pixels wide and four high, each of them as light as the number of pixels before it.

#include <algorithm>
#include <array>
#include <cstdio>
#include <sane/sane.h>

namespace {

constexpr int width = 8, height = 4;
int given = 0; ///< pixels

void say(const char* what) {
    std::printf("{\"driver\": \"%s\"}\n", what);
    std::fflush(stdout);
}

} // namespace

extern "C" {

SANE_Status sane_chatty_init(SANE_Int* version, SANE_Auth_Callback) {
    say("awake");
    if (version)
        *version = SANE_VERSION_CODE(1, 0, 0);
    return SANE_STATUS_GOOD;
}
void sane_chatty_exit() {
    say("asleep");
}
SANE_Status sane_chatty_get_devices(const SANE_Device*** all, SANE_Bool) {
    say("looking");
    static const SANE_Device one{"here", "Quay", "Chatterbox", "flatbed scanner"};
    static std::array<const SANE_Device*, 2> list{&one, nullptr};
    *all = list.data();
    return SANE_STATUS_GOOD;
}
SANE_Status sane_chatty_open(SANE_String_Const, SANE_Handle* handle) {
    say("open");
    *handle = &given;
    return SANE_STATUS_GOOD;
}
void sane_chatty_close(SANE_Handle) {
    say("closed");
}
const SANE_Option_Descriptor* sane_chatty_get_option_descriptor(SANE_Handle, SANE_Int option) {
    static SANE_Option_Descriptor count{};
    count.name = "";
    count.title = count.desc = "Number of options";
    count.type = SANE_TYPE_INT;
    count.size = sizeof(SANE_Word);
    count.cap = SANE_CAP_SOFT_DETECT;
    return option == 0 ? &count : nullptr;
}
SANE_Status sane_chatty_control_option(SANE_Handle, SANE_Int option, SANE_Action action, void* value, SANE_Int*) {
    if (option != 0 || action != SANE_ACTION_GET_VALUE)
        return SANE_STATUS_INVAL;
    *static_cast<SANE_Int*>(value) = 1;
    return SANE_STATUS_GOOD;
}
SANE_Status sane_chatty_get_parameters(SANE_Handle, SANE_Parameters* p) {
    *p = {SANE_FRAME_GRAY, SANE_TRUE, width, width, height, 8};
    return SANE_STATUS_GOOD;
}
SANE_Status sane_chatty_start(SANE_Handle) {
    say("lamp on");
    given = 0;
    return SANE_STATUS_GOOD;
}
SANE_Status sane_chatty_read(SANE_Handle, SANE_Byte* into, SANE_Int most, SANE_Int* got) {
    say("a row");
    *got = std::min({most, width, width * height - given});
    for (int i = 0; i < *got; ++i)
        into[i] = static_cast<SANE_Byte>(given++);
    return *got > 0 ? SANE_STATUS_GOOD : SANE_STATUS_EOF;
}
void sane_chatty_cancel(SANE_Handle) {
    say("stopped");
}
SANE_Status sane_chatty_set_io_mode(SANE_Handle, SANE_Bool) {
    return SANE_STATUS_GOOD;
}
SANE_Status sane_chatty_get_select_fd(SANE_Handle, SANE_Int*) {
    return SANE_STATUS_UNSUPPORTED;
}
}
