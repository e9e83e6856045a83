"use client";
import { Trash2 } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";

/** Takes a class off the list, after asking. */
export function RemoveClass({ id, title }: { readonly id: string; readonly title: string }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const remove = async () => {
    const result = await api("DELETE", `/api/classes/${id}`);
    setOpen(false);
    if (result.ok) router.refresh();
    else toast.error(result.failure.message);
  };
  return (
    <>
      <Button look="bare" aria-label={`Remove ${title}`} className="px-2" onClick={() => setOpen(true)}>
        <Trash2 size={16} aria-hidden />
      </Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title="Remove this class?"
        description={`“${title}” goes off the list. What was taught from it stays.`}
      >
        <div className="flex gap-2">
          <Button look="solid" onClick={remove}>
            Remove it
          </Button>
          <Button onClick={() => setOpen(false)}>Keep it</Button>
        </div>
      </Dialog>
    </>
  );
}
