export { ensureBatches, closeBatch, type NewBatch } from './batches';
export {
  cancelByKey,
  deliveriesByKey,
  moveByKey,
  rescheduleByKey,
  unsentBefore,
  waitingBy,
} from './by-key';
export {
  channelFaults,
  channelOf,
  CHANNELS,
  isChannel,
  type Carrier,
  type Channel,
  type Outgoing,
  type PreviewInput,
  type SendContext,
} from './channel';
export { recoverSending } from './claim';
export { filledHtml, htmlOf } from './content';
export { report, reportIn, type DeliveryEvent } from './events';
export { fillIn, renderDeliveries, type DeliveryRequest, type RenderedDelivery } from './make';
export { findDelivery, type ShownRow } from './outbox-queries';
export { looksOf } from './looks';
export { addDeliveries, queueDeliveries, wakeOutbox } from './queue';
export { readRecipients, type Recipient } from './recipients';
export type { Content, DeliveryRow } from './row';
export { hourThere, readSendContext } from './schedule';
export { sendDue, sendNow, sendSoon } from './send';
export { listSuppressed, suppressAddress, unsuppress } from './suppress';
export { cancelOf, countLost, queuedItems } from './table';
export { notify, TOUCH_BOOK, type SentDelivery, type TouchBook } from './touch-book';
