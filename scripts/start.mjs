// `npm start`: set up, build if needed, serve.
import { build } from './build.mjs';

build();
const { serve } = await import('./serve.mjs');
await serve({ port: Number(process.env.PORT ?? 4573) });
