/** Which host a request may name, and what every answer says to browsers. */
import { randomBytes } from "node:crypto";

export interface WebSettings {
  /** Scheme, host and port under which people reach the application. */
  readonly origin: URL;
  /** The address at which this process itself listens, for whoever runs it. */
  readonly local: string;
}

/**
 * Reads an origin: `https://classes.example`, with nothing behind it.
 * @throws Error with a sentence
 */
export function readOrigin(text: string): URL {
  let url: URL;
  try {
    url = new URL(text);
  } catch {
    throw new Error(`BRONTLE_ORIGIN is no address: ${text}`);
  }
  const plain = url.pathname === "/" && url.search === "" && url.hash === "" && url.username === "";
  if (!plain || !["http:", "https:"].includes(url.protocol))
    throw new Error(`BRONTLE_ORIGIN wants a scheme and a host, such as https://classes.example, not ${text}`);
  const loopback = ["127.0.0.1", "localhost", "[::1]"].includes(url.hostname);
  if (url.protocol === "http:" && !loopback)
    throw new Error(
      "BRONTLE_ORIGIN must be https: sign-ins and personal links would cross the network in the open.",
    );
  return url;
}

/** Whether a request names us: another name may be somebody's way to make a browser take us for theirs. */
export function isOurHost(host: string | undefined, { origin, local }: WebSettings): boolean {
  return host !== undefined && (host === origin.host || host === local);
}

/** A number for one answer, without which no inline script runs. */
export function makeNonce(): string {
  return randomBytes(16).toString("base64");
}

/**
 * The content policy of one answer: scripts and styles of ours and with its number, everything else from here
 * alone. `styles`: hashes of what packages write into the page themselves.
 */
export function policyOf(nonce: string, { origin }: WebSettings, styles: readonly string[] = []): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    `style-src ${["'self'", `'nonce-${nonce}'`, ...styles].join(" ")}`,
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    ...(origin.protocol === "https:" ? ["upgrade-insecure-requests"] : []),
  ].join("; ");
}

/** What every answer says besides its policy. */
export function commonHeaders({ origin }: WebSettings): Readonly<Record<string, string>> {
  return {
    "x-content-type-options": "nosniff",
    "x-frame-options": "DENY",
    "referrer-policy": "same-origin",
    "permissions-policy": "camera=(), microphone=(), geolocation=()",
    "cross-origin-opener-policy": "same-origin",
    // Only where the address is one that is reached safely: a browser would keep to it for a year.
    ...(origin.protocol === "https:" ? { "strict-transport-security": "max-age=31536000" } : {}),
  };
}

/** Whether an answer may be kept by anybody: what ships with the application, and nothing else. */
export function mayBeKept(path: string): boolean {
  return path.startsWith("/_next/static/") || path === "/icon.svg" || path === "/favicon.ico";
}
