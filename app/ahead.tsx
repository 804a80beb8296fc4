export { AheadScreen as default } from '@/client/planner/ahead-screen';
