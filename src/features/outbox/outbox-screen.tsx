"use client";
import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { Button } from "@/ui/button";
import { PLACES, TopLine } from "@/ui/top-line";

/** What would have gone out by mail: nothing leaves this machine. */
export function OutboxScreen(props: {
  readonly lines: readonly {
    readonly id: string;
    readonly recipient: string;
    readonly subject: string;
    readonly when: string;
  }[];
}) {
  const router = useRouter();
  const empty = async () => {
    const reply = await api("DELETE", "/api/outbox");
    if (!reply.ok) return toast.error(reply.failure.message);
    router.refresh();
  };
  return (
    <>
      <TopLine here="Sessions" places={PLACES} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">
            Outbox <span className="font-normal text-quiet">simulated</span>
          </h1>
          {props.lines.length > 0 && <Button onClick={empty}>Empty it</Button>}
        </div>
        <p className="mt-3 max-w-3xl text-quiet">
          This stands in for a mail service: no message leaves this machine. Each is a mail file with the
          person's own link and a calendar entry; open it in a mail program, or hand the link over yourself.
          They are kept sealed until you empty the box.
        </p>
        {props.lines.length === 0 ? (
          <p className="max-w-lg py-8 text-lg">
            Nothing has been written. Invitations are written on a session's page.
          </p>
        ) : (
          <table className="mt-3 w-full border-collapse text-left">
            <thead className="text-quiet">
              <tr className="border-b border-hairline">
                <th className="w-44 py-1.5 font-semibold">Written</th>
                <th className="w-96 font-semibold">To</th>
                <th className="font-semibold">Subject</th>
                <th className="w-28">
                  <span className="sr-only">File</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {props.lines.map((line) => (
                <tr key={line.id} className="border-b border-hairline">
                  <td className="py-1.5">{line.when}</td>
                  <td>{line.recipient}</td>
                  <td>{line.subject}</td>
                  <td className="text-right">
                    <a
                      className="underline underline-offset-4"
                      href={`/api/outbox/${line.id}`}
                      aria-label={`Mail file for ${line.recipient}`}
                    >
                      Mail file
                    </a>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </main>
    </>
  );
}
