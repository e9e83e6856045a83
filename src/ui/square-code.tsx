import { renderSVG } from "uqr";

/** A text as a square code for a phone's camera. */
export function SquareCode(props: { readonly text: string; readonly label: string }) {
  return (
    // biome-ignore lint/performance/noImgElement: a drawing made here, nothing to fetch or to shrink
    <img
      alt={props.label}
      className="size-36 shrink-0 border border-hairline bg-white p-1"
      src={`data:image/svg+xml;utf8,${encodeURIComponent(renderSVG(props.text))}`}
    />
  );
}
