import type { Gate } from '../api/types';

/** The lamp's words, one for each state. */
export const GATE_WORDS: Record<Gate['state'], string> = {
  blocked: 'Energising blocked',
  'test-power-only': 'Test power only',
  permitted: 'Energising permitted',
};

/** The shape beside them; never by colour alone. */
export const GATE_SHAPES = {
  blocked: 'stop',
  'test-power-only': 'watch',
  permitted: 'holds',
} as const;
