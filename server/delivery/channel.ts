import type { WorkCalendar } from '@/core/calendar';
import type { Channel as ConsentChannel } from '@/core/people';
import type { TouchKind } from '@/core/touches';

import type { DeliveryResult } from '../carriers';
import type { Context } from '../context';
import type { Sql } from '../db';
import { slot } from '../house';
import type { OwnerSettings } from '../settings';
import type { Content, DeliveryRow } from './row';
import type { Recipient } from './recipients';

/** A delivery with its rich words, as it goes out. */
export type Outgoing = DeliveryRow & { html: string };

/** What takes deliveries of a channel away, as it is set up now. */
export interface Carrier {
  /** How many it may take a minute and a day; null for any number. */
  perMinute: number | null;
  perDay: number | null;
  /** How many are handed over side by side. */
  concurrency: number;
  /** What it will call a delivery; noted before it is handed over. */
  refOf(deliveryId: string): string;
  send(delivery: Outgoing): Promise<DeliveryResult>;
}

/** What is the same for all deliveries that are looked at together. */
export interface SendContext {
  settings: OwnerSettings;
  calendar: WorkCalendar;
  /** Of each channel, what takes its deliveries; null where nothing is set up. */
  carriers: ReadonlyMap<string, Carrier | null>;
  /** What was worked out about times, which is the same for many. */
  memo: Map<string, number>;
}

/**
 * A way by which things leave. A subject declares its channels; the rest of the house asks this
 * interface and knows none by name.
 */
export interface Channel {
  /** Its name in the data and the API, such as "email". */
  name: string;
  nouns: { one: string; many: string };
  /** What a person must not have said no to. */
  consent: ConsentChannel;
  /** The kind of touch that a sent delivery counts as. */
  touch: TouchKind;
  /** Every address of a person that it could use, whether or not anything is still sent there. */
  allAddresses(recipient: Recipient): string[];
  /** Where a delivery goes, without suppressed addresses (in lower case); none where it can't go. */
  addresses(recipient: Recipient, suppressed: ReadonlyMap<string, string>): string[];
  /** Said where there is none: "No email address for Ana Lind." */
  noAddress(recipient: Recipient): string;
  /** Said where nothing is set up that takes it. */
  noCarrier: string;
  /** Which parts of what was written it has: an email has a subject, a text does not. */
  has: { subject: boolean; html: boolean; files: boolean };
  /** A last change to the words once they are filled in, such as saying who writes. */
  finish?(content: Content, context: SendContext): Content;
  /** The whole piece as a page to look at; empty where the words say it all. */
  preview(ctx: Context, context: SendContext, delivery: PreviewInput): string;
  /** Sends words to the owner, as a reader would get them. @throws Refusal where that can't be done */
  trial?(
    ctx: Context,
    context: SendContext,
    content: Content & { files: readonly string[] },
  ): Promise<{ result: DeliveryResult; to: string }>;
  /** What the owner writes to one person goes at once, even at night. */
  manualAtOnce: boolean;
  /** How many hours late it may go without asking again; null for the usual days. */
  lateHours: number | null;
  /** After a crash: the carrier knows a delivery that it had by its id, or the owner has to say. */
  afterCrash: 'send again' | 'ask';
  /** What takes its deliveries, or null where nothing is set up. */
  carrier(ctx: Context, sql: Sql): Promise<Carrier | null>;
  /** How an address that does not exist is repaired: a follow-up on the desk. */
  repair(why: string): { kind: TouchKind; words: string };
}

/** What a page to look at is made of; `id` stands in its links. */
export type PreviewInput = Pick<DeliveryRow, 'id' | 'automatic' | 'words'> & { html: string };

/** Channels by which deliveries leave. */
export const CHANNELS = slot<Channel>('channels');

/** @throws Error for a name that no subject declares: a mistake in the program or data of a newer one */
export function channelOf({ house }: Pick<Context, 'house'>, name: string): Channel {
  const found = house.of(CHANNELS).find((one) => one.name === name);
  if (!found) throw new Error(`There is no channel “${name}”.`);
  return found;
}

/** Whether a subject declares a channel of this name. */
export const isChannel = ({ house }: Pick<Context, 'house'>, name: string): boolean =>
  house.of(CHANNELS).some((one) => one.name === name);

/** What is missing from the declared channels, in sentences; checked at the start and by a test. */
export function channelFaults(channels: readonly Channel[]): string[] {
  const names = channels.map(({ name }) => name);
  const needed: (keyof Channel)[] = [
    'nouns',
    'consent',
    'touch',
    'allAddresses',
    'addresses',
    'noAddress',
    'noCarrier',
    'has',
    'preview',
    'afterCrash',
    'carrier',
    'repair',
  ];
  return [
    ...names
      .filter((name, at) => names.indexOf(name) !== at)
      .map((name) => `The channel ${name} is declared twice.`),
    ...channels.flatMap((channel) =>
      needed
        .filter((part) => !channel[part])
        .map((part) => `The channel ${channel.name} is declared without ${part}.`),
    ),
  ];
}
