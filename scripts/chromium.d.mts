export const CHROMIUMS: readonly string[];
export function chromiumPath(): string;
