"use client";
import { useMemo, useState } from "react";
import { bookWith } from "@/core/moves/book";
import type { Move } from "@/core/moves/move";
import { startingMove } from "@/core/moves/starting-move";
import type { Fault } from "@/core/values/faults";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { TwoVersions } from "@/features/records/two-versions";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";
import { faultText } from "@/words/refusals/faults";
import { BeginFrom } from "./begin-from";
import { placeOf } from "./fault-places";
import { LinkRows } from "./link-rows";
import { MoveBody, MoveFacts, MoveTexts } from "./move-sections";
import { NeedRows } from "./need-rows";
import { useMoveStore } from "./use-move-store";

/** A move of one's own: the library's form, held to the library's promises before it is stored. */
export function MoveForm(props: {
  readonly storedId: string | null;
  readonly move: Move;
  readonly own: readonly Move[];
}) {
  const library = useLibrary();
  const t = useTexts("moves");
  const [move, setMove] = useState(props.move);
  const put = (part: Partial<Move>) => setMove((now) => ({ ...now, ...part }));
  const others = useMemo(
    () =>
      bookWith(
        library,
        props.own.filter((entry) => entry.id !== props.move.id),
      ),
    [library, props.own, props.move.id],
  );
  const { faults, meets, save, choose, remove } = useMoveStore(props.storedId, props.move, others);
  return (
    <>
      <TopLine here="moves" places={PLACES} />
      <main className="mx-auto max-w-5xl px-6 py-5">
        <form
          onSubmit={(event) => {
            event.preventDefault();
            void save(move);
          }}
          noValidate
          className="space-y-5"
        >
          <div className="flex items-end justify-between gap-6 border-b-2 border-ink pb-3">
            <h1 className="text-2xl font-bold">
              {props.storedId === null ? t("moveYourOwn") : t("change", { name: props.move.name })}
            </h1>
            <Button look="solid" type="submit" className="px-6 py-2.5">
              {t("save")}
            </Button>
          </div>
          {meets.length > 0 && <TwoVersions meets={meets} onChoose={choose} />}
          <FaultList faults={faults} />
          {props.storedId === null && (
            <BeginFrom
              move={move}
              own={props.own}
              book={others}
              onBegin={(like) => setMove((now) => ({ ...startingMove(like), name: now.name }))}
            />
          )}
          <MoveFacts move={move} put={put} />
          <NeedRows needs={move.needs} onChange={(needs) => put({ needs })} />
          <MoveBody move={move} put={put} />
          <MoveTexts move={move} put={put} />
          <LinkRows links={move.links} book={others} onChange={(links) => put({ links })} />
        </form>
        {props.storedId !== null && (
          <p className="mt-6 border-t border-hairline pt-3">
            <Button look="bare" className="px-0" onClick={remove}>
              {t("removeMoveClassesUse")}
            </Button>
          </p>
        )}
      </main>
    </>
  );
}

/** Every fault by the field in which it stands. */
function FaultList({ faults }: { readonly faults: readonly Fault[] }) {
  const words = useWords();
  const t = useTexts("moves");
  if (faults.length === 0) return null;
  return (
    <div role="alert" className="border-l-4 border-rust pl-3 text-rust">
      <ul>
        {faults.map((fault) => (
          <li key={`${fault.path} ${fault.code}`}>
            <b>{placeOf(fault.path, t)}</b> {faultText(fault, words)}
          </li>
        ))}
      </ul>
    </div>
  );
}
