import { randomBytes } from "node:crypto";
import { isIP } from "node:net";

const loopbackNames = ["localhost", "127.0.0.1", "[::1]"];

/** Whether a HOST setting keeps the program on this machine. */
export function isLoopback(host: string): boolean {
  return host === "localhost" || host === "::1" || (isIP(host) === 4 && host.startsWith("127."));
}

/** The address as it stands in a URL. */
export const urlOf = (host: string, port: number): string =>
  `http://${host.includes(":") ? `[${host}]` : host}:${port}`;

/**
 * Lets a request pass only when it names this server: a page elsewhere that points its own name at the
 * loopback address (its Host), or sends here from its own pages (its Origin), is turned away.
 */
export function isOwnRequest(
  headers: { host?: string; origin?: string },
  host: string,
  port: number,
): boolean {
  const names = [...loopbackNames, host];
  const own = new Set(names.flatMap((name) => (port === 80 ? [name, `${name}:80`] : [`${name}:${port}`])));
  if (!headers.host || !own.has(headers.host.toLowerCase())) return false;
  if (headers.origin === undefined) return true;
  return (
    headers.origin.startsWith("http://") && own.has(headers.origin.slice("http://".length).toLowerCase())
  );
}

/**
 * The path of a request; an address in full is taken for its path where it names this server. Null for what names
 * another, and for what no address decodes to: half an escape, a null or another control character.
 */
export function pathOf(url: string | undefined, host: string, port: number): string | null {
  if (url === undefined) return null;
  const full = /^http:\/\/([^/?#]*)(.*)$/i.exec(url);
  if (full && !isOwnRequest({ host: full[1] }, host, port)) return null;
  const path = full ? full[2] || "/" : url;
  if (!path.startsWith("/") || path.startsWith("//") || path.startsWith("/\\")) return null;
  try {
    return /[\u0000-\u001f\u007f]/.test(decodeURIComponent(path.split("?")[0]!)) ? null : path;
  } catch {
    return null;
  }
}

/** Scripts run only from this server and with this request's nonce; development needs eval and a socket. */
export function contentSecurityPolicy(isDevelopment: boolean): string {
  const nonce = randomBytes(16).toString("base64");
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'${isDevelopment ? " 'unsafe-eval'" : ""}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "worker-src 'self' blob:",
    `connect-src 'self'${isDevelopment ? " ws:" : ""}`,
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}
