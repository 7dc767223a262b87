#include "core/parallel.h"

#include <condition_variable>
#include <deque>
#include <mutex>
#include <system_error>
#include <thread>
#include <utility>
#include <vector>

namespace fusuma {

struct Helpers::Call {
    std::function<void()> task;
    unsigned still_wanted = 0; ///< helpers that have not begun
    unsigned at_work = 0;
    std::exception_ptr thrown;
};

/// The threads, and the calls that they have not all answered yet, first come first served.
class Helpers::Crew {
  public:
    static Crew& only() {
        static Crew crew;
        return crew;
    }
    Crew() = default;
    ~Crew() {
        {
            const std::scoped_lock lock(mutex);
            is_over = true;
        }
        called.notify_all();
        threads.clear();
    }
    Crew(const Crew&) = delete;
    Crew& operator=(const Crew&) = delete;

    void take(Call& call) {
        const unsigned others = std::max(1U, std::thread::hardware_concurrency()) - 1;
        if (others == 0)
            return;
        {
            const std::scoped_lock lock(mutex);
            grow_to(others);
            call.still_wanted = others;
            calls.push_back(&call);
        }
        called.notify_all();
    }
    void end(Call& call) {
        std::unique_lock lock(mutex);
        std::erase(calls, &call);
        ended.wait(lock, [&] { return call.at_work == 0; });
    }

  private:
    std::mutex mutex;
    std::condition_variable called, ended;
    std::deque<Call*> calls;
    bool is_over = false;
    std::vector<std::jthread> threads; // last, so that they end before what they use

    void grow_to(unsigned count) {
        try {
            while (threads.size() < count)
                threads.emplace_back([this] { answer_calls(); });
        } catch (const std::system_error&) { // no more threads to be had; callers do the work
        }
    }
    void answer_calls() {
        std::unique_lock lock(mutex);
        while (true) {
            called.wait(lock, [this] { return !calls.empty() || is_over; });
            if (is_over)
                return;
            Call& call = *calls.front();
            ++call.at_work;
            if (--call.still_wanted == 0)
                calls.pop_front();
            lock.unlock();
            std::exception_ptr thrown;
            try {
                call.task();
            } catch (...) {
                thrown = std::current_exception();
            }
            lock.lock();
            if (!call.thrown)
                call.thrown = std::exchange(thrown, nullptr);
            if (--call.at_work == 0)
                ended.notify_all();
        }
    }
};

Helpers::Helpers(std::function<void()> task) : mine(std::make_unique<Call>(Call{std::move(task)})) {
    Crew::only().take(*mine);
}

Helpers::~Helpers() {
    Crew::only().end(*mine);
}

void Helpers::join() {
    Crew::only().end(*mine);
    if (mine->thrown)
        std::rethrow_exception(std::exchange(mine->thrown, nullptr));
}

} // namespace fusuma
