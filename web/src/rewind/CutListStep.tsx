import type { JobView, SheetPreview } from '../api/types';
import { Ticket } from '../redesign/Ticket';
import { usePreview } from '../ui/preview';

/** What is cut for the new winding: the coil ticket of the design that is kept. */
export function CutListStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const kept = job.sheets['redesign'];
  const preview = usePreview<SheetPreview>(
    `/api/jobs/${tag}/sheets/redesign/preview`,
    kept?.typed ?? {},
    kept !== undefined,
  );
  return (
    <>
      <div className="head">
        <h1>Cut list</h1>
        <span className="soft">counts and sizes by the design and the slot</span>
      </div>
      {preview?.ticket ? (
        <Ticket ticket={preview.ticket} tag={tag} kept />
      ) : (
        <p className="caution">Choose the turns and the wire of the new winding first.</p>
      )}
    </>
  );
}
