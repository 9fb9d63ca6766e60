import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useRef, useState } from 'react';
import { call, Queued, Refusal, requestKey } from '../api/http';
import type { JobView, Photo } from '../api/types';
import { sendOrKeep } from '../outbox/outbox';
import { usePerson } from '../session/session';
import { ErrorNotice } from '../ui/ErrorNotice';
import { moment } from '../quantity/figures';
import { findingKey, spokenPart, type LogText } from '../job/vocabulary';
import './photos.css';

const MAX_BYTES = 15 * 1024 * 1024;

export function usePhotos(tag: string) {
  return useQuery({
    queryKey: ['photos', tag],
    queryFn: () => call<Photo[]>('GET', `/api/jobs/${tag}/photos`),
  });
}

/** Photographs of one step: taken with the tablet's camera or from a file, captioned, looked at. */
export function Photos({ job, step }: { job: JobView; step: string }) {
  const tag = job.identity.tag;
  const client = useQueryClient();
  const person = usePerson();
  const photos = usePhotos(tag);
  const input = useRef<HTMLInputElement>(null);
  const [open, setOpen] = useState<number>();
  const [sent, setSent] = useState(0);
  // A photograph whose answer was lost keeps its key, so that sending it again makes no second one.
  const keys = useRef(new Map<string, string>());
  const add = useMutation({
    mutationFn: async (file: File) => {
      if (file.size > MAX_BYTES) {
        throw new Refusal(
          413,
          'Too large',
          `${file.name} has ${Math.round(file.size / 1048576)} MB; at most 15 fit`,
          [],
        );
      }
      const name = `${file.name} ${file.size} ${file.lastModified}`;
      const key = keys.current.get(name) ?? requestKey();
      keys.current.set(name, key);
      setSent(0);
      return sendOrKeep<Photo[]>(
        {
          key,
          username: person.username,
          displayName: person.displayName,
          method: 'POST',
          path: `/api/jobs/${tag}/photos?step=${encodeURIComponent(step)}`,
          body: undefined,
          file,
          label: `${tag} · photograph`,
          page: `/jobs/${tag}/${step}`,
          tag,
          at: Date.now(),
        },
        setSent,
      );
    },
    onSuccess: (all) => {
      client.setQueryData(['photos', tag], all);
      void client.invalidateQueries({ queryKey: ['floor'] });
      const newest = all[all.length - 1];
      setOpen(newest?.id);
    },
  });
  const here = photos.data?.filter((p) => p.step === step) ?? [];
  const shown = here.find((p) => p.id === open);
  return (
    <section className="photos" aria-label="Photographs">
      <div className="strip">
        {here.map((p) => (
          <button
            type="button"
            key={p.id}
            className="thumb"
            aria-expanded={p.id === open}
            onClick={() => setOpen(p.id === open ? undefined : p.id)}
          >
            <img src={`/api/jobs/${tag}/photos/${p.id}/thumbnail`} alt={p.caption || 'photograph'} />
            <span>{p.caption || 'no caption yet'}</span>
          </button>
        ))}
        <button
          type="button"
          className="thumb add"
          onClick={() => input.current?.click()}
          disabled={add.isPending}
        >
          <b>{add.isPending ? `Sending, ${Math.round(100 * sent)} %` : 'Photograph'}</b>
          <span>camera or file, to 15 MB</span>
        </button>
        <input
          ref={input}
          type="file"
          hidden
          accept="image/jpeg,image/png,image/webp"
          aria-label="Photograph from camera or file"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) {
              add.mutate(file);
            }
            e.target.value = '';
          }}
        />
      </div>
      <ErrorNotice error={add.error} />
      {add.error && !(add.error instanceof Refusal || add.error instanceof Queued) && (
        <p className="small">
          The photograph is still on this tablet: choose it again when the server is back.
        </p>
      )}
      {shown && <Shown key={shown.id} job={job} photo={shown} done={() => setOpen(undefined)} />}
    </section>
  );
}

function Shown({ job, photo, done }: { job: JobView; photo: Photo; done: () => void }) {
  const tag = job.identity.tag;
  const [finding, setFinding] = useState(photo.finding);
  const client = useQueryClient();
  const [caption, setCaption] = useState(photo.caption);
  const [why, setWhy] = useState<string>();
  const settle = (all: Photo[]) => {
    client.setQueryData(['photos', tag], all);
    // What is photographed is part of what the job says.
    void client.invalidateQueries({ queryKey: ['job', tag] });
  };
  const save = useMutation({
    mutationFn: () =>
      call<Photo[]>('PUT', `/api/jobs/${tag}/photos/${photo.id}`, {
        version: photo.version,
        step: photo.step,
        finding,
        caption,
      }),
    onSuccess: settle,
  });
  const remove = useMutation({
    mutationFn: () => call<Photo[]>('POST', `/api/jobs/${tag}/photos/${photo.id}/remove`, { because: why }),
    onSuccess: (all) => {
      settle(all);
      done();
    },
  });
  return (
    <div className="panel shown">
      <img
        src={`/api/jobs/${tag}/photos/${photo.id}`}
        width={photo.width}
        height={photo.height}
        alt={photo.caption || 'photograph'}
      />
      <form
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate();
        }}
      >
        <ErrorNotice error={save.error ?? remove.error} />
        <label className="field words">
          <span className="label">What is to be seen</span>
          <Input value={caption} maxLength={300} autoFocus onChange={(e) => setCaption(e.target.value)} />
        </label>
        <label className="field words" style={{ marginTop: 8 }}>
          <span className="label">What it shows</span>
          <select className="plain" value={finding} onChange={(e) => setFinding(e.target.value)}>
            <option value="">this step as a whole</option>
            {attachable(job, photo.step).map(([key, label]) => (
              <option key={key} value={key}>
                {label}
              </option>
            ))}
            {job.evidence.map((e) => (
              <option key={e.code} value={e.code}>
                {e.words}
              </option>
            ))}
          </select>
        </label>
        <p className="small soft">
          {photo.by}, {moment(photo.at)} · {photo.width} × {photo.height}
        </p>
        <div className="actions">
          <Button
            type="primary"
            htmlType="submit"
            loading={save.isPending}
            disabled={caption === photo.caption && finding === photo.finding}
          >
            Keep the caption
          </Button>
          <Button onClick={done}>Close</Button>
          {why === undefined && (
            <Button type="text" onClick={() => setWhy('')}>
              Take it off
            </Button>
          )}
        </div>
        {why !== undefined && (
          <div className="actions">
            <Input
              aria-label="Why it is taken off"
              placeholder="why it is taken off"
              value={why}
              onChange={(e) => setWhy(e.target.value)}
            />
            <Button danger disabled={!why.trim()} loading={remove.isPending} onClick={() => remove.mutate()}>
              Take it off
            </Button>
          </div>
        )}
      </form>
    </div>
  );
}

/** Photographs of one finding, small, where the finding is listed. */
export function FindingPhotos({ tag, finding }: { tag: string; finding: string }) {
  const photos = usePhotos(tag).data?.filter((p) => p.finding === finding) ?? [];
  return (
    <>
      {photos.map((p) => (
        <a key={p.id} href={`/api/jobs/${tag}/photos/${p.id}`} target="_blank" rel="noreferrer">
          <img
            className="small-photo"
            src={`/api/jobs/${tag}/photos/${p.id}/thumbnail`}
            alt={p.caption || finding}
          />
        </a>
      ))}
    </>
  );
}

/** What a photograph taken at this step can show beside evidence: a part, a pair of marks, a finding. */
function attachable(job: JobView, step: string): [string, string][] {
  const log = job.sheets['teardown-log']?.typed as Partial<LogText> | undefined;
  const found = job.sheets['findings']?.typed['findings'] as
    { component: string; place: string; condition: string }[] | undefined;
  const parts = (log?.parts ?? []).map((p): [string, string] => [`part ${p.id}`, spokenPart(p)]);
  const marks = (job.apart.log?.joints ?? [])
    .filter((j) => j.mark)
    .map((j): [string, string] => [j.photo, `marks: ${j.label}`]);
  const findings = (found ?? []).map((f): [string, string] => [
    findingKey(f),
    findingKey(f).replaceAll('-', ' '),
  ]);
  switch (step) {
    case 'teardown/parts':
      return [...marks, ...parts];
    case 'teardown/together':
      return parts;
    case 'teardown/findings':
      return findings;
    default:
      return [];
  }
}
