/** The outcome of something that can go wrong for a stated reason. Nothing in the core throws for bad input. */
export type Result<T, E> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: E };

/** A success. */
export function ok<T>(value: T): Result<T, never> {
  return { ok: true, value };
}

/** A failure with its reason. */
export function err<E>(error: E): Result<never, E> {
  return { ok: false, error };
}
