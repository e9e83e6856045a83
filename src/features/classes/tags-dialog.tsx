"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import type { ListedClass } from "./listed-class";

const listIn = (text: string): readonly string[] =>
  text
    .split(/[,;\n]/)
    .map((tag) => tag.trim())
    .filter(Boolean);

/** The tags of a class as one line of words, and those that other classes have a press away. */
export function TagsDialog(props: {
  readonly entry: ListedClass;
  readonly all: readonly string[];
  readonly open: boolean;
  readonly onShut: () => void;
}) {
  const t = useTexts("classes");
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onShut}
      title={t("tags", { title: props.entry.title })}
      description={t("yourOwnWordsFind")}
    >
      <Tags {...props} />
    </Dialog>
  );
}

function Tags({
  entry,
  all,
  onShut,
}: {
  readonly entry: ListedClass;
  readonly all: readonly string[];
  readonly onShut: () => void;
}) {
  const t = useTexts("classes");
  const router = useRouter();
  const [text, setText] = useState(entry.tags.join(", "));
  const [trouble, setTrouble] = useState<string | null>(null);
  const now = listIn(text);
  const store = async (event: React.FormEvent) => {
    event.preventDefault();
    const reply = await api("PUT", `/api/classes/${entry.id}`, { tags: now });
    if (!reply.ok) return setTrouble(reply.failure.message);
    onShut();
    router.refresh();
  };
  const others = all.filter((tag) => !now.includes(tag));
  return (
    <form onSubmit={store}>
      <Field
        label={t("tags2")}
        name="tags"
        autoComplete="off"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {others.length > 0 && (
        <p className="mt-2 flex flex-wrap gap-x-3 gap-y-1">
          {others.map((tag) => (
            <button
              key={tag}
              type="button"
              className="min-h-[24px] underline underline-offset-2"
              onClick={() => setText([...now, tag].join(", "))}
            >
              {tag}
            </button>
          ))}
        </p>
      )}
      <Trouble className="mt-2">{trouble}</Trouble>
      <Button look="solid" type="submit" className="mt-4">
        {t("keepThem")}
      </Button>
    </form>
  );
}
