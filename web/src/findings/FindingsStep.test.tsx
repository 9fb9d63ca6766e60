import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { FakeShop } from '../testing/FakeShop';
import { FindingsStep } from './FindingsStep';

interface Written {
  findings: { component: string; condition: string; note: string; severity: string }[];
}

const CONDITIONS = [
  {
    component: 'rolling bearing',
    condition: 'fluted',
    words: 'fluted race',
    places: ['drive-end', 'non-drive-end'],
  },
  {
    component: 'rolling bearing',
    condition: 'rough',
    words: 'rough',
    places: ['drive-end', 'non-drive-end'],
  },
  { component: 'winding', condition: 'ties-broken', words: 'ties broken', places: ['winding'] },
];

function shown() {
  const shop = new FakeShop();
  shop.answers['/api/teardown/vocabulary'] = { builds: [], conditions: CONDITIONS };
  shop.show((job) => <FindingsStep job={job} />);
  const kept = () => shop.written<Written>('findings');
  const last = () => kept()[kept().length - 1]?.findings ?? [];
  return { shop, kept, last };
}

const tap = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));

describe('what is found on a motor', () => {
  it('is kept by a tap, with the place that stands', async () => {
    const { last } = shown();
    await tap('rolling bearing');
    await userEvent.click(screen.getByRole('radio', { name: 'non-drive end' }));
    await tap('fluted race');
    await waitFor(() => expect(last()).toHaveLength(1));
    expect(last()[0]).toMatchObject({
      component: 'rolling bearing',
      condition: 'fluted',
      place: 'non-drive-end',
    });
    expect(await screen.findByText('Kept.')).toBeVisible();
  });

  it('is held up by no line that waits for words of one’s own', async () => {
    const { last } = shown();
    await tap('rolling bearing');
    await tap('fluted race');
    await tap('something else …');
    await waitFor(() => expect(last()).toHaveLength(1));
    expect(screen.getByText(/say what/)).toBeVisible();
    await userEvent.type(screen.getByLabelText('Note'), 'nest of a mouse');
    await waitFor(() => expect(last()).toHaveLength(2));
    expect(last()[1]).toMatchObject({ condition: '', note: 'nest of a mouse' });
  });

  it('takes a condition while such a line waits, and keeps the words apart from it', async () => {
    const { last } = shown();
    await tap('rolling bearing');
    await tap('something else …');
    await tap('rough');
    await waitFor(() => expect(last()).toHaveLength(1));
    await userEvent.type(screen.getByLabelText('Note'), 'blue');
    await waitFor(() => expect(last()).toHaveLength(2));
    expect(last().map((f) => [f.condition, f.note])).toEqual([
      ['', 'blue'],
      ['rough', ''],
    ]);
  });

  it('changes and goes line by line', async () => {
    const { last } = shown();
    await tap('rolling bearing');
    await tap('fluted race');
    await tap('winding');
    await tap('ties broken');
    const severe = within(screen.getByRole('radiogroup', { name: /How bad: rolling bearing/ }));
    await userEvent.click(severe.getByRole('radio', { name: 'severe' }));
    await waitFor(() => expect(last().map((f) => f.severity)).toEqual(['severe', 'moderate']));
    await tap(/Take out rolling bearing/);
    await waitFor(() => expect(last().map((f) => f.condition)).toEqual(['ties-broken']));
  });

  it('forgets a waiting line that is taken out, and writes nothing of it', async () => {
    const { kept } = shown();
    await tap('winding');
    await tap('something else …');
    await tap(/Take out winding/);
    expect(screen.queryByText(/say what/)).toBeNull();
    expect(screen.getByText('Every tap is kept at once.')).toBeVisible();
    expect(kept()).toHaveLength(0);
  });
});
