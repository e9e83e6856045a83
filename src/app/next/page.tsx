import { LIBRARY_BOOK } from "@/core/moves/library";
import { NextScreen } from "@/features/next/next-screen";
import { classSteps } from "@/server/class-step";
import { nextOfRoom } from "@/server/progress";
import { requireInstructor } from "@/server/who";
import { bookIn } from "@/words/moves/moves-in";
import { nextLine } from "@/words/progress-words";
import { screenWords, titled } from "../in-their-language";

export const generateMetadata = titled("next");

export default async function NextPage() {
  const who = await requireInstructor();
  const room = await nextOfRoom(who.studioId);
  const classes = await classSteps(who.studioId, room);
  const words = await screenWords();
  const book = bookIn(LIBRARY_BOOK, words.language);
  const moveOf = (id: string) => book.get(id);
  const people = room
    .map(({ id, name, moves }) => {
      const stays = moves.filter(({ proposal }) => proposal.step.do === "same");
      return {
        id,
        name,
        lines: moves.filter((each) => !stays.includes(each)).map((each) => nextLine(each, words, moveOf)),
        same: stays.map(({ proposal }) => moveOf(proposal.move)?.name ?? proposal.move),
      };
    })
    .sort((a, b) => Number(b.lines.length > 0) - Number(a.lines.length > 0));
  return <NextScreen people={people} classes={classes} />;
}
