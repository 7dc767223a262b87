#pragma once

#include <limits>
#include <nlohmann/json.hpp>
#include <type_traits>
#include <utility>

/// Whole numbers are refused where their type cannot hold them: turning those is undefined, or gives another number.
template <typename Whole>
struct nlohmann::adl_serializer<Whole, std::enable_if_t<std::is_integral_v<Whole> && !std::is_same_v<Whole, bool>>> {
    template <typename Json> static void to_json(Json& j, Whole value) { nlohmann::to_json(j, value); }
    /// Throws nlohmann::json::exception.
    template <typename Json> static void from_json(const Json& j, Whole& value) {
        if (!is_held(j))
            throw Json::out_of_range::create(406, "number out of range", &j);
        nlohmann::from_json(j, value);
    }

  private:
    template <typename Json> static bool is_held(const Json& j) {
        if (j.is_number_unsigned())
            return std::in_range<Whole>(j.template get_ref<const typename Json::number_unsigned_t&>());
        if (j.is_number_integer())
            return std::in_range<Whole>(j.template get_ref<const typename Json::number_integer_t&>());
        if (!j.is_number_float())
            return true; // no number: nlohmann says so
        const double number = j.template get_ref<const typename Json::number_float_t&>();
        return number > static_cast<double>(std::numeric_limits<Whole>::min()) - 1 &&
               number < static_cast<double>(std::numeric_limits<Whole>::max()) + 1;
    }
};
