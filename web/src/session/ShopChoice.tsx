import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { chooseShop, useShop } from '../api/shop';

/** Changes the shop this window works in. What was read of the other one is forgotten; a job is the same in any. */
export function useChooseShop(): (shop: number) => void {
  const client = useQueryClient();
  const { shop: here } = useShop();
  return (shop) => {
    if (shop === here) {
      return;
    }
    client.removeQueries({ predicate: (q) => q.queryKey[0] !== 'session' && q.queryKey[0] !== 'job' });
    chooseShop(shop);
  };
}

/** Which of their shops somebody works in. */
export function ShopChoice({ done }: { done: () => void }) {
  const { shop, shops } = useShop();
  const choose = useChooseShop();
  const here = shops.find((s) => s.id === shop);
  return (
    <div className="turn panel under" role="dialog" aria-label="Which shop">
      <h2>Which shop is this window for?</h2>
      <div className="picks" role="radiogroup" aria-label="Shop">
        {shops.map((s) => (
          <button
            type="button"
            key={s.id}
            role="radio"
            className="pick"
            aria-checked={s.id === shop}
            onClick={() => {
              done();
              choose(s.id);
            }}
          >
            {s.name}
          </button>
        ))}
      </div>
      <p className="small">Motors received, plan, rack, prices and settings are those of this shop.</p>
      <div className="actions">
        <Button onClick={done}>Stay at {here?.name}</Button>
      </div>
    </div>
  );
}

/** Whether a list shows this shop, or all of somebody's together; nothing where they have only one. */
export function Together({ all, onChange }: { all: boolean; onChange: (all: boolean) => void }) {
  const { shops } = useShop();
  if (shops.length < 2) {
    return null;
  }
  return (
    <div className="lists" role="radiogroup" aria-label="Which shops">
      {[false, true].map((together) => (
        <button
          type="button"
          key={String(together)}
          role="radio"
          aria-checked={all === together}
          onClick={() => onChange(together)}
        >
          {together ? `All ${shops.length} shops` : 'This shop'}
        </button>
      ))}
    </div>
  );
}
