#include "core/photo/fit_view.h"

#include <opencv2/core.hpp>

#include <algorithm>
#include <numeric>

namespace fusuma {

namespace {

/// The plane's matrix in numbers near one, the lens, and how much ink spreads.
class ViewParameters {
  public:
    ViewParameters(const View& start, const std::vector<Sighting>& seen, LensFit fit) : camera(start) {
        Rect box;
        for (const Sighting& s : seen)
            box.include(s.at);
        about = box.centre();
        size = std::max({box.width(), box.height(), 1.0}) / 2;
        lens_count = fit == LensFit::keep ? 0 : fit == LensFit::k1 ? 1 : 2;
        spreads = std::ranges::any_of(seen, [](const Sighting& s) { return s.swells != 0; });
        values.resize(8 + lens_count + (spreads ? 1 : 0));
        std::array<double, 9> m = start.plane; // about the middle of what is seen
        for (std::size_t r = 0; r < 3; ++r) {
            m[3 * r + 2] += m[3 * r] * about.x + m[3 * r + 1] * about.y;
            m[3 * r] *= size;
            m[3 * r + 1] *= size;
        }
        for (std::size_t k = 0; k < 8; ++k)
            values[k] = m[k] / m[8];
        if (lens_count > 0)
            values[8] = start.lens.k1;
        if (lens_count > 1)
            values[9] = start.lens.k2;
    }
    [[nodiscard]] View view(const std::vector<double>& v) const {
        View result = camera;
        for (std::size_t r = 0; r < 3; ++r) {
            result.plane[3 * r] = v[3 * r] / size;
            result.plane[3 * r + 1] = v[3 * r + 1] / size;
            result.plane[3 * r + 2] = (r < 2 ? v[3 * r + 2] : 1) - (v[3 * r] * about.x + v[3 * r + 1] * about.y) / size;
        }
        if (lens_count > 0)
            result.lens.k1 = v[8];
        if (lens_count > 1)
            result.lens.k2 = v[9];
        return result;
    }
    /// A lens bends no more than it must: what nothing tells about stays near nought.
    [[nodiscard]] double lens_prior(const std::vector<double>& v, std::size_t k) const {
        constexpr std::array usual{0.15, 0.05};
        return (v[8 + k] - (k == 0 ? camera.lens.k1 : camera.lens.k2)) / usual[k];
    }
    [[nodiscard]] double spread(const std::vector<double>& v) const { return spreads ? v.back() * size : 0; }

    std::vector<double> values;
    std::size_t lens_count;

  private:
    View camera;
    Point about;
    double size = 1;
    bool spreads;
};

constexpr double not_shown_mm = 1e3; // mm, for what a view does not show

/// Two numbers for a point, one for a line or a circle, in mm.
void residuals_of(const View& view, double spread, const std::vector<Sighting>& seen, std::vector<double>& into) {
    into.clear();
    for (const Sighting& s : seen) {
        const auto mm = view.to_plane(s.px);
        if (s.on == Sighting::On::point) {
            into.push_back(mm ? mm->x - s.at.x : not_shown_mm);
            into.push_back(mm ? mm->y - s.at.y : not_shown_mm);
        } else if (s.on == Sighting::On::line) {
            into.push_back(mm ? dot(s.across, *mm - s.at) : not_shown_mm);
        } else {
            into.push_back(mm ? distance(*mm, s.at) - s.radius - s.swells * spread : not_shown_mm);
        }
    }
}

double median_of(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

} // namespace

std::optional<FittedView> fit_view(const View& start, const std::vector<Sighting>& seen, LensFit lens) {
    if (seen.size() < 4)
        return std::nullopt;
    ViewParameters parameters(start, seen, lens);
    const std::size_t n = parameters.values.size();
    std::vector<double> now, moved, trial;
    const auto residuals_at = [&](const std::vector<double>& v, std::vector<double>& into) {
        residuals_of(parameters.view(v), parameters.spread(v), seen, into);
    };
    residuals_at(parameters.values, now);
    if (now.size() + parameters.lens_count < n)
        return std::nullopt;
    double damping = 1e-3;
    double scale = 0;
    for (int round = 0; round < 40; ++round) {
        std::vector<double> sizes(now.size());
        std::ranges::transform(now, sizes.begin(), [](double r) { return std::abs(r); });
        scale = std::max(1e-4, 1.4826 * median_of(sizes));
        const auto weight = [&](double r) {
            const double u = r / (6 * scale);
            return std::abs(u) < 1 ? (1 - u * u) * (1 - u * u) : 0;
        };
        cv::Mat jacobian(static_cast<int>(now.size() + parameters.lens_count), static_cast<int>(n), CV_64F,
                         cv::Scalar(0));
        cv::Mat right(jacobian.rows, 1, CV_64F, cv::Scalar(0));
        std::vector<double> weights(now.size());
        for (std::size_t i = 0; i < now.size(); ++i) {
            weights[i] = std::sqrt(weight(now[i])) / scale;
            right.at<double>(static_cast<int>(i)) = -weights[i] * now[i];
        }
        for (std::size_t k = 0; k < n; ++k) {
            constexpr double h = 1e-6;
            auto v = parameters.values;
            v[k] += h;
            residuals_at(v, moved);
            for (std::size_t i = 0; i < now.size(); ++i)
                jacobian.at<double>(static_cast<int>(i), static_cast<int>(k)) = weights[i] * (moved[i] - now[i]) / h;
        }
        for (std::size_t k = 0; k < parameters.lens_count; ++k) {
            constexpr std::array usual{0.15, 0.05};
            const int row = static_cast<int>(now.size() + k);
            jacobian.at<double>(row, static_cast<int>(8 + k)) = 1 / usual[k];
            right.at<double>(row) = -parameters.lens_prior(parameters.values, k);
        }
        const auto cost_at = [&](const std::vector<double>& v, const std::vector<double>& r) {
            double sum = 0;
            for (std::size_t i = 0; i < r.size(); ++i) {
                const double u = std::min(1.0, std::abs(r[i]) / (6 * scale));
                sum += 6 * (1 - std::pow(1 - u * u, 3));
            }
            for (std::size_t k = 0; k < parameters.lens_count; ++k)
                sum += std::pow(parameters.lens_prior(v, k), 2);
            return sum;
        };
        const double cost = cost_at(parameters.values, now);
        const cv::Mat normal = jacobian.t() * jacobian, pull = jacobian.t() * right;
        bool is_better = false;
        double change = 0;
        for (int attempt = 0; attempt < 12 && !is_better; ++attempt) {
            cv::Mat damped = normal.clone(), step;
            for (int k = 0; k < damped.rows; ++k)
                damped.at<double>(k, k) *= 1 + damping;
            if (!cv::solve(damped, pull, step, cv::DECOMP_CHOLESKY) && !cv::solve(damped, pull, step, cv::DECOMP_SVD))
                return std::nullopt;
            auto v = parameters.values;
            for (std::size_t k = 0; k < n; ++k)
                v[k] += step.at<double>(static_cast<int>(k));
            residuals_at(v, trial);
            const double became = cost_at(v, trial);
            if (became < cost) {
                is_better = true;
                change = cost - became;
                parameters.values = v;
                now = trial;
                damping = std::max(1e-9, damping / 5);
            } else {
                damping *= 5;
            }
        }
        if (!is_better || change < 1e-9 * cost)
            break;
    }
    FittedView fitted;
    fitted.view = parameters.view(parameters.values);
    double sum = 0;
    std::size_t i = 0, numbers = 0;
    for (const Sighting& s : seen) {
        double off = std::abs(now[i]);
        std::size_t own = 1;
        if (s.on == Sighting::On::point) {
            off = std::sqrt(now[i] * now[i] + now[i + 1] * now[i + 1]);
            own = 2;
        }
        i += own;
        fitted.off.push_back(off);
        if (off < 6 * scale) {
            ++fitted.used;
            sum += off * off;
            numbers += own;
        }
    }
    fitted.residual = std::sqrt(sum / static_cast<double>(std::max<std::size_t>(1, numbers)));
    return std::isfinite(fitted.residual) ? std::optional(fitted) : std::nullopt;
}

} // namespace fusuma
