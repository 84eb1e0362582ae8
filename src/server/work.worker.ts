import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { answerTo, type Ask } from './answers';

// on Linux a priority is a thread's own: pages and files go before work; elsewhere it would be the whole process's
if (process.platform === 'linux') setPriority(10);

/** A thread of the server: one request in, one answer out. What is thrown ends the thread, and is one failed request. */
parentPort?.on('message', (ask: Ask) => {
  void answerTo(ask).then((answer) => parentPort?.postMessage(answer, [answer.body.buffer]));
});
