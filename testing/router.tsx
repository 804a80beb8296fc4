import { cloneElement, useEffect, type ReactElement } from 'react';

/** The router in small, for component tests: what was gone to is kept, and parameters are given. */
export const gone: string[] = [];
let params: Record<string, string> = {};

/** What the address says of the screen under test; also forgets where was gone to before. */
export function at(given: Record<string, string> = {}): void {
  params = given;
  gone.length = 0;
}

const go = (href: string) => void gone.push(href);

export const Link = ({ href, children }: { href: string; children: ReactElement<object> }) =>
  cloneElement(children, { href } as object);
export const Slot = () => null;
export const Redirect = ({ href }: { href: string }) => {
  useEffect(() => go(href), [href]);
  return null;
};
export const useRouter = () => ({ navigate: go, replace: go, push: go, back: () => go('back') });
export const useLocalSearchParams = () => params;
export const useGlobalSearchParams = () => params;
export const usePathname = () => '/';
