// @vitest-environment node
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse as parseTemplate, type TemplateChildNode } from '@vue/compiler-dom';
import { parse as parseFile } from '@vue/compiler-sfc';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { messages } from '../src/words/messages';

/** Where texts are programs of the graphics card, or say to whoever wrote the code what is wrong. */
const PROGRAMS = /src\/painter\//;
/** Names of keys and of parts of the page, values of CSS, selectors, media types, names of errors, and our own name. */
const CODES =
  /^(Escape|Tab|Enter|Space|Home|End|Delete|Backspace|Insert|Shift|Control|Alt|Meta|Arrow\w+|Page(Up|Down)|Key\w|Files|Rhombus|GLB|glTF|OBJ|STL|PLY|\w*Error)$|\b(calc|clamp|min|url|translate|rotate)\(|^\(|\[[a-z-]+[\]=^*~]|^[.#][\w-]+|^(image|application)\/|px\b|^There is no open scene here|^No scene is open|^There is no file|^M[-\d.]|, sans-serif$|^Simulated |^\.\/.*\.(vue|ts)$|^help-bubble|^rhombus:|\?format=|^guide\./;
/** Names of file formats, the same in every language. */
const FORMATS = /^(GLB|glTF|OBJ|STL|PLY)$/;
/** What a person would read: words one after the other, or one that begins like a sentence. */
const WORDS = /[A-Za-z]{2,}[ ,.…?!:;]+[A-Za-z“(]|^[A-Z][a-z-]+[…:.]?$|[a-z]{2}[.…?!]$/;
/** A word of its own beside a value. */
const PART = /(^|[\s(“])[A-Za-z]{2,}([\s;,!?)”]|:\s|$)/;
/** Attributes that people read or hear. */
const READ =
  /^(title|aria-(label|description|valuetext|roledescription)|placeholder|label|alt|.*-text|find|none|data-note)$/;
const NOT_READ =
  /^(class|style|d|points|viewBox|id|type|role|transform|accept|href|src|popper-class|guide|page|name|rel)$/;
const ID = /^[a-z0-9]+([.:/_-][A-Za-z0-9]*)*$/;

const found: string[] = [];
const used = new Map<string, string>();
/** What names of messages begin with that are put together. */
const families = new Set<string>();

function files(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? files(join(folder, e.name)) : /\.(vue|ts)$/.test(e.name) ? [join(folder, e.name)] : [],
  );
}

/** Whether a string is a part of the code: a name of something, or compared with one. */
function partOfCode(node: ts.Node): boolean {
  const p = node.parent;
  if (ts.isImportDeclaration(p) || ts.isExportDeclaration(p) || ts.isLiteralTypeNode(p) || ts.isCaseClause(p))
    return true;
  if (ts.isBinaryExpression(p)) return /^[!=]==?$/.test(p.operatorToken.getText());
  if (ts.isPropertyAssignment(p)) return p.name === node || /^(class|type|kind)$/.test(p.name.getText());
  const call = ts.isCallExpression(p) ? p.expression.getText() : '';
  return /(querySelector(All)?|closest|matches|matchMedia|addEventListener|RegExp|includes|getAttribute)$/.test(call);
}

function script(file: string, code: string): void {
  const look = (node: ts.Node): void => {
    if (ts.isCallExpression(node) && node.expression.getText() === 'say') {
      const [name] = node.arguments;
      if (name && ts.isStringLiteral(name)) used.set(name.text, file);
      else if (name && ts.isTemplateExpression(name)) families.add(name.head.text);
      else if (name) name.forEachChild((n) => void (ts.isStringLiteral(n) && used.set(n.text, file)));
      node.arguments.slice(1).forEach(look);
      return;
    }
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      const read = WORDS.test(node.text) && !CODES.test(node.text) && !ID.test(node.text);
      if (read && !partOfCode(node)) found.push(`${file}: ${node.text}`);
    } else if (ts.isTemplateExpression(node)) {
      const parts = [node.head, ...node.templateSpans.map((s) => s.literal)].map((p) => p.text);
      const code = CODES.test(parts.join('1')) || parts.join('').startsWith('plate-menu');
      if (!code && parts.some((p) => PART.test(p))) found.push(`${file}: ${parts.join('…')}`);
    }
    // Beside messages of one list or table stands no word of its own.
    if (ts.isObjectLiteralExpression(node))
      beside(
        file,
        node.properties
          .filter(ts.isPropertyAssignment)
          .filter(reads)
          .map((p) => p.initializer),
      );
    if (ts.isArrayLiteralExpression(node) && node.elements.length > 2) beside(file, node.elements);
    if (ts.isConditionalExpression(node)) beside(file, [node.whenTrue, node.whenFalse]);
    if (ts.isPropertyAssignment(node) && /^(label|words|says|text|title)$/.test(node.name.getText()))
      beside(file, [node.initializer], true);
    node.forEachChild(look);
  };
  look(ts.createSourceFile('x.ts', code, ts.ScriptTarget.ES2022, true));
}

/** Whether what a property holds may be words: not where it names a thing. */
const reads = (p: ts.PropertyAssignment) =>
  !/^(id|command|format|key|what|sort|to|how|by|value)$/.test(p.name.getText());

/** Texts that stand beside messages, or where only words can stand. */
function beside(file: string, nodes: readonly ts.Node[], words = false): void {
  const said = nodes.some((n) => ts.isCallExpression(n) && n.expression.getText() === 'say');
  if (!said && !words) return;
  for (const n of nodes)
    if (ts.isStringLiteral(n) && /[A-Za-z]{2}/.test(n.text) && (words ? !FORMATS.test(n.text) : !CODES.test(n.text)))
      found.push(`${file}: ${n.text}`);
}

/** What is put on the page is read, a single word too. */
function shown(file: string, code: string): void {
  const look = (node: ts.Node): void => {
    if (ts.isCallExpression(node)) return;
    if (ts.isStringLiteral(node) && /[A-Za-z]{2}/.test(node.text) && !partOfCode(node) && !CODES.test(node.text))
      found.push(`${file}: ${node.text}`);
    node.forEachChild(look);
  };
  look(ts.createSourceFile('x.ts', `(${code})`, ts.ScriptTarget.ES2022, true));
}

function template(file: string, node: TemplateChildNode): void {
  if (node.type === 2 && /[A-Za-z]{2}/.test(node.content) && node.content.trim() !== 'Rhombus')
    found.push(`${file}: ${node.content.trim()}`);
  if (node.type === 5) {
    script(file, `(${node.content.loc.source})`);
    shown(file, node.content.loc.source);
  }
  if (node.type !== 1) return;
  for (const a of node.props) {
    if (a.type === 7) {
      if (a.exp && a.name !== 'for' && a.name !== 'slot') script(file, `(${a.exp.loc.source})`);
      if (a.exp && a.arg && READ.test(a.arg.loc.source)) shown(file, a.exp.loc.source);
    } else if (a.value && !NOT_READ.test(a.name)) {
      const read = READ.test(a.name) && /[A-Za-z]{2}/.test(a.value.content);
      if (read || (WORDS.test(a.value.content) && !ID.test(a.value.content) && !a.name.startsWith('data-')))
        found.push(`${file}: ${a.name}="${a.value.content}"`);
    }
  }
  node.children.forEach((c) => template(file, c));
}

for (const file of files('src')) {
  const text = readFileSync(file, 'utf8');
  if (PROGRAMS.test(file)) continue;
  if (file.endsWith('.ts')) {
    script(file, text);
    continue;
  }
  const { descriptor } = parseFile(text);
  for (const block of [descriptor.script, descriptor.scriptSetup]) if (block) script(file, block.content);
  if (descriptor.template) parseTemplate(descriptor.template.content).children.forEach((c) => template(file, c));
}

describe('the words of the front end', () => {
  const kept = messages(readFileSync('../core/src/main/resources/rhombus/words/app.en.properties', 'utf8'));

  it('stand in message files, not in code', () => {
    expect(found).toEqual([]);
  });

  it('are all there, and none is left over', () => {
    expect([...used].filter(([name]) => !kept.has(name))).toEqual([]);
    expect(
      [...kept.keys()].filter(
        (name) =>
          name !== 'words.small-within-a-sentence' && !used.has(name) && ![...families].some((f) => name.startsWith(f)),
      ),
    ).toEqual([]);
  });
});
