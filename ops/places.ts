/** Where things are kept. */
import { createHash, randomBytes } from "node:crypto";
import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from "node:fs";
import { dirname, resolve } from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), "..");

/** Which data is served: `demo` and `own` never touch each other. */
export type DataKind = "demo" | "own";

export interface Place {
  readonly kind: DataKind | "test";
  /** Secrets, state and logs. */
  readonly folder: string;
}

/** The folder of one kind of data, made where it isn't there. */
export function placeOf(kind: Place["kind"], name: string = kind): Place {
  const data = resolve(ROOT, process.env.BRONTLE_DATA || ".data");
  const folder = `${data}/${name}`;
  mkdirSync(folder, { recursive: true });
  return { kind, folder };
}

/** Where messages about the accounts of a place are written, for whoever runs it. */
export function mailFolder(place: Place): string {
  return process.env.BRONTLE_MAIL_FOLDER || `${place.folder}/mail`;
}

export interface Secrets {
  readonly databasePassword: string;
  /** What private answers are sealed under, and what the secret of sign-ins is made of. */
  readonly sealSecret: string;
  /** While the key is changed: the one that it is changed to. */
  readonly nextSealSecret?: string;
}

const secretsFile = (place: Place) => `${place.folder}/secrets.json`;

/** Writes secrets so that a reader finds the former ones or these, whole, and after a loss of power too. */
export function keepSecrets(place: Place, secrets: Secrets): void {
  const half = `${secretsFile(place)}.half`;
  writeFileSync(half, JSON.stringify(secrets), { mode: 0o600, flush: true });
  chmodSync(half, 0o600);
  renameSync(half, secretsFile(place));
}

/** The secrets of a place: made once, readable by their owner alone. */
export function secretsOf(place: Place): Secrets {
  const file = secretsFile(place);
  const found: Partial<Secrets> = existsSync(file) ? JSON.parse(readFileSync(file, "utf8")) : {};
  const all: Secrets = {
    databasePassword: found.databasePassword ?? randomBytes(24).toString("base64url"),
    sealSecret: found.sealSecret ?? randomBytes(32).toString("base64url"),
  };
  if (found.nextSealSecret) return { ...all, nextSealSecret: found.nextSealSecret };
  if (JSON.stringify(found) !== JSON.stringify(all)) keepSecrets(place, all);
  return all;
}

/** A short name for a folder, the same each time. */
export function folderMark(folder: string): string {
  return createHash("sha256").update(folder).digest("hex").slice(0, 12);
}
