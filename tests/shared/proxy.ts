/** A plain proxy before several web processes: takes turns between those that answer, passes streams on, buffers nothing. */
import { createServer, type IncomingMessage, request, type ServerResponse } from "node:http";
import type { AddressInfo } from "node:net";

export interface Front {
  readonly origin: string;
  /** To which ports it hands on. */
  readonly to: (ports: readonly number[]) => void;
  /** How many requests each port has had. */
  readonly had: ReadonlyMap<number, number>;
  readonly close: () => void;
}

export async function openProxy(): Promise<Front> {
  let ports: readonly number[] = [];
  let turn = 0;
  const had = new Map<number, number>();

  /** Hands a request on; where a process is gone before it answered, to the next. */
  const hand = (asked: IncomingMessage, body: Buffer, answer: ServerResponse, tries: number) => {
    const port = ports[turn++ % ports.length];
    if (port === undefined || tries === 0) {
      answer.writeHead(502).end();
      return;
    }
    const sent = request(
      {
        host: "127.0.0.1",
        port,
        method: asked.method,
        path: asked.url,
        headers: { ...asked.headers, "x-forwarded-for": "127.0.0.1" },
        agent: false,
      },
      (reply) => {
        had.set(port, (had.get(port) ?? 0) + 1);
        answer.writeHead(reply.statusCode ?? 502, reply.headers);
        reply.pipe(answer);
        reply.on("error", () => answer.destroy());
        reply.on("aborted", () => answer.destroy());
      },
    );
    sent.on("error", () => {
      if (answer.headersSent) answer.destroy();
      else hand(asked, body, answer, tries - 1);
    });
    answer.on("close", () => sent.destroy());
    sent.end(body);
  };

  const server = createServer((asked, answer) => {
    const chunks: Buffer[] = [];
    asked.on("data", (chunk: Buffer) => chunks.push(chunk));
    asked.on("end", () => hand(asked, Buffer.concat(chunks), answer, 4));
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  return {
    origin: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    to: (all) => {
      ports = all;
    },
    had,
    close: () => {
      server.closeAllConnections();
      server.close();
    },
  };
}
