/** What a web process does besides answering. The framework calls `register` once, when it starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { keepTidy } = await import("./server/tidy");
  keepTidy();
}
