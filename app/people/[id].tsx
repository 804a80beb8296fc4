import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/sheets/sheet-screen')).SheetScreen,
}));
