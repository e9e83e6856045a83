"use client";
import { type FormEvent, useState } from "react";
import { useTexts } from "@/features/language/use-texts";
import { type Named, WhoIsAsked } from "@/features/sessions/who-is-asked";
import { Button, ButtonLink } from "@/ui/button";
import { Dialog } from "@/ui/dialog";

/** Whom a class can be opened for, and what opens it. */
export interface AskWhom {
  readonly people: readonly Named[];
  readonly onTeach: (people: readonly string[]) => Promise<void>;
  /** Address of the rehearsal of the class. */
  readonly rehearse: string;
}

/** Whom the class is opened for: everybody until somebody is left out; Enter opens it. */
export function TeachDialog(
  props: AskWhom & { readonly open: boolean; readonly onOpenChange: (open: boolean) => void },
) {
  const t = useTexts("desk");
  const { open, people } = props;
  return (
    <Dialog
      open={open}
      onOpenChange={props.onOpenChange}
      title={t("teachNowWhom")}
      description={t("theirOwnPagesShow")}
      wide
    >
      {open && <Form people={people} onTeach={props.onTeach} rehearse={props.rehearse} />}
    </Dialog>
  );
}

function Form({ people, onTeach, rehearse }: AskWhom) {
  const t = useTexts("desk");
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(people.map(({ id }) => id)));
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    await onTeach([...chosen]);
    setBusy(false);
  };
  return (
    <form onSubmit={submit} className="space-y-3">
      <WhoIsAsked people={people} chosen={chosen} onChoose={setChosen} />
      <p className="flex flex-wrap gap-3">
        <Button look="solid" type="submit" autoFocus disabled={busy}>
          {t("openRoom")}
        </Button>
        <ButtonLink href={rehearse}>{t("rehearseFirstSimulated")}</ButtonLink>
      </p>
    </form>
  );
}
