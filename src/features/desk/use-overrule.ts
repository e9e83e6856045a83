"use client";
import { useCallback, useMemo, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { dropEntry, keyOf, putEntry } from "@/core/class/keyed";
import type { Person } from "@/core/homes/home";
import type { HomeOf, Overrule } from "@/features/room/room-panel";
import type { Desk } from "./use-desk";

/** The people of the Desk, and the instructor's own choices for them: in this class as an edit, or always as theirs. */
export function useOverrule(
  desk: Desk,
  stored: readonly { readonly id: string; readonly doc: Person }[],
): { readonly people: readonly Person[]; readonly overrule: Overrule; readonly homeOf: HomeOf } {
  const [people, setPeople] = useState(() => stored.map((row) => row.doc));
  const { edit, doc } = desk;
  const overrule = useMemo<Overrule>(
    () => ({
      once: (slot, person, move) => {
        const key = keyOf("overruled", { slot: slot.id, person: person.id, move: "" });
        edit(
          move === null
            ? dropEntry(doc, "overruled", key)
            : putEntry(doc, "overruled", { slot: slot.id, person: person.id, move }),
        );
      },
      always: async (from, person, to) => {
        const row = stored.find((entry) => entry.doc.id === person.id);
        const result = await api("PUT", `/api/people/${row?.id}/always`, { from, to });
        if (!result.ok) {
          toast.error(result.failure.message);
          return;
        }
        const { [from]: _old, ...others } = person.always ?? {};
        const always = to === null ? others : { ...others, [from]: to };
        setPeople((now) => now.map((entry) => (entry.id === person.id ? { ...entry, always } : entry)));
      },
    }),
    [doc, edit, stored],
  );
  const homeOf = useCallback<HomeOf>(
    (person) => {
      const row = stored.find((entry) => entry.doc.id === person);
      return row ? `/people/${row.id}` : null;
    },
    [stored],
  );
  return { people, overrule, homeOf };
}
