import type { Left } from "@/features/live/use-whereabouts";

/** Somebody hurts: what to say first, and one key away where they are and whom to call. */
export function HurtLine(props: {
  readonly name: string;
  readonly more: number;
  /** The emergency number of where they are; null where that isn't known. */
  readonly emergency: string | null;
  readonly left: Left | null | "none" | "unreached";
  readonly keys?: boolean;
}) {
  const { name, more, left, emergency, keys = true } = props;
  return (
    <p role="alert" className="line-clamp-3 border-l-[14px] border-stop pl-4">
      <b>{name} hurts.</b> Stop them. Sharp, new, getting worse? Chest pain, collapse:{" "}
      {emergency ? `call ${emergency}` : "the emergency number there"}, stay on the call.{" "}
      {more > 0 && <b>{more} more after. </b>}
      {left === null && keys && <span className="text-night-quiet">h: answered, c: place and contact</span>}
      {left === "none" && <span className="text-night-quiet">Left no place or contact.</span>}
      {left === "unreached" && (
        <span className="text-night-quiet">No connection: it can't be asked for.</span>
      )}
      {left !== null && typeof left === "object" && (
        <b>
          {left.place && `At: ${left.place}. `}
          {left.contact && `Call: ${left.contact}`}
        </b>
      )}
    </p>
  );
}
