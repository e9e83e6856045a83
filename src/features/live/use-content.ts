"use client";
import { useEffect, useState } from "react";
import { api } from "@/browser/api";

const RETRY_MS = 1500;

/**
 * What a session is taught from, asked for anew when its version isn't the one that is `wanted`. Without a
 * connection the old one goes on being used.
 */
export function useContent<T extends { readonly version: number }>(
  path: string,
  first: T,
  wanted: number,
): T {
  const [content, setContent] = useState(first);
  useEffect(() => {
    if (wanted <= content.version) return;
    let over = false;
    const ask = async () => {
      const reply = await api<T>("GET", path);
      if (reply.ok && !over) setContent(reply.value);
    };
    void ask();
    const timer = setInterval(ask, RETRY_MS);
    return () => {
      over = true;
      clearInterval(timer);
    };
  }, [wanted, content.version, path]);
  return content;
}
