"use client";
import { useEffect } from "react";
import { showDeviceChoices } from "@/browser/device";

/** Puts this device's choices of contrast and motion onto every page. */
export function DeviceLook() {
  useEffect(showDeviceChoices, []);
  return null;
}
