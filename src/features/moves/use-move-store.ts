"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { MoveBook } from "@/core/moves/book";
import { checkOwn } from "@/core/moves/check-own";
import type { Move } from "@/core/moves/move";
import { idOf, withoutStaleFacts } from "@/core/moves/starting-move";
import type { Fault } from "@/core/values/faults";
/** Storing a move of one's own: held to the library's promises first, and beside what a colleague changed. */
import { useTexts } from "@/features/language/use-texts";
import { useRecord } from "@/features/records/use-record";

function kept(list: readonly string[]): string[] {
  return list.map((text) => text.trim()).filter(Boolean);
}

/** The move as it is stored: without blank lines, with its id, and landing where it jumps. */
function finished(move: Move, storedId: string | null): Move {
  const jumps = move.loads.includes("jump");
  const landings = move.landings.perRep > 0 ? move.landings : ({ perRep: 1, weight: 1 } as const);
  return {
    ...withoutStaleFacts(move),
    id: storedId === null ? idOf(move.name) : move.id,
    name: move.name.trim(),
    cues: kept(move.cues),
    faults: kept(move.faults),
    cautions: kept(move.cautions),
    ...(move.aliases ? { aliases: kept(move.aliases) } : {}),
    landings: jumps ? landings : { perRep: 0, weight: 0 },
  };
}

export function useMoveStore(storedId: string | null, opened: Move, others: MoveBook) {
  const t = useTexts("moves");
  const router = useRouter();
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const record = useRecord<Move>(`/api/moves/${storedId}`, "move", opened);
  const created = async (next: Move) => {
    const result = await api("POST", "/api/moves", { move: next });
    return result.ok ? null : result.failure;
  };
  const told = (failure: Awaited<ReturnType<typeof record.store>>, next: Pick<Move, "id" | "name">) => {
    if (failure === "met") return;
    if (failure) {
      setFaults(failure.faults);
      toast.error(failure.message);
      return;
    }
    toast.success(t("yourLibrary", { name: next.name }));
    router.push(`/moves/${next.id}`);
    router.refresh();
  };
  const save = async (move: Move) => {
    const next = finished(move, storedId);
    const checked = checkOwn(next, others);
    setFaults(checked.ok ? [] : checked.error);
    if (checked.ok) told(storedId === null ? await created(next) : await record.store(next), next);
  };
  const choose = async (holds: Parameters<typeof record.choose>[0]) =>
    told(await record.choose(holds), opened);
  const remove = async () => {
    const result = await api("DELETE", `/api/moves/${storedId}`);
    if (!result.ok) return toast.error(result.failure.message);
    router.push("/moves");
    router.refresh();
  };
  return { faults, meets: record.meets, save, choose, remove };
}
