/** While it prints nothing else of the app is there. */
const ONLY_THIS = `
#printed-page { display: none; }
@page { margin: 14mm; }
@media print {
  html, body { height: auto !important; overflow: visible !important; background: #fff !important; }
  body > *:not(#printed-page) { display: none !important; }
  #printed-page { display: block; }
}
`;

/** Prints a page of HTML by the browser's own way, without the app around it. */
export function printPage(html: string, css: string): void {
  // A browser that never said that it was done with the one before.
  document.getElementById('printed-page')?.remove();
  const host = document.createElement('div');
  host.id = 'printed-page';
  const shadow = host.attachShadow({ mode: 'open' });
  shadow.adoptedStyleSheets = [sheetOf(css)];
  shadow.innerHTML = html;
  const only = sheetOf(ONLY_THIS);
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, only];
  document.body.append(host);
  window.addEventListener(
    'afterprint',
    () => {
      host.remove();
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== only);
    },
    { once: true },
  );
  window.print();
}

/** Styles as a sheet: the page's own rules let no written style in. */
export function sheetOf(css: string): CSSStyleSheet {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(css);
  return sheet;
}
