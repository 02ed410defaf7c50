// Twin of core/src/bake/heat/kernel.ts: the same steps on the same body, for the bench to hold them against. Reads the arrays
// of a body and an oven that is always as hot; writes the temperatures at the end; tells its time in ms.
#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <vector>

struct Body {
  std::vector<int32_t> nb, pa, pb, fc, fn;
  std::vector<double> inner, outer, capacity, added, lead, nodes;
  double fastest, oven, seconds, total;
};
struct State {
  std::vector<double> cells, nodes;
};

template <class T>
static bool take(FILE* in, std::vector<T>& to, size_t n) {
  to.resize(n);
  return n == 0 || std::fread(to.data(), sizeof(T), n, in) == n;
}

static void stage(const Body& b, const State& S, const State& B, const State& N, const State& F, double cT, double cB,
                  double cS, double rate, double cF, State& out) {
  const int n = (int)N.cells.size();
  const double* T = N.cells.data();
  for (int i = 0, at = 0; i < n; i++, at += 6) {
    const double here = T[i];
    const double sum = T[b.nb[at]] + T[b.nb[at + 1]] + T[b.nb[at + 2]] + T[b.nb[at + 3]] + T[b.nb[at + 4]] + T[b.nb[at + 5]];
    const double change = b.inner[i] * (sum - 6 * here) + b.outer[i] * (b.oven - here);
    out.cells[i] = cT * here + cB * B.cells[i] + cS * S.cells[i] + rate * change + cF * F.cells[i];
  }
  for (size_t k = 0; k < out.nodes.size(); k++)
    out.nodes[k] = cT * N.nodes[k] + cB * B.nodes[k] + cS * S.nodes[k] + cF * F.nodes[k];
  for (size_t p = 0; p < b.pa.size(); p++) {
    const double flow = rate * b.added[p] * (T[b.pb[p]] - T[b.pa[p]]);
    out.cells[b.pa[p]] += flow / b.capacity[b.pa[p]];
    out.cells[b.pb[p]] -= flow / b.capacity[b.pb[p]];
  }
  for (size_t f = 0; f < b.fc.size(); f++) {
    const double flow = rate * b.lead[f] * (N.nodes[b.fn[f]] - T[b.fc[f]]);
    out.cells[b.fc[f]] += flow / b.capacity[b.fc[f]];
    out.nodes[b.fn[f]] -= flow / b.nodes[b.fn[f]];
  }
}

static double bOf(int j) { return j < 2 ? 1.0 / 3 : (j * (double)j + j - 2) / (2.0 * j * (j + 1)); }

static State bake(const Body& b) {
  const size_t n = b.inner.size(), m = b.nodes.size();
  const State empty{std::vector<double>(n, 0.0), std::vector<double>(m, 0.0)};
  State start = empty, before = empty, now = empty, other = empty, first = empty;
  for (double t = 0; t < b.total - 1e-9; t += b.seconds) {
    const double need = 4.2 * b.seconds * b.fastest + 2;
    int s = (int)std::ceil((std::sqrt(1 + 4 * need) - 1) / 2);
    s = std::max(3, s % 2 == 0 ? s + 1 : s);
    const double w = 4.0 / (s * (double)s + s - 2);
    stage(b, start, start, start, start, 0, 0, 0, 1, 0, first);
    before = start;
    const double mu1 = bOf(1) * w * b.seconds;
    for (size_t i = 0; i < n; i++) now.cells[i] = start.cells[i] + mu1 * first.cells[i];
    for (size_t i = 0; i < m; i++) now.nodes[i] = start.nodes[i] + mu1 * first.nodes[i];
    for (int j = 2; j <= s; j++) {
      const double b0 = bOf(j), b1 = bOf(j - 1), b2 = bOf(j - 2);
      const double mu = (2.0 * j - 1) / j * (b0 / b1), nu = -(j - 1.0) / j * (b0 / b2), rate = mu * w * b.seconds;
      stage(b, start, before, now, first, mu, nu, 1 - mu - nu, rate, -(1 - b1) * rate, other);
      std::swap(before, now);
      std::swap(now, other);
    }
    std::swap(start, now);
  }
  return start;
}

int main(int argc, char** argv) {
  if (argc < 4) return 2;
  FILE* in = std::fopen(argv[1], "rb");
  int32_t head[4];
  double run[4];
  Body b;
  if (!in || std::fread(head, 4, 4, in) != 4 || std::fread(run, 8, 4, in) != 4) return 3;
  b.fastest = run[0], b.oven = run[1], b.seconds = run[2], b.total = run[3];
  const size_t n = head[0], p = head[1], f = head[2], m = head[3];
  const bool read = take(in, b.nb, 6 * n) && take(in, b.inner, n) && take(in, b.outer, n) && take(in, b.capacity, n) &&
                    take(in, b.pa, p) && take(in, b.pb, p) && take(in, b.added, p) && take(in, b.fc, f) &&
                    take(in, b.fn, f) && take(in, b.lead, f) && take(in, b.nodes, m);
  std::fclose(in);
  if (!read) return 3;
  std::vector<double> times;
  State end;
  for (int k = 0; k < std::max(1, std::atoi(argv[3])); k++) {
    const auto start = std::chrono::steady_clock::now();
    end = bake(b);
    times.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  std::sort(times.begin(), times.end());
  FILE* to = std::fopen(argv[2], "wb");
  if (!to || std::fwrite(end.cells.data(), 8, n, to) != n) return 4;
  std::fclose(to);
  std::printf("%.2f\n", times[times.size() / 2]);
  return 0;
}
