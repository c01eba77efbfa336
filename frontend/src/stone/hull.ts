/** Convex hull of points in a plane by Andrew's monotone chain (1979): sorted across, its lower side and then its upper. */
export type Spot = readonly [number, number];

export function hull(points: readonly Spot[]): Spot[] {
  const sorted = [...points].sort(([ax, ay], [bx, by]) => ax - bx || ay - by);
  const half = (order: readonly Spot[]): Spot[] => {
    const kept: Spot[] = [];
    for (const spot of order) {
      while (kept.length > 1 && !leftTurn(kept[kept.length - 2]!, kept[kept.length - 1]!, spot)) kept.pop();
      kept.push(spot);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

function leftTurn([ax, ay]: Spot, [bx, by]: Spot, [cx, cy]: Spot): boolean {
  return (bx - ax) * (cy - ay) - (by - ay) * (cx - ax) > 0;
}
