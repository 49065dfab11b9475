import type { Metadata, Viewport } from "next";
import { connection } from "next/server";
import type { ReactNode } from "react";
import { SendUnsent } from "@/ui/job/SendUnsent";
import { FocusKept } from "@/ui/parts/FocusKept";
import { Hints } from "@/ui/parts/Hints";
import { Listening } from "@/ui/parts/Listening";
import { display, sans } from "./fonts";
import "./globals.css";

export const metadata: Metadata = {
  title: "Jacaranda",
  description: "The setting-out partner of a decorative painter",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Every page is made for its request, since its scripts carry that request's nonce.
  await connection();
  return (
    <html lang="en" className={`${sans.variable} ${display.variable}`} suppressHydrationWarning>
      <body>
        {children}
        <Hints />
        <FocusKept />
        <SendUnsent />
        <Listening />
      </body>
    </html>
  );
}
