"use client";
import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";

/** What would have gone out by mail: nothing leaves this machine. */
export function OutboxScreen(props: {
  readonly lines: readonly {
    readonly id: string;
    readonly recipient: string;
    readonly subject: string;
    readonly when: string;
  }[];
}) {
  const t = useTexts("outbox");
  const router = useRouter();
  const empty = async () => {
    const reply = await api("DELETE", "/api/outbox");
    if (!reply.ok) return toast.error(reply.failure.message);
    router.refresh();
  };
  const toWhom = (recipient: string) => (recipient.includes("@") ? recipient : t("noAddress", { recipient }));
  return (
    <>
      <TopLine here="sessions" places={PLACES} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">
            {t("outbox")} <span className="font-normal text-quiet">{t("simulated")}</span>
          </h1>
          {props.lines.length > 0 && <Button onClick={empty}>{t("empty")}</Button>}
        </div>
        <p className="mt-3 max-w-3xl text-quiet">{t("standsMailServiceNo")}</p>
        {props.lines.length === 0 ? (
          <p className="max-w-lg py-8 text-lg">{t("nothingHasBeenWritten")}</p>
        ) : (
          <table className="mt-3 w-full border-collapse text-left">
            <thead className="text-quiet">
              <tr className="border-b border-hairline">
                <th className="w-44 py-1.5 font-semibold">{t("written")}</th>
                <th className="w-96 font-semibold">{t("to")}</th>
                <th className="font-semibold">{t("subject")}</th>
                <th className="w-28">
                  <span className="sr-only">{t("file")}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {props.lines.map((line) => (
                <tr key={line.id} className="border-b border-hairline">
                  <td className="py-1.5">{line.when}</td>
                  <td>{toWhom(line.recipient)}</td>
                  <td>{line.subject}</td>
                  <td className="text-right">
                    <a
                      className="underline underline-offset-4"
                      href={`/api/outbox/${line.id}`}
                      aria-label={t("mailFile", { recipient: toWhom(line.recipient) })}
                    >
                      {t("mailFile2")}
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
