export function makers(bundled: Iterable<string>): string;
