"use client";
/** A class taught to simulated people before it is taught to anybody: how they are, then the class, then what it showed. */
import { useMemo, useState } from "react";
import type { SessionContent } from "@/core/live/session";
import { crowdOf, EVENINGS, type Evening } from "@/core/rehearsal/crowd";
import type { Rehearsal } from "@/core/rehearsal/rehearsal";
import { settingOf } from "@/core/rehearsal/setting";
import { RehearsalBefore } from "./rehearsal-before";
import { RehearsalLive } from "./rehearsal-live";
import { RehearsalReportPage } from "./rehearsal-report";
import type { Speed } from "./use-rehearsal";

interface Begun {
  readonly seed: number;
  readonly evening: Evening;
  readonly speed: Speed;
}

export function RehearsalScreen(props: {
  readonly classId: string;
  readonly content: SessionContent;
  readonly wordsPerSecond: number;
}) {
  const { classId, content, wordsPerSecond } = props;
  const setting = useMemo(() => settingOf(content), [content]);
  const [seed, setSeed] = useState(1);
  const [begun, setBegun] = useState<Begun | null>(null);
  const [over, setOver] = useState<Rehearsal | null>(null);
  const crowd = useMemo(() => {
    const people = content.parts.map(({ person }) => person);
    return crowdOf(
      people,
      setting.score.totalMs / 1000,
      begun?.seed ?? seed,
      EVENINGS[begun?.evening ?? "usual"],
    );
  }, [content.parts, setting, begun, seed]);
  const again = () => {
    setOver(null);
    setBegun(null);
    setSeed((n) => n + 1);
  };
  if (over)
    return <RehearsalReportPage {...{ classId, content, wordsPerSecond }} rehearsal={over} onAgain={again} />;
  if (!begun)
    return (
      <RehearsalBefore
        classId={classId}
        content={content}
        score={setting.score}
        onBegin={(evening, speed) => setBegun({ seed, evening, speed })}
      />
    );
  return (
    <RehearsalLive
      key={begun.seed}
      {...{ content, wordsPerSecond, setting, crowd }}
      seed={begun.seed}
      first={begun.speed}
      onOver={setOver}
    />
  );
}
