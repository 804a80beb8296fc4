export { listService } from './list-service';
