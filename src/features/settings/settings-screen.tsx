"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { STANCES } from "@/core/class/document";
import { POSITIONS } from "@/core/moves/move";
import { readSettings, SETTINGS, type Settings } from "@/core/settings/settings";
import { faultLine } from "@/core/values/faults";
import { SignOut } from "@/features/account/sign-out";
import { useWords } from "@/features/language/use-words";
import { TwoVersions } from "@/features/records/two-versions";
import { useRecord } from "@/features/records/use-record";
import { Button, ButtonLink } from "@/ui/button";
import { PLACES, TopLine } from "@/ui/top-line";
import { type MemberLine, Members } from "./members";
import { DeviceSettings, TeachingSettings } from "./teaching-settings";

type Tree = { readonly [key: string]: unknown };
type Path = readonly (string | number)[];

function valueAt(tree: unknown, path: Path): unknown {
  return path.reduce<unknown>((now, step) => (now as Tree | undefined)?.[step], tree);
}

/** A copy of the changes with one number put in; a range is written whole. */
function withValue(tree: Tree, path: Path, value: unknown): Tree {
  const [step, ...rest] = path;
  if (step === undefined) return tree;
  return { ...tree, [step]: rest.length === 0 ? value : withValue((tree[step] ?? {}) as Tree, rest, value) };
}

const STANCE_ROWS = [
  ["timeBackSeconds", "Seconds until the same muscle works hard again"],
  ["restSeconds", "Seconds between moves"],
  ["betweenRoundsSeconds", "Seconds between rounds"],
  ["workRest", "Work ÷ rest"],
  ["weekSets", "Hard sets a muscle and week"],
] as const;
const NUMBERS: readonly (readonly [Path, string])[] = [
  [["thresholds", "wordsPerSecond"], "Words a second when speaking"],
  [["thresholds", "lengthToleranceSeconds"], "Seconds by which the length may miss"],
  [["thresholds", "waterEverySeconds"], "Seconds without water, at the most"],
  [["thresholds", "longStretchSeconds"], "Seconds from which a stretch is long"],
  [["thresholds", "gripSeconds"], "Seconds of gripping without a rest"],
  [["thresholds", "earlySeconds"], "Seconds that count as early"],
  [["thresholds", "earlyEffort"], "Effort that is too much early"],
  [["thresholds", "upAndDown"], "Changes between standing and floor"],
  [["thresholds", "landings", "flat"], "Landings at easier"],
  [["thresholds", "landings", "natural"], "Landings as set"],
  [["thresholds", "landings", "sharp"], "Landings at harder"],
  [["thresholds", "exposureHours"], "Hours between hard exposures"],
  [["changeOver", "otherKit"], "Seconds to put down or take up a thing"],
  [["changeOver", "changeLoad"], "Seconds to change plates or packing"],
  [["changeOver", "sideHeld"], "Seconds to change sides with something held"],
  [["changeOver", "sideLying"], "Seconds to change sides lying"],
];

type Put = (path: Path, value: unknown) => void;

/** The studio's numbers: what the read-through judges by, and how long changing over takes. */
export function SettingsScreen(props: {
  readonly studio: string;
  readonly stored: Tree;
  readonly members: readonly MemberLine[];
  readonly owner: boolean;
  /** The studio's people, of whom the instructor may be one. */
  readonly people: readonly { readonly id: string; readonly name: string }[];
}) {
  const router = useRouter();
  const record = useRecord<Tree>("/api/settings", "settings", props.stored);
  const [changes, setChanges] = useState<Tree>(props.stored);
  const [turn, setTurn] = useState(record.turn);
  if (turn !== record.turn) {
    setTurn(record.turn);
    setChanges(record.now);
  }
  const read = readSettings(changes);
  const shown = read.ok ? read.value : SETTINGS;
  const put: Put = (path, value) => setChanges((now) => withValue(now, path, value));
  const save = async () => {
    if (!read.ok) return;
    tell(await record.store(changes));
  };
  const tell = (trouble: Awaited<ReturnType<typeof record.store>>) => {
    if (trouble === null) {
      toast.success("The settings are saved.");
      router.refresh();
    } else if (trouble !== "met") toast.error(trouble.message);
  };
  return (
    <>
      <TopLine here="Settings" places={PLACES}>
        <ButtonLink look="bare" href="/account">
          Account
        </ButtonLink>
        <SignOut name={props.studio} />
      </TopLine>
      <main className="mx-auto max-w-6xl px-6 py-5">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">Settings</h1>
          <div className="flex gap-2">
            {props.owner ? (
              <>
                <Button onClick={() => setChanges({})}>Back to the defaults</Button>
                <Button look="solid" disabled={!read.ok} onClick={save}>
                  Save
                </Button>
              </>
            ) : (
              <span className="text-quiet">Only the owner changes these.</span>
            )}
          </div>
        </div>
        {record.meets.length > 0 && (
          <TwoVersions meets={record.meets} onChoose={async (holds) => tell(await record.choose(holds))} />
        )}
        {!read.ok && (
          <div role="alert" className="mt-3 border-l-4 border-rust pl-3 text-rust">
            {read.error.map((fault) => (
              <p key={fault.path}>{faultLine(fault)}</p>
            ))}
          </div>
        )}
        <div className="mt-4 grid gap-x-10 gap-y-6 md:grid-cols-[1.3fr_1fr]">
          <section aria-labelledby="stances">
            <h2 id="stances" className="text-lg font-bold">
              What a stance keeps to
            </h2>
            <StanceTable changes={changes} put={put} />
            <h2 className="mt-6 text-lg font-bold">Seconds from one position into another</h2>
            <PositionTable shown={shown} put={put} />
          </section>
          <div>
            <TeachingSettings
              value={shown.teaching}
              onChange={(key, value) => put(["teaching", key], value)}
            />
            <DeviceSettings people={props.people} />
            <Members members={props.members} owner={props.owner} />
          </div>
          <OtherNumbers changes={changes} put={put} />
        </div>
      </main>
    </>
  );
}

function Num(props: {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <input
      aria-label={props.label}
      inputMode="decimal"
      className="min-h-[24px] w-12 border-b-2 border-pine bg-transparent text-center font-bold focus:bg-marker focus:outline-none"
      value={draft ?? String(Math.round(props.value * 100) / 100)}
      onBlur={() => setDraft(null)}
      onChange={(event) => {
        setDraft(event.target.value);
        const value = Number(event.target.value.replace(",", "."));
        if (event.target.value.trim() !== "" && Number.isFinite(value)) props.onChange(value);
      }}
    />
  );
}

/** From and to, for each stance. */
function StanceTable({ changes, put }: { readonly changes: Tree; readonly put: Put }) {
  const words = useWords();
  return (
    <table className="mt-1 w-full border-collapse">
      <thead>
        <tr className="border-b border-hairline text-left text-quiet">
          <th className="py-1 font-semibold">From and to</th>
          {STANCES.map((stance) => (
            <th key={stance} className="w-32 font-semibold">
              {words.name("stance", stance)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {STANCE_ROWS.map(([key, meaning]) => (
          <tr key={key} className="border-b border-hairline">
            <td className="py-1">{meaning}</td>
            {STANCES.map((stance) => {
              const path = ["thresholds", "stance", stance, key];
              const range = (valueAt(changes, path) ?? valueAt(SETTINGS, path)) as [number, number];
              return (
                <td key={stance} className="whitespace-nowrap">
                  <Num
                    label={`${words.name("stance", stance)}: ${meaning}, from`}
                    value={range[0]}
                    onChange={(value) => put(path, [value, range[1]])}
                  />
                  –
                  <Num
                    label={`${words.name("stance", stance)}: ${meaning}, to`}
                    value={range[1]}
                    onChange={(value) => put(path, [range[0], value])}
                  />
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How long it takes from each position into each other one. */
function PositionTable({ shown, put }: { readonly shown: Settings; readonly put: Put }) {
  const words = useWords();
  return (
    <table className="mt-1 w-full border-collapse text-sm">
      <thead>
        <tr className="border-b border-hairline text-left text-quiet">
          <th className="py-1 font-semibold">from · into</th>
          {POSITIONS.map((to) => (
            <th key={to} className="font-semibold">
              {to === "half-kneeling" ? "half kn." : words.name("position", to)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {POSITIONS.map((from) => (
          <tr key={from} className="border-b border-hairline">
            <th scope="row" className="py-0.5 text-left font-normal">
              {words.name("position", from)}
            </th>
            {POSITIONS.map((to) => (
              <td key={to}>
                {from === to ? (
                  <span className="text-quiet">–</span>
                ) : (
                  <Num
                    label={`Seconds from ${from} into ${to}`}
                    value={shown.changeOver.position[from][to]}
                    onChange={(value) => put(["changeOver", "position", from, to], value)}
                  />
                )}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What is one number each. */
function OtherNumbers({ changes, put }: { readonly changes: Tree; readonly put: Put }) {
  return (
    <section aria-labelledby="numbers" className="md:col-span-2">
      <h2 id="numbers" className="text-lg font-bold">
        Other numbers
      </h2>
      <div className="grid gap-x-10 md:grid-cols-2">
        {NUMBERS.map(([path, meaning]) => (
          <div
            key={path.join(".")}
            className="flex items-baseline justify-between border-b border-hairline py-1"
          >
            <span>{meaning}</span>
            <Num
              label={meaning}
              value={(valueAt(changes, path) ?? valueAt(SETTINGS, path)) as number}
              onChange={(value) => put(path, value)}
            />
          </div>
        ))}
      </div>
    </section>
  );
}
