/** What is kept, for those who want to know. */
export function YourData({ token }: { readonly token: string }) {
  return (
    <p className="mt-4 border-t border-hairline pt-3 text-sm text-quiet">
      <a className="underline underline-offset-2" href={`/api/part/${token}/data`}>
        Everything that is kept about you
      </a>
      , as a file. Your instructor can remove all of it when you ask.
    </p>
  );
}
