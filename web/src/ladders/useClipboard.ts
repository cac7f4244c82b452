import type { LadderView, RungView } from '../api/schema';
import { clipped, keepClip } from './clipboard';
import type { useLadder } from './useLadder';

/** Cut, copy, paste and duplicate: between sections, and between ladders. */
export function useClipboard(
  ladder: LadderView | undefined,
  edit: ReturnType<typeof useLadder>['edit'],
  chosen: RungView[],
) {
  const copy = (cut: boolean) => {
    if (!ladder || chosen.length === 0) return;
    keepClip({ rungs: chosen.map((x) => x.rung), cutFrom: cut ? ladder.id : undefined });
  };
  const after = () => {
    const last = chosen.at(-1)?.rung.id;
    const section =
      ladder?.sections.find((x) => x.rungs.some((r) => r.rung.id === last)) ?? ladder?.sections.at(-1);
    const at = section?.rungs.findIndex((x) => x.rung.id === last) ?? -1;
    return section ? { section, at: at < 0 ? section.rungs.length : at + 1 } : undefined;
  };
  const paste = () => {
    const clip = clipped();
    const to = after();
    if (!ladder || !clip || !to) return;
    const ids = clip.rungs.map((x) => x.id);
    const here = ladder.sections.flatMap((x) => x.rungs).filter((x) => ids.includes(x.rung.id));
    if (clip.cutFrom === ladder.id && here.length === ids.length) {
      const staying = to.section.rungs.slice(0, to.at).filter((x) => !ids.includes(x.rung.id)).length;
      edit.mutate({ kind: 'moveAll', rungIds: ids, sectionId: to.section.id, at: staying });
    } else {
      edit.mutate({ kind: 'addAll', rungs: clip.rungs, sectionId: to.section.id, at: to.at });
    }
  };
  const duplicate = () => {
    const to = after();
    if (to)
      edit.mutate({ kind: 'addAll', rungs: chosen.map((x) => x.rung), sectionId: to.section.id, at: to.at });
  };
  const remove = () => {
    if (chosen.length > 0) edit.mutate({ kind: 'removeAll', rungIds: chosen.map((x) => x.rung.id) });
  };
  return { copy, paste, duplicate, remove };
}
