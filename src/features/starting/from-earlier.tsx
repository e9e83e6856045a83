"use client";
import type { ClassDoc } from "@/core/class/document";
import { bookFor } from "@/core/moves/book";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Chip } from "@/ui/chip";
import { blockName } from "@/words/block-words";

/** Which blocks of an earlier class are taken, and whether it goes a step further. */
export function FromEarlier(props: {
  readonly doc: ClassDoc;
  readonly blocks: readonly string[];
  readonly step: boolean;
  readonly onTake: (blocks: readonly string[], step: boolean) => void;
}) {
  const library = useLibrary();
  const t = useTexts("starting");
  const { doc, blocks, step, onTake } = props;
  const words = useWords();
  const ids = doc.blocks.map(({ id }) => id);
  return (
    <fieldset className="mt-3 flex flex-wrap items-baseline gap-x-4 gap-y-1 border-t border-hairline pt-2">
      <legend className="float-left mr-4 font-semibold">{t("ofIt")}</legend>
      {doc.blocks.map((block) => (
        <label key={block.id} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={blocks.includes(block.id)}
            onChange={(event) =>
              onTake(
                ids.filter((own) => (own === block.id ? event.target.checked : blocks.includes(own))),
                step,
              )
            }
          />
          {blockName(block, bookFor(doc, library), words)}
        </label>
      ))}
      <span className="ml-auto flex items-center gap-1.5">
        {([false, true] as const).map((further) => (
          <Chip key={`${further}`} pressed={step === further} onPress={() => onTake(blocks, further)}>
            {further ? t("stepUpFrom") : t("sameRoom")}
          </Chip>
        ))}
      </span>
    </fieldset>
  );
}
