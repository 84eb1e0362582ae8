import { build, chromium, install, run } from './shared.mjs';

/** The turntable's bench needs a built application and a browser: both are seen to first. */
const CHROMIUM = chromium();
if (!CHROMIUM || !install() || !(await build())) process.exit(1);
process.exit(run('npx', ['tsx', 'bench/turntable.ts'], { CHROMIUM }) ? 0 : 1);
