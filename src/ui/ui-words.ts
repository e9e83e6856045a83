"use client";
import { createContext } from "react";

/** What the controls of every screen say by themselves, in the language of the screen. */
export const UiWords = createContext({ close: "Close" });
