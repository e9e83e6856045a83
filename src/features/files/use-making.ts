import { useEffect, useRef, useState } from "react";
import { type ApiResult, apiFile, type GivenFile, giveFile } from "@/browser/api";
import { checkClass } from "@/core/class/check-class";
import type { ClassDoc } from "@/core/class/document";
import { parseJsonText } from "@/core/formats/class-file";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { type FormatName, fileName } from "@/files/formats";
import type { Words } from "@/words/words";
import type { Looks } from "./looks";
import { type MakingTrack, makeTrack } from "./make-track";

interface Made {
  readonly format: FormatName;
  /** 0 … 1, of what says how far it is. */
  readonly share: number | null;
}

/** The class that a file is made of, as the server has it. */
async function docAt(base: string): Promise<ApiResult<ClassDoc> | null> {
  const reply = await apiFile(`${base}?as=class`);
  if (!reply.ok) return reply;
  const json = parseJsonText(await reply.value.file.text());
  const doc = json.ok ? checkClass(json.value, LIBRARY_BOOK) : json;
  return doc.ok ? { ok: true, value: doc.value } : null;
}

/** Makes one file at a time and hands it over; says what goes on and what went wrong. */
export function useMaking(base: string, before: (() => Promise<unknown>) | undefined, words: Words) {
  const [making, setMaking] = useState<Made | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const track = useRef<MakingTrack | null>(null);
  useEffect(() => () => track.current?.cancel(), []);

  const sound = async (looks: Looks): Promise<GivenFile | string | null> => {
    const doc = await docAt(base);
    if (!doc?.ok) return doc?.failure.message ?? null;
    track.current = makeTrack(doc.value, looks.counts, (share) => setMaking({ format: "track", share }));
    try {
      return { name: fileName(doc.value.title, "track"), file: await track.current.file };
    } catch {
      return words.phrase("files", "noSound");
    } finally {
      track.current = null;
    }
  };
  const drawn = async (format: FormatName, looks: Looks): Promise<GivenFile | string> => {
    const { paper, language, ink, minutes, offset } = looks;
    const query = new URLSearchParams({ as: format, paper, language, ink, minutes: `${minutes}`, offset });
    const reply = await apiFile(`${base}?${query}`);
    return reply.ok ? reply.value : reply.failure.message;
  };
  const make = async (format: FormatName, looks: Looks) => {
    setTrouble(null);
    setDone(null);
    setMaking({ format, share: null });
    await before?.();
    const made = await (format === "track" ? sound(looks) : drawn(format, looks));
    setMaking(null);
    if (typeof made === "string") setTrouble(made);
    else if (made) {
      giveFile(made);
      setDone(words.phrase("files", "made", { file: made.name }));
    }
  };
  const cancel = () => {
    track.current?.cancel();
    track.current = null;
    setMaking(null);
  };
  return { making, trouble, done, make, cancel };
}
