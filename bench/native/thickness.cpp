// Twin of core/src/solid/distanceTransform.ts and localThickness.ts: the same steps on the same grid, for the bench to hold
// them against. Reads size (3 int32) and signed distances in cells (float32); writes the thicknesses; tells its time in ms.
#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <numeric>
#include <vector>

static const double FAR = 1e12;
static int nx, ny, nz, plane;

struct Line {
  std::vector<int> at, seed;
  std::vector<double> from, value, squared;
  explicit Line(int n) : at(n), seed(n), from(n + 1), value(n), squared(n) {}
  void run(int count) {
    int last = -1;
    for (int q = 0; q < count; q++) {
      const double fq = value[q];
      if (fq >= FAR) continue;
      double meet = -INFINITY;
      while (last >= 0) {
        const int p = at[last];
        meet = (fq + (double)q * q - (value[p] + (double)p * p)) / (2.0 * (q - p));
        if (meet > from[last]) break;
        last--;
      }
      last++;
      at[last] = q;
      from[last] = last == 0 ? -INFINITY : meet;
    }
    int k = 0;
    for (int i = 0; i < count; i++) {
      if (last < 0) {
        squared[i] = FAR;
        seed[i] = -1;
        continue;
      }
      while (k < last && from[k + 1] < i) k++;
      const int p = at[k];
      seed[i] = p;
      squared[i] = (double)(i - p) * (i - p) + value[p];
    }
  }
};

struct Spans {
  std::vector<int> first, last;
  Spans(int lines, int count) : first(lines, count), last(lines, -1) {}
  void hold(int line, int at) {
    if (at < first[line]) first[line] = at;
    if (at > last[line]) last[line] = at;
  }
};

static void across(Line& line, const Spans& spans, int count, int others1, int others2, int step, int step1, int step2,
                   std::vector<float>& squared, std::vector<int>& nearest) {
  std::vector<int> old(count);
  for (int b = 0; b < others2; b++)
    for (int a = 0; a < others1; a++) {
      const int last = spans.last[b * others1 + a];
      if (last < 0) continue;
      const int from = std::max(0, spans.first[b * others1 + a] - 1);
      const int cells = std::min(count - 1, last + 1) - from + 1;
      const int start = a * step1 + b * step2 + from * step;
      for (int i = 0; i < cells; i++) {
        line.value[i] = squared[start + i * step];
        old[i] = nearest[start + i * step];
      }
      line.run(cells);
      for (int i = 0; i < cells; i++) {
        const int c = start + i * step;
        squared[c] = (float)line.squared[i];
        nearest[c] = line.seed[i] < 0 ? -1 : old[line.seed[i]];
      }
    }
}

static std::vector<float> distances(const std::vector<float>& sd) {
  const int n = (int)sd.size();
  std::vector<float> squared(n, 0.f), distance(n, 0.f);
  std::vector<int> nearest(n, 0);
  Line line(std::max(nx, std::max(ny, nz)));
  Spans alongY(nx * nz, ny), alongZ(nx * ny, nz);
  for (int k = 0; k < nz; k++)
    for (int j = 0; j < ny; j++) {
      const int row = k * plane + j * nx;
      int first = nx, last = -1;
      for (int i = 0; i < nx; i++) {
        nearest[row + i] = row + i;
        if (sd[row + i] >= 0) continue;
        if (first == nx) first = i;
        last = i;
        alongY.hold(k * nx + i, j);
        alongZ.hold(j * nx + i, k);
      }
      if (last < 0) continue;
      const int from = std::max(0, first - 1), to = std::min(nx - 1, last + 1);
      for (int i = from; i <= to; i++) line.value[i - from] = sd[row + i] < 0 ? FAR : 0;
      line.run(to - from + 1);
      for (int i = from; i <= to; i++) {
        squared[row + i] = (float)line.squared[i - from];
        nearest[row + i] = line.seed[i - from] < 0 ? -1 : row + from + line.seed[i - from];
      }
    }
  across(line, alongY, ny, nx, nz, nx, 1, plane, squared, nearest);
  across(line, alongZ, nz, nx, ny, plane, 1, nx, squared, nearest);
  const int step[6] = {1, -1, nx, -nx, plane, -plane};
  int c = 0;
  for (int k = 0; k < nz; k++)
    for (int j = 0; j < ny; j++)
      for (int i = 0; i < nx; i++, c++) {
        const double here = sd[c];
        const int seed = nearest[c];
        if (here >= 0 || seed < 0) continue;
        double least = std::sqrt((double)squared[c]) - std::max(0.0, std::min(1.0, (double)sd[seed]));
        const int w = seed / plane, v = (seed - w * plane) / nx;
        const int x = seed - w * plane - v * nx - i, y = v - j, z = w - k;
        for (int m = 0; m < 6; m++) {
          const int at = seed + step[m];
          const double out = at < 0 || at >= n ? 2 : sd[at];
          if (!(out >= 0 && out <= 1)) continue;
          const int dx = x + (m == 0) - (m == 1), dy = y + (m == 2) - (m == 3), dz = z + (m == 4) - (m == 5);
          const double reach = least + out, far2 = dx * dx + dy * dy + dz * dz;
          if (far2 < reach * reach) least = std::sqrt(far2) - out;
        }
        distance[c] = (float)std::max(-here < 1 ? -here : 0.0, least);
      }
  return distance;
}

static double beyondMiddle(const std::vector<float>& d, int c) {
  const int steps[3] = {1, nx, plane};
  const int n = (int)d.size();
  auto get = [&](int at) { return at < 0 || at >= n ? 0.0 : (double)d[at]; };
  const double here = d[c];
  double sum = 0;
  for (int axis : steps)
    for (int step : {axis, -axis}) {
      const double before = get(c - step), next = get(c + step), after = get(c + 2 * step);
      const double up = here - before, down = next - after;
      if (next > here || up <= 0 || down <= 0) continue;
      const double t = (next - here + down) / (up + down);
      if (t > 0 && t <= 1) sum += std::pow(up * std::min(t, 0.5), 2);
    }
  return std::sqrt(sum);
}

static std::vector<float> thicknesses(const std::vector<float>& d) {
  const int n = (int)d.size();
  std::vector<int> nstep;
  std::vector<double> nlen;
  for (int sum = 1; sum <= 3; sum++)
   for (int k = -1; k <= 1; k++)
    for (int j = -1; j <= 1; j++)
      for (int i = -1; i <= 1; i++)
        if (std::abs(i) + std::abs(j) + std::abs(k) == sum) {
          nstep.push_back(i + j * nx + k * plane);
          nlen.push_back(std::sqrt((double)(i * i + j * j + k * k)));
        }
  auto get = [&](int at) { return at < 0 || at >= n ? 0.0 : (double)d[at]; };
  std::vector<int> cells;
  for (int c = 0; c < n; c++) {
    const double r = d[c];
    if (r <= 0) continue;
    bool held = false;
    for (size_t m = 0; m < nstep.size() && !held; m++) held = get(c + nstep[m]) >= r + nlen[m] - 0.25;
    if (!held) cells.push_back(c);
  }
  std::vector<float> radius(cells.size());
  for (size_t i = 0; i < cells.size(); i++) radius[i] = (float)(d[cells[i]] + beyondMiddle(d, cells[i]));
  std::vector<uint32_t> order(cells.size());
  std::iota(order.begin(), order.end(), 0u);
  std::stable_sort(order.begin(), order.end(), [&](uint32_t a, uint32_t b) { return radius[a] > radius[b]; });
  std::vector<double> looks;
  for (int i = -1; i <= 1; i++)
    for (int j = -1; j <= 1; j++)
      for (int k = -1; k <= 1; k++) {
        const double length = std::sqrt((double)(i * i + j * j + k * k));
        if (length == 0) continue;
        looks.insert(looks.end(), {i / length, j / length, k / length});
      }
  std::vector<float> thickness(n, 0.f);
  std::vector<int> ball(n, 0), open(n + 1);
  open[n] = n;
  for (int c = n - 1; c >= 0; c--) open[c] = d[c] > 0 ? c : open[c + 1];
  auto openFrom = [&](int at) {
    for (int next = open[at]; next != at; next = open[at]) {
      open[at] = open[next];
      at = open[next];
    }
    return at;
  };
  for (size_t m = 0; m < order.size(); m++) {
    const uint32_t i = order[m];
    const int c = cells[i];
    const double r = radius[i];
    const int z = c / plane, y = (c - z * plane) / nx, x = c - z * plane - y * nx;
    const int holder = ball[c];
    if (holder > 0) {
      const uint32_t other = order[holder - 1];
      const int o = cells[other], w = o / plane, v = (o - w * plane) / nx, u = o - w * plane - v * nx;
      const double apart = std::sqrt((double)((u - x) * (u - x) + (v - y) * (v - y) + (w - z) * (w - z)));
      if (apart + d[c] <= radius[other] + 0.5) continue;
      if (r > 3) {
        bool held = true;
        for (size_t q = 0; q < looks.size() && held; q += 3) {
          const int at = ((int)std::floor(z + looks[q + 2] * (r - 0.5) + 0.5) * ny +
                          (int)std::floor(y + looks[q + 1] * (r - 0.5) + 0.5)) * nx +
                         (int)std::floor(x + looks[q] * (r - 0.5) + 0.5);
          held = at >= 0 && at < n && ball[at] != 0;
        }
        if (held) continue;
      }
    }
    const int reach = (int)std::floor(r);
    for (int k = std::max(0, z - reach); k <= std::min(nz - 1, z + reach); k++) {
      const double left2 = r * r - (double)(k - z) * (k - z);
      const int tall = (int)std::floor(std::sqrt(std::max(0.0, left2)));
      for (int j = std::max(0, y - tall); j <= std::min(ny - 1, y + tall); j++) {
        const int wide = (int)std::floor(std::sqrt(std::max(0.0, left2 - (double)(j - y) * (j - y))));
        const int row = k * plane + j * nx;
        const int last = row + std::min(nx - 1, x + wide);
        for (int at = openFrom(row + std::max(0, x - wide)); at <= last; at = openFrom(at + 1)) {
          ball[at] = (int)m + 1;
          thickness[at] = (float)(2 * r);
          open[at] = at + 1;
        }
      }
    }
  }
  std::vector<int> rest;
  for (int c = 0; c < n; c++)
    if (thickness[c] == 0 && d[c] > 0) rest.push_back(c);
  for (int layer = 0; layer < 3 && !rest.empty(); layer++) {
    std::vector<float> taken(rest.size(), 0.f);
    for (size_t i = 0; i < rest.size(); i++)
      for (int step : nstep) {
        const int at = rest[i] + step;
        if (at >= 0 && at < n) taken[i] = std::max(taken[i], thickness[at]);
      }
    for (size_t i = 0; i < rest.size(); i++) thickness[rest[i]] = taken[i];
    std::vector<int> left;
    for (int c : rest)
      if (thickness[c] == 0) left.push_back(c);
    rest.swap(left);
  }
  for (int c : rest) thickness[c] = 2 * d[c];
  return thickness;
}

int main(int argc, char** argv) {
  if (argc < 4) return 2;
  FILE* in = std::fopen(argv[1], "rb");
  int32_t size[3];
  if (!in || std::fread(size, 4, 3, in) != 3) return 3;
  nx = size[0], ny = size[1], nz = size[2], plane = nx * ny;
  std::vector<float> sd((size_t)plane * nz), out;
  if (std::fread(sd.data(), 4, sd.size(), in) != sd.size()) return 3;
  std::fclose(in);
  std::vector<double> times;
  for (int run = 0; run < std::max(1, std::atoi(argv[3])); run++) {
    const auto start = std::chrono::steady_clock::now();
    out = thicknesses(distances(sd));
    times.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  std::sort(times.begin(), times.end());
  FILE* to = std::fopen(argv[2], "wb");
  if (!to || std::fwrite(out.data(), 4, out.size(), to) != out.size()) return 4;
  std::fclose(to);
  std::printf("%.2f\n", times[times.size() / 2]);
  return 0;
}
