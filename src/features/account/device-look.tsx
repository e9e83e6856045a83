"use client";
import { useEffect } from "react";
import { showDeviceChoices } from "@/browser/device";
import { showStyleNonce } from "@/browser/style-nonce";

/** Puts this device's choices of contrast and motion onto every page, and what the page's own styles need. */
export function DeviceLook() {
  useEffect(showDeviceChoices, []);
  useEffect(showStyleNonce, []);
  return null;
}
