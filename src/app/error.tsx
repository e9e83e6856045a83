"use client";
import { Button } from "@/ui/button";

/** What was stored is safe: say so, and offer the way on. */
export default function ErrorPage(props: {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}) {
  const { digest } = props.error;
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="text-2xl font-bold">This page could not be shown</h1>
      <p className="my-4">
        Brontle or its database did not answer. What was saved is safe; try again in a moment.
      </p>
      {digest && (
        <p className="my-4 text-quiet">
          If it stays like this, tell whoever runs Brontle the number of this error:{" "}
          <b className="text-ink tabular-nums">{digest}</b>
        </p>
      )}
      <Button look="solid" onClick={props.reset}>
        Try again
      </Button>
    </main>
  );
}
