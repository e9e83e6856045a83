"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { instantIn } from "@/core/live/when";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Choice } from "@/ui/field";
import { type When, WhenFields } from "./when-fields";

interface Named {
  readonly id: string;
  readonly name: string;
}

/** Puts a class on a date and asks people to it. */
export function PlanSession(props: {
  readonly classes: readonly Named[];
  readonly people: readonly Named[];
  /** Tomorrow evening, in the studio's zone. */
  readonly first: When;
}) {
  const router = useRouter();
  const { classes, people } = props;
  const [open, setOpen] = useState(false);
  const [classId, setClassId] = useState(classes[0]?.id ?? "");
  const [when, setWhen] = useState(props.first);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(people.map(({ id }) => id)));
  const [trouble, setTrouble] = useState<string | null>(null);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const at = instantIn(when.date, when.time, when.timeZone);
    if (at === null) return setTrouble("That is no date and time.");
    const result = await api<{ id: string }>("POST", "/api/sessions", {
      classId,
      startsAt: new Date(at).toISOString(),
      timeZone: when.timeZone,
      people: [...chosen],
    });
    if (result.ok) router.push(`/sessions/${result.value.id}`);
    else setTrouble(result.failure.message);
  };
  return (
    <>
      <Button look="solid" disabled={classes.length === 0} onClick={() => setOpen(true)}>
        Plan a session
      </Button>
      <Dialog open={open} onOpenChange={setOpen} title="Plan a session" wide>
        <form onSubmit={submit} noValidate className="grid grid-cols-2 gap-x-8 gap-y-3">
          <div className="space-y-3">
            <Choice label="Class" value={classId} onChange={(event) => setClassId(event.target.value)}>
              {classes.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Choice>
            <WhenFields value={when} onChange={setWhen} />
          </div>
          <WhoIsAsked people={people} chosen={chosen} onChoose={setChosen} />
          {trouble && (
            <p role="alert" className="col-span-2 text-rust">
              {trouble}
            </p>
          )}
          <p className="col-span-2">
            <Button look="solid" type="submit">
              Plan it
            </Button>
          </p>
        </form>
      </Dialog>
    </>
  );
}

/** Who is asked: everybody until somebody is left out. */
function WhoIsAsked({
  people,
  chosen,
  onChoose,
}: {
  readonly people: readonly Named[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (chosen: ReadonlySet<string>) => void;
}) {
  const toggle = (id: string, on: boolean) => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    onChoose(next);
  };
  return (
    <fieldset className="min-w-0">
      <legend className="flex w-full items-baseline justify-between font-semibold">
        Asked: {chosen.size} of {people.length}
      </legend>
      <p className="mb-1 flex gap-3">
        <Button look="bare" className="px-0" onClick={() => onChoose(new Set(people.map(({ id }) => id)))}>
          Everybody
        </Button>
        <Button look="bare" className="px-0" onClick={() => onChoose(new Set())}>
          Nobody yet
        </Button>
      </p>
      <div className="grid max-h-64 grid-cols-2 gap-x-3 overflow-auto border border-hairline p-2">
        {people.map(({ id, name }) => (
          <label key={id} className="flex items-center gap-1.5 truncate py-0.5">
            <input
              type="checkbox"
              className="accent-pine"
              checked={chosen.has(id)}
              onChange={(event) => toggle(id, event.target.checked)}
            />
            {name}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
