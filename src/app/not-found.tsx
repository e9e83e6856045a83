import { ButtonLink } from "@/ui/button";

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="text-2xl font-bold">There is nothing here</h1>
      <p className="my-4">It was removed, or it belongs to another studio. Nothing of yours is lost.</p>
      <ButtonLink href="/classes">To the classes</ButtonLink>
    </main>
  );
}
