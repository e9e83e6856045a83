"use client";
import { useTexts } from "@/features/language/use-texts";
import { Dialog } from "@/ui/dialog";

/** Asks before a class is ended; for a minute it can be taken back. */
export function EndDialog(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly onEnd: () => void;
}) {
  const t = useTexts("teach");
  const { open, onOpenChange, onEnd } = props;
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      night
      title={t("endClassNow")}
      description={t("whatHasBeenTaught")}
    >
      <div className="flex gap-3 text-2xl font-bold">
        <button
          type="button"
          className="bg-marker px-5 py-2 text-night"
          onClick={() => {
            onOpenChange(false);
            onEnd();
          }}
        >
          {t("end")}
        </button>
        <button
          type="button"
          className="border-2 border-night-text px-5 py-2"
          onClick={() => onOpenChange(false)}
        >
          {t("go")}
        </button>
      </div>
    </Dialog>
  );
}
