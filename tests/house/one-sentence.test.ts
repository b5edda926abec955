import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import ts from 'typescript';

/** Pieces of words a file holds: strings, templates between their data, text of elements. */
function wordsIn(file: string): string[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.ES2022,
    true,
  );
  const found: string[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (ts.isJsxAttribute(node) && node.name.getText() === 'className') return;
    if (
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isJsxText(node) ||
      node.kind === ts.SyntaxKind.TemplateHead ||
      node.kind === ts.SyntaxKind.TemplateMiddle ||
      node.kind === ts.SyntaxKind.TemplateTail
    )
      found.push((node as ts.LiteralLikeNode).text.replaceAll(/\s+/g, ' ').trim());
    ts.forEachChild(node, look);
  };
  look(source);
  return found;
}

const filesOf = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path))
    .map((path) => `${folder}/${path}`);

const report = 'src/core/show/report';
/** What was issued before its text was sealed keeps words of its own, whatever is said now. */
const frozen = `${report}/as-issued/`;

/** Words that are not the report's: a name in the file's own data, a fault. */
const besides: Record<string, string[]> = {
  'attach.ts': ['The inspection this report was made from'],
  'render-pdf.ts': ['East Gate', 'East Gate'],
  'woff.ts': ['Expected a WOFF font'],
};

describe('the report is written once', () => {
  test('no sentence stands in two files', () => {
    const files = [report, 'src/ui/Report', 'src/server/render'].flatMap(filesOf);
    const at = new Map<string, Set<string>>();
    for (const file of files.filter((path) => !path.startsWith(frozen)))
      for (const words of wordsIn(file))
        if (words.split(' ').length >= 4 && /[a-z]/.test(words) && !/[-[\]:]\w/.test(words))
          at.set(words, (at.get(words) ?? new Set()).add(file));
    const twice = [...at].filter(([, where]) => where.size > 1);
    expect(twice.map(([words, where]) => `${words}: ${[...where].join(', ')}`)).toEqual([]);
    expect(at.size).toBeGreaterThan(100);
  });

  test.each([
    ...filesOf('src/server/render/pdf'),
    ...filesOf('src/ui/Report').filter((path) => /\/(Blocks|Sheet\w+)\.tsx$/.test(path)),
  ])('%s draws blocks and holds no words', (file) =>
    expect(wordsIn(file).filter((words) => /^[A-Z]\w* \w+/.test(words))).toEqual(
      besides[file.split('/').at(-1)!] ?? [],
    ),
  );
});
