#pragma once

#include "formats/basics/stored_files.h"

#include <functional>
#include <map>
#include <set>

namespace fusuma {

[[nodiscard]] json artwork_json(const Artwork& artwork, const StoreFile& store);

/// Reads artwork from descriptions, each file decoded once. Throws like everything in json_fields.h.
class ArtworkReader {
  public:
    explicit ArtworkReader(LoadFile load_file) : load(std::move(load_file)) {}
    Result<Artwork> operator()(const json& artwork);
    /// Files that this version reads into other parts than the one that stored them; their parts are as of a new one.
    [[nodiscard]] const std::set<std::string>& read_otherwise() const { return in_other_parts; }

  private:
    LoadFile load;
    std::map<std::tuple<std::string, int, double>, std::shared_ptr<const Picture>> pictures;
    std::map<std::pair<const Picture*, std::string>, std::shared_ptr<const Picture>> flat_pictures; ///< by how
    std::map<std::pair<std::string, int>, std::shared_ptr<const Drawing>> drawings;
    std::set<std::string> in_other_parts;
    int depth = 0; ///< of clusters within clusters

    Result<std::shared_ptr<const Picture>> picture(const json& j);
    Result<Artwork> drawing(const json& j);
    Result<Artwork> label(const json& j);
    Result<Artwork> cluster(const json& j);
    Result<Parts> parts(const json& j, const Drawing& drawing);
    Result<Shape> shape(const json& j, const Drawing& drawing,
                        const std::vector<std::shared_ptr<const Combination>>& combinations);
};

[[nodiscard]] json fill_json(const Fill& fill);
[[nodiscard]] Fill fill_from(const json& j);

} // namespace fusuma
