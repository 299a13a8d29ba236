// `npm start`: set up, build if needed, serve.
import { build } from './build.mjs';
import { portFrom, serve } from './serve.mjs';

// A wrong port is told before a minute is spent on building.
const port = portFrom(process.env.PORT);
build();
await serve({ port });
