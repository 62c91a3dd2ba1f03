import type { CommandEntry } from '../api';
import type { StandIn } from './notebook';

/** Takes the place of fetch; jsdom has neither the requests nor the addresses of a browser that the client needs. */
export function standIn(): StandIn {
  const server: StandIn = { answers: {}, bodies: [] };
  globalThis.fetch = async (input) => {
    const request = input as Request;
    const key = `${request.method} ${new URL(request.url).pathname}`;
    const body: unknown = request.method === 'GET' ? null : await request.json();
    if (body !== null) server.bodies.push(body as CommandEntry);
    const answer = server.answers[key];
    if (!answer) throw new TypeError(`${key} is away`);
    return answer(body);
  };
  const Plain = globalThis.Request;
  globalThis.Request = class extends Plain {
    constructor(address: RequestInfo | URL, init?: RequestInit) {
      const rest = { ...init };
      // jsdom's signals are not those of the fetch of Node.
      Reflect.deleteProperty(rest, 'signal');
      super(typeof address === 'string' ? new URL(address, 'http://notebook.example') : address, rest);
    }
  };
  return server;
}
