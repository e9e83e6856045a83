"use client";
/** The class as it is this instant, for the few things that follow a key at once, wherever they stand. */
import { createContext, useContext } from "react";
import type { Desk } from "./use-desk";

export const DeskNow = createContext<Desk | null>(null);

/** @throws Error outside of the Desk */
export function useDeskNow(): Desk {
  const desk = useContext(DeskNow);
  if (!desk) throw new Error("there is no Desk around this");
  return desk;
}
