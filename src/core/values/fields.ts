/** What a value that comes from outside may be, as data: the edge makes its schema of it, tests make values. */

type Kind =
  | { readonly is: "whole"; readonly least: number; readonly most: number }
  | { readonly is: "text"; readonly most: number }
  | { readonly is: "one-of"; readonly values: readonly string[] };

/** One value. `T` is what it is once it was read. */
export interface Field<T, Optional extends boolean = false> {
  readonly kind: Kind;
  readonly optional: Optional;
  readonly nullable: boolean;
  /** Set by the server alone: nobody else may send it. */
  readonly ours: boolean;
  /** Never there: it carries the type. */
  readonly type?: T;
}
export type AnyField = Field<unknown, boolean>;
export type Fields = Readonly<Record<string, AnyField>>;

const field = <T>(kind: Kind): Field<T> => ({ kind, optional: false, nullable: false, ours: false });

/** A whole number between these, both included. */
export const whole = (least: number, most: number): Field<number> => field({ is: "whole", least, most });

/** A text of at least one character. */
export const text = (most: number): Field<string> => field({ is: "text", most });

export const oneOf = <const T extends string>(values: readonly T[]): Field<T> =>
  field({ is: "one-of", values });

/** A value that may be left out. */
export function optional<T>(of: Field<T>): Field<T, true> {
  return { ...of, optional: true };
}

/** A value that may be null, which says that there is none. */
export function orNull<T>(of: Field<T>): Field<T | null> {
  return { ...of, nullable: true } as Field<T | null>;
}

/** A value that the server adds. */
export function ours<T>(of: Field<T>): Field<T, true> {
  return { ...of, optional: true, ours: true };
}

type Left<F extends Fields> = { [K in keyof F]: F[K] extends Field<unknown, true> ? K : never }[keyof F];
type TypeOf<F> = F extends Field<infer T, boolean> ? T : never;

/** The object that these fields describe. */
export type ObjectOf<F extends Fields> = { readonly [K in Exclude<keyof F, Left<F>>]: TypeOf<F[K]> } & {
  readonly [K in Left<F>]?: TypeOf<F[K]>;
};
