declare module 'parse-full-name' {
  interface ParsedName {
    title: string;
    first: string;
    middle: string;
    last: string;
    nick: string;
    suffix: string;
  }
  export function parseFullName(
    name: string,
    part: 'all',
    fixCase: 0 | 1 | -1,
    stopOnError: 0 | 1,
    useLongLists: 0 | 1,
  ): ParsedName;
}
