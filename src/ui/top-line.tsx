import Link from "next/link";
import type { ReactNode } from "react";

/** The line at the top of every desk screen: where one is, and what can be done. */
export function TopLine(props: {
  readonly here: string;
  readonly places: readonly { readonly name: string; readonly href: string }[];
  readonly children?: ReactNode;
}) {
  return (
    <header className="no-print flex min-h-11 shrink-0 items-center gap-x-4 border-b-2 border-ink px-4 stacked:flex-wrap stacked:py-1">
      <Link href="/classes" className="font-clock text-2xl font-extrabold leading-none">
        brontle
      </Link>
      <nav aria-label="Main" className="flex flex-wrap gap-x-3">
        {props.places.map(({ name, href }) => (
          <Link
            key={href}
            href={href}
            aria-current={name === props.here ? "page" : undefined}
            className="border-b-2 border-transparent text-quiet aria-[current=page]:border-ink aria-[current=page]:font-bold aria-[current=page]:text-ink"
          >
            {name}
          </Link>
        ))}
      </nav>
      <div className="flex min-w-0 flex-1 items-center justify-end gap-x-2 stacked:flex-wrap stacked:justify-start">
        {props.children}
      </div>
    </header>
  );
}

export const PLACES = [
  { name: "Classes", href: "/classes" },
  { name: "Sessions", href: "/sessions" },
  { name: "People", href: "/people" },
  { name: "Moves", href: "/moves" },
  { name: "Settings", href: "/settings" },
] as const;
