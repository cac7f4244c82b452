import { useEffect } from 'react';
import type { LadderView } from '../api/schema';
import { isTyping } from '../shell/Shell';
import { moved, setMoving } from './moving';
import type { useClipboard } from './useClipboard';
import type { useLadder } from './useLadder';
import type { useMove } from './useMove';

interface Desk {
  ladder: LadderView | undefined;
  rungId: string | undefined;
  /** Takes up the section that is chosen; none when none is. */
  onSection: (() => void) | undefined;
  several: string[];
  edit: ReturnType<typeof useLadder>['edit'];
  undo: ReturnType<typeof useLadder>['undo'];
  redo: ReturnType<typeof useLadder>['redo'];
  move: ReturnType<typeof useMove>;
  clip: ReturnType<typeof useClipboard>;
  onNone: () => void;
}

/** The keys of the ladder desk. While rungs are held, arrows carry them and Enter puts them down. */
export function useDeskKeys({
  ladder,
  rungId,
  onSection,
  several,
  edit,
  undo,
  redo,
  move,
  clip,
  onNone,
}: Desk) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!ladder) return;
      const held = moved();
      if (held) {
        const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 10, PageDown: -10, Home: 999, End: -999 }[event.key];
        if (event.key === 'Escape') setMoving(undefined);
        else if (event.key === 'Enter') move.put();
        else if (by !== undefined) move.step(by);
        else return;
        event.preventDefault();
        event.stopPropagation();
        return;
      }
      if (isTyping(event.target)) return;
      const control = event.ctrlKey || event.metaKey;
      const steps = { ArrowUp: 1 as const, ArrowDown: -1 as const }[event.key];
      if (control && event.key === 'z') {
        if (ladder.undo) undo.mutate();
      } else if (control && (event.key === 'y' || event.key === 'Z')) {
        if (ladder.redo) redo.mutate();
      } else if (control && event.key === 'x') clip.copy(true);
      else if (control && event.key === 'c' && window.getSelection()?.toString() === '') clip.copy(false);
      else if (control && event.key === 'v') clip.paste();
      else if (event.altKey && steps !== undefined && rungId)
        edit.mutate({ kind: 'moveBy', rungId, by: steps });
      else if (event.key === 'm' && !control && (several.length > 0 || rungId)) {
        move.take(several.length > 0 ? several : rungId ? [rungId] : [], 'keys');
      } else if (event.key === 'm' && !control && onSection) {
        onSection();
      } else if (event.key === 'Escape' && several.length > 0) onNone();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press, true);
    return () => window.removeEventListener('keydown', press, true);
  });
}
