/** One address in the form of RFC 5322's addr-spec, without its rarities; nothing that could end a header line. */
export function isMailAddress(text: string): boolean {
  return text.length <= 254 && /^[^\s@<>(),;:"\\]+@[^\s@<>(),;:"\\]+$/.test(text);
}
