/** The six digits of RFC 6238 (SHA-1, 30 s), as a program on a phone makes them. */
import { createHmac } from "node:crypto";

function bytesOf(base32: string): Buffer {
  const bits = [...base32.replace(/=+$/, "")]
    .map((sign) => "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567".indexOf(sign).toString(2).padStart(5, "0"))
    .join("");
  return Buffer.from((bits.match(/.{8}/g) ?? []).map((byte) => Number.parseInt(byte, 2)));
}

export function totp(secret: string, atMs: number): string {
  const counter = Buffer.alloc(8);
  counter.writeBigUInt64BE(BigInt(Math.floor(atMs / 30_000)));
  const mac = createHmac("sha1", bytesOf(secret)).update(counter).digest();
  const from = (mac.at(-1) ?? 0) & 15;
  return String((mac.readUInt32BE(from) & 0x7fffffff) % 1_000_000).padStart(6, "0");
}
