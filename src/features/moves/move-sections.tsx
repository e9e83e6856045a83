"use client";
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
/** The parts of a move's form: its facts, what of the body it trains and asks, its words. */
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Choice, Field } from "@/ui/field";
import { Lines, NumberField, Pick, Several, Tick } from "./move-fields";

interface Section {
  readonly move: Move;
  readonly put: (part: Partial<Move>) => void;
}

export function MoveFacts({ move, put }: Section) {
  const t = useTexts("moves");
  const words = useWords();
  return (
    <div className="grid grid-cols-4 gap-4">
      <Field
        label={t("name")}
        name="name"
        className="col-span-2"
        value={move.name}
        maxLength={120}
        onChange={(event) => put({ name: event.target.value })}
      />
      <Pick
        label={t("pattern")}
        value={move.pattern}
        all={PATTERNS}
        name={(pattern) => words.name("pattern", pattern)}
        onChange={(pattern) => put({ pattern })}
      />
      <Pick
        label={t("position")}
        value={move.position}
        all={POSITIONS}
        name={(position) => words.name("position", position)}
        onChange={(position) => put({ position })}
      />
      <Choice
        label={t("sides")}
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
        label={t("secondsOneRep")}
        value={move.repSeconds}
        onChange={(repSeconds) => put({ repSeconds })}
      />
      <Pick
        label={t("impact")}
        value={move.impact}
        all={IMPACTS}
        name={(impact) => words.name("impact", impact)}
        onChange={(impact) => put({ impact })}
      />
      <Pick
        label={t("noise")}
        value={move.noise}
        all={NOISES}
        name={(noise) => words.name("noise", noise)}
        onChange={(noise) => put({ noise })}
      />
      <NumberField
        label={t("effortMetEstimate")}
        value={move.energy.met}
        onChange={(met) => put({ energy: { met, category: null } })}
      />
      <NumberField
        label={t("secondsShow")}
        value={move.demoSeconds}
        onChange={(demoSeconds) => put({ demoSeconds })}
      />
      <NumberField
        label={t("secondsSetUp")}
        value={move.setupSeconds}
        onChange={(setupSeconds) => put({ setupSeconds })}
      />
      <div className="flex flex-col justify-end gap-1 pb-1">
        <Tick label={t("heldNotMoved")} on={move.isometric} onChange={(isometric) => put({ isometric })} />
        <Tick label={t("stableMayGoLimit")} on={move.stable} onChange={(stable) => put({ stable })} />
      </div>
    </div>
  );
}

export function MoveBody({ move, put }: Section) {
  const t = useTexts("moves");
  const words = useWords();
  return (
    <>
      <Several
        legend={t("trainsFirst")}
        all={MUSCLES}
        name={(muscle) => words.name("muscle", muscle)}
        chosen={move.muscles.primary}
        onChange={(primary) => put({ muscles: { ...move.muscles, primary: primary as Muscle[] } })}
      />
      <Several
        legend={t("also")}
        all={MUSCLES}
        name={(muscle) => words.name("muscle", muscle)}
        chosen={move.muscles.secondary}
        onChange={(secondary) => put({ muscles: { ...move.muscles, secondary: secondary as Muscle[] } })}
      />
      <Several
        legend={t("asksBodyLimitsRule")}
        all={LOADS}
        name={(load) => words.name("asks", load)}
        chosen={move.loads}
        onChange={(loads) => put({ loads: loads as BodyLoad[] })}
      />
    </>
  );
}

export function MoveTexts({ move, put }: Section) {
  const t = useTexts("moves");
  return (
    <div className="grid grid-cols-4 gap-4">
      <Lines
        label={t("alsoCalledNameLine")}
        list={move.aliases ?? []}
        onChange={(aliases) => put({ aliases })}
      />
      <Lines label={t("say24Lines")} list={move.cues} onChange={(cues) => put({ cues })} />
      <Lines label={t("watch2Lines")} list={move.faults} onChange={(list) => put({ faults: list })} />
      <Lines label={t("takeCareLineOr")} list={move.cautions} onChange={(cautions) => put({ cautions })} />
    </div>
  );
}
