import * as v from 'valibot';
import { catalogueWith } from '@/core/botany/catalogue';
import { compose, composeFault } from '@/core/compose/composer';
import { composeRequestSchema, type ComposeMessage, type ComposeReply } from './messages';

let current = 0;

const reply = (message: ComposeReply) => self.postMessage(message);

/** Between two steps the worker lets messages in, so that a cancel is heard at once. */
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

async function run(id: number, input: unknown): Promise<void> {
  const checked = v.safeParse(composeRequestSchema, input);
  if (!checked.success) return reply({ run: id, fault: { code: 'fault.unreadable', values: {} } });
  const request = { ...checked.output, catalogue: catalogueWith(checked.output.catalogue) };
  const fault = composeFault(request);
  if (fault) return reply({ run: id, fault });
  const search = compose(request);
  for (let next = search.next(); ; next = search.next()) {
    if (current !== id) return;
    if (next.done) return reply({ run: id, done: next.value });
    reply({ run: id, progress: next.value });
    await breathe();
  }
}

self.onmessage = (event: MessageEvent<ComposeMessage>) => {
  const message = event.data;
  if ('cancel' in message) {
    if (current === message.cancel) current = 0;
    return;
  }
  current = message.run;
  run(message.run, message.request).catch(() => reply({ run: message.run, fault: { code: 'fault.died', values: {} } }));
};
