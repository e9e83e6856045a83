/** What a web process does besides answering. The framework calls `register` once, when it starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { takeConsole } = await import("./server/journal");
  takeConsole();
  const { keepTidy } = await import("./server/tidy");
  keepTidy();
}

/** A page that could not be made: its number (`digest`) stands on the person's screen. */
export async function onRequestError(
  error: unknown,
  _request: unknown,
  context: { readonly routePath?: string; readonly routeType?: string },
): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { journal } = await import("./server/journal");
  const digest = (error as { digest?: unknown } | null)?.digest;
  journal.error("page-failed", error, {
    request: typeof digest === "string" ? digest.slice(0, 40) : "",
    // The pattern of the route, not the address that was asked for.
    route: context.routePath ?? "",
  });
}
