import type { Metadata } from "next";
import type { ReactNode } from "react";
import { Toaster } from "sonner";
import { DeviceLook } from "@/features/account/device-look";
import "./globals.css";

/** Every page is made for its request: its scripts carry the number of that answer. */
export const dynamic = "force-dynamic";

export const metadata: Metadata = { title: { default: "Brontle", template: "%s · Brontle" } };

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <DeviceLook />
        {children}
        <Toaster
          position="bottom-left"
          toastOptions={{ style: { fontFamily: "inherit", borderRadius: 0, border: "2px solid #101C1A" } }}
        />
      </body>
    </html>
  );
}
