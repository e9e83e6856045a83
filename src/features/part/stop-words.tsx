/** What every participant screen says. */
export function StopWords() {
  return (
    <p className="mt-4 text-sm leading-snug">
      Pain, dizziness, chest discomfort or unusual breathlessness: stop. In an emergency call your local
      emergency number.
    </p>
  );
}
