import { createServer, get } from "node:http";
import type { AddressInfo } from "node:net";
import { setTimeout as sleep } from "node:timers/promises";
import { describe, expect, test } from "vitest";
import { isStream, SlowReaders } from "./slow-readers";

describe("a reader of a stream", () => {
  test("who takes nothing any more is ended after some looks, and one who reads is left alone", async () => {
    const slow = new SlowReaders();
    const much = Buffer.alloc(4_000_000, "x");
    const server = createServer((_request, response) => {
      slow.watch(response);
      response.write("retry: 1000\n\n");
      // More than the system itself keeps for somebody who doesn't read.
      const timer = setInterval(() => response.writableLength < 8_000_000 && response.write(much), 10);
      response.on("close", () => clearInterval(timer));
    });
    await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
    const { port } = server.address() as AddressInfo;
    const closed = { stuck: false, reads: false };
    const open = (name: keyof typeof closed, takes: boolean) =>
      new Promise<() => void>((resolve) => {
        const asked = get({ port, host: "127.0.0.1", agent: false }, (reply) => {
          if (takes) reply.resume();
          else reply.pause();
          reply.on("close", () => {
            closed[name] = true;
          });
          reply.on("error", () => undefined);
          resolve(() => asked.destroy());
        });
        asked.on("error", () => undefined);
      });
    const ends = [await open("stuck", false), await open("reads", true)];
    await sleep(400);
    let ended = 0;
    for (let i = 0; i < 8; i += 1) {
      ended += slow.look();
      await sleep(60);
    }
    expect(ended).toBe(1);
    expect(closed).toEqual({ stuck: false, reads: false });
    for (const end of ends) end();
    server.closeAllConnections();
    server.close();
  });

  test("is told by its address", () => {
    expect(isStream("/api/part/abc/stream?session=1")).toBe(true);
    expect(isStream("/api/sessions/1/stream")).toBe(true);
    expect(isStream("/api/sessions/1/events")).toBe(false);
    expect(isStream("/p/stream")).toBe(false);
  });
});
