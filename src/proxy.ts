import { NextResponse, type NextRequest } from "next/server";

/** Tell the layout path and query of an address, which Next shows only to pages. */
export const PATH_HEADER = "x-tenon-path";
export const SEARCH_HEADER = "x-tenon-search";
/** Set on requests that hold what the framework would fail on. */
export const UNREADABLE_HEADER = "x-tenon-unreadable";
const PATHS_WITH_QUERY = ["/", "/compare"];

/**
 * Guards every request: only hosts of this machine, no writes from foreign pages, and a content
 * policy with a nonce of its own. Tenon needs nothing from any network.
 */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get("host") ?? "";
  if (!isLocalHost(host)) return refuse(421, "Tenon answers only on this machine's own address.");
  if (!isSafeMethod(request.method) && !isSameOrigin(request.headers.get("origin"), host)) {
    return refuse(403, "Tenon takes changes only from its own pages.");
  }
  const { pathname, search } = request.nextUrl;
  const problem = findProblem(request);
  if (problem) return refuse(400, problem);
  if (pathname.startsWith(ASSETS)) return withAssetHeaders(NextResponse.next());
  const policy = contentPolicy(crypto.randomUUID().replaceAll("-", ""));
  const headers = new Headers(request.headers);
  headers.set("Content-Security-Policy", policy);
  headers.set(PATH_HEADER, pathname);
  headers.set(SEARCH_HEADER, PATHS_WITH_QUERY.includes(pathname) ? search : "");
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("Content-Security-Policy", policy);
  return withSafeHeaders(response);
}

function isLocalHost(host: string): boolean {
  return /^(127\.0\.0\.1|localhost|\[::1\])(:\d{1,5})?$/.test(host);
}

function isSafeMethod(method: string): boolean {
  return method === "GET" || method === "HEAD" || method === "OPTIONS";
}

/** A browser sends Origin with every write; a write without one did not come from a page of Tenon. */
function isSameOrigin(origin: string | null, host: string): boolean {
  return origin === `http://${host}`;
}

/** What the framework would stumble over, and answer as if it were its own fault. */
function findProblem(request: NextRequest): string | null {
  const { pathname, search } = request.nextUrl;
  if (!isDecodable(pathname) || !isDecodable(search)) return "The address cannot be read.";
  if (!isSafeMethod(request.method)) {
    // Tenon has no server actions: every change goes to a route that reads JSON or a table.
    return ROUTES_THAT_WRITE.includes(pathname) ? null : "Nothing can be sent there.";
  }
  const isUnreadable = request.headers.has(UNREADABLE_HEADER);
  return isUnreadable ? "The page asked in a way that cannot be read." : null;
}

const ROUTES_THAT_WRITE = [
  "/changes",
  "/data/restore",
  "/data/open",
  "/data/backup",
  "/data/save",
  "/files/read",
  "/files/write",
  "/files/picture",
  "/rounds/csv",
  "/rounds/back",
  "/uploads",
  "/uploads/piece",
];

function isDecodable(text: string): boolean {
  try {
    decodeURIComponent(text);
    return true;
  } catch {
    return false;
  }
}

function contentPolicy(nonce: string): string {
  const development = process.env.NODE_ENV === "development";
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'${development ? " 'unsafe-eval'" : ""}`,
    development ? "style-src 'self' 'unsafe-inline'" : `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "worker-src 'self' blob:",
    "img-src 'self' data: blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

function withSafeHeaders(response: NextResponse): NextResponse {
  response.headers.set("X-Content-Type-Options", "nosniff");
  response.headers.set("X-Frame-Options", "DENY");
  response.headers.set("Referrer-Policy", "no-referrer");
  response.headers.set("Cross-Origin-Opener-Policy", "same-origin");
  response.headers.set("Cross-Origin-Resource-Policy", "same-origin");
  response.headers.set("Permissions-Policy", "camera=(), geolocation=(), microphone=(self)");
  return response;
}

const ASSETS = "/_next/static/";

/** Scripts and styles are no documents: they only need what binds a worker and stops guessing. */
function withAssetHeaders(response: NextResponse): NextResponse {
  response.headers.set("Content-Security-Policy", "default-src 'self'");
  response.headers.set("X-Content-Type-Options", "nosniff");
  response.headers.set("Cross-Origin-Resource-Policy", "same-origin");
  return response;
}

function refuse(status: number, reason: string): NextResponse {
  return withSafeHeaders(new NextResponse(`${reason}\n`, { status }));
}
