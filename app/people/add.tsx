export { AddScreen as default } from '@/client/people/add/add-screen';
