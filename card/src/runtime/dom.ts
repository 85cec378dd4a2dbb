const SVG = 'http://www.w3.org/2000/svg';

type Child = Node | string | null | false;

/** An element with its attributes and children; what begins with `on` listens. */
export function el<K extends keyof HTMLElementTagNameMap>(
  tag: K,
  attributes: Record<string, string | boolean | ((event: Event) => void)> = {},
  ...children: Child[]
): HTMLElementTagNameMap[K] {
  const element = document.createElement(tag);
  for (const [name, value] of Object.entries(attributes)) {
    if (typeof value === 'function') element.addEventListener(name.slice(2), value);
    else if (value === true) element.setAttribute(name, '');
    else if (value !== false) element.setAttribute(name, value);
  }
  element.append(
    ...children.filter((child): child is Node | string => child !== null && child !== false),
  );
  return element;
}

/** A button with its words. */
export const button = (
  words: string,
  onPress: () => void,
  attributes: Record<string, string | boolean> = {},
): HTMLButtonElement => el('button', { type: 'button', ...attributes, onclick: onPress }, words);

/** A drawing out of the sheet of the page. */
export function picture(id: string, viewBox: string): SVGSVGElement {
  const svg = document.createElementNS(SVG, 'svg');
  svg.setAttribute('class', 'figure');
  svg.setAttribute('viewBox', viewBox);
  svg.setAttribute('aria-hidden', 'true');
  const use = document.createElementNS(SVG, 'use');
  use.setAttribute('href', `#figure-${id}`);
  svg.append(use);
  return svg;
}

/** A path on white: a QR code. */
export function pathPicture(path: string, size: number, label: string): SVGSVGElement {
  const svg = document.createElementNS(SVG, 'svg');
  svg.setAttribute('viewBox', `0 0 ${size} ${size}`);
  svg.setAttribute('role', 'img');
  svg.setAttribute('aria-label', label);
  const drawn = document.createElementNS(SVG, 'path');
  drawn.setAttribute('d', path);
  drawn.setAttribute('fill', '#000');
  svg.append(drawn);
  return svg;
}
