"use client";
/** A plan for one person by themselves: what to have ready, then set by set at their own pace, then what they did. */
import { useState } from "react";
import { OwnLanguage } from "@/features/language/own-language";
import { useWords } from "@/features/language/use-words";
import { StopWords } from "@/features/part/stop-words";
import { bringTexts } from "@/words/own-words";
import { dayText } from "@/words/when-words";
import { AloneAfter } from "./alone-after";
import { type AloneProps, Back } from "./alone-props";
import { AloneRun } from "./alone-run";

type Stage =
  | { readonly at: "before" }
  | { readonly at: "running" }
  | { readonly at: "after"; readonly hurt: readonly string[]; readonly through: number };

export function AloneScreen(props: AloneProps) {
  const [stage, setStage] = useState<Stage>({ at: "before" });
  return (
    <OwnLanguage person={props.person}>
      {props.done ? (
        <Written {...props} />
      ) : stage.at === "running" ? (
        <AloneRun {...props} onEnd={(hurt, through) => setStage({ at: "after", hurt, through })} />
      ) : stage.at === "after" ? (
        <AloneAfter {...props} hurt={stage.hurt} through={stage.through} />
      ) : (
        <Before {...props} onBegin={() => setStage({ at: "running" })} />
      )}
    </OwnLanguage>
  );
}

function Written({ token, title }: AloneProps) {
  const words = useWords();
  return (
    <main className="mx-auto max-w-md px-5 py-6 text-lg">
      <h1 className="text-3xl font-bold leading-tight">{title}</h1>
      <p className="mt-3">{words.phrase("alone", "done")}</p>
      <Back token={token} />
    </main>
  );
}

function Before(props: AloneProps & { readonly onBegin: () => void }) {
  const words = useWords();
  const { token, title, day, note, person, part, sets, onBegin } = props;
  const bring = bringTexts(part, person, words);
  const slots = [...new Map(sets.map((each) => [each.slot, each])).values()];
  return (
    <main className="mx-auto max-w-md px-5 py-6 text-lg">
      <p className="text-quiet">{words.phrase("alone", "what", { day: dayText(day, words) })}</p>
      <h1 className="text-3xl font-bold leading-tight">{title}</h1>
      {note && <p className="mt-2 border-l-4 border-pine pl-3">{note}</p>}
      <h2 className="mt-4 text-xl font-bold">{words.phrase("alone", "haveReady")}</h2>
      <p>{bring.length === 0 ? words.phrase("part", "onlyFloor") : bring.join(", ")}</p>
      <h2 className="mt-4 text-xl font-bold">{words.phrase("alone", "whatItIs")}</h2>
      <ul>
        {slots.map(({ slot, own, of }) => (
          <li key={slot} className="flex justify-between gap-3 border-b border-hairline py-1">
            <b>{own.name}</b>
            <span className="text-quiet">{of} ×</span>
          </li>
        ))}
      </ul>
      <p className="mt-4 border-l-4 border-stop pl-3">{words.phrase("alone", "warning")}</p>
      <StopWords country={person.country} />
      <button
        type="button"
        className="mt-4 min-h-14 w-full bg-ink text-xl font-bold text-paper disabled:opacity-45"
        disabled={sets.length === 0}
        onClick={onBegin}
      >
        {words.phrase("alone", "begin")}
      </button>
      {sets.length === 0 && <p className="mt-2">{words.phrase("alone", "nothing")}</p>}
      <Back token={token} />
    </main>
  );
}
