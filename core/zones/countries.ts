const NAMES = new Intl.DisplayNames('en-US', { type: 'region' });

/** What a country is called in American English (Unicode CLDR); its code where it is not known. */
export const countryName = (code: string): string => {
  try {
    return NAMES.of(code) ?? code;
  } catch {
    return code;
  }
};
