import { toast } from "sonner";
import { api } from "@/browser/api";
import type { Say } from "@/words/screens/screens";

/** Asks people what they have at home: a message each in the outbox, with a link of their own. */
export async function askHomes(
  people: readonly { readonly id: string; readonly name: string }[],
  t: Say<"people">,
): Promise<void> {
  const reply = await api("POST", "/api/people/ask", { people: people.map(({ id }) => id) });
  const [first] = people;
  if (!reply.ok) toast.error(reply.failure.message);
  else if (people.length === 1) toast.success(t("askedOne", { name: first?.name ?? "" }));
  else toast.success(t("askedMany", { people: people.length }));
}
