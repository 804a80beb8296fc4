export async function fillDemo(_: { url: string; say: (line: string) => void }): Promise<void> {}
