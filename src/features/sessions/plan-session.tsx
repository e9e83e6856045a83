"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { instantIn } from "@/core/live/when";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Choice } from "@/ui/field";
import { type When, WhenFields } from "./when-fields";
import { type Named, WhoIsAsked } from "./who-is-asked";

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
