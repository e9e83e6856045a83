"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Choice, Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";

export interface AloneLine {
  readonly id: string;
  readonly title: string;
  /** In words. */
  readonly day: string;
  /** What was done of it, in words; null before. */
  readonly done: string | null;
}

/** What somebody does by themselves: a class as a plan on a day, and what came of those before. */
export function AlonePlans(props: {
  readonly id: string;
  readonly name: string;
  readonly lines: readonly AloneLine[];
  readonly classes: readonly { readonly id: string; readonly name: string }[];
  /** `YYYY-MM-DD`. */
  readonly first: string;
}) {
  const t = useTexts("alone");
  const { id, name, lines, classes } = props;
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [classId, setClassId] = useState(classes[0]?.id ?? "");
  const [day, setDay] = useState(props.first);
  const [note, setNote] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const reply = await api("POST", "/api/alone", { people: [id], classId, day, note });
    if (!reply.ok) return setTrouble(reply.failure.message);
    setOpen(false);
    setNote("");
    router.refresh();
  };
  const withdraw = async (plan: string) => {
    const reply = await api("DELETE", `/api/alone/${plan}`, {});
    if (reply.ok) router.refresh();
    else toast.error(reply.failure.message);
  };
  return (
    <section aria-labelledby="alone" className="mt-6 border-t border-hairline pt-3">
      <div className="flex items-baseline justify-between gap-4">
        <h2 id="alone" className="text-lg font-bold">
          {t("byThemselves")}
        </h2>
        <Button disabled={classes.length === 0} onClick={() => setOpen(true)}>
          {t("givePlan")}
        </Button>
      </div>
      {lines.length === 0 && <p className="text-quiet">{t("noPlanYetClass")}</p>}
      <ul>
        {lines.map((line) => (
          <li
            key={line.id}
            className="grid grid-cols-[7rem_14rem_1fr_auto] items-baseline gap-x-4 border-t border-hairline py-1"
          >
            <span>{line.day}</span>
            <b>{line.title}</b>
            <span className="text-sm text-quiet">{line.done ?? t("notDoneYet")}</span>
            {line.done === null && (
              <Button
                look="bare"
                className="px-2"
                aria-label={t("takeBack", { title: line.title, day: line.day })}
                onClick={() => withdraw(line.id)}
              >
                {t("takeBack2")}
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={t("plan", { name })}
        description={t("theyDoAloneNobody")}
      >
        <form onSubmit={submit} noValidate className="space-y-3">
          <Choice label={t("class")} value={classId} onChange={(event) => setClassId(event.target.value)}>
            {classes.map((each) => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </Choice>
          <Field label={t("day")} type="date" value={day} onChange={(event) => setDay(event.target.value)} />
          <label className="block">
            <span className="mb-1 block font-semibold">{t("yourWords")}</span>
            <textarea
              rows={3}
              maxLength={1000}
              className="w-full border border-quiet bg-white p-2"
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
          </label>
          <Trouble>{trouble}</Trouble>
          <Button look="solid" type="submit">
            {t("give")}
          </Button>
        </form>
      </Dialog>
    </section>
  );
}
