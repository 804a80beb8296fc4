import { createContext, useContext } from 'react';

import { plainDate, type DateOrder, type PlainDate } from '@/core/time';

const pad = (n: number) => String(n).padStart(2, '0');
/** The day of an instant where the page is looked at. */
export const dayOf = (at: Date) =>
  plainDate(`${at.getFullYear()}-${pad(at.getMonth() + 1)}-${pad(at.getDate())}`);

const TodayContext = createContext<PlainDate | null>(null);

/** Says to what is inside which day it is for the owner. */
export const TodayProvider = TodayContext.Provider;

/** The owner's day; that of this machine until theirs is known. */
export const useToday = (): PlainDate => useContext(TodayContext) ?? dayOf(new Date());

const OrderContext = createContext<DateOrder>('mdy');

/** Says to what is inside in which order the owner writes day and month. */
export const OrderProvider = OrderContext.Provider;

export const useDateOrder = (): DateOrder => useContext(OrderContext);
