/** What of a request is decided before any page or route sees it: whether it can be read, and where it comes from. */
import type { IncomingHttpHeaders } from "node:http";

/** Longest address that is taken, characters. */
const MOST_ADDRESS = 4096;

/** Whether an address can be decoded at all; pages and routes may then take it apart. */
export function isReadable(url: string | undefined): boolean {
  if (url === undefined || url.length > MOST_ADDRESS || !url.startsWith("/")) return false;
  try {
    const text = decodeURIComponent(url.replaceAll("+", " "));
    return !text.includes("\0");
  } catch {
    return false;
  }
}

/** The header in which the application finds where a request comes from; whatever came in it is dropped. */
export const ADDRESS_HEADER = "x-brontle-address";

const plain = (address: string) => address.trim().replace(/^::ffff:/, "");

/**
 * Where a request comes from: the other end of the connection; where that is a proxy of ours, the last
 * address in its list that is no proxy. What anybody else says of themselves counts for nothing.
 *
 * @param proxies addresses of the proxies that stand before this server
 */
export function addressOf(
  remote: string | undefined,
  headers: IncomingHttpHeaders,
  proxies: readonly string[],
): string {
  const nearest = plain(remote ?? "unknown");
  if (!proxies.includes(nearest)) return nearest;
  const said = String(headers["x-forwarded-for"] ?? "")
    .split(",")
    .map(plain)
    .filter((address) => /^[0-9a-fA-F.:]{2,45}$/.test(address));
  return said.findLast((address) => !proxies.includes(address)) ?? nearest;
}
