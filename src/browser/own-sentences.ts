/** What this side says where no answer came: in English until the page has said in which language it is. */
export interface OwnSentences {
  readonly unreached: string;
  readonly broken: string;
  readonly failed: string;
  /** The number under which whoever runs Brontle finds it in the journal. */
  readonly number: (request: string) => string;
}

let sentences: OwnSentences = {
  unreached: "Brontle can't be reached.",
  broken: "Brontle has a problem of its own just now.",
  failed: "Something went wrong.",
  number: (request) => `Its number is ${request}.`,
};

export const ownSentences = () => sentences;

/** Takes the sentences of the page's language. */
export function sayInstead(own: OwnSentences): void {
  sentences = own;
}
