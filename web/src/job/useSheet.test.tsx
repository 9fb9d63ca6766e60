import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useQueryClient } from '@tanstack/react-query';
import { describe, expect, it } from 'vitest';
import type { JobView } from '../api/types';
import { TypedField } from '../quantity/TypedField';
import { FakeShop } from '../testing/FakeShop';
import { useSheet } from './sheet';
import { SheetForm } from './SheetForm';

interface Text {
  maker: string;
  serial: string;
}

function Form({ job }: { job: JobView }) {
  const sheet = useSheet<Text>(job, 'plate', { maker: '', serial: '' }, () => undefined);
  const client = useQueryClient();
  return (
    <>
      <SheetForm sheet={sheet} title="Plate" aside="" keep="Keep it" correct="Correct it" label={(f) => f}>
        <TypedField
          words
          label="Maker"
          value={sheet.value.maker}
          onChange={(maker) => sheet.set({ maker })}
        />
        <TypedField
          words
          label="Serial"
          value={sheet.value.serial}
          onChange={(serial) => sheet.set({ serial })}
        />
      </SheetForm>
      <button type="button" onClick={() => void client.invalidateQueries()}>
        look again
      </button>
    </>
  );
}

async function shown(shop = new FakeShop()) {
  shop.show((job) => <Form job={job} />);
  const maker = await screen.findByLabelText('Maker');
  return { shop, maker, serial: screen.getByLabelText('Serial') };
}

// The toolkit's button says that it loads in front of its name, and jsdom never ends the fading of that.
const press = (name: string) => userEvent.click(screen.getByRole('button', { name: new RegExp(`${name}$`) }));

const clash = (theirs: string, mine: string) => ({
  status: 409,
  body: {
    title: 'Changed meanwhile',
    detail: '',
    version: 2,
    by: 'Ivo Dalby',
    merged: { maker: theirs, serial: 'S1' },
    clashes: [{ field: 'maker', before: '', theirs, mine }],
  },
});

describe('a sheet two people write', () => {
  it('follows the other while it is untouched here', async () => {
    const { shop, maker } = await shown();
    shop.writtenBy('Ivo Dalby', 'plate', { maker: 'Harbour', serial: '' });
    await press('look again');
    await waitFor(() => expect(maker).toHaveValue('Harbour'));
  });

  it('keeps what is typed here when the other writes, and says so', async () => {
    const { shop, maker } = await shown();
    await userEvent.type(maker, 'Quay');
    shop.writtenBy('Ivo Dalby', 'plate', { maker: 'Harbour', serial: '' });
    await press('look again');
    expect(await screen.findByText(/Ivo Dalby changed this/)).toBeVisible();
    expect(maker).toHaveValue('Quay');
  });

  it('loses nothing typed while it is on its way', async () => {
    const { shop, maker, serial } = await shown();
    await userEvent.type(maker, 'Quay');
    shop.holdAnswers();
    await press('Keep it');
    await userEvent.type(serial, '77');
    shop.letThrough();
    expect(await screen.findByRole('button', { name: /Correct it$/ })).toBeVisible();
    expect(serial).toHaveValue('77');
    expect(screen.getByText(/not saved yet/)).toBeVisible();
    await press('Correct it');
    await waitFor(() => expect(screen.queryByText(/not saved yet/)).toBeNull());
    expect(shop.written<Text>('plate')).toEqual([
      { maker: 'Quay', serial: '' },
      { maker: 'Quay', serial: '77' },
    ]);
  });

  it('shows both where they differ, and writes the pick over the version it was shown', async () => {
    const { shop, maker } = await shown();
    await userEvent.type(maker, 'Quay');
    shop.refusals.push(clash('Harbour', 'Quay'));
    await press('Keep it');
    await userEvent.click(await screen.findByRole('radio', { name: 'maker: theirs' }));
    await press('Take these');
    await waitFor(() => expect(maker).toHaveValue('Harbour'));
    expect(screen.getByLabelText('Serial')).toHaveValue('S1');
    await press('Keep it');
    await waitFor(() => expect(screen.queryByText(/not saved yet/)).toBeNull());
    expect(shop.sent[shop.sent.length - 1]?.body).toEqual({
      version: 2,
      typed: { maker: 'Harbour', serial: 'S1' },
    });
  });

  it('keeps a refused entry in this browser, for another day', async () => {
    const { shop, maker } = await shown();
    await userEvent.type(maker, 'Quay');
    shop.refusals.push({
      status: 400,
      body: {
        title: 'Not understood',
        detail: 'x',
        problems: [{ field: 'maker', code: 'word', message: 'x' }],
      },
    });
    await press('Keep it');
    await waitFor(() => expect(shop.sent).toHaveLength(1));
    expect(localStorage.getItem('brasskettle.draft.:TQ-0001/plate')).toContain('Quay');
    expect(maker).toHaveValue('Quay');
  });
});
