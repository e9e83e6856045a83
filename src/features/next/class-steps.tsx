"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { changeText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import type { PlainKey } from "@/words/screens/screens";

export interface OfferedClass {
  readonly classId: string;
  readonly title: string;
  readonly block: string;
  readonly blockTitle: string;
  readonly kind: "another-round" | "less-rest" | "longer-hold";
  readonly ready: number;
  readonly all: number;
  readonly others: readonly string[];
  readonly longer: number;
}

const WHAT: Readonly<Record<OfferedClass["kind"], PlainKey<"next">>> = {
  "another-round": "anotherRound",
  "less-rest": "fiveSecondsLessRest",
  "longer-hold": "holdsFiveSecondsLonger",
};
const KEEP: Readonly<Record<OfferedClass["kind"], PlainKey<"next">>> = {
  "another-round": "roundsThere",
  "less-rest": "fiveSecondsLessWork",
  "longer-hold": "holdsLongNow",
};

/** The steps that whole classes may take, since two thirds of those who did them are ready for more. */
export function ClassSteps({ classes }: { readonly classes: readonly OfferedClass[] }) {
  const t = useTexts("next");
  const [taken, setTaken] = useState<readonly string[]>([]);
  const router = useRouter();
  const open = classes.filter(({ classId }) => !taken.includes(classId));
  if (open.length === 0) return null;
  const take = async ({ classId, block, kind, title }: OfferedClass) => {
    const reply = await api("POST", "/api/next/class", { classId, block, kind });
    if (!reply.ok) return toast.error(reply.failure.message);
    setTaken([...taken, classId]);
    toast.success(t("hasTakenItsStep", { title }));
    router.refresh();
  };
  return (
    <section aria-label={t("classes")} className="mt-4 border-l-4 border-pine pl-4">
      <h2 className="text-lg font-bold">{t("classesThemselves")}</h2>
      <ul>
        {open.map((each) => (
          <li key={each.classId} className="flex flex-wrap items-baseline gap-x-4 py-1">
            <p className="min-w-0 flex-1">
              <Link
                href={`/classes/${each.classId}`}
                className="font-bold underline decoration-hairline underline-offset-4"
              >
                {each.title}
              </Link>
              {each.blockTitle && `, ${each.blockTitle}`}: <b>{t(WHAT[each.kind])}</b>
              {each.longer !== 0 && ` (${changeText(each.longer)})`}.{" "}
              <span className="text-quiet">
                {t("readyOf", {
                  ready: each.ready,
                  all: each.all,
                  others: each.others.join(", "),
                  keep: t(KEEP[each.kind]),
                  any: each.others.length > 0 ? "yes" : "no",
                })}
              </span>
            </p>
            <Button onClick={() => take(each)} aria-label={t("takeStep", { title: each.title })}>
              {t("takeStep2")}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
