export type { Email, EmailFile, FromGateway, Handed, Text } from './handed';
export { closeCarriers, liveMail, liveMailbox, liveTexts, moveStandIn } from './live';
export { mailboxFault, readMailbox, type Place, type RawMail } from './mailbox';
