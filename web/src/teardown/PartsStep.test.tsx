import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { FakeShop } from '../testing/FakeShop';
import { PartsStep } from './PartsStep';
import type { LogText } from '../job/vocabulary';

const part = (name: string, end: string, more: object = {}) => ({
  part: name,
  end,
  joint: false,
  small: false,
  fasteners: '',
  off: `How ${name} comes off.`,
  care: '',
  back: '',
  methods: [],
  ...more,
});

const BUILDS = [
  {
    build: 'ball-sealed',
    label: 'Ball bearings, no caps',
    where: 'usual to frame 132',
    parts: [
      part('Shaft key', 'drive-end', { small: true }),
      part('Bracket', 'drive-end', {
        joint: true,
        methods: [
          { way: 'forcing screws', after: '' },
          { way: 'pried on one side', after: 'Look at the ears.' },
        ],
      }),
      part('Bracket', 'non-drive-end', { joint: true }),
      part('Rotor', 'frame'),
      part('Bearing', 'drive-end'),
    ],
  },
];

function shown(job: object = {}) {
  const shop = new FakeShop({ apart: { suggested: 'ball-sealed' }, ...job });
  shop.answers['/api/teardown/vocabulary'] = { builds: BUILDS, conditions: [] };
  shop.show((j) => <PartsStep job={j} />);
  const last = () => {
    const all = shop.written<LogText>('teardown-log');
    return all[all.length - 1];
  };
  return { shop, last };
}

const tap = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));

async function built() {
  await userEvent.click(await screen.findByRole('radio', { name: 'Ball bearings, no caps' }));
}

describe('a motor taken apart', () => {
  it('offers the marks of its build and takes them all at once', async () => {
    const { last } = shown();
    await built();
    await tap('all 2 as usual');
    await waitFor(() =>
      expect(last()?.marks).toEqual([
        { joint: 'Bracket', end: 'drive-end', mark: 'one dot' },
        { joint: 'Bracket', end: 'non-drive-end', mark: 'two dots' },
      ]),
    );
  });

  it('logs a part with a tap in the order they come off, and another one out of turn', async () => {
    const { last } = shown();
    await built();
    expect(screen.getByText('How Shaft key comes off.')).toBeVisible();
    await tap(/^came off ?Shaft key/);
    expect(screen.getByText('How Bracket comes off.')).toBeVisible();
    await tap('Rotor');
    await waitFor(() => expect(last()?.parts.map((p) => p.part)).toEqual(['Shaft key', 'Rotor']));
    expect(last()?.parts[0]?.small).toBe(true);
    expect(new Set(last()?.parts.map((p) => p.id)).size).toBe(2);
  });

  it('logs what should be there and is not', async () => {
    const { last } = shown();
    await built();
    await tap('should be there and is missing');
    await waitFor(() => expect(last()?.parts[0]).toMatchObject({ part: 'Shaft key', state: 'missing' }));
  });

  it('asks how a part came off where there are ways to know, and nothing where there are none', async () => {
    const { last } = shown();
    await built();
    await tap(/^came off ?Shaft key/);
    await tap(/^1 Shaft key/);
    expect(screen.queryByText('How it came off')).toBeNull();
    await tap(/^came off ?Bracket/);
    await tap(/^2 Bracket/);
    await userEvent.click(screen.getByRole('radio', { name: 'pried on one side' }));
    await waitFor(() => expect(last()?.parts[1]?.method).toBe('pried on one side'));
    expect(screen.getByText(/pried on one side/, { selector: '.soft' })).toBeVisible();
  });

  it('asks for the weight once the rotor is out, and for the way once a bearing is off', async () => {
    const { last } = shown();
    await built();
    expect(screen.queryByLabelText(/Stator with its winding/)).toBeNull();
    await tap('Rotor');
    expect(await screen.findByLabelText(/Stator with its winding/)).toBeVisible();
    await tap('Bearing, drive end');
    await userEvent.click(await screen.findByRole('radio', { name: 'Heat on the inner race' }));
    await userEvent.type(await screen.findByLabelText('Why so'), 'seat tight');
    await waitFor(() => expect(last()).toMatchObject({ removal: 'heat', removalReason: 'seat tight' }));
  });

  it('lets nothing come off a motor that may not be opened here', async () => {
    shown({
      opening: {
        open: false,
        holding: [{ code: 'x', sentence: 'Explosion protected', opens: 'A certificate' }],
      },
    });
    await built();
    expect(screen.queryByRole('button', { name: /came off/ })).toBeNull();
    expect(screen.queryByText('A part this build does not usually have')).toBeNull();
    expect(screen.getByText(/Match marks/)).toBeVisible();
    expect(screen.getByRole('alert')).toHaveTextContent('Explosion protected. A certificate.');
  });
});
