import type { Metadata } from "next";
import { isUuid } from "@/core/units";
import { PartScreen } from "@/features/part/part-screen";
import { partHead, participantOrNotFound, partLanguage } from "@/server/part-guard";
import { partPage } from "@/server/part-page";

export async function generateMetadata({
  params,
}: {
  readonly params: Promise<{ token: string }>;
}): Promise<Metadata> {
  return {
    ...(await partHead(params, "title")),
    // Without the link in it: an installed page begins where this device has kept one.
    manifest: `/part-manifest/${await partLanguage(params)}`,
    icons: { apple: "/icons/part-180.png" },
  };
}

export default async function PartPage(props: {
  readonly params: Promise<{ token: string }>;
  readonly searchParams: Promise<{ session?: string }>;
}) {
  const { token } = await props.params;
  const who = await participantOrNotFound(token);
  const { session } = await props.searchParams;
  const page = await partPage(who, session && isUuid(session) ? session : null);
  return <PartScreen token={token} {...page} />;
}
