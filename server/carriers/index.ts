export type { Email, EmailFile, FromGateway, DeliveryResult, Text } from './result';
export { closeCarriers, liveMail, liveMailbox, liveTexts, moveStandIn } from './live';
export { mailboxFault, readMailbox, type Place, type RawMail } from './mailbox';
