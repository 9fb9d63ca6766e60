import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Link, MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { useGoOn } from './useGoOn';

let kept: () => void = () => undefined;

function Step() {
  const goOn = useGoOn();
  kept = () => goOn('/next');
  return <Link to="/elsewhere">elsewhere</Link>;
}

function shown() {
  render(
    <MemoryRouter initialEntries={['/step']}>
      <Routes>
        <Route path="/step" element={<Step />} />
        <Route path="/next" element={<h1>next</h1>} />
        <Route path="/elsewhere" element={<h1>elsewhere</h1>} />
      </Routes>
    </MemoryRouter>,
  );
}

describe('going on after keeping', () => {
  it('leads to the next step', async () => {
    shown();
    kept();
    expect(await screen.findByRole('heading', { name: 'next' })).toBeVisible();
  });

  it('pulls nobody back who went elsewhere before the answer came', async () => {
    shown();
    await userEvent.click(screen.getByRole('link'));
    kept();
    expect(await screen.findByRole('heading', { name: 'elsewhere' })).toBeVisible();
    expect(screen.queryByRole('heading', { name: 'next' })).toBeNull();
  });
});
