import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { call } from '../api/http';
import type { JobView, Judgement, SheetForm as Form, SheetPreview, Typed } from '../api/types';
import { useSheet } from '../job/sheet';
import { SheetForm, words } from '../job/SheetForm';
import { usePreview, whileTyping } from '../ui/preview';
import { Findings } from '../verdict/Findings';
import { FieldsForm } from '../worksheets/FieldsForm';
import { held, Holds } from './Holds';
import { OvenCurves } from './OvenCurves';
import { OvenRun } from './OvenRun';

/** A step of the work whose form is that of its sheet: held by its gate, judged while it is typed. */
export function SheetStep({
  job,
  kind,
  step,
  title,
  aside,
  caution,
  fresh = {},
  said = [],
  asks,
  oven,
  beside,
}: {
  job: JobView;
  kind: string;
  step: string;
  title: string;
  aside: string;
  caution: string;
  fresh?: Typed;
  /** What is said of it as it stands. */
  said?: Judgement[];
  /** Further ways to fill the form in. */
  asks?: (value: Typed, set: (part: Typed) => void) => ReactNode;
  /** The simulated oven of the step, where it has one: for a bake or a burnout, and whether the part is on record. */
  oven?: { bake: boolean; ready: boolean };
  beside?: ReactNode;
}) {
  const sheet = useSheet<Typed>(job, kind, fresh, () => undefined);
  const forms = useQuery({
    queryKey: ['sheet-forms'],
    queryFn: () => call<Form[]>('GET', '/api/sheet-forms'),
    staleTime: Infinity,
  });
  const preview = usePreview<SheetPreview>(
    `/api/jobs/${job.identity.tag}/sheets/${kind}/preview`,
    sheet.value,
    sheet.dirty,
  );
  const lines = sheet.dirty && preview && preview.said.length > 0 ? preview.said : said;
  const form = forms.data?.find((f) => f.name === kind);
  const shut = held(job, step) && (!sheet.written || kind === 'varnishing');
  const problems = [...whileTyping(preview?.problems), ...sheet.problems];
  return (
    <SheetForm
      sheet={sheet}
      title={title}
      aside={aside}
      keep="Keep it"
      correct="Keep it"
      hide={problems.map((p) => p.field)}
      label={words}
      shut={shut}
    >
      <p className="caution">{caution}</p>
      {shut && <Holds job={job} step={step} />}
      {lines.length > 0 && <Findings findings={lines} />}
      {asks?.(sheet.value, (part) => sheet.set(part))}
      {oven && job.gate.demonstration && (
        <OvenRun job={job} bake={oven.bake} ready={oven.ready && !sheet.dirty} />
      )}
      <OvenCurves job={job} step={step} />
      {form && (
        <FieldsForm
          fields={form.fields}
          path=""
          value={sheet.value}
          shown={preview?.shown ?? {}}
          problems={problems}
          onChange={(next) => sheet.change(next)}
        />
      )}
      {beside}
    </SheetForm>
  );
}
