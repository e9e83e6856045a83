"use client";
import type { ReactNode } from "react";
import { Button } from "@/ui/button";

/** A message went out, or would have: the same words whether the address is known here or not. */
export function MailSent(props: {
  readonly email: string;
  readonly children: ReactNode;
  readonly onBack: () => void;
}) {
  return (
    <div role="status" className="space-y-4">
      <p className="text-lg">
        A message is on its way to <b className="break-all">{props.email}</b>.
      </p>
      <p>{props.children}</p>
      <p className="border-l-4 border-hairline pl-3 text-quiet">
        Mail is simulated here: nothing leaves this machine. Whoever runs it reads the message with{" "}
        <code className="text-ink">./brontle mail</code>.
      </p>
      <Button look="solid" onClick={props.onBack}>
        Back to signing in
      </Button>
    </div>
  );
}
