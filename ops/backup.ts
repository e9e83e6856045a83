/**
 * A whole installation's data as a folder, and back. A backup is a dump of the database with a manifest: what
 * it holds, table by table, of which version, and the name of the key that its private answers are sealed
 * under. The key itself is never in it: whoever has both has everything.
 */
import { createHash } from "node:crypto";
import { createReadStream, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { basename, resolve } from "node:path";
import { Client } from "pg";
import { migrateDatabase } from "../src/server/db/migrate";
import { keyName } from "../src/server/seal-key";
import { appRuns } from "./app";
import { postgresPrograms } from "./packages";
import { type DataKind, type Place, placeOf, ROOT, secretsOf } from "./places";
import { needDatabase, type Postgres, startPostgres, stopPostgres } from "./postgres";
import { settleKey } from "./rotate";
import { runQuietly } from "./run";
import { Stop, say } from "./say";

const NAME = "brontle";
const DUMP = "database.dump";
const MANIFEST = "manifest.json";

export interface Manifest {
  readonly format: "brontle.backup";
  readonly version: 1;
  readonly madeAt: string;
  /** The last migration that the database has had. */
  readonly migration: string;
  /** Name of the key that private answers are sealed under. */
  readonly sealKey: string;
  readonly sha256: string;
  /** Rows of every table. */
  readonly rows: Readonly<Record<string, number>>;
}

function sha256Of(file: string): Promise<string> {
  return new Promise((done, failed) => {
    const hash = createHash("sha256");
    createReadStream(file)
      .on("data", (chunk) => hash.update(chunk))
      .on("end", () => done(hash.digest("hex")))
      .on("error", failed);
  });
}

/** A folder as whoever asks means it, in the folder that they are in. */
function fromHere(folder: string): string {
  return resolve(process.env.BRONTLE_FROM || ".", folder);
}

/** Rows of every table of a database, in one moment. */
async function rowsOf(url: string): Promise<Record<string, number>> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    await client.query("begin isolation level repeatable read read only");
    const { rows } = await client.query<{ name: string }>(
      "select table_name as name from information_schema.tables where table_schema = 'public' order by 1",
    );
    const out: Record<string, number> = {};
    for (const { name } of rows) {
      const counted = await client.query(`select count(*)::int as n from ${client.escapeIdentifier(name)}`);
      out[name] = counted.rows[0].n;
    }
    return out;
  } finally {
    await client.end();
  }
}

function lastMigration(): string {
  const { entries } = JSON.parse(readFileSync(`${ROOT}/drizzle/meta/_journal.json`, "utf8")) as {
    entries: readonly { readonly tag: string }[];
  };
  return entries.at(-1)?.tag ?? "";
}

async function tool(name: string, args: readonly string[], url: string): Promise<void> {
  const bin = postgresPrograms();
  if (!bin) throw new Stop("PostgreSQL's programs were not found.");
  // The password goes through the environment, where no list of processes shows it.
  const address = new URL(url);
  const env = { ...process.env, PGPASSWORD: address.password };
  address.password = "";
  const { code, output } = await runQuietly(`${bin}/${name}`, [...args, "-d", address.toString()], { env });
  if (code !== 0) throw new Stop(`${name} failed:\n${output.split("\n").slice(-8).join("\n")}`);
}

/** Runs with the place's database, which is started for it where it doesn't run. */
async function withDatabase<T>(place: Place, work: (server: Postgres) => Promise<T>): Promise<T> {
  const server = await startPostgres(place);
  try {
    return await work(server);
  } finally {
    if (server.started) await stopPostgres(server);
  }
}

async function dropDatabase(server: Postgres, name: string): Promise<void> {
  const client = new Client({ connectionString: server.url("postgres") });
  await client.connect();
  try {
    await client.query(`drop database if exists ${client.escapeIdentifier(name)} with (force)`);
  } finally {
    await client.end();
  }
}

const sameRows = (a: Readonly<Record<string, number>>, b: Readonly<Record<string, number>>) =>
  Object.keys({ ...a, ...b }).filter((table) => a[table] !== b[table]);

/** Writes a backup, reads it back into a database of its own, and compares. Gives the manifest. */
export async function backup(kind: DataKind, folder: string): Promise<Manifest> {
  const place = placeOf(kind);
  const to = fromHere(folder);
  if (existsSync(to)) throw new Stop(`${to} is there already: name a folder that isn't.`);
  return withDatabase(place, async (server) => {
    await settleKey(place, server.url(NAME));
    mkdirSync(to, { recursive: true, mode: 0o700 });
    try {
      const dump = `${to}/${DUMP}`;
      say("Writing the backup…");
      await tool("pg_dump", ["--format=custom", "--no-owner", `--file=${dump}`], server.url(NAME));
      say("Reading it back to see that all of it is there…");
      const proof = `proof_${process.pid}`;
      try {
        await needDatabase(server, proof);
        await tool("pg_restore", ["--no-owner", "--exit-on-error", dump], server.url(proof));
        const manifest: Manifest = {
          format: "brontle.backup",
          version: 1,
          madeAt: new Date().toISOString(),
          migration: lastMigration(),
          sealKey: keyName(secretsOf(place).sealSecret),
          sha256: await sha256Of(dump),
          rows: await rowsOf(server.url(proof)),
        };
        if (Object.keys(manifest.rows).length === 0)
          throw new Stop("The backup holds no table: it is no backup.");
        writeFileSync(`${to}/${MANIFEST}`, `${JSON.stringify(manifest, null, 2)}\n`, { mode: 0o600 });
        return manifest;
      } finally {
        await dropDatabase(server, proof);
      }
    } catch (error) {
      rmSync(to, { recursive: true, force: true });
      throw error;
    }
  });
}

function readManifest(folder: string): Manifest {
  const file = `${folder}/${MANIFEST}`;
  if (!existsSync(file)) throw new Stop(`${folder} is no backup: it has no ${MANIFEST}.`);
  const manifest = JSON.parse(readFileSync(file, "utf8")) as Manifest;
  if (manifest.format !== "brontle.backup" || manifest.version !== 1)
    throw new Stop(`${folder} is a backup of another kind than this version can read.`);
  return manifest;
}

/**
 * Puts a backup in the place of a kind's data. What was there is kept beside it as a database of its own
 * name until the next restore. A backup that is damaged, of a later version, or sealed under another key is
 * an error, and then nothing has changed.
 */
export async function restore(kind: DataKind, folder: string): Promise<Manifest> {
  const place = placeOf(kind);
  const from = fromHere(folder);
  const manifest = readManifest(from);
  const dump = `${from}/${DUMP}`;
  if (appRuns(place)) throw new Stop("The application runs: ./brontle stop first.");
  if ((await sha256Of(dump)) !== manifest.sha256)
    throw new Stop(`${basename(dump)} is not what was written: its checksum differs. Nothing was changed.`);
  const { entries } = JSON.parse(readFileSync(`${ROOT}/drizzle/meta/_journal.json`, "utf8")) as {
    entries: readonly { readonly tag: string }[];
  };
  if (!entries.some(({ tag }) => tag === manifest.migration))
    throw new Stop(
      `The backup is of a later version (${manifest.migration}) than this one. Nothing was changed.`,
    );
  const own = keyName(secretsOf(place).sealSecret);
  if (own !== manifest.sealKey)
    throw new Stop(
      `The backup's private answers are sealed under the key ${manifest.sealKey}; this installation has the key ${own} and could open none of them. Put the sealSecret of the installation that wrote it into ${place.folder}/secrets.json. Nothing was changed.`,
    );
  return withDatabase(place, async (server) => {
    const fresh = `restored_${process.pid}`;
    try {
      await needDatabase(server, fresh);
      await tool("pg_restore", ["--no-owner", "--exit-on-error", dump], server.url(fresh));
      const differing = sameRows(manifest.rows, await rowsOf(server.url(fresh)));
      if (differing.length > 0)
        throw new Stop(`Not all came back (${differing.join(", ")}). Nothing was changed.`);
      await migrateDatabase(server.url(fresh), `${ROOT}/drizzle`);
      await swap(server, fresh);
      return manifest;
    } catch (error) {
      await dropDatabase(server, fresh);
      throw error;
    }
  });
}

/** The restored database takes the name of the one in use, which is kept under another. */
async function swap(server: Postgres, fresh: string): Promise<void> {
  await dropDatabase(server, `${NAME}_before`);
  await needDatabase(server, NAME);
  const client = new Client({ connectionString: server.url("postgres") });
  await client.connect();
  try {
    await client.query(`alter database ${NAME} rename to ${NAME}_before`);
    await client.query(`alter database ${client.escapeIdentifier(fresh)} rename to ${NAME}`);
  } finally {
    await client.end();
  }
}

/** The command lines `backup FOLDER` and `restore FOLDER`, of one's own data or with `--demo` the demo's. */
export async function backupCommand(command: "backup" | "restore", args: readonly string[]): Promise<number> {
  const kind: DataKind = args.includes("--demo") ? "demo" : "own";
  const folders = args.filter((arg) => arg !== "--demo");
  const [folder] = folders;
  if (folder === undefined || folders.length > 1 || folder.startsWith("-"))
    throw new Stop(`usage: brontle ${command} FOLDER [--demo]`);
  const manifest = await (command === "backup" ? backup : restore)(kind, folder);
  const total = Object.values(manifest.rows).reduce((sum, n) => sum + n, 0);
  say(
    command === "backup"
      ? `Written to ${fromHere(folder)}: ${total} rows, read back and the same. Its private answers open only with the key ${manifest.sealKey}, which is in ${placeOf(kind).folder}/secrets.json: keep that file elsewhere.`
      : `Restored from ${manifest.madeAt}: ${total} rows. What was there before is kept as the database ${NAME}_before until the next restore.`,
  );
  return 0;
}
