"use client";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";

/** What was stored is safe: say so, and offer the way on. */
export default function ErrorPage(props: {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}) {
  const words = useWords();
  const { digest } = props.error;
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="text-2xl font-bold">{words.phrase("page", "notShown")}</h1>
      <p className="my-4">{words.phrase("page", "notAnswered")}</p>
      {digest && (
        <p className="my-4 text-quiet">
          {words.phrase("page", "tellNumber")} <b className="text-ink tabular-nums">{digest}</b>
        </p>
      )}
      <Button look="solid" onClick={props.reset}>
        {words.phrase("page", "tryAgain")}
      </Button>
    </main>
  );
}
