/** Figures as people read them. Rounding happens here and nowhere before. */

function grouped(text: string): string {
  const [whole = '', part] = text.split('.');
  const sign = whole.startsWith('-') ? '−' : '';
  const digits = whole.replace('-', '');
  const set = digits.length >= 5 ? digits.replace(/\B(?=(\d{3})+$)/g, '\u202f') : digits;
  return sign + set + (part ? `.${part}` : '');
}

/** To four significant figures, without exponent. */
export function plain(value: number, digits = 4): string {
  if (value === 0) {
    return '0';
  }
  const rounded = Number(value.toPrecision(Math.max(digits, Math.ceil(Math.log10(Math.abs(value) + 1)))));
  const places = Math.max(0, digits - 1 - Math.floor(Math.log10(Math.abs(value))));
  const text = rounded.toFixed(Math.min(20, places));
  return grouped(text.includes('.') ? text.replace(/\.?0+$/, '') : text);
}

/** A change with its sign, nothing where it is too small to be one. */
export function signed(value: number, digits = 2): string {
  const size = Math.abs(value);
  return size < 0.005 ? '0' : `${value > 0 ? '+' : '−'}${plain(size, digits)}`;
}

export function percent(share: number): string {
  const value = 100 * share;
  return `${value < 10 ? value.toFixed(1) : value.toFixed(0)} %`;
}

/** A probability in percent; nothing weighed from evidence is ever called certain, nor impossible. */
export function chance(probability: number): string {
  if (probability > 0.99) {
    return '> 99 %';
  }
  return probability < 0.001 ? '< 0.1 %' : percent(probability);
}

export function money(value: number): string {
  return grouped(Math.round(value).toString());
}

export function megohm(value: number): string {
  if (value >= 1000) {
    return `${plain(value / 1000, 3)} GΩ`;
  }
  return value > 0 && value < 0.1 ? `${plain(value * 1000, 3)} kΩ` : `${plain(value, 3)} MΩ`;
}

export function ohm(value: number): string {
  return value > 0 && value < 0.1 ? `${plain(value * 1000)} mΩ` : `${plain(value)} Ω`;
}

export function hertz(value: number): string {
  return value >= 10_000 ? `${plain(value / 1000)} kHz` : `${plain(value)} Hz`;
}

/** Hours in the shop: "3 h", "2 d 6 h". */
export function hours(value: number): string {
  const whole = Math.floor(value);
  const days = Math.floor(whole / 24);
  if (days === 0) {
    return whole === 0 ? `${Math.round(value * 60)} min` : `${whole} h`;
  }
  return whole % 24 === 0 ? `${days} d` : `${days} d ${whole % 24} h`;
}

export function clock(seconds: number): string {
  const s = Math.ceil(seconds);
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
}

const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short' });
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });
const WEEK_MS = 6 * 86_400_000;

/** "10:42" today, "Mon 10:42" within the week, "12 Nov 10:42" else; in this browser's own time. */
export function moment(iso: string, now = new Date()): string {
  const at = new Date(iso);
  const time = TIME.format(at);
  if (at.toDateString() === now.toDateString()) {
    return time;
  }
  const away = Math.abs(now.getTime() - at.getTime());
  return `${(away < WEEK_MS ? WEEKDAY : DAY).format(at)} ${time}`;
}

/** A moment given in seconds of the epoch. */
export function momentOf(seconds: number): string {
  return moment(new Date(seconds * 1000).toISOString());
}

/** A sentence whose figures are not parted from their units at the end of a line. */
export function unbroken(sentence: string): string {
  return sentence.replace(/(\d) (%|[kMGm]?Ω|k?V|m?A|T|°C|k?Hz|k?W|kg|Nm)(?![A-Za-z])/g, '$1\u00a0$2');
}
