import { execFileSync } from 'node:child_process';

const READ = `
import { extractText, getDocumentProxy } from 'unpdf';
const parts = [];
for await (const part of process.stdin) parts.push(part);
const pdf = await getDocumentProxy(new Uint8Array(Buffer.concat(parts)));
process.stdout.write((await extractText(pdf, { mergePages: true })).text);
`;

/** The text of a PDF as a parser reads it; in a process of its own, because the parser loads itself as a module. */
export const pdfText = (pdf: Buffer): string =>
  execFileSync(process.execPath, ['--input-type=module', '-e', READ], {
    input: pdf,
    encoding: 'utf8',
  });
