"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object, string } from "yup";
import { api } from "@/browser/api";
import { STANCES, type Stance } from "@/core/class/document";
import { newClass } from "@/core/class/new-class";
import { ownRests, type Teaching } from "@/core/settings/settings";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Choice, Field } from "@/ui/field";

const SCHEMA = object({
  title: string().trim().required("A title is missing.").max(120, "At most 120 characters."),
  stance: string<Stance>().oneOf(STANCES).required(),
});

const STANCE_WORDS: Record<Stance, string> = {
  form: "form first: slow and controlled, well short of failure",
  strength: "strength: rep ranges, one to three in reserve",
  density: "density: timed work, short rests",
};

/** Makes a class to start from and opens it. */
export function NewClass({ teaching }: { readonly teaching: Teaching }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm({
    resolver: yupResolver(SCHEMA),
    defaultValues: { title: "", stance: teaching.stance as Stance },
  });
  const submit = form.handleSubmit(async ({ title, stance }) => {
    const result = await api<{ id: string }>("POST", "/api/classes", {
      doc: newClass(title, stance, ownRests(teaching)),
    });
    if (result.ok) router.push(`/classes/${result.value.id}`);
    else setTrouble(result.failure.message);
  });
  return (
    <>
      <Button look="solid" onClick={() => setOpen(true)}>
        New class
      </Button>
      <Dialog open={open} onOpenChange={setOpen} title="New class">
        <form onSubmit={submit} noValidate className="space-y-4">
          <Field
            label="Title"
            autoFocus
            autoComplete="off"
            fault={form.formState.errors.title?.message}
            {...form.register("title")}
          />
          <Choice label="Stance" {...form.register("stance")}>
            {STANCES.map((stance) => (
              <option key={stance} value={stance}>
                {STANCE_WORDS[stance]}
              </option>
            ))}
          </Choice>
          {trouble && (
            <p role="alert" className="text-rust">
              {trouble}
            </p>
          )}
          <Button look="solid" type="submit" disabled={form.formState.isSubmitting}>
            Make the class
          </Button>
        </form>
      </Dialog>
    </>
  );
}
