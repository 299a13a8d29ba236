import { writeFileSync } from 'node:fs';
import { composeDemo } from '../demo/compose';
import { openArchive } from '../src/lib/core';
import { simulatedStock } from '../src/lib/server/market/stock';
const n = Number(process.argv[2] ?? 2000);
const demo = composeDemo(); const stock = simulatedStock(9, n);
const id = (i: number, k: string) => `${k}0000000-0000-4000-8000-${String(i).padStart(12, '0')}`;
demo.pieces.push(...stock.map((l, i) => ({ ...demo.pieces[0]!, id: id(i, '7'), name: l.title.slice(0, 100), parts: [{ id: id(i, '8'), name: '', garment: l.garment }], configurations: [] })));
const echoes = Number(process.argv[3] ?? 0);
for (let i = 0; i < echoes; i++) { const e = structuredClone(demo.echoes[i % 6]!); demo.echoes.push({ ...e, id: id(i, '9'), title: `${e.title} ${i}` }); }
const a = openArchive(demo.writtenOn); await a.addRecords(demo); writeFileSync('/tmp/big.zip', Buffer.from(await (await a.close()).arrayBuffer()));
