import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Ranked } from '../api/types';
import { FakeShop } from '../testing/FakeShop';
import { ChainAndRoots } from './ChainAndRoots';

const earlier = (tag: string, root: string, recommendations: string[]) => ({
  tag,
  explanation: 'overload',
  root,
  recommendations,
});

function shown(...before: ReturnType<typeof earlier>[]) {
  const shop = new FakeShop({
    advice: [{ explanation: 'overload', chain: { links: [] }, earlier: before, roots: [] }],
  });
  shop.show((job) => (
    <ChainAndRoots job={job} of={{ explanation: 'overload', spoken: 'overload' } as unknown as Ranked} />
  ));
}

describe('what an explanation would mean', () => {
  it('asks whether what was advised last time was done', async () => {
    shown(earlier('TQ-0307', 'valve left shut', ['Interlock the valve.', 'Fit a relay.']));
    expect(await screen.findByText(/valve left shut/)).toHaveTextContent(
      'This motor failed of it before, as TQ-0307: valve left shut. Advised then: Interlock the valve. Fit a relay. Ask whether it was done.',
    );
    expect(screen.getByRole('link', { name: 'TQ-0307' })).toHaveAttribute('href', '/jobs/TQ-0307/cause');
  });

  it('says so where nothing was advised', async () => {
    shown(earlier('TQ-0207', '', []));
    expect(await screen.findByText(/This motor failed/)).toHaveTextContent(
      'as TQ-0207. Nothing was advised then; settle it this time.',
    );
  });
});
