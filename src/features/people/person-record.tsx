import Link from "next/link";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { ButtonLink } from "@/ui/button";
import { wordsIn } from "@/words/languages";
import { effortText } from "@/words/log-words";

export interface HistoryLine {
  readonly sessionId: string;
  readonly title: string;
  readonly when: string;
  readonly present: boolean;
  readonly effort: number | null;
  readonly note: string | null;
  readonly hurt: number;
  readonly done: readonly { readonly name: string; readonly text: string }[];
}

/** What a person did in the classes so far, the last first. */
export function PersonHistory({ lines }: { readonly lines: readonly HistoryLine[] }) {
  const words = wordsIn(HOUSE_LANGUAGE);
  const there = lines.filter((line) => line.present).length;
  return (
    <section aria-labelledby="history" className="mt-6 border-t border-hairline pt-3">
      <h2 id="history" className="text-lg font-bold">
        Classes so far
      </h2>
      {lines.length === 0 ? (
        <p className="text-quiet">None yet. After a class what they did stands here.</p>
      ) : (
        <>
          <p className="text-quiet">
            There in {there} of {lines.length}.
          </p>
          <ul>
            {lines.map((line) => (
              <li
                key={line.sessionId}
                className="grid grid-cols-[7rem_14rem_9rem_1fr] gap-x-4 border-t border-hairline py-1.5"
              >
                <span>{line.when}</span>
                <Link
                  className="font-bold underline decoration-hairline underline-offset-4"
                  href={`/sessions/${line.sessionId}`}
                >
                  {line.title}
                </Link>
                <span>
                  {!line.present
                    ? "not there"
                    : line.effort === null
                      ? "effort not said"
                      : `effort ${line.effort}, ${effortText(line.effort, words)}`}
                </span>
                <span className="text-sm text-quiet">
                  {line.hurt > 0 && <b className="border-l-4 border-stop pl-1.5 text-ink">reported pain. </b>}
                  {line.done.map(({ name, text }) => `${name} ${text}`).join(" · ")}
                  {line.note && <i> “{line.note}”</i>}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** Readiness as far as the instructor may know it, and everything that is kept, as a file. */
export function PersonKept(props: {
  readonly id: string;
  readonly name: string;
  readonly readiness: { readonly due: boolean; readonly askFirst: boolean; readonly minor: boolean };
  readonly owner: boolean;
}) {
  const { readiness } = props;
  return (
    <section aria-labelledby="kept" className="mt-6 border-t border-hairline pt-3">
      <h2 id="kept" className="text-lg font-bold">
        Readiness, and what is kept
      </h2>
      <p className="max-w-2xl">
        {readiness.askFirst ? (
          <b>{props.name} lets you know that something in their answers asks for a professional first. </b>
        ) : readiness.due ? (
          "The readiness check is to be answered, on their own page. "
        ) : (
          "The readiness check was answered within the last twelve weeks. "
        )}
        {readiness.minor && "Under 18: a guardian agrees, whose name stays sealed. "}
        <span className="text-quiet">
          You see limits, never answers. Nothing here clears anybody: local rules, and licensed practice, are
          yours to follow.
        </span>
      </p>
      {props.owner && (
        <p className="mt-2">
          <ButtonLink href={`/api/people/${props.id}/data`} plain>
            Everything that is kept, as a file
          </ButtonLink>
        </p>
      )}
    </section>
  );
}
