"use client";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { bookWith } from "@/core/moves/book";
import { checkOwn } from "@/core/moves/check-own";
import { LIBRARY_BOOK } from "@/core/moves/library";
import {
  type BodyLoad,
  IMPACTS,
  LOADS,
  MOVE_SIDES,
  type Move,
  MUSCLES,
  type Muscle,
  NOISES,
  PATTERNS,
  POSITIONS,
} from "@/core/moves/move";
import { idOf } from "@/core/moves/starting-move";
import { type Fault, faultSentence } from "@/core/values/faults";
import { useWords } from "@/features/language/use-words";
import { TwoVersions } from "@/features/records/two-versions";
import { useRecord } from "@/features/records/use-record";
import { Button } from "@/ui/button";
import { Choice, Field } from "@/ui/field";
import { PLACES, TopLine } from "@/ui/top-line";
import { LinkRows } from "./link-rows";
import { Lines, NumberField, Pick, Several, Tick } from "./move-fields";
import { NeedRows } from "./need-rows";

/** A move of one's own: the library's form, held to the library's promises before it is stored. */
export function MoveForm(props: {
  readonly storedId: string | null;
  readonly move: Move;
  readonly own: readonly Move[];
}) {
  const words = useWords();
  const router = useRouter();
  const [move, setMove] = useState(props.move);
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const record = useRecord<Move>(`/api/moves/${props.storedId}`, "move", props.move);
  const put = (part: Partial<Move>) => setMove((now) => ({ ...now, ...part }));
  const others = useMemo(
    () =>
      bookWith(
        LIBRARY_BOOK,
        props.own.filter((entry) => entry.id !== props.move.id),
      ),
    [props.own, props.move.id],
  );
  const finished = (): Move => ({
    ...move,
    id: props.storedId === null ? idOf(move.name) : move.id,
    name: move.name.trim(),
    cues: kept(move.cues),
    faults: kept(move.faults),
    cautions: kept(move.cautions),
    landings: move.loads.includes("jump")
      ? move.landings.perRep > 0
        ? move.landings
        : { perRep: 1, weight: 1 }
      : { perRep: 0, weight: 0 },
  });
  const save = async (event: React.FormEvent) => {
    event.preventDefault();
    const next = finished();
    const checked = checkOwn(next, others);
    setFaults(checked.ok ? [] : checked.error);
    if (!checked.ok) return;
    const failure = props.storedId === null ? await created(next) : await record.store(next);
    told(failure, next);
  };
  const created = async (next: Move) => {
    const result = await api("POST", "/api/moves", { move: next });
    return result.ok ? null : result.failure;
  };
  const told = (failure: Awaited<ReturnType<typeof record.store>>, next: Pick<Move, "id" | "name">) => {
    if (failure === "met") return;
    if (failure) {
      setFaults(failure.faults);
      toast.error(failure.message);
      return;
    }
    toast.success(`${next.name} is in your library.`);
    router.push(`/moves/${next.id}`);
    router.refresh();
  };
  const remove = async () => {
    const result = await api("DELETE", `/api/moves/${props.storedId}`);
    if (!result.ok) return toast.error(result.failure.message);
    router.push("/moves");
    router.refresh();
  };
  return (
    <>
      <TopLine here="Moves" places={PLACES} />
      <main className="mx-auto max-w-5xl px-6 py-5">
        <form onSubmit={save} noValidate className="space-y-5">
          <div className="flex items-end justify-between gap-6 border-b-2 border-ink pb-3">
            <h1 className="text-2xl font-bold">
              {props.storedId === null ? "A move of your own" : `Change ${props.move.name}`}
            </h1>
            <Button look="solid" type="submit" className="px-6 py-2.5">
              Save
            </Button>
          </div>
          {record.meets.length > 0 && (
            <TwoVersions
              meets={record.meets}
              onChoose={async (holds) => told(await record.choose(holds), props.move)}
            />
          )}
          {faults.length > 0 && (
            <div role="alert" className="border-l-4 border-rust pl-3 text-rust">
              <ul>
                {faults.map((fault) => (
                  <li key={`${fault.path} ${fault.code}`}>
                    <b>{fault.path}</b> {faultSentence(fault)}
                  </li>
                ))}
              </ul>
            </div>
          )}
          <div className="grid grid-cols-4 gap-4">
            <Field
              label="Name"
              name="name"
              className="col-span-2"
              value={move.name}
              maxLength={120}
              onChange={(event) => put({ name: event.target.value })}
            />
            <Pick
              label="Pattern"
              value={move.pattern}
              all={PATTERNS}
              name={(pattern) => words.name("pattern", pattern)}
              onChange={(pattern) => put({ pattern })}
            />
            <Pick
              label="Position"
              value={move.position}
              all={POSITIONS}
              name={(position) => words.name("position", position)}
              onChange={(position) => put({ position })}
            />
            <Choice
              label="Sides"
              value={move.sides}
              onChange={(event) => put({ sides: event.target.value as Move["sides"] })}
            >
              {MOVE_SIDES.map((sides) => (
                <option key={sides} value={sides}>
                  {words.name("sides", sides)}
                </option>
              ))}
            </Choice>
            <NumberField
              label="Seconds of one rep"
              value={move.repSeconds}
              onChange={(repSeconds) => put({ repSeconds })}
            />
            <Pick
              label="Impact"
              value={move.impact}
              all={IMPACTS}
              name={(impact) => words.name("impact", impact)}
              onChange={(impact) => put({ impact })}
            />
            <Pick
              label="Noise"
              value={move.noise}
              all={NOISES}
              name={(noise) => words.name("noise", noise)}
              onChange={(noise) => put({ noise })}
            />
            <NumberField
              label="Effort, MET (an estimate)"
              value={move.energy.met}
              onChange={(met) => put({ energy: { met, category: null } })}
            />
            <NumberField
              label="Seconds to show"
              value={move.demoSeconds}
              onChange={(demoSeconds) => put({ demoSeconds })}
            />
            <NumberField
              label="Seconds to set up"
              value={move.setupSeconds}
              onChange={(setupSeconds) => put({ setupSeconds })}
            />
            <div className="flex flex-col justify-end gap-1 pb-1">
              <Tick
                label="held, not moved"
                on={move.isometric}
                onChange={(isometric) => put({ isometric })}
              />
              <Tick
                label="stable: may go to the limit"
                on={move.stable}
                onChange={(stable) => put({ stable })}
              />
            </div>
          </div>
          <NeedRows needs={move.needs} onChange={(needs) => put({ needs })} />
          <Several
            legend="Trains first"
            all={MUSCLES}
            name={(muscle) => words.name("muscle", muscle)}
            chosen={move.muscles.primary}
            onChange={(primary) => put({ muscles: { ...move.muscles, primary: primary as Muscle[] } })}
          />
          <Several
            legend="and also"
            all={MUSCLES}
            name={(muscle) => words.name("muscle", muscle)}
            chosen={move.muscles.secondary}
            onChange={(secondary) => put({ muscles: { ...move.muscles, secondary: secondary as Muscle[] } })}
          />
          <Several
            legend="Asks of the body (limits rule it out by these)"
            all={LOADS}
            name={(load) => words.name("asks", load)}
            chosen={move.loads}
            onChange={(loads) => put({ loads: loads as BodyLoad[] })}
          />
          <div className="grid grid-cols-3 gap-4">
            <Lines label="Say (2 to 4 lines)" list={move.cues} onChange={(cues) => put({ cues })} />
            <Lines
              label="Watch for (2 lines)"
              list={move.faults}
              onChange={(list) => put({ faults: list })}
            />
            <Lines
              label="Take care (a line or more)"
              list={move.cautions}
              onChange={(cautions) => put({ cautions })}
            />
          </div>
          <LinkRows links={move.links} book={others} onChange={(links) => put({ links })} />
        </form>
        {props.storedId !== null && (
          <p className="mt-6 border-t border-hairline pt-3">
            <Button look="bare" className="px-0" onClick={remove}>
              Remove this move; classes that use it keep their copy
            </Button>
          </p>
        )}
      </main>
    </>
  );
}

function kept(list: readonly string[]): string[] {
  return list.map((text) => text.trim()).filter(Boolean);
}
