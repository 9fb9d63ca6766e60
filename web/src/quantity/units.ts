import { usePreferences } from '../session/session';
import { plain } from './figures';

/** What a metric unit is to somebody who thinks in US customary units. */
const RULES: [string, string, (metric: number) => number][] = [
  ['kW', 'hp', (v) => v / 0.745699872],
  ['W', 'hp', (v) => v / 745.699872],
  ['mm', 'in', (v) => v / 25.4],
  ['m of cable', 'ft of cable', (v) => v / 0.3048],
  ['kg', 'lb', (v) => v / 0.45359237],
  ['°C', '°F', (v) => v * 1.8 + 32],
  ['Nm', 'lb·ft', (v) => v * 0.7375621],
];

const FIGURE = '[−-]?\\d[\\d\\u00a0\\u202f]*(?:\\.\\d+)?';

/** A sentence with its metric figures converted for the eye; what is no such figure stays as it is. */
export function inUsUnits(text: string): string {
  return RULES.reduce((sentence, [metric, us, convert]) => {
    // Not the start of a longer unit: mm is not mm², W is not W/kg.
    const seen = new RegExp(`(?:(${FIGURE}) to )?(${FIGURE})[ \\u00a0]${metric}(?![A-Za-z²³/·])`, 'g');
    return sentence.replace(seen, (_, from: string | undefined, to: string) => {
      const range = from === undefined ? '' : `${converted(from, convert)} to `;
      return `${range}${converted(to, convert)} ${us}`;
    });
  }, text);
}

function converted(figure: string, convert: (metric: number) => number): string {
  const bare = figure.replace(/[\u00a0\u202f]/g, '').replace('−', '-');
  const digits = bare.replace(/^-?0*\.?0*|[^0-9]/g, '').length;
  return plain(convert(Number(bare)), Math.max(3, digits));
}

/** How sentences of the core are shown to whoever is signed in. */
export function useShown(): (text: string) => string {
  const { units } = usePreferences();
  return units === 'us-customary' ? inUsUnits : (text) => text;
}
