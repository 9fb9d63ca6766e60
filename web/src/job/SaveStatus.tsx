import type { Sheet } from './sheet';
import { GuardReason } from './GuardReason';
import { Clashes, words } from './SheetForm';
import { ErrorNotice } from '../ui/ErrorNotice';

/** Whether a sheet that keeps itself is kept, and what stands in the way. */
export function SaveStatus<T extends object>({ sheet }: { sheet: Sheet<T> }) {
  const clash = sheet.clash;
  return (
    <>
      {clash ? <Clashes sheet={sheet} label={words} /> : <ErrorNotice error={sheet.keep.error} />}
      <GuardReason sheet={sheet} />
      <p className="kept small" role="status">
        {sheet.keep.isError
          ? 'Not kept yet; it is on this tablet.'
          : sheet.dirty
            ? 'Keeping …'
            : sheet.written
              ? 'Kept.'
              : 'Every tap is kept at once.'}
        {sheet.keep.isError && !clash && (
          <button type="button" className="pick" onClick={() => sheet.save()}>
            try again
          </button>
        )}
      </p>
    </>
  );
}
