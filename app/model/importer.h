#pragma once

#include "app/model/in_hand.h"
#include "core/raster/background.h"
#include "core/result.h"

#include <QStringList>
#include <deque>
#include <stop_token>

namespace fusuma::app {

/// Reads artwork and adds it to the project. Reading happens in the background, two files at a time, and they come in
/// the order in which they were added; a failure is told and changes nothing.
class Importer : public QObject {
    Q_OBJECT
  public:
    Importer(Messages& told, Project& open_project, InHand& hand);
    ~Importer() override;

    void add_artwork(const QStringList& paths);
    void add_pages(const QString& path, const std::vector<int>& pages, double dpi);
    void add_drawing(const QString& path, int page);
    void add_picture(const QByteArray& file, const QString& name); ///< as pasted
    void add_label(const LabelDesign& design, const QString& name);
    /// Calls `use` once the picture's pixels are at hand: now, or when they have been decoded.
    void with_pixels(const std::shared_ptr<const Picture>& picture, const std::function<void()>& use);
    /// A picture for the sticker in hand, which gets it whatever is in hand by then.
    using Take = std::function<void(Sticker&, const std::shared_ptr<const Picture>&)>;
    void read_picture_for_sticker(const QString& path, const QString& label, const Take& take,
                                  const QString& stroke = {});
    /// Other artwork for the sticker in hand, which keeps its settings, its size and its copies.
    void replace_artwork(const QString& path);
    /// A page for a sticker's artwork, as a picture drawn at `dpi` or, without one, as a drawing.
    void replace_artwork(int sticker, const QString& path, int page, std::optional<double> dpi);
    /// Draws the page that the sticker in hand comes from anew.
    void set_page_resolution(double dpi);
    /// Lays the photograph that the sticker in hand comes from flat, or leaves it as it came; all stickers that share
    /// it follow.
    void set_flattening(const std::optional<Flattening>& how);

    [[nodiscard]] QString reading() const; ///< the name of what is being read; empty when nothing is
    void cancel();                         ///< leaves out what is being read, at once

  signals:
    void pages_wanted(QString path, int pages); ///< a document with pages was to be added: which, and as what?
    void page_wanted(QString path, int pages, int sticker); ///< the like, for one sticker's artwork
    void artwork_added();

  private:
    Messages& messages;
    Project& project;
    InHand& in_hand;
    QThreadPool reader; ///< two threads
    std::stop_source stop;
    struct Awaited {
        std::uint64_t number = 0;
        QString name;
        std::function<void()> take; ///< once it is read
    };
    std::deque<Awaited> waiting; ///< what is being read, in the order in which it will be taken
    std::uint64_t next_number = 1;

    using Reader = std::function<Result<std::shared_ptr<const Picture>>(const Work&)>;
    template <typename Read, typename Use> void read_in_background(const QString& name, Read read, Use use);
    void change_later(const QString& name, int id, const QString& label, const QString& stroke,
                      const std::function<Sticker(Sticker)>& change);
    void add_read(const QString& name, const Reader& read);
    void replace(int sticker, const QString& name, const Artwork& artwork);
    void take_picture(const std::shared_ptr<const Picture>& picture, AlphaContent content, const Said& why);
    void take_drawing(const std::shared_ptr<const Drawing>& drawing);
    void arrived(std::uint64_t number, std::function<void()> take);
    void add_as_sticker(Sticker sticker, const QString& words);
};

} // namespace fusuma::app
