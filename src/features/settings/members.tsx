"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button, ButtonLink } from "@/ui/button";

export interface MemberLine {
  readonly userId: string;
  readonly name: string;
  readonly email: string;
  readonly role: "owner" | "coach";
}

/** Who teaches in the studio: the owner, and coaches who came by a link that is used once. */
export function Members(props: { readonly members: readonly MemberLine[]; readonly owner: boolean }) {
  const t = useTexts("settings");
  const router = useRouter();
  const [address, setAddress] = useState<string | null>(null);
  const invite = async () => {
    const reply = await api<{ address: string }>("POST", "/api/members");
    if (reply.ok) setAddress(reply.value.address);
    else toast.error(reply.failure.message);
  };
  const remove = async (userId: string) => {
    const reply = await api("DELETE", "/api/members", { userId });
    if (reply.ok) router.refresh();
    else toast.error(reply.failure.message);
  };
  return (
    <section aria-labelledby="members" className="mt-5">
      <h2 id="members" className="text-lg font-bold">
        {t("whoTeachesHere")}
      </h2>
      {props.members.map((member) => (
        <p
          key={member.userId}
          className="flex items-baseline justify-between gap-3 border-b border-hairline py-1"
        >
          <span className="min-w-0 truncate">
            <b>{member.name}</b> <span className="text-quiet">{member.email}</span>
          </span>
          <span className="whitespace-nowrap">
            {t(member.role)}
            {props.owner && member.role === "coach" && (
              <Button look="bare" className="px-1" onClick={() => remove(member.userId)}>
                {t("remove")}
              </Button>
            )}
          </span>
        </p>
      ))}
      <p className="mt-1 text-quiet">{t("coachDesignsTeachesWrites")}</p>
      {props.owner && (
        <p className="mt-2 flex gap-2">
          <Button onClick={invite}>{t("askCoach")}</Button>
          <ButtonLink look="bare" href="/trail">
            {t("whoDidWhat")}
          </ButtonLink>
        </p>
      )}
      {address && (
        <p role="status" className="mt-2 border-l-4 border-ink bg-white p-2">
          {t("sendThemYourselfShown")}
          <b className="block break-all" data-testid="member-link">
            {address}
          </b>
        </p>
      )}
    </section>
  );
}
