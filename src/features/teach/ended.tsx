import Link from "next/link";
import { endOf } from "@/core/live/events";
import { canGoOn } from "@/core/live/go-on";
import type { LiveScore } from "@/core/live/live-score";
import { staysOf } from "@/core/live/trace";
import { clockText } from "@/core/units";
import type { Lead } from "@/features/live/use-lead";

/** The class is over: what it took, and where its log is. */
export function Ended(props: {
  readonly id: string;
  readonly title: string;
  readonly classId: string | null;
  readonly score: LiveScore;
  readonly lead: Lead;
}) {
  const { score, lead } = props;
  const ended = endOf(lead.events);
  const stays = staysOf(score, lead.events, ended?.atMs ?? 0);
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
        {props.title}: took <b>{clockText(took)}</b>, planned <b>{clockText(score.totalMs / 1000)}</b>.
      </p>
      {canGoOn(score, lead, lead.now()) && (
        <p>
          <button
            type="button"
            className="border-2 border-night-text px-5 py-2 text-2xl font-bold"
            onClick={() => lead.command("go-on")}
          >
            Not over: go on where it was
          </button>
          <span className="mt-1 block text-night-quiet">
            For a minute. What people left of where they are is gone with the end.
          </span>
        </p>
      )}
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
