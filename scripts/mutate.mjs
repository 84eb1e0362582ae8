import ts from 'typescript';

/** What stands for what: operators that a slip of the hand confuses. */
const OPERATORS = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '>='],
  [ts.SyntaxKind.LessThanEqualsToken, '>'],
  [ts.SyntaxKind.GreaterThanToken, '<='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '<'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.PlusEqualsToken, '-='],
]);

/** A figure ten parts in a hundred larger; nothing becomes one. */
const larger = (text) => {
  const value = Number(text.replaceAll('_', ''));
  return value === 0 ? '1' : String(Number((value * 1.1).toPrecision(12)));
};

const isText = (node) => ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);

/** What a mutant may not touch: types, imports, and what is only said. */
const isLeftAlone = (node) =>
  ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node);

/** The mutations of one node: `{ from, to, text, what }` in characters of the source. */
function mutationsOf(node, source) {
  const at = (n, text, what) => ({ from: n.getStart(source), to: n.getEnd(), text, what });
  if (ts.isBinaryExpression(node)) {
    const { operatorToken } = node;
    const instead = OPERATORS.get(operatorToken.kind);
    if (!instead || isText(node.left) || isText(node.right)) return [];
    return [at(operatorToken, instead, `${operatorToken.getText(source)} → ${instead}`)];
  }
  // a tolerance against rounding a tenth larger is the same tolerance
  const isTolerance = ts.isNumericLiteral(node) && Number(node.text) > 0 && Number(node.text) < 1e-6;
  if (ts.isNumericLiteral(node) && !isTolerance && !ts.isElementAccessExpression(node.parent)) {
    const instead = larger(node.getText(source));
    return [at(node, instead, `${node.getText(source)} → ${instead}`)];
  }
  if (ts.isExpressionStatement(node)) return [at(node, ';', 'statement removed')];
  if (ts.isCallExpression(node) && node.arguments.length >= 2) {
    const [first, second] = node.arguments;
    const between = source.text.slice(first.getEnd(), second.getStart(source));
    const swapped = second.getText(source) + between + first.getText(source);
    return [{ from: first.getStart(source), to: second.getEnd(), text: swapped, what: 'arguments swapped' }];
  }
  if (ts.isConditionalExpression(node)) {
    const { condition } = node;
    return [at(condition, `!(${condition.getText(source)})`, 'condition turned round')];
  }
  if (ts.isIfStatement(node)) {
    const { expression } = node;
    return [at(expression, `!(${expression.getText(source)})`, 'condition turned round')];
  }
  return [];
}

/** Every mutation of a TypeScript source, in the order of the text. */
export function mutations(text, file = 'source.ts') {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2022, true, ts.ScriptKind.TS);
  const found = [];
  const walk = (node) => {
    if (isLeftAlone(node)) return;
    for (const mutation of mutationsOf(node, source)) {
      const { line } = source.getLineAndCharacterOfPosition(mutation.from);
      found.push({ ...mutation, line: line + 1 });
    }
    ts.forEachChild(node, walk);
  };
  walk(source);
  return found;
}

/** The source with one mutation made. */
export const mutated = (text, { from, to, text: instead }) => text.slice(0, from) + instead + text.slice(to);
