"use client";
import { useTexts } from "@/features/language/use-texts";
import { Button, ButtonLink } from "@/ui/button";
import type { PlainKey } from "@/words/screens/screens";
import type { Desk } from "./use-desk";

const SAVE_WORDS: Readonly<Record<Desk["save"], PlainKey<"desk">>> = {
  saved: "saved",
  saving: "saving",
  waiting: "notSavedYet",
  "sign-in": "notSavedYet",
  stopped: "notSaved",
};

/** A word on whether the class is saved, for the top line. */
export function SaveWord({ desk }: { readonly desk: Desk }) {
  const t = useTexts("desk");
  const loud = desk.save !== "saved" && desk.save !== "saving";
  return (
    <span role="status" className={`text-sm ${loud ? "font-bold text-rust" : "w-16 text-quiet"}`}>
      {t(SAVE_WORDS[desk.save])}
    </span>
  );
}

/** A file of the class as it is here, for whoever can't save it. */
function ownCopy(desk: Desk): string {
  return `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(desk.doc, null, 2))}`;
}

/** What stands in the way of saving, that nothing is lost, and what can be done. Nothing where all is well. */
export function UnsavedLine({ desk, id }: { readonly desk: Desk; readonly id: string }) {
  const t = useTexts("desk");
  if (desk.save === "saved" || desk.save === "saving") return null;
  return (
    <div role="alert" className="flex items-center gap-x-5 border-b border-rust px-4 py-1.5 text-rust">
      {desk.save === "waiting" && (
        <p className="flex-1">{t("keptSentAgain", { saveTrouble: desk.saveTrouble })}</p>
      )}
      {desk.save === "sign-in" && (
        <>
          <p className="flex-1">{t("yourSignHasRun")}</p>
          <ButtonLink plain href={`/sign-in?then=/classes/${id}`}>
            {t("sign")}
          </ButtonLink>
        </>
      )}
      {desk.save === "stopped" && (
        <>
          <p className="flex-1">{t("keptUndo", { saveTrouble: desk.saveTrouble })}</p>
          <Button onClick={() => void desk.saveNow()}>{t("tryAgain")}</Button>
          <a
            className="whitespace-nowrap underline underline-offset-4"
            href={ownCopy(desk)}
            download="unsaved.brontle.json"
          >
            {t("keepCopy")}
          </a>
        </>
      )}
    </div>
  );
}
