import { ButtonLink } from "@/ui/button";
import { pageWords } from "./in-their-language";

export default async function NotFound() {
  const words = await pageWords();
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="text-2xl font-bold">{words.phrase("page", "nothingHere")}</h1>
      <p className="my-4">{words.phrase("page", "removed")}</p>
      <ButtonLink href="/classes">{words.phrase("page", "toClasses")}</ButtonLink>
    </main>
  );
}
