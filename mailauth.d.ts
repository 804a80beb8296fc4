declare module 'mailauth/lib/dkim/verify' {
  export function dkimVerify(
    raw: Buffer,
    options: { resolver: (name: string, type: string) => Promise<string[][]> },
  ): Promise<{ results: { signingDomain: string; status: { result: string } }[] }>;
}
