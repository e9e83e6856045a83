"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { STANCES } from "@/core/class/document";
import { POSITIONS } from "@/core/moves/move";
import { readSettings, SETTINGS, type Settings } from "@/core/settings/settings";
import { SignOut } from "@/features/account/sign-out";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { TwoVersions } from "@/features/records/two-versions";
import { useRecord } from "@/features/records/use-record";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button, ButtonLink } from "@/ui/button";
import { faultLineIn } from "@/words/refusals/faults";
import type { PlainKey } from "@/words/screens/screens";
import { BusyTimes } from "./busy-times";
import { type MemberLine, Members } from "./members";
import { MovingHouse } from "./moving-house";
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
  ["timeBackSeconds", "secondsUntilSameMuscle"],
  ["restSeconds", "secondsBetweenMoves"],
  ["betweenRoundsSeconds", "secondsBetweenRounds"],
  ["workRest", "workRest"],
  ["weekSets", "hardSetsMuscleWeek"],
] as const;
const NUMBERS: readonly (readonly [Path, PlainKey<"settings">])[] = [
  [["thresholds", "wordsPerSecond"], "wordsSecondWhenSpeaking"],
  [["thresholds", "lengthToleranceSeconds"], "secondsByWhichLength"],
  [["thresholds", "waterEverySeconds"], "secondsWithoutWaterMost"],
  [["thresholds", "longStretchSeconds"], "secondsFromWhichStretch"],
  [["thresholds", "gripSeconds"], "secondsGrippingWithoutRest"],
  [["thresholds", "earlySeconds"], "secondsCountEarly"],
  [["thresholds", "earlyEffort"], "effortTooMuchEarly"],
  [["thresholds", "upAndDown"], "changesBetweenStandingFloor"],
  [["thresholds", "landings", "flat"], "landingsEasier"],
  [["thresholds", "landings", "natural"], "landingsSet"],
  [["thresholds", "landings", "sharp"], "landingsHarder"],
  [["thresholds", "exposureHours"], "hoursBetweenHardExposures"],
  [["changeOver", "otherKit"], "secondsPutDownOr"],
  [["changeOver", "changeLoad"], "secondsChangePlatesOr"],
  [["changeOver", "sideHeld"], "secondsChangeSidesWith"],
  [["changeOver", "sideLying"], "secondsChangeSidesLying"],
];

type Put = (path: Path, value: unknown) => void;

/** The studio's numbers: what the read-through judges by, and how long changing over takes. */
export function SettingsScreen(props: {
  readonly studio: string;
  readonly stored: Tree;
  readonly members: readonly MemberLine[];
  readonly owner: boolean;
  /** Calendars of one's own that were taken in. */
  readonly calendars: readonly { readonly name: string; readonly ahead: number }[];
  /** The studio's people, of whom the instructor may be one. */
  readonly people: readonly { readonly id: string; readonly name: string }[];
}) {
  const t = useTexts("settings");
  const words = useWords();
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
      toast.success(t("settingsSaved"));
      router.refresh();
    } else if (trouble !== "met") toast.error(trouble.message);
  };
  return (
    <>
      <TopLine here="settings" places={PLACES}>
        <ButtonLink look="bare" href="/account">
          {t("account")}
        </ButtonLink>
        <SignOut name={props.studio} />
      </TopLine>
      <main className="mx-auto max-w-6xl px-6 py-5">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">{t("settings")}</h1>
          <div className="flex gap-2">
            {props.owner ? (
              <>
                <Button onClick={() => setChanges({})}>{t("backDefaults")}</Button>
                <Button look="solid" disabled={!read.ok} onClick={save}>
                  {t("save")}
                </Button>
              </>
            ) : (
              <span className="text-quiet">{t("onlyOwnerChangesThese")}</span>
            )}
          </div>
        </div>
        {record.meets.length > 0 && (
          <TwoVersions meets={record.meets} onChoose={async (holds) => tell(await record.choose(holds))} />
        )}
        {!read.ok && (
          <div role="alert" className="mt-3 border-l-4 border-rust pl-3 text-rust">
            {read.error.map((fault) => (
              <p key={fault.path}>{faultLineIn(fault, words)}</p>
            ))}
          </div>
        )}
        <div className="mt-4 grid gap-x-10 gap-y-6 md:grid-cols-[1.3fr_1fr]">
          <section aria-labelledby="stances">
            <h2 id="stances" className="text-lg font-bold">
              {t("whatStanceKeeps")}
            </h2>
            <StanceTable changes={changes} put={put} />
            <h2 className="mt-6 text-lg font-bold">{t("secondsFromOnePosition")}</h2>
            <PositionTable shown={shown} put={put} />
          </section>
          <div>
            <TeachingSettings
              value={shown.teaching}
              onChange={(key, value) => put(["teaching", key], value)}
            />
            <DeviceSettings people={props.people} />
            <Members members={props.members} owner={props.owner} />
            <BusyTimes calendars={props.calendars} timeZone={shown.teaching.timeZone} />
            {props.owner && <MovingHouse />}
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
  const t = useTexts("settings");
  const words = useWords();
  return (
    <table className="mt-1 w-full border-collapse">
      <thead>
        <tr className="border-b border-hairline text-left text-quiet">
          <th className="py-1 font-semibold">{t("from")}</th>
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
            <td className="py-1">{t(meaning)}</td>
            {STANCES.map((stance) => {
              const path = ["thresholds", "stance", stance, key];
              const range = (valueAt(changes, path) ?? valueAt(SETTINGS, path)) as [number, number];
              return (
                <td key={stance} className="whitespace-nowrap">
                  <Num
                    label={t("boundFrom", { stance: words.name("stance", stance), meaning: t(meaning) })}
                    value={range[0]}
                    onChange={(value) => put(path, [value, range[1]])}
                  />
                  –
                  <Num
                    label={t("boundTo", { stance: words.name("stance", stance), meaning: t(meaning) })}
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
  const t = useTexts("settings");
  const words = useWords();
  return (
    <table className="mt-1 w-full border-collapse text-sm">
      <thead>
        <tr className="border-b border-hairline text-left text-quiet">
          <th className="py-1 font-semibold">{t("fromInto")}</th>
          {POSITIONS.map((to) => (
            <th key={to} className="font-semibold">
              {to === "half-kneeling" ? t("halfKn") : words.name("position", to)}
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
                    label={t("secondsFromInto", { from, to })}
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
  const t = useTexts("settings");
  return (
    <section aria-labelledby="numbers" className="md:col-span-2">
      <h2 id="numbers" className="text-lg font-bold">
        {t("otherNumbers")}
      </h2>
      <div className="grid gap-x-10 md:grid-cols-2">
        {NUMBERS.map(([path, meaning]) => (
          <div
            key={path.join(".")}
            className="flex items-baseline justify-between border-b border-hairline py-1"
          >
            <span>{t(meaning)}</span>
            <Num
              label={t(meaning)}
              value={(valueAt(changes, path) ?? valueAt(SETTINGS, path)) as number}
              onChange={(value) => put(path, value)}
            />
          </div>
        ))}
      </div>
    </section>
  );
}
