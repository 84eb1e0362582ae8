import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { LABELS } from './en/labels';

/** Names of what a message in ICU syntax is filled with. */
export function argumentsOf(message: string): string[] {
  const names = new Set<string>();
  const walk = (elements: readonly MessageFormatElement[]): void => {
    for (const e of elements) {
      if (e.type !== TYPE.literal && e.type !== TYPE.pound && e.type !== TYPE.tag) names.add(e.value);
      if (e.type === TYPE.plural || e.type === TYPE.select) for (const o of Object.values(e.options)) walk(o.value);
    }
  };
  walk(parse(message, { ignoreTag: true }));
  return [...names];
}

/** The file labelArgs.ts as it should be. */
export function labelArgs(): string {
  const rows = Object.entries(LABELS).flatMap(([key, message]) => {
    const names = argumentsOf(message);
    return names.length ? [`  '${key}': { ${names.map((n) => `${n}: Arg`).join('; ')} };`] : [];
  });
  return `/** Written by \`npm run words\` from the English labels: what each is filled with. */\ntype Arg = string | number;\n\nexport interface LabelArgs {\n${rows.join('\n')}\n}\n`;
}
