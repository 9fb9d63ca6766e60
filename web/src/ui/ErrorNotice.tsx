import { Queued, Refusal } from '../api/http';
import { problemText } from '../quantity/words';
import { Mark } from '../verdict/Mark';

/** What went wrong with a call, at the top of the work; fields tell their own part beside themselves. */
export function ErrorNotice({ error, hide = [] }: { error: unknown; hide?: string[] }) {
  if (!error) {
    return null;
  }
  const problems = error instanceof Refusal ? error.problems.filter((p) => !hide.includes(p.field)) : [];
  return (
    <div className="notice" role="alert">
      <Mark verdict={error instanceof Queued ? 'watch' : 'stop'} size={24} />
      <div>
        <strong>{error instanceof Error ? error.message : 'Something went wrong'}</strong>
        {problems.map((p) => (
          <div key={p.field + p.message}>{problemText(p)}</div>
        ))}
      </div>
    </div>
  );
}
