import { expect, it } from 'vitest';
import { exposures } from './arrivalText';

it.each([
  [[], ['nothing'], ['nothing']],
  [['food', 'asbestos'], ['food', 'asbestos', 'nothing'], ['nothing']],
  [['nothing'], ['nothing', 'asbestos'], ['asbestos']],
  [['food', 'asbestos'], ['food'], ['food']],
])('the newer tap counts: %j then %j', (before, after, kept) => {
  expect(exposures(before, after)).toEqual(kept);
});
