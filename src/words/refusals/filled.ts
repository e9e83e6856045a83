/** A text with what stands in its places, `at most {most} people`. */
export const filled = (text: string, said: (name: string) => string | undefined): string =>
  text.replace(/\{(\w+)\}/g, (place, name: string) => said(name) ?? place);
