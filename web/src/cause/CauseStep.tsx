import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/http';
import type { JobView, Ranked, Ranking } from '../api/types';
import { chance, percent } from '../quantity/figures';
import { Judged } from '../verdict/Judged';
import { ChainAndRoots } from './ChainAndRoots';
import { Conclusion } from './Conclusion';
import { Evidence } from './Evidence';
import { Priors } from './Priors';
import { Sum } from './Sum';
import './cause.css';

const SHOWN = 6;

/** Explanations weighed, with the sum shown and what it would be without a piece; chain and roots; the conclusion by name. */
export function CauseStep({ job }: { job: JobView }) {
  const ranking = job.ranking.ranking;
  const [open, setOpen] = useState(job.concluded?.explanation ?? ranking[0]?.explanation);
  const [all, setAll] = useState(false);
  const [without, setWithout] = useState<string[]>([]);
  const supposed = useQuery({
    queryKey: ['what-if', job.identity.tag, without, job.evidence],
    queryFn: () =>
      call<Ranking>('POST', `/api/jobs/${job.identity.tag}/cause/what-if`, { without, with: [] }),
    enabled: without.length > 0,
  }).data;
  const moved = without.length > 0 ? supposed?.ranking : undefined;
  const chosen = ranking.find((r) => r.explanation === open) ?? ranking[0];
  return (
    <>
      <div className="head">
        <h1>What started it</h1>
        <span className="soft">it proposes; a person concludes, by name</span>
      </div>
      <Judged judgement={job.ranking.judgement} word={job.terms.ranking[job.ranking.judgement.verdict]} />
      <div className="cause">
        <div>
          <h2>Explanations</h2>
          {ranking.slice(0, all ? ranking.length : SHOWN).map((r) => (
            <Explanation
              key={r.explanation}
              of={r}
              moved={moved?.find((m) => m.explanation === r.explanation)?.probability}
              chosen={r.explanation === chosen?.explanation}
              onClick={() => setOpen(r.explanation)}
            />
          ))}
          <button type="button" className="pick" onClick={() => setAll(!all)}>
            {all ? 'the leading ones' : `all ${ranking.length}`}
          </button>
          {moved && (
            <p className="caution small" role="status">
              Dashed: without {without.length === 1 ? 'that piece' : `those ${without.length} pieces`}.{' '}
              {moved[0]?.explanation === ranking[0]?.explanation
                ? `${capital(moved[0]?.label ?? '')} would still lead.`
                : `${capital(moved[0]?.label ?? '')} would lead.`}{' '}
              <button type="button" className="pick" onClick={() => setWithout([])}>
                as it is
              </button>
            </p>
          )}
        </div>
        {chosen && (
          <Sum
            of={chosen}
            job={job}
            without={without}
            leaveOut={(code) =>
              setWithout(without.includes(code) ? without.filter((c) => c !== code) : [...without, code])
            }
          />
        )}
      </div>
      {chosen && <ChainAndRoots job={job} of={chosen} />}
      <Evidence job={job} />
      <Conclusion key={job.concluded?.done.at ?? ''} job={job} />
      <Priors />
    </>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function Explanation({
  of,
  moved,
  chosen,
  onClick,
}: {
  of: Ranked;
  moved: number | undefined;
  chosen: boolean;
  onClick: () => void;
}) {
  return (
    <button type="button" className="explanation" aria-pressed={chosen} onClick={onClick}>
      <span className="like">
        <span>{of.label}</span>
        <b>
          {chance(of.probability)}
          {moved !== undefined && <span className="soft"> → {percent(moved)}</span>}
        </b>
      </span>
      <span className="bar" style={{ display: 'block' }}>
        <i style={{ width: `${100 * of.probability}%` }} />
      </span>
      {moved !== undefined && (
        <span className="bar supposed" style={{ display: 'block' }}>
          <i style={{ width: `${100 * moved}%` }} />
        </span>
      )}
    </button>
  );
}
