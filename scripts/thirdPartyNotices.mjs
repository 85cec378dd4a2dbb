import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './steps.mjs';

/** Writes docs/third-party-notices.md: what Open Palm is built on, under which licence, by whom. */
const json = (path) => JSON.parse(readFileSync(path, 'utf8'));
const { workspaces } = json(join(root, 'package.json'));
const shipped = new Set(['@webxr-input-profiles/assets']);
for (const workspace of workspaces) {
  const { dependencies = {} } = json(join(root, workspace, 'package.json'));
  for (const name of Object.keys(dependencies)) {
    if (!name.startsWith('@open-palm/')) shipped.add(name);
  }
}

function copyrightOf(folder) {
  const file = readdirSync(folder).find((name) => /^(licen[cs]e|copying|notice)/i.test(name));
  if (!file) return '';
  const text = readFileSync(join(folder, file), 'utf8');
  const line = text.split('\n').find((candidate) => /copyright.*(\d{4}|\(c\)|©)/i.test(candidate));
  return (line ?? '').replace(/[|*#]/g, '').trim();
}

const rows = [...shipped].sort().map((name) => {
  const here = [root, ...workspaces.map((w) => join(root, w))]
    .map((base) => join(base, 'node_modules', name))
    .find(existsSync);
  const { version, license } = json(join(here, 'package.json'));
  return `| ${name} | ${version} | ${license ?? 'see the package'} | ${copyrightOf(here)} |`;
});

const text = `# Third-party notices

Open Palm is built on these packages, with thanks. Their full licence texts are in their folders under \`node_modules\`
after an install. The two typefaces (Besley, Atkinson Hyperlegible Next) are under the SIL Open Font License 1.1. The
demo pictures are rendered with the rigged hand of @webxr-input-profiles/assets. The hand finder's palm and landmark models
come unchanged out of @mediapipe/hands (Apache-2.0, The MediaPipe Authors); its licence is served beside them. Written by
\`node scripts/thirdPartyNotices.mjs\`.

| Package | Version | Licence | Copyright |
| --- | --- | --- | --- |
${rows.join('\n')}
`;
writeFileSync(join(root, 'docs/third-party-notices.md'), text);
