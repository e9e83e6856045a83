"use client";
import Link from "next/link";
import { type ReactNode, useState } from "react";
import { useWords } from "@/features/language/use-words";
import { FORMAT_GROUPS, type FormatGroup, type FormatName, factsOfFormat } from "@/files/formats";
import { PAPER_SIZES } from "@/files/paper/sizes";
import { INKINGS, PICTURE_MINUTES } from "@/files/picture/score-svg";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Trouble } from "@/ui/trouble";
import { languageName } from "@/words/language-names";
import { LANGUAGES, languageOf } from "@/words/languages";
import { type Looks, usualLooks } from "./looks";
import { COUNTED } from "./make-track";
import { SmallChoice } from "./small-choice";
import { useMaking } from "./use-making";

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** Where files of this class or session are made: `/api/classes/ID/export`. */
  readonly base: string;
  /** Whether it has a date, and whether anybody is there for whom it is. */
  readonly dated: boolean;
  /** What isn't sent yet is sent before. */
  readonly before?: () => Promise<unknown>;
  /** What stands beside the files: the page to read, a log. */
  readonly children?: ReactNode;
}

/** Every file that can be made of a class, with how each is to look. */
export function FilesDialog(props: Props) {
  const words = useWords();
  const { open, onOpenChange } = props;
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={words.phrase("files", "title")}
      description={words.phrase("files", "about")}
      broad
    >
      <Files {...props} />
    </Dialog>
  );
}

function Files({ base, dated, before, children }: Props) {
  const words = useWords();
  const [looks, setLooks] = useState(() => usualLooks(languageOf(words.language)));
  const { making, trouble, done, make, cancel } = useMaking(base, before, words);
  const line = (format: FormatName) => (
    <FileLine
      key={format}
      format={format}
      share={making?.format === format ? (making.share ?? "soon") : null}
      held={making !== null}
      onMake={() => void make(format, looks)}
      onCancel={cancel}
    />
  );
  const group = (name: FormatGroup, choices?: ReactNode, more?: ReactNode) => (
    <section key={name} aria-labelledby={`files-${name}`}>
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b-2 border-ink pb-1">
        <h3 id={`files-${name}`} className="mr-auto font-bold">
          {words.name("fileGroup", name)}
        </h3>
        {choices}
      </div>
      <ul>
        {FORMAT_GROUPS[name].filter((format) => dated || !factsOfFormat(format).dated).map(line)}
        {more}
      </ul>
    </section>
  );
  return (
    <>
      <div className="grid grid-cols-2 gap-x-10 gap-y-5 max-[760px]:grid-cols-1">
        <div className="space-y-5">
          {group("paper", <PaperChoices looks={looks} onChange={setLooks} />)}
          {group("recording", <RecordingChoices looks={looks} onChange={setLooks} />)}
        </div>
        <div className="space-y-5">
          {group("text", <PictureChoices looks={looks} onChange={setLooks} />)}
          {group("programs", undefined, children)}
        </div>
      </div>
      <Trouble className="mt-3">{trouble}</Trouble>
      <p role="status" className="mt-2 min-h-6 font-semibold">
        {done}
      </p>
    </>
  );
}

/** One file: what it is called, what it is for, and making it. */
function FileLine(props: {
  readonly format: FormatName;
  /** How far it is, 0 … 1; `soon` where that isn't known; null where it isn't being made. */
  readonly share: number | "soon" | null;
  /** Another one is being made. */
  readonly held: boolean;
  readonly onMake: () => void;
  readonly onCancel: () => void;
}) {
  const words = useWords();
  const { format, share, held, onMake, onCancel } = props;
  const name = words.name("file", format);
  return (
    <FilePlace
      name={name}
      about={words.name("fileFor", format)}
      ending={factsOfFormat(format).ending}
      act={
        share === null ? (
          <Button disabled={held} aria-label={`${words.phrase("files", "make")}: ${name}`} onClick={onMake}>
            {words.phrase("files", "make")}
          </Button>
        ) : typeof share === "number" ? (
          <span className="flex items-center gap-2">
            <progress className="w-24 accent-pine" max={1} value={share} aria-label={name} />
            <Button onClick={onCancel}>{words.phrase("files", "cancel")}</Button>
          </span>
        ) : (
          <span className="py-1.5 text-quiet">{words.phrase("files", "making")}</span>
        )
      }
    />
  );
}

/** A line of the list. */
export function FilePlace(props: {
  readonly name: string;
  readonly about: string;
  readonly ending?: string;
  readonly act: ReactNode;
}) {
  return (
    <li className="flex items-center gap-3 border-b border-hairline py-1.5">
      <div className="min-w-0 flex-1 leading-snug">
        <b>{props.name}</b> <span className="text-sm uppercase text-quiet">{props.ending}</span>
        <p className="text-sm text-quiet">{props.about}</p>
      </div>
      {props.act}
    </li>
  );
}

/** The page that can be read and printed from here. */
export function ToRead({ href }: { readonly href: string }) {
  const words = useWords();
  return (
    <li className="py-2">
      <Link className="font-semibold underline underline-offset-4" href={href}>
        {words.phrase("files", "toRead")}
      </Link>
    </li>
  );
}

interface Choosing {
  readonly looks: Looks;
  readonly onChange: (looks: Looks) => void;
}

function PaperChoices({ looks, onChange }: Choosing) {
  const words = useWords();
  return (
    <>
      <SmallChoice
        label={words.phrase("files", "paper")}
        values={PAPER_SIZES}
        value={looks.paper}
        text={(size) => words.name("paper", size)}
        onChange={(paper) => onChange({ ...looks, paper })}
      />
      {LANGUAGES.length > 1 && (
        <SmallChoice
          label={words.phrase("files", "language")}
          values={LANGUAGES}
          value={looks.language}
          text={languageName}
          onChange={(language) => onChange({ ...looks, language })}
        />
      )}
    </>
  );
}

function PictureChoices({ looks, onChange }: Choosing) {
  const words = useWords();
  return (
    <>
      <SmallChoice
        label={words.phrase("files", "minutes")}
        values={PICTURE_MINUTES}
        value={looks.minutes}
        text={String}
        onChange={(minutes) => onChange({ ...looks, minutes })}
      />
      <SmallChoice
        label={words.phrase("files", "ink")}
        values={INKINGS}
        value={looks.ink}
        text={(ink) => words.name("ink", ink)}
        onChange={(ink) => onChange({ ...looks, ink })}
      />
    </>
  );
}

function RecordingChoices({ looks, onChange }: Choosing) {
  const words = useWords();
  return (
    <>
      <label className="flex items-baseline gap-1.5 text-sm">
        <span className="text-quiet">{words.phrase("files", "offset")}</span>
        <input
          type="number"
          min={0}
          max={86_400}
          className="w-16 border border-quiet bg-white px-1 py-0.5"
          value={looks.offset}
          onChange={(event) => onChange({ ...looks, offset: event.target.value })}
        />
      </label>
      <SmallChoice
        label={words.phrase("files", "counts")}
        values={COUNTED}
        value={looks.counts}
        text={(how) => words.phrase("files", "countsAs", { how })}
        onChange={(counts) => onChange({ ...looks, counts })}
      />
    </>
  );
}
