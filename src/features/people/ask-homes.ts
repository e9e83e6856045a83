import { toast } from "sonner";
import { api } from "@/browser/api";

/** Asks people what they have at home: a message each in the outbox, with a link of their own. */
export async function askHomes(
  people: readonly { readonly id: string; readonly name: string }[],
): Promise<void> {
  const reply = await api("POST", "/api/people/ask", { people: people.map(({ id }) => id) });
  const [first] = people;
  if (!reply.ok) toast.error(reply.failure.message);
  else if (people.length === 1)
    toast.success(`A message to ${first?.name} with their own link is in the outbox.`);
  else toast.success(`${people.length} messages, each with its own link, are in the outbox.`);
}
