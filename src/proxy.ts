import { NextResponse, type NextRequest } from 'next/server';
import { hostAllowed, originAllowed } from './server/http/guard';

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);

const refusal = (status: number, message: string): NextResponse =>
  NextResponse.json({ error: { message, issues: [] } }, { status });

/** What is wrong with an address, in words; null where nothing is. */
function pathFault(pathname: string): string | null {
  try {
    const plain = decodeURIComponent(pathname);
    return plain.includes('\0') || !plain.isWellFormed() ? 'The address holds what is no text.' : null;
  } catch {
    return 'The address is not written as an address: a “%” without two digits after it.';
  }
}

/** At the door: our hosts only, writes from our own pages only, and a strict Content-Security-Policy with a nonce. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host');
  const { pathname } = request.nextUrl;
  if (!METHODS.has(request.method)) return refusal(405, `${request.method} is not answered here.`);
  const fault = pathFault(pathname);
  if (fault !== null) return refusal(400, fault);
  // Ids are written in small letters; the database would take them in any.
  if (/^\/(api\/)?(studies|rates|part-files)\//.test(pathname) && pathname !== pathname.toLowerCase())
    return refusal(404, 'Nothing of that id.');
  if (!hostAllowed(host, process.env['HOST_ALLOWED'])) {
    return refusal(421, `Host ${host ?? ''} is not served here.`);
  }
  const scheme = request.headers.get('x-forwarded-proto')?.split(',')[0]?.trim() ?? null;
  const reads = request.method === 'GET' || request.method === 'HEAD';
  if (!reads && !originAllowed(request.headers.get('origin'), request.headers.get('sec-fetch-site'), host, scheme)) {
    return refusal(403, 'Writes are taken from this application’s own pages only.');
  }
  const nonce = btoa(crypto.randomUUID());
  const developing = process.env.NODE_ENV === 'development';
  const csp = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'${developing ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "worker-src 'self' blob:",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('Content-Security-Policy', csp);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', csp);
  response.headers.set('X-Content-Type-Options', 'nosniff');
  response.headers.set('Referrer-Policy', 'no-referrer');
  return response;
}

export const config = { matcher: ['/((?!_next/static|_next/image|icon.svg).*)'] };
