"use client";
import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";

/** Takes a class off the list, after asking. */
export function RemoveClass(props: {
  readonly id: string;
  readonly title: string;
  readonly open: boolean;
  readonly onShut: () => void;
}) {
  const t = useTexts("classes");
  const router = useRouter();
  const remove = async () => {
    const result = await api("DELETE", `/api/classes/${props.id}`);
    props.onShut();
    if (result.ok) router.refresh();
    else toast.error(result.failure.message);
  };
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onShut}
      title={t("removeClass")}
      description={t("goesOffListWhat", { title: props.title })}
    >
      <div className="flex gap-2">
        <Button look="solid" onClick={remove}>
          {t("remove2")}
        </Button>
        <Button onClick={props.onShut}>{t("keep")}</Button>
      </div>
    </Dialog>
  );
}
