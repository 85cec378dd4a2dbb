/** How far above the tip a depth lies on a finger, mm; u runs evenly along each bone. Bones come base first. */
export function heightOfU(bones: readonly number[], u: number): number {
  const tipFirst = [...bones].reverse();
  let height = 0;
  tipFirst.forEach((length, i) => {
    height += length * Math.min(1, Math.max(0, u - i));
  });
  return height;
}

/** The depth at a height above the tip, joint units; the other way round of `heightOfU`. */
export function uAtHeight(bones: readonly number[], height: number): number {
  let left = height;
  for (const [i, length] of [...bones].reverse().entries()) {
    if (left <= length) return i + Math.max(0, left) / length;
    left -= length;
  }
  return bones.length;
}
