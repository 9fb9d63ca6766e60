import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { Refusal } from '../api/http';
import type { Concluded, JobView } from '../api/types';
import { at } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { chance, moment } from '../quantity/figures';
import { TypedField } from '../quantity/TypedField';
import { usePerson } from '../session/session';
import { Mark } from '../verdict/Mark';

/** What a person concludes, by name: what started it, what lay under it, what the customer is told; earlier words stay. */
export function Conclusion({ job }: { job: JobView }) {
  const person = usePerson();
  const leader = job.ranking.ranking[0];
  const done = job.concluded;
  const [explanation, setExplanation] = useState(done?.explanation ?? leader?.explanation ?? '');
  const [root, setRoot] = useState(done?.root ?? '');
  const [told, setTold] = useState(done?.recommendations.join('\n') ?? '');
  const [reason, setReason] = useState('');
  const conclude = useChange(job.identity.tag, () => setReason(''));
  const refused = conclude.error instanceof Refusal ? conclude.error.problems : [];
  const own = job.ranking.ranking.find((r) => r.explanation === explanation);
  const roots = job.advice.find((a) => a.explanation === explanation)?.roots ?? [];
  const otherwise = leader && explanation !== leader.explanation;
  const overrules = done && done.explanation !== explanation && done.done.by !== person.displayName;
  const recommendations = told
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);
  const pick = (words: string, advice: string) => {
    setRoot(words);
    if (!recommendations.includes(advice)) {
      setTold([...recommendations, advice].join('\n'));
    }
  };
  return (
    <form
      className="panel"
      style={{ marginTop: 20 }}
      onSubmit={(e) => {
        e.preventDefault();
        conclude.mutate({
          method: 'POST',
          path: 'conclusion',
          body: { explanation, reason, root, recommendations },
        });
      }}
    >
      <h2>Conclusion</h2>
      {done && <Said said={done} mark="holds" />}
      {job.overruledConclusions.map((c) => (
        <Said key={c.done.at} said={c} mark="unproven" />
      ))}
      <ErrorNotice error={conclude.error} hide={['reason']} />
      <div className="grid2">
        <label className="field words">
          <span className="label">What started it</span>
          <Select
            showSearch
            style={{ width: '100%' }}
            aria-label="What started it"
            value={explanation}
            optionFilterProp="label"
            options={job.ranking.ranking.map((r) => ({
              value: r.explanation,
              label: `${r.label}, ${chance(r.probability)}`,
            }))}
            onChange={(picked) => {
              setExplanation(picked);
              setRoot('');
              setTold('');
            }}
          />
        </label>
        <TypedField
          words
          label={
            overrules
              ? `Why not ${done.label}, as ${done.done.by} concluded?`
              : otherwise
                ? `Why not ${leader.label}?`
                : 'In a sentence, for the record'
          }
          value={reason}
          problem={at(refused, 'reason')}
          onChange={setReason}
        />
      </div>
      {roots.length > 0 && (
        <fieldset>
          <legend>What lay under it: its advice goes to the customer</legend>
          <div className="picks">
            {roots.map((r) => (
              <button
                key={r.root}
                type="button"
                className="pick"
                aria-pressed={root === r.words}
                onClick={() => pick(r.words, r.advice)}
              >
                {r.words}
              </button>
            ))}
          </div>
        </fieldset>
      )}
      <div className="grid2">
        <TypedField
          words
          label="Root, in these or your own words"
          hint="not known yet"
          value={root}
          problem={at(refused, 'root')}
          onChange={setRoot}
        />
        <label className="field words">
          <span className="label">What the customer is told, a line each</span>
          <Input.TextArea
            aria-label="What the customer is told"
            autoSize={{ minRows: 2 }}
            value={told}
            onChange={(e) => setTold(e.target.value)}
          />
        </label>
      </div>
      <Button type={done ? 'default' : 'primary'} htmlType="submit" loading={conclude.isPending}>
        {overrules ? 'Overrule: conclude' : 'Conclude'} {own?.label} as {person.displayName}
      </Button>
    </form>
  );
}

/** A conclusion as it was said, with what the evidence gave it then. */
function Said({ said, mark }: { said: Concluded; mark: 'holds' | 'unproven' }) {
  return (
    <div className="said-so">
      <Mark verdict={mark} />
      <div>
        <b>{mark === 'holds' ? said.label : `Overruled: ${said.label}`}</b>, {said.done.by},{' '}
        {moment(said.done.at)}. The evidence gave it {chance(said.probabilityThen)} then
        {said.leaderThen !== said.label && `, and led to ${said.leaderThen}`}.
        {said.reason && ` ${said.reason}`}
        {said.chain.length > 0 && (
          <div className="small">{[said.root || 'root not known', ...said.chain].join(' → ')}</div>
        )}
        {mark === 'holds' && said.recommendations.length > 0 && (
          <ul className="small">
            {said.recommendations.map((r) => (
              <li key={r}>{r}</li>
            ))}
          </ul>
        )}
      </div>
    </div>
  );
}
