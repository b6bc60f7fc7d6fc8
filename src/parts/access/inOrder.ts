/** Things of the site in the order in which somebody put them. */
export const inOrder = <T extends { readonly order: number; readonly id: string }>(
  table: Readonly<Record<string, T>>,
): T[] => Object.values(table).sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
