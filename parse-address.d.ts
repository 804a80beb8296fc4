declare module 'parse-address' {
  /** The parts of an address of the United States, in postal short form; null when it is none. */
  export function parseLocation(text: string): Record<string, string> | null;
}
