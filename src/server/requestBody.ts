/** Why a body was not read to its end. */
export type BodyFault = 'too-large' | 'slow' | 'left';

export interface BodyLimits {
  mostBytes: number;
  /** the whole body has to be there by then */
  mostMs: number;
}

/**
 * Reads a body as it arrives. One that announces too much is not begun; one that turns out too large, comes too slowly or stops is
 * cut off where that is seen. Never rejects.
 */
export async function bodyOf(request: Request, { mostBytes, mostMs }: BodyLimits): Promise<Uint8Array<ArrayBuffer> | BodyFault> {
  if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return 'too-large';
  const reader = request.body?.getReader();
  if (!reader) return new Uint8Array(0);
  let timer: NodeJS.Timeout | undefined;
  const slow = new Promise<'slow'>((done) => (timer = setTimeout(() => done('slow'), mostMs)));
  const parts: Uint8Array[] = [];
  let bytes = 0;
  const cut = (fault: BodyFault) => {
    reader.cancel().catch(() => {});
    return fault;
  };
  try {
    for (;;) {
      const next = await Promise.race([reader.read(), slow]);
      if (next === 'slow') return cut('slow');
      if (next.done) break;
      bytes += next.value.length;
      if (bytes > mostBytes) return cut('too-large');
      parts.push(next.value);
    }
  } catch {
    return 'left';
  } finally {
    clearTimeout(timer);
  }
  const whole = new Uint8Array(bytes);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
