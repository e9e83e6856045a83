"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { instantIn } from "@/core/live/when";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Choice } from "@/ui/field";
import { type When, WhenFields } from "./when-fields";
import { type BusyTimes, WhileBusy } from "./while-busy";
import { type Named, WhoIsAsked } from "./who-is-asked";

/** Puts a class on a date and asks people to it. */
export function PlanSession(props: {
  readonly classes: readonly (Named & { readonly seconds: number })[];
  readonly people: readonly Named[];
  /** When the instructor can't. */
  readonly busy: BusyTimes;
  /** Tomorrow evening, in the studio's zone. */
  readonly first: When;
}) {
  const t = useTexts("sessions");
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
    if (at === null) return setTrouble(t("noDateTime"));
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
        {t("planSession")}
      </Button>
      <Dialog open={open} onOpenChange={setOpen} title={t("planSession")} wide>
        <form onSubmit={submit} noValidate className="grid grid-cols-2 gap-x-8 gap-y-3">
          <div className="space-y-3">
            <Choice label={t("class")} value={classId} onChange={(event) => setClassId(event.target.value)}>
              {classes.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Choice>
            <WhenFields value={when} onChange={setWhen} />
            <WhileBusy
              when={when}
              seconds={classes.find(({ id }) => id === classId)?.seconds ?? 0}
              busy={props.busy}
            />
          </div>
          <WhoIsAsked people={people} chosen={chosen} onChoose={setChosen} />
          {trouble && (
            <p role="alert" className="col-span-2 text-rust">
              {trouble}
            </p>
          )}
          <p className="col-span-2">
            <Button look="solid" type="submit">
              {t("plan")}
            </Button>
          </p>
        </form>
      </Dialog>
    </>
  );
}
