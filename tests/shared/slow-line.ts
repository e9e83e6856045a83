/** A bad line between a browser and the server: every request and every piece of an answer comes late by up to so much. */
import { createServer, request } from "node:http";
import type { AddressInfo } from "node:net";
import { setTimeout as sleep } from "node:timers/promises";

export interface SlowLine {
  /** What Chromium is told, so that loopback goes over it too. */
  readonly flags: readonly string[];
  /** The largest delay, one way, ms. */
  delayMs: number;
  readonly close: () => void;
}

export async function openSlowLine(delayMs: number): Promise<SlowLine> {
  const line = { delayMs };
  const late = () => sleep(Math.random() * line.delayMs);
  const server = createServer((asked, answer) => {
    const chunks: Buffer[] = [];
    asked.on("data", (chunk: Buffer) => chunks.push(chunk));
    asked.on("end", async () => {
      await late();
      const url = new URL(asked.url ?? "/");
      const { hostname: host, port, pathname, search } = url;
      const path = `${pathname}${search}`;
      const sent = request(
        { host, port, path, method: asked.method, headers: asked.headers, agent: false },
        (reply) => {
          // What comes first arrives first, however late each piece is.
          let before = Promise.resolve(answer.writeHead(reply.statusCode ?? 502, reply.headers));
          const after = (work: () => unknown) => {
            before = before.then(async () => {
              await late();
              work();
              return answer;
            });
          };
          reply.on("data", (chunk: Buffer) => after(() => answer.write(chunk)));
          reply.on("end", () => {
            before = before.then(() => answer.end());
          });
          reply.on("error", () => answer.destroy());
        },
      );
      sent.on("error", () => answer.destroy());
      answer.on("close", () => sent.destroy());
      sent.end(Buffer.concat(chunks));
    });
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const { port } = server.address() as AddressInfo;
  return Object.assign(line, {
    flags: [`--proxy-server=http://127.0.0.1:${port}`, "--proxy-bypass-list=<-loopback>"],
    close: () => {
      server.closeAllConnections();
      server.close();
    },
  });
}
