import { setNonce } from "get-nonce";

/**
 * Hands the number of this page's answer to the packages that write styles into it (dialogs hold the page
 * still that way). A script may read it of itself; nothing that is put into the page's text can.
 */
export function showStyleNonce(): void {
  const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce;
  if (nonce) setNonce(nonce);
}
