"use client";
import { useSyncExternalStore } from "react";

const never = () => () => undefined;

/**
 * False in the page as it comes and true once it listens: a form that is sent before that would be sent by the
 * browser itself, with what was typed in the address.
 */
export function useHydrated(): boolean {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
}
