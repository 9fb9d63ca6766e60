import type { Problem } from '../api/types';

/** A price line as it is typed. */
export interface OfferLine {
  task: string;
  quantity: string;
  unit: string;
  rate: string;
  basis?: string;
  builtQuantity?: string;
  builtRate?: string;
  reason?: string;
}

/** An option as it is typed. */
export interface Offer {
  kind: string;
  source?: string;
  name?: string;
  lines: OfferLine[];
  leadTimeHours: string;
  efficiencyPercent: string;
  expectedLifeYears: string;
  warrantyMonths?: string;
  included?: string;
  notIncluded?: string;
}

/** Options and the conditions they are compared under, as they are typed. */
export interface Offers {
  discountRatePercent: string;
  energyPricePerKwh: string;
  loadPercent: string;
  runHoursPerYear: string;
  outageCostPerHour?: string;
  offers: Offer[];
}

/** Where an option of each kind can come from. */
export const SOURCES: Record<string, readonly (readonly [string, string])[]> = {
  recondition: [
    ['here', 'Here'],
    ['sent-out', 'Sent out'],
  ],
  rewind: [
    ['here', 'Here'],
    ['sent-out', 'Sent out'],
  ],
  replace: [
    ['new', 'New'],
    ['used', 'Used'],
    ['spare', 'Spare on the shelf'],
  ],
};

/** What is wrong with a figure that may be one or three: blamed as a whole or at one of the three. */
export function wrongWith(problems: Problem[], field: string): Problem | undefined {
  return problems.find((p) => p.field === field || p.field.startsWith(`${field}.`));
}

/** Whether a line was built from a table and says something else now. */
export function changed(line: OfferLine): boolean {
  return (
    (!!line.builtQuantity && line.builtQuantity !== line.quantity.trim()) ||
    (!!line.builtRate && line.builtRate !== line.rate.trim())
  );
}
