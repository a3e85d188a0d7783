// @ts-check
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { glob } from 'tinyglobby';
import ts from 'typescript';
import { ROOT } from './prepare.mjs';

/** Where texts stand that people read. */
export const SPEAKING = ['app/src/**/*.{ts,tsx}', 'core/src/**/*.ts', 'contract/src/**/*.ts', 'server/src/**/*.ts'];

/** Attributes of a component that are no words. */
const UNSAID = new Set(['className', 'testID', 'href', 'd', 'viewBox', 'transform', 'strokeDasharray', 'keys']);

/** A sentence or a phrase: two words, or one with a capital and an end. */
const isSaid = (/** @type {string} */ text) => /[A-Za-z]{2,}[,.:;!?]?\s+\S*[A-Za-z]{2}|^[A-Z][a-z]+[.!?…]$/.test(text);

/** @param {ts.Node} node */
function wordsOf(node) {
  if (ts.isJsxText(node)) return node.text;
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (ts.isTemplateExpression(node))
    return [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join('…');
  return null;
}

/** @param {ts.Node} node */
const isUnsaid = (node) =>
  ts.isImportDeclaration(node) ||
  ts.isExportDeclaration(node) ||
  ts.isTypeNode(node) ||
  (ts.isJsxAttribute(node) && UNSAID.has(node.name.getText()));

/**
 * The texts of the files, in the order in which they stand there.
 * @param {readonly string[]} patterns
 */
export async function saidIn(patterns) {
  const files = (await glob([...patterns], { cwd: ROOT })).sort();
  return files.flatMap((file) => {
    const source = ts.createSourceFile(file, readFileSync(join(ROOT, file), 'utf8'), ts.ScriptTarget.Latest, true);
    /** @type {string[]} */
    const said = [];
    const visit = (/** @type {ts.Node} */ node) => {
      if (isUnsaid(node)) return;
      const text = wordsOf(node)?.replace(/\s+/g, ' ').trim();
      if (text && isSaid(text)) said.push(text);
      ts.forEachChild(node, visit);
    };
    visit(source);
    return said.length > 0 ? [{ file, said }] : [];
  });
}
