import { newServer } from '@/server/serve';

/** Everything under /api, with every method: what is not answered says so as JSON. */
const serve = newServer();

export { serve as DELETE, serve as GET, serve as HEAD, serve as OPTIONS, serve as PATCH, serve as POST, serve as PUT };
