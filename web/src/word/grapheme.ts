/** A split digraph is kept as a_e; people see a–e. */
export const shown = (text: string) => text.replaceAll('_', '–');
