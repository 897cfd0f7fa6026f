import { readFileSync } from 'node:fs';
import { globSync } from 'tinyglobby';
import ts from 'typescript';

export interface VisibleWords {
  readonly file: string;
  readonly line: number;
  readonly words: string;
}

/** Attributes and calls whose text nobody reads: keys, paths, styles. */
const UNSEEN = /^(className|data-\w.*|key|id|href|src|type|path|name|d|transform|fill|stroke)$/;

/** Texts of a source file that may reach a reader: words with a blank in them, and what stands between tags. */
export function visibleWords(file: string): VisibleWords[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const out: VisibleWords[] = [];
  const say = (node: ts.Node, words: string): void => {
    const text = words.replace(/\s+/g, ' ').trim();
    if (/[a-z]/i.test(text))
      out.push({ file, line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1, words: text });
  };
  const walk = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isJsxAttribute(node) && UNSEEN.test(node.name.getText())) return;
    if (ts.isJsxText(node)) say(node, node.text);
    else if (ts.isStringLiteralLike(node) && !ts.isLiteralTypeNode(node.parent)) say(node, node.text);
    else if (ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node)) say(node, node.text);
    ts.forEachChild(node, walk);
  };
  walk(source);
  return out;
}

/** Texts of the whole product that may reach a reader. */
export function allVisibleWords(root: string): VisibleWords[] {
  return globSync(['src/**/*.{ts,tsx}', '!**/*.test.*', '!**/testing/**'], { cwd: root, absolute: true }).flatMap(
    visibleWords,
  );
}
