import type { Metadata } from "next";
import { pageWords } from "../../in-their-language";

export async function generateMetadata(): Promise<Metadata> {
  const words = await pageWords();
  return { title: words.phrase("part", "title"), robots: { index: false, follow: false } };
}

/** Where an installed page begins when nothing is kept on this device (any more): nobody knows who asks, so as the browser does. */
export default async function KeptPage() {
  const words = await pageWords();
  return (
    <main lang={words.language} className="mx-auto max-w-md px-5 py-6 text-lg">
      <h1 className="text-3xl font-bold leading-tight">{words.phrase("page", "openLink")}</h1>
      <p className="mt-3">{words.phrase("page", "openLinkWhy")}</p>
    </main>
  );
}
