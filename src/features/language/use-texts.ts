"use client";
import { useContext, useMemo } from "react";
import { type Say, type ScreenGroup, screenIn } from "@/words/screens/screens";
import { ScreenLanguage } from "./use-words";

/** An instructor's screen's messages, in its language. */
export function useTexts<G extends ScreenGroup>(group: G): Say<G> {
  const language = useContext(ScreenLanguage);
  return useMemo(() => screenIn(group, language), [group, language]);
}
