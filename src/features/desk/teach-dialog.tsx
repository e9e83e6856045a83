"use client";
import { type FormEvent, useState } from "react";
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
  const { open, people } = props;
  return (
    <Dialog
      open={open}
      onOpenChange={props.onOpenChange}
      title="Teach it now: whom is it for?"
      description="Their own pages show it at once. Whoever is missing can be let in at the door."
      wide
    >
      {open && <Form people={people} onTeach={props.onTeach} rehearse={props.rehearse} />}
    </Dialog>
  );
}

function Form({ people, onTeach, rehearse }: AskWhom) {
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
          Open the room
        </Button>
        <ButtonLink href={rehearse}>Rehearse it first, simulated</ButtonLink>
      </p>
    </form>
  );
}
