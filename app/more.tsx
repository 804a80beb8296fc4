import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/more/more-screen')).MoreScreen,
}));
