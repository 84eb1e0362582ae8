import type { FileRefusal } from '@/core/boundary/refusals';

/** Why a request is turned away before its body is read, and with which status (RFC 9110, 15.5). */
export interface TurnedAway {
  status: number;
  why: FileRefusal;
}

const isJson = (type: string) => /^application\/json\s*(;|$)/i.test(type.trim());

/** The host of an origin; itself where it is none. */
function hostOf(origin: string): string {
  try {
    return new URL(origin).host;
  } catch {
    return origin;
  }
}

/**
 * Only POST, only JSON, only from our own pages or from no page at all: a page of another origin can make a browser send simple
 * requests, and they would do work here. Null for a request that may go on.
 */
export function turnedAway(request: Request): TurnedAway | null {
  const header = (name: string) => request.headers.get(name) ?? '';
  if (request.method !== 'POST') return { status: 405, why: { code: 'request.method', values: { met: request.method } } };
  const origin = header('origin');
  if (origin && hostOf(origin) !== header('host'))
    return { status: 403, why: { code: 'request.origin', values: { met: origin.slice(0, 200) } } };
  const site = header('sec-fetch-site');
  if (site && site !== 'same-origin' && site !== 'none')
    return { status: 403, why: { code: 'request.origin', values: { met: site.slice(0, 200) } } };
  const type = header('content-type');
  if (!isJson(type)) return { status: 415, why: { code: 'request.type', values: { met: type.slice(0, 200) } } };
  return null;
}
