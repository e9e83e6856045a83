"use client";
/** What somebody is to do next in this class, and of a shared room what is whose. */
import type { ClassDoc } from "@/core/class/document";
import type { Part, SharedThing } from "@/core/parts/part";
import { useWords } from "@/features/language/use-words";
import { kitName } from "@/words/kit-words";
import { goalText } from "@/words/progress-words";
import type { Words } from "@/words/words";

/** The next steps that their instructor set, where this class has them. */
export function OwnGoals({ part }: { readonly part: Part }) {
  const words = useWords();
  const goals = part.slots.flatMap(({ slot, name, goal }) => {
    const text = goal && goalText(goal, words);
    return text ? [{ slot, name, text }] : [];
  });
  if (goals.length === 0) return null;
  return (
    <section aria-labelledby="next-steps" className="mt-4">
      <h2 id="next-steps" className="text-xl font-bold">
        {words.phrase("part", "nextSteps")}
      </h2>
      <ul>
        {goals.map(({ slot, name, text }) => (
          <li key={slot} className="border-b border-hairline py-1">
            <b>{name}</b> <span>{text}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function thingsText(things: readonly SharedThing[], words: Words): string {
  return things
    .map(({ type, count, kg }) => {
      const name = kitName(type, count, words);
      const many = count > 1 ? `${count} ${name}` : name;
      return kg === undefined ? many : `${many} ${words.number(kg)} kg`;
    })
    .join(", ");
}

/** Two in one room: what is whose in each block. */
export function SharedRoom({ part, doc }: { readonly part: Part; readonly doc: ClassDoc }) {
  const words = useWords();
  const { shared } = part;
  if (!shared || shared.blocks.length === 0) return null;
  return (
    <section aria-labelledby="shared" className="mt-4">
      <h2 id="shared" className="text-xl font-bold">
        {words.phrase("part", "sharedWith", { name: shared.with })}
      </h2>
      <ul>
        {shared.blocks.map(({ block, mine, theirs, turns }) => (
          <li key={block} className="border-b border-hairline py-1">
            <b>{doc.blocks.find(({ id }) => id === block)?.title || words.phrase("part", "thisBlock")}</b>:{" "}
            {[
              mine.length > 0 && words.phrase("part", "youHave", { things: thingsText(mine, words) }),
              theirs.length > 0 &&
                words.phrase("part", "theyHave", { name: shared.with, things: thingsText(theirs, words) }),
              turns.length > 0 && words.phrase("part", "inTurns", { things: thingsText(turns, words) }),
            ]
              .filter(Boolean)
              .join("; ")}
          </li>
        ))}
      </ul>
    </section>
  );
}
