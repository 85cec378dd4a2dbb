interface Placed {
  x: number;
  y: number;
  value: number;
  sd: number;
  lo: number | null;
  hi: number | null;
}

const at = (n: number) => n.toFixed(1);

/** Every mark of one kind in one path: a disc, the left half of one, or a square. */
export function dotPath(
  points: readonly { x: number; y: number }[],
  shape: 'disc' | 'half' | 'square',
  r: number,
): string {
  return points
    .map(({ x, y }) => {
      switch (shape) {
        case 'disc':
          return `M${at(x - r)} ${at(y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;
        case 'half':
          return `M${at(x)} ${at(y - r)}a${r} ${r} 0 0 0 0 ${2 * r}z`;
        case 'square': {
          const half = r * 0.92;
          return `M${at(x - half)} ${at(y - half)}h${2 * half}v${2 * half}h${-2 * half}z`;
        }
      }
    })
    .join('');
}

/** The doubt of every value as an upright stroke, kept within the chart. */
export function whiskerPath(
  points: readonly Placed[],
  y: (value: number) => number,
  [top, bottom]: readonly [number, number],
): string {
  const within = (place: number) => Math.min(bottom, Math.max(top, place));
  return points
    .map(
      ({ x, value, sd }) => `M${at(x)} ${at(within(y(value + sd)))}V${at(within(y(value - sd)))}`,
    )
    .join('');
}

/** Where values are wanted: from halfway to the look before to halfway to the next, as the band was at each; an open end reaches the edge. */
export function bandPath(
  points: readonly Placed[],
  y: (value: number) => number,
  [left, right]: readonly [number, number],
  [top, bottom]: readonly [number, number],
): string {
  const runs: { from: number; to: number; lo: number | null; hi: number | null }[] = [];
  points.forEach(({ x, lo, hi }, i) => {
    const from = i === 0 ? left : (points[i - 1]!.x + x) / 2;
    const to = i === points.length - 1 ? right : (x + points[i + 1]!.x) / 2;
    const last = runs.at(-1);
    if (last && last.lo === lo && last.hi === hi) last.to = to;
    else runs.push({ from, to, lo, hi });
  });
  return runs
    .flatMap(({ from, to, lo, hi }) => {
      if (lo === null && hi === null) return [];
      const upper = hi === null ? top : Math.max(top, y(hi));
      const lower = lo === null ? bottom : Math.min(bottom, y(lo));
      return [`M${at(from)} ${at(upper)}H${at(to)}V${at(lower)}H${at(from)}z`];
    })
    .join('');
}
