import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/lists/lists-screen')).ListsScreen,
}));
