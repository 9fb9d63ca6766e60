import type { SettingsView } from '../api/types';

export const QUOTE_FIELDS = [
  'address',
  'terms',
  'taxPercent',
  'validDays',
  'wireYieldPercent',
  'rushPercent',
  'scrapPerKg',
] as const;
export type QuoteField = (typeof QUOTE_FIELDS)[number];

/** The settings as they are typed: every figure is text until the server read it. */
export interface SettingsText {
  shopName: string;
  tagPrefix: string;
  currency: string;
  timeZone: string;
  quote: Record<QuoteField, string>;
  rates: Record<'hour' | 'copperPerKg' | 'energyPricePerKwh' | 'discountRatePercent', string>;
  certificate: { number: string; from: string; until: string };
  schools: { question: string; school: string }[];
  limits: { limit: string; figure: string; reason: string }[];
  simulatedInstruments: boolean;
  instrumentAlwaysNamed: boolean;
  onePerson: boolean;
}

/** Puts settings as they stand into the fields of the form. */
export function text(view: SettingsView): SettingsText {
  const s = view.settings;
  return {
    shopName: s.shopName,
    tagPrefix: s.tagPrefix,
    currency: s.currency ?? '',
    timeZone: s.timeZone ?? '',
    quote: Object.fromEntries(QUOTE_FIELDS.map((f) => [f, String(s.quote?.[f] ?? '')])) as Record<
      QuoteField,
      string
    >,
    rates: {
      hour: String(s.rates.hour),
      copperPerKg: String(s.rates.copperPerKg),
      energyPricePerKwh: String(s.rates.energyPricePerKwh),
      discountRatePercent: String(s.rates.discountRatePercent),
    },
    certificate: s.certificate ?? { number: '', from: '', until: '' },
    schools: view.questions.map((q) => ({ question: q.question, school: q.school })),
    limits: s.limits.map((l) => ({ limit: l.limit, figure: String(l.figure), reason: l.reason })),
    simulatedInstruments: s.simulatedInstruments ?? false,
    instrumentAlwaysNamed: s.instrumentAlwaysNamed ?? false,
    onePerson: s.onePerson ?? false,
  };
}
