import { saveFile } from '../kit/saveFile';

/** How much finer than on the screen a saved picture is. */
const PNG_SCALE = 3;
const NAMESPACE = 'http://www.w3.org/2000/svg';

/** A drawn figure as a file that stands by itself: with its size, a ground, and a face that every program has. */
export function chartSvg(figure: SVGSVGElement, ground: string): string {
  const { width, height, x, y } = figure.viewBox.baseVal;
  const copy = figure.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('xmlns', NAMESPACE);
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.removeAttribute('style');
  copy.removeAttribute('class');
  const back = document.createElementNS(NAMESPACE, 'rect');
  for (const [name, value] of Object.entries({ x, y, width, height, fill: ground })) {
    back.setAttribute(name, String(value));
  }
  copy.prepend(back);
  for (const text of copy.querySelectorAll('text')) {
    text.style.fontFamily = "'Atkinson Hyperlegible Next', Verdana, sans-serif";
  }
  return new XMLSerializer().serializeToString(copy);
}

const fileName = (title: string, kind: string) =>
  `${title
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')}.${kind}`;

export function saveSvg(figure: SVGSVGElement, ground: string, title: string): void {
  const svg = new Blob([chartSvg(figure, ground)], { type: 'image/svg+xml' });
  saveFile(svg, fileName(title, 'svg'));
}

/** @throws Error when the browser cannot draw it */
export async function savePng(figure: SVGSVGElement, ground: string, title: string): Promise<void> {
  const { width, height } = figure.viewBox.baseVal;
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(chartSvg(figure, ground))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * PNG_SCALE);
  canvas.height = Math.round(height * PNG_SCALE);
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  const png = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!png) throw new Error('The picture could not be drawn.');
  saveFile(png, fileName(title, 'png'));
}
