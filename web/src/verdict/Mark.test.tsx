import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Verdict } from '../api/types';
import { Judged } from './Judged';
import { Mark } from './Mark';

const VERDICTS: Verdict[] = ['holds', 'watch', 'stop', 'unproven'];

describe('a verdict', () => {
  it('has a shape of its own, so that colour alone never tells', () => {
    const shapes = VERDICTS.map((verdict) => {
      const { container, unmount } = render(<Mark verdict={verdict} />);
      const drawn = (container.querySelector('svg')?.innerHTML ?? '').replaceAll(
        /var\(--[a-z-]+\)/g,
        'colour',
      );
      unmount();
      return drawn;
    });
    expect(new Set(shapes).size).toBe(4);
  });

  it('has its word for those who cannot see it', () => {
    for (const verdict of VERDICTS) {
      const { unmount } = render(<Mark verdict={verdict} />);
      expect(screen.getByRole('img')).toHaveAccessibleName(new RegExp(verdict, 'i'));
      unmount();
    }
  });

  it('comes with figure, rule, source, the other school and the next step', () => {
    render(
      <Judged
        judgement={{
          verdict: 'stop',
          headline: '2.6 MΩ at 40 °C, and 5 MΩ is the least',
          because: '3.4 MΩ × 0.751 from 18 °C',
          source: 'IEEE Std 43-2013',
          next: 'Dry it and test again.',
        }}
        other="The field rule says Stop"
      />,
    );
    expect(screen.getByRole('heading')).toHaveTextContent(/Stop: 2\.6.MΩ at 40.°C, and 5.MΩ is the least/);
    expect(screen.getByText('3.4 MΩ × 0.751 from 18 °C · IEEE Std 43-2013')).toBeInTheDocument();
    expect(screen.getByText('The field rule says Stop')).toBeInTheDocument();
    expect(screen.getByText('Next: Dry it and test again.')).toBeInTheDocument();
  });
});
