/**
 * The web process: the framework's request handler behind an HTTP server of our own, which decides what is
 * let in at all, how long anybody may take to say what they want, and how all of it ends.
 */
import { writeFileSync } from "node:fs";
import { createServer, type IncomingMessage, type ServerResponse } from "node:http";
import next from "next";
import { ADDRESS_HEADER, addressOf, isReadable } from "./address";
import { ANSWER_HEADER, keepAnswer } from "./answers";
import { commonHeaders, isOurHost, makeNonce, mayBeKept, policyOf, readOrigin } from "./guard";
import { packageStyles } from "./package-styles";
import { isStream, SlowReaders } from "./slow-readers";

/** Head and body of a request must have arrived within these, ms. */
const HEAD_WITHIN_MS = 10_000;
const REQUEST_WITHIN_MS = 30_000;
/** Longer than proxies keep a connection, so that they close it first. */
const KEEP_ALIVE_MS = 65_000;
const MOST_CONNECTIONS = 8000;
/** What is still answered when the process is to end gets so long, ms. */
const END_WITHIN_MS = 4000;

const port = Number(process.env.PORT);
const hostname = "127.0.0.1";
const local = `${hostname}:${port}`;
const settings = { origin: readOrigin(process.env.BRONTLE_ORIGIN ?? `http://${local}`), local };
const common = Object.entries(commonHeaders(settings));
const proxies = (process.env.BRONTLE_TRUSTED_PROXIES ?? "")
  .split(",")
  .map((address) => address.trim())
  .filter(Boolean);

const styles = packageStyles(process.cwd());
const app = next({ dev: false, dir: process.cwd(), hostname, port });
const handle = app.getRequestHandler();
const slow = new SlowReaders();

function refuse(response: ServerResponse, status: number, message: string): void {
  const id = crypto.randomUUID().slice(0, 8);
  const head = { "content-type": "application/json", "x-request-id": id, connection: "close" };
  response.writeHead(status, head);
  response.end(JSON.stringify({ error: "malformed", message, request: id }));
}

function answer(request: IncomingMessage, response: ServerResponse): void {
  for (const [name, value] of common) response.setHeader(name, value);
  if (!isReadable(request.url)) {
    refuse(response, 400, "That is no address.");
    return;
  }
  if (!isOurHost(request.headers.host, settings)) {
    refuse(response, 421, "This server isn't known by that name.");
    return;
  }
  const { headers, socket } = request;
  // The framework puts the number that it finds here on the scripts of the page.
  const policy = policyOf(makeNonce(), settings, styles);
  headers["content-security-policy"] = policy;
  response.setHeader("content-security-policy", policy);
  if (!mayBeKept(request.url ?? "/")) response.setHeader("cache-control", "private, no-store");
  headers[ADDRESS_HEADER] = addressOf(socket.remoteAddress, headers, proxies);
  // From here on nobody needs what others say of themselves.
  for (const name of Object.keys(headers)) if (name.startsWith("x-forwarded-")) delete headers[name];
  delete headers[ANSWER_HEADER];
  if (isStream(request.url ?? "")) {
    slow.watch(response);
    headers[ANSWER_HEADER] = keepAnswer(response);
  }
  void handle(request, response);
}

const server = createServer(
  {
    headersTimeout: HEAD_WITHIN_MS,
    requestTimeout: REQUEST_WITHIN_MS,
    keepAliveTimeout: KEEP_ALIVE_MS,
    maxHeaderSize: 16_384,
  },
  answer,
);
server.maxConnections = MOST_CONNECTIONS;

let ending = false;
function end(): void {
  if (ending) return;
  ending = true;
  // Event streams are closed by the hub, which hears the same signal.
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), END_WITHIN_MS).unref();
}

await app.prepare();
for (const signal of ["SIGTERM", "SIGINT"] as const) process.on(signal, end);
server.on("error", (error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
// Whoever started this process looks for the file: an answer at the address might be another's.
server.listen(port, hostname, () => {
  const file = process.env.BRONTLE_READY_FILE;
  if (file) writeFileSync(file, String(process.pid));
});
