import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { FakeShop } from '../testing/FakeShop';
import { TogetherStep } from './TogetherStep';

const step = (id: number, label: string, more: object = {}) => ({
  id,
  label,
  details: '',
  mind: `Mind ${label}.`,
  replace: false,
  small: false,
  refit: null,
  ...more,
});

function shown(reassembly: object[], off: number) {
  const shop = new FakeShop({ apart: { log: { reassembly, off, together: null, lines: [] } } });
  shop.show((job) => <TogetherStep job={job} />);
  return shop;
}

const item = (words: RegExp) =>
  within(screen.getAllByRole('listitem').find((li) => words.test(li.textContent)) as HTMLElement);

describe('a motor put together by its list', () => {
  it('shows what is back, what is next and what needs a new one', async () => {
    shown(
      [
        step(3, 'Rotor', { refit: { part: 3, by: 'Mara Orre', leftOut: null } }),
        step(2, 'Bracket', { replace: true, details: '4 × M10' }),
        step(1, 'Shaft key', { small: true }),
      ],
      2,
    );
    expect(await screen.findByText(/1 of 3 back/)).toBeVisible();
    expect(item(/Rotor/).getByText(/back on, Mara Orre/)).toBeVisible();
    expect(item(/Bracket/).getByText('fit a new one')).toBeVisible();
    expect(item(/Bracket/).getByText('4 × M10')).toBeVisible();
    expect(screen.getAllByRole('listitem')[1]).toHaveClass('here');
    expect(item(/Shaft key/).getByText('Mind Shaft key.')).toBeVisible();
  });

  it('leaves a part out for a reason only', async () => {
    const shop = shown([step(1, 'Coupling half')], 1);
    await userEvent.click(await screen.findByRole('button', { name: 'stays out …' }));
    const out = screen.getByRole('button', { name: 'Stays out' });
    expect(out).toBeDisabled();
    await userEvent.type(screen.getByLabelText('Why it stays out'), 'the customer fits it');
    await userEvent.click(out);
    await waitFor(() =>
      expect(shop.sent).toEqual([
        {
          method: 'POST',
          path: '/parts/1',
          body: { action: 'leave-out', reason: 'the customer fits it' },
        },
      ]),
    );
  });

  it('takes a part off again', async () => {
    const shop = shown([step(1, 'Rotor', { refit: { part: 1, by: 'Mara Orre', leftOut: null } })], 0);
    await userEvent.click(await screen.findByRole('button', { name: 'off again' }));
    await waitFor(() => expect(shop.sent[0]?.body).toMatchObject({ action: 'off' }));
  });

  it('leads to the log where nothing is off', async () => {
    shown([], 0);
    expect(await screen.findByRole('link', { name: /Log the parts/ })).toHaveAttribute(
      'href',
      '/jobs/TQ-0001/teardown/parts',
    );
  });
});
