/** A text with a capital, as it opens a line. */
export function capital(text: string) {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
