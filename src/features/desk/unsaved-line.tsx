"use client";
import { Button, ButtonLink } from "@/ui/button";
import type { Desk } from "./use-desk";

const SAVE_WORDS: Readonly<Record<Desk["save"], string>> = {
  saved: "saved",
  saving: "saving…",
  waiting: "not saved yet",
  "sign-in": "not saved yet",
  stopped: "not saved",
};

/** A word on whether the class is saved, for the top line. */
export function SaveWord({ desk }: { readonly desk: Desk }) {
  const loud = desk.save !== "saved" && desk.save !== "saving";
  return (
    <span role="status" className={`text-sm ${loud ? "font-bold text-rust" : "w-16 text-quiet"}`}>
      {SAVE_WORDS[desk.save]}
    </span>
  );
}

/** A file of the class as it is here, for whoever can't save it. */
function ownCopy(desk: Desk): string {
  return `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(desk.doc, null, 2))}`;
}

/** What stands in the way of saving, that nothing is lost, and what can be done. Nothing where all is well. */
export function UnsavedLine({ desk, id }: { readonly desk: Desk; readonly id: string }) {
  if (desk.save === "saved" || desk.save === "saving") return null;
  return (
    <div role="alert" className="flex items-center gap-x-5 border-b border-rust px-4 py-1.5 text-rust">
      {desk.save === "waiting" && (
        <p className="flex-1">
          {desk.saveTrouble} Your changes are kept in this browser and sent again by themselves.
        </p>
      )}
      {desk.save === "sign-in" && (
        <>
          <p className="flex-1">
            Your sign-in has run out. Your changes are kept in this browser and saved once you sign in.
          </p>
          <ButtonLink plain href={`/sign-in?then=/classes/${id}`}>
            Sign in
          </ButtonLink>
        </>
      )}
      {desk.save === "stopped" && (
        <>
          <p className="flex-1">
            {desk.saveTrouble} Your changes are kept in this browser: undo the last one, try again, or keep a
            copy as a file.
          </p>
          <Button onClick={() => void desk.saveNow()}>Try again</Button>
          <a
            className="whitespace-nowrap underline underline-offset-4"
            href={ownCopy(desk)}
            download="unsaved.brontle.json"
          >
            Keep a copy
          </a>
        </>
      )}
    </div>
  );
}
