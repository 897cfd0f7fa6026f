import { NextResponse, type NextRequest } from 'next/server';
import { hostAllowed, originAllowed } from './server/http/guard';

/** At the door: our hosts only, writes from our own pages only, and a strict Content-Security-Policy with a nonce. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host');
  if (!hostAllowed(host, process.env['HOST_ALLOWED'])) {
    return NextResponse.json(
      { error: { message: `Host ${host ?? ''} is not served here.`, issues: [] } },
      { status: 421 },
    );
  }
  const reads = request.method === 'GET' || request.method === 'HEAD';
  if (!reads && !originAllowed(request.headers.get('origin'), request.headers.get('sec-fetch-site'), host)) {
    return NextResponse.json(
      { error: { message: 'Writes are taken from this application’s own pages only.', issues: [] } },
      { status: 403 },
    );
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
