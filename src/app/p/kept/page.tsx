import type { Metadata } from "next";

export const metadata: Metadata = { title: "Your part", robots: { index: false, follow: false } };

/** Where an installed page begins when nothing is kept on this device (any more). */
export default function KeptPage() {
  return (
    <main className="mx-auto max-w-md px-5 py-6 text-lg">
      <h1 className="text-3xl font-bold leading-tight">Open your own link once</h1>
      <p className="mt-3">
        The link that your instructor sent you opens your page. For eight hours afterwards this button opens
        it too, also without a network.
      </p>
    </main>
  );
}
