#include "core/plan/ticket.h"
#include "reading/picture/decode_picture.h"
#include "formats/project/project_file.h"
#include "formats/project/zip_archive.h"
#include "fuzz/target.h"
#include "reading/answer.h"

#include <QBuffer>
#include <QImage>

namespace fusuma::fuzz::project {
namespace {

/// What was drawn by hand in a project is put on a plain cut line, as opening it would.
void use(const Result<Document>& read) {
    if (!read)
        return;
    static const Outline art{{contour_of({{0, 0}, {0, 8}, {8, 8}, {8, 0}})}};
    static const DerivedLine derived{border(art, {.reach = 1}).line, art, 1, Transform::scale(0.1, 0.1)};
    for (const auto& sticker : read->stickers) {
        const HandResult result = applied(sticker->hand, derived);
        static_cast<void>(recorded(result.lines, derived, sticker->hand, result.does_not_apply));
    }
}

/// A square with a corner drawn anew, one line left out and one added.
HandWork handwork() {
    const Outline art{{contour_of({{0, 0}, {0, 8}, {8, 8}, {8, 0}})}};
    const DerivedLine derived{border(art, {.reach = 1}).line, art, 1, Transform::scale(0.1, 0.1)};
    CutLines lines = with_nodes_moved(applied({}, derived).lines, {{0, 1}}, {1, 1});
    lines = broken_at(std::move(lines), {0, 3});
    lines.push_back(drawn_line({{0, 0}, {2, 1}, {4, 0}}, true, 0.1));
    HandWork work = recorded(lines, derived, {}, {});
    work.left_out.push_back({work.stretches.front().from, true});
    return work;
}

Document small_project() {
    QImage image(8, 8, QImage::Format_ARGB32);
    image.fill(Qt::red);
    QByteArray png;
    QBuffer buffer(&png);
    image.save(&buffer, "PNG");
    const auto picture = *decode_picture(png, QStringLiteral("red.png"));
    const auto bytes = std::as_bytes(std::span(png.constData(), static_cast<std::size_t>(png.size())));
    picture->original = std::make_shared<const std::vector<std::byte>>(bytes.begin(), bytes.end());
    Sticker sticker = new_sticker(PictureArtwork{picture});
    sticker.rims.inner.push_back({});
    sticker.border.by_hand.push_back({});
    sticker.hand = handwork();
    auto document = with_sticker_added({}, sticker);
    document.put({.sticker = 1, .centre = {50, 50}});
    Ticket ticket{"K4M7", "2026-11-24T10:00:00", {210, 297}, {}, nullptr};
    ticket.pages.push_back({marks(document.sheet),
                            {{{{10, 10}, {Segment::line_to({20, 10}), Segment::line_to({10, 10})}}},
                             {{{5, 5}, {Segment::line_to({9, 9})}}, CutKind::score, CopyId::none, true}}});
    ticket.document = std::make_shared<const Document>(document);
    return with_ticket_added(std::move(document), std::move(ticket));
}

const char ticket_entry[] = "tickets/K4M7.json";

/// The zip around a project or, when the bytes look like JSON, the description inside a sound zip.
void take(std::string_view input) {
    [[maybe_unused]] static const bool is_here = (room::read_here(answer_to), true);
    const QByteArray bytes(input.data(), std::ssize(input));
    if (bytes.startsWith("{")) {
        static const auto sound = *unzip(*project_bytes(small_project()), 1 << 20);
        auto entries = sound; // a ticket holds a description, too
        entries[bytes.contains("\"printed\"") ? ticket_entry : "document.json"] = bytes;
        use(read_project_bytes(*zip_bytes(entries), QStringLiteral("fuzz.fusuma")));
    } else {
        use(read_project_bytes(bytes, QStringLiteral("fuzz.fusuma")));
    }
}

std::vector<std::string> seeds() {
    qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
    const QByteArray project = *project_bytes(small_project());
    const auto entries = *unzip(project, 1 << 20);
    return {project.toStdString(), entries.at("document.json").toStdString(), entries.at(ticket_entry).toStdString()};
}

const Registered target("project", take, seeds);

} // namespace
} // namespace fusuma::fuzz::project
