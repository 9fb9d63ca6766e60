import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { FakeShop } from '../testing/FakeShop';
import { Evidence } from './Evidence';

const piece = (code: string, words: string, step: string, struck = false) => ({ code, words, step, struck });

function shown() {
  const shop = new FakeShop({
    identity: { tag: 'TQ-0001', mark: 'SW0417B' },
    ranking: { facts: [{ code: 'map-all-dark', sentence: 'Every group is dark.', struck: false }] },
    evidence: [
      piece('winding-wet', 'winding wet', 'receive'),
      piece('again-overload', 'failed so before: overload, as TQ-0307', 'passport'),
      piece('noisy', 'noisy', 'receive', true),
    ],
  });
  shop.answers['/api/cause/vocabulary'] = { evidence: [], explanations: [] };
  shop.show((job) => <Evidence job={job} />);
  return shop;
}

const row = async (words: string) => within((await screen.findByText(words)).closest('tr') as HTMLElement);

describe('evidence of a job', () => {
  it('names where each piece comes from and leads there', async () => {
    shown();
    const link = async (words: string) => (await row(words)).getByRole('link').getAttribute('href');
    expect(await link('winding wet')).toBe('/jobs/TQ-0001/receive');
    expect(await link('Every group is dark.')).toBe('/jobs/TQ-0001/teardown/coils');
    expect(await link('failed so before: overload, as TQ-0307')).toBe('/motors/SW0417B');
  });

  it('strikes nothing without a reason', async () => {
    const shop = shown();
    const wet = await row('winding wet');
    await userEvent.click(wet.getByRole('button', { name: 'strike …' }));
    expect(wet.getByRole('button', { name: 'strike' })).toBeDisabled();
    await userEvent.type(wet.getByLabelText('Why it does not count'), '  ');
    expect(wet.getByRole('button', { name: 'strike' })).toBeDisabled();
    await userEvent.type(wet.getByLabelText('Why it does not count'), 'rain on the van');
    await userEvent.click(wet.getByRole('button', { name: 'strike' }));
    await waitFor(() => expect(shop.sent).toHaveLength(1));
    expect(shop.sent[0]).toMatchObject({
      path: '/evidence',
      body: {
        code: 'winding-wet',
        action: 'strike',
        reason: expect.stringContaining('rain on the van') as string,
      },
    });
  });

  it('lets a struck piece count again', async () => {
    const shop = shown();
    await userEvent.click((await row('noisy')).getByRole('button', { name: 'let it count again' }));
    await waitFor(() => expect(shop.sent[0]?.body).toMatchObject({ code: 'noisy', action: 'restore' }));
  });
});
