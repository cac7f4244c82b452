import type { UseMutationResult } from '@tanstack/react-query';

interface Props {
  /** What is being saved, or was. */
  changes: Pick<UseMutationResult<unknown, Error, never>, 'isPending' | 'failureCount'>[];
  failed: boolean;
  /** Said in place of all else. */
  instead?: string;
}

/** The quiet word at the foot that says whether what was done is kept. */
export function Saved({ changes, failed, instead }: Props) {
  const pending = changes.filter((x) => x.isPending);
  const waiting = pending.some((x) => x.failureCount > 0);
  return (
    <span className={failed || waiting ? 'saved not-saved' : 'saved'} role="status">
      {instead ??
        (failed
          ? 'Not saved'
          : waiting
            ? 'Not saved yet: sent again as soon as it can be'
            : pending.length > 0
              ? 'Saving …'
              : 'Saved')}
    </span>
  );
}
