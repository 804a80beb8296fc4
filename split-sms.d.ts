declare module 'split-sms' {
  export function split(text: string): { characterSet: 'GSM' | 'Unicode'; parts: unknown[] };
}
