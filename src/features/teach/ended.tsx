import Link from "next/link";
import type { SessionEvent } from "@/core/live/events";
import type { LiveScore } from "@/core/live/live-score";
import { staysOf } from "@/core/live/trace";
import { clockText } from "@/core/units";

/** The class is over: what it took, and where its log is. */
export function Ended(props: {
  readonly id: string;
  readonly title: string;
  readonly classId: string | null;
  readonly events: readonly SessionEvent[];
  readonly score: LiveScore;
}) {
  const ended = props.events.find((event) => event.kind === "end");
  const stays = staysOf(props.score, props.events, ended?.atMs ?? 0);
  const first = stays[0];
  const last = stays.at(-1);
  const took = first && last ? Math.round((last.toMs - first.fromMs) / 1000) : 0;
  return (
    <main
      className="night grid min-h-screen place-content-center gap-6 bg-night px-8 text-night-text"
      data-phase="ended"
    >
      <h1 className="text-6xl font-extrabold">The class is over</h1>
      <p className="text-3xl">
        {props.title}: took <b>{clockText(took)}</b>, planned <b>{clockText(props.score.totalMs / 1000)}</b>.
      </p>
      <p className="flex gap-6 text-2xl">
        <Link className="font-bold underline underline-offset-4" href={`/sessions/${props.id}`}>
          Write it up
        </Link>
        {props.classId && (
          <Link className="underline underline-offset-4" href={`/classes/${props.classId}`}>
            Back to the Desk
          </Link>
        )}
        <Link className="underline underline-offset-4" href="/sessions">
          All sessions
        </Link>
      </p>
    </main>
  );
}
