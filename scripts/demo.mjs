import { createServer } from 'node:net';
import { build, install, NEXT, start } from './shared.mjs';

/** Installs and builds what is missing, then serves the application with its demo jobs. PORT is honoured. */
const port = Number(process.env.PORT ?? 3000);

function fail(sentence) {
  console.error(sentence);
  process.exit(1);
}

if (!Number.isInteger(port) || port < 1 || port > 65535) fail(`PORT is “${process.env.PORT}”: it is a number from 1 to 65535.`);

const free = await new Promise((resolve) => {
  const probe = createServer();
  probe.once('error', () => resolve(false));
  probe.listen(port, () => probe.close(() => resolve(true)));
});
if (!free) fail(`Port ${port} is taken by another program. Choose another one: PORT=${port + 1} npm run demo`);
if (!install()) fail('The packages could not be installed; the message above says why.');
if (!(await build())) fail('The build failed; the message above says why.');

const server = start(process.execPath, [NEXT, 'start', '-p', String(port)]);
console.log(`\nOfrenda is at http://localhost:${port}\nCtrl-C stops it.\n`);
const stop = () => server.kill('SIGTERM');
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
server.on('exit', (code) => process.exit(code === null || code === 143 ? 0 : code));
