import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Ranked } from '../api/types';
import { FakeShop } from '../testing/FakeShop';
import { ChainAndRoots } from './ChainAndRoots';

const before = {
  tag: 'TQ-0307',
  told: 'overload, valve left shut. Advised then: Interlock the valve.',
  next: 'Ask whether it was done.',
};

const advice = (explanation: string, earlier: object[]) => ({
  explanation,
  chain: { links: [] },
  earlier,
  roots: [],
});

describe('what an explanation would mean', () => {
  it('tells of the earlier stay it came up on, and leads there', async () => {
    const shop = new FakeShop({ advice: [advice('lost-phase', []), advice('overload', [before])] });
    shop.show((job) => (
      <ChainAndRoots job={job} of={{ explanation: 'overload', label: 'overload' } as unknown as Ranked} />
    ));
    expect(await screen.findByText(/This motor failed/)).toHaveTextContent(
      'This motor failed of it before, as TQ-0307: overload, valve left shut. Advised then: Interlock the valve. Ask whether it was done.',
    );
    expect(screen.getByRole('link', { name: 'TQ-0307' })).toHaveAttribute('href', '/jobs/TQ-0307/cause');
  });

  it('says nothing of stays on which the motor failed of something else', async () => {
    const shop = new FakeShop({ advice: [advice('lost-phase', []), advice('overload', [before])] });
    shop.show((job) => (
      <ChainAndRoots job={job} of={{ explanation: 'lost-phase', label: 'lost phase' } as unknown as Ranked} />
    ));
    expect(await screen.findByRole('heading', { name: 'If it was lost phase' })).toBeVisible();
    expect(screen.queryByText(/This motor failed/)).toBeNull();
  });
});
