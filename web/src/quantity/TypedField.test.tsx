import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { TypedField } from './TypedField';
import { problemText } from './words';

function Form({ problem }: { problem?: Parameters<typeof TypedField>[0]['problem'] }) {
  const [a, setA] = useState('');
  const [b, setB] = useState('');
  return (
    <form>
      <TypedField
        label="Power"
        unit="kW"
        value={a}
        onChange={setA}
        shown="50 hp · 37.28 kW"
        problem={problem}
      />
      <TypedField label="Voltage" value={b} onChange={setB} />
      <button type="submit">Keep</button>
    </form>
  );
}

describe('a typed field', () => {
  it('shows what was understood beside what was typed', () => {
    render(<Form />);
    expect(screen.getByLabelText(/Power/)).toHaveAccessibleDescription('50 hp · 37.28 kW');
  });

  it('says what is wrong in place of what was understood, and keeps the text', async () => {
    render(
      <Form
        problem={{
          field: 'ratedPowerW',
          code: 'range',
          message: 'ratedPowerW is -1 W; it must be above 0 W',
        }}
      />,
    );
    const field = screen.getByLabelText(/Power/);
    await userEvent.type(field, '-1');
    expect(field).toHaveValue('-1');
    expect(field).toBeInvalid();
    expect(field).toHaveAccessibleDescription('Power is -1 W; it must be above 0 W');
    expect(screen.queryByText('50 hp · 37.28 kW')).toBeNull();
  });

  it('goes to the next reading on Enter instead of sending the form', async () => {
    render(<Form />);
    await userEvent.type(screen.getByLabelText(/Power/), '37{Enter}400');
    expect(screen.getByLabelText('Voltage')).toHaveValue('400');
  });

  it('speaks of the field by its label, wherever the message names it', () => {
    expect(problemText({ field: 'a.b', message: 'a.b is missing' }, 'Bore')).toBe('Bore is missing');
    expect(problemText({ field: 'a', message: '“x” is not a figure' }, 'Bore')).toBe('“x” is not a figure');
  });
});
