"use client";

/** Chooses one file. The same may be chosen again once it is mended. */
export function FileChoice(props: {
  readonly label: string;
  /** Kinds of files, as the browser's own chooser takes them. */
  readonly accept: string;
  readonly onChoose: (file: File | undefined) => void;
}) {
  return (
    <input
      type="file"
      accept={props.accept}
      aria-label={props.label}
      className="w-full border border-quiet bg-white p-2"
      onClick={(event) => {
        event.currentTarget.value = "";
      }}
      onChange={(event) => props.onChoose(event.target.files?.[0])}
    />
  );
}
