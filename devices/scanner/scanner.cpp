#include "devices/scanner/scanner.h"

#include "devices/scanner/scan_program.h"
#include "formats/basics/json.h"
#include "formats/basics/shipped.h"

#include <QProcess>
#include <QThread>
#include <algorithm>
#include <sane/sane.h>

namespace fusuma {

namespace {

using nlohmann::json;

constexpr qint64 most_scan_px = 200'000'000;

Problem unanswered() {
    return {"The scanner does not answer any more."_said, "See whether it is plugged in and switched on."_said};
}

Problem problem_of(int end) {
    switch (end) {
    case SANE_STATUS_ACCESS_DENIED:
        return {"You have no right to use the scanner."_said, "Join the group “scanner”, log out and in again."_said};
    case SANE_STATUS_DEVICE_BUSY:
        return {"The scanner is busy."_said, "Close the other program that uses it, then try again."_said};
    case SANE_STATUS_JAMMED:
        return {"The scanner is jammed."_said, "Take the paper out, then try again."_said};
    case SANE_STATUS_NO_DOCS:
        return {"There is no paper in the scanner's feeder."_said, "Lay some in, then try again."_said};
    case SANE_STATUS_COVER_OPEN:
        return {"The scanner's cover is open."_said, "Close it, then try again."_said};
    case SANE_STATUS_NO_MEM:
        return {"There is too little memory for this scan."_said, "Scan a smaller area or at a lower resolution."_said};
    case SANE_STATUS_IO_ERROR:
    case SANE_STATUS_INVAL:
        return unanswered();
    case scan_unreachable:
        return {"Scanners cannot be reached on this computer."_said, ""_said};
    case scan_in_passes:
        return {"The scanner sends its colours one after the other, which Fusuma does not take."_said,
                "Scan in grey."_said};
    case scan_too_large:
        return {"This scan would have more than 200 million pixels."_said,
                "Scan a smaller area or at a lower resolution."_said};
    default:
        return {"The scanner cannot do this ({number})."_said.with("number", end), "Try other settings."_said};
    }
}

/// The program that talks to scanners, at work. It is ended with this.
class ScanProgram {
  public:
    explicit ScanProgram(const QStringList& arguments) {
        process.setProcessChannelMode(QProcess::SeparateChannels);
        process.setStandardErrorFile(QProcess::nullDevice()); // drivers chatter
        process.start(shipped_program(QStringLiteral("fusuma-scan")), arguments, QIODevice::ReadOnly);
    }
    ~ScanProgram() {
        if (process.state() == QProcess::NotRunning)
            return;
        process.terminate();
        if (!process.waitForFinished(patience_ms))
            process.kill();
        process.waitForFinished(patience_ms);
    }
    ScanProgram(const ScanProgram&) = delete;
    ScanProgram& operator=(const ScanProgram&) = delete;

    /// Waits for more to be there; false when there will be none.
    /// @param at  how far the work is, to be stopped by; it is asked ten times a second, whatever the driver does
    template <typename At> bool wait(At&& at) {
        while (process.state() != QProcess::NotRunning) {
            at();
            if (process.waitForReadyRead(100))
                return true;
        }
        return process.bytesAvailable() > 0;
    }
    /// Its first line; nothing when it ended without one.
    template <typename At> std::optional<json> line(At&& at) {
        while (!process.canReadLine())
            if (!wait(at) || process.bytesAvailable() > longest_line)
                break;
        const json parsed = json::parse(process.readLine(longest_line).toStdString(), nullptr, false);
        return parsed.is_discarded() ? std::nullopt : std::optional(parsed);
    }
    qint64 read(char* into, qint64 most) { return process.read(into, most); }
    /// Once it has ended.
    [[nodiscard]] Problem problem() {
        process.waitForFinished(patience_ms);
        const bool by_itself = process.state() == QProcess::NotRunning &&
                               process.exitStatus() == QProcess::NormalExit &&
                               process.error() != QProcess::FailedToStart;
        return by_itself ? problem_of(process.exitCode()) : unanswered();
    }
    /// Did it say that all went well?
    [[nodiscard]] bool is_done() {
        process.waitForFinished(patience_ms);
        return process.state() == QProcess::NotRunning && process.exitStatus() == QProcess::NormalExit &&
               process.exitCode() == 0;
    }

  private:
    static constexpr int patience_ms = 3000;
    static constexpr qint64 longest_line = 1 << 20;
    QProcess process;
};

/// What is asked of a driver that may never answer.
Result<json> asked(const QStringList& arguments) {
    ScanProgram running(arguments);
    constexpr int most_waits = 600; // a minute
    int waits = 0;
    struct TooLong {};
    try {
        const auto told = running.line([&] {
            if (++waits > most_waits)
                throw TooLong{};
        });
        return told ? Result<json>(*told) : running.problem();
    } catch (const TooLong&) {
        return unanswered();
    }
}

/// What `take` makes of an answer, which may be any words at all.
template <typename Take> auto taken_from(const json& answer, Take&& take) -> Result<decltype(take(answer))> {
    try {
        return take(answer);
    } catch (const json::exception&) {
        return unanswered();
    }
}

} // namespace

Result<std::vector<ScannerName>> scanners() {
    const auto answer = asked({QStringLiteral("list")});
    if (!answer)
        return answer.problem();
    return taken_from(*answer, [](const json& list) {
        std::vector<ScannerName> all;
        for (const json& one : list)
            all.push_back({QString::fromStdString(one.at("id").get<std::string>()),
                           QString::fromStdString(one.at("name").get<std::string>())});
        return all;
    });
}

Result<ScannerFacts> look_at_scanner(const QString& id) {
    const auto answer = asked({QStringLiteral("look"), id});
    if (!answer)
        return answer.problem();
    return taken_from(*answer, [](const json& told) {
        ScannerFacts facts;
        const auto glass = told.at("bed").get<std::array<double, 2>>();
        facts.bed = {glass[0], glass[1]};
        facts.resolutions = told.at("resolutions").get<std::vector<double>>();
        std::ranges::sort(facts.resolutions);
        facts.is_any_resolution = told.at("any_resolution").get<bool>();
        facts.has_colour = told.at("colour").get<bool>();
        facts.has_grey = told.at("grey").get<bool>();
        return facts;
    });
}

Result<QImage> scan(const ScanWish& wish, const Work& work) {
    json area = json::array();
    if (!wish.area.empty() && wish.area.width() > 0)
        area = {wish.area.min.x, wish.area.min.y, wish.area.max.x, wish.area.max.y};
    const json wanted{
        {"scanner", wish.scanner.toStdString()}, {"dpi", wish.dpi}, {"colour", wish.is_colour}, {"area", area}};
    ScanProgram program({QStringLiteral("scan"), QString::fromStdString(wanted.dump())});
    const auto facts = program.line([&] { work.at(0); });
    if (!facts)
        return program.problem();
    struct Form {
        int width, lines;
        double dpi;
    };
    const auto form = taken_from(*facts, [](const json& told) {
        return Form{told.at("width").get<int>(), told.at("lines").get<int>(), told.at("dpi").get<double>()};
    });
    if (!form)
        return form.problem();
    const int width = form->width, lines = form->lines;
    if (width < 1 || qint64{width} * std::max(1, lines) > most_scan_px)
        return problem_of(scan_too_large);
    QImage image(width, lines > 0 ? lines : 1024, QImage::Format_RGB888);
    int line = 0;
    qint64 filled = 0;
    const qint64 row = qint64{width} * 3;
    const auto at = [&] { work.at(lines > 0 ? double(line) / lines : 0.5); };
    do {
        at();
        while (line < image.height()) {
            const qint64 got = program.read(reinterpret_cast<char*>(image.scanLine(line)) + filled, row - filled);
            if (got <= 0)
                break;
            filled += got;
            if (filled < row)
                continue;
            filled = 0;
            if (++line == image.height() && lines <= 0 && qint64{width} * line * 2 <= most_scan_px)
                image = image.copy(0, 0, width, line * 2);
        }
    } while (line < image.height() && program.wait(at));
    if (line < image.height() && !program.is_done())
        return program.problem();
    if (line == 0)
        return Problem{"The scanner sent nothing."_said, "Try again."_said};
    if (line < image.height())
        image = image.copy(0, 0, width, line);
    const int per_metre = static_cast<int>(std::lround(std::clamp(form->dpi, 0.0, 1e5) / 0.0254));
    image.setDotsPerMeterX(per_metre);
    image.setDotsPerMeterY(per_metre);
    work.at(1);
    return image;
}

} // namespace fusuma
