"use client";
import type { Teaching } from "@/core/settings/settings";
import { SignOut } from "@/features/account/sign-out";
import { type Begun, FirstSteps } from "@/features/first-steps/first-steps";
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { ButtonLink } from "@/ui/button";
import { ClassShelf } from "./class-shelf";
import { ImportClass } from "./import-class";
import type { ListedClass } from "./listed-class";
import { PastePlan } from "./paste-plan";

/** The studio's classes; before there is everything that a first class needs, what comes next. */
export function ClassList({
  studio,
  classes,
  teaching,
  begun,
}: {
  readonly studio: string;
  readonly classes: readonly ListedClass[];
  readonly teaching: Teaching;
  readonly begun: Begun;
}) {
  const t = useTexts("classes");
  return (
    <>
      <TopLine here="classes" places={PLACES}>
        <SignOut name={studio} />
      </TopLine>
      <main className="mx-auto max-w-6xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">{t("classes")}</h1>
          {classes.length > 0 && (
            <div className="flex gap-2">
              <ImportClass />
              <ButtonLink href="/classes/new">{t("newClass")}</ButtonLink>
              <PastePlan stance={teaching.stance} look="solid" />
            </div>
          )}
        </div>
        <FirstSteps begun={begun} stance={teaching.stance} />
        {classes.length > 0 && <ClassShelf classes={classes} />}
      </main>
    </>
  );
}
