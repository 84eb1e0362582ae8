import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { architecturePage } from './architecture';

const PAGE = 'docs/architecture.md';

void (async () => {
  const options = await resolveConfig(PAGE);
  writeFileSync(PAGE, await format(architecturePage('.'), { ...options, parser: 'markdown' }));
})();
