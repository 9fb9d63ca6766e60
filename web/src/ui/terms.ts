/** The words for a code in running text, as the core's label: "random wound", "non-drive end". */
export function termLabel(code: string): string {
  return code.replaceAll('-', ' ').replace('non ', 'non-');
}
