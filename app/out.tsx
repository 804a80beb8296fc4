import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/desk/out-screen')).OutScreen,
}));
