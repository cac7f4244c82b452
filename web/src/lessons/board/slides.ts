import type { BlockView, ItemView, LessonPart, LessonView } from '../../api/schema';
import { columns, pairs } from '../wording';

/** One thing on the board at a time. */
export interface Slide {
  /** Where it belongs; none for the point, which comes first. */
  block?: BlockView;
  part?: LessonPart;
  /** What is shown together. */
  items: ItemView[];
  /** Of a sort: its headings, and the words put under them before. */
  headings: string[];
  placed: ItemView[];
  /** All of its piece, where it is seen against the others. */
  among: ItemView[];
  /** Presses of the space bar until all of it is shown. */
  steps: number;
}

/** Pieces in which children hear and never see: the board has only what is asked. */
const HEARD = new Set<BlockView['form']>(['listening', 'riddles', 'told']);

/**
 * A lesson as it goes over the board. `order` says in which order the items of a block come, once they have been mixed.
 */
export function slidesOf(lesson: LessonView, order: ReadonlyMap<number, string[]>): Slide[] {
  const blocks = lesson.parts.flatMap((part) => part.blocks.map((block) => ({ part: part.part, block })));
  return [
    { items: [], headings: [], placed: [], among: [], steps: 0 },
    ...blocks
      .filter((x) => x.block.activity !== 'spare')
      .flatMap(({ part, block }, at) =>
        together(block, order.get(at)).map((items, turn, all) => ({
          part,
          block,
          items,
          headings: block.form === 'sort' ? columns(block.items).map(([heading]) => heading) : [],
          placed: ['sort', 'chain', 'pictures'].includes(block.form) ? all.slice(0, turn).flat() : [],
          among: block.form === 'pictures' ? block.items : [],
          steps: stepsOf(block, items),
        })),
      ),
  ];
}

/** The number of a slide's block, by which its order is kept. */
export const blockNumber = (lesson: LessonView, block: BlockView | undefined) =>
  lesson.parts
    .flatMap((x) => x.blocks)
    .filter((x) => x.activity !== 'spare')
    .findIndex((x) => x === block);

/** Can be mixed: each of its items stands for itself, and no order was meant. */
export const canMix = (slide: Slide) =>
  slide.block !== undefined &&
  ['cards', 'words', 'sort', 'pairs', 'released', 'pictures'].includes(slide.block.form);

function together(block: BlockView, order: string[] | undefined): ItemView[][] {
  const items = order ? order.flatMap((id) => block.items.filter((x) => x.id === id)) : block.items;
  if (HEARD.has(block.form)) return [[]];
  if (block.form === 'text') return stories(items);
  if (block.form === 'grid') return [items];
  // One is found among all; a letter is written for each by itself.
  if (block.activity === 'findPicture') return [items];
  if (block.form === 'pairs') return order ? pairsInOrder(block, order) : pairs(items);
  return items.map((x) => [x]);
}

/** A story, with the words that are given to go on with it. */
const stories = (items: ItemView[]): ItemView[][] =>
  items.flatMap((x, at) => {
    if (x.kind !== 'story') return [];
    const next = items.findIndex((y, after) => after > at && y.kind === 'story');
    return [items.slice(at, next < 0 ? undefined : next)];
  });

function pairsInOrder(block: BlockView, order: string[]) {
  const all = pairs(block.items);
  return order.flatMap((id) => all.filter((x) => x[0]?.id === id));
}

function stepsOf(block: BlockView, items: ItemView[]) {
  const [item] = items;
  if (!item || ['cards', 'meet', 'grid', 'text'].includes(block.form)) return 0;
  if (block.form === 'picturesAlone') return item.heading === '' ? 0 : 1;
  if (block.form === 'boxes') return Math.max(1, item.pieces.length);
  if (block.form === 'sort') return 2;
  return 1;
}
