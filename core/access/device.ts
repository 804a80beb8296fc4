const BROWSERS = [
  ['Edge', /Edg(e|A|iOS)?\//],
  ['Opera', /OPR\//],
  ['Firefox', /Firefox\/|FxiOS\//],
  ['Chromium', /Chromium\//],
  ['Chrome', /Chrome\/|CriOS\//],
  ['Safari', /Safari\//],
] as const;

const SYSTEMS = [
  ['iPhone', /iPhone/],
  ['iPad', /iPad/],
  ['Android', /Android/],
  ['Windows', /Windows/],
  ['Mac', /Mac OS X|Macintosh/],
  ['Linux', /Linux|X11/],
] as const;

const firstOf = (known: readonly (readonly [string, RegExp])[], text: string) =>
  known.find(([, pattern]) => pattern.test(text))?.[0];

/**
 * What a device is called, from the User-Agent that it sends (RFC 9110, 10.1.5). More specific names
 * are tried first, because each browser also names those before it.
 * @example deviceName('Mozilla/5.0 (X11; Linux x86_64; rv:128.0) Gecko/20100101 Firefox/128.0') // 'Firefox on Linux'
 */
export function deviceName(userAgent: string): string {
  const browser = firstOf(BROWSERS, userAgent) ?? 'Something';
  const system = firstOf(SYSTEMS, userAgent);
  return system ? `${browser} on ${system}` : browser === 'Something' ? 'Unknown' : browser;
}
