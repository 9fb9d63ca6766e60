import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { requestKey, send } from '../api/http';
import { shopLink } from '../api/shop';
import type { BankImport } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';

interface Chosen {
  file: File;
  look: BankImport;
}

const LOOK = 'preview=true';

/** The bank as a file: out whole (of all shops where `all` are shown), into this shop's after a look at what it holds. */
export function BankFile({ all, mayTake, taken }: { all: boolean; mayTake: boolean; taken: () => void }) {
  const [chosen, setChosen] = useState<Chosen>();
  const post = useMutation({
    mutationFn: ({ file, query }: { file: File; query: string }) =>
      send<BankImport>(
        `/api/bank/import?${query}`,
        file,
        requestKey(),
        undefined,
        file.name.toLowerCase().endsWith('.json') ? 'application/json' : 'text/csv',
      ),
    onMutate: ({ query }) => {
      if (query === LOOK) {
        setChosen(undefined);
      }
    },
    onSuccess: (look, { file, query }) => {
      setChosen(query === LOOK ? { file, look } : undefined);
      if (query !== LOOK) {
        taken();
      }
    },
  });
  const kept = post.data && post.variables.query !== LOOK ? post.data.kept : undefined;
  const take = (leaveOut: boolean) => {
    if (chosen) {
      post.mutate({ file: chosen.file, query: `leaveOut=${leaveOut}` });
    }
  };
  const which = all ? '?shops=all' : '';
  return (
    <section aria-label="The bank as a file" style={{ marginTop: 26 }}>
      <div className="head">
        <h2>The bank as a file</h2>
        <span>
          <a href={shopLink(`/api/bank/export.csv${which}`)}>table (CSV)</a> ·{' '}
          <a href={shopLink(`/api/bank/export.json${which}`)}>list (JSON)</a>
        </span>
      </div>
      {mayTake && (
        <label className="picks">
          <span>Take windings in from a file</span>
          <input
            type="file"
            accept=".csv,.json"
            disabled={post.isPending}
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) {
                post.mutate({ file, query: LOOK });
              }
              e.target.value = '';
            }}
          />
        </label>
      )}
      <ErrorNotice error={post.error} />
      {kept !== undefined && <p role="status">{kept} windings came into the bank.</p>}
      {chosen && (
        <div className="caution" role="status">
          <b>{chosen.file.name}:</b> {chosen.look.fresh} new, {chosen.look.known} there already,{' '}
          {chosen.look.refusedLines} {chosen.look.refusedLines === 1 ? 'line' : 'lines'} refused. Nothing is
          kept yet.
          {chosen.look.refused.length > 0 && (
            <ul className="small">
              {chosen.look.refused.map((r) => (
                <li key={`${r.line} ${r.field} ${r.message}`}>
                  line {r.line}: {r.message}
                </li>
              ))}
            </ul>
          )}
          <div className="actions">
            {chosen.look.fresh > 0 && chosen.look.refusedLines === 0 && (
              <Button type="primary" loading={post.isPending} onClick={() => take(false)}>
                Take {chosen.look.fresh} in
              </Button>
            )}
            {chosen.look.fresh > 0 && chosen.look.refusedLines > 0 && (
              <Button loading={post.isPending} onClick={() => take(true)}>
                Take {chosen.look.fresh} in, leave the refused lines out
              </Button>
            )}
            <Button onClick={() => setChosen(undefined)}>Leave it</Button>
          </div>
        </div>
      )}
    </section>
  );
}
