import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { NavLink, useNavigate, useParams } from 'react-router';
import { call } from '../api/http';
import type { Judgement, SheetForm, Step, Typed, TypedAnswer } from '../api/types';
import { useDraft } from '../ui/drafts';
import { usePreview, whileTyping } from '../ui/preview';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Frame } from '../shell/Frame';
import { Arithmetic } from '../verdict/Arithmetic';
import { Judged } from '../verdict/Judged';
import { otherSchool } from '../verdict/schools';
import { FieldsForm } from './FieldsForm';
import { Output } from './Output';

/** Every computation on its own, without a job: type, and see the answer with its arithmetic. */
export function WorksheetsPage() {
  const { name } = useParams();
  const navigate = useNavigate();
  const forms = useQuery({
    queryKey: ['worksheets'],
    queryFn: () => call<SheetForm[]>('GET', '/api/worksheets'),
    staleTime: Infinity,
  });
  const form = forms.data?.find((f) => f.name === name) ?? forms.data?.[0];
  return (
    <Frame keys={[{ key: 'F', label: 'floor', run: () => void navigate('/') }]}>
      <div className="columns" style={{ gridTemplateColumns: '208px minmax(0,1fr)' }}>
        <nav className="spine" aria-label="Worksheets">
          {forms.data?.map((f) => (
            <NavLink
              key={f.name}
              to={`/worksheets/${f.name}`}
              className={`step ${f === form ? 'here' : ''}`}
              style={{ paddingLeft: 18 }}
            >
              {f.title}
            </NavLink>
          ))}
        </nav>
        <main className="work" id="work">
          <ErrorNotice error={forms.error} />
          {form && <WithExample key={form.name} form={form} />}
        </main>
      </div>
    </Frame>
  );
}

interface Judgements {
  judgement?: Judgement;
  voltageJudgement?: Judgement;
  currentJudgement?: Judgement;
  fieldJudgement?: Judgement;
  steps?: Step[];
}

function WithExample({ form }: { form: SheetForm }) {
  const example = useQuery({
    queryKey: ['worksheets', form.name],
    queryFn: () => call<Typed>('GET', `/api/worksheets/${form.name}/example`),
    staleTime: Infinity,
  });
  return example.data ? <Sheet form={form} example={example.data} /> : <ErrorNotice error={example.error} />;
}

function Sheet({ form, example }: { form: SheetForm; example: Typed }) {
  const draft = useDraft<Typed>(`worksheet.${form.name}`, example);
  const preview = usePreview<TypedAnswer>(`/api/worksheets/${form.name}/typed`, draft.value, true);
  const output = preview?.output as (Judgements & Record<string, unknown>) | null | undefined;
  const schools = [
    output?.judgement,
    output?.voltageJudgement,
    output?.currentJudgement,
    output?.fieldJudgement,
  ];
  const other = schools.find((j) => j && j.headline !== output?.judgement?.headline);
  const problems = draft.dirty ? whileTyping(preview?.problems) : (preview?.problems ?? []);
  const missing = (preview?.problems ?? []).filter((p) => p.code === 'missing').length;
  return (
    <>
      <div className="head">
        <h1>{form.title}</h1>
        <span className="soft">{form.sources.join(' · ')}</span>
      </div>
      <div className="worksheet">
        <div>
          <FieldsForm
            fields={form.fields}
            path=""
            value={draft.value}
            shown={preview?.shown ?? {}}
            problems={problems}
            onChange={draft.change}
          />
          <div className="actions">
            <Button onClick={() => draft.settle(example)}>Start from the example</Button>
          </div>
        </div>
        <div aria-live="polite">
          {output?.judgement && <Judged judgement={output.judgement} other={other && otherSchool(other)} />}
          {output ? (
            <Output value={output} />
          ) : (
            <p className="soft">
              {missing > 0
                ? `${missing} still to fill in.`
                : 'Something beside the fields wants a second look.'}
            </p>
          )}
          {output?.steps && output.steps.length > 0 && <Arithmetic steps={output.steps} open />}
        </div>
      </div>
    </>
  );
}
