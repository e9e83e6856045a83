"use client";
import { MoreHorizontal } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { memo, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { MiniScore } from "@/features/score/mini-score";
import { Menu, MenuItem, MenuLine } from "@/ui/menu";
import { kitName } from "@/words/kit-words";
import type { ListedClass } from "./listed-class";
import { RemoveClass } from "./remove-class";
import { TagsDialog } from "./tags-dialog";

/** How the timed length stands against the promised one; more than a minute over is a finding. */
function Promised({ minutes, seconds }: { readonly minutes: number | null; readonly seconds: number }) {
  const t = useTexts("classes");
  if (minutes === null) return null;
  const over = seconds - minutes * 60;
  return over > 60 ? (
    <span className="block whitespace-nowrap text-sm font-bold text-rust">
      {t("overBy", { clock: clockText(over), minutes })}
    </span>
  ) : (
    <span className="block text-sm text-quiet">{t("min", { minutes })}</span>
  );
}

/** A class in a line: its length, title, tags, kit, small score, when it was last taught. */
export const ClassRow = memo(function ClassRow({
  entry,
  longestSeconds,
  allTags,
}: {
  readonly entry: ListedClass;
  readonly longestSeconds: number;
  readonly allTags: readonly string[];
}) {
  const t = useTexts("classes");
  const { id, title, seconds, minutes, tags, kit, archived, taught } = entry;
  const words = useWords();
  const router = useRouter();
  const [asking, setAsking] = useState<"tags" | "remove" | null>(null);
  const act = async (work: ReturnType<typeof api>, done: string) => {
    const reply = await work;
    if (!reply.ok) return toast.error(reply.failure.message);
    toast.success(done);
    router.refresh();
  };
  const things = kit.map((type) => kitName(type, 1, words)).join(", ");
  return (
    <li className="grid grid-cols-[8rem_minmax(0,1fr)_20rem_6.5rem_1.75rem] items-center gap-x-4 border-b border-hairline py-1.5 [contain-intrinsic-size:auto_49px] [content-visibility:auto]">
      <p className="text-right leading-tight">
        <span className="font-clock text-2xl font-bold leading-none">{clockText(seconds)}</span>
        <Promised minutes={minutes} seconds={seconds} />
      </p>
      <div className="min-w-0">
        <p className="truncate">
          <Link
            href={`/classes/${id}`}
            className="text-base font-bold underline decoration-hairline underline-offset-4 hover:decoration-ink"
          >
            {title}
          </Link>
          {tags.map((tag) => (
            <span key={tag} className="ml-2 border-b-2 border-hairline text-sm">
              {tag}
            </span>
          ))}
        </p>
        <p className="truncate text-sm text-quiet" title={things}>
          {things === "" ? t("nothingNeeded") : things}
        </p>
      </div>
      <MiniScore {...entry} longestSeconds={longestSeconds} low />
      <p className="text-sm text-quiet">{taught === "" ? t("notTaughtYet") : taught}</p>
      <Menu label={t("whatDoWith", { title })} button={<MoreHorizontal size={16} aria-hidden />}>
        <MenuItem onChoose={() => router.push(`/classes/new?class=${id}`)}>{t("beginAnotherFrom")}</MenuItem>
        <MenuItem onChoose={() => act(api("POST", `/api/classes/${id}/copy`, {}), t("thereTwice"))}>
          {t("duplicate")}
        </MenuItem>
        <MenuItem onChoose={() => setAsking("tags")}>{t("changeTags")}</MenuItem>
        <MenuItem
          onChoose={() =>
            act(
              api("PUT", `/api/classes/${id}`, { archived: !archived }),
              archived ? t("back", { title }) : t("putAway", { title }),
            )
          }
        >
          {archived ? t("bringBack") : t("putAway2")}
        </MenuItem>
        <MenuLine />
        <MenuItem onChoose={() => setAsking("remove")}>{t("remove")}</MenuItem>
      </Menu>
      <RemoveClass id={id} title={title} open={asking === "remove"} onShut={() => setAsking(null)} />
      <TagsDialog entry={entry} all={allTags} open={asking === "tags"} onShut={() => setAsking(null)} />
    </li>
  );
});
