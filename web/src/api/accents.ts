/** The accents, by their ids, as people call them. */
export const ACCENTS: [id: string, name: string][] = [
  ['gb-south', 'Southern British'],
  ['gb-north', 'Northern English'],
  ['scotland', 'Scottish'],
  ['us', 'General American'],
];
