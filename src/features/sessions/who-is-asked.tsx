"use client";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";

export interface Named {
  readonly id: string;
  readonly name: string;
}

/** Who is asked: everybody until somebody is left out. */
export function WhoIsAsked({
  people,
  chosen,
  onChoose,
}: {
  readonly people: readonly Named[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (chosen: ReadonlySet<string>) => void;
}) {
  const t = useTexts("sessions");
  const toggle = (id: string, on: boolean) => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    onChoose(next);
  };
  return (
    <fieldset className="min-w-0">
      <legend className="flex w-full items-baseline justify-between font-semibold">
        {t("askedOf", { chosen: chosen.size, people: people.length })}
      </legend>
      <p className="mb-1 flex gap-3">
        <Button look="bare" className="px-0" onClick={() => onChoose(new Set(people.map(({ id }) => id)))}>
          {t("everybody")}
        </Button>
        <Button look="bare" className="px-0" onClick={() => onChoose(new Set())}>
          {t("nobodyYet")}
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
