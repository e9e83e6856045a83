"use client";
import type { ClassDoc } from "@/core/class/document";

/** Which blocks of an earlier class are taken, and whether it goes a step further. */
export function FromEarlier(props: {
  readonly doc: ClassDoc;
  readonly blocks: readonly string[];
  readonly step: boolean;
  readonly onTake: (blocks: readonly string[], step: boolean) => void;
}) {
  const { doc, blocks, step, onTake } = props;
  const ids = doc.blocks.map(({ id }) => id);
  return (
    <fieldset className="mt-3 flex flex-wrap items-baseline gap-x-4 gap-y-1 border-t border-hairline pt-2">
      <legend className="float-left mr-4 font-semibold">Of it</legend>
      {doc.blocks.map(({ id, title, role }) => (
        <label key={id} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={blocks.includes(id)}
            onChange={(event) =>
              onTake(
                ids.filter((own) => (own === id ? event.target.checked : blocks.includes(own))),
                step,
              )
            }
          />
          {title || (role === "talk" ? "Talk" : "Block")}
        </label>
      ))}
      <span className="ml-auto flex items-center gap-1.5">
        {([false, true] as const).map((further) => (
          <button
            key={`${further}`}
            type="button"
            aria-pressed={step === further}
            className="min-h-6 border border-hairline px-1.5 leading-tight aria-pressed:border-ink aria-pressed:bg-marker"
            onClick={() => onTake(blocks, further)}
          >
            {further ? "a step up from it" : "the same for this room"}
          </button>
        ))}
      </span>
    </fieldset>
  );
}
