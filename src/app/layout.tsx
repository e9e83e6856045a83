import type { Metadata } from "next";
import type { ReactNode } from "react";
import { Toaster } from "sonner";
import { DeviceLook } from "@/features/account/device-look";
import { InLanguage } from "@/features/language/in-language";
import "./globals.css";
import { screenLanguage } from "./in-their-language";

/** Every page is made for its request: its scripts carry the number of that answer. */
export const dynamic = "force-dynamic";

export const metadata: Metadata = { title: { default: "Brontle", template: "%s · Brontle" } };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const language = await screenLanguage();
  return (
    <html lang={language}>
      <body>
        <DeviceLook />
        <InLanguage language={language}>{children}</InLanguage>
        <Toaster
          position="bottom-left"
          toastOptions={{ style: { fontFamily: "inherit", borderRadius: 0, border: "2px solid #101C1A" } }}
        />
      </body>
    </html>
  );
}
