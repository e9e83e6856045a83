"use client";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { useEffect, useState } from "react";
import { type ClassDoc, findSlot, type Slot } from "@/core/class/document";
import type { NextThings } from "@/core/engine/engine";
import type { Person } from "@/core/homes/home";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import type { Part, PartSlot } from "@/core/parts/part";
import { reachableFrom } from "@/core/parts/reach";
import { shortBefore } from "@/core/parts/room-rows";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { stopText } from "@/words/dose-words";
import { kitText } from "@/words/kit-words";
import { dearerText, statusText, usesText, whyText } from "@/words/part-words";
import type { Say } from "@/words/screens/screens";
import type { Words } from "@/words/words";
import { Announce } from "./announce";
import type { RoomChoice } from "./room-grid";
import type { Room } from "./use-parts";

/** What the instructor chooses for one person in one slot: for this class, or whenever that move is set. */
export interface Overrule {
  readonly once: (slot: Slot, person: Person, move: string | null) => void;
  readonly always: (from: string, person: Person, move: string | null) => void;
}

/** The address of the page of what somebody has at home; null where they have none. */
export type HomeOf = (person: string) => string | null;

interface PanelProps {
  readonly homeOf: HomeOf;
  readonly doc: ClassDoc;
  readonly room: Room;
  readonly book: MoveBook;
  readonly choice: RoomChoice;
  readonly onChoose: (choice: RoomChoice) => void;
  readonly overrule: Overrule;
}

/** The panel beside the room: a person's whole part, one cell of it, or what to announce. */
export function RoomPanel(props: PanelProps) {
  const t = useTexts("room");
  const { room, choice } = props;
  const person = room.people.find((entry) => entry.id === choice.person);
  const part = room.parts.find((entry) => entry.person === choice.person);
  const next = useNextThings(room);
  return (
    <aside
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
      tabIndex={0}
      aria-label={t("aboutRoom")}
      className="h-full overflow-auto border-l-2 border-ink px-4 py-3"
    >
      {person && part ? (
        choice.slot === null ? (
          <WholePart {...props} person={person} part={part} next={next} />
        ) : (
          <Cell
            key={`${person.id} ${choice.slot}`}
            {...props}
            person={person}
            part={part}
            slotId={choice.slot}
          />
        )
      ) : (
        <Announce room={room} next={next} doc={props.doc} book={props.book} />
      )}
    </aside>
  );
}

/** The one thing to own next, asked for when nothing has changed for a moment. */
function useNextThings(room: Room): NextThings | null {
  const [known, setKnown] = useState<NextThings | null>(null);
  const { next, parts } = room;
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when the parts are others
  useEffect(() => {
    const timer = setTimeout(() => void next().then(setKnown), 600);
    return () => clearTimeout(timer);
  }, [parts]);
  return known;
}

function doses(slot: PartSlot, words: Words, t: Say<"room">): string {
  const shares = slot.shares ? t("shares", { a: slot.shares[0], b: slot.shares[1] }) : null;
  return [shares, stopText(slot.seconds, words), slot.note].filter(Boolean).join("; ");
}

function WholePart(
  props: PanelProps & { readonly person: Person; readonly part: Part; readonly next: NextThings | null },
) {
  const t = useTexts("room");
  const words = useWords();
  const { person, part } = props;
  const kit = person.kit ?? [];
  const bring = part.bring.flatMap(({ kit: id, count }) => {
    const item = kit.find((entry) => entry.id === id);
    return item ? [kitText(item, words, person.units, count)] : [];
  });
  const own = props.next?.each.find(([id]) => id === person.id)?.[1];
  const pathname = usePathname();
  const home = props.homeOf(person.id);
  return (
    <>
      <h2 className="text-lg font-bold leading-tight">{person.name}</h2>
      <p className="text-quiet">
        {part.homeKnown
          ? t("brings", { things: bring.length > 0 ? bring.join(", ") : "no" })
          : t("hasNotSaidYet")}
      </p>
      {!part.exact && <p className="text-quiet">{t("thereSoManyWays")}</p>}
      {home && (
        <Link
          className="underline underline-offset-2"
          href={`${home}?back=${encodeURIComponent(`${pathname}#room`)}`}
        >
          {t("whatHome")}
        </Link>
      )}
      {own && (
        <p className="text-quiet">
          {t("wouldTurnThese", { thing: words.name("thing", own.thing), slots: own.slots })}
        </p>
      )}
      <ol className="mt-2">
        {part.slots.map((slot) => (
          <PartLine
            key={slot.slot}
            slot={slot}
            person={person}
            part={part}
            onOpen={() => props.onChoose({ person: person.id, slot: slot.slot })}
          />
        ))}
      </ol>
    </>
  );
}

/** A person's part with the best other ways of every slot, asked for when it is looked at. */
function useExplained({ explain, parts }: Room, person: Person): Part | null {
  const [explained, setExplained] = useState<Part | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when the parts are others
  useEffect(() => {
    let gone = false;
    void explain(person).then((part) => !gone && setExplained(part));
    return () => {
      gone = true;
    };
  }, [parts, person]);
  return explained;
}

function Cell(props: PanelProps & { readonly person: Person; readonly part: Part; readonly slotId: string }) {
  const t = useTexts("room");
  const words = useWords();
  const { person, room, book, overrule } = props;
  const found = findSlot(props.doc, props.slotId);
  const explained = useExplained(room, person);
  const slot = (explained ?? props.part).slots.find((entry) => entry.slot === props.slotId);
  if (!found || !slot) return null;
  const set = found.slot;
  const short = shortBefore(props.part, set.id);
  return (
    <>
      <button
        type="button"
        className="text-quiet underline underline-offset-2"
        onClick={() => props.onChoose({ person: person.id, slot: null })}
      >
        {person.name}
      </button>
      <h2 className="text-lg font-bold leading-tight">{slot.name}</h2>
      <p className={slot.status === "unmet" ? "font-bold text-rust" : "text-quiet"}>
        {t("setIs", { status: statusText(slot, words), name: resolveMove(set.move, book).name })}
      </p>
      <p className="mt-2">{whyText(slot, words)}</p>
      {slot.predicted && <p className="mt-1 text-sm text-quiet">{t("tenPeopleLikeSix")}</p>}
      {slot.adjust.length > 1 && (
        <p className="text-quiet">
          {t("orElse", {
            ways: slot.adjust
              .slice(1)
              .map((reason) => words.say("adjust", reason))
              .join(" "),
          })}
        </p>
      )}
      {doses(slot, words, t) && <p className="mt-1">{doses(slot, words, t)}</p>}
      {short > 0 && <p className="mt-1 text-rust">{t("shortWorst", { short })}</p>}
      {slot.instead.length > 0 && (
        <div className="mt-3 border-t border-hairline pt-2">
          <h3 className="font-bold">{t("insteadThereWas")}</h3>
          {slot.instead.map((other) => (
            <p key={other.move}>
              {other.name}: <span className="text-quiet">{dearerText(other, words)}</span>
            </p>
          ))}
        </div>
      )}
      <OwnChoice doc={props.doc} slot={set} person={person} book={book} overrule={overrule} />
    </>
  );
}

/** What the instructor chooses for this person in this slot: for this class, or always. */
function OwnChoice({
  doc,
  slot,
  person,
  book,
  overrule,
}: {
  readonly doc: ClassDoc;
  readonly slot: Slot;
  readonly person: Person;
  readonly book: MoveBook;
  readonly overrule: Overrule;
}) {
  const t = useTexts("room");
  const standing = typeof slot.move === "string" ? person.always?.[slot.move] : undefined;
  const once = doc.overruled?.find((entry) => entry.slot === slot.id && entry.person === person.id);
  const reachable = reachableFrom(resolveMove(slot.move, book), book)
    .filter(({ move }) => move.id !== null && !move.gym)
    .sort((a, b) => a.move.name.localeCompare(b.move.name, "en"));
  return (
    <div className="mt-3 border-t-2 border-ink pt-2">
      <label className="block">
        <span className="font-bold">{t("yourChoiceClass")}</span>
        <select
          className="mt-1 w-full border border-quiet bg-white px-2 py-1.5"
          value={once?.move ?? ""}
          onChange={(event) => overrule.once(slot, person, event.target.value || null)}
        >
          <option value="">{t("workedOut")}</option>
          {reachable.map(({ move }) => (
            <option key={move.id} value={move.id ?? ""}>
              {move.name}
            </option>
          ))}
        </select>
      </label>
      {once && typeof slot.move === "string" && (
        <Button
          look="bare"
          className="px-0"
          onClick={() => {
            overrule.always(slot.move as string, person, once.move);
            overrule.once(slot, person, null);
          }}
        >
          {t("keepSoEveryClass")}
        </Button>
      )}
      {standing && typeof slot.move === "string" && (
        <p className="mt-2">
          {t("everyClass", {
            person: person.name.split(" ")[0] ?? "",
            name: book.get(standing)?.name ?? standing,
          })}{" "}
          <Button
            look="bare"
            className="px-0"
            onClick={() => overrule.always(slot.move as string, person, null)}
          >
            {t("undo")}
          </Button>
        </p>
      )}
    </div>
  );
}

/** A slot of a whole part: what is done, with what, and whether there is time to change. */
function PartLine({
  slot,
  person,
  part,
  onOpen,
}: {
  readonly slot: PartSlot;
  readonly person: Person;
  readonly part: Part;
  readonly onOpen: () => void;
}) {
  const t = useTexts("room");
  const words = useWords();
  const short = shortBefore(part, slot.slot);
  const held = usesText(slot.uses, person, words);
  const line = part.changeovers.find((other) => other.to === slot.slot && other.short === short);
  return (
    <li className="border-t border-hairline py-1">
      <button type="button" className="w-full text-left" onClick={onOpen}>
        <span className="flex justify-between gap-2">
          <b>{slot.name}</b>
          <span className={slot.status === "unmet" ? "font-bold text-rust" : "whitespace-nowrap text-quiet"}>
            {statusText(slot, words)}
          </span>
        </span>
        {(held || doses(slot, words, t)) && (
          <span className="block text-quiet">{[held, doses(slot, words, t)].filter(Boolean).join("; ")}</span>
        )}
        {short > 0 && line && (
          <span className="block text-sm text-rust">
            {t("needsHas", { needs: line.needs, gap: line.gap })}
          </span>
        )}
      </button>
    </li>
  );
}
