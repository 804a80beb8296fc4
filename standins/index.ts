export { arrivedPage } from './arrived';
export { listService } from './list-service';
export { mailServer, type MailStandIn, type Rules } from './mail-server';
export { textGateway, type TextGateway } from './text-gateway';
