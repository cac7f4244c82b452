import type { ReactNode } from 'react';
import type { ItemView } from '../api/schema';

type PictureOf = NonNullable<ItemView['picture']>;

/** One picture. Where its word stands beside it, that says what it is; where it does not, to say so would give it away. */
export const Picture = ({ picture, beside = false }: { picture: PictureOf; beside?: boolean }) => (
  <img className="picture" src={`/pictures/${picture.code}.svg`} alt={beside ? '' : 'a picture'} />
);

/** The pictures of some words in an order of their own, so that none stands beside its word by place. */
export const inTheirOrder = (items: ItemView[]) =>
  items
    .flatMap((x) => (x.picture ? [{ id: x.id, picture: x.picture }] : []))
    .sort((a, b) => (a.picture.code < b.picture.code ? -1 : 1));

/** Pictures whose words only the adult sees, each with its word and the letter that is written. */
export const PicturesNamed = ({ items, name }: { items: ItemView[]; name: (x: ItemView) => ReactNode }) => (
  <div className="pictures-named">
    {items.map((x) => (
      <span className="picture-named" key={x.id}>
        {x.picture && <Picture picture={x.picture} beside />}
        {name(x)}
      </span>
    ))}
  </div>
);

/** The pictures to which words are put, or the one that is written about. */
export const Pictures = ({ items }: { items: ItemView[] }) => (
  <p className="picture-row">
    {inTheirOrder(items).map((x) => (
      <Picture key={x.id} picture={x.picture} />
    ))}
  </p>
);
