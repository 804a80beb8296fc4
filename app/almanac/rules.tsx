import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/almanac/rules-screen')).RulesScreen,
}));
