import { readFileSync } from 'node:fs';
import path from 'node:path';
import { NextResponse, type NextRequest } from 'next/server';

/** Hashes of the inline scripts that the framework wrote into each page of this build; null while developing. */
let hashes: Record<string, string[]> | null | undefined;

function inlineHashes(page: string): string[] | null {
  if (process.env.NODE_ENV !== 'production') return null;
  hashes ??= JSON.parse(readFileSync(path.join(process.cwd(), '.next/inline-scripts.json'), 'utf8')) as Record<string, string[]>;
  return hashes[page] ?? hashes['/_not-found'] ?? [];
}

/**
 * The content policy of a page: scripts of our own and the page's known inline ones by hash, so that markup in a name or a file
 * never runs; nothing from elsewhere; WebAssembly for the solver.
 */
function contentPolicy(page: string): string {
  const known = inlineHashes(page);
  const scripts = known ? known.map((h) => `'${h}'`).join(' ') : "'unsafe-inline' 'unsafe-eval'";
  return [
    "default-src 'self'",
    `script-src 'self' 'wasm-unsafe-eval' ${scripts}`,
    // the drawing libraries set sizes in style attributes; no script follows from it
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "connect-src 'self' data: blob:",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export function proxy(request: NextRequest) {
  const answer = NextResponse.next();
  answer.headers.set('Content-Security-Policy', contentPolicy(request.nextUrl.pathname));
  return answer;
}

/** Pages alone: bodies for /api are read by their own limits, not copied here first. */
export const config = { matcher: ['/((?!api/|api$|_next/static/).*)'] };
