"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { SessionState } from "@/core/live/session";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { NameChoice } from "@/ui/name-choice";
import { SquareCode } from "@/ui/square-code";

export interface AskedLine {
  readonly id: string;
  readonly name: string;
  /** `invited 24 Nov, 18:02`, or nothing yet. */
  readonly invited: string;
  readonly mailless: boolean;
  /** As far as the instructor may know it. */
  readonly readiness: { readonly due: boolean; readonly askFirst: boolean; readonly minor: boolean };
  /** What is different for them that day, in words. */
  readonly tonight: string;
}

interface MadeLink {
  readonly name: string;
  readonly address: string;
  readonly copied: boolean;
}

/** Who is asked to a session, what they have said, and a way in for each. */
export function AskedPeople(props: {
  readonly id: string;
  readonly state: SessionState;
  /** Its time has passed, and its clock was never started. */
  readonly notHeld: boolean;
  readonly asked: readonly AskedLine[];
  readonly others: readonly { readonly id: string; readonly name: string }[];
}) {
  const t = useTexts("sessions");
  const { id, state, notHeld, asked, others } = props;
  const router = useRouter();
  const [link, setLink] = useState<MadeLink | null>(null);
  const [chosen, setChosen] = useState("");
  const path = `/api/sessions/${id}`;
  const uninvited = asked.filter((person) => person.invited === "");
  const act = async (work: ReturnType<typeof api>, done: string) => {
    const reply = await work;
    if (!reply.ok) return toast.error(reply.failure.message);
    if (done) toast.success(done);
    router.refresh();
  };
  const invite = (people: readonly string[] | null) =>
    act(api("POST", `${path}/invitations`, { people }), t("writtenIntoOutbox"));
  const copy = async (person: AskedLine) => {
    const reply = await api<{ address: string }>("POST", `${path}/link`, { person: person.id });
    if (!reply.ok) return toast.error(reply.failure.message);
    const { address } = reply.value;
    // A browser may refuse its clipboard; the address stands there all the same.
    const copied = await (navigator.clipboard?.writeText(address) ?? Promise.reject()).then(
      () => true,
      () => false,
    );
    setLink({ name: person.name, address, copied });
  };
  const due = asked.filter((person) => person.readiness.due).length;
  const cancelled = state === "cancelled";
  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="flex-1">
          <b>{t("askedCount", { asked: asked.length })}</b>
          {uninvited.length > 0 && !cancelled && !notHeld && t("notWritten", { uninvited: uninvited.length })}
          {due > 0 && !cancelled && t("readinessDue", { due })}
          {notHeld && t("itsClockWasNever")}
          {(state === "open" || state === "running") && !notHeld && t("whatTheySayToday")}
        </p>
        {!cancelled && !notHeld && uninvited.length > 0 && uninvited.length < asked.length && (
          <Button onClick={() => invite(uninvited.map((person) => person.id))}>
            {t("writeToNew", { uninvited: uninvited.length })}
          </Button>
        )}
        {!notHeld && (
          <Button look={uninvited.length > 0 && !cancelled ? "solid" : "line"} onClick={() => invite(null)}>
            {cancelled ? t("writeAllCancelled") : t("writeEverybody")}
          </Button>
        )}
      </div>
      {link && <PersonalLink link={link} />}
      <table className="mt-3 w-full border-collapse text-left">
        <thead className="text-quiet">
          <tr className="border-b border-hairline">
            <th className="w-44 py-1.5 font-semibold">{t("name")}</th>
            <th className="w-44 font-semibold">{t("invitation")}</th>
            <th className="w-48 font-semibold">{t("readiness")}</th>
            <th className="font-semibold">{t("today")}</th>
            <th className="w-52">
              <span className="sr-only">{t("whatDo")}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {asked.map((person) => (
            <AskedRow
              key={person.id}
              person={person}
              state={state}
              onCopy={() => copy(person)}
              onUnask={() => act(api("DELETE", `${path}/people`, { person: person.id }), "")}
            />
          ))}
        </tbody>
      </table>
      {!cancelled && others.length > 0 && (
        <p className="mt-3 flex items-center gap-2">
          <NameChoice
            none={t("whom")}
            label={t("askSomebodyElse")}
            names={others}
            value={chosen}
            onChange={setChosen}
            className="border border-quiet bg-white px-2 py-1"
          />
          <Button
            disabled={chosen === ""}
            onClick={() => {
              void act(api("POST", `${path}/people`, { person: chosen }), "");
              setChosen("");
            }}
          >
            {t("ask")}
          </Button>
        </p>
      )}
    </>
  );
}

/** A link that was just made: as an address, and as a square for a camera. */
function PersonalLink({ link }: { readonly link: MadeLink }) {
  const t = useTexts("sessions");
  return (
    <div role="status" className="mt-3 flex gap-5 border-l-4 border-ink bg-white p-3">
      <SquareCode text={link.address} label={t("linkSquareCodePhones")} />
      <div className="min-w-0">
        <p>
          {t("link")} <b>{link.name}</b>
          {t("linkShown", { copied: link.copied ? "yes" : "no" })}
        </p>
        <p className="break-all font-bold" data-testid="personal-link">
          {link.address}
        </p>
      </div>
    </div>
  );
}

/** One person: what they were sent, what they said. */
function AskedRow({
  person,
  state,
  onCopy,
  onUnask,
}: {
  readonly person: AskedLine;
  readonly state: SessionState;
  readonly onCopy: () => void;
  readonly onUnask: () => void;
}) {
  const t = useTexts("sessions");
  const cancelled = state === "cancelled";
  return (
    <tr className="border-b border-hairline">
      <td className="py-1.5">
        <Link
          className="font-bold underline decoration-hairline underline-offset-4"
          href={`/people/${person.id}`}
        >
          {person.name}
        </Link>
      </td>
      <td className={person.invited ? "" : "text-quiet"}>
        {person.invited || (person.mailless ? t("noAddress") : t("notYet"))}
      </td>
      <td className={person.readiness.due ? "" : "text-quiet"}>
        {person.readiness.askFirst ? (
          <b>{t("asksProfessionalFirst")}</b>
        ) : person.readiness.due ? (
          t("beAnswered")
        ) : (
          "answered"
        )}
        {person.readiness.minor && t("under18")}
      </td>
      <td>{person.tonight}</td>
      <td className="whitespace-nowrap text-right">
        {!cancelled && (
          <Button
            look="bare"
            className="px-1 py-0.5 font-normal"
            aria-label={t("copyLink", { name: person.name })}
            onClick={onCopy}
          >
            {t("copyLink2")}
          </Button>
        )}
        {(state === "planned" || state === "open") && (
          <Button
            look="bare"
            className="px-1"
            aria-label={t("dontAsk", { name: person.name })}
            onClick={onUnask}
          >
            {t("dontAsk2")}
          </Button>
        )}
      </td>
    </tr>
  );
}
