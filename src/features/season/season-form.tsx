"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useMemo, useState } from "react";
import { api } from "@/browser/api";
import { zoneName } from "@/core/live/when";
import { EASIER_EVERY, MOST_WEEKS, planFaults, type SeasonPlan, seasonDates } from "@/core/season/pattern";
import { useTexts } from "@/features/language/use-texts";
import { type Named, WhoIsAsked } from "@/features/sessions/who-is-asked";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";
import { Choice, Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import type { PlainKey } from "@/words/screens/screens";
import { SeasonDays } from "./season-days";

const TROUBLE: Partial<Record<keyof SeasonPlan, PlainKey<"season">>> = {
  from: "firstDayIsntDate",
  off: "daysOffDatesSuch",
  lines: "eachDayHasWeekday",
};

/** What the pattern itself is: when, on which days, how it grows. */
function PlanFields(props: {
  readonly plan: SeasonPlan;
  readonly classes: readonly Named[];
  readonly off: string;
  readonly onOff: (text: string) => void;
  readonly onChange: (change: Partial<SeasonPlan>) => void;
}) {
  const t = useTexts("season");
  const { plan, classes, off, onOff: setOff, onChange: set } = props;
  const zones = useMemo(() => Intl.supportedValuesOf("timeZone"), []);
  return (
    <>
      <div className="grid grid-cols-[1fr_6rem_1fr] gap-3">
        <Field
          label={t("firstDay")}
          type="date"
          value={plan.from}
          onChange={(event) => set({ from: event.target.value })}
        />
        <Field
          label={t("weeks")}
          inputMode="numeric"
          value={Number.isNaN(plan.weeks) ? "" : String(plan.weeks)}
          onChange={(event) =>
            set({ weeks: event.target.value === "" ? Number.NaN : Number(event.target.value) })
          }
        />
        <Choice
          label={t("timeZone")}
          value={plan.timeZone}
          onChange={(event) => set({ timeZone: event.target.value })}
        >
          {(zones.includes(plan.timeZone) ? zones : [plan.timeZone, ...zones]).map((zone) => (
            <option key={zone} value={zone}>
              {zoneName(zone)} ({zone})
            </option>
          ))}
        </Choice>
      </div>
      <SeasonDays lines={plan.lines} classes={classes} onChange={(lines) => set({ lines })} />
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label={t("classesGrow")}
          value={String(plan.growEvery)}
          onChange={(event) => set({ growEvery: Number(event.target.value) })}
        >
          <option value="1">{t("stepEveryWeek")}</option>
          <option value="2">{t("stepEverySecondWeek")}</option>
          <option value="0">{t("notByThemselves")}</option>
        </Choice>
        <Choice
          label={t("easierWeek")}
          value={String(plan.easierEvery)}
          onChange={(event) => set({ easierEvery: Number(event.target.value) })}
        >
          {EASIER_EVERY.map((every) => (
            <option key={every} value={every}>
              {every === 0 ? t("none") : t("everyWeeks", { every })}
            </option>
          ))}
        </Choice>
      </div>
      <Field
        label={t("daysOffWithCommas")}
        placeholder="2026-12-24, 2026-12-31"
        value={off}
        onChange={(event) => setOff(event.target.value)}
      />
      <Field
        label={t("howOftenAnnouncedYour")}
        placeholder={t("everyOtherDay")}
        value={plan.says}
        maxLength={500}
        onChange={(event) => set({ says: event.target.value })}
      />
    </>
  );
}

/** A season as a pattern: weekdays with their classes, weeks, growth, days off, and who is asked. */
export function SeasonForm(props: {
  readonly classes: readonly Named[];
  readonly people: readonly Named[];
  readonly from: string;
  readonly timeZone: string;
}) {
  const t = useTexts("season");
  const { classes, people } = props;
  const router = useRouter();
  const [title, setTitle] = useState("");
  const [off, setOff] = useState("");
  const [plan, setPlan] = useState<SeasonPlan>({
    from: props.from,
    weeks: 6,
    timeZone: props.timeZone,
    lines: [
      { weekday: 2, time: "19:00", classId: classes[0]?.id ?? "", focus: "" },
      { weekday: 5, time: "19:00", classId: (classes[1] ?? classes[0])?.id ?? "", focus: "" },
    ],
    growEvery: 1,
    easierEvery: 4,
    off: [],
    says: "",
  });
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(people.map(({ id }) => id)));
  const [trouble, setTrouble] = useState<string | null>(null);
  const set = (change: Partial<SeasonPlan>) => setPlan({ ...plan, ...change });
  const whole: SeasonPlan = {
    ...plan,
    off: off.split(/[\s,;]+/).filter(Boolean),
  };
  const faults = planFaults(whole);
  const dates = faults.length === 0 ? seasonDates(whole).filter((date) => !date.off).length : 0;
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const [fault] = faults;
    if (title.trim() === "") return setTrouble(t("needsName"));
    if (fault === "weeks") return setTrouble(t("weeksFault", { most: MOST_WEEKS }));
    if (fault) return setTrouble(t(TROUBLE[fault] ?? "somethingCantBeSo"));
    const all = chosen.size === people.length ? null : [...chosen];
    const reply = await api<{ id: string }>("POST", "/api/seasons", {
      title: title.trim(),
      plan: whole,
      people: all,
    });
    if (reply.ok) router.push(`/seasons/${reply.value.id}`);
    else setTrouble(reply.failure.message);
  };
  return (
    <>
      <TopLine here="season" places={PLACES} />
      <main className="mx-auto max-w-5xl px-6 py-6">
        <h1 className="border-b-2 border-ink pb-2 text-2xl font-bold">{t("season2")}</h1>
        <form
          onSubmit={submit}
          noValidate
          className="mt-4 grid grid-cols-[minmax(0,1fr)_20rem] gap-x-10 max-[900px]:grid-cols-1"
        >
          <div className="space-y-4">
            <Field
              label={t("name")}
              value={title}
              maxLength={120}
              onChange={(event) => setTitle(event.target.value)}
            />
            <PlanFields plan={plan} classes={classes} off={off} onOff={setOff} onChange={set} />
            <Trouble>{trouble}</Trouble>
            <p className="flex items-baseline gap-4">
              <Button look="solid" type="submit">
                {t("make")}
              </Button>
              <span className="text-quiet">{t("datesMade", { dates })}</span>
            </p>
          </div>
          <WhoIsAsked people={people} chosen={chosen} onChoose={setChosen} />
        </form>
      </main>
    </>
  );
}
