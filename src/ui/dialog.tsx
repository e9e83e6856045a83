"use client";
import { X } from "lucide-react";
import { Dialog as Base } from "radix-ui";
import { type ReactNode, useContext } from "react";
import { UiWords } from "./ui-words";

function widthOf({ wide, broad, night }: { wide?: boolean; broad?: boolean; night?: boolean }): string {
  if (broad) return "w-[980px]";
  return wide ? (night ? "w-[900px]" : "w-[720px]") : "w-[480px]";
}

/** A panel over the page; Escape and the cross close it, and focus returns to where it was. */
export function Dialog(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly description?: string;
  readonly wide?: boolean;
  /** As wide as the screen has room for two columns. */
  readonly broad?: boolean;
  /** On dark screens, read from further away. */
  readonly night?: boolean;
  readonly children: ReactNode;
}) {
  const { close } = useContext(UiWords);
  return (
    <Base.Root open={props.open} onOpenChange={props.onOpenChange}>
      <Base.Portal>
        {/* What is taught goes on being read: on dark screens nothing is dimmed, and the clock stays free. */}
        <Base.Overlay className={`fixed inset-0 z-40 ${props.night ? "" : "bg-ink/40"}`} />
        <Base.Content
          className={`fixed left-1/2 z-50 -translate-x-1/2 overflow-auto border-2 p-5 ${props.night ? "top-[35vh] max-h-[62vh]" : "top-[8vh] max-h-[84vh]"} ${
            props.night ? "night border-night-text bg-night text-night-text" : "border-ink bg-paper"
          } ${widthOf(props)} max-w-[94vw]`}
          {...(props.description ? {} : { "aria-describedby": undefined })}
        >
          <Base.Title className={`mb-3 pr-10 font-bold ${props.night ? "text-3xl" : "text-xl"}`}>
            {props.title}
          </Base.Title>
          {props.description && (
            <Base.Description className={`mb-3 ${props.night ? "text-xl text-night-quiet" : "text-quiet"}`}>
              {props.description}
            </Base.Description>
          )}
          {props.children}
          {/* Last in order, so that the focus begins at what the dialog is for. */}
          <Base.Close aria-label={close} className="absolute right-4 top-4 p-1">
            <X size={18} aria-hidden />
          </Base.Close>
        </Base.Content>
      </Base.Portal>
    </Base.Root>
  );
}
