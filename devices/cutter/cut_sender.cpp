#include "devices/cutter/cut_sender.h"

#include <algorithm>

namespace fusuma {

CutSender::CutSender(QObject* parent) : QObject(parent), link(this) {
    connect(&link, &CutterLink::opened, this, [this] {
        enter(State::sending);
        feed();
    });
    connect(&link, &CutterLink::left, this, &CutSender::feed);
    connect(&link, &CutterLink::received, this, &CutSender::count);
    connect(&link, &CutterLink::dropped, this, [this](const QString& why) {
        if (now == State::idle || now == State::done)
            return;
        enter(State::dropped);
        emit dropped(why);
    });
}

void CutSender::enter(State state) {
    now = state;
    emit changed();
}

void CutSender::start(const CutterAddress& address, Job what) {
    where = address;
    what_to_cut = std::move(what);
    connect_from(0);
}

void CutSender::connect_from(std::size_t run) {
    pieces = hpgl_pieces(what_to_cut.job, what_to_cut.material, what_to_cut.paper, what_to_cut.options, run);
    first = cut = run;
    next = 0;
    answer.clear();
    enter(State::connecting);
    link.open(where);
}

void CutSender::pause() {
    if (now == State::sending)
        enter(State::paused);
}

void CutSender::go_on() {
    if (now == State::dropped) {
        connect_from(cut);
    } else if (now == State::paused) {
        enter(State::sending);
        feed();
    }
}

void CutSender::stop() {
    if (now == State::idle || now == State::done)
        return;
    if (now == State::sending || now == State::paused)
        link.write("PU;SP0;\n");
    enter(State::idle);
    link.close();
}

void CutSender::feed() {
    if (!what_to_cut.options.asks_back && link.waiting() == 0 && next > 1)
        cut = std::min(first + next - 1, runs());
    if (now == State::sending) {
        constexpr std::size_t ahead = 2; // runs that the cutter has in hand
        constexpr qint64 most_waiting = 16384;
        const auto may_send = [&] {
            if (next >= pieces.size())
                return false;
            return what_to_cut.options.asks_back ? next == 0 || first + next - 1 < cut + ahead
                                                 : link.waiting() < most_waiting;
        };
        while (may_send())
            link.write(QByteArray::fromStdString(pieces[next++]));
    }
    emit changed();
    finish_if_done();
}

void CutSender::count(const QByteArray& answered) {
    answer += answered;
    for (qsizetype end; (end = answer.indexOf('\r')) >= 0; answer.remove(0, end + 1))
        cut = std::min(cut + 1, runs());
    feed();
}

void CutSender::finish_if_done() {
    const bool is_cut = !what_to_cut.options.asks_back || cut >= runs();
    if (now != State::sending || next < pieces.size() || link.waiting() > 0 || !is_cut)
        return;
    cut = runs();
    now = State::done;
    link.close();
    emit changed();
    emit finished();
}

} // namespace fusuma
