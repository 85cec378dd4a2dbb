/**
 * The picture as a telephone would have taken it: a little blurred, with the grain of its sensor. The grain comes from
 * the place of each pixel alone, so that the same picture is always the same file.
 */
export function develop(
  source: HTMLCanvasElement,
  { blurPx, noise }: { blurPx: number; noise: number },
): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = source.width;
  canvas.height = source.height;
  const paper = canvas.getContext('2d')!;
  if (blurPx > 0) paper.filter = `blur(${blurPx}px)`;
  paper.drawImage(source, 0, 0);
  if (noise > 0) addGrain(paper, canvas.width, canvas.height, noise);
  return canvas;
}

function addGrain(
  paper: CanvasRenderingContext2D,
  width: number,
  height: number,
  sd: number,
): void {
  const image = paper.getImageData(0, 0, width, height);
  const { data } = image;
  let state = 0x9e3779b9;
  const next = () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 2 ** 32;
  };
  for (let i = 0; i < data.length; i += 4) {
    // Three uniform numbers are normal enough for grain.
    const grain = (next() + next() + next() - 1.5) * 2 * sd;
    for (let k = 0; k < 3; k += 1) data[i + k] = data[i + k]! + grain;
  }
  paper.putImageData(image, 0, 0);
}
