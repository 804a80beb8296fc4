export { ViewsScreen as default } from '@/client/people/views-screen';
