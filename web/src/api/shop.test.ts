import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { chooseShop, setShops, shopHeader, shopLink } from './shop';

const QUAY = { id: 1, name: 'Tarn Quay' };
const YARD = { id: 4, name: 'Skerry Yard' };

beforeEach(() => setShops([]));
afterEach(() => {
  sessionStorage.clear();
  localStorage.clear();
});

describe('the shop of a window', () => {
  it('is not said where somebody has only one', () => {
    setShops([YARD]);
    expect(shopHeader()).toEqual({});
    expect(shopLink('/api/floor.csv?show=gone')).toBe('/api/floor.csv?show=gone');
  });

  it('is said with every call and every link where somebody has several', () => {
    setShops([QUAY, YARD]);
    expect(shopHeader()).toEqual({ Shop: '1' });
    chooseShop(4);
    expect(shopHeader()).toEqual({ Shop: '4' });
    expect(shopLink('/api/figures.xlsx')).toBe('/api/figures.xlsx?shop=4');
    expect(shopLink('/api/floor.csv?show=gone')).toBe('/api/floor.csv?show=gone&shop=4');
  });

  it('is kept when the page is loaded again, unless it is somebody’s no more', () => {
    setShops([QUAY, YARD]);
    chooseShop(4);
    setShops([]);
    setShops([QUAY, YARD]);
    expect(shopHeader()).toEqual({ Shop: '4' });
    setShops([QUAY, { id: 9, name: 'Third' }]);
    expect(shopHeader()).toEqual({ Shop: '1' });
  });

  it('is the window’s own where another window chose last', () => {
    setShops([QUAY, YARD]);
    chooseShop(4);
    setShops([]);
    localStorage.setItem('brasskettle-shop', '1');
    setShops([QUAY, YARD]);
    expect(shopHeader()).toEqual({ Shop: '4' });
    sessionStorage.clear();
    setShops([]);
    setShops([QUAY, YARD]);
    expect(shopHeader()).toEqual({ Shop: '1' });
  });
});
