/** Side and flat ends of a turned body, by truncated cones between levels; half steps are added where it curves. */
export function turnedArea(radiusAt: (z: number) => number, levels: readonly number[], between = 6): number {
  const top = levels[levels.length - 1]!;
  let area = Math.PI * (radiusAt(0) ** 2 + radiusAt(top) ** 2);
  for (let i = 1; i < levels.length; i++)
    for (let k = 0; k < between; k++) {
      const at = (s: number) => levels[i - 1]! + ((levels[i]! - levels[i - 1]!) * s) / between;
      const [a, b] = [radiusAt(at(k)), radiusAt(at(k + 1))];
      area += Math.PI * (a + b) * Math.hypot(b - a, at(k + 1) - at(k));
    }
  return area;
}
