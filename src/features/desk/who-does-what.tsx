"use client";
import Link from "next/link";
import { memo, useMemo } from "react";
import { type ClassDoc, findSlot } from "@/core/class/document";
import type { Person } from "@/core/homes/home";
import { bookFor, resolveMove } from "@/core/moves/book";
import { kitToAnnounce } from "@/core/parts/announce";
import { canDo, type Group, groupsOf, mostCan } from "@/core/parts/groups";
import { levelNote, type Part, type PartSlot } from "@/core/parts/part";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { kitName } from "@/words/kit-words";
import { lowerFirst } from "@/words/letters";
import { needsText } from "@/words/need-words";
import { sharedWhyText, statusText, usesText, whyText } from "@/words/part-words";
import { dayText } from "@/words/when-words";
import type { Words } from "@/words/words";

/** For the selected slot: what each person does with what they have, and why. */
export const WhoDoesWhat = memo(function WhoDoesWhat(props: {
  readonly doc: ClassDoc;
  readonly slotId: string | null;
  readonly parts: readonly Part[];
  readonly people: readonly Person[];
}) {
  const library = useLibrary();
  const t = useTexts("desk");
  const words = useWords();
  const found = props.slotId ? findSlot(props.doc, props.slotId) : null;
  const move = found && resolveMove(found.slot.move, bookFor(props.doc, library));
  const { parts, people } = props;
  const kit = useMemo(() => kitToAnnounce(parts, people), [parts, people]);
  const slotId = found?.slot.id ?? null;
  const groups = useMemo(() => (slotId === null ? [] : groupsOf(parts, slotId)), [parts, slotId]);
  return (
    <>
      {props.people.length === 0 ? (
        <p className="mt-3">
          {t("nobodyListYet")}{" "}
          <Link className="underline" href="/people">
            {t("addPeopleWhatThey")}
          </Link>
          {t("thenShows")}
        </p>
      ) : !found || !move ? (
        <p className="mt-3 text-quiet">{t("chooseMoveSeeWho")}</p>
      ) : (
        <>
          <p className="mt-1 text-lg font-bold leading-tight">{move.name}</p>
          <p className="text-quiet">
            {t("needsLine", {
              kind: [
                move.pattern && words.name("pattern", move.pattern),
                move.position && words.name("position", move.position),
              ]
                .filter(Boolean)
                .join(", "),
              needs: needsText(move.needs, words),
            })}
          </p>
          <CanDo parts={props.parts} slotId={found.slot.id} />
          <ul className="mt-2">
            {groups.map((group) => (
              <GroupLine
                key={group.key}
                group={group}
                set={move.name}
                people={props.people}
                parts={props.parts}
              />
            ))}
          </ul>
        </>
      )}
      {kit.length > 0 && (
        <div className="mt-4 border-t-2 border-ink pt-2">
          <h3 className="font-bold">{t("kitAnnounce")}</h3>
          <p>
            {kit.map(({ type, people }, i) => (
              <span key={type}>
                {i > 0 && ", "}
                {kitName(type, 2, words)} <span className="text-quiet">({people})</span>
              </span>
            ))}
          </p>
          <p className="mt-1 text-sm text-quiet">{t("orderFirstUseBrackets")}</p>
        </div>
      )}
    </>
  );
});

/** How many do it as set and have left in it what was meant. */
function CanDo({ parts, slotId }: { readonly parts: readonly Part[]; readonly slotId: string }) {
  const t = useTexts("desk");
  const { can, of } = canDo(parts, slotId);
  const most = mostCan(parts, slotId);
  return (
    <p className="mt-1">
      <b>{t("canOf", { can, of })}</b>{" "}
      {t("canAsSet", { most: most && can * 2 < of ? most.amount : 0, unit: most?.unit ?? "reps" })}
    </p>
  );
}

/** One group: who, the status in words and mark, and what they do or hold. */
const GroupLine = memo(function GroupLine(props: {
  readonly group: Group;
  /** The name of the move that is set. */
  readonly set: string;
  readonly people: readonly Person[];
  readonly parts: readonly Part[];
}) {
  const t = useTexts("desk");
  const words = useWords();
  const { names, slot, key } = props.group;
  const plain = key === "plain";
  return (
    <li className="border-t border-hairline py-1.5">
      <div className="flex items-baseline justify-between gap-2">
        <b className="min-w-0">{names.length > 2 ? t("people", { n: names.length }) : words.and(names)}</b>
        <span className={slot.status === "unmet" ? "font-bold text-rust" : "whitespace-nowrap text-quiet"}>
          {statusText(slot, words)}
        </span>
      </div>
      {plain ? (
        <p className="text-quiet">{heldBy(slot.slot, props.parts, props.people, words).join("; ")}</p>
      ) : (
        <>
          {slot.status === "as-set" && slot.name !== props.set && <p>{slot.name}</p>}
          <p>{levelNote(slot) ?? (names.length > 1 ? sharedWhyText : whyText)(slot, words)}</p>
          {slot.own && slot.note && <p className="text-quiet">{t("youSay", { note: slot.note })}</p>}
          {names.length > 2 && <p className="text-quiet">{names.join(", ")}</p>}
        </>
      )}
    </li>
  );
});

/** What somebody holds, with the set that it is taken from where one is known. */
function knownText(held: string, { loadReason: from }: PartSlot, words: Words): string {
  if (from?.code !== "from-sets") return held;
  const { move } = from.move;
  return words.phrase("own", "knownFrom", {
    held,
    move: lowerFirst(move.name),
    day: dayText(from.day.day, words),
  });
}

/** First names of those who do what was set, each with what they use for it. */
function heldBy(slotId: string, parts: readonly Part[], people: readonly Person[], words: Words): string[] {
  return parts.flatMap((part) => {
    const own = part.slots.find((entry) => entry.slot === slotId);
    if (own?.status !== "as-set" || own.mark !== "natural") return [];
    // In kilograms for everybody: it is the instructor who compares them.
    const { kit: things = [] } = people.find((person) => person.id === part.person) ?? {};
    const kit = usesText(own.uses, { kit: things }, words);
    const name = part.name.split(" ")[0] ?? part.name;
    return [kit ? `${name}, ${knownText(kit, own, words)}` : name];
  });
}
