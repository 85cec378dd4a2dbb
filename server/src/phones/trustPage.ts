import { createServer, type Server } from 'node:http';
import { trustWords as words } from '@open-palm/words/trust';
import { withLimits } from '../limits';
import { stepFigure } from './trustFigures';

export interface TrustPageParts {
  host: string;
  port: number;
  /** The authority's certificate, DER. */
  certificate: Buffer;
  title: string;
  fingerprint: string;
  /** Where the studio is reached once it is trusted. */
  next: string;
}

const CERTIFICATE_PATH = '/open-palm.crt';

/** Nothing is loaded, run or sent from here; the page only links. */
const HEADERS = {
  'Content-Security-Policy':
    "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'",
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'Cache-Control': 'no-store',
};

/** Serves a plain page with the certificate and how a phone comes to trust it, and nothing else. */
export async function openTrustPage(parts: TrustPageParts): Promise<Server> {
  const page = trustPage(parts);
  const server = createServer((request, response) => {
    if (request.method === 'GET' && request.url === '/') {
      response.writeHead(200, { ...HEADERS, 'Content-Type': 'text/html; charset=utf-8' });
      response.end(page);
    } else if (request.method === 'GET' && request.url === CERTIFICATE_PATH) {
      response.writeHead(200, { ...HEADERS, 'Content-Type': 'application/x-x509-ca-cert' });
      response.end(parts.certificate);
    } else {
      response.writeHead(404, { ...HEADERS, 'Content-Type': 'text/plain; charset=utf-8' });
      response.end(words.nothingHere);
    }
  });
  withLimits(server);
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(parts.port, parts.host, resolve);
  });
  return server;
}

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`);

/** The page as HTML. */
export function trustPage({ title, fingerprint, next }: TrustPageParts): string {
  const systems = words.systems.map(
    ({ system, steps }, i) =>
      `<details${i === 0 ? ' open' : ''}><summary>${escaped(system)}</summary><ol>${steps
        .map(({ text, figure }) => `<li>${stepFigure(figure)}<p>${escaped(text)}</p></li>`)
        .join('')}</ol></details>`,
  );
  return `<!doctype html><html lang="en"><head><meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(words.title)}</title>
<style>${STYLE}</style></head><body><main>
<h1>${escaped(words.title)}</h1><p>${escaped(words.why(title))}</p>
<p><a class="main" href="${CERTIFICATE_PATH}">${escaped(words.take)}</a></p>
<h2>${escaped(words.compare)}</h2><p class="print">${escaped(fingerprint)}</p>
${systems.join('\n')}
<h2>${escaped(words.done)}</h2><p><a class="main quiet" href="${escaped(next)}/pair">${escaped(words.next)}</a></p>
<p>${escaped(words.doneHelp)}</p></main></body></html>`;
}

const STYLE = `body{background:#FAF6EE;color:#1E1B16;font:17px/1.45 system-ui,sans-serif;margin:0}
main{max-width:560px;margin:0 auto;padding:20px 16px 48px}h1{font-size:26px;line-height:1.25;margin:8px 0}h2{font-size:18px;margin:24px 0 6px}
a.main{display:block;text-align:center;min-height:52px;line-height:52px;border-radius:12px;background:#1E1B16;color:#FFFDF8;text-decoration:none;font-weight:600}
a.quiet{background:none;color:#1E1B16;border:1px solid #1E1B16}
.print{font:16px/1.7 ui-monospace,monospace;background:#FFFDF8;border:1px solid #E4DAC7;border-radius:12px;padding:12px;word-spacing:4px}
details{border:1px solid #E4DAC7;border-radius:12px;background:#FFFDF8;margin:12px 0;padding:0 14px}summary{min-height:52px;line-height:52px;font-weight:600}
ol{padding:0;margin:0 0 12px;list-style:none;counter-reset:step}li{display:flex;gap:14px;align-items:center;padding:8px 0}
li p{margin:0}li p:before{counter-increment:step;content:counter(step) ". ";font-weight:600}svg{flex:none}`;
