import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';
import type { Evidence, EvidenceRow } from './evidenceRow';

const MARK = /\[(memory|practice|measured|published)(?::\s*([^\]]*))?\]/g;

function filesIn(folder: string): string[] {
  return readdirSync(folder)
    .sort()
    .flatMap((name) => {
      const at = join(folder, name);
      if (statSync(at).isDirectory()) {
        return ['node_modules', 'testing', 'dist', 'bench'].includes(name) ? [] : filesIn(at);
      }
      return /\.ts$/.test(name) && !/\.(test|d)\.ts$/.test(name) ? [at] : [];
    });
}

/** A comment as one line, without its marks. */
const sentenceOf = (comment: string): string =>
  comment
    .replace(/^\s*\/\*\*?|\*\/\s*$/g, '')
    .replace(/^\s*(\*|\/\/) ?/gm, '')
    .replace(/@(param|returns|throws|example)[\s\S]*$/, '')
    .replace(MARK, '')
    .replace(/\s+/g, ' ')
    .replace(/ ([.,;)])/g, '$1')
    .trim();

const LONGEST_VALUE = 200;

/** What stands there, as far as it is numbers: a function's formula is told by its sentence. */
function valueOf(node: ts.Node, source: ts.SourceFile): { name: string; value: string } {
  const declared = ts.isVariableStatement(node) ? node.declarationList.declarations[0] : undefined;
  if (declared) {
    const value = (declared.initializer?.getText(source) ?? '').replace(/\s+/g, ' ');
    const isNumbers = /^[[{(\d.-]/.test(value) && !value.includes('=>');
    return {
      name: declared.name.getText(source),
      value: isNumbers && value.length <= LONGEST_VALUE ? value : '',
    };
  }
  const named = node as ts.Node & { name?: ts.Node };
  return { name: named.name?.getText(source) ?? '', value: '' };
}

/**
 * Every number of the code that carries a mark, with the sentence that it stands in.
 *
 * @param root the project's folder
 * @param folders those that are read
 */
export function codeMarks(root: string, folders: readonly string[]): EvidenceRow[] {
  return folders
    .flatMap((folder) => filesIn(join(root, folder)))
    .flatMap((file) => {
      const text = readFileSync(file, 'utf8');
      if (text.search(MARK) < 0) return [];
      const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
      return marksIn(source, relative(root, file));
    });
}

function marksIn(source: ts.SourceFile, used: string): EvidenceRow[] {
  const text = source.getFullText();
  const rows: EvidenceRow[] = [];
  const seen = new Set<number>();
  const visit = (node: ts.Node): void => {
    for (const { pos, end } of ts.getLeadingCommentRanges(text, node.getFullStart()) ?? []) {
      const comment = text.slice(pos, end);
      if (seen.has(pos)) continue;
      seen.add(pos);
      for (const [, evidence, from = ''] of comment.matchAll(MARK)) {
        const { name, value } = valueOf(node, source);
        rows.push({
          what: name,
          value,
          evidence: evidence as Evidence,
          source: from
            .replace(/^\s*\*?\s*/gm, '')
            .replace(/\s+/g, ' ')
            .trim(),
          used,
          decides: sentenceOf(comment),
        });
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return rows;
}
