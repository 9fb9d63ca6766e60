import { useSyncExternalStore } from 'react';

/** A shop of the house, as a session names it. */
export interface Shop {
  id: number;
  name: string;
}

/** This window's shop; another window may work in another. */
const WINDOW = 'brasskettle-shop';

let mine: Shop[] = [];
let current: number | undefined;
const listeners = new Set<() => void>();

function kept(store: Storage): number | undefined {
  try {
    const found = Number(store.getItem(WINDOW));
    return mine.some((s) => s.id === found) ? found : undefined;
  } catch {
    return undefined;
  }
}

/** Says which shops are somebody's. The window stays in its shop, else begins in the one chosen last on this tablet. */
export function setShops(shops: Shop[]) {
  mine = shops;
  const stays = shops.some((s) => s.id === current) ? current : undefined;
  current = stays ?? kept(sessionStorage) ?? kept(localStorage) ?? shops[0]?.id;
}

/** From now on this window works in `shop`. */
export function chooseShop(shop: number) {
  if (shop === current) {
    return;
  }
  current = shop;
  for (const store of [sessionStorage, localStorage]) {
    try {
      store.setItem(WINDOW, String(shop));
    } catch {
      // Where nothing can be kept the window still knows.
    }
  }
  listeners.forEach((heard) => heard());
}

/** The shop this window works in, and all that are somebody's. */
export function useShop(): { shop: number | undefined; shops: Shop[] } {
  const shop = useSyncExternalStore(
    (heard) => {
      listeners.add(heard);
      return () => listeners.delete(heard);
    },
    () => current,
  );
  return { shop, shops: mine };
}

/** What a call says of its shop: nothing where somebody has only one. */
export function shopHeader(): Record<string, string> {
  return mine.length > 1 && current !== undefined ? { Shop: String(current) } : {};
}

/** An address that is opened as it is, with its shop. */
export function shopLink(path: string): string {
  return mine.length > 1 && current !== undefined
    ? `${path}${path.includes('?') ? '&' : '?'}shop=${current}`
    : path;
}
