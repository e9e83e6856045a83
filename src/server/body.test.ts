import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { object, string } from "yup";
import { boundedText, MOST_BYTES, readBody } from "./body";

const request = (body: BodyInit | ReadableStream, headers: Record<string, string> = {}) =>
  new Request("http://127.0.0.1/api/x", { method: "POST", body, headers, duplex: "half" } as RequestInit);

/** A body that gives one piece after another for as long as it is asked. */
function endless(bytes: number) {
  let asked = 0;
  const body = new ReadableStream<Uint8Array>({
    pull(controller) {
      asked += 1;
      controller.enqueue(new Uint8Array(bytes).fill(97));
    },
  });
  return { body, asked: () => asked };
}

describe("a body", () => {
  test("is read to its last byte, and not a byte over the bound", async () => {
    expect(await boundedText(request("é".repeat(50)), 100)).toBe("é".repeat(50));
    await expect(boundedText(request("é".repeat(51)), 100)).rejects.toMatchObject({ code: "too-large" });
    expect(await boundedText(new Request("http://127.0.0.1/"), 100)).toBe("");
  });

  test("without an end is left after what is allowed, one that says it is long at once", async () => {
    const { body, asked } = endless(10_000);
    await expect(boundedText(request(body), 64_000)).rejects.toMatchObject({ code: "too-large" });
    expect(asked()).toBeLessThan(12);
    const told = request("x", { "content-length": "9999999" });
    await expect(boundedText(told, 64_000)).rejects.toMatchObject({ code: "too-large" });
    expect(told.bodyUsed).toBe(false);
  });

  test("is text in UTF-8, JSON, and what its schema says; else a sentence", async () => {
    const schema = object({ name: string().required() }).noUnknown();
    const read = (body: BodyInit) => readBody(request(body), schema, "press");
    expect(await read('{"name":"Pia"}')).toEqual({ name: "Pia" });
    await expect(read(new Uint8Array([0xff, 0xfe]))).rejects.toMatchObject({
      code: "malformed",
      message: /UTF-8/,
    });
    await expect(read("{")).rejects.toMatchObject({ code: "malformed", message: "The request is not JSON." });
    await expect(read('{"name":"\\u0000"}')).rejects.toMatchObject({
      code: "malformed",
      message: /^name: holds/,
    });
    await expect(read('{"other":1}')).rejects.toMatchObject({
      code: "malformed",
      message: /name is a required/,
    });
    const odd = JSON.stringify(Object.fromEntries(Array.from({ length: 1500 }, (_, i) => [`k${i}`, i])));
    const error = await read(odd).catch((reason: Error) => reason);
    expect((error as Error).message.length).toBeLessThan(1100);
    expect(MOST_BYTES.press).toBeLessThan(MOST_BYTES.document);
  });
});

describe("a body that comes too slowly", () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  test("is given up after its time", async () => {
    const body = new ReadableStream<Uint8Array>({
      start: (controller) => controller.enqueue(new Uint8Array([123])),
    });
    const read = boundedText(request(body), 1000).catch((reason: unknown) => reason);
    await vi.advanceTimersByTimeAsync(14_000);
    await vi.advanceTimersByTimeAsync(2000);
    expect(await read).toMatchObject({ code: "too-slow" });
  });
});
