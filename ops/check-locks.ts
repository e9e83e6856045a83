/**
 * Who holds a connection and waits for another can wait for ever. This reads the sources of the server as
 * a graph of calls and finds every way from inside a transaction (the work handed to `transaction`, and
 * every function that is given a `tx`) to the pool (`db()`, `pool()`, another `transaction`).
 *
 * Calls are followed by name, through imports between the files that are read. What is called through an
 * object (`thing.method()`) is followed where exactly one function or method of that name is known.
 */
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";
import { parseSync } from "@swc/core";

/** Doors to the pool, all of `src/server/db/client.ts`. */
const DOORS = ["db", "pool", "transaction"];
const CLIENT = "db/client";

interface Routine {
  /** `file:name`. */
  readonly key: string;
  readonly name: string;
  /** Whether it is handed a transaction. */
  readonly held: boolean;
  /** What it calls, as `file:name`; a door is `pool:name`. */
  readonly calls: Set<string>;
}

type Node = { readonly type?: string; readonly [key: string]: unknown };

const isNode = (value: unknown): value is Node => typeof value === "object" && value !== null;
const nameOf = (node: unknown): string | null =>
  isNode(node) && (node.type === "Identifier" || node.type === "PrivateName")
    ? String(node.type === "Identifier" ? node.value : (node.id as Node).value)
    : null;

function* childrenOf(node: Node): Generator<Node> {
  for (const value of Object.values(node)) {
    if (Array.isArray(value)) {
      for (const entry of value) if (isNode(entry)) yield entry;
    } else if (isNode(value)) yield value;
  }
}

const FUNCTIONS = [
  "FunctionDeclaration",
  "FunctionExpression",
  "ArrowFunctionExpression",
  "ClassMethod",
  "PrivateMethod",
  "MethodProperty",
];

const METHODS = ["ClassMethod", "PrivateMethod", "MethodProperty"];

/** Whether one of a function's parameters is called `tx` or is of the type `Tx`. */
function takesTx(fn: Node): boolean {
  const text = JSON.stringify((fn.function as Node | undefined)?.params ?? fn.params ?? []);
  return /"value":"(tx|Tx)"/.test(text);
}

interface FileFacts {
  readonly file: string;
  readonly body: readonly Node[];
  /** Local name to `file:name`. */
  readonly imports: ReadonlyMap<string, string>;
}

/** A specifier as the file it means, among those that are read; null for packages and the core. */
function target(from: string, specifier: string, files: ReadonlySet<string>): string | null {
  const base = specifier.startsWith("@/")
    ? `src/${specifier.slice(2)}`
    : specifier.startsWith(".")
      ? join(dirname(from), specifier)
      : null;
  if (base === null) return null;
  return [`${base}.ts`, `${base}.tsx`, `${base}/index.ts`].find((file) => files.has(file)) ?? null;
}

function readFile(file: string, text: string, files: ReadonlySet<string>): FileFacts {
  const { body } = parseSync(text, { syntax: "typescript", tsx: file.endsWith("x") }) as unknown as {
    body: Node[];
  };
  const imports = new Map<string, string>();
  for (const node of body) {
    if (node.type !== "ImportDeclaration" || node.typeOnly) continue;
    const from = target(file, String((node.source as Node).value), files);
    for (const entry of node.specifiers as Node[]) {
      const local = nameOf(entry.local);
      if (from === null || local === null) continue;
      const imported = nameOf(entry.imported) ?? local;
      const door = from.endsWith(`${CLIENT}.ts`) && DOORS.includes(imported);
      imports.set(local, door ? `pool:${imported}` : `${from}:${imported}`);
    }
  }
  return { file, body, imports };
}

/** What a call calls, as a key: of this file, of another, of the pool, or a method of whoever has one of that name. */
function calledBy(node: Node, { file, imports }: FileFacts): string | null {
  const callee = node.callee as Node;
  const name = nameOf(callee);
  if (name !== null) return imports.get(name) ?? `${file}:${name}`;
  const method = callee.type === "MemberExpression" ? nameOf(callee.property) : null;
  // Drizzle's own is the pool's door too where somebody goes round ours.
  if (method === "transaction") return "pool:transaction";
  return method === null ? null : `method:${method}`;
}

/** Takes every function of a file apart: its name, whether it is handed a transaction, and what it calls. */
function routinesOf(facts: FileFacts, methods: Map<string, string[]>): Routine[] {
  const { file, body } = facts;
  const out: Routine[] = [];
  const make = (name: string, held: boolean, isMethod = false): Routine => {
    const routine = { key: `${file}:${name}`, name, held, calls: new Set<string>() };
    out.push(routine);
    if (isMethod) methods.set(name, [...(methods.get(name) ?? []), routine.key]);
    return routine;
  };
  const top = make("(the file)", false);
  let unnamed = 0;
  /** Whose calls stand in a function: its own; of one that isn't named and takes no transaction, of what it stands in. */
  const within = (node: Node, owner: Routine, given: string | null): Routine => {
    const own = nameOf(node.identifier) ?? nameOf(node.key) ?? given;
    const held = takesTx(node);
    if (own === null && !held) return owner;
    unnamed += own === null ? 1 : 0;
    const isMethod = METHODS.includes(node.type ?? "");
    const inner = make(own ?? `${owner.name}, work ${unnamed}`, held, isMethod);
    // A function that stands inside another may be called by it.
    if (!held) owner.calls.add(inner.key);
    return inner;
  };
  const walk = (node: Node, owner: Routine, given: string | null): void => {
    const isFunction = FUNCTIONS.includes(node.type ?? "");
    const here = isFunction ? within(node, owner, given) : owner;
    const called = node.type === "CallExpression" ? calledBy(node, facts) : null;
    if (called !== null) here.calls.add(called);
    const named = node.type === "VariableDeclarator" ? nameOf(node.id) : null;
    for (const child of childrenOf(node)) walk(child, here, named);
  };
  for (const node of body) walk(node, top, null);
  return out;
}

/** All functions by key; two of one key are taken together. Fills `methods`. */
function allRoutines(
  sources: ReadonlyMap<string, string>,
  methods: Map<string, string[]>,
): ReadonlyMap<string, Routine> {
  const files = new Set(sources.keys());
  const routines = new Map<string, Routine>();
  for (const [file, text] of sources) {
    if (file.endsWith(`${CLIENT}.ts`)) continue;
    for (const routine of routinesOf(readFile(file, text, files), methods)) {
      const known = routines.get(routine.key);
      if (known) for (const call of routine.calls) known.calls.add(call);
      else routines.set(routine.key, routine);
    }
  }
  return routines;
}

/** Who calls what; a method counts where only one thing has one of its name. */
function callersOf(
  routines: ReadonlyMap<string, Routine>,
  methods: ReadonlyMap<string, readonly string[]>,
): ReadonlyMap<string, readonly Routine[]> {
  const resolve = (call: string): string | null => {
    if (!call.startsWith("method:")) return call;
    const known = methods.get(call.slice("method:".length)) ?? [];
    return known.length === 1 ? (known[0] ?? null) : null;
  };
  const callers = new Map<string, Routine[]>();
  for (const routine of routines.values()) {
    for (const call of routine.calls) {
      const known = resolve(call);
      if (known !== null) callers.set(known, [...(callers.get(known) ?? []), routine]);
    }
  }
  return callers;
}

/**
 * Every way from a transaction to the pool, each as a sentence. `sources`: texts by path, relative to the
 * project's folder.
 */
export function lockFindings(sources: ReadonlyMap<string, string>): string[] {
  const methods = new Map<string, string[]>();
  const routines = allRoutines(sources, methods);
  const callers = callersOf(routines, methods);
  // From the doors backwards, breadth first: the next call on the shortest way to one.
  const ways = new Map<string, readonly string[]>(DOORS.map((door) => [`pool:${door}`, [`${door}()`]]));
  for (const [key, way] of ways) {
    for (const { key: caller, name } of callers.get(key) ?? []) {
      if (!ways.has(caller)) ways.set(caller, [name, ...way]);
    }
  }
  return [...routines.values()].flatMap((routine) => {
    const way = routine.held ? ways.get(routine.key) : undefined;
    return way
      ? [`${routine.key.split(":")[0]}: holds a transaction and asks the pool: ${way.join(" → ")}`]
      : [];
  });
}

function* sourcesIn(folder: string): Generator<string> {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) yield* sourcesIn(path);
    else if (/(?<!\.test)\.tsx?$/.test(entry.name)) yield path;
  }
}

/** Reads the project's own sources and gives what it finds, with how many transactions there are at all. */
export function checkLocks(root: string): { readonly findings: readonly string[]; readonly held: number } {
  const folders = ["src/server", "src/app", "ops"];
  const paths = folders.flatMap((folder) => [...sourcesIn(`${root}/${folder}`)]);
  const sources = new Map(paths.map((path) => [relative(root, path), readFileSync(path, "utf8")]));
  const held = [...sources.values()].reduce((sum, text) => sum + text.split(/\btransaction\(/).length - 1, 0);
  return { findings: lockFindings(sources), held };
}
