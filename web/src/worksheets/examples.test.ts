import { describe, expect, it } from 'vitest';
import openapi from '../../openapi.json';
import { EXAMPLES } from './examples';

describe('examples of worksheets', () => {
  it('are filled in, every one of them', () => {
    expect(Object.keys(EXAMPLES)).toHaveLength(40);
    for (const [name, typed] of Object.entries(EXAMPLES)) {
      expect(Object.keys(typed).length, name).toBeGreaterThan(0);
    }
  });

  it('speak of calls the server has', () => {
    expect(Object.keys(openapi.paths)).toContain('/api/worksheets/{name}/typed');
  });
});
