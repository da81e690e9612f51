import { refusal, route } from '@/server/http';

const nothing = () => refusal(404, 'There is nothing at this address.');

/** What is asked for under any other address: the answer is JSON here too. */
export const { GET, POST, PUT, PATCH, DELETE } = route({
  GET: nothing,
  POST: nothing,
  PUT: nothing,
  PATCH: nothing,
  DELETE: nothing,
});
