#pragma once

#include "core/words.h"
#include "formats/room/shared_memory.h"

#include <QByteArray>
#include <any>
#include <cmath>
#include <cstring>
#include <exception>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <type_traits>
#include <variant>
#include <vector>

namespace fusuma::wire {

/// How values cross from one program to another. Each type says once what it is made of, in
/// `template <class Io> void fields(Io& io, T& value) { io(value.a, value.b); }`, for both directions (wire_values.h).
/// What arrives is not believed: lengths, choices and numbers are looked at, and what cannot be is `Broken`.

struct Broken : std::exception {
    [[nodiscard]] const char* what() const noexcept override { return "what the reader sent is not as agreed on"; }
};

/// How many choices an enum without a table of words has.
template <typename E> inline constexpr int choices = 0;

/// Writes values into bytes, pixels beside them into shared memory.
class Out {
  public:
    explicit Out(SharedMemory& pixels) : memory(pixels) {}
    static constexpr bool is_in = false;
    template <typename... All> void operator()(const All&... all) { (put(all), ...); }
    /// Pixels, or other bytes by the million.
    void block(const std::uint8_t* data, std::size_t size) {
        const std::size_t place = memory.add(size);
        if (size > 0)
            std::memcpy(memory.at(place), data, size);
        (*this)(std::uint64_t{place}, std::uint64_t{size});
    }
    [[nodiscard]] const std::string& bytes() const { return written; }
    /// The number of what was written before, or a new one.
    template <typename T> void shared(const std::shared_ptr<const T>& value) {
        const auto [known, is_new] = numbers.try_emplace(value.get(), static_cast<std::uint32_t>(numbers.size()));
        (*this)(known->second);
        if (is_new && value) {
            keep.push_back(value);
            (*this)(*value);
        }
    }

  private:
    SharedMemory& memory;
    std::string written;
    std::map<const void*, std::uint32_t> numbers{{nullptr, 0}};
    std::vector<std::shared_ptr<const void>> keep; ///< so that no address is used twice

    void raw(const void* data, std::size_t size) { written.append(static_cast<const char*>(data), size); }
    template <typename T> void put(const T& value);
};

/// Reads them. Throws Broken.
class In {
  public:
    /// @param within  where pixels lie; kept alive by every picture that is read from it
    In(std::string_view bytes, Received within) : left(bytes), memory(std::move(within)) {}
    static constexpr bool is_in = true;
    template <typename... All> void operator()(All&... all) { (get(all), ...); }
    struct Block {
        std::shared_ptr<void> memory;
        std::uint8_t* data = nullptr;
        std::size_t size = 0;
    };
    Block block() {
        std::uint64_t place = 0, size = 0;
        (*this)(place, size);
        if (place > memory.size || size > memory.size - place)
            throw Broken{};
        return {memory.memory, reinterpret_cast<std::uint8_t*>(memory.memory.get()) + place,
                static_cast<std::size_t>(size)};
    }
    template <typename T> void shared(std::shared_ptr<const T>& value) {
        std::uint32_t number = 0;
        (*this)(number);
        if (number == 0) {
            value = nullptr;
        } else if (number <= known.size()) {
            const auto* before = std::any_cast<std::shared_ptr<const T>>(&known[number - 1]);
            if (!before || !*before)
                throw Broken{};
            value = *before;
        } else if (number == known.size() + 1) {
            known.emplace_back(std::shared_ptr<const T>()); // within itself it is not there yet
            auto made = std::make_shared<T>();
            (*this)(*made);
            known[number - 1] = value = std::move(made);
        } else {
            throw Broken{};
        }
    }
    [[nodiscard]] bool is_at_end() const { return left.empty(); }

  private:
    std::string_view left;
    Received memory;
    std::vector<std::any> known;
    int depth = 0;

    void raw(void* data, std::size_t size) {
        if (size > left.size())
            throw Broken{};
        std::memcpy(data, left.data(), size);
        left.remove_prefix(size);
    }
    std::size_t length() {
        std::uint64_t n = 0;
        (*this)(n);
        if (n > left.size()) // nothing takes less than a byte
            throw Broken{};
        return static_cast<std::size_t>(n);
    }
    template <typename T> void get(T& value);
};

template <typename T> inline constexpr bool is_vector = false;
template <typename T> inline constexpr bool is_vector<std::vector<T>> = true;
template <typename T> inline constexpr bool is_optional = false;
template <typename T> inline constexpr bool is_optional<std::optional<T>> = true;
template <typename T> inline constexpr bool is_variant = false;
template <typename... T> inline constexpr bool is_variant<std::variant<T...>> = true;
template <typename T> inline constexpr bool is_shared = false;
template <typename T> inline constexpr bool is_shared<std::shared_ptr<const T>> = true;
template <typename T> inline constexpr bool is_map = false;
template <typename K, typename V> inline constexpr bool is_map<std::map<K, V>> = true;

template <typename T> void Out::put(const T& value) {
    if constexpr (std::is_arithmetic_v<T>) {
        raw(&value, sizeof value);
    } else if constexpr (std::is_enum_v<T>) {
        (*this)(static_cast<std::int32_t>(value));
    } else if constexpr (std::is_same_v<T, std::string> || std::is_same_v<T, QByteArray>) {
        (*this)(static_cast<std::uint64_t>(value.size()));
        raw(value.data(), static_cast<std::size_t>(value.size()));
    } else if constexpr (is_vector<T>) {
        (*this)(static_cast<std::uint64_t>(value.size()));
        for (const auto& one : value)
            (*this)(one);
    } else if constexpr (is_map<T>) {
        (*this)(static_cast<std::uint64_t>(value.size()));
        for (const auto& [key, one] : value)
            (*this)(key, one);
    } else if constexpr (is_optional<T>) {
        (*this)(value.has_value());
        if (value)
            (*this)(*value);
    } else if constexpr (is_variant<T>) {
        (*this)(static_cast<std::uint32_t>(value.index()));
        std::visit([this](const auto& one) { (*this)(one); }, value);
    } else if constexpr (is_shared<T>) {
        shared(value);
    } else {
        fields(*this, const_cast<T&>(value)); // which only reads it
    }
}

template <typename Variant, std::size_t I = 0> Variant alternative(std::size_t index) {
    if constexpr (I == std::variant_size_v<Variant>) {
        throw Broken{};
    } else {
        return index == I ? Variant(std::in_place_index<I>) : alternative<Variant, I + 1>(index);
    }
}

template <typename T> void In::get(T& value) {
    if constexpr (std::is_same_v<T, bool>) {
        std::uint8_t byte = 0;
        raw(&byte, 1);
        value = byte != 0;
    } else if constexpr (std::is_arithmetic_v<T>) {
        raw(&value, sizeof value);
        if constexpr (std::is_floating_point_v<T>)
            if (!std::isfinite(value))
                throw Broken{};
    } else if constexpr (std::is_enum_v<T>) {
        std::int32_t number = 0;
        (*this)(number);
        value = static_cast<T>(number);
        if constexpr (choices < T >> 0) {
            if (number < 0 || number >= choices<T>)
                throw Broken{};
        } else if (word_of(value).empty()) {
            throw Broken{};
        }
    } else if constexpr (std::is_same_v<T, std::string> || std::is_same_v<T, QByteArray>) {
        const std::size_t size = length();
        value = T(left.data(), static_cast<decltype(value.size())>(size));
        left.remove_prefix(size);
    } else if constexpr (is_vector<T>) {
        value.clear();
        const std::size_t size = length();
        constexpr std::size_t believed = 4096;
        value.reserve(std::min(size, believed));
        for (std::size_t i = 0; i < size; ++i)
            (*this)(value.emplace_back());
    } else if constexpr (is_map<T>) {
        value.clear();
        const std::size_t size = length();
        for (std::size_t i = 0; i < size; ++i) {
            typename T::key_type key;
            (*this)(key);
            (*this)(value[key]);
        }
    } else if constexpr (is_optional<T>) {
        bool is_there = false;
        (*this)(is_there);
        value.reset();
        if (is_there)
            (*this)(value.emplace());
    } else if constexpr (is_variant<T>) {
        std::uint32_t index = 0;
        (*this)(index);
        value = alternative<T>(index);
        std::visit([this](auto& one) { (*this)(one); }, value);
    } else if constexpr (is_shared<T>) {
        shared(value);
    } else {
        constexpr int deepest = 64; // sentences within sentences, and the like
        if (++depth > deepest)
            throw Broken{};
        fields(*this, value);
        --depth;
    }
}

} // namespace fusuma::wire
