"use client";
import Link from "next/link";
import type { ButtonHTMLAttributes, ReactNode } from "react";
import { cx } from "./cx";
import { useHydrated } from "./use-hydrated";

const LOOKS = {
  solid: "bg-ink text-paper border-ink hover:bg-pine hover:border-pine",
  line: "bg-transparent text-ink border-ink hover:bg-white",
  icon: "bg-transparent text-ink border-transparent hover:border-hairline",
  bare: "bg-transparent text-ink border-transparent underline underline-offset-4 decoration-hairline hover:decoration-ink",
} as const;

export type Look = keyof typeof LOOKS;

function classOf(look: Look, className?: string): string {
  return cx(
    "inline-flex items-center gap-1.5 whitespace-nowrap border py-1.5 font-semibold leading-none disabled:opacity-45",
    // One that stands in a line of text says so itself.
    className?.includes("px-") ? "" : look === "icon" ? "px-1" : "px-3",
    LOOKS[look],
    className,
  );
}

/** A button with square corners. One that sends a form waits until the page listens. */
export function Button({
  look = "line",
  className,
  disabled = false,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { readonly look?: Look }) {
  const early = !useHydrated() && rest.type === "submit";
  return <button type="button" className={classOf(look, className)} disabled={disabled || early} {...rest} />;
}

/** A link that looks like a button. */
export function ButtonLink(props: {
  readonly href: string;
  readonly look?: Look;
  readonly children: ReactNode;
  readonly plain?: boolean;
  /** Where its word alone says too little. */
  readonly label?: string;
}) {
  const className = classOf(props.look ?? "line");
  if (props.plain) {
    return (
      <a href={props.href} className={className} aria-label={props.label}>
        {props.children}
      </a>
    );
  }
  return (
    <Link href={props.href} className={className} aria-label={props.label}>
      {props.children}
    </Link>
  );
}
