"use client";
import { DropdownMenu } from "radix-ui";
import { type ReactNode, useState } from "react";

/** What can be done with one thing, behind a button that names it. */
export function Menu(props: {
  readonly label: string;
  readonly button: ReactNode;
  readonly children: ReactNode;
}) {
  // Within the page's main part, so that nothing stands outside of what a screen reader goes through.
  const [home, setHome] = useState<Element | null>(null);
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        ref={(button) => setHome(button?.closest("main, header") ?? null)}
        aria-label={props.label}
        title={props.label}
        className="inline-flex min-h-7 min-w-7 items-center justify-center border border-transparent hover:border-hairline data-[state=open]:border-ink"
      >
        {props.button}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={home as HTMLElement | null}>
        <DropdownMenu.Content
          align="end"
          sideOffset={2}
          className="z-50 min-w-52 border-2 border-ink bg-paper py-1"
        >
          {props.children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

export function MenuItem(props: { readonly onChoose: () => void; readonly children: ReactNode }) {
  return (
    <DropdownMenu.Item
      onSelect={props.onChoose}
      className="cursor-pointer px-3 py-1.5 outline-none data-[highlighted]:bg-marker"
    >
      {props.children}
    </DropdownMenu.Item>
  );
}

export function MenuLine() {
  return <DropdownMenu.Separator className="my-1 border-t border-hairline" />;
}
