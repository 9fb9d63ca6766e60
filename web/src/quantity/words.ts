/** A text with a capital, as it opens a line. */
export function capital(text: string) {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

const UNIT = /(APerMm2|MmPerS|Mm2|Mm|Rpm|Hz|Kwh|Percent|Nm|Va|Wb|Kg|Db|Gmm|Millivolt|Microfarad|[VAWMCSTK])$/;

/** A name of the contract as words: its unit off, a blank before each capital. */
export function nameWords(name: string): string {
  return name
    .replace(UNIT, '')
    .replace(/([a-z])([A-Z0-9])/g, '$1 $2')
    .toLowerCase();
}

/** Where a problem lies, in words: `readings[2].megohm` is reading 3, megohm. */
function pathWords(path: string): string {
  return path
    .split('.')
    .map((part) => {
      const at = /^(.*)\[(\d+)\]$/.exec(part);
      return at ? `${nameWords(at[1] ?? '').replace(/s$/, '')} ${Number(at[2]) + 1}` : nameWords(part);
    })
    .join(', ');
}

const PATHS =
  /\b(?:(?:[a-z]{3,}(?:\[\d+\])?\.)*[a-z]{3,}[A-Z][A-Za-z0-9]*(?:\[\d+\])?|[a-z]{3,}\[\d+\])(?:\.[a-z][A-Za-z0-9]*(?:\[\d+\])?)*/g;

/** A problem in words a person would use: the field's label, or its name in words, and no name of the contract anywhere. */
export function problemText(problem: { field: string; message: string }, label?: string): string {
  const { field, message } = problem;
  const told =
    field !== '' && message.startsWith(field)
      ? (label ?? pathWords(field)) + message.slice(field.length)
      : message;
  return capital(told.replace(PATHS, pathWords));
}
