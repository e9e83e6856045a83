"use client";
import Link from "next/link";
import { memo, type ReactNode } from "react";
import { useTexts } from "@/features/language/use-texts";

/** Where an instructor may go, in the order of the line; each by the key of its name. */
export const PLACES = [
  { name: "classes", href: "/classes" },
  { name: "sessions", href: "/sessions" },
  { name: "season", href: "/seasons" },
  { name: "people", href: "/people" },
  { name: "next", href: "/next" },
  { name: "moves", href: "/moves" },
  { name: "settings", href: "/settings" },
] as const;
type Place = (typeof PLACES)[number];

interface Places {
  /** Empty where the page is none of them. */
  readonly here: Place["name"] | "";
  readonly places: readonly Place[];
}

/** The line at the top of every desk screen: where one is, and what can be done. */
export function TopLine({ here, places, children }: Places & { readonly children?: ReactNode }) {
  return (
    <header className="no-print flex min-h-11 shrink-0 items-center gap-x-4 border-b-2 border-ink px-4 stacked:flex-wrap stacked:py-1">
      <PlacesLine here={here} places={places} />
      <div className="flex min-w-0 flex-1 items-center justify-end gap-x-2 stacked:flex-wrap stacked:justify-start">
        {children}
      </div>
    </header>
  );
}

/** Where one is and may go: it stays while what is beside it follows every key. */
const PlacesLine = memo(function PlacesLine({ here, places }: Places) {
  const t = useTexts("places");
  return (
    <>
      <Link href="/classes" className="font-clock text-2xl font-extrabold leading-none">
        brontle
      </Link>
      <nav aria-label={t("main")} className="flex flex-wrap gap-x-3">
        {places.map(({ name, href }) => (
          <Link
            key={href}
            href={href}
            aria-current={name === here ? "page" : undefined}
            className="border-b-2 border-transparent text-quiet aria-[current=page]:border-ink aria-[current=page]:font-bold aria-[current=page]:text-ink"
          >
            {t(name)}
          </Link>
        ))}
      </nav>
    </>
  );
});
