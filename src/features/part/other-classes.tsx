import { useWords } from "@/features/language/use-words";
import { whenText } from "@/words/own-words";
import type { OwnPage } from "./own-page";

/** A person's other classes: those ahead, and those of the last week. */
export function OtherClasses(props: OwnPage) {
  const words = useWords();
  const { token, others, pinned, person } = props;
  if (others.length === 0 && !pinned) return null;
  return (
    <section className="mt-4 border-t-2 border-ink pt-2" aria-labelledby="other-classes">
      <h2 id="other-classes" className="text-xl font-bold">
        {words.phrase("part", "otherClasses")}
      </h2>
      {pinned && (
        <p>
          <a className="font-bold underline underline-offset-4" href={`/p/${token}`}>
            {words.phrase("part", "pageNow")}
          </a>
        </p>
      )}
      <ul className="text-base">
        {others.map(({ id, title, over, startsAtMs }) => (
          <li key={id} className="border-b border-hairline py-1.5" suppressHydrationWarning>
            <a className="underline underline-offset-4" href={`/p/${token}?session=${id}`}>
              {title}
            </a>
            <span className="text-quiet">
              {" "}
              {over
                ? words.phrase("part", "sayHow", { when: whenText(startsAtMs, person.timeZone, words) })
                : whenText(startsAtMs, person.timeZone, words)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
